// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bus/palette_service.h"

#include "app/platform/unfinished.h"
#include "core/color/css_color.h"
#include "core/color/text.h"
#include "core/mask/measured_outlines.h"
#include "core/mask/outside.h"
#include "core/piece/laying.h"
#include "core/wheel/color_words.h"
#include "io/bus/bus_names.h"
#include "model/i18n/text.h"
#include "model/session/picking.h"
#include "model/session/studio.h"
#include "model/watch/watch_model.h"

#include <QApplication>
#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusConnectionInterface>
#include <QDBusInterface>
#include <QDBusMetaType>
#include <QDBusReply>
#include <QDBusServiceWatcher>
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

static QDBusArgument& operator<<(QDBusArgument& out, const BusPoint& p) {
  out.beginStructure();
  out << p.hue << p.saturation;
  out.endStructure();
  return out;
}
static const QDBusArgument& operator>>(const QDBusArgument& in, BusPoint& p) {
  in.beginStructure();
  in >> p.hue >> p.saturation;
  in.endStructure();
  return in;
}

namespace {

constexpr qsizetype kLongestColor = 200;
/// Milliseconds: a window that hangs keeps no other one from coming.
constexpr int kPatienceForWindow = 5000;

} // namespace

PaletteService::PaletteService(Studio& model, Picking& picking, WatchModel& watch,
                               std::function<bool()> occupied)
    : m_model(model), m_picks(picking), m_watch(watch), m_palette(new PaletteAdaptor(this)),
      m_occupied(std::move(occupied)) {
  new ApplicationAdaptor(this);
  qDBusRegisterMetaType<BusSwatch>();
  qDBusRegisterMetaType<QList<BusSwatch>>();
  qDBusRegisterMetaType<BusPoint>();
  qDBusRegisterMetaType<QList<BusPoint>>();
  qDBusRegisterMetaType<BusNumbers>();
  qRegisterMetaType<BusNumbers>("zc::BusNumbers"); // Signals are relayed by the name of their types.
  auto bus = QDBusConnection::sessionBus();
  if (!bus.isConnected() || !bus.registerObject(QLatin1String(kBusObject), this)) return;
  listen();
  // The window that was spoken to may go.
  auto* watcher = new QDBusServiceWatcher(QLatin1String(kBusName), bus,
                                          QDBusServiceWatcher::WatchForUnregistration, this);
  connect(watcher, &QDBusServiceWatcher::serviceUnregistered, this, &PaletteService::listen);
  connect(&model, &Studio::pickEnded, this, [this] {
    const Srgb color = m_model.session().color();
    emit m_palette->Picked(text(hex_of(color)), m_model.session().at.at.v, text(color_in_words(color)));
    tell_properties();
  });
  const auto tell_watched = [this] { emit m_palette->WatchedChanged(watched()); };
  connect(&watch, &WatchModel::changed, this, tell_watched);
  connect(&model, &Studio::startedAnew, this, tell_watched);
  m_told = model.piece().sets;
  model.hear({Part::Sets}, this, &PaletteService::tell_sets);
  connect(&model, &Studio::startedAnew, this, &PaletteService::tell_properties);
  tell_properties();
}

void PaletteService::listen() {
  m_listening = m_listening || QDBusConnection::sessionBus().registerService(QLatin1String(kBusName));
}

void PaletteService::tell_properties() {
  QVariantMap now;
  for (const char* name : {"Color", "Value", "Name", "Set", "Sets"})
    now.insert(QLatin1String(name), m_palette->property(name));
  QVariantMap changed;
  for (auto at = now.begin(); at != now.end(); ++at)
    if (m_properties.value(at.key()) != at.value()) changed.insert(at.key(), at.value());
  m_properties = now;
  if (changed.isEmpty() || !m_listening) return;
  auto told =
      QDBusMessage::createSignal(QLatin1String(kBusObject), QStringLiteral("org.freedesktop.DBus.Properties"),
                                 QStringLiteral("PropertiesChanged"));
  told << QLatin1String(kPaletteInterface) << changed << QStringList();
  QDBusConnection::sessionBus().send(told);
}

PaletteService::~PaletteService() {
  auto bus = QDBusConnection::sessionBus();
  bus.unregisterObject(QLatin1String(kBusObject));
  if (m_listening) bus.unregisterService(QLatin1String(kBusName));
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
  // Also one that is gone.
  for (const auto& set : before)
    if (std::none_of(m_told.begin(), m_told.end(), [&set](const SwatchSet& s) { return s.id == set.id; }))
      emit m_palette->SetChanged(text(set.name));
  tell_properties();
}

bool PaletteService::hands_free() {
  QString why;
  if (hands_are_busy())
    why = tr("Zonachrom is in the middle of a dialog, a menu or a drag; finish that first.");
  if (why.isEmpty() && m_occupied()) why = tr("Zonachrom is opening or saving a piece; try again.");
  if (why.isEmpty()) return true;
  if (calledFromDBus()) sendErrorReply(QLatin1String(kBusyOnBus), why);
  return false;
}

