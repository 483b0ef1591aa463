<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>Code</name>
    <message>
        <source>a metallic ink, which no display shows</source>
        <translation>una tinta metálica, que ninguna pantalla muestra</translation>
    </message>
    <message>
        <source>a fluorescent ink, which no display shows</source>
        <translation>una tinta fluorescente, que ninguna pantalla muestra</translation>
    </message>
    <message>
        <source>no display shows it: the nearest color differs by %1</source>
        <translation>ninguna pantalla lo muestra: el color más cercano difiere en %1</translation>
    </message>
    <message>
        <source>%1 in the color book %2</source>
        <translation>%1 en el libro de colores %2</translation>
    </message>
    <message>
        <source>%1 on the press %2</source>
        <translation>%1 en la imprenta %2</translation>
    </message>
</context>
<context>
    <name>Color</name>
    <message>
        <source>No display shows these inks. The nearest color stands for them.</source>
        <translation>Ninguna pantalla muestra estas tintas. El color más cercano las representa.</translation>
    </message>
</context>
<context>
    <name>Desk</name>
    <message>
        <source>&amp;Observe</source>
        <translation>&amp;Observar</translation>
    </message>
    <message>
        <source>&amp;Limit</source>
        <translation>&amp;Limitar</translation>
    </message>
    <message>
        <source>Limit hue and saturation with a gamut mask</source>
        <translation>Limitar tono y saturación con una máscara de gama</translation>
    </message>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Elegir</translation>
    </message>
    <message>
        <source>Pick colors at true value inside the mask</source>
        <translation>Elegir colores de valor fiel dentro de la máscara</translation>
    </message>
    <message>
        <source>&amp;Grade</source>
        <translation>&amp;Graduar</translation>
    </message>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probar</translation>
    </message>
    <message>
        <source>S&amp;hare</source>
        <translation>&amp;Compartir</translation>
    </message>
    <message>
        <source>Look at photos and take colors from them</source>
        <translation>Mirar fotos y tomar colores de ellas</translation>
    </message>
    <message>
        <source>Put the set in order by value and see what to mend</source>
        <translation>Ordenar el conjunto por valor y ver qué mejorar</translation>
    </message>
    <message>
        <source>See a picture in the set before a stroke is painted</source>
        <translation>Ver una imagen en el conjunto antes de la primera pincelada</translation>
    </message>
    <message>
        <source>Print the sheet, check the press, export files</source>
        <translation>Imprimir la hoja, revisar la imprenta, exportar archivos</translation>
    </message>
</context>
<context>
    <name>OfColor</name>
    <message>
        <source>blackish</source>
        <translation>negruzco</translation>
    </message>
    <message>
        <source>very dark</source>
        <translation>muy oscuro</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>oscuro</translation>
    </message>
    <message>
        <source>light</source>
        <translation>claro</translation>
    </message>
    <message>
        <source>very light</source>
        <translation>muy claro</translation>
    </message>
    <message>
        <source>whitish</source>
        <translation>blanquecino</translation>
    </message>
    <message>
        <source>greyed</source>
        <translation>agrisado</translation>
    </message>
    <message>
        <source>dull</source>
        <translation>apagado</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>suave</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>cálido</translation>
    </message>
    <message>
        <source>cool</source>
        <translation>frío</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>without a family</source>
        <translation>sin familia</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>sin nombre</translation>
    </message>
    <message>
        <source>%1: new</source>
        <translation>%1: nuevo</translation>
    </message>
    <message>
        <source>new</source>
        <translation>nuevo</translation>
    </message>
    <message>
        <source>Which corner the numbers show</source>
        <translation>Qué esquina muestran los números</translation>
    </message>
    <message>
        <source>Saturation of the corner</source>
        <translation>Saturación de la esquina</translation>
    </message>
    <message numerus="yes">
        <source>polygon, %n points</source>
        <translation>
            <numerusform>polígono, %n punto</numerusform>
            <numerusform>polígono, %n puntos</numerusform>
        </translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>elipse</translation>
    </message>
    <message>
        <source>ring sector</source>
        <translation>sector anular</translation>
    </message>
    <message>
        <source>Mask pattern %1</source>
        <translation>Patrón de máscara %1</translation>
    </message>
    <message>
        <source>Zonachrom pieces (*.zonachrom)</source>
        <translation>Obras de Zonachrom (*.zonachrom)</translation>
    </message>
    <message>
        <source>Open a piece</source>
        <translation>Abrir una obra</translation>
    </message>
    <message>
        <source>Add reference photos</source>
        <translation>Añadir fotos de referencia</translation>
    </message>
    <message>
        <source>Photos (%1);;All files (*)</source>
        <translation>Fotos (%1);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Cambios sin guardar</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has changes that are not saved.</source>
        <translation>&quot;%1&quot; tiene cambios sin guardar.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>About Zonachrom</source>
        <translation>Acerca de Zonachrom</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>máscaras</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>conjuntos</translation>
    </message>
    <message>
        <source> (off)</source>
        <translation> (apagado)</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>bloqueada</translation>
    </message>
    <message>
        <source>used</source>
        <translation>usada</translation>
    </message>
    <message>
        <source>%1, %2, value %3, in %4</source>
        <translation>%1, %2, valor %3, en %4</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Seleccionar</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Elegir</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Tono</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Saturación</translation>
    </message>
    <message>
        <source>keeps names, families and notes</source>
        <translation>conserva nombres, familias y notas</translation>
    </message>
    <message>
        <source>keeps names and families, loses notes</source>
        <translation>conserva nombres y familias, pierde notas</translation>
    </message>
    <message>
        <source>keeps names, loses families and notes</source>
        <translation>conserva nombres, pierde familias y notas</translation>
    </message>
    <message>
        <source>keeps the colors alone</source>
        <translation>conserva solo los colores</translation>
    </message>
    <message>
        <source>unnamed</source>
        <translation>sin nombre</translation>
    </message>
    <message>
        <source>Sheet, PDF</source>
        <translation>Hoja, PDF</translation>
    </message>
    <message>
        <source>all pages, with bookmarks</source>
        <translation>todas las páginas, con marcadores</translation>
    </message>
    <message>
        <source>Sheet, SVG</source>
        <translation>Hoja, SVG</translation>
    </message>
    <message>
        <source>Sheet, PNG</source>
        <translation>Hoja, PNG</translation>
    </message>
    <message>
        <source>Wheel, PNG</source>
        <translation>Círculo, PNG</translation>
    </message>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, valor %3</translation>
    </message>
    <message>
        <source>here</source>
        <translation>aquí</translation>
    </message>
    <message>
        <source>
in the mask</source>
        <translation>
en la máscara</translation>
    </message>
    <message>
        <source>
outside the mask</source>
        <translation>
fuera de la máscara</translation>
    </message>
    <message>
        <source>%1
value %2
%3 px square</source>
        <translation>%1
valor %2
%3 px de lado</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches</source>
        <translation>
            <numerusform>%n muestra</numerusform>
            <numerusform>%n muestras</numerusform>
        </translation>
    </message>
    <message>
        <source>Recover</source>
        <translation>Recuperar</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Descartar</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Decidir más tarde</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>y %n más</numerusform>
            <numerusform>y %n más</numerusform>
        </translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n muestra</numerusform>
            <numerusform>%1, %n muestras</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Wrote %1 of %n formats to &quot;%2&quot;.</source>
        <translation>
            <numerusform>Escritos %1 de %n formato en &quot;%2&quot;.</numerusform>
            <numerusform>Escritos %1 de %n formatos en &quot;%2&quot;.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1: already in the set</source>
        <translation>%1: ya está en el conjunto</translation>
    </message>
    <message>
        <source>%1: differs by %2 from a color of the set</source>
        <translation>%1: difiere en %2 de un color del conjunto</translation>
    </message>
    <message>
        <source>already in the set</source>
        <translation>ya está en el conjunto</translation>
    </message>
    <message>
        <source>close, %1</source>
        <translation>parecido, %1</translation>
    </message>
    <message>
        <source>Angle of the corner on the wheel</source>
        <translation>Ángulo de la esquina en el círculo</translation>
    </message>
    <message>
        <source>From the center of the area to its farthest corner</source>
        <translation>Del centro del área a su esquina más lejana</translation>
    </message>
    <message>
        <source>Angle of the center on the wheel</source>
        <translation>Ángulo del centro en el círculo</translation>
    </message>
    <message>
        <source>Saturation of the center</source>
        <translation>Saturación del centro</translation>
    </message>
    <message>
        <source>Half of the longer axis</source>
        <translation>La mitad del eje mayor</translation>
    </message>
    <message>
        <source>Half of the shorter axis</source>
        <translation>La mitad del eje menor</translation>
    </message>
    <message>
        <source>Angle on the wheel to which the longer axis points</source>
        <translation>Ángulo del círculo al que apunta el eje mayor</translation>
    </message>
    <message>
        <source>Angle on the wheel where the sector begins</source>
        <translation>Ángulo del círculo en que empieza el sector</translation>
    </message>
    <message>
        <source>How many degrees the sector spans, clockwise</source>
        <translation>Cuántos grados abarca el sector, en el sentido del reloj</translation>
    </message>
    <message>
        <source>Lowest saturation of the sector</source>
        <translation>Saturación más baja del sector</translation>
    </message>
    <message>
        <source>Highest saturation of the sector</source>
        <translation>Saturación más alta del sector</translation>
    </message>
    <message>
        <source>The settings in &quot;%1&quot; cannot be read, so the standard settings are used.</source>
        <translation>No se pueden leer los ajustes de &quot;%1&quot;; se usan los ajustes estándar.</translation>
    </message>
    <message>
        <source>The settings were saved by a newer version. They were moved to &quot;%1&quot;, and the standard settings are used.</source>
        <translation>Los ajustes los guardó una versión más nueva. Se movieron a &quot;%1&quot; y se usan los ajustes estándar.</translation>
    </message>
    <message>
        <source>The settings were damaged. They were moved to &quot;%1&quot;, and the standard settings are used.</source>
        <translation>Los ajustes estaban dañados. Se movieron a &quot;%1&quot; y se usan los ajustes estándar.</translation>
    </message>
    <message>
        <source>current</source>
        <translation>actual</translation>
    </message>
    <message>
        <source>
moved into the mask</source>
        <translation>
llevado a la máscara</translation>
    </message>
    <message>
        <source>Save piece as</source>
        <translation>Guardar obra como</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importar</translation>
    </message>
    <message>
        <source>Export set</source>
        <translation>Exportar conjunto</translation>
    </message>
    <message>
        <source>Discard changes</source>
        <translation>Descartar cambios</translation>
    </message>
    <message>
        <source>Zonachrom ended before &quot;%1&quot; was saved. The work of %2 can be recovered.</source>
        <translation>Zonachrom terminó antes de guardar &quot;%1&quot;. El trabajo de %2 se puede recuperar.</translation>
    </message>
    <message>
        <source>The file &quot;%1&quot; was changed later. Recover opens the unsaved work as a separate piece and leaves the file alone.</source>
        <translation>El archivo &quot;%1&quot; cambió después. Recuperar abre el trabajo sin guardar como otra obra y deja el archivo como está.</translation>
    </message>
    <message>
        <source>Unsaved work found</source>
        <translation>Hay trabajo sin guardar</translation>
    </message>
    <message>
        <source>Open file</source>
        <translation>Abrir archivo</translation>
    </message>
    <message>
        <source>Files already exist</source>
        <translation>Los archivos ya existen</translation>
    </message>
    <message>
        <source>These files already exist and were changed, or written by something else:</source>
        <translation>Estos archivos ya existen; los cambió o los escribió otra cosa:</translation>
    </message>
    <message>
        <source>Replace files</source>
        <translation>Reemplazar archivos</translation>
    </message>
    <message>
        <source>Damaged piece</source>
        <translation>Obra dañada</translation>
    </message>
    <message>
        <source>Open the readable part</source>
        <translation>Abrir la parte legible</translation>
    </message>
    <message>
        <source>Open the previous version</source>
        <translation>Abrir la versión anterior</translation>
    </message>
    <message>
        <source>Use mask</source>
        <translation>Usar máscara</translation>
    </message>
    <message>
        <source>Use set</source>
        <translation>Usar conjunto</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Add to selection</source>
        <translation>Añadir a la selección</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Añadir el color actual</translation>
    </message>
    <message>
        <source>straight line</source>
        <translation>línea recta</translation>
    </message>
    <message>
        <source>around the wheel, short way</source>
        <translation>por el círculo, camino corto</translation>
    </message>
    <message>
        <source>around the wheel, long way</source>
        <translation>por el círculo, camino largo</translation>
    </message>
    <message>
        <source>as light mixes</source>
        <translation>como mezcla la luz</translation>
    </message>
    <message>
        <source>as paint mixes</source>
        <translation>como mezcla la pintura</translation>
    </message>
    <message>
        <source>Protanopia</source>
        <translation>Protanopía</translation>
    </message>
    <message>
        <source>Deuteranopia</source>
        <translation>Deuteranopía</translation>
    </message>
    <message>
        <source>Tritanopia</source>
        <translation>Tritanopía</translation>
    </message>
    <message>
        <source>Normal color vision</source>
        <translation>Visión normal</translation>
    </message>
    <message>
        <source>Your own lines</source>
        <translation>Líneas propias</translation>
    </message>
    <message>
        <source>as the pattern below says</source>
        <translation>según el patrón de abajo</translation>
    </message>
    <message>
        <source>one file for each page</source>
        <translation>un archivo por página</translation>
    </message>
    <message>
        <source>one file for each page, 300 pixels per inch</source>
        <translation>un archivo por página, 300 píxeles por pulgada</translation>
    </message>
    <message>
        <source>as chosen under Wheel</source>
        <translation>como se eligió en Círculo</translation>
    </message>
    <message>
        <source>The folder &quot;%1&quot; no longer exists; choose another one.</source>
        <translation>La carpeta &quot;%1&quot; ya no existe; elige otra.</translation>
    </message>
    <message>
        <source>values only</source>
        <translation>solo valores</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Largo</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>Rotation</source>
        <translation>Giro</translation>
    </message>
    <message>
        <source>From hue</source>
        <translation>Desde tono</translation>
    </message>
    <message>
        <source>Span</source>
        <translation>Amplitud</translation>
    </message>
    <message>
        <source>Lowest sat.</source>
        <translation>Sat. mínima</translation>
    </message>
    <message>
        <source>Highest sat.</source>
        <translation>Sat. máxima</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Esquina</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>hue %1°</source>
        <translation>tono %1°</translation>
    </message>
    <message>
        <source>no hue</source>
        <translation>sin tono</translation>
    </message>
    <message>
        <source>the same to the eye</source>
        <translation>igual para el ojo</translation>
    </message>
    <message>
        <source>near, difference %1</source>
        <translation>cerca, diferencia %1</translation>
    </message>
    <message>
        <source>difference %1</source>
        <translation>diferencia %1</translation>
    </message>
    <message>
        <source>value %1, chroma %2, %3</source>
        <translation>valor %1, croma %2, %3</translation>
    </message>
    <message>
        <source>Colors found in the file</source>
        <translation>Colores hallados en el archivo</translation>
    </message>
    <message>
        <source>%1, will be imported</source>
        <translation>%1, se importará</translation>
    </message>
    <message>
        <source>%1, will not be imported</source>
        <translation>%1, no se importará</translation>
    </message>
    <message>
        <source>Tick or untick</source>
        <translation>Marcar o desmarcar</translation>
    </message>
    <message>
        <source>keeps names, families, notes and codes</source>
        <translation>conserva nombres, familias, notas y códigos</translation>
    </message>
</context>
<context>
    <name>QShortcut</name>
    <message>
        <source>Ctrl</source>
        <translation>Ctrl</translation>
    </message>
    <message>
        <source>Shift</source>
        <translation>Mayús</translation>
    </message>
    <message>
        <source>Alt</source>
        <translation>Alt</translation>
    </message>
    <message>
        <source>Del</source>
        <translation>Supr</translation>
    </message>
    <message>
        <source>Ins</source>
        <translation>Ins</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Intro</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Intro</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Espacio</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Retroceso</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Inicio</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Fin</translation>
    </message>
    <message>
        <source>PgUp</source>
        <translation>Re Pág</translation>
    </message>
    <message>
        <source>PgDown</source>
        <translation>Av Pág</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Izquierda</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Derecha</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Arriba</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Abajo</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>%1 and %2 are near-duplicates, they differ by %3</source>
        <translation>%1 y %2 son casi iguales, difieren en %3</translation>
    </message>
    <message>
        <source>%1 swatches near %2 are near-duplicates</source>
        <translation>%1 muestras cerca de %2 son casi duplicados</translation>
    </message>
    <message>
        <source>%1 swatches are near-duplicates</source>
        <translation>%1 muestras son casi duplicados</translation>
    </message>
    <message>
        <source>%1: gap between %2 and %3</source>
        <translation>%1: hueco entre %2 y %3</translation>
    </message>
    <message>
        <source>%1: %2 gaps</source>
        <translation>%1: %2 huecos</translation>
    </message>
    <message>
        <source>%1 gaps between neighbors</source>
        <translation>%1 huecos entre vecinas</translation>
    </message>
    <message>
        <source>At %1 values, hues read as one</source>
        <translation>En %1 valores los tonos se leen como uno</translation>
    </message>
    <message>
        <source>%1 and %2 read as one value</source>
        <translation>%1 y %2 se leen como un solo valor</translation>
    </message>
    <message>
        <source>%1 swatches at value %2 read as one</source>
        <translation>%1 muestras a valor %2 se leen como una</translation>
    </message>
    <message>
        <source>%1: %2 and %3 look alike</source>
        <translation>%1: %2 y %3 se ven iguales</translation>
    </message>
    <message>
        <source>%1: %2 pairs look alike</source>
        <translation>%1: %2 pares parecen iguales</translation>
    </message>
    <message>
        <source>%1 from value %2 to %3</source>
        <translation>%1 de valor %2 a %3</translation>
    </message>
    <message>
        <source>%1 by %2 (CIEDE2000)</source>
        <translation>%1 en %2 (CIEDE2000)</translation>
    </message>
    <message>
        <source>Moves %1</source>
        <translation>Mueve %1</translation>
    </message>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 in value at most</source>
        <translation>
            <numerusform>Mueve %n muestra, como mucho %1 en valor</numerusform>
            <numerusform>Mueve %n muestras, como mucho %1 en valor</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 (CIEDE2000) at most</source>
        <translation>
            <numerusform>Mueve %n muestra, como mucho %1 (CIEDE2000)</numerusform>
            <numerusform>Mueve %n muestras, como mucho %1 (CIEDE2000)</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 is outside the mask</source>
        <translation>%1 está fuera de la máscara</translation>
    </message>
    <message>
        <source>%1 swatches are outside the mask</source>
        <translation>%1 muestras están fuera de la máscara</translation>
    </message>
    <message>
        <source>They differ by less than %1 (CIEDE2000): one would do.</source>
        <translation>Difieren en menos de %1 (CIEDE2000): bastaría una.</translation>
    </message>
    <message>
        <source>Neighbors of a family lie more than %1 values apart.</source>
        <translation>Las vecinas de una familia distan más de %1 valores.</translation>
    </message>
    <message>
        <source>For eyes that lack a kind of cone. A difference in value is seen by everyone.</source>
        <translation>Para ojos a los que les falta un tipo de cono. Una diferencia de valor la ve cualquiera.</translation>
    </message>
    <message>
        <source>When you squint, hue fades and only value is left: these shapes melt together.</source>
        <translation>Con los ojos entornados el tono se apaga y solo queda el valor: estas formas se funden.</translation>
    </message>
    <message>
        <source>Merge them</source>
        <translation>Unirlas</translation>
    </message>
    <message>
        <source>Merge all</source>
        <translation>Unir todas</translation>
    </message>
    <message>
        <source>Fill gap</source>
        <translation>Llenar hueco</translation>
    </message>
    <message>
        <source>Fill all gaps</source>
        <translation>Llenar los huecos</translation>
    </message>
    <message>
        <source>Move it inside</source>
        <translation>Llevarla dentro</translation>
    </message>
    <message>
        <source>Move all inside</source>
        <translation>Llevarlas dentro</translation>
    </message>
    <message>
        <source>Separate in value</source>
        <translation>Separar en valor</translation>
    </message>
    <message>
        <source>Separate all in value</source>
        <translation>Separar todas en valor</translation>
    </message>
    <message>
        <source>Separate all by %1 values</source>
        <translation>Separar todas %1 valores</translation>
    </message>
    <message>
        <source>Separate by %1 values</source>
        <translation>Separar %1 valores</translation>
    </message>
    <message>
        <source>Separate ends by %1 values</source>
        <translation>Separar los extremos %1 valores</translation>
    </message>
    <message>
        <source>Merge near-duplicates</source>
        <translation>Unir casi duplicados</translation>
    </message>
    <message>
        <source>Move into mask</source>
        <translation>Llevar a la máscara</translation>
    </message>
    <message>
        <source>Separate for color vision</source>
        <translation>Separar para otra visión</translation>
    </message>
    <message>
        <source>Separate values</source>
        <translation>Separar valores</translation>
    </message>
    <message numerus="yes">
        <source>Changes up to %n swatches.</source>
        <translation>
            <numerusform>Cambia hasta %n muestra.</numerusform>
            <numerusform>Cambia hasta %n muestras.</numerusform>
        </translation>
    </message>
    <message>
        <source>Removes %1</source>
        <translation>Quita %1</translation>
    </message>
    <message numerus="yes">
        <source>Removes %n swatches</source>
        <translation>
            <numerusform>Quita %n muestra</numerusform>
            <numerusform>Quita %n muestras</numerusform>
        </translation>
    </message>
    <message>
        <source>Adds a swatch at value %1</source>
        <translation>Añade una muestra a valor %1</translation>
    </message>
    <message numerus="yes">
        <source>Adds %n swatches</source>
        <translation>
            <numerusform>Añade %n muestra</numerusform>
            <numerusform>Añade %n muestras</numerusform>
        </translation>
    </message>
    <message>
        <source>The hues are %1° off a relation: %2</source>
        <translation>Los tonos se apartan %1° de una relación: %2</translation>
    </message>
    <message>
        <source>The hues stand in a relation: %1</source>
        <translation>Los tonos forman una relación: %1</translation>
    </message>
    <message>
        <source>%1 by %2°</source>
        <translation>%1 en %2°</translation>
    </message>
    <message>
        <source>Off: %1.</source>
        <translation>Se apartan: %1.</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>&quot;%1&quot; was not opened. %2</source>
        <translation>&quot;%1&quot; no se abrió. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has more than 400 million pixels; make it smaller first.</source>
        <translation>&quot;%1&quot; tiene más de 400 millones de píxeles; redúcela antes.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is a CMYK photo without a color profile, so its colors are not known; save it as RGB first.</source>
        <translation>&quot;%1&quot; es una foto CMYK sin perfil de color, y sus colores no se conocen; guárdala antes como RGB.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is cut short or damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; está cortada o dañada; elige otra copia de la foto.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than this program accepts.</source>
        <translation>&quot;%1&quot; es mayor de lo que acepta este programa.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is locked; unlock first.</source>
        <translation>&quot;%1&quot; está bloqueada; desbloquéala antes.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a color; write #rrggbb, #rgb or srgb:R,G,B with numbers from 0 to 1.</source>
        <translation>&quot;%1&quot; no es un color; escribe #rrggbb, #rgb o srgb:R,G,B con números de 0 a 1.</translation>
    </message>
    <message>
        <source>A family cannot be merged with itself; choose another.</source>
        <translation>Una familia no se une consigo misma; elige otra.</translation>
    </message>
    <message>
        <source>A fitted polygon has from 3 to 24 corners.</source>
        <translation>Un polígono ajustado tiene de 3 a 24 esquinas.</translation>
    </message>
    <message>
        <source>A mixture needs at least one color.</source>
        <translation>Una mezcla necesita al menos un color.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints.</source>
        <translation>Una paleta tiene como mucho 12 pinturas.</translation>
    </message>
    <message>
        <source>A picture is cut into 2 to 500 areas.</source>
        <translation>Una imagen se corta en 2 a 500 áreas.</translation>
    </message>
    <message>
        <source>A piece holds at most 1000 sets; remove one first.</source>
        <translation>Una obra tiene como mucho 1000 conjuntos; quita uno antes.</translation>
    </message>
    <message>
        <source>A piece keeps at least one set; add another before removing this one.</source>
        <translation>Una obra conserva al menos un conjunto; añade otro antes de quitar este.</translation>
    </message>
    <message>
        <source>A recipe has 1 to 12 parts of a paint.</source>
        <translation>Una receta tiene de 1 a 12 partes de una pintura.</translation>
    </message>
    <message>
        <source>A recipe has 1 to 4 paints.</source>
        <translation>Una receta tiene de 1 a 4 pinturas.</translation>
    </message>
    <message>
        <source>A row holds at most 11 values.</source>
        <translation>Una fila tiene como mucho 11 valores.</translation>
    </message>
    <message>
        <source>A set has at most 50 tags; leave some out.</source>
        <translation>Un conjunto tiene como mucho 50 etiquetas; quita algunas.</translation>
    </message>
    <message>
        <source>A set holds at most 1000 families; merge or remove some first.</source>
        <translation>Un conjunto tiene como mucho 1000 familias; une o quita algunas antes.</translation>
    </message>
    <message>
        <source>A set keeps at most 50 versions; remove one first.</source>
        <translation>Un conjunto guarda como mucho 50 versiones; quita una antes.</translation>
    </message>
    <message>
        <source>A swatch cannot be merged with itself.</source>
        <translation>Una muestra no se une consigo misma.</translation>
    </message>
    <message>
        <source>A tag is too long; keep it under 400 letters.</source>
        <translation>Una etiqueta es demasiado larga; que no pase de 400 letras.</translation>
    </message>
    <message>
        <source>An area has at most 10,000 points.</source>
        <translation>Un área tiene como mucho 10.000 puntos.</translation>
    </message>
    <message>
        <source>An area needs at least three points.</source>
        <translation>Un área necesita al menos tres puntos.</translation>
    </message>
    <message>
        <source>An entry of the file cannot be read.</source>
        <translation>Una entrada del archivo no se puede leer.</translation>
    </message>
    <message>
        <source>Between 0 and 12 accents can be taken from a photo.</source>
        <translation>De una foto se toman de 0 a 12 acentos.</translation>
    </message>
    <message>
        <source>Between 1 and 200 colors can be taken from a photo.</source>
        <translation>De una foto se toman de 1 a 200 colores.</translation>
    </message>
    <message>
        <source>Contrast is changed by a factor from 0 to 4.</source>
        <translation>El contraste cambia por un factor de 0 a 4.</translation>
    </message>
    <message>
        <source>Cutting the picture into areas was stopped.</source>
        <translation>Se detuvo el corte de la imagen en áreas.</translation>
    </message>
    <message>
        <source>Every color of a mixture needs more than 0 parts.</source>
        <translation>Cada color de una mezcla necesita más de 0 partes.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Se detuvo la lectura.</translation>
    </message>
    <message>
        <source>Saturation is changed by a factor from 0 to 4.</source>
        <translation>La saturación cambia por un factor de 0 a 4.</translation>
    </message>
    <message>
        <source>Saving was stopped; the file is as it was.</source>
        <translation>Se detuvo el guardado; el archivo está como estaba.</translation>
    </message>
    <message>
        <source>The PDF could not be made.</source>
        <translation>No se pudo hacer el PDF.</translation>
    </message>
    <message>
        <source>The PNG strip could not be made.</source>
        <translation>No se pudo hacer la tira PNG.</translation>
    </message>
    <message>
        <source>The difference must lie between 0 and 50.</source>
        <translation>La diferencia ha de estar entre 0 y 50.</translation>
    </message>
    <message>
        <source>The difference must lie between 0.5 and 20.</source>
        <translation>La diferencia ha de estar entre 0,5 y 20.</translation>
    </message>
    <message>
        <source>The directory of the file is damaged.</source>
        <translation>El directorio del archivo está dañado.</translation>
    </message>
    <message>
        <source>The file cannot be read as a container.</source>
        <translation>El archivo no se puede leer como contenedor.</translation>
    </message>
    <message>
        <source>The file could not be packed; there may be too little memory.</source>
        <translation>No se pudo empaquetar el archivo; quizá falte memoria.</translation>
    </message>
    <message>
        <source>The least difference goes from 0 to 50.</source>
        <translation>La diferencia mínima va de 0 a 50.</translation>
    </message>
    <message>
        <source>The light band must begin above the dark one, both between 0 and 100.</source>
        <translation>La banda clara ha de empezar sobre la oscura, ambas entre 0 y 100.</translation>
    </message>
    <message>
        <source>The margin can be 5 to 40 millimetres wide.</source>
        <translation>El margen puede tener de 5 a 40 milímetros.</translation>
    </message>
    <message>
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>El paquete está vacío; elige al menos un conjunto o una máscara.</translation>
    </message>
    <message>
        <source>The picture can be 16 to 8192 pixels large.</source>
        <translation>La imagen puede tener de 16 a 8192 píxeles.</translation>
    </message>
    <message>
        <source>The picture could not be made.</source>
        <translation>No se pudo hacer la imagen.</translation>
    </message>
    <message>
        <source>The picture was stopped.</source>
        <translation>Se detuvo la imagen.</translation>
    </message>
    <message>
        <source>The piece is damaged: piece.json is missing.</source>
        <translation>La obra está dañada: falta piece.json.</translation>
    </message>
    <message>
        <source>The piece is damaged: the photo %1 is missing.</source>
        <translation>La obra está dañada: falta la foto %1.</translation>
    </message>
    <message>
        <source>The pivot of the contrast is a value from 0 to 100.</source>
        <translation>El pivote del contraste es un valor de 0 a 100.</translation>
    </message>
    <message>
        <source>The profile of this monitor cannot be used; colors are shown without it.</source>
        <translation>El perfil de este monitor no se puede usar; los colores se muestran sin él.</translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation>Se detuvo la búsqueda.</translation>
    </message>
    <message>
        <source>The share must lie above 0 and at most at 1.</source>
        <translation>La parte ha de ser mayor que 0 y como mucho 1.</translation>
    </message>
    <message>
        <source>The shelf holds too many profiles of this name.</source>
        <translation>El estante tiene demasiados perfiles de este nombre.</translation>
    </message>
    <message>
        <source>The smallest area is 0 to 5 percent of the picture.</source>
        <translation>El área menor es de 0 a 5 por ciento de la imagen.</translation>
    </message>
    <message>
        <source>The smoothing is 0 to 2 percent of the longer side.</source>
        <translation>El suavizado es de 0 a 2 por ciento del lado mayor.</translation>
    </message>
    <message>
        <source>The value must lie between 0 and 100.</source>
        <translation>El valor ha de estar entre 0 y 100.</translation>
    </message>
    <message>
        <source>There is no room left in this row.</source>
        <translation>No queda sitio en esta fila.</translation>
    </message>
    <message>
        <source>There is no such set.</source>
        <translation>No existe ese conjunto.</translation>
    </message>
    <message>
        <source>These margins leave too little room on this paper.</source>
        <translation>Estos márgenes dejan muy poco sitio en este papel.</translation>
    </message>
    <message>
        <source>This is not a Zonachrom parcel; choose a file that ends in .zonaparcel.</source>
        <translation>Esto no es un paquete de Zonachrom; elige un archivo que acabe en .zonaparcel.</translation>
    </message>
    <message>
        <source>This is not a Zonachrom piece; choose a file that ends in .zonachrom.</source>
        <translation>Esto no es una obra de Zonachrom; elige un archivo que acabe en .zonachrom.</translation>
    </message>
    <message>
        <source>This note is too long; keep it under 10,000 letters.</source>
        <translation>Esta nota es demasiado larga; que no pase de 10.000 letras.</translation>
    </message>
    <message>
        <source>This piece was saved by a newer Zonachrom; update the program to open it.</source>
        <translation>Esta obra se guardó con un Zonachrom más nuevo; actualiza el programa para abrirla.</translation>
    </message>
    <message>
        <source>Value is shifted by at most 100 either way.</source>
        <translation>El valor se desplaza como mucho 100 a cada lado.</translation>
    </message>
    <message>
        <source>A hue turns by at most 360 degrees either way.</source>
        <translation>Un tono gira como mucho 360 grados a cada lado.</translation>
    </message>
    <message>
        <source>A mask area has at most 10,000 points.</source>
        <translation>Un área de máscara tiene como mucho 10.000 puntos.</translation>
    </message>
    <message>
        <source>The rule for names reads {names without &quot;letters&quot; but &quot;what stands instead&quot;}.</source>
        <translation>La regla de nombres es {names without &quot;letras&quot; but &quot;lo que va en su lugar&quot;}.</translation>
    </message>
    <message>
        <source>A strength lies between 0 and 20.</source>
        <translation>Una fuerza está entre 0 y 20.</translation>
    </message>
    <message>
        <source>Each part can stand on the sheet once.</source>
        <translation>Cada parte puede estar una vez en la hoja.</translation>
    </message>
    <message>
        <source>A set holds at most %1 swatches; delete some first.</source>
        <translation>Un conjunto tiene como mucho %1 muestras; borra algunas antes.</translation>
    </message>
    <message>
        <source>A %1 needs a name; type at least one letter.</source>
        <translation>Falta un nombre: %1; escribe al menos una letra.</translation>
    </message>
    <message>
        <source>The name of this %1 is too long; keep it under 400 letters.</source>
        <translation>Este nombre es demasiado largo: %1; que no pase de 400 letras.</translation>
    </message>
    <message>
        <source>A mask holds at most %1 areas; remove one first.</source>
        <translation>Una máscara tiene como mucho %1 áreas; quita una antes.</translation>
    </message>
    <message>
        <source>A color cannot be read back by this pattern: {%1} is missing.</source>
        <translation>Con este patrón no se puede volver a leer un color: falta {%1}.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not exist at value %2 with its saturation; make it greyer first.</source>
        <translation>&quot;%1&quot; no existe con valor %2 y su saturación; hazla antes más gris.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and %2 more are locked; unlock first.</source>
        <translation>&quot;%1&quot; y %2 más están bloqueadas; desbloquéalas antes.</translation>
    </message>
    <message>
        <source>The set has a family named &quot;%1&quot; already; choose another name.</source>
        <translation>El conjunto ya tiene una familia llamada &quot;%1&quot;; elige otro nombre.</translation>
    </message>
    <message>
        <source>The piece has a set named &quot;%1&quot; already; choose another name.</source>
        <translation>La obra ya tiene un conjunto llamado &quot;%1&quot;; elige otro nombre.</translation>
    </message>
    <message>
        <source>The piece is damaged at %1: %2</source>
        <translation>La obra está dañada en %1: %2</translation>
    </message>
    <message>
        <source>The piece names a photo outside its folder.</source>
        <translation>La obra nombra una foto fuera de su carpeta.</translation>
    </message>
    <message>
        <source>The CGATS table could not be made: %1.</source>
        <translation>No se pudo hacer la tabla CGATS: %1.</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>la carpeta no existe</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be read: %2.</source>
        <translation>No se puede leer &quot;%1&quot;: %2.</translation>
    </message>
    <message>
        <source>There is no file &quot;%1&quot;.</source>
        <translation>No hay ningún archivo &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a photo this program can read; use JPEG, PNG, TIFF, WebP, HEIF, AVIF, GIF, SVG or BMP.</source>
        <translation>&quot;%1&quot; no es una foto que este programa pueda leer; usa JPEG, PNG, TIFF, WebP, HEIF, AVIF, GIF, SVG o BMP.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is an empty file.</source>
        <translation>&quot;%1&quot; es un archivo vacío.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; está dañada; elige otra copia de la foto.</translation>
    </message>
    <message>
        <source>Opening &quot;%1&quot; was stopped.</source>
        <translation>Se detuvo la apertura de &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>There is too little memory to open &quot;%1&quot;.</source>
        <translation>Falta memoria para abrir &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>The color profile inside &quot;%1&quot; cannot be used; save the photo again with a sound profile.</source>
        <translation>El perfil de color de &quot;%1&quot; no sirve; guarda la foto de nuevo con un perfil en buen estado.</translation>
    </message>
    <message>
        <source>This %1 file is damaged.</source>
        <translation>Este archivo está dañado: %1.</translation>
    </message>
    <message>
        <source>This %1 file is damaged: the field &quot;%2&quot; is wrong.</source>
        <translation>Este archivo está dañado (%1): el campo &quot;%2&quot; es incorrecto.</translation>
    </message>
    <message>
        <source>This %1 was saved by a newer Zonachrom; update the program to use it.</source>
        <translation>Esto lo guardó un Zonachrom más nuevo (%1); actualiza el programa para usarlo.</translation>
    </message>
    <message>
        <source>The shelf &quot;%1&quot; cannot be made: %2.</source>
        <translation>No se puede crear el estante &quot;%1&quot;: %2.</translation>
    </message>
    <message>
        <source>One entry could not be read as a color and was left out.</source>
        <translation>Una entrada no se pudo leer como color y se dejó fuera.</translation>
    </message>
    <message>
        <source>%1 entries could not be read as colors and were left out.</source>
        <translation>%1 entradas no se pudieron leer como colores y se dejaron fuera.</translation>
    </message>
    <message>
        <source>%1 %2 goes from %3 to %4.</source>
        <translation>%1 %2 va de %3 a %4.</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: %2</source>
        <translation>&quot;%1&quot;: %2</translation>
    </message>
    <message>
        <source>A mask is turned by an angle from 0 to below 360.</source>
        <translation>Una máscara se gira un ángulo de 0 a menos de 360.</translation>
    </message>
    <message>
        <source>The file of a reference ends in letters and digits, at most 16.</source>
        <translation>El archivo de una referencia termina en letras y cifras, 16 como mucho.</translation>
    </message>
    <message>
        <source>A color has three numbers from 0 to 1.</source>
        <translation>Un color tiene tres números de 0 a 1.</translation>
    </message>
    <message>
        <source>An id is used only once, lies above 0 and below the next one.</source>
        <translation>Un número se usa una sola vez y está por encima de 0 y por debajo del siguiente.</translation>
    </message>
    <message>
        <source>This text is longer than %1 letters.</source>
        <translation>Este texto tiene más de %1 letras.</translation>
    </message>
    <message>
        <source>There are more than %1 %2.</source>
        <translation>Hay más de %1 %2.</translation>
    </message>
    <message>
        <source>Places of a family rise from swatch to swatch, within 0 to 9999.</source>
        <translation>Los lugares de una familia suben de muestra a muestra, de 0 a 9999.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a color; write hex like #d8904a, three numbers from 0 to 255, a CSS name, rgb(), hsl(), lab() or oklch().</source>
        <translation>&quot;%1&quot; no es un color; escribe hex como #d8904a, tres números de 0 a 255, un nombre CSS, rgb(), hsl(), lab() u oklch().</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has its colors coded in a way this program does not know (primaries %2, transfer %3 of ITU-T H.273); save it as sRGB or Display P3.</source>
        <translation>Los colores de &quot;%1&quot; están codificados de un modo que este programa no conoce (primarios %2, transferencia %3 de ITU-T H.273); guárdalo como sRGB o Display P3.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>The half axes of an ellipse go from 0.01 to 2.</source>
        <translation>Los semiejes de una elipse van de 0,01 a 2.</translation>
    </message>
    <message>
        <source>An ellipse is turned by an angle from 0 to below 360.</source>
        <translation>Una elipse se gira un ángulo desde 0 hasta menos de 360.</translation>
    </message>
    <message>
        <source>The file holds an entry whose name leads outside it.</source>
        <translation>El archivo contiene una entrada cuyo nombre lleva fuera de él.</translation>
    </message>
    <message>
        <source>The file holds an entry packed in a way this program does not read.</source>
        <translation>El archivo contiene una entrada comprimida de un modo que este programa no lee.</translation>
    </message>
    <message>
        <source>This palette of paints is damaged: the field %1 should be %2.</source>
        <translation>Esta paleta de pinturas está dañada: el campo %1 debería ser %2.</translation>
    </message>
    <message>
        <source>The piece is damaged. %1</source>
        <translation>La obra está dañada. %1</translation>
    </message>
    <message>
        <source>The piece is damaged: the field %1 should be %2.</source>
        <translation>La obra está dañada: el campo %1 debería ser %2.</translation>
    </message>
    <message>
        <source>A point of this area lies outside the wheel.</source>
        <translation>Un punto de esta área queda fuera del círculo.</translation>
    </message>
    <message>
        <source>A ring sector begins at an angle from 0 to below 360.</source>
        <translation>Un sector de anillo empieza en un ángulo desde 0 hasta menos de 360.</translation>
    </message>
    <message>
        <source>A ring sector runs from a lower to a higher saturation within 0 to 1.</source>
        <translation>Un sector de anillo va de una saturación menor a una mayor, entre 0 y 1.</translation>
    </message>
    <message>
        <source>A ring sector spans more than 0 and at most 360 degrees.</source>
        <translation>Un sector de anillo abarca más de 0 y como mucho 360 grados.</translation>
    </message>
    <message>
        <source>a color</source>
        <translation>un color</translation>
    </message>
    <message>
        <source>a mask</source>
        <translation>una máscara</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>un número</translation>
    </message>
    <message>
        <source>a palette of paints</source>
        <translation>una paleta de pinturas</translation>
    </message>
    <message>
        <source>a pattern</source>
        <translation>un patrón</translation>
    </message>
    <message>
        <source>a sweep above 0, and an inner below an outer saturation</source>
        <translation>un arco mayor que 0, con la saturación interior menor que la exterior</translation>
    </message>
    <message>
        <source>a set</source>
        <translation>un conjunto</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>un objeto</translation>
    </message>
    <message>
        <source>a list of at most %1</source>
        <translation>una lista de %1 como mucho</translation>
    </message>
    <message>
        <source>a number from %1 to %2</source>
        <translation>un número de %1 a %2</translation>
    </message>
    <message>
        <source>%1 numbers</source>
        <translation>%1 números</translation>
    </message>
    <message>
        <source>a list of points</source>
        <translation>una lista de puntos</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texto</translation>
    </message>
    <message>
        <source>three numbers from 0 to 1</source>
        <translation>tres números de 0 a 1</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>verdadero o falso</translation>
    </message>
    <message>
        <source>a whole number above 0</source>
        <translation>un número entero mayor que 0</translation>
    </message>
    <message>
        <source>a whole number from %1 to %2</source>
        <translation>un número entero de %1 a %2</translation>
    </message>
    <message>
        <source>Without this area nothing would be left of the mask; remove the whole mask instead.</source>
        <translation>Sin esta área no quedaría nada de la máscara; quita la máscara entera.</translation>
    </message>
    <message>
        <source>Between two colors, 1 to 22 steps can be added.</source>
        <translation>Entre dos colores se pueden añadir de 1 a 22 pasos.</translation>
    </message>
    <message>
        <source>Both swatches are locked; unlock one of them first.</source>
        <translation>Ambas muestras están bloqueadas; desbloquea una antes.</translation>
    </message>
    <message>
        <source>A brace in the pattern is not closed; close it with }.</source>
        <translation>Una llave del patrón no está cerrada; ciérrala con }.</translation>
    </message>
    <message>
        <source>Counting the used swatches was stopped.</source>
        <translation>Se detuvo el recuento de muestras usadas.</translation>
    </message>
    <message>
        <source>Subtracting this area would leave nothing of the mask.</source>
        <translation>Restar esta área no dejaría nada de la máscara.</translation>
    </message>
    <message>
        <source>Subtracting this area would leave nothing of the mask; make the area smaller.</source>
        <translation>Restar esta área no dejaría nada de la máscara; haz el área menor.</translation>
    </message>
    <message>
        <source>The desktop is already asking you something; answer that first.</source>
        <translation>El escritorio ya está preguntando algo; respóndelo antes.</translation>
    </message>
    <message>
        <source>This desktop does not offer global shortcuts.</source>
        <translation>Este escritorio no ofrece atajos globales.</translation>
    </message>
    <message>
        <source>The desktop did not answer for half a minute; try again.</source>
        <translation>El escritorio no respondió en medio minuto; inténtalo otra vez.</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>el disco está lleno</translation>
    </message>
    <message>
        <source>The center of an ellipse must lie on the wheel.</source>
        <translation>El centro de una elipse debe estar en el círculo.</translation>
    </message>
    <message>
        <source>Spacing evenly needs at least three swatches in the family.</source>
        <translation>Espaciar por igual necesita al menos tres muestras en la familia.</translation>
    </message>
    <message>
        <source>Taking colors was stopped.</source>
        <translation>Se detuvo la toma de colores.</translation>
    </message>
    <message>
        <source>The %1 is too long; shorten it.</source>
        <translation>Demasiado largo: %1; acórtalo.</translation>
    </message>
    <message>
        <source>The pattern has nothing between {%1} and {%2}, so their contents cannot be told apart.</source>
        <translation>El patrón no tiene nada entre {%1} y {%2}, y sus contenidos no se distinguen.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>El archivo está vacío.</translation>
    </message>
    <message>
        <source>The file is larger than 64 MB.</source>
        <translation>El archivo pasa de 64 MB.</translation>
    </message>
    <message>
        <source>Fitting the mask was stopped.</source>
        <translation>Se detuvo el ajuste de la máscara.</translation>
    </message>
    <message>
        <source>The desktop did not send a color or a picture of the screen.</source>
        <translation>El escritorio no envió ningún color ni imagen de la pantalla.</translation>
    </message>
    <message>
        <source>The shelf no longer has a file &quot;%1&quot;.</source>
        <translation>El estante ya no tiene el archivo &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>An empty pattern would copy nothing; type a field such as {hex}.</source>
        <translation>Un patrón vacío no copiaría nada; escribe un campo como {hex}.</translation>
    </message>
    <message>
        <source>The share the mask holds must lie above 0 and at most at 100 percent.</source>
        <translation>La parte que abarca la máscara debe ser mayor que 0 y como mucho del 100 por ciento.</translation>
    </message>
    <message>
        <source>This piece cannot hold any more items; start a new piece and copy the sets to it.</source>
        <translation>Esta obra no admite más elementos; empieza una obra nueva y copia en ella los conjuntos.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; stores its inks in a form this program cannot read; save it as RGB first.</source>
        <translation>&quot;%1&quot; guarda sus tintas en una forma que este programa no puede leer; guárdalo antes como RGB.</translation>
    </message>
    <message>
        <source>The JSON is damaged at %1.</source>
        <translation>El JSON está dañado en %1.</translation>
    </message>
    <message>
        <source>The JSON is nested more than 64 levels deep.</source>
        <translation>El JSON tiene más de 64 niveles.</translation>
    </message>
    <message>
        <source>The JSON is larger than 256 MiB.</source>
        <translation>El JSON pasa de 256 MiB.</translation>
    </message>
    <message>
        <source>Between 1 and 30 missing colors can be listed.</source>
        <translation>Se pueden listar entre 1 y 30 colores que faltan.</translation>
    </message>
    <message>
        <source>%1 lines do not match the pattern.</source>
        <translation>%1 líneas no coinciden con el patrón.</translation>
    </message>
    <message>
        <source>The picture has more than %1 different colors, so a palette of %2 was taken from it.</source>
        <translation>La imagen tiene más de %1 colores distintos, así que se tomó de ella una paleta de %2.</translation>
    </message>
    <message>
        <source>A mask area needs three corners; remove the whole area instead.</source>
        <translation>Un área de máscara necesita tres esquinas; quita el área entera.</translation>
    </message>
    <message>
        <source>The mask holds no color; make it larger or turn it off.</source>
        <translation>La máscara no contiene ningún color; hazla mayor o apágala.</translation>
    </message>
    <message>
        <source>you do not have permission to write there</source>
        <translation>no tienes permiso para escribir allí</translation>
    </message>
    <message>
        <source>The set &quot;%1&quot; has no swatches yet; add some first.</source>
        <translation>El conjunto &quot;%1&quot; aún no tiene muestras; añade algunas antes.</translation>
    </message>
    <message>
        <source>The file has no color that can be read as %1.</source>
        <translation>El archivo no tiene ningún color que se lea como %1.</translation>
    </message>
    <message>
        <source>The photo has no colors to fit a mask to.</source>
        <translation>La foto no tiene colores a los que ajustar una máscara.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a date; use YYYY-MM-DD, such as 2026-11-26.</source>
        <translation>&quot;%1&quot; no es una fecha; usa AAAA-MM-DD, como 2026-11-26.</translation>
    </message>
    <message>
        <source>The report cannot use these limits.</source>
        <translation>El informe no puede usar estos límites.</translation>
    </message>
    <message>
        <source>No global shortcut was chosen on the desktop.</source>
        <translation>No se eligió ningún atajo global en el escritorio.</translation>
    </message>
    <message>
        <source>No line of the file matches the pattern.</source>
        <translation>Ninguna línea del archivo coincide con el patrón.</translation>
    </message>
    <message>
        <source>No mask is in use that has a neutral; make one at Limit first.</source>
        <translation>No hay ninguna máscara en uso que tenga neutro; haz antes una en Limitar.</translation>
    </message>
    <message>
        <source>No mask is in use; make one at Limit first.</source>
        <translation>No hay ninguna máscara en uso; haz antes una en Limitar.</translation>
    </message>
    <message>
        <source>There is no mask to subtract from; add an area first.</source>
        <translation>No hay máscara de la que restar; añade antes un área.</translation>
    </message>
    <message>
        <source>There is no mask to move the colors into; make one at Limit first.</source>
        <translation>No hay máscara a la que llevar los colores; haz antes una en Limitar.</translation>
    </message>
    <message>
        <source>No mask is in use that has corners; make one at Limit first.</source>
        <translation>No hay ninguna máscara en uso con esquinas; haz antes una en Limitar.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no merged picture; save it with one in the program that made it.</source>
        <translation>&quot;%1&quot; no tiene imagen combinada; guárdalo con una en el programa que lo hizo.</translation>
    </message>
    <message>
        <source>The palette has no paints.</source>
        <translation>La paleta no tiene pinturas.</translation>
    </message>
    <message>
        <source>There are no paints to save yet; add one first.</source>
        <translation>Aún no hay pinturas que guardar; añade una antes.</translation>
    </message>
    <message>
        <source>There are no paints to mix; put one on the palette first.</source>
        <translation>No hay pinturas que mezclar; pon antes una en la paleta.</translation>
    </message>
    <message>
        <source>The pattern has {%1}, which is not a field; the handbook lists all fields.</source>
        <translation>El patrón tiene {%1}, que no es un campo; el manual da todos los campos.</translation>
    </message>
    <message>
        <source>This place is outside the photo.</source>
        <translation>Este lugar está fuera de la foto.</translation>
    </message>
    <message>
        <source>There are no pixels here to take colors from.</source>
        <translation>Aquí no hay píxeles de los que tomar colores.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a usable ICC profile of a four-color press; choose another file.</source>
        <translation>&quot;%1&quot; no es un perfil ICC utilizable de imprenta de cuatro tintas; elige otro archivo.</translation>
    </message>
    <message>
        <source>A display cannot show a color with these %1 numbers.</source>
        <translation>Una pantalla no puede mostrar un color con estos números: %1.</translation>
    </message>
    <message>
        <source>This %1 is no longer in the piece.</source>
        <translation>Ya no está en la obra: %1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a text file.</source>
        <translation>&quot;%1&quot; no es un archivo de texto.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a common paint; choose one of the list.</source>
        <translation>&quot;%1&quot; no es una pintura corriente; elige una de la lista.</translation>
    </message>
    <message>
        <source>this is not a file</source>
        <translation>no es un archivo</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be converted to sRGB; there may be too little memory.</source>
        <translation>&quot;%1&quot; no se puede convertir a sRGB; quizá falta memoria.</translation>
    </message>
    <message>
        <source>This place is outside the wheel.</source>
        <translation>Este lugar está fuera del círculo.</translation>
    </message>
    <message>
        <source>These two swatches cannot be separated in value without a change of hue or saturation; change one by hand.</source>
        <translation>Estas dos muestras no se pueden separar en valor sin cambiar tono o saturación; cambia una a mano.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not imported. %2</source>
        <translation>&quot;%1&quot; no se importó. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not saved: %2. Save it somewhere else, or make room.</source>
        <translation>&quot;%1&quot; no se guardó: %2. Guárdalo en otro sitio o libera espacio.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its references are larger than a piece can hold; remove some of them.</source>
        <translation>La obra no se guardó porque sus referencias son mayores de lo que admite una obra; quita algunas.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its sets and versions are more than a piece can hold; remove some of them.</source>
        <translation>La obra no se guardó porque sus conjuntos y versiones son más de lo que admite una obra; quita algunos.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could not be deleted from the shelf.</source>
        <translation>&quot;%1&quot; no se pudo eliminar del estante.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not three numbers with commas between them.</source>
        <translation>&quot;%1&quot; no son tres números separados por comas.</translation>
    </message>
    <message>
        <source>No color was picked from the screen.</source>
        <translation>No se eligió ningún color de la pantalla.</translation>
    </message>
    <message>
        <source>There is nothing to import: the set already has all of these colors.</source>
        <translation>No hay nada que importar: el conjunto ya tiene todos estos colores.</translation>
    </message>
    <message>
        <source>There is nothing to adjust: add swatches first, or unlock some.</source>
        <translation>No hay nada que ajustar: añade muestras antes, o desbloquea algunas.</translation>
    </message>
    <message>
        <source>There are no colors to add.</source>
        <translation>No hay colores que añadir.</translation>
    </message>
    <message>
        <source>There are no colors to find paints for.</source>
        <translation>No hay colores para los que buscar pinturas.</translation>
    </message>
    <message>
        <source>The file has a number that is too large.</source>
        <translation>El archivo tiene un número demasiado grande.</translation>
    </message>
    <message>
        <source>These numbers would leave nothing of the mask.</source>
        <translation>Estos números no dejarían nada de la máscara.</translation>
    </message>
    <message>
        <source>One color was outside what a display shows; the nearest color is used.</source>
        <translation>Un color estaba fuera de lo que muestra una pantalla; se usa el más cercano.</translation>
    </message>
    <message>
        <source>In this order nothing would be left of the mask.</source>
        <translation>En este orden no quedaría nada de la máscara.</translation>
    </message>
    <message>
        <source>This limit is outside what the report can use.</source>
        <translation>Este límite está fuera de lo que puede usar el informe.</translation>
    </message>
    <message>
        <source>At this value these paints can mix no range of colors; put more paints on the palette, or turn on white and black.</source>
        <translation>A este valor estas pinturas no mezclan ninguna gama; pon más pinturas en la paleta o enciende blanco y negro.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints; remove one first.</source>
        <translation>Una paleta tiene como mucho 12 pinturas; quita una antes.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is partly transparent; give an opaque color.</source>
        <translation>&quot;%1&quot; es en parte transparente; da un color opaco.</translation>
    </message>
    <message>
        <source>The pasted picture could not be added.</source>
        <translation>La imagen pegada no se pudo añadir.</translation>
    </message>
    <message>
        <source>The path of this file is too long to follow; move the file to a folder with a shorter path.</source>
        <translation>La ruta de este archivo es demasiado larga para seguirlo; muévelo a una carpeta de ruta más corta.</translation>
    </message>
    <message>
        <source>This pattern can read the text in too many ways; put characters between its fields that do not occur in the fields.</source>
        <translation>Este patrón puede leer el texto de demasiadas maneras; pon entre sus campos caracteres que no aparezcan en ellos.</translation>
    </message>
    <message>
        <source>No line of the pattern has a color; put {hex} where the color belongs.</source>
        <translation>Ninguna línea del patrón tiene color; pon {hex} donde va el color.</translation>
    </message>
    <message>
        <source>A pattern has at most 10,000 letters; shorten it.</source>
        <translation>Un patrón tiene como mucho 10.000 letras; acórtalo.</translation>
    </message>
    <message>
        <source>The width in {%1} is not a number from 1 to 99.</source>
        <translation>El ancho de {%1} no es un número de 1 a 99.</translation>
    </message>
    <message>
        <source>A picture is saved as PNG or JPEG; use a name ending in .png or .jpg.</source>
        <translation>Una imagen se guarda como PNG o JPEG; usa un nombre que acabe en .png o .jpg.</translation>
    </message>
    <message>
        <source>The piece is damaged: its data is missing.</source>
        <translation>La obra está dañada: faltan sus datos.</translation>
    </message>
    <message>
        <source>The piece is damaged, and nothing of it can be read.</source>
        <translation>La obra está dañada y no se puede leer nada de ella.</translation>
    </message>
    <message>
        <source>Without this corner nothing would be left of the mask.</source>
        <translation>Sin esta esquina no quedaría nada de la máscara.</translation>
    </message>
    <message>
        <source>The points lie on one line and enclose no color; move one aside.</source>
        <translation>Los puntos están en una línea y no encierran ningún color; aparta uno.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than 64 MB, too large for a press profile; choose another file.</source>
        <translation>&quot;%1&quot; pasa de 64 MB, demasiado para un perfil de imprenta; elige otro archivo.</translation>
    </message>
    <message>
        <source>Computing the reach was stopped.</source>
        <translation>Se detuvo el cálculo del alcance.</translation>
    </message>
    <message>
        <source>A piece holds at most %1 references; remove one first.</source>
        <translation>Una obra tiene como mucho %1 referencias; quita una antes.</translation>
    </message>
    <message>
        <source>The references are larger than the 3.5 GiB a piece can hold; remove some, or add smaller ones.</source>
        <translation>Las referencias superan los 3,5 GiB que admite una obra; quita algunas o añade otras menores.</translation>
    </message>
    <message>
        <source>This desktop does not let programs see the screen.</source>
        <translation>Este escritorio no deja que los programas vean la pantalla.</translation>
    </message>
    <message>
        <source>The set has no swatches yet; add some first.</source>
        <translation>El conjunto aún no tiene muestras; añade algunas antes.</translation>
    </message>
    <message>
        <source>The sets and versions are more than a piece can hold; remove some of them.</source>
        <translation>Los conjuntos y versiones son más de lo que admite una obra; quita algunos.</translation>
    </message>
    <message>
        <source>A sheet can have 36 to 600 pixels per inch.</source>
        <translation>Una hoja puede tener de 36 a 600 píxeles por pulgada.</translation>
    </message>
    <message>
        <source>A sheet is saved as PDF, SVG or PNG; use a name ending in .pdf, .svg or .png.</source>
        <translation>Una hoja se guarda como PDF, SVG o PNG; usa un nombre que acabe en .pdf, .svg o .png.</translation>
    </message>
    <message>
        <source>This paper has more than 200 megapixels at this resolution; lower the resolution.</source>
        <translation>Este papel tiene más de 200 megapíxeles a esta resolución; baja la resolución.</translation>
    </message>
    <message>
        <source>Another window is changing the shelf; try again in a moment.</source>
        <translation>Otra ventana está cambiando el estante; inténtalo en un momento.</translation>
    </message>
    <message>
        <source>Everything on the shelf needs a name; type at least one letter.</source>
        <translation>Todo lo del estante necesita un nombre; escribe al menos una letra.</translation>
    </message>
    <message>
        <source>a word that this version knows</source>
        <translation>una palabra que esta versión conoce</translation>
    </message>
    <message>
        <source>To split a family, select some of its swatches, but not all.</source>
        <translation>Para partir una familia, selecciona algunas de sus muestras, no todas.</translation>
    </message>
    <message>
        <source>Both ends of this ramp have the same color; choose another end.</source>
        <translation>Los dos extremos de esta gradación tienen el mismo color; elige otro extremo.</translation>
    </message>
    <message>
        <source>A ramp to another color needs that color; choose it first.</source>
        <translation>Una gradación a otro color necesita ese color; elígelo antes.</translation>
    </message>
    <message>
        <source>A ramp has from 2 to 24 steps.</source>
        <translation>Una gradación tiene de 2 a 24 pasos.</translation>
    </message>
    <message>
        <source>The row has more than 200 megapixels; make it smaller.</source>
        <translation>La fila tiene más de 200 megapíxeles; hazla menor.</translation>
    </message>
    <message>
        <source>Only a study in areas can be saved as SVG; cut the picture into areas first.</source>
        <translation>Solo un estudio en áreas se puede guardar como SVG; corta antes la imagen en áreas.</translation>
    </message>
    <message>
        <source>A swatch cannot be separated from itself.</source>
        <translation>Una muestra no se puede separar de sí misma.</translation>
    </message>
    <message>
        <source>The table is damaged: %1.</source>
        <translation>La tabla está dañada: %1.</translation>
    </message>
    <message>
        <source>The table is damaged after row %1; check its quotation marks.</source>
        <translation>La tabla está dañada tras la fila %1; revisa sus comillas.</translation>
    </message>
    <message>
        <source>The table includes another file, which this program does not read.</source>
        <translation>La tabla incluye otro archivo, que este programa no lee.</translation>
    </message>
    <message>
        <source>A tint goes from 0, none, to 1, full.</source>
        <translation>Un tinte va de 0, nada, a 1, total.</translation>
    </message>
    <message>
        <source>The areas of this picture were changed too often; cut the picture into areas again.</source>
        <translation>Las áreas de esta imagen se cambiaron demasiadas veces; corta la imagen en áreas de nuevo.</translation>
    </message>
    <message>
        <source>The file has more than %1 colors; split it first.</source>
        <translation>El archivo tiene más de %1 colores; divídelo antes.</translation>
    </message>
    <message>
        <source>The file has more entries than this program accepts.</source>
        <translation>El archivo tiene más entradas de las que acepta este programa.</translation>
    </message>
    <message>
        <source>The file is larger, unpacked, than this program accepts.</source>
        <translation>El archivo, desempaquetado, es mayor de lo que acepta este programa.</translation>
    </message>
    <message>
        <source>The file is damaged; it may be cut short.</source>
        <translation>El archivo está dañado; quizá está cortado.</translation>
    </message>
    <message>
        <source>Well %1 is empty; Shift+%2 puts the current color in it.</source>
        <translation>El pocillo %1 está vacío; Mayús+%2 pone en él el color actual.</translation>
    </message>
    <message>
        <source>On this wheel the mask would have more than %1 areas; keep its outline instead, or remove areas.</source>
        <translation>En este círculo la máscara tendría más de %1 áreas; conserva su contorno o quita áreas.</translation>
    </message>
    <message>
        <source>Saving was stopped.</source>
        <translation>Se detuvo el guardado.</translation>
    </message>
    <message>
        <source>The XML is damaged at byte %1.</source>
        <translation>El XML está dañado en el byte %1.</translation>
    </message>
    <message>
        <source>Colors outside what a display shows: %1; the nearest ones are used.</source>
        <translation>Colores fuera de lo que muestra una pantalla: %1; se usan los más cercanos.</translation>
    </message>
    <message>
        <source>This key is a version of the set already; restore that version.</source>
        <translation>Esta clave ya es una versión del conjunto; restaura esa versión.</translation>
    </message>
    <message>
        <source>The lightest value of a ladder lies above its darkest one, both from 0 to 100.</source>
        <translation>El valor más claro de una escala está por encima del más oscuro, ambos de 0 a 100.</translation>
    </message>
    <message>
        <source>A ladder has from 1 to 6 hues.</source>
        <translation>Una escala tiene de 1 a 6 tonos.</translation>
    </message>
    <message>
        <source>The saturation of a ladder lies between 0 and 1.</source>
        <translation>La saturación de una escala está entre 0 y 1.</translation>
    </message>
    <message>
        <source>A row of a ladder has from 3 to 9 steps.</source>
        <translation>Una fila de una escala tiene de 3 a 9 pasos.</translation>
    </message>
    <message>
        <source>The lightest value of a ramp lies above its darkest one, both from 0 to 100.</source>
        <translation>El valor más claro de una gradación está por encima del más oscuro, ambos de 0 a 100.</translation>
    </message>
    <message>
        <source>No family that can be changed is off: unlock swatches to turn them.</source>
        <translation>No se aparta ninguna familia que se pueda cambiar: desbloquea las muestras para girarlas.</translation>
    </message>
    <message>
        <source>A way back is a mixture of two swatches; this set has fewer.</source>
        <translation>Un camino de vuelta es una mezcla de dos muestras; este conjunto tiene menos.</translation>
    </message>
    <message>
        <source>A part of the file is damaged.</source>
        <translation>Una parte del archivo está dañada.</translation>
    </message>
    <message>
        <source>a code has four inks of 0 to 100 percent or a name, and a CIELAB color</source>
        <translation>un código tiene cuatro tintas de 0 a 100 por ciento o un nombre, y un color CIELAB</translation>
    </message>
    <message>
        <source>Four inks are a color only on a press: choose a press first.</source>
        <translation>Cuatro tintas solo son un color en una imprenta: elige primero una imprenta.</translation>
    </message>
    <message>
        <source>Inks go from 0 to 100 percent each.</source>
        <translation>Cada tinta va de 0 a 100 por ciento.</translation>
    </message>
    <message>
        <source>The last row of wells stays.</source>
        <translation>La última fila de pocillos se queda.</translation>
    </message>
    <message>
        <source>There are %1 rows of wells already; more do not fit.</source>
        <translation>Ya hay %1 filas de pocillos; no caben más.</translation>
    </message>
    <message>
        <source>None of these swatches has a code.</source>
        <translation>Ninguna de estas muestras tiene código.</translation>
    </message>
    <message>
        <source>parts that are not all 0</source>
        <translation>partes que no sean todas 0</translation>
    </message>
    <message>
        <source>eight colors for each row</source>
        <translation>ocho colores por fila</translation>
    </message>
</context>
<context>
    <name>Sheet</name>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, valor %3</translation>
    </message>
    <message>
        <source>wheel: %1</source>
        <translation>círculo: %1</translation>
    </message>
    <message>
        <source>measure: %1</source>
        <translation>medida: %1</translation>
    </message>
    <message>
        <source>mask: %1</source>
        <translation>máscara: %1</translation>
    </message>
    <message>
        <source>fills %1 % of the wheel</source>
        <translation>ocupa %1 % del círculo</translation>
    </message>
    <message>
        <source>neutral: %1</source>
        <translation>neutro: %1</translation>
    </message>
    <message>
        <source>relation: %1</source>
        <translation>relación: %1</translation>
    </message>
    <message>
        <source>value shown: %1</source>
        <translation>valor mostrado: %1</translation>
    </message>
    <message>
        <source>each hue at its vivid value</source>
        <translation>cada tono a su valor más vivo</translation>
    </message>
    <message>
        <source>study: %1</source>
        <translation>estudio: %1</translation>
    </message>
    <message>
        <source>reference: %1</source>
        <translation>referencia: %1</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>valor %1</translation>
    </message>
    <message>
        <source>light to dark</source>
        <translation>de claro a oscuro</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>página %1 de %2</translation>
    </message>
    <message>
        <source>traditional</source>
        <translation>tradicional</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>tinta</translation>
    </message>
    <message>
        <source>even</source>
        <translation>igualado</translation>
    </message>
    <message>
        <source>Y</source>
        <translation>Am</translation>
    </message>
    <message>
        <source>O</source>
        <translation>Na</translation>
    </message>
    <message>
        <source>R</source>
        <translation>Ro</translation>
    </message>
    <message>
        <source>V</source>
        <translation>Vi</translation>
    </message>
    <message>
        <source>B</source>
        <translation>Az</translation>
    </message>
    <message>
        <source>G</source>
        <translation>Ve</translation>
    </message>
    <message>
        <source>C</source>
        <translation>Ci</translation>
    </message>
    <message>
        <source>M</source>
        <translation>Ma</translation>
    </message>
    <message>
        <source>L</source>
        <translation>Li</translation>
    </message>
    <message>
        <source>%1, continued</source>
        <translation>%1, continuación</translation>
    </message>
    <message>
        <source>light: %1 needed, %2 present, %3 missing</source>
        <translation>claros: %1 necesarios, %2 presentes, %3 faltan</translation>
    </message>
    <message>
        <source>middle: %1 needed, %2 present, %3 missing</source>
        <translation>medios: %1 necesarios, %2 presentes, %3 faltan</translation>
    </message>
    <message>
        <source>dark: %1 needed, %2 present, %3 missing</source>
        <translation>oscuros: %1 necesarios, %2 presentes, %3 faltan</translation>
    </message>
    <message>
        <source>%1: the limit fills %2 % of this range</source>
        <translation>%1: el límite llena el %2 % de este rango</translation>
    </message>
    <message>
        <source>%1: the limit fills %2 % of these ranges</source>
        <translation>%1: el límite llena el %2 % de estos rangos</translation>
    </message>
    <message>
        <source>hue %1 to %2, saturation %3 to %4 %</source>
        <translation>tono %1 a %2, saturación %3 a %4 %</translation>
    </message>
    <message>
        <source>hue %1 to %2, chroma %3 to %4</source>
        <translation>tono %1 a %2, croma %3 a %4</translation>
    </message>
    <message>
        <source>every hue, saturation %1 to %2 %</source>
        <translation>todo tono, saturación %1 a %2 %</translation>
    </message>
    <message>
        <source>every hue, chroma %1 to %2</source>
        <translation>todo tono, croma %1 a %2</translation>
    </message>
    <message>
        <source>%1: hue %2, saturation %3 %, lightness %4 %</source>
        <translation>%1: tono %2, saturación %3 %, claridad %4 %</translation>
    </message>
    <message>
        <source>%1: hue %2, chroma %3, lightness %4 %</source>
        <translation>%1: tono %2, croma %3, claridad %4 %</translation>
    </message>
</context>
<context>
    <name>Surround</name>
    <message>
        <source>dark</source>
        <translation>oscuro</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>light</source>
        <translation>claro</translation>
    </message>
</context>
<context>
    <name>Wells</name>
    <message>
        <source>row %1</source>
        <translation>fila %1</translation>
    </message>
    <message>
        <source>well %1</source>
        <translation>pocillo %1</translation>
    </message>
    <message>
        <source>well %1 of %2</source>
        <translation>pocillo %1 de %2</translation>
    </message>
</context>
<context>
    <name>Word</name>
    <message>
        <source>yellow</source>
        <translation>amarillo</translation>
    </message>
    <message>
        <source>yellow-orange</source>
        <translation>amarillo anaranjado</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>naranja</translation>
    </message>
    <message>
        <source>red-orange</source>
        <translation>rojo anaranjado</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rojo</translation>
    </message>
    <message>
        <source>red-violet</source>
        <translation>rojo violáceo</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>violeta</translation>
    </message>
    <message>
        <source>blue-violet</source>
        <translation>azul violáceo</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>azul</translation>
    </message>
    <message>
        <source>blue-green</source>
        <translation>azul verdoso</translation>
    </message>
    <message>
        <source>green</source>
        <translation>verde</translation>
    </message>
    <message>
        <source>yellow-green</source>
        <translation>amarillo verdoso</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>rosa</translation>
    </message>
    <message>
        <source>magenta</source>
        <translation>magenta</translation>
    </message>
    <message>
        <source>azure</source>
        <translation>azur</translation>
    </message>
    <message>
        <source>cyan</source>
        <translation>cian</translation>
    </message>
    <message>
        <source>sea green</source>
        <translation>verde mar</translation>
    </message>
    <message>
        <source>lime</source>
        <translation>lima</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>gris</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>marrón</translation>
    </message>
    <message>
        <source>black</source>
        <translation>negro</translation>
    </message>
    <message>
        <source>white</source>
        <translation>blanco</translation>
    </message>
    <message>
        <source>YO</source>
        <translation>AmN</translation>
    </message>
    <message>
        <source>RO</source>
        <translation>RN</translation>
    </message>
    <message>
        <source>RV</source>
        <translation>RV</translation>
    </message>
    <message>
        <source>BV</source>
        <translation>AzV</translation>
    </message>
    <message>
        <source>BG</source>
        <translation>AzVe</translation>
    </message>
    <message>
        <source>YG</source>
        <translation>AmV</translation>
    </message>
    <message>
        <source>single</source>
        <translation>única</translation>
    </message>
    <message>
        <source>analogous</source>
        <translation>análogos</translation>
    </message>
    <message>
        <source>complement</source>
        <translation>complementario</translation>
    </message>
    <message>
        <source>split</source>
        <translation>dividido</translation>
    </message>
    <message>
        <source>triad</source>
        <translation>tríada</translation>
    </message>
    <message>
        <source>square</source>
        <translation>cuadrado</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectángulo</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>acento</translation>
    </message>
    <message>
        <source>double</source>
        <translation>doble</translation>
    </message>
    <message>
        <source>low key</source>
        <translation>clave baja</translation>
    </message>
    <message>
        <source>middle key</source>
        <translation>clave media</translation>
    </message>
    <message>
        <source>high key</source>
        <translation>clave alta</translation>
    </message>
    <message>
        <source>letter</source>
        <translation>carta</translation>
    </message>
    <message>
        <source>titanium white</source>
        <translation>blanco de titanio</translation>
    </message>
    <message>
        <source>zinc white</source>
        <translation>blanco de zinc</translation>
    </message>
    <message>
        <source>bone black</source>
        <translation>negro de hueso</translation>
    </message>
    <message>
        <source>lamp black</source>
        <translation>negro de humo</translation>
    </message>
    <message>
        <source>yellow earth</source>
        <translation>tierra amarilla</translation>
    </message>
    <message>
        <source>cadmium yellow</source>
        <translation>amarillo de cadmio</translation>
    </message>
    <message>
        <source>raw umber</source>
        <translation>sombra natural</translation>
    </message>
    <message>
        <source>burnt sienna</source>
        <translation>siena tostada</translation>
    </message>
    <message>
        <source>burnt umber</source>
        <translation>sombra tostada</translation>
    </message>
    <message>
        <source>iron-oxide red</source>
        <translation>rojo óxido de hierro</translation>
    </message>
    <message>
        <source>cadmium red</source>
        <translation>rojo de cadmio</translation>
    </message>
    <message>
        <source>quinacridone magenta</source>
        <translation>magenta de quinacridona</translation>
    </message>
    <message>
        <source>ultramarine blue</source>
        <translation>azul ultramar</translation>
    </message>
    <message>
        <source>cobalt blue</source>
        <translation>azul cobalto</translation>
    </message>
    <message>
        <source>iron blue</source>
        <translation>azul de hierro</translation>
    </message>
    <message>
        <source>phthalocyanine blue</source>
        <translation>azul de ftalocianina</translation>
    </message>
    <message>
        <source>phthalocyanine green</source>
        <translation>verde de ftalocianina</translation>
    </message>
    <message>
        <source>chromium oxide green</source>
        <translation>verde óxido de cromo</translation>
    </message>
    <message>
        <source>Design tokens</source>
        <translation>Design tokens</translation>
    </message>
    <message>
        <source>CGATS.17 table</source>
        <translation>tabla CGATS.17</translation>
    </message>
    <message>
        <source>CSS custom properties</source>
        <translation>propiedades CSS</translation>
    </message>
    <message>
        <source>CSV table</source>
        <translation>tabla CSV</translation>
    </message>
    <message>
        <source>Hex list</source>
        <translation>lista hex</translation>
    </message>
    <message>
        <source>SVG drawing</source>
        <translation>dibujo SVG</translation>
    </message>
    <message>
        <source>PNG strip</source>
        <translation>tira PNG</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>saturación</translation>
    </message>
    <message>
        <source>value</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>lightness</source>
        <translation>luminosidad</translation>
    </message>
    <message>
        <source>chroma</source>
        <translation>croma</translation>
    </message>
    <message>
        <source>Linear</source>
        <translation>Lineal</translation>
    </message>
    <message>
        <source>%1 %2 %3 %4</source>
        <extracomment>How a color is called: %1 value, %2 chroma, %3 side, %4 hue; each but the hue may be missing.</extracomment>
        <translation>%4 %3 %2 %1</translation>
    </message>
    <message>
        <source>sRGB, 0 to 255</source>
        <translation>sRGB, de 0 a 255</translation>
    </message>
    <message>
        <source>hue, saturation, value of sRGB</source>
        <translation>tono, saturación y valor de sRGB</translation>
    </message>
    <message>
        <source>hue, saturation, lightness of sRGB</source>
        <translation>tono, saturación y luminosidad de sRGB</translation>
    </message>
    <message>
        <source>CIELUV hue, share of its largest chroma, L*</source>
        <translation>tono de CIELUV, parte de su mayor croma, L*</translation>
    </message>
    <message>
        <source>CIELAB lightness, chroma, hue</source>
        <translation>luminosidad, croma y tono de CIELAB</translation>
    </message>
    <message>
        <source>CIELAB under D65</source>
        <translation>CIELAB bajo D65</translation>
    </message>
    <message>
        <source>CIELUV lightness, chroma, hue</source>
        <translation>luminosidad, croma y tono de CIELUV</translation>
    </message>
    <message>
        <source>CIELUV under D65</source>
        <translation>CIELUV bajo D65</translation>
    </message>
    <message>
        <source>OKLab lightness, chroma, hue</source>
        <translation>luminosidad, croma y tono de OKLab</translation>
    </message>
    <message>
        <source>CIE XYZ, white at Y 100</source>
        <translation>CIE XYZ, blanco en Y 100</translation>
    </message>
    <message>
        <source>sRGB primaries in linear light</source>
        <translation>primarios de sRGB en luz lineal</translation>
    </message>
    <message>
        <source>hex and name</source>
        <translation>hex y nombre</translation>
    </message>
    <message>
        <source>numbers in columns</source>
        <translation>números en columnas</translation>
    </message>
    <message>
        <source>table</source>
        <translation>tabla</translation>
    </message>
    <message>
        <source>families with headings</source>
        <translation>familias con títulos</translation>
    </message>
    <message>
        <source>All hues, quiet</source>
        <translation>Todos los tonos, en calma</translation>
    </message>
    <message>
        <source>Ember and ash</source>
        <translation>Brasa y ceniza</translation>
    </message>
    <message>
        <source>Lamp against dusk</source>
        <translation>Farol contra el crepúsculo</translation>
    </message>
    <message>
        <source>Overcast harbor</source>
        <translation>Puerto nublado</translation>
    </message>
    <message>
        <source>Rust and verdigris</source>
        <translation>Óxido y verdín</translation>
    </message>
    <message>
        <source>Vivid without the middle</source>
        <translation>Vivo sin el centro</translation>
    </message>
    <message>
        <source>Nine greys</source>
        <translation>Nueve grises</translation>
    </message>
    <message>
        <source>Earth and stone</source>
        <translation>Tierra y piedra</translation>
    </message>
    <message>
        <source>Two lights</source>
        <translation>Dos luces</translation>
    </message>
    <message>
        <source>Skin in three lights</source>
        <translation>Piel bajo tres luces</translation>
    </message>
    <message>
        <source>Leaves by distance</source>
        <translation>Hojas según la distancia</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>ocre</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>arcilla</translation>
    </message>
    <message>
        <source>umber</source>
        <translation>sombra natural</translation>
    </message>
    <message>
        <source>stone</source>
        <translation>piedra</translation>
    </message>
    <message>
        <source>lamplight</source>
        <translation>luz de farol</translation>
    </message>
    <message>
        <source>ember</source>
        <translation>brasa</translation>
    </message>
    <message>
        <source>between</source>
        <translation>entre ambas</translation>
    </message>
    <message>
        <source>dusk</source>
        <translation>crepúsculo</translation>
    </message>
    <message>
        <source>noon</source>
        <translation>mediodía</translation>
    </message>
    <message>
        <source>overcast</source>
        <translation>nublado</translation>
    </message>
    <message>
        <source>shade</source>
        <translation>sombra</translation>
    </message>
    <message>
        <source>near</source>
        <translation>cerca</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>a media distancia</translation>
    </message>
    <message>
        <source>far</source>
        <translation>lejos</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>apagado</translation>
    </message>
    <message>
        <source>any light</source>
        <translation>cualquier luz</translation>
    </message>
    <message>
        <source>fire</source>
        <translation>fuego</translation>
    </message>
    <message>
        <source>night</source>
        <translation>noche</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>cálido</translation>
    </message>
    <message>
        <source>two lights</source>
        <translation>dos luces</translation>
    </message>
    <message>
        <source>day</source>
        <translation>día</translation>
    </message>
    <message>
        <source>cool</source>
        <translation>frío</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>metal</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>estridente</translation>
    </message>
    <message>
        <source>posters</source>
        <translation>carteles</translation>
    </message>
    <message>
        <source>values</source>
        <translation>valores</translation>
    </message>
    <message>
        <source>start</source>
        <translation>comienzo</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>figura</translation>
    </message>
    <message>
        <source>air</source>
        <translation>aire</translation>
    </message>
    <message>
        <source>SG</source>
        <translation>VM</translation>
    </message>
    <message>
        <source>family</source>
        <translation>familia</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>hueco</translation>
    </message>
    <message>
        <source>mask area</source>
        <translation>área de la máscara</translation>
    </message>
    <message>
        <source>mask point</source>
        <translation>punto de la máscara</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>máscara</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>pintura</translation>
    </message>
    <message>
        <source>place</source>
        <translation>lugar</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>referencia</translation>
    </message>
    <message>
        <source>set</source>
        <translation>conjunto</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>muestra</translation>
    </message>
    <message>
        <source>version</source>
        <translation>versión</translation>
    </message>
    <message>
        <source>signature</source>
        <translation>firma</translation>
    </message>
    <message>
        <source>text</source>
        <translation>texto</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>obra</translation>
    </message>
    <message>
        <source>palette of paints</source>
        <translation>paleta de pinturas</translation>
    </message>
    <message>
        <source>parcel</source>
        <translation>paquete</translation>
    </message>
    <message>
        <source>pattern</source>
        <translation>patrón</translation>
    </message>
    <message>
        <source>a hex list</source>
        <translation>lista hex</translation>
    </message>
    <message>
        <source>design tokens</source>
        <translation>tokens de diseño</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>imagen</translation>
    </message>
    <message>
        <source>lines of numbers</source>
        <translation>líneas de números</translation>
    </message>
    <message>
        <source>fitted</source>
        <translation>ajustada</translation>
    </message>
    <message>
        <source>areas</source>
        <translation>áreas</translation>
    </message>
    <message>
        <source>changes of areas</source>
        <translation>cambios de áreas</translation>
    </message>
    <message>
        <source>bound areas</source>
        <translation>áreas ligadas</translation>
    </message>
    <message>
        <source>references</source>
        <translation>referencias</translation>
    </message>
    <message>
        <source>paints</source>
        <translation>pinturas</translation>
    </message>
    <message>
        <source>tags</source>
        <translation>etiquetas</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>versiones</translation>
    </message>
    <message>
        <source>families</source>
        <translation>familias</translation>
    </message>
    <message>
        <source>swatches</source>
        <translation>muestras</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>conjuntos</translation>
    </message>
    <message>
        <source>nearly even, falling below 410 nm</source>
        <translation>casi uniforme, cae por debajo de 410 nm</translation>
    </message>
    <message>
        <source>nearly even, falling below 385 nm</source>
        <translation>casi uniforme, cae por debajo de 385 nm</translation>
    </message>
    <message>
        <source>even and low, a little warm</source>
        <translation>uniforme y baja, algo cálida</translation>
    </message>
    <message>
        <source>even and low, a little cool</source>
        <translation>uniforme y baja, algo fría</translation>
    </message>
    <message>
        <source>an edge at 545 nm</source>
        <translation>un escalón en 545 nm</translation>
    </message>
    <message>
        <source>an edge at 510 nm</source>
        <translation>un escalón en 510 nm</translation>
    </message>
    <message>
        <source>a long edge at 580 nm</source>
        <translation>un escalón largo en 580 nm</translation>
    </message>
    <message>
        <source>an edge at 592 nm</source>
        <translation>un escalón en 592 nm</translation>
    </message>
    <message>
        <source>a low edge at 600 nm</source>
        <translation>un escalón bajo en 600 nm</translation>
    </message>
    <message>
        <source>an edge at 588 nm</source>
        <translation>un escalón en 588 nm</translation>
    </message>
    <message>
        <source>an edge at 605 nm and a low hump at 420 nm</source>
        <translation>un escalón en 605 nm y una joroba baja en 420 nm</translation>
    </message>
    <message>
        <source>an edge at 610 nm and a hump at 430 nm</source>
        <translation>un escalón en 610 nm y una joroba en 430 nm</translation>
    </message>
    <message>
        <source>a hump at 450 nm and an edge at 715 nm</source>
        <translation>una joroba en 450 nm y un escalón en 715 nm</translation>
    </message>
    <message>
        <source>a hump at 460 nm and an edge at 690 nm</source>
        <translation>una joroba en 460 nm y un escalón en 690 nm</translation>
    </message>
    <message>
        <source>a low hump at 450 nm</source>
        <translation>una joroba baja en 450 nm</translation>
    </message>
    <message>
        <source>a hump at 470 nm</source>
        <translation>una joroba en 470 nm</translation>
    </message>
    <message>
        <source>a hump at 512 nm</source>
        <translation>una joroba en 512 nm</translation>
    </message>
    <message>
        <source>humps at 540 and 410 nm and an edge at 715 nm</source>
        <translation>jorobas en 540 y 410 nm y un escalón en 715 nm</translation>
    </message>
    <message>
        <source>earths and one blue</source>
        <translation>tierras y un azul</translation>
    </message>
    <message>
        <source>four, no blue</source>
        <translation>cuatro, sin azul</translation>
    </message>
    <message>
        <source>a warm and a cool of each</source>
        <translation>una cálida y una fría de cada</translation>
    </message>
    <message>
        <source>%1 %2 %3</source>
        <extracomment>How a swatch is called in short: %1 chroma, which may be missing, %2 hue, %3 value.</extracomment>
        <translation>%2 %1 %3</translation>
    </message>
</context>
<context>
    <name>zc::AdjustPanel</name>
    <message>
        <source>Apply</source>
        <translation>Aplicar</translation>
    </message>
    <message>
        <source>Reset numbers</source>
        <translation>Restablecer números</translation>
    </message>
    <message>
        <source>Change the swatches as the preview shows them</source>
        <translation>Cambiar las muestras como las muestra la vista previa</translation>
    </message>
    <message>
        <source>Set every number back to no change</source>
        <translation>Volver todos los números a &quot;sin cambio&quot;</translation>
    </message>
    <message>
        <source>Turn hue by</source>
        <translation>Girar el tono</translation>
    </message>
    <message>
        <source>Degrees on the wheel of the piece, clockwise</source>
        <translation>Grados en el círculo de la obra, en el sentido del reloj</translation>
    </message>
    <message>
        <source>Multiply saturation by</source>
        <translation>Saturación por</translation>
    </message>
    <message>
        <source>The saturation is multiplied by this factor</source>
        <translation>La saturación se multiplica por este factor</translation>
    </message>
    <message>
        <source>Add to value</source>
        <translation>Sumar al valor</translation>
    </message>
    <message>
        <source>How much is added to the value of each swatch</source>
        <translation>Cuánto se suma al valor de cada muestra</translation>
    </message>
    <message>
        <source>Multiply contrast by</source>
        <translation>Contraste por</translation>
    </message>
    <message>
        <source>The distance of each value from the middle below is multiplied by this factor</source>
        <translation>La distancia de cada valor al centro de abajo se multiplica por este factor</translation>
    </message>
    <message>
        <source>Middle of the contrast</source>
        <translation>Centro del contraste</translation>
    </message>
    <message>
        <source>The value that a change of contrast leaves as it is</source>
        <translation>El valor que un cambio de contraste deja como está</translation>
    </message>
    <message>
        <source>Move hue and saturation as a light of the current color would; values stay</source>
        <translation>Mover tono y saturación como lo haría una luz del color actual; los valores quedan</translation>
    </message>
    <message>
        <source>Adjust the whole set</source>
        <translation>Ajustar todo el conjunto</translation>
    </message>
    <message>
        <source>Adjust the selection (%1)</source>
        <translation>Ajustar la selección (%1)</translation>
    </message>
    <message>
        <source>No change yet. Locked swatches stay as they are.</source>
        <translation>Aún sin cambios. Las muestras bloqueadas quedan como están.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change, all by the full amount.</source>
        <translation>
            <numerusform>Cambia %n muestra, por completo.</numerusform>
            <numerusform>Cambian %n muestras, todas por completo.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tint with current color</source>
        <translation>Teñir con el actual</translation>
    </message>
    <message>
        <source>Nothing is adjusted yet.</source>
        <translation>Aún no se ajustó nada.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change. Those marked with a dot (%1) stop at the limit of what a display can show.</source>
        <translation>
            <numerusform>Cambia %n muestra. Las marcadas con un punto (%1) se detienen en el límite de lo que puede mostrar una pantalla.</numerusform>
            <numerusform>Cambian %n muestras. Las marcadas con un punto (%1) se detienen en el límite de lo que puede mostrar una pantalla.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::AreaPanel</name>
    <message>
        <source>Areas of the mask</source>
        <translation>Áreas de la máscara</translation>
    </message>
    <message>
        <source>Mirror mask area</source>
        <translation>Reflejar área de la máscara</translation>
    </message>
    <message>
        <source>Remove the area (Delete on the wheel)</source>
        <translation>Quitar el área (Supr en el círculo)</translation>
    </message>
    <message>
        <source>Remove mask area</source>
        <translation>Quitar área de la máscara</translation>
    </message>
    <message>
        <source>Reshape mask area</source>
        <translation>Dar otra forma al área de la máscara</translation>
    </message>
    <message>
        <source>Move mask area</source>
        <translation>Mover área de la máscara</translation>
    </message>
    <message>
        <source>Area: %1</source>
        <translation>Área: %1</translation>
    </message>
    <message>
        <source>Areas in order: each is added to, or subtracted from, those above it. Drag an area to move it.</source>
        <translation>Áreas en orden: cada una se suma o se resta a las de arriba. Arrastra un área para moverla.</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Sumar</translation>
    </message>
    <message>
        <source>The area is added to the mask</source>
        <translation>El área se suma a la máscara</translation>
    </message>
    <message>
        <source>Subtract</source>
        <translation>Restar</translation>
    </message>
    <message>
        <source>The area is subtracted from the areas above it</source>
        <translation>El área se resta de las áreas de arriba</translation>
    </message>
    <message>
        <source>Add a copy of the area, moved a little</source>
        <translation>Añadir una copia del área, algo movida</translation>
    </message>
    <message>
        <source>Duplicate mask area</source>
        <translation>Duplicar área de la máscara</translation>
    </message>
    <message>
        <source>Move the area across neutral, to the complements of its hues</source>
        <translation>Llevar el área al otro lado del neutro, a los complementarios de sus tonos</translation>
    </message>
    <message>
        <source>Subtract mask area</source>
        <translation>Restar área de la máscara</translation>
    </message>
    <message>
        <source>Add mask area</source>
        <translation>Sumar área a la máscara</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Reflejar</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>There is no area yet. Choose a pattern, or draw an area.</source>
        <translation>Aún no hay área. Elige un patrón o dibuja un área.</translation>
    </message>
    <message>
        <source>Remove mask</source>
        <translation>Quitar máscara</translation>
    </message>
    <message>
        <source>Remove the mask from the piece (Undo brings it back)</source>
        <translation>Quitar la máscara de la obra (Deshacer la devuelve)</translation>
    </message>
    <message>
        <source>Add corner</source>
        <translation>Añadir esquina</translation>
    </message>
    <message>
        <source>Remove corner</source>
        <translation>Quitar esquina</translation>
    </message>
    <message>
        <source>Remove the corner that the numbers show</source>
        <translation>Quitar la esquina que muestran los números</translation>
    </message>
    <message>
        <source>Add mask corner</source>
        <translation>Añadir esquina a la máscara</translation>
    </message>
    <message>
        <source>Remove mask corner</source>
        <translation>Quitar esquina de la máscara</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Add or remove corners, or remove the mask</source>
        <translation>Añadir o quitar esquinas, o quitar la máscara</translation>
    </message>
    <message>
        <source>Add a corner in the middle of the edge behind the shown one, to bend the edge. On the wheel: drag the edge.</source>
        <translation>Añadir una esquina en el centro del borde que sigue a la mostrada, para doblar el borde. En el círculo: arrastrar el borde.</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>bloqueada</translation>
    </message>
    <message>
        <source>Leave the mask as it is when hands slip on the wheel; numbers and commands still change it</source>
        <translation>Dejar la máscara como está si la mano resbala en el círculo; los números y las órdenes aún la cambian</translation>
    </message>
</context>
<context>
    <name>zc::Arrivals</name>
    <message>
        <source>The folder &quot;%1&quot; holds no files.</source>
        <translation>La carpeta &quot;%1&quot; no contiene archivos.</translation>
    </message>
</context>
<context>
    <name>zc::BetweenRow</name>
    <message>
        <source>How many colors between</source>
        <translation>Cuántos colores en medio</translation>
    </message>
    <message>
        <source>How many colors to add between the two, 1 to 22</source>
        <translation>Cuántos colores añadir entre los dos, de 1 a 22</translation>
    </message>
    <message>
        <source>Path between the two</source>
        <translation>Camino entre los dos</translation>
    </message>
    <message>
        <source>How the colors lead from one to the other</source>
        <translation>Cómo pasan los colores de uno a otro</translation>
    </message>
    <message>
        <source>Add colors between</source>
        <translation>Añadir colores intermedios</translation>
    </message>
    <message>
        <source>Add these colors between the two selected swatches (Ctrl+J adds three)</source>
        <translation>Añadir estos colores entre las dos muestras seleccionadas (Ctrl+J añade tres)</translation>
    </message>
</context>
<context>
    <name>zc::CanvasFollower</name>
    <message>
        <source>Follow canvas</source>
        <translation>Seguir lienzo</translation>
    </message>
    <message>
        <source>Stop following</source>
        <translation>Dejar de seguir</translation>
    </message>
    <message>
        <source>The file %1 no longer exists; its last picture is shown.</source>
        <translation>El archivo %1 ya no existe; se muestra su última imagen.</translation>
    </message>
    <message>
        <source>The file %1 is on another computer. Choose Follow a canvas to pick the file here.</source>
        <translation>El archivo %1 está en otro equipo. Elige Seguir un lienzo para escoger el archivo de aquí.</translation>
    </message>
    <message>
        <source>The file %1 cannot be read as a picture right now; its last picture is shown.</source>
        <translation>El archivo %1 no se puede leer ahora como imagen; se muestra la última.</translation>
    </message>
    <message>
        <source>The photo shown does not follow a file.</source>
        <translation>La foto mostrada no sigue ningún archivo.</translation>
    </message>
</context>
<context>
    <name>zc::CanvasPage</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>Light %1, middle %2, dark %3 %</source>
        <translation>Claro %1, medio %2, oscuro %3 %</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>no se ve</translation>
    </message>
    <message>
        <source>in the plan</source>
        <translation>en el plan</translation>
    </message>
    <message>
        <source>%1 % strays</source>
        <translation>%1 % se aparta</translation>
    </message>
    <message>
        <source>No part of the screen has been watched yet.</source>
        <translation>Aún no se ha observado ninguna parte de la pantalla.</translation>
    </message>
    <message>
        <source>Watch a part of the screen while you paint there: what strays from the plan is shown here. Nothing of it is stored.</source>
        <translation>Observa una parte de la pantalla mientras pintas en ella: aquí se ve lo que se aparta del plan. No se guarda nada.</translation>
    </message>
    <message>
        <source>Watch canvas</source>
        <translation>Observar lienzo</translation>
    </message>
    <message>
        <source>Drag over the part of the screen where you paint</source>
        <translation>Arrastra sobre la parte de la pantalla donde pintas</translation>
    </message>
    <message>
        <source>Watch again</source>
        <translation>Observar otra vez</translation>
    </message>
    <message>
        <source>Watch the same part of the screen as last time</source>
        <translation>Observar la misma parte de la pantalla que la última vez</translation>
    </message>
    <message>
        <source>watching</source>
        <translation>observando</translation>
    </message>
    <message>
        <source>This part of the screen is being watched; press to end it</source>
        <translation>Se observa esta parte de la pantalla; pulsa para terminar</translation>
    </message>
    <message>
        <source>Colors that stray</source>
        <translation>Colores que se apartan</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>pintura</translation>
    </message>
    <message>
        <source>Mix the two swatches as paint</source>
        <translation>Mezclar las dos muestras como pintura</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>Mix the two swatches as light</source>
        <translation>Mezclar las dos muestras como luz</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Usar</translation>
    </message>
    <message>
        <source>Use the nearest mixture inside the mask</source>
        <translation>Usar la mezcla más cercana dentro de la máscara</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Add the nearest mixture inside the mask to the set</source>
        <translation>Añadir al conjunto la mezcla más cercana dentro de la máscara</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Copy the nearest mixture inside the mask</source>
        <translation>Copiar la mezcla más cercana dentro de la máscara</translation>
    </message>
    <message>
        <source>Waiting for the first picture...</source>
        <translation>Esperando la primera imagen...</translation>
    </message>
    <message>
        <source>Outside %1 %, by %2</source>
        <translation>Fuera %1 %, por %2</translation>
    </message>
    <message>
        <source>Nothing outside</source>
        <translation>Nada fuera</translation>
    </message>
    <message>
        <source>Far from set %1 %</source>
        <translation>Lejos del conjunto %1 %</translation>
    </message>
    <message>
        <source>%1 of %2 unused</source>
        <translation>%1 de %2 sin usar</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1, outside the mask by %2. Click to see a way back.</source>
        <translation>%1, fuera de la máscara por %2. Haz clic para ver un camino de vuelta.</translation>
    </message>
    <message>
        <source>%1, off every swatch by %2. Click to see a way back.</source>
        <translation>%1, a %2 de toda muestra. Haz clic para ver un camino de vuelta.</translation>
    </message>
    <message>
        <source>No mixture of the two lies in a mask.</source>
        <translation>Ninguna mezcla de las dos está en una máscara.</translation>
    </message>
    <message>
        <source>Choose a color that strays first.</source>
        <translation>Elige antes un color que se aparta.</translation>
    </message>
    <message>
        <source>Nothing strays from the plan.</source>
        <translation>Nada se aparta del plan.</translation>
    </message>
    <message>
        <source>Press a color to see which swatches mix it.</source>
        <translation>Pulsa un color para ver qué muestras lo mezclan.</translation>
    </message>
    <message>
        <source>Looking for the nearest mixture...</source>
        <translation>Buscando la mezcla más cercana...</translation>
    </message>
    <message>
        <source>%1 + %2, %3; off by %4</source>
        <translation>%1 + %2, %3; a %4</translation>
    </message>
    <message>
        <source>; in the mask up to %1</source>
        <translation>; en la máscara hasta %1</translation>
    </message>
    <message>
        <source>Copied %1.</source>
        <translation>Copiado %1.</translation>
    </message>
    <message>
        <source>Mix as</source>
        <translation>Mezclar como</translation>
    </message>
</context>
<context>
    <name>zc::CanvasPicture</name>
    <message>
        <source>Watched canvas</source>
        <translation>Lienzo observado</translation>
    </message>
    <message>
        <source>Stray: %1, %2 % of the canvas</source>
        <translation>Desvío: %1, %2 % del lienzo</translation>
    </message>
    <message>
        <source>Show way back</source>
        <translation>Mostrar camino de vuelta</translation>
    </message>
</context>
<context>
    <name>zc::CardPanel</name>
    <message>
        <source>Title</source>
        <translation>Título</translation>
    </message>
    <message>
        <source>What the piece is called</source>
        <translation>Cómo se llama la obra</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Fecha</translation>
    </message>
    <message>
        <source>Signature</source>
        <translation>Firma</translation>
    </message>
    <message>
        <source>Monitor</source>
        <translation>Monitor</translation>
    </message>
    <message>
        <source>shown through &quot;%1&quot;</source>
        <translation>mostrado con &quot;%1&quot;</translation>
    </message>
    <message>
        <source>profiles are not used</source>
        <translation>los perfiles no se usan</translation>
    </message>
    <message>
        <source>use monitor profile</source>
        <translation>usar el perfil del monitor</translation>
    </message>
    <message>
        <source>Description</source>
        <translation>Descripción</translation>
    </message>
    <message>
        <source>Mood and intent; the sheet can show them</source>
        <translation>Ambiente e intención; la hoja puede mostrarlos</translation>
    </message>
    <message>
        <source>The date of the plan as YYYY-MM-DD, or nothing</source>
        <translation>La fecha del plan como AAAA-MM-DD, o nada</translation>
    </message>
    <message>
        <source>The line at the foot of the sheet</source>
        <translation>La línea al pie de la hoja</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Aplicar</translation>
    </message>
    <message>
        <source>Change the details of the piece in one step</source>
        <translation>Cambiar los datos de la obra en un paso</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Close without a change (Escape)</source>
        <translation>Cerrar sin cambios (Escape)</translation>
    </message>
    <message>
        <source>Show colors through the profile that the desktop has set for this monitor</source>
        <translation>Mostrar los colores con el perfil que el escritorio tiene para este monitor</translation>
    </message>
    <message>
        <source>the desktop has no profile for this monitor</source>
        <translation>el escritorio no tiene perfil para este monitor</translation>
    </message>
    <message>
        <source>Change details</source>
        <translation>Cambiar datos</translation>
    </message>
</context>
<context>
    <name>zc::ChipRow</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Añadir al conjunto</translation>
    </message>
</context>
<context>
    <name>zc::ColorGroup</name>
    <message>
        <source>copy every pick</source>
        <translation>copiar cada color</translation>
    </message>
    <message>
        <source>Current color as hex</source>
        <translation>Color actual como hex</translation>
    </message>
    <message>
        <source>Type a color as #rrggbb or #rgb and press Enter</source>
        <translation>Escribe un color como #rrggbb o #rgb y pulsa Entrar</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Copiar</translation>
    </message>
    <message>
        <source>Copy the color as hex (Ctrl+Shift+C)</source>
        <translation>Copiar el color como hex (Ctrl+Mayús+C)</translation>
    </message>
    <message>
        <source>step %1 of %2, %3</source>
        <translation>paso %1 de %2, %3</translation>
    </message>
    <message>
        <source>Copy every picked color to the clipboard, as %1 (Ctrl+H)</source>
        <translation>Copiar al portapapeles cada color elegido, como %1 (Ctrl+H)</translation>
    </message>
    <message>
        <source>Use printable</source>
        <translation>Usar imprimible</translation>
    </message>
    <message>
        <source>No color of this value prints: the nearest has another one.</source>
        <translation>Ningún color de este valor se imprime: el más cercano tiene otro.</translation>
    </message>
    <message>
        <source>prints, </source>
        <translation>se imprime, </translation>
    </message>
    <message>
        <source>does not print, </source>
        <translation>no se imprime, </translation>
    </message>
    <message>
        <source>Use the nearest color that %1 prints</source>
        <translation>Usar el color más cercano que imprime %1</translation>
    </message>
    <message>
        <source>Written as %1.</source>
        <translation>Escrito como %1.</translation>
    </message>
</context>
<context>
    <name>zc::ColorPair</name>
    <message>
        <source>Current color: %1</source>
        <translation>Color actual: %1</translation>
    </message>
    <message>
        <source>Current and previous color</source>
        <translation>Color actual y anterior</translation>
    </message>
    <message>
        <source>The current color, and below it the previous one: click that to go back. Both can be dragged into other programs.</source>
        <translation>El color actual y, debajo, el anterior: un clic en él vuelve atrás. Ambos se pueden arrastrar a otros programas.</translation>
    </message>
    <message>
        <source>previous</source>
        <translation>anterior</translation>
    </message>
    <message>
        <source>Previous color: %1</source>
        <translation>Color anterior: %1</translation>
    </message>
    <message>
        <source>Go back to this color</source>
        <translation>Volver a este color</translation>
    </message>
</context>
<context>
    <name>zc::Companion</name>
    <message>
        <source>value %1, %2</source>
        <translation>valor %1, %2</translation>
    </message>
    <message>
        <source>over %1, %2, value %3</source>
        <translation>sobre %1, %2, valor %3</translation>
    </message>
    <message>
        <source>Every picked color is copied to the clipboard</source>
        <translation>Cada color elegido se copia al portapapeles</translation>
    </message>
    <message>
        <source>How a color is written when it is copied; press for the next form</source>
        <translation>Cómo se escribe un color al copiarlo; pulsa para la forma siguiente</translation>
    </message>
    <message>
        <source>Use the color of any pixel of the screen</source>
        <translation>Usar el color de cualquier píxel de la pantalla</translation>
    </message>
    <message>
        <source>%1 beside the canvas</source>
        <translation>%1 junto al lienzo</translation>
    </message>
    <message>
        <source>To keep this window above others, use the menu of its frame.</source>
        <translation>Para tener esta ventana encima de las demás, usa el menú de su marco.</translation>
    </message>
    <message>
        <source>Show as strip</source>
        <translation>Mostrar como tira</translation>
    </message>
    <message>
        <source>Show as column</source>
        <translation>Mostrar como columna</translation>
    </message>
    <message>
        <source>Turn strip upright</source>
        <translation>Poner la tira vertical</translation>
    </message>
    <message>
        <source>Turn strip sideways</source>
        <translation>Poner la tira horizontal</translation>
    </message>
    <message>
        <source>Show or hide main window</source>
        <translation>Mostrar u ocultar la ventana principal</translation>
    </message>
    <message>
        <source>Copy every pick</source>
        <translation>Copiar cada color elegido</translation>
    </message>
    <message>
        <source>Choose form of copied colors...</source>
        <translation>Elegir la forma de los colores copiados...</translation>
    </message>
    <message>
        <source>Pick color from screen</source>
        <translation>Elegir color de la pantalla</translation>
    </message>
    <message>
        <source>Go back to previous color</source>
        <translation>Volver al color anterior</translation>
    </message>
    <message>
        <source>Close companion</source>
        <translation>Cerrar el acompañante</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>copiar</translation>
    </message>
    <message>
        <source>copy picks</source>
        <translation>copiar color</translation>
    </message>
    <message>
        <source>Sample screen</source>
        <translation>Tomar color</translation>
    </message>
    <message>
        <source>Wells</source>
        <translation>Pocillos</translation>
    </message>
    <message>
        <source>Wells, and whether the mask holds picks</source>
        <translation>Pocillos, y si la máscara retiene lo elegido</translation>
    </message>
    <message>
        <source>Related</source>
        <translation>Relación</translation>
    </message>
    <message>
        <source>The relation of the current color, its tints, tones and shades</source>
        <translation>La relación del color actual, sus aclarados, agrisados y oscurecidos</translation>
    </message>
    <message>
        <source>Canvas</source>
        <translation>Lienzo</translation>
    </message>
    <message>
        <source>Watch the canvas on the screen and compare it with the plan</source>
        <translation>Observar el lienzo en la pantalla y compararlo con el plan</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Shape of this window, main window, copying, closing</source>
        <translation>Forma de esta ventana, ventana principal, copiar, cerrar</translation>
    </message>
    <message>
        <source>Pick on the wheel, the axis or the set.</source>
        <translation>Elige en el círculo, el eje o el conjunto.</translation>
    </message>
    <message>
        <source>Keep this moment of the canvas</source>
        <translation>Guardar este momento del lienzo</translation>
    </message>
    <message>
        <source>End watching canvas</source>
        <translation>Dejar de observar el lienzo</translation>
    </message>
    <message>
        <source>Watch canvas on screen...</source>
        <translation>Observar lienzo en la pantalla...</translation>
    </message>
</context>
<context>
    <name>zc::CopyFormPanel</name>
    <message>
        <source>with a small picture</source>
        <translation>con una imagen pequeña</translation>
    </message>
    <message>
        <source>Your own line, with fields in braces: {hex} {r} {g} {b} {L} {a*} {b*} {value} {chroma} {hue} {name} {family} {set} {title}; {r:3} takes at least three places, {{ is a brace.</source>
        <translation>Tu propia línea, con campos entre llaves: {hex} {r} {g} {b} {L} {a*} {b*} {value} {chroma} {hue} {name} {family} {set} {title}; {r:3} ocupa al menos tres sitios, {{ es una llave.</translation>
    </message>
    <message>
        <source>The clipboard also carries a small picture of the color</source>
        <translation>El portapapeles lleva también una imagen pequeña del color</translation>
    </message>
    <message>
        <source>Copy every pick as</source>
        <translation>Copiar cada color como</translation>
    </message>
    <message>
        <source>Your own line</source>
        <translation>Línea propia</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Aplicar</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
</context>
<context>
    <name>zc::CopyOnPick</name>
    <message>
        <source>copied %1</source>
        <translation>copiado %1</translation>
    </message>
    <message>
        <source>your own line</source>
        <translation>línea propia</translation>
    </message>
</context>
<context>
    <name>zc::DesktopKey</name>
    <message>
        <source>This desktop does not offer global shortcuts.</source>
        <translation>Este escritorio no ofrece atajos globales.</translation>
    </message>
    <message>
        <source>The desktop gave an unusable answer, so no global shortcut was set.</source>
        <translation>La respuesta del escritorio no sirve; no se fijó ningún atajo global.</translation>
    </message>
    <message>
        <source>Pick a color from the screen for Zonachrom</source>
        <translation>Elegir un color de la pantalla para Zonachrom</translation>
    </message>
    <message>
        <source>No global shortcut was chosen on the desktop.</source>
        <translation>No se eligió ningún atajo global en el escritorio.</translation>
    </message>
    <message>
        <source>its shortcut</source>
        <translation>su atajo</translation>
    </message>
    <message>
        <source>Show or hide the companion of Zonachrom at the pointer</source>
        <translation>Mostrar u ocultar el acompañante de Zonachrom junto al puntero</translation>
    </message>
</context>
<context>
    <name>zc::Documents</name>
    <message>
        <source>edited, file is read only</source>
        <translation>cambiada, el archivo es de solo lectura</translation>
    </message>
    <message>
        <source>read only</source>
        <translation>solo lectura</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>aún sin guardar</translation>
    </message>
    <message>
        <source>edited, not saved</source>
        <translation>cambiada, sin guardar</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>guardada</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Abriendo %1</translation>
    </message>
    <message>
        <source>Saving %1</source>
        <translation>Guardando %1</translation>
    </message>
    <message>
        <source>also open in another window</source>
        <translation>abierta también en otra ventana</translation>
    </message>
    <message>
        <source>not saved</source>
        <translation>sin guardar</translation>
    </message>
    <message>
        <source>This piece is also open in another window. Save it here under another name, or close it there first.</source>
        <translation>Esta obra está abierta también en otra ventana. Guárdala aquí con otro nombre o ciérrala antes allí.</translation>
    </message>
    <message>
        <source>This file is read only. Save changes under another name.</source>
        <translation>Este archivo es de solo lectura. Guarda los cambios con otro nombre.</translation>
    </message>
    <message>
        <source>Another file is still being read or written. Wait for it, or stop it first.</source>
        <translation>Aún se lee o se escribe otro archivo. Espera o detenlo antes.</translation>
    </message>
    <message>
        <source>Recovering unsaved work</source>
        <translation>Recuperando el trabajo sin guardar</translation>
    </message>
    <message>
        <source>The piece was not saved, because it is also open in another window. Save it under another name.</source>
        <translation>La obra no se guardó porque está abierta también en otra ventana. Guárdala con otro nombre.</translation>
    </message>
    <message>
        <source>The piece was not saved, because another program changed the file meanwhile. Save it under another name.</source>
        <translation>La obra no se guardó porque otro programa cambió el archivo entretanto. Guárdala con otro nombre.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its file is read only. Save it under another name.</source>
        <translation>La obra no se guardó porque su archivo es de solo lectura. Guárdala con otro nombre.</translation>
    </message>
    <message>
        <source> The whole piece can still be opened.</source>
        <translation> La obra entera aún se puede abrir.</translation>
    </message>
    <message>
        <source> Everything can be opened except: %1.</source>
        <translation> Se puede abrir todo salvo: %1.</translation>
    </message>
</context>
<context>
    <name>zc::EditMenu</name>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Editar</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Deshacer</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Rehacer</translation>
    </message>
    <message>
        <source>&amp;Copy color as hex</source>
        <translation>&amp;Copiar color como hex</translation>
    </message>
    <message>
        <source>Paste a picture or photo files as references, a hex color as the current color; at Grade, swatches</source>
        <translation>Pegar una imagen o archivos de fotos como referencias, un color hex como color actual; en Graduar, muestras</translation>
    </message>
    <message>
        <source>Add &amp;family</source>
        <translation>Añadir &amp;familia</translation>
    </message>
    <message>
        <source>Add a family to the set and name it</source>
        <translation>Añadir una familia al conjunto y darle nombre</translation>
    </message>
    <message>
        <source>Select &amp;all</source>
        <translation>Seleccionar &amp;todo</translation>
    </message>
    <message>
        <source>Select all swatches of the set</source>
        <translation>Seleccionar todas las muestras del conjunto</translation>
    </message>
    <message>
        <source>C&amp;ut swatches</source>
        <translation>C&amp;ortar muestras</translation>
    </message>
    <message>
        <source>Cut the selected swatches</source>
        <translation>Cortar las muestras seleccionadas</translation>
    </message>
    <message>
        <source>C&amp;opy swatches</source>
        <translation>Cop&amp;iar muestras</translation>
    </message>
    <message>
        <source>Copy the selected swatches, for other sets, pieces and programs</source>
        <translation>Copiar las muestras seleccionadas, para otros conjuntos, obras y programas</translation>
    </message>
    <message>
        <source>Dupl&amp;icate swatches</source>
        <translation>&amp;Duplicar muestras</translation>
    </message>
    <message>
        <source>Duplicate the selected swatches at the next free places</source>
        <translation>Duplicar las muestras seleccionadas en los siguientes sitios libres</translation>
    </message>
    <message>
        <source>Give the selected swatches the current color</source>
        <translation>Dar a las muestras seleccionadas el color actual</translation>
    </message>
    <message>
        <source>Re&amp;name swatch or family</source>
        <translation>Cambiar el &amp;nombre</translation>
    </message>
    <message>
        <source>&amp;Delete swatches</source>
        <translation>&amp;Borrar muestras</translation>
    </message>
    <message>
        <source>Delete the selected swatches</source>
        <translation>Borrar las muestras seleccionadas</translation>
    </message>
    <message>
        <source>pasted photo</source>
        <translation>foto pegada</translation>
    </message>
    <message>
        <source>Cut swatch</source>
        <translation>Cortar muestra</translation>
    </message>
    <message>
        <source>Cut %1 swatches</source>
        <translation>Cortar %1 muestras</translation>
    </message>
    <message>
        <source>Copied %1.</source>
        <translation>Copiado %1.</translation>
    </message>
    <message>
        <source>Copy the hex code of the current color</source>
        <translation>Copiar el código hex del color actual</translation>
    </message>
    <message>
        <source>Copy e&amp;very pick</source>
        <translation>Copiar cada color ele&amp;gido</translation>
    </message>
    <message>
        <source>Every picked color is copied to the clipboard, in the form chosen below</source>
        <translation>Cada color elegido se copia al portapapeles en la forma elegida abajo</translation>
    </message>
    <message>
        <source>Choose fo&amp;rm of copied colors...</source>
        <translation>Elegir la fo&amp;rma de los colores copiados...</translation>
    </message>
    <message>
        <source>Hex, numbers, CSS or a line of your own, with or without a small picture</source>
        <translation>Hex, números, CSS o una línea propia, con o sin una imagen pequeña</translation>
    </message>
    <message>
        <source>Pick color from &amp;screen</source>
        <translation>Elegir color de la &amp;pantalla</translation>
    </message>
    <message>
        <source>Use the color of any pixel of the screen, or the average of a square around it</source>
        <translation>Usar el color de cualquier píxel de la pantalla, o el promedio de un cuadrado a su alrededor</translation>
    </message>
    <message>
        <source>Add pict&amp;ure of the screen</source>
        <translation>Añadir ima&amp;gen de la pantalla</translation>
    </message>
    <message>
        <source>Add the screen, or a part of it, as a reference</source>
        <translation>Añadir la pantalla, o una parte, como referencia</translation>
    </message>
    <message>
        <source>&amp;Paste photo, color or swatches</source>
        <translation>&amp;Pegar foto, color o muestras</translation>
    </message>
    <message>
        <source>Add current color to se&amp;t</source>
        <translation>Añadir el color actual al con&amp;junto</translation>
    </message>
    <message>
        <source>Add the current color to the chosen family of the set</source>
        <translation>Añadir el color actual a la familia elegida del conjunto</translation>
    </message>
    <message>
        <source>Go &amp;back to previous color</source>
        <translation>&amp;Volver al color anterior</translation>
    </message>
    <message>
        <source>Swap the current color with the previous one</source>
        <translation>Intercambiar el color actual con el anterior</translation>
    </message>
    <message>
        <source>&amp;Find swatch</source>
        <translation>&amp;Buscar muestra</translation>
    </message>
    <message>
        <source>Find a swatch by its name, or the one nearest to a color</source>
        <translation>Buscar una muestra por su nombre, o la más cercana a un color</translation>
    </message>
    <message>
        <source>Re&amp;place with current color</source>
        <translation>&amp;Reemplazar por el color actual</translation>
    </message>
    <message>
        <source>&amp;Use color of swatch</source>
        <translation>&amp;Usar el color de la muestra</translation>
    </message>
    <message>
        <source>Make the color of the selected swatch the current one (Enter, double click)</source>
        <translation>Hacer actual el color de la muestra seleccionada (Intro, doble clic)</translation>
    </message>
    <message>
        <source>Loc&amp;k or unlock swatches</source>
        <translation>Blo&amp;quear o desbloquear muestras</translation>
    </message>
    <message>
        <source>Protect the selected swatches from changes, or allow changes again</source>
        <translation>Proteger las muestras seleccionadas de los cambios, o volver a permitirlos</translation>
    </message>
    <message>
        <source>&amp;Mark swatches used or unused</source>
        <translation>&amp;Marcar muestras como usadas o no usadas</translation>
    </message>
    <message>
        <source>Mark the selected swatches as used in the painting, or not</source>
        <translation>Marcar las muestras seleccionadas como usadas en la pintura, o no</translation>
    </message>
    <message>
        <source>The clipboard has no picture, color or swatches. Copy something first.</source>
        <translation>El portapapeles no tiene imagen, color ni muestras. Copia algo antes.</translation>
    </message>
    <message>
        <source>Swatches are renamed at Grade, on the staff, in rows or in the list. Show one of these first.</source>
        <translation>Las muestras se renombran en Graduar: en el pentagrama, en filas o en la lista. Muestra antes uno de ellos.</translation>
    </message>
    <message>
        <source>Rename the swatch under the pointer, the selected one, or the chosen family</source>
        <translation>Cambiar el nombre de la muestra bajo el puntero, de la seleccionada o de la familia elegida</translation>
    </message>
    <message>
        <source>Set global shortcuts for &amp;picking and companion</source>
        <translation>Fijar atajos &amp;globales para tomar y acompañante</translation>
    </message>
    <message>
        <source>Pick from the screen, or call the companion, while any program has the keyboard. The desktop asks for the shortcuts.</source>
        <translation>Tomar de la pantalla, o llamar al acompañante, mientras cualquier programa tiene el teclado. El escritorio pregunta por los atajos.</translation>
    </message>
    <message>
        <source>Find a color or a name in all sets and versions, on the shelf and in recent pieces</source>
        <translation>Buscar un color o un nombre en todos los conjuntos y versiones, en el estante y en obras recientes</translation>
    </message>
    <message>
        <source>Find everywhere...</source>
        <translation>Buscar en todas partes...</translation>
    </message>
    <message>
        <source>Displays show the inks of the selected swatches as they are</source>
        <translation>Las pantallas muestran las tintas de las muestras seleccionadas tal como son</translation>
    </message>
    <message>
        <source>No display shows the ink of the selected swatches: it shines</source>
        <translation>Ninguna pantalla muestra la tinta de las muestras seleccionadas: brilla</translation>
    </message>
    <message>
        <source>No display shows the ink of the selected swatches: it glows</source>
        <translation>Ninguna pantalla muestra la tinta de las muestras seleccionadas: resplandece</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Quitar el código</translation>
    </message>
    <message>
        <source>Keep the colors of the selected swatches without their codes</source>
        <translation>Conservar los colores de las muestras seleccionadas sin sus códigos</translation>
    </message>
    <message>
        <source>Mark as plain ink</source>
        <translation>Marcar como tinta normal</translation>
    </message>
    <message>
        <source>Mark as metallic ink</source>
        <translation>Marcar como tinta metálica</translation>
    </message>
    <message>
        <source>Mark as fluorescent ink</source>
        <translation>Marcar como tinta fluorescente</translation>
    </message>
    <message>
        <source>Edit code</source>
        <translation>Cambiar código</translation>
    </message>
</context>
<context>
    <name>zc::EndChoice</name>
    <message>
        <source>current color</source>
        <translation>color actual</translation>
    </message>
    <message>
        <source>previous color</source>
        <translation>color anterior</translation>
    </message>
    <message>
        <source>usual haze</source>
        <translation>bruma usual</translation>
    </message>
    <message>
        <source>neutral of the mask</source>
        <translation>neutro de la máscara</translation>
    </message>
    <message>
        <source>related, %1°</source>
        <translation>relacionado, %1°</translation>
    </message>
    <message>
        <source>corner %1 of the mask</source>
        <translation>esquina %1 de la máscara</translation>
    </message>
</context>
<context>
    <name>zc::Extracting</name>
    <message>
        <source>%1 light</source>
        <translation>%1 claros</translation>
    </message>
    <message>
        <source>%1 middle</source>
        <translation>%1 medios</translation>
    </message>
    <message>
        <source>%1 dark</source>
        <translation>%1 oscuros</translation>
    </message>
    <message>
        <source>The photo does not have enough colors that differ this much; missing: %1.</source>
        <translation>La foto no tiene bastantes colores tan distintos; faltan: %1.</translation>
    </message>
</context>
<context>
    <name>zc::ExtractionPanel</name>
    <message>
        <source>What the mask does to the extraction</source>
        <translation>Qué hace la máscara en la extracción</translation>
    </message>
    <message>
        <source>from the whole photo</source>
        <translation>de toda la foto</translation>
    </message>
    <message>
        <source>from inside the mask</source>
        <translation>de dentro de la máscara</translation>
    </message>
    <message>
        <source>Least difference between two colors</source>
        <translation>Diferencia mínima entre dos colores</translation>
    </message>
    <message>
        <source>Number of accents</source>
        <translation>Número de acentos</translation>
    </message>
    <message>
        <source>Least difference (CIEDE2000) between any two colors, 0 to 50</source>
        <translation>Diferencia mínima (CIEDE2000) entre dos colores, de 0 a 50</translation>
    </message>
    <message>
        <source>Accents are small areas whose color is far from all others: at most this many of the colors</source>
        <translation>Los acentos son zonas pequeñas de un color lejano a todos los demás: como mucho tantos de los colores</translation>
    </message>
    <message>
        <source>What each color is</source>
        <translation>Qué es cada color</translation>
    </message>
    <message>
        <source>Each color is the average of a group of pixels, or a real pixel that is typical of it</source>
        <translation>Cada color es el promedio de un grupo de píxeles, o un píxel real típico de él</translation>
    </message>
    <message>
        <source>averages</source>
        <translation>promedios</translation>
    </message>
    <message>
        <source>real pixels</source>
        <translation>píxeles reales</translation>
    </message>
    <message>
        <source>Take colors from the whole photo, only from what lies inside the mask, or from everything moved into the mask</source>
        <translation>Tomar colores de toda la foto, solo de lo que está en la máscara, o de todo llevado a la máscara</translation>
    </message>
    <message>
        <source>moved into the mask</source>
        <translation>llevado a la máscara</translation>
    </message>
    <message>
        <source>Difference at least</source>
        <translation>Diferencia mínima</translation>
    </message>
    <message>
        <source>Accents</source>
        <translation>Acentos</translation>
    </message>
    <message>
        <source>Colors are</source>
        <translation>Los colores son</translation>
    </message>
</context>
<context>
    <name>zc::ExtractionRow</name>
    <message>
        <source>light</source>
        <translation>claro</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>oscuro</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Parar, %1 %</translation>
    </message>
    <message>
        <source>Number of %1 colors</source>
        <translation>Número de colores: %1</translation>
    </message>
    <message>
        <source>Number of %1 colors to take, 0 to 60</source>
        <translation>Número de colores que tomar, %1, de 0 a 60</translation>
    </message>
    <message>
        <source>Take a palette from the photo: this many light, middle and dark colors</source>
        <translation>Tomar una paleta de la foto: tantos colores claros, medios y oscuros</translation>
    </message>
    <message>
        <source>Take palette</source>
        <translation>Tomar paleta</translation>
    </message>
    <message>
        <source>Add a photo first.</source>
        <translation>Añade antes una foto.</translation>
    </message>
</context>
<context>
    <name>zc::FileMenu</name>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Archivo</translation>
    </message>
    <message>
        <source>&amp;New piece</source>
        <translation>&amp;Nueva obra</translation>
    </message>
    <message>
        <source>&amp;Open...</source>
        <translation>&amp;Abrir...</translation>
    </message>
    <message>
        <source>Open a piece</source>
        <translation>Abrir una obra</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>Abrir &amp;recientes</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Guardar</translation>
    </message>
    <message>
        <source>Save &amp;as...</source>
        <translation>Guardar &amp;como...</translation>
    </message>
    <message>
        <source>Save the piece under another name</source>
        <translation>Guardar la obra con otro nombre</translation>
    </message>
    <message>
        <source>Add &amp;photos...</source>
        <translation>Añadir &amp;fotos...</translation>
    </message>
    <message>
        <source>Add reference photos to the piece</source>
        <translation>Añadir fotos de referencia a la obra</translation>
    </message>
    <message>
        <source>As %1...</source>
        <translation>Como %1...</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Salir</translation>
    </message>
    <message>
        <source>Leave Zonachrom</source>
        <translation>Salir de Zonachrom</translation>
    </message>
    <message>
        <source>Start with an empty piece</source>
        <translation>Empezar con una obra vacía</translation>
    </message>
    <message>
        <source>Open &amp;demo piece</source>
        <translation>Abrir la obra de &amp;demostración</translation>
    </message>
    <message>
        <source>Open a copy of Coppersmiths&apos; Row to try things on</source>
        <translation>Abrir una copia de Coppersmiths&apos; Row para probar</translation>
    </message>
    <message>
        <source>Edit de&amp;tails of the piece...</source>
        <translation>Editar los da&amp;tos de la obra...</translation>
    </message>
    <message>
        <source>Title, description, date and signature</source>
        <translation>Título, descripción, fecha y firma</translation>
    </message>
    <message>
        <source>Save the piece; the previous version stays beside it as a backup</source>
        <translation>Guardar la obra; la versión anterior queda al lado como copia</translation>
    </message>
    <message>
        <source>&amp;Export set</source>
        <translation>E&amp;xportar conjunto</translation>
    </message>
    <message>
        <source>Export the current set as %1</source>
        <translation>Exportar el conjunto actual como %1</translation>
    </message>
    <message>
        <source>&amp;Import palette...</source>
        <translation>&amp;Importar paleta...</translation>
    </message>
    <message>
        <source>Import swatches from a palette file in an open format, or from a picture</source>
        <translation>Importar muestras de un archivo de paleta en formato abierto, o de una imagen</translation>
    </message>
    <message>
        <source>Pac&amp;k parcel...</source>
        <translation>Preparar pa&amp;quete...</translation>
    </message>
    <message>
        <source>Pack the sets and the mask of this piece into one file for someone else</source>
        <translation>Reunir los conjuntos y la máscara de esta obra en un archivo para otra persona</translation>
    </message>
    <message>
        <source>&amp;Unpack parcel...</source>
        <translation>A&amp;brir paquete...</translation>
    </message>
    <message>
        <source>Save the sets and masks of a parcel to the shelf</source>
        <translation>Guardar los conjuntos y máscaras de un paquete en el estante</translation>
    </message>
    <message>
        <source>Open files in &amp;running window</source>
        <translation>Abrir archivos en la &amp;ventana en marcha</translation>
    </message>
    <message>
        <source>When the program is started again with a file, open the file in this window</source>
        <translation>Si el programa se vuelve a iniciar con un archivo, abrirlo en esta ventana</translation>
    </message>
    <message>
        <source>No recent pieces</source>
        <translation>Sin obras recientes</translation>
    </message>
</context>
<context>
    <name>zc::FileProgress</name>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Progress of reading or writing the file</source>
        <translation>Avance de la lectura o escritura del archivo</translation>
    </message>
    <message>
        <source>Stop reading or writing; the file and the open piece stay as they are</source>
        <translation>Detener la lectura o escritura; el archivo y la obra abierta quedan como están</translation>
    </message>
</context>
<context>
    <name>zc::FilesPanel</name>
    <message>
        <source>Patterns on the shelf</source>
        <translation>Patrones del estante</translation>
    </message>
    <message>
        <source>The pattern of the lines</source>
        <translation>El patrón de las líneas</translation>
    </message>
    <message>
        <source>The pattern is on the shelf.</source>
        <translation>El patrón está en el estante.</translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation>Elegir carpeta</translation>
    </message>
    <message>
        <source>Choose the folder for the files</source>
        <translation>Elegir la carpeta de los archivos</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportar</translation>
    </message>
    <message>
        <source>Write every ticked format to the folder</source>
        <translation>Escribir en la carpeta cada formato marcado</translation>
    </message>
    <message>
        <source>and again at every save</source>
        <translation>y otra vez al guardar</translation>
    </message>
    <message>
        <source>Export again whenever the piece is saved</source>
        <translation>Exportar de nuevo cada vez que se guarde la obra</translation>
    </message>
    <message>
        <source>Include this format</source>
        <translation>Incluir este formato</translation>
    </message>
    <message>
        <source>Your own lines</source>
        <translation>Líneas propias</translation>
    </message>
    <message>
        <source>Start from one of these patterns</source>
        <translation>Empezar con uno de estos patrones</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Guardar en el estante</translation>
    </message>
    <message>
        <source>Save this pattern to the shelf</source>
        <translation>Guardar este patrón en el estante</translation>
    </message>
    <message>
        <source>Import with pattern</source>
        <translation>Importar con el patrón</translation>
    </message>
    <message>
        <source>Import the swatches of a text file written in this pattern</source>
        <translation>Importar las muestras de un archivo de texto escrito con este patrón</translation>
    </message>
    <message>
        <source>Text with fields in braces: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}. The handbook lists all fields.</source>
        <translation>Texto con campos entre llaves: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}. El manual da todos los campos.</translation>
    </message>
    <message>
        <source>No folder chosen yet.</source>
        <translation>Aún no hay carpeta elegida.</translation>
    </message>
</context>
<context>
    <name>zc::FindPanel</name>
    <message>
        <source>Find everywhere</source>
        <translation>Buscar en todas partes</translation>
    </message>
    <message>
        <source>Color or name to find</source>
        <translation>Color o nombre que se busca</translation>
    </message>
    <message>
        <source>A name, or a color such as #d8904a</source>
        <translation>Un nombre, o un color como #d8904a</translation>
    </message>
    <message>
        <source>Find current color</source>
        <translation>Buscar color actual</translation>
    </message>
    <message>
        <source>Find swatches that look like the current color</source>
        <translation>Buscar muestras parecidas al color actual</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Lo encontrado</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Ir allí</translation>
    </message>
    <message>
        <source>Show the swatch where it is; another piece is opened (Enter)</source>
        <translation>Mostrar la muestra donde está; si es otra obra, se abre (Intro)</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Make it the current color</source>
        <translation>Hacerlo el color actual</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Close (Escape)</source>
        <translation>Cerrar (Escape)</translation>
    </message>
    <message>
        <source>, differs by %1</source>
        <translation>, diferencia %1</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>Searching...</source>
        <translation>Buscando...</translation>
    </message>
    <message>
        <source>In this piece, on the shelf, in recent pieces</source>
        <translation>En esta obra, en el estante, en obras recientes</translation>
    </message>
    <message>
        <source>Nothing found.</source>
        <translation>Nada encontrado.</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n encontrada</numerusform>
            <numerusform>%n encontradas</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::Finder</name>
    <message>
        <source>in %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>in %1, version %2</source>
        <translation>en %1, versión %2</translation>
    </message>
    <message>
        <source>in %1 of &quot;%2&quot;</source>
        <translation>en %1 de «%2»</translation>
    </message>
    <message>
        <source>on the shelf in %1</source>
        <translation>en el estante, en %1</translation>
    </message>
</context>
<context>
    <name>zc::FirstStart</name>
    <message>
        <source>How would you like to begin?</source>
        <translation>¿Cómo quieres empezar?</translation>
    </message>
    <message>
        <source>Choose a photo of your own. Its colors become the first swatches.</source>
        <translation>Elige una foto tuya. Sus colores serán las primeras muestras.</translation>
    </message>
    <message>
        <source>Welcome</source>
        <translation>Bienvenida</translation>
    </message>
    <message>
        <source>Start with a photo</source>
        <translation>Empezar con una foto</translation>
    </message>
    <message>
        <source>Start with an empty piece</source>
        <translation>Empezar con una obra vacía</translation>
    </message>
    <message>
        <source>A hue wheel, a value axis and an empty set.</source>
        <translation>Un círculo de tonos, un eje de valor y un conjunto vacío.</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Abrir la demostración</translation>
    </message>
    <message>
        <source>Coppersmiths&apos; Row: a finished plan with photos, a mask and a graded set. You get a copy to try things on.</source>
        <translation>Coppersmiths&apos; Row: un plan terminado con fotos, una máscara y un conjunto graduado. Recibes una copia para probar.</translation>
    </message>
    <message>
        <source>A list of first steps stands above your work. F1 opens the handbook.</source>
        <translation>Una lista de primeros pasos queda sobre tu trabajo. F1 abre el manual.</translation>
    </message>
</context>
<context>
    <name>zc::GradeDesk</name>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Las familias son columnas, la altura es el valor</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Una cuadrícula compacta con sitios libres</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>small</source>
        <translation>pequeñas</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medianas</translation>
    </message>
    <message>
        <source>large</source>
        <translation>grandes</translation>
    </message>
    <message>
        <source>Find swatches</source>
        <translation>Buscar muestras</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Conjuntos</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Estante</translation>
    </message>
    <message>
        <source>No swatch of this set has these letters in its name.</source>
        <translation>Ninguna muestra de este conjunto tiene estas letras en el nombre.</translation>
    </message>
    <message>
        <source>A table with names, numbers and notes</source>
        <translation>Una tabla con nombres, números y notas</translation>
    </message>
    <message>
        <source>Show the swatches of the rows %1</source>
        <translation>Mostrar %1 las muestras de las filas</translation>
    </message>
    <message>
        <source>Find a name or the nearest hex</source>
        <translation>Busca un nombre o el hex más cercano</translation>
    </message>
    <message>
        <source>Report</source>
        <translation>Informe</translation>
    </message>
    <message>
        <source>What could be better in the set, each with a remedy</source>
        <translation>Qué podría mejorar en el conjunto, cada cosa con su remedio</translation>
    </message>
    <message>
        <source>Adjust</source>
        <translation>Ajustar</translation>
    </message>
    <message>
        <source>Adjust many swatches at once</source>
        <translation>Ajustar muchas muestras a la vez</translation>
    </message>
    <message>
        <source>The sets of the piece, and the versions of the current set</source>
        <translation>Los conjuntos de la obra y las versiones del actual</translation>
    </message>
    <message>
        <source>Sets that all your pieces share</source>
        <translation>Conjuntos que comparten todas tus obras</translation>
    </message>
    <message>
        <source>Show %1. Swatches dropped here move to its first family.</source>
        <translation>Mostrar %1. Las muestras soltadas aquí pasan a su primera familia.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is nearest; it differs by %2 (CIEDE2000).</source>
        <translation>&quot;%1&quot; es la más cercana; difiere en %2 (CIEDE2000).</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>Press Enter to select the swatches whose name has these letters, or the swatch nearest to a hex color. The list shows only rows that have these letters.</source>
        <translation>Pulsa Intro para seleccionar las muestras cuyo nombre tiene estas letras, o la más cercana a un color hex. La lista muestra solo las filas con estas letras.</translation>
    </message>
    <message>
        <source>How the set is shown</source>
        <translation>Cómo se muestra el conjunto</translation>
    </message>
    <message>
        <source>Show the set on the staff, in rows, as a list, or beside its versions</source>
        <translation>Mostrar el conjunto en el pentagrama, en filas, como lista o junto a sus versiones</translation>
    </message>
    <message>
        <source>on the staff</source>
        <translation>en el pentagrama</translation>
    </message>
    <message>
        <source>in rows</source>
        <translation>en filas</translation>
    </message>
    <message>
        <source>as a list</source>
        <translation>como lista</translation>
    </message>
    <message>
        <source>beside its versions</source>
        <translation>junto a sus versiones</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Mostrado</translation>
    </message>
    <message>
        <source>an import</source>
        <translation>una importación</translation>
    </message>
    <message>
        <source>as columns</source>
        <translation>en columnas</translation>
    </message>
    <message>
        <source>Show each family as a column with a fixed number of places</source>
        <translation>Mostrar cada familia como columna con un número fijo de lugares</translation>
    </message>
    <message>
        <source>Places of a column</source>
        <translation>Lugares de una columna</translation>
    </message>
    <message>
        <source>Places of a column: type, scroll or drag</source>
        <translation>Lugares de una columna: escribir, girar o arrastrar</translation>
    </message>
    <message>
        <source> places</source>
        <translation> lugares</translation>
    </message>
</context>
<context>
    <name>zc::GradeMenu</name>
    <message>
        <source>&amp;Grade</source>
        <translation>&amp;Graduar</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Las familias son columnas, la altura es el valor</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Una cuadrícula compacta con sitios libres</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>Select the swatches of the light band</source>
        <translation>Seleccionar las muestras de la banda clara</translation>
    </message>
    <message>
        <source>Select the swatches of the middle band</source>
        <translation>Seleccionar las muestras de la banda media</translation>
    </message>
    <message>
        <source>Select the swatches of the dark band</source>
        <translation>Seleccionar las muestras de la banda oscura</translation>
    </message>
    <message>
        <source>Select &amp;near-duplicates</source>
        <translation>Seleccionar casi &amp;duplicados</translation>
    </message>
    <message>
        <source>Select all swatches that are near-duplicates of another</source>
        <translation>Seleccionar todas las muestras casi iguales a otra</translation>
    </message>
    <message>
        <source>Move the selected swatches into a family of their own</source>
        <translation>Llevar las muestras seleccionadas a una familia propia</translation>
    </message>
    <message>
        <source>By &amp;value</source>
        <translation>Por &amp;valor</translation>
    </message>
    <message>
        <source>Light to dark</source>
        <translation>De claro a oscuro</translation>
    </message>
    <message>
        <source>By &amp;hue</source>
        <translation>Por &amp;tono</translation>
    </message>
    <message>
        <source>By OKLab hue, neutrals first</source>
        <translation>Por tono OKLab, neutros primero</translation>
    </message>
    <message>
        <source>By &amp;chroma</source>
        <translation>Por &amp;croma</translation>
    </message>
    <message>
        <source>Vivid to grey</source>
        <translation>De vivo a gris</translation>
    </message>
    <message>
        <source>By &amp;name</source>
        <translation>Por &amp;nombre</translation>
    </message>
    <message>
        <source>By name</source>
        <translation>Por nombre</translation>
    </message>
    <message>
        <source>Sort rows</source>
        <translation>Ordenar filas</translation>
    </message>
    <message>
        <source>Show &amp;staff</source>
        <translation>Mostrar &amp;pentagrama</translation>
    </message>
    <message>
        <source>Show &amp;rows</source>
        <translation>Mostrar &amp;filas</translation>
    </message>
    <message>
        <source>Show &amp;list</source>
        <translation>Mostrar &amp;lista</translation>
    </message>
    <message>
        <source>A table with names, numbers and notes</source>
        <translation>Una tabla con nombres, números y notas</translation>
    </message>
    <message>
        <source>Show &amp;versions</source>
        <translation>Mostrar &amp;versiones</translation>
    </message>
    <message>
        <source>Select l&amp;ight swatches</source>
        <translation>Seleccionar muestras &amp;claras</translation>
    </message>
    <message>
        <source>Select &amp;middle swatches</source>
        <translation>Seleccionar muestras &amp;medias</translation>
    </message>
    <message>
        <source>Select &amp;dark swatches</source>
        <translation>Seleccionar muestras &amp;oscuras</translation>
    </message>
    <message>
        <source>Add co&amp;lors between</source>
        <translation>&amp;Añadir colores intermedios</translation>
    </message>
    <message>
        <source>Add three colors between the two selected swatches</source>
        <translation>Añadir tres colores entre las dos muestras seleccionadas</translation>
    </message>
    <message>
        <source>Spac&amp;e family evenly</source>
        <translation>&amp;Espaciar la familia por igual</translation>
    </message>
    <message>
        <source>Space the values of the chosen family evenly between its ends; locked swatches stay</source>
        <translation>Espaciar por igual los valores de la familia elegida entre sus extremos; las muestras bloqueadas quedan</translation>
    </message>
    <message>
        <source>Space family evenly</source>
        <translation>Espaciar la familia por igual</translation>
    </message>
    <message>
        <source>Split o&amp;ff as family</source>
        <translation>Se&amp;parar como familia</translation>
    </message>
    <message>
        <source>S&amp;ort rows</source>
        <translation>&amp;Ordenar filas</translation>
    </message>
</context>
<context>
    <name>zc::HandbookWindow</name>
    <message>
        <source>Handbook of Zonachrom</source>
        <translation>Manual de Zonachrom</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Buscar en el manual</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Página del manual</translation>
    </message>
    <message>
        <source>Search for words; Enter opens the first page that has them</source>
        <translation>Buscar palabras; Intro abre la primera página que las tiene</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Buscar</translation>
    </message>
    <message>
        <source>All pages, or those that have the words</source>
        <translation>Todas las páginas, o las que tienen las palabras</translation>
    </message>
    <message>
        <source>The handbook is missing. Install the program again.</source>
        <translation>Falta el manual. Vuelve a instalar el programa.</translation>
    </message>
    <message>
        <source>No page has these words.</source>
        <translation>Ninguna página tiene estas palabras.</translation>
    </message>
</context>
<context>
    <name>zc::Head</name>
    <message>
        <source>Title of the piece</source>
        <translation>Título de la obra</translation>
    </message>
    <message>
        <source>The title of the piece; click to edit it</source>
        <translation>El título de la obra; un clic para cambiarlo</translation>
    </message>
    <message>
        <source>Change title</source>
        <translation>Cambiar título</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness (Ctrl+G)</source>
        <translation>Mostrar todo en grises de igual luminosidad (Ctrl+G)</translation>
    </message>
    <message>
        <source>%1. Click to edit the title.</source>
        <translation>%1. Un clic para cambiar el título.</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Datos</translation>
    </message>
    <message>
        <source>Show title, description, date and signature of the piece</source>
        <translation>Mostrar título, descripción, fecha y firma de la obra</translation>
    </message>
    <message>
        <source>values only</source>
        <translation>solo valores</translation>
    </message>
    <message>
        <source>All colors are shown as with this color vision. Press for normal color vision.</source>
        <translation>Los colores se muestran como con esta visión. Pulsa para la visión normal.</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>referencia</translation>
    </message>
    <message>
        <source>Keep a small reference in sight at this desk (K)</source>
        <translation>Tener una referencia pequeña a la vista en esta mesa (K)</translation>
    </message>
    <message>
        <source>Beside the canvas</source>
        <translation>Junto al lienzo</translation>
    </message>
    <message>
        <source>Open the companion: a small window beside your canvas, above other programs (B)</source>
        <translation>Abrir el acompañante: una ventana pequeña junto al lienzo, encima de otros programas (B)</translation>
    </message>
</context>
<context>
    <name>zc::HelpMenu</name>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>The first page of the handbook</source>
        <translation>La primera página del manual</translation>
    </message>
    <message>
        <source>All commands with their keys</source>
        <translation>Todas las órdenes con sus teclas</translation>
    </message>
    <message>
        <source>&amp;About Zonachrom</source>
        <translation>A&amp;cerca de Zonachrom</translation>
    </message>
    <message>
        <source>What this program is</source>
        <translation>Qué es este programa</translation>
    </message>
    <message>
        <source>Zonachrom %1

A desk for planning a limited palette: gamut masks over a hue wheel, colors picked at true lightness, value-graded swatch sets.</source>
        <translation>Zonachrom %1

Una mesa para planear una paleta limitada: máscaras de gama sobre un círculo de tonos, colores elegidos con luminosidad fiel, conjuntos de muestras graduados por valor.</translation>
    </message>
    <message>
        <source>Open &amp;handbook</source>
        <translation>Abrir el &amp;manual</translation>
    </message>
    <message>
        <source>Open the handbook at the page of this desk</source>
        <translation>Abrir el manual por la página de esta mesa</translation>
    </message>
    <message>
        <source>Show &amp;order of work</source>
        <translation>Mostrar el &amp;orden de trabajo</translation>
    </message>
    <message>
        <source>Show all &amp;shortcuts</source>
        <translation>Mostrar todos los &amp;atajos</translation>
    </message>
    <message>
        <source>Show &amp;first steps</source>
        <translation>Mostrar los &amp;primeros pasos</translation>
    </message>
    <message>
        <source>Show the list of first steps, from the beginning</source>
        <translation>Mostrar la lista de primeros pasos desde el principio</translation>
    </message>
    <message>
        <source>Copy &amp;details for a report</source>
        <translation>Copiar &amp;datos para un informe</translation>
    </message>
    <message>
        <source>Copy versions, screens and what the program did lately. Your pieces are not part of it.</source>
        <translation>Copiar versiones, pantallas y lo que el programa hizo últimamente. Tus obras no se incluyen.</translation>
    </message>
    <message>
        <source>The details were copied. Your pieces are not part of them.</source>
        <translation>Los datos se copiaron. Tus obras no se incluyen.</translation>
    </message>
</context>
<context>
    <name>zc::ImportView</name>
    <message>
        <source>Colors found in the file</source>
        <translation>Colores hallados en el archivo</translation>
    </message>
    <message>
        <source>as a new set</source>
        <translation>como conjunto nuevo</translation>
    </message>
    <message>
        <source>into &quot;%1&quot;, family by family</source>
        <translation>a &quot;%1&quot;, familia por familia</translation>
    </message>
    <message>
        <source>into the family &quot;%1&quot;</source>
        <translation>a la familia &quot;%1&quot;</translation>
    </message>
    <message>
        <source>%1: %2 in %3</source>
        <translation>%1: %2 en %3</translation>
    </message>
    <message numerus="yes">
        <source>%n colors</source>
        <translation>
            <numerusform>%n color</numerusform>
            <numerusform>%n colores</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n families</source>
        <translation>
            <numerusform>%n familia</numerusform>
            <numerusform>%n familias</numerusform>
        </translation>
    </message>
    <message>
        <source>skip colors already in the set</source>
        <translation>omitir los colores que ya están</translation>
    </message>
    <message>
        <source>skip similar colors</source>
        <translation>omitir los colores parecidos</translation>
    </message>
    <message>
        <source>Where to add the colors</source>
        <translation>Dónde añadir los colores</translation>
    </message>
    <message>
        <source>Import the colors in one step that can be undone</source>
        <translation>Importar los colores en un paso que se puede deshacer</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Cancelar</translation>
    </message>
    <message>
        <source>Import nothing</source>
        <translation>No importar nada</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>Importar %1</translation>
    </message>
    <message>
        <source>There is no set to import into.</source>
        <translation>No hay conjunto al que importar.</translation>
    </message>
    <message>
        <source>None of these colors is in the set already.</source>
        <translation>Ninguno de estos colores está ya en el conjunto.</translation>
    </message>
    <message>
        <source>None of these colors is near one of the set.</source>
        <translation>Ninguno de estos colores se acerca a uno del conjunto.</translation>
    </message>
    <message>
        <source>Import colors</source>
        <translation>Importar colores</translation>
    </message>
    <message>
        <source>%1 new, %2 already in the set, %3 similar to one in the set. Click a color to tick or untick it.</source>
        <translation>%1 nuevos, %2 ya en el conjunto, %3 parecidos a uno del conjunto. Un clic en un color lo marca o desmarca.</translation>
    </message>
    <message numerus="yes">
        <source>Import %n colors</source>
        <translation>
            <numerusform>Importar %n color</numerusform>
            <numerusform>Importar %n colores</numerusform>
        </translation>
    </message>
    <message>
        <source>Tick a color first.</source>
        <translation>Marca antes un color.</translation>
    </message>
    <message>
        <source>names are codes of a color book</source>
        <translation>los nombres son códigos de un libro de colores</translation>
    </message>
    <message>
        <source>Keep each name with its CIELAB color as a code, and export it as such</source>
        <translation>Conservar cada nombre con su color CIELAB como código y exportarlo así</translation>
    </message>
</context>
<context>
    <name>zc::KeptReference</name>
    <message>
        <source>Reference kept in sight</source>
        <translation>Referencia a la vista</translation>
    </message>
    <message>
        <source>Which reference is kept in sight</source>
        <translation>Qué referencia se tiene a la vista</translation>
    </message>
    <message>
        <source>color</source>
        <translation>color</translation>
    </message>
    <message>
        <source>value</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>entornar</translation>
    </message>
    <message>
        <source>How the reference is shown</source>
        <translation>Cómo se muestra la referencia</translation>
    </message>
    <message>
        <source>How the reference is shown at this desk; the keys of the photo do the same</source>
        <translation>Cómo se muestra la referencia en esta mesa; las teclas de la foto hacen lo mismo</translation>
    </message>
    <message>
        <source>flat tones</source>
        <translation>tonos planos</translation>
    </message>
    <message>
        <source>tone steps</source>
        <translation>pasos de tono</translation>
    </message>
    <message>
        <source>through mask</source>
        <translation>con la máscara</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Close the reference at this desk (K)</source>
        <translation>Cerrar la referencia en esta mesa (K)</translation>
    </message>
    <message>
        <source>Add a photo at Observe first.</source>
        <translation>Añade antes una foto en Observar.</translation>
    </message>
</context>
<context>
    <name>zc::KeyLarge</name>
    <message>
        <source>One key large, beside another</source>
        <translation>Una clave en grande junto a otra</translation>
    </message>
    <message>
        <source>Drag the edge between the two keys. Arrows in the row below walk through the keys.</source>
        <translation>Arrastra el borde entre las dos claves. Las flechas recorren las claves de la fila de abajo.</translation>
    </message>
    <message>
        <source>%1 beside %2</source>
        <translation>%1 junto a %2</translation>
    </message>
</context>
<context>
    <name>zc::KeyModel</name>
    <message>
        <source>Take key %1</source>
        <translation>Tomar la clave %1</translation>
    </message>
    <message>
        <source>Save key as version</source>
        <translation>Guardar la clave como versión</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>tal cual</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>The picture in its own colors.</source>
        <translation>La imagen en sus propios colores.</translation>
    </message>
    <message>
        <source>Differs by %1 (CIEDE2000) on average and has %2 % of the picture&apos;s chroma.</source>
        <translation>Difiere en %1 (CIEDE2000) de media y tiene el %2 % del croma de la imagen.</translation>
    </message>
    <message>
        <source>%1 % of the picture lost saturation that this key does not have.</source>
        <translation>El %1 % de la imagen perdió saturación que esta clave no tiene.</translation>
    </message>
</context>
<context>
    <name>zc::KeySheetView</name>
    <message>
        <source>The reference in other keys</source>
        <translation>La referencia en otras claves</translation>
    </message>
    <message>
        <source>Press a key to take its mask and set, drag one onto another to compare them, Space shows it large. The right button, or press and hold, offers more.</source>
        <translation>Pulsa una clave para tomar su máscara y su conjunto, arrastra una sobre otra para compararlas; Espacio la muestra en grande. El botón derecho, o mantener pulsado, ofrece más.</translation>
    </message>
    <message>
        <source>Add a photo at Observe to see it in other keys.</source>
        <translation>Añade una foto en Observar para verla en otras claves.</translation>
    </message>
    <message>
        <source>Take key</source>
        <translation>Tomar clave</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Guardar como versión</translation>
    </message>
    <message>
        <source>Show large</source>
        <translation>Mostrar en grande</translation>
    </message>
</context>
<context>
    <name>zc::KeysPage</name>
    <message>
        <source>Degrees between two turns</source>
        <translation>Grados entre dos giros</translation>
    </message>
    <message>
        <source>Degrees from one turn of the mask to the next, 5 to 180</source>
        <translation>Grados de un giro de la máscara al siguiente, de 5 a 180</translation>
    </message>
    <message>
        <source>Turn by</source>
        <translation>Girar</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
    <message>
        <source>all</source>
        <translation>todas</translation>
    </message>
    <message>
        <source>Show turns, masks and versions</source>
        <translation>Mostrar giros, máscaras y versiones</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>giros</translation>
    </message>
    <message>
        <source>Show only the mask turned, step by step</source>
        <translation>Mostrar solo la máscara girada, paso a paso</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>máscaras</translation>
    </message>
    <message>
        <source>Show only patterns at the current hue and masks of the shelf</source>
        <translation>Mostrar solo patrones en el tono actual y máscaras del estante</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>versiones</translation>
    </message>
    <message>
        <source>Show only the versions of the set</source>
        <translation>Mostrar solo las versiones del conjunto</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Orden</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>By the hue of the key, clockwise from the current one</source>
        <translation>Por el tono de la clave, en sentido horario desde la actual</translation>
    </message>
    <message>
        <source>nearest</source>
        <translation>parecidas</translation>
    </message>
    <message>
        <source>First what differs least from the picture</source>
        <translation>Primero lo que menos difiere de la imagen</translation>
    </message>
    <message>
        <source>most chroma</source>
        <translation>más croma</translation>
    </message>
    <message>
        <source>First what keeps most of the picture&apos;s chroma</source>
        <translation>Primero lo que más croma de la imagen conserva</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Fuerza</translation>
    </message>
    <message>
        <source>How strongly masks act</source>
        <translation>Con qué fuerza actúan las máscaras</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>How far colors move into a mask: 0 % leaves the picture as it is, 100 % brings all of it inside</source>
        <translation>Cuánto entran los colores en una máscara: 0 % deja la imagen tal cual, 100 % la lleva entera dentro</translation>
    </message>
    <message>
        <source>fill masks</source>
        <translation>llenar máscaras</translation>
    </message>
    <message>
        <source>The most saturated color of the picture, not the rim of the wheel, goes to the border of a mask</source>
        <translation>El color más saturado de la imagen, no el borde del círculo, va al límite de la máscara</translation>
    </message>
    <message>
        <source>one large</source>
        <translation>una en grande</translation>
    </message>
    <message>
        <source>Show one key large beside the picture as it is (Space)</source>
        <translation>Mostrar una clave en grande junto a la imagen tal cual (Espacio)</translation>
    </message>
    <message>
        <source>Save sheet</source>
        <translation>Guardar hoja</translation>
    </message>
    <message>
        <source>Save the sheet of keys as a picture</source>
        <translation>Guardar la hoja de claves como imagen</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Guardar como versión</translation>
    </message>
    <message>
        <source>Save the set in this key as a version, with its mask and wheel; the piece stays as it is</source>
        <translation>Guardar el conjunto en esta clave como versión, con su máscara y su círculo; la obra queda tal cual</translation>
    </message>
    <message>
        <source>Take key</source>
        <translation>Tomar clave</translation>
    </message>
    <message>
        <source>Give the piece the mask of this key, and turn or press the set along, in one step</source>
        <translation>Dar a la obra la máscara de esta clave y llevar el conjunto con ella, en un paso</translation>
    </message>
    <message>
        <source>%1 in other keys. Values stay.</source>
        <translation>%1 en otras claves. Los valores se quedan.</translation>
    </message>
    <message>
        <source>This is the piece as it is. Point to another key.</source>
        <translation>Esta es la obra tal cual. Señala otra clave.</translation>
    </message>
    <message>
        <source>This key is a version of the set already.</source>
        <translation>Esta clave ya es una versión del conjunto.</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Claves</translation>
    </message>
    <message>
        <source>Go back to the wheel with the mask</source>
        <translation>Volver al círculo con la máscara</translation>
    </message>
</context>
<context>
    <name>zc::Laying</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message>
        <source>Show set</source>
        <translation>Mostrar conjunto</translation>
    </message>
    <message>
        <source>Add swatch</source>
        <translation>Añadir muestra</translation>
    </message>
    <message>
        <source>Add %1 as a family</source>
        <translation>Añadir %1 como familia</translation>
    </message>
    <message numerus="yes">
        <source>Add %1 as %n families</source>
        <translation>
            <numerusform>Añadir %1 como %n familia</numerusform>
            <numerusform>Añadir %1 como %n familias</numerusform>
        </translation>
    </message>
    <message>
        <source>corner colors</source>
        <translation>colores de las esquinas</translation>
    </message>
    <message numerus="yes">
        <source>Add %n colors</source>
        <translation>
            <numerusform>Añadir %n color</numerusform>
            <numerusform>Añadir %n colores</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add ladder of %n hues</source>
        <translation>
            <numerusform>Añadir escala de %n tono</numerusform>
            <numerusform>Añadir escala de %n tonos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n swatches</source>
        <translation>
            <numerusform>Añadir %n muestra</numerusform>
            <numerusform>Añadir %n muestras</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::LightPanel</name>
    <message>
        <source>Strength of the light, percent</source>
        <translation>Fuerza de la luz, por ciento</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Luz</translation>
    </message>
    <message>
        <source>under a light</source>
        <translation>bajo una luz</translation>
    </message>
    <message>
        <source>Exposure in stops</source>
        <translation>Exposición en pasos</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>Exposición</translation>
    </message>
    <message>
        <source> stops</source>
        <translation> pasos</translation>
    </message>
    <message>
        <source>Amount of haze, percent</source>
        <translation>Cantidad de bruma, por ciento</translation>
    </message>
    <message>
        <source>Use current color</source>
        <translation>Usar el color actual</translation>
    </message>
    <message>
        <source>Set this to the current color</source>
        <translation>Poner el color actual</translation>
    </message>
    <message>
        <source>Haze</source>
        <translation>Bruma</translation>
    </message>
    <message>
        <source>How bright the light is. At 0 stops a white wall is as bright as the display can show; one stop more is twice the light.</source>
        <translation>Cuán clara es la luz. A 0 pasos una pared blanca es tan clara como puede mostrar la pantalla; un paso más es el doble de luz.</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Guardar como versión</translation>
    </message>
    <message>
        <source>Save the set under this light and haze as a version</source>
        <translation>Guardar el conjunto bajo esta luz y bruma como versión</translation>
    </message>
    <message>
        <source>Turn off</source>
        <translation>Apagar</translation>
    </message>
    <message>
        <source>Raise the light or the haze first.</source>
        <translation>Sube antes la luz o la bruma.</translation>
    </message>
    <message>
        <source>Save light as version</source>
        <translation>Guardar la luz como versión</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Fuerza</translation>
    </message>
    <message>
        <source>Amount</source>
        <translation>Cantidad</translation>
    </message>
</context>
<context>
    <name>zc::LimitDesk</name>
    <message>
        <source>ellipse</source>
        <translation>elipse</translation>
    </message>
    <message>
        <source>Drag from one corner to the opposite one</source>
        <translation>Arrastrar de una esquina a la opuesta</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Áreas</translation>
    </message>
    <message>
        <source>The areas of the mask, in numbers</source>
        <translation>Las áreas de la máscara, en números</translation>
    </message>
    <message>
        <source>Reference</source>
        <translation>Referencia</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Estante</translation>
    </message>
    <message>
        <source>, holds %1 % of %2</source>
        <translation>, contiene %1 % de %2</translation>
    </message>
    <message>
        <source>%1, turned %2°, fills %3 % of the wheel%5. Subjective neutral: %4.</source>
        <translation>%1, girada %2°, llena %3 % del círculo%5. Neutro subjetivo: %4.</translation>
    </message>
    <message>
        <source>Draw area</source>
        <translation>Dibujar área</translation>
    </message>
    <message>
        <source>Click corners and end at the first one, or draw freehand with mouse or pen. Enter ends the outline, Backspace removes the last corner, Escape cancels.</source>
        <translation>Haz clic en las esquinas y termina en la primera, o dibuja a mano alzada con ratón o lápiz. Intro termina el contorno, Retroceso quita la última esquina, Escape cancela.</translation>
    </message>
    <message>
        <source>Drag from the center outward</source>
        <translation>Arrastra del centro hacia fuera</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Sumar</translation>
    </message>
    <message>
        <source>The next area you draw is added to the mask</source>
        <translation>La próxima área que dibujes se suma a la máscara</translation>
    </message>
    <message>
        <source>Subtract</source>
        <translation>Restar</translation>
    </message>
    <message>
        <source>The next area you draw is subtracted from the mask</source>
        <translation>La próxima área que dibujes se resta de la máscara</translation>
    </message>
    <message>
        <source>Make the subjective neutral, the middle of the mask, the current color; the value stays</source>
        <translation>Hacer actual el neutro subjetivo, el centro de la máscara; el valor queda</translation>
    </message>
    <message>
        <source>Add the colors at the corners of the mask, at the current value, as a family</source>
        <translation>Añadir los colores de las esquinas de la máscara, al valor actual, como familia</translation>
    </message>
    <message>
        <source>See the reference through the mask, or fit a mask to the reference</source>
        <translation>Ver la referencia con la máscara, o ajustar una máscara a ella</translation>
    </message>
    <message>
        <source>Masks that all your pieces share</source>
        <translation>Máscaras que comparten todas tus obras</translation>
    </message>
    <message>
        <source>No mask yet: every color can be picked. Choose a pattern, or draw an area, to limit hue and saturation.</source>
        <translation>Aún sin máscara: se puede elegir cualquier color. Elige un patrón o dibuja un área para limitar tono y saturación.</translation>
    </message>
    <message>
        <source>The mask is switched off.</source>
        <translation>La máscara está apagada.</translation>
    </message>
    <message>
        <source>The mask encloses no color. Move its corners apart.</source>
        <translation>La máscara no encierra ningún color. Separa sus esquinas.</translation>
    </message>
    <message>
        <source>An outline crosses itself; the mask is open where it overlaps.</source>
        <translation>Un contorno se cruza consigo mismo; donde se solapa, la máscara queda abierta.</translation>
    </message>
    <message>
        <source>Use neutral</source>
        <translation>Usar el neutro</translation>
    </message>
    <message>
        <source>Add corners</source>
        <translation>Añadir esquinas</translation>
    </message>
    <message>
        <source>sector</source>
        <translation>sector</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Aún no hay máscara. Elige un patrón en Limitar o dibuja un área.</translation>
    </message>
    <message>
        <source>free shape</source>
        <translation>forma libre</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Claves</translation>
    </message>
    <message>
        <source>See the reference in other color keys, and take one</source>
        <translation>Ver la referencia en otras claves de color y tomar una</translation>
    </message>
</context>
<context>
    <name>zc::LimitMenu</name>
    <message>
        <source>&amp;Limit</source>
        <translation>&amp;Limitar</translation>
    </message>
    <message>
        <source>Draw a new area of the mask on the wheel</source>
        <translation>Dibujar un área nueva de la máscara en el círculo</translation>
    </message>
    <message>
        <source>Turn the mask, and with &quot;turn the set along&quot; the set as well</source>
        <translation>Girar la máscara y, con &quot;girar también el conjunto&quot;, el conjunto</translation>
    </message>
    <message>
        <source>&amp;Turn mask clockwise</source>
        <translation>&amp;Girar máscara en sentido horario</translation>
    </message>
    <message>
        <source>Turn mask counter&amp;clockwise</source>
        <translation>Girar máscara en sentido &amp;antihorario</translation>
    </message>
    <message>
        <source>Turn mask to com&amp;plements</source>
        <translation>Girar máscara a los &amp;complementarios</translation>
    </message>
    <message>
        <source>Turn mask to next &amp;hue</source>
        <translation>Girar máscara al tono &amp;siguiente</translation>
    </message>
    <message>
        <source>Turn mas&amp;k to previous hue</source>
        <translation>Girar máscara al tono an&amp;terior</translation>
    </message>
    <message>
        <source>Turn mask &amp;by...</source>
        <translation>Girar máscara un án&amp;gulo...</translation>
    </message>
    <message>
        <source>Type by how many degrees the mask turns: 15 and Enter, or -15</source>
        <translation>Escribe cuántos grados gira la máscara: 15 e Intro, o -15</translation>
    </message>
    <message>
        <source>Draw &amp;outline</source>
        <translation>Dibujar c&amp;ontorno</translation>
    </message>
    <message>
        <source>Draw &amp;ellipse</source>
        <translation>Dibujar &amp;elipse</translation>
    </message>
    <message>
        <source>Draw &amp;ring sector</source>
        <translation>Dibujar sector anula&amp;r</translation>
    </message>
    <message>
        <source>Use the &amp;neutral</source>
        <translation>Usar el &amp;neutro</translation>
    </message>
    <message>
        <source>Make the middle of the mask the current color</source>
        <translation>Hacer actual el color del centro de la máscara</translation>
    </message>
    <message>
        <source>Add corner co&amp;lors</source>
        <translation>Añadir co&amp;lores de esquina</translation>
    </message>
    <message>
        <source>Add the colors at the corners of the mask as a family</source>
        <translation>Añadir los colores de las esquinas de la máscara como familia</translation>
    </message>
    <message>
        <source>Move area &amp;up</source>
        <translation>&amp;Subir área</translation>
    </message>
    <message>
        <source>Move the selected area before the one above it</source>
        <translation>Poner el área seleccionada antes de la de arriba</translation>
    </message>
    <message>
        <source>Move area &amp;down</source>
        <translation>&amp;Bajar área</translation>
    </message>
    <message>
        <source>Move the selected area after the one below it</source>
        <translation>Poner el área seleccionada después de la de abajo</translation>
    </message>
    <message>
        <source>Remo&amp;ve area</source>
        <translation>&amp;Quitar área</translation>
    </message>
    <message>
        <source>Remove the selected area of the mask</source>
        <translation>Quitar el área seleccionada de la máscara</translation>
    </message>
    <message>
        <source>Remove &amp;mask</source>
        <translation>Quitar &amp;máscara</translation>
    </message>
    <message>
        <source>Remove the mask from the piece</source>
        <translation>Quitar la máscara de la obra</translation>
    </message>
    <message>
        <source>Show m&amp;ask</source>
        <translation>Mostrar m&amp;áscara</translation>
    </message>
    <message>
        <source>Show the wheel with the gamut mask</source>
        <translation>Mostrar el círculo con la máscara de gama</translation>
    </message>
    <message>
        <source>Show ke&amp;ys</source>
        <translation>Mostrar &amp;claves</translation>
    </message>
    <message>
        <source>Show the reference in other color keys</source>
        <translation>Mostrar la referencia en otras claves de color</translation>
    </message>
    <message>
        <source>&amp;Save sheet of keys...</source>
        <translation>Guardar ho&amp;ja de claves...</translation>
    </message>
    <message>
        <source>Save the sheet of keys as PNG or JPEG</source>
        <translation>Guardar la hoja de claves como PNG o JPEG</translation>
    </message>
    <message>
        <source>There is no picture to show in keys yet.</source>
        <translation>Aún no hay ninguna imagen que mostrar en claves.</translation>
    </message>
    <message>
        <source>keys.png</source>
        <translation>claves.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>Guardado en &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Turn all sets and &amp;versions along</source>
        <translation>Girar todos los conjuntos y &amp;versiones</translation>
    </message>
    <message>
        <source>When the mask is turned, turn all sets and all versions, with their masks, as well</source>
        <translation>Al girar la máscara, girar también todos los conjuntos y todas las versiones con sus máscaras</translation>
    </message>
    <message>
        <source>Loc&amp;k mask</source>
        <translation>Bloquear máscar&amp;a</translation>
    </message>
    <message>
        <source>Leave the mask as it is when hands slip on the wheel; numbers and commands still change it</source>
        <translation>Dejar la máscara como está si la mano resbala en el círculo; los números y las órdenes aún la cambian</translation>
    </message>
</context>
<context>
    <name>zc::ListView</name>
    <message>
        <source>The set as a list</source>
        <translation>El conjunto como lista</translation>
    </message>
    <message>
        <source>Click a row to select it, double-click or press F2 to edit, click a heading to sort</source>
        <translation>Clic selecciona una fila, doble clic o F2 la edita, clic en un encabezado ordena</translation>
    </message>
</context>
<context>
    <name>zc::LookBar</name>
    <message>
        <source>Number of flat tones</source>
        <translation>Número de tonos planos</translation>
    </message>
    <message>
        <source>Number of tone steps</source>
        <translation>Número de pasos de tono</translation>
    </message>
    <message>
        <source>The photo in color (C)</source>
        <translation>La foto en color (C)</translation>
    </message>
    <message>
        <source>Greys of equal lightness (V)</source>
        <translation>Grises de igual luminosidad (V)</translation>
    </message>
    <message>
        <source>A few flat tones; drag their limits on the value axis (F)</source>
        <translation>Unos pocos tonos planos; arrastra sus límites en el eje de valor (F)</translation>
    </message>
    <message>
        <source>Blurred, as with eyes half shut (S)</source>
        <translation>Borrosa, como con los ojos entornados (S)</translation>
    </message>
    <message>
        <source>Even tone steps from black to white (T)</source>
        <translation>Pasos de tono iguales de negro a blanco (T)</translation>
    </message>
    <message>
        <source> tones</source>
        <translation> tonos</translation>
    </message>
    <message>
        <source>How many flat tones, 2 to 5</source>
        <translation>Cuántos tonos planos, de 2 a 5</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> pasos</translation>
    </message>
    <message>
        <source>How many tone steps, 2 to 21</source>
        <translation>Cuántos pasos de tono, de 2 a 21</translation>
    </message>
    <message>
        <source>Find limits</source>
        <translation>Buscar límites</translation>
    </message>
    <message>
        <source>The photo through the mask; drag the edge between before and after (M)</source>
        <translation>La foto con la máscara; arrastra el borde entre antes y después (M)</translation>
    </message>
    <message>
        <source>Find the best limits between the tones</source>
        <translation>Buscar los mejores límites entre los tonos</translation>
    </message>
    <message>
        <source>How much the photo is blurred</source>
        <translation>Cuánto se desenfoca la foto</translation>
    </message>
    <message>
        <source>Look at the photo</source>
        <translation>Mirar la foto</translation>
    </message>
    <message>
        <source>Look at the photo in color, in values or simplified. Each way has a key of its own.</source>
        <translation>Mirar la foto en color, en valores o simplificada. Cada modo tiene su tecla.</translation>
    </message>
    <message>
        <source>in color</source>
        <translation>en color</translation>
    </message>
    <message>
        <source>in values</source>
        <translation>en valores</translation>
    </message>
    <message>
        <source>in flat tones</source>
        <translation>en tonos planos</translation>
    </message>
    <message>
        <source>squinted</source>
        <translation>entornada</translation>
    </message>
    <message>
        <source>in tone steps</source>
        <translation>en pasos de tono</translation>
    </message>
    <message>
        <source>through the mask</source>
        <translation>con la máscara</translation>
    </message>
</context>
<context>
    <name>zc::MainWindow</name>
    <message>
        <source>%1[*] - Zonachrom</source>
        <translation>%1[*] - Zonachrom</translation>
    </message>
    <message>
        <source>dropped photo</source>
        <translation>foto soltada</translation>
    </message>
    <message>
        <source>Press Tab until a wheel, a photo or a set is framed, then press F7 again.</source>
        <translation>Pulsa Tab hasta que un círculo, una foto o un conjunto lleve un marco, y luego F7 otra vez.</translation>
    </message>
</context>
<context>
    <name>zc::MaskHands</name>
    <message>
        <source>Reshape mask area</source>
        <translation>Dar otra forma al área de la máscara</translation>
    </message>
    <message>
        <source>Move mask area</source>
        <translation>Mover área de la máscara</translation>
    </message>
    <message>
        <source>Turn mask area</source>
        <translation>Girar área de la máscara</translation>
    </message>
    <message>
        <source>Turn mask</source>
        <translation>Girar máscara</translation>
    </message>
    <message>
        <source>Add mask area</source>
        <translation>Añadir área a la máscara</translation>
    </message>
    <message>
        <source>Add mask corner</source>
        <translation>Añadir esquina a la máscara</translation>
    </message>
    <message>
        <source>Remove mask corner</source>
        <translation>Quitar esquina de la máscara</translation>
    </message>
    <message>
        <source>Remove mask area</source>
        <translation>Quitar área de la máscara</translation>
    </message>
    <message>
        <source>Scale mask area</source>
        <translation>Cambiar tamaño del área</translation>
    </message>
    <message>
        <source>Bend mask edge</source>
        <translation>Doblar el borde de la máscara</translation>
    </message>
    <message>
        <source>The outline crosses itself; the mask is open where it overlaps.</source>
        <translation>El contorno se cruza consigo mismo; donde se solapa, la máscara queda abierta.</translation>
    </message>
    <message>
        <source>Subtract mask area</source>
        <translation>Restar área de la máscara</translation>
    </message>
    <message>
        <source>Remove corner</source>
        <translation>Quitar esquina</translation>
    </message>
    <message>
        <source>Remove area</source>
        <translation>Quitar área</translation>
    </message>
</context>
<context>
    <name>zc::MaskRuleChoice</name>
    <message>
        <source>Mask</source>
        <translation>Máscara</translation>
    </message>
    <message>
        <source>off</source>
        <translation>apagada</translation>
    </message>
    <message>
        <source>Change mask rule</source>
        <translation>Cambiar regla de la máscara</translation>
    </message>
    <message>
        <source>Switch mask off</source>
        <translation>Apagar máscara</translation>
    </message>
    <message>
        <source>Mask %1</source>
        <translation>Máscara: %1</translation>
    </message>
    <message>
        <source>Picks stay inside the mask; their value does not change</source>
        <translation>Los colores elegidos quedan en la máscara; su valor no cambia</translation>
    </message>
    <message>
        <source>warn</source>
        <translation>avisar</translation>
    </message>
    <message>
        <source>Picks may lie outside the mask; those that do are marked</source>
        <translation>Los colores pueden estar fuera de la máscara y entonces se marcan</translation>
    </message>
    <message>
        <source>The mask is shown, and picks are free</source>
        <translation>La máscara se muestra y la elección es libre</translation>
    </message>
    <message>
        <source>The mask is neither shown nor used, but stays in the piece</source>
        <translation>La máscara no se muestra ni se usa, pero sigue en la obra</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>retener</translation>
    </message>
    <message>
        <source>show</source>
        <translation>mostrar</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Aún no hay máscara. Elige un patrón en Limitar o dibuja un área.</translation>
    </message>
    <message>
        <source>Choose whether the mask holds picks, warns, is only shown, or is off</source>
        <translation>Elegir si la máscara retiene, avisa, solo se muestra o está apagada</translation>
    </message>
    <message>
        <source>none</source>
        <translation>ninguna</translation>
    </message>
</context>
<context>
    <name>zc::MaskedPreview</name>
    <message>
        <source>The reference through the mask</source>
        <translation>La referencia a través de la máscara</translation>
    </message>
    <message>
        <source>The edge between before and after</source>
        <translation>El borde entre antes y después</translation>
    </message>
    <message>
        <source>Drag the edge: left of it is the photo as it is, right of it the photo in the mask</source>
        <translation>Arrastra el borde: a su izquierda la foto como es, a su derecha en la máscara</translation>
    </message>
    <message>
        <source>Add a photo at Observe to see it through the mask.</source>
        <translation>Añade una foto en Observar para verla con la máscara.</translation>
    </message>
</context>
<context>
    <name>zc::Masking</name>
    <message>
        <source>Change wheel</source>
        <translation>Cambiar círculo</translation>
    </message>
    <message>
        <source>Turn mask</source>
        <translation>Girar máscara</translation>
    </message>
    <message>
        <source>Remove mask</source>
        <translation>Quitar máscara</translation>
    </message>
</context>
<context>
    <name>zc::MissingPanel</name>
    <message>
        <source> colors</source>
        <translation> colores</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>from the picture</source>
        <translation>de la imagen</translation>
    </message>
    <message>
        <source>Compare with</source>
        <translation>Comparar con</translation>
    </message>
    <message>
        <source>The picture that the set is compared with</source>
        <translation>La imagen con la que se compara el conjunto</translation>
    </message>
    <message>
        <source>List at most this many colors, 1 to 12</source>
        <translation>Listar como mucho tantos colores, de 1 a 12</translation>
    </message>
    <message>
        <source>List only colors that differ at least this much (CIEDE2000) from every swatch and from each other</source>
        <translation>Listar solo colores que difieran al menos esto (CIEDE2000) de toda muestra y entre sí</translation>
    </message>
    <message>
        <source>picture shown</source>
        <translation>imagen mostrada</translation>
    </message>
    <message>
        <source>comparing...</source>
        <translation>comparando...</translation>
    </message>
    <message>
        <source>%1 needed: %2 present, %3 missing</source>
        <translation>%1 necesarios: %2 presentes, %3 faltan</translation>
    </message>
    <message>
        <source>%1 %, differs by %2 from %3</source>
        <translation>%1 %, difiere en %2 de %3</translation>
    </message>
    <message>
        <source>Add this color to the chosen family</source>
        <translation>Añadir este color a la familia elegida</translation>
    </message>
    <message>
        <source>This color is from another picture</source>
        <translation>Este color es de otra imagen</translation>
    </message>
    <message>
        <source>Show where the picture has this color</source>
        <translation>Mostrar dónde tiene la imagen este color</translation>
    </message>
    <message>
        <source>No color is missing: each color of the picture is near a swatch.</source>
        <translation>No falta ningún color: cada color de la imagen está cerca de una muestra.</translation>
    </message>
    <message>
        <source>Looking for missing colors.</source>
        <translation>Buscando los colores que faltan.</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Añadir todos</translation>
    </message>
    <message>
        <source>Add all of these colors as a family</source>
        <translation>Añadir todos estos colores como familia</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Como máximo</translation>
    </message>
    <message>
        <source>Differing by</source>
        <translation>Que difieran en</translation>
    </message>
    <message>
        <source>Add color</source>
        <translation>Añadir color</translation>
    </message>
</context>
<context>
    <name>zc::MixPanel</name>
    <message>
        <source>paint</source>
        <translation>pintura</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>Parts of the mixture</source>
        <translation>Partes de la mezcla</translation>
    </message>
    <message>
        <source>Strength of corner %1</source>
        <translation>Fuerza de la esquina %1</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Steps of the line and of the grid</source>
        <translation>Pasos de la línea y de la cuadrícula</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> pasos</translation>
    </message>
    <message>
        <source>Type %1 numbers, such as 2 : 1.</source>
        <translation>Escribe %1 números, como 2 : 1.</translation>
    </message>
    <message>
        <source>mixtures</source>
        <translation>mezclas</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; llevado a la máscara</translation>
    </message>
    <message>
        <source>Mix as paint does: pigments absorb light (Kubelka and Munk)</source>
        <translation>Mezclar como pintura: los pigmentos absorben luz (Kubelka y Munk)</translation>
    </message>
    <message>
        <source>Mix as light does: as on a spinning disc, or dots seen from far away</source>
        <translation>Mezclar como luz: como en un disco que gira, o puntos vistos de lejos</translation>
    </message>
    <message>
        <source>Parts of each color in the mixture; type others such as 2 : 1 : 1</source>
        <translation>Partes de cada color en la mezcla; escribe otras como 2 : 1 : 1</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Partes</translation>
    </message>
    <message>
        <source>Tinting strength of color %1: how strongly one part of it colors the mixture</source>
        <translation>Fuerza de tinción del color %1: cuánto tiñe la mezcla una parte</translation>
    </message>
    <message>
        <source>Color %1 is part of the mixture</source>
        <translation>El color %1 forma parte de la mezcla</translation>
    </message>
    <message>
        <source>Add color</source>
        <translation>Añadir color</translation>
    </message>
    <message>
        <source>Add a color to the field: the current color, or a common paint</source>
        <translation>Añadir un color al campo: el actual o una pintura corriente</translation>
    </message>
    <message>
        <source>Current color</source>
        <translation>Color actual</translation>
    </message>
    <message>
        <source>Clear field</source>
        <translation>Vaciar campo</translation>
    </message>
    <message>
        <source>Steps of line and grid</source>
        <translation>Pasos de línea y cuadrícula</translation>
    </message>
    <message>
        <source>Steps of the ramp, and along a side of the grid, 2 to 12</source>
        <translation>Pasos de la gradación y a lo largo de un lado de la cuadrícula, de 2 a 12</translation>
    </message>
    <message>
        <source>Add line</source>
        <translation>Añadir línea</translation>
    </message>
    <message>
        <source>Add the steps of the line as a family</source>
        <translation>Añadir los pasos de la línea como familia</translation>
    </message>
    <message>
        <source>Add picks</source>
        <translation>Añadir elegidos</translation>
    </message>
    <message>
        <source>Add the colors picked in the field as a family</source>
        <translation>Añadir los colores elegidos en el campo como familia</translation>
    </message>
    <message>
        <source>Add grid</source>
        <translation>Añadir cuadrícula</translation>
    </message>
    <message>
        <source>Add the whole field in steps, each row as a family</source>
        <translation>Añadir todo el campo en pasos, cada fila como familia</translation>
    </message>
    <message>
        <source>The field already has four colors. Drop the new color on one of them.</source>
        <translation>El campo ya tiene cuatro colores. Suelta el nuevo sobre uno de ellos.</translation>
    </message>
    <message>
        <source>through a mixture</source>
        <translation>a través de una mezcla</translation>
    </message>
    <message>
        <source>Add two to four colors to mix them.</source>
        <translation>Añade de dos a cuatro colores para mezclarlos.</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, so the nearest paint is used</source>
        <translation>; ninguna pintura tiene el color de %1, se usa la más cercana</translation>
    </message>
    <message>
        <source>Point to read a mixture, drag to pick it</source>
        <translation>Apunta para leer una mezcla, arrastra para elegirla</translation>
    </message>
    <message>
        <source>Add two to four colors to the field first.</source>
        <translation>Añade antes de dos a cuatro colores al campo.</translation>
    </message>
    <message>
        <source>Click mixtures in the field first.</source>
        <translation>Haz clic antes en mezclas del campo.</translation>
    </message>
    <message>
        <source>Draw a line through the field first.</source>
        <translation>Traza antes una línea por el campo.</translation>
    </message>
    <message>
        <source>Clear smears</source>
        <translation>Borrar lo difuminado</translation>
    </message>
    <message>
        <source>pick</source>
        <translation>elegir</translation>
    </message>
    <message>
        <source>A drag over the field picks one mixture</source>
        <translation>Un arrastre sobre el campo elige una mezcla</translation>
    </message>
    <message>
        <source>line</source>
        <translation>línea</translation>
    </message>
    <message>
        <source>A drag across the field draws the line of a ramp (the right button always does)</source>
        <translation>Un arrastre por el campo traza la línea de una gradación (el botón derecho siempre lo hace)</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>trazo</translation>
    </message>
    <message>
        <source>A drag over the field picks up several mixtures along its way, as many as there are steps</source>
        <translation>Un arrastre sobre el campo recoge varias mezclas por el camino, tantas como pasos</translation>
    </message>
    <message>
        <source>smear</source>
        <translation>difuminar</translation>
    </message>
    <message>
        <source>A drag smears the color where it begins into those it goes over; pick from the smear afterwards</source>
        <translation>Un arrastre difumina el color donde empieza en los que recorre; después se elige de ahí</translation>
    </message>
</context>
<context>
    <name>zc::MixView</name>
    <message>
        <source>Field of mixtures</source>
        <translation>Campo de mezclas</translation>
    </message>
    <message>
        <source>Corner %1: %2</source>
        <translation>Esquina %1: %2</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>callado</translation>
    </message>
    <message>
        <source>Drag to pick a mixture; drag with the right button to draw the line of a ramp.</source>
        <translation>Arrastra para elegir una mezcla; con el botón derecho traza la línea de una gradación.</translation>
    </message>
    <message>
        <source>Drag two to four colors here, from wells, the set or anywhere a color is shown.</source>
        <translation>Arrastra aquí de dos a cuatro colores, de pocillos, del conjunto o de donde se vea un color.</translation>
    </message>
    <message>
        <source>Drag a second color here.</source>
        <translation>Arrastra aquí un segundo color.</translation>
    </message>
    <message>
        <source>Click to use the color, scroll to change its strength, drag it elsewhere; the right button opens a menu.</source>
        <translation>Clic usa el color, la rueda cambia su fuerza, arrastrar lo lleva a otro sitio; el botón derecho abre un menú.</translation>
    </message>
    <message>
        <source>Mix this color again</source>
        <translation>Mezclar de nuevo este color</translation>
    </message>
    <message>
        <source>Leave this color out</source>
        <translation>Dejar fuera este color</translation>
    </message>
    <message>
        <source>Stop following the current color</source>
        <translation>Dejar de seguir el color actual</translation>
    </message>
    <message>
        <source>Follow the current color</source>
        <translation>Seguir el color actual</translation>
    </message>
    <message>
        <source>Set to current color</source>
        <translation>Poner el color actual</translation>
    </message>
    <message>
        <source>Remove from field</source>
        <translation>Quitar del campo</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
</context>
<context>
    <name>zc::NameEditor</name>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
</context>
<context>
    <name>zc::NoticeBar</name>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Close this message</source>
        <translation>Cerrar este mensaje</translation>
    </message>
</context>
<context>
    <name>zc::NumberField</name>
    <message>
        <source>Type a number from %1 to %2.</source>
        <translation>Escribe un número de %1 a %2.</translation>
    </message>
</context>
<context>
    <name>zc::ObserveDesk</name>
    <message>
        <source>Sample size</source>
        <translation>Tamaño de la toma</translation>
    </message>
    <message>
        <source>How many pixels a sample averages (Shift+wheel over the photo)</source>
        <translation>Cuántos píxeles promedia una toma (Mayús+rueda sobre la foto)</translation>
    </message>
    <message>
        <source>sample 1 pixel</source>
        <translation>toma de 1 píxel</translation>
    </message>
    <message>
        <source>sample %1 × %1</source>
        <translation>toma de %1 × %1</translation>
    </message>
    <message>
        <source>Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted</source>
        <translation>Añadir fotos de referencia (Ctrl+Mayús+O); también se pueden soltar o pegar</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>References</source>
        <translation>Referencias</translation>
    </message>
    <message>
        <source>%1, followed. %2</source>
        <translation>%1, seguida. %2</translation>
    </message>
    <message>
        <source>%1: %2 × %3, shown at %4 %</source>
        <translation>%1: %2 × %3, a %4 %</translation>
    </message>
    <message>
        <source>Add photo</source>
        <translation>Añadir foto</translation>
    </message>
    <message>
        <source>Results</source>
        <translation>Resultados</translation>
    </message>
    <message>
        <source>The colors taken from the photo that are not in the set yet</source>
        <translation>Los colores tomados de la foto que aún no están en el conjunto</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>How different the colors are, from which part of the photo, and how many accents</source>
        <translation>Cuánto difieren los colores, de qué parte de la foto y cuántos acentos</translation>
    </message>
    <message>
        <source>Light, middle and dark in the photo, its key, and its colors on the wheel</source>
        <translation>Claros, medios y oscuros de la foto, su clave y sus colores en el círculo</translation>
    </message>
    <message>
        <source>Stop opening photos</source>
        <translation>Dejar de abrir fotos</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Valores</translation>
    </message>
    <message>
        <source>Add a reference photo to the piece (Ctrl+Shift+O)</source>
        <translation>Añadir una foto de referencia a la obra (Ctrl+Mayús+O)</translation>
    </message>
</context>
<context>
    <name>zc::ObserveMenu</name>
    <message>
        <source>&amp;Observe</source>
        <translation>&amp;Observar</translation>
    </message>
    <message>
        <source>Show the photo in color (C)</source>
        <translation>Mostrar la foto en color (C)</translation>
    </message>
    <message>
        <source>Show the photo in greys of equal lightness (V)</source>
        <translation>Mostrar la foto en grises de igual luminosidad (V)</translation>
    </message>
    <message>
        <source>Show the photo in a few flat tones (F)</source>
        <translation>Mostrar la foto en unos pocos tonos planos (F)</translation>
    </message>
    <message>
        <source>Blur the photo (S)</source>
        <translation>Desenfocar la foto (S)</translation>
    </message>
    <message>
        <source>Show the photo in even tone steps (T)</source>
        <translation>Mostrar la foto en pasos de tono iguales (T)</translation>
    </message>
    <message>
        <source>Show the photo through the mask (M)</source>
        <translation>Mostrar la foto a través de la máscara (M)</translation>
    </message>
    <message>
        <source>Show each pixel of the photo as one of the screen</source>
        <translation>Mostrar cada píxel de la foto como uno de la pantalla</translation>
    </message>
    <message>
        <source>Turn the view by a quarter; the photo stays</source>
        <translation>Girar la vista un cuarto; la foto queda</translation>
    </message>
    <message>
        <source>Turn the view back by a quarter</source>
        <translation>Girar la vista un cuarto atrás</translation>
    </message>
    <message>
        <source>Follow a canv&amp;as...</source>
        <translation>Seguir un &amp;lienzo...</translation>
    </message>
    <message>
        <source>A reference that is read again whenever its file is saved</source>
        <translation>Una referencia que se lee otra vez cuando su archivo se guarda</translation>
    </message>
    <message>
        <source>Stop following the file</source>
        <translation>Dejar de seguir el archivo</translation>
    </message>
    <message>
        <source>Show &amp;color</source>
        <translation>Mostrar &amp;color</translation>
    </message>
    <message>
        <source>Show &amp;value</source>
        <translation>Mostrar &amp;valor</translation>
    </message>
    <message>
        <source>Show f&amp;lat tones</source>
        <translation>Mostrar tonos p&amp;lanos</translation>
    </message>
    <message>
        <source>&amp;Squint at the photo</source>
        <translation>Ver la foto con los ojos &amp;entornados</translation>
    </message>
    <message>
        <source>Show &amp;tone steps</source>
        <translation>Mostrar pasos de &amp;tono</translation>
    </message>
    <message>
        <source>Show through &amp;mask</source>
        <translation>Mostrar con la &amp;máscara</translation>
    </message>
    <message>
        <source>Show &amp;pixels one to one</source>
        <translation>Mostrar &amp;píxeles uno a uno</translation>
    </message>
    <message>
        <source>Turn &amp;view clockwise</source>
        <translation>&amp;Girar vista en sentido horario</translation>
    </message>
    <message>
        <source>Turn view &amp;counterclockwise</source>
        <translation>Girar vista en sentido &amp;antihorario</translation>
    </message>
    <message>
        <source>Mi&amp;rror view</source>
        <translation>&amp;Reflejar vista</translation>
    </message>
    <message>
        <source>Swap left and right, to see the values afresh</source>
        <translation>Cambiar izquierda y derecha, para ver los valores de nuevo</translation>
    </message>
    <message>
        <source>Cro&amp;p view to region</source>
        <translation>R&amp;ecortar vista a la región</translation>
    </message>
    <message>
        <source>Show only the drawn region of the photo</source>
        <translation>Mostrar solo la región dibujada de la foto</translation>
    </message>
    <message>
        <source>Show &amp;whole photo</source>
        <translation>Mostrar la foto &amp;entera</translation>
    </message>
    <message>
        <source>Show the whole photo again after a crop</source>
        <translation>Volver a mostrar la foto entera tras un recorte</translation>
    </message>
    <message>
        <source>Keep the photo as it is now, whatever happens to its file</source>
        <translation>Conservar la foto como está ahora, pase lo que pase con su archivo</translation>
    </message>
    <message>
        <source>Repla&amp;ce reference...</source>
        <translation>Ree&amp;mplazar referencia...</translation>
    </message>
    <message>
        <source>Replace the photo shown with another one</source>
        <translation>Reemplazar la foto mostrada por otra</translation>
    </message>
    <message>
        <source>Re&amp;name reference...</source>
        <translation>Ca&amp;mbiar nombre de la referencia...</translation>
    </message>
    <message>
        <source>Change the name of the photo shown</source>
        <translation>Cambiar el nombre de la foto mostrada</translation>
    </message>
    <message>
        <source>Move reference &amp;left</source>
        <translation>Mover referencia a la i&amp;zquierda</translation>
    </message>
    <message>
        <source>Move the photo shown to the left in the row</source>
        <translation>Mover la foto mostrada a la izquierda en la fila</translation>
    </message>
    <message>
        <source>Move reference &amp;right</source>
        <translation>Mover referencia a la &amp;derecha</translation>
    </message>
    <message>
        <source>Move the photo shown to the right in the row</source>
        <translation>Mover la foto mostrada a la derecha en la fila</translation>
    </message>
    <message>
        <source>&amp;Fit photo</source>
        <translation>A&amp;justar foto</translation>
    </message>
    <message>
        <source>Show the photo as large as it fits</source>
        <translation>Mostrar la foto tan grande como quepa</translation>
    </message>
    <message>
        <source>Remo&amp;ve reference</source>
        <translation>&amp;Quitar referencia</translation>
    </message>
    <message>
        <source>Remove the photo shown from the piece</source>
        <translation>Quitar de la obra la foto mostrada</translation>
    </message>
    <message>
        <source>Compare this place of the photo with what is under the pointer; press the key there again to remove the pin</source>
        <translation>Comparar este lugar de la foto con lo que hay bajo el puntero; pulsar otra vez la tecla ahí lo quita</translation>
    </message>
    <message>
        <source>Add the pinned spot and what is under the pointer as two swatches</source>
        <translation>Añadir el punto fijado y lo que hay bajo el puntero como dos muestras</translation>
    </message>
    <message>
        <source>Pin spot to compare with</source>
        <translation>Fijar punto de comparación</translation>
    </message>
    <message>
        <source>Add both spots</source>
        <translation>Añadir ambos puntos</translation>
    </message>
</context>
<context>
    <name>zc::PaintModel</name>
    <message>
        <source>Add some paints to choose from first.</source>
        <translation>Añade antes pinturas entre las que elegir.</translation>
    </message>
    <message numerus="yes">
        <source>%n paints reach %1 percent.</source>
        <translation>
            <numerusform>%n pintura alcanza el %1 por ciento.</numerusform>
            <numerusform>%n pinturas alcanzan el %1 por ciento.</numerusform>
        </translation>
    </message>
    <message>
        <source>Put at least one paint on the palette first.</source>
        <translation>Pon antes al menos una pintura en la paleta.</translation>
    </message>
    <message>
        <source>The reach of these paints is still being computed.</source>
        <translation>El alcance de estas pinturas aún se está calculando.</translation>
    </message>
    <message>
        <source>what these paints can mix</source>
        <translation>lo que estas pinturas pueden mezclar</translation>
    </message>
    <message>
        <source>what these paints can mix at value %1</source>
        <translation>lo que estas pinturas pueden mezclar a valor %1</translation>
    </message>
    <message>
        <source>Make reach the mask</source>
        <translation>Hacer del alcance la máscara</translation>
    </message>
    <message>
        <source>There is no photo to find paints for.</source>
        <translation>No hay ninguna foto para la que buscar pinturas.</translation>
    </message>
    <message numerus="yes">
        <source>Put %n paints on the palette</source>
        <translation>
            <numerusform>Poner %n pintura en la paleta</numerusform>
            <numerusform>Poner %n pinturas en la paleta</numerusform>
        </translation>
    </message>
    <message>
        <source>These paints cannot reach that much: the best %1 of them reach %2 percent.</source>
        <translation>Estas pinturas no alcanzan tanto: las %1 mejores alcanzan el %2 por ciento.</translation>
    </message>
</context>
<context>
    <name>zc::PaintsPanel</name>
    <message>
        <source>Palettes of paints on the shelf</source>
        <translation>Paletas de pinturas del estante</translation>
    </message>
    <message>
        <source> paints</source>
        <translation> pinturas</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Fuerza de %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Parar, %1 %</translation>
    </message>
    <message>
        <source>Add paint</source>
        <translation>Añadir pintura</translation>
    </message>
    <message>
        <source>Add the current color, the selected swatches or a common paint</source>
        <translation>Añadir el color actual, las muestras seleccionadas o una pintura corriente</translation>
    </message>
    <message>
        <source>Replace these paints with a palette from the shelf</source>
        <translation>Reemplazar estas pinturas por una paleta del estante</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Guardar en el estante</translation>
    </message>
    <message>
        <source>Save these paints to the shelf, under the title of the piece</source>
        <translation>Guardar estas pinturas en el estante, con el título de la obra</translation>
    </message>
    <message>
        <source>A recipe has at most this many paints, 1 to 4</source>
        <translation>Una receta tiene como mucho tantas pinturas, de 1 a 4</translation>
    </message>
    <message>
        <source>Use mixture</source>
        <translation>Usar mezcla</translation>
    </message>
    <message>
        <source>Make the color of the recipe the current color</source>
        <translation>Hacer actual el color de la receta</translation>
    </message>
    <message>
        <source>show reach</source>
        <translation>mostrar alcance</translation>
    </message>
    <message>
        <source>Show on wheel, hue section and value rail which colors the paints on the palette can mix</source>
        <translation>Mostrar en círculo, sección de tono y riel de valor qué colores pueden mezclar las pinturas de la paleta</translation>
    </message>
    <message>
        <source>with white and black</source>
        <translation>con blanco y negro</translation>
    </message>
    <message>
        <source>Titanium white and bone black mix along, even if they are not on the palette</source>
        <translation>El blanco de titanio y el negro de hueso se mezclan también, aunque no estén en la paleta</translation>
    </message>
    <message>
        <source>Make it the mask</source>
        <translation>Hacerlo máscara</translation>
    </message>
    <message>
        <source>At this value</source>
        <translation>A este valor</translation>
    </message>
    <message>
        <source>Make the colors within reach at the current value the mask</source>
        <translation>Hacer máscara los colores al alcance al valor actual</translation>
    </message>
    <message>
        <source>At every value</source>
        <translation>A todos los valores</translation>
    </message>
    <message>
        <source>Make the colors within reach at any value the mask</source>
        <translation>Hacer máscara los colores al alcance a cualquier valor</translation>
    </message>
    <message>
        <source>Percent of the colors that the paints must reach</source>
        <translation>Por ciento de los colores que las pinturas deben alcanzar</translation>
    </message>
    <message>
        <source>A color counts as reached within this difference (CIEDE2000)</source>
        <translation>Un color cuenta como alcanzado hasta esta diferencia (CIEDE2000)</translation>
    </message>
    <message>
        <source>Find for photo</source>
        <translation>Buscar para la foto</translation>
    </message>
    <message>
        <source>Find the fewest paints that reach this share of the photo, and put them on the palette</source>
        <translation>Buscar las menos pinturas que alcanzan esta parte de la foto y ponerlas en la paleta</translation>
    </message>
    <message>
        <source>Find for set</source>
        <translation>Buscar para el conjunto</translation>
    </message>
    <message>
        <source>Find the fewest paints that reach this share of the set, and put them on the palette</source>
        <translation>Buscar las menos pinturas que alcanzan esta parte del conjunto y ponerlas en la paleta</translation>
    </message>
    <message>
        <source>From shelf</source>
        <translation>Del estante</translation>
    </message>
    <message>
        <source>Use paints &quot;%1&quot;</source>
        <translation>Usar las pinturas &quot;%1&quot;</translation>
    </message>
    <message>
        <source>The paints were saved to the shelf as &quot;%1&quot;.</source>
        <translation>Las pinturas se guardaron en el estante como &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Add paint %1</source>
        <translation>Añadir la pintura %1</translation>
    </message>
    <message>
        <source>Current color</source>
        <translation>Color actual</translation>
    </message>
    <message>
        <source>Selected swatches</source>
        <translation>Muestras seleccionadas</translation>
    </message>
    <message>
        <source>Add selected swatches as paints</source>
        <translation>Añadir las muestras seleccionadas como pinturas</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>%1, mixed by a drawn reflectance curve: %2. Press to put it on the palette or take it off.</source>
        <translation>%1, mezclada con una curva de reflectancia dibujada: %2. Pulsa para ponerla en la paleta o quitarla.</translation>
    </message>
    <message>
        <source>%1, mixed by the smoothest reflectance curve of its color. Press to put it on the palette or take it off.</source>
        <translation>%1, mezclada con la curva de reflectancia más suave de su color. Pulsa para ponerla en la paleta o quitarla.</translation>
    </message>
    <message>
        <source>Put paint on palette</source>
        <translation>Poner pintura en la paleta</translation>
    </message>
    <message>
        <source>Take paint off palette</source>
        <translation>Quitar pintura de la paleta</translation>
    </message>
    <message>
        <source>Tinting strength: how strongly one part of the paint colors a mixture</source>
        <translation>Fuerza de tinción: cuánto tiñe una mezcla una parte de la pintura</translation>
    </message>
    <message>
        <source>Change strength of paint</source>
        <translation>Cambiar fuerza de pintura</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Remove %1 from the list</source>
        <translation>Quitar %1 de la lista</translation>
    </message>
    <message>
        <source>Remove paint</source>
        <translation>Quitar pintura</translation>
    </message>
    <message>
        <source>Rename paint</source>
        <translation>Cambiar nombre de pintura</translation>
    </message>
    <message>
        <source>Type another name for the paint</source>
        <translation>Escribe otro nombre para la pintura</translation>
    </message>
    <message>
        <source>Set to current color</source>
        <translation>Poner el color actual</translation>
    </message>
    <message>
        <source>From now on the paint mixes by the smoothest reflectance curve of the current color</source>
        <translation>Desde ahora la pintura se mezcla con la curva de reflectancia más suave del color actual</translation>
    </message>
    <message>
        <source>Change color of paint</source>
        <translation>Cambiar color de pintura</translation>
    </message>
    <message>
        <source>Move paint</source>
        <translation>Mover pintura</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Subir</translation>
    </message>
    <message>
        <source>Move this paint before the one above</source>
        <translation>Poner esta pintura antes de la de arriba</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Bajar</translation>
    </message>
    <message>
        <source>Move this paint after the one below</source>
        <translation>Poner esta pintura después de la de abajo</translation>
    </message>
    <message>
        <source>No paints yet. A few paints limit a piece as a mask does: add the current color, swatches or common paints.</source>
        <translation>Aún no hay pinturas. Pocas pinturas limitan una obra como una máscara: añade el color actual, muestras o pinturas corrientes.</translation>
    </message>
    <message>
        <source>Put paints on the palette to see recipes.</source>
        <translation>Pon pinturas en la paleta para ver recetas.</translation>
    </message>
    <message>
        <source>%1; differs by %2</source>
        <translation>%1; difiere en %2</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, so the nearest is used</source>
        <translation>; ninguna pintura tiene el color de %1, se usa la más cercana</translation>
    </message>
    <message>
        <source>comparing with set and photo</source>
        <translation>comparando con el conjunto y la foto</translation>
    </message>
    <message>
        <source>within reach: %1 of %2 swatches, %3 % of the photo</source>
        <translation>al alcance: %1 de %2 muestras, %3 % de la foto</translation>
    </message>
    <message>
        <source>within reach: %1 of %2 swatches</source>
        <translation>al alcance: %1 de %2 muestras</translation>
    </message>
    <message>
        <source>Recipe for the current color</source>
        <translation>Receta para el color actual</translation>
    </message>
    <message>
        <source>What these paints can mix</source>
        <translation>Qué pueden mezclar estas pinturas</translation>
    </message>
    <message>
        <source>Fewest paints</source>
        <translation>Menos pinturas</translation>
    </message>
    <message>
        <source>of the colors within</source>
        <translation>de los colores hasta</translation>
    </message>
    <message>
        <source>There is no recipe yet. Put paints on the palette first.</source>
        <translation>Aún no hay receta. Pon antes pinturas en la paleta.</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Como máximo</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Alcanzar</translation>
    </message>
</context>
<context>
    <name>zc::PairsPanel</name>
    <message>
        <source>Where each swatch moves to</source>
        <translation>Adónde se mueve cada muestra</translation>
    </message>
    <message>
        <source>The swatch that %1 moves to</source>
        <translation>La muestra a la que se mueve %1</translation>
    </message>
    <message>
        <source>Choose the swatch that this one moves to</source>
        <translation>Elegir la muestra a la que se mueve esta</translation>
    </message>
    <message>
        <source>Choose a set or a version to move to.</source>
        <translation>Elige un conjunto o una versión de destino.</translation>
    </message>
</context>
<context>
    <name>zc::PaletteService</name>
    <message>
        <source>A display cannot show this color; give one that it can.</source>
        <translation>Ninguna pantalla muestra este color; da uno que sí.</translation>
    </message>
    <message>
        <source>The piece has no set &quot;%1&quot;.</source>
        <translation>La obra no tiene el conjunto &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>This text is too long for a color; give the color as #rrggbb.</source>
        <translation>Este texto es demasiado largo para un color; da el color como #rrggbb.</translation>
    </message>
    <message>
        <source>Add swatch</source>
        <translation>Añadir muestra</translation>
    </message>
    <message>
        <source>The mask encloses nothing.</source>
        <translation>La máscara no encierra nada.</translation>
    </message>
    <message>
        <source>There is no measure &quot;%1&quot;; give one of %2.</source>
        <translation>No hay medida &quot;%1&quot;; da una de %2.</translation>
    </message>
    <message>
        <source>There is no shape &quot;%1&quot;; give column, strip or nothing.</source>
        <translation>No hay forma &quot;%1&quot;; da column, strip o nada.</translation>
    </message>
    <message>
        <source>Zonachrom is in the middle of a dialog, a menu or a drag; finish that first.</source>
        <translation>Zonachrom tiene un diálogo, un menú o un arrastre a medias; termínalo primero.</translation>
    </message>
    <message>
        <source>Zonachrom is opening or saving a piece; try again.</source>
        <translation>Zonachrom está abriendo o guardando una obra; inténtelo de nuevo.</translation>
    </message>
</context>
<context>
    <name>zc::ParcelPanel</name>
    <message>
        <source>Pack for others</source>
        <translation>Reunir para otros</translation>
    </message>
    <message>
        <source>From others</source>
        <translation>De otros</translation>
    </message>
    <message>
        <source>the mask</source>
        <translation>la máscara</translation>
    </message>
    <message>
        <source>the paints</source>
        <translation>las pinturas</translation>
    </message>
    <message>
        <source>the pattern of lines</source>
        <translation>el patrón de líneas</translation>
    </message>
    <message>
        <source>the press profile</source>
        <translation>el perfil de imprenta</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, from %2: %3</source>
        <translation>%1, de %2: %3</translation>
    </message>
    <message>
        <source>mask: %1</source>
        <translation>máscara: %1</translation>
    </message>
    <message>
        <source>pattern of lines: %1</source>
        <translation>patrón de líneas: %1</translation>
    </message>
    <message>
        <source>a press profile</source>
        <translation>un perfil de imprenta</translation>
    </message>
    <message>
        <source>new: %1</source>
        <translation>nuevo: %1</translation>
    </message>
    <message>
        <source>Nothing new in %1.</source>
        <translation>Nada nuevo en %1.</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n muestra</numerusform>
            <numerusform>%1, %n muestras</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n paints: %1</source>
        <translation>
            <numerusform>%n pintura: %1</numerusform>
            <numerusform>%n pinturas: %1</numerusform>
        </translation>
    </message>
    <message>
        <source>Pack parcel</source>
        <translation>Preparar paquete</translation>
    </message>
    <message>
        <source>Write everything ticked to one file for someone else</source>
        <translation>Escribir todo lo marcado en un archivo para otra persona</translation>
    </message>
    <message>
        <source>Open parcel</source>
        <translation>Abrir paquete</translation>
    </message>
    <message>
        <source>See what a parcel holds before anything is saved</source>
        <translation>Ver qué contiene un paquete antes de guardar nada</translation>
    </message>
    <message>
        <source>New parcels in this folder are listed here; nothing is saved without asking</source>
        <translation>Los paquetes nuevos de esta carpeta se listan aquí; nada se guarda sin preguntar</translation>
    </message>
    <message>
        <source>Include in the parcel: %1</source>
        <translation>Incluir en el paquete: %1</translation>
    </message>
    <message>
        <source>Save to the shelf: %1</source>
        <translation>Guardar en el estante: %1</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Guardar en el estante</translation>
    </message>
    <message>
        <source>Save everything ticked to the shelf; what is already there stays as it is</source>
        <translation>Guardar en el estante todo lo marcado; lo que ya está queda como está</translation>
    </message>
    <message>
        <source>A new parcel has arrived: %1. Share, Parcel shows it.</source>
        <translation>Ha llegado un paquete nuevo: %1. Se ve en Compartir, Paquete.</translation>
    </message>
    <message>
        <source>Open this parcel</source>
        <translation>Abrir este paquete</translation>
    </message>
    <message>
        <source>Watch a shared folder</source>
        <translation>Vigilar una carpeta común</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Para</translation>
    </message>
    <message>
        <source>What the parcel is for</source>
        <translation>Para qué es el paquete</translation>
    </message>
    <message>
        <source>From</source>
        <translation>De</translation>
    </message>
    <message>
        <source>Who the parcel is from</source>
        <translation>De quién es el paquete</translation>
    </message>
</context>
<context>
    <name>zc::PatternPanel</name>
    <message>
        <source>Patterns</source>
        <translation>Patrones</translation>
    </message>
    <message>
        <source>Base hue of the pattern</source>
        <translation>Tono base del patrón</translation>
    </message>
    <message>
        <source>Spread of the pattern</source>
        <translation>Amplitud del patrón</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>usual</translation>
    </message>
    <message>
        <source>Mask turned by</source>
        <translation>Máscara girada</translation>
    </message>
    <message>
        <source>How far the mask is turned; drag outside the rim to turn it by hand, or press Ctrl+Left and Ctrl+Right on the wheel</source>
        <translation>Cuánto está girada la máscara; arrastra fuera del borde para girarla a mano, o pulsa Ctrl+Izquierda y Ctrl+Derecha en el círculo</translation>
    </message>
    <message>
        <source>colors</source>
        <translation>los colores</translation>
    </message>
    <message>
        <source>Make a mask of this pattern, starting at the base hue</source>
        <translation>Hacer una máscara de este patrón, desde el tono base</translation>
    </message>
    <message>
        <source>Angle of the first hue of the next pattern, clockwise from the top</source>
        <translation>Ángulo del primer tono del próximo patrón, en sentido horario desde arriba</translation>
    </message>
    <message>
        <source>Width of the hues of the next pattern, 0 to 120°; &quot;usual&quot; is the pattern&apos;s own width</source>
        <translation>Ancho de los tonos del próximo patrón, de 0 a 120°; &quot;usual&quot; es el ancho propio del patrón</translation>
    </message>
    <message>
        <source>turn the set along</source>
        <translation>girar también el conjunto</translation>
    </message>
    <message>
        <source>When the mask is turned, turn the hues of the current set as well; saturation and value stay</source>
        <translation>Al girar la máscara, girar también los tonos del conjunto actual; saturación y valor quedan</translation>
    </message>
    <message>
        <source>Use current hue</source>
        <translation>Usar el tono actual</translation>
    </message>
    <message>
        <source>Start the next pattern at the hue of the current color</source>
        <translation>Empezar el próximo patrón en el tono del color actual</translation>
    </message>
    <message>
        <source>First hue</source>
        <translation>Primer tono</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Ancho</translation>
    </message>
    <message>
        <source>On a new wheel the mask keeps its colors</source>
        <translation>En un círculo nuevo la máscara conserva sus colores</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>el contorno</translation>
    </message>
    <message>
        <source>On a new wheel the mask keeps its outline</source>
        <translation>En un círculo nuevo la máscara conserva su contorno</translation>
    </message>
    <message>
        <source>On a new wheel keep</source>
        <translation>En un círculo nuevo conservar</translation>
    </message>
    <message>
        <source>Make %1 mask</source>
        <translation>Hacer máscara: %1</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Aún no hay máscara. Elige un patrón en Limitar o dibuja un área.</translation>
    </message>
    <message>
        <source>Set the first hue and width of patterns, turn the mask, choose what it keeps on a new wheel</source>
        <translation>Fijar el primer tono y el ancho de los patrones, girar la máscara, elegir qué conserva en otro círculo</translation>
    </message>
</context>
<context>
    <name>zc::PhotoIntake</name>
    <message>
        <source>Replace reference</source>
        <translation>Sustituir referencia</translation>
    </message>
    <message>
        <source>Add reference</source>
        <translation>Añadir referencia</translation>
    </message>
</context>
<context>
    <name>zc::PhotoView</name>
    <message>
        <source>Opening %1, %2 %</source>
        <translation>Abriendo %1, %2 %</translation>
    </message>
    <message>
        <source>%1 Click to try again.</source>
        <translation>%1 Un clic lo intenta otra vez.</translation>
    </message>
    <message>
        <source>Reference photo</source>
        <translation>Foto de referencia</translation>
    </message>
    <message>
        <source>%1, %2 × %3 pixels</source>
        <translation>%1, %2 × %3 píxeles</translation>
    </message>
    <message>
        <source>Result: %1, at %2 × %3</source>
        <translation>Resultado: %1, en %2 × %3</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Remove result</source>
        <translation>Quitar resultado</translation>
    </message>
    <message>
        <source>Click or drag to sample, with Ctrl to add to the set. Scroll to zoom, with Shift for the sample size; hold Space and drag to pan.</source>
        <translation>Clic o arrastre toma una muestra, con Ctrl la añade al conjunto. La rueda amplía, con Mayús cambia el tamaño de muestra; Espacio y arrastre desplaza.</translation>
    </message>
    <message>
        <source>Draw a region on the photo first.</source>
        <translation>Dibuja antes una región en la foto.</translation>
    </message>
    <message>
        <source>Look at a photo here, pick its colors, take a palette from it. Drop one, paste one, or add it.</source>
        <translation>Mira aquí una foto, elige sus colores, saca de ella una paleta. Suéltala, pégala o añádela.</translation>
    </message>
    <message>
        <source>Pinned spot: %1, at %2 × %3</source>
        <translation>Punto fijado: %1, en %2 × %3</translation>
    </message>
    <message>
        <source>Point at the photo, or sample a color of it, to pin a spot.</source>
        <translation>Apunta a la foto, o toma un color de ella, para fijar un punto.</translation>
    </message>
    <message>
        <source>Pin a spot first, then point at another one to add both.</source>
        <translation>Fija antes un punto y apunta luego a otro para añadir ambos.</translation>
    </message>
</context>
<context>
    <name>zc::PickDesk</name>
    <message>
        <source>Paints</source>
        <translation>Pinturas</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pasos</translation>
    </message>
    <message>
        <source>Ramp</source>
        <translation>Gradación</translation>
    </message>
    <message>
        <source>Make a graded row of colors from the current color</source>
        <translation>Hacer una fila graduada a partir del color actual</translation>
    </message>
    <message>
        <source>Mix</source>
        <translation>Mezcla</translation>
    </message>
    <message>
        <source>Choose a few paints, see what they can mix, and get recipes</source>
        <translation>Elegir pocas pinturas, ver qué pueden mezclar y obtener recetas</translation>
    </message>
    <message>
        <source>Pick in steps of hue, saturation and value</source>
        <translation>Elegir por pasos de tono, saturación y valor</translation>
    </message>
    <message>
        <source>Mix two to four colors by hand; drop a swatch here to mix it</source>
        <translation>Mezclar a mano de dos a cuatro colores; suelta aquí una muestra para mezclarla</translation>
    </message>
</context>
<context>
    <name>zc::PickMenu</name>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Elegir</translation>
    </message>
    <message>
        <source>Raise the value by one</source>
        <translation>Subir el valor en uno</translation>
    </message>
    <message>
        <source>Lower the value by one</source>
        <translation>Bajar el valor en uno</translation>
    </message>
    <message>
        <source>Lower the saturation by a hundredth</source>
        <translation>Bajar la saturación una centésima</translation>
    </message>
    <message>
        <source>Raise the saturation by a hundredth</source>
        <translation>Subir la saturación una centésima</translation>
    </message>
    <message>
        <source>Zoom &amp;in</source>
        <translation>A&amp;cercar</translation>
    </message>
    <message>
        <source>Enlarge the wheel around the current color (+, or Ctrl and the wheel)</source>
        <translation>Agrandar el círculo en torno al color actual (+, o Ctrl y la rueda)</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Ale&amp;jar</translation>
    </message>
    <message>
        <source>Show more of the wheel (-)</source>
        <translation>Mostrar más del círculo (-)</translation>
    </message>
    <message>
        <source>Add as a &amp;paint</source>
        <translation>Añadir como &amp;pintura</translation>
    </message>
    <message>
        <source>Make &amp;lighter</source>
        <translation>Hacer más &amp;claro</translation>
    </message>
    <message>
        <source>Make &amp;darker</source>
        <translation>Hacer más &amp;oscuro</translation>
    </message>
    <message>
        <source>Make &amp;greyer</source>
        <translation>Hacer más &amp;gris</translation>
    </message>
    <message>
        <source>Make more &amp;saturated</source>
        <translation>Hacer más &amp;saturado</translation>
    </message>
    <message>
        <source>Show &amp;whole wheel</source>
        <translation>Mostrar círculo &amp;entero</translation>
    </message>
    <message>
        <source>Show the whole wheel again (0)</source>
        <translation>Volver a mostrar el círculo entero (0)</translation>
    </message>
    <message>
        <source>P&amp;in relation</source>
        <translation>&amp;Fijar relación</translation>
    </message>
    <message>
        <source>Leave the related hues where they are while you pick</source>
        <translation>Dejar los tonos relacionados donde están mientras eliges</translation>
    </message>
    <message>
        <source>Add colors of &amp;relation</source>
        <translation>Añadir colores de la &amp;relación</translation>
    </message>
    <message>
        <source>Add the current color and the hues related to it as a family</source>
        <translation>Añadir el color actual y los tonos relacionados como familia</translation>
    </message>
    <message>
        <source>Mi&amp;x current color</source>
        <translation>&amp;Mezclar el color actual</translation>
    </message>
    <message>
        <source>Add the current color to the mixing field</source>
        <translation>Añadir el color actual al campo de mezcla</translation>
    </message>
    <message>
        <source>The field already has four colors. Drop the new color on one of them.</source>
        <translation>El campo ya tiene cuatro colores. Suelta el nuevo sobre uno de ellos.</translation>
    </message>
    <message>
        <source>Add the current color to the paints</source>
        <translation>Añadir el color actual a las pinturas</translation>
    </message>
    <message>
        <source>Add paint</source>
        <translation>Añadir pintura</translation>
    </message>
    <message>
        <source>Show rea&amp;ch of paints</source>
        <translation>Mostrar el al&amp;cance de las pinturas</translation>
    </message>
    <message>
        <source>Draw a dashed line around what the paints on the palette can mix</source>
        <translation>Trazar una línea discontinua alrededor de lo que pueden mezclar las pinturas de la paleta</translation>
    </message>
    <message>
        <source>Ma&amp;ke reach the mask</source>
        <translation>&amp;Hacer del alcance la máscara</translation>
    </message>
    <message>
        <source>Make what the paints can mix at this value the mask</source>
        <translation>Hacer máscara lo que las pinturas pueden mezclar a este valor</translation>
    </message>
    <message>
        <source>Use %1 hues</source>
        <translation>Usar %1 tonos</translation>
    </message>
    <message>
        <source>Use smooth hues</source>
        <translation>Usar tonos continuos</translation>
    </message>
    <message>
        <source>Pick in this many steps of hue, or without steps</source>
        <translation>Elegir en tantos pasos de tono, o sin pasos</translation>
    </message>
    <message>
        <source>Add &amp;ladder of relation</source>
        <translation>Añadir &amp;escala de la relación</translation>
    </message>
    <message>
        <source>Add a ramp for each hue of the relation as families: from dark to light through its strongest color, no two steps at one value</source>
        <translation>Añadir una gradación por cada tono de la relación como familia: de oscuro a claro por su color más intenso, sin dos pasos en un mismo valor</translation>
    </message>
    <message>
        <source>Show &amp;all relations</source>
        <translation>Mostrar &amp;todas las relaciones</translation>
    </message>
    <message>
        <source>Show all relations of the color on the rim of the wheel, to choose one there</source>
        <translation>Mostrar todas las relaciones del color en el borde del círculo, para elegir una allí</translation>
    </message>
    <message>
        <source>Draw a dotted line around what the chosen press prints</source>
        <translation>Dibujar una línea de puntos alrededor de lo que imprime la imprenta elegida</translation>
    </message>
    <message>
        <source>Show reach of press</source>
        <translation>Mostrar lo imprimible</translation>
    </message>
</context>
<context>
    <name>zc::Picking</name>
    <message>
        <source>A display cannot show this color. The nearest color of its value and hue was used.</source>
        <translation>Una pantalla no puede mostrar este color. Se usó el más cercano de su valor y tono.</translation>
    </message>
    <message>
        <source>The row is removed. Its colors are among the recent ones.</source>
        <translation>La fila se ha quitado. Sus colores están entre los recientes.</translation>
    </message>
</context>
<context>
    <name>zc::PieceStore</name>
    <message>
        <source>Nothing was changed, because the change would damage the piece. %1</source>
        <translation>No se cambió nada, porque el cambio dañaría la obra. %1</translation>
    </message>
</context>
<context>
    <name>zc::PlaceGroup</name>
    <message>
        <source>Hue</source>
        <translation>Tono</translation>
    </message>
    <message>
        <source>Hue on the wheel</source>
        <translation>Tono en el círculo</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Saturación</translation>
    </message>
    <message>
        <source>Saturation on the wheel</source>
        <translation>Saturación en el círculo</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Value: true lightness, L*</source>
        <translation>Valor: luminosidad fiel, L*</translation>
    </message>
    <message>
        <source>%1: type, scroll or drag, with Shift in tens, with Alt in tenths</source>
        <translation>%1: escribe, gira o arrastra, con Mayús de diez en diez, con Alt en décimas</translation>
    </message>
</context>
<context>
    <name>zc::PlanPanel</name>
    <message>
        <source>at one value</source>
        <translation>a un valor</translation>
    </message>
    <message>
        <source>a row of values</source>
        <translation>una fila de valores</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Cada tono al valor en que es más fuerte</translation>
    </message>
    <message>
        <source> pixels</source>
        <translation> píxeles</translation>
    </message>
    <message>
        <source>in steps</source>
        <translation>por pasos</translation>
    </message>
    <message>
        <source>without labels</source>
        <translation>sin rótulos</translation>
    </message>
    <message>
        <source>Value of the disc, L*</source>
        <translation>Valor del disco, L*</translation>
    </message>
    <message>
        <source>Number of values in the row, 3 to 11</source>
        <translation>Número de valores en la fila, de 3 a 11</translation>
    </message>
    <message>
        <source>Width of a disc in pixels, 16 to 8192</source>
        <translation>Ancho de un disco en píxeles, de 16 a 8192</translation>
    </message>
    <message>
        <source>A picture of the wheel with its mask, for a layer of your canvas. Outside the mask it is nearly transparent, outside the disc fully.</source>
        <translation>Una imagen del círculo con su máscara, para una capa del lienzo. Fuera de la máscara es casi transparente, fuera del disco del todo.</translation>
    </message>
    <message>
        <source>Save wheel</source>
        <translation>Guardar círculo</translation>
    </message>
    <message>
        <source>Save as PNG with a transparent background, or only the outlines as SVG</source>
        <translation>Guardar como PNG con fondo transparente, o solo los contornos como SVG</translation>
    </message>
    <message>
        <source>Copy wheel</source>
        <translation>Copiar círculo</translation>
    </message>
    <message>
        <source>Copy the picture, to paste it into any program</source>
        <translation>Copiar la imagen para pegarla en cualquier programa</translation>
    </message>
    <message>
        <source>Draw the disc in the steps of the wheel; without steps, in twelve hues and eight saturations</source>
        <translation>Dibujar el disco en los pasos del círculo; sin pasos, en doce tonos y ocho saturaciones</translation>
    </message>
    <message>
        <source>Draw only the disc, filling the square, without names and lines</source>
        <translation>Dibujar solo el disco, llenando el cuadrado, sin nombres ni líneas</translation>
    </message>
    <message>
        <source>Show one disc at one value</source>
        <translation>Mostrar un disco a un valor</translation>
    </message>
    <message>
        <source>Show several discs from dark to light</source>
        <translation>Mostrar varios discos de oscuro a claro</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Number of values</source>
        <translation>Número de valores</translation>
    </message>
    <message>
        <source>Width and height</source>
        <translation>Ancho y alto</translation>
    </message>
    <message>
        <source>The limit in other pickers</source>
        <translation>El límite en otros selectores</translation>
    </message>
    <message>
        <source>Picker of your painting program</source>
        <translation>Selector de tu programa de pintura</translation>
    </message>
    <message>
        <source>The model that the picker of your painting program turns; the best fit comes first</source>
        <translation>El modelo que mueve el selector de tu programa de pintura; primero el que mejor encaja</translation>
    </message>
    <message>
        <source>Picker</source>
        <translation>Selector</translation>
    </message>
    <message>
        <source>There is no mask in use.</source>
        <translation>No hay máscara en uso.</translation>
    </message>
    <message>
        <source>Without a mask every hue and saturation is allowed.</source>
        <translation>Sin máscara se permite todo tono y saturación.</translation>
    </message>
    <message>
        <source>luma and chroma (BT.709)</source>
        <translation>luma y croma (BT.709)</translation>
    </message>
    <message>
        <source>Corners at value %1:</source>
        <translation>Esquinas a valor %1:</translation>
    </message>
</context>
<context>
    <name>zc::PressModel</name>
    <message>
        <source>Every swatch prints as it is.</source>
        <translation>Todas las muestras se imprimen como son.</translation>
    </message>
    <message>
        <source>before the press</source>
        <translation>antes de la imprenta</translation>
    </message>
    <message>
        <source>The swatches that do not print are locked. Unlock them first.</source>
        <translation>Las muestras que no se imprimen están bloqueadas. Desbloquéalas antes.</translation>
    </message>
    <message>
        <source>Use printable color</source>
        <translation>Usar color imprimible</translation>
    </message>
    <message>
        <source>Use %1 printable colors</source>
        <translation>Usar %1 colores imprimibles</translation>
    </message>
</context>
<context>
    <name>zc::PressPanel</name>
    <message>
        <source>Profile of the press</source>
        <translation>Perfil de la imprenta</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Sin imprenta</translation>
    </message>
    <message>
        <source>%1, %2: %3 % ink in all</source>
        <translation>%1, %2: %3 % de tinta en total</translation>
    </message>
    <message numerus="yes">
        <source>All %n swatches print as they are.</source>
        <translation>
            <numerusform>La %n muestra se imprime como es.</numerusform>
            <numerusform>Las %n muestras se imprimen como son.</numerusform>
        </translation>
    </message>
    <message>
        <source>A color counts as printable within this difference (CIEDE2000)</source>
        <translation>Un color cuenta como imprimible hasta esta diferencia (CIEDE2000)</translation>
    </message>
    <message>
        <source>show as printed</source>
        <translation>mostrar como impreso</translation>
    </message>
    <message>
        <source>with the paper&apos;s white</source>
        <translation>con el blanco del papel</translation>
    </message>
    <message>
        <source>The ICC profile of the press. The print shop can give you theirs.</source>
        <translation>El perfil ICC de la imprenta. La imprenta puede darte el suyo.</translation>
    </message>
    <message>
        <source>Add profile</source>
        <translation>Añadir perfil</translation>
    </message>
    <message>
        <source>Add the ICC profile of a four-color press to the shelf</source>
        <translation>Añadir al estante el perfil ICC de una imprenta de cuatro tintas</translation>
    </message>
    <message>
        <source>Show sheet, staff and Try as this press prints them</source>
        <translation>Mostrar hoja, pentagrama y Probar como los imprime esta imprenta</translation>
    </message>
    <message>
        <source>Show the white and black of the paper as well</source>
        <translation>Mostrar también el blanco y negro del papel</translation>
    </message>
    <message>
        <source>Choose a press to see which swatches it prints. The built-in profile is a good guess for coated paper; the profile of your print shop is better.</source>
        <translation>Elige una imprenta para ver qué muestras imprime. El perfil incluido es una buena estimación para papel estucado; el de tu imprenta es mejor.</translation>
    </message>
    <message>
        <source>Computing what prints...</source>
        <translation>Calculando qué se imprime...</translation>
    </message>
    <message>
        <source>%1, differs by %2</source>
        <translation>%1, difiere en %2</translation>
    </message>
    <message>
        <source>, more than the %1 % this press allows</source>
        <translation>, más del %1 % que admite esta imprenta</translation>
    </message>
    <message>
        <source>The nearest printable color of the same value; it differs by %1</source>
        <translation>El color imprimible más cercano de igual valor; difiere en %1</translation>
    </message>
    <message>
        <source>The nearest printable color, at another value; it differs by %1</source>
        <translation>El color imprimible más cercano, de otro valor; difiere en %1</translation>
    </message>
    <message>
        <source>Use printable color</source>
        <translation>Usar color imprimible</translation>
    </message>
    <message>
        <source>Replace the swatch with the nearest printable color; the set before it is saved as a version</source>
        <translation>Reemplazar la muestra por el color imprimible más cercano; el conjunto anterior se guarda como versión</translation>
    </message>
    <message>
        <source>%1 of %2 swatches cannot be printed as they are.</source>
        <translation>%1 de %2 muestras no se pueden imprimir como son.</translation>
    </message>
    <message>
        <source>Use all printable colors</source>
        <translation>Usar todos los colores imprimibles</translation>
    </message>
    <message>
        <source>Replace all of them in one step; the set before it is saved as a version</source>
        <translation>Reemplazarlas todas en un paso; el conjunto anterior se guarda como versión</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Elige antes una imprenta.</translation>
    </message>
    <message>
        <source>Choose a press and tick &quot;show as printed&quot; first.</source>
        <translation>Elige antes una imprenta y marca &quot;mostrar como impreso&quot;.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches need more than %1 % ink.</source>
        <translation>
            <numerusform>%n muestra necesita más del %1 % de tinta.</numerusform>
            <numerusform>%n muestras necesitan más del %1 % de tinta.</numerusform>
        </translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Imprenta</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Tolerancia</translation>
    </message>
    <message>
        <source>Written as %1.</source>
        <translation>Escrito como %1.</translation>
    </message>
</context>
<context>
    <name>zc::RailView</name>
    <message>
        <source>Value rail</source>
        <translation>Riel de valor</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Limit %1 of the flat tones</source>
        <translation>Límite %1 de los tonos planos</translation>
    </message>
    <message>
        <source>Drag to set the value. Scroll, or press Up and Down, to change it by one, with Shift by ten, with Alt by a tenth.</source>
        <translation>Arrastra para fijar el valor. La rueda o Arriba y Abajo lo cambian en uno, con Mayús en diez, con Alt en una décima.</translation>
    </message>
</context>
<context>
    <name>zc::RampPanel</name>
    <message>
        <source>tints</source>
        <translation>tintes</translation>
    </message>
    <message>
        <source>shades</source>
        <translation>sombras</translation>
    </message>
    <message>
        <source>tones</source>
        <translation>agrisados</translation>
    </message>
    <message>
        <source>Number of steps, 2 to 24</source>
        <translation>Número de pasos, de 2 a 24</translation>
    </message>
    <message>
        <source>even in value</source>
        <translation>igual en valor</translation>
    </message>
    <message>
        <source>even to the eye</source>
        <translation>igual a la vista</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; llevado a la máscara</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Kind of ramp</source>
        <translation>Tipo de gradación</translation>
    </message>
    <message>
        <source>Choose how the ramp runs from the current color</source>
        <translation>Elegir cómo va la gradación desde el color actual</translation>
    </message>
    <message>
        <source>Other end of the ramp</source>
        <translation>Otro extremo de la gradación</translation>
    </message>
    <message>
        <source>The color at the other end, or the color of the haze</source>
        <translation>El color del otro extremo, o el color de la bruma</translation>
    </message>
    <message>
        <source>Path of the ramp</source>
        <translation>Camino de la gradación</translation>
    </message>
    <message>
        <source>How the ramp leads to its other end</source>
        <translation>Cómo va la gradación a su otro extremo</translation>
    </message>
    <message>
        <source>Steps of the ramp</source>
        <translation>Pasos de la gradación</translation>
    </message>
    <message>
        <source>Spacing of the steps</source>
        <translation>Espaciado de los pasos</translation>
    </message>
    <message>
        <source>Space the steps evenly in value, or evenly to the eye (CIEDE2000)</source>
        <translation>Espaciar los pasos por igual en valor, o por igual para el ojo (CIEDE2000)</translation>
    </message>
    <message>
        <source>keep in mask</source>
        <translation>mantener en la máscara</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Añadir todos</translation>
    </message>
    <message>
        <source>Move steps outside the mask to the nearest color inside; these steps are marked with a dot</source>
        <translation>Llevar los pasos de fuera de la máscara al color más cercano de dentro; se marcan con un punto</translation>
    </message>
    <message>
        <source>toward the distance</source>
        <translation>hacia la lejanía</translation>
    </message>
    <message>
        <source>
Click to use the color, Ctrl+click to add it to the set.</source>
        <translation>
Clic usa el color, Ctrl+clic lo añade al conjunto.</translation>
    </message>
    <message>
        <source>%1 moved into the mask</source>
        <translation>%1 llevados a la máscara</translation>
    </message>
    <message>
        <source>%1 do not exist on a display; the nearest color is shown</source>
        <translation>%1 no existen en una pantalla; se muestra el color más cercano</translation>
    </message>
    <message>
        <source>even values</source>
        <translation>valores iguales</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Tipo</translation>
    </message>
    <message>
        <source>To</source>
        <translation>A</translation>
    </message>
    <message>
        <source>Path</source>
        <translation>Camino</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pasos</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Espaciado</translation>
    </message>
    <message>
        <source>There is no mask in use. Make one at Limit.</source>
        <translation>No hay máscara en uso. Haz una en Limitar.</translation>
    </message>
    <message>
        <source>Start of the ramp</source>
        <translation>Inicio de la gradación</translation>
    </message>
    <message>
        <source>The color that the ramp starts from</source>
        <translation>El color del que parte la gradación</translation>
    </message>
    <message>
        <source>Relation of the ladder</source>
        <translation>Relación de la escala</translation>
    </message>
    <message>
        <source>Which hues have a ramp each: the current color&apos;s and those related to it</source>
        <translation>Qué tonos tienen cada uno su gradación: el del color actual y los relacionados con él</translation>
    </message>
    <message>
        <source>Darkest value of the ramp</source>
        <translation>Valor más oscuro de la gradación</translation>
    </message>
    <message>
        <source>The value where the ramp ends in the dark; 0 is black</source>
        <translation>El valor en que la gradación acaba en lo oscuro; 0 es negro</translation>
    </message>
    <message>
        <source>Lightest value of the ramp</source>
        <translation>Valor más claro de la gradación</translation>
    </message>
    <message>
        <source>The value where the ramp ends in the light; 100 is white</source>
        <translation>El valor en que la gradación acaba en lo claro; 100 es blanco</translation>
    </message>
    <message>
        <source>Saturation of the ladder</source>
        <translation>Saturación de la escala</translation>
    </message>
    <message>
        <source>How much of the saturation that each hue has where it is strongest</source>
        <translation>Cuánto de la saturación que cada tono tiene donde es más intenso</translation>
    </message>
    <message>
        <source>preview on staff and wheel</source>
        <translation>ver en pentagrama y círculo</translation>
    </message>
    <message>
        <source>Show the ramp beside the staff, each step at its value, and its places on the wheel</source>
        <translation>Mostrar la gradación junto al pentagrama, cada paso en su valor, y sus lugares en el círculo</translation>
    </message>
    <message>
        <source>Add all steps to the set as a family, of a ladder one for each hue</source>
        <translation>Añadir todos los pasos al conjunto como familia, de una escala una por cada tono</translation>
    </message>
    <message>
        <source>greys of this light</source>
        <translation>grises de esta luz</translation>
    </message>
    <message>
        <source>between two colors</source>
        <translation>entre dos colores</translation>
    </message>
    <message>
        <source>ladder: a ramp for each hue</source>
        <translation>escala: una fila por tono</translation>
    </message>
    <message>
        <source>Relation</source>
        <translation>Relación</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Desde</translation>
    </message>
    <message>
        <source>Darkest</source>
        <translation>Más oscuro</translation>
    </message>
    <message>
        <source>Lightest</source>
        <translation>Más claro</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Saturación</translation>
    </message>
    <message>
        <source>Steps of ramp %1</source>
        <translation>Pasos de la gradación %1</translation>
    </message>
    <message>
        <source>Number of steps of each hue, 3 to 9</source>
        <translation>Número de pasos de cada tono, de 3 a 9</translation>
    </message>
    <message>
        <source>values closer than %1 read as one</source>
        <translation>los valores más próximos que %1 se leen como uno</translation>
    </message>
</context>
<context>
    <name>zc::ReadingPanel</name>
    <message>
        <source>No photo yet.</source>
        <translation>Aún no hay foto.</translation>
    </message>
    <message>
        <source>%1\nlight %2 %\nmiddle %3 %\ndark %4 %</source>
        <translation>%1
claro %2 %
medio %3 %
oscuro %4 %</translation>
    </message>
    <message>
        <source>
in the mask %1 %</source>
        <translation>
en la máscara %1 %</translation>
    </message>
    <message>
        <source>draw region</source>
        <translation>dibujar región</translation>
    </message>
    <message>
        <source>keep samples in the mask</source>
        <translation>mantener las muestras en la máscara</translation>
    </message>
    <message>
        <source>Values and key</source>
        <translation>Valores y clave</translation>
    </message>
    <message>
        <source>Drag on the photo to draw a region. Values, footprint and colors taken are then from the region only (Escape removes it).</source>
        <translation>Arrastra en la foto para dibujar una región. Valores, huella y colores tomados salen entonces solo de ella (Escape la quita).</translation>
    </message>
    <message>
        <source>Move a sampled color that lies outside the mask to the nearest color inside</source>
        <translation>Llevar un color tomado de fuera de la máscara al más cercano de dentro</translation>
    </message>
    <message>
        <source>Values and key of the region</source>
        <translation>Valores y clave de la región</translation>
    </message>
    <message>
        <source>Values and key of the photo</source>
        <translation>Valores y clave de la foto</translation>
    </message>
    <message>
        <source>There is no mask in use. Make one at Limit.</source>
        <translation>No hay máscara en uso. Haz una en Limitar.</translation>
    </message>
</context>
<context>
    <name>zc::ReadoutPanel</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>CMYK: ink on the chosen press, percent</source>
        <translation>CMYK: tinta en la imprenta elegida, por ciento</translation>
    </message>
    <message>
        <source>Space of readout %1: ink</source>
        <translation>Espacio de la lectura %1: tinta</translation>
    </message>
    <message>
        <source>cyan</source>
        <translation>cian</translation>
    </message>
    <message>
        <source>magenta</source>
        <translation>magenta</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>amarillo</translation>
    </message>
    <message>
        <source>black</source>
        <translation>negro</translation>
    </message>
    <message>
        <source>Percent of %1 of the current color</source>
        <translation>Por ciento de %1 del color actual</translation>
    </message>
    <message>
        <source>%1, percent: type, scroll or drag</source>
        <translation>%1, por ciento: escribe, gira o arrastra</translation>
    </message>
    <message>
        <source>Space of readout %1: %2</source>
        <translation>Espacio de la lectura %1: %2</translation>
    </message>
    <message>
        <source>%1 %2 of the current color</source>
        <translation>%1 %2 del color actual</translation>
    </message>
    <message>
        <source>%1 %2, %3 to %4: type, scroll or drag</source>
        <translation>%1 %2, de %3 a %4: escribe, gira o arrastra</translation>
    </message>
    <message>
        <source>Remove readout</source>
        <translation>Quitar lectura</translation>
    </message>
    <message>
        <source>Ink on the press chosen at Share. Click to choose another color space.</source>
        <translation>Tinta en la imprenta elegida en Compartir. Clic para elegir otro espacio.</translation>
    </message>
    <message>
        <source>%1: %2. Click to choose another color space.</source>
        <translation>%1: %2. Clic para elegir otro espacio.</translation>
    </message>
    <message>
        <source>Choose a press at Share first: ink is read through it.</source>
        <translation>Elige antes una imprenta en Compartir: la tinta se lee con ella.</translation>
    </message>
</context>
<context>
    <name>zc::ReferencePanel</name>
    <message>
        <source>Share of the photo to hold</source>
        <translation>Parte de la foto que contener</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Kind of mask to fit</source>
        <translation>Clase de máscara que ajustar</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>polígono</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Fitting...</source>
        <translation>Ajustando...</translation>
    </message>
    <message>
        <source>The mask holds %1 % of the photo.</source>
        <translation>La máscara contiene el %1 % de la foto.</translation>
    </message>
    <message>
        <source>Fit mask to the reference</source>
        <translation>Ajustar máscara a la referencia</translation>
    </message>
    <message>
        <source>Most corners of the fitted polygon</source>
        <translation>Máximo de esquinas del polígono ajustado</translation>
    </message>
    <message>
        <source>Fit mask</source>
        <translation>Ajustar máscara</translation>
    </message>
    <message>
        <source>show photo&apos;s colors</source>
        <translation>mostrar colores de la foto</translation>
    </message>
    <message>
        <source>Make the smallest mask that holds this share of the photo or its region</source>
        <translation>Hacer la máscara más pequeña que abarca esta parte de la foto o de su región</translation>
    </message>
    <message>
        <source>Show on the wheel where the photo&apos;s colors are</source>
        <translation>Mostrar en el círculo dónde están los colores de la foto</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Abarcar</translation>
    </message>
    <message>
        <source>Share of the photo&apos;s colors that the mask must hold, 1 to 100 %</source>
        <translation>Parte de los colores de la foto que la máscara debe abarcar, de 1 a 100 %</translation>
    </message>
    <message>
        <source> corners</source>
        <translation> esquinas</translation>
    </message>
    <message>
        <source>The polygon has at most this many corners, 3 to 24</source>
        <translation>El polígono tiene como mucho tantas esquinas, de 3 a 24</translation>
    </message>
    <message>
        <source>Fit a free polygon, or the first hue and width of a pattern</source>
        <translation>Ajustar un polígono libre, o el primer tono y el ancho de un patrón</translation>
    </message>
    <message>
        <source>Fit a mask to the colors of the photo.</source>
        <translation>Ajusta una máscara a los colores de la foto.</translation>
    </message>
    <message>
        <source>No mask of this kind holds that much. This one holds the most, %1 %.</source>
        <translation>Ninguna máscara de este tipo abarca tanto. Esta abarca lo máximo, %1 %.</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>Choose how much of the photo the mask holds, and its shape</source>
        <translation>Elegir cuánto de la foto contiene la máscara, y su forma</translation>
    </message>
    <message>
        <source>Add a photo at Observe first.</source>
        <translation>Añade antes una foto en Observar.</translation>
    </message>
</context>
<context>
    <name>zc::ReferenceStrip</name>
    <message>
        <source>References</source>
        <translation>Referencias</translation>
    </message>
    <message>
        <source>Remove reference</source>
        <translation>Quitar referencia</translation>
    </message>
    <message>
        <source>Move reference</source>
        <translation>Mover referencia</translation>
    </message>
    <message>
        <source>Name of the reference</source>
        <translation>Nombre de la referencia</translation>
    </message>
    <message>
        <source>Rename reference</source>
        <translation>Cambiar nombre de la referencia</translation>
    </message>
    <message>
        <source>Move left</source>
        <translation>Mover a la izquierda</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Mover a la derecha</translation>
    </message>
    <message>
        <source>Show reference</source>
        <translation>Mostrar referencia</translation>
    </message>
</context>
<context>
    <name>zc::RelatedPage</name>
    <message>
        <source>all on the rim</source>
        <translation>todas en el borde</translation>
    </message>
    <message>
        <source>Show all relations on the rim of the wheel; press one there to choose it</source>
        <translation>Mostrar todas las relaciones en el borde del círculo; pulsa una allí para elegirla</translation>
    </message>
    <message>
        <source>Members of the relation</source>
        <translation>Miembros de la relación</translation>
    </message>
    <message>
        <source>Relation of the current color</source>
        <translation>Relación del color actual</translation>
    </message>
</context>
<context>
    <name>zc::RelationRow</name>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>Members of the relation</source>
        <translation>Miembros de la relación</translation>
    </message>
    <message>
        <source>Relation of the current color</source>
        <translation>Relación del color actual</translation>
    </message>
    <message>
        <source>complement</source>
        <translation>complementario</translation>
    </message>
    <message>
        <source>split</source>
        <translation>dividido</translation>
    </message>
    <message>
        <source>triad</source>
        <translation>tríada</translation>
    </message>
    <message>
        <source>square</source>
        <translation>cuadrado</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>rectángulo</translation>
    </message>
    <message>
        <source>analogous</source>
        <translation>análogos</translation>
    </message>
    <message>
        <source>double</source>
        <translation>doble</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>fijar</translation>
    </message>
    <message>
        <source>Show hues related to the current color: complement 180°; split 150° and 210°; triad 120° and 240°; square 90°, 180°, 270°; rectangle 60°, 180°, 240°; analogous 30° to either side; double complement 30°, 180°, 210°</source>
        <translation>Mostrar tonos relacionados con el color actual: complementario 180°; dividido 150° y 210°; tríada 120° y 240°; cuadrado 90°, 180°, 270°; rectángulo 60°, 180°, 240°; análogo 30° a cada lado; doble complementario 30°, 180°, 210°</translation>
    </message>
    <message>
        <source>Show each related color at the value where its hue is strongest, not at the current value</source>
        <translation>Mostrar cada color relacionado al valor en que su tono es más fuerte, no al actual</translation>
    </message>
    <message>
        <source>Leave the relation where it is, here and on the rim, while you pick</source>
        <translation>Dejar la relación donde está, aquí y en el borde, mientras eliges</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Añadir todos</translation>
    </message>
    <message>
        <source>Add the current color and all related colors as a family named after the relation</source>
        <translation>Añadir el color actual y todos los relacionados como familia con el nombre de la relación</translation>
    </message>
    <message>
        <source>%1° further: %2. Click to use it, Ctrl+click to add it to the set; on the rim of the wheel it can be dragged.</source>
        <translation>a %1°: %2. Clic lo usa, Ctrl+clic lo añade al conjunto; en el borde del círculo se puede arrastrar.</translation>
    </message>
    <message>
        <source>Hide related colors</source>
        <translation>Ocultar los relacionados</translation>
    </message>
    <message>
        <source>Show all on the rim</source>
        <translation>Mostrar todas en el borde</translation>
    </message>
</context>
<context>
    <name>zc::ReportPanel</name>
    <message>
        <source>Change grading</source>
        <translation>Cambiar graduación</translation>
    </message>
    <message>
        <source>Select: %1</source>
        <translation>Seleccionar: %1</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Límites</translation>
    </message>
    <message>
        <source>Report on the set</source>
        <translation>Informe del conjunto</translation>
    </message>
    <message>
        <source>What could be better, the most important first</source>
        <translation>Qué podría mejorar, lo más importante primero</translation>
    </message>
    <message>
        <source>Set what the report looks for, and how many light, middle and dark swatches you want</source>
        <translation>Fijar en qué se fija el informe y cuántas muestras claras, medias y oscuras quieres</translation>
    </message>
    <message>
        <source>Light swatches wanted</source>
        <translation>Claras deseadas</translation>
    </message>
    <message>
        <source>How many light swatches the set should have</source>
        <translation>Cuántas muestras claras debe tener el conjunto</translation>
    </message>
    <message>
        <source>Near-duplicate below</source>
        <translation>Casi iguales bajo</translation>
    </message>
    <message>
        <source>Two swatches that differ by less than this (CIEDE2000) are near-duplicates</source>
        <translation>Dos muestras que difieren menos que esto (CIEDE2000) son casi iguales</translation>
    </message>
    <message>
        <source>Middle swatches wanted</source>
        <translation>Medias deseadas</translation>
    </message>
    <message>
        <source>How many middle swatches the set should have</source>
        <translation>Cuántas muestras medias debe tener el conjunto</translation>
    </message>
    <message>
        <source>One value below</source>
        <translation>Mismo valor bajo</translation>
    </message>
    <message>
        <source>Two hues whose values differ by less than this read as one value when you squint</source>
        <translation>Dos tonos cuyos valores difieren menos que esto se leen como un solo valor con los ojos entornados</translation>
    </message>
    <message>
        <source>Dark swatches wanted</source>
        <translation>Oscuras deseadas</translation>
    </message>
    <message>
        <source>How many dark swatches the set should have</source>
        <translation>Cuántas muestras oscuras debe tener el conjunto</translation>
    </message>
    <message>
        <source>Gap above</source>
        <translation>Hueco sobre</translation>
    </message>
    <message>
        <source>Neighbors of a family whose values differ by more than this have a gap between them</source>
        <translation>Vecinas de una familia cuyos valores difieren más que esto tienen un hueco entre ellas</translation>
    </message>
    <message>
        <source>Value steps</source>
        <translation>Pasos de valor</translation>
    </message>
    <message>
        <source>How many steps lead from black to white</source>
        <translation>Cuántos pasos van del negro al blanco</translation>
    </message>
    <message>
        <source>Outside mask from</source>
        <translation>Fuera de la máscara desde</translation>
    </message>
    <message>
        <source>A swatch that differs by at least this (CIEDE2000) from the nearest color of the mask counts as outside</source>
        <translation>Una muestra que difiere al menos esto (CIEDE2000) del color más cercano de la máscara cuenta como fuera</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
    <message>
        <source>The set is empty. Add swatches at Pick, with Ctrl+L, to see a report here.</source>
        <translation>El conjunto está vacío. Añade muestras en Elegir, con Ctrl+L, para ver aquí un informe.</translation>
    </message>
    <message>
        <source>Checking the set...</source>
        <translation>Revisando el conjunto...</translation>
    </message>
    <message>
        <source>All is well: no near-duplicates, no gaps, nothing that reads as one value.</source>
        <translation>Todo bien: nada casi igual, sin huecos, nada que se lea como un solo valor.</translation>
    </message>
    <message>
        <source>%1 of %2 swatches do not print: %3</source>
        <translation>%1 de %2 muestras no se imprimen: %3</translation>
    </message>
    <message>
        <source>Use printable colors</source>
        <translation>Usar colores imprimibles</translation>
    </message>
    <message>
        <source>Replace them with the nearest printable colors; the set before it is saved as a version</source>
        <translation>Reemplazarlas por los colores imprimibles más cercanos; el conjunto anterior se guarda como versión</translation>
    </message>
    <message>
        <source>%1 compared with %2: difference %3 (CIEDE2000), in value %4</source>
        <translation>%1 comparada con %2: diferencia %3 (CIEDE2000), en valor %4</translation>
    </message>
    <message numerus="yes">
        <source>%n things to look at, the most important first</source>
        <translation>
            <numerusform>%n cosa que mirar</numerusform>
            <numerusform>%n cosas que mirar, primero lo importante</numerusform>
        </translation>
    </message>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Select the swatches, see them one by one or as others see them: %1</source>
        <translation>Seleccionar las muestras, verlas una a una o como las ven otros: %1</translation>
    </message>
    <message>
        <source>More: %1</source>
        <translation>Más: %1</translation>
    </message>
    <message>
        <source>Select swatches</source>
        <translation>Seleccionar muestras</translation>
    </message>
    <message>
        <source>See with %1</source>
        <translation>Ver con %1</translation>
    </message>
    <message>
        <source>Show one by one</source>
        <translation>Mostrar una a una</translation>
    </message>
    <message>
        <source>Turn families to it</source>
        <translation>Girar las familias hasta ella</translation>
    </message>
    <message>
        <source>Turn families to %1</source>
        <translation>Girar familias: %1</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Comparar</translation>
    </message>
    <message>
        <source>Compare the hues with another relation</source>
        <translation>Comparar los tonos con otra relación</translation>
    </message>
    <message>
        <source>%1, %2° off</source>
        <translation>%1, a %2°</translation>
    </message>
</context>
<context>
    <name>zc::ResultsPanel</name>
    <message>
        <source>Colors taken from the photo</source>
        <translation>Colores tomados de la foto</translation>
    </message>
    <message>
        <source>%1, %2 % of the photo</source>
        <translation>%1, %2 % de la foto</translation>
    </message>
    <message>
        <source>, an accent</source>
        <translation>, un acento</translation>
    </message>
    <message numerus="yes">
        <source>, %n of them accents</source>
        <translation>
            <numerusform>, %n de ellos acento</numerusform>
            <numerusform>, %n de ellos acentos</numerusform>
        </translation>
    </message>
    <message>
        <source>Replace with current</source>
        <translation>Reemplazar por actual</translation>
    </message>
    <message>
        <source>Replace the chosen result with the current color; its pin on the photo stays</source>
        <translation>Reemplazar el resultado elegido por el color actual; su alfiler en la foto queda</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Remove the chosen result (Delete on the photo)</source>
        <translation>Quitar el resultado elegido (Supr en la foto)</translation>
    </message>
    <message>
        <source>Fill up</source>
        <translation>Completar</translation>
    </message>
    <message>
        <source>Take new colors for those you removed; the others stay</source>
        <translation>Tomar colores nuevos por los quitados; los demás quedan</translation>
    </message>
    <message>
        <source>Add by hue</source>
        <translation>Añadir por tono</translation>
    </message>
    <message>
        <source>Add the results to the set in families by hue, in one step</source>
        <translation>Añadir los resultados al conjunto en familias por tono, en un paso</translation>
    </message>
    <message>
        <source>Add by value band</source>
        <translation>Añadir por banda de valor</translation>
    </message>
    <message>
        <source>Add the results to the set in the families light, middle and dark, in one step</source>
        <translation>Añadir los resultados al conjunto en las familias clara, media y oscura, en un paso</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Descartar</translation>
    </message>
    <message>
        <source>Discard all results</source>
        <translation>Descartar todos los resultados</translation>
    </message>
    <message numerus="yes">
        <source>%n results</source>
        <translation>
            <numerusform>%n resultado</numerusform>
            <numerusform>%n resultados</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 %%3. Click to use the color.</source>
        <translation>%1, %2 %%3. Clic usa el color.</translation>
    </message>
    <message>
        <source>No results yet. Take palette finds colors and pins them to the photo.</source>
        <translation>Aún no hay resultados. Tomar paleta busca colores y los clava en la foto.</translation>
    </message>
    <message>
        <source>There are no results. Press Take palette first.</source>
        <translation>No hay resultados. Toma antes la paleta.</translation>
    </message>
    <message>
        <source>Click one of the results on the photo first.</source>
        <translation>Haz clic antes en un resultado de la foto.</translation>
    </message>
</context>
<context>
    <name>zc::RowsView</name>
    <message>
        <source>The set in rows</source>
        <translation>El conjunto en filas</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>cambiar</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Añadir el color actual</translation>
    </message>
    <message>
        <source>Add the current color to the set (Ctrl+L)</source>
        <translation>Añadir el color actual al conjunto (Ctrl+L)</translation>
    </message>
    <message>
        <source>The set in rows, a family to a row, with free places and gaps. It is empty.</source>
        <translation>El conjunto en filas, una por familia, con sitios libres y huecos. Está vacío.</translation>
    </message>
    <message>
        <source>Drag a swatch to a free place, onto another to swap them, or between two to insert it. Click to select, double-click to use the color; click a free place to add the current color.</source>
        <translation>Arrastra una muestra a un lugar libre, sobre otra para intercambiarlas o entre dos para insertarla. Un clic selecciona, doble clic usa el color; un clic en un lugar libre añade el color actual.</translation>
    </message>
</context>
<context>
    <name>zc::ScreenSampler</name>
    <message>
        <source>%1 picks a color from the screen in any program.</source>
        <translation>%1 elige un color de la pantalla en cualquier programa.</translation>
    </message>
    <message>
        <source>This desktop does not let programs see the screen.</source>
        <translation>Este escritorio no deja que los programas vean la pantalla.</translation>
    </message>
    <message>
        <source>from screen</source>
        <translation>de la pantalla</translation>
    </message>
</context>
<context>
    <name>zc::SectionView</name>
    <message>
        <source>Hue section</source>
        <translation>Sección de tono</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutro</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Drag to set value and saturation of this hue; its complement is left of the middle.</source>
        <translation>Arrastra para fijar valor y saturación de este tono; su complementario está a la izquierda del centro.</translation>
    </message>
</context>
<context>
    <name>zc::SetFiles</name>
    <message>
        <source>Palettes and pictures (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;All files (*)</source>
        <translation>Paletas e imágenes (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Text (*.txt *.csv *.tsv);;All files (*)</source>
        <translation>Texto (*.txt *.csv *.tsv);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Zonachrom parcels (*.zonaparcel)</source>
        <translation>Paquetes de Zonachrom (*.zonaparcel)</translation>
    </message>
    <message numerus="yes">
        <source>Exported %n swatches to %1.</source>
        <translation>
            <numerusform>Exportada %n muestra a %1.</numerusform>
            <numerusform>Exportadas %n muestras a %1.</numerusform>
        </translation>
    </message>
    <message>
        <source>Packed %1 and %2 into %3.</source>
        <translation>Reunidos %1 y %2 en %3.</translation>
    </message>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n conjunto</numerusform>
            <numerusform>%n conjuntos</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n masks</source>
        <translation>
            <numerusform>%n máscara</numerusform>
            <numerusform>%n máscaras</numerusform>
        </translation>
    </message>
    <message>
        <source>The set is empty. Add swatches before you export it.</source>
        <translation>El conjunto está vacío. Añade muestras antes de exportarlo.</translation>
    </message>
    <message>
        <source>There is nothing to pack yet. Add swatches or make a mask first.</source>
        <translation>Aún no hay nada que incluir. Añade muestras o haz una máscara antes.</translation>
    </message>
    <message>
        <source>The parcel is empty. Tick at least one set or mask.</source>
        <translation>El paquete está vacío. Marca al menos un conjunto o una máscara.</translation>
    </message>
    <message>
        <source>Saved %1 to the shelf from &quot;%2&quot;; %3 were already there.</source>
        <translation>Guardados %1 de &quot;%2&quot; en el estante; %3 ya estaban.</translation>
    </message>
</context>
<context>
    <name>zc::SetGroup</name>
    <message>
        <source>Choose the family that colors are added to</source>
        <translation>Elegir la familia a la que se añaden los colores</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Añadir al conjunto</translation>
    </message>
    <message>
        <source>Add the current color to the chosen family (Ctrl+L)</source>
        <translation>Añadir el color actual a la familia elegida (Ctrl+L)</translation>
    </message>
    <message>
        <source>Adding a color makes the first family</source>
        <translation>Al añadir un color se crea la primera familia</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>a %1</translation>
    </message>
    <message>
        <source>to a new family</source>
        <translation>a una familia nueva</translation>
    </message>
</context>
<context>
    <name>zc::SetWheel</name>
    <message>
        <source>The set on the wheel</source>
        <translation>El conjunto en el círculo</translation>
    </message>
    <message>
        <source>The swatches on the wheel. The solid outline is the mask; the dotted outline holds all mixtures of the swatches.</source>
        <translation>Las muestras en el círculo. El contorno continuo es la máscara; el punteado abarca todas las mezclas de las muestras.</translation>
    </message>
</context>
<context>
    <name>zc::SetWork</name>
    <message>
        <source>There are no near-duplicates in this set.</source>
        <translation>En este conjunto no hay casi duplicados.</translation>
    </message>
    <message>
        <source>Rename swatch</source>
        <translation>Cambiar nombre de muestra</translation>
    </message>
    <message>
        <source>Rename family</source>
        <translation>Cambiar nombre de familia</translation>
    </message>
    <message>
        <source>Duplicate swatches</source>
        <translation>Duplicar muestras</translation>
    </message>
    <message>
        <source>Mark used</source>
        <translation>Marcar usadas</translation>
    </message>
    <message>
        <source>Mark unused</source>
        <translation>Marcar no usada</translation>
    </message>
    <message>
        <source>Move swatch</source>
        <translation>Mover muestra</translation>
    </message>
    <message>
        <source>Move %1 swatches</source>
        <translation>Mover %1 muestras</translation>
    </message>
    <message>
        <source>Split family</source>
        <translation>Separar familia</translation>
    </message>
    <message>
        <source>Delete swatch</source>
        <translation>Borrar muestra</translation>
    </message>
    <message>
        <source>Delete %1 swatches</source>
        <translation>Borrar %1 muestras</translation>
    </message>
    <message numerus="yes">
        <source>Paste %n swatches</source>
        <translation>
            <numerusform>Pegar %n muestra</numerusform>
            <numerusform>Pegar %n muestras</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Adjust %n swatches</source>
        <translation>
            <numerusform>Ajustar %n muestra</numerusform>
            <numerusform>Ajustar %n muestras</numerusform>
        </translation>
    </message>
    <message>
        <source>Select swatches first: click one, or drag around several.</source>
        <translation>Selecciona muestras antes: haz clic en una o arrastra alrededor de varias.</translation>
    </message>
    <message>
        <source>Replace with current color</source>
        <translation>Reemplazar por el color actual</translation>
    </message>
    <message>
        <source>Lock swatches</source>
        <translation>Bloquear muestras</translation>
    </message>
    <message>
        <source>Unlock swatches</source>
        <translation>Desbloquear muestras</translation>
    </message>
    <message>
        <source>Select two swatches first, to add colors between them.</source>
        <translation>Selecciona antes dos muestras, para añadir colores entre ellas.</translation>
    </message>
    <message>
        <source>Add colors between</source>
        <translation>Añadir colores intermedios</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Quitar el código</translation>
    </message>
    <message>
        <source>Mark ink</source>
        <translation>Marcar la tinta</translation>
    </message>
</context>
<context>
    <name>zc::SetsPanel</name>
    <message>
        <source>Sets of the piece</source>
        <translation>Conjuntos de la obra</translation>
    </message>
    <message>
        <source>Name of the current set</source>
        <translation>Nombre del conjunto actual</translation>
    </message>
    <message>
        <source>Tags of the set, with commas</source>
        <translation>Etiquetas del conjunto, con comas</translation>
    </message>
    <message>
        <source>Note on the set</source>
        <translation>Nota del conjunto</translation>
    </message>
    <message>
        <source>Move set</source>
        <translation>Mover conjunto</translation>
    </message>
    <message>
        <source>Add an empty set</source>
        <translation>Añadir un conjunto vacío</translation>
    </message>
    <message>
        <source>Duplicate set</source>
        <translation>Duplicar conjunto</translation>
    </message>
    <message>
        <source>Remove set</source>
        <translation>Quitar conjunto</translation>
    </message>
    <message>
        <source>Move the current set up</source>
        <translation>Subir el conjunto actual</translation>
    </message>
    <message>
        <source>Move the current set down</source>
        <translation>Bajar el conjunto actual</translation>
    </message>
    <message>
        <source>Versions</source>
        <translation>Versiones</translation>
    </message>
    <message>
        <source>Choose a version in the list first.</source>
        <translation>Elige antes una versión de la lista.</translation>
    </message>
    <message>
        <source>Remove version</source>
        <translation>Quitar versión</translation>
    </message>
    <message>
        <source>Rename set</source>
        <translation>Cambiar nombre de conjunto</translation>
    </message>
    <message>
        <source>Tag set</source>
        <translation>Etiquetar conjunto</translation>
    </message>
    <message>
        <source>Rename version</source>
        <translation>Cambiar nombre de versión</translation>
    </message>
    <message>
        <source>New set</source>
        <translation>Conjunto nuevo</translation>
    </message>
    <message>
        <source>New set %1</source>
        <translation>Conjunto nuevo %1</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>versión %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Versions of the current set; &quot;versions&quot; shows those ticked beside it</source>
        <translation>Versiones del conjunto actual; &quot;versiones&quot; muestra las marcadas a su lado</translation>
    </message>
    <message>
        <source>Name of the new version</source>
        <translation>Nombre de la nueva versión</translation>
    </message>
    <message>
        <source>Tags, with commas</source>
        <translation>Etiquetas, con comas</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>Save version</source>
        <translation>Guardar versión</translation>
    </message>
    <message>
        <source>Save the set as it is now as a version</source>
        <translation>Guardar el conjunto como está ahora como versión</translation>
    </message>
    <message>
        <source>Add set</source>
        <translation>Añadir conjunto</translation>
    </message>
    <message>
        <source>Add a copy of the current set</source>
        <translation>Añadir una copia del conjunto actual</translation>
    </message>
    <message>
        <source>Remove the current set from the piece (Undo brings it back)</source>
        <translation>Quitar el conjunto actual de la obra (Deshacer lo devuelve)</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Subir</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Bajar</translation>
    </message>
    <message>
        <source>Restore version</source>
        <translation>Restaurar versión</translation>
    </message>
    <message>
        <source>Make the set what it is in this version. The set as it is now is saved as a version.</source>
        <translation>Hacer del conjunto lo que es en esta versión. El conjunto actual se guarda como versión.</translation>
    </message>
    <message>
        <source>Edit note</source>
        <translation>Editar nota</translation>
    </message>
    <message>
        <source>No versions yet. Save the set as it is now; then you can change it freely.</source>
        <translation>Aún no hay versiones. Guarda el conjunto como está; luego podrás cambiarlo con libertad.</translation>
    </message>
    <message>
        <source>Remove the chosen version of the set</source>
        <translation>Quitar la versión elegida del conjunto</translation>
    </message>
    <message>
        <source>The current set stands first.</source>
        <translation>El conjunto actual es el primero.</translation>
    </message>
    <message>
        <source>The current set stands last.</source>
        <translation>El conjunto actual es el último.</translation>
    </message>
</context>
<context>
    <name>zc::ShareDesk</name>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Imprenta</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>Wheel</source>
        <translation>Círculo</translation>
    </message>
    <message>
        <source>Parcel</source>
        <translation>Paquete</translation>
    </message>
    <message>
        <source>%1 pixels a disc, sRGB</source>
        <translation>%1 píxeles por disco, sRGB</translation>
    </message>
    <message>
        <source>Page %1 of %2, as %3 prints it</source>
        <translation>Página %1 de %2, como la imprime %3</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
    <message>
        <source>Print or save the plan as a sheet</source>
        <translation>Imprimir o guardar el plan como hoja</translation>
    </message>
    <message>
        <source>See which swatches a press can print</source>
        <translation>Ver qué muestras puede imprimir una imprenta</translation>
    </message>
    <message>
        <source>Export the set in several formats at once</source>
        <translation>Exportar el conjunto en varios formatos a la vez</translation>
    </message>
    <message>
        <source>Save the wheel and its mask as a picture</source>
        <translation>Guardar el círculo con su máscara como imagen</translation>
    </message>
    <message>
        <source>Pack sets and masks for someone else, or open what you were given</source>
        <translation>Preparar conjuntos y máscaras para otra persona, o abrir lo recibido</translation>
    </message>
    <message>
        <source>Previous page</source>
        <translation>Página anterior</translation>
    </message>
    <message>
        <source>Show the previous page (Page Up)</source>
        <translation>Mostrar la página anterior (Re Pág)</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Página siguiente</translation>
    </message>
    <message>
        <source>Show the next page (Page Down)</source>
        <translation>Mostrar la página siguiente (Av Pág)</translation>
    </message>
    <message>
        <source>This is the first page.</source>
        <translation>Esta es la primera página.</translation>
    </message>
    <message>
        <source>This is the last page.</source>
        <translation>Esta es la última página.</translation>
    </message>
</context>
<context>
    <name>zc::ShareFiles</name>
    <message>
        <source>sheet.%1</source>
        <translation>hoja.%1</translation>
    </message>
    <message>
        <source>Sheets (*.%1)</source>
        <translation>Hojas (*.%1)</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Imágenes (*.png *.svg)</translation>
    </message>
    <message>
        <source>Another file is still being read or written. Wait for it, or stop it first.</source>
        <translation>Aún se lee o se escribe otro archivo. Espera o detenlo antes.</translation>
    </message>
    <message>
        <source>Saving the sheet</source>
        <translation>Guardando la hoja</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>Guardado en &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot; and %2 more files.</source>
        <translation>Guardado en &quot;%1&quot; y %2 archivos más.</translation>
    </message>
    <message>
        <source>Drawing the sheet</source>
        <translation>Dibujando la hoja</translation>
    </message>
    <message>
        <source>The sheet was not printed, because the printer, or the file it prints to, refused it.</source>
        <translation>La hoja no se imprimió porque la impresora, o el archivo en que imprime, la rechazó.</translation>
    </message>
    <message>
        <source>wheel.png</source>
        <translation>circulo.png</translation>
    </message>
    <message>
        <source>Saving the wheel</source>
        <translation>Guardando el círculo</translation>
    </message>
    <message>
        <source>Drawing the wheel</source>
        <translation>Dibujando el círculo</translation>
    </message>
    <message>
        <source>Copied the wheel, %1 × %2 pixels.</source>
        <translation>Círculo copiado, %1 × %2 píxeles.</translation>
    </message>
    <message>
        <source>The files were not exported. Exporting at every save is now off.</source>
        <translation>Los archivos no se exportaron. Exportar al guardar queda apagado.</translation>
    </message>
    <message>
        <source>Exporting the files</source>
        <translation>Exportando los archivos</translation>
    </message>
</context>
<context>
    <name>zc::ShareMenu</name>
    <message>
        <source>&amp;Share</source>
        <translation>&amp;Compartir</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Ver la hoja en una vista previa e imprimirla</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Elige antes una imprenta.</translation>
    </message>
    <message>
        <source>Press profiles (*.icc *.icm)</source>
        <translation>Perfiles de imprenta (*.icc *.icm)</translation>
    </message>
    <message>
        <source>Save &amp;wheel as picture...</source>
        <translation>Guardar &amp;círculo como imagen...</translation>
    </message>
    <message>
        <source>Save the wheel as PNG, or its outlines as SVG</source>
        <translation>Guardar el círculo como PNG, o sus contornos como SVG</translation>
    </message>
    <message>
        <source>&amp;Copy wheel as picture</source>
        <translation>Co&amp;piar círculo como imagen</translation>
    </message>
    <message>
        <source>Copy the wheel to the clipboard as a picture</source>
        <translation>Copiar el círculo al portapapeles como imagen</translation>
    </message>
    <message>
        <source>E&amp;xport ticked files again</source>
        <translation>E&amp;xportar de nuevo los archivos marcados</translation>
    </message>
    <message>
        <source>Export every ticked format to the chosen folder again</source>
        <translation>Exportar de nuevo a la carpeta elegida cada formato marcado</translation>
    </message>
    <message>
        <source>Import &amp;lines...</source>
        <translation>Importar &amp;líneas...</translation>
    </message>
    <message>
        <source>Import the swatches of a text file by the pattern of your own lines</source>
        <translation>Importar las muestras de un archivo de texto con el patrón de tus líneas</translation>
    </message>
    <message>
        <source>Show &amp;sheet</source>
        <translation>Mostrar &amp;hoja</translation>
    </message>
    <message>
        <source>Show the plan as a sheet to print or save</source>
        <translation>Mostrar el plan como hoja para imprimir o guardar</translation>
    </message>
    <message>
        <source>Show &amp;press</source>
        <translation>Mostrar &amp;imprenta</translation>
    </message>
    <message>
        <source>Show which swatches a press can print</source>
        <translation>Mostrar qué muestras puede imprimir una imprenta</translation>
    </message>
    <message>
        <source>Show &amp;files</source>
        <translation>Mostrar &amp;archivos</translation>
    </message>
    <message>
        <source>Show every format the set can be exported in</source>
        <translation>Mostrar todos los formatos en que se exporta el conjunto</translation>
    </message>
    <message>
        <source>Show par&amp;cels</source>
        <translation>Mostrar pa&amp;quetes</translation>
    </message>
    <message>
        <source>Pack a parcel for someone else, or open one you were given</source>
        <translation>Preparar un paquete para otra persona, o abrir uno recibido</translation>
    </message>
    <message>
        <source>Show w&amp;heel as picture</source>
        <translation>Mostrar cí&amp;rculo como imagen</translation>
    </message>
    <message>
        <source>Show the wheel as a picture for a layer of your canvas</source>
        <translation>Mostrar el círculo como imagen para una capa del lienzo</translation>
    </message>
    <message>
        <source>Save sheet as P&amp;DF...</source>
        <translation>Guardar hoja como P&amp;DF...</translation>
    </message>
    <message>
        <source>Save all pages of the sheet as one PDF</source>
        <translation>Guardar todas las páginas de la hoja en un PDF</translation>
    </message>
    <message>
        <source>Save sheet as S&amp;VG...</source>
        <translation>Guardar hoja como S&amp;VG...</translation>
    </message>
    <message>
        <source>Save the sheet as SVG, one file for each page</source>
        <translation>Guardar la hoja como SVG, un archivo por página</translation>
    </message>
    <message>
        <source>Save sheet as P&amp;NG...</source>
        <translation>Guardar hoja como P&amp;NG...</translation>
    </message>
    <message>
        <source>Save the sheet as PNG, one file for each page</source>
        <translation>Guardar la hoja como PNG, un archivo por página</translation>
    </message>
    <message>
        <source>P&amp;rint sheet...</source>
        <translation>I&amp;mprimir hoja...</translation>
    </message>
    <message>
        <source>&amp;Add press profile...</source>
        <translation>Añadir &amp;perfil de imprenta...</translation>
    </message>
    <message>
        <source>Add the ICC profile of a four-color press to the shelf</source>
        <translation>Añadir al estante el perfil ICC de una imprenta de cuatro tintas</translation>
    </message>
    <message>
        <source>Show as print&amp;ed</source>
        <translation>Mostrar como impr&amp;eso</translation>
    </message>
    <message>
        <source>Show sheet, staff and Try as the chosen press prints them</source>
        <translation>Mostrar hoja, pentagrama y Probar como los imprime la imprenta elegida</translation>
    </message>
    <message>
        <source>&amp;Use all printable colors</source>
        <translation>&amp;Usar todos los colores imprimibles</translation>
    </message>
    <message>
        <source>Replace each swatch that does not print with the nearest color that does; the set before it is saved as a version</source>
        <translation>Reemplazar cada muestra no imprimible por el color imprimible más cercano; el conjunto anterior se guarda como versión</translation>
    </message>
    <message>
        <source>%1 was added to the shelf.</source>
        <translation>%1 se añadió al estante.</translation>
    </message>
</context>
<context>
    <name>zc::ShareModel</name>
    <message>
        <source>Choose at least one format first.</source>
        <translation>Elige antes al menos un formato.</translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation>Elige antes una carpeta.</translation>
    </message>
    <message>
        <source>The piece has no set yet.</source>
        <translation>La obra aún no tiene conjunto.</translation>
    </message>
</context>
<context>
    <name>zc::ShareStage</name>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
    <message>
        <source>The sheet or the wheel as it will be saved</source>
        <translation>La hoja o el círculo como se guardará</translation>
    </message>
    <message>
        <source>Scroll to zoom, drag to move, press Page Down for the next page and 0 to see all of it.</source>
        <translation>La rueda amplía, arrastrar mueve, Av Pág pasa la página, 0 muestra todo.</translation>
    </message>
</context>
<context>
    <name>zc::SheetPanel</name>
    <message>
        <source>reference</source>
        <translation>referencia</translation>
    </message>
    <message>
        <source>wheel and mask</source>
        <translation>círculo y máscara</translation>
    </message>
    <message>
        <source>swatches</source>
        <translation>muestras</translation>
    </message>
    <message>
        <source>staff</source>
        <translation>pentagrama</translation>
    </message>
    <message>
        <source>signature and date</source>
        <translation>firma y fecha</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>En la hoja</translation>
    </message>
    <message>
        <source>Swatches</source>
        <translation>Muestras</translation>
    </message>
    <message>
        <source>light to dark</source>
        <translation>de claro a oscuro</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>hex</source>
        <translation>hex</translation>
    </message>
    <message>
        <source>value</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papel</translation>
    </message>
    <message>
        <source>Paper, or the size of a screen</source>
        <translation>Papel, o el tamaño de una pantalla</translation>
    </message>
    <message>
        <source>Margin, 5 to 40 millimetres</source>
        <translation>Margen, de 5 a 40 milímetros</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Cada tono al valor en que es más fuerte</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Ver la hoja en una vista previa e imprimirla</translation>
    </message>
    <message>
        <source>title and description</source>
        <translation>título y descripción</translation>
    </message>
    <message>
        <source>swatches needed, present, missing</source>
        <translation>muestras necesarias, presentes, faltantes</translation>
    </message>
    <message>
        <source>reference as study</source>
        <translation>referencia como estudio</translation>
    </message>
    <message>
        <source>Show the reference as at Try, every pixel in its swatch</source>
        <translation>Mostrar la referencia como en Probar, cada píxel en su muestra</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Subir</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Bajar</translation>
    </message>
    <message>
        <source>Show the swatches in one row by value, not family by family</source>
        <translation>Mostrar las muestras en una fila por valor, no por familias</translation>
    </message>
    <message>
        <source>Write this beside each swatch</source>
        <translation>Escribir esto junto a cada muestra</translation>
    </message>
    <message>
        <source>landscape</source>
        <translation>apaisado</translation>
    </message>
    <message>
        <source>Turn the paper to landscape</source>
        <translation>Poner el papel apaisado</translation>
    </message>
    <message>
        <source>dark background</source>
        <translation>fondo oscuro</translation>
    </message>
    <message>
        <source>Print light text on a dark background</source>
        <translation>Imprimir texto claro sobre fondo oscuro</translation>
    </message>
    <message>
        <source>Value at which the wheel is shown, L*</source>
        <translation>Valor al que se muestra el círculo, L*</translation>
    </message>
    <message>
        <source>Save PDF</source>
        <translation>Guardar PDF</translation>
    </message>
    <message>
        <source>Save all pages of the sheet as one PDF</source>
        <translation>Guardar todas las páginas de la hoja en un PDF</translation>
    </message>
    <message>
        <source>Save SVG</source>
        <translation>Guardar SVG</translation>
    </message>
    <message>
        <source>Save the sheet as SVG, one file for each page</source>
        <translation>Guardar la hoja como SVG, un archivo por página</translation>
    </message>
    <message>
        <source>Save PNG</source>
        <translation>Guardar PNG</translation>
    </message>
    <message>
        <source>Parts of the sheet</source>
        <translation>Partes de la hoja</translation>
    </message>
    <message>
        <source>Tick what is shown on the sheet; drag a part to move it</source>
        <translation>Marca lo que se muestra en la hoja; arrastra una parte para moverla</translation>
    </message>
    <message>
        <source>Move the chosen part up</source>
        <translation>Subir la parte elegida</translation>
    </message>
    <message>
        <source>Move the chosen part down</source>
        <translation>Bajar la parte elegida</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Margen</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Wheel at value</source>
        <translation>Círculo a valor</translation>
    </message>
    <message>
        <source>On the vivid wheel each hue has a value of its own.</source>
        <translation>En el círculo vivo cada tono tiene su propio valor.</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Tamaño</translation>
    </message>
    <message>
        <source>color keys, as listed at Limit</source>
        <translation>claves de color, como en Limitar</translation>
    </message>
    <message>
        <source>swatches on wheel</source>
        <translation>muestras en el círculo</translation>
    </message>
    <message>
        <source>Mark the place of each swatch on the wheel</source>
        <translation>Marcar el lugar de cada muestra en el círculo</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Conjuntos</translation>
    </message>
    <message>
        <source>Choose the sets that are on the sheet</source>
        <translation>Elegir los conjuntos que están en la hoja</translation>
    </message>
    <message>
        <source>with their notes</source>
        <translation>con sus notas</translation>
    </message>
    <message>
        <source>Write the note of a set above its swatches</source>
        <translation>Escribir la nota de un conjunto sobre sus muestras</translation>
    </message>
    <message>
        <source>large</source>
        <translation>grandes</translation>
    </message>
    <message>
        <source>Show large swatches with their words below them</source>
        <translation>Mostrar muestras grandes con sus palabras debajo</translation>
    </message>
    <message>
        <source>Save the sheet as PNG, one file for each page: at 300 pixels per inch, or of just so many pixels where the size is in pixels</source>
        <translation>Guardar la hoja como PNG, un archivo por página: a 300 píxeles por pulgada, o con justo tantos píxeles donde el tamaño está en píxeles</translation>
    </message>
    <message>
        <source>A square is as wide as it is high.</source>
        <translation>Un cuadrado es tan ancho como alto.</translation>
    </message>
    <message>
        <source>Set: %1</source>
        <translation>Conjunto: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n conjunto</numerusform>
            <numerusform>%n conjuntos</numerusform>
        </translation>
    </message>
    <message>
        <source>The chosen part stands first.</source>
        <translation>La parte elegida es la primera.</translation>
    </message>
    <message>
        <source>The chosen part stands last.</source>
        <translation>La parte elegida es la última.</translation>
    </message>
</context>
<context>
    <name>zc::ShelfPanel</name>
    <message>
        <source>Rename</source>
        <translation>Renombrar</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Buscar en el estante</translation>
    </message>
    <message>
        <source>Use the chosen one in this piece</source>
        <translation>Usar el elegido en esta obra</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Guardar en el estante</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Usar</translation>
    </message>
    <message>
        <source>Update</source>
        <translation>Actualizar</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Eliminar</translation>
    </message>
    <message>
        <source>On the shelf; double-click to use one</source>
        <translation>En el estante; doble clic usa uno</translation>
    </message>
    <message>
        <source>Name on the shelf</source>
        <translation>Nombre en el estante</translation>
    </message>
    <message>
        <source>Tags on the shelf</source>
        <translation>Etiquetas en el estante</translation>
    </message>
    <message>
        <source>Save what the piece has to the shelf under this name</source>
        <translation>Guardar lo de la obra en el estante con este nombre</translation>
    </message>
    <message>
        <source>Replace the chosen one with what the piece has; name and tags stay</source>
        <translation>Reemplazar el elegido por lo que tiene la obra; nombre y etiquetas quedan</translation>
    </message>
    <message>
        <source>Give the chosen one the name and tags typed here</source>
        <translation>Dar al elegido el nombre y las etiquetas escritos aquí</translation>
    </message>
    <message>
        <source>Turn the chosen one off, which moves it to the end of the shelf, or on again</source>
        <translation>Apagar el elegido, que pasa al final del estante, o volver a encenderlo</translation>
    </message>
    <message>
        <source>Delete the chosen one from the shelf; what came with the program stays</source>
        <translation>Eliminar el elegido del estante; lo que vino con el programa queda</translation>
    </message>
    <message>
        <source>Search names and tags</source>
        <translation>Buscar nombres y etiquetas</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Tags, with commas</source>
        <translation>Etiquetas, con comas</translation>
    </message>
    <message>
        <source>The shelf is empty. Type a name below and press Save to shelf.</source>
        <translation>El estante está vacío. Escribe un nombre abajo y pulsa Guardar en el estante.</translation>
    </message>
    <message>
        <source>No %1 on the shelf match these words.</source>
        <translation>Ningún elemento de %1 del estante coincide con estas palabras.</translation>
    </message>
    <message>
        <source>The piece has nothing of this kind to save.</source>
        <translation>La obra no tiene nada de este tipo que guardar.</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Escribe antes un nombre.</translation>
    </message>
    <message>
        <source>Turn on/off</source>
        <translation>Sí/No</translation>
    </message>
    <message>
        <source>The piece has nothing to save there yet.</source>
        <translation>La obra aún no tiene nada que guardar ahí.</translation>
    </message>
    <message>
        <source>Choose one from the list first.</source>
        <translation>Elige antes uno de la lista.</translation>
    </message>
    <message>
        <source>Choose one of your own first; what came with the program stays as it is.</source>
        <translation>Elige antes uno tuyo; lo que vino con el programa queda como está.</translation>
    </message>
</context>
<context>
    <name>zc::StaffView</name>
    <message>
        <source>Set</source>
        <translation>Conjunto</translation>
    </message>
    <message>
        <source>, %1 selected</source>
        <translation>, %1 seleccionadas</translation>
    </message>
    <message>
        <source>&lt; 0.1</source>
        <translation>&lt; 0,1</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>unused</source>
        <translation>no usada</translation>
    </message>
    <message>
        <source>twins</source>
        <translation>gemelas</translation>
    </message>
    <message>
        <source>near</source>
        <translation>cerca</translation>
    </message>
    <message>
        <source>gap %1</source>
        <translation>hueco %1</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 de %3</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>light</source>
        <translation>claro</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>medio</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>oscuro</translation>
    </message>
    <message>
        <source>Staff of the current set</source>
        <translation>Pentagrama del conjunto actual</translation>
    </message>
    <message>
        <source>The set by value</source>
        <translation>El conjunto por valor</translation>
    </message>
    <message>
        <source>Move band limit</source>
        <translation>Mover límite de banda</translation>
    </message>
    <message>
        <source>Move family</source>
        <translation>Mover familia</translation>
    </message>
    <message>
        <source>Rename swatch</source>
        <translation>Cambiar nombre de muestra</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>Lock or unlock</source>
        <translation>Bloquear o desbloquear</translation>
    </message>
    <message>
        <source>Mark used or unused</source>
        <translation>Marcar como usada o no</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Borrar</translation>
    </message>
    <message>
        <source>Rename family</source>
        <translation>Cambiar nombre de familia</translation>
    </message>
    <message>
        <source>Merge families</source>
        <translation>Unir familias</translation>
    </message>
    <message>
        <source>Delete family and its swatches</source>
        <translation>Borrar la familia y sus muestras</translation>
    </message>
    <message>
        <source>Delete family</source>
        <translation>Borrar familia</translation>
    </message>
    <message>
        <source>Add family</source>
        <translation>Añadir familia</translation>
    </message>
    <message>
        <source>%1, %2, value %3%4, in %5. %6</source>
        <translation>%1, %2, valor %3%4, en %5. %6</translation>
    </message>
    <message>
        <source>Family %1</source>
        <translation>Familia %1</translation>
    </message>
    <message>
        <source>New family</source>
        <translation>Familia nueva</translation>
    </message>
    <message>
        <source>The other set has no family yet. Show it and add a family first.</source>
        <translation>El otro conjunto aún no tiene familia. Muéstralo y añade antes una.</translation>
    </message>
    <message>
        <source>Replace with current color</source>
        <translation>Reemplazar por el color actual</translation>
    </message>
    <message>
        <source>Split off as family</source>
        <translation>Separar como familia</translation>
    </message>
    <message>
        <source>Merge with next family</source>
        <translation>Unir con la familia siguiente</translation>
    </message>
    <message>
        <source>%1. Click to add it to the chosen family.</source>
        <translation>%1. Clic lo añade a la familia elegida.</translation>
    </message>
    <message>
        <source>Click a column at the value line to add the current color. Drag over free space to select, drag the line to change the value.</source>
        <translation>Haz clic en una columna en la línea de valor para añadir el color actual. Arrastra por espacio libre para seleccionar, arrastra la línea para cambiar el valor.</translation>
    </message>
    <message>
        <source>Click to select, double-click or press Enter to use the color, drag to move.</source>
        <translation>Clic selecciona, doble clic o Intro usa el color, arrastrar mueve.</translation>
    </message>
    <message>
        <source>Click to use the color, drag to move.</source>
        <translation>Clic usa el color, arrastrar mueve.</translation>
    </message>
    <message>
        <source>results</source>
        <translation>resultados</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>gradación</translation>
    </message>
    <message>
        <source>add</source>
        <translation>añadir</translation>
    </message>
    <message>
        <source>No swatches yet. Add them in the main window.</source>
        <translation>Aún no hay muestras. Añádelas en la ventana principal.</translation>
    </message>
    <message>
        <source>Ramp, step %1: %2</source>
        <translation>Gradación, paso %1: %2</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Añadir al conjunto</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>The set by value: light colors stand high, dark ones low. It is empty.</source>
        <translation>El conjunto por valor: los claros arriba, los oscuros abajo. Está vacío.</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Añadir el color actual</translation>
    </message>
    <message>
        <source>Add the current color to the set (Ctrl+L)</source>
        <translation>Añadir el color actual al conjunto (Ctrl+L)</translation>
    </message>
    <message>
        <source>Drag up or down to move all selected swatches in value.</source>
        <translation>Arrastra arriba o abajo para mover en valor todas las muestras seleccionadas.</translation>
    </message>
</context>
<context>
    <name>zc::StepsLine</name>
    <message>
        <source>At Pick: drag the white line, pick in the wheel, press Ctrl+L</source>
        <translation>En Elegir: arrastra la línea blanca, elige en el círculo, pulsa Ctrl+L</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Primeros pasos</translation>
    </message>
    <message>
        <source>%1, done</source>
        <translation>%1, hecho</translation>
    </message>
    <message>
        <source>Add a photo</source>
        <translation>Añadir una foto</translation>
    </message>
    <message>
        <source>At Observe: drop a photo on the window, or press Add photo</source>
        <translation>En Observar: suelta una foto en la ventana o pulsa Añadir foto</translation>
    </message>
    <message>
        <source>Make a mask</source>
        <translation>Hacer una máscara</translation>
    </message>
    <message>
        <source>At Limit: press a pattern, then drag outside the rim to turn the mask</source>
        <translation>En Limitar: pulsa un patrón y arrastra fuera del borde para girar la máscara</translation>
    </message>
    <message>
        <source>Add a swatch</source>
        <translation>Añadir una muestra</translation>
    </message>
    <message>
        <source>Grade the set</source>
        <translation>Graduar el conjunto</translation>
    </message>
    <message>
        <source>At Grade: read the report and press a remedy</source>
        <translation>En Graduar: lee el informe y pulsa un remedio</translation>
    </message>
    <message>
        <source>At Try: see the photo in your swatches</source>
        <translation>En Probar: mira la foto en tus muestras</translation>
    </message>
    <message>
        <source>Press Ctrl+S to save the piece</source>
        <translation>Pulsa Ctrl+S para guardar la obra</translation>
    </message>
    <message>
        <source>At Share: save the sheet, or export files for the program you paint with</source>
        <translation>En Compartir: guarda la hoja o exporta archivos para tu programa de pintura</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
    <message>
        <source>Close the first steps; the Help menu shows them again</source>
        <translation>Cerrar los primeros pasos; el menú Ayuda los vuelve a mostrar</translation>
    </message>
    <message>
        <source>First steps done. The handbook (F1) has more.</source>
        <translation>Primeros pasos hechos. El manual (F1) cuenta más.</translation>
    </message>
    <message>
        <source>At Observe: click the photo, or press Take palette</source>
        <translation>En Observar: haz clic en la foto o pulsa Tomar paleta</translation>
    </message>
    <message>
        <source>Sample colors</source>
        <translation>Tomar colores</translation>
    </message>
    <message>
        <source>See the set in the picture</source>
        <translation>Ver el conjunto en la imagen</translation>
    </message>
    <message>
        <source>Save the piece</source>
        <translation>Guardar la obra</translation>
    </message>
    <message>
        <source>Print or export</source>
        <translation>Imprimir o exportar</translation>
    </message>
</context>
<context>
    <name>zc::StepsPanel</name>
    <message>
        <source>hues</source>
        <translation>tonos</translation>
    </message>
    <message>
        <source>off</source>
        <translation>no</translation>
    </message>
    <message>
        <source>saturations</source>
        <translation>saturaciones</translation>
    </message>
    <message>
        <source>values</source>
        <translation>valores</translation>
    </message>
    <message>
        <source>Number of %1</source>
        <translation>Número de %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Pick in this many steps of hue: off, or 3 to 360</source>
        <translation>Elegir en tantos pasos de tono: no, o de 3 a 360</translation>
    </message>
    <message>
        <source>Pick in this many steps of saturation from neutral to the rim: off, or 1 to 50</source>
        <translation>Elegir en tantos pasos de saturación del neutro al borde: no, o de 1 a 50</translation>
    </message>
    <message>
        <source>Pick in this many steps of value from black to white: off, or 2 to 101</source>
        <translation>Elegir en tantos pasos de valor del negro al blanco: no, o de 2 a 101</translation>
    </message>
    <message>
        <source>Hues</source>
        <translation>Tonos</translation>
    </message>
    <message>
        <source>Saturations</source>
        <translation>Saturaciones</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Valores</translation>
    </message>
</context>
<context>
    <name>zc::StripView</name>
    <message>
        <source>Value axis and set</source>
        <translation>Eje de valor y conjunto</translation>
    </message>
</context>
<context>
    <name>zc::StripsPanel</name>
    <message>
        <source>tints</source>
        <translation>tintes</translation>
    </message>
    <message>
        <source>tones</source>
        <translation>agrisados</translation>
    </message>
    <message>
        <source>shades</source>
        <translation>sombras</translation>
    </message>
    <message>
        <source>%1 of the current color</source>
        <translation>%1 del color actual</translation>
    </message>
    <message>
        <source>This color has no %1.</source>
        <translation>Este color no tiene %1.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>
Click to use the color, Ctrl+click to add it to the set.</source>
        <translation>
Clic usa el color, Ctrl+clic lo añade al conjunto.</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Add the tints, tones or shades of the current color as a family</source>
        <translation>Añadir los tintes, agrisados o sombras del color actual como familia</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>Añadir %1</translation>
    </message>
</context>
<context>
    <name>zc::Studio</name>
    <message>
        <source>no mask in use</source>
        <translation>sin máscara en uso</translation>
    </message>
    <message>
        <source>inside the mask</source>
        <translation>dentro de la máscara</translation>
    </message>
    <message>
        <source>outside the mask</source>
        <translation>fuera de la máscara</translation>
    </message>
    <message>
        <source>outside the mask, marked</source>
        <translation>fuera de la máscara, marcado</translation>
    </message>
</context>
<context>
    <name>zc::SwatchTable</name>
    <message>
        <source> (locked)</source>
        <translation> (bloqueada)</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutro</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Nombre</translation>
    </message>
    <message>
        <source>Hex</source>
        <translation>Hex</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Tono</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familia</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Nota</translation>
    </message>
    <message>
        <source>A value is a number from 0 to 100.</source>
        <translation>Un valor es un número de 0 a 100.</translation>
    </message>
    <message>
        <source>Edit note</source>
        <translation>Editar nota</translation>
    </message>
    <message>
        <source>Edit color</source>
        <translation>Editar color</translation>
    </message>
    <message>
        <source>Edit value</source>
        <translation>Editar valor</translation>
    </message>
    <message>
        <source>At value %1 the saturation was reduced to what exists.</source>
        <translation>A valor %1 la saturación se redujo a lo que existe.</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Saturación</translation>
    </message>
    <message>
        <source>%1 (metallic)</source>
        <translation>%1 (metálico)</translation>
    </message>
    <message>
        <source>%1 (fluorescent)</source>
        <translation>%1 (fluorescente)</translation>
    </message>
    <message>
        <source>%1 (not on screens)</source>
        <translation>%1 (no en pantallas)</translation>
    </message>
    <message>
        <source>Type four inks in percent, such as 20 40 0 10</source>
        <translation>Escribe cuatro tintas en porcentaje, como 20 40 0 10</translation>
    </message>
    <message>
        <source>Code</source>
        <translation>Código</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Quitar el código</translation>
    </message>
    <message>
        <source>A code is four inks in percent, such as 20 40 0 10.</source>
        <translation>Un código son cuatro tintas en porcentaje, como 20 40 0 10.</translation>
    </message>
    <message>
        <source>Edit code</source>
        <translation>Cambiar el código</translation>
    </message>
</context>
<context>
    <name>zc::TowardBar</name>
    <message>
        <source>Darker or lighter</source>
        <translation>Más oscuro o más claro</translation>
    </message>
    <message>
        <source>Drag to add black or white to every mixture. Drop a color on an end to use it instead; double-click to mix without.</source>
        <translation>Arrastra para añadir negro o blanco a cada mezcla. Suelta un color en un extremo para usarlo; doble clic mezcla sin nada.</translation>
    </message>
</context>
<context>
    <name>zc::Tray</name>
    <message>
        <source>More</source>
        <translation>Más</translation>
    </message>
    <message>
        <source>Add readouts, show related colors, fold or unfold the tray</source>
        <translation>Añadir lecturas, mostrar colores relacionados, plegar o desplegar la bandeja</translation>
    </message>
    <message>
        <source>Add readout</source>
        <translation>Añadir lectura</translation>
    </message>
    <message>
        <source>Related colors</source>
        <translation>Relacionados</translation>
    </message>
    <message>
        <source>Fold tray</source>
        <translation>Plegar la bandeja</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Imprenta</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Sin imprenta</translation>
    </message>
</context>
<context>
    <name>zc::TryDesk</name>
    <message>
        <source>The picture as it is</source>
        <translation>La imagen como es</translation>
    </message>
    <message>
        <source>Every pixel or area in its swatch</source>
        <translation>Cada píxel o área en su muestra</translation>
    </message>
    <message>
        <source>The picture moved as the swatches moved, its texture kept</source>
        <translation>La imagen movida como se movieron las muestras, con su textura</translation>
    </message>
    <message>
        <source>What lies outside the mask or far from every swatch keeps its color</source>
        <translation>Lo que está fuera de la máscara o lejos de toda muestra conserva su color</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>entornar</translation>
    </message>
    <message>
        <source>Both sides blurred, as with eyes half shut</source>
        <translation>Ambos lados borrosos, como con los ojos entornados</translation>
    </message>
    <message>
        <source>Cut into areas</source>
        <translation>Cortar en áreas</translation>
    </message>
    <message>
        <source>Study by pixels</source>
        <translation>Estudio por píxeles</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Número de áreas</translation>
    </message>
    <message>
        <source> smooth</source>
        <translation> suave</translation>
    </message>
    <message>
        <source>Smoothing of areas</source>
        <translation>Suavizado de áreas</translation>
    </message>
    <message>
        <source>Smallest area</source>
        <translation>Área más pequeña</translation>
    </message>
    <message>
        <source>value first</source>
        <translation>valor primero</translation>
    </message>
    <message>
        <source>Match of the study</source>
        <translation>Correspondencia del estudio</translation>
    </message>
    <message>
        <source> soft</source>
        <translation> suave</translation>
    </message>
    <message>
        <source>outside the mask</source>
        <translation>fuera de la máscara</translation>
    </message>
    <message>
        <source>Show the places outside the mask</source>
        <translation>Mostrar los sitios fuera de la máscara</translation>
    </message>
    <message>
        <source>Show the places far from every swatch</source>
        <translation>Mostrar los sitios lejos de toda muestra</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Guardar imagen</translation>
    </message>
    <message>
        <source>Outside the mask %1 %, far from every swatch %2 %; </source>
        <translation>Fuera de la máscara %1 %, lejos de toda muestra %2 %; </translation>
    </message>
    <message>
        <source>light %1, middle %2, dark %3 %</source>
        <translation>claro %1, medio %2, oscuro %3 %</translation>
    </message>
    <message>
        <source>Outside the mask: light %1, middle %2, dark %3 %. Far: %4, %5, %6 %. The set has %7 light, %8 middle and %9 dark swatches</source>
        <translation>Fuera de la máscara: claro %1, medio %2, oscuro %3 %. Lejos: %4, %5, %6 %. El conjunto tiene %7 muestras claras, %8 medias y %9 oscuras</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>foto</translation>
    </message>
    <message>
        <source>study</source>
        <translation>estudio</translation>
    </message>
    <message>
        <source>follow</source>
        <translation>seguir</translation>
    </message>
    <message>
        <source>check</source>
        <translation>revisar</translation>
    </message>
    <message>
        <source>no comparison</source>
        <translation>sin comparación</translation>
    </message>
    <message>
        <source>compared with %1</source>
        <translation>comparado con %1</translation>
    </message>
    <message>
        <source>What is shown left of the edge</source>
        <translation>Qué se muestra a la izquierda del borde</translation>
    </message>
    <message>
        <source>What is shown, or shown right of the edge</source>
        <translation>Qué se muestra, o se muestra a la derecha del borde</translation>
    </message>
    <message>
        <source>compare two</source>
        <translation>comparar dos</translation>
    </message>
    <message>
        <source>Compare two sets or versions under one edge. Drag the edge; Space swaps the sides.</source>
        <translation>Comparar dos conjuntos o versiones bajo un borde. Arrastra el borde; Espacio cambia los lados.</translation>
    </message>
    <message>
        <source>in areas</source>
        <translation>en áreas</translation>
    </message>
    <message>
        <source>Cut the picture into areas of similar color, each in one swatch. Drag a swatch onto an area to bind it.</source>
        <translation>Cortar la imagen en áreas de color parecido, cada una en una muestra. Arrastra una muestra a un área para ligarla.</translation>
    </message>
    <message>
        <source>Number of areas at most, 2 to 500</source>
        <translation>Número máximo de áreas, de 2 a 500</translation>
    </message>
    <message>
        <source>How much the picture is smoothed first, in percent of its longer side</source>
        <translation>Cuánto se suaviza antes la imagen, en por ciento de su lado mayor</translation>
    </message>
    <message>
        <source>Smallest area in percent of the picture; smaller ones join a neighbor</source>
        <translation>Área mínima en por ciento de la imagen; las menores se unen a una vecina</translation>
    </message>
    <message>
        <source> % smallest</source>
        <translation> % mínima</translation>
    </message>
    <message>
        <source>Match by hue first, then by value within that family, not by the least difference</source>
        <translation>Asignar primero por tono y luego por valor dentro de esa familia, no por la menor diferencia</translation>
    </message>
    <message>
        <source>The set or version that the picture is shown in</source>
        <translation>El conjunto o la versión en que se muestra la imagen</translation>
    </message>
    <message>
        <source>How far the move of each swatch reaches to colors around it</source>
        <translation>Hasta dónde alcanza el movimiento de cada muestra a los colores vecinos</translation>
    </message>
    <message>
        <source>moved from</source>
        <translation>movida desde</translation>
    </message>
    <message>
        <source>farther than</source>
        <translation>más lejos que</translation>
    </message>
    <message>
        <source>A color that differs by at least this (CIEDE2000) from every swatch counts as far</source>
        <translation>Un color que difiere al menos esto (CIEDE2000) de toda muestra cuenta como lejano</translation>
    </message>
    <message>
        <source>Compare light, middle and dark with</source>
        <translation>Comparar claros, medios y oscuros con</translation>
    </message>
    <message>
        <source>Missing colors</source>
        <translation>Colores que faltan</translation>
    </message>
    <message>
        <source>List the colors that the picture needs and the set does not have</source>
        <translation>Listar los colores que la imagen necesita y el conjunto no tiene</translation>
    </message>
    <message>
        <source>Pairs</source>
        <translation>Parejas</translation>
    </message>
    <message>
        <source>Show which swatch moves to which</source>
        <translation>Mostrar qué muestra se mueve a cuál</translation>
    </message>
    <message>
        <source>Adjust the set</source>
        <translation>Ajustar conjunto</translation>
    </message>
    <message>
        <source>Change hue, saturation and value of the set and see the picture follow</source>
        <translation>Cambiar tono, saturación y valor del conjunto y ver cómo sigue la imagen</translation>
    </message>
    <message>
        <source>Light and haze</source>
        <translation>Luz y bruma</translation>
    </message>
    <message>
        <source>See the set under a colored light, or in the distance</source>
        <translation>Ver el conjunto bajo una luz de color, o en la lejanía</translation>
    </message>
    <message>
        <source>Save the picture as it is shown, at full size, as PNG or JPEG</source>
        <translation>Guardar la imagen como se ve, a tamaño completo, en PNG o JPEG</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>sin imagen</translation>
    </message>
    <message>
        <source>No swatch has moved yet. Choose another version to move to, or adjust the set.</source>
        <translation>Aún no se ha movido ninguna muestra. Elige otra versión de destino o ajusta el conjunto.</translation>
    </message>
    <message>
        <source>The set is empty. Add swatches at Pick.</source>
        <translation>El conjunto está vacío. Añade muestras en Elegir.</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>La imagen usa todas las muestras.</translation>
    </message>
    <message>
        <source>The picture does not use %1 of %2 swatches.</source>
        <translation>La imagen no usa %1 de %2 muestras.</translation>
    </message>
    <message>
        <source>Comparing with the mask...</source>
        <translation>Comparando con la máscara...</translation>
    </message>
    <message>
        <source>light %1 (compared with %2), middle %3 (%4), dark %5 (%6) %</source>
        <translation>claros %1 (comparado con %2), medios %3 (%4), oscuros %5 (%6) %</translation>
    </message>
    <message>
        <source>; wanted: %1, %2 and %3.</source>
        <translation>; deseadas: %1, %2 y %3.</translation>
    </message>
    <message>
        <source>Add photo</source>
        <translation>Añadir foto</translation>
    </message>
    <message>
        <source>Add a photo or a drawing to the piece, to see it in the set</source>
        <translation>Añadir a la obra una foto o un dibujo, para verlo en el conjunto</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Opciones</translation>
    </message>
    <message>
        <source>Compare two, squint, cut into areas, save the picture</source>
        <translation>Comparar dos, entornar, cortar en áreas, guardar la imagen</translation>
    </message>
    <message>
        <source>Colors of</source>
        <translation>Colores de</translation>
    </message>
    <message>
        <source>canvas</source>
        <translation>lienzo</translation>
    </message>
    <message>
        <source>Try the canvas that is watched on the screen instead of the reference</source>
        <translation>Probar el lienzo observado en la pantalla en lugar de la referencia</translation>
    </message>
    <message>
        <source>canvas on screen</source>
        <translation>lienzo en pantalla</translation>
    </message>
</context>
<context>
    <name>zc::TryMenu</name>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probar</translation>
    </message>
    <message>
        <source>Show the picture as it is</source>
        <translation>Mostrar la imagen como es</translation>
    </message>
    <message>
        <source>Show every pixel or area in its swatch</source>
        <translation>Mostrar cada píxel o área en su muestra</translation>
    </message>
    <message>
        <source>Show what lies outside the mask or far from every swatch</source>
        <translation>Mostrar lo que está fuera de la máscara o lejos de toda muestra</translation>
    </message>
    <message>
        <source>Select the swatches that the picture does not use</source>
        <translation>Seleccionar las muestras que la imagen no usa</translation>
    </message>
    <message>
        <source>Remove the swatches that the picture does not use; locked ones stay</source>
        <translation>Quitar las muestras que la imagen no usa; lo bloqueado queda</translation>
    </message>
    <message>
        <source>Mark the swatches that the picture uses as used</source>
        <translation>Marcar como usadas las muestras que la imagen usa</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>La imagen usa todas las muestras.</translation>
    </message>
    <message>
        <source>The picture uses no swatch of the set.</source>
        <translation>La imagen no usa ninguna muestra del conjunto.</translation>
    </message>
    <message>
        <source>Mark used</source>
        <translation>Marcar usadas</translation>
    </message>
    <message>
        <source>pairs.csv</source>
        <translation>parejas.csv</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tablas (*.csv)</translation>
    </message>
    <message>
        <source>There is no picture to save yet.</source>
        <translation>Aún no hay imagen que guardar.</translation>
    </message>
    <message>
        <source>tried.png</source>
        <translation>prueba.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation>Imágenes (*.png *.jpg *.jpeg *.svg)</translation>
    </message>
    <message>
        <source>Show &amp;photo</source>
        <translation>Mostrar &amp;foto</translation>
    </message>
    <message>
        <source>Show &amp;study</source>
        <translation>Mostrar &amp;estudio</translation>
    </message>
    <message>
        <source>Show &amp;follow</source>
        <translation>Mostrar &amp;seguimiento</translation>
    </message>
    <message>
        <source>Show the picture with its colors moved as the swatches moved</source>
        <translation>Mostrar la imagen con sus colores movidos como las muestras</translation>
    </message>
    <message>
        <source>Show &amp;check</source>
        <translation>Mostrar &amp;revisión</translation>
    </message>
    <message>
        <source>Co&amp;mpare two under one edge</source>
        <translation>Comparar dos bajo un &amp;borde</translation>
    </message>
    <message>
        <source>Show two sets or versions side by side under one edge</source>
        <translation>Mostrar dos conjuntos o versiones bajo un borde</translation>
    </message>
    <message>
        <source>S&amp;wap sides</source>
        <translation>&amp;Intercambiar lados</translation>
    </message>
    <message>
        <source>Swap what is shown left and right of the edge</source>
        <translation>Intercambiar lo que se muestra a la izquierda y a la derecha del borde</translation>
    </message>
    <message>
        <source>Select &amp;unused swatches</source>
        <translation>Seleccionar muestras &amp;no usadas</translation>
    </message>
    <message>
        <source>&amp;Remove unused swatches</source>
        <translation>&amp;Quitar muestras no usadas</translation>
    </message>
    <message>
        <source>&amp;Mark used swatches</source>
        <translation>&amp;Marcar muestras usadas</translation>
    </message>
    <message>
        <source>Sa&amp;ve picture...</source>
        <translation>&amp;Guardar imagen...</translation>
    </message>
    <message>
        <source>Save the picture as it is shown, at full size, as PNG or JPEG; a study in areas also as SVG</source>
        <translation>Guardar la imagen como se ve, a tamaño completo, en PNG o JPEG; un estudio en áreas también en SVG</translation>
    </message>
    <message>
        <source>Save p&amp;airs...</source>
        <translation>Guardar p&amp;arejas...</translation>
    </message>
    <message>
        <source>Save which swatch moves to which, as a table</source>
        <translation>Guardar como tabla qué muestra se mueve a cuál</translation>
    </message>
    <message numerus="yes">
        <source>Remove %n unused swatches</source>
        <translation>
            <numerusform>Quitar %n muestra no usada</numerusform>
            <numerusform>Quitar %n muestras no usadas</numerusform>
        </translation>
    </message>
    <message>
        <source>The study is not ready yet. Wait for it, or show a picture.</source>
        <translation>El estudio aún no está listo. Espera o muestra una imagen.</translation>
    </message>
    <message>
        <source>Counting pixels</source>
        <translation>Contando píxeles</translation>
    </message>
    <message>
        <source>The piece was changed meanwhile. Try again.</source>
        <translation>La obra cambió entretanto. Inténtalo otra vez.</translation>
    </message>
    <message>
        <source>Choose a set or a version to move to first.</source>
        <translation>Elige antes un conjunto o una versión de destino.</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>Guardado en &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Save a study in areas as one picture for each swatch, into a folder</source>
        <translation>Guardar un estudio por áreas como una imagen por cada muestra, en una carpeta</translation>
    </message>
    <message>
        <source>Flat fills are those of a study in areas: show one first, without the edge.</source>
        <translation>Los rellenos planos son los de un estudio por áreas: muestra antes uno, sin el borde.</translation>
    </message>
    <message>
        <source>Save flat fills...</source>
        <translation>Guardar rellenos planos...</translation>
    </message>
</context>
<context>
    <name>zc::TryModel</name>
    <message>
        <source>photo</source>
        <translation>foto</translation>
    </message>
    <message>
        <source>no set</source>
        <translation>sin conjunto</translation>
    </message>
    <message>
        <source>%1, as it is</source>
        <translation>%1, como está</translation>
    </message>
    <message>
        <source>photo, in the mask</source>
        <translation>foto, en la máscara</translation>
    </message>
    <message>
        <source>photo, in key %1</source>
        <translation>foto, clave %1</translation>
    </message>
</context>
<context>
    <name>zc::TryView</name>
    <message>
        <source>The picture in the set</source>
        <translation>La imagen en el conjunto</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Unir áreas</translation>
    </message>
    <message>
        <source>Split area</source>
        <translation>Partir área</translation>
    </message>
    <message>
        <source>Unbind area</source>
        <translation>Desligar área</translation>
    </message>
    <message>
        <source>Bind area</source>
        <translation>Ligar área</translation>
    </message>
    <message>
        <source>Edge between the two sides</source>
        <translation>Borde entre los dos lados</translation>
    </message>
    <message>
        <source>Click to use the color of the swatch. Drag the edge; Space swaps its sides. Drag a swatch onto an area to bind it.</source>
        <translation>Clic usa el color de la muestra. Arrastra el borde; Espacio cambia los lados. Arrastra una muestra a un área para ligarla.</translation>
    </message>
    <message>
        <source>%1: click to use the color</source>
        <translation>%1: clic usa el color</translation>
    </message>
    <message>
        <source>Cut the picture into areas first, to bind a swatch to one.</source>
        <translation>Corta antes la imagen en áreas, para ligar una muestra a una.</translation>
    </message>
    <message>
        <source>Swap sides</source>
        <translation>Intercambiar lados</translation>
    </message>
    <message>
        <source>See a photo, a flat drawing or your canvas in the colors of the set, before a stroke is painted.</source>
        <translation>Mira una foto, un dibujo plano o tu lienzo en los colores del conjunto, antes de dar una pincelada.</translation>
    </message>
</context>
<context>
    <name>zc::UseBar</name>
    <message>
        <source>%1: %2 % of the picture</source>
        <translation>%1: %2 % de la imagen</translation>
    </message>
    <message>
        <source>How much of the picture each swatch covers</source>
        <translation>Cuánto de la imagen cubre cada muestra</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Seleccionar</translation>
    </message>
    <message>
        <source>How much of the picture each swatch covers, light to dark. Click to select the swatch.</source>
        <translation>Cuánto de la imagen cubre cada muestra, de claro a oscuro. Clic selecciona la muestra.</translation>
    </message>
</context>
<context>
    <name>zc::ValueBand</name>
    <message>
        <source>Set</source>
        <translation>Conjunto</translation>
    </message>
    <message>
        <source>The current set by value</source>
        <translation>El conjunto actual por valor</translation>
    </message>
</context>
<context>
    <name>zc::VersionsView</name>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>current set</source>
        <translation>conjunto actual</translation>
    </message>
    <message>
        <source>Tick versions under Sets to compare them with the set.</source>
        <translation>Marca versiones en Conjuntos para compararlas con el conjunto.</translation>
    </message>
    <message>
        <source>Restore version</source>
        <translation>Restaurar versión</translation>
    </message>
    <message>
        <source>Save version</source>
        <translation>Guardar versión</translation>
    </message>
    <message>
        <source>Save the set as it is now as its first version</source>
        <translation>Guardar el conjunto como está como su primera versión</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>versión %1</translation>
    </message>
    <message>
        <source>Save the set as a version, change the set, and compare both here.</source>
        <translation>Guarda el conjunto como versión, cámbialo y compara aquí los dos.</translation>
    </message>
    <message>
        <source>Click a version to choose it, double-click it or press Enter to restore it</source>
        <translation>Clic elige una versión; doble clic o Intro la restaura</translation>
    </message>
</context>
<context>
    <name>zc::ViewMenu</name>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>&amp;Surround</source>
        <translation>En&amp;torno</translation>
    </message>
    <message>
        <source>Use the %1 surround</source>
        <translation>Usar el entorno %1</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness</source>
        <translation>Mostrar todo en grises de igual luminosidad</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for long waves see it</source>
        <translation>Mostrar todo como lo ven ojos sin conos de onda larga</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for middle waves see it</source>
        <translation>Mostrar todo como lo ven ojos sin conos de onda media</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for short waves see it</source>
        <translation>Mostrar todo como lo ven ojos sin conos de onda corta</translation>
    </message>
    <message>
        <source>%1 % of the cones missing</source>
        <translation>falta el %1 % de los conos</translation>
    </message>
    <message>
        <source>How much of the kind of cone chosen above is missing</source>
        <translation>Cuánto falta de la clase de conos elegida arriba</translation>
    </message>
    <message>
        <source>As the &amp;desktop&apos;s text</source>
        <translation>Como el texto del &amp;escritorio</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>&amp;Keep reference in sight</source>
        <translation>&amp;Tener la referencia a la vista</translation>
    </message>
    <message>
        <source>Show a small reference beside the work at this desk</source>
        <translation>Mostrar una referencia pequeña junto al trabajo de esta mesa</translation>
    </message>
    <message>
        <source>Show companion &amp;beside the canvas</source>
        <translation>Mostrar acompañante &amp;junto al lienzo</translation>
    </message>
    <message>
        <source>Show a small window with wheel, value axis and set, above other programs</source>
        <translation>Mostrar una ventana pequeña con círculo, eje de valor y conjunto, encima de otros programas</translation>
    </message>
    <message>
        <source>Show vivi&amp;d wheel</source>
        <translation>Mostrar círculo &amp;vivo</translation>
    </message>
    <message>
        <source>Show each hue at the value where it is strongest</source>
        <translation>Mostrar cada tono al valor en que es más fuerte</translation>
    </message>
    <message>
        <source>Arrange for left &amp;hand</source>
        <translation>Disponer para la mano i&amp;zquierda</translation>
    </message>
    <message>
        <source>Put controls on the left and pictures on the right</source>
        <translation>Controles a la izquierda, imágenes a la derecha</translation>
    </message>
    <message>
        <source>Si&amp;ze of text and controls</source>
        <translation>Tama&amp;ño de texto y controles</translation>
    </message>
    <message>
        <source>Show &amp;values only</source>
        <translation>Mostrar solo &amp;valores</translation>
    </message>
    <message>
        <source>&amp;Color vision</source>
        <translation>Visión del &amp;color</translation>
    </message>
    <message>
        <source>&amp;Protanopia: no cones for long waves</source>
        <translation>&amp;Protanopía: sin conos de onda larga</translation>
    </message>
    <message>
        <source>&amp;Deuteranopia: no cones for middle waves</source>
        <translation>&amp;Deuteranopía: sin conos de onda media</translation>
    </message>
    <message>
        <source>&amp;Tritanopia: no cones for short waves</source>
        <translation>&amp;Tritanopía: sin conos de onda corta</translation>
    </message>
    <message>
        <source>The new size is used from the next start.</source>
        <translation>El tamaño nuevo vale desde el próximo arranque.</translation>
    </message>
    <message>
        <source>Use the text size of the desktop</source>
        <translation>Usar el tamaño de texto del escritorio</translation>
    </message>
    <message>
        <source>Show text at %1 percent, everything else as usual</source>
        <translation>Mostrar el texto al %1 por ciento, lo demás como siempre</translation>
    </message>
    <message>
        <source>Show the whole window at %1 percent</source>
        <translation>Mostrar toda la ventana al %1 por ciento</translation>
    </message>
    <message>
        <source>&amp;Fold tray</source>
        <translation>&amp;Plegar la bandeja</translation>
    </message>
    <message>
        <source>Show the current color, wells and Add to set in one row</source>
        <translation>Mostrar el color actual, los pocillos y Añadir al conjunto en una fila</translation>
    </message>
    <message>
        <source>Move &amp;pointer by keys</source>
        <translation>&amp;Mover el puntero con teclas</translation>
    </message>
    <message>
        <source>Arrows move a pointer over the view with the focus; Enter clicks, Space takes hold and lets go, the Menu key opens a menu, Escape ends</source>
        <translation>Las flechas mueven un puntero sobre la vista con el foco; Entrar hace clic, Espacio agarra y suelta, la tecla Menú abre un menú, Esc termina</translation>
    </message>
    <message>
        <source>&amp;Watch canvas on screen</source>
        <translation>&amp;Observar lienzo en la pantalla</translation>
    </message>
    <message>
        <source>Choose the part of the screen where you paint; the companion shows what strays from the plan there</source>
        <translation>Elige la parte de la pantalla donde pintas; el acompañante muestra lo que allí se aparta del plan</translation>
    </message>
    <message>
        <source>Watch sa&amp;me part again</source>
        <translation>Observar otra &amp;vez la misma parte</translation>
    </message>
    <message>
        <source>Watch the part of the screen that was watched last</source>
        <translation>Observar la última parte de la pantalla que se observó</translation>
    </message>
</context>
<context>
    <name>zc::WatchModel</name>
    <message>
        <source>canvas on screen</source>
        <translation>lienzo en pantalla</translation>
    </message>
</context>
<context>
    <name>zc::WatchedOnX</name>
    <message>
        <source>This screen cannot be watched.</source>
        <translation>Esta pantalla no se puede observar.</translation>
    </message>
    <message>
        <source>The watched window was closed.</source>
        <translation>Se cerró la ventana observada.</translation>
    </message>
    <message>
        <source>The screen cannot be watched any more.</source>
        <translation>La pantalla ya no se puede observar.</translation>
    </message>
    <message>
        <source>The watched window is not shown; its last picture stands.</source>
        <translation>La ventana observada no se ve; queda su última imagen.</translation>
    </message>
    <message>
        <source>The watched window has become smaller than the watched part; the last picture stands.</source>
        <translation>La ventana observada es ahora menor que la parte observada; queda la última imagen.</translation>
    </message>
    <message>
        <source>The watched part is beyond the screen; its last picture stands.</source>
        <translation>La parte observada queda fuera de la pantalla; queda su última imagen.</translation>
    </message>
    <message>
        <source>Another window covers the watched part; its last picture stands.</source>
        <translation>Otra ventana cubre la parte observada; queda su última imagen.</translation>
    </message>
</context>
<context>
    <name>zc::WatchedStream</name>
    <message>
        <source>The desktop gives no pictures of the screen any more.</source>
        <translation>El escritorio ya no da imágenes de la pantalla.</translation>
    </message>
    <message>
        <source>The desktop has ended the watching of the screen.</source>
        <translation>El escritorio terminó la observación de la pantalla.</translation>
    </message>
    <message>
        <source>The desktop gives no pictures of the screen.</source>
        <translation>El escritorio no da imágenes de la pantalla.</translation>
    </message>
    <message>
        <source>The watched part lies beyond what the desktop shows; its last picture stands.</source>
        <translation>La parte observada queda fuera de lo que muestra el escritorio; queda su última imagen.</translation>
    </message>
    <message>
        <source>The screen has another size or scale since the canvas was chosen. Choose it again.</source>
        <translation>La pantalla tiene otro tamaño u otra escala desde que se eligió el lienzo. Elígelo otra vez.</translation>
    </message>
</context>
<context>
    <name>zc::WellsView</name>
    <message>
        <source>Empty the chosen well</source>
        <translation>Vaciar el pocillo elegido</translation>
    </message>
    <message>
        <source>Wells and recent colors</source>
        <translation>Pocillos y colores recientes</translation>
    </message>
    <message>
        <source>Wells</source>
        <translation>Pocillos</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Recientes</translation>
    </message>
    <message>
        <source>nothing picked yet</source>
        <translation>nada elegido aún</translation>
    </message>
    <message>
        <source>Well %1: %2</source>
        <translation>Pocillo %1: %2</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>vacío</translation>
    </message>
    <message>
        <source>Recent: %1</source>
        <translation>Reciente: %1</translation>
    </message>
    <message>
        <source>Clear well</source>
        <translation>Vaciar pocillo</translation>
    </message>
    <message>
        <source>Stop filling</source>
        <translation>Dejar de llenar</translation>
    </message>
    <message>
        <source>Picks no longer fill a well; the wells keep their colors</source>
        <translation>Los colores elegidos ya no llenan ningún pocillo; los pocillos conservan sus colores</translation>
    </message>
    <message>
        <source>no well is filled by picks</source>
        <translation>ningún pocillo se llena</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Put current color here</source>
        <translation>Poner aquí el color actual</translation>
    </message>
    <message>
        <source>Name of the row of wells</source>
        <translation>Nombre de la fila de pocillos</translation>
    </message>
    <message>
        <source>every pick fills %1</source>
        <translation>cada elección llena %1</translation>
    </message>
    <message>
        <source>Add row of wells</source>
        <translation>Añadir fila de pocillos</translation>
    </message>
    <message>
        <source>Rename row</source>
        <translation>Cambiar el nombre de la fila</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Quitar la fila</translation>
    </message>
    <message>
        <source>Click a well to use its color; picks then fill it. Shift+click to put the current color in it. Keys 1 to 8 use a well, with Shift they put the current color in. 9 goes to the next row; the right button adds rows.</source>
        <translation>Haz clic en un pocillo para usar su color; lo elegido lo llena después. Mayús+clic pone en él el color actual. Las teclas 1 a 8 usan un pocillo; con Mayús ponen en él el color actual. 9 pasa a la fila siguiente; el botón derecho añade filas.</translation>
    </message>
    <message>
        <source>Well %1 of %2: %3</source>
        <translation>Pocillo %1 de %2: %3</translation>
    </message>
</context>
<context>
    <name>zc::WheelHead</name>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>Hue scale of the wheel</source>
        <translation>Escala de tonos del círculo</translation>
    </message>
    <message>
        <source>traditional</source>
        <translation>tradicional</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>tinta</translation>
    </message>
    <message>
        <source>even</source>
        <translation>igualado</translation>
    </message>
    <message>
        <source>Saturation measure</source>
        <translation>Medida de saturación</translation>
    </message>
    <message>
        <source>HSLuv saturation</source>
        <translation>Saturación HSLuv</translation>
    </message>
    <message>
        <source>HSL saturation</source>
        <translation>Saturación HSL</translation>
    </message>
    <message>
        <source>HSV saturation</source>
        <translation>Saturación HSV</translation>
    </message>
    <message>
        <source>CIELAB chroma</source>
        <translation>Croma CIELAB</translation>
    </message>
    <message>
        <source>OKLab chroma</source>
        <translation>Croma OKLab</translation>
    </message>
    <message>
        <source>Show each hue at the value where it is strongest. A pick is then the color you see, value included.</source>
        <translation>Mostrar cada tono al valor en que es más fuerte. Se elige entonces el color que se ve, valor incluido.</translation>
    </message>
    <message>
        <source>Choose which hues face each other: on the traditional wheel red faces green, on the light and ink wheels red faces cyan</source>
        <translation>Elegir qué tonos se enfrentan: en el círculo tradicional el rojo mira al verde, en luz y tinta el rojo mira al cian</translation>
    </message>
    <message>
        <source>HSL and HSV space hues unevenly: near blue, one degree of the even wheel is up to 26 degrees of theirs. HSLuv, CIELAB and OKLab are even there.</source>
        <translation>HSL y HSV reparten los tonos de modo desigual: cerca del azul, un grado del círculo igualado son hasta 26 de los suyos. HSLuv, CIELAB y OKLab son regulares allí.</translation>
    </message>
    <message>
        <source>Choose how saturation is measured; value is true lightness with every measure</source>
        <translation>Elegir cómo se mide la saturación; el valor es luminosidad fiel con todas las medidas</translation>
    </message>
    <message>
        <source>each hue</source>
        <translation>cada tono</translation>
    </message>
    <message>
        <source>at value %1</source>
        <translation>a valor %1</translation>
    </message>
    <message>
        <source>Choose which hues face each other, and how saturation is measured</source>
        <translation>Elegir qué tonos se enfrentan y cómo se mide la saturación</translation>
    </message>
    <message>
        <source>Wheel: %1</source>
        <translation>Círculo: %1</translation>
    </message>
    <message>
        <source>luma chroma</source>
        <translation>croma de luma</translation>
    </message>
</context>
<context>
    <name>zc::WheelView</name>
    <message>
        <source>Wheel with the mask</source>
        <translation>Círculo con la máscara</translation>
    </message>
    <message>
        <source>Wheel at the current value</source>
        <translation>Círculo al valor actual</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation</source>
        <translation>Arrastra para ajustar tono y saturación</translation>
    </message>
    <message>
        <source>%1, %2°. </source>
        <translation>%1, %2°. </translation>
    </message>
    <message>
        <source>%1, %2°, saturation %3 %. </source>
        <translation>%1, %2°, saturación %3 %. </translation>
    </message>
    <message>
        <source>%1° further: %2. Click to use the color, drag it along the rim to move it.</source>
        <translation>a %1°: %2. Clic usa el color, arrastrar por el borde lo mueve.</translation>
    </message>
    <message>
        <source>Drag a handle to shape an area, drag inside to move it, drag outside the rim to turn the mask (with Shift only the area). Double-click an edge to add a corner.</source>
        <translation>Arrastra un tirador para dar forma a un área, por dentro para moverla, fuera del borde para girar la máscara (con Mayús solo el área). Doble clic en un lado añade una esquina.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation; Ctrl+scroll to zoom.</source>
        <translation>Arrastra para fijar tono y saturación; Ctrl+rueda amplía.</translation>
    </message>
    <message>
        <source>%1° further: %2</source>
        <translation>a %1°: %2</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Usar color</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Añadir al conjunto</translation>
    </message>
    <message>
        <source>%1° further: %2. Click to choose %3.</source>
        <translation>A %1°: %2. Haz clic para elegir %3.</translation>
    </message>
    <message>
        <source>The mask is locked; drag to pick a color.</source>
        <translation>La máscara está bloqueada; arrastra para tomar un color.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation, with Ctrl also outside the mask; Ctrl+scroll to zoom.</source>
        <translation>Arrastra para fijar tono y saturación, con Ctrl también fuera de la máscara; Ctrl+rueda para ampliar.</translation>
    </message>
</context>
<context>
    <name>zc::trade_menu</name>
    <message>
        <source>Mixed by a drawn reflectance curve: %1</source>
        <translation>Mezclada con una curva de reflectancia dibujada: %1</translation>
    </message>
</context>
</TS>
