import type { Leg, Run } from './job'
import type { Service } from './place'

/** What flows in a leg: as it says itself, else as its run does. A run may so be one system of several services. */
export const serviceIn = (run: Pick<Run, 'service'>, leg: Pick<Leg, 'service'> | undefined): Service =>
  leg?.service ?? run.service
