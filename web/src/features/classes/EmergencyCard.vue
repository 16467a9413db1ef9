<script setup lang="ts">
import Dialog from 'primevue/dialog'

// For the moment in which it counts: where we are, where help is, whom to call.
interface Emergency {
  place: { name: string; address: string; defibrillator: string; first_aid: string } | null
  people: { name: string; contact: { name?: string; phone?: string; relation?: string } }[]
}
const visible = defineModel<boolean>('visible', { required: true })
defineProps<{ data: Emergency | undefined }>()
</script>

<template>
  <Dialog v-model:visible="visible" modal :header="$t('classes.emergency')" :style="{ width: 'min(44rem, 96vw)' }">
    <p class="first">{{ $t('classes.call_your_local_emergency_number_first') }}</p>
    <template v-if="data">
      <dl v-if="data.place" class="where">
        <dt>{{ $t('classes.we_are_at') }}</dt>
        <dd>{{ data.place.address || data.place.name }}</dd>
        <dt>{{ $t('classes.defibrillator') }}</dt>
        <dd>{{ data.place.defibrillator || $t('classes.not_noted_ask_the_venue') }}</dd>
        <dt>{{ $t('classes.first_aid_kit') }}</dt>
        <dd>{{ data.place.first_aid || $t('classes.not_noted_ask_the_venue') }}</dd>
      </dl>
      <p v-else class="warn-text">{{ $t('classes.this_class_has_no_place_yet') }}</p>
      <h2>{{ $t('classes.emergency_contacts') }}</h2>
      <ul class="people">
        <li v-for="person in data.people" :key="person.name">
          <b>{{ person.name }}</b>
          <span v-if="person.contact.phone"
            >{{ person.contact.name }}<template v-if="person.contact.relation">, {{ person.contact.relation }}</template
            >: <a :href="`tel:${person.contact.phone.replaceAll(' ', '')}`">{{ person.contact.phone }}</a></span
          >
          <span v-else class="quiet">{{ $t('classes.nobody_noted') }}</span>
        </li>
      </ul>
    </template>
    <p v-else class="warn-text">{{ $t('classes.the_server_has_not_answered_yet') }}</p>
  </Dialog>
</template>

<style scoped>
.first {
  font-size: var(--size-1);
  font-weight: 700;
  border-left: 4px solid var(--warn);
  padding-left: var(--space-3);
}
.where {
  display: grid;
  grid-template-columns: max-content 1fr;
  gap: var(--space-2) var(--space-3);
  font-size: var(--size-1);
}
dt {
  color: var(--ink-soft);
}
dd {
  margin: 0;
  font-weight: 600;
}
.people {
  list-style: none;
  padding: 0;
  columns: 18rem;
}
.people li {
  break-inside: avoid;
  padding: var(--space-1) 0;
  display: grid;
}
</style>
