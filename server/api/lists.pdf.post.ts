import { paperListsSchema } from '~~/core/record/lists-schema'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { heavily } from '../http/heavy'
import { pdfAnswer } from '../http/pdf-answer'
import { fontFolder } from '../print/fonts'

/** Lists on paper: what to bring, what to cut. */
export default apiHandler(async (event) => {
  const lists = await readAs(event, paperListsSchema)
  return pdfAnswer(event, lists.title, await heavily(event, 'listsPdf', { lists, fonts: await fontFolder() }))
})
