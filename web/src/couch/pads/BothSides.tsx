import { type CSSProperties, Suspense, useState } from "react";
import type { Board, Changes, Leaves, Pad, Side } from "../../api/types";
import { otherSide, sideName } from "../../pieces/format";
import { later, NotLoaded } from "../../pieces/later";
import { NARROW, useMedia } from "../../pieces/useMedia";
import { Dials } from "./Dials";
import {
  type Block,
  blocksOf,
  type Item,
  isTingling,
  laidOut,
  MARKS,
  NOTHING,
  type Place,
  pairsFor,
} from "./items";
import { PadButton, PadCell } from "./PadButton";

/** Its drawing comes where it is needed. */
const Fingers = later(() => import("./Fingers").then((m) => m.Fingers), NotLoaded);

interface Recording {
  board: Board;
  involved: Side;
  /** Where keys go. */
  side: Side;
  leaves: Record<Side, Leaves>;
  /** What each pad answers to, in their order. */
  padKeys: readonly string[];
  onSide: (side: Side) => void;
  onPad: (side: Side, pad: Pad) => void;
  onChange: (side: Side, changes: Changes) => void;
  /** Whether both sides are tested at once, so that both are open from the start. */
  atOnce?: boolean;
}

/**
 * What was felt and seen on both sides: each fact is a pad of the affected side with the other side's narrow one at its edge.
 * Until something is found there, the other side is one tap for nothing found. A telephone shows one side at a time.
 */
export function BothSides(props: Recording) {
  const { board, involved, side, leaves } = props;
  const other = otherSide(involved);
  const narrow = useMedia(NARROW);
  const [opened, setOpened] = useState(props.atOnce ?? false);
  const blocks = blocksOf(board, props.padKeys);
  const nothing = blocks.flatMap((b) => b.items).find((i) => i.id === NOTHING);
  const found = Object.keys(leaves[other]).length > 0 && !nothing?.isOn(leaves[other]);
  const open = opened || found || side === other;
  const pairs = narrow ? 2 : pairsFor(blocks);
  const { places, headings } = laidOut(blocks, pairs);
  const shown: Side[] = narrow ? [side] : [other, involved];
  // What is measured and drawn needs room of its own for each side, and has it where that side is open.
  const measured: Side[] = narrow ? [side] : open ? [other, involved] : [involved];
  return (
    <>
      <div
        data-cells={open && !narrow}
        data-affected={involved}
        className="record mt-1.5"
        style={{ "--pairs": pairs } as CSSProperties}
      >
        {!narrow &&
          headings.map((h) => (
            <span
              key={h.heading}
              aria-hidden="true"
              className="record-heading"
              style={{ gridRow: `${h.row} / span ${h.rows}` }}
            >
              {h.heading}
            </span>
          ))}
        {shown.map((s) => (
          <SideOfBoth
            key={s}
            {...props}
            blocks={blocks}
            where={places}
            narrow={narrow}
            of={s}
            isOther={s === other}
            nothing={nothing}
            open={open}
            // What was found stays in sight.
            onOpen={
              found
                ? undefined
                : () => {
                    setOpened(!open);
                    if (side === other) {
                      props.onSide(involved);
                    }
                  }
            }
          />
        ))}
      </div>
      <div className="mt-1.5 flex flex-wrap items-start gap-x-3 gap-y-1.5 empty:hidden">
        {(board.pads as Pad[]).some(isTingling) && (
          <Suspense>
            <Fingers {...props} sides={measured} />
          </Suspense>
        )}
        <Dials {...props} sides={measured} />
      </div>
    </>
  );
}

function SideOfBoth(
  props: Recording & {
    blocks: Block[];
    where: Map<string, Place>;
    narrow: boolean;
    of: Side;
    isOther: boolean;
    nothing: Item | undefined;
    open: boolean;
    onOpen: (() => void) | undefined;
  },
) {
  const { of, isOther, narrow, open, nothing } = props;
  const active = of === props.side;
  const leaves = props.leaves[of];
  const name = sideName(of);
  const role = isOther ? "other side" : "affected side";
  const first = of === "left";
  const asCells = isOther && !narrow;
  // The left side stands at the left of every pair.
  const column = (place: Place) => place.column * 2 + (first ? 2 : 3);
  const tap = (item: Item) => props.onPad(of, item.pad);
  return (
    <section aria-label={`${name}, ${role}`} data-keys={active} className="contents">
      <div className="record-side" data-involved={!isOther} data-at={first ? "left" : "right"}>
        <h3 className="m-0 mr-auto text-[17px] leading-none font-semibold">
          {name}
          <span className="block text-[14px] font-normal text-soft">
            {role}
            {active && (
              <>
                , <b className="font-semibold">keys</b>
                <span className="sr-only"> go here</span>
              </>
            )}
          </span>
        </h3>
        {asCells && !open && nothing && (
          <PadButton label={nothing.label} keyName="N" on={nothing.isOn(leaves)} onTap={() => tap(nothing)} />
        )}
        {(open || !asCells) &&
          MARKS.map(([leaf, label, keyName]) => (
            <PadButton
              key={leaf}
              label={label}
              keyName={active ? keyName : ""}
              chip
              on={leaves[leaf] === true}
              onTap={() => props.onChange(of, { [leaf]: leaves[leaf] === true ? null : true })}
            />
          ))}
        {asCells && props.onOpen && (
          <button
            type="button"
            className="choice min-w-9 px-2"
            aria-expanded={open}
            aria-label={open ? "Fold the other side" : undefined}
            onClick={props.onOpen}
          >
            {open ? "\u2212" : "Something found"}
          </button>
        )}
        {narrow && (
          <button type="button" className="choice px-3" onClick={() => props.onSide(otherSide(of))}>
            {sideName(otherSide(of))} side
          </button>
        )}
      </div>
      {(open || !asCells) &&
        props.blocks.map((block) => {
          const pads = block.items.map((item) => {
            const place = props.where.get(item.id);
            const style = narrow || !place ? undefined : { gridRow: place.row, gridColumn: column(place) };
            const keyName = active ? item.keyName : asCells && item.id === NOTHING ? "N" : "";
            const shared = {
              label: item.label,
              keyName,
              on: item.isOn(leaves),
              style,
              onTap: () => tap(item),
            };
            return asCells ? (
              <PadCell key={item.id} {...shared} side={name} />
            ) : (
              <PadButton key={item.id} {...shared} hint={item.hint} chip={item.chip} />
            );
          });
          return block.heading ? (
            <fieldset key={block.heading} aria-label={block.heading} className="record-pads contents">
              {narrow && <span className="record-heading">{block.heading}</span>}
              {pads}
            </fieldset>
          ) : (
            <div key="signs" className="record-pads contents">
              {pads}
            </div>
          );
        })}
    </section>
  );
}
