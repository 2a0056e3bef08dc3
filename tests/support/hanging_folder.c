// SPDX-License-Identifier: GPL-3.0-or-later
//
// A folder on another machine that stops to answer, as a stand-in: loaded before all other libraries
// (LD_PRELOAD), it holds up every call that names a file in the folder for as long as it is told to. The main
// thread is not held up; its calls are counted, since there may be none.
#define _GNU_SOURCE
#include <dirent.h>
#include <dlfcn.h>
#include <fcntl.h>
#include <stdarg.h>
#include <stdatomic.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <sys/syscall.h>
#include <time.h>
#include <unistd.h>

static char folder[4096];
static atomic_int hanging, main_calls, other_calls;

void hang_folder(const char* path) {
    atomic_store(&hanging, 0);
    if (!path)
        return;
    snprintf(folder, sizeof folder, "%s", path);
    atomic_store(&main_calls, 0);
    atomic_store(&other_calls, 0);
    atomic_store(&hanging, 1);
}

/// A program that is started in such a folder has it hanging from its start.
__attribute__((constructor)) static void hang_from_the_start(void) {
    hang_folder(getenv("HANGING_FOLDER"));
}

int calls_of_main_thread(void) {
    return atomic_load(&main_calls);
}
int calls_that_hung(void) {
    return atomic_load(&other_calls);
}

static void wait_for(const char* call, const char* path) {
    if (!atomic_load(&hanging) || !path || strncmp(path, folder, strlen(folder)) != 0)
        return;
    if (syscall(SYS_gettid) == getpid()) {
        atomic_fetch_add(&main_calls, 1);
        fprintf(stderr, "the main thread calls %s for %s\n", call, path);
        return;
    }
    atomic_fetch_add(&other_calls, 1);
    const struct timespec a_while = {0, 10000000};
    while (atomic_load(&hanging))
        nanosleep(&a_while, NULL);
}

#define REAL(name)                                                                                           \
    static __typeof__(&name) real;                                                                           \
    if (!real)                                                                                               \
    real = (__typeof__(&name))dlsym(RTLD_NEXT, #name)
#define MODE(last)                                                                                           \
    va_list rest;                                                                                            \
    va_start(rest, last);                                                                                    \
    const int mode = va_arg(rest, int);                                                                      \
    va_end(rest)

int open(const char* path, int flags, ...) {
    REAL(open);
    MODE(flags);
    wait_for("open", path);
    return real(path, flags, mode);
}
int open64(const char* path, int flags, ...) {
    REAL(open64);
    MODE(flags);
    wait_for("open64", path);
    return real(path, flags, mode);
}
int openat(int at, const char* path, int flags, ...) {
    REAL(openat);
    MODE(flags);
    wait_for("openat", path);
    return real(at, path, flags, mode);
}
FILE* fopen(const char* path, const char* how) {
    REAL(fopen);
    wait_for("fopen", path);
    return real(path, how);
}
FILE* fopen64(const char* path, const char* how) {
    REAL(fopen64);
    wait_for("fopen64", path);
    return real(path, how);
}
int stat(const char* path, struct stat* told) {
    REAL(stat);
    wait_for("stat", path);
    return real(path, told);
}
int lstat(const char* path, struct stat* told) {
    REAL(lstat);
    wait_for("lstat", path);
    return real(path, told);
}
int stat64(const char* path, struct stat64* told) {
    REAL(stat64);
    wait_for("stat64", path);
    return real(path, told);
}
int statx(int at, const char* path, int flags, unsigned mask, struct statx* told) {
    REAL(statx);
    wait_for("statx", path);
    return real(at, path, flags, mask, told);
}
int access(const char* path, int mode) {
    REAL(access);
    wait_for("access", path);
    return real(path, mode);
}
char* realpath(const char* path, char* to) {
    REAL(realpath);
    wait_for("realpath", path);
    return real(path, to);
}
ssize_t readlink(const char* path, char* to, size_t room) {
    REAL(readlink);
    wait_for("readlink", path);
    return real(path, to, room);
}
DIR* opendir(const char* path) {
    REAL(opendir);
    wait_for("opendir", path);
    return real(path);
}
int rename(const char* from, const char* to) {
    REAL(rename);
    wait_for("rename", from);
    return real(from, to);
}
int unlink(const char* path) {
    REAL(unlink);
    wait_for("unlink", path);
    return real(path);
}
