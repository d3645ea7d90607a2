import type { H3Event } from 'h3'

/** A text as a header's extended value has it (RFC 5987); half a letter that stands alone is replaced. */
const extended = (text: string): string =>
  encodeURIComponent(Buffer.from(text).toString()).replace(
    /['()*]/g,
    (letter) => `%${letter.charCodeAt(0).toString(16).toUpperCase()}`,
  )

/** A PDF to be saved under its name: what answers here says nothing of itself to be shown in a page. */
export function pdfAnswer(event: H3Event, name: string, pdf: Uint8Array): Buffer {
  setHeader(event, 'Content-Type', 'application/pdf')
  setHeader(event, 'Content-Disposition', `attachment; filename*=UTF-8''${extended(name)}.pdf`)
  return Buffer.from(pdf)
}
