import { minutesTaken } from '../../../database/work-log'
import { answering } from '../../../http/answering'

export default answering((event) => minutesTaken(getRouterParam(event, 'id') ?? ''))
