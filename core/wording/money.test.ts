import { NEW_SHOP } from '../records/shop';
import { markedSum, minutesWords, priceWords, sumWords } from './money';

describe('money and time', () => {
  it('are written short', () => {
    const money = { ...NEW_SHOP.money, currency: '€' };
    expect([sumWords(118.4, NEW_SHOP.money), sumWords(118.4, money), sumWords(6.5, money)]).toEqual(
      [...['118', '118 €', '6.5 €']],
    );
    expect([40, 60, 90, 125.4].map(minutesWords)).toEqual(['40 min', '1 h', '1 h 30', '2 h 05']);
    const price = {
      work: 1,
      minutes: 1,
      days: 2,
      down: 240,
      chance: 0.25,
      expected: 1,
      example: false,
    };
    expect(priceWords(price, money)).toBe(
      '1 min of bench time, 2 days waiting; downtime costs 240 €; 25% chance of a comeback.',
    );
    const plain = { ...price, minutes: 0, days: 0, down: 0, chance: 0 };
    expect(priceWords(plain, money)).toBe('No waiting.');
    expect(sumWords(1720, money)).toBe('1,720 €');
  });
  it('say where a price is only an example', () => {
    const { money } = NEW_SHOP;
    expect([markedSum(118, money, true), markedSum(28, money, true, 'one')]).toEqual([
      ...['118, example prices', '28, example'],
    ]);
    expect(markedSum(118, money, false)).toBe('118');
  });
});
