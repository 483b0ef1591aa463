// Writes css_colors.json: notations of CSS Color 4, what two libraries read, and what they refuse. Where they
// disagree with each other the row says which one goes by the standard.
import { writeFileSync } from "node:fs";
import Color from "colorjs.io";
import { converter, parse } from "culori";

const valid = [
  "#29d", "#29df", "#2299dd", "#2299DDFF", "#22990080", "rebeccapurple", "RebeccaPurple", "aqua",
  "rgb(34 153 221)", "rgb(34, 153, 221)", "rgba(34 153 221 / 1)", "rgb(34,153,221,.5)", "rgba(34,153,221,50%)",
  "rgb(34.4 153.6 221)", "rgb(10% 60% 80%)", "rgb(10%,60%,80%)", "rgb(10% 153 80%)", "rgb(none 153 none)",
  "rgb(300 0 0)", "rgb(-20 300 50)", "rgb(120% -10% 50%)", "rgb(1e2 +50 5.5e1)", "rgb(34 153 221/40%)", "rgb( 34  153\t221 )",
  "RGB(34 153 221)", "rgb(34/**/153/* two */221)", "rgb(0 0 0 / 2)", "rgb(0 0 0 / -1)",
  "hsl(120deg 100% 25%)", "hsl(120 100 25)", "hsl(120, 100%, 25%)", "hsla(120, 100%, 25%, 0.3)", "hsl(0.5turn 100% 50%)",
  "hsl(2.0944rad 50% 50%)", "hsl(133.333grad 50% 50%)", "hsl(-120 50% 50%)", "hsl(480 50% 50%)", "hsl(none 50% 50%)",
  "hsl(120 -50% 40%)", "hsl(120 none 40%)", "hwb(90 50% 0%)", "hwb(90 50 0)", "hwb(1.5turn 10% 30% / 0.5)", "hwb(90 80% 60%)",
  "lab(29.2345% 39.3825 20.0664)", "lab(29.2345 39.3825 20.0664)", "lab(50% 31.5% -16.0532%)", "lab(none none -20)", "lab(120 0 0)",
  "lab(-10 20 20)", "lab(50 200 -160)", "lch(52.2345% 72.2 56.2)", "lch(52 48.1333% 56.2)", "lch(50 -20 90)", "lch(50 30 -90deg)",
  "lch(50 30 0.25turn)", "oklab(40.101% 0.1147 0.0453)", "oklab(0.5 25% -25%)", "oklab(1.5 0 0)", "oklch(59.686% 0.15619 49.7694)",
  "oklch(0.6 50% 120)", "oklch(0.6 -0.1 120)", "oklch(0.7 0.1 none)", "color(srgb 0.1 0.6 0.8)", "color(srgb 10% 60% 80%)",
  "color(srgb 1.2 -0.1 0.5)", "color(srgb-linear 0.5 1 none)", "color(display-p3 1 1 0)", "color(display-p3 0.3 0.5 0.2 / 0.5)",
  "color(a98-rgb 0.3 0.5 0.2)", "color(prophoto-rgb 0.3 0.5 0.2)", "color(rec2020 0.3 0.5 0.2)", "color(rec2020 1 0 0)",
  "color(xyz 0.3 0.4 0.2)", "color(xyz-d65 0.3 0.4 0.2)", "color(xyz-d50 30% 40% 20%)",
];
const invalid = [
  "", "#12", "#12345", "#1234567", "#ggg", "copper", "rgb()", "rgb(1 2)", "rgb(1 2 3 4)", "rgb(1 2 3 4 5 6 7)", "rgb(10px 20 30)",
  "rgb(1, 2 3)", "rgb(1 2, 3)", "rgb(1,2,3,)", "rgb(,1,2,3)", "rgb(1,2,3/0.5)", "rgb(1 2 3 / 0.5 / 1)", "rgb(10%, 20, 30%)",
  "rgb(none, 2, 3)", "rgb(1deg 2 3)", "rgb(1. 2 3)", "rgb(1 2 3", "rgb 1 2 3", "rgb (1 2 3)", "hsl(120, 50, 50)",
  "hsl(50% 50% 50%)", "hsl(120 50deg 50%)", "hsl(1foo 50% 50%)", "hwb(90, 50%, 0%)", "lab(50, 20, 20)", "lab(50 20)",
  "lab(50 20 20deg)", "lch(50 20 20%)", "oklch(0.5, 0.1, 20)", "color(0.1 0.2 0.3)", "color(lab 50 20 20)", "color(hsl 50 20 20)",
  "color(srgb 0.1, 0.2, 0.3)", "color(srgb 0.1 0.2)", "color(srgb 0.1 0.2 0.3 0.4)", "color(srgb 1deg 0 0)", "cmyk(0 1 1 0)",
];
const xyz65 = converter("xyz65");
const culori = (text) => {
  let c;
  try {
    c = parse(text);
  } catch {
    return null;
  }
  if (!c) return null;
  const { x, y, z, alpha } = xyz65(c);
  return [x, y, z, alpha ?? 1].map((n) => (Number.isNaN(n) ? 0 : n));
};
const colorjs = (text) => {
  try {
    const c = new Color(text);
    return [...c.to("xyz-d65").coords, c.alpha].map((n) => +(n ?? 0));
  } catch {
    return null;
  }
};
const rows = [...valid.map((text) => ({ text, valid: true })), ...invalid.map((text) => ({ text, valid: false }))];
for (const row of rows) Object.assign(row, { culori: culori(row.text), colorjs: colorjs(row.text) });
writeFileSync(new URL("css_colors.json", import.meta.url), "[\n" + rows.map((r) => JSON.stringify(r)).join(",\n") + "\n]\n");
