// @vitest-environment happy-dom
import { expect, it, vi } from 'vitest';
import { after, mount } from './mount.fixture';
import { NOT_FETCHED, part } from './part';

const gone = () => Promise.reject<never>(new Error('no network'));
const settled = () => after(() => new Promise((done) => setTimeout(done, 20)));

it('shows a part once it has come, and in its place that it could not be fetched', async () => {
  const Come = part(() => Promise.resolve({ default: ({ says }: { says: string }) => <p>{says}</p> }));
  const Lost = part<{ says: string }>(gone);
  const page = await mount(
    <>
      <Come says="here" />
      <Lost says="nowhere" />
    </>,
  );
  await settled();
  expect(page.textContent).toContain('here');
  expect(page.querySelector('[role=alert]')?.textContent).toContain(NOT_FETCHED);
  expect(page.textContent).not.toContain('nowhere');
});

it('lets go of what could not be fetched where the part is one that closes', async () => {
  const close = vi.fn();
  const Lost = part<{ onClose: () => void }>(gone);
  const page = await mount(<Lost onClose={close} />);
  await settled();
  await after(() => page.querySelector('button')?.click());
  expect(close).toHaveBeenCalledOnce();
});
