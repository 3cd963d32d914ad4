#include "ui/field/seen_row.h"

#include "sheet/views/slot_seen_views.h"
#include "ui/look/drawn_icon.h"
#include "ui/look/flow_layout.h"

#include <QLabel>
#include <QToolButton>
#include <QVBoxLayout>

namespace fm {

SeenRow::SeenRow(QWidget* parent) : QWidget(parent), of_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(3);
    of_->setProperty("caption", true);
    column->addWidget(of_);
    auto* row = new QWidget;
    auto* flow = new FlowLayout(row);
    const std::array told{tr("moves from side to side: too wide"),
                          tr("the string is pinched and sits high"),
                          tr("built up before: dust and glue, bone or a chip"),
                          tr("no fall towards the head: the string bears somewhere along it"),
                          tr("falls towards the fingerboard: the string bears at the head's side"),
                          tr("the string does not bear at the front edge"),
                          tr("nothing to see: clears what was seen before")};
    for (std::size_t i = 0; i < buttons_.size(); ++i) {
        const auto what = static_cast<SlotFound>(i);
        auto* button = new QToolButton;
        button->setText(name(what));
        button->setCheckable(true);
        button->setIcon(drawn_icon(slot_seen_picture(what)));
        button->setIconSize(drawn_icon_px);
        button->setToolButtonStyle(Qt::ToolButtonTextUnderIcon);
        button->setProperty("choice", true);
        button->setProperty("drawn", true);
        button->setFocusPolicy(Qt::TabFocus);
        button->setAccessibleName(name(what));
        button->setAccessibleDescription(told[i]);
        button->setToolTip(told[i]);
        button->setObjectName(QStringLiteral("seen.") + QString::fromLatin1(words_of(SlotFound{})[i].data()));
        connect(button, &QToolButton::clicked, this, [this, what] { toggle(what); });
        buttons_[i] = button;
        flow->addWidget(button);
    }
    column->addWidget(row);
}

QString SeenRow::name(SlotFound what) {
    switch (what) {
    case SlotFound::wiggles: return tr("wiggles");
    case SlotFound::binds: return tr("binds");
    case SlotFound::filled: return tr("filled");
    case SlotFound::floor_flat: return tr("floor flat");
    case SlotFound::floor_forward: return tr("floor forward");
    case SlotFound::front_untouched: return tr("front free");
    case SlotFound::fine: return tr("fine");
    }
    return {};
}

QString SeenRow::names(const SlotSeen& seen) {
    QStringList words;
    for (const SlotFound what : seen) words << name(what);
    return words.join(QStringLiteral(", "));
}

void SeenRow::show_slot(const QString& string, const SlotSeen& seen, bool read_only) {
    seen_ = seen;
    of_->setText(tr("Slot of %1: what is seen, several at once").arg(string));
    for (std::size_t i = 0; i < buttons_.size(); ++i) {
        buttons_[i]->setChecked(fm::seen(seen, static_cast<SlotFound>(i)));
        buttons_[i]->setEnabled(!read_only);
    }
}

void SeenRow::toggle(SlotFound what) {
    SlotSeen now = seen_;
    if (fm::seen(now, what))
        std::erase(now, what);
    else if (what == SlotFound::fine)
        now = {what};
    else {
        std::erase(now, SlotFound::fine);
        now.push_back(what);
    }
    if (now.empty()) now = {SlotFound::fine}; // what was seen before is seen no more
    std::sort(now.begin(), now.end());
    Q_EMIT picked(now);
}

} // namespace fm
