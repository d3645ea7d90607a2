import { setTimeout as sleep } from 'node:timers/promises'

interface MayEnd {
  onUnexpectedEnd(callback: () => void): void
}

const [firstPause, longestPause] = [500, 30_000]

/**
 * Starts again what ended by itself, for as long as it takes: at once, then after ever longer pauses.
 *
 * @param again starts it, or throws where it does not come up
 */
export function keepUp(name: string, what: MayEnd, again: () => Promise<void>, isStopping: () => boolean): void {
  what.onUnexpectedEnd(() => {
    console.error(`The ${name} ended by itself: starting it again.`)
    void (async () => {
      for (let pause = firstPause; !isStopping(); pause = Math.min(2 * pause, longestPause)) {
        await sleep(pause)
        if (isStopping()) return
        try {
          await again()
          console.error(`The ${name} is up again.`)
          keepUp(name, what, again, isStopping)
          return
        } catch (error) {
          console.error(error instanceof Error ? error.message : error)
        }
      }
    })()
  })
}
