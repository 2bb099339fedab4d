/** How a field is marked that shows what is typed and not entered: seen (styles.css), and told to those who do not see it. */
export const TYPED_ONLY = { 'data-draft': '', 'aria-description': 'typed, not entered yet' } as const
