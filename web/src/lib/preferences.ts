import { useLocalStorage, usePreferredDark } from '@vueuse/core'
import { defineStore } from 'pinia'
import { computed, watchEffect } from 'vue'

/** What this browser prefers: light or dark, and whether single keys are shortcuts. */
export const usePreferences = defineStore('preferences', () => {
  const theme = useLocalStorage<'system' | 'light' | 'dark'>('sparrow.theme', 'system')
  const singleKeys = useLocalStorage('sparrow.single-keys', true)
  const sound = useLocalStorage('sparrow.sound', true)
  /** How calls are made: tones, tones with short words on the screen, or spoken. */
  const voice = useLocalStorage<'tones' | 'words' | 'spoken'>('sparrow.voice', 'words')
  /** Spoken by the server's voice, though the browser has one. */
  const serverVoice = useLocalStorage('sparrow.server-voice', false)
  const metronome = useLocalStorage('sparrow.metronome', false)
  /** In percent, by kind of call. */
  const loudness = useLocalStorage('sparrow.loudness', { calls: 100, counts: 80, reminders: 50 })
  const prefersDark = usePreferredDark()
  const dark = computed(() => (theme.value === 'system' ? prefersDark.value : theme.value === 'dark'))

  watchEffect(() => document.documentElement.classList.toggle('dark', dark.value))

  function toggleTheme() {
    theme.value = dark.value ? 'light' : 'dark'
  }

  return { theme, dark, singleKeys, sound, voice, serverVoice, metronome, loudness, toggleTheme }
})
