<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Ends, Step } from './types'
import { CIRCUITS } from './words'

/** The wires of the plan that are not made yet, in the order of doing; each is ticked as it is made. */
const props = defineProps<{ steps: Step[] }>()
const emit = defineEmits<{ made: [wire: Ends] }>()

const FEW = 6
const all = ref(false)
const shown = computed(() => (all.value ? props.steps : props.steps.slice(0, FEW)))
</script>

<template>
  <section v-if="steps.length" aria-labelledby="to-make">
    <h2 id="to-make">To make, in this order</h2>
    <ol class="plain steps">
      <li v-for="(step, index) in shown" :key="step.n">
        <span class="what">
          <span v-if="step.circuit !== shown[index - 1]?.circuit" class="circuit">{{
            CIRCUITS[step.circuit]
          }}</span>
          <strong class="digits ends">{{ step.from }} – {{ step.to }}</strong>
          <span class="soft small">{{ step.colour }}. {{ step.sentence }}</span>
        </span>
        <button
          type="button"
          class="quiet-button"
          :aria-label="`Made: ${step.from} to ${step.to}`"
          @click="emit('made', [step.from, step.to])"
        >
          Made
        </button>
      </li>
    </ol>
    <button v-if="steps.length > FEW" type="button" class="link-button" @click="all = !all">
      {{ all ? 'Only the next ones' : `All ${steps.length}` }}
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

.ends {
  overflow-wrap: anywhere;
}

.circuit {
  margin-bottom: 2px;
  font-size: 0.8125rem;
  font-weight: 700;
  color: var(--copper);
}
</style>
