<script setup lang="ts">
import { useQueryClient } from '@tanstack/vue-query'
import { useTimeoutFn } from '@vueuse/core'
import Button from 'primevue/button'
import SelectButton from 'primevue/selectbutton'
import { useToast } from 'primevue/usetoast'
import { computed, ref, watch } from 'vue'
import { RouterLink, onBeforeRouteLeave } from 'vue-router'
import { api, ask, Refusal, wording } from '@/api/client'
import { useHouse } from '@/api/queries'
import NumberField from '@/board/NumberField.vue'
import { setKey, type Typed } from '@/board/document'
import { clockText, plural } from '@/components/clockText'
import LevelMark from '@/components/LevelMark.vue'
import PageState from '@/components/PageState.vue'
import { BANDS, BY_LEVEL, differences, SINGLES } from '@/house/fields'
import { LEVELS, type House, type Level, type Touched } from '@/api/types'

// The numbers a studio plans with. Before a change is kept, it says which
// circuits it would touch; only those that are ticked come along.
const house = useHouse()
const queries = useQueryClient()
const toast = useToast()
const typed = ref<House>({})
const errors = ref(new Map<string, string>())
const touched = ref<Touched[]>([])
const bring = ref(new Set<string>())
const looking = ref(false)
const problem = ref('')

const defaults = computed(() => house.data.value?.defaults ?? {})
const stored = computed(() => house.data.value?.house ?? {})
const given = computed(() => differences(typed.value, defaults.value))
const dirty = computed(() => JSON.stringify(given.value) !== JSON.stringify(differences(stored.value, defaults.value)))
watch(stored, () => reset(), { immediate: true })

function reset() {
  typed.value = JSON.parse(JSON.stringify(stored.value)) as House
  errors.value = new Map()
  touched.value = []
  problem.value = ''
}

type Keyed = Record<string, unknown>
const single = (key: string) => (typed.value as Keyed)[key] as Typed
const standard = (key: string) => String((defaults.value as Keyed)[key] ?? '')
const ofLevel = (key: string, level: Level) => ((typed.value as Keyed)[key] as Keyed | undefined)?.[level] as Typed
const standardOf = (key: string, level: Level) =>
  String(((defaults.value as Keyed)[key] as Keyed | undefined)?.[level] ?? '')
const ofBand = (key: string, level: Level, end: 'min' | 'max') =>
  (((typed.value as Keyed)[key] as Keyed | undefined)?.[level] as Keyed | undefined)?.[end] as Typed
const standardBand = (key: string, level: Level, end: 'min' | 'max') =>
  String((((defaults.value as Keyed)[key] as Keyed | undefined)?.[level] as Keyed | undefined)?.[end] ?? '')

function change(work: (draft: Keyed) => void) {
  const draft = JSON.parse(JSON.stringify(typed.value)) as Keyed
  work(draft)
  typed.value = draft as House
}

function setLevel(key: string, level: Level, value: Typed) {
  change((draft) => {
    const held = { ...((draft[key] as Keyed) ?? {}) }
    setKey(held, level, value)
    setKey(draft, key, Object.keys(held).length ? held : undefined)
  })
}

/** A band needs both its ends: the other one is the default until it is typed. */
function setBand(key: string, level: Level, end: 'min' | 'max', value: Typed) {
  change((draft) => {
    const held = { ...((draft[key] as Keyed) ?? {}) }
    const fallback = ((defaults.value as Keyed)[key] as Keyed)[level] as Keyed
    held[level] = { ...fallback, ...((held[level] as Keyed) ?? {}), [end]: value ?? '' }
    draft[key] = held
  })
}

const { start: lookSoon } = useTimeoutFn(look, 250, { immediate: false })
watch(given, () => (dirty.value ? lookSoon() : ((touched.value = []), (errors.value = new Map()))))

async function look() {
  looking.value = true
  problem.value = ''
  try {
    touched.value = (await ask(api.POST('/api/house/touches', { body: { house: given.value } }))).circuits
    bring.value = new Set(touched.value.map((circuit) => circuit.id))
    errors.value = new Map()
  } catch (error) {
    touched.value = []
    if (error instanceof Refusal) errors.value = error.fields('/house')
    else problem.value = wording(error)
  } finally {
    looking.value = false
  }
}

