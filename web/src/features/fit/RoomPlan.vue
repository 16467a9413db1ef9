<script setup lang="ts">
import { useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import { LEVELS } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import { plural, t } from '@/lib/text'
import LevelTally from '@/ui/LevelTally.vue'
import PageState from '@/ui/PageState.vue'

// The room as the instructor sees it who faces the class: who stands where with what kit,
// and what must be set out. The server says where; here it is drawn.
const { id } = defineProps<{ id: string }>()

const query = useQuery({
  queryKey: ['fit', id, 'room'],
  queryFn: () => ask(api.GET('/api/classes/{id}/room', { params: { path: { id } } })),
})
const room = query.data
const offset = -new Date().getTimezoneOffset()

/** As many as there are of a piece: “1 chair”, “2 chairs”. */
const counted = (piece: string, count: number) => plural(count, piece as 'chair')
const kitText = (kit: Record<string, number>, wall = false) =>
  [
    ...Object.entries(kit).map(([piece, count]) => (count > 1 ? counted(piece, count) : readable(piece))),
    ...(wall ? [t('fit.wall')] : []),
  ]
    .join(', ')
    .toLowerCase()
/** First names, where nobody else has the same. */
const called = computed(() => {
  const firsts = (room.value?.spots ?? []).map((spot) => spot.name.split(' ')[0])
  return (name: string) => {
    const first = name.split(' ')[0]!
    return firsts.filter((other) => other === first).length > 1 ? name : first
  }
})
const at = (spot: { x: number; y: number }) => ({
  left: `${(100 * spot.x) / room.value!.width_m}%`,
  bottom: `${(100 * spot.y) / room.value!.depth_m}%`,
})
/** In metres, as wide as the nearest neighbour in a row allows. */
const column = computed(() => {
  const rows = new Map<number, number[]>()
  for (const spot of room.value?.spots ?? []) rows.set(spot.y, [...(rows.get(spot.y) ?? []), spot.x])
  const gaps = [...rows.values()].flatMap((row) => row.slice(1).map((x, index) => x - row[index]!))
  return Math.min(...gaps, 3)
})
/** No text reaches over a wall. */
const width = (spot: { x: number }) =>
  `${(100 * Math.min(column.value, 2 * spot.x, 2 * (room.value!.width_m - spot.x))) / room.value!.width_m}%`
/** A faint line each metre, where the room is drawn to its size. */
const ruled = computed(() => ({
  aspectRatio: `${room.value!.width_m} / ${room.value!.depth_m}`,
  backgroundSize: room.value!.to_scale ? `${100 / room.value!.width_m}% ${100 / room.value!.depth_m}%` : '0 0',
}))
const levels = computed(() => LEVELS.filter((level) => room.value?.spots.some((spot) => spot.level === level)))
</script>

<template>
  <PageState :loading="query.isPending.value" :error="query.error.value" @retry="query.refetch()">
    <section v-if="room" class="set-up" :aria-label="$t('fit.who_stands_where')">
      <div>
        <figure v-if="room.spots.length" :style="ruled">
          <ul>
            <li v-for="spot in room.spots" :key="spot.person" :style="{ ...at(spot), width: width(spot) }">
              <span class="dot" :class="{ wall: spot.wall }" aria-hidden="true" />
              <b>{{ called(spot.name) }}</b> <LevelTally :level="spot.level" />
              <span v-if="kitText(spot.kit, spot.wall)" class="kit">{{ kitText(spot.kit, spot.wall) }}</span>
            </li>
          </ul>
          <figcaption>{{ $t('fit.front_the_instructor') }}</figcaption>
        </figure>
        <figure v-if="room.stations.length" :style="ruled">
          <ul>
            <li
              v-for="(spot, index) in room.stations"
              :key="`${spot.block}/${spot.station}`"
              :style="{ ...at(spot), width: '22%' }"
            >
              <span class="dot wall" aria-hidden="true" />
              <b>{{ index + 1 }} {{ spot.name }}</b>
              <span v-if="kitText(spot.kit)" class="kit">{{ kitText(spot.kit) }}</span>
              <span class="kit">{{ spot.people.map(called).join(', ') }}</span>
            </li>
          </ul>
          <figcaption>{{ $t('fit.front_groups_begin_here') }}</figcaption>
        </figure>
      </div>
      <div class="beside">
        <h3>{{ $t('fit.set_out') }}</h3>
        <p v-if="!room.set_out.length" class="quiet">{{ $t('fit.no_kit_is_needed') }}</p>
        <ul class="pieces">
          <li v-for="piece in room.set_out" :key="piece.piece">
            <b>{{ counted(piece.piece, piece.needed) }}</b><span v-if="piece.there !== null" class="quiet">{{
              ' ' + $t('fit.of_n_there', { n: piece.there })
            }}</span
            ><span v-if="piece.passed_on" class="small">{{ $t('fit.passed_on_between_stations') }}</span>
          </li>
        </ul>
        <p class="small" :class="{ 'warn-text': room.tight }">
          <template v-if="!room.to_scale">{{ $t('fit.not_to_scale') }}</template>
          <template v-else
            >{{ $t('fit.width_by_depth', { width: room.width_m, depth: room.depth_m, each: room.each_m2 ?? '–' }) }}
            {{ $t('fit.a_line_each_metre') }}</template
          >
          <template v-if="room.tight"> {{ $t('fit.that_is_tight') }}</template>
        </p>
        <p v-if="room.spots.some((spot) => spot.wall)" class="small quiet">{{ $t('fit.a_square_is_beside_a_wall') }}</p>
        <p v-if="levels.length" class="small quiet row">
          <span v-for="level in levels" :key="level"><LevelTally :level="level" /> {{ readable(level) }}</span>
        </p>
        <p v-if="room.waiting.length" class="small warn-text">
          {{ $t('fit.talk_first_n', { n: room.waiting.join(', ') }) }}
        </p>
        <p class="small quiet">{{ $t('fit.chairs_without_wheels') }}</p>
        <p class="no-print">
          <a :href="`/api/classes/${id}/room.pdf?offset=${offset}`" target="_blank">{{
            $t('fit.print_the_room_pdf')
          }}</a>
        </p>
      </div>
    </section>
  </PageState>
</template>

<style scoped>
.set-up {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 15rem;
  gap: var(--space-5);
  margin-block: var(--space-3) var(--space-5);
}
figure {
  position: relative;
  margin: 0 auto var(--space-5);
  width: 100%;
  max-width: 52rem;
  max-height: 34rem;
  border: 2px solid var(--ink);
  background-image:
    linear-gradient(to right, var(--rule) 1px, transparent 1px),
    linear-gradient(to top, var(--rule) 1px, transparent 1px);
  background-position: 0 100%;
}
figcaption {
  position: absolute;
  inset: calc(100% + 0.15rem) 0 auto;
  text-align: center;
  font-size: var(--size-0);
  color: var(--ink-soft);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
figure li {
  position: absolute;
  transform: translate(-50%, 0.35rem);
  translate: 0 100%;
  padding-inline: 2px;
  text-align: center;
  line-height: 1.15;
  overflow-wrap: break-word;
}
/* The lines of the floor do not run through words. */
figure b,
figure .kit {
  background: color-mix(in srgb, var(--paper) 82%, transparent);
}
.dot {
  position: absolute;
  left: calc(50% - 0.35rem);
  top: -0.8rem;
  width: 0.7rem;
  height: 0.7rem;
  border-radius: 50%;
  background: var(--ink);
}
.dot.wall {
  border-radius: 0;
}
.kit {
  display: block;
  font-size: var(--size-0);
  color: var(--ink-soft);
}
.pieces li {
  padding-block: 0.1rem;
}
@media (max-width: 48rem) {
  .set-up {
    grid-template-columns: minmax(0, 1fr);
  }
  figure li {
    font-size: 0.7rem;
  }
  .kit {
    font-size: 0.65rem;
  }
}
</style>
