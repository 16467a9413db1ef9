<script setup lang="ts">
import { RouterLink } from 'vue-router'
</script>

<template>
  <div class="page">
    <h1>{{ $t('pages.there_is_nothing_here') }}</h1>
    <p>
      {{ $t('pages.the_address_may_be_old') }}
      <RouterLink :to="{ name: 'today' }">{{ $t('pages.back_to_today') }}</RouterLink>
    </p>
  </div>
</template>
