import fontkit from '@pdf-lib/fontkit'
import { PDFDocument } from 'pdf-lib'
import type { StripPage } from '~~/core/draw/strip-page'

/** Points to the millimetre: PDF's unit is a seventy-second of an inch. */
const points = 72 / 25.4

/** A text in letters that a font has, a question mark for any other. The strip is printed whatever a job is called. */
export function inLetters(text: string, known: ReadonlySet<number>): string {
  const letters = [...text.normalize('NFC').replace(/\s/gu, ' ')]
  return letters.map((letter) => (known.has(letter.codePointAt(0)!) ? letter : '?')).join('')
}

/**
 * Depth strips as a PDF at full size.
 *
 * @param fontFile a TrueType font, of which what is written goes into the file
 */
export async function stripPdf(pages: readonly StripPage[], fontFile: ArrayBuffer | Uint8Array): Promise<Uint8Array> {
  const pdf = await PDFDocument.create()
  pdf.registerFontkit(fontkit)
  const font = await pdf.embedFont(fontFile, { subset: true })
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
