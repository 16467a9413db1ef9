import { ref } from 'vue'
import { NO_FILTERS, type Filters } from './filters'

// What is looked for on Movements stays while one looks at one movement after the other.
export const search = {
  words: ref(''),
  pattern: ref<string | null>(null),
  whose: ref<string | null>(null),
  filters: ref<Filters>(NO_FILTERS),
}
