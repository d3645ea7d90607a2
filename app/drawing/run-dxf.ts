import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf'
import { serviceIn } from '~~/core/job/leg-defaults'
import type { Service } from '~~/core/job/place'
import { layOut, portAt } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'
import { type System, runOf } from '~~/core/job/system'

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

/**
 * Systems as a DXF file in millimetres: each leg a line in space on its service's layer, what stands at each node and each
 * leg's length and piece as text.
 *
 * @param pieceOf the piece of each leg, by the leg's id
 */
export function runsDxf(systems: readonly System[], pieceOf: ReadonlyMap<string, string>): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
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
      return place ? point3d(...place) : null
    }
    for (const leg of system.legs) {
      const { id, from, to, length, state } = leg
      const [start, end] = [from, to].map((node) => {
        const port = portAt(layout, node, leg)
        return port && point3d(...port)
      })
      if (!start || !end) continue
      const layerName = state ? state.toUpperCase().replace(' ', '_') : layerFor(serviceIn(system, leg))
      if (!dxf.tables.layerTable.exist(layerName)) dxf.addLayer(layerName, 8, 'Continuous')
      dxf.addLine(start, end, { layerName })
      if (length === null) continue
      const piece = pieceOf.get(id)
      const middle = point3d((start.x + end.x) / 2, (start.y + end.y) / 2, (start.z + end.z) / 2)
      dxf.addText(middle, letter, `${Math.round(length * 10) / 10}${piece ? ` ${piece}` : ''}`, { layerName: 'TEXT' })
    }
    for (const { id, kind, run } of system.nodes) {
      const place = at(id)
      if (!place || kind === 'elbow' || kind === 'bend') continue
      dxf.addPoint(place.x, place.y, place.z, { layerName: layerFor(runOf(system, { run }).service) })
      dxf.addText(place, letter, names.node(id), { layerName: 'TEXT' })
    }
  }
  return dxf.stringify()
}
