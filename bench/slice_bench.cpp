// SPDX-License-Identifier: GPL-3.0-or-later
// The wheel slice against Little CMS converting as many float Lab pixels to sRGB in the same run, on one
// core.
#include "core/wheel/raster.h"

#include <benchmark/benchmark.h>
#include <chrono>
#include <functional>
#include <lcms2.h>

namespace {

constexpr int kSize = 520;

double seconds(const std::function<void()>& work) {
  const auto start = std::chrono::steady_clock::now();
  work();
  return std::chrono::duration<double>(std::chrono::steady_clock::now() - start).count();
}

std::function<void()> lab_to_srgb() {
  cmsHPROFILE lab = cmsCreateLab4Profile(nullptr), srgb = cmsCreate_sRGBProfile();
  cmsHTRANSFORM transform = cmsCreateTransform(lab, TYPE_Lab_FLT, srgb, TYPE_RGB_FLT,
                                               INTENT_RELATIVE_COLORIMETRIC, cmsFLAGS_NOOPTIMIZE);
  cmsCloseProfile(lab);
  cmsCloseProfile(srgb);
  auto in = std::make_shared<std::vector<float>>(3 * kSize * kSize);
  auto out = std::make_shared<std::vector<float>>(3 * kSize * kSize);
  for (std::size_t i = 0; i < in->size(); i += 3) {
    (*in)[i] = 62;
    (*in)[i + 1] = static_cast<float>(i % 80) - 40;
    (*in)[i + 2] = static_cast<float>(i / 80 % 80) - 40;
  }
  return [=] { cmsDoTransform(transform, in->data(), out->data(), kSize * kSize); };
}

/// Every combination of the 20, by number: hue scale * 5 + saturation measure.
void slice(benchmark::State& state) {
  const auto hues = static_cast<zc::HueScale>(state.range(0) / 5);
  const auto measure = static_cast<zc::SaturationMeasure>(state.range(0) % 5);
  zc::SolidPainter painter{zc::Wheel({hues, measure})};
  const auto library = lab_to_srgb();
  zc::Raster picture;
  double ours = 0, theirs = 0, value = 5;
  painter.slice(50, kSize, picture);
  library();
  for (auto _ : state) {
    value = value > 95 ? 5 : value + 4.7;
    ours += seconds([&] { painter.slice(value, kSize, picture); });
    state.PauseTiming();
    theirs += seconds(library);
    state.ResumeTiming();
  }
  const auto rounds = static_cast<double>(state.iterations());
  state.counters["slice_ms"] = 1000 * ours / rounds;
  state.counters["lcms2_ms"] = 1000 * theirs / rounds;
  state.counters["times_as_fast"] = theirs / ours;
}
BENCHMARK(slice)->DenseRange(0, 19)->Unit(benchmark::kMillisecond)->Iterations(20);

void new_wheel(benchmark::State& state, zc::HueScale hues) {
  for (auto _ : state) zc::SolidPainter painter{zc::Wheel({hues, zc::SaturationMeasure::Hsluv})};
}
BENCHMARK_CAPTURE(new_wheel, traditional, zc::HueScale::Traditional)->Unit(benchmark::kMillisecond);
BENCHMARK_CAPTURE(new_wheel, even, zc::HueScale::Even)->Unit(benchmark::kMillisecond);

} // namespace
