<script setup lang="ts">
import type { FitCell, FitPerson, FitStation } from '@/lib/api/types'
import { LEVELS } from '@/lib/api/types'
import LevelTally from '@/ui/LevelTally.vue'

// The room, station by station: which variation lies where, who stands at it, and
// whose number is not the level's. For the instructor's eyes, never the hall's.
const props = defineProps<{ stations: FitStation[]; people: FitPerson[]; label?: string }>()

interface Held {
  person: FitPerson
  cell: FitCell
}
/** Who has this variation, and the target that most of them have. */
function gathered(variation: string | null, held: Held[]) {
  const counts = new Map<string, number>()
  for (const { cell } of held) counts.set(cell.target, (counts.get(cell.target) ?? 0) + 1)
  const target = [...counts].sort((one, other) => other[1] - one[1])[0]?.[0] ?? ''
  return { variation, held, target }
}
function groups(station: FitStation) {
  const given = props.people.flatMap((person) =>
    person.cells
      .filter((cell) => cell.block === station.block && cell.station === station.station)
      .map((cell) => ({ person, cell })),
  )
  const levels = LEVELS.map((level) => {
    const here = given.filter((held) => held.cell.level === level)
    const variations = [...new Set(here.map((held) => held.cell.name))]
    return {
      level,
      variations: variations.map((variation) =>
        gathered(
          variation,
          here.filter((one) => one.cell.name === variation),
        ),
      ),
    }
  })
  return { levels, out: given.filter((held) => !held.cell.level) }
}
</script>

<template>
  <div class="room">
    <article v-for="station in stations" :key="`${station.block}/${station.station}`">
      <h3>
        <span v-if="label" class="quiet">{{ label }}:</span> {{ station.name }}
      </h3>
      <div v-for="part in groups(station).levels" :key="part.level">
        <div v-for="group in part.variations" :key="group.variation ?? ''" class="group">
          <p>
            <LevelTally :level="part.level" /> <b>{{ group.variation }}</b>{{ ' '
            }}<span class="quiet">{{ group.target }}</span>
          </p>
          <p class="small">
            <span v-for="(held, index) in group.held" :key="held.person.id"
              >{{ held.person.name
              }}<template v-if="held.cell.target !== group.target"
                >: <b>{{ held.cell.target }}</b></template
              >{{ index < group.held.length - 1 ? ', ' : '' }}
            </span>
          </p>
        </div>
      </div>
      <p v-if="groups(station).out.length" class="small warn-text">
        {{
          $t('fit.sit_out_n', {
            n: groups(station)
              .out.map((held) => held.person.name)
              .join(', '),
          })
        }}
      </p>
    </article>
  </div>
</template>

<style scoped>
.room {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(19rem, 100%), 1fr));
  gap: var(--space-4) var(--space-5);
}
article {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-2);
}
.group {
  margin-top: var(--space-2);
  border-left: 3px solid var(--rule);
  padding-left: var(--space-2);
}
</style>
