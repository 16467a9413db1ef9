<script setup lang="ts">
import Button from 'primevue/button'
import { RouterLink, useRouter } from 'vue-router'
import BrandMark from './BrandMark.vue'
import { usePreferences } from '@/state/preferences'
import { useSession } from '@/state/session'

const session = useSession()
const preferences = usePreferences()
const router = useRouter()

const places = [
  { name: 'today', label: 'Today' },
  { name: 'people', label: 'People' },
  { name: 'classes', label: 'Classes' },
  { name: 'circuits', label: 'Circuits' },
  { name: 'movements', label: 'Movements' },
  { name: 'logbook', label: 'Logbook' },
  { name: 'house', label: 'House' },
]

async function leave() {
  await session.signOut()
  router.push({ name: 'sign-in' })
}
</script>

<template>
  <header class="masthead">
    <RouterLink class="brand" :to="{ name: 'today' }"><BrandMark /><span>Willing Sparrow</span></RouterLink>
    <nav aria-label="Main">
      <RouterLink v-for="place in places" :key="place.name" :to="{ name: place.name }">{{ place.label }}</RouterLink>
    </nav>
    <div class="end">
      <span class="who quiet small">{{ session.session?.instructor.name }}</span>
      <Button
        :icon="preferences.dark ? 'pi pi-sun' : 'pi pi-moon'"
        :aria-label="preferences.dark ? 'Light' : 'Dark'"
        variant="text"
        severity="secondary"
        @click="preferences.toggleTheme()"
      />
      <Button label="Sign out" variant="text" severity="secondary" size="small" @click="leave" />
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
@media (max-width: 44rem) {
  .who {
    display: none;
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
