<script setup lang="ts">
import MultiSelect from 'primevue/multiselect'
import { keepPreviousData, useQuery } from '@tanstack/vue-query'
import { computed } from 'vue'
import { api, ask } from '@/lib/api/client'
import { useMovements } from '@/lib/api/queries'
import { readable } from '@/lib/readable'
import { t } from '@/lib/text'
import FigureMoving from '@/ui/figure/FigureMoving.vue'
import { figureQuery } from '@/ui/figure/useFigure'
import LabelledField from '@/ui/LabelledField.vue'
import SelectField from '@/ui/SelectField.vue'
import type { FigureDocument, VariationDocument } from './form'

// What is drawn of a version of one's own: another version's figure, up to four base poses by
// name, or nothing. The picture is live.
const props = defineProps<{ variation: VariationDocument; errorAt: (key: string) => string | undefined }>()
const emit = defineEmits<{ change: [work: (variation: VariationDocument) => void] }>()

const KINDS = [
  { value: 'none', label: t('figure.no_figure') },
  { value: 'like', label: t('figure.as_another_version') },
  { value: 'poses', label: t('figure.of_base_poses') },
]
const VIEWS = ['side', 'front', 'back', 'quarter'].map((value) => ({ value, label: t(`figure.view_${value}`) }))
const MOST_POSES = 4

const figure = computed(() => props.variation.figure)
const kind = computed(() => (figure.value?.poses ? 'poses' : figure.value?.like ? 'like' : 'none'))
const movements = useMovements()
const versions = computed(() =>
  (movements.data.value ?? [])
    .filter((movement) => !movement.own)
    .flatMap((movement) => movement.ladder.map((variation) => ({ value: variation.id, label: variation.name }))),
)
const poses = useQuery({
  queryKey: ['figure-poses'],
  queryFn: async () => (await ask(api.GET('/api/figure-poses'))).poses,
  staleTime: Infinity,
  enabled: () => kind.value === 'poses',
})
const names = computed(() => (poses.data.value ?? []).map((value) => ({ value, label: readable(value) })))

const set = (chosen: FigureDocument | undefined) =>
  emit('change', (held) => {
    if (chosen) held.figure = chosen
    else delete held.figure
  })
function setKind(chosen: string) {
  if (chosen === 'like') set({ like: props.variation.guessed_from ?? versions.value[0]?.value ?? '' })
  else set(chosen === 'poses' ? { poses: ['stand'], view: 'side' } : undefined)
}

const drawn = useQuery(
  computed(() =>
    figure.value?.poses
      ? {
          queryKey: ['figure-poses', figure.value.poses.join(), figure.value.view],
          queryFn: () =>
            ask(
              api.POST('/api/figure-poses', {
                body: { poses: figure.value!.poses!, view: figure.value!.view as 'side' | undefined },
              }),
            ),
          enabled: figure.value.poses.length > 0,
          retry: false,
          staleTime: Infinity,
          placeholderData: keepPreviousData,
        }
      : { ...figureQuery(figure.value?.like ?? ''), enabled: Boolean(figure.value?.like) },
  ),
)
</script>

<template>
  <div class="wide chosen">
    <div class="fields">
      <SelectField
        :label="$t('figure.figure')"
        :options="KINDS"
        size="small"
        :model-value="kind"
        @update:model-value="setKind"
      />
      <SelectField
        v-if="kind === 'like'"
        :label="$t('figure.moves_as')"
        :options="versions"
        :error="errorAt('figure/like')"
        filter
        size="small"
        :model-value="figure!.like!"
        @update:model-value="set({ like: $event })"
      />
      <template v-if="kind === 'poses'">
        <LabelledField :label="$t('figure.poses_in_order')" :error="errorAt('figure/poses')">
          <MultiSelect
            :model-value="figure!.poses"
            :aria-label="$t('figure.poses_in_order')"
            :options="names"
            option-label="label"
            option-value="value"
            :selection-limit="MOST_POSES"
            :show-toggle-all="false"
            filter
            size="small"
            :invalid="Boolean(errorAt('figure/poses'))"
            @update:model-value="set({ ...figure, poses: $event })"
          />
        </LabelledField>
        <SelectField
          :label="$t('figure.seen_from')"
          :options="VIEWS"
          size="small"
          :model-value="figure!.view ?? 'side'"
          @update:model-value="set({ ...figure, view: $event })"
        />
      </template>
    </div>
    <FigureMoving
      v-if="kind !== 'none' && drawn.data.value"
      :key="`${figure?.like}${figure?.poses?.join()}${figure?.view}`"
      class="picture"
      :figure="drawn.data.value"
      :label="variation.name"
    />
    <p v-if="kind === 'poses' && drawn.isError.value" class="small warn-text" role="status">
      {{ $t('figure.these_poses_do_not_go_together') }}
    </p>
  </div>
</template>

<style scoped>
.chosen {
  display: grid;
  gap: var(--space-2);
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
}
.picture {
  width: 14rem;
  height: 8rem;
}
</style>
