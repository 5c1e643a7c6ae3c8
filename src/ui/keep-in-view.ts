/** Scrolls a row's list until the row stands in it, never the page: on a phone the page would jump away from what is looked at. */
export function keepInView(row: HTMLElement): void {
  const list = row.parentElement;
  if (!list) return;
  const top = row.offsetTop - list.offsetTop;
  if (top < list.scrollTop) list.scrollTop = top;
  else if (top + row.offsetHeight > list.scrollTop + list.clientHeight)
    list.scrollTop = top + row.offsetHeight - list.clientHeight;
}
