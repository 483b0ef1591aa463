<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="es" sourcelanguage="en">
<context>
    <name>Desk</name>
    <message>
        <source>&amp;Observe</source>
        <translation>&amp;Observar</translation>
    </message>
    <message>
        <source>Look at references and sample them</source>
        <translation>Mirar referencias y tomar muestras de ellas</translation>
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
        <source>Grade the set by value and take it anywhere</source>
        <translation>Graduar el conjunto por valor y llevarlo a cualquier parte</translation>
    </message>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probar</translation>
    </message>
    <message>
        <source>Try the set on a picture before a stroke is painted</source>
        <translation>Probar el conjunto en una imagen antes de la primera pincelada</translation>
    </message>
    <message>
        <source>S&amp;hare</source>
        <translation>&amp;Compartir</translation>
    </message>
    <message>
        <source>The sheet, the press, the plan as a picture</source>
        <translation>La hoja, la imprenta, el plan como imagen</translation>
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
        <source>%1: the set has this color</source>
        <translation>%1: el conjunto tiene este color</translation>
    </message>
    <message>
        <source>%1: %2 from a color the set has</source>
        <translation>%1: a %2 de un color del conjunto</translation>
    </message>
    <message>
        <source>%1: new</source>
        <translation>%1: nuevo</translation>
    </message>
    <message>
        <source>the set has it</source>
        <translation>el conjunto lo tiene</translation>
    </message>
    <message>
        <source>near, %1</source>
        <translation>cerca, %1</translation>
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
        <source>hue</source>
        <translation>tono</translation>
    </message>
    <message>
        <source>Wheel angle of the corner</source>
        <translation>Ángulo de la esquina en el círculo</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>saturación</translation>
    </message>
    <message>
        <source>Saturation of the corner</source>
        <translation>Saturación de la esquina</translation>
    </message>
    <message>
        <source>size</source>
        <translation>tamaño</translation>
    </message>
    <message>
        <source>From the middle of the area to its furthest corner</source>
        <translation>Del centro del área a su esquina más lejana</translation>
    </message>
    <message>
        <source>Wheel angle of the middle</source>
        <translation>Ángulo del centro en el círculo</translation>
    </message>
    <message>
        <source>Saturation of the middle</source>
        <translation>Saturación del centro</translation>
    </message>
    <message>
        <source>length</source>
        <translation>largo</translation>
    </message>
    <message>
        <source>Half the long way</source>
        <translation>La mitad del lado largo</translation>
    </message>
    <message>
        <source>width</source>
        <translation>ancho</translation>
    </message>
    <message>
        <source>Half the other way</source>
        <translation>La mitad del otro lado</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>girado</translation>
    </message>
    <message>
        <source>Wheel angle the length points at</source>
        <translation>Ángulo del círculo al que apunta el largo</translation>
    </message>
    <message>
        <source>from hue</source>
        <translation>desde tono</translation>
    </message>
    <message>
        <source>Wheel angle where the sector begins</source>
        <translation>Ángulo del círculo en que empieza el sector</translation>
    </message>
    <message>
        <source>over</source>
        <translation>por</translation>
    </message>
    <message>
        <source>How far it goes clockwise</source>
        <translation>Cuánto avanza en el sentido del reloj</translation>
    </message>
    <message>
        <source>from sat.</source>
        <translation>desde sat.</translation>
    </message>
    <message>
        <source>Lowest saturation</source>
        <translation>Saturación más baja</translation>
    </message>
    <message>
        <source>to sat.</source>
        <translation>hasta sat.</translation>
    </message>
    <message>
        <source>Highest saturation</source>
        <translation>Saturación más alta</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>esquina</translation>
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
        <source>well %1</source>
        <translation>pocillo %1</translation>
    </message>
    <message>
        <source>The settings cannot be read; the program starts with its own. They are in &quot;%1&quot;.</source>
        <translation>No se pueden leer los ajustes; el programa empieza con los suyos. Están en &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>The settings are of a newer version; they were set aside as &quot;%1&quot;.</source>
        <translation>Los ajustes son de una versión más nueva; se apartaron como &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>The settings were damaged; they were set aside as &quot;%1&quot;.</source>
        <translation>Los ajustes estaban dañados; se apartaron como &quot;%1&quot;.</translation>
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
        <source>Save the piece as</source>
        <translation>Guardar la obra como</translation>
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
        <source>Bring in</source>
        <translation>Traer</translation>
    </message>
    <message>
        <source>Export the set</source>
        <translation>Exportar el conjunto</translation>
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
        <source>Discard the changes</source>
        <translation>Descartar los cambios</translation>
    </message>
    <message>
        <source>Go on working</source>
        <translation>Seguir trabajando</translation>
    </message>
    <message>
        <source>An unsaved piece was kept</source>
        <translation>Se conservó una obra sin guardar</translation>
    </message>
    <message>
        <source>Zonachrom ended without saving &quot;%1&quot;. Its state of %2 was kept.</source>
        <translation>Zonachrom terminó sin guardar &quot;%1&quot;. Se conservó su estado de %2.</translation>
    </message>
    <message>
        <source>A damaged piece</source>
        <translation>Una obra dañada</translation>
    </message>
    <message>
        <source>Open what can be read</source>
        <translation>Abrir lo que se puede leer</translation>
    </message>
    <message>
        <source>Open the version before</source>
        <translation>Abrir la versión anterior</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>About Zonachrom</source>
        <translation>Acerca de Zonachrom</translation>
    </message>
    <message>
        <source>Take up mask</source>
        <translation>Tomar máscara</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>máscaras</translation>
    </message>
    <message>
        <source>Take up set</source>
        <translation>Tomar conjunto</translation>
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
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Seleccionar</translation>
    </message>
    <message>
        <source>Add to the selection</source>
        <translation>Añadir a la selección</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Elegir</translation>
    </message>
    <message>
        <source>Lay the color</source>
        <translation>Poner el color</translation>
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
        <source>Lines of your own</source>
        <translation>Líneas propias</translation>
    </message>
    <message>
        <source>what the pattern below says</source>
        <translation>lo que dice el patrón de abajo</translation>
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
        <source>a file a page</source>
        <translation>un archivo por página</translation>
    </message>
    <message>
        <source>Sheet, PNG</source>
        <translation>Hoja, PNG</translation>
    </message>
    <message>
        <source>a file a page, 300 pixels an inch</source>
        <translation>un archivo por página, 300 píxeles por pulgada</translation>
    </message>
    <message>
        <source>Wheel, PNG</source>
        <translation>Círculo, PNG</translation>
    </message>
    <message>
        <source>as set under Wheel</source>
        <translation>como se ajustó en Círculo</translation>
    </message>
    <message>
        <source>The folder &quot;%1&quot; is not there any more; choose another.</source>
        <translation>La carpeta &quot;%1&quot; ya no existe; elige otra.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>recto</translation>
    </message>
    <message>
        <source>hue, short way</source>
        <translation>tono, camino corto</translation>
    </message>
    <message>
        <source>hue, long way</source>
        <translation>tono, camino largo</translation>
    </message>
    <message>
        <source>as light</source>
        <translation>como luz</translation>
    </message>
    <message>
        <source>as paint</source>
        <translation>como pintura</translation>
    </message>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, valor %3</translation>
    </message>
    <message>
        <source>Protan eyes</source>
        <translation>Ojos protán</translation>
    </message>
    <message>
        <source>Deutan eyes</source>
        <translation>Ojos deután</translation>
    </message>
    <message>
        <source>Tritan eyes</source>
        <translation>Ojos tritán</translation>
    </message>
    <message>
        <source>Values only</source>
        <translation>Solo valores</translation>
    </message>
    <message>
        <source>Usual eyes</source>
        <translation>Ojos habituales</translation>
    </message>
    <message>
        <source>%1 surround</source>
        <translation>Entorno %1</translation>
    </message>
    <message>
        <source>Use the %1 surround</source>
        <translation>Usar el entorno %1</translation>
    </message>
    <message>
        <source>here</source>
        <translation>aquí</translation>
    </message>
    <message>
        <source>held</source>
        <translation>sujeto</translation>
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
        <source>
brought into it</source>
        <translation>
llevado a ella</translation>
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
        <source>The file &quot;%1&quot; was changed after that. Recover opens the kept state beside it, as a piece without a file.</source>
        <translation>El archivo «%1» cambió después. Recuperar abre el estado guardado aparte, como una obra sin archivo.</translation>
    </message>
    <message>
        <source>Recover</source>
        <translation>Recuperar</translation>
    </message>
    <message>
        <source>Open the file</source>
        <translation>Abrir el archivo</translation>
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
        <source>Files that are there</source>
        <translation>Archivos que ya existen</translation>
    </message>
    <message>
        <source>These files exist, and this piece did not write them as they are now:</source>
        <translation>Estos archivos ya existen, y esta obra no los escribió tal como están ahora:</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Reemplazarlos</translation>
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
    <name>Sentence</name>
    <message>
        <source>&quot;%1&quot; was not opened. %2</source>
        <translation>&quot;%1&quot; no se abrió. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could not be taken off the shelf.</source>
        <translation>&quot;%1&quot; no se pudo quitar del estante.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has more than 400 million pixels; make it smaller first.</source>
        <translation>&quot;%1&quot; tiene más de 400 millones de píxeles; redúcela antes.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; holds no merged picture; save it again in the program that made it.</source>
        <translation>&quot;%1&quot; no contiene imagen fusionada; guárdala otra vez en el programa que la hizo.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is a CMYK photo without a color profile, so its colors are not known; save it as RGB first.</source>
        <translation>&quot;%1&quot; es una foto CMYK sin perfil de color, y sus colores no se conocen; guárdala antes como RGB.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has inks in a form that is not read; save it as RGB first.</source>
        <translation>&quot;%1&quot; tiene tintas en una forma que no se lee; guárdala antes como RGB.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is cut short or damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; está cortada o dañada; elige otra copia de la foto.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than 64 MB; no press profile is.</source>
        <translation>&quot;%1&quot; pasa de 64 MB; ningún perfil de imprenta los tiene.</translation>
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
        <source>&quot;%1&quot; is no day; write it as 2026-11-26.</source>
        <translation>&quot;%1&quot; no es un día; escríbelo como 2026-11-26.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no paint of the trade.</source>
        <translation>&quot;%1&quot; no es una pintura del oficio.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a color; write #rrggbb, #rgb or srgb:R,G,B with numbers from 0 to 1.</source>
        <translation>&quot;%1&quot; no es un color; escribe #rrggbb, #rgb o srgb:R,G,B con números de 0 a 1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not the ICC profile of a four-color press that can be worked with.</source>
        <translation>&quot;%1&quot; no es un perfil ICC de imprenta de cuatro tintas que se pueda usar.</translation>
    </message>
    <message>
        <source>A brace is open to the end of the pattern; close it with }.</source>
        <translation>Una llave queda abierta hasta el final del patrón; ciérrala con }.</translation>
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
        <source>A palette has at most 12 paints; take one off first.</source>
        <translation>Una paleta tiene como mucho 12 pinturas; quita una antes.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints.</source>
        <translation>Una paleta tiene como mucho 12 pinturas.</translation>
    </message>
    <message>
        <source>A pattern is no longer than 10,000 letters.</source>
        <translation>Un patrón no pasa de 10.000 letras.</translation>
    </message>
    <message>
        <source>A picture is cut into 2 to 500 areas.</source>
        <translation>Una imagen se corta en 2 a 500 áreas.</translation>
    </message>
    <message>
        <source>A picture is written as .png or .jpg; name the file so.</source>
        <translation>Una imagen se escribe como .png o .jpg; nombra así el archivo.</translation>
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
        <source>A sheet can have 36 to 600 pixels an inch.</source>
        <translation>Una hoja puede tener de 36 a 600 píxeles por pulgada.</translation>
    </message>
    <message>
        <source>A sheet is written as .pdf, .svg or .png; name the file so.</source>
        <translation>Una hoja se escribe como .pdf, .svg o .png; nombra así el archivo.</translation>
    </message>
    <message>
        <source>A string between two colors needs the second one.</source>
        <translation>Una gradación entre dos colores necesita el segundo.</translation>
    </message>
    <message>
        <source>A string has from 2 to 24 steps.</source>
        <translation>Una gradación tiene de 2 a 24 pasos.</translation>
    </message>
    <message>
        <source>A swatch cannot be merged with itself.</source>
        <translation>Una muestra no se une consigo misma.</translation>
    </message>
    <message>
        <source>A swatch cannot be parted from itself.</source>
        <translation>Una muestra no se separa de sí misma.</translation>
    </message>
    <message>
        <source>A tag is too long; keep it under 400 letters.</source>
        <translation>Una etiqueta es demasiado larga; que no pase de 400 letras.</translation>
    </message>
    <message>
        <source>A tint goes from nothing, 0, to all, 1.</source>
        <translation>Un tinte va de nada, 0, a todo, 1.</translation>
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
        <source>An entry of the file is damaged.</source>
        <translation>Una entrada del archivo está dañada.</translation>
    </message>
    <message>
        <source>Another window is changing the shelf; try again.</source>
        <translation>Otra ventana está cambiando el estante; inténtalo otra vez.</translation>
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
        <source>Between 1 and 30 lacking colors can be named.</source>
        <translation>Se nombran de 1 a 30 colores que faltan.</translation>
    </message>
    <message>
        <source>Between two colors there is room for 1 to 22 steps.</source>
        <translation>Entre dos colores caben de 1 a 22 pasos.</translation>
    </message>
    <message>
        <source>Both of these swatches are locked; unlock one to part them.</source>
        <translation>Ambas muestras están bloqueadas; desbloquea una para separarlas.</translation>
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
        <source>Cutting with this area would leave nothing of the mask.</source>
        <translation>Recortar con esta área no dejaría nada de la máscara.</translation>
    </message>
    <message>
        <source>Evening out needs at least three swatches in the family.</source>
        <translation>Para igualar hacen falta al menos tres muestras en la familia.</translation>
    </message>
    <message>
        <source>Every color of a mixture needs more than 0 parts.</source>
        <translation>Cada color de una mezcla necesita más de 0 partes.</translation>
    </message>
    <message>
        <source>In this order nothing of the mask would be left.</source>
        <translation>En este orden no quedaría nada de la máscara.</translation>
    </message>
    <message>
        <source>No line of the file has the shape of the pattern.</source>
        <translation>Ninguna línea del archivo tiene la forma del patrón.</translation>
    </message>
    <message>
        <source>No line of the pattern has a color; put {hex} where it belongs.</source>
        <translation>Ninguna línea del patrón tiene color; pon {hex} donde va.</translation>
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
        <source>Select some swatches of one family, and not all of them, to split it.</source>
        <translation>Selecciona algunas muestras de una familia, no todas, para separarla.</translation>
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
        <source>The areas of this picture were changed too often; cut it anew.</source>
        <translation>Las áreas de esta imagen cambiaron demasiadas veces; córtala de nuevo.</translation>
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
        <source>The extraction was stopped.</source>
        <translation>Se detuvo la extracción.</translation>
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
        <source>The file holds more entries than this program accepts.</source>
        <translation>El archivo tiene más entradas de las que acepta este programa.</translation>
    </message>
    <message>
        <source>The file is not a sound container; it may be cut short.</source>
        <translation>El archivo no es un contenedor sano; quizá esté cortado.</translation>
    </message>
    <message>
        <source>The file unpacks to more than this program accepts.</source>
        <translation>El archivo ocupa al abrirse más de lo que acepta este programa.</translation>
    </message>
    <message>
        <source>The fit was stopped.</source>
        <translation>Se detuvo el ajuste.</translation>
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
        <source>The mask holds no color; draw it larger or switch it off.</source>
        <translation>La máscara no contiene colores; dibújala mayor o apágala.</translation>
    </message>
    <message>
        <source>The numbers of this piece have run out; start a new piece and bring the sets into it.</source>
        <translation>Se agotaron los números de esta obra; empieza otra y lleva a ella los conjuntos.</translation>
    </message>
    <message>
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>El paquete está vacío; elige al menos un conjunto o una máscara.</translation>
    </message>
    <message>
        <source>The path of this file is too long to be followed; move it higher up.</source>
        <translation>La ruta de este archivo es demasiado larga para seguirlo; muévelo más arriba.</translation>
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
        <source>The piece is damaged: it holds no data.</source>
        <translation>La obra está dañada: no contiene datos.</translation>
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
        <source>The piece itself is lost; nothing of it can be read.</source>
        <translation>La obra misma se perdió; nada de ella se puede leer.</translation>
    </message>
    <message>
        <source>The pivot of the contrast is a value from 0 to 100.</source>
        <translation>El pivote del contraste es un valor de 0 a 100.</translation>
    </message>
    <message>
        <source>The points lie on one line and enclose nothing.</source>
        <translation>Los puntos están en una línea y no encierran nada.</translation>
    </message>
    <message>
        <source>The profile of this monitor cannot be used; colors are shown without it.</source>
        <translation>El perfil de este monitor no se puede usar; los colores se muestran sin él.</translation>
    </message>
    <message>
        <source>The reference has no colors to fit to.</source>
        <translation>La referencia no tiene colores a los que ajustar.</translation>
    </message>
    <message>
        <source>The row comes to more than 200 megapixels; make it smaller.</source>
        <translation>La fila pasa de 200 megapíxeles; hazla menor.</translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation>Se detuvo la búsqueda.</translation>
    </message>
    <message>
        <source>The set has no swatches yet; lay some first.</source>
        <translation>El conjunto aún no tiene muestras; pon algunas antes.</translation>
    </message>
    <message>
        <source>The share must lie above 0 and at most at 1.</source>
        <translation>La parte ha de ser mayor que 0 y como mucho 1.</translation>
    </message>
    <message>
        <source>The share to hold goes from above 0 to 100 percent.</source>
        <translation>La parte que contener va de más de 0 a 100 por ciento.</translation>
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
        <source>The two ends of this string are the same color; choose another end.</source>
        <translation>Los dos extremos de esta gradación son el mismo color; elige otro.</translation>
    </message>
    <message>
        <source>The value must lie between 0 and 100.</source>
        <translation>El valor ha de estar entre 0 y 100.</translation>
    </message>
    <message>
        <source>There are no colors to lay.</source>
        <translation>No hay colores que poner.</translation>
    </message>
    <message>
        <source>There are no colors to reach.</source>
        <translation>No hay colores que alcanzar.</translation>
    </message>
    <message>
        <source>There are no pixels to take colors from here.</source>
        <translation>Aquí no hay píxeles de los que tomar colores.</translation>
    </message>
    <message>
        <source>There is no mask in use that encloses a neutral.</source>
        <translation>No hay en uso una máscara que encierre un neutro.</translation>
    </message>
    <message>
        <source>There is no mask in use that has corners.</source>
        <translation>No hay en uso una máscara con esquinas.</translation>
    </message>
    <message>
        <source>There is no mask in use; draw one at Limit first.</source>
        <translation>No hay máscara en uso; dibuja una antes en Limitar.</translation>
    </message>
    <message>
        <source>There is no mask to cut from; add an area first.</source>
        <translation>No hay máscara que recortar; añade antes un área.</translation>
    </message>
    <message>
        <source>There is no mask to keep the colors in.</source>
        <translation>No hay máscara en que conservar los colores.</translation>
    </message>
    <message>
        <source>There is no paint in it.</source>
        <translation>No hay pinturas en ella.</translation>
    </message>
    <message>
        <source>There is no paint to keep yet; add one first.</source>
        <translation>Aún no hay pintura que guardar; añade una antes.</translation>
    </message>
    <message>
        <source>There is no paint to mix with.</source>
        <translation>No hay pintura con que mezclar.</translation>
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
        <source>There is nothing to bring in: the set has all of these colors already.</source>
        <translation>No hay nada que traer: el conjunto ya tiene todos estos colores.</translation>
    </message>
    <message>
        <source>There is nothing to change: lay swatches first, or unlock some.</source>
        <translation>No hay nada que cambiar: pon antes muestras, o desbloquea algunas.</translation>
    </message>
    <message>
        <source>These are no rules a set can be graded by.</source>
        <translation>Con estas reglas no se puede graduar un conjunto.</translation>
    </message>
    <message>
        <source>These margins leave too little room on this paper.</source>
        <translation>Estos márgenes dejan muy poco sitio en este papel.</translation>
    </message>
    <message>
        <source>These two cannot be parted in value with their hue and saturation kept; change one by hand.</source>
        <translation>Estas dos no se pueden separar en valor con su tono y saturación; cambia una a mano.</translation>
    </message>
    <message>
        <source>This cut would leave nothing of the mask; make it smaller.</source>
        <translation>Este recorte no dejaría nada de la máscara; hazlo menor.</translation>
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
        <source>This is outside what a set can be graded by.</source>
        <translation>Esto sale de lo que sirve para graduar un conjunto.</translation>
    </message>
    <message>
        <source>This note is too long; keep it under 10,000 letters.</source>
        <translation>Esta nota es demasiado larga; que no pase de 10.000 letras.</translation>
    </message>
    <message>
        <source>This paper at so many pixels an inch comes to more than 200 megapixels.</source>
        <translation>Este papel con tantos píxeles por pulgada pasa de 200 megapíxeles.</translation>
    </message>
    <message>
        <source>This piece was saved by a newer Zonachrom; update the program to open it.</source>
        <translation>Esta obra se guardó con un Zonachrom más nuevo; actualiza el programa para abrirla.</translation>
    </message>
    <message>
        <source>This place is in no photo.</source>
        <translation>Este sitio no está en ninguna foto.</translation>
    </message>
    <message>
        <source>This place is not on the wheel.</source>
        <translation>Este sitio no está en el círculo.</translation>
    </message>
    <message>
        <source>Value is shifted by at most 100 either way.</source>
        <translation>El valor se desplaza como mucho 100 a cada lado.</translation>
    </message>
    <message>
        <source>What goes on the shelf needs a name; type at least one letter.</source>
        <translation>Lo que va al estante necesita un nombre; escribe al menos una letra.</translation>
    </message>
    <message>
        <source>With these numbers nothing of the mask would be left.</source>
        <translation>Con estos números no quedaría nada de la máscara.</translation>
    </message>
    <message>
        <source>Without this point nothing of the mask would be left.</source>
        <translation>Sin este punto no quedaría nada de la máscara.</translation>
    </message>
    <message>
        <source>Working out the reach was stopped.</source>
        <translation>Se detuvo el cálculo del alcance.</translation>
    </message>
    <message>
        <source>Writing was stopped.</source>
        <translation>Se detuvo la escritura.</translation>
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
        <source>A mask area needs three points; remove the whole area instead.</source>
        <translation>Un área de máscara necesita tres puntos; quita el área entera.</translation>
    </message>
    <message>
        <source>These paints enclose nothing there; choose more of them, or white and black beside them.</source>
        <translation>Estas pinturas no encierran nada ahí; elige más, o blanco y negro además.</translation>
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
        <source>There is no such %1 in this piece any more.</source>
        <translation>Ya no existe en esta obra: %1.</translation>
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
        <source>The %1 is too long; say it in fewer letters.</source>
        <translation>Es demasiado largo: %1; dilo con menos letras.</translation>
    </message>
    <message>
        <source>On this wheel the mask would have more than %1 areas; keep its shape instead, or take areas off.</source>
        <translation>En este círculo la máscara tendría más de %1 áreas; conserva su forma o quita algunas áreas.</translation>
    </message>
    <message>
        <source>A mask holds at most %1 areas; remove one first.</source>
        <translation>Una máscara tiene como mucho %1 áreas; quita una antes.</translation>
    </message>
    <message>
        <source>A piece holds at most %1 references; take one out first.</source>
        <translation>Una obra tiene como mucho %1 referencias; saca una antes.</translation>
    </message>
    <message>
        <source>The set &quot;%1&quot; has no swatches yet; lay some first.</source>
        <translation>El conjunto &quot;%1&quot; aún no tiene muestras; pon algunas antes.</translation>
    </message>
    <message>
        <source>A color cannot be read back by this pattern: {%1} is missing.</source>
        <translation>Con este patrón no se puede volver a leer un color: falta {%1}.</translation>
    </message>
    <message>
        <source>Nothing stands between {%1} and {%2} in the pattern, so that they cannot be told apart.</source>
        <translation>Entre {%1} y {%2} no hay nada en el patrón, así que no se pueden distinguir.</translation>
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
        <source>Well %1 is empty; Shift+%2 lays the current color down there.</source>
        <translation>El pocillo %1 está vacío; Mayús+%2 deja allí el color actual.</translation>
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
        <source>The table is broken: %1.</source>
        <translation>La tabla está dañada: %1.</translation>
    </message>
    <message>
        <source>The table wants another file included, which is not done.</source>
        <translation>La tabla pide incluir otro archivo, y eso no se hace.</translation>
    </message>
    <message>
        <source>The table is broken after row %1; check its quotes.</source>
        <translation>La tabla está dañada después de la fila %1; revisa sus comillas.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is partly transparent; give the color itself.</source>
        <translation>&quot;%1&quot; es en parte transparente; da el color mismo.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no text.</source>
        <translation>&quot;%1&quot; no es texto.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not read. %2</source>
        <translation>No se leyó &quot;%1&quot;. %2</translation>
    </message>
    <message>
        <source>It is empty.</source>
        <translation>Está vacío.</translation>
    </message>
    <message>
        <source>It is larger than 64 MB.</source>
        <translation>Pasa de 64 MB.</translation>
    </message>
    <message>
        <source>It holds more than %1 colors; split it first.</source>
        <translation>Contiene más de %1 colores; divídelo antes.</translation>
    </message>
    <message>
        <source>It holds no color that can be read as %1.</source>
        <translation>No contiene ningún color que se pueda leer: %1.</translation>
    </message>
    <message>
        <source>Its XML is broken at byte %1.</source>
        <translation>Su XML está dañado en el byte %1.</translation>
    </message>
    <message>
        <source>Its JSON is larger than 256 MiB.</source>
        <translation>Su JSON pasa de 256 MiB.</translation>
    </message>
    <message>
        <source>Its JSON is broken at %1.</source>
        <translation>Su JSON está dañado: %1.</translation>
    </message>
    <message>
        <source>It has a number that is too large.</source>
        <translation>Tiene un número demasiado grande.</translation>
    </message>
    <message>
        <source>Its JSON is nested more than 64 deep.</source>
        <translation>Su JSON está anidado a más de 64 niveles.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not saved: %2; choose another place or make room.</source>
        <translation>No se guardó &quot;%1&quot;: %2; elige otro lugar o haz sitio.</translation>
    </message>
    <message>
        <source>there is no room left on the disk</source>
        <translation>no queda sitio en el disco</translation>
    </message>
    <message>
        <source>you may not write there</source>
        <translation>no tienes permiso para escribir ahí</translation>
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
        <source>it is not a file</source>
        <translation>no es un archivo</translation>
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
        <source>There is no file &quot;%1&quot; on the shelf any more.</source>
        <translation>El archivo &quot;%1&quot; ya no está en el estante.</translation>
    </message>
    <message>
        <source>The pattern asks for {%1}, which is no field.</source>
        <translation>El patrón pide {%1}, que no es un campo.</translation>
    </message>
    <message>
        <source>The width in {%1} is no number from 1 to 99.</source>
        <translation>La anchura en {%1} no es un número de 1 a 99.</translation>
    </message>
    <message>
        <source>One color lies outside what a display shows and was brought to the nearest.</source>
        <translation>Un color queda fuera de lo que muestra una pantalla y se llevó al más cercano.</translation>
    </message>
    <message>
        <source>%1 colors lie outside what a display shows and were brought to the nearest.</source>
        <translation>%1 colores quedan fuera de lo que muestra una pantalla y se llevaron a los más cercanos.</translation>
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
        <source>%1 lines do not have the shape of the pattern.</source>
        <translation>%1 líneas no tienen la forma del patrón.</translation>
    </message>
    <message>
        <source>%1 colors lie beyond the display and were brought to the nearest.</source>
        <translation>%1 colores quedan más allá de la pantalla y se llevaron a los más cercanos.</translation>
    </message>
    <message>
        <source>%1 %2 goes from %3 to %4.</source>
        <translation>%1 %2 va de %3 a %4.</translation>
    </message>
    <message>
        <source>The display has no color of these %1 numbers.</source>
        <translation>La pantalla no tiene ningún color con estos números de %1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not three numbers parted by commas.</source>
        <translation>&quot;%1&quot; no son tres números separados por comas.</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: %2</source>
        <translation>&quot;%1&quot;: %2</translation>
    </message>
    <message>
        <source>The picture has more than %1 different colors, so %2 were taken out of it as from a photo.</source>
        <translation>La imagen tiene más de %1 colores distintos, así que se tomaron %2 como de una foto.</translation>
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
        <source>The sets and their versions come to more than a piece can hold; remove versions or sets that are not needed.</source>
        <translation>Los conjuntos y sus versiones son más de lo que cabe en una obra; quita versiones o conjuntos que no hagan falta.</translation>
    </message>
    <message>
        <source>The references come to more than a piece can hold, 3.5 GiB; remove some, or add smaller ones.</source>
        <translation>Las referencias suman más de lo que cabe en una obra, 3,5 GiB; quita algunas o añade otras más pequeñas.</translation>
    </message>
    <message>
        <source>The piece was not saved: its sets and versions come to more than it can be opened with again; remove versions or sets that are not needed.</source>
        <translation>La obra no se ha guardado: con tantos conjuntos y versiones no podría volver a abrirse; quita versiones o conjuntos que no hagan falta.</translation>
    </message>
    <message>
        <source>The piece was not saved: its references come to more than it can be opened with again; remove some of them.</source>
        <translation>La obra no se ha guardado: con referencias tan grandes no podría volver a abrirse; quita algunas.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has its colors coded in a way this program does not know (primaries %2, transfer %3 of ITU-T H.273); save it as sRGB or Display P3.</source>
        <translation>Los colores de &quot;%1&quot; están codificados de un modo que este programa no conoce (primarios %2, transferencia %3 de ITU-T H.273); guárdalo como sRGB o Display P3.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be brought to sRGB; there may be too little memory.</source>
        <translation>&quot;%1&quot; no se puede pasar a sRGB; quizá falte memoria.</translation>
    </message>
    <message>
        <source>Counting what is used was stopped.</source>
        <translation>Se detuvo el recuento de lo usado.</translation>
    </message>
    <message>
        <source>This pattern can read the text in so many ways that it would take too long; put something between its fields that their contents do not hold.</source>
        <translation>Este patrón puede leer el texto de tantas maneras que tardaría demasiado; pon entre sus campos algo que no aparezca en ellos.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Without this area nothing of the mask would be left; take the whole mask off instead.</source>
        <translation>Sin esta área no quedaría nada de la máscara; quita mejor la máscara entera.</translation>
    </message>
    <message>
        <source>The desktop is being asked already; answer it first.</source>
        <translation>Ya se está preguntando al escritorio; respóndele primero.</translation>
    </message>
    <message>
        <source>The desktop gives programs no keys of its own.</source>
        <translation>El escritorio no da teclas propias a los programas.</translation>
    </message>
    <message>
        <source>The desktop gave no answer for half a minute; try again.</source>
        <translation>El escritorio no ha respondido en medio minuto; inténtalo de nuevo.</translation>
    </message>
    <message>
        <source>The half axes of an ellipse go from 0.01 to 2.</source>
        <translation>Los semiejes de una elipse van de 0,01 a 2.</translation>
    </message>
    <message>
        <source>The middle of an ellipse lies on the wheel.</source>
        <translation>El centro de una elipse está sobre el círculo.</translation>
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
        <source>The desktop answered with something that is no color or picture of the screen.</source>
        <translation>El escritorio ha respondido con algo que no es un color ni una imagen de la pantalla.</translation>
    </message>
    <message>
        <source>An empty pattern would hand over nothing; give a field such as {hex}.</source>
        <translation>Un patrón vacío no entregaría nada; indica un campo como {hex}.</translation>
    </message>
    <message>
        <source>The desktop was given no key for the screen.</source>
        <translation>El escritorio no recibió tecla para la pantalla.</translation>
    </message>
    <message>
        <source>Nothing was taken from the screen.</source>
        <translation>No se ha tomado nada de la pantalla.</translation>
    </message>
    <message>
        <source>This palette of paints is damaged: the field %1 should be %2.</source>
        <translation>Esta paleta de pinturas está dañada: el campo %1 debería ser %2.</translation>
    </message>
    <message>
        <source>The pasted picture could not be taken in.</source>
        <translation>No se ha podido incorporar la imagen pegada.</translation>
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
        <source>The desktop does not let programs see the screen.</source>
        <translation>El escritorio no deja que los programas vean la pantalla.</translation>
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
        <source>a word this version knows</source>
        <translation>una palabra que esta versión conozca</translation>
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
        <source>Only a study of areas can be written as .svg; cut the picture first.</source>
        <translation>Solo un estudio por áreas puede escribirse como .svg; corta primero la imagen.</translation>
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
        <source>%1, going on</source>
        <translation>%1, sigue</translation>
    </message>
    <message>
        <source>light: needed %1, present %2, missing %3</source>
        <translation>claros: pedidos %1, hay %2, faltan %3</translation>
    </message>
    <message>
        <source>middle: needed %1, present %2, missing %3</source>
        <translation>medios: pedidos %1, hay %2, faltan %3</translation>
    </message>
    <message>
        <source>dark: needed %1, present %2, missing %3</source>
        <translation>oscuros: pedidos %1, hay %2, faltan %3</translation>
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
</context>
<context>
    <name>zc::AdjustPanel</name>
    <message>
        <source>Take it</source>
        <translation>Aceptar</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Restablecer</translation>
    </message>
    <message>
        <source>turn hue</source>
        <translation>girar tono</translation>
    </message>
    <message>
        <source>Degrees on the piece&apos;s wheel</source>
        <translation>Grados en el círculo de la obra</translation>
    </message>
    <message>
        <source>saturation times</source>
        <translation>saturación por</translation>
    </message>
    <message>
        <source>Factor of the saturation</source>
        <translation>Factor de la saturación</translation>
    </message>
    <message>
        <source>value plus</source>
        <translation>valor más</translation>
    </message>
    <message>
        <source>Added to the value</source>
        <translation>Se suma al valor</translation>
    </message>
    <message>
        <source>contrast times</source>
        <translation>contraste por</translation>
    </message>
    <message>
        <source>Factor of the distance in value from the pivot</source>
        <translation>Factor de la distancia en valor al pivote</translation>
    </message>
    <message>
        <source>about value</source>
        <translation>en torno a</translation>
    </message>
    <message>
        <source>The value that contrast leaves where it is</source>
        <translation>El valor que el contraste deja donde está</translation>
    </message>
    <message>
        <source>toward the current color</source>
        <translation>hacia el color actual</translation>
    </message>
    <message>
        <source>Hue and saturation toward a light of the current color; value stays</source>
        <translation>Tono y saturación hacia una luz del color actual; el valor queda</translation>
    </message>
    <message>
        <source>Change the swatches as they are shown</source>
        <translation>Cambiar las muestras como se ven</translation>
    </message>
    <message>
        <source>Back to no change</source>
        <translation>Volver a ningún cambio</translation>
    </message>
    <message>
        <source>Change the whole set</source>
        <translation>Cambiar todo el conjunto</translation>
    </message>
    <message>
        <source>Change the selection (%1)</source>
        <translation>Cambiar la selección (%1)</translation>
    </message>
    <message>
        <source>Nothing is changed yet. What is locked stays as it is.</source>
        <translation>Nada cambia todavía. Lo bloqueado queda como está.</translation>
    </message>
    <message>
        <source>%1 swatches change; %2 marked with a dot cannot go all the way and are held at what exists.</source>
        <translation>Cambian %1 muestras; %2, con un punto, no llegan hasta el final y se detienen en lo que existe.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change, all as asked for.</source>
        <translation>
            <numerusform>Cambia %n muestra, como se pidió.</numerusform>
            <numerusform>Cambian %n muestras, todas como se pidió.</numerusform>
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
        <source>Areas in order: each adds to or cuts from what lies above it; drag one to move it</source>
        <translation>Áreas por orden: cada una añade a lo de arriba o lo recorta; arrastra una para moverla</translation>
    </message>
    <message>
        <source>adds</source>
        <translation>añade</translation>
    </message>
    <message>
        <source>The area adds to the mask</source>
        <translation>El área añade a la máscara</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>recorta</translation>
    </message>
    <message>
        <source>The area cuts from what lies above it</source>
        <translation>El área recorta lo que está encima</translation>
    </message>
    <message>
        <source>Double</source>
        <translation>Doblar</translation>
    </message>
    <message>
        <source>Lay the area a second time, moved a little aside</source>
        <translation>Poner el área otra vez, un poco al lado</translation>
    </message>
    <message>
        <source>Double mask area</source>
        <translation>Doblar área de la máscara</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Reflejar</translation>
    </message>
    <message>
        <source>Move the area across neutral, around the complements of its hues</source>
        <translation>Llevar el área al otro lado del neutro, en torno a los complementarios de sus tonos</translation>
    </message>
    <message>
        <source>Mirror mask area</source>
        <translation>Reflejar área de la máscara</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
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
        <source>Cut with the area</source>
        <translation>Recortar con el área</translation>
    </message>
    <message>
        <source>Add the area</source>
        <translation>Añadir el área</translation>
    </message>
    <message>
        <source>Area: %1</source>
        <translation>Área: %1</translation>
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
        <source>How many colors are laid between the two, 1 to 22; the two are not repeated</source>
        <translation>Cuántos colores se ponen entre los dos, de 1 a 22; los dos no se repiten</translation>
    </message>
    <message>
        <source>Way between the two</source>
        <translation>Camino entre los dos</translation>
    </message>
    <message>
        <source>How the colors go from the one to the other</source>
        <translation>Cómo van los colores de uno a otro</translation>
    </message>
    <message>
        <source>Fill between</source>
        <translation>Rellenar</translation>
    </message>
    <message>
        <source>Lay these colors between the two selected swatches, in place (Ctrl+J lays three)</source>
        <translation>Poner estos colores entre las dos muestras seleccionadas, en su sitio (Ctrl+J pone tres)</translation>
    </message>
