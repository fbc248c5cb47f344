import { useState } from "react";
import { ErrorNote } from "../../pieces/ErrorNote";
import { percent } from "../../pieces/format";
import { ReasonDialog } from "../../pieces/ReasonDialog";
import { settingName } from "../../pieces/settings";
import { WideTable } from "../../pieces/WideTable";
import { useSession } from "../../session/useSession";
import { type RateRow, useRates, useTakeRate } from "./queries";
import { Rests } from "./Rests";

/** What turned out to be there, by complaint and setting, drawn towards the starting value; a lead takes over one by one. */
export function RatesTab() {
  const rates = useRates();
  const isLead = useSession().data?.role === "lead";
  const take = useTakeRate();
  const [taking, setTaking] = useState<RateRow>();
  const rows = rates.data?.rows ?? [];
  return (
    <>
      <ErrorNote error={rates.error} />
      {rates.data && <Rests on={rates.data.restsOn} />}
      <p className="m-0 max-w-[900px] text-[16px]">
        Of those in whom it was looked for, how many had it. The starting value counts for 20 people more (a
        beta-binomial), so that a few cases do not throw it over. Who was looked into is not everybody: a
        condition that is only looked for where it seems likely looks commoner than it is.
      </p>
      {rates.data && rows.length === 0 && <p className="m-0">Nothing is known of any case yet.</p>}
      {rows.length > 0 && (
        <>
          <p className="m-0">
            <a className="flex min-h-8 items-center underline" href="/api/outcomes/rates.csv" download>
              As a table for a spreadsheet (CSV)
            </a>
          </p>
          <WideTable
            label="Base rates learned"
            heads={["Complaint", "Condition", "Starts at", "Had it", "Learned", "95 % interval", "In force"]}
          >
            {rows.map((r) => (
              <tr
                key={`${r.complaint} ${r.setting} ${r.condition}`}
                className={`border-t border-line ${r.known < 10 ? "text-soft" : ""}`}
              >
                <th scope="row" className="py-1 pr-4 text-left font-normal">
                  {r.complaintName}, {settingName(r.setting)}
                </th>
                <td className="py-1 pr-4">{r.conditionName}</td>
                <td className="py-1 pr-4">{percent(r.start)}</td>
                <td className="py-1 pr-4 whitespace-nowrap">
                  {r.present} of {r.known}
                  <span className="text-soft"> ({r.cases} seen)</span>
                </td>
                <td className={`py-1 pr-4 ${r.elsewhere ? "font-bold" : ""}`}>{percent(r.rate.value)}</td>
                <td className="py-1 pr-4 whitespace-nowrap text-soft">
                  {percent(r.rate.low)} to {percent(r.rate.high)}
                </td>
                <td className="py-1">
                  {r.taken ? (
                    <span className="whitespace-nowrap">{percent(r.inForce)}, as learned</span>
                  ) : (
                    <span className="flex items-center gap-2 whitespace-nowrap">
                      {percent(r.inForce)}
                      {isLead && (
                        <button
                          type="button"
                          className="choice min-h-9 px-2 py-0"
                          aria-label={`Take over ${percent(r.rate.value)} for ${r.conditionName}, ${r.complaintName}, ${settingName(r.setting)}`}
                          onClick={() => setTaking(r)}
                        >
                          Take over
                        </button>
                      )}
                    </span>
                  )}
                </td>
              </tr>
            ))}
          </WideTable>
        </>
      )}
      {taking && (
        <ReasonDialog
          title={`${taking.conditionName} starts at ${percent(taking.rate.value)}`}
          words={`For ${taking.complaintName}, ${settingName(taking.setting)}, in the place of ${percent(taking.inForce)}. Open and new cases start there from now on; closed cases keep what they had.`}
          done="Take it over"
          open
          error={take.error}
          busy={take.isPending}
          onClose={() => {
            take.reset();
            setTaking(undefined);
          }}
          onReason={(why, sure) =>
            take.mutate(
              {
                complaint: taking.complaint,
                setting: taking.setting,
                condition: taking.condition,
                why,
                sure,
              },
              { onSuccess: () => setTaking(undefined) },
            )
          }
        />
      )}
    </>
  );
}
