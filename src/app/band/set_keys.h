// SPDX-License-Identifier: GPL-3.0-or-later
// The keys that mean the same in every view of the set.
#pragma once

class QKeyEvent;

namespace zc {

class Workspace;

/// Deletes, takes up or lets go of the selection; false for any other key.
bool takes_set_key(Workspace& space, const QKeyEvent& event);

} // namespace zc
