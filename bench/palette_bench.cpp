// SPDX-License-Identifier: GPL-3.0-or-later
// Palettes against the quantizers of general libraries, by the mean CIEDE2000 of a pixel to its nearest color
// and by time: libimagequant always; k-means of OpenCV in CIELAB, Wu's of FreeImage and that of ImageMagick
// where they are installed. All see every pixel.
#include "bench_load.h"
#include "bench_photos.h"
#include "core/color/convert.h"
#include "core/color/difference.h"
#include "core/image/extract.h"

#include <benchmark/benchmark.h>
#include <libimagequant.h>
#ifdef WITH_OPENCV
#include <opencv2/core.hpp>
#endif
#ifdef WITH_FREEIMAGE
#include <FreeImage.h>
#endif
#ifdef WITH_MAGICK
#include <magick/MagickCore.h>
#endif

namespace {

using namespace zc;
using namespace zc::benches;

double mean_difference(const QImage& image, const std::vector<Srgb>& palette) {
  std::vector<Lab> labs;
  for (const Srgb& c : palette) labs.push_back(lab_from_srgb(c));
  const PixelView view = view_of(image);
  double sum = 0;
  int count = 0;
  for (int y = 1; y < view.height; y += 5)
    for (int x = 1; x < view.width; x += 5) {
      const Lab p = lab_from_srgb(srgb_from_8bit(color_of(view.row(y)[x])));
      double least = 1e9;
      for (const Lab& q : labs) least = std::min(least, ciede2000(p, q));
      sum += least;
      ++count;
    }
  return sum / count;
}

std::vector<Srgb> by_imagequant(const QImage& image, int count) {
  const QImage rgba = image.convertToFormat(QImage::Format_RGBA8888);
  liq_attr* attr = liq_attr_create();
  liq_set_max_colors(attr, count);
  liq_image* picture = liq_image_create_rgba(attr, rgba.constBits(), rgba.width(), rgba.height(), 0);
  liq_result* result = nullptr;
  std::vector<Srgb> out;
  if (liq_image_quantize(picture, attr, &result) == LIQ_OK) {
    const liq_palette* palette = liq_get_palette(result);
    for (unsigned i = 0; i < palette->count; ++i)
      out.push_back(srgb_from_8bit({palette->entries[i].r, palette->entries[i].g, palette->entries[i].b}));
    liq_result_destroy(result);
  }
  liq_image_destroy(picture);
  liq_attr_destroy(attr);
  return out;
}

#ifdef WITH_OPENCV
/// k-means by OpenCV in CIELAB on every `step`-th pixel both ways.
std::vector<Srgb> by_kmeans(const QImage& image, int count, int step) {
  const PixelView view = view_of(image);
  std::vector<float> labs;
  for (int y = 0; y < view.height; y += step)
    for (int x = 0; x < view.width; x += step) {
      const Lab lab = lab_from_srgb(srgb_from_8bit(color_of(view.row(y)[x])));
      labs.insert(labs.end(),
                  {static_cast<float>(lab.l), static_cast<float>(lab.a), static_cast<float>(lab.b)});
    }
  const cv::Mat samples(static_cast<int>(labs.size() / 3), 3, CV_32F, labs.data());
  cv::Mat labels, centers;
  cv::setRNGSeed(1);
  cv::kmeans(samples, count, labels, {cv::TermCriteria::COUNT | cv::TermCriteria::EPS, 30, 0.1}, 1,
             cv::KMEANS_PP_CENTERS, centers);
  std::vector<Srgb> out;
  for (int i = 0; i < centers.rows; ++i)
    out.push_back(srgb_from_xyz(
        xyz_from_lab({centers.at<float>(i, 0), centers.at<float>(i, 1), centers.at<float>(i, 2)})));
  return out;
}
#endif

#ifdef WITH_FREEIMAGE
/// X. Wu's variance minimization, as FreeImage has it.
std::vector<Srgb> by_wu(const QImage& image, int count) {
  const QImage rgb = image.convertToFormat(QImage::Format_BGR888);
  FIBITMAP* full = FreeImage_ConvertFromRawBits(const_cast<BYTE*>(rgb.constBits()), rgb.width(), rgb.height(),
                                                static_cast<int>(rgb.bytesPerLine()), 24, 0, 0, 0, TRUE);
  FIBITMAP* few = FreeImage_ColorQuantizeEx(full, FIQ_WUQUANT, count, 0, nullptr);
  std::vector<Srgb> out;
  const RGBQUAD* palette = FreeImage_GetPalette(few);
  for (int i = 0; i < count; ++i)
    out.push_back(srgb_from_8bit({palette[i].rgbRed, palette[i].rgbGreen, palette[i].rgbBlue}));
  FreeImage_Unload(few);
  FreeImage_Unload(full);
  return out;
}
#endif

#ifdef WITH_MAGICK
std::vector<Srgb> by_magick(const QImage& image, int count) {
  const QImage rgb = image.convertToFormat(QImage::Format_RGB888);
  std::vector<unsigned char> packed;
  for (int y = 0; y < rgb.height(); ++y)
    packed.insert(packed.end(), rgb.constScanLine(y), rgb.constScanLine(y) + 3 * rgb.width());
  ExceptionInfo* trouble = AcquireExceptionInfo();
  Image* picture =
      ConstituteImage(static_cast<std::size_t>(rgb.width()), static_cast<std::size_t>(rgb.height()), "RGB",
                      CharPixel, packed.data(), trouble);
  QuantizeInfo* how = AcquireQuantizeInfo(nullptr);
  how->number_colors = static_cast<std::size_t>(count);
  how->dither = MagickFalse;
  QuantizeImage(how, picture);
  std::vector<Srgb> out;
  for (std::size_t i = 0; i < picture->colors; ++i) {
    const PixelPacket& c = picture->colormap[i];
    out.push_back(
        {c.red / double(QuantumRange), c.green / double(QuantumRange), c.blue / double(QuantumRange)});
  }
  DestroyQuantizeInfo(how);
  DestroyImage(picture);
  DestroyExceptionInfo(trouble);
  return out;
}
#endif

void palette(benchmark::State& state) {
  const char* photos[] = {"blue-hour.jpg", "forge.jpg", "noon.jpg"};
  const auto which = static_cast<std::size_t>(state.range(0));
  const QImage image = which < 3 ? demo_photo(photos[which]) : synthetic(which == 4);
  ExtractionSpec spec;
  spec.count = static_cast<int>(state.range(1));
  spec.least_difference = 0;
  spec.representative = Representative::Mean;
  std::vector<Srgb> found;
  const auto compared = [&](const std::string& name, const std::function<std::vector<Srgb>()>& quantize) {
    state.counters[name + "_ms"] = 1000 * seconds([&] { found = quantize(); });
    state.counters[name] = mean_difference(image, found);
  };
  const OthersAtWork others;
  for (auto _ : state) {
    compared("ours", [&] {
      std::vector<Srgb> out;
      const auto made = extract_colors(view_of(image), spec);
      for (const auto& c : made->colors) out.push_back(c.color);
      return out;
    });
    compared("imagequant", [&] { return by_imagequant(image, spec.count); });
#ifdef WITH_OPENCV
    compared("kmeans", [&] { return by_kmeans(image, spec.count, 1); });
    compared("kmeans_of_25th", [&] { return by_kmeans(image, spec.count, 5); });
#endif
#ifdef WITH_FREEIMAGE
    compared("wu", [&] { return by_wu(image, spec.count); });
#endif
#ifdef WITH_MAGICK
    compared("magick", [&] { return by_magick(image, spec.count); });
#endif
  }
  others.label(state);
}
BENCHMARK(palette)->ArgsProduct({{0, 1, 2, 3, 4}, {8, 16, 30}})->Iterations(1)->Unit(benchmark::kMillisecond);

} // namespace
