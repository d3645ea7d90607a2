import { vanBookingSchema } from '~~/core/van/booking-schema'
import { bookVan, NoJobToTakeFor, vanNow, VanShort } from '../../database/van'
import { apiHandler } from '../../http/api-handler'
import { readAs } from '../../http/body/body'
import { once } from '../../http/once'
import { notFound, refusal } from '../../http/refusal'

function refused(why: unknown): unknown {
  if (why instanceof NoJobToTakeFor) return notFound('such job')
  if (!(why instanceof VanShort)) return why
  const said = why.short.map(({ what, asked, there }) => `${what}: ${asked} asked for, ${there} there`)
  return refusal(409, {
    error: 'conflict',
    message: `Not in the van any more: ${said.join('; ')}. Nothing was booked.`,
    fields: why.short.map(({ index, there }) => ({ field: `rows.${index}.count`, problem: `only ${there} there` })),
  })
}

/** Books things into the van and out of it; 409 names what is no longer there. */
export default apiHandler(async (event) => {
  const booking = await readAs(event, vanBookingSchema)
  try {
    await once(event, booking, (transaction) => bookVan(transaction, booking.rows))
  } catch (error) {
    throw refused(error)
  }
  setResponseStatus(event, 201)
  return vanNow()
})
