<script setup lang="ts">
import type { Vector } from '~~/core/quantity/vector'
import type { Axis, Job, Node } from '~~/core/job/job'
import { setNode } from '~~/core/edit/edit-run'
import { applyProposal } from '~~/core/edit/runs/apply-proposal'
import { spreadClosing, takeUpIn } from '~~/core/edit/legs/close-run'
import { placeLimits } from '~~/core/quantity/parse-length'
import type { ClosingError } from '~~/core/run/closing'
import { proposeRoutes, routeAims, type ProposedRoute, type RouteAim } from '~~/core/run/propose-route'

/** A run between fixed points: its closing error taken up or spread; and routes proposed to a point. */
const props = defineProps<{
  run: string
  closing: readonly ClosingError[]
  leg: string | undefined
  node: Node
  place: Vector | undefined
  bendRadius: number | undefined
  stockLength: number
}>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { length } = useWords()
const { namesIn } = useNames()
const open = computed(() => props.closing.find(({ x, y, z }) => x !== 0 || y !== 0 || z !== 0))
const target = ref<{ east?: number; north?: number; up?: number }>({})
const aim = ref<RouteAim>('fittings')
const aims = routeAims.map((value) => ({ value, label: `fewest ${value}` }))
const { word, capital, ways: named } = useWays()
const ways = computed(
  () =>
    [{ value: '', label: 'any way' }, ...named.value] as {
      value: Axis | ''
      label: string
    }[],
)
const leave = ref<Axis | ''>('')
const arrive = ref<Axis | ''>('')
const to = computed<Vector | null>(() => {
  const { east, north, up } = target.value
  return east === undefined || north === undefined || up === undefined ? null : [east, north, up]
})
const routes = computed(() =>
  to.value && props.place
    ? proposeRoutes(
        {
          from: props.place,
          to: to.value,
          leave: leave.value || undefined,
          arrive: arrive.value || undefined,
          leastLeg: 2 * (props.bendRadius ?? 60),
          stockLength: props.stockLength,
        },
        aim.value,
      ).slice(0, 4)
    : [],
)
const words = ({ corner, legs, fittings, bends, pieces, length: whole }: ProposedRoute) =>
  `${legs.map(({ direction }) => (typeof direction === 'string' ? direction : 'slanting')).join(', ')}: ${fittings} ${corner === 'bend' ? 'couplings' : 'elbows'}, ${bends} bends, ${pieces} ${pieces === 1 ? 'piece' : 'pieces'}, ${length(whole)}`
function draw(route: ProposedRoute): void {
  const end = to.value
  if (end)
    emit(
      'apply',
      (job) =>
        applyProposal(job, randomIds, route, { run: props.run, from: props.node.id, to: end, radius: props.bendRadius })
          .job,
    )
}
const fix = (axis: 0 | 1 | 2, mm: number | undefined) => {
  const at = [...(props.node.at ?? props.place ?? [0, 0, 0])] as [number, number, number]
  if (mm !== undefined) at[axis] = mm
  emit('apply', (job) => setNode(job, props.run, props.node.id, { at }))
}
const coordinates = computed(() => (['east', 'north', 'up'] as const).map((key) => ({ key, label: capital(key) })))
</script>

<template>
  <div class="space-y-4">
    <div v-if="open" class="space-y-2" role="group" aria-label="Closing error">
      <p class="font-label text-xl font-semibold">
        Misses its fixed end by {{ length(open.x) }} {{ word('east') }}, {{ length(open.y) }} {{ word('north') }},
        {{ length(open.z) }} up
      </p>
      <div class="flex flex-wrap gap-2">
        <PushButton :disabled="!leg" @click="emit('apply', (job) => takeUpIn(job, run, leg!))">
          Take it up in {{ leg ? namesIn(run).leg(leg) : 'a leg' }}
        </PushButton>
        <PushButton @click="emit('apply', (job) => spreadClosing(job, run))"> Spread it over all </PushButton>
        <WhyNot :wants="leg ? '' : 'To take it up in one leg, select that leg.'" />
      </div>
    </div>
    <ClosurePanel :run="run" />
    <div role="group" aria-label="Fixed point">
      <p class="text-sm">
        {{
          node.at
            ? 'This point is fixed:'
            : 'This point is not fixed. Enter where it must be, from the start of the run:'
        }}
      </p>
      <div class="grid grid-cols-3 gap-2">
        <LengthField
          v-for="({ label }, index) in coordinates"
          :key="label"
          :label="`${label}, fixed`"
          optional
          :of="node.id"
          :limits="placeLimits"
          :model-value="node.at?.[index as 0 | 1 | 2]"
          @update:model-value="(mm) => fix(index as 0 | 1 | 2, mm)"
        />
      </div>
      <PushButton
        v-if="node.at"
        class="mt-2"
        @click="emit('apply', (job) => setNode(job, run, node.id, { at: undefined }))"
      >
        Remove the fixed point
      </PushButton>
    </div>
    <div class="space-y-2" role="group" aria-label="Propose a route">
      <p class="text-sm">A route from here to a point:</p>
      <div class="grid grid-cols-3 gap-2">
        <LengthField
          v-for="{ key, label } in coordinates"
          :key="key"
          :label="`${label}, target`"
          optional
          :limits="placeLimits"
          :model-value="target[key]"
          @update:model-value="(mm) => (target = { ...target, [key]: mm })"
        />
        <Choice label="With" :items="aims" :model-value="aim" @update:model-value="(value) => (aim = value)" />
        <Choice label="Leaves" :items="ways" :model-value="leave" @update:model-value="(value) => (leave = value)" />
        <Choice
          label="Arrives going"
          :items="ways"
          :model-value="arrive"
          @update:model-value="(value) => (arrive = value)"
        />
      </div>
      <ul class="ruled" aria-label="Proposed routes">
        <li v-for="route in routes" :key="words(route)">
          <PushButton
            variant="ghost"
            class="w-full justify-start px-1 text-left whitespace-normal"
            @click="draw(route)"
          >
            <UIcon name="i-lucide-plus" class="size-4 shrink-0" />{{ words(route) }}
          </PushButton>
        </li>
      </ul>
      <p v-if="to && routes.length === 0" class="text-(--ui-warning)">
        No route of up to five legs: the points are too near for it.
      </p>
    </div>
  </div>
</template>
