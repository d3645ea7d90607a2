<script setup lang="ts">
import { useNow } from '@vueuse/core'
import { methodIds, type MethodId } from '~~/core/methods/ids'
import { isOverdue, nextCheck } from '~~/core/workshop/checked-tool'
import { useWorkshopStore } from '~/stores/workshop'

/** The workshop's people, and its press and gauge tools with their last check and when the next is due. */
const store = useWorkshopStore()
const { methodName } = useMethods()
const now = useNow({ interval: 60_000 })
const person = ref('')
const name = ref('')
const method = ref<MethodId>('press-metal')
const checked = ref('')
const months = ref<number | undefined>(12)
const methodItems = methodIds.map((id) => ({ value: id, label: methodName(id) }))
const tools = computed(() =>
  Object.entries(store.workshop.checkedTools).map(([id, tool]) => {
    const due = nextCheck(tool)
    return { id, tool, due, isLate: isOverdue(due, now.value.toISOString()) }
  }),
)
function addPerson(): void {
  if (store.set(['people'], [...store.workshop.people, person.value.trim()])) person.value = ''
}
function addTool(): void {
  const id = `tool-${now.value.getTime()}`
  const tool = { name: name.value.trim(), methods: [method.value], checked: checked.value, everyMonths: months.value }
  if (store.set(['checkedTools', id], tool)) name.value = ''
}
</script>

<template>
  <section class="space-y-4" aria-label="People and tools">
    <h2 class="heading">People</h2>
    <ul class="flex flex-wrap gap-x-4">
      <li v-for="of in store.workshop.people" :key="of" class="flex items-center gap-1">
        {{ of }}
        <RemoveButton :name="of" @remove="store.removePerson(of)" />
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-3" @submit.prevent="addPerson">
      <TextField v-model="person" label="Name" class="w-48" :maxlength="80" />
      <PushButton type="submit" :disabled="person.trim() === ''" label="Add the person" />
      <WhyNot :wants="person.trim() === '' ? 'Type the name.' : ''" />
    </form>
    <h2 class="heading">Press and gauge tools</h2>
    <ul class="ruled border-y border-(--ui-border)">
      <li
        v-for="{ id, tool, due, isLate } in tools"
        :key="id"
        class="flex min-h-11 flex-wrap items-center gap-x-4 py-1"
      >
        <span class="font-semibold">{{ tool.name }}</span>
        <span>{{ tool.methods.map(methodName).join(', ') }}</span>
        <span :class="isLate ? 'font-semibold text-(--ui-warning)' : ''">
          checked {{ tool.checked }}, {{ isLate ? 'overdue since' : 'due' }} {{ due }}
        </span>
        <PushButton
          variant="ghost"
          label="Checked today"
          :aria-label="`${tool.name}: checked today`"
          @click="store.set(['checkedTools', id, 'checked'], now.toISOString().slice(0, 10))"
        />
        <RemoveButton :name="tool.name" @remove="store.remove('checkedTools', id)" />
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-3" @submit.prevent="addTool">
      <TextField v-model="name" label="Tool" class="w-48" :maxlength="60" />
      <Choice v-model="method" label="Makes" class="w-48" :items="methodItems" />
      <TextField v-model="checked" type="date" label="Last checked" class="w-44" />
      <NumberField v-model="months" label="Every" unit="months" class="w-32" whole :least="1" :most="120" />
      <PushButton
        type="submit"
        :disabled="name.trim() === '' || checked === '' || months === undefined"
        label="Add the tool"
      />
      <WhyNot
        :wants="
          name.trim() === ''
            ? 'Type what it is.'
            : checked === ''
              ? 'Choose when it was last checked.'
              : months === undefined
                ? 'Type how many months it holds.'
                : ''
        "
      />
    </form>
  </section>
</template>