async function save() {
  try {
    const answer = await ask(api.PUT('/api/house', { body: { house: given.value, bring: [...bring.value] } }))
    queries.setQueryData(['house'], answer)
    await queries.invalidateQueries({ queryKey: ['workouts'] })
    toast.add({
      severity: 'success',
      summary: 'Kept',
      detail: `${plural(bring.value.size, 'circuit')} came along.`,
      life: 4000,
    })
  } catch (error) {
    if (error instanceof Refusal) errors.value = error.fields('/house')
    problem.value = wording(error)
  }
}

function toggle(id: string) {
  const next = new Set(bring.value)
  if (!next.delete(id)) next.add(id)
  bring.value = next
}

const errorBelow = (pointer: string) => {
  for (const [place, message] of errors.value) if (place === pointer || place.startsWith(`${pointer}/`)) return message
  return undefined
}
const DEPTHS = [
  { value: 'parallel', label: 'Thighs level' },
  { value: 'full', label: 'As low as mobility allows' },
]
onBeforeRouteLeave(() => !dirty.value || window.confirm('Leave without keeping the changed standards?'))
</script>

<template>
  <div class="page">
    <h1>House standards</h1>
    <p class="quiet lead">
      The numbers this studio plans with. They travel inside each circuit, so a circuit keeps its own until you bring it
      along. House estimates, all of them: change them where your people show you better.
    </p>
    <PageState :loading="house.isPending.value" :error="house.error.value" @retry="house.refetch()">
      <div class="layout">
        <div>
          <section aria-labelledby="times">
            <h2 id="times">Times and targets</h2>
            <dl>
              <template v-for="field in SINGLES" :key="field.key">
                <dt>
                  <NumberField
                    :label="field.label"
                    :unit="field.unit"
                    :hint="standard(field.key)"
                    width="4rem"
                    :model-value="single(field.key)"
                    :error="errors.get(`/${field.key}`)"
                    @update:model-value="(value) => change((draft) => setKey(draft, field.key, value))"
                  />
                </dt>
                <dd class="small quiet">{{ field.says }}</dd>
              </template>
            </dl>
          </section>
          <section aria-labelledby="levels">
            <h2 id="levels">By level</h2>
            <div class="scroll-x" tabindex="0" role="region" aria-label="Standards by level">
              <table class="ledger">
                <thead>
                  <tr>
                    <th scope="col"><span class="visually-hidden">Standard</span></th>
                    <th v-for="level in LEVELS" :key="level" scope="col"><LevelMark :level="level" /></th>
                  </tr>
                </thead>
                <tbody>
                  <tr v-for="field in BY_LEVEL" :key="field.key">
                    <th scope="row">
                      {{ field.label }} <span class="quiet">{{ field.unit }}</span>
                      <p class="small quiet says">{{ field.says }}</p>
                      <p v-if="errorBelow(`/${field.key}`)" class="small warn-text" role="alert">
                        {{ field.label }} {{ errorBelow(`/${field.key}`) }}
                      </p>
                    </th>
                    <td v-for="level in LEVELS" :key="level">
                      <NumberField
                        :label="`${field.label}, ${level}`"
                        hide-label
                        :hint="standardOf(field.key, level)"
                        width="4.4rem"
                        :model-value="ofLevel(field.key, level)"
                        @update:model-value="setLevel(field.key, level, $event)"
                      />
                    </td>
                  </tr>
                  <tr v-for="field in BANDS" :key="field.key">
                    <th scope="row">
                      {{ field.label }} <span class="quiet">{{ field.unit }}</span>
                      <p class="small quiet says">{{ field.says }}</p>
                      <p v-if="errorBelow(`/${field.key}`)" class="small warn-text" role="alert">
                        {{ field.label }} {{ errorBelow(`/${field.key}`) }}
                      </p>
                    </th>
                    <td v-for="level in LEVELS" :key="level" class="band">
                      <NumberField
                        v-for="end in ['min', 'max'] as const"
                        :key="end"
                        :label="`${field.label}, ${level}, ${end === 'min' ? 'from' : 'to'}`"
                        hide-label
                        :hint="standardBand(field.key, level, end)"
                        width="3rem"
                        :model-value="ofBand(field.key, level, end)"
                        @update:model-value="setBand(field.key, level, end, $event)"
                      />
                    </td>
                  </tr>
                </tbody>
              </table>
            </div>
          </section>
          <section aria-labelledby="depth">
            <h2 id="depth">Depth of a squat</h2>
            <SelectButton
              :model-value="typed.depth ?? 'parallel'"
              :options="DEPTHS"
              option-label="label"
              option-value="value"
              :allow-empty="false"
              aria-label="Depth of a squat"
              @update:model-value="(value) => change((draft) => setKey(draft, 'depth', value))"
            />
            <p class="small quiet says">
              A movement standard, not a level. Level thighs can be judged at a glance in a mixed class; full depth is
              for who has shown it; with a sore knee it is as far as is free of pain.
            </p>
          </section>
        </div>
        <aside aria-label="What a change would touch">
          <h2>What a change would touch</h2>
          <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
          <p v-if="!dirty" class="small quiet">Type another number: the circuits it would change stand here first.</p>
          <template v-else-if="errors.size">
            <p class="warn-text">Some numbers need mending first.</p>
            <ul class="small">
              <li v-for="[place, message] in errors" :key="place">
                {{ place.slice(1).replaceAll('/', ', ').replaceAll('_', ' ') }} {{ message }}
              </li>
            </ul>
          </template>
          <p v-else-if="looking && !touched.length" class="small quiet">Looking…</p>
          <p v-else-if="!touched.length" class="small">No circuit changes. New ones begin with the new numbers.</p>
          <ul v-else class="circuits" role="status">
            <li v-for="circuit in touched" :key="circuit.id">
              <label
                ><input type="checkbox" :checked="bring.has(circuit.id)" @change="toggle(circuit.id)" />
                <RouterLink :to="{ name: 'board', params: { id: circuit.id } }">{{ circuit.title }}</RouterLink></label
              >
              <span class="small quiet">
                {{ clockText(circuit.total_before_s) }} → {{ clockText(circuit.total_after_s)
                }}<template v-if="circuit.targets">, {{ plural(circuit.targets, 'target') }}</template
                ><template v-if="circuit.depth">, depth</template>
              </span>
            </li>
          </ul>
          <div class="row">
            <Button
              :label="bring.size && touched.length ? `Keep, and bring ${bring.size} along` : 'Keep'"
              :disabled="!dirty || errors.size > 0 || looking"
              @click="save"
            />
            <Button label="As it was" variant="outlined" severity="secondary" :disabled="!dirty" @click="reset" />
          </div>
        </aside>
      </div>
    </PageState>
  </div>
