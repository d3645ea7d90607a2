import type { SheetColours } from '~~/core/draw/scene-svg'

/** On paper: dark enough for a printer that has no colours, too. */
export const sheetColours: SheetColours = {
  copper: '#a84b1f',
  plastic: '#2f5d86',
  steel: '#4a4a48',
  ink: '#1c1a17',
  faint: '#7a746a',
  paper: '#ffffff',
  caution: '#9b2d1f',
}
