/** Light or dark: as the device has it, unless the cook has said otherwise on this device. */
export type Scheme = "device" | "light" | "dark";

const KEY = "hojaldre.scheme";

export function chosenScheme(): Scheme {
  const kept = localStorage.getItem(KEY);
  return kept === "light" || kept === "dark" ? kept : "device";
}

function applyScheme(scheme: Scheme = chosenScheme()) {
  const dark = scheme === "dark" || (scheme === "device" && window.matchMedia("(prefers-color-scheme: dark)").matches);
  document.documentElement.classList.toggle("dark", dark);
  document.documentElement.style.colorScheme = dark ? "dark" : "light";
}

export function chooseScheme(scheme: Scheme) {
  if (scheme === "device") localStorage.removeItem(KEY);
  else localStorage.setItem(KEY, scheme);
  applyScheme(scheme);
}

export function followDevice() {
  applyScheme();
  window.matchMedia("(prefers-color-scheme: dark)").addEventListener("change", () => applyScheme());
}
