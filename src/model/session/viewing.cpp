// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/session/viewing.h"

namespace zc {

void Viewing::show_vivid_plan(bool on) {
  m_studio.change([&](Session& s) { s.vivid_plan = on; });
}

void Viewing::look_at(const Looking& looking) {
  m_studio.change([&](Session& s) { s.looking = looking; });
}

void Viewing::try_on(const Trying& trying) {
  m_studio.change([&](Session& s) { s.trying = trying; });
}

void Viewing::show_keys(bool on) {
  m_studio.change([&](Session& s) { s.shows_keys = on; });
}

void Viewing::list_keys(const KeySheet& sheet) {
  m_studio.change([&](Session& s) { s.keys = sheet; });
}

void Viewing::share(const Sharing& sharing) {
  m_studio.change([&](Session& s) { s.sharing = sharing; });
}

void Viewing::show_look(PhotoLook look) {
  m_studio.change([&](Session& s) { s.looking.look = look; });
}

void Viewing::look_with(ColorVision vision) {
  m_studio.change([&](Session& s) { s.vision = vision; });
}

void Viewing::show_set_view(SetView view) {
  m_studio.change([&](Session& s) { s.set_view = view; });
}

void Viewing::choose_sample_side(int side) {
  m_studio.change([&](Session& s) { s.sample_side = side; });
}

void Viewing::step_sample_side(int by) {
  const auto at = std::find(kSampleSides.begin(), kSampleSides.end(), m_studio.session().sample_side);
  const auto i = std::clamp<std::ptrdiff_t>(at - kSampleSides.begin() + by, 0, kSampleSides.size() - 1);
  choose_sample_side(kSampleSides[static_cast<std::size_t>(i)]);
}

} // namespace zc
