// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/test_program.h"

#include <cstdio>
#include <map>
#include <string>

namespace pulsepin::test {
namespace {

/// Made when the first class is added, whatever the order of files.
std::map<std::string, RunTests>& classes() {
    static std::map<std::string, RunTests> all;
    return all;
}

} // namespace

bool TestProgram::add(const char* name, RunTests run) {
    return classes().emplace(name, run).second;
}

int TestProgram::run(int argc, char** argv) {
    const auto found = argc > 1 ? classes().find(argv[1]) : classes().end();
    if (found == classes().end()) {
        std::fprintf(stderr, "%s CLASS [argument of Qt Test ...]\n", argv[0]);
        for (const auto& [name, run] : classes())
            std::fprintf(stderr, "  %s\n", name.c_str());
        return 2;
    }
    argv[1] = argv[0];
    return found->second(argc - 1, argv + 1);
}

} // namespace pulsepin::test
