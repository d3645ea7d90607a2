<script setup lang="ts">
import { calibrated, typicalRadius, type Bender, type ScrapBend } from '~~/core/bend/bender'
import { markingMethods } from '~~/core/bend/marking'
import { benderSchema } from '~~/core/bend/bender-schema'

/** The benders for one size of pipe: choose, add, and calibrate by a scrap bend. */
const props = defineProps<{ od: number }>()
const { fitting, id, bender, choose, record, remove, problem } = useBenders(() => props.od)
const { length, problemOf, trade } = useWords()
const items = computed(() => fitting.value.map(([value, { name }]) => ({ value, label: name })))
const schools = markingMethods.map((value) => ({ value, label: value }))
const sides = [
  { value: 'left', label: 'left' },
  { value: 'right', label: 'right' },
] as const
const wrong = ref('')

function set(part: Partial<Bender>): void {
  if (bender.value) record(id.value, { ...bender.value, ...part })
}
function add(): void {
  const key = `b${crypto.randomUUID().slice(0, 8)}`
  record(
    `${key}-${Math.round(props.od)}`,
    benderSchema.parse({ name: `Bender ${Math.round(props.od)}`, od: props.od, radius: typicalRadius(props.od) }),
  )
}

const scrap = ref<Partial<ScrapBend>>({ angle: 90 })
const whole = computed<ScrapBend | null>(() => {
  const { length: of, mark, pulled, angle, first, second } = scrap.value
  return of && mark !== undefined && pulled && angle && first && second
    ? { length: of, mark, pulled, angle, first, second }
    : null
})
function calibrate(): void {
  wrong.value = ''
  if (!bender.value || !whole.value) return
  try {
    record(id.value, calibrated(bender.value, whole.value, new Date().toISOString().slice(0, 10)))
    scrap.value = { angle: 90 }
  } catch (error) {
    wrong.value = problemOf(error)
  }
}
const lengths = { min: 0, max: 3000 }
const radii = { min: 5, max: 2000 }
const straight = { min: 0, max: 1000 }
const offsets = { min: -500, max: 500 }
const scrapLengths = [
  { key: 'length', label: 'Length of the scrap' },
  { key: 'mark', label: 'Marked at, from its first end' },
  { key: 'first', label: trade('First end to the other leg’s centre') },
  { key: 'second', label: trade('Second end to the first leg’s centre') },
] as const
</script>

<template>
  <section class="space-y-3" aria-label="Bender">
    <div class="flex flex-wrap items-end gap-3">
      <Choice
        v-if="bender"
        class="flex-1"
        label="Bender in the hand"
        :items="items"
        :model-value="id"
        @update:model-value="choose"
      />
      <p v-else class="flex-1">No bender for this size of pipe yet.</p>
      <PushButton @click="add">
        <UIcon name="i-lucide-plus" class="size-4" />{{ bender ? 'Add a bender' : 'Add a bender' }}
      </PushButton>
    </div>
    <template v-if="bender">
      <p class="text-sm">
        Radius {{ length(bender.radius) }},
        {{ bender.calibrated ? `calibrated ${bender.calibrated}` : 'typical: calibrate it by a scrap bend' }}.
      </p>
      <details>
        <summary class="opens">Its figures</summary>
        <div class="grid grid-cols-2 gap-3 pt-2">
          <TextField label="Its name" :model-value="bender.name" :maxlength="60" @change="(name) => set({ name })" />
          <Choice
            label="How it is marked"
            :items="schools"
            :model-value="bender.school"
            @update:model-value="(school) => set({ school })"
          />
          <LengthField
            :label="trade('Centre-line radius')"
            :of="id"
            :limits="radii"
            :model-value="bender.radius"
            @update:model-value="(mm) => mm !== undefined && set({ radius: mm, calibrated: undefined })"
          />
          <LengthField
            label="Its mark after the start of bend"
            :of="id"
            :limits="offsets"
            :model-value="bender.markOffset"
            @update:model-value="(mm) => mm !== undefined && set({ markOffset: mm })"
          />
          <NumberField
            label="Spring-back at 90°"
            unit="°"
            :least="0"
            :most="30"
            :model-value="bender.springBack"
            @update:model-value="(value) => value !== undefined && set({ springBack: value })"
          />
          <LengthField
            label="Straight to grip"
            :of="id"
            :limits="straight"
            :model-value="bender.grip"
            @update:model-value="(mm) => mm !== undefined && set({ grip: mm })"
          />
          <LengthField
            label="Straight under the shoe"
            :of="id"
            :limits="straight"
            :model-value="bender.shoe"
            @update:model-value="(mm) => mm !== undefined && set({ shoe: mm })"
          />
          <LengthField
            label="Room under its plane, on a bench"
            optional
            :of="id"
            :limits="lengths"
            :model-value="bender.below"
            @update:model-value="(mm) => set({ below: mm })"
          />
          <Choice
            label="Bends, seen from above, to the"
            :items="sides"
            :model-value="bender.turns"
            @update:model-value="(turns) => set({ turns })"
          />
          <RemoveButton class="self-end" :name="bender.name" @remove="remove(id)" />
        </div>
      </details>
      <details>
        <summary class="opens">Calibrate by a scrap bend</summary>
        <p class="py-2 text-sm">
          Mark a scrap, set the mark as you always do, pull it, release, and measure the result.
        </p>
        <div class="grid grid-cols-2 gap-3">
          <LengthField
            v-for="{ key, label } in scrapLengths"
            :key="key"
            :label="label"
            optional
            :limits="lengths"
            :model-value="scrap[key]"
            @update:model-value="(mm) => (scrap = { ...scrap, [key]: mm })"
          />
          <NumberField
            label="Pulled to"
            unit="°"
            optional
            :least="20"
            :most="180"
            :model-value="scrap.pulled"
            @update:model-value="(value) => (scrap = { ...scrap, pulled: value })"
          />
          <NumberField
            label="Angle reached"
            unit="°"
            optional
            :least="20"
            :most="150"
            :model-value="scrap.angle"
            @update:model-value="(value) => (scrap = { ...scrap, angle: value })"
          />
        </div>
        <PushButton color="primary" variant="solid" class="mt-3" :disabled="!whole" @click="calibrate"
          >Calibrate</PushButton
        >
        <WhyNot :wants="whole ? '' : 'Type all figures of the scrap.'" />
      </details>
      <p v-if="wrong || problem" role="alert" class="text-(--ui-error)">{{ wrong || problem }}</p>
    </template>
  </section>
</template>
