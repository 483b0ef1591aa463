// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/line/options.h"

#include <CLI/CLI.hpp>
#include <charconv>
#include <cmath>

namespace zc::cli {
namespace {

void need_it(CLI::Option* option, Options::Need need) {
  if (need == Options::Need::Needed) option->required();
}

std::string in_short(double n) {
  char text[32];
  return {text, std::to_chars(text, text + sizeof text, n).ptr};
}

/// "0 to 100"; nothing for what has no end.
std::string range_words(Range range) {
  if (std::isinf(range.low) && std::isinf(range.high)) return {};
  if (std::isinf(range.high)) return "from " + in_short(range.low) + " on";
  return in_short(range.low) + " to " + in_short(range.high);
}

std::string told(const std::string& help, Range range, double unsaid) {
  const std::string words = range_words(range);
  const std::string left_out =
      range.holds(unsaid) && std::isfinite(unsaid) ? in_short(unsaid) + " when left out" : "";
  return help + (words.empty() ? "" : ", " + words) + (left_out.empty() ? "" : "; " + left_out);
}

void refuse_beyond(const std::string& name, Range range, double given) {
  if (std::isfinite(given) && range.holds(given)) return;
  const std::string words = range_words(range);
  throw CLI::ValidationError(name,
                             words.empty() ? "this number is too large or none." : "give " + words + ".");
}

} // namespace

std::string in_words(const std::vector<std::string>& words) {
  std::string out;
  for (std::size_t i = 0; i < words.size(); ++i)
    out += (i == 0 ? "" : i + 1 == words.size() ? " or " : ", ") + words[i];
  return out;
}

std::vector<FileFormat> picture_formats() { return {{"png", {".png"}}, {"jpeg", {".jpg", ".jpeg"}}}; }

Options Options::command(const std::string& name, const std::string& help) const {
  return Options(*m_app->add_subcommand(name, help));
}

Options Options::group(const std::string& name, const std::string& help) const {
  CLI::App* app = m_app->add_subcommand(name, help);
  app->require_subcommand(1);
  return Options(*app);
}

bool Options::parsed() const { return m_app->parsed(); }
bool Options::given(const std::string& name) const { return m_app->count(name) > 0; }

bool Options::forced() const {
  const CLI::App* top = m_app;
  while (top->get_parent()) top = top->get_parent();
  return top->count("--force") > 0;
}

void Options::text(const std::string& name, std::string& target, const std::string& help, Need need) const {
  need_it(m_app->add_option(name, target, help), need);
}

void Options::texts(const std::string& name, std::vector<std::string>& target, const std::string& help,
                    Need need) const {
  CLI::Option* option = m_app->add_option(name, target, help);
  // Else it would take what stands behind it too.
  if (name.starts_with('-')) option->allow_extra_args(false);
  need_it(option, need);
}

void Options::each(const std::string& name, const std::function<void(const std::string&)>& take,
                   const std::string& help) const {
  m_app->add_option_function<std::string>(name, take, help)->trigger_on_parse()->take_all();
}

void Options::whole(const std::string& name, int& target, Range range, const std::string& help) const {
  const auto take = [&target, name, range](int given) {
    refuse_beyond(name, range, given);
    target = given;
  };
  m_app->add_option_function<int>(name, take, told(help, range, target))->type_name("INT");
}

void Options::number(const std::string& name, double& target, Range range, const std::string& help) const {
  const auto take = [&target, name, range](double given) {
    refuse_beyond(name, range, given);
    target = given;
  };
  m_app->add_option_function<double>(name, take, told(help, range, target))->type_name("NUMBER");
}

void Options::number(const std::string& name, std::optional<double>& target, Range range,
                     const std::string& help) const {
  const auto take = [&target, name, range](double given) {
    refuse_beyond(name, range, given);
    target = given;
  };
  const double unsaid = std::numeric_limits<double>::quiet_NaN();
  m_app->add_option_function<double>(name, take, told(help, range, unsaid))->type_name("NUMBER");
}

void Options::flag(const std::string& name, bool& target, const std::string& help) const {
  m_app->add_flag(name, target, help);
}

void Options::input(const std::string& name, std::string& target, const std::string& help, Need need) const {
  need_it(m_app->add_option(name, target, help)->type_name("FILE"), need);
  m_files->in.push_back({name, &target});
}

void Options::inputs(const std::string& name, std::vector<std::string>& target,
                     const std::string& help) const {
  CLI::Option* option = m_app->add_option(name, target, help)->type_name("FILE");
  if (name.starts_with('-')) option->allow_extra_args(false);
  need_it(option, name.starts_with('-') ? Need::MayBeLeftOut : Need::Needed);
  m_files->in.push_back({name, nullptr, &target});
}

void Options::changed_piece(std::string& target, OutputFile& output) const {
  input("piece", target, "Piece file");
  m_files->in.back().changed = true;
  this->output(output, {{"piece", {".zonachrom"}}}, "Piece file to write; the piece itself when left out",
               Need::MayBeLeftOut);
}

void Options::output(OutputFile& target, const std::vector<FileFormat>& formats, const std::string& help,
                     Need need, const std::string& name) const {
  need_it(m_app->add_option(name, target.path, help)->type_name("FILE"), need);
  m_files->out.push_back({name, &target, formats});
  if (formats.size() < 2) return;
  std::vector<std::string> words;
  words.reserve(formats.size());
  for (const FileFormat& format : formats) words.push_back(format.word);
  add_choice("--format", words, "Format of the file; told from its ending when left out",
             [&target, words](std::size_t i) {
               target.format = i;
               target.format_word = words[i];
             },
             Need::MayBeLeftOut, {});
}

void Options::add_choice(const std::string& name, const std::vector<std::string>& words,
                         const std::string& help, const std::function<void(std::size_t)>& take, Need need,
                         const std::string& unsaid) const {
  const auto chosen = [words, name, take](const std::string& given) {
    for (std::size_t i = 0; i < words.size(); ++i)
      if (words[i] == given) return take(i);
    throw CLI::ValidationError(name, "\"" + given + "\" is no such choice; give " + in_words(words) + ".");
  };
  m_files->choices[name.substr(name.find_first_not_of('-'))] = words;
  const std::string text =
      help + ": " + in_words(words) + (unsaid.empty() ? "" : "; " + unsaid + " when left out");
  need_it(m_app->add_option_function<std::string>(name, chosen, text)->type_name("WORD"), need);
}

} // namespace zc::cli
