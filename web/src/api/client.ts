import createClient, { type Middleware } from 'openapi-fetch';
import { connection } from './connection';
import type { components, paths } from './contract.gen';

export type Views = components['schemas'];
export type Draft = Views['DraftView'];
export type Step = Views['StepView'];
export type Piece = Views['PieceView'];
export type Check = Views['CheckView'];
export type Segment = Views['Segment'];
export type Evidence = Views['EvidenceView'];
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

export type Fault = { field: string; message: string };

/** An answer that is not what was hoped for, with its faults at their fields. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly faults: Fault[] = [],
    readonly current: unknown = null,
  ) {
    super(message);
  }

  /** Whether the request never got an answer. */
  get lost(): boolean {
    return this.status === 0 || this.status === 502 || this.status === 503 || this.status === 504;
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

const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== 'GET') request.headers.set('X-XSRF-TOKEN', cookie('XSRF-TOKEN') ?? '');
    return request;
  },
};

export const api = createClient<paths>({ baseUrl: '/' });
api.use(csrf);

type Answer<T> = { data?: T; error?: unknown; response: Response };

/** Waits for an answer and gives its data, or throws a Problem in words for the person at the table. */
export async function answered<T>(asked: Promise<Answer<T>>): Promise<T> {
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
  const body = (answer.error ?? {}) as { detail?: string; errors?: Fault[]; current?: unknown };
  const problem = new Problem(response.status, body.detail ?? response.statusText, body.errors, body.current);
  if (problem.lost) connection.lost();
  else connection.found();
  throw problem;
}
