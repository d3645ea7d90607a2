import { thousandths } from '../quantity/thousandths'
import { inch, type Units } from '../quantity/units'
import { partSchema, socketNamed, takeOffFromFace, type Part } from './part'
import { partKey } from './part-key'
import { shippedSockets } from './socket'

/**
 * The columns of a parts file; a figure stands in millimetres or in inches, whichever column is there. A row's `what` is depth, take-off, centre-to-face (from which the take-off follows), or named:
 * the length of a fitting that stands by its name under `fitting`.
 */
export const partColumns = [
  'what',
  'method',
  'system',
  'size',
  'fitting',
  'end',
  'mm',
  'tolerance_mm',
  'in',
  'tolerance_in',
  'basis',
  'by',
  'note',
] as const
type Column = (typeof partColumns)[number]
export type PartRow = Readonly<Partial<Record<Column, string>>>

const figures: Readonly<Record<Units, readonly [Column, Column]>> = {
  metric: ['mm', 'tolerance_mm'],
  imperial: ['in', 'tolerance_in'],
}
/** The columns that a parts file is written with: its figures in millimetres or in inches, as their heads say. */
export const columnsIn = (units: Units): readonly Column[] =>
  partColumns.filter((name) => !figures[units === 'metric' ? 'imperial' : 'metric'].includes(name))

export interface RowProblem {
  /** The line of the file: 1 is the head. */
  readonly line: number
  readonly problem: string
}

export interface PartChange {
  readonly line: number
  readonly part: Part
  /** What stands now under the same key; undefined when nothing does. */
  readonly before: Part | undefined
  readonly kind: 'new' | 'changed' | 'same'
}

/** What a recorded figure says, beyond what it is of. */
const said = ['mm', 'tolerance', 'basis', 'by', 'note'] as const

interface Depth {
  readonly mm: number
  readonly tolerance: number
}
const noDepth: Depth = { mm: 0, tolerance: 0 }

/** What stands in every column, without the spaces round it; a column that is not there is empty. */
type Cells = Readonly<Record<Column, string>>
const cellsOf = (row: PartRow): Cells =>
  Object.fromEntries(partColumns.map((name) => [name, row[name]?.trim() ?? ''])) as Cells

const toNumber = (text: string): number => (text === '' ? NaN : Number(text.replace(',', '.')))

/** The column that a row's figure (0) or its tolerance (1) stands in. */
const valueColumn = (row: Cells, which: 0 | 1): Column =>
  row[figures.imperial[which]] === '' ? figures.metric[which] : figures.imperial[which]

/** The figure of a row, or its tolerance, in mm. */
function figureIn(row: Cells, which: 0 | 1): number {
  const column = valueColumn(row, which)
  const typed = toNumber(row[column])
  return figures.metric.includes(column) ? typed : thousandths(typed * inch)
}

type Read = { readonly part: Part } | { readonly problem: string }

function readRow(row: Cells, depthOf: (socket: string) => Depth | null): Read {
  const what = row.what.toLowerCase().replace('center', 'centre')
  const given = { mm: figureIn(row, 0), tolerance: figureIn(row, 1) }
  if (what === 'named') return readFigure(row, { named: row.fitting, ...given })
  if (what !== 'depth' && what !== 'take-off' && what !== 'centre-to-face')
    return { problem: 'what: depth, take-off, centre-to-face or named' }
  const socket = socketNamed(row.method.toLowerCase(), row.size, row.system)
  if ('problem' in socket) return { problem: socket.problem }
  const depth = what === 'centre-to-face' ? depthOf(socket.id) : noDepth
  if (depth === null) return { problem: `the depth of ${socket.label} is not known: give a depth row first` }
  if (what !== 'depth' && row.fitting === '') return { problem: 'fitting: what the take-off is of, such as elbow-90' }
  return readFigure(row, {
    socket: socket.id,
    ...(what === 'depth' ? {} : { fitting: row.fitting }),
    ...takeOffFromFace(given, depth),
  })
}

/** A figure with what the row says of whence it is. */
function readFigure(row: Cells, of: Readonly<Record<string, unknown>>): Read {
  const { by, note } = row
  const read = partSchema.safeParse({ ...of, end: row.end || 'either', basis: row.basis.toLowerCase(), by, note })
  if (read.success) return { part: read.data }
  const [issue] = read.error.issues
  const field = String(issue?.path[0] ?? '')
  const column = field === 'mm' ? valueColumn(row, 0) : field === 'tolerance' ? valueColumn(row, 1) : field
  return { problem: `${column}: ${issue?.message ?? 'not accepted'}` }
}

/**
 * Reads the rows of a parts file against what is there: what each would change, and every row that is wrong.
 *
 * @param rows as parsed from CSV, by column name
 * @param current the parts that hold now
 * @returns changes in the order of the file; a key that comes twice is named as a problem
 */
export function readPartRows(
  rows: readonly PartRow[],
  current: readonly Part[],
): { readonly changes: readonly PartChange[]; readonly problems: readonly RowProblem[] } {
  const now = new Map(current.map((part) => [partKey(part), part]))
  const read = new Map<string, Part>()
  const depthOf = (id: string): Depth | null => {
    const key = partKey({ socket: id, end: 'either' })
    const known = read.get(key) ?? now.get(key)
    return known ?? shippedSockets.find((socket) => socket.id === id)?.insertion ?? null
  }
  const changes: PartChange[] = []
  const problems: RowProblem[] = []
  rows.forEach((row, index) => {
    const line = index + 2
    const answer = readRow(cellsOf(row), depthOf)
    if ('problem' in answer) {
      problems.push({ line, problem: answer.problem })
      return
    }
    const { part } = answer
    const key = partKey(part)
    if (read.has(key)) {
      problems.push({ line, problem: 'the same figure stands in an earlier row' })
      return
    }
    read.set(key, part)
    const before = now.get(key)
    const isSame = before && said.every((field) => before[field] === part[field])
    changes.push({ line, part, before, kind: isSame ? 'same' : before ? 'changed' : 'new' })
  })
  return { changes, problems }
}

/** Parts as rows of a parts file, which `readPartRows` reads back as they are. */
export function toPartRows(parts: readonly Part[], units: Units = 'metric'): PartRow[] {
  // To the hundred-thousandth: read back, it is the same thousandth of a millimetre.
  const written = (mm: number) => String(units === 'metric' ? mm : Number((mm / inch).toFixed(5)))
  const [figure, tolerance] = figures[units]
  return parts.map((part) => {
    const socket = shippedSockets.find(({ id }) => id === part.socket)
    return {
      what: part.named !== undefined ? 'named' : part.fitting === undefined ? 'depth' : 'take-off',
      method: socket?.method ?? '',
      system: socket?.system ?? '',
      size: socket?.size ?? '',
      fitting: part.named ?? part.fitting ?? '',
      end: part.end,
      [figure]: written(part.mm),
      [tolerance]: written(part.tolerance),
      basis: part.basis,
      by: part.by,
      note: part.note,
    }
  })
}
