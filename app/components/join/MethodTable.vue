<script setup lang="ts">
import { methods } from '~~/core/methods'
import type { MethodId } from '~~/core/methods/ids'
import type { Verdict } from '~~/core/join/verdict'

/** Every method for one pipe with its verdict; each opens to its reasons. */
const props = defineProps<{
  verdicts: readonly Verdict[]
  chosen: MethodId | undefined
  usable?: ReadonlySet<MethodId>
}>()
const emit = defineEmits<{ choose: [method: MethodId] }>()
const { tell } = useWords()
const { methodName, methodTool } = useMethods()
const order = { fits: 0, caution: 1, refuse: 2 } as const
const sorted = computed(() => [...props.verdicts].sort((a, b) => order[a.verdict] - order[b.verdict]))
function worst({ reasons, verdict }: Verdict): string {
  const found = reasons.find((reason) => reason.verdict === verdict)
  return found ? tell(found) : ''
}
</script>

<template>
  <ul class="ruled border-y border-(--ui-border)">
    <li v-for="row in sorted" :key="row.method" class="flex items-start gap-2 py-1">
      <details class="min-w-0 flex-1">
        <summary class="opens flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
          <span class="w-40 font-label text-lg font-semibold">{{ methodName(row.method) }}</span>
          <span class="w-24"><VerdictMark :verdict="row.verdict" /></span>
          <span class="min-w-0 flex-1 basis-40 text-sm">{{ worst(row) }}</span>
        </summary>
        <div class="pb-2 pl-4">
          <ReasonList :reasons="row.reasons" />
          <p class="mt-1 text-sm text-muted">
            About {{ methods[row.method].minutes }} minutes a joint (typical) · {{ methodTool(row.method) }} ·
            {{ methods[row.method].hot ? 'flame' : 'no flame' }} ·
            {{ methods[row.method].demountable ? 'comes apart again' : 'does not come apart' }}
          </p>
        </div>
      </details>
      <!-- Beside what opens, never over it: the whole row of a summary is pressed. -->
      <PushButton
        v-if="usable?.has(row.method) && row.verdict !== 'refuse'"
        :label="row.method === chosen ? 'In use' : 'Use'"
        :color="row.method === chosen ? 'success' : 'neutral'"
        :variant="row.method === chosen ? 'solid' : 'outline'"
        :aria-label="`Use ${methodName(row.method)}`"
        @click="emit('choose', row.method)"
      />
    </li>
  </ul>
</template>
