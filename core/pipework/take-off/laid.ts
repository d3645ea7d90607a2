import type { Catalogue } from '../../catalogue/catalogue'
import type { Layout } from '../../run/layout'

/** A system as it lies, and the catalogue that its figures come from. */
export interface Laid {
  readonly catalogue: Catalogue
  readonly layout: Layout
}
