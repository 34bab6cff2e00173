<script lang="ts">
  const MIND = [
    'Dry bark, perlite and pumice dust harm the lungs: wet them first and wear a mask.',
    'Sphagnum can carry a skin fungus: gloves, and cover cuts.',
    'One clean, sharp blade for each plant. Alcohol and flame never together.',
    'Breaking clay or cutting a hard pot: eye protection and gloves.',
    'Peroxide on roots at 3 % at the most; never with vinegar or bleach.',
  ];
</script>

<aside class="sheet" aria-labelledby="care">
  <h2 id="care">At the bench</h2>
  <ul>
    {#each MIND as mind (mind)}<li>{mind}</li>{/each}
  </ul>
  <p class="quiet">The label of a product and the rules where you live come first.</p>
</aside>

<style>
  aside {
    background: var(--color-ochre-wash);
  }
  aside ul {
    list-style: disc;
    padding-left: 18px;
    margin: 8px 0;
    font-size: 14.5px;
  }
  aside li {
    padding: 3px 0;
  }
</style>
