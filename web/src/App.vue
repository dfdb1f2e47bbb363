<script setup lang="ts">
import { useRoute } from 'vue-router'
import AppBar from '@/parts/AppBar.vue'
import AwayStrip from '@/parts/AwayStrip.vue'
import KeyHelp from '@/parts/KeyHelp.vue'
import NoticeStrip from '@/parts/NoticeStrip.vue'
import PlaceView from '@/parts/PlaceView.vue'
import { account } from '@/stores/account'
import KindPatterns from '@/tape/KindPatterns.vue'

const route = useRoute()
</script>

<template>
  <BApp>
    <KindPatterns prefix="kind" />
    <KindPatterns prefix="mini" :scale="0.62" />
    <svg width="0" height="0" class="busy-pattern" aria-hidden="true">
      <defs>
        <pattern
          id="busy"
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <rect class="busy-ground" width="5" height="5" />
          <path class="busy-line" d="M0 0V5" />
        </pattern>
      </defs>
    </svg>
    <template v-if="!route.meta.bare">
      <a class="visually-hidden-focusable skip" href="#main">Skip to the content</a>
      <AppBar v-if="account.signedIn.value" />
      <AwayStrip v-if="account.signedIn.value" />
      <NoticeStrip v-if="account.signedIn.value" />
    </template>
    <PlaceView />
    <KeyHelp v-if="account.signedIn.value && !route.meta.bare" />
  </BApp>
</template>

<style scoped>
.busy-pattern {
  position: absolute;
}
.busy-ground {
  fill: var(--busy-ground);
}
.busy-line {
  stroke: var(--edge);
  stroke-width: 1.5;
}
.skip {
  position: absolute;
  z-index: 10;
  padding: 8px 16px;
  background: var(--surface);
}
</style>
