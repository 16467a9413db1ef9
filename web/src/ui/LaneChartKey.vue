<!-- What the lines of the lane chart mean. -->
<template>
  <figcaption class="key small" aria-hidden="true">
    <span><i class="sample raised" />{{ $t('ui.work') }}</span
    ><span><i class="sample flat" />{{ $t('ui.rest') }}</span>
    <span
      ><svg width="26" height="10" aria-hidden="true"><path d="M1 7 Q4 0 7 7 T13 7 T19 7 T25 7" /></svg
      >{{ $t('ui.waiting') }}</span
    ><span><i class="sample dots" />{{ $t('ui.get_ready_pause_switch') }}</span
    ><span><i class="sample guessed" />{{ $t('ui.a_prediction') }}</span
    ><span>{{ $t('ui.nothing_done') }}</span>
  </figcaption>
</template>

<style scoped>
.key {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-4);
  color: var(--ink-soft);
  padding-left: 30px;
}
.key span {
  display: inline-flex;
  align-items: center;
  gap: var(--space-1);
}
.sample {
  display: inline-block;
  width: 22px;
}
.sample.raised {
  height: 11px;
  background: var(--ink-soft);
}
.sample.guessed {
  height: 11px;
  border: 1px solid var(--ink-soft);
}
.sample.flat {
  height: 2px;
  background: var(--ink-soft);
}
.sample.dots {
  border-bottom: 2px dotted var(--ink-soft);
}
.key path {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 1.5;
}
</style>