</context>
<context>
    <name>zc::CanvasFollower</name>
    <message>
        <source>%1 is not there any more; this is its last picture.</source>
        <translation>%1 ya no está; esta es su última imagen.</translation>
    </message>
    <message>
        <source>Tied to %1 on another machine; &quot;Follow a canvas&quot; ties it anew.</source>
        <translation>Ligada a %1 en otra máquina; &quot;Seguir un lienzo&quot; la liga de nuevo.</translation>
    </message>
    <message>
        <source>%1 cannot be read as a picture now; this is its last one.</source>
        <translation>%1 no se puede leer ahora como imagen; esta es la última.</translation>
    </message>
    <message>
        <source>Follow canvas</source>
        <translation>Seguir lienzo</translation>
    </message>
    <message>
        <source>The shown reference follows no file.</source>
        <translation>La referencia mostrada no sigue ningún archivo.</translation>
    </message>
    <message>
        <source>Stop following</source>
        <translation>Dejar de seguir</translation>
    </message>
</context>
<context>
    <name>zc::CardPanel</name>
    <message>
        <source>use it</source>
        <translation>usarlo</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Título</translation>
    </message>
    <message>
        <source>What the piece is called</source>
        <translation>Cómo se llama la obra</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Palabras</translation>
    </message>
    <message>
        <source>Mood and intent, for yourself and for the sheet</source>
        <translation>Ánimo e intención, para ti y para la hoja</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Fecha</translation>
    </message>
    <message>
        <source>The day of the plan, as 2026-11-26; may stay empty</source>
        <translation>El día del plan, como 2026-11-26; puede quedar vacío</translation>
    </message>
    <message>
        <source>Signature</source>
        <translation>Firma</translation>
    </message>
    <message>
        <source>The line that stands on the sheet</source>
        <translation>La línea que va en la hoja</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Aceptar</translation>
    </message>
    <message>
        <source>Write this on the card, in one step</source>
        <translation>Escribir esto en la ficha, en un paso</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Close the card as it was (Escape)</source>
        <translation>Cerrar la ficha como estaba (Escape)</translation>
    </message>
    <message>
        <source>Paint through the profile that the desktop has set for this monitor</source>
        <translation>Pintar con el perfil que el escritorio ha puesto para este monitor</translation>
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
        <source>no profile is set for this one</source>
        <translation>este no tiene perfil</translation>
    </message>
    <message>
        <source>profiles are not used</source>
        <translation>los perfiles no se usan</translation>
    </message>
    <message>
        <source>Change card</source>
        <translation>Cambiar ficha</translation>
    </message>
</context>
<context>
    <name>zc::ChipRow</name>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Poner</translation>
    </message>
</context>
<context>
    <name>zc::ColorPair</name>
    <message>
        <source>Current color and the color before</source>
        <translation>Color actual y color anterior</translation>
    </message>
    <message>
        <source>The current color; below it the one before: click there to go back to it. Either can be dragged to other programs.</source>
        <translation>El color actual; debajo, el anterior: un clic ahí vuelve a él. Ambos se pueden arrastrar a otros programas.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>anterior</translation>
    </message>
    <message>
        <source>Current color: %1</source>
        <translation>Color actual: %1</translation>
    </message>
    <message>
        <source>Color before: %1</source>
        <translation>Color anterior: %1</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Volver</translation>
    </message>
</context>
<context>
    <name>zc::Companion</name>
    <message>
        <source>hand over</source>
        <translation>entregar</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end</source>
        <translation>Cada elección va al portapapeles al terminar</translation>
    </message>
    <message>
        <source>The form in which colors are handed over; press for the next one</source>
        <translation>La forma en que se entregan los colores; pulsa para la siguiente</translation>
    </message>
    <message>
        <source>from the screen</source>
        <translation>de la pantalla</translation>
    </message>
    <message>
        <source>Take up the color of any pixel of the screen</source>
        <translation>Tomar el color de cualquier píxel de la pantalla</translation>
    </message>
    <message>
        <source>%1 beside</source>
        <translation>%1 al lado</translation>
    </message>
    <message>
        <source>value %1, %2</source>
        <translation>valor %1, %2</translation>
    </message>
    <message>
        <source>Keep this window above others by the menu of its frame.</source>
        <translation>Esta ventana se mantiene encima con el menú de su marco.</translation>
    </message>
    <message>
        <source>Right button: strip, desk and more.</source>
        <translation>Botón derecho: tira, escritorio y más.</translation>
    </message>
    <message>
        <source>over %1, %2, value %3</source>
        <translation>sobre %1, %2, valor %3</translation>
    </message>
    <message>
        <source>As a strip</source>
        <translation>Como tira</translation>
    </message>
    <message>
        <source>As a column</source>
        <translation>Como columna</translation>
    </message>
    <message>
        <source>Stand the strip up</source>
        <translation>Poner la tira en pie</translation>
    </message>
    <message>
        <source>Lay the strip down</source>
        <translation>Tumbar la tira</translation>
    </message>
    <message>
        <source>Show or put away the desk</source>
        <translation>Mostrar o guardar la mesa</translation>
    </message>
    <message>
        <source>Hand over every pick</source>
        <translation>Entregar cada elección</translation>
    </message>
    <message>
        <source>Form of what is handed over...</source>
        <translation>Forma de lo que se entrega...</translation>
    </message>
    <message>
        <source>A color from the screen</source>
        <translation>Un color de la pantalla</translation>
    </message>
    <message>
        <source>Back to the color before</source>
        <translation>Volver al color anterior</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Cerrar</translation>
    </message>
</context>
<context>
    <name>zc::DesktopKey</name>
    <message>
        <source>This desktop has no portal that listens for keys.</source>
        <translation>Este escritorio no tiene portal que atienda teclas.</translation>
    </message>
    <message>
        <source>The desktop answered with something that is no session for keys.</source>
        <translation>El escritorio respondió con algo que no es una sesión de teclas.</translation>
    </message>
    <message>
        <source>Take a color from the screen into Zonachrom</source>
        <translation>Llevar un color de la pantalla a Zonachrom</translation>
    </message>
    <message>
        <source>The desktop was given no key for the screen.</source>
        <translation>El escritorio no recibió tecla para la pantalla.</translation>
    </message>
    <message>
        <source>its key</source>
        <translation>su tecla</translation>
    </message>
