import { bookingSchema } from '~~/core/cut/rack'
import { shippedCatalogue } from '~~/core/catalogue/catalogue'
import { bookOffcuts, NoSuchJob, OffcutsMissing, offcutsOnRack, whyNotBooked } from '../../database/rack'
import { apiHandler } from '../../http/api-handler'
import { readAs } from '../../http/body/body'
import { once } from '../../http/once'
import { invalid, notFound, refusal } from '../../http/refusal'

function refused(why: unknown): unknown {
  if (why instanceof NoSuchJob) return notFound('such job')
  if (!(why instanceof OffcutsMissing)) return why
  return refusal(409, {
    error: 'conflict',
    message: `No longer on the rack: offcut ${why.offcuts.join(', ')}. Nothing was booked; plan the cuts again.`,
    fields: why.offcuts.map((id) => ({ field: 'takes', problem: `offcut ${id} is taken` })),
  })
}

/** Books offcuts out of the rack and into it; 409 names those that somebody else has taken. */
export default apiHandler(async (event) => {
  const booking = await readAs(event, bookingSchema)
  const unknown = booking.leaves.flatMap(({ pipe }, index) =>
    shippedCatalogue.pipe(pipe)
      ? []
      : [{ field: `leaves.${index}.pipe`, problem: `no pipe “${pipe}” in the catalogue` }],
  )
  if (unknown.length > 0) throw invalid(unknown)
  try {
    await once(event, booking, (transaction) => bookOffcuts(transaction, booking))
  } catch (error) {
    throw refused(await whyNotBooked(error, booking))
  }
  setResponseStatus(event, 201)
  return offcutsOnRack()
})
