// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QGuiApplication>

namespace pulsepin {

/// Pictures and letters are drawn without a screen while this lives.
class Screenless {
public:
    Screenless() {
        if (!qEnvironmentVariableIsSet("QT_QPA_PLATFORM"))
            qputenv("QT_QPA_PLATFORM", "offscreen");
        application_.emplace(count_, arguments_);
    }

private:
    int count_ = 1;
    char name_[13] = "pulsepin-cli";
    char* arguments_[2] = {name_, nullptr};
    std::optional<QGuiApplication> application_;
};

} // namespace pulsepin