</context>
<context>
    <name>zc::Documents</name>
    <message>
        <source>open in another window too</source>
        <translation>abierta también en otra ventana</translation>
    </message>
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
        <source>not a file yet</source>
        <translation>aún no es un archivo</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>guardada</translation>
    </message>
    <message>
        <source>This piece is open in another window too; save here under another name, or close it there first.</source>
        <translation>Esta obra está abierta también en otra ventana; guárdala aquí con otro nombre, o ciérrala allí primero.</translation>
    </message>
    <message>
        <source>This file is read only; changes can be saved under another name.</source>
        <translation>Este archivo es de solo lectura; los cambios se pueden guardar con otro nombre.</translation>
    </message>
    <message>
        <source>A file is still being read or written; stop that first, or wait for it.</source>
        <translation>Todavía se lee o escribe un archivo; detenlo antes, o espera.</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Abriendo %1</translation>
    </message>
    <message>
        <source> All of the piece can still be read.</source>
        <translation> Toda la obra se puede leer todavía.</translation>
    </message>
    <message>
        <source> The rest can be read, without: %1.</source>
        <translation> El resto se puede leer, sin: %1.</translation>
    </message>
    <message>
        <source>Not saved: this piece is open in another window too; save it under another name.</source>
        <translation>Sin guardar: esta obra está abierta también en otra ventana; guárdala con otro nombre.</translation>
    </message>
    <message>
        <source>Not saved: the file was changed by another program or machine meanwhile; save this piece under another name.</source>
        <translation>Sin guardar: otro programa u otra máquina cambió el archivo entretanto; guarda esta obra con otro nombre.</translation>
    </message>
    <message>
        <source>Not saved: the file is read only; save the piece under another name.</source>
        <translation>Sin guardar: el archivo es de solo lectura; guarda la obra con otro nombre.</translation>
    </message>
    <message>
        <source>Saving %1</source>
        <translation>Guardando %1</translation>
    </message>
    <message>
        <source>Reading what was kept</source>
        <translation>Leyendo lo que se conservó</translation>
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
        <source>Copy the current color as hex</source>
        <translation>Copiar el color actual como hex</translation>
    </message>
    <message>
        <source>&amp;Hand over every pick</source>
        <translation>&amp;Entregar cada elección</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end, in the chosen form</source>
        <translation>Cada elección va al portapapeles al terminar, en la forma elegida</translation>
    </message>
    <message>
        <source>Fo&amp;rm of what is handed over...</source>
        <translation>Fo&amp;rma de lo que se entrega...</translation>
    </message>
    <message>
        <source>As hex, numbers, css or a line of your own; with a picture or without</source>
        <translation>Como hex, números, css o una línea propia; con imagen o sin ella</translation>
    </message>
    <message>
        <source>A color from the &amp;screen</source>
        <translation>Un color de la &amp;pantalla</translation>
    </message>
    <message>
        <source>Take up the color of any pixel of the screen, or of a square around it</source>
        <translation>Tomar el color de cualquier píxel de la pantalla, o de un cuadrado a su alrededor</translation>
    </message>
    <message>
        <source>A color &amp;by a key of the desktop</source>
        <translation>Un color con una &amp;tecla del escritorio</translation>
    </message>
    <message>
        <source>Take a color from the screen whichever program has the keyboard; the desktop gives the key</source>
        <translation>Tomar un color de la pantalla, tenga quien tenga el teclado; el escritorio da la tecla</translation>
    </message>
    <message>
        <source>A pict&amp;ure of the screen</source>
        <translation>Una ima&amp;gen de la pantalla</translation>
    </message>
    <message>
        <source>Take the screen, or a part of it, as a new reference</source>
        <translation>Tomar la pantalla, o una parte, como referencia nueva</translation>
    </message>
    <message>
        <source>&amp;Paste photo or color</source>
        <translation>Pe&amp;gar foto o color</translation>
    </message>
    <message>
        <source>Paste a picture or photo files as references, a hex color as the current color; at Grade, swatches</source>
        <translation>Pegar una imagen o archivos de fotos como referencias, un color hex como color actual; en Graduar, muestras</translation>
    </message>
    <message>
        <source>&amp;Lay current color</source>
        <translation>Poner e&amp;l color actual</translation>
    </message>
    <message>
        <source>Lay the current color on the staff in the chosen family</source>
        <translation>Poner el color actual en el pentagrama, en la familia elegida</translation>
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
        <source>&amp;Back to the color before</source>
        <translation>&amp;Volver al color anterior</translation>
    </message>
    <message>
        <source>Exchange the current color with the one before</source>
        <translation>Cambiar el color actual por el anterior</translation>
    </message>
    <message>
        <source>&amp;Find a swatch</source>
        <translation>&amp;Buscar una muestra</translation>
    </message>
    <message>
        <source>Find by name, or the nearest to a color</source>
        <translation>Buscar por nombre, o lo más cercano a un color</translation>
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
        <source>Re&amp;place by the current color</source>
        <translation>Su&amp;stituir por el color actual</translation>
    </message>
    <message>
        <source>Give the selected swatches the current color</source>
        <translation>Dar a las muestras seleccionadas el color actual</translation>
    </message>
    <message>
        <source>&amp;Take the color up</source>
        <translation>Toma&amp;r el color</translation>
    </message>
    <message>
        <source>Take up the color of the selected swatch (Enter, double click)</source>
        <translation>Tomar el color de la muestra seleccionada (Entrar, doble clic)</translation>
    </message>
    <message>
        <source>Re&amp;name swatch or family</source>
        <translation>Cambiar el &amp;nombre</translation>
    </message>
    <message>
        <source>Rename the selected swatch, or the chosen family</source>
        <translation>Dar otro nombre a la muestra seleccionada, o a la familia elegida</translation>
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
        <source>Loc&amp;k or unlock</source>
        <translation>Blo&amp;quear o desbloquear</translation>
    </message>
    <message>
        <source>Keep the selected swatches from change</source>
        <translation>Guardar de cambios las muestras seleccionadas</translation>
    </message>
    <message>
        <source>&amp;Mark used or unused</source>
        <translation>&amp;Marcar como usada o no</translation>
    </message>
    <message>
        <source>Tick the selected swatches off</source>
        <translation>Marcar las muestras seleccionadas como hechas</translation>
    </message>
    <message>
        <source>pasted photo</source>
        <translation>foto pegada</translation>
    </message>
    <message>
        <source>The clipboard holds neither a picture nor a color; copy one first.</source>
        <translation>El portapapeles no tiene imagen ni color; copia uno antes.</translation>
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
        <source>Names are edited on the staff, in rows or in the list; show one of them first.</source>
        <translation>Los nombres se editan en el pentagrama, en filas o en la lista; muestra antes uno de ellos.</translation>
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
        <source>Start an empty piece</source>
        <translation>Empezar una obra vacía</translation>
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
        <source>Open the &amp;demo piece</source>
        <translation>Abrir la &amp;demostración</translation>
    </message>
    <message>
        <source>Open Coppersmiths&apos; Row as an unsaved copy</source>
        <translation>Abrir Coppersmiths&apos; Row como copia sin guardar</translation>
    </message>
    <message>
        <source>The &amp;card of the piece...</source>
        <translation>La &amp;ficha de la obra...</translation>
    </message>
    <message>
        <source>Title, words, date and signature in one place</source>
        <translation>Título, palabras, fecha y firma en un sitio</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Guardar</translation>
    </message>
    <message>
        <source>Save the piece; the version before is kept beside it</source>
        <translation>Guardar la obra; la versión anterior queda a su lado</translation>
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
        <source>&amp;Export the set</source>
        <translation>&amp;Exportar el conjunto</translation>
    </message>
    <message>
        <source>As %1...</source>
        <translation>Como %1...</translation>
    </message>
    <message>
        <source>Write the current set as %1</source>
        <translation>Escribir el conjunto actual como %1</translation>
    </message>
    <message>
        <source>&amp;Bring in a palette...</source>
        <translation>&amp;Traer una paleta...</translation>
    </message>
    <message>
        <source>Read swatches from a palette file of any open format, or from a picture</source>
        <translation>Leer muestras de un archivo de paleta de cualquier formato abierto, o de una imagen</translation>
    </message>
    <message>
        <source>Pac&amp;k a parcel...</source>
        <translation>Hacer un pa&amp;quete...</translation>
    </message>
    <message>
        <source>Pack the sets and the mask of this piece into one file for others</source>
        <translation>Reunir los conjuntos y la máscara de esta obra en un archivo para otros</translation>
    </message>
    <message>
        <source>&amp;Unpack a parcel...</source>
        <translation>A&amp;brir un paquete...</translation>
    </message>
    <message>
        <source>Put the sets and masks of a parcel on the shelf</source>
        <translation>Poner los conjuntos y máscaras de un paquete en el estante</translation>
    </message>
    <message>
        <source>Open files in the &amp;running window</source>
        <translation>Abrir archivos en la &amp;ventana abierta</translation>
    </message>
    <message>
        <source>Files given to another start of the program are opened in the window that runs already</source>
        <translation>Los archivos dados a otro arranque del programa se abren en la ventana que ya está</translation>
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
        <source>No pieces yet</source>
        <translation>Aún no hay obras</translation>
    </message>
</context>
<context>
    <name>zc::FileProgress</name>
    <message>
        <source>How far reading or writing the file is</source>
        <translation>Cuánto falta para leer o escribir el archivo</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Stop; the file and the open piece stay as they are</source>
        <translation>Parar; el archivo y la obra abierta quedan como están</translation>
    </message>
</context>
<context>
    <name>zc::FilesPanel</name>
    <message>
        <source>choose the folder</source>
        <translation>elegir la carpeta</translation>
    </message>
    <message>
        <source>Where the files are written</source>
        <translation>Dónde se escriben los archivos</translation>
    </message>
    <message>
        <source>Write all of these</source>
        <translation>Escribir todos</translation>
    </message>
    <message>
        <source>Write every chosen format into the folder; the same again without asking</source>
        <translation>Escribir cada formato elegido en la carpeta; lo mismo otra vez sin preguntar</translation>
    </message>
    <message>
        <source>at every save too</source>
        <translation>también al guardar</translation>
    </message>
    <message>
        <source>Write them again whenever the piece is saved</source>
        <translation>Escribirlos otra vez cada vez que se guarda la obra</translation>
    </message>
    <message>
        <source>Write it with the others</source>
        <translation>Escribirlo con los demás</translation>
    </message>
    <message>
        <source>Lines of your own</source>
        <translation>Líneas propias</translation>
    </message>
    <message>
        <source>Patterns on the shelf</source>
        <translation>Patrones del estante</translation>
    </message>
    <message>
        <source>Begin with one of these patterns</source>
        <translation>Empezar con uno de estos patrones</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>guardar</translation>
    </message>
    <message>
        <source>Keep this pattern on the shelf, named by its line of a swatch</source>
        <translation>Guardar este patrón en el estante, con el nombre de su línea de muestra</translation>
    </message>
    <message>
        <source>read a file</source>
        <translation>leer un archivo</translation>
    </message>
    <message>
        <source>Bring in the swatches of a text file that has the shape of this pattern</source>
        <translation>Traer las muestras de un archivo de texto que tenga la forma de este patrón</translation>
    </message>
    <message>
        <source>The pattern of the lines</source>
        <translation>El patrón de las líneas</translation>
    </message>
    <message>
        <source>Words with fields in braces: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}; see Lines of the painter&apos;s own in the documents</source>
        <translation>Palabras con campos entre llaves: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}; ver Líneas propias en los documentos</translation>
    </message>
    <message>
        <source>The pattern is on the shelf.</source>
        <translation>El patrón está en el estante.</translation>
    </message>
    <message>
        <source>No folder is chosen yet.</source>
        <translation>Aún no hay carpeta elegida.</translation>
    </message>
</context>
<context>
    <name>zc::FirstStart</name>
    <message>
        <source>First start</source>
        <translation>Primer comienzo</translation>
    </message>
    <message>
        <source>How would you like to begin?</source>
        <translation>¿Cómo quieres empezar?</translation>
    </message>
    <message>
        <source>With a photo</source>
        <translation>Con una foto</translation>
    </message>
    <message>
        <source>Choose a photo of your own. Its colors become the first swatches.</source>
        <translation>Elige una foto tuya. Sus colores serán las primeras muestras.</translation>
    </message>
    <message>
        <source>With an empty piece</source>
        <translation>Con una obra vacía</translation>
    </message>
    <message>
        <source>A wheel, a value line, nothing laid yet.</source>
        <translation>Un círculo, una línea de valor, nada puesto todavía.</translation>
    </message>
    <message>
        <source>With the demo</source>
        <translation>Con la demostración</translation>
    </message>
    <message>
        <source>Coppersmiths&apos; Row, a finished plan with photos, mask and graded set, as a copy to try things on.</source>
        <translation>Coppersmiths&apos; Row, un plan acabado con fotos, máscara y conjunto graduado, como copia para probar.</translation>
    </message>
    <message>
        <source>A list of first steps goes along above the desk. F1 opens the handbook.</source>
        <translation>Una lista de primeros pasos acompaña encima de la mesa. F1 abre el manual.</translation>
    </message>
</context>
<context>
    <name>zc::GradeDesk</name>
    <message>
        <source>staff</source>
        <translation>pentagrama</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Las familias son columnas, la altura es el valor</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>filas</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Una cuadrícula compacta con sitios libres</translation>
    </message>
    <message>
        <source>list</source>
        <translation>lista</translation>
    </message>
    <message>
        <source>Names, numbers and notes</source>
        <translation>Nombres, números y notas</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>versiones</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>chips</source>
        <translation>fichas</translation>
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
        <source>Show the chips of the rows %1</source>
        <translation>Mostrar las fichas de las filas %1</translation>
    </message>
    <message>
        <source>Find swatches</source>
        <translation>Buscar muestras</translation>
    </message>
    <message>
        <source>find a name, or the nearest to a hex color</source>
        <translation>buscar un nombre, o lo más cercano a un color hex</translation>
    </message>
    <message>
        <source>Enter selects the swatches with these letters in their name, or the one nearest to the color</source>
        <translation>Entrar selecciona las muestras con estas letras en el nombre, o la más cercana al color</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Mirar</translation>
    </message>
    <message>
        <source>What to look at, each with a remedy</source>
        <translation>Qué mirar, cada cosa con un remedio</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Cambiar</translation>
    </message>
    <message>
        <source>Change many swatches at once</source>
        <translation>Cambiar muchas muestras a la vez</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Conjuntos</translation>
    </message>
    <message>
        <source>Sets of the piece and versions of this one</source>
        <translation>Conjuntos de la obra y versiones de este</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Estante</translation>
    </message>
    <message>
        <source>Sets kept across pieces</source>
        <translation>Conjuntos guardados para otras obras</translation>
    </message>
    <message>
        <source>Show %1; drop swatches here to move them into its first family</source>
        <translation>Mostrar %1; suelta muestras aquí para llevarlas a su primera familia</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is nearest, CIEDE2000 %2 away.</source>
        <translation>&quot;%1&quot; es la más cercana, a CIEDE2000 %2.</translation>
    </message>
    <message>
        <source>No swatch of this set has these letters in its name.</source>
        <translation>Ninguna muestra de este conjunto tiene estas letras en el nombre.</translation>
    </message>
</context>
<context>
    <name>zc::GradeMenu</name>
    <message>
        <source>&amp;Grade</source>
        <translation>&amp;Graduar</translation>
    </message>
    <message>
        <source>&amp;Staff</source>
        <translation>&amp;Pentagrama</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Las familias son columnas, la altura es el valor</translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation>&amp;Filas</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Una cuadrícula compacta con sitios libres</translation>
    </message>
    <message>
        <source>&amp;List</source>
        <translation>&amp;Lista</translation>
    </message>
    <message>
        <source>Names, numbers and notes</source>
        <translation>Nombres, números y notas</translation>
    </message>
    <message>
        <source>&amp;Versions</source>
        <translation>&amp;Versiones</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>Select the l&amp;ight ones</source>
        <translation>Seleccionar las c&amp;laras</translation>
    </message>
    <message>
        <source>Select the swatches of the light band</source>
        <translation>Seleccionar las muestras de la banda clara</translation>
    </message>
    <message>
        <source>Select the &amp;middle ones</source>
        <translation>Seleccionar las &amp;medias</translation>
    </message>
    <message>
        <source>Select the swatches of the middle band</source>
        <translation>Seleccionar las muestras de la banda media</translation>
    </message>
    <message>
        <source>Select the &amp;dark ones</source>
        <translation>Seleccionar las &amp;oscuras</translation>
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
        <source>Fi&amp;ll between</source>
        <translation>Re&amp;llenar en medio</translation>
    </message>
    <message>
        <source>Lay three colors between the two selected swatches, in place</source>
        <translation>Poner tres colores entre las dos muestras seleccionadas, en su sitio</translation>
    </message>
    <message>
        <source>&amp;Even out the family</source>
        <translation>&amp;Igualar la familia</translation>
    </message>
    <message>
        <source>Spread the values of the chosen family evenly between its ends; locked ones stay</source>
        <translation>Repartir por igual los valores de la familia elegida entre sus extremos; lo bloqueado queda</translation>
    </message>
    <message>
        <source>Even out family</source>
        <translation>Igualar familia</translation>
    </message>
    <message>
        <source>Split o&amp;ff as a family</source>
        <translation>Separar como &amp;familia</translation>
    </message>
    <message>
        <source>Move the selected swatches into a family of their own</source>
        <translation>Llevar las muestras seleccionadas a una familia propia</translation>
    </message>
    <message>
        <source>S&amp;ort the rows</source>
        <translation>&amp;Ordenar las filas</translation>
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
</context>
<context>
    <name>zc::HandOver</name>
    <message>
        <source>handed over %1</source>
        <translation>entregado %1</translation>
    </message>
    <message>
        <source>own line</source>
        <translation>línea propia</translation>
    </message>
</context>
<context>
    <name>zc::HandPanel</name>
    <message>
        <source>with a small picture</source>
        <translation>con una imagen pequeña</translation>
    </message>
    <message>
        <source>Every pick is handed over as</source>
        <translation>Cada elección se entrega como</translation>
    </message>
    <message>
        <source>Line of your own</source>
        <translation>Línea propia</translation>
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
        <source>Take it</source>
        <translation>Aceptar</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
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
        <source>Words that stand on a page; Enter opens the first one</source>
        <translation>Palabras que están en una página; Entrar abre la primera</translation>
    </message>
    <message>
        <source>search</source>
        <translation>buscar</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Páginas del manual</translation>
    </message>
    <message>
        <source>Pages, or those on which the words stand</source>
        <translation>Páginas, o aquellas en que están las palabras</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Página del manual</translation>
    </message>
    <message>
        <source>The handbook is not there; install the program anew.</source>
        <translation>El manual no está; instala el programa de nuevo.</translation>
    </message>
    <message>
        <source>These words stand on no page.</source>
        <translation>Estas palabras no están en ninguna página.</translation>
    </message>
</context>
<context>
    <name>zc::Head</name>
    <message>
        <source>card</source>
        <translation>ficha</translation>
    </message>
    <message>
        <source>Title of the piece</source>
        <translation>Título de la obra</translation>
    </message>
    <message>
        <source>The title of the piece; click to edit it</source>
        <translation>El título de la obra; un clic para cambiarlo</translation>
    </message>
    <message>
        <source>The card of the piece: title, words, date and signature</source>
        <translation>La ficha de la obra: título, palabras, fecha y firma</translation>
    </message>
    <message>
        <source>Change title</source>
        <translation>Cambiar título</translation>
    </message>
    <message>
        <source>Values only</source>
        <translation>Solo valores</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness (Ctrl+G)</source>
        <translation>Mostrar todo en grises de igual luminosidad (Ctrl+G)</translation>
    </message>
    <message>
        <source>Everything is shown as these eyes see it; press to see it as it is</source>
        <translation>Todo se muestra como lo ven estos ojos; pulsa para verlo como es</translation>
    </message>
    <message>
        <source>Reference</source>
        <translation>Referencia</translation>
    </message>
    <message>
        <source>Keep a small reference in sight on this desk (K)</source>
        <translation>Tener una referencia pequeña a la vista en esta mesa (K)</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Al lado</translation>
    </message>
    <message>
        <source>A small window to stand beside your canvas, above other programs (B)</source>
        <translation>Una ventana pequeña junto a tu lienzo, encima de otros programas (B)</translation>
    </message>
    <message>
        <source>%1. Click to edit the title.</source>
        <translation>%1. Un clic para cambiar el título.</translation>
    </message>
</context>
<context>
    <name>zc::HelpMenu</name>
    <message>
        <source>&amp;Help</source>
        <translation>A&amp;yuda</translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation>&amp;Manual</translation>
    </message>
    <message>
        <source>The page of the desk you are at</source>
        <translation>La página de la mesa en que estás</translation>
    </message>
    <message>
        <source>The &amp;order of work</source>
        <translation>El &amp;orden del trabajo</translation>
    </message>
    <message>
        <source>The first page of the handbook</source>
        <translation>La primera página del manual</translation>
    </message>
    <message>
        <source>Every &amp;key</source>
        <translation>Todas las &amp;teclas</translation>
    </message>
    <message>
        <source>All commands with their keys</source>
        <translation>Todas las órdenes con sus teclas</translation>
    </message>
    <message>
        <source>The &amp;first steps</source>
        <translation>Los &amp;primeros pasos</translation>
    </message>
    <message>
        <source>The list of first steps, with nothing ticked yet</source>
        <translation>La lista de primeros pasos, sin nada marcado aún</translation>
    </message>
    <message>
        <source>Copy &amp;details</source>
        <translation>Copiar &amp;detalles</translation>
    </message>
    <message>
        <source>Versions, screens and what the program did, for a report; nothing of your pieces</source>
        <translation>Versiones, pantallas y lo que hizo el programa, para un informe; nada de tus obras</translation>
    </message>
    <message>
        <source>The details are on the clipboard; nothing of your pieces is among them.</source>
        <translation>Los detalles están en el portapapeles; no hay nada de tus obras entre ellos.</translation>
    </message>
    <message>
        <source>&amp;About Zonachrom</source>
        <translation>&amp;Acerca de Zonachrom</translation>
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
</context>
<context>
    <name>zc::HowPanel</name>
    <message>
        <source>Least difference</source>
        <translation>Diferencia mínima</translation>
    </message>
    <message>
        <source>How many accents</source>
        <translation>Cuántos acentos</translation>
    </message>
    <message>
        <source>Least CIEDE2000 between any two, 0 to 50</source>
        <translation>CIEDE2000 mínimo entre dos cualesquiera, de 0 a 50</translation>
    </message>
    <message>
        <source>What stands for a group</source>
        <translation>Qué representa a un grupo</translation>
    </message>
    <message>
        <source>The mean of a group of pixels, or its most typical pixel</source>
        <translation>La media de un grupo de píxeles, o su píxel más típico</translation>
    </message>
    <message>
        <source>as means</source>
        <translation>como medias</translation>
    </message>
    <message>
        <source>as pixels</source>
        <translation>como píxeles</translation>
    </message>
    <message>
        <source>What the mask does to the extraction</source>
        <translation>Qué hace la máscara en la extracción</translation>
    </message>
    <message>
        <source>Take colors from the whole photo, from what lies in the mask, or brought into it</source>
        <translation>Tomar colores de toda la foto, de lo que está en la máscara, o llevados a ella</translation>
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
        <source>brought into the mask</source>
        <translation>llevados a la máscara</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>al menos</translation>
    </message>
    <message>
        <source>apart, with</source>
        <translation>aparte, con</translation>
    </message>
    <message>
        <source>accents,</source>
        <translation>acentos,</translation>
    </message>
    <message>
        <source>Small colors far off from all the others: at most so many of the colors that are counted</source>
        <translation>Colores pequeños lejos de todos los demás: como mucho tantos de los colores contados</translation>
    </message>
</context>
<context>
    <name>zc::ImportView</name>
    <message>
        <source>leave out what the set has</source>
        <translation>dejar lo que ya tiene</translation>
    </message>
    <message>
        <source>leave out what is near</source>
        <translation>dejar lo que está cerca</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Traer</translation>
    </message>
    <message>
        <source>Colors found in the file</source>
        <translation>Colores hallados en el archivo</translation>
    </message>
    <message>
        <source>Where to put them</source>
        <translation>Dónde ponerlos</translation>
    </message>
    <message>
        <source>Bring the colors in, in one step that can be undone</source>
        <translation>Traer los colores, en un paso que se puede deshacer</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Dejarlo</translation>
    </message>
    <message>
        <source>Bring nothing in</source>
        <translation>No traer nada</translation>
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
        <source>%1 new; %2 the set has already (ticked); %3 near to one it has (waved).</source>
        <translation>%1 nuevos; %2 ya los tiene el conjunto (marca); %3 están cerca de uno suyo (onda).</translation>
    </message>
    <message>
        <source>Bring in %1</source>
        <translation>Traer %1</translation>
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
        <source>How the kept reference is looked at</source>
        <translation>Cómo se mira la referencia a la vista</translation>
    </message>
    <message>
        <source>How it is looked at on this desk; keys on the photo do the same</source>
        <translation>Cómo se mira en esta mesa; las teclas sobre la foto hacen lo mismo</translation>
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
        <source>flat</source>
        <translation>planos</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>entornar</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pasos</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>máscara</translation>
    </message>
    <message>
        <source>away</source>
        <translation>fuera</translation>
    </message>
    <message>
        <source>Put the reference away on this desk (K)</source>
        <translation>Guardar la referencia en esta mesa (K)</translation>
    </message>
</context>
<context>
    <name>zc::LacksPanel</name>
    <message>
        <source>Whose needs</source>
        <translation>Necesidades de cuál</translation>
    </message>
    <message>
        <source>The picture whose needs the set is held against</source>
        <translation>La imagen con cuyas necesidades se compara el conjunto</translation>
    </message>
    <message>
        <source>At most so many colors, 1 to 12</source>
        <translation>Como mucho tantos colores, de 1 a 12</translation>
    </message>
    <message>
        <source> colors</source>
        <translation> colores</translation>
    </message>
    <message>
        <source>CIEDE2000 from every swatch and from each other</source>
        <translation>CIEDE2000 a cada muestra y entre sí</translation>
    </message>
    <message>
        <source> apart</source>
        <translation> aparte</translation>
    </message>
    <message>
        <source>The picture shown</source>
        <translation>La imagen mostrada</translation>
    </message>
    <message>
        <source>looking...</source>
        <translation>mirando...</translation>
    </message>
    <message>
        <source>needs %1: present %2, missing %3</source>
        <translation>necesita %1: presente %2, falta %3</translation>
    </message>
    <message>
        <source>%1 %, %2 from %3</source>
        <translation>%1 %, %2 de %3</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>poner</translation>
    </message>
    <message>
        <source>Lay this color into the chosen family</source>
        <translation>Poner este color en la familia elegida</translation>
    </message>
    <message>
        <source>A color of another picture</source>
        <translation>Un color de otra imagen</translation>
    </message>
    <message>
        <source>Show where in the picture it is</source>
        <translation>Mostrar dónde está en la imagen</translation>
    </message>
    <message>
        <source>Nothing: no color of the picture is far from every swatch.</source>
        <translation>Nada: ningún color de la imagen está lejos de todas las muestras.</translation>
    </message>
    <message>
        <source>Looking for what it lacks.</source>
        <translation>Buscando lo que falta.</translation>
    </message>
    <message>
        <source>lay all</source>
        <translation>poner todo</translation>
    </message>
    <message>
        <source>Lay all of these as a family</source>
        <translation>Poner todos como familia</translation>
    </message>
    <message>
        <source>from the picture</source>
        <translation>de la imagen</translation>
    </message>
