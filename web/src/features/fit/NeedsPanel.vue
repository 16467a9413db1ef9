<script setup lang="ts">
import { readable } from '@/lib/readable'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import ConflictFields from '@/ui/ConflictFields.vue'
import LevelMark from '@/ui/LevelMark.vue'
import type { Fit } from './useFit'
import { targetWords } from './useTargets'

// The circuit's three level targets beside what this roster needs. Taken into the
// class's own copy; the circuit stays as it is.
const props = defineProps<{ fit: Fit }>()
// The list as it came, so that one person's new row does not draw the table anew.
const told = computed(() => props.fit.sheet.value?.needs)
const needs = computed(() => (told.value ?? []).filter((need) => need.changes))
const names = computed(
  () => new Map(props.fit.sheet.value?.stations.map((held) => [`${held.block}/${held.station}`, held.name]) ?? []),
)
const picked = ref<string[]>([])
watch(needs, (list) => (picked.value = picked.value.filter((key) => list.some((need) => need.key === key))))
const all = computed(() => needs.value.length > 0 && picked.value.length === needs.value.length)
// Unwrapped for the template.
const { met, rows, decide, close } = props.fit.moved
const move = () => props.fit.moved.move(needs.value.filter((need) => picked.value.includes(need.key)))
</script>

<template>
  <section :aria-label="$t('fit.what_this_class_needs')" class="needs">
    <h2>{{ $t('fit.what_this_class_needs') }}</h2>
    <p v-if="!needs.length" class="quiet">{{ $t('fit.the_circuits_targets_suit_the_people') }}</p>
    <template v-else>
      <p class="small quiet">{{ $t('fit.for_each_level_the_version_that') }}</p>
      <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('fit.what_this_class_needs_table')">
        <table class="ledger small">
          <thead>
            <tr>
              <th scope="col">
                <input
                  type="checkbox"
                  :aria-label="$t('fit.all_of_them')"
                  :checked="all"
                  @change="picked = all ? [] : needs.map((need) => need.key)"
                />
              </th>
              <th scope="col">{{ $t('fit.station') }}</th>
              <th scope="col">{{ $t('fit.level') }}</th>
              <th scope="col">{{ $t('fit.as_planned_for') }}</th>
              <th scope="col">{{ $t('fit.the_circuit_asks') }}</th>
              <th scope="col">{{ $t('fit.they_need') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="need in needs" :key="need.key">
              <td>
                <input
                  v-model="picked"
                  type="checkbox"
                  :value="need.key"
                  :aria-label="
                    $t('fit.take_get_level', {
                      get: names.get(`${need.block}/${need.station}`),
                      level: readable(need.level),
                    })
                  "
                />
              </td>
              <th scope="row">{{ names.get(`${need.block}/${need.station}`) }}</th>
              <td><LevelMark :level="need.level" /></td>
              <td>{{ $t('fit.as_planned_of_people', { as_planned: need.as_planned, people: need.people }) }}</td>
              <td>{{ targetWords(need.from) }}</td>
              <td>
                <b>{{ targetWords(need.to) }}</b>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <Button :label="$t('fit.move_the_targets_to_this_class')" size="small" :disabled="!picked.length" @click="move" />
    </template>
    <ConflictFields
      :visible="met !== null"
      :what="$t('fit.these_targets_were')"
      :rows="rows"
      @save="decide"
      @close="close"
    />
  </section>
</template>

<style scoped>
.needs {
  content-visibility: auto;
  contain-intrinsic-height: auto 30rem;
  border-top: 2px solid var(--ink);
  margin-top: var(--space-5);
  padding-top: var(--space-3);
}
</style>
