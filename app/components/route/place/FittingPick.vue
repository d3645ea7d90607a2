<script setup lang="ts">
import type { System } from '~~/core/job/system'
import { namedFittingAt } from '~~/core/run/named-fitting'
import { canBeNamed, chosenByName, type NamedFitting } from '~~/core/pipework/take-off/named-fittings'
import { nameChosen } from '~~/core/job/chosen'
import type { Node } from '~~/core/job/job'
import { usableArms, usableFittings } from '~~/core/pipework/take-off/usable-fittings'
import { layOut } from '~~/core/run/layout'
import { useCatalogueStore } from '~/stores/catalogue'
import { useSelectionStore } from '~/stores/selection'

/** The fitting that stands at a node by its name in the trade: of those that take the pipes there, with its own length. */
const props = defineProps<{ system: System; node: Node }>()
const emit = defineEmits<{ choose: [choice: Pick<Node, 'fitting'>] }>()
const own = useCatalogueStore()
const { say } = useWords()
/** A fitting with what stands on its arms: “tee, with a 1/2 M BSP × 16 press adapter”. */
const withArms = (label: string, arms: NamedFitting['arms']) =>
  [label, ...Object.values(arms).flatMap((arm) => arm.fittings)].join(', with ')
/** They are many: looked up when they are asked for, not between two key presses. */
const isOpen = ref(false)
const selection = useSelectionStore()
const field = useTemplateRef<{ $el: HTMLElement }>('field')
watchPostEffect(() => {
  if (selection.wants !== 'fitting' || !field.value) return
  selection.wants = null
  field.value.$el.scrollIntoView({ block: 'center' })
  isOpen.value = true
})
const findFittings = () => usableFittings(own.catalogue, layOut(props.system), props.node)
const fittings = computed(() => (isOpen.value ? findFittings() : []))
const plain = 'plain'
const items = computed(() => [
  { value: plain, label: 'by the method' },
  ...fittings.value.map(({ named, arms }) => ({
    value: named.id,
    label: say.value.trade(withArms(named.label, arms)),
  })),
])
function choose(id: string): void {
  const found = findFittings().find(({ named }) => named.id === id)
  emit('choose', { fitting: found && chosenByName(found) })
}
const named = computed(() => nameChosen(props.node))
const chosen = computed(
  () => named.value && withArms(namedFittingAt(props.node)?.label ?? named.value.name, named.value.arms ?? {}),
)
const { namesIn } = useNames()
/** What stands on an arm, of all that could. */
const arms = computed(() =>
  Object.entries(named.value?.arms ?? {}).flatMap(([leg, { fittings: chosen }]) => {
    const choices = usableArms(own.catalogue, layOut(props.system), props.node, leg)
    const labels = choices.map(({ fittings: ids }) => ids.join(', '))
    return choices.length > 0 ? [{ leg, choices, labels, chosen: chosen.join(', ') }] : []
  }),
)
function chooseArm(leg: string, at: number): void {
  const arm = arms.value.find((of) => of.leg === leg)?.choices[at]
  if (arm && named.value) emit('choose', { fitting: { ...named.value, arms: { ...named.value.arms, [leg]: arm } } })
}
</script>

<template>
  <LongList
    v-if="canBeNamed(node.kind)"
    ref="field"
    v-model:open="isOpen"
    label="Fitting by its name"
    :items="items"
    :model-value="named?.name ?? plain"
    :chosen="chosen && say.trade(chosen)"
    search-placeholder="drop-ear, angle stop, 15 compression"
    @update:model-value="choose"
  />
  <Choice
    v-for="{ leg, labels, chosen: now } in arms"
    :key="leg"
    :label="`Between it and ${namesIn(node.run).leg(leg)}`"
    :items="labels.map((label) => ({ value: label, label: say.trade(label) }))"
    :model-value="now"
    @update:model-value="(label) => chooseArm(leg, labels.indexOf(label))"
  />
</template>
