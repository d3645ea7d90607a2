import type { Reading } from '~~/core/prove/readings'
import type { Device } from './link'

/** A pressure gauge: sends what it shows every so often, its seconds counted by its own clock since it was connected. */
export type Gauge = Device<Reading>
