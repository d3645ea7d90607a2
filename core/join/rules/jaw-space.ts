import { toolSpace } from '../../catalogue/tool-space'
import { sentence } from '../../quantity/words/sentence'
import { rule } from '../rule'

interface Short {
  readonly where: 'to the wall' | 'between the pipes'
  readonly by: number
  readonly needed: number
}

export const jawSpace = rule({
  meta: {
    id: 'jaw-space',
    statement: 'The tool needs room to close: to the wall, and between two pipes.',
    why: 'A jaw at an angle for lack of room closes a joint on one side only.',
    basis: 'typical',
    settings: [],
    messages: {
      short: sentence<{ readonly short: readonly Short[] }>(
        {
          short: [
            { where: 'to the wall', by: 15, needed: 25 },
            { where: 'between the pipes', by: 5, needed: 65 },
          ],
        },
        ({ short }, say) =>
          `no room for the tool: ${short.map(({ where, by, needed }) => `${say.atLeast(by)} short ${where} (${say.length(needed)} needed)`).join(', ')}; move it, or make it on the bench`,
      ),
    },
  },
  check({ method, pipe, place }, { refuse }) {
    const space = toolSpace(method.id, pipe.od)
    if (!space) return null
    const lacks = (where: Short['where'], has: number | undefined, needed: number): Short[] =>
      has !== undefined && has < needed ? [{ where, by: needed - has, needed }] : []
    const short = [
      ...lacks('to the wall', place.wallDistance, space.wall),
      ...lacks('between the pipes', place.pipeDistance, space.pipes),
    ]
    return short.length > 0 ? refuse('short', { short }) : null
  },
})
