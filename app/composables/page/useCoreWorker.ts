import { proxy, wrap, type Remote } from 'comlink'
import type { CoreWorker } from '~/workers/core-worker'

let shared: Remote<CoreWorker> | undefined
const onFailure = new Set<(reason: Error) => void>()

/** The page's one worker, begun when something is first asked of it, and anew after it failed to load. */
function coreWorker(): Remote<CoreWorker> {
  if (shared) return shared
  const worker = new Worker(new URL('../../workers/core-worker.ts', import.meta.url), { type: 'module' })
  worker.addEventListener('error', () => {
    worker.terminate()
    shared = undefined
    onFailure.forEach((fail) => fail(new Error('the worker failed')))
  })
  return (shared = wrap<CoreWorker>(worker))
}

/** What was asked of the worker: how it stands, and to give it up. */
export interface Asking<Answer> {
  /** Rejects where the worker fails. */
  readonly answer: Promise<Answer>
  /** The worker stops at its next step, and answers with what it has. */
  readonly giveUp: () => void
}

/** Asks the page's worker. @param hear told how far it is */
export function askWorker<Progress, Answer>(
  ask: (worker: Remote<CoreWorker>, report: (progress: Progress) => boolean) => Promise<Answer>,
  hear: (progress: Progress) => void = () => {},
): Asking<Answer> {
  let isWanted = true
  const report = proxy((progress: Progress) => {
    if (isWanted) hear(progress)
    return isWanted
  })
  const answer = new Promise<Answer>((resolve, reject) => {
    onFailure.add(reject)
    ask(coreWorker(), report)
      .then(resolve, reject)
      .finally(() => onFailure.delete(reject))
  })
  return { answer, giveUp: () => (isWanted = false) }
}
