<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { computed } from 'vue'
import type { Fit } from './useFit'

// Choices that make no sense any more. They do not count, and they are not thrown
// away without somebody having seen them.
const props = defineProps<{ fit: Fit }>()
const aside = computed(() => props.fit.sheet.value?.set_aside ?? [])
const notices = computed(() => props.fit.sheet.value?.notices ?? [])
const words = (choice: (typeof aside.value)[number]) =>
  [choice.variation && (props.fit.variations.value.get(choice.variation)?.name ?? choice.variation), choice.number]
    .filter(Boolean)
    .join(' × ') || t('fit.a_choice')
</script>

<template>
  <section
    v-if="aside.length || notices.length"
    class="aside no-print"
    :aria-label="$t('fit.to_know_before_this_class')"
  >
    <p v-for="notice in notices" :key="notice">{{ notice }}</p>
    <template v-if="aside.length">
      <h2>{{ $t('fit.choices_that_do_not_fit_any') }}</h2>
      <ul>
        <li v-for="choice in aside" :key="`${choice.person_id}/${choice.block}/${choice.station}`">
          <span>
            <b>{{ choice.person }}</b>{{
              $t('fit.station_name_words_is_set_aside_because', {
                station_name: choice.station_name,
                words: words(choice),
                why: choice.why,
              })
            }}
          </span>
          <Button
            :label="$t('fit.remove')"
            size="small"
            variant="text"
            severity="secondary"
            :aria-label="
              $t('fit.remove_the_choice_for_person_at', { person: choice.person, station_name: choice.station_name })
            "
            @click="fit.dropSetAside(choice)"
          />
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.aside {
  border-left: 4px solid var(--warn);
  background: var(--warn-wash);
  padding: var(--space-3) var(--space-4);
  margin: var(--space-3) 0;
}
h2 {
  font-size: var(--size-1);
}
ul {
  list-style: none;
  padding: 0;
  margin: 0;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
  justify-content: space-between;
}
</style>
