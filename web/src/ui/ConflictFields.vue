<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { ref, toRef, watch } from 'vue'
import { useReturnFocus } from '@/lib/useReturnFocus'
import type { ConflictRow, Pick, Picks } from '@/lib/conflict'

// Somebody saved first. Both versions are shown, and for each field one is taken.
const props = defineProps<{
  visible: boolean
  /** Such as "This person was". */
  what: string
  rows: ConflictRow[]
}>()
const emit = defineEmits<{ save: [picks: Picks]; close: [] }>()
const returnFocus = useReturnFocus(toRef(props, 'visible'))
const picks = ref<Picks>({})
watch(
  () => props.rows,
  (rows) => (picks.value = Object.fromEntries(rows.map((row) => [row.key, row.pick]))),
  { immediate: true },
)
function all(which: Pick) {
  picks.value = Object.fromEntries(props.rows.map((row) => [row.key, which]))
}
</script>

<template>
  <Dialog
    :visible="visible"
    modal
    :header="$t('ui.what_changed_by_somebody_else', { what })"
    :style="{ width: 'min(46rem, 96vw)' }"
    @update:visible="emit('close')"
    @after-hide="returnFocus"
  >
    <p>{{ $t('ui.it_was_saved_from_another_place') }}</p>
    <p v-if="!rows.length" class="quiet">{{ $t('ui.both_say_the_same_saving_goes') }}</p>
    <table v-else class="ledger">
      <thead>
        <tr>
          <th scope="col">{{ $t('ui.field') }}</th>
          <th scope="col">
            {{ $t('ui.yours') }} <Button :label="$t('ui.all')" size="small" variant="text" @click="all('mine')" />
          </th>
          <th scope="col">
            {{ $t('ui.theirs') }} <Button :label="$t('ui.all')" size="small" variant="text" @click="all('theirs')" />
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(row, index) in rows" :key="row.key">
          <th scope="row">{{ row.label }}</th>
          <td v-for="which in ['mine', 'theirs'] as const" :key="which">
            <label :class="{ picked: picks[row.key] === which }">
              <input
                v-model="picks[row.key]"
                type="radio"
                :name="`pick-${row.key}`"
                :value="which"
                :autofocus="index === 0 && picks[row.key] === which"
              />
              <span>{{ row[which] }}</span>
            </label>
          </td>
        </tr>
      </tbody>
    </table>
    <div class="row dialog-buttons">
      <Button :label="$t('ui.back_to_my_form')" severity="secondary" variant="outlined" @click="emit('close')" />
      <Button :label="$t('ui.save_this_choice')" :autofocus="!rows.length" @click="emit('save', picks)" />
    </div>
  </Dialog>
</template>

<style scoped>
table {
  width: 100%;
  margin: var(--space-3) 0;
}
label {
  display: flex;
  gap: var(--space-2);
  align-items: baseline;
  min-height: var(--target);
  overflow-wrap: anywhere;
}
.picked span {
  font-weight: 650;
}
</style>
