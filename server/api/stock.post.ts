import { stockQuestionSchema } from '~~/core/cut/rack'
import { apiHandler } from '../http/api-handler'
import { readAs } from '../http/body/body'
import { heavily } from '../http/heavy'

/** Pieces laid on stock; the best plan by then where the search takes longer than is given to it. */
export default apiHandler(async (event) => heavily(event, 'stock', await readAs(event, stockQuestionSchema)))
