<script setup lang="ts">
import { languageName } from '~~/core/locale/languageName'
import { words as catalogue } from '~~/words'

const words = catalogue.regions.regionPages

/** The page as each region's readers would have it, from right to left where they read so. */
defineProps<{ pages: readonly { readonly locale: string; readonly picture: string }[] }>()
</script>

<template>
  <div class="pages" tabindex="0" role="region" :aria-label="words.title">
    <ul>
      <li v-for="{ locale, picture } in pages" :key="locale">
        <b>{{ languageName(locale) }}</b>
        <img :src="picture" :alt="words.page({ region: languageName(locale) })" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.pages {
  flex: 1 1 240px;
  min-width: 240px;
  overflow: auto;
}

/* The table needs the room of a narrow window. */
@media (max-width: 1100px) {
  .pages {
    flex-basis: 170px;
    min-width: 170px;
  }
}

ul {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 240px), 1fr));
  gap: var(--gap-4);
  align-content: start;
  margin: 0;
  padding: 0;
  list-style: none;
}

li {
  display: grid;
  gap: var(--gap-1);
}

img {
  width: 100%;
  padding: var(--gap-2);
  background: var(--sheet);
  box-shadow: var(--shadow);
}
</style>
