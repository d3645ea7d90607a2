const lockOf = (job: string, tab: string): string => `jolvet-draft-${job}-${tab}`

/**
 * Holds a draft for the page that saves it: whoever sent it until now stops.
 *
 * @returns lets it go
 */
export function holdDraft(job: string, tab: string): () => void {
  let letGo!: () => void
  const held = new Promise<void>((resolve) => (letGo = resolve))
  // Where the browser has no locks, each page saves its own all the same.
  void Promise.resolve(navigator.locks?.request(lockOf(job, tab), { steal: true }, () => held)).catch(() => {})
  return letGo
}

/** Does work on a draft that no page holds; told by the signal when one takes it over. */
export async function onFreeDraft(
  job: string,
  tab: string,
  work: (taken: AbortSignal) => Promise<void>,
): Promise<void> {
  const taken = new AbortController()
  await Promise.resolve(
    navigator.locks?.request(lockOf(job, tab), { ifAvailable: true }, async (lock) => {
      if (lock) await work(taken.signal)
    }),
  )
    // Taken over by a page that opened the job.
    .catch(() => taken.abort())
}
