<script setup lang="ts">
import { DERIVATION_IDS, type DerivationId, derivations, type Takes } from '~~/core/data/derive'
import type { Role } from '~~/core/data/roles'
import { difference, inherit } from '~~/core/style/inherit'
import { textColumnsOf } from '~~/shared/page/wanted'
import { styleOf, withOwn } from '~~/shared/quantities'
import { words as catalogue } from '~~/words'
import { roleChoices } from '~/features/data/roleChoices'
import { useLevels } from '~/stores/levels'
import { useStudy } from '~/stores/study'

const words = catalogue.page.tableColumns

/** Which columns stand in the table, and one way of writing for several of them. */
/** The list was closed. */
const emit = defineEmits<{ chosen: [] }>()
const study = useStudy()
const levels = useLevels()
const list = useTemplateRef<{ toggle(event: Event): void }>('list')
/** Columns that stand in the table, in their order. */
const shown = computed(() => {
  const { quantity, dataset } = study
  if (!quantity || !dataset) return []
  const texts = textColumnsOf(quantity, dataset.columns)
  const chosen = quantity.columns ?? []
  return [...texts.filter((name) => !chosen.includes(name)), ...chosen]
})
const others = computed(
  () => study.dataset?.columns.filter(({ name }) => name !== study.quantity?.column) ?? [],
)
function toggle(name: string) {
  const isIn = shown.value.includes(name)
  const columns = isIn ? shown.value.filter((one) => one !== name) : [...shown.value, name]
  setColumns(isIn ? words.hide({ name }) : words.show({ name }), columns)
}
const setColumns = (what: string, columns: readonly string[]) =>
  study.changeQuantity(what, (one) => ({
    ...one,
    columns: columns.length > 0 ? [...columns] : undefined,
  }))
/** Those of one kind stand side by side: names first, then numbers. */
const kindOf = (name: string) => others.value.find((one) => one.name === name)?.kind
/** The column of the same kind before another; none for the first. */
const beforeIt = (name: string) =>
  shown.value
    .slice(0, Math.max(0, shown.value.indexOf(name)))
    .findLast((one) => kindOf(one) === kindOf(name))
