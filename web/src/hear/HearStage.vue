<script setup lang="ts">
import { computed } from 'vue'
import { useCall } from '../call/call'
import { useTold } from '../call/told'
import { familyTitle, symptomTitle } from '../catalogue/catalogue'
import { ago } from '../shared/time'
import EarlierPlate from './EarlierPlate.vue'
import HeardForm from './HeardForm.vue'
import ParticularsForm from './ParticularsForm.vue'
import UnitNotice from '../units/UnitNotice.vue'
import PhotoStrip from './PhotoStrip.vue'
import { usePhotos } from './photos'

const { call } = useCall()
const { told, refusal } = useTold()

/** The unit's plate has other volts and amps: it is not read for the motor's. */
const photos = usePhotos()
const plates = computed(() => photos.value.filter((one) => one.kind === 'MOTOR_PLATE'))

const summary = computed(() =>
  [symptomTitle(told.value.symptom), familyTitle(told.value.motor.family)].join(', '),
)
</script>

<template>
  <section class="card hear">
    <p
      v-if="call.warranty.state !== 'UNKNOWN'"
      :class="{
        notice: ['ENDS_SOON', 'JUST_OVER'].includes(call.warranty.state),
        soft: ['OVER', 'RUNNING'].includes(call.warranty.state),
      }"
    >
      {{ call.warranty.sentence }}
    </p>
    <UnitNotice />
    <EarlierPlate v-model="told" />
    <HeardForm />
    <router-link class="go on" :to="`/calls/${call.id}/prove`">Go to Prove</router-link>
    <PhotoStrip class="part" />
    <details class="part fold" :open="refusal !== null">
      <summary>
        <h2>Place, complaint and plates</h2>
        <span class="soft">{{ summary }}</span>
      </summary>
      <p class="soft">
        Opened by {{ call.openedBy }}, {{ ago(call.openedAt) }}. Changes are kept as you make them.
      </p>
      <ParticularsForm v-model="told" :refusal="refusal" :plates="plates" />
    </details>
    <p v-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
  </section>
</template>

<style scoped>
.hear {
  display: grid;
  gap: 16px;
  max-width: 1040px;
  margin: 0 auto;
}

.part {
  border-top: 1px solid var(--rule);
  padding-top: 14px;
}

summary {
  min-height: var(--target);
}

details > .soft {
  margin-bottom: 14px;
}

.on {
  justify-self: start;
  padding: 0 22px;
}

@media (max-width: 719px) {
  .hear {
    gap: 10px;
    padding: 12px;
  }

  .on {
    justify-self: stretch;
  }
}
</style>
