import { setPriority } from 'node:os'
import { parentPort } from 'node:worker_threads'
import { tasks, type TaskName } from './tasks'
import type { Ask, Told } from './work-pool'

/** A thread of the server: does one task after another, and tells how each ends. */
const tell = (told: Told): void => parentPort?.postMessage(told)

/** Behind the loop that answers everybody: on Linux this is the thread's own, and no more than a wish elsewhere. */
const behindOthers = 10
try {
  setPriority(behindOthers)
} catch {
  // It is not allowed here: the threads work all the same.
}

parentPort?.on('message', async ({ task, input }: Ask) => {
  try {
    const work = tasks[task as TaskName] as (input: unknown, soFar: (value: unknown) => void) => unknown
    tell({ kind: 'answer', value: await work(input, (value) => tell({ kind: 'so-far', value })) })
  } catch (error) {
    tell({ kind: 'failed', message: error instanceof Error ? (error.stack ?? error.message) : String(error) })
  }
})
