<script setup lang="ts">
import { toolPaysFrom, type JobByMethod } from '~~/core/compare/whole-job'
import { exactly } from '~~/core/estimate/range'
import { formatWait } from '~~/core/quantity/words/format-duration'

/** The whole job by each method that its pipe takes, beside what it comes to as it is drawn. */
const props = defineProps<{ visits: number }>()
const { drawn, others, state, compare } = useMethodWays(() => props.visits)
const { about } = useMoney()
const { methodName } = useMethods()
const { trade } = useWords()
const minutes = (value: number | null) => (value === null ? 'not known' : formatWait(Math.round(value) * 60))
/** From how many joints its tool pays, held against the job as it is drawn. */
function paysFrom(of: JobByMethod): string {
  const from = drawn.value && toolPaysFrom(of, drawn.value)
  return from ? `its tool, ${about(exactly(of.tool!))}, pays from about ${from} joints like these` : ''
}
const rows = computed(() =>
  [drawn.value, ...others.value].flatMap((of) =>
    of
      ? [
          {
            key: of.method ?? 'drawn',
            name: of.method === null ? 'as drawn' : methodName(of.method),
            total: about(of.total),
            work: `${of.isLeast ? 'at least ' : ''}${minutes(of.minutes)}`,
            off: of.off === null ? '' : minutes(of.off),
            notes: [
              of.isHot ? 'flame' : '',
              of.otherwise > 0 ? `${of.otherwise} of ${of.joints} joints otherwise: not made for it` : '',
              paysFrom(of),
            ].filter(Boolean),
          },
        ]
      : [],
  ),
)
</script>

<template>
  <section aria-label="By another method">
    <h3 class="heading">By another method</h3>
    <div class="flex flex-wrap items-center gap-3">
      <PushButton
        v-if="state !== 'adding'"
        color="neutral"
        variant="outline"
        :label="trade('Compare the whole job')"
        @click="compare"
      />
      <p v-else role="status">Adding up …</p>
      <p v-if="state === 'failed'" role="alert">It could not be added up: try again.</p>
    </div>
    <table v-if="state !== 'none' && rows.length > 0" class="mt-2 w-full max-w-2xl text-left">
      <thead>
        <tr class="label">
          <th>Joints</th>
          <th class="text-right">In all</th>
          <th class="text-right">Time</th>
          <th class="text-right">Water off</th>
        </tr>
      </thead>
      <tbody class="ruled">
        <template v-for="row in rows" :key="row.key">
          <tr class="h-9 align-top" :data-way="row.key">
            <td class="pr-2 font-semibold">
              {{ row.name }}
              <span v-for="note in row.notes" :key="note" class="block text-sm font-normal text-muted">{{ note }}</span>
            </td>
            <td class="figures text-right">{{ row.total }}</td>
            <td class="figures pl-2 text-right">{{ row.work }}</td>
            <td class="figures pl-2 text-right whitespace-nowrap">{{ row.off }}</td>
          </tr>
        </template>
      </tbody>
    </table>
    <p v-if="state === 'done'" class="text-sm text-muted">
      {{
        others.length === 0
          ? 'No other method can make all of it: none is made for this pipe, or a rule stands against it.'
          : 'The same pipe on the same way, by the minutes and prices that are set; a method is left out where a rule stands against it. Look at the joints in Join before you change over.'
      }}
    </p>
  </section>
</template>
