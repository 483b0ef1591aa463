// SPDX-License-Identifier: GPL-3.0-or-later
// What the grading report finds, an entry for each kind, with its remedy and what that will change; the
// relation that the hues stand in; the contrast of two swatches; the limits.
#pragma once

#include "core/grading/findings.h"
#include "core/grading/relation_check.h"
#include "model/session/studio.h"

#include <QWidget>

#include <set>

class QHBoxLayout;
class QLabel;
class QScrollArea;
class QVBoxLayout;

namespace zc {

class PressModel;
class SetWork;
class Viewing;

class NumberField;
class WordControl;

class ReportPanel final : public QWidget {
  Q_OBJECT
public:
  ReportPanel(Studio& model, Viewing& viewing, SetWork& work, PressModel& press, QWidget* parent);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  void changeEvent(QEvent* event) override;
  bool eventFilter(QObject* watched, QEvent* event) override;

private:
  [[nodiscard]] QWidget* make_rules();
  /// A sentence, and the line below it that takes words to press.
  std::pair<QWidget*, QHBoxLayout*> begin_row(const QString& said, int depth, const char* name = "finding");
  void add_row(const Finding& finding, int depth);
  void add_note(QWidget* row, const char* name, const QString& words);
  void add_remedy(QWidget* row, QHBoxLayout* line, const Finding& finding, const QString& said, int depth);
  WordControl* make_more(QWidget* row, const Finding& finding, const QString& said);
  bool add_press_row();
  void add_relation_row();
  /// What pressing a remedy would make of the piece; nothing where that would take too long to ask.
  [[nodiscard]] std::optional<Piece> remedied_by(const QObject& remedy) const;
  WordControl* add_word(QWidget* row, const QString& name, const QString& word, const QString& said);
  void follow();
  void follow_selection();
  void change_rule(const std::function<void(GradingRules&, double)>& set, double value, const QString& drag);
  Studio& m_model;
  Viewing& m_viewing;
  SetWork& m_work;
  PressModel& m_reader;
  QLabel* m_contrast;
  QLabel* m_summary;
  QScrollArea* m_scroll;
  QWidget* m_rows = nullptr;
  WordControl* m_limits;
  QWidget* m_rule_box = nullptr;
  std::set<std::tuple<FindingKind, Id, int>>
      m_open;                         ///< Kind, first swatch and depth of entries that are open.
  std::optional<Relation> m_compared; ///< With this relation the hues are compared; else the best.
  RelationFit m_fit;
  struct Rule {
    NumberField* field;
    std::function<double(const GradingRules&)> read;
  };
  std::vector<Rule> m_rules;
};

} // namespace zc
