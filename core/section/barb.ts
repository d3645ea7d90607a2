import { boreOf } from '../catalogue/pipe'
import type { SectionShape } from '../methods/section-shape'
import { rectangle, type Point, type SectionFigures, type SectionPart, type Station } from './figures'

/** Where the ring stands from the pipe's end, in mm: as it should, and as the faults have it. */
const ringAt = { right: 4.5, near: 0.5, far: 9 }
const ridges = [0.25, 0.42, 0.59, 0.76]

type OnBarb = Extract<SectionShape, { readonly over: 'barb' }>

/** A barb with its shoulder: the pipe slides over it as far as the shoulder. */
function barb({ pipe, depth }: SectionFigures): SectionPart {
  const bore = boreOf(pipe) / 2
  const inside = bore * 0.72
  const tooth = Math.min(0.5, pipe.wall * 0.25)
  const crest = ridges.flatMap((part): Point[] => [
    [depth * part, bore - tooth],
    [depth * part + depth * 0.1, bore + tooth * 0.6],
    [depth * part + depth * 0.1, bore - tooth],
  ])
  const shoulder = pipe.od / 2 + 1.5
  return {
    part: 'fitting',
    points: [
      [0, inside],
      [0, bore - tooth],
      ...crest,
      [depth, bore - tooth],
      [depth, shoulder],
      [depth * 1.5, shoulder],
      [depth * 1.5, inside],
    ],
  }
}

function ring(figures: SectionFigures, { closes }: OnBarb): SectionPart {
  const { pipe, depth, home, faults } = figures
  const outer = pipe.od / 2
  if (closes === 'flush ring')
    return { part: 'ring', points: rectangle(home - depth * 0.9, home, outer, outer + pipe.wall * 0.9) }
  if (closes === 'sleeve')
    return { part: 'ring', points: rectangle(depth * 0.05, depth * 0.9, outer + 0.2, outer + 1.2) }
  const length = closes === 'narrow ring' ? 7 : Math.min(8, depth * 0.55)
  const off = faults.has('ring too near') ? ringAt.near : faults.has('ring too far') ? ringAt.far : ringAt.right
  return { part: 'ring', points: rectangle(home - off - length, home - off, outer, outer + 1.6) }
}

function seals({ pipe, depth }: SectionFigures, { closes }: OnBarb): SectionPart[] {
  if (closes !== 'sleeve') return []
  const bore = boreOf(pipe) / 2
  return [0.42, 0.62].map((part) => ({
    part: 'seal' as const,
    points: rectangle(depth * part, depth * part + Math.min(2, depth * 0.1), bore - 1.2, bore + 0.05),
  }))
}

/** A joint whose pipe goes over the fitting: its parts, and where seal, grip and stop take hold. */
export function barbParts(figures: SectionFigures, shape: OnBarb): { parts: SectionPart[]; stations: Station[] } {
  const { depth } = figures
  const { seal, grip, sealText, gripText, stopText } = shape
  return {
    parts: [barb(figures), ...seals(figures, shape), ring(figures, shape)],
    stations: [
      { name: 'seal', at: depth * seal, text: sealText },
      { name: 'grip', at: depth * grip, text: gripText },
      { name: 'stop', at: depth, text: stopText },
    ],
  }
}
