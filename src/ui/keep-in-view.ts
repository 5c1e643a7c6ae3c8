/**
 * Scrolls a row's list until the row stands in it, with a whole row at the top, and never the page: on a phone the page would
 * jump away from what is looked at.
 */
export function keepInView(row: HTMLElement): void {
  const list = row.parentElement;
  if (!list) return;
  const height = row.offsetHeight;
  const top = row.getBoundingClientRect().top - list.getBoundingClientRect().top + list.scrollTop - list.clientTop;
  if (top < list.scrollTop) list.scrollTop = top;
  else if (top + height > list.scrollTop + list.clientHeight)
    list.scrollTop = Math.ceil((top + height - list.clientHeight) / height) * height;
}
