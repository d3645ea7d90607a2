import { fixtureEndLabel } from '../../catalogue/fixture'
import type { Node } from '../../job/job'
import { pipeIdIn } from '../../job/leg-defaults'
import { methodAt } from '../../run/method-at'
import { groupBy } from '../../quantity/group-by'
import { fixed, sentence } from '../../quantity/words/sentence'
import { lengthOf, plus } from '../../quantity/vector'
import { fixtureJointId } from '../../pipework/fittings/fixture-at'
import { fixtureEndAt, fixtureTakingPipe } from '../../run/fixture-end'
import { atPlace, checkRule, nodePlace, type SystemSubject } from '../rule'

/** The pipe of its one leg is of the size that the fixture takes, and is joined as it takes it. */
function goesStraightIn({ catalogue, layout: { system, arms } }: SystemSubject, node: Node): boolean {
  const takes = fixtureTakingPipe(node, system.fixtures)?.takes
  const [arm] = arms.get(node.id) ?? []
  const nominal = arm && catalogue.pipe(pipeIdIn(system, arm.leg))?.nominal
  return takes !== undefined && nominal === takes && methodAt(system, node, arm?.leg) === 'compression'
}

export const fixtureEnd = checkRule({
  meta: {
    id: 'fixture-end',
    statement: 'An outlet ends in what the fixture takes.',
    why: 'A thread of another size or system, or two males, leave the last joint to be thought of when the water is off.',
    basis: 'trade practice',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      choose: sentence(
        { fixture: 'wash basin', end: '1/2 M BSP' },
        ({ fixture, end }) =>
          `the ${fixture} has ${end} here, and this outlet does not take it: choose a fitting that does, or a hose`,
      ),
      unknown: fixed('it is not known what stands here: choose the fixture and its end again'),
    },
  },
  check: (subject, { caution }) => {
    const made = new Set(subject.joints.map(({ id }) => id))
    return subject.layout.system.nodes.flatMap((node) => {
      if (!node.fixture || made.has(fixtureJointId(node)) || goesStraightIn(subject, node)) return []
      const led = fixtureEndAt(node, subject.layout.system.fixtures)
      const found = led
        ? caution('choose', { fixture: led.fixture.name, end: fixtureEndLabel(led.end) })
        : caution('unknown')
      return [atPlace(nodePlace(subject, node.id), found)]
    })
  },
})

/** A fixture is moved by its play by so much, in mm; typical. */
const play = 10

export const fixtureCentres = checkRule({
  meta: {
    id: 'fixture-centres',
    statement: 'The outlets of one fixture stand as far apart as its ends.',
    why: 'Tails forced over stand under stress, and the nut cross-threads.',
    basis: 'typical',
    settings: [],
    step: 'route',
    todo: false,
    messages: {
      apart: sentence(
        { fixture: 'wash basin', apart: 180, usual: 150 },
        ({ fixture, apart, usual }, say) =>
          `the outlets for the ${fixture} are ${say.length(apart)} apart, and its ends usually ${say.length(usual)}: measure the fixture, or use hoses`,
      ),
    },
  },
  check: (subject, { caution }) => {
    const { system, places } = subject.layout
    const outlets = system.nodes.flatMap((node) => {
      const led = fixtureEndAt(node, system.fixtures)
      const at = places.get(node.id)
      return led && at && !node.fixture!.hose ? [{ node, at, ...led }] : []
    })
    return [...groupBy(outlets, ({ node }) => node.fixture!.id).values()].flatMap(([first, ...others]) =>
      others.flatMap(({ node, at, end }) => {
        const apart = lengthOf(plus(at, first!.at, -1))
        const isBeside = end.up === first!.end.up
        const measured = isBeside ? node.fixture!.apart : undefined
        const usual = measured ?? Math.hypot(end.across - first!.end.across, end.up - first!.end.up)
        if (Math.abs(apart - usual) <= play) return []
        return [atPlace(nodePlace(subject, node.id), caution('apart', { fixture: first!.fixture.name, apart, usual }))]
      }),
    )
  },
})
