import { methods } from '../../methods'
import type { Catalogue } from '../../catalogue/catalogue'
import { fittingNamed } from '../../catalogue/chain-length'
import { isMade } from '../../catalogue/fittings/is-made'
import type { Socket } from '../../catalogue/socket'
import type { Node } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { nodeWord } from '../../job/node-legs'
import { sentence } from '../../quantity/words/sentence'
import { namedFittingAt } from '../../run/named-fitting'
import { methodAt } from '../../run/method-at'
import { teeSizes } from '../../pipework/take-off/fitting-label'
import { shapeFitting } from '../../pipework/take-off/shape-fitting'
import { isNewFitting } from '../../run/states'
import { atPlace, checkRule, nodePlace, type SystemSubject } from '../rule'
import { chainChosen } from '../../job/chosen'

/** By what a socket's size is told, as people say it. */
const familyWords: Readonly<Record<Socket['family'], string>> = {
  metric: 'metric',
  cts: 'copper tube size',
  'old-bore': 'old bore',
  schedule: 'iron pipe size',
  'pex-al-pex': 'PEX-AL-PEX',
  lead: 'lead',
  'old PE': 'old imperial PE',
  'by bore': 'by its bore',
}
const familyOf = ({ method, system, family }: Socket): string =>
  methods[method].threaded ? (system === 'NPT' ? 'NPT' : 'BSP') : familyWords[family]

/** The sockets that a plain fitting would have for the pipes that meet in it; none where a pipe has no socket. */
function socketsAt({ catalogue, layout }: SystemSubject, node: Node): Socket[] {
  const { system, arms } = layout
  return (arms.get(node.id) ?? []).flatMap(({ leg }) => {
    const pipe = catalogue.pipe(pipeIdIn(system, leg))
    return (pipe && catalogue.socketFor(methodAt(system, node, leg), pipe)) ?? []
  })
}

/** The fittings that were chosen at a node by their names. */
function chosenAt({ fitting }: Node): string[] {
  if (fitting?.by === 'chain') return fitting.fittings
  return fitting ? [fitting.name, ...Object.values(fitting.arms ?? {}).flatMap((arm) => arm.fittings)] : []
}

/** What was measured in the hand is made, and what is no fitting of the catalogue is not judged. */
const isKnownToBeMade = (catalogue: Catalogue, id: string): boolean => {
  const named = fittingNamed(id)
  return !named || isMade(named) || catalogue.ownFitting(id, named.kind === 'tee' ? 'run' : 'either') !== null
}

export const oneBody = checkRule({
  meta: {
    id: 'one-body',
    statement:
      'Only fittings that somebody makes: none of two size families in one body, no valve or union of two sizes.',
    why: 'Metric and inch, or BSP and NPT, start in each other and never seal; what nobody makes cannot be bought.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      families: sentence(
        { kind: 'coupling', one: 'metric', other: 'copper tube size' },
        ({ kind, one, other }) =>
          `no ${kind} is made with ${one} and ${other} in one body: join them by threads, BSP to NPT in one brass adapter, or choose the fittings here`,
      ),
      threads: sentence(
        { kind: 'coupling', one: 'BSP', other: 'NPT' },
        ({ kind, one, other }) =>
          `no ${kind} is made with ${one} and ${other}: put a brass thread adapter between the two`,
      ),
      sizes: sentence(
        { kind: 'valve', one: '22', other: '15' },
        ({ kind, one, other }) => `no ${kind} is made ${one} × ${other}: reduce the pipe beside it`,
      ),
      kind: sentence(
        { kind: 'union', one: '22 compression' },
        ({ kind, one }) => `no ${one} ${kind} is made: put another fitting here`,
      ),
      unmade: sentence(
        { fitting: '22 press × 16 multilayer press adapter' },
        ({ fitting }) =>
          `nobody is known to make the ${fitting} chosen here: choose another, or measure the one in your hand`,
      ),
      branch: sentence(
        { sizes: '28 × 12' },
        ({ sizes }) => `no tee is made ${sizes}: take one with a larger branch, and reduce the pipe beside it`,
      ),
    },
  },
  check: (subject, { refuse, caution }) => {
    const { system, arms } = subject.layout
    return system.nodes.flatMap((node) => {
      if (node.kind === 'bend' || !isNewFitting(node, arms.get(node.id) ?? [])) return []
      const unmade = chosenAt(node).find((id) => !isKnownToBeMade(subject.catalogue, id))
      if (unmade) return [atPlace(nodePlace(subject, node.id), caution('unmade', { fitting: unmade }))]
      if (chainChosen(node) || namedFittingAt(node)) return []
      const [first, ...others] = socketsAt(subject, node)
      if (!first) return []
      const kind = nodeWord(node.kind)
      const place = nodePlace(subject, node.id)
      const odd = others.find((socket) => familyOf(socket) !== familyOf(first))
      if (odd) {
        const message = methods[first.method].threaded && methods[odd.method].threaded ? 'threads' : 'families'
        return [atPlace(place, refuse(message, { kind, one: familyOf(first), other: familyOf(odd) }))]
      }
      if (shapeFitting(subject.catalogue, subject.layout, node) !== null) return []
      if (node.kind === 'tee')
        return [atPlace(place, refuse('branch', { sizes: teeSizes(subject.catalogue, subject.layout, node) }))]
      const unlike = others.find(({ size }) => size !== first.size)
      return [
        atPlace(
          place,
          unlike
            ? refuse('sizes', { kind, one: first.size, other: unlike.size })
            : refuse('kind', { kind, one: first.label }),
        ),
      ]
    })
  },
})
