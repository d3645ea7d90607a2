import type { OfMaterial } from './ids'

/** A pipe as far as a joint's small parts go by it. */
export interface PipeWall extends OfMaterial {
  /** Its size as it is called. */
  readonly nominal: string
}
