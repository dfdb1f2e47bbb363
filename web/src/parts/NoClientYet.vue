<script setup lang="ts">
import { longDate } from '@/parts/words'

/** The empty day: the mark itself, with the open box waiting. */
defineProps<{ date: string }>()
</script>

<template>
  <main id="main" class="page">
    <header class="line-up">
      <h1>{{ longDate(date) }}</h1>
      <span class="quiet large">no client yet</span>
    </header>
    <div class="mark">
      <svg viewBox="0 0 960 320" preserveAspectRatio="xMidYMid slice" aria-hidden="true">
        <path class="band" d="M40 86H920L886 202L920 318H40Z" />
        <path class="dotted" d="M180 86L264 2V86" />
        <path class="dotted" d="M780 86L696 2V86" />
        <path class="box" d="M264 2V318H696V2" />
      </svg>
      <div class="words">
        <h2>Your first client</h2>
        <p class="large">
          Who it is, what the hands do, what is at hand and when they practise. Then the day fills
          itself.
        </p>
        <RouterLink class="btn btn-primary" to="/clients/new">Take in a client</RouterLink>
      </div>
    </div>
    <p class="quiet">Each client gets a line here, and this day as a ribbon.</p>
  </main>
</template>

<style scoped>
.mark {
  position: relative;
  max-width: 960px;
  margin: 24px auto;
}
svg {
  display: block;
  width: 100%;
  min-height: 320px;
}
.band {
  fill: var(--surface);
  stroke: var(--ribbon-edge);
}
.dotted {
  fill: none;
  stroke: var(--edge);
  stroke-width: 1.5;
  stroke-dasharray: 2 4;
}
.box {
  fill: var(--ground);
  stroke: var(--ink);
  stroke-width: 3;
}
.words {
  position: absolute;
  top: 56px;
  left: 50%;
  display: grid;
  gap: 16px;
  justify-items: center;
  width: min(360px, 80%);
  text-align: center;
  transform: translateX(-50%);
}
</style>
