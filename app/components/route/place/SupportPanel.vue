<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { pipeIdIn, serviceIn } from '~~/core/job/leg-defaults'
import { isPlastic } from '~~/core/materials'
import { setLeg } from '~~/core/edit/edit-run'
import type { Job, Leg } from '~~/core/job/job'
import { nodeDrawn } from '~~/core/job/made-up'
import { profileWith } from '~~/core/workshop/profile'
import type { Plan } from '~~/core/plan/types'
import { layOut } from '~~/core/run/layout'
import { loopFor, roomAtWall } from '~~/core/support/expansion'
import { keepClipsOff } from '~~/core/edit/legs/keep-clips-off'
import { growthOf, type FreeEnd, type Turning } from '~~/core/support/free-leg'
import { inch } from '~~/core/quantity/units'
import { useCatalogueStore } from '~/stores/catalogue'

/** Where one leg is held, what it is fixed to, how far it grows, and what may be cut out of a joist for it. */
const props = defineProps<{ system: System; leg: Leg; plan: Plan }>()
const emit = defineEmits<{ apply: [edit: (job: Job) => Job] }>()
const { job } = useOpenJob()
const own = useCatalogueStore()
const { length, figure, tell, units, trade } = useWords()
const { namesIn } = useNames()
const names = computed(() => namesIn(props.system.id))
const support = computed(() => props.plan.supports.find(({ leg }) => leg === props.leg.id))
const profile = computed(() => profileWith(job.value.profile, job.value.own?.changes))

const on = [
  { value: 'wall', label: 'any wall' },
  { value: 'timber', label: 'joists or studs' },
] as const
const setFixings = (fixings: Leg['fixings']) =>
  emit('apply', (before) => setLeg(before, props.system.id, props.leg.id, { fixings }))
/** As joists are usually laid here: 16 in, or 400 mm. */
const usualSpacing = computed(() => (units.value === 'imperial' ? 16 * inch : 400))
const spacings = { min: 50, max: 5000 }
const offsets = { min: 0, max: 5000 }

const cold = ref<number | undefined>(10)
const service = serviceIn(props.system, props.leg)
const warm = ref<number | undefined>(service === 'cold' ? 20 : service === 'hot' ? 60 : 75)
const growing = computed(() =>
  cold.value === undefined || warm.value === undefined
    ? null
    : growthOf(own.catalogue, layOut(props.system), props.leg, {
        supports: props.plan.supports,
        kelvin: warm.value - cold.value,
        profile: profile.value,
      }),
)
/** Ends at which the legs that turn off are long enough to give. */
const able = computed(() => growing.value?.turning.filter(({ length: of }) => of >= growing.value!.freeLeg) ?? [])
const keepOff = (end: Turning) => {
  const { freeLeg } = growing.value!
  const node = nodeDrawn(props.system.legs, end.node)
  emit('apply', (before) => keepClipsOff(before, props.system.id, { ...end, node }, freeLeg))
}
const setFree = (free: Leg['free']) =>
  emit('apply', (before) => setLeg(before, props.system.id, props.leg.id, { free }))
const freeEnd = (of: FreeEnd) =>
  of === 'ends'
    ? 'a free end'
    : of === 'unknown'
      ? trade('a leg whose clips are not known')
      : of === 0
        ? 'a held end'
        : length(of)
const freeText = computed(() => {
  const { start, end } = props.leg.free ?? {}
  const parts = [
    ...(start ? [`${length(start)} from ${names.value.node(props.leg.from)}`] : []),
    ...(end ? [`${length(end)} from ${names.value.node(props.leg.to)}`] : []),
  ]
  return parts.length > 0 ? trade(`Kept without clips: ${parts.join(', ')}.`) : ''
})
const isPlasticPipe = computed(() => {
  const pipe = own.catalogue.pipe(pipeIdIn(props.system, props.leg))
  return pipe !== undefined && isPlastic(pipe.material)
})
const loop = computed(() => (growing.value?.enough === false ? loopFor(growing.value.freeLeg) : null))
</script>

