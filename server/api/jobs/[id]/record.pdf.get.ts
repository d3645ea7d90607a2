import { jpegsAsData } from '../../../database/photos'
import { answering } from '../../../http/answering'
import { heavily } from '../../../http/heavy'
import { pdfAnswer } from '../../../http/pdf-answer'
import { readSite } from '../../../http/record'
import { fontFolder } from '../../../print/fonts'

/** The record on paper. */
export default answering(async (event) => {
  const site = await readSite(event)
  const shas = site.entries.filter(({ kind }) => kind === 'photo').map(({ body }) => String(body.sha))
  const [fonts, pictures] = await Promise.all([fontFolder(), jpegsAsData(shas)])
  return pdfAnswer(event, `${site.job.title}, record`, await heavily(event, 'recordPdf', { ...site, fonts, pictures }))
})
