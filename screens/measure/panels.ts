/** What a measuring panel can open over itself. */
export interface Openers {
  readonly onList: () => void;
  readonly onEvidence: () => void;
  readonly onTools: () => void;
  readonly onWork: () => void;
  readonly onKeys: () => void;
  readonly onSkip: () => void;
}
