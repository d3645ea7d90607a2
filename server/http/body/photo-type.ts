const signatures: readonly (readonly [type: string, at: number, bytes: readonly number[]])[] = [
  ['image/jpeg', 0, [0xff, 0xd8, 0xff]],
  ['image/png', 0, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]],
  ['image/webp', 8, [0x57, 0x45, 0x42, 0x50]],
]

/** What kind of picture a file is, by its first bytes; null where it is none that is kept. */
export const photoType = (file: Buffer): string | null =>
  signatures.find(([, at, bytes]) => bytes.every((byte, index) => file[at + index] === byte))?.[0] ?? null
