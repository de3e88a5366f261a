<script setup lang="ts">
import { computed, ref } from 'vue'
import { isLike, partOf } from './work'
import type { ShownPart, Ends } from './types'
import { partTitle } from './words'

/**
 * Every terminal as a target, by its part: tap one, tap the other. What is wired to a terminal
 * stands in it; what is wrong there is told by its rim and its sign.
 */
const props = defineProps<{
  parts: ShownPart[]
  wires: Ends[]
  bad: string[]
  /** Whether the parts stay as they are. */
  fixed?: boolean
}>()
const emit = defineEmits<{
  wire: [wire: Ends]
  off: [wire: Ends]
  cap: [terminal: string]
  part: [id: string]
}>()

const from = ref<string | null>(null)
const typed = ref('')
const typedFault = ref('')
/** Poles and taps that nothing uses would only be in the way. */
const all = ref(false)

const others = (terminal: string) =>
  props.wires
    .filter((wire) => wire.includes(terminal))
    .map((wire) => (wire[0] === terminal ? wire[1] : wire[0]))

const isSpare = (part: ShownPart, name: string) =>
  part.spare.includes(name) && !others(`${part.id}.${name}`).length

const shown = computed(() =>
  props.parts.map((part) => ({
    ...part,
    names: part.terminals.filter((name) => all.value || !isSpare(part, name)),
  })),
)
const spares = computed(() =>
  props.parts.some((part) => part.terminals.some((name) => isSpare(part, name))),
)
const isLead = computed(
  () =>
    from.value !== null &&
    props.parts.find((one) => one.id === partOf(from.value!))?.type === 'MOTOR_PSC',
)

function tap(terminal: string) {
  if (from.value === null) from.value = terminal
  else if (from.value === terminal) from.value = null
  else {
    emit('wire', [from.value, terminal])
    from.value = null
  }
}

function cap() {
  if (from.value) emit('cap', from.value)
  from.value = null
}

/** Two terminals in one line, for whoever has keys. */
function type() {
  const names = props.parts.flatMap((part) => part.terminals.map((name) => `${part.id}.${name}`))
  const words = typed.value.trim().split(/\s+/)
  const ends = words.map((word) => names.find((name) => name.toLowerCase() === word.toLowerCase()))
  if (words.length !== 2 || ends.includes(undefined)) {
    const unknown = words.filter((_word, index) => !ends[index])
    typedFault.value = unknown.length
      ? `${unknown.join(', ')}: there is no such terminal. Two with a space between, such as ${names.slice(0, 2).join(' ')}.`
      : 'Two terminals with a space between.'
    return
  }
  typedFault.value = ''
  const wire = ends as Ends
  if (props.wires.some((one) => isLike(one, wire))) emit('off', wire)
  else emit('wire', wire)
  typed.value = ''
}
</script>

<template>
  <section aria-labelledby="terminals">
    <div class="row head">
      <h2 id="terminals">Wire it: tap one terminal, then the other</h2>
      <button v-if="spares" type="button" class="link-button" @click="all = !all">
        {{ all ? 'Without spare terminals' : 'Spare terminals, too' }}
      </button>
    </div>
    <div v-if="from" class="from" role="status">
      <strong class="digits">{{ from }}</strong>
      <span>to which?</span>
      <span v-for="other in others(from)" :key="other">
        <button type="button" class="quiet-button" @click="emit('off', [from!, other])">
          Off {{ other }}
        </button>
      </span>
      <button v-if="isLead" type="button" class="quiet-button" @click="cap">Cap it alone</button>
      <button type="button" class="link-button" @click="from = null">Leave it</button>
    </div>
    <div class="parts">
      <fieldset v-for="part in shown" :key="part.id">
        <legend>
          <strong>{{ part.id }}</strong> <span class="soft small">{{ partTitle(part.type) }}</span>
          <button
            v-if="!fixed && !part.type.startsWith('LINE')"
            type="button"
            class="link-button small"
            :aria-label="`Take ${part.id} out`"
            @click="emit('part', part.id)"
          >
            out
          </button>
        </legend>
        <button
          v-for="name in part.names"
          :key="name"
          type="button"
          class="terminal"
          :class="{
            has: others(`${part.id}.${name}`).length,
            bad: bad.includes(`${part.id}.${name}`),
          }"
          :aria-pressed="from === `${part.id}.${name}`"
          :aria-label="`${part.id} ${name}${others(`${part.id}.${name}`).length ? `, wired to ${others(`${part.id}.${name}`).join(', ')}` : ', no wire'}${bad.includes(`${part.id}.${name}`) ? ', wrong here' : ''}`"
          @click="tap(`${part.id}.${name}`)"
        >
          <strong class="digits"
            ><span v-if="bad.includes(`${part.id}.${name}`)" aria-hidden="true">✕ </span
            >{{ name }}</strong
          >
          <span class="to digits">{{ others(`${part.id}.${name}`).join(' ') }}</span>
        </button>
      </fieldset>
    </div>
    <form class="typed" @submit.prevent="type">
      <label class="named">
        <span>By keys <span class="soft">two terminals; again takes the wire off</span></span>
        <el-input v-model="typed" name="wire" autocomplete="off" placeholder="CT.T1 DF.1" />
      </label>
      <button class="quiet-button">Wire</button>
    </form>
    <p v-if="typedFault" class="fault" role="alert">{{ typedFault }}</p>
  </section>
</template>

<style scoped>
.head {
  justify-content: space-between;
}

.from {
  position: sticky;
  z-index: 5;
  top: 0;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 8px 12px;
  border: 2px solid var(--copper);
  border-radius: 4px;
  background: var(--copper-soft);
}

.parts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(260px, 1fr));
  gap: 10px 18px;
  margin-top: 8px;
}

fieldset {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(76px, 1fr));
  gap: 6px;
  align-content: start;
  margin: 0;
  padding: 0;
  border: 0;
  min-width: 0;
}

legend {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: var(--target);
  padding: 0;
}

.terminal {
  display: grid;
  align-content: center;
  justify-items: start;
  min-height: 52px;
  padding: 4px 8px;
  border: 1px dashed var(--rule-strong);
  border-radius: 4px;
  background: var(--card);
  text-align: left;
  cursor: pointer;
  overflow-wrap: anywhere;
}

.terminal.has {
  border-style: solid;
  border-color: var(--ink);
}

.terminal[aria-pressed='true'] {
  border: 3px solid var(--copper);
  background: var(--copper-soft);
}

.terminal.bad {
  border: 3px solid var(--failed);
  background: var(--failed-soft);
}

.to {
  font-size: 0.8125rem;
  line-height: 1.25;
  color: var(--soft);
}

.typed {
  display: flex;
  align-items: end;
  gap: 10px;
  margin-top: 12px;
}

.typed .named {
  flex: 1;
  max-width: 380px;
}
</style>
