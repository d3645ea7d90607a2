<script setup lang="ts">
import { useLocalStorage } from '@vueuse/core'
import { profileWith, type ProfileId } from '~~/core/workshop/profile'
import { settings, type SettingId } from '~~/core/workshop/setting'
import { settingText } from '~~/core/workshop/setting-text'
import { checkMetas } from '~~/core/check/rules'
import { ruleMetas } from '~~/core/join/rules'
import type { HeldProfile } from '~/composables/workshop/useProfileChoice'
import { useWorkshopStore } from '~/stores/workshop'

/** Every rule as it speaks of itself, with its settings in the profile that is looked at; made from the rules. */
const store = useWorkshopStore()
const held = useLocalStorage<HeldProfile>('jolvet-bench-profile', { profile: 'metric' })
const { items, current, choose } = useProfileChoice(() => held.value)
const profile = computed(() => profileWith(held.value.profile, held.value.own?.changes))
const ownId = computed(() => (current.value.startsWith('own:') ? current.value.slice(4) : null))
const own = computed(() => (ownId.value ? store.workshop.profiles[ownId.value] : undefined))
const isChanged = (id: SettingId) => held.value.own?.changes[id] !== undefined
const { say } = useWords()
/** The rules of joints, and the checks of a plan. */
const metas = [...ruleMetas, ...checkMetas]
/** Which of one's own profiles is shown: what is changed in it holds at once. */
const looked = useLocalStorage('jolvet-bench-own-profile', '')
watch(
  () => store.workshop.profiles[looked.value],
  (now) => {
    if (now) held.value = { profile: now.base, own: { name: now.name, changes: now.changes } }
    else if (held.value.own) held.value = { profile: held.value.profile }
  },
)

function look(value: string): void {
  held.value = choose(value) ?? held.value
  looked.value = value.startsWith('own:') ? value.slice(4) : ''
}
function copy(): void {
  const taken = Object.keys(store.workshop.profiles)
  const id = `own-${Date.now().toString(36)}`
  const base: ProfileId = held.value.profile
  const label = items.value.find(({ value }) => value === current.value)?.label ?? base
  const name = `${label.replace(/, copy \d+$/, '').slice(0, 48)}, copy ${taken.length + 1}`
  if (store.set(['profiles', id], { name, base, changes: held.value.own?.changes ?? {} })) look(`own:${id}`)
}
</script>

<template>
  <div class="max-w-5xl">
    <p class="mb-3">What every verdict is based on. Local code and the fitting maker’s sheet come first.</p>
    <div class="mb-5 flex flex-wrap items-end gap-3">
      <Choice label="Rule profile" class="w-64" :items="items" :model-value="current" @update:model-value="look" />
      <PushButton @click="copy"> <UIcon name="i-lucide-copy" class="size-5" />Copy and change </PushButton>
    </div>
    <ProfileEditor v-if="ownId && own" :id="ownId" :key="ownId" :profile="own" class="mb-6" />
    <ul class="ruled border-y border-(--ui-border)" aria-label="Rules">
      <li v-for="meta in metas" :id="meta.id" :key="meta.id" class="py-2">
        <span v-for="id in meta.formerly ?? []" :id="id" :key="id" />
        <h2 class="heading">{{ say.trade(meta.statement) }}</h2>
        <p>{{ say.trade(meta.why) }}</p>
        <p class="text-sm text-muted">{{ meta.basis }}</p>
        <p v-for="id in meta.settings" :key="id" class="text-sm">
          {{ settings[id].label }}: <strong>{{ settingText(id, profile[id], say) }}</strong>
          <span v-if="isChanged(id)" class="font-semibold text-(--ui-primary)"> changed</span>
        </p>
      </li>
    </ul>
  </div>
</template>
