import { readFileSync } from 'node:fs';
import { expect, type APIRequestContext, type Page } from '@playwright/test';
import { openTo, whoIsKeptOut } from '@lignum/core/choosing/kept-out';
import { computeGarden } from '@lignum/core/plan/compute';
import type { Plan } from '@lignum/core/plan/plan';
import { test } from './asking';
import { fewerBeds, onlyStructures, ownGarden, saved, savedPlan } from './garden';

/** A garden that is come to for the first time, and a count of what is pressed there: links, buttons, boxes and choices; what is typed is not counted. */
async function begun(
  page: Page,
  request: APIRequestContext,
  change: (plan: Plan) => Plan,
): Promise<{ id: string; clicks: () => Promise<number> }> {
  const id = await ownGarden(request, change);
  await page.addInitScript(() => {
    window.addEventListener(
      'click',
      (event) => {
        // A label passes its click on to its box: one press, two clicks.
        if (event.detail > 0)
          sessionStorage.setItem('clicks', String(Number(sessionStorage.getItem('clicks') ?? 0) + 1));
      },
      true,
    );
  });
  await page.goto(`/g/${id}`);
  await isLive(page);
  return { id, clicks: () => page.evaluate(() => Number(sessionStorage.getItem('clicks') ?? 0)) };
}

const empty = (plan: Plan): Plan => ({
  ...plan,
  beds: [],
  features: [],
  plantings: [],
  structures: [],
  crops: [],
  site: { ...plan.site, visitors: [], widthMm: 12_192, depthMm: 12_192 },
});
const isLive = (page: Page) => expect(page.locator('[aria-busy=true]')).toHaveCount(0);
const watched = (plan: Plan) => whoIsKeptOut(plan, computeGarden(plan).structures);
const onTheBench = (page: Page) => expect(page).toHaveURL(/\/s\/support-/);

