<script setup lang="ts">
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref } from 'vue'
import { RouterLink, useRoute } from 'vue-router'
import { useMovements } from '@/api/queries'
import { plural } from '@/components/clockText'
import { findMovements } from '@/components/findMovements'
import PageState from '@/components/PageState.vue'
import { readable } from '@/components/readable'
import RungCard from '@/components/RungCard.vue'
import { plainKey, useShortcuts } from '@/composables/useShortcuts'
import type { Movement } from '@/api/types'

const route = useRoute()
const movements = useMovements()
const words = ref('')
const pattern = ref<string | null>(null)

const patterns = computed(() =>
  [...new Set((movements.data.value ?? []).map((movement) => movement.pattern))]
    .sort()
    .map((value) => ({ value, label: readable(value) })),
)
const shown = computed(() =>
  findMovements(movements.data.value ?? [], words.value).filter(
    (movement) => !pattern.value || movement.pattern === pattern.value,
  ),
)
const chosen = computed<Movement | undefined>(
  () => shown.value.find((movement) => movement.id === route.params.id) ?? shown.value[0],
)
const names = computed(
  () =>
    new Map(
      (movements.data.value ?? []).flatMap((movement) =>
        movement.ladder.map((rung) => [rung.id, `${rung.name}`] as const),
      ),
    ),
)

useShortcuts([
  { keys: '/', label: 'Search', matches: plainKey('/'), run: () => window.document.getElementById('search')?.focus() },
])
</script>

<template>
  <div class="page">
    <h1>Movements</h1>
    <PageState :loading="movements.isPending.value" :error="movements.error.value" @retry="movements.refetch()">
      <div class="row tools">
        <InputText
          id="search"
          v-model="words"
          type="search"
          placeholder="Search movements and rungs"
          aria-label="Search movements and rungs"
        />
        <Select
          v-model="pattern"
          :options="patterns"
          option-label="label"
          option-value="value"
          placeholder="Any pattern"
          show-clear
          aria-label="Pattern"
        />
        <span class="quiet small" role="status">{{ plural(shown.length, 'movement') }}</span>
      </div>
      <div class="layout">
        <nav class="index" aria-label="Movements">
          <RouterLink
            v-for="movement in shown"
            :key="movement.id"
            :to="{ name: 'movements', params: { id: movement.id } }"
            :class="{ here: movement.id === chosen?.id }"
            :aria-current="movement.id === chosen?.id ? 'true' : undefined"
            >{{ movement.name }} <span class="quiet small">{{ readable(movement.pattern) }}</span></RouterLink
          >
          <p v-if="!shown.length" class="quiet">Nothing of that name.</p>
        </nav>
        <article v-if="chosen">
          <h2>{{ chosen.name }}</h2>
          <p>{{ chosen.summary }}</p>
          <p class="small quiet">
            {{ readable(chosen.pattern) }} · {{ chosen.plane }} plane · easiest rung on the left
          </p>
          <div class="scroll-x" tabindex="0" role="region" :aria-label="`Ladder of ${chosen.name}`">
            <div class="ladder" :style="{ gridTemplateColumns: `repeat(${chosen.ladder.length}, minmax(15rem, 1fr))` }">
              <RungCard v-for="rung in chosen.ladder" :key="rung.id" :rung="rung" class="rung" />
            </div>
          </div>
          <h3 class="substitutes">Where a joint is sore</h3>
          <p class="small quiet">
            A limit is never trained through. Pain that is sharp, sudden or in a joint ends the exercise; who it stays
            with sees a professional.
          </p>
          <dl class="spares">
            <template v-for="(id, joint) in chosen.spares" :key="joint">
              <dt>{{ readable(String(joint)) }}</dt>
              <dd>{{ names.get(id) }}</dd>
            </template>
          </dl>
        </article>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.tools {
  margin: var(--space-4) 0;
}
.layout {
  display: grid;
  grid-template-columns: 14rem minmax(0, 1fr);
  gap: var(--space-5);
}
.index {
  display: grid;
  align-content: start;
}
.index a {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0 var(--space-2);
  padding: var(--space-2) var(--space-2);
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule-soft);
  border-left: 3px solid transparent;
}
.index a.here {
  border-left-color: var(--accent);
  background: var(--accent-wash);
}
article {
  display: grid;
  gap: var(--space-2);
  align-content: start;
  min-width: 0;
}
.ladder {
  display: grid;
  border-top: 2px solid var(--ink);
  border-bottom: 2px solid var(--ink);
  margin: var(--space-2) 0;
}
.rung {
  padding: var(--space-3);
  border-left: 1px solid var(--rule);
  display: grid;
  gap: var(--space-2);
  align-content: start;
}
.rung:first-child {
  border-left: 0;
  padding-left: 0;
}
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: var(--space-1) var(--space-3);
  margin: 0;
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
}
.spares {
  grid-template-columns: auto 1fr auto 1fr;
}
.spares dt::first-letter {
  text-transform: uppercase;
}
.substitutes {
  margin-top: var(--space-3);
}
@media (max-width: 52rem) {
  .layout {
    grid-template-columns: 1fr;
  }
  .index {
    grid-template-columns: 1fr 1fr;
    max-height: 14rem;
    overflow-y: auto;
  }
  .spares {
    grid-template-columns: auto 1fr;
  }
}
</style>
