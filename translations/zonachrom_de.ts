<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Desk</name>
    <message>
        <source>&amp;Observe</source>
        <translation>A&amp;nsehen</translation>
    </message>
    <message>
        <source>Look at references and sample them</source>
        <translation>Vorlagen ansehen und Proben nehmen</translation>
    </message>
    <message>
        <source>&amp;Limit</source>
        <translation>Be&amp;grenzen</translation>
    </message>
    <message>
        <source>Limit hue and saturation with a gamut mask</source>
        <translation>Farbton und Sättigung mit einer Farbmaske begrenzen</translation>
    </message>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Wählen</translation>
    </message>
    <message>
        <source>Pick colors at true value inside the mask</source>
        <translation>Farben mit wahrem Tonwert in der Maske wählen</translation>
    </message>
    <message>
        <source>&amp;Grade</source>
        <translation>Ab&amp;stufen</translation>
    </message>
    <message>
        <source>Grade the set by value and take it anywhere</source>
        <translation>Den Satz nach Tonwert abstufen und überallhin mitnehmen</translation>
    </message>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>Try the set on a picture before a stroke is painted</source>
        <translation>Den Satz an einem Bild probieren, ehe ein Strich gemalt ist</translation>
    </message>
    <message>
        <source>S&amp;hare</source>
        <translation>&amp;Teilen</translation>
    </message>
    <message>
        <source>The sheet, the press, the plan as a picture</source>
        <translation>Das Blatt, der Druck, der Plan als Bild</translation>
    </message>
</context>
<context>
    <name>OfColor</name>
    <message>
        <source>blackish</source>
        <translation>schwärzliches</translation>
    </message>
    <message>
        <source>very dark</source>
        <translation>sehr dunkles</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkles</translation>
    </message>
    <message>
        <source>light</source>
        <translation>helles</translation>
    </message>
    <message>
        <source>very light</source>
        <translation>sehr helles</translation>
    </message>
    <message>
        <source>whitish</source>
        <translation>weißliches</translation>
    </message>
    <message>
        <source>greyed</source>
        <translation>vergrautes</translation>
    </message>
    <message>
        <source>dull</source>
        <translation>stumpfes</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>gedämpftes</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>leuchtendes</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warmes</translation>
    </message>
    <message>
        <source>cool</source>
        <translation>kühles</translation>
    </message>
</context>
<context>
    <name>QObject</name>
    <message>
        <source>without a family</source>
        <translation>ohne Familie</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>%1: the set has this color</source>
        <translation>%1: der Satz hat diese Farbe</translation>
    </message>
    <message>
        <source>%1: %2 from a color the set has</source>
        <translation>%1: %2 von einer Farbe des Satzes</translation>
    </message>
    <message>
        <source>%1: new</source>
        <translation>%1: neu</translation>
    </message>
    <message>
        <source>the set has it</source>
        <translation>der Satz hat sie</translation>
    </message>
    <message>
        <source>near, %1</source>
        <translation>nahe, %1</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>Which corner the numbers show</source>
        <translation>Welche Ecke die Zahlen zeigen</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>Wheel angle of the corner</source>
        <translation>Winkel der Ecke auf dem Farbkreis</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>Saturation of the corner</source>
        <translation>Sättigung der Ecke</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>From the middle of the area to its furthest corner</source>
        <translation>Von der Mitte der Fläche zu ihrer fernsten Ecke</translation>
    </message>
    <message>
        <source>Wheel angle of the middle</source>
        <translation>Winkel der Mitte auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Saturation of the middle</source>
        <translation>Sättigung der Mitte</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Half the long way</source>
        <translation>Die halbe lange Seite</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Half the other way</source>
        <translation>Die halbe andere Seite</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>Wheel angle the length points at</source>
        <translation>Winkel auf dem Farbkreis, in den die Länge zeigt</translation>
    </message>
    <message>
        <source>from hue</source>
        <translation>ab Farbton</translation>
    </message>
    <message>
        <source>Wheel angle where the sector begins</source>
        <translation>Winkel auf dem Farbkreis, wo der Sektor beginnt</translation>
    </message>
    <message>
        <source>over</source>
        <translation>über</translation>
    </message>
    <message>
        <source>How far it goes clockwise</source>
        <translation>Wie weit er im Uhrzeigersinn reicht</translation>
    </message>
    <message>
        <source>from sat.</source>
        <translation>ab Sätt.</translation>
    </message>
    <message>
        <source>Lowest saturation</source>
        <translation>Kleinste Sättigung</translation>
    </message>
    <message>
        <source>to sat.</source>
        <translation>bis Sätt.</translation>
    </message>
    <message>
        <source>Highest saturation</source>
        <translation>Größte Sättigung</translation>
    </message>
    <message>
        <source>corner</source>
        <translation>Ecke</translation>
    </message>
    <message numerus="yes">
        <source>polygon, %n points</source>
        <translation>
            <numerusform>Vieleck, %n Punkt</numerusform>
            <numerusform>Vieleck, %n Punkte</numerusform>
        </translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>ring sector</source>
        <translation>Ringsektor</translation>
    </message>
    <message>
        <source>Mask pattern %1</source>
        <translation>Maskenmuster %1</translation>
    </message>
    <message>
        <source>well %1</source>
        <translation>Napf %1</translation>
    </message>
    <message>
        <source>The settings cannot be read; the program starts with its own. They are in &quot;%1&quot;.</source>
        <translation>Die Einstellungen sind nicht lesbar; das Programm beginnt mit seinen eigenen. Sie liegen in &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>The settings are of a newer version; they were set aside as &quot;%1&quot;.</source>
        <translation>Die Einstellungen stammen von einer neueren Version; sie wurden als &quot;%1&quot; beiseitegelegt.</translation>
    </message>
    <message>
        <source>The settings were damaged; they were set aside as &quot;%1&quot;.</source>
        <translation>Die Einstellungen waren beschädigt; sie wurden als &quot;%1&quot; beiseitegelegt.</translation>
    </message>
    <message>
        <source>Zonachrom pieces (*.zonachrom)</source>
        <translation>Zonachrom-Werke (*.zonachrom)</translation>
    </message>
    <message>
        <source>Open a piece</source>
        <translation>Ein Werk öffnen</translation>
    </message>
    <message>
        <source>Save the piece as</source>
        <translation>Das Werk speichern als</translation>
    </message>
    <message>
        <source>Add reference photos</source>
        <translation>Fotos als Vorlagen hinzufügen</translation>
    </message>
    <message>
        <source>Photos (%1);;All files (*)</source>
        <translation>Fotos (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>Export the set</source>
        <translation>Den Satz ausgeben</translation>
    </message>
    <message>
        <source>Unsaved changes</source>
        <translation>Ungespeicherte Änderungen</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has changes that are not saved.</source>
        <translation>&quot;%1&quot; hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Discard the changes</source>
        <translation>Änderungen verwerfen</translation>
    </message>
    <message>
        <source>Go on working</source>
        <translation>Weiterarbeiten</translation>
    </message>
    <message>
        <source>An unsaved piece was kept</source>
        <translation>Ein ungespeichertes Werk ist noch da</translation>
    </message>
    <message>
        <source>Zonachrom ended without saving &quot;%1&quot;. Its state of %2 was kept.</source>
        <translation>Zonachrom endete, ohne &quot;%1&quot; zu speichern. Sein Stand vom %2 ist noch da.</translation>
    </message>
    <message>
        <source>A damaged piece</source>
        <translation>Ein beschädigtes Werk</translation>
    </message>
    <message>
        <source>Open what can be read</source>
        <translation>Öffnen, was lesbar ist</translation>
    </message>
    <message>
        <source>Open the version before</source>
        <translation>Die Version davor öffnen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>About Zonachrom</source>
        <translation>Über Zonachrom</translation>
    </message>
    <message>
        <source>Take up mask</source>
        <translation>Maske aufnehmen</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>Masken</translation>
    </message>
    <message>
        <source>Take up set</source>
        <translation>Satz aufnehmen</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source> (off)</source>
        <translation> (aus)</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>used</source>
        <translation>benutzt</translation>
    </message>
    <message>
        <source>%1, %2, value %3, in %4</source>
        <translation>%1, %2, Tonwert %3, in %4</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Add to the selection</source>
        <translation>Zur Auswahl hinzunehmen</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Wählen</translation>
    </message>
    <message>
        <source>Lay the color</source>
        <translation>Farbe legen</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>keeps names, families and notes</source>
        <translation>behält Namen, Familien und Notizen</translation>
    </message>
    <message>
        <source>keeps names and families, loses notes</source>
        <translation>behält Namen und Familien, verliert Notizen</translation>
    </message>
    <message>
        <source>keeps names, loses families and notes</source>
        <translation>behält Namen, verliert Familien und Notizen</translation>
    </message>
    <message>
        <source>keeps the colors alone</source>
        <translation>behält nur die Farben</translation>
    </message>
    <message>
        <source>unnamed</source>
        <translation>unbenannt</translation>
    </message>
    <message>
        <source>Lines of your own</source>
        <translation>Eigene Zeilen</translation>
    </message>
    <message>
        <source>what the pattern below says</source>
        <translation>was das Muster unten sagt</translation>
    </message>
    <message>
        <source>Sheet, PDF</source>
        <translation>Blatt, PDF</translation>
    </message>
    <message>
        <source>all pages, with bookmarks</source>
        <translation>alle Seiten, mit Lesezeichen</translation>
    </message>
    <message>
        <source>Sheet, SVG</source>
        <translation>Blatt, SVG</translation>
    </message>
    <message>
        <source>a file a page</source>
        <translation>eine Datei je Seite</translation>
    </message>
    <message>
        <source>Sheet, PNG</source>
        <translation>Blatt, PNG</translation>
    </message>
    <message>
        <source>a file a page, 300 pixels an inch</source>
        <translation>eine Datei je Seite, 300 Pixel je Zoll</translation>
    </message>
    <message>
        <source>Wheel, PNG</source>
        <translation>Farbkreis, PNG</translation>
    </message>
    <message>
        <source>as set under Wheel</source>
        <translation>wie unter Farbkreis eingestellt</translation>
    </message>
    <message>
        <source>The folder &quot;%1&quot; is not there any more; choose another.</source>
        <translation>Der Ordner &quot;%1&quot; ist nicht mehr da; bitte einen anderen wählen.</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>hue, short way</source>
        <translation>Farbton, kurzer Weg</translation>
    </message>
    <message>
        <source>hue, long way</source>
        <translation>Farbton, langer Weg</translation>
    </message>
    <message>
        <source>as light</source>
        <translation>als Licht</translation>
    </message>
    <message>
        <source>as paint</source>
        <translation>als Farbe</translation>
    </message>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, Tonwert %3</translation>
    </message>
    <message>
        <source>Protan eyes</source>
        <translation>Protan-Augen</translation>
    </message>
    <message>
        <source>Deutan eyes</source>
        <translation>Deutan-Augen</translation>
    </message>
    <message>
        <source>Tritan eyes</source>
        <translation>Tritan-Augen</translation>
    </message>
    <message>
        <source>Values only</source>
        <translation>Nur Tonwerte</translation>
    </message>
    <message>
        <source>Usual eyes</source>
        <translation>Übliche Augen</translation>
    </message>
    <message>
        <source>%1 surround</source>
        <translation>Umfeld %1</translation>
    </message>
    <message>
        <source>Use the %1 surround</source>
        <translation>Das Umfeld %1 verwenden</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>
in the mask</source>
        <translation>
in der Maske</translation>
    </message>
    <message>
        <source>
outside the mask</source>
        <translation>
außerhalb der Maske</translation>
    </message>
    <message>
        <source>
brought into it</source>
        <translation>
hineingeholt</translation>
    </message>
    <message>
        <source>%1
value %2
%3 px square</source>
        <translation>%1
Tonwert %2
%3 px im Quadrat</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches</source>
        <translation>
            <numerusform>%n Farbfeld</numerusform>
            <numerusform>%n Farbfelder</numerusform>
        </translation>
    </message>
    <message>
        <source>The file &quot;%1&quot; was changed after that. Recover opens the kept state beside it, as a piece without a file.</source>
        <translation>Die Datei „%1“ wurde danach geändert. Wiederherstellen öffnet den aufbewahrten Stand daneben, als Werk ohne Datei.</translation>
    </message>
    <message>
        <source>Recover</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>Open the file</source>
        <translation>Die Datei öffnen</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Decide later</source>
        <translation>Später entscheiden</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation>
            <numerusform>und %n weitere</numerusform>
            <numerusform>und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>Files that are there</source>
        <translation>Vorhandene Dateien</translation>
    </message>
    <message>
        <source>These files exist, and this piece did not write them as they are now:</source>
        <translation>Diese Dateien gibt es schon, und so wie sie jetzt sind, hat dieses Werk sie nicht geschrieben:</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n Farbfeld</numerusform>
            <numerusform>%1, %n Farbfelder</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Wrote %1 of %n formats to &quot;%2&quot;.</source>
        <translation>
            <numerusform>%1 von %n Format nach &quot;%2&quot; geschrieben.</numerusform>
            <numerusform>%1 von %n Formaten nach &quot;%2&quot; geschrieben.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>QShortcut</name>
    <message>
        <source>Ctrl</source>
        <translation>Strg</translation>
    </message>
    <message>
        <source>Shift</source>
        <translation>Umschalt</translation>
    </message>
    <message>
        <source>Alt</source>
        <translation>Alt</translation>
    </message>
    <message>
        <source>Del</source>
        <translation>Entf</translation>
    </message>
    <message>
        <source>Ins</source>
        <translation>Einfg</translation>
    </message>
    <message>
        <source>Return</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>Tab</source>
        <translation>Tab</translation>
    </message>
    <message>
        <source>Home</source>
        <translation>Pos1</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>PgUp</source>
        <translation>Bild auf</translation>
    </message>
    <message>
        <source>PgDown</source>
        <translation>Bild ab</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Ab</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>&quot;%1&quot; was not opened. %2</source>
        <translation>&quot;%1&quot; wurde nicht geöffnet. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could not be taken off the shelf.</source>
        <translation>&quot;%1&quot; konnte nicht aus dem Regal genommen werden.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has more than 400 million pixels; make it smaller first.</source>
        <translation>&quot;%1&quot; hat mehr als 400 Millionen Pixel; zuerst verkleinern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; holds no merged picture; save it again in the program that made it.</source>
        <translation>&quot;%1&quot; enthält kein zusammengefügtes Bild; im Programm, das es gemacht hat, neu speichern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is a CMYK photo without a color profile, so its colors are not known; save it as RGB first.</source>
        <translation>&quot;%1&quot; ist ein CMYK-Foto ohne Farbprofil, seine Farben sind also unbekannt; zuerst als RGB speichern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has inks in a form that is not read; save it as RGB first.</source>
        <translation>&quot;%1&quot; hat Druckfarben in einer Form, die nicht gelesen wird; zuerst als RGB speichern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is cut short or damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; ist abgeschnitten oder beschädigt; eine andere Kopie des Fotos wählen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than 64 MB; no press profile is.</source>
        <translation>&quot;%1&quot; ist größer als 64 MB; so groß ist kein Druckprofil.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than this program accepts.</source>
        <translation>&quot;%1&quot; ist größer, als dieses Programm annimmt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is locked; unlock first.</source>
        <translation>&quot;%1&quot; ist gesperrt; zuerst freigeben.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no day; write it as 2026-11-26.</source>
        <translation>&quot;%1&quot; ist kein Tag; so schreiben: 2026-11-26.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no paint of the trade.</source>
        <translation>&quot;%1&quot; ist keine handelsübliche Malfarbe.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a color; write #rrggbb, #rgb or srgb:R,G,B with numbers from 0 to 1.</source>
        <translation>&quot;%1&quot; ist keine Farbe; #rrggbb, #rgb oder srgb:R,G,B mit Zahlen von 0 bis 1 schreiben.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not the ICC profile of a four-color press that can be worked with.</source>
        <translation>&quot;%1&quot; ist kein brauchbares ICC-Profil eines Vierfarbdrucks.</translation>
    </message>
    <message>
        <source>A brace is open to the end of the pattern; close it with }.</source>
        <translation>Eine Klammer ist bis zum Ende des Musters offen; mit } schließen.</translation>
    </message>
    <message>
        <source>A family cannot be merged with itself; choose another.</source>
        <translation>Eine Familie lässt sich nicht mit sich selbst vereinen; eine andere wählen.</translation>
    </message>
    <message>
        <source>A fitted polygon has from 3 to 24 corners.</source>
        <translation>Ein angepasstes Vieleck hat 3 bis 24 Ecken.</translation>
    </message>
    <message>
        <source>A mixture needs at least one color.</source>
        <translation>Eine Mischung braucht mindestens eine Farbe.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints; take one off first.</source>
        <translation>Eine Palette hat höchstens 12 Malfarben; zuerst eine wegnehmen.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints.</source>
        <translation>Eine Palette hat höchstens 12 Malfarben.</translation>
    </message>
    <message>
        <source>A pattern is no longer than 10,000 letters.</source>
        <translation>Ein Muster hat höchstens 10.000 Buchstaben.</translation>
    </message>
    <message>
        <source>A picture is cut into 2 to 500 areas.</source>
        <translation>Ein Bild wird in 2 bis 500 Flächen geteilt.</translation>
    </message>
    <message>
        <source>A picture is written as .png or .jpg; name the file so.</source>
        <translation>Ein Bild wird als .png oder .jpg geschrieben; die Datei so nennen.</translation>
    </message>
    <message>
        <source>A piece holds at most 1000 sets; remove one first.</source>
        <translation>Ein Werk hält höchstens 1000 Sätze; zuerst einen entfernen.</translation>
    </message>
    <message>
        <source>A piece keeps at least one set; add another before removing this one.</source>
        <translation>Ein Werk behält mindestens einen Satz; zuerst einen anderen hinzufügen.</translation>
    </message>
    <message>
        <source>A recipe has 1 to 12 parts of a paint.</source>
        <translation>Ein Rezept hat 1 bis 12 Teile einer Malfarbe.</translation>
    </message>
    <message>
        <source>A recipe has 1 to 4 paints.</source>
        <translation>Ein Rezept hat 1 bis 4 Malfarben.</translation>
    </message>
    <message>
        <source>A row holds at most 11 values.</source>
        <translation>Eine Reihe hat höchstens 11 Tonwerte.</translation>
    </message>
    <message>
        <source>A set has at most 50 tags; leave some out.</source>
        <translation>Ein Satz hat höchstens 50 Schlagwörter; einige weglassen.</translation>
    </message>
    <message>
        <source>A set holds at most 1000 families; merge or remove some first.</source>
        <translation>Ein Satz hält höchstens 1000 Familien; zuerst einige vereinen oder entfernen.</translation>
    </message>
    <message>
        <source>A set keeps at most 50 versions; remove one first.</source>
        <translation>Ein Satz behält höchstens 50 Versionen; zuerst eine entfernen.</translation>
    </message>
    <message>
        <source>A sheet can have 36 to 600 pixels an inch.</source>
        <translation>Ein Blatt kann 36 bis 600 Pixel je Zoll haben.</translation>
    </message>
    <message>
        <source>A sheet is written as .pdf, .svg or .png; name the file so.</source>
        <translation>Ein Blatt wird als .pdf, .svg oder .png geschrieben; die Datei so nennen.</translation>
    </message>
    <message>
        <source>A string between two colors needs the second one.</source>
        <translation>Eine Farbreihe zwischen zwei Farben braucht die zweite.</translation>
    </message>
    <message>
        <source>A string has from 2 to 24 steps.</source>
        <translation>Eine Farbreihe hat 2 bis 24 Stufen.</translation>
    </message>
    <message>
        <source>A swatch cannot be merged with itself.</source>
        <translation>Ein Farbfeld lässt sich nicht mit sich selbst vereinen.</translation>
    </message>
    <message>
        <source>A swatch cannot be parted from itself.</source>
        <translation>Ein Farbfeld lässt sich nicht von sich selbst trennen.</translation>
    </message>
    <message>
        <source>A tag is too long; keep it under 400 letters.</source>
        <translation>Ein Schlagwort ist zu lang; unter 400 Buchstaben bleiben.</translation>
    </message>
    <message>
        <source>A tint goes from nothing, 0, to all, 1.</source>
        <translation>Eine Tönung geht von nichts, 0, bis ganz, 1.</translation>
    </message>
    <message>
        <source>An area has at most 10,000 points.</source>
        <translation>Eine Fläche hat höchstens 10.000 Punkte.</translation>
    </message>
    <message>
        <source>An area needs at least three points.</source>
        <translation>Eine Fläche braucht mindestens drei Punkte.</translation>
    </message>
    <message>
        <source>An entry of the file cannot be read.</source>
        <translation>Ein Eintrag der Datei ist nicht lesbar.</translation>
    </message>
    <message>
        <source>An entry of the file is damaged.</source>
        <translation>Ein Eintrag der Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>Another window is changing the shelf; try again.</source>
        <translation>Ein anderes Fenster ändert gerade das Regal; noch einmal versuchen.</translation>
    </message>
    <message>
        <source>Between 0 and 12 accents can be taken from a photo.</source>
        <translation>Aus einem Foto lassen sich 0 bis 12 Akzente nehmen.</translation>
    </message>
    <message>
        <source>Between 1 and 200 colors can be taken from a photo.</source>
        <translation>Aus einem Foto lassen sich 1 bis 200 Farben nehmen.</translation>
    </message>
    <message>
        <source>Between 1 and 30 lacking colors can be named.</source>
        <translation>Es lassen sich 1 bis 30 fehlende Farben nennen.</translation>
    </message>
    <message>
        <source>Between two colors there is room for 1 to 22 steps.</source>
        <translation>Zwischen zwei Farben ist Platz für 1 bis 22 Stufen.</translation>
    </message>
    <message>
        <source>Both of these swatches are locked; unlock one to part them.</source>
        <translation>Beide Farbfelder sind gesperrt; zum Trennen eines freigeben.</translation>
    </message>
    <message>
        <source>Contrast is changed by a factor from 0 to 4.</source>
        <translation>Der Kontrast ändert sich um einen Faktor von 0 bis 4.</translation>
    </message>
    <message>
        <source>Cutting the picture into areas was stopped.</source>
        <translation>Das Teilen des Bildes in Flächen wurde angehalten.</translation>
    </message>
    <message>
        <source>Cutting with this area would leave nothing of the mask.</source>
        <translation>Mit dieser Fläche geschnitten bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>Evening out needs at least three swatches in the family.</source>
        <translation>Zum Ausgleichen braucht die Familie mindestens drei Farbfelder.</translation>
    </message>
    <message>
        <source>Every color of a mixture needs more than 0 parts.</source>
        <translation>Jede Farbe einer Mischung braucht mehr als 0 Teile.</translation>
    </message>
    <message>
        <source>In this order nothing of the mask would be left.</source>
        <translation>In dieser Reihenfolge bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>No line of the file has the shape of the pattern.</source>
        <translation>Keine Zeile der Datei folgt dem Muster.</translation>
    </message>
    <message>
        <source>No line of the pattern has a color; put {hex} where it belongs.</source>
        <translation>Keine Zeile des Musters hat eine Farbe; {hex} an ihre Stelle setzen.</translation>
    </message>
    <message>
        <source>Reading was stopped.</source>
        <translation>Das Lesen wurde angehalten.</translation>
    </message>
    <message>
        <source>Saturation is changed by a factor from 0 to 4.</source>
        <translation>Die Sättigung ändert sich um einen Faktor von 0 bis 4.</translation>
    </message>
    <message>
        <source>Saving was stopped; the file is as it was.</source>
        <translation>Das Speichern wurde angehalten; die Datei ist, wie sie war.</translation>
    </message>
    <message>
        <source>Select some swatches of one family, and not all of them, to split it.</source>
        <translation>Einige Farbfelder einer Familie auswählen, nicht alle, um sie abzuspalten.</translation>
    </message>
    <message>
        <source>The PDF could not be made.</source>
        <translation>Das PDF konnte nicht gemacht werden.</translation>
    </message>
    <message>
        <source>The PNG strip could not be made.</source>
        <translation>Der PNG-Streifen konnte nicht gemacht werden.</translation>
    </message>
    <message>
        <source>The areas of this picture were changed too often; cut it anew.</source>
        <translation>Die Flächen dieses Bildes wurden zu oft geändert; neu teilen.</translation>
    </message>
    <message>
        <source>The difference must lie between 0 and 50.</source>
        <translation>Der Unterschied muss zwischen 0 und 50 liegen.</translation>
    </message>
    <message>
        <source>The difference must lie between 0.5 and 20.</source>
        <translation>Der Unterschied muss zwischen 0,5 und 20 liegen.</translation>
    </message>
    <message>
        <source>The directory of the file is damaged.</source>
        <translation>Das Verzeichnis der Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>The extraction was stopped.</source>
        <translation>Das Herausnehmen wurde angehalten.</translation>
    </message>
    <message>
        <source>The file cannot be read as a container.</source>
        <translation>Die Datei ist nicht als Behälter lesbar.</translation>
    </message>
    <message>
        <source>The file could not be packed; there may be too little memory.</source>
        <translation>Die Datei konnte nicht gepackt werden; vielleicht fehlt Speicher.</translation>
    </message>
    <message>
        <source>The file holds more entries than this program accepts.</source>
        <translation>Die Datei hat mehr Einträge, als dieses Programm annimmt.</translation>
    </message>
    <message>
        <source>The file is not a sound container; it may be cut short.</source>
        <translation>Die Datei ist kein heiler Behälter; vielleicht ist sie abgeschnitten.</translation>
    </message>
    <message>
        <source>The file unpacks to more than this program accepts.</source>
        <translation>Die Datei wird entpackt größer, als dieses Programm annimmt.</translation>
    </message>
    <message>
        <source>The fit was stopped.</source>
        <translation>Das Anpassen wurde angehalten.</translation>
    </message>
    <message>
        <source>The least difference goes from 0 to 50.</source>
        <translation>Der kleinste Unterschied geht von 0 bis 50.</translation>
    </message>
    <message>
        <source>The light band must begin above the dark one, both between 0 and 100.</source>
        <translation>Das helle Band muss über dem dunklen beginnen, beide zwischen 0 und 100.</translation>
    </message>
    <message>
        <source>The margin can be 5 to 40 millimetres wide.</source>
        <translation>Der Rand kann 5 bis 40 Millimeter breit sein.</translation>
    </message>
    <message>
        <source>The mask holds no color; draw it larger or switch it off.</source>
        <translation>Die Maske hält keine Farbe; größer zeichnen oder ausschalten.</translation>
    </message>
    <message>
        <source>The numbers of this piece have run out; start a new piece and bring the sets into it.</source>
        <translation>Die Nummern dieses Werks sind aufgebraucht; ein neues beginnen und die Sätze hereinholen.</translation>
    </message>
    <message>
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>Das Paket ist leer; mindestens einen Satz oder eine Maske wählen.</translation>
    </message>
    <message>
        <source>The path of this file is too long to be followed; move it higher up.</source>
        <translation>Der Pfad dieser Datei ist zu lang, um ihr zu folgen; weiter nach oben verschieben.</translation>
    </message>
    <message>
        <source>The picture can be 16 to 8192 pixels large.</source>
        <translation>Das Bild kann 16 bis 8192 Pixel groß sein.</translation>
    </message>
    <message>
        <source>The picture could not be made.</source>
        <translation>Das Bild konnte nicht gemacht werden.</translation>
    </message>
    <message>
        <source>The picture was stopped.</source>
        <translation>Das Bild wurde angehalten.</translation>
    </message>
    <message>
        <source>The piece is damaged: it holds no data.</source>
        <translation>Das Werk ist beschädigt: es enthält keine Daten.</translation>
    </message>
    <message>
        <source>The piece is damaged: piece.json is missing.</source>
        <translation>Das Werk ist beschädigt: piece.json fehlt.</translation>
    </message>
    <message>
        <source>The piece is damaged: the photo %1 is missing.</source>
        <translation>Das Werk ist beschädigt: das Foto %1 fehlt.</translation>
    </message>
    <message>
        <source>The piece itself is lost; nothing of it can be read.</source>
        <translation>Das Werk selbst ist verloren; nichts davon ist lesbar.</translation>
    </message>
    <message>
        <source>The pivot of the contrast is a value from 0 to 100.</source>
        <translation>Der Angelpunkt des Kontrasts ist ein Tonwert von 0 bis 100.</translation>
    </message>
    <message>
        <source>The points lie on one line and enclose nothing.</source>
        <translation>Die Punkte liegen auf einer Linie und umschließen nichts.</translation>
    </message>
    <message>
        <source>The profile of this monitor cannot be used; colors are shown without it.</source>
        <translation>Das Profil dieses Bildschirms ist nicht brauchbar; Farben werden ohne es gezeigt.</translation>
    </message>
    <message>
        <source>The reference has no colors to fit to.</source>
        <translation>Die Vorlage hat keine Farben zum Anpassen.</translation>
    </message>
    <message>
        <source>The row comes to more than 200 megapixels; make it smaller.</source>
        <translation>Die Reihe hat mehr als 200 Megapixel; kleiner machen.</translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation>Das Suchen wurde angehalten.</translation>
    </message>
    <message>
        <source>The set has no swatches yet; lay some first.</source>
        <translation>Der Satz hat noch keine Farbfelder; zuerst welche legen.</translation>
    </message>
    <message>
        <source>The share must lie above 0 and at most at 1.</source>
        <translation>Der Anteil muss über 0 und höchstens bei 1 liegen.</translation>
    </message>
    <message>
        <source>The share to hold goes from above 0 to 100 percent.</source>
        <translation>Der zu haltende Anteil geht von über 0 bis 100 Prozent.</translation>
    </message>
    <message>
        <source>The shelf holds too many profiles of this name.</source>
        <translation>Das Regal hält zu viele Profile dieses Namens.</translation>
    </message>
    <message>
        <source>The smallest area is 0 to 5 percent of the picture.</source>
        <translation>Die kleinste Fläche ist 0 bis 5 Prozent des Bildes.</translation>
    </message>
    <message>
        <source>The smoothing is 0 to 2 percent of the longer side.</source>
        <translation>Die Glättung ist 0 bis 2 Prozent der längeren Seite.</translation>
    </message>
    <message>
        <source>The two ends of this string are the same color; choose another end.</source>
        <translation>Beide Enden dieser Farbreihe sind dieselbe Farbe; ein anderes Ende wählen.</translation>
    </message>
    <message>
        <source>The value must lie between 0 and 100.</source>
        <translation>Der Tonwert muss zwischen 0 und 100 liegen.</translation>
    </message>
    <message>
        <source>There are no colors to lay.</source>
        <translation>Es gibt keine Farben zu legen.</translation>
    </message>
    <message>
        <source>There are no colors to reach.</source>
        <translation>Es gibt keine Farben zu erreichen.</translation>
    </message>
    <message>
        <source>There are no pixels to take colors from here.</source>
        <translation>Hier sind keine Pixel, aus denen Farben zu nehmen wären.</translation>
    </message>
    <message>
        <source>There is no mask in use that encloses a neutral.</source>
        <translation>Keine Maske in Gebrauch umschließt ein Neutral.</translation>
    </message>
    <message>
        <source>There is no mask in use that has corners.</source>
        <translation>Keine Maske in Gebrauch hat Ecken.</translation>
    </message>
    <message>
        <source>There is no mask in use; draw one at Limit first.</source>
        <translation>Keine Maske ist in Gebrauch; zuerst beim Begrenzen eine zeichnen.</translation>
    </message>
    <message>
        <source>There is no mask to cut from; add an area first.</source>
        <translation>Es gibt keine Maske zum Schneiden; zuerst eine Fläche hinzufügen.</translation>
    </message>
    <message>
        <source>There is no mask to keep the colors in.</source>
        <translation>Es gibt keine Maske, um die Farben darin zu halten.</translation>
    </message>
    <message>
        <source>There is no paint in it.</source>
        <translation>Es ist keine Malfarbe darin.</translation>
    </message>
    <message>
        <source>There is no paint to keep yet; add one first.</source>
        <translation>Noch gibt es keine Malfarbe zu behalten; zuerst eine hinzufügen.</translation>
    </message>
    <message>
        <source>There is no paint to mix with.</source>
        <translation>Es gibt keine Malfarbe zum Mischen.</translation>
    </message>
    <message>
        <source>There is no room left in this row.</source>
        <translation>In dieser Zeile ist kein Platz mehr.</translation>
    </message>
    <message>
        <source>There is no such set.</source>
        <translation>Einen solchen Satz gibt es nicht.</translation>
    </message>
    <message>
        <source>There is nothing to bring in: the set has all of these colors already.</source>
        <translation>Es gibt nichts hereinzuholen: der Satz hat alle diese Farben schon.</translation>
    </message>
    <message>
        <source>There is nothing to change: lay swatches first, or unlock some.</source>
        <translation>Es gibt nichts zu ändern: zuerst Farbfelder legen oder welche freigeben.</translation>
    </message>
    <message>
        <source>These are no rules a set can be graded by.</source>
        <translation>Nach diesen Regeln lässt sich kein Satz abstufen.</translation>
    </message>
    <message>
        <source>These margins leave too little room on this paper.</source>
        <translation>Diese Ränder lassen auf diesem Papier zu wenig Platz.</translation>
    </message>
    <message>
        <source>These two cannot be parted in value with their hue and saturation kept; change one by hand.</source>
        <translation>Diese beiden lassen sich bei gleichem Farbton und gleicher Sättigung nicht im Tonwert trennen; eines von Hand ändern.</translation>
    </message>
    <message>
        <source>This cut would leave nothing of the mask; make it smaller.</source>
        <translation>Dieser Schnitt ließe nichts von der Maske; kleiner machen.</translation>
    </message>
    <message>
        <source>This is not a Zonachrom parcel; choose a file that ends in .zonaparcel.</source>
        <translation>Dies ist kein Zonachrom-Paket; eine Datei wählen, die auf .zonaparcel endet.</translation>
    </message>
    <message>
        <source>This is not a Zonachrom piece; choose a file that ends in .zonachrom.</source>
        <translation>Dies ist kein Zonachrom-Werk; eine Datei wählen, die auf .zonachrom endet.</translation>
    </message>
    <message>
        <source>This is outside what a set can be graded by.</source>
        <translation>Das liegt außerhalb dessen, wonach ein Satz abgestuft werden kann.</translation>
    </message>
    <message>
        <source>This note is too long; keep it under 10,000 letters.</source>
        <translation>Diese Notiz ist zu lang; unter 10.000 Buchstaben bleiben.</translation>
    </message>
    <message>
        <source>This paper at so many pixels an inch comes to more than 200 megapixels.</source>
        <translation>Dieses Papier mit so vielen Pixeln je Zoll hat mehr als 200 Megapixel.</translation>
    </message>
    <message>
        <source>This piece was saved by a newer Zonachrom; update the program to open it.</source>
        <translation>Dieses Werk wurde von einem neueren Zonachrom gespeichert; zum Öffnen das Programm erneuern.</translation>
    </message>
    <message>
        <source>This place is in no photo.</source>
        <translation>Diese Stelle ist in keinem Foto.</translation>
    </message>
    <message>
        <source>This place is not on the wheel.</source>
        <translation>Diese Stelle ist nicht auf dem Farbkreis.</translation>
    </message>
    <message>
        <source>Value is shifted by at most 100 either way.</source>
        <translation>Der Tonwert verschiebt sich höchstens um 100 in jede Richtung.</translation>
    </message>
    <message>
        <source>What goes on the shelf needs a name; type at least one letter.</source>
        <translation>Was ins Regal kommt, braucht einen Namen; mindestens einen Buchstaben eingeben.</translation>
    </message>
    <message>
        <source>With these numbers nothing of the mask would be left.</source>
        <translation>Mit diesen Zahlen bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>Without this point nothing of the mask would be left.</source>
        <translation>Ohne diesen Punkt bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>Working out the reach was stopped.</source>
        <translation>Das Berechnen der Reichweite wurde angehalten.</translation>
    </message>
    <message>
        <source>Writing was stopped.</source>
        <translation>Das Schreiben wurde angehalten.</translation>
    </message>
    <message>
        <source>A hue turns by at most 360 degrees either way.</source>
        <translation>Ein Farbton dreht sich höchstens um 360 Grad in jede Richtung.</translation>
    </message>
    <message>
        <source>A mask area has at most 10,000 points.</source>
        <translation>Eine Maskenfläche hat höchstens 10.000 Punkte.</translation>
    </message>
    <message>
        <source>A mask area needs three points; remove the whole area instead.</source>
        <translation>Eine Maskenfläche braucht drei Punkte; besser die ganze Fläche entfernen.</translation>
    </message>
    <message>
        <source>These paints enclose nothing there; choose more of them, or white and black beside them.</source>
        <translation>Diese Malfarben umschließen dort nichts; mehr davon wählen, oder Weiß und Schwarz dazu.</translation>
    </message>
    <message>
        <source>The rule for names reads {names without &quot;letters&quot; but &quot;what stands instead&quot;}.</source>
        <translation>Die Regel für Namen lautet {names without &quot;Buchstaben&quot; but &quot;was dafür steht&quot;}.</translation>
    </message>
    <message>
        <source>A strength lies between 0 and 20.</source>
        <translation>Eine Stärke liegt zwischen 0 und 20.</translation>
    </message>
    <message>
        <source>Each part can stand on the sheet once.</source>
        <translation>Jeder Teil kann einmal auf dem Blatt stehen.</translation>
    </message>
    <message>
        <source>A set holds at most %1 swatches; delete some first.</source>
        <translation>Ein Satz hält höchstens %1 Farbfelder; zuerst einige löschen.</translation>
    </message>
    <message>
        <source>There is no such %1 in this piece any more.</source>
        <translation>Das gibt es in diesem Werk nicht mehr: %1.</translation>
    </message>
    <message>
        <source>A %1 needs a name; type at least one letter.</source>
        <translation>Hier fehlt ein Name: %1; mindestens einen Buchstaben eingeben.</translation>
    </message>
    <message>
        <source>The name of this %1 is too long; keep it under 400 letters.</source>
        <translation>Dieser Name ist zu lang: %1; unter 400 Buchstaben bleiben.</translation>
    </message>
    <message>
        <source>The %1 is too long; say it in fewer letters.</source>
        <translation>Das ist zu lang: %1; mit weniger Buchstaben sagen.</translation>
    </message>
    <message>
        <source>On this wheel the mask would have more than %1 areas; keep its shape instead, or take areas off.</source>
        <translation>Auf diesem Kreis hätte die Maske mehr als %1 Flächen; stattdessen ihre Form behalten oder Flächen wegnehmen.</translation>
    </message>
    <message>
        <source>A mask holds at most %1 areas; remove one first.</source>
        <translation>Eine Maske hat höchstens %1 Flächen; zuerst eine entfernen.</translation>
    </message>
    <message>
        <source>A piece holds at most %1 references; take one out first.</source>
        <translation>Ein Werk hält höchstens %1 Vorlagen; zuerst eine herausnehmen.</translation>
    </message>
    <message>
        <source>The set &quot;%1&quot; has no swatches yet; lay some first.</source>
        <translation>Der Satz &quot;%1&quot; hat noch keine Farbfelder; zuerst welche legen.</translation>
    </message>
    <message>
        <source>A color cannot be read back by this pattern: {%1} is missing.</source>
        <translation>Mit diesem Muster lässt sich keine Farbe zurücklesen: {%1} fehlt.</translation>
    </message>
    <message>
        <source>Nothing stands between {%1} and {%2} in the pattern, so that they cannot be told apart.</source>
        <translation>Zwischen {%1} und {%2} steht im Muster nichts, sodass sie nicht zu trennen sind.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not exist at value %2 with its saturation; make it greyer first.</source>
        <translation>&quot;%1&quot; gibt es beim Tonwert %2 nicht mit dieser Sättigung; zuerst grauer machen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and %2 more are locked; unlock first.</source>
        <translation>&quot;%1&quot; und %2 weitere sind gesperrt; zuerst freigeben.</translation>
    </message>
    <message>
        <source>The set has a family named &quot;%1&quot; already; choose another name.</source>
        <translation>Der Satz hat schon eine Familie namens &quot;%1&quot;; bitte einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>The piece has a set named &quot;%1&quot; already; choose another name.</source>
        <translation>Das Werk hat schon einen Satz namens &quot;%1&quot;; bitte einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>Well %1 is empty; Shift+%2 lays the current color down there.</source>
        <translation>Napf %1 ist leer; Umschalt+%2 legt die aktuelle Farbe dort ab.</translation>
    </message>
    <message>
        <source>The piece is damaged at %1: %2</source>
        <translation>Das Werk ist bei %1 beschädigt: %2</translation>
    </message>
    <message>
        <source>The piece names a photo outside its folder.</source>
        <translation>Das Werk nennt ein Foto außerhalb seines Ordners.</translation>
    </message>
    <message>
        <source>The CGATS table could not be made: %1.</source>
        <translation>Die CGATS-Tabelle konnte nicht gemacht werden: %1.</translation>
    </message>
    <message>
        <source>The table is broken: %1.</source>
        <translation>Die Tabelle ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>The table wants another file included, which is not done.</source>
        <translation>Die Tabelle will eine andere Datei einbinden; das wird nicht getan.</translation>
    </message>
    <message>
        <source>The table is broken after row %1; check its quotes.</source>
        <translation>Die Tabelle ist nach Zeile %1 beschädigt; ihre Anführungszeichen prüfen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is partly transparent; give the color itself.</source>
        <translation>&quot;%1&quot; ist teils durchsichtig; die Farbe selbst angeben.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no text.</source>
        <translation>&quot;%1&quot; ist kein Text.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not read. %2</source>
        <translation>&quot;%1&quot; wurde nicht gelesen. %2</translation>
    </message>
    <message>
        <source>It is empty.</source>
        <translation>Sie ist leer.</translation>
    </message>
    <message>
        <source>It is larger than 64 MB.</source>
        <translation>Sie ist größer als 64 MB.</translation>
    </message>
    <message>
        <source>It holds more than %1 colors; split it first.</source>
        <translation>Sie enthält mehr als %1 Farben; zuerst teilen.</translation>
    </message>
    <message>
        <source>It holds no color that can be read as %1.</source>
        <translation>Sie enthält keine Farbe, die sich lesen ließe: %1.</translation>
    </message>
    <message>
        <source>Its XML is broken at byte %1.</source>
        <translation>Ihr XML ist bei Byte %1 beschädigt.</translation>
    </message>
    <message>
        <source>Its JSON is larger than 256 MiB.</source>
        <translation>Ihr JSON ist größer als 256 MiB.</translation>
    </message>
    <message>
        <source>Its JSON is broken at %1.</source>
        <translation>Ihr JSON ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>It has a number that is too large.</source>
        <translation>Sie hat eine Zahl, die zu groß ist.</translation>
    </message>
    <message>
        <source>Its JSON is nested more than 64 deep.</source>
        <translation>Ihr JSON ist mehr als 64 Ebenen tief verschachtelt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not saved: %2; choose another place or make room.</source>
        <translation>&quot;%1&quot; wurde nicht gespeichert: %2; einen anderen Ort wählen oder Platz schaffen.</translation>
    </message>
    <message>
        <source>there is no room left on the disk</source>
        <translation>auf der Platte ist kein Platz mehr</translation>
    </message>
    <message>
        <source>you may not write there</source>
        <translation>dort darf nicht geschrieben werden</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>den Ordner gibt es nicht</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be read: %2.</source>
        <translation>&quot;%1&quot; kann nicht gelesen werden: %2.</translation>
    </message>
    <message>
        <source>it is not a file</source>
        <translation>es ist keine Datei</translation>
    </message>
    <message>
        <source>There is no file &quot;%1&quot;.</source>
        <translation>Es gibt keine Datei &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a photo this program can read; use JPEG, PNG, TIFF, WebP, HEIF, AVIF, GIF, SVG or BMP.</source>
        <translation>&quot;%1&quot; ist kein Foto, das dieses Programm lesen kann; JPEG, PNG, TIFF, WebP, HEIF, AVIF, GIF, SVG oder BMP nehmen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is an empty file.</source>
        <translation>&quot;%1&quot; ist eine leere Datei.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; ist beschädigt; eine andere Kopie des Fotos wählen.</translation>
    </message>
    <message>
        <source>Opening &quot;%1&quot; was stopped.</source>
        <translation>Das Öffnen von &quot;%1&quot; wurde angehalten.</translation>
    </message>
    <message>
        <source>There is too little memory to open &quot;%1&quot;.</source>
        <translation>Der Speicher reicht nicht, um &quot;%1&quot; zu öffnen.</translation>
    </message>
    <message>
        <source>The color profile inside &quot;%1&quot; cannot be used; save the photo again with a sound profile.</source>
        <translation>Das Farbprofil in &quot;%1&quot; ist nicht brauchbar; das Foto mit einem heilen Profil neu speichern.</translation>
    </message>
    <message>
        <source>This %1 file is damaged.</source>
        <translation>Diese Datei ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>This %1 file is damaged: the field &quot;%2&quot; is wrong.</source>
        <translation>Diese Datei ist beschädigt (%1): das Feld &quot;%2&quot; stimmt nicht.</translation>
    </message>
    <message>
        <source>This %1 was saved by a newer Zonachrom; update the program to use it.</source>
        <translation>Das wurde von einem neueren Zonachrom gespeichert (%1); zur Benutzung das Programm erneuern.</translation>
    </message>
    <message>
        <source>The shelf &quot;%1&quot; cannot be made: %2.</source>
        <translation>Das Regal &quot;%1&quot; kann nicht angelegt werden: %2.</translation>
    </message>
    <message>
        <source>There is no file &quot;%1&quot; on the shelf any more.</source>
        <translation>Die Datei &quot;%1&quot; liegt nicht mehr im Regal.</translation>
    </message>
    <message>
        <source>The pattern asks for {%1}, which is no field.</source>
        <translation>Das Muster verlangt {%1}; das ist kein Feld.</translation>
    </message>
    <message>
        <source>The width in {%1} is no number from 1 to 99.</source>
        <translation>Die Breite in {%1} ist keine Zahl von 1 bis 99.</translation>
    </message>
    <message>
        <source>One color lies outside what a display shows and was brought to the nearest.</source>
        <translation>Eine Farbe liegt außerhalb dessen, was ein Bildschirm zeigt, und wurde zur nächsten gebracht.</translation>
    </message>
    <message>
        <source>%1 colors lie outside what a display shows and were brought to the nearest.</source>
        <translation>%1 Farben liegen außerhalb dessen, was ein Bildschirm zeigt, und wurden zu den nächsten gebracht.</translation>
    </message>
    <message>
        <source>One entry could not be read as a color and was left out.</source>
        <translation>Ein Eintrag war nicht als Farbe zu lesen und blieb weg.</translation>
    </message>
    <message>
        <source>%1 entries could not be read as colors and were left out.</source>
        <translation>%1 Einträge waren nicht als Farben zu lesen und blieben weg.</translation>
    </message>
    <message>
        <source>%1 lines do not have the shape of the pattern.</source>
        <translation>%1 Zeilen haben nicht die Form des Musters.</translation>
    </message>
    <message>
        <source>%1 colors lie beyond the display and were brought to the nearest.</source>
        <translation>%1 Farben liegen jenseits des Bildschirms und wurden zu den nächsten gebracht.</translation>
    </message>
    <message>
        <source>%1 %2 goes from %3 to %4.</source>
        <translation>%1 %2 geht von %3 bis %4.</translation>
    </message>
    <message>
        <source>The display has no color of these %1 numbers.</source>
        <translation>Der Bildschirm hat keine Farbe mit diesen Zahlen von %1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not three numbers parted by commas.</source>
        <translation>&quot;%1&quot; sind nicht drei Zahlen, durch Kommas getrennt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: %2</source>
        <translation>&quot;%1&quot;: %2</translation>
    </message>
    <message>
        <source>The picture has more than %1 different colors, so %2 were taken out of it as from a photo.</source>
        <translation>Das Bild hat mehr als %1 verschiedene Farben; darum wurden %2 wie aus einem Foto entnommen.</translation>
    </message>
    <message>
        <source>A mask is turned by an angle from 0 to below 360.</source>
        <translation>Eine Maske wird um einen Winkel von 0 bis unter 360 gedreht.</translation>
    </message>
    <message>
        <source>The file of a reference ends in letters and digits, at most 16.</source>
        <translation>Die Datei einer Vorlage endet auf höchstens 16 Buchstaben und Ziffern.</translation>
    </message>
    <message>
        <source>A color has three numbers from 0 to 1.</source>
        <translation>Eine Farbe hat drei Zahlen von 0 bis 1.</translation>
    </message>
    <message>
        <source>An id is used only once, lies above 0 and below the next one.</source>
        <translation>Eine Nummer wird nur einmal verwendet, liegt über 0 und unter der nächsten.</translation>
    </message>
    <message>
        <source>This text is longer than %1 letters.</source>
        <translation>Dieser Text ist länger als %1 Zeichen.</translation>
    </message>
    <message>
        <source>There are more than %1 %2.</source>
        <translation>Es gibt mehr als %1 %2.</translation>
    </message>
    <message>
        <source>Places of a family rise from swatch to swatch, within 0 to 9999.</source>
        <translation>Die Plätze einer Familie steigen von Farbfeld zu Farbfeld, von 0 bis 9999.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a color; write hex like #d8904a, three numbers from 0 to 255, a CSS name, rgb(), hsl(), lab() or oklch().</source>
        <translation>&quot;%1&quot; ist keine Farbe; Hex wie #d8904a, drei Zahlen von 0 bis 255, einen CSS-Namen, rgb(), hsl(), lab() oder oklch() schreiben.</translation>
    </message>
    <message>
        <source>The sets and their versions come to more than a piece can hold; remove versions or sets that are not needed.</source>
        <translation>Die Sätze und ihre Fassungen sind zusammen mehr, als ein Werk fassen kann; nicht benötigte Fassungen oder Sätze entfernen.</translation>
    </message>
    <message>
        <source>The references come to more than a piece can hold, 3.5 GiB; remove some, or add smaller ones.</source>
        <translation>Die Vorlagen sind zusammen mehr, als ein Werk fassen kann, 3,5 GiB; einige entfernen oder kleinere hinzufügen.</translation>
    </message>
    <message>
        <source>The piece was not saved: its sets and versions come to more than it can be opened with again; remove versions or sets that are not needed.</source>
        <translation>Das Werk wurde nicht gespeichert: mit so vielen Sätzen und Fassungen ließe es sich nicht wieder öffnen; nicht benötigte Fassungen oder Sätze entfernen.</translation>
    </message>
    <message>
        <source>The piece was not saved: its references come to more than it can be opened with again; remove some of them.</source>
        <translation>Das Werk wurde nicht gespeichert: mit so großen Vorlagen ließe es sich nicht wieder öffnen; einige davon entfernen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has its colors coded in a way this program does not know (primaries %2, transfer %3 of ITU-T H.273); save it as sRGB or Display P3.</source>
        <translation>Die Farben von &quot;%1&quot; sind auf eine Weise kodiert, die dieses Programm nicht kennt (Primärfarben %2, Übertragung %3 nach ITU-T H.273); als sRGB oder Display P3 speichern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be brought to sRGB; there may be too little memory.</source>
        <translation>&quot;%1&quot; lässt sich nicht nach sRGB bringen; vielleicht ist zu wenig Speicher da.</translation>
    </message>
    <message>
        <source>Counting what is used was stopped.</source>
        <translation>Das Zählen des Benutzten wurde angehalten.</translation>
    </message>
    <message>
        <source>This pattern can read the text in so many ways that it would take too long; put something between its fields that their contents do not hold.</source>
        <translation>Dieses Muster kann den Text auf so viele Arten lesen, dass es zu lange dauern würde; zwischen seine Felder etwas setzen, das in ihnen nicht vorkommt.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Without this area nothing of the mask would be left; take the whole mask off instead.</source>
        <translation>Ohne diese Fläche bliebe von der Maske nichts übrig; nimm lieber die ganze Maske weg.</translation>
    </message>
    <message>
        <source>The desktop is being asked already; answer it first.</source>
        <translation>Der Desktop wird schon gefragt; antworte ihm zuerst.</translation>
    </message>
    <message>
        <source>The desktop gives programs no keys of its own.</source>
        <translation>Der Desktop gibt Programmen keine eigenen Tasten.</translation>
    </message>
    <message>
        <source>The desktop gave no answer for half a minute; try again.</source>
        <translation>Der Desktop hat eine halbe Minute lang nicht geantwortet; versuche es noch einmal.</translation>
    </message>
    <message>
        <source>The half axes of an ellipse go from 0.01 to 2.</source>
        <translation>Die Halbachsen einer Ellipse gehen von 0,01 bis 2.</translation>
    </message>
    <message>
        <source>The middle of an ellipse lies on the wheel.</source>
        <translation>Die Mitte einer Ellipse liegt auf dem Farbkreis.</translation>
    </message>
    <message>
        <source>An ellipse is turned by an angle from 0 to below 360.</source>
        <translation>Eine Ellipse ist um einen Winkel von 0 bis unter 360 gedreht.</translation>
    </message>
    <message>
        <source>The file holds an entry whose name leads outside it.</source>
        <translation>Die Datei enthält einen Eintrag, dessen Name aus ihr hinausführt.</translation>
    </message>
    <message>
        <source>The file holds an entry packed in a way this program does not read.</source>
        <translation>Die Datei enthält einen Eintrag, der auf eine Art gepackt ist, die dieses Programm nicht liest.</translation>
    </message>
    <message>
        <source>The desktop answered with something that is no color or picture of the screen.</source>
        <translation>Der Desktop hat mit etwas geantwortet, das weder Farbe noch Bild des Bildschirms ist.</translation>
    </message>
    <message>
        <source>An empty pattern would hand over nothing; give a field such as {hex}.</source>
        <translation>Ein leeres Muster würde nichts übergeben; gib ein Feld an, etwa {hex}.</translation>
    </message>
    <message>
        <source>The desktop was given no key for the screen.</source>
        <translation>Dem Desktop wurde keine Taste für den Bildschirm gegeben.</translation>
    </message>
    <message>
        <source>Nothing was taken from the screen.</source>
        <translation>Vom Bildschirm wurde nichts aufgenommen.</translation>
    </message>
    <message>
        <source>This palette of paints is damaged: the field %1 should be %2.</source>
        <translation>Diese Palette der Malfarben ist beschädigt: Das Feld %1 sollte %2 sein.</translation>
    </message>
    <message>
        <source>The pasted picture could not be taken in.</source>
        <translation>Das eingefügte Bild konnte nicht aufgenommen werden.</translation>
    </message>
    <message>
        <source>The piece is damaged. %1</source>
        <translation>Das Werk ist beschädigt. %1</translation>
    </message>
    <message>
        <source>The piece is damaged: the field %1 should be %2.</source>
        <translation>Das Werk ist beschädigt: Das Feld %1 sollte %2 sein.</translation>
    </message>
    <message>
        <source>A point of this area lies outside the wheel.</source>
        <translation>Ein Punkt dieser Fläche liegt außerhalb des Farbkreises.</translation>
    </message>
    <message>
        <source>The desktop does not let programs see the screen.</source>
        <translation>Der Desktop lässt Programme den Bildschirm nicht sehen.</translation>
    </message>
    <message>
        <source>A ring sector begins at an angle from 0 to below 360.</source>
        <translation>Ein Ringausschnitt beginnt bei einem Winkel von 0 bis unter 360.</translation>
    </message>
    <message>
        <source>A ring sector runs from a lower to a higher saturation within 0 to 1.</source>
        <translation>Ein Ringausschnitt reicht von einer kleineren zu einer größeren Sättigung zwischen 0 und 1.</translation>
    </message>
    <message>
        <source>A ring sector spans more than 0 and at most 360 degrees.</source>
        <translation>Ein Ringausschnitt umfasst mehr als 0 und höchstens 360 Grad.</translation>
    </message>
    <message>
        <source>a color</source>
        <translation>eine Farbe</translation>
    </message>
    <message>
        <source>a mask</source>
        <translation>eine Maske</translation>
    </message>
    <message>
        <source>a number</source>
        <translation>eine Zahl</translation>
    </message>
    <message>
        <source>a palette of paints</source>
        <translation>eine Palette der Malfarben</translation>
    </message>
    <message>
        <source>a pattern</source>
        <translation>ein Muster</translation>
    </message>
    <message>
        <source>a sweep above 0, and an inner below an outer saturation</source>
        <translation>ein Bogen über 0 mit einer inneren Sättigung unter der äußeren</translation>
    </message>
    <message>
        <source>a set</source>
        <translation>ein Satz</translation>
    </message>
    <message>
        <source>an object</source>
        <translation>ein Objekt</translation>
    </message>
    <message>
        <source>a word this version knows</source>
        <translation>ein Wort, das diese Version kennt</translation>
    </message>
    <message>
        <source>a list of at most %1</source>
        <translation>eine Liste von höchstens %1</translation>
    </message>
    <message>
        <source>a number from %1 to %2</source>
        <translation>eine Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>%1 numbers</source>
        <translation>%1 Zahlen</translation>
    </message>
    <message>
        <source>a list of points</source>
        <translation>eine Liste von Punkten</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>three numbers from 0 to 1</source>
        <translation>drei Zahlen von 0 bis 1</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>wahr oder falsch</translation>
    </message>
    <message>
        <source>a whole number above 0</source>
        <translation>eine ganze Zahl über 0</translation>
    </message>
    <message>
        <source>Only a study of areas can be written as .svg; cut the picture first.</source>
        <translation>Nur eine Studie aus Flächen kann als .svg geschrieben werden; schneide das Bild zuerst.</translation>
    </message>
