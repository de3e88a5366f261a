<script setup lang="ts">
import { ref } from 'vue'
import { isLike } from './work'
import type { Ends, Mark, Step } from './types'

/** The wires that are there, with their numbers in the plan, the colours and the old labels that the technician sees. */
const props = defineProps<{ wires: Ends[]; marks: Mark[]; strange: Ends[]; planned: Step[] }>()
const emit = defineEmits<{ off: [wire: Ends]; mark: [wire: Ends, colour: string, label: string] }>()

const mark = (wire: Ends) => props.marks.find((one) => isLike(one.wire, wire))
const number = (wire: Ends) => props.planned.find((one) => isLike([one.from, one.to], wire))?.n
const isStrange = (wire: Ends) => props.strange.some((one) => isLike(one, wire))
const open = ref('')
const colour = ref('')
const label = ref('')

function edit(wire: Ends) {
  open.value = wire.join(' ')
  colour.value = mark(wire)?.colour ?? ''
  label.value = mark(wire)?.label ?? ''
}

function keep(wire: Ends) {
  emit('mark', wire, colour.value.trim(), label.value.trim())
  open.value = ''
}
</script>

<template>
  <details v-if="wires.length" class="fold">
    <summary>
      <h2>Made</h2>
      <span class="soft">{{ wires.length }} {{ wires.length === 1 ? 'wire' : 'wires' }}</span>
    </summary>
    <ul class="plain">
      <li v-for="wire in wires" :key="wire.join(' ')">
        <span>
          <span v-if="number(wire)" class="soft digits">{{ number(wire) }}. </span>
          <strong class="digits">{{ wire[0] }} – {{ wire[1] }}</strong>
          <span v-if="mark(wire)" class="soft">
            {{ [mark(wire)!.colour, mark(wire)!.label].filter(Boolean).join(', ') }}</span
          >
          <span v-if="isStrange(wire)" class="strange"> not as planned</span>
        </span>
        <span class="row">
          <button
            type="button"
            class="link-button"
            :aria-label="`Colour and label of ${wire.join(' to ')}`"
            @click="edit(wire)"
          >
            Colour, label
          </button>
          <button
            type="button"
            class="link-button"
            :aria-label="`Take off ${wire.join(' to ')}`"
            @click="emit('off', wire)"
          >
            Off
          </button>
        </span>
        <form v-if="open === wire.join(' ')" class="row edit" @submit.prevent="keep(wire)">
          <label class="named"
            >Colour <el-input v-model="colour" name="colour" maxlength="40" autocomplete="off"
          /></label>
          <label class="named"
            >What it was called
            <el-input v-model="label" name="label" maxlength="40" autocomplete="off"
          /></label>
          <button class="quiet-button">Keep</button>
        </form>
      </li>
    </ul>
  </details>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 0 12px;
  border-bottom: 1px solid var(--rule);
}

.edit {
  flex-basis: 100%;
  align-items: end;
  padding-bottom: 10px;
}

.strange {
  color: var(--suspect);
  font-weight: 650;
}
</style>
