<script setup lang="ts">
import { methods } from '~~/core/methods'
import { methodIds, type MethodId } from '~~/core/methods/ids'
import { shippedCosts, type MethodCost } from '~~/core/workshop/costs'
import type { OwnedTool } from '~~/core/workshop/tools'
import { useWorkshopStore } from '~/stores/workshop'

/** The workshop's tools, prices and minutes: for all jobs. What differs from what ships is marked. */
const store = useWorkshopStore()
const { methodName } = useMethods()
const columns: readonly { key: keyof MethodCost; label: string; most: number }[] = [
  { key: 'minutes', label: 'Minutes a joint', most: 600 },
  { key: 'fitting', label: 'A 15 or 1/2 coupling', most: 100000 },
  { key: 'consumables', label: 'Consumables a joint', most: 100000 },
  { key: 'tool', label: 'Its tool', most: 100000 },
]
const isChanged = (method: MethodId, key: keyof MethodCost) =>
  store.costs.methods[method][key] !== shippedCosts.methods[method][key]
const owned = (method: MethodId) => store.workshop.tools?.find((tool) => tool.method === method)

function own(method: MethodId, tool: OwnedTool | null): void {
  const others = (store.workshop.tools ?? []).filter((known) => known.method !== method)
  store.set(['tools'], tool ? [...others, tool] : others)
}
function setSizes(method: MethodId, text: string): void {
  const sizes = text
    .split(/[,;]/)
    .map((size) => size.trim())
    .filter(Boolean)
  own(method, sizes.length > 0 ? { method, sizes } : { method })
}
const { currency: shownCurrency } = useMoney()
const currency = ref(shownCurrency.value)
watch(shownCurrency, (now) => (currency.value = now))
</script>

<template>
  <div class="space-y-4">
    <p class="max-w-3xl">
      Used wherever methods are compared and fittings chosen. These are example prices: set your own. What you change is
      marked <span class="font-semibold text-(--ui-primary)">yours</span>.
    </p>
    <p v-if="store.problem" role="alert" class="text-(--ui-error)">{{ store.problem }}</p>
    <div class="flex flex-wrap items-end gap-3">
      <TextField
        v-model="currency"
        label="Currency"
        class="w-28"
        :maxlength="3"
        @change="(typed) => store.set(['currency'], typed.toUpperCase())"
      />
      <NumberField
        label="An hour of work"
        :unit="shownCurrency"
        :least="0"
        :most="10000"
        class="w-40"
        :model-value="store.costs.hour"
        @update:model-value="(hour) => store.set(['hour'], hour)"
      />
    </div>
    <div class="overflow-x-auto">
      <table class="w-full text-left">
        <thead>
          <tr class="label align-bottom">
            <th class="pr-3">Method</th>
            <th class="pr-3">Tool owned</th>
            <th v-for="{ key, label } in columns" :key="key" class="pr-3">{{ label }}</th>
          </tr>
        </thead>
        <tbody class="ruled align-top">
          <tr v-for="method in methodIds" :key="method">
            <th class="py-2 pr-3 font-label text-lg font-semibold whitespace-nowrap">{{ methodName(method) }}</th>
            <td class="py-1 pr-3">
              <span v-if="!methods[method].needsTool" class="text-sm text-muted">none needed</span>
              <div v-else class="flex items-center gap-2">
                <CheckBox
                  :model-value="owned(method) !== undefined"
                  :aria-label="`I own the tool for ${methodName(method)}`"
                  @update:model-value="(on) => own(method, on ? { method } : null)"
                />
                <TextField
                  v-if="owned(method)"
                  bare
                  class="w-32"
                  placeholder="all sizes"
                  :model-value="owned(method)?.sizes?.join(', ') ?? ''"
                  :label="`Sizes of the tool for ${methodName(method)}`"
                  @change="(typed) => setSizes(method, typed)"
                />
              </div>
            </td>
            <td v-for="{ key, label, most } in columns" :key="key" class="py-1 pr-3">
              <NumberField
                bare
                :label="`${methodName(method)}: ${label}`"
                :least="0"
                :most="most"
                class="w-28"
                :model-value="store.costs.methods[method][key]"
                @update:model-value="(value) => store.set(['methods', method, key], value)"
              />
              <PushButton
                v-if="isChanged(method, key)"
                variant="link"
                color="primary"
                class="px-0"
                :label="`yours; back to ${shippedCosts.methods[method][key]}`"
                :aria-label="`Back to the shipped ${label} of ${methodName(method)}`"
                @click="store.set(['methods', method, key], null)"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <RatesPanel />
    <PriceFile />
    <CrewPanel />
  </div>
</template>
