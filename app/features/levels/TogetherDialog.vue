<script setup lang="ts">
import { useStudy } from '~/stores/study'
import { type Common, useTogether } from './useTogether'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.together

/** Quantities that readers compare: one rung, exponent and precision for all of them. */
const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const { own, before, chosen, members, trouble, look, now, ways, join, part } = useTogether()
chosen.value = before.value.map(({ id }) => id)
onMounted(look)
const options = computed(() =>
  study.datasets.flatMap(({ id, name }) =>
    (study.document?.quantities ?? [])
      .filter((one) => one.datasetId === id && one.id !== own.value.id)
      .map((one) => ({
        id: one.id,
        title: study.datasets.length > 1 ? `${one.title}, ${name}` : one.title,
      })),
  ),
)
function take(way: Common) {
  join(way)
  visible.value = false
}
function leave() {
  part()
  visible.value = false
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title({ quantity: own.title })"
    :style="{ width: 'min(860px, 96vw)' }"
  >
    <p>
      {{ words.with }}
      <MultiSelect
        :model-value="[...chosen]"
        :options="options"
        option-label="title"
        option-value="id"
        filter
        :show-toggle-all="false"
        :placeholder="words.choose"
        :aria-label="words.others"
        class="in-text"
        :max-selected-labels="3"
        @update:model-value="chosen = $event"
      />
    </p>
    <Message v-if="trouble" severity="error" :closable="false">{{ trouble }}</Message>
    <p v-if="members.length < 2" class="soft">{{ words.hint }}</p>
    <table v-else>
      <thead>
        <tr>
          <th scope="col">{{ words.writtenAs }}</th>
          <th v-for="{ quantity } in members" :key="quantity.id" scope="col" class="number">
            {{ quantity.title }}
          </th>
          <th scope="col">
            <span class="unseen">{{ words.use }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr>
          <th scope="row">{{ words.now }}</th>
          <td v-for="{ quantity } in members" :key="quantity.id" class="number">
            <span v-for="(label, at) in now.get(quantity.id)" :key="at" class="label">{{
              label
            }}</span>
          </td>
          <td />
        </tr>
        <tr v-for="way in ways" :key="way.title" data-way>
          <th scope="row">{{ way.title }}</th>
          <td v-for="{ quantity } in members" :key="quantity.id" class="number">
            <span v-for="(label, at) in way.labels.get(quantity.id)" :key="at" class="label">{{
              label
            }}</span>
          </td>
          <td>
            <Button
              size="small"
              variant="outlined"
              :label="words.useForAll"
              :aria-label="words.takeWay({ style: way.title })"
              @click="take(way)"
            />
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="before.length > 0">
      <QuietButton @click="leave">{{ words.unmatch }}</QuietButton>
    </p>
  </Dialog>
</template>

<style scoped>
table {
  width: 100%;
  margin-block: var(--gap-3);
  border-collapse: collapse;
}

th,
td {
  padding: var(--gap-2);
  border-bottom: 1px solid var(--rule-soft);
  text-align: start;
  vertical-align: top;
}

tbody th {
  max-width: 16rem;
  font-weight: 400;
}

.number {
  text-align: end;
}

.label {
  display: block;
}
</style>
