import { DxfWriter, point3d, Units } from '@tarikjabiri/dxf'
import type { Run } from '~~/core/job/job'
import { serviceIn } from '~~/core/job/leg-service'
import type { Service } from '~~/core/job/place'
import { layOut } from '~~/core/run/layout'
import { namesIn } from '~~/core/run/names'

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
 * Runs as a DXF file in millimetres: each leg a line in space on its service's layer, what stands at each node and each
 * leg's length and piece as text.
 *
 * @param pieceOf the piece of each leg, by run and leg as `run/leg`
 */
export function runsDxf(runs: readonly Run[], pieceOf: ReadonlyMap<string, string>): string {
  const dxf = new DxfWriter()
  dxf.setUnits(Units.Millimeters)
  dxf.addLayer('TEXT', 8, 'Continuous')
  const layerFor = (service: Service): string => {
    const layer = layerOf(service)
    if (!dxf.tables.layerTable.exist(layer)) dxf.addLayer(layer, colours[service], 'Continuous')
    return layer
  }
  for (const run of runs) {
    const layer = layerFor(run.service)
    const { places } = layOut(run)
    const names = namesIn(run)
    const at = (node: string) => {
      const place = places.get(node)
      return place ? point3d(...place) : null
    }
    for (const leg of run.legs) {
      const { id, from, to, length, state, unmeasured } = leg
      const [start, end] = [at(from), at(to)]
      if (!start || !end) continue
      const layerName = state ? state.toUpperCase().replace(' ', '_') : layerFor(serviceIn(run, leg))
      if (!dxf.tables.layerTable.exist(layerName)) dxf.addLayer(layerName, 8, 'Continuous')
      dxf.addLine(start, end, { layerName })
      if (unmeasured) continue
      const piece = pieceOf.get(`${run.id}/${id}`)
      const middle = point3d((start.x + end.x) / 2, (start.y + end.y) / 2, (start.z + end.z) / 2)
      dxf.addText(middle, letter, `${Math.round(length * 10) / 10}${piece ? ` ${piece}` : ''}`, { layerName: 'TEXT' })
    }
    for (const { id, kind } of run.nodes) {
      const place = at(id)
      if (!place || kind === 'elbow' || kind === 'bend') continue
      dxf.addPoint(place.x, place.y, place.z, { layerName: layer })
      dxf.addText(place, letter, names.node(id), { layerName: 'TEXT' })
    }
  }
  return dxf.stringify()
}
