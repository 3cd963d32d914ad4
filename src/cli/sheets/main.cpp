// fair-measure-sheets: what the command `sheet` is handed to, so that no other waits for what draws.
#include "cli/program.h"
#include "cli/sheets/sheet_command.h"

int main(int argc, char** argv) {
    return fm::run_program(argc, argv, fm::sheet_command);
}
