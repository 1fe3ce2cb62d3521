import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Note } from '$lib/api/client';
import { later, program, Refused, type Question as Asked } from '$lib/testing/program';
import { QuestionRound, type Wish } from './QuestionRound.svelte';

const WISH: Wish = { dance: 'waltz', highest: '', part: '', kinds: [], figure: '', count: 2, seed: 7, weakOf: '' };
const QUESTIONS = ['first', 'second'].map((key) => ({ key, prompt: key, form: 'words' }));
const marks: Record<string, string> = { yes: 'right', almost: 'nearly', no: 'wrong', what: 'unread' };

const noted: Note[] = [];

afterEach(() => {
  noted.length = 0;
  vi.restoreAllMocks();
});

async function round(answers: Record<string, unknown> = {}) {
  const questions = program({
    '/api/questions': { questions: QUESTIONS },
    '/api/question-marks': ({ body }: Asked) => ({ outcome: marks[(body as { answer: string }).answer], sentence: '' }),
    ...answers,
  });
  const started = new QuestionRound({ add: async (note) => void noted.push(note) });
  await started.start(WISH);
  return { round: started, questions };
}

describe('a round of questions', () => {
  it('asks only for what is said', async () => {
    const { round: started, questions } = await round();
    expect(questions[0]?.body).toEqual({ dance: 'waltz', highest: undefined, part: undefined, kinds: [], figures: [], count: 2, seed: 7, weakOf: undefined });
    await started.start({ ...WISH, highest: 'gold', part: 'lady', figure: 'waltz-whisk' });
    expect(questions[1]?.body).toMatchObject({ highest: 'gold', part: 'lady', figures: ['waltz-whisk'] });
  });

  it('notes each answer of whoever answers, as what is danced is noted, and nobody else’s', async () => {
    const { round: started } = await round({
      '/api/questions': {
        questions: [
          { key: 'first', figure: 'waltz-whisk', kind: 'free foot' },
          { key: 'second', figure: 'waltz-whisk', kind: 'turn' },
        ],
      },
    });
    await started.give('what');
    started.asked = { couple: 'idris-wren', person: 'wren-attley' };
    await started.give('almost');
    started.next();
    await started.give('no');
    expect(noted.map(({ couple, person, subject, grade }) => [couple, person, subject, grade])).toEqual([
      ['idris-wren', 'wren-attley', 'chart~waltz-whisk~free foot', 'shaky'],
      ['idris-wren', 'wren-attley', 'chart~waltz-whisk~turn', 'lost'],
    ]);
  });

  it('goes on once a question has its mark, and what is not understood may be said again', async () => {
    const { round: started } = await round();
    await started.give('what');
    started.next();
    expect([started.question?.key, started.isMarked, started.outcomes]).toEqual(['first', false, []]);
    await started.give('almost');
    await started.give('yes');
    expect(started.outcomes).toEqual(['nearly']);
    started.next();
    expect([started.question?.key, started.answer, started.mark]).toEqual(['second', '', undefined]);
    await started.give('yes');
    started.next();
    expect([started.isOver, started.count('right'), started.score]).toEqual([true, 1, 75]);
  });

  it('asks again what was missed', async () => {
    const { round: started } = await round();
    await started.give('no');
    started.next();
    await started.give('yes');
    started.next();
    started.again();
    expect(started.questions.map(({ key }) => key)).toEqual(['first']);
    expect([started.isOver, started.outcomes]).toEqual([false, []]);
  });

  it('shows the set that was asked for last', async () => {
    const slow = later<unknown>();
    const { round: started } = await round({ '/api/questions': ({ body }: Asked) => ((body as { seed: number }).seed === 1 ? slow.promise : { questions: QUESTIONS }) });
    const first = started.start({ ...WISH, seed: 1 });
    await started.start({ ...WISH, seed: 2 });
    slow.answer({ questions: [] });
    await first;
    expect(started.questions).toHaveLength(2);
  });

  it('says that there is nothing to ask, and why an answer could not be marked', async () => {
    const { round: empty } = await round({ '/api/questions': { questions: [] } });
    expect([empty.failure?.startsWith('No questions can be asked'), empty.isOver]).toEqual([true, false]);
    const { round: stopped } = await round({ '/api/question-marks': new Refused(503, 'Busy.') });
    await stopped.give('yes');
    expect([stopped.failure, stopped.isMarked]).toEqual(['Busy.', false]);
  });
});
