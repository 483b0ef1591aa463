// SPDX-License-Identifier: GPL-3.0-or-later
// What is open and at hand: the piece in its store, the session, and the geometry that follows from the
// piece. It applies the transitions of the session and tells which parts have changed.
#pragma once

#include "core/session/session.h"
#include "model/derived/document_scope.h"
#include "model/document/piece_store.h"
#include "model/photos/photo_library.h"

#include <QObject>
#include <functional>
#include <type_traits>
#include <utility>
#include <vector>

namespace zc {

/// What hands are in the middle of, where there is a window.
class Unfinished {
public:
  virtual ~Unfinished() = default;
  /// Text that is being typed is taken. False when some of it was refused, which has been said.
  [[nodiscard]] virtual bool commit_typed() = 0;
  /// The same, and drags, presses and menus come to an end.
  virtual void end() = 0;
};

class Studio : public QObject {
  Q_OBJECT
public:
  explicit Studio(QObject* parent = nullptr);

  [[nodiscard]] PieceStore& store() { return m_store; }
  [[nodiscard]] const PieceStore& store() const { return m_store; }
  [[nodiscard]] const Piece& piece() const { return m_store.piece(); }
  /// See PieceStore::document().
  [[nodiscard]] DocumentId document() const { return m_store.document(); }
  [[nodiscard]] const Session& session() const { return m_session; }
  [[nodiscard]] PhotoLibrary& photos() { return m_photos; }
  /// What belongs to the open document.
  [[nodiscard]] const DocumentScope& scope() const { return m_scope; }
  [[nodiscard]] const Geometry& geometry() const { return m_geometry; }
  [[nodiscard]] const Wheel& wheel() const { return m_geometry.wheel(); }
  /// The mask's region, or null when there is no mask or it is off.
  [[nodiscard]] const MaskRegion* region() const { return m_geometry.region(); }
  [[nodiscard]] const Steps& steps() const { return m_session.at_hand.steps; }
  [[nodiscard]] const AtHand& at_hand() const { return m_session.at_hand; }
  [[nodiscard]] PickRules pick_rules() const { return zc::pick_rules(m_session, piece(), m_geometry); }
  /// Does the current color count as inside the mask? Nothing without a mask; see GradingRules::outside.
  [[nodiscard]] std::optional<bool> in_mask() const;

  /// Calls a function, or one of `who`'s, when one of these parts has changed: once, however many have.
  template <class Who, class Slot> void hear(const Parts& parts, Who* who, Slot slot) {
    const auto heard = [parts, who, slot](const Parts& change) mutable {
      if (!parts.meet(change)) return;
      if constexpr (std::is_member_function_pointer_v<Slot>)
        (who->*slot)();
      else
        slot();
    };
    connect(this, &Studio::changed, who, heard);
    if (m_newcomers) m_newcomers->push_back(heard);
  }
  /// Makes what comes to a piece that is open already, as a part of the window that was not needed before.
  /// What it hears is called once, as it would have been when the piece was opened.
  template <class Make> auto made_late(const Make& make) {
    std::vector<std::function<void(const Parts&)>> newcomers;
    auto* const before = std::exchange(m_newcomers, &newcomers);
    auto* const made = make();
    m_newcomers = before;
    for (const auto& heard : newcomers) heard(Parts::all());
    return made;
  }

  /// Those whose work ends with the piece it was begun in; null for none. They must outlive the use of this.
  void set_unfinished(Unfinished* unfinished) { m_unfinished = unfinished; }
  /// Another piece. What was being typed, dragged or asked in the one before has ended by then.
  void start(Piece piece, const AtHand& at_hand, bool saved);
  /// Text that is being typed goes into the piece. False when some of it cannot, which has been said where it
  /// was typed.
  [[nodiscard]] bool commit_typed();
  /// Wraps what comes back later, from another thread or the event loop: it is called only while the document
  /// of now is still open.
  template <class F> [[nodiscard]] auto bound(F f) const {
    return [store = &m_store, document = m_store.document(), f = std::move(f)](auto&&... given) {
      if (store->document() == document) f(std::forward<decltype(given)>(given)...);
    };
  }
  /// The one way the session changes; those whom it concerns are told.
  void take(Session next);
  /// The same, or the sentence why not.
  void take(Result<Session> next);
  /// A whole pick, whose end is told.
  void take_pick(Result<Session> next);
  /// One that was begun before ends.
  void end_pick();
  /// The same by a change in place.
  template <class F> void change(const F& f) {
    Session next = m_session;
    f(next);
    take(std::move(next));
  }

  /// Tells the user why something was not taken; what is taken next ends that.
  void refuse(const QString& sentence);
  void accept();

signals:
  /// These parts of piece and session have changed; see hear().
  void changed(const zc::Parts& parts);
  /// Whoever holds text that is neither in the piece nor in a field with the focus takes it now.
  void typedAsked();
  /// Another piece is open: what was typed or chosen for the one before is forgotten.
  void startedAnew();
  void pickEnded();
  void notice(const QString& sentence);
  /// Something was taken after it had been refused with this sentence.
  void refusalOver(const QString& sentence);

private:
  void follow_piece(const Parts& change);
  void tell(const Parts& parts);
  void follow_shown();

  Unfinished* m_unfinished = nullptr;
  DocumentScope m_scope;
  PieceStore m_store;
  PhotoLibrary m_photos;
  Geometry m_geometry;
  Session m_session;
  SharedBytes m_shown_bytes;
  /// Whoever begins to hear is noted here, where it is made late.
  std::vector<std::function<void(const Parts&)>>* m_newcomers = nullptr;
  QString m_refused; ///< What was said last of something that was not taken.
};

/// How the current color stands to the mask.
[[nodiscard]] QString mask_state_words(const Studio& studio);

} // namespace zc
