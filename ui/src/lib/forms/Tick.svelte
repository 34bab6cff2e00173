<script lang="ts">
  interface Props {
    label: string;
    checked: boolean;
  }
  let { label, checked = $bindable() }: Props = $props();
</script>

<label>
  <input class="checkbox" type="checkbox" bind:checked />
  {label}
</label>

<style>
  label {
    display: flex;
    gap: 10px;
    align-items: center;
    min-height: 44px;
    margin-top: 28px;
  }
  @media (max-width: 700px) {
    label {
      margin-top: 0;
    }
  }
</style>
