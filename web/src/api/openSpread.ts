/** The spread that the address names; undefined for the one an album opens at. */
export function openSpread() {
  const named = new URLSearchParams(window.location.search).get("spread");
  return named !== null && /^\d{1,4}$/.test(named) ? Number(named) : undefined;
}
