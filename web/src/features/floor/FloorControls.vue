<script setup lang="ts">
import Button from 'primevue/button'
import { usePreferences } from '@/lib/preferences'
import { ADDED_S, type RunState } from './useRunClock'

// The Floor by touch: the same as its keys.
defineProps<{
  state: RunState
  countable: boolean
  people: boolean
  ownPace: boolean
}>()
defineEmits<{
  start: []
  toggle: []
  through: []
  back: []
  skip: []
  add: []
  change: []
  screens: []
  sounds: []
  end: []
  screen: []
  keys: []
  count: []
  mine: []
  leave: []
}>()
const preferences = usePreferences()
const quiet = { severity: 'secondary', variant: 'text' } as const
const plain = { severity: 'secondary', variant: 'outlined' } as const
</script>

<template>
  <footer class="keys">
    <div class="main">
      <Button
        v-if="state === 'before'"
        :label="$t('common.start')"
        icon="pi pi-play"
        size="large"
        @click="$emit('start')"
      />
      <template v-else-if="state !== 'over'">
        <Button icon="pi pi-step-backward" :label="$t('floor.back')" v-bind="plain" @click="$emit('back')" />
        <Button
          :icon="state === 'paused' ? 'pi pi-play' : 'pi pi-pause'"
          :label="state === 'paused' ? $t('common.continue') : $t('floor.pause')"
          @click="$emit('toggle')"
        />
        <Button
          v-if="ownPace && state === 'running'"
          icon="pi pi-check"
          :label="$t('floor.all_through')"
          @click="$emit('through')"
        />
        <Button icon="pi pi-step-forward" :label="$t('floor.skip')" v-bind="plain" @click="$emit('skip')" />
        <Button :label="$t('floor.added_s_s', { added_s: ADDED_S })" v-bind="plain" @click="$emit('add')" />
        <Button :label="$t('floor.change')" aria-keyshortcuts="c" v-bind="plain" @click="$emit('change')" />
        <Button :label="$t('floor.end')" v-bind="quiet" @click="$emit('end')" />
      </template>
    </div>
    <div class="rest">
      <Button :label="$t('floor.screens')" aria-keyshortcuts="s" v-bind="quiet" @click="$emit('screens')" />
      <Button v-if="people" :label="$t('floor.who_is_where')" v-bind="quiet" @click="$emit('mine')" />
      <Button v-if="countable" :label="$t('floor.count_by_person')" v-bind="quiet" @click="$emit('count')" />
      <Button :label="$t('floor.calls')" aria-keyshortcuts="v" v-bind="quiet" @click="$emit('sounds')" />
      <Button
        :icon="preferences.sound ? 'pi pi-volume-up' : 'pi pi-volume-off'"
        :aria-label="preferences.sound ? $t('floor.sound_off') : $t('floor.sound_on')"
        v-bind="quiet"
        @click="preferences.sound = !preferences.sound"
      />
      <Button
        :icon="preferences.dark ? 'pi pi-sun' : 'pi pi-moon'"
        :aria-label="preferences.dark ? $t('floor.light') : $t('floor.dark')"
        v-bind="quiet"
        @click="preferences.toggleTheme()"
      />
      <Button
        icon="pi pi-window-maximize"
        :aria-label="$t('floor.full_screen')"
        v-bind="quiet"
        @click="$emit('screen')"
      />
      <Button v-bind="quiet" @click="$emit('keys')"><kbd>?</kbd> {{ $t('floor.keys') }}</Button>
      <Button :label="$t('floor.leave')" v-bind="quiet" @click="$emit('leave')" />
    </div>
  </footer>
</template>

<style scoped>
.keys,
.main,
.rest {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2);
}
.rest {
  margin-left: auto;
}
/* With all of them they stand in one row of a laptop's window, and leave its height to the versions. */
@media (min-width: 44.01rem) {
  .keys,
  .main,
  .rest {
    gap: var(--space-1);
  }
  .keys :deep(.p-button-text:not(.p-button-icon-only)) {
    padding-inline: var(--space-2);
  }
}
/* On a phone the page is longer than the screen: what a class is led by stays in reach. */
@media (max-width: 44rem) {
  .keys {
    display: contents;
  }
  .main {
    position: sticky;
    bottom: 0;
    z-index: 3;
    margin: 0 calc(-1 * var(--space-3));
    padding: var(--space-2) var(--space-3);
    background: var(--paper);
    border-top: 1px solid var(--rule);
  }
  .rest {
    margin: 0;
    padding-bottom: var(--space-3);
  }
}
</style>
