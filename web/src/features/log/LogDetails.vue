<script setup lang="ts">
import { useSwipe } from '@vueuse/core'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, useTemplateRef } from 'vue'
import NumberField from '@/ui/NumberField.vue'
import type { LogSheet } from '@/lib/api/types'
import ExceptionRow from './ExceptionRow.vue'
import { keyOf, PAIN_ACTIONS, targetsOf, type BlockTyped, type Exception, type Line } from './sheet'

// What one person did, opened: rounds and reps or a finish time of what people paced, then station by station where it
// differed. Warm-up and cool-down are folded away, and what was not reached. A swipe goes to the next person.
const props = defineProps<{
  stations: LogSheet['stations']
  blocks: LogSheet['blocks']
  planned: ReturnType<typeof targetsOf>
  counted: Map<string, number> | undefined
  notReached: string[]
  /** What taps say of the blocks. */
  tapped: LogSheet['people'][number]['blocks']
}>()
const emit = defineEmits<{ next: []; previous: [] }>()
const line = defineModel<Line>('line', { required: true })

const all = ref(false)
const EASY = ['warm_up', 'cool_down']
const first = computed(() =>
  props.stations.filter(
    (station) =>
      line.value.exceptions[keyOf(station)] !== undefined ||
      (!EASY.includes(station.role) && !props.notReached.includes(keyOf(station))),
  ),
)
const shown = computed(() => (all.value ? props.stations : first.value))
const folded = computed(() => props.stations.length - first.value.length)

function setException(key: string, exception: Exception) {
  line.value = { ...line.value, exceptions: { ...line.value.exceptions, [key]: exception } }
}
function setBlock(block: string, change: BlockTyped) {
  line.value = {
    ...line.value,
    blocks: { ...line.value.blocks, [block]: { ...line.value.blocks[block], ...change } },
  }
}
const tappedOf = (block: string) => props.tapped.find((held) => held.block === block)

const root = useTemplateRef<HTMLElement>('root')
useSwipe(root, {
  threshold: 60,
  onSwipeEnd(_event, direction) {
    if (direction === 'left') emit('next')
    if (direction === 'right') emit('previous')
  },
})
</script>

<template>
  <div ref="root" class="details" data-testid="details">
    <Select
      v-if="line.pain"
      :model-value="line.pain_action"
      :options="PAIN_ACTIONS"
      option-label="label"
      option-value="value"
      :placeholder="$t('log.what_was_done_about_it')"
      show-clear
      :aria-label="$t('log.pain_of_name_what_was_done', { name: line.name })"
      size="small"
      class="action"
      @update:model-value="line = { ...line, pain_action: $event }"
    />
    <div v-for="block in blocks" :key="block.block" class="block" role="group" :aria-label="block.title">
      <b>{{ block.title }}</b>
      <template v-if="block.counts_rounds">
        <NumberField
          :label="$t('log.rounds')"
          width="3.2rem"
          :hint="String(tappedOf(block.block)?.rounds ?? '–')"
          :model-value="line.blocks[block.block]?.rounds"
          @update:model-value="setBlock(block.block, { rounds: $event })"
        />
        <NumberField
          :label="$t('log.and_reps')"
          width="3.2rem"
          hint="–"
          :model-value="line.blocks[block.block]?.reps"
          @update:model-value="setBlock(block.block, { reps: $event })"
        />
      </template>
      <NumberField
        v-else
        :label="$t('log.through_after')"
        width="4rem"
        :hint="String(tappedOf(block.block)?.finish_s ?? $t('log.min_s'))"
        :model-value="line.blocks[block.block]?.finish_s"
        @update:model-value="setBlock(block.block, { finish_s: $event })"
      />
    </div>
    <ExceptionRow
      v-for="station in shown"
      :key="keyOf(station)"
      :station="station"
      :level="line.level"
      :planned="planned?.get(keyOf(station)) ?? null"
      :counted="counted?.get(keyOf(station))"
      :reached="!notReached.includes(keyOf(station))"
      :person="line.name"
      :exception="line.exceptions[keyOf(station)] ?? {}"
      @change="setException(keyOf(station), $event)"
    />
    <p class="row">
      <Button
        v-if="folded"
        :label="all ? $t('log.fewer') : $t('log.warm_up_and_the_rest', { n: folded })"
        size="small"
        variant="text"
        severity="secondary"
        :aria-expanded="all"
        @click="all = !all"
      />
      <Button
        :label="$t('log.next_person')"
        icon="pi pi-arrow-right"
        icon-pos="right"
        size="small"
        variant="text"
        @click="emit('next')"
      />
    </p>
  </div>
</template>

<style scoped>
.action {
  width: 15rem;
}
.block {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-3);
  align-items: center;
  padding: var(--space-1) 0;
  border-bottom: 1px solid var(--rule-soft);
}
</style>
