// SPDX-License-Identifier: GPL-3.0-or-later
// What the program is told on its command line.
#pragma once

#include "app/companion/companion.h"
#include "app/theme/theme.h"
#include "core/base/result.h"
#include "core/session/session.h"

#include <QSize>
#include <QStringList>

#include <optional>

namespace zc {

struct StartOptions {
  QStringList files; ///< A piece, photos, palettes.
  QString picture, palette;
  QString handbook;    ///< A page of it to open.
  QStringList buttons; ///< Object names of buttons to press before the picture.
  std::optional<Desk> desk;
  std::optional<Surround> surround;
  std::optional<HueScale> hues;
  std::optional<SaturationMeasure> measure;
  std::optional<ColorVision> vision;
  std::optional<CompanionShape> companion; ///< Starts with it, the desk put away.
  QSize size;                              ///< Invalid: as it was left.
  bool demo = false;
  bool gallery = false;  ///< Only the controls are shown, in all states.
  bool xwayland = false; ///< Not as a Wayland client, so that the companion may stay above.
};

/// What these words ask for, without the program's own name. Empty when only help or the version was asked
/// for, which then is written to standard output; a sentence when they cannot be followed.
[[nodiscard]] Result<std::optional<StartOptions>> start_options(const QStringList& words);

/// Whether help or the version is asked for, which needs no window.
[[nodiscard]] bool asks_only_to_be_told(const QStringList& words);

} // namespace zc
