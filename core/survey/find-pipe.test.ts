import { describe, expect, it } from 'vitest'
import { shippedCatalogue } from '../catalogue/catalogue'
import type { Region } from '../job/observation'
import { findPipes } from './find-pipe'

const { pipes } = shippedCatalogue
const labels = (text: string, region?: Region, used?: string[]) =>
  findPipes(pipes, text, { region, used }).map(({ label }) => label)

describe('asking for a pipe', () => {
  it.each<[string, Region | undefined, RegExp]>([
    ['22mm', 'britain', /^22 × 0.9 copper half-hard/],
    ['22 copper', 'britain', /^22 × 0.9 copper half-hard/],
    ['22x1.2 copper', undefined, /^22 × 1.2 copper/],
    ['1/2 L', 'north-america', /^1\/2 copper hard · ASTM B88 L/],
    ['type M 3/4', 'north-america', /^3\/4 copper hard · ASTM B88 M/],
    ['half inch copper', 'north-america', /^1\/2 copper hard/],
    ['pex 1/2', 'north-america', /^1\/2 PEX/],
    ['pex-b 3/4', undefined, /^3\/4 PEX-B/],
    ['mdpe 25', 'britain', /^25 × [\d.]+ PE /],
    ['blue 25', 'britain', /^25 × [\d.]+ PE /],
    ['table x 22', 'britain', /^22 × 0.9 copper half-hard/],
    ['galv 1', 'britain', /^1 galvanised steel/],
    ['3/4" cts', 'north-america', /^3\/4 copper hard · ASTM B88 L/],
    ['soft 3/8', 'north-america', /^3\/8 copper soft/],
    ['pex-al-pex', 'north-america', /PEX-AL-PEX|multilayer/],
    ['1-1/4 copper', 'north-america', /^1-1\/4 copper/],
    ['1 1/4 copper', 'north-america', /^1-1\/4 copper/],
    ['inch and a quarter steel', undefined, /^1-1\/4 galvanised/],
    ['16 x 2', 'europe', /^16 × 2 multilayer/],
    ['cpvc 1/2', 'north-america', /^1\/2 CPVC/],
    ['three quarter old', 'britain', /^3\/4 old-bore copper/],
    ['lead', undefined, /lead/],
  ])('%s in %s', (text, region, first) => {
    expect(labels(text, region)[0]).toMatch(first)
  })

  it('every word holds for all that is found', () => {
    const all = (text: string) => findPipes(pipes, text)
    expect(new Set(all('cts 1/2').map(({ family }) => family))).toEqual(new Set(['cts']))
    expect(new Set(all('half-hard').map(({ temper }) => temper))).toEqual(new Set(['half-hard']))
    expect(new Set(all('half hard 22').map(({ temper }) => temper))).toEqual(new Set(['half-hard']))
    expect(new Set(all('soft copper').map(({ temper }) => temper))).toEqual(new Set(['soft']))
    expect(new Set(all('rigid copper').map(({ temper }) => temper))).toEqual(new Set(['hard', 'half-hard']))
    expect(new Set(all('grade k').map(({ grade }) => grade))).toEqual(new Set(['K']))
    expect(new Set(all('old').map(({ family }) => family))).toEqual(new Set(['old-bore']))
  })

  it('what is called so counts for metric copper alone, and never where millimetres are said', () => {
    const called = labels('half inch', 'britain').filter((label) => label.startsWith('15 × '))
    expect(called.length).toBeGreaterThan(0)
    expect(labels('half inch mm').filter((label) => label.startsWith('15 × '))).toEqual([])
    expect(labels('1', 'britain').some((label) => label.startsWith('28 × '))).toBe(true)
    expect(labels('1 mm', 'britain').filter((label) => label.startsWith('28 × '))).toEqual([])
    expect(labels('15', 'britain').every((label) => label.startsWith('15 ×'))).toBe(true)
  })

  it('half inch in Britain finds old bore, and what is called so after it', () => {
    const found = labels('half inch copper', 'britain')
    expect(found[0]).toContain('1/2 old-bore copper')
    expect(found.some((label) => label.startsWith('15 × 0.7'))).toBe(true)
    expect(labels('15mm', 'britain').some((label) => label.startsWith('1/2'))).toBe(false)
  })

  it('every word holds for all that is found, and what nobody makes is not', () => {
    expect(labels('22 pex-a').every((label) => label.startsWith('22 ') && label.includes('PEX-A'))).toBe(true)
    expect(labels('23 copper')).toEqual([])
    expect(labels('copper nonsense')).toEqual([])
  })

  it('what the job has comes first; asked for nothing, a list never begins with the rarest', () => {
    const multilayer = pipes.find(({ label }) => label.startsWith('16 × 2 multilayer'))!
    expect(findPipes(pipes, '', { region: 'north-america', used: [multilayer.id] })[0]).toBe(multilayer)
    expect(labels('', 'britain')[0]).toMatch(/^(15|22) × /)
    expect(labels('', 'north-america')[0]).toMatch(/^(1\/2|3\/4) copper hard · ASTM B88 L/)
    expect(labels('')).toHaveLength(pipes.length)
  })
})
