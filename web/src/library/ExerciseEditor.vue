<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { computed, inject, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import { api } from '@/api/calls'
import { ServerProblem, type FieldProblem } from '@/api/client'
import { queries } from '@/api/queries'
import type { ExerciseForm, ExerciseView } from '@/api/types'
import { useAsked } from '@/api/useAsked'
import { copy, same } from '@/form/forms'
import PageState from '@/parts/PageState.vue'
import StateMark from '@/parts/StateMark.vue'
import EditorClosing from './EditorClosing.vue'
import EditorDose from './EditorDose.vue'
import EditorPreview from './EditorPreview.vue'
import EditorSection from './EditorSection.vue'
import EditorServes from './EditorServes.vue'
import EditorWhat from './EditorWhat.vue'
import EditorWords from './EditorWords.vue'
import { emptyExercise } from './exerciseForm'
import { RELOAD_LIBRARY } from './libraryPage'
import PoseEditor from './PoseEditor.vue'

/** An exercise is written: a new one, a variant of another, or a new version of one's own. */
const props = defineProps<{ exerciseId?: string; copying?: boolean }>()

const router = useRouter()
const reloadList = inject(RELOAD_LIBRARY)
const choices = useAsked(() => queries.exerciseChoices())
const form = ref<ExerciseForm>(emptyExercise())
const began = ref<ExerciseForm>(emptyExercise())
const changing = computed(() => props.exerciseId !== undefined && !props.copying)
const source = useAsked(() => queries.own(['exercise form', props.exerciseId], written))
async function written(): Promise<ExerciseForm> {
  if (props.exerciseId === undefined) return emptyExercise()
  const answer = await api.exerciseForm(props.exerciseId)
  return props.copying
    ? { ...answer.form, baseVersion: 0, title: `${answer.form.title}, mine`.slice(0, 42) }
    : answer.form
}
watch(source.data, (loaded) => {
  if (!loaded) return
  form.value = copy(loaded)
  began.value = copy(loaded)
})

const dirty = computed(() => !same(form.value, began.value))
let saved = false
onBeforeRouteLeave(
  () => saved || !dirty.value || window.confirm('Leave without saving what you wrote?'),
)

// ---- what it would be: asked of the server while one writes
const preview = ref<ExerciseView | null>(null)
const found = ref<readonly FieldProblem[]>([])
const tried = ref(false)
/** An empty form is not scolded before it was tried. */
const problems = computed(() => (tried.value || props.exerciseId !== undefined ? found.value : []))
let asking = 0
const PAUSE = 250
async function look() {
  const mine = ++asking
  try {
    const view = await api.previewExercise(form.value)
    if (mine !== asking) return
    preview.value = view
    found.value = []
  } catch (e) {
    if (mine === asking && e instanceof ServerProblem) found.value = e.errors
  }
}
watchDebounced(form, look, { deep: true, immediate: true, debounce: PAUSE })

const message = ref('')
const conflict = ref<ExerciseForm | null>(null)
const busy = ref(false)
async function save() {
  tried.value = true
  busy.value = true
  message.value = ''
  try {
    const stored =
      changing.value && props.exerciseId !== undefined
        ? await api.changeExercise(props.exerciseId, form.value)
        : await api.createExercise(form.value)
    saved = true
    await reloadList?.()
    await router.push(`/library/${stored.id}`)
  } catch (e) {
    if (e instanceof ServerProblem && e.status === 409) conflict.value = e.current as ExerciseForm
    else {
      if (e instanceof ServerProblem) found.value = e.errors
      message.value = (e as Error).message
    }
  } finally {
    busy.value = false
  }
}
function takeTheirs() {
  if (conflict.value) form.value = copy(conflict.value)
  conflict.value = null
}
function keepMine() {
  if (conflict.value) form.value.baseVersion = conflict.value.baseVersion
  conflict.value = null
  void save()
}
</script>

<template>
  <PageState
    :loading="source.slow.value"
    :error="source.error.value"
    :ready="Boolean(source.data.value && choices.data.value)"
    @retry="source.reload"
  >
    <form v-if="choices.data.value" novalidate @submit.prevent="save">
      <header class="line-up">
        <h2>
          {{ changing ? 'Change' : copying ? 'A variant' : 'Your own exercise' }}
        </h2>
        <RouterLink class="push" :to="exerciseId ? `/library/${exerciseId}` : '/library'"
          >Back to the library</RouterLink
        >
      </header>
      <div class="columns">
        <div class="fields">
          <EditorWhat v-model="form" :problems="problems" />
          <EditorDose v-model="form" :problems="problems" :preview="preview" />
          <EditorSection title="Figure">
            <PoseEditor
              v-model="form.figure"
              :way-names="form.ways"
              :poses="choices.data.value.poses"
              :joints="choices.data.value.joints"
              :problems="problems"
            />
          </EditorSection>
          <EditorWords v-model="form" :problems="problems" :choices="choices.data.value" />
          <EditorServes v-model="form" :problems="problems" :choices="choices.data.value" />
          <EditorClosing
            v-model="form"
            :problems="problems"
            :choices="choices.data.value"
            :preview="preview"
          />
        </div>
        <EditorPreview :problems="problems" :preview="preview" />
      </div>
      <div v-if="conflict" class="conflict" role="alert">
        <p class="word"><StateMark state="WARN" />Somebody else changed this exercise meanwhile</p>
        <p class="side-by-side">
          <BButton variant="outline-secondary" @click="takeTheirs">Take theirs</BButton>
          <BButton variant="outline-secondary" @click="keepMine">Keep mine</BButton>
        </p>
      </div>
      <div class="save">
        <BButton type="submit" variant="primary" :disabled="busy">{{
          changing ? 'Save as a new version' : 'Save'
        }}</BButton>
        <BButton v-if="dirty" variant="link" @click="form = copy(began)">Put back</BButton>
        <span v-if="message" class="stop" role="alert">{{ message }}</span>
      </div>
    </form>
  </PageState>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 32px;
  margin-top: 12px;
}
.stop {
  color: var(--stop);
  font-weight: 600;
}
.conflict {
  padding: 12px 16px;
  border: 1.5px solid var(--warn);
  background: var(--warn-wash);
}
.save {
  position: sticky;
  bottom: 0;
  z-index: 2;
  display: flex;
  gap: 16px;
  align-items: center;
  padding: 12px 0;
  border-top: 1px solid var(--line);
  background: var(--ground);
}
@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
