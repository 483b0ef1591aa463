// SPDX-License-Identifier: GPL-3.0-or-later
// Parcels: what of this piece goes along, and what of somebody's parcel is taken.
#pragma once

#include "io/shelf/parcel.h"
#include "model/session/studio.h"

#include <QWidget>
#include <set>

class QHBoxLayout;
class QLabel;
class QLineEdit;
class QVBoxLayout;

namespace zc {

class FileWatch;
class WordControl;

class ParcelPanel final : public QWidget {
  Q_OBJECT
public:
  ParcelPanel(Studio& model, QWidget* parent);
  /// Shows what is inside, all of it chosen.
  void look_into(const Parcel& parcel, const QString& name);
  /// Parcels that come up in this folder are offered from now on; none are taken unasked.
  void watch_folder(const QString& folder);
  /// A folder was chosen, at this start or one before.
  [[nodiscard]] static bool watches_folder();

signals:
  void packAsked(const zc::Parcel& parcel);
  void openAsked();
  void fileAsked(const QString& path);
  void folderAsked();
  void putAsked(const zc::Parcel& parcel);

protected:
  void showEvent(QShowEvent* event) override;

private:
  QHBoxLayout* make_open_row();
  void suggest_words();
  void start_over();
  [[nodiscard]] Parcel chosen() const;
  [[nodiscard]] Parcel taken() const;
  void follow();
  void list_offers();
  void offer_new();
  /// All that is there counts as known; gives what was before.
  QStringList note_offers();
  void list_inside();
  WordControl* add_switch(QVBoxLayout* into, const QString& name, const QString& words, bool on);
  Studio& m_model;
  QVBoxLayout* m_pack;
  QVBoxLayout* m_inside;
  QVBoxLayout* m_offers;
  QWidget* m_pack_box = nullptr;
  QWidget* m_inside_box = nullptr;
  QWidget* m_offer_box = nullptr;
  QLineEdit* m_description;
  QLineEdit* m_from;
  QLabel* m_says;
  FileWatch* m_watch;
  QStringList m_offered;   ///< Parcels that are known to have been there.
  std::set<Id> m_left_out; ///< Sets that stay here.
  bool m_mask = true, m_paints = true, m_pattern = false, m_press = false; ///< What else goes along.
  Parcel m_parcel;                                                         ///< The one that is looked into.
  QString m_name;
  std::set<std::size_t> m_not_taken; ///< Of its items: sets, masks, patterns, paints, press, in this order.
};

} // namespace zc
