/**
 * What tabs share, for a browser that is set to keep nothing of this site: then each tab works for itself, and what it
 * holds is kept by the page alone.
 */

/** Does work while no other tab does its own under this name; where the browser has no locks, all the same. */
export async function underLock(name: string, work: () => Promise<void>): Promise<void> {
  let isBegun = false
  try {
    await navigator.locks.request(name, () => {
      isBegun = true
      return work()
    })
  } catch (error) {
    if (isBegun) throw error
    await work()
  }
}

export interface Channel<Message> {
  post(message: Message): void
  close(): void
}

/** A channel to the other tabs; where the browser has none, nobody hears. */
export function openChannel<Message>(name: string, hear: (message: Message) => void): Channel<Message> {
  try {
    const channel = new BroadcastChannel(name)
    channel.onmessage = ({ data }: MessageEvent<Message>) => hear(data)
    return { post: (message) => channel.postMessage(message), close: () => channel.close() }
  } catch {
    return { post: () => {}, close: () => {} }
  }
}
