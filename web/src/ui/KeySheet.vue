<script setup lang="ts">
import Dialog from 'primevue/dialog'
import ToggleSwitch from 'primevue/toggleswitch'
import type { Shortcut } from '@/lib/useShortcuts'
import { usePreferences } from '@/lib/preferences'

// The keys of a screen, from the same list that makes them work.
defineProps<{ shortcuts: Shortcut[] }>()
const visible = defineModel<boolean>('visible', { required: true })
const preferences = usePreferences()
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    dismissable-mask
    :header="$t('ui.keys')"
    :style="{ width: 'min(30rem, 94vw)' }"
  >
    <dl>
      <template v-for="shortcut in shortcuts" :key="shortcut.keys">
        <dt>
          <kbd>{{ shortcut.keys }}</kbd>
        </dt>
        <dd>{{ shortcut.label }}</dd>
      </template>
    </dl>
    <div class="single">
      <ToggleSwitch v-model="preferences.singleKeys" input-id="single-keys" /><label for="single-keys">{{
        $t('ui.single_keys_are_shortcuts')
      }}</label>
    </div>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-2) var(--space-4);
  margin: 0;
}
dd {
  margin: 0;
}
.single {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  margin-top: var(--space-5);
}
</style>
