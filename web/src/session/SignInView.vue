<script setup lang="ts">
import { useRoute, useRouter } from 'vue-router'
import { session } from './session'
import SignInForm from './SignInForm.vue'

const route = useRoute()
const router = useRouter()
document.title = 'Sign in – Variable Rotor'

async function done() {
  const to = String(route.query.to ?? '/')
  await router.push(to.startsWith('/') && !to.startsWith('//') ? to : '/')
}
</script>

<template>
  <main class="sign-in">
    <section class="words">
      <img src="/mark.svg" alt="" width="56" height="56" />
      <h1>Variable Rotor</h1>
      <p>From three readings to the failed part, and from there to the way forward.</p>
      <svg class="line" viewBox="0 0 420 44" aria-hidden="true">
        <path class="solid" d="M22 22H152" />
        <path class="dots" d="M152 22H398" />
        <rect x="6" y="6" width="32" height="32" rx="3" class="good" />
        <rect x="71" y="6" width="32" height="32" rx="3" class="good" />
        <path d="M152 2l20 20-20 20-20-20z" class="next" />
        <circle cx="217" cy="22" r="15" class="unseen" />
        <circle cx="282" cy="22" r="15" class="unseen" />
        <circle cx="347" cy="22" r="15" class="unseen" />
        <circle cx="402" cy="22" r="15" class="unseen" />
        <path d="M15 22l5 6 9-12M80 22l5 6 9-12" class="tick" />
      </svg>
    </section>
    <section class="card">
      <h2>Sign in</h2>
      <p v-if="session.owed" class="notice" role="status">
        Signed out on this device. There is no connection: the server is told as soon as it answers,
        and what waits to be sent stays here until then.
      </p>
      <SignInForm @done="done" />
    </section>
  </main>
</template>

<style scoped>
.sign-in {
  min-height: 100vh;
  max-width: 980px;
  margin: 0 auto;
  padding: 24px;
  display: grid;
  grid-template-columns: 1.1fr 1fr;
  gap: 56px;
  align-items: center;
}

.words {
  display: grid;
  gap: 16px;
}

.words h1 {
  font-size: 2.5rem;
}

.words p {
  font-size: 1.25rem;
  max-width: 24ch;
}

.card {
  display: grid;
  gap: 16px;
  padding: 28px;
}

.line {
  width: 100%;
  max-width: 420px;
  margin-top: 12px;
}

.line path,
.line circle {
  fill: none;
}

.line .solid {
  stroke: var(--good);
  stroke-width: 4;
}

.line .dots {
  stroke: var(--rule-strong);
  stroke-width: 2;
  stroke-dasharray: 2 6;
}

.line .good {
  fill: var(--good);
}

.line .tick {
  stroke: var(--on-good);
  stroke-width: 3;
}

.line .next {
  fill: var(--copper);
}

.line .unseen {
  fill: var(--paper);
  stroke: var(--rule-strong);
  stroke-width: 2;
  stroke-dasharray: 4 4;
}

@media (max-width: 719px) {
  .sign-in {
    grid-template-columns: 1fr;
    gap: 24px;
    padding: 24px 16px;
    align-content: start;
  }

  .words h1 {
    font-size: 2rem;
  }

  .words p {
    font-size: 1.0625rem;
  }
}
</style>
