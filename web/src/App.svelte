<script lang="ts">
  import msg from '$lib/messages/shell';
  import common from '$lib/messages/common';
  import { sentenceOf } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { keysFor } from '$lib/keys/keys';
  import { EVERYWHERE } from '$lib/keys/shortcuts';
  import type { Place } from '$lib/finding/Anywhere.svelte';
  import { evening, far } from '$lib/ui/Appearance.svelte';
  import { notices } from '$lib/ui/Notices.svelte';
  import CalendarDays from '~icons/lucide/calendar-days';
  import BookOpen from '~icons/lucide/book-open';
  import AArrowUp from '~icons/lucide/a-arrow-up';
  import AArrowDown from '~icons/lucide/a-arrow-down';
  import Keyboard from '~icons/lucide/keyboard';
  import LibraryBig from '~icons/lucide/library-big';
  import Music from '~icons/lucide/music';
  import CircleQuestionMark from '~icons/lucide/circle-question-mark';
  import Moon from '~icons/lucide/moon';
  import Route from '~icons/lucide/route';
  import Search from '~icons/lucide/search';
  import Waypoints from '~icons/lucide/waypoints';
  import Contact from '~icons/lucide/contact';
  import Ellipsis from '~icons/lucide/ellipsis';
  import PersonStanding from '~icons/lucide/person-standing';
  import CalendarCheck from '~icons/lucide/calendar-check';
  import Sunrise from '~icons/lucide/sunrise';
  import Sun from '~icons/lucide/sun';
  import Router, { router } from 'svelte-spa-router';
  import { wrap } from 'svelte-spa-router/wrap';
  import { standby } from '$lib/studio/Standby.svelte';
  import NoticeLine from '$lib/ui/NoticeLine.svelte';
  import UsersRound from '~icons/lucide/users-round';
  import Warehouse from '~icons/lucide/warehouse';
  import { VIEWS } from './pages';
  import NotFoundPage from './routes/NotFoundPage.svelte';
  import TodayPage from './routes/TodayPage.svelte';

  const ROUTES = {
    '/': TodayPage,
    '/today': TodayPage,
    ...Object.fromEntries(Object.entries(VIEWS).map(([path, { page }]) => [path, wrap({ asyncComponent: page })])),
    '*': NotFoundPage,
  };
  /** A phone shows those that are always at hand, and the others under More. */
  const RAIL = [
    { path: '/today', label: msg.today(), icon: Sunrise, atHand: true },
    { path: '/figures', label: common.figures(), icon: BookOpen, atHand: true },
    { path: '/routines', label: msg.routines(), icon: Route, atHand: true },
    { path: '/music', label: common.music(), icon: Music },
    { path: '/events', label: msg.events(), icon: CalendarDays, atHand: true },
    { path: '/people', label: common.people(), icon: Contact, atHand: true },
    { path: '/classes', label: msg.classes(), icon: UsersRound },
    { path: '/questions', label: common.questions(), icon: CircleQuestionMark },
    { path: '/postures', label: msg.postures(), icon: PersonStanding },
    { path: '/map', label: msg.links(), icon: Waypoints },
    { path: '/book', label: msg.book(), icon: LibraryBig },
    { path: '/studio', label: msg.studio(), icon: Warehouse },
  ];
  /** A rehearsal has the whole screen. */
  let fills = $derived(router.location.endsWith('/rehearse'));
  let shortcuts = $state(false);
  let more = $state(false);
  $effect(() => {
    notices.moved(router.location);
    more = false;
  });
  let failure = $state<string>();
  reference.load().catch((thrown) => (failure = sentenceOf(thrown)));

  $effect(() => standby.watch());

  let places = $derived<Place[]>([
    ...RAIL.map(({ path, label }) => ({ kind: common.view(), title: label, path })),
    { kind: common.view(), title: msg.lessons(), path: '/lessons' },
    { kind: common.view(), title: common.amalgamations(), path: '/amalgamations' },
    { kind: common.view(), title: msg.about(), path: '/about' },
    { kind: common.view(), title: common.symbolsAndColours(), path: '/look' },
    { kind: common.view(), title: common.yourFirstHour(), path: '/first-hour' },
    ...reference.dances.map(({ id, title, style }) => ({ kind: common.dance(), title, more: style, path: `/dances/${id}` })),
    { kind: msg.command(), title: msg.newFigure(), path: '/figures/new' },
    { kind: msg.command(), title: msg.shortcuts2(), more: '?', does: help },
    { kind: msg.command(), title: msg.switchBetweenDayAndEvening(), does: () => evening.toggle() },
    { kind: msg.command(), title: msg.switchBetweenLargeAndNormal(), more: msg.altZ(), does: () => far.toggle() },
  ]);
  let going = $state(false);
  /** Both come when they are first asked for. */
  let GoTo = $state.raw<typeof import('$lib/finding/GoTo.svelte').default>();
  let Shortcuts = $state.raw<typeof import('$lib/keys/Shortcuts.svelte').default>();

  function go() {
    return show(async () => {
      GoTo ??= (await import('$lib/finding/GoTo.svelte')).default;
      going = true;
      more = false;
    });
  }

  function help() {
    return show(async () => {
      Shortcuts ??= (await import('$lib/keys/Shortcuts.svelte')).default;
      shortcuts = true;
    });
  }

  async function show(dialog: () => Promise<void>) {
    try {
      await dialog();
    } catch (thrown) {
      notices.fail(thrown);
    }
  }

  const keys = keysFor(EVERYWHERE, { help, go, distance: () => far.toggle() });
