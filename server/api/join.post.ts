import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { costsOf } from '~~/core/job/workshop'
import { join, joinRequestSchema } from '~~/core/join/join'
import { fieldProblems } from '~~/core/job/read-job'
import { readWorkshop } from '../database/workshop'
import { answering } from '../http/answering'
import { readJson } from '../http/body'
import { invalid } from '../http/refusal'
import { spokenJoin } from '../http/spoken'

export default answering(async (event) => {
  const request = joinRequestSchema.safeParse(await readJson(event))
  if (!request.success) throw invalid(fieldProblems(request.error))
  const { a, b, units, ...circumstances } = request.data
  const pipes = { a: shippedCatalogue.pipe(a), b: shippedCatalogue.pipe(b) }
  const missing = (['a', 'b'] as const).filter((end) => !pipes[end])
  if (!pipes.a || !pipes.b) {
    throw invalid(
      missing.map((end) => ({ field: end, problem: `there is no pipe “${request.data[end]}” in the catalogue` })),
    )
  }
  const answer = join(shippedCatalogue, { a: pipes.a, b: pipes.b }, circumstances, costsOf(await readWorkshop()))
  return spokenJoin(answer, units)
})
