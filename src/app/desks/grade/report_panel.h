// What the grading report finds, in words, each with its remedy; the contrast of two swatches; the rules.
#pragma once

#include "app/store/workspace.h"
#include "core/piece/grading.h"

#include <QWidget>

class QLabel;
class QScrollArea;
class QVBoxLayout;

namespace zc {

class NumberField;

class ReportPanel final : public QWidget {
  Q_OBJECT
public:
  ReportPanel(Workspace& space, QWidget* parent);

  struct Finding {
    QString words;
    QString remedy;
    QString step; ///< Name of the undo step.
    std::vector<Id> swatches;
    PieceStore::Edit edit;
  };

protected:
  void showEvent(QShowEvent* event) override;
  void changeEvent(QEvent* event) override;

private:
  /// The first ones in words; a large set may have very many.
  [[nodiscard]] std::vector<Finding> findings() const;
  [[nodiscard]] QWidget* make_rules();
  void add_row(const Finding& finding);
  void follow();
  void follow_selection();
  void change_rule(const std::function<void(GradingRules&, double)>& set, double value, const QString& drag);

  Workspace& m_space;
  QLabel* m_contrast;
  QLabel* m_summary;
  QScrollArea* m_scroll;
  QWidget* m_rows = nullptr;
  struct Rule {
    NumberField* field;
    std::function<double(const GradingRules&)> read;
  };
  std::vector<Rule> m_rules;
};

} // namespace zc