</context>
<context>
    <name>Sheet</name>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, Tonwert %3</translation>
    </message>
    <message>
        <source>wheel: %1</source>
        <translation>Farbkreis: %1</translation>
    </message>
    <message>
        <source>measure: %1</source>
        <translation>Maß: %1</translation>
    </message>
    <message>
        <source>mask: %1</source>
        <translation>Maske: %1</translation>
    </message>
    <message>
        <source>fills %1 % of the wheel</source>
        <translation>füllt %1 % des Farbkreises</translation>
    </message>
    <message>
        <source>neutral: %1</source>
        <translation>neutral: %1</translation>
    </message>
    <message>
        <source>relation: %1</source>
        <translation>Beziehung: %1</translation>
    </message>
    <message>
        <source>value shown: %1</source>
        <translation>gezeigter Tonwert: %1</translation>
    </message>
    <message>
        <source>each hue at its vivid value</source>
        <translation>jeder Farbton bei seinem leuchtendsten Tonwert</translation>
    </message>
    <message>
        <source>study: %1</source>
        <translation>Studie: %1</translation>
    </message>
    <message>
        <source>reference: %1</source>
        <translation>Vorlage: %1</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>Tonwert %1</translation>
    </message>
    <message>
        <source>light to dark</source>
        <translation>von hell nach dunkel</translation>
    </message>
    <message>
        <source>%1, going on</source>
        <translation>%1, weiter</translation>
    </message>
    <message>
        <source>light: needed %1, present %2, missing %3</source>
        <translation>hell: gewünscht %1, da %2, fehlt %3</translation>
    </message>
    <message>
        <source>middle: needed %1, present %2, missing %3</source>
        <translation>mittel: gewünscht %1, da %2, fehlt %3</translation>
    </message>
    <message>
        <source>dark: needed %1, present %2, missing %3</source>
        <translation>dunkel: gewünscht %1, da %2, fehlt %3</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>traditional</source>
        <translation>traditionell</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>Druckfarbe</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>Y</source>
        <translation>Ge</translation>
    </message>
    <message>
        <source>O</source>
        <translation>Or</translation>
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
        <translation>Bl</translation>
    </message>
    <message>
        <source>G</source>
        <translation>Gr</translation>
    </message>
    <message>
        <source>C</source>
        <translation>Cy</translation>
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
        <translation>dunkel</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
</context>
<context>
    <name>Word</name>
    <message>
        <source>yellow</source>
        <translation>Gelb</translation>
    </message>
    <message>
        <source>yellow-orange</source>
        <translation>Gelborange</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>Orange</translation>
    </message>
    <message>
        <source>red-orange</source>
        <translation>Rotorange</translation>
    </message>
    <message>
        <source>red</source>
        <translation>Rot</translation>
    </message>
    <message>
        <source>red-violet</source>
        <translation>Rotviolett</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>Violett</translation>
    </message>
    <message>
        <source>blue-violet</source>
        <translation>Blauviolett</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>Blau</translation>
    </message>
    <message>
        <source>blue-green</source>
        <translation>Blaugrün</translation>
    </message>
    <message>
        <source>green</source>
        <translation>Grün</translation>
    </message>
    <message>
        <source>yellow-green</source>
        <translation>Gelbgrün</translation>
    </message>
    <message>
        <source>rose</source>
        <translation>Rosa</translation>
    </message>
    <message>
        <source>magenta</source>
        <translation>Magenta</translation>
    </message>
    <message>
        <source>azure</source>
        <translation>Azur</translation>
    </message>
    <message>
        <source>cyan</source>
        <translation>Cyan</translation>
    </message>
    <message>
        <source>sea green</source>
        <translation>Seegrün</translation>
    </message>
    <message>
        <source>lime</source>
        <translation>Limette</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>brown</source>
        <translation>Braun</translation>
    </message>
    <message>
        <source>black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>white</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>YO</source>
        <translation>GO</translation>
    </message>
    <message>
        <source>RO</source>
        <translation>RO</translation>
    </message>
    <message>
        <source>RV</source>
        <translation>RV</translation>
    </message>
    <message>
        <source>BV</source>
        <translation>BV</translation>
    </message>
    <message>
        <source>BG</source>
        <translation>BG</translation>
    </message>
    <message>
        <source>YG</source>
        <translation>GG</translation>
    </message>
    <message>
        <source>single</source>
        <translation>einzeln</translation>
    </message>
    <message>
        <source>analogous</source>
        <translation>benachbart</translation>
    </message>
    <message>
        <source>complement</source>
        <translation>Komplement</translation>
    </message>
    <message>
        <source>split</source>
        <translation>geteilt</translation>
    </message>
    <message>
        <source>triad</source>
        <translation>Dreiklang</translation>
    </message>
    <message>
        <source>square</source>
        <translation>Quadrat</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>accent</source>
        <translation>Akzent</translation>
    </message>
    <message>
        <source>double</source>
        <translation>doppelt</translation>
    </message>
    <message>
        <source>low key</source>
        <translation>dunkle Tonlage</translation>
    </message>
    <message>
        <source>middle key</source>
        <translation>mittlere Tonlage</translation>
    </message>
    <message>
        <source>high key</source>
        <translation>helle Tonlage</translation>
    </message>
    <message>
        <source>letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>titanium white</source>
        <translation>Titanweiß</translation>
    </message>
    <message>
        <source>zinc white</source>
        <translation>Zinkweiß</translation>
    </message>
    <message>
        <source>bone black</source>
        <translation>Knochenschwarz</translation>
    </message>
    <message>
        <source>lamp black</source>
        <translation>Lampenschwarz</translation>
    </message>
    <message>
        <source>yellow earth</source>
        <translation>Gelbe Erde</translation>
    </message>
    <message>
        <source>cadmium yellow</source>
        <translation>Kadmiumgelb</translation>
    </message>
    <message>
        <source>raw umber</source>
        <translation>Umbra natur</translation>
    </message>
    <message>
        <source>burnt sienna</source>
        <translation>Siena gebrannt</translation>
    </message>
    <message>
        <source>burnt umber</source>
        <translation>Umbra gebrannt</translation>
    </message>
    <message>
        <source>iron-oxide red</source>
        <translation>Eisenoxidrot</translation>
    </message>
    <message>
        <source>cadmium red</source>
        <translation>Kadmiumrot</translation>
    </message>
    <message>
        <source>quinacridone magenta</source>
        <translation>Chinacridonmagenta</translation>
    </message>
    <message>
        <source>ultramarine blue</source>
        <translation>Ultramarinblau</translation>
    </message>
    <message>
        <source>cobalt blue</source>
        <translation>Kobaltblau</translation>
    </message>
    <message>
        <source>iron blue</source>
        <translation>Eisenblau</translation>
    </message>
    <message>
        <source>phthalocyanine blue</source>
        <translation>Phthalocyaninblau</translation>
    </message>
    <message>
        <source>phthalocyanine green</source>
        <translation>Phthalocyaningrün</translation>
    </message>
    <message>
        <source>chromium oxide green</source>
        <translation>Chromoxidgrün</translation>
    </message>
    <message>
        <source>Design tokens</source>
        <translation>Design Tokens</translation>
    </message>
    <message>
        <source>CGATS.17 table</source>
        <translation>CGATS.17-Tabelle</translation>
    </message>
    <message>
        <source>CSS custom properties</source>
        <translation>CSS-Eigenschaften</translation>
    </message>
    <message>
        <source>CSV table</source>
        <translation>CSV-Tabelle</translation>
    </message>
    <message>
        <source>Hex list</source>
        <translation>Hex-Liste</translation>
    </message>
    <message>
        <source>SVG drawing</source>
        <translation>SVG-Zeichnung</translation>
    </message>
    <message>
        <source>PNG strip</source>
        <translation>PNG-Streifen</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>lightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>chroma</source>
        <translation>Buntheit</translation>
    </message>
    <message>
        <source>Linear</source>
        <translation>Linear</translation>
    </message>
    <message>
        <source>%1 %2 %3 %4</source>
        <extracomment>How a color is called: %1 value, %2 chroma, %3 side, %4 hue; each but the hue may be missing.</extracomment>
        <translation>%1 %2 %3 %4</translation>
    </message>
    <message>
        <source>sRGB, 0 to 255</source>
        <translation>sRGB, 0 bis 255</translation>
    </message>
    <message>
        <source>hue, saturation, value of sRGB</source>
        <translation>Farbton, Sättigung, Hellwert von sRGB</translation>
    </message>
    <message>
        <source>hue, saturation, lightness of sRGB</source>
        <translation>Farbton, Sättigung, Helligkeit von sRGB</translation>
    </message>
    <message>
        <source>CIELUV hue, share of its largest chroma, L*</source>
        <translation>CIELUV-Farbton, Anteil an seiner größten Buntheit, L*</translation>
    </message>
    <message>
        <source>CIELAB lightness, chroma, hue</source>
        <translation>Helligkeit, Buntheit, Farbton in CIELAB</translation>
    </message>
    <message>
        <source>CIELAB under D65</source>
        <translation>CIELAB unter D65</translation>
    </message>
    <message>
        <source>CIELUV lightness, chroma, hue</source>
        <translation>Helligkeit, Buntheit, Farbton in CIELUV</translation>
    </message>
    <message>
        <source>CIELUV under D65</source>
        <translation>CIELUV unter D65</translation>
    </message>
    <message>
        <source>OKLab lightness, chroma, hue</source>
        <translation>Helligkeit, Buntheit, Farbton in OKLab</translation>
    </message>
    <message>
        <source>CIE XYZ, white at Y 100</source>
        <translation>CIE XYZ, Weiß bei Y 100</translation>
    </message>
    <message>
        <source>sRGB primaries in linear light</source>
        <translation>sRGB-Primärfarben in linearem Licht</translation>
    </message>
    <message>
        <source>hex and name</source>
        <translation>Hex und Name</translation>
    </message>
    <message>
        <source>numbers in columns</source>
        <translation>Zahlen in Spalten</translation>
    </message>
    <message>
        <source>table</source>
        <translation>Tabelle</translation>
    </message>
    <message>
        <source>families with headings</source>
        <translation>Familien mit Überschriften</translation>
    </message>
    <message>
        <source>All hues, quiet</source>
        <translation>Alle Farbtöne, ruhig</translation>
    </message>
    <message>
        <source>Ember and ash</source>
        <translation>Glut und Asche</translation>
    </message>
    <message>
        <source>Lamp against dusk</source>
        <translation>Lampe gegen Dämmerung</translation>
    </message>
    <message>
        <source>Overcast harbor</source>
        <translation>Hafen unter Wolken</translation>
    </message>
    <message>
        <source>Rust and verdigris</source>
        <translation>Rost und Grünspan</translation>
    </message>
    <message>
        <source>Vivid without the middle</source>
        <translation>Leuchtend ohne die Mitte</translation>
    </message>
    <message>
        <source>Nine greys</source>
        <translation>Neun Graus</translation>
    </message>
    <message>
        <source>Earth and stone</source>
        <translation>Erde und Stein</translation>
    </message>
    <message>
        <source>Two lights</source>
        <translation>Zwei Lichter</translation>
    </message>
    <message>
        <source>Skin in three lights</source>
        <translation>Haut in drei Lichtern</translation>
    </message>
    <message>
        <source>Leaves by distance</source>
        <translation>Laub nach Entfernung</translation>
    </message>
    <message>
        <source>ochre</source>
        <translation>Ocker</translation>
    </message>
    <message>
        <source>clay</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>umber</source>
        <translation>Umbra</translation>
    </message>
    <message>
        <source>stone</source>
        <translation>Stein</translation>
    </message>
    <message>
        <source>lamplight</source>
        <translation>Lampenlicht</translation>
    </message>
    <message>
        <source>ember</source>
        <translation>Glut</translation>
    </message>
    <message>
        <source>between</source>
        <translation>dazwischen</translation>
    </message>
    <message>
        <source>dusk</source>
        <translation>Dämmerung</translation>
    </message>
    <message>
        <source>noon</source>
        <translation>Mittag</translation>
    </message>
    <message>
        <source>overcast</source>
        <translation>bedeckt</translation>
    </message>
    <message>
        <source>shade</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>near</source>
        <translation>nah</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>far</source>
        <translation>fern</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>gedämpft</translation>
    </message>
    <message>
        <source>any light</source>
        <translation>jedes Licht</translation>
    </message>
    <message>
        <source>fire</source>
        <translation>Feuer</translation>
    </message>
    <message>
        <source>night</source>
        <translation>Nacht</translation>
    </message>
    <message>
        <source>warm</source>
        <translation>warm</translation>
    </message>
    <message>
        <source>two lights</source>
        <translation>zwei Lichter</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>cool</source>
        <translation>kühl</translation>
    </message>
    <message>
        <source>metal</source>
        <translation>Metall</translation>
    </message>
    <message>
        <source>loud</source>
        <translation>laut</translation>
    </message>
    <message>
        <source>posters</source>
        <translation>Plakate</translation>
    </message>
    <message>
        <source>values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Anfang</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Figur</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>SG</source>
        <translation>SG</translation>
    </message>
    <message>
        <source>family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Lücke</translation>
    </message>
    <message>
        <source>mask area</source>
        <translation>Maskenfläche</translation>
    </message>
    <message>
        <source>mask point</source>
        <translation>Maskenpunkt</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Malfarbe</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Platz</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>swatch</source>
        <translation>Farbfeld</translation>
    </message>
    <message>
        <source>version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>signature</source>
        <translation>Signatur</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>piece</source>
        <translation>Werk</translation>
    </message>
    <message>
        <source>palette of paints</source>
        <translation>Palette der Malfarben</translation>
    </message>
    <message>
        <source>parcel</source>
        <translation>Paket</translation>
    </message>
    <message>
        <source>pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>a hex list</source>
        <translation>Hex-Liste</translation>
    </message>
    <message>
        <source>design tokens</source>
        <translation>Design Tokens</translation>
    </message>
    <message>
        <source>a picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>lines of numbers</source>
        <translation>Zeilen mit Zahlen</translation>
    </message>
    <message>
        <source>fitted</source>
        <translation>angepasst</translation>
    </message>
    <message>
        <source>areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>changes of areas</source>
        <translation>Änderungen an Flächen</translation>
    </message>
    <message>
        <source>bound areas</source>
        <translation>gebundene Flächen</translation>
    </message>
    <message>
        <source>references</source>
        <translation>Vorlagen</translation>
    </message>
    <message>
        <source>paints</source>
        <translation>Malfarben</translation>
    </message>
    <message>
        <source>tags</source>
        <translation>Schlagwörter</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>families</source>
        <translation>Familien</translation>
    </message>
    <message>
        <source>swatches</source>
        <translation>Farbfelder</translation>
    </message>
    <message>
        <source>sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>nearly even, falling below 410 nm</source>
        <translation>fast gleichmäßig, unter 410 nm fallend</translation>
    </message>
    <message>
        <source>nearly even, falling below 385 nm</source>
        <translation>fast gleichmäßig, unter 385 nm fallend</translation>
    </message>
    <message>
        <source>even and low, a little warm</source>
        <translation>gleichmäßig und niedrig, ein wenig warm</translation>
    </message>
    <message>
        <source>even and low, a little cool</source>
        <translation>gleichmäßig und niedrig, ein wenig kühl</translation>
    </message>
    <message>
        <source>an edge at 545 nm</source>
        <translation>eine Kante bei 545 nm</translation>
    </message>
    <message>
        <source>an edge at 510 nm</source>
        <translation>eine Kante bei 510 nm</translation>
    </message>
    <message>
        <source>a long edge at 580 nm</source>
        <translation>eine lange Kante bei 580 nm</translation>
    </message>
    <message>
        <source>an edge at 592 nm</source>
        <translation>eine Kante bei 592 nm</translation>
    </message>
    <message>
        <source>a low edge at 600 nm</source>
        <translation>eine niedrige Kante bei 600 nm</translation>
    </message>
    <message>
        <source>an edge at 588 nm</source>
        <translation>eine Kante bei 588 nm</translation>
    </message>
    <message>
        <source>an edge at 605 nm and a low hump at 420 nm</source>
        <translation>eine Kante bei 605 nm und ein niedriger Buckel bei 420 nm</translation>
    </message>
    <message>
        <source>an edge at 610 nm and a hump at 430 nm</source>
        <translation>eine Kante bei 610 nm und ein Buckel bei 430 nm</translation>
    </message>
    <message>
        <source>a hump at 450 nm and an edge at 715 nm</source>
        <translation>ein Buckel bei 450 nm und eine Kante bei 715 nm</translation>
    </message>
    <message>
        <source>a hump at 460 nm and an edge at 690 nm</source>
        <translation>ein Buckel bei 460 nm und eine Kante bei 690 nm</translation>
    </message>
    <message>
        <source>a low hump at 450 nm</source>
        <translation>ein niedriger Buckel bei 450 nm</translation>
    </message>
    <message>
        <source>a hump at 470 nm</source>
        <translation>ein Buckel bei 470 nm</translation>
    </message>
    <message>
        <source>a hump at 512 nm</source>
        <translation>ein Buckel bei 512 nm</translation>
    </message>
    <message>
        <source>humps at 540 and 410 nm and an edge at 715 nm</source>
        <translation>Buckel bei 540 und 410 nm und eine Kante bei 715 nm</translation>
    </message>
    <message>
        <source>earths and one blue</source>
        <translation>Erdfarben und ein Blau</translation>
    </message>
    <message>
        <source>four, no blue</source>
        <translation>vier, kein Blau</translation>
    </message>
    <message>
        <source>a warm and a cool of each</source>
        <translation>je eine warme und eine kühle</translation>
    </message>
