import { bendRadius, bendVerdict, bendVerdictAnyhow } from '../../bend/limits'
import { atPlace, checkRule, nodePlace } from '../rule'
import { pipeIdIn } from '../../job/leg-defaults'

export const bendRadiusRule = checkRule({
  meta: {
    ...bendRadius,
    statement: 'Bend no tighter than material and wall allow.',
    why: 'Too tight it kinks or flattens: the kink leaks, or wears through later.',
    basis: 'typical',
    settings: [],
    step: 'cut',
    todo: false,
  },
  check(subject) {
    const { catalogue, layout } = subject
    return layout.system.nodes.flatMap((node) => {
      const leg = layout.arms.get(node.id)?.[0]?.leg
      if (node.kind !== 'bend' || node.radius === undefined || !leg) return []
      const pipe = catalogue.pipe(pipeIdIn(layout.system, leg))!
      const verdict = node.held
        ? bendVerdict(pipe, node.radius, 'spring or support')
        : bendVerdictAnyhow(pipe, node.radius)
      return verdict.verdict === 'fits' ? [] : [atPlace(nodePlace(subject, node.id), verdict)]
    })
  },
})
