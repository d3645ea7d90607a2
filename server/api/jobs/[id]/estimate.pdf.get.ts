import * as z from 'zod'
import { minutesTaken } from '../../../database/work-log'
import { readWorkshop } from '../../../database/workshop'
import { apiHandler } from '../../../http/api-handler'
import { heavily } from '../../../http/heavy'
import { pdfAnswer } from '../../../http/pdf-answer'
import { answerOf, readSite } from '../../../http/record'
import { invalid } from '../../../http/refusal'
import { fontFolder } from '../../../print/fonts'

const visitsText = 'a whole number of visits from 1 to 50'
const querySchema = z.object({
  visits: z.coerce.number(visitsText).int(visitsText).min(1, visitsText).max(50, visitsText).optional(),
})

/** The estimate for the customer on paper. */
export default apiHandler(async (event) => {
  const asked = querySchema.safeParse(getQuery(event))
  if (!asked.success) throw invalid([{ field: 'visits', problem: visitsText }])
  const site = await readSite(event)
  const [fonts, workshop, took] = await Promise.all([fontFolder(), readWorkshop(), minutesTaken(site.id)])
  const minutes = took.flatMap(({ joint, minutes: of }) => (of === null ? [] : [[joint, of] as const]))
  const pdf = answerOf(
    site,
    await heavily(event, 'estimatePdf', { ...site, fonts, workshop, minutes, visits: asked.data.visits }),
  )
  return pdfAnswer(event, `${site.title}, estimate`, pdf)
})
