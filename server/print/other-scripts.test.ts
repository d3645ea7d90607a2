import { mkdtempSync, readdirSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { create, openSync, type Font } from 'fontkit'
import { beforeAll, describe, expect, it } from 'vitest'
import { makePdf } from './make-pdf'
import { fontFamilies, fontsIn } from './other-scripts'
import { writeFont } from './write-font'

let folder = ''
const usual = 'DejaVuSansCondensed.ttf'
beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'jolvet-fonts-'))
  const from = [
    'node_modules/dejavu-fonts-ttf/ttf',
    ...fontFamilies.map((family) => `node_modules/@fontsource/${family}/files`),
  ]
  for (const of of from)
    for (const file of readdirSync(of).filter((name) => /Condensed(-Bold)?\.ttf$|-400-normal\.woff2$/.test(name)))
      await writeFont(folder, file, readFileSync(join(of, file)))
})

describe('the fonts that print', () => {
  it('have the letters of these scripts; what none has is known', () => {
    const { fontOf, used } = fontsIn(folder, usual)
    const font = (letter: string) => {
      const found = fontOf(letter.codePointAt(0)!)
      return found && found !== 'usual' ? found.font.replace(/-\w+-400-normal$/, '') : found
    }
    expect(['Ł', 'Ж', 'Ω', 'ع', 'ש'].map(font)).toEqual(Array.from({ length: 5 }, () => 'usual'))
    expect(['李', 'あ', '한', 'ह', 'ก'].map(font)).toEqual([
      ...['noto-sans-sc', 'noto-sans-sc', 'noto-sans-kr', 'noto-sans-devanagari', 'noto-sans-thai'],
    ])
    expect(font('\u{10ffff}')).toBeNull()
    expect(used().map(({ name }) => name)).toContain('noto-sans-thai-thai-400-normal')
  })

  it('keep the shape of a letter in the part of them that is printed', () => {
    const { fontOf } = fontsIn(folder, usual)
    for (const letter of ['李', '的', 'あ', '한', 'ह', 'ก']) {
      const of = fontOf(letter.codePointAt(0)!) as { font: string }
      const font = openSync(join(folder, `${of.font}.ttf`)) as Font
      const part = font.createSubset()
      // The first of the part, after the one that stands for what is not there.
      part.includeGlyph(font.glyphForCodePoint(letter.codePointAt(0)!))
      const printed = create(Buffer.from(part.encode())) as Font
      expect([letter, printed.getGlyph(1).path.commands.length > 4]).toEqual([letter, true])
    }
  })

  it('are written into a PDF, each as far as it is used', async () => {
    const plain = await makePdf({ content: 'by I. Marl' }, folder)
    const content = ['by 李雷, 山田あき, 한지민, हिन्दी, สมชาย', 'علي حسن', '\u{10ffff}']
    const pdf = await makePdf({ content }, folder)
    expect(Buffer.from(pdf.slice(0, 5)).toString()).toBe('%PDF-')
    const fonts = (of: Uint8Array) =>
      new Set(
        Buffer.from(of)
          .toString('latin1')
          .match(/BaseFont \/\S+/g),
      )
    expect([...fonts(plain)].every((name) => name.includes('DejaVu'))).toBe(true)
    expect([...fonts(pdf)].filter((name) => name.includes('Noto')).length).toBeGreaterThan(3)
  })
})
