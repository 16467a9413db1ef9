<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useWorkouts } from '@/lib/api/queries'
import type { Block } from '@/lib/api/types'
import { plural, t } from '@/lib/text'
import { useFormatNames } from '@/lib/useFormatNames'
import PageState from '@/ui/PageState.vue'
import { takeBlock } from './document'
import { useBoard } from './useBoard'

// A block from another circuit. Those that were kept as a template stand first.
const shown = defineModel<boolean>('visible', { required: true })
const board = useBoard()
const workouts = useWorkouts()
const { labelOf } = useFormatNames()
const words = ref('')
const chosen = ref<string | null>(null)

const tag = t('board.block_tag')
const circuits = computed(() =>
  (workouts.data.value ?? [])
    .filter((workout) => workout.id !== board.id)
    .filter((workout) =>
      [workout.title, ...workout.tags].some((text) => text.toLowerCase().includes(words.value.trim().toLowerCase())),
    )
    .sort((one, other) => Number(other.tags.includes(tag)) - Number(one.tags.includes(tag))),
)
const opened = useQuery({
  queryKey: ['blocks-of', chosen],
  queryFn: () => ask(api.GET('/api/workouts/{id}', { params: { path: { id: chosen.value! } } })),
  enabled: computed(() => shown.value && chosen.value !== null),
})
const blocks = computed(() => opened.data.value?.document.blocks ?? [])
const nameOf = (block: Block) => block.title || t('board.untitled_block')
const stationsOf = (block: Block) =>
  (block.stations ?? []).map((station) => board.movement(station.movement)?.name ?? t('board.compound')).join(', ')

function take(block: Block) {
  board.edit(t('board.take_a_block'), (draft) => {
    board.at.value = takeBlock(draft, block, board.at.value).id
  })
  shown.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="shown"
    modal
    :header="$t('board.take_a_block')"
    :style="{ width: 'min(52rem, 96vw)' }"
    @hide="chosen = null"
  >
    <PageState :loading="workouts.isPending.value" :error="workouts.error.value" @retry="workouts.refetch()">
      <InputText
        v-model="words"
        type="search"
        size="small"
        :placeholder="$t('circuits.search_titles_and_tags')"
        :aria-label="$t('circuits.search_titles_and_tags')"
        autofocus
      />
      <div class="sides">
        <ul class="list" :aria-label="$t('common.circuits')">
          <li v-for="workout in circuits" :key="workout.id">
            <button
              type="button"
              class="link"
              :aria-pressed="chosen === workout.id"
              :class="{ chosen: chosen === workout.id }"
              @click="chosen = workout.id"
            >
              {{ workout.title }}</button>{{ ' ' }}
            <span v-if="workout.tags.includes(tag)" class="small quiet">{{ $t('board.a_template_of_your_own') }}</span>
          </li>
          <li v-if="!circuits.length" class="quiet">{{ $t('circuits.no_circuit_answers_to_that_search') }}</li>
        </ul>
        <PageState
          v-if="chosen"
          :loading="opened.isPending.value"
          :error="opened.error.value"
          @retry="opened.refetch()"
        >
          <ul class="list" :aria-label="$t('board.blocks')">
            <li v-for="block in blocks" :key="block.id" class="block">
              <div>
                <b>{{ nameOf(block) }}</b> <span class="small quiet">{{ labelOf(block.format) }}</span>
                <p v-if="block.stations" class="small">{{ stationsOf(block) || plural(0, 'station') }}</p>
              </div>
              <Button
                :label="$t('board.take')"
                size="small"
                variant="outlined"
                :aria-label="$t('board.take_name', { name: nameOf(block) })"
                @click="take(block)"
              />
            </li>
          </ul>
        </PageState>
        <p v-else class="quiet">{{ $t('board.choose_a_circuit_to_see_its_blocks') }}</p>
      </div>
    </PageState>
  </Dialog>
</template>

<style scoped>
.sides {
  display: grid;
  grid-template-columns: minmax(12rem, 1fr) 2fr;
  gap: var(--space-5);
  margin-top: var(--space-3);
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  padding: var(--space-1) 0;
  border-top: 1px solid var(--rule-soft);
}
.chosen {
  font-weight: 600;
}
.block {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: var(--space-3);
  align-items: center;
}
@media (max-width: 44rem) {
  .sides {
    grid-template-columns: 1fr;
  }
}
</style>
