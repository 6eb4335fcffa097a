/** The stages before a pump is measured are loaded together: they are made of the same pieces. */
/** What a way round and a remark are asked with at the build as well; see `screens/build/parts.ts`. */
export { WayChoice } from '@/ui/WayChoice';
export { Remark } from '@/ui/Remark';
export { Photos } from './Photos';
export { ComplaintTaps } from '../tag/ComplaintTaps';
export { PhotosShown } from '../shell/PhotoStrip';

export { LookStage } from '../look/LookStage';
export { StripStage } from '../strip/StripStage';
export { TagStage } from '../tag/TagStage';
