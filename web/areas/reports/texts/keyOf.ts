/** What an attribute of a part of a text says; nothing where it is not there. */
export const wordOf = (attributes: Record<string, unknown>, name: string) =>
  typeof attributes[name] === 'string' ? attributes[name] : ''

/** What tells a fact that is called in from others of its text. */
export const keyOf = (attributes: Record<string, unknown>) =>
  ['fact', 'form', 'of'].map((name) => wordOf(attributes, name)).join(' ')
