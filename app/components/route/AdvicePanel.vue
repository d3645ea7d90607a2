<script setup lang="ts">
import { serviceIn } from '~~/core/job/leg-defaults'
import type { System } from '~~/core/job/system'
import { contentOfStretches, contentOfSystem } from '~~/core/flow/content'
import { water, waterStateOf } from '~~/core/flow/loss'
import { flowPaths } from '~~/core/flow/path'
import { profileWith } from '~~/core/workshop/profile'
import { namesInWater } from '~~/core/run/names'
import { layOut } from '~~/core/run/layout'
import { levelsOf, outletsWithoutFall, type Level } from '~~/core/run/levels'
import { useCatalogueStore } from '~/stores/catalogue'

/** Where water stays and air is held, what it holds and how it drains, and what a draw loses on the way. */
const props = defineProps<{
  /** With what a manifold joins to it: that is fed and drained as one. */
  filled: System
}>()
const { built: job } = useOpenJob()
const own = useCatalogueStore()
const { length, say, tell, trade } = useWords()
const names = computed(() => namesInWater(job.value, props.filled))
/** Litres a minute. */
const draw = ref<number | undefined>(12)
const layout = computed(() => layOut(props.filled))
const levels = computed(() => levelsOf(layout.value))
/** Outdoors an outlet’s leg slopes outwards. */
const level = computed(() =>
  props.filled.runs.some(({ place }) => place?.outdoors ?? job.value.place?.outdoors)
    ? outletsWithoutFall(layout.value)
    : [],
)
const whole = computed(() => contentOfSystem(own.catalogue, props.filled))
const kept = ({ keeps }: Level) => contentOfStretches(own.catalogue, props.filled, keeps)
const nameOf = (id: string) => props.filled.nodes.find((node) => node.id === id)?.note || names.value.node(id)
/** One pool is told once, with all its low points. */
const points = computed(() => levels.value.points.filter(({ kind, keeps }) => kind === 'high' || keeps.length > 0))
const placesOf = ({ kind, pool, nodes }: Level) =>
  levels.value.points
    .filter((of) => (kind === 'high' ? of.nodes === nodes : of.kind === 'low' && of.pool === pool))
    .flatMap((of) => of.nodes)
    .map(nameOf)
    .join(', ')
const temperatures = computed(() => {
  const services = props.filled.legs.map((leg) => serviceIn(props.filled, leg))
  return [...new Set(services.map(waterStateOf))].map((of) => say.value.temperature(water[of].celsius)).join(' and ')
})
const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))
const paths = computed(() => (draw.value ? flowPaths(own.catalogue, layout.value, draw.value, profile.value) : []))
</script>

<template>
  <div class="space-y-4">
    <section aria-label="Levels" class="space-y-1">
      <p class="font-label text-xl font-semibold">Holds {{ say.volume(whole) }}</p>
      <p v-if="levels.lowest">
        To drain: shut the supply, open {{ nameOf(levels.lowest)
        }}<template v-if="levels.highest !== levels.lowest">
          (lowest) and {{ nameOf(levels.highest!) }} (highest, lets air in)</template
        >.
      </p>
      <p v-else>No outlet yet to drain it from.</p>
      <ul class="list-disc pl-5">
        <li v-for="point in points" :key="point.nodes.join()">
          <template v-if="point.kind === 'low'"
            >Low point at {{ placesOf(point) }}: won’t drain, {{ say.volume(kept(point)) }}.
            <SpokenText :text="trade('Put a drain cock there.')"
          /></template>
          <template v-else
            >High point at {{ placesOf(point) }}: traps air. <SpokenText text="Put a vent there."
          /></template>
        </li>
        <li v-for="{ leg, fall } in levels.falls" :key="leg">
          {{ names.leg(leg) }} {{ fall > 0 ? 'falls' : 'rises' }} {{ say.fall(Math.abs(fall)) }}.
        </li>
        <li v-for="outlet in level" :key="outlet" class="text-(--ui-warning)">
          The leg to {{ nameOf(outlet) }} does not fall towards it: outdoors, slope it outwards so that no water freezes
          in the wall.
        </li>
      </ul>
    </section>
    <section aria-label="Flow" class="space-y-2">
      <VolumeField
        a-minute
        label="Draw at one outlet"
        :least="0.1"
        :most="200"
        :model-value="draw"
        @update:model-value="(value) => (draw = value)"
      />
      <p v-if="paths.length === 0" class="text-muted">Put an outlet (O) at an end to see the flow to it.</p>
      <div class="overflow-x-auto">
        <table v-if="paths.length" class="w-full text-left">
          <thead>
            <tr class="label">
              <th>Outlet</th>
              <th class="text-right">Way</th>
              <th class="text-right">Speed</th>
              <th class="text-right">Loss</th>
              <th class="text-right">Height</th>
              <th class="text-right">Runs off</th>
            </tr>
          </thead>
          <tbody class="ruled">
            <tr v-for="path in paths" :key="path.outlet" class="h-10">
              <td>{{ nameOf(path.outlet) }}</td>
              <td class="text-right">{{ length(path.length) }}</td>
              <td class="text-right font-semibold">
                {{ say.speed(path.velocity)
                }}<template v-if="path.insertVelocity > path.velocity + 0.05">
                  ({{ say.speed(path.insertVelocity) }} in inserts)</template
                >
              </td>
              <td class="text-right font-semibold">{{ say.pressure(path.loss) }}</td>
              <td class="text-right">{{ path.height === null ? 'not known' : say.pressure(path.height) }}</td>
              <td class="text-right">{{ say.volume(path.content) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <template v-for="path in paths" :key="path.outlet">
        <p v-if="path.caution" class="flex items-start gap-2">
          <VerdictMark verdict="caution" /><span
            >{{ nameOf(path.outlet) }}: <SpokenText :text="tell(path.caution)"
          /></span>
        </p>
      </template>
      <p class="text-sm text-muted">
        Advice, not a design: each outlet on its own; typical loss coefficients; water at {{ temperatures }}; existing
        pipe that was not measured comes on top.
      </p>
    </section>
  </div>
</template>
