import type { Section } from "../api/client";
import { ink } from "../ui/theme";
import { foldPaths, topMm } from "./foldPaths";
import { FOLD_SEAM_MM, type Frame } from "./frame";
import { toneInk } from "./tones";

type Props = { frame: Frame; section: Section; lid: NonNullable<Section["lid"]>; detail: boolean; whole: boolean };

/** Steam of a pasty crimped on top leaves beside its crest, px above the dough. */
const CREST_PX = 1;

/** More of the top open than this is drawn as a vent. */
const VENT_SHARE = 0.001;

/** The dough of a folded pie, each shape by its own centreline, its seam and its vent. */
export function FoldSheet({ frame, section, lid, detail, whole }: Props) {
  const { x, y } = frame;
  const crust = section.tin.crustMm;
  const pastry = toneInk("pastry");
  const thick = Math.max(2, crust * frame.pxPerMm * Math.sqrt(frame.stretch));
  const { sheets, seam } = foldPaths(frame, section, lid.openShare >= VENT_SHARE, whole);
  const crest = section.fold === "top-crimp" ? CREST_PX : 4;
  const lining = detail ? 1.4 : 1;
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={sheets} stroke={ink("ink")} strokeWidth={thick + 2 * lining} />
      <path d={sheets} stroke={pastry.bed} strokeWidth={thick} />
      {detail && <path d={sheets} stroke={ink("ink")} strokeWidth="1" strokeDasharray="9 6" opacity="0.3" />}
      <path d={seam} stroke={ink("ground")} strokeWidth={detail ? 3 : 1.6} />
      {detail && <path d={seam} stroke={ink("heat")} strokeWidth="1" strokeDasharray="3 2" />}
      {detail && lid.openShare >= VENT_SHARE && (
        <path
          d={`M${x(section.fold === "top-crimp" ? section.tin.linedFloorRadiusMm * (whole ? -0.4 : 0.4) : 0)},${y(topMm(section)) - crest} v-22 m-5,6 l5,-6 l5,6`}
          stroke={ink("water")}
          strokeWidth="2.2"
          strokeLinecap="round"
        />
      )}
    </g>
  );
}

/** What a fold is wide at its widest, from the axis, mm. */
export const foldReachMm = (section: Section) => section.tin.rimRadiusMm + FOLD_SEAM_MM + section.tin.crustMm;
