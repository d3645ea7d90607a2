/**
 * Answers questions one at a time, always the newest next: those in between are passed over.
 *
 * @param hear told each answer with its question
 */
export function newestOf<Question, Answer>(
  answer: (question: Question) => Promise<Answer>,
  hear: (question: Question, answer: Answer) => void,
): (question: Question) => void {
  let next: { readonly question: Question } | null = null
  let isBusy = false

  async function run(): Promise<void> {
    isBusy = true
    try {
      for (let asked = next; asked; asked = next) {
        next = null
        const { question } = asked
        hear(question, await answer(question))
      }
    } finally {
      isBusy = false
    }
  }

  return (question) => {
    next = { question }
    if (!isBusy) void run()
  }
}
