/** What a message is about: figures in the core's own units, names, choices. Never a sentence. */
// eslint-disable-next-line @typescript-eslint/no-explicit-any -- each sentence knows the shape of its own values
export type Values = any

/** What is so, as data: which sentence of which rule, and its values. Words are made of it at the edge, by a speaker. */
export interface Message {
  readonly rule: string
  readonly message: string
  readonly values: Values
}
