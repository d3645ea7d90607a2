import type { FieldProblem } from '~~/core/quantity/words/field-problem'

export type Refused = {
  readonly outcome: 'refused'
  readonly message: string
  readonly fields: readonly FieldProblem[]
  /** It was not refused for what it says: the server failed on it, and may not another time. */
  readonly isSound?: boolean
}
/** What became of a command. */
export type CommandAnswer = { readonly outcome: 'done'; readonly answer: unknown } | Refused
/** Or it was not heard of, or nobody was let in, with what was said of that; or the server is there and fails on it. */
export type SendAnswer =
  | CommandAnswer
  | { readonly outcome: 'away'; readonly why?: string }
  | { readonly outcome: 'failed' }
  /** A part of it is there; what is more urgent may go before the rest. */
  | { readonly outcome: 'more' }
