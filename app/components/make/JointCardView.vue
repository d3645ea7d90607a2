<script setup lang="ts">
import type { JointCard } from '~~/core/make/joint-card'
import type { StepFigure } from '~~/core/make/procedure'
import type { PlanJoint } from '~~/core/plan/types'

/** One joint's card: its caution, its steps with their figures, what to look at after. */
defineProps<{ card: JointCard; joint: PlanJoint; where: string }>()
const { length } = useLengthText()
const value = (figure: StepFigure) => ('mm' in figure ? length(figure.mm) : figure.text)
const rest = (figure: StepFigure) => ('mm' in figure ? `± ${length(figure.tolerance)}, ${figure.basis}` : figure.basis)
const minutes = (seconds: number) => (seconds < 60 ? `${seconds} s` : `${Math.round(seconds / 60)} min`)
</script>

<template>
  <article class="keep-whole">
    <h2 class="heading">{{ card.title }}</h2>
    <p class="text-muted">{{ where }}</p>
    <ul class="my-2 border-l-4 border-(--ui-warning) pl-3">
      <li v-for="caution in card.cautions" :key="caution">{{ caution }}</li>
    </ul>
    <ReasonList v-if="joint.verdict !== 'fits'" :reasons="joint.reasons.filter(({ verdict }) => verdict !== 'fits')" />
    <p class="mt-2 text-sm"><span class="label">Tools</span> {{ [...card.tools, ...card.consumables].join(', ') }}</p>
    <ol class="ruled my-3 border-y border-(--ui-border)">
      <li v-for="(step, index) in card.steps" :key="index" class="grid gap-x-4 py-2 sm:grid-cols-[1fr_13rem]">
        <p class="flex gap-3 text-lg">
          <span class="font-label font-semibold text-(--ui-primary)">{{ index + 1 }}</span>{{ step.text }}
        </p>
        <div v-if="step.figure">
          <span class="label">{{ step.figure.label }}</span>
          <span class="block font-label text-3xl leading-tight font-semibold">{{ value(step.figure) }}</span>
          <span class="block text-sm text-muted">{{ rest(step.figure) }}</span>
        </div>
        <p v-else-if="step.wait" class="font-label text-3xl font-semibold">{{ minutes(step.wait) }}</p>
      </li>
    </ol>
    <dl class="grid gap-x-4 gap-y-1 sm:grid-cols-[7rem_1fr]">
      <dt class="label">Look after</dt>
      <dd>{{ card.inspection.join('; ') }}</dd>
      <dt class="label">What spoils it</dt>
      <dd>{{ card.spoils.join('; ') }}</dd>
      <dt class="label">Taking apart</dt>
      <dd>{{ card.apart }}</dd>
    </dl>
  </article>
</template>
