import { stockQuestionSchema } from '~~/core/cut/rack'
import { answering } from '../http/answering'
import { readAs } from '../http/body'
import { heavily } from '../http/heavy'

/** Pieces laid on stock; the best plan by then where the search takes longer than is given to it. */
export default answering(async (event) => heavily(event, 'stock', await readAs(event, stockQuestionSchema)))
