// Writes conversions.json: colors in every space as colorjs.io and the hsluv package see them.
import { writeFileSync } from "node:fs";
import Color from "colorjs.io";
import { Hsluv } from "hsluv";

// A coarse grid over the cube, the traditional anchors, near-neutrals and the dark end.
const colors = [];
for (const r of [0, 51, 128, 204, 255])
  for (const g of [0, 77, 178, 255]) for (const b of [0, 64, 191, 255]) colors.push([r, g, b]);
for (const hex of "ffe500 fbb01e f07f13 e8501e d8232a a01d62 6b2a8a 4b349c 1f55b5 0d8a98 129446 8fc31f 808080 818080 010101 020001 fefefe ce854e".split(" "))
  colors.push([0, 2, 4].map((i) => parseInt(hex.slice(i, i + 2), 16)));

const rows = colors.map((rgb) => {
  const color = new Color("srgb", rgb.map((x) => x / 255));
  const hex = "#" + rgb.map((x) => x.toString(16).padStart(2, "0")).join("");
  const hsluv = new Hsluv();
  [hsluv.rgb_r, hsluv.rgb_g, hsluv.rgb_b] = rgb.map((x) => x / 255);
  hsluv.rgbToHsluv();
  const of = (space) => color.to(space).coords.map((x) => (x === null || Number.isNaN(x) ? null : Number(x)));
  return {
    hex,
    linear: of("srgb-linear"),
    xyz: of("xyz-d65"),
    lab: of("lab-d65"),
    luv: of("luv"),
    hsluv: [hsluv.hsluv_h, hsluv.hsluv_s, hsluv.hsluv_l],
    oklab: of("oklab"),
    oklch: of("oklch"),
    hsv: of("hsv"),
    hsl: of("hsl"),
  };
});
writeFileSync(new URL("conversions.json", import.meta.url), "[\n" + rows.map((r) => JSON.stringify(r)).join(",\n") + "\n]\n");
