<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import { dayText } from '@/lib/clockText'
import LevelTally from '@/ui/LevelTally.vue'
import PageState from '@/ui/PageState.vue'
import OwnEntryForm from './OwnEntryForm.vue'
import FigureStill from '@/ui/figure/FigureStill.vue'

const { token } = defineProps<{ token: string }>()

// One participant's own card, on their own phone.
const card = useQuery({
  queryKey: ['card', token],
  queryFn: () => ask(api.GET('/api/cards/{token}', { params: { path: { token } } })),
  retry: false,
  staleTime: 60_000,
})
const blocks = computed(() => {
  const stations = card.data.value?.stations ?? []
  return [...new Set(stations.map((station) => station.block))].map((block) => ({
    block,
    stations: stations.filter((station) => station.block === block),
  }))
})
</script>

<template>
  <div class="card">
    <PageState :loading="card.isPending.value" :error="card.error.value" @retry="card.refetch()">
      <template v-if="card.data.value">
        <p class="small quiet">
          {{ card.data.value.title }} · {{ dayText(card.data.value.starts_at)
          }}<template v-if="card.data.value.place"> · {{ card.data.value.place }}</template>
        </p>
        <h1>{{ card.data.value.name }}</h1>
        <section v-for="part in blocks" :key="part.block" :aria-label="part.block">
          <h2>{{ part.block }}</h2>
          <article v-for="(station, index) in part.stations" :key="index" :class="{ drawn: station.strip }">
            <FigureStill
              v-if="station.strip"
              :picture="station.strip"
              :poses="station.strip.stills"
              :label="station.standard ?? station.station"
              class="figure-small"
            />
            <div>
              <h3><LevelTally v-if="station.level" :level="station.level" /> {{ station.name ?? station.station }}</h3>
              <p class="target">
                {{ station.target }}{{ ' '
                }}<span v-if="station.rounds > 1" class="quiet">
                  {{ $t('classes.rounds_rounds', { rounds: station.rounds }) }}</span
                >
              </p>
              <details v-if="station.standard">
                <summary class="small">{{ $t('classes.how') }}</summary>
                <p class="small">{{ station.standard }} {{ station.breathing }}</p>
                <ul class="small">
                  <li v-for="cue in [...station.cues, ...station.cautions]" :key="cue">{{ cue }}</li>
                </ul>
              </details>
            </div>
          </article>
        </section>
        <OwnEntryForm v-if="card.data.value.own_entry" :token="token" :sheet="card.data.value.own_entry" />
        <p class="advice">{{ card.data.value.advice }}</p>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.card {
  max-width: 34rem;
  margin: 0 auto;
  padding: var(--space-4);
}
section {
  margin-top: var(--space-4);
}
article {
  border-bottom: 1px solid var(--rule-soft);
  padding: var(--space-2) 0;
}
.drawn {
  display: grid;
  grid-template-columns: 7.5rem 1fr;
  gap: var(--space-3);
}
.figure-small {
  width: 7.2rem;
  max-height: 4.6rem;
}
.target {
  font-size: var(--size-2);
  font-weight: 700;
}
summary {
  min-height: var(--target);
  display: flex;
  align-items: center;
  cursor: pointer;
  color: var(--accent);
}
.advice {
  border-left: 3px solid var(--warn);
  padding-left: var(--space-3);
  margin-top: var(--space-4);
}
</style>
