import createClient, { createQuerySerializer } from 'openapi-fetch';
import { machine } from '../account/machine';
import { markName, shownNotation } from '../tape/notation';
import { connection } from './connection';
import type { components, paths } from './contract.gen';

export type Views = components['schemas'];
export type Draft = Views['DraftView'];
export type Step = Views['StepView'];
/** What of a draft is drawn: all that the paper needs, of the whole draft or of the line alone. */
export type Line = Views['LineView'];
export type LineStep = Views['LineStepView'];
export type LinePiece = Views['LinePieceView'];
export type Piece = Views['PieceView'];
export type Check = Views['CheckView'];
export type CheckId = Check['id'];
export type Segment = Views['Segment'];
export type Evidence = Views['EvidenceView'];
export type Exhibit = Views['ExhibitView'];
export type Making = Views['MakingView'];
export type MakingStep = Views['MakingStepView'];
export type Notion = Views['NotionView'];
export type Remedy = Views['RemedyView'];
export type Remark = Views['RemarkView'];
export type Fitting = Views['FittingView'];
export type BenchPanel = Views['BenchPanelView'];
export type Revision = Views['RevisionView'];
export type Reading = Views['ReadingView'];
export type Drawn = Views['DrawnView'];
export type Ticket = Views['TicketView'];
export type Person = Views['PersonView'];
export type Sheet = Views['SheetView'];
export type Cut = Views['CutView'];
export type Way = Views['WayView'];
export type Setting = Views['SettingView'];
export type Measure = Views['MeasureView'];
export type MeasureKey = Measure['key'];
export type Cloth = Views['ClothView'];
export type ClothField = Views['ClothFieldView'];
export type SettingValue = Views['SettingValue'];
export type Settings = Ticket['settings'];
export type Account = Views['AccountView'];

/** How a problem is called that passes when others are done. */
const BUSY = 'Busy';

export type Fault = { field: string; message: string };

/** An answer that is not what was hoped for, with its faults at their fields. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[] = [],
    /** What is there now, where somebody else was first. */
    readonly current: unknown = null,
    /** What else the answer said: how one gets in, how long to wait. */
    readonly extra: Record<string, unknown> = {},
  ) {
    super(message);
  }

  /** Whether the request never got an answer. */
  get lost(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504;
  }

  /**
   * How long to wait, s, where there is as much work under way as there is room for; undefined where that is not why.
   */
  get busy(): number | undefined {
    return this.status === 429 && this.extra.title === BUSY ? Number(this.extra.wait) : undefined;
  }

  /** Whether it goes by itself when it is sent again. */
  get passes(): boolean {
    return this.lost || this.busy !== undefined;
  }

  /** Whether somebody else changed it first. */
  get stale(): boolean {
    return this.status === 409;
  }

  at(field: string): string | undefined {
    return this.faults.find((f) => f.field === field)?.message;
  }
}

function cookie(name: string): string | undefined {
  return document.cookie
    .split('; ')
    .find((c) => c.startsWith(`${name}=`))
    ?.slice(name.length + 1);
}

/** Names the account that a page shows; an answer for another one is no answer to it. */
const ACCOUNT = 'Plumb-Account';

/**
 * Sends a request, with the token that tells that it comes from our own page, and whose page it is; at once, where
 * the library's own hook would let other work go before.
 */
function send(request: Request): Promise<Response> {
  if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN') ?? '');
  const whose = machine.whose();
  if (whose !== null && !request.url.endsWith('/api/session')) request.headers.set(ACCOUNT, whose);
  return fetch(request);
}

const listed = createQuerySerializer();

/** Sentences come in the unit that is shown; nothing is asked for where it is the usual one. */
function queryOf(query: Record<string, unknown>): string {
  const { shown, mark } = shownNotation();
  return listed(shown === 'cm' ? { unit: 'cm', mark: markName(mark), ...query } : query);
}

export const api = createClient<paths>({ baseUrl: '/', fetch: send, querySerializer: queryOf });

type Answer<T> = { data?: T; error?: unknown; response: Response };

type Body = { title?: string; detail?: string; errors?: Fault[]; current?: unknown };

/** A refusal that passes says when. */
function said(detail: string, body: Body, status: number, wait: string | null): string {
  if (status !== 429 || wait === null || body.title === BUSY) return detail;
  const seconds = Number(wait);
  const minutes = Math.ceil(seconds / 60);
  return `Too many tries; the next one is let pass in ${seconds < 90 ? `${seconds} seconds` : `${minutes} minutes`}`;
}

/** Waits for an answer and gives its data, or throws a Problem in words for the person at the table. */
export async function unwrap<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch {
    connection.lost();
    throw new Problem(0, 'There is no connection to the workroom.');
  }
  const { response } = answer;
  if (response.ok) {
    connection.found();
    return answer.data as T;
  }
  const body: Body = typeof answer.error === 'object' && answer.error !== null ? answer.error : {};
  const wait = response.headers.get('Retry-After');
  const problem = new Problem(
    response.status,
    said(body.detail ?? response.statusText, body, response.status, wait),
    body.errors,
    body.current,
    { ...body, wait },
  );
  if (problem.lost) connection.lost();
  else connection.found();
  throw problem;
}

/** What was thrown, as a problem with words for the person at the table. */
export function problemOf(thrown: unknown): Problem {
  return thrown instanceof Problem ? thrown : new Problem(0, 'Something went wrong on this page; load it again.');
}

/** How long to wait before something is asked again, ms. */
export const waitOf = (error: unknown): number => 1000 * ((error instanceof Problem && error.busy) || 1);

/** Asks for something, and again where there was no room for it: as often as somebody would press again. */
export async function whenThereIsRoom<T>(ask: () => Promise<T>): Promise<T> {
  for (let times = 1; times < 5; times++) {
    try {
      return await ask();
    } catch (e) {
      if (!(e instanceof Problem) || e.busy === undefined) throw e;
      await new Promise((done) => setTimeout(done, waitOf(e)));
    }
  }
  return ask();
}
