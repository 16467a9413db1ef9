<script setup lang="ts">
import LabelledField from '@/ui/LabelledField.vue'
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import { api, ask, Refusal, wording } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import type { Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import PageState from '@/ui/PageState.vue'
import { useVersioned } from '@/lib/useVersioned'
import { readable } from '@/lib/readable'
import { addVariation, newMovement, slug, wordsOf, type MovementDocument, type VariationDocument } from './form'
import VersionForm from './VersionForm.vue'

const { id } = defineProps<{ id: string }>()

// A movement of the studio's own, held to what the house's are held to.
const router = useRouter()
const toast = useToast()
const queries = useQueryClient()
const movements = useMovements()
const isNew = id === 'new'
interface Holder {
  document: MovementDocument
  version: number | null
  derived: Record<string, { name: string; because: string }[]>
}
const version = ref(1)
const given = useQuery({
  queryKey: ['movements', id, 'document'],
  queryFn: async () =>
    isNew
      ? { document: newMovement(), version: null, derived: {} }
      : ((await ask(api.GET('/api/movements/{id}/document', { params: { path: { id } } }))) as unknown as Holder),
  staleTime: Infinity,
  gcTime: 0,
  refetchOnWindowFocus: false,
})

const document = ref<MovementDocument | null>(null)
const before = ref('')
const errors = ref(new Map<string, string>())
const problem = ref('')
watch(
  () => given.data.value,
  (data) => {
    if (!data) return
    document.value = JSON.parse(JSON.stringify(data.document)) as MovementDocument
    version.value = data.version ?? 1
    before.value = JSON.stringify(document.value)
  },
  { immediate: true },
)
const dirty = computed(() => document.value !== null && JSON.stringify(document.value) !== before.value)

const variations = computed(() =>
  (document.value?.ladder ?? []).map((variation, index) => ({
    value: variation.id,
    label: variation.name || t('movements.version_number', { number: index + 1 }),
  })),
)
/** A way round a sore joint: a variation of this ladder, or any other's. */
const ways = computed(() => [
  ...(document.value?.ladder ?? []).map((variation) => ({
    value: `${document.value!.id}.${variation.id}`,
    label: variation.name || variation.id,
  })),
  ...(movements.data.value ?? [])
    .filter((movement) => movement.id !== document.value?.id)
    .flatMap((movement) => movement.ladder.map((variation) => ({ value: variation.id, label: variation.name }))),
])

function change(work: (draft: MovementDocument) => void) {
  if (document.value) work(document.value)
}

function rename(name: string) {
  change((draft) => {
    draft.name = name
    if (!isNew) return
    const before = draft.id
    draft.id = `own_${slug(name)}`
    for (const joint of Object.keys(draft.spares))
      draft.spares[joint] = draft.spares[joint]!.replace(new RegExp(`^${before}\\.`), `${draft.id}.`)
  })
}

function changeVariation(index: number, work: (variation: VariationDocument) => void) {
  change((draft) => work(draft.ladder[index]!))
}

const errorBelow = (pointer: string) => {
  for (const [place, message] of errors.value) if (place === pointer || place.startsWith(`${pointer}/`)) return message
  return undefined
}

const versioned = useVersioned<MovementDocument, Holder>({
  labels: {
    name: t('common.name'),
    summary: t('movements.what_it_is'),
    also: t('movements.other_names'),
    pattern: t('movements.pattern'),
    plane: t('movements.plane'),
    role: t('movements.used_in'),
    opens: t('movements.opens'),
    spares: t('movements.ways_round_a_sore_joint'),
    ladder: t('movements.version'),
    standard: t('movements.a_rep_counts_if'),
    levers: t('movements.by'),
  },
  show: (body, over) => {
    document.value = JSON.parse(JSON.stringify(body)) as MovementDocument
    version.value = over
  },
  opened: () => JSON.parse(before.value) as MovementDocument,
  put: async (body, over) => {
    const document = body as unknown as Record<string, never>
    const saved = isNew
      ? await ask(api.POST('/api/movements', { body: { document } }))
      : await ask(api.PUT('/api/movements/{id}', { params: { path: { id } }, body: { document, version: over } }))
    before.value = JSON.stringify(body)
    await queries.invalidateQueries({ queryKey: ['movements'] })
    toast.add({ severity: 'success', summary: t('common.saved'), detail: saved.name, life: 3000 })
    await router.push({ name: 'movements', params: { id: saved.id } })
  },
  read: (theirs) => ({ body: theirs.document, version: theirs.version ?? 1 }),
})

async function attempt(work: () => Promise<unknown>) {
  problem.value = ''
  try {
    await work()
  } catch (error) {
    if (error instanceof Refusal) errors.value = error.fields('/document')
    problem.value =
      error instanceof Refusal && errors.value.size ? t('movements.some_fields_need_correcting') : wording(error)
  }
}
const save = () => attempt(async () => document.value && versioned.save(document.value, version.value))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))
onBeforeRouteLeave(() => !dirty.value || window.confirm(t('movements.leave_without_saving_this_movement')))
const CHOICES = [
  { key: 'pattern', label: t('movements.pattern') },
  { key: 'plane', label: t('movements.plane') },
  { key: 'role', label: t('movements.used_in') },
] as const
</script>

