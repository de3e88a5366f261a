<script setup lang="ts">
import { computed, ref } from 'vue'
import { useCall } from '../call/call'
import SpeedByEar from '../senses/SpeedByEar.vue'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { SPEEDS, type ProofDoc, valuesOf, withReadings } from './repair'

/** How fast the wheel turns now: for who wants it shown that it follows the call. Nobody has to. */
const props = defineProps<{ doc: ProofDoc; faults: Record<string, string>; open: boolean }>()
const emit = defineEmits<{ told: [doc: ProofDoc] }>()
const { call } = useCall()

const text = (value: unknown) => (value === undefined || value === null ? '' : String(value))
const read = valuesOf(props.doc, [SPEEDS.more, SPEEDS.less])
const more = ref(text(read[SPEEDS.more]))
const less = ref(text(read[SPEEDS.less]))
const plate = ref(text(props.doc.fitted.rpm))
const listens = ref(false)
/** As it opens: typing closes nothing. */
const wasTold = !!(more.value || less.value)

const before = computed(
  () =>
    call.value.readings.findLast(
      (one) => one.fact === SPEEDS.more && one.phase === 'BEFORE' && !one.retracted,
    )?.spoken ?? '',
)
const number = (typed: string) =>
  (typed.trim() ? (readNumber(typed) ?? typed) : undefined) as number

function keep() {
  const next = withReadings(props.doc, {
    [SPEEDS.more]: number(more.value),
    [SPEEDS.less]: number(less.value),
  })
  emit('told', { ...next, fitted: { ...next.fitted, rpm: number(plate.value) } })
}

function hear(fact: string, value: string | number) {
  const field = fact === SPEEDS.less ? less : more
  field.value = String(value)
  keep()
}
</script>

<template>
  <details class="fold" :open="open || wasTold">
    <summary>
      <h3>Speed of the wheel</h3>
      <span class="soft">{{
        more || less ? `${more || less} r/min` : 'by ear or tachometer, if wanted'
      }}</span>
    </summary>
    <div class="stack inside">
      <p class="soft">
        Two calls that are set to different speeds show that it follows.
        <template v-if="before">Before the repair: {{ before }}.</template>
      </p>
      <form class="figures" aria-label="Speed of the wheel" @submit.prevent="keep">
        <FigureInput
          v-model="more"
          :name="SPEEDS.more"
          title="Call set for more air"
          unit="r/min"
          :fault="faults[SPEEDS.more]"
        />
        <FigureInput
          v-model="less"
          :name="SPEEDS.less"
          title="Call set for less air"
          unit="r/min"
          :fault="faults[SPEEDS.less]"
        />
        <FigureInput
          v-model="plate"
          name="fittedRpm"
          title="The motor’s plate"
          unit="r/min"
          :fault="faults['fitted.rpm']"
        />
        <button class="quiet-button">Keep</button>
      </form>
      <p>
        <button
          type="button"
          class="quiet-button"
          :aria-expanded="listens"
          @click="listens = !listens"
        >
          {{ listens ? 'No more listening' : 'Hear it' }}
        </button>
      </p>
      <SpeedByEar v-if="listens" of-call @take="hear" />
    </div>
  </details>
</template>

<style scoped>
.inside {
  margin-top: 10px;
}

.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 10px;
  align-items: end;
}
</style>
