// SPDX-License-Identifier: GPL-3.0-or-later
// The keys that mean the same in every view of the set.
#pragma once

class QKeyEvent;

namespace zc {

class Laying;
class SetWork;

/// Deletes, takes up or lets go of the selection; false for any other key.
bool takes_set_key(Laying& laying, SetWork& work, const QKeyEvent& event);

} // namespace zc
