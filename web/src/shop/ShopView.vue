<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { Refusal, request } from '../api/client'
import type { Settings, SettingsInForce } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import { session } from '../session/session'
import ChangedMeanwhile from '../shared/ChangedMeanwhile.vue'
import { useEdition } from '../shared/edition'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { shopZone } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import BackupCard from './BackupCard.vue'
import HealthCard from './HealthCard.vue'
import PasskeyCard from './PasskeyCard.vue'
import PeopleCard from './PeopleCard.vue'
import { getKept } from '../keep/answers'

/** What the figures that are shown were read from. */
const edition = useEdition()
type Habit = Settings['habits'][number]
const settings = ref<Settings | null>(null)
const typed = ref({
  labourPerHour: '',
  balanceLimitPercent: '',
  currency: '',
  timeZone: '',
  taxPercent: '',
  energyPerKwh: '',
  fanHoursPerYear: '',
  lifeYears: '',
  moduleAloneYears: '',
  name: '',
  phone: '',
})
const taxOnLabour = ref(false)
const habits = ref<Habit[]>([])
const zones = Intl.supportedValuesOf('timeZone')
const refusal = ref<Refusal | null>(null)
const said = ref('')
const MONEY = [
  { name: 'taxPercent', title: 'Tax', unit: '%' },
  { name: 'energyPerKwh', title: 'Energy', unit: 'a kWh' },
  { name: 'fanHoursPerYear', title: 'A fan runs here', unit: 'h a year' },
  { name: 'lifeYears', title: 'A unit lasts', unit: 'years' },
  { name: 'moduleAloneYears', title: 'A module alone on motors younger than', unit: 'years' },
] as const
const isLead = computed(() => session.account?.role === 'LEAD')

function show(inForce: SettingsInForce) {
  const loaded = inForce.settings
  settings.value = loaded
  edition.base.value = inForce.edition
  shopZone.value = loaded.timeZone
  typed.value = {
    labourPerHour: String(loaded.labourPerHour),
    balanceLimitPercent: String(loaded.balanceLimitPercent),
    currency: loaded.currency,
    timeZone: loaded.timeZone,
    taxPercent: String(loaded.taxPercent ?? ''),
    energyPerKwh: String(loaded.energyPerKwh ?? ''),
    fanHoursPerYear: String(loaded.fanHoursPerYear ?? ''),
    lifeYears: String(loaded.lifeYears),
    moduleAloneYears: String(loaded.moduleAloneYears),
    name: loaded.name ?? '',
    phone: loaded.phone ?? '',
  }
  taxOnLabour.value = loaded.taxOnLabour
  habits.value = [...loaded.habits]
}

/** Of each school one habit: that which was tapped last. */
function take(school: { habits: { id: string }[] }, habit: string) {
  const others = habits.value.filter((one) => !school.habits.some(({ id }) => id === one))
  habits.value = [...others, habit as Habit]
}
/** What is not a number is sent as it is typed, so that it is refused by its name. */
const optional = (text: string) => (text.trim() === '' ? undefined : (readNumber(text) ?? text))

async function attempt(action: () => Promise<void>) {
  refusal.value = null
  said.value = ''
  try {
    await action()
  } catch (failed) {
    if (failed instanceof Refusal && failed.status === 401) session.ended = true
    if (failed instanceof Refusal) edition.refused(failed)
    refusal.value =
      failed instanceof Refusal ? failed : new Refusal(0, 'No answer from the server. Try again.')
  }
}

onMounted(() =>
  attempt(async () => {
    await loadCatalogue()
    show(await getKept<SettingsInForce>('/api/shop/settings'))
  }),
)

const save = () =>
  attempt(async () => {
    const body = {
      labourPerHour: readNumber(typed.value.labourPerHour),
      balanceLimitPercent: readNumber(typed.value.balanceLimitPercent),
      currency: typed.value.currency.trim().toUpperCase(),
      timeZone: typed.value.timeZone.trim(),
      taxPercent: optional(typed.value.taxPercent),
      taxOnLabour: taxOnLabour.value,
      energyPerKwh: optional(typed.value.energyPerKwh),
      fanHoursPerYear: optional(typed.value.fanHoursPerYear),
      lifeYears: readNumber(typed.value.lifeYears),
      moduleAloneYears: readNumber(typed.value.moduleAloneYears),
      habits: habits.value,
      name: typed.value.name,
      phone: typed.value.phone,
    }
    const path = `/api/shop/settings/${crypto.randomUUID()}${edition.query()}`
    show(await request<SettingsInForce>('PUT', path, body))
    said.value = 'Kept.'
  })

