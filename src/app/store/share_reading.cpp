#include "app/store/share_reading.h"

#include "app/store/photo_reading.h"
#include "app/store/workspace.h"
#include "app/theme/text.h"
#include "core/piece/set_edits.h"
#include "core/try/study.h"
#include "io/photo/decode.h"
#include "io/shelf/press_shelf.h"

namespace zc {
namespace {

/// The reference on the sheet and the disc are no larger than this along a side.
constexpr int kPictureSide = 1600;
/// On the screen a disc of the plan needs no more pixels than this.
constexpr int kSeenPlan = 1024;

} // namespace

ShareReader::ShareReader(Workspace& space) : m_space(space) {
  m_pool.setMaxThreadCount(1);
  const auto anew = [this] {
    m_sheet.reset();
    emit changed();
  };
  space.hear({&Workspace::setsChanged, &Workspace::wordsChanged, &Workspace::geometryChanged,
              &Workspace::referencesChanged, &Workspace::viewChanged},
             this, anew);
  connect(&space.photos(), &PhotoLibrary::changed, this, anew);
}

ShareReader::~ShareReader() { m_pool.waitForDone(); }

const Result<Sheet>& ShareReader::sheet() {
  if (m_sheet) return *m_sheet;
  const Piece& piece = m_space.piece();
  SheetPictures pictures;
  const auto photo = m_space.reader().photo();
  const Reference* reference = find_reference(piece, m_space.session().reference);
  if (photo && reference)
    pictures = {static_cast<double>(photo->full().width()) / photo->full().height(), reference->name, {}};
  for (const auto& relation : kRelationWords)
    if (relation.value == m_space.session().relations.relation)
      pictures.relation = std::string(relation.word);
  const SwatchSet* set = current_set(piece);
  m_sheet =
      sheet_of(piece, set ? *set : SwatchSet(), m_space.session().sharing.sheet, pictures, toolkit_measure());
  return *m_sheet;
}

// ---------------------------------------------------------------- pictures

ShareReader::ImageKey ShareReader::image_key() const {
  const Piece& piece = m_space.piece();
  ImageKey out{PhotoMark(m_space.reader().photo()),         piece.wheel, piece.mask,
               m_space.session().sharing.sheet.wheel_value, {},          m_space.tries().study().match};
  if (m_space.session().sharing.sheet.study)
    for (const Swatch* s : swatches()) out.study.push_back(s->color);
  return out;
}

const SheetImages& ShareReader::plain_images() {
  const ImageKey key = image_key();
  if (m_images_for == key) return m_images;
  m_images_for = key;
  QImage reference;
  if (const auto photo = m_space.reader().photo()) {
    const QSize size = photo->full().size().scaled(kPictureSide, kPictureSide, Qt::KeepAspectRatio);
    reference = photo->full().width() > size.width() ? reduced(photo->full(), size.width(), size.height())
                                                     : photo->full();
  }
  if (!key.study.empty() && !reference.isNull()) {
    QImage studied(reference.size(), reference.format());
    StudyMapper(m_space.tries().colors_of({}, false).colors, key.match)
        .map(view_of(reference), reinterpret_cast<std::uint32_t*>(studied.bits()));
    reference = studied;
  }
  m_images = sheet_images(m_space.piece(), m_space.session().sharing.sheet, reference, kPictureSide / 2);
  return m_images;
}

const SheetImages& ShareReader::images() {
  const auto shown = proof();
  if (!shown) return plain_images();
  const ProofKey key{image_key(), m_press_file, m_space.session().sharing.paper_white};
  if (m_proofed_for == key) return m_proofed;
  m_proofed_for = key;
  m_proofed = plain_images();
  proof_picture(m_proofed.reference);
  proof_picture(m_proofed.plan);
  return m_proofed;
}

std::function<Srgb(Srgb)> ShareReader::proof() {
  const Sharing& sharing = m_space.session().sharing;
  if (!sharing.proof) return {};
  const auto chosen = press();
  if (!chosen) return {};
  return [chosen, white = sharing.paper_white](Srgb color) { return chosen->proof(color, white); };
}

void ShareReader::proof_picture(QImage& image) {
  const auto shown = proof();
  if (!shown || image.isNull()) return;
  const std::pair key(m_press_file, m_space.session().sharing.paper_white);
  if (m_known_for != key) {
    m_known_for = key;
    m_known = ColorTable();
  }
  image.convertTo(image.hasAlphaChannel() ? QImage::Format_ARGB32 : QImage::Format_RGB32);
  auto* words = reinterpret_cast<std::uint32_t*>(image.bits());
  m_known.map(view_of(image), words, [&](std::uint32_t word) {
    return word_of(rounded_8bit(shown(srgb_from_8bit(color_of_word(word)))));
  });
}

const Result<QImage>& ShareReader::plan_seen() {
  PlanView view = m_space.session().sharing.plan;
  view.size = std::min(view.size, kSeenPlan);
  const PlanKey key{view, m_space.piece().wheel, m_space.piece().mask, m_space.steps()};
  if (m_plan_for == key) return *m_plan;
  m_plan_for = key;
  m_plan = plan_of(view);
  return *m_plan;
}

Result<QImage> ShareReader::plan() const { return plan_of(m_space.session().sharing.plan); }

Result<QImage> ShareReader::plan_of(const PlanView& view) const {
  PlanFileSpec spec;
  spec.values = view.kind == PlanView::Kind::Vivid ? std::vector<double>()
                : view.kind == PlanView::Kind::Row ? plan_values(view.row)
                                                   : std::vector<double>{view.value};
  spec.size = view.size;
  spec.bare = view.bare;
  if (view.stepped) spec.steps = plan_steps(m_space.steps());
  return plan_image(m_space.piece(), spec);
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
  if (m_checked_for == key) return &m_checked;
  if (m_checking == key) return nullptr;
  m_checking = key;
  m_pool.start([this, chosen, key] {
    auto found = check_for_press(*chosen, key.colors, key.limit);
    QMetaObject::invokeMethod(
        this,
        [this, key, found = std::move(found)] {
          if (m_checking != key) return; // Something else has been asked meanwhile.
          m_checking.reset();
          m_checked_for = key;
          m_checked = found;
          emit changed();
          emit checkedAnew();
        },
        Qt::QueuedConnection);
  });
  return nullptr;
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
