import type { Job } from './job'

/** Sets the stock length of a pipe, in mm, or what a cut takes. */
export function setStock(
  job: Job,
  change: { readonly pipe: string; readonly length: number } | { readonly kerf: number },
): Job {
  const stock = job.stock ?? { lengths: {}, kerf: 0 }
  if ('kerf' in change) return { ...job, stock: { ...stock, kerf: change.kerf } }
  return { ...job, stock: { ...stock, lengths: { ...stock.lengths, [change.pipe]: change.length } } }
}