</script>

<svelte:window onkeydown={keys} />

{#snippet place(view: (typeof RAIL)[number], row: boolean)}
  {@const here = router.location === view.path || router.location.startsWith(`${view.path}/`) || (router.location === '/' && view.path === '/today')}
  <a
    href={`#${view.path}`}
    class={[
      'items-center rounded-xl font-semibold',
      row ? 'flex min-h-12 gap-3 px-3 text-base' : 'flex flex-1 flex-col gap-0.5 py-1.5 text-xs sm:w-full sm:flex-none sm:gap-0 sm:py-1 sm:text-sm',
      !row && !view.atHand && 'max-sm:hidden',
      here ? 'bg-floor text-ink evening:bg-ink evening:text-board' : 'hover:bg-white/10',
    ]}
    aria-current={here ? 'page' : undefined}
  >
    <view.icon width={22} height={22} aria-hidden="true" /><span class={row ? '' : 'sm:far:sr-only'}>{view.label}</span>
  </a>
{/snippet}

<div class="flex h-full flex-col-reverse sm:flex-row">
  {#if !fills}<nav
      class="flex shrink-0 items-center gap-0 sm:gap-0.5 bg-ink print:hidden p-2 text-floor sm:w-22 sm:far:w-14 sm:far:p-1 sm:overflow-y-auto sm:flex-col evening:bg-board evening:text-ink"
      aria-label={msg.views()}
    >
      <img src="./mark.svg" alt={msg.fluidFrame()} class="mb-1 hidden size-10 sm:block" />
      {#each RAIL as view (view.path)}{@render place(view, false)}{/each}
      <button
        class={['flex flex-1 cursor-pointer flex-col items-center gap-0.5 rounded-xl py-1.5 text-xs font-semibold sm:hidden', more && 'bg-white/15']}
        aria-label={msg.moreViews()}
        aria-expanded={more}
        onclick={() => (more = !more)}><Ellipsis width={22} height={22} aria-hidden="true" />{msg.more()}</button
      >
      <span class="hidden flex-1 sm:block"></span>
      <span class="hidden sm:grid sm:grid-cols-2 sm:far:grid-cols-1">
        <button class="cursor-pointer rounded-xl p-2.5 hover:bg-white/10" aria-label={msg.goTo()} title={msg.goToAltG()} onclick={go}>
          <Search width={22} height={22} />
        </button>
        <button class="hidden cursor-pointer rounded-xl p-2.5 hover:bg-white/10 sm:block" aria-label={msg.shortcuts2()} title={msg.shortcuts()} onclick={help}>
          <Keyboard width={22} height={22} />
        </button>
        <button
          class="hidden cursor-pointer rounded-xl p-2.5 hover:bg-white/10 sm:block"
          aria-label={far.on ? msg.normalText() : msg.largeText()}
          title={msg.textSize({ size: far.on ? msg.normalText() : msg.largeText() })}
          onclick={() => far.toggle()}
        >
          {#if far.on}<AArrowDown width={22} height={22} />{:else}<AArrowUp width={22} height={22} />{/if}
        </button>
        <button class="cursor-pointer rounded-xl p-2.5 hover:bg-white/10" aria-label={evening.on ? msg.dayColours() : msg.eveningColours()} onclick={() => evening.toggle()}>
          {#if evening.on}<Sun width={22} height={22} />{:else}<Moon width={22} height={22} />{/if}
        </button>
      </span>
    </nav>{/if}
  {#if more && !fills}
    <div class="grid shrink-0 grid-cols-2 gap-1 bg-ink p-2 text-floor sm:hidden evening:bg-board evening:text-ink" role="group" aria-label={msg.moreViews()}>
      {#each RAIL.filter(({ atHand }) => !atHand) as view (view.path)}{@render place(view, true)}{/each}
      {@render place({ path: '/lessons', label: msg.lessons(), icon: CalendarCheck }, true)}
      <button class="flex min-h-12 cursor-pointer items-center gap-3 rounded-xl px-3 font-semibold hover:bg-white/10" onclick={go}
        ><Search width={22} height={22} aria-hidden="true" />{msg.goTo()}</button
      >
      <button class="flex min-h-12 cursor-pointer items-center gap-3 rounded-xl px-3 font-semibold hover:bg-white/10" onclick={() => evening.toggle()}
        >{#if evening.on}<Sun width={22} height={22} aria-hidden="true" />{msg.dayColours()}{:else}<Moon
            width={22}
            height={22}
            aria-hidden="true"
          />{msg.eveningColours()}{/if}</button
      >
    </div>
  {/if}
  <div class="flex min-h-0 min-w-0 flex-1 flex-col">
    <main class="min-h-0 flex-1 overflow-y-auto">
      {#each standby.warnings as warning, at (at)}
        <p role="alert" class="border-b-[1.5px] border-madder bg-madder-wash px-5 py-2 leading-snug font-semibold print:hidden">{warning}</p>
      {/each}
      {#if failure}<div class="p-6"><Message sentence={failure} /></div>{/if}
      <Router routes={ROUTES} />
    </main>
    <NoticeLine />
  </div>
</div>
{#if Shortcuts}<Shortcuts bind:open={shortcuts} />{/if}
{#if GoTo}<GoTo bind:open={going} fixed={places} />{/if}
