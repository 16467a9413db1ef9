<script setup lang="ts">
import InputText from 'primevue/inputtext'
import { nextTick, ref, useTemplateRef } from 'vue'

// A circuit's tags in its line of the list: read, and typed with commas.
const props = defineProps<{ tags: string[]; title: string }>()
const emit = defineEmits<{ save: [tags: string[]] }>()
const typing = ref<string | null>(null)
const field = useTemplateRef<{ $el: HTMLInputElement }>('field')

async function open() {
  typing.value = props.tags.join(', ')
  await nextTick()
  field.value?.$el.focus()
}

function keep() {
  if (typing.value === null) return
  const tags = typing.value
    .split(',')
    .map((tag) => tag.trim())
    .filter(Boolean)
  typing.value = null
  if (tags.join() !== props.tags.join()) emit('save', tags)
}
</script>

<template>
  <InputText
    v-if="typing !== null"
    ref="field"
    v-model="typing"
    size="small"
    class="field"
    :placeholder="$t('circuits.tags_with_commas')"
    :aria-label="$t('circuits.tags_of_title', { title })"
    maxlength="200"
    @keydown.enter="keep"
    @keydown.esc="typing = null"
    @blur="keep"
  />
  <span v-else class="tags small">
    <span v-for="tag in tags" :key="tag" class="tag">{{ tag }}</span>
    <button
      type="button"
      class="link"
      :aria-label="
        tags.length ? $t('circuits.change_the_tags_of_title', { title }) : $t('circuits.tag_it_title', { title })
      "
      @click="open"
    >
      {{ tags.length ? $t('circuits.change') : $t('circuits.tag_it') }}
    </button>
  </span>
</template>

<style scoped>
.tags {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-1);
}
.tag {
  border: 1px solid var(--rule);
  padding: 0 0.4em;
  background: var(--paper-raised);
}
.field {
  width: 12rem;
}
</style>
