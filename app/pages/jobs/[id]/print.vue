<script setup lang="ts">
const { job, plan } = useOpenJob()
const { joints, cardOf, whereOf, pipeOf } = useJointCards()
const print = () => window.print()
</script>

<template>
  <div class="mx-auto max-w-4xl space-y-8">
    <div class="no-print flex flex-wrap gap-3">
      <UButton label="Print" icon="i-lucide-printer" @click="print" />
      <p class="self-center text-muted">Cut list, stock, what to bring, clips, and a card for each joint.</p>
    </div>
    <h1 class="heading text-3xl!">{{ job.title }}</h1>
    <section class="keep-whole">
      <h2 class="heading">Cut list</h2>
      <PieceTable :pieces="plan.pieces" />
    </section>
    <section v-for="stock in plan.stock" :key="stock.pipe" class="keep-whole space-y-2">
      <h2 class="heading">{{ stock.label }}</h2>
      <StockBar v-for="(bar, index) in stock.bars" :key="index" :bar="bar" :number="index + 1" selected="" />
    </section>
    <section class="keep-whole">
      <h2 class="heading">What to bring</h2>
      <PartsList :plan="plan" />
    </section>
    <section>
      <h2 class="heading">Clips</h2>
      <ClipTable :job="job" :plan="plan" />
    </section>
    <section class="space-y-8">
      <JointCardView
        v-for="joint in joints"
        :key="joint.id"
        :card="cardOf(joint)"
        :pipe="pipeOf(joint)"
        :method="joint.method"
        :reasons="joint.reasons"
        :where="whereOf(joint)"
        :timer="joint.id"
        printed
      />
    </section>
    <p class="text-sm">Local code, the makers’ instructions and a licensed person come before what stands here.</p>
  </div>
</template>
