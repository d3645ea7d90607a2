import * as z from 'zod'
import { workshopChangeSchema } from '~~/core/workshop/workshop'
import { changeWorkshop, readWorkshop } from '../database/workshop'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { once } from '../http/once'
import { invalid } from '../http/refusal'

const bodySchema = z.object({ changes: z.array(workshopChangeSchema).min(1, 'at least one change').max(500) })

export default apiHandler(async (event) => {
  const { changes } = await readAs(event, bodySchema)
  await once(event, changes, async (transaction) => {
    const changed = await changeWorkshop(transaction, changes)
    if (!changed.ok) throw invalid(changed.fields)
  })
  return readWorkshop()
})
