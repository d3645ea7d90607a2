<script setup lang="ts">
import { changedSettings, profiles, profileWith, type OwnProfile } from '~~/core/job/profile'
import { settingIds, type SettingId } from '~~/core/job/setting'
import { useWorkshopStore } from '~/stores/workshop'

/** A profile of one's own: its name, its settings, and what of them differs from the one that it was copied from. */
const props = defineProps<{ id: string; profile: OwnProfile }>()
const store = useWorkshopStore()
const held = computed(() => profileWith(props.profile.base, props.profile.changes))
const changed = computed(() => new Set(changedSettings(props.profile)))
const set = (setting: SettingId, value: string | number | null) =>
  store.set(['profiles', props.id, 'changes', setting], value)
const name = ref(props.profile.name)
</script>

<template>
  <section :aria-label="`Profile ${profile.name}`" class="space-y-3">
    <div class="flex flex-wrap items-end gap-3">
      <div>
        <label :for="`name-${id}`" class="field-label">Name</label>
        <input
          :id="`name-${id}`"
          v-model="name"
          maxlength="60"
          class="field"
          @change="store.set(['profiles', id, 'name'], name)"
        />
      </div>
      <p class="flex-1 basis-60 pb-2">
        Copied from <strong>{{ profiles[profile.base].name }}</strong>, {{ changed.size }}
        {{ changed.size === 1 ? 'setting' : 'settings' }} changed.
      </p>
      <button type="button" class="key quiet" @click="store.set(['profiles', id], null)">
        <UIcon name="i-lucide-trash-2" class="size-5" />Remove
      </button>
    </div>
    <p v-if="store.problem" role="alert" class="text-(--ui-error)">{{ store.problem }}</p>
    <div class="grid gap-x-4 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
      <div
        v-for="setting in settingIds"
        :key="setting"
        class="flex flex-col justify-end border-l-4 pl-2"
        :class="changed.has(setting) ? 'border-l-(--ui-primary)' : 'border-l-transparent'"
      >
        <SettingField :id="setting" :model-value="held[setting]" @update:model-value="(value) => set(setting, value)" />
        <button
          v-if="changed.has(setting)"
          type="button"
          class="self-start text-sm font-semibold text-(--ui-primary) underline"
          @click="set(setting, null)"
        >
          changed; back to {{ profiles[profile.base][setting] }}
        </button>
      </div>
    </div>
  </section>
</template>
