import { yupResolver } from '@hookform/resolvers/yup';
import type { Resolver } from 'react-hook-form';
import { useState } from 'react';
import { Image, StyleSheet, View } from 'react-native';
import { object } from 'yup';
import { reasonOf } from '@/core/errors';
import {
  heading,
  HEADING_SIDE,
  PAPERS,
  type Paper,
  type ShopHeading,
} from '@/core/records/heading';
import type { Shop } from '@/core/records/shop';
import { useChangeShop, useShop } from '@/data/hooks';
import { choosePictures, photoOf } from '@/data/photos';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Page } from '@/ui/Page';
import { SaveButton } from '@/ui/SaveButton';
import { Heading, Words } from '@/ui/Words';
import { layout } from '@/ui/layout';
import { isDone } from '../shell/isDone';
import { KeptNotices } from '../shell/KeptNotices';
import { useKeptForm } from '../shell/useKeptForm';
import { sayShop } from './sayShop';

const PAPER_NAME: Readonly<Record<Paper, string>> = { a4: 'A4', letter: 'Letter' };

/** What stands over the reports of the shop and beneath them, and the paper that they are made for. */
export function HeadingScreen() {
  const shop = useShop();
  const { apply, error } = useChangeShop();
  const set = (part: Partial<ShopHeading>) =>
    isDone(apply((s) => ({ ...s, heading: { ...s.heading, ...part } })));
  return (
    <Page title="Heading of reports">
      <Words tone="muted">{sayShop('shop.headingWhere')}</Words>
      {error ? <Notice kind="error">{reasonOf(error)}</Notice> : null}
      <WordsForm shop={shop} apply={apply} />
      <Heading>Picture</Heading>
      <Picture picture={shop.heading.picture} onPicture={(picture) => set({ picture })} />
      <Heading>Paper</Heading>
      <Choice
        label="Paper"
        value={shop.heading.paper}
        options={PAPERS.map((value) => ({ value, name: PAPER_NAME[value] }))}
        onChange={(paper) => void set({ paper })}
      />
    </Page>
  );
}

const fields = object({
  name: heading.fields.name,
  address: heading.fields.address,
  warranty: heading.fields.warranty,
});
type HeadingWords = Pick<ShopHeading, 'name' | 'address' | 'warranty'>;

const toWords = ({ heading: { name, address, warranty } }: Shop): HeadingWords => ({
  name,
  address,
  warranty,
});

const LABELS = { name: 'Name', address: 'Address', warranty: 'What the shop warrants' };

interface FormProps {
  readonly shop: Shop;
  readonly apply: ReturnType<typeof useChangeShop>['apply'];
}

/** Name, address and warranty, saved together. */
function WordsForm({ shop, apply }: FormProps) {
  const kept = useKeptForm<HeadingWords>({
    key: 'heading',
    stored: toWords(shop),
    resolver: yupResolver(fields) as unknown as Resolver<HeadingWords>,
  });
  const { control, handleSubmit, formState } = kept.form;
  const save = handleSubmit((said) =>
    kept.save((check, edited) =>
      isDone(
        apply((s) => {
          check(toWords(s));
          const part = Object.fromEntries(
            edited.map((name) => [name, said[name as keyof HeadingWords].trim()]),
          );
          return { ...s, heading: { ...s.heading, ...part } };
        }),
      ),
    ),
  );
  return (
    <>
      <KeptNotices kept={kept} labels={LABELS} />
      <Field control={control} name="name" label={LABELS.name} />
      <Field control={control} name="address" label={LABELS.address} multiline />
      <Field control={control} name="warranty" label={LABELS.warranty} multiline />
      <SaveButton isDirty={formState.isDirty} onPress={() => void save()} />
    </>
  );
}

interface PictureProps {
  readonly picture: string;
  readonly onPicture: (picture: string) => Promise<boolean>;
}

/** The picture beside the name: its badge, or the house. */
function Picture({ picture, onPicture }: PictureProps) {
  const [failed, setFailed] = useState<string | null>(null);
  const choose = async () => {
    setFailed(null);
    try {
      const [file] = await choosePictures(false);
      if (file) await onPicture((await photoOf(file, 'shop', HEADING_SIDE)).jpeg);
    } catch (problem) {
      setFailed(reasonOf(problem));
    }
  };
  return (
    <View style={layout.stack}>
      {picture ? (
        <Image
          source={{ uri: picture }}
          style={styles.picture}
          resizeMode="contain"
          aria-label={sayShop('shop.headingPicture')}
        />
      ) : null}
      {failed ? <Notice kind="error">{failed}</Notice> : null}
      <View style={layout.wrap}>
        <Button mode="outlined" icon="image-outline" onPress={() => void choose()}>
          {picture ? 'Another picture' : 'Picture from a file'}
        </Button>
        {picture ? (
          <Button mode="text" onPress={() => void onPicture('')}>
            Without a picture
          </Button>
        ) : null}
      </View>
    </View>
  );
}

const styles = StyleSheet.create({ picture: { width: 168, height: 104 } });
