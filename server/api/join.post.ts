import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { costsOf } from '~~/core/workshop/workshop'
import { joinRequestSchema } from '~~/core/join/join'
import { readWorkshop } from '../database/workshop'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { heavily } from '../http/heavy'
import { invalid } from '../http/refusal'

export default apiHandler(async (event) => {
  const request = await readAs(event, joinRequestSchema)
  const missing = (['a', 'b'] as const).filter((end) => !shippedCatalogue.pipe(request[end]))
  if (missing.length > 0)
    throw invalid(
      missing.map((end) => ({ field: end, problem: `there is no pipe “${request[end]}” in the catalogue` })),
    )
  return heavily(event, 'join', { request, costs: costsOf(await readWorkshop()) })
})
