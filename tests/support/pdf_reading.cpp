// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/pdf_reading.h"

#include <qpdf/QPDF.hh>
#include <qpdf/QPDFOutlineDocumentHelper.hh>
#include <qpdf/QPDFPageDocumentHelper.hh>

namespace zc::test {

PdfRead read_pdf(const unsigned char* bytes, std::size_t count) {
  PdfRead out;
  QPDF file;
  file.processMemoryFile("pdf", reinterpret_cast<const char*>(bytes), count);
  out.title = file.getTrailer().getKey("/Info").getKey("/Title").getUTF8Value();
  auto pages = QPDFPageDocumentHelper(file).getAllPages();
  for (auto& page : pages) {
    const auto box = page.getMediaBox().getArrayAsRectangle();
    out.pages.emplace_back(box.urx - box.llx, box.ury - box.lly);
  }
  for (auto& mark : QPDFOutlineDocumentHelper(file).getTopLevelOutlines()) {
    int number = -1;
    for (std::size_t i = 0; i < pages.size(); ++i)
      if (mark.getDestPage().getObjGen() == pages[i].getObjectHandle().getObjGen())
        number = static_cast<int>(i);
    out.bookmarks.push_back({mark.getTitle(), number, mark.getDest().getArrayItem(3).getNumericValue()});
  }
  return out;
}

} // namespace zc::test
