import type { Catalogue } from '../catalogue/catalogue'
import type { Job } from '../job/job'
import { withDirectLengths } from './with-direct-lengths'
import { withMadeUpPieces } from './made-up-pieces'

/**
 * A job as its fittings make it: with a short piece where two sockets of a chain face each other, and each leg without
 * pipe as long as the two fittings that stand one in the other.
 *
 * @returns the same job where that changes nothing
 */
export const asBuilt = (catalogue: Catalogue, job: Job): Job =>
  withDirectLengths(catalogue, withMadeUpPieces(catalogue, job))
