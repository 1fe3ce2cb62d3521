<script lang="ts">
  import { limits } from '$lib/api/limits';
  import msg from '$lib/messages/routines';
  import common from '$lib/messages/common';
  import { fileOf, sentenceOf, type Floor, type Obstacle } from '$lib/api/client';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Message from '$lib/ui/Message.svelte';
  import { saveFile } from '$lib/ui/saveFile';
  import { FLOORS, type RoomCheck } from './RoomCheck.svelte';
  import { saidAt } from './where';
  import type { RoutineDesk } from './RoutineDesk.svelte';

  interface Props {
    desk: RoutineDesk;
    room: RoomCheck;
    onclose: () => void;
  }
  let { desk, room, onclose }: Props = $props();

  /** What the program takes, metres. */
  const NEW_OBSTACLE: Obstacle = { title: msg.table(), x: 0, y: 0, length: 1, width: 1 };

  let floor = $derived<Floor>({ ...desk.score!.floor, ...desk.routine.floor });
  let dancers = $derived(desk.routine.dancers ?? desk.score!.dancers);
  let report = $derived(room.report);
  /** What is kept for every passage, each as often as it is danced. */
  let escapes = $derived(desk.score!.placements.flatMap(({ index }, passage) => (desk.placements[index]?.escapes ?? []).map(({ sentence }) => ({ index: passage, sentence }))));

  function change(part: Partial<Floor>) {
    desk.standOn({ ...floor, ...part });
  }

  function amend(index: number, part: Partial<Obstacle>) {
    const obstacles = floor.obstacles ?? [];
    const old = obstacles[index];
    if (old) change({ obstacles: obstacles.with(index, { ...old, ...part }) });
  }

  function at(passage: number) {
    const placement = desk.score?.placements[passage];
    return placement ? saidAt(placement) : '';
  }

  async function save() {
    try {
      saveFile(await fileOf('/api/floor-plans', room.on(desk.routine)), `${desk.routine.id}-floor.svg`);
    } catch (thrown) {
      room.failure = sentenceOf(thrown);
    }
  }
</script>

