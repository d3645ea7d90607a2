import { mkdtempSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { fontFamilies } from './other-scripts'
import { writeFont } from './write-font'

/** Where the build keeps them. */
const kept = ['fonts', ...fontFamilies] as const

let folder: Promise<string> | undefined

async function unpack(): Promise<string> {
  const into = mkdtempSync(join(tmpdir(), 'jolvet-fonts-'))
  for (const base of kept) {
    const storage = useStorage(`assets:${base}`)
    const names = await storage.getKeys()
    if (names.length === 0) throw new Error(`the fonts of ${base} are not in the build`)
    for (const name of names) await writeFont(into, name, (await storage.getItemRaw<Uint8Array>(name))!)
  }
  return into
}

/** A folder with the fonts that print: European letters in one file, others in many. The writer of PDFs reads files alone. */
export const fontFolder = (): Promise<string> => (folder ??= unpack())
