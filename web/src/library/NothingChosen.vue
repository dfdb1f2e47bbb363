<template>
  <div class="nothing">
    <p class="large">Choose an exercise at the left.</p>
    <p class="quiet">
      Type what is wanted as you would say it: “thumb after phone use, sitting, nothing at hand, 1
      minute”. Arrows go through the list, <kbd>/</kbd> comes back to the search.
    </p>
  </div>
</template>

<style scoped>
.nothing {
  max-width: 52ch;
  padding: 48px 40px;
}
</style>
