import type { Ids } from '../ids'
import type { Catalogue } from '../../catalogue/catalogue'
import { addRun } from '../new-job'
import { newPipeFrom } from './new-pipe'
import { setSurvey } from './edit-survey'
import type { Job, Node, Run } from '../../job/job'
import type { Place } from '../../job/place'

/** A run that was begun and of which nothing is drawn: it may as well start at a tie-in. */
const runNotDrawn = ({ runs, nodes, legs }: Job): Run | undefined =>
  runs.find(({ id }) => {
    const own = nodes.filter(({ run }) => run === id)
    return (
      own.length === 1 &&
      own[0]!.kind === 'open' &&
      legs.every(({ from, to }) => from !== own[0]!.id && to !== own[0]!.id)
    )
  })

/**
 * Takes a surveyed pipe for what it is. Every tie-in of this survey gets the pipe; where there is none yet, a run of
 * which nothing is drawn starts at one, else a new run, in the pipe that goes on from it.
 *
 * @param known what was read of it that the place of its runs should say, such as an oxygen barrier
 */
export function takeForPipe(
  catalogue: Catalogue,
  job: Job,
  ids: Ids,
  { id, pipe, known = {} }: { readonly id: string; readonly pipe: string; readonly known?: Place },
): Job {
  const chosen = setSurvey(job, id, { pipe })
  const withKnown = (run: Run): Run =>
    Object.keys(known).length > 0 ? { ...run, place: { ...run.place, ...known } } : run
  const isTieIn = (node: Node) => node.survey === id
  const theirs = new Set(chosen.nodes.filter(isTieIn).map(({ run }) => run))
  if (theirs.size === 0) {
    const start = { kind: 'tie-in', existing: pipe, survey: id } as const
    const like = newPipeFrom(catalogue, chosen, pipe)
    const empty = runNotDrawn(chosen)
    if (empty)
      return {
        ...chosen,
        runs: chosen.runs.map((of) => (of === empty ? withKnown({ ...of, ...like }) : of)),
        nodes: chosen.nodes.map((node) => (node.run === empty.id ? { ...node, ...start } : node)),
      }
    const { job: begun, run } = addRun(chosen, ids, start, like)
    return { ...begun, runs: begun.runs.map((of) => (of.id === run ? withKnown(of) : of)) }
  }
  return {
    ...chosen,
    runs: chosen.runs.map((run) => (theirs.has(run.id) ? withKnown(run) : run)),
    // Another pipe takes other fittings: a chain chosen for the old one no longer holds.
    nodes: chosen.nodes.map((node) =>
      isTieIn(node) && node.existing !== pipe ? { ...node, existing: pipe, fitting: undefined } : node,
    ),
  }
}
