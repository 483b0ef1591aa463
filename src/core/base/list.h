// SPDX-License-Identifier: GPL-3.0-or-later
// A sequence that copies share until one of them is changed: the lists a piece is made of.
#pragma once

#include <boost/iterator/iterator_facade.hpp>

#include <algorithm>
#include <atomic>
#include <cassert>
#include <cstddef>
#include <initializer_list>
#include <iterator>
#include <memory>
#include <utility>
#include <vector>

namespace zc {

/// Kept in blocks, so that a change to one of ten thousand elements copies its block and the row of blocks,
/// and all else stays shared with the copies made before. Reading is as with a vector; changing goes through
/// the functions that say so, which make the touched blocks this list's own first.
///
/// A reference given by change() holds until the next change of this list. Copies may live on several
/// threads; one list is changed by one thread at a time.
template <class T> class List {
  using Block = std::vector<T>;
  struct Spine {
    std::vector<std::shared_ptr<Block>> blocks; ///< None is empty.
    std::vector<std::size_t> starts;            ///< Index of the first element of each block.
    std::size_t size = 0;
  };

public:
  static constexpr std::size_t kBlock = 32; ///< Elements of a block at most.

  class const_iterator
      : public boost::iterator_facade<const_iterator, const T, boost::random_access_traversal_tag> {
  public:
    const_iterator() = default;

  private:
    friend class List;
    friend class boost::iterator_core_access;
    const_iterator(const Spine* spine, std::size_t index) : m_spine(spine), m_index(index) { settle(); }
    void settle() {
      if (!m_spine || m_index >= m_spine->size) return;
      m_block = block_of(*m_spine, m_index);
      m_offset = m_index - m_spine->starts[m_block];
    }
    const T& dereference() const { return (*m_spine->blocks[m_block])[m_offset]; }
    bool equal(const const_iterator& o) const { return m_index == o.m_index; }
    void increment() {
      ++m_index;
      if (++m_offset < m_spine->blocks[m_block]->size()) return;
      ++m_block;
      m_offset = 0;
    }
    void decrement() { advance(-1); }
    void advance(std::ptrdiff_t n) {
      m_index = static_cast<std::size_t>(static_cast<std::ptrdiff_t>(m_index) + n);
      settle();
    }
    std::ptrdiff_t distance_to(const const_iterator& o) const {
      return static_cast<std::ptrdiff_t>(o.m_index) - static_cast<std::ptrdiff_t>(m_index);
    }

    const Spine* m_spine = nullptr;
    std::size_t m_index = 0, m_block = 0, m_offset = 0;
  };
  using iterator = const_iterator;
  using value_type = T;
  using const_reference = const T&;

  List() = default;
  List(std::initializer_list<T> elements) : List(elements.begin(), elements.end()) {}
  template <std::input_iterator It> List(It from, It to) {
    for (; from != to; ++from) push_back(*from);
  }

  [[nodiscard]] std::size_t size() const { return m_spine ? m_spine->size : 0; }
  [[nodiscard]] bool empty() const { return size() == 0; }
  [[nodiscard]] const_iterator begin() const { return {m_spine.get(), 0}; }
  [[nodiscard]] const_iterator end() const { return {m_spine.get(), size()}; }
  [[nodiscard]] const T& operator[](std::size_t i) const {
    const std::size_t block = block_of(*m_spine, i);
    return (*m_spine->blocks[block])[i - m_spine->starts[block]];
  }
  [[nodiscard]] const T& front() const { return m_spine->blocks.front()->front(); }
  [[nodiscard]] const T& back() const { return m_spine->blocks.back()->back(); }

  [[nodiscard]] bool operator==(const List& o) const {
    if (m_spine == o.m_spine) return true;
    if (size() != o.size()) return false;
    if (empty()) return true;
    return m_spine->starts == o.m_spine->starts ? equal_blocks(o) : std::equal(begin(), end(), o.begin());
  }
  /// Is it known without a look that both are equal, since they share what they hold?
  [[nodiscard]] bool shares_all(const List& o) const { return m_spine == o.m_spine; }

  // ---------------------------------------------------------------- changing

  /// REQUIRES i < size().
  [[nodiscard]] T& change(std::size_t i) {
    assert(i < size());
    Spine& spine = own();
    const std::size_t block = block_of(spine, i);
    return own_block(block)[i - spine.starts[block]];
  }
  /// Calls f(T&) for the elements that wanted(const T&) names; gives how many.
  template <class Wanted, class F> std::size_t change_where(const Wanted& wanted, const F& f) {
    std::size_t changed = 0;
    for (std::size_t b = 0; m_spine && b < m_spine->blocks.size(); ++b) {
      const Block& block = *m_spine->blocks[b];
      if (std::none_of(block.begin(), block.end(), wanted)) continue;
      own();
      for (T& x : own_block(b)) {
        if (!wanted(std::as_const(x))) continue;
        f(x);
        ++changed;
      }
    }
    return changed;
  }
  template <class F> void change_each(const F& f) {
    change_where([](const T&) { return true; }, f);
  }
  void push_back(T x) { insert(size(), std::move(x)); }
  /// REQUIRES i <= size().
  void insert(std::size_t i, T x) {
    assert(i <= size());
    Spine& spine = own();
    if (spine.blocks.empty()) spine.blocks.push_back(std::make_shared<Block>());
    if (spine.starts.empty()) spine.starts.push_back(0);
    std::size_t block = i == spine.size ? spine.blocks.size() - 1 : block_of(spine, i);
    if (spine.blocks[block]->size() >= kBlock) {
      split(block, i == spine.size);
      if (block + 1 < spine.blocks.size() && i >= spine.starts[block + 1]) ++block;
    }
    Block& into = own_block(block);
    into.insert(into.begin() + static_cast<std::ptrdiff_t>(i - spine.starts[block]), std::move(x));
    recount();
  }
  /// REQUIRES i < size().
  void erase(std::size_t i) {
    assert(i < size());
    Spine& spine = own();
    const std::size_t block = block_of(spine, i);
    Block& from = own_block(block);
    from.erase(from.begin() + static_cast<std::ptrdiff_t>(i - spine.starts[block]));
    drop_empty();
  }
  /// Gives how many went.
  template <class Gone> std::size_t erase_if(const Gone& gone) {
    const std::size_t before = size();
    for (std::size_t b = 0; m_spine && b < m_spine->blocks.size(); ++b) {
      const Block& block = *m_spine->blocks[b];
      if (std::none_of(block.begin(), block.end(), gone)) continue;
      own();
      std::erase_if(own_block(b), gone);
    }
    if (m_spine && m_spine.use_count() == 1) drop_empty();
    return before - size();
  }
  void pop_back() { erase(size() - 1); }
  void clear() { m_spine.reset(); }
  /// Puts an element before the one now at `place`; size() puts it last. REQUIRES from < size(), place <=
  /// size().
  void move(std::size_t from, std::size_t place) {
    assert(from < size() && place <= size());
    T moved = (*this)[from];
    erase(from);
    insert(place > from ? place - 1 : place, std::move(moved));
  }

private:
  static std::size_t block_of(const Spine& spine, std::size_t i) {
    const auto after = std::upper_bound(spine.starts.begin(), spine.starts.end(), i);
    return static_cast<std::size_t>(after - spine.starts.begin()) - 1;
  }
  [[nodiscard]] bool equal_blocks(const List& o) const {
    const auto& a = m_spine->blocks;
    const auto& b = o.m_spine->blocks;
    return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                      [](const auto& x, const auto& y) { return x == y || *x == *y; });
  }
  /// Only this list's: what the copy that let go of it last did is seen from here on.
  template <class P> static bool own_alone(const std::shared_ptr<P>& p) {
    if (p.use_count() != 1) return false;
    std::atomic_thread_fence(std::memory_order_acquire);
    return true;
  }
  Spine& own() {
    if (!m_spine)
      m_spine = std::make_shared<Spine>();
    else if (!own_alone(m_spine))
      m_spine = std::make_shared<Spine>(*m_spine);
    return *m_spine;
  }
  /// REQUIRES that own() was called.
  Block& own_block(std::size_t b) {
    assert(m_spine && m_spine.use_count() == 1 && b < m_spine->blocks.size());
    auto& block = m_spine->blocks[b];
    if (!own_alone(block)) {
      auto copy = std::make_shared<Block>();
      copy->reserve(block->size() + 1);
      copy->assign(block->begin(), block->end());
      block = std::move(copy);
    }
    return *block;
  }
  /// Splits it in halves, or puts a new block behind it for what is added at the end.
  void split(std::size_t b, bool at_end) {
    Block& full = own_block(b);
    const std::size_t keep = at_end ? full.size() : full.size() / 2;
    auto rest = std::make_shared<Block>();
    rest->assign(std::make_move_iterator(full.begin() + static_cast<std::ptrdiff_t>(keep)),
                 std::make_move_iterator(full.end()));
    full.erase(full.begin() + static_cast<std::ptrdiff_t>(keep), full.end());
    m_spine->blocks.insert(m_spine->blocks.begin() + static_cast<std::ptrdiff_t>(b) + 1, std::move(rest));
    recount();
  }
  void drop_empty() {
    std::erase_if(m_spine->blocks, [](const auto& block) { return block->empty(); });
    if (m_spine->blocks.empty()) return clear();
    recount();
  }
  void recount() {
    auto& [blocks, starts, size] = *m_spine;
    starts.resize(blocks.size());
    size = 0;
    for (std::size_t b = 0; b < blocks.size(); ++b) {
      starts[b] = size;
      size += blocks[b]->size();
    }
  }

  std::shared_ptr<Spine> m_spine;
};

} // namespace zc
