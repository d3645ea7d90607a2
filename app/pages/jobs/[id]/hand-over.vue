<script setup lang="ts">
import { photoGroups } from '~~/core/record/photo-groups'
import { setAddress } from '~~/core/edit/edit-run'
import { changedSince } from '~~/core/log/site-state'
import { doneLine, doneOf, drainLine, endedLine, photoLine, photosHeading, valveLine } from '~~/core/record/lines'
import { testLines } from '~~/core/record/test-lines'
import { recordOf } from '~~/core/record/record'
import type { Missing } from '~~/core/record/missing'
import { useCatalogueStore } from '~/stores/catalogue'
import { useLogStore } from '~/stores/log'
import { useSelectionStore } from '~/stores/selection'

/** The record as it will be handed over: what is missing at its head, each a link to where it is filled. */
const { store, job, built, plan, change } = useOpenJob()
const log = useLogStore()
const own = useCatalogueStore()
const selection = useSelectionStore()
const { length, say, tell } = useWords()
const proofs = useProofs(() => log.state)
const record = computed(() =>
  recordOf(
    own.catalogue,
    { id: store.id, version: store.version, job: built.value },
    { plan: plan.value, entries: log.entries, proofs: proofs.value },
  ),
)
const done = computed(() => doneOf(record.value))
const numbers = computed(() => new Map(plan.value.joints.map(({ id, number }) => [id, number])))
const isNamed = computed(() => log.who.trim() !== '')
const when = useWhen()
function show({ joints }: Missing): void {
  if (joints[0]) selection.joint = joints[0]
}
const sealed = useSealedRecords()
const isHandedOver = computed(
  () => record.value.handedOver !== null && !changedSince(record.value.handedOver, log.entries, store.version),
)
const files = [
  { path: 'record.pdf', label: 'PDF' },
  { path: 'labels.pdf', label: 'Labels' },
  { path: 'record', label: 'JSON' },
  { path: 'record.csv', label: 'CSV' },
  { path: 'tests.csv', label: 'Tests as CSV' },
]
const flushed = () => log.write({ kind: 'flushed', subject: {}, body: {} }, 'flushed')
const note = ref('')
function keepNote(): void {
  log.write({ kind: 'note', subject: {}, body: { text: note.value.trim() } }, 'a note')
  note.value = ''
}
const handOver = () => log.write({ kind: 'handed-over', subject: {}, body: {} }, 'handed over')
const print = () => window.print()
</script>

