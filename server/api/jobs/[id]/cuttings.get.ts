import { cuttingsOf } from '../../../database/rack'
import { answering } from '../../../http/answering'

export default answering((event) => cuttingsOf(getRouterParam(event, 'id') ?? ''))
