<script setup lang="ts">
import Button from 'primevue/button'
import { usePreferences } from '@/lib/preferences'
import { ADDED_S } from './useRunClock'

// The Floor by touch: the same as its keys.
defineProps<{ state: 'before' | 'running' | 'paused' | 'over'; countable: boolean; people: boolean }>()
defineEmits<{
  start: []
  toggle: []
  back: []
  skip: []
  add: []
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
    <Button v-if="state === 'before'" label="Start" icon="pi pi-play" size="large" @click="$emit('start')" />
    <template v-else-if="state !== 'over'">
      <Button icon="pi pi-step-backward" label="Back" v-bind="plain" @click="$emit('back')" />
      <Button
        :icon="state === 'paused' ? 'pi pi-play' : 'pi pi-pause'"
        :label="state === 'paused' ? 'Continue' : 'Pause'"
        @click="$emit('toggle')"
      />
      <Button icon="pi pi-step-forward" label="Skip" v-bind="plain" @click="$emit('skip')" />
      <Button :label="`+ ${ADDED_S} s`" v-bind="plain" @click="$emit('add')" />
      <Button label="End" v-bind="quiet" @click="$emit('end')" />
    </template>
    <span class="gap" />
    <Button v-if="people" label="Who is where" v-bind="quiet" @click="$emit('mine')" />
    <Button v-if="countable" label="Count by person" v-bind="quiet" @click="$emit('count')" />
    <Button
      :icon="preferences.sound ? 'pi pi-volume-up' : 'pi pi-volume-off'"
      :aria-label="preferences.sound ? 'Sound off' : 'Sound on'"
      v-bind="quiet"
      @click="preferences.sound = !preferences.sound"
    />
    <Button
      :icon="preferences.dark ? 'pi pi-sun' : 'pi pi-moon'"
      :aria-label="preferences.dark ? 'Light' : 'Dark'"
      v-bind="quiet"
      @click="preferences.toggleTheme()"
    />
    <Button icon="pi pi-window-maximize" aria-label="Full screen" v-bind="quiet" @click="$emit('screen')" />
    <Button v-bind="quiet" @click="$emit('keys')"><kbd>?</kbd> keys</Button>
    <Button label="Leave" v-bind="quiet" @click="$emit('leave')" />
  </footer>
</template>

<style scoped>
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2);
}
.gap {
  flex: 1;
}
</style>
