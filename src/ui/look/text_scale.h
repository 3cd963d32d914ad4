#pragma once

#include <QSize>

#include <string>
#include <vector>

class QApplication;

namespace fm {

/// How much larger than usual the desktop wants its text, in quarters and no larger than the screen can hold
/// the window: 1 for usual sizes, up to 2.5.
double wanted_text_scale(const QApplication& app);

/// The size of the text that holds, the nearest of those a person can choose (`settings::text_sizes`).
int text_size_now();
/// The next larger or smaller of these.
int text_size_beside(int percent, int steps);

/// The least window that shows all that is in it, and the least at all: it shows a part at a time.
inline constexpr QSize whole_window(1024, 700);
inline constexpr QSize least_window(640, 440);

/// Everything follows the size of the desktop's text: where it is not the usual one, the program begins again
/// with the whole interface enlarged, as far as the window fits the screen whole. A size a person chose goes
/// before it, as far as the screen shows a part to work in. Returns if there is nothing to change.
void follow_text_scale(const QApplication& app, char** argv);

/// Begins the program again with these words, in the text size that is kept now. Returns only if it cannot.
void begin_again(const std::vector<std::string>& words);

} // namespace fm
