// SPDX-License-Identifier: GPL-3.0-or-later
// Packs the demo piece while the program is built, which needs less than the whole command line.
#include "io/container/piece_file.h"

#include <cstdio>

int main(int argc, char** argv) {
  if (argc != 3) return 2;
  const auto packed = zc::pack_folder(argv[1], argv[2]);
  if (!packed) std::fprintf(stderr, "pack_demo: %s\n", packed.error().sentence().c_str());
  return packed ? 0 : 1;
}
