<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import MultiSelect from 'primevue/multiselect'
import SelectButton from 'primevue/selectbutton'
import { computed, ref } from 'vue'
import { RouterLink } from 'vue-router'
import { api, ask } from '@/lib/api/client'
import { usePeople } from '@/lib/api/queries'
import { MOVEMENT_WORDS } from '@/lib/api/vocabulary'
import type { ClassWhole, Level, RosterLine } from '@/lib/api/types'
import LevelChoice from '@/ui/LevelChoice.vue'
import { readable } from '@/lib/readable'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { SCREENING_WORDS } from '@/features/people/words'
import { useSession } from '@/lib/session'

// Who is here, in which level, and how they are today. The fit follows at once.
const props = defineProps<{ held: ClassWhole }>()
const emit = defineEmits<{ changed: [held: ClassWhole] }>()
const people = usePeople()
const session = useSession()
const { attempt, errors } = useAttempt()
const JOINTS = MOVEMENT_WORDS.joints.map((joint) => ({ value: joint, label: readable(joint) }))
const PRESENCE = [
  { value: 'here', label: t('common.present') },
  { value: 'expected', label: t('classes.expected') },
  { value: 'away', label: t('classes.absent') },
]
const presence = (line: RosterLine) => (line.present === null ? 'expected' : line.present ? 'here' : 'away')

/** How often a line was refused: it is then drawn anew, as the server knows it. */
const refused = ref<Record<string, number>>({})
async function check(line: RosterLine, changes: object) {
  const params = { path: { id: props.held.id, person: line.person_id } }
  const told = await attempt(async () =>
    emit('changed', await ask(api.PUT('/api/classes/{id}/roster/{person}', { params, body: changes }))),
  )
  if (!told) refused.value[line.person_id] = (refused.value[line.person_id] ?? 0) + 1
}
const setPresence = (line: RosterLine, value: string) =>
  check(line, value === 'expected' ? { expected: true } : { present: value === 'here' })
const change = (body: { add?: string[]; remove?: string[] }) =>
  attempt(async () =>
    emit('changed', await ask(api.PUT('/api/classes/{id}/roster', { params: { path: { id: props.held.id } }, body }))),
  )
const others = computed(() => {
  const there = new Set(props.held.roster.map((line) => line.person_id))
  return (people.data.value?.people ?? []).filter((person) => !there.has(person.id))
})
const picked = ref<string[]>([])
async function addPicked() {
  if (await change({ add: picked.value })) picked.value = []
}

const name = ref('')
const level = ref<Level | undefined>('beginner')
const newcomer = () =>
  attempt(async () => {
    emit(
      'changed',
      await ask(
        api.POST('/api/classes/{id}/newcomers', {
          params: { path: { id: props.held.id } },
          body: { name: name.value, level: level.value ?? 'beginner' },
        }),
      ),
    )
    name.value = ''
  })
</script>

<template>
  <section :aria-label="$t('classes.roster')" class="roster">
    <h2>{{ $t('classes.roster') }}</h2>
    <div v-if="held.roster.length" class="scroll-x" tabindex="0" role="region" :aria-label="$t('classes.roster_table')">
      <table class="ledger stacks">
        <thead>
          <tr>
            <th scope="col">{{ $t('common.name') }}</th>
            <th scope="col">{{ $t('common.today') }}</th>
            <th scope="col">{{ $t('common.follows') }}</th>
            <th scope="col">{{ $t('classes.how_they_are') }}</th>
            <th v-if="session.plans" scope="col">{{ $t('classes.sore_where') }}</th>
            <th scope="col">
              <span class="visually-hidden">{{ $t('classes.take_off') }}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="line in held.roster"
            :key="`${line.person_id}/${refused[line.person_id] ?? 0}`"
            :class="{ away: line.present === false }"
          >
            <th scope="row">
              <RouterLink v-if="session.plans" :to="{ name: 'person', params: { id: line.person_id } }">{{
                line.name
              }}</RouterLink>
              <template v-else>{{ line.name }}</template>
              <span v-if="line.new" class="badge">{{ $t('classes.new') }}</span>
              <span v-if="['not_asked', 'see_instructor'].includes(line.screening)" class="small warn-text block">{{
                SCREENING_WORDS[line.screening]
              }}</span>
            </th>
            <td>
              <SelectButton
                :model-value="presence(line)"
                :options="PRESENCE"
                option-value="value"
                option-label="label"
                size="small"
                :allow-empty="false"
                :aria-label="$t('classes.name_today', { name: line.name })"
                @update:model-value="setPresence(line, $event)"
              />
            </td>
            <td>
              <LevelChoice
                :model-value="line.level"
                :label="$t('classes.level_of_name', { name: line.name })"
                @update:model-value="check(line, { level: $event })"
              />
            </td>
            <td>
              <label class="row small"
                ><input
                  type="checkbox"
                  :checked="line.tired"
                  :aria-label="$t('classes.name_is_tired', { name: line.name })"
                  @change="check(line, { tired: ($event.target as HTMLInputElement).checked })"
                />
                {{ $t('classes.tired') }}</label
              >
            </td>
            <td v-if="session.plans">
              <MultiSelect
                :model-value="line.sore"
                :options="JOINTS"
                option-value="value"
                option-label="label"
                :placeholder="$t('classes.not_sore')"
                size="small"
                :show-toggle-all="false"
                :aria-label="$t('classes.name_sore_where', { name: line.name })"
                @update:model-value="check(line, { sore: $event })"
              />
            </td>
            <td>
              <Button
                v-if="session.plans"
                icon="pi pi-times"
                :aria-label="$t('classes.take_name_off_the_roster', { name: line.name })"
                variant="text"
                severity="secondary"
                size="small"
                @click="change({ remove: [line.person_id] })"
              />
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-else class="quiet">{{ $t('classes.nobody_is_on_the_roster_yet') }}</p>
    <div class="row add">
      <MultiSelect
        v-if="session.plans"
        v-model="picked"
        :options="others"
        option-value="id"
        option-label="name"
        filter
        :placeholder="$t('classes.somebody_from_the_list')"
        :aria-label="$t('classes.somebody_from_the_list')"
        :show-toggle-all="false"
      />
      <Button
        v-if="session.plans"
        :label="$t('common.add')"
        variant="outlined"
        :disabled="!picked.length"
        @click="addPicked"
      />
      <form class="row" :aria-label="$t('classes.add_a_new_person')" @submit.prevent="newcomer">
        <TextField v-model="name" :label="$t('classes.new_at_the_door')" :error="errors.get('/name')" :maxlength="80" />
        <LevelChoice v-model="level" :label="$t('classes.level_of_the_newcomer')" />
        <Button type="submit" :label="$t('classes.add_as_present')" variant="outlined" :disabled="!name.trim()" />
      </form>
      <span v-if="errors.get('/add')" class="small warn-text" role="alert">{{
        $t('classes.the_roster_get', { get: errors.get('/add') })
      }}</span>
    </div>
  </section>
</template>

<style scoped>
.roster {
  margin-top: var(--space-4);
}
.block {
  display: block;
  font-weight: 400;
}
.badge {
  margin-left: var(--space-2);
  border: 1px solid var(--note);
  color: var(--note);
  font-size: var(--size--1);
  padding: 0 0.4em;
}
.away th,
.away td {
  color: var(--ink-soft);
  text-decoration: line-through;
}
.away td:nth-of-type(1),
.away td:last-child {
  text-decoration: none;
}
.add {
  align-items: end;
  margin-top: var(--space-3);
}
</style>
