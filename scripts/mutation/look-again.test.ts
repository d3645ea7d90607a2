import { expect, it } from 'vitest'
import { changed } from './look-again'

it('a change is made where it is, and nowhere else', () => {
  const text = 'const a = 1\nif (a + b > 2) {\n  go()\n}\n'
  const at = (line: number, from: number, to: number, end = line) => ({
    fileName: 'x.ts',
    location: { start: { line, column: from }, end: { line: end, column: to } },
  })
  expect(changed(text, { ...at(2, 7, 8), replacement: '-' })).toBe('const a = 1\nif (a - b > 2) {\n  go()\n}\n')
  expect(changed(text, { ...at(2, 16, 2, 4), replacement: '{}' })).toBe('const a = 1\nif (a + b > 2) {}\n')
  expect(changed(text, at(1, 1, 12))).toBe('\nif (a + b > 2) {\n  go()\n}\n')
})
