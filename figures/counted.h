#pragma once
// A second copy of the core, in a library of its own, that counts its roots and logarithms.
struct RootCounts {
    long roots = 0;
    long logarithms = 0;
    long hypotenuses = 0;
    long sines = 0; ///< and other functions of angles
};

extern "C" RootCounts counts_of_solve(const void* design);