</template>

<style scoped>
.lead {
  max-width: 46rem;
}
.layout {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: var(--space-5);
  align-items: start;
}
section {
  border-top: 2px solid var(--ink);
  padding: var(--space-3) 0 var(--space-4);
  margin-top: var(--space-4);
}
h2 {
  margin-bottom: var(--space-2);
}
dl {
  display: grid;
  grid-template-columns: minmax(15rem, auto) 1fr;
  gap: var(--space-2) var(--space-4);
  align-items: center;
  margin: 0;
}
dd {
  margin: 0;
}
.says {
  font-weight: 400;
  max-width: 26rem;
}
.band {
  white-space: nowrap;
}
aside {
  position: sticky;
  top: var(--space-3);
  border-top: 2px solid var(--ink);
  margin-top: var(--space-4);
  padding-top: var(--space-3);
  display: grid;
  gap: var(--space-3);
}
aside h2 {
  font-size: var(--size-1);
}
.circuits {
  list-style: none;
  padding: 0;
  margin: 0;
  display: grid;
  gap: var(--space-2);
  max-height: 24rem;
  overflow-y: auto;
}
.circuits li {
  display: grid;
}
input[type='checkbox'] {
  accent-color: var(--accent);
  width: 1.05rem;
  height: 1.05rem;
}
@media (max-width: 60rem) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
  }
  dl {
    grid-template-columns: 1fr;
  }
  aside {
    position: static;
  }
}
</style>
