// SPDX-License-Identifier: GPL-3.0-or-later
// What is kept across pieces: search, take up, put up with tags, switch on and off, take off, parcels.
#pragma once

#include "io/shelf/shelf_files.h"
#include "model/session/studio.h"

#include <QImage>
#include <QWidget>
#include <functional>
#include <memory>

class QLineEdit;
class QListWidget;
class QPushButton;

namespace zc {

/// One kind of thing on the shelf: what it is called, how it is drawn, how it is put up and taken up.
class ShelfSource {
public:
  virtual ~ShelfSource() = default;
  /// First part of the object names of the panel's parts.
  [[nodiscard]] virtual QString prefix() const = 0;
  [[nodiscard]] virtual QString plural() const = 0;
  /// Reads the shelf anew; the cards stand in the order of the indices used below. Gives what could not be
  /// read.
  [[nodiscard]] virtual std::vector<Error> read() = 0;
  [[nodiscard]] virtual std::vector<ShelfCard> cards() const = 0;
  [[nodiscard]] virtual QImage drawn(std::size_t item, QSize size, qreal scale) const = 0;
  [[nodiscard]] virtual QSize icon_size() const = 0;
  [[nodiscard]] virtual bool can_put() const = 0;
  [[nodiscard]] virtual Result<std::string> put(const ShelfCard& card) = 0;
  virtual void use_color(std::size_t item) = 0;
  [[nodiscard]] virtual Status change(std::size_t item, const ShelfCard& card) = 0;
  /// The piece's own into the place of one that lies there, which keeps its name and tags.
  [[nodiscard]] virtual Status put_back(std::size_t item) = 0;
};

/// Where a kind of thing lies on the shelf: "masks" or "sets", under the desktop's data folder.
[[nodiscard]] QString shelf_folder(const QString& kind);

class ShelfPanel final : public QWidget {
  Q_OBJECT
public:
  ShelfPanel(Studio& model, std::unique_ptr<ShelfSource> source, QWidget* parent);
  /// Chooses the item of this file, whatever was searched for.
  void show_item(const std::string& file);

protected:
  void showEvent(QShowEvent* event) override;
  void hideEvent(QHideEvent* event) override;
  void changeEvent(QEvent* event) override;

private:
  void lay_out();
  void read();
  void show_found();
  void put_up();
  void use_color();
  void remove_chosen();
  void switch_on();
  void put_back();
  void rename();
  void change_chosen(const std::function<void(ShelfCard&)>& change);
  void choose(const std::string& file);
  void show_card();
  void follow();
  [[nodiscard]] std::optional<std::size_t> chosen() const;
  Studio& m_model;
  std::unique_ptr<ShelfSource> m_source;
  std::vector<ShelfCard> m_cards;
  std::vector<std::size_t> m_found; ///< Into m_cards, in the order shown.
  QLineEdit* m_search;
  QListWidget* m_list;
  QLineEdit* m_name;
  QLineEdit* m_tags;
  QPushButton* m_put;
  QPushButton* m_take;
  QPushButton* m_back;
  QPushButton* m_rename;
  QPushButton* m_on;
  QPushButton* m_off;
};

} // namespace zc
