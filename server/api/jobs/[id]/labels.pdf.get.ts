import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { pdfAnswer } from '../../../http/pdf-answer'
import { answerOf, readSite } from '../../../http/record'
import { fontFolder } from '../../../print/fonts'

/** Labels for valves, and for joints that cannot be seen any more. */
export default apiHandler(async (event) => {
  const site = await readSite(event)
  const fonts = await fontFolder()
  const pdf = answerOf(site, await heavily(event, 'labelsPdf', { ...site, fonts }))
  return pdfAnswer(event, `${site.title}, labels`, pdf)
})
