import { findRecord } from '../../database/records'
import { apiHandler } from '../../http/api-handler'
import { notFound } from '../../http/refusal'

/** A record as it was handed over: with its seal, to be verified by whoever has it. */
export default apiHandler(async (event) => {
  const document = await findRecord(getRouterParam(event, 'sha') ?? '')
  if (document === null) throw notFound('such record')
  setHeader(event, 'Content-Type', 'application/json; charset=utf-8')
  return document
})
