// SPDX-License-Identifier: GPL-3.0-or-later
// The sentences of the core and of the files, for those who translate: %1 to %4 stand for names in them.
#include "model/i18n/language.h"

#include <QCoreApplication>
#include <QRegularExpression>

#include <string>
#include <vector>

namespace zc {
namespace {

constexpr const char* kSentences[] = {
    QT_TRANSLATE_NOOP("Sentence", "A mask is turned by an angle from 0 to below 360."),
    QT_TRANSLATE_NOOP("Sentence", "The file of a reference ends in letters and digits, at most 16."),
    QT_TRANSLATE_NOOP("Sentence", "A color has three numbers from 0 to 1."),
    QT_TRANSLATE_NOOP("Sentence", "An id is used only once, lies above 0 and below the next one."),
    QT_TRANSLATE_NOOP("Sentence", "This text is longer than %1 letters."),
    QT_TRANSLATE_NOOP("Sentence", "There are more than %1 %2."),
    QT_TRANSLATE_NOOP("Sentence", "Places of a family rise from swatch to swatch, within 0 to 9999."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" was not opened. %2"),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" was saved by a newer Zonachrom; update the program to use it."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" could not be taken off the shelf."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" has more than 400 million pixels; make it smaller first."),
    QT_TRANSLATE_NOOP("Sentence",
                      "\"%1\" holds no merged picture; save it again in the program that made it."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "\"%1\" is a CMYK photo without a color profile, so its colors are not known; save it as RGB first."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" has inks in a form that is not read; save it as RGB first."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is cut short or damaged; choose another copy of the photo."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is larger than 64 MB; no press profile is."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is larger than this program accepts."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is locked; unlock first."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is no day; write it as 2026-11-26."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is no paint of the trade."),
    QT_TRANSLATE_NOOP("Sentence",
                      "\"%1\" is not a color; write #rrggbb, #rgb or srgb:R,G,B with numbers from 0 to 1."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is not a color; write hex like #d8904a, three numbers from 0 to "
                                  "255, a CSS name, rgb(), hsl(), "
                                  "lab() or oklch()."),
    QT_TRANSLATE_NOOP("Sentence",
                      "\"%1\" is not the ICC profile of a four-color press that can be worked with."),
    QT_TRANSLATE_NOOP("Sentence", "The sets and their versions come to more than a piece can hold; remove "
                                  "versions or sets that are not needed."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "The references come to more than a piece can hold, 3.5 GiB; remove some, or add smaller ones."),
    QT_TRANSLATE_NOOP("Sentence", "The piece was not saved: its sets and versions come to more than it can "
                                  "be opened with again; remove versions or sets that are not needed."),
    QT_TRANSLATE_NOOP("Sentence", "The piece was not saved: its references come to more than it can be "
                                  "opened with again; remove some of them."),
    QT_TRANSLATE_NOOP("Sentence",
                      "\"%1\" has its colors coded in a way this program does not know (primaries %2, "
                      "transfer %3 of ITU-T H.273); save it as sRGB or Display P3."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" cannot be brought to sRGB; there may be too little memory."),
    QT_TRANSLATE_NOOP("Sentence", "Counting what is used was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "A brace is open to the end of the pattern; close it with }."),
    QT_TRANSLATE_NOOP("Sentence", "A family cannot be merged with itself; choose another."),
    QT_TRANSLATE_NOOP("Sentence", "A fitted polygon has from 3 to 24 corners."),
    QT_TRANSLATE_NOOP("Sentence", "A mixture needs at least one color."),
    QT_TRANSLATE_NOOP("Sentence", "A palette has at most 12 paints; take one off first."),
    QT_TRANSLATE_NOOP("Sentence", "A palette has at most 12 paints."),
    QT_TRANSLATE_NOOP("Sentence", "A pattern is no longer than 10,000 letters."),
    QT_TRANSLATE_NOOP("Sentence", "A picture is cut into 2 to 500 areas."),
    QT_TRANSLATE_NOOP("Sentence", "A picture is written as .png or .jpg; name the file so."),
    QT_TRANSLATE_NOOP("Sentence", "A piece holds at most 1000 sets; remove one first."),
    QT_TRANSLATE_NOOP("Sentence", "A piece keeps at least one set; add another before removing this one."),
    QT_TRANSLATE_NOOP("Sentence", "A recipe has 1 to 12 parts of a paint."),
    QT_TRANSLATE_NOOP("Sentence", "A recipe has 1 to 4 paints."),
    QT_TRANSLATE_NOOP("Sentence", "A row holds at most 11 values."),
    QT_TRANSLATE_NOOP("Sentence", "A set has at most 50 tags; leave some out."),
    QT_TRANSLATE_NOOP("Sentence", "A set holds at most 1000 families; merge or remove some first."),
    QT_TRANSLATE_NOOP("Sentence", "A set keeps at most 50 versions; remove one first."),
    QT_TRANSLATE_NOOP("Sentence", "A sheet can have 36 to 600 pixels an inch."),
    QT_TRANSLATE_NOOP("Sentence", "A sheet is written as .pdf, .svg or .png; name the file so."),
    QT_TRANSLATE_NOOP("Sentence", "A string between two colors needs the second one."),
    QT_TRANSLATE_NOOP("Sentence", "A string has from 2 to 24 steps."),
    QT_TRANSLATE_NOOP("Sentence", "A swatch cannot be merged with itself."),
    QT_TRANSLATE_NOOP("Sentence", "A swatch cannot be parted from itself."),
    QT_TRANSLATE_NOOP("Sentence", "A tag is too long; keep it under 400 letters."),
    QT_TRANSLATE_NOOP("Sentence", "A tint goes from nothing, 0, to all, 1."),
    QT_TRANSLATE_NOOP("Sentence", "An area has at most 10,000 points."),
    QT_TRANSLATE_NOOP("Sentence", "An area needs at least three points."),
    QT_TRANSLATE_NOOP("Sentence", "An entry of the file cannot be read."),
    QT_TRANSLATE_NOOP("Sentence", "An entry of the file is damaged."),
    QT_TRANSLATE_NOOP("Sentence", "Another window is changing the shelf; try again."),
    QT_TRANSLATE_NOOP("Sentence", "Between 0 and 12 accents can be taken from a photo."),
    QT_TRANSLATE_NOOP("Sentence", "Between 1 and 200 colors can be taken from a photo."),
    QT_TRANSLATE_NOOP("Sentence", "Between 1 and 30 lacking colors can be named."),
    QT_TRANSLATE_NOOP("Sentence", "Between two colors there is room for 1 to 22 steps."),
    QT_TRANSLATE_NOOP("Sentence", "Both of these swatches are locked; unlock one to part them."),
    QT_TRANSLATE_NOOP("Sentence", "Contrast is changed by a factor from 0 to 4."),
    QT_TRANSLATE_NOOP("Sentence", "Cutting the picture into areas was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "Cutting with this area would leave nothing of the mask."),
    QT_TRANSLATE_NOOP("Sentence", "Evening out needs at least three swatches in the family."),
    QT_TRANSLATE_NOOP("Sentence", "Every color of a mixture needs more than 0 parts."),
    QT_TRANSLATE_NOOP("Sentence", "In this order nothing of the mask would be left."),
    QT_TRANSLATE_NOOP("Sentence", "No line of the file has the shape of the pattern."),
    QT_TRANSLATE_NOOP("Sentence", "No line of the pattern has a color; put {hex} where it belongs."),
    QT_TRANSLATE_NOOP("Sentence", "Reading was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "Saturation is changed by a factor from 0 to 4."),
    QT_TRANSLATE_NOOP("Sentence", "Saving was stopped; the file is as it was."),
    QT_TRANSLATE_NOOP("Sentence", "Select some swatches of one family, and not all of them, to split it."),
    QT_TRANSLATE_NOOP("Sentence", "The PDF could not be made."),
    QT_TRANSLATE_NOOP("Sentence", "The PNG strip could not be made."),
    QT_TRANSLATE_NOOP("Sentence", "The areas of this picture were changed too often; cut it anew."),
    QT_TRANSLATE_NOOP("Sentence", "The difference must lie between 0 and 50."),
    QT_TRANSLATE_NOOP("Sentence", "The difference must lie between 0.5 and 20."),
    QT_TRANSLATE_NOOP("Sentence", "The directory of the file is damaged."),
    QT_TRANSLATE_NOOP("Sentence", "The extraction was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "The file cannot be read as a container."),
    QT_TRANSLATE_NOOP("Sentence", "The file could not be packed; there may be too little memory."),
    QT_TRANSLATE_NOOP("Sentence", "The file holds more entries than this program accepts."),
    QT_TRANSLATE_NOOP("Sentence", "The file is not a sound container; it may be cut short."),
    QT_TRANSLATE_NOOP("Sentence", "The file unpacks to more than this program accepts."),
    QT_TRANSLATE_NOOP("Sentence", "The fit was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "The least difference goes from 0 to 50."),
    QT_TRANSLATE_NOOP("Sentence", "The light band must begin above the dark one, both between 0 and 100."),
    QT_TRANSLATE_NOOP("Sentence", "The margin can be 5 to 40 millimetres wide."),
    QT_TRANSLATE_NOOP("Sentence", "The mask holds no color; draw it larger or switch it off."),
    QT_TRANSLATE_NOOP(
        "Sentence", "The numbers of this piece have run out; start a new piece and bring the sets into it."),
    QT_TRANSLATE_NOOP("Sentence", "The parcel is empty; choose at least one set or mask."),
    QT_TRANSLATE_NOOP("Sentence", "The path of this file is too long to be followed; move it higher up."),
    QT_TRANSLATE_NOOP("Sentence", "The picture can be 16 to 8192 pixels large."),
    QT_TRANSLATE_NOOP("Sentence", "The picture could not be made."),
    QT_TRANSLATE_NOOP("Sentence", "The picture was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "The piece is damaged: it holds no data."),
    QT_TRANSLATE_NOOP("Sentence", "The piece is damaged: piece.json is missing."),
    QT_TRANSLATE_NOOP("Sentence", "The piece is damaged: the photo %1 is missing."),
    QT_TRANSLATE_NOOP("Sentence", "The piece itself is lost; nothing of it can be read."),
    QT_TRANSLATE_NOOP("Sentence", "The pivot of the contrast is a value from 0 to 100."),
    QT_TRANSLATE_NOOP("Sentence", "The points lie on one line and enclose nothing."),
    QT_TRANSLATE_NOOP("Sentence", "The profile of this monitor cannot be used; colors are shown without it."),
    QT_TRANSLATE_NOOP("Sentence", "The reference has no colors to fit to."),
    QT_TRANSLATE_NOOP("Sentence", "The row comes to more than 200 megapixels; make it smaller."),
    QT_TRANSLATE_NOOP("Sentence", "The search was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "The set has no swatches yet; lay some first."),
    QT_TRANSLATE_NOOP("Sentence", "The share must lie above 0 and at most at 1."),
    QT_TRANSLATE_NOOP("Sentence", "The share to hold goes from above 0 to 100 percent."),
    QT_TRANSLATE_NOOP("Sentence", "The shelf holds too many profiles of this name."),
    QT_TRANSLATE_NOOP("Sentence", "The smallest area is 0 to 5 percent of the picture."),
    QT_TRANSLATE_NOOP("Sentence", "The smoothing is 0 to 2 percent of the longer side."),
    QT_TRANSLATE_NOOP("Sentence", "The two ends of this string are the same color; choose another end."),
    QT_TRANSLATE_NOOP("Sentence", "The value must lie between 0 and 100."),
    QT_TRANSLATE_NOOP("Sentence", "There are no colors to lay."),
    QT_TRANSLATE_NOOP("Sentence", "There are no colors to reach."),
    QT_TRANSLATE_NOOP("Sentence", "There are no pixels to take colors from here."),
    QT_TRANSLATE_NOOP("Sentence", "There is no mask in use that encloses a neutral."),
    QT_TRANSLATE_NOOP("Sentence", "There is no mask in use that has corners."),
    QT_TRANSLATE_NOOP("Sentence", "There is no mask in use; draw one at Limit first."),
    QT_TRANSLATE_NOOP("Sentence", "There is no mask to cut from; add an area first."),
    QT_TRANSLATE_NOOP("Sentence", "There is no mask to keep the colors in."),
    QT_TRANSLATE_NOOP("Sentence", "There is no paint in it."),
    QT_TRANSLATE_NOOP("Sentence", "There is no paint to keep yet; add one first."),
    QT_TRANSLATE_NOOP("Sentence", "There is no paint to mix with."),
    QT_TRANSLATE_NOOP("Sentence", "There is no room left in this row."),
    QT_TRANSLATE_NOOP("Sentence", "There is no such set."),
    QT_TRANSLATE_NOOP("Sentence", "There is nothing to bring in: the set has all of these colors already."),
    QT_TRANSLATE_NOOP("Sentence", "There is nothing to change: lay swatches first, or unlock some."),
    QT_TRANSLATE_NOOP("Sentence", "These are no rules a set can be graded by."),
    QT_TRANSLATE_NOOP("Sentence", "These margins leave too little room on this paper."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "These two cannot be parted in value with their hue and saturation kept; change one by hand."),
    QT_TRANSLATE_NOOP("Sentence", "This cut would leave nothing of the mask; make it smaller."),
    QT_TRANSLATE_NOOP("Sentence", "This is not a Zonachrom parcel; choose a file that ends in .zonaparcel."),
    QT_TRANSLATE_NOOP("Sentence", "This is not a Zonachrom piece; choose a file that ends in .zonachrom."),
    QT_TRANSLATE_NOOP("Sentence", "This is outside what a set can be graded by."),
    QT_TRANSLATE_NOOP("Sentence", "This note is too long; keep it under 10,000 letters."),
    QT_TRANSLATE_NOOP("Sentence", "This paper at so many pixels an inch comes to more than 200 megapixels."),
    QT_TRANSLATE_NOOP("Sentence",
                      "This piece was saved by a newer Zonachrom; update the program to open it."),
    QT_TRANSLATE_NOOP("Sentence", "This place is in no photo."),
    QT_TRANSLATE_NOOP("Sentence", "This place is not on the wheel."),
    QT_TRANSLATE_NOOP("Sentence", "Value is shifted by at most 100 either way."),
    QT_TRANSLATE_NOOP("Sentence", "What goes on the shelf needs a name; type at least one letter."),
    QT_TRANSLATE_NOOP("Sentence", "With these numbers nothing of the mask would be left."),
    QT_TRANSLATE_NOOP("Sentence", "Without this point nothing of the mask would be left."),
    QT_TRANSLATE_NOOP("Sentence", "Working out the reach was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "Writing was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "A hue turns by at most 360 degrees either way."),
    QT_TRANSLATE_NOOP("Sentence", "A mask area has at most 10,000 points."),
    QT_TRANSLATE_NOOP("Sentence", "A mask area needs three points; remove the whole area instead."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "These paints enclose nothing there; choose more of them, or white and black beside them."),
    QT_TRANSLATE_NOOP("Sentence",
                      "The rule for names reads {names without \"letters\" but \"what stands instead\"}."),
    QT_TRANSLATE_NOOP("Sentence", "A strength lies between 0 and 20."),
    QT_TRANSLATE_NOOP("Sentence", "Each part can stand on the sheet once."),
    QT_TRANSLATE_NOOP("Sentence", "A set holds at most %1 swatches; delete some first."),
    QT_TRANSLATE_NOOP("Sentence", "There is no such %1 in this piece any more."),
    QT_TRANSLATE_NOOP("Sentence", "A %1 needs a name; type at least one letter."),
    QT_TRANSLATE_NOOP("Sentence", "The name of this %1 is too long; keep it under 400 letters."),
    QT_TRANSLATE_NOOP("Sentence", "The %1 is too long; say it in fewer letters."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "On this wheel the mask would have more than %1 areas; keep its shape instead, or take areas off."),
    QT_TRANSLATE_NOOP("Sentence", "A mask holds at most %1 areas; remove one first."),
    QT_TRANSLATE_NOOP("Sentence", "A piece holds at most %1 references; take one out first."),
    QT_TRANSLATE_NOOP("Sentence", "The set \"%1\" has no swatches yet; lay some first."),
    QT_TRANSLATE_NOOP("Sentence", "A color cannot be read back by this pattern: {%1} is missing."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "Nothing stands between {%1} and {%2} in the pattern, so that they cannot be told apart."),
    QT_TRANSLATE_NOOP("Sentence",
                      "This pattern can read the text in so many ways that it would take too long; "
                      "put something between its fields that their contents do not hold."),
    QT_TRANSLATE_NOOP("Sentence",
                      "\"%1\" does not exist at value %2 with its saturation; make it greyer first."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" and %2 more are locked; unlock first."),
    QT_TRANSLATE_NOOP("Sentence", "The set has a family named \"%1\" already; choose another name."),
    QT_TRANSLATE_NOOP("Sentence", "The piece has a set named \"%1\" already; choose another name."),
    QT_TRANSLATE_NOOP("Sentence", "Well %1 is empty; Shift+%2 lays the current color down there."),
    QT_TRANSLATE_NOOP("Sentence", "The piece is damaged at %1: %2"),
    QT_TRANSLATE_NOOP("Sentence", "The piece names a photo outside its folder."),
    QT_TRANSLATE_NOOP("Sentence", "The CGATS table could not be made: %1."),
    QT_TRANSLATE_NOOP("Sentence", "The table is broken: %1."),
    QT_TRANSLATE_NOOP("Sentence", "The table wants another file included, which is not done."),
    QT_TRANSLATE_NOOP("Sentence", "The table is broken after row %1; check its quotes."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is partly transparent; give the color itself."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is no text."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" was not read. %2"), QT_TRANSLATE_NOOP("Sentence", "It is empty."),
    QT_TRANSLATE_NOOP("Sentence", "It is larger than 64 MB."),
    QT_TRANSLATE_NOOP("Sentence", "It holds more than %1 colors; split it first."),
    QT_TRANSLATE_NOOP("Sentence", "It holds no color that can be read as %1."),
    QT_TRANSLATE_NOOP("Sentence", "Its XML is broken at byte %1."),
    QT_TRANSLATE_NOOP("Sentence", "Its JSON is larger than 256 MiB."),
    QT_TRANSLATE_NOOP("Sentence", "Its JSON is broken at %1."),
    QT_TRANSLATE_NOOP("Sentence", "It has a number that is too large."),
    QT_TRANSLATE_NOOP("Sentence", "Its JSON is nested more than 64 deep."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" was not saved: %2; choose another place or make room."),
    QT_TRANSLATE_NOOP("Sentence", "there is no room left on the disk"),
    QT_TRANSLATE_NOOP("Sentence", "you may not write there"),
    QT_TRANSLATE_NOOP("Sentence", "the folder does not exist"),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" cannot be read: %2."),
    QT_TRANSLATE_NOOP("Sentence", "it is not a file"),
    QT_TRANSLATE_NOOP("Sentence", "There is no file \"%1\"."),
    // NOLINTNEXTLINE(bugprone-suspicious-missing-comma)
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is not a photo this program can read; use JPEG, PNG, TIFF, WebP, "
                                  "HEIF, AVIF, GIF, SVG or BMP."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is an empty file."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is damaged; choose another copy of the photo."),
    QT_TRANSLATE_NOOP("Sentence", "Opening \"%1\" was stopped."),
    QT_TRANSLATE_NOOP("Sentence", "There is too little memory to open \"%1\"."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "The color profile inside \"%1\" cannot be used; save the photo again with a sound profile."),
    QT_TRANSLATE_NOOP("Sentence", "This %1 file is damaged."),
    QT_TRANSLATE_NOOP("Sentence", "This %1 file is damaged: the field \"%2\" is wrong."),
    QT_TRANSLATE_NOOP("Sentence", "This %1 was saved by a newer Zonachrom; update the program to use it."),
    QT_TRANSLATE_NOOP("Sentence", "The shelf \"%1\" cannot be made: %2."),
    QT_TRANSLATE_NOOP("Sentence", "There is no file \"%1\" on the shelf any more."),
    QT_TRANSLATE_NOOP("Sentence", "The pattern asks for {%1}, which is no field."),
    QT_TRANSLATE_NOOP("Sentence", "The width in {%1} is no number from 1 to 99."),
    QT_TRANSLATE_NOOP("Sentence",
                      "One color lies outside what a display shows and was brought to the nearest."),
    QT_TRANSLATE_NOOP("Sentence",
                      "%1 colors lie outside what a display shows and were brought to the nearest."),
    QT_TRANSLATE_NOOP("Sentence", "One entry could not be read as a color and was left out."),
    QT_TRANSLATE_NOOP("Sentence", "%1 entries could not be read as colors and were left out."),
    QT_TRANSLATE_NOOP(
        "Sentence",
        "The picture has more than %1 different colors, so %2 were taken out of it as from a photo."),
    QT_TRANSLATE_NOOP("Sentence", "%1 lines do not have the shape of the pattern."),
    QT_TRANSLATE_NOOP("Sentence", "%1 colors lie beyond the display and were brought to the nearest."),
    QT_TRANSLATE_NOOP("Sentence", "%1 %2 goes from %3 to %4."),
    QT_TRANSLATE_NOOP("Sentence", "The display has no color of these %1 numbers."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\" is not three numbers parted by commas."),
    QT_TRANSLATE_NOOP("Sentence", "\"%1\": %2")};

struct SentenceShape {
  const char* sentence;
  QRegularExpression with_names; ///< What it may look like with names in it.
};

const std::vector<SentenceShape>& shapes() {
  static const std::vector<SentenceShape> all = [] {
    std::vector<SentenceShape> out;
    for (const char* sentence : kSentences) {
      QString shape = QRegularExpression::escape(QString::fromUtf8(sentence));
      if (!shape.contains(QLatin1String("\\%1"))) continue;
      for (const char* place : {"\\%1", "\\%2", "\\%3", "\\%4"})
        shape.replace(QLatin1String(place), QStringLiteral("(.+?)"));
      out.push_back({sentence, QRegularExpression(QRegularExpression::anchoredPattern(shape))});
    }
    return out;
  }();
  return all;
}

/// What stands in a sentence may be one of its own, or a word of ours; between quotes it is a painter's name,
/// and between braces a field, which has one name in all languages.
QString said_within(const QString& pattern, const QString& place, const QString& what) {
  for (const char before : {'"', '{'})
    if (pattern.contains(QLatin1Char(before) + place)) return what;
  const std::string english = what.toStdString();
  const QString whole = sentence(english);
  return whole == what ? word(english) : whole;
}

/// In one go, so that a name may hold what looks like a place.
template <class Says> QString with_places_filled(const QString& pattern, Says says) {
  QString out;
  for (qsizetype i = 0; i < pattern.size(); ++i) {
    const QString place = pattern.mid(i, 2);
    const bool filled = place.size() == 2 && place[0] == QLatin1Char('%') && place[1].isDigit();
    out += filled ? says(place) : pattern.mid(i, 1);
    if (filled) ++i;
  }
  return out;
}

} // namespace

QString sentence(std::string_view of_core) {
  const std::string whole(of_core);
  QString fixed = QCoreApplication::translate("Sentence", whole.c_str());
  QString english = QString::fromStdString(whole);
  if (fixed != english) return fixed;
  for (const SentenceShape& shape : shapes()) {
    const auto match = shape.with_names.match(english);
    if (!match.hasMatch()) continue;
    return with_places_filled(
        QCoreApplication::translate("Sentence", shape.sentence), [&](const QString& place) {
          return said_within(QString::fromUtf8(shape.sentence), place, match.captured(place.mid(1).toInt()));
        });
  }
  return english;
}

} // namespace zc
