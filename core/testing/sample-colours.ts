import type { SheetColours } from '../draw/sheet-frame'

/** For tests. */
export const sampleColours: SheetColours = {
  copper: '#a84b1f',
  plastic: '#2f5d86',
  steel: '#4a4a48',
  ink: '#1c1a17',
  paper: '#ffffff',
}
