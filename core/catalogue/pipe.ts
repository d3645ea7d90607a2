import type { Basis } from '../quantity/basis'
import { inTradeWords } from '../quantity/words/trade-words'
import { materialName } from '../materials'
import type { MaterialId, Temper } from '../materials/ids'
import { pipeRows, type PipeRow } from './tables/pipes'

/**
 * By what a size is told: `metric` outside diameter, `cts` copper tube size (nominal + 1/8 in),
 * `old-bore` British copper before 1971, `schedule` iron pipe size, `pex-al-pex` its own
 * inch sizes, `lead` by nothing dependable.
 */
export type SizeFamily = 'metric' | 'cts' | 'old-bore' | 'schedule' | 'pex-al-pex' | 'lead' | 'old PE' | 'by bore'

export interface Pipe {
  readonly id: string
  readonly label: string
  readonly material: MaterialId
  readonly temper: Temper
  readonly standard: string
  readonly grade: string
  readonly nominal: string
  readonly family: SizeFamily
  /** Outside diameter in mm, and its ± tolerance. */
  readonly od: number
  readonly odTolerance: number
  /** Wall in mm. */
  readonly wall: number
  readonly basis: Basis
  readonly note: string
}

const familyOfStandard: Readonly<Record<string, SizeFamily>> = {
  'ASTM B88': 'cts',
  'ASTM F876': 'cts',
  'ASTM F1281': 'pex-al-pex',
  'ASTM D2846': 'cts',
  'BS 659': 'old-bore',
  'ASTM D1785': 'schedule',
  'ASTM A53': 'schedule',
  'EN 10255': 'schedule',
  'old grey CTS': 'cts',
  old: 'lead',
  'ASTM D2737': 'cts',
  'ASTM F441': 'schedule',
  drain: 'schedule',
  'BS 1972': 'old PE',
  'ASTM D2239': 'by bore',
}

const slug = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9.]+/g, '-')
    .replace(/^-|-$/g, '')

const familyOf = (standard: string): SizeFamily => familyOfStandard[standard] ?? 'metric'

function labelOf([material, temper, standard, grade, nominal, , wall]: PipeRow, family: SizeFamily): string {
  const size = family === 'metric' && /^\d+$/.test(nominal) ? `${nominal} × ${wall}` : nominal
  const layers = grade.includes(' / ') ? '' : grade
  const what = family === 'old-bore' ? `old-bore ${materialName(material)}` : materialName(material)
  const label = [size, what, temper, '·', standard, layers].filter(Boolean).join(' ')
  // What is sold in inches is called as it is where it is sold.
  return family === 'cts' || standard.startsWith('ASTM') ? inTradeWords(label, 'imperial') : label
}

function toPipe(row: PipeRow): Pipe {
  const [material, temper, standard, grade, nominal, od, wall, odTolerance, basis, note] = row
  const family = familyOf(standard)
  const size = `${nominal.replaceAll('/', '-')}${family === 'metric' || family === 'pex-al-pex' ? `x${wall}` : ''}`
  const layers = grade.includes(' / ') ? '' : grade
  const id = [material, temper, standard, layers, size].filter(Boolean).map(slug).join('-')
  const label = labelOf(row, family)
  return { id, label, material, temper, standard, grade, nominal, family, od, odTolerance, wall, basis, note }
}

/** Every pipe that Jolvet ships, in the order of the table. */
export const shippedPipes: readonly Pipe[] = pipeRows.map(toPipe)

/** Whether a pipe holds pressure: what is made for drains and vents does not. */
export const holdsPressure = ({ standard }: Pick<Pipe, 'standard'>): boolean => standard !== 'drain'

/** Bore in mm: outside diameter less both walls. */
export const boreOf = ({ od, wall }: Pick<Pipe, 'od' | 'wall'>): number => od - 2 * wall
