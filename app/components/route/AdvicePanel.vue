<script setup lang="ts">
import { contentOfLengths } from '~~/core/flow/content'
import { water, waterStateOf } from '~~/core/flow/loss'
import { flowPaths } from '~~/core/flow/path'
import type { Run } from '~~/core/job/job'
import { profileWith } from '~~/core/job/profile'
import { layOut } from '~~/core/route/layout'
import { levelsOf, outletsWithoutFall, type Level } from '~~/core/route/levels'
import { useCatalogueStore } from '~/stores/catalogue'

/** Where water stays and air is held, what it holds and how it drains, and what a draw loses on the way. */
const props = defineProps<{ run: Run }>()
const { job } = useOpenJob()
const own = useCatalogueStore()
const { length } = useLengthText()
const draw = ref<number | undefined>(12)
const layout = computed(() => layOut(props.run))
const levels = computed(() => levelsOf(layout.value))
/** Outdoors an outlet’s leg slopes outwards. */
const level = computed(() =>
  (props.run.place?.outdoors ?? job.value.place?.outdoors) ? outletsWithoutFall(layout.value) : [],
)
const legs = computed(() => new Map(props.run.legs.map((leg) => [leg.id, leg])))
const pipeOf = (leg: string) => own.catalogue.pipe(legs.value.get(leg)?.pipe ?? props.run.pipe)!
const litres = (value: number) => `${value.toFixed(value < 10 ? 2 : 1)} l`
const whole = computed(() =>
  contentOfLengths(
    props.run.legs.map(({ id, length: of }) => ({ leg: id, length: of })),
    pipeOf,
  ),
)
const kept = ({ keeps }: Level) => contentOfLengths(keeps, pipeOf)
const nameOf = (id: string) => props.run.nodes.find((node) => node.id === id)?.note || id
const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))
const paths = computed(() => (draw.value ? flowPaths(own.catalogue, layout.value, draw.value, profile.value) : []))
</script>

<template>
  <div class="space-y-4">
    <section aria-label="Levels" class="space-y-1">
      <p class="font-label text-xl font-semibold">Holds {{ litres(whole) }}</p>
      <p v-if="levels.lowest">
        To drain: shut the supply, open {{ nameOf(levels.lowest)
        }}<template v-if="levels.highest !== levels.lowest">
          (lowest) and {{ nameOf(levels.highest!) }} (highest, lets air in)</template
        >.
      </p>
      <p v-else>No outlet yet: nothing to drain it by.</p>
      <ul class="list-disc pl-5">
        <li v-for="point in levels.points" :key="point.nodes.join()">
          <template v-if="point.kind === 'low'"
            >Low point at {{ point.nodes.join(', ') }}: keeps {{ litres(kept(point)) }}. Put a drain cock
            there.</template
          >
          <template v-else>High point at {{ point.nodes.join(', ') }}: holds air. Put a vent there.</template>
        </li>
        <li v-for="{ leg, fall } in levels.falls" :key="leg">
          Leg {{ leg }} {{ fall > 0 ? 'falls' : 'rises' }} {{ Math.abs(Math.round(fall * 10) / 10) }} mm to the metre.
        </li>
        <li v-for="outlet in level" :key="outlet" class="text-(--ui-warning)">
          The leg to {{ nameOf(outlet) }} does not fall towards it: outdoors it slopes outwards, so that no water
          freezes in the wall.
        </li>
      </ul>
    </section>
    <section aria-label="Flow" class="space-y-2">
      <NumberField
        label="Draw at one outlet"
        unit="l/min"
        :least="0.1"
        :most="200"
        :model-value="draw"
        @update:model-value="(value) => (draw = value)"
      />
      <p v-if="paths.length === 0" class="text-muted">Put an outlet (O) at an end, and its way stands here.</p>
      <div class="overflow-x-auto">
        <table v-if="paths.length" class="w-full text-left">
          <thead>
            <tr class="label">
              <th>Outlet</th>
              <th class="text-right">Way</th>
              <th class="text-right">m/s</th>
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
                {{ path.velocity.toFixed(1)
                }}<template v-if="path.insertVelocity > path.velocity + 0.05">
                  ({{ path.insertVelocity.toFixed(1) }} in inserts)</template
                >
              </td>
              <td class="text-right font-semibold">{{ path.loss.toFixed(1) }} kPa</td>
              <td class="text-right">{{ path.height.toFixed(1) }} kPa</td>
              <td class="text-right">{{ litres(path.content) }}</td>
            </tr>
          </tbody>
        </table>
      </div>
      <p v-for="path in paths.filter(({ caution }) => caution)" :key="path.outlet" class="flex items-start gap-2">
        <VerdictMark verdict="caution" /> {{ nameOf(path.outlet) }}: {{ path.caution }}
      </p>
      <p class="text-sm text-muted">
        Advice, not design: each outlet alone; typical loss coefficients; water at
        {{ water[waterStateOf(run.service)].celsius }} °C.
      </p>
    </section>
  </div>
</template>
