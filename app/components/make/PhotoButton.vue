<script setup lang="ts">
import { useLogStore } from '~/stores/log'

/** A photo in one press, taken in place or chosen: made small, and kept until it is sent. */
const props = defineProps<{
  joint: string | null
  label: string
  disabled: boolean
  /** Where it was taken, of what will not be seen any more. */
  beforeCovering?: string
}>()
const log = useLogStore()
const chooser = useTemplateRef<HTMLInputElement>('chooser')
const problem = ref('')
const isBusy = ref(false)

async function take(): Promise<void> {
  const file = chooser.value?.files?.[0]
  if (!file) return
  isBusy.value = true
  problem.value = await log
    .addPhoto(
      file,
      props.joint,
      props.beforeCovering === undefined
        ? {}
        : { beforeCovering: true, ...(props.beforeCovering.trim() ? { caption: props.beforeCovering.trim() } : {}) },
    )
    .then(() => '')
    .catch((error: Error) => error.message)
  isBusy.value = false
  if (chooser.value) chooser.value.value = ''
}
</script>

<template>
  <span>
    <PushButton
      icon="i-lucide-camera"
      :label="label"
      :loading="isBusy"
      :disabled="disabled"
      @click="chooser?.click()"
    />
    <input
      ref="chooser"
      type="file"
      accept="image/*"
      capture="environment"
      class="hidden"
      :aria-label="`${label}: file`"
      @change="take"
    />
    <span v-if="problem" role="alert" class="block text-(--ui-error)">{{ problem }}</span>
  </span>
</template>
