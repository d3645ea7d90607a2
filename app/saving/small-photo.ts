import { sha256Of } from './sha256'

/** The long side of a photo that is kept, in pixels. */
const longest = 1600
const quality = 0.85

/**
 * A picture made small and turned upright, as a JPEG: drawn anew, so that nothing of where and with what it was taken is
 * left in it.
 *
 * @throws Error where the file is no picture that the browser can read
 */
export async function smallPhoto(file: Blob): Promise<{ readonly blob: Blob; readonly sha: string }> {
  const picture = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new Error('Photo: a picture that this browser can read, such as JPEG or PNG')
  })
  const scale = Math.min(1, longest / Math.max(picture.width, picture.height))
  const canvas = document.createElement('canvas')
  canvas.width = Math.max(1, Math.round(picture.width * scale))
  canvas.height = Math.max(1, Math.round(picture.height * scale))
  canvas.getContext('2d')!.drawImage(picture, 0, 0, canvas.width, canvas.height)
  picture.close()
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', quality))
  if (!blob) throw new Error('Photo: there is no room to make it small')
  return { blob, sha: await sha256Of(blob) }
}
