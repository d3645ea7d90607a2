import * as z from 'zod'

const amount = (what: string) => {
  const text = `${what}: a number from 0 to 10000`
  return z.number({ error: text }).min(0, text).max(10_000, text)
}
const share = (what: string) => {
  const text = `${what}: 0 to 100 %`
  return z.number({ error: text }).min(0, text).max(100, text)
}

/** What a job is worked out by, beside its joints: prices in the workshop's currency, minutes, per cent. */
export const ratesSchema = z.object({
  metre: amount('a metre of pipe'),
  clip: amount('a clip'),
  small: amount('a ring, insert or washer'),
  pieceMinutes: amount('minutes to cut a piece'),
  clipMinutes: amount('minutes to fix a clip'),
  travel: amount('travel, a visit'),
  travelMinutes: amount('minutes from one job to the next'),
  hire: share('hire of a tool, a day, of its price'),
  hireFrom: amount('price of a tool from which it is hired'),
  margin: share('margin'),
  tax: share('tax'),
  priceSpread: share('how far prices may be out'),
  timeSpread: share('how far minutes may be out'),
})
export type Rates = z.output<typeof ratesSchema>

/** Rates as they ship: made up, to be replaced by the user's own. */
export const shippedRates: Rates = {
  metre: 6,
  clip: 0.6,
  small: 0.8,
  pieceMinutes: 3,
  clipMinutes: 2,
  travel: 25,
  travelMinutes: 20,
  hire: 8,
  hireFrom: 150,
  margin: 15,
  tax: 20,
  priceSpread: 10,
  timeSpread: 30,
}
