/** A number of things, in words. */
export function counted(count: number, one: string, many: string) {
  return `${count} ${count === 1 ? one : many}`;
}
