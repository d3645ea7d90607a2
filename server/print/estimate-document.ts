import type { Content, TableCell, TDocumentDefinitions } from 'pdfmake/interfaces'
import { usualCelsius } from '~~/core/day/time-of-job'
import { timesOfJob } from '~~/core/day/time-of-visits'
import { hasExamplePrices, jobEstimate, type JobKnown } from '~~/core/estimate/job-estimate'
import { aboutMoney, currencyOf, estimateLines, whatIsDone, notInSum } from '~~/core/estimate/estimate-words'
import { exactly, type Range } from '~~/core/estimate/range'
import { speakerIn } from '~~/core/speech'
import { costsOf, ratesOf } from '~~/core/workshop/workshop'
import { drawingsOf, type Drawn } from './drawings'

const heading = (text: string): Content => ({ text, bold: true, fontSize: 13, margin: [0, 12, 0, 4] })

/** The visits that were agreed, each with its day. */
const visitLines = ({ job }: Drawn): string[] =>
  (job.visits ?? []).map(({ on, at, what }) => [on, at, what].filter(Boolean).join(', '))

/** The estimate for the customer: what it comes to, what is done for it, and the picture. */
export function estimateDocument(drawn: Drawn, known: JobKnown): TDocumentDefinitions {
  const { job, plan, catalogue } = drawn
  const say = speakerIn(job.units)
  const { workshop, minutes } = known
  const timed = { costs: costsOf(workshop), rates: ratesOf(workshop), celsius: usualCelsius, minutes }
  const currency = currencyOf(known.workshop, job.units)
  const work = timesOfJob(catalogue, job, plan, timed) ?? undefined
  const answer = jobEstimate(catalogue, job, plan, { ...known, work })
  const row = (word: string, amount: Range, bold = false): TableCell[] => [
    { text: word, bold },
    { text: aboutMoney(amount, currency), bold, alignment: 'right' },
  ]
  const visits = visitLines(drawn)
  const total = (text: string, amount: number): Content => ({
    stack: [text, { text: aboutMoney(exactly(amount), currency), bold: true, fontSize: 24 }],
  })
  return {
    info: { title: `${job.title}: estimate`, creator: 'Jolvet' },
    pageSize: job.units === 'metric' ? 'A4' : 'LETTER',
    pageMargins: [40, 40, 40, 40],
    content: [
      { text: job.title, bold: true, fontSize: 20 },
      ...(job.address ? [{ text: job.address, fontSize: 12 }] : []),
      { text: 'Estimate, not an offer', margin: [0, 4, 0, 10] },
      { columns: [total('From, with tax', answer.total.low), total('Up to, with tax', answer.total.high)] },
      {
        margin: [0, 12, 0, 0],
        layout: 'lightHorizontalLines',
        table: {
          widths: ['*', 150],
          body: [
            ...estimateLines(answer, say).map(([word, amount]) => row(word, amount)),
            row('Tax', answer.tax),
            row('In all', answer.total, true),
          ],
        },
      },
      ...(hasExamplePrices(known.workshop)
        ? [{ text: 'These are example prices: the workshop has not set its own.', margin: [0, 6, 0, 0] } as Content]
        : []),
      ...(notInSum(answer, say) ? [{ text: notInSum(answer, say), margin: [0, 6, 0, 0] } as Content] : []),
      ...(visits.length > 0 ? [heading('Visits'), { ul: visits } as Content] : []),
      heading('What is done'),
      whatIsDone(job, plan, say),
      ...drawingsOf(drawn, new Map()),
      {
        text: 'What cannot be seen yet, behind walls and under floors, is not in it. Local code and a licensed person come before all that is said here.',
        fontSize: 8,
        margin: [0, 14, 0, 0],
      },
    ],
  }
}
