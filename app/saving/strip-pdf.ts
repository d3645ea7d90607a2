import { PDFDocument, StandardFonts } from 'pdf-lib'
import type { StripPage } from '~~/core/make/strip-page'

/** Points to the millimetre: PDF's unit is a seventy-second of an inch. */
const points = 72 / 25.4

/**
 * A text in letters that the PDF's own Latin font has: primes as quotes, a letter without its accent where the accented
 * one is missing, a question mark for what is not Latin at all. The strip is printed whatever a job is called.
 */
export function inLetters(text: string, known: ReadonlySet<number>): string {
  const has = (letter: string) => known.has(letter.codePointAt(0)!)
  const quoted = text.replaceAll('\u2009', ' ').replaceAll('″', '"').replaceAll('′', "'")
  return [...quoted].map((letter) => [letter, letter.normalize('NFKD')[0]!].find(has) ?? '?').join('')
}

/** Depth strips as a PDF at full size. */
export async function stripPdf(pages: readonly StripPage[]): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  const font = await pdf.embedFont(StandardFonts.Helvetica)
  const known = new Set(font.getCharacterSet())
  for (const { width, height, marks } of pages) {
    const page = pdf.addPage([width * points, height * points])
    const place = ([x, y]: readonly [number, number]) => ({ x: x * points, y: (height - y) * points })
    for (const mark of marks) {
      if (mark.kind === 'line')
        page.drawLine({ start: place(mark.from), end: place(mark.to), thickness: mark.thick * points })
      else page.drawText(inLetters(mark.text, known), { ...place(mark.at), size: mark.size * points, font })
    }
  }
  return pdf.save()
}
