import type { Device } from './link'

/** A caliper: sends a reading in mm when its key is pressed. */
export type Caliper = Device<number>
