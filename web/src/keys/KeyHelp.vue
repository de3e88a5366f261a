<script setup lang="ts">
defineProps<{ modelValue: boolean }>()
const emit = defineEmits<{ 'update:modelValue': [open: boolean] }>()

const KEYS = [
  ['0-9 .', 'into the open reading; 1-4 answer a question'],
  ['ol', 'over limit, in a resistance'],
  ['Enter', 'record'],
  ['n', 'the next check'],
  ['u', 'take the last reading back; on Fit, the last wire'],
  ['m', 'take what the connected meter shows'],
  ['h', 'hold its display'],
  ['/', 'search among the calls'],
  ['?', 'this list'],
]
</script>

<template>
  <el-dialog
    :model-value="modelValue"
    title="Keys"
    align-center
    @update:model-value="(open: boolean) => emit('update:modelValue', open)"
  >
    <dl class="keys">
      <div v-for="[key, meaning] in KEYS" :key="key">
        <dt>
          <span class="key">{{ key }}</span>
        </dt>
        <dd>{{ meaning }}</dd>
      </div>
    </dl>
  </el-dialog>
</template>

<style scoped>
.keys {
  margin: 0;
  display: grid;
  gap: 10px;
}

.keys div {
  display: grid;
  grid-template-columns: 90px 1fr;
}

dd {
  margin: 0;
}
</style>