</context>
<context>
    <name>zc::Laying</name>
    <message>
        <source>Lay swatch</source>
        <translation>Poner muestra</translation>
    </message>
    <message>
        <source>Lay %1 as a family</source>
        <translation>Poner %1 como familia</translation>
    </message>
    <message numerus="yes">
        <source>Lay %1 as %n families</source>
        <translation>
            <numerusform>Poner %1 como %n familia</numerusform>
            <numerusform>Poner %1 como %n familias</numerusform>
        </translation>
    </message>
    <message>
        <source>key colors</source>
        <translation>colores clave</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 de %2</translation>
    </message>
    <message numerus="yes">
        <source>Accept %n colors</source>
        <translation>
            <numerusform>Aceptar %n color</numerusform>
            <numerusform>Aceptar %n colores</numerusform>
        </translation>
    </message>
    <message>
        <source>Show set</source>
        <translation>Mostrar conjunto</translation>
    </message>
</context>
<context>
    <name>zc::LightPanel</name>
    <message>
        <source>Strength of the light, percent</source>
        <translation>Fuerza de la luz, por ciento</translation>
    </message>
    <message>
        <source>Amount of air, percent</source>
        <translation>Cantidad de aire, por ciento</translation>
    </message>
    <message>
        <source>the current color</source>
        <translation>el color actual</translation>
    </message>
    <message>
        <source>Use the current color for it</source>
        <translation>Usar para ello el color actual</translation>
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
        <source>Air</source>
        <translation>Aire</translation>
    </message>
    <message>
        <source>Keep as a version</source>
        <translation>Guardar como versión</translation>
    </message>
    <message>
        <source>Keep the set under this light and air as a version of it</source>
        <translation>Guardar el conjunto bajo esta luz y este aire como versión suya</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Apagar</translation>
    </message>
    <message>
        <source>Turn the light or the air up first.</source>
        <translation>Sube antes la luz o el aire.</translation>
    </message>
    <message>
        <source>under a light</source>
        <translation>bajo una luz</translation>
    </message>
    <message>
        <source>Keep the light as a version</source>
        <translation>Guardar la luz como versión</translation>
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
        <source>How bright the light is: at 0 a white wall just fits into the display&apos;s colors, and a stop more is twice the light</source>
        <translation>Cuánta luz hay: con 0 una pared blanca cabe justo en los colores de la pantalla, y un paso más es el doble de luz</translation>
    </message>
</context>
<context>
    <name>zc::LimitDesk</name>
    <message>
        <source>Draw</source>
        <translation>Dibujar</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>contorno</translation>
    </message>
    <message>
        <source>Click corners and close at the first one, or draw freehand with mouse or pen; Enter closes, Backspace takes a corner back, Escape stops</source>
        <translation>Clic en las esquinas y cerrar en la primera, o dibujar a mano con ratón o lápiz; Entrar cierra, Retroceso quita una esquina, Escape para</translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>elipse</translation>
    </message>
    <message>
        <source>Drag from the middle outward</source>
        <translation>Arrastrar del centro hacia fuera</translation>
    </message>
    <message>
        <source>ring sector</source>
        <translation>sector anular</translation>
    </message>
    <message>
        <source>Drag from one corner to the opposite one</source>
        <translation>Arrastrar de una esquina a la opuesta</translation>
    </message>
    <message>
        <source>adds</source>
        <translation>añade</translation>
    </message>
    <message>
        <source>The next area drawn adds to the mask</source>
        <translation>La próxima área dibujada añade a la máscara</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>recorta</translation>
    </message>
    <message>
        <source>The next area drawn cuts a hole into the mask</source>
        <translation>La próxima área dibujada abre un hueco en la máscara</translation>
    </message>
    <message>
        <source>Take neutral</source>
        <translation>Tomar neutro</translation>
    </message>
    <message>
        <source>Take up the subjective neutral, the middle of the mask, at the current value</source>
        <translation>Tomar el neutro subjetivo, el centro de la máscara, al valor actual</translation>
    </message>
    <message>
        <source>Lay keys</source>
        <translation>Poner claves</translation>
    </message>
    <message>
        <source>Lay the key colors, the corners of the mask at the current value, as a family</source>
        <translation>Poner los colores clave, las esquinas de la máscara al valor actual, como familia</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Quitarla</translation>
    </message>
    <message>
        <source>Take the mask off the piece (Undo brings it back)</source>
        <translation>Quitar la máscara de la obra (Deshacer la devuelve)</translation>
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
        <source>The reference through the mask, and masks fitted to it</source>
        <translation>La referencia a través de la máscara, y máscaras ajustadas a ella</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Estante</translation>
    </message>
    <message>
        <source>Masks kept across pieces</source>
        <translation>Máscaras guardadas para otras obras</translation>
    </message>
    <message>
        <source>, holds %1 % of %2</source>
        <translation>, contiene %1 % de %2</translation>
    </message>
    <message>
        <source>No mask: every color can be picked. Choose a pattern or draw an area to limit hue and saturation.</source>
        <translation>Sin máscara: se puede elegir cualquier color. Elige un patrón o dibuja un área para limitar tono y saturación.</translation>
    </message>
    <message>
        <source>The mask is kept but not used.</source>
        <translation>La máscara se conserva sin usarse.</translation>
    </message>
    <message>
        <source>The mask encloses nothing and admits no color; pull its corners apart.</source>
        <translation>La máscara no encierra nada y no admite ningún color; separa sus esquinas.</translation>
    </message>
    <message>
        <source>%1, turned %2°, fills %3 % of the wheel%5. Subjective neutral: %4.</source>
        <translation>%1, girada %2°, llena %3 % del círculo%5. Neutro subjetivo: %4.</translation>
    </message>
    <message>
        <source>An outline crosses itself and is left open there.</source>
        <translation>Un contorno se cruza y queda abierto ahí.</translation>
    </message>
</context>
<context>
    <name>zc::LimitMenu</name>
    <message>
        <source>&amp;Limit</source>
        <translation>&amp;Limitar</translation>
    </message>
    <message>
        <source>Turn the mask; with &quot;carry the set&quot; its set along</source>
        <translation>Girar la máscara; con &quot;llevar el conjunto&quot;, también su conjunto</translation>
    </message>
    <message>
        <source>&amp;Turn the mask on</source>
        <translation>&amp;Girar la máscara</translation>
    </message>
    <message>
        <source>Turn the mask &amp;back</source>
        <translation>Girar la máscara &amp;atrás</translation>
    </message>
    <message>
        <source>Turn the mask to the &amp;complements</source>
        <translation>Girar la máscara a los &amp;complementarios</translation>
    </message>
    <message>
        <source>Turn the mask a &amp;hue on</source>
        <translation>Girar la máscara un &amp;tono</translation>
    </message>
    <message>
        <source>Turn the mask a hue bac&amp;k</source>
        <translation>Girar la máscara un tono a&amp;trás</translation>
    </message>
    <message>
        <source>Turn the mask &amp;by...</source>
        <translation>Girar la máscara &amp;por...</translation>
    </message>
    <message>
        <source>Type how far the mask is turned on: 15 and Enter, or -15</source>
        <translation>Escribe cuánto gira la máscara: 15 y Entrar, o -15</translation>
    </message>
    <message>
        <source>Draw an &amp;outline</source>
        <translation>Dibujar un &amp;contorno</translation>
    </message>
    <message>
        <source>Draw an &amp;ellipse</source>
        <translation>Dibujar una &amp;elipse</translation>
    </message>
    <message>
        <source>Draw a &amp;ring sector</source>
        <translation>Dibujar un &amp;sector anular</translation>
    </message>
    <message>
        <source>Draw a new area of the mask on the wheel</source>
        <translation>Dibujar un área nueva de la máscara en el círculo</translation>
    </message>
    <message>
        <source>Take the &amp;neutral up</source>
        <translation>Tomar el &amp;neutro</translation>
    </message>
    <message>
        <source>Take up the middle of the mask</source>
        <translation>Tomar el centro de la máscara</translation>
    </message>
    <message>
        <source>Lay the &amp;key colors</source>
        <translation>Poner los colores c&amp;lave</translation>
    </message>
    <message>
        <source>Lay the corners of the mask as a family</source>
        <translation>Poner las esquinas de la máscara como familia</translation>
    </message>
    <message>
        <source>Move the area &amp;up</source>
        <translation>Subir el á&amp;rea</translation>
    </message>
    <message>
        <source>Let the area worked on come before the one above it</source>
        <translation>Que el área en uso venga antes que la de encima</translation>
    </message>
    <message>
        <source>Move the area &amp;down</source>
        <translation>&amp;Bajar el área</translation>
    </message>
    <message>
        <source>Let the area worked on come after the one below it</source>
        <translation>Que el área en uso venga después que la de debajo</translation>
    </message>
    <message>
        <source>&amp;Remove the area</source>
        <translation>&amp;Quitar el área</translation>
    </message>
    <message>
        <source>Remove the mask area worked on</source>
        <translation>Quitar el área en uso de la máscara</translation>
    </message>
    <message>
        <source>Take the &amp;mask off</source>
        <translation>Quitar la &amp;máscara</translation>
    </message>
    <message>
        <source>Take the mask off the piece</source>
        <translation>Quitar la máscara de la obra</translation>
    </message>
</context>
<context>
    <name>zc::ListView</name>
    <message>
        <source>Filter the list</source>
        <translation>Filtrar la lista</translation>
    </message>
    <message>
        <source>only rows with these letters in a name, family, note or hex</source>
        <translation>solo filas con estas letras en nombre, familia, nota o hex</translation>
    </message>
    <message>
        <source>The set as a list</source>
        <translation>El conjunto como lista</translation>
    </message>
    <message>
        <source>Click selects, double click or F2 edits; a head sorts</source>
        <translation>Un clic selecciona, doble clic o F2 edita; una cabecera ordena</translation>
    </message>
</context>
<context>
    <name>zc::LookBar</name>
    <message>
        <source>Number of flat tones</source>
        <translation>Número de tonos planos</translation>
    </message>
    <message>
        <source>find</source>
        <translation>hallar</translation>
    </message>
    <message>
        <source>Number of tone steps</source>
        <translation>Número de pasos de tono</translation>
    </message>
    <message>
        <source>color</source>
        <translation>color</translation>
    </message>
    <message>
        <source>The photo in color (C)</source>
        <translation>La foto en color (C)</translation>
    </message>
    <message>
        <source>value</source>
        <translation>valor</translation>
    </message>
    <message>
        <source>Greys of equal lightness (V)</source>
        <translation>Grises de igual luminosidad (V)</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>planos</translation>
    </message>
    <message>
        <source>A few flat tones; drag their limits on the value axis (F)</source>
        <translation>Unos pocos tonos planos; arrastra sus límites en el eje de valor (F)</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>entornar</translation>
    </message>
    <message>
        <source>Blurred, as with eyes half shut (S)</source>
        <translation>Borrosa, como con los ojos entornados (S)</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>pasos</translation>
    </message>
    <message>
        <source>Even tone steps from black to white (T)</source>
        <translation>Pasos de tono iguales de negro a blanco (T)</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>máscara</translation>
    </message>
    <message>
        <source>Through the mask; drag the edge between before and after (M)</source>
        <translation>A través de la máscara; arrastra el borde entre antes y después (M)</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Vista: %1</translation>
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
        <source>Find the limits between the tones again</source>
        <translation>Hallar otra vez los límites entre los tonos</translation>
    </message>
    <message>
        <source>How much to squint</source>
        <translation>Cuánto entornar</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> pasos</translation>
    </message>
    <message>
        <source>How many tone steps, 2 to 21</source>
        <translation>Cuántos pasos de tono, de 2 a 21</translation>
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
        <source>The outline crosses itself; where it overlaps, the mask is left open.</source>
        <translation>El contorno se cruza; donde se solapa, la máscara queda abierta.</translation>
    </message>
    <message>
        <source>Add mask area</source>
        <translation>Añadir área a la máscara</translation>
    </message>
    <message>
        <source>Cut mask</source>
        <translation>Recortar máscara</translation>
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
        <source>Remove this corner</source>
        <translation>Quitar esta esquina</translation>
    </message>
    <message>
        <source>Remove this area</source>
        <translation>Quitar esta área</translation>
    </message>
    <message>
        <source>Scale mask area</source>
        <translation>Cambiar tamaño del área</translation>
    </message>
    <message>
        <source>Bend mask edge</source>
        <translation>Doblar el borde de la máscara</translation>
    </message>
</context>
<context>
    <name>zc::MaskRuleChoice</name>
    <message>
        <source>Mask</source>
        <translation>Máscara</translation>
    </message>
    <message>
        <source>held</source>
        <translation>sujeto</translation>
    </message>
    <message>
        <source>Picks stay inside the mask, at the same value</source>
        <translation>Las elecciones quedan dentro de la máscara, al mismo valor</translation>
    </message>
    <message>
        <source>flagged</source>
        <translation>señalado</translation>
    </message>
    <message>
        <source>Picks outside the mask are allowed, and marked</source>
        <translation>Se permite elegir fuera de la máscara, y se señala</translation>
    </message>
    <message>
        <source>free</source>
        <translation>libre</translation>
    </message>
    <message>
        <source>Picks are not judged; the mask is only shown</source>
        <translation>No se juzga lo elegido; la máscara solo se muestra</translation>
    </message>
    <message>
        <source>off</source>
        <translation>apagada</translation>
    </message>
    <message>
        <source>Keep the mask without showing or using it</source>
        <translation>Conservar la máscara sin mostrarla ni usarla</translation>
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
</context>
<context>
    <name>zc::MaskedPreview</name>
    <message>
        <source>The reference through the mask</source>
        <translation>La referencia a través de la máscara</translation>
    </message>
    <message>
        <source>Drag the edge: before it the photo as it is, after it in the mask</source>
        <translation>Arrastra el borde: antes de él la foto como es, después en la máscara</translation>
    </message>
    <message>
        <source>The edge between before and after</source>
        <translation>El borde entre antes y después</translation>
    </message>
    <message>
        <source>Add a reference at Observe to see it through the mask.</source>
        <translation>Añade una referencia en Observar para verla a través de la máscara.</translation>
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
        <source>Take mask off</source>
        <translation>Quitar máscara</translation>
    </message>
</context>
<context>
    <name>zc::MixPanel</name>
    <message>
        <source>paint</source>
        <translation>pintura</translation>
    </message>
    <message>
        <source>Pigments absorb: curves of reflectance mixed by Kubelka and Munk</source>
        <translation>Los pigmentos absorben: curvas de reflectancia mezcladas según Kubelka y Munk</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>Light adds: as on a spinning disc or from far away</source>
        <translation>La luz suma: como en un disco que gira o de lejos</translation>
    </message>
    <message>
        <source>Parts of the mixture</source>
        <translation>Partes de la mezcla</translation>
    </message>
    <message>
        <source>The parts that are read, corner by corner; type others such as 2 : 1 : 1</source>
        <translation>Las partes leídas, esquina por esquina; escribe otras como 2 : 1 : 1</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>partes</translation>
    </message>
    <message>
        <source>Strength of corner %1</source>
        <translation>Fuerza de la esquina %1</translation>
    </message>
    <message>
        <source>Tinting strength of color %1: how often a part of it counts</source>
        <translation>Fuerza de tinción del color %1: cuántas veces cuenta una parte</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Color %1 mixes; off it is muted</source>
        <translation>El color %1 se mezcla; apagado, calla</translation>
    </message>
    <message>
        <source>add</source>
        <translation>añadir</translation>
    </message>
    <message>
        <source>Put another color at a corner: the current one, or a paint of the trade</source>
        <translation>Poner otro color en una esquina: el actual, o una pintura del oficio</translation>
    </message>
    <message>
        <source>The current color</source>
        <translation>El color actual</translation>
    </message>
    <message>
        <source>Clear the field</source>
        <translation>Vaciar el campo</translation>
    </message>
    <message>
        <source>Steps along the line</source>
        <translation>Pasos a lo largo de la línea</translation>
    </message>
    <message>
        <source>draw a line</source>
        <translation>trazar una línea</translation>
    </message>
    <message>
        <source>The next drag across the field draws the line of a string; so does the right button</source>
        <translation>El próximo arrastre por el campo traza la línea de una gradación; también el botón derecho</translation>
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
        <source>Steps of the string, and along a side of the grid, 2 to 12</source>
        <translation>Pasos de la gradación, y por lado de la cuadrícula, de 2 a 12</translation>
    </message>
    <message>
        <source>Lay line</source>
        <translation>Poner línea</translation>
    </message>
    <message>
        <source>Lay the steps of the line as a family</source>
        <translation>Poner los pasos de la línea como familia</translation>
    </message>
    <message>
        <source>Lay picks</source>
        <translation>Poner elegidos</translation>
    </message>
    <message>
        <source>Lay what was picked as a family</source>
        <translation>Poner lo elegido como familia</translation>
    </message>
    <message>
        <source>Lay grid</source>
        <translation>Poner cuadrícula</translation>
    </message>
    <message>
        <source>Lay the whole field in steps, each row as a family</source>
        <translation>Poner todo el campo en pasos, cada fila como familia</translation>
    </message>
    <message>
        <source>The field has four colors; drop another on one of them.</source>
        <translation>El campo tiene cuatro colores; suelta otro sobre uno de ellos.</translation>
    </message>
    <message>
        <source>Type %1 numbers, such as 2 : 1.</source>
        <translation>Escribe %1 números, como 2 : 1.</translation>
    </message>
    <message>
        <source>across a mixture</source>
        <translation>a través de una mezcla</translation>
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
        <source>Two to four colors make a field.</source>
        <translation>De dos a cuatro colores hacen un campo.</translation>
    </message>
    <message>
        <source>; %1 is no paint&apos;s color, the nearest paint stands</source>
        <translation>; %1 no es color de pintura, está la pintura más cercana</translation>
    </message>
    <message>
        <source>Point to read, drag to pick</source>
        <translation>Apunta para leer, arrastra para elegir</translation>
    </message>
</context>
<context>
    <name>zc::MixView</name>
    <message>
        <source>Field of mixtures</source>
        <translation>Campo de mezclas</translation>
    </message>
    <message>
        <source>Drag to pick a mixture; with the right button draw a line for a string.</source>
        <translation>Arrastra para elegir una mezcla; con el botón derecho traza una línea de gradación.</translation>
    </message>
    <message>
        <source>Drop two to four colors here: from wells, the staff, results, anywhere a color is shown.</source>
        <translation>Suelta aquí de dos a cuatro colores: de pocillos, pentagrama, resultados, de donde se vea un color.</translation>
    </message>
    <message>
        <source>One color is there; drop another.</source>
        <translation>Hay un color; suelta otro.</translation>
    </message>
    <message>
        <source>Click takes it up, the wheel changes its strength, a drag carries it on, the right button has more.</source>
        <translation>Un clic lo toma, la rueda cambia su fuerza, un arrastre lo lleva, el botón derecho tiene más.</translation>
    </message>
    <message>
        <source>Let it mix again</source>
        <translation>Que vuelva a mezclarse</translation>
    </message>
    <message>
        <source>Mute it</source>
        <translation>Callarlo</translation>
    </message>
    <message>
        <source>Let it stay as it is</source>
        <translation>Que quede como está</translation>
    </message>
    <message>
        <source>Let it follow the current color</source>
        <translation>Que siga al color actual</translation>
    </message>
    <message>
        <source>Put the current color here</source>
        <translation>Poner aquí el color actual</translation>
    </message>
    <message>
        <source>Take it off the field</source>
        <translation>Quitarlo del campo</translation>
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
        <source>Take up</source>
        <translation>Tomar</translation>
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
        <source>Add</source>
        <translation>Añadir</translation>
    </message>
    <message>
        <source>Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted</source>
        <translation>Añadir fotos de referencia (Ctrl+Mayús+O); también se pueden soltar o pegar</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>tomados</translation>
    </message>
    <message>
        <source>The colors taken and not laid yet</source>
        <translation>Los colores tomados y aún no puestos</translation>
    </message>
    <message>
        <source>how</source>
        <translation>cómo</translation>
    </message>
    <message>
        <source>How far apart, as what, from where, and how many accents</source>
        <translation>Cuánto aparte, como qué, de dónde, y cuántos acentos</translation>
    </message>
    <message>
        <source>the photo says</source>
        <translation>la foto dice</translation>
    </message>
    <message>
        <source>Its key, its shares of light, middle and dark, its colors on the wheel</source>
        <translation>Su clave, sus partes de claro, medio y oscuro, sus colores en el círculo</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Parar</translation>
    </message>
    <message>
        <source>Stop opening the photos</source>
        <translation>Dejar de abrir las fotos</translation>
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
</context>
<context>
    <name>zc::ObserveMenu</name>
    <message>
        <source>&amp;Observe</source>
        <translation>&amp;Observar</translation>
    </message>
    <message>
        <source>&amp;Color</source>
        <translation>&amp;Color</translation>
    </message>
    <message>
        <source>Show the photo in color (C)</source>
        <translation>Mostrar la foto en color (C)</translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation>&amp;Valor</translation>
    </message>
    <message>
        <source>Show the photo in greys of equal lightness (V)</source>
        <translation>Mostrar la foto en grises de igual luminosidad (V)</translation>
    </message>
    <message>
        <source>F&amp;lat tones</source>
        <translation>Tonos p&amp;lanos</translation>
    </message>
    <message>
        <source>Show the photo in a few flat tones (F)</source>
        <translation>Mostrar la foto en unos pocos tonos planos (F)</translation>
    </message>
    <message>
        <source>&amp;Squint</source>
        <translation>E&amp;ntornar</translation>
    </message>
    <message>
        <source>Blur the photo (S)</source>
        <translation>Desenfocar la foto (S)</translation>
    </message>
    <message>
        <source>&amp;Tone steps</source>
        <translation>Pa&amp;sos de tono</translation>
    </message>
    <message>
        <source>Show the photo in even tone steps (T)</source>
        <translation>Mostrar la foto en pasos de tono iguales (T)</translation>
    </message>
    <message>
        <source>Through the &amp;mask</source>
        <translation>A través de la &amp;máscara</translation>
    </message>
    <message>
        <source>Show the photo through the mask (M)</source>
        <translation>Mostrar la foto a través de la máscara (M)</translation>
    </message>
    <message>
        <source>Photo &amp;pixels one to one</source>
        <translation>&amp;Píxeles uno a uno</translation>
    </message>
    <message>
        <source>Show each pixel of the photo as one of the screen</source>
        <translation>Mostrar cada píxel de la foto como uno de la pantalla</translation>
    </message>
    <message>
        <source>Turn the &amp;view clockwise</source>
        <translation>&amp;Girar la vista a la derecha</translation>
    </message>
    <message>
        <source>Turn the view by a quarter; the photo stays</source>
        <translation>Girar la vista un cuarto; la foto queda</translation>
    </message>
    <message>
        <source>Turn the view &amp;back</source>
        <translation>Girar la vista a la i&amp;zquierda</translation>
    </message>
    <message>
        <source>Turn the view back by a quarter</source>
        <translation>Girar la vista un cuarto atrás</translation>
    </message>
    <message>
        <source>Mi&amp;rror the view</source>
        <translation>&amp;Reflejar la vista</translation>
    </message>
    <message>
        <source>Left for right, to see the values afresh</source>
        <translation>Izquierda por derecha, para ver los valores de nuevo</translation>
    </message>
    <message>
        <source>Cro&amp;p the view to the region</source>
        <translation>Recortar la vista a la re&amp;gión</translation>
    </message>
    <message>
        <source>Show only the region</source>
        <translation>Mostrar solo la región</translation>
    </message>
    <message>
        <source>Show the &amp;whole photo again</source>
        <translation>Mostrar otra vez toda la &amp;foto</translation>
    </message>
    <message>
        <source>End the crop of the view</source>
        <translation>Terminar el recorte de la vista</translation>
    </message>
    <message>
        <source>Follow a canv&amp;as...</source>
        <translation>Seguir un li&amp;enzo...</translation>
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
        <source>Keep the shown reference as it is, whatever happens to its file</source>
        <translation>Conservar la referencia mostrada como está, pase lo que pase con su archivo</translation>
    </message>
    <message>
        <source>Repla&amp;ce the reference...</source>
        <translation>&amp;Sustituir la referencia...</translation>
    </message>
    <message>
        <source>Put another photo in the place of the shown one</source>
        <translation>Poner otra foto en lugar de la mostrada</translation>
    </message>
    <message>
        <source>Re&amp;name the reference...</source>
        <translation>Cambiar el &amp;nombre de la referencia...</translation>
    </message>
    <message>
        <source>Give the shown photo another name</source>
        <translation>Dar otro nombre a la foto mostrada</translation>
    </message>
    <message>
        <source>Move the reference &amp;left</source>
        <translation>Mover la referencia a la i&amp;zquierda</translation>
    </message>
    <message>
        <source>Move the shown photo to the left in the strip</source>
        <translation>Mover la foto mostrada a la izquierda en la tira</translation>
    </message>
    <message>
        <source>Move the reference &amp;right</source>
        <translation>Mover la referencia a la &amp;derecha</translation>
    </message>
    <message>
        <source>Move the shown photo to the right in the strip</source>
        <translation>Mover la foto mostrada a la derecha en la tira</translation>
    </message>
    <message>
        <source>&amp;Fit the photo</source>
        <translation>A&amp;justar la foto</translation>
    </message>
    <message>
        <source>Show the whole photo</source>
        <translation>Mostrar la foto entera</translation>
    </message>
    <message>
        <source>&amp;Remove the reference</source>
        <translation>&amp;Quitar la referencia</translation>
    </message>
    <message>
        <source>Take the shown photo out of the piece</source>
        <translation>Quitar de la obra la foto mostrada</translation>
    </message>
