import { describe, expect, it } from 'vitest'
import cedar from '../demo/cedar-kiln-studio.json'
import tarn from '../demo/tarn-lane-bakehouse.json'
import { shippedCatalogue as catalogue } from './catalogue/catalogue'
import { flowPaths } from './flow/path'
import { shippedCosts } from './workshop/costs'
import type { Job } from './job/job'
import { profileWith } from './workshop/profile'
import { readJob } from './job/read-job'
import { assemblyOrder } from './assembly/order'
import { planJob } from './plan/plan-job'
import { assemblyQuestion } from './assembly/assembly-question'
import { placeTexts } from './draw/place-texts'
import { drawRun } from './draw/drawing'
import { layOut } from './run/layout'
import { levelsOf } from './run/levels'
import { namesOf, systemName } from './run/names'
import { acrossPaper, runSheet } from './draw/sheet'
import { sampleColours } from './testing/sample-colours'
import { speakerIn } from './speech'
import { systemsOf } from './job/system'

/*
 * Everything that follows from the demo jobs, line by line, as it was gone through once by hand: any figure that changes
 * shows. After a change on purpose, read the difference, then `vitest -u`.
 */

function demo(file: unknown): Job {
  const read = readJob(file, catalogue)
  if (!read.ok) throw new Error(JSON.stringify(read.fields))
  return read.job
}
const tenths = (value: unknown): unknown => {
  if (typeof value === 'number') return Math.round(value * 10) / 10
  if (Array.isArray(value)) return value.map(tenths)
  if (value === null || typeof value !== 'object') return value
  return Object.fromEntries(Object.entries(value).map(([key, of]) => [key, tenths(of)]))
}
const line = (value: unknown): string => JSON.stringify(tenths(value)).replaceAll('"', '')
const lines = (values: readonly unknown[]): string[] => values.map(line)

describe.each([
  ['the bakehouse', tarn],
  ['the studio', cedar],
])('%s', (_, file) => {
  // Worked out anew in each test, so that a tool that changes the code sees which tests its change concerns.
  const given = () => {
    const job = demo(file)
    return { job, plan: planJob(job, catalogue), layouts: systemsOf(job).map(layOut), say: speakerIn(job.units) }
  }

  it('pieces', () => expect(lines(given().plan.pieces)).toMatchSnapshot())
  it('joints', () => {
    expect(
      lines(
        given().plan.joints.map(({ reasons, ...joint }) => ({
          ...joint,
          says: reasons.map(({ rule, message }) => `${rule} ${message}`),
        })),
      ),
    ).toMatchSnapshot()
  })
  it('what to bring', () => {
    const { plan } = given()
    expect(lines([...plan.fittings, ...plan.sundries, ...plan.clipCounts])).toMatchSnapshot()
  })
  it('clips', () => expect(lines(given().plan.supports)).toMatchSnapshot())
  it('stock', () => expect(lines(given().plan.stock)).toMatchSnapshot())
  it('checks, in words', () => {
    const { plan, say } = given()
    expect(plan.checks.map((check) => `${check.verdict} at ${check.where}: ${say.tell(check)}`)).toMatchSnapshot()
  })
  it('levels', () => expect(given().layouts.map((layout) => lines(Object.entries(levelsOf(layout))))).toMatchSnapshot())
  it('flow at 12 litres a minute', () => {
    const { job, layouts } = given()
    const profile = profileWith(job.profile, job.own?.changes)
    expect(layouts.map((layout) => lines(flowPaths(catalogue, layout, 12, profile)))).toMatchSnapshot()
  })
  it('names', () => {
    const { job } = given()
    const names = namesOf(job)
    const of = systemsOf(job).map(({ id, nodes, legs }) => [
      names.get(id)!.run,
      ...nodes.map((node) => names.get(id)!.node(node.id)),
      ...legs.map((leg) => names.get(id)!.leg(leg.id)),
    ])
    expect(of).toMatchSnapshot()
  })
  it('the plan of work', () => {
    const { job, plan } = given()
    const order = assemblyOrder(assemblyQuestion(catalogue, job, plan, { costs: shippedCosts, celsius: 20 }))
    expect(line(order)).toMatchSnapshot()
  })
  it('dimensions where there is little room', () => {
    const placed = given().layouts.map((layout) => {
      const drawing = drawRun(layout)
      return [60, 120, 180].map((letter) => [
        ...placeTexts(drawing, letter).dimensions.map(({ leg, at }) => line([leg, at])),
        ...[...placeTexts(drawing, letter).heights].map(line),
      ])
    })
    expect(placed).toMatchSnapshot()
  })

  it('drawings', () => {
    const { job, say } = given()
    const sheets = systemsOf(job).map((system) =>
      runSheet(catalogue, system, 'isometric', {
        title: systemName(job, system),
        colours: sampleColours,
        units: job.units,
        size: acrossPaper('a4'),
        length: (mm) => (mm === null ? '' : say.length(mm)),
        pieceOf: new Map(),
      }),
    )
    expect(sheets.map((svg) => svg.replace(/\d+\.\d+/g, (number) => String(tenths(Number(number)))))).toMatchSnapshot()
  })
})
