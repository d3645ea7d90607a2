import fontUrl from 'dejavu-fonts-ttf/ttf/DejaVuSansCondensed.ttf?url'

/** The font that is put into PDFs: it has the letters of every European language, and primes for feet and inches. */
export async function pdfFont(): Promise<ArrayBuffer> {
  const response = await fetch(fontUrl)
  if (!response.ok) throw new Error('the font did not load')
  return response.arrayBuffer()
}
