import { usualKeep } from '../../cut/stock-length'
import type { Job } from '../../job/job'

/** Sets the stock length of a pipe, what a cut takes or the least offcut worth keeping, in mm; or leaves the rack out. */
export function setStock(
  job: Job,
  change:
    | { readonly pipe: string; readonly length: number }
    | { readonly kerf: number }
    | { readonly keep: number }
    | { readonly withoutRack: boolean },
): Job {
  const stock = job.stock ?? { lengths: {}, kerf: 0, keep: usualKeep(job.units) }
  if (!('pipe' in change)) return { ...job, stock: { ...stock, ...change } }
  return { ...job, stock: { ...stock, lengths: { ...stock.lengths, [change.pipe]: change.length } } }
}
