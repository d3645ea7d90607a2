import { offcutsOnRack } from '../../database/rack'
import { answering } from '../../http/answering'

export default answering(() => offcutsOnRack())
