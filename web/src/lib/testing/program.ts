import { vi } from 'vitest';
import { api } from '$lib/api/client';

/** A question as it was put to the program. */
export interface Question {
  method: string;
  path: string;
  body?: unknown;
  params?: { path?: Record<string, string>; query?: Record<string, unknown>; header?: Record<string, string> };
}

/** What the program says no to. */
export class Refused {
  constructor(
    readonly status: number,
    readonly detail: string,
  ) {}
}

/** What the program works out of a revision of a stored document. */
export class BasedOn {
  constructor(
    readonly tag: string,
    readonly data: unknown,
  ) {}
}

/**
 * Stands in for the program: answers each path with a value, or with what a function makes of the question; what is not foreseen it does not know.
 * A path may be given with its method before it.
 *
 * @returns every question that was put, in order
 */
export function program(answers: Record<string, unknown>): Question[] {
  const questions: Question[] = [];
  for (const method of ['GET', 'POST', 'PUT', 'DELETE'] as const) {
    vi.spyOn(api, method).mockImplementation((async (path: string, asked: object = {}) => {
      const question: Question = { method, path, ...asked };
      questions.push(question);
      const known =
        answers[`${method} ${path}`] ?? answers[path] ?? (path === '/api/taken-ids' ? takenAmong(answers) : undefined) ?? new Refused(404, `Nothing was foreseen at ${path}.`);
      const data = await (typeof known === 'function' ? known(question) : known);
      if (data instanceof Refused) return { error: { detail: data.detail }, response: new Response(null, { status: data.status }) };
      if (data instanceof BasedOn) return { data: data.data, response: new Response(null, { headers: { 'Based-On': data.tag } }) };
      return { data, response: new Response(null, { headers: { ETag: '"1"' } }) };
    }) as never);
  }
  return questions;
}

/** Of each kind that is foreseen one at a time there is one of every id. */
function takenAmong(answers: Record<string, unknown>) {
  return ({ params }: Question) => ({ taken: `/api/${params?.query?.kind as string}s/{id}` in answers });
}

/** A browser that remembers, for as long as a test lasts. */
export function remembering(kept: Record<string, string> = {}) {
  const memory = new Map(Object.entries(kept));
  vi.stubGlobal('localStorage', {
    getItem: (key: string) => memory.get(key) ?? null,
    setItem: (key: string, text: string) => memory.set(key, text),
    removeItem: (key: string) => memory.delete(key),
  });
  return memory;
}

/** An answer that comes when it is let go. */
export function later<T>() {
  let answer: (value: T) => void = () => undefined;
  const promise = new Promise<T>((resolve) => (answer = resolve));
  return { promise, answer };
}