{#snippet metres(before: string, value: number, onchange: (value: number) => void, min = 0, max = limits.Floor.length.max)}
  <NumberField {before} {value} {onchange} {min} {max} step={0.1} width="w-20" />
{/snippet}

<section aria-label={msg.floorReport()}>
  <div class="flex items-center justify-between gap-2">
    <h2 class="text-xl">{msg.floor()}</h2>
    <button class="act" onclick={onclose}>{common.close()}</button>
  </div>
  {#if room.failure}<div class="mt-2"><Message sentence={room.failure} /></div>{/if}

  {#if report}
    <p class="mt-2 text-lg font-semibold" data-testid="room-verdict">
      {#if report.collisions.length === 0}{msg.noWallOrObstacleIs()}{:else}{msg.placesTooTight({ places: report.collisions.length })}{/if}
    </p>
    <p class="leading-snug text-soft" data-testid="room-need">
      {msg.thisRoutineNeedsAFloor({ toFixed: report.neededLength.toFixed(1), toFixed2: report.neededWidth.toFixed(1), toFixed3: report.distance.toFixed(0) })}
    </p>
    {#if report.collisions.length > 0}
      <ul class="mt-2 flex flex-col gap-1">
        {#each report.collisions.slice(0, 8) as hit, index (index)}
          <li class="rounded-lg bg-madder-wash px-2 py-1 leading-snug">
            {msg.mTooClose({ placement: at(hit.placement), what: hit.what, toFixed: hit.metres.toFixed(1) })}
          </li>
        {/each}
      </ul>
    {/if}
    <table class="mt-3 w-full">
      <thead
        ><tr class="text-left text-soft"
          ><th class="font-normal">{msg.side()}</th><th class="font-normal">{msg.used()}</th><th class="font-normal">{msg.available()}</th><th class="font-normal"
            >{msg.leftAtTheEnd()}</th
          ></tr
        ></thead
      >
      <tbody>
        {#each report.sides as side (side.side)}
          <tr><td class="font-semibold">{side.side + 1}</td><td>{side.used.toFixed(1)} m</td><td>{side.there.toFixed(1)} m</td><td>{side.ahead.toFixed(1)} m</td></tr>
        {/each}
      </tbody>
    </table>
    {#if report.corners.length > 0 && !room.tried}
      <h3 class="mt-3 text-base">{msg.possibleCorners()}</h3>
      <ul class="mt-1 flex flex-col gap-1">
        {#each report.corners as corner (corner.after)}
          <li>
            <button class="act h-auto w-full justify-start py-1 text-left whitespace-normal" onclick={() => desk.turnCornerAfter(corner.after)}>
              {(corner.outcome === 'bends' ? msg.cornerBends : msg.cornerHere)({ figure: at(corner.after), metres: corner.ahead.toFixed(1) })}
            </button>
          </li>
        {/each}
      </ul>
    {/if}
    {#if report.circles.length > 0}
      <h3 class="mt-3 text-base">{msg.turningAboutACentre()}</h3>
      <ul class="leading-snug">
        {#each report.circles as circle (circle.placement)}
          <li>
            {msg.circle({
              figure: at(circle.placement),
              inside: circle.inside ? msg.theInside({ inside: circle.inside }) : msg.bothAsFarOut(),
              man: circle.man.toFixed(1),
              lady: circle.lady.toFixed(1),
            })}
          </li>
        {/each}
      </ul>
    {/if}
  {/if}

  {#if escapes.length > 0}
    <h3 class="mt-3 text-base">{msg.ifTheWayIsBlocked()}</h3>
    <ul class="mt-1 space-y-1 leading-snug" aria-label={msg.escapePlans()}>
      {#each escapes as { index, sentence } (`${index} ${sentence}`)}
        <li><span class="font-semibold">{msg.after({ index: at(index) })}</span> {sentence}</li>
      {/each}
    </ul>
  {/if}

  <h3 class="mt-3 text-base">{msg.tryIt()}</h3>
  <div class="mt-1 flex flex-wrap gap-2">
    <Choice
      label={msg.floor()}
      options={FLOORS.map((each) => ({ value: each.title, label: `${each.title}, ${each.length} × ${each.width} m` }))}
      value={room.tried?.title ?? ''}
      any={msg.itsOwn()}
      onchange={(chosen) =>
        room.try(
          FLOORS.find((each) => each.title === chosen),
          desk.routine,
        )}
    />
    {#if room.tried}
      <button
        class="act"
        onclick={() => {
          const taken = room.floor(room.tried!);
          void room.try(undefined, desk.routine);
          desk.standOn(taken);
        }}>{msg.useThisFloor()}</button
      >
    {/if}
  </div>

  {#if !room.tried}
    <h3 class="mt-3 text-base">{msg.useItsOwnFloor()}</h3>
    <div class="mt-1 flex flex-wrap gap-2">
      {@render metres(msg.long(), floor.length, (length) => desk.resizeFloor({ length }), limits.Floor.length.min)}
      {@render metres(msg.wide(), floor.width, (width) => desk.resizeFloor({ width }), limits.Floor.length.min)}
      {@render metres(msg.startAt(), floor.start?.x ?? 0, (x) => change({ start: { x, y: floor.start?.y ?? 0 } }), 0, floor.length)}
      {@render metres(msg.fromTheWall(), floor.start?.y ?? 0, (y) => change({ start: { x: floor.start?.x ?? 0, y } }), 0, floor.width)}
    </div>
    {#each floor.obstacles ?? [] as obstacle, index (index)}
      <fieldset class="mt-2 flex flex-wrap gap-2 rounded-lg bg-floor p-2">
        <legend class="sr-only">{obstacle.title}</legend>
        <input
          class="field w-32"
          aria-label={msg.obstacle()}
          {...limits.Obstacle.title}
          value={obstacle.title}
          onchange={(event) => amend(index, { title: event.currentTarget.value })}
        />
        {@render metres(msg.atMetres(), obstacle.x, (x) => amend(index, { x }))}
        {@render metres(msg.fromTheWall(), obstacle.y, (y) => amend(index, { y }))}
        {@render metres(msg.long(), obstacle.length, (length) => amend(index, { length }))}
        {@render metres(msg.wide(), obstacle.width, (width) => amend(index, { width }))}
        <button class="act" onclick={() => change({ obstacles: (floor.obstacles ?? []).toSpliced(index, 1) })}>{common.remove()}</button>
      </fieldset>
    {/each}
    <div class="mt-2 flex flex-wrap gap-2">
      <button class="act" onclick={() => change({ obstacles: [...(floor.obstacles ?? []), NEW_OBSTACLE] })}>{msg.addAnObstacle()}</button>
    </div>
    <h3 class="mt-3 text-base">{msg.theCouple()}</h3>
    <div class="mt-1 flex flex-wrap gap-2">
      {@render metres(msg.manMTall(), dancers.man, (man) => desk.measure({ ...dancers, man }), limits.Dancers.man.min, limits.Dancers.man.max)}
      {@render metres(msg.ladyMTall(), dancers.lady, (lady) => desk.measure({ ...dancers, lady }), limits.Dancers.man.min, limits.Dancers.man.max)}
    </div>
  {/if}
  <button class="act mt-3" onclick={save}>{msg.saveThePlanAsSvg()}</button>
</section>