/** What takes what is offered: beside it on a desk, under the thumb in the hand. */
const taken = (page: Page) =>
  page
    .getByRole('button', { name: /^(Use this|Open the design)$/ })
    .filter({ visible: true })
    .first();

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const)
  test.describe(`${width} wide`, () => {
    test.use({ viewport: { width, height } });

    test(`a bed with tomatoes: from an empty garden to a support with its bill in six presses`, async ({
      page,
      request,
    }) => {
      const { id, clicks } = await begun(page, request, empty);
      await page.getByRole('link', { name: 'Plan a row' }).click();
      await page.getByLabel('Bed length').fill("16'");
      await expect(page.getByRole('radio', { name: /First choice/ })).toBeChecked();
      await taken(page).click();
      await onTheBench(page);
      await expect(page.getByText('No problems found.').first()).toBeVisible();
      await saved(page);
      const plan = await savedPlan(request, id);
      expect([plan.beds.length, plan.plantings.length, plan.structures.length]).toEqual([1, 1, 1]);
      expect(plan.beds[0]?.lengthMm).toBeCloseTo(4876.8, 0);
      expect(plan.plantings[0]?.crop).toBe('tomato');
      expect(await clicks()).toBeLessThanOrEqual(6);
    });

    test(`an arch between two beds: two beds put down, the way between them typed, the arch over it, in eight presses`, async ({
      page,
      request,
    }) => {
      const { id, clicks } = await begun(page, request, empty);
      await page.getByRole('button', { name: 'Put down a bed' }).click();
      await page.getByRole('combobox', { name: 'Add to the plot' }).click();
      await page.getByRole('option', { name: 'a bed', exact: true }).click();
      const way = page.getByRole('textbox', { name: /^To Bed 1/ });
      await way.fill("4'");
      await way.press('Tab');
      await page.getByRole('button', { name: /^Panel arch over the 4′ way to Bed 1/ }).click();
      await onTheBench(page);
      await saved(page);
      const plan = await savedPlan(request, id);
      expect(plan.structures.map(({ kind }) => kind)).toEqual(['panel-arch']);
      const [arch] = computeGarden(plan).structures;
      expect(arch?.verdicts.filter(({ level }) => level === 'fail')).toEqual([]);
      expect(await clicks()).toBeLessThanOrEqual(8);
    });

    test(`everything fenced with a gate against rabbits and deer, in six presses`, async ({ page, request }) => {
      const { id, clicks } = await begun(page, request, (plan) => {
        const few = fewerBeds(plan);
        return { ...few, features: [], site: { ...few.site, visitors: [] } };
      });
      await page.getByRole('link', { name: 'Tick who visits' }).click();
      await page.getByRole('checkbox', { name: 'rabbits' }).check();
      await page.getByRole('checkbox', { name: 'deer' }).check();
      const all = page.getByText(/Garden fence round all of them/);
      await expect(all).toBeVisible({ timeout: 20_000 });
      await page.getByRole('button', { name: 'Plan it' }).first().click();
      await onTheBench(page);
      await saved(page);
      const plan = await savedPlan(request, id);
      expect(plan.structures.slice(-2).map(({ kind }) => kind)).toEqual(['garden-fence', 'garden-gate']);
      // What flies comes all the same.
      for (const one of watched(plan))
        expect(
          openTo(one).filter((who) => ['rabbits', 'deer'].includes(who)),
          one.bed.name,
        ).toEqual([]);
      expect(await clicks()).toBeLessThanOrEqual(6);
    });

    test(`cabbages safe till harvest: a cover that lets nobody in before they are picked, in eight presses`, async ({
      page,
      request,
    }) => {
      const { id, clicks } = await begun(page, request, empty);
      await page.getByRole('link', { name: 'Plan a row' }).click();
      await page.getByRole('combobox', { name: 'Crop' }).click();
      await page.getByRole('option', { name: 'Cabbage', exact: true }).click();
      await page.getByLabel('Bed length').fill("9'");
      const kinds = page.getByRole('radiogroup', { name: /^Kinds of cover/ });
      await expect(kinds).toHaveAttribute('aria-busy', 'false', { timeout: 45_000 });
      await taken(page).click();
      await onTheBench(page);
      await saved(page);
      const [bed] = watched(await savedPlan(request, id));
      const flies = bed?.threats.filter(({ who }) => who === 'cabbage butterflies') ?? [];
      expect(flies.map(({ keptOut, outgrown }) => [keptOut, outgrown])).toEqual([[true, false]]);
      expect(await clicks()).toBeLessThanOrEqual(8);
    });

    test(`strawberries on a balcony: a planter on a floor that is said to bear it, in twelve presses`, async ({
      page,
      request,
    }) => {
      const { id, clicks } = await begun(page, request, empty);
      await page.getByRole('button', { name: 'I want to…' }).click();
      await page.getByRole('link', { name: /^Build something/ }).click();
      await page
        .getByRole('listitem')
        .filter({ has: page.getByRole('heading', { name: 'Stacked tower' }) })
        .getByRole('button', { name: 'On open ground' })
        .click();
      await onTheBench(page);
      await isLive(page);
      await page.getByRole('link', { name: /move it on the plot/ }).click();
      await page.getByRole('combobox', { name: 'It stands on' }).click();
      await page.getByRole('option', { name: /balcony/ }).click();
      await page.getByRole('textbox', { name: /^It may carry/ }).fill('80');
      await page.getByRole('textbox', { name: 'Who says so' }).fill('Our landlord');
      await saved(page);
      const plan = await savedPlan(request, id);
      expect(plan.structures[0]?.stand).toMatchObject({
        on: 'spot',
        underfoot: { is: 'balcony', answeredBy: 'Our landlord' },
      });
      expect(plan.plantings[0]?.crop).toBe('strawberry');
      expect(await clicks()).toBeLessThanOrEqual(12);
    });

    test(`a garden of six beds printed: list, cutting plan and every sheet from where the garden asks for them, in four presses`, async ({
      page,
      request,
    }) => {
      const kept = ['tomato-wall', 'bean-wall', 'cucumber-frame', 'string-frame', 'pea-wall', 'melon-trellis'];
      const { id, clicks } = await begun(page, request, (plan) => onlyStructures(plan, (one) => kept.includes(one.id)));
      await page.getByRole('button', { name: /\d more/ }).click();
      await page.getByRole('link', { name: 'Print them' }).click();
      await expect(page.locator('.sheet-page')).not.toHaveCount(0);
      const words = (await page.locator('.sheet-page').allTextContents()).join(' ');
      expect(words).toMatch(/Cut|cut/);
      for (const name of ['Tomato wall', 'Melon trellis', 'Pea wall']) expect(words).toContain(name);
      const pages = (
        (await page.pdf({ format: 'A4', preferCSSPageSize: true, printBackground: true }))
          .toString('latin1')
          .match(/\/Type \/Page\b/g) ?? []
      ).length;
      expect(pages).toBe(await page.locator('.sheet-page').count());
      // With the plan of every structure it is one file, and only what is in it is not asked for again.
      const [file] = await Promise.all([
        // A page of each plan is worked out for it.
        page.waitForEvent('download', { timeout: 60_000 }),
        page.getByRole('link', { name: 'PDF with every plan' }).click(),
      ]);
      const pack = readFileSync(await file.path()).toString('latin1');
      expect((pack.match(/\/Type \/Page\b/g) ?? []).length).toBeGreaterThanOrEqual(pages + kept.length);
      await expect(page.getByText('Saved')).toBeVisible();
      expect(await clicks()).toBeLessThanOrEqual(4);
      await page.goto(`/g/${id}`);
      await isLive(page);
      await page.getByRole('button', { name: /\d more/ }).click();
      const next = page.getByRole('region', { name: 'What is next' });
      await expect(next).toContainText('to buy');
      await expect(next).not.toContainText('to print');
    });
  });
