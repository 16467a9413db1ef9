<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { RouterLink } from 'vue-router'
import type { Movement } from '@/lib/api/types'
import { readable } from '@/lib/readable'
import LadderTable from './LadderTable.vue'
import VersionCard from './VersionCard.vue'
import { passes, type Filters } from './filters'

// One movement: its ladder at a glance, the ways round, and one version opened.
const props = defineProps<{ movement: Movement; names: Map<string, string>; filters: Filters; version?: string }>()
defineEmits<{ copy: []; edit: []; retire: [] }>()

const open = ref('')
watch(
  () => [props.movement.id, props.version],
  () => (open.value = props.version ?? props.movement.ladder[0]!.id),
  { immediate: true },
)
const opened = computed(
  () => props.movement.ladder.find((variation) => variation.id === open.value) ?? props.movement.ladder[0]!,
)
const dimmed = computed(
  () =>
    new Set(
      props.movement.ladder.filter((variation) => !passes(variation, props.filters)).map((variation) => variation.id),
    ),
)
</script>

<template>
  <article>
    <div class="row spread">
      <h2>
        {{ movement.name }}
        <span v-if="movement.own" class="small quiet">{{
          movement.retired ? $t('movements.our_own_retired') : $t('movements.our_own_2')
        }}</span>
      </h2>
      <span class="row">
        <Button :label="$t('movements.copy_to_my_movements')" size="small" variant="outlined" @click="$emit('copy')" />
        <template v-if="movement.own">
          <Button :label="$t('movements.edit')" size="small" variant="outlined" @click="$emit('edit')" />
          <Button
            :label="movement.retired ? $t('movements.offer_again') : $t('movements.retire')"
            size="small"
            variant="outlined"
            severity="secondary"
            @click="$emit('retire')"
          />
        </template>
      </span>
    </div>
    <p>
      {{ movement.summary }}
      <span class="small quiet">{{
        $t('movements.readable_plane_plane_easiest_version_on', {
          readable: readable(movement.pattern),
          plane: readable(movement.plane),
        })
      }}</span>
    </p>
    <LadderTable :movement="movement" :open="opened.id" :dimmed="dimmed" @open="open = $event" />
    <div class="spares-line small">
      <h3>{{ $t('movements.where_a_joint_is_sore') }}</h3>
      <dl class="spares">
        <div v-for="(id, joint) in movement.spares" :key="joint">
          <dt>{{ readable(String(joint)) }}</dt>
          <dd>
            <RouterLink :to="{ name: 'movements', params: { id: id.split('.')[0] } }">{{ names.get(id) }}</RouterLink>
          </dd>
        </div>
      </dl>
      <p class="quiet">{{ $t('movements.a_limit_is_never_trained_through') }}</p>
    </div>
    <VersionCard id="version" :variation="opened" />
  </article>
</template>

<style scoped>
article {
  display: grid;
  gap: var(--space-2);
  align-content: start;
  min-width: 0;
}
h2 {
  margin: 0;
}
p {
  margin: 0;
}
.spares-line h3 {
  font-size: var(--size-0);
  margin: var(--space-2) 0 0;
}
.spares {
  display: flex;
  flex-wrap: wrap;
  gap: 0 var(--space-4);
  margin: 0;
}
.spares div {
  display: flex;
  gap: var(--space-2);
}
dt {
  color: var(--ink-soft);
}
dt::first-letter {
  text-transform: uppercase;
}
dd {
  margin: 0;
}
</style>
