// Small controls in the house style, and the one place that makes containers see-through.
#pragma once

#include <QAbstractButton>

class QAbstractScrollArea;

namespace zc {

/// A word that can be pressed: underlined by a hairline, by a heavy line while checked.
class WordButton final : public QAbstractButton {
  Q_OBJECT
public:
  explicit WordButton(const QString& word, QWidget* parent = nullptr);
  [[nodiscard]] QSize sizeHint() const override;

protected:
  void paintEvent(QPaintEvent* event) override;
};

void make_see_through(QAbstractScrollArea* area);

} // namespace zc