</context>
<context>
    <name>zc::AdjustPanel</name>
    <message>
        <source>Take it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>turn hue</source>
        <translation>Ton drehen</translation>
    </message>
    <message>
        <source>Degrees on the piece&apos;s wheel</source>
        <translation>Grad auf dem Farbkreis des Werks</translation>
    </message>
    <message>
        <source>saturation times</source>
        <translation>Sättigung mal</translation>
    </message>
    <message>
        <source>Factor of the saturation</source>
        <translation>Faktor der Sättigung</translation>
    </message>
    <message>
        <source>value plus</source>
        <translation>Wert plus</translation>
    </message>
    <message>
        <source>Added to the value</source>
        <translation>Wird zum Tonwert gezählt</translation>
    </message>
    <message>
        <source>contrast times</source>
        <translation>Kontrast mal</translation>
    </message>
    <message>
        <source>Factor of the distance in value from the pivot</source>
        <translation>Faktor des Abstands zum Angelpunkt im Tonwert</translation>
    </message>
    <message>
        <source>about value</source>
        <translation>um Tonwert</translation>
    </message>
    <message>
        <source>The value that contrast leaves where it is</source>
        <translation>Der Tonwert, den der Kontrast stehen lässt</translation>
    </message>
    <message>
        <source>toward the current color</source>
        <translation>zur aktuellen Farbe</translation>
    </message>
    <message>
        <source>Hue and saturation toward a light of the current color; value stays</source>
        <translation>Farbton und Sättigung zu einem Licht der aktuellen Farbe; der Tonwert bleibt</translation>
    </message>
    <message>
        <source>Change the swatches as they are shown</source>
        <translation>Die Farbfelder so ändern, wie sie zu sehen sind</translation>
    </message>
    <message>
        <source>Back to no change</source>
        <translation>Zurück zu keiner Änderung</translation>
    </message>
    <message>
        <source>Change the whole set</source>
        <translation>Den ganzen Satz ändern</translation>
    </message>
    <message>
        <source>Change the selection (%1)</source>
        <translation>Die Auswahl ändern (%1)</translation>
    </message>
    <message>
        <source>Nothing is changed yet. What is locked stays as it is.</source>
        <translation>Noch ändert sich nichts. Was gesperrt ist, bleibt.</translation>
    </message>
    <message>
        <source>%1 swatches change; %2 marked with a dot cannot go all the way and are held at what exists.</source>
        <translation>%1 Farbfelder ändern sich; %2 mit einem Punkt kommen nicht ganz hin und bleiben an der Grenze des Möglichen.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change, all as asked for.</source>
        <translation>
            <numerusform>%n Farbfeld ändert sich, wie verlangt.</numerusform>
            <numerusform>%n Farbfelder ändern sich, alle wie verlangt.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::AreaPanel</name>
    <message>
        <source>Areas of the mask</source>
        <translation>Flächen der Maske</translation>
    </message>
    <message>
        <source>Areas in order: each adds to or cuts from what lies above it; drag one to move it</source>
        <translation>Flächen der Reihe nach: jede fügt dem darüber etwas hinzu oder schneidet heraus; zum Verschieben ziehen</translation>
    </message>
    <message>
        <source>adds</source>
        <translation>fügt zu</translation>
    </message>
    <message>
        <source>The area adds to the mask</source>
        <translation>Die Fläche erweitert die Maske</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>schneidet</translation>
    </message>
    <message>
        <source>The area cuts from what lies above it</source>
        <translation>Die Fläche schneidet aus dem darüber heraus</translation>
    </message>
    <message>
        <source>Double</source>
        <translation>Doppeln</translation>
    </message>
    <message>
        <source>Lay the area a second time, moved a little aside</source>
        <translation>Die Fläche noch einmal legen, etwas daneben</translation>
    </message>
    <message>
        <source>Double mask area</source>
        <translation>Maskenfläche doppeln</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Move the area across neutral, around the complements of its hues</source>
        <translation>Die Fläche auf die andere Seite von Neutral bringen, um die Komplemente ihrer Farbtöne</translation>
    </message>
    <message>
        <source>Mirror mask area</source>
        <translation>Maskenfläche spiegeln</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the area (Delete on the wheel)</source>
        <translation>Die Fläche entfernen (Entf auf dem Farbkreis)</translation>
    </message>
    <message>
        <source>Remove mask area</source>
        <translation>Maskenfläche entfernen</translation>
    </message>
    <message>
        <source>Reshape mask area</source>
        <translation>Maskenfläche umformen</translation>
    </message>
    <message>
        <source>Move mask area</source>
        <translation>Maskenfläche verschieben</translation>
    </message>
    <message>
        <source>Cut with the area</source>
        <translation>Mit der Fläche schneiden</translation>
    </message>
    <message>
        <source>Add the area</source>
        <translation>Die Fläche hinzufügen</translation>
    </message>
    <message>
        <source>Area: %1</source>
        <translation>Fläche: %1</translation>
    </message>
</context>
<context>
    <name>zc::Arrivals</name>
    <message>
        <source>The folder &quot;%1&quot; holds no files.</source>
        <translation>Der Ordner &quot;%1&quot; enthält keine Dateien.</translation>
    </message>
</context>
<context>
    <name>zc::BetweenRow</name>
    <message>
        <source>How many colors between</source>
        <translation>Wie viele Farben dazwischen</translation>
    </message>
    <message>
        <source>How many colors are laid between the two, 1 to 22; the two are not repeated</source>
        <translation>Wie viele Farben zwischen die beiden kommen, 1 bis 22; die beiden selbst nicht noch einmal</translation>
    </message>
    <message>
        <source>Way between the two</source>
        <translation>Weg zwischen den beiden</translation>
    </message>
    <message>
        <source>How the colors go from the one to the other</source>
        <translation>Wie die Farben von der einen zur anderen gehen</translation>
    </message>
    <message>
        <source>Fill between</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Lay these colors between the two selected swatches, in place (Ctrl+J lays three)</source>
        <translation>Diese Farben zwischen die beiden ausgewählten Farbfelder legen, an ihren Platz (Strg+J legt drei)</translation>
    </message>
</context>
<context>
    <name>zc::CanvasFollower</name>
    <message>
        <source>%1 is not there any more; this is its last picture.</source>
        <translation>%1 ist nicht mehr da; dies ist das letzte Bild davon.</translation>
    </message>
    <message>
        <source>Tied to %1 on another machine; &quot;Follow a canvas&quot; ties it anew.</source>
        <translation>Auf einem anderen Rechner mit %1 verbunden; &quot;Einer Leinwand folgen&quot; verbindet neu.</translation>
    </message>
    <message>
        <source>%1 cannot be read as a picture now; this is its last one.</source>
        <translation>%1 ist gerade nicht als Bild lesbar; dies ist das letzte.</translation>
    </message>
    <message>
        <source>Follow canvas</source>
        <translation>Leinwand folgen</translation>
    </message>
    <message>
        <source>The shown reference follows no file.</source>
        <translation>Die gezeigte Vorlage folgt keiner Datei.</translation>
    </message>
    <message>
        <source>Stop following</source>
        <translation>Nicht mehr folgen</translation>
    </message>
</context>
<context>
    <name>zc::CardPanel</name>
    <message>
        <source>use it</source>
        <translation>verwenden</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>What the piece is called</source>
        <translation>Wie das Werk heißt</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>Mood and intent, for yourself and for the sheet</source>
        <translation>Stimmung und Absicht, für sich und für das Blatt</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>The day of the plan, as 2026-11-26; may stay empty</source>
        <translation>Der Tag des Plans, etwa 2026-11-26; darf leer bleiben</translation>
    </message>
    <message>
        <source>Signature</source>
        <translation>Signatur</translation>
    </message>
    <message>
        <source>The line that stands on the sheet</source>
        <translation>Die Zeile, die auf dem Blatt steht</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Write this on the card, in one step</source>
        <translation>Dies in einem Schritt auf die Karte schreiben</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Close the card as it was (Escape)</source>
        <translation>Die Karte schließen, wie sie war (Escape)</translation>
    </message>
    <message>
        <source>Paint through the profile that the desktop has set for this monitor</source>
        <translation>Durch das Profil malen, das der Desktop für diesen Bildschirm gesetzt hat</translation>
    </message>
    <message>
        <source>Monitor</source>
        <translation>Bildschirm</translation>
    </message>
    <message>
        <source>shown through &quot;%1&quot;</source>
        <translation>gezeigt durch &quot;%1&quot;</translation>
    </message>
    <message>
        <source>no profile is set for this one</source>
        <translation>für diesen ist kein Profil gesetzt</translation>
    </message>
    <message>
        <source>profiles are not used</source>
        <translation>Profile werden nicht verwendet</translation>
    </message>
    <message>
        <source>Change card</source>
        <translation>Karte ändern</translation>
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
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Legen</translation>
    </message>
</context>
<context>
    <name>zc::ColorPair</name>
    <message>
        <source>Current color and the color before</source>
        <translation>Aktuelle Farbe und die davor</translation>
    </message>
    <message>
        <source>The current color; below it the one before: click there to go back to it. Either can be dragged to other programs.</source>
        <translation>Die aktuelle Farbe; darunter die davor: ein Klick dort kehrt zu ihr zurück. Beide lassen sich in andere Programme ziehen.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>davor</translation>
    </message>
    <message>
        <source>Current color: %1</source>
        <translation>Aktuelle Farbe: %1</translation>
    </message>
    <message>
        <source>Color before: %1</source>
        <translation>Farbe davor: %1</translation>
    </message>
    <message>
        <source>Go back</source>
        <translation>Zurück</translation>
    </message>
</context>
<context>
    <name>zc::Companion</name>
    <message>
        <source>hand over</source>
        <translation>übergeben</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end</source>
        <translation>Jede Wahl geht am Ende in die Zwischenablage</translation>
    </message>
    <message>
        <source>The form in which colors are handed over; press for the next one</source>
        <translation>Die Form, in der Farben übergeben werden; Drücken nimmt die nächste</translation>
    </message>
    <message>
        <source>from the screen</source>
        <translation>vom Bildschirm</translation>
    </message>
    <message>
        <source>Take up the color of any pixel of the screen</source>
        <translation>Die Farbe eines beliebigen Bildschirmpixels aufnehmen</translation>
    </message>
    <message>
        <source>%1 beside</source>
        <translation>%1 daneben</translation>
    </message>
    <message>
        <source>value %1, %2</source>
        <translation>Tonwert %1, %2</translation>
    </message>
    <message>
        <source>Keep this window above others by the menu of its frame.</source>
        <translation>Mit dem Menü ihres Rahmens bleibt dieses Fenster über anderen.</translation>
    </message>
    <message>
        <source>Right button: strip, desk and more.</source>
        <translation>Rechte Taste: Streifen, Tisch und mehr.</translation>
    </message>
    <message>
        <source>over %1, %2, value %3</source>
        <translation>über %1, %2, Tonwert %3</translation>
    </message>
    <message>
        <source>As a strip</source>
        <translation>Als Streifen</translation>
    </message>
    <message>
        <source>As a column</source>
        <translation>Als Spalte</translation>
    </message>
    <message>
        <source>Stand the strip up</source>
        <translation>Den Streifen aufstellen</translation>
    </message>
    <message>
        <source>Lay the strip down</source>
        <translation>Den Streifen hinlegen</translation>
    </message>
    <message>
        <source>Show or put away the desk</source>
        <translation>Den Tisch zeigen oder wegräumen</translation>
    </message>
    <message>
        <source>Hand over every pick</source>
        <translation>Jede Wahl übergeben</translation>
    </message>
    <message>
        <source>Form of what is handed over...</source>
        <translation>Form der Übergabe...</translation>
    </message>
    <message>
        <source>A color from the screen</source>
        <translation>Eine Farbe vom Bildschirm</translation>
    </message>
    <message>
        <source>Back to the color before</source>
        <translation>Zurück zur Farbe davor</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>zc::DesktopKey</name>
    <message>
        <source>This desktop has no portal that listens for keys.</source>
        <translation>Dieser Desktop hat kein Portal, das auf Tasten hört.</translation>
    </message>
    <message>
        <source>The desktop answered with something that is no session for keys.</source>
        <translation>Der Desktop hat mit etwas geantwortet, das keine Sitzung für Tasten ist.</translation>
    </message>
    <message>
        <source>Take a color from the screen into Zonachrom</source>
        <translation>Eine Farbe vom Bildschirm in Zonachrom aufnehmen</translation>
    </message>
    <message>
        <source>The desktop was given no key for the screen.</source>
        <translation>Dem Desktop wurde keine Taste für den Bildschirm gegeben.</translation>
    </message>
    <message>
        <source>its key</source>
        <translation>seine Taste</translation>
    </message>
</context>
<context>
    <name>zc::Documents</name>
    <message>
        <source>open in another window too</source>
        <translation>auch in einem anderen Fenster offen</translation>
    </message>
    <message>
        <source>edited, file is read only</source>
        <translation>geändert, Datei schreibgeschützt</translation>
    </message>
    <message>
        <source>read only</source>
        <translation>schreibgeschützt</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>edited, not saved</source>
        <translation>geändert, nicht gespeichert</translation>
    </message>
    <message>
        <source>not a file yet</source>
        <translation>noch keine Datei</translation>
    </message>
    <message>
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source>This piece is open in another window too; save here under another name, or close it there first.</source>
        <translation>Dieses Werk ist auch in einem anderen Fenster offen; hier unter anderem Namen speichern oder dort zuerst schließen.</translation>
    </message>
    <message>
        <source>This file is read only; changes can be saved under another name.</source>
        <translation>Diese Datei ist schreibgeschützt; Änderungen lassen sich unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>A file is still being read or written; stop that first, or wait for it.</source>
        <translation>Noch wird eine Datei gelesen oder geschrieben; das erst anhalten oder abwarten.</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wird geöffnet</translation>
    </message>
    <message>
        <source> All of the piece can still be read.</source>
        <translation> Das ganze Werk ist noch lesbar.</translation>
    </message>
    <message>
        <source> The rest can be read, without: %1.</source>
        <translation> Der Rest ist lesbar, ohne: %1.</translation>
    </message>
    <message>
        <source>Not saved: this piece is open in another window too; save it under another name.</source>
        <translation>Nicht gespeichert: dieses Werk ist auch in einem anderen Fenster offen; unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>Not saved: the file was changed by another program or machine meanwhile; save this piece under another name.</source>
        <translation>Nicht gespeichert: ein anderes Programm oder ein anderer Rechner hat die Datei inzwischen geändert; dieses Werk unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>Not saved: the file is read only; save the piece under another name.</source>
        <translation>Nicht gespeichert: die Datei ist schreibgeschützt; das Werk unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>Saving %1</source>
        <translation>%1 wird gespeichert</translation>
    </message>
    <message>
        <source>Reading what was kept</source>
        <translation>Gesichertes wird gelesen</translation>
    </message>
</context>
<context>
    <name>zc::EditMenu</name>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>&amp;Copy color as hex</source>
        <translation>Farbe als &amp;Hex kopieren</translation>
    </message>
    <message>
        <source>Copy the current color as hex</source>
        <translation>Die aktuelle Farbe als Hex kopieren</translation>
    </message>
    <message>
        <source>&amp;Hand over every pick</source>
        <translation>&amp;Jede Wahl übergeben</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end, in the chosen form</source>
        <translation>Jede Wahl geht am Ende in der gewählten Form in die Zwischenablage</translation>
    </message>
    <message>
        <source>Fo&amp;rm of what is handed over...</source>
        <translation>Fo&amp;rm der Übergabe...</translation>
    </message>
    <message>
        <source>As hex, numbers, css or a line of your own; with a picture or without</source>
        <translation>Als Hex, Zahlen, CSS oder eigene Zeile; mit Bild oder ohne</translation>
    </message>
    <message>
        <source>A color from the &amp;screen</source>
        <translation>Eine Farbe vom Bild&amp;schirm</translation>
    </message>
    <message>
        <source>Take up the color of any pixel of the screen, or of a square around it</source>
        <translation>Die Farbe eines Bildschirmpixels oder eines Quadrats darum aufnehmen</translation>
    </message>
    <message>
        <source>A color &amp;by a key of the desktop</source>
        <translation>Eine Farbe mit einer &amp;Taste des Desktops</translation>
    </message>
    <message>
        <source>Take a color from the screen whichever program has the keyboard; the desktop gives the key</source>
        <translation>Eine Farbe vom Bildschirm nehmen, gleich welches Programm die Tastatur hat; der Desktop gibt die Taste</translation>
    </message>
    <message>
        <source>A pict&amp;ure of the screen</source>
        <translation>Ein B&amp;ild vom Bildschirm</translation>
    </message>
    <message>
        <source>Take the screen, or a part of it, as a new reference</source>
        <translation>Den Bildschirm oder einen Teil davon als neue Vorlage nehmen</translation>
    </message>
    <message>
        <source>&amp;Paste photo or color</source>
        <translation>Foto oder Farbe &amp;einfügen</translation>
    </message>
    <message>
        <source>Paste a picture or photo files as references, a hex color as the current color; at Grade, swatches</source>
        <translation>Ein Bild oder Fotodateien als Vorlagen einfügen, eine Hex-Farbe als aktuelle Farbe; beim Abstufen Farbfelder</translation>
    </message>
    <message>
        <source>&amp;Lay current color</source>
        <translation>Aktuelle Farbe &amp;legen</translation>
    </message>
    <message>
        <source>Lay the current color on the staff in the chosen family</source>
        <translation>Die aktuelle Farbe auf die Notenzeile legen, in die gewählte Familie</translation>
    </message>
    <message>
        <source>Add &amp;family</source>
        <translation>&amp;Familie hinzufügen</translation>
    </message>
    <message>
        <source>Add a family to the set and name it</source>
        <translation>Dem Satz eine Familie hinzufügen und sie benennen</translation>
    </message>
    <message>
        <source>&amp;Back to the color before</source>
        <translation>&amp;Zurück zur Farbe davor</translation>
    </message>
    <message>
        <source>Exchange the current color with the one before</source>
        <translation>Die aktuelle Farbe mit der davor tauschen</translation>
    </message>
    <message>
        <source>&amp;Find a swatch</source>
        <translation>Ein Farbfeld s&amp;uchen</translation>
    </message>
    <message>
        <source>Find by name, or the nearest to a color</source>
        <translation>Nach Namen suchen, oder das Nächste zu einer Farbe</translation>
    </message>
    <message>
        <source>Select &amp;all</source>
        <translation>&amp;Alle auswählen</translation>
    </message>
    <message>
        <source>Select all swatches of the set</source>
        <translation>Alle Farbfelder des Satzes auswählen</translation>
    </message>
    <message>
        <source>C&amp;ut swatches</source>
        <translation>Farbfelder a&amp;usschneiden</translation>
    </message>
    <message>
        <source>Cut the selected swatches</source>
        <translation>Die ausgewählten Farbfelder ausschneiden</translation>
    </message>
    <message>
        <source>C&amp;opy swatches</source>
        <translation>Farbfelder &amp;kopieren</translation>
    </message>
    <message>
        <source>Copy the selected swatches, for other sets, pieces and programs</source>
        <translation>Die ausgewählten Farbfelder kopieren, für andere Sätze, Werke und Programme</translation>
    </message>
    <message>
        <source>Dupl&amp;icate swatches</source>
        <translation>Farbfelder ver&amp;doppeln</translation>
    </message>
    <message>
        <source>Duplicate the selected swatches at the next free places</source>
        <translation>Die ausgewählten Farbfelder auf die nächsten freien Plätze verdoppeln</translation>
    </message>
    <message>
        <source>Re&amp;place by the current color</source>
        <translation>Durch die aktuelle Farbe &amp;ersetzen</translation>
    </message>
    <message>
        <source>Give the selected swatches the current color</source>
        <translation>Den ausgewählten Farbfeldern die aktuelle Farbe geben</translation>
    </message>
    <message>
        <source>&amp;Take the color up</source>
        <translation>Farbe aufneh&amp;men</translation>
    </message>
    <message>
        <source>Take up the color of the selected swatch (Enter, double click)</source>
        <translation>Die Farbe des ausgewählten Farbfelds aufnehmen (Eingabetaste, Doppelklick)</translation>
    </message>
    <message>
        <source>Re&amp;name swatch or family</source>
        <translation>Farbfeld oder Familie um&amp;benennen</translation>
    </message>
    <message>
        <source>Rename the selected swatch, or the chosen family</source>
        <translation>Das ausgewählte Farbfeld oder die gewählte Familie umbenennen</translation>
    </message>
    <message>
        <source>&amp;Delete swatches</source>
        <translation>Farbfelder &amp;löschen</translation>
    </message>
    <message>
        <source>Delete the selected swatches</source>
        <translation>Die ausgewählten Farbfelder löschen</translation>
    </message>
    <message>
        <source>Loc&amp;k or unlock</source>
        <translation>S&amp;perren oder freigeben</translation>
    </message>
    <message>
        <source>Keep the selected swatches from change</source>
        <translation>Die ausgewählten Farbfelder vor Änderung bewahren</translation>
    </message>
    <message>
        <source>&amp;Mark used or unused</source>
        <translation>Als benutzt &amp;markieren oder nicht</translation>
    </message>
    <message>
        <source>Tick the selected swatches off</source>
        <translation>Die ausgewählten Farbfelder abhaken</translation>
    </message>
    <message>
        <source>pasted photo</source>
        <translation>eingefügtes Foto</translation>
    </message>
    <message>
        <source>The clipboard holds neither a picture nor a color; copy one first.</source>
        <translation>Die Zwischenablage hält weder Bild noch Farbe; zuerst etwas kopieren.</translation>
    </message>
    <message>
        <source>Cut swatch</source>
        <translation>Farbfeld ausschneiden</translation>
    </message>
    <message>
        <source>Cut %1 swatches</source>
        <translation>%1 Farbfelder ausschneiden</translation>
    </message>
    <message>
        <source>Copied %1.</source>
        <translation>%1 kopiert.</translation>
    </message>
    <message>
        <source>Names are edited on the staff, in rows or in the list; show one of them first.</source>
        <translation>Namen werden auf der Notenzeile, in Zeilen oder in der Liste geändert; zuerst eines davon zeigen.</translation>
    </message>
</context>
<context>
    <name>zc::FileMenu</name>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;New piece</source>
        <translation>&amp;Neues Werk</translation>
    </message>
    <message>
        <source>Start an empty piece</source>
        <translation>Ein leeres Werk beginnen</translation>
    </message>
    <message>
        <source>&amp;Open...</source>
        <translation>Ö&amp;ffnen...</translation>
    </message>
    <message>
        <source>Open a piece</source>
        <translation>Ein Werk öffnen</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open the &amp;demo piece</source>
        <translation>Die &amp;Vorführung öffnen</translation>
    </message>
    <message>
        <source>Open Coppersmiths&apos; Row as an unsaved copy</source>
        <translation>Coppersmiths&apos; Row als ungespeicherte Kopie öffnen</translation>
    </message>
    <message>
        <source>The &amp;card of the piece...</source>
        <translation>Die &amp;Karte des Werks...</translation>
    </message>
    <message>
        <source>Title, words, date and signature in one place</source>
        <translation>Titel, Worte, Datum und Signatur an einem Ort</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save the piece; the version before is kept beside it</source>
        <translation>Das Werk speichern; die Version davor bleibt daneben</translation>
    </message>
    <message>
        <source>Save &amp;as...</source>
        <translation>Speichern &amp;unter...</translation>
    </message>
    <message>
        <source>Save the piece under another name</source>
        <translation>Das Werk unter anderem Namen speichern</translation>
    </message>
    <message>
        <source>Add &amp;photos...</source>
        <translation>&amp;Fotos hinzufügen...</translation>
    </message>
    <message>
        <source>Add reference photos to the piece</source>
        <translation>Dem Werk Fotos als Vorlagen hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Export the set</source>
        <translation>Den Satz aus&amp;geben</translation>
    </message>
    <message>
        <source>As %1...</source>
        <translation>Als %1...</translation>
    </message>
    <message>
        <source>Write the current set as %1</source>
        <translation>Den aktuellen Satz als %1 schreiben</translation>
    </message>
    <message>
        <source>&amp;Bring in a palette...</source>
        <translation>Eine Palette &amp;hereinholen...</translation>
    </message>
    <message>
        <source>Read swatches from a palette file of any open format, or from a picture</source>
        <translation>Farbfelder aus einer Palettendatei in offenem Format oder aus einem Bild lesen</translation>
    </message>
    <message>
        <source>Pac&amp;k a parcel...</source>
        <translation>Ein &amp;Paket packen...</translation>
    </message>
    <message>
        <source>Pack the sets and the mask of this piece into one file for others</source>
        <translation>Sätze und Maske dieses Werks in eine Datei für andere packen</translation>
    </message>
    <message>
        <source>&amp;Unpack a parcel...</source>
        <translation>Ein Paket a&amp;uspacken...</translation>
    </message>
    <message>
        <source>Put the sets and masks of a parcel on the shelf</source>
        <translation>Sätze und Masken eines Pakets ins Regal stellen</translation>
    </message>
    <message>
        <source>Open files in the &amp;running window</source>
        <translation>Dateien im &amp;laufenden Fenster öffnen</translation>
    </message>
    <message>
        <source>Files given to another start of the program are opened in the window that runs already</source>
        <translation>Dateien, die einem weiteren Start des Programms gegeben werden, öffnen sich im Fenster, das schon läuft</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>Leave Zonachrom</source>
        <translation>Zonachrom verlassen</translation>
    </message>
    <message>
        <source>No pieces yet</source>
        <translation>Noch keine Werke</translation>
    </message>
</context>
<context>
    <name>zc::FileProgress</name>
    <message>
        <source>How far reading or writing the file is</source>
        <translation>Wie weit das Lesen oder Schreiben der Datei ist</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stop; the file and the open piece stay as they are</source>
        <translation>Anhalten; Datei und offenes Werk bleiben, wie sie sind</translation>
    </message>
</context>
<context>
    <name>zc::FilesPanel</name>
    <message>
        <source>choose the folder</source>
        <translation>Ordner wählen</translation>
    </message>
    <message>
        <source>Where the files are written</source>
        <translation>Wohin die Dateien geschrieben werden</translation>
    </message>
    <message>
        <source>Write all of these</source>
        <translation>Alle schreiben</translation>
    </message>
    <message>
        <source>Write every chosen format into the folder; the same again without asking</source>
        <translation>Jedes gewählte Format in den Ordner schreiben; dasselbe noch einmal, ohne zu fragen</translation>
    </message>
    <message>
        <source>at every save too</source>
        <translation>bei jedem Speichern</translation>
    </message>
    <message>
        <source>Write them again whenever the piece is saved</source>
        <translation>Sie bei jedem Speichern des Werks neu schreiben</translation>
    </message>
    <message>
        <source>Write it with the others</source>
        <translation>Mit den anderen schreiben</translation>
    </message>
    <message>
        <source>Lines of your own</source>
        <translation>Eigene Zeilen</translation>
    </message>
    <message>
        <source>Patterns on the shelf</source>
        <translation>Muster im Regal</translation>
    </message>
    <message>
        <source>Begin with one of these patterns</source>
        <translation>Mit einem dieser Muster beginnen</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>Keep this pattern on the shelf, named by its line of a swatch</source>
        <translation>Dieses Muster ins Regal stellen, benannt nach seiner Zeile für ein Farbfeld</translation>
    </message>
    <message>
        <source>read a file</source>
        <translation>Datei lesen</translation>
    </message>
    <message>
        <source>Bring in the swatches of a text file that has the shape of this pattern</source>
        <translation>Die Farbfelder einer Textdatei hereinholen, die diesem Muster folgt</translation>
    </message>
    <message>
        <source>The pattern of the lines</source>
        <translation>Das Muster der Zeilen</translation>
    </message>
    <message>
        <source>Words with fields in braces: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}; see Lines of the painter&apos;s own in the documents</source>
        <translation>Wörter mit Feldern in Klammern: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}; siehe Eigene Zeilen in den Dokumenten</translation>
    </message>
    <message>
        <source>The pattern is on the shelf.</source>
        <translation>Das Muster steht im Regal.</translation>
    </message>
    <message>
        <source>No folder is chosen yet.</source>
        <translation>Noch ist kein Ordner gewählt.</translation>
    </message>
