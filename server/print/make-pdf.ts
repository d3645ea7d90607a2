import { join } from 'node:path'
import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces'

/**
 * A PDF of a document's definition, in the fonts of a folder.
 *
 * Nothing is fetched, and no other file is read than these pictures.
 */
export async function makePdf(
  definition: TDocumentDefinitions,
  fonts: string,
  pictures: readonly string[] = [],
): Promise<Uint8Array> {
  const [normal, bold] = ['DejaVuSansCondensed.ttf', 'DejaVuSansCondensed-Bold.ttf'].map((file) => join(fonts, file))
  pdfmake.setFonts({ sans: { normal, bold, italics: normal, bolditalics: bold } })
  pdfmake.setUrlAccessPolicy(() => false)
  const allowed = new Set([normal, bold, ...pictures])
  pdfmake.setLocalAccessPolicy((path) => allowed.has(path))
  const style = { font: 'sans', fontSize: 9.5, lineHeight: 1.15, color: '#1c1a17' }
  return pdfmake.createPdf({ defaultStyle: style, ...definition }).getBuffer()
}
