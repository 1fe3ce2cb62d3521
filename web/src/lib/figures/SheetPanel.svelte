<script lang="ts">
  import msg from '$lib/messages/figures';
  import type { Place } from '$lib/api/client';
  import TellPanel from '$lib/tellings/TellPanel.svelte';
  import { Tabs } from 'bits-ui';
  import DerivePanel from './DerivePanel.svelte';
  import EndsPanel from './EndsPanel.svelte';
  import type { FigureSheet } from './FigureSheet.svelte';
  import Findings from './Findings.svelte';
  import ShippedPanel from './ShippedPanel.svelte';
  import VersionsPanel from './VersionsPanel.svelte';
  import WaysPanel from './WaysPanel.svelte';
  import WordsPanel from './WordsPanel.svelte';

  interface Props {
    sheet: FigureSheet;
    panel: string;
    onpanel: (panel: string) => void;
    onplace: (place: Place) => void;
  }
  let { sheet, panel, onpanel, onplace }: Props = $props();

  let found = $derived(sheet.reading.unreadable.length + sheet.open.filter((finding) => finding.severity !== 'note').length);
  const PANELS = [
    { value: 'checked', label: msg.checked() },
    { value: 'tell', label: msg.describe() },
    { value: 'derive', label: msg.derive() },
    { value: 'ends', label: msg.ends() },
    { value: 'ways', label: msg.ways() },
    { value: 'words', label: msg.teaching() },
    { value: 'versions', label: msg.versions() },
    { value: 'shipped', label: msg.original() },
  ];
</script>

<Tabs.Root value={panel} onValueChange={onpanel} class="panel flex min-h-0 flex-col overflow-hidden">
  <Tabs.List class="flex shrink-0 flex-wrap border-b-[1.5px] border-line px-1" aria-label={msg.aboutTheFigure()}>
    {#each PANELS as { value, label } (value)}
      <Tabs.Trigger
        {value}
        class="cursor-pointer border-b-4 border-transparent px-1 py-2 text-[0.9rem] font-semibold whitespace-nowrap text-soft data-[state=active]:border-ink data-[state=active]:text-ink"
      >
        {label}
        {#if value === 'checked' && found > 0}<span class="ml-0.5 text-madder">{found}</span>{/if}
      </Tabs.Trigger>
    {/each}
  </Tabs.List>
  <div class="min-h-0 flex-1 overflow-y-auto p-3">
    <Tabs.Content value="checked"><Findings {sheet} {onplace} /></Tabs.Content>
    <Tabs.Content value="tell"><TellPanel {sheet} /></Tabs.Content>
    <Tabs.Content value="derive"><DerivePanel {sheet} /></Tabs.Content>
    <Tabs.Content value="ends"><EndsPanel {sheet} /></Tabs.Content>
    <Tabs.Content value="ways"><WaysPanel {sheet} /></Tabs.Content>
    <Tabs.Content value="words"><WordsPanel {sheet} /></Tabs.Content>
    <Tabs.Content value="versions"
      >{#if panel === 'versions'}<VersionsPanel {sheet} />{/if}</Tabs.Content
    >
    <Tabs.Content value="shipped"
      >{#if panel === 'shipped'}<ShippedPanel {sheet} />{/if}</Tabs.Content
    >
  </div>
</Tabs.Root>
