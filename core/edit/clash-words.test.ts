import { describe, expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../catalogue/catalogue'
import { clashWords } from './clash-words'
import { setLeg, setKind, setNode, setRun } from './edit-run'
import type { Job } from '../job/job'
import { mergeJobs } from './merge'
import { pipeId, sampleJob, withCopy } from '../testing/sample-run'
import { speakerIn } from '../speech'
import { byName, chained } from '../testing/sample-choice'

const [copper22, copper28] = [pipeId('EN 1057', '22', 0.9), pipeId('EN 1057', '28', 0.9)]
const base: Job = {
  ...sampleJob({
    pipe: copper22,
    method: 'solder',
    legs: [
      ['tie-in:s', 'east', 1000, 'elbow:a'],
      ['elbow:a', 'north', 500, 'elbow:b'],
      ['elbow:b', 'up', 700, 'outlet:e'],
    ],
  }),
  surveys: [{ id: 's1', name: 'By the stairs', observations: [] }],
}
const words = (mine: Job, theirs: Job, units: 'metric' | 'imperial' = 'metric') =>
  mergeJobs(base, mine, theirs)
    .clashes.map((clash) => clashWords(catalogue, speakerIn(units), [mine, theirs], clash))
    .map(({ place, mine: here, theirs: there }) => [place, here, there].map((text) => text.replaceAll('\u2009', ' ')))
const without = (job: Job, leg: string): Job => ({
  ...job,
  legs: job.legs.filter(({ id }) => id !== leg),
})

describe('a clash in words', () => {
  it.each<[string, Job, Job, string[]]>([
    [
      'a length',
      setLeg(base, 'r1', 'l2', { length: 1200 }),
      setLeg(base, 'r1', 'l2', { length: 1300.5 }),
      ['Run, leg 2: length', '1 200 mm', '1 300.5 mm'],
    ],
    [
      'a fitting',
      setKind(base, 'r1', 'b', { kind: 'tee' }),
      setKind(base, 'r1', 'b', { kind: 'bend' }),
      ['Run, tee: what stands there', 'tee', 'bend'],
    ],
    [
      'a chosen fitting',
      setNode(base, 'r1', 'b', { fitting: byName('22 solder × 22 solder elbow 90') }),
      setNode(base, 'r1', 'b', { fitting: chained(['one', 'other'], ['solder', 'crimp']) }),
      ['Run, elbow 2: fitting', '22 solder × 22 solder elbow 90', 'one and other'],
    ],
    [
      'a pipe',
      setRun(base, 'r1', { pipe: copper28 }),
      setRun(base, 'r1', { pipe: pipeId('EN 1057', '15', 0.7) }),
      ['Run: pipe', catalogue.pipe(copper28)!.label, catalogue.pipe(pipeId('EN 1057', '15', 0.7))!.label],
    ],
    [
      'a method',
      setRun(base, 'r1', { method: 'crimp' }),
      setRun(base, 'r1', { method: 'push-fit' }),
      ['Run: method', 'Crimp ring', 'Push-fit'],
    ],
    [
      'a direction',
      setLeg(base, 'r1', 'l2', { direction: 'south' }),
      setLeg(base, 'r1', 'l2', { direction: { bearing: 45, pitch: 2 } }),
      ['Run, leg 2: direction', 'south', '45° from north, 2° up'],
    ],
    [
      'a leg taken away',
      without(base, 'l3'),
      setLeg(base, 'r1', 'l3', { length: 650 }),
      ['Run, leg 3', 'not there', '650 mm up'],
    ],
    [
      'a fixed place',
      setNode(base, 'r1', 'e', { at: [1000, 0, 50] }),
      setNode(base, 'r1', 'e', { at: [1000, 0, 70] }),
      ['Run, outlet: fixed point', '1 000 mm, 0 mm, 50 mm', '1 000 mm, 0 mm, 70 mm'],
    ],
    [
      'a list, by how many stand in it',
      { ...base, tools: [{ method: 'crimp' }] },
      { ...base, tools: [] },
      ['tools', '1 entry', '0 entries'],
    ],
    [
      'a yes and a no',
      setRun(base, 'r1', { place: { leadFree: true } }),
      setRun(base, 'r1', { place: { leadFree: false } }),
      ['Run: place, lead free', 'yes', 'no'],
    ],
    [
      'a whole fitting by its kind, a whole run by its name',
      { ...base, nodes: base.nodes.filter(({ id }) => id !== 'e') },
      setNode(base, 'r1', 'e', { name: 'basin' }),
      ['Run, basin', 'not there', 'outlet'],
    ],
    [
      'a whole survey by its name',
      { ...base, surveys: [] },
      { ...base, surveys: [{ ...base.surveys[0]!, built: 1990 }] },
      ['By the stairs', 'not there', 'By the stairs'],
    ],
    ['an empty text', { ...base, note: '' }, { ...base, note: 'mind the cat' }, ['note', 'nothing', 'mind the cat']],
    ['the title', { ...base, title: 'A' }, { ...base, title: 'B' }, ['title', 'A', 'B']],
    [
      'a survey',
      { ...base, surveys: [{ ...base.surveys[0]!, built: 1950 }] },
      { ...base, surveys: [{ ...base.surveys[0]!, built: 1990 }] },
      ['By the stairs: year built', '1950', '1990'],
    ],
    [
      'a measured figure',
      setNode(base, 'r1', 'a', { measured: { takeOff: 12, tolerance: 0.5 } }),
      setNode(base, 'r1', 'a', { measured: { takeOff: 14, tolerance: 0.5 } }),
      ['Run, elbow 1: measured, take-off', '12 mm', '14 mm'],
    ],
  ])('%s', (_, mine, theirs, told) => {
    expect(words(mine, theirs)).toEqual([told])
  })

  it('what only one version has is named by it, and each run by its own name', () => {
    const two = withCopy(base, 'r2', { name: 'Return', pipe: copper28 })
    const place = (jobs: readonly [Job, Job], ...path: string[]) =>
      clashWords(catalogue, speakerIn('metric'), jobs, { path, mine: 'a', theirs: 'b' }).place
    expect(place([two, two], 'runs', 'r2', 'name')).toBe('Return: name')
    // The run, or a leg or fitting of it, is in the other version alone.
    expect(place([base, two], 'runs', 'r2', 'service')).toMatch(/^Return: /)
    expect(place([without(base, 'l3'), base], 'legs', 'l3', 'length')).toBe('Run, leg 3: length')
    expect(place([base, two], 'nodes', 'r2·a', 'kind')).toBe('Return, elbow 1: what stands there')
    expect(place([base, base], 'legs', 'l9', 'length')).toBe('a run: length')
    expect(place([base, base], 'nodes', 'n9', 'kind')).toBe('a run: what stands there')
    expect(place([base, base], 'runs', 'r9', 'service')).toMatch(/^a run: /)
    const loft = { ...base, surveys: [...base.surveys, { id: 's2', name: 'In the loft', observations: [] }] }
    expect(place([base, loft], 'surveys', 's2', 'built')).toBe('In the loft: year built')
    expect(place([loft, loft], 'surveys', 's1', 'built')).toBe('By the stairs: year built')
    expect(place([base, base], 'surveys', 's9', 'built')).toBe('a survey: year built')
    expect(place([base, base], 'stock', 'kerf')).toMatch(/^stock/)
  })

  it('what is whole and has neither length, kind nor name is as it was set; a length alone is no leg', () => {
    const told = (mine: unknown, theirs: unknown) => {
      const clash = { path: ['runs', 'r1', 'place'], mine, theirs }
      const words = clashWords(catalogue, speakerIn('metric'), [base, base], clash)
      return [words.mine, words.theirs]
    }
    expect(told(undefined, { wet: true })).toEqual(['not there', 'as it was set'])
    expect(told({ length: 5 }, { direction: 'east', name: 'Flow' })).toEqual(['as it was set', 'Flow'])
    expect(told({ kind: 'slip-coupling' }, { name: 7 })).toEqual(['slip coupling', 'as it was set'])
  })

  it('is in the reader’s units', () => {
    const [[, here]] = words(
      setLeg(base, 'r1', 'l2', { length: 254 }),
      setLeg(base, 'r1', 'l2', { length: 508 }),
      'imperial',
    ) as [string[]]
    expect(here).toBe('10″')
  })
})
