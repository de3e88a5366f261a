import { mount } from '@vue/test-utils'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h, nextTick } from 'vue'
import type { Call } from '../api/types'
import { catalogue } from '../catalogue/catalogue'
import { aCall, CATALOGUE, onCall } from './calls.fixture'
import { useMeter, type Meter } from './meter'
import MeterPanel from './MeterPanel.vue'

/** A stream that the test speaks through. */
class Stream {
  static readonly CLOSED = 2
  static last: Stream | null = null
  onmessage: ((event: { data: string }) => void) | null = null
  onerror: (() => void) | null = null
  readyState = 1
  closed = false

  constructor(readonly url: string) {
    Stream.last = this
  }

  close() {
    this.closed = true
  }

  say(text: string, steady = true) {
    this.onmessage?.({ data: JSON.stringify({ text, unit: 'V DC', steady }) })
  }
}

const fetched = vi.fn<(path: string, request: RequestInit) => Promise<Response>>(
  async () => new Response('{"id":"x"}'),
)

beforeEach(() => {
  catalogue.value = CATALOGUE
  Stream.last = null
  vi.stubGlobal('EventSource', Stream)
  vi.stubGlobal('fetch', fetched)
  fetched.mockClear()
  sessionStorage.clear()
})

function panel(call: Call) {
  let meter!: Meter
  const wrapper = mount(
    defineComponent({
      setup() {
        meter = useMeter(call)
        return () => h(MeterPanel, { meter, ref: 'panel' })
      },
    }),
    onCall(call),
  )
  return { wrapper, meter, view: wrapper.findComponent(MeterPanel) }
}

describe('a meter', () => {
  it('is asked for, and then listens where the tips are', async () => {
    const { wrapper, meter } = panel(aCall())
    meter.at('bus.volts')
    await nextTick()
    expect(Stream.last).toBeNull()
    await wrapper.find('button').trigger('click')
    await vi.waitFor(() => expect(Stream.last).not.toBeNull())
    const [path, request] = fetched.mock.calls[0]!
    expect(path).toMatch(/^\/api\/meter\/[-0-9a-f]+$/)
    expect(JSON.parse(String(request.body))).toMatchObject({ family: 'BLDC_FIVE_WIRE' })
    expect(Stream.last!.url).toContain('/display?fact=bus.volts')
  })

  it('is connected from the start in practice, and cannot be put away', async () => {
    const { wrapper, meter } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    expect(Stream.last!.url).toContain('00000000-0000-4000-8000-000000000001')
    expect(wrapper.text()).toContain('Practice meter')
    expect(wrapper.text()).not.toContain('Disconnect')
  })

  it('gives a reading only when it has settled', async () => {
    const { wrapper, meter, view } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    Stream.last!.say('212.4', false)
    await nextTick()
    expect(wrapper.find('.take').attributes('disabled')).toBeDefined()
    expect(wrapper.find('.take').text()).toContain('Settling')
    view.vm.take()
    expect(view.emitted('take')).toBeUndefined()
    Stream.last!.say('338.2')
    await nextTick()
    await wrapper.find('.take').trigger('click')
    expect(view.emitted('take')).toEqual([['338.2']])
  })

  it('takes over limit as it is shown', async () => {
    const { view, meter } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    Stream.last!.say('OL')
    await nextTick()
    view.vm.take()
    expect(view.emitted('take')).toEqual([['OL']])
  })

  it('held, shows what it showed', async () => {
    const { wrapper, meter } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    Stream.last!.say('338.2')
    meter.hold()
    Stream.last!.say('12.0')
    await nextTick()
    expect(wrapper.find('.value').text()).toBe('338.2')
    expect(wrapper.find('.held').text()).toBe('HOLD')
    meter.hold()
    Stream.last!.say('12.0')
    await nextTick()
    expect(wrapper.find('.value').text()).toBe('12.0')
  })

  it('lets go of one pair of terminals before it listens at the next', async () => {
    const { meter } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    const first = Stream.last!
    meter.at('logic.volts')
    await nextTick()
    expect(first.closed).toBe(true)
    expect(Stream.last!.url).toContain('logic.volts')
  })

  it('says when it is out of reach, and when it has nothing to show', async () => {
    const { wrapper, meter } = panel(aCall({}, { practice: true }))
    meter.at('bus.volts')
    await nextTick()
    Stream.last!.onerror?.()
    await nextTick()
    expect(wrapper.text()).toContain('out of reach')
    Stream.last!.readyState = Stream.CLOSED
    Stream.last!.onerror?.()
    await nextTick()
    expect(wrapper.text()).toContain('nothing to show here')
  })
})
