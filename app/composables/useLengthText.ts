import { formatFigure, formatLength } from '~~/core/quantity/format-length'
import { formatAtMost, formatTolerance } from '~~/core/quantity/format-tolerance'
import { useJobStore } from '~/stores/job'

/** Lengths in the units of the open job, or without one in those of the bench. */
export function useLengthText() {
  const store = useJobStore()
  const bench = useBenchUnits()
  const units = computed(() => store.job?.units ?? bench.units.value)
  return {
    units,
    /** With its unit; `unknown` where there is no figure. */
    length: (mm: number | null) => (mm === null ? 'unknown' : formatLength(mm, units.value)),
    /** After a ±, never rounded down. */
    tolerance: (mm: number) => formatTolerance(mm, units.value),
    /** A limit, never rounded up. */
    atMost: (mm: number) => formatAtMost(mm, units.value),
    /** Without the unit, for places that name it. */
    figure: (mm: number) => formatFigure(mm, units.value),
  }
}
