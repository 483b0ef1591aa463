// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/workspace/workspace.h"

namespace zc {

Workspace::Workspace(QObject* parent) : Studio(parent) {}

Workspace::~Workspace() = default;

} // namespace zc
