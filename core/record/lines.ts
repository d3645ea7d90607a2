import type { JointState } from '../log/joint-states'
import { kindOf } from '../log/kinds'
import type { EntryOf } from '../log/known-entry'
import { verdictWords } from '../prove/verdict'
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

/** @remarks for instance: `Dosed with inhibitor, 1 L`; `Covered, stud wall` */
export function doneLine(entry: Done, say: Speaker): string {
  if (entry.kind === 'note') return entry.body.text
  const { name } = kindOf(entry.kind)!.meta
  if (entry.kind === 'covered') return joined(name, entry.body.where, entry.body.why)
  const { body } = entry
  return joined(
    'with' in body ? `${name} with ${body.with}` : name,
    'where' in body ? body.where : undefined,
    'litres' in body && body.litres !== undefined ? say.volume(body.litres) : undefined,
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
