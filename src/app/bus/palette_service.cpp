// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bus/palette_service.h"

#include "core/color/text.h"
#include "core/piece/laying.h"
#include "core/wheel/color_words.h"
#include "io/bus/bus_names.h"
#include "io/exchange/css_color.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"

#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusInterface>
#include <QDBusMetaType>
#include <QDBusReply>
#include <QFileInfo>
#include <QUrl>

namespace zc {

static QDBusArgument& operator<<(QDBusArgument& out, const BusSwatch& s) {
  out.beginStructure();
  out << s.family << s.name << s.hex;
  out.endStructure();
  return out;
}
static const QDBusArgument& operator>>(const QDBusArgument& in, BusSwatch& s) {
  in.beginStructure();
  in >> s.family >> s.name >> s.hex;
  in.endStructure();
  return in;
}

namespace {

constexpr qsizetype kLongestColor = 200;

} // namespace

PaletteService::PaletteService(Studio& model, Picking& picking)
    : m_model(model), m_picks(picking), m_palette(new PaletteAdaptor(this)) {
  new ApplicationAdaptor(this);
  qDBusRegisterMetaType<BusSwatch>();
  qDBusRegisterMetaType<QList<BusSwatch>>();
  auto bus = QDBusConnection::sessionBus();
  m_listening = bus.isConnected() && bus.registerObject(QLatin1String(kBusObject), this) &&
                bus.registerService(QLatin1String(kBusName));
  if (!m_listening) return;
  connect(&model, &Studio::pickEnded, this, [this] {
    const Srgb color = m_model.session().color();
    emit m_palette->Picked(text(hex_of(color)), m_model.session().at.at.v, text(color_in_words(color)));
  });
  m_told = model.piece().sets;
  model.hear({Part::Sets}, this, &PaletteService::tell_sets);
}

PaletteService::~PaletteService() {
  if (!m_listening) return;
  auto bus = QDBusConnection::sessionBus();
  bus.unregisterObject(QLatin1String(kBusObject));
  bus.unregisterService(QLatin1String(kBusName));
}

void PaletteService::refuse(const QString& sentence) {
  if (calledFromDBus()) sendErrorReply(QLatin1String(kBadInputOnBus), sentence);
}

std::optional<Srgb> PaletteService::checked(const QString& color) {
  if (color.size() > kLongestColor) {
    refuse(tr("This text is too long for a color; give the color as #rrggbb."));
    return std::nullopt;
  }
  const auto read = typed_color(color.toStdString());
  if (!read) {
    refuse(words(read.error()));
    return std::nullopt;
  }
  if (read->moved) {
    refuse(tr("A display cannot show this color; give one that it can."));
    return std::nullopt;
  }
  return read->color;
}

void PaletteService::lay(Srgb color, const QString& name, const QString& family) {
  QString failure;
  const auto catching = connect(&m_model.store(), &PieceStore::failed, this,
                                [&failure](const QString& sentence) { failure = sentence; });
  m_model.store().apply(tr("Add swatch"), [&](Piece p) {
    return with_color_laid_as(std::move(p), {color, {}}, name.toStdString(), family.toStdString());
  });
  disconnect(catching);
  if (!failure.isEmpty()) refuse(failure);
}

QList<BusSwatch> PaletteService::swatches_of(const QString& set) {
  const auto& sets = m_model.piece().sets;
  const SwatchSet* found = current_set(m_model.piece());
  if (!set.isEmpty()) {
    const auto at =
        std::find_if(sets.begin(), sets.end(), [&set](const SwatchSet& s) { return text(s.name) == set; });
    found = at == sets.end() ? nullptr : &*at;
    if (!found) refuse(tr("The piece has no set \"%1\".").arg(set.left(100)));
  }
  QList<BusSwatch> out;
  if (!found) return out;
  for (const auto& family : found->families)
    for (const auto& s : family.swatches)
      out << BusSwatch{text(family.name), text(s.name), text(hex_of(s.color))};
  return out;
}

void PaletteService::tell_sets() {
  const auto before = std::exchange(m_told, m_model.piece().sets);
  for (const auto& set : m_told) {
    const auto same =
        std::find_if(before.begin(), before.end(), [&set](const SwatchSet& s) { return s.id == set.id; });
    if (same == before.end() || !(*same == set)) emit m_palette->SetChanged(text(set.name));
  }
}

QString PaletteAdaptor::Current(double& value, QString& name) {
  const Session& s = m_service.m_model.session();
  value = s.at.at.v;
  name = text(color_in_words(s.color()));
  return text(hex_of(s.color()));
}

void PaletteAdaptor::TakeUp(const QString& color) {
  if (const auto read = m_service.checked(color)) m_service.m_picks.use_color(*read);
}

void PaletteAdaptor::Lay(const QString& color, const QString& name, const QString& family) {
  if (const auto read = m_service.checked(color)) m_service.lay(*read, name, family);
}

QList<BusSwatch> PaletteAdaptor::Swatches(const QString& set) { return m_service.swatches_of(set); }

void ApplicationAdaptor::Activate(const QVariantMap& platform) {
  static_cast<void>(platform);
  emit m_service.called({});
}

void ApplicationAdaptor::Open(const QStringList& uris, const QVariantMap& platform) {
  static_cast<void>(platform);
  QStringList files;
  for (const QString& uri : uris)
    if (const QUrl url(uri); url.isLocalFile()) files << url.toLocalFile();
  emit m_service.called(files);
}

bool hand_to_running_window(const QStringList& files) {
  auto bus = QDBusConnection::sessionBus();
  if (!bus.isConnected() || !bus.interface()->isServiceRegistered(QLatin1String(kBusName))) return false;
  QStringList uris;
  for (const QString& file : files)
    uris << QUrl::fromLocalFile(QFileInfo(file).absoluteFilePath()).toString();
  QDBusInterface window(QLatin1String(kBusName), QLatin1String(kBusObject),
                        QLatin1String(kApplicationInterface), bus);
  return QDBusReply<void>(window.call(QStringLiteral("Open"), uris, QVariantMap())).isValid();
}

} // namespace zc
