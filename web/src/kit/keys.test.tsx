// @vitest-environment jsdom
import { cleanup, fireEvent, render } from '@testing-library/react';
import { afterEach, expect, it, vi } from 'vitest';
import { KeyScopes, useKeys, useOnlyKeysOf } from './keys';
import { Segmented } from './Segmented';

afterEach(cleanup);

const print = vi.fn();
const before = vi.fn();
const help = vi.fn();

function Ticket() {
  useKeys('page', { '?': help });
  useKeys('ticket', { p: print });
  return (
    <>
      <input aria-label="field" />
      <Segmented label="Shown" value="a" options={[{ id: 'a', title: 'choice' }]} onChange={() => {}} />
    </>
  );
}

function AtFullSize() {
  useOnlyKeysOf('full size');
  useKeys('full size', { p: before, ArrowLeft: before });
  return null;
}

const press = (key: string, more: object = {}) => fireEvent.keyDown(document.body, { key, ...more });

it('hears a key on the page, but not in a field nor with Ctrl', () => {
  const { getByLabelText, getByText } = render(
    <KeyScopes>
      <Ticket />
    </KeyScopes>,
  );
  press('p', { code: 'KeyR' });
  expect(print).toHaveBeenCalledTimes(1);
  press('p', { ctrlKey: true });
  fireEvent.keyDown(getByLabelText('field'), { key: 'p' });
  expect(print).toHaveBeenCalledTimes(1);
  fireEvent.keyDown(getByText('choice'), { key: 'p' });
  expect(print).toHaveBeenCalledTimes(2);
  press('?', { shiftKey: true });
  expect(help).toHaveBeenCalledTimes(1);
});

it('leaves a key to the part that has all keys to itself, until that is gone', () => {
  print.mockClear();
  const shown = (full: boolean) => (
    <KeyScopes>
      <Ticket />
      {full && <AtFullSize />}
    </KeyScopes>
  );
  const { rerender } = render(shown(true));
  press('p');
  press('ArrowLeft', { code: 'ArrowLeft' });
  expect(before).toHaveBeenCalledTimes(2);
  expect(print).not.toHaveBeenCalled();
  rerender(shown(false));
  press('p');
  expect(print).toHaveBeenCalledTimes(1);
});
