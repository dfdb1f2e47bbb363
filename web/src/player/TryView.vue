<script setup lang="ts">
import { computed } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { queries } from '@/api/queries'
import { useAsked } from '@/api/useAsked'
import { keptDraft } from '@/bench/useBench'
import PageState from '@/parts/PageState.vue'
import PlayerStage from './PlayerStage.vue'

/** What lies on the bench, played from any step; nothing of it is written down. */
const route = useRoute()
const router = useRouter()
const from = computed(() => Number(route.query.from ?? 0))
const { data, error, slow, reload } = useAsked(() =>
  queries.own(['tried'], () => api.playDraft(keptDraft())),
)
const back = () => void router.push('/bench')
</script>

<template>
  <PlayerStage
    v-if="data?.steps.length"
    :routine="data"
    :from="from"
    @finished="back"
    @left="back"
  />
  <main v-else id="main" class="page">
    <PageState :loading="slow" :error="error" :ready="Boolean(data)" @retry="reload">
      <h1>Nothing of it may be done now</h1>
      <ul>
        <li v-for="out in data?.leftOut ?? []" :key="out.exerciseId">{{ out.reason }}</li>
      </ul>
      <p class="large"><RouterLink to="/bench">Back to the bench</RouterLink></p>
    </PageState>
  </main>
</template>
