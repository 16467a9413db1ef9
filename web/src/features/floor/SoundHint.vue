<script setup lang="ts">
// A browser lets no sound through before a touch or a key. On a wide screen the hint stands over the chart, which has no
// words; on a phone, where that is far down, in a line at the top.
defineProps<{ place: 'on-chart' | 'on-phone'; isGone: boolean }>()
</script>

<template>
  <button class="unlock" :class="[place, { gone: isGone }]">{{ $t('floor.touch_or_press_a_key_for_sound') }}</button>
</template>

<style scoped>
.unlock {
  font: inherit;
  font-size: max(0.95rem, 2.4vh);
  color: var(--ink);
  background: var(--warn-wash);
  border: 2px solid var(--warn);
  padding: 0.2vh 2vw;
  cursor: pointer;
}
.gone {
  visibility: hidden;
}
.on-chart {
  position: absolute;
  left: 50%;
  top: 50%;
  transform: translate(-50%, -50%);
  white-space: nowrap;
  z-index: 4;
}
.on-phone {
  display: none;
}
@media (max-width: 44rem) {
  .on-chart {
    display: none;
  }
  .on-phone {
    display: block;
  }
}
</style>