</context>
<context>
    <name>zc::PaintReader</name>
    <message>
        <source>Put at least one paint out first.</source>
        <translation>Saca antes al menos una pintura.</translation>
    </message>
    <message>
        <source>The reach is still being worked out.</source>
        <translation>El alcance aún se está calculando.</translation>
    </message>
    <message>
        <source>what the paints reach</source>
        <translation>lo que alcanzan las pinturas</translation>
    </message>
    <message>
        <source>what the paints reach at value %1</source>
        <translation>lo que alcanzan las pinturas a valor %1</translation>
    </message>
    <message>
        <source>Make the reach the mask</source>
        <translation>Hacer del alcance la máscara</translation>
    </message>
    <message>
        <source>There is no photo to reach.</source>
        <translation>No hay foto que alcanzar.</translation>
    </message>
    <message>
        <source>Add some paints to choose from first.</source>
        <translation>Añade antes unas pinturas entre las que elegir.</translation>
    </message>
    <message>
        <source>These paints do not reach so much: %1 of them come to %2 percent.</source>
        <translation>Estas pinturas no alcanzan tanto: %1 de ellas llegan al %2 por ciento.</translation>
    </message>
    <message numerus="yes">
        <source>Put %n paints out</source>
        <translation>
            <numerusform>Sacar %n pintura</numerusform>
            <numerusform>Sacar %n pinturas</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n paints reach %1 percent.</source>
        <translation>
            <numerusform>%n pintura alcanza el %1 por ciento.</numerusform>
            <numerusform>%n pinturas alcanzan el %1 por ciento.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PaintsPanel</name>
    <message>
        <source>add</source>
        <translation>añadir</translation>
    </message>
    <message>
        <source>Add a paint: the current color, the selected swatches, or a paint of the trade</source>
        <translation>Añadir una pintura: el color actual, las muestras seleccionadas, o una pintura del oficio</translation>
    </message>
    <message>
        <source>Palettes of paints on the shelf</source>
        <translation>Paletas de pinturas del estante</translation>
    </message>
    <message>
        <source>Take a palette of paints off the shelf in the place of this one</source>
        <translation>Tomar una paleta de pinturas del estante en lugar de esta</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>guardar</translation>
    </message>
    <message>
        <source>Put this palette of paints on the shelf, under the title of the piece</source>
        <translation>Poner esta paleta de pinturas en el estante, con el título de la obra</translation>
    </message>
    <message>
        <source>At most so many paints in the recipe, 1 to 4</source>
        <translation>Como mucho tantas pinturas en la receta, de 1 a 4</translation>
    </message>
    <message>
        <source> paints</source>
        <translation> pinturas</translation>
    </message>
    <message>
        <source>take the mixture up</source>
        <translation>tomar la mezcla</translation>
    </message>
    <message>
        <source>What the recipe makes becomes the current color</source>
        <translation>Lo que da la receta pasa a ser el color actual</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>alcance</translation>
    </message>
    <message>
        <source>Show what the paints that are put out can mix: on the plan, in the section, along the rail</source>
        <translation>Mostrar lo que mezclan las pinturas sacadas: en el plan, en la sección, a lo largo del riel</translation>
    </message>
    <message>
        <source>white and black</source>
        <translation>blanco y negro</translation>
    </message>
    <message>
        <source>White and black of the trade mix along, also where they are not among the paints</source>
        <translation>Blanco y negro del oficio se mezclan también, aunque no estén entre las pinturas</translation>
    </message>
    <message>
        <source>as the mask</source>
        <translation>como máscara</translation>
    </message>
    <message>
        <source>at this value</source>
        <translation>a este valor</translation>
    </message>
    <message>
        <source>The reach at the current value becomes the mask</source>
        <translation>El alcance al valor actual pasa a ser la máscara</translation>
    </message>
    <message>
        <source>at any</source>
        <translation>a cualquiera</translation>
    </message>
    <message>
        <source>What is reached at any value becomes the mask</source>
        <translation>Lo que se alcanza a cualquier valor pasa a ser la máscara</translation>
    </message>
    <message>
        <source>fewest</source>
        <translation>las menos</translation>
    </message>
    <message>
        <source>Percent that is to be reached</source>
        <translation>Por ciento que se ha de alcanzar</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>CIEDE2000 that still counts as reached</source>
        <translation>CIEDE2000 que aún cuenta como alcanzado</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>foto</translation>
    </message>
    <message>
        <source>Put out the fewest paints that reach this share of the photo</source>
        <translation>Sacar las menos pinturas que alcanzan esta parte de la foto</translation>
    </message>
    <message>
        <source>set</source>
        <translation>conjunto</translation>
    </message>
    <message>
        <source>Put out the fewest paints that reach this share of the set</source>
        <translation>Sacar las menos pinturas que alcanzan esta parte del conjunto</translation>
    </message>
    <message>
        <source>from the shelf</source>
        <translation>del estante</translation>
    </message>
    <message>
        <source>Take the paints &quot;%1&quot;</source>
        <translation>Tomar las pinturas &quot;%1&quot;</translation>
    </message>
    <message>
        <source>The paints are on the shelf as &quot;%1&quot;.</source>
        <translation>Las pinturas están en el estante como &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Add the paint %1</source>
        <translation>Añadir la pintura %1</translation>
    </message>
    <message>
        <source>The current color</source>
        <translation>El color actual</translation>
    </message>
    <message>
        <source>The selected swatches</source>
        <translation>Las muestras seleccionadas</translation>
    </message>
    <message>
        <source>Add the selected swatches as paints</source>
        <translation>Añadir las muestras seleccionadas como pinturas</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Tomarlo</translation>
    </message>
    <message>
        <source>%1: a curve of ours, %2; pressed it is put out or away</source>
        <translation>%1: una curva nuestra, %2; pulsada se saca o se guarda</translation>
    </message>
    <message>
        <source>%1: the smoothest curve of its color; pressed it is put out or away</source>
        <translation>%1: la curva más suave de su color; pulsada se saca o se guarda</translation>
    </message>
    <message>
        <source>Put a paint out</source>
        <translation>Sacar una pintura</translation>
    </message>
    <message>
        <source>Put a paint away</source>
        <translation>Guardar una pintura</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Fuerza de %1</translation>
    </message>
    <message>
        <source>Tinting strength: how often a part of it counts</source>
        <translation>Fuerza de tinción: cuántas veces cuenta una parte</translation>
    </message>
    <message>
        <source>Change the strength of a paint</source>
        <translation>Cambiar la fuerza de una pintura</translation>
    </message>
    <message>
        <source>off</source>
        <translation>quitar</translation>
    </message>
    <message>
        <source>Take %1 off the palette</source>
        <translation>Quitar %1 de la paleta</translation>
    </message>
    <message>
        <source>Take a paint off</source>
        <translation>Quitar una pintura</translation>
    </message>
    <message>
        <source>Rename the paint</source>
        <translation>Cambiar el nombre de la pintura</translation>
    </message>
    <message>
        <source>Type another name for it</source>
        <translation>Escribe otro nombre para ella</translation>
    </message>
    <message>
        <source>Rename a paint</source>
        <translation>Cambiar el nombre de una pintura</translation>
    </message>
    <message>
        <source>Give it the current color</source>
        <translation>Darle el color actual</translation>
    </message>
    <message>
        <source>It mixes by the smoothest curve of the current color from now on</source>
        <translation>Desde ahora se mezcla con la curva más suave del color actual</translation>
    </message>
    <message>
        <source>Change the color of a paint</source>
        <translation>Cambiar el color de una pintura</translation>
    </message>
    <message>
        <source>Move a paint</source>
        <translation>Mover una pintura</translation>
    </message>
    <message>
        <source>Move it up</source>
        <translation>Subirla</translation>
    </message>
    <message>
        <source>Before the paint above</source>
        <translation>Antes que la pintura de encima</translation>
    </message>
    <message>
        <source>Move it down</source>
        <translation>Bajarla</translation>
    </message>
    <message>
        <source>Behind the paint below</source>
        <translation>Después de la pintura de debajo</translation>
    </message>
    <message>
        <source>No paint yet. Add the current color, swatches or paints of the trade; few paints limit a piece as a mask does.</source>
        <translation>Aún no hay pinturas. Añade el color actual, muestras o pinturas del oficio; pocas pinturas limitan una obra como una máscara.</translation>
    </message>
    <message>
        <source>Put paints out to get recipes.</source>
        <translation>Saca pinturas para tener recetas.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1; off by %2</source>
        <translation>%1; se aparta %2</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, the nearest stands</source>
        <translation>; ninguna pintura tiene el color de %1, está la más cercana</translation>
    </message>
    <message>
        <source>asking the set and the photo</source>
        <translation>preguntando al conjunto y a la foto</translation>
    </message>
    <message>
        <source>reach %1 of %2 swatches, %3 % of the photo</source>
        <translation>alcanzan %1 de %2 muestras, %3 % de la foto</translation>
    </message>
    <message>
        <source>reach %1 of %2 swatches</source>
        <translation>alcanzan %1 de %2 muestras</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Parar, %1 %</translation>
    </message>
</context>
<context>
    <name>zc::PairsPanel</name>
    <message>
        <source>Each swatch follows to</source>
        <translation>Cada muestra sigue a</translation>
    </message>
    <message>
        <source>What %1 follows to</source>
        <translation>A qué sigue %1</translation>
    </message>
    <message>
        <source>The swatch that this one follows to</source>
        <translation>La muestra a la que sigue esta</translation>
    </message>
    <message>
        <source>Choose a set or a version to follow to.</source>
        <translation>Elige un conjunto o una versión a la que seguir.</translation>
    </message>
</context>
<context>
    <name>zc::PaletteService</name>
    <message>
        <source>That is too long for a color; give one as #rrggbb.</source>
        <translation>Es demasiado largo para un color; da uno como #rrggbb.</translation>
    </message>
    <message>
        <source>A display cannot show this color; give one that it can.</source>
        <translation>Ninguna pantalla muestra este color; da uno que sí.</translation>
    </message>
    <message>
        <source>Lay swatch</source>
        <translation>Poner muestra</translation>
    </message>
    <message>
        <source>The piece has no set &quot;%1&quot;.</source>
        <translation>La obra no tiene el conjunto &quot;%1&quot;.</translation>
    </message>
</context>
<context>
    <name>zc::ParcelPanel</name>
    <message>
        <source>Pack for others</source>
        <translation>Reunir para otros</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Para qué es</translation>
    </message>
    <message>
        <source>Whom it is from</source>
        <translation>De quién es</translation>
    </message>
    <message>
        <source>Pack the parcel</source>
        <translation>Hacer el paquete</translation>
    </message>
    <message>
        <source>Write what is chosen into one file for others</source>
        <translation>Escribir lo elegido en un archivo para otros</translation>
    </message>
    <message>
        <source>From others</source>
        <translation>De otros</translation>
    </message>
    <message>
        <source>look into a parcel</source>
        <translation>mirar en un paquete</translation>
    </message>
    <message>
        <source>See what is inside before anything is taken</source>
        <translation>Ver qué hay dentro antes de tomar nada</translation>
    </message>
    <message>
        <source>watch a shared folder</source>
        <translation>vigilar una carpeta común</translation>
    </message>
    <message>
        <source>New parcels in this folder are offered here, never taken unasked</source>
        <translation>Los paquetes nuevos de esta carpeta se ofrecen aquí, nunca se toman sin preguntar</translation>
    </message>
    <message>
        <source>Whether it goes along: %1</source>
        <translation>Si va incluido: %1</translation>
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
        <source>Whether it is put on the shelf: %1</source>
        <translation>Si se pone en el estante: %1</translation>
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
        <source>Put the chosen on the shelf</source>
        <translation>Poner lo elegido en el estante</translation>
    </message>
    <message>
        <source>What is there already stays as it is</source>
        <translation>Lo que ya está queda como está</translation>
    </message>
    <message>
        <source>A new parcel: %1; it is offered at Share, Parcel.</source>
        <translation>Un paquete nuevo: %1; se ofrece en Compartir, Paquete.</translation>
    </message>
    <message>
        <source>new: %1</source>
        <translation>nuevo: %1</translation>
    </message>
    <message>
        <source>Look into this parcel</source>
        <translation>Mirar en este paquete</translation>
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
</context>
<context>
    <name>zc::PatternPanel</name>
    <message>
        <source>Patterns</source>
        <translation>Patrones</translation>
    </message>
    <message>
        <source>Lay a mask of this pattern from the base hue</source>
        <translation>Poner una máscara de este patrón desde el tono base</translation>
    </message>
    <message>
        <source>Base hue of the pattern</source>
        <translation>Tono base del patrón</translation>
    </message>
    <message>
        <source>Wheel angle of the leading hue of the next pattern laid, clockwise from the top</source>
        <translation>Ángulo del tono principal del próximo patrón, en el sentido del reloj desde arriba</translation>
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
        <source>How wide the hues of the next pattern laid are, 0 to 120°; &quot;usual&quot; is the pattern&apos;s own width</source>
        <translation>Amplitud de los tonos del próximo patrón, de 0 a 120°; &quot;usual&quot; es la propia del patrón</translation>
    </message>
    <message>
        <source>Mask turned by</source>
        <translation>Máscara girada por</translation>
    </message>
    <message>
        <source>How far the mask is turned; drag outside the rim to turn it by hand, or press Ctrl+Left and Ctrl+Right on the wheel</source>
        <translation>Cuánto está girada la máscara; arrastra fuera del borde para girarla a mano, o pulsa Ctrl+Izquierda y Ctrl+Derecha en el círculo</translation>
    </message>
    <message>
        <source>carry the set</source>
        <translation>llevar el conjunto</translation>
    </message>
    <message>
        <source>Turning the mask turns the hues of the current set along with it; saturation and value stay</source>
        <translation>Al girar la máscara giran también los tonos del conjunto; saturación y valor quedan</translation>
    </message>
    <message>
        <source>current hue</source>
        <translation>tono actual</translation>
    </message>
    <message>
        <source>Let the next pattern laid start at the hue of the current color</source>
        <translation>Que el próximo patrón empiece en el tono del color actual</translation>
    </message>
    <message>
        <source>colors</source>
        <translation>colores</translation>
    </message>
    <message>
        <source>When the wheel changes the mask keeps its colors</source>
        <translation>Cuando cambia el círculo, la máscara conserva sus colores</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>forma</translation>
    </message>
    <message>
        <source>When the wheel changes the mask keeps its shape</source>
        <translation>Cuando cambia el círculo, la máscara conserva su forma</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>conserva</translation>
    </message>
    <message>
        <source>from hue</source>
        <translation>desde tono</translation>
    </message>
    <message>
        <source>width</source>
        <translation>ancho</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>girado</translation>
    </message>
    <message>
        <source>Lay %1 mask</source>
        <translation>Poner máscara %1</translation>
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
        <source>No reference yet. Drop a photo here, paste one, or add one with Ctrl+Shift+O.</source>
        <translation>Aún no hay referencia. Suelta aquí una foto, pégala, o añádela con Ctrl+Mayús+O.</translation>
    </message>
    <message>
        <source>Opening %1, %2 %</source>
        <translation>Abriendo %1, %2 %</translation>
    </message>
    <message>
        <source>%1 Click to try again.</source>
        <translation>%1 Un clic lo intenta otra vez.</translation>
    </message>
    <message>
        <source>%1, %2 x %3 pixels</source>
        <translation>%1, %2 x %3 píxeles</translation>
    </message>
    <message>
        <source>Taken: %1, at %2 x %3</source>
        <translation>Tomado: %1, en %2 x %3</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Soltar</translation>
    </message>
    <message>
        <source>Reference photo</source>
        <translation>Foto de referencia</translation>
    </message>
    <message>
        <source>Click or drag samples, with Ctrl straight onto the staff. The wheel zooms, with Shift it sets the sample size; Space and a drag pans.</source>
        <translation>Clic o arrastre toma muestras, con Ctrl directas al pentagrama. La rueda amplía, con Mayús ajusta el tamaño de la toma; Espacio y arrastre desplazan.</translation>
    </message>
    <message>
        <source>Draw a region first; the view is cropped to it.</source>
        <translation>Dibuja antes una región; la vista se recorta a ella.</translation>
    </message>
</context>
<context>
    <name>zc::PickDesk</name>
    <message>
        <source>String</source>
        <translation>Gradación</translation>
    </message>
    <message>
        <source>A graded row from the current color</source>
        <translation>Una fila graduada desde el color actual</translation>
    </message>
    <message>
        <source>Mixing</source>
        <translation>Mezcla</translation>
    </message>
    <message>
        <source>Mix two to four colors by hand</source>
        <translation>Mezclar a mano de dos a cuatro colores</translation>
    </message>
    <message>
        <source>Paints</source>
        <translation>Pinturas</translation>
    </message>
    <message>
        <source>Put few paints out, and see what they reach</source>
        <translation>Sacar pocas pinturas y ver qué alcanzan</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Pasos</translation>
    </message>
    <message>
        <source>Cut hue, saturation and value into steps</source>
        <translation>Cortar tono, saturación y valor en pasos</translation>
    </message>
</context>
<context>
    <name>zc::PickMenu</name>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Elegir</translation>
    </message>
    <message>
        <source>&amp;Lighter</source>
        <translation>Más c&amp;laro</translation>
    </message>
    <message>
        <source>Raise the value by one</source>
        <translation>Subir el valor en uno</translation>
    </message>
    <message>
        <source>&amp;Darker</source>
        <translation>Más &amp;oscuro</translation>
    </message>
    <message>
        <source>Lower the value by one</source>
        <translation>Bajar el valor en uno</translation>
    </message>
    <message>
        <source>Toward &amp;grey</source>
        <translation>Hacia el &amp;gris</translation>
    </message>
    <message>
        <source>Lower the saturation by a hundredth</source>
        <translation>Bajar la saturación una centésima</translation>
    </message>
    <message>
        <source>&amp;From grey</source>
        <translation>Del g&amp;ris hacia fuera</translation>
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
        <source>&amp;Whole wheel</source>
        <translation>&amp;Todo el círculo</translation>
    </message>
    <message>
        <source>Show the whole wheel (0)</source>
        <translation>Mostrar todo el círculo (0)</translation>
    </message>
    <message>
        <source>Fix the &amp;relation</source>
        <translation>Fi&amp;jar la relación</translation>
    </message>
    <message>
        <source>Keep the related hues where they are while picking goes on</source>
        <translation>Los tonos relacionados quedan donde están mientras se sigue eligiendo</translation>
    </message>
    <message>
        <source>Lay the &amp;members of the relation</source>
        <translation>Poner los &amp;miembros de la relación</translation>
    </message>
    <message>
        <source>Lay the color and the hues related to it as a family</source>
        <translation>Poner el color y los tonos relacionados como familia</translation>
    </message>
    <message>
        <source>Mi&amp;x the current color</source>
        <translation>Me&amp;zclar el color actual</translation>
    </message>
    <message>
        <source>Put the current color at a corner of the field of mixtures</source>
        <translation>Poner el color actual en una esquina del campo de mezclas</translation>
    </message>
    <message>
        <source>The field has four colors; drop another on one of them.</source>
        <translation>El campo tiene cuatro colores; suelta otro sobre uno de ellos.</translation>
    </message>
    <message>
        <source>Add as a &amp;paint</source>
        <translation>Añadir como &amp;pintura</translation>
    </message>
    <message>
        <source>The current color joins the palette of paints</source>
        <translation>El color actual se une a la paleta de pinturas</translation>
    </message>
    <message>
        <source>Add a paint</source>
        <translation>Añadir una pintura</translation>
    </message>
    <message>
        <source>Show what the paints rea&amp;ch</source>
        <translation>Mostrar el al&amp;cance de las pinturas</translation>
    </message>
    <message>
        <source>The dashed line around what the paints that are put out can mix</source>
        <translation>La línea discontinua en torno a lo que mezclan las pinturas sacadas</translation>
    </message>
    <message>
        <source>Make the reach the mas&amp;k</source>
        <translation>Hacer del alcance la má&amp;scara</translation>
    </message>
    <message>
        <source>What the paints can mix at this value becomes the mask</source>
        <translation>Lo que las pinturas mezclan a este valor pasa a ser la máscara</translation>
    </message>
    <message>
        <source>%1 hues</source>
        <translation>%1 tonos</translation>
    </message>
    <message>
        <source>Smooth hues</source>
        <translation>Tonos continuos</translation>
    </message>
    <message>
        <source>Cut the wheel into so many hues, or leave it smooth</source>
        <translation>Cortar el círculo en tantos tonos, o dejarlo continuo</translation>
    </message>
</context>
<context>
    <name>zc::Picking</name>
    <message>
        <source>A display cannot show this color; the nearest of its value and hue was taken.</source>
        <translation>Ninguna pantalla muestra este color; se tomó el más cercano de su valor y tono.</translation>
    </message>
</context>
<context>
    <name>zc::PieceStore</name>
    <message>
        <source>This would break the piece and was not done. %1</source>
        <translation>Esto rompería la obra y no se hizo. %1</translation>
    </message>
</context>
<context>
    <name>zc::PlanPanel</name>
    <message>
        <source>stepped</source>
        <translation>por pasos</translation>
    </message>
    <message>
        <source>bare</source>
        <translation>solo</translation>
    </message>
    <message>
        <source>L* of the disc</source>
        <translation>L* del disco</translation>
    </message>
    <message>
        <source>How many values stand in the row, 3 to 11</source>
        <translation>Cuántos valores hay en la fila, de 3 a 11</translation>
    </message>
    <message>
        <source>Pixels of a disc, 16 to 8192</source>
        <translation>Píxeles de un disco, de 16 a 8192</translation>
    </message>
    <message>
        <source>The wheel with its mask, to lie beside the canvas or on a layer of it: what is outside the mask is nearly transparent, what is outside the disc wholly.</source>
        <translation>El círculo con su máscara, para tener junto al lienzo o en una capa de él: lo de fuera de la máscara es casi transparente, lo de fuera del disco del todo.</translation>
    </message>
    <message>
        <source>at one value</source>
        <translation>a un valor</translation>
    </message>
    <message>
        <source>One disc at a value</source>
        <translation>Un disco a un valor</translation>
    </message>
    <message>
        <source>a row of values</source>
        <translation>una fila de valores</translation>
    </message>
    <message>
        <source>Several discs from dark to light</source>
        <translation>Varios discos de oscuro a claro</translation>
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
        <source> value</source>
        <translation> valor</translation>
    </message>
    <message>
        <source> values</source>
        <translation> valores</translation>
    </message>
    <message>
        <source> pixels</source>
        <translation> píxeles</translation>
    </message>
    <message>
        <source>In the steps of the wheel; twelve hues and eight saturations where it has none</source>
        <translation>En los pasos del círculo; doce tonos y ocho saturaciones donde no tiene</translation>
    </message>
    <message>
        <source>The disc alone, filling the square, without names and lines</source>
        <translation>Solo el disco, que llena el cuadrado, sin nombres ni líneas</translation>
    </message>
    <message>
        <source>Write the plan</source>
        <translation>Escribir el plan</translation>
    </message>
    <message>
        <source>As PNG with a transparent ground; its outline as SVG</source>
        <translation>En PNG con fondo transparente; su contorno en SVG</translation>
    </message>
    <message>
        <source>Copy the plan</source>
        <translation>Copiar el plan</translation>
    </message>
    <message>
        <source>As a picture, to paste into any program</source>
        <translation>Como imagen, para pegar en cualquier programa</translation>
    </message>
