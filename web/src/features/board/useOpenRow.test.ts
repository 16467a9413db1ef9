import { mount } from '@vue/test-utils'
import { describe, expect, it, vi } from 'vitest'
import { h } from 'vue'
import { useOpenRow } from './useOpenRow'

function rows() {
  let open!: ReturnType<typeof useOpenRow>
  const mounted = mount({
    setup() {
      open = useOpenRow()
      return () =>
        h('div', { onFocusin: open.focused }, [
          h('div', { 'data-row': 'b/one' }, h('input', { id: 'one' })),
          h('div', { 'data-row': 'b/two' }, h('input', { id: 'two' })),
          h('input', { id: 'elsewhere' }),
        ])
    },
  })
  const focus = (id: string) => mounted.find(`#${id}`).trigger('focusin')
  return { open, focus }
}
const mouse = (type: string) => document.dispatchEvent(new Event(type))

describe('the station that is open', () => {
  it('is the one that has the focus, and none where the focus is elsewhere', async () => {
    const { open, focus } = rows()
    await focus('one')
    expect(open.openRow.value).toBe('b/one')
    await focus('two')
    expect(open.openRow.value).toBe('b/two')
    await focus('elsewhere')
    expect(open.openRow.value).toBeNull()
  })

  it('changes only when the mouse button is up: what lies under the pointer stays where it is', async () => {
    const { open, focus } = rows()
    await focus('one')
    mouse('pointerdown')
    await focus('two')
    expect(open.openRow.value).toBe('b/one')
    mouse('pointerup')
    await vi.waitFor(() => expect(open.openRow.value).toBe('b/two'))
  })
})
