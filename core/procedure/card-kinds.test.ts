import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { profiles } from '../workshop/profile'
import { jointCard } from './joint-card'
import type { Attitude } from './procedure'
import { pipeId } from '../testing/sample-run'
import { speakerIn } from '../speech'
import { cardKinds } from './card-kinds'

const say = speakerIn('metric')
const joint = (number: number, nominal: string, attitude?: Attitude) => ({
  joint: number,
  card: jointCard(catalogue, catalogue.pipe(pipeId('EN 1057', nominal))!, 'solder', {
    profile: profiles.metric,
    here: { say, attitude },
  }),
  reasons: [],
})

describe('kinds of cards', () => {
  it('one a size, and where a step goes by how a joint lies, what it says of which', () => {
    const kinds = cardKinds([
      joint(1, '22', 'level'),
      joint(2, '15'),
      joint(3, '22', 'upright, fitting above'),
      joint(4, '22', 'level'),
    ])
    expect(kinds.map(({ joints }) => joints)).toEqual([[1, 3, 4], [2]])
    const [of22, of15] = kinds
    expect(of22!.card.title).toBe('22 solder joint')
    expect(of22!.texts.map((texts) => texts.map(({ joints }) => joints)).filter(({ length }) => length > 1)).toEqual([
      [[1, 4], [3]],
    ])
    expect(of22!.texts.flat().find(({ joints }) => joints.join() === '3')!.text).toContain('above its mouth')
    expect(of15!.texts.every((texts) => texts.length === 1)).toBe(true)
    expect(of15!.texts.map(([only]) => only!.text)).toEqual(of15!.card.steps.map(({ text }) => text))
  })

  it('another figure, caution or reservation is another kind', () => {
    const [one, other] = [joint(1, '22'), joint(2, '22')]
    const wet = { ...other, card: { ...other.card, cautions: ['wet'] } }
    const [first, ...rest] = other.card.steps
    const waits = {
      ...other,
      card: { ...other.card, steps: [{ ...first!, wait: { seconds: 1, what: '', basis: '' } }, ...rest] },
    }
    expect(
      [cardKinds([one, other]), cardKinds([one, wet]), cardKinds([one, waits])].map(({ length }) => length),
    ).toEqual([1, 2, 2])
  })
})
