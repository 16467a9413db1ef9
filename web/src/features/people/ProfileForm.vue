<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { computed, reactive, ref, watch } from 'vue'
import { api, ask } from '@/lib/api/client'
import type { Level, PersonForm, PersonWhole } from '@/lib/api/types'
import { PROFILE_PATTERNS } from '@/lib/api/vocabulary'
import type { Typed } from '@/lib/typed'
import NumberField from '@/ui/NumberField.vue'
import type { Picks } from '@/lib/conflict'
import ConflictFields from '@/ui/ConflictFields.vue'
import LevelChoice from '@/ui/LevelChoice.vue'
import { readable } from '@/lib/readable'
import TextField from '@/ui/TextField.vue'
import { useAttempt } from '@/lib/useAttempt'
import { useVersioned } from '@/lib/useVersioned'

// What is not private, whom to call, and the level they chose for each pattern.
const props = defineProps<{ person: PersonWhole }>()
const emit = defineEmits<{ saved: [person: PersonWhole] }>()
const toast = useToast()
const { attempt, busy, errors } = useAttempt()

const text = reactive({ name: '', pronouns: '', since: '', tags: '', contact: '', phone: '', relation: '' })
const level = ref<Level | undefined>('beginner')
const year = ref<Typed>(undefined)
const levels = ref<Record<string, Level | undefined>>({})
const before = ref('')

const body = computed<PersonForm>(() => ({
  name: text.name,
  level: level.value ?? 'beginner',
  pronouns: text.pronouns,
  birth_year: year.value as number | undefined,
  since: text.since || undefined,
  levels: Object.fromEntries(Object.entries(levels.value).filter(([, level]) => level)) as Record<string, Level>,
  tags: text.tags
    .split(',')
    .map((tag) => tag.trim())
    .filter(Boolean),
  contact: { name: text.contact, phone: text.phone, relation: text.relation },
}))
const dirty = computed(() => JSON.stringify(body.value) !== before.value)

/** A person's saved fields, in the shape of this form. */
const formOf = (person: PersonWhole): PersonForm => ({
  name: person.name,
  level: person.level,
  pronouns: person.pronouns ?? '',
  birth_year: person.birth_year ?? undefined,
  since: person.since ?? undefined,
  levels: { ...person.levels },
  tags: [...person.tags],
  contact: {
    name: person.contact.name ?? '',
    phone: person.contact.phone ?? '',
    relation: person.contact.relation ?? '',
  },
})

function fill(form: PersonForm) {
  Object.assign(text, {
    name: form.name,
    pronouns: form.pronouns ?? '',
    since: form.since ?? '',
    tags: (form.tags ?? []).join(', '),
    contact: form.contact?.name ?? '',
    phone: form.contact?.phone ?? '',
    relation: form.contact?.relation ?? '',
  })
  level.value = form.level
  year.value = form.birth_year ?? undefined
  levels.value = { ...form.levels } as typeof levels.value
}

/** What is typed here stays while something else of the person is saved, over the version that was opened. */
let read = false
const version = ref(props.person.version)
let opened = formOf(props.person)
watch(
  () => props.person,
  (person) => {
    if (read && dirty.value) return
    read = true
    fill(formOf(person))
    version.value = person.version
    opened = formOf(person)
    before.value = JSON.stringify(body.value)
  },
  { immediate: true },
)

const LABELS = {
  name: t('common.name'),
  pronouns: t('people.pronouns'),
  birth_year: t('people.year_of_birth'),
  since: t('people.member_since'),
  level: t('people.level_they_follow'),
  levels: t('people.levels_by_pattern'),
  tags: t('people.tags'),
  contact: t('people.emergency_contact'),
}
const versioned = useVersioned<PersonForm, PersonWhole>({
  labels: LABELS,
  show: (body, over) => {
    fill(body)
    version.value = over
  },
  opened: () => opened,
  put: async (form, over) => {
    const now = await ask(
      api.PUT('/api/people/{id}', { params: { path: { id: props.person.id } }, body: { ...form, version: over } }),
    )
    before.value = JSON.stringify(body.value)
    emit('saved', now)
    toast.add({ severity: 'success', summary: t('common.saved'), detail: now.name, life: 3000 })
  },
  read: (theirs) => ({ body: formOf(theirs), version: theirs.version }),
})
const save = () => attempt(() => versioned.save(body.value, version.value))
const resolve = (picks: Picks) => attempt(() => versioned.resolve(picks))
</script>

<template>
  <form :aria-label="$t('people.person')" class="form" @submit.prevent="save">
    <ConflictFields
      :visible="versioned.met.value !== null"
      :what="$t('people.this_person_was')"
      :rows="versioned.rows.value"
      @save="resolve"
      @close="versioned.close"
    />
    <h2>{{ $t('people.person') }}</h2>
    <div class="pair">
      <TextField v-model="text.name" :label="$t('common.name')" :error="errors.get('/name')" :maxlength="80" />
      <TextField
        v-model="text.pronouns"
        :label="$t('people.pronouns')"
        :error="errors.get('/pronouns')"
        :maxlength="40"
      />
      <NumberField
        v-model="year"
        class="year"
        :label="$t('people.year_of_birth')"
        :error="errors.get('/birth_year')"
        width="6rem"
      />
      <TextField v-model="text.since" :label="$t('people.member_since')" type="date" :error="errors.get('/since')" />
    </div>
    <TextField v-model="text.tags" :label="$t('people.tags_with_commas_between')" :error="errors.get('/tags')" />
    <fieldset>
      <legend>{{ $t('people.emergency_contact') }}</legend>
      <div class="pair">
        <TextField v-model="text.contact" :label="$t('common.name')" :maxlength="120" />
        <TextField
          v-model="text.phone"
          :label="$t('people.telephone')"
          :error="errors.get('/contact/phone')"
          :maxlength="40"
        />
        <TextField v-model="text.relation" :label="$t('people.relation')" :maxlength="60" />
      </div>
    </fieldset>
    <fieldset>
      <legend>{{ $t('people.level_they_chose') }}</legend>
      <p class="row">
        <span class="small">{{ $t('common.follows') }}</span><LevelChoice
          v-model="level"
          :label="$t('common.follows')"
        />
      </p>
      <p class="small quiet">{{ $t('people.strong_legs_and_a_weak_push') }}</p>
      <div class="levels">
        <span v-for="pattern in PROFILE_PATTERNS" :key="pattern" class="row">
          <span class="small pattern">{{ readable(pattern) }}</span>
          <LevelChoice
            v-model="levels[pattern]"
            :label="$t('people.level_readable', { readable: readable(pattern) })"
            :open="$t('people.as_that_level')"
          />
        </span>
      </div>
    </fieldset>
    <div class="row">
      <Button type="submit" :label="$t('common.save')" :loading="busy" :disabled="!dirty" />
      <span v-if="dirty" class="small quiet">{{ $t('people.not_saved_yet') }}</span>
    </div>
  </form>
</template>

<style scoped>
.year {
  display: grid;
  align-content: start;
}
.form {
  display: grid;
  gap: var(--space-3);
  align-content: start;
}
.pair {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(11rem, 1fr));
  gap: var(--space-2) var(--space-3);
  align-items: end;
}
fieldset {
  border: 0;
  border-top: 1px solid var(--rule);
  padding: var(--space-2) 0 0;
  margin: 0;
}
legend {
  font-weight: 600;
  padding-right: var(--space-2);
}
.levels {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: var(--space-1) var(--space-3);
}
.pattern {
  min-width: 6.5rem;
}
</style>
