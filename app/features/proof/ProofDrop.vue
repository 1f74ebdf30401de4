<script setup lang="ts">
import { words as catalogue } from '~~/words'

const words = catalogue.proofread.proofPage

/** What a newcomer can do at once: give a finished chart or table to be proofed. */
defineProps<{ trouble: string; name: string; busy: boolean }>()
const emit = defineEmits<{ choose: []; tryOne: [] }>()
</script>

<template>
  <section class="drop">
    <template v-if="busy">
      <p role="status">{{ words.reading({ name }) }}</p>
    </template>
    <template v-else>
      <Message v-if="trouble" severity="error" :closable="false">
        <b>{{ words.notRead({ name }) }}</b> {{ trouble }}
      </Message>
      <h2>{{ words.dropHere }}</h2>
      <p>{{ words.intro }}</p>
      <p class="ways">
        <Button :label="words.chooseFile" @click="emit('choose')" />
        <Button :label="words.example" variant="outlined" @click="emit('tryOne')" />
      </p>
      <p class="soft">{{ words.privacy }}</p>
    </template>
  </section>
</template>

<style scoped>
.drop {
  display: grid;
  gap: var(--gap-4);
  align-content: center;
  justify-items: start;
  max-width: 60ch;
  margin: auto;
  padding: var(--gap-6);
  border: 2px dashed var(--rule);
  border-radius: 6px;
  background: var(--sheet);
}

h2 {
  font-weight: 600;
  font-size: var(--text-title);
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--gap-3);
}
</style>
