import type { TaskName } from './tasks'

/**
 * Where a task is done: what is soon over waits behind nothing that takes long, and what nobody waits for behind nobody.
 */
export const lanes = {
  quick: ['join', 'state', 'labelsPdf', 'listsPdf'],
  long: ['plan', 'prove', 'stock', 'record', 'recordCsv', 'testsCsv', 'sealedRecord', 'recordPdf', 'estimatePdf'],
  unasked: ['status'],
} as const satisfies Record<string, readonly TaskName[]>
export type Lane = keyof typeof lanes
