import msg from '$lib/messages/rules';
import type { Division, RuleProfile } from '$lib/api/client';
import { EditSession, opened } from '$lib/ui/EditSession.svelte';
import { profileStore } from './profileStore';

/** What a new division asks: one dance, six couples on the floor. */
export function newDivision(title: string): Division {
  return { title, dances: [{ dance: 'waltz' }], couples: 6, syllabus: false, lifts: false };
}

/** The rules of an organiser under work. */
export class ProfileDesk extends EditSession<RuleProfile> {
  static async open(id: string): Promise<ProfileDesk> {
    return new ProfileDesk(profileStore, await opened(profileStore, id));
  }

  get profile(): RuleProfile {
    return this.document;
  }

  protected changed() {}

  type(change: Partial<RuleProfile>) {
    this.amend({ ...this.profile, ...change });
  }

  setDivision(index: number, change: Partial<Division>) {
    this.change({ ...this.profile, divisions: this.profile.divisions.map((division, at) => (at === index ? { ...division, ...change } : division)) });
  }

  addDivision() {
    const titles = this.profile.divisions.map((division) => division.title);
    let number = titles.length + 1;
    while (titles.includes(msg.division({ number }))) number++;
    this.change({ ...this.profile, divisions: [...this.profile.divisions, newDivision(msg.division({ number }))] });
  }

  dropDivision(index: number) {
    this.change({ ...this.profile, divisions: this.profile.divisions.filter((_, at) => at !== index) });
  }
}
