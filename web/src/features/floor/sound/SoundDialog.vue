<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Checkbox from 'primevue/checkbox'
import Dialog from 'primevue/dialog'
import SelectButton from 'primevue/selectbutton'
import Slider from 'primevue/slider'
import { usePreferences } from '@/lib/preferences'
import { browserSpeaks, serverSpeaks } from './speech'
import type { Loudness } from './tones'

// How calls are made on this device: tones, tones with short words on the screen, or spoken; how loud each kind is; a metronome.
defineProps<{ missing: number }>()
defineEmits<{ test: [] }>()
const shown = defineModel<boolean>('visible', { required: true })
const preferences = usePreferences()
const server = useQuery({
  queryKey: ['speech'],
  queryFn: serverSpeaks,
  enabled: shown,
  staleTime: Infinity,
  retry: false,
})

const VOICES = [
  { value: 'tones', label: t('floor.tones') },
  { value: 'words', label: t('floor.tones_and_words') },
  { value: 'spoken', label: t('floor.spoken') },
]
const KINDS: { kind: Loudness; label: string }[] = [
  { kind: 'calls', label: t('floor.loud_calls') },
  { kind: 'counts', label: t('floor.loud_counts') },
  { kind: 'reminders', label: t('floor.loud_reminders') },
]
</script>

<template>
  <Dialog v-model:visible="shown" modal :header="$t('floor.how_calls_sound')" :style="{ width: 'min(30rem, 96vw)' }">
    <SelectButton
      v-model="preferences.voice"
      :options="VOICES"
      option-label="label"
      option-value="value"
      :allow-empty="false"
      :aria-label="$t('floor.how_calls_sound')"
    />
    <div v-if="preferences.voice === 'spoken'" class="spoken small" role="status">
      <p v-if="!browserSpeaks && server.data.value">{{ $t('floor.the_server_speaks') }}</p>
      <p v-else-if="!browserSpeaks" class="warn-text">{{ $t('floor.nobody_speaks') }}</p>
      <label v-else-if="server.data.value" class="row"
        ><Checkbox v-model="preferences.serverVoice" binary />{{ $t('floor.by_the_servers_voice') }}</label
      >
      <p v-if="missing" class="warn-text">{{ $t('floor.n_words_not_fetched', { n: missing }) }}</p>
    </div>
    <div v-for="{ kind, label } in KINDS" :key="kind" class="loud">
      <span :id="`loud-${kind}`">{{ label }}</span>
      <Slider v-model="preferences.loudness[kind]" :step="10" :aria-labelledby="`loud-${kind}`" />
      <span class="number">{{ preferences.loudness[kind] }} %</span>
    </div>
    <label class="row"><Checkbox v-model="preferences.metronome" binary />{{ $t('floor.metronome_for_tempo') }}</label>
    <p class="small quiet">{{ $t('floor.music_is_played_elsewhere') }}</p>
    <Button :label="$t('floor.try_it')" icon="pi pi-volume-up" variant="outlined" @click="$emit('test')" />
  </Dialog>
</template>

<style scoped>
.spoken,
.loud,
.row,
.quiet {
  margin: var(--space-3) 0;
}
.loud {
  display: grid;
  grid-template-columns: 11rem 1fr 3.5rem;
  gap: var(--space-3);
  align-items: center;
}
.number {
  text-align: right;
}
</style>
