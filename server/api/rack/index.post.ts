import { bookingSchema } from '~~/core/cut/rack'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { fieldProblems } from '~~/core/job/read-job'
import { bookOffcuts, offcutsOnRack } from '../../database/rack'
import { answering } from '../../http/answering'
import { readJson } from '../../http/body'
import { invalid, notFound, refusal } from '../../http/refusal'

/** Books offcuts out of the rack and into it; 409 names those that somebody else has taken. */
export default answering(async (event) => {
  const body = bookingSchema.safeParse(await readJson(event))
  if (!body.success) throw invalid(fieldProblems(body.error))
  const unknown = body.data.leaves.flatMap(({ pipe }, index) =>
    shippedCatalogue.pipe(pipe)
      ? []
      : [{ field: `leaves.${index}.pipe`, problem: `no pipe “${pipe}” in the catalogue` }],
  )
  if (unknown.length > 0) throw invalid(unknown)
  const booked = await bookOffcuts(body.data)
  if (booked.outcome === 'no-job') throw notFound('such job')
  if (booked.outcome === 'gone') {
    throw refusal(409, {
      error: 'conflict',
      message: `No longer on the rack: offcut ${booked.offcuts.join(', ')}. Nothing was booked; lay the pieces anew.`,
      fields: booked.offcuts.map((id) => ({ field: 'takes', problem: `offcut ${id} is taken` })),
    })
  }
  setResponseStatus(event, 201)
  return offcutsOnRack()
})
