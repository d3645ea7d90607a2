import { describe, expect, it } from 'vitest'
import { sheetOfPath } from './printSheets'
import { cssString, marginMarks } from './usePageMarks'

describe('what is printed', () => {
  it('is the sheet of the step; the record and the test print themselves', () => {
    expect(
      ['survey', 'join', 'route', 'cut', 'make', 'prove', 'hand-over'].map((step) => sheetOfPath(`/jobs/a/${step}`)),
    ).toEqual(['survey', 'join', 'route', 'cut', 'make', null, null])
    expect(sheetOfPath('/bench/join')).toBe('join')
  })

  it('has the job on the margin whatever its name: nothing of it ends the text or the style', () => {
    expect(cssString('5" riser \\ </style>\nnext')).toBe('"5\\22  riser \\5c  \\3c /style>\\a next"')
    expect(marginMarks('Tarn Lane', '1 May')).toContain('@top-left { content: "Tarn Lane"')
    expect(marginMarks('Tarn Lane', '1 May')).toContain('"page " counter(page) " of " counter(pages)')
  })
})
