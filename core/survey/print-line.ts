import type { MaterialId } from '../materials/ids'
import type { Pipe } from '../catalogue/pipe'

/** What a print line says, as far as it can be read; what it does not say is left out. */
export interface PrintLine {
  materials?: readonly MaterialId[]
  standard?: string
  nominal?: string
  wall?: number
  /** The size stands at the very beginning: digits before it may be worn off. */
  nominalCut?: true
  /** The wall stands at the very end: decimals after it may be worn off. */
  wallCut?: true
  grade?: RegExp
  /** Marked as having a layer that keeps oxygen out. */
  barrier?: true
  /** Marked for drinking water. */
  potable?: true
  /** What was understood, in words, in the order of reading. */
  readonly understood: string[]
}

const pexAll: readonly MaterialId[] = ['pex-a', 'pex-b', 'pex-c']
const materialWords: readonly (readonly [RegExp, readonly MaterialId[], string])[] = [
  [/PE-?(?:X-?[ABC]?|RT)?\s*[/-]\s*AL\s*[/-]\s*PE|MULTI-?LAYER/, ['multilayer'], 'multilayer'],
  [/(?:\bP|^)E-?X-?A\b/, ['pex-a'], 'PEX-A'],
  [/(?:\bP|^)E-?X-?B\b/, ['pex-b'], 'PEX-B'],
  [/(?:\bP|^)E-?X-?C\b/, ['pex-c'], 'PEX-C'],
  [/(?:\bP|^)E-?X(?:-|\b)/, pexAll, 'PEX'],
  [/CPVC|PVC-?C\b/, ['cpvc'], 'CPVC'],
  // At the very beginning the C of CPVC may be worn off.
  [/^PVC(?!-?U)/, ['pvc-u', 'cpvc'], 'PVC or CPVC'],
  [/PVC/, ['pvc-u'], 'PVC'],
  [/PP-?R/, ['pp-r'], 'PP-R'],
  [/POLYBUTYLENE|\bPB(?:\d{4})?\b/, ['pb'], 'polybutylene'],
  [/\bPE-?RT\b/, ['pe-rt'], 'PE-RT'],
  [/\bABS\b/, ['abs'], 'ABS'],
  [/PE\s?(80|100)|\bMDPE\b|\bHDPE\b/, ['pe'], 'PE'],
  [/COPPER|\bCU\b/, ['copper'], 'copper'],
  [/STAINLESS|1\.4401|\b316\b/, ['stainless-steel'], 'stainless steel'],
]

/** A standard's number with the letter before it, however they are put together. */
const numbered = (letter: string, number: string): RegExp => new RegExp(`${letter}[\\s-]?${number}(?!\\d)`)
/** A number that stands alone, or right behind the letters of who published it. */
const alone = (number: string): RegExp => new RegExp(`(?<!\\d)${number}(?!\\d)`)

const standardWords: readonly (readonly [RegExp, string])[] = [
  [numbered('B', '88'), 'ASTM B88'],
  [numbered('F', '87[67]'), 'ASTM F876'],
  [numbered('F', '1281'), 'ASTM F1281'],
  [numbered('D', '2846'), 'ASTM D2846'],
  [numbered('D', '1785'), 'ASTM D1785'],
  [numbered('D', '3309'), 'old grey CTS'],
  [/\bPB2110\b/, 'old grey CTS'],
  [numbered('A', '53'), 'ASTM A53'],
  [alone('1057'), 'EN 1057'],
  // Its metric successor holds the same sizes.
  [alone('2871'), 'EN 1057'],
  [alone('659'), 'BS 659'],
  [alone('7291'), 'BS 7291'],
  [alone('15875'), 'EN ISO 15875'],
  [alone('21003'), 'EN ISO 21003'],
  [alone('12201'), 'EN 12201'],
  [alone('22391'), 'ISO 22391'],
  [alone('15876'), 'ISO 15876'],
  [alone('1972'), 'BS 1972'],
  [alone('1452'), 'EN ISO 1452'],
  [numbered('D', '2737'), 'ASTM D2737'],
  [numbered('D', '2239'), 'ASTM D2239'],
  [numbered('F', '441'), 'ASTM F441'],
  [alone('15874'), 'EN ISO 15874'],
  [alone('10312'), 'EN 10312'],
  [alone('10305'), 'EN 10305-3'],
  [alone('10255'), 'EN 10255'],
]

/** What British copper of 1971 to 1996 is called now: table X half-hard, Y for the ground, Z hard and thin. */
const tables: Readonly<Record<string, string>> = { X: 'R250', Y: 'R250|R220', Z: 'R290' }

const gradeWords: readonly (readonly [RegExp, (found: RegExpExecArray) => RegExp])[] = [
  [/\b(?:TYPE|GRADE)[\s-]*([KLM])\b/, (found) => new RegExp(`^${found[1]}$`)],
  [/\bSDR[\s-]*(\d+(?:\.\d)?)/, (found) => new RegExp(`SDR${found[1]}(?!\\d)`)],
  [/\bSCH(?:EDULE)?[\s.-]*(40|80)\b/, (found) => new RegExp(`Schedule ${found[1]}`)],
  [/\bTABLE[\s-]*([XYZ])\b/, (found) => new RegExp(tables[found[1]!]!)],
  [/\bR\s?(220|250|290)\b/, (found) => new RegExp(`R${found[1]}`)],
]

