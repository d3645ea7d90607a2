import { describe, expect, it } from 'vitest'
import { applyChanges, emptyWorkshop, type Workshop, type WorkshopChange } from '~~/core/job/workshop'
import { ChangeQueue, type SendAnswer } from './change-queue'
import type { PendingChange } from './workshop-transport'

const minutes = (id: string, value: number): PendingChange => ({ id, path: ['methods', 'solder', 'minutes'], value })

/** A server that is away for its first tries, a list that outlives the queue, and what was answered. */
function setUp(awayFor = 0) {
  let kept: readonly PendingChange[] = []
  let workshop: Workshop = emptyWorkshop
  const sent: (readonly WorkshopChange[])[] = []
  const answers: SendAnswer<Workshop>['outcome'][] = []
  const make = () =>
    new ChangeQueue<PendingChange, Workshop>({
      read: () => kept,
      write: (changes) => void (kept = changes),
      send: async (changes) => {
        sent.push(changes)
        if (sent.length <= awayFor) return { outcome: 'away' }
        const applied = applyChanges(workshop, changes)
        if (!applied.ok) return { outcome: 'refused', message: 'not accepted' }
        workshop = applied.workshop
        return { outcome: 'saved', saved: workshop }
      },
      onAnswer: ({ outcome }) => answers.push(outcome),
      pause: () => Promise.resolve(),
    })
  return {
    make,
    sent,
    answers,
    kept: () => kept,
    workshop: () => workshop,
    keep: (list: PendingChange[]) => void (kept = list),
  }
}

describe('changes to the workshop', () => {
  it('are sent again while the server is away, and none is lost', async () => {
    const at = setUp(3)
    await at.make().add(minutes('a', 9))
    expect(at.answers).toEqual(['away', 'away', 'away', 'saved'])
    expect([at.workshop().methods.solder?.minutes, at.kept()]).toEqual([9, []])
  })

  it('that come while one is being sent go with the next, in their order', async () => {
    const at = setUp(1)
    const queue = at.make()
    const first = queue.add(minutes('a', 9))
    await Promise.all([first, queue.add(minutes('b', 10)), queue.add(minutes('c', 11))])
    expect(at.sent[0]).toHaveLength(1)
    expect(at.sent.at(-1)!.map(({ value }) => value)).toEqual([9, 10, 11])
    expect(at.workshop().methods.solder?.minutes).toBe(11)
  })

  it('that an earlier page left are sent by the next', async () => {
    const at = setUp()
    at.keep([minutes('left', 7)])
    await at.make().flush()
    expect([at.workshop().methods.solder?.minutes, at.kept()]).toEqual([7, []])
  })

  it('that are refused do not stand in the way of the next', async () => {
    const at = setUp()
    const queue = at.make()
    await queue.add({ id: 'bad', path: ['currency'], value: 'euros' })
    await queue.add(minutes('good', 8))
    expect([at.answers, at.workshop().methods.solder?.minutes]).toEqual([['refused', 'saved'], 8])
  })

  it('of two tabs that share the list are taken off only when they were sent', async () => {
    const at = setUp()
    const [one, other] = [at.make(), at.make()]
    await Promise.all([one.add(minutes('a', 9)), other.add({ id: 'b', path: ['hour'], value: 60 })])
    expect(at.kept()).toEqual([])
    expect(at.workshop()).toMatchObject({ hour: 60, methods: { solder: { minutes: 9 } } })
  })
})
