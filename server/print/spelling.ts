/** A piece of a text that stands in one font; in the usual one where none is said. */
export interface Piece {
  readonly text: string
  readonly font?: string
  /** From right to left: its words are laid out together. */
  readonly isRightToLeft?: true
}

/** Which font a letter is in: the usual one, another by its name, or none. */
export type FontOf = (codePoint: number) => 'usual' | { readonly font: string } | null

const rightToLeft = /[\p{Script=Arabic}\p{Script=Hebrew}]+(?:\s+[\p{Script=Arabic}\p{Script=Hebrew}]+)*/gu
/** Marks that stand on the letter before them, and what joins letters: they go where that letter goes. */
const isMark = (letter: string): boolean => /[\p{M}\u200c\u200d]/u.test(letter)
/** Where nobody has it, what joins or varies letters may go without a word. */
const isSilent = (letter: string): boolean => /[\p{Cf}\p{Variation_Selector}]/u.test(letter)

/** A letter that no font has: by its code point, as it can be looked up. */
const named = (letter: string): string => `[U+${letter.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}]`

function ofLetters(text: string, fontOf: FontOf): Piece[] {
  const pieces: { text: string; font?: string }[] = []
  const add = (letters: string, font?: string) => {
    const last = pieces.at(-1)
    if (last && last.font === font) last.text += letters
    else pieces.push({ text: letters, ...(font === undefined ? {} : { font }) })
  }
  for (const letter of text) {
    const found = fontOf(letter.codePointAt(0)!)
    const last = pieces.at(-1)
    if (isMark(letter) && last?.font !== undefined && found !== null) last.text += letter
    else if (found === 'usual') add(letter)
    else if (found) add(letter, found.font)
    else if (!isSilent(letter)) add(named(letter))
  }
  return pieces
}

/**
 * A text in the pieces in which fonts have its letters; what no font has is named by its code point, so that no box
 * stands where a letter was.
 *
 * @remarks for instance: `Li 李, 1`: `Li ` in the usual font, `李` in another, `, 1` in the usual one
 */
export function spelled(text: string, fontOf: FontOf): Piece[] {
  const pieces: Piece[] = []
  let from = 0
  for (const { 0: words, index } of text.matchAll(rightToLeft)) {
    pieces.push(...ofLetters(text.slice(from, index), fontOf))
    pieces.push(...ofLetters(words, fontOf).map((piece) => ({ ...piece, isRightToLeft: true as const })))
    from = index + words.length
  }
  return [...pieces, ...ofLetters(text.slice(from), fontOf)]
}
