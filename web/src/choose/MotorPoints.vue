<script setup lang="ts">
import type { Fit } from '../api/types'
import { attributeTitle } from './words'

/** One motor against the one that stood here, attribute by attribute. */
defineProps<{ points: Fit['match']['points'] }>()
const SIGNS = { OK: '✓', CHANGE: '!', NO: '✕' }
const WORDS = { OK: 'fits', CHANGE: 'with something', NO: 'does not fit' }
</script>

<template>
  <table class="points">
    <tbody>
      <tr v-for="point in points" :key="point.attribute" :class="point.state.toLowerCase()">
        <td class="sign">
          <span aria-hidden="true">{{ SIGNS[point.state] }}</span>
          <span class="visually-hidden">{{ WORDS[point.state] }}</span>
        </td>
        <th scope="row">{{ attributeTitle(point.attribute) }}</th>
        <td>{{ point.sentence }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 5px 8px;
  border-top: 1px solid var(--rule);
  text-align: left;
  vertical-align: top;
}

th {
  width: 30%;
  font-weight: 650;
}

.sign {
  width: 24px;
  font-weight: 800;
  text-align: center;
}

.ok .sign {
  color: var(--good);
}

.change .sign {
  color: var(--suspect);
}

.no .sign,
.no th {
  color: var(--failed);
}
</style>
