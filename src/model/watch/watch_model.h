// SPDX-License-Identifier: GPL-3.0-or-later
// The canvas on the screen while it is painted: measured against the plan whenever it has changed. Nothing of
// it is stored; of its pictures only the last is known.
#pragma once

#include "core/mix/way_back.h"
#include "core/try/canvas.h"
#include "model/derived/derived.h"
#include "model/study/try_model.h"
#include "model/watch/canvas_source.h"

#include <QPointer>

namespace zc {

/// What was seen last, and how it stands to the plan.
struct SeenCanvas {
  QImage picture; ///< Small, in colors of the piece.
  CanvasCheck check;
  std::vector<Id> swatches;                ///< Whose the used shares of the check are.
  std::shared_ptr<const Photo> whole = {}; ///< In colors of the piece; only while it is tried.
  QImage raw, told;                        ///< As the monitor was told it: the part, and small.
  [[nodiscard]] std::optional<double> used(Id swatch) const;
};

class WatchModel final : public QObject, private OfDocument {
  Q_OBJECT
public:
  /// The longer side of the picture that is measured, in pixels.
  static constexpr int kSide = 400;

  WatchModel(Studio& studio, PhotoModel& reader, TryModel& tries);
  ~WatchModel() override;

  /// From now on this one is watched, and no other.
  void begin(std::unique_ptr<CanvasSource> source);
  void end();
  [[nodiscard]] bool on() const { return m_source != nullptr; }
  /// Whether somebody sees what is found out: without, no pictures are asked for.
  void look(const QObject* who, bool looks);
  /// Why the part cannot be seen, or empty.
  [[nodiscard]] const QString& hidden() const { return m_hidden; }
  /// Null until there is a picture.
  [[nodiscard]] const SeenCanvas* seen() const { return m_on_screen ? &*m_on_screen : nullptr; }
  /// The part as a whole, as it was seen last, in colors of the piece; null before.
  [[nodiscard]] QImage whole() const;
  /// Strays in a picture that steps back else, only the one that is pointed at where there is one.
  [[nodiscard]] QImage strays_picture(Srgb8 ground) const;
  /// What it is now becomes a reference of the piece.
  void keep_moment();

  /// The stray that hands are at: pointed at for now, or chosen for longer. Both go when the strays change
  /// into others.
  [[nodiscard]] std::optional<std::size_t> pointed() const { return m_pointed ? m_pointed : chosen(); }
  void point(std::optional<std::size_t> stray);
  [[nodiscard]] std::optional<std::size_t> chosen() const;
  void choose(std::optional<std::size_t> stray);
  /// The way back for the chosen stray; null for none, and while it is being sought, which changed() tells
  /// the end of.
  [[nodiscard]] const Result<WayBack>* way();
  /// The swatches that the places of a way mean.
  [[nodiscard]] const Swatch* swatch_of(std::size_t place) const;
  [[nodiscard]] MixAs mixes_as() const { return m_mixes_as; }
  void mix_as(MixAs as);

signals:
  void changed();
  /// Another part is watched from now on.
  void begun();
  /// What is pointed at or chosen.
  void pointedChanged();

private:
  void forget() override;
  void drop();
  struct Plan {
    std::vector<Srgb> colors;
    std::vector<Id> swatches;
    std::shared_ptr<const MaskMapper> mask;
    CanvasSpec spec;
    bool operator==(const Plan&) const = default;
  };
  [[nodiscard]] Plan plan_of_now() const;
  void follow_plan();
  void follow_looks();
  void take(const QImage& picture);
  void measure();
  void follow_checker();
  void take_measured(SeenCanvas seen);

  struct WayKey {
    Srgb stray;
    std::vector<Srgb> set;
    MixAs as;
    WheelSpec wheel;
    std::optional<Mask> mask;
    double outside;
    bool operator==(const WayKey&) const = default;
  };

  Studio& m_studio;
  PhotoModel& m_reader;
  TryModel& m_tries;
  std::unique_ptr<CanvasSource> m_source;
  std::vector<const QObject*> m_lookers;
  QString m_hidden;
  QImage m_raw; ///< As the monitor was told it.
  std::shared_ptr<const DisplayProfile> m_monitor;
  Plan m_plan;
  std::optional<CanvasChecker> m_checker; ///< Of that plan.
  std::optional<SeenCanvas> m_on_screen;
  bool m_waiting = false; ///< Another picture came while one is being measured.
  Task<std::optional<SeenCanvas>> m_measuring{m_studio.scope()};
  Derived<WayKey, Result<WayBack>> m_way{m_studio.scope()};
  MixAs m_mixes_as = MixAs::Paint;
  std::optional<std::size_t> m_pointed;
  std::optional<Srgb> m_chosen; ///< By its color: strays change their order.
};

} // namespace zc
