<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Message from 'primevue/message'
import { ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { Refusal, wording } from '@/api/client'
import BrandMark from '@/components/BrandMark.vue'
import { useSession } from '@/state/session'

const session = useSession()
const router = useRouter()
const route = useRoute()
const email = ref('')
const password = ref('')
const problem = ref('')
const fields = ref(new Map<string, string>())
const busy = ref(false)

async function enter() {
  busy.value = true
  problem.value = ''
  fields.value = new Map()
  try {
    await session.signIn(email.value, password.value)
    const next =
      typeof route.query.next === 'string' && route.query.next.startsWith('/') && !route.query.next.startsWith('//')
        ? route.query.next
        : '/'
    await router.push(next)
  } catch (error) {
    if (error instanceof Refusal && error.status === 422) fields.value = error.fields()
    else problem.value = wording(error)
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <div class="door">
    <div class="leaf">
      <p class="brand"><BrandMark /> Willing Sparrow</p>
      <h1>Three levels, one clock</h1>
      <p class="quiet">
        Plan one bodyweight circuit for people of very different ability, call it live, and remember who did what.
      </p>
      <form novalidate @submit.prevent="enter">
        <Message v-if="problem" severity="warn" :closable="false" role="alert">{{ problem }}</Message>
        <div class="field">
          <label for="email">E-mail</label>
          <InputText
            id="email"
            v-model="email"
            type="email"
            autocomplete="username"
            autofocus
            fluid
            :invalid="fields.has('/email')"
            :aria-describedby="fields.has('/email') ? 'email-error' : undefined"
          />
          <span v-if="fields.has('/email')" id="email-error" class="small warn-text" role="alert"
            >The e-mail {{ fields.get('/email') }}.</span
          >
        </div>
        <div class="field">
          <label for="password">Password</label>
          <InputText
            id="password"
            v-model="password"
            type="password"
            autocomplete="current-password"
            fluid
            :invalid="fields.has('/password')"
            :aria-describedby="fields.has('/password') ? 'password-error' : undefined"
          />
          <span v-if="fields.has('/password')" id="password-error" class="small warn-text" role="alert"
            >The password {{ fields.get('/password') }}.</span
          >
        </div>
        <Button type="submit" label="Sign in" :loading="busy" fluid />
      </form>
    </div>
  </div>
</template>

<style scoped>
.door {
  min-height: 100vh;
  display: grid;
  place-items: center;
  padding: var(--space-4);
}
.leaf {
  width: min(26rem, 100%);
  border-top: 4px double var(--ink);
  border-bottom: 4px double var(--ink);
  padding: var(--space-5) 0;
  display: grid;
  gap: var(--space-3);
}
.brand {
  display: flex;
  align-items: center;
  gap: var(--space-2);
  font-family: var(--font-display);
  font-weight: 700;
  color: var(--accent);
}
form {
  display: grid;
  gap: var(--space-4);
  margin-top: var(--space-3);
}
.field {
  display: grid;
  gap: var(--space-1);
}
</style>
