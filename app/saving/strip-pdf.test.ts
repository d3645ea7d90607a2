import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { inflateSync } from 'node:zlib'
import { PDFDocument, PDFRawStream } from 'pdf-lib'
import { describe, expect, it } from 'vitest'
import { depthStrips } from '~~/core/draw/depth-strip'
import { inLetters, stripPdf } from './strip-pdf'

const points = 72 / 25.4
const font = readFileSync(createRequire(import.meta.url).resolve('dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf'))

/** The texts of all that is packed in a PDF. */
const flatesOf = (pdf: PDFDocument): string[] =>
  pdf.context
    .enumerateIndirectObjects()
    .flatMap(([, object]) =>
      object instanceof PDFRawStream ? [inflateSync(object.getContents()).toString('latin1')] : [],
    )

describe('the depth strip as PDF', () => {
  it('has the letters of every name in it, and is made whatever the job is called', async () => {
    const strip = [{ label: 'Łazienka 浴室', mm: 15.4, basis: 'Dvořák' }]
    const pages = depthStrips(strip, {
      paper: 'a4',
      units: 'imperial',
      title: 'Łódź, Żółta 3: Ванная \n комната',
      lengthText: () => '5/8″',
    })
    const file = await stripPdf(pages, font)
    const pdf = await PDFDocument.load(file)
    expect(pdf.getPageCount()).toBe(1)
    // What a reader copies out of it: the letters that each glyph stands for.
    const drawn = flatesOf(pdf).join('\n')
    const codes = [...drawn.matchAll(/<[0-9a-f]{4}>\s+<([0-9a-f]{4})>/gi)].map(([, code]) => parseInt(code!, 16))
    const letters = new Set(codes.map((code) => String.fromCodePoint(code)))
    for (const letter of 'ŁódźŻółta3Ванякř″?') expect(letters).toContain(letter)
    expect(letters).not.toContain('浴')
    // Only what is written goes into the file.
    expect(file.length).toBeLessThan(100_000)
    expect(
      inLetters('Dvor\u030Cák 3\u2009″ 浴', new Set([...'Dvořák 3″?'].map((letter) => letter.codePointAt(0)!))),
    ).toBe('Dvořák 3 ″ ?')
  })

  it('is A4, and its marks stand where the figures say, in points', async () => {
    const pages = depthStrips([{ label: '22 solder', mm: 15.4, basis: 'standard' }], {
      paper: 'a4',
      units: 'metric',
      title: 'Strip',
      lengthText: (mm) => `${mm}\u2009mm`,
    })
    const pdf = await PDFDocument.load(await stripPdf(pages, font))
    expect(pdf.getPage(0).getWidth() / points).toBeCloseTo(210, 6)
    const drawn = flatesOf(pdf).join('\n')
    const lines = [...drawn.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)].map((found) =>
      found.slice(1).map(Number),
    )
    const lengths = lines.map(([x1, y1, x2, y2]) => Math.hypot(x2! - x1!, y2! - y1!) / points)
    // The check bar, and both edges of the strip along its depth.
    expect(lengths.filter((mm) => Math.abs(mm - 100) < 1e-3)).toHaveLength(1)
    expect(lengths.filter((mm) => Math.abs(mm - 15.4) < 1e-3)).toHaveLength(2)
  })
})
