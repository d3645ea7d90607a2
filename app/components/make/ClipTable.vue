<script setup lang="ts">
import { siteId } from '~~/core/job/site-id'
import type { Job } from '~~/core/job/job'
import type { Plan } from '~~/core/plan/types'
import { useLogStore } from '~/stores/log'

/** Where the clips go on each leg, from the centre of the fitting at its start. */
const props = defineProps<{ job: Job; plan: Plan }>()
const log = useLogStore()
const { length, figure, tell, trade } = useWords()
const { namesIn } = useNames()
const rows = computed(() =>
  props.plan.supports.flatMap((support) => {
    const leg = props.job.legs.find(({ id }) => id === support.leg)
    if (!leg) return []
    const names = namesIn(leg.run)
    const [name, from] = [names.run, names.node(leg.from)]
    return [{ ...support, name, from, direction: leg.direction, whole: leg.length, site: siteId(leg) }]
  }),
)
type Row = (typeof rows.value)[number]
const placed = ({ site }: Row) => log.state?.fixings[site] ?? 0
function place({ site, at, guides }: Row): void {
  const body = { count: at.length + guides.length }
  log.write({ kind: 'fixing-placed', subject: { leg: site }, body }, trade('clips placed'))
}
</script>

<template>
  <table class="w-full text-left" :aria-label="trade('Clips')">
    <thead>
      <tr class="label">
        <th>Leg</th>
        <th>{{ trade('Clips at') }}</th>
        <th class="hidden sm:table-cell">Rule</th>
      </tr>
    </thead>
    <tbody class="ruled align-top">
      <tr v-for="row in rows" :key="row.run + row.leg">
        <td class="py-1.5 pr-3">
          {{ typeof row.direction === 'string' ? row.direction : 'slanting' }} {{ length(row.whole) }} from
          {{ row.from }}
          <span class="block text-sm text-muted">{{ row.name }}</span>
        </td>
        <td class="py-1.5 pr-3 font-label text-lg font-semibold">
          <template v-if="row.at.length">
            {{ row.at.map(figure).join(', ') }}
            <span v-if="row.guides.length" class="block text-base font-normal">
              guides {{ row.guides.map(figure).join(', ') }}
            </span>
            <span v-if="placed(row)" class="block font-sans text-sm font-normal text-(--ui-success)">
              {{ placed(row) }} placed
            </span>
            <PushButton
              v-else-if="log.who"
              class="no-print"
              variant="ghost"
              icon="i-lucide-check"
              label="Placed"
              :aria-label="trade(`Placed: the clips ${length(row.whole)} from ${row.from}`)"
              @click="place(row)"
            />
          </template>
          <span v-else-if="row.unknown" class="font-sans text-sm font-normal text-(--ui-warning)">
            <SpokenText :text="tell(row.unknown)" />
          </span>
          <span
            v-for="note in row.notes"
            :key="tell(note)"
            class="block font-sans text-sm font-normal"
            :class="note.verdict === 'caution' ? 'text-(--ui-warning)' : ''"
            ><SpokenText :text="tell(note)"
          /></span>
        </td>
        <td class="hidden py-1.5 text-sm text-muted sm:table-cell">
          <template v-if="row.spacing">at most {{ length(row.spacing.mm) }}, {{ row.spacing.basis }}</template>
        </td>
      </tr>
    </tbody>
  </table>
</template>
