/** The stages before a pump is measured are loaded together: they are made of the same pieces. */
export { LookStage } from '../look/LookStage';
export { StripStage } from '../strip/StripStage';
export { TagStage } from '../tag/TagStage';
