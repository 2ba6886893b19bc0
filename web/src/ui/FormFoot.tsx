import { Button } from "./Button";

/** What is wrong with a form besides its fields, and the button that sends it. */
export function FormFoot({ wrong, name }: { wrong: string | null | undefined; name: string }) {
  return (
    <>
      {wrong && (
        <p role="alert" className="col-span-2 text-signal-text">
          {wrong}
        </p>
      )}
      <div className="col-span-2">
        <Button strong type="submit">
          {name}
        </Button>
      </div>
    </>
  );
}
