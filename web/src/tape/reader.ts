/** Reads lengths as they are called out at the table: 38, 38 1/2, 10½, 8 4/8, 38.5", 97,8 cm, 978mm, 5 ft 6. */

export type Unit = 'in' | 'cm' | 'mm';

export const INCH = 25.4;
const MM: Record<Unit, number> = { in: INCH, cm: 10, mm: 1 };

const FRACTIONS: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

const READING =
  /^([-−+])?\s*(\d{1,7}(?:[.,]\d{1,6})?|[.,]\d{1,6})?(?:(\s*-\s*|\s+)?(\d{1,3})\s*\/\s*(\d{1,3}))?\s*([a-z"″”'′’.]*)$/;
const FEET = /^(\d{1,2})\s*(?:ft|foot|feet|'|′|’)\s*(.*)$/;
const BARE_FRACTION = /^([-−+]?)\s*(\d{1,3}\s*\/\s*\d{1,3}.*)$/;

export type Read = { ok: true; mm: number } | { ok: false; why: string };

const bad = (why: string): Read => ({ ok: false, why });

/** The length that was typed in mm, or why it is none. A bare number is in `unit`. */
export function readTape(typed: string, unit: Unit): Read {
  const lower = typed.trim().toLowerCase();
  if (lower === '') return bad('Nothing was typed');
  if (lower.length > 40) return bad('That is too long to be a reading of the tape');
  const text = [...lower]
    .map((c) => (FRACTIONS[c] ? ` ${FRACTIONS[c]}` : c === '⁄' ? '/' : c === '\u00a0' || c === '\u202f' ? ' ' : c))
    .join('')
    .trim();
  const feet = FEET.exec(text);
  if (feet) {
    const rest = feet[2]?.trim() ? readOne(feet[2].trim(), 'in') : { ok: true as const, mm: 0 };
    return rest.ok ? { ok: true, mm: Number(feet[1]) * 12 * INCH + rest.mm } : rest;
  }
  return readOne(text, unit);
}

function readOne(text: string, fallback: Unit): Read {
  const m = READING.exec(text.replace(BARE_FRACTION, '$10 $2'));
  if (!m || m[2] === undefined) return bad(`“${text}” is not a reading of the tape; try 38 1/2, or 97,8 cm`);
  const unit = unitOf(m[6] ?? '', fallback);
  if (!unit) return bad(`“${m[6]}” is not a unit; use in, cm or mm`);
  const whole = m[2];
  let value = Number(whole.replace(',', '.'));
  if (m[4] !== undefined && m[5] !== undefined) {
    const over = Number(m[4]);
    const under = Number(m[5]);
    if (/[.,]/.test(whole) || m[3] === undefined) return bad('Use a decimal or a fraction, not both');
    if (![2, 4, 8, 16].includes(under))
      return bad(`${over}/${under} is not on a tape; use halves, quarters, eighths or sixteenths`);
    if (over >= under) return bad(`${over}/${under} is a whole inch or more; carry it to the inches`);
    value += over / under;
  }
  const sign = m[1] === '-' || m[1] === '−' ? -1 : 1;
  return { ok: true, mm: sign * value * MM[unit] };
}

function unitOf(sign: string, fallback: Unit): Unit | null {
  switch (sign) {
    case '':
      return fallback;
    case '"':
    case '″':
    case '”':
    case "''":
    case 'in':
    case 'in.':
    case 'inch':
    case 'inches':
    case 'ins':
      return 'in';
    case 'cm':
    case 'cm.':
    case 'centimetre':
    case 'centimetres':
      return 'cm';
    case 'mm':
    case 'mm.':
    case 'millimetre':
    case 'millimetres':
      return 'mm';
    default:
      return null;
  }
}
