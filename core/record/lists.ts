import type { Bar } from '../cut/stock'
import { stockToBring } from '../cut/to-bring'
import type { PlanPiece } from '../pipework/planned'
import type { BringList } from '../plan/bring-list'
import type { Plan } from '../plan/types'
import { codeColumn, type OwnPrices } from '../workshop/own-prices'
import { inch, type Units } from '../quantity/units'
import type { Speaker } from '../quantity/words/speaks'

/** A list as a table: a head, and rows of words and figures in the job's units, which the head names. */
export interface ListTable {
  readonly title: string
  readonly head: readonly string[]
  readonly rows: readonly (readonly (string | number | null)[])[]
}

/** A length as a number in the job's units: millimetres to the half, inches to the sixteenth. */
export const inUnits = (mm: number | null, units: Units): number | null =>
  mm === null ? null : units === 'metric' ? Math.round(mm * 2) / 2 : Math.round((mm / inch) * 16) / 16
/** A length of a list in mm again, to be said as people read it. */
export const listedLength = (figure: number, units: Units): number => (units === 'metric' ? figure : figure * inch)
export const unitOf = (units: Units): string => (units === 'metric' ? 'mm' : 'in')

/** What a list is written with: the words of one side of the ocean, and its units. */
export interface ListWords {
  readonly units: Units
  readonly say: Pick<Speaker, 'trade'>
  /** What is ordered by a code of its own. */
  readonly prices?: OwnPrices
}

/**
 * What to bring as a table: each with its item in the catalogue, so that it can be found again.
 *
 * @param laid how the pieces of a pipe are laid where a better way than the plan's own was found, by pipe
 */
export function bringTable(
  list: BringList,
  laid: ReadonlyMap<string, readonly Bar[]>,
  { units, say, prices }: ListWords,
): ListTable {
  const codes = codeColumn(prices)
  const lengths = stockToBring(list.stock, laid).map(({ pipe, label, count, length }) => [
    count,
    label,
    pipe,
    inUnits(length, units),
  ])
  const counted = [...list.fittings, ...list.sundries, ...list.clipCounts, ...list.fixtures].map(
    ({ count, label, item }) => [count, say.trade(label), item, null],
  )
  const supplies = list.supplies.map(({ label, item, mm }) => [null, say.trade(label), item, inUnits(mm, units)])
  return {
    title: 'What to bring',
    head: ['count', 'what', 'item', `length, ${unitOf(units)}`, ...codes.head],
    rows: [...lengths, ...counted, ...supplies].map((row) => [...row, ...codes.of(String(row[2]))]),
  }
}

const markOf = ({ method, insertion }: PlanPiece['ends'][number], units: Units): string | number | null =>
  method === null ? 'open' : inUnits(insertion, units)

/** The cut list as a table: the tube to cut, what it measures when bent, its tolerance, and the marks at its ends. */
export function cutTable(
  { pieces }: Plan,
  pipeWords: (pipe: string) => string,
  { units, prices }: ListWords,
): ListTable {
  const codes = codeColumn(prices)
  const unit = unitOf(units)
  return {
    title: 'Cut list',
    head: [
      'piece',
      'pipe',
      'item',
      `cut, ${unit}`,
      `tolerance, ${unit}`,
      `when bent, ${unit}`,
      `mark at one end, ${unit}`,
      `mark at the other, ${unit}`,
      ...codes.head,
    ],
    rows: pieces.map(({ id, pipe, blank, cut, tolerance, ends }) => [
      id,
      pipeWords(pipe),
      pipe,
      inUnits(blank, units),
      inUnits(tolerance, units),
      blank === cut ? null : inUnits(cut, units),
      markOf(ends[0], units),
      markOf(ends[1], units),
      ...codes.of(pipe),
    ]),
  }
}
