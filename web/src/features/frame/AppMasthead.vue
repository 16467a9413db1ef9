<script setup lang="ts">
import { plural, t } from '@/lib/text'
import Button from 'primevue/button'
import { computed, useTemplateRef } from 'vue'
import { RouterLink } from 'vue-router'
import { seenAt } from '@/lib/api/seen'
import { dayText } from '@/lib/clockText'
import SignOutDialog from './SignOutDialog.vue'
import { delivery } from '@/lib/delivery/delivery'
import BrandMark from './BrandMark.vue'
import { usePreferences } from '@/lib/preferences'
import { useSession } from '@/lib/session'

const session = useSession()
const preferences = usePreferences()
const signingOut = useTemplateRef<InstanceType<typeof SignOutDialog>>('signingOut')

/** What a helper has no business with is not offered to one. */
const PLACES = [
  { name: 'today', label: t('common.today'), helper: true },
  { name: 'people', label: t('common.people'), helper: false },
  { name: 'classes', label: t('common.classes'), helper: true },
  { name: 'circuits', label: t('common.circuits'), helper: false },
  { name: 'movements', label: t('common.movements'), helper: true },
  { name: 'logbook', label: t('common.logbook'), helper: true },
  { name: 'house', label: t('frame.standards'), helper: false },
]
/** What was not taken comes first: it waits for somebody. What only waits for the server is told once that does not answer. */
const unsent = computed(() => {
  const refused = delivery.refused.value
  const waiting = delivery.away.value ? delivery.waiting.value : []
  const first = refused[0] ?? waiting[0]
  const to = first && delivery.place(first)
  if (!to) return null
  return {
    to,
    text: refused.length
      ? t('frame.plural_not_saved', { plural: plural(refused.length, 'thing') })
      : t('frame.plural_to_send', { plural: plural(waiting.length, 'thing') }),
  }
})
const places = computed(() => PLACES.filter((place) => place.helper || session.plans))
</script>

<template>
  <header class="masthead">
    <RouterLink class="brand" :to="{ name: 'today' }"
      ><BrandMark /><span>{{ $t('frame.willing_sparrow') }}</span></RouterLink
    >
    <nav :aria-label="$t('frame.main')">
      <RouterLink v-for="place in places" :key="place.name" :to="{ name: place.name }">{{ place.label }}</RouterLink>
    </nav>
    <div class="end">
      <span v-if="seenAt" class="small warn-text" role="status">{{
        $t('frame.no_connection_as_of_day_text', { day_text: dayText(seenAt.toISOString()) })
      }}</span>
      <RouterLink v-if="unsent" class="small warn-text" :to="unsent.to">{{ unsent.text }}</RouterLink>
      <RouterLink v-if="session.role === 'owner'" class="studio small" :to="{ name: 'studio' }">{{
        $t('common.studio')
      }}</RouterLink>
      <RouterLink
        class="who small"
        :to="{ name: 'account' }"
        :aria-label="$t('frame.your_account_name', { name: session.session?.instructor.name })"
        ><i class="pi pi-user" aria-hidden="true" /><span>{{ session.session?.instructor.name }}</span></RouterLink
      >
      <Button
        :icon="preferences.dark ? 'pi pi-sun' : 'pi pi-moon'"
        :aria-label="preferences.dark ? $t('frame.light') : $t('frame.dark')"
        variant="text"
        severity="secondary"
        @click="preferences.toggleTheme()"
      />
      <Button
        class="leave"
        :label="$t('frame.sign_out')"
        icon="pi pi-sign-out"
        :aria-label="$t('frame.sign_out')"
        variant="text"
        severity="secondary"
        size="small"
        @click="signingOut?.start()"
      />
      <SignOutDialog ref="signingOut" />
    </div>
  </header>
</template>

<style scoped>
.masthead {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 var(--space-5);
  padding: 0 var(--space-4);
  border-bottom: 4px double var(--ink);
}
.brand {
  display: inline-flex;
  align-items: center;
  gap: var(--space-2);
  font-family: var(--font-display);
  font-weight: 700;
  font-size: var(--size-1);
  color: var(--ink);
  text-decoration: none;
  min-height: var(--target);
}
nav {
  display: flex;
  gap: var(--space-4);
}
nav a {
  color: var(--ink);
  text-decoration: none;
  padding: var(--space-2) 0;
  border-bottom: 3px solid transparent;
}
nav a:hover {
  border-color: var(--rule);
}
nav a.router-link-active {
  border-color: var(--accent);
  font-weight: 600;
}
.end {
  margin-left: auto;
  display: flex;
  align-items: center;
  gap: var(--space-1);
}
.end a {
  color: var(--ink);
  padding: var(--space-2);
}
.who i,
.end :deep(.leave .p-button-icon) {
  display: none;
}
@media (max-width: 44rem) {
  .masthead {
    gap: 0 var(--space-2);
  }
  .brand {
    font-size: var(--size-0);
  }
  .studio,
  .who span,
  .end :deep(.leave .p-button-label) {
    display: none;
  }
  .who i,
  .end :deep(.leave .p-button-icon) {
    display: inline;
  }
  .who {
    min-width: var(--target);
    text-align: center;
  }
  nav {
    order: 3;
    width: 100%;
    flex-wrap: wrap;
    gap: 0 var(--space-4);
    font-size: 0.95rem;
  }
}
</style>
