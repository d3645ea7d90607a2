<script setup lang="ts">
import { fixtureNamed, fixturesIn } from '~~/core/catalogue/fixture'
import type { KeptFixture } from '~~/core/catalogue/own-fixture'
import { endsBeside, stretchFixture } from '~~/core/edit/legs/stretch-fixture'
import { describeAnew, leadTo } from '~~/core/edit/lead-to'
import { distance } from '~~/core/quantity/vector'
import type { FixtureAt, Node } from '~~/core/job/job'
import { useCatalogueStore } from '~/stores/catalogue'
import { useWorkshopStore } from '~/stores/workshop'

/** What an outlet leads to: a fixture's end, straight or by a hose; the fitting that meets it is chosen with it. */
const props = defineProps<{ run: string; node: Node; hasFloor: boolean }>()
const emit = defineEmits<{ height: [mm: number] }>()
const { job, change } = useOpenJob()
const { problem, attempt } = useRouteEdit()
const own = useCatalogueStore()
const workshop = useWorkshopStore()
const { length, trade } = useWords()
const none = 'nothing yet'
const other = 'something else'

/** Those of one's own: as this job has them, and others that were described in other jobs. */
const described = computed((): readonly KeptFixture[] => {
  const here = job.value.fixtures ?? []
  const elsewhere = Object.entries(workshop.workshop.fixtures ?? {}).map(([id, of]) => ({ ...of, id }))
  return [...here, ...elsewhere.filter(({ id }) => !here.some((of) => of.id === id))]
})
interface EndItem {
  readonly value: string
  readonly label: string
  readonly to: Omit<FixtureAt, 'id'>
  readonly described?: KeptFixture
}
const made = computed(() => props.node.fixture?.made ?? job.value.units)
const endLabel = (name: string, end: string, isOnly: boolean) => trade(isOnly ? name : `${name}, ${end}`)
const ends = computed((): readonly EndItem[] => [
  ...fixturesIn(made.value).flatMap(({ id: kind, name, ends: all }) =>
    all.map(({ id: end, name: called }) => ({
      value: `${kind}/${end}`,
      label: endLabel(name, called, all.length === 1),
      to: { kind, made: made.value, end },
    })),
  ),
  ...described.value.flatMap((of) =>
    of.ends.map(({ id: end, name: called }) => ({
      value: `own/${of.id}/${end}`,
      label: endLabel(of.name, called, of.ends.length === 1),
      to: { kind: 'own' as const, made: made.value, end },
      described: of,
    })),
  ),
])
const items = computed(() => [
  { value: none, label: none },
  ...ends.value,
  { value: other, label: 'something else: describe it' },
])
const at = computed(() => props.node.fixture)
const chosen = computed(() => {
  if (!at.value) return none
  const { kind, id, end } = at.value
  return kind === 'own' ? `own/${id}/${end}` : `${kind}/${end}`
})
const fixture = computed(() => at.value && fixtureNamed(at.value, job.value.fixtures ?? []))
const ownNow = computed(() =>
  at.value?.kind === 'own' ? job.value.fixtures?.find(({ id }) => id === at.value!.id) : undefined,
)
/** How far its two ends stand apart, where it has two beside each other and the drawing knows it of both. */
const apart = computed(() => {
  const between = at.value && endsBeside(job.value, props.node.id)?.between
  return between ? distance(between, [0, 0, 0]) : undefined
})
const apartLimits = { min: 1, max: 5000 }
const stretch = (mm: number | undefined) => {
  if (mm !== undefined) attempt((of) => stretchFixture(of, { run: props.run, node: props.node.id }, mm))
}
/** What is being described: a new one, or the one that stands here. */
const describing = ref<'new' | 'this' | null>(null)

const lead = (to: Omit<FixtureAt, 'id'> | null, of?: KeptFixture) =>
  change(leadTo(own.catalogue, job.value, { run: props.run, node: props.node.id, to, described: of }))
function choose(value: string): void {
  describing.value = value === other ? 'new' : null
  const item = ends.value.find((of) => of.value === value)
  if (value !== other) lead(item?.to ?? null, item?.described)
}
function byHose(on: boolean): void {
  const { id: _id, hose: _hose, ...to } = at.value!
  lead({ ...to, ...(on ? { hose: true } : {}) }, ownNow.value)
}
/** It is kept in the job, and for the next one. */
function save(of: KeptFixture): void {
  if (describing.value === 'this') change(describeAnew(own.catalogue, job.value, of))
  else lead({ kind: 'own', made: made.value, end: of.ends[0]!.id }, of)
  const { id, ...said } = of
  workshop.set(['fixtures', id], said)
  describing.value = null
}
</script>

<template>
  <div class="space-y-2">
    <Choice
      label="It leads to"
      :items="items"
      :model-value="describing === 'new' ? other : chosen"
      @update:model-value="choose"
    />
    <LazyOwnFixtureForm
      v-if="describing"
      :fixture="describing === 'this' ? ownNow : undefined"
      @save="save"
      @cancel="describing = null"
    />
    <template v-else-if="node.fixture">
      <CheckBox label="By a hose" :model-value="node.fixture.hose ?? false" @update:model-value="byHose" />
      <LengthField
        v-if="apart !== undefined"
        label="Its two ends are apart, as measured"
        :of="node.id"
        :limits="apartLimits"
        :model-value="apart"
        @update:model-value="stretch"
      />
      <p v-if="problem" role="alert" class="text-(--ui-error)">{{ problem }}</p>
      <p v-if="fixture?.height" class="text-sm text-muted">
        Usually {{ length(fixture.height) }} over the finished floor. The fixture’s own sheet comes first.
      </p>
      <PushButton
        v-if="fixture?.height && hasFloor"
        variant="outline"
        :label="`Put it at ${length(fixture.height)} over the floor`"
        @click="emit('height', fixture.height)"
      />
      <PushButton
        v-if="ownNow"
        variant="link"
        color="neutral"
        class="px-0"
        label="Change what it is"
        @click="describing = 'this'"
      />
      <PushButton
        v-if="ownNow && workshop.workshop.fixtures?.[ownNow.id]"
        variant="link"
        color="neutral"
        class="px-0"
        label="Leave it out of other jobs"
        @click="workshop.remove('fixtures', ownNow.id)"
      />
    </template>
  </div>
</template>
