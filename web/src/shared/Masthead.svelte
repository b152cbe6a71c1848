<script lang="ts">
  import { isActiveLink } from 'sv-router';
  import { toggleMode } from './mode';

  let { onfind, onkeys }: { onfind: () => void; onkeys: () => void } = $props();

  const views = [
    { href: '/', label: 'Bench' },
    { href: '/batteries', label: 'Batteries' },
    { href: '/parts', label: 'Parts' },
    { href: '/repair-log', label: 'Repair log' },
    { href: '/instruments', label: 'Instruments' },
    { href: '/handbook', label: 'Handbook' }
  ];
</script>

<header>
  <a class="name" href="/">Able Medic</a>
  <nav aria-label="Views">
    {#each views as view (view.href)}
      <a href={view.href} {@attach isActiveLink({ className: 'here', startsWith: view.href !== '/' })}
        >{view.label}</a
      >
    {/each}
  </nav>
  <div class="tools">
    <button class="tool" onclick={onfind}>Find <kbd>/</kbd></button>
    <button class="tool" onclick={onkeys}>Keys <kbd>?</kbd></button>
    <button class="tool" onclick={() => toggleMode()}>Day / night <kbd>m</kbd></button>
  </div>
</header>

<style>
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.2rem 1.6rem;
    padding: 0.2rem 1.5rem;
    border-bottom: 1px solid var(--rule);
  }

  .name {
    font-weight: 700;
    font-size: 1.15rem;
    color: var(--ink);
    text-decoration: none;
    min-height: 44px;
    display: inline-flex;
    align-items: center;
  }

  nav {
    display: flex;
    gap: 0.2rem;
    flex: 1;
  }

  nav a {
    color: var(--ink);
    text-decoration: none;
    padding: 0 0.7rem;
    min-height: 44px;
    display: inline-flex;
    align-items: center;
    border-bottom: 3px solid transparent;
  }

  nav a:global(.here) {
    border-bottom-color: var(--act);
    font-weight: 700;
  }

  .tools {
    display: flex;
    gap: 0.2rem;
  }

  .tool {
    min-height: 44px;
    padding: 0 0.6rem;
    background: none;
    border: none;
    color: var(--soft);
  }
</style>
