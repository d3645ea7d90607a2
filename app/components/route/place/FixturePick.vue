<script setup lang="ts">
import { fixturesIn, type FixtureId } from '~~/core/catalogue/fixture'
import { leadTo } from '~~/core/edit/lead-to'
import type { FixtureAt, Node } from '~~/core/job/job'
import { useCatalogueStore } from '~/stores/catalogue'

/** What an outlet leads to: a fixture's end, straight or by a hose; the fitting that meets it is chosen with it. */
const props = defineProps<{ run: string; node: Node }>()
const { job, change } = useOpenJob()
const own = useCatalogueStore()
const { length, trade } = useWords()
const none = 'nothing yet'
const fixtures = computed(() => fixturesIn(props.node.fixture?.made ?? job.value.units))
const items = computed(() => [
  { value: none, label: none },
  ...fixtures.value.flatMap(({ id, name, ends }) =>
    ends.map((end) => ({ value: `${id}/${end.id}`, label: trade(ends.length > 1 ? `${name}, ${end.name}` : name) })),
  ),
])
const chosen = computed(() => (props.node.fixture ? `${props.node.fixture.kind}/${props.node.fixture.end}` : none))
const fixture = computed(() => fixtures.value.find(({ id }) => id === props.node.fixture?.kind))
const lead = (to: Omit<FixtureAt, 'id'> | null) =>
  change(leadTo(own.catalogue, job.value, { run: props.run, node: props.node.id, to }))
function choose(value: string): void {
  const [kind, end] = value.split('/') as [FixtureId, string?]
  lead(end ? { kind, made: job.value.units, end } : null)
}
function byHose(on: boolean): void {
  const { id: _id, hose: _hose, ...to } = props.node.fixture!
  lead({ ...to, ...(on ? { hose: true } : {}) })
}
</script>

<template>
  <div class="space-y-2">
    <Choice label="It leads to" :items="items" :model-value="chosen" @update:model-value="choose" />
    <template v-if="node.fixture">
      <UCheckbox
        label="By a hose"
        :model-value="node.fixture.hose ?? false"
        @update:model-value="(on) => byHose(on === true)"
      />
      <p v-if="fixture?.height" class="text-sm text-muted">
        Usually {{ length(fixture.height) }} over the finished floor. The fixture’s own sheet comes first.
      </p>
    </template>
  </div>
</template>
