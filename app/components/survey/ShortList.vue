<script setup lang="ts">
import type { FitGroup } from '~~/core/survey/identify'
import { useCatalogueStore } from '~/stores/catalogue'

/** The short list, by what fits: candidates that take the same fittings are one line. */
const props = defineProps<{ groups: readonly FitGroup[]; chosen: string | undefined }>()
const emit = defineEmits<{ choose: [pipe: string] }>()
const own = useCatalogueStore()
const pipeOf = (id: string) => own.catalogue.pipe(id)
const shownGroups = 5
const shownPipes = 6
function percent(share: number): string {
  if (share > 0.995) return 'over 99 %'
  return share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`
}
/** The ends beside each other are drawn to one scale. */
const largest = computed(() =>
  Math.max(
    ...props.groups
      .slice(0, shownGroups)
      .flatMap(({ candidates }) => candidates.slice(0, shownPipes).map(({ pipe }) => pipeOf(pipe)?.od ?? 0)),
  ),
)
const opened = ({ candidates }: FitGroup) =>
  candidates.length === 1 ? candidates[0]!.label : `${candidates[0]!.label} and ${candidates.length - 1} more`
</script>

<template>
  <ol class="ruled border-y border-(--ui-border)" aria-label="What it may be">
    <li v-for="(group, index) in groups.slice(0, shownGroups)" :key="group.fits.join()" class="py-1">
      <details :open="index === 0">
        <summary class="opens min-h-11 cursor-pointer py-1">
          <span class="inline-block w-20 font-label text-xl font-semibold">{{ percent(group.probability) }}</span>
          <span class="text-sm text-muted"
            >takes {{ group.fits.join(', ') || 'no fitting for certain'
            }}<template v-if="group.doubtful.length">, with a caution {{ group.doubtful.join(', ') }}</template></span
          >
          <span class="mt-1 block h-1.5 bg-(--ui-bg-muted)" aria-hidden="true">
            <span class="block h-full bg-(--ui-primary)" :style="{ width: `${group.probability * 100}%` }" />
          </span>
          <span v-if="index > 0" class="text-sm">{{ opened(group) }}</span>
        </summary>
        <ul>
          <li
            v-for="candidate in group.candidates.slice(0, shownPipes)"
            :key="candidate.pipe"
            class="flex min-h-11 items-center gap-2"
          >
            <PipeEnd v-if="pipeOf(candidate.pipe)" :pipe="pipeOf(candidate.pipe)!" :largest="largest" />
            <span class="flex-1">{{ candidate.label }}</span>
            <PushButton
              :label="candidate.pipe === chosen ? 'Selected' : 'Use this pipe'"
              :variant="candidate.pipe === chosen ? 'solid' : 'outline'"
              :color="candidate.pipe === chosen ? 'success' : 'neutral'"
              :aria-label="`Use ${candidate.label}`"
              @click="emit('choose', candidate.pipe)"
            />
          </li>
        </ul>
        <p v-if="group.candidates.length > shownPipes" class="text-sm text-muted">
          and {{ group.candidates.length - shownPipes }} more, same fittings
        </p>
      </details>
    </li>
  </ol>
</template>
