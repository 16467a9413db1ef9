<script setup lang="ts">
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import { RouterLink } from 'vue-router'
import { clockText } from '@/lib/clockText'
import type { Standards } from './useStandards'

// Which circuits a change would touch; only those that are ticked come along.
const props = defineProps<{ standards: Standards }>()
const { errors, touched, bring, looking, problem, dirty, reset, save, toggle } = props.standards
</script>

<template>
  <aside :aria-label="$t('standards.affected_circuits')">
    <h2>{{ $t('standards.affected_circuits') }}</h2>
    <p v-if="problem" class="warn-text" role="alert">{{ problem }}</p>
    <p v-if="!dirty" class="small quiet">{{ $t('standards.type_another_number_the_circuits_it') }}</p>
    <template v-else-if="errors.size">
      <p class="warn-text">{{ $t('standards.some_numbers_need_correcting_first') }}</p>
      <ul class="small">
        <li v-for="[place, message] in errors" :key="place">
          {{ place.slice(1).replaceAll('/', ', ').replaceAll('_', ' ') }} {{ message }}
        </li>
      </ul>
    </template>
    <p v-else-if="looking && !touched.length" class="small quiet">{{ $t('standards.looking') }}</p>
    <p v-else-if="!touched.length" class="small">{{ $t('standards.no_circuit_changes_new_ones_begin') }}</p>
    <ul v-else class="circuits" role="status">
      <li v-for="circuit in touched" :key="circuit.id">
        <label
          ><input type="checkbox" :checked="bring.has(circuit.id)" @change="toggle(circuit.id)" />
          <RouterLink :to="{ name: 'board', params: { id: circuit.id } }">{{ circuit.title }}</RouterLink></label
        >
        <span class="small quiet">
          {{ clockText(circuit.total_before_s) }} → {{ clockText(circuit.total_after_s)
          }}<template v-if="circuit.targets">, {{ plural(circuit.targets, 'target') }}</template
          ><template v-if="circuit.depth">{{ $t('standards.depth') }}</template>
        </span>
      </li>
    </ul>
    <div class="row">
      <Button
        :label="
          bring.size && touched.length ? $t('standards.save_and_update_size', { size: bring.size }) : $t('common.save')
        "
        :disabled="!dirty || errors.size > 0 || looking"
        @click="save"
      />
      <Button
        :label="$t('standards.discard')"
        variant="outlined"
        severity="secondary"
        :disabled="!dirty"
        @click="reset"
      />
    </div>
  </aside>
</template>

<style scoped>
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
  aside {
    position: static;
  }
}
</style>
