import type { H3Event } from 'h3'
import type { FieldProblem } from '~~/core/quantity/words/field-problem'
import { readSiteTexts, type SiteTexts } from '../database/site'
import type { OfText } from '../work/tasks'
import { notFound, unreadable } from './refusal'

/** The job that is asked for, the figures of one's own, and all that was written down, as texts. */
export async function readSite(event: H3Event): Promise<SiteTexts> {
  const site = await readSiteTexts(getRouterParam(event, 'id') ?? '')
  if (!site) throw notFound('such job')
  return site
}

/** What a thread answered of a job; where the job cannot be read, it is refused with its text. */
export function answerOf<Answer>({ id, version, title, document }: SiteTexts, told: OfText<Answer>): Answer {
  if ('answer' in told) return told.answer
  const fields: readonly FieldProblem[] = told.fields
  throw unreadable({ id, version, title, unreadable: fields, text: document })
}

/** An answer that is JSON already. */
export function jsonText(event: H3Event, text: string): string {
  setHeader(event, 'Content-Type', 'application/json')
  return text
}
