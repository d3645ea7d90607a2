import { vanNow } from '../../database/van'
import { apiHandler } from '../../http/api-handler'

export default apiHandler(() => vanNow())
