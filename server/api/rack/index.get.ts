import { offcutsOnRack } from '../../database/rack'
import { apiHandler } from '../../http/api-handler'

export default apiHandler(() => offcutsOnRack())
