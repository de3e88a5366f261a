<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import { stateOf, suspectTitle } from '../catalogue/catalogue'

const { standing, checks: all } = useCall()

/** Every check of this motor, by the state that the unit must be in. */
defineProps<{ modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [open: boolean]; check: [id: string] }>()

const sought = ref('')
const words = computed(() => sought.value.trim().toLowerCase().split(/\s+/).filter(Boolean))
const groups = computed(() => {
  const checks = all.value.filter((check) => {
    const text = `${check.ask} ${check.how} ${suspectTitle(check.station)}`.toLowerCase()
    return words.value.every((word) => text.includes(word))
  })
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
    class="picker"
    align-center
    @update:model-value="(open: boolean) => emit('update:modelValue', open)"
  >
    <input
      v-model="sought"
      class="seek"
      type="search"
      name="check-search"
      placeholder="Find a check: plug, pairs, 24 V …"
      aria-label="Find a check"
      autocomplete="off"
    />
    <p v-if="!groups.length" class="soft">No check of this motor has these words.</p>
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
          <span class="soft">
            {{ suspectTitle(check.station) }},
            <span class="time">{{ check.minutes }} min</span>
          </span>
        </button>
      </section>
    </div>
  </el-dialog>
</template>

<style>
/* On a telephone the list needs the whole width. */
@media (max-width: 719px) {
  .el-dialog.picker {
    width: 100% !important;
    margin: 0;
    border-radius: 0;
  }
}
</style>

<style scoped>
.seek {
  width: 100%;
  min-height: 46px;
  margin-bottom: 12px;
  padding: 0 12px;
  border: 1.5px solid var(--rule-strong);
  border-radius: 4px;
  background: var(--paper);
  color: var(--ink);
  font: inherit;
}

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
  min-height: 46px;
  padding: 6px 12px;
  text-align: left;
}

button .soft {
  font-weight: 400;
  flex: none;
  max-width: 40%;
  font-size: 0.875rem;
  text-align: right;
}

.time {
  white-space: nowrap;
}

@media (max-width: 719px) {
  .groups {
    max-height: calc(100dvh - 134px);
  }
}
</style>
