<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { AriaComponent, GridComponent, LegendComponent, TooltipComponent } from 'echarts/components'
import { init, use, type EChartsType } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { onMounted, onUnmounted, ref, watch } from 'vue'
import type { Choice } from '../api/types'
import { routeTitle } from '../catalogue/catalogue'
import { money } from '../shared/money'
import { theme } from '../theme/theme'

/** What each way has cost after each year; the same figures stand in the table below it. */
const props = defineProps<{ lines: Choice['lines']; currency: string }>()

use([LineChart, GridComponent, LegendComponent, TooltipComponent, AriaComponent, SVGRenderer])

const box = ref<HTMLElement | null>(null)
let chart: EChartsType | undefined
const tone = (name: string) =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim()

/** Told apart by dash and mark as well as by colour. */
const LOOKS = [
  { colour: '--copper', dash: 'solid', mark: 'circle' },
  { colour: '--good', dash: 'dashed', mark: 'rect' },
  { colour: '--suspect', dash: 'dotted', mark: 'triangle' },
  { colour: '--failed', dash: [10, 4, 2, 4], mark: 'diamond' },
  { colour: '--soft', dash: [2, 3], mark: 'pin' },
]

function draw() {
  const ink = tone('--ink')
  const narrow = (box.value?.clientWidth ?? 0) < 520
  const text = { color: ink, fontFamily: tone('--face'), fontSize: 14 }
  chart?.setOption(
    {
      animation: false,
      aria: { enabled: true },
      textStyle: text,
      grid: {
        left: 12,
        right: narrow ? 16 : 190,
        top: narrow ? 24 + 22 * props.lines.length : 16,
        bottom: 28,
        containLabel: true,
      },
      legend: {
        show: narrow,
        orient: 'vertical',
        left: 0,
        top: 0,
        itemWidth: 36,
        itemGap: 8,
        textStyle: text,
      },
      tooltip: {
        trigger: 'axis',
        // Drawn, not written as styled text: the content policy allows no inline style.
        renderMode: 'richText',
        backgroundColor: tone('--card'),
        borderColor: tone('--rule-strong'),
        textStyle: text,
        valueFormatter: (value: number) => money(value, props.currency),
      },
      xAxis: {
        type: 'category',
        boundaryGap: false,
        name: 'years',
        nameLocation: 'middle',
        nameGap: 26,
        nameTextStyle: text,
        data: props.lines[0]?.costs.map((_, year) => String(year)) ?? [],
        axisLabel: text,
        axisLine: { lineStyle: { color: tone('--rule-strong') } },
      },
      yAxis: {
        type: 'value',
        scale: true,
        axisLabel: { ...text, formatter: (value: number) => money(value, props.currency) },
        splitLine: { lineStyle: { color: tone('--rule') } },
      },
      series: props.lines.map((line, index) => {
        const look = LOOKS[index % LOOKS.length]!
        const colour = tone(look.colour)
        return {
          type: 'line',
          name: routeTitle(line.route),
          data: line.costs,
          symbol: look.mark,
          symbolSize: 9,
          color: colour,
          lineStyle: { width: 3, type: look.dash },
          endLabel: { show: !narrow, formatter: '{a}', ...text, color: colour, fontWeight: 650 },
          labelLayout: { moveOverlap: 'shiftY' },
        }
      }),
    },
    true,
  )
}

let watcher: ResizeObserver | undefined
onMounted(() => {
  chart = init(box.value!, undefined, { renderer: 'svg' })
  draw()
  watcher = new ResizeObserver(() => {
    chart?.resize()
    draw()
  })
  watcher.observe(box.value!)
})
onUnmounted(() => {
  watcher?.disconnect()
  chart?.dispose()
})
watch([() => props.lines, theme], draw, { flush: 'post' })
</script>

<template>
  <div ref="box" class="plot"></div>
</template>

<style scoped>
.plot {
  width: 100%;
  height: 300px;
}
</style>