function moveUp(name: string) {
  const before = beforeIt(name)
  if (before === undefined) return
  const columns = shown.value.map((one) => {
    if (one === name) return before
    return one === before ? name : one
  })
  setColumns(words.moveBefore({ name, before }), columns)
}
/** Those in the table first, in their order. */
const listed = computed(() => [
  ...shown.value.filter((name) => kindOf(name) === 'text'),
  ...shown.value.filter((name) => kindOf(name) === 'number'),
  ...others.value.map(({ name }) => name).filter((name) => !shown.value.includes(name)),
])
const roleOf = (name: string): Role => {
  const column = others.value.find((one) => one.name === name)
  return column?.reading?.role ?? (column?.kind === 'number' ? 'number' : 'text')
}
async function changeRole(name: string, role: Role) {
  trouble.value = ''
  try {
    await study.changeRole(name, role)
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
const ways = DERIVATION_IDS.map((id) => ({ id, title: derivations[id].title }))
const namesOf = (kind: 'number' | 'text') =>
  study.dataset?.columns.filter((one) => one.kind === kind).map(({ name }) => name) ?? []
const numeric = computed(() => namesOf('number'))
/** What the new column may be made with. */
const partners = computed(() => (takes.value === 'groups' ? namesOf('text') : numeric.value))
const by = ref<DerivationId>('ratio')
const takes = computed<Takes>(() => derivations[by.value].takes)
const of = ref(study.quantity?.column ?? '')
const and = ref(numeric.value.find((one) => one !== of.value) ?? of.value)
const number = ref<string>()
const newName = ref('')
watch(partners, (now) => {
  if (!now.includes(and.value)) and.value = now[0] ?? ''
})
const canMake = computed(
  () =>
    newName.value.trim() !== '' &&
    (takes.value !== 'number' || number.value !== undefined) &&
    (takes.value !== 'groups' || and.value !== ''),
)
const trouble = ref('')
async function make() {
  trouble.value = ''
  try {
    await study.derive({
      name: newName.value.trim(),
      by: by.value,
      of: of.value,
      ...(takes.value === 'column' || takes.value === 'groups' ? { and: and.value } : {}),
      ...(takes.value === 'number' ? { number: number.value } : {}),
    })
    newName.value = ''
  } catch (error) {
    trouble.value = (error as Error).message
  }
}
/**
 * All shown columns are written as this one is, but for what each measures: its unit, and where
 * that is said.
 */
function writeAlike() {
  const { document, quantity } = study
  if (!document || !quantity) return
  const {
    unit: _,
    unitAt: __,
    cases: ___,
    factor: ____,
    ...alike
  } = difference(inherit({}), levels.styleAt('table'))
  const targets = document.quantities.filter(
    (one) => one.datasetId === quantity.datasetId && shown.value.includes(one.column),
  )
  const next = targets.reduce(
    (now, one) =>
      withOwn(now, one.id, 'table', (own) => ({
        ...own,
        ...difference(styleOf(document, one, 'table'), {
          ...styleOf(document, one, 'table'),
          ...alike,
        }),
      })),
    document,
  )
  study.change(
    words.setStyle({ names: targets.map(({ title }) => title).join(', '), title: quantity.title }),
    next,
  )
}
</script>

<template>
  <QuietButton
    class="plus"
    :title="words.title"
    :aria-label="words.title"
    aria-haspopup="dialog"
    @click="list?.toggle($event)"
  >
    +
  </QuietButton>
  <Popover ref="list" :aria-label="words.title" @hide="emit('chosen')">
    <div class="choices">
      <p v-for="name in listed" :key="name" class="one">
        <label>
          <Checkbox
            binary
            size="small"
            :model-value="shown.includes(name)"
            @update:model-value="toggle(name)"
          />
          {{ name }}
        </label>
        <PhraseSelect
          :value="roleOf(name)"
          :options="roleChoices"
          :label="words.roleOf({ name })"
          @change="changeRole(name, $event)"
        />
        <QuietButton
          v-if="shown.includes(name) && beforeIt(name) !== undefined"
          :aria-label="words.moveLeft({ name })"
          :title="words.moveLeft({ name })"
          @click="moveUp(name)"
          >↑</QuietButton
        >
      </p>
      <form class="made" @submit.prevent="make">
        {{ words.new }}
        <Select
          v-model="by"
          :options="ways"
          option-label="title"
          option-value="id"
          :aria-label="words.operation"
          append-to="self"
          class="in-text"
        />
        <Select
          v-model="of"
          :options="numeric"
          :aria-label="words.column"
          append-to="self"
          class="in-text"
        />
        {{ derivations[by].joins }}
        <NumberField
          v-if="takes === 'number'"
          :value="number"
          placeholder="1000"
          :label="words.number"
          @change="number = $event"
        />
        <template v-if="takes === 'column' || takes === 'groups'">
          <Select
            v-model="and"
            :options="partners"
            :aria-label="words.otherColumn"
            append-to="self"
            class="in-text"
        /></template>
        <InputText
          v-model="newName"
          size="small"
          :placeholder="words.name"
          :aria-label="words.nameLabel"
          maxlength="200"
        />
        <Button size="small" type="submit" :label="words.add" :disabled="!canMake" />
      </form>
      <p v-if="trouble" class="trouble" role="alert">{{ trouble }}</p>
      <QuietButton v-if="shown.length > 0" @click="writeAlike">
        {{ words.styleAll({ title: study.quantity?.title ?? '' }) }}
      </QuietButton>
    </div>
  </Popover>
</template>

<style scoped>
.plus {
  padding: 0;
}

.choices {
  display: grid;
  gap: var(--gap-1);
  justify-items: start;
}

.one {
  display: flex;
  gap: var(--gap-3);
  justify-content: space-between;
  width: 100%;
  margin: 0;
}

.choices label {
  display: flex;
  gap: var(--gap-2);
  align-items: center;
}

.made {
  padding-top: var(--gap-2);
  border-top: 1px solid var(--rule-soft);
}

.trouble {
  color: var(--rosewood);
}
</style>
