<script setup lang="ts">
import { houseRuleSchema, houseRuleWords, RULED_FIELDS } from '~~/core/checks/houseRules'
import type { HouseRule } from '~~/core/checks/types'
import { type Surface, SURFACES } from '~~/core/surfaces'
import { type FieldName, fields } from '~~/core/style/fields'
import type { Phrase } from '~~/core/style/phrases/types'
import { useLevels } from '~/stores/levels'
import { levelWords } from '~/stores/levelWords'
import { useStudy } from '~/stores/study'
import { words as catalogue } from '~~/words'

const words = catalogue.levels.rulesDialog

/** The rules of the house, in words: each is a check. */
const visible = defineModel<boolean>('visible', { required: true })
const study = useStudy()
const levels = useLevels()

const rules = computed<readonly HouseRule[]>(() => study.document?.rules ?? [])
const save = (what: string, next: readonly HouseRule[]) =>
  study.document &&
  study.change(what, { ...study.document, rules: next.length > 0 ? [...next] : undefined })
const remove = (at: number) =>
  save(
    words.removed({ rule: houseRuleWords(rules.value[at]!) }),
    rules.value.filter((_, place) => place !== at),
  )

const surface = ref<Surface | null>(null)
const field = ref<FieldName>('fraction')
const isWanted = ref(true)
const key = ref<string | null>(null)
const why = ref('')
watch(field, () => (key.value = null))

const surfaces = [
  { id: null as Surface | null, title: words.everySurface },
  ...SURFACES.map((id) => ({ id: id as Surface | null, title: levelWords[id] })),
]
const ruled = RULED_FIELDS.map((id) => ({ id, title: fields[id].phrase!.name }))
const whether = [
  { id: true, title: words.is },
  { id: false, title: words.isNot },
]
/** Values of the field with their words; its style's own is among them. */
const values = computed(() => {
  const phrase = fields[field.value].phrase as Phrase<unknown>
  const all = [levels.style[field.value], ...phrase.choices(levels.style)]
  const named = all.map((value) => ({
    id: JSON.stringify(value),
    title: phrase.say(value, { ...levels.style, [field.value]: value }),
    value,
  }))
  return [...new Map(named.map((one) => [one.id, one])).values()]
})
const made = computed((): HouseRule | null => {
  const chosen = values.value.find(({ id }) => id === key.value)
  if (!chosen) return null
  const rule = {
    ...(surface.value ? { surface: surface.value } : {}),
    field: field.value,
    [isWanted.value ? 'is' : 'isNot']: chosen.value,
    why: why.value,
  }
  return houseRuleSchema.safeParse(rule).data ?? null
})
function add() {
  if (!made.value) return
  save(words.added({ rule: houseRuleWords(made.value) }), [...rules.value, made.value])
  key.value = null
  why.value = ''
}
</script>

<template>
  <Dialog
    v-model:visible="visible"
    modal
    :header="words.title"
    :style="{ width: 'min(760px, 96vw)' }"
  >
    <p class="soft">{{ rules.length === 0 ? words.none : '' }} {{ words.each }}</p>
    <p v-for="(rule, at) in rules" :key="at" class="rule">
      <span
        ><b>{{ houseRuleWords(rule) }}</b
        >{{ words.since }} {{ rule.why }}</span
      >
      <QuietButton
        :aria-label="words.removeRule({ rule: houseRuleWords(rule) })"
        @click="remove(at)"
        >{{ words.remove }}</QuietButton
      >
    </p>
    <form class="form" @submit.prevent="add">
      <span>
        {{ words.on }}
        <PhraseSelect
          :value="surface"
          :options="surfaces"
          :placeholder="words.everySurface"
          :label="words.surface"
          @change="surface = $event"
        />
        <PhraseSelect
          :value="field"
          :options="ruled"
          :label="words.field"
          searchable
          @change="field = $event"
        />
        <PhraseSelect
          :value="isWanted"
          :options="whether"
          :label="words.whether"
          @change="isWanted = $event"
        />
        <PhraseSelect
          :value="key"
          :options="values"
          :placeholder="words.choose"
          :label="words.value"
          @change="key = $event"
        />
        {{ words.since }}
      </span>
      <InputText v-model="why" size="small" maxlength="300" :aria-label="words.why" fluid />
      <Button size="small" type="submit" :label="words.add" :disabled="made === null" />
    </form>
  </Dialog>
</template>

<style scoped>
.rule {
  display: flex;
  gap: var(--gap-3);
  align-items: baseline;
  justify-content: space-between;
  padding: var(--gap-1) 0;
  border-bottom: 1px solid var(--rule-soft);
}

.form {
  display: grid;
  gap: var(--gap-2);
  justify-items: start;
  margin-top: var(--gap-4);
}
</style>
