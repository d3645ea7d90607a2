import type { H3Event } from 'h3'

/** A PDF under a name that a browser may save it by. */
export function pdfAnswer(event: H3Event, name: string, pdf: Uint8Array): Buffer {
  setHeader(event, 'Content-Type', 'application/pdf')
  setHeader(event, 'Content-Disposition', `inline; filename*=UTF-8''${encodeURIComponent(name)}.pdf`)
  return Buffer.from(pdf)
}
