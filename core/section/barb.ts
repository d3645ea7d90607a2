import { boreOf } from '../catalogue/pipe'
import { rectangle, type Point, type SectionFigures, type SectionPart, type Station } from './section'

/** Where the ring stands from the pipe's end, in mm: as it should, and as the faults have it. */
const ringAt = { right: 4.5, near: 0.5, far: 9 }
const ridges = [0.25, 0.42, 0.59, 0.76]

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

function ring(figures: SectionFigures): SectionPart {
  const { pipe, depth, home, method, faults } = figures
  const outer = pipe.od / 2
  if (method === 'expansion')
    return { part: 'ring', points: rectangle(home - depth * 0.9, home, outer, outer + pipe.wall * 0.9) }
  if (method === 'press-multilayer')
    return { part: 'ring', points: rectangle(depth * 0.05, depth * 0.9, outer + 0.2, outer + 1.2) }
  const length = method === 'clamp' ? 7 : Math.min(8, depth * 0.55)
  const off = faults.has('ring too near') ? ringAt.near : faults.has('ring too far') ? ringAt.far : ringAt.right
  return { part: 'ring', points: rectangle(home - off - length, home - off, outer, outer + 1.6) }
}

function seals({ pipe, depth, method }: SectionFigures): SectionPart[] {
  if (method !== 'press-multilayer') return []
  const bore = boreOf(pipe) / 2
  return [0.42, 0.62].map((part) => ({
    part: 'seal' as const,
    points: rectangle(depth * part, depth * part + Math.min(2, depth * 0.1), bore - 1.2, bore + 0.05),
  }))
}

/** A joint whose pipe goes over the fitting: its parts, and where seal, grip and stop take hold. */
export function barbParts(figures: SectionFigures): { parts: SectionPart[]; stations: Station[] } {
  const { depth, method } = figures
  const gripText = method === 'expansion' ? 'the ring closes over the barb' : 'the ring stands over the barbs'
  return {
    parts: [barb(figures), ...seals(figures), ring(figures)],
    stations: [
      { name: 'seal', at: depth * 0.52, text: 'over enough of the barb to seal' },
      { name: 'grip', at: depth * 0.82, text: method === 'press-multilayer' ? 'under the sleeve’s bands' : gripText },
      { name: 'stop', at: depth, text: method === 'press-multilayer' ? 'the window is full' : 'at the shoulder' },
    ],
  }
}
