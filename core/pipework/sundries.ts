import { isPlastic } from '../catalogue/material'
import type { MethodId } from '../catalogue/method'
import type { Pipe } from '../catalogue/pipe'

/** Something small that a joint uses up and that is easily left in the box. */
export interface SundryCount {
  readonly label: string
  readonly count: number
}

const rings: Partial<Record<MethodId, string>> = {
  crimp: 'crimp ring',
  clamp: 'pinch clamp',
  expansion: 'expansion ring',
}

/** What closes on the pipe, or lies in the body: a ring, an olive. */
function ringOf(method: MethodId, { nominal }: Pipe): string | null {
  const ring = rings[method]
  if (ring) return `${nominal} ${ring}`
  // One to each joint: the fitting's own, or a new one where a nut is undone and made again.
  return method === 'compression' ? `${nominal} olive` : null
}

/**
 * The insert or liner that holds a pipe's bore open in a joint; null where it needs none.
 *
 * @remarks for instance: push-fit on 15 PEX: '15 insert'; compression on soft copper: its liner; on hard copper: null
 */
export function insertOf(method: MethodId, { nominal, material, temper }: Pipe): string | null {
  const isSqueezed = isPlastic(material)
  if (method === 'compression-pe') return `${nominal} liner`
  if (method === 'push-fit') return isSqueezed && material !== 'cpvc' ? `${nominal} insert` : null
  if (method !== 'compression') return null
  if (isSqueezed) return `${nominal} insert`
  return temper === 'soft' ? `${nominal} liner for soft copper` : null
}

/** All sundries of these joints, counted, so that at the end issued less used is nought. */
export function countSundries(joints: readonly { readonly method: MethodId; readonly pipe: Pipe }[]): SundryCount[] {
  const counts = new Map<string, number>()
  for (const { method, pipe } of joints) {
    for (const label of [ringOf(method, pipe), insertOf(method, pipe)])
      if (label !== null) counts.set(label, (counts.get(label) ?? 0) + 1)
  }
  return [...counts].map(([label, count]) => ({ label, count }))
}
