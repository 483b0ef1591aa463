// SPDX-License-Identifier: GPL-3.0-or-later
// Makes the press profile that ships: a stand-in for one from a printer, by the model of press_model.h, as an
// ICC output profile (ISO 15076-1; version 2.4, which every reader knows).
#include "standins/press_model.h"

#include <lcms2.h>

#include <algorithm>
#include <cmath>
#include <cstdint>
#include <cstdio>
#include <cstring>
#include <vector>

using namespace zc::standin;

namespace {

constexpr int kInkSteps = 13, kLabSteps = 33;
constexpr const char* kName = "Stand-in press, coated paper";
/// What misses by more does not print.
constexpr double kInReach = 3;

cmsToneCurve* area_curve(int ink, bool forward) {
  std::vector<cmsUInt16Number> table(256);
  for (std::size_t i = 0; i < table.size(); ++i) {
    const double wanted = static_cast<double>(i) / 255;
    double low = 0, high = 1;
    for (int turn = 0; !forward && turn < 40; ++turn)
      (printed_area(ink, (low + high) / 2) < wanted ? low : high) = (low + high) / 2;
    table[i] = static_cast<cmsUInt16Number>(std::lround(65535 * (forward ? printed_area(ink, wanted) : low)));
  }
  return cmsBuildTabulatedToneCurve16(nullptr, static_cast<cmsUInt32Number>(table.size()), table.data());
}

cmsStage* curves(bool forward) {
  cmsToneCurve* inks[4];
  for (int i = 0; i < 4; ++i) inks[i] = area_curve(i, forward);
  cmsStage* out = cmsStageAllocToneCurves(nullptr, 4, inks);
  cmsFreeToneCurveTriple(inks);
  cmsFreeToneCurve(inks[3]);
  return out;
}

cmsStage* straight(cmsUInt32Number channels) { return cmsStageAllocToneCurves(nullptr, channels, nullptr); }

/// L* so that white falls on the last step of the table; the encoding of the version has it a little before.
cmsStage* lab_curves() {
  constexpr double white = 0xFF00 / 65535.0;
  std::vector<cmsUInt16Number> stretched(4096), same(4096);
  for (std::size_t i = 0; i < same.size(); ++i) {
    const double at = static_cast<double>(i) / 4095;
    stretched[i] = static_cast<cmsUInt16Number>(std::lround(65535 * std::min(1.0, at / white)));
    same[i] = static_cast<cmsUInt16Number>(std::lround(65535 * at));
  }
  cmsToneCurve* three[3] = {cmsBuildTabulatedToneCurve16(nullptr, 4096, stretched.data()),
                            cmsBuildTabulatedToneCurve16(nullptr, 4096, same.data()),
                            cmsBuildTabulatedToneCurve16(nullptr, 4096, same.data())};
  cmsStage* out = cmsStageAllocToneCurves(nullptr, 3, three);
  cmsFreeToneCurveTriple(three);
  return out;
}

/// The area that covers as much in print.
double area_for(int ink, double covered) {
  double low = 0, high = 1;
  for (int turn = 0; turn < 50; ++turn)
    (printed_area(ink, (low + high) / 2) < covered ? low : high) = (low + high) / 2;
  return (low + high) / 2;
}

cmsInt32Number look_up_inks(const cmsUInt16Number in[], cmsUInt16Number out[], void*) {
  Areas areas{};
  for (int i = 0; i < 4; ++i) areas[static_cast<std::size_t>(i)] = area_for(i, in[i] / 65535.0);
  const LabD50 c = printed_on_paper(areas);
  const cmsCIELab lab{c.l, c.a, c.b};
  cmsFloat2LabEncodedV2(out, &lab);
  return 1;
}

Separation separation_at(const cmsUInt16Number in[]) {
  cmsCIELab lab;
  cmsLabEncoded2FloatV2(&lab, in);
  return separated({in[0] / 65535.0 * 100, lab.a, lab.b});
}

cmsInt32Number look_up_color(const cmsUInt16Number in[], cmsUInt16Number out[], void*) {
  const Separation s = separation_at(in);
  for (int i = 0; i < 4; ++i)
    out[i] = static_cast<cmsUInt16Number>(
        std::lround(65535 * printed_area(i, s.areas[static_cast<std::size_t>(i)])));
  return 1;
}

cmsInt32Number look_up_reach(const cmsUInt16Number in[], cmsUInt16Number out[], void*) {
  out[0] = separation_at(in).off > kInReach ? 65535 : 0;
  return 1;
}

/// Curves, table, curves, as the type asks for.
cmsPipeline* table_of(cmsStage* before, cmsUInt32Number steps, cmsUInt32Number in, cmsUInt32Number out,
                      cmsSAMPLER16 fill, cmsStage* after) {
  cmsPipeline* made = cmsPipelineAlloc(nullptr, in, out);
  cmsStage* table = cmsStageAllocCLut16bit(nullptr, steps, in, out, nullptr);
  cmsStageSampleCLut16bit(table, fill, nullptr, 0);
  cmsPipelineInsertStage(made, cmsAT_END, before);
  cmsPipelineInsertStage(made, cmsAT_END, table);
  cmsPipelineInsertStage(made, cmsAT_END, after);
  return made;
}

bool write_words(cmsHPROFILE profile, cmsTagSignature tag, const char* words) {
  cmsMLU* told = cmsMLUalloc(nullptr, 1);
  cmsMLUsetASCII(told, "en", "US", words);
  const bool done = cmsWriteTag(profile, tag, told);
  cmsMLUfree(told);
  return done;
}

/// One table for all intents: the stand-in has no others.
bool write_table(cmsHPROFILE profile, cmsPipeline* table, cmsTagSignature relative,
                 cmsTagSignature perceptual, cmsTagSignature saturation) {
  const bool done = cmsWriteTag(profile, perceptual, table) && cmsLinkTag(profile, relative, perceptual) &&
                    cmsLinkTag(profile, saturation, perceptual);
  cmsPipelineFree(table);
  return done;
}

bool fill(cmsHPROFILE profile) {
  cmsSetProfileVersion(profile, 2.4);
  cmsSetDeviceClass(profile, cmsSigOutputClass);
  cmsSetColorSpace(profile, cmsSigCmykData);
  cmsSetPCS(profile, cmsSigLabData);
  cmsSetHeaderRenderingIntent(profile, INTENT_RELATIVE_COLORIMETRIC);
  const XyzD50 paper = printed({0, 0, 0, 0}), black = printed({0.77, 0.77, 0.77, 0.99});
  const cmsCIEXYZ white_tag{paper[0], paper[1], paper[2]}, black_tag{black[0], black[1], black[2]};
  cmsPipeline* reach = table_of(lab_curves(), kLabSteps, 3, 1, look_up_reach, straight(1));
  const bool done =
      write_words(profile, cmsSigProfileDescriptionTag, kName) &&
      write_words(profile, cmsSigCopyrightTag, "Computed by a model; free to use") &&
      cmsWriteTag(profile, cmsSigMediaWhitePointTag, &white_tag) &&
      cmsWriteTag(profile, cmsSigMediaBlackPointTag, &black_tag) &&
      write_table(profile, table_of(curves(true), kInkSteps, 4, 3, look_up_inks, straight(3)), cmsSigAToB1Tag,
                  cmsSigAToB0Tag, cmsSigAToB2Tag) &&
      write_table(profile, table_of(lab_curves(), kLabSteps, 3, 4, look_up_color, curves(false)),
                  cmsSigBToA1Tag, cmsSigBToA0Tag, cmsSigBToA2Tag) &&
      cmsWriteTag(profile, cmsSigGamutTag, reach);
  cmsPipelineFree(reach);
  return done;
}

/// The same model gives the same bytes, whenever it is built: year, month, day, hour, minute, second.
void set_date(std::vector<std::uint8_t>& bytes) {
  constexpr std::uint8_t date[12] = {7, 234, 0, 1, 0, 1, 0, 0, 0, 0, 0, 0};
  constexpr std::size_t place = 24; // ISO 15076-1, 7.2.
  std::memcpy(bytes.data() + place, date, sizeof date);
}

} // namespace

int main(int argc, char** argv) {
  if (argc != 2) {
    std::fprintf(stderr, "usage: %s FILE.icc\n", argv[0]);
    return 2;
  }
  cmsHPROFILE profile = cmsCreateProfilePlaceholder(nullptr);
  cmsUInt32Number size = 0;
  std::vector<std::uint8_t> bytes;
  if (profile && fill(profile) && cmsSaveProfileToMem(profile, nullptr, &size)) {
    bytes.resize(size);
    if (!cmsSaveProfileToMem(profile, bytes.data(), &size)) bytes.clear();
  }
  cmsCloseProfile(profile);
  if (bytes.empty()) {
    std::fprintf(stderr, "%s: the profile could not be made\n", argv[0]);
    return 1;
  }
  set_date(bytes);
  std::FILE* file = std::fopen(argv[1], "wb");
  const bool written = file && std::fwrite(bytes.data(), 1, bytes.size(), file) == bytes.size();
  if (!file || std::fclose(file) != 0 || !written) {
    std::fprintf(stderr, "%s: %s could not be written\n", argv[0], argv[1]);
    return 1;
  }
  return 0;
}