</context>
<context>
    <name>zc::FirstStart</name>
    <message>
        <source>First start</source>
        <translation>Erster Start</translation>
    </message>
    <message>
        <source>How would you like to begin?</source>
        <translation>Womit soll es beginnen?</translation>
    </message>
    <message>
        <source>With a photo</source>
        <translation>Mit einem Foto</translation>
    </message>
    <message>
        <source>Choose a photo of your own. Its colors become the first swatches.</source>
        <translation>Ein eigenes Foto wählen. Seine Farben werden die ersten Farbfelder.</translation>
    </message>
    <message>
        <source>With an empty piece</source>
        <translation>Mit einem leeren Werk</translation>
    </message>
    <message>
        <source>A wheel, a value line, nothing laid yet.</source>
        <translation>Ein Farbkreis, eine Linie für den Tonwert, noch nichts gelegt.</translation>
    </message>
    <message>
        <source>With the demo</source>
        <translation>Mit der Vorführung</translation>
    </message>
    <message>
        <source>Coppersmiths&apos; Row, a finished plan with photos, mask and graded set, as a copy to try things on.</source>
        <translation>Coppersmiths&apos; Row, ein fertiger Plan mit Fotos, Maske und abgestuftem Satz, als Kopie zum Ausprobieren.</translation>
    </message>
    <message>
        <source>A list of first steps goes along above the desk. F1 opens the handbook.</source>
        <translation>Eine Liste erster Schritte steht über dem Tisch. F1 öffnet das Handbuch.</translation>
    </message>
</context>
<context>
    <name>zc::GradeDesk</name>
    <message>
        <source>staff</source>
        <translation>Notenzeile</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Familien sind Spalten, die Höhe ist der Tonwert</translation>
    </message>
    <message>
        <source>rows</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Ein enges Raster mit freien Plätzen</translation>
    </message>
    <message>
        <source>list</source>
        <translation>Liste</translation>
    </message>
    <message>
        <source>Names, numbers and notes</source>
        <translation>Namen, Zahlen und Notizen</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
    </message>
    <message>
        <source>chips</source>
        <translation>Plättchen</translation>
    </message>
    <message>
        <source>small</source>
        <translation>klein</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>large</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>Show the chips of the rows %1</source>
        <translation>Die Plättchen der Zeilen %1 zeigen</translation>
    </message>
    <message>
        <source>Find swatches</source>
        <translation>Farbfelder suchen</translation>
    </message>
    <message>
        <source>find a name, or the nearest to a hex color</source>
        <translation>Name suchen, oder das Nächste zu einer Hex-Farbe</translation>
    </message>
    <message>
        <source>Enter selects the swatches with these letters in their name, or the one nearest to the color</source>
        <translation>Die Eingabetaste wählt Farbfelder mit diesen Buchstaben im Namen aus, oder das der Farbe nächste</translation>
    </message>
    <message>
        <source>Look</source>
        <translation>Ansehen</translation>
    </message>
    <message>
        <source>What to look at, each with a remedy</source>
        <translation>Was anzusehen ist, jeweils mit einer Abhilfe</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change many swatches at once</source>
        <translation>Viele Farbfelder auf einmal ändern</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Sets of the piece and versions of this one</source>
        <translation>Sätze des Werks und Versionen von diesem</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Sets kept across pieces</source>
        <translation>Sätze, die über Werke hinweg bleiben</translation>
    </message>
    <message>
        <source>Show %1; drop swatches here to move them into its first family</source>
        <translation>%1 zeigen; Farbfelder hier ablegen bringt sie in die erste Familie</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is nearest, CIEDE2000 %2 away.</source>
        <translation>&quot;%1&quot; ist am nächsten, CIEDE2000 %2 entfernt.</translation>
    </message>
    <message>
        <source>No swatch of this set has these letters in its name.</source>
        <translation>Kein Farbfeld dieses Satzes hat diese Buchstaben im Namen.</translation>
    </message>
</context>
<context>
    <name>zc::GradeMenu</name>
    <message>
        <source>&amp;Grade</source>
        <translation>Ab&amp;stufen</translation>
    </message>
    <message>
        <source>&amp;Staff</source>
        <translation>&amp;Notenzeile</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Familien sind Spalten, die Höhe ist der Tonwert</translation>
    </message>
    <message>
        <source>&amp;Rows</source>
        <translation>&amp;Zeilen</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Ein enges Raster mit freien Plätzen</translation>
    </message>
    <message>
        <source>&amp;List</source>
        <translation>&amp;Liste</translation>
    </message>
    <message>
        <source>Names, numbers and notes</source>
        <translation>Namen, Zahlen und Notizen</translation>
    </message>
    <message>
        <source>&amp;Versions</source>
        <translation>&amp;Versionen</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
    </message>
    <message>
        <source>Select the l&amp;ight ones</source>
        <translation>Die &amp;hellen auswählen</translation>
    </message>
    <message>
        <source>Select the swatches of the light band</source>
        <translation>Die Farbfelder des hellen Bandes auswählen</translation>
    </message>
    <message>
        <source>Select the &amp;middle ones</source>
        <translation>Die &amp;mittleren auswählen</translation>
    </message>
    <message>
        <source>Select the swatches of the middle band</source>
        <translation>Die Farbfelder des mittleren Bandes auswählen</translation>
    </message>
    <message>
        <source>Select the &amp;dark ones</source>
        <translation>Die &amp;dunklen auswählen</translation>
    </message>
    <message>
        <source>Select the swatches of the dark band</source>
        <translation>Die Farbfelder des dunklen Bandes auswählen</translation>
    </message>
    <message>
        <source>Select &amp;near-duplicates</source>
        <translation>&amp;Beinahe-Doppelte auswählen</translation>
    </message>
    <message>
        <source>Select all swatches that are near-duplicates of another</source>
        <translation>Alle Farbfelder auswählen, die einem anderen beinahe gleichen</translation>
    </message>
    <message>
        <source>Fi&amp;ll between</source>
        <translation>Da&amp;zwischen füllen</translation>
    </message>
    <message>
        <source>Lay three colors between the two selected swatches, in place</source>
        <translation>Drei Farben zwischen die beiden ausgewählten Farbfelder legen, an ihren Platz</translation>
    </message>
    <message>
        <source>&amp;Even out the family</source>
        <translation>Familie &amp;ausgleichen</translation>
    </message>
    <message>
        <source>Spread the values of the chosen family evenly between its ends; locked ones stay</source>
        <translation>Die Tonwerte der gewählten Familie gleichmäßig zwischen ihren Enden verteilen; Gesperrtes bleibt</translation>
    </message>
    <message>
        <source>Even out family</source>
        <translation>Familie ausgleichen</translation>
    </message>
    <message>
        <source>Split o&amp;ff as a family</source>
        <translation>Als &amp;Familie abspalten</translation>
    </message>
    <message>
        <source>Move the selected swatches into a family of their own</source>
        <translation>Die ausgewählten Farbfelder in eine eigene Familie bringen</translation>
    </message>
    <message>
        <source>S&amp;ort the rows</source>
        <translation>Zeilen &amp;sortieren</translation>
    </message>
    <message>
        <source>By &amp;value</source>
        <translation>Nach Ton&amp;wert</translation>
    </message>
    <message>
        <source>Light to dark</source>
        <translation>Hell nach dunkel</translation>
    </message>
    <message>
        <source>By &amp;hue</source>
        <translation>Nach &amp;Farbton</translation>
    </message>
    <message>
        <source>By OKLab hue, neutrals first</source>
        <translation>Nach OKLab-Farbton, Neutrale zuerst</translation>
    </message>
    <message>
        <source>By &amp;chroma</source>
        <translation>Nach &amp;Buntheit</translation>
    </message>
    <message>
        <source>Vivid to grey</source>
        <translation>Leuchtend nach grau</translation>
    </message>
    <message>
        <source>By &amp;name</source>
        <translation>Nach &amp;Namen</translation>
    </message>
    <message>
        <source>By name</source>
        <translation>Nach Namen</translation>
    </message>
    <message>
        <source>Sort rows</source>
        <translation>Zeilen sortieren</translation>
    </message>
</context>
<context>
    <name>zc::HandOver</name>
    <message>
        <source>handed over %1</source>
        <translation>%1 übergeben</translation>
    </message>
    <message>
        <source>own line</source>
        <translation>eigene Zeile</translation>
    </message>
