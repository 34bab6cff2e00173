<script lang="ts">
  interface Props {
    words: string;
    /** Whether others of the same name may hold with it. */
    several: boolean;
    name: string;
    checked: boolean;
    /** Whether it says that nothing is said. */
    none?: boolean;
    onchange: () => void;
  }
  const { words, several, name, checked, none = false, onchange }: Props = $props();
</script>

<label class="pick" class:none>
  <input type={several ? 'checkbox' : 'radio'} {name} {checked} {onchange} />
  <span>{words}</span>
</label>

<style>
  .pick {
    position: relative;
    display: inline-flex;
  }
  .pick input {
    position: absolute;
    inset: 0;
    opacity: 0;
    cursor: pointer;
  }
  .pick span {
    display: inline-flex;
    align-items: center;
    min-height: 46px;
    padding: 0 16px;
    border: 1px solid var(--color-rule);
    border-radius: 12px;
    background: var(--color-slip);
    font-weight: 550;
  }
  .pick.none span {
    border-style: dashed;
    background: transparent;
    color: var(--color-ink-2);
  }
  .pick input:checked + span {
    background: var(--color-ink);
    border-color: var(--color-ink);
    color: var(--color-leaf);
  }
  .pick.none input:checked + span {
    background: transparent;
    border: 2px dashed var(--color-ink-2);
    color: var(--color-ink);
  }
  .pick input:focus-visible + span {
    outline: 2px solid var(--color-plum);
    outline-offset: 2px;
  }
</style>
