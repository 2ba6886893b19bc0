import { useEffect } from "react";
import { Link, Navigate, NavLink, useNavigate, useParams } from "react-router";
import { isTyping } from "../ui/keys";
import { lastPlace } from "../ui/lastPlace";
import { BuilderSection } from "./BuilderSection";
import { CatalogueSection } from "./CatalogueSection";
import { PocketsSection } from "./PocketsSection";
import { RulesSection } from "./RulesSection";
import { SettingsSection } from "./SettingsSection";

const SECTIONS: [string, string][] = [
  ["catalogue", "Catalogue"],
  ["builder", "Pattern builder"],
  ["pockets", "Pockets measured"],
  ["rules", "House rules"],
  ["settings", "Units, sharing"],
];

/** What lies on the shelf and holds for all albums: the catalogue, the house rules, the house. */
export function ShelfPage() {
  const { section } = useParams();
  const navigate = useNavigate();
  const title = SECTIONS.find(([key]) => key === section)?.[1];
  useEffect(() => {
    document.title = `${title ?? "Shelf"} · Drum Nest`;
    function onKey(event: KeyboardEvent) {
      if (event.key === "Escape" && !isTyping(event)) {
        void navigate(lastPlace());
      }
    }
    window.addEventListener("keydown", onKey);
    return () => window.removeEventListener("keydown", onKey);
  }, [navigate, title]);
  if (!title) {
    return <Navigate to="/shelf/catalogue" replace />;
  }
  return (
    <div className="flex h-full flex-col md:flex-row">
      <nav
        aria-label="Shelf"
        className="slim-scroll flex shrink-0 items-center gap-1 overflow-x-auto bg-edge px-3 py-2 text-edge-text md:w-[132px] md:flex-col md:items-stretch md:px-0 md:py-4"
      >
        <Link
          to={lastPlace()}
          className="shrink-0 pr-3 text-[13px] whitespace-nowrap text-edge-quiet underline underline-offset-2 md:mb-4 md:px-4"
        >
          Back to the album
        </Link>
        {SECTIONS.map(([key, name]) => (
          <NavLink
            key={key}
            to={`/shelf/${key}`}
            className="px-3 py-1.5 text-[15px] leading-tight font-semibold whitespace-nowrap [font-stretch:108%] aria-[current=page]:bg-mat aria-[current=page]:text-ink md:pl-4 md:whitespace-normal md:aria-[current=page]:ml-1.5 md:aria-[current=page]:pl-2.5"
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <main className="slim-scroll min-h-0 bg-mat flex-1 overflow-y-auto px-4 py-5 sm:px-8">
        <div className="mx-auto max-w-[1040px]">
          {section === "catalogue" && <CatalogueSection />}
          {section === "builder" && <BuilderSection />}
          {section === "pockets" && <PocketsSection />}
          {section === "rules" && <RulesSection />}
          {section === "settings" && <SettingsSection />}
        </div>
      </main>
    </div>
  );
}
