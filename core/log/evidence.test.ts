import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import type { MethodId } from '../methods/ids'
import type { Pipe } from '../catalogue/pipe'
import { pipeId } from '../testing/sample-run'
import { methods } from '../methods'
import { evidenceAsked, evidenceTexts, unanswered } from './evidence'

const copper = shippedCatalogue.pipe(pipeId('EN 1057', '22', 0.9))!
const pex = shippedCatalogue.pipe(pipeId('ASTM F876', '1/2', 'pex-b'))!
const asked = (method: MethodId, pipe: Pipe) => evidenceAsked({ method, inner: null }, pipe)

describe('what is asked of a joint when it is made', () => {
  it('is what can be seen of its method: a barb has no mark at a mouth, a thread has turns', () => {
    expect(asked('solder', copper)).toEqual(['markSeen'])
    expect(asked('crimp', pex)).toEqual(['atShoulder', 'ringPlaced', 'gauge'])
    expect(asked('clamp', pex)).toEqual(['atShoulder', 'ringPlaced', 'earClosed'])
    expect(asked('thread', copper)).toEqual(['turns', 'facesRight'])
    expect(asked('push-fit', copper)).toEqual(['markSeen', 'ringTurned'])
    expect(asked('push-fit', pex)).toEqual(['markSeen', 'ringTurned', 'insert'])
    expect([methods['compression'].insert(pex), methods['compression'].insert(copper)]).toEqual(['1/2 insert', null])
    // Between two fittings no pipe goes in, and no insert.
    const inner = { fittings: ['a', 'b'] } as never
    expect(evidenceAsked({ method: 'compression', inner }, pex)).not.toContain('insert')
  })

  it('is open until it is answered well', () => {
    const of = asked('crimp', pex)
    expect(unanswered(of, {})).toEqual(of)
    expect(unanswered(of, { atShoulder: true, ringPlaced: false, gauge: 'does not go' })).toEqual([
      'ringPlaced',
      'gauge',
    ])
    expect(unanswered(of, { atShoulder: true, ringPlaced: true, gauge: 'goes' })).toEqual([])
    expect(unanswered(asked('thread', copper), { turns: 0, facesRight: true })).toEqual([])
  })

  it('stands in the record as it was answered, and what was not said does not', () =>
    expect(evidenceTexts({ markSeen: true, gauge: 'goes', insert: false, turns: 2, uses: 3 })).toEqual([
      'mark seen',
      'gauge goes',
      '2 turns',
      'use 3',
    ]))
})
