import type { Material } from '../catalogue/material'
import type { Pipe } from '../catalogue/pipe'

/** What a print line says, as far as it can be read; what it does not say is left out. */
export interface PrintLine {
  materials?: readonly Material[]
  standard?: string
  nominal?: string
  wall?: number
  grade?: RegExp
  /** Marked as having a layer that keeps oxygen out. */
  barrier?: true
  /** Marked for drinking water. */
  potable?: true
  /** What was understood, in words, in the order of reading. */
  readonly understood: string[]
}

const pexAll: readonly Material[] = ['pex-a', 'pex-b', 'pex-c']
const materialWords: readonly (readonly [RegExp, readonly Material[], string])[] = [
  [/PE-?X?(RT)?\s*[/-]\s*AL\s*[/-]\s*PE|MULTI-?LAYER/, ['multilayer'], 'multilayer'],
  [/PE-?X-?A\b/, ['pex-a'], 'PEX-A'],
  [/PE-?X-?B\b/, ['pex-b'], 'PEX-B'],
  [/PE-?X-?C\b/, ['pex-c'], 'PEX-C'],
  [/PE-?X\b/, pexAll, 'PEX'],
  [/CPVC|PVC-?C\b/, ['cpvc'], 'CPVC'],
  [/PVC/, ['pvc-u'], 'PVC'],
  [/PP-?R/, ['pp-r'], 'PP-R'],
  [/POLYBUTYLENE|\bPB\b/, ['pb'], 'polybutylene'],
  [/PE\s?(80|100)|\bMDPE\b|\bHDPE\b/, ['pe'], 'PE'],
  [/COPPER|\bCU\b/, ['copper'], 'copper'],
  [/STAINLESS|1\.4401|\b316\b/, ['stainless-steel'], 'stainless steel'],
]

const standardWords: readonly (readonly [RegExp, string])[] = [
  [/B\s?88\b/, 'ASTM B88'],
  [/F\s?87[67]\b/, 'ASTM F876'],
  [/F\s?1281\b/, 'ASTM F1281'],
  [/D\s?2846\b/, 'ASTM D2846'],
  [/D\s?1785\b/, 'ASTM D1785'],
  [/A\s?53\b/, 'ASTM A53'],
  [/\b1057\b/, 'EN 1057'],
  [/\b659\b/, 'BS 659'],
  [/\b7291\b/, 'BS 7291'],
  [/15875\b/, 'EN ISO 15875'],
  [/21003\b/, 'EN ISO 21003'],
  [/12201\b/, 'EN 12201'],
  [/15874\b/, 'EN ISO 15874'],
  [/10312\b/, 'EN 10312'],
  [/10305\b/, 'EN 10305-3'],
  [/10255\b/, 'EN 10255'],
]

const gradeWords: readonly (readonly [RegExp, (found: RegExpExecArray) => RegExp])[] = [
  [/\b(?:TYPE\s?|GRADE\s?)([KLM])\b/, (found) => new RegExp(`^${found[1]}$`)],
  [/\bSDR\s?-?(\d+(?:\.\d)?)/, (found) => new RegExp(`SDR${found[1]}(?!\\d)`)],
  [/\bSCH(?:EDULE)?\.?\s?(40|80)\b/, (found) => new RegExp(`Schedule ${found[1]}`)],
  [/\bR\s?(220|250|290)\b/, (found) => new RegExp(`R${found[1]}`)],
]

const barrierMark = /\bEVOH\b|OXYGEN|\bBARRIER\b|\bO2\b|\b4726\b/
const potableMark = /\bPOTABLE\b|\bDRINKING\b|NSF.?(?:PW|61)\b|\bTW\b/
/** Words of which a worn print may leave the beginning or the end. */
const longWords: readonly (readonly [string, readonly Material[], string])[] = [
  ['COPPER', ['copper'], 'copper'],
  ['STAINLESS', ['stainless-steel'], 'stainless steel'],
  ['POLYBUTYLENE', ['pb'], 'polybutylene'],
  ['MULTILAYER', ['multilayer'], 'multilayer'],
]
const leastFragment = 4

const metricSize = /\b(\d{1,2}(?:\.\d)?)\s?(?:MM)?\s?[X×]\s?(\d{1,2}(?:[.,]\d{1,2})?)/
const inchSize = /(?:^|[\s,])(\d-\d\/\d|\d \d\/\d|\d\/\d|[12](?=\s?(?:"|IN\b|INCH)))/
const plainMetric = /\b(\d{1,2})\s?MM\b/

function readSize(text: string, line: PrintLine): void {
  const metric = metricSize.exec(text)
  const inches = inchSize.exec(text)
  const plain = plainMetric.exec(text)
  if (metric) {
    line.nominal = String(Number(metric[1]))
    line.wall = Number(metric[2]!.replace(',', '.'))
    line.understood.push(`${line.nominal} × ${line.wall}`)
  } else if (inches) {
    line.nominal = inches[1]!.replace(' ', '-')
    line.understood.push(`${line.nominal} inch`)
  } else if (plain) {
    line.nominal = plain[1]!
    line.understood.push(`${line.nominal} mm`)
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
  const upper = text.toUpperCase()
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

/** How likely a pipe is to carry this print: each thing read and matched counts for it, each mismatch against it. */
export function printLikelihood(line: PrintLine, pipe: Pipe): number {
  const matches: boolean[] = []
  if (line.materials) matches.push(line.materials.includes(pipe.material))
  if (line.standard) matches.push(line.standard === pipe.standard)
  if (line.nominal) matches.push(line.nominal === pipe.nominal)
  if (line.wall !== undefined) matches.push(Math.abs(line.wall - pipe.wall) <= 0.11)
  if (line.grade) matches.push(line.grade.test(pipe.grade))
  return matches.reduce((product, match) => product * (match ? agree : disagree), 1)
}
