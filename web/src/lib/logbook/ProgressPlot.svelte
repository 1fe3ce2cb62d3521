<script lang="ts">
  import msg from '$lib/messages/logbook';
  import common from '$lib/messages/common';
  import type { FigureProgress } from '$lib/api/client';
  import { FirstScreen } from '$lib/ui/FirstScreen.svelte';
  import { reference } from '$lib/reference/reference.svelte';
  import { monthsBetween, monthWords } from './months';
  import GradeMark from './GradeMark.svelte';

  interface Props {
    figures: FigureProgress[];
  }
  let { figures }: Props = $props();

  /** More of them than a screen shows at once. */
  const ROWS_SEEN = 20;
  const screen = new FirstScreen(ROWS_SEEN);
  const WIDTH = 460;
  /** Pixels that the name of a month takes. */
  const NAMED = 58;
  const ROW = 26;
  const HEIGHT: Record<string, number> = { lost: 20, shaky: 15, good: 9, secure: 4 };
  const day = (date: string) => Date.parse(`${date}T12:00Z`) / 86_400_000;

  let days = $derived(figures.flatMap((figure) => figure.grades.map((grade) => day(grade.date))));
  let first = $derived(Math.min(...days));
  let last = $derived(Math.max(Math.max(...days), first + 1));
  const x = (date: string) => 8 + ((day(date) - first) / (last - first)) * (WIDTH - 16);
  let dates = $derived(figures.flatMap((figure) => figure.grades.map((grade) => grade.date)).sort());
  let months = $derived(monthsBetween(dates[0] ?? '', dates.at(-1) ?? ''));
  /** Of many months as many are named as there is room for. */
  let named = $derived(months.filter((_, index) => index % Math.ceil((months.length * NAMED) / WIDTH) === 0));
  let monthLines = $derived(months.map((month) => `M${x(month)} 0V${ROW}`).join(''));

  /** One path for all results of a grade: the drawing of two years would else be thousands of elements. */
  const marks = (figure: FigureProgress, draw: (x: number, y: number) => string, ...grades: string[]) =>
    figure.grades
      .filter(({ grade }) => grades.includes(grade))
      .map(({ date, grade }) => draw(x(date), HEIGHT[grade]! + 2))
      .join('');
  const dot = (x: number, y: number) => `M${x} ${y}h0`;
  const cross = (x: number, y: number) => `M${x - 4} ${y - 4}l8 8m0-8l-8 8`;
</script>

<div class="overflow-x-auto">
  <table class="w-full min-w-180 border-collapse">
    <thead>
      <tr>
        <th scope="col" class="w-64 text-left">{common.figure()}</th>
        <th scope="col" class="text-left"
          ><svg width={WIDTH} height="18" class="block" aria-hidden="true">
            {#each named as month (month)}<text x={x(month)} y="14" font-size="13" fill="currentColor">{monthWords(month, months.length > 12)}</text>{/each}
          </svg><span class="sr-only">{msg.resultsByDay()}</span></th
        >
        <th scope="col" class="text-left">{msg.now()}</th>
      </tr>
    </thead>
    <tbody>
      {#each screen.of(figures) as figure (figure.figure)}
        <tr class="border-t border-line">
          <th scope="row" class="py-0.5 pr-3 text-left leading-tight font-normal"
            ><a class="hover:underline" href={`#/figures/${figure.figure}/card`}>{figure.title}</a> <span class="text-soft">{reference.dance(figure.dance)?.title ?? ''}</span></th
          >
          <td>
            <svg width={WIDTH} height={ROW} class="block" role="img" aria-label={figure.grades.map((grade) => `${grade.date} ${grade.grade}`).join(', ')}>
              <path d={monthLines} stroke="var(--ff-line)" />
              <polyline points={figure.grades.map((grade) => `${x(grade.date)},${HEIGHT[grade.grade]! + 2}`).join(' ')} fill="none" stroke="var(--ff-soft)" stroke-width="1.5" />
              <path d={marks(figure, cross, 'lost')} stroke="var(--ff-madder)" stroke-width="2.5" />
              <g stroke-linecap="round">
                <path d={marks(figure, dot, 'shaky', 'good', 'secure')} stroke="var(--ff-spruce)" stroke-width="11" />
                <path d={marks(figure, dot, 'shaky')} stroke="var(--ff-board)" stroke-width="7" />
              </g>
            </svg>
          </td>
          <td class="pl-2 whitespace-nowrap"><span class="inline-flex items-center gap-1"><GradeMark value={figure.stage} />{figure.stage}, {figure.percent} %</span></td>
        </tr>
      {/each}
    </tbody>
  </table>
</div>
<p class="mt-1 text-soft">{msg.aCrossMeansLostA()}</p>
