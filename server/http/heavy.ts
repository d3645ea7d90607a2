// The page’s types reach this file by the calls that it answers, but not that declaration.
// eslint-disable-next-line @typescript-eslint/triple-slash-reference
/// <reference path="../work/work-thread.d.ts" />
import { availableParallelism } from 'node:os'
import { Worker } from 'node:worker_threads'
import type { H3Event } from 'h3'
import threadAddress from '#work-thread'
import { lanes, type Lane } from '../work/lanes'
import type { tasks, TaskName } from '../work/tasks'
import { Busy, TooLong, WorkPool, type WorkThread } from '../work/work-pool'
import { clientOf } from './client-of'
import { refusal } from './refusal'

const longestSeconds = 20
const comeBackSeconds = 5
/** One core is left to answer everybody else. */
const spare = Math.max(1, availableParallelism() - 1)

const pool = (threads: number) =>
  new WorkPool(() => new Worker(new URL(threadAddress)) as WorkThread, {
    threads,
    waiting: 16,
    longestMs: longestSeconds * 1000,
  })
const pools: Readonly<Record<Lane, WorkPool>> = { quick: pool(1), long: pool(spare), unasked: pool(1) }
const laneOf = (task: TaskName): Lane =>
  (Object.keys(lanes) as Lane[]).find((lane) => (lanes[lane] as readonly TaskName[]).includes(task)) ?? 'long'

type Tasks = typeof tasks
type Answered<Name extends TaskName> = Awaited<ReturnType<Tasks[Name]>>

/** Does on a thread what nobody waits for. */
export const unasked = <Name extends TaskName>(task: Name, input: Parameters<Tasks[Name]>[0]) =>
  pools[laneOf(task)].run(task, input) as Promise<Answered<Name>>

/** Does on a thread what would hold up the answers of others; ends it when the caller goes. */
export async function heavily<Name extends TaskName>(
  event: H3Event,
  task: Name,
  input: Parameters<Tasks[Name]>[0],
): Promise<Answered<Name>> {
  const gone = new AbortController()
  const onClose = () => gone.abort()
  event.node.res.once('close', onClose)
  try {
    const work = pools[laneOf(task)].run(task, input, { signal: gone.signal, client: clientOf(event) })
    return (await work) as Answered<Name>
  } catch (error) {
    if (error instanceof Busy) {
      setHeader(event, 'Retry-After', comeBackSeconds)
      throw refusal(429, {
        error: 'busy',
        message: `Too much is being worked out just now: ask again in ${comeBackSeconds} seconds.`,
      })
    }
    if (error instanceof TooLong)
      throw refusal(422, {
        error: 'invalid',
        message: `It takes more than ${longestSeconds} seconds: ask for a part of it.`,
        fields: [{ field: '(body)', problem: `what can be worked out in ${longestSeconds} seconds` }],
      })
    throw error
  } finally {
    event.node.res.off('close', onClose)
  }
}
