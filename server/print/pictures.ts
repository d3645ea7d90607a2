import { openSync, readSync, closeSync } from 'node:fs'

/** A picture's frame begins within so many bytes, or its head is no head. */
const headBytes = 262_144
/** Markers that begin a frame: baseline to lossless, without those for tables. */
const isFrame = (marker: number): boolean => marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)

/**
 * Whether a file begins as a JPEG that can be printed: from its first bytes segment by segment to a frame with a size.
 *
 * @param head the file's first bytes
 */
export function isPrintable(head: Buffer): boolean {
  if (head.length < 4 || head.readUInt16BE(0) !== 0xffd8) return false
  for (let at = 2; at + 9 < head.length;) {
    if (head[at] !== 0xff) return false
    const marker = head[at + 1]!
    if (isFrame(marker)) return head.readUInt16BE(at + 5) > 0 && head.readUInt16BE(at + 7) > 0
    at += 2 + head.readUInt16BE(at + 2)
  }
  return false
}

function headOf(path: string): Buffer {
  const file = openSync(path, 'r')
  try {
    const head = Buffer.alloc(headBytes)
    return head.subarray(0, readSync(file, head, 0, headBytes, 0))
  } finally {
    closeSync(file)
  }
}

/** The pictures that can be printed: one broken photo does not keep a record from its paper. */
export const soundPictures = (pictures: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(Object.entries(pictures).filter(([, path]) => isPrintable(headOf(path))))
