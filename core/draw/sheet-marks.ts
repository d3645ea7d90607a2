import type { Catalogue } from '../catalogue/catalogue'
import { drawnLength, type System } from '../job/system'
import { pipeIdIn } from '../job/leg-defaults'
import { degrees } from '../quantity/angle'
import { placeDimensions, placeHeights } from './dimensions'
import { breakSign, outDashes, pipeColour, serviceDashes } from './line-style'
import { nodeSymbols } from './node-symbol'
import { escaped, haloed, letter, lineOn, third, two, type SheetFrame, type SheetTexts } from './sheet-frame'

const dashed = (dashes: readonly number[]): string => dashes.map((dash) => dash * third).join(' ')

/** Pipe by its material and service; what is there hollow, what comes out thin. */
export function pipeLines(frame: SheetFrame, catalogue: Catalogue, system: System): string[] {
  const { drawing, colours, x, y } = frame
  const { ink, paper } = colours
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  return drawing.legs.flatMap((drawn) => {
    const { id, from, to, state, service, isBroken } = drawn
    const line = (stroke: string, weight: number, dash: string) =>
      lineOn(frame, drawn, `stroke="${stroke}" stroke-width="${weight}" stroke-dasharray="${dash}"`)
    const colour = colours[pipeColour(catalogue.pipe(pipeIdIn(system, legs.get(id)!))!)]
    if (state === undefined) return [line(colour, 0.9, dashed(serviceDashes[service]))]
    if (state === 'comes out') return [line(colour, 0.4, dashed(outDashes))]
    const turn = two(degrees(Math.atan2(to[1] - from[1], to[0] - from[0])))
    const middle = `translate(${two(x((from[0] + to[0]) / 2))} ${two(y((from[1] + to[1]) / 2))}) rotate(${turn})`
    const broken = `<path d="${breakSign}" fill="${paper}" stroke="${ink}" stroke-width="0.3" transform="${middle}"/>`
    return [line(colour, 1.1, ''), line(paper, 0.6, ''), ...(isBroken ? [broken] : [])]
  })
}

/** Fittings that stand along a line, thick. */
export const bodyLines = (frame: SheetFrame): string[] =>
  frame.drawing.bodies.map((body) => lineOn(frame, body, `stroke="${frame.colours.ink}" stroke-width="1.2"`))

/** Which way the water goes, on pipe that is long enough to hold it. */
export const flowArrows = ({ drawing, colours, scale, x, y }: SheetFrame): string[] =>
  drawing.legs.flatMap(({ from, to, service }) => {
    if (Math.hypot(to[0] - from[0], to[1] - from[1]) * scale < 12) return []
    const back = service === 'heating-return' ? 180 : 0
    const turn = degrees(Math.atan2(to[1] - from[1], to[0] - from[0])) + back
    const at = [from[0] * 0.75 + to[0] * 0.25, from[1] * 0.75 + to[1] * 0.25] as const
    return `<path d="M-1.400-1L1.400 0L-1.400 1z" fill="${colours.ink}" transform="translate(${two(x(at[0]))} ${two(y(at[1]))}) rotate(${two(turn)})"/>`
  })

/** Fittings by their signs, and the heights of the ends. */
export function nodeSigns({ drawing, colours, scale, x, y }: SheetFrame, length: SheetTexts['length']): string[] {
  const { ink, paper } = colours
  const fills = { ink, paper, none: 'none' }
  const heights = placeHeights(drawing, letter / scale)
  return drawing.nodes.flatMap(({ id, sign: drawn, at, height: up }) => {
    const { path, fill, weight } = nodeSymbols[drawn]
    const where = `translate(${two(x(at[0]))} ${two(y(at[1]))})`
    const sign = `<path d="${path}" fill="${fills[fill]}" stroke="${ink}" stroke-width="${weight}" transform="${where} scale(${third})"/>`
    const beside = heights.get(id)
    const level =
      beside && up !== null
        ? `<text transform="${where}" x="${two(beside[0] * third)}" y="${two(beside[1] * third + 0.8)}" font-size="2.400" text-anchor="middle" font-style="italic">${escaped(`${up < 0 ? '−' : '+'}${length(Math.abs(up))}`)}</text>`
        : ''
    return path === '' ? [level] : [sign + level]
  })
}

/** Lengths as they were decided, centre to centre, with the piece that is cut for each; none covers another. */
export function dimensionTexts(
  { drawing, colours, scale, x, y }: SheetFrame,
  system: System,
  texts: SheetTexts,
): string[] {
  const legs = new Map(system.legs.map((leg) => [leg.id, leg]))
  return placeDimensions(drawing, letter / scale).map(({ leg, at, leader }) => {
    const piece = texts.pieceOf.get(leg)
    const words = `${texts.length(drawnLength(legs.get(leg)!))}${piece ? `  ${piece}` : ''}`
    const where = `x="${two(x(at[0]))}" y="${two(y(at[1]) + 1)}" font-size="${letter}" text-anchor="middle"`
    const line = leader
      ? `<line x1="${two(x(leader[0]))}" y1="${two(y(leader[1]))}" x2="${two(x(at[0]))}" y2="${two(y(at[1]))}" stroke="${colours.ink}" stroke-width="0.15"/>`
      : ''
    return line + haloed(where, words, colours.paper)
  })
}

/** The numbers of the joints, each beside its node. */
export const jointTexts = ({ drawing, colours, x, y }: SheetFrame, jointsOf: SheetTexts['jointsOf']): string[] =>
  drawing.nodes.flatMap(({ id, at }) => {
    const numbers = jointsOf?.get(id)
    const where = `x="${two(x(at[0]) + 2)}" y="${two(y(at[1]) + 4.2)}" font-size="2.6" font-weight="bold"`
    return numbers ? haloed(where, numbers, colours.paper) : []
  })
