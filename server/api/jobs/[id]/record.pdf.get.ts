import type { Entry } from '~~/core/log/entry'
import { printedPhotos } from '../../../database/photos'
import { newestSeal } from '../../../database/records'
import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { inOwnFolder } from '../../../http/own-folder'
import { pdfAnswer } from '../../../http/pdf-answer'
import { answerOf, readSite } from '../../../http/record'
import { fontFolder } from '../../../print/fonts'

/** The photos that entries name. */
const photosIn = (texts: readonly { readonly text: string }[]): string[] =>
  texts
    .filter(({ text }) => text.includes('"photo"'))
    .map(({ text }) => JSON.parse(text) as Entry)
    .filter(({ kind }) => kind === 'photo')
    .map(({ body }) => String(body.sha))

/** The record on paper. */
export default apiHandler(async (event) => {
  const site = await readSite(event)
  const [fonts, seal] = await Promise.all([fontFolder(), newestSeal(site.id)])
  return inOwnFolder('pictures', async (folder) => {
    const pictures = await printedPhotos(photosIn(site.entries), folder)
    const pdf = answerOf(site, await heavily(event, 'recordPdf', { ...site, seal, fonts, pictures }))
    return pdfAnswer(event, `${site.title}, record`, pdf)
  })
})
