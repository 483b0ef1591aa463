// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/screen/screen_portal.h"

#include "core/base/sentences.h"

#include <QDBusArgument>
#include <QFileInfo>
#include <QUrl>

#include <cmath>

namespace zc {
namespace {

constexpr auto kScreenshot = "org.freedesktop.portal.Screenshot";

Error nonsense() { return {ErrorCode::Unreadable, Sentence::ForeignAnswer, "portal"}; }

/// Three numbers from 0 to 1.
Result<Srgb> color_in(const QVariantMap& results) {
  const QVariant given = results.value(QStringLiteral("color"));
  if (!given.canConvert<QDBusArgument>()) return nonsense();
  const auto argument = qvariant_cast<QDBusArgument>(given);
  if (argument.currentSignature() != QLatin1String("(ddd)")) return nonsense();
  double numbers[3] = {-1, -1, -1};
  argument.beginStructure();
  for (double& n : numbers) argument >> n;
  argument.endStructure();
  for (const double n : numbers)
    if (!std::isfinite(n) || n < 0 || n > 1) return nonsense();
  return Srgb{numbers[0], numbers[1], numbers[2]};
}

Result<QString> file_in(const QVariantMap& results) {
  const QUrl url(results.value(QStringLiteral("uri")).toString());
  if (!url.isLocalFile() || !QFileInfo(url.toLocalFile()).isFile()) return nonsense();
  return url.toLocalFile();
}

} // namespace

ScreenPortal::ScreenPortal(QDBusConnection bus)
    : m_request(std::move(bus), {Sentence::NothingTaken, Sentence::ScreenHidden}) {}

void ScreenPortal::find(const std::function<void(bool)>& then) {
  m_request.find(QLatin1String(kScreenshot), then);
}

void ScreenPortal::pick_color(const std::function<void(const Result<Srgb>&)>& then) {
  m_request.ask(QLatin1String(kScreenshot), QStringLiteral("PickColor"), {QString()}, {},
                [then](const Result<QVariantMap>& results) {
                  then(results ? color_in(*results) : Result<Srgb>(results.error()));
                });
}

void ScreenPortal::take_picture(const std::function<void(const Result<QString>&)>& then) {
  m_request.ask(QLatin1String(kScreenshot), QStringLiteral("Screenshot"), {QString()},
                {{QStringLiteral("interactive"), true}}, [then](const Result<QVariantMap>& results) {
                  then(results ? file_in(*results) : Result<QString>(results.error()));
                });
}

} // namespace zc
