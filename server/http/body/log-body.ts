import { safeRead } from '~~/core/quantity/safe-read'
import { isDeepStrictEqual } from 'node:util'
import { entryProblems, type Entry } from '~~/core/log/entry'
import { kindOf } from '~~/core/log/kinds'
import { fieldProblems, type FieldProblem } from '~~/core/quantity/words/field-problem'
import type { Held } from '../../database/log'

/** What entries say that cannot be so, whatever the log holds; any clock is taken, and noted how far it is off. */
export const unknownEntryFields = (entries: readonly Entry[]): FieldProblem[] =>
  entries.flatMap((entry, at) => entryProblems(entry, `entries.${at}`))

/** What the job's plan has, in one of its versions, and which photos are kept: what entries may name. */
export interface Named {
  readonly version: number
  readonly joints: ReadonlySet<string>
  readonly legs: ReadonlySet<string>
  readonly photos: ReadonlySet<string>
}

/** What an entry is checked against. */
interface Against {
  readonly job: string
  readonly version: number
  /** Whether its versions are those of this life of the database; after a restore they are given again. */
  readonly isVersionKnown: boolean
  readonly held: Held
  readonly named: Named
  /** Those that come with it, by their ids. */
  readonly together: ReadonlyMap<string, Entry>
}

const told = (field: string, problem: string): FieldProblem[] => [{ field, problem }]

const entryIn = ({ held, together, job }: Against, id: string): Entry | undefined => {
  const known = held.known.get(id)
  return known ? (known.job === job ? known.entry : undefined) : together.get(id)
}

/** An id stands for one entry of one job. */
function clash(entry: Entry, against: Against): FieldProblem[] {
  const before = against.held.known.get(entry.id)
  if (before && before.job !== against.job)
    return told('id', 'is that of an entry of another job: each entry has an id of its own')
  const other = before?.entry ?? against.together.get(entry.id)
  return other && !isDeepStrictEqual(other, entry)
    ? told('id', 'stands for another entry already: what is written is corrected, not changed')
    : []
}

/** A correction stands for an entry that is there, and says of it what such an entry can say. */
function wrongCorrection({ kind, replaces, body }: Entry, against: Against): FieldProblem[] {
  if (!replaces) return []
  let stood = entryIn(against, replaces)
  if (!stood) return told('replaces', `there is no entry “${replaces}” in this job’s log`)
  while (stood?.kind === 'correction' && stood.replaces) stood = entryIn(against, stood.replaces)
  const ofKind = stood && kindOf(stood.kind)
  if (kind !== 'correction' || !ofKind || body.withdrawn === true) return []
  const read = safeRead(ofKind.body, body.body)
  return read.success
    ? []
    : fieldProblems(read.error).map(({ field, problem }) => ({ field: `body.body.${field}`, problem }))
}

/** What is said of a joint answers a making of that joint. */
function wrongAnswer({ subject, body }: Entry, against: Against): FieldProblem[] {
  if (typeof body.of !== 'string') return []
  const answered = entryIn(against, body.of)
  return answered?.kind === 'joint-made' && answered.subject.joint === subject.joint
    ? []
    : told('body.of', `there is no entry “${body.of}” by which this joint was made`)
}

/** What it is about is there: in the plan of the version that it names, among the tests that were begun, the photos that are kept. */
function unknownSubject(entry: Entry, { version, isVersionKnown, held, named, together }: Against): FieldProblem[] {
  const { kind, subject, body, jobVersion } = entry
  if (isVersionKnown && jobVersion > version)
    return told('jobVersion', `a version that the job has had: it stands at ${version}`)
  // Of an older version nobody knows any more what it had: what is written of it is taken, and shown.
  const isKnown = !isVersionKnown || jobVersion < version || named.version !== version
  if (!isKnown && subject.joint !== undefined && body.of === undefined && !named.joints.has(subject.joint))
    return told('subject.joint', `the plan of version ${version} has no joint “${subject.joint}”`)
  if (!isKnown && subject.leg !== undefined && !named.legs.has(subject.leg))
    return told('subject.leg', `version ${version} of the job has no leg “${subject.leg}”`)
  const isBegun = (test: string): boolean =>
    held.tests.has(test) || [...together.values()].some((of) => of.kind === 'test-begun' && of.subject.test === test)
  if (subject.test !== undefined && kind !== 'test-begun' && !isBegun(subject.test))
    return told('subject.test', `no test “${subject.test}” was begun in this job`)
  if (kind === 'photo' && !named.photos.has(String(body.sha)))
    return told('body.sha', 'there is no photo of this SHA-256: send the photo first')
  return []
}

/** What entries say against what the log holds and the job has. An entry that stands there already is asked nothing anew. */
export function problemsAgainst(entries: readonly Entry[], against: Omit<Against, 'together'>): FieldProblem[] {
  const together = new Map<string, Entry>()
  for (const entry of entries) if (!together.has(entry.id)) together.set(entry.id, entry)
  return entries.flatMap((entry, at) => {
    const all = { ...against, together }
    const clashes = clash(entry, all)
    const isThere = clashes.length === 0 && against.held.known.has(entry.id)
    const found = isThere
      ? []
      : clashes.length > 0
        ? clashes
        : [...wrongCorrection(entry, all), ...wrongAnswer(entry, all), ...unknownSubject(entry, all)]
    return found.map(({ field, problem }) => ({ field: `entries.${at}.${field}`, problem }))
  })
}
