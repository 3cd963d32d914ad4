#pragma once

class QApplication;

namespace fm {

/// How much larger than usual the desktop wants its text, in quarters and no larger than the screen can hold
/// the window: 1 for usual sizes, up to 2.5.
double wanted_text_scale(const QApplication& app);

/// Everything follows the size of the desktop's text: where it is not the usual one, the program begins again
/// with the whole interface enlarged. Returns if there is nothing to change.
void follow_text_scale(const QApplication& app, char** argv);

} // namespace fm
