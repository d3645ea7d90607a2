import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { identify } from '~~/core/survey/identify'
import { regionAsked } from '~~/core/survey/region-asked'
import type { IdentifyRequest } from '~~/core/job/observation'
import { identifyRequestSchema } from '~~/core/job/observation-schema'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { spokenIdentification } from '../http/spoken'

export default apiHandler(async (event) => {
  const { units, ...asked } = await readAs(event, identifyRequestSchema)
  const request = { ...asked, region: regionAsked(asked.region, units) } as IdentifyRequest
  return spokenIdentification(identify(shippedCatalogue, request), units)
})
