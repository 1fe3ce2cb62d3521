<script lang="ts">
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import type { FigureProgress } from '$lib/api/client';
  import { reference } from '$lib/reference/reference.svelte';
  import { monthsBetween, monthWords } from './months';
  import GradeMark from './GradeMark.svelte';

  interface Props {
    figures: FigureProgress[];
  }
  let { figures }: Props = $props();

  const WIDTH = 460;
  const ROW = 26;
  const HEIGHT: Record<string, number> = { lost: 20, shaky: 15, good: 9, secure: 4 };
  const day = (date: string) => Date.parse(`${date}T12:00Z`) / 86_400_000;

  let days = $derived(figures.flatMap((figure) => figure.grades.map((grade) => day(grade.date))));
  let first = $derived(Math.min(...days));
  let last = $derived(Math.max(Math.max(...days), first + 1));
  const x = (date: string) => 8 + ((day(date) - first) / (last - first)) * (WIDTH - 16);
  let dates = $derived(figures.flatMap((figure) => figure.grades.map((grade) => grade.date)).sort());
  let months = $derived(monthsBetween(dates[0] ?? '', dates.at(-1) ?? ''));
</script>

<div class="overflow-x-auto">
  <table class="w-full min-w-180 border-collapse">
    <thead>
      <tr>
        <th scope="col" class="w-64 text-left">{common.figure()}</th>
        <th scope="col" class="text-left"
          ><svg width={WIDTH} height="18" class="block" aria-hidden="true">
            {#each months as month (month)}<text x={x(month)} y="14" font-size="13" fill="currentColor">{monthWords(month)}</text>{/each}
          </svg><span class="sr-only">{msg.resultsByDay()}</span></th
        >
        <th scope="col" class="text-left">{msg.now()}</th>
      </tr>
    </thead>
    <tbody>
      {#each figures as figure (figure.figure)}
        <tr class="border-t border-line">
          <th scope="row" class="py-0.5 pr-3 text-left leading-tight font-normal"
            ><a class="hover:underline" href={`#/figures/${figure.figure}/card`}>{figure.title}</a> <span class="text-soft">{reference.dance(figure.dance)?.title ?? ''}</span></th
          >
          <td>
            <svg width={WIDTH} height={ROW} class="block" role="img" aria-label={figure.grades.map((grade) => `${grade.date} ${grade.grade}`).join(', ')}>
              {#each months as month (month)}<line x1={x(month)} x2={x(month)} y1="0" y2={ROW} stroke="var(--ff-line)" />{/each}
              <polyline points={figure.grades.map((grade) => `${x(grade.date)},${HEIGHT[grade.grade]! + 2}`).join(' ')} fill="none" stroke="var(--ff-soft)" stroke-width="1.5" />
              {#each figure.grades as grade, index (index)}
                {#if grade.grade === 'lost'}<path d={`M${x(grade.date) - 4} ${HEIGHT.lost! - 2}l8 8m0-8l-8 8`} stroke="var(--ff-madder)" stroke-width="2.5" />
                {:else}<circle
                    cx={x(grade.date)}
                    cy={HEIGHT[grade.grade]! + 2}
                    r="4.5"
                    fill={grade.grade === 'shaky' ? 'var(--ff-board)' : 'var(--ff-spruce)'}
                    stroke="var(--ff-spruce)"
                    stroke-width="2"
                  />{/if}
              {/each}
            </svg>
          </td>
          <td class="pl-2 whitespace-nowrap"><span class="inline-flex items-center gap-1"><GradeMark value={figure.stage} />{figure.stage}, {figure.percent} %</span></td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="mt-1 text-soft">{msg.aCrossMeansLostA()}</p>
