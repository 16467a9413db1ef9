<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS, type BlockPreview } from '@/lib/api/types'
import LevelTally from '@/ui/LevelTally.vue'
import type { Versions } from './useVersions'

// Groups of the class: at which station each stands now, or goes to next, and who rests meanwhile.
const props = defineProps<{
  preview: BlockPreview
  /** The second of the plan as it was made, before anything was added. */
  second: number
  working: boolean
  versions: Versions
}>()

const rows = computed(() =>
  (props.preview.groups ?? []).map((group) => {
    const at = group.stops.findLast((stop) => stop.start_s <= props.second)
    const following = group.stops.find((stop) => stop.start_s > props.second)
    const works = at !== undefined && props.second < at.start_s + at.seconds
    const stop = props.working && works ? at : (following ?? at)
    return { label: group.label, station: stop?.station, rests: props.working && !works }
  }),
)
</script>

<template>
  <div class="groups" :style="{ gridTemplateColumns: `repeat(${Math.min(rows.length, 4)}, 1fr)` }">
    <section v-for="row in rows" :key="row.label" class="group" :class="{ rests: row.rests }" :aria-label="row.label">
      <p class="number">{{ row.label }}{{ row.rests ? $t('floor.rest') : '' }}</p>
      <p class="name">{{ versions.name(preview.id, row.station) }}</p>
      <p v-for="level in LEVELS" :key="level" class="version">
        <LevelTally :level="level" />
        {{ versions.version(preview.id, row.station, level).name }},
        {{ versions.version(preview.id, row.station, level).target }}
      </p>
    </section>
  </div>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 1.4vh 2vw;
}
.group {
  border-top: 0.7vh solid var(--ink);
  padding-top: 0.7vh;
  min-width: 0;
}
.rests {
  border-top-style: dashed;
  color: var(--ink-soft);
}
.number {
  font-size: max(0.95rem, 2.4vh);
  color: var(--ink-soft);
}
.name {
  font-family: var(--font-display);
  font-weight: 700;
  font-size: max(1.2rem, 4.2vh);
  line-height: 1.15;
  margin-bottom: 0.6vh;
}
.version {
  font-size: max(0.9rem, 2.2vh);
  line-height: 1.25;
}
@media (max-width: 44rem) {
  .groups {
    grid-template-columns: 1fr !important;
  }
}
</style>
