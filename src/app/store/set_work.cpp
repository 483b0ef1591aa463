#include "app/store/set_work.h"

#include "app/store/workbench.h"
#include "core/color/convert.h"
#include "core/color/text.h"
#include "core/wheel/color_words.h"
#include "io/exchange/exchange.h"
#include "io/shelf/set_shelf.h"

#include <QApplication>
#include <QClipboard>
#include <QColor>
#include <QKeyEvent>
#include <QMimeData>

#include <algorithm>

namespace zc {
namespace {

const QString kSwatches = QStringLiteral("application/x-zonachrom-swatches");

template <class F> void each_swatch(const Piece& piece, F f) {
  const SwatchSet* set = current_set(piece);
  if (!set) return;
  for (const auto& family : set->families)
    for (const auto& swatch : family.swatches) f(swatch);
}

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

SetWork::SetWork(Workbench& bench) : m_bench(bench) {
  connect(&bench, &Workbench::pieceChanged, this, &SetWork::follow);
}

void SetWork::start_over() {
  m_adjustment = {};
  m_left_out.clear();
  select({});
  emit comparisonChanged();
}

void SetWork::follow() {
  m_report.reset();
  m_counts.reset();
  std::vector<Id> still;
  each_swatch(m_bench.piece(), [&](const Swatch& s) {
    if (m_selected.contains(s.id)) still.push_back(s.id);
  });
  m_selected = {still.begin(), still.end()};
  const bool fewer = still != m_selection;
  m_selection = std::move(still);
  renew_preview();
  if (fewer) emit selectionChanged();
}

// ---------------------------------------------------------------- selection

void SetWork::select(const std::vector<Id>& swatches) {
  m_selected = {swatches.begin(), swatches.end()};
  m_selection.clear();
  each_swatch(m_bench.piece(), [&](const Swatch& s) {
    if (m_selected.contains(s.id)) m_selection.push_back(s.id);
  });
  m_bench.focus_swatch(swatches.empty() ? 0 : swatches.back());
  renew_preview();
  emit selectionChanged();
}

void SetWork::toggle(Id swatch) {
  std::vector<Id> next = m_selection;
  if (std::erase(next, swatch) == 0) next.push_back(swatch);
  select(next);
}

void SetWork::extend_to(Id swatch) {
  std::vector<Id> order;
  each_swatch(m_bench.piece(), [&](const Swatch& s) { order.push_back(s.id); });
  const auto from = std::find(order.begin(), order.end(), m_bench.session().swatch);
  const auto to = std::find(order.begin(), order.end(), swatch);
  if (from == order.end() || to == order.end()) return select({swatch});
  std::vector<Id> next(std::min(from, to), std::max(from, to) + 1);
  // The one it began with stays the one that keys work on.
  std::rotate(next.begin(), std::find(next.begin(), next.end(), *from) + 1, next.end());
  select(next);
}

void SetWork::select_all() {
  std::vector<Id> all;
  each_swatch(m_bench.piece(), [&](const Swatch& s) { all.push_back(s.id); });
  select(all);
}

void SetWork::select_band(Band band) {
  std::vector<Id> all;
  each_swatch(m_bench.piece(), [&](const Swatch& s) {
    if (band_of(value_of(s.color), m_bench.piece().bands) == band) all.push_back(s.id);
  });
  select(all);
}

void SetWork::select_near_duplicates() {
  std::vector<Id> all;
  for (const auto& p : report().near_duplicates) all.insert(all.end(), {p.a, p.b});
  select(all);
  if (all.empty()) emit m_bench.notice(tr("There are no near-duplicates in this set."));
}

void SetWork::click(Id swatch, Qt::KeyboardModifiers modifiers) {
  if (modifiers & Qt::ShiftModifier) return extend_to(swatch);
  if (modifiers & Qt::ControlModifier) return toggle(swatch);
  const Swatch* s = find_swatch(m_bench.piece(), swatch);
  if (!s) return;
  const Swatch chosen = *s;
  m_bench.select_swatch(swatch);
  m_bench.take_up(chosen.color, chosen.picked);
}

bool SetWork::takes_key(const QKeyEvent& event) {
  switch (event.key()) {
  case Qt::Key_Delete:
  case Qt::Key_Backspace:
    remove();
    return true;
  case Qt::Key_Escape:
    m_bench.select_swatch(0);
    return true;
  case Qt::Key_Return:
  case Qt::Key_Enter:
    if (const Swatch* s = find_swatch(m_bench.piece(), m_bench.session().swatch))
      m_bench.take_up(s->color, s->picked);
    return true;
  default:
    return false;
  }
}

// ---------------------------------------------------------------- commands

bool SetWork::name_swatch(Id swatch, const QString& name) {
  return m_bench.store().apply(tr("Rename swatch"), [&](Piece p) {
    return with_swatch_named(std::move(p), swatch, name.toStdString());
  });
}

bool SetWork::name_family(Id family, const QString& name) {
  return m_bench.store().apply(tr("Rename family"), [&](Piece p) {
    return with_family_named(std::move(p), family, name.toStdString());
  });
}

bool SetWork::nothing_selected() {
  if (!m_selection.empty()) return false;
  emit m_bench.notice(tr("Select swatches first: click one, or drag a box around several."));
  return true;
}

void SetWork::remove() {
  if (m_selection.empty()) return;
  const auto ids = m_selection;
  const QString name = ids.size() == 1 ? tr("Delete swatch") : tr("Delete %1 swatches").arg(ids.size());
  m_bench.store().apply(name, [&](Piece p) { return without_swatches(std::move(p), ids); });
}

void SetWork::duplicate() {
  if (nothing_selected()) return;
  m_bench.store().apply(tr("Duplicate swatches"),
                        [this](Piece p) { return with_swatches_duplicated(std::move(p), m_selection); });
}

void SetWork::replace_by_current() {
  if (nothing_selected()) return;
  const Session& s = m_bench.session();
  m_bench.store().apply(tr("Replace by current color"), [&](Piece p) {
    return with_swatches_colored(std::move(p), m_selection, {s.color, s.at, s.origin});
  });
}

void SetWork::switch_lock() {
  if (nothing_selected()) return;
  const bool all = std::all_of(m_selection.begin(), m_selection.end(),
                               [this](Id id) { return find_swatch(m_bench.piece(), id)->locked; });
  m_bench.store().apply(all ? tr("Unlock") : tr("Lock"), [&, ids = m_selection](Piece p) {
    return with_swatches_locked(std::move(p), ids, !all);
  });
}

void SetWork::switch_used() {
  if (nothing_selected()) return;
  const bool all = std::all_of(m_selection.begin(), m_selection.end(),
                               [this](Id id) { return find_swatch(m_bench.piece(), id)->used; });
  m_bench.store().apply(all ? tr("Mark unused") : tr("Mark used"), [&, ids = m_selection](Piece p) {
    return with_swatches_used(std::move(p), ids, !all);
  });
}

void SetWork::move_to(Id family, std::optional<int> place) {
  if (m_selection.empty()) return;
  const auto ids = m_selection;
  const QString name = ids.size() == 1 ? tr("Move swatch") : tr("Move %1 swatches").arg(ids.size());
  const bool held = m_bench.store().apply(
      name, [&](Piece p) { return with_swatches_moved(std::move(p), ids, family, place); });
  if (held) m_bench.select_family(family);
}

void SetWork::split_off() {
  if (nothing_selected()) return;
  m_bench.store().apply(tr("Split family"),
                        [this](Piece p) { return with_family_split(std::move(p), m_selection); });
}

QMimeData* SetWork::clip_of(const std::vector<Id>& swatches) const {
  const std::unordered_set<Id> wanted(swatches.begin(), swatches.end());
  ShelfSet clip;
  clip.name = "clipboard";
  clip.set.id = 1;
  clip.set.name = clip.name;
  QString text;
  std::optional<Srgb> first;
  const SwatchSet* set = current_set(m_bench.piece());
  if (!set) return new QMimeData;
  for (const auto& family : set->families) {
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

void SetWork::copy() const {
  if (!m_selection.empty()) QApplication::clipboard()->setMimeData(clip_of(m_selection));
}

void SetWork::cut() {
  if (nothing_selected()) return;
  copy();
  const auto ids = m_selection;
  m_bench.store().apply(tr("Cut swatches"), [&](Piece p) { return without_swatches(std::move(p), ids); });
}

bool SetWork::paste(const QMimeData& clip) {
  auto swatches = swatches_in(clip);
  if (swatches.empty()) swatches = colors_in(clip);
  if (swatches.empty()) return false;
  for (auto& s : swatches)
    if (s.name.empty()) s.name = color_in_words(s.color);
  const bool first = m_bench.session().family == 0;
  const bool held =
      m_bench.store().apply(tr("Paste %1 swatches").arg(swatches.size()), [&](Piece p) -> Result<Piece> {
        Id family = m_bench.session().family;
        if (first) {
          auto made = with_family(std::move(p), "Family 1");
          if (!made) return made;
          p = std::move(made).value();
          family = current_set(p)->families.back().id;
        }
        return with_swatches_pasted(std::move(p), family, swatches);
      });
  if (!held) return true;
  std::vector<Id> pasted;
  const Family* home = find_family(m_bench.piece(), m_bench.session().family);
  for (std::size_t i = home->swatches.size() - swatches.size(); i < home->swatches.size(); ++i)
    pasted.push_back(home->swatches[i].id);
  select(pasted);
  return true;
}

// ---------------------------------------------------------------- grading and adjusting

const GradingReport& SetWork::report() {
  const SwatchSet* set = current_set(m_bench.piece());
  if (!m_report)
    m_report =
        set ? grade(*set, m_bench.piece().bands, m_bench.piece().grading, m_bench.wheel(), m_bench.region())
            : GradingReport{};
  return *m_report;
}

const BandCounts& SetWork::counts() {
  const SwatchSet* set = current_set(m_bench.piece());
  if (!m_counts) m_counts = set ? band_counts(*set, m_bench.piece().bands) : BandCounts{};
  return *m_counts;
}

void SetWork::try_out(const Adjustment& adjustment) {
  m_adjustment = adjustment;
  renew_preview();
}

void SetWork::renew_preview() {
  const bool was = !m_preview.empty();
  m_preview.clear();
  const SwatchSet* set = current_set(m_bench.piece());
  if (set && m_adjustment.changes())
    for (auto& a : adjust_preview(*set, m_selection, m_adjustment, m_bench.wheel()))
      m_preview.emplace(a.swatch, a);
  if (was || !m_preview.empty()) emit previewChanged();
}

Srgb SetWork::shown(const Swatch& swatch) const {
  if (m_preview.empty()) return swatch.color;
  const auto at = m_preview.find(swatch.id);
  return at == m_preview.end() ? swatch.color : at->second.color;
}

void SetWork::take_adjustment() {
  const Adjustment taken = m_adjustment;
  if (!taken.changes()) return;
  m_adjustment = {};
  const auto ids = m_selection;
  const Id set = m_bench.piece().current_set;
  const bool held = m_bench.store().apply(tr("Adjust %1 swatches").arg(m_preview.size()), [&](Piece p) {
    return with_adjusted(std::move(p), set, ids, taken);
  });
  if (!held) m_adjustment = taken;
  renew_preview();
  emit previewChanged();
}

// ---------------------------------------------------------------- versions

void SetWork::compare(Id version, bool shown) {
  if (shown)
    m_left_out.erase(version);
  else
    m_left_out.insert(version);
  emit comparisonChanged();
}

} // namespace zc
