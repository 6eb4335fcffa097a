import { useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TextInput } from 'react-native-paper';
import { labelFor } from '@/core/pairing/labels';
import { piecesFrom, type Piece } from '@/core/pairing/piece';
import { pieceKinds, type PieceKind } from '@/core/pairing/roles';
import type { ShelfPart } from '@/core/records/part';
import { listed, say } from '@/core/wording/say';
import { seenOn } from '@/core/wording/shelf';
import { KEYS, useParts } from '@/data/hooks';
import { createParts, type NewPart } from '@/data/shelf';
import { announce } from '@/ui/announce';
import { Button } from '@/ui/Button';
import { CheckRow } from '@/ui/CheckRow';
import { Notice } from '@/ui/Notice';
import { Words } from '@/ui/Words';
import { useOnce } from '../shell/useOnce';
import { Sheet } from './Sheet';
import type { Deciding } from './useDeciding';
import type { Job } from '@/core/records/job';

interface Props {
  readonly deciding: Deciding;
  readonly onDone: () => void;
}

/** Tells whether a part on the shelf is of these parts of this job. */
const isOf = (part: ShelfPart, { parts }: PieceKind, tag: string): boolean =>
  part.from === tag && part.parts.join() === parts.join();

/** A piece that a pump gives up, and what kind of piece that is. */
interface Given {
  readonly kind: PieceKind;
  readonly piece: Piece;
}

/** Lists what a pump gives up, each kind that it has of it. */
function givenUp(job: Job): Given[] {
  const kinds = pieceKinds(job.sheet);
  const all = piecesFrom(
    job,
    kinds.map(({ parts }) => parts),
  );
  return kinds.flatMap((kind, i) => {
    const piece = all[i];
    return piece ? [{ kind, piece }] : [];
  });
}

/** Tells whether two kinds have a part in common: only one of them can go on the shelf. */
const overlap = (a: PieceKind, b: PieceKind): boolean =>
  a.id !== b.id && a.parts.some((id) => b.parts.includes(id));

/** Parts that a pump gives up go on the shelf, with what was measured of them and seen on them. */
export function ToShelfPanel({ deciding, onDone }: Props) {
  const { job, shop } = deciding;
  const client = useQueryClient();
  const { data: shelf } = useParts();
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const [place, setPlace] = useState('');
  const pieces = useMemo(() => givenUp(job), [job]);
  const picked = pieces.filter(({ kind }) => chosen.includes(kind.id));
  const put = useOnce(async () => {
    const parts = await createParts(
      picked.map(({ kind, piece }): NewPart => {
        const { findings: _, ...what } = piece;
        const about = { from: job.tag, place: place.trim(), condition: seenOn(piece, shop.unit) };
        return {
          label: (there) => labelFor(kind, there),
          sheet: job.sheet.id,
          model: job.sheet.model,
          ...what,
          ...about,
        };
      }),
    );
    setChosen([]);
    announce(say('shelf.wentOn', { labels: listed(parts.map(({ label }) => label)) }));
    await client.invalidateQueries({ queryKey: KEYS.parts });
  });
  const aboutOf = ({ kind, piece }: Given): string => {
    const there = shelf?.records.find((part) => isOf(part, kind, job.tag));
    const sizes = say('shelf.sizesCounted', { count: piece.sizes.length });
    const already = there ? say('shelf.thereAlready', { label: there.label }) : '';
    return [sizes, seenOn(piece, shop.unit), already].filter(Boolean).join(' · ');
  };
  const toggle = (kind: string) =>
    setChosen((now) => (now.includes(kind) ? now.filter((id) => id !== kind) : [...now, kind]));
  return (
    <Sheet
      title="Put parts of this pump on the shelf"
      back="Back"
      onBack={onDone}
      action={
        <Button
          mode="contained"
          disabled={picked.length === 0}
          contentStyle={{ minHeight: 52 }}
          onPress={() => put.run()}
        >
          {say('shelf.putOn', { count: picked.length })}
        </Button>
      }
    >
      <Words>
        Sound parts are worth keeping, also of a pump that is scrap. Their sizes and what was found
        on them go along. If a part was replaced, the old one goes on the shelf.
      </Words>
      {put.failed ? <Notice kind="error">{put.failed}</Notice> : null}
      <View>
        {pieces.map((given) => (
          <CheckRow
            key={given.kind.id}
            name={given.kind.name}
            about={aboutOf(given)}
            checked={chosen.includes(given.kind.id)}
            disabled={picked.some(({ kind }) => overlap(kind, given.kind))}
            onPress={() => toggle(given.kind.id)}
          />
        ))}
      </View>
      <TextInput
        mode="outlined"
        label="Where they lie"
        aria-label="Where they lie"
        value={place}
        maxLength={200}
        onChangeText={setPlace}
        style={styles.place}
      />
    </Sheet>
  );
}

const styles = StyleSheet.create({ place: { maxWidth: 420 } });
