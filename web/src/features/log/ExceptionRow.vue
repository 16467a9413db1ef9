<script setup lang="ts">
import Checkbox from 'primevue/checkbox'
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, ref, useId } from 'vue'
import type { PlannedTarget, Level, LogSheet } from '@/lib/api/types'
import NumberField from '@/ui/NumberField.vue'
import LevelTally from '@/ui/LevelTally.vue'
import ExceptionMore from './ExceptionMore.vue'
import type { Exception } from './sheet'
import { useWays } from './useWays'

// What one person did at one station, where it was not what they were planned: by
// the fit of the class, else by the plan of their level.
const props = defineProps<{
  station: LogSheet['stations'][number]
  level: Level
  planned: PlannedTarget | null
  /** Reps tapped for them while the run went on. */
  counted?: number
  /** The class came so far. */
  reached?: boolean
  person: string
  exception: Exception
}>()
const emit = defineEmits<{ change: [exception: Exception] }>()
const id = useId()
const label = computed(() => `${props.person}, ${props.station.name}`)

const { variations, chosen, way, sought, options } = useWays(props)
const cellVersion = computed(() =>
  props.exception.level
    ? props.station.levels[props.exception.level].variation
    : (props.planned ?? props.station.levels[props.level]).variation,
)
/** What stands to be done that way; of a variation that nobody was asked for, nothing. */
const cell = computed(() => {
  if (props.exception.variation) return { target: '', reps: null, seconds: null }
  if (props.exception.level) return props.station.levels[props.exception.level]
  return props.planned ?? props.station.levels[props.level]
})
/** The version that was done, its own way of counting: of an open window the reps are logged too. */
const version = computed(() => variations.value.get(props.exception.variation ?? cellVersion.value ?? ''))
const held = computed(() =>
  props.exception.variation ? version.value?.measure === 'hold' : cell.value.seconds !== null,
)
const byReps = computed(() =>
  props.exception.variation
    ? !held.value
    : cell.value.reps !== null || Boolean(props.counted) || (!held.value && version.value?.measure === 'reps'),
)

/** A bonus was done by who says so, or by who has something typed of it. */
const done = computed(() => Object.values(props.exception).some(Boolean))
const more = ref(Boolean(props.exception.per_round || props.exception.load_kg || props.exception.faults?.length))
const faults = computed(() => (version.value?.faults ?? []).map((fault) => fault.see))

function set(change: Partial<Exception>) {
  emit('change', { ...props.exception, ...change })
}
function take(value: string) {
  const change = options.value.find((known) => known.value === value)?.change ?? {}
  set({ level: undefined, variation: undefined, faults: undefined, ...change })
}
</script>

<template>
  <div
    class="exception"
    :class="{ left: exception.skipped, undone: station.optional && !done }"
    role="group"
    :aria-label="station.name"
  >
    <span class="name"
      >{{ station.name }}{{ ' ' }}<span v-if="station.optional" class="small quiet">{{ $t('log.a_bonus') }}</span></span
    >
    <Select
      :model-value="chosen"
      :options="options"
      option-label="name"
      option-value="value"
      size="small"
      filter
      :filter-placeholder="$t('log.any_version')"
      :aria-label="$t('log.label_what_was_done', { label })"
      class="way"
      @filter="sought = $event.value"
      @update:model-value="take"
    >
      <template #value><LevelTally v-if="way" :level="way.level" /> {{ way?.name }}</template>
      <template #option="{ option }"
        ><LevelTally :level="option.level" /> <span>{{ option.name }}</span>
        <span class="small quiet">{{ option.detail }}</span></template
      >
    </Select>
    <span class="planned small quiet"
      >{{ cell.target ?? $t('log.was_to_sit_out') }}<template v-if="!reached">{{ $t('log.not_reached') }}</template
      ><template v-if="counted">{{ $t('log.counted_counted_on_the_floor', { counted }) }}</template></span
    >
    <NumberField
      v-if="held"
      :label="$t('log.seconds')"
      width="3.2rem"
      :hint="String(cell.seconds ?? '–')"
      :model-value="exception.seconds"
      @update:model-value="set({ seconds: $event })"
    />
    <template v-else-if="byReps">
      <NumberField
        :label="$t('log.reps')"
        width="3.2rem"
        :hint="String(counted ?? cell.reps ?? '–')"
        :model-value="exception.reps"
        @update:model-value="set({ reps: $event })"
      />
      <NumberField
        :label="$t('log.reps_left')"
        width="3rem"
        hint="–"
        :model-value="exception.reps_left"
        @update:model-value="set({ reps_left: $event })"
      />
    </template>
    <span class="skip small"
      ><Button
        icon="pi pi-ellipsis-h"
        variant="text"
        severity="secondary"
        size="small"
        :aria-label="$t('log.more_of_label', { label })"
        :aria-expanded="more"
        @click="more = !more"
      /><template v-if="station.optional"
        ><Checkbox
          :model-value="done"
          binary
          :input-id="`${id}-done`"
          @update:model-value="emit('change', $event ? { ...exception, done: true } : {})"
        /><label :for="`${id}-done`">{{ $t('log.did_the_bonus') }}</label></template
      ><Checkbox
        v-if="!station.optional"
        :model-value="exception.skipped ?? false"
        binary
        :input-id="`${id}-skip`"
        @update:model-value="set({ skipped: $event || undefined })"
      /><label v-if="!station.optional" :for="`${id}-skip`">{{ $t('log.skipped') }}</label></span
    >
    <ExceptionMore
      v-if="more"
      class="more"
      :label="label"
      :rounds="station.rounds"
      :faults="faults"
      :exception="exception"
      @change="set"
    />
  </div>
</template>

<style scoped>
.exception {
  display: grid;
  grid-template-columns: 9rem 15rem minmax(7rem, 1fr) 7.6rem 7rem 7.6rem;
  gap: var(--space-2) var(--space-3);
  align-items: center;
  padding: var(--space-1) 0;
  border-bottom: 1px solid var(--rule-soft);
}
.exception:last-child {
  border-bottom: 0;
}
.left .name,
.left .planned {
  text-decoration: line-through;
}
.undone .name,
.undone .planned {
  color: var(--ink-soft);
}
.way {
  min-width: 0;
}
.more {
  grid-column: 1 / -1;
}
.skip {
  grid-column: 6;
  display: inline-flex;
  gap: var(--space-1);
  align-items: center;
}
@media (max-width: 60rem) {
  .exception {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
  }
  .skip {
    grid-column: auto;
  }
}
</style>
