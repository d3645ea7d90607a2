import type { MethodId } from '../methods/ids'
import { shippedCatalogue } from '../catalogue/catalogue'
import type { Direction, Job, Leg, Node, Run } from '../job/job'
import { withRun } from '../job/site-id'
import { systemsOf, type System } from '../job/system'
import type { ProfileId } from '../workshop/profile'
import type { Service } from '../job/place'

/** For tests and benches: the id of the first pipe of a standard, nominal size, and grade or wall. */
export function pipeId(standard: string, nominal: string, having: string | number = ''): string {
  const found = shippedCatalogue.pipes.find(
    (pipe) =>
      pipe.standard === standard &&
      pipe.nominal === nominal &&
      (having === '' || pipe.grade === having || pipe.wall === having || pipe.material === having),
  )
  if (!found) throw new RangeError(`no pipe ${standard} ${nominal} ${having}`)
  return found.id
}

export interface SampleRun {
  readonly pipe: string
  readonly method: MethodId
  /** From node, direction, length, to node; a node is named `kind` or `kind:id`. */
  readonly legs: readonly (readonly [string, Direction, number, string])[]
  readonly profile?: ProfileId
  readonly service?: Service
  readonly nodes?: Readonly<Record<string, Partial<Node>>>
}

/** For tests and benches: a job of one run, its nodes made from the legs' ends. */
export function sampleJob({
  pipe,
  method,
  legs,
  profile = 'metric',
  service = 'cold',
  nodes: extra = {},
}: SampleRun): Job {
  const kinds = new Map<string, Node>()
  const nodeId = (name: string): string => {
    const [kind, id = kind] = name.split(':') as [Node['kind'], string?]
    if (!kinds.has(id)) kinds.set(id, { id, run: 'r1', kind, ...extra[id] })
    return id
  }
  const drawn: Leg[] = legs.map(([from, direction, length, to], index) => ({
    id: `l${index + 1}`,
    run: 'r1',
    from: nodeId(from),
    to: nodeId(to),
    direction,
    length,
  }))
  return {
    format: 'jolvet-job',
    version: 3,
    title: 'Sample',
    units: 'metric',
    profile,
    surveys: [],
    runs: [{ id: 'r1', name: 'Run', service, pipe, method }],
    nodes: [...kinds.values()],
    legs: drawn,
  }
}

/** For benches: a run of this many legs that turns at every elbow. */
export function longJob(legs: number): Job {
  const turns = ['east', 'north', 'up', 'north'] as const
  return sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: Array.from({ length: legs }, (_, index) => [
      index === 0 ? 'open:n0' : `elbow:n${index}`,
      turns[index % 4]!,
      300 + ((index * 37) % 900),
      index === legs - 1 ? `open:n${legs}` : `elbow:n${index + 1}`,
    ]),
  })
}

/** For tests and benches: a crimped line of this many legs between two caps, with a valve at every so many. */
export function lineWithValves(legs: number, every: number): Job {
  const nodeAt = (at: number) => `${at % legs === 0 ? 'cap' : at % every === 0 ? 'valve' : 'elbow'}:n${at}`
  return sampleJob({
    pipe: pipeId('ASTM F876', '1/2', 'pex-b'),
    method: 'crimp',
    legs: Array.from({ length: legs }, (_, at) => [
      nodeAt(at),
      (['east', 'north', 'up', 'north'] as const)[at % 4]!,
      800,
      nodeAt(at + 1),
    ]),
  })
}

/** For tests: the one system of such a job. */
export const sampleSystem = (of: SampleRun): System => systemsOf(sampleJob(of))[0]!

/** For tests: the job with a copy of its first run beside it, whose ids are those that version 1 gives. */
export function withCopy(job: Job, id: string, change: Partial<Omit<Run, 'id'>> = {}): Job {
  const [first] = job.runs
  const copied = <Item extends Node | Leg>(items: readonly Item[]) =>
    items.filter(({ run }) => run === first!.id).map((item) => ({ ...item, id: withRun(id, item.id), run: id }))
  return {
    ...job,
    runs: [...job.runs, { ...first!, ...change, id }],
    nodes: [...job.nodes, ...copied(job.nodes)],
    legs: [
      ...job.legs,
      ...copied(job.legs).map((leg) => ({ ...leg, from: withRun(id, leg.from), to: withRun(id, leg.to) })),
    ],
  }
}
