<script setup lang="ts">
import { computed, ref } from 'vue'
import { counted } from '../shared/number'
import type { Ends, Step } from './types'
import { circuitTitle } from './words'

/**
 * What is left of the plan, in the order of doing: wires that the factory made are looked at
 * together, a plug is pushed in at once, and each wire that is made is ticked; or a whole group is.
 */
const props = defineProps<{ steps: Step[] }>()
const emit = defineEmits<{ made: [wires: Ends[]]; there: [wire: Ends, colour: string] }>()

/** One thing to do: a wire, or a plug with all that it brings. */
type Task = { key: string; circuit: Step['circuit']; title: string; words: string; wires: Ends[] }

const ends = (step: Step): Ends => [step.from, step.to]
/** What is seen of a factory's wire, before it is ticked as there. */
const colours = ref<Record<number, string>>({})
const there = computed(() => props.steps.filter((one) => one.there))
const tasks = computed(() => {
  const list: Task[] = []
  for (const step of props.steps.filter((one) => !one.there)) {
    const plug = step.plug && list.find((one) => one.key === step.plug)
    if (plug) plug.wires.push(ends(step))
    else
      list.push({
        key: step.plug ?? `${step.n}`,
        circuit: step.circuit,
        title: step.plug ? `Push ${step.plug}` : `${step.from} – ${step.to}`,
        words: step.plug
          ? 'It fits one way only.'
          : `No. ${step.n}, ${step.colour}. ${step.sentence}`,
        wires: [ends(step)],
      })
  }
  return list
})
const groups = computed(() => {
  const list: { circuit: Step['circuit']; tasks: Task[] }[] = []
  for (const task of tasks.value) {
    const last = list[list.length - 1]
    if (last?.circuit === task.circuit) last.tasks.push(task)
    else list.push({ circuit: task.circuit, tasks: [task] })
  }
  return list
})

const all = ref(false)
const shown = computed(() => (all.value ? groups.value : groups.value.slice(0, 1)))
</script>

<template>
  <section v-if="there.length" aria-labelledby="is-there">
    <h2 id="is-there">Already there</h2>
    <p class="soft">
      {{ counted(there.length, 'wire') }} that the factory made: look that they are as listed, and
      leave them alone.
    </p>
    <details>
      <summary>Which ones</summary>
      <ul class="plain steps">
        <li v-for="step in there" :key="step.n">
          <span class="what">
            <strong class="digits ends">{{ step.from }} – {{ step.to }}</strong>
            <span class="soft small">No. {{ step.n }}. {{ step.sentence }}</span>
          </span>
          <label class="colour">
            <span class="visually-hidden">Colour of {{ step.from }} to {{ step.to }}</span>
            <el-input
              v-model="colours[step.n]"
              :name="`colour-${step.n}`"
              maxlength="40"
              autocomplete="off"
              placeholder="its colour"
            />
          </label>
          <button
            type="button"
            class="quiet-button"
            :aria-label="`There: ${step.from} to ${step.to}`"
            @click="emit('there', ends(step), (colours[step.n] ?? '').trim())"
          >
            There
          </button>
        </li>
      </ul>
    </details>
    <button type="button" class="quiet-button" @click="emit('made', there.map(ends))">
      All of these are there
    </button>
  </section>
  <section v-if="tasks.length" aria-labelledby="to-make">
    <h2 id="to-make">To make, in this order</h2>
    <template v-for="group in shown" :key="group.circuit">
      <p class="row circuit">
        <span>{{ circuitTitle(group.circuit) }}</span>
        <button
          v-if="group.tasks.length > 1"
          type="button"
          class="link-button"
          :aria-label="`All of this group made: ${circuitTitle(group.circuit)}`"
          @click="
            emit(
              'made',
              group.tasks.flatMap((one) => one.wires),
            )
          "
        >
          All of this group made
        </button>
      </p>
      <ol class="plain steps">
        <li v-for="task in group.tasks" :key="task.key">
          <span class="what">
            <strong class="digits ends">{{ task.title }}</strong>
            <span class="soft small">{{ task.words }}</span>
          </span>
          <button
            type="button"
            class="quiet-button"
            :aria-label="`Made: ${task.title.replace(' – ', ' to ')}`"
            @click="emit('made', task.wires)"
          >
            {{ task.wires.length > 1 ? 'Plugged' : 'Made' }}
          </button>
        </li>
      </ol>
    </template>
    <button v-if="groups.length > 1" type="button" class="link-button" @click="all = !all">
      {{ all ? 'Only the next ones' : `All ${tasks.length}` }}
    </button>
  </section>
</template>

<style scoped>
.steps li {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}

.what {
  display: grid;
  min-width: 0;
}

.colour {
  flex: 0 1 110px;
  margin-left: auto;
}

.ends {
  overflow-wrap: anywhere;
}

.circuit {
  justify-content: space-between;
  font-size: 0.8125rem;
  font-weight: 700;
  color: var(--copper);
}
</style>
