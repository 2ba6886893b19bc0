import { useQueryClient } from "@tanstack/react-query";
import { type FormEvent, type ReactNode, useState } from "react";
import { answered, api, Refusal } from "../api/client";
import { useShelf } from "../api/queries";
import { Button } from "../ui/Button";
import { TextField } from "../ui/TextField";

/** Lets the page through on the first screen and on paired devices; else asks for the code. */
export function PairGate({ children }: { children: ReactNode }) {
  const shelf = useShelf();
  const locked = shelf.error instanceof Refusal && shelf.error.status === 401;
  return locked ? <PairPage /> : children;
}

function PairPage() {
  const [code, setCode] = useState("");
  const [name, setName] = useState("");
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const queries = useQueryClient();
  async function pair(event: FormEvent) {
    event.preventDefault();
    setRefusal(null);
    try {
      await answered(api.POST("/api/pair", { body: { code, name } }));
      await queries.resetQueries();
    } catch (problem) {
      setRefusal(problem instanceof Refusal ? problem : new Refusal({}, 0));
    }
  }
  const field = refusal?.field;
  return (
    <main className="mat flex min-h-full items-start justify-center px-5 pt-[12vh]">
      <form onSubmit={pair} className="torn w-full max-w-[360px] bg-sheet px-6 pt-8 pb-7">
        <h1 className="text-2xl leading-tight">Pair this device</h1>
        <p className="mt-1.5 mb-5 text-[14px] text-quiet">
          On the first screen open Shelf, then “Units, sharing”, and press “Pair a device”. It shows
          a code of six digits.
        </p>
        <div className="grid gap-4">
          <TextField
            label="The code"
            value={code}
            onChange={setCode}
            wrong={field === "code" ? refusal?.message : undefined}
          />
          <TextField
            label="What this device is called"
            value={name}
            onChange={setName}
            placeholder="tablet at the table"
            wrong={field === "name" ? refusal?.message : undefined}
          />
          {refusal && field !== "code" && field !== "name" && (
            <p role="alert" className="text-signal-text">
              {refusal.message}
            </p>
          )}
          <div>
            <Button strong type="submit">
              Pair
            </Button>
          </div>
        </div>
      </form>
    </main>
  );
}
