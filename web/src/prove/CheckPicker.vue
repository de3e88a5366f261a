<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { stateOf, suspectTitle } from '../catalogue/catalogue'

const { standing, checks: all } = useCall()

/** Every check of this motor, by the state that the unit must be in. */
defineProps<{ modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [open: boolean]; check: [id: string] }>()

const groups = computed(() => {
  const checks = all.value
  const states = [...new Set(checks.map((check) => check.state))]
  return states.map((state) => ({
    state: stateOf(state)!,
    checks: checks.filter((check) => check.state === state),
  }))
})
const answered = (facts: string[]) => facts.every((fact) => standing(fact))
</script>

<template>
  <el-dialog
    :model-value="modelValue"
    title="Another check"
    align-center
    @update:model-value="(open: boolean) => emit('update:modelValue', open)"
  >
    <div class="groups">
      <section v-for="group in groups" :key="group.state.id">
        <h3>
          {{ group.state.title }} <span class="soft">{{ group.state.detail }}</span>
        </h3>
        <button
          v-for="check in group.checks"
          :key="check.id"
          class="quiet-button"
          @click="emit('check', check.id)"
        >
          {{ answered(check.facts) ? '✓ ' : '' }}{{ check.ask }}
          <span class="soft">{{ suspectTitle(check.station) }}, {{ check.minutes }} min</span>
        </button>
      </section>
    </div>
  </el-dialog>
</template>

<style scoped>
.groups {
  display: grid;
  gap: 16px;
  max-height: 65vh;
  overflow: auto;
}

section {
  display: grid;
  gap: 6px;
}

h3 {
  font-size: 1rem;
}

h3 .soft {
  font-weight: 400;
}

button {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  padding: 6px 12px;
  text-align: left;
}

button .soft {
  font-weight: 400;
  font-size: 0.875rem;
  text-align: right;
}
</style>