<template>
  <div class="page">
    <PageState :loading="given.isPending.value" :error="given.error.value" @retry="given.refetch()">
      <ConflictFields
        :visible="versioned.met.value !== null"
        :what="$t('movements.this_movement_was')"
        :rows="versioned.rows.value"
        @save="resolve"
        @close="versioned.close"
      />
      <form v-if="document" @submit.prevent="save">
        <div class="row spread">
          <h1>{{ isNew ? $t('movements.a_movement_of_your_own') : document.name }}</h1>
          <span class="row">
            <Button :label="$t('movements.leave')" severity="secondary" variant="outlined" @click="router.back()" />
            <Button type="submit" :label="$t('common.save')" :disabled="!dirty" />
          </span>
        </div>
        <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
        <p v-if="errors.get('/ladder')" class="warn-text" role="alert">
          {{ $t('movements.the_ladder_get', { get: errors.get('/ladder') }) }}
        </p>
        <div class="fields">
          <LabelledField :label="$t('common.name')" :error="errors.get('/name') ?? errors.get('/id')">
            <InputText
              :model-value="document.name"
              :invalid="Boolean(errors.get('/name'))"
              @update:model-value="rename($event ?? '')"
            />
          </LabelledField>
          <LabelledField
            class="wide"
            :label="$t('movements.what_it_is_in_a_sentence')"
            :name="$t('movements.summary')"
            :error="errors.get('/summary')"
          >
            <InputText v-model="document.summary" :invalid="Boolean(errors.get('/summary'))" />
          </LabelledField>
          <LabelledField :label="$t('movements.other_names_with_commas')">
            <InputText
              :model-value="(document.also ?? []).join(', ')"
              @change="change((draft) => void (draft.also = wordsOf(($event.target as HTMLInputElement).value)))"
            />
          </LabelledField>
          <LabelledField v-for="field in CHOICES" :key="field.key" :label="field.label">
            <Select
              v-model="document[field.key]"
              :aria-label="field.label"
              :options="[...MOVEMENT_WORDS[field.key]]"
              :option-label="readable"
            />
          </LabelledField>
          <LabelledField
            v-for="level in MOVEMENT_WORDS.levels"
            :key="level"
            :label="$t('movements.opens_level', { level: readable(level) })"
          >
            <Select
              v-model="document.opens[level]"
              :aria-label="$t('movements.opens_level', { level: readable(level) })"
              :options="variations"
              option-label="label"
              option-value="value"
            />
          </LabelledField>
          <LabelledField
            v-for="joint in MOVEMENT_WORDS.spared"
            :key="joint"
            :label="$t('movements.with_a_sore_readable', { readable: readable(joint) })"
            :name="readable(joint)"
            :error="errors.get(`/spares/${joint}`)"
          >
            <Select
              v-model="document.spares[joint]"
              :aria-label="$t('movements.with_a_sore_readable', { readable: readable(joint) })"
              :options="ways"
              option-label="label"
              option-value="value"
              filter
              :invalid="Boolean(errors.get(`/spares/${joint}`))"
            />
          </LabelledField>
        </div>
        <p v-if="errorBelow('/opens')" class="small warn-text" role="alert">
          {{ $t('movements.opens_error_below', { error_below: errorBelow('/opens') }) }}
        </p>
        <p class="small quiet">{{ $t('movements.versions_from_the_easiest_to_the') }}</p>
        <VersionForm
          v-for="(variation, index) in document.ladder"
          :key="variation.id"
          :variation="variation"
          :error-at="(key: string) => errorBelow(`/ladder/${index}/${key}`)"
          :derived="given.data.value?.derived[variation.id]"
          :guessed-name="ways.find(({ value }) => value === variation.guessed_from)?.label ?? variation.guessed_from"
          @change="(work) => changeVariation(index, work)"
        >
          <Button
            v-if="isNew && document.ladder.length > 3"
            :label="$t('movements.remove_this_version')"
            size="small"
            variant="text"
            severity="secondary"
            @click="change((draft) => draft.ladder.splice(index, 1))"
          />
        </VersionForm>
        <div class="row">
          <Button
            v-if="document.ladder.length < 8"
            :label="$t('movements.add_a_version')"
            icon="pi pi-plus"
            variant="outlined"
            @click="change(addVariation)"
          />
          <Button type="submit" :label="$t('common.save')" :disabled="!dirty" />
        </div>
      </form>
    </PageState>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: var(--space-3);
  margin: var(--space-4) 0;
}
.wide {
  grid-column: span 2;
}
@media (max-width: 40rem) {
  .wide {
    grid-column: auto;
  }
}
</style>
