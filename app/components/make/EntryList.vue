<script setup lang="ts">
import type { Entry } from '~~/core/log/entry'
import { kindOf } from '~~/core/log/kinds'
import { useLogStore } from '~/stores/log'

/** What was written down, the newest first. What is wrong is never taken away: it is said that it does not count, and why. */
const log = useLogStore()
const { plan } = useOpenJob()
const shown = ref(12)
const wrong = ref('')
const why = ref('')
const isNamed = computed(() => log.who.trim() !== '')
const numbers = computed(() => new Map(plan.value.joints.map(({ id, number }) => [id, number])))
const withdrawn = computed(
  () => new Map(log.entries.flatMap((entry) => (entry.replaces ? [[entry.replaces, entry] as const] : []))),
)
const entries = computed(() =>
  log.entries.filter(({ kind }) => kind !== 'correction').toSorted((a, b) => (a.at < b.at ? 1 : -1)),
)
const when = useWhen()
function about({ kind, subject, body }: Entry): string {
  const joint = subject.joint === undefined ? '' : `, joint ${numbers.value.get(subject.joint) ?? 'planned no more'}`
  const said = body.text ?? body.where ?? body.label ?? ''
  return `${kindOf(kind)?.meta.name ?? kind}${joint}${typeof said === 'string' && said ? `: ${said}` : ''}`
}
function withdraw(): void {
  log.write(
    { kind: 'correction', subject: {}, body: { withdrawn: true }, replaces: wrong.value, why: why.value.trim() },
    'a correction',
  )
  wrong.value = why.value = ''
}
</script>

<template>
  <section class="no-print space-y-2" aria-label="Log">
    <h2 class="heading">Log</h2>
    <p v-if="entries.length === 0" class="text-muted">Nothing yet: mark joints as made under Make.</p>
    <ul class="ruled border-y border-(--ui-border)">
      <li v-for="entry in entries.slice(0, shown)" :key="entry.id" class="py-1">
        <div class="flex flex-wrap items-center gap-x-3">
          <span class="min-w-0 flex-1 basis-56" :class="withdrawn.has(entry.id) ? 'line-through' : ''">
            {{ about(entry) }}
          </span>
          <span class="text-sm text-muted">{{ entry.by }}, {{ when(entry.at) }}</span>
          <PushButton
            v-if="!withdrawn.has(entry.id)"
            variant="ghost"
            label="Strike out"
            :aria-label="`Strike out: ${about(entry)}`"
            @click="wrong = wrong === entry.id ? '' : entry.id"
          />
        </div>
        <p v-if="withdrawn.has(entry.id)" class="text-sm">
          Struck out, {{ withdrawn.get(entry.id)!.by }}: {{ withdrawn.get(entry.id)!.why }}
        </p>
        <form v-else-if="wrong === entry.id" class="flex flex-wrap items-end gap-2" @submit.prevent="withdraw">
          <TextField v-model="why" label="Why" class="min-w-48 flex-1" :maxlength="500" />
          <PushButton type="submit" :disabled="!isNamed || why.trim() === ''" label="Strike out" />
          <WhyNot :wants="!isNamed ? 'Type your name first.' : why.trim() === '' ? 'Type why.' : ''" />
        </form>
      </li>
    </ul>
    <PushButton v-if="entries.length > shown" variant="ghost" label="Earlier entries" @click="shown += 30" />
  </section>
</template>
