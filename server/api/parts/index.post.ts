import * as z from 'zod'
import { partSchema } from '~~/core/catalogue/part'
import { fieldProblems } from '~~/core/job/read-job'
import { currentParts, recordParts, type PartEntry } from '../../database/parts'
import { answering } from '../../http/answering'
import { readJson } from '../../http/body'
import { invalid } from '../../http/refusal'

const bodySchema = z.object({
  parts: z
    .array(z.intersection(partSchema, z.object({ withdrawn: z.boolean().optional() })))
    .min(1, 'at least one part')
    .max(2000, 'at most 2000 parts at a time'),
})

export default answering(async (event) => {
  const body = bodySchema.safeParse(await readJson(event))
  if (!body.success) throw invalid(fieldProblems(body.error))
  await recordParts(body.data.parts as PartEntry[])
  setResponseStatus(event, 201)
  return currentParts()
})
