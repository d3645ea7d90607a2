<script setup lang="ts">
import { changedSettings, profiles, profileWith, type OwnProfile } from '~~/core/workshop/profile'
import { settingIds, type SettingId } from '~~/core/workshop/setting'
import { settingText } from '~~/core/workshop/setting-text'
import { useWorkshopStore } from '~/stores/workshop'

/** A profile of one's own: its name, its settings, and what of them differs from the one that it was copied from. */
const props = defineProps<{ id: string; profile: OwnProfile }>()
const store = useWorkshopStore()
const { say } = useWords()
const held = computed(() => profileWith(props.profile.base, props.profile.changes))
const changed = computed(() => new Set(changedSettings(props.profile)))
const set = (setting: SettingId, value: string | number | null) =>
  store.set(['profiles', props.id, 'changes', setting], value)
const name = ref(props.profile.name)
</script>

<template>
  <section :aria-label="`Profile ${profile.name}`" class="space-y-3">
    <div class="flex flex-wrap items-end gap-3">
      <TextField
        v-model="name"
        label="Name"
        :maxlength="60"
        @change="(typed) => store.set(['profiles', id, 'name'], typed)"
      />
      <p class="flex-1 basis-60 pb-2">
        Copied from <strong>{{ profiles[profile.base].name }}</strong>, {{ changed.size }}
        {{ changed.size === 1 ? 'setting' : 'settings' }} changed.
      </p>
      <RemoveButton :name="profile.name" @remove="store.remove('profiles', id)" />
    </div>
    <p v-if="store.problem" role="alert" class="text-(--ui-error)">{{ store.problem }}</p>
    <!-- The mark of a changed setting stands beside the field, in the page’s margin. -->
    <div class="-ml-3 grid gap-x-4 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
      <div
        v-for="setting in settingIds"
        :key="setting"
        class="flex flex-col justify-end border-l-4 pl-2"
        :class="changed.has(setting) ? 'border-l-(--ui-primary)' : 'border-l-transparent'"
      >
        <SettingField :id="setting" :model-value="held[setting]" @update:model-value="(value) => set(setting, value)" />
        <PushButton
          v-if="changed.has(setting)"
          variant="link"
          color="primary"
          class="self-start px-0"
          :label="`changed; back to ${settingText(setting, profiles[profile.base][setting], say)}`"
          @click="set(setting, null)"
        />
      </div>
    </div>
  </section>
</template>
