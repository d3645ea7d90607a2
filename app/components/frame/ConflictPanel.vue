<script setup lang="ts">
import { clashWords } from '~~/core/edit/clash-words'
import { clashKey, type Clash } from '~~/core/edit/merge'
import type { Job } from '~~/core/job/job'
import type { Stored } from '~/sync/job/job-transport'
import { useCatalogueStore } from '~/stores/catalogue'

/** What was changed here and elsewhere too, each in its own way: place by place, and the choice between them. */
const props = defineProps<{ mine: Job; theirs: Stored; clashes: readonly Clash[]; unsound: boolean }>()
const emit = defineEmits<{ settle: [yielded: ReadonlySet<string>]; choose: [which: 'mine' | 'theirs' | 'copy'] }>()
const own = useCatalogueStore()
const { say } = useWords()
const yielded = ref<ReadonlySet<string>>(new Set())
const rows = computed(() =>
  props.clashes.map((clash) => ({
    key: clashKey(clash),
    ...clashWords(own.catalogue, say.value, [props.mine, props.theirs.job], clash),
  })),
)
/** The two touch nothing in common and still do not go together: a leg here, say, from a fitting that is gone there. */
const isWhole = computed(() => props.unsound || props.clashes.length === 0)

function choose(key: string, which: 'mine' | 'theirs'): void {
  const others = [...yielded.value].filter((other) => other !== key)
  yielded.value = new Set(which === 'theirs' ? [...others, key] : others)
}
</script>

<template>
  <section role="alert" class="border-y-2 border-(--ui-warning) bg-(--ui-bg-muted) p-4" data-conflict>
    <h2 class="heading">Someone else changed this job</h2>
    <p v-if="isWhole" class="mb-3">
      The two sets of changes do not fit together. Nothing is lost: choose one; Undo brings the other back.
    </p>
    <template v-else>
      <p class="mb-3">
        Everything else was merged; choose for {{ rows.length === 1 ? 'this place' : 'these places' }}; Undo brings the
        other back.
      </p>
      <ul class="ruled border-y border-(--ui-border)">
        <li v-for="row in rows" :key="row.key" class="grid items-center gap-2 py-2 sm:grid-cols-[14rem_1fr_1fr]">
          <span class="block font-semibold first-letter:uppercase">{{ row.place }}</span>
          <PushButton
            v-for="which in ['mine', 'theirs'] as const"
            :key="which"
            :variant="yielded.has(row.key) === (which === 'theirs') ? 'solid' : 'outline'"
            :color="yielded.has(row.key) === (which === 'theirs') ? 'primary' : 'neutral'"
            :aria-pressed="yielded.has(row.key) === (which === 'theirs')"
            class="justify-start"
            @click="choose(row.key, which)"
          >
            <span class="min-w-0 text-left break-words">
              {{ which === 'mine' ? 'Here' : 'Elsewhere' }}:
              <strong v-if="which === 'mine'" data-mine>{{ row.mine }}</strong>
              <strong v-else data-theirs>{{ row.theirs }}</strong>
            </span>
          </PushButton>
        </li>
      </ul>
    </template>
    <div class="mt-3 flex flex-wrap gap-3">
      <PushButton
        v-if="!isWhole"
        label="Keep these choices"
        color="primary"
        variant="solid"
        @click="emit('settle', yielded)"
      />
      <template v-else>
        <PushButton label="Keep what is here" color="primary" variant="solid" @click="emit('choose', 'mine')" />
        <PushButton label="Use theirs" variant="outline" color="neutral" @click="emit('choose', 'theirs')" />
      </template>
      <PushButton label="Keep mine as a copy" variant="outline" color="neutral" @click="emit('choose', 'copy')" />
    </div>
  </section>
</template>