<template>
  <div class="space-y-6">
    <section aria-label="What is missing">
      <p
        v-if="record.missing.length === 0"
        class="flex items-center gap-2 font-label text-3xl font-semibold text-(--ui-success)"
      >
        <UIcon name="i-lucide-circle-check" class="size-8" />Nothing is missing
      </p>
      <template v-else>
        <p class="font-label text-3xl font-semibold text-(--ui-warning)">
          {{ record.missing.length }} {{ record.missing.length === 1 ? 'thing' : 'things' }} missing
        </p>
        <ul class="ruled border-y border-(--ui-border)">
          <li v-for="(gap, index) in record.missing" :key="index">
            <NuxtLink
              :to="`/jobs/${store.id}/${gap.step}`"
              class="flex min-h-11 items-center gap-2 px-1 underline"
              @click="show(gap)"
            >
              <UIcon name="i-lucide-arrow-right" class="size-4 shrink-0" />{{ tell(gap.message) }}
            </NuxtLink>
          </li>
        </ul>
      </template>
    </section>
    <div class="no-print flex flex-wrap items-end gap-3">
      <WhoField class="w-44" />
      <PushButton
        color="primary"
        variant="solid"
        class="min-h-12 text-lg"
        :disabled="!isNamed || record.missing.length > 0 || isHandedOver"
        :label="record.handedOver && !isHandedOver ? 'Hand over again' : 'Hand over the job'"
        @click="handOver"
      />
      <WhyNot
        :wants="
          !isNamed ? 'Type your name first.' : record.missing.length > 0 ? 'Something is missing: see above.' : ''
        "
      />
      <PushButton icon="i-lucide-printer" label="Print" @click="print" />
      <PushButton
        v-for="{ path, label } in files"
        :key="path"
        :to="`/api/jobs/${store.id}/${path}`"
        external
        target="_blank"
        :label="label"
      />
    </div>
    <div class="no-print flex flex-wrap items-end gap-3">
      <TextField
        label="Where the work is"
        class="w-60"
        :maxlength="200"
        :model-value="job.address ?? ''"
        @change="(address) => change(setAddress(job, address))"
      />
      <PushButton :disabled="!isNamed" label="Mark as flushed" @click="flushed" />
      <CoverForm :disabled="!isNamed" />
    </div>
    <p v-if="record.handedOver" class="text-lg font-semibold">
      Handed over by {{ record.handedOver.by }}, {{ when(record.handedOver.at) }}.
      <span v-if="!isHandedOver" class="text-(--ui-warning)">Changed since.</span>
    </p>
    <ul v-if="sealed.length" class="ruled border-y border-(--ui-border)" aria-label="Records handed over">
      <li v-for="(of, at) in sealed" :key="of.sha256" class="flex flex-wrap items-center gap-x-4 py-1">
        <a :href="`/api/records/${of.sha256}`" :download="`${job.title}, record.json`" class="underline">
          {{ at === 0 ? 'Current record' : 'Earlier record' }}, {{ when(of.at) }}
        </a>
        <span class="font-mono text-sm break-all text-muted">{{ of.sha256 }}</span>
      </li>
      <li>
        <NuxtLink to="/verify" class="no-print inline-flex min-h-11 items-center underline">Check a record</NuxtLink>
      </li>
    </ul>
    <JointRecords :joints="record.joints" />
    <section v-if="record.tests.length" aria-label="Tests">
      <h2 class="heading">Pressure tests</h2>
      <div v-for="test in record.tests" :key="test.id" class="space-y-2 py-2">
        <p>Started by {{ test.begun.by }}, {{ when(test.begun.at) }}; {{ test.readings.length }} readings.</p>
        <p v-for="line in testLines(test, say)" :key="line">{{ line }}</p>
        <p v-if="test.ended">Ended by {{ test.ended.by }}, {{ when(test.ended.at) }}: {{ endedLine(test.ended) }}</p>
        <SignatureDrawing
          v-if="test.ended?.body.signature"
          :signature="test.ended.body.signature"
          :of="test.ended.body.witness ?? test.ended.by"
        />
        <p v-for="of in test.notes" :key="of.message" class="text-(--ui-warning) first-letter:uppercase">
          {{ tell(of) }}.
        </p>
        <ProofVerdict v-if="test.proof" :proof="test.proof" />
      </div>
    </section>
    <section v-if="done.length" aria-label="What else was done">
      <h2 class="heading">What else was done</h2>
      <ul class="ruled">
        <li v-for="item in done" :key="item.id">{{ when(item.at) }}, {{ item.by }}: {{ doneLine(item, say) }}</li>
      </ul>
    </section>
    <form class="no-print flex flex-wrap items-end gap-3" aria-label="A note" @submit.prevent="keepNote">
      <TextField v-model="note" label="A note for the record" maxlength="2000" class="min-w-60 flex-1" />
      <PushButton type="submit" :disabled="!isNamed || note.trim() === ''" label="Add note" />
    </form>
    <section v-if="record.photos.length" aria-label="Photos">
      <h2 class="heading">Photos</h2>
      <div v-for="{ where, photos } in photoGroups(record.photos)" :key="where">
        <h3 v-if="where" class="label pt-2 text-base">{{ photosHeading(where) }}</h3>
        <div class="flex flex-wrap gap-3">
          <figure v-for="item in photos" :key="item.id">
            <img :src="log.photoUrl(item.body.sha)" alt="Photo of the work" class="h-40" loading="lazy" />
            <figcaption class="text-sm">
              {{ [photoLine(item, numbers), item.by, when(item.at)].filter(Boolean).join(', ') }}
            </figcaption>
          </figure>
        </div>
      </div>
    </section>
    <section v-if="record.valves.length + record.drains.length" aria-label="Valves and drain points">
      <h2 class="heading">Valves and drain points</h2>
      <ul class="ruled">
        <li v-for="item in record.valves" :key="item.at">{{ valveLine(item) }}</li>
        <li v-for="item in record.drains" :key="item.run">{{ drainLine(item) }}</li>
      </ul>
    </section>
    <section aria-label="What the owner must do">
      <h2 class="heading">What the owner must do</h2>
      <ul class="ruled">
        <li v-for="item in record.owner" :key="item.message">{{ tell(item) }}</li>
      </ul>
    </section>
    <section aria-label="Materials">
      <h2 class="heading">Materials</h2>
      <ul class="ruled">
        <li v-for="item in record.materials.pipe" :key="item.item">{{ length(item.mm) }} of {{ item.label }}</li>
        <li v-for="item in record.materials.fittings" :key="item.item">{{ item.count }} × {{ item.label }}</li>
        <li v-for="item in record.materials.sundries" :key="item.item">
          {{ item.count }} × {{ say.trade(item.label) }}
        </li>
      </ul>
    </section>
    <EntryList />
  </div>
</template>
