<script setup lang="ts">
import type { Operation } from 'fast-json-patch'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import { clockText } from '@/lib/clockText'
import type { SlotFit } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import type { Typed } from '@/lib/typed'
import { useBoard } from './useBoard'
import { useOffer } from './useOffer'

// The nearest few ways to bring the class to a slot. Nothing changes until one is taken.
const visible = defineModel<boolean>('visible', { required: true })
const board = useBoard()
const { offer, asking, problem, askFor, forget } = useOffer<SlotFit>()
const minutes = ref<Typed>(45)
const USUAL = [30, 45, 60]

watch(visible, (open) => {
  if (!open) return forget()
  minutes.value = board.document.value.slot_minutes ?? 45
  look()
})
watch(minutes, () => visible.value && look())

function look() {
  const wanted = minutes.value
  if (typeof wanted !== 'number') return forget()
  void askFor(() => ask(api.POST('/api/planning/slot', { body: { workout: board.document.value, minutes: wanted } })))
}

function take(option: SlotFit['options'][number]) {
  board.patch(`Fit to slot: ${option.label}`, option.patch as Operation[])
  visible.value = false
}
</script>

<template>
  <Dialog v-model:visible="visible" modal header="Fit to the slot" :style="{ width: 'min(38rem, 96vw)' }">
    <div class="row">
      <Button
        v-for="usual in USUAL"
        :key="usual"
        :label="`${usual} min`"
        :variant="minutes === usual ? undefined : 'outlined'"
        :aria-pressed="minutes === usual"
        size="small"
        @click="minutes = usual"
      />
      <NumberField v-model="minutes" label="or" unit="min" width="4rem" />
    </div>
    <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
    <template v-else-if="offer">
      <p class="now">
        As planned the class takes <b>{{ clockText(offer.total_s) }}</b> of {{ clockText(offer.slot_s) }}.
      </p>
      <ol v-if="offer.options.length" class="ways">
        <li v-for="option in offer.options" :key="option.label">
          <Button variant="outlined" class="way" :disabled="asking" @click="take(option)">
            <span>{{ option.label }}</span>
            <span class="figure">{{ clockText(option.total_s) }}</span>
            <span class="small">{{ clockText(option.left_s) }} left</span>
          </Button>
        </li>
      </ol>
      <p v-else>
        No change of rounds, work or rest alone comes under this slot: take a block out, or choose another slot.
      </p>
    </template>
  </Dialog>
</template>

<style scoped>
.now {
  margin: var(--space-3) 0;
}
.ways {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-2);
}
.way {
  width: 100%;
  display: grid;
  grid-template-columns: 1fr auto 6rem;
  text-align: left;
  gap: var(--space-3);
}
</style>