bool PaletteService::inside(Srgb color, QString& nearest) {
  nearest = text(hex_of(color));
  const MaskRegion* region = m_model.region();
  if (!region) return true;
  if (region->empty()) {
    refuse(tr("The mask encloses nothing."));
    return false;
  }
  const WheelPoint at = m_model.wheel().locate(color);
  if (outside_by(m_model.wheel(), *region, color, at) < m_model.piece().grading.outside) return true;
  const WheelPoint held = wheel_point(*region->nearest(disc_point(at)), at.v, Angle(at.a));
  nearest = text(hex_of(m_model.wheel().nearest_existing(held).color));
  return false;
}

QList<BusPoint> PaletteService::mask_in(const QString& measure) {
  const auto found = std::find_if(std::begin(kMeasureWords), std::end(kMeasureWords),
                                  [&](const auto& w) { return measure == QString::fromUtf8(w.word); });
  if (found == std::end(kMeasureWords)) {
    QStringList all;
    for (const auto& w : kMeasureWords) all << QString::fromUtf8(w.word);
    refuse(tr("There is no measure \"%1\"; give one of %2.")
               .arg(measure.left(100), all.join(QLatin1String(", "))));
    return {};
  }
  QList<BusPoint> out;
  if (const zc::Mask* mask = mask_in_use(m_model.piece()))
    for (const auto& outline : measured_outlines(*mask, m_model.wheel(), found->value))
      for (const MeasuredPoint& p : outline) out << BusPoint{p.hue, p.saturation};
  return out;
}

/// Shares from 0 to 1; nothing while no canvas is watched or seen.
BusNumbers PaletteService::watched() const {
  const SeenCanvas* seen = m_watch.seen();
  if (!seen) return {};
  const CanvasCheck& check = seen->check;
  return {{QStringLiteral("light"), check.shares.all.light},
          {QStringLiteral("middle"), check.shares.all.middle},
          {QStringLiteral("dark"), check.shares.all.dark},
          {QStringLiteral("outside"), sum(check.shares.outside)},
          {QStringLiteral("outsideMean"), check.outside_mean},
          {QStringLiteral("far"), sum(check.shares.far)},
          {QStringLiteral("unused"), static_cast<double>(check.unused)},
          {QStringLiteral("seen"), m_watch.hidden().isEmpty() ? 1.0 : 0.0}};
}

QString PaletteAdaptor::color() const { return text(hex_of(m_service.m_model.session().color())); }
double PaletteAdaptor::value() const { return m_service.m_model.session().at.at.v; }
QString PaletteAdaptor::name() const { return text(color_in_words(m_service.m_model.session().color())); }
QString PaletteAdaptor::set() const {
  const SwatchSet* set = current_set(m_service.m_model.piece());
  return set ? text(set->name) : QString();
}
QStringList PaletteAdaptor::sets() const {
  QStringList out;
  for (const SwatchSet& set : m_service.m_model.piece().sets) out << text(set.name);
  return out;
}

QString PaletteAdaptor::Current(double& value, QString& name) {
  value = this->value();
  name = this->name();
  return color();
}

void PaletteAdaptor::TakeUp(const QString& color) {
  if (const auto read = m_service.checked(color); read && m_service.hands_free())
    m_service.m_picks.use_color(*read);
}

void PaletteAdaptor::Lay(const QString& color, const QString& name, const QString& family) {
  if (const auto read = m_service.checked(color); read && m_service.hands_free())
    m_service.lay(*read, name, family);
}

QList<BusSwatch> PaletteAdaptor::Swatches(const QString& set) { return m_service.swatches_of(set); }

void PaletteAdaptor::Show(const QString& shape) {
  if (!shape.isEmpty() && shape != QLatin1String("column") && shape != QLatin1String("strip"))
    return m_service.refuse(
        PaletteService::tr("There is no shape \"%1\"; give column, strip or nothing.").arg(shape.left(100)));
  if (m_service.hands_free()) emit m_service.companionCalled(shape);
}
void PaletteAdaptor::Hide() {
  if (m_service.hands_free()) emit m_service.companionSentAway();
}
void PaletteAdaptor::Toggle() {
  if (m_service.hands_free()) emit m_service.companionSwitched();
}

bool PaletteAdaptor::Inside(const QString& color, QString& nearest) {
  const auto read = m_service.checked(color);
  return read && m_service.inside(*read, nearest);
}

QList<BusPoint> PaletteAdaptor::Mask(const QString& measure) { return m_service.mask_in(measure); }
BusNumbers PaletteAdaptor::Watched() { return m_service.watched(); }

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
  window.setTimeout(kPatienceForWindow);
  return QDBusReply<void>(window.call(QStringLiteral("Open"), uris, QVariantMap())).isValid();
}

bool call_companion_of_running_window(const QString& shape) {
  auto bus = QDBusConnection::sessionBus();
  if (!bus.isConnected() || !bus.interface()->isServiceRegistered(QLatin1String(kBusName))) return false;
  QDBusInterface window(QLatin1String(kBusName), QLatin1String(kBusObject), QLatin1String(kPaletteInterface),
                        bus);
  window.setTimeout(kPatienceForWindow);
  return QDBusReply<void>(window.call(QStringLiteral("Show"), shape)).isValid();
}

} // namespace zc
