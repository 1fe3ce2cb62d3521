/** Where the browser is, as Europe/London. */
export const zoneHere = () => Intl.DateTimeFormat().resolvedOptions().timeZone;
