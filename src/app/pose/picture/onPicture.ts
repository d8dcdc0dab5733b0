/** Looks of what lies over the picture, whatever the picture shows. */
export const PICTURE_BUTTON =
  'min-h-6 min-w-11 desk:min-w-0 bg-[#1b1712]/85 px-2 text-xs text-[#f2e7cd] aria-pressed:bg-[#e3c264] aria-pressed:text-[#241f18]';
export const PICTURE_SLIDER =
  'mark-slider w-28! bg-[#1b1712]/85! px-1 [--color-base-300:#8d8273] [--color-base-content:#f2e7cd]';
