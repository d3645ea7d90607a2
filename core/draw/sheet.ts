import type { Catalogue } from '../catalogue/catalogue'
import { pipeIdIn } from '../job/leg-defaults'
import { serviceWords } from '../job/place'
import type { Units } from '../quantity/units'
import type { System } from '../job/system'
import { layOut } from '../run/layout'
import { drawRun, type Drawing, type DrawingView } from './drawing'
import { jointMarks, legendSign, type JointMark } from './joint-mark'
import { sceneOf, type SceneOf, type SceneTexts } from './scene'
import { escaped, sceneSvg, two, type SheetColours, type SvgFrame } from './scene-svg'
import type { Part } from './shape'
import { papers, type Paper } from './strip-page'
import { sketchOf } from './sketch'

/** In mm. */
export interface SheetSize {
  readonly width: number
  readonly height: number
}
/** A whole sheet of paper, across. */
export const acrossPaper = (paper: Paper): SheetSize => ({ width: papers[paper].height, height: papers[paper].width })
/** What is left of it upright between margins of 12 mm, low enough that two stand on one. */
export const onPage = (paper: Paper): SheetSize => ({ width: papers[paper].width - 24, height: 122 })

/** What stands on a drawn sheet beside the run, and in which colours. */
export interface SheetTexts extends SceneTexts {
  readonly colours: SheetColours
  readonly title: string
  /** In which its lengths are written. */
  readonly units: Units
  /** What it is printed on at its own size, so that its letters are as large as they are drawn. */
  readonly size: SheetSize
}

/** In mm: what stays white about a sheet, its head, its foot, its letters. */
const [margin, titleHeight, footHeight, letter] = [6, 18, 6, 3] as const
const third = letter / 3

/** As large as the page takes it, in its middle. */
function frameOf(drawing: Drawing, { colours, size }: Pick<SheetTexts, 'colours' | 'size'>) {
  const { width: pageWidth, height: pageHeight } = size
  const [left, top, width, height] = drawing.box
  const high = pageHeight - 2 * margin - titleHeight - footHeight
  const scale = Math.min((pageWidth - 2 * margin) / width, high / height)
  const shiftX = (pageWidth - width * scale) / 2
  const svg: SvgFrame = {
    colours,
    third,
    x: (mm) => (mm - left) * scale + shiftX,
    y: (mm) => (mm - top) * scale + margin + titleHeight + (high - height * scale) / 2,
  }
  return { svg, scale }
}

const viewWords: Readonly<Record<DrawingView, string>> = {
  isometric: 'isometric',
  plan: 'plan',
  'from the south': 'seen from the south',
  'from the east': 'seen from the east',
}

/** How its lengths are to be read: they are written without their unit. */
const lengthsNote: Readonly<Record<Units, string>> = {
  metric: 'not to scale, centre to centre, in mm',
  imperial: 'not to scale, center to center, in feet and inches',
}

/** What it shows, and of which pipe: a line each. */
function subtitlesOf({ catalogue, system, drawing }: SceneOf, view: DrawingView, texts: SheetTexts): readonly string[] {
  const { legs } = drawing
  const services = [...new Set(legs.map(({ service }) => service))]
  const pipeIds = system.legs.length > 0 ? system.legs.map((leg) => pipeIdIn(system, leg)) : [system.runs[0]!.pipe]
  const pipes = [...new Set(pipeIds)].map((id) => catalogue.pipe(id)?.label ?? id)
  const flowing = services.length > 0 ? services : [system.runs[0]!.service]
  return [
    `${viewWords[view]}, ${flowing.map((service) => serviceWords[service]).join(' and ')}; ${lengthsNote[texts.units]}`,
    pipes.join(', '),
  ]
}

/** What the joints' signs mean, at the foot: of those that the sheet shows. What is still to make has none. */
function legendOf(marks: ReadonlyMap<string, JointMark> | undefined, svg: SvgFrame, y: number): string {
  const there = new Set(marks?.values())
  const seen = jointMarks.filter((mark) => mark !== 'to make' && there.has(mark))
  return seen
    .map((mark, at) => {
      const x = margin + at * 34
      const shapes = legendSign(mark).map((stroke) => ({ kind: 'mark', at: [0, 0], stroke }) as const)
      const part: Part = { of: 'joint', id: mark, shapes }
      return `${sceneSvg([part], { ...svg, x: () => x + 2, y: () => y - 0.9 })}<text x="${x + 5}" y="${two(y)}" font-size="2.6" fill="${svg.colours.ink}">${escaped(mark)}</text>`
    })
    .join('')
}

/**
 * A run drawn to fill its sheet, as SVG in millimetres: pipe by material and service, fittings, dimensions that
 * do not cover each other, piece numbers, flow arrows, heights of the ends, joints by their state.
 */
export function runSheet(catalogue: Catalogue, system: System, view: DrawingView, texts: SheetTexts): string {
  const layout = layOut(system)
  const drawing = drawRun(layout, view, sketchOf(layout))
  const { svg, scale } = frameOf(drawing, texts)
  const { width, height } = texts.size
  const of = { catalogue, system, drawing }
  const scene = sceneOf(of, letter / scale, texts)
  const subtitles = subtitlesOf(of, view, texts)
  const words = (x: number, y: number, size: number, said: string) =>
    `<text x="${x}" y="${y}" font-size="${size}" fill="${texts.colours.ink}">${escaped(said)}</text>`
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width}mm" height="${height}mm" viewBox="0 0 ${width} ${height}" font-family="'Barlow Condensed', 'Arial Narrow', sans-serif" fill="none">`,
    words(margin, margin + 4, 5, texts.title),
    ...subtitles.map((said, line) => words(margin, margin + 9 + 4.2 * line, 3, said)),
    sceneSvg(scene.parts, svg),
    legendOf(texts.marks, svg, height - margin),
    '</svg>\n',
  ].join('\n')
}
