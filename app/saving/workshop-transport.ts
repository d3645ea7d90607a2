import type { Workshop, WorkshopChange } from '~~/core/job/workshop'
import type { Queued, SendAnswer } from './change-queue'

export type PendingChange = WorkshopChange & Queued

/** The workshop as the server has it; null while it does not answer. */
export async function loadWorkshop(): Promise<Workshop | null> {
  const response = await fetch('/api/workshop').catch(() => null)
  return response?.ok ? ((await response.json()) as Workshop) : null
}

export async function sendChanges(changes: readonly PendingChange[]): Promise<SendAnswer<Workshop>> {
  const response = await fetch('/api/workshop', {
    method: 'PATCH',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ changes: changes.map(({ path, value }) => ({ path, value })) }),
  }).catch(() => null)
  if (!response || response.status >= 500) return { outcome: 'away' }
  const answer: unknown = await response.json()
  return response.ok
    ? { outcome: 'saved', saved: answer as Workshop }
    : { outcome: 'refused', message: (answer as { message: string }).message }
}
