import { mount } from '@vue/test-utils'
import PrimeVue from 'primevue/config'
import InputText from 'primevue/inputtext'
import { expect, it, vi } from 'vitest'
import { h, nextTick, ref } from 'vue'
import theme from './theme'
import './once'

it('reads the styles of a control once, however many of it there are', async () => {
  const fields = ref(1)
  const read = vi.spyOn(document, 'querySelector')
  mount(() => Array.from({ length: fields.value }, () => h(InputText)), {
    global: { plugins: [[PrimeVue, { theme: { preset: theme } }]] },
  })
  expect(read).toHaveBeenCalled()
  read.mockClear()
  fields.value = 3
  await nextTick()
  expect(document.querySelectorAll('style').length).toBeGreaterThan(0)
  expect(read).not.toHaveBeenCalled()
})
