// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/accessibility/swatches.h"

#include "core/color/convert.h"
#include "core/color/text.h"
#include "model/i18n/language.h"
#include "model/i18n/text.h"
#include "model/session/laying.h"
#include "model/session/studio.h"
#include "model/work/set_work.h"

#include <QObject>

namespace zc {
namespace {

enum Kind : unsigned { kFamily, kSwatch, kHue, kSaturation };

QString marks_told(const Swatch& s) {
  QStringList out;
  if (s.locked) out << QObject::tr("locked");
  if (s.used) out << QObject::tr("used");
  if (!s.note.empty()) out << text(s.note);
  return out.join(QStringLiteral("; "));
}

AccessibleItem accessible_swatch(Studio& model, SetWork& work, const Family& family, const Swatch& s) {
  AccessibleItem out;
  out.key = accessible_key(kSwatch, s.id);
  out.name = QObject::tr("%1, %2, value %3, in %4")
                 .arg(s.name.empty() ? color_name(s.color) : text(s.name), text(hex_of(s.color)))
                 .arg(number(value_of(s.color), 1))
                 .arg(text(family.name));
  out.description = marks_told(s);
  out.selectable = true;
  out.selected = model.session().selection.has(s.id);
  out.focused = model.session().selection.focus() == s.id;
  const Id id = s.id;
  out.actions = {{QObject::tr("Use color"), [&work, id] { work.use_swatch(id); }},
                 {QObject::tr("Select"), [&work, id] { work.select({id}); }},
                 {QObject::tr("Add to selection"), [&work, id] { work.click(id, Qt::ControlModifier); }}};
  return out;
}

AccessibleItem slider(Kind kind, const QString& name, const QRectF& rect, AccessibleNumber number) {
  AccessibleItem out;
  out.key = accessible_key(kind, 0);
  out.role = QAccessible::Slider;
  out.name = name;
  out.rect = rect;
  out.number = std::move(number);
  return out;
}

} // namespace

QString set_told(const Piece& piece) {
  const SwatchSet* set = current_set(piece);
  return set ? QObject::tr("%1, %n swatches", nullptr, static_cast<int>(swatch_count(*set)))
                   .arg(text(set->name))
             : QString();
}

std::vector<AccessibleItem> accessible_families(Studio& model, Laying& laying, SetWork& work,
                                                const PlaceOf& family_at, const PlaceOf& swatch_at) {
  std::vector<AccessibleItem> out;
  const SwatchSet* set = current_set(model.piece());
  if (!set) return out;
  for (const auto& family : set->families) {
    AccessibleItem group;
    group.key = accessible_key(kFamily, family.id);
    group.role = QAccessible::List;
    group.name = QObject::tr("%1, %n swatches", nullptr, static_cast<int>(family.swatches.size()))
                     .arg(text(family.name));
    group.rect = family_at(family.id);
    group.selectable = true;
    group.selected = model.session().family == family.id;
    const Id id = family.id;
    group.actions = {{QObject::tr("Choose"), [&laying, id] { laying.select_family(id); }},
                     {QObject::tr("Add current color"), [&laying, id] { laying.lay_current_into(id); }}};
    out.push_back(std::move(group));
    for (const auto& s : family.swatches) {
      AccessibleItem item = accessible_swatch(model, work, family, s);
      item.within = accessible_key(kFamily, family.id);
      item.rect = swatch_at(s.id);
      out.push_back(std::move(item));
    }
  }
  return out;
}

std::vector<AccessibleItem> accessible_swatches(Studio& model, SetWork& work, const PlaceOf& swatch_at) {
  std::vector<AccessibleItem> out;
  const SwatchSet* set = current_set(model.piece());
  if (!set) return out;
  for (const auto& family : set->families)
    for (const auto& s : family.swatches) {
      out.push_back(accessible_swatch(model, work, family, s));
      out.back().rect = swatch_at(s.id);
    }
  return out;
}

AccessibleItem accessible_hue(Studio& model, Picking& picking, const QRectF& rect) {
  return slider(kHue, QObject::tr("Hue"), rect,
                {model.session().at.at.a, 0, 360, 1,
                 [&model, &picking](double wanted) { picking.nudge_hue(wanted - model.session().at.at.a); }});
}

AccessibleItem accessible_saturation(Studio& model, Picking& picking, const QRectF& rect) {
  return slider(kSaturation, QObject::tr("Saturation"), rect,
                {100 * model.session().at.at.r, 0, 100, 1, [&model, &picking](double wanted) {
                   picking.nudge_saturation(wanted / 100 - model.session().at.at.r);
                 }});
}

AccessibleNumber accessible_value(Studio& model, Picking& picking) {
  return {model.session().at.at.v, 0, 100, 1,
          [&model, &picking](double wanted) { picking.nudge_value(wanted - model.session().at.at.v); }};
}

} // namespace zc
