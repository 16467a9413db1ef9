import { computed } from 'vue'
import { useFormats } from '@/lib/api/queries'

/** The formats by name, for lists and filters. */
export function useFormatNames() {
  const query = useFormats()
  const named = computed(() => new Map((query.data.value ?? []).map((format) => [format.id, format])))
  const offered = computed(() => (query.data.value ?? []).filter((format) => format.stations))
  return {
    offered,
    named: (id: string) => named.value.get(id),
    labelOf: (id: string) => named.value.get(id)?.label ?? id,
  }
}
