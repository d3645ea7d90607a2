import { fixtureOf, type UsualFixture } from '../../catalogue/fixture'
import { fixtureAsk, lengthAsk, newAsk, thereAsk } from '../asks'
import type { Draft } from '../draft'
import { pattern } from '../pattern'
import type { PipeWay } from '../pipes-asked'
import { inch, type Units } from '../../quantity/units'

const valves = {
  metric: [{ value: 'mixing-valve', label: 'Shower valve in the wall' }],
  imperial: [
    { value: 'tub-and-shower', label: 'Tub and shower valve' },
    { value: 'mixing-valve', label: 'Shower valve' },
  ],
} as const

/** What every pipe of the valve is drawn with. */
interface AtValve {
  readonly draft: Draft
  readonly valve: UsualFixture
  readonly way: PipeWay
  readonly units: Units
}
const endOf = ({ valve, units }: AtValve, end: string) => ({
  name: `${valve.name}, ${end}`,
  fixture: { id: 'valve', kind: valve.id, made: units, end },
})

/** From what the valve feeds, up or down to a fixed elbow in the wall. */
function feed(at: AtValve, end: 'shower' | 'spout', length: number): void {
  const { draft, valve, way, units } = at
  const port = valve.ends.find(({ id }) => id === end)!
  // A spout's drop in plastic would hold it back, and water would rise to the shower.
  const [pipe, method] = end === 'spout' ? [spoutPipe, way.onMetal] : [way.pipe, way.method]
  const run = draft.run({ name: `${valve.name}, ${end}`, service: 'hot', pipe, method })
  const from = draft.node(run, 'outlet', { ...endOf(at, end), at: [port.across, 0, port.up] })
  const fixture = { shower: { kind: 'shower-arm', end: 'arm' }, spout: { kind: 'tub-spout', end: 'spout' } } as const
  const to = draft.node(run, 'outlet', {
    name: end === 'shower' ? 'shower arm' : 'tub spout',
    fixture: { id: end, made: units, ...fixture[end] },
  })
  draft.leg({ from, direction: end === 'shower' ? 'up' : 'down', length, to })
}
const spoutPipe = 'copper-hard-astm-b88-l-1-2'

/** From a pipe that comes up to the valve's port beside it, and how far behind the finished wall its face stands, in mm; typical. */
const aside: Readonly<Record<Units, number>> = { metric: 150, imperial: 6 * inch }
const behind: Readonly<Record<Units, number>> = { metric: 65, imperial: 2.5 * inch }

/** Hot and cold up to a valve in the wall, and from it to the shower arm and the spout. */
export const showerValve = pattern({
  id: 'shower-valve',
  name: 'Shower valve in the wall',
  what: 'Hot and cold up to a valve in the wall, and from it up to the shower arm and down to the spout.',
  units: ['metric', 'imperial'],
  asks: {
    there: thereAsk,
    new: newAsk,
    valve: fixtureAsk('Valve', valves),
    height: lengthAsk('From the existing ends up to the valve', [1200, 40], [300, 2500]),
    shower: lengthAsk('From the valve up to the shower arm', [950, 46], [300, 2000]),
    spout: lengthAsk('From the valve down to the spout', [300, 10], [150, 450]),
  },
  draw({ asked: { there, new: way, valve: chosen, height, shower, spout }, draft, units, say }) {
    const valve = fixtureOf(chosen as UsualFixture['id'], units)!
    const at: AtValve = { draft, valve, way, units }
    for (const { id, water, across } of valve.ends.filter(({ up }) => up === 0)) {
      const run = draft.run({ name: `${valve.name}, ${id}`, service: water, pipe: way.pipe, method: way.method })
      const from = draft.node(run, 'tie-in', {
        existing: there.pipe,
        at: [across + Math.sign(across) * aside[units], 0, -height],
      })
      const corner = draft.node(run, 'elbow')
      draft.leg({ from, direction: 'up', length: height, to: corner })
      const port = draft.node(run, 'outlet', endOf(at, id))
      draft.leg({ from: corner, direction: across < 0 ? 'east' : 'west', length: aside[units], to: port })
    }
    feed(at, 'shower', shower)
    if (valve.ends.some(({ id }) => id === 'spout')) feed(at, 'spout', spout)
    return [
      'Facing the wall: hot on the left, cold on the right. Swapped over it scalds.',
      `The face of the rough-in stands ${say.length(behind[units])} behind the finished wall: take it from the valve’s own sheet.`,
      'Blocking behind the valve, the arm and the spout. The spout’s drop is metal, 1/2 or larger.',
      'Cap it, test, and take a photo before the wall is closed.',
    ]
  },
})
