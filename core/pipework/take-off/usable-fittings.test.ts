import { expect, it } from 'vitest'
import { shippedCatalogue as catalogue } from '../../catalogue/catalogue'
import type { MethodId } from '../../methods/ids'
import { armChoices, namedFittingsFor } from './named-fittings'
import { layOut } from '../../run/layout'
import { pipeId, sampleSystem } from '../../testing/sample-run'
import { usableArms, usableFittings } from './usable-fittings'
import { byName } from '../../testing/sample-choice'

function elbowsOn(pipe: string, method: MethodId) {
  const layout = layOut(
    sampleSystem({
      pipe,
      method,
      legs: [
        ['open:s', 'east', 900, 'elbow:a'],
        ['elbow:a', 'north', 600, 'open:e'],
      ],
    }),
  )
  const node = layout.node.get('a')!
  const methodsOf = (found: ReturnType<typeof namedFittingsFor>) =>
    new Set(
      found.flatMap(({ named }) => named.ends.flatMap((end) => (end.type === 'socket' ? [end.socket.method] : []))),
    )
  return {
    bySize: methodsOf(namedFittingsFor(catalogue, layout, node)),
    atHome: methodsOf(usableFittings(catalogue, layout, node)),
  }
}

it('no cement is offered on steel of the same size, and all that copper takes is', () => {
  const steel = elbowsOn(pipeId('ASTM A53', '1/2'), 'thread')
  expect([steel.bySize.has('solvent'), steel.atHome.has('solvent')]).toEqual([true, false])
  const copper = elbowsOn(pipeId('EN 1057', '22', 0.9), 'solder')
  expect(copper.atHome).toEqual(copper.bySize)
})

it('no solder is offered on plastic of the same size', () => {
  const plastic = elbowsOn(pipeId('BS 7291', '22', 'pb'), 'push-fit')
  expect([plastic.bySize.has('solder'), plastic.atHome.has('solder')]).toEqual([true, false])
  expect(plastic.atHome.has('push-fit')).toBe(true)
})

it('on the thread of an elbow no cemented adapter is offered for steel pipe', () => {
  const fittings = ['1/2 PVC solvent × 1/2 F NPT adapter']
  const layout = layOut(
    sampleSystem({
      pipe: pipeId('ASTM A53', '1/2'),
      method: 'thread',
      legs: [
        ['open:s', 'east', 900, 'elbow:a'],
        ['elbow:a', 'north', 600, 'open:e'],
      ],
      nodes: {
        a: { fitting: byName('1/2 M NPT × 1/2 NPT thread street elbow 90', { l2: { fittings, method: 'solvent' } }) },
      },
    }),
  )
  const node = layout.node.get('a')!
  const methodsOf = (arms: ReturnType<typeof armChoices>) => new Set(arms.map(({ method }) => method))
  expect(methodsOf(armChoices(catalogue, layout, node, 'l2')).has('solvent')).toBe(true)
  expect([...methodsOf(usableArms(catalogue, layout, node, 'l2'))]).not.toContain('solvent')
})
