<script setup lang="ts">
import { onMounted, ref, watch } from 'vue'
import { get } from '../api/client'
import type { FoundParts, FoundRow, Heard } from '../api/types'
import { useDebounced } from '../shared/debounced'
import { useNewest } from '../shared/newest'
import PartHit from './PartHit.vue'
import SupplyLine from './SupplyLine.vue'

/** Parts by a number, a barcode's digits or words: in stock, and at the supply house. */
const props = defineProps<{ currency: string; start?: string; placeholder?: string }>()
defineSlots<{ default(props: { row: FoundRow }): unknown }>()

const typed = ref(props.start ?? '')
const found = ref<FoundParts | null>(null)
const heard = ref<Heard | null>(null)
const { ask, asking, fault, forget } = useNewest()

async function look() {
  const q = encodeURIComponent(typed.value.trim())
  heard.value = null
  if (!q) {
    forget()
    found.value = null
    return
  }
  const stock = () => get<FoundParts>(`/api/stock/find?q=${q}`)
  const show = (answer: FoundParts) => (found.value = answer)
  // What is known is shown at once; the supply house may take its time.
  if (!(await ask(stock, show))) return
  const said = () => get<Heard>(`/api/supply/parts?q=${q}`)
  if (!(await ask(said, (answer) => (heard.value = answer)))) return
  if ((heard.value as Heard | null)?.line !== 'NONE') await ask(stock, show)
}

const later = useDebounced(look, 250)
watch(typed, () => later())
onMounted(() => {
  if (typed.value) void look()
})
</script>

<template>
  <div class="finder stack">
    <label class="named">
      Number, barcode or words
      <el-input
        v-model="typed"
        name="part"
        maxlength="100"
        autocomplete="off"
        clearable
        :placeholder="placeholder ?? 'off the plate, the box or the drawing'"
      />
    </label>
    <SupplyLine :heard="heard" :asking="asking" @again="look" />
    <p v-if="fault" class="notice failed" role="alert">
      {{ fault }} <button type="button" class="link-button" @click="look">Try again</button>
    </p>
    <p v-if="found?.says" class="notice">{{ found.says }}</p>
    <p v-if="found && !found.parts.length && !asking" class="soft" role="status">
      Neither the stock nor the supply house knows that. Read it once more, or try fewer words.
    </p>
    <ul v-if="found?.parts.length" class="plain">
      <PartHit
        v-for="row in found.parts"
        :key="row.found.part.number"
        :row="row"
        :currency="currency"
      >
        <slot :row="row" />
      </PartHit>
    </ul>
  </div>
</template>
