import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Link, useNavigate } from "react-router";
import { answered, api, Refusal } from "../api/client";
import { useCatalogue } from "../api/queries";
import type { Album, Plan } from "../api/types";
import { useStep } from "../api/useStep";
import { ask } from "../ui/Ask";
import { Running } from "../ui/Running";
import { useRun } from "../ui/useRun";
import { useSettled } from "../ui/useSettled";
import { WithGather } from "../ui/WithGather";
import { counted } from "../ui/words";
import { PlanColumn } from "./PlanColumn";
import { PlanRequestForm } from "./PlanRequestForm";
import { isMostLeaves, usePlanRequest, usualKinds } from "./planRequest";

/** Which leaves hold the photos best: up to three plans side by side, true to scale. */
export function PlansStage({ album }: { album: Album }) {
  const catalogue = useCatalogue();
  const entries = catalogue.data?.entries ?? [];
  const request = usePlanRequest();
  const kinds = request.kinds ?? usualKinds(album, entries);
  const asks = isMostLeaves(request.mostLeaves);
  const most = request.mostLeaves.trim() === "" ? undefined : Number(request.mostLeaves);
  const body = {
    kinds,
    breathing: request.breathing,
    mostLeaves: most,
    freshPages: request.freshPages,
    undecided: request.undecided,
    anew: request.anew,
    sleeves: request.sleeves,
  };
  const wanted = JSON.stringify([album.revision, body]);
  const asked = useSettled(wanted);
  const current = asks && asked === wanted;
  const run = useRun();
  const { watch } = run;
  const plans = useQuery({
    queryKey: ["plans", album.id, asked],
    // What is wrong in the form is said there; until it is mended, what was found stays.
    enabled: entries.length > 0 && kinds.length > 0 && current,
    // A request that cannot be met is answered, and asking again changes nothing.
    retry: false,
    placeholderData: keepPreviousData,
    queryFn: () =>
      watch(async (name) => {
        const request = { ...body, run: name };
        const answer = await answered(
          api.POST("/api/albums/{id}/plans", { params: { path: { id: album.id } }, body: request }),
        );
        return { ...answer, request };
      }),
  });
  // What is laid is what is shown: until the plans are those of the form, none can be taken.
  const answers = current && !plans.isPlaceholderData;
  const step = useStep(album.id);
  const navigate = useNavigate();

  async function take(plan: Plan) {
    if (!plans.data) {
      return;
    }
    const { goes, request } = plans.data;
    if (goes.length > 0) {
      const lines = [
        `${counted(goes.length, "leaf is", "leaves are")} taken out: ${goes.join(", ")}`,
        "their photos are placed again on the proposed leaves",
      ];
      if (!(await ask("Replace these leaves?", lines, "Replace"))) {
        return;
      }
    }
    const next = await step("/api/albums/{id}/take-plan", { request, number: plan.number });
    if (next) {
      const first = plan.leaves.length > 0 ? next.leaves.length - plan.leaves.length : 0;
      navigate(`/albums/${album.id}/place?spread=${first}`);
    }
  }

  const found = plans.data?.plans ?? [];
  const weighing = run.running && plans.isFetching;
  const widest = Math.max(
    1,
    ...found.flatMap((plan) => plan.leaves.map((leaf) => Math.max(leaf.front.w, leaf.back.w))),
  );
  return (
    <div className="flex h-full min-h-0 flex-col overflow-y-auto lg:flex-row lg:overflow-hidden">
      <PlanRequestForm album={album} entries={entries} kinds={kinds} />
      <div className="slim-scroll min-w-0 flex-1 px-5 pt-4 pb-6 lg:overflow-y-auto">
        <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b-2 border-ink pb-2">
          <h1 className="text-2xl leading-tight">Which leaves</h1>
          <div
            className="grid min-w-0 flex-1 basis-[24ch] text-[15px] text-quiet *:[grid-area:1/1]"
            role="status"
          >
            {/* It keeps its room while leaves are weighed, so that nothing moves under the hand. */}
            {!plans.isError && found.length > 0 && (
              <p className={weighing ? "invisible" : undefined}>{plans.data?.photos}</p>
            )}
            {weighing && (
              <p>
                <Running what="Weighing leaves" progress={run.progress} onStop={run.stop} />
              </p>
            )}
          </div>
          <Link
            to={`/albums/${album.id}/place`}
            className="ml-auto text-[13px] font-semibold underline underline-offset-2"
          >
            Back to Place
          </Link>
        </div>
        {plans.isError ? (
          <p className="mt-4 max-w-[56ch]">
            {plans.error instanceof Refusal ? plans.error.message : "No proposal could be made."}
          </p>
        ) : kinds.length === 0 ? (
          <p className="mt-4">Choose at least one kind of leaf.</p>
        ) : plans.data && found.length === 0 ? (
          <p className="mt-4 max-w-[56ch]">
            <WithGather text={plans.data.photos} />
          </p>
        ) : (
          <div className="mt-3 grid grid-cols-1 gap-x-6 gap-y-8 sm:grid-cols-3">
            {found.map((plan) => (
              <PlanColumn
                key={plan.number}
                plan={plan}
                widest={widest}
                onTake={answers ? () => take(plan) : undefined}
              />
            ))}
          </div>
        )}
      </div>
    </div>
  );
}
