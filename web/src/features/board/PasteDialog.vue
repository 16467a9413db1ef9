<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { computed, ref, useId } from 'vue'
import type { Movement } from '@/lib/api/types'
import { addBlock } from './document'
import { addLines, readList, type PastedLine } from './pastedList'
import { useBoard } from './useBoard'

// A list from elsewhere: what was understood is seen before it is taken.
const shown = defineModel<boolean>('visible', { required: true })
const board = useBoard()
const id = useId()
const text = ref('')
/** Chosen in the place of what was understood, by line. */
const chosen = ref(new Map<number, string>())

const lines = computed(() => readList(text.value, board.offered.value))
const movementOf = (line: PastedLine, index: number): Movement | undefined =>
  board.movement(chosen.value.get(index) ?? line.movements[0]?.id)
const understood = computed(() =>
  lines.value.flatMap((line, index) => {
    const movement = movementOf(line, index)
    return movement ? [{ line, movement }] : []
  }),
)

function numbers(line: PastedLine) {
  const parts: string[] = []
  if (line.reps)
    parts.push(
      line.reps.min === line.reps.max
        ? t('board.n_reps', { n: line.reps.max })
        : t('board.n_reps', { n: `${line.reps.min}–${line.reps.max}` }),
    )
  if (line.seconds) parts.push(t('board.n_seconds', { n: line.seconds }))
  if (line.sets) parts.push(plural(line.sets, 'round'))
  return parts.join(', ') || t('board.its_own_numbers')
}

/** Into the block in which somebody works, else the last that holds stations, else a new one. */
function take() {
  board.edit(t('board.paste_a_list'), (draft) => {
    const holds = (id: string | null) => draft.blocks.find((block) => block.id === id && board.format(block)?.stations)
    const block =
      holds(board.at.value) ??
      draft.blocks.findLast((held) => board.format(held)?.stations) ??
      addBlock(draft, board.formats)
    addLines(block, understood.value, board.format(block))
  })
  text.value = ''
  chosen.value = new Map()
  shown.value = false
}
</script>

<template>
  <Dialog v-model:visible="shown" modal :header="$t('board.paste_a_list')" class="paste">
    <label :for="id" class="small">{{ $t('board.one_movement_a_line') }}</label>
    <Textarea
      :id="id"
      v-model="text"
      rows="6"
      auto-resize
      autofocus
      class="text"
      :placeholder="$t('board.paste_example')"
      @update:model-value="chosen = new Map()"
    />
    <table v-if="lines.length" class="lines">
      <caption class="visually-hidden">
        {{
          $t('board.what_was_understood')
        }}
      </caption>
      <tbody>
        <tr v-for="(line, index) in lines" :key="index">
          <th scope="row" class="small quiet">{{ line.text }}</th>
          <td>
            <Select
              v-if="line.movements.length"
              :model-value="movementOf(line, index)?.id"
              :options="line.movements"
              option-label="name"
              option-value="id"
              size="small"
              :aria-label="$t('board.line_means', { line: line.text })"
              @update:model-value="chosen = new Map(chosen).set(index, $event)"
            />
            <span v-else class="warn-text small">{{ $t('board.not_understood') }}</span>
          </td>
          <td class="small">{{ line.movements.length ? numbers(line) : '' }}</td>
        </tr>
      </tbody>
    </table>
    <template #footer>
      <Button :label="$t('board.cancel_paste')" variant="text" severity="secondary" @click="shown = false" />
      <Button
        :label="$t('board.take_stations', { stations: plural(understood.length, 'station') })"
        :disabled="!understood.length"
        @click="take"
      />
    </template>
  </Dialog>
</template>

<style scoped>
.paste {
  width: min(44rem, 94vw);
}
.text {
  width: 100%;
  font-family: inherit;
}
.lines {
  width: 100%;
  margin-top: var(--space-3);
  border-collapse: collapse;
}
.lines th {
  text-align: left;
  font-weight: 400;
}
.lines td,
.lines th {
  padding: 2px var(--space-2) 2px 0;
}
</style>
