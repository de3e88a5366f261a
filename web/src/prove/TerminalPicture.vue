<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { probesOf, terminalsOf } from '../catalogue/catalogue'
import type { Terminal } from '../api/types'

const { call, family } = useCall()

/** The motor's terminals, with the tips of the meter where the open reading is taken. */
const props = defineProps<{ fact: string }>()
const emit = defineEmits<{ wires: [wires: Record<string, string>] }>()

/** Colours that can be drawn; any other word is shown as a word alone. */
const DRAWN: Record<string, string> = {
  black: '#22262a',
  white: '#ffffff',
  red: '#c0312b',
  blue: '#2b5fb0',
  yellow: '#e9c93a',
  green: '#2f8048',
  brown: '#7a4a24',
  orange: '#dd7a1f',
  purple: '#77489a',
  violet: '#77489a',
  grey: '#8b9096',
  gray: '#8b9096',
  pink: '#e29ab5',
}

const editing = ref(false)
const typed = ref<Record<string, string>>({})

const wires = computed(() => (call.value.particulars.wires ?? {}) as Record<string, string>)
const tips = computed(() => probesOf(family.value, props.fact))
const plugs = computed(() => {
  const groups = new Map<string, Terminal[]>()
  for (const terminal of terminalsOf(family.value)) {
    groups.set(terminal.plugTitle, [...(groups.get(terminal.plugTitle) ?? []), terminal])
  }
  // The motor's own leads, and the board's, are of no account while the tips are on a plug.
  return [...groups]
    .map(([title, terminals]) => ({
      title,
      terminals,
      touched: terminals.some((one) => tips.value.includes(one.id)),
    }))
    .filter((plug) => plug.touched || !['WINDING', 'BOARD'].includes(plug.terminals[0]?.plug ?? ''))
})
const colour = (terminal: Terminal) => wires.value[terminal.id] ?? terminal.colour
const tip = (terminal: Terminal) => ['red tip', 'black tip'][tips.value.indexOf(terminal.id)]

function edit() {
  typed.value = Object.fromEntries(
    terminalsOf(family.value).map((terminal) => [terminal.id, colour(terminal)]),
  )
  editing.value = true
}

function keep() {
  const usual = new Map(terminalsOf(family.value).map((one) => [one.id, one.colour]))
  const own = Object.entries(typed.value).filter(
    ([id, label]) => label.trim() && label.trim() !== usual.get(id),
  )
  emit('wires', Object.fromEntries(own.map(([id, label]) => [id, label.trim()])))
  editing.value = false
}
</script>

<template>
  <div class="terminals">
    <div v-for="plug in plugs" :key="plug.title" class="plug">
      <h3>{{ plug.title }}</h3>
      <ul>
        <li
          v-for="terminal in plug.terminals"
          :key="terminal.id"
          :class="{ touched: tip(terminal) }"
        >
          <span v-if="plug.touched" class="tip" :class="tip(terminal)?.split(' ')[0]">{{
            tip(terminal) ?? ''
          }}</span>
          <span class="pin digits">{{ terminal.id }}</span>
          <span
            class="wire"
            :class="{ none: !DRAWN[colour(terminal)] }"
            :style="{ background: DRAWN[colour(terminal)] }"
            aria-hidden="true"
          />
          <input
            v-if="editing"
            v-model="typed[terminal.id]"
            type="text"
            maxlength="24"
            :aria-label="`Colour at ${terminal.name}`"
          />
          <span v-else class="colour">{{ colour(terminal) || '\u00a0' }}</span>
          <span class="name">{{ terminal.name }}</span>
        </li>
      </ul>
    </div>
    <p class="soft">
      Colours are the usual ones; the unit's own diagram rules.
      <button v-if="!editing" type="button" class="link-button" @click="edit">
        Change colours
      </button>
      <button v-else type="button" class="link-button" @click="keep">Keep these</button>
    </p>
  </div>
</template>

<style scoped>
.terminals {
  display: grid;
  gap: 14px;
}

h3 {
  font-size: 0.875rem;
  color: var(--soft);
}

ul {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin: 4px 0 0;
  padding: 8px 8px 10px;
  list-style: none;
  border: 2px solid var(--rule-strong);
  border-radius: 12px 12px 4px 4px;
}

li {
  display: grid;
  justify-items: center;
  align-content: start;
  gap: 3px;
  flex: 1 1 64px;
  min-width: 64px;
  max-width: 110px;
  padding: 2px;
  text-align: center;
}

.tip {
  min-height: 22px;
  padding: 1px 7px;
  border-radius: 3px;
  font-size: 0.8125rem;
  font-weight: 700;
  line-height: 20px;
  white-space: nowrap;
}

.tip.red {
  background: var(--failed);
  color: var(--on-failed);
}

.tip.black {
  background: var(--ink);
  color: var(--paper);
}

.pin {
  display: grid;
  place-items: center;
  min-width: 44px;
  height: 44px;
  padding: 0 4px;
  border: 2px solid var(--rule-strong);
  border-radius: 50%;
  background: var(--card);
  font-size: 0.875rem;
  font-weight: 650;
}

.touched .pin {
  border: 4px solid var(--copper);
}

.wire {
  width: 10px;
  height: 26px;
  border: 1px solid var(--rule-strong);
}

.wire.none {
  border-style: dashed;
}

.colour,
.name {
  font-size: 0.8125rem;
  line-height: 1.2;
}

.name {
  color: var(--soft);
}

.touched .name {
  color: var(--ink);
  font-weight: 650;
}

input {
  width: 100%;
  min-height: var(--target);
  border: 1px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  color: var(--ink);
  font: inherit;
  font-size: 0.875rem;
  text-align: center;
}
</style>