</context>
<context>
    <name>zc::PressPanel</name>
    <message>
        <source>CIEDE2000 from which on a color does not print</source>
        <translation>CIEDE2000 desde el cual un color no se imprime</translation>
    </message>
    <message>
        <source>proof</source>
        <translation>prueba</translation>
    </message>
    <message>
        <source>paper white</source>
        <translation>blanco del papel</translation>
    </message>
    <message>
        <source>Profile of the press</source>
        <translation>Perfil de la imprenta</translation>
    </message>
    <message>
        <source>The ICC profile of the press; ask the printer for theirs</source>
        <translation>El perfil ICC de la imprenta; pide el suyo al impresor</translation>
    </message>
    <message>
        <source>add a profile</source>
        <translation>añadir un perfil</translation>
    </message>
    <message>
        <source>Take in an ICC profile of a four-color press and keep it on the shelf</source>
        <translation>Tomar un perfil ICC de una imprenta de cuatro tintas y guardarlo en el estante</translation>
    </message>
    <message>
        <source> off at most</source>
        <translation> de más como mucho</translation>
    </message>
    <message>
        <source>See the sheet as this press prints it</source>
        <translation>Ver la hoja como la imprime esta imprenta</translation>
    </message>
    <message>
        <source>With the paper&apos;s own white and black</source>
        <translation>Con el blanco y el negro del propio papel</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Sin imprenta</translation>
    </message>
    <message>
        <source>Choose a press to see what it prints. The stand-in is a good guess for coated paper; a printer&apos;s own profile is better.</source>
        <translation>Elige una imprenta para ver qué imprime. La sustituta es buena aproximación para papel estucado; el perfil del impresor es mejor.</translation>
    </message>
    <message>
        <source>Asking the press...</source>
        <translation>Preguntando a la imprenta...</translation>
    </message>
    <message>
        <source>%1, off by %2</source>
        <translation>%1, se aparta %2</translation>
    </message>
    <message>
        <source>%1, %2: %3 % ink in all</source>
        <translation>%1, %2: %3 % de tinta en total</translation>
    </message>
    <message>
        <source>, more than the %1 % that this press lays</source>
        <translation>, más que el %1 % que pone esta imprenta</translation>
    </message>
    <message>
        <source>The nearest printable at equal value, off by %1</source>
        <translation>Lo imprimible más cercano al mismo valor, se aparta %1</translation>
    </message>
    <message>
        <source>The nearest printable, at another value, off by %1</source>
        <translation>Lo imprimible más cercano, a otro valor, se aparta %1</translation>
    </message>
    <message>
        <source>take the printable</source>
        <translation>tomar el imprimible</translation>
    </message>
    <message>
        <source>Let the nearest printable color stand for it; the set before is kept as a version</source>
        <translation>Que lo represente el color imprimible más cercano; el conjunto anterior queda como versión</translation>
    </message>
    <message>
        <source>%1 of %2 cannot be printed as they are.</source>
        <translation>%1 de %2 no se pueden imprimir como son.</translation>
    </message>
    <message>
        <source>%1 ask for more than %2 % ink.</source>
        <translation>%1 piden más del %2 % de tinta.</translation>
    </message>
    <message>
        <source>take all printable</source>
        <translation>tomar todos los imprimibles</translation>
    </message>
    <message>
        <source>All of them in one step; the set before is kept as a version</source>
        <translation>Todos en un paso; el conjunto anterior queda como versión</translation>
    </message>
    <message numerus="yes">
        <source>All %n swatches print as they are.</source>
        <translation>
            <numerusform>La %n muestra se imprime como es.</numerusform>
            <numerusform>Las %n muestras se imprimen como son.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PressReader</name>
    <message>
        <source>What does not print is locked; unlock it first.</source>
        <translation>Lo que no se imprime está bloqueado; desbloquéalo antes.</translation>
    </message>
    <message>
        <source>Every swatch prints as it is.</source>
        <translation>Todas las muestras se imprimen como son.</translation>
    </message>
    <message>
        <source>Take the printable color</source>
        <translation>Tomar el color imprimible</translation>
    </message>
    <message>
        <source>Take %1 printable colors</source>
        <translation>Tomar %1 colores imprimibles</translation>
    </message>
    <message>
        <source>before the press</source>
        <translation>antes de la imprenta</translation>
    </message>
</context>
<context>
    <name>zc::RailView</name>
    <message>
        <source>Value rail</source>
        <translation>Riel de valor</translation>
    </message>
    <message>
        <source>Drag to set the value; wheel or Up and Down move it by one, with Shift by ten, with Alt by a tenth.</source>
        <translation>Arrastra para ajustar el valor; la rueda o Arriba y Abajo lo mueven en uno, con Mayús en diez, con Alt en una décima.</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
    <message>
        <source>Limit %1 of the flat tones</source>
        <translation>Límite %1 de los tonos planos</translation>
    </message>
</context>
<context>
    <name>zc::ReadingPanel</name>
    <message>
        <source>region</source>
        <translation>región</translation>
    </message>
    <message>
        <source>samples into the mask</source>
        <translation>tomas a la máscara</translation>
    </message>
    <message>
        <source>What the photo says</source>
        <translation>Lo que dice la foto</translation>
    </message>
    <message>
        <source>Draw a region on the photo: values, footprint and extraction keep to it (Escape clears it)</source>
        <translation>Dibuja una región en la foto: valores, huella y extracción se ciñen a ella (Escape la borra)</translation>
    </message>
    <message>
        <source>Samples outside the mask are taken at its nearest place</source>
        <translation>Lo tomado fuera de la máscara va a su sitio más cercano</translation>
    </message>
    <message>
        <source>The region says</source>
        <translation>La región dice</translation>
    </message>
    <message>
        <source>The photo says</source>
        <translation>La foto dice</translation>
    </message>
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
</context>
<context>
    <name>zc::ReadoutPanel</name>
    <message>
        <source>more</source>
        <translation>más</translation>
    </message>
    <message>
        <source>fewer</source>
        <translation>menos</translation>
    </message>
    <message>
        <source>Read the color in one more space</source>
        <translation>Leer el color en un espacio más</translation>
    </message>
    <message>
        <source>Put the last readout away</source>
        <translation>Quitar la última lectura</translation>
    </message>
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
        <source>Ink on the press that is chosen at Share. Click to read the color in another space.</source>
        <translation>Tinta en la imprenta elegida en Compartir. Un clic lee el color en otro espacio.</translation>
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
        <source>The press prints this, but no display can show it.</source>
        <translation>La imprenta lo imprime, pero ninguna pantalla puede mostrarlo.</translation>
    </message>
    <message>
        <source>Space of readout %1: %2</source>
        <translation>Espacio de la lectura %1: %2</translation>
    </message>
    <message>
        <source>%1: %2. Click to read the color in another space.</source>
        <translation>%1: %2. Un clic lee el color en otro espacio.</translation>
    </message>
    <message>
        <source>%1 %2 of the current color</source>
        <translation>%1 %2 del color actual</translation>
    </message>
    <message>
        <source>%1 %2, %3 to %4: type, scroll or drag</source>
        <translation>%1 %2, de %3 a %4: escribe, gira o arrastra</translation>
    </message>
</context>
<context>
    <name>zc::ReferencePanel</name>
    <message>
        <source>Share of the photo to hold</source>
        <translation>Parte de la foto que contener</translation>
    </message>
    <message>
        <source>Most points of the fitted polygon</source>
        <translation>Puntos del polígono ajustado, como mucho</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Ajustar</translation>
    </message>
    <message>
        <source>footprint</source>
        <translation>huella</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>How much of the photo the mask is to hold, 1 to 100 %</source>
        <translation>Cuánto de la foto ha de contener la máscara, de 1 a 100 %</translation>
    </message>
    <message>
        <source> points</source>
        <translation> puntos</translation>
    </message>
    <message>
        <source>At most so many corners, 3 to 24</source>
        <translation>Como mucho tantas esquinas, de 3 a 24</translation>
    </message>
    <message>
        <source>Kind of mask to fit</source>
        <translation>Clase de máscara que ajustar</translation>
    </message>
    <message>
        <source>A free polygon, or the base hue and width of a pattern</source>
        <translation>Un polígono libre, o el tono base y el ancho de un patrón</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>polígono</translation>
    </message>
    <message>
        <source>Lay the smallest mask that holds so much of the photo or its region</source>
        <translation>Poner la menor máscara que contiene tanto de la foto o de su región</translation>
    </message>
    <message>
        <source>Show where the photo&apos;s colors sit on the wheel</source>
        <translation>Mostrar dónde están en el círculo los colores de la foto</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>contener</translation>
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
        <source>Fit a mask to the photo&apos;s colors.</source>
        <translation>Ajusta una máscara a los colores de la foto.</translation>
    </message>
    <message>
        <source>Fit mask to the reference</source>
        <translation>Ajustar máscara a la referencia</translation>
    </message>
    <message>
        <source>No mask of this kind holds that much; this one holds %1 %.</source>
        <translation>Ninguna máscara de esta clase contiene tanto; esta contiene el %1 %.</translation>
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
        <translation>Cambiar nombre de referencia</translation>
    </message>
    <message>
        <source>Rename this reference</source>
        <translation>Cambiar el nombre de esta referencia</translation>
    </message>
    <message>
        <source>Move to the left</source>
        <translation>Mover a la izquierda</translation>
    </message>
    <message>
        <source>Move to the right</source>
        <translation>Mover a la derecha</translation>
    </message>
    <message>
        <source>Remove this reference</source>
        <translation>Quitar esta referencia</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Mostrar</translation>
    </message>
</context>
<context>
    <name>zc::RelationRow</name>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fijar</translation>
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
        <source>Which hues stand to the current color: complement 180°; split 150° and 210°; triad 120° and 240°; square 90°, 180°, 270°; rectangle 60°, 180°, 240°; analogous 30° to either side; double complement 30°, 180°, 210°</source>
        <translation>Qué tonos acompañan al color actual: complementario 180°; dividido 150° y 210°; tríada 120° y 240°; cuadrado 90°, 180°, 270°; rectángulo 60°, 180°, 240°; análogos 30° a cada lado; doble complementario 30°, 180°, 210°</translation>
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
        <source>Each member at the value where its hue is strongest, instead of the current value</source>
        <translation>Cada miembro al valor en que su tono es más fuerte, en vez del valor actual</translation>
    </message>
    <message>
        <source>Keep the relation where it is, here and on the rim, while picking goes on</source>
        <translation>La relación queda donde está, aquí y en el borde, mientras se sigue eligiendo</translation>
    </message>
    <message>
        <source>lay all</source>
        <translation>poner todo</translation>
    </message>
    <message>
        <source>Lay the color and all members as a family named by the relation</source>
        <translation>Poner el color y todos los miembros como familia con el nombre de la relación</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1° on: %2. Click takes it up, Ctrl+click lays it; on the rim of the wheel it can be slid.</source>
        <translation>a %1°: %2. Clic lo toma, Ctrl+clic lo pone; en el borde del círculo se puede deslizar.</translation>
    </message>
</context>
<context>
    <name>zc::ReportPanel</name>
    <message>
        <source>limits</source>
        <translation>límites</translation>
    </message>
    <message>
        <source>What to look at in the set</source>
        <translation>Qué mirar en el conjunto</translation>
    </message>
    <message>
        <source>What to look at, the weightiest first</source>
        <translation>Qué mirar, lo de más peso primero</translation>
    </message>
    <message>
        <source>What counts as near, as twins, as a gap, as outside; how many are wanted</source>
        <translation>Qué cuenta como cerca, gemelas, hueco, fuera; cuántas se quieren</translation>
    </message>
    <message>
        <source>light wanted</source>
        <translation>claras queridas</translation>
    </message>
    <message>
        <source>How many light swatches are wanted</source>
        <translation>Cuántas muestras claras se quieren</translation>
    </message>
    <message>
        <source>near below</source>
        <translation>cerca bajo</translation>
    </message>
    <message>
        <source>CIEDE2000 below which two swatches are near-duplicates</source>
        <translation>CIEDE2000 por debajo del cual dos muestras son casi duplicados</translation>
    </message>
    <message>
        <source>middle wanted</source>
        <translation>medias queridas</translation>
    </message>
    <message>
        <source>How many middle swatches are wanted</source>
        <translation>Cuántas muestras medias se quieren</translation>
    </message>
    <message>
        <source>twins below</source>
        <translation>gemelas bajo</translation>
    </message>
    <message>
        <source>Value difference below which two hues merge when squinting</source>
        <translation>Diferencia de valor bajo la cual dos tonos se funden al entornar los ojos</translation>
    </message>
    <message>
        <source>dark wanted</source>
        <translation>oscuras queridas</translation>
    </message>
    <message>
        <source>How many dark swatches are wanted</source>
        <translation>Cuántas muestras oscuras se quieren</translation>
    </message>
    <message>
        <source>gap above</source>
        <translation>hueco sobre</translation>
    </message>
    <message>
        <source>Value difference above which neighbors in a family have a gap</source>
        <translation>Diferencia de valor sobre la cual hay un hueco entre vecinas de una familia</translation>
    </message>
    <message>
        <source>value steps</source>
        <translation>pasos de valor</translation>
    </message>
    <message>
        <source>Steps from black to white</source>
        <translation>Pasos de negro a blanco</translation>
    </message>
    <message>
        <source>outside from</source>
        <translation>fuera desde</translation>
    </message>
    <message>
        <source>CIEDE2000 to the mask from which on a swatch counts as outside</source>
        <translation>CIEDE2000 a la máscara desde el cual una muestra cuenta como fuera</translation>
    </message>
    <message>
        <source>Change grading</source>
        <translation>Cambiar graduación</translation>
    </message>
    <message>
        <source>%1 and %2 are near-duplicates, %3 apart</source>
        <translation>%1 y %2 son casi duplicados, a %3</translation>
    </message>
    <message>
        <source>merge them</source>
        <translation>unirlas</translation>
    </message>
    <message>
        <source>Merge near-duplicates</source>
        <translation>Unir casi duplicados</translation>
    </message>
    <message>
        <source>%1 swatches near %2 are near-duplicates</source>
        <translation>%1 muestras cerca de %2 son casi duplicados</translation>
    </message>
    <message>
        <source>%1: %2 gaps</source>
        <translation>%1: %2 huecos</translation>
    </message>
    <message>
        <source>%1: gap between %2 and %3</source>
        <translation>%1: hueco entre %2 y %3</translation>
    </message>
    <message>
        <source>add one at %1</source>
        <translation>añadir una en %1</translation>
    </message>
    <message>
        <source>Fill gap</source>
        <translation>Llenar hueco</translation>
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
        <source>bring it inside</source>
        <translation>llevarla dentro</translation>
    </message>
    <message>
        <source>bring all inside</source>
        <translation>llevar todas dentro</translation>
    </message>
    <message>
        <source>Bring into the mask</source>
        <translation>Llevar a la máscara</translation>
    </message>
    <message>
        <source>%1 and %2 merge when squinting</source>
        <translation>%1 y %2 se funden al entornar los ojos</translation>
    </message>
    <message>
        <source>%1 swatches at value %2 merge when squinting</source>
        <translation>%1 muestras de valor %2 se funden al entornar los ojos</translation>
    </message>
    <message>
        <source>part them by %1</source>
        <translation>separarlas en %1</translation>
    </message>
    <message>
        <source>part the ends by %1</source>
        <translation>separar los extremos en %1</translation>
    </message>
    <message>
        <source>Part twins</source>
        <translation>Separar gemelas</translation>
    </message>
    <message>
        <source>%1: %2 swatches look like others</source>
        <translation>%1: %2 muestras se confunden con otras</translation>
    </message>
    <message>
        <source>%1: %2 and %3 look alike</source>
        <translation>%1: %2 y %3 se ven iguales</translation>
    </message>
    <message>
        <source>part them in value</source>
        <translation>separarlas en valor</translation>
    </message>
    <message>
        <source>Part for other eyes</source>
        <translation>Separar para otros ojos</translation>
    </message>
    <message>
        <source>%1 more clusters of near-duplicates</source>
        <translation>%1 grupos más de casi duplicados</translation>
    </message>
    <message>
        <source>%1 more values merge when squinting</source>
        <translation>%1 valores más se funden al entornar los ojos</translation>
    </message>
    <message>
        <source>show</source>
        <translation>mostrar</translation>
    </message>
    <message>
        <source>Select: %1</source>
        <translation>Seleccionar: %1</translation>
    </message>
    <message>
        <source>look</source>
        <translation>mirar</translation>
    </message>
    <message>
        <source>See everything as these eyes do: %1</source>
        <translation>Ver todo como estos ojos: %1</translation>
    </message>
    <message>
        <source>close</source>
        <translation>cerrar</translation>
    </message>
    <message>
        <source>open</source>
        <translation>abrir</translation>
    </message>
    <message>
        <source>One by one: %1</source>
        <translation>Una por una: %1</translation>
    </message>
    <message>
        <source>Nothing to grade yet: lay swatches with Ctrl+L.</source>
        <translation>Nada que graduar aún: pon muestras con Ctrl+L.</translation>
    </message>
    <message>
        <source>Nothing to mend: no twins, near-duplicates or gaps.</source>
        <translation>Nada que remediar: ni gemelas, ni casi duplicados, ni huecos.</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>%1 cosas que mirar</translation>
    </message>
    <message>
        <source>%1 of %2 do not print: %3</source>
        <translation>%1 de %2 no se imprimen: %3</translation>
    </message>
    <message>
        <source>take the printable</source>
        <translation>tomar el imprimible</translation>
    </message>
    <message>
        <source>The nearest printable colors stand for them; the set before is kept as a version</source>
        <translation>Los colores imprimibles más cercanos las representan; el conjunto anterior queda como versión</translation>
    </message>
    <message>
        <source>%1 against %2: CIEDE2000 %3, value %4</source>
        <translation>%1 frente a %2: CIEDE2000 %3, valor %4</translation>
    </message>
    <message numerus="yes">
        <source>gaps in %n more families</source>
        <translation>
            <numerusform>huecos en %n familia más</numerusform>
            <numerusform>huecos en %n familias más</numerusform>
        </translation>
    </message>
    <message>
        <source>Looking at the set...</source>
        <translation>Mirando el conjunto...</translation>
    </message>
</context>
<context>
    <name>zc::RowsView</name>
    <message>
        <source>The set in rows</source>
        <translation>El conjunto en filas</translation>
    </message>
    <message>
        <source>Drag a swatch to a free place, onto another to swap the two, or onto the gap between two to go in there; click selects, double click takes its color up.</source>
        <translation>Arrastra una muestra a un sitio libre, sobre otra para cambiarlas, o al hueco entre dos para meterla ahí; clic selecciona, doble clic toma su color.</translation>
    </message>
    <message>
        <source>No families yet. Add one with Ctrl+Shift+L, then lay the current color with Ctrl+L.</source>
        <translation>Aún no hay familias. Añade una con Ctrl+Mayús+L y pon el color actual con Ctrl+L.</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>cambiar</translation>
    </message>
</context>
<context>
    <name>zc::ScreenSampler</name>
    <message>
        <source>%1 takes a color from the screen in any program.</source>
        <translation>%1 toma un color de la pantalla en cualquier programa.</translation>
    </message>
    <message>
        <source>This desktop lets no program see the screen, and has no portal that would.</source>
        <translation>Este escritorio no deja ver la pantalla a ningún programa, ni tiene un portal que lo haga.</translation>
    </message>
    <message>
        <source>from the screen</source>
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
        <source>Drag to set value and saturation at this hue; left of the middle lies its complement.</source>
        <translation>Arrastra para ajustar valor y saturación de este tono; a la izquierda del centro está su complementario.</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutro</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Valor</translation>
    </message>