const own = ref({ old: '', password: '' })
const changeOwn = () =>
  attempt(async () => {
    await request('PUT', '/api/session/password', own.value)
    own.value = { old: '', password: '' }
    said.value = 'Your password is changed. You are signed out everywhere else.'
  })
</script>

<template>
  <TopBar title="The shop's figures" />
  <main class="page shop">
    <ChangedMeanwhile v-if="refusal?.conflicts.length" :refusal="refusal" />
    <p v-else-if="refusal" class="notice failed" role="alert">{{ refusal.message }}</p>
    <p v-if="said" role="status">{{ said }}</p>
    <p>
      <router-link class="says" to="/learnt">What was learnt from the shop’s own calls</router-link>
    </p>
    <form v-if="settings" class="card stack" @submit.prevent="save">
      <h2>Money and limits</h2>
      <p v-if="!isLead" class="soft">Only a lead changes these.</p>
      <label class="named">
        Labour an hour
        <el-input v-model="typed.labourPerHour" name="labourPerHour" :disabled="!isLead" />
      </label>
      <label class="named">
        Currency
        <el-input v-model="typed.currency" name="currency" maxlength="3" :disabled="!isLead" />
      </label>
      <label class="named">
        Winding pairs may differ by, in %
        <el-input v-model="typed.balanceLimitPercent" name="balanceLimit" :disabled="!isLead" />
      </label>
      <label class="named">
        Name of the shop
        <el-input
          v-model="typed.name"
          name="shopName"
          maxlength="80"
          autocomplete="off"
          :disabled="!isLead"
        />
      </label>
      <label class="named">
        Its telephone
        <el-input
          v-model="typed.phone"
          name="shopPhone"
          maxlength="40"
          autocomplete="off"
          :disabled="!isLead"
        />
        <span class="soft">Both stand on the label that is left at a unit.</span>
      </label>
      <label class="named">
        Time zone of the shop
        <el-input
          v-model="typed.timeZone"
          name="timeZone"
          list="zones"
          autocomplete="off"
          :disabled="!isLead"
        />
        <datalist id="zones">
          <option v-for="zone in zones" :key="zone" :value="zone" />
        </datalist>
        <span class="soft">Times on every page and paper are told in it.</span>
      </label>
      <p class="soft">
        10 % is common practice; some shops accept only equal pairs. Every call is judged by the
        limit in force now.
      </p>
      <h2>What a choice costs over the years</h2>
      <p class="soft">
        What is left empty is not known: no price is made up, and costs wait for it.
      </p>
      <div class="fields">
        <FigureInput
          v-for="field in MONEY"
          :key="field.name"
          v-model="typed[field.name]"
          :name="field.name"
          :title="field.title"
          :unit="field.unit"
          :fault="refusal?.of(field.name)"
          :disabled="!isLead"
        />
      </div>
      <label class="tick">
        <input v-model="taxOnLabour" type="checkbox" :disabled="!isLead" />
        Labour is taxed as parts are
      </label>
      <h2 id="habits">Where the trade disagrees</h2>
      <fieldset v-for="school in catalogue?.schools" :key="school.id" :disabled="!isLead">
        <legend>{{ school.title }}</legend>
        <p class="soft">{{ school.reason }}</p>
        <label v-for="(habit, index) in school.habits" :key="habit.id" class="tick">
          <input
            type="radio"
            :name="school.id"
            :checked="habits.includes(habit.id as Habit)"
            @change="take(school, habit.id)"
          />
          <span>{{ habit.title }} <span v-if="!index" class="soft">usual</span></span>
        </label>
      </fieldset>
      <button v-if="isLead" type="submit" class="main-button">Keep</button>
    </form>
    <form class="card stack" aria-labelledby="own-password" @submit.prevent="changeOwn">
      <h2 id="own-password">Your password</h2>
      <label class="named">
        So far
        <el-input
          v-model="own.old"
          name="oldPassword"
          type="password"
          autocomplete="current-password"
        />
      </label>
      <label class="named">
        New, 12 characters or more
        <el-input
          v-model="own.password"
          name="newPassword"
          type="password"
          autocomplete="new-password"
        />
      </label>
      <button type="submit" class="quiet-button">Change it</button>
    </form>
    <PasskeyCard />
    <HealthCard v-if="isLead" />
    <BackupCard v-if="isLead" />
    <PeopleCard v-if="isLead" />
  </main>
</template>

<style scoped>
.shop {
  display: grid;
  gap: 16px;
  max-width: 760px;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 14px;
}

fieldset {
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  font-weight: 650;
}

.main-button,
.quiet-button {
  justify-self: start;
}
</style>
