import { signingKey } from '../database/signing-key'
import { apiHandler } from '../http/api-handler'

/** The public half of the key by which this installation signs its records. */
export default apiHandler(async () => ({ key: (await signingKey()).public }))
