<script setup lang="ts">
import { t } from '@/lib/text'
import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { useClipboard } from '@vueuse/core'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Screen } from '@/lib/api/types'
import { dayText } from '@/lib/clockText'
import { useAttempt } from '@/lib/useAttempt'

// The other screens of this class: one in the hall, a remote, and the instructor's own, each by a code to be scanned.
const props = defineProps<{ runId: string }>()
const shown = defineModel<boolean>('visible', { required: true })
const queryKey = ['run', props.runId, 'screens']
const path = { params: { path: { id: props.runId } } }
const query = useQuery({ queryKey, queryFn: () => ask(api.GET('/api/runs/{id}/screens', path)), enabled: shown })
const client = useQueryClient()
const { attempt, busy } = useAttempt()
const put = (work: () => Promise<unknown>) => attempt(async () => client.setQueryData(queryKey, await work()))
const open = () => put(() => ask(api.POST('/api/runs/{id}/hall', path)))
const close = () => put(() => ask(api.DELETE('/api/runs/{id}/hall', path)))
const hall = computed(() => query.data.value?.hall)
const { copy, copied, isSupported } = useClipboard()

const others = computed(() => {
  const screens = query.data.value
  const lines: { title: string; says: string; screen: Screen }[] = []
  if (screens)
    lines.push({ title: t('floor.remote'), says: t('floor.a_phone_with_large_buttons'), screen: screens.remote })
  if (screens?.mine)
    lines.push({ title: t('common.instructors_view'), says: t('floor.who_is_where_with_names'), screen: screens.mine })
  return lines
})
/** Drawn by the server; shown as a picture, so that nothing in it is run. */
const picture = (screen: Screen) => `data:image/svg+xml;utf8,${encodeURIComponent(screen.svg)}`
</script>

<template>
  <Dialog v-model:visible="shown" modal :header="$t('floor.other_screens')" :style="{ width: 'min(46rem, 96vw)' }">
    <p v-if="query.isError.value" class="warn-text" role="status">{{ $t('floor.the_server_does_not_answer_now') }}</p>
    <div class="screens">
      <section v-if="query.data.value" :aria-label="$t('floor.hall_screen')">
        <h3>{{ $t('floor.hall_screen') }}</h3>
        <p class="small">{{ $t('floor.no_names_no_controls') }}</p>
        <template v-if="hall">
          <img :src="picture(hall)" :alt="$t('floor.code_for_name', { name: $t('floor.hall_screen') })" />
          <p class="code" data-testid="hall-code">{{ hall.code }}</p>
          <p class="small quiet">{{ $t('floor.open_until', { until: dayText(hall.until) }) }}</p>
          <p class="row">
            <a :href="hall.url" target="_blank" rel="noopener">{{ $t('floor.open_it_in_a_window') }}</a>
            <Button
              v-if="isSupported"
              :label="copied ? $t('floor.copied') : $t('floor.copy_the_link')"
              size="small"
              variant="text"
              @click="copy(hall.url)"
            />
          </p>
          <p class="row">
            <Button
              :label="$t('floor.a_new_code')"
              size="small"
              variant="outlined"
              severity="secondary"
              :disabled="busy"
              @click="open"
            />
            <Button
              :label="$t('floor.close_it')"
              size="small"
              variant="text"
              severity="secondary"
              :disabled="busy"
              @click="close"
            />
          </p>
        </template>
        <Button v-else :label="$t('floor.open_the_hall_screen')" :disabled="busy" @click="open" />
      </section>
      <section v-for="line in others" :key="line.title" :aria-label="line.title">
        <h3>{{ line.title }}</h3>
        <p class="small">{{ line.says }}</p>
        <img :src="picture(line.screen)" :alt="$t('floor.code_for_name', { name: line.title })" />
        <p>
          <a :href="line.screen.url" target="_blank" rel="noopener">{{ $t('floor.open_it_in_a_window') }}</a>
        </p>
      </section>
    </div>
  </Dialog>
</template>

<style scoped>
.screens {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: var(--space-4);
}
img {
  width: 10rem;
  height: 10rem;
  border: 1px solid var(--rule);
}
.code {
  font-weight: 700;
  letter-spacing: 0.04em;
  font-variant-numeric: tabular-nums;
}
</style>
