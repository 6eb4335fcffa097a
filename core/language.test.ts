import { decimalSign, speak } from './language';

afterEach(() => speak({ spelling: 'british', locale: 'en-GB' }));

describe('the decimal sign', () => {
  it.each([
    ...['en', 'en-AU', 'en-CA', 'en-GB', 'en-IE', 'en-IN', 'en-NZ', 'en-US'],
    ...['en-AT', 'en-ZA', 'de-AT', 'de-CH', 'fr-FR'],
  ])('is that of the locale %s', (locale) => {
    speak({ spelling: 'british', locale });
    const parts = new Intl.NumberFormat(locale).formatToParts(1.5);
    expect(decimalSign()).toBe(parts.find(({ type }) => type === 'decimal')?.value);
  });
});
