/** Answers as the workroom would give them, made for the tests: whole, and plain where a test says nothing. */
import type {
  Check,
  Cloth,
  ClothField,
  Cut,
  Draft,
  Making,
  MakingStep,
  Piece,
  Revision,
  Setting,
  Step,
} from '../api/client';
import type { DraftAsked } from '../api/queries';

/** A woven cloth, plain and washed. */
export const PLAIN: Cloth = {
  stretch: 0,
  width: 1500,
  folded: true,
  oneWay: false,
  drape: 'medium',
  repeat: 0,
  shrinkage: 0,
  stretchAlong: 0,
  sheer: false,
  frays: true,
};

const madeField = (over: Partial<ClothField>): ClothField => ({
  key: 'stretch',
  title: 'Stretch along the girth',
  kind: 'flag',
  least: 0,
  most: 0,
  orNone: false,
  choices: [],
  usual: {},
  follows: null,
  ...over,
});

const either = (key: string, title: string, no: string, yes: string) =>
  madeField({
    key,
    title,
    choices: [
      { id: 'false', title: no },
      { id: 'true', title: yes },
    ],
  });

/** What can be said of a cloth. */
export const CLOTH_FIELDS: ClothField[] = [
  madeField({ kind: 'pulled', most: 2 }),
  madeField({
    key: 'stretchAlong',
    title: 'Stretch along the selvedge',
    kind: 'pulled',
    most: 2,
    follows: 'stretch',
  }),
  either('sheer', 'What lies beneath', 'Is hidden', 'Shows through'),
  madeField({
    key: 'width',
    title: 'Selvedge to selvedge',
    kind: 'length',
    least: 100,
    most: 5000,
    usual: { in: [36 * 25.4, 45 * 25.4], cm: [1150, 1500] },
  }),
  either('folded', 'How it is laid', 'Laid open', 'Folded'),
  either('oneWay', 'Nap or print', 'Either way up', 'One way'),
  madeField({
    key: 'repeat',
    title: 'Its print begins again after',
    kind: 'length',
    least: 1,
    most: 3000,
    orNone: true,
  }),
  madeField({ key: 'shrinkage', title: 'Washed, it loses of its length', kind: 'share', most: 0.3 }),
  madeField({
    key: 'drape',
    title: 'How it falls',
    kind: 'choice',
    choices: [
      { id: 'soft', title: 'Soft, hangs in folds' },
      { id: 'firm', title: 'Firm, stands away' },
    ],
  }),
  either('frays', 'A cut edge', 'Stays as it is cut', 'Frays'),
];

export const madeAsked = (over: Partial<DraftAsked>): DraftAsked => ({
  cut: 'straight-skirt',
  way: 'house',
  measures: {},
  settings: {},
  cloth: PLAIN,
  with: [],
  without: [],
  ...over,
});

export const madeStep = (over: Partial<Step>): Step => ({
  id: 'step',
  words: {},
  title: 'Step',
  formula: '',
  working: [],
  value: 0,
  kind: 'length',
  printed: { sixteenths: false, inches: '', centimetres: '' },
  fact: null,
  why: '',
  rivals: [],
  estimated: false,
  guesses: [],
  overridden: false,
  draws: [],
  setting: null,
  ...over,
});

export const madePiece = (over: Partial<Piece>): Piece => ({
  id: 'front',
  name: 'Front',
  panel: 'front',
  behind: false,
  layer: 'shell',
  cut: 1,
  onFold: false,
  mirrored: false,
  fused: false,
  sewLine: [],
  cutLine: [],
  seams: [],
  darts: [],
  marks: [],
  grain: [],
  label: [],
  needs: { across: 0, along: 0, centreIn: 0 },
  folds: [],
  lines: [],
  madeBy: null,
  ...over,
});

export const madeCheck = (over: Partial<Check>): Check => ({
  id: 'hip.fits',
  title: 'Hip room',
  verdict: 'true',
  text: 'There is room.',
  cause: '',
  measured: 0,
  wanted: 0,
  tolerance: 1,
  difference: 0,
  atLeast: true,
  unit: 'mm',
  posture: 'standing',
  whenTrue: 'fits',
  whenOff: 'short by {measured}',
  guesses: [],
  undecided: null,
  remedies: [],
  words: {},
  ...over,
});

export const madeSetting = (over: Partial<Setting>): Setting => ({
  key: 'hipEase',
  title: 'Hip ease',
  label: 'Ease all round',
  zone: 'Hip',
  kind: 'length',
  least: 0,
  most: 100,
  choices: [],
  levelled: false,
  readBy: [],
  ...over,
});

export const madeCut = (over: Partial<Cut>): Cut => ({
  id: 'straight-skirt',
  title: 'Straight skirt',
  about: '',
  words: {},
  group: 'skirts',
  parts: ['skirt'],
  ways: ['house'],
  operations: [],
  way: 'house',
  measures: [],
  settings: [],
  ...over,
});

export const madeDraft = (over: Partial<Draft>): Draft => ({
  cut: 'straight-skirt',
  way: 'house',
  facts: {},
  steps: [],
  pieces: [],
  joins: [],
  checks: [],
  notices: [],
  estimates: [],
  levels: [],
  settings: {},
  cloth: PLAIN,
  made: [],
  notions: [],
  making: [],
  ...over,
});

export const madeRevision = (over: Partial<Revision>): Revision => ({
  number: 1,
  reason: '',
  madeBy: 'Winifred Hale',
  madeAt: '2026-11-26T08:00:00Z',
  request: {},
  engine: '3f9a02c41b7d',
  comparable: true,
  kept: true,
  moved: null,
  ...over,
});

export const madeMakingStep = (over: Partial<MakingStep>): MakingStep => ({
  id: 'step',
  words: {},
  title: 'Step',
  work: 'sew',
  pieces: [],
  seams: [],
  widths: [],
  letOut: 0,
  stitch: '',
  how: [],
  looks: [],
  notions: [],
  cautions: [],
  after: [],
  drawing: { notes: [], spans: [], strokes: [] },
  done: false,
  doneAt: null,
  doneBy: null,
  seconds: 0,
  clockSince: null,
  ...over,
});

export const madeMaking = (steps: MakingStep[]): Making => ({
  habit: 'sides-first',
  habits: [],
  steps,
  notions: [],
  seconds: 0,
});
