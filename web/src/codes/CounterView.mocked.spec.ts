import { flushPromises, mount } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import type { BlinkReading } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import CounterView from './CounterView.vue'

vi.mock('vue-router', () => ({ useRouter: () => ({ push: vi.fn() }) }))

let answer: Partial<BlinkReading>
const asked: { path: string; body: { presses: { lamp: number }[]; now: number } | null }[] = []
const HIT = {
  book: 'b',
  name: 'Fernlea indoor',
  row: { line: 'Fernlea', signal: 'FLASHES', pattern: '4', meaning: 'Locked', suspects: ['WHEEL'] },
}

beforeEach(() => {
  asked.length = 0
  answer = { state: 'COUNTING', rounds: [], sure: 0, sentence: '1 so far.' }
  catalogue.value = {
    signals: [{ id: 'FLASHES', title: 'Flashes of one lamp', allowed: '' }],
    suspects: [{ id: 'WHEEL', title: 'Wheel' }],
  } as never
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'performance'] })
  vi.stubGlobal('fetch', async (path: string, request: RequestInit) => {
    asked.push({ path, body: request.body ? JSON.parse(String(request.body)) : null })
    if (path.startsWith('/api/codes?')) return new Response(JSON.stringify([HIT]))
    if (path.startsWith('/api/codes/count')) return new Response(JSON.stringify(answer))
    return new Response('{}')
  })
})
afterEach(() => vi.useRealTimers())

const counter = () =>
  mount(CounterView, {
    global: {
      stubs: {
        TopBar: true,
        'router-link': { template: '<a><slot /></a>' },
        'el-input': true,
      },
    },
    attachTo: document.body,
  })

const key = (type: string, name: string, repeat = false) =>
  window.dispatchEvent(new KeyboardEvent(type, { key: name, repeat, cancelable: true }))

const counts = () => asked.filter((one) => one.path.endsWith('/count'))

describe('the counter', () => {
  it('takes the space bar for the first lamp and k for the second', async () => {
    const wrapper = counter()
    key('keydown', ' ')
    vi.advanceTimersByTime(120)
    key('keyup', ' ')
    key('keydown', 'k')
    key('keyup', 'k')
    await flushPromises()
    expect(
      counts()
        .at(-1)!
        .body!.presses.map((press) => press.lamp),
    ).toEqual([0, 1])
    wrapper.unmount()
  })

  it('does not take a key that is held for many', async () => {
    const wrapper = counter()
    key('keydown', ' ')
    for (let i = 0; i < 10; i++) key('keydown', ' ', true)
    key('keyup', ' ')
    await flushPromises()
    expect(counts().at(-1)!.body!.presses).toHaveLength(1)
    wrapper.unmount()
  })

  it('looks again while the pause passes, and then looks the code up', async () => {
    const wrapper = counter()
    key('keydown', ' ')
    key('keyup', ' ')
    await flushPromises()
    const before = counts().length
    answer = {
      state: 'AGREED',
      kind: 'FLASHES',
      code: '4',
      sure: 0.997,
      sentence: '2 rounds agree on 4.',
      rounds: [{ code: '4', flashes: 4, missed: 1, doubled: 0 }],
    }
    await vi.advanceTimersByTimeAsync(1000)
    await flushPromises()
    expect(counts().length).toBeGreaterThan(before)
    expect(wrapper.find('.code').text()).toBe('4')
    expect(wrapper.text()).toContain('sure, over 99 %')
    expect(wrapper.text()).toContain('1 filled in')
    expect(wrapper.find('.hits').text()).toContain('Locked')
    expect(wrapper.find('.hits').text()).toContain('Raises wheel.')
    wrapper.unmount()
  })

  it('keeps the taps when no answer comes', async () => {
    const wrapper = counter()
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('offline')
    })
    key('keydown', ' ')
    key('keyup', ' ')
    await flushPromises()
    expect(wrapper.find('[role=alert]').text()).toContain('The taps are kept.')
    expect(wrapper.findAll('.strip rect')).toHaveLength(1)
    wrapper.unmount()
  })

  it('starts again, and forgets the last tap', async () => {
    const wrapper = counter()
    for (let i = 0; i < 3; i++) {
      key('keydown', ' ')
      key('keyup', ' ')
    }
    await flushPromises()
    const [again, undo] = wrapper.findAll('.row button')
    await undo!.trigger('click')
    expect(wrapper.findAll('.strip rect')).toHaveLength(2)
    await again!.trigger('click')
    expect(wrapper.findAll('.strip rect')).toHaveLength(0)
    expect(wrapper.text()).toContain('Nothing tapped yet.')
    wrapper.unmount()
  })

  it('leaves the keys to a field that is being typed in', async () => {
    const wrapper = counter()
    const field = document.createElement('input')
    document.body.append(field)
    field.dispatchEvent(new KeyboardEvent('keydown', { key: ' ', bubbles: true }))
    field.dispatchEvent(new KeyboardEvent('keyup', { key: ' ', bubbles: true }))
    await flushPromises()
    expect(counts()).toHaveLength(0)
    field.remove()
    wrapper.unmount()
  })
})
