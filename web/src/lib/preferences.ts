import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'

/** What this browser prefers: light or dark, and whether single keys are shortcuts. */
export const usePreferences = defineStore('preferences', () => {
  const theme = useLocalStorage<'system' | 'light' | 'dark'>('sparrow.theme', 'system')
  const singleKeys = useLocalStorage('sparrow.single-keys', true)
  const sound = useLocalStorage('sparrow.sound', true)
  const prefersDark = usePreferredDark()
  const dark = computed(() => (theme.value === 'system' ? prefersDark.value : theme.value === 'dark'))

  watchEffect(() => document.documentElement.classList.toggle('dark', dark.value))

  function toggleTheme() {
    theme.value = dark.value ? 'light' : 'dark'
  }

  return { theme, dark, singleKeys, sound, toggleTheme }
})
