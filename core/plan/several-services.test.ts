import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { sampleColours } from '../testing/sample-colours'
import { acrossPaper, runSheet } from '../draw/sheet'
import { setServiceFrom } from '../edit/runs/part'
import { flowPaths } from '../flow/path'
import type { Service } from '../job/place'
import { layOut } from '../run/layout'
import { said } from '../testing/said'
import { pipeId, sampleJob, type SampleRun } from '../testing/sample-run'
import { profiles } from '../workshop/profile'
import { planJob } from './plan-job'
import { systemsOf } from '../job/system'

const job = (more: Partial<SampleRun> = {}) =>
  sampleJob({
    pipe: pipeId('EN 1057', '22', 0.9),
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 4000, 'tee:t'],
      ['t', 'east', 3000, 'outlet:a'],
      ['t', 'up', 1000, 'outlet:b'],
    ],
    ...more,
  })
const services = (of: ReturnType<typeof job>) => of.legs.map(({ service }) => service)

describe('a run of several services', () => {
  it('another service goes to a leg and all that hangs on it, and back to the run’s own', () => {
    const long = job({
      legs: [
        ['open:s', 'east', 500, 'valve:v'],
        ['v', 'east', 500, 'elbow:c'],
        ['c', 'up', 400, 'outlet:e'],
      ],
    })
    const hot = setServiceFrom(long, 'r1', 'l2', 'hot')
    expect(services(hot)).toEqual([undefined, 'hot', 'hot'])
    expect(services(setServiceFrom(hot, 'r1', 'l3', 'cold'))).toEqual([undefined, 'hot', undefined])
    expect(setServiceFrom(long, 'none', 'l2', 'hot')).toBe(long)
  })

  it('each joint is judged for what flows in its own pipe', () => {
    const carbon = catalogue.pipes.find(({ material, od }) => material === 'carbon-steel' && od === 22)!.id
    const verdicts = (service: Service) => {
      const heating = job({ pipe: carbon, method: 'press-metal', service: 'heating-flow' })
      return planJob(setServiceFrom(heating, 'r1', 'l3', service), catalogue).joints.map(({ leg, verdict }) => [
        leg,
        verdict,
      ])
    }
    const refused = (service: Service) =>
      verdicts(service).flatMap(([leg, verdict]) => (verdict === 'refuse' ? [leg] : []))
    expect(refused('heating-return')).toEqual([])
    // Carbon steel rusts in drinking water.
    expect(refused('cold')).toEqual(['l3', 'l3'])
  })

  it('hot water is held to its own speed where cold is not', () => {
    const cautions = (of: ReturnType<typeof job>) =>
      flowPaths(catalogue, layOut(systemsOf(of)[0]!), 35, profiles.metric).map(({ outlet, caution }) => [
        outlet,
        caution && said(caution),
      ])
    expect(cautions(job())).toEqual([
      ['a', null],
      ['b', null],
    ])
    expect(cautions(setServiceFrom(job(), 'r1', 'l3', 'hot'))).toEqual([
      ['a', null],
      ['b', expect.stringContaining('where 1.5')],
    ])
  })

  it('each leg is drawn by its own line, and the sheet names them all', () => {
    const sheet = (of: ReturnType<typeof job>) =>
      runSheet(catalogue, systemsOf(of)[0]!, 'isometric', {
        title: 'Sink',
        length: String,
        colours: sampleColours,
        units: 'metric',
        size: acrossPaper('a4'),
        pieceOf: new Map(),
      })
    const dashes = (svg: string) =>
      new Set([...svg.matchAll(/stroke-width="0.9" stroke-dasharray="([^"]*)"/g)].map(([, dash]) => dash))
    // Cold is a whole line.
    expect(dashes(sheet(job())).size).toBe(0)
    const both = sheet(setServiceFrom(job(), 'r1', 'l3', 'hot'))
    expect(dashes(both).size).toBe(1)
    expect(both).toContain('isometric, cold and hot; not to scale, centre to centre, in mm')
  })

  it('drinking water that meets heating water is refused where they meet; hot beside cold, flow beside return are not', () => {
    const meeting = (service: Service, own: Service = 'cold') =>
      planJob(setServiceFrom(job({ service: own }), 'r1', 'l3', service), catalogue)
        .checks.filter(({ rule }) => rule === 'cross-connection')
        .map(({ verdict, node, ...message }) => [verdict, node, said(message)])
    expect(meeting('heating-return')).toEqual([
      ['refuse', 't', expect.stringMatching(/^cold and heating return meet here: only through a filling device/)],
    ])
    expect([meeting('hot'), meeting('recirculation', 'hot'), meeting('heating-return', 'heating-flow')]).toEqual([
      [],
      [],
      [],
    ])
  })
})
