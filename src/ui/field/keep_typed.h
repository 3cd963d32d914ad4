#pragma once

class QWidget;

namespace fm {

/// What is typed in a window's field or cell and not yet entered is kept as if the field were left, and the
/// field has the focus again where it is still in sight. To be done before anything else happens to the job:
/// a press of the mouse elsewhere, an action, another job. Nothing typed: nothing happens.
void keep_typed(const QWidget* window);

} // namespace fm
