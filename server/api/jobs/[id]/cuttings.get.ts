import { cuttingsOf } from '../../../database/rack'
import { apiHandler } from '../../../http/api-handler'

export default apiHandler((event) => cuttingsOf(getRouterParam(event, 'id') ?? ''))
