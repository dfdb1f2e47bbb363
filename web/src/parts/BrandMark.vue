<template>
  <svg class="brand-mark" width="34" height="22" viewBox="0 0 34 22" aria-hidden="true">
    <path class="ramp" d="M1 19.5L10 3V19.5Z" />
    <path class="ramp" d="M33 19.5L24 3V19.5Z" />
    <path class="box" d="M12.75 3.75V18.75H21.25V3.75" />
  </svg>
</template>

<style scoped>
.ramp {
  fill: var(--main);
}
.box {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
}
</style>
