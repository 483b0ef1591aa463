// SPDX-License-Identifier: GPL-3.0-or-later
// A document with every field set and none at its default; see fields.h.
#pragma once

#include "io/container/piece_json.h"

namespace zc::test {

[[nodiscard]] inline SharedBytes shared_bytes(std::string_view text) {
  return std::make_shared<const std::vector<unsigned char>>(text.begin(), text.end());
}

[[nodiscard]] inline Mask full_mask() {
  Mask mask{"lamplight \"and\" dusk", {}, 33.25, R"({"source":null})"};
  mask.areas = {
      {AreaMode::Adds, Polygon{{{0.5, 0.75}, {0.625, 0.125}, {-0.5, -0.625}, {-0.75, 0.0625}}, true}},
      {AreaMode::Cuts, Ellipse{{0.25, -0.125}, 0.375, 0.15, 300.5}},
      {AreaMode::Adds, RingSector{350.25, 60.5, 0.1, 0.7}}};
  return mask;
}

[[nodiscard]] inline SwatchSet full_set() {
  Swatch first{11,
               {0.1, 1.0 / 3, 0.7},
               WheelPlace{{271.5, 0.25, 33.125}, {HueScale::Ink, SaturationMeasure::CielabChroma}},
               "lamp core \"é\"",
               "rim\nlight"};
  first.from = SampleOrigin{1, 20, 30};
  first.place = 2;
  first.locked = first.used = true;
  first.code = Code{
      WrittenInks{{12.5, 40, 3, 7}, "coated é", "0a1b"}, {40.25, 10.5, -30}, first.color, Finish::Metallic};
  first.extras = R"({"pigment":"ochre"})";
  Swatch second{12, {1, 0, 0.5}, {}, "second"};
  second.place = 3;
  Swatch third{13, {0, 0.25, 1}, {}, "third"};
  third.place = 9;
  third.code = Code{BookName{"A book of reds", "R 204"}, {50, 1.0 / 3, -7}, third.color};
  SwatchSet set{5, "Row at dusk"};
  set.note = "for the plates";
  set.tags = {"copper", "night, wet"};
  set.families = {{6, "skin", {first, second, third}, R"({"mood":[1,2]})"}, {7, "empty"}};
  first.color = {0.9, 0.5, 0.25};
  first.place = 4;
  set.versions = {{8,
                   "before rain",
                   {{6, "skin", {first, third}, R"({"a":1})"}},
                   PlanKey{{HueScale::Ink, SaturationMeasure::Hsl}, full_mask()},
                   R"({"kept":"by hand"})"},
                  {9, "bare", {}, PlanKey{}}};
  set.extras = R"({"weather":"rain"})";
  return set;
}

[[nodiscard]] inline Study full_study() {
  return {true,
          {40, 0.5, 0.25},
          Match::Value,
          {{AreaEdit::Kind::Split, 3, 4}, {AreaEdit::Kind::Merge, 5, 6, 7, 8}},
          {{9, 10, 12}}};
}

inline Mixing full_mixing() {
  Mixing m;
  m.begun = true;
  m.corners = {{{0.1, 0.25, 0.5}, "ultramarine blue", 1.5, true}, {{0.75, 0.5, 0.25}}, {{0.5, 0.125, 0.25}}};
  m.as = MixAs::Light;
  m.follows = 1;
  m.toward = -0.25;
  m.white = Srgb{1, 0.9, 0.8};
  m.black = Srgb{0.1, 0.05, 0.02};
  m.parts = {1, 2, 3};
  m.at = FieldPoint{0.5, 0.75};
  m.picks = {{1, 0, 0}, {0.25, 0.5, 0.25}};
  m.line = {{0.25, 0.5}, {0.75, 0.5}};
  m.smears = {{{0.25, 0.75}, {0.5, 0.5}}, {{0.5, 1}}};
  m.steps = 5;
  return m;
}

inline Document full_document() {
  Document d;
  Piece& p = d.piece;
  p.title = "Løvens gård \"ved\" æ\n2";
  p.words = "quiet, cold";
  p.signature = "Plate one of three";
  p.date = "2026-02-03";
  p.wheel = {HueScale::Even, SaturationMeasure::OklabChroma};
  p.mask = full_mask();
  p.mask_on = false;
  p.rule = MaskRule::Flagged;
  p.references = {{1, "one", "jpg", shared_bytes("not really a photo"), "/canvas/row.ora", full_study(),
                   R"({"camera":"pinhole"})"},
                  {2, "two", "png", shared_bytes(std::string(3000, 'z'))}};
  p.sets = {{3, "First set"}, full_set()};
  p.current_set = 5;
  p.bands = {30, 70.5};
  p.grading = {7, 2.5, 1.5, 25, 1.25, {4, 5, 6}};
  p.paints = {{4, "the warm blue", {0.1, 0.25, 0.5}, "ultramarine blue", 1.5, false, R"({"tube":2})"},
              {10, "a red", {0.625, 0.25, 0.125}}};
  p.next_id = 40;
  p.extras = R"({"lighting":{"key":"low"}})";
  d.at_hand.wells[0] = Srgb{0.9, 0.8, 0.7};
  d.at_hand.wells[7] = Srgb{0.2, 0.3, 1.0 / 7};
  d.at_hand.wells.resize(24);
  d.at_hand.wells[9] = Srgb{0.25, 0.3, 0.35};
  d.at_hand.wells[23] = Srgb{0.6, 0.3, 0.35};
  d.at_hand.row_names = {"skin", "", "cløth"};
  d.at_hand.row = 2;
  d.at_hand.mixing = full_mixing();
  d.at_hand.extras = R"({"lamp":"left"})";
  d.at_hand.recent = {{0.25, 0.5, 0.75}, {1, 1, 1}};
  d.at_hand.current = {0.9, 0.1, 0.2};
  d.at_hand.steps = {12, 5, 9};
  d.at_hand.mask_locked = true;
  return d;
}

} // namespace zc::test
