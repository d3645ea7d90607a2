<script setup lang="ts">
import { bendSheet } from '~~/core/bend/bend-sheet'
import { markingHow } from '~~/core/bend/marking'
import type { Bender } from '~~/core/bend/bender'
import { bendVerdict } from '~~/core/bend/limits'
import { bendingMethods } from '~~/core/materials/material'
import { reverseTube, type Tube } from '~~/core/bend/tube'
import type { Pipe } from '~~/core/catalogue/pipe'
import { bendStrips } from '~~/core/draw/bend-strip'
import type { Paper } from '~~/core/draw/strip-page'

/** How a tube is bent: every mark from one end, in the order of bending, how far to pull, how the tube is turned. */
const props = defineProps<{ tube: Tube; bender: Bender | null; pipe: Pipe; title: string }>()
const { length, units, tell } = useWords()
const reversed = ref(false)
const told = computed(() => (reversed.value ? reverseTube(props.tube) : props.tube))
const methodWords = { hand: 'bent by hand', 'spring or support': 'with a spring or support', bender: 'in a bender' }
const { methodOf, setMethod } = useBendingMethod()
const method = computed(() => methodOf(props.pipe))
const methodItems = bendingMethods.map((value) => ({ value, label: methodWords[value] }))
const used = computed(() => (method.value === 'bender' ? props.bender : null))
const sheet = computed(() => bendSheet(told.value, used.value, props.pipe.od))
const first = computed(() => sheet.value.marks[0])
const degrees = (value: number) => `${Math.round(value * 10) / 10}°`
const verdict = computed(() =>
  bendVerdict(props.pipe, Math.min(...props.tube.bends.map(({ radius }) => radius)), method.value),
)
const how = computed(() =>
  method.value !== 'bender'
    ? 'Bent without a bender: each mark is the start of a bend; hold the radius over something round.'
    : used.value
      ? markingHow[used.value.school]
      : 'No calibrated bender of this size: each mark is the start of a bend, and spring-back is unknown.',
)
const pages = (paper: Paper) =>
  bendStrips(
    sheet.value.marks.map(({ mark }, index) => ({ at: mark, label: `bend ${index + 1}` })),
    sheet.value.blank,
    { paper, units: units.value, title: props.title, lengthText: length },
  )
</script>

<template>
  <section class="space-y-3" aria-label="Bend sheet">
    <div v-if="first" class="grid grid-cols-[auto_1fr] gap-4 sm:grid-cols-[1.4fr_1fr_1fr]" data-bend-readout>
      <Readout
        class="col-span-2 sm:col-span-1"
        label="First mark"
        :value="length(first.mark)"
        :basis="`from the first end; hold the ${first.hold}`"
      />
      <Readout
        label="Pull to"
        :value="degrees(first.pull)"
        :basis="
          first.pull === first.angle
            ? 'spring-back not known'
            : `${degrees(first.angle)} + ${degrees(first.pull - first.angle)}`
        "
      />
      <Readout
        label="Cut the tube"
        :value="length(sheet.blank)"
        :basis="sheet.blank > sheet.length ? `of it ${length(sheet.length)} stays` : 'developed length'"
      />
    </div>
    <div class="flex flex-wrap items-end gap-3">
      <PushButton :aria-pressed="reversed" :active="reversed" @click="reversed = !reversed">
        Measure from the other end
      </PushButton>
      <Choice
        label="How it is bent"
        class="w-60"
        :items="methodItems"
        :model-value="method"
        @update:model-value="(value) => setMethod(pipe, value)"
      />
    </div>
    <p class="text-sm">{{ how }} Draw a line along the back of the tube first: it keeps the bends in plane.</p>
    <p v-if="verdict.verdict !== 'fits' || verdict.leastRadius !== null" class="flex items-start gap-2">
      <VerdictMark :verdict="verdict.verdict" />
      <span>
        <SpokenText :text="tell(verdict)" /><template v-if="verdict.leastRadius !== null"
          >, here {{ length(verdict.leastRadius) }} ({{ verdict.basis }})</template
        >
      </span>
    </p>
    <p v-if="!sheet.order.ok" role="alert" class="font-semibold text-(--ui-error)">
      Bend {{ sheet.order.bend + 1 }}: <SpokenText :text="`${tell(sheet.order.problem)}.`" />
    </p>
    <p v-if="sheet.below > 0">
      While bending it reaches {{ length(sheet.below) }} below the plane of the bend{{
        used?.below === undefined ? ': see that there is room' : `; there are ${length(used.below)}`
      }}.
    </p>
    <p v-if="sheet.trim.first || sheet.trim.last" class="font-semibold text-(--ui-warning)">
      Cut longer so there is something to grip; trim after bending:
      <template v-if="sheet.trim.first">{{ length(sheet.trim.first) }} at the first end</template>
      <template v-if="sheet.trim.first && sheet.trim.last">, </template>
      <template v-if="sheet.trim.last">{{ length(sheet.trim.last) }} at the second end</template>.
    </p>
    <TubeDrawing :tube="told" :sheet="sheet" :od="pipe.od" />
    <BendMarks :sheet="sheet" />
    <StripPrint title="Strip of marks" :file="title" :empty="sheet.marks.length === 0" :pages="pages">
      <p class="text-sm text-muted">Full size, sheet after sheet: lay the tube on it and mark.</p>
    </StripPrint>
  </section>
</template>
