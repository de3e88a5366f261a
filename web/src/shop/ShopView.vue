<script setup lang="ts">
import { computed, onMounted, ref } from 'vue'
import { get, Refusal, request } from '../api/client'
import type { AccountRow, Settings, SettingsInForce } from '../api/types'
import { catalogue, loadCatalogue } from '../catalogue/catalogue'
import { session } from '../session/session'
import ChangedMeanwhile from '../shared/ChangedMeanwhile.vue'
import { useEdition } from '../shared/edition'
import FigureInput from '../shared/FigureInput.vue'
import { readNumber } from '../shared/number'
import { shopZone } from '../shared/time'
import TopBar from '../shared/TopBar.vue'
import BackupCard from './BackupCard.vue'
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
const people = ref<AccountRow[]>([])
const person = ref({ login: '', name: '', password: '', role: 'TECHNICIAN' })
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
    if (isLead.value) people.value = await get<AccountRow[]>('/api/accounts')
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

const add = () =>
  attempt(async () => {
    people.value = await request<AccountRow[]>(
      'PUT',
      `/api/accounts/${crypto.randomUUID()}`,
      person.value,
    )
    person.value = { login: '', name: '', password: '', role: 'TECHNICIAN' }
    said.value = 'Added.'
  })

/** Closed, nobody signs in as this one any more; what they made stays. */
const close = (one: AccountRow, closed: boolean) =>
  attempt(async () => {
    people.value = await request<AccountRow[]>('PUT', `/api/accounts/${one.id}`, {
      name: one.name,
      role: one.role,
      closed,
      keepsBooks: one.keepsBooks,
    })
    said.value = closed ? `${one.name} is closed.` : `${one.name} is open again.`
  })

/** Whoever keeps the code books brings them in, changes them and takes them away. */
const letKeepBooks = (one: AccountRow, keepsBooks: boolean) =>
  attempt(async () => {
    people.value = await request<AccountRow[]>('PUT', `/api/accounts/${one.id}`, {
      name: one.name,
      role: one.role,
      closed: one.closed,
      keepsBooks,
    })
    said.value = keepsBooks
      ? `${one.name} keeps the code books from now on, and signs in anew.`
      : `${one.name} keeps the code books no more, and signs in anew.`
  })

/** Somebody is to have another password: whoever sets it says the own one again. */
const anew = ref<{ id: string; password: string; own: string } | null>(null)
const setPassword = (one: AccountRow) =>
  attempt(async () => {
    const { password, own } = anew.value!
    people.value = await request<AccountRow[]>('PUT', `/api/accounts/${one.id}`, {
      name: one.name,
      role: one.role,
      closed: one.closed,
      keepsBooks: one.keepsBooks,
      password,
      own,
    })
    anew.value = null
    said.value = `${one.name} has another password, and signs in anew.`
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
    <BackupCard v-if="isLead" />
    <section v-if="isLead" class="card stack">
      <h2>People</h2>
      <ul class="plain">
        <li v-for="one in people" :key="one.id">
          <strong>{{ one.name }}</strong>
          <span class="soft"
            >{{ one.login }}, {{ one.role === 'LEAD' ? 'lead' : 'technician'
            }}{{ one.closed ? ', closed' : '' }}</span
          >
          <label v-if="one.role !== 'LEAD' && !one.closed" class="tick books">
            <input
              type="checkbox"
              :checked="one.keepsBooks"
              :aria-label="`${one.name} keeps the code books`"
              @change="letKeepBooks(one, !one.keepsBooks)"
            />
            Keeps the code books
          </label>
          <button
            type="button"
            class="link-button"
            :aria-label="`${one.closed ? 'Open again' : 'Close'}: ${one.name}`"
            @click="close(one, !one.closed)"
          >
            {{ one.closed ? 'Open again' : 'Close' }}
          </button>
          <button
            v-if="!one.closed && one.id !== session.account?.id"
            type="button"
            class="link-button"
            :aria-expanded="anew?.id === one.id"
            :aria-label="`New password: ${one.name}`"
            @click="anew = anew?.id === one.id ? null : { id: one.id, password: '', own: '' }"
          >
            New password
          </button>
          <form
            v-if="anew?.id === one.id"
            class="anew stack"
            :aria-label="`A new password for ${one.name}`"
            @submit.prevent="setPassword(one)"
          >
            <label class="named">
              New for {{ one.name }}, 12 characters or more
              <el-input
                v-model="anew.password"
                name="anewPassword"
                type="password"
                autocomplete="new-password"
              />
            </label>
            <label class="named">
              Your own, once more
              <el-input
                v-model="anew.own"
                name="anewOwn"
                type="password"
                autocomplete="current-password"
              />
            </label>
            <button type="submit" class="quiet-button">Set it</button>
          </form>
        </li>
      </ul>
      <form class="person stack" @submit.prevent="add">
        <label class="named">Name <el-input v-model="person.name" name="personName" /></label>
        <label class="named">
          Sign-in name <el-input v-model="person.login" name="personLogin" autocapitalize="none" />
        </label>
        <label class="named">
          First password, 12 characters or more
          <el-input
            v-model="person.password"
            name="personPassword"
            type="password"
            autocomplete="new-password"
          />
        </label>
        <div class="roles row" role="group" aria-label="Role">
          <button
            v-for="role in ['TECHNICIAN', 'LEAD']"
            :key="role"
            type="button"
            class="quiet-button"
            :aria-pressed="person.role === role"
            @click="person.role = role"
          >
            {{ role === 'LEAD' ? 'Lead' : 'Technician' }}
          </button>
        </div>
        <button type="submit" class="quiet-button">Add</button>
      </form>
    </section>
  </main>
</template>

<style scoped>
.shop {
  display: grid;
  gap: 16px;
  max-width: 760px;
}

.anew {
  flex: 1 0 100%;
}

.books {
  flex: 1 0 210px;
}

li .link-button {
  margin-left: auto;
}

li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
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

.roles {
  display: flex;
  gap: 8px;
}

.main-button,
.quiet-button {
  justify-self: start;
}
</style>
