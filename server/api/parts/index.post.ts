import * as z from 'zod'
import { partSchema } from '~~/core/catalogue/part'
import { currentParts, recordParts, type PartEntry } from '../../database/parts'
import { apiHandler } from '../../http/api-handler'
import { readAs } from '../../http/body/body'
import { once } from '../../http/once'

const bodySchema = z.object({
  parts: z
    .array(z.intersection(partSchema, z.object({ withdrawn: z.boolean().optional() })))
    .min(1, 'at least one part')
    .max(2000, 'at most 2000 parts at a time'),
})

export default apiHandler(async (event) => {
  const { parts } = await readAs(event, bodySchema)
  await once(event, parts, (transaction) => recordParts(transaction, parts as PartEntry[]))
  setResponseStatus(event, 201)
  return currentParts()
})
