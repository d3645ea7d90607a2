import type { Message, Values } from './message'
import type { Speaker } from './speaks'

/** A sentence: a function from its values to words, with values to show and test it by. */
export interface Sentence<V = Values> {
  readonly sample: V
  readonly text: (values: V, say: Speaker) => string
}
export type Sentences = Readonly<Record<string, Sentence>>
export type ValuesOf<S> = S extends Sentence<infer V> ? V : never

/**
 * A sentence with values.
 *
 * @remarks for instance: sentence({ short: 12 }, ({ short }, say) => `${say.length(short)} short`)
 */
export const sentence = <V>(sample: V, text: (values: V, say: Speaker) => string): Sentence<V> => ({ sample, text })

/** A sentence that never changes. */
export const fixed = (text: string): Sentence<NoValues> => ({ sample: {}, text: () => text })
export type NoValues = Readonly<Record<never, never>>

/** The arguments after a sentence's key: its values, or nothing where it has none. */
export type Told<S> =
  ValuesOf<S> extends NoValues ? (keyof ValuesOf<S> extends never ? [] : [values: ValuesOf<S>]) : [values: ValuesOf<S>]

/** A subject's sentences, by its id. */
export interface Vocabulary<S extends Sentences = Sentences> {
  readonly id: string
  readonly messages: S
}

/**
 * A function that makes a subject's messages, each with the values of its own sentence.
 *
 * @remarks for instance: const say = messagesOf({ id: 'stock', messages: { long: sentence({ mm: 1 }, …) } }); say('long', { mm: 4200 })
 */
export const messagesOf =
  <S extends Sentences>({ id }: Vocabulary<S>) =>
  <K extends keyof S & string>(message: K, ...[values]: Told<S[K]>): Message => ({
    rule: id,
    message,
    values: values ?? {},
  })

/** Words of a message by one subject's own sentences, in the reader's trade words. */
export function tellBy({ messages }: Vocabulary, { message, values }: Message, say: Speaker): string {
  return say.trade(messages[message]!.text(values, say))
}
