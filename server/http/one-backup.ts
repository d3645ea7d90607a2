import type { H3Event } from 'h3'
import { refusal } from './refusal'

let isBusy = false
const comeBackSeconds = 30

/** Does the work of a backup, or of putting one back, while no other is under way in this server. */
export async function asOnlyBackup<Result>(event: H3Event, work: () => Promise<Result>): Promise<Result> {
  if (isBusy) {
    setHeader(event, 'Retry-After', comeBackSeconds)
    throw refusal(429, {
      error: 'busy',
      message: `Another backup is being made or put back: ask again in ${comeBackSeconds} seconds.`,
    })
  }
  isBusy = true
  try {
    return await work()
  } finally {
    isBusy = false
  }
}
