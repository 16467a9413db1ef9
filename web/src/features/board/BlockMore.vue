<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Block } from '@/lib/api/types'
import FormatFieldInput from './FormatFieldInput.vue'
import SchoolChoice from './SchoolChoice.vue'
import { setKey } from '@/lib/typed'
import { fieldsOf } from './formats'
import { useBoard } from './useBoard'
import { useKeepBlock } from './useKeepBlock'

// What of a block is asked for less often. A field that is wrong is shown even while the others are folded.
const props = defineProps<{ block: Block; index: number; shown: boolean }>()
const board = useBoard()
const keep = useKeepBlock(board)
const pointer = computed(() => `/blocks/${props.index}`)
const fields = computed(() =>
  fieldsOf(board.format(props.block)).more.filter(
    (field) => props.shown || board.errorBelow(`${pointer.value}/${field.key}`),
  ),
)

function setSchool(value: unknown) {
  board.edit(
    t('board.levels_by'),
    (draft) => setKey(draft.blocks[props.index]!, 'scaling', value),
    `${pointer.value}/scaling`,
  )
}
</script>

<template>
  <p v-if="board.errorAt(`${pointer}/stations`)" class="small warn-text" role="alert">
    {{ $t('board.stations_error_at', { error_at: board.errorAt(`${pointer}/stations`) }) }}
  </p>
  <div v-if="shown || fields.length" class="more">
    <FormatFieldInput v-for="field in fields" :key="field.key" :block="block" :index="index" :field="field" />
    <SchoolChoice
      v-if="shown"
      :model-value="block.scaling"
      :label="$t('board.levels_by')"
      @update:model-value="setSchool"
    />
    <Button v-if="shown" :label="$t('board.keep_as_a_template')" size="small" variant="text" @click="keep(block)" />
  </div>
</template>

<style scoped>
.more {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-4);
  background: var(--paper-sunk);
  padding: var(--space-2) var(--space-3);
}
</style>
