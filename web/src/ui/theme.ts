import { create } from "zustand";

type Choice = "light" | "dark" | "system";

const KEY = "drumnest.theme";
const dark = window.matchMedia("(prefers-color-scheme: dark)");

function stored(): Choice {
  const choice = window.localStorage.getItem(KEY);
  return choice === "light" || choice === "dark" ? choice : "system";
}

function show(choice: Choice) {
  const isDark = choice === "dark" || (choice === "system" && dark.matches);
  document.documentElement.dataset.theme = isDark ? "dark" : "light";
}

interface Theme {
  choice: Choice;
  choose: (choice: Choice) => void;
}

/** Light or dark, as chosen in this browser or by its system. */
export const useTheme = create<Theme>((set) => ({
  choice: stored(),
  choose: (choice) => {
    window.localStorage.setItem(KEY, choice);
    show(choice);
    set({ choice });
  },
}));

show(stored());
dark.addEventListener("change", () => show(useTheme.getState().choice));
