import { expose } from 'comlink'

/** A piece that does not come over the line ends the worker: a browser may not ask for it again, a new worker does. */
function endOn(reason: unknown): never {
  setTimeout(() => {
    throw reason
  })
  throw reason
}

/** What answers a question comes with the first of its kind: a cut list does not wait for what plans a whole job. */
const by =
  <Asked extends unknown[], Answer>(load: () => Promise<(...asked: Asked) => Answer>) =>
  async (...asked: Asked): Promise<Awaited<Answer>> => {
    const answer = await load().catch(endOn)
    return await answer(...asked)
  }

const wholeJob = () => import('./whole-job')
const proving = () => import('./proving')

/** What takes longer than a moment, for all of the page: each is done in steps, and given up where nobody waits for it. */
const coreWorker = {
  stock: by(async () => (await import('./stock')).stock),
  order: by(async () => (await import('./order')).order),
  plan: by(async () => (await wholeJob()).plan),
  pattern: by(async () => (await wholeJob()).pattern),
  times: by(async () => (await wholeJob()).times),
  visits: by(async () => (await wholeJob()).visits),
  byMethod: by(async () => (await wholeJob()).byMethod),
  prove: by(async () => (await proving()).prove),
  leak: by(async () => (await proving()).leak),
  share: by(async () => (await proving()).share),
}
export type CoreWorker = typeof coreWorker

expose(coreWorker)
