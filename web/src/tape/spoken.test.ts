import { describe, expect, it } from 'vitest';
import { inCentimetres } from './spoken';

describe('inches in words, read in centimetres', () => {
  it.each([
    ['Room to sit: an inch and a half all round.', 'Room to sit: 3.8 cm all round.'],
    ['Half an inch; the seams are not let out.', '1.3 cm; the seams are not let out.'],
    ['Lay it three quarters of an inch below the rise', 'Lay it 1.9 cm below the rise'],
    ['under a quarter inch none is sewn', 'under 0.6 cm none is sewn'],
    [
      'Soft elastic is five to eight inches shorter than the waist.',
      'Soft elastic is 12.7 to 20.3 cm shorter than the waist.',
    ],
    ['Eighteen inches at ankle length, to walk by.', '45.7 cm at ankle length, to walk by.'],
    ['less than 3 in (8 cm) below the crotch', 'less than 8 cm below the crotch'],
    ['On a leg under 36 in (91 cm) or over 44 in (112 cm)', 'On a leg under 91 cm or over 112 cm'],
    ['8 in for everyone puts many hip curves wrong', '20.3 cm for everyone puts many hip curves wrong'],
    ['bust ÷ 4 − 1½ in', 'bust ÷ 4 − 3.8 cm'],
  ])('%s', (said, read) => {
    expect(inCentimetres(said, '.')).toBe(read);
  });

  it('leaves what is no length', () => {
    const text = 'Was it read in inches? The dart lies in the waist; three darts in one piece.';
    expect(inCentimetres(text, '.')).toBe(text);
  });
});
