import fc from 'fast-check'
import cedar from '../../demo/cedar-kiln-studio.json'
import tarn from '../../demo/tarn-lane-bakehouse.json'

/** A call with a body that it takes. */
interface Call {
  readonly method: string
  readonly path: string
  readonly body: unknown
}

const copper = 'copper-half-hard-en-1057-r250-22x0.9'
const taken: readonly Call[] = [
  { method: 'POST', path: 'jobs', body: cedar },
  { method: 'PUT', path: 'jobs/none', body: { version: 1, job: tarn } },
  { method: 'POST', path: 'plan', body: tarn },
  {
    method: 'POST',
    path: 'identify',
    body: {
      observations: [
        { kind: 'diameter', mm: 22, instrument: 'caliper' },
        { kind: 'print', text: 'EN 1057' },
      ],
      region: 'britain',
      built: 1985,
    },
  },
  {
    method: 'POST',
    path: 'join',
    body: { a: copper, b: copper, service: 'cold', place: { wet: true }, conditionA: { scored: true } },
  },
  {
    method: 'POST',
    path: 'parts',
    body: { parts: [{ socket: 'solder:EN 1254-1:22', mm: 15.4, tolerance: 0.3, basis: 'measured', by: 'I. Marl' }] },
  },
  { method: 'PATCH', path: 'workshop', body: { changes: [{ path: ['methods', 'solder', 'minutes'], value: 8 }] } },
  {
    method: 'POST',
    path: 'rack',
    body: { for: 'the van', takes: [99_999], leaves: [{ pipe: copper, mm: 400 }] },
  },
  { method: 'POST', path: 'jobs/none/minutes', body: { took: [{ joint: 'r1/b/l2', minutes: 4 }] } },
  {
    method: 'POST',
    path: 'lists.pdf',
    body: {
      title: 'Tarn Lane Bakehouse',
      paper: 'a4',
      lists: [
        {
          title: 'What to bring',
          head: ['count', 'what'],
          rows: [
            [2, '15 solder elbow 90°'],
            [null, 'Flux'],
          ],
        },
      ],
    },
  },
  {
    method: 'POST',
    path: 'stock',
    body: { pieces: [{ id: 'a', length: 500 }], barLength: 3000, kerf: 1, offcuts: [{ id: 'o', length: 900 }] },
  },
  {
    method: 'POST',
    path: 'prove',
    body: {
      system: {
        segments: [{ pipe: copper, metres: 10 }],
        air: { litres: 0.01 },
        pumped: { litres: 1, from: 0, to: 6 },
      },
      test: { profile: 'en806-a', design: 6, medium: 'water', leastLeak: 0.1 },
      readings: [0, 10, 20, 30].map((seconds) => ({ seconds, bar: 6.6, celsius: 15 })),
    },
  },
]

const deep = (depth: number): unknown => JSON.parse('['.repeat(depth) + ']'.repeat(depth))
const oddities = fc.oneof(
  fc.jsonValue(),
  fc.constantFrom<unknown>(null, -1, 0, 1e308, -1e-308, 1e21, '', ' ', '\u0000', '🚰'.repeat(50), 'x'.repeat(5000)),
  fc.constantFrom<unknown>([], {}, [[]], { toString: 1 }, { length: -1 }, { then: {} }),
  fc.integer({ min: 1, max: 3000 }).map(deep),
  fc.double(),
  fc.string(),
)

type Tree = Record<string, unknown>
const isTree = (value: unknown): value is Tree => typeof value === 'object' && value !== null

/** A body with something else put in somewhere: a value changed, taken out, or added under another name. */
function spoil(body: unknown, steps: readonly number[], put: unknown, how: 'change' | 'remove' | 'add'): unknown {
  if (!isTree(body)) return put
  const keys = Object.keys(body)
  const [step, ...rest] = steps
  const copy: Tree | unknown[] = Array.isArray(body) ? [...(body as unknown[])] : { ...body }
  if (step === undefined || keys.length === 0) {
    if (how === 'add' && !Array.isArray(copy)) return { ...copy, [`x${keys.length}`]: put }
    return put
  }
  const key = keys[step % keys.length]!
  if (rest.length === 0 && how === 'remove' && !Array.isArray(copy)) Reflect.deleteProperty(copy, key)
  else (copy as Tree)[key] = spoil(body[key], rest, put, how)
  return copy
}

/** Any call with a body that it takes, spoilt in one to three places; or with any body at all. */
export const anyCall: fc.Arbitrary<Call> = fc
  .record({
    call: fc.constantFrom(...taken),
    spoils: fc.array(
      fc.record({
        steps: fc.array(fc.nat(40), { maxLength: 6 }),
        put: oddities,
        how: fc.constantFrom('change' as const, 'remove' as const, 'add' as const),
      }),
      { minLength: 0, maxLength: 3 },
    ),
  })
  .map(({ call, spoils }) => ({
    ...call,
    body: spoils.reduce<unknown>((body, { steps, put, how }) => spoil(body, steps, put, how), call.body),
  }))
