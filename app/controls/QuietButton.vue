<script setup lang="ts">
/** A button that reads as part of a sentence. */
defineOptions({ inheritAttrs: true })
</script>

<template>
  <Button variant="link" unstyled class="quiet"><slot /></Button>
</template>
