import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { namedFittingsFor, chosenByName } from '../pipework/take-off/named-fittings'
import { layOut } from '../run/layout'
import { cutInto, putNewPipeIn, type CutInKind } from '../edit/existing/cut-into'
import { setNode, setRun } from '../edit/edit-run'
import { pressKey, startEntry, type Entered } from '../edit/legs/entry'
import { addRun, emptyJob } from '../edit/new-job'
import { countedIds } from '../testing/sample-ids'
import type { Job } from '../job/job'
import type { MethodId } from '../methods/ids'
import type { Units } from '../quantity/units'
import { pipeId } from '../testing/sample-run'
import { planJob } from './plan-job'
import { systemsOf } from '../job/system'

const keys: Readonly<Record<string, string>> = {
  east: 'ArrowRight',
  west: 'ArrowLeft',
  north: 'ArrowUp',
  south: 'ArrowDown',
  up: 'PageUp',
  down: 'PageDown',
  and: '&',
}
const isLength = /^[0-9]/
const isHeight = /^h[0-9]/

/** What a new user presses: `east 900` is the arrow, three digits and Enter; `h1100` a height; other words are single keys. */
function typed(units: Units, pipe: string, method: MethodId, words: string, radius = 60): Job {
  const begun = addRun(emptyJob('First', units, units === 'metric' ? 'metric' : 'us-a'), countedIds)
  const job = setRun(begun.job, begun.run, { pipe, method })
  const pressed = words.split(' ').flatMap((word) => {
    if (isHeight.test(word)) return [...word.slice(1), 'h']
    return isLength.test(word) ? [...word, 'Enter'] : [keys[word] ?? word]
  })
  const end = pressed.reduce<Entered>(
    (at, key) => {
      const next = pressKey(at.job, countedIds, at.entry, { key, bendRadius: radius })
      expect(next?.entry.problem, `${words}: ${key}`).toBe('')
      return next!
    },
    { job, entry: startEntry('r1', systemsOf(job)[0]!) },
  )
  return end.job
}

const [copper15, copper22, copper34] = [
  pipeId('EN 1057', '15', 0.7),
  pipeId('EN 1057', '22', 0.9),
  'copper-hard-astm-b88-l-3-4',
]
const [pex16, multilayer16] = [pipeId('EN ISO 15875', '16'), pipeId('EN ISO 21003', '16')]
const pexHalf = pipeId('ASTM F876', '1/2', 'pex-b')

/** The last node by its fitting's name. */
function named(job: Job, having: string): Job {
  const node = job.nodes.at(-1)!
  const found = namedFittingsFor(catalogue, layOut(systemsOf(job)[0]!), node).find(({ named }) =>
    named.id.includes(having),
  )
  expect(found, having).toBeDefined()
  return setNode(job, node.run, node.id, { fitting: chosenByName(found!) })
}

function cutIn(kind: CutInKind, play: number | undefined): Job {
  const line = typed('metric', copper22, 'compression', 'x east 2000')
  return cutInto(line, countedIds, 'r1', { legId: 'l1', kind, where: { at: 900, play } }).job
}

const jobs: Readonly<Record<string, Job>> = {
  'a cold feed to a basin, soldered': named(
    typed('metric', copper15, 'solder', 'up 300 east 900 v north 400 up 640 o'),
    'drop-ear',
  ),
  'two taps off one pipe, press': typed(
    'metric',
    copper22,
    'press-metal',
    'east 800 t east 700 up 300 o n north 500 o',
  ),
  'radiator tails in multilayer': typed(
    'metric',
    multilayer16,
    'press-multilayer',
    'east 400 north 2500 t up 150 c n north 1200 up 150 c',
  ),
  'PEX by crimp, in inches': named(
    typed('imperial', pexHalf, 'crimp', "east 4' north 30 t north 2' up 18 o"),
    'drop-ear',
  ),
  'push-fit under a sink': typed('metric', copper15, 'push-fit', 'east 250 up 200 v up 150 east 300 o'),
  'an offset round a beam, pulled': typed('metric', copper22, 'solder', 'east 1500 b east and up 300 b east 800 c'),
  'threaded steel with a union': typed(
    'metric',
    pipeId('EN 10255', '3/4', 'medium'),
    'thread',
    'east 1000 u east 500 north 700 c',
  ),
  'PEX by compression, up to a height': typed('metric', pex16, 'compression', 'east 2000 north 900 h1100 o'),
  'a valve cut into copper that is there': cutIn('valve', 40),
  'a tee cut in where nothing gives': putNewPipeIn(catalogue, cutIn('tee', 0), countedIds, {
    runId: 'r1',
    nodeId: 'n3',
  }),
  'copper hard in inches, soldered': typed('imperial', copper34, 'solder', "north 6' east 20 b south 5' c"),
}

describe('first jobs, typed as a new user would', () => {
  it.each(Object.entries(jobs))('%s: every piece has its length, every joint its depth and its verdict', (_, job) => {
    const plan = planJob(job, catalogue)
    expect(plan.pieces.filter(({ cut, tolerance }) => cut === null || tolerance === null)).toEqual([])
    expect(plan.joints.filter(({ insertion, verdict }) => insertion === null || verdict === 'refuse')).toEqual([])
    expect(plan.checks.filter(({ rule }) => rule === 'unknown-figure')).toEqual([])
    expect(plan.joints.length + plan.cutIns.length).toBeGreaterThan(0)
  })
})
