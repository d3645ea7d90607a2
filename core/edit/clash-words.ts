import type { Catalogue } from '../catalogue/catalogue'
import { methods } from '../methods'
import type { MethodId } from '../methods/ids'
import { axes } from '../job/kinds'
import type { Direction, Job, Leg, Node } from '../job/job'
import type { Clash } from './merge'
import { nodeWord } from '../job/node-legs'
import { directionWords } from '../run/direction-words'
import type { Speaker } from '../quantity/words/speaks'
import { namesOf, runNameIn } from '../run/names'

/** A clash as a person reads it: where, and what stands there on either side. */
export interface ClashWords {
  readonly place: string
  readonly mine: string
  readonly theirs: string
}

/** Fields that are lengths in mm. */
const lengths = new Set(
  'length radius height overFloor takeOff branchTakeOff insertion tolerance spacing offset start end kerf keep'.split(
    ' ',
  ),
)
/** What fields are called where their key does not say it. */
const fieldWords: Readonly<Record<string, string>> = {
  at: 'fixed point',
  overFloor: 'height over the floor',
  kind: 'what stands there',
  existing: 'existing pipe',
  takeOff: 'take-off',
  branchTakeOff: 'take-off of the branch',
  profile: 'rule profile',
  own: 'profile of one’s own',
  free: 'kept without clips',
  built: 'year built',
}
const wordOf = (key: string): string =>
  fieldWords[key] ?? key.replaceAll(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`).replaceAll('-', ' ')

type Tree = Readonly<Record<string, unknown>>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null && !Array.isArray(value)
const isTexts = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.every((text) => typeof text === 'string')
const isDirection = (value: unknown): value is Direction =>
  (axes as readonly unknown[]).includes(value) || (isTree(value) && 'bearing' in value && 'pitch' in value)

function valueWords(catalogue: Catalogue, say: Speaker, key: string, value: unknown): string {
  if (value === undefined) return 'not there'
  if (isDirection(value)) return directionWords(value)
  if (typeof value === 'number') return lengths.has(key) ? say.length(value) : String(Math.round(value * 100) / 100)
  if (typeof value === 'boolean') return value ? 'yes' : 'no'
  if (typeof value === 'string')
    return catalogue.pipe(value)?.label ?? methods[value as MethodId]?.name ?? (value === '' ? 'nothing' : value)
  if (key === 'at' && Array.isArray(value)) return (value as number[]).map((mm) => say.length(mm)).join(', ')
  if (Array.isArray(value)) return value.length === 1 ? '1 entry' : `${value.length} entries`
  const item = value as Tree & Partial<Leg> & Partial<Node>
  if (typeof item.length === 'number' && item.direction !== undefined)
    return `${say.length(item.length)} ${directionWords(item.direction)}`
  if (item.kind !== undefined) return nodeWord(item.kind)
  if (isTexts(item.fittings)) return item.fittings.join(' and ')
  return typeof item.name === 'string' ? item.name : 'as it was set'
}

/**
 * A clash in words: no id and no number of a list in it.
 *
 * @param jobs the two versions, whose names for runs, legs and fittings are used: what only one has is named by it
 * @remarks for instance: `legs/l2/length`, 1200 and 1300: “Cold, leg 2: length”, “1 200 mm”, “1 300 mm”
 */
export function clashWords(catalogue: Catalogue, say: Speaker, jobs: readonly [Job, Job], clash: Clash): ClashWords {
  const key = clash.path.at(-1) ?? ''
  const words = (value: unknown) => valueWords(catalogue, say, key, value)
  return { place: placeWords(jobs, clash.path), mine: words(clash.mine), theirs: words(clash.theirs) }
}

function placeWords(jobs: readonly [Job, Job], path: readonly string[]): string {
  const [list, id = ''] = path
  const having = (is: (job: Job) => boolean) => jobs.find(is) ?? jobs[0]
  const hasId = (item: { readonly id: string }) => item.id === id
  if (list === 'runs' && id) {
    const job = having(({ runs }) => runs.some(hasId))
    return told([job.runs.some(hasId) ? runNameIn(job, id) : 'a run'], path.slice(2))
  }
  if ((list === 'legs' || list === 'nodes') && id) {
    const job = having((of) => of[list].some(hasId))
    const names = namesOf(job).get(job[list].find(hasId)?.run ?? '')
    const place = list === 'legs' ? names?.leg(id) : names?.node(id)
    return told([names?.run ?? 'a run', ...(place ? [place] : [])], path.slice(2))
  }
  if (list === 'surveys' && id) {
    const survey = having((of) => of.surveys.some((known) => known.id === id)).surveys.find((of) => of.id === id)
    return told([survey?.name || 'a survey'], path.slice(2))
  }
  return told([], path)
}

const told = (names: readonly string[], fields: readonly string[]): string =>
  [names.join(', '), fields.map(wordOf).join(', ')].filter(Boolean).join(': ')
