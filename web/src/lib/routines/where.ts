import msg from '$lib/messages/routines';
interface Place {
  bar: number;
  beat: number;
}

/** "bar 14", and "bar 14·3" for its third beat. */
export function whereIs({ bar, beat }: Place) {
  return msg.bar3({ bar, value: beat > 1 ? `·${beat}` : '' });
}

/** "bar 14·3, Straight Basic". */
export function saidAt(place: Place & { title: string }) {
  return `${whereIs(place)}, ${place.title}`;
}
