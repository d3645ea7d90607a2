import fc from 'fast-check'
import { inject } from 'vitest'

fc.configureGlobal({ ...fc.readConfigureGlobal(), seed: inject('seed') })
