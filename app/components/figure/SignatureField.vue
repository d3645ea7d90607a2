<script setup lang="ts">
import type SignaturePad from 'signature_pad'
import { keptStrokes, signatureField, type Signature } from '~~/core/log/signature'

/** Where somebody signs with a finger, a pen or the mouse. */
const props = defineProps<{ label: string }>()
const signature = defineModel<Signature | undefined>()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
let pad: SignaturePad | null = null

onMounted(async () => {
  const { default: Pad } = await import('signature_pad')
  const field = canvas.value
  if (!field) return
  // As many dots as the screen has; the pad draws in the page's own pixels.
  const { clientWidth, clientHeight } = field
  field.width = clientWidth * devicePixelRatio
  field.height = clientHeight * devicePixelRatio
  field.getContext('2d')?.scale(devicePixelRatio, devicePixelRatio)
  pad = new Pad(field, { minDistance: 4, penColor: getComputedStyle(field).color })
  pad.addEventListener('endStroke', () => {
    const strokes = pad!.toData().map(({ points }) => points)
    signature.value = keptStrokes(strokes, clientWidth)
  })
})
onBeforeUnmount(() => pad?.off())
function clear(): void {
  pad?.clear()
  signature.value = undefined
}
</script>

<template>
  <div>
    <p class="mb-1 text-sm font-medium">{{ props.label }}</p>
    <canvas
      ref="canvas"
      class="block w-full max-w-md touch-none border border-(--ui-border-accented) bg-(--ui-bg)"
      :style="{ aspectRatio: `${signatureField.width} / ${signatureField.height}` }"
      role="img"
      :aria-label="props.label"
    />
    <PushButton v-if="signature" variant="ghost" icon="i-lucide-eraser" label="Clear the signature" @click="clear" />
  </div>
</template>
