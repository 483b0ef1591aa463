// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/store/share_reading.h"

#include "app/seams/language.h"
#include "app/store/photo_reading.h"
#include "app/store/workspace.h"
#include "app/theme/text.h"
#include "core/color/convert.h"
#include "core/piece/set_edits.h"
#include "io/photo/decode.h"
#include "io/shelf/press_shelf.h"

namespace zc {
namespace {

/// On the screen a disc of the plan needs no more pixels than this.
constexpr int kSeenPlan = 1024;

void map_image(const ColorMap& map, QImage& image) {
  if (image.isNull()) return;
  image.convertTo(image.hasAlphaChannel() ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  map.map(image.width(), image.height(), reinterpret_cast<std::uint32_t*>(image.bits()));
}

std::optional<Mask> mask_used(const Piece& piece) {
  const Mask* mask = mask_in_use(piece);
  return mask ? std::optional(*mask) : std::nullopt;
}

} // namespace

ShareReader::ShareReader(Workspace& space) : m_space(space) {
  const auto anew = [this] {
    m_sheet.reset();
    emit changed();
  };
  space.hear({&Workspace::setsChanged, &Workspace::wordsChanged, &Workspace::geometryChanged,
              &Workspace::referencesChanged, &Workspace::viewChanged},
             this, anew);
  connect(&space.photos(), &PhotoLibrary::changed, this, anew);
  connect(&space, &Workspace::viewChanged, this, [this] {
    const Desk desk = m_space.session().desk;
    if (desk != Desk::Share && desk != Desk::Try) forget_proof();
  });
}

void ShareReader::start_over() {
  m_sheet.reset();
  m_images.forget();
  m_plan.forget();
  m_checked.forget();
  forget_proof();
}

const Result<Sheet>& ShareReader::sheet() {
  if (m_sheet) return *m_sheet;
  const Piece& piece = m_space.piece();
  SheetPictures pictures;
  const auto photo = m_space.reader().photo();
  const Reference* reference = find_reference(piece, m_space.session().reference);
  if (photo && reference)
    pictures = {static_cast<double>(photo->full().width()) / photo->full().height(), reference->name, {}};
  pictures.relation = word_for(kRelationWords, m_space.session().relations.relation);
  const SwatchSet* set = current_set(piece);
  m_sheet = sheet_of(piece, set ? *set : SwatchSet(), m_space.session().sharing.sheet, pictures,
                     toolkit_measure(), words_of_sheets());
  return *m_sheet;
}

// ---------------------------------------------------------------- pictures

ImagesOrder ShareReader::images_order() const {
  ImagesOrder out{m_space.piece(), m_space.session().sharing.sheet, {m_space.reader().photo(), {}, {}}};
  if (!out.spec.study) return out;
  out.study.study = m_space.tries().study();
  out.study.side = m_space.tries().colors_of({}, false);
  return out;
}

const SheetImages& ShareReader::images() {
  ImagesOrder order = images_order();
  ImageKey key{PhotoMark(order.study.photo),
               order.piece.wheel,
               mask_used(order.piece),
               order.spec.wheel_value,
               {},
               {},
               {},
               {}};
  if (order.spec.study) {
    key.study = order.study.study;
    for (const auto& c : order.study.side.colors) key.colors.push_back(c.color);
    key.ids = order.study.side.ids;
  }
  const ColorMap shown = proof();
  if (shown) key.proofed_by = m_press_file;
  key.paper_white = m_space.session().sharing.paper_white;
  std::function<SheetImages()> make = [order = std::move(order)] { return images_of(order); };
  if (shown)
    make = [make, shown] {
      SheetImages made = make();
      map_image(shown, made.reference);
      map_image(shown, made.plan);
      return made;
    };
  m_images.ask(key, this, make, [this] { emit changed(); });
  static const SheetImages none;
  return m_images.value() ? *m_images.value() : none;
}

const ColorMap& ShareReader::proof() {
  static const ColorMap none;
  const Sharing& sharing = m_space.session().sharing;
  const auto chosen = sharing.proof ? press() : nullptr;
  if (!chosen) return none;
  const bool white = sharing.paper_white;
  if (!m_proof_colors || m_proof_colors->press != m_press_file || m_proof_colors->paper_white != white)
    m_proof_colors = ProofColors{
        m_press_file, white, ColorMap([chosen, white](Srgb color) { return chosen->proof(color, white); })};
  return m_proof_colors->shown;
}

void ShareReader::forget_proof() { m_proof_colors.reset(); }

const Result<QImage>* ShareReader::plan_seen() {
  PlanOrder order = plan_order();
  order.spec.size = std::min(order.spec.size, kSeenPlan);
  PlanView view = m_space.session().sharing.plan;
  view.size = order.spec.size;
  const PlanKey key{view, order.piece.wheel, mask_used(order.piece), m_space.steps()};
  m_plan.ask(
      key, this, [order = std::move(order)] { return plan_image(order.piece, order.spec); },
      [this] { emit changed(); });
  return m_plan.value();
}

// ---------------------------------------------------------------- what is written

PlanOrder ShareReader::plan_order() const {
  const PlanView& view = m_space.session().sharing.plan;
  PlanOrder out{m_space.piece(), {}};
  out.spec.values = view.kind == PlanView::Kind::Vivid ? std::vector<double>()
                    : view.kind == PlanView::Kind::Row ? plan_values(view.row)
                                                       : std::vector<double>{view.value};
  out.spec.size = view.size;
  out.spec.words = words_of_sheets();
  out.spec.bare = view.bare;
  if (view.stepped) out.spec.steps = plan_steps(m_space.steps());
  return out;
}

Result<SheetOrder> ShareReader::sheet_order() {
  if (!sheet()) return sheet().error();
  return SheetOrder{*sheet(), images_order()};
}

Result<FilesOrder> ShareReader::files_order() {
  const auto refused = [](const QString& why) {
    return Error{ErrorCode::BadInput, why.toStdString(), "files"};
  };
  const FilesOut& files = m_space.session().sharing.files;
  const SwatchSet* set = current_set(m_space.piece());
  if (files.formats.empty()) return refused(tr("Choose at least one format first."));
  if (files.folder.empty()) return refused(tr("Choose a folder first."));
  if (!set) return refused(tr("There is no set yet."));
  return FilesOrder{files, *set, m_space.piece().title, sheet_order(), plan_order()};
}

// ---------------------------------------------------------------- press

std::shared_ptr<const Press> ShareReader::press() {
  const std::string& file = m_space.session().sharing.press;
  if (file == m_press_file) return m_press;
  m_press_file = file;
  m_press.reset();
  if (file.empty()) return m_press;
  auto opened = open_press(file);
  if (opened)
    m_press = *opened;
  else
    emit m_space.notice(words(opened.error()));
  return m_press;
}

std::vector<const Swatch*> ShareReader::swatches() const {
  std::vector<const Swatch*> out;
  if (const SwatchSet* set = current_set(m_space.piece()))
    for (const auto& family : set->families)
      for (const auto& s : family.swatches) out.push_back(&s);
  return out;
}

const std::vector<SwatchPress>* ShareReader::checked() {
  const auto chosen = press();
  if (!chosen) return nullptr;
  CheckKey key{{}, m_press_file, m_space.session().sharing.print_limit};
  for (const Swatch* s : swatches()) key.colors.push_back(s->color);
  m_checked.ask(
      key, this, [chosen, key] { return check_for_press(*chosen, key.colors, key.limit); },
      [this] {
        emit changed();
        emit checkedAnew();
      });
  return m_checked.is_for(key) ? m_checked.value() : nullptr;
}

void ShareReader::take_printable(Id swatch) {
  const auto* found = checked();
  const SwatchSet* set = current_set(m_space.piece());
  if (!found || !set) return;
  std::vector<std::pair<Id, Srgb>> colors;
  std::size_t locked = 0;
  const auto all = swatches();
  for (std::size_t i = 0; i < all.size(); ++i) {
    if ((*found)[i].prints || (swatch != 0 && all[i]->id != swatch)) continue;
    if (all[i]->locked)
      ++locked;
    else
      colors.emplace_back(all[i]->id, (*found)[i].nearest->color);
  }
  if (colors.empty())
    return emit m_space.notice(locked > 0 ? tr("What does not print is locked; unlock it first.")
                                          : tr("Every swatch prints as it is."));
  const QString name =
      colors.size() == 1 ? tr("Take the printable color") : tr("Take %1 printable colors").arg(colors.size());
  m_space.store().apply(name, [&, id = set->id](Piece p) {
    return with_colors_kept_before(std::move(p), id, colors, tr("before the press").toStdString());
  });
}

} // namespace zc
