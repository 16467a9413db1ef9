<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useMovements } from '@/lib/api/queries'
import { t } from '@/lib/text'
import ConflictFields from '@/ui/ConflictFields.vue'
import PageState from '@/ui/PageState.vue'
import { addVariation } from './form'
import MovementFields from './MovementFields.vue'
import { useMovementForm } from './useMovementForm'
import VersionForm from './VersionForm.vue'

const { id } = defineProps<{ id: string }>()

// A movement of the studio's own, held to what the supplied ones are held to.
const MOST = 8
const movements = useMovements()
const {
  given,
  isNew,
  document,
  dirty,
  known,
  errors,
  problem,
  versioned,
  change,
  rename,
  errorBelow,
  save,
  resolve,
  back,
} = useMovementForm(id)

/** The version that was added last, to be opened. */
const added = ref('')
const add = (after?: number) => change((draft) => void (added.value = addVariation(draft, after).id))

const versions = computed(() =>
  (document.value?.ladder ?? []).map((variation, index) => ({
    value: variation.id,
    label: variation.name || t('movements.version_number', { number: index + 1 }),
  })),
)
/** A way round a sore joint: a version of this ladder, or any other's. */
const ways = computed(() => [
  ...versions.value.map(({ value, label }) => ({ value: `${document.value!.id}.${value}`, label })),
  ...(movements.data.value ?? [])
    .filter((movement) => movement.id !== document.value?.id)
    .flatMap((movement) => movement.ladder.map((variation) => ({ value: variation.id, label: variation.name }))),
])
const nameOf = (id?: string) => ways.value.find(({ value }) => value === id)?.label ?? id
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
            <Button :label="$t('movements.leave')" severity="secondary" variant="outlined" @click="back" />
            <Button type="submit" :label="$t('common.save')" :disabled="!dirty" />
          </span>
        </div>
        <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
        <p v-if="errors.get('/ladder')" class="warn-text" role="alert">
          {{ $t('movements.the_ladder_get', { get: errors.get('/ladder') }) }}
        </p>
        <MovementFields
          :document="document"
          :errors="errors"
          :versions="versions"
          :ways="ways"
          @rename="rename"
          @change="change"
        />
        <p v-if="errorBelow('/opens')" class="small warn-text" role="alert">
          {{ $t('movements.opens_error_below', { error_below: errorBelow('/opens') }) }}
        </p>
        <p class="small quiet">{{ $t('movements.versions_from_the_easiest_to_the') }}</p>
        <VersionForm
          v-for="(variation, index) in document.ladder"
          :key="variation.id"
          :variation="variation"
          :opened="variation.id === added || document.ladder.length === 1 || isNew"
          :wrong="Boolean(errorBelow(`/ladder/${index}`))"
          :error-at="(key: string) => errorBelow(`/ladder/${index}/${key}`)"
          :derived="given.data.value?.derived[variation.id]"
          :guessed-name="nameOf(variation.guessed_from)"
          @change="(work) => change((draft) => work(draft.ladder[index]!))"
        >
          <div class="row">
            <Button
              v-if="document.ladder.length < MOST"
              :label="$t('movements.add_a_version_after_this')"
              size="small"
              variant="text"
              @click="add(index)"
            />
            <Button
              v-if="!known.has(variation.id) && document.ladder.length > 1"
              :label="$t('movements.remove_this_version')"
              size="small"
              variant="text"
              severity="secondary"
              @click="change((draft) => draft.ladder.splice(index, 1))"
            />
          </div>
        </VersionForm>
        <div class="row">
          <Button
            v-if="document.ladder.length < MOST"
            :label="$t('movements.add_a_version')"
            icon="pi pi-plus"
            variant="outlined"
            @click="add()"
          />
          <Button type="submit" :label="$t('common.save')" :disabled="!dirty" />
        </div>
      </form>
    </PageState>
  </div>
</template>
