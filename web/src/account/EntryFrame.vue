<script setup lang="ts">
import ExerciseFigure from '@/hand/ExerciseFigure.vue'

/** The mark drawn large: ramp, open box, ramp, with a hand before and a hand after. */
defineProps<{ subtitle: string }>()
</script>

<template>
  <main id="main" class="entry">
    <div class="ribbon" aria-hidden="true" />
    <svg class="ramp before" viewBox="0 0 160 160" aria-hidden="true">
      <path d="M0 160L160 0V160Z" />
    </svg>
    <svg class="ramp after" viewBox="0 0 160 160" aria-hidden="true">
      <path d="M160 160L0 0V160Z" />
    </svg>
    <div class="hand before">
      <ExerciseFigure :poses="['FLAT']" view="BACK" sides="LEFT" :height="340" label="Left hand" />
    </div>
    <div class="hand after">
      <ExerciseFigure
        :poses="['FLAT']"
        view="BACK"
        sides="RIGHT"
        :height="340"
        label="Right hand"
      />
    </div>
    <section class="box">
      <h1>Nimblet</h1>
      <p class="subtitle">{{ subtitle }}</p>
      <slot />
    </section>
    <p class="footnote quiet">No medical device; replaces no licensed practitioner.</p>
  </main>
</template>

<style scoped>
.entry {
  --box: 400px;
  --top: 277px;
  position: relative;
  min-height: max(100vh, 720px);
  padding: 115px 0 64px;
  overflow: hidden;
}
.ribbon {
  position: absolute;
  top: var(--top);
  right: 40px;
  left: 0;
  height: 342px;
  background: var(--ribbon-edge);
  clip-path: polygon(0 0, 100% 0, calc(100% - 60px) 50%, 100% 100%, 0 100%);
}
.ribbon::after {
  position: absolute;
  inset: 1px 1.5px 1px 0;
  background: var(--surface);
  clip-path: polygon(0 0, 100% 0, calc(100% - 60px) 50%, 100% 100%, 0 100%);
  content: '';
}
.box {
  position: relative;
  width: var(--box);
  min-height: 504px;
  margin: 0 auto;
  padding: 30px 48px 24px;
  border: 3px solid var(--ink);
  border-top: 0;
  background: linear-gradient(var(--ground), var(--ground)) no-repeat 0 162px;
}
.box h1 {
  font-size: 2.75rem;
  line-height: 3rem;
  text-align: center;
}
.subtitle {
  margin: 8px 0 40px;
  color: var(--ink-2);
  font-size: 1.25rem;
  line-height: 1.75rem;
  text-align: center;
}
.ramp {
  position: absolute;
  top: 117px;
  width: 160px;
  height: 160px;
  fill: var(--main);
}
.ramp.before {
  right: calc(50% + var(--box) / 2);
}
.ramp.after {
  left: calc(50% + var(--box) / 2);
}
.hand {
  position: absolute;
  top: 297px;
  width: 230px;
  height: 322px;
}
.hand.before {
  right: calc(50% + var(--box) / 2);
}
.hand.after {
  left: calc(50% + var(--box) / 2);
}
.footnote {
  position: absolute;
  bottom: 16px;
  left: 24px;
}
@media (max-width: 900px) {
  .hand {
    display: none;
  }
}
@media (max-width: 640px) {
  .entry {
    --box: calc(100vw - 96px);
    min-height: max(100vh, 700px);
    padding-top: 60px;
  }
  .box {
    padding: 24px 16px;
    background: var(--ground);
  }
  .subtitle {
    margin-bottom: 24px;
  }
  .ramp {
    top: 200px;
    width: 48px;
    height: 77px;
  }
}
</style>
