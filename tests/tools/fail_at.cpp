// Loaded before a program (LD_PRELOAD), it lets the n-th call that touches a file under a folder fail, or
// ends the program there.
//   FAIL_UNDER  the folder        FAIL_AT  which call, from 1; 0: none, they are only counted
//   FAIL_WITH   an errno as a number, or 0: the program is killed
//   FAIL_LOG    where each call is written, a line each
// Calls: open to write or read, write, sync, rename, link, unlink.
#include <cerrno>
#include <csignal>
#include <cstdarg>
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <dlfcn.h>
#include <fcntl.h>
#include <sys/syscall.h>
#include <unistd.h>

namespace {

template <class Function> Function next(const char* name) {
    return reinterpret_cast<Function>(dlsym(RTLD_NEXT, name));
}

bool is_under(const char* path) {
    const char* under = std::getenv("FAIL_UNDER");
    return under && *under && path && std::strncmp(path, under, std::strlen(under)) == 0;
}

bool is_under(int handle) {
    char link[64];
    char path[4096];
    std::snprintf(link, sizeof link, "/proc/self/fd/%d", handle);
    const long size = syscall(SYS_readlinkat, AT_FDCWD, link, path, sizeof path - 1);
    if (size <= 0) return false;
    path[size] = 0;
    return is_under(path);
}

/// Whether this call is the one that fails; errno is set then.
template <class Where> bool fails(const char* call, Where where) {
    if (!is_under(where)) return false;
    static int calls = 0;
    ++calls;
    if (const char* log = std::getenv("FAIL_LOG")) {
        const long handle = syscall(SYS_openat, AT_FDCWD, log, O_WRONLY | O_CREAT | O_APPEND, 0600);
        syscall(SYS_write, handle, call, std::strlen(call));
        syscall(SYS_write, handle, "\n", 1);
        syscall(SYS_close, handle);
    }
    const char* at = std::getenv("FAIL_AT");
    const char* with = std::getenv("FAIL_WITH");
    if (!at || std::atoi(at) != calls) return false;
    if (!with || std::atoi(with) == 0) syscall(SYS_kill, getpid(), SIGKILL);
    errno = std::atoi(with);
    return true;
}

} // namespace

#define OPENING(name)                                                                                        \
    extern "C" int name(const char* path, int flags, ...) {                                                  \
        va_list more;                                                                                        \
        va_start(more, flags);                                                                               \
        const mode_t mode = va_arg(more, mode_t);                                                            \
        va_end(more);                                                                                        \
        if (fails("open", path)) return -1;                                                                  \
        return next<int (*)(const char*, int, mode_t)>(#name)(path, flags, mode);                            \
    }
OPENING(open)
OPENING(open64)

#define OPENING_AT(name)                                                                                     \
    extern "C" int name(int folder, const char* path, int flags, ...) {                                      \
        va_list more;                                                                                        \
        va_start(more, flags);                                                                               \
        const mode_t mode = va_arg(more, mode_t);                                                            \
        va_end(more);                                                                                        \
        if (fails("open", path)) return -1;                                                                  \
        return next<int (*)(int, const char*, int, mode_t)>(#name)(folder, path, flags, mode);               \
    }
OPENING_AT(openat)
OPENING_AT(openat64)

extern "C" ssize_t write(int handle, const void* bytes, size_t size) {
    if (fails("write", handle)) return -1;
    return next<ssize_t (*)(int, const void*, size_t)>("write")(handle, bytes, size);
}

#define SYNCING(name)                                                                                        \
    extern "C" int name(int handle) {                                                                        \
        if (fails("sync", handle)) return -1;                                                                \
        return next<int (*)(int)>(#name)(handle);                                                            \
    }
SYNCING(fsync)
SYNCING(fdatasync)

#define MOVING(name)                                                                                         \
    extern "C" int name(const char* from, const char* to) noexcept {                                         \
        if (fails(#name, to)) return -1;                                                                     \
        return next<int (*)(const char*, const char*)>(#name)(from, to);                                     \
    }
MOVING(rename)
MOVING(link)

extern "C" int renameat2(int from_folder, const char* from, int to_folder, const char* to,
                         unsigned flags) noexcept {
    if (fails("rename", to)) return -1;
    return next<int (*)(int, const char*, int, const char*, unsigned)>("renameat2")(from_folder, from,
                                                                                    to_folder, to, flags);
}

extern "C" int unlink(const char* path) noexcept {
    if (fails("unlink", path)) return -1;
    return next<int (*)(const char*)>("unlink")(path);
}
