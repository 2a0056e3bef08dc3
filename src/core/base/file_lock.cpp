// SPDX-License-Identifier: GPL-3.0-or-later
#include "base/file_lock.h"

#include <fcntl.h>
#include <sys/file.h>
#include <unistd.h>

namespace pulsepin {

std::optional<FileLock> FileLock::try_take(const std::filesystem::path& path) {
    FileLock lock(::open(path.c_str(), O_RDWR | O_CREAT | O_CLOEXEC, 0600));
    if (lock.descriptor_ < 0 || ::flock(lock.descriptor_, LOCK_EX | LOCK_NB) != 0)
        return std::nullopt;
    return lock;
}

FileLock::~FileLock() {
    if (descriptor_ >= 0)
        ::close(descriptor_);
}

} // namespace pulsepin
