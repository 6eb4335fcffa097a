import { type ReactNode, type ComponentProps } from 'react';
import { reasonOf } from '@/core/errors';
import { useQueryClient } from '@tanstack/react-query';
import { setAside } from '@/data/aside';
import { APP_VERSION } from '@/core/records/version';
import { inUnit, type Shop } from '@/core/records/shop';
import { useChangeShop, useShop, useShopError } from '@/data/hooks';
import { Choice } from '@/ui/Choice';
import { Columns } from '@/ui/Columns';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { RowLink } from '@/ui/RowLink';
import { Heading, Words } from '@/ui/Words';
import { ShopUnread } from '@/ui/ShopUnread';
import { DemoPanel } from '../shell/DemoPanel';
import { KeysChoice } from '../shell/KeysChoice';
import { Wall } from '../shell/Wall';
import { AsidePanel } from './AsidePanel';
import { BackupPanel } from './BackupPanel';
import { StoragePanel } from './StoragePanel';
import { PeopleForm } from './PeopleForm';
import { say } from '@/core/wording/say';
import { sayShop } from './sayShop';

/** What holds for the whole shop. */
export function ShopScreen() {
  const shop = useShop();
  const unread = useShopError();
  const { apply, error } = useChangeShop();
  const client = useQueryClient();
  const beginAnew = async () => {
    await setAside('shop', 'shop');
    await client.invalidateQueries();
  };
  const set = (part: Partial<Shop>) =>
    void apply((s) => ({ ...s, ...part })).catch(() => undefined);
  return (
    <Page title="Shop">
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <ShopUnread error={unread} onAnew={unread ? () => void beginAnew() : undefined} />
      <Columns
        first={settings(shop, apply, set)}
        second={
          <>
            <Wall what="The list of people">
              <PeopleForm shop={shop} />
            </Wall>
            <Wall what="What was set aside">
              <AsidePanel />
            </Wall>
            <Wall what="The backup">
              <BackupPanel />
            </Wall>
            <Wall what="The demo">
              <DemoPanel />
            </Wall>
            <Wall what="The state of the storage">
              <StoragePanel />
            </Wall>
            <Notice kind="caution">
              The app calculates, the rebuilder decides: the maker’s manual, local codes and
              licensed practice come first.
            </Notice>
          </>
        }
      />
    </Page>
  );
}

/** One setting of the shop under its heading. */
const Setting = <T extends string>(props: ComponentProps<typeof Choice<T>>) => (
  <>
    <Heading>{props.label}</Heading>
    <Choice {...props} />
  </>
);

const unitChoices = () =>
  (['thou', 'mm'] as const).map((value) => ({ value, name: say(`shop.units.${value}`) }));
const SPELLINGS = [
  { value: 'device', name: 'Same as browser' },
  { value: 'british', name: 'British' },
  { value: 'american', name: 'American' },
] as const;
const THEMES = [
  { value: 'system', name: 'Same as device' },
  { value: 'light', name: 'Light' },
  { value: 'dark', name: 'Dark' },
] as const;

/** The rooms of the shop. */
const rooms = (shop: Shop): ReactNode => (
  <>
    <RowLink
      href="/shop/instruments"
      name="Instruments and leaves"
      about={sayShop('shop.instruments', {
        count: shop.instruments.length,
        sets: shop.feelers.map((f) => f.name).join(', '),
      })}
    />
    <RowLink href="/shop/rules" name="House rules" about="Choices where good rebuilders differ" />
    <RowLink
      href="/shop/heading"
      name="Heading of reports"
      about={shop.heading.name || 'Name, address, picture, warranty, paper'}
    />
    <RowLink
      href="/shop/operations"
      name="Operations and prices"
      about="What the shop does itself or sends out, how long it takes, what it costs"
    />
    <RowLink
      href="/shop/orders"
      name="Orders"
      about="What all open jobs wait for, by supplier and part number"
    />
    <RowLink
      href="/shop/comebacks"
      name="Comebacks"
      about="What came back, by cause, model, maker of the spare and bushing fit"
    />
    <RowLink
      href="/shop/spares"
      name="Spares wanted"
      about="What the plans of all open jobs ask for together"
    />
    <RowLink
      href="/shop/studies"
      name="Repeatability studies"
      about="How much of the scatter is the measuring"
    />
    <RowLink
      href="/shop/words"
      name="Words of the trade"
      about="What the dotted words mean, each with a drawing"
    />
    <RowLink
      href="/shop/notices"
      name={sayShop('shop.version', { version: APP_VERSION })}
      about="What it is made of, and under which licences that ships"
    />
  </>
);

/** What is chosen for this device, under the rooms of the shop. */
function settings(
  shop: Shop,
  apply: ReturnType<typeof useChangeShop>['apply'],
  set: (part: Partial<Shop>) => void,
): ReactNode {
  return (
    <>
      {rooms(shop)}
      <Setting
        label="Units"
        value={shop.unit}
        options={unitChoices()}
        onChange={(unit) => void apply((s) => inUnit(s, unit)).catch(() => undefined)}
      />
      <Setting
        label="Appearance"
        value={shop.theme}
        options={THEMES}
        onChange={(theme) => set({ theme })}
      />
      <Setting
        label="Spelling"
        value={shop.spelling}
        options={SPELLINGS}
        onChange={(spelling) => set({ spelling })}
      />
      <Words size="note" tone="muted">
        Dates and decimals are written as in this browser’s language.
      </Words>
      <Heading>Keys on the measuring screen</Heading>
      <KeysChoice />
    </>
  );
}
