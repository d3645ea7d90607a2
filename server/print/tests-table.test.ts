import Papa from 'papaparse'
import { expect, it } from 'vitest'
import { testsTable } from './tests-table'

const begun = {
  at: '2026-05-04T10:30:00Z',
  body: {
    ...{ profile: 'en806-a', design: 6, medium: 'water' },
    gauge: { name: 'bench gauge', division: 0.05, checkedOn: '2026-03-02' },
  },
}
const test = {
  ...{ id: 't1', begun, joints: '3 to 5', pumped: { litres: 0.1, from: 4, to: 6 } },
  ended: { body: { verdict: 'tight', witness: 'O. Fen' } },
  readings: [
    { seconds: 0, bar: 6.6 },
    { seconds: 120, bar: 6.58, celsius: 15, from: 'simulated' },
  ],
  touches: [{ seconds: 60, did: 'topped up' }],
}
const rowsOf = (tests: readonly object[]) =>
  Papa.parse<Record<string, string>>(testsTable({ tests, job: { zone: 'Europe/London' } } as never), { header: true })
    .data

it('has a row for every reading and every touch, in their order, by the place’s clock', () => {
  const rows = rowsOf([test])
  expect(rows.map((row) => [row.at, row.seconds, row.bar, row.celsius, row.from, row.touched])).toEqual([
    ['2026-05-04 11:30 +01:00', '0', '6.6', '', 'hand', ''],
    ['2026-05-04 11:31 +01:00', '60', '', '', '', 'topped up'],
    ['2026-05-04 11:32 +01:00', '120', '6.58', '15', 'simulated', ''],
  ])
  expect(rows[0]).toMatchObject({
    ...{ test: 't1', profile: 'Rigid pipe (EN 806-4 A)', 'design, bar': '6', joints: '3 to 5', gauge: 'bench gauge' },
    ...{ 'reads to, bar': '0.05', 'stroke, litres': '0.1', verdict: 'tight', witness: 'O. Fen' },
  })
})

it('counts from when the pressure was put on, where that is said', () => {
  const raised = { ...begun, body: { ...begun.body, raisedAt: '2026-05-04T09:00:00Z' } }
  const [first] = rowsOf([{ ...test, begun: raised, joints: null, ended: null, pumped: null }])
  expect(first).toMatchObject({ at: '2026-05-04 10:00 +01:00', joints: 'all', verdict: '', 'stroke, litres': '' })
})
