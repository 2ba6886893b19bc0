interface Props {
  what: string;
  /** 0 to 1; null while it is not known. */
  progress: number | null;
  onStop: () => void;
}

/** Something that takes long: how far it is, and stopping it. */
export function Running({ what, progress, onStop }: Props) {
  return (
    <>
      {what}
      {progress !== null && `, ${Math.round(100 * progress)} %`}{" "}
      <button type="button" className="font-semibold text-ink underline" onClick={onStop}>
        Stop, keep the best so far
      </button>
    </>
  );
}
