import { isPlastic } from '../materials'
import type { MaterialId } from '../materials/ids'
import type { Pipe } from '../catalogue/pipe'
import type { Region } from '../job/observation'
import { askedWeight } from './prior'

/** Where the question is asked: what is in hand already comes first. */
export interface PipeWish {
  /** Ids of pipes that this job has already. */
  readonly used?: readonly string[]
  readonly region?: Region
}

/** What a word says of a pipe. */
type Test = (pipe: Pipe) => boolean

const of =
  (...materials: readonly MaterialId[]): Test =>
  ({ material }) =>
    materials.includes(material)
const pexes = of('pex-a', 'pex-b', 'pex-c')

/** Words that people say for a material, a family or a temper; the longest that fits is read first. */
const words: readonly (readonly [RegExp, Test])[] = [
  [/\bpex[ -/]*al(?:u|uminium|uminum)?[ -/]*pex\b/, of('multilayer')],
  [/\b(?:multi-?layer|mlcp?|alu-?pex|composite)\b/, of('multilayer')],
  [/\bpe-?x?-?a\b|\bpex-?a\b/, of('pex-a')],
  [/\bpex-?b\b/, of('pex-b')],
  [/\bpex-?c\b/, of('pex-c')],
  [/\bpe-?x\b/, pexes],
  [/\b(?:galv(?:ani[sz]ed)?(?: steel| iron)?|iron|gi)\b/, of('galvanised-steel')],
  [/\b(?:stainless|inox)(?: steel)?\b/, of('stainless-steel')],
  [/\bcarbon(?: steel)?\b/, of('carbon-steel')],
  [/\bsteel\b/, of('galvanised-steel', 'stainless-steel', 'carbon-steel')],
  [/\b(?:c-?pvc)\b/, of('cpvc')],
  [/\b(?:u?pvc(?:-u)?)\b/, of('pvc-u')],
  [/\b(?:pp-?r)\b/, of('pp-r')],
  [/\bpe-?rt\b/, of('pe-rt')],
  [/\babs\b/, of('abs')],
  [/\b(?:polybut(?:yl|ylene|ene)?|pb)\b/, of('pb')],
  [/\b(?:[mhl]dpe|poly(?:ethylene)?|pe)\b/, of('pe')],
  // What comes out of the ground is blue, and is asked for by that.
  [/\bblue\b/, of('pe')],
  [/\btable[ -]?x\b/, ({ grade }) => grade === 'R250'],
  [/\bplastic\b/, ({ material }) => isPlastic(material)],
  [/\b(?:copper|cu)\b/, of('copper')],
  [/\blead\b/, of('lead')],
  [/\bcts\b/, ({ family }) => family === 'cts'],
  [/\b(?:old|imperial)(?:[ -]bore)?\b/, ({ family }) => family === 'old-bore'],
  [/\b(?:type |grade )?([klm])\b(?!m)/, () => true],
  [/\bhalf[ -]hard\b/, ({ temper }) => temper === 'half-hard'],
  [/\b(?:soft|annealed|coil)\b/, ({ temper }) => temper === 'soft'],
  [/\b(?:hard|rigid|drawn)\b/, ({ temper }) => temper === 'hard' || temper === 'half-hard'],
]

const spoken: readonly (readonly [RegExp, string])[] = [
  [/\binch and (?:a |one )?half\b/g, '1-1/2 in'],
  [/\binch and (?:a |one )?quarter\b/g, '1-1/4 in'],
  [/\bthree[ -]quarters?(?: inch)?\b/g, '3/4 in'],
  [/\bthree[ -]eighths?(?: inch)?\b/g, '3/8 in'],
  [/\bquarter(?: inch)?\b/g, '1/4 in'],
  [/\bhalf(?![ -]hard)(?: (?:an )?inch)?\b/g, '1/2 in'],
  [/\bone inch\b/g, '1 in'],
  [/\btwo inch\b/g, '2 in'],
]

/** 15, 22 and 28 took the place of half inch, three quarters and one inch, and are still called so. */
const calledInch: Readonly<Record<string, string>> = { '15': '1/2', '22': '3/4', '28': '1' }

/** Words that say nothing of a pipe. */
const silent = new Set(['', 'x', 'by', 'pipe', 'tube', 'a', 'an', 'of'])

interface Said {
  /** Nominal sizes, as the catalogue writes them. */
  readonly sizes: readonly string[]
  /** The unit was said: a bare 1 may be an inch, a bare 22 is millimetres. */
  readonly isMetric: boolean
  readonly tests: readonly Test[]
  /** What means nothing here: it must stand in the label. */
  readonly rest: readonly string[]
}

function read(text: string): Said {
  let left = ` ${text.toLowerCase().replaceAll('″', '"').replaceAll('”', '"')} `
  for (const [said, written] of spoken) left = left.replace(said, written)
  const tests: Test[] = []
  for (const [word, test] of words) {
    const found = word.exec(left)
    if (!found) continue
    const grade = found[1]?.toUpperCase()
    tests.push(grade ? (pipe) => pipe.grade === grade : test)
    left = left.replace(word, ' ')
  }
  const isMetric = /\d\s*mm\b/.test(left)
  const sizes: string[] = []
  left = left.replace(
    /(\d+[ -])?(\d+\/\d+|\d+(?:\.\d+)?)\s*(?:mm\b|inch\b|in\b|")?/g,
    (_, whole: string, size: string) => {
      sizes.push(whole ? `${whole.trim().replace('-', '')}-${size}` : size)
      return ' '
    },
  )
  return { sizes, isMetric, tests, rest: left.split(/[^a-z0-9.]+/).filter((word) => !silent.has(word)) }
}

/** How well a size that was said is this pipe's: 2 its own, 1 what it is called, 0 not. */
function sizeFit({ sizes, isMetric }: Said, { nominal, wall, family }: Pipe): 0 | 1 | 2 {
  const [size, second] = sizes
  if (size === undefined) return 2
  if (second !== undefined && Math.abs(Number(second) - wall) > 0.05) return 0
  if (size === nominal) return isMetric && family !== 'metric' ? 0 : 2
  return !isMetric && family === 'metric' && calledInch[nominal] === size ? 1 : 0
}

/**
 * Pipes by what people say: `22mm`, `22 copper`, `1/2 L`, `half inch copper`, `mdpe 25`, `galv 1`, `3/4" cts`, `16 x 2`.
 * Every word must hold. In the job already first, then whose size was said over what is only called so, then by how
 * common each is in the region.
 *
 * @param text what is asked; empty asks for all
 * @example findPipes(catalogue.pipes, '22 copper', { region: 'britain' })[0] // { nominal: '22', wall: 0.9, temper: 'half-hard' }
 */
export function findPipes(pipes: readonly Pipe[], text: string, { used = [], region }: PipeWish = {}): Pipe[] {
  const said = read(text)
  const inHand = new Set(used)
  return pipes
    .flatMap((pipe) => {
      const fit = sizeFit(said, pipe)
      const holds =
        fit > 0 &&
        said.tests.every((test) => test(pipe)) &&
        said.rest.every((word) => pipe.label.toLowerCase().includes(word))
      return holds ? [{ pipe, fit, inHand: inHand.has(pipe.id), weight: askedWeight(pipe, region) }] : []
    })
    .sort((a, b) => Number(b.inHand) - Number(a.inHand) || b.fit - a.fit || b.weight - a.weight)
    .map(({ pipe }) => pipe)
}
