<script setup lang="ts">
import { ref } from 'vue'
import { useRouter } from 'vue-router'
import { outbox } from '../outbox/outbox'
import { session, signOut } from '../session/session'
import { setTheme, theme } from '../theme/theme'

defineProps<{ title: string; detail?: string; home?: boolean }>()

const router = useRouter()
const open = ref(false)

const initials = () =>
  (session.account?.name ?? '?')
    .split(/\s+/)
    .map((word) => word[0])
    .slice(0, 2)
    .join('')

async function leave() {
  await signOut()
  await router.push('/sign-in')
}
</script>

<template>
  <header class="bar">
    <router-link class="mark" to="/" :aria-label="home ? 'Variable Rotor' : 'All calls'">
      <img src="/mark.svg" alt="" width="32" height="32" />
    </router-link>
    <div class="title">
      <h1>{{ title }}</h1>
      <p v-if="detail" class="soft">{{ detail }}</p>
    </div>
    <slot />
    <p v-if="outbox.waiting.length" class="waiting" role="status">
      {{ outbox.waiting.length }} {{ outbox.offline ? 'kept here, no connection' : 'being sent' }}
    </p>
    <div class="who">
      <button
        class="initials"
        :aria-expanded="open"
        :aria-label="`${session.account?.name}: menu`"
        @click="open = !open"
        @keydown.esc="open = false"
      >
        {{ initials() }}
      </button>
      <div v-if="open" class="menu" @keydown.esc="open = false">
        <p>
          <strong>{{ session.account?.name }}</strong><br /><span class="soft">{{
            session.account?.role === 'LEAD' ? 'Lead' : 'Technician'
          }}</span>
        </p>
        <button class="quiet-button" @click="setTheme(theme === 'dark' ? 'light' : 'dark')">
          {{ theme === 'dark' ? 'Light screen' : 'Dark screen' }}
        </button>
        <router-link class="quiet-button" to="/">All calls</router-link>
        <router-link class="quiet-button" to="/codes">Code books</router-link>
        <router-link class="quiet-button" to="/count">Count a code</router-link>
        <router-link class="quiet-button" to="/practice">Practice</router-link>
        <router-link class="quiet-button" to="/shop">The shop's figures</router-link>
        <router-link class="quiet-button" to="/about">Says who?</router-link>
        <button class="quiet-button" @click="leave">Sign out</button>
      </div>
    </div>
  </header>
</template>

<style scoped>
.bar {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 60px;
  padding: 6px 24px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
}

.mark {
  display: grid;
  place-items: center;
  width: var(--target);
  height: var(--target);
  margin-left: -6px;
}

.title {
  min-width: 0;
  flex: 1;
}

.title h1 {
  font-size: 1.0625rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.title p {
  font-size: 0.875rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.waiting {
  padding: 4px 10px;
  border: 1px solid var(--suspect);
  border-radius: 4px;
  background: var(--suspect-soft);
  font-size: 0.875rem;
  white-space: nowrap;
}

.who {
  position: relative;
}

.initials {
  width: var(--target);
  height: var(--target);
  border: 0;
  border-radius: 50%;
  background: var(--ink);
  color: var(--paper);
  font-weight: 700;
  cursor: pointer;
}

.menu {
  position: absolute;
  z-index: 20;
  right: 0;
  top: calc(100% + 6px);
  display: grid;
  gap: 8px;
  width: 230px;
  padding: 14px;
  background: var(--card);
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
}

.menu a {
  display: flex;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
}

.menu button {
  text-align: left;
}

@media (max-width: 719px) {
  .bar {
    padding: 4px 12px;
    gap: 8px;
    flex-wrap: wrap;
  }

  .waiting {
    order: 5;
    width: 100%;
  }
}
</style>
