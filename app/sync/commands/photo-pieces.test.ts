import { createHash } from 'node:crypto'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { sendPiece } from './photo-pieces'

const bytes = Buffer.alloc(150_000, 'picture')
const photo = new Blob([bytes], { type: 'image/jpeg' })
const sha = createHash('sha256').update(bytes).digest('hex')

/** A server that has a photo as far as it was sent, and loses it when it is told to. */
function server() {
  const state = { taken: 0, asked: [] as string[] }
  vi.stubGlobal('fetch', async (path: string, { body }: { body: Blob }) => {
    state.asked.push(path)
    const from = Number(/from=(\d+)/.exec(path)![1])
    if (from === state.taken) state.taken += body.size
    return new Response(JSON.stringify({ sha, taken: state.taken, of: photo.size }), { status: 201 })
  })
  return state
}
afterEach(() => vi.unstubAllGlobals())

describe('a picture in pieces', () => {
  it('goes piece by piece, from where the server has it, and is done with its last', async () => {
    const { asked } = server()
    const outcomes = [await sendPiece(photo), await sendPiece(photo), await sendPiece(photo)]
    expect(outcomes.map(({ outcome }) => outcome)).toEqual(['more', 'more', 'done'])
    expect(asked).toEqual([0, 64_000, 128_000].map((from) => `/api/photos/${sha}?from=${from}&of=150000`))
  })

  it('goes on from what an earlier visit sent, and begins anew where that is gone', async () => {
    const state = server()
    state.taken = 128_000
    // The first piece is there already: the answer says how far.
    expect((await sendPiece(photo)).outcome).toBe('more')
    state.taken = 0
    expect((await sendPiece(photo)).outcome).toBe('failed')
    expect((await sendPiece(photo)).outcome).toBe('more')
    expect(state.asked.map((path) => /from=(\d+)/.exec(path)![1])).toEqual(['0', '128000', '0'])
  })
})
