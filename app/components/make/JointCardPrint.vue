<script setup lang="ts">
import type { CardKind } from '~~/core/procedure/card-kinds'
import type { PlanJoint } from '~~/core/pipework/planned'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** A card on paper: one for all joints that are made alike, each with a box to tick. */
defineProps<{ kind: CardKind<PlanJoint>; placeOf: (joint: PlanJoint) => string }>()
const { value, rest } = useStepFigure()
</script>

<template>
  <article class="keep-whole">
    <h2 class="heading">{{ kind.card.title }}</h2>
    <ul class="my-1" aria-label="Holds for">
      <li v-for="joint in kind.joints" :key="joint.id"><TickBox /> {{ placeOf(joint) }}</li>
    </ul>
    <ul class="my-2 border-l-4 border-(--ui-warning) pl-3">
      <li v-for="caution in kind.card.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <ReasonList :reasons="kind.reasons.filter(({ verdict }) => verdict !== 'fits')" />
    <p class="mt-1 text-sm">
      <span class="label">Tools</span> {{ [...kind.card.tools, ...kind.card.consumables].join(', ') }}
    </p>
    <ol class="ruled my-2 border-y border-(--ui-border)">
      <li v-for="(step, index) in kind.card.steps" :key="index" class="flex gap-3 py-1">
        <span class="font-label font-semibold text-(--ui-primary)">{{ index + 1 }}</span>
        <div>
          <p v-for="{ text, joints } in kind.texts[index]" :key="text">
            <strong v-if="kind.texts[index]!.length > 1"
              >Joint {{ joints.map(({ number }) => number).join(', ') }}: </strong
            >{{ text }}
          </p>
          <p v-if="step.figure">
            <span class="label">{{ step.figure.label }}</span>
            <strong class="mx-1 font-label text-xl">{{ value(step.figure) }}</strong>
            <span class="text-sm">{{ rest(step.figure) }}</span>
          </p>
          <p v-if="step.wait">
            <span class="label">Wait</span>
            <strong class="mx-1 font-label text-xl">{{ formatWait(step.wait.seconds) }}</strong>
            <span class="text-sm">{{ step.wait.basis }}</span>
          </p>
        </div>
      </li>
    </ol>
    <p v-if="kind.card.holes" class="text-sm"><span class="label">Holes</span> {{ kind.card.holes }}</p>
    <p class="text-sm"><span class="label">Look after</span> {{ kind.card.inspection.join('; ') }}</p>
    <p class="text-sm"><span class="label">Common faults</span> {{ kind.card.spoils.join('; ') }}</p>
    <p class="text-sm"><span class="label">Taking apart</span> {{ kind.card.apart }}</p>
  </article>
</template>
