<script setup lang="ts">
import { openEnds, unmadeIn } from '~~/core/log/proven'
import type { Scope } from '~~/core/prove/scope'
import { useLogStore } from '~/stores/log'

/** What stands against a test before it is started: ends that are open, joints that nobody has made. It can be started all the same. */
const props = defineProps<{ scope: Scope }>()
const { built: job, plan } = useOpenJob()
const log = useLogStore()
const { namesIn, runName } = useNames()
const open = computed(() =>
  openEnds(job.value, plan.value, props.scope).map((id) => {
    const { run } = job.value.nodes.find((node) => node.id === id)!
    return `${runName(run)}, ${namesIn(run).node(id)}`
  }),
)
const unmade = computed(() => (log.state ? unmadeIn(job.value, plan.value, log.state, props.scope).length : 0))
</script>

<template>
  <ul v-if="open.length || unmade" class="border-l-4 border-(--ui-warning) pl-3" data-before-test>
    <li v-if="open.length">
      {{ open.length === 1 ? 'One end is open' : `${open.length} ends are open` }}: {{ open.join('; ') }}. Cap or shut
      {{ open.length === 1 ? 'it' : 'them' }} first.
    </li>
    <li v-if="unmade">
      {{ unmade === 1 ? '1 joint is' : `${unmade} joints are` }} not made yet: make and tick
      {{ unmade === 1 ? 'it' : 'them' }} first.
    </li>
    <li>A test started now proves nothing for that part.</li>
  </ul>
</template>
