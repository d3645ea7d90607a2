import { PDFDocument, StandardFonts } from 'pdf-lib'
import type { StripPage } from '~~/core/make/strip-page'

/** Points to the millimetre: PDF's unit is a seventy-second of an inch. */
const points = 72 / 25.4

/** What the PDF's own Latin font has no glyph for, in other words. */
const plain = (text: string): string => text.replaceAll('\u2009', ' ').replaceAll('″', '"').replaceAll('′', "'")

/** Depth strips as a PDF at full size. */
export async function stripPdf(pages: readonly StripPage[]): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  const font = await pdf.embedFont(StandardFonts.Helvetica)
  for (const { width, height, marks } of pages) {
    const page = pdf.addPage([width * points, height * points])
    const place = ([x, y]: readonly [number, number]) => ({ x: x * points, y: (height - y) * points })
    for (const mark of marks) {
      if (mark.kind === 'line')
        page.drawLine({ start: place(mark.from), end: place(mark.to), thickness: mark.thick * points })
      else page.drawText(plain(mark.text), { ...place(mark.at), size: mark.size * points, font })
    }
  }
  return pdf.save()
}
