<script setup lang="ts">
import { computed, ref } from 'vue'
import { ofOthers, queue, refused, sendAgain, throwAway, waiting } from './queue'
import type { Kept } from './rows'

/** What is entered and not yet with the shop: how much, why, and what can be done about it. */
const open = ref(false)
/** The one that a person is about to throw away. */
const doomed = ref<string | null>(null)

const mine = computed(() => waiting())
const stuck = computed(() => refused())
const others = computed(() => {
  const by = new Map<string, number>()
  for (const row of ofOthers()) by.set(row.by, (by.get(row.by) ?? 0) + 1)
  return [...by].map(([name, count]) => ({ name, count }))
})
const entries = (count: number) => (count === 1 ? '1 entry' : `${count} entries`)

const words = computed(() => {
  if (stuck.value.length) return `${entries(stuck.value.length)} not taken`
  if (mine.value.length) {
    const how = queue.offline
      ? 'kept here, no connection'
      : queue.sending
        ? 'being sent'
        : 'kept here'
    return `${mine.value.length} ${how}`
  }
  const other = others.value[0]
  return other ? `${entries(other.count)} of ${other.name} kept here` : ''
})

/** Day and time by this device's own clock, which made them. */
const since = (at: string) =>
  new Intl.DateTimeFormat('en', {
    weekday: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hour12: false,
  }).format(new Date(at))

async function away(row: Kept) {
  if (doomed.value === row.id) await throwAway(row)
  doomed.value = doomed.value === row.id ? null : row.id
}
</script>

<template>
  <p v-if="queue.fault" class="kept full" role="alert">{{ queue.fault }}</p>
  <button
    v-if="words"
    type="button"
    class="kept waiting"
    :class="{ stuck: stuck.length }"
    aria-haspopup="dialog"
    @click="open = true"
  >
    <span role="status">{{ words }}</span>
  </button>
  <el-dialog v-model="open" title="Kept on this device" align-center width="min(620px, 94vw)">
    <div class="sheet">
      <section v-if="stuck.length">
        <h3>The server will not take these</h3>
        <ul class="plain">
          <li v-for="row in stuck" :key="row.id">
            <strong>{{ row.label }}</strong>
            <span>{{ row.refused?.message }}</span>
            <span class="acts">
              <button type="button" class="quiet-button" @click="sendAgain(row)">Send again</button>
              <button type="button" class="link-button" @click="away(row)">
                {{ doomed === row.id ? 'Yes, throw it away for good' : 'Throw away' }}
              </button>
            </span>
          </li>
        </ul>
      </section>
      <section v-if="mine.length">
        <h3>Waiting to be sent, in this order</h3>
        <ul class="plain">
          <li v-for="row in mine" :key="row.id">
            {{ row.label }} <span v-if="row.at" class="soft">{{ since(row.at) }}</span>
          </li>
        </ul>
      </section>
      <section v-if="others.length">
        <h3>Of somebody else</h3>
        <p v-for="other in others" :key="other.name">
          {{ entries(other.count) }} of {{ other.name }}: sent when {{ other.name }} signs in on
          this device, and under no other name.
        </p>
      </section>
      <p v-if="!stuck.length && !mine.length && !others.length">All is with the shop.</p>
    </div>
  </el-dialog>
</template>

<style scoped>
.kept {
  padding: 0 12px;
  min-height: 38px;
  border: 1px solid var(--suspect);
  border-radius: 4px;
  background: var(--suspect-soft);
  color: var(--ink);
  font-size: 0.875rem;
  text-align: left;
}

.waiting {
  min-height: var(--target);
  cursor: pointer;
}

.stuck,
.full {
  border-color: var(--failed);
  background: var(--failed-soft);
}

.sheet,
section {
  display: grid;
  gap: 12px;
}

li {
  display: grid;
  gap: 4px;
  padding: 8px 0;
  border-top: 1px solid var(--rule);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 18px;
}
</style>
