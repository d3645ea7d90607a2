import { join } from 'node:path'
import pdfmake from 'pdfmake'
import type { TDocumentDefinitions } from 'pdfmake/interfaces'
import { lettered } from './lettered'
import { fontsIn } from './other-scripts'

const [usual, usualBold] = ['DejaVuSansCondensed.ttf', 'DejaVuSansCondensed-Bold.ttf'] as const

/**
 * A PDF of a document's definition, in the fonts of a folder: each letter in one that has it.
 *
 * Nothing is fetched, and no other file is read than these pictures.
 */
export async function makePdf(
  definition: TDocumentDefinitions,
  folder: string,
  pictures: readonly string[] = [],
): Promise<Uint8Array> {
  const [normal, bold] = [join(folder, usual), join(folder, usualBold)]
  const fonts = fontsIn(folder, usual)
  const style = { font: 'sans', fontSize: 9.5, lineHeight: 1.15, color: '#1c1a17' }
  const spelled = lettered({ defaultStyle: style, ...definition }, fonts.fontOf)
  const others = fonts.used()
  pdfmake.setFonts({
    sans: { normal, bold, italics: normal, bolditalics: bold },
    ...Object.fromEntries(
      others.map(({ name, file }) => [name, { normal: file, bold: file, italics: file, bolditalics: file }]),
    ),
  })
  pdfmake.setUrlAccessPolicy(() => false)
  const allowed = new Set([normal, bold, ...others.map(({ file }) => file), ...pictures])
  pdfmake.setLocalAccessPolicy((path) => allowed.has(path))
  return pdfmake.createPdf(spelled).getBuffer()
}
