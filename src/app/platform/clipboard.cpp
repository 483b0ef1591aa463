// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/platform/clipboard.h"

#include "core/base/text.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/piece/rules.h"
#include "io/exchange/exchange.h"
#include "io/shelf/set_shelf.h"

#include <QClipboard>
#include <QColor>
#include <QGuiApplication>
#include <QImage>
#include <QMimeData>
#include <QPointer>

#include <unordered_set>

namespace zc {
namespace {

const QString kSwatches = QStringLiteral("application/x-zonachrom-swatches");

std::vector<Swatch> swatches_in(const QMimeData& clip) {
  const QByteArray json = clip.data(kSwatches);
  const auto read = shelf_set_from_json({json.constData(), static_cast<std::size_t>(json.size())});
  std::vector<Swatch> out;
  if (!read) return out;
  for (const auto& family : read->set.families)
    out.insert(out.end(), family.swatches.begin(), family.swatches.end());
  return out;
}

Swatch named(Srgb color, const std::string& name) {
  Swatch s{0, color};
  s.name = shortened(name, kLongestName);
  return s;
}

/// What other programs put on the clipboard: a color of the toolkit, or the text of a palette.
std::vector<Swatch> colors_in(const QMimeData& clip) {
  std::vector<Swatch> out;
  if (clip.hasText()) {
    const QByteArray text = clip.text().toUtf8();
    const auto found = read_set_file(Bytes(text.begin(), text.end()), "clipboard");
    if (found)
      for (const auto& family : found->families)
        for (const auto& c : family.colors) out.push_back(named(c.color, c.name));
  }
  if (out.empty() && clip.hasColor()) {
    const auto color = qvariant_cast<QColor>(clip.colorData());
    out.push_back(named({color.redF(), color.greenF(), color.blueF()}, ""));
  }
  return out;
}

} // namespace

QMimeData* clip_of(const SwatchSet& set, const std::vector<Id>& swatches) {
  const std::unordered_set<Id> wanted(swatches.begin(), swatches.end());
  ShelfSet clip;
  clip.name = "clipboard";
  clip.set.id = 1;
  clip.set.name = clip.name;
  QString text;
  std::optional<Srgb> first;
  for (const auto& family : set.families) {
    Family part{family.id, family.name};
    for (const auto& s : family.swatches) {
      if (!wanted.contains(s.id)) continue;
      part.swatches.push_back(s);
      if (!first) first = s.color;
      text += QString::fromStdString(hex_of(s.color));
      text += swatches.size() > 1 ? QStringLiteral(" %1\n").arg(QString::fromStdString(s.name).simplified())
                                  : QString();
    }
    if (!part.swatches.empty()) clip.set.families.push_back(std::move(part));
  }
  auto* out = new QMimeData;
  out->setText(text);
  out->setData(kSwatches, QByteArray::fromStdString(shelf_set_to_json(clip)));
  if (first) out->setColorData(QColor::fromRgbF(float(first->r), float(first->g), float(first->b)));
  return out;
}

bool holds_swatches(const QMimeData& clip) { return clip.hasFormat(kSwatches); }

std::vector<Swatch> swatches_of(const QMimeData& clip) {
  auto swatches = swatches_in(clip);
  return swatches.empty() ? colors_in(clip) : swatches;
}

void put_on_clipboard(QMimeData* clip) {
  // On Wayland the toolkit forgets what lay there before without freeing it; elsewhere it is gone by then.
  static QPointer<QMimeData> before;
  QClipboard& clipboard = *QGuiApplication::clipboard();
  clipboard.setMimeData(clip);
  if (clipboard.mimeData() != clip) return; // Not taken: what lay there is still offered.
  delete before;
  before = clip;
}

void put_on_clipboard(const QString& words) {
  auto* clip = new QMimeData;
  clip->setText(words);
  put_on_clipboard(clip);
}

void put_on_clipboard(const QImage& picture) {
  auto* clip = new QMimeData;
  clip->setImageData(picture);
  put_on_clipboard(clip);
}

} // namespace zc
