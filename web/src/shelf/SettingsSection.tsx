import { useQuery, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { answered, api, Refusal } from "../api/client";
import { useSettings } from "../api/queries";
import type { Sharing } from "../api/types";
import { Button } from "../ui/Button";
import { useNotices } from "../ui/notices";

const UNITS: [string, string][] = [
  ["sixteenths", "inches, in 16ths"],
  ["thirty-seconds", "inches, in 32nds"],
  ["sixty-fourths", "inches, in 64ths"],
  ["millimetres", "millimetres"],
];

/** The units of the house, and sharing with the tablet or phone at the table. */
export function SettingsSection() {
  return (
    <>
      <h1 className="text-2xl leading-tight">Units and sharing</h1>
      <UnitsChoice />
      <SharingPart />
    </>
  );
}

function UnitsChoice() {
  const settings = useSettings();
  const queries = useQueryClient();
  const notify = useNotices((state) => state.notify);
  async function choose(units: string) {
    try {
      const next = await answered(api.POST("/api/settings/units", { body: { units } }));
      queries.setQueryData(["settings"], next);
      // Everything that was asked before says its lengths in the old units.
      void queries.invalidateQueries({ predicate: (query) => query.queryKey[0] !== "settings" });
    } catch (problem) {
      notify(problem instanceof Refusal ? problem.message : "That did not work.");
    }
  }
  return (
    <fieldset className="mt-5">
      <legend className="text-[17px] font-bold [font-stretch:112%]">Lengths are shown in</legend>
      <div className="mt-2 flex flex-wrap gap-x-6 gap-y-2">
        {UNITS.map(([key, words]) => (
          <label key={key} className="flex items-center gap-2">
            <input
              type="radio"
              name="units"
              checked={settings.data?.units === key}
              onChange={() => choose(key)}
              className="accent-fold"
            />
            {words}
          </label>
        ))}
      </div>
      <p className="mt-2 max-w-[64ch] text-[13px] text-quiet">
        Sizes are kept exactly and only shown in these; ~ stands before what is rounded. A number
        written without a unit is taken in them; 4 1/4 in and 108 mm are always understood.
      </p>
    </fieldset>
  );
}

function SharingPart() {
  const queries = useQueryClient();
  const notify = useNotices((state) => state.notify);
  const [busy, setBusy] = useState(false);
  const [chosen, setChosen] = useState<string[] | null>(null);
  const sharing = useQuery({
    queryKey: ["sharing"],
    refetchInterval: (query) => (query.state.data?.code ? 3_000 : false),
    queryFn: () => answered(api.GET("/api/sharing")),
  });
  async function change(asked: () => Promise<Sharing>) {
    setBusy(true);
    try {
      queries.setQueryData(["sharing"], await asked());
    } catch (problem) {
      notify(problem instanceof Refusal ? problem.message : "That did not work.");
    } finally {
      setBusy(false);
    }
  }
  const now = sharing.data;
  if (!now) {
    return null;
  }
  const usual = now.places.filter((place) => (now.on ? place.open : place.usual));
  const at = chosen ?? usual.map((place) => place.address);
  function tick(address: string, ticked: boolean) {
    setChosen(ticked ? [...at, address] : at.filter((each) => each !== address));
  }
  function share() {
    setChosen(null);
    const body = chosen ? { on: true, addresses: at } : { on: true };
    return change(() => answered(api.POST("/api/sharing", { body })));
  }
  return (
    <section aria-label="Sharing" className="mt-8">
      <h2 className="text-[17px]">A tablet or phone at the table</h2>
      <p className="mt-1 max-w-[64ch] text-[14px] text-quiet">
        Drum Nest answers this machine only. While sharing is on it also answers in your local
        network, and only devices that were paired here with a code, until it is ended or sharing is
        stopped. The way there is not encrypted: share in a network that you trust. Photos stay on
        this machine.
      </p>
      {!now.here && (
        <p className="mt-3 font-semibold">
          This device is paired. Sharing is changed on the first screen.
        </p>
      )}
      {now.here && now.places.length > 0 && (
        <fieldset className="mt-3" disabled={busy}>
          <legend className="text-[13px] text-quiet">Where to share</legend>
          {now.places.map((place) => (
            <label key={place.address} className="mt-1 flex items-baseline gap-2">
              <input
                type="checkbox"
                checked={at.includes(place.address)}
                onChange={(event) => tick(place.address, event.target.checked)}
                className="accent-fold"
              />
              <span className="font-semibold">{place.address}</span>
              <span className="text-[13px] text-quiet">
                {place.device}, {place.behind}
              </span>
            </label>
          ))}
        </fieldset>
      )}
      {now.here && (
        <div className="mt-3 flex flex-wrap gap-2">
          {(!now.on || chosen) && (
            <Button strong disabled={busy || (chosen !== null && at.length === 0)} onClick={share}>
              {now.on ? "Share there instead" : "Share"}
            </Button>
          )}
          {now.on && (
            <Button
              disabled={busy}
              onClick={() =>
                change(() => answered(api.POST("/api/sharing", { body: { on: false } })))
              }
            >
              Stop sharing
            </Button>
          )}
          {now.on && (
            <Button
              strong={!now.code}
              disabled={busy}
              onClick={() => change(() => answered(api.POST("/api/sharing/code")))}
            >
              {now.code ? "Another code" : "Pair a device"}
            </Button>
          )}
        </div>
      )}
      {now.here && now.on && (
        <div className="mt-4 flex flex-wrap items-start gap-x-10 gap-y-3">
          <div>
            <p className="text-[13px] text-quiet">On the device, open</p>
            {now.addresses.map((address) => (
              <p key={address} className="text-[22px] leading-tight font-semibold">
                http://{address}
              </p>
            ))}
          </div>
          {now.code && (
            <div>
              <p className="text-[13px] text-quiet">and give this code, until {now.codeUntil}</p>
              <p data-code={now.code} className="great text-[58px]">
                {now.code.slice(0, 3)} {now.code.slice(3)}
              </p>
            </div>
          )}
        </div>
      )}
      {now.devices.length > 0 && (
        <table className="mt-5 w-full max-w-[640px] bg-sheet text-left">
          <caption className="sr-only">Paired devices</caption>
          <thead className="text-[13px] text-quiet">
            <tr>
              <th className="px-3 py-1.5 font-normal">paired device</th>
              <th className="px-3 py-1.5 font-normal">since</th>
              <th className="px-3 py-1.5">
                <span className="sr-only">remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {now.devices.map((device) => (
              <tr key={device.id} className="border-t border-hair">
                <td className="px-3 py-1.5 font-semibold">{device.name}</td>
                <td className="px-3 py-1.5">{device.paired}</td>
                <td className="px-3 py-1.5 text-right">
                  {now.here && (
                    <button
                      type="button"
                      className="underline underline-offset-2"
                      aria-label={`Remove ${device.name}`}
                      onClick={() =>
                        change(() =>
                          answered(
                            api.POST("/api/sharing/devices/{device}/remove", {
                              params: { path: { device: device.id } },
                            }),
                          ),
                        )
                      }
                    >
                      remove
                    </button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
}
