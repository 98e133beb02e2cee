/** The list of a page, which takes the keys where no field does. */
export const LIST = ['listbox', 'grid', 'treegrid'].map((role) => `[role=${role}][tabindex="0"]`).join(', ')
