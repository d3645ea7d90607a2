<script setup lang="ts">
import { vanKey } from '~~/core/van/van'
import { against, takenFrom, type Needed } from '~~/core/van/van-list'
import { useVanStore } from '~/stores/van'

/** What a job takes out of the van, and what of it comes back. */
const props = defineProps<{ job: string; needs: readonly Needed[] }>()
const store = useVanStore()
const van = computed(() => store.van)
const { length } = useWords()
const out = computed(() => takenFrom(against(props.needs, van.value)))
const taken = computed(() => van.value.taken.filter(({ job, count }) => job === props.job && count > 0))
const take = () =>
  store.book(out.value.map(({ item, what, mm, count }) => ({ item, what, mm, count: -count, job: props.job })))
type One = Pick<Needed, 'item' | 'what' | 'mm'>
const oneBack = ({ item, what, mm }: One) => store.book([{ item, what, mm, count: 1, job: props.job }])
const oneLeftOver = ({ item, what, mm }: One) =>
  store.book([{ item, what, mm, count: 1, job: props.job, leftOver: true }])
</script>

<template>
  <div class="space-y-1" data-van>
    <PushButton
      v-if="out.length > 0"
      class="no-print"
      variant="outline"
      color="neutral"
      icon="i-lucide-package-open"
      :label="`Take ${out.length} of ${needs.length} out of the van`"
      @click="take"
    />
    <details v-if="taken.length > 0" class="no-print">
      <summary class="min-h-11 cursor-pointer pt-2">Out for this job: {{ taken.length }}</summary>
      <ul class="ruled border-y border-(--ui-border)">
        <li v-for="of in taken" :key="vanKey(of)" class="flex min-h-13 flex-wrap items-center gap-x-3 py-1">
          <span class="min-w-0 flex-1 basis-48"
            >{{ of.count }} × {{ of.what }}<template v-if="of.mm !== null"> · {{ length(of.mm) }}</template></span
          >
          <PushButton
            variant="outline"
            color="neutral"
            label="One left over"
            :aria-label="`One left over, back in the van: ${of.what}`"
            @click="oneLeftOver(of)"
          />
          <PushButton
            variant="outline"
            color="neutral"
            label="One back for later"
            :aria-label="`One back in the van for later: ${of.what}`"
            @click="oneBack(of)"
          />
        </li>
      </ul>
    </details>
  </div>
</template>
