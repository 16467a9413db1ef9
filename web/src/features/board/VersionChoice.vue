<script setup lang="ts">
import ChevronDownIcon from '@primevue/icons/chevrondown'
import Select from 'primevue/select'
import { computed, nextTick, ref, useId, useTemplateRef } from 'vue'
import type { Level, Movement, Station } from '@/lib/api/types'
import { t } from '@/lib/text'
import MovementFinder from './MovementFinder.vue'
import { movementOf, partsOf, versionOf } from './level'
import { useBoard } from './useBoard'

// What a level does at a station: a version of its movement; another movement, parts of its own, or nothing.
// A board has forty of these lists and one is used at a time: each is only drawn until somebody comes near its row.
export type Other = 'own_parts' | 'as_station' | 'sit_out' | 'take_part'
const props = defineProps<{ station: Station; level: Level; name: string; isNear: boolean }>()
const emit = defineEmits<{ version: [id: string]; movement: [movement: Movement]; other: [what: Other] }>()
const board = useBoard()
const id = useId()
const isLooking = ref(false)
const isWoken = ref(false)
const isDrawn = computed(() => !props.isNear && !isWoken.value)
const select = useTemplateRef<{ $el: HTMLElement; show: (isFocus?: boolean) => void }>('select')

const held = computed(() => props.station.levels[props.level])
const movement = computed(() => movementOf(board.movement, props.station, props.level))
const version = computed(() => versionOf(board.movement, props.station, props.level))
const parts = computed(() => partsOf(props.station, props.level))
const nameOf = (id: string) => board.movement(id)?.name ?? id

const now = computed(() => {
  if (held.value.sits_out) return 'is:out'
  return parts.value ? 'is:parts' : (held.value.variation ?? null)
})
const asNow = computed(() => {
  if (held.value.sits_out) return [{ value: 'is:out', label: t('board.sits_out') }]
  const list = (parts.value ?? []).map((part) => `${part.reps} ${nameOf(part.movement)}`)
  return list.length ? [{ value: 'is:parts', label: list.join(' + ') }] : []
})
const differs = computed(
  () => held.value.parts || (held.value.variation && movement.value?.id !== props.station.movement),
)
const others = computed(() => [
  { value: 'do:look', label: t('board.another_movement_for_level') },
  ...(held.value.parts ? [] : [{ value: 'do:own_parts', label: t('board.parts_of_its_own') }]),
  ...(differs.value ? [{ value: 'do:as_station', label: t('board.as_the_station') }] : []),
  held.value.sits_out
    ? { value: 'do:take_part', label: t('board.takes_part_again') }
    : { value: 'do:sit_out', label: t('board.sits_out') },
])
const options = computed(() => [
  ...asNow.value,
  ...(held.value.sits_out ? [] : (movement.value?.ladder ?? []).map(({ id, name }) => ({ value: id, label: name }))),
  ...others.value,
])

function take(value: string) {
  if (value === 'do:look') void look()
  else if (value.startsWith('do:')) emit('other', value.slice(3) as Other)
  else if (!value.startsWith('is:')) emit('version', value)
}

async function look() {
  isLooking.value = true
  await nextTick()
  document.getElementById(id)?.focus()
}

const nowText = computed(() => options.value.find(({ value }) => value === now.value)?.label)

/** What was done to the drawing is done to the list. */
async function wake(isOpened: boolean) {
  isWoken.value = true
  await nextTick()
  focusList()
  if (isOpened) select.value?.show()
}

function focusList() {
  select.value?.$el.querySelector<HTMLElement>('[role=combobox]')?.focus()
}

async function back() {
  if (!isLooking.value) return
  isLooking.value = false
  await nextTick()
  focusList()
}

/** The list of what was found is outside of the cell. */
function left(event: FocusEvent) {
  if (event.relatedTarget) isLooking.value = false
}

function pick(found: Movement) {
  emit('movement', found)
  void back()
}
defineExpose({ look })
</script>

<template>
  <MovementFinder
    v-if="isLooking"
    class="variation looking"
    :movements="board.offered.value"
    :label="$t('board.name_another_movement', { name })"
    :placeholder="$t('board.type_a_movement')"
    :input-id="id"
    @pick="pick"
    @keydown.escape.stop="back"
    @focusout="left"
  />
  <div
    v-else-if="isDrawn"
    class="p-select p-component p-inputwrapper p-select-sm p-inputsize-small variation"
    :class="{ other: differs, out: held.sits_out }"
  >
    <span
      class="p-select-label"
      role="combobox"
      tabindex="0"
      aria-haspopup="listbox"
      aria-expanded="false"
      :aria-label="$t('board.name_version', { name })"
      @focus="wake(false)"
      @click="wake(true)"
      >{{ nowText }}</span
    >
    <span class="p-select-dropdown"><ChevronDownIcon class="p-select-dropdown-icon" /></span>
  </div>
  <Select
    v-else
    ref="select"
    :title="version ? $t('board.a_rep_counts_if_standard', { standard: version.standard }) : undefined"
    :model-value="now"
    :options="options"
    option-label="label"
    option-value="value"
    :aria-label="$t('board.name_version', { name })"
    size="small"
    scroll-height="25rem"
    class="variation"
    :class="{ other: differs, out: held.sits_out }"
    @update:model-value="take"
  >
    <template #option="{ option }"
      ><span :class="{ action: option.value.startsWith('do:') }">{{ option.label }}</span></template
    >
  </Select>
</template>

<style scoped>
.variation {
  width: 100%;
  min-width: 0;
}
.variation.looking.looking.looking {
  width: 100%;
}
.other :deep(.p-select-label) {
  font-style: italic;
}
.out :deep(.p-select-label) {
  color: var(--ink-soft);
}
.action {
  font-style: italic;
  color: var(--ink-soft);
}
</style>
