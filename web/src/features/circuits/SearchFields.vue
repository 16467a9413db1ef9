<script setup lang="ts">
import InputText from 'primevue/inputtext'
import MultiSelect from 'primevue/multiselect'
import Select from 'primevue/select'
import { computed } from 'vue'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { pieceName } from '@/lib/readable'
import { useFormatNames } from '@/lib/useFormatNames'
import NumberField from '@/ui/NumberField.vue'
import type { Search } from './search'

// What one has and wants: words, minutes, kit, format and tag.
const search = defineModel<Search>({ required: true })
defineProps<{ tags: string[]; inputId: string; placeholder: string }>()
const { offered } = useFormatNames()
const NO_KIT = 'none'
const pieces = computed(() => MOVEMENT_WORDS.equipment.filter((item) => item !== 'wall'))
const kit = computed(() => (search.value.kit?.length === 0 ? [NO_KIT] : (search.value.kit ?? [])))

const set = (change: Partial<Search>) => (search.value = { ...search.value, ...change })
/** “No kit” and pieces exclude each other: what was chosen last stands. */
function setKit(chosen: string[]) {
  const none = chosen.at(-1) === NO_KIT
  const rest = chosen.filter((item) => item !== NO_KIT)
  set({ kit: none ? [] : rest.length ? rest : null })
}
</script>

<template>
  <InputText
    :id="inputId"
    :model-value="search.words"
    type="search"
    :placeholder="placeholder"
    :aria-label="placeholder"
    aria-keyshortcuts="/"
    size="small"
    @update:model-value="set({ words: $event ?? '' })"
  />
  <NumberField
    :label="$t('circuits.at_most')"
    :unit="$t('common.min')"
    :model-value="search.minutes ?? undefined"
    width="3.4rem"
    @update:model-value="set({ minutes: typeof $event === 'number' && $event > 0 ? $event : null })"
  />
  <MultiSelect
    :model-value="kit"
    :options="[NO_KIT, ...pieces]"
    :option-label="(piece: string) => (piece === NO_KIT ? $t('circuits.no_kit') : pieceName(piece))"
    :placeholder="$t('circuits.any_kit')"
    :aria-label="$t('circuits.kit_that_is_there')"
    show-clear
    size="small"
    @update:model-value="setKit"
  />
  <Select
    :model-value="search.format"
    :options="offered"
    option-label="label"
    option-value="id"
    :placeholder="$t('circuits.any_format')"
    show-clear
    size="small"
    :aria-label="$t('circuits.format')"
    @update:model-value="set({ format: $event })"
  />
  <Select
    v-if="tags.length"
    :model-value="search.tag"
    :options="tags"
    :placeholder="$t('circuits.any_tag')"
    show-clear
    size="small"
    :aria-label="$t('circuits.tag')"
    @update:model-value="set({ tag: $event })"
  />
</template>
