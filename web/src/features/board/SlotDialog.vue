<script setup lang="ts">
import { t } from '@/lib/text'
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
  board.patch(t('board.fit_to_slot_label', { label: option.label }), option.patch as Operation[])
  visible.value = false
}
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('board.fit_to_the_slot')" :style="{ width: 'min(38rem, 96vw)' }">
    <div class="row">
      <Button
        v-for="usual in USUAL"
        :key="usual"
        :label="$t('board.usual_min', { usual })"
        :variant="minutes === usual ? undefined : 'outlined'"
        :aria-pressed="minutes === usual"
        size="small"
        @click="minutes = usual"
      />
      <NumberField v-model="minutes" :label="$t('board.or')" :unit="$t('common.min')" width="4rem" />
    </div>
    <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
    <template v-else-if="offer">
      <p class="now">
        {{ $t('board.as_planned_the_class_takes') }} <b>{{ clockText(offer.total_s) }}</b>
        {{ $t('board.of_slot_s', { slot_s: clockText(offer.slot_s) }) }}
      </p>
      <ol v-if="offer.options.length" class="ways">
        <li v-for="option in offer.options" :key="option.label">
          <Button variant="outlined" class="way" :disabled="asking" @click="take(option)">
            <span>{{ option.label }}</span>
            <span class="figure">{{ clockText(option.total_s) }}</span>
            <span class="small quiet">{{ option.costs }}</span>
            <span class="small">{{ $t('board.left_s_left', { left_s: clockText(option.left_s) }) }}</span>
          </Button>
        </li>
      </ol>
      <p v-else>{{ $t('board.no_change_of_rounds_work_or') }}</p>
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
  grid-template-columns: 1fr 6.5rem auto 5.5rem;
  text-align: left;
  gap: var(--space-3);
}
</style>
