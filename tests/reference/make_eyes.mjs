// Writes eyes.json: linear light of some colors as eyes with one kind of cone missing see it, by culori's filters for
// full severity, which hold the tables published with Machado, Oliveira and Fernandes 2009. The filters sum what they are
// given; here that is linear light, as the paper has it. Nothing is brought into the display.
import { writeFileSync } from "node:fs";
import { filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from "culori";

const kinds = { protan: filterDeficiencyProt(1), deutan: filterDeficiencyDeuter(1), tritan: filterDeficiencyTrit(1) };
const rows = [];
for (const r of [0, 0.1, 0.5, 1]) for (const g of [0, 0.3, 1]) for (const b of [0, 0.2, 0.7, 1]) rows.push([r, g, b]);
const seen = (filter, [r, g, b]) => {
  const out = filter({ mode: "rgb", r, g, b });
  return [out.r, out.g, out.b];
};
const lines = rows.map((linear) => {
  const row = { linear };
  for (const [kind, filter] of Object.entries(kinds)) row[kind] = seen(filter, linear);
  return JSON.stringify(row);
});
writeFileSync(new URL("eyes.json", import.meta.url), "[\n" + lines.join(",\n") + "\n]\n");
