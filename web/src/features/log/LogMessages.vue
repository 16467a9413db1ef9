<script setup lang="ts">
import { plural } from '@/lib/text'
import Button from 'primevue/button'
import Message from 'primevue/message'
import type { Problem } from '@/lib/api/types'

// What the server said of a log, and what can be done about it.
defineProps<{ waits: boolean; refused?: Problem; conflict: boolean; errors: Map<string, string> }>()
defineEmits<{ over: []; theirs: [] }>()
</script>

<template>
  <div>
    <Message v-if="waits" severity="warn" :closable="false" data-testid="waiting">{{
      $t('log.kept_in_this_browser_the_server')
    }}</Message>
    <Message v-if="conflict" severity="warn" :closable="false">
      <p>{{ refused?.detail }}</p>
      <div class="row">
        <Button :label="$t('log.save_mine_over_it')" size="small" @click="$emit('over')" /><Button
          :label="$t('log.show_the_other')"
          size="small"
          variant="outlined"
          severity="secondary"
          @click="$emit('theirs')"
        />
      </div>
    </Message>
    <Message v-else-if="refused && !errors.size" severity="warn" :closable="false">
      <p>{{ $t('log.this_log_was_not_taken_detail', { detail: refused.detail }) }}</p>
      <Button
        :label="$t('log.throw_it_away')"
        size="small"
        variant="outlined"
        severity="secondary"
        @click="$emit('theirs')"
      />
    </Message>
    <Message v-if="errors.size" severity="warn" :closable="false" role="alert">{{
      $t('log.not_saved_plural_to_correct', { plural: plural(errors.size, 'field'), n: [...errors.values()][0] })
    }}</Message>
  </div>
</template>
