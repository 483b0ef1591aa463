// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/application/app_model.h"

namespace zc {

AppModel::AppModel(QObject* parent) : Studio(parent) {}

AppModel::~AppModel() = default;

} // namespace zc
