// The package tells nothing of its types itself, and whoever reaches this file by another’s types finds them here.
// eslint-disable-next-line @typescript-eslint/triple-slash-reference
/// <reference path="./wawoff2.d.ts" />
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { decompress } from 'wawoff2'

/** Writes a font into a folder as the writer of PDFs takes it: what is packed for the web is unpacked, to `.ttf`. */
export async function writeFont(folder: string, name: string, bytes: Uint8Array): Promise<void> {
  const isPacked = name.endsWith('.woff2')
  writeFileSync(join(folder, name.replace(/\.woff2$/, '.ttf')), isPacked ? await decompress(bytes) : bytes)
}
