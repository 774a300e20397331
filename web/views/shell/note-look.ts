/** How a word in the header on what is kept looks. */
export const noteLook = 'flex min-h-11 items-center gap-1.5 text-[0.85rem] whitespace-nowrap';
