/** How the saving of a rig or a piece stands. */
export const SAVE_WORDS = {
  saved: 'Saved',
  waiting: 'Saving …',
  saving: 'Saving …',
  failed: 'Not saved, retrying',
  refused: 'Not saved',
  conflict: 'Changed elsewhere',
} as const;
