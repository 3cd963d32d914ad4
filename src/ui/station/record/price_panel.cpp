#include "ui/station/record/price_panel.h"

#include "ui/look/flow_layout.h"
#include "ui/look/texts.h"
#include "ui/look/title_label.h"
#include "ui/state/session.h"

#include <QCheckBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>

namespace fm {

namespace {

QString ordered_words(OrderedPart part) {
    switch (part) {
    case OrderedPart::nut: return PricePanel::tr("nut");
    case OrderedPart::saddle: return PricePanel::tr("saddle");
    case OrderedPart::bridge: return PricePanel::tr("bridge");
    case OrderedPart::ready_nut: return PricePanel::tr("nut, bought");
    case OrderedPart::ready_saddle: return PricePanel::tr("saddle, bought");
    case OrderedPart::set_up: return PricePanel::tr("set-up");
    }
    return {};
}

} // namespace

PricePanel::PricePanel(Session& session, QWidget* parent)
    : QWidget(parent), session_(session),
      sum_(new ValueField(QStringLiteral("ordered.sum"), tr("ordered for at most"), FieldKind::number, this)),
      minutes_(new ValueField(QStringLiteral("ordered.minutes"), tr("minutes ordered at most"),
                              FieldKind::number, this)),
      price_(new QLabel) {
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    column->addWidget(title_label(tr("Order and price"), 16));
    auto* boxes = new QWidget;
    auto* row = new FlowLayout(boxes, 10);
    for (std::size_t i = 0; i < words_of(OrderedPart{}).size(); ++i) {
        auto* box = new QCheckBox(ordered_words(static_cast<OrderedPart>(i)));
        box->setToolTip(tr("Ordered by the owner: it stands in the price"));
        connect(box, &QCheckBox::clicked, this, &PricePanel::order);
        row->addWidget(box);
        parts_.push_back(box);
    }
    column->addWidget(boxes);
    auto* most = new QWidget;
    auto* mosts = new FlowLayout(most, 10);
    for (ValueField* field : {sum_, minutes_}) {
        auto* one = new QWidget;
        auto* pair = new QHBoxLayout(one);
        pair->setContentsMargins(0, 0, 0, 0);
        auto* name = new QLabel(field->name());
        name->setProperty("caption", true);
        pair->addWidget(name);
        field->setFixedWidth(100);
        pair->addWidget(field);
        mosts->addWidget(one);
    }
    column->addWidget(most);
    price_->setWordWrap(true);
    price_->setTextFormat(Qt::PlainText);
    price_->setTextInteractionFlags(Qt::TextSelectableByMouse);
    price_->setAccessibleName(tr("Price"));
    price_->setProperty("caption", true);
    column->addWidget(price_);
    connect(sum_, &ValueField::committed, this, [this](double amount) {
        sum_->set_problem(session_.told(session_.commit(tr("ordered for %1").arg(money(amount)),
                                                        with(session_.document(), "ordered.sum", amount))));
    });
    connect(minutes_, &ValueField::committed, this, [this](double minutes) {
        minutes_->set_problem(
            session_.told(session_.commit(tr("ordered for %1 min").arg(number_text(minutes, 0)),
                                          with(session_.document(), "ordered.minutes", minutes))));
    });
}

void PricePanel::order() {
    Value::Array ordered;
    for (std::size_t i = 0; i < parts_.size(); ++i)
        if (parts_[i]->isChecked()) ordered.emplace_back(std::string(words_of(OrderedPart{})[i]));
    const auto problems = session_.commit(
        tr("what is ordered"), ordered.empty() ? without(session_.document(), "ordered.parts")
                                               : with(session_.document(), "ordered.parts", ordered));
    if (!problems.empty()) Q_EMIT refused(session_.told(problems));
    refresh();
}

QString PricePanel::words() const {
    return price_->text();
}

QString PricePanel::money(double amount) const {
    return money_text(amount, session_.workshop().tables().currency);
}

QString PricePanel::part_words(const PartQuote& part) const {
    const bool unknown = part.price.total() == 0 && !part.missing.empty(); // which is not nothing
    QString words =
        unknown ? tr("%1: not known").arg(ordered_words(part.part))
                : tr("%1: %2, %3 min")
                      .arg(ordered_words(part.part), money(part.price.total()), number_text(part.minutes, 0));
    if (part.cheapest) words += QStringLiteral(", ") + QString::fromStdString(part.cheapest->name);
    for (const Message& message : part.missing)
        words += QStringLiteral("\n  ▲ ") + message_text(message, session_.state().job.units);
    return words;
}

void PricePanel::refresh() {
    if (!session_.is_open()) return;
    const State& state = session_.state();
    const ShopTables& shop = session_.workshop().tables();
    for (std::size_t i = 0; i < parts_.size(); ++i) {
        const auto& ordered = state.job.ordered.parts;
        parts_[i]->setChecked(std::find(ordered.begin(), ordered.end(), static_cast<OrderedPart>(i)) !=
                              ordered.end());
        parts_[i]->setEnabled(!session_.read_only());
    }
    sum_->show_value(state.job.ordered.sum, state.job.units.small());
    minutes_->show_value(state.job.ordered.minutes, state.job.units.small());
    if (!shop.priced())
        return price_->setText(tr("The shop's tables hold neither rate nor blanks: no price."));
    const JobQuote quote = quote_of(state.job, state.solution, state.plan, shop);
    QStringList lines;
    for (const PartQuote& part : quote.parts) lines << part_words(part);
    lines << (quote.complete() ? tr("Together %1").arg(money(quote.total))
                               : tr("Together %1, and what is missing above").arg(money(quote.total)));
    if (quote.sum)
        lines << tr("Ordered for %1; spent so far %2; left %3")
                     .arg(money(*quote.sum), money(quote.spent), money(*quote.left));
    price_->setText(lines.join(QLatin1Char('\n')));
}

} // namespace fm
