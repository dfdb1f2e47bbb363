<script setup lang="ts">
import type { Drawing } from './drawn'

/** Lets the forearm fade out, from where it begins to a share of the way to its end. */
withDefaults(defineProps<{ id: string; fade: Drawing['fade']; share?: number }>(), { share: 1 })
</script>

<template>
  <linearGradient
    :id="`${id}-fade`"
    gradientUnits="userSpaceOnUse"
    :x1="fade.from[0]"
    :y1="fade.from[1]"
    :x2="fade.to[0]"
    :y2="fade.to[1]"
  >
    <stop offset="0" stop-color="#fff" />
    <stop :offset="share" stop-color="#000" />
  </linearGradient>
  <mask :id="id" maskUnits="userSpaceOnUse" x="-400" y="-400" width="800" height="800">
    <rect x="-400" y="-400" width="800" height="800" :fill="`url(#${id}-fade)`" />
  </mask>
</template>
