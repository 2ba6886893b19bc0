const KEY = "drumnest-last-place";

/** Remembers where in the album this window is: its stage and spread. */
export function rememberPlace(address: string) {
  window.sessionStorage.setItem(KEY, address);
}

/** Where this window was in the album last; the album's beginning if it was nowhere yet. */
export function lastPlace() {
  return window.sessionStorage.getItem(KEY) ?? "/";
}
