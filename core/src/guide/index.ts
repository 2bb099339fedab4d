export { type DrawingName, type Guide, MOST_LINES } from './guide.ts'
export { GUIDES, guidesFor } from './guides.ts'
