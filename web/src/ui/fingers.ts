/** A device that is touched, with no mouse and mostly no keyboard; `styles.css` asks the same. */
export const FINGERS = '(hover: none) and (pointer: coarse)'
