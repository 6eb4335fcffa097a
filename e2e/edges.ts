import type { Page } from '@playwright/test';

/** Lists the controls that stick out of the window at a side, where nothing can be scrolled to them. */
export const outOfReach = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const scrolls = (element: Element | null): boolean =>
      element !== null &&
      ((/auto|scroll/.test(getComputedStyle(element).overflowX) &&
        element.scrollWidth > element.clientWidth + 1) ||
        scrolls(element.parentElement));
    return [...document.querySelectorAll('button, a, input, textarea, [role=button], [role=radio]')]
      .filter((control) => {
        const { left, right, width } = control.getBoundingClientRect();
        return width > 0 && (left < -1 || right > window.innerWidth + 1) && !scrolls(control);
      })
      .map((control) => control.getAttribute('aria-label') ?? control.textContent ?? '');
  });
