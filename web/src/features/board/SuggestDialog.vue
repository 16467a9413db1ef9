<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import SelectButton from 'primevue/selectbutton'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Suggestion } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import type { Typed } from '@/lib/typed'
import { useBoard } from './useBoard'
import { useOffer } from './useOffer'

// A warm-up for what comes later, a cool-down for what was worked: offered with
// the reason for each move, put in as a block like any other.
const visible = defineModel<boolean>('visible', { required: true })
const board = useBoard()
const { offer, asking, problem, askFor, forget } = useOffer<Suggestion>()
const kind = ref<'warm_up' | 'cool_down'>('warm_up')
const minutes = ref<Typed>(5)
const KINDS = [
  { value: 'warm_up', label: t('board.warm_up') },
  { value: 'cool_down', label: t('board.cool_down') },
]
const hasRole = (role: string) => board.document.value.blocks.some((block) => block.role === role)
const there = computed(() => board.document.value.blocks.findIndex((block) => block.role === kind.value))

// What is missing is offered first; Enter takes it.
watch(visible, (opened) => {
  if (opened) kind.value = hasRole('warm_up') && !hasRole('cool_down') ? 'cool_down' : 'warm_up'
})
watch([visible, kind, minutes], () => {
  const wanted = minutes.value
  if (!visible.value || typeof wanted !== 'number') return forget()
  const chosen = kind.value
  void askFor(() =>
    ask(
      api.POST('/api/planning/suggestion', { body: { workout: board.document.value, kind: chosen, minutes: wanted } }),
    ),
  )
})

const nameOf = (station: string) =>
  board.movement(offer.value?.block.stations?.find((held) => held.id === station)?.movement)?.name ?? ''

function take(replace: boolean) {
  const suggestion = offer.value
  if (!suggestion) return
  board.edit(kind.value === 'warm_up' ? t('board.suggested_warm_up') : t('board.suggested_cool_down'), (draft) => {
    if (replace) draft.blocks.splice(there.value, 1, suggestion.block)
    else if (kind.value === 'warm_up') draft.blocks.splice(welcome(), 0, suggestion.block)
    else draft.blocks.push(suggestion.block)
  })
  visible.value = false
}

/** After the pauses with which a class begins: a welcome, a demonstration. */
function welcome() {
  const blocks = board.document.value.blocks
  const first = blocks.findIndex((block) => board.format(block)?.stations)
  return first < 0 ? blocks.length : first
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('board.suggest_a_block')" :style="{ width: 'min(38rem, 96vw)' }">
    <div class="row">
      <SelectButton
        v-model="kind"
        :options="KINDS"
        option-label="label"
        option-value="value"
        :allow-empty="false"
        :aria-label="$t('board.what_to_suggest')"
      />
      <NumberField v-model="minutes" :label="$t('board.of')" :unit="$t('common.min')" width="3.5rem" />
    </div>
    <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
    <ol v-else-if="offer" class="moves">
      <li v-for="reason in offer.reasons" :key="reason.station">
        <b>{{ nameOf(reason.station) }}</b><br /><span class="small quiet">{{ reason.why }}</span>
      </li>
    </ol>
    <p class="small quiet">{{ $t('board.loads_are_sums_over_the_planned') }}</p>
    <template #footer>
      <Button
        v-if="there >= 0"
        :label="$t('board.in_place_of_the_one_there')"
        variant="outlined"
        :disabled="!offer || asking"
        @click="take(true)"
      />
      <Button autofocus :label="$t('board.add_this_block')" :disabled="Boolean(problem)" @click="take(false)" />
    </template>
  </Dialog>
</template>

<style scoped>
.moves {
  margin: var(--space-3) 0;
  padding-left: 1.4em;
  display: grid;
  gap: var(--space-2);
}
</style>
