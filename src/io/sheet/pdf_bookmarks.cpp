// SPDX-License-Identifier: GPL-3.0-or-later
#include "io/sheet/pdf_bookmarks.h"

#include "io/files/stated_time.h"

#include <qpdf/QPDF.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>
#include <qpdf/QPDFWriter.hh>
#include <regex>

namespace zc {
namespace {

void add_bookmarks(QPDF& pdf, const std::vector<PdfBookmark>& bookmarks) {
  if (bookmarks.empty()) return;
  const auto pages = QPDFPageDocumentHelper(pdf).getAllPages();
  auto root = pdf.makeIndirectObject(QPDFObjectHandle::newDictionary());
  std::vector<QPDFObjectHandle> items;
  for (const PdfBookmark& mark : bookmarks) {
    auto item = pdf.makeIndirectObject(QPDFObjectHandle::newDictionary());
    item.replaceKey("/Title", QPDFObjectHandle::newUnicodeString(mark.words));
    item.replaceKey("/Parent", root);
    auto place = QPDFObjectHandle::newArray();
    place.appendItem(pages.at(mark.page).getObjectHandle());
    place.appendItem(QPDFObjectHandle::newName("/XYZ"));
    place.appendItem(QPDFObjectHandle::newInteger(0));
    place.appendItem(QPDFObjectHandle::newReal(mark.up, 2));
    place.appendItem(QPDFObjectHandle::newNull());
    item.replaceKey("/Dest", place);
    items.push_back(item);
  }
  for (std::size_t i = 0; i + 1 < items.size(); ++i) {
    items[i].replaceKey("/Next", items[i + 1]);
    items[i + 1].replaceKey("/Prev", items[i]);
  }
  root.replaceKey("/Type", QPDFObjectHandle::newName("/Outlines"));
  root.replaceKey("/First", items.front());
  root.replaceKey("/Last", items.back());
  root.replaceKey("/Count", QPDFObjectHandle::newInteger(static_cast<long long>(items.size())));
  pdf.getRoot().replaceKey("/Outlines", root);
  pdf.getRoot().replaceKey("/PageMode", QPDFObjectHandle::newName("/UseOutlines"));
}

/// Both places that have the time: what a reader shows, and the description beside it, which have to agree.
void state_time(QPDF& pdf, std::int64_t seconds) {
  const std::string iso = iso_time(seconds);
  std::string digits;
  for (const char c : iso)
    if (c >= '0' && c <= '9') digits += c;
  auto trailer = pdf.getTrailer();
  trailer.removeKey("/ID"); // Drawn by lot; the writer makes one of what is in the file.
  if (trailer.hasKey("/Info"))
    trailer.getKey("/Info").replaceKey("/CreationDate", QPDFObjectHandle::newString("D:" + digits + "Z"));
  auto described = pdf.getRoot().getKey("/Metadata");
  if (!described.isStream()) return;
  const auto data = described.getStreamData();
  const std::string xml(reinterpret_cast<const char*>(data->getBuffer()), data->getSize());
  static const std::regex dates("(xmp:(?:Create|Modify)Date=\")[^\"]*");
  described.replaceStreamData(std::regex_replace(xml, dates, "$01" + iso), QPDFObjectHandle::newNull(),
                              QPDFObjectHandle::newNull());
}

} // namespace

Bytes with_bookmarks(const Bytes& drawn, const std::vector<PdfBookmark>& bookmarks) {
  try {
    QPDF pdf;
    pdf.processMemoryFile("sheet", reinterpret_cast<const char*>(drawn.data()), drawn.size());
    add_bookmarks(pdf, bookmarks);
    if (const auto stated = stated_time()) state_time(pdf, *stated);
    QPDFWriter writer(pdf);
    writer.setOutputMemory();
    writer.setObjectStreamMode(qpdf_o_disable);
    writer.setDeterministicID(true);
    writer.write();
    const auto buffer = writer.getBufferSharedPointer();
    return Bytes(buffer->getBuffer(), buffer->getBuffer() + buffer->getSize());
  } catch (const std::exception&) {
    return {};
  }
}

} // namespace zc
