import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { proveRequestSchema } from '~~/core/prove/prove-schema'
import { litresAsked } from '~~/core/prove/asked-system'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { heavily } from '../http/heavy'
import { invalid } from '../http/refusal'

/** What the readings of a test under pressure say, beside what its profile says. */
export default apiHandler(async (event) => {
  const request = await readAs(event, proveRequestSchema)
  const { segments, air } = request.system
  const unknown = segments.flatMap(({ pipe }, at) =>
    shippedCatalogue.pipe(pipe)
      ? []
      : [{ field: `system.segments.${at}.pipe`, problem: `there is no pipe “${pipe}” in the catalogue` }],
  )
  if (unknown.length > 0) throw invalid(unknown)
  const litres = litresAsked(shippedCatalogue, segments)
  if (air && air.litres >= litres)
    throw invalid([{ field: 'system.air.litres', problem: `less than the content of ${litres.toFixed(2)} litres` }])
  return heavily(event, 'prove', request)
})
