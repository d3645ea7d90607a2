import { readWorkshop } from '../database/workshop'
import { apiHandler } from '../http/api-handler'

export default apiHandler(() => readWorkshop())