</context>
<context>
    <name>zc::SetFiles</name>
    <message>
        <source>There is nothing to export yet; lay some swatches on the staff first.</source>
        <translation>Aún no hay nada que exportar; pon antes muestras en el pentagrama.</translation>
    </message>
    <message>
        <source>Palettes and pictures (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;All files (*)</source>
        <translation>Paletas e imágenes (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>Text (*.txt *.csv *.tsv);;All files (*)</source>
        <translation>Texto (*.txt *.csv *.tsv);;Todos los archivos (*)</translation>
    </message>
    <message>
        <source>There is nothing to pack yet; lay swatches or draw a mask first.</source>
        <translation>Aún no hay nada que reunir; pon antes muestras o dibuja una máscara.</translation>
    </message>
    <message>
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>El paquete está vacío; elige al menos un conjunto o una máscara.</translation>
    </message>
    <message>
        <source>Zonachrom parcels (*.zonaparcel)</source>
        <translation>Paquetes de Zonachrom (*.zonaparcel)</translation>
    </message>
    <message>
        <source>%1 put on the shelf from &quot;%2&quot;, %3 were there already.</source>
        <translation>%1 puestos en el estante desde &quot;%2&quot;, %3 ya estaban.</translation>
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
</context>
<context>
    <name>zc::SetWheel</name>
    <message>
        <source>The set on the wheel</source>
        <translation>El conjunto en el círculo</translation>
    </message>
    <message>
        <source>Swatches where they stand on the wheel; the solid outline is the mask, the dotted one what the set can be mixed to</source>
        <translation>Las muestras donde están en el círculo; el contorno continuo es la máscara, el punteado lo que el conjunto puede mezclar</translation>
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
        <source>Select swatches first: click one, or drag a box around several.</source>
        <translation>Selecciona antes muestras: un clic en una, o un recuadro sobre varias.</translation>
    </message>
    <message>
        <source>Duplicate swatches</source>
        <translation>Duplicar muestras</translation>
    </message>
    <message>
        <source>Replace by current color</source>
        <translation>Sustituir por el color actual</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Bloquear</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Desbloquear</translation>
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
        <source>Select two swatches first; colors are laid between them.</source>
        <translation>Selecciona antes dos muestras; los colores se ponen entre ellas.</translation>
    </message>
    <message>
        <source>Fill between</source>
        <translation>Rellenar</translation>
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
        <source>Versions of the current set; those ticked stand beside it in the view of versions</source>
        <translation>Versiones del conjunto actual; las marcadas están a su lado en la vista de versiones</translation>
    </message>
    <message>
        <source>Name for the version to keep</source>
        <translation>Nombre de la versión que guardar</translation>
    </message>
    <message>
        <source>tags, with commas</source>
        <translation>etiquetas, con comas</translation>
    </message>
    <message>
        <source>note</source>
        <translation>nota</translation>
    </message>
    <message>
        <source>name of a version to keep</source>
        <translation>nombre de una versión que guardar</translation>
    </message>
    <message>
        <source>Move set</source>
        <translation>Mover conjunto</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Nuevo</translation>
    </message>
    <message>
        <source>Add an empty set</source>
        <translation>Añadir un conjunto vacío</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplicar</translation>
    </message>
    <message>
        <source>A copy of the current set</source>
        <translation>Una copia del conjunto actual</translation>
    </message>
    <message>
        <source>Duplicate set</source>
        <translation>Duplicar conjunto</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Quitar</translation>
    </message>
    <message>
        <source>Take the current set out of the piece (Undo brings it back)</source>
        <translation>Quitar de la obra el conjunto actual (Deshacer lo devuelve)</translation>
    </message>
    <message>
        <source>Remove set</source>
        <translation>Quitar conjunto</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Subir</translation>
    </message>
    <message>
        <source>Move the current set up</source>
        <translation>Subir el conjunto actual</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Bajar</translation>
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
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>The set becomes what this version is; what it was is kept</source>
        <translation>El conjunto pasa a ser esta versión; lo que era se guarda</translation>
    </message>
    <message>
        <source>Take up version</source>
        <translation>Tomar versión</translation>
    </message>
    <message>
        <source>Remove the version</source>
        <translation>Quitar la versión</translation>
    </message>
    <message>
        <source>Remove version</source>
        <translation>Quitar versión</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Guardar</translation>
    </message>
    <message>
        <source>Keep the set as it is now as a version</source>
        <translation>Guardar el conjunto como está ahora, como versión</translation>
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
        <source>Keep version</source>
        <translation>Guardar versión</translation>
    </message>
    <message>
        <source>Write note</source>
        <translation>Escribir nota</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>None yet. Keep the set as it is, then change it.</source>
        <translation>Aún ninguna. Guarda el conjunto como está, luego cámbialo.</translation>
    </message>
</context>
<context>
    <name>zc::ShareDesk</name>
    <message>
        <source>Sheet</source>
        <translation>Hoja</translation>
    </message>
    <message>
        <source>The plan on paper</source>
        <translation>El plan en papel</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Imprenta</translation>
    </message>
    <message>
        <source>What a press prints of the set</source>
        <translation>Qué imprime una imprenta del conjunto</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Archivos</translation>
    </message>
    <message>
        <source>Every format, several at once</source>
        <translation>Todos los formatos, varios a la vez</translation>
    </message>
    <message>
        <source>Wheel</source>
        <translation>Círculo</translation>
    </message>
    <message>
        <source>The wheel with its mask as a picture</source>
        <translation>El círculo con su máscara como imagen</translation>
    </message>
    <message>
        <source>Parcel</source>
        <translation>Paquete</translation>
    </message>
    <message>
        <source>Sets, masks and more for others, and from them</source>
        <translation>Conjuntos, máscaras y más para otros, y de ellos</translation>
    </message>
    <message>
        <source>page back</source>
        <translation>página atrás</translation>
    </message>
    <message>
        <source>The page before (Page Up)</source>
        <translation>La página anterior (Re Pág)</translation>
    </message>
    <message>
        <source>next page</source>
        <translation>página siguiente</translation>
    </message>
    <message>
        <source>The next page (Page Down)</source>
        <translation>La página siguiente (Av Pág)</translation>
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
</context>
<context>
    <name>zc::ShareFiles</name>
    <message>
        <source>A file is still being read or written; stop that first, or wait for it.</source>
        <translation>Todavía se lee o escribe un archivo; detenlo antes, o espera.</translation>
    </message>
    <message>
        <source>sheet.%1</source>
        <translation>hoja.%1</translation>
    </message>
    <message>
        <source>Sheets (*.%1)</source>
        <translation>Hojas (*.%1)</translation>
    </message>
    <message>
        <source>Writing the sheet</source>
        <translation>Escribiendo la hoja</translation>
    </message>
    <message>
        <source>Written to &quot;%1&quot;.</source>
        <translation>Escrito en &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>Written to &quot;%1&quot; and %2 more files.</source>
        <translation>Escrito en &quot;%1&quot; y %2 archivos más.</translation>
    </message>
    <message>
        <source>Making the sheet</source>
        <translation>Haciendo la hoja</translation>
    </message>
    <message>
        <source>plan.png</source>
        <translation>plan.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Imágenes (*.png *.svg)</translation>
    </message>
    <message>
        <source>Writing the plan</source>
        <translation>Escribiendo el plan</translation>
    </message>
    <message>
        <source>Making the plan</source>
        <translation>Haciendo el plan</translation>
    </message>
    <message>
        <source>Copied the plan, %1 × %2 pixels.</source>
        <translation>Plan copiado, %1 × %2 píxeles.</translation>
    </message>
    <message>
        <source>Writing the files</source>
        <translation>Escribiendo los archivos</translation>
    </message>
    <message>
        <source>The sheet was not printed: the printer, or the file it prints to, does not take it.</source>
        <translation>La hoja no se imprimió: la impresora, o el archivo al que imprime, no la acepta.</translation>
    </message>
    <message>
        <source>The files were not written, and are not written at every save any more.</source>
        <translation>Los archivos no se han escrito, y ya no se escriben al guardar.</translation>
    </message>
</context>
<context>
    <name>zc::ShareMenu</name>
    <message>
        <source>&amp;Share</source>
        <translation>&amp;Compartir</translation>
    </message>
    <message>
        <source>Wri&amp;te the plan...</source>
        <translation>&amp;Escribir el plan...</translation>
    </message>
    <message>
        <source>Write the wheel as PNG, its outline as SVG</source>
        <translation>Escribir el círculo en PNG, su contorno en SVG</translation>
    </message>
    <message>
        <source>&amp;Copy the plan</source>
        <translation>Copia&amp;r el plan</translation>
    </message>
    <message>
        <source>Put the wheel on the clipboard as a picture</source>
        <translation>Poner el círculo en el portapapeles como imagen</translation>
    </message>
    <message>
        <source>Write the chosen files a&amp;gain</source>
        <translation>Escribir &amp;otra vez los archivos elegidos</translation>
    </message>
    <message>
        <source>Every chosen format into the chosen folder, without asking</source>
        <translation>Todos los formatos elegidos a la carpeta elegida, sin preguntar</translation>
    </message>
    <message>
        <source>Read &amp;lines...</source>
        <translation>&amp;Leer líneas...</translation>
    </message>
    <message>
        <source>Bring in a text file by the pattern of lines</source>
        <translation>Traer un archivo de texto por el patrón de líneas</translation>
    </message>
    <message>
        <source>The &amp;sheet</source>
        <translation>La &amp;hoja</translation>
    </message>
    <message>
        <source>Show the plan on paper</source>
        <translation>Mostrar el plan en papel</translation>
    </message>
    <message>
        <source>The &amp;press</source>
        <translation>La &amp;imprenta</translation>
    </message>
    <message>
        <source>Show what a press prints of the set</source>
        <translation>Mostrar qué imprime una imprenta del conjunto</translation>
    </message>
    <message>
        <source>&amp;Files of the set</source>
        <translation>&amp;Archivos del conjunto</translation>
    </message>
    <message>
        <source>Show every format that the set is written in</source>
        <translation>Mostrar todos los formatos en que se escribe el conjunto</translation>
    </message>
    <message>
        <source>Par&amp;cels</source>
        <translation>Pa&amp;quetes</translation>
    </message>
    <message>
        <source>Pack for others, and look into what comes from them</source>
        <translation>Reunir para otros, y mirar lo que viene de ellos</translation>
    </message>
    <message>
        <source>The &amp;wheel as a picture</source>
        <translation>El &amp;círculo como imagen</translation>
    </message>
    <message>
        <source>Show the plan as a picture to lie beside a canvas</source>
        <translation>Mostrar el plan como imagen para tener junto a un lienzo</translation>
    </message>
    <message>
        <source>Write the sheet as P&amp;DF...</source>
        <translation>Escribir la hoja en P&amp;DF...</translation>
    </message>
    <message>
        <source>Write all pages of the sheet as PDF</source>
        <translation>Escribir todas las páginas de la hoja en PDF</translation>
    </message>
    <message>
        <source>Write the sheet as S&amp;VG...</source>
        <translation>Escribir la hoja en S&amp;VG...</translation>
    </message>
    <message>
        <source>Write the sheet as SVG, a file a page</source>
        <translation>Escribir la hoja en SVG, un archivo por página</translation>
    </message>
    <message>
        <source>Write the sheet as P&amp;NG...</source>
        <translation>Escribir la hoja en P&amp;NG...</translation>
    </message>
    <message>
        <source>Write the sheet as PNG, a file a page</source>
        <translation>Escribir la hoja en PNG, un archivo por página</translation>
    </message>
    <message>
        <source>P&amp;rint the sheet...</source>
        <translation>I&amp;mprimir la hoja...</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Ver la hoja en una vista previa e imprimirla</translation>
    </message>
    <message>
        <source>&amp;Add a press profile...</source>
        <translation>A&amp;ñadir un perfil de imprenta...</translation>
    </message>
    <message>
        <source>Take in an ICC profile of a four-color press and keep it on the shelf</source>
        <translation>Tomar un perfil ICC de una imprenta de cuatro tintas y guardarlo en el estante</translation>
    </message>
    <message>
        <source>Pro&amp;of</source>
        <translation>&amp;Prueba de color</translation>
    </message>
    <message>
        <source>See sheet, staff and Try as the chosen press prints them</source>
        <translation>Ver hoja, pentagrama y Probar como los imprime la imprenta elegida</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Elige antes una imprenta.</translation>
    </message>
    <message>
        <source>Take all prin&amp;table colors</source>
        <translation>&amp;Tomar todos los colores imprimibles</translation>
    </message>
    <message>
        <source>What does not print becomes the nearest that does; the set before is kept as a version</source>
        <translation>Lo que no se imprime pasa a lo más cercano que sí; el conjunto anterior queda como versión</translation>
    </message>
    <message>
        <source>Press profiles (*.icc *.icm)</source>
        <translation>Perfiles de imprenta (*.icc *.icm)</translation>
    </message>
    <message>
        <source>%1 is on the shelf.</source>
        <translation>%1 está en el estante.</translation>
    </message>
</context>
<context>
    <name>zc::ShareReader</name>
    <message>
        <source>Choose at least one format first.</source>
        <translation>Elige antes al menos un formato.</translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation>Elige antes una carpeta.</translation>
    </message>
    <message>
        <source>There is no set yet.</source>
        <translation>Aún no hay conjunto.</translation>
    </message>
</context>
<context>
    <name>zc::ShareStage</name>
    <message>
        <source>The sheet or the plan as it will be given away</source>
        <translation>La hoja o el plan como se entregará</translation>
    </message>
    <message>
        <source>The wheel zooms, a drag moves, Page Down turns the page, 0 shows all of it.</source>
        <translation>La rueda amplía, un arrastre mueve, Av Pág pasa la página, 0 muestra todo.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Página %1 de %2</translation>
    </message>
</context>
<context>
    <name>zc::SheetPanel</name>
    <message>
        <source>title and words</source>
        <translation>título y palabras</translation>
    </message>
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
        <source>needed, present, missing</source>
        <translation>necesario, presente, falta</translation>
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
        <source>on</source>
        <translation>sí</translation>
    </message>
    <message>
        <source>Whether it is on the sheet</source>
        <translation>Si está en la hoja</translation>
    </message>
    <message>
        <source>up</source>
        <translation>subir</translation>
    </message>
    <message>
        <source>down</source>
        <translation>bajar</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1: subir</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1: bajar</translation>
    </message>
    <message>
        <source>Let it come earlier</source>
        <translation>Que venga antes</translation>
    </message>
    <message>
        <source>Let it come later</source>
        <translation>Que venga después</translation>
    </message>
    <message>
        <source>the reference as its study</source>
        <translation>la referencia como su estudio</translation>
    </message>
    <message>
        <source>As at Try: every pixel in its swatch</source>
        <translation>Como en Probar: cada píxel en su muestra</translation>
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
        <source>In one row by value instead of family by family</source>
        <translation>En una fila por valor en vez de familia por familia</translation>
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
        <source>Written beside each swatch</source>
        <translation>Escrito junto a cada muestra</translation>
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
        <source>lying</source>
        <translation>apaisada</translation>
    </message>
    <message>
        <source>Wider than high</source>
        <translation>Más ancha que alta</translation>
    </message>
    <message>
        <source>dark ground</source>
        <translation>fondo oscuro</translation>
    </message>
    <message>
        <source>Light words on a dark ground</source>
        <translation>Palabras claras sobre fondo oscuro</translation>
    </message>
    <message>
        <source>Margin, 5 to 40 millimetres</source>
        <translation>Margen, de 5 a 40 milímetros</translation>
    </message>
    <message>
        <source> mm margin</source>
        <translation> mm de margen</translation>
    </message>
    <message>
        <source>L* that the wheel is shown at</source>
        <translation>L* al que se muestra el círculo</translation>
    </message>
    <message>
        <source> wheel value</source>
        <translation> valor del círculo</translation>
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
        <source>Write PDF</source>
        <translation>Escribir PDF</translation>
    </message>
    <message>
        <source>Write the sheet as PDF, all pages</source>
        <translation>Escribir la hoja en PDF, todas las páginas</translation>
    </message>
    <message>
        <source>Write SVG</source>
        <translation>Escribir SVG</translation>
    </message>
    <message>
        <source>Write the sheet as SVG, a file a page</source>
        <translation>Escribir la hoja en SVG, un archivo por página</translation>
    </message>
    <message>
        <source>Write PNG</source>
        <translation>Escribir PNG</translation>
    </message>
    <message>
        <source>Write the sheet as PNG at 300 pixels an inch, a file a page</source>
        <translation>Escribir la hoja en PNG a 300 píxeles por pulgada, un archivo por página</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Imprimir</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Ver la hoja en una vista previa e imprimirla</translation>
    </message>
</context>
<context>
    <name>zc::ShelfPanel</name>
    <message>
        <source>Put up</source>
        <translation>Poner</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Put back</source>
        <translation>Devolver</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Cambiar nombre</translation>
    </message>
    <message>
        <source>On/off</source>
        <translation>Sí/no</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Quitarla</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Buscar en el estante</translation>
    </message>
    <message>
        <source>On the shelf; double-click takes one up</source>
        <translation>En el estante; doble clic toma uno</translation>
    </message>
    <message>
        <source>Name for the shelf</source>
        <translation>Nombre para el estante</translation>
    </message>
    <message>
        <source>Tags for the shelf</source>
        <translation>Etiquetas para el estante</translation>
    </message>
    <message>
        <source>Keep the piece&apos;s own on the shelf under this name</source>
        <translation>Guardar en el estante, con este nombre, lo de la obra</translation>
    </message>
    <message>
        <source>Use the chosen one in this piece</source>
        <translation>Usar en esta obra lo elegido</translation>
    </message>
    <message>
        <source>Put the piece&apos;s own into the place of the chosen one, which keeps its name and tags</source>
        <translation>Poner lo de la obra en lugar de lo elegido, que conserva nombre y etiquetas</translation>
    </message>
    <message>
        <source>Give the chosen one the name and tags written here</source>
        <translation>Dar a lo elegido el nombre y las etiquetas escritos aquí</translation>
    </message>
    <message>
        <source>Switch the chosen one off, out of the way at the end of the shelf, or on again</source>
        <translation>Apagar lo elegido, apartado al final del estante, o encenderlo</translation>
    </message>
    <message>
        <source>Take the chosen one off the shelf; what came with the program stays</source>
        <translation>Quitar del estante lo elegido; lo que vino con el programa queda</translation>
    </message>
    <message>
        <source>search names and tags</source>
        <translation>buscar nombres y etiquetas</translation>
    </message>
    <message>
        <source>name</source>
        <translation>nombre</translation>
    </message>
    <message>
        <source>tags, with commas</source>
        <translation>etiquetas, con comas</translation>
    </message>
    <message>
        <source>Nothing on the shelf yet; put one up below.</source>
        <translation>Aún no hay nada en el estante; pon algo abajo.</translation>
    </message>
    <message>
        <source>No %1 on the shelf with these words.</source>
        <translation>No hay %1 en el estante con estas palabras.</translation>
    </message>
    <message>
        <source>The piece has nothing of this kind to put up.</source>
        <translation>La obra no tiene nada de esta clase que poner.</translation>
    </message>
    <message>
        <source>It needs a name; type at least one letter.</source>
        <translation>Necesita un nombre; escribe al menos una letra.</translation>
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
        <source>taken</source>
        <translation>tomados</translation>
    </message>
    <message>
        <source>string</source>
        <translation>gradación</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>poner</translation>
    </message>
    <message>
        <source>No swatches yet. Lay them at the desk.</source>
        <translation>Aún no hay muestras. Ponlas en la mesa.</translation>
    </message>
    <message>
        <source>No swatches yet. Pick a color, then lay it here with Ctrl+L.</source>
        <translation>Aún no hay muestras. Elige un color y ponlo aquí con Ctrl+L.</translation>
    </message>
    <message>
        <source>String, step %1: %2</source>
        <translation>Gradación, paso %1: %2</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Poner</translation>
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
        <source>That set has no family yet; show it and add one first.</source>
        <translation>Ese conjunto aún no tiene familia; muéstralo y añade una.</translation>
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
        <source>Replace by the current color</source>
        <translation>Sustituir por el color actual</translation>
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
        <source>Split off as a family</source>
        <translation>Separar como familia</translation>
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
        <source>Merge with the next family</source>
        <translation>Unir con la familia siguiente</translation>
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
        <source>%1. Click lays it into the chosen family.</source>
        <translation>%1. Un clic lo pone en la familia elegida.</translation>
    </message>
    <message>
        <source>Click a column at the value line to lay the current color; drag over free ground to select; drag the line to change the value.</source>
        <translation>Un clic en una columna a la altura de la línea pone el color actual; arrastra por lo libre para seleccionar; arrastra la línea para cambiar el valor.</translation>
    </message>
    <message>
        <source>%1, %2, value %3%4, in %5. %6</source>
        <translation>%1, %2, valor %3%4, en %5. %6</translation>
    </message>
    <message>
        <source>Click selects it, with Enter or a double click its color is taken up; drag moves it.</source>
        <translation>Un clic la selecciona, con Entrar o doble clic se toma su color; un arrastre la mueve.</translation>
    </message>
    <message>
        <source>Click takes it up, drag moves it.</source>
        <translation>Un clic la toma, un arrastre la mueve.</translation>
    </message>
    <message>
        <source>Family %1</source>
        <translation>Familia %1</translation>
    </message>
    <message>
        <source>New family</source>
        <translation>Familia nueva</translation>
    </message>
</context>
<context>
    <name>zc::StepsLine</name>
    <message>
        <source>add a photo</source>
        <translation>añadir una foto</translation>
    </message>
    <message>
        <source>At Observe: drop a photo on the window, or press Add</source>
        <translation>En Observar: suelta una foto en la ventana, o pulsa Añadir</translation>
    </message>
    <message>
        <source>take colors</source>
        <translation>tomar colores</translation>
    </message>
    <message>
        <source>At Observe: point at the photo and click, or press Take colors</source>
        <translation>En Observar: apunta a la foto y haz clic, o pulsa Tomar colores</translation>
    </message>
    <message>
        <source>lay a mask</source>
        <translation>poner máscara</translation>
    </message>
    <message>
        <source>At Limit: press a pattern, then drag outside the rim to turn it</source>
        <translation>En Limitar: pulsa un patrón, luego arrastra fuera del borde para girarlo</translation>
    </message>
    <message>
        <source>lay a swatch</source>
        <translation>poner muestra</translation>
    </message>
    <message>
        <source>At Pick: drag the white line, pick in the wheel, press Ctrl+L</source>
        <translation>En Elegir: arrastra la línea blanca, elige en el círculo, pulsa Ctrl+L</translation>
    </message>
    <message>
        <source>grade the set</source>
        <translation>graduar</translation>
    </message>
    <message>
        <source>At Grade: look at what the report finds, press a remedy</source>
        <translation>En Graduar: mira lo que halla el informe, pulsa un remedio</translation>
    </message>
    <message>
        <source>see it in the picture</source>
        <translation>verlo en la imagen</translation>
    </message>
    <message>
        <source>At Try: the photo in your swatches</source>
        <translation>En Probar: la foto en tus muestras</translation>
    </message>
    <message>
        <source>save</source>
        <translation>guardar</translation>
    </message>
    <message>
        <source>Ctrl+S saves the piece</source>
        <translation>Ctrl+S guarda la obra</translation>
    </message>
    <message>
        <source>take it along</source>
        <translation>llevárselo</translation>
    </message>
    <message>
        <source>At Share: the sheet, and files for the program you paint with</source>
        <translation>En Compartir: la hoja, y archivos para el programa con que pintas</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Primeros pasos</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>guardar</translation>
    </message>
    <message>
        <source>Show the first steps no more; Help brings them back</source>
        <translation>No mostrar más los primeros pasos; Ayuda los devuelve</translation>
    </message>
    <message>
        <source>That were the first steps. The handbook (F1) tells the rest.</source>
        <translation>Estos eran los primeros pasos. El manual (F1) cuenta el resto.</translation>
    </message>
    <message>
        <source>%1, done</source>
        <translation>%1, hecho</translation>
    </message>
</context>
<context>
    <name>zc::StepsPanel</name>
    <message>
        <source>hues</source>
        <translation>tonos</translation>
    </message>
    <message>
        <source>Cut the wheel into so many hues: off, or 3 to 360</source>
        <translation>Cortar el círculo en tantos tonos: no, o de 3 a 360</translation>
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
        <source>Cut saturation into so many steps from neutral to the rim: off, or 1 to 50</source>
        <translation>Cortar la saturación en tantos pasos del neutro al borde: no, o de 1 a 50</translation>
    </message>
    <message>
        <source>values</source>
        <translation>valores</translation>
    </message>
    <message>
        <source>Cut value into so many steps from black to white: off, or 2 to 101</source>
        <translation>Cortar el valor en tantos pasos de negro a blanco: no, o de 2 a 101</translation>
    </message>
    <message>
        <source>Number of %1</source>
        <translation>Número de %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
</context>
<context>
    <name>zc::StringPanel</name>
    <message>
        <source>Kind of string</source>
        <translation>Clase de gradación</translation>
    </message>
    <message>
        <source>A graded row from the current color</source>
        <translation>Una fila graduada desde el color actual</translation>
    </message>
    <message>
        <source>Other end of the string</source>
        <translation>Otro extremo de la gradación</translation>
    </message>
    <message>
        <source>The other end, or the color of the air</source>
        <translation>El otro extremo, o el color del aire</translation>
    </message>
    <message>
        <source>Way of the string</source>
        <translation>Camino de la gradación</translation>
    </message>
    <message>
        <source>How the string goes to its other end</source>
        <translation>Cómo va la gradación a su otro extremo</translation>
    </message>
    <message>
        <source>Steps of the string</source>
        <translation>Pasos de la gradación</translation>
    </message>
    <message>
        <source>What is even from step to step</source>
        <translation>Qué es igual de paso a paso</translation>
    </message>
    <message>
        <source>Steps of equal value, or of equal difference to the eye (CIEDE2000)</source>
        <translation>Pasos de igual valor, o de igual diferencia a la vista (CIEDE2000)</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>contener</translation>
    </message>
    <message>
        <source>on the staff</source>
        <translation>en el pentagrama</translation>
    </message>
    <message>
        <source>Lay all</source>
        <translation>Poner todo</translation>
    </message>
    <message>
        <source>even values</source>
        <translation>valores iguales</translation>
    </message>
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
        <source>between</source>
        <translation>entre</translation>
    </message>
    <message>
        <source>into the distance</source>
        <translation>hacia la lejanía</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> pasos</translation>
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
        <source>Bring steps outside the mask to its nearest color; such steps carry a dot</source>
        <translation>Llevar los pasos de fuera de la máscara a su color más cercano; llevan un punto</translation>
    </message>
    <message>
        <source>Show the string beside the staff, each step at its value</source>
        <translation>Mostrar la gradación junto al pentagrama, cada paso a su valor</translation>
    </message>
    <message>
        <source>Lay all steps on the staff as a family</source>
        <translation>Poner todos los pasos en el pentagrama como familia</translation>
    </message>
    <message>
        <source>color before</source>
        <translation>color anterior</translation>
    </message>
    <message>
        <source>usual air</source>
        <translation>aire usual</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; llevado a la máscara</translation>
    </message>
    <message>
        <source>
Click takes it up, Ctrl+click lays it on the staff.</source>
        <translation>
Clic lo toma, Ctrl+clic lo pone en el pentagrama.</translation>
    </message>
    <message>
        <source>%1 held in the mask</source>
        <translation>%1 sujetos en la máscara</translation>
    </message>
    <message>
        <source>%1 out of reach, the nearest stands</source>
        <translation>%1 fuera de alcance, está el más cercano</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>de %1 a %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
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
        <source>Lay these %1 as a family</source>
        <translation>Poner estos %1 como familia</translation>
    </message>
    <message>
        <source>%1 of the current color</source>
        <translation>%1 del color actual</translation>
    </message>
    <message>
        <source>
Click takes it up, Ctrl+click lays it on the staff.</source>
        <translation>
Clic lo toma, Ctrl+clic lo pone en el pentagrama.</translation>
    </message>
    <message>
        <source>This color has no %1.</source>
        <translation>Este color no tiene %1.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
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
        <source>outside the mask, flagged</source>
        <translation>fuera de la máscara, señalado</translation>
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
        <source>Chroma</source>
        <translation>Croma</translation>
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
        <source>Write note</source>
        <translation>Escribir nota</translation>
    </message>
    <message>
        <source>Write color</source>
        <translation>Escribir color</translation>
    </message>
    <message>
        <source>A value is a number from 0 to 100.</source>
        <translation>Un valor es un número de 0 a 100.</translation>
    </message>
    <message>
        <source>Write value</source>
        <translation>Escribir valor</translation>
    </message>
    <message>
        <source>At value %1 this color is less saturated: it had too much there.</source>
        <translation>A valor %1 este color es menos saturado: tenía demasiado ahí.</translation>
    </message>
</context>
<context>
    <name>zc::TakeRow</name>
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
        <source>How many %1 colors</source>
        <translation>Cuántos colores: %1</translation>
    </message>
    <message>
        <source>How many %1 colors, 0 to 60</source>
        <translation>Cuántos colores: %1, de 0 a 60</translation>
    </message>
    <message>
        <source>Take colors out of the photo, or stop doing so</source>
        <translation>Tomar colores de la foto, o dejar de hacerlo</translation>
    </message>
    <message>
        <source>Take colors</source>
        <translation>Tomar colores</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Parar, %1 %</translation>
    </message>
</context>
<context>
    <name>zc::TakenPanel</name>
    <message>
        <source>Colors taken from the photo</source>
        <translation>Colores tomados de la foto</translation>
    </message>
    <message>
        <source>replace</source>
        <translation>sustituir</translation>
    </message>
    <message>
        <source>Replace the chosen color by the current one; its pin stays</source>
        <translation>Sustituir el color elegido por el actual; su alfiler queda</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>soltar</translation>
    </message>
    <message>
        <source>Drop the chosen color (Delete on the photo)</source>
        <translation>Soltar el color elegido (Supr en la foto)</translation>
    </message>
    <message>
        <source>refill</source>
        <translation>rellenar</translation>
    </message>
    <message>
        <source>Fill up again what was dropped; the others stay</source>
        <translation>Rellenar lo que se soltó; los demás quedan</translation>
    </message>
    <message>
        <source>Lay by hue</source>
        <translation>Poner por tono</translation>
    </message>
    <message>
        <source>Lay the colors on the staff as families by hue, in one step</source>
        <translation>Poner los colores en el pentagrama como familias por tono, en un paso</translation>
    </message>
    <message>
        <source>Lay by band</source>
        <translation>Poner por banda</translation>
    </message>
    <message>
        <source>Lay the colors on the staff as families light, middle and dark, in one step</source>
        <translation>Poner los colores en el pentagrama como familias clara, media y oscura, en un paso</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>guardar</translation>
    </message>
    <message>
        <source>Let go of the colors taken</source>
        <translation>Dejar ir los colores tomados</translation>
    </message>
    <message>
        <source>Nothing taken yet: Take colors pins them to the photo.</source>
        <translation>Aún no hay nada tomado: Tomar colores los clava en la foto.</translation>
    </message>
    <message>
        <source>%1, %2 % of the photo</source>
        <translation>%1, %2 % de la foto</translation>
    </message>
    <message>
        <source>%1, %2 %%3. A click takes it up.</source>
        <translation>%1, %2 %%3. Un clic lo toma.</translation>
    </message>
    <message>
        <source>, an accent</source>
        <translation>, un acento</translation>
    </message>
    <message numerus="yes">
        <source>%n colors taken</source>
        <translation>
            <numerusform>%n color tomado</numerusform>
            <numerusform>%n colores tomados</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, %n of them accents</source>
        <translation>
            <numerusform>, %n de ellos acento</numerusform>
            <numerusform>, %n de ellos acentos</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::Taking</name>
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
        <source>The photo lacks %1 that are so far apart.</source>
        <translation>En la foto faltan %1 tan distintos.</translation>
    </message>
</context>
<context>
    <name>zc::TowardBar</name>
    <message>
        <source>Darker or lighter</source>
        <translation>Más oscuro o más claro</translation>
    </message>
    <message>
        <source>Drag toward a black or a white that every mixture is given of; a color dropped at an end takes its place, a double click goes back to the mixture itself</source>
        <translation>Arrastra hacia un negro o un blanco que se da a toda mezcla; un color soltado en un extremo toma su lugar, doble clic vuelve a la mezcla misma</translation>
    </message>
</context>
<context>
    <name>zc::Tray</name>
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
        <source>Hue on the wheel</source>
        <translation>Tono en el círculo</translation>
    </message>
    <message>
        <source>Saturation on the wheel</source>
        <translation>Saturación en el círculo</translation>
    </message>
    <message>
        <source>Value, true lightness</source>
        <translation>Valor, luminosidad fiel</translation>
    </message>
    <message>
        <source> value</source>
        <translation> valor</translation>
    </message>
    <message>
        <source>%1: type, scroll or drag; with Shift ten steps, with Alt a tenth</source>
        <translation>%1: escribe, gira o arrastra; con Mayús diez pasos, con Alt una décima</translation>
    </message>
    <message>
        <source>Lay on the staff</source>
        <translation>Poner en el pentagrama</translation>
    </message>
    <message>
        <source>Lay the current color into the chosen family (Ctrl+L)</source>
        <translation>Poner el color actual en la familia elegida (Ctrl+L)</translation>
    </message>
    <message>
        <source>hand over</source>
        <translation>entregar</translation>
    </message>
    <message>
        <source>step %1 of %2, %3</source>
        <translation>paso %1 de %2, %3</translation>
    </message>
    <message>
        <source>, does not print</source>
        <translation>, no se imprime</translation>
    </message>
    <message>
        <source>into %1</source>
        <translation>en %1</translation>
    </message>
    <message>
        <source>into a new family</source>
        <translation>en una familia nueva</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end, as %1 (Ctrl+H)</source>
        <translation>Cada elección va al portapapeles al terminar, como %1 (Ctrl+H)</translation>
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
        <source>against nothing</source>
        <translation>frente a nada</translation>
    </message>
    <message>
        <source>against %1</source>
        <translation>frente a %1</translation>
    </message>
    <message>
        <source>What stands left of the edge</source>
        <translation>Qué está a la izquierda del borde</translation>
    </message>
    <message>
        <source>What is shown, or stands right of the edge</source>
        <translation>Qué se muestra, o está a la derecha del borde</translation>
    </message>
    <message>
        <source>The state of the set that the picture is in</source>
        <translation>El estado del conjunto en que está la imagen</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>al lado</translation>
    </message>
    <message>
        <source>Two under one edge; drag it, Space changes the sides</source>
        <translation>Dos bajo un borde; arrástralo, Espacio cambia los lados</translation>
    </message>
    <message>
        <source>areas</source>
        <translation>áreas</translation>
    </message>
    <message>
        <source>Cut into areas of like color, each in one swatch; drag a swatch onto one to bind it</source>
        <translation>Cortar en áreas de color parecido, cada una en una muestra; arrastra una muestra a un área para ligarla</translation>
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
        <source>At most so many areas, 2 to 500</source>
        <translation>Como mucho tantas áreas, de 2 a 500</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Número de áreas</translation>
    </message>
    <message>
        <source>Smoothed before, in percent of the longer side</source>
        <translation>Suavizado antes, en por ciento del lado mayor</translation>
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
        <source>The smallest area, in percent of the picture; less joins its neighbor</source>
        <translation>El área más pequeña, en por ciento de la imagen; menos se une a su vecina</translation>
    </message>
    <message>
        <source> % least</source>
        <translation> % mínimo</translation>
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
        <source>The nearest value within the family of the nearest hue, instead of the least difference</source>
        <translation>El valor más cercano dentro de la familia del tono más cercano, en vez de la menor diferencia</translation>
    </message>
    <message>
        <source>Match of the study</source>
        <translation>Correspondencia del estudio</translation>
    </message>
    <message>
        <source>from</source>
        <translation>desde</translation>
    </message>
    <message>
        <source>How far each swatch&apos;s move reaches beyond it</source>
        <translation>Hasta dónde llega, más allá de ella, el movimiento de cada muestra</translation>
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
        <source>far by</source>
        <translation>lejos desde</translation>
    </message>
    <message>
        <source>Show the places far from every swatch</source>
        <translation>Mostrar los sitios lejos de toda muestra</translation>
    </message>
    <message>
        <source>CIEDE2000 from which on a color is far from every swatch</source>
        <translation>CIEDE2000 desde el cual un color está lejos de toda muestra</translation>
    </message>
    <message>
        <source>What light, middle and dark are compared with</source>
        <translation>Con qué se comparan claro, medio y oscuro</translation>
    </message>
    <message>
        <source>lacks</source>
        <translation>faltan</translation>
    </message>
    <message>
        <source>Colors that the picture has and the set has not</source>
        <translation>Colores que la imagen tiene y el conjunto no</translation>
    </message>
    <message>
        <source>pairs</source>
        <translation>parejas</translation>
    </message>
    <message>
        <source>Which swatch follows to which</source>
        <translation>Qué muestra sigue a cuál</translation>
    </message>
    <message>
        <source>change</source>
        <translation>cambiar</translation>
    </message>
    <message>
        <source>Turn, saturate, lighten; the picture goes along</source>
        <translation>Girar, saturar, aclarar; la imagen va con ello</translation>
    </message>
    <message>
        <source>light</source>
        <translation>luz</translation>
    </message>
    <message>
        <source>The set under a colored light, and into the distance</source>
        <translation>El conjunto bajo una luz de color, y hacia la lejanía</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Guardar imagen</translation>
    </message>
    <message>
        <source>Write what is seen at full size, as PNG or JPEG</source>
        <translation>Escribir lo que se ve a tamaño completo, en PNG o JPEG</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>Sin imagen</translation>
    </message>
    <message>
        <source>No swatch has moved: choose a version to follow to, or try a change.</source>
        <translation>Ninguna muestra se ha movido: elige una versión que seguir, o prueba un cambio.</translation>
    </message>
    <message>
        <source>The set holds no swatch yet; lay some at Pick.</source>
        <translation>El conjunto aún no tiene muestras; pon algunas en Elegir.</translation>
    </message>
    <message>
        <source>Every swatch is used by the picture.</source>
        <translation>La imagen usa todas las muestras.</translation>
    </message>
    <message>
        <source>%1 of %2 swatches are not used by the picture.</source>
        <translation>La imagen no usa %1 de %2 muestras.</translation>
    </message>
    <message>
        <source>Asking the mask...</source>
        <translation>Preguntando a la máscara...</translation>
    </message>
    <message>
        <source>Outside the mask %1 %, far from every swatch %2 %; </source>
        <translation>Fuera de la máscara %1 %, lejos de toda muestra %2 %; </translation>
    </message>
    <message>
        <source>light %1 against %2, middle %3 against %4, dark %5 against %6 %</source>
        <translation>claro %1 frente a %2, medio %3 frente a %4, oscuro %5 frente a %6 %</translation>
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
        <source>; it aims at %1, %2 and %3.</source>
        <translation>; busca %1, %2 y %3.</translation>
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
</context>
<context>
    <name>zc::TryMenu</name>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probar</translation>
    </message>
    <message>
        <source>The picture as it &amp;is</source>
        <translation>La imagen como &amp;es</translation>
    </message>
    <message>
        <source>Show the picture as it is</source>
        <translation>Mostrar la imagen como es</translation>
    </message>
    <message>
        <source>In s&amp;watches</source>
        <translation>En m&amp;uestras</translation>
    </message>
    <message>
        <source>Show every pixel or area in its swatch</source>
        <translation>Mostrar cada píxel o área en su muestra</translation>
    </message>
    <message>
        <source>&amp;Moved along</source>
        <translation>Llevada con &amp;ellas</translation>
    </message>
    <message>
        <source>Show the picture moved as the swatches moved</source>
        <translation>Mostrar la imagen movida como se movieron las muestras</translation>
    </message>
    <message>
        <source>What &amp;strays</source>
        <translation>Lo que se sa&amp;le</translation>
    </message>
    <message>
        <source>Show what lies outside the mask or far from every swatch</source>
        <translation>Mostrar lo que está fuera de la máscara o lejos de toda muestra</translation>
    </message>
    <message>
        <source>Two under one &amp;edge</source>
        <translation>Dos bajo un &amp;borde</translation>
    </message>
    <message>
        <source>Show two states of the set beside each other</source>
        <translation>Mostrar dos estados del conjunto uno junto a otro</translation>
    </message>
    <message>
        <source>&amp;Change the sides</source>
        <translation>&amp;Cambiar los lados</translation>
    </message>
    <message>
        <source>What stands left of the edge and what right</source>
        <translation>Qué está a la izquierda del borde y qué a la derecha</translation>
    </message>
    <message>
        <source>Select &amp;unused</source>
        <translation>&amp;Seleccionar las no usadas</translation>
    </message>
    <message>
        <source>Select the swatches that the picture does not use</source>
        <translation>Seleccionar las muestras que la imagen no usa</translation>
    </message>
    <message>
        <source>&amp;Let go of what is unused</source>
        <translation>Soltar &amp;lo no usado</translation>
    </message>
    <message>
        <source>Remove the swatches that the picture does not use; locked ones stay</source>
        <translation>Quitar las muestras que la imagen no usa; lo bloqueado queda</translation>
    </message>
    <message>
        <source>Mark &amp;what is used</source>
        <translation>Marcar lo &amp;usado</translation>
    </message>
    <message>
        <source>Mark the swatches that the picture uses as used</source>
        <translation>Marcar como usadas las muestras que la imagen usa</translation>
    </message>
    <message>
        <source>Save the &amp;picture...</source>
        <translation>Guardar la &amp;imagen...</translation>
    </message>
    <message>
        <source>Write what is seen at full size, as PNG or JPEG; a study by areas as SVG</source>
        <translation>Escribir lo que se ve a tamaño completo, en PNG o JPEG; un estudio por áreas en SVG</translation>
    </message>
    <message>
        <source>Save the pairi&amp;ng...</source>
        <translation>Guardar el em&amp;parejamiento...</translation>
    </message>
    <message>
        <source>Write which swatch follows to which, as a table</source>
        <translation>Escribir qué muestra sigue a cuál, como tabla</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>La imagen usa todas las muestras.</translation>
    </message>
    <message numerus="yes">
        <source>Let go of %n unused swatches</source>
        <translation>
            <numerusform>Soltar %n muestra no usada</numerusform>
            <numerusform>Soltar %n muestras no usadas</numerusform>
        </translation>
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
        <source>There is no picture in the set yet to count in; wait for it, or show one.</source>
        <translation>Aún no hay imagen en el conjunto en la que contar; espera o muestra una.</translation>
    </message>
    <message>
        <source>Looking at every pixel</source>
        <translation>Mirando cada píxel</translation>
    </message>
    <message>
        <source>The piece was changed meanwhile; ask once more.</source>
        <translation>La obra ha cambiado mientras tanto; pídelo otra vez.</translation>
    </message>
    <message>
        <source>Choose the state of the set that is followed to first.</source>
        <translation>Elige antes el estado del conjunto al que se sigue.</translation>
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
        <source>Written to &quot;%1&quot;.</source>
        <translation>Escrito en &quot;%1&quot;.</translation>
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
</context>
<context>
    <name>zc::TryReader</name>
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
</context>
<context>
    <name>zc::TryView</name>
    <message>
        <source>The picture in the set</source>
        <translation>La imagen en el conjunto</translation>
    </message>
    <message>
        <source>Click takes up the swatch, the edge can be dragged, Space changes its sides; a swatch dragged onto an area binds it.</source>
        <translation>Un clic toma la muestra, el borde se arrastra, Espacio cambia sus lados; una muestra arrastrada a un área la liga.</translation>
    </message>
    <message>
        <source>Add a photo, a flat drawing or a canvas at Observe; here it stands in the set.</source>
        <translation>Añade una foto, un dibujo plano o un lienzo en Observar; aquí se ve en el conjunto.</translation>
    </message>
    <message>
        <source>%1: click takes it up</source>
        <translation>%1: un clic la toma</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Unir áreas</translation>
    </message>
    <message>
        <source>Split this area</source>
        <translation>Partir esta área</translation>
    </message>
    <message>
        <source>Split area</source>
        <translation>Partir área</translation>
    </message>
    <message>
        <source>Let it choose its swatch by itself</source>
        <translation>Que elija sola su muestra</translation>
    </message>
    <message>
        <source>Unbind area</source>
        <translation>Desligar área</translation>
    </message>
    <message>
        <source>Cut the picture into areas first; a swatch is bound to an area.</source>
        <translation>Corta antes la imagen en áreas; una muestra se liga a un área.</translation>
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
        <source>Change the sides</source>
        <translation>Cambiar los lados</translation>
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
        <source>How much of the picture each swatch covers, light to dark; click selects it.</source>
        <translation>Cuánto de la imagen cubre cada muestra, de claro a oscuro; un clic la selecciona.</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Seleccionar</translation>
    </message>
</context>
<context>
    <name>zc::VersionsView</name>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versiones del conjunto lado a lado</translation>
    </message>
    <message>
        <source>Click a version to choose it, double-click to take it up</source>
        <translation>Un clic elige una versión, doble clic la toma</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>como está</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Tick versions under Sets to see them beside the set.</source>
        <translation>Marca versiones en Conjuntos para verlas junto al conjunto.</translation>
    </message>
    <message>
        <source>No version is kept yet. Keep one under Sets, change the set, and see both here.</source>
        <translation>Aún no hay versión guardada. Guarda una en Conjuntos, cambia el conjunto, y ve ambas aquí.</translation>
    </message>
    <message>
        <source>Take up version</source>
        <translation>Tomar versión</translation>
    </message>
</context>
<context>
    <name>zc::ViewMenu</name>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ver</translation>
    </message>
    <message>
        <source>&amp;Keep the reference in sight</source>
        <translation>&amp;Tener la referencia a la vista</translation>
    </message>
    <message>
        <source>A small reference beside the work of this desk</source>
        <translation>Una referencia pequeña junto al trabajo de esta mesa</translation>
    </message>
    <message>
        <source>&amp;Beside the canvas</source>
        <translation>&amp;Junto al lienzo</translation>
    </message>
    <message>
        <source>A small window with plan, axis and set, above other programs</source>
        <translation>Una ventana pequeña con plan, eje y conjunto, encima de otros programas</translation>
    </message>
    <message>
        <source>Vivi&amp;d plan</source>
        <translation>Plan vi&amp;vo</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Cada tono al valor en que es más fuerte</translation>
    </message>
    <message>
        <source>For the left &amp;hand</source>
        <translation>Para la mano i&amp;zquierda</translation>
    </message>
    <message>
        <source>What is reached for on the left, what is looked at on the right</source>
        <translation>Lo que se coge a la izquierda, lo que se mira a la derecha</translation>
    </message>
    <message>
        <source>Si&amp;ze of words and controls</source>
        <translation>Tama&amp;ño de palabras y controles</translation>
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
        <source>&amp;Values only</source>
        <translation>Solo &amp;valores</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness</source>
        <translation>Mostrar todo en grises de igual luminosidad</translation>
    </message>
    <message>
        <source>With other &amp;eyes</source>
        <translation>Con otros o&amp;jos</translation>
    </message>
    <message>
        <source>&amp;Protan: no cones for long waves</source>
        <translation>&amp;Protán: sin conos de onda larga</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for long waves see it</source>
        <translation>Mostrar todo como lo ven ojos sin conos de onda larga</translation>
    </message>
    <message>
        <source>&amp;Deutan: no cones for middle waves</source>
        <translation>&amp;Deután: sin conos de onda media</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for middle waves see it</source>
        <translation>Mostrar todo como lo ven ojos sin conos de onda media</translation>
    </message>
    <message>
        <source>&amp;Tritan: no cones for short waves</source>
        <translation>&amp;Tritán: sin conos de onda corta</translation>
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
        <source>The size is used from the next start on.</source>
        <translation>El tamaño vale desde el próximo arranque.</translation>
    </message>
    <message>
        <source>As the &amp;desktop&apos;s text</source>
        <translation>Como el texto del &amp;escritorio</translation>
    </message>
    <message>
        <source>As large as the desktop shows its words</source>
        <translation>Tan grande como el escritorio muestra sus palabras</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Words at %1 percent, all else as usual</source>
        <translation>Las palabras al %1 por ciento, lo demás como siempre</translation>
    </message>
    <message>
        <source>All of the window at %1 percent</source>
        <translation>Toda la ventana al %1 por ciento</translation>
    </message>
</context>
<context>
    <name>zc::WellsView</name>
    <message>
        <source>clear</source>
        <translation>vaciar</translation>
    </message>
    <message>
        <source>fill none</source>
        <translation>no llenar</translation>
    </message>
    <message>
        <source>Empty the chosen well</source>
        <translation>Vaciar el pocillo elegido</translation>
    </message>
    <message>
        <source>Picks fill no well any more; what lies in the wells stays</source>
        <translation>Lo elegido ya no llena pocillos; lo que hay en ellos queda</translation>
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
        <source>picks fill well %1</source>
        <translation>se llena el pocillo %1</translation>
    </message>
    <message>
        <source>picks fill none</source>
        <translation>no se llena ninguno</translation>
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
        <source>Click a well to take its color up and to let picks fill it, Shift+click to lay the current color down. Keys 1 to 8 take up, with Shift they lay down.</source>
        <translation>Un clic en un pocillo toma su color y hace que se llene, Mayús+clic deja en él el color actual. Las teclas 1 a 8 toman, con Mayús dejan.</translation>
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
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Lay down</source>
        <translation>Dejar</translation>
    </message>
    <message>
        <source>Recent: %1</source>
        <translation>Reciente: %1</translation>
    </message>
</context>
<context>
    <name>zc::WheelHead</name>
    <message>
        <source>vivid</source>
        <translation>vivo</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest; a pick takes the color that is seen, value included</source>
        <translation>Cada tono al valor en que es más fuerte; lo elegido toma el color que se ve, valor incluido</translation>
    </message>
    <message>
        <source>Hue scale of the wheel</source>
        <translation>Escala de tonos del círculo</translation>
    </message>
    <message>
        <source>Which hues face each other: on the traditional wheel red faces green, on light and ink red faces cyan</source>
        <translation>Qué tonos se enfrentan: en el círculo tradicional el rojo mira al verde, en luz y tinta el rojo mira al cian</translation>
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
        <source>What saturation means on this wheel; value stays true lightness with each of them</source>
        <translation>Qué significa saturación en este círculo; el valor es luminosidad fiel con todas</translation>
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
        <source>Each hue</source>
        <translation>Cada tono</translation>
    </message>
    <message>
        <source>At value %1</source>
        <translation>A valor %1</translation>
    </message>
    <message>
        <source>HSL and HSV count hue unevenly: beside blue one degree of the even wheel is up to 26 of theirs. HSLuv, CIELAB or OKLab turn evenly there.</source>
        <translation>HSL y HSV cuentan los tonos de modo desigual: junto al azul un grado de la rueda uniforme son hasta 26 de los suyos. HSLuv, CIELAB y OKLab giran allí de modo uniforme.</translation>
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
        <source>%1° on: %2. Click takes it up, a drag along the rim slides it.</source>
        <translation>a %1°: %2. Clic lo toma, un arrastre por el borde lo desliza.</translation>
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
        <source>Drag handles to shape an area, inside it to move it, outside the rim to turn the mask (with Shift the area alone); double-click an edge to add a corner.</source>
        <translation>Arrastra los tiradores para dar forma a un área, dentro para moverla, fuera del borde para girar la máscara (con Mayús solo el área); doble clic en un lado añade una esquina.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation; Ctrl and the wheel zoom.</source>
        <translation>Arrastra para ajustar tono y saturación; Ctrl y la rueda amplían.</translation>
    </message>
    <message>
        <source>%1° on: %2</source>
        <translation>a %1°: %2</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Tomar</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Poner</translation>
    </message>
</context>
<context>
    <name>zc::trade_menu</name>
    <message>
        <source>A curve of ours: %1</source>
        <translation>Una curva nuestra: %1</translation>
    </message>
</context>
</TS>
