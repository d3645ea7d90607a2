import type { Workshop, WorkshopChange } from '~~/core/job/workshop'
import type { SendAnswer } from './change-queue'

/** The workshop as the server has it; null while it does not answer. */
export async function loadWorkshop(): Promise<Workshop | null> {
  const response = await fetch('/api/workshop').catch(() => null)
  return response?.ok ? ((await response.json()) as Workshop) : null
}

export async function sendChanges(changes: readonly WorkshopChange[]): Promise<SendAnswer> {
  const response = await fetch('/api/workshop', {
    method: 'PATCH',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ changes }),
  }).catch(() => null)
  if (!response || response.status >= 500) return { outcome: 'away' }
  const answer: unknown = await response.json()
  return response.ok
    ? { outcome: 'saved', workshop: answer as Workshop }
    : { outcome: 'refused', message: (answer as { message: string }).message }
}
