// zonachrom-cli: the core from the command line. JSON on standard output; on bad input one sentence on
// standard error and exit code 2.
#include "cli/commands.h"
#include "cli/photos.h"
#include "cli/sets.h"

#include <iostream>

namespace {

using namespace zc;
using namespace zc::cli;

constexpr int kBadInput = 2;

int report(const Result<Json>& result) {
  if (!result) {
    std::cerr << "zonachrom-cli: " << result.error().sentence << "\n";
    return kBadInput;
  }
  std::cout << result->dump(2, ' ', false, Json::error_handler_t::replace) << "\n";
  return 0;
}

} // namespace

int main(int argc, char** argv) {
  CLI::App app("Color, wheel and palette answers from Zonachrom.");
  app.require_subcommand(1);

  std::vector<std::string> colors, labs;
  auto* describe_command = app.add_subcommand("describe", "Show colors in every space");
  describe_command->add_option("color", colors, "#rrggbb, #rgb or srgb:R,G,B")->required();

  auto* difference_command = app.add_subcommand("difference", "CIEDE2000 between two colors");
  difference_command->add_option("color", colors, "#rrggbb, #rgb or srgb:R,G,B");
  difference_command->add_option("--lab", labs, "L,a,b relative to D65")->expected(1)->take_all();

  WheelSpec spec;
  std::vector<WheelRequest> requests;
  const std::map<std::string, HueScale> hues{{"traditional", HueScale::Traditional},
                                             {"light", HueScale::Light},
                                             {"ink", HueScale::Ink},
                                             {"even", HueScale::Even}};
  const std::map<std::string, SaturationMeasure> measures{{"hsluv", SaturationMeasure::Hsluv},
                                                          {"hsl", SaturationMeasure::Hsl},
                                                          {"hsv", SaturationMeasure::Hsv},
                                                          {"cielab", SaturationMeasure::CielabChroma},
                                                          {"oklab", SaturationMeasure::OklabChroma}};
  const auto add_wheel = [&](CLI::App* command, bool with_measure) {
    command->add_option("--hues", spec.hues, "Hue scale")->transform(CLI::CheckedTransformer(hues));
    if (with_measure)
      command->add_option("--measure", spec.measure, "Saturation measure")
          ->transform(CLI::CheckedTransformer(measures));
  };
  auto* wheel_command = app.add_subcommand("wheel", "Look up colors and places on a wheel");
  add_wheel(wheel_command, true);
  const auto asks = [&requests](WheelRequest::Kind kind) {
    return [&requests, kind](const std::string& text) { requests.push_back({kind, text}); };
  };
  wheel_command
      ->add_option_function<std::string>("--at", asks(WheelRequest::Kind::At),
                                         "Angle, saturation 0-1, value 0-100")
      ->trigger_on_parse()
      ->take_all();
  wheel_command
      ->add_option_function<std::string>("--locate", asks(WheelRequest::Kind::Locate), "Color to place")
      ->trigger_on_parse()
      ->take_all();

  MaskRequest mask_request;
  std::map<std::string, Pattern> patterns;
  for (const Pattern kind : kPatterns) patterns[std::string(pattern_name(kind))] = kind;
  std::optional<double> spread;
  auto* mask_command = app.add_subcommand("mask", "Test colors against a gamut mask pattern");
  mask_command->add_option("--pattern", mask_request.pattern.kind, "Pattern")
      ->required()
      ->transform(CLI::CheckedTransformer(patterns));
  mask_command->add_option("--base", mask_request.pattern.base, "Wheel angle of the leading hue");
  mask_command->add_option("--spread", spread, "Degrees; the pattern's usual one when left out");
  mask_command->add_option("--test", mask_request.colors, "Colors to test");
  add_wheel(mask_command, true);

  StringSpec string_spec;
  std::string from, to;
  const std::map<std::string, StringKind> kinds{
      {"tints", StringKind::Tints},   {"shades", StringKind::Shades},   {"tones", StringKind::Tones},
      {"values", StringKind::Values}, {"between", StringKind::Between}, {"distance", StringKind::Distance}};
  const std::map<std::string, Evenness> evens{{"lightness", Evenness::Lightness},
                                              {"difference", Evenness::Difference}};
  auto* string_command = app.add_subcommand("string", "Make a graded row of colors");
  string_command->add_option("--kind", string_spec.kind, "Kind of row")
      ->required()
      ->transform(CLI::CheckedTransformer(kinds));
  string_command->add_option("--from", from, "Color to start from")->required();
  string_command->add_option("--to", to, "Other end, or the color of the air");
  string_command->add_option("--steps", string_spec.steps, "2 to 24");
  const std::map<std::string, Way> ways_between{{"straight", Way::Straight},
                                                {"short", Way::Short},
                                                {"long", Way::Long},
                                                {"light", Way::Light},
                                                {"paint", Way::Paint}};
  string_command->add_option("--way", string_spec.way, "How a row between two colors goes")
      ->transform(CLI::CheckedTransformer(ways_between));
  string_command->add_option("--even", string_spec.even, "What is equal from step to step")
      ->transform(CLI::CheckedTransformer(evens));
  add_wheel(string_command, true);

  std::vector<std::string> parts;
  MixAs as = MixAs::Paint;
  const std::map<std::string, MixAs> ways{{"paint", MixAs::Paint}, {"light", MixAs::Light}};
  auto* mix_command = app.add_subcommand("mix", "Mix colors by parts");
  mix_command->add_option("parts", parts, "COLOR:PARTS")->required();
  mix_command->add_option("--as", as, "paint or light")->transform(CLI::CheckedTransformer(ways));

  std::string color;
  auto* partners_command = app.add_subcommand("partners", "Partners of a color at the trade's angles");
  partners_command->add_option("color", color, "#rrggbb, #rgb or srgb:R,G,B")->required();
  add_wheel(partners_command, true);

  const auto set_commands = add_set_commands(app);

  std::string folder, output;
  auto* pack_command =
      app.add_subcommand("pack", "Pack a folder with piece.json and photos into a piece file");
  pack_command->add_option("folder", folder, "Folder to pack")->required();
  pack_command->add_option("-o,--output", output, "File to write")->required();

  PhotoRequest photo;
  ExtractionSpec extraction;
  std::string at, bands, as_look, photo_output;
  int side = 5;
  bool inside = false, mapped = false, typical = false;
  const auto add_photo = [&photo](CLI::App* command, bool with_region) {
    command->add_option("photo", photo.photo, "Photo file")->required();
    if (with_region) command->add_option("--region", photo.region, "X,Y,W,H in pixels");
    command->add_option("--piece", photo.piece, "Piece whose mask is used");
  };
  auto* inspect_command = app.add_subcommand("inspect", "Value plan and facts of a photo");
  add_photo(inspect_command, true);
  auto* sample_command = app.add_subcommand("sample", "Average of a square of pixels");
  sample_command->add_option("photo", photo.photo, "Photo file")->required();
  sample_command->add_option("--at", at, "X,Y")->required();
  sample_command->add_option("--size", side, "Side of the square, odd, 1 to 101");
  auto* extract_command = app.add_subcommand("extract", "Take a palette out of a photo");
  add_photo(extract_command, true);
  extract_command->add_option("--count", extraction.count, "How many colors");
  extract_command->add_option("--bands", bands, "How many light, middle and dark ones: L,M,D");
  extract_command->add_option("--min-difference", extraction.least_difference, "Least CIEDE2000 between two");
  extract_command->add_flag("--inside", inside, "Only pixels inside the piece's mask");
  extract_command->add_flag("--mapped", mapped, "Pixels outside the mask at their nearest place inside");
  extract_command->add_flag("--typical", typical, "Real pixels instead of means");
  extract_command->add_option("-o,--output", photo_output, "File to write");
  auto* look_command = app.add_subcommand("look", "Write a photo as a painter looks at it");
  look_command->add_option("photo", photo.photo, "Photo file")->required();
  look_command->add_option("--as", as_look, "value, flat:N, steps:N, squint:PIXELS or mask")->required();
  look_command->add_option("--piece", photo.piece, "Piece whose mask is used");
  look_command->add_option("-o,--output", photo_output, "PNG file to write")->required();

  try {
    app.parse(argc, argv);
  } catch (const CLI::Success& done) {
    return app.exit(done);
  } catch (const CLI::ParseError& wrong) {
    std::cerr << "zonachrom-cli: " << wrong.what() << "\n";
    return kBadInput;
  }

  if (describe_command->parsed()) return report(describe(colors));
  if (difference_command->parsed()) return report(difference(colors, labs));
  if (wheel_command->parsed()) return report(wheel(spec, requests));
  if (mask_command->parsed()) {
    mask_request.wheel = spec;
    mask_request.pattern.spread = spread.value_or(usual_spread(mask_request.pattern.kind));
    return report(mask(mask_request));
  }
  if (string_command->parsed()) return report(zc::cli::string(string_spec, from, to, spec));
  if (mix_command->parsed()) return report(zc::cli::mix(parts, as));
  if (partners_command->parsed()) return report(partners(color, spec));
  if (inspect_command->parsed()) return report(inspect(photo));
  if (sample_command->parsed()) return report(sample(photo, at, side));
  if (extract_command->parsed()) {
    extraction.mask = inside ? MaskUse::InsideOnly : mapped ? MaskUse::MapInto : MaskUse::Ignore;
    extraction.representative = typical ? Representative::Pixel : Representative::Mean;
    return report(extract(photo, extraction, bands, photo_output));
  }
  if (look_command->parsed()) return report(look(photo, as_look, photo_output));
  if (pack_command->parsed()) return report(pack(folder, output));
  for (const auto& command : set_commands)
    if (command.app->parsed()) return report(command.run());
  return kBadInput;
}
