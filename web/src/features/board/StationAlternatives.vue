<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import type { Station } from '@/lib/api/types'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import { useBoard } from './useBoard'

// What stands in at this station for who must spare a joint, of any movement. Whether it really
// spares it is the server's to say; what loads it by its own flags is not offered.
const props = defineProps<{ station: Station; blockIndex: number; stationIndex: number }>()
const board = useBoard()

type Alternative = NonNullable<Station['alternatives']>[number]
const held = computed(() => props.station.alternatives ?? [])
const pointer = computed(() => `/blocks/${props.blockIndex}/stations/${props.stationIndex}/alternatives`)
const joint = ref<Alternative['for'] | null>(null)
const joints = computed(() =>
  MOVEMENT_WORDS.joints
    .filter((one) => !held.value.some((other) => other.for === one))
    .map((value) => ({ value, label: readable(value) })),
)
const pattern = computed(() => board.movement(props.station.movement)?.pattern)
/** Of the same pattern first. */
const versions = computed(() =>
  joint.value
    ? [...board.offered.value]
        .sort((one, other) => Number(other.pattern === pattern.value) - Number(one.pattern === pattern.value))
        .flatMap((movement) => movement.ladder)
        .filter((version) => !version.joints.includes(joint.value!))
        .map((version) => ({ value: version.id, label: version.name }))
    : [],
)
const nameOf = (variation: string) =>
  board.offered.value.flatMap((movement) => movement.ladder).find((one) => one.id === variation)?.name ?? variation

function change(label: string, work: (alternatives: Alternative[]) => Alternative[]) {
  board.edit(label, (draft) => {
    const station = draft.blocks[props.blockIndex]!.stations![props.stationIndex]!
    const next = work(station.alternatives ?? [])
    if (next.length) station.alternatives = next
    else delete station.alternatives
  })
}
function add(variation: string) {
  const spared = joint.value
  if (!spared) return
  change(t('board.add_an_alternative'), (alternatives) => [...alternatives, { for: spared, variation }])
  joint.value = null
}
</script>

<template>
  <div class="line" role="group" :aria-label="$t('board.alternatives')">
    <span class="small">{{ $t('board.instead_for') }}</span>
    <span v-for="(one, index) in held" :key="one.for" class="held">
      {{ readable(one.for) }}: <b>{{ nameOf(one.variation) }}</b>
      <Button
        icon="pi pi-times"
        size="small"
        variant="text"
        severity="secondary"
        :aria-label="$t('board.take_name_out', { name: nameOf(one.variation) })"
        @click="
          change($t('board.remove_an_alternative'), (alternatives) => alternatives.filter((_, at) => at !== index))
        "
      />
      <span v-if="board.errorBelow(`${pointer}/${index}`)" class="small warn-text" role="alert">{{
        board.errorBelow(`${pointer}/${index}`)
      }}</span>
    </span>
    <Select
      v-if="joints.length"
      v-model="joint"
      :options="joints"
      option-label="label"
      option-value="value"
      size="small"
      :placeholder="$t('board.a_joint')"
      :aria-label="$t('board.joint_to_spare')"
    />
    <Select
      v-if="joint"
      :model-value="null"
      :options="versions"
      option-label="label"
      option-value="value"
      size="small"
      filter
      auto-filter-focus
      :virtual-scroller-options="{ itemSize: 36 }"
      :placeholder="$t('board.a_version')"
      :aria-label="$t('board.version_for_joint', { joint: readable(joint) })"
      @update:model-value="add"
    />
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  align-items: center;
}
.held {
  display: inline-flex;
  align-items: center;
  gap: var(--space-1);
}
</style>
