import { deflateSync } from 'node:zlib';

/** CRC-32 as PNG chunks carry it (ISO 3309). */
function crc(bytes: Buffer): number {
  let value = ~0;
  for (const byte of bytes) {
    value ^= byte;
    for (let bit = 0; bit < 8; bit++) value = (value >>> 1) ^ (value & 1 ? 0xedb88320 : 0);
  }
  return ~value >>> 0;
}

function chunk(type: string, data: Buffer): Buffer {
  const body = Buffer.concat([Buffer.from(type), data]);
  const ends = Buffer.alloc(8);
  ends.writeUInt32BE(data.length, 0);
  ends.writeUInt32BE(crc(body), 4);
  return Buffer.concat([ends.subarray(0, 4), body, ends.subarray(4)]);
}

/** A grey PNG of any size: dark in its upper half, light below, so that one sees which way is up. */
export function png(width: number, height: number): Buffer {
  const rows = Buffer.alloc(height * (width + 1), 40);
  rows.fill(220, Math.floor(height / 2) * (width + 1));
  for (let y = 0; y < height; y++) rows[y * (width + 1)] = 0;
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([8, 0, 0, 0, 0], 8);
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(rows)),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

/** A JPEG with an orientation in its EXIF, as a camera that was held sideways writes it. */
export function turned(jpeg: Buffer, orientation: number): Buffer {
  const tiff = Buffer.alloc(26);
  tiff.write('MM\0*', 0, 'latin1');
  tiff.writeUInt32BE(8, 4);
  tiff.writeUInt16BE(1, 8);
  tiff.writeUInt16BE(0x0112, 10);
  tiff.writeUInt16BE(3, 12);
  tiff.writeUInt32BE(1, 14);
  tiff.writeUInt16BE(orientation, 18);
  const exif = Buffer.concat([Buffer.from('Exif\0\0', 'latin1'), tiff]);
  const head = Buffer.from([0xff, 0xe1, 0, 0]);
  head.writeUInt16BE(exif.length + 2, 2);
  return Buffer.concat([jpeg.subarray(0, 2), head, exif, jpeg.subarray(2)]);
}
