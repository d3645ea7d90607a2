import { inflateSync } from 'node:zlib'
import { PDFDocument, PDFRawStream } from 'pdf-lib'
import { describe, expect, it } from 'vitest'
import { depthStrips } from '~~/core/make/depth-strip'
import { inLetters, stripPdf } from './strip-pdf'

const points = 72 / 25.4

describe('the depth strip as PDF', () => {
  it('is made whatever the job is called', async () => {
    const strip = [{ label: 'Łazienka 浴室', mm: 15.4, basis: 'Dvořák' }]
    const pages = depthStrips(strip, 'a4', 'metric', 'Ванная \n комната', (mm) => `${mm}\u2009mm`)
    expect((await PDFDocument.load(await stripPdf(pages))).getPageCount()).toBe(1)
    const latin = new Set([...'abcdefghijklmnopqrstuvwxyzDák "\'?'].map((letter) => letter.codePointAt(0)!))
    expect(inLetters('Dvořák 3″ 浴', latin)).toBe('Dvorák ?" ?')
  })

  it('is A4, and its marks stand where the figures say, in points', async () => {
    const pages = depthStrips(
      [{ label: '22 solder', mm: 15.4, basis: 'standard' }],
      'a4',
      'metric',
      'Strip',
      (mm) => `${mm}\u2009mm`,
    )
    const pdf = await PDFDocument.load(await stripPdf(pages))
    expect(pdf.getPage(0).getWidth() / points).toBeCloseTo(210, 6)
    const streams = pdf.context
      .enumerateIndirectObjects()
      .flatMap(([, object]) => (object instanceof PDFRawStream ? [object] : []))
    const drawn = streams.map((stream) => inflateSync(stream.getContents()).toString('latin1')).join('\n')
    const lines = [...drawn.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)].map((found) =>
      found.slice(1).map(Number),
    )
    const lengths = lines.map(([x1, y1, x2, y2]) => Math.hypot(x2! - x1!, y2! - y1!) / points)
    // The check bar, and both edges of the strip along its depth.
    expect(lengths.filter((mm) => Math.abs(mm - 100) < 1e-3)).toHaveLength(1)
    expect(lengths.filter((mm) => Math.abs(mm - 15.4) < 1e-3)).toHaveLength(2)
  })
})
