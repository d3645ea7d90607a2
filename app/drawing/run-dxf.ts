import { DxfWriter, point3d, Units as DrawingUnits } from '@tarikjabiri/dxf'
import { serviceIn } from '~~/core/job/leg-defaults'
import type { Service } from '~~/core/job/place'
import { layOut, portAt } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'
import type { Vector } from '~~/core/quantity/vector'
import { type System, runOf } from '~~/core/job/system'
import { formatFigure } from '~~/core/quantity/words/format-length'
import { inch, type Units } from '~~/core/quantity/units'

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
}

/** A length in letters that every drawing program has. */
const written = (mm: number, units: Units): string =>
  formatFigure(mm, units).replaceAll('\u2009', '').replaceAll('′', "'").replaceAll('″', '"')

/**
 * Systems as a DXF file in the job's units, millimetres or inches: each leg a line in space on its service's layer, what stands at each node and each
 * leg's length and piece as text.
 *
 * @param pieceOf the piece of each leg, by the leg's id
 */
export function runsDxf(systems: readonly System[], pieceOf: ReadonlyMap<string, string>, units: Units): string {
  const dxf = new DxfWriter()
  const scale = units === 'metric' ? 1 : 1 / inch
  const point = ([x, y, z]: Vector) => point3d(x * scale, y * scale, z * scale)
  dxf.setUnits(units === 'metric' ? DrawingUnits.Millimeters : DrawingUnits.Inches)
  dxf.addLayer('TEXT', 8, 'Continuous')
  const layerFor = (service: Service): string => {
    const layer = layerOf(service)
    if (!dxf.tables.layerTable.exist(layer)) dxf.addLayer(layer, colours[service], 'Continuous')
    return layer
  }
  for (const system of systems) {
    const layout = layOut(system)
    const names = namesIn(system)
    const at = (node: string) => {
      const place = layout.places.get(node)
      return place ? point(place) : null
    }
    for (const leg of system.legs) {
      const { id, from, to, length, state } = leg
      const [start, end] = [from, to].map((node) => {
        const port = portAt(layout, node, leg)
        return port && point(port)
      })
      if (!start || !end) continue
      const layerName = state ? state.toUpperCase().replace(' ', '_') : layerFor(serviceIn(system, leg))
      if (!dxf.tables.layerTable.exist(layerName)) dxf.addLayer(layerName, 8, 'Continuous')
      dxf.addLine(start, end, { layerName })
      if (length === null) continue
      const piece = pieceOf.get(id)
      const middle = point3d((start.x + end.x) / 2, (start.y + end.y) / 2, (start.z + end.z) / 2)
      dxf.addText(middle, letter * scale, `${written(length, units)}${piece ? ` ${piece}` : ''}`, { layerName: 'TEXT' })
    }
    for (const { id, kind, run } of system.nodes) {
      const place = at(id)
      if (!place || kind === 'elbow' || kind === 'bend') continue
      dxf.addPoint(place.x, place.y, place.z, { layerName: layerFor(runOf(system, { run }).service) })
      dxf.addText(place, letter * scale, names.node(id), { layerName: 'TEXT' })
    }
  }
  return dxf.stringify()
}
