/** Time a step took, in words of the workroom. */

/** Minutes and hours: `under a minute`, `48 min`, `1 h 10`. */
export function spent(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes < 1) return 'under a minute';
  if (minutes < 60) return `${minutes} min`;
  const rest = minutes % 60;
  return `${Math.floor(minutes / 60)} h${rest > 0 ? ` ${String(rest).padStart(2, '0')}` : ''}`;
}

/** What a step took up to now, a running clock counted. */
export function soFar(step: { seconds: number; clockSince: string | null }, now: number): number {
  const running = step.clockSince ? Math.max(0, (now - Date.parse(step.clockSince)) / 1000) : 0;
  return step.seconds + running;
}
