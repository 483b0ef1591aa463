// SPDX-License-Identifier: GPL-3.0-or-later
// What is looked at, and how.
#pragma once

#include "model/session/studio.h"

namespace zc {

class Viewing final : public QObject {
  Q_OBJECT
public:
  explicit Viewing(Studio& studio) : m_studio(studio) {}

  void show_vivid_plan(bool on);
  void show_desk(Desk desk) { m_studio.take(desk_shown(m_studio.session(), desk)); }
  void keep_reference(bool kept) { m_studio.take(reference_kept(m_studio.session(), kept)); }
  void look_at(const Looking& looking);
  void try_on(const Trying& trying);
  void share(const Sharing& sharing);
  void show_keys(bool on);
  void list_keys(const KeySheet& sheet);
  void show_look(PhotoLook look);
  void look_with(ColorVision vision);
  void show_set_view(SetView view);
  void show_reference(Id reference) { m_studio.take(reference_shown(m_studio.session(), reference)); }
  void choose_sample_side(int side);
  /// The next larger one, or with a negative number the next smaller.
  void step_sample_side(int by);
  /// Takes in a photo in the place of the shown one.
  void replace_reference(const QString& path) {
    m_studio.photos().import_photo(path, m_studio.session().reference);
  }

private:
  Studio& m_studio;
};

} // namespace zc
