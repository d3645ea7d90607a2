import type { SheetColours } from '../draw/scene-svg'

/** For tests. */
export const sampleColours: SheetColours = {
  copper: '#a84b1f',
  plastic: '#2f5d86',
  steel: '#4a4a48',
  ink: '#1c1a17',
  faint: '#7a746a',
  paper: '#ffffff',
  caution: '#9b2d1f',
}
