<!-- A button that reads as part of a sentence. -->
<template>
  <Button variant="link" unstyled class="quiet"><slot /></Button>
</template>
