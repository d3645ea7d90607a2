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

/** What one joint needs beside fitting and pipe: rings, olives, inserts, liners. */
function sundriesOf(method: MethodId, pipe: Pipe): string[] {
  const ring = rings[method]
  if (ring) return [`${pipe.nominal} ${ring}`]
  if (method === 'compression-pe') return [`${pipe.nominal} liner`]
  if (method === 'push-fit' && isPlastic(pipe.material) && pipe.material !== 'cpvc') return [`${pipe.nominal} insert`]
  if (method !== 'compression') return []
  // One to each joint: the fitting's own, or a new one where a nut is undone and made again.
  const olive = `${pipe.nominal} olive`
  if (isPlastic(pipe.material)) return [olive, `${pipe.nominal} insert`]
  return pipe.temper === 'soft' ? [olive, `${pipe.nominal} liner for soft copper`] : [olive]
}

/** All sundries of these joints, counted, so that at the end issued less used is nought. */
export function countSundries(joints: readonly { readonly method: MethodId; readonly pipe: Pipe }[]): SundryCount[] {
  const counts = new Map<string, number>()
  for (const { method, pipe } of joints) {
    for (const label of sundriesOf(method, pipe)) counts.set(label, (counts.get(label) ?? 0) + 1)
  }
  return [...counts].map(([label, count]) => ({ label, count }))
}
