import type { Catalogue } from '../catalogue/catalogue'
import { emptyJob } from '../edit/new-job'
import type { Ids } from '../edit/ids'
import type { Job } from '../job/job'
import { sentence } from '../quantity/words/sentence'
import { refusalsOf } from '../quantity/words/refusal'
import type { Units } from '../quantity/units'
import { speakerFor } from '../quantity/words/speaker'
import type { Speaker } from '../quantity/words/speaks'
import { usualProfile } from '../workshop/profile'
import type { Costs } from '../workshop/costs'
import { drafting, type Draft } from './draft'
import { pipesThere, pipeWays, type PipeThere, type PipeWay } from './pipes-asked'
import { settled } from './settled'

/** A length that is measured or decided, in mm. */
export interface LengthAsk {
  readonly kind: 'length'
  readonly label: string
  readonly usual: Readonly<Record<Units, number>>
  readonly least: number
  readonly most: number
}
export interface ChoiceAsk {
  readonly kind: 'choice'
  readonly label: string
  readonly items: Readonly<Record<Units, readonly { readonly value: string; readonly label: string }[]>>
}
/** Which pipe is there; which new pipe, and how it is joined. */
export interface PipeAsk {
  readonly kind: 'there' | 'new'
  readonly label: string
  /** By their ids, those that it is not made with: nobody makes what is needed, or they bring too little. */
  readonly but?: readonly string[]
  /** All of it one size up, or two. */
  readonly isLarger?: true
}
export type Ask = LengthAsk | ChoiceAsk | PipeAsk
type Asks = Readonly<Record<string, Ask>>

type Answered<A extends Ask> = A extends LengthAsk
  ? number
  : A extends { readonly kind: 'choice' }
    ? string
    : PipeThere & PipeWay
export type Answers = Readonly<Record<string, string | number>>

/** A call that comes again and again: what it asks, and the job that follows from it. */
export interface Pattern {
  readonly id: string
  readonly name: string
  /** What it is for, in a line. */
  readonly what: string
  readonly asks: Asks
  /** Where it is usual. */
  readonly units: readonly Units[]
  draw(answers: Answers, to: DrawnFor): Job
}

export interface DrawnFor {
  readonly units: Units
  readonly catalogue: Catalogue
  readonly ids: Ids
  readonly costs: Costs
  readonly title: string
}

export const patternSentences = {
  id: 'pattern',
  messages: {
    length: sentence(
      { label: 'How far along', least: 100, most: 5000 },
      ({ label, least, most }, say) => `${label}: ${say.length(least)} to ${say.length(most)}`,
    ),
    choice: sentence({ label: 'Fixture' }, ({ label }) => `${label}: choose one of the list`),
  },
}
const refuse = refusalsOf(patternSentences)

const oneSizeUp = (way: PipeWay): PipeWay => ({ ...way, pipe: way.larger, label: way.largerLabel })
const twoSizesUp = ({ largest, largestLabel, ...way }: PipeWay): PipeWay[] =>
  largest && largestLabel ? [{ ...way, id: `${way.id}, largest`, pipe: largest, label: largestLabel }] : []
const sizesUp = (ways: readonly PipeWay[]): PipeWay[] => [...ways.map(oneSizeUp), ...ways.flatMap(twoSizesUp)]

function pipesOf({ kind, but = [], isLarger }: PipeAsk, units: Units): readonly (PipeThere | PipeWay)[] {
  const of = kind === 'there' ? pipesThere[units] : isLarger ? sizesUp(pipeWays[units]) : pipeWays[units]
  return of.filter(({ id }) => !but.includes(id))
}

/** An answer as its question takes it. @throws RangeError that names the question, and what it takes */
function answerTo(ask: Ask, given: string | number | undefined, units: Units): number | string | PipeThere | PipeWay {
  if (ask.kind === 'length') {
    const { label, least, most, usual } = ask
    const mm = given ?? usual[units]
    if (typeof mm !== 'number' || !(mm >= least && mm <= most)) throw refuse('length', { label, least, most })
    return mm
  }
  if (ask.kind === 'choice') {
    const found = ask.items[units].find(({ value }) => value === (given ?? ask.items[units][0]?.value))
    if (!found) throw refuse('choice', { label: ask.label })
    return found.value
  }
  const items = pipesOf(ask, units)
  const found = items.find(({ id }) => id === (given ?? items[0]!.id))
  if (!found) throw refuse('choice', { label: ask.label })
  return found
}

/** What a question is answered with until somebody does. */
export function usualAnswer(ask: Ask, units: Units): string | number {
  if (ask.kind === 'length') return ask.usual[units]
  if (ask.kind === 'choice') return ask.items[units][0]!.value
  return pipesOf(ask, units)[0]!.id
}

/** What can be chosen, for a question that is answered from a list. */
export function itemsOf(ask: Exclude<Ask, LengthAsk>, units: Units): readonly { value: string; label: string }[] {
  if (ask.kind === 'choice') return ask.items[units]
  return pipesOf(ask, units).map(({ id, label }) => ({ value: id, label }))
}

/** What a pattern's own drawing is given. */
export interface Drawing<A extends Asks> {
  readonly asked: { readonly [K in keyof A]: Answered<A[K]> }
  readonly draft: Draft
  readonly units: Units
  readonly say: Speaker
}

/** A pattern, its answers typed by what it asks. */
export function pattern<A extends Asks>({
  draw,
  ...meta
}: Omit<Pattern, 'draw' | 'asks'> & {
  readonly asks: A
  /** Draws it, and gives what the job notes for whoever makes it. */
  draw(drawing: Drawing<A>): readonly string[]
}): Pattern {
  return {
    ...meta,
    draw(answers, { units, catalogue, ids, costs, title }) {
      const asked = Object.fromEntries(
        Object.entries(meta.asks).map(([id, ask]) => [id, answerTo(ask, answers[id], units)]),
      ) as Drawing<A>['asked']
      const draft = drafting(emptyJob(title, units, usualProfile(units)), ids)
      const say = speakerFor(units)
      const notes = draw({ asked, draft, units, say }).map(say.trade)
      return { ...settled(catalogue, draft.job(), ids, costs), note: notes.join('\n') }
    },
  }
}
