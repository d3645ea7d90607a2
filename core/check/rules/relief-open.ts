import { serviceIn } from '../../job/leg-defaults'
import { isRelief, serviceWords, type Service } from '../../job/place'
import { fixed, sentence } from '../../quantity/words/sentence'
import { reliefIn } from '../relief'
import { atPlace, checkRule, nodePlace } from '../rule'

export const reliefOpen = checkRule({
  meta: {
    id: 'relief-open',
    statement: 'A relief pipe comes from its valve alone, with no valve in it, and ends open with no thread.',
    why: 'A relief pipe that is shut or plugged keeps its valve from letting go, and the water heater bursts.',
    basis: 'model code',
    settings: [],
    step: 'route',
    todo: true,
    messages: {
      start: fixed('nobody said which relief valve this pipe comes from: choose it at the end where it starts'),
      joins: sentence(
        { service: 'cold' as Service },
        ({ service }) => `the relief pipe meets ${serviceWords[service]} here: nothing else goes into a relief pipe`,
      ),
      valve: fixed('a valve here can shut the relief pipe: leave it out'),
      closed: fixed('the end of the relief pipe is closed: leave it open'),
      threaded: fixed('somebody may plug what the relief pipe ends in here: end it as open pipe'),
    },
  },
  check(subject, { caution, refuse }) {
    const { system, arms } = subject.layout
    const relief = reliefIn(subject.layout)
    if (!relief) return []
    const { nodes, steps } = relief
    const place = (id: string) => nodePlace(subject, id)
    const found = nodes.flatMap(({ id, kind }) => {
      const other = arms
        .get(id)!
        .map(({ leg }) => serviceIn(system, leg))
        .find((of) => !isRelief(of))
      return [
        ...(other ? [refuse('joins', { service: other })] : []),
        ...(kind === 'valve' || kind === 'mixer' ? [refuse('valve')] : []),
        ...(kind === 'cap' ? [refuse('closed')] : []),
        ...(kind === 'outlet' && id !== steps[0]?.node ? [caution('threaded')] : []),
      ].map((of) => atPlace(place(id), of))
    })
    return steps.length > 0 ? found : [...found, atPlace(place(nodes[0]!.id), caution('start'))]
  },
})
