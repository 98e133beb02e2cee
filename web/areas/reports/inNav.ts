const CHOSEN = 'border-tide bg-wash font-semibold'
const OTHER = 'border-transparent hover:text-tide'

/** How a link among the kinds of report looks. */
export const inNav = (isChosen: boolean) => `block border-l-2 py-[3px] pl-2 ${isChosen ? CHOSEN : OTHER}`
