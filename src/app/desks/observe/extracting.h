// SPDX-License-Identifier: GPL-3.0-or-later
// Extracting a palette out of the shown photo: what is wanted, the job that does it, and what came of it.
#pragma once

#include "model/photos/extraction_job.h"
#include "model/session/studio.h"

#include <QObject>

namespace zc {

class Laying;
class PhotoModel;

class Extracting final : public QObject {
  Q_OBJECT
public:
  explicit Extracting(Studio& model, Laying& laying, PhotoModel& photos, QObject* parent);

  /// The counts start at the targets of the set and follow them.
  [[nodiscard]] const ExtractionSpec& wanted() const { return m_wanted; }
  void want(const ExtractionSpec& wanted);
  [[nodiscard]] bool running() const { return m_job.running(); }
  [[nodiscard]] int percent() const { return m_job.percent(); }
  void start() { start_with({}); }
  /// What was dropped is filled up again; the others stay.
  void refill() { start_with(m_model.session().extracted.colors); }
  void stop() { m_job.stop(); }
  /// What the photo did not have, in a sentence; empty when nothing is missing.
  [[nodiscard]] QString unmet() const { return m_unmet; }

signals:
  void changed();
  void taken();
  /// It cannot be started, and why.
  void refused(const QString& sentence);

private:
  void follow_targets();
  void start_with(const std::vector<ExtractedColor>& kept);
  /// Unless the photo it was taken from is gone.
  void take(const ExtractionJob::Order& order, const Extraction& result);
  Studio& m_model;
  Laying& m_laying;
  PhotoModel& m_photos;
  ExtractionJob m_job;
  ExtractionSpec m_wanted;
  BandCounts m_targets;
  QString m_unmet;
};

} // namespace zc
