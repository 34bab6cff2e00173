<script lang="ts">
  import { about, type Decisions, type SheetView } from './broughtIn';

  interface Props {
    view: SheetView;
    said: Decisions;
    say: (change: Partial<Decisions>) => Promise<void>;
  }
  const { view, said, say }: Props = $props();
</script>

<section class="sheet" aria-labelledby="columns">
  <h2 id="columns">Columns</h2>
  <p class="quiet">What is not understood goes into the notes of its plant.</p>
  <ul>
    {#each view.columns as column, at (at)}
      <li class:aside={said.columns[at] === 'NOTHING'}>
        <span class="head">
          <b>{column.head}</b>
          <span class="quiet">{column.examples.join(' · ') || 'empty'}</span>
        </span>
        <select
          class="select"
          aria-label="What {column.head} is about"
          value={said.columns[at]}
          onchange={(event) =>
            say({
              columns: about(
                view,
                said.columns,
                at,
                event.currentTarget.value as Decisions['columns'][number],
              ),
            })}
        >
          {#each view.meanings as each (each.meaning)}
            <option value={each.meaning}>{each.words}</option>
          {/each}
        </select>
      </li>
    {/each}
  </ul>
</section>

<style>
  h2,
  p {
    margin: 0;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(min(380px, 100%), 1fr));
    gap: 4px 28px;
    margin: 10px 0 0;
  }
  li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 210px;
    gap: 12px;
    align-items: center;
    padding: 5px 0;
    border-bottom: 1px solid var(--color-rule);
  }
  .head,
  .head span {
    display: block;
    overflow: hidden;
    text-overflow: ellipsis;
    white-space: nowrap;
  }
  .head span {
    font-size: 14px;
  }
  .aside b {
    font-weight: 400;
  }
  @media (max-width: 700px) {
    li {
      grid-template-columns: 1fr;
      gap: 4px;
    }
  }
</style>