<template>
  <div class="space-y-4">
    <section class="space-y-2" :aria-label="trade('Clips of this leg')">
      <p class="font-label text-xl font-semibold" data-clips>
        {{
          support?.at.length
            ? trade(`Clips at ${support.at.map(figure).join(', ')}`)
            : support?.unknown
              ? trade('Clips not known')
              : 'No clip'
        }}
      </p>
      <p v-if="support?.guides.length" class="font-label text-lg font-semibold">
        Guides at {{ support.guides.map(figure).join(', ') }}, in which it can slide
      </p>
      <p class="text-sm text-muted">
        {{ trade('from the centre of') }} {{ names.node(leg.from)
        }}<template v-if="support?.spacing"
          >; at most {{ length(support.spacing.mm) }} apart, {{ support.spacing.basis }}</template
        >{{ isPlasticPipe ? trade('; plastic clips, no metal strap') : '' }}
      </p>
      <p v-if="freeText" class="flex flex-wrap items-center gap-2">
        {{ freeText }}
        <PushButton variant="ghost" @click="setFree(undefined)">{{ trade('Clips may stand there again') }}</PushButton>
      </p>
      <p v-if="support?.unknown" class="text-(--ui-warning)"><SpokenText :text="tell(support.unknown)" /></p>
      <p
        v-for="note in support?.notes"
        :key="tell(note)"
        :class="note.verdict === 'caution' ? 'text-(--ui-warning)' : ''"
      >
        <SpokenText :text="tell(note)" />
      </p>
      <div class="grid grid-cols-3 gap-2">
        <Choice
          label="Fixed to"
          :items="on"
          :model-value="leg.fixings ? 'timber' : 'wall'"
          @update:model-value="
            (value) => setFixings(value === 'timber' ? { spacing: usualSpacing, offset: usualSpacing / 2 } : undefined)
          "
        />
        <template v-if="leg.fixings">
          <LengthField
            :label="trade('Centre to centre')"
            :of="leg.id"
            :limits="spacings"
            :model-value="leg.fixings.spacing"
            @update:model-value="(mm) => mm !== undefined && setFixings({ ...leg.fixings!, spacing: mm })"
          />
          <LengthField
            label="First joist from the start"
            :of="leg.id"
            :limits="offsets"
            :model-value="leg.fixings.offset"
            @update:model-value="(mm) => mm !== undefined && setFixings({ ...leg.fixings!, offset: mm })"
          />
        </template>
      </div>
    </section>
    <section class="space-y-2" aria-label="Expansion">
      <div class="grid grid-cols-2 gap-2">
        <TemperatureField
          label="Fixed at"
          :least="-30"
          :most="95"
          :model-value="cold"
          @update:model-value="(value) => (cold = value)"
        />
        <TemperatureField
          label="In use at"
          :least="-30"
          :most="95"
          :model-value="warm"
          @update:model-value="(value) => (warm = value)"
        />
      </div>
      <template v-if="growing">
        <div class="grid grid-cols-2 gap-4">
          <Readout
            :label="growing.growth < 0 ? 'Shrinks by' : 'Grows by'"
            :value="length(Math.abs(growing.growth))"
            :basis="`${length(growing.length)} in line, ${growing.legs.map(names.leg).join(', ')}`"
          />
          <Readout label="Expansion leg needed" :value="length(growing.freeLeg)" basis="by its material, typical" />
        </div>
        <p>
          There is
          {{ growing.free.map(freeEnd).join(' at its start, ') }}
          at its end.
          <strong v-if="growing.enough" class="text-(--ui-success)">Enough.</strong>
          <strong v-else-if="growing.enough === null" class="text-(--ui-warning)">{{
            trade('Unknown until the clips there are known.')
          }}</strong>
          <strong v-else class="text-(--ui-warning)">{{
            trade('Not enough: keep clips off an expansion leg, or put in a loop.')
          }}</strong>
          Room at walls and joists {{ length(roomAtWall(growing.growth)) }}.
        </p>
        <div v-if="growing.enough === false && able.length" class="flex flex-wrap gap-2">
          <PushButton v-for="end in able" :key="end.node" @click="keepOff(end)">
            {{ trade('Keep clips') }} {{ length(growing.freeLeg) }} off on {{ end.legs.map(names.leg).join(', ') }}
          </PushButton>
        </div>
        <svg
          v-if="loop"
          viewBox="0 0 200 90"
          class="w-full max-w-80 text-(--drawing-ink)"
          role="img"
          :aria-label="`A loop, ${length(loop.out)} out and ${length(loop.across)} across`"
          fill="none"
        >
          <path d="M5 80H75V20H125V80H195" stroke="var(--drawing-pipe)" stroke-width="4" />
          <path d="M30 72v16M170 72v16" stroke="currentColor" stroke-width="2" />
          <text x="100" y="14" font-size="11" text-anchor="middle" fill="currentColor" class="font-label">
            {{ length(loop.across) }}
          </text>
          <text x="68" y="52" font-size="11" text-anchor="end" fill="currentColor" class="font-label">
            {{ length(loop.out) }}
          </text>
          <text x="132" y="52" font-size="11" fill="currentColor" class="font-label">not to scale</text>
        </svg>
      </template>
    </section>
    <JoistCutForm />
  </div>
</template>
