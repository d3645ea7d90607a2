<script setup lang="ts">
import type { Place } from '~~/core/job/place'

/** What surrounds the joint; what is not said is not assumed. */
const props = defineProps<{ place: Place }>()
const emit = defineEmits<{ change: [place: Place] }>()

const flags: readonly {
  key: 'wet' | 'concealed' | 'demountable' | 'outdoors' | 'underground' | 'barrier'
  label: string
}[] = [
  { key: 'wet', label: 'Line still wet' },
  { key: 'concealed', label: 'Closed in later' },
  { key: 'demountable', label: 'Must come apart' },
  { key: 'outdoors', label: 'Outdoors in daylight' },
  { key: 'underground', label: 'In soil' },
  { key: 'barrier', label: 'Pipe has an oxygen barrier' },
]
const hotWork = [
  { value: 'unsaid', label: 'not set' },
  { value: 'allowed', label: 'allowed' },
  { value: 'combustible-near', label: 'Combustibles nearby' },
  { value: 'forbidden', label: 'not allowed' },
]
/** The longer form is fetched and drawn when it is first asked for. */
const opened = ref(false)
const set = (change: Partial<Place>) => emit('change', { ...props.place, ...change })
const setHotWork = (value: string) => set({ hotWork: value === 'unsaid' ? undefined : (value as Place['hotWork']) })
</script>

<template>
  <fieldset class="flex flex-wrap items-end gap-x-5 gap-y-2">
    <legend class="label">The place</legend>
    <CheckBox
      v-for="{ key, label } in flags"
      :key="key"
      :model-value="place[key] ?? false"
      :label="label"
      @update:model-value="(on) => set({ [key]: on || undefined })"
    />
    <Choice
      label="Hot work"
      class="w-72"
      :items="hotWork"
      :model-value="place.hotWork ?? 'unsaid'"
      @update:model-value="setHotWork"
    />
    <details class="w-full" @toggle="opened = true">
      <summary class="opens flex min-h-11 cursor-pointer items-center font-semibold">
        More about the place and the ends
      </summary>
      <div v-if="opened" class="space-y-4 pb-2">
        <LazyPlaceDetails :place="place" @change="(next) => emit('change', next)" />
        <slot />
      </div>
    </details>
  </fieldset>
</template>
