<script lang="ts">
  const SENTENCE = 'The organiser’s own rules stand above what is written down here; ask them where the two differ.';
</script>

<p class="text-soft">{SENTENCE}</p>
