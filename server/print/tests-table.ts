import Papa from 'papaparse'
import { formatMoment } from '~~/core/record/format-moment'
import { secondsAt, timeAt } from '~~/core/log/time-key'
import { testProfileOf } from '~~/core/prove/profiles'
import type { SpokenRecord } from '../http/spoken'

type Test = SpokenRecord['tests'][number]

/** What is the same in every row of a test. */
function testColumns({ id, begun, ended, joints, pumped }: Test) {
  const { body } = begun
  return {
    test: id,
    profile: testProfileOf(body).meta.name,
    'design, bar': body.design,
    medium: body.medium,
    joints: joints ?? 'all',
    gauge: body.gauge?.name ?? '',
    'reads to, bar': body.gauge?.division ?? '',
    'checked on': body.gauge?.checkedOn ?? '',
    'stroke, litres': pumped?.litres ?? '',
    'stroke from, bar': pumped?.from ?? '',
    'stroke to, bar': pumped?.to ?? '',
    verdict: ended?.body.verdict ?? '',
    witness: ended?.body.witness ?? '',
  }
}

/** What happened to the gauge of a test, in its order: what it showed, and when somebody touched the pressure. */
function rowsOf(test: Test, zone: string | undefined) {
  const { begun, readings, touches } = test
  const began = secondsAt(begun.body.raisedAt ?? begun.at)
  const same = testColumns(test)
  const shown = [
    ...readings.map(({ seconds, bar, celsius = '', from = 'hand' }) => ({ seconds, bar, celsius, from, touched: '' })),
    ...touches.map(({ seconds, did }) => ({ seconds, bar: '', celsius: '', from: '', touched: did })),
  ]
  return shown
    .sort((a, b) => a.seconds - b.seconds)
    .map((row) => ({ ...same, at: formatMoment(timeAt(began + row.seconds), zone), ...row }))
}

/** The readings of a record's tests as CSV, each with the gauge that it was read from and where it comes from. */
export const testsTable = ({ tests, job }: SpokenRecord): string =>
  Papa.unparse(
    tests.flatMap((test) => rowsOf(test, job.zone)),
    { escapeFormulae: true },
  )
