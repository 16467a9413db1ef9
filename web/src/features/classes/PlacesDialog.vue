<script setup lang="ts">
import { t } from '@/lib/text'
import { useQueryClient } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import { computed, reactive, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { usePlaces } from '@/lib/api/queries'
import type { Place } from '@/lib/api/types'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import type { Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import { pieceName } from '@/lib/readable'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'

// Where classes are: how help finds it, and what kit is there.
const visible = defineModel<boolean>('visible', { required: true })
const queries = useQueryClient()
const places = usePlaces()
const { attempt, busy, errors } = useAttempt()

const TEXTS = [
  { key: 'name', label: t('common.name') },
  { key: 'address', label: t('classes.address_as_help_must_hear_it') },
  { key: 'defibrillator', label: t('classes.where_the_defibrillator_is') },
  { key: 'first_aid', label: t('classes.where_the_first_aid_kit_is') },
  { key: 'space', label: 'Space' },
  { key: 'surface', label: t('classes.surface') },
] as const
const id = ref<string | null>(null)
const text = reactive<Record<(typeof TEXTS)[number]['key'], string>>({
  name: '',
  address: '',
  defibrillator: '',
  first_aid: '',
  space: '',
  surface: '',
})
const SIZES = [
  { key: 'width_m', label: t('classes.width_m') },
  { key: 'depth_m', label: t('classes.depth_m') },
] as const
const sizes = ref<Record<(typeof SIZES)[number]['key'], Typed>>({ width_m: undefined, depth_m: undefined })
const counts = ref<Record<string, Typed>>({})
const options = computed(() => [
  { id: null, name: t('classes.a_new_place') },
  ...(places.data.value?.places ?? []).map((place) => ({ id: place.id, name: place.name })),
])

const version = ref(1)
let opened: PlaceBody = { name: '' }
function fill(body: PlaceBody) {
  for (const { key } of TEXTS) text[key] = body[key] ?? ''
  sizes.value = { width_m: body.width_m, depth_m: body.depth_m }
  counts.value = { ...(body.kit ?? {}) }
}
function show(place: Place | undefined) {
  fill(place ? bodyOf(place) : { name: '' })
  version.value = place?.version ?? 1
  opened = place ? bodyOf(place) : { name: '' }
}
watch(id, (chosen) => show(places.data.value?.places.find((place) => place.id === chosen)))
watch(visible, (open) => {
  if (!open) return
  id.value = places.data.value?.places[0]?.id ?? null
  show(places.data.value?.places[0])
})

type PlaceBody = Partial<Record<(typeof TEXTS)[number]['key'], string>> &
  Partial<Record<(typeof SIZES)[number]['key'], number>> & { name: string; kit?: Record<string, number> }
const bodyOf = (place: Place): PlaceBody => ({
  ...(Object.fromEntries(TEXTS.map(({ key }) => [key, place[key]])) as Record<(typeof TEXTS)[number]['key'], string>),
  width_m: place.width_m ?? undefined,
  depth_m: place.depth_m ?? undefined,
  kit: place.kit ?? undefined,
})
const typed = computed<PlaceBody>(() => {
  const counted = Object.entries(counts.value).filter(([, count]) => count !== undefined)
  return {
    ...text,
    ...(sizes.value as Partial<Record<(typeof SIZES)[number]['key'], number>>),
    kit: counted.length ? (Object.fromEntries(counted) as Record<string, number>) : undefined,
  }
})

async function saved(place: Place) {
  await queries.invalidateQueries({ queryKey: ['places'] })
  await queries.invalidateQueries({ queryKey: ['classes'] })
  id.value = place.id
  version.value = place.version
}
const versioned = useVersioned<PlaceBody, Place>({
  labels: {
    ...Object.fromEntries([...TEXTS, ...SIZES].map(({ key, label }) => [key, label])),
    kit: t('classes.kit_that_is_there'),
  },
  show: (body, over) => {
    fill(body)
    version.value = over
  },
  opened: () => opened,
  put: async (body, over) => {
    if (!id.value) return saved(await ask(api.POST('/api/places', { body })))
    await saved(
      await ask(api.PUT('/api/places/{id}', { params: { path: { id: id.value } }, body: { ...body, version: over } })),
    )
  },
  read: (theirs) => ({ body: bodyOf(theirs), version: theirs.version }),
})
const save = () => attempt(() => versioned.save(typed.value, version.value))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))

const remove = () =>
  attempt(async () => {
    if (!id.value) return
    await ask(api.DELETE('/api/places/{id}', { params: { path: { id: id.value } } }))
    await queries.invalidateQueries({ queryKey: ['places'] })
    id.value = null
  })
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('classes.places')" :style="{ width: 'min(44rem, 96vw)' }">
    <ConflictFields
      :visible="versioned.met.value !== null"
      :what="$t('classes.this_place_was')"
      :rows="versioned.rows.value"
      @save="resolve"
      @close="versioned.close"
    />
    <form class="form" @submit.prevent="save">
      <Select v-model="id" :options="options" option-label="name" option-value="id" :aria-label="$t('classes.place')" />
      <TextField
        v-for="field in TEXTS"
        :key="field.key"
        v-model="text[field.key]"
        :label="field.label"
        :error="errors.get(`/${field.key}`)"
        :maxlength="200"
      />
      <div class="row">
        <NumberField
          v-for="size in SIZES"
          :key="size.key"
          v-model="sizes[size.key]"
          :label="size.label"
          :error="errors.get(`/${size.key}`)"
          width="4rem"
        />
      </div>
      <fieldset>
        <legend>{{ $t('classes.kit_that_is_there') }}</legend>
        <p class="small quiet">{{ $t('classes.what_is_left_empty_counts_as') }}</p>
        <div class="row">
          <NumberField
            v-for="piece in places.data.value?.pieces ?? []"
            :key="piece"
            v-model="counts[piece]"
            :label="pieceName(piece)"
            :error="errors.get(`/kit/${piece}`)"
            width="3rem"
          />
        </div>
      </fieldset>
      <div class="row dialog-buttons">
        <Button v-if="id" :label="$t('classes.archive')" severity="secondary" variant="text" @click="remove" />
        <Button type="submit" :label="$t('classes.save_the_place')" :loading="busy" />
      </div>
    </form>
  </Dialog>
</template>

<style scoped>
.form {
  display: grid;
  gap: var(--space-3);
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: var(--space-2) 0 0;
  margin: 0;
}
legend {
  font-weight: 600;
}
</style>
