import { setTimeout as sleep } from 'node:timers/promises'
import { startSite } from '../scripts/run/site'
import { randomQuestion } from './stock'

const asked = 400
const limitMs = 100

/** How long others wait for their jobs: alone, and while the heaviest calls are worked out. */
export async function benchAnswers(): Promise<void> {
  const site = await startSite(true)
  try {
    const jobs = (await (await fetch(`${site.origin}/api/jobs`)).json()) as { id: string }[]
    const hundredth = async (): Promise<number> => {
      const times: number[] = []
      for (let turn = 0; turn < asked; turn++) {
        const start = performance.now()
        await (await fetch(`${site.origin}/api/jobs/${jobs[turn % jobs.length]!.id}`)).text()
        times.push(performance.now() - start)
      }
      return times.sort((a, b) => a - b)[Math.floor(asked * 0.99)]!
    }
    await hundredth()
    const alone = await hundredth()
    let isOver = false
    const heavy = async (seed: number) => {
      while (!isOver) {
        const response = await fetch(`${site.origin}/api/stock`, {
          method: 'POST',
          body: JSON.stringify(randomQuestion(seed)),
        })
        await response.text()
        if (response.status === 429) await sleep(200)
      }
    }
    const callers = [1, 2, 3, 4].map(heavy)
    await sleep(500)
    const beside = await hundredth()
    isOver = true
    await Promise.all(callers)
    console.log(
      `a job's answer at the 99th per cent: ${beside.toFixed(0)} ms beside heavy calls, ${alone.toFixed(0)} ms alone: ratio ${(beside / alone).toFixed(1)}   (at most ${limitMs} ms)`,
    )
  } finally {
    await site.stop()
  }
}
