import * as z from 'zod'
import { workshopChangeSchema } from '~~/core/job/workshop'
import { fieldProblems } from '~~/core/job/read-job'
import { changeWorkshop } from '../database/workshop'
import { answering } from '../http/answering'
import { readJson } from '../http/body'
import { invalid } from '../http/refusal'

const bodySchema = z.object({ changes: z.array(workshopChangeSchema).min(1, 'at least one change').max(500) })

export default answering(async (event) => {
  const body = bodySchema.safeParse(await readJson(event))
  if (!body.success) throw invalid(fieldProblems(body.error))
  const changed = await changeWorkshop(body.data.changes)
  if (!changed.success) throw invalid(fieldProblems(changed.error))
  return changed.data
})
