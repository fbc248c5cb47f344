import { ErrorNote } from "../../pieces/ErrorNote";
import { plainNumber } from "../../pieces/format";
import { WideTable } from "../../pieces/WideTable";
import { useAgreement } from "./queries";
import { figureWords } from "./words";

/** Whether two examiners find the same in one patient, blind to each other. */
export function AgreementTab() {
  const agreement = useAgreement();
  const of = agreement.data;
  return (
    <>
      <ErrorNote error={agreement.error} />
      {of && (
        <p className="m-0 max-w-[900px] text-[16px]">
          {of.pairs === 1 ? "1 patient was" : `${of.pairs} patients were`} examined by two, blind to each
          other. Ask for a second examination on a case, under What came out.
        </p>
      )}
      {of && of.criteria.length > 0 && (
        <WideTable
          label="Findings"
          heads={["Finding", "Both +", "One +", "Both −", "Agreed", "Kappa", "Adjusted kappa"]}
          caption={<b className="text-[20px]">Findings</b>}
        >
          {of.criteria.map((c) => (
            <tr key={c.criterion} className={`border-t border-line ${c.small ? "text-soft" : ""}`}>
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {c.name}
                {c.small && ", few"}
              </th>
              <td className="pr-4">{c.both}</td>
              <td className="pr-4 whitespace-nowrap">
                {c.first} and {c.second}
              </td>
              <td className="pr-4">{c.neither}</td>
              <td className="pr-4">
                {Math.round(100 * c.observed)}
                {"\u202f"}%
              </td>
              <td className="pr-4 whitespace-nowrap">{c.kappa ? figureWords(c.kappa) : "cannot be said"}</td>
              <td className="whitespace-nowrap">{figureWords(c.adjusted)}</td>
            </tr>
          ))}
        </WideTable>
      )}
      {of && of.criteria.length > 0 && (
        <p className="m-0 max-w-[900px] text-[15px] text-soft">
          Kappa is agreement beyond chance (Cohen). Where nearly everybody is negative it is low however well
          two agree; the adjusted one is free of that (Byrt). Below ten patients both are pale.
        </p>
      )}
      {of && of.measures.length > 0 && (
        <WideTable
          label="Measures"
          heads={[
            "Measure",
            "Patients",
            "ICC (2,1)",
            "Standard error",
            "Smallest real change",
            "First less second",
          ]}
          caption={<b className="text-[20px]">Measures</b>}
        >
          {of.measures.map((m) => (
            <tr key={m.measure} className={`border-t border-line ${m.used ? "" : "text-soft"}`}>
              <th scope="row" className="py-1 pr-4 text-left font-normal">
                {m.name}
                {!m.used && ", few"}
              </th>
              <td className="pr-4">{m.patients}</td>
              <td className="pr-4 whitespace-nowrap">{figureWords(m.icc)}</td>
              <td className="pr-4 whitespace-nowrap">
                {plainNumber(m.measurementError)} {m.unit}
              </td>
              <td className="pr-4 whitespace-nowrap">
                {plainNumber(m.smallestRealChange)} {m.unit}
              </td>
              <td className="whitespace-nowrap">
                {plainNumber(m.firstHigher)} {m.unit}
              </td>
            </tr>
          ))}
        </WideTable>
      )}
      {of && of.measures.length > 0 && (
        <p className="m-0 max-w-[900px] text-[15px] text-soft">
          The smallest real change is what two examiners here do not explain. From ten patients on, changes
          over the visits are held against it, unless the department states an error of its own in the
          settings.
        </p>
      )}
      {of && of.pairs > 0 && (
        <a
          className="flex min-h-8 items-center self-start underline"
          href="/api/outcomes/agreement.csv"
          download
        >
          As a table for a spreadsheet (CSV)
        </a>
      )}
    </>
  );
}