const barrierMark = /\bEVOH\b|OXYGEN|\bBARRIER\b|\bO2\b|\b4726\b/
const potableMark = /\bPOTABLE\b|\bDRINKING\b|NSF.?(?:PW|61)\b|\bTW\b/
/** Words of which a worn print may leave the beginning or the end. */
const longWords: readonly (readonly [string, readonly MaterialId[], string])[] = [
  ['COPPER', ['copper'], 'copper'],
  ['STAINLESS', ['stainless-steel'], 'stainless steel'],
  ['POLYBUTYLENE', ['pb'], 'polybutylene'],
  ['MULTILAYER', ['multilayer'], 'multilayer'],
]
const leastFragment = 4

const metricSize = /(?<![\d./])(\d{1,2}(?:\.\d)?)\s?(?:MM)?\s?[X×]\s?(\d{1,2}(?:[.,]\d{1,2})?)?/
const inchSize = /(?:^|[\s,])(\d-\d\/\d|\d \d\/\d|\d\/\d|[12](?=\s?(?:"|IN\b|INCH)))/
const plainMetric = /(?<![\d./])(\d{1,2})\s?MM\b/
/** No pipe has a thinner wall, in mm: what reads less was not read to its end. */
const thinnest = 0.4

/** A metric size with its wall; what stands at the very beginning or end may have been cut off. */
function readMetric(text: string, line: PrintLine, found: RegExpExecArray): void {
  line.nominal = String(Number(found[1]))
  if (found.index === 0) line.nominalCut = true
  const wall = Number((found[2] ?? '0').replace(',', '.'))
  if (wall >= thinnest) {
    line.wall = wall
    if (found.index + found[0].length === text.length && !/[.,]/.test(found[2]!)) line.wallCut = true
  }
  line.understood.push(line.wall === undefined ? `size ${line.nominal}` : `${line.nominal} × ${line.wall}`)
}

function readSize(text: string, line: PrintLine): void {
  const metric = metricSize.exec(text)
  const inches = inchSize.exec(text)
  const plain = plainMetric.exec(text)
  if (metric) readMetric(text, line, metric)
  else if (inches) {
    line.nominal = inches[1]!.replace(' ', '-')
    line.understood.push(`${line.nominal} inch`)
  } else if (plain) {
    line.nominal = plain[1]!
    if (plain.index === 0) line.nominalCut = true
    line.understood.push(`size ${line.nominal}`)
  }
}

/** A material of which only the beginning or the end of its word is left. */
function wornMaterial(upper: string): (typeof longWords)[number] | undefined {
  const fragments = (upper.match(/[A-Z]+/g) ?? []).filter(({ length }) => length >= leastFragment)
  return longWords.find(([word]) =>
    fragments.some(
      (fragment) => word.length > fragment.length && (word.startsWith(fragment) || word.endsWith(fragment)),
    ),
  )
}

function readMarks(upper: string, line: PrintLine): void {
  if (barrierMark.test(upper)) {
    line.barrier = true
    line.understood.push('oxygen barrier')
  }
  if (potableMark.test(upper)) {
    line.potable = true
    line.understood.push('for drinking water')
  }
}

/**
 * Reads the words and numbers printed on a pipe, in both unit systems, whole or in part.
 *
 * @example parsePrintLine('3/4 COPPER TYPE L ASTM B88').understood // ['copper', 'ASTM B88', 'type L', '3/4 inch']
 */
export function parsePrintLine(text: string): PrintLine {
  const upper = text.trim().toUpperCase()
  const line: PrintLine = { understood: [] }
  const material = materialWords.find(([form]) => form.test(upper)) ?? wornMaterial(upper)
  if (material) {
    line.materials = material[1]
    line.understood.push(material[2])
  }
  const standard = standardWords.find(([form]) => form.test(upper))
  if (standard) {
    line.standard = standard[1]
    line.understood.push(standard[1])
  }
  for (const [form, toGrade] of gradeWords) {
    const found = form.exec(upper)
    if (!found) continue
    line.grade = toGrade(found)
    line.understood.push(found[0].toLowerCase().replace(/[klm]$/, (letter) => letter.toUpperCase()))
    break
  }
  readSize(upper, line)
  readMarks(upper, line)
  return line
}

const agree = 0.96
const disagree = 0.004
/** What a worn print may have been: likelier than a mismatch, less likely than what is there to be read. */
const perhaps = 0.3

function nominalMatch({ nominal, nominalCut }: PrintLine, pipe: Pipe): number {
  if (nominal === pipe.nominal) return agree
  return nominalCut && pipe.nominal.endsWith(nominal!) ? perhaps : disagree
}

function wallMatch({ wall, wallCut }: PrintLine, pipe: Pipe): number {
  if (Math.abs(wall! - pipe.wall) <= 0.11) return agree
  return wallCut && Math.floor(pipe.wall) === wall ? perhaps : disagree
}

/** How likely a pipe is to carry this print: each thing read and matched counts for it, each mismatch against it. */
export function printLikelihood(line: PrintLine, pipe: Pipe): number {
  const isMatch = (match: boolean) => (match ? agree : disagree)
  return [
    ...(line.materials ? [isMatch(line.materials.includes(pipe.material))] : []),
    ...(line.standard ? [isMatch(line.standard === pipe.standard)] : []),
    ...(line.nominal ? [nominalMatch(line, pipe)] : []),
    ...(line.wall !== undefined ? [wallMatch(line, pipe)] : []),
    ...(line.grade ? [isMatch(line.grade.test(pipe.grade))] : []),
  ].reduce((product, match) => product * match, 1)
}
