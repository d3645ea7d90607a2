import type { StepId } from '~~/core/plan/progress'

/** The sheets that a job prints, by the step whose work they hold. */
export const printSheets = ['survey', 'join', 'route', 'cut', 'make'] as const satisfies readonly StepId[]
export type PrintSheet = (typeof printSheets)[number]

/** Which sheet a page of a job prints; null where it prints itself, as the record does. */
export const sheetOfPath = (path: string): PrintSheet | null =>
  printSheets.find((sheet) => path.endsWith(`/${sheet}`)) ?? null
