// zonachrom-cli: the core from the command line. JSON on standard output; on bad input one sentence on
// standard error and exit code 2.
#include "cli/commands.h"

#include <CLI/CLI.hpp>
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
  const std::map<std::string, SaturationMeasure> measures{{"hsluv", SaturationMeasure::Hsluv}};
  auto* wheel_command = app.add_subcommand("wheel", "Look up colors and places on a wheel");
  wheel_command->add_option("--hues", spec.hues, "Hue scale")->transform(CLI::CheckedTransformer(hues));
  wheel_command->add_option("--measure", spec.measure, "Saturation measure")
      ->transform(CLI::CheckedTransformer(measures));
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

  std::string piece, set, format = "hex", output;
  auto* export_command = app.add_subcommand("export", "Write a set of a piece");
  export_command->add_option("piece", piece, "Piece file")->required();
  export_command->add_option("--set", set, "Name of the set")->required();
  export_command->add_option("--format", format, "hex or png")->check(CLI::IsMember({"hex", "png"}));
  export_command->add_option("-o,--output", output, "File to write")->required();

  std::string folder;
  auto* pack_command =
      app.add_subcommand("pack", "Pack a folder with piece.json and photos into a piece file");
  pack_command->add_option("folder", folder, "Folder to pack")->required();
  pack_command->add_option("-o,--output", output, "File to write")->required();

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
  if (pack_command->parsed()) return report(pack(folder, output));
  return report(export_set(piece, set, format, output));
}
