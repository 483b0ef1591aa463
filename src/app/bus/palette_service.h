// SPDX-License-Identifier: GPL-3.0-or-later
// The running window on the session bus: other programs ask for the current color, take one up, lay one, read
// a set or the mask, call the companion, and hear of every pick and of the watched canvas. What comes over
// the bus is checked like a file.
#pragma once

#include "model/session/studio.h"

#include <QDBusAbstractAdaptor>
#include <QDBusContext>
#include <QList>
#include <QMap>
#include <QObject>
#include <QStringList>
#include <QVariantMap>

#include <functional>

namespace zc {

class Picking;
class WatchModel;

struct BusSwatch {
  QString family, name, hex;
};

/// A point of a mask: the measure's own hue in degrees, and saturation.
struct BusPoint {
  double hue = 0, saturation = 0;
};

/// a{sd}
using BusNumbers = QMap<QString, double>;

class PaletteAdaptor;

class PaletteService final : public QObject, protected QDBusContext {
  Q_OBJECT
public:
  /// `occupied` tells whether a piece is being opened or saved.
  PaletteService(Studio& model, Picking& picking, WatchModel& watch, std::function<bool()> occupied);
  ~PaletteService() override;
  /// False where there is no bus, or while another window is spoken to; when that goes, this one is.
  [[nodiscard]] bool listening() const { return m_listening; }

signals:
  /// Another start of the program has files to open, or none: the window is wanted.
  void called(const QStringList& files);
  /// The companion is wanted at the pointer, in this shape ("column", "strip" or empty for that of last
  /// time); or away, or the other of both.
  void companionCalled(const QString& shape);
  void companionSentAway();
  void companionSwitched();

private:
  friend class PaletteAdaptor;
  /// Answers the call with an error of one sentence.
  void refuse(const QString& sentence);
  /// Nothing, and refused, for what is no color of a display.
  [[nodiscard]] std::optional<Srgb> checked(const QString& color);
  void lay(Srgb color, const QString& name, const QString& family);
  [[nodiscard]] QList<BusSwatch> swatches_of(const QString& set);
  void listen();
  void tell_sets();
  /// The properties that are others than when they were told last.
  void tell_properties();
  /// False, and refused, while a question, a menu or a drag has the hands, or a piece is about to go.
  [[nodiscard]] bool hands_free();
  [[nodiscard]] bool inside(Srgb color, QString& nearest);
  [[nodiscard]] QList<BusPoint> mask_in(const QString& measure);
  [[nodiscard]] BusNumbers watched() const;
  Studio& m_model;
  Picking& m_picks;
  WatchModel& m_watch;
  PaletteAdaptor* m_palette;
  std::function<bool()> m_occupied;
  List<SwatchSet> m_told;
  QVariantMap m_properties; ///< As they were told.
  bool m_listening = false;
};

/// The interface as it is seen on the bus: names and order of arguments are the bus's.
class PaletteAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.zonachrom.Palette1")
  // As in packaging/org.zonachrom.Palette1.xml, which a test compares it with.
  // clang-format off
  Q_CLASSINFO("D-Bus Introspection",
              "<interface name='org.zonachrom.Palette1'>"
              "<property name='Color' type='s' access='read'/>"
              "<property name='Value' type='d' access='read'/>"
              "<property name='Name' type='s' access='read'/>"
              "<property name='Set' type='s' access='read'/>"
              "<property name='Sets' type='as' access='read'/>"
              "<method name='Current'>"
              "<arg name='hex' type='s' direction='out'/>"
              "<arg name='value' type='d' direction='out'/>"
              "<arg name='name' type='s' direction='out'/>"
              "</method>"
              "<method name='TakeUp'>"
              "<arg name='color' type='s' direction='in'/>"
              "</method>"
              "<method name='Lay'>"
              "<arg name='color' type='s' direction='in'/>"
              "<arg name='name' type='s' direction='in'/>"
              "<arg name='family' type='s' direction='in'/>"
              "</method>"
              "<method name='Swatches'>"
              "<arg name='set' type='s' direction='in'/>"
              "<arg name='swatches' type='a(sss)' direction='out'/>"
              "</method>"
              "<method name='Show'>"
              "<arg name='shape' type='s' direction='in'/>"
              "</method>"
              "<method name='Hide'/>"
              "<method name='Toggle'/>"
              "<method name='Inside'>"
              "<arg name='color' type='s' direction='in'/>"
              "<arg name='inside' type='b' direction='out'/>"
              "<arg name='nearest' type='s' direction='out'/>"
              "</method>"
              "<method name='Mask'>"
              "<arg name='measure' type='s' direction='in'/>"
              "<arg name='points' type='a(dd)' direction='out'/>"
              "</method>"
              "<method name='Watched'>"
              "<arg name='shares' type='a{sd}' direction='out'/>"
              "</method>"
              "<signal name='Picked'>"
              "<arg name='hex' type='s'/>"
              "<arg name='value' type='d'/>"
              "<arg name='name' type='s'/>"
              "</signal>"
              "<signal name='SetChanged'>"
              "<arg name='set' type='s'/>"
              "</signal>"
              "<signal name='WatchedChanged'>"
              "<arg name='shares' type='a{sd}'/>"
              "</signal>"
              "</interface>")
  // clang-format on
  Q_PROPERTY(QString Color READ color)
  Q_PROPERTY(double Value READ value)
  Q_PROPERTY(QString Name READ name)
  Q_PROPERTY(QString Set READ set)
  Q_PROPERTY(QStringList Sets READ sets)
public:
  explicit PaletteAdaptor(PaletteService* service) : QDBusAbstractAdaptor(service), m_service(*service) {}

  [[nodiscard]] QString color() const;
  [[nodiscard]] double value() const;
  [[nodiscard]] QString name() const;
  [[nodiscard]] QString set() const;
  [[nodiscard]] QStringList sets() const;

  Q_SLOT QString Current(double& value, QString& name);
  Q_SLOT void TakeUp(const QString& color);
  Q_SLOT void Lay(const QString& color, const QString& name, const QString& family);
  Q_SLOT QList<zc::BusSwatch> Swatches(const QString& set);
  Q_SLOT void Show(const QString& shape);
  Q_SLOT void Hide();
  Q_SLOT void Toggle();
  Q_SLOT bool Inside(const QString& color, QString& nearest);
  Q_SLOT QList<zc::BusPoint> Mask(const QString& measure);
  Q_SLOT zc::BusNumbers Watched();

signals:
  void Picked(const QString& hex, double value, const QString& name);
  void SetChanged(const QString& set);
  void WatchedChanged(const zc::BusNumbers& shares);

private:
  PaletteService& m_service;
};

/// What the desktop sends to a program that runs already.
class ApplicationAdaptor final : public QDBusAbstractAdaptor {
  Q_OBJECT
  Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Application")
public:
  explicit ApplicationAdaptor(PaletteService* service) : QDBusAbstractAdaptor(service), m_service(*service) {}

  Q_SLOT void Activate(const QVariantMap& platform);
  Q_SLOT void Open(const QStringList& uris, const QVariantMap& platform);

private:
  PaletteService& m_service;
};

/// Gives files to the window that runs; false when none takes them.
[[nodiscard]] bool hand_to_running_window(const QStringList& files);
/// Has the window that runs show its companion at the pointer; false when none runs.
[[nodiscard]] bool call_companion_of_running_window(const QString& shape);

} // namespace zc

Q_DECLARE_METATYPE(zc::BusSwatch)
Q_DECLARE_METATYPE(zc::BusPoint)
