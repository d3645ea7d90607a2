<script setup lang="ts">
import type { Job } from '~~/core/job/job'
import { useCatalogueStore } from '~/stores/catalogue'

/** The pipe that is there: what each was identified as, and by what. */
defineProps<{ surveys: Job['surveys'] }>()
const own = useCatalogueStore()
const seenWords = useSeen()
const pipeWords = (id: string | undefined) => (id ? (own.catalogue.pipe(id)?.label ?? id) : 'not identified yet')
</script>

<template>
  <section>
    <h2 class="heading">Pipe that is there</h2>
    <p v-if="surveys.length === 0">None surveyed.</p>
    <table v-else class="w-full text-left">
      <thead>
        <tr class="label">
          <th>Where</th>
          <th>Identified as</th>
          <th>Seen and measured</th>
        </tr>
      </thead>
      <tbody class="ruled">
        <tr v-for="{ id, name, pipe, observations } in surveys" :key="id" class="align-top">
          <td class="py-1 pr-4">{{ name }}</td>
          <td class="py-1 pr-4 font-semibold">{{ pipeWords(pipe) }}</td>
          <td class="py-1">{{ observations.map(seenWords).join('; ') || 'nothing yet' }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
