<script lang="ts">
  import msg from '$lib/messages/rules';
  const SENTENCE = msg.theOrganisersOwnRulesTake();
</script>

<p class="text-soft">{SENTENCE}</p>
