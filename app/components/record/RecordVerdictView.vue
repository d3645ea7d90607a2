<script setup lang="ts">
import type { RecordVerdict } from '~/saving/verify-record'

/** What a record file was found to be. @param own the key of this workshop; null where it could not be asked for */
const props = defineProps<{ name: string; verdict: RecordVerdict; own: string | null }>()
const when = useWhen()
const said = {
  signed: { text: 'As it was handed over', icon: 'i-lucide-circle-check', class: 'text-(--ui-success)' },
  unsigned: { text: 'Not changed; not signed', icon: 'i-lucide-circle-check', class: 'text-(--ui-warning)' },
  changed: { text: 'Changed since it was sealed', icon: 'i-lucide-octagon-x', class: 'text-(--ui-error)' },
  'signature wrong': {
    text: 'Not signed by the key that it names',
    icon: 'i-lucide-octagon-x',
    class: 'text-(--ui-error)',
  },
  'no seal': { text: 'Never handed over: it has no seal', icon: 'i-lucide-circle-help', class: 'text-(--ui-warning)' },
  'no record': { text: 'Not a record', icon: 'i-lucide-octagon-x', class: 'text-(--ui-error)' },
} as const
const head = computed(() => said[props.verdict.outcome])
</script>

<template>
  <section class="space-y-3" aria-label="What it is" aria-live="polite" data-record-verdict>
    <p class="flex items-center gap-2 font-label text-3xl font-semibold" :class="head.class">
      <UIcon :name="head.icon" class="size-8 shrink-0" />{{ head.text }}
    </p>
    <p class="break-words">
      {{ name }}<template v-if="'title' in verdict">: {{ verdict.title }}</template>
    </p>
    <ul v-if="verdict.outcome === 'no record'" class="border-l-4 border-(--ui-error) pl-3">
      <li v-for="{ field, problem } in verdict.problems.slice(0, 10)" :key="field">
        <strong>{{ field }}: </strong>{{ problem }}
      </li>
    </ul>
    <dl v-if="'words' in verdict" class="ruled border-y border-(--ui-border)">
      <div class="py-2">
        <dt class="label">Its seal, as on the paper</dt>
        <dd class="font-label text-2xl font-semibold">{{ verdict.words }}</dd>
        <dd class="text-sm break-all text-muted">{{ verdict.seal.sha256 }}</dd>
      </div>
      <div class="py-2">
        <dt class="label">Signed by the key</dt>
        <dd v-if="verdict.keyWords" class="font-label text-2xl font-semibold">{{ verdict.keyWords }}</dd>
        <dd v-if="!verdict.keyWords">none: a seal of old says that nothing was changed, not who made it</dd>
        <dd v-else-if="verdict.outcome !== 'signed'">the signature does not hold</dd>
        <dd v-else-if="verdict.seal.key === own">the key of this workshop</dd>
        <dd v-else>not the key of this workshop: ask who handed it over whether it is theirs</dd>
      </div>
      <div class="py-2">
        <dt class="label">Sealed</dt>
        <dd>{{ when(verdict.seal.sealedAt) }}, {{ verdict.seal.entries }} entries of the log</dd>
      </div>
    </dl>
  </section>
</template>
