<script setup lang="ts">
import type { RecordedJoint } from '~~/core/record/record'

/** Every joint of a record: how it is made, by whom and when, who inspected it, and whether it was tested. */
defineProps<{ joints: readonly RecordedJoint[] }>()
const { length } = useWords()
const { methodName } = useMethods()
const when = useWhen()
</script>

<template>
  <section aria-label="Joints">
    <h2 class="heading">Joints</h2>
    <div class="overflow-x-auto">
      <table class="w-full min-w-160 text-left">
        <thead>
          <tr class="label">
            <th class="pr-3">No.</th>
            <th class="pr-3">Where</th>
            <th class="pr-3">How</th>
            <th class="pr-3 text-right">Goes in</th>
            <th class="pr-3">Made</th>
            <th class="pr-3">Inspected</th>
            <th>Tested</th>
          </tr>
        </thead>
        <tbody class="ruled">
          <tr v-for="item in joints" :key="item.id" class="h-10 align-top">
            <td class="pr-3">{{ item.number }}</td>
            <td class="pr-3">{{ item.where }}</td>
            <td class="pr-3">{{ methodName(item.method) }}, {{ item.pipe }}</td>
            <td class="pr-3 text-right">{{ length(item.insertion) }}</td>
            <td class="pr-3">
              <template v-if="item.made">{{ item.made.by }}, {{ when(item.made.at) }}</template>
              <span v-else class="text-(--ui-warning)">not made</span>
            </td>
            <td class="pr-3">
              <template v-if="item.inspected"
                >{{ item.inspected.sound ? 'OK' : 'not OK' }}, {{ item.inspected.by }}</template
              >
            </td>
            <td v-if="item.proof === null">stands empty</td>
            <td v-else :class="'by' in item.proof ? '' : 'text-(--ui-warning)'">
              {{ 'by' in item.proof ? 'yes' : 'not yet' }}
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>
