<script setup lang="ts">
import type { Plan } from '~~/core/plan/types'

/** Pipe that is there: where it is cut and marked, and what comes out. */
const props = defineProps<{ plan: Plan }>()
const { length, tolerance, trade } = useWords()
const { namesIn, runName } = useNames()
const cuts = computed(() =>
  props.plan.cutIns.map((of) => ({
    ...of,
    key: `${of.run}/${of.node}`,
    names: namesIn(of.run),
    inRun: runName(of.run),
  })),
)
const removed = computed(() =>
  props.plan.removed.map((of) => ({
    ...of,
    key: `${of.run}/${of.leg ?? of.node}`,
    where: of.leg ? namesIn(of.run).leg(of.leg) : namesIn(of.run).node(of.node!),
  })),
)
</script>

<template>
  <section v-if="cuts.length + removed.length" class="space-y-2" aria-label="Existing pipe">
    <h2 class="heading">Existing pipe</h2>
    <ul class="ruled">
      <li v-for="{ key, names, node, ends, remove, inRun } in cuts" :key="key" class="py-2">
        <p>
          <strong>{{ names.node(node) }}</strong>, {{ inRun
          }}<template v-if="remove"
            >: take out <strong class="font-label text-lg">{{ length(remove.mm) }}</strong> ±
            {{ tolerance(remove.tolerance) }}</template
          >
        </p>
        <p v-for="end in ends" :key="end.leg">
          {{ names.leg(end.leg) }}: cut <strong class="font-label text-lg">{{ length(end.cut?.mm ?? null) }}</strong>
          {{ trade('from its centre, mark') }}
          <strong class="font-label text-lg">{{ length(end.mark?.mm ?? null) }}</strong> from the cut
        </p>
      </li>
      <li v-for="{ key, label, mm, where, again } in removed" :key="key" class="py-2">
        {{ where }} comes out: {{ label }}<template v-if="mm !== null">, {{ length(mm) }}</template
        >. {{ again ? 'Use it again.' : 'Its joints do not come apart: scrap it.' }}
      </li>
    </ul>
  </section>
</template>
