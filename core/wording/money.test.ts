import { NEW_SHOP } from '../records/shop';
import { markedSum, minutesWords, priceDetail, sumWords } from './money';

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
    expect(priceDetail(price, NEW_SHOP.money)).toBe(
      '2 days waiting; downtime costs 240 · 25% chance of a comeback',
    );
    expect(priceDetail({ ...price, days: 0, chance: 0 }, NEW_SHOP.money)).toBe('no waiting');
    expect(priceDetail({ ...price, days: 0, chance: 0, example: true }, NEW_SHOP.money)).toBe(
      'no waiting · example prices',
    );
  });
  it('say where a price is only an example', () => {
    const { money } = NEW_SHOP;
    expect([markedSum(118, money, true), markedSum(28, money, true, 'one')]).toEqual([
      ...['118, example prices', '28, example'],
    ]);
    expect(markedSum(118, money, false)).toBe('118');
  });
});
