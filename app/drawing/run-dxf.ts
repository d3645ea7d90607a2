import { DxfWriter, point3d, Units as DrawingUnits } from '@tarikjabiri/dxf'
import { serviceIn } from '~~/core/job/leg-defaults'
import type { Service } from '~~/core/job/place'
import { layOut, portAt } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'
import { plus, times, type Vector } from '~~/core/quantity/vector'
import type { System } from '~~/core/job/system'
import { degrees } from '~~/core/quantity/angle'
import { drawRun } from '~~/core/draw/drawing'
import { formatFigure } from '~~/core/quantity/words/format-length'
import { inch, type Units } from '~~/core/quantity/units'
import { fittingBlocks } from './dxf-blocks'

/** Letters on layers by service and material: what a drawing program shows and hides together. */
const layerOf = (service: Service): string => service.toUpperCase().replaceAll('-', '_')
const letter = 40
/** Colour numbers of the format: 1 red, 4 cyan, 5 blue, 6 magenta, 30 orange, 8 grey. */
const colours: Readonly<Record<Service, number>> = {
  cold: 5,
  hot: 1,
  recirculation: 6,
  'heating-flow': 30,
  'heating-return': 4,
  relief: 8,
}

/** A length in letters that every drawing program has. */
const written = (mm: number, units: Units): string =>
  formatFigure(mm, units).replaceAll('\u2009', '').replaceAll('′', "'").replaceAll('″', '"')

/** Which way words stand along a line seen from above, in degrees, never upside down; upright pipe has them level. */
function turnOf(start: Vector, end: Vector): number {
  const [dx, dy] = [end[0] - start[0], end[1] - start[1]]
  if (Math.hypot(dx, dy) < 1) return 0
  const turn = degrees(Math.atan2(dy, dx))
  return turn > 90 ? turn - 180 : turn <= -90 ? turn + 180 : turn
}

/**
 * Systems as a DXF file in the job's units, millimetres or inches: each leg a line in space on its service's layer, each
 * fitting a named block with its name, each leg's length and piece as text along it as seen from above.
 *
 * @param pieceOf the piece of each leg, by the leg's id
 */
export function runsDxf(systems: readonly System[], pieceOf: ReadonlyMap<string, string>, units: Units): string {
  const dxf = new DxfWriter()
  const scale = units === 'metric' ? 1 : 1 / inch
  const point = ([x, y, z]: Vector) => point3d(x * scale, y * scale, z * scale)
  dxf.setUnits(units === 'metric' ? DrawingUnits.Millimeters : DrawingUnits.Inches)
  dxf.addLayer('TEXT', 8, 'Continuous')
  dxf.addLayer('FITTINGS', 7, 'Continuous')
  const blockOf = fittingBlocks(dxf, (letter / 3) * scale)
  const layerFor = (service: Service): string => {
    const layer = layerOf(service)
    if (!dxf.tables.layerTable.exist(layer)) dxf.addLayer(layer, colours[service], 'Continuous')
    return layer
  }
  for (const system of systems) {
    const layout = layOut(system)
    const names = namesIn(system)
    for (const leg of system.legs) {
      const { id, from, to, length, state } = leg
      const [start, end] = [portAt(layout, from, leg), portAt(layout, to, leg)]
      if (!start || !end) continue
      const layerName = state ? state.toUpperCase().replace(' ', '_') : layerFor(serviceIn(system, leg))
      if (!dxf.tables.layerTable.exist(layerName)) dxf.addLayer(layerName, 8, 'Continuous')
      dxf.addLine(point(start), point(end), { layerName })
      if (length === null) continue
      const piece = pieceOf.get(id)
      const middle = point(times(plus(start, end), 0.5))
      const text = `${written(length, units)}${piece ? ` ${piece}` : ''}`
      dxf.addText(middle, letter * scale, text, { layerName: 'TEXT', rotation: turnOf(start, end) })
    }
    for (const node of drawRun(layout, 'plan').nodes) {
      const place = layout.places.get(node.id)!
      if (node.kind !== 'bend') dxf.addInsert(blockOf(node), point(place), { layerName: 'FITTINGS' })
      if (node.kind === 'elbow' || node.kind === 'bend') continue
      dxf.addText(point(place), letter * scale, names.node(node.id), { layerName: 'TEXT' })
    }
  }
  return dxf.stringify()
}
