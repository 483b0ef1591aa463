// Writes wheel.json: colors, reach and value span on the traditional anchors and the light wheel, found by plain
// search on culori's conversions.
import { writeFileSync } from "node:fs";
import { converter } from "culori";

const toRgb = converter("rgb"), toLinear = converter("lrgb"), toXyz = converter("xyz65");
const toLab = converter("lab65"), toOklab = converter("oklab"), toLuv = converter("luv"), toHsv = converter("hsv");
const lightness = (rgb) => {
  const y = toXyz(rgb).y;
  return y > 216 / 24389 ? 116 * Math.cbrt(y) - 16 : (24389 / 27) * y;
};
const deg = (b, a) => ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360;
const margin = (c) => {
  const l = toLinear(c);
  return Math.min(l.r, l.g, l.b, 1 - l.r, 1 - l.g, 1 - l.b);
};
const bisect = (f, low, high) => {
  for (let i = 0; i < 80; i++) {
    const m = (low + high) / 2;
    if (f(m) === f(low)) low = m;
    else high = m;
  }
  return (low + high) / 2;
};
// A color of a given L* with one free number that raises it.
const raised = (make, v) => {
  let low = 0, high = 1;
  for (let i = 0; i < 60; i++) {
    const m = (low + high) / 2;
    if (lightness(make(m)) < v) low = m;
    else high = m;
  }
  return make((low + high) / 2);
};
const rad = (h) => (h * Math.PI) / 180;
const largest = { cielab: 0, oklab: 0 };
for (let h = 0; h < 360; h += 0.5) {
  const c = toRgb({ mode: "hsv", h, s: 1, v: 1 });
  const lab = toLab(c), ok = toOklab(c);
  largest.cielab = Math.max(largest.cielab, Math.hypot(lab.a, lab.b));
  largest.oklab = Math.max(largest.oklab, Math.hypot(ok.a, ok.b));
}
const measures = {
  hsl: { hue: (c) => toHsv(c).h, at: (h, r, v) => raised((l) => ({ mode: "hsl", h, s: r, l }), v) },
  hsv: { hue: (c) => toHsv(c).h, at: (h, r, v) => raised((x) => ({ mode: "hsv", h, s: r, v: x * 2 }), v) },
  cielab: {
    hue: (c) => deg(toLab(c).b, toLab(c).a),
    at: (h, r, v) => ({ mode: "lab65", l: v, a: r * largest.cielab * Math.cos(rad(h)), b: r * largest.cielab * Math.sin(rad(h)) }),
  },
  oklab: {
    hue: (c) => deg(toOklab(c).b, toOklab(c).a),
    at: (h, r, v) => raised((l) => ({ mode: "oklab", l, a: r * largest.oklab * Math.cos(rad(h)), b: r * largest.oklab * Math.sin(rad(h)) }), v),
  },
};
// ITU-R BT.709: luma and color differences of the channels.
const ycbcr = (c) => {
  const y = 0.2126 * c.r + 0.7152 * c.g + 0.0722 * c.b;
  return [y, (c.b - y) / 1.8556, (c.r - y) / 1.5748];
};
const fromYcbcr = (y, cb, cr) => {
  const r = y + 1.5748 * cr, b = y + 1.8556 * cb;
  return { mode: "rgb", r, g: (y - 0.2126 * r - 0.0722 * b) / 0.7152, b };
};
largest.luma = Math.hypot(...ycbcr({ r: 1, g: 0, b: 1 }).slice(1));
measures.luma = {
  hue: (c) => deg(ycbcr(toRgb(c))[2], ycbcr(toRgb(c))[1]),
  at: (h, r, v) => raised((x) => fromYcbcr(3 * x - 1, r * largest.luma * Math.cos(rad(h)), r * largest.luma * Math.sin(rad(h))), v),
};
const inside = (c) => margin(c) >= -1e-12;
const reach = (m, h, v) => {
  for (let i = 1; i <= 2000; i++)
    if (!inside(m.at(h, i / 2000, v))) return bisect((r) => inside(m.at(h, r, v)), (i - 1) / 2000, i / 2000);
  return 1;
};
const span = (m, h, r) => {
  let best = [100, 0], start = null;
  const has = (v) => inside(m.at(h, r, v));
  for (let v = 0.25; v <= 100; v += 0.25) {
    const now = v < 100 && has(v);
    if (now && start === null) start = v === 0.25 ? 0 : bisect(has, v - 0.25, v);
    if (!now && start !== null) {
      const end = bisect(has, v - 0.25, v);
      if (end - start > best[1] - best[0]) best = [start, end];
      start = null;
    }
  }
  return best;
};
const anchors = "ffe500 fbb01e f07f13 e8501e d8232a a01d62 6b2a8a 4b349c 1f55b5 0d8a98 129446 8fc31f".split(" ");
const rows = [];
for (const [name, m] of Object.entries(measures)) {
  const places = anchors.map((hex, i) => ["traditional", 30 * i, toRgb("#" + hex)]);
  for (const a of [7, 60, 133, 251.5, 300]) places.push(["light", a, toRgb({ mode: "hsv", h: (60 - a + 360) % 360, s: 1, v: 1 })]);
  for (const [hues, a, ring] of places) {
    const h = m.hue(ring);
    for (const [r, v] of [[0.2, 30], [0.45, 62], [0.7, 85]]) {
      const c = m.at(h, r, v), rgb = toRgb(c), exists = inside(c);
      rows.push({ hues, measure: name, a, r, v, srgb: exists ? [rgb.r, rgb.g, rgb.b] : null, reach: reach(m, h, v), span: span(m, h, r) });
    }
  }
}
writeFileSync(new URL("wheel.json", import.meta.url), "[\n" + rows.map((r) => JSON.stringify(r)).join(",\n") + "\n]\n");
