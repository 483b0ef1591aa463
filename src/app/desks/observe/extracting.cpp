// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/desks/observe/extracting.h"

#include "model/i18n/text.h"
#include "model/photo/photo_model.h"
#include "model/session/laying.h"
#include "model/session/studio.h"

namespace zc {
namespace {

constexpr double kUsualDifference = 5;
constexpr int kUsualAccents = 2;
/// Where the set has no targets.
constexpr BandCounts kUsualCounts{10, 10, 10};

} // namespace

Extracting::Extracting(Studio& model, Laying& laying, PhotoModel& photos, QObject* parent)
    : QObject(parent), m_model(model), m_laying(laying), m_photos(photos), m_job(model.scope(), nullptr) {
  m_wanted.least_difference = kUsualDifference;
  m_wanted.accents = kUsualAccents;
  m_wanted.representative = Representative::Mean;
  m_wanted.quotas = kUsualCounts;
  connect(&m_job, &ExtractionJob::changed, this, &Extracting::changed);
  connect(&m_job, &ExtractionJob::finished, this, &Extracting::take);
  connect(&m_job, &ExtractionJob::failed, &m_model, &Studio::notice);
  model.hear({Part::Sets}, this, &Extracting::follow_targets);
  follow_targets();
}

void Extracting::follow_targets() {
  const BandCounts& target = m_model.piece().grading.target;
  if (target == m_targets) return;
  m_targets = target;
  const bool none = target.light + target.middle + target.dark == 0;
  m_wanted.quotas = none ? kUsualCounts : target;
  emit changed();
}

void Extracting::want(const ExtractionSpec& wanted) {
  m_wanted = wanted;
  emit changed();
}

void Extracting::start_with(const std::vector<ExtractedColor>& kept) {
  const Reference* shown = find_reference(m_model.piece(), m_model.session().reference);
  if (!shown) return;
  ExtractionJob::Order order{
      shown->id, shown->bytes, m_photos.photo(), m_model.session().looking.region, m_wanted, m_model.wheel(),
      {},        kept};
  order.spec.bands = m_model.piece().bands;
  if (m_model.region()) order.mask = *m_model.region();
  for (const auto& c : kept) (c.accent ? order.spec.kept_accents : order.spec.kept).push_back(c.color);
  const Status valid = validate(order.spec, order.mask && !order.mask->empty());
  if (!valid) return emit refused(words(valid.error()));
  if (order.photo) m_job.start(order);
}

void Extracting::take(const ExtractionJob::Order& order, const Extraction& result) {
  const Reference* now = find_reference(m_model.piece(), order.reference);
  const bool known = now && now->bytes == order.bytes;
  if (!known) return;
  QStringList missing;
  if (result.unmet.light > 0) missing << tr("%1 light").arg(result.unmet.light);
  if (result.unmet.middle > 0) missing << tr("%1 middle").arg(result.unmet.middle);
  if (result.unmet.dark > 0) missing << tr("%1 dark").arg(result.unmet.dark);
  const QString unmet = missing.isEmpty()
                            ? QString()
                            : tr("The photo does not have enough colors that differ this much; missing: %1.")
                                  .arg(missing.join(QStringLiteral(", ")));
  // Where it has none at all, the results before stay.
  if (result.colors.empty() && !unmet.isEmpty()) return emit m_model.notice(unmet);
  m_unmet = unmet;
  m_laying.show_extracted({order.reference, result.colors, {}});
  emit taken();
}

} // namespace zc
