import sharp from 'sharp'

/** How a picture is drawn anew. */
export interface DrawnAs {
  /** Its long side in pixels, where it is not shorter already. */
  readonly longest: number
  /** Where and with what it was taken stays in it. */
  readonly keepsPlace?: boolean
}

const quality = 85
/** More pixels than a phone takes are no photo of a joint: what unpacks to them is kept from the memory. */
const mostPixels = 120_000_000

/**
 * A picture drawn anew: upright, no larger than asked, as JPEG, with nothing of where and with what it was taken.
 *
 * @returns null where the file cannot be read as a picture, or not to its end
 */
export async function drawnAnew(bytes: Uint8Array, { longest, keepsPlace }: DrawnAs): Promise<Buffer | null> {
  const upright = sharp(bytes, { failOn: 'error', limitInputPixels: mostPixels })
    .autoOrient()
    .resize(longest, longest, { fit: 'inside', withoutEnlargement: true })
    .flatten({ background: 'white' })
  const kept = keepsPlace ? upright.keepExif() : upright
  return kept
    .jpeg({ quality })
    .toBuffer()
    .catch(() => null)
}
