import type { Service } from '../job/place'
import { degrees } from '../quantity/angle'
import type { Catalogue } from '../catalogue/catalogue'
import { placeDimensions, placeHeights } from './dimensions'
import { drawRun, type DrawingView } from './drawing'
import { layOut } from '../run/layout'
import { breakSign, outDashes, pipeColour, serviceDashes } from './line-style'
import { nodeSymbols } from './node-symbol'
import { type System, drawnLength } from '../job/system'
import { pipeIdIn } from '../job/leg-defaults'

/** What each thing on a sheet is drawn in. */
export interface SheetColours {
  readonly copper: string
  readonly plastic: string
  readonly steel: string
  readonly ink: string
  readonly paper: string
}

/** What stands on a drawn sheet beside the run, and in which colours. */
export interface SheetTexts {
  readonly colours: SheetColours
  readonly title: string
  readonly length: (mm: number) => string
  readonly pieceOf: ReadonlyMap<string, string>
  /** The numbers of the joints at a node. */
  readonly jointsOf?: ReadonlyMap<string, string>
}

/** A4 across, in mm. */
const [pageWidth, pageHeight, margin, titleHeight, letter] = [297, 210, 12, 14, 3] as const
/** Drawing units to a third of a letter's height. */
const third = letter / 3

const escaped = (words: string): string =>
  words.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;').replaceAll('"', '&quot;')
const two = (value: number): string => String(Math.round(value * 100) / 100)

/** Words on a ground of their own, so that lines under them do not cross them: the ground first, for who knows no order of painting. */
const haloed = (attributes: string, words: string, paper: string): string =>
  `<text ${attributes} fill="${paper}" stroke="${paper}" stroke-width="0.8">${escaped(words)}</text><text ${attributes}>${escaped(words)}</text>`

/**
 * A run drawn to fit one page, A4 across, as SVG in millimetres: pipe by material and service, fittings, dimensions that
 * do not cover each other, piece numbers, flow arrows, heights of the ends.
 */
