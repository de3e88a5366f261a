<script setup lang="ts">
import { computed, onMounted, ref, watchEffect } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import KeptNotice from '../keep/KeptNotice.vue'
import { session, signOut } from '../session/session'
import { setTheme, theme } from '../theme/theme'
import { isIn, ROOMS } from './rooms'

/** The shop's rooms, then what stands open; in the slot its own ways, such as a call's stages. */
const props = defineProps<{ title: string; detail?: string }>()

/** A room that stands marked above needs no second title, where there is space for both. */
const isRoom = computed(() => ROOMS.some((room) => room.title === props.title))

watchEffect(() => {
  document.title = props.title ? `${props.title} – Variable Rotor` : 'Variable Rotor'
})

/** Whoever goes by keys or by ear starts where the new page does, unless it led them elsewhere. */
const heading = ref<HTMLElement>()
onMounted(() => {
  const at = document.activeElement
  if (!at || at === document.body) heading.value?.focus({ preventScroll: true })
})

const router = useRouter()
const route = useRoute()
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
  <header class="head" :class="{ staged: $slots.default, room: isRoom }">
    <div class="shop">
      <router-link class="mark" to="/" aria-label="Variable Rotor, all calls">
        <img src="/mark.svg" alt="" width="30" height="30" />
      </router-link>
      <nav class="rooms" aria-label="Rooms of the shop">
        <router-link
          v-for="room in ROOMS"
          :key="room.path"
          :to="room.path"
          :aria-current="isIn(room, route.path) ? 'page' : undefined"
          >{{ room.title }}</router-link
        >
      </nav>
      <KeptNotice />
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
          <button class="quiet-button" @click="leave">Sign out</button>
        </div>
      </div>
    </div>
    <div class="job">
      <div class="title">
        <h1 ref="heading" tabindex="-1">{{ title }}</h1>
        <p v-if="detail" class="soft">{{ detail }}</p>
      </div>
      <slot />
    </div>
  </header>
</template>

<style scoped>
.shop {
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  padding: 0 24px;
  background: var(--band);
  color: var(--on-band);
}

.mark {
  display: grid;
  place-items: center;
  width: var(--target);
  height: var(--target);
  margin-left: -7px;
}

.rooms {
  display: flex;
  flex: 1;
}

.rooms a {
  display: inline-flex;
  align-items: center;
  min-height: 48px;
  padding: 0 14px;
  color: var(--on-band);
  font-size: 0.9375rem;
  text-decoration: none;
}

.rooms a:hover {
  text-decoration: underline;
}

.rooms a[aria-current] {
  font-weight: 700;
  box-shadow: inset 0 -4px var(--on-band);
}

.job {
  display: flex;
  align-items: center;
  gap: 14px;
  min-height: 54px;
  padding: 4px 24px;
  border-bottom: 1px solid var(--rule);
  background: var(--paper);
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

/* The heading is where keys start after a change of page; it is no control that could be pressed. */
.title h1:focus {
  outline: none;
}

.title p {
  font-size: 0.875rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}

.who {
  position: relative;
  margin-left: auto;
}

.initials {
  width: var(--target);
  height: var(--target);
  border: 0;
  border-radius: 50%;
  background: var(--on-band);
  color: var(--band);
  font-weight: 700;
  cursor: pointer;
  transform: scale(0.86);
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
  color: var(--ink);
  border: 1px solid var(--rule-strong);
  border-radius: 6px;
}

.menu button {
  text-align: left;
}

@media (min-width: 720px) {
  .room .job {
    position: absolute;
    width: 1px;
    height: 1px;
    min-height: 0;
    padding: 0;
    overflow: hidden;
    clip-path: inset(50%);
  }
}

@media (max-width: 719px) {
  .head {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr) auto;
    align-items: center;
    padding: 4px 12px;
    background: var(--band);
    color: var(--on-band);
  }

  .shop,
  .job {
    display: contents;
  }

  .mark {
    margin-left: 0;
  }

  .title {
    order: 1;
    padding: 0 8px;
  }

  .title p {
    color: var(--on-band);
  }

  .who {
    order: 2;
  }

  .head :deep(.kept) {
    order: 3;
    grid-column: 1 / -1;
    margin-bottom: 4px;
  }

  /* Below the thumb: the rooms, or on a call its stages. */
  .rooms {
    position: fixed;
    z-index: 10;
    inset: auto 0 0;
    background: var(--card);
    border-top: 1px solid var(--rule-strong);
  }

  .staged .rooms {
    display: none;
  }

  .rooms a {
    flex: 1;
    justify-content: center;
    min-height: 58px;
    padding: 0 2px;
    color: var(--ink);
    border-top: 4px solid transparent;
  }

  .rooms a[aria-current] {
    color: var(--copper);
    border-top-color: var(--copper);
    box-shadow: none;
  }
}
</style>
