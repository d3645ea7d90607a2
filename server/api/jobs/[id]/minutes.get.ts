import { minutesTaken } from '../../../database/work-log'
import { apiHandler } from '../../../http/api-handler'

export default apiHandler((event) => minutesTaken(getRouterParam(event, 'id') ?? ''))