</context>
<context>
    <name>zc::HandPanel</name>
    <message>
        <source>with a small picture</source>
        <translation>mit einem kleinen Bild</translation>
    </message>
    <message>
        <source>Every pick is handed over as</source>
        <translation>Jede Wahl wird übergeben als</translation>
    </message>
    <message>
        <source>Line of your own</source>
        <translation>Eigene Zeile</translation>
    </message>
    <message>
        <source>Your own line, with fields in braces: {hex} {r} {g} {b} {L} {a*} {b*} {value} {chroma} {hue} {name} {family} {set} {title}; {r:3} takes at least three places, {{ is a brace.</source>
        <translation>Eine eigene Zeile, mit Feldern in Klammern: {hex} {r} {g} {b} {L} {a*} {b*} {value} {chroma} {hue} {name} {family} {set} {title}; {r:3} nimmt mindestens drei Stellen, {{ ist eine Klammer.</translation>
    </message>
    <message>
        <source>The clipboard also carries a small picture of the color</source>
        <translation>Die Zwischenablage trägt auch ein kleines Bild der Farbe</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
</context>
<context>
    <name>zc::HandbookWindow</name>
    <message>
        <source>Handbook of Zonachrom</source>
        <translation>Handbuch von Zonachrom</translation>
    </message>
    <message>
        <source>Search the handbook</source>
        <translation>Das Handbuch durchsuchen</translation>
    </message>
    <message>
        <source>Words that stand on a page; Enter opens the first one</source>
        <translation>Wörter, die auf einer Seite stehen; die Eingabetaste öffnet die erste</translation>
    </message>
    <message>
        <source>search</source>
        <translation>suchen</translation>
    </message>
    <message>
        <source>Pages of the handbook</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>Pages, or those on which the words stand</source>
        <translation>Seiten, oder die, auf denen die Wörter stehen</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Seite des Handbuchs</translation>
    </message>
    <message>
        <source>The handbook is not there; install the program anew.</source>
        <translation>Das Handbuch fehlt; das Programm neu installieren.</translation>
    </message>
    <message>
        <source>These words stand on no page.</source>
        <translation>Diese Wörter stehen auf keiner Seite.</translation>
    </message>
</context>
<context>
    <name>zc::Head</name>
    <message>
        <source>card</source>
        <translation>Karte</translation>
    </message>
    <message>
        <source>Title of the piece</source>
        <translation>Titel des Werks</translation>
    </message>
    <message>
        <source>The title of the piece; click to edit it</source>
        <translation>Der Titel des Werks; ein Klick zum Ändern</translation>
    </message>
    <message>
        <source>The card of the piece: title, words, date and signature</source>
        <translation>Die Karte des Werks: Titel, Worte, Datum und Signatur</translation>
    </message>
    <message>
        <source>Change title</source>
        <translation>Titel ändern</translation>
    </message>
    <message>
        <source>Values only</source>
        <translation>Nur Tonwerte</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness (Ctrl+G)</source>
        <translation>Alles in Grautönen gleicher Helligkeit zeigen (Strg+G)</translation>
    </message>
    <message>
        <source>Everything is shown as these eyes see it; press to see it as it is</source>
        <translation>Alles ist zu sehen, wie diese Augen es sehen; Drücken zeigt es, wie es ist</translation>
    </message>
    <message>
        <source>Reference</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>Keep a small reference in sight on this desk (K)</source>
        <translation>Eine kleine Vorlage an diesem Tisch im Blick behalten (K)</translation>
    </message>
    <message>
        <source>Beside</source>
        <translation>Daneben</translation>
    </message>
    <message>
        <source>A small window to stand beside your canvas, above other programs (B)</source>
        <translation>Ein kleines Fenster neben der Leinwand, über anderen Programmen (B)</translation>
    </message>
    <message>
        <source>%1. Click to edit the title.</source>
        <translation>%1. Ein Klick zum Ändern des Titels.</translation>
    </message>
</context>
<context>
    <name>zc::HelpMenu</name>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Handbook</source>
        <translation>&amp;Handbuch</translation>
    </message>
    <message>
        <source>The page of the desk you are at</source>
        <translation>Die Seite des Tisches, an dem man ist</translation>
    </message>
    <message>
        <source>The &amp;order of work</source>
        <translation>Der &amp;Gang der Arbeit</translation>
    </message>
    <message>
        <source>The first page of the handbook</source>
        <translation>Die erste Seite des Handbuchs</translation>
    </message>
    <message>
        <source>Every &amp;key</source>
        <translation>Alle &amp;Tasten</translation>
    </message>
    <message>
        <source>All commands with their keys</source>
        <translation>Alle Befehle mit ihren Tasten</translation>
    </message>
    <message>
        <source>The &amp;first steps</source>
        <translation>Die &amp;ersten Schritte</translation>
    </message>
    <message>
        <source>The list of first steps, with nothing ticked yet</source>
        <translation>Die Liste erster Schritte, noch ohne Haken</translation>
    </message>
    <message>
        <source>Copy &amp;details</source>
        <translation>&amp;Angaben kopieren</translation>
    </message>
    <message>
        <source>Versions, screens and what the program did, for a report; nothing of your pieces</source>
        <translation>Versionen, Bildschirme und was das Programm tat, für einen Bericht; nichts aus den Werken</translation>
    </message>
    <message>
        <source>The details are on the clipboard; nothing of your pieces is among them.</source>
        <translation>Die Angaben liegen in der Zwischenablage; aus den Werken ist nichts dabei.</translation>
    </message>
    <message>
        <source>&amp;About Zonachrom</source>
        <translation>&amp;Über Zonachrom</translation>
    </message>
    <message>
        <source>What this program is</source>
        <translation>Was dieses Programm ist</translation>
    </message>
    <message>
        <source>Zonachrom %1

A desk for planning a limited palette: gamut masks over a hue wheel, colors picked at true lightness, value-graded swatch sets.</source>
        <translation>Zonachrom %1

Ein Tisch zum Planen einer begrenzten Palette: Farbmasken über einem Farbkreis, Farben in wahrer Helligkeit gewählt, nach Tonwert abgestufte Farbsätze.</translation>
    </message>
</context>
<context>
    <name>zc::HowPanel</name>
    <message>
        <source>Least difference</source>
        <translation>Kleinster Unterschied</translation>
    </message>
    <message>
        <source>How many accents</source>
        <translation>Wie viele Akzente</translation>
    </message>
    <message>
        <source>Least CIEDE2000 between any two, 0 to 50</source>
        <translation>Kleinstes CIEDE2000 zwischen je zweien, 0 bis 50</translation>
    </message>
    <message>
        <source>What stands for a group</source>
        <translation>Was für eine Gruppe steht</translation>
    </message>
    <message>
        <source>The mean of a group of pixels, or its most typical pixel</source>
        <translation>Das Mittel einer Gruppe von Pixeln, oder ihr typischstes Pixel</translation>
    </message>
    <message>
        <source>as means</source>
        <translation>als Mittel</translation>
    </message>
    <message>
        <source>as pixels</source>
        <translation>als Pixel</translation>
    </message>
    <message>
        <source>What the mask does to the extraction</source>
        <translation>Was die Maske beim Herausnehmen tut</translation>
    </message>
    <message>
        <source>Take colors from the whole photo, from what lies in the mask, or brought into it</source>
        <translation>Farben aus dem ganzen Foto nehmen, aus dem in der Maske, oder in sie hineingeholt</translation>
    </message>
    <message>
        <source>from the whole photo</source>
        <translation>aus dem ganzen Foto</translation>
    </message>
    <message>
        <source>from inside the mask</source>
        <translation>aus der Maske</translation>
    </message>
    <message>
        <source>brought into the mask</source>
        <translation>in die Maske geholt</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>apart, with</source>
        <translation>auseinander, mit</translation>
    </message>
    <message>
        <source>accents,</source>
        <translation>Akzenten,</translation>
    </message>
    <message>
        <source>Small colors far off from all the others: at most so many of the colors that are counted</source>
        <translation>Kleine Farben fern von allen anderen: höchstens so viele der gezählten Farben</translation>
    </message>
</context>
<context>
    <name>zc::ImportView</name>
    <message>
        <source>leave out what the set has</source>
        <translation>lassen, was der Satz hat</translation>
    </message>
    <message>
        <source>leave out what is near</source>
        <translation>lassen, was nahe ist</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>Colors found in the file</source>
        <translation>Farben, die in der Datei sind</translation>
    </message>
    <message>
        <source>Where to put them</source>
        <translation>Wohin damit</translation>
    </message>
    <message>
        <source>Bring the colors in, in one step that can be undone</source>
        <translation>Die Farben hereinholen, in einem Schritt, der sich zurücknehmen lässt</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>So lassen</translation>
    </message>
    <message>
        <source>Bring nothing in</source>
        <translation>Nichts hereinholen</translation>
    </message>
    <message>
        <source>as a new set</source>
        <translation>als neuen Satz</translation>
    </message>
    <message>
        <source>into &quot;%1&quot;, family by family</source>
        <translation>in &quot;%1&quot;, Familie für Familie</translation>
    </message>
    <message>
        <source>into the family &quot;%1&quot;</source>
        <translation>in die Familie &quot;%1&quot;</translation>
    </message>
    <message>
        <source>%1 new; %2 the set has already (ticked); %3 near to one it has (waved).</source>
        <translation>%1 neu; %2 hat der Satz schon (Haken); %3 nahe bei einer von ihm (Welle).</translation>
    </message>
    <message>
        <source>Bring in %1</source>
        <translation>%1 hereinholen</translation>
    </message>
    <message>
        <source>%1: %2 in %3</source>
        <translation>%1: %2 in %3</translation>
    </message>
    <message numerus="yes">
        <source>%n colors</source>
        <translation>
            <numerusform>%n Farbe</numerusform>
            <numerusform>%n Farben</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n families</source>
        <translation>
            <numerusform>%n Familie</numerusform>
            <numerusform>%n Familien</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::KeptReference</name>
    <message>
        <source>Reference kept in sight</source>
        <translation>Vorlage im Blick</translation>
    </message>
    <message>
        <source>Which reference is kept in sight</source>
        <translation>Welche Vorlage im Blick bleibt</translation>
    </message>
    <message>
        <source>How the kept reference is looked at</source>
        <translation>Wie die Vorlage im Blick angesehen wird</translation>
    </message>
    <message>
        <source>How it is looked at on this desk; keys on the photo do the same</source>
        <translation>Wie sie an diesem Tisch angesehen wird; Tasten auf dem Foto tun dasselbe</translation>
    </message>
    <message>
        <source>color</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>blinzeln</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>away</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>Put the reference away on this desk (K)</source>
        <translation>Die Vorlage an diesem Tisch wegräumen (K)</translation>
    </message>
</context>
<context>
    <name>zc::LacksPanel</name>
    <message>
        <source>Whose needs</source>
        <translation>Wessen Bedarf</translation>
    </message>
    <message>
        <source>The picture whose needs the set is held against</source>
        <translation>Das Bild, an dessen Bedarf der Satz gemessen wird</translation>
    </message>
    <message>
        <source>At most so many colors, 1 to 12</source>
        <translation>Höchstens so viele Farben, 1 bis 12</translation>
    </message>
    <message>
        <source> colors</source>
        <translation> Farben</translation>
    </message>
    <message>
        <source>CIEDE2000 from every swatch and from each other</source>
        <translation>CIEDE2000 von jedem Farbfeld und voneinander</translation>
    </message>
    <message>
        <source> apart</source>
        <translation> auseinander</translation>
    </message>
    <message>
        <source>The picture shown</source>
        <translation>Das gezeigte Bild</translation>
    </message>
    <message>
        <source>looking...</source>
        <translation>wird angesehen...</translation>
    </message>
    <message>
        <source>needs %1: present %2, missing %3</source>
        <translation>braucht %1: da %2, fehlt %3</translation>
    </message>
    <message>
        <source>%1 %, %2 from %3</source>
        <translation>%1 %, %2 von %3</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>legen</translation>
    </message>
    <message>
        <source>Lay this color into the chosen family</source>
        <translation>Diese Farbe in die gewählte Familie legen</translation>
    </message>
    <message>
        <source>A color of another picture</source>
        <translation>Eine Farbe eines anderen Bildes</translation>
    </message>
    <message>
        <source>Show where in the picture it is</source>
        <translation>Zeigen, wo im Bild sie ist</translation>
    </message>
    <message>
        <source>Nothing: no color of the picture is far from every swatch.</source>
        <translation>Nichts: keine Farbe des Bildes ist fern von allen Farbfeldern.</translation>
    </message>
    <message>
        <source>Looking for what it lacks.</source>
        <translation>Es wird gesucht, was fehlt.</translation>
    </message>
    <message>
        <source>lay all</source>
        <translation>alle legen</translation>
    </message>
    <message>
        <source>Lay all of these as a family</source>
        <translation>Alle als Familie legen</translation>
    </message>
    <message>
        <source>from the picture</source>
        <translation>aus dem Bild</translation>
    </message>
</context>
<context>
    <name>zc::Laying</name>
    <message>
        <source>Lay swatch</source>
        <translation>Farbfeld legen</translation>
    </message>
    <message>
        <source>Lay %1 as a family</source>
        <translation>%1 als Familie legen</translation>
    </message>
    <message numerus="yes">
        <source>Lay %1 as %n families</source>
        <translation>
            <numerusform>%1 als %n Familie legen</numerusform>
            <numerusform>%1 als %n Familien legen</numerusform>
        </translation>
    </message>
    <message>
        <source>key colors</source>
        <translation>Eckfarben</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message numerus="yes">
        <source>Accept %n colors</source>
        <translation>
            <numerusform>%n Farbe annehmen</numerusform>
            <numerusform>%n Farben annehmen</numerusform>
        </translation>
    </message>
    <message>
        <source>Show set</source>
        <translation>Satz zeigen</translation>
    </message>
</context>
<context>
    <name>zc::LightPanel</name>
    <message>
        <source>Strength of the light, percent</source>
        <translation>Stärke des Lichts, Prozent</translation>
    </message>
    <message>
        <source>Amount of air, percent</source>
        <translation>Menge der Luft, Prozent</translation>
    </message>
    <message>
        <source>the current color</source>
        <translation>die aktuelle Farbe</translation>
    </message>
    <message>
        <source>Use the current color for it</source>
        <translation>Die aktuelle Farbe dafür nehmen</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>Keep as a version</source>
        <translation>Als Version behalten</translation>
    </message>
    <message>
        <source>Keep the set under this light and air as a version of it</source>
        <translation>Den Satz unter diesem Licht und dieser Luft als Version behalten</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Turn the light or the air up first.</source>
        <translation>Zuerst Licht oder Luft aufdrehen.</translation>
    </message>
    <message>
        <source>under a light</source>
        <translation>unter einem Licht</translation>
    </message>
    <message>
        <source>Keep the light as a version</source>
        <translation>Das Licht als Version behalten</translation>
    </message>
    <message>
        <source>Exposure in stops</source>
        <translation>Belichtung in Blendenstufen</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>Belichtung</translation>
    </message>
    <message>
        <source> stops</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>How bright the light is: at 0 a white wall just fits into the display&apos;s colors, and a stop more is twice the light</source>
        <translation>Wie hell das Licht ist: bei 0 passt eine weiße Wand gerade noch in die Farben des Bildschirms, und eine Stufe mehr ist doppelt so viel Licht</translation>
    </message>
</context>
<context>
    <name>zc::LimitDesk</name>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>Click corners and close at the first one, or draw freehand with mouse or pen; Enter closes, Backspace takes a corner back, Escape stops</source>
        <translation>Ecken anklicken und an der ersten schließen, oder frei mit Maus oder Stift zeichnen; die Eingabetaste schließt, die Rücktaste nimmt eine Ecke zurück, Escape hört auf</translation>
    </message>
    <message>
        <source>ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>Drag from the middle outward</source>
        <translation>Von der Mitte nach außen ziehen</translation>
    </message>
    <message>
        <source>ring sector</source>
        <translation>Ringsektor</translation>
    </message>
    <message>
        <source>Drag from one corner to the opposite one</source>
        <translation>Von einer Ecke zur anderen ziehen</translation>
    </message>
    <message>
        <source>adds</source>
        <translation>fügt zu</translation>
    </message>
    <message>
        <source>The next area drawn adds to the mask</source>
        <translation>Die nächste gezeichnete Fläche erweitert die Maske</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>schneidet</translation>
    </message>
    <message>
        <source>The next area drawn cuts a hole into the mask</source>
        <translation>Die nächste gezeichnete Fläche schneidet ein Loch in die Maske</translation>
    </message>
    <message>
        <source>Take neutral</source>
        <translation>Neutral nehmen</translation>
    </message>
    <message>
        <source>Take up the subjective neutral, the middle of the mask, at the current value</source>
        <translation>Das subjektive Neutral, die Mitte der Maske, beim aktuellen Tonwert aufnehmen</translation>
    </message>
    <message>
        <source>Lay keys</source>
        <translation>Eckfarben legen</translation>
    </message>
    <message>
        <source>Lay the key colors, the corners of the mask at the current value, as a family</source>
        <translation>Die Eckfarben der Maske beim aktuellen Tonwert als Familie legen</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Take the mask off the piece (Undo brings it back)</source>
        <translation>Die Maske vom Werk nehmen (Rückgängig bringt sie zurück)</translation>
    </message>
    <message>
        <source>Areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>The areas of the mask, in numbers</source>
        <translation>Die Flächen der Maske in Zahlen</translation>
    </message>
    <message>
        <source>Reference</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>The reference through the mask, and masks fitted to it</source>
        <translation>Die Vorlage durch die Maske, und Masken, die ihr angepasst sind</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Masks kept across pieces</source>
        <translation>Masken, die über Werke hinweg bleiben</translation>
    </message>
    <message>
        <source>, holds %1 % of %2</source>
        <translation>, hält %1 % von %2</translation>
    </message>
    <message>
        <source>No mask: every color can be picked. Choose a pattern or draw an area to limit hue and saturation.</source>
        <translation>Keine Maske: jede Farbe kann gewählt werden. Ein Muster wählen oder eine Fläche zeichnen, um Farbton und Sättigung zu begrenzen.</translation>
    </message>
    <message>
        <source>The mask is kept but not used.</source>
        <translation>Die Maske bleibt, wird aber nicht verwendet.</translation>
    </message>
    <message>
        <source>The mask encloses nothing and admits no color; pull its corners apart.</source>
        <translation>Die Maske umschließt nichts und lässt keine Farbe zu; ihre Ecken auseinanderziehen.</translation>
    </message>
    <message>
        <source>%1, turned %2°, fills %3 % of the wheel%5. Subjective neutral: %4.</source>
        <translation>%1, um %2° gedreht, füllt %3 % des Farbkreises%5. Subjektives Neutral: %4.</translation>
    </message>
    <message>
        <source>An outline crosses itself and is left open there.</source>
        <translation>Ein Umriss kreuzt sich selbst und bleibt dort offen.</translation>
    </message>
</context>
<context>
    <name>zc::LimitMenu</name>
    <message>
        <source>&amp;Limit</source>
        <translation>Be&amp;grenzen</translation>
    </message>
    <message>
        <source>Turn the mask; with &quot;carry the set&quot; its set along</source>
        <translation>Die Maske drehen; mit &quot;Satz mitnehmen&quot; auch ihren Satz</translation>
    </message>
    <message>
        <source>&amp;Turn the mask on</source>
        <translation>Maske &amp;weiterdrehen</translation>
    </message>
    <message>
        <source>Turn the mask &amp;back</source>
        <translation>Maske &amp;zurückdrehen</translation>
    </message>
    <message>
        <source>Turn the mask to the &amp;complements</source>
        <translation>Maske zu den &amp;Komplementen drehen</translation>
    </message>
    <message>
        <source>Turn the mask a &amp;hue on</source>
        <translation>Maske einen &amp;Farbton weiter</translation>
    </message>
    <message>
        <source>Turn the mask a hue bac&amp;k</source>
        <translation>Maske einen Farbton z&amp;urück</translation>
    </message>
    <message>
        <source>Turn the mask &amp;by...</source>
        <translation>Maske drehen &amp;um...</translation>
    </message>
    <message>
        <source>Type how far the mask is turned on: 15 and Enter, or -15</source>
        <translation>Eingeben, wie weit die Maske weitergedreht wird: 15 und Eingabetaste, oder -15</translation>
    </message>
    <message>
        <source>Draw an &amp;outline</source>
        <translation>Einen &amp;Umriss zeichnen</translation>
    </message>
    <message>
        <source>Draw an &amp;ellipse</source>
        <translation>Eine &amp;Ellipse zeichnen</translation>
    </message>
    <message>
        <source>Draw a &amp;ring sector</source>
        <translation>Einen &amp;Ringsektor zeichnen</translation>
    </message>
    <message>
        <source>Draw a new area of the mask on the wheel</source>
        <translation>Eine neue Maskenfläche auf dem Farbkreis zeichnen</translation>
    </message>
    <message>
        <source>Take the &amp;neutral up</source>
        <translation>&amp;Neutral aufnehmen</translation>
    </message>
    <message>
        <source>Take up the middle of the mask</source>
        <translation>Die Mitte der Maske aufnehmen</translation>
    </message>
    <message>
        <source>Lay the &amp;key colors</source>
        <translation>Die Ec&amp;kfarben legen</translation>
    </message>
    <message>
        <source>Lay the corners of the mask as a family</source>
        <translation>Die Ecken der Maske als Familie legen</translation>
    </message>
    <message>
        <source>Move the area &amp;up</source>
        <translation>Fläche nach &amp;oben</translation>
    </message>
    <message>
        <source>Let the area worked on come before the one above it</source>
        <translation>Die bearbeitete Fläche vor die darüber stellen</translation>
    </message>
    <message>
        <source>Move the area &amp;down</source>
        <translation>Fläche nach unte&amp;n</translation>
    </message>
    <message>
        <source>Let the area worked on come after the one below it</source>
        <translation>Die bearbeitete Fläche hinter die darunter stellen</translation>
    </message>
    <message>
        <source>&amp;Remove the area</source>
        <translation>Fläche ent&amp;fernen</translation>
    </message>
    <message>
        <source>Remove the mask area worked on</source>
        <translation>Die bearbeitete Maskenfläche entfernen</translation>
    </message>
    <message>
        <source>Take the &amp;mask off</source>
        <translation>Maske &amp;abnehmen</translation>
    </message>
    <message>
        <source>Take the mask off the piece</source>
        <translation>Die Maske vom Werk nehmen</translation>
    </message>
</context>
<context>
    <name>zc::ListView</name>
    <message>
        <source>Filter the list</source>
        <translation>Die Liste filtern</translation>
    </message>
    <message>
        <source>only rows with these letters in a name, family, note or hex</source>
        <translation>nur Zeilen mit diesen Buchstaben in Name, Familie, Notiz oder Hex</translation>
    </message>
    <message>
        <source>The set as a list</source>
        <translation>Der Satz als Liste</translation>
    </message>
    <message>
        <source>Click selects, double click or F2 edits; a head sorts</source>
        <translation>Ein Klick wählt aus, Doppelklick oder F2 ändert; ein Kopf sortiert</translation>
    </message>
</context>
<context>
    <name>zc::LookBar</name>
    <message>
        <source>Number of flat tones</source>
        <translation>Anzahl flacher Töne</translation>
    </message>
    <message>
        <source>find</source>
        <translation>finden</translation>
    </message>
    <message>
        <source>Number of tone steps</source>
        <translation>Anzahl der Tonstufen</translation>
    </message>
    <message>
        <source>color</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>The photo in color (C)</source>
        <translation>Das Foto in Farbe (C)</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Greys of equal lightness (V)</source>
        <translation>Grautöne gleicher Helligkeit (V)</translation>
    </message>
    <message>
        <source>flat</source>
        <translation>flach</translation>
    </message>
    <message>
        <source>A few flat tones; drag their limits on the value axis (F)</source>
        <translation>Wenige flache Töne; ihre Grenzen auf der Tonwertachse ziehen (F)</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>blinzeln</translation>
    </message>
    <message>
        <source>Blurred, as with eyes half shut (S)</source>
        <translation>Unscharf, wie mit halb geschlossenen Augen (S)</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Even tone steps from black to white (T)</source>
        <translation>Gleiche Tonstufen von Schwarz bis Weiß (T)</translation>
    </message>
    <message>
        <source>mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>Through the mask; drag the edge between before and after (M)</source>
        <translation>Durch die Maske; die Kante zwischen Vorher und Nachher ziehen (M)</translation>
    </message>
    <message>
        <source>Look: %1</source>
        <translation>Ansicht: %1</translation>
    </message>
    <message>
        <source> tones</source>
        <translation> Töne</translation>
    </message>
    <message>
        <source>How many flat tones, 2 to 5</source>
        <translation>Wie viele flache Töne, 2 bis 5</translation>
    </message>
    <message>
        <source>Find the limits between the tones again</source>
        <translation>Die Grenzen zwischen den Tönen neu finden</translation>
    </message>
    <message>
        <source>How much to squint</source>
        <translation>Wie stark geblinzelt wird</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>How many tone steps, 2 to 21</source>
        <translation>Wie viele Tonstufen, 2 bis 21</translation>
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
        <translation>abgelegtes Foto</translation>
    </message>
</context>
<context>
    <name>zc::MaskHands</name>
    <message>
        <source>Reshape mask area</source>
        <translation>Maskenfläche umformen</translation>
    </message>
    <message>
        <source>Move mask area</source>
        <translation>Maskenfläche verschieben</translation>
    </message>
    <message>
        <source>Turn mask area</source>
        <translation>Maskenfläche drehen</translation>
    </message>
    <message>
        <source>Turn mask</source>
        <translation>Maske drehen</translation>
    </message>
    <message>
        <source>The outline crosses itself; where it overlaps, the mask is left open.</source>
        <translation>Der Umriss kreuzt sich; wo er sich überdeckt, bleibt die Maske offen.</translation>
    </message>
    <message>
        <source>Add mask area</source>
        <translation>Maskenfläche hinzufügen</translation>
    </message>
    <message>
        <source>Cut mask</source>
        <translation>Maske ausschneiden</translation>
    </message>
    <message>
        <source>Add mask corner</source>
        <translation>Maskenecke hinzufügen</translation>
    </message>
    <message>
        <source>Remove mask corner</source>
        <translation>Maskenecke entfernen</translation>
    </message>
    <message>
        <source>Remove mask area</source>
        <translation>Maskenfläche entfernen</translation>
    </message>
    <message>
        <source>Remove this corner</source>
        <translation>Diese Ecke entfernen</translation>
    </message>
    <message>
        <source>Remove this area</source>
        <translation>Diese Fläche entfernen</translation>
    </message>
    <message>
        <source>Scale mask area</source>
        <translation>Maskenfläche skalieren</translation>
    </message>
    <message>
        <source>Bend mask edge</source>
        <translation>Maskenkante biegen</translation>
    </message>
</context>
<context>
    <name>zc::MaskRuleChoice</name>
    <message>
        <source>Mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>Picks stay inside the mask, at the same value</source>
        <translation>Gewähltes bleibt in der Maske, beim gleichen Tonwert</translation>
    </message>
    <message>
        <source>flagged</source>
        <translation>markiert</translation>
    </message>
    <message>
        <source>Picks outside the mask are allowed, and marked</source>
        <translation>Wahl außerhalb der Maske ist erlaubt und wird markiert</translation>
    </message>
    <message>
        <source>free</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>Picks are not judged; the mask is only shown</source>
        <translation>Gewähltes wird nicht beurteilt; die Maske wird nur gezeigt</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>Keep the mask without showing or using it</source>
        <translation>Die Maske behalten, ohne sie zu zeigen oder zu verwenden</translation>
    </message>
    <message>
        <source>Change mask rule</source>
        <translation>Regel der Maske ändern</translation>
    </message>
    <message>
        <source>Switch mask off</source>
        <translation>Maske ausschalten</translation>
    </message>
    <message>
        <source>Mask %1</source>
        <translation>Maske: %1</translation>
    </message>
</context>
<context>
    <name>zc::MaskedPreview</name>
    <message>
        <source>The reference through the mask</source>
        <translation>Die Vorlage durch die Maske</translation>
    </message>
    <message>
        <source>Drag the edge: before it the photo as it is, after it in the mask</source>
        <translation>Die Kante ziehen: davor das Foto, wie es ist, dahinter in der Maske</translation>
    </message>
    <message>
        <source>The edge between before and after</source>
        <translation>Die Kante zwischen Vorher und Nachher</translation>
    </message>
    <message>
        <source>Add a reference at Observe to see it through the mask.</source>
        <translation>Beim Ansehen eine Vorlage hinzufügen, um sie durch die Maske zu sehen.</translation>
    </message>
</context>
<context>
    <name>zc::Masking</name>
    <message>
        <source>Change wheel</source>
        <translation>Farbkreis ändern</translation>
    </message>
    <message>
        <source>Turn mask</source>
        <translation>Maske drehen</translation>
    </message>
    <message>
        <source>Take mask off</source>
        <translation>Maske abnehmen</translation>
    </message>
</context>
<context>
    <name>zc::MixPanel</name>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Pigments absorb: curves of reflectance mixed by Kubelka and Munk</source>
        <translation>Pigmente schlucken: Reflexionskurven, nach Kubelka und Munk gemischt</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Light adds: as on a spinning disc or from far away</source>
        <translation>Licht zählt zusammen: wie auf einer Drehscheibe oder aus der Ferne</translation>
    </message>
    <message>
        <source>Parts of the mixture</source>
        <translation>Teile der Mischung</translation>
    </message>
    <message>
        <source>The parts that are read, corner by corner; type others such as 2 : 1 : 1</source>
        <translation>Die abgelesenen Teile, Ecke für Ecke; andere eingeben, etwa 2 : 1 : 1</translation>
    </message>
    <message>
        <source>parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Strength of corner %1</source>
        <translation>Stärke der Ecke %1</translation>
    </message>
    <message>
        <source>Tinting strength of color %1: how often a part of it counts</source>
        <translation>Färbekraft der Farbe %1: wie oft ein Teil davon zählt</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Color %1 mixes; off it is muted</source>
        <translation>Farbe %1 mischt mit; aus, ist sie stumm</translation>
    </message>
    <message>
        <source>add</source>
        <translation>dazu</translation>
    </message>
    <message>
        <source>Put another color at a corner: the current one, or a paint of the trade</source>
        <translation>Eine weitere Farbe an eine Ecke setzen: die aktuelle, oder eine handelsübliche Malfarbe</translation>
    </message>
    <message>
        <source>The current color</source>
        <translation>Die aktuelle Farbe</translation>
    </message>
    <message>
        <source>Clear the field</source>
        <translation>Das Feld leeren</translation>
    </message>
    <message>
        <source>Steps along the line</source>
        <translation>Stufen entlang der Linie</translation>
    </message>
    <message>
        <source>draw a line</source>
        <translation>Linie ziehen</translation>
    </message>
    <message>
        <source>The next drag across the field draws the line of a string; so does the right button</source>
        <translation>Das nächste Ziehen über das Feld zieht die Linie einer Farbreihe; ebenso die rechte Taste</translation>
    </message>
    <message>
        <source>Steps of the line and of the grid</source>
        <translation>Stufen der Linie und des Rasters</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>Steps of the string, and along a side of the grid, 2 to 12</source>
        <translation>Stufen der Farbreihe, und je Seite des Rasters, 2 bis 12</translation>
    </message>
    <message>
        <source>Lay line</source>
        <translation>Linie legen</translation>
    </message>
    <message>
        <source>Lay the steps of the line as a family</source>
        <translation>Die Stufen der Linie als Familie legen</translation>
    </message>
    <message>
        <source>Lay picks</source>
        <translation>Gewählte legen</translation>
    </message>
    <message>
        <source>Lay what was picked as a family</source>
        <translation>Was gewählt wurde, als Familie legen</translation>
    </message>
    <message>
        <source>Lay grid</source>
        <translation>Raster legen</translation>
    </message>
    <message>
        <source>Lay the whole field in steps, each row as a family</source>
        <translation>Das ganze Feld in Stufen legen, jede Zeile als Familie</translation>
    </message>
    <message>
        <source>The field has four colors; drop another on one of them.</source>
        <translation>Das Feld hat vier Farben; eine andere auf einer davon ablegen.</translation>
    </message>
    <message>
        <source>Type %1 numbers, such as 2 : 1.</source>
        <translation>%1 Zahlen eingeben, etwa 2 : 1.</translation>
    </message>
    <message>
        <source>across a mixture</source>
        <translation>quer durch eine Mischung</translation>
    </message>
    <message>
        <source>mixtures</source>
        <translation>Mischungen</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; in die Maske geholt</translation>
    </message>
    <message>
        <source>Two to four colors make a field.</source>
        <translation>Zwei bis vier Farben ergeben ein Feld.</translation>
    </message>
    <message>
        <source>; %1 is no paint&apos;s color, the nearest paint stands</source>
        <translation>; %1 ist keine Malfarbe, die nächste steht dafür</translation>
    </message>
    <message>
        <source>Point to read, drag to pick</source>
        <translation>Zeigen liest ab, Ziehen wählt</translation>
    </message>
</context>
<context>
    <name>zc::MixView</name>
    <message>
        <source>Field of mixtures</source>
        <translation>Mischfeld</translation>
    </message>
    <message>
        <source>Drag to pick a mixture; with the right button draw a line for a string.</source>
        <translation>Ziehen wählt eine Mischung; mit der rechten Taste eine Linie für eine Farbreihe ziehen.</translation>
    </message>
    <message>
        <source>Drop two to four colors here: from wells, the staff, results, anywhere a color is shown.</source>
        <translation>Zwei bis vier Farben hier ablegen: aus Näpfen, Notenzeile, Ergebnissen, überall wo eine Farbe zu sehen ist.</translation>
    </message>
    <message>
        <source>One color is there; drop another.</source>
        <translation>Eine Farbe ist da; eine weitere ablegen.</translation>
    </message>
    <message>
        <source>Click takes it up, the wheel changes its strength, a drag carries it on, the right button has more.</source>
        <translation>Ein Klick nimmt sie auf, das Mausrad ändert ihre Stärke, Ziehen trägt sie weiter, die rechte Taste hat mehr.</translation>
    </message>
    <message>
        <source>Let it mix again</source>
        <translation>Wieder mitmischen lassen</translation>
    </message>
    <message>
        <source>Mute it</source>
        <translation>Stumm schalten</translation>
    </message>
    <message>
        <source>Let it stay as it is</source>
        <translation>So lassen, wie sie ist</translation>
    </message>
    <message>
        <source>Let it follow the current color</source>
        <translation>Der aktuellen Farbe folgen lassen</translation>
    </message>
    <message>
        <source>Put the current color here</source>
        <translation>Die aktuelle Farbe hierher setzen</translation>
    </message>
    <message>
        <source>Take it off the field</source>
        <translation>Aus dem Feld nehmen</translation>
    </message>
    <message>
        <source>Corner %1: %2</source>
        <translation>Ecke %1: %2</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>stumm</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
</context>
<context>
    <name>zc::NameEditor</name>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
</context>
<context>
    <name>zc::NoticeBar</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close this message</source>
        <translation>Diese Meldung schließen</translation>
    </message>
</context>
<context>
    <name>zc::NumberField</name>
    <message>
        <source>Type a number from %1 to %2.</source>
        <translation>Eine Zahl von %1 bis %2 eingeben.</translation>
    </message>
</context>
<context>
    <name>zc::ObserveDesk</name>
    <message>
        <source>Sample size</source>
        <translation>Größe der Probe</translation>
    </message>
    <message>
        <source>How many pixels a sample averages (Shift+wheel over the photo)</source>
        <translation>Wie viele Pixel eine Probe mittelt (Umschalt+Mausrad auf dem Foto)</translation>
    </message>
    <message>
        <source>sample 1 pixel</source>
        <translation>Probe 1 Pixel</translation>
    </message>
    <message>
        <source>sample %1 × %1</source>
        <translation>Probe %1 × %1</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted</source>
        <translation>Fotos als Vorlagen hinzufügen (Strg+Umschalt+O); sie lassen sich auch ablegen oder einfügen</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>genommen</translation>
    </message>
    <message>
        <source>The colors taken and not laid yet</source>
        <translation>Die genommenen, noch nicht gelegten Farben</translation>
    </message>
    <message>
        <source>how</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>How far apart, as what, from where, and how many accents</source>
        <translation>Wie weit auseinander, als was, woher, und wie viele Akzente</translation>
    </message>
    <message>
        <source>the photo says</source>
        <translation>das Foto sagt</translation>
    </message>
    <message>
        <source>Its key, its shares of light, middle and dark, its colors on the wheel</source>
        <translation>Seine Tonlage, seine Anteile von hell, mittel und dunkel, seine Farben auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Stop opening the photos</source>
        <translation>Das Öffnen der Fotos anhalten</translation>
    </message>
    <message>
        <source>References</source>
        <translation>Vorlagen</translation>
    </message>
    <message>
        <source>%1, followed. %2</source>
        <translation>%1, wird gefolgt. %2</translation>
    </message>
    <message>
        <source>%1: %2 × %3, shown at %4 %</source>
        <translation>%1: %2 × %3, gezeigt mit %4 %</translation>
    </message>
</context>
<context>
    <name>zc::ObserveMenu</name>
    <message>
        <source>&amp;Observe</source>
        <translation>A&amp;nsehen</translation>
    </message>
    <message>
        <source>&amp;Color</source>
        <translation>&amp;Farbe</translation>
    </message>
    <message>
        <source>Show the photo in color (C)</source>
        <translation>Das Foto in Farbe zeigen (C)</translation>
    </message>
    <message>
        <source>&amp;Value</source>
        <translation>&amp;Tonwert</translation>
    </message>
    <message>
        <source>Show the photo in greys of equal lightness (V)</source>
        <translation>Das Foto in Grautönen gleicher Helligkeit zeigen (V)</translation>
    </message>
    <message>
        <source>F&amp;lat tones</source>
        <translation>F&amp;lache Töne</translation>
    </message>
    <message>
        <source>Show the photo in a few flat tones (F)</source>
        <translation>Das Foto in wenigen flachen Tönen zeigen (F)</translation>
    </message>
    <message>
        <source>&amp;Squint</source>
        <translation>&amp;Blinzeln</translation>
    </message>
    <message>
        <source>Blur the photo (S)</source>
        <translation>Das Foto unscharf zeigen (S)</translation>
    </message>
    <message>
        <source>&amp;Tone steps</source>
        <translation>Ton&amp;stufen</translation>
    </message>
    <message>
        <source>Show the photo in even tone steps (T)</source>
        <translation>Das Foto in gleichen Tonstufen zeigen (T)</translation>
    </message>
    <message>
        <source>Through the &amp;mask</source>
        <translation>Durch die &amp;Maske</translation>
    </message>
    <message>
        <source>Show the photo through the mask (M)</source>
        <translation>Das Foto durch die Maske zeigen (M)</translation>
    </message>
    <message>
        <source>Photo &amp;pixels one to one</source>
        <translation>&amp;Pixel eins zu eins</translation>
    </message>
    <message>
        <source>Show each pixel of the photo as one of the screen</source>
        <translation>Jedes Pixel des Fotos als eines des Bildschirms zeigen</translation>
    </message>
    <message>
        <source>Turn the &amp;view clockwise</source>
        <translation>Ansicht im &amp;Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Turn the view by a quarter; the photo stays</source>
        <translation>Die Ansicht um ein Viertel drehen; das Foto bleibt</translation>
    </message>
    <message>
        <source>Turn the view &amp;back</source>
        <translation>Ansicht &amp;zurückdrehen</translation>
    </message>
    <message>
        <source>Turn the view back by a quarter</source>
        <translation>Die Ansicht um ein Viertel zurückdrehen</translation>
    </message>
    <message>
        <source>Mi&amp;rror the view</source>
        <translation>Ansicht spie&amp;geln</translation>
    </message>
    <message>
        <source>Left for right, to see the values afresh</source>
        <translation>Links für rechts, um die Tonwerte frisch zu sehen</translation>
    </message>
    <message>
        <source>Cro&amp;p the view to the region</source>
        <translation>Ansicht auf den Aus&amp;schnitt begrenzen</translation>
    </message>
    <message>
        <source>Show only the region</source>
        <translation>Nur den Ausschnitt zeigen</translation>
    </message>
    <message>
        <source>Show the &amp;whole photo again</source>
        <translation>Wieder das ganze F&amp;oto zeigen</translation>
    </message>
    <message>
        <source>End the crop of the view</source>
        <translation>Die Begrenzung der Ansicht aufheben</translation>
    </message>
    <message>
        <source>Follow a canv&amp;as...</source>
        <translation>Einer L&amp;einwand folgen...</translation>
    </message>
    <message>
        <source>A reference that is read again whenever its file is saved</source>
        <translation>Eine Vorlage, die neu gelesen wird, sooft ihre Datei gespeichert wird</translation>
    </message>
    <message>
        <source>Stop following the file</source>
        <translation>Der Datei nicht mehr folgen</translation>
    </message>
    <message>
        <source>Keep the shown reference as it is, whatever happens to its file</source>
        <translation>Die gezeigte Vorlage behalten, wie sie ist, was auch mit ihrer Datei geschieht</translation>
    </message>
    <message>
        <source>Repla&amp;ce the reference...</source>
        <translation>Vorlage &amp;ersetzen...</translation>
    </message>
    <message>
        <source>Put another photo in the place of the shown one</source>
        <translation>Ein anderes Foto an die Stelle des gezeigten setzen</translation>
    </message>
    <message>
        <source>Re&amp;name the reference...</source>
        <translation>Vorlage umbe&amp;nennen...</translation>
    </message>
    <message>
        <source>Give the shown photo another name</source>
        <translation>Dem gezeigten Foto einen anderen Namen geben</translation>
    </message>
    <message>
        <source>Move the reference &amp;left</source>
        <translation>Vorlage nach &amp;links</translation>
    </message>
    <message>
        <source>Move the shown photo to the left in the strip</source>
        <translation>Das gezeigte Foto im Streifen nach links schieben</translation>
    </message>
    <message>
        <source>Move the reference &amp;right</source>
        <translation>Vorlage nach &amp;rechts</translation>
    </message>
    <message>
        <source>Move the shown photo to the right in the strip</source>
        <translation>Das gezeigte Foto im Streifen nach rechts schieben</translation>
    </message>
    <message>
        <source>&amp;Fit the photo</source>
        <translation>Foto ein&amp;passen</translation>
    </message>
    <message>
        <source>Show the whole photo</source>
        <translation>Das ganze Foto zeigen</translation>
    </message>
    <message>
        <source>&amp;Remove the reference</source>
        <translation>Vorlage entfer&amp;nen</translation>
    </message>
    <message>
        <source>Take the shown photo out of the piece</source>
        <translation>Das gezeigte Foto aus dem Werk nehmen</translation>
    </message>
</context>
<context>
    <name>zc::PaintReader</name>
    <message>
        <source>Put at least one paint out first.</source>
        <translation>Zuerst mindestens eine Malfarbe auslegen.</translation>
    </message>
    <message>
        <source>The reach is still being worked out.</source>
        <translation>Die Reichweite wird noch berechnet.</translation>
    </message>
    <message>
        <source>what the paints reach</source>
        <translation>was die Malfarben erreichen</translation>
    </message>
    <message>
        <source>what the paints reach at value %1</source>
        <translation>was die Malfarben bei Tonwert %1 erreichen</translation>
    </message>
    <message>
        <source>Make the reach the mask</source>
        <translation>Die Reichweite zur Maske machen</translation>
    </message>
    <message>
        <source>There is no photo to reach.</source>
        <translation>Es gibt kein Foto zu erreichen.</translation>
    </message>
    <message>
        <source>Add some paints to choose from first.</source>
        <translation>Zuerst einige Malfarben zur Wahl hinzufügen.</translation>
    </message>
    <message>
        <source>These paints do not reach so much: %1 of them come to %2 percent.</source>
        <translation>So viel erreichen diese Malfarben nicht: %1 davon kommen auf %2 Prozent.</translation>
    </message>
    <message numerus="yes">
        <source>Put %n paints out</source>
        <translation>
            <numerusform>%n Malfarbe auslegen</numerusform>
            <numerusform>%n Malfarben auslegen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n paints reach %1 percent.</source>
        <translation>
            <numerusform>%n Malfarbe erreicht %1 Prozent.</numerusform>
            <numerusform>%n Malfarben erreichen %1 Prozent.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PaintsPanel</name>
    <message>
        <source>add</source>
        <translation>dazu</translation>
    </message>
    <message>
        <source>Add a paint: the current color, the selected swatches, or a paint of the trade</source>
        <translation>Eine Malfarbe hinzufügen: die aktuelle Farbe, die ausgewählten Farbfelder, oder eine handelsübliche</translation>
    </message>
    <message>
        <source>Palettes of paints on the shelf</source>
        <translation>Paletten von Malfarben im Regal</translation>
    </message>
    <message>
        <source>Take a palette of paints off the shelf in the place of this one</source>
        <translation>Eine Palette aus dem Regal an die Stelle dieser nehmen</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>Put this palette of paints on the shelf, under the title of the piece</source>
        <translation>Diese Palette unter dem Titel des Werks ins Regal stellen</translation>
    </message>
    <message>
        <source>At most so many paints in the recipe, 1 to 4</source>
        <translation>Höchstens so viele Malfarben im Rezept, 1 bis 4</translation>
    </message>
    <message>
        <source> paints</source>
        <translation> Malfarben</translation>
    </message>
    <message>
        <source>take the mixture up</source>
        <translation>Mischung aufnehmen</translation>
    </message>
    <message>
        <source>What the recipe makes becomes the current color</source>
        <translation>Was das Rezept ergibt, wird die aktuelle Farbe</translation>
    </message>
    <message>
        <source>reach</source>
        <translation>Reichweite</translation>
    </message>
    <message>
        <source>Show what the paints that are put out can mix: on the plan, in the section, along the rail</source>
        <translation>Zeigen, was die ausgelegten Malfarben mischen: auf dem Plan, im Schnitt, entlang der Schiene</translation>
    </message>
    <message>
        <source>white and black</source>
        <translation>Weiß und Schwarz</translation>
    </message>
    <message>
        <source>White and black of the trade mix along, also where they are not among the paints</source>
        <translation>Handelsübliches Weiß und Schwarz mischen mit, auch wo sie nicht unter den Malfarben sind</translation>
    </message>
    <message>
        <source>as the mask</source>
        <translation>als Maske</translation>
    </message>
    <message>
        <source>at this value</source>
        <translation>bei diesem Wert</translation>
    </message>
    <message>
        <source>The reach at the current value becomes the mask</source>
        <translation>Die Reichweite beim aktuellen Tonwert wird die Maske</translation>
    </message>
    <message>
        <source>at any</source>
        <translation>bei jedem</translation>
    </message>
    <message>
        <source>What is reached at any value becomes the mask</source>
        <translation>Was bei irgendeinem Tonwert erreicht wird, wird die Maske</translation>
    </message>
    <message>
        <source>fewest</source>
        <translation>wenigste</translation>
    </message>
    <message>
        <source>Percent that is to be reached</source>
        <translation>Prozent, die zu erreichen sind</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>CIEDE2000 that still counts as reached</source>
        <translation>CIEDE2000, das noch als erreicht zählt</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>Put out the fewest paints that reach this share of the photo</source>
        <translation>Die wenigsten Malfarben auslegen, die diesen Anteil des Fotos erreichen</translation>
    </message>
    <message>
        <source>set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>Put out the fewest paints that reach this share of the set</source>
        <translation>Die wenigsten Malfarben auslegen, die diesen Anteil des Satzes erreichen</translation>
    </message>
    <message>
        <source>from the shelf</source>
        <translation>aus dem Regal</translation>
    </message>
    <message>
        <source>Take the paints &quot;%1&quot;</source>
        <translation>Die Malfarben &quot;%1&quot; nehmen</translation>
    </message>
    <message>
        <source>The paints are on the shelf as &quot;%1&quot;.</source>
        <translation>Die Malfarben stehen als &quot;%1&quot; im Regal.</translation>
    </message>
    <message>
        <source>Add the paint %1</source>
        <translation>Die Malfarbe %1 hinzufügen</translation>
    </message>
    <message>
        <source>The current color</source>
        <translation>Die aktuelle Farbe</translation>
    </message>
    <message>
        <source>The selected swatches</source>
        <translation>Die ausgewählten Farbfelder</translation>
    </message>
    <message>
        <source>Add the selected swatches as paints</source>
        <translation>Die ausgewählten Farbfelder als Malfarben hinzufügen</translation>
    </message>
    <message>
        <source>Take it up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>%1: a curve of ours, %2; pressed it is put out or away</source>
        <translation>%1: eine Kurve von uns, %2; Drücken legt sie aus oder weg</translation>
    </message>
    <message>
        <source>%1: the smoothest curve of its color; pressed it is put out or away</source>
        <translation>%1: die glatteste Kurve ihrer Farbe; Drücken legt sie aus oder weg</translation>
    </message>
    <message>
        <source>Put a paint out</source>
        <translation>Eine Malfarbe auslegen</translation>
    </message>
    <message>
        <source>Put a paint away</source>
        <translation>Eine Malfarbe weglegen</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Stärke von %1</translation>
    </message>
    <message>
        <source>Tinting strength: how often a part of it counts</source>
        <translation>Färbekraft: wie oft ein Teil davon zählt</translation>
    </message>
    <message>
        <source>Change the strength of a paint</source>
        <translation>Stärke einer Malfarbe ändern</translation>
    </message>
    <message>
        <source>off</source>
        <translation>weg</translation>
    </message>
    <message>
        <source>Take %1 off the palette</source>
        <translation>%1 von der Palette nehmen</translation>
    </message>
    <message>
        <source>Take a paint off</source>
        <translation>Eine Malfarbe wegnehmen</translation>
    </message>
    <message>
        <source>Rename the paint</source>
        <translation>Die Malfarbe umbenennen</translation>
    </message>
    <message>
        <source>Type another name for it</source>
        <translation>Einen anderen Namen eingeben</translation>
    </message>
    <message>
        <source>Rename a paint</source>
        <translation>Eine Malfarbe umbenennen</translation>
    </message>
    <message>
        <source>Give it the current color</source>
        <translation>Ihr die aktuelle Farbe geben</translation>
    </message>
    <message>
        <source>It mixes by the smoothest curve of the current color from now on</source>
        <translation>Sie mischt von nun an mit der glattesten Kurve der aktuellen Farbe</translation>
    </message>
    <message>
        <source>Change the color of a paint</source>
        <translation>Farbe einer Malfarbe ändern</translation>
    </message>
    <message>
        <source>Move a paint</source>
        <translation>Eine Malfarbe verschieben</translation>
    </message>
    <message>
        <source>Move it up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Before the paint above</source>
        <translation>Vor die Malfarbe darüber</translation>
    </message>
    <message>
        <source>Move it down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Behind the paint below</source>
        <translation>Hinter die Malfarbe darunter</translation>
    </message>
    <message>
        <source>No paint yet. Add the current color, swatches or paints of the trade; few paints limit a piece as a mask does.</source>
        <translation>Noch keine Malfarbe. Die aktuelle Farbe, Farbfelder oder handelsübliche hinzufügen; wenige Malfarben begrenzen ein Werk wie eine Maske.</translation>
    </message>
    <message>
        <source>Put paints out to get recipes.</source>
        <translation>Malfarben auslegen, um Rezepte zu bekommen.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>%1; off by %2</source>
        <translation>%1; weicht um %2 ab</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, the nearest stands</source>
        <translation>; keine Malfarbe hat die Farbe von %1, die nächste steht dafür</translation>
    </message>
    <message>
        <source>asking the set and the photo</source>
        <translation>Satz und Foto werden befragt</translation>
    </message>
    <message>
        <source>reach %1 of %2 swatches, %3 % of the photo</source>
        <translation>erreichen %1 von %2 Farbfeldern, %3 % des Fotos</translation>
    </message>
    <message>
        <source>reach %1 of %2 swatches</source>
        <translation>erreichen %1 von %2 Farbfeldern</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Anhalten, %1 %</translation>
    </message>
</context>
<context>
    <name>zc::PairsPanel</name>
    <message>
        <source>Each swatch follows to</source>
        <translation>Jedes Farbfeld folgt zu</translation>
    </message>
    <message>
        <source>What %1 follows to</source>
        <translation>Wohin %1 folgt</translation>
    </message>
    <message>
        <source>The swatch that this one follows to</source>
        <translation>Das Farbfeld, zu dem dieses folgt</translation>
    </message>
    <message>
        <source>Choose a set or a version to follow to.</source>
        <translation>Einen Satz oder eine Version wählen, zu der gefolgt wird.</translation>
    </message>
</context>
<context>
    <name>zc::PaletteService</name>
    <message>
        <source>That is too long for a color; give one as #rrggbb.</source>
        <translation>Das ist zu lang für eine Farbe; eine als #rrggbb angeben.</translation>
    </message>
    <message>
        <source>A display cannot show this color; give one that it can.</source>
        <translation>Diese Farbe kann kein Bildschirm zeigen; eine angeben, die er kann.</translation>
    </message>
    <message>
        <source>Lay swatch</source>
        <translation>Farbfeld legen</translation>
    </message>
    <message>
        <source>The piece has no set &quot;%1&quot;.</source>
        <translation>Das Werk hat keinen Satz &quot;%1&quot;.</translation>
    </message>
</context>
<context>
    <name>zc::ParcelPanel</name>
    <message>
        <source>Pack for others</source>
        <translation>Für andere packen</translation>
    </message>
    <message>
        <source>What it is for</source>
        <translation>Wofür es ist</translation>
    </message>
    <message>
        <source>Whom it is from</source>
        <translation>Von wem es ist</translation>
    </message>
    <message>
        <source>Pack the parcel</source>
        <translation>Paket packen</translation>
    </message>
    <message>
        <source>Write what is chosen into one file for others</source>
        <translation>Das Gewählte in eine Datei für andere schreiben</translation>
    </message>
    <message>
        <source>From others</source>
        <translation>Von anderen</translation>
    </message>
    <message>
        <source>look into a parcel</source>
        <translation>in ein Paket sehen</translation>
    </message>
    <message>
        <source>See what is inside before anything is taken</source>
        <translation>Sehen, was darin ist, ehe etwas genommen wird</translation>
    </message>
    <message>
        <source>watch a shared folder</source>
        <translation>gemeinsamen Ordner beobachten</translation>
    </message>
    <message>
        <source>New parcels in this folder are offered here, never taken unasked</source>
        <translation>Neue Pakete in diesem Ordner werden hier angeboten, nie ungefragt genommen</translation>
    </message>
    <message>
        <source>Whether it goes along: %1</source>
        <translation>Ob es mitgeht: %1</translation>
    </message>
    <message>
        <source>the mask</source>
        <translation>die Maske</translation>
    </message>
    <message>
        <source>the paints</source>
        <translation>die Malfarben</translation>
    </message>
    <message>
        <source>the pattern of lines</source>
        <translation>das Muster der Zeilen</translation>
    </message>
    <message>
        <source>the press profile</source>
        <translation>das Druckprofil</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1, from %2: %3</source>
        <translation>%1, von %2: %3</translation>
    </message>
    <message>
        <source>Whether it is put on the shelf: %1</source>
        <translation>Ob es ins Regal kommt: %1</translation>
    </message>
    <message>
        <source>mask: %1</source>
        <translation>Maske: %1</translation>
    </message>
    <message>
        <source>pattern of lines: %1</source>
        <translation>Muster der Zeilen: %1</translation>
    </message>
    <message>
        <source>a press profile</source>
        <translation>ein Druckprofil</translation>
    </message>
    <message>
        <source>Put the chosen on the shelf</source>
        <translation>Gewähltes ins Regal stellen</translation>
    </message>
    <message>
        <source>What is there already stays as it is</source>
        <translation>Was schon da ist, bleibt, wie es ist</translation>
    </message>
    <message>
        <source>A new parcel: %1; it is offered at Share, Parcel.</source>
        <translation>Ein neues Paket: %1; es wird unter Teilen, Paket angeboten.</translation>
    </message>
    <message>
        <source>new: %1</source>
        <translation>neu: %1</translation>
    </message>
    <message>
        <source>Look into this parcel</source>
        <translation>In dieses Paket sehen</translation>
    </message>
    <message>
        <source>Nothing new in %1.</source>
        <translation>Nichts Neues in %1.</translation>
    </message>
    <message numerus="yes">
        <source>%1, %n swatches</source>
        <translation>
            <numerusform>%1, %n Farbfeld</numerusform>
            <numerusform>%1, %n Farbfelder</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n paints: %1</source>
        <translation>
            <numerusform>%n Malfarbe: %1</numerusform>
            <numerusform>%n Malfarben: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PatternPanel</name>
    <message>
        <source>Patterns</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>Lay a mask of this pattern from the base hue</source>
        <translation>Eine Maske dieses Musters ab dem Grundton legen</translation>
    </message>
    <message>
        <source>Base hue of the pattern</source>
        <translation>Grundton des Musters</translation>
    </message>
    <message>
        <source>Wheel angle of the leading hue of the next pattern laid, clockwise from the top</source>
        <translation>Winkel des führenden Farbtons des nächsten Musters, im Uhrzeigersinn von oben</translation>
    </message>
    <message>
        <source>Spread of the pattern</source>
        <translation>Spannweite des Musters</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>How wide the hues of the next pattern laid are, 0 to 120°; &quot;usual&quot; is the pattern&apos;s own width</source>
        <translation>Wie breit die Farbtöne des nächsten Musters sind, 0 bis 120°; &quot;üblich&quot; ist die eigene Breite des Musters</translation>
    </message>
    <message>
        <source>Mask turned by</source>
        <translation>Maske gedreht um</translation>
    </message>
    <message>
        <source>How far the mask is turned; drag outside the rim to turn it by hand, or press Ctrl+Left and Ctrl+Right on the wheel</source>
        <translation>Wie weit die Maske gedreht ist; außerhalb des Randes ziehen dreht von Hand, auf dem Farbkreis auch Strg+Links und Strg+Rechts</translation>
    </message>
    <message>
        <source>carry the set</source>
        <translation>Satz mitnehmen</translation>
    </message>
    <message>
        <source>Turning the mask turns the hues of the current set along with it; saturation and value stay</source>
        <translation>Dreht sich die Maske, drehen sich die Farbtöne des Satzes mit; Sättigung und Tonwert bleiben</translation>
    </message>
    <message>
        <source>current hue</source>
        <translation>aktueller Ton</translation>
    </message>
    <message>
        <source>Let the next pattern laid start at the hue of the current color</source>
        <translation>Das nächste Muster beginnt beim Farbton der aktuellen Farbe</translation>
    </message>
    <message>
        <source>colors</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>When the wheel changes the mask keeps its colors</source>
        <translation>Wechselt der Farbkreis, behält die Maske ihre Farben</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>When the wheel changes the mask keeps its shape</source>
        <translation>Wechselt der Farbkreis, behält die Maske ihre Form</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behält</translation>
    </message>
    <message>
        <source>from hue</source>
        <translation>ab Farbton</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>Lay %1 mask</source>
        <translation>Maske legen: %1</translation>
    </message>
</context>
<context>
    <name>zc::PhotoIntake</name>
    <message>
        <source>Replace reference</source>
        <translation>Vorlage ersetzen</translation>
    </message>
    <message>
        <source>Add reference</source>
        <translation>Vorlage hinzufügen</translation>
    </message>
</context>
<context>
    <name>zc::PhotoView</name>
    <message>
        <source>No reference yet. Drop a photo here, paste one, or add one with Ctrl+Shift+O.</source>
        <translation>Noch keine Vorlage. Ein Foto hier ablegen, einfügen, oder mit Strg+Umschalt+O hinzufügen.</translation>
    </message>
    <message>
        <source>Opening %1, %2 %</source>
        <translation>%1 wird geöffnet, %2 %</translation>
    </message>
    <message>
        <source>%1 Click to try again.</source>
        <translation>%1 Ein Klick versucht es noch einmal.</translation>
    </message>
    <message>
        <source>%1, %2 x %3 pixels</source>
        <translation>%1, %2 x %3 Pixel</translation>
    </message>
    <message>
        <source>Taken: %1, at %2 x %3</source>
        <translation>Genommen: %1, bei %2 x %3</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Fallen lassen</translation>
    </message>
    <message>
        <source>Reference photo</source>
        <translation>Foto als Vorlage</translation>
    </message>
    <message>
        <source>Click or drag samples, with Ctrl straight onto the staff. The wheel zooms, with Shift it sets the sample size; Space and a drag pans.</source>
        <translation>Klicken oder Ziehen nimmt Proben, mit Strg gleich auf die Notenzeile. Das Mausrad vergrößert, mit Umschalt ändert es die Probengröße; Leertaste und Ziehen verschieben.</translation>
    </message>
    <message>
        <source>Draw a region first; the view is cropped to it.</source>
        <translation>Zuerst einen Ausschnitt zeichnen; die Ansicht wird auf ihn begrenzt.</translation>
    </message>
</context>
<context>
    <name>zc::PickDesk</name>
    <message>
        <source>String</source>
        <translation>Farbreihe</translation>
    </message>
    <message>
        <source>A graded row from the current color</source>
        <translation>Eine abgestufte Reihe von der aktuellen Farbe aus</translation>
    </message>
    <message>
        <source>Mixing</source>
        <translation>Mischen</translation>
    </message>
    <message>
        <source>Mix two to four colors by hand</source>
        <translation>Zwei bis vier Farben von Hand mischen</translation>
    </message>
    <message>
        <source>Paints</source>
        <translation>Malfarben</translation>
    </message>
    <message>
        <source>Put few paints out, and see what they reach</source>
        <translation>Wenige Malfarben auslegen und sehen, was sie erreichen</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Cut hue, saturation and value into steps</source>
        <translation>Farbton, Sättigung und Tonwert in Stufen teilen</translation>
    </message>
</context>
<context>
    <name>zc::PickMenu</name>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Wählen</translation>
    </message>
    <message>
        <source>&amp;Lighter</source>
        <translation>&amp;Heller</translation>
    </message>
    <message>
        <source>Raise the value by one</source>
        <translation>Den Tonwert um eins heben</translation>
    </message>
    <message>
        <source>&amp;Darker</source>
        <translation>&amp;Dunkler</translation>
    </message>
    <message>
        <source>Lower the value by one</source>
        <translation>Den Tonwert um eins senken</translation>
    </message>
    <message>
        <source>Toward &amp;grey</source>
        <translation>Zu &amp;Grau</translation>
    </message>
    <message>
        <source>Lower the saturation by a hundredth</source>
        <translation>Die Sättigung um ein Hundertstel senken</translation>
    </message>
    <message>
        <source>&amp;From grey</source>
        <translation>Weg &amp;von Grau</translation>
    </message>
    <message>
        <source>Raise the saturation by a hundredth</source>
        <translation>Die Sättigung um ein Hundertstel heben</translation>
    </message>
    <message>
        <source>Zoom &amp;in</source>
        <translation>Ver&amp;größern</translation>
    </message>
    <message>
        <source>Enlarge the wheel around the current color (+, or Ctrl and the wheel)</source>
        <translation>Den Farbkreis um die aktuelle Farbe vergrößern (+, oder Strg und Mausrad)</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Ver&amp;kleinern</translation>
    </message>
    <message>
        <source>Show more of the wheel (-)</source>
        <translation>Mehr vom Farbkreis zeigen (-)</translation>
    </message>
    <message>
        <source>&amp;Whole wheel</source>
        <translation>Gan&amp;zer Farbkreis</translation>
    </message>
    <message>
        <source>Show the whole wheel (0)</source>
        <translation>Den ganzen Farbkreis zeigen (0)</translation>
    </message>
    <message>
        <source>Fix the &amp;relation</source>
        <translation>&amp;Beziehung festhalten</translation>
    </message>
    <message>
        <source>Keep the related hues where they are while picking goes on</source>
        <translation>Die verwandten Farbtöne bleiben, wo sie sind, während weiter gewählt wird</translation>
    </message>
    <message>
        <source>Lay the &amp;members of the relation</source>
        <translation>Die Glieder der Be&amp;ziehung legen</translation>
    </message>
    <message>
        <source>Lay the color and the hues related to it as a family</source>
        <translation>Die Farbe und ihre verwandten Farbtöne als Familie legen</translation>
    </message>
    <message>
        <source>Mi&amp;x the current color</source>
        <translation>Aktuelle Farbe m&amp;ischen</translation>
    </message>
    <message>
        <source>Put the current color at a corner of the field of mixtures</source>
        <translation>Die aktuelle Farbe an eine Ecke des Mischfelds setzen</translation>
    </message>
    <message>
        <source>The field has four colors; drop another on one of them.</source>
        <translation>Das Feld hat vier Farben; eine andere auf einer davon ablegen.</translation>
    </message>
    <message>
        <source>Add as a &amp;paint</source>
        <translation>Als &amp;Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>The current color joins the palette of paints</source>
        <translation>Die aktuelle Farbe kommt zur Palette der Malfarben</translation>
    </message>
    <message>
        <source>Add a paint</source>
        <translation>Eine Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>Show what the paints rea&amp;ch</source>
        <translation>&amp;Reichweite der Malfarben zeigen</translation>
    </message>
    <message>
        <source>The dashed line around what the paints that are put out can mix</source>
        <translation>Die gestrichelte Linie um das, was die ausgelegten Malfarben mischen</translation>
    </message>
    <message>
        <source>Make the reach the mas&amp;k</source>
        <translation>Reichweite zur Mas&amp;ke machen</translation>
    </message>
    <message>
        <source>What the paints can mix at this value becomes the mask</source>
        <translation>Was die Malfarben bei diesem Tonwert mischen, wird zur Maske</translation>
    </message>
    <message>
        <source>%1 hues</source>
        <translation>%1 Farbtöne</translation>
    </message>
    <message>
        <source>Smooth hues</source>
        <translation>Stufenlose Farbtöne</translation>
    </message>
    <message>
        <source>Cut the wheel into so many hues, or leave it smooth</source>
        <translation>Den Farbkreis in so viele Farbtöne teilen, oder stufenlos lassen</translation>
    </message>
</context>
<context>
    <name>zc::Picking</name>
    <message>
        <source>A display cannot show this color; the nearest of its value and hue was taken.</source>
        <translation>Diese Farbe kann kein Bildschirm zeigen; die nächste ihres Tonwerts und Farbtons wurde genommen.</translation>
    </message>
</context>
<context>
    <name>zc::PieceStore</name>
    <message>
        <source>This would break the piece and was not done. %1</source>
        <translation>Das hätte das Werk beschädigt und wurde nicht getan. %1</translation>
    </message>
</context>
<context>
    <name>zc::PlanPanel</name>
    <message>
        <source>stepped</source>
        <translation>gestuft</translation>
    </message>
    <message>
        <source>bare</source>
        <translation>bloß</translation>
    </message>
    <message>
        <source>L* of the disc</source>
        <translation>L* der Scheibe</translation>
    </message>
    <message>
        <source>How many values stand in the row, 3 to 11</source>
        <translation>Wie viele Tonwerte in der Reihe stehen, 3 bis 11</translation>
    </message>
    <message>
        <source>Pixels of a disc, 16 to 8192</source>
        <translation>Pixel einer Scheibe, 16 bis 8192</translation>
    </message>
    <message>
        <source>The wheel with its mask, to lie beside the canvas or on a layer of it: what is outside the mask is nearly transparent, what is outside the disc wholly.</source>
        <translation>Der Farbkreis mit seiner Maske, neben der Leinwand oder auf einer Ebene davon: was außerhalb der Maske liegt, ist fast durchsichtig, was außerhalb der Scheibe liegt, ganz.</translation>
    </message>
    <message>
        <source>at one value</source>
        <translation>bei einem Tonwert</translation>
    </message>
    <message>
        <source>One disc at a value</source>
        <translation>Eine Scheibe bei einem Tonwert</translation>
    </message>
    <message>
        <source>a row of values</source>
        <translation>eine Reihe von Tonwerten</translation>
    </message>
    <message>
        <source>Several discs from dark to light</source>
        <translation>Mehrere Scheiben von dunkel nach hell</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Jeder Farbton bei dem Tonwert, wo er am stärksten ist</translation>
    </message>
    <message>
        <source> value</source>
        <translation> Tonwert</translation>
    </message>
    <message>
        <source> values</source>
        <translation> Tonwerte</translation>
    </message>
    <message>
        <source> pixels</source>
        <translation> Pixel</translation>
    </message>
    <message>
        <source>In the steps of the wheel; twelve hues and eight saturations where it has none</source>
        <translation>In den Stufen des Farbkreises; zwölf Farbtöne und acht Sättigungen, wo er keine hat</translation>
    </message>
    <message>
        <source>The disc alone, filling the square, without names and lines</source>
        <translation>Nur die Scheibe, die das Quadrat füllt, ohne Namen und Linien</translation>
    </message>
    <message>
        <source>Write the plan</source>
        <translation>Plan schreiben</translation>
    </message>
    <message>
        <source>As PNG with a transparent ground; its outline as SVG</source>
        <translation>Als PNG mit durchsichtigem Grund; sein Umriss als SVG</translation>
    </message>
    <message>
        <source>Copy the plan</source>
        <translation>Plan kopieren</translation>
    </message>
    <message>
        <source>As a picture, to paste into any program</source>
        <translation>Als Bild, zum Einfügen in jedes Programm</translation>
    </message>
</context>
<context>
    <name>zc::PressPanel</name>
    <message>
        <source>CIEDE2000 from which on a color does not print</source>
        <translation>CIEDE2000, ab dem eine Farbe nicht druckbar ist</translation>
    </message>
    <message>
        <source>proof</source>
        <translation>Andruck</translation>
    </message>
    <message>
        <source>paper white</source>
        <translation>Papierweiß</translation>
    </message>
    <message>
        <source>Profile of the press</source>
        <translation>Profil des Drucks</translation>
    </message>
    <message>
        <source>The ICC profile of the press; ask the printer for theirs</source>
        <translation>Das ICC-Profil des Drucks; die Druckerei nach ihrem fragen</translation>
    </message>
    <message>
        <source>add a profile</source>
        <translation>Profil hinzufügen</translation>
    </message>
    <message>
        <source>Take in an ICC profile of a four-color press and keep it on the shelf</source>
        <translation>Ein ICC-Profil eines Vierfarbdrucks aufnehmen und im Regal behalten</translation>
    </message>
    <message>
        <source> off at most</source>
        <translation> höchstens daneben</translation>
    </message>
    <message>
        <source>See the sheet as this press prints it</source>
        <translation>Das Blatt sehen, wie dieser Druck es wiedergibt</translation>
    </message>
    <message>
        <source>With the paper&apos;s own white and black</source>
        <translation>Mit dem Weiß und Schwarz des Papiers</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Kein Druck</translation>
    </message>
    <message>
        <source>Choose a press to see what it prints. The stand-in is a good guess for coated paper; a printer&apos;s own profile is better.</source>
        <translation>Einen Druck wählen, um zu sehen, was er wiedergibt. Der Ersatz ist eine gute Annahme für gestrichenes Papier; das Profil der Druckerei ist besser.</translation>
    </message>
    <message>
        <source>Asking the press...</source>
        <translation>Der Druck wird befragt...</translation>
    </message>
    <message>
        <source>%1, off by %2</source>
        <translation>%1, um %2 daneben</translation>
    </message>
    <message>
        <source>%1, %2: %3 % ink in all</source>
        <translation>%1, %2: zusammen %3 % Farbauftrag</translation>
    </message>
    <message>
        <source>, more than the %1 % that this press lays</source>
        <translation>, mehr als die %1 %, die dieser Druck aufträgt</translation>
    </message>
    <message>
        <source>The nearest printable at equal value, off by %1</source>
        <translation>Die nächste druckbare bei gleichem Tonwert, um %1 daneben</translation>
    </message>
    <message>
        <source>The nearest printable, at another value, off by %1</source>
        <translation>Die nächste druckbare, bei anderem Tonwert, um %1 daneben</translation>
    </message>
    <message>
        <source>take the printable</source>
        <translation>druckbare nehmen</translation>
    </message>
    <message>
        <source>Let the nearest printable color stand for it; the set before is kept as a version</source>
        <translation>Die nächste druckbare Farbe dafür stehen lassen; der Satz davor bleibt als Version</translation>
    </message>
    <message>
        <source>%1 of %2 cannot be printed as they are.</source>
        <translation>%1 von %2 sind nicht druckbar, wie sie sind.</translation>
    </message>
    <message>
        <source>%1 ask for more than %2 % ink.</source>
        <translation>%1 verlangen mehr als %2 % Farbauftrag.</translation>
    </message>
    <message>
        <source>take all printable</source>
        <translation>alle druckbaren nehmen</translation>
    </message>
    <message>
        <source>All of them in one step; the set before is kept as a version</source>
        <translation>Alle in einem Schritt; der Satz davor bleibt als Version</translation>
    </message>
    <message numerus="yes">
        <source>All %n swatches print as they are.</source>
        <translation>
            <numerusform>Das %n Farbfeld ist druckbar, wie es ist.</numerusform>
            <numerusform>Alle %n Farbfelder sind druckbar, wie sie sind.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::PressReader</name>
    <message>
        <source>What does not print is locked; unlock it first.</source>
        <translation>Was nicht druckbar ist, ist gesperrt; zuerst freigeben.</translation>
    </message>
    <message>
        <source>Every swatch prints as it is.</source>
        <translation>Jedes Farbfeld ist druckbar, wie es ist.</translation>
    </message>
    <message>
        <source>Take the printable color</source>
        <translation>Die druckbare Farbe nehmen</translation>
    </message>
    <message>
        <source>Take %1 printable colors</source>
        <translation>%1 druckbare Farben nehmen</translation>
    </message>
    <message>
        <source>before the press</source>
        <translation>vor dem Druck</translation>
    </message>
</context>
<context>
    <name>zc::RailView</name>
    <message>
        <source>Value rail</source>
        <translation>Tonwertschiene</translation>
    </message>
    <message>
        <source>Drag to set the value; wheel or Up and Down move it by one, with Shift by ten, with Alt by a tenth.</source>
        <translation>Ziehen setzt den Tonwert; Mausrad oder Auf und Ab bewegen ihn um eins, mit Umschalt um zehn, mit Alt um ein Zehntel.</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Limit %1 of the flat tones</source>
        <translation>Grenze %1 der flachen Töne</translation>
    </message>
</context>
<context>
    <name>zc::ReadingPanel</name>
    <message>
        <source>region</source>
        <translation>Ausschnitt</translation>
    </message>
    <message>
        <source>samples into the mask</source>
        <translation>Proben in die Maske</translation>
    </message>
    <message>
        <source>What the photo says</source>
        <translation>Was das Foto sagt</translation>
    </message>
    <message>
        <source>Draw a region on the photo: values, footprint and extraction keep to it (Escape clears it)</source>
        <translation>Einen Ausschnitt auf dem Foto zeichnen: Tonwerte, Farbspur und Herausnehmen halten sich daran (Escape löscht ihn)</translation>
    </message>
    <message>
        <source>Samples outside the mask are taken at its nearest place</source>
        <translation>Proben außerhalb der Maske werden an ihrer nächsten Stelle genommen</translation>
    </message>
    <message>
        <source>The region says</source>
        <translation>Der Ausschnitt sagt</translation>
    </message>
    <message>
        <source>The photo says</source>
        <translation>Das Foto sagt</translation>
    </message>
    <message>
        <source>No photo yet.</source>
        <translation>Noch kein Foto.</translation>
    </message>
    <message>
        <source>%1\nlight %2 %\nmiddle %3 %\ndark %4 %</source>
        <translation>%1
hell %2 %
mittel %3 %
dunkel %4 %</translation>
    </message>
    <message>
        <source>
in the mask %1 %</source>
        <translation>
in der Maske %1 %</translation>
    </message>
</context>
<context>
    <name>zc::ReadoutPanel</name>
    <message>
        <source>more</source>
        <translation>mehr</translation>
    </message>
    <message>
        <source>fewer</source>
        <translation>weniger</translation>
    </message>
    <message>
        <source>Read the color in one more space</source>
        <translation>Die Farbe in einem weiteren Raum ablesen</translation>
    </message>
    <message>
        <source>Put the last readout away</source>
        <translation>Die letzte Ablesung wegnehmen</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>CMYK: ink on the chosen press, percent</source>
        <translation>CMYK: Farbauftrag beim gewählten Druck, Prozent</translation>
    </message>
    <message>
        <source>Space of readout %1: ink</source>
        <translation>Raum der Ablesung %1: Druckfarbe</translation>
    </message>
    <message>
        <source>Ink on the press that is chosen at Share. Click to read the color in another space.</source>
        <translation>Farbauftrag bei dem unter Teilen gewählten Druck. Ein Klick liest die Farbe in einem anderen Raum.</translation>
    </message>
    <message>
        <source>cyan</source>
        <translation>Cyan</translation>
    </message>
    <message>
        <source>magenta</source>
        <translation>Magenta</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>Gelb</translation>
    </message>
    <message>
        <source>black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>Percent of %1 of the current color</source>
        <translation>Prozent %1 der aktuellen Farbe</translation>
    </message>
    <message>
        <source>%1, percent: type, scroll or drag</source>
        <translation>%1, Prozent: eingeben, drehen oder ziehen</translation>
    </message>
    <message>
        <source>The press prints this, but no display can show it.</source>
        <translation>Der Druck gibt sie wieder, aber kein Bildschirm kann sie zeigen.</translation>
    </message>
    <message>
        <source>Space of readout %1: %2</source>
        <translation>Raum der Ablesung %1: %2</translation>
    </message>
    <message>
        <source>%1: %2. Click to read the color in another space.</source>
        <translation>%1: %2. Ein Klick liest die Farbe in einem anderen Raum.</translation>
    </message>
    <message>
        <source>%1 %2 of the current color</source>
        <translation>%1 %2 der aktuellen Farbe</translation>
    </message>
    <message>
        <source>%1 %2, %3 to %4: type, scroll or drag</source>
        <translation>%1 %2, %3 bis %4: eingeben, drehen oder ziehen</translation>
    </message>
</context>
<context>
    <name>zc::ReferencePanel</name>
    <message>
        <source>Share of the photo to hold</source>
        <translation>Anteil des Fotos, der zu halten ist</translation>
    </message>
    <message>
        <source>Most points of the fitted polygon</source>
        <translation>Höchste Zahl der Punkte des angepassten Vielecks</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Anpassen</translation>
    </message>
    <message>
        <source>footprint</source>
        <translation>Farbspur</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>How much of the photo the mask is to hold, 1 to 100 %</source>
        <translation>Wie viel des Fotos die Maske halten soll, 1 bis 100 %</translation>
    </message>
    <message>
        <source> points</source>
        <translation> Punkte</translation>
    </message>
    <message>
        <source>At most so many corners, 3 to 24</source>
        <translation>Höchstens so viele Ecken, 3 bis 24</translation>
    </message>
    <message>
        <source>Kind of mask to fit</source>
        <translation>Art der angepassten Maske</translation>
    </message>
    <message>
        <source>A free polygon, or the base hue and width of a pattern</source>
        <translation>Ein freies Vieleck, oder Grundton und Breite eines Musters</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>Vieleck</translation>
    </message>
    <message>
        <source>Lay the smallest mask that holds so much of the photo or its region</source>
        <translation>Die kleinste Maske legen, die so viel vom Foto oder seinem Ausschnitt hält</translation>
    </message>
    <message>
        <source>Show where the photo&apos;s colors sit on the wheel</source>
        <translation>Zeigen, wo die Farben des Fotos auf dem Farbkreis liegen</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Fitting...</source>
        <translation>Wird angepasst...</translation>
    </message>
    <message>
        <source>The mask holds %1 % of the photo.</source>
        <translation>Die Maske hält %1 % des Fotos.</translation>
    </message>
    <message>
        <source>Fit a mask to the photo&apos;s colors.</source>
        <translation>Eine Maske an die Farben des Fotos anpassen.</translation>
    </message>
    <message>
        <source>Fit mask to the reference</source>
        <translation>Maske der Vorlage anpassen</translation>
    </message>
    <message>
        <source>No mask of this kind holds that much; this one holds %1 %.</source>
        <translation>Keine Maske dieser Art hält so viel; diese hält %1 %.</translation>
    </message>
</context>
<context>
    <name>zc::ReferenceStrip</name>
    <message>
        <source>References</source>
        <translation>Vorlagen</translation>
    </message>
    <message>
        <source>Remove reference</source>
        <translation>Vorlage entfernen</translation>
    </message>
    <message>
        <source>Move reference</source>
        <translation>Vorlage verschieben</translation>
    </message>
    <message>
        <source>Name of the reference</source>
        <translation>Name der Vorlage</translation>
    </message>
    <message>
        <source>Rename reference</source>
        <translation>Vorlage umbenennen</translation>
    </message>
    <message>
        <source>Rename this reference</source>
        <translation>Diese Vorlage umbenennen</translation>
    </message>
    <message>
        <source>Move to the left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>Move to the right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Remove this reference</source>
        <translation>Diese Vorlage entfernen</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
</context>
<context>
    <name>zc::RelationRow</name>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>Members of the relation</source>
        <translation>Glieder der Beziehung</translation>
    </message>
    <message>
        <source>Relation of the current color</source>
        <translation>Beziehung der aktuellen Farbe</translation>
    </message>
    <message>
        <source>Which hues stand to the current color: complement 180°; split 150° and 210°; triad 120° and 240°; square 90°, 180°, 270°; rectangle 60°, 180°, 240°; analogous 30° to either side; double complement 30°, 180°, 210°</source>
        <translation>Welche Farbtöne zur aktuellen Farbe stehen: Komplement 180°; geteilt 150° und 210°; Dreiklang 120° und 240°; Quadrat 90°, 180°, 270°; Rechteck 60°, 180°, 240°; benachbart je 30° zur Seite; doppeltes Komplement 30°, 180°, 210°</translation>
    </message>
    <message>
        <source>complement</source>
        <translation>Komplement</translation>
    </message>
    <message>
        <source>split</source>
        <translation>geteilt</translation>
    </message>
    <message>
        <source>triad</source>
        <translation>Dreiklang</translation>
    </message>
    <message>
        <source>square</source>
        <translation>Quadrat</translation>
    </message>
    <message>
        <source>rectangle</source>
        <translation>Rechteck</translation>
    </message>
    <message>
        <source>analogous</source>
        <translation>benachbart</translation>
    </message>
    <message>
        <source>double</source>
        <translation>doppelt</translation>
    </message>
    <message>
        <source>Each member at the value where its hue is strongest, instead of the current value</source>
        <translation>Jedes Glied bei dem Tonwert, wo sein Farbton am stärksten ist, statt beim aktuellen</translation>
    </message>
    <message>
        <source>Keep the relation where it is, here and on the rim, while picking goes on</source>
        <translation>Die Beziehung bleibt, wo sie ist, hier und am Rand, während weiter gewählt wird</translation>
    </message>
    <message>
        <source>lay all</source>
        <translation>alle legen</translation>
    </message>
    <message>
        <source>Lay the color and all members as a family named by the relation</source>
        <translation>Die Farbe und alle Glieder als Familie legen, benannt nach der Beziehung</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>%1° on: %2. Click takes it up, Ctrl+click lays it; on the rim of the wheel it can be slid.</source>
        <translation>%1° weiter: %2. Klick nimmt sie auf, Strg+Klick legt sie; am Rand des Farbkreises lässt sie sich schieben.</translation>
    </message>
</context>
<context>
    <name>zc::ReportPanel</name>
    <message>
        <source>limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>What to look at in the set</source>
        <translation>Was am Satz anzusehen ist</translation>
    </message>
    <message>
        <source>What to look at, the weightiest first</source>
        <translation>Was anzusehen ist, das Gewichtigste zuerst</translation>
    </message>
    <message>
        <source>What counts as near, as twins, as a gap, as outside; how many are wanted</source>
        <translation>Was als nahe, als Zwilling, als Lücke, als außerhalb zählt; wie viele gewünscht sind</translation>
    </message>
    <message>
        <source>light wanted</source>
        <translation>hell gewünscht</translation>
    </message>
    <message>
        <source>How many light swatches are wanted</source>
        <translation>Wie viele helle Farbfelder gewünscht sind</translation>
    </message>
    <message>
        <source>near below</source>
        <translation>nahe unter</translation>
    </message>
    <message>
        <source>CIEDE2000 below which two swatches are near-duplicates</source>
        <translation>CIEDE2000, unter dem zwei Farbfelder Beinahe-Doppelte sind</translation>
    </message>
    <message>
        <source>middle wanted</source>
        <translation>mittel gewünscht</translation>
    </message>
    <message>
        <source>How many middle swatches are wanted</source>
        <translation>Wie viele mittlere Farbfelder gewünscht sind</translation>
    </message>
    <message>
        <source>twins below</source>
        <translation>Zwillinge unter</translation>
    </message>
    <message>
        <source>Value difference below which two hues merge when squinting</source>
        <translation>Unterschied im Tonwert, unter dem zwei Farbtöne beim Blinzeln verschmelzen</translation>
    </message>
    <message>
        <source>dark wanted</source>
        <translation>dunkel gewünscht</translation>
    </message>
    <message>
        <source>How many dark swatches are wanted</source>
        <translation>Wie viele dunkle Farbfelder gewünscht sind</translation>
    </message>
    <message>
        <source>gap above</source>
        <translation>Lücke über</translation>
    </message>
    <message>
        <source>Value difference above which neighbors in a family have a gap</source>
        <translation>Unterschied im Tonwert, über dem Nachbarn einer Familie eine Lücke haben</translation>
    </message>
    <message>
        <source>value steps</source>
        <translation>Wertstufen</translation>
    </message>
    <message>
        <source>Steps from black to white</source>
        <translation>Stufen von Schwarz bis Weiß</translation>
    </message>
    <message>
        <source>outside from</source>
        <translation>außerhalb ab</translation>
    </message>
    <message>
        <source>CIEDE2000 to the mask from which on a swatch counts as outside</source>
        <translation>CIEDE2000 zur Maske, ab dem ein Farbfeld als außerhalb zählt</translation>
    </message>
    <message>
        <source>Change grading</source>
        <translation>Abstufung ändern</translation>
    </message>
    <message>
        <source>%1 and %2 are near-duplicates, %3 apart</source>
        <translation>%1 und %2 sind Beinahe-Doppelte, %3 auseinander</translation>
    </message>
    <message>
        <source>merge them</source>
        <translation>vereinen</translation>
    </message>
    <message>
        <source>Merge near-duplicates</source>
        <translation>Beinahe-Doppelte vereinen</translation>
    </message>
    <message>
        <source>%1 swatches near %2 are near-duplicates</source>
        <translation>%1 Farbfelder nahe %2 sind Beinahe-Doppelte</translation>
    </message>
    <message>
        <source>%1: %2 gaps</source>
        <translation>%1: %2 Lücken</translation>
    </message>
    <message>
        <source>%1: gap between %2 and %3</source>
        <translation>%1: Lücke zwischen %2 und %3</translation>
    </message>
    <message>
        <source>add one at %1</source>
        <translation>eines bei %1 dazu</translation>
    </message>
    <message>
        <source>Fill gap</source>
        <translation>Lücke füllen</translation>
    </message>
    <message>
        <source>%1 is outside the mask</source>
        <translation>%1 liegt außerhalb der Maske</translation>
    </message>
    <message>
        <source>%1 swatches are outside the mask</source>
        <translation>%1 Farbfelder liegen außerhalb der Maske</translation>
    </message>
    <message>
        <source>bring it inside</source>
        <translation>hineinholen</translation>
    </message>
    <message>
        <source>bring all inside</source>
        <translation>alle hineinholen</translation>
    </message>
    <message>
        <source>Bring into the mask</source>
        <translation>In die Maske holen</translation>
    </message>
    <message>
        <source>%1 and %2 merge when squinting</source>
        <translation>%1 und %2 verschmelzen beim Blinzeln</translation>
    </message>
    <message>
        <source>%1 swatches at value %2 merge when squinting</source>
        <translation>%1 Farbfelder bei Tonwert %2 verschmelzen beim Blinzeln</translation>
    </message>
    <message>
        <source>part them by %1</source>
        <translation>um %1 trennen</translation>
    </message>
    <message>
        <source>part the ends by %1</source>
        <translation>die Enden um %1 trennen</translation>
    </message>
    <message>
        <source>Part twins</source>
        <translation>Zwillinge trennen</translation>
    </message>
    <message>
        <source>%1: %2 swatches look like others</source>
        <translation>%1: %2 Farbfelder sehen anderen gleich</translation>
    </message>
    <message>
        <source>%1: %2 and %3 look alike</source>
        <translation>%1: %2 und %3 sehen gleich aus</translation>
    </message>
    <message>
        <source>part them in value</source>
        <translation>im Tonwert trennen</translation>
    </message>
    <message>
        <source>Part for other eyes</source>
        <translation>Für andere Augen trennen</translation>
    </message>
    <message>
        <source>%1 more clusters of near-duplicates</source>
        <translation>%1 weitere Gruppen von Beinahe-Doppelten</translation>
    </message>
    <message>
        <source>%1 more values merge when squinting</source>
        <translation>%1 weitere Tonwerte verschmelzen beim Blinzeln</translation>
    </message>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>Select: %1</source>
        <translation>Auswählen: %1</translation>
    </message>
    <message>
        <source>look</source>
        <translation>ansehen</translation>
    </message>
    <message>
        <source>See everything as these eyes do: %1</source>
        <translation>Alles sehen wie diese Augen: %1</translation>
    </message>
    <message>
        <source>close</source>
        <translation>schließen</translation>
    </message>
    <message>
        <source>open</source>
        <translation>öffnen</translation>
    </message>
    <message>
        <source>One by one: %1</source>
        <translation>Eines nach dem anderen: %1</translation>
    </message>
    <message>
        <source>Nothing to grade yet: lay swatches with Ctrl+L.</source>
        <translation>Noch nichts abzustufen: Farbfelder mit Strg+L legen.</translation>
    </message>
    <message>
        <source>Nothing to mend: no twins, near-duplicates or gaps.</source>
        <translation>Nichts zu beheben: keine Zwillinge, Beinahe-Doppelten oder Lücken.</translation>
    </message>
    <message>
        <source>%1 to look at</source>
        <translation>%1 anzusehen</translation>
    </message>
    <message>
        <source>%1 of %2 do not print: %3</source>
        <translation>%1 von %2 sind nicht druckbar: %3</translation>
    </message>
    <message>
        <source>take the printable</source>
        <translation>druckbare nehmen</translation>
    </message>
    <message>
        <source>The nearest printable colors stand for them; the set before is kept as a version</source>
        <translation>Die nächsten druckbaren Farben stehen dafür; der Satz davor bleibt als Version</translation>
    </message>
    <message>
        <source>%1 against %2: CIEDE2000 %3, value %4</source>
        <translation>%1 gegen %2: CIEDE2000 %3, Tonwert %4</translation>
    </message>
    <message numerus="yes">
        <source>gaps in %n more families</source>
        <translation>
            <numerusform>Lücken in %n weiteren Familie</numerusform>
            <numerusform>Lücken in %n weiteren Familien</numerusform>
        </translation>
    </message>
    <message>
        <source>Looking at the set...</source>
        <translation>Der Satz wird angesehen...</translation>
    </message>
</context>
<context>
    <name>zc::RowsView</name>
    <message>
        <source>The set in rows</source>
        <translation>Der Satz in Zeilen</translation>
    </message>
    <message>
        <source>Drag a swatch to a free place, onto another to swap the two, or onto the gap between two to go in there; click selects, double click takes its color up.</source>
        <translation>Ein Farbfeld auf einen freien Platz ziehen, auf ein anderes zum Tauschen, oder zwischen zwei; Klick wählt aus, Doppelklick nimmt die Farbe auf.</translation>
    </message>
    <message>
        <source>No families yet. Add one with Ctrl+Shift+L, then lay the current color with Ctrl+L.</source>
        <translation>Noch keine Familien. Mit Strg+Umschalt+L eine hinzufügen, dann die aktuelle Farbe mit Strg+L legen.</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>tauschen</translation>
    </message>
</context>
<context>
    <name>zc::ScreenSampler</name>
    <message>
        <source>%1 takes a color from the screen in any program.</source>
        <translation>%1 nimmt in jedem Programm eine Farbe vom Bildschirm.</translation>
    </message>
    <message>
        <source>This desktop lets no program see the screen, and has no portal that would.</source>
        <translation>Dieser Desktop lässt kein Programm den Bildschirm sehen und hat kein Portal dafür.</translation>
    </message>
    <message>
        <source>from the screen</source>
        <translation>vom Bildschirm</translation>
    </message>
</context>
<context>
    <name>zc::SectionView</name>
    <message>
        <source>Hue section</source>
        <translation>Farbtonschnitt</translation>
    </message>
    <message>
        <source>Drag to set value and saturation at this hue; left of the middle lies its complement.</source>
        <translation>Ziehen setzt Tonwert und Sättigung bei diesem Farbton; links der Mitte liegt sein Komplement.</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutral</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
</context>
<context>
    <name>zc::SetFiles</name>
    <message>
        <source>There is nothing to export yet; lay some swatches on the staff first.</source>
        <translation>Noch gibt es nichts auszugeben; zuerst Farbfelder auf die Notenzeile legen.</translation>
    </message>
    <message>
        <source>Palettes and pictures (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;All files (*)</source>
        <translation>Paletten und Bilder (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Text (*.txt *.csv *.tsv);;All files (*)</source>
        <translation>Text (*.txt *.csv *.tsv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>There is nothing to pack yet; lay swatches or draw a mask first.</source>
        <translation>Noch gibt es nichts zu packen; zuerst Farbfelder legen oder eine Maske zeichnen.</translation>
    </message>
    <message>
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>Das Paket ist leer; mindestens einen Satz oder eine Maske wählen.</translation>
    </message>
    <message>
        <source>Zonachrom parcels (*.zonaparcel)</source>
        <translation>Zonachrom-Pakete (*.zonaparcel)</translation>
    </message>
    <message>
        <source>%1 put on the shelf from &quot;%2&quot;, %3 were there already.</source>
        <translation>%1 aus &quot;%2&quot; ins Regal gestellt, %3 waren schon da.</translation>
    </message>
    <message numerus="yes">
        <source>Exported %n swatches to %1.</source>
        <translation>
            <numerusform>%n Farbfeld nach %1 ausgegeben.</numerusform>
            <numerusform>%n Farbfelder nach %1 ausgegeben.</numerusform>
        </translation>
    </message>
    <message>
        <source>Packed %1 and %2 into %3.</source>
        <translation>%1 und %2 in %3 gepackt.</translation>
    </message>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n Satz</numerusform>
            <numerusform>%n Sätze</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n masks</source>
        <translation>
            <numerusform>%n Maske</numerusform>
            <numerusform>%n Masken</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::SetWheel</name>
    <message>
        <source>The set on the wheel</source>
        <translation>Der Satz auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Swatches where they stand on the wheel; the solid outline is the mask, the dotted one what the set can be mixed to</source>
        <translation>Farbfelder, wo sie auf dem Farbkreis stehen; der durchgezogene Umriss ist die Maske, der gepunktete, was sich aus dem Satz mischen lässt</translation>
    </message>
</context>
<context>
    <name>zc::SetWork</name>
    <message>
        <source>There are no near-duplicates in this set.</source>
        <translation>In diesem Satz gibt es keine Beinahe-Doppelten.</translation>
    </message>
    <message>
        <source>Rename swatch</source>
        <translation>Farbfeld umbenennen</translation>
    </message>
    <message>
        <source>Rename family</source>
        <translation>Familie umbenennen</translation>
    </message>
    <message>
        <source>Select swatches first: click one, or drag a box around several.</source>
        <translation>Zuerst Farbfelder auswählen: eines anklicken, oder einen Rahmen um mehrere ziehen.</translation>
    </message>
    <message>
        <source>Duplicate swatches</source>
        <translation>Farbfelder verdoppeln</translation>
    </message>
    <message>
        <source>Replace by current color</source>
        <translation>Durch die aktuelle Farbe ersetzen</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Freigeben</translation>
    </message>
    <message>
        <source>Mark used</source>
        <translation>Als benutzt markieren</translation>
    </message>
    <message>
        <source>Mark unused</source>
        <translation>Als unbenutzt markieren</translation>
    </message>
    <message>
        <source>Move swatch</source>
        <translation>Farbfeld verschieben</translation>
    </message>
    <message>
        <source>Move %1 swatches</source>
        <translation>%1 Farbfelder verschieben</translation>
    </message>
    <message>
        <source>Select two swatches first; colors are laid between them.</source>
        <translation>Zuerst zwei Farbfelder auswählen; die Farben kommen dazwischen.</translation>
    </message>
    <message>
        <source>Fill between</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Split family</source>
        <translation>Familie abspalten</translation>
    </message>
    <message>
        <source>Delete swatch</source>
        <translation>Farbfeld löschen</translation>
    </message>
    <message>
        <source>Delete %1 swatches</source>
        <translation>%1 Farbfelder löschen</translation>
    </message>
    <message numerus="yes">
        <source>Paste %n swatches</source>
        <translation>
            <numerusform>%n Farbfeld einfügen</numerusform>
            <numerusform>%n Farbfelder einfügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Adjust %n swatches</source>
        <translation>
            <numerusform>%n Farbfeld anpassen</numerusform>
            <numerusform>%n Farbfelder anpassen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::SetsPanel</name>
    <message>
        <source>Sets of the piece</source>
        <translation>Sätze des Werks</translation>
    </message>
    <message>
        <source>Name of the current set</source>
        <translation>Name des aktuellen Satzes</translation>
    </message>
    <message>
        <source>Tags of the set, with commas</source>
        <translation>Schlagwörter des Satzes, mit Kommas</translation>
    </message>
    <message>
        <source>Note on the set</source>
        <translation>Notiz zum Satz</translation>
    </message>
    <message>
        <source>Versions of the current set; those ticked stand beside it in the view of versions</source>
        <translation>Versionen des aktuellen Satzes; die abgehakten stehen in der Ansicht der Versionen daneben</translation>
    </message>
    <message>
        <source>Name for the version to keep</source>
        <translation>Name für die Version, die bleiben soll</translation>
    </message>
    <message>
        <source>tags, with commas</source>
        <translation>Schlagwörter, mit Kommas</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>name of a version to keep</source>
        <translation>Name einer Version, die bleiben soll</translation>
    </message>
    <message>
        <source>Move set</source>
        <translation>Satz verschieben</translation>
    </message>
    <message>
        <source>New</source>
        <translation>Neu</translation>
    </message>
    <message>
        <source>Add an empty set</source>
        <translation>Einen leeren Satz hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>A copy of the current set</source>
        <translation>Eine Kopie des aktuellen Satzes</translation>
    </message>
    <message>
        <source>Duplicate set</source>
        <translation>Satz verdoppeln</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Take the current set out of the piece (Undo brings it back)</source>
        <translation>Den aktuellen Satz aus dem Werk nehmen (Rückgängig bringt ihn zurück)</translation>
    </message>
    <message>
        <source>Remove set</source>
        <translation>Satz entfernen</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Auf</translation>
    </message>
    <message>
        <source>Move the current set up</source>
        <translation>Den aktuellen Satz nach oben</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Ab</translation>
    </message>
    <message>
        <source>Move the current set down</source>
        <translation>Den aktuellen Satz nach unten</translation>
    </message>
    <message>
        <source>Versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>Choose a version in the list first.</source>
        <translation>Zuerst eine Version in der Liste wählen.</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>The set becomes what this version is; what it was is kept</source>
        <translation>Der Satz wird, was diese Version ist; was er war, bleibt erhalten</translation>
    </message>
    <message>
        <source>Take up version</source>
        <translation>Version aufnehmen</translation>
    </message>
    <message>
        <source>Remove the version</source>
        <translation>Die Version entfernen</translation>
    </message>
    <message>
        <source>Remove version</source>
        <translation>Version entfernen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keep the set as it is now as a version</source>
        <translation>Den Satz, wie er jetzt ist, als Version behalten</translation>
    </message>
    <message>
        <source>Rename set</source>
        <translation>Satz umbenennen</translation>
    </message>
    <message>
        <source>Tag set</source>
        <translation>Satz verschlagworten</translation>
    </message>
    <message>
        <source>Rename version</source>
        <translation>Version umbenennen</translation>
    </message>
    <message>
        <source>New set</source>
        <translation>Neuer Satz</translation>
    </message>
    <message>
        <source>New set %1</source>
        <translation>Neuer Satz %1</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>Version %1</translation>
    </message>
    <message>
        <source>Keep version</source>
        <translation>Version behalten</translation>
    </message>
    <message>
        <source>Write note</source>
        <translation>Notiz schreiben</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>None yet. Keep the set as it is, then change it.</source>
        <translation>Noch keine. Den Satz behalten, wie er ist, dann ändern.</translation>
    </message>
</context>
<context>
    <name>zc::ShareDesk</name>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>The plan on paper</source>
        <translation>Der Plan auf Papier</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>What a press prints of the set</source>
        <translation>Was ein Druck vom Satz wiedergibt</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Every format, several at once</source>
        <translation>Jedes Format, mehrere auf einmal</translation>
    </message>
    <message>
        <source>Wheel</source>
        <translation>Farbkreis</translation>
    </message>
    <message>
        <source>The wheel with its mask as a picture</source>
        <translation>Der Farbkreis mit seiner Maske als Bild</translation>
    </message>
    <message>
        <source>Parcel</source>
        <translation>Paket</translation>
    </message>
    <message>
        <source>Sets, masks and more for others, and from them</source>
        <translation>Sätze, Masken und mehr für andere, und von ihnen</translation>
    </message>
    <message>
        <source>page back</source>
        <translation>Seite zurück</translation>
    </message>
    <message>
        <source>The page before (Page Up)</source>
        <translation>Die Seite davor (Bild auf)</translation>
    </message>
    <message>
        <source>next page</source>
        <translation>nächste Seite</translation>
    </message>
    <message>
        <source>The next page (Page Down)</source>
        <translation>Die nächste Seite (Bild ab)</translation>
    </message>
    <message>
        <source>%1 pixels a disc, sRGB</source>
        <translation>%1 Pixel je Scheibe, sRGB</translation>
    </message>
    <message>
        <source>Page %1 of %2, as %3 prints it</source>
        <translation>Seite %1 von %2, wie %3 sie wiedergibt</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
</context>
<context>
    <name>zc::ShareFiles</name>
    <message>
        <source>A file is still being read or written; stop that first, or wait for it.</source>
        <translation>Noch wird eine Datei gelesen oder geschrieben; das erst anhalten oder abwarten.</translation>
    </message>
    <message>
        <source>sheet.%1</source>
        <translation>blatt.%1</translation>
    </message>
    <message>
        <source>Sheets (*.%1)</source>
        <translation>Blätter (*.%1)</translation>
    </message>
    <message>
        <source>Writing the sheet</source>
        <translation>Das Blatt wird geschrieben</translation>
    </message>
    <message>
        <source>Written to &quot;%1&quot;.</source>
        <translation>Nach &quot;%1&quot; geschrieben.</translation>
    </message>
    <message>
        <source>Written to &quot;%1&quot; and %2 more files.</source>
        <translation>Nach &quot;%1&quot; und %2 weitere Dateien geschrieben.</translation>
    </message>
    <message>
        <source>Making the sheet</source>
        <translation>Das Blatt wird gemacht</translation>
    </message>
    <message>
        <source>plan.png</source>
        <translation>plan.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Bilder (*.png *.svg)</translation>
    </message>
    <message>
        <source>Writing the plan</source>
        <translation>Der Plan wird geschrieben</translation>
    </message>
    <message>
        <source>Making the plan</source>
        <translation>Der Plan wird gemacht</translation>
    </message>
    <message>
        <source>Copied the plan, %1 × %2 pixels.</source>
        <translation>Plan kopiert, %1 × %2 Pixel.</translation>
    </message>
    <message>
        <source>Writing the files</source>
        <translation>Die Dateien werden geschrieben</translation>
    </message>
    <message>
        <source>The sheet was not printed: the printer, or the file it prints to, does not take it.</source>
        <translation>Das Blatt wurde nicht gedruckt: Der Drucker, oder die Datei, in die er druckt, nimmt es nicht an.</translation>
    </message>
    <message>
        <source>The files were not written, and are not written at every save any more.</source>
        <translation>Die Dateien wurden nicht geschrieben und werden auch nicht mehr bei jedem Speichern geschrieben.</translation>
    </message>
</context>
<context>
    <name>zc::ShareMenu</name>
    <message>
        <source>&amp;Share</source>
        <translation>&amp;Teilen</translation>
    </message>
    <message>
        <source>Wri&amp;te the plan...</source>
        <translation>Plan &amp;schreiben...</translation>
    </message>
    <message>
        <source>Write the wheel as PNG, its outline as SVG</source>
        <translation>Den Farbkreis als PNG schreiben, seinen Umriss als SVG</translation>
    </message>
    <message>
        <source>&amp;Copy the plan</source>
        <translation>Plan &amp;kopieren</translation>
    </message>
    <message>
        <source>Put the wheel on the clipboard as a picture</source>
        <translation>Den Farbkreis als Bild in die Zwischenablage legen</translation>
    </message>
    <message>
        <source>Write the chosen files a&amp;gain</source>
        <translation>Die &amp;gewählten Dateien neu schreiben</translation>
    </message>
    <message>
        <source>Every chosen format into the chosen folder, without asking</source>
        <translation>Jedes gewählte Format in den gewählten Ordner, ohne zu fragen</translation>
    </message>
    <message>
        <source>Read &amp;lines...</source>
        <translation>Zei&amp;len lesen...</translation>
    </message>
    <message>
        <source>Bring in a text file by the pattern of lines</source>
        <translation>Eine Textdatei nach dem Muster der Zeilen hereinholen</translation>
    </message>
    <message>
        <source>The &amp;sheet</source>
        <translation>Das &amp;Blatt</translation>
    </message>
    <message>
        <source>Show the plan on paper</source>
        <translation>Den Plan auf Papier zeigen</translation>
    </message>
    <message>
        <source>The &amp;press</source>
        <translation>Der &amp;Druck</translation>
    </message>
    <message>
        <source>Show what a press prints of the set</source>
        <translation>Zeigen, was ein Druck vom Satz wiedergibt</translation>
    </message>
    <message>
        <source>&amp;Files of the set</source>
        <translation>&amp;Dateien des Satzes</translation>
    </message>
    <message>
        <source>Show every format that the set is written in</source>
        <translation>Alle Formate zeigen, in denen der Satz geschrieben wird</translation>
    </message>
    <message>
        <source>Par&amp;cels</source>
        <translation>&amp;Pakete</translation>
    </message>
    <message>
        <source>Pack for others, and look into what comes from them</source>
        <translation>Für andere packen, und ansehen, was von ihnen kommt</translation>
    </message>
    <message>
        <source>The &amp;wheel as a picture</source>
        <translation>Der &amp;Farbkreis als Bild</translation>
    </message>
    <message>
        <source>Show the plan as a picture to lie beside a canvas</source>
        <translation>Den Plan als Bild zeigen, das neben einer Leinwand liegt</translation>
    </message>
    <message>
        <source>Write the sheet as P&amp;DF...</source>
        <translation>Blatt als P&amp;DF schreiben...</translation>
    </message>
    <message>
        <source>Write all pages of the sheet as PDF</source>
        <translation>Alle Seiten des Blatts als PDF schreiben</translation>
    </message>
    <message>
        <source>Write the sheet as S&amp;VG...</source>
        <translation>Blatt als S&amp;VG schreiben...</translation>
    </message>
    <message>
        <source>Write the sheet as SVG, a file a page</source>
        <translation>Das Blatt als SVG schreiben, eine Datei je Seite</translation>
    </message>
    <message>
        <source>Write the sheet as P&amp;NG...</source>
        <translation>Blatt als P&amp;NG schreiben...</translation>
    </message>
    <message>
        <source>Write the sheet as PNG, a file a page</source>
        <translation>Das Blatt als PNG schreiben, eine Datei je Seite</translation>
    </message>
    <message>
        <source>P&amp;rint the sheet...</source>
        <translation>Blatt d&amp;rucken...</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Das Blatt in einer Vorschau sehen und drucken</translation>
    </message>
    <message>
        <source>&amp;Add a press profile...</source>
        <translation>Druck&amp;profil hinzufügen...</translation>
    </message>
    <message>
        <source>Take in an ICC profile of a four-color press and keep it on the shelf</source>
        <translation>Ein ICC-Profil eines Vierfarbdrucks aufnehmen und im Regal behalten</translation>
    </message>
    <message>
        <source>Pro&amp;of</source>
        <translation>&amp;Andruck</translation>
    </message>
    <message>
        <source>See sheet, staff and Try as the chosen press prints them</source>
        <translation>Blatt, Notenzeile und Probieren so sehen, wie der gewählte Druck sie wiedergibt</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Zuerst einen Druck wählen.</translation>
    </message>
    <message>
        <source>Take all prin&amp;table colors</source>
        <translation>Alle druck&amp;baren Farben nehmen</translation>
    </message>
    <message>
        <source>What does not print becomes the nearest that does; the set before is kept as a version</source>
        <translation>Was nicht druckbar ist, wird zum nächsten, das es ist; der Satz davor bleibt als Version</translation>
    </message>
    <message>
        <source>Press profiles (*.icc *.icm)</source>
        <translation>Druckprofile (*.icc *.icm)</translation>
    </message>
    <message>
        <source>%1 is on the shelf.</source>
        <translation>%1 steht im Regal.</translation>
    </message>
</context>
<context>
    <name>zc::ShareReader</name>
    <message>
        <source>Choose at least one format first.</source>
        <translation>Zuerst mindestens ein Format wählen.</translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation>Zuerst einen Ordner wählen.</translation>
    </message>
    <message>
        <source>There is no set yet.</source>
        <translation>Noch gibt es keinen Satz.</translation>
    </message>
</context>
<context>
    <name>zc::ShareStage</name>
    <message>
        <source>The sheet or the plan as it will be given away</source>
        <translation>Das Blatt oder der Plan, wie sie weggegeben werden</translation>
    </message>
    <message>
        <source>The wheel zooms, a drag moves, Page Down turns the page, 0 shows all of it.</source>
        <translation>Das Mausrad vergrößert, Ziehen verschiebt, Bild ab blättert um, 0 zeigt alles.</translation>
    </message>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
</context>
<context>
    <name>zc::SheetPanel</name>
    <message>
        <source>title and words</source>
        <translation>Titel und Worte</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>wheel and mask</source>
        <translation>Farbkreis und Maske</translation>
    </message>
    <message>
        <source>swatches</source>
        <translation>Farbfelder</translation>
    </message>
    <message>
        <source>staff</source>
        <translation>Notenzeile</translation>
    </message>
    <message>
        <source>needed, present, missing</source>
        <translation>gebraucht, da, fehlt</translation>
    </message>
    <message>
        <source>signature and date</source>
        <translation>Signatur und Datum</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Auf dem Blatt</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>Whether it is on the sheet</source>
        <translation>Ob es auf dem Blatt steht</translation>
    </message>
    <message>
        <source>up</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>down</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>%1 up</source>
        <translation>%1: auf</translation>
    </message>
    <message>
        <source>%1 down</source>
        <translation>%1: ab</translation>
    </message>
    <message>
        <source>Let it come earlier</source>
        <translation>Früher kommen lassen</translation>
    </message>
    <message>
        <source>Let it come later</source>
        <translation>Später kommen lassen</translation>
    </message>
    <message>
        <source>the reference as its study</source>
        <translation>die Vorlage als ihre Studie</translation>
    </message>
    <message>
        <source>As at Try: every pixel in its swatch</source>
        <translation>Wie beim Probieren: jedes Pixel in seinem Farbfeld</translation>
    </message>
    <message>
        <source>Swatches</source>
        <translation>Farbfelder</translation>
    </message>
    <message>
        <source>light to dark</source>
        <translation>hell nach dunkel</translation>
    </message>
    <message>
        <source>In one row by value instead of family by family</source>
        <translation>In einer Reihe nach Tonwert statt Familie für Familie</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>hex</source>
        <translation>Hex</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Written beside each swatch</source>
        <translation>Neben jedem Farbfeld geschrieben</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Paper, or the size of a screen</source>
        <translation>Papier, oder die Größe eines Bildschirms</translation>
    </message>
    <message>
        <source>lying</source>
        <translation>quer</translation>
    </message>
    <message>
        <source>Wider than high</source>
        <translation>Breiter als hoch</translation>
    </message>
    <message>
        <source>dark ground</source>
        <translation>dunkler Grund</translation>
    </message>
    <message>
        <source>Light words on a dark ground</source>
        <translation>Helle Wörter auf dunklem Grund</translation>
    </message>
    <message>
        <source>Margin, 5 to 40 millimetres</source>
        <translation>Rand, 5 bis 40 Millimeter</translation>
    </message>
    <message>
        <source> mm margin</source>
        <translation> mm Rand</translation>
    </message>
    <message>
        <source>L* that the wheel is shown at</source>
        <translation>L*, bei dem der Farbkreis gezeigt wird</translation>
    </message>
    <message>
        <source> wheel value</source>
        <translation> Wert im Kreis</translation>
    </message>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Jeder Farbton bei dem Tonwert, wo er am stärksten ist</translation>
    </message>
    <message>
        <source>Write PDF</source>
        <translation>PDF schreiben</translation>
    </message>
    <message>
        <source>Write the sheet as PDF, all pages</source>
        <translation>Das Blatt als PDF schreiben, alle Seiten</translation>
    </message>
    <message>
        <source>Write SVG</source>
        <translation>SVG schreiben</translation>
    </message>
    <message>
        <source>Write the sheet as SVG, a file a page</source>
        <translation>Das Blatt als SVG schreiben, eine Datei je Seite</translation>
    </message>
    <message>
        <source>Write PNG</source>
        <translation>PNG schreiben</translation>
    </message>
    <message>
        <source>Write the sheet as PNG at 300 pixels an inch, a file a page</source>
        <translation>Das Blatt als PNG mit 300 Pixeln je Zoll schreiben, eine Datei je Seite</translation>
    </message>
    <message>
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Das Blatt in einer Vorschau sehen und drucken</translation>
    </message>
</context>
<context>
    <name>zc::ShelfPanel</name>
    <message>
        <source>Put up</source>
        <translation>Hinstellen</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Put back</source>
        <translation>Zurückstellen</translation>
    </message>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>On/off</source>
        <translation>An/aus</translation>
    </message>
    <message>
        <source>Take off</source>
        <translation>Abnehmen</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Das Regal durchsuchen</translation>
    </message>
    <message>
        <source>On the shelf; double-click takes one up</source>
        <translation>Im Regal; Doppelklick nimmt auf</translation>
    </message>
    <message>
        <source>Name for the shelf</source>
        <translation>Name fürs Regal</translation>
    </message>
    <message>
        <source>Tags for the shelf</source>
        <translation>Schlagwörter fürs Regal</translation>
    </message>
    <message>
        <source>Keep the piece&apos;s own on the shelf under this name</source>
        <translation>Das des Werks unter diesem Namen im Regal behalten</translation>
    </message>
    <message>
        <source>Use the chosen one in this piece</source>
        <translation>Das Gewählte in diesem Werk verwenden</translation>
    </message>
    <message>
        <source>Put the piece&apos;s own into the place of the chosen one, which keeps its name and tags</source>
        <translation>Das des Werks an die Stelle des Gewählten setzen; Name und Schlagwörter bleiben</translation>
    </message>
    <message>
        <source>Give the chosen one the name and tags written here</source>
        <translation>Dem Gewählten Namen und Schlagwörter geben, die hier stehen</translation>
    </message>
    <message>
        <source>Switch the chosen one off, out of the way at the end of the shelf, or on again</source>
        <translation>Das Gewählte ausschalten, aus dem Weg ans Ende des Regals, oder wieder an</translation>
    </message>
    <message>
        <source>Take the chosen one off the shelf; what came with the program stays</source>
        <translation>Das Gewählte aus dem Regal nehmen; was mit dem Programm kam, bleibt</translation>
    </message>
    <message>
        <source>search names and tags</source>
        <translation>Namen und Schlagwörter suchen</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>tags, with commas</source>
        <translation>Schlagwörter, mit Kommas</translation>
    </message>
    <message>
        <source>Nothing on the shelf yet; put one up below.</source>
        <translation>Noch nichts im Regal; unten etwas hinstellen.</translation>
    </message>
    <message>
        <source>No %1 on the shelf with these words.</source>
        <translation>Keine %1 im Regal mit diesen Wörtern.</translation>
    </message>
    <message>
        <source>The piece has nothing of this kind to put up.</source>
        <translation>Das Werk hat nichts dieser Art hinzustellen.</translation>
    </message>
    <message>
        <source>It needs a name; type at least one letter.</source>
        <translation>Ein Name ist nötig; mindestens einen Buchstaben eingeben.</translation>
    </message>
</context>
<context>
    <name>zc::StaffView</name>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>, %1 selected</source>
        <translation>, %1 ausgewählt</translation>
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
        <translation>unbenutzt</translation>
    </message>
    <message>
        <source>twins</source>
        <translation>Zwillinge</translation>
    </message>
    <message>
        <source>near</source>
        <translation>nahe</translation>
    </message>
    <message>
        <source>gap %1</source>
        <translation>Lücke %1</translation>
    </message>
    <message>
        <source>%1 %2 of %3</source>
        <translation>%1 %2 von %3</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>taken</source>
        <translation>genommen</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Farbreihe</translation>
    </message>
    <message>
        <source>lay</source>
        <translation>legen</translation>
    </message>
    <message>
        <source>No swatches yet. Lay them at the desk.</source>
        <translation>Noch keine Farbfelder. Am Tisch legen.</translation>
    </message>
    <message>
        <source>No swatches yet. Pick a color, then lay it here with Ctrl+L.</source>
        <translation>Noch keine Farbfelder. Eine Farbe wählen, dann mit Strg+L hierher legen.</translation>
    </message>
    <message>
        <source>String, step %1: %2</source>
        <translation>Farbreihe, Stufe %1: %2</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Legen</translation>
    </message>
    <message>
        <source>Staff of the current set</source>
        <translation>Notenzeile des aktuellen Satzes</translation>
    </message>
    <message>
        <source>The set by value</source>
        <translation>Der Satz nach Tonwert</translation>
    </message>
    <message>
        <source>Move band limit</source>
        <translation>Bandgrenze verschieben</translation>
    </message>
    <message>
        <source>That set has no family yet; show it and add one first.</source>
        <translation>Dieser Satz hat noch keine Familie; ihn zeigen und eine hinzufügen.</translation>
    </message>
    <message>
        <source>Move family</source>
        <translation>Familie verschieben</translation>
    </message>
    <message>
        <source>Rename swatch</source>
        <translation>Farbfeld umbenennen</translation>
    </message>
    <message>
        <source>Replace by the current color</source>
        <translation>Durch die aktuelle Farbe ersetzen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Verdoppeln</translation>
    </message>
    <message>
        <source>Lock or unlock</source>
        <translation>Sperren oder freigeben</translation>
    </message>
    <message>
        <source>Mark used or unused</source>
        <translation>Als benutzt markieren oder nicht</translation>
    </message>
    <message>
        <source>Split off as a family</source>
        <translation>Als Familie abspalten</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Rename family</source>
        <translation>Familie umbenennen</translation>
    </message>
    <message>
        <source>Merge with the next family</source>
        <translation>Mit der nächsten Familie vereinen</translation>
    </message>
    <message>
        <source>Merge families</source>
        <translation>Familien vereinen</translation>
    </message>
    <message>
        <source>Delete family and its swatches</source>
        <translation>Familie und ihre Farbfelder löschen</translation>
    </message>
    <message>
        <source>Delete family</source>
        <translation>Familie löschen</translation>
    </message>
    <message>
        <source>Add family</source>
        <translation>Familie hinzufügen</translation>
    </message>
    <message>
        <source>%1. Click lays it into the chosen family.</source>
        <translation>%1. Ein Klick legt sie in die gewählte Familie.</translation>
    </message>
    <message>
        <source>Click a column at the value line to lay the current color; drag over free ground to select; drag the line to change the value.</source>
        <translation>Ein Klick in eine Spalte an der Linie legt die aktuelle Farbe; über freien Grund ziehen wählt aus; die Linie ziehen ändert den Tonwert.</translation>
    </message>
    <message>
        <source>%1, %2, value %3%4, in %5. %6</source>
        <translation>%1, %2, Tonwert %3%4, in %5. %6</translation>
    </message>
    <message>
        <source>Click selects it, with Enter or a double click its color is taken up; drag moves it.</source>
        <translation>Klick wählt aus, mit der Eingabetaste oder Doppelklick wird die Farbe aufgenommen; Ziehen verschiebt.</translation>
    </message>
    <message>
        <source>Click takes it up, drag moves it.</source>
        <translation>Klick nimmt auf, Ziehen verschiebt.</translation>
    </message>
    <message>
        <source>Family %1</source>
        <translation>Familie %1</translation>
    </message>
    <message>
        <source>New family</source>
        <translation>Neue Familie</translation>
    </message>
</context>
<context>
    <name>zc::StepsLine</name>
    <message>
        <source>add a photo</source>
        <translation>Foto hinzufügen</translation>
    </message>
    <message>
        <source>At Observe: drop a photo on the window, or press Add</source>
        <translation>Beim Ansehen: ein Foto auf das Fenster ziehen, oder Dazu drücken</translation>
    </message>
    <message>
        <source>take colors</source>
        <translation>Farben nehmen</translation>
    </message>
    <message>
        <source>At Observe: point at the photo and click, or press Take colors</source>
        <translation>Beim Ansehen: auf das Foto zeigen und klicken, oder Farben nehmen drücken</translation>
    </message>
    <message>
        <source>lay a mask</source>
        <translation>Maske legen</translation>
    </message>
    <message>
        <source>At Limit: press a pattern, then drag outside the rim to turn it</source>
        <translation>Beim Begrenzen: ein Muster drücken, dann außerhalb des Randes ziehen, um es zu drehen</translation>
    </message>
    <message>
        <source>lay a swatch</source>
        <translation>Farbfeld legen</translation>
    </message>
    <message>
        <source>At Pick: drag the white line, pick in the wheel, press Ctrl+L</source>
        <translation>Beim Wählen: die weiße Linie ziehen, im Farbkreis wählen, Strg+L drücken</translation>
    </message>
    <message>
        <source>grade the set</source>
        <translation>abstufen</translation>
    </message>
    <message>
        <source>At Grade: look at what the report finds, press a remedy</source>
        <translation>Beim Abstufen: ansehen, was der Bericht findet, eine Abhilfe drücken</translation>
    </message>
    <message>
        <source>see it in the picture</source>
        <translation>im Bild sehen</translation>
    </message>
    <message>
        <source>At Try: the photo in your swatches</source>
        <translation>Beim Probieren: das Foto in den eigenen Farbfeldern</translation>
    </message>
    <message>
        <source>save</source>
        <translation>speichern</translation>
    </message>
    <message>
        <source>Ctrl+S saves the piece</source>
        <translation>Strg+S speichert das Werk</translation>
    </message>
    <message>
        <source>take it along</source>
        <translation>mitnehmen</translation>
    </message>
    <message>
        <source>At Share: the sheet, and files for the program you paint with</source>
        <translation>Beim Teilen: das Blatt, und Dateien für das Malprogramm</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>wegräumen</translation>
    </message>
    <message>
        <source>Show the first steps no more; Help brings them back</source>
        <translation>Die ersten Schritte nicht mehr zeigen; die Hilfe bringt sie zurück</translation>
    </message>
    <message>
        <source>That were the first steps. The handbook (F1) tells the rest.</source>
        <translation>Das waren die ersten Schritte. Das Handbuch (F1) erzählt den Rest.</translation>
    </message>
    <message>
        <source>%1, done</source>
        <translation>%1, getan</translation>
    </message>
</context>
<context>
    <name>zc::StepsPanel</name>
    <message>
        <source>hues</source>
        <translation>Farbtöne</translation>
    </message>
    <message>
        <source>Cut the wheel into so many hues: off, or 3 to 360</source>
        <translation>Den Farbkreis in so viele Farbtöne teilen: aus, oder 3 bis 360</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>saturations</source>
        <translation>Sättigungen</translation>
    </message>
    <message>
        <source>Cut saturation into so many steps from neutral to the rim: off, or 1 to 50</source>
        <translation>Die Sättigung in so viele Stufen von Neutral zum Rand teilen: aus, oder 1 bis 50</translation>
    </message>
    <message>
        <source>values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>Cut value into so many steps from black to white: off, or 2 to 101</source>
        <translation>Den Tonwert in so viele Stufen von Schwarz bis Weiß teilen: aus, oder 2 bis 101</translation>
    </message>
    <message>
        <source>Number of %1</source>
        <translation>Anzahl der %1</translation>
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
        <translation>Art der Farbreihe</translation>
    </message>
    <message>
        <source>A graded row from the current color</source>
        <translation>Eine abgestufte Reihe von der aktuellen Farbe aus</translation>
    </message>
    <message>
        <source>Other end of the string</source>
        <translation>Anderes Ende der Farbreihe</translation>
    </message>
    <message>
        <source>The other end, or the color of the air</source>
        <translation>Das andere Ende, oder die Farbe der Luft</translation>
    </message>
    <message>
        <source>Way of the string</source>
        <translation>Weg der Farbreihe</translation>
    </message>
    <message>
        <source>How the string goes to its other end</source>
        <translation>Wie die Farbreihe zu ihrem anderen Ende geht</translation>
    </message>
    <message>
        <source>Steps of the string</source>
        <translation>Stufen der Farbreihe</translation>
    </message>
    <message>
        <source>What is even from step to step</source>
        <translation>Was von Stufe zu Stufe gleich ist</translation>
    </message>
    <message>
        <source>Steps of equal value, or of equal difference to the eye (CIEDE2000)</source>
        <translation>Stufen gleichen Tonwerts, oder gleichen Unterschieds fürs Auge (CIEDE2000)</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>on the staff</source>
        <translation>auf der Notenzeile</translation>
    </message>
    <message>
        <source>Lay all</source>
        <translation>Alle legen</translation>
    </message>
    <message>
        <source>even values</source>
        <translation>gleiche Tonwerte</translation>
    </message>
    <message>
        <source>tints</source>
        <translation>Aufhellungen</translation>
    </message>
    <message>
        <source>shades</source>
        <translation>Abdunkelungen</translation>
    </message>
    <message>
        <source>tones</source>
        <translation>Vergrauungen</translation>
    </message>
    <message>
        <source>between</source>
        <translation>zwischen</translation>
    </message>
    <message>
        <source>into the distance</source>
        <translation>in die Ferne</translation>
    </message>
    <message>
        <source> steps</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>Number of steps, 2 to 24</source>
        <translation>Anzahl der Stufen, 2 bis 24</translation>
    </message>
    <message>
        <source>even in value</source>
        <translation>gleich im Tonwert</translation>
    </message>
    <message>
        <source>even to the eye</source>
        <translation>gleich fürs Auge</translation>
    </message>
    <message>
        <source>Bring steps outside the mask to its nearest color; such steps carry a dot</source>
        <translation>Stufen außerhalb der Maske zu ihrer nächsten Farbe holen; sie tragen einen Punkt</translation>
    </message>
    <message>
        <source>Show the string beside the staff, each step at its value</source>
        <translation>Die Farbreihe neben der Notenzeile zeigen, jede Stufe bei ihrem Tonwert</translation>
    </message>
    <message>
        <source>Lay all steps on the staff as a family</source>
        <translation>Alle Stufen als Familie auf die Notenzeile legen</translation>
    </message>
    <message>
        <source>color before</source>
        <translation>Farbe davor</translation>
    </message>
    <message>
        <source>usual air</source>
        <translation>übliche Luft</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; in die Maske geholt</translation>
    </message>
    <message>
        <source>
Click takes it up, Ctrl+click lays it on the staff.</source>
        <translation>
Klick nimmt sie auf, Strg+Klick legt sie auf die Notenzeile.</translation>
    </message>
    <message>
        <source>%1 held in the mask</source>
        <translation>%1 in der Maske gehalten</translation>
    </message>
    <message>
        <source>%1 out of reach, the nearest stands</source>
        <translation>%1 außer Reichweite, die nächste steht dafür</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
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
        <translation>Tonwertachse und Satz</translation>
    </message>
</context>
<context>
    <name>zc::StripsPanel</name>
    <message>
        <source>tints</source>
        <translation>Aufhellungen</translation>
    </message>
    <message>
        <source>tones</source>
        <translation>Vergrauungen</translation>
    </message>
    <message>
        <source>shades</source>
        <translation>Abdunkelungen</translation>
    </message>
    <message>
        <source>Lay these %1 as a family</source>
        <translation>Diese %1 als Familie legen</translation>
    </message>
    <message>
        <source>%1 of the current color</source>
        <translation>%1 der aktuellen Farbe</translation>
    </message>
    <message>
        <source>
Click takes it up, Ctrl+click lays it on the staff.</source>
        <translation>
Klick nimmt sie auf, Strg+Klick legt sie auf die Notenzeile.</translation>
    </message>
    <message>
        <source>This color has no %1.</source>
        <translation>Diese Farbe hat keine %1.</translation>
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
        <translation>keine Maske in Gebrauch</translation>
    </message>
    <message>
        <source>inside the mask</source>
        <translation>in der Maske</translation>
    </message>
    <message>
        <source>outside the mask</source>
        <translation>außerhalb der Maske</translation>
    </message>
    <message>
        <source>outside the mask, flagged</source>
        <translation>außerhalb der Maske, markiert</translation>
    </message>
</context>
<context>
    <name>zc::SwatchTable</name>
    <message>
        <source> (locked)</source>
        <translation> (gesperrt)</translation>
    </message>
    <message>
        <source>neutral</source>
        <translation>neutral</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Hex</source>
        <translation>Hex</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Chroma</source>
        <translation>Buntheit</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>Family</source>
        <translation>Familie</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Write note</source>
        <translation>Notiz schreiben</translation>
    </message>
    <message>
        <source>Write color</source>
        <translation>Farbe schreiben</translation>
    </message>
    <message>
        <source>A value is a number from 0 to 100.</source>
        <translation>Ein Tonwert ist eine Zahl von 0 bis 100.</translation>
    </message>
    <message>
        <source>Write value</source>
        <translation>Tonwert schreiben</translation>
    </message>
    <message>
        <source>At value %1 this color is less saturated: it had too much there.</source>
        <translation>Bei Tonwert %1 ist diese Farbe weniger gesättigt: sie hatte dort zu viel.</translation>
    </message>
</context>
<context>
    <name>zc::TakeRow</name>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>How many %1 colors</source>
        <translation>Wie viele Farben: %1</translation>
    </message>
    <message>
        <source>How many %1 colors, 0 to 60</source>
        <translation>Wie viele Farben: %1, 0 bis 60</translation>
    </message>
    <message>
        <source>Take colors out of the photo, or stop doing so</source>
        <translation>Farben aus dem Foto nehmen, oder damit aufhören</translation>
    </message>
    <message>
        <source>Take colors</source>
        <translation>Farben nehmen</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Anhalten, %1 %</translation>
    </message>
</context>
<context>
    <name>zc::TakenPanel</name>
    <message>
        <source>Colors taken from the photo</source>
        <translation>Aus dem Foto genommene Farben</translation>
    </message>
    <message>
        <source>replace</source>
        <translation>ersetzen</translation>
    </message>
    <message>
        <source>Replace the chosen color by the current one; its pin stays</source>
        <translation>Die gewählte Farbe durch die aktuelle ersetzen; ihre Nadel bleibt</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>fallen lassen</translation>
    </message>
    <message>
        <source>Drop the chosen color (Delete on the photo)</source>
        <translation>Die gewählte Farbe fallen lassen (Entf auf dem Foto)</translation>
    </message>
    <message>
        <source>refill</source>
        <translation>auffüllen</translation>
    </message>
    <message>
        <source>Fill up again what was dropped; the others stay</source>
        <translation>Auffüllen, was fallen gelassen wurde; die anderen bleiben</translation>
    </message>
    <message>
        <source>Lay by hue</source>
        <translation>Nach Farbton legen</translation>
    </message>
    <message>
        <source>Lay the colors on the staff as families by hue, in one step</source>
        <translation>Die Farben in einem Schritt als Familien nach Farbton auf die Notenzeile legen</translation>
    </message>
    <message>
        <source>Lay by band</source>
        <translation>Nach Band legen</translation>
    </message>
    <message>
        <source>Lay the colors on the staff as families light, middle and dark, in one step</source>
        <translation>Die Farben in einem Schritt als Familien hell, mittel und dunkel auf die Notenzeile legen</translation>
    </message>
    <message>
        <source>put away</source>
        <translation>weglegen</translation>
    </message>
    <message>
        <source>Let go of the colors taken</source>
        <translation>Die genommenen Farben loslassen</translation>
    </message>
    <message>
        <source>Nothing taken yet: Take colors pins them to the photo.</source>
        <translation>Noch nichts genommen: Farben nehmen heftet sie ans Foto.</translation>
    </message>
    <message>
        <source>%1, %2 % of the photo</source>
        <translation>%1, %2 % des Fotos</translation>
    </message>
    <message>
        <source>%1, %2 %%3. A click takes it up.</source>
        <translation>%1, %2 %%3. Ein Klick nimmt sie auf.</translation>
    </message>
    <message>
        <source>, an accent</source>
        <translation>, ein Akzent</translation>
    </message>
    <message numerus="yes">
        <source>%n colors taken</source>
        <translation>
            <numerusform>%n Farbe genommen</numerusform>
            <numerusform>%n Farben genommen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>, %n of them accents</source>
        <translation>
            <numerusform>, davon %n Akzent</numerusform>
            <numerusform>, davon %n Akzente</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::Taking</name>
    <message>
        <source>%1 light</source>
        <translation>%1 hell</translation>
    </message>
    <message>
        <source>%1 middle</source>
        <translation>%1 mittel</translation>
    </message>
    <message>
        <source>%1 dark</source>
        <translation>%1 dunkel</translation>
    </message>
    <message>
        <source>The photo lacks %1 that are so far apart.</source>
        <translation>Dem Foto fehlen %1, die so weit auseinander sind.</translation>
    </message>
</context>
<context>
    <name>zc::TowardBar</name>
    <message>
        <source>Darker or lighter</source>
        <translation>Dunkler oder heller</translation>
    </message>
    <message>
        <source>Drag toward a black or a white that every mixture is given of; a color dropped at an end takes its place, a double click goes back to the mixture itself</source>
        <translation>Zu einem Schwarz oder Weiß ziehen, von dem jede Mischung bekommt; eine an einem Ende abgelegte Farbe tritt an seine Stelle, ein Doppelklick kehrt zur Mischung selbst zurück</translation>
    </message>
</context>
<context>
    <name>zc::Tray</name>
    <message>
        <source>Current color as hex</source>
        <translation>Aktuelle Farbe als Hex</translation>
    </message>
    <message>
        <source>Type a color as #rrggbb or #rgb and press Enter</source>
        <translation>Eine Farbe als #rrggbb oder #rgb eingeben, dann die Eingabetaste</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the color as hex (Ctrl+Shift+C)</source>
        <translation>Die Farbe als Hex kopieren (Strg+Umschalt+C)</translation>
    </message>
    <message>
        <source>Hue on the wheel</source>
        <translation>Farbton auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Saturation on the wheel</source>
        <translation>Sättigung auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Value, true lightness</source>
        <translation>Tonwert, wahre Helligkeit</translation>
    </message>
    <message>
        <source> value</source>
        <translation> Tonwert</translation>
    </message>
    <message>
        <source>%1: type, scroll or drag; with Shift ten steps, with Alt a tenth</source>
        <translation>%1: eingeben, drehen oder ziehen; mit Umschalt zehn Schritte, mit Alt ein Zehntel</translation>
    </message>
    <message>
        <source>Lay on the staff</source>
        <translation>Auf die Notenzeile legen</translation>
    </message>
    <message>
        <source>Lay the current color into the chosen family (Ctrl+L)</source>
        <translation>Die aktuelle Farbe in die gewählte Familie legen (Strg+L)</translation>
    </message>
    <message>
        <source>hand over</source>
        <translation>übergeben</translation>
    </message>
    <message>
        <source>step %1 of %2, %3</source>
        <translation>Stufe %1 von %2, %3</translation>
    </message>
    <message>
        <source>, does not print</source>
        <translation>, nicht druckbar</translation>
    </message>
    <message>
        <source>into %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>into a new family</source>
        <translation>in eine neue Familie</translation>
    </message>
    <message>
        <source>Every pick goes to the clipboard at its end, as %1 (Ctrl+H)</source>
        <translation>Jede Wahl geht am Ende in die Zwischenablage, als %1 (Strg+H)</translation>
    </message>
</context>
<context>
    <name>zc::TryDesk</name>
    <message>
        <source>The picture as it is</source>
        <translation>Das Bild, wie es ist</translation>
    </message>
    <message>
        <source>Every pixel or area in its swatch</source>
        <translation>Jedes Pixel oder jede Fläche im eigenen Farbfeld</translation>
    </message>
    <message>
        <source>The picture moved as the swatches moved, its texture kept</source>
        <translation>Das Bild, bewegt wie die Farbfelder, seine Textur bleibt</translation>
    </message>
    <message>
        <source>What lies outside the mask or far from every swatch keeps its color</source>
        <translation>Was außerhalb der Maske oder fern von jedem Farbfeld liegt, behält seine Farbe</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>blinzeln</translation>
    </message>
    <message>
        <source>Both sides blurred, as with eyes half shut</source>
        <translation>Beide Seiten unscharf, wie mit halb geschlossenen Augen</translation>
    </message>
    <message>
        <source>against nothing</source>
        <translation>gegen nichts</translation>
    </message>
    <message>
        <source>against %1</source>
        <translation>gegen %1</translation>
    </message>
    <message>
        <source>What stands left of the edge</source>
        <translation>Was links von der Kante steht</translation>
    </message>
    <message>
        <source>What is shown, or stands right of the edge</source>
        <translation>Was gezeigt wird, oder rechts von der Kante steht</translation>
    </message>
    <message>
        <source>The state of the set that the picture is in</source>
        <translation>Der Stand des Satzes, in dem das Bild ist</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>Two under one edge; drag it, Space changes the sides</source>
        <translation>Zwei unter einer Kante; ziehen bewegt sie, die Leertaste tauscht die Seiten</translation>
    </message>
    <message>
        <source>areas</source>
        <translation>Flächen</translation>
    </message>
    <message>
        <source>Cut into areas of like color, each in one swatch; drag a swatch onto one to bind it</source>
        <translation>In Flächen ähnlicher Farbe teilen, jede in einem Farbfeld; ein Farbfeld auf eine Fläche ziehen bindet es</translation>
    </message>
    <message>
        <source>Cut into areas</source>
        <translation>In Flächen teilen</translation>
    </message>
    <message>
        <source>Study by pixels</source>
        <translation>Studie nach Pixeln</translation>
    </message>
    <message>
        <source>At most so many areas, 2 to 500</source>
        <translation>Höchstens so viele Flächen, 2 bis 500</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Anzahl der Flächen</translation>
    </message>
    <message>
        <source>Smoothed before, in percent of the longer side</source>
        <translation>Vorher geglättet, in Prozent der längeren Seite</translation>
    </message>
    <message>
        <source> smooth</source>
        <translation> glatt</translation>
    </message>
    <message>
        <source>Smoothing of areas</source>
        <translation>Glättung der Flächen</translation>
    </message>
    <message>
        <source>The smallest area, in percent of the picture; less joins its neighbor</source>
        <translation>Die kleinste Fläche, in Prozent des Bildes; kleinere kommen zur Nachbarin</translation>
    </message>
    <message>
        <source> % least</source>
        <translation> % kleinste</translation>
    </message>
    <message>
        <source>Smallest area</source>
        <translation>Kleinste Fläche</translation>
    </message>
    <message>
        <source>value first</source>
        <translation>Wert zuerst</translation>
    </message>
    <message>
        <source>The nearest value within the family of the nearest hue, instead of the least difference</source>
        <translation>Der nächste Tonwert in der Familie des nächsten Farbtons, statt des kleinsten Unterschieds</translation>
    </message>
    <message>
        <source>Match of the study</source>
        <translation>Zuordnung der Studie</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>How far each swatch&apos;s move reaches beyond it</source>
        <translation>Wie weit die Bewegung jedes Farbfelds über es hinausreicht</translation>
    </message>
    <message>
        <source> soft</source>
        <translation> weich</translation>
    </message>
    <message>
        <source>outside the mask</source>
        <translation>außerhalb der Maske</translation>
    </message>
    <message>
        <source>Show the places outside the mask</source>
        <translation>Die Stellen außerhalb der Maske zeigen</translation>
    </message>
    <message>
        <source>far by</source>
        <translation>fern ab</translation>
    </message>
    <message>
        <source>Show the places far from every swatch</source>
        <translation>Die Stellen fern von jedem Farbfeld zeigen</translation>
    </message>
    <message>
        <source>CIEDE2000 from which on a color is far from every swatch</source>
        <translation>CIEDE2000, ab dem eine Farbe fern von jedem Farbfeld ist</translation>
    </message>
    <message>
        <source>What light, middle and dark are compared with</source>
        <translation>Womit hell, mittel und dunkel verglichen werden</translation>
    </message>
    <message>
        <source>lacks</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>Colors that the picture has and the set has not</source>
        <translation>Farben, die das Bild hat und der Satz nicht</translation>
    </message>
    <message>
        <source>pairs</source>
        <translation>Paare</translation>
    </message>
    <message>
        <source>Which swatch follows to which</source>
        <translation>Welches Farbfeld welchem folgt</translation>
    </message>
    <message>
        <source>change</source>
        <translation>ändern</translation>
    </message>
    <message>
        <source>Turn, saturate, lighten; the picture goes along</source>
        <translation>Drehen, sättigen, aufhellen; das Bild geht mit</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>The set under a colored light, and into the distance</source>
        <translation>Der Satz unter farbigem Licht, und in die Ferne</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Bild speichern</translation>
    </message>
    <message>
        <source>Write what is seen at full size, as PNG or JPEG</source>
        <translation>Was zu sehen ist, in voller Größe schreiben, als PNG oder JPEG</translation>
    </message>
    <message>
        <source>No picture</source>
        <translation>Kein Bild</translation>
    </message>
    <message>
        <source>No swatch has moved: choose a version to follow to, or try a change.</source>
        <translation>Kein Farbfeld hat sich bewegt: eine Version wählen, der gefolgt wird, oder eine Änderung probieren.</translation>
    </message>
    <message>
        <source>The set holds no swatch yet; lay some at Pick.</source>
        <translation>Der Satz hat noch kein Farbfeld; beim Wählen welche legen.</translation>
    </message>
    <message>
        <source>Every swatch is used by the picture.</source>
        <translation>Jedes Farbfeld wird vom Bild benutzt.</translation>
    </message>
    <message>
        <source>%1 of %2 swatches are not used by the picture.</source>
        <translation>%1 von %2 Farbfeldern benutzt das Bild nicht.</translation>
    </message>
    <message>
        <source>Asking the mask...</source>
        <translation>Die Maske wird befragt...</translation>
    </message>
    <message>
        <source>Outside the mask %1 %, far from every swatch %2 %; </source>
        <translation>Außerhalb der Maske %1 %, fern von jedem Farbfeld %2 %; </translation>
    </message>
    <message>
        <source>light %1 against %2, middle %3 against %4, dark %5 against %6 %</source>
        <translation>hell %1 gegen %2, mittel %3 gegen %4, dunkel %5 gegen %6 %</translation>
    </message>
    <message>
        <source>light %1, middle %2, dark %3 %</source>
        <translation>hell %1, mittel %2, dunkel %3 %</translation>
    </message>
    <message>
        <source>Outside the mask: light %1, middle %2, dark %3 %. Far: %4, %5, %6 %. The set has %7 light, %8 middle and %9 dark swatches</source>
        <translation>Außerhalb der Maske: hell %1, mittel %2, dunkel %3 %. Fern: %4, %5, %6 %. Der Satz hat %7 helle, %8 mittlere und %9 dunkle Farbfelder</translation>
    </message>
    <message>
        <source>; it aims at %1, %2 and %3.</source>
        <translation>; sein Ziel sind %1, %2 und %3.</translation>
    </message>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>study</source>
        <translation>Studie</translation>
    </message>
    <message>
        <source>follow</source>
        <translation>folgen</translation>
    </message>
    <message>
        <source>check</source>
        <translation>prüfen</translation>
    </message>
</context>
<context>
    <name>zc::TryMenu</name>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>The picture as it &amp;is</source>
        <translation>Das Bild, wie es &amp;ist</translation>
    </message>
    <message>
        <source>Show the picture as it is</source>
        <translation>Das Bild zeigen, wie es ist</translation>
    </message>
    <message>
        <source>In s&amp;watches</source>
        <translation>In F&amp;arbfeldern</translation>
    </message>
    <message>
        <source>Show every pixel or area in its swatch</source>
        <translation>Jedes Pixel oder jede Fläche in ihrem Farbfeld zeigen</translation>
    </message>
    <message>
        <source>&amp;Moved along</source>
        <translation>&amp;Mitbewegt</translation>
    </message>
    <message>
        <source>Show the picture moved as the swatches moved</source>
        <translation>Das Bild so bewegt zeigen, wie die Farbfelder sich bewegt haben</translation>
    </message>
    <message>
        <source>What &amp;strays</source>
        <translation>Was a&amp;bweicht</translation>
    </message>
    <message>
        <source>Show what lies outside the mask or far from every swatch</source>
        <translation>Zeigen, was außerhalb der Maske oder fern von jedem Farbfeld liegt</translation>
    </message>
    <message>
        <source>Two under one &amp;edge</source>
        <translation>Zwei unter einer &amp;Kante</translation>
    </message>
    <message>
        <source>Show two states of the set beside each other</source>
        <translation>Zwei Stände des Satzes nebeneinander zeigen</translation>
    </message>
    <message>
        <source>&amp;Change the sides</source>
        <translation>&amp;Seiten tauschen</translation>
    </message>
    <message>
        <source>What stands left of the edge and what right</source>
        <translation>Was links von der Kante steht und was rechts</translation>
    </message>
    <message>
        <source>Select &amp;unused</source>
        <translation>&amp;Unbenutzte auswählen</translation>
    </message>
    <message>
        <source>Select the swatches that the picture does not use</source>
        <translation>Die Farbfelder auswählen, die das Bild nicht benutzt</translation>
    </message>
    <message>
        <source>&amp;Let go of what is unused</source>
        <translation>Unbenutztes &amp;loslassen</translation>
    </message>
    <message>
        <source>Remove the swatches that the picture does not use; locked ones stay</source>
        <translation>Die Farbfelder entfernen, die das Bild nicht benutzt; Gesperrtes bleibt</translation>
    </message>
    <message>
        <source>Mark &amp;what is used</source>
        <translation>&amp;Benutztes markieren</translation>
    </message>
    <message>
        <source>Mark the swatches that the picture uses as used</source>
        <translation>Die Farbfelder, die das Bild benutzt, als benutzt markieren</translation>
    </message>
    <message>
        <source>Save the &amp;picture...</source>
        <translation>Bild sp&amp;eichern...</translation>
    </message>
    <message>
        <source>Write what is seen at full size, as PNG or JPEG; a study by areas as SVG</source>
        <translation>Was zu sehen ist, in voller Größe schreiben, als PNG oder JPEG; eine Studie nach Flächen als SVG</translation>
    </message>
    <message>
        <source>Save the pairi&amp;ng...</source>
        <translation>&amp;Zuordnung speichern...</translation>
    </message>
    <message>
        <source>Write which swatch follows to which, as a table</source>
        <translation>Als Tabelle schreiben, welches Farbfeld welchem folgt</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>Das Bild benutzt jedes Farbfeld.</translation>
    </message>
    <message numerus="yes">
        <source>Let go of %n unused swatches</source>
        <translation>
            <numerusform>%n unbenutztes Farbfeld loslassen</numerusform>
            <numerusform>%n unbenutzte Farbfelder loslassen</numerusform>
        </translation>
    </message>
    <message>
        <source>The picture uses no swatch of the set.</source>
        <translation>Das Bild benutzt kein Farbfeld des Satzes.</translation>
    </message>
    <message>
        <source>Mark used</source>
        <translation>Als benutzt markieren</translation>
    </message>
    <message>
        <source>There is no picture in the set yet to count in; wait for it, or show one.</source>
        <translation>Es gibt noch kein Bild im Satz, in dem gezählt werden kann; darauf warten oder eines zeigen.</translation>
    </message>
    <message>
        <source>Looking at every pixel</source>
        <translation>Jedes Pixel wird angesehen</translation>
    </message>
    <message>
        <source>The piece was changed meanwhile; ask once more.</source>
        <translation>Das Werk wurde inzwischen geändert; noch einmal fragen.</translation>
    </message>
    <message>
        <source>Choose the state of the set that is followed to first.</source>
        <translation>Zuerst den Stand des Satzes wählen, dem gefolgt wird.</translation>
    </message>
    <message>
        <source>pairs.csv</source>
        <translation>paare.csv</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>Written to &quot;%1&quot;.</source>
        <translation>Nach &quot;%1&quot; geschrieben.</translation>
    </message>
    <message>
        <source>There is no picture to save yet.</source>
        <translation>Noch gibt es kein Bild zu speichern.</translation>
    </message>
    <message>
        <source>tried.png</source>
        <translation>probe.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg *.svg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg *.svg)</translation>
    </message>
</context>
<context>
    <name>zc::TryReader</name>
    <message>
        <source>photo</source>
        <translation>Foto</translation>
    </message>
    <message>
        <source>no set</source>
        <translation>kein Satz</translation>
    </message>
    <message>
        <source>%1, as it is</source>
        <translation>%1, wie er ist</translation>
    </message>
</context>
<context>
    <name>zc::TryView</name>
    <message>
        <source>The picture in the set</source>
        <translation>Das Bild im Satz</translation>
    </message>
    <message>
        <source>Click takes up the swatch, the edge can be dragged, Space changes its sides; a swatch dragged onto an area binds it.</source>
        <translation>Klick nimmt das Farbfeld auf, die Kante lässt sich ziehen, die Leertaste tauscht ihre Seiten; ein auf eine Fläche gezogenes Farbfeld bindet sie.</translation>
    </message>
    <message>
        <source>Add a photo, a flat drawing or a canvas at Observe; here it stands in the set.</source>
        <translation>Beim Ansehen ein Foto, eine flache Zeichnung oder eine Leinwand hinzufügen; hier steht sie im Satz.</translation>
    </message>
    <message>
        <source>%1: click takes it up</source>
        <translation>%1: Klick nimmt es auf</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Flächen vereinen</translation>
    </message>
    <message>
        <source>Split this area</source>
        <translation>Diese Fläche teilen</translation>
    </message>
    <message>
        <source>Split area</source>
        <translation>Fläche teilen</translation>
    </message>
    <message>
        <source>Let it choose its swatch by itself</source>
        <translation>Ihr Farbfeld selbst wählen lassen</translation>
    </message>
    <message>
        <source>Unbind area</source>
        <translation>Fläche lösen</translation>
    </message>
    <message>
        <source>Cut the picture into areas first; a swatch is bound to an area.</source>
        <translation>Das Bild zuerst in Flächen teilen; ein Farbfeld wird an eine Fläche gebunden.</translation>
    </message>
    <message>
        <source>Bind area</source>
        <translation>Fläche binden</translation>
    </message>
    <message>
        <source>Edge between the two sides</source>
        <translation>Kante zwischen den beiden Seiten</translation>
    </message>
    <message>
        <source>Change the sides</source>
        <translation>Seiten tauschen</translation>
    </message>
</context>
<context>
    <name>zc::UseBar</name>
    <message>
        <source>%1: %2 % of the picture</source>
        <translation>%1: %2 % des Bildes</translation>
    </message>
    <message>
        <source>How much of the picture each swatch covers</source>
        <translation>Wie viel des Bildes jedes Farbfeld deckt</translation>
    </message>
    <message>
        <source>How much of the picture each swatch covers, light to dark; click selects it.</source>
        <translation>Wie viel des Bildes jedes Farbfeld deckt, hell nach dunkel; Klick wählt es aus.</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
</context>
<context>
    <name>zc::VersionsView</name>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
    </message>
    <message>
        <source>Click a version to choose it, double-click to take it up</source>
        <translation>Klick wählt eine Version, Doppelklick nimmt sie auf</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie er ist</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Tick versions under Sets to see them beside the set.</source>
        <translation>Unter Sätze Versionen abhaken, um sie neben dem Satz zu sehen.</translation>
    </message>
    <message>
        <source>No version is kept yet. Keep one under Sets, change the set, and see both here.</source>
        <translation>Noch keine Version behalten. Unter Sätze eine behalten, den Satz ändern, und hier beide sehen.</translation>
    </message>
    <message>
        <source>Take up version</source>
        <translation>Version aufnehmen</translation>
    </message>
</context>
<context>
    <name>zc::ViewMenu</name>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>&amp;Keep the reference in sight</source>
        <translation>&amp;Vorlage im Blick behalten</translation>
    </message>
    <message>
        <source>A small reference beside the work of this desk</source>
        <translation>Eine kleine Vorlage neben der Arbeit dieses Tisches</translation>
    </message>
    <message>
        <source>&amp;Beside the canvas</source>
        <translation>&amp;Neben der Leinwand</translation>
    </message>
    <message>
        <source>A small window with plan, axis and set, above other programs</source>
        <translation>Ein kleines Fenster mit Plan, Achse und Satz, über anderen Programmen</translation>
    </message>
    <message>
        <source>Vivi&amp;d plan</source>
        <translation>&amp;Leuchtender Plan</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest</source>
        <translation>Jeder Farbton bei dem Tonwert, wo er am stärksten ist</translation>
    </message>
    <message>
        <source>For the left &amp;hand</source>
        <translation>Für die linke &amp;Hand</translation>
    </message>
    <message>
        <source>What is reached for on the left, what is looked at on the right</source>
        <translation>Wonach gegriffen wird links, was angesehen wird rechts</translation>
    </message>
    <message>
        <source>Si&amp;ze of words and controls</source>
        <translation>&amp;Größe von Wörtern und Bedienung</translation>
    </message>
    <message>
        <source>&amp;Surround</source>
        <translation>&amp;Umfeld</translation>
    </message>
    <message>
        <source>Use the %1 surround</source>
        <translation>Das Umfeld %1 verwenden</translation>
    </message>
    <message>
        <source>&amp;Values only</source>
        <translation>Nur Ton&amp;werte</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness</source>
        <translation>Alles in Grautönen gleicher Helligkeit zeigen</translation>
    </message>
    <message>
        <source>With other &amp;eyes</source>
        <translation>Mit anderen &amp;Augen</translation>
    </message>
    <message>
        <source>&amp;Protan: no cones for long waves</source>
        <translation>&amp;Protan: ohne Zapfen für lange Wellen</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for long waves see it</source>
        <translation>Alles zeigen, wie Augen ohne Zapfen für lange Wellen es sehen</translation>
    </message>
    <message>
        <source>&amp;Deutan: no cones for middle waves</source>
        <translation>&amp;Deutan: ohne Zapfen für mittlere Wellen</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for middle waves see it</source>
        <translation>Alles zeigen, wie Augen ohne Zapfen für mittlere Wellen es sehen</translation>
    </message>
    <message>
        <source>&amp;Tritan: no cones for short waves</source>
        <translation>&amp;Tritan: ohne Zapfen für kurze Wellen</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for short waves see it</source>
        <translation>Alles zeigen, wie Augen ohne Zapfen für kurze Wellen es sehen</translation>
    </message>
    <message>
        <source>%1 % of the cones missing</source>
        <translation>%1 % der Zapfen fehlen</translation>
    </message>
    <message>
        <source>How much of the kind of cone chosen above is missing</source>
        <translation>Wie viel von der oben gewählten Art Zapfen fehlt</translation>
    </message>
    <message>
        <source>The size is used from the next start on.</source>
        <translation>Die Größe gilt ab dem nächsten Start.</translation>
    </message>
    <message>
        <source>As the &amp;desktop&apos;s text</source>
        <translation>Wie der Text des &amp;Desktops</translation>
    </message>
    <message>
        <source>As large as the desktop shows its words</source>
        <translation>So groß, wie der Desktop seine Wörter zeigt</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Words at %1 percent, all else as usual</source>
        <translation>Worte mit %1 Prozent, alles andere wie gewohnt</translation>
    </message>
    <message>
        <source>All of the window at %1 percent</source>
        <translation>Das ganze Fenster bei %1 Prozent</translation>
    </message>
</context>
<context>
    <name>zc::WellsView</name>
    <message>
        <source>clear</source>
        <translation>leeren</translation>
    </message>
    <message>
        <source>fill none</source>
        <translation>keinen füllen</translation>
    </message>
    <message>
        <source>Empty the chosen well</source>
        <translation>Den gewählten Napf leeren</translation>
    </message>
    <message>
        <source>Picks fill no well any more; what lies in the wells stays</source>
        <translation>Gewähltes füllt keinen Napf mehr; was in den Näpfen liegt, bleibt</translation>
    </message>
    <message>
        <source>Wells and recent colors</source>
        <translation>Näpfe und letzte Farben</translation>
    </message>
    <message>
        <source>Wells</source>
        <translation>Näpfe</translation>
    </message>
    <message>
        <source>picks fill well %1</source>
        <translation>gefüllt wird Napf %1</translation>
    </message>
    <message>
        <source>picks fill none</source>
        <translation>gefüllt wird keiner</translation>
    </message>
    <message>
        <source>Recent</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>nothing picked yet</source>
        <translation>noch nichts gewählt</translation>
    </message>
    <message>
        <source>Click a well to take its color up and to let picks fill it, Shift+click to lay the current color down. Keys 1 to 8 take up, with Shift they lay down.</source>
        <translation>Ein Klick auf einen Napf nimmt seine Farbe auf und lässt ihn füllen, Umschalt+Klick legt die aktuelle Farbe hinein. Die Tasten 1 bis 8 nehmen auf, mit Umschalt legen sie ab.</translation>
    </message>
    <message>
        <source>Well %1: %2</source>
        <translation>Napf %1: %2</translation>
    </message>
    <message>
        <source>empty</source>
        <translation>leer</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Lay down</source>
        <translation>Ablegen</translation>
    </message>
    <message>
        <source>Recent: %1</source>
        <translation>Zuletzt: %1</translation>
    </message>
</context>
<context>
    <name>zc::WheelHead</name>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
    </message>
    <message>
        <source>Each hue at the value where it is strongest; a pick takes the color that is seen, value included</source>
        <translation>Jeder Farbton bei dem Tonwert, wo er am stärksten ist; die Wahl nimmt die Farbe, die zu sehen ist, samt Tonwert</translation>
    </message>
    <message>
        <source>Hue scale of the wheel</source>
        <translation>Farbtonleiter des Farbkreises</translation>
    </message>
    <message>
        <source>Which hues face each other: on the traditional wheel red faces green, on light and ink red faces cyan</source>
        <translation>Welche Farbtöne sich gegenüberliegen: im traditionellen Farbkreis Rot und Grün, bei Licht und Druckfarbe Rot und Cyan</translation>
    </message>
    <message>
        <source>traditional</source>
        <translation>traditionell</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>ink</source>
        <translation>Druckfarbe</translation>
    </message>
    <message>
        <source>even</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>Saturation measure</source>
        <translation>Maß der Sättigung</translation>
    </message>
    <message>
        <source>What saturation means on this wheel; value stays true lightness with each of them</source>
        <translation>Was Sättigung auf diesem Farbkreis heißt; der Tonwert bleibt bei jedem wahre Helligkeit</translation>
    </message>
    <message>
        <source>HSLuv saturation</source>
        <translation>Sätt. HSLuv</translation>
    </message>
    <message>
        <source>HSL saturation</source>
        <translation>Sätt. HSL</translation>
    </message>
    <message>
        <source>HSV saturation</source>
        <translation>Sätt. HSV</translation>
    </message>
    <message>
        <source>CIELAB chroma</source>
        <translation>Buntheit Lab</translation>
    </message>
    <message>
        <source>OKLab chroma</source>
        <translation>Buntheit OKLab</translation>
    </message>
    <message>
        <source>Each hue</source>
        <translation>Jeder Farbton</translation>
    </message>
    <message>
        <source>At value %1</source>
        <translation>Bei Tonwert %1</translation>
    </message>
    <message>
        <source>HSL and HSV count hue unevenly: beside blue one degree of the even wheel is up to 26 of theirs. HSLuv, CIELAB or OKLab turn evenly there.</source>
        <translation>HSL und HSV zählen Farbtöne ungleich: neben Blau ist ein Grad des gleichmäßigen Farbkreises bis zu 26 der ihren. HSLuv, CIELAB und OKLab drehen dort gleichmäßig.</translation>
    </message>
</context>
<context>
    <name>zc::WheelView</name>
    <message>
        <source>Wheel with the mask</source>
        <translation>Farbkreis mit der Maske</translation>
    </message>
    <message>
        <source>Wheel at the current value</source>
        <translation>Farbkreis beim aktuellen Tonwert</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation</source>
        <translation>Ziehen setzt Farbton und Sättigung</translation>
    </message>
    <message>
        <source>%1° on: %2. Click takes it up, a drag along the rim slides it.</source>
        <translation>%1° weiter: %2. Klick nimmt sie auf, Ziehen am Rand schiebt sie.</translation>
    </message>
    <message>
        <source>%1, %2°. </source>
        <translation>%1, %2°. </translation>
    </message>
    <message>
        <source>%1, %2°, saturation %3 %. </source>
        <translation>%1, %2°, Sättigung %3 %. </translation>
    </message>
    <message>
        <source>Drag handles to shape an area, inside it to move it, outside the rim to turn the mask (with Shift the area alone); double-click an edge to add a corner.</source>
        <translation>An den Griffen ziehen formt eine Fläche, innen verschiebt, außerhalb des Randes dreht die Maske (mit Umschalt nur die Fläche); Doppelklick auf eine Seite setzt eine Ecke.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation; Ctrl and the wheel zoom.</source>
        <translation>Ziehen setzt Farbton und Sättigung; Strg und Mausrad vergrößern.</translation>
    </message>
    <message>
        <source>%1° on: %2</source>
        <translation>%1° weiter: %2</translation>
    </message>
    <message>
        <source>Take up</source>
        <translation>Aufnehmen</translation>
    </message>
    <message>
        <source>Lay</source>
        <translation>Legen</translation>
    </message>
</context>
<context>
    <name>zc::trade_menu</name>
    <message>
        <source>A curve of ours: %1</source>
        <translation>Eine Kurve von uns: %1</translation>
    </message>
</context>
</TS>
