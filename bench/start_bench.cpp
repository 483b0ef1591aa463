// SPDX-License-Identifier: GPL-3.0-or-later
// The processor time of one line of the command line from start to end, beside that of an empty program of
// the toolkit's core, in turns.
#include <algorithm>
#include <benchmark/benchmark.h>
#include <fcntl.h>
#include <spawn.h>
#include <sys/resource.h>
#include <sys/wait.h>
#include <unistd.h>
#include <vector>

namespace {

double seconds(const timeval& t) {
  return static_cast<double>(t.tv_sec) + 1e-6 * static_cast<double>(t.tv_usec);
}

/// Seconds of the processor that the program takes; nothing where it fails.
double processor_time(std::vector<const char*> line) {
  line.push_back(nullptr);
  posix_spawn_file_actions_t to_nowhere;
  posix_spawn_file_actions_init(&to_nowhere);
  posix_spawn_file_actions_addopen(&to_nowhere, STDOUT_FILENO, "/dev/null", O_WRONLY, 0);
  pid_t child = 0;
  int status = 1;
  rusage used{};
  const int failed =
      posix_spawn(&child, line[0], &to_nowhere, nullptr, const_cast<char* const*>(line.data()), environ);
  posix_spawn_file_actions_destroy(&to_nowhere);
  if (failed != 0 || wait4(child, &status, 0, &used) < 0 || status != 0) return 0;
  return seconds(used.ru_utime) + seconds(used.ru_stime);
}

double median(std::vector<double> all) {
  std::nth_element(all.begin(), all.begin() + static_cast<std::ptrdiff_t>(all.size() / 2), all.end());
  return all[all.size() / 2];
}

void starts(benchmark::State& state, std::vector<const char*> line) {
  std::vector<double> of_line, of_empty;
  for (auto _ : state)
    for (int i = 0; i < 40; ++i) {
      of_line.push_back(processor_time(line));
      of_empty.push_back(processor_time({EMPTY_PROGRAM}));
    }
  if (median(of_line) <= 0 || median(of_empty) <= 0) return state.SkipWithError("a program did not run");
  state.counters["ms"] = 1e3 * median(of_line);
  state.counters["empty_ms"] = 1e3 * median(of_empty);
  state.counters["ratio"] = median(of_line) / median(of_empty);
}
void line_of_colors(benchmark::State& state) { starts(state, {COMMAND_LINE, "describe", "#ce854e"}); }
void line_with_a_piece(benchmark::State& state) { starts(state, {COMMAND_LINE, "grade", DEMO_PIECE}); }
BENCHMARK(line_of_colors)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(line_with_a_piece)->Unit(benchmark::kMillisecond)->Iterations(1);

} // namespace
