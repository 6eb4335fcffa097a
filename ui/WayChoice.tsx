import type { WayRound } from '@/core/pumps/teardown/wayRound';
import type { Sheet } from '@/core/records/sheet';
import { spelled } from '@/core/wording/say';
import { ClockFace } from './ClockFace';
import { PumpPicture } from './PumpPicture';
import { Tile, Tiles } from './Tile';
import { WayGlyph } from './WayGlyph';
import { Words } from './Words';

interface Props {
  readonly sheet: Sheet;
  readonly way: WayRound;
  readonly ask: string;
  /** The way that was noted before; null where none was. */
  readonly chosen: string | null;
  readonly onTake: (option: string) => void;
}

/** Which way round a part lies: hours round the pump, or a picture of each way. */
export function WayChoice({ sheet, way, ask, chosen, onTake }: Props) {
  return (
    <>
      <Words strong>{ask}</Words>
      {way.clock ? (
        <ClockFace label={ask} options={way.options} chosen={chosen} onPress={onTake}>
          <PumpPicture sheet={sheet} size={150} />
        </ClockFace>
      ) : (
        <Tiles label={ask}>
          {way.options.map((option) => (
            <Tile
              key={option.id}
              name={spelled(option.name)}
              across={3}
              {...(chosen === null ? {} : { chosen: chosen === option.id })}
              picture={<WayGlyph way={way.id} option={option.id} />}
              onPress={() => onTake(option.id)}
            />
          ))}
        </Tiles>
      )}
    </>
  );
}
