import { mount } from '@vue/test-utils'
import { describe, expect, it } from 'vitest'
import type { Drawing } from '../api/types'
import DrawingView from './DrawingView.vue'

const DRAWING: Drawing = {
  left: 40,
  top: 0,
  width: 360,
  height: 262,
  strokes: [
    {
      ink: 'COPPER',
      width: 3.5,
      dashed: false,
      pieces: [
        [220, 26],
        [229.7, 26, 237.6, 33.9, 237.6, 43.6],
        [220, 142],
      ],
    },
    {
      ink: 'FAILED',
      width: 3.5,
      dashed: true,
      pieces: [
        [1, 2],
        [3, 4],
      ],
    },
  ],
  boxes: [{ fill: 'FAILED', x: 5, y: 6, width: 18, height: 18 }],
  dots: [{ fill: 'PAPER', rim: 'INK', rimWidth: 3, x: 220, y: 26, radius: 7 }],
  labels: [{ text: '3.00 Ω', ink: 'INK', size: 15, bold: false, anchor: 'END', x: 130, y: 90 }],
}

const draw = () =>
  mount(DrawingView, { props: { drawing: DRAWING, spoken: 'The three pairs agree.' } })

describe('a drawing', () => {
  it('says its sentence to whoever cannot see it', () => {
    expect(draw().attributes('aria-label')).toBe('The three pairs agree.')
  })

  it('stands on its own ground', () => {
    expect(draw().attributes('viewBox')).toBe('40 0 360 262')
  })

  it('draws straight and bent pieces from where they begin', () => {
    const [coil, bridge] = draw().findAll('path')
    expect(coil!.attributes('d')).toBe('M220 26C229.7 26 237.6 33.9 237.6 43.6L220 142')
    expect(coil!.classes()).toContain('copper')
    expect(bridge!.classes()).toEqual(expect.arrayContaining(['failed', 'dashed']))
  })

  it('draws boxes, dots and words in what they say', () => {
    const picture = draw()
    expect(picture.find('rect').classes()).toContain('failed')
    expect(picture.find('circle').classes()).toEqual(
      expect.arrayContaining(['fill-paper', 'rim-ink']),
    )
    expect(picture.find('text').text()).toBe('3.00 Ω')
    expect(picture.find('text').attributes('text-anchor')).toBe('end')
  })
})
