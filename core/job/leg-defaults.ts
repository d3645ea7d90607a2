import type { Leg } from './job'
import type { Service } from './place'
import { runOf, type System } from './system'

/** The id of a leg's pipe: its own, or its run's. */
export const pipeIdIn = (system: System, leg: Leg): string => leg.pipe ?? runOf(system, leg).pipe

/** What flows in a leg: as it says itself, else as its run does. A run may so be one system of several services. */
export const serviceIn = (system: System, leg: Leg): Service => leg.service ?? runOf(system, leg).service
