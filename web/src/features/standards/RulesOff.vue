<script setup lang="ts">
import { t } from '@/lib/text'
import Button from 'primevue/button'
import { useToast } from 'primevue/usetoast'
import { useQueryClient } from '@tanstack/vue-query'
import { api, ask, wording } from '@/lib/api/client'
import type { HouseStandards } from '@/lib/api/types'

// Rules of the review that are off in this studio; they are turned off on the board, where they speak.
defineProps<{ rules: HouseStandards['rules_off'] }>()
const queries = useQueryClient()
const toast = useToast()

async function turnOn(rule: string) {
  try {
    await ask(api.PUT('/api/house/rules', { body: { rule: rule as never, off: false } }))
    await queries.invalidateQueries({ queryKey: ['house'] })
  } catch (error) {
    toast.add({ severity: 'warn', summary: t('common.that_did_not_work'), detail: wording(error), life: 6000 })
  }
}
</script>

<template>
  <ul v-if="rules.length" class="rules">
    <li v-for="{ rule, name } in rules" :key="rule">
      {{ name }}
      <Button
        :label="$t('standards.turn_on_again')"
        :aria-label="$t('standards.turn_on_again_name', { name })"
        size="small"
        variant="text"
        @click="turnOn(rule)"
      />
    </li>
  </ul>
  <p v-else class="small quiet">{{ $t('standards.every_rule_is_on') }}</p>
</template>

<style scoped>
.rules {
  margin: 0;
  padding: 0;
  list-style: none;
}
</style>
