// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/watch/watch_model.h"

#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/reduce.h"
#include "io/photo/decode.h"

#include <QSize>

#include <algorithm>
#include <cstring>
#include <future>

namespace zc {
namespace {

/// A stray that was chosen is found again among others as near as this, in CIEDE2000.
constexpr double kSameStray = 8;

int rows_of_a_row(const QImage& picture) {
  return std::max(1,
                  (std::max(picture.width(), picture.height()) + WatchModel::kSide - 1) / WatchModel::kSide);
}

/// From the first row to behind the last one in which they differ.
std::pair<int, int> changed_rows(const QImage& before, const QImage& now) {
  const auto same = [&](int y) {
    return std::memcmp(before.constScanLine(y), now.constScanLine(y),
                       static_cast<std::size_t>(now.width()) * 4) == 0;
  };
  int first = 0, last = now.height();
  while (first < last && same(first)) ++first;
  while (last > first && same(last - 1)) --last;
  return {first, last};
}

/// Each row of the small picture is of so many whole rows, so that where nothing has changed it can stay; a
/// few at the foot may be left out.
void make_smaller(const QImage& whole, const QImage& before, QImage& small) {
  const int step = rows_of_a_row(whole);
  const QSize size(std::max(1, whole.width() / step), std::max(1, whole.height() / step));
  if (step == 1) {
    small = whole;
    return;
  }
  int first = 0, last = size.height();
  if (small.size() == size && before.size() == whole.size()) {
    const auto [from, to] = changed_rows(before, whole);
    first = std::min(from / step, last);
    last = std::min((to + step - 1) / step, last);
    if (first >= last) return;
  } else {
    small = QImage(size, QImage::Format_RGB32);
  }
  const PixelView rows = part_of(view_of(whole), {0, first * step, whole.width(), (last - first) * step});
  reduce(rows, size.width(), last - first,
         pixels_of(small) + static_cast<std::ptrdiff_t>(first) * size.width());
}

/// As a reference is: with its smaller levels and its values.
std::shared_ptr<const Photo> photo_of(const QImage& raw, const DisplayProfile* monitor) {
  auto out = std::make_shared<Photo>();
  out->levels = levels_of(monitor ? monitor->from_monitor(raw) : raw);
  std::promise<FineValues> values;
  values.set_value(fine_values(view_of(out->full())));
  out->read_values = values.get_future().share();
  return out;
}

std::size_t place_in(const std::vector<Id>& swatches, Id swatch) {
  return static_cast<std::size_t>(std::find(swatches.begin(), swatches.end(), swatch) - swatches.begin());
}

} // namespace

std::optional<double> SeenCanvas::used(Id swatch) const {
  const std::size_t at = place_in(swatches, swatch);
  if (at >= check.used.size()) return std::nullopt;
  return check.used[at];
}

WatchModel::WatchModel(Studio& studio, PhotoModel& reader, TryModel& tries)
    : OfDocument(studio.scope()), m_studio(studio), m_reader(reader), m_tries(tries) {
  connect(&tries, &TryModel::pictureChanged, this, [this] {
    const bool wanted = m_tries.wants_canvas() && m_source && !m_raw.isNull();
    if (wanted && !m_tries.tries_canvas()) measure();
  });
  studio.hear({Part::Geometry, Part::Sets, Part::Adjustment, Part::Trying}, this, &WatchModel::follow_plan);
}

WatchModel::~WatchModel() = default;

// ---------------------------------------------------------------- watching

void WatchModel::begin(std::unique_ptr<CanvasSource> source) {
  drop();
  m_source = std::move(source);
  CanvasSource* const now = m_source.get();
  connect(now, &CanvasSource::pictured, this, &WatchModel::take);
  connect(now, &CanvasSource::hidden, this, [this](const QString& sentence) {
    if (m_hidden == sentence) return;
    m_hidden = sentence;
    emit changed();
  });
  // It is in the middle of telling; it goes when that is over.
  connect(now, &CanvasSource::ended, this, [this, now](const QString& sentence) {
    if (m_source.get() != now) return;
    m_source.release()->deleteLater();
    end();
    emit m_studio.notice(sentence);
  });
  emit changed();
  emit begun();
  follow_looks();
}

void WatchModel::end() {
  drop();
  emit changed();
  emit pointedChanged();
}

void WatchModel::forget() { drop(); }

/// Nothing of what was watched is kept.
void WatchModel::drop() {
  m_source.reset();
  m_tries.take_canvas(nullptr);
  m_measuring.forget();
  m_way.forget();
  m_hidden.clear();
  m_raw = {};
  m_monitor.reset();
  m_checker.reset();
  m_plan = {};
  m_on_screen.reset();
  m_waiting = false;
  m_pointed.reset();
  m_chosen.reset();
}

void WatchModel::look(const QObject* who, bool looks) {
  const bool before = !m_lookers.empty();
  std::erase(m_lookers, who);
  if (looks) m_lookers.push_back(who);
  if (before != !m_lookers.empty()) follow_looks();
}

void WatchModel::follow_looks() {
  if (m_source) m_source->want(!m_lookers.empty());
}

void WatchModel::take(const QImage& picture) {
  m_raw = picture.convertToFormat(QImage::Format_RGB32);
  m_monitor = m_source->monitor();
  if (!m_hidden.isEmpty()) {
    m_hidden.clear();
    emit changed();
  }
  measure();
}

// ---------------------------------------------------------------- measuring

WatchModel::Plan WatchModel::plan_of_now() const {
  const SideColors set = m_tries.colors_of({}, false);
  const Trying& trying = m_studio.session().trying;
  Plan out;
  for (const MatchColor& c : set.colors) out.colors.push_back(c.color);
  out.swatches = set.ids;
  out.mask = m_reader.mapper();
  out.spec = {m_studio.piece().bands,
              {trying.far, m_studio.piece().grading.outside},
              trying.show_outside,
              trying.show_far};
  return out;
}

void WatchModel::follow_plan() {
  if (m_source && !m_raw.isNull() && plan_of_now() != m_plan) measure();
}

/// One after the other; of pictures that come meanwhile only the last is measured.
void WatchModel::measure() {
  if (m_measuring.running()) {
    m_waiting = true;
    return;
  }
  m_waiting = false;
  follow_checker();
  m_measuring.start(
      [raw = m_raw, monitor = m_monitor, checker = *m_checker, swatches = m_plan.swatches,
       tried = m_tries.wants_canvas(), before = m_on_screen ? m_on_screen->raw : QImage(),
       small = m_on_screen ? m_on_screen->told
                           : QImage()](const Progress& progress) -> std::optional<SeenCanvas> {
        QImage told = small;
        make_smaller(raw, before, told);
        QImage picture = monitor ? monitor->from_monitor(told) : told;
        auto check = checker.check(view_of(picture), progress);
        if (!check) return std::nullopt;
        auto whole = tried ? photo_of(raw, monitor.get()) : nullptr;
        return SeenCanvas{std::move(picture), *std::move(check), swatches, std::move(whole), raw,
                          std::move(told)};
      },
      [this](std::optional<SeenCanvas> seen) {
        if (seen) take_measured(*std::move(seen));
      });
}

/// That of the plan of now.
void WatchModel::follow_checker() {
  Plan plan = plan_of_now();
  if (m_checker && plan == m_plan) return;
  std::vector<MatchColor> set;
  set.reserve(plan.colors.size());
  for (const Srgb& color : plan.colors) set.push_back({color, 0});
  m_checker.emplace(set, plan.mask, plan.spec);
  m_plan = std::move(plan);
}

void WatchModel::take_measured(SeenCanvas seen) {
  m_on_screen = std::move(seen);
  if (m_on_screen->whole) m_tries.take_canvas(m_on_screen->whole);
  if (m_pointed && *m_pointed >= m_on_screen->check.strays.size()) m_pointed.reset();
  if (m_waiting || plan_of_now() != m_plan) measure();
  emit changed();
}

QImage WatchModel::whole() const { return m_monitor ? m_monitor->from_monitor(m_raw) : m_raw; }

QImage WatchModel::strays_picture(Srgb8 ground) const {
  if (!m_on_screen) return {};
  const QImage& picture = m_on_screen->picture;
  QImage out(picture.size(), QImage::Format_RGB32);
  paint_strays(view_of(picture), m_on_screen->check, pointed(), ground, pixels_of(out));
  return out;
}

void WatchModel::keep_moment() {
  if (!m_raw.isNull()) m_studio.photos().import_photo(whole(), tr("canvas on screen"));
}

// ---------------------------------------------------------------- strays

void WatchModel::point(std::optional<std::size_t> stray) {
  if (stray == m_pointed) return;
  m_pointed = stray;
  emit pointedChanged();
}

std::optional<std::size_t> WatchModel::chosen() const {
  if (!m_chosen || !m_on_screen) return std::nullopt;
  const Lab wanted = lab_from_srgb(*m_chosen);
  std::optional<std::size_t> out;
  double nearest = kSameStray;
  const auto& strays = m_on_screen->check.strays;
  for (std::size_t i = 0; i < strays.size(); ++i) {
    const double away = ciede2000(lab_from_srgb(strays[i].color), wanted);
    if (away >= nearest) continue;
    nearest = away;
    out = i;
  }
  return out;
}

void WatchModel::choose(std::optional<std::size_t> stray) {
  const bool there = stray && m_on_screen && *stray < m_on_screen->check.strays.size();
  m_chosen = there ? std::optional(m_on_screen->check.strays[*stray].color) : std::nullopt;
  emit pointedChanged();
}

void WatchModel::mix_as(MixAs as) {
  if (as == m_mixes_as) return;
  m_mixes_as = as;
  emit pointedChanged();
}

const Result<WayBack>* WatchModel::way() {
  if (!chosen()) return nullptr;
  const Piece& piece = m_studio.piece();
  const Mask* mask = mask_in_use(piece);
  const WayKey key{*m_chosen,
                   m_plan.colors,
                   m_mixes_as,
                   piece.wheel,
                   mask ? std::optional(*mask) : std::nullopt,
                   piece.grading.outside};
  m_way.later(
      key,
      [key](const Progress& progress) {
        const std::optional<MaskRegion> region =
            key.mask ? std::optional<MaskRegion>(*key.mask) : std::nullopt;
        return way_back(key.stray, key.set, key.as, Wheel(key.wheel), region ? &*region : nullptr,
                        key.outside, progress);
      },
      [this] { emit pointedChanged(); });
  return m_way.value_for(key);
}

const Swatch* WatchModel::swatch_of(std::size_t place) const {
  return place < m_plan.swatches.size() ? find_swatch(m_studio.piece(), m_plan.swatches[place]) : nullptr;
}

} // namespace zc
