<script setup lang="ts">
import { computed } from 'vue'
import { LEVELS, type Balance, type Level } from '@/lib/api/types'
import { clockText } from '@/lib/clockText'
import { readable } from '@/lib/readable'
import LevelTally from '@/ui/LevelTally.vue'

// Pushes to the left, pulls to the right of one line, to one scale.
const props = defineProps<{ balance: Record<Level, Balance> }>()
const of = (level: Level, pattern: string) => props.balance[level].pattern[pattern]?.work_s ?? 0
const most = computed(() => Math.max(...LEVELS.flatMap((level) => [of(level, 'push'), of(level, 'pull')])))
const width = (seconds: number) => `${(seconds / Math.max(most.value, 1)) * 100}%`
</script>

<template>
  <table v-if="most" class="small">
    <thead>
      <tr>
        <td />
        <th scope="col" class="push">{{ $t('board.pushes') }}</th>
        <th scope="col">{{ $t('board.pulls') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="level in LEVELS" :key="level" :class="`hue-${level}`">
        <th scope="row">
          <LevelTally :level="level" /><span class="visually-hidden">{{ readable(level) }}</span>
        </th>
        <td v-for="pattern in ['push', 'pull']" :key="pattern" :class="pattern">
          <span class="figure">{{ clockText(of(level, pattern)) }}</span><i
            :style="{ width: width(of(level, pattern)) }"
          />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
}
th:first-child,
thead td {
  width: 1.6rem;
}
th {
  text-align: left;
  font-weight: 400;
}
.push {
  text-align: right;
  border-right: 1px solid var(--ink);
}
td {
  padding: 2px 4px;
}
i {
  display: block;
  height: 0.4rem;
  background: currentColor;
}
.push i {
  margin-left: auto;
}
.figure {
  color: var(--ink);
}
</style>
