import { describe, expect, it } from 'vitest'
import { shippedFittings } from '../catalogue/fittings'
import { counterName } from '../catalogue/counter-name'
import { findFittings } from './names/find-fitting'

const asked = (text: string) => findFittings(shippedFittings(), text)

/** Sizes as they are said, and as they are printed. */
const inches = [
  ['1/2', '1/2'],
  ['half inch', '1/2'],
  ['three quarter', '3/4'],
  ['3/4 inch', '3/4'],
  ['one inch', '1'],
] as const
const metric = [
  ['15', '15'],
  ['15mm', '15'],
  ['twenty two', '22'],
  ['22 mm', '22'],
  ['28', '28'],
] as const

type Form = readonly [said: (size: string) => string, printed: (size: string) => string]
const inchForms: readonly Form[] = [
  [(size) => `${size} sweat coupling`, (size) => `${size} solder coupling`],
  [(size) => `${size} soldered tee`, (size) => `${size} solder tee`],
  [(size) => `${size} press ell`, (size) => `${size} press elbow 90°`],
  [(size) => `${size} crimp ninety`, (size) => `${size} crimp elbow 90°`],
  [(size) => `${size} pex crimp tee`, (size) => `${size} crimp tee`],
  [(size) => `${size} expansion coupling`, (size) => `${size} expansion coupling`],
  [(size) => `${size} push to connect cap`, (size) => `${size} push-fit cap`],
  [(size) => `${size} pinch clamp elbow`, (size) => `${size} clamp elbow 90°`],
  [(size) => `${size} C x MIP adapter`, (size) => `${size} C × M NPT adapter`],
  [(size) => `${size} sweat x fip adapter`, (size) => `${size} C × F NPT adapter`],
  [(size) => `${size} crimp x male adapter`, (size) => `${size} crimp × M NPT adapter`],
  [(size) => `${size} fit x c street 90`, (size) => `${size} FTG × C street elbow 90°`],
  [(size) => `sweat street ell ${size}`, (size) => `${size} FTG × C street elbow 90°`],
  [(size) => `${size} street 45 sweat`, (size) => `${size} FTG × C street elbow 45°`],
  [(size) => `${size} sweat ball valve`, (size) => `${size} solder valve`],
  [(size) => `${size} push slip coupling`, (size) => `${size} push-fit slip coupling`],
  [(size) => `${size} cpvc cap`, (size) => `${size} CPVC solvent cap`],
  [(size) => `${size} pvc glued 45`, (size) => `${size} PVC solvent elbow 45°`],
  [(size) => `${size} npt hex nipple`, (size) => `${size} M NPT × M NPT nipple`],
  [(size) => `${size} sweat union`, (size) => `${size} solder union`],
]
const metricForms: readonly Form[] = [
  [(size) => `${size} end feed elbow`, (size) => `${size} solder elbow 90°`],
  [(size) => `${size} compression tee`, (size) => `${size} compression tee`],
  [(size) => `${size} push-fit stop end`, (size) => `${size} push-fit cap`],
  [(size) => `${size} press 45`, (size) => `${size} press elbow 45°`],
  [(size) => `straight ${size} compression`, (size) => `${size} compression coupling`],
  [(size) => `${size} compression slip coupling`, (size) => `${size} compression slip coupling`],
  [(size) => `pushfit slip coupler ${size}`, (size) => `${size} push-fit slip coupling`],
  [(size) => `${size} capillary bend`, (size) => `${size} solder elbow 90°`],
  [(size) => `${size} compression stop cock`, (size) => `${size} compression valve`],
  [(size) => `${size} compression isolating valve`, (size) => `${size} compression valve`],
  [(size) => `${size} solder x 1/2 male iron adaptor`, (size) => `${size} C × 1/2 M BSP adapter`],
  [(size) => `${size} compression by half female adapter`, (size) => `${size} compression × 1/2 F BSP adapter`],
  [(size) => `${size} x 1/2 push fit tap connector`, (size) => `${size} push-fit × 1/2 F BSP swivel connector`],
  [(size) => `${size} solder x 1/2 wall plate elbow`, (size) => `${size} C × 1/2 F BSP drop-ear elbow`],
  [(size) => `street elbow solder ${size}`, (size) => `${size} FTG × C street elbow 90°`],
  [(size) => `${size} equal tee, push-fit`, (size) => `${size} push-fit tee`],
  [(size) => `${size} press union`, (size) => `${size} press union`],
  [
    (size) => `solder ${size} x 15 x 15 tee`,
    (size) => (size === '15' ? '15 solder tee' : `${size} × 15 × 15 solder tee`),
  ],
  [(size) => `${size} by 10 solder reducer`, (size) => `${size} × 10 solder reducer`],
  [(size) => `${size} compression end cap`, (size) => `${size} compression cap`],
  [(size) => `${size} compression coupling to the pipe`, (size) => `${size} compression coupling`],
]
/** Said whole: what is printed for it. */
const said: readonly (readonly [string, string])[] = [
  ['25 mdpe coupling', '25 PE compression coupling'],
  ['32 PE compression elbow', '32 PE compression elbow 90°'],
  ['25 poly x 3/4 male adapter', '25 PE compression × 3/4 M BSP adapter'],
  ['20 PE compression x 3/4 M adapter', '20 PE compression × 3/4 M BSP adapter'],
  ['16 multilayer press elbow', '16 multilayer press elbow 90°'],
  ['16 multilayer press x 1/2 female drop ear', '16 multilayer press × 1/2 F BSP drop-ear elbow'],
  ['1/2 crimp × M NPT adapter', '1/2 crimp × M NPT adapter'],
  ['1/2 crimp drop ear elbow', '1/2 crimp × F NPT drop-ear elbow'],
  ['old 3/4 x 22 solder converter', 'old 3/4 × 22 solder converter'],
  ['half by three eighths sweat angle stop', '1/2 C × 3/8 OD compression angle stop'],
  ['1/2 push-fit x 1/4 od compression angle stop', '1/2 push-fit × 1/4 OD compression angle stop'],
  ['1 inch bsp galvanised 45', '1 BSP thread × F BSP elbow 45°'],
  ['inch and a quarter sweat tee', '1-1/4 solder tee'],
  ['3/4 x 1/2 x 1/2 sweat tee', '3/4 × 1/2 × 1/2 solder tee'],
  ['3/4 by half sweat reducing tee', '3/4 × 1/2 solder tee'],
  ['3/4 x 1/2 sweat fitting reducer', '3/4 FTG × 1/2 C fitting reducer'],
  ['3/4 plug npt male', '3/4 M NPT plug'],
  ['1/2 crimp stub out', '1/2 crimp × FTG stub-out'],
]
const corpus: readonly (readonly [string, string])[] = [
  ...inches.flatMap(([as, size]) => inchForms.map(([form, printed]) => [form(as), printed(size)] as const)),
  ...metric.flatMap(([as, size]) => metricForms.map(([form, printed]) => [form(as), printed(size)] as const)),
  ...metric.flatMap(([as, size]) => inchForms.slice(0, 3).map(([form, printed]) => [form(as), printed(size)] as const)),
  ...inches.flatMap(([as, size]) =>
    (['solder', 'press', 'crimp', 'clamp', 'expansion', 'push-fit'] as const).flatMap((way) => [
      [`${way} ${as} elbow`, `${size} ${way} elbow 90°`] as const,
      [`${as} ${way} tee please`, `${size} ${way} tee`] as const,
    ]),
  ),
  ...said,
]

