<script lang="ts"></script>

<div class="grid h-full place-items-center p-10 text-center">
  <div>
    <h1 class="text-4xl max-sm:text-2xl">Nothing is danced here</h1>
    <p class="mt-2 text-soft">The address names no view of this program.</p>
    <a class="act mt-4" href="#/figures">To the figures</a>
  </div>
</div>
