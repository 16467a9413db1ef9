<script setup lang="ts">
import { t } from '@/lib/text'
import { readable } from '@/lib/readable'
import type { LogSheet } from '@/lib/api/types'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { useRunLog } from '@/lib/api/queries'
import { clockText, dayText } from '@/lib/clockText'
import PageState from '@/ui/PageState.vue'
import CountedOnFloor from '@/features/log/CountedOnFloor.vue'
import LogHistory from '@/features/log/LogHistory.vue'
import ResultMark from '@/features/log/ResultMark.vue'
import { keyOf, PAIN_WHERE } from '@/features/log/sheet'

const { id } = defineProps<{ id: string }>()

const router = useRouter()
const query = useRunLog(id)
const sheet = computed(() => query.data.value)
const there = computed(() => (sheet.value?.attendances ?? []).filter((attendance) => attendance.present))
const away = computed(() => (sheet.value?.attendances ?? []).filter((attendance) => !attendance.present))
/** Warm-up and cool-down are shown where somebody did something else there. */
const stations = computed(() =>
  (sheet.value?.stations ?? []).filter(
    (station) =>
      ['main', 'finisher'].includes(station.role) ||
      there.value.some((attendance) =>
        attendance.results.some((result) => keyOf(result) === keyOf(station) && !result.planned),
      ),
  ),
)
const print = () => window.print()
const history = ref(false)
const painName = (where: string) => PAIN_WHERE.find((known) => known.value === where)?.label ?? where

/** Blocks of which somebody's rounds, or finish time, are known. */
const blocks = computed(() =>
  (sheet.value?.blocks ?? []).filter((block) =>
    there.value.some((attendance) => attendance.blocks.some((held) => held.block === block.block)),
  ),
)
function blockText(attendance: LogSheet['attendances'][number], block: string): string {
  const held = attendance.blocks.find((result) => result.block === block)
  if (!held) return '–'
  if (held.finish_s != null) return clockText(held.finish_s)
  return t('log.rounds_and_reps', { rounds: held.rounds ?? 0, reps: held.reps ?? 0 })
}

const results = computed(
  () =>
    new Map(
      there.value.map((attendance) => [
        attendance.person_id,
        new Map(attendance.results.map((result) => [keyOf(result), result])),
      ]),
    ),
)
</script>

<template>
  <div class="page">
    <PageState :loading="query.isPending.value" :error="query.error.value" @retry="query.refetch()">
      <template v-if="sheet">
        <div class="row spread">
          <div>
            <p class="quiet">
              {{ dayText(sheet.run.started_at ?? sheet.run.created_at)
              }}<template v-if="sheet.run.led_by">
                {{ ' ' }}{{ $t('logbook.led_by_led_by', { led_by: sheet.run.led_by }) }}</template
              >
              {{ $t('logbook.total_s_planned', { total_s: clockText(sheet.run.total_s) }) }}
            </p>
            <h1>{{ sheet.run.title }}</h1>
          </div>
          <div class="row no-print">
            <Button
              :label="$t('logbook.print')"
              icon="pi pi-print"
              severity="secondary"
              variant="outlined"
              @click="print"
            />
            <Button
              v-if="sheet.run.state === 'logged'"
              :label="$t('logbook.earlier_logs')"
              severity="secondary"
              variant="outlined"
              @click="history = true"
            />
            <Button
              :label="$t('logbook.edit_log')"
              severity="secondary"
              variant="outlined"
              @click="router.push({ name: 'log', params: { id } })"
            />
          </div>
        </div>
        <LogHistory v-model:visible="history" :run-id="id" :version="sheet.log_version" />
        <CountedOnFloor :run-id="id" :sheet="sheet" />
        <p v-if="sheet.run.state !== 'logged'" class="quiet">{{ $t('logbook.not_logged_yet') }}</p>
        <template v-else>
          <p class="facts">
            <b>{{ there.length }}</b> {{ $t('logbook.present')
            }}<template v-if="sheet.run.mean_effort !== null"
              >{{ $t('logbook.mean_effort_2') }} <b>{{ sheet.run.mean_effort }}</b></template
            ><template v-if="away.length">{{
              $t('logbook.absent_n', { n: away.map((attendance) => attendance.name).join(', ') })
            }}</template>
          </p>
          <p v-if="sheet.note">{{ sheet.note }}</p>
          <div class="scroll-x" tabindex="0" role="region" :aria-label="$t('logbook.who_did_what')">
            <table class="ledger who">
              <thead>
                <tr>
                  <th scope="col">{{ $t('common.name') }}</th>
                  <th scope="col" class="number">{{ $t('logbook.effort') }}</th>
                  <th v-for="station in stations" :key="keyOf(station)" scope="col">{{ station.name }}</th>
                  <th v-for="block in blocks" :key="block.block" scope="col">{{ block.title }}</th>
                  <th scope="col">{{ $t('logbook.noted') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="attendance in there" :key="attendance.person_id">
                  <th scope="row">{{ attendance.name }}</th>
                  <td class="number">{{ attendance.effort ?? '–' }}</td>
                  <td
                    v-for="station in stations"
                    :key="keyOf(station)"
                    :class="{ differs: results.get(attendance.person_id)?.get(keyOf(station))?.planned === false }"
                    :data-planned="results.get(attendance.person_id)?.get(keyOf(station))?.planned"
                  >
                    <ResultMark :result="results.get(attendance.person_id)?.get(keyOf(station))" :station="station" />
                  </td>
                  <td v-for="block in blocks" :key="block.block">{{ blockText(attendance, block.block) }}</td>
                  <td class="small">
                    <span v-if="attendance.pain" class="warn-text"
                      ><b>{{ $t('logbook.pain') }}</b> {{ painName(attendance.pain)
                      }}<template v-if="attendance.pain_action"> ({{ readable(attendance.pain_action) }})</template
                      >. </span
                    >{{ attendance.note }}
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
          <p class="small quiet">{{ $t('logbook.strokes_show_the_level_that_was') }}</p>
        </template>
      </template>
    </PageState>
  </div>
</template>

<style scoped>
.facts {
  margin: var(--space-3) 0;
}
.who {
  font-size: var(--size--1);
}
.who thead th {
  vertical-align: bottom;
  min-width: 4.2rem;
}
.who tbody th {
  white-space: nowrap;
}
.who td {
  white-space: nowrap;
}
.who td:last-child {
  white-space: normal;
  min-width: 12rem;
}
.differs {
  text-decoration: underline;
  text-decoration-thickness: 2px;
  text-underline-offset: 3px;
  font-weight: 650;
}
</style>
