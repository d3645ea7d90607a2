import type { JointState } from '../log/joint-states'
import { kindOf } from '../log/kinds'
import type { EntryOf } from '../log/known-entry'
import { verdictWords } from '../prove/verdict'
import { formatWait } from '../quantity/words/format-duration'
import type { Speaker } from '../quantity/words/speaks'
import { isOverdue } from '../workshop/checked-tool'
import type { JobRecord } from './record'

/**
 * What the page and the paper say of a record's entries, each in a line; who wrote it and when stand beside it, as each
 * of them has it.
 */

type Done = JobRecord['water' | 'covered' | 'notes'][number]

/** What was done beside joints and tests, in its order. */
export const doneOf = ({ water, covered, notes }: Pick<JobRecord, 'water' | 'covered' | 'notes'>): Done[] =>
  [...water, ...covered, ...notes].sort((a, b) => (a.at < b.at ? -1 : 1))

const joined = (...parts: readonly (string | undefined)[]): string => parts.filter(Boolean).join(', ')

type Figures = Readonly<Record<string, unknown>>
const given = (body: Figures, key: string, words: (value: number) => string): string | undefined =>
  typeof body[key] === 'number' ? words(body[key]) : undefined
/** What an entry may hold, each in words where it does. */
const figuresIn = (body: Figures, say: Speaker): (string | undefined)[] => [
  given(body, 'litres', (litres) => say.volume(litres)),
  given(body, 'mgPerLitre', (mg) => `${mg} mg/l`),
  given(body, 'minutes', (minutes) => formatWait(Math.round(minutes * 60))),
  given(body, 'residual', (mg) => `${mg} mg/l left`),
  body.rinsed === true ? 'rinsed' : undefined,
  given(body, 'bar', (bar) => say.testPressure(bar)),
  given(body, 'staticBar', (bar) => `${say.testPressure(bar)} standing`),
  given(body, 'runningBar', (bar) => `${say.testPressure(bar)} running`),
  given(body, 'litresPerMinute', (flow) => say.flow(flow)),
  given(body, 'celsius', (celsius) => say.temperature(celsius)),
  given(body, 'seconds', (seconds) => `after ${formatWait(seconds)}`),
  body.dry === true ? 'dry' : body.dry === false ? 'not dry' : undefined,
]

/** @remarks for instance: `Dosed with inhibitor, 1 L`; `Covered, stud wall`; `Flushed, outlet 2, 2.4 L, 1 min` */
export function doneLine(entry: Done, say: Speaker): string {
  if (entry.kind === 'note') return entry.body.text
  const { name } = kindOf(entry.kind)!.meta
  if (entry.kind === 'covered') return joined(name, entry.body.where, entry.body.why)
  const { body } = entry
  return joined(
    'with' in body ? `${name} with ${body.with}` : name,
    'where' in body ? body.where : undefined,
    ...figuresIn(body, say),
    body.note,
  )
}

/** How a test was ended. @remarks for instance: `tight.`; `tight. Accepted all the same: a night of it held.` */
export const endedLine = ({ body: { verdict, why, witness } }: EntryOf<'test-ended'>): string =>
  [
    `${verdictWords[verdict]}.`,
    ...(why === undefined ? [] : [`Accepted all the same: ${why.replace(/[.\s]+$/, '')}.`]),
    ...(witness === undefined ? [] : [`Witnessed by ${witness}.`]),
  ].join(' ')

/** What a photo shows. @param numbers of the planned joints, by their ids */
export const photoLine = ({ subject, body }: EntryOf<'photo'>, numbers: ReadonlyMap<string, number>): string =>
  joined(
    subject.joint && `joint ${numbers.get(subject.joint) ?? 'that is planned no more'}`,
    body.caption,
    body.beforeCovering ? 'before covering' : undefined,
  )

export const photosHeading = (where: string): string => `Before ${where} was closed`

export const valveLine = ({ valve, run, shuts }: JobRecord['valves'][number]): string =>
  `${valve} (${run}) shuts ${shuts.join(', ') || 'no outlet'}`

export const drainLine = ({ run, lowest, highest }: JobRecord['drains'][number]): string =>
  `${run} drains at ${lowest}, with air in at ${highest}`

/** What a joint was made with, and whether the tool's check was due by then. */
export const toolLine = ({ body: { tool, toolDue }, at }: NonNullable<JointState['made']>): string =>
  isOverdue(toolDue, at) ? `${tool ?? 'a tool'} whose check was due on ${toolDue}` : (tool ?? '')
