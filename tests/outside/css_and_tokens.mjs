// Reads a CSS file with postcss and culori and a token file with a Design Tokens parser; prints what they found.
import fs from 'node:fs';
import postcss from 'postcss';
import { parse as color, formatHex } from 'culori';
import { parse as parseTokens, defineConfig } from '@terrazzo/parser';

const [cssFile, tokenFile] = process.argv.slice(2);
const css = [];
postcss.parse(fs.readFileSync(cssFile, 'utf8')).walkDecls((declaration) => {
  css.push({ property: declaration.prop, hex: formatHex(color(declaration.value)) });
});
const config = defineConfig({}, { cwd: new URL(`file://${process.cwd()}/`) });
const { tokens } = await parseTokens(
  [{ filename: new URL(`file://${tokenFile}`), src: fs.readFileSync(tokenFile, 'utf8') }],
  { config },
);
const found = Object.values(tokens).map((t) => ({
  type: t.$type,
  space: t.$value.colorSpace,
  components: t.$value.components,
}));
console.log(JSON.stringify({ css, tokens: found }));
