import { profiles, type OwnProfile, type ProfileId } from '~~/core/workshop/profile'
import type { Settings } from '~~/core/workshop/setting'
import { useWorkshopStore } from '~/stores/workshop'

/** A profile as a job or a question of the bench holds it: a shipped one, and what one's own changes in it. */
export interface HeldProfile {
  readonly profile: ProfileId
  readonly own?: { readonly name: string; readonly changes: Partial<Settings> }
}

const asHeld = 'as held'

/** The profiles that can be chosen: those that ship, the workshop's own, and the one held where it differs from both. */
export function useProfileChoice(held: () => HeldProfile) {
  const store = useWorkshopStore()
  const isSame = ({ name, base, changes }: OwnProfile) =>
    base === held().profile &&
    name === held().own?.name &&
    JSON.stringify(changes) === JSON.stringify(held().own?.changes)
  const current = computed(() => {
    if (!held().own) return held().profile
    const same = Object.entries(store.workshop.profiles).find(([, own]) => isSame(own))
    return same ? `own:${same[0]}` : asHeld
  })
  const items = computed(() => [
    ...Object.values(profiles).map(({ id, name }) => ({ value: id as string, label: name })),
    ...Object.entries(store.workshop.profiles).map(([id, { name }]) => ({ value: `own:${id}`, label: name })),
    ...(current.value === asHeld ? [{ value: asHeld, label: `${held().own?.name} (as kept here)` }] : []),
  ])

  /** What is held after a choice; null when nothing changes. */
  function choose(value: string): HeldProfile | null {
    if (value === asHeld) return null
    if (!value.startsWith('own:')) return { profile: value as ProfileId, own: undefined }
    const own = store.workshop.profiles[value.slice(4)]
    return own ? { profile: own.base, own: { name: own.name, changes: own.changes } } : null
  }

  return { items, current, choose }
}
