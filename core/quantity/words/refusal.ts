import { messagesOf, tellBy, type Sentences, type Told, type Vocabulary } from './sentence'
import type { Message } from './message'
import { speakerFor } from './speaker'
import type { Speaker } from './speaks'

/**
 * An input or an edit that cannot be, with what would be accepted: a message, so that whoever shows it writes it in the
 * reader's units. Its `message` says the same in metric, for logs.
 */
export class Refusal extends RangeError {
  constructor(
    readonly of: Vocabulary,
    readonly said: Message,
  ) {
    super(tellBy(of, said, speakerFor('metric')))
    this.name = 'Refusal'
  }

  tell(say: Speaker): string {
    return tellBy(this.of, this.said, say)
  }
}

/**
 * A topic's refusals.
 *
 * @remarks for instance: throw refuse('short', { has: 40 })
 */
export function refusalsOf<S extends Sentences>(vocabulary: Vocabulary<S>) {
  const say = messagesOf(vocabulary)
  return <K extends keyof S & string>(message: K, ...told: Told<S[K]>): Refusal =>
    new Refusal(vocabulary, say(message, ...told))
}

/** What went wrong, in words: a refusal's own, or what any other error says. */
export const problemText = (error: unknown, say: Speaker): string =>
  error instanceof Refusal ? error.tell(say) : error instanceof Error ? error.message : 'it did not work'
