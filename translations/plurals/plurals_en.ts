<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message numerus="yes">
        <source>%n swatches</source>
        <translation>
            <numerusform>%n swatch</numerusform>
            <numerusform>%n swatches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>polygon, %n points</source>
        <translation>
            <numerusform>polygon, %n point</numerusform>
            <numerusform>polygon, %n points</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>and %n more</numerusform>
            <numerusform>and %n more</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n swatch</numerusform>
            <numerusform>%1, %n swatches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Wrote %1 of %n formats to &quot;%2&quot;.</source>
        <translation>
            <numerusform>Wrote %1 of %n format to &quot;%2&quot;.</numerusform>
            <numerusform>Wrote %1 of %n formats to &quot;%2&quot;.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 in value at most</source>
        <translation>
            <numerusform>Moves %n swatch, by %1 in value at most</numerusform>
            <numerusform>Moves %n swatches, by %1 in value at most</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 (CIEDE2000) at most</source>
        <translation>
            <numerusform>Moves %n swatch, by %1 (CIEDE2000) at most</numerusform>
            <numerusform>Moves %n swatches, by %1 (CIEDE2000) at most</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Changes up to %n swatches.</source>
        <translation>
            <numerusform>Changes up to %n swatch.</numerusform>
            <numerusform>Changes up to %n swatches.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Removes %n swatches</source>
        <translation>
            <numerusform>Removes %n swatch</numerusform>
            <numerusform>Removes %n swatches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Adds %n swatches</source>
        <translation>
            <numerusform>Adds %n swatch</numerusform>
            <numerusform>Adds %n swatches</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::AdjustPanel</name>
    <message numerus="yes">
        <source>%n swatches change, all by the full amount.</source>
        <translation>
            <numerusform>%n swatch changes, by the full amount.</numerusform>
            <numerusform>%n swatches change, all by the full amount.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change. Those marked with a dot (%1) stop at the limit of what a display can show.</source>
        <translation>
            <numerusform>%n swatch change. Those marked with a dot (%1) stop at the limit of what a display can show.</numerusform>
            <numerusform>%n swatches change. Those marked with a dot (%1) stop at the limit of what a display can show.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::FindPanel</name>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n found</numerusform>
            <numerusform>%n found</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::ImportView</name>
    <message numerus="yes">
        <source>%n colors</source>
        <translation>
            <numerusform>%n color</numerusform>
            <numerusform>%n colors</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n families</source>
        <translation>
            <numerusform>%n family</numerusform>
            <numerusform>%n families</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Import %n colors</source>
        <translation>
            <numerusform>Import %n color</numerusform>
            <numerusform>Import %n colors</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::Laying</name>
    <message numerus="yes">
        <source>Add %1 as %n families</source>
        <translation>
            <numerusform>Add %1 as %n family</numerusform>
            <numerusform>Add %1 as %n families</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n colors</source>
        <translation>
            <numerusform>Add %n color</numerusform>
            <numerusform>Add %n colors</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add ladder of %n hues</source>
        <translation>
            <numerusform>Add ladder of %n hues</numerusform>
            <numerusform>Add ladder of %n hues</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n swatches</source>
        <translation>
            <numerusform>Add %n swatch</numerusform>
            <numerusform>Add %n swatches</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PaintModel</name>
    <message numerus="yes">
        <source>%n paints reach %1 percent.</source>
        <translation>
            <numerusform>%n paint reaches %1 percent.</numerusform>
            <numerusform>%n paints reach %1 percent.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Put %n paints on the palette</source>
        <translation>
            <numerusform>Put %n paint on the palette</numerusform>
            <numerusform>Put %n paints on the palette</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::ParcelPanel</name>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n swatch</numerusform>
            <numerusform>%1, %n swatches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n paints: %1</source>
        <translation>
            <numerusform>%n paint: %1</numerusform>
            <numerusform>%n paints: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PressPanel</name>
    <message numerus="yes">
        <source>All %n swatches print as they are.</source>
        <translation>
            <numerusform>The %n swatch prints as it is.</numerusform>
            <numerusform>All %n swatches print as they are.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n swatches need more than %1 % ink.</source>
        <translation>
            <numerusform>%n swatch need more than %1 % ink.</numerusform>
            <numerusform>%n swatches need more than %1 % ink.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::ReportPanel</name>
    <message numerus="yes">
        <source>%n things to look at, the most important first</source>
        <translation>
            <numerusform>%n thing to look at</numerusform>
            <numerusform>%n things to look at, the most important first</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::ResultsPanel</name>
    <message numerus="yes">
        <source>, %n of them accents</source>
        <translation>
            <numerusform>, %n of them an accent</numerusform>
            <numerusform>, %n of them accents</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n results</source>
        <translation>
            <numerusform>%n result</numerusform>
            <numerusform>%n results</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::SetFiles</name>
    <message numerus="yes">
        <source>Exported %n swatches to %1.</source>
        <translation>
            <numerusform>Exported %n swatch to %1.</numerusform>
            <numerusform>Exported %n swatches to %1.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n set</numerusform>
            <numerusform>%n sets</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n masks</source>
        <translation>
            <numerusform>%n mask</numerusform>
            <numerusform>%n masks</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::SetWork</name>
    <message numerus="yes">
        <source>Paste %n swatches</source>
        <translation>
            <numerusform>Paste %n swatch</numerusform>
            <numerusform>Paste %n swatches</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Adjust %n swatches</source>
        <translation>
            <numerusform>Adjust %n swatch</numerusform>
            <numerusform>Adjust %n swatches</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::SheetPanel</name>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n set</numerusform>
            <numerusform>%n sets</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::TryMenu</name>
    <message numerus="yes">
        <source>Remove %n unused swatches</source>
        <translation>
            <numerusform>Remove %n unused swatch</numerusform>
            <numerusform>Remove %n unused swatches</numerusform>
        </translation>
    </message>
</context>
</TS>
