<script setup lang="ts">
import { readable } from '@/lib/readable'
import { LEVELS, type Level } from '@/lib/api/types'
import { setKey, type Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import LevelMark from '@/ui/LevelMark.vue'
import { BANDS, BY_LEVEL } from './fields'
import type { Keyed, Standards } from './useStandards'

// Standards that differ from level to level: single numbers, and bands with two ends.
const props = defineProps<{ standards: Standards }>()
const isBand = (key: string) => BANDS.some((band) => band.key === key)
const held = (from: unknown, key: string, level: Level) => ((from as Keyed)[key] as Keyed | undefined)?.[level]
const typed = (key: string, level: Level) => held(props.standards.typed.value, key, level)
const standard = (key: string, level: Level) => held(props.standards.defaults.value, key, level)
const end = (band: unknown, at: 'min' | 'max') => (band as Keyed | undefined)?.[at]

function setLevel(key: string, level: Level, value: Typed) {
  props.standards.change((draft) => {
    const own = { ...((draft[key] as Keyed) ?? {}) }
    setKey(own, level, value)
    setKey(draft, key, Object.keys(own).length ? own : undefined)
  })
}

/** A band needs both its ends: the other one is the default until it is typed. */
function setBand(key: string, level: Level, at: 'min' | 'max', value: Typed) {
  props.standards.change((draft) => {
    const own = { ...((draft[key] as Keyed) ?? {}) }
    own[level] = { ...(standard(key, level) as Keyed), ...((own[level] as Keyed) ?? {}), [at]: value ?? '' }
    draft[key] = own
  })
}
</script>

<template>
  <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('standards.standards_by_level')">
    <table class="ledger">
      <thead>
        <tr>
          <th scope="col">
            <span class="visually-hidden">{{ $t('standards.standard') }}</span>
          </th>
          <th v-for="level in LEVELS" :key="level" scope="col"><LevelMark :level="level" /></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="field in [...BY_LEVEL, ...BANDS]" :key="field.key">
          <th scope="row">
            {{ field.label }} <span class="quiet">{{ field.unit }}</span>
            <p class="small quiet says">{{ field.says }}</p>
            <p v-if="standards.errorBelow(`/${field.key}`)" class="small warn-text" role="alert">
              {{ field.label }} {{ standards.errorBelow(`/${field.key}`) }}
            </p>
          </th>
          <td v-for="level in LEVELS" :key="level" class="band">
            <template v-if="isBand(field.key)">
              <NumberField
                v-for="at in ['min', 'max'] as const"
                :key="at"
                :label="`${field.label}, ${readable(level)}, ${at === 'min' ? $t('standards.from') : $t('standards.to')}`"
                hide-label
                :hint="String(end(standard(field.key, level), at) ?? '')"
                width="3rem"
                :model-value="end(typed(field.key, level), at) as Typed"
                @update:model-value="setBand(field.key, level, at, $event)"
              />
            </template>
            <NumberField
              v-else
              :label="`${field.label}, ${readable(level)}`"
              hide-label
              :hint="String(standard(field.key, level) ?? '')"
              width="4.4rem"
              :model-value="typed(field.key, level) as Typed"
              @update:model-value="setLevel(field.key, level, $event)"
            />
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.says {
  font-weight: 400;
  max-width: 26rem;
}
.band {
  white-space: nowrap;
}
</style>
