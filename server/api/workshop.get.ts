import { readWorkshop } from '../database/workshop'
import { answering } from '../http/answering'

export default answering(() => readWorkshop())
