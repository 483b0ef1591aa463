// SPDX-License-Identifier: GPL-3.0-or-later
// Photos and profiles made for a test, their bytes in any format, and how near a pixel comes.
#pragma once

#include "support/check.h"

#include <QBuffer>
#include <QImageWriter>
#include <cstdio>
#include <jpeglib.h>
#include <lcms2.h>
#include <libheif/heif.h>

namespace zc::test {

using Data = std::vector<unsigned char>;

inline Data encoded(const QImage& image, const char* format, int quality = 100) {
  QByteArray out;
  QBuffer buffer(&out);
  buffer.open(QIODevice::WriteOnly);
  QImageWriter writer(&buffer, format);
  writer.setQuality(quality);
  if (!writer.write(image)) qFatal("cannot write %s", format);
  return Data(out.begin(), out.end());
}

inline QImage flat(int w, int h, QRgb color, QImage::Format format = QImage::Format_RGB32) {
  QImage image(w, h, format);
  image.fill(QColor::fromRgba(color));
  return image;
}

inline Data jpeg_of(const Data& samples, int width, int height, int components, J_COLOR_SPACE space,
                    const Data& icc = {}, bool adobe_marker = true) {
  jpeg_compress_struct info{};
  jpeg_error_mgr errors{};
  info.err = jpeg_std_error(&errors);
  jpeg_create_compress(&info);
  unsigned char* memory = nullptr;
  unsigned long size = 0;
  jpeg_mem_dest(&info, &memory, &size);
  info.image_width = static_cast<JDIMENSION>(width);
  info.image_height = static_cast<JDIMENSION>(height);
  info.input_components = components;
  info.in_color_space = space;
  jpeg_set_defaults(&info);
  jpeg_set_quality(&info, 100, TRUE);
  if (!adobe_marker) info.write_Adobe_marker = FALSE;
  jpeg_start_compress(&info, TRUE);
  if (!icc.empty()) jpeg_write_icc_profile(&info, icc.data(), static_cast<unsigned>(icc.size()));
  while (info.next_scanline < info.image_height) {
    auto* row = const_cast<JSAMPROW>(samples.data() +
                                     static_cast<std::size_t>(info.next_scanline) * width * components);
    jpeg_write_scanlines(&info, &row, 1);
  }
  jpeg_finish_compress(&info);
  Data out(memory, memory + size);
  jpeg_destroy_compress(&info);
  free(memory);
  return out;
}

inline Data saved_profile(cmsHPROFILE profile) {
  cmsUInt32Number size = 0;
  cmsSaveProfileToMem(profile, nullptr, &size);
  Data out(size);
  cmsSaveProfileToMem(profile, out.data(), &size);
  cmsCloseProfile(profile);
  return out;
}

inline Data grey_profile(double gamma) {
  cmsToneCurve* curve = cmsBuildGamma(nullptr, gamma);
  cmsHPROFILE profile = cmsCreateGrayProfile(cmsD50_xyY(), curve);
  cmsFreeToneCurve(curve);
  return saved_profile(profile);
}

/// A press that only exists here: lightness falls with ink, cyan, magenta and yellow pull their ways.
inline cmsInt32Number ink_to_lab(const cmsUInt16Number in[], cmsUInt16Number out[], void*) {
  const double c = in[0] / 65535.0, m = in[1] / 65535.0, y = in[2] / 65535.0, k = in[3] / 65535.0;
  const cmsCIELab lab{std::max(0.0, 100 - 40 * c - 45 * m - 10 * y - 95 * k), -35 * c + 70 * m,
                      -45 * c + 85 * y};
  cmsFloat2LabEncoded(out, &lab);
  return TRUE;
}

inline Data press_profile() {
  cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
  cmsSetProfileVersion(profile, 4.3);
  cmsSetDeviceClass(profile, cmsSigOutputClass);
  cmsSetColorSpace(profile, cmsSigCmykData);
  cmsSetPCS(profile, cmsSigLabData);
  cmsPipeline* pipeline = cmsPipelineAlloc(nullptr, 4, 3);
  cmsStage* table = cmsStageAllocCLut16bit(nullptr, 9, 4, 3, nullptr);
  cmsStageSampleCLut16bit(table, ink_to_lab, nullptr, 0);
  // The v4 table type wants curves on both sides.
  cmsPipelineInsertStage(pipeline, cmsAT_END, cmsStageAllocToneCurves(nullptr, 4, nullptr));
  cmsPipelineInsertStage(pipeline, cmsAT_END, table);
  cmsPipelineInsertStage(pipeline, cmsAT_END, cmsStageAllocToneCurves(nullptr, 3, nullptr));
  cmsWriteTag(profile, cmsSigAToB0Tag, pipeline);
  cmsPipelineFree(pipeline);
  return saved_profile(profile);
}

inline Data heif_bytes(heif_compression_format format, QRgb color,
                       std::optional<std::pair<int, int>> coding = {}) {
  heif_context* context = heif_context_alloc();
  heif_encoder* encoder = nullptr;
  if (heif_context_get_encoder_for_format(context, format, &encoder).code != heif_error_Ok) return {};
  heif_encoder_set_lossy_quality(encoder, 95);
  heif_image* image = nullptr;
  heif_image_create(64, 48, heif_colorspace_RGB, heif_chroma_interleaved_RGB, &image);
  heif_image_add_plane(image, heif_channel_interleaved, 64, 48, 8);
  int stride = 0;
  std::uint8_t* plane = heif_image_get_plane(image, heif_channel_interleaved, &stride);
  for (int y = 0; y < 48; ++y)
    for (int x = 0; x < 64; ++x) {
      plane[y * stride + 3 * x] = static_cast<std::uint8_t>(qRed(color));
      plane[y * stride + 3 * x + 1] = static_cast<std::uint8_t>(qGreen(color));
      plane[y * stride + 3 * x + 2] = static_cast<std::uint8_t>(qBlue(color));
    }
  heif_color_profile_nclx* nclx = coding ? heif_nclx_color_profile_alloc() : nullptr;
  if (coding) {
    nclx->color_primaries = static_cast<heif_color_primaries>(coding->first);
    nclx->transfer_characteristics = static_cast<heif_transfer_characteristics>(coding->second);
    nclx->matrix_coefficients = heif_matrix_coefficients_ITU_R_BT_601_6;
    nclx->full_range_flag = 1;
    heif_image_set_nclx_color_profile(image, nclx);
  }
  heif_encoding_options* options = heif_encoding_options_alloc();
  options->macOS_compatibility_workaround_no_nclx_profile = 0;
  options->output_nclx_profile = nclx;
  heif_context_encode_image(context, image, encoder, coding ? options : nullptr, nullptr);
  heif_encoding_options_free(options);
  if (nclx) heif_nclx_color_profile_free(nclx);
  Data out;
  heif_writer writer{1, [](heif_context*, const void* data, std::size_t size, void* to) {
                       const auto* bytes = static_cast<const unsigned char*>(data);
                       static_cast<Data*>(to)->assign(bytes, bytes + size);
                       return heif_error{heif_error_Ok, heif_suberror_Unspecified, ""};
                     }};
  heif_context_write(context, &writer, &out);
  heif_image_release(image);
  heif_encoder_release(encoder);
  heif_context_free(context);
  return out;
}

inline QRgb middle(const QImage& image) { return image.pixel(image.width() / 2, image.height() / 2); }

inline bool close_to(QRgb got, QRgb expected, int by) {
  return std::abs(qRed(got) - qRed(expected)) <= by && std::abs(qGreen(got) - qGreen(expected)) <= by &&
         std::abs(qBlue(got) - qBlue(expected)) <= by;
}

} // namespace zc::test

#define CHECK_PIXEL(image, expected, by)                                                                     \
  QVERIFY2(close_to(middle(image), expected, by), qPrintable(QString::number(middle(image), 16)))
