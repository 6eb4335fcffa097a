import { BENCH } from './bench';
import { DOUBT } from './doubt';
import { FLOW } from './flow';
import { GEOMETRY } from './geometry';
import { INSPECT } from './inspect';
import { JOB } from './job';
import { JUDGE } from './judge';
import { LOOK } from './look';
import { MEASURE } from './measure';
import { ORDER } from './order';
import { PUMPS } from './pumps';
import { QUANTITY } from './quantity';
import { READING } from './reading';
import { RECORDS } from './records';
import { REPORT } from './report';
import { REWORK } from './rework';
import { SHEETS } from './sheets';
import { SHELF } from './shelf';
import { SHELL } from './shell';
import { SHOP } from './shop';
import { STORAGE } from './storage';
import { STRIP } from './strip';
import { TAG } from './tag';
import { UI } from './ui';

export const MESSAGES = {
  ...BENCH,
  ...DOUBT,
  ...FLOW,
  ...GEOMETRY,
  ...INSPECT,
  ...JOB,
  ...JUDGE,
  ...LOOK,
  ...MEASURE,
  ...ORDER,
  ...PUMPS,
  ...QUANTITY,
  ...READING,
  ...RECORDS,
  ...REPORT,
  ...REWORK,
  ...SHEETS,
  ...SHELF,
  ...SHELL,
  ...SHOP,
  ...STORAGE,
  ...STRIP,
  ...TAG,
  ...UI,
} as const;
