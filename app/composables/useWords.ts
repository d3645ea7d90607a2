import { formatFigure } from '~~/core/quantity/words/format-length'
import type { Message } from '~~/core/quantity/words/message'
import { problemText } from '~~/core/quantity/words/refusal'
import { speakerIn } from '~~/core/speech'
import { useDecidedStore } from '~/stores/decided'

/** Figures and sentences for the reader: in the units of the open job, or without one in those of the bench. */
export function useWords() {
  const open = useDecidedStore()
  const bench = useBenchUnits()
  const units = computed(() => open.job?.units ?? bench.units.value)
  const say = computed(() => speakerIn(units.value))
  return {
    units,
    /** Who tells messages to this reader. */
    say,
    tell: (message: Message) => say.value.tell(message),
    /** A text of the page in the reader's own trade words. */
    trade: (text: string) => say.value.trade(text),
    /** What went wrong, in the reader's units. */
    problemOf: (error: unknown) => problemText(error, say.value),
    /** With its unit; `unknown` where there is no figure. */
    length: (mm: number | null) => (mm === null ? 'unknown' : say.value.length(mm)),
    /** After a ±, never rounded down. */
    tolerance: (mm: number) => say.value.tolerance(mm),
    /** A limit, never rounded up. */
    atMost: (mm: number) => say.value.atMost(mm),
    /** A gauge, bore, wall or diameter. */
    diameter: (mm: number) => say.value.diameter(mm),
    /** Without the unit, for places that name it. */
    figure: (mm: number) => formatFigure(mm, units.value),
  }
}
