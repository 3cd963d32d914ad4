// fair-measure-cli.
#include "cli/program.h"
#include "cli/sheet_program.h"

int main(int argc, char** argv) {
    return fm::run_program(argc, argv, fm::become_sheet_program);
}
