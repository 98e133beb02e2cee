/** “1 person”, “2,345 people”: every count on the page is said by this. What is more than one takes an s unless it is given. */
export const count = (n: number, one: string, many = `${one}s`): string =>
  `${n.toLocaleString('en')} ${n === 1 ? one : many}`
