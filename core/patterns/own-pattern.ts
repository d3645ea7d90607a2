import type { Catalogue } from '../catalogue/catalogue'
import type { Ids } from '../edit/ids'
import type { Job } from '../job/job'
import { readJob } from '../job/read-job'
import { systemOf } from '../job/system'
import { refusalsOf } from '../quantity/words/refusal'
import { sentence } from '../quantity/words/sentence'
import type { OwnPattern } from '../workshop/own-pattern-schema'

/** So many legs at most: every page reads the workshop's patterns. */
const mostLegs = 150

const refuse = refusalsOf({
  id: 'own-pattern',
  messages: {
    long: sentence(
      { legs: 212, most: mostLegs },
      ({ legs, most }) => `it has ${legs} legs, and a pattern at most ${most}: keep one run of it`,
    ),
    unread: sentence({ problem: 'runs: a list' }, ({ problem }) => `this pattern cannot be read: ${problem}`),
  },
})

/**
 * A job kept as a pattern: what is drawn and decided, without the place, the people and the days of that one job.
 *
 * @param run keeps only what hangs together with this run
 * @throws RangeError where it is longer than a pattern may be
 */
export function ownPatternOf(job: Job, { name, run }: { readonly name: string; readonly run?: string }): OwnPattern {
  const { runs, nodes, legs } = (run === undefined ? undefined : systemOf(job, run)) ?? job
  if (legs.length > mostLegs) throw refuse('long', { legs: legs.length, most: mostLegs })
  const { address: _a, zone: _z, sample: _s, visits: _v, stock: _k, fixtures = [], note, ...kept } = job
  const led = new Set(nodes.flatMap(({ fixture }) => (fixture?.kind === 'own' ? [fixture.id] : [])))
  const used = fixtures.filter(({ id }) => led.has(id))
  return {
    name,
    units: job.units,
    job: {
      ...kept,
      title: name,
      surveys: [],
      runs: [...runs],
      // Which survey told a pipe, and where an entry of the log stands, is of the one job.
      nodes: nodes.map(({ survey: _survey, began: _began, ...node }) => node),
      legs: legs.map(({ began: _began, ...leg }) => leg),
      ...(used.length > 0 && { fixtures: used }),
      ...(run === undefined && note !== undefined && { note }),
    },
  }
}

/**
 * A job begun from a pattern of one's own: the same pipework under ids that no other job has.
 *
 * @throws RangeError where the pattern cannot be read, which says what it lacks
 */
export function drawOwnPattern({ name, job }: OwnPattern, catalogue: Catalogue, ids: Ids): Job {
  const read = readJob(job, catalogue)
  if (!read.ok) throw refuse('unread', { problem: read.fields.map((of) => `${of.field}: ${of.problem}`).join('; ') })
  const { runs, nodes, legs } = read.job
  const renamed = (prefix: 'r' | 'n' | 'l', all: readonly { readonly id: string }[]) => {
    const taken: { id: string }[] = []
    const names = new Map(
      all.map(({ id: before }) => {
        const id = ids(prefix, taken)
        taken.push({ id })
        return [before, id]
      }),
    )
    return (id: string): string => names.get(id) ?? id
  }
  const [run, node, leg] = [renamed('r', runs), renamed('n', nodes), renamed('l', legs)]
  return {
    ...read.job,
    title: name,
    runs: runs.map((of) => ({ ...of, id: run(of.id) })),
    nodes: nodes.map((of) => ({ ...of, id: node(of.id), run: run(of.run), ...withArms(of.fitting, leg) })),
    legs: legs.map((of) => ({ ...of, id: leg(of.id), run: run(of.run), from: node(of.from), to: node(of.to) })),
  }
}

/** What stands between a named fitting and a leg's pipe is kept by the leg. */
function withArms(
  fitting: Job['nodes'][number]['fitting'],
  leg: (id: string) => string,
): Pick<Job['nodes'][number], 'fitting'> {
  if (fitting?.by !== 'name' || !fitting.arms) return fitting ? { fitting } : {}
  const arms = Object.fromEntries(Object.entries(fitting.arms).map(([id, arm]) => [leg(id), arm]))
  return { fitting: { ...fitting, arms } }
}
