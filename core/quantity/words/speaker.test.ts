import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { formatFigure } from './format-length'
import { fixed, messagesOf, sentence } from './sentence'
import { parseLength } from '../parse-length'
import { problemText, Refusal, refusalsOf } from './refusal'
import { speakerFor } from './speaker'
import { inch, type Units } from '../units'

const litresPerGallon = 3.785411784
const kilopascalPerPsi = 6.894757293

/** The number that a text begins with, spaces between thousands left out. */
const numberIn = (text: string): number =>
  Number.parseFloat(text.replaceAll(/[\u2009\u202f\u00a0 ](?=\d)/g, '').replace('−', '-'))
/** Millimetres of a length as it is told. */
function millimetres(text: string, units: Units): number {
  const plain = text
    .replaceAll(/[\u2009\u202f\u00a0]/g, units === 'metric' ? '' : ' ')
    .replaceAll('′', "' ")
    .replaceAll('″', '"')
  const read = parseLength(plain.replace(/\s+/g, ' ').trim(), units, { min: 0, max: 1e7 })
  if (!read.ok) throw new Error(`${text}: ${read.problem}`)
  return read.mm
}
/** Half of the last place that a decimal text is told to. */
const halfPlace = (text: string): number => {
  const decimals = /^[\d\s\u2009\u202f−-]*(?:\.(\d+))?/.exec(text)?.[1]?.length ?? 0
  return 0.5 * 10 ** -decimals + 1e-9
}

describe.each<Units>(['metric', 'imperial'])('every kind of figure, %s', (units) => {
  const say = () => speakerFor(units)
  const mm = fc.double({ min: 0, max: 20_000, noNaN: true })
  const sixteenth = inch / 16

  it('a length: within half of its step', () => {
    const step = units === 'metric' ? 0.5 : sixteenth
    fc.assert(fc.property(mm, (of) => Math.abs(millimetres(say().length(of), units) - of) <= step / 2 + 1e-6))
  })

  it('a tolerance and a least length are never told too small, a limit never too large', () => {
    const step = units === 'metric' ? 0.1 : sixteenth
    fc.assert(
      fc.property(fc.double({ min: sixteenth, max: 300, noNaN: true }), (of) => {
        for (const told of [say().tolerance(of), say().atLeast(of)]) {
          const read = millimetres(told, units)
          if (read < of - 1e-3 || read > of + step + 1e-3) return false
        }
        const most = millimetres(say().atMost(of), units)
        return most <= of + 1e-3 && most >= of - step - 1e-3
      }),
    )
  })

  it('a gauge, bore, wall or diameter: to the hundredth, or the thousandth', () => {
    const [scale, half] = units === 'metric' ? [1, 0.005] : [inch, 0.0005]
    fc.assert(fc.property(mm, (of) => Math.abs(numberIn(say().diameter(of)) - of / scale) <= half + 1e-9))
    expect(say().diameter(17.78)).toBe(units === 'metric' ? '17.78\u2009mm' : '0.700″')
  })

  it.each<['flow' | 'speed' | 'pressure' | 'temperature' | 'warming' | 'fall', (value: number) => number]>([
    ['flow', (litres) => (units === 'metric' ? litres : litres / litresPerGallon)],
    ['speed', (metres) => (units === 'metric' ? metres : (metres * 1000) / (12 * inch))],
    ['pressure', (kilopascal) => (units === 'metric' ? kilopascal : kilopascal / kilopascalPerPsi)],
    ['temperature', (celsius) => (units === 'metric' ? celsius : celsius * 1.8 + 32)],
    ['warming', (kelvin) => (units === 'metric' ? kelvin : kelvin * 1.8)],
    ['fall', (perMille) => (units === 'metric' ? perMille : (perMille * 12) / 1000)],
  ])('%s: within its own last place', (kind, own) => {
    const told = say()[kind]
    fc.assert(
      fc.property(fc.double({ min: 0, max: 500, noNaN: true }), (value) => {
        const text = told(value)
        // A fall in millimetres drops a nought that stands last.
        const place = text.includes('to the metre') ? 0.05 + 1e-9 : halfPlace(text)
        return Math.abs(numberIn(text) - own(value)) <= place
      }),
    )
  })
})

describe('a figure alone', () => {
  it('is the length without the unit that its place writes', () => {
    expect(formatFigure(24, 'metric')).toBe('24')
    expect(formatFigure(1028.7, 'imperial').replaceAll('\u2009', ' ')).toMatch(/^3′ +4 1\/2″$/)
  })
})

describe('a message is told by whoever knows its sentence', () => {
  const topic = {
    id: 'topic',
    messages: {
      short: sentence({ mm: 10 }, ({ mm }, say) => `a spanner ${say.length(mm)} long`),
      plain: fixed('so it is'),
    },
  } as const
  const say = speakerFor('imperial', new Map([[topic.id, topic]]))

  it('in the reader’s units and trade words', () => {
    expect(say.tell(messagesOf(topic)('short', { mm: 254 }))).toBe('a wrench 10″ long')
    expect(say.tell(messagesOf(topic)('plain'))).toBe('so it is')
  })

  it('and not at all by who does not', () => {
    expect(() => say.tell({ rule: 'other', message: 'x', values: {} })).toThrow('no words are known for “other”')
  })

  it('a refusal says the same in each reader’s own, and what it says in the log is metric', () => {
    const refused = refusalsOf(topic)('short', { mm: 254 })
    expect(refused).toBeInstanceOf(Refusal)
    expect(refused.message).toMatch(/^a spanner 254.mm long$/)
    expect(problemText(refused, speakerFor('imperial'))).toBe('a wrench 10″ long')
    expect(problemText(new Error('disk full'), say)).toBe('disk full')
    expect(problemText('nonsense', say)).toBe('it did not work')
  })
})
