<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { RouterLink } from 'vue-router'
import { useQuestions } from '@/lib/api/queries'
import type { Limit } from '@/lib/api/types'
import LimitRow from './LimitRow.vue'
import RuledOut from './RuledOut.vue'

// A person's limits: one by one, or several that a professional's advice begins with.
const props = defineProps<{ limits: Limit[]; errorAt: (key: string) => string | undefined; reach?: string }>()
const emit = defineEmits<{ change: [limits: Limit[]] }>()
const questions = useQuestions()

function change(index: number, limit: Limit) {
  emit(
    'change',
    props.limits.map((held, at) => (at === index ? limit : held)),
  )
}

/** Several limits at once, beside those that stand there already. */
const advice = ref('')
function setTogether(preset: { kinds: string[]; advice: string }) {
  const held = new Set(props.limits.map((limit) => limit.kind))
  const more = preset.kinds.filter((kind) => !held.has(kind)).map((kind): Limit => ({ kind, severity: 'avoid' }))
  emit('change', [...props.limits, ...more])
  advice.value = preset.advice
}
</script>

<template>
  <fieldset class="private-part">
    <legend>{{ $t('people.limits') }}</legend>
    <p class="small quiet">{{ $t('people.a_limit_is_never_trained_through') }}</p>
    <LimitRow
      v-for="(limit, index) in limits"
      :key="index"
      :limit="limit"
      :kinds="questions.data.value?.kinds ?? []"
      :error="errorAt(`${index}/until`) ?? errorAt(`${index}/kind`)"
      :number="index + 1"
      @change="change(index, $event)"
      @remove="
        emit(
          'change',
          limits.filter((_, at) => at !== index),
        )
      "
    />
    <Button
      :label="$t('people.add_a_limit')"
      icon="pi pi-plus"
      size="small"
      variant="outlined"
      @click="emit('change', [...limits, { kind: 'knee', severity: 'avoid' }])"
    />
    <div class="presets" role="group" :aria-label="$t('people.set_several_at_once')">
      <span class="small quiet">{{ $t('people.set_several_at_once') }}</span>
      <Button
        v-for="preset in questions.data.value?.presets ?? []"
        :key="preset.id"
        :label="preset.words"
        size="small"
        severity="secondary"
        variant="outlined"
        @click="setTogether(preset)"
      />
    </div>
    <p v-if="advice" class="small warn-text" role="status">
      {{ advice }} {{ $t('people.a_beginning_for_what_a_professional') }}
    </p>
    <RuledOut :limits="limits" />
    <RouterLink v-if="reach" :to="{ name: 'person-reach', params: { id: reach } }" class="small">{{
      $t('people.what_they_get_instead')
    }}</RouterLink>
  </fieldset>
</template>

<style scoped>
.presets {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2);
  align-items: center;
}
</style>
