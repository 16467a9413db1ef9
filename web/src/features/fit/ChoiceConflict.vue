<script setup lang="ts">
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
  if (!choice) return 'No choice: as the fit computes it'
  const name = choice.variation ? (props.fit.rungs.value.get(choice.variation)?.name ?? choice.variation) : null
  const text = [name, choice.number].filter(Boolean).join(' × ') || 'As it is'
  return choice.why ? `${text} (${choice.why})` : text
}
</script>

<template>
  <Dialog
    :visible="met !== null"
    modal
    :closable="false"
    header="Somebody else changed this cell"
    :style="{ width: 'min(32rem, 96vw)' }"
    @after-hide="returnFocus"
  >
    <template v-if="met">
      <p>{{ person?.name }}, {{ station?.name }}</p>
      <dl class="two">
        <dt>Yours</dt>
        <dd>{{ words(met.kept.choice) }}</dd>
        <dt>{{ met.theirs?.by ? `From ${met.theirs.by}` : 'As it is now' }}</dt>
        <dd>{{ words(met.theirs) }}</dd>
      </dl>
      <div class="row end">
        <Button label="Take theirs" severity="secondary" variant="outlined" @click="fit.decide('theirs')" />
        <Button label="Keep mine" autofocus @click="fit.decide('mine')" />
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
.end {
  justify-content: flex-end;
}
</style>