describe('names as they are spoken', () => {
  it('of three hundred none is wrong without a question, and 95 in a hundred come first', () => {
    const wrong: string[] = []
    const notFirst: string[] = []
    for (const [text, printed] of corpus) {
      const { certain, fittings } = asked(text)
      if (certain && counterName(certain) !== printed) wrong.push(`${text}: ${counterName(certain)}, not ${printed}`)
      if (!fittings[0] || counterName(fittings[0]) !== printed)
        notFirst.push(`${text}: ${fittings[0] ? counterName(fittings[0]) : 'none'}, not ${printed}`)
    }
    expect(corpus.length).toBeGreaterThanOrEqual(290)
    expect(wrong).toEqual([])
    expect(notFirst.length, notFirst.slice(0, 20).join('\n')).toBeLessThanOrEqual(0.05 * corpus.length)
  })

  it.each([
    ['1/2 pex to 1/2 copper coupling', 'What is it: coupling or adapter?'],
    ['3/4 by half copper tee', 'How is it joined: solder, press or push-fit?'],
    ['1 inch galvanised 45', 'Which of these?'],
    ['5/8 compression x 1/2 male', 'What is it: adapter or angle stop?'],
    ['1/2 x 3/8 angle stop', 'How is it joined'],
    ['3/4 pex x 3/4 f adapter', 'How is it joined'],
    ['half inch elbow', 'How is it joined'],
    ['15mm tap connector', 'How is it joined'],
    ['22 chromed elbow', '“chromed” is not understood'],
    ['15 barrier push-fit elbow', '“barrier” is not understood'],
    ['22 x 15 connector', 'How is it joined'],
  ])('%s: asks “%s”', (text, question) => {
    const { certain, questions, fittings } = asked(text)
    expect(certain).toBeNull()
    expect(questions.join(' ')).toContain(question)
    expect(fittings.length).toBeGreaterThan(0)
  })

  it.each([
    ['gas elbow 22', 'never for gas'],
    ['outdoor hose bibb 1/2', 'something that pipe leads to'],
    ['15 stiffener', 'part of a joint'],
    ['97 solder tee', 'no such fitting'],
    ['22 x 1/2 solder tee', 'no such fitting'],
  ])('%s: %s', (text, problem) =>
    expect(asked(text)).toMatchObject({ certain: null, fittings: [], problem: expect.stringContaining(problem) }),
  )
})
