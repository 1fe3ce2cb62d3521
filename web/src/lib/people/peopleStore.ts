import type { Couple, Person } from '$lib/api/client';
import { plainStore } from '$lib/ui/plainStore';

export const personStore = plainStore<Person>('person', '/api/people');
export const coupleStore = plainStore<Couple>('couple', '/api/couples');