export function runSheet(catalogue: Catalogue, system: System, view: DrawingView, texts: SheetTexts): string {
  const { colours } = texts
  const { ink, paper } = colours
  const drawing = drawRun(layOut(system), view)
  const [left, top, width, height] = drawing.box
  const scale = Math.min((pageWidth - 2 * margin) / width, (pageHeight - 2 * margin - titleHeight) / height)
  const shiftX = (pageWidth - width * scale) / 2
  const x = (mm: number) => (mm - left) * scale + shiftX
  const y = (mm: number) => (mm - top) * scale + margin + titleHeight
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  const dashesOf = (service: Service) => serviceDashes[service].map((dash) => dash * third).join(' ')
  const services = [...new Set(drawing.legs.map(({ service }) => service))]
  const lines = drawing.legs.flatMap(({ id, from, to, state, service, isBroken }) => {
    const pipe = catalogue.pipe(pipeIdIn(system, legs.get(id)!))!
    const line = (stroke: string, weight: number, dash: string) =>
      `<line x1="${two(x(from[0]))}" y1="${two(y(from[1]))}" x2="${two(x(to[0]))}" y2="${two(y(to[1]))}" stroke="${stroke}" stroke-width="${weight}" stroke-dasharray="${dash}"/>`
    const colour = colours[pipeColour(pipe)]
    if (state === undefined) return [line(colour, 0.9, dashesOf(service))]
    if (state === 'comes out') return [line(colour, 0.4, outDashes.map((dash) => dash * third).join(' '))]
    const turn = two(degrees(Math.atan2(to[1] - from[1], to[0] - from[0])))
    const middle = `translate(${two(x((from[0] + to[0]) / 2))} ${two(y((from[1] + to[1]) / 2))}) rotate(${turn})`
    const broken = `<path d="${breakSign}" fill="${paper}" stroke="${ink}" stroke-width="0.3" transform="${middle}"/>`
    // Pipe that is there is drawn hollow.
    return [line(colour, 1.1, ''), line(paper, 0.6, ''), ...(isBroken ? [broken] : [])]
  })
  const bodies = drawing.bodies.map(
    ({ from, to }) =>
      `<line x1="${two(x(from[0]))}" y1="${two(y(from[1]))}" x2="${two(x(to[0]))}" y2="${two(y(to[1]))}" stroke="${ink}" stroke-width="1.2"/>`,
  )
  const arrows = drawing.legs.flatMap(({ from, to, service }) => {
    const drawn = Math.hypot(to[0] - from[0], to[1] - from[1]) * scale
    if (drawn < 12) return []
    const back = service === 'heating-return' ? 180 : 0
    const turn = degrees(Math.atan2(to[1] - from[1], to[0] - from[0])) + back
    const at = [from[0] * 0.75 + to[0] * 0.25, from[1] * 0.75 + to[1] * 0.25] as const
    return `<path d="M-1.400-1L1.400 0L-1.400 1z" fill="${ink}" transform="translate(${two(x(at[0]))} ${two(y(at[1]))}) rotate(${two(turn)})"/>`
  })
  const heights = placeHeights(drawing, letter / scale)
  const nodes = drawing.nodes.flatMap(({ id, sign: drawn, at, height: up }) => {
    const { path, fill, weight } = nodeSymbols[drawn]
    const where = `translate(${two(x(at[0]))} ${two(y(at[1]))})`
    const sign = `<path d="${path}" fill="${fill === 'ink' ? ink : fill === 'paper' ? paper : 'none'}" stroke="${ink}" stroke-width="${weight}" transform="${where} scale(${third})"/>`
    const beside = heights.get(id)
    const level =
      beside && up !== null
        ? `<text transform="${where}" x="${two(beside[0] * third)}" y="${two(beside[1] * third + 0.8)}" font-size="2.400" text-anchor="middle" font-style="italic">${escaped(`${up < 0 ? '−' : '+'}${texts.length(Math.abs(up))}`)}</text>`
        : ''
    return path === '' ? [level] : [sign + level]
  })
  const dimensions = placeDimensions(drawing, letter / scale).map(({ leg, at }) => {
    const piece = texts.pieceOf.get(leg)
    const words = `${texts.length(drawnLength(legs.get(leg)!))}${piece ? `  ${piece}` : ''}`
    return haloed(
      `x="${two(x(at[0]))}" y="${two(y(at[1]) + 1)}" font-size="${letter}" text-anchor="middle"`,
      words,
      paper,
    )
  })
  const joints = drawing.nodes.flatMap(({ id, at }) => {
    const numbers = texts.jointsOf?.get(id)
    if (!numbers) return []
    return haloed(
      `x="${two(x(at[0]) + 2)}" y="${two(y(at[1]) + 4.2)}" font-size="2.6" font-weight="bold"`,
      numbers,
      paper,
    )
  })
  const pipeIds = system.legs.length > 0 ? system.legs.map((leg) => pipeIdIn(system, leg)) : [system.runs[0]!.pipe]
  const pipes = [...new Set(pipeIds)].map((id) => catalogue.pipe(id)?.label ?? id)
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${pageWidth}mm" height="${pageHeight}mm" viewBox="0 0 ${pageWidth} ${pageHeight}" font-family="sans-serif" fill="none">`,
    `<g fill="${ink}"><text x="${margin}" y="${margin + 4}" font-size="5">${escaped(texts.title)}</text>`,
    `<text x="${margin}" y="${margin + 10}" font-size="3.2">${escaped(`${view}, ${services.length > 0 ? services.join(' and ') : system.runs[0]!.service}, ${pipes.join(', ')}; not to scale, centre to centre`)}</text></g>`,
    ...lines,
    ...bodies,
    ...arrows,
    `<g fill="${ink}">${nodes.join('')}</g>`,
    `<g fill="${ink}">${dimensions.join('\n')}${joints.join('')}</g>`,
    '</svg>\n',
  ].join('\n')
}
