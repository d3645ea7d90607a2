import { useLocalStorage } from '@vueuse/core'

export interface Asked<Question> {
  readonly label: string
  readonly ask: Question
}

/** So many come back. */
const kept = 4

/** The last questions of one tab of the bench, the newest first; kept in this browser. */
export function useAsked<Question>(tab: string) {
  const last = useLocalStorage<readonly Asked<Question>[]>(`jolvet-asked-${tab}`, [])
  function remember(asked: Asked<Question>): void {
    if (last.value[0]?.label === asked.label) return
    last.value = [asked, ...last.value.filter(({ label }) => label !== asked.label)].slice(0, kept)
  }
  return { last, remember }
}
