<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { useReturnFocus } from '@/lib/useReturnFocus'
import type { Choice } from './delivery'
import type { Fit } from './useFit'

// Two people chose for the same cell. Both are shown, and one of them stays.
const props = defineProps<{ fit: Fit }>()
const met = computed(() => props.fit.conflict.value)
const returnFocus = useReturnFocus(computed(() => met.value !== null))
const person = computed(() => props.fit.sheet.value?.people.find((one) => one.id === met.value?.kept.person))
const station = computed(() =>
  props.fit.sheet.value?.stations.find(
    (one) => one.block === met.value?.kept.block && one.station === met.value?.kept.station,
  ),
)
function words(choice: Choice | { variation: string | null; number: number | null; why: string | null } | null) {
  if (!choice) return t('fit.no_choice_as_the_fit_computes')
  const name = choice.variation ? (props.fit.variations.value.get(choice.variation)?.name ?? choice.variation) : null
  const text = [name, choice.number].filter(Boolean).join(' × ') || t('fit.as_it_is')
  return choice.why ? `${text} (${choice.why})` : text
}
</script>

<template>
  <Dialog
    :visible="met !== null"
    modal
    :closable="false"
    :header="$t('fit.somebody_else_changed_this_cell')"
    :style="{ width: 'min(32rem, 96vw)' }"
    @after-hide="returnFocus"
  >
    <template v-if="met">
      <p>{{ person?.name }}, {{ station?.name }}</p>
      <dl class="two">
        <dt>{{ $t('fit.yours') }}</dt>
        <dd>{{ words(met.kept.choice) }}</dd>
        <dt>{{ met.theirs?.by ? $t('fit.from_by', { by: met.theirs.by }) : $t('fit.as_it_is_now') }}</dt>
        <dd>{{ words(met.theirs) }}</dd>
      </dl>
      <div class="row dialog-buttons">
        <Button :label="$t('fit.take_theirs')" severity="secondary" variant="outlined" @click="fit.decide('theirs')" />
        <Button :label="$t('fit.keep_mine')" autofocus @click="fit.decide('mine')" />
      </div>
    </template>
  </Dialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-4);
  margin: var(--space-3) 0;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
  font-weight: 600;
}
</style>
