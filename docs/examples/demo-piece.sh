#!/usr/bin/env bash
# Builds the piece of the demo from its photos with zonachrom-cli alone: demo-piece.sh PHOTOS PIECE
set -euo pipefail
photos=$1 piece=$2
cli() { "${ZONACHROM_CLI:-zonachrom-cli}" --quiet "$@"; }

cli new "$piece" --title "Coppersmiths' Row, blue hour" --date 2026-09-14 --signature "Plate one of three" \
  --words "A street of metal workshops as the lamps come on: warm pools of light in a cold, quiet dusk."
cli reference add "$piece" "$photos/blue-hour.jpg" --name "Row at blue hour"
cli reference add "$piece" "$photos/noon.jpg" --name "Row at noon"
cli reference add "$piece" "$photos/forge.jpg" --name "Inside the forge"
cli reference add "$piece" "$photos/row-flat.png" --name "Row, flat drawing"
cli reference add "$piece" "$photos/row-canvas.png" --name "Plate one, in paint"
cli reference follow "$piece" "Plate one, in paint" --path row-canvas.png

# The corners of the mask as hues and saturations.
cli limit "$piece" --mask-name "lamplight and dusk" --add-area "polygon 40.475231527,0.985951317 78.870810710,0.621691242 \
  153.434948823,0.223606798 221.455233544,0.800562302 264.289406863,0.703491293 328.240519915,0.246981781"

cli set rename "$piece" "First set" --to "Row at dusk"
# Family, name, before the lamps are lit, after rain, at dusk.
table="lamplight,lamp core,#ecb97b,#f8eee3,#fce3c4
lamplight,glow on plaster,#ce9c73,#e5c6aa,#f2bd84
lamplight,lit brick,#ae7856,#c59673,#d8904a
lamplight,edge of the pool,#825c42,#907056,#a3703c
lamplight,last of the light,#4b3a2e,#504337,#614a33
copper,bright rim,#ca826c,#d7aa9b,#e9a184
copper,turned to the lamp,#9d6455,#af7d6c,#c67757
copper,copper body,#76483d,#80584c,#98573f
copper,turned away,#4c2e29,#4e3530,#653a2e
copper,copper in shadow,#271917,#241917,#38231e
slate,wet stone,#8a909a,#acaeb6,#a9adba
slate,roof toward the sky,#616870,#757b88,#757f95
slate,cobble,#444b50,#50555e,#545d6d
slate,joint,#2b3035,#30343b,#363f4c
slate,deepest joint,#131719,#121417,#1c2129
dusk,sky over the arch,#6d7fa9,#9398ba,#8f97cf
dusk,high sky,#4b5878,#5e6493,#5c67b4
dusk,wall in dusk,#323b4f,#3b405e,#3d477f
dusk,far shadow,#1b212c,#1d202f,#242b4a"
in_colors() { # Column of the table.
  while IFS=, read -r -a row; do cli swatch color "$piece" "${row[0]}/${row[1]}" --to "${row[$1]}"; done <<<"$table"
}
while IFS=, read -r -a row; do
  cli swatch add "$piece" "${row[2]}" --family "${row[0]}" --name "${row[1]}"
done <<<"$table"
cli version keep "$piece" "before the lamps are lit"
in_colors 3
cli version keep "$piece" "after rain"
in_colors 4

for paint in "titanium white:1" "burnt sienna:1.5" "yellow earth:1" "ultramarine blue:1.5" "bone black:2"; do
  cli paint add "$piece" "${paint%:*}" --trade "${paint%:*}" --strength "${paint#*:}"
done
cli paint use "$piece" "bone black" --off
for color in "#d8904a" "#f2bd84" "#98573f" "#363f4c" "#5c67b4"; do cli well fill "$piece" "$color"; done
