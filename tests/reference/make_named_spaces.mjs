// Writes named_spaces.json: sRGB colors in the spaces that CSS Color 4 names, as culori sees them; rec2020, whose
// curve the standard changed in 2025, as colorjs.io does.
import { writeFileSync } from "node:fs";
import Color from "colorjs.io";
import { converter } from "culori";

const spaces = {
  "srgb": ["rgb", "r g b"], "srgb-linear": ["lrgb", "r g b"], "hsl": ["hsl", "h s l", [1, 100, 100]],
  "hwb": ["hwb", "h w b", [1, 100, 100]], "lab": ["lab", "l a b"], "lch": ["lch", "l c h"], "oklab": ["oklab", "l a b"],
  "oklch": ["oklch", "l c h"], "display-p3": ["p3", "r g b"], "a98-rgb": ["a98", "r g b"], "prophoto-rgb": ["prophoto", "r g b"],
  "rec2020": ["rec2020", "r g b"], "xyz-d65": ["xyz65", "x y z"], "xyz-d50": ["xyz50", "x y z"],
};
// Middle colors, a light one, one next to black where the transfer functions are straight, and two primaries.
const colors = ["ce854e", "3d477f", "8fc31f", "fce3c4", "020301", "0000ff", "00ff00"].map((hex) => ({
  mode: "rgb", r: parseInt(hex.slice(0, 2), 16) / 255, g: parseInt(hex.slice(2, 4), 16) / 255, b: parseInt(hex.slice(4), 16) / 255,
}));

const rows = [];
for (const [space, [mode, keys, scale]] of Object.entries(spaces))
  for (const c of colors) {
    const there = converter(mode)(c);
    const components = space === "rec2020" ? [...new Color("srgb", [c.r, c.g, c.b]).to("rec2020").coords]
      : keys.split(" ").map((k, i) => (there[k] ?? 0) * (scale ? scale[i] : 1));
    rows.push({ space, components, srgb: [c.r, c.g, c.b] });
  }
writeFileSync(new URL("named_spaces.json", import.meta.url), "[\n" + rows.map((r) => JSON.stringify(r)).join(",\n") + "\n]\n");
