import { counterName } from '~~/core/catalogue/counter-name'
import { findFittings } from '~~/core/join/names/find-fitting'
import { endLabel } from '~~/core/catalogue/fitting'
import { shippedFittings } from '~~/core/catalogue/fittings'
import { apiHandler } from '../http/api-handler'
import { invalid } from '../http/refusal'

const longest = 120

/** The fittings that a counter's text may mean. */
export default apiHandler((event) => {
  const { name } = getQuery(event)
  if (typeof name !== 'string' || name.trim() === '' || name.length > longest)
    throw invalid([{ field: 'name', problem: `a fitting’s name of 1 to ${longest} letters, such as 22 x 15 reducer` }])
  const { named, fittings, certain, questions, problem } = findFittings(shippedFittings(), name)
  return {
    named: named && {
      ...named,
      kind: named.kinds[0] ?? null,
      ends: named.ends.map((end) => ({ ...end, method: end.methods?.length === 1 ? end.methods[0] : undefined })),
    },
    problem,
    questions,
    certain: certain?.id ?? null,
    fittings: fittings.map((fitting) => ({
      id: fitting.id,
      kind: fitting.kind,
      name: counterName(fitting),
      ends: fitting.ends.map(endLabel),
    })),
  }
})
