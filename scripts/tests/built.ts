import { buildWhenChanged } from '../run/build'

/** Built once before the files of tests, of which two may run at a time: each would build for itself, in one folder. */
export default buildWhenChanged
