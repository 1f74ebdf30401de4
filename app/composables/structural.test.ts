import { computed, ref } from 'vue'
import { structuralComputed } from './structural'

test('a value keeps its identity while it says the same, so that nothing after it is worked out anew', () => {
  const [width, colour] = [ref(10), ref('jade')]
  const measures = structuralComputed(() => ({
    columns: Math.floor(width.value / 4),
    colour: colour.value,
  }))
  let times = 0
  const drawn = computed(() => `${measures.value.colour} ${measures.value.columns} ${++times}`)
  const first = measures.value
  expect(drawn.value).toBe('jade 2 1')
  width.value = 11
  expect(measures.value).toBe(first)
  expect(drawn.value).toBe('jade 2 1')
  width.value = 12
  expect(drawn.value).toBe('jade 3 2')
  colour.value = 'amber'
  expect(drawn.value).toBe('amber 3 3')
})

test('nothing is a value too', () => {
  const source = ref<number | null>(null)
  const kept = structuralComputed(() => source.value)
  expect(kept.value).toBe(null)
  source.value = 0
  expect(kept.value).toBe(0)
  source.value = null
  expect(kept.value).toBe(null)
})

test('a structuralComputed value is the same object while it says the same, and what follows from it is not worked out', () => {
  const number = ref(1)
  let worked = 0
  const parity = structuralComputed(() => ({ isOdd: number.value % 2 === 1 }))
  const words = computed(() => (worked++, parity.value.isOdd ? 'odd' : 'even'))
  const first = parity.value
  expect(words.value).toBe('odd')
  number.value = 3
  expect([words.value, worked, parity.value === first]).toEqual(['odd', 1, true])
  number.value = 4
  expect([words.value, worked, parity.value === first]).toEqual(['even', 2, false])
})
