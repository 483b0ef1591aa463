// SPDX-License-Identifier: GPL-3.0-or-later
// The processor time of one line of the command line from start to end, and of the window until its first
// picture is there, beside those of an empty program and an empty window of the toolkit, in turns.
#include <QTemporaryDir>
#include <algorithm>
#include <benchmark/benchmark.h>
#include <fcntl.h>
#include <spawn.h>
#include <string>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>
#include <vector>

namespace {

double seconds(const timeval& t) {
  return static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_usec);
}

/// Names a program, its words, and what its surroundings have besides.
struct Start {
  std::vector<std::string> line, surroundings;
};

std::vector<char*> pointers(std::vector<std::string>& words) {
  std::vector<char*> out;
  for (std::string& word : words) out.push_back(word.data());
  out.push_back(nullptr);
  return out;
}

/// Seconds of the processor that the program takes; nothing where it fails.
double processor_time(Start start) {
  for (char** word = environ; *word; ++word) start.surroundings.emplace_back(*word);
  const std::vector<char*> line = pointers(start.line), surroundings = pointers(start.surroundings);
  posix_spawn_file_actions_t to_nowhere;
  posix_spawn_file_actions_init(&to_nowhere);
  posix_spawn_file_actions_addopen(&to_nowhere, STDOUT_FILENO, "/dev/null", O_WRONLY, 0);
  pid_t child = 0;
  int status = 1;
  rusage used{};
  const int failed = posix_spawn(&child, line[0], &to_nowhere, nullptr, line.data(), surroundings.data());
  posix_spawn_file_actions_destroy(&to_nowhere);
  if (failed != 0 || wait4(child, &status, 0, &used) < 0 || status != 0) return 0;
  return seconds(used.ru_utime) + seconds(used.ru_stime);
}

double median(std::vector<double> all) {
  std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2), all.end());
  return all[all.size() / 2];
}

void starts(benchmark::State& state, const Start& start, const Start& empty) {
  std::vector<double> of_start, of_empty;
  for (auto _ : state)
    for (int i = 0; i < 40; ++i) {
      of_start.push_back(processor_time(start));
      of_empty.push_back(processor_time(empty));
    }
  if (median(of_start) <= 0 || median(of_empty) <= 0) return state.SkipWithError("a program did not run");
  state.counters["ms"] = 1e3 * median(of_start);
  state.counters["empty_ms"] = 1e3 * median(of_empty);
  state.counters["ratio"] = median(of_start) / median(of_empty);
}

void line_of_colors(benchmark::State& state) {
  starts(state, {{COMMAND_LINE, "describe", "#ce854e"}, {}}, {{EMPTY_PROGRAM}, {}});
}
void line_with_a_piece(benchmark::State& state) {
  starts(state, {{COMMAND_LINE, "grade", DEMO_PIECE}, {}}, {{EMPTY_PROGRAM}, {}});
}
/// As at a first start: nothing is kept from before.
void window(benchmark::State& state) {
  const QTemporaryDir home;
  std::vector<std::string> surroundings{"LD_PRELOAD=" FIRST_PICTURE, "QT_QPA_PLATFORM=offscreen"};
  for (const char* name : {"CONFIG", "DATA", "STATE", "CACHE"})
    surroundings.push_back("XDG_" + std::string(name) + "_HOME=" + home.path().toStdString());
  starts(state, {{WINDOW}, surroundings}, {{EMPTY_WINDOW}, surroundings});
}
BENCHMARK(line_of_colors)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(line_with_a_piece)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(window)->Unit(benchmark::kMillisecond)->Iterations(1);

} // namespace
