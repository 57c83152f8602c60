/** How an entry of a list that is found by typing looks. */
export const commandItem =
  "flex cursor-pointer items-baseline gap-3 rounded px-3 py-1.5 data-[selected=true]:bg-proof-wash";
