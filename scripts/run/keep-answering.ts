/** What is asked whether it answers, and ended where it does not. */
export interface MayHang {
  readonly origin: string
  /** Ends it at once: whoever keeps it up starts it again. */
  kill(): void
}

export interface Watch {
  readonly everyMs: number
  readonly patienceMs: number
  /** So often in a row it may be silent. */
  readonly mostSilent: number
}
const usual: Watch = { everyMs: 10_000, patienceMs: 15_000, mostSilent: 3 }

/**
 * Asks a server again and again whether it answers; one that runs and does not is ended. That its database is away it
 * says itself, and that is an answer.
 *
 * @returns ends the watch
 */
export function keepAnswering(server: MayHang, { everyMs, patienceMs, mostSilent }: Watch = usual): () => void {
  let silent = 0
  let isAsking = false
  const timer = setInterval(() => {
    if (isAsking) return
    isAsking = true
    void fetch(`${server.origin}/api/health`, { signal: AbortSignal.timeout(patienceMs) })
      .then(
        () => (silent = 0),
        () => (silent += 1),
      )
      .then(() => {
        isAsking = false
        if (silent < mostSilent) return
        silent = 0
        console.error('The server does not answer any more: ending it.')
        server.kill()
      })
  }, everyMs)
  timer.unref()
  return () => clearInterval(timer)
}
