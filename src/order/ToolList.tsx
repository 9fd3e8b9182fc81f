import { formatAmount } from "../../core/length/quantity.ts";
import { hireOrBuy, type KitLine, type KitStep, SAMPLE_HIRE } from "../../core/order/tool-kit.ts";
import type { Plan } from "../../core/plan.ts";
import { editKit } from "../../core/project/business-commands.ts";
import type { Project } from "../../core/project/schema.ts";
import { useJobStyle } from "../fields/context.ts";
import { NumberField } from "../fields/NumberField.tsx";
import { Row, Tick } from "../panel/PanelParts.tsx";
import { dispatch } from "../state/job-store.ts";
import { ui } from "../words/ui.ts";
import { kitOf } from "./kit-of.ts";
import { formatMoney } from "./money.ts";

const STEPS: KitStep[] = ["board", "film", "cut", "set", "grout"];

/** Tools and what is used up, by step: what is at hand is ticked, dear ones are hired or bought. */
export function ToolList({ project, plan }: { project: Project; plan: Plan }) {
  const lines = kitOf(project, plan);
  return (
    <section data-tools={lines.length}>
      <p className="max-w-prose text-sm">{ui.order.kit.intro}</p>
      {STEPS.map((step) => {
        const own = lines.filter((line) => line.step === step);
        return (
          own.length > 0 && (
            <div key={step}>
              <h2 className="section-title mt-4">{ui.order.kit.steps[step]}</h2>
              <ul>
                {own.map((line) => (
                  <ToolLine key={line.id} project={project} line={line} />
                ))}
              </ul>
            </div>
          )
        );
      })}
      <p className="mt-4 border-l-3 border-warning pl-2 text-xs">{ui.order.kit.caution}</p>
    </section>
  );
}

/** Reasons that are amounts of something, and not counts. */
const AREAS = ["boardM2", "areaM2"];

function ToolLine({ project, line }: { project: Project; line: KitLine }) {
  const style = useJobStyle();
  const { id, count, reason, of, hireDays = 0 } = line;
  const own = project.kit?.find((other) => other.id === id);
  const amount = AREAS.includes(reason) ? formatAmount(of, "m2", style) : String(of);
  const chosen = hireOrBuy(line, own);
  const usual = SAMPLE_HIRE[id];
  return (
    <li className="border-b border-base-300/60 py-1" data-tool={id}>
      <div className="flex items-center justify-between gap-3">
        <span>
          <strong>{ui.order.kit.names[id]}</strong>
          {count > 1 && ` · ${count} ×`}
          <span className="block text-sm opacity-85">{ui.order.kit.because[reason](amount)}</span>
        </span>
        <Tick
          label={ui.order.kit.have}
          checked={own?.have ?? false}
          onChange={(have) => dispatch(editKit(id, { have }))}
        />
      </div>
      {chosen && usual && !own?.have && (
        <div className="max-w-md">
          <p className="text-sm font-semibold" data-hire={chosen.choice}>
            {chosen.choice === "hire"
              ? ui.order.kit.hire(formatMoney(chosen.hire), hireDays, formatMoney(chosen.buy))
              : ui.order.kit.buyIt(formatMoney(chosen.buy), formatMoney(chosen.hire), hireDays)}
          </p>
          <Row>
            <NumberField
              label={ui.order.kit.hireDay}
              name={`kit/${id}/hire`}
              value={own?.hire ?? usual.hire}
              onCommit={(hire) => dispatch(editKit(id, { hire }))}
            />
            <NumberField
              label={ui.order.kit.buy}
              name={`kit/${id}/buy`}
              value={own?.buy ?? usual.buy}
              onCommit={(buy) => dispatch(editKit(id, { buy }))}
            />
          </Row>
        </div>
      )}
    </li>
  );
}
