// SPDX-License-Identifier: GPL-3.0-or-later
#include "model/share/share_model.h"

#include "core/color/convert.h"
#include "io/photo/decode.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"

namespace zc {
namespace {

/// On the screen a disc of the plan needs no more pixels than this.
constexpr int kSheetKey = 600; ///< Pixels of a picture in a key.
constexpr int kSeenPlan = 1024;

void map_image(const ColorMap& map, QImage& image) {
  if (image.isNull()) return;
  image.convertTo(image.hasAlphaChannel() ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  map.map(image.width(), image.height(), pixels_of(image));
}

std::optional<Mask> mask_used(const Piece& piece) {
  const Mask* mask = mask_in_use(piece);
  return mask ? std::optional(*mask) : std::nullopt;
}

} // namespace

ShareModel::ShareModel(Studio& studio, PhotoModel& reader, KeyModel& keys, TryModel& tries, PressModel& press)
    : m_studio(studio), m_reader(reader), m_keys(keys), m_tries(tries), m_press(press) {
  studio.hear({Part::Sets, Part::Words, Part::Geometry, Part::References, Part::Sharing, Part::Relations,
               Part::Reference, Part::Steps, Part::Desk, Part::Keys},
              this, &ShareModel::changed);
  connect(&studio.photos(), &PhotoLibrary::changed, this, &ShareModel::changed);
}

const Result<Sheet>& ShareModel::sheet() {
  const Piece& piece = m_studio.piece();
  const Session& session = m_studio.session();
  const auto photo = m_reader.photo();
  const SheetKey key{m_studio.store().revisions(),
                     session.sharing.sheet,
                     session.relations.relation,
                     session.reference,
                     PhotoMark(photo),
                     keys_shown()};
  return m_sheet.now(key, [&] {
    SheetPictures pictures;
    const Reference* reference = find_reference(piece, session.reference);
    if (photo && reference)
      pictures = {static_cast<double>(photo->full().width()) / photo->full().height(), reference->name, {}};
    pictures.relation = word_for(kRelationWords, key.relation);
    for (const ColorKey& color_key : key.keys)
      pictures.keys.push_back(KeyModel::name_of(color_key).toStdString());
    return sheet_of(piece, sets_on(key.spec, piece), key.spec, pictures, toolkit_measure(),
                    words_of_sheets());
  });
}

// ---------------------------------------------------------------- pictures

std::vector<ColorKey> ShareModel::keys_shown() const {
  const auto& parts = m_studio.session().sharing.sheet.parts;
  if (!m_reader.photo() || std::find(parts.begin(), parts.end(), SheetPart::Keys) == parts.end()) return {};
  std::vector<ColorKey> out = m_keys.keys();
  if (out.size() > kMostSheetKeys) out.resize(kMostSheetKeys);
  return out;
}

ImagesOrder ShareModel::images_order() const {
  ImagesOrder out{m_studio.piece(), m_studio.session().sharing.sheet, {m_reader.photo(), {}, {}}};
  if (auto keys = keys_shown(); !keys.empty())
    out.keys = m_keys.maker_of(std::move(keys), {kSheetKey, kSheetKey});
  if (!out.spec.study) return out;
  out.study.study = m_tries.reference_study();
  out.study.side = m_tries.colors_of({}, false);
  return out;
}

const SheetImages& ShareModel::images() {
  ImagesOrder order = images_order();
  ImageKey key{PhotoMark(order.study.photo),
               order.piece.wheel,
               mask_used(order.piece),
               order.spec.wheel_value,
               {},
               {},
               {},
               {}};
  key.keys = keys_shown();
  if (!key.keys.empty()) key.piece = m_studio.store().revisions();
  if (order.spec.study) {
    key.study = order.study.study;
    for (const auto& c : order.study.side.colors) key.colors.push_back(c.color);
    key.ids = order.study.side.ids;
  }
  const ColorMap shown = m_press.proof();
  if (shown) key.proofed_by = m_studio.session().sharing.press;
  key.paper_white = m_studio.session().sharing.paper_white;
  std::function<SheetImages()> make = [order = std::move(order)] { return images_of(order); };
  if (shown)
    make = [make, shown] {
      SheetImages made = make();
      map_image(shown, made.reference);
      map_image(shown, made.plan);
      for (KeyCell& cell : made.keys) map_image(shown, cell.picture);
      if (!made.key_disc.isNull()) map_image(shown, made.key_disc);
      return made;
    };
  m_images.later(key, make, [this] { emit changed(); });
  static const SheetImages none;
  return m_images.value() ? *m_images.value() : none;
}

const Result<QImage>* ShareModel::plan_seen() {
  PlanOrder order = plan_order();
  order.spec.size = std::min(order.spec.size, kSeenPlan);
  PlanView view = m_studio.session().sharing.plan;
  view.size = order.spec.size;
  const PlanKey key{view, order.piece.wheel, mask_used(order.piece), m_studio.steps()};
  m_plan.later(
      key, [order = std::move(order)] { return plan_image(order.piece, order.spec); },
      [this] { emit changed(); });
  return m_plan.value();
}

// ---------------------------------------------------------------- what is written

PlanOrder ShareModel::plan_order() const {
  const PlanView& view = m_studio.session().sharing.plan;
  PlanOrder out{m_studio.piece(), {}};
  out.spec.values = view.kind == PlanView::Kind::Vivid ? std::vector<double>()
                    : view.kind == PlanView::Kind::Row ? plan_values(view.row)
                                                       : std::vector<double>{view.value};
  out.spec.size = view.size;
  out.spec.words = words_of_sheets();
  out.spec.bare = view.bare;
  if (view.stepped) out.spec.steps = plan_steps(m_studio.steps());
  return out;
}

Result<SheetOrder> ShareModel::sheet_order() {
  if (!sheet()) return sheet().error();
  return SheetOrder{*sheet(), images_order()};
}

Result<FilesOrder> ShareModel::files_order() {
  const auto refused = [](const QString& why) {
    return Error{ErrorCode::BadInput, as_said(why.toStdString()), "files"};
  };
  const FilesOut& files = m_studio.session().sharing.files;
  const SwatchSet* set = current_set(m_studio.piece());
  if (files.formats.empty()) return refused(tr("Choose at least one format first."));
  if (files.folder.empty()) return refused(tr("Choose a folder first."));
  if (!set) return refused(tr("The piece has no set yet."));
  return FilesOrder{files, *set, m_studio.piece().title, sheet_order(), plan_order()};
}

} // namespace zc
