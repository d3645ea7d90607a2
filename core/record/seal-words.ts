import { wordlist } from '@scure/bip39/wordlists/english.js'

/** Bits that a word stands for: one of 2048. */
const bits = 11

/**
 * The first digits of a seal or a key in words, which two people can compare by voice or on paper.
 *
 * @param hex digits 0 to f, at least as many as the words take
 * @returns so many words of the common English list of 2048, each for eleven bits
 * @remarks for instance: eight words of a seal: one in 2^88 others would have the same
 */
export function wordsOf(hex: string, count: number): string {
  const binary = Array.from(hex, (digit) => parseInt(digit, 16).toString(2).padStart(4, '0')).join('')
  return Array.from({ length: count }, (_, at) => wordlist[parseInt(binary.slice(at * bits, (at + 1) * bits), 2)]).join(
    ' ',
  )
}
export const sealWords = (sha: string): string => wordsOf(sha, 8)
export const keyWords = (key: string): string => wordsOf(key, 5)
