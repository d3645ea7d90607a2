import { answering } from '../../../http/answering'
import { readRecord } from '../../../http/record'

/** The record as it stands: what is missing stands at its head. */
export default answering(readRecord)
