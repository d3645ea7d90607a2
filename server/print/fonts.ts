import { mkdtempSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'

const files = ['DejaVuSansCondensed.ttf', 'DejaVuSansCondensed-Bold.ttf'] as const

let folder: Promise<string> | undefined

async function unpack(): Promise<string> {
  const into = mkdtempSync(join(tmpdir(), 'jolvet-fonts-'))
  for (const file of files) {
    const bytes = await useStorage('assets:fonts').getItemRaw<Uint8Array>(file)
    if (!bytes) throw new Error(`the font ${file} is not in the build`)
    writeFileSync(join(into, file), bytes)
  }
  return into
}

/** A folder with the fonts that print: they have every European name's letters. The writer of PDFs reads files alone. */
export const fontFolder = (): Promise<string> => (folder ??= unpack())
