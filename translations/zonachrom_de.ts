<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>Code</name>
    <message>
        <source>a metallic ink, which no display shows</source>
        <translation>eine metallische Druckfarbe, die kein Bildschirm zeigt</translation>
    </message>
    <message>
        <source>a fluorescent ink, which no display shows</source>
        <translation>eine leuchtende Druckfarbe, die kein Bildschirm zeigt</translation>
    </message>
    <message>
        <source>no display shows it: the nearest color differs by %1</source>
        <translation>kein Bildschirm zeigt sie: die nächste Farbe weicht um %1 ab</translation>
    </message>
    <message>
        <source>%1 in the color book %2</source>
        <translation>%1 im Farbenbuch %2</translation>
    </message>
    <message>
        <source>%1 on the press %2</source>
        <translation>%1 im Druck %2</translation>
    </message>
</context>
<context>
    <name>Color</name>
    <message>
        <source>No display shows these inks. The nearest color stands for them.</source>
        <translation>Kein Bildschirm zeigt diese Druckfarben. Die nächste Farbe steht für sie.</translation>
    </message>
</context>
<context>
    <name>Desk</name>
    <message>
        <source>&amp;Observe</source>
        <translation>A&amp;nsehen</translation>
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
        <source>&amp;Try</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>S&amp;hare</source>
        <translation>&amp;Teilen</translation>
    </message>
    <message>
        <source>Look at photos and take colors from them</source>
        <translation>Fotos ansehen und Farben aus ihnen nehmen</translation>
    </message>
    <message>
        <source>Put the set in order by value and see what to mend</source>
        <translation>Den Satz nach Tonwert ordnen und sehen, was zu bessern ist</translation>
    </message>
    <message>
        <source>See a picture in the set before a stroke is painted</source>
        <translation>Ein Bild im Satz sehen, ehe ein Strich gemalt ist</translation>
    </message>
    <message>
        <source>Print the sheet, check the press, export files</source>
        <translation>Blatt drucken, Druck prüfen, Dateien exportieren</translation>
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
        <source>%1: new</source>
        <translation>%1: neu</translation>
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
        <source>Saturation of the corner</source>
        <translation>Sättigung der Ecke</translation>
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
        <source>Zonachrom pieces (*.zonachrom)</source>
        <translation>Zonachrom-Werke (*.zonachrom)</translation>
    </message>
    <message>
        <source>Open a piece</source>
        <translation>Ein Werk öffnen</translation>
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
        <source>About Zonachrom</source>
        <translation>Über Zonachrom</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>Masken</translation>
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
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Wählen</translation>
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
        <source>Sheet, PNG</source>
        <translation>Blatt, PNG</translation>
    </message>
    <message>
        <source>Wheel, PNG</source>
        <translation>Farbkreis, PNG</translation>
    </message>
    <message>
        <source>%1, %2, value %3</source>
        <translation>%1, %2, Tonwert %3</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
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
        <source>Recover</source>
        <translation>Wiederherstellen</translation>
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
    <message>
        <source>%1: already in the set</source>
        <translation>%1: schon im Satz</translation>
    </message>
    <message>
        <source>%1: differs by %2 from a color of the set</source>
        <translation>%1: weicht um %2 von einer Farbe des Satzes ab</translation>
    </message>
    <message>
        <source>already in the set</source>
        <translation>schon im Satz</translation>
    </message>
    <message>
        <source>close, %1</source>
        <translation>ähnlich, %1</translation>
    </message>
    <message>
        <source>Angle of the corner on the wheel</source>
        <translation>Winkel der Ecke auf dem Farbkreis</translation>
    </message>
    <message>
        <source>From the center of the area to its farthest corner</source>
        <translation>Von der Mitte der Fläche zu ihrer fernsten Ecke</translation>
    </message>
    <message>
        <source>Angle of the center on the wheel</source>
        <translation>Winkel der Mitte auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Saturation of the center</source>
        <translation>Sättigung der Mitte</translation>
    </message>
    <message>
        <source>Half of the longer axis</source>
        <translation>Die Hälfte der längeren Achse</translation>
    </message>
    <message>
        <source>Half of the shorter axis</source>
        <translation>Die Hälfte der kürzeren Achse</translation>
    </message>
    <message>
        <source>Angle on the wheel to which the longer axis points</source>
        <translation>Winkel auf dem Farbkreis, in den die längere Achse zeigt</translation>
    </message>
    <message>
        <source>Angle on the wheel where the sector begins</source>
        <translation>Winkel auf dem Farbkreis, wo der Sektor beginnt</translation>
    </message>
    <message>
        <source>How many degrees the sector spans, clockwise</source>
        <translation>Wie viele Grad der Sektor im Uhrzeigersinn umfasst</translation>
    </message>
    <message>
        <source>Lowest saturation of the sector</source>
        <translation>Kleinste Sättigung des Sektors</translation>
    </message>
    <message>
        <source>Highest saturation of the sector</source>
        <translation>Größte Sättigung des Sektors</translation>
    </message>
    <message>
        <source>The settings in &quot;%1&quot; cannot be read, so the standard settings are used.</source>
        <translation>Die Einstellungen in &quot;%1&quot; sind nicht lesbar; die Standardeinstellungen gelten.</translation>
    </message>
    <message>
        <source>The settings were saved by a newer version. They were moved to &quot;%1&quot;, and the standard settings are used.</source>
        <translation>Die Einstellungen stammen von einer neueren Version. Sie liegen jetzt in &quot;%1&quot;, und die Standardeinstellungen gelten.</translation>
    </message>
    <message>
        <source>The settings were damaged. They were moved to &quot;%1&quot;, and the standard settings are used.</source>
        <translation>Die Einstellungen waren beschädigt. Sie liegen jetzt in &quot;%1&quot;, und die Standardeinstellungen gelten.</translation>
    </message>
    <message>
        <source>current</source>
        <translation>aktuell</translation>
    </message>
    <message>
        <source>
moved into the mask</source>
        <translation>
in die Maske geholt</translation>
    </message>
    <message>
        <source>Save piece as</source>
        <translation>Werk speichern unter</translation>
    </message>
    <message>
        <source>Import</source>
        <translation>Importieren</translation>
    </message>
    <message>
        <source>Export set</source>
        <translation>Satz exportieren</translation>
    </message>
    <message>
        <source>Discard changes</source>
        <translation>Änderungen verwerfen</translation>
    </message>
    <message>
        <source>Zonachrom ended before &quot;%1&quot; was saved. The work of %2 can be recovered.</source>
        <translation>Zonachrom endete, ehe &quot;%1&quot; gespeichert war. Die Arbeit vom %2 lässt sich wiederherstellen.</translation>
    </message>
    <message>
        <source>The file &quot;%1&quot; was changed later. Recover opens the unsaved work as a separate piece and leaves the file alone.</source>
        <translation>Die Datei &quot;%1&quot; wurde später geändert. Wiederherstellen öffnet die ungespeicherte Arbeit als eigenes Werk und lässt die Datei, wie sie ist.</translation>
    </message>
    <message>
        <source>Unsaved work found</source>
        <translation>Ungespeicherte Arbeit gefunden</translation>
    </message>
    <message>
        <source>Open file</source>
        <translation>Datei öffnen</translation>
    </message>
    <message>
        <source>Files already exist</source>
        <translation>Dateien gibt es schon</translation>
    </message>
    <message>
        <source>These files already exist and were changed, or written by something else:</source>
        <translation>Diese Dateien gibt es schon; sie wurden geändert oder anderswo geschrieben:</translation>
    </message>
    <message>
        <source>Replace files</source>
        <translation>Dateien ersetzen</translation>
    </message>
    <message>
        <source>Damaged piece</source>
        <translation>Beschädigtes Werk</translation>
    </message>
    <message>
        <source>Open the readable part</source>
        <translation>Lesbaren Teil öffnen</translation>
    </message>
    <message>
        <source>Open the previous version</source>
        <translation>Vorige Version öffnen</translation>
    </message>
    <message>
        <source>Use mask</source>
        <translation>Maske verwenden</translation>
    </message>
    <message>
        <source>Use set</source>
        <translation>Satz verwenden</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Add to selection</source>
        <translation>Zur Auswahl hinzufügen</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Aktuelle Farbe hinzufügen</translation>
    </message>
    <message>
        <source>straight line</source>
        <translation>gerade Linie</translation>
    </message>
    <message>
        <source>around the wheel, short way</source>
        <translation>um den Farbkreis, kurzer Weg</translation>
    </message>
    <message>
        <source>around the wheel, long way</source>
        <translation>um den Farbkreis, langer Weg</translation>
    </message>
    <message>
        <source>as light mixes</source>
        <translation>wie Licht mischt</translation>
    </message>
    <message>
        <source>as paint mixes</source>
        <translation>wie Malfarbe mischt</translation>
    </message>
    <message>
        <source>Protanopia</source>
        <translation>Protanopie</translation>
    </message>
    <message>
        <source>Deuteranopia</source>
        <translation>Deuteranopie</translation>
    </message>
    <message>
        <source>Tritanopia</source>
        <translation>Tritanopie</translation>
    </message>
    <message>
        <source>Normal color vision</source>
        <translation>Normales Farbsehen</translation>
    </message>
    <message>
        <source>Your own lines</source>
        <translation>Eigene Zeilen</translation>
    </message>
    <message>
        <source>as the pattern below says</source>
        <translation>nach dem Muster unten</translation>
    </message>
    <message>
        <source>one file for each page</source>
        <translation>eine Datei je Seite</translation>
    </message>
    <message>
        <source>one file for each page, 300 pixels per inch</source>
        <translation>eine Datei je Seite, 300 Pixel je Zoll</translation>
    </message>
    <message>
        <source>as chosen under Wheel</source>
        <translation>wie unter Farbkreis gewählt</translation>
    </message>
    <message>
        <source>The folder &quot;%1&quot; no longer exists; choose another one.</source>
        <translation>Den Ordner &quot;%1&quot; gibt es nicht mehr; einen anderen wählen.</translation>
    </message>
    <message>
        <source>values only</source>
        <translation>nur Tonwerte</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>Rotation</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>From hue</source>
        <translation>Ab Farbton</translation>
    </message>
    <message>
        <source>Span</source>
        <translation>Spanne</translation>
    </message>
    <message>
        <source>Lowest sat.</source>
        <translation>Kleinste Sätt.</translation>
    </message>
    <message>
        <source>Highest sat.</source>
        <translation>Größte Sätt.</translation>
    </message>
    <message>
        <source>Corner</source>
        <translation>Ecke</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>hue %1°</source>
        <translation>Farbton %1°</translation>
    </message>
    <message>
        <source>no hue</source>
        <translation>ohne Farbton</translation>
    </message>
    <message>
        <source>the same to the eye</source>
        <translation>fürs Auge gleich</translation>
    </message>
    <message>
        <source>near, difference %1</source>
        <translation>ähnlich, Unterschied %1</translation>
    </message>
    <message>
        <source>difference %1</source>
        <translation>Unterschied %1</translation>
    </message>
    <message>
        <source>value %1, chroma %2, %3</source>
        <translation>Tonwert %1, Buntheit %2, %3</translation>
    </message>
    <message>
        <source>Colors found in the file</source>
        <translation>Farben, die in der Datei sind</translation>
    </message>
    <message>
        <source>%1, will be imported</source>
        <translation>%1, wird importiert</translation>
    </message>
    <message>
        <source>%1, will not be imported</source>
        <translation>%1, wird nicht importiert</translation>
    </message>
    <message>
        <source>Tick or untick</source>
        <translation>Häkchen setzen oder entfernen</translation>
    </message>
    <message>
        <source>keeps names, families, notes and codes</source>
        <translation>behält Namen, Familien, Notizen und Codes</translation>
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
    <name>Report</name>
    <message>
        <source>%1 and %2 are near-duplicates, they differ by %3</source>
        <translation>%1 und %2 sind fast gleich, Abstand %3</translation>
    </message>
    <message>
        <source>%1 swatches near %2 are near-duplicates</source>
        <translation>%1 Farbfelder nahe %2 sind Beinahe-Doppelte</translation>
    </message>
    <message>
        <source>%1 swatches are near-duplicates</source>
        <translation>%1 Farbfelder sind Beinahe-Doppelte</translation>
    </message>
    <message>
        <source>%1: gap between %2 and %3</source>
        <translation>%1: Lücke zwischen %2 und %3</translation>
    </message>
    <message>
        <source>%1: %2 gaps</source>
        <translation>%1: %2 Lücken</translation>
    </message>
    <message>
        <source>%1 gaps between neighbors</source>
        <translation>%1 Lücken zwischen Nachbarn</translation>
    </message>
    <message>
        <source>At %1 values, hues read as one</source>
        <translation>Bei %1 Tonwerten wirken Farbtöne wie einer</translation>
    </message>
    <message>
        <source>%1 and %2 read as one value</source>
        <translation>%1 und %2 wirken wie ein Tonwert</translation>
    </message>
    <message>
        <source>%1 swatches at value %2 read as one</source>
        <translation>%1 Farbfelder bei Tonwert %2 wirken wie eines</translation>
    </message>
    <message>
        <source>%1: %2 and %3 look alike</source>
        <translation>%1: %2 und %3 sehen gleich aus</translation>
    </message>
    <message>
        <source>%1: %2 pairs look alike</source>
        <translation>%1: %2 Paare sehen gleich aus</translation>
    </message>
    <message>
        <source>%1 from value %2 to %3</source>
        <translation>%1 von Tonwert %2 auf %3</translation>
    </message>
    <message>
        <source>%1 by %2 (CIEDE2000)</source>
        <translation>%1 um %2 (CIEDE2000)</translation>
    </message>
    <message>
        <source>Moves %1</source>
        <translation>Verschiebt %1</translation>
    </message>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 in value at most</source>
        <translation>
            <numerusform>Verschiebt %n Farbfeld, höchstens um %1 im Tonwert</numerusform>
            <numerusform>Verschiebt %n Farbfelder, höchstens um %1 im Tonwert</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Moves %n swatches, by %1 (CIEDE2000) at most</source>
        <translation>
            <numerusform>Verschiebt %n Farbfeld, höchstens um %1 (CIEDE2000)</numerusform>
            <numerusform>Verschiebt %n Farbfelder, höchstens um %1 (CIEDE2000)</numerusform>
        </translation>
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
        <source>They differ by less than %1 (CIEDE2000): one would do.</source>
        <translation>Sie unterscheiden sich um weniger als %1 (CIEDE2000): eines würde genügen.</translation>
    </message>
    <message>
        <source>Neighbors of a family lie more than %1 values apart.</source>
        <translation>Nachbarn einer Familie liegen mehr als %1 Tonwerte auseinander.</translation>
    </message>
    <message>
        <source>For eyes that lack a kind of cone. A difference in value is seen by everyone.</source>
        <translation>Für Augen, denen eine Art von Zapfen fehlt. Einen Unterschied im Tonwert sehen alle.</translation>
    </message>
    <message>
        <source>When you squint, hue fades and only value is left: these shapes melt together.</source>
        <translation>Mit zugekniffenen Augen verblasst der Farbton, nur der Tonwert bleibt: diese Formen verschmelzen.</translation>
    </message>
    <message>
        <source>Merge them</source>
        <translation>Vereinen</translation>
    </message>
    <message>
        <source>Merge all</source>
        <translation>Alle vereinen</translation>
    </message>
    <message>
        <source>Fill gap</source>
        <translation>Lücke füllen</translation>
    </message>
    <message>
        <source>Fill all gaps</source>
        <translation>Alle Lücken füllen</translation>
    </message>
    <message>
        <source>Move it inside</source>
        <translation>Hineinholen</translation>
    </message>
    <message>
        <source>Move all inside</source>
        <translation>Alle hineinholen</translation>
    </message>
    <message>
        <source>Separate in value</source>
        <translation>Im Tonwert trennen</translation>
    </message>
    <message>
        <source>Separate all in value</source>
        <translation>Alle im Tonwert trennen</translation>
    </message>
    <message>
        <source>Separate all by %1 values</source>
        <translation>Alle um %1 Tonwerte trennen</translation>
    </message>
    <message>
        <source>Separate by %1 values</source>
        <translation>Um %1 Tonwerte trennen</translation>
    </message>
    <message>
        <source>Separate ends by %1 values</source>
        <translation>Enden um %1 Tonwerte trennen</translation>
    </message>
    <message>
        <source>Merge near-duplicates</source>
        <translation>Beinahe-Doppelte vereinen</translation>
    </message>
    <message>
        <source>Move into mask</source>
        <translation>In die Maske holen</translation>
    </message>
    <message>
        <source>Separate for color vision</source>
        <translation>Für anderes Farbsehen trennen</translation>
    </message>
    <message>
        <source>Separate values</source>
        <translation>Tonwerte trennen</translation>
    </message>
    <message numerus="yes">
        <source>Changes up to %n swatches.</source>
        <translation>
            <numerusform>Ändert bis zu %n Farbfeld.</numerusform>
            <numerusform>Ändert bis zu %n Farbfelder.</numerusform>
        </translation>
    </message>
    <message>
        <source>Removes %1</source>
        <translation>Entfernt %1</translation>
    </message>
    <message numerus="yes">
        <source>Removes %n swatches</source>
        <translation>
            <numerusform>Entfernt %n Farbfeld</numerusform>
            <numerusform>Entfernt %n Farbfelder</numerusform>
        </translation>
    </message>
    <message>
        <source>Adds a swatch at value %1</source>
        <translation>Fügt ein Farbfeld bei Tonwert %1 hinzu</translation>
    </message>
    <message numerus="yes">
        <source>Adds %n swatches</source>
        <translation>
            <numerusform>Fügt %n Farbfeld hinzu</numerusform>
            <numerusform>Fügt %n Farbfelder hinzu</numerusform>
        </translation>
    </message>
    <message>
        <source>The hues are %1° off a relation: %2</source>
        <translation>Die Farbtöne weichen um %1° von einer Beziehung ab: %2</translation>
    </message>
    <message>
        <source>The hues stand in a relation: %1</source>
        <translation>Die Farbtöne stehen in einer Beziehung: %1</translation>
    </message>
    <message>
        <source>%1 by %2°</source>
        <translation>%1 um %2°</translation>
    </message>
    <message>
        <source>Off: %1.</source>
        <translation>Es weichen ab: %1.</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>&quot;%1&quot; was not opened. %2</source>
        <translation>&quot;%1&quot; wurde nicht geöffnet. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has more than 400 million pixels; make it smaller first.</source>
        <translation>&quot;%1&quot; hat mehr als 400 Millionen Pixel; zuerst verkleinern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is a CMYK photo without a color profile, so its colors are not known; save it as RGB first.</source>
        <translation>&quot;%1&quot; ist ein CMYK-Foto ohne Farbprofil, seine Farben sind also unbekannt; zuerst als RGB speichern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is cut short or damaged; choose another copy of the photo.</source>
        <translation>&quot;%1&quot; ist abgeschnitten oder beschädigt; eine andere Kopie des Fotos wählen.</translation>
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
        <source>&quot;%1&quot; is not a color; write #rrggbb, #rgb or srgb:R,G,B with numbers from 0 to 1.</source>
        <translation>&quot;%1&quot; ist keine Farbe; #rrggbb, #rgb oder srgb:R,G,B mit Zahlen von 0 bis 1 schreiben.</translation>
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
        <source>A palette has at most 12 paints.</source>
        <translation>Eine Palette hat höchstens 12 Malfarben.</translation>
    </message>
    <message>
        <source>A picture is cut into 2 to 500 areas.</source>
        <translation>Ein Bild wird in 2 bis 500 Flächen geteilt.</translation>
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
        <source>A swatch cannot be merged with itself.</source>
        <translation>Ein Farbfeld lässt sich nicht mit sich selbst vereinen.</translation>
    </message>
    <message>
        <source>A tag is too long; keep it under 400 letters.</source>
        <translation>Ein Schlagwort ist zu lang; unter 400 Buchstaben bleiben.</translation>
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
        <source>Between 0 and 12 accents can be taken from a photo.</source>
        <translation>Aus einem Foto lassen sich 0 bis 12 Akzente nehmen.</translation>
    </message>
    <message>
        <source>Between 1 and 200 colors can be taken from a photo.</source>
        <translation>Aus einem Foto lassen sich 1 bis 200 Farben nehmen.</translation>
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
        <source>Every color of a mixture needs more than 0 parts.</source>
        <translation>Jede Farbe einer Mischung braucht mehr als 0 Teile.</translation>
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
        <source>The PDF could not be made.</source>
        <translation>Das PDF konnte nicht gemacht werden.</translation>
    </message>
    <message>
        <source>The PNG strip could not be made.</source>
        <translation>Der PNG-Streifen konnte nicht gemacht werden.</translation>
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
        <source>The file cannot be read as a container.</source>
        <translation>Die Datei ist nicht als Behälter lesbar.</translation>
    </message>
    <message>
        <source>The file could not be packed; there may be too little memory.</source>
        <translation>Die Datei konnte nicht gepackt werden; vielleicht fehlt Speicher.</translation>
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
        <source>The parcel is empty; choose at least one set or mask.</source>
        <translation>Das Paket ist leer; mindestens einen Satz oder eine Maske wählen.</translation>
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
        <source>The piece is damaged: piece.json is missing.</source>
        <translation>Das Werk ist beschädigt: piece.json fehlt.</translation>
    </message>
    <message>
        <source>The piece is damaged: the photo %1 is missing.</source>
        <translation>Das Werk ist beschädigt: das Foto %1 fehlt.</translation>
    </message>
    <message>
        <source>The pivot of the contrast is a value from 0 to 100.</source>
        <translation>Der Angelpunkt des Kontrasts ist ein Tonwert von 0 bis 100.</translation>
    </message>
    <message>
        <source>The profile of this monitor cannot be used; colors are shown without it.</source>
        <translation>Das Profil dieses Bildschirms ist nicht brauchbar; Farben werden ohne es gezeigt.</translation>
    </message>
    <message>
        <source>The search was stopped.</source>
        <translation>Das Suchen wurde angehalten.</translation>
    </message>
    <message>
        <source>The share must lie above 0 and at most at 1.</source>
        <translation>Der Anteil muss über 0 und höchstens bei 1 liegen.</translation>
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
        <source>The value must lie between 0 and 100.</source>
        <translation>Der Tonwert muss zwischen 0 und 100 liegen.</translation>
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
        <source>These margins leave too little room on this paper.</source>
        <translation>Diese Ränder lassen auf diesem Papier zu wenig Platz.</translation>
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
        <source>This note is too long; keep it under 10,000 letters.</source>
        <translation>Diese Notiz ist zu lang; unter 10.000 Buchstaben bleiben.</translation>
    </message>
    <message>
        <source>This piece was saved by a newer Zonachrom; update the program to open it.</source>
        <translation>Dieses Werk wurde von einem neueren Zonachrom gespeichert; zum Öffnen das Programm erneuern.</translation>
    </message>
    <message>
        <source>Value is shifted by at most 100 either way.</source>
        <translation>Der Tonwert verschiebt sich höchstens um 100 in jede Richtung.</translation>
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
        <source>A %1 needs a name; type at least one letter.</source>
        <translation>Hier fehlt ein Name: %1; mindestens einen Buchstaben eingeben.</translation>
    </message>
    <message>
        <source>The name of this %1 is too long; keep it under 400 letters.</source>
        <translation>Dieser Name ist zu lang: %1; unter 400 Buchstaben bleiben.</translation>
    </message>
    <message>
        <source>A mask holds at most %1 areas; remove one first.</source>
        <translation>Eine Maske hat höchstens %1 Flächen; zuerst eine entfernen.</translation>
    </message>
    <message>
        <source>A color cannot be read back by this pattern: {%1} is missing.</source>
        <translation>Mit diesem Muster lässt sich keine Farbe zurücklesen: {%1} fehlt.</translation>
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
        <source>the folder does not exist</source>
        <translation>den Ordner gibt es nicht</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be read: %2.</source>
        <translation>&quot;%1&quot; kann nicht gelesen werden: %2.</translation>
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
        <source>One entry could not be read as a color and was left out.</source>
        <translation>Ein Eintrag war nicht als Farbe zu lesen und blieb weg.</translation>
    </message>
    <message>
        <source>%1 entries could not be read as colors and were left out.</source>
        <translation>%1 Einträge waren nicht als Farben zu lesen und blieben weg.</translation>
    </message>
    <message>
        <source>%1 %2 goes from %3 to %4.</source>
        <translation>%1 %2 geht von %3 bis %4.</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: %2</source>
        <translation>&quot;%1&quot;: %2</translation>
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
        <source>&quot;%1&quot; has its colors coded in a way this program does not know (primaries %2, transfer %3 of ITU-T H.273); save it as sRGB or Display P3.</source>
        <translation>Die Farben von &quot;%1&quot; sind auf eine Weise kodiert, die dieses Programm nicht kennt (Primärfarben %2, Übertragung %3 nach ITU-T H.273); als sRGB oder Display P3 speichern.</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>The half axes of an ellipse go from 0.01 to 2.</source>
        <translation>Die Halbachsen einer Ellipse gehen von 0,01 bis 2.</translation>
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
        <source>This palette of paints is damaged: the field %1 should be %2.</source>
        <translation>Diese Palette der Malfarben ist beschädigt: Das Feld %1 sollte %2 sein.</translation>
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
        <source>a whole number from %1 to %2</source>
        <translation>eine ganze Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>Without this area nothing would be left of the mask; remove the whole mask instead.</source>
        <translation>Ohne diese Fläche bliebe nichts von der Maske; stattdessen die ganze Maske entfernen.</translation>
    </message>
    <message>
        <source>Between two colors, 1 to 22 steps can be added.</source>
        <translation>Zwischen zwei Farben lassen sich 1 bis 22 Stufen hinzufügen.</translation>
    </message>
    <message>
        <source>Both swatches are locked; unlock one of them first.</source>
        <translation>Beide Farbfelder sind gesperrt; eines davon zuerst freigeben.</translation>
    </message>
    <message>
        <source>A brace in the pattern is not closed; close it with }.</source>
        <translation>Eine Klammer im Muster ist nicht geschlossen; mit } schließen.</translation>
    </message>
    <message>
        <source>Counting the used swatches was stopped.</source>
        <translation>Das Zählen benutzter Farbfelder wurde angehalten.</translation>
    </message>
    <message>
        <source>Subtracting this area would leave nothing of the mask.</source>
        <translation>Wird diese Fläche abgezogen, bleibt nichts von der Maske.</translation>
    </message>
    <message>
        <source>Subtracting this area would leave nothing of the mask; make the area smaller.</source>
        <translation>Wird diese Fläche abgezogen, bleibt nichts von der Maske; die Fläche kleiner machen.</translation>
    </message>
    <message>
        <source>The desktop is already asking you something; answer that first.</source>
        <translation>Der Desktop fragt gerade schon etwas; das zuerst beantworten.</translation>
    </message>
    <message>
        <source>This desktop does not offer global shortcuts.</source>
        <translation>Dieser Desktop bietet keine globalen Tastenkürzel.</translation>
    </message>
    <message>
        <source>The desktop did not answer for half a minute; try again.</source>
        <translation>Der Desktop hat eine halbe Minute nicht geantwortet; noch einmal versuchen.</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>die Festplatte ist voll</translation>
    </message>
    <message>
        <source>The center of an ellipse must lie on the wheel.</source>
        <translation>Die Mitte einer Ellipse muss auf dem Farbkreis liegen.</translation>
    </message>
    <message>
        <source>Spacing evenly needs at least three swatches in the family.</source>
        <translation>Gleichmäßig verteilen lassen sich nur drei oder mehr Farbfelder einer Familie.</translation>
    </message>
    <message>
        <source>Taking colors was stopped.</source>
        <translation>Das Nehmen der Farben wurde angehalten.</translation>
    </message>
    <message>
        <source>The %1 is too long; shorten it.</source>
        <translation>Zu lang: %1; kürzen.</translation>
    </message>
    <message>
        <source>The pattern has nothing between {%1} and {%2}, so their contents cannot be told apart.</source>
        <translation>Das Muster hat nichts zwischen {%1} und {%2}, ihre Inhalte sind also nicht zu unterscheiden.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>Die Datei ist leer.</translation>
    </message>
    <message>
        <source>The file is larger than 64 MB.</source>
        <translation>Die Datei ist größer als 64 MB.</translation>
    </message>
    <message>
        <source>Fitting the mask was stopped.</source>
        <translation>Das Anpassen der Maske wurde angehalten.</translation>
    </message>
    <message>
        <source>The desktop did not send a color or a picture of the screen.</source>
        <translation>Der Desktop hat keine Farbe und kein Bild des Bildschirms geschickt.</translation>
    </message>
    <message>
        <source>The shelf no longer has a file &quot;%1&quot;.</source>
        <translation>Das Regal hat keine Datei &quot;%1&quot; mehr.</translation>
    </message>
    <message>
        <source>An empty pattern would copy nothing; type a field such as {hex}.</source>
        <translation>Ein leeres Muster würde nichts kopieren; ein Feld wie {hex} eingeben.</translation>
    </message>
    <message>
        <source>The share the mask holds must lie above 0 and at most at 100 percent.</source>
        <translation>Der Anteil, den die Maske umfasst, muss über 0 und höchstens bei 100 Prozent liegen.</translation>
    </message>
    <message>
        <source>This piece cannot hold any more items; start a new piece and copy the sets to it.</source>
        <translation>Dieses Werk kann nichts mehr aufnehmen; ein neues Werk beginnen und die Sätze dorthin kopieren.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; stores its inks in a form this program cannot read; save it as RGB first.</source>
        <translation>&quot;%1&quot; speichert seine Druckfarben in einer Form, die dieses Programm nicht lesen kann; zuerst als RGB speichern.</translation>
    </message>
    <message>
        <source>The JSON is damaged at %1.</source>
        <translation>Das JSON ist bei %1 beschädigt.</translation>
    </message>
    <message>
        <source>The JSON is nested more than 64 levels deep.</source>
        <translation>Das JSON ist mehr als 64 Ebenen tief verschachtelt.</translation>
    </message>
    <message>
        <source>The JSON is larger than 256 MiB.</source>
        <translation>Das JSON ist größer als 256 MiB.</translation>
    </message>
    <message>
        <source>Between 1 and 30 missing colors can be listed.</source>
        <translation>Zwischen 1 und 30 fehlende Farben lassen sich auflisten.</translation>
    </message>
    <message>
        <source>%1 lines do not match the pattern.</source>
        <translation>%1 Zeilen passen nicht zum Muster.</translation>
    </message>
    <message>
        <source>The picture has more than %1 different colors, so a palette of %2 was taken from it.</source>
        <translation>Das Bild hat mehr als %1 verschiedene Farben, darum wurde eine Palette von %2 daraus genommen.</translation>
    </message>
    <message>
        <source>A mask area needs three corners; remove the whole area instead.</source>
        <translation>Eine Maskenfläche braucht drei Ecken; stattdessen die ganze Fläche entfernen.</translation>
    </message>
    <message>
        <source>The mask holds no color; make it larger or turn it off.</source>
        <translation>Die Maske enthält keine Farbe; sie größer machen oder ausschalten.</translation>
    </message>
    <message>
        <source>you do not have permission to write there</source>
        <translation>dort fehlt das Recht zu schreiben</translation>
    </message>
    <message>
        <source>The set &quot;%1&quot; has no swatches yet; add some first.</source>
        <translation>Der Satz &quot;%1&quot; hat noch keine Farbfelder; zuerst welche hinzufügen.</translation>
    </message>
    <message>
        <source>The file has no color that can be read as %1.</source>
        <translation>Die Datei hat keine Farbe, die sich so lesen lässt: %1.</translation>
    </message>
    <message>
        <source>The photo has no colors to fit a mask to.</source>
        <translation>Das Foto hat keine Farben, an die sich eine Maske anpassen ließe.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a date; use YYYY-MM-DD, such as 2026-11-26.</source>
        <translation>&quot;%1&quot; ist kein Datum; JJJJ-MM-TT schreiben, etwa 2026-11-26.</translation>
    </message>
    <message>
        <source>The report cannot use these limits.</source>
        <translation>Der Bericht kann diese Grenzen nicht verwenden.</translation>
    </message>
    <message>
        <source>No global shortcut was chosen on the desktop.</source>
        <translation>Auf dem Desktop wurde kein globales Tastenkürzel gewählt.</translation>
    </message>
    <message>
        <source>No line of the file matches the pattern.</source>
        <translation>Keine Zeile der Datei passt zum Muster.</translation>
    </message>
    <message>
        <source>No mask is in use that has a neutral; make one at Limit first.</source>
        <translation>Keine benutzte Maske hat ein Neutral; zuerst beim Begrenzen eine machen.</translation>
    </message>
    <message>
        <source>No mask is in use; make one at Limit first.</source>
        <translation>Keine Maske wird benutzt; zuerst beim Begrenzen eine machen.</translation>
    </message>
    <message>
        <source>There is no mask to subtract from; add an area first.</source>
        <translation>Es gibt keine Maske, von der abgezogen werden könnte; zuerst eine Fläche hinzufügen.</translation>
    </message>
    <message>
        <source>There is no mask to move the colors into; make one at Limit first.</source>
        <translation>Es gibt keine Maske, in die sich die Farben holen ließen; zuerst beim Begrenzen eine machen.</translation>
    </message>
    <message>
        <source>No mask is in use that has corners; make one at Limit first.</source>
        <translation>Keine benutzte Maske hat Ecken; zuerst beim Begrenzen eine machen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no merged picture; save it with one in the program that made it.</source>
        <translation>&quot;%1&quot; enthält kein zusammengefügtes Bild; im Programm, das es gemacht hat, mit einem speichern.</translation>
    </message>
    <message>
        <source>The palette has no paints.</source>
        <translation>Die Palette hat keine Malfarben.</translation>
    </message>
    <message>
        <source>There are no paints to save yet; add one first.</source>
        <translation>Noch gibt es keine Malfarben zu speichern; zuerst eine hinzufügen.</translation>
    </message>
    <message>
        <source>There are no paints to mix; put one on the palette first.</source>
        <translation>Es gibt keine Malfarben zum Mischen; zuerst eine auf die Palette legen.</translation>
    </message>
    <message>
        <source>The pattern has {%1}, which is not a field; the handbook lists all fields.</source>
        <translation>Das Muster hat {%1}, das ist kein Feld; das Handbuch nennt alle Felder.</translation>
    </message>
    <message>
        <source>This place is outside the photo.</source>
        <translation>Diese Stelle liegt außerhalb des Fotos.</translation>
    </message>
    <message>
        <source>There are no pixels here to take colors from.</source>
        <translation>Hier gibt es keine Pixel, aus denen sich Farben nehmen ließen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a usable ICC profile of a four-color press; choose another file.</source>
        <translation>&quot;%1&quot; ist kein brauchbares ICC-Profil eines Vierfarbdrucks; eine andere Datei wählen.</translation>
    </message>
    <message>
        <source>A display cannot show a color with these %1 numbers.</source>
        <translation>Ein Bildschirm kann keine Farbe mit diesen Zahlen zeigen: %1.</translation>
    </message>
    <message>
        <source>This %1 is no longer in the piece.</source>
        <translation>Nicht mehr im Werk: %1.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a text file.</source>
        <translation>&quot;%1&quot; ist keine Textdatei.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a common paint; choose one of the list.</source>
        <translation>&quot;%1&quot; ist keine gängige Malfarbe; eine aus der Liste wählen.</translation>
    </message>
    <message>
        <source>this is not a file</source>
        <translation>das ist keine Datei</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be converted to sRGB; there may be too little memory.</source>
        <translation>&quot;%1&quot; lässt sich nicht nach sRGB umrechnen; vielleicht fehlt Speicher.</translation>
    </message>
    <message>
        <source>This place is outside the wheel.</source>
        <translation>Diese Stelle liegt außerhalb des Farbkreises.</translation>
    </message>
    <message>
        <source>These two swatches cannot be separated in value without a change of hue or saturation; change one by hand.</source>
        <translation>Diese beiden Farbfelder lassen sich im Tonwert nicht trennen, ohne Farbton oder Sättigung zu ändern; eines von Hand ändern.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not imported. %2</source>
        <translation>&quot;%1&quot; wurde nicht importiert. %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; was not saved: %2. Save it somewhere else, or make room.</source>
        <translation>&quot;%1&quot; wurde nicht gespeichert: %2. Anderswo speichern oder Platz schaffen.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its references are larger than a piece can hold; remove some of them.</source>
        <translation>Das Werk wurde nicht gespeichert, weil die Vorlagen größer sind, als ein Werk halten kann; einige entfernen.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its sets and versions are more than a piece can hold; remove some of them.</source>
        <translation>Das Werk wurde nicht gespeichert, weil Sätze und Versionen mehr sind, als ein Werk halten kann; einige entfernen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could not be deleted from the shelf.</source>
        <translation>&quot;%1&quot; konnte nicht aus dem Regal gelöscht werden.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not three numbers with commas between them.</source>
        <translation>&quot;%1&quot; sind nicht drei Zahlen mit Kommas dazwischen.</translation>
    </message>
    <message>
        <source>No color was picked from the screen.</source>
        <translation>Keine Farbe wurde vom Bildschirm gewählt.</translation>
    </message>
    <message>
        <source>There is nothing to import: the set already has all of these colors.</source>
        <translation>Es gibt nichts zu importieren: der Satz hat alle diese Farben schon.</translation>
    </message>
    <message>
        <source>There is nothing to adjust: add swatches first, or unlock some.</source>
        <translation>Es gibt nichts anzupassen: zuerst Farbfelder hinzufügen oder welche freigeben.</translation>
    </message>
    <message>
        <source>There are no colors to add.</source>
        <translation>Es gibt keine Farben hinzuzufügen.</translation>
    </message>
    <message>
        <source>There are no colors to find paints for.</source>
        <translation>Es gibt keine Farben, für die sich Malfarben finden ließen.</translation>
    </message>
    <message>
        <source>The file has a number that is too large.</source>
        <translation>Die Datei hat eine zu große Zahl.</translation>
    </message>
    <message>
        <source>These numbers would leave nothing of the mask.</source>
        <translation>Diese Zahlen ließen nichts von der Maske.</translation>
    </message>
    <message>
        <source>One color was outside what a display shows; the nearest color is used.</source>
        <translation>Eine Farbe lag außerhalb dessen, was ein Bildschirm zeigt; die nächste steht dafür.</translation>
    </message>
    <message>
        <source>In this order nothing would be left of the mask.</source>
        <translation>In dieser Reihenfolge bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>This limit is outside what the report can use.</source>
        <translation>Diese Grenze liegt außerhalb dessen, was der Bericht verwenden kann.</translation>
    </message>
    <message>
        <source>At this value these paints can mix no range of colors; put more paints on the palette, or turn on white and black.</source>
        <translation>Bei diesem Tonwert mischen diese Malfarben keinen Farbbereich; mehr Malfarben auf die Palette legen oder Weiß und Schwarz einschalten.</translation>
    </message>
    <message>
        <source>A palette has at most 12 paints; remove one first.</source>
        <translation>Eine Palette hat höchstens 12 Malfarben; zuerst eine entfernen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is partly transparent; give an opaque color.</source>
        <translation>&quot;%1&quot; ist teilweise durchsichtig; eine deckende Farbe angeben.</translation>
    </message>
    <message>
        <source>The pasted picture could not be added.</source>
        <translation>Das eingefügte Bild konnte nicht hinzugefügt werden.</translation>
    </message>
    <message>
        <source>The path of this file is too long to follow; move the file to a folder with a shorter path.</source>
        <translation>Der Pfad dieser Datei ist zu lang, um ihr zu folgen; die Datei in einen Ordner mit kürzerem Pfad legen.</translation>
    </message>
    <message>
        <source>This pattern can read the text in too many ways; put characters between its fields that do not occur in the fields.</source>
        <translation>Dieses Muster kann den Text auf zu viele Arten lesen; zwischen die Felder Zeichen setzen, die in den Feldern nicht vorkommen.</translation>
    </message>
    <message>
        <source>No line of the pattern has a color; put {hex} where the color belongs.</source>
        <translation>Keine Zeile des Musters hat eine Farbe; {hex} dorthin setzen, wo die Farbe hingehört.</translation>
    </message>
    <message>
        <source>A pattern has at most 10,000 letters; shorten it.</source>
        <translation>Ein Muster hat höchstens 10.000 Buchstaben; kürzen.</translation>
    </message>
    <message>
        <source>The width in {%1} is not a number from 1 to 99.</source>
        <translation>Die Breite in {%1} ist keine Zahl von 1 bis 99.</translation>
    </message>
    <message>
        <source>A picture is saved as PNG or JPEG; use a name ending in .png or .jpg.</source>
        <translation>Ein Bild wird als PNG oder JPEG gespeichert; einen Namen mit .png oder .jpg am Ende wählen.</translation>
    </message>
    <message>
        <source>The piece is damaged: its data is missing.</source>
        <translation>Das Werk ist beschädigt: seine Daten fehlen.</translation>
    </message>
    <message>
        <source>The piece is damaged, and nothing of it can be read.</source>
        <translation>Das Werk ist beschädigt, und nichts davon ist lesbar.</translation>
    </message>
    <message>
        <source>Without this corner nothing would be left of the mask.</source>
        <translation>Ohne diese Ecke bliebe nichts von der Maske.</translation>
    </message>
    <message>
        <source>The points lie on one line and enclose no color; move one aside.</source>
        <translation>Die Punkte liegen auf einer Linie und umschließen keine Farbe; einen zur Seite ziehen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is larger than 64 MB, too large for a press profile; choose another file.</source>
        <translation>&quot;%1&quot; ist größer als 64 MB, zu groß für ein Druckprofil; eine andere Datei wählen.</translation>
    </message>
    <message>
        <source>Computing the reach was stopped.</source>
        <translation>Das Berechnen der Reichweite wurde angehalten.</translation>
    </message>
    <message>
        <source>A piece holds at most %1 references; remove one first.</source>
        <translation>Ein Werk hält höchstens %1 Vorlagen; zuerst eine entfernen.</translation>
    </message>
    <message>
        <source>The references are larger than the 3.5 GiB a piece can hold; remove some, or add smaller ones.</source>
        <translation>Die Vorlagen sind größer als die 3,5 GiB, die ein Werk halten kann; einige entfernen oder kleinere hinzufügen.</translation>
    </message>
    <message>
        <source>This desktop does not let programs see the screen.</source>
        <translation>Dieser Desktop lässt Programme den Bildschirm nicht sehen.</translation>
    </message>
    <message>
        <source>The set has no swatches yet; add some first.</source>
        <translation>Der Satz hat noch keine Farbfelder; zuerst welche hinzufügen.</translation>
    </message>
    <message>
        <source>The sets and versions are more than a piece can hold; remove some of them.</source>
        <translation>Sätze und Versionen sind mehr, als ein Werk halten kann; einige entfernen.</translation>
    </message>
    <message>
        <source>A sheet can have 36 to 600 pixels per inch.</source>
        <translation>Ein Blatt kann 36 bis 600 Pixel je Zoll haben.</translation>
    </message>
    <message>
        <source>A sheet is saved as PDF, SVG or PNG; use a name ending in .pdf, .svg or .png.</source>
        <translation>Ein Blatt wird als PDF, SVG oder PNG gespeichert; einen Namen mit .pdf, .svg oder .png am Ende wählen.</translation>
    </message>
    <message>
        <source>This paper has more than 200 megapixels at this resolution; lower the resolution.</source>
        <translation>Dieses Papier hat bei dieser Auflösung mehr als 200 Megapixel; die Auflösung senken.</translation>
    </message>
    <message>
        <source>Another window is changing the shelf; try again in a moment.</source>
        <translation>Ein anderes Fenster ändert gerade das Regal; gleich noch einmal versuchen.</translation>
    </message>
    <message>
        <source>Everything on the shelf needs a name; type at least one letter.</source>
        <translation>Alles im Regal braucht einen Namen; mindestens einen Buchstaben eingeben.</translation>
    </message>
    <message>
        <source>a word that this version knows</source>
        <translation>ein Wort, das diese Version kennt</translation>
    </message>
    <message>
        <source>To split a family, select some of its swatches, but not all.</source>
        <translation>Um eine Familie zu teilen, einige ihrer Farbfelder auswählen, aber nicht alle.</translation>
    </message>
    <message>
        <source>Both ends of this ramp have the same color; choose another end.</source>
        <translation>Beide Enden dieser Farbreihe haben dieselbe Farbe; ein anderes Ende wählen.</translation>
    </message>
    <message>
        <source>A ramp to another color needs that color; choose it first.</source>
        <translation>Eine Farbreihe zu einer anderen Farbe braucht diese Farbe; sie zuerst wählen.</translation>
    </message>
    <message>
        <source>A ramp has from 2 to 24 steps.</source>
        <translation>Eine Farbreihe hat 2 bis 24 Stufen.</translation>
    </message>
    <message>
        <source>The row has more than 200 megapixels; make it smaller.</source>
        <translation>Die Reihe hat mehr als 200 Megapixel; sie kleiner machen.</translation>
    </message>
    <message>
        <source>Only a study in areas can be saved as SVG; cut the picture into areas first.</source>
        <translation>Nur eine Studie in Flächen lässt sich als SVG speichern; das Bild zuerst in Flächen schneiden.</translation>
    </message>
    <message>
        <source>A swatch cannot be separated from itself.</source>
        <translation>Ein Farbfeld lässt sich nicht von sich selbst trennen.</translation>
    </message>
    <message>
        <source>The table is damaged: %1.</source>
        <translation>Die Tabelle ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>The table is damaged after row %1; check its quotation marks.</source>
        <translation>Die Tabelle ist nach Zeile %1 beschädigt; die Anführungszeichen prüfen.</translation>
    </message>
    <message>
        <source>The table includes another file, which this program does not read.</source>
        <translation>Die Tabelle bindet eine andere Datei ein; das liest dieses Programm nicht.</translation>
    </message>
    <message>
        <source>A tint goes from 0, none, to 1, full.</source>
        <translation>Eine Tönung geht von 0, keine, bis 1, volle.</translation>
    </message>
    <message>
        <source>The areas of this picture were changed too often; cut the picture into areas again.</source>
        <translation>Die Flächen dieses Bildes wurden zu oft geändert; das Bild neu in Flächen schneiden.</translation>
    </message>
    <message>
        <source>The file has more than %1 colors; split it first.</source>
        <translation>Die Datei hat mehr als %1 Farben; sie zuerst teilen.</translation>
    </message>
    <message>
        <source>The file has more entries than this program accepts.</source>
        <translation>Die Datei hat mehr Einträge, als dieses Programm annimmt.</translation>
    </message>
    <message>
        <source>The file is larger, unpacked, than this program accepts.</source>
        <translation>Die Datei ist ausgepackt größer, als dieses Programm annimmt.</translation>
    </message>
    <message>
        <source>The file is damaged; it may be cut short.</source>
        <translation>Die Datei ist beschädigt; vielleicht ist sie abgeschnitten.</translation>
    </message>
    <message>
        <source>Well %1 is empty; Shift+%2 puts the current color in it.</source>
        <translation>Napf %1 ist leer; Umschalt+%2 legt die aktuelle Farbe hinein.</translation>
    </message>
    <message>
        <source>On this wheel the mask would have more than %1 areas; keep its outline instead, or remove areas.</source>
        <translation>Auf diesem Farbkreis hätte die Maske mehr als %1 Flächen; stattdessen ihren Umriss behalten oder Flächen entfernen.</translation>
    </message>
    <message>
        <source>Saving was stopped.</source>
        <translation>Das Speichern wurde angehalten.</translation>
    </message>
    <message>
        <source>The XML is damaged at byte %1.</source>
        <translation>Das XML ist bei Byte %1 beschädigt.</translation>
    </message>
    <message>
        <source>Colors outside what a display shows: %1; the nearest ones are used.</source>
        <translation>Farben außerhalb dessen, was ein Bildschirm zeigt: %1; die nächsten werden verwendet.</translation>
    </message>
    <message>
        <source>This key is a version of the set already; restore that version.</source>
        <translation>Dieser Farbklang ist schon eine Version des Satzes; diese Version wiederherstellen.</translation>
    </message>
    <message>
        <source>The lightest value of a ladder lies above its darkest one, both from 0 to 100.</source>
        <translation>Der hellste Tonwert einer Leiter liegt über ihrem dunkelsten, beide von 0 bis 100.</translation>
    </message>
    <message>
        <source>A ladder has from 1 to 6 hues.</source>
        <translation>Eine Leiter hat 1 bis 6 Farbtöne.</translation>
    </message>
    <message>
        <source>The saturation of a ladder lies between 0 and 1.</source>
        <translation>Die Sättigung einer Leiter liegt zwischen 0 und 1.</translation>
    </message>
    <message>
        <source>A row of a ladder has from 3 to 9 steps.</source>
        <translation>Eine Reihe einer Leiter hat 3 bis 9 Stufen.</translation>
    </message>
    <message>
        <source>The lightest value of a ramp lies above its darkest one, both from 0 to 100.</source>
        <translation>Der hellste Tonwert einer Farbreihe liegt über ihrem dunkelsten, beide von 0 bis 100.</translation>
    </message>
    <message>
        <source>No family that can be changed is off: unlock swatches to turn them.</source>
        <translation>Keine Familie, die sich ändern lässt, weicht ab: Entsperre Farbfelder, um sie zu drehen.</translation>
    </message>
    <message>
        <source>A way back is a mixture of two swatches; this set has fewer.</source>
        <translation>Ein Weg zurück ist eine Mischung zweier Farbfelder; dieser Satz hat weniger.</translation>
    </message>
    <message>
        <source>A part of the file is damaged.</source>
        <translation>Ein Teil der Datei ist beschädigt.</translation>
    </message>
    <message>
        <source>a code has four inks of 0 to 100 percent or a name, and a CIELAB color</source>
        <translation>ein Code hat vier Druckfarben von 0 bis 100 Prozent oder einen Namen und eine CIELAB-Farbe</translation>
    </message>
    <message>
        <source>Four inks are a color only on a press: choose a press first.</source>
        <translation>Vier Druckfarben sind nur im Druck eine Farbe: zuerst einen Druck wählen.</translation>
    </message>
    <message>
        <source>Inks go from 0 to 100 percent each.</source>
        <translation>Druckfarben gehen von 0 bis 100 Prozent.</translation>
    </message>
    <message>
        <source>The last row of wells stays.</source>
        <translation>Die letzte Reihe von Näpfen bleibt.</translation>
    </message>
    <message>
        <source>There are %1 rows of wells already; more do not fit.</source>
        <translation>Es gibt schon %1 Reihen von Näpfen; mehr passen nicht.</translation>
    </message>
    <message>
        <source>None of these swatches has a code.</source>
        <translation>Keines dieser Farbfelder hat einen Code.</translation>
    </message>
    <message>
        <source>parts that are not all 0</source>
        <translation>Teile, die nicht alle 0 sind</translation>
    </message>
    <message>
        <source>eight colors for each row</source>
        <translation>acht Farben für jede Reihe</translation>
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
    <message>
        <source>%1, continued</source>
        <translation>%1, Fortsetzung</translation>
    </message>
    <message>
        <source>light: %1 needed, %2 present, %3 missing</source>
        <translation>hell: %1 nötig, %2 vorhanden, %3 fehlen</translation>
    </message>
    <message>
        <source>middle: %1 needed, %2 present, %3 missing</source>
        <translation>mittel: %1 nötig, %2 vorhanden, %3 fehlen</translation>
    </message>
    <message>
        <source>dark: %1 needed, %2 present, %3 missing</source>
        <translation>dunkel: %1 nötig, %2 vorhanden, %3 fehlen</translation>
    </message>
    <message>
        <source>%1: the limit fills %2 % of this range</source>
        <translation>%1: die Grenze füllt %2 % dieses Bereichs</translation>
    </message>
    <message>
        <source>%1: the limit fills %2 % of these ranges</source>
        <translation>%1: die Grenze füllt %2 % dieser Bereiche</translation>
    </message>
    <message>
        <source>hue %1 to %2, saturation %3 to %4 %</source>
        <translation>Farbton %1 bis %2, Sättigung %3 bis %4 %</translation>
    </message>
    <message>
        <source>hue %1 to %2, chroma %3 to %4</source>
        <translation>Farbton %1 bis %2, Chroma %3 bis %4</translation>
    </message>
    <message>
        <source>every hue, saturation %1 to %2 %</source>
        <translation>jeder Farbton, Sättigung %1 bis %2 %</translation>
    </message>
    <message>
        <source>every hue, chroma %1 to %2</source>
        <translation>jeder Farbton, Chroma %1 bis %2</translation>
    </message>
    <message>
        <source>%1: hue %2, saturation %3 %, lightness %4 %</source>
        <translation>%1: Farbton %2, Sättigung %3 %, Helligkeit %4 %</translation>
    </message>
    <message>
        <source>%1: hue %2, chroma %3, lightness %4 %</source>
        <translation>%1: Farbton %2, Chroma %3, Helligkeit %4 %</translation>
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
    <name>Wells</name>
    <message>
        <source>row %1</source>
        <translation>Reihe %1</translation>
    </message>
    <message>
        <source>well %1</source>
        <translation>Napf %1</translation>
    </message>
    <message>
        <source>well %1 of %2</source>
        <translation>Napf %1 von %2</translation>
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
    <message>
        <source>%1 %2 %3</source>
        <extracomment>How a swatch is called in short: %1 chroma, which may be missing, %2 hue, %3 value.</extracomment>
        <translation>%1 %2 %3</translation>
    </message>
</context>
<context>
    <name>zc::AdjustPanel</name>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Reset numbers</source>
        <translation>Zahlen zurücksetzen</translation>
    </message>
    <message>
        <source>Change the swatches as the preview shows them</source>
        <translation>Die Farbfelder so ändern, wie die Vorschau sie zeigt</translation>
    </message>
    <message>
        <source>Set every number back to no change</source>
        <translation>Alle Zahlen auf &quot;keine Änderung&quot; zurücksetzen</translation>
    </message>
    <message>
        <source>Turn hue by</source>
        <translation>Farbton drehen um</translation>
    </message>
    <message>
        <source>Degrees on the wheel of the piece, clockwise</source>
        <translation>Grad auf dem Farbkreis des Werks, im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Multiply saturation by</source>
        <translation>Sättigung mal</translation>
    </message>
    <message>
        <source>The saturation is multiplied by this factor</source>
        <translation>Die Sättigung wird mit diesem Faktor malgenommen</translation>
    </message>
    <message>
        <source>Add to value</source>
        <translation>Zum Tonwert dazu</translation>
    </message>
    <message>
        <source>How much is added to the value of each swatch</source>
        <translation>Wie viel zum Tonwert jedes Farbfelds dazukommt</translation>
    </message>
    <message>
        <source>Multiply contrast by</source>
        <translation>Kontrast mal</translation>
    </message>
    <message>
        <source>The distance of each value from the middle below is multiplied by this factor</source>
        <translation>Der Abstand jedes Tonwerts von der Mitte darunter wird mit diesem Faktor malgenommen</translation>
    </message>
    <message>
        <source>Middle of the contrast</source>
        <translation>Mitte des Kontrasts</translation>
    </message>
    <message>
        <source>The value that a change of contrast leaves as it is</source>
        <translation>Der Tonwert, den eine Kontraständerung lässt, wie er ist</translation>
    </message>
    <message>
        <source>Move hue and saturation as a light of the current color would; values stay</source>
        <translation>Farbton und Sättigung so bewegen, wie ein Licht in der aktuellen Farbe es täte; Tonwerte bleiben</translation>
    </message>
    <message>
        <source>Adjust the whole set</source>
        <translation>Den ganzen Satz anpassen</translation>
    </message>
    <message>
        <source>Adjust the selection (%1)</source>
        <translation>Die Auswahl anpassen (%1)</translation>
    </message>
    <message>
        <source>No change yet. Locked swatches stay as they are.</source>
        <translation>Noch keine Änderung. Gesperrte Farbfelder bleiben, wie sie sind.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change, all by the full amount.</source>
        <translation>
            <numerusform>%n Farbfeld ändert sich, in vollem Maß.</numerusform>
            <numerusform>%n Farbfelder ändern sich, alle in vollem Maß.</numerusform>
        </translation>
    </message>
    <message>
        <source>Tint with current color</source>
        <translation>Mit aktueller Farbe tönen</translation>
    </message>
    <message>
        <source>Nothing is adjusted yet.</source>
        <translation>Noch ist nichts angepasst.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches change. Those marked with a dot (%1) stop at the limit of what a display can show.</source>
        <translation>
            <numerusform>%n Farbfeld ändert sich. Die mit einem Punkt markierten (%1) bleiben an der Grenze dessen stehen, was ein Bildschirm zeigen kann.</numerusform>
            <numerusform>%n Farbfelder ändern sich. Die mit einem Punkt markierten (%1) bleiben an der Grenze dessen stehen, was ein Bildschirm zeigen kann.</numerusform>
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
        <source>Mirror mask area</source>
        <translation>Maskenfläche spiegeln</translation>
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
        <source>Area: %1</source>
        <translation>Fläche: %1</translation>
    </message>
    <message>
        <source>Areas in order: each is added to, or subtracted from, those above it. Drag an area to move it.</source>
        <translation>Flächen der Reihe nach: jede kommt zu denen darüber hinzu oder wird von ihnen abgezogen. Ziehen verschiebt eine Fläche.</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>The area is added to the mask</source>
        <translation>Die Fläche kommt zur Maske hinzu</translation>
    </message>
    <message>
        <source>Subtract</source>
        <translation>Abziehen</translation>
    </message>
    <message>
        <source>The area is subtracted from the areas above it</source>
        <translation>Die Fläche wird von den Flächen darüber abgezogen</translation>
    </message>
    <message>
        <source>Add a copy of the area, moved a little</source>
        <translation>Eine etwas verschobene Kopie der Fläche hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate mask area</source>
        <translation>Maskenfläche duplizieren</translation>
    </message>
    <message>
        <source>Move the area across neutral, to the complements of its hues</source>
        <translation>Die Fläche über Neutral hinweg zu den Komplementen ihrer Farbtöne bewegen</translation>
    </message>
    <message>
        <source>Subtract mask area</source>
        <translation>Maskenfläche abziehen</translation>
    </message>
    <message>
        <source>Add mask area</source>
        <translation>Maskenfläche hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegeln</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>There is no area yet. Choose a pattern, or draw an area.</source>
        <translation>Noch gibt es keine Fläche. Ein Muster wählen oder eine Fläche zeichnen.</translation>
    </message>
    <message>
        <source>Remove mask</source>
        <translation>Maske entfernen</translation>
    </message>
    <message>
        <source>Remove the mask from the piece (Undo brings it back)</source>
        <translation>Die Maske aus dem Werk entfernen (Rückgängig bringt sie zurück)</translation>
    </message>
    <message>
        <source>Add corner</source>
        <translation>Ecke hinzufügen</translation>
    </message>
    <message>
        <source>Remove corner</source>
        <translation>Ecke entfernen</translation>
    </message>
    <message>
        <source>Remove the corner that the numbers show</source>
        <translation>Die Ecke entfernen, die die Zahlen zeigen</translation>
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
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Add or remove corners, or remove the mask</source>
        <translation>Ecken hinzufügen oder entfernen, oder die Maske entfernen</translation>
    </message>
    <message>
        <source>Add a corner in the middle of the edge behind the shown one, to bend the edge. On the wheel: drag the edge.</source>
        <translation>Eine Ecke in der Mitte der Kante hinter der gezeigten hinzufügen, um die Kante zu biegen. Auf dem Farbkreis: die Kante ziehen.</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>gesperrt</translation>
    </message>
    <message>
        <source>Leave the mask as it is when hands slip on the wheel; numbers and commands still change it</source>
        <translation>Die Maske lassen, wie sie ist, wenn die Hand auf dem Kreis abrutscht; Zahlen und Befehle ändern sie weiterhin</translation>
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
        <source>How many colors to add between the two, 1 to 22</source>
        <translation>Wie viele Farben dazwischen hinzukommen, 1 bis 22</translation>
    </message>
    <message>
        <source>Path between the two</source>
        <translation>Weg zwischen den beiden</translation>
    </message>
    <message>
        <source>How the colors lead from one to the other</source>
        <translation>Wie die Farben von der einen zur anderen führen</translation>
    </message>
    <message>
        <source>Add colors between</source>
        <translation>Farben dazwischen hinzufügen</translation>
    </message>
    <message>
        <source>Add these colors between the two selected swatches (Ctrl+J adds three)</source>
        <translation>Diese Farben zwischen den beiden ausgewählten Farbfeldern hinzufügen (Strg+J fügt drei hinzu)</translation>
    </message>
</context>
<context>
    <name>zc::CanvasFollower</name>
    <message>
        <source>Follow canvas</source>
        <translation>Leinwand folgen</translation>
    </message>
    <message>
        <source>Stop following</source>
        <translation>Nicht mehr folgen</translation>
    </message>
    <message>
        <source>The file %1 no longer exists; its last picture is shown.</source>
        <translation>Die Datei %1 gibt es nicht mehr; gezeigt wird ihr letztes Bild.</translation>
    </message>
    <message>
        <source>The file %1 is on another computer. Choose Follow a canvas to pick the file here.</source>
        <translation>Die Datei %1 liegt auf einem anderen Rechner. Mit &quot;Einer Leinwand folgen&quot; die Datei hier wählen.</translation>
    </message>
    <message>
        <source>The file %1 cannot be read as a picture right now; its last picture is shown.</source>
        <translation>Die Datei %1 ist gerade nicht als Bild lesbar; gezeigt wird ihr letztes Bild.</translation>
    </message>
    <message>
        <source>The photo shown does not follow a file.</source>
        <translation>Das gezeigte Foto folgt keiner Datei.</translation>
    </message>
</context>
<context>
    <name>zc::CanvasPage</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Light %1, middle %2, dark %3 %</source>
        <translation>Hell %1, mittel %2, dunkel %3 %</translation>
    </message>
    <message>
        <source>not seen</source>
        <translation>nicht zu sehen</translation>
    </message>
    <message>
        <source>in the plan</source>
        <translation>im Plan</translation>
    </message>
    <message>
        <source>%1 % strays</source>
        <translation>%1 % weicht ab</translation>
    </message>
    <message>
        <source>No part of the screen has been watched yet.</source>
        <translation>Noch wurde kein Teil des Bildschirms beobachtet.</translation>
    </message>
    <message>
        <source>Watch a part of the screen while you paint there: what strays from the plan is shown here. Nothing of it is stored.</source>
        <translation>Beobachte einen Teil des Bildschirms, während du dort malst: Was vom Plan abweicht, steht hier. Nichts davon wird gespeichert.</translation>
    </message>
    <message>
        <source>Watch canvas</source>
        <translation>Leinwand beobachten</translation>
    </message>
    <message>
        <source>Drag over the part of the screen where you paint</source>
        <translation>Über den Teil des Bildschirms ziehen, in dem du malst</translation>
    </message>
    <message>
        <source>Watch again</source>
        <translation>Wieder beobachten</translation>
    </message>
    <message>
        <source>Watch the same part of the screen as last time</source>
        <translation>Denselben Teil des Bildschirms beobachten wie zuletzt</translation>
    </message>
    <message>
        <source>watching</source>
        <translation>beobachtet</translation>
    </message>
    <message>
        <source>This part of the screen is being watched; press to end it</source>
        <translation>Dieser Teil des Bildschirms wird beobachtet; drücken beendet es</translation>
    </message>
    <message>
        <source>Colors that stray</source>
        <translation>Farben, die abweichen</translation>
    </message>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Mix the two swatches as paint</source>
        <translation>Die beiden Farbfelder wie Malfarben mischen</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Mix the two swatches as light</source>
        <translation>Die beiden Farbfelder wie Licht mischen</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Nehmen</translation>
    </message>
    <message>
        <source>Use the nearest mixture inside the mask</source>
        <translation>Die nächste Mischung in der Maske nehmen</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Add the nearest mixture inside the mask to the set</source>
        <translation>Die nächste Mischung in der Maske zum Satz hinzufügen</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copy the nearest mixture inside the mask</source>
        <translation>Die nächste Mischung in der Maske kopieren</translation>
    </message>
    <message>
        <source>Waiting for the first picture...</source>
        <translation>Warten auf das erste Bild...</translation>
    </message>
    <message>
        <source>Outside %1 %, by %2</source>
        <translation>Außerhalb %1 %, um %2</translation>
    </message>
    <message>
        <source>Nothing outside</source>
        <translation>Nichts außerhalb</translation>
    </message>
    <message>
        <source>Far from set %1 %</source>
        <translation>Weit vom Satz %1 %</translation>
    </message>
    <message>
        <source>%1 of %2 unused</source>
        <translation>%1 von %2 unbenutzt</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>%1, outside the mask by %2. Click to see a way back.</source>
        <translation>%1, um %2 außerhalb der Maske. Ein Klick zeigt einen Weg zurück.</translation>
    </message>
    <message>
        <source>%1, off every swatch by %2. Click to see a way back.</source>
        <translation>%1, um %2 neben jedem Farbfeld. Ein Klick zeigt einen Weg zurück.</translation>
    </message>
    <message>
        <source>No mixture of the two lies in a mask.</source>
        <translation>Keine Mischung der beiden liegt in einer Maske.</translation>
    </message>
    <message>
        <source>Choose a color that strays first.</source>
        <translation>Zuerst eine abweichende Farbe wählen.</translation>
    </message>
    <message>
        <source>Nothing strays from the plan.</source>
        <translation>Nichts weicht vom Plan ab.</translation>
    </message>
    <message>
        <source>Press a color to see which swatches mix it.</source>
        <translation>Eine Farbe drücken, um zu sehen, welche Farbfelder sie mischen.</translation>
    </message>
    <message>
        <source>Looking for the nearest mixture...</source>
        <translation>Die nächste Mischung wird gesucht...</translation>
    </message>
    <message>
        <source>%1 + %2, %3; off by %4</source>
        <translation>%1 + %2, %3; um %4 daneben</translation>
    </message>
    <message>
        <source>; in the mask up to %1</source>
        <translation>; in der Maske bis %1</translation>
    </message>
    <message>
        <source>Copied %1.</source>
        <translation>%1 kopiert.</translation>
    </message>
    <message>
        <source>Mix as</source>
        <translation>Mischen als</translation>
    </message>
</context>
<context>
    <name>zc::CanvasPicture</name>
    <message>
        <source>Watched canvas</source>
        <translation>Beobachtete Leinwand</translation>
    </message>
    <message>
        <source>Stray: %1, %2 % of the canvas</source>
        <translation>Abweichung: %1, %2 % der Leinwand</translation>
    </message>
    <message>
        <source>Show way back</source>
        <translation>Weg zurück zeigen</translation>
    </message>
</context>
<context>
    <name>zc::CardPanel</name>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>What the piece is called</source>
        <translation>Wie das Werk heißt</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Signature</source>
        <translation>Signatur</translation>
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
        <source>profiles are not used</source>
        <translation>Profile werden nicht verwendet</translation>
    </message>
    <message>
        <source>use monitor profile</source>
        <translation>Bildschirmprofil verwenden</translation>
    </message>
    <message>
        <source>Description</source>
        <translation>Beschreibung</translation>
    </message>
    <message>
        <source>Mood and intent; the sheet can show them</source>
        <translation>Stimmung und Absicht; das Blatt kann sie zeigen</translation>
    </message>
    <message>
        <source>The date of the plan as YYYY-MM-DD, or nothing</source>
        <translation>Das Datum des Plans als JJJJ-MM-TT, oder nichts</translation>
    </message>
    <message>
        <source>The line at the foot of the sheet</source>
        <translation>Die Zeile am Fuß des Blatts</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Change the details of the piece in one step</source>
        <translation>Die Angaben des Werks in einem Schritt ändern</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Close without a change (Escape)</source>
        <translation>Ohne Änderung schließen (Escape)</translation>
    </message>
    <message>
        <source>Show colors through the profile that the desktop has set for this monitor</source>
        <translation>Farben durch das Profil zeigen, das der Desktop für diesen Bildschirm gesetzt hat</translation>
    </message>
    <message>
        <source>the desktop has no profile for this monitor</source>
        <translation>der Desktop hat kein Profil für diesen Bildschirm</translation>
    </message>
    <message>
        <source>Change details</source>
        <translation>Angaben ändern</translation>
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
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Zum Satz hinzufügen</translation>
    </message>
</context>
<context>
    <name>zc::ColorGroup</name>
    <message>
        <source>copy every pick</source>
        <translation>jede Wahl kopieren</translation>
    </message>
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
        <source>step %1 of %2, %3</source>
        <translation>Stufe %1 von %2, %3</translation>
    </message>
    <message>
        <source>Copy every picked color to the clipboard, as %1 (Ctrl+H)</source>
        <translation>Jede gewählte Farbe in die Zwischenablage kopieren, als %1 (Strg+H)</translation>
    </message>
    <message>
        <source>Use printable</source>
        <translation>Druckbare nehmen</translation>
    </message>
    <message>
        <source>No color of this value prints: the nearest has another one.</source>
        <translation>Keine Farbe dieses Tonwerts ist druckbar: die nächste hat einen anderen.</translation>
    </message>
    <message>
        <source>prints, </source>
        <translation>druckbar, </translation>
    </message>
    <message>
        <source>does not print, </source>
        <translation>nicht druckbar, </translation>
    </message>
    <message>
        <source>Use the nearest color that %1 prints</source>
        <translation>Die nächste Farbe nehmen, die sich auf %1 drucken lässt</translation>
    </message>
    <message>
        <source>Written as %1.</source>
        <translation>Geschrieben als %1.</translation>
    </message>
</context>
<context>
    <name>zc::ColorPair</name>
    <message>
        <source>Current color: %1</source>
        <translation>Aktuelle Farbe: %1</translation>
    </message>
    <message>
        <source>Current and previous color</source>
        <translation>Aktuelle und vorige Farbe</translation>
    </message>
    <message>
        <source>The current color, and below it the previous one: click that to go back. Both can be dragged into other programs.</source>
        <translation>Die aktuelle Farbe, darunter die vorige: ein Klick darauf geht zurück. Beide lassen sich in andere Programme ziehen.</translation>
    </message>
    <message>
        <source>previous</source>
        <translation>vorige</translation>
    </message>
    <message>
        <source>Previous color: %1</source>
        <translation>Vorige Farbe: %1</translation>
    </message>
    <message>
        <source>Go back to this color</source>
        <translation>Zu dieser Farbe zurück</translation>
    </message>
</context>
<context>
    <name>zc::Companion</name>
    <message>
        <source>value %1, %2</source>
        <translation>Tonwert %1, %2</translation>
    </message>
    <message>
        <source>over %1, %2, value %3</source>
        <translation>über %1, %2, Tonwert %3</translation>
    </message>
    <message>
        <source>Every picked color is copied to the clipboard</source>
        <translation>Jede gewählte Farbe wird in die Zwischenablage kopiert</translation>
    </message>
    <message>
        <source>How a color is written when it is copied; press for the next form</source>
        <translation>Wie eine Farbe beim Kopieren geschrieben wird; drücken für die nächste Form</translation>
    </message>
    <message>
        <source>Use the color of any pixel of the screen</source>
        <translation>Die Farbe eines beliebigen Bildschirmpixels verwenden</translation>
    </message>
    <message>
        <source>%1 beside the canvas</source>
        <translation>%1 neben der Leinwand</translation>
    </message>
    <message>
        <source>To keep this window above others, use the menu of its frame.</source>
        <translation>Damit dieses Fenster über anderen bleibt, das Menü seines Rahmens benutzen.</translation>
    </message>
    <message>
        <source>Show as strip</source>
        <translation>Als Streifen zeigen</translation>
    </message>
    <message>
        <source>Show as column</source>
        <translation>Als Spalte zeigen</translation>
    </message>
    <message>
        <source>Turn strip upright</source>
        <translation>Streifen aufrichten</translation>
    </message>
    <message>
        <source>Turn strip sideways</source>
        <translation>Streifen querlegen</translation>
    </message>
    <message>
        <source>Show or hide main window</source>
        <translation>Hauptfenster zeigen oder verbergen</translation>
    </message>
    <message>
        <source>Copy every pick</source>
        <translation>Jede Wahl kopieren</translation>
    </message>
    <message>
        <source>Choose form of copied colors...</source>
        <translation>Form kopierter Farben wählen...</translation>
    </message>
    <message>
        <source>Pick color from screen</source>
        <translation>Farbe vom Bildschirm wählen</translation>
    </message>
    <message>
        <source>Go back to previous color</source>
        <translation>Zur vorigen Farbe zurück</translation>
    </message>
    <message>
        <source>Close companion</source>
        <translation>Begleiter schließen</translation>
    </message>
    <message>
        <source>copy</source>
        <translation>kopieren</translation>
    </message>
    <message>
        <source>copy picks</source>
        <translation>Wahl kopieren</translation>
    </message>
    <message>
        <source>Sample screen</source>
        <translation>Farbe holen</translation>
    </message>
    <message>
        <source>Wells</source>
        <translation>Näpfe</translation>
    </message>
    <message>
        <source>Wells, and whether the mask holds picks</source>
        <translation>Näpfe, und ob die Maske gewählte Farben hält</translation>
    </message>
    <message>
        <source>Related</source>
        <translation>Verwandte</translation>
    </message>
    <message>
        <source>The relation of the current color, its tints, tones and shades</source>
        <translation>Die Beziehung der aktuellen Farbe, ihre Aufhellungen, Trübungen und Abdunklungen</translation>
    </message>
    <message>
        <source>Canvas</source>
        <translation>Leinwand</translation>
    </message>
    <message>
        <source>Watch the canvas on the screen and compare it with the plan</source>
        <translation>Die Leinwand auf dem Bildschirm beobachten und mit dem Plan vergleichen</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Shape of this window, main window, copying, closing</source>
        <translation>Form dieses Fensters, Hauptfenster, Kopieren, Schließen</translation>
    </message>
    <message>
        <source>Pick on the wheel, the axis or the set.</source>
        <translation>Auf Kreis, Achse oder Satz wählen.</translation>
    </message>
    <message>
        <source>Keep this moment of the canvas</source>
        <translation>Diesen Augenblick der Leinwand behalten</translation>
    </message>
    <message>
        <source>End watching canvas</source>
        <translation>Leinwand nicht mehr beobachten</translation>
    </message>
    <message>
        <source>Watch canvas on screen...</source>
        <translation>Leinwand auf dem Bildschirm beobachten...</translation>
    </message>
</context>
<context>
    <name>zc::CopyFormPanel</name>
    <message>
        <source>with a small picture</source>
        <translation>mit einem kleinen Bild</translation>
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
        <source>Copy every pick as</source>
        <translation>Jede Wahl kopieren als</translation>
    </message>
    <message>
        <source>Your own line</source>
        <translation>Eigene Zeile</translation>
    </message>
    <message>
        <source>Apply</source>
        <translation>Anwenden</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
</context>
<context>
    <name>zc::CopyOnPick</name>
    <message>
        <source>copied %1</source>
        <translation>%1 kopiert</translation>
    </message>
    <message>
        <source>your own line</source>
        <translation>eigene Zeile</translation>
    </message>
</context>
<context>
    <name>zc::DesktopKey</name>
    <message>
        <source>This desktop does not offer global shortcuts.</source>
        <translation>Dieser Desktop bietet keine globalen Tastenkürzel.</translation>
    </message>
    <message>
        <source>The desktop gave an unusable answer, so no global shortcut was set.</source>
        <translation>Die Antwort des Desktops war unbrauchbar; es wurde kein globales Tastenkürzel gesetzt.</translation>
    </message>
    <message>
        <source>Pick a color from the screen for Zonachrom</source>
        <translation>Eine Farbe vom Bildschirm für Zonachrom wählen</translation>
    </message>
    <message>
        <source>No global shortcut was chosen on the desktop.</source>
        <translation>Auf dem Desktop wurde kein globales Tastenkürzel gewählt.</translation>
    </message>
    <message>
        <source>its shortcut</source>
        <translation>sein Tastenkürzel</translation>
    </message>
    <message>
        <source>Show or hide the companion of Zonachrom at the pointer</source>
        <translation>Den Begleiter von Zonachrom am Zeiger zeigen oder verbergen</translation>
    </message>
</context>
<context>
    <name>zc::Documents</name>
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
        <source>saved</source>
        <translation>gespeichert</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wird geöffnet</translation>
    </message>
    <message>
        <source>Saving %1</source>
        <translation>%1 wird gespeichert</translation>
    </message>
    <message>
        <source>also open in another window</source>
        <translation>auch in einem anderen Fenster offen</translation>
    </message>
    <message>
        <source>not saved</source>
        <translation>nicht gespeichert</translation>
    </message>
    <message>
        <source>This piece is also open in another window. Save it here under another name, or close it there first.</source>
        <translation>Dieses Werk ist auch in einem anderen Fenster offen. Hier unter anderem Namen speichern oder es dort zuerst schließen.</translation>
    </message>
    <message>
        <source>This file is read only. Save changes under another name.</source>
        <translation>Diese Datei ist schreibgeschützt. Änderungen unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>Another file is still being read or written. Wait for it, or stop it first.</source>
        <translation>Eine andere Datei wird noch gelesen oder geschrieben. Darauf warten oder sie zuerst anhalten.</translation>
    </message>
    <message>
        <source>Recovering unsaved work</source>
        <translation>Ungespeicherte Arbeit wird wiederhergestellt</translation>
    </message>
    <message>
        <source>The piece was not saved, because it is also open in another window. Save it under another name.</source>
        <translation>Das Werk wurde nicht gespeichert, weil es auch in einem anderen Fenster offen ist. Unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>The piece was not saved, because another program changed the file meanwhile. Save it under another name.</source>
        <translation>Das Werk wurde nicht gespeichert, weil ein anderes Programm die Datei inzwischen geändert hat. Unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>The piece was not saved, because its file is read only. Save it under another name.</source>
        <translation>Das Werk wurde nicht gespeichert, weil seine Datei schreibgeschützt ist. Unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source> The whole piece can still be opened.</source>
        <translation> Das ganze Werk lässt sich trotzdem öffnen.</translation>
    </message>
    <message>
        <source> Everything can be opened except: %1.</source>
        <translation> Alles lässt sich öffnen außer: %1.</translation>
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
        <source>Paste a picture or photo files as references, a hex color as the current color; at Grade, swatches</source>
        <translation>Ein Bild oder Fotodateien als Vorlagen einfügen, eine Hex-Farbe als aktuelle Farbe; beim Abstufen Farbfelder</translation>
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
        <source>Give the selected swatches the current color</source>
        <translation>Den ausgewählten Farbfeldern die aktuelle Farbe geben</translation>
    </message>
    <message>
        <source>Re&amp;name swatch or family</source>
        <translation>Farbfeld oder Familie um&amp;benennen</translation>
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
        <source>pasted photo</source>
        <translation>eingefügtes Foto</translation>
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
        <source>Copy the hex code of the current color</source>
        <translation>Den Hex-Code der aktuellen Farbe kopieren</translation>
    </message>
    <message>
        <source>Copy e&amp;very pick</source>
        <translation>&amp;Jede Wahl kopieren</translation>
    </message>
    <message>
        <source>Every picked color is copied to the clipboard, in the form chosen below</source>
        <translation>Jede gewählte Farbe wird in der unten gewählten Form in die Zwischenablage kopiert</translation>
    </message>
    <message>
        <source>Choose fo&amp;rm of copied colors...</source>
        <translation>Fo&amp;rm kopierter Farben wählen...</translation>
    </message>
    <message>
        <source>Hex, numbers, CSS or a line of your own, with or without a small picture</source>
        <translation>Hex, Zahlen, CSS oder eine eigene Zeile, mit oder ohne kleines Bild</translation>
    </message>
    <message>
        <source>Pick color from &amp;screen</source>
        <translation>Farbe vom &amp;Bildschirm wählen</translation>
    </message>
    <message>
        <source>Use the color of any pixel of the screen, or the average of a square around it</source>
        <translation>Die Farbe eines beliebigen Bildschirmpixels verwenden, oder den Mittelwert eines Quadrats darum</translation>
    </message>
    <message>
        <source>Add pict&amp;ure of the screen</source>
        <translation>Bild des Bildschirms &amp;hinzufügen</translation>
    </message>
    <message>
        <source>Add the screen, or a part of it, as a reference</source>
        <translation>Den Bildschirm oder einen Teil davon als Vorlage hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Paste photo, color or swatches</source>
        <translation>Foto, Farbe oder Farbfelder e&amp;infügen</translation>
    </message>
    <message>
        <source>Add current color to se&amp;t</source>
        <translation>Aktuelle Farbe zum Sa&amp;tz hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color to the chosen family of the set</source>
        <translation>Die aktuelle Farbe zur gewählten Familie des Satzes hinzufügen</translation>
    </message>
    <message>
        <source>Go &amp;back to previous color</source>
        <translation>&amp;Zur vorigen Farbe zurück</translation>
    </message>
    <message>
        <source>Swap the current color with the previous one</source>
        <translation>Die aktuelle Farbe mit der vorigen tauschen</translation>
    </message>
    <message>
        <source>&amp;Find swatch</source>
        <translation>Farbfeld &amp;finden</translation>
    </message>
    <message>
        <source>Find a swatch by its name, or the one nearest to a color</source>
        <translation>Ein Farbfeld nach Namen finden, oder das nächste zu einer Farbe</translation>
    </message>
    <message>
        <source>Re&amp;place with current color</source>
        <translation>Durch die aktuelle Farbe er&amp;setzen</translation>
    </message>
    <message>
        <source>&amp;Use color of swatch</source>
        <translation>Farbe des Farbfelds &amp;verwenden</translation>
    </message>
    <message>
        <source>Make the color of the selected swatch the current one (Enter, double click)</source>
        <translation>Die Farbe des ausgewählten Farbfelds zur aktuellen machen (Eingabe, Doppelklick)</translation>
    </message>
    <message>
        <source>Loc&amp;k or unlock swatches</source>
        <translation>Farbfelder sp&amp;erren oder freigeben</translation>
    </message>
    <message>
        <source>Protect the selected swatches from changes, or allow changes again</source>
        <translation>Die ausgewählten Farbfelder vor Änderungen schützen oder Änderungen wieder erlauben</translation>
    </message>
    <message>
        <source>&amp;Mark swatches used or unused</source>
        <translation>Farbfelder als benutzt oder unbenutzt &amp;markieren</translation>
    </message>
    <message>
        <source>Mark the selected swatches as used in the painting, or not</source>
        <translation>Die ausgewählten Farbfelder als im Bild benutzt markieren, oder nicht</translation>
    </message>
    <message>
        <source>The clipboard has no picture, color or swatches. Copy something first.</source>
        <translation>In der Zwischenablage ist kein Bild, keine Farbe und kein Farbfeld. Zuerst etwas kopieren.</translation>
    </message>
    <message>
        <source>Swatches are renamed at Grade, on the staff, in rows or in the list. Show one of these first.</source>
        <translation>Farbfelder werden beim Abstufen umbenannt: auf den Notenlinien, in Reihen oder in der Liste. Zuerst eines davon zeigen.</translation>
    </message>
    <message>
        <source>Rename the swatch under the pointer, the selected one, or the chosen family</source>
        <translation>Das Farbfeld unter dem Zeiger, das ausgewählte oder die gewählte Familie umbenennen</translation>
    </message>
    <message>
        <source>Set global shortcuts for &amp;picking and companion</source>
        <translation>&amp;Globale Tastenkürzel für Wählen und Begleiter setzen</translation>
    </message>
    <message>
        <source>Pick from the screen, or call the companion, while any program has the keyboard. The desktop asks for the shortcuts.</source>
        <translation>Vom Bildschirm wählen oder den Begleiter rufen, während ein anderes Programm die Tastatur hat. Der Desktop fragt nach den Kürzeln.</translation>
    </message>
    <message>
        <source>Find a color or a name in all sets and versions, on the shelf and in recent pieces</source>
        <translation>Eine Farbe oder einen Namen in allen Sätzen und Versionen, im Regal und in zuletzt geöffneten Werken suchen</translation>
    </message>
    <message>
        <source>Find everywhere...</source>
        <translation>Überall suchen...</translation>
    </message>
    <message>
        <source>Displays show the inks of the selected swatches as they are</source>
        <translation>Bildschirme zeigen die Druckfarben der gewählten Farbfelder, wie sie sind</translation>
    </message>
    <message>
        <source>No display shows the ink of the selected swatches: it shines</source>
        <translation>Kein Bildschirm zeigt die Druckfarbe der gewählten Farbfelder: sie glänzt</translation>
    </message>
    <message>
        <source>No display shows the ink of the selected swatches: it glows</source>
        <translation>Kein Bildschirm zeigt die Druckfarbe der gewählten Farbfelder: sie leuchtet</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Code entfernen</translation>
    </message>
    <message>
        <source>Keep the colors of the selected swatches without their codes</source>
        <translation>Die Farben der gewählten Farbfelder ohne ihre Codes behalten</translation>
    </message>
    <message>
        <source>Mark as plain ink</source>
        <translation>Als gewöhnliche Druckfarbe kennzeichnen</translation>
    </message>
    <message>
        <source>Mark as metallic ink</source>
        <translation>Als metallische Druckfarbe kennzeichnen</translation>
    </message>
    <message>
        <source>Mark as fluorescent ink</source>
        <translation>Als leuchtende Druckfarbe kennzeichnen</translation>
    </message>
    <message>
        <source>Edit code</source>
        <translation>Code ändern</translation>
    </message>
</context>
<context>
    <name>zc::EndChoice</name>
    <message>
        <source>current color</source>
        <translation>aktuelle Farbe</translation>
    </message>
    <message>
        <source>previous color</source>
        <translation>vorige Farbe</translation>
    </message>
    <message>
        <source>usual haze</source>
        <translation>üblicher Dunst</translation>
    </message>
    <message>
        <source>neutral of the mask</source>
        <translation>Neutralton der Maske</translation>
    </message>
    <message>
        <source>related, %1°</source>
        <translation>verwandt, %1°</translation>
    </message>
    <message>
        <source>corner %1 of the mask</source>
        <translation>Ecke %1 der Maske</translation>
    </message>
</context>
<context>
    <name>zc::Extracting</name>
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
        <source>The photo does not have enough colors that differ this much; missing: %1.</source>
        <translation>So verschiedene Farben hat das Foto nicht genug; es fehlen: %1.</translation>
    </message>
</context>
<context>
    <name>zc::ExtractionPanel</name>
    <message>
        <source>What the mask does to the extraction</source>
        <translation>Was die Maske beim Herausnehmen tut</translation>
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
        <source>Least difference between two colors</source>
        <translation>Kleinster Abstand zweier Farben</translation>
    </message>
    <message>
        <source>Number of accents</source>
        <translation>Anzahl der Akzente</translation>
    </message>
    <message>
        <source>Least difference (CIEDE2000) between any two colors, 0 to 50</source>
        <translation>Kleinster Abstand (CIEDE2000) zweier Farben, 0 bis 50</translation>
    </message>
    <message>
        <source>Accents are small areas whose color is far from all others: at most this many of the colors</source>
        <translation>Akzente sind kleine Stellen, deren Farbe von allen anderen weit entfernt ist: höchstens so viele der Farben</translation>
    </message>
    <message>
        <source>What each color is</source>
        <translation>Was jede Farbe ist</translation>
    </message>
    <message>
        <source>Each color is the average of a group of pixels, or a real pixel that is typical of it</source>
        <translation>Jede Farbe ist der Mittelwert einer Gruppe von Pixeln, oder ein echtes, typisches Pixel daraus</translation>
    </message>
    <message>
        <source>averages</source>
        <translation>Mittelwerte</translation>
    </message>
    <message>
        <source>real pixels</source>
        <translation>echte Pixel</translation>
    </message>
    <message>
        <source>Take colors from the whole photo, only from what lies inside the mask, or from everything moved into the mask</source>
        <translation>Farben aus dem ganzen Foto nehmen, nur aus dem, was in der Maske liegt, oder aus allem, in die Maske geholt</translation>
    </message>
    <message>
        <source>moved into the mask</source>
        <translation>in die Maske geholt</translation>
    </message>
    <message>
        <source>Difference at least</source>
        <translation>Abstand mindestens</translation>
    </message>
    <message>
        <source>Accents</source>
        <translation>Akzente</translation>
    </message>
    <message>
        <source>Colors are</source>
        <translation>Farben sind</translation>
    </message>
</context>
<context>
    <name>zc::ExtractionRow</name>
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
        <source>Stop, %1 %</source>
        <translation>Anhalten, %1 %</translation>
    </message>
    <message>
        <source>Number of %1 colors</source>
        <translation>Anzahl Farben, %1</translation>
    </message>
    <message>
        <source>Number of %1 colors to take, 0 to 60</source>
        <translation>Anzahl zu nehmender Farben, %1, 0 bis 60</translation>
    </message>
    <message>
        <source>Take a palette from the photo: this many light, middle and dark colors</source>
        <translation>Eine Palette aus dem Foto nehmen: so viele helle, mittlere und dunkle Farben</translation>
    </message>
    <message>
        <source>Take palette</source>
        <translation>Palette nehmen</translation>
    </message>
    <message>
        <source>Add a photo first.</source>
        <translation>Zuerst ein Foto hinzufügen.</translation>
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
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
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
        <source>As %1...</source>
        <translation>Als %1...</translation>
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
        <source>Start with an empty piece</source>
        <translation>Mit einem leeren Werk beginnen</translation>
    </message>
    <message>
        <source>Open &amp;demo piece</source>
        <translation>&amp;Demowerk öffnen</translation>
    </message>
    <message>
        <source>Open a copy of Coppersmiths&apos; Row to try things on</source>
        <translation>Eine Kopie von Coppersmiths&apos; Row zum Ausprobieren öffnen</translation>
    </message>
    <message>
        <source>Edit de&amp;tails of the piece...</source>
        <translation>&amp;Angaben des Werks bearbeiten...</translation>
    </message>
    <message>
        <source>Title, description, date and signature</source>
        <translation>Titel, Beschreibung, Datum und Signatur</translation>
    </message>
    <message>
        <source>Save the piece; the previous version stays beside it as a backup</source>
        <translation>Das Werk speichern; die vorige Version bleibt als Sicherung daneben</translation>
    </message>
    <message>
        <source>&amp;Export set</source>
        <translation>Satz e&amp;xportieren</translation>
    </message>
    <message>
        <source>Export the current set as %1</source>
        <translation>Den aktuellen Satz als %1 exportieren</translation>
    </message>
    <message>
        <source>&amp;Import palette...</source>
        <translation>Palette &amp;importieren...</translation>
    </message>
    <message>
        <source>Import swatches from a palette file in an open format, or from a picture</source>
        <translation>Farbfelder aus einer Palettendatei in einem offenen Format oder aus einem Bild importieren</translation>
    </message>
    <message>
        <source>Pac&amp;k parcel...</source>
        <translation>&amp;Paket packen...</translation>
    </message>
    <message>
        <source>Pack the sets and the mask of this piece into one file for someone else</source>
        <translation>Die Sätze und die Maske dieses Werks für jemand anderen in eine Datei packen</translation>
    </message>
    <message>
        <source>&amp;Unpack parcel...</source>
        <translation>Paket &amp;auspacken...</translation>
    </message>
    <message>
        <source>Save the sets and masks of a parcel to the shelf</source>
        <translation>Die Sätze und Masken eines Pakets ins Regal legen</translation>
    </message>
    <message>
        <source>Open files in &amp;running window</source>
        <translation>Dateien im &amp;laufenden Fenster öffnen</translation>
    </message>
    <message>
        <source>When the program is started again with a file, open the file in this window</source>
        <translation>Wird das Programm noch einmal mit einer Datei gestartet, öffnet dieses Fenster die Datei</translation>
    </message>
    <message>
        <source>No recent pieces</source>
        <translation>Keine letzten Werke</translation>
    </message>
</context>
<context>
    <name>zc::FileProgress</name>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Progress of reading or writing the file</source>
        <translation>Fortschritt beim Lesen oder Schreiben der Datei</translation>
    </message>
    <message>
        <source>Stop reading or writing; the file and the open piece stay as they are</source>
        <translation>Lesen oder Schreiben anhalten; Datei und offenes Werk bleiben, wie sie sind</translation>
    </message>
</context>
<context>
    <name>zc::FilesPanel</name>
    <message>
        <source>Patterns on the shelf</source>
        <translation>Muster im Regal</translation>
    </message>
    <message>
        <source>The pattern of the lines</source>
        <translation>Das Muster der Zeilen</translation>
    </message>
    <message>
        <source>The pattern is on the shelf.</source>
        <translation>Das Muster steht im Regal.</translation>
    </message>
    <message>
        <source>Choose folder</source>
        <translation>Ordner wählen</translation>
    </message>
    <message>
        <source>Choose the folder for the files</source>
        <translation>Den Ordner für die Dateien wählen</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>Write every ticked format to the folder</source>
        <translation>Jedes abgehakte Format in den Ordner schreiben</translation>
    </message>
    <message>
        <source>and again at every save</source>
        <translation>und bei jedem Speichern erneut</translation>
    </message>
    <message>
        <source>Export again whenever the piece is saved</source>
        <translation>Bei jedem Speichern des Werks erneut exportieren</translation>
    </message>
    <message>
        <source>Include this format</source>
        <translation>Dieses Format mit ausgeben</translation>
    </message>
    <message>
        <source>Your own lines</source>
        <translation>Eigene Zeilen</translation>
    </message>
    <message>
        <source>Start from one of these patterns</source>
        <translation>Mit einem dieser Muster beginnen</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Ins Regal legen</translation>
    </message>
    <message>
        <source>Save this pattern to the shelf</source>
        <translation>Dieses Muster ins Regal legen</translation>
    </message>
    <message>
        <source>Import with pattern</source>
        <translation>Mit Muster importieren</translation>
    </message>
    <message>
        <source>Import the swatches of a text file written in this pattern</source>
        <translation>Die Farbfelder einer Textdatei importieren, die nach diesem Muster geschrieben ist</translation>
    </message>
    <message>
        <source>Text with fields in braces: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}. The handbook lists all fields.</source>
        <translation>Text mit Feldern in Klammern: {hex} {r:3} {g:3} {b:3} {value} {name} {family} {note} {n}. Das Handbuch nennt alle Felder.</translation>
    </message>
    <message>
        <source>No folder chosen yet.</source>
        <translation>Noch kein Ordner gewählt.</translation>
    </message>
</context>
<context>
    <name>zc::FindPanel</name>
    <message>
        <source>Find everywhere</source>
        <translation>Überall suchen</translation>
    </message>
    <message>
        <source>Color or name to find</source>
        <translation>Gesuchte Farbe oder Name</translation>
    </message>
    <message>
        <source>A name, or a color such as #d8904a</source>
        <translation>Ein Name oder eine Farbe wie #d8904a</translation>
    </message>
    <message>
        <source>Find current color</source>
        <translation>Aktuelle Farbe suchen</translation>
    </message>
    <message>
        <source>Find swatches that look like the current color</source>
        <translation>Farbfelder suchen, die wie die aktuelle Farbe aussehen</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Was gefunden wurde</translation>
    </message>
    <message>
        <source>Go there</source>
        <translation>Dorthin gehen</translation>
    </message>
    <message>
        <source>Show the swatch where it is; another piece is opened (Enter)</source>
        <translation>Das Farbfeld zeigen, wo es ist; ein anderes Werk wird geöffnet (Eingabe)</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Make it the current color</source>
        <translation>Zur aktuellen Farbe machen</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close (Escape)</source>
        <translation>Schließen (Escape)</translation>
    </message>
    <message>
        <source>, differs by %1</source>
        <translation>, Unterschied %1</translation>
    </message>
    <message>
        <source>%1, %2%3</source>
        <translation>%1, %2%3</translation>
    </message>
    <message>
        <source>Searching...</source>
        <translation>Sucht...</translation>
    </message>
    <message>
        <source>In this piece, on the shelf, in recent pieces</source>
        <translation>In diesem Werk, im Regal, in letzten Werken</translation>
    </message>
    <message>
        <source>Nothing found.</source>
        <translation>Nichts gefunden.</translation>
    </message>
    <message numerus="yes">
        <source>%n found</source>
        <translation>
            <numerusform>%n gefunden</numerusform>
            <numerusform>%n gefunden</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::Finder</name>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>in %1, version %2</source>
        <translation>in %1, Version %2</translation>
    </message>
    <message>
        <source>in %1 of &quot;%2&quot;</source>
        <translation>in %1 von „%2“</translation>
    </message>
    <message>
        <source>on the shelf in %1</source>
        <translation>im Regal in %1</translation>
    </message>
</context>
<context>
    <name>zc::FirstStart</name>
    <message>
        <source>How would you like to begin?</source>
        <translation>Womit soll es beginnen?</translation>
    </message>
    <message>
        <source>Choose a photo of your own. Its colors become the first swatches.</source>
        <translation>Ein eigenes Foto wählen. Seine Farben werden die ersten Farbfelder.</translation>
    </message>
    <message>
        <source>Welcome</source>
        <translation>Willkommen</translation>
    </message>
    <message>
        <source>Start with a photo</source>
        <translation>Mit einem Foto beginnen</translation>
    </message>
    <message>
        <source>Start with an empty piece</source>
        <translation>Mit einem leeren Werk beginnen</translation>
    </message>
    <message>
        <source>A hue wheel, a value axis and an empty set.</source>
        <translation>Ein Farbkreis, eine Tonwertachse und ein leerer Satz.</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Die Demo öffnen</translation>
    </message>
    <message>
        <source>Coppersmiths&apos; Row: a finished plan with photos, a mask and a graded set. You get a copy to try things on.</source>
        <translation>Coppersmiths&apos; Row: ein fertiger Plan mit Fotos, einer Maske und einem abgestuften Satz. Du bekommst eine Kopie zum Ausprobieren.</translation>
    </message>
    <message>
        <source>A list of first steps stands above your work. F1 opens the handbook.</source>
        <translation>Eine Liste erster Schritte steht über der Arbeit. F1 öffnet das Handbuch.</translation>
    </message>
</context>
<context>
    <name>zc::GradeDesk</name>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Familien sind Spalten, die Höhe ist der Tonwert</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Ein enges Raster mit freien Plätzen</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
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
        <source>Find swatches</source>
        <translation>Farbfelder suchen</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>No swatch of this set has these letters in its name.</source>
        <translation>Kein Farbfeld dieses Satzes hat diese Buchstaben im Namen.</translation>
    </message>
    <message>
        <source>A table with names, numbers and notes</source>
        <translation>Eine Tabelle mit Namen, Zahlen und Notizen</translation>
    </message>
    <message>
        <source>Show the swatches of the rows %1</source>
        <translation>Die Farbfelder der Reihen %1 zeigen</translation>
    </message>
    <message>
        <source>Find a name or the nearest hex</source>
        <translation>Name oder nächsten Hex-Wert finden</translation>
    </message>
    <message>
        <source>Report</source>
        <translation>Bericht</translation>
    </message>
    <message>
        <source>What could be better in the set, each with a remedy</source>
        <translation>Was am Satz besser sein könnte, jeweils mit Abhilfe</translation>
    </message>
    <message>
        <source>Adjust</source>
        <translation>Anpassen</translation>
    </message>
    <message>
        <source>Adjust many swatches at once</source>
        <translation>Viele Farbfelder auf einmal anpassen</translation>
    </message>
    <message>
        <source>The sets of the piece, and the versions of the current set</source>
        <translation>Die Sätze des Werks und die Versionen des aktuellen Satzes</translation>
    </message>
    <message>
        <source>Sets that all your pieces share</source>
        <translation>Sätze, die alle deine Werke teilen</translation>
    </message>
    <message>
        <source>Show %1. Swatches dropped here move to its first family.</source>
        <translation>%1 zeigen. Hier abgelegte Farbfelder kommen in die erste Familie.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is nearest; it differs by %2 (CIEDE2000).</source>
        <translation>&quot;%1&quot; ist am nächsten; Abstand %2 (CIEDE2000).</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>Press Enter to select the swatches whose name has these letters, or the swatch nearest to a hex color. The list shows only rows that have these letters.</source>
        <translation>Die Eingabetaste wählt die Farbfelder aus, deren Name diese Buchstaben enthält, oder das nächste zu einer Hex-Farbe. Die Liste zeigt nur Zeilen mit diesen Buchstaben.</translation>
    </message>
    <message>
        <source>How the set is shown</source>
        <translation>Wie der Satz gezeigt wird</translation>
    </message>
    <message>
        <source>Show the set on the staff, in rows, as a list, or beside its versions</source>
        <translation>Den Satz auf der Notenzeile, in Reihen, als Liste oder neben seinen Versionen zeigen</translation>
    </message>
    <message>
        <source>on the staff</source>
        <translation>auf der Notenzeile</translation>
    </message>
    <message>
        <source>in rows</source>
        <translation>in Reihen</translation>
    </message>
    <message>
        <source>as a list</source>
        <translation>als Liste</translation>
    </message>
    <message>
        <source>beside its versions</source>
        <translation>neben seinen Versionen</translation>
    </message>
    <message>
        <source>Shown</source>
        <translation>Gezeigt</translation>
    </message>
    <message>
        <source>an import</source>
        <translation>ein Import</translation>
    </message>
    <message>
        <source>as columns</source>
        <translation>als Spalten</translation>
    </message>
    <message>
        <source>Show each family as a column with a fixed number of places</source>
        <translation>Jede Familie als Spalte mit fester Zahl von Plätzen zeigen</translation>
    </message>
    <message>
        <source>Places of a column</source>
        <translation>Plätze einer Spalte</translation>
    </message>
    <message>
        <source>Places of a column: type, scroll or drag</source>
        <translation>Plätze einer Spalte: tippen, drehen oder ziehen</translation>
    </message>
    <message>
        <source> places</source>
        <translation> Plätze</translation>
    </message>
</context>
<context>
    <name>zc::GradeMenu</name>
    <message>
        <source>&amp;Grade</source>
        <translation>Ab&amp;stufen</translation>
    </message>
    <message>
        <source>Families as columns, height is value</source>
        <translation>Familien sind Spalten, die Höhe ist der Tonwert</translation>
    </message>
    <message>
        <source>A compact grid with free places</source>
        <translation>Ein enges Raster mit freien Plätzen</translation>
    </message>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
    </message>
    <message>
        <source>Select the swatches of the light band</source>
        <translation>Die Farbfelder des hellen Bandes auswählen</translation>
    </message>
    <message>
        <source>Select the swatches of the middle band</source>
        <translation>Die Farbfelder des mittleren Bandes auswählen</translation>
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
        <source>Move the selected swatches into a family of their own</source>
        <translation>Die ausgewählten Farbfelder in eine eigene Familie bringen</translation>
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
    <message>
        <source>Show &amp;staff</source>
        <translation>&amp;Notenzeile zeigen</translation>
    </message>
    <message>
        <source>Show &amp;rows</source>
        <translation>&amp;Zeilen zeigen</translation>
    </message>
    <message>
        <source>Show &amp;list</source>
        <translation>&amp;Liste zeigen</translation>
    </message>
    <message>
        <source>A table with names, numbers and notes</source>
        <translation>Eine Tabelle mit Namen, Zahlen und Notizen</translation>
    </message>
    <message>
        <source>Show &amp;versions</source>
        <translation>&amp;Versionen zeigen</translation>
    </message>
    <message>
        <source>Select l&amp;ight swatches</source>
        <translation>&amp;Helle Farbfelder auswählen</translation>
    </message>
    <message>
        <source>Select &amp;middle swatches</source>
        <translation>&amp;Mittlere Farbfelder auswählen</translation>
    </message>
    <message>
        <source>Select &amp;dark swatches</source>
        <translation>&amp;Dunkle Farbfelder auswählen</translation>
    </message>
    <message>
        <source>Add co&amp;lors between</source>
        <translation>Farben daz&amp;wischen hinzufügen</translation>
    </message>
    <message>
        <source>Add three colors between the two selected swatches</source>
        <translation>Drei Farben zwischen den beiden ausgewählten Farbfeldern hinzufügen</translation>
    </message>
    <message>
        <source>Spac&amp;e family evenly</source>
        <translation>Familie gl&amp;eichmäßig verteilen</translation>
    </message>
    <message>
        <source>Space the values of the chosen family evenly between its ends; locked swatches stay</source>
        <translation>Die Tonwerte der gewählten Familie gleichmäßig zwischen ihren Enden verteilen; gesperrte Farbfelder bleiben</translation>
    </message>
    <message>
        <source>Space family evenly</source>
        <translation>Familie gleichmäßig verteilen</translation>
    </message>
    <message>
        <source>Split o&amp;ff as family</source>
        <translation>Als &amp;Familie abteilen</translation>
    </message>
    <message>
        <source>S&amp;ort rows</source>
        <translation>Zeilen s&amp;ortieren</translation>
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
        <source>Pages of the handbook</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>Page of the handbook</source>
        <translation>Seite des Handbuchs</translation>
    </message>
    <message>
        <source>Search for words; Enter opens the first page that has them</source>
        <translation>Nach Wörtern suchen; Eingabe öffnet die erste Seite, die sie enthält</translation>
    </message>
    <message>
        <source>Search</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>All pages, or those that have the words</source>
        <translation>Alle Seiten, oder die mit den Wörtern</translation>
    </message>
    <message>
        <source>The handbook is missing. Install the program again.</source>
        <translation>Das Handbuch fehlt. Das Programm neu installieren.</translation>
    </message>
    <message>
        <source>No page has these words.</source>
        <translation>Keine Seite enthält diese Wörter.</translation>
    </message>
</context>
<context>
    <name>zc::Head</name>
    <message>
        <source>Title of the piece</source>
        <translation>Titel des Werks</translation>
    </message>
    <message>
        <source>The title of the piece; click to edit it</source>
        <translation>Der Titel des Werks; ein Klick zum Ändern</translation>
    </message>
    <message>
        <source>Change title</source>
        <translation>Titel ändern</translation>
    </message>
    <message>
        <source>Show everything in greys of equal lightness (Ctrl+G)</source>
        <translation>Alles in Grautönen gleicher Helligkeit zeigen (Strg+G)</translation>
    </message>
    <message>
        <source>%1. Click to edit the title.</source>
        <translation>%1. Ein Klick zum Ändern des Titels.</translation>
    </message>
    <message>
        <source>Details</source>
        <translation>Angaben</translation>
    </message>
    <message>
        <source>Show title, description, date and signature of the piece</source>
        <translation>Titel, Beschreibung, Datum und Signatur des Werks zeigen</translation>
    </message>
    <message>
        <source>values only</source>
        <translation>nur Tonwerte</translation>
    </message>
    <message>
        <source>All colors are shown as with this color vision. Press for normal color vision.</source>
        <translation>Alle Farben sind gezeigt wie bei diesem Farbsehen. Drücken für normales Farbsehen.</translation>
    </message>
    <message>
        <source>reference</source>
        <translation>Vorlage</translation>
    </message>
    <message>
        <source>Keep a small reference in sight at this desk (K)</source>
        <translation>An diesem Tisch eine kleine Vorlage im Blick behalten (K)</translation>
    </message>
    <message>
        <source>Beside the canvas</source>
        <translation>Neben der Leinwand</translation>
    </message>
    <message>
        <source>Open the companion: a small window beside your canvas, above other programs (B)</source>
        <translation>Den Begleiter öffnen: ein kleines Fenster neben der Leinwand, über anderen Programmen (B)</translation>
    </message>
</context>
<context>
    <name>zc::HelpMenu</name>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>The first page of the handbook</source>
        <translation>Die erste Seite des Handbuchs</translation>
    </message>
    <message>
        <source>All commands with their keys</source>
        <translation>Alle Befehle mit ihren Tasten</translation>
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
    <message>
        <source>Open &amp;handbook</source>
        <translation>&amp;Handbuch öffnen</translation>
    </message>
    <message>
        <source>Open the handbook at the page of this desk</source>
        <translation>Das Handbuch auf der Seite dieses Tisches öffnen</translation>
    </message>
    <message>
        <source>Show &amp;order of work</source>
        <translation>Die &amp;Reihenfolge der Arbeit zeigen</translation>
    </message>
    <message>
        <source>Show all &amp;shortcuts</source>
        <translation>Alle &amp;Tastenkürzel zeigen</translation>
    </message>
    <message>
        <source>Show &amp;first steps</source>
        <translation>&amp;Erste Schritte zeigen</translation>
    </message>
    <message>
        <source>Show the list of first steps, from the beginning</source>
        <translation>Die Liste der ersten Schritte von vorn zeigen</translation>
    </message>
    <message>
        <source>Copy &amp;details for a report</source>
        <translation>An&amp;gaben für einen Bericht kopieren</translation>
    </message>
    <message>
        <source>Copy versions, screens and what the program did lately. Your pieces are not part of it.</source>
        <translation>Versionen, Bildschirme und was das Programm zuletzt tat kopieren. Deine Werke sind nicht dabei.</translation>
    </message>
    <message>
        <source>The details were copied. Your pieces are not part of them.</source>
        <translation>Die Angaben sind kopiert. Deine Werke sind nicht dabei.</translation>
    </message>
</context>
<context>
    <name>zc::ImportView</name>
    <message>
        <source>Colors found in the file</source>
        <translation>Farben, die in der Datei sind</translation>
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
    <message>
        <source>skip colors already in the set</source>
        <translation>Farben überspringen, die der Satz schon hat</translation>
    </message>
    <message>
        <source>skip similar colors</source>
        <translation>ähnliche Farben überspringen</translation>
    </message>
    <message>
        <source>Where to add the colors</source>
        <translation>Wo die Farben hinzukommen</translation>
    </message>
    <message>
        <source>Import the colors in one step that can be undone</source>
        <translation>Die Farben in einem Schritt importieren, der sich rückgängig machen lässt</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Import nothing</source>
        <translation>Nichts importieren</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>%1 importieren</translation>
    </message>
    <message>
        <source>There is no set to import into.</source>
        <translation>Es gibt keinen Satz, in den importiert werden kann.</translation>
    </message>
    <message>
        <source>None of these colors is in the set already.</source>
        <translation>Keine dieser Farben ist schon im Satz.</translation>
    </message>
    <message>
        <source>None of these colors is near one of the set.</source>
        <translation>Keine dieser Farben ist einer im Satz nahe.</translation>
    </message>
    <message>
        <source>Import colors</source>
        <translation>Farben importieren</translation>
    </message>
    <message>
        <source>%1 new, %2 already in the set, %3 similar to one in the set. Click a color to tick or untick it.</source>
        <translation>%1 neu, %2 schon im Satz, %3 ähnlich einer im Satz. Ein Klick auf eine Farbe setzt oder entfernt ihr Häkchen.</translation>
    </message>
    <message numerus="yes">
        <source>Import %n colors</source>
        <translation>
            <numerusform>%n Farbe importieren</numerusform>
            <numerusform>%n Farben importieren</numerusform>
        </translation>
    </message>
    <message>
        <source>Tick a color first.</source>
        <translation>Zuerst eine Farbe ankreuzen.</translation>
    </message>
    <message>
        <source>names are codes of a color book</source>
        <translation>Namen sind Codes eines Farbenbuchs</translation>
    </message>
    <message>
        <source>Keep each name with its CIELAB color as a code, and export it as such</source>
        <translation>Jeden Namen mit seiner CIELAB-Farbe als Code behalten und so exportieren</translation>
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
        <source>color</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>squint</source>
        <translation>blinzeln</translation>
    </message>
    <message>
        <source>How the reference is shown</source>
        <translation>Wie die Vorlage gezeigt wird</translation>
    </message>
    <message>
        <source>How the reference is shown at this desk; the keys of the photo do the same</source>
        <translation>Wie die Vorlage an diesem Tisch gezeigt wird; die Tasten des Fotos tun dasselbe</translation>
    </message>
    <message>
        <source>flat tones</source>
        <translation>flache Töne</translation>
    </message>
    <message>
        <source>tone steps</source>
        <translation>Tonstufen</translation>
    </message>
    <message>
        <source>through mask</source>
        <translation>durch die Maske</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close the reference at this desk (K)</source>
        <translation>Die Vorlage an diesem Tisch schließen (K)</translation>
    </message>
    <message>
        <source>Add a photo at Observe first.</source>
        <translation>Zuerst beim Ansehen ein Foto hinzufügen.</translation>
    </message>
</context>
<context>
    <name>zc::KeyLarge</name>
    <message>
        <source>One key large, beside another</source>
        <translation>Ein Farbklang groß neben einem anderen</translation>
    </message>
    <message>
        <source>Drag the edge between the two keys. Arrows in the row below walk through the keys.</source>
        <translation>Die Kante zwischen den beiden Farbklängen ziehen. Pfeiltasten gehen in der Reihe darunter die Farbklänge durch.</translation>
    </message>
    <message>
        <source>%1 beside %2</source>
        <translation>%1 neben %2</translation>
    </message>
</context>
<context>
    <name>zc::KeyModel</name>
    <message>
        <source>Take key %1</source>
        <translation>Farbklang %1 übernehmen</translation>
    </message>
    <message>
        <source>Save key as version</source>
        <translation>Farbklang als Version speichern</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>The picture in its own colors.</source>
        <translation>Das Bild in seinen eigenen Farben.</translation>
    </message>
    <message>
        <source>Differs by %1 (CIEDE2000) on average and has %2 % of the picture&apos;s chroma.</source>
        <translation>Weicht im Mittel um %1 (CIEDE2000) ab und hat %2 % der Buntheit des Bildes.</translation>
    </message>
    <message>
        <source>%1 % of the picture lost saturation that this key does not have.</source>
        <translation>%1 % des Bildes verloren Sättigung, die es in diesem Farbklang nicht gibt.</translation>
    </message>
</context>
<context>
    <name>zc::KeySheetView</name>
    <message>
        <source>The reference in other keys</source>
        <translation>Die Vorlage in anderen Farbklängen</translation>
    </message>
    <message>
        <source>Press a key to take its mask and set, drag one onto another to compare them, Space shows it large. The right button, or press and hold, offers more.</source>
        <translation>Klick übernimmt Maske und Satz eines Farbklangs, einen auf einen anderen ziehen vergleicht beide, die Leertaste zeigt ihn groß. Die rechte Taste oder langes Drücken bietet mehr.</translation>
    </message>
    <message>
        <source>Add a photo at Observe to see it in other keys.</source>
        <translation>Beim Ansehen ein Foto hinzufügen, um es in anderen Farbklängen zu sehen.</translation>
    </message>
    <message>
        <source>Take key</source>
        <translation>Farbklang übernehmen</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Als Version speichern</translation>
    </message>
    <message>
        <source>Show large</source>
        <translation>Groß zeigen</translation>
    </message>
</context>
<context>
    <name>zc::KeysPage</name>
    <message>
        <source>Degrees between two turns</source>
        <translation>Grad zwischen zwei Drehungen</translation>
    </message>
    <message>
        <source>Degrees from one turn of the mask to the next, 5 to 180</source>
        <translation>Grad von einer Drehung der Maske zur nächsten, 5 bis 180</translation>
    </message>
    <message>
        <source>Turn by</source>
        <translation>Drehen um</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>Show turns, masks and versions</source>
        <translation>Drehungen, Masken und Versionen zeigen</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>Drehungen</translation>
    </message>
    <message>
        <source>Show only the mask turned, step by step</source>
        <translation>Nur die gedrehte Maske zeigen, Schritt für Schritt</translation>
    </message>
    <message>
        <source>masks</source>
        <translation>Masken</translation>
    </message>
    <message>
        <source>Show only patterns at the current hue and masks of the shelf</source>
        <translation>Nur Muster beim aktuellen Farbton und Masken aus dem Regal zeigen</translation>
    </message>
    <message>
        <source>versions</source>
        <translation>Versionen</translation>
    </message>
    <message>
        <source>Show only the versions of the set</source>
        <translation>Nur die Versionen des Satzes zeigen</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Ordnung</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>By the hue of the key, clockwise from the current one</source>
        <translation>Nach dem Farbton des Farbklangs, im Uhrzeigersinn vom jetzigen an</translation>
    </message>
    <message>
        <source>nearest</source>
        <translation>ähnlichste</translation>
    </message>
    <message>
        <source>First what differs least from the picture</source>
        <translation>Zuerst, was vom Bild am wenigsten abweicht</translation>
    </message>
    <message>
        <source>most chroma</source>
        <translation>bunteste</translation>
    </message>
    <message>
        <source>First what keeps most of the picture&apos;s chroma</source>
        <translation>Zuerst, was am meisten von der Buntheit des Bildes behält</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>How strongly masks act</source>
        <translation>Wie stark Masken wirken</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>How far colors move into a mask: 0 % leaves the picture as it is, 100 % brings all of it inside</source>
        <translation>Wie weit Farben in eine Maske rücken: 0 % lässt das Bild, wie es ist, 100 % bringt alles hinein</translation>
    </message>
    <message>
        <source>fill masks</source>
        <translation>Masken füllen</translation>
    </message>
    <message>
        <source>The most saturated color of the picture, not the rim of the wheel, goes to the border of a mask</source>
        <translation>Die gesättigtste Farbe des Bildes, nicht der Rand des Farbkreises, kommt an die Grenze der Maske</translation>
    </message>
    <message>
        <source>one large</source>
        <translation>einen groß</translation>
    </message>
    <message>
        <source>Show one key large beside the picture as it is (Space)</source>
        <translation>Einen Farbklang groß neben dem Bild zeigen, wie es ist (Leertaste)</translation>
    </message>
    <message>
        <source>Save sheet</source>
        <translation>Bogen speichern</translation>
    </message>
    <message>
        <source>Save the sheet of keys as a picture</source>
        <translation>Den Bogen der Farbklänge als Bild speichern</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Als Version speichern</translation>
    </message>
    <message>
        <source>Save the set in this key as a version, with its mask and wheel; the piece stays as it is</source>
        <translation>Den Satz in diesem Farbklang als Version speichern, mit Maske und Farbkreis; das Werk bleibt, wie es ist</translation>
    </message>
    <message>
        <source>Take key</source>
        <translation>Farbklang übernehmen</translation>
    </message>
    <message>
        <source>Give the piece the mask of this key, and turn or press the set along, in one step</source>
        <translation>Dem Werk die Maske dieses Farbklangs geben und den Satz mitdrehen oder in sie einpassen, in einem Schritt</translation>
    </message>
    <message>
        <source>%1 in other keys. Values stay.</source>
        <translation>%1 in anderen Farbklängen. Tonwerte bleiben.</translation>
    </message>
    <message>
        <source>This is the piece as it is. Point to another key.</source>
        <translation>Dies ist das Werk, wie es ist. Auf einen anderen Farbklang zeigen.</translation>
    </message>
    <message>
        <source>This key is a version of the set already.</source>
        <translation>Dieser Farbklang ist schon eine Version des Satzes.</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Farbklänge</translation>
    </message>
    <message>
        <source>Go back to the wheel with the mask</source>
        <translation>Zurück zum Farbkreis mit der Maske</translation>
    </message>
</context>
<context>
    <name>zc::Laying</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Show set</source>
        <translation>Satz zeigen</translation>
    </message>
    <message>
        <source>Add swatch</source>
        <translation>Farbfeld hinzufügen</translation>
    </message>
    <message>
        <source>Add %1 as a family</source>
        <translation>%1 als Familie hinzufügen</translation>
    </message>
    <message numerus="yes">
        <source>Add %1 as %n families</source>
        <translation>
            <numerusform>%1 als %n Familie hinzufügen</numerusform>
            <numerusform>%1 als %n Familien hinzufügen</numerusform>
        </translation>
    </message>
    <message>
        <source>corner colors</source>
        <translation>Eckfarben</translation>
    </message>
    <message numerus="yes">
        <source>Add %n colors</source>
        <translation>
            <numerusform>%n Farbe hinzufügen</numerusform>
            <numerusform>%n Farben hinzufügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add ladder of %n hues</source>
        <translation>
            <numerusform>Leiter aus %n Farbton hinzufügen</numerusform>
            <numerusform>Leiter aus %n Farbtönen hinzufügen</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>Add %n swatches</source>
        <translation>
            <numerusform>%n Farbfeld hinzufügen</numerusform>
            <numerusform>%n Farbfelder hinzufügen</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zc::LightPanel</name>
    <message>
        <source>Strength of the light, percent</source>
        <translation>Stärke des Lichts, Prozent</translation>
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
        <source>under a light</source>
        <translation>unter einem Licht</translation>
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
        <source>Amount of haze, percent</source>
        <translation>Stärke des Dunstes, Prozent</translation>
    </message>
    <message>
        <source>Use current color</source>
        <translation>Aktuelle Farbe nehmen</translation>
    </message>
    <message>
        <source>Set this to the current color</source>
        <translation>Auf die aktuelle Farbe setzen</translation>
    </message>
    <message>
        <source>Haze</source>
        <translation>Dunst</translation>
    </message>
    <message>
        <source>How bright the light is. At 0 stops a white wall is as bright as the display can show; one stop more is twice the light.</source>
        <translation>Wie hell das Licht ist. Bei 0 Blenden ist eine weiße Wand so hell, wie der Bildschirm zeigen kann; eine Blende mehr ist doppelt so viel Licht.</translation>
    </message>
    <message>
        <source>Save as version</source>
        <translation>Als Version speichern</translation>
    </message>
    <message>
        <source>Save the set under this light and haze as a version</source>
        <translation>Den Satz unter diesem Licht und Dunst als Version speichern</translation>
    </message>
    <message>
        <source>Turn off</source>
        <translation>Ausschalten</translation>
    </message>
    <message>
        <source>Raise the light or the haze first.</source>
        <translation>Zuerst Licht oder Dunst erhöhen.</translation>
    </message>
    <message>
        <source>Save light as version</source>
        <translation>Licht als Version speichern</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Amount</source>
        <translation>Menge</translation>
    </message>
</context>
<context>
    <name>zc::LimitDesk</name>
    <message>
        <source>ellipse</source>
        <translation>Ellipse</translation>
    </message>
    <message>
        <source>Drag from one corner to the opposite one</source>
        <translation>Von einer Ecke zur anderen ziehen</translation>
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
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>, holds %1 % of %2</source>
        <translation>, hält %1 % von %2</translation>
    </message>
    <message>
        <source>%1, turned %2°, fills %3 % of the wheel%5. Subjective neutral: %4.</source>
        <translation>%1, um %2° gedreht, füllt %3 % des Farbkreises%5. Subjektives Neutral: %4.</translation>
    </message>
    <message>
        <source>Draw area</source>
        <translation>Fläche zeichnen</translation>
    </message>
    <message>
        <source>Click corners and end at the first one, or draw freehand with mouse or pen. Enter ends the outline, Backspace removes the last corner, Escape cancels.</source>
        <translation>Ecken klicken und bei der ersten enden, oder mit Maus oder Stift frei zeichnen. Eingabe beendet den Umriss, Rückschritt entfernt die letzte Ecke, Escape bricht ab.</translation>
    </message>
    <message>
        <source>Drag from the center outward</source>
        <translation>Von der Mitte nach außen ziehen</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>The next area you draw is added to the mask</source>
        <translation>Die nächste gezeichnete Fläche kommt zur Maske hinzu</translation>
    </message>
    <message>
        <source>Subtract</source>
        <translation>Abziehen</translation>
    </message>
    <message>
        <source>The next area you draw is subtracted from the mask</source>
        <translation>Die nächste gezeichnete Fläche wird von der Maske abgezogen</translation>
    </message>
    <message>
        <source>Make the subjective neutral, the middle of the mask, the current color; the value stays</source>
        <translation>Das subjektive Neutral, die Mitte der Maske, zur aktuellen Farbe machen; der Tonwert bleibt</translation>
    </message>
    <message>
        <source>Add the colors at the corners of the mask, at the current value, as a family</source>
        <translation>Die Farben an den Ecken der Maske, beim aktuellen Tonwert, als Familie hinzufügen</translation>
    </message>
    <message>
        <source>See the reference through the mask, or fit a mask to the reference</source>
        <translation>Die Vorlage durch die Maske sehen, oder eine Maske an sie anpassen</translation>
    </message>
    <message>
        <source>Masks that all your pieces share</source>
        <translation>Masken, die alle deine Werke teilen</translation>
    </message>
    <message>
        <source>No mask yet: every color can be picked. Choose a pattern, or draw an area, to limit hue and saturation.</source>
        <translation>Noch keine Maske: jede Farbe ist wählbar. Ein Muster wählen oder eine Fläche zeichnen, um Farbton und Sättigung zu begrenzen.</translation>
    </message>
    <message>
        <source>The mask is switched off.</source>
        <translation>Die Maske ist ausgeschaltet.</translation>
    </message>
    <message>
        <source>The mask encloses no color. Move its corners apart.</source>
        <translation>Die Maske umschließt keine Farbe. Ihre Ecken auseinanderziehen.</translation>
    </message>
    <message>
        <source>An outline crosses itself; the mask is open where it overlaps.</source>
        <translation>Ein Umriss kreuzt sich selbst; wo er sich überlappt, ist die Maske offen.</translation>
    </message>
    <message>
        <source>Use neutral</source>
        <translation>Neutral verwenden</translation>
    </message>
    <message>
        <source>Add corners</source>
        <translation>Ecken hinzufügen</translation>
    </message>
    <message>
        <source>sector</source>
        <translation>Sektor</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Noch gibt es keine Maske. Beim Begrenzen ein Muster wählen oder eine Fläche zeichnen.</translation>
    </message>
    <message>
        <source>free shape</source>
        <translation>freie Form</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Farbklänge</translation>
    </message>
    <message>
        <source>See the reference in other color keys, and take one</source>
        <translation>Die Vorlage in anderen Farbklängen sehen und einen übernehmen</translation>
    </message>
</context>
<context>
    <name>zc::LimitMenu</name>
    <message>
        <source>&amp;Limit</source>
        <translation>Be&amp;grenzen</translation>
    </message>
    <message>
        <source>Draw a new area of the mask on the wheel</source>
        <translation>Eine neue Maskenfläche auf dem Farbkreis zeichnen</translation>
    </message>
    <message>
        <source>Turn the mask, and with &quot;turn the set along&quot; the set as well</source>
        <translation>Die Maske drehen, mit &quot;Satz mitdrehen&quot; auch den Satz</translation>
    </message>
    <message>
        <source>&amp;Turn mask clockwise</source>
        <translation>Maske im &amp;Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Turn mask counter&amp;clockwise</source>
        <translation>Maske &amp;gegen den Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Turn mask to com&amp;plements</source>
        <translation>Maske zu den &amp;Komplementen drehen</translation>
    </message>
    <message>
        <source>Turn mask to next &amp;hue</source>
        <translation>Maske zum nächsten &amp;Farbton drehen</translation>
    </message>
    <message>
        <source>Turn mas&amp;k to previous hue</source>
        <translation>Maske zum &amp;vorigen Farbton drehen</translation>
    </message>
    <message>
        <source>Turn mask &amp;by...</source>
        <translation>Maske drehen u&amp;m...</translation>
    </message>
    <message>
        <source>Type by how many degrees the mask turns: 15 and Enter, or -15</source>
        <translation>Eingeben, um wie viele Grad sich die Maske dreht: 15 und Eingabe, oder -15</translation>
    </message>
    <message>
        <source>Draw &amp;outline</source>
        <translation>&amp;Umriss zeichnen</translation>
    </message>
    <message>
        <source>Draw &amp;ellipse</source>
        <translation>&amp;Ellipse zeichnen</translation>
    </message>
    <message>
        <source>Draw &amp;ring sector</source>
        <translation>&amp;Ringsektor zeichnen</translation>
    </message>
    <message>
        <source>Use the &amp;neutral</source>
        <translation>&amp;Neutral verwenden</translation>
    </message>
    <message>
        <source>Make the middle of the mask the current color</source>
        <translation>Die Mitte der Maske zur aktuellen Farbe machen</translation>
    </message>
    <message>
        <source>Add corner co&amp;lors</source>
        <translation>Eckfarben &amp;hinzufügen</translation>
    </message>
    <message>
        <source>Add the colors at the corners of the mask as a family</source>
        <translation>Die Farben an den Ecken der Maske als Familie hinzufügen</translation>
    </message>
    <message>
        <source>Move area &amp;up</source>
        <translation>Fläche nach &amp;oben</translation>
    </message>
    <message>
        <source>Move the selected area before the one above it</source>
        <translation>Die ausgewählte Fläche vor die darüber setzen</translation>
    </message>
    <message>
        <source>Move area &amp;down</source>
        <translation>Fläche nach u&amp;nten</translation>
    </message>
    <message>
        <source>Move the selected area after the one below it</source>
        <translation>Die ausgewählte Fläche hinter die darunter setzen</translation>
    </message>
    <message>
        <source>Remo&amp;ve area</source>
        <translation>Fläche entfe&amp;rnen</translation>
    </message>
    <message>
        <source>Remove the selected area of the mask</source>
        <translation>Die ausgewählte Fläche der Maske entfernen</translation>
    </message>
    <message>
        <source>Remove &amp;mask</source>
        <translation>&amp;Maske entfernen</translation>
    </message>
    <message>
        <source>Remove the mask from the piece</source>
        <translation>Die Maske aus dem Werk entfernen</translation>
    </message>
    <message>
        <source>Show m&amp;ask</source>
        <translation>M&amp;aske zeigen</translation>
    </message>
    <message>
        <source>Show the wheel with the gamut mask</source>
        <translation>Den Farbkreis mit der Farbmaske zeigen</translation>
    </message>
    <message>
        <source>Show ke&amp;ys</source>
        <translation>Farb&amp;klänge zeigen</translation>
    </message>
    <message>
        <source>Show the reference in other color keys</source>
        <translation>Die Vorlage in anderen Farbklängen zeigen</translation>
    </message>
    <message>
        <source>&amp;Save sheet of keys...</source>
        <translation>Bo&amp;gen der Farbklänge speichern...</translation>
    </message>
    <message>
        <source>Save the sheet of keys as PNG or JPEG</source>
        <translation>Den Bogen der Farbklänge als PNG oder JPEG speichern</translation>
    </message>
    <message>
        <source>There is no picture to show in keys yet.</source>
        <translation>Es gibt noch kein Bild, das in Farbklängen gezeigt werden könnte.</translation>
    </message>
    <message>
        <source>keys.png</source>
        <translation>farbklaenge.png</translation>
    </message>
    <message>
        <source>Pictures (*.png *.jpg *.jpeg)</source>
        <translation>Bilder (*.png *.jpg *.jpeg)</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>In &quot;%1&quot; gespeichert.</translation>
    </message>
    <message>
        <source>Turn all sets and &amp;versions along</source>
        <translation>Alle Sätze und &amp;Versionen mitdrehen</translation>
    </message>
    <message>
        <source>When the mask is turned, turn all sets and all versions, with their masks, as well</source>
        <translation>Beim Drehen der Maske auch alle Sätze und alle Versionen mit ihren Masken drehen</translation>
    </message>
    <message>
        <source>Loc&amp;k mask</source>
        <translation>Maske s&amp;perren</translation>
    </message>
    <message>
        <source>Leave the mask as it is when hands slip on the wheel; numbers and commands still change it</source>
        <translation>Die Maske lassen, wie sie ist, wenn die Hand auf dem Kreis abrutscht; Zahlen und Befehle ändern sie weiterhin</translation>
    </message>
</context>
<context>
    <name>zc::ListView</name>
    <message>
        <source>The set as a list</source>
        <translation>Der Satz als Liste</translation>
    </message>
    <message>
        <source>Click a row to select it, double-click or press F2 to edit, click a heading to sort</source>
        <translation>Klick wählt eine Zeile aus, Doppelklick oder F2 bearbeitet, Klick auf eine Überschrift sortiert</translation>
    </message>
</context>
<context>
    <name>zc::LookBar</name>
    <message>
        <source>Number of flat tones</source>
        <translation>Anzahl flacher Töne</translation>
    </message>
    <message>
        <source>Number of tone steps</source>
        <translation>Anzahl der Tonstufen</translation>
    </message>
    <message>
        <source>The photo in color (C)</source>
        <translation>Das Foto in Farbe (C)</translation>
    </message>
    <message>
        <source>Greys of equal lightness (V)</source>
        <translation>Grautöne gleicher Helligkeit (V)</translation>
    </message>
    <message>
        <source>A few flat tones; drag their limits on the value axis (F)</source>
        <translation>Wenige flache Töne; ihre Grenzen auf der Tonwertachse ziehen (F)</translation>
    </message>
    <message>
        <source>Blurred, as with eyes half shut (S)</source>
        <translation>Unscharf, wie mit halb geschlossenen Augen (S)</translation>
    </message>
    <message>
        <source>Even tone steps from black to white (T)</source>
        <translation>Gleiche Tonstufen von Schwarz bis Weiß (T)</translation>
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
        <source> steps</source>
        <translation> Stufen</translation>
    </message>
    <message>
        <source>How many tone steps, 2 to 21</source>
        <translation>Wie viele Tonstufen, 2 bis 21</translation>
    </message>
    <message>
        <source>Find limits</source>
        <translation>Grenzen finden</translation>
    </message>
    <message>
        <source>The photo through the mask; drag the edge between before and after (M)</source>
        <translation>Das Foto durch die Maske; die Kante zwischen vorher und nachher ziehen (M)</translation>
    </message>
    <message>
        <source>Find the best limits between the tones</source>
        <translation>Die besten Grenzen zwischen den Tönen finden</translation>
    </message>
    <message>
        <source>How much the photo is blurred</source>
        <translation>Wie stark das Foto unscharf ist</translation>
    </message>
    <message>
        <source>Look at the photo</source>
        <translation>Das Foto ansehen</translation>
    </message>
    <message>
        <source>Look at the photo in color, in values or simplified. Each way has a key of its own.</source>
        <translation>Das Foto in Farbe, in Tonwerten oder vereinfacht ansehen. Jede Art hat ihre eigene Taste.</translation>
    </message>
    <message>
        <source>in color</source>
        <translation>in Farbe</translation>
    </message>
    <message>
        <source>in values</source>
        <translation>in Tonwerten</translation>
    </message>
    <message>
        <source>in flat tones</source>
        <translation>in flachen Tönen</translation>
    </message>
    <message>
        <source>squinted</source>
        <translation>blinzelnd</translation>
    </message>
    <message>
        <source>in tone steps</source>
        <translation>in Tonstufen</translation>
    </message>
    <message>
        <source>through the mask</source>
        <translation>durch die Maske</translation>
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
    <message>
        <source>Press Tab until a wheel, a photo or a set is framed, then press F7 again.</source>
        <translation>Drücke Tab, bis ein Farbkreis, ein Foto oder ein Satz umrahmt ist, und dann wieder F7.</translation>
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
        <source>Add mask area</source>
        <translation>Maskenfläche hinzufügen</translation>
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
        <source>Scale mask area</source>
        <translation>Maskenfläche skalieren</translation>
    </message>
    <message>
        <source>Bend mask edge</source>
        <translation>Maskenkante biegen</translation>
    </message>
    <message>
        <source>The outline crosses itself; the mask is open where it overlaps.</source>
        <translation>Der Umriss kreuzt sich selbst; wo er sich überlappt, ist die Maske offen.</translation>
    </message>
    <message>
        <source>Subtract mask area</source>
        <translation>Maskenfläche abziehen</translation>
    </message>
    <message>
        <source>Remove corner</source>
        <translation>Ecke entfernen</translation>
    </message>
    <message>
        <source>Remove area</source>
        <translation>Fläche entfernen</translation>
    </message>
</context>
<context>
    <name>zc::MaskRuleChoice</name>
    <message>
        <source>Mask</source>
        <translation>Maske</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
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
    <message>
        <source>Picks stay inside the mask; their value does not change</source>
        <translation>Gewählte Farben bleiben in der Maske; ihr Tonwert ändert sich nicht</translation>
    </message>
    <message>
        <source>warn</source>
        <translation>warnen</translation>
    </message>
    <message>
        <source>Picks may lie outside the mask; those that do are marked</source>
        <translation>Gewählte Farben dürfen außerhalb der Maske liegen und werden dann markiert</translation>
    </message>
    <message>
        <source>The mask is shown, and picks are free</source>
        <translation>Die Maske wird gezeigt, die Wahl ist frei</translation>
    </message>
    <message>
        <source>The mask is neither shown nor used, but stays in the piece</source>
        <translation>Die Maske wird weder gezeigt noch benutzt, bleibt aber im Werk</translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>show</source>
        <translation>zeigen</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Noch gibt es keine Maske. Beim Begrenzen ein Muster wählen oder eine Fläche zeichnen.</translation>
    </message>
    <message>
        <source>Choose whether the mask holds picks, warns, is only shown, or is off</source>
        <translation>Wählen, ob die Maske hält, warnt, nur gezeigt wird oder aus ist</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
</context>
<context>
    <name>zc::MaskedPreview</name>
    <message>
        <source>The reference through the mask</source>
        <translation>Die Vorlage durch die Maske</translation>
    </message>
    <message>
        <source>The edge between before and after</source>
        <translation>Die Kante zwischen Vorher und Nachher</translation>
    </message>
    <message>
        <source>Drag the edge: left of it is the photo as it is, right of it the photo in the mask</source>
        <translation>Die Kante ziehen: links davon das Foto, wie es ist, rechts in der Maske</translation>
    </message>
    <message>
        <source>Add a photo at Observe to see it through the mask.</source>
        <translation>Beim Ansehen ein Foto hinzufügen, um es durch die Maske zu sehen.</translation>
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
        <source>Remove mask</source>
        <translation>Maske entfernen</translation>
    </message>
</context>
<context>
    <name>zc::MissingPanel</name>
    <message>
        <source> colors</source>
        <translation> Farben</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>from the picture</source>
        <translation>aus dem Bild</translation>
    </message>
    <message>
        <source>Compare with</source>
        <translation>Vergleichen mit</translation>
    </message>
    <message>
        <source>The picture that the set is compared with</source>
        <translation>Das Bild, mit dem der Satz verglichen wird</translation>
    </message>
    <message>
        <source>List at most this many colors, 1 to 12</source>
        <translation>Höchstens so viele Farben auflisten, 1 bis 12</translation>
    </message>
    <message>
        <source>List only colors that differ at least this much (CIEDE2000) from every swatch and from each other</source>
        <translation>Nur Farben auflisten, die mindestens diesen Abstand (CIEDE2000) von jedem Farbfeld und voneinander haben</translation>
    </message>
    <message>
        <source>picture shown</source>
        <translation>gezeigtes Bild</translation>
    </message>
    <message>
        <source>comparing...</source>
        <translation>wird verglichen...</translation>
    </message>
    <message>
        <source>%1 needed: %2 present, %3 missing</source>
        <translation>%1 nötig: %2 vorhanden, %3 fehlen</translation>
    </message>
    <message>
        <source>%1 %, differs by %2 from %3</source>
        <translation>%1 %, Abstand %2 zu %3</translation>
    </message>
    <message>
        <source>Add this color to the chosen family</source>
        <translation>Diese Farbe zur gewählten Familie hinzufügen</translation>
    </message>
    <message>
        <source>This color is from another picture</source>
        <translation>Diese Farbe stammt aus einem anderen Bild</translation>
    </message>
    <message>
        <source>Show where the picture has this color</source>
        <translation>Zeigen, wo das Bild diese Farbe hat</translation>
    </message>
    <message>
        <source>No color is missing: each color of the picture is near a swatch.</source>
        <translation>Keine Farbe fehlt: jede Farbe des Bildes liegt nahe an einem Farbfeld.</translation>
    </message>
    <message>
        <source>Looking for missing colors.</source>
        <translation>Fehlende Farben werden gesucht.</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Alle hinzufügen</translation>
    </message>
    <message>
        <source>Add all of these colors as a family</source>
        <translation>Alle diese Farben als Familie hinzufügen</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>Differing by</source>
        <translation>Abstand ab</translation>
    </message>
    <message>
        <source>Add color</source>
        <translation>Farbe hinzufügen</translation>
    </message>
</context>
<context>
    <name>zc::MixPanel</name>
    <message>
        <source>paint</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Parts of the mixture</source>
        <translation>Teile der Mischung</translation>
    </message>
    <message>
        <source>Strength of corner %1</source>
        <translation>Stärke der Ecke %1</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
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
        <source>Type %1 numbers, such as 2 : 1.</source>
        <translation>%1 Zahlen eingeben, etwa 2 : 1.</translation>
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
        <source>Mix as paint does: pigments absorb light (Kubelka and Munk)</source>
        <translation>Mischen wie Malfarbe: Pigmente schlucken Licht (Kubelka und Munk)</translation>
    </message>
    <message>
        <source>Mix as light does: as on a spinning disc, or dots seen from far away</source>
        <translation>Mischen wie Licht: wie auf einem Farbkreisel oder Punkte von fern</translation>
    </message>
    <message>
        <source>Parts of each color in the mixture; type others such as 2 : 1 : 1</source>
        <translation>Anteile jeder Farbe in der Mischung; andere eingeben wie 2 : 1 : 1</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Anteile</translation>
    </message>
    <message>
        <source>Tinting strength of color %1: how strongly one part of it colors the mixture</source>
        <translation>Färbekraft der Farbe %1: wie stark ein Anteil die Mischung färbt</translation>
    </message>
    <message>
        <source>Color %1 is part of the mixture</source>
        <translation>Farbe %1 gehört zur Mischung</translation>
    </message>
    <message>
        <source>Add color</source>
        <translation>Farbe hinzufügen</translation>
    </message>
    <message>
        <source>Add a color to the field: the current color, or a common paint</source>
        <translation>Eine Farbe zum Feld hinzufügen: die aktuelle, oder eine gängige Malfarbe</translation>
    </message>
    <message>
        <source>Current color</source>
        <translation>Aktuelle Farbe</translation>
    </message>
    <message>
        <source>Clear field</source>
        <translation>Feld leeren</translation>
    </message>
    <message>
        <source>Steps of line and grid</source>
        <translation>Stufen von Linie und Raster</translation>
    </message>
    <message>
        <source>Steps of the ramp, and along a side of the grid, 2 to 12</source>
        <translation>Stufen der Farbreihe und entlang einer Seite des Rasters, 2 bis 12</translation>
    </message>
    <message>
        <source>Add line</source>
        <translation>Linie hinzufügen</translation>
    </message>
    <message>
        <source>Add the steps of the line as a family</source>
        <translation>Die Stufen der Linie als Familie hinzufügen</translation>
    </message>
    <message>
        <source>Add picks</source>
        <translation>Gewählte hinzufügen</translation>
    </message>
    <message>
        <source>Add the colors picked in the field as a family</source>
        <translation>Die im Feld gewählten Farben als Familie hinzufügen</translation>
    </message>
    <message>
        <source>Add grid</source>
        <translation>Raster hinzufügen</translation>
    </message>
    <message>
        <source>Add the whole field in steps, each row as a family</source>
        <translation>Das ganze Feld in Stufen hinzufügen, jede Zeile als Familie</translation>
    </message>
    <message>
        <source>The field already has four colors. Drop the new color on one of them.</source>
        <translation>Das Feld hat schon vier Farben. Die neue auf eine davon ziehen.</translation>
    </message>
    <message>
        <source>through a mixture</source>
        <translation>durch eine Mischung</translation>
    </message>
    <message>
        <source>Add two to four colors to mix them.</source>
        <translation>Zwei bis vier Farben hinzufügen, um sie zu mischen.</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, so the nearest paint is used</source>
        <translation>; keine Malfarbe hat die Farbe von %1, die nächste steht dafür</translation>
    </message>
    <message>
        <source>Point to read a mixture, drag to pick it</source>
        <translation>Zeigen liest eine Mischung, Ziehen wählt sie</translation>
    </message>
    <message>
        <source>Add two to four colors to the field first.</source>
        <translation>Zuerst zwei bis vier Farben ins Feld setzen.</translation>
    </message>
    <message>
        <source>Click mixtures in the field first.</source>
        <translation>Zuerst Mischungen im Feld anklicken.</translation>
    </message>
    <message>
        <source>Draw a line through the field first.</source>
        <translation>Zuerst eine Linie durch das Feld ziehen.</translation>
    </message>
    <message>
        <source>Clear smears</source>
        <translation>Verwischtes löschen</translation>
    </message>
    <message>
        <source>pick</source>
        <translation>wählen</translation>
    </message>
    <message>
        <source>A drag over the field picks one mixture</source>
        <translation>Ein Zug über das Feld wählt eine Mischung</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>A drag across the field draws the line of a ramp (the right button always does)</source>
        <translation>Ein Zug über das Feld zeichnet die Linie einer Farbreihe (die rechte Taste immer)</translation>
    </message>
    <message>
        <source>stroke</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>A drag over the field picks up several mixtures along its way, as many as there are steps</source>
        <translation>Ein Zug über das Feld nimmt auf seinem Weg mehrere Mischungen auf, so viele wie Stufen</translation>
    </message>
    <message>
        <source>smear</source>
        <translation>verwischen</translation>
    </message>
    <message>
        <source>A drag smears the color where it begins into those it goes over; pick from the smear afterwards</source>
        <translation>Ein Zug verwischt die Farbe, bei der er beginnt, in die Farben auf seinem Weg; danach daraus wählen</translation>
    </message>
</context>
<context>
    <name>zc::MixView</name>
    <message>
        <source>Field of mixtures</source>
        <translation>Mischfeld</translation>
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
        <source>Drag to pick a mixture; drag with the right button to draw the line of a ramp.</source>
        <translation>Ziehen wählt eine Mischung; mit der rechten Taste zieht es die Linie einer Farbreihe.</translation>
    </message>
    <message>
        <source>Drag two to four colors here, from wells, the set or anywhere a color is shown.</source>
        <translation>Zwei bis vier Farben hierher ziehen, aus Näpfen, dem Satz oder wo immer eine Farbe zu sehen ist.</translation>
    </message>
    <message>
        <source>Drag a second color here.</source>
        <translation>Eine zweite Farbe hierher ziehen.</translation>
    </message>
    <message>
        <source>Click to use the color, scroll to change its strength, drag it elsewhere; the right button opens a menu.</source>
        <translation>Klick verwendet die Farbe, das Mausrad ändert ihre Stärke, Ziehen bringt sie anderswohin; die rechte Taste öffnet ein Menü.</translation>
    </message>
    <message>
        <source>Mix this color again</source>
        <translation>Diese Farbe wieder mischen</translation>
    </message>
    <message>
        <source>Leave this color out</source>
        <translation>Diese Farbe weglassen</translation>
    </message>
    <message>
        <source>Stop following the current color</source>
        <translation>Nicht mehr der aktuellen Farbe folgen</translation>
    </message>
    <message>
        <source>Follow the current color</source>
        <translation>Der aktuellen Farbe folgen</translation>
    </message>
    <message>
        <source>Set to current color</source>
        <translation>Auf die aktuelle Farbe setzen</translation>
    </message>
    <message>
        <source>Remove from field</source>
        <translation>Aus dem Feld entfernen</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
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
        <source>Add reference photos to the piece (Ctrl+Shift+O); photos can also be dropped or pasted</source>
        <translation>Fotos als Vorlagen hinzufügen (Strg+Umschalt+O); sie lassen sich auch ablegen oder einfügen</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Anhalten</translation>
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
    <message>
        <source>Add photo</source>
        <translation>Foto hinzufügen</translation>
    </message>
    <message>
        <source>Results</source>
        <translation>Ergebnisse</translation>
    </message>
    <message>
        <source>The colors taken from the photo that are not in the set yet</source>
        <translation>Die Farben aus dem Foto, die noch nicht im Satz sind</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>How different the colors are, from which part of the photo, and how many accents</source>
        <translation>Wie verschieden die Farben sind, aus welchem Teil des Fotos und wie viele Akzente</translation>
    </message>
    <message>
        <source>Light, middle and dark in the photo, its key, and its colors on the wheel</source>
        <translation>Hell, mittel und dunkel im Foto, seine Tonart und seine Farben auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Stop opening photos</source>
        <translation>Das Öffnen der Fotos anhalten</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>Add a reference photo to the piece (Ctrl+Shift+O)</source>
        <translation>Dem Werk ein Vorlagenfoto hinzufügen (Strg+Umschalt+O)</translation>
    </message>
</context>
<context>
    <name>zc::ObserveMenu</name>
    <message>
        <source>&amp;Observe</source>
        <translation>A&amp;nsehen</translation>
    </message>
    <message>
        <source>Show the photo in color (C)</source>
        <translation>Das Foto in Farbe zeigen (C)</translation>
    </message>
    <message>
        <source>Show the photo in greys of equal lightness (V)</source>
        <translation>Das Foto in Grautönen gleicher Helligkeit zeigen (V)</translation>
    </message>
    <message>
        <source>Show the photo in a few flat tones (F)</source>
        <translation>Das Foto in wenigen flachen Tönen zeigen (F)</translation>
    </message>
    <message>
        <source>Blur the photo (S)</source>
        <translation>Das Foto unscharf zeigen (S)</translation>
    </message>
    <message>
        <source>Show the photo in even tone steps (T)</source>
        <translation>Das Foto in gleichen Tonstufen zeigen (T)</translation>
    </message>
    <message>
        <source>Show the photo through the mask (M)</source>
        <translation>Das Foto durch die Maske zeigen (M)</translation>
    </message>
    <message>
        <source>Show each pixel of the photo as one of the screen</source>
        <translation>Jedes Pixel des Fotos als eines des Bildschirms zeigen</translation>
    </message>
    <message>
        <source>Turn the view by a quarter; the photo stays</source>
        <translation>Die Ansicht um ein Viertel drehen; das Foto bleibt</translation>
    </message>
    <message>
        <source>Turn the view back by a quarter</source>
        <translation>Die Ansicht um ein Viertel zurückdrehen</translation>
    </message>
    <message>
        <source>Follow a canv&amp;as...</source>
        <translation>Einer &amp;Leinwand folgen...</translation>
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
        <source>Show &amp;color</source>
        <translation>&amp;Farbe zeigen</translation>
    </message>
    <message>
        <source>Show &amp;value</source>
        <translation>&amp;Tonwert zeigen</translation>
    </message>
    <message>
        <source>Show f&amp;lat tones</source>
        <translation>F&amp;lache Töne zeigen</translation>
    </message>
    <message>
        <source>&amp;Squint at the photo</source>
        <translation>Das Foto mit &amp;zugekniffenen Augen sehen</translation>
    </message>
    <message>
        <source>Show &amp;tone steps</source>
        <translation>T&amp;onstufen zeigen</translation>
    </message>
    <message>
        <source>Show through &amp;mask</source>
        <translation>Durch die &amp;Maske zeigen</translation>
    </message>
    <message>
        <source>Show &amp;pixels one to one</source>
        <translation>&amp;Pixel eins zu eins zeigen</translation>
    </message>
    <message>
        <source>Turn &amp;view clockwise</source>
        <translation>&amp;Ansicht im Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Turn view &amp;counterclockwise</source>
        <translation>Ansicht &amp;gegen den Uhrzeigersinn drehen</translation>
    </message>
    <message>
        <source>Mi&amp;rror view</source>
        <translation>Ansicht &amp;spiegeln</translation>
    </message>
    <message>
        <source>Swap left and right, to see the values afresh</source>
        <translation>Links und rechts tauschen, um die Tonwerte neu zu sehen</translation>
    </message>
    <message>
        <source>Cro&amp;p view to region</source>
        <translation>Ansicht auf den &amp;Ausschnitt beschneiden</translation>
    </message>
    <message>
        <source>Show only the drawn region of the photo</source>
        <translation>Nur den gezeichneten Ausschnitt des Fotos zeigen</translation>
    </message>
    <message>
        <source>Show &amp;whole photo</source>
        <translation>Ganzes Foto &amp;wieder zeigen</translation>
    </message>
    <message>
        <source>Show the whole photo again after a crop</source>
        <translation>Nach dem Beschneiden das ganze Foto wieder zeigen</translation>
    </message>
    <message>
        <source>Keep the photo as it is now, whatever happens to its file</source>
        <translation>Das Foto so behalten, wie es jetzt ist, was auch mit seiner Datei geschieht</translation>
    </message>
    <message>
        <source>Repla&amp;ce reference...</source>
        <translation>Vorlage &amp;ersetzen...</translation>
    </message>
    <message>
        <source>Replace the photo shown with another one</source>
        <translation>Das gezeigte Foto durch ein anderes ersetzen</translation>
    </message>
    <message>
        <source>Re&amp;name reference...</source>
        <translation>Vorlage umbe&amp;nennen...</translation>
    </message>
    <message>
        <source>Change the name of the photo shown</source>
        <translation>Den Namen des gezeigten Fotos ändern</translation>
    </message>
    <message>
        <source>Move reference &amp;left</source>
        <translation>Vorlage nach li&amp;nks</translation>
    </message>
    <message>
        <source>Move the photo shown to the left in the row</source>
        <translation>Das gezeigte Foto in der Reihe nach links verschieben</translation>
    </message>
    <message>
        <source>Move reference &amp;right</source>
        <translation>Vorlage nach re&amp;chts</translation>
    </message>
    <message>
        <source>Move the photo shown to the right in the row</source>
        <translation>Das gezeigte Foto in der Reihe nach rechts verschieben</translation>
    </message>
    <message>
        <source>&amp;Fit photo</source>
        <translation>Foto e&amp;inpassen</translation>
    </message>
    <message>
        <source>Show the photo as large as it fits</source>
        <translation>Das Foto so groß zeigen, wie es passt</translation>
    </message>
    <message>
        <source>Remo&amp;ve reference</source>
        <translation>Vorlage entfe&amp;rnen</translation>
    </message>
    <message>
        <source>Remove the photo shown from the piece</source>
        <translation>Das gezeigte Foto aus dem Werk entfernen</translation>
    </message>
    <message>
        <source>Compare this place of the photo with what is under the pointer; press the key there again to remove the pin</source>
        <translation>Diese Stelle des Fotos mit dem vergleichen, was unter dem Zeiger liegt; die Taste dort noch einmal drücken entfernt sie</translation>
    </message>
    <message>
        <source>Add the pinned spot and what is under the pointer as two swatches</source>
        <translation>Die angeheftete Stelle und was unter dem Zeiger liegt als zwei Farbfelder hinzufügen</translation>
    </message>
    <message>
        <source>Pin spot to compare with</source>
        <translation>Vergleichsstelle anheften</translation>
    </message>
    <message>
        <source>Add both spots</source>
        <translation>Beide Stellen hinzufügen</translation>
    </message>
</context>
<context>
    <name>zc::PaintModel</name>
    <message>
        <source>Add some paints to choose from first.</source>
        <translation>Zuerst Malfarben hinzufügen, aus denen gewählt wird.</translation>
    </message>
    <message numerus="yes">
        <source>%n paints reach %1 percent.</source>
        <translation>
            <numerusform>%n Malfarbe erreicht %1 Prozent.</numerusform>
            <numerusform>%n Malfarben erreichen %1 Prozent.</numerusform>
        </translation>
    </message>
    <message>
        <source>Put at least one paint on the palette first.</source>
        <translation>Zuerst mindestens eine Malfarbe auf die Palette legen.</translation>
    </message>
    <message>
        <source>The reach of these paints is still being computed.</source>
        <translation>Die Reichweite dieser Malfarben wird noch berechnet.</translation>
    </message>
    <message>
        <source>what these paints can mix</source>
        <translation>was diese Malfarben mischen können</translation>
    </message>
    <message>
        <source>what these paints can mix at value %1</source>
        <translation>was diese Malfarben bei Tonwert %1 mischen können</translation>
    </message>
    <message>
        <source>Make reach the mask</source>
        <translation>Reichweite zur Maske machen</translation>
    </message>
    <message>
        <source>There is no photo to find paints for.</source>
        <translation>Es gibt kein Foto, für das sich Malfarben finden ließen.</translation>
    </message>
    <message numerus="yes">
        <source>Put %n paints on the palette</source>
        <translation>
            <numerusform>%n Malfarbe auf die Palette legen</numerusform>
            <numerusform>%n Malfarben auf die Palette legen</numerusform>
        </translation>
    </message>
    <message>
        <source>These paints cannot reach that much: the best %1 of them reach %2 percent.</source>
        <translation>So viel erreichen diese Malfarben nicht: die besten %1 erreichen %2 Prozent.</translation>
    </message>
</context>
<context>
    <name>zc::PaintsPanel</name>
    <message>
        <source>Palettes of paints on the shelf</source>
        <translation>Paletten von Malfarben im Regal</translation>
    </message>
    <message>
        <source> paints</source>
        <translation> Malfarben</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Strength of %1</source>
        <translation>Stärke von %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Stop, %1 %</source>
        <translation>Anhalten, %1 %</translation>
    </message>
    <message>
        <source>Add paint</source>
        <translation>Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color, the selected swatches or a common paint</source>
        <translation>Die aktuelle Farbe, die ausgewählten Farbfelder oder eine gängige Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>Replace these paints with a palette from the shelf</source>
        <translation>Diese Malfarben durch eine Palette aus dem Regal ersetzen</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Ins Regal stellen</translation>
    </message>
    <message>
        <source>Save these paints to the shelf, under the title of the piece</source>
        <translation>Diese Malfarben unter dem Titel des Werks ins Regal stellen</translation>
    </message>
    <message>
        <source>A recipe has at most this many paints, 1 to 4</source>
        <translation>Ein Rezept hat höchstens so viele Malfarben, 1 bis 4</translation>
    </message>
    <message>
        <source>Use mixture</source>
        <translation>Mischung verwenden</translation>
    </message>
    <message>
        <source>Make the color of the recipe the current color</source>
        <translation>Die Farbe des Rezepts zur aktuellen machen</translation>
    </message>
    <message>
        <source>show reach</source>
        <translation>Reichweite zeigen</translation>
    </message>
    <message>
        <source>Show on wheel, hue section and value rail which colors the paints on the palette can mix</source>
        <translation>Auf Farbkreis, Farbtonschnitt und Tonwertschiene zeigen, welche Farben die Malfarben auf der Palette mischen können</translation>
    </message>
    <message>
        <source>with white and black</source>
        <translation>mit Weiß und Schwarz</translation>
    </message>
    <message>
        <source>Titanium white and bone black mix along, even if they are not on the palette</source>
        <translation>Titanweiß und Beinschwarz mischen mit, auch wenn sie nicht auf der Palette sind</translation>
    </message>
    <message>
        <source>Make it the mask</source>
        <translation>Zur Maske machen</translation>
    </message>
    <message>
        <source>At this value</source>
        <translation>Bei diesem Tonwert</translation>
    </message>
    <message>
        <source>Make the colors within reach at the current value the mask</source>
        <translation>Die Farben in Reichweite beim aktuellen Tonwert zur Maske machen</translation>
    </message>
    <message>
        <source>At every value</source>
        <translation>Bei jedem Tonwert</translation>
    </message>
    <message>
        <source>Make the colors within reach at any value the mask</source>
        <translation>Die Farben in Reichweite bei irgendeinem Tonwert zur Maske machen</translation>
    </message>
    <message>
        <source>Percent of the colors that the paints must reach</source>
        <translation>Prozent der Farben, die die Malfarben erreichen müssen</translation>
    </message>
    <message>
        <source>A color counts as reached within this difference (CIEDE2000)</source>
        <translation>Eine Farbe gilt bis zu diesem Abstand (CIEDE2000) als erreicht</translation>
    </message>
    <message>
        <source>Find for photo</source>
        <translation>Für das Foto finden</translation>
    </message>
    <message>
        <source>Find the fewest paints that reach this share of the photo, and put them on the palette</source>
        <translation>Die wenigsten Malfarben finden, die diesen Anteil des Fotos erreichen, und auf die Palette legen</translation>
    </message>
    <message>
        <source>Find for set</source>
        <translation>Für den Satz finden</translation>
    </message>
    <message>
        <source>Find the fewest paints that reach this share of the set, and put them on the palette</source>
        <translation>Die wenigsten Malfarben finden, die diesen Anteil des Satzes erreichen, und auf die Palette legen</translation>
    </message>
    <message>
        <source>From shelf</source>
        <translation>Aus dem Regal</translation>
    </message>
    <message>
        <source>Use paints &quot;%1&quot;</source>
        <translation>Malfarben &quot;%1&quot; verwenden</translation>
    </message>
    <message>
        <source>The paints were saved to the shelf as &quot;%1&quot;.</source>
        <translation>Die Malfarben stehen jetzt als &quot;%1&quot; im Regal.</translation>
    </message>
    <message>
        <source>Add paint %1</source>
        <translation>Malfarbe %1 hinzufügen</translation>
    </message>
    <message>
        <source>Current color</source>
        <translation>Aktuelle Farbe</translation>
    </message>
    <message>
        <source>Selected swatches</source>
        <translation>Ausgewählte Farbfelder</translation>
    </message>
    <message>
        <source>Add selected swatches as paints</source>
        <translation>Ausgewählte Farbfelder als Malfarben hinzufügen</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>%1, mixed by a drawn reflectance curve: %2. Press to put it on the palette or take it off.</source>
        <translation>%1, gemischt nach einer gezeichneten Reflexionskurve: %2. Drücken legt sie auf die Palette oder nimmt sie weg.</translation>
    </message>
    <message>
        <source>%1, mixed by the smoothest reflectance curve of its color. Press to put it on the palette or take it off.</source>
        <translation>%1, gemischt nach der glattesten Reflexionskurve ihrer Farbe. Drücken legt sie auf die Palette oder nimmt sie weg.</translation>
    </message>
    <message>
        <source>Put paint on palette</source>
        <translation>Malfarbe auf die Palette legen</translation>
    </message>
    <message>
        <source>Take paint off palette</source>
        <translation>Malfarbe von der Palette nehmen</translation>
    </message>
    <message>
        <source>Tinting strength: how strongly one part of the paint colors a mixture</source>
        <translation>Färbekraft: wie stark ein Teil der Malfarbe eine Mischung färbt</translation>
    </message>
    <message>
        <source>Change strength of paint</source>
        <translation>Stärke der Malfarbe ändern</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove %1 from the list</source>
        <translation>%1 aus der Liste entfernen</translation>
    </message>
    <message>
        <source>Remove paint</source>
        <translation>Malfarbe entfernen</translation>
    </message>
    <message>
        <source>Rename paint</source>
        <translation>Malfarbe umbenennen</translation>
    </message>
    <message>
        <source>Type another name for the paint</source>
        <translation>Einen anderen Namen für die Malfarbe eingeben</translation>
    </message>
    <message>
        <source>Set to current color</source>
        <translation>Auf die aktuelle Farbe setzen</translation>
    </message>
    <message>
        <source>From now on the paint mixes by the smoothest reflectance curve of the current color</source>
        <translation>Von nun an mischt die Malfarbe nach der glattesten Reflexionskurve der aktuellen Farbe</translation>
    </message>
    <message>
        <source>Change color of paint</source>
        <translation>Farbe der Malfarbe ändern</translation>
    </message>
    <message>
        <source>Move paint</source>
        <translation>Malfarbe verschieben</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move this paint before the one above</source>
        <translation>Diese Malfarbe vor die darüber setzen</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Move this paint after the one below</source>
        <translation>Diese Malfarbe hinter die darunter setzen</translation>
    </message>
    <message>
        <source>No paints yet. A few paints limit a piece as a mask does: add the current color, swatches or common paints.</source>
        <translation>Noch keine Malfarben. Wenige Malfarben begrenzen ein Werk wie eine Maske: die aktuelle Farbe, Farbfelder oder gängige Malfarben hinzufügen.</translation>
    </message>
    <message>
        <source>Put paints on the palette to see recipes.</source>
        <translation>Malfarben auf die Palette legen, um Rezepte zu sehen.</translation>
    </message>
    <message>
        <source>%1; differs by %2</source>
        <translation>%1; weicht um %2 ab</translation>
    </message>
    <message>
        <source>; no paint has the color of %1, so the nearest is used</source>
        <translation>; keine Malfarbe hat die Farbe von %1, die nächste steht dafür</translation>
    </message>
    <message>
        <source>comparing with set and photo</source>
        <translation>wird mit Satz und Foto verglichen</translation>
    </message>
    <message>
        <source>within reach: %1 of %2 swatches, %3 % of the photo</source>
        <translation>in Reichweite: %1 von %2 Farbfeldern, %3 % des Fotos</translation>
    </message>
    <message>
        <source>within reach: %1 of %2 swatches</source>
        <translation>in Reichweite: %1 von %2 Farbfeldern</translation>
    </message>
    <message>
        <source>Recipe for the current color</source>
        <translation>Rezept für die aktuelle Farbe</translation>
    </message>
    <message>
        <source>What these paints can mix</source>
        <translation>Was diese Malfarben mischen können</translation>
    </message>
    <message>
        <source>Fewest paints</source>
        <translation>Wenigste Malfarben</translation>
    </message>
    <message>
        <source>of the colors within</source>
        <translation>der Farben bis</translation>
    </message>
    <message>
        <source>There is no recipe yet. Put paints on the palette first.</source>
        <translation>Noch gibt es kein Rezept. Zuerst Malfarben auf die Palette setzen.</translation>
    </message>
    <message>
        <source>At most</source>
        <translation>Höchstens</translation>
    </message>
    <message>
        <source>Reach</source>
        <translation>Erreichen</translation>
    </message>
</context>
<context>
    <name>zc::PairsPanel</name>
    <message>
        <source>Where each swatch moves to</source>
        <translation>Wohin jedes Farbfeld wandert</translation>
    </message>
    <message>
        <source>The swatch that %1 moves to</source>
        <translation>Das Farbfeld, zu dem %1 wandert</translation>
    </message>
    <message>
        <source>Choose the swatch that this one moves to</source>
        <translation>Das Farbfeld wählen, zu dem dieses wandert</translation>
    </message>
    <message>
        <source>Choose a set or a version to move to.</source>
        <translation>Einen Satz oder eine Version als Ziel wählen.</translation>
    </message>
</context>
<context>
    <name>zc::PaletteService</name>
    <message>
        <source>A display cannot show this color; give one that it can.</source>
        <translation>Diese Farbe kann kein Bildschirm zeigen; eine angeben, die er kann.</translation>
    </message>
    <message>
        <source>The piece has no set &quot;%1&quot;.</source>
        <translation>Das Werk hat keinen Satz &quot;%1&quot;.</translation>
    </message>
    <message>
        <source>This text is too long for a color; give the color as #rrggbb.</source>
        <translation>Dieser Text ist zu lang für eine Farbe; die Farbe als #rrggbb angeben.</translation>
    </message>
    <message>
        <source>Add swatch</source>
        <translation>Farbfeld hinzufügen</translation>
    </message>
    <message>
        <source>The mask encloses nothing.</source>
        <translation>Die Maske umschließt nichts.</translation>
    </message>
    <message>
        <source>There is no measure &quot;%1&quot;; give one of %2.</source>
        <translation>Es gibt kein Maß &quot;%1&quot;; gib eines von %2 an.</translation>
    </message>
    <message>
        <source>There is no shape &quot;%1&quot;; give column, strip or nothing.</source>
        <translation>Es gibt keine Form &quot;%1&quot;; gib column, strip oder nichts an.</translation>
    </message>
    <message>
        <source>Zonachrom is in the middle of a dialog, a menu or a drag; finish that first.</source>
        <translation>In Zonachrom ist gerade ein Dialog, ein Menü oder ein Ziehen im Gang; beende das zuerst.</translation>
    </message>
    <message>
        <source>Zonachrom is opening or saving a piece; try again.</source>
        <translation>Zonachrom öffnet oder sichert gerade ein Werk; bitte noch einmal versuchen.</translation>
    </message>
</context>
<context>
    <name>zc::ParcelPanel</name>
    <message>
        <source>Pack for others</source>
        <translation>Für andere packen</translation>
    </message>
    <message>
        <source>From others</source>
        <translation>Von anderen</translation>
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
        <source>new: %1</source>
        <translation>neu: %1</translation>
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
    <message>
        <source>Pack parcel</source>
        <translation>Paket packen</translation>
    </message>
    <message>
        <source>Write everything ticked to one file for someone else</source>
        <translation>Alles Abgehakte in eine Datei für jemand anderen schreiben</translation>
    </message>
    <message>
        <source>Open parcel</source>
        <translation>Paket öffnen</translation>
    </message>
    <message>
        <source>See what a parcel holds before anything is saved</source>
        <translation>Sehen, was ein Paket enthält, ehe etwas gespeichert wird</translation>
    </message>
    <message>
        <source>New parcels in this folder are listed here; nothing is saved without asking</source>
        <translation>Neue Pakete in diesem Ordner werden hier gelistet; nichts wird ungefragt gespeichert</translation>
    </message>
    <message>
        <source>Include in the parcel: %1</source>
        <translation>Ins Paket: %1</translation>
    </message>
    <message>
        <source>Save to the shelf: %1</source>
        <translation>Ins Regal stellen: %1</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Ins Regal stellen</translation>
    </message>
    <message>
        <source>Save everything ticked to the shelf; what is already there stays as it is</source>
        <translation>Alles Abgehakte ins Regal stellen; was schon da ist, bleibt, wie es ist</translation>
    </message>
    <message>
        <source>A new parcel has arrived: %1. Share, Parcel shows it.</source>
        <translation>Ein neues Paket ist da: %1. Unter Teilen, Paket ist es zu sehen.</translation>
    </message>
    <message>
        <source>Open this parcel</source>
        <translation>Dieses Paket öffnen</translation>
    </message>
    <message>
        <source>Watch a shared folder</source>
        <translation>Gemeinsamen Ordner beobachten</translation>
    </message>
    <message>
        <source>For</source>
        <translation>Für</translation>
    </message>
    <message>
        <source>What the parcel is for</source>
        <translation>Wofür das Paket ist</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Who the parcel is from</source>
        <translation>Von wem das Paket ist</translation>
    </message>
</context>
<context>
    <name>zc::PatternPanel</name>
    <message>
        <source>Patterns</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>Base hue of the pattern</source>
        <translation>Grundton des Musters</translation>
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
        <source>Mask turned by</source>
        <translation>Maske gedreht um</translation>
    </message>
    <message>
        <source>How far the mask is turned; drag outside the rim to turn it by hand, or press Ctrl+Left and Ctrl+Right on the wheel</source>
        <translation>Wie weit die Maske gedreht ist; außerhalb des Randes ziehen dreht von Hand, auf dem Farbkreis auch Strg+Links und Strg+Rechts</translation>
    </message>
    <message>
        <source>colors</source>
        <translation>die Farben</translation>
    </message>
    <message>
        <source>Make a mask of this pattern, starting at the base hue</source>
        <translation>Eine Maske nach diesem Muster machen, ab dem Grundton</translation>
    </message>
    <message>
        <source>Angle of the first hue of the next pattern, clockwise from the top</source>
        <translation>Winkel des ersten Farbtons des nächsten Musters, im Uhrzeigersinn von oben</translation>
    </message>
    <message>
        <source>Width of the hues of the next pattern, 0 to 120°; &quot;usual&quot; is the pattern&apos;s own width</source>
        <translation>Breite der Farbtöne des nächsten Musters, 0 bis 120°; &quot;üblich&quot; ist die eigene Breite des Musters</translation>
    </message>
    <message>
        <source>turn the set along</source>
        <translation>Satz mitdrehen</translation>
    </message>
    <message>
        <source>When the mask is turned, turn the hues of the current set as well; saturation and value stay</source>
        <translation>Wenn sich die Maske dreht, auch die Farbtöne des aktuellen Satzes drehen; Sättigung und Tonwert bleiben</translation>
    </message>
    <message>
        <source>Use current hue</source>
        <translation>Aktuellen Farbton nehmen</translation>
    </message>
    <message>
        <source>Start the next pattern at the hue of the current color</source>
        <translation>Das nächste Muster beim Farbton der aktuellen Farbe beginnen</translation>
    </message>
    <message>
        <source>First hue</source>
        <translation>Erster Farbton</translation>
    </message>
    <message>
        <source>Width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>On a new wheel the mask keeps its colors</source>
        <translation>Auf einem neuen Farbkreis behält die Maske ihre Farben</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>den Umriss</translation>
    </message>
    <message>
        <source>On a new wheel the mask keeps its outline</source>
        <translation>Auf einem neuen Farbkreis behält die Maske ihren Umriss</translation>
    </message>
    <message>
        <source>On a new wheel keep</source>
        <translation>Auf neuem Farbkreis behalten</translation>
    </message>
    <message>
        <source>Make %1 mask</source>
        <translation>Maske machen: %1</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>There is no mask yet. Choose a pattern at Limit, or draw an area.</source>
        <translation>Noch gibt es keine Maske. Beim Begrenzen ein Muster wählen oder eine Fläche zeichnen.</translation>
    </message>
    <message>
        <source>Set the first hue and width of patterns, turn the mask, choose what it keeps on a new wheel</source>
        <translation>Ersten Farbton und Breite der Muster setzen, die Maske drehen, wählen, was sie in einem neuen Farbkreis behält</translation>
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
        <source>Opening %1, %2 %</source>
        <translation>%1 wird geöffnet, %2 %</translation>
    </message>
    <message>
        <source>%1 Click to try again.</source>
        <translation>%1 Ein Klick versucht es noch einmal.</translation>
    </message>
    <message>
        <source>Reference photo</source>
        <translation>Foto als Vorlage</translation>
    </message>
    <message>
        <source>%1, %2 × %3 pixels</source>
        <translation>%1, %2 × %3 Pixel</translation>
    </message>
    <message>
        <source>Result: %1, at %2 × %3</source>
        <translation>Ergebnis: %1, bei %2 × %3</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Remove result</source>
        <translation>Ergebnis entfernen</translation>
    </message>
    <message>
        <source>Click or drag to sample, with Ctrl to add to the set. Scroll to zoom, with Shift for the sample size; hold Space and drag to pan.</source>
        <translation>Klick oder Ziehen nimmt eine Probe, mit Strg kommt sie zum Satz. Das Mausrad vergrößert, mit Umschalt ändert es die Probengröße; Leertaste und Ziehen verschiebt.</translation>
    </message>
    <message>
        <source>Draw a region on the photo first.</source>
        <translation>Zuerst einen Ausschnitt auf dem Foto zeichnen.</translation>
    </message>
    <message>
        <source>Look at a photo here, pick its colors, take a palette from it. Drop one, paste one, or add it.</source>
        <translation>Hier ein Foto ansehen, Farben darin wählen, eine Palette daraus nehmen. Eines ablegen, einfügen oder hinzufügen.</translation>
    </message>
    <message>
        <source>Pinned spot: %1, at %2 × %3</source>
        <translation>Angeheftete Stelle: %1, bei %2 × %3</translation>
    </message>
    <message>
        <source>Point at the photo, or sample a color of it, to pin a spot.</source>
        <translation>Auf das Foto zeigen oder eine Farbe daraus nehmen, um eine Stelle anzuheften.</translation>
    </message>
    <message>
        <source>Pin a spot first, then point at another one to add both.</source>
        <translation>Erst eine Stelle anheften, dann auf eine andere zeigen, um beide hinzuzufügen.</translation>
    </message>
</context>
<context>
    <name>zc::PickDesk</name>
    <message>
        <source>Paints</source>
        <translation>Malfarben</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Ramp</source>
        <translation>Farbreihe</translation>
    </message>
    <message>
        <source>Make a graded row of colors from the current color</source>
        <translation>Eine abgestufte Reihe aus der aktuellen Farbe machen</translation>
    </message>
    <message>
        <source>Mix</source>
        <translation>Mischen</translation>
    </message>
    <message>
        <source>Choose a few paints, see what they can mix, and get recipes</source>
        <translation>Wenige Malfarben wählen, sehen, was sie mischen können, und Rezepte bekommen</translation>
    </message>
    <message>
        <source>Pick in steps of hue, saturation and value</source>
        <translation>In Stufen von Farbton, Sättigung und Tonwert wählen</translation>
    </message>
    <message>
        <source>Mix two to four colors by hand; drop a swatch here to mix it</source>
        <translation>Zwei bis vier Farben von Hand mischen; ein Farbfeld hier ablegen, um es zu mischen</translation>
    </message>
</context>
<context>
    <name>zc::PickMenu</name>
    <message>
        <source>&amp;Pick</source>
        <translation>&amp;Wählen</translation>
    </message>
    <message>
        <source>Raise the value by one</source>
        <translation>Den Tonwert um eins heben</translation>
    </message>
    <message>
        <source>Lower the value by one</source>
        <translation>Den Tonwert um eins senken</translation>
    </message>
    <message>
        <source>Lower the saturation by a hundredth</source>
        <translation>Die Sättigung um ein Hundertstel senken</translation>
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
        <source>Add as a &amp;paint</source>
        <translation>Als &amp;Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>Make &amp;lighter</source>
        <translation>&amp;Heller machen</translation>
    </message>
    <message>
        <source>Make &amp;darker</source>
        <translation>&amp;Dunkler machen</translation>
    </message>
    <message>
        <source>Make &amp;greyer</source>
        <translation>&amp;Grauer machen</translation>
    </message>
    <message>
        <source>Make more &amp;saturated</source>
        <translation>Ge&amp;sättigter machen</translation>
    </message>
    <message>
        <source>Show &amp;whole wheel</source>
        <translation>&amp;Ganzen Farbkreis zeigen</translation>
    </message>
    <message>
        <source>Show the whole wheel again (0)</source>
        <translation>Wieder den ganzen Farbkreis zeigen (0)</translation>
    </message>
    <message>
        <source>P&amp;in relation</source>
        <translation>&amp;Beziehung anheften</translation>
    </message>
    <message>
        <source>Leave the related hues where they are while you pick</source>
        <translation>Die verwandten Farbtöne beim Wählen lassen, wo sie sind</translation>
    </message>
    <message>
        <source>Add colors of &amp;relation</source>
        <translation>Farben der Be&amp;ziehung hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color and the hues related to it as a family</source>
        <translation>Die aktuelle Farbe und die verwandten Farbtöne als Familie hinzufügen</translation>
    </message>
    <message>
        <source>Mi&amp;x current color</source>
        <translation>Aktuelle Farbe &amp;mischen</translation>
    </message>
    <message>
        <source>Add the current color to the mixing field</source>
        <translation>Die aktuelle Farbe zum Mischfeld hinzufügen</translation>
    </message>
    <message>
        <source>The field already has four colors. Drop the new color on one of them.</source>
        <translation>Das Feld hat schon vier Farben. Die neue auf eine davon ziehen.</translation>
    </message>
    <message>
        <source>Add the current color to the paints</source>
        <translation>Die aktuelle Farbe zu den Malfarben hinzufügen</translation>
    </message>
    <message>
        <source>Add paint</source>
        <translation>Malfarbe hinzufügen</translation>
    </message>
    <message>
        <source>Show rea&amp;ch of paints</source>
        <translation>Reich&amp;weite der Malfarben zeigen</translation>
    </message>
    <message>
        <source>Draw a dashed line around what the paints on the palette can mix</source>
        <translation>Eine gestrichelte Linie um das ziehen, was die Malfarben auf der Palette mischen können</translation>
    </message>
    <message>
        <source>Ma&amp;ke reach the mask</source>
        <translation>Reichweite &amp;zur Maske machen</translation>
    </message>
    <message>
        <source>Make what the paints can mix at this value the mask</source>
        <translation>Was die Malfarben bei diesem Tonwert mischen können, zur Maske machen</translation>
    </message>
    <message>
        <source>Use %1 hues</source>
        <translation>%1 Farbtöne</translation>
    </message>
    <message>
        <source>Use smooth hues</source>
        <translation>Stufenlose Farbtöne</translation>
    </message>
    <message>
        <source>Pick in this many steps of hue, or without steps</source>
        <translation>In so vielen Farbtonstufen wählen, oder stufenlos</translation>
    </message>
    <message>
        <source>Add &amp;ladder of relation</source>
        <translation>&amp;Leiter der Beziehung hinzufügen</translation>
    </message>
    <message>
        <source>Add a ramp for each hue of the relation as families: from dark to light through its strongest color, no two steps at one value</source>
        <translation>Für jeden Farbton der Beziehung eine Farbreihe als Familie hinzufügen: von dunkel nach hell durch seine kräftigste Farbe, keine zwei Stufen bei einem Tonwert</translation>
    </message>
    <message>
        <source>Show &amp;all relations</source>
        <translation>&amp;Alle Beziehungen zeigen</translation>
    </message>
    <message>
        <source>Show all relations of the color on the rim of the wheel, to choose one there</source>
        <translation>Alle Beziehungen der Farbe am Rand des Farbkreises zeigen, um dort eine zu wählen</translation>
    </message>
    <message>
        <source>Draw a dotted line around what the chosen press prints</source>
        <translation>Eine gepunktete Linie um das zeichnen, was sich im gewählten Druck drucken lässt</translation>
    </message>
    <message>
        <source>Show reach of press</source>
        <translation>Druckbaren Bereich zeigen</translation>
    </message>
</context>
<context>
    <name>zc::Picking</name>
    <message>
        <source>A display cannot show this color. The nearest color of its value and hue was used.</source>
        <translation>Ein Bildschirm kann diese Farbe nicht zeigen. Die nächste mit ihrem Tonwert und Farbton wurde verwendet.</translation>
    </message>
    <message>
        <source>The row is removed. Its colors are among the recent ones.</source>
        <translation>Die Reihe ist entfernt. Ihre Farben sind unter den letzten.</translation>
    </message>
</context>
<context>
    <name>zc::PieceStore</name>
    <message>
        <source>Nothing was changed, because the change would damage the piece. %1</source>
        <translation>Nichts wurde geändert, weil die Änderung das Werk beschädigt hätte. %1</translation>
    </message>
</context>
<context>
    <name>zc::PlaceGroup</name>
    <message>
        <source>Hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>Hue on the wheel</source>
        <translation>Farbton im Farbkreis</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>Saturation on the wheel</source>
        <translation>Sättigung auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Value: true lightness, L*</source>
        <translation>Tonwert: wahre Helligkeit, L*</translation>
    </message>
    <message>
        <source>%1: type, scroll or drag, with Shift in tens, with Alt in tenths</source>
        <translation>%1: eingeben, drehen oder ziehen, mit Umschalt in Zehnern, mit Alt in Zehnteln</translation>
    </message>
</context>
<context>
    <name>zc::PlanPanel</name>
    <message>
        <source>at one value</source>
        <translation>bei einem Tonwert</translation>
    </message>
    <message>
        <source>a row of values</source>
        <translation>eine Reihe von Tonwerten</translation>
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
        <source> pixels</source>
        <translation> Pixel</translation>
    </message>
    <message>
        <source>in steps</source>
        <translation>in Stufen</translation>
    </message>
    <message>
        <source>without labels</source>
        <translation>ohne Beschriftung</translation>
    </message>
    <message>
        <source>Value of the disc, L*</source>
        <translation>Tonwert der Scheibe, L*</translation>
    </message>
    <message>
        <source>Number of values in the row, 3 to 11</source>
        <translation>Anzahl der Tonwerte in der Reihe, 3 bis 11</translation>
    </message>
    <message>
        <source>Width of a disc in pixels, 16 to 8192</source>
        <translation>Breite einer Scheibe in Pixeln, 16 bis 8192</translation>
    </message>
    <message>
        <source>A picture of the wheel with its mask, for a layer of your canvas. Outside the mask it is nearly transparent, outside the disc fully.</source>
        <translation>Ein Bild des Farbkreises mit seiner Maske, für eine Ebene der Leinwand. Außerhalb der Maske ist es fast durchsichtig, außerhalb der Scheibe ganz.</translation>
    </message>
    <message>
        <source>Save wheel</source>
        <translation>Farbkreis speichern</translation>
    </message>
    <message>
        <source>Save as PNG with a transparent background, or only the outlines as SVG</source>
        <translation>Als PNG mit durchsichtigem Hintergrund speichern, oder nur die Umrisse als SVG</translation>
    </message>
    <message>
        <source>Copy wheel</source>
        <translation>Farbkreis kopieren</translation>
    </message>
    <message>
        <source>Copy the picture, to paste it into any program</source>
        <translation>Das Bild kopieren, um es in ein beliebiges Programm einzufügen</translation>
    </message>
    <message>
        <source>Draw the disc in the steps of the wheel; without steps, in twelve hues and eight saturations</source>
        <translation>Die Scheibe in den Stufen des Farbkreises zeichnen; ohne Stufen in zwölf Farbtönen und acht Sättigungen</translation>
    </message>
    <message>
        <source>Draw only the disc, filling the square, without names and lines</source>
        <translation>Nur die Scheibe zeichnen, das Quadrat füllend, ohne Namen und Linien</translation>
    </message>
    <message>
        <source>Show one disc at one value</source>
        <translation>Eine Scheibe bei einem Tonwert zeigen</translation>
    </message>
    <message>
        <source>Show several discs from dark to light</source>
        <translation>Mehrere Scheiben von dunkel bis hell zeigen</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Number of values</source>
        <translation>Anzahl der Tonwerte</translation>
    </message>
    <message>
        <source>Width and height</source>
        <translation>Breite und Höhe</translation>
    </message>
    <message>
        <source>The limit in other pickers</source>
        <translation>Die Grenze in anderen Farbwählern</translation>
    </message>
    <message>
        <source>Picker of your painting program</source>
        <translation>Farbwähler deines Malprogramms</translation>
    </message>
    <message>
        <source>The model that the picker of your painting program turns; the best fit comes first</source>
        <translation>Das Modell, das der Farbwähler deines Malprogramms dreht; was am besten passt, steht zuerst</translation>
    </message>
    <message>
        <source>Picker</source>
        <translation>Farbwähler</translation>
    </message>
    <message>
        <source>There is no mask in use.</source>
        <translation>Keine Maske ist in Gebrauch.</translation>
    </message>
    <message>
        <source>Without a mask every hue and saturation is allowed.</source>
        <translation>Ohne Maske ist jeder Farbton und jede Sättigung erlaubt.</translation>
    </message>
    <message>
        <source>luma and chroma (BT.709)</source>
        <translation>Luma und Chroma (BT.709)</translation>
    </message>
    <message>
        <source>Corners at value %1:</source>
        <translation>Ecken bei Tonwert %1:</translation>
    </message>
</context>
<context>
    <name>zc::PressModel</name>
    <message>
        <source>Every swatch prints as it is.</source>
        <translation>Jedes Farbfeld ist druckbar, wie es ist.</translation>
    </message>
    <message>
        <source>before the press</source>
        <translation>vor dem Druck</translation>
    </message>
    <message>
        <source>The swatches that do not print are locked. Unlock them first.</source>
        <translation>Die nicht druckbaren Farbfelder sind gesperrt. Sie zuerst freigeben.</translation>
    </message>
    <message>
        <source>Use printable color</source>
        <translation>Druckbare Farbe verwenden</translation>
    </message>
    <message>
        <source>Use %1 printable colors</source>
        <translation>%1 druckbare Farben verwenden</translation>
    </message>
</context>
<context>
    <name>zc::PressPanel</name>
    <message>
        <source>Profile of the press</source>
        <translation>Profil des Drucks</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Kein Druck</translation>
    </message>
    <message>
        <source>%1, %2: %3 % ink in all</source>
        <translation>%1, %2: zusammen %3 % Farbauftrag</translation>
    </message>
    <message numerus="yes">
        <source>All %n swatches print as they are.</source>
        <translation>
            <numerusform>Das %n Farbfeld ist druckbar, wie es ist.</numerusform>
            <numerusform>Alle %n Farbfelder sind druckbar, wie sie sind.</numerusform>
        </translation>
    </message>
    <message>
        <source>A color counts as printable within this difference (CIEDE2000)</source>
        <translation>Eine Farbe gilt bis zu diesem Abstand (CIEDE2000) als druckbar</translation>
    </message>
    <message>
        <source>show as printed</source>
        <translation>wie gedruckt zeigen</translation>
    </message>
    <message>
        <source>with the paper&apos;s white</source>
        <translation>mit dem Papierweiß</translation>
    </message>
    <message>
        <source>The ICC profile of the press. The print shop can give you theirs.</source>
        <translation>Das ICC-Profil des Drucks. Die Druckerei kann ihres geben.</translation>
    </message>
    <message>
        <source>Add profile</source>
        <translation>Profil hinzufügen</translation>
    </message>
    <message>
        <source>Add the ICC profile of a four-color press to the shelf</source>
        <translation>Das ICC-Profil eines Vierfarbdrucks ins Regal stellen</translation>
    </message>
    <message>
        <source>Show sheet, staff and Try as this press prints them</source>
        <translation>Blatt, Notenzeile und Probieren so zeigen, wie dieser Druck sie druckt</translation>
    </message>
    <message>
        <source>Show the white and black of the paper as well</source>
        <translation>Auch Weiß und Schwarz des Papiers zeigen</translation>
    </message>
    <message>
        <source>Choose a press to see which swatches it prints. The built-in profile is a good guess for coated paper; the profile of your print shop is better.</source>
        <translation>Einen Druck wählen, um zu sehen, welche Farbfelder er druckt. Das eingebaute Profil ist eine gute Annahme für gestrichenes Papier; das Profil der Druckerei ist besser.</translation>
    </message>
    <message>
        <source>Computing what prints...</source>
        <translation>Was druckbar ist, wird berechnet...</translation>
    </message>
    <message>
        <source>%1, differs by %2</source>
        <translation>%1, weicht um %2 ab</translation>
    </message>
    <message>
        <source>, more than the %1 % this press allows</source>
        <translation>, mehr als die %1 %, die dieser Druck erlaubt</translation>
    </message>
    <message>
        <source>The nearest printable color of the same value; it differs by %1</source>
        <translation>Die nächste druckbare Farbe mit gleichem Tonwert; sie weicht um %1 ab</translation>
    </message>
    <message>
        <source>The nearest printable color, at another value; it differs by %1</source>
        <translation>Die nächste druckbare Farbe, mit anderem Tonwert; sie weicht um %1 ab</translation>
    </message>
    <message>
        <source>Use printable color</source>
        <translation>Druckbare Farbe verwenden</translation>
    </message>
    <message>
        <source>Replace the swatch with the nearest printable color; the set before it is saved as a version</source>
        <translation>Das Farbfeld durch die nächste druckbare Farbe ersetzen; der Satz davor wird als Version gespeichert</translation>
    </message>
    <message>
        <source>%1 of %2 swatches cannot be printed as they are.</source>
        <translation>%1 von %2 Farbfeldern lassen sich nicht so drucken, wie sie sind.</translation>
    </message>
    <message>
        <source>Use all printable colors</source>
        <translation>Alle druckbaren Farben verwenden</translation>
    </message>
    <message>
        <source>Replace all of them in one step; the set before it is saved as a version</source>
        <translation>Alle in einem Schritt ersetzen; der Satz davor wird als Version gespeichert</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Zuerst einen Druck wählen.</translation>
    </message>
    <message>
        <source>Choose a press and tick &quot;show as printed&quot; first.</source>
        <translation>Zuerst einen Druck wählen und &quot;wie gedruckt zeigen&quot; ankreuzen.</translation>
    </message>
    <message numerus="yes">
        <source>%n swatches need more than %1 % ink.</source>
        <translation>
            <numerusform>%n Farbfeld braucht mehr als %1 % Farbauftrag.</numerusform>
            <numerusform>%n Farbfelder brauchen mehr als %1 % Farbauftrag.</numerusform>
        </translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>Written as %1.</source>
        <translation>Geschrieben als %1.</translation>
    </message>
</context>
<context>
    <name>zc::RailView</name>
    <message>
        <source>Value rail</source>
        <translation>Tonwertschiene</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Limit %1 of the flat tones</source>
        <translation>Grenze %1 der flachen Töne</translation>
    </message>
    <message>
        <source>Drag to set the value. Scroll, or press Up and Down, to change it by one, with Shift by ten, with Alt by a tenth.</source>
        <translation>Ziehen setzt den Tonwert. Mausrad oder Auf und Ab ändern ihn um eins, mit Umschalt um zehn, mit Alt um ein Zehntel.</translation>
    </message>
</context>
<context>
    <name>zc::RampPanel</name>
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
        <source>Number of steps, 2 to 24</source>
        <translation>Anzahl der Stufen, 2 bis 24</translation>
    </message>
    <message>
        <source>even in value</source>
        <translation>gleichmäßig im Tonwert</translation>
    </message>
    <message>
        <source>even to the eye</source>
        <translation>gleich fürs Auge</translation>
    </message>
    <message>
        <source>%1; moved into the mask</source>
        <translation>%1; in die Maske geholt</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Kind of ramp</source>
        <translation>Art der Farbreihe</translation>
    </message>
    <message>
        <source>Choose how the ramp runs from the current color</source>
        <translation>Wählen, wie die Farbreihe von der aktuellen Farbe ausgeht</translation>
    </message>
    <message>
        <source>Other end of the ramp</source>
        <translation>Anderes Ende der Farbreihe</translation>
    </message>
    <message>
        <source>The color at the other end, or the color of the haze</source>
        <translation>Die Farbe am anderen Ende, oder die Farbe des Dunstes</translation>
    </message>
    <message>
        <source>Path of the ramp</source>
        <translation>Weg der Farbreihe</translation>
    </message>
    <message>
        <source>How the ramp leads to its other end</source>
        <translation>Wie die Farbreihe zu ihrem anderen Ende führt</translation>
    </message>
    <message>
        <source>Steps of the ramp</source>
        <translation>Stufen der Farbreihe</translation>
    </message>
    <message>
        <source>Spacing of the steps</source>
        <translation>Abstand der Stufen</translation>
    </message>
    <message>
        <source>Space the steps evenly in value, or evenly to the eye (CIEDE2000)</source>
        <translation>Die Stufen gleichmäßig im Tonwert verteilen, oder gleichmäßig fürs Auge (CIEDE2000)</translation>
    </message>
    <message>
        <source>keep in mask</source>
        <translation>in der Maske halten</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Alle hinzufügen</translation>
    </message>
    <message>
        <source>Move steps outside the mask to the nearest color inside; these steps are marked with a dot</source>
        <translation>Stufen außerhalb der Maske zur nächsten Farbe darin holen; sie sind mit einem Punkt markiert</translation>
    </message>
    <message>
        <source>toward the distance</source>
        <translation>in die Ferne</translation>
    </message>
    <message>
        <source>
Click to use the color, Ctrl+click to add it to the set.</source>
        <translation>
Klick verwendet die Farbe, Strg+Klick fügt sie zum Satz hinzu.</translation>
    </message>
    <message>
        <source>%1 moved into the mask</source>
        <translation>%1 in die Maske geholt</translation>
    </message>
    <message>
        <source>%1 do not exist on a display; the nearest color is shown</source>
        <translation>%1 kann kein Bildschirm zeigen; die nächste Farbe ist zu sehen</translation>
    </message>
    <message>
        <source>even values</source>
        <translation>gleiche Tonwertschritte</translation>
    </message>
    <message>
        <source>Kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Zu</translation>
    </message>
    <message>
        <source>Path</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>Spacing</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>There is no mask in use. Make one at Limit.</source>
        <translation>Keine Maske ist in Gebrauch. Beim Begrenzen eine anlegen.</translation>
    </message>
    <message>
        <source>Start of the ramp</source>
        <translation>Anfang der Farbreihe</translation>
    </message>
    <message>
        <source>The color that the ramp starts from</source>
        <translation>Die Farbe, mit der die Farbreihe beginnt</translation>
    </message>
    <message>
        <source>Relation of the ladder</source>
        <translation>Beziehung der Leiter</translation>
    </message>
    <message>
        <source>Which hues have a ramp each: the current color&apos;s and those related to it</source>
        <translation>Welche Farbtöne je eine Farbreihe haben: der der aktuellen Farbe und die mit ihm verwandten</translation>
    </message>
    <message>
        <source>Darkest value of the ramp</source>
        <translation>Dunkelster Tonwert der Farbreihe</translation>
    </message>
    <message>
        <source>The value where the ramp ends in the dark; 0 is black</source>
        <translation>Der Tonwert, bei dem die Farbreihe im Dunkeln endet; 0 ist Schwarz</translation>
    </message>
    <message>
        <source>Lightest value of the ramp</source>
        <translation>Hellster Tonwert der Farbreihe</translation>
    </message>
    <message>
        <source>The value where the ramp ends in the light; 100 is white</source>
        <translation>Der Tonwert, bei dem die Farbreihe im Hellen endet; 100 ist Weiß</translation>
    </message>
    <message>
        <source>Saturation of the ladder</source>
        <translation>Sättigung der Leiter</translation>
    </message>
    <message>
        <source>How much of the saturation that each hue has where it is strongest</source>
        <translation>Wie viel von der Sättigung, die jeder Farbton dort hat, wo er am kräftigsten ist</translation>
    </message>
    <message>
        <source>preview on staff and wheel</source>
        <translation>Vorschau auf Zeile und Kreis</translation>
    </message>
    <message>
        <source>Show the ramp beside the staff, each step at its value, and its places on the wheel</source>
        <translation>Die Farbreihe neben der Notenzeile zeigen, jede Stufe bei ihrem Tonwert, und ihre Orte auf dem Farbkreis</translation>
    </message>
    <message>
        <source>Add all steps to the set as a family, of a ladder one for each hue</source>
        <translation>Alle Stufen als Familie zum Satz hinzufügen, von einer Leiter eine für jeden Farbton</translation>
    </message>
    <message>
        <source>greys of this light</source>
        <translation>Grautöne dieses Lichts</translation>
    </message>
    <message>
        <source>between two colors</source>
        <translation>zwischen zwei Farben</translation>
    </message>
    <message>
        <source>ladder: a ramp for each hue</source>
        <translation>Leiter: je Farbton eine Reihe</translation>
    </message>
    <message>
        <source>Relation</source>
        <translation>Beziehung</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Darkest</source>
        <translation>Dunkelster</translation>
    </message>
    <message>
        <source>Lightest</source>
        <translation>Hellster</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>Steps of ramp %1</source>
        <translation>Stufen der Farbreihe %1</translation>
    </message>
    <message>
        <source>Number of steps of each hue, 3 to 9</source>
        <translation>Zahl der Stufen je Farbton, 3 bis 9</translation>
    </message>
    <message>
        <source>values closer than %1 read as one</source>
        <translation>Tonwerte, die näher als %1 liegen, wirken wie einer</translation>
    </message>
</context>
<context>
    <name>zc::ReadingPanel</name>
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
    <message>
        <source>draw region</source>
        <translation>Ausschnitt zeichnen</translation>
    </message>
    <message>
        <source>keep samples in the mask</source>
        <translation>Proben in der Maske halten</translation>
    </message>
    <message>
        <source>Values and key</source>
        <translation>Tonwerte und Tonart</translation>
    </message>
    <message>
        <source>Drag on the photo to draw a region. Values, footprint and colors taken are then from the region only (Escape removes it).</source>
        <translation>Auf dem Foto ziehen, um einen Ausschnitt zu zeichnen. Tonwerte, Farbspur und genommene Farben kommen dann nur aus dem Ausschnitt (Escape entfernt ihn).</translation>
    </message>
    <message>
        <source>Move a sampled color that lies outside the mask to the nearest color inside</source>
        <translation>Eine Probe außerhalb der Maske zur nächsten Farbe darin holen</translation>
    </message>
    <message>
        <source>Values and key of the region</source>
        <translation>Tonwerte und Tonart des Ausschnitts</translation>
    </message>
    <message>
        <source>Values and key of the photo</source>
        <translation>Tonwerte und Tonart des Fotos</translation>
    </message>
    <message>
        <source>There is no mask in use. Make one at Limit.</source>
        <translation>Keine Maske ist in Gebrauch. Beim Begrenzen eine anlegen.</translation>
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
        <translation>CMYK: Farbauftrag beim gewählten Druck, Prozent</translation>
    </message>
    <message>
        <source>Space of readout %1: ink</source>
        <translation>Raum der Ablesung %1: Druckfarbe</translation>
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
        <source>Space of readout %1: %2</source>
        <translation>Raum der Ablesung %1: %2</translation>
    </message>
    <message>
        <source>%1 %2 of the current color</source>
        <translation>%1 %2 der aktuellen Farbe</translation>
    </message>
    <message>
        <source>%1 %2, %3 to %4: type, scroll or drag</source>
        <translation>%1 %2, %3 bis %4: eingeben, drehen oder ziehen</translation>
    </message>
    <message>
        <source>Remove readout</source>
        <translation>Anzeige entfernen</translation>
    </message>
    <message>
        <source>Ink on the press chosen at Share. Click to choose another color space.</source>
        <translation>Farbauftrag im Druck, der beim Teilen gewählt ist. Klick wählt einen anderen Farbraum.</translation>
    </message>
    <message>
        <source>%1: %2. Click to choose another color space.</source>
        <translation>%1: %2. Klick wählt einen anderen Farbraum.</translation>
    </message>
    <message>
        <source>Choose a press at Share first: ink is read through it.</source>
        <translation>Zuerst beim Teilen einen Druck wählen: der Farbauftrag gilt für ihn.</translation>
    </message>
</context>
<context>
    <name>zc::ReferencePanel</name>
    <message>
        <source>Share of the photo to hold</source>
        <translation>Anteil des Fotos, der zu halten ist</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Kind of mask to fit</source>
        <translation>Art der angepassten Maske</translation>
    </message>
    <message>
        <source>polygon</source>
        <translation>Vieleck</translation>
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
        <source>Fit mask to the reference</source>
        <translation>Maske der Vorlage anpassen</translation>
    </message>
    <message>
        <source>Most corners of the fitted polygon</source>
        <translation>Höchstzahl der Ecken des angepassten Vielecks</translation>
    </message>
    <message>
        <source>Fit mask</source>
        <translation>Maske anpassen</translation>
    </message>
    <message>
        <source>show photo&apos;s colors</source>
        <translation>Farben des Fotos zeigen</translation>
    </message>
    <message>
        <source>Make the smallest mask that holds this share of the photo or its region</source>
        <translation>Die kleinste Maske machen, die diesen Anteil des Fotos oder seines Ausschnitts fasst</translation>
    </message>
    <message>
        <source>Show on the wheel where the photo&apos;s colors are</source>
        <translation>Auf dem Farbkreis zeigen, wo die Farben des Fotos liegen</translation>
    </message>
    <message>
        <source>Hold</source>
        <translation>Umfasst</translation>
    </message>
    <message>
        <source>Share of the photo&apos;s colors that the mask must hold, 1 to 100 %</source>
        <translation>Anteil der Farben des Fotos, den die Maske fassen muss, 1 bis 100 %</translation>
    </message>
    <message>
        <source> corners</source>
        <translation> Ecken</translation>
    </message>
    <message>
        <source>The polygon has at most this many corners, 3 to 24</source>
        <translation>Das Vieleck hat höchstens so viele Ecken, 3 bis 24</translation>
    </message>
    <message>
        <source>Fit a free polygon, or the first hue and width of a pattern</source>
        <translation>Ein freies Vieleck anpassen, oder ersten Farbton und Breite eines Musters</translation>
    </message>
    <message>
        <source>Fit a mask to the colors of the photo.</source>
        <translation>Eine Maske an die Farben des Fotos anpassen.</translation>
    </message>
    <message>
        <source>No mask of this kind holds that much. This one holds the most, %1 %.</source>
        <translation>So viel fasst keine Maske dieser Art. Diese fasst am meisten, %1 %.</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Choose how much of the photo the mask holds, and its shape</source>
        <translation>Wählen, wie viel vom Foto die Maske enthält, und ihre Form</translation>
    </message>
    <message>
        <source>Add a photo at Observe first.</source>
        <translation>Zuerst beim Ansehen ein Foto hinzufügen.</translation>
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
        <source>Move left</source>
        <translation>Nach links</translation>
    </message>
    <message>
        <source>Move right</source>
        <translation>Nach rechts</translation>
    </message>
    <message>
        <source>Show reference</source>
        <translation>Vorlage zeigen</translation>
    </message>
</context>
<context>
    <name>zc::RelatedPage</name>
    <message>
        <source>all on the rim</source>
        <translation>alle am Rand</translation>
    </message>
    <message>
        <source>Show all relations on the rim of the wheel; press one there to choose it</source>
        <translation>Alle Beziehungen am Rand des Kreises zeigen; dort eine drücken, um sie zu wählen</translation>
    </message>
    <message>
        <source>Members of the relation</source>
        <translation>Mitglieder der Beziehung</translation>
    </message>
    <message>
        <source>Relation of the current color</source>
        <translation>Beziehung der aktuellen Farbe</translation>
    </message>
</context>
<context>
    <name>zc::RelationRow</name>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
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
        <source>%1°</source>
        <translation>%1°</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>Show hues related to the current color: complement 180°; split 150° and 210°; triad 120° and 240°; square 90°, 180°, 270°; rectangle 60°, 180°, 240°; analogous 30° to either side; double complement 30°, 180°, 210°</source>
        <translation>Farbtöne zeigen, die mit der aktuellen Farbe verwandt sind: Komplement 180°; geteilt 150° und 210°; Dreiklang 120° und 240°; Quadrat 90°, 180°, 270°; Rechteck 60°, 180°, 240°; analog 30° zu beiden Seiten; Doppelkomplement 30°, 180°, 210°</translation>
    </message>
    <message>
        <source>Show each related color at the value where its hue is strongest, not at the current value</source>
        <translation>Jede verwandte Farbe bei dem Tonwert zeigen, wo ihr Farbton am stärksten ist, nicht beim aktuellen</translation>
    </message>
    <message>
        <source>Leave the relation where it is, here and on the rim, while you pick</source>
        <translation>Die Beziehung hier und am Rand beim Wählen lassen, wo sie ist</translation>
    </message>
    <message>
        <source>Add all</source>
        <translation>Alle hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color and all related colors as a family named after the relation</source>
        <translation>Die aktuelle Farbe und alle verwandten als Familie mit dem Namen der Beziehung hinzufügen</translation>
    </message>
    <message>
        <source>%1° further: %2. Click to use it, Ctrl+click to add it to the set; on the rim of the wheel it can be dragged.</source>
        <translation>%1° weiter: %2. Klick verwendet sie, Strg+Klick fügt sie zum Satz hinzu; am Rand des Farbkreises lässt sie sich ziehen.</translation>
    </message>
    <message>
        <source>Hide related colors</source>
        <translation>Verwandte Farben ausblenden</translation>
    </message>
    <message>
        <source>Show all on the rim</source>
        <translation>Alle am Rand zeigen</translation>
    </message>
</context>
<context>
    <name>zc::ReportPanel</name>
    <message>
        <source>Change grading</source>
        <translation>Abstufung ändern</translation>
    </message>
    <message>
        <source>Select: %1</source>
        <translation>Auswählen: %1</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>Report on the set</source>
        <translation>Bericht zum Satz</translation>
    </message>
    <message>
        <source>What could be better, the most important first</source>
        <translation>Was besser sein könnte, das Wichtigste zuerst</translation>
    </message>
    <message>
        <source>Set what the report looks for, and how many light, middle and dark swatches you want</source>
        <translation>Festlegen, worauf der Bericht achtet und wie viele helle, mittlere und dunkle Farbfelder gewünscht sind</translation>
    </message>
    <message>
        <source>Light swatches wanted</source>
        <translation>Helle gewünscht</translation>
    </message>
    <message>
        <source>How many light swatches the set should have</source>
        <translation>Wie viele helle Farbfelder der Satz haben soll</translation>
    </message>
    <message>
        <source>Near-duplicate below</source>
        <translation>Fast gleich unter</translation>
    </message>
    <message>
        <source>Two swatches that differ by less than this (CIEDE2000) are near-duplicates</source>
        <translation>Zwei Farbfelder mit kleinerem Abstand (CIEDE2000) sind fast gleich</translation>
    </message>
    <message>
        <source>Middle swatches wanted</source>
        <translation>Mittlere gewünscht</translation>
    </message>
    <message>
        <source>How many middle swatches the set should have</source>
        <translation>Wie viele mittlere Farbfelder der Satz haben soll</translation>
    </message>
    <message>
        <source>One value below</source>
        <translation>Ein Tonwert unter</translation>
    </message>
    <message>
        <source>Two hues whose values differ by less than this read as one value when you squint</source>
        <translation>Zwei Farbtöne, deren Tonwerte sich weniger unterscheiden, wirken mit zugekniffenen Augen wie ein Tonwert</translation>
    </message>
    <message>
        <source>Dark swatches wanted</source>
        <translation>Dunkle gewünscht</translation>
    </message>
    <message>
        <source>How many dark swatches the set should have</source>
        <translation>Wie viele dunkle Farbfelder der Satz haben soll</translation>
    </message>
    <message>
        <source>Gap above</source>
        <translation>Lücke über</translation>
    </message>
    <message>
        <source>Neighbors of a family whose values differ by more than this have a gap between them</source>
        <translation>Nachbarn einer Familie, deren Tonwerte sich stärker unterscheiden, haben eine Lücke zwischen sich</translation>
    </message>
    <message>
        <source>Value steps</source>
        <translation>Tonwertstufen</translation>
    </message>
    <message>
        <source>How many steps lead from black to white</source>
        <translation>Wie viele Stufen von Schwarz zu Weiß führen</translation>
    </message>
    <message>
        <source>Outside mask from</source>
        <translation>Außerhalb der Maske ab</translation>
    </message>
    <message>
        <source>A swatch that differs by at least this (CIEDE2000) from the nearest color of the mask counts as outside</source>
        <translation>Ein Farbfeld mit mindestens diesem Abstand (CIEDE2000) zur nächsten Farbe der Maske gilt als außerhalb</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>The set is empty. Add swatches at Pick, with Ctrl+L, to see a report here.</source>
        <translation>Der Satz ist leer. Beim Wählen mit Strg+L Farbfelder hinzufügen, dann steht hier ein Bericht.</translation>
    </message>
    <message>
        <source>Checking the set...</source>
        <translation>Der Satz wird geprüft...</translation>
    </message>
    <message>
        <source>All is well: no near-duplicates, no gaps, nothing that reads as one value.</source>
        <translation>Alles gut: nichts fast gleich, keine Lücken, nichts wirkt wie ein Tonwert.</translation>
    </message>
    <message>
        <source>%1 of %2 swatches do not print: %3</source>
        <translation>%1 von %2 Farbfeldern sind nicht druckbar: %3</translation>
    </message>
    <message>
        <source>Use printable colors</source>
        <translation>Druckbare Farben verwenden</translation>
    </message>
    <message>
        <source>Replace them with the nearest printable colors; the set before it is saved as a version</source>
        <translation>Durch die nächsten druckbaren Farben ersetzen; der Satz davor wird als Version gespeichert</translation>
    </message>
    <message>
        <source>%1 compared with %2: difference %3 (CIEDE2000), in value %4</source>
        <translation>%1 verglichen mit %2: Abstand %3 (CIEDE2000), im Tonwert %4</translation>
    </message>
    <message numerus="yes">
        <source>%n things to look at, the most important first</source>
        <translation>
            <numerusform>%n Sache anzusehen</numerusform>
            <numerusform>%n Sachen anzusehen, die wichtigste zuerst</numerusform>
        </translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Select the swatches, see them one by one or as others see them: %1</source>
        <translation>Die Farbfelder auswählen, einzeln oder mit anderem Farbsehen ansehen: %1</translation>
    </message>
    <message>
        <source>More: %1</source>
        <translation>Mehr: %1</translation>
    </message>
    <message>
        <source>Select swatches</source>
        <translation>Farbfelder auswählen</translation>
    </message>
    <message>
        <source>See with %1</source>
        <translation>Ansehen mit %1</translation>
    </message>
    <message>
        <source>Show one by one</source>
        <translation>Einzeln zeigen</translation>
    </message>
    <message>
        <source>Turn families to it</source>
        <translation>Familien dorthin drehen</translation>
    </message>
    <message>
        <source>Turn families to %1</source>
        <translation>Familien drehen: %1</translation>
    </message>
    <message>
        <source>Compare</source>
        <translation>Vergleichen</translation>
    </message>
    <message>
        <source>Compare the hues with another relation</source>
        <translation>Die Farbtöne mit einer anderen Beziehung vergleichen</translation>
    </message>
    <message>
        <source>%1, %2° off</source>
        <translation>%1, weicht %2° ab</translation>
    </message>
</context>
<context>
    <name>zc::ResultsPanel</name>
    <message>
        <source>Colors taken from the photo</source>
        <translation>Aus dem Foto genommene Farben</translation>
    </message>
    <message>
        <source>%1, %2 % of the photo</source>
        <translation>%1, %2 % des Fotos</translation>
    </message>
    <message>
        <source>, an accent</source>
        <translation>, ein Akzent</translation>
    </message>
    <message numerus="yes">
        <source>, %n of them accents</source>
        <translation>
            <numerusform>, davon %n Akzent</numerusform>
            <numerusform>, davon %n Akzente</numerusform>
        </translation>
    </message>
    <message>
        <source>Replace with current</source>
        <translation>Durch aktuelle ersetzen</translation>
    </message>
    <message>
        <source>Replace the chosen result with the current color; its pin on the photo stays</source>
        <translation>Das gewählte Ergebnis durch die aktuelle Farbe ersetzen; seine Nadel auf dem Foto bleibt</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove the chosen result (Delete on the photo)</source>
        <translation>Das gewählte Ergebnis entfernen (Entf auf dem Foto)</translation>
    </message>
    <message>
        <source>Fill up</source>
        <translation>Auffüllen</translation>
    </message>
    <message>
        <source>Take new colors for those you removed; the others stay</source>
        <translation>Neue Farben für die entfernten nehmen; die anderen bleiben</translation>
    </message>
    <message>
        <source>Add by hue</source>
        <translation>Nach Farbton hinzufügen</translation>
    </message>
    <message>
        <source>Add the results to the set in families by hue, in one step</source>
        <translation>Die Ergebnisse in einem Schritt als Familien nach Farbton hinzufügen</translation>
    </message>
    <message>
        <source>Add by value band</source>
        <translation>Nach Tonwertband hinzufügen</translation>
    </message>
    <message>
        <source>Add the results to the set in the families light, middle and dark, in one step</source>
        <translation>Die Ergebnisse in einem Schritt als Familien hell, mittel und dunkel hinzufügen</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Discard all results</source>
        <translation>Alle Ergebnisse verwerfen</translation>
    </message>
    <message numerus="yes">
        <source>%n results</source>
        <translation>
            <numerusform>%n Ergebnis</numerusform>
            <numerusform>%n Ergebnisse</numerusform>
        </translation>
    </message>
    <message>
        <source>%1, %2 %%3. Click to use the color.</source>
        <translation>%1, %2 %%3. Klick verwendet die Farbe.</translation>
    </message>
    <message>
        <source>No results yet. Take palette finds colors and pins them to the photo.</source>
        <translation>Noch keine Ergebnisse. &quot;Palette nehmen&quot; findet Farben und heftet sie ans Foto.</translation>
    </message>
    <message>
        <source>There are no results. Press Take palette first.</source>
        <translation>Es gibt keine Ergebnisse. Zuerst die Palette nehmen.</translation>
    </message>
    <message>
        <source>Click one of the results on the photo first.</source>
        <translation>Zuerst eines der Ergebnisse auf dem Foto anklicken.</translation>
    </message>
</context>
<context>
    <name>zc::RowsView</name>
    <message>
        <source>The set in rows</source>
        <translation>Der Satz in Zeilen</translation>
    </message>
    <message>
        <source>swap</source>
        <translation>tauschen</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Aktuelle Farbe hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color to the set (Ctrl+L)</source>
        <translation>Die aktuelle Farbe zum Satz hinzufügen (Strg+L)</translation>
    </message>
    <message>
        <source>The set in rows, a family to a row, with free places and gaps. It is empty.</source>
        <translation>Der Satz in Reihen, je Familie eine, mit freien Plätzen und Lücken. Er ist leer.</translation>
    </message>
    <message>
        <source>Drag a swatch to a free place, onto another to swap them, or between two to insert it. Click to select, double-click to use the color; click a free place to add the current color.</source>
        <translation>Ein Farbfeld auf einen freien Platz ziehen, auf ein anderes zum Tauschen oder zwischen zwei zum Einfügen. Klicken wählt aus, Doppelklick nimmt die Farbe; ein Klick auf einen freien Platz fügt die aktuelle Farbe hinzu.</translation>
    </message>
</context>
<context>
    <name>zc::ScreenSampler</name>
    <message>
        <source>%1 picks a color from the screen in any program.</source>
        <translation>%1 wählt in jedem Programm eine Farbe vom Bildschirm.</translation>
    </message>
    <message>
        <source>This desktop does not let programs see the screen.</source>
        <translation>Dieser Desktop lässt Programme den Bildschirm nicht sehen.</translation>
    </message>
    <message>
        <source>from screen</source>
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
        <source>neutral</source>
        <translation>neutral</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Drag to set value and saturation of this hue; its complement is left of the middle.</source>
        <translation>Ziehen setzt Tonwert und Sättigung dieses Farbtons; links der Mitte liegt sein Komplement.</translation>
    </message>
</context>
<context>
    <name>zc::SetFiles</name>
    <message>
        <source>Palettes and pictures (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;All files (*)</source>
        <translation>Paletten und Bilder (*.json *.cxf *.txt *.css *.csv *.hex *.svg %1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Text (*.txt *.csv *.tsv);;All files (*)</source>
        <translation>Text (*.txt *.csv *.tsv);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Zonachrom parcels (*.zonaparcel)</source>
        <translation>Zonachrom-Pakete (*.zonaparcel)</translation>
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
    <message>
        <source>The set is empty. Add swatches before you export it.</source>
        <translation>Der Satz ist leer. Vor dem Exportieren Farbfelder hinzufügen.</translation>
    </message>
    <message>
        <source>There is nothing to pack yet. Add swatches or make a mask first.</source>
        <translation>Noch gibt es nichts zu packen. Zuerst Farbfelder hinzufügen oder eine Maske machen.</translation>
    </message>
    <message>
        <source>The parcel is empty. Tick at least one set or mask.</source>
        <translation>Das Paket ist leer. Mindestens einen Satz oder eine Maske abhaken.</translation>
    </message>
    <message>
        <source>Saved %1 to the shelf from &quot;%2&quot;; %3 were already there.</source>
        <translation>%1 aus &quot;%2&quot; ins Regal gestellt; %3 waren schon da.</translation>
    </message>
</context>
<context>
    <name>zc::SetGroup</name>
    <message>
        <source>Choose the family that colors are added to</source>
        <translation>Die Familie wählen, zu der Farben hinzukommen</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Zum Satz hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color to the chosen family (Ctrl+L)</source>
        <translation>Die aktuelle Farbe zur gewählten Familie hinzufügen (Strg+L)</translation>
    </message>
    <message>
        <source>Adding a color makes the first family</source>
        <translation>Die erste Farbe legt die erste Familie an</translation>
    </message>
    <message>
        <source>to %1</source>
        <translation>zu %1</translation>
    </message>
    <message>
        <source>to a new family</source>
        <translation>zu einer neuen Familie</translation>
    </message>
</context>
<context>
    <name>zc::SetWheel</name>
    <message>
        <source>The set on the wheel</source>
        <translation>Der Satz auf dem Farbkreis</translation>
    </message>
    <message>
        <source>The swatches on the wheel. The solid outline is the mask; the dotted outline holds all mixtures of the swatches.</source>
        <translation>Die Farbfelder auf dem Farbkreis. Der durchgezogene Umriss ist die Maske; der gepunktete umfasst alle Mischungen der Farbfelder.</translation>
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
        <source>Duplicate swatches</source>
        <translation>Farbfelder verdoppeln</translation>
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
    <message>
        <source>Select swatches first: click one, or drag around several.</source>
        <translation>Zuerst Farbfelder auswählen: eines anklicken oder um mehrere ziehen.</translation>
    </message>
    <message>
        <source>Replace with current color</source>
        <translation>Durch aktuelle Farbe ersetzen</translation>
    </message>
    <message>
        <source>Lock swatches</source>
        <translation>Farbfelder sperren</translation>
    </message>
    <message>
        <source>Unlock swatches</source>
        <translation>Farbfelder freigeben</translation>
    </message>
    <message>
        <source>Select two swatches first, to add colors between them.</source>
        <translation>Zuerst zwei Farbfelder auswählen, um Farben dazwischen hinzuzufügen.</translation>
    </message>
    <message>
        <source>Add colors between</source>
        <translation>Farben dazwischen hinzufügen</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Code entfernen</translation>
    </message>
    <message>
        <source>Mark ink</source>
        <translation>Druckfarbe kennzeichnen</translation>
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
        <source>Move set</source>
        <translation>Satz verschieben</translation>
    </message>
    <message>
        <source>Add an empty set</source>
        <translation>Einen leeren Satz hinzufügen</translation>
    </message>
    <message>
        <source>Duplicate set</source>
        <translation>Satz duplizieren</translation>
    </message>
    <message>
        <source>Remove set</source>
        <translation>Satz entfernen</translation>
    </message>
    <message>
        <source>Move the current set up</source>
        <translation>Den aktuellen Satz nach oben</translation>
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
        <source>Remove version</source>
        <translation>Version entfernen</translation>
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
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Versions of the current set; &quot;versions&quot; shows those ticked beside it</source>
        <translation>Versionen des aktuellen Satzes; &quot;Versionen&quot; zeigt die abgehakten daneben</translation>
    </message>
    <message>
        <source>Name of the new version</source>
        <translation>Name der neuen Version</translation>
    </message>
    <message>
        <source>Tags, with commas</source>
        <translation>Schlagwörter, mit Kommas</translation>
    </message>
    <message>
        <source>Note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>Save version</source>
        <translation>Version speichern</translation>
    </message>
    <message>
        <source>Save the set as it is now as a version</source>
        <translation>Den Satz, wie er jetzt ist, als Version speichern</translation>
    </message>
    <message>
        <source>Add set</source>
        <translation>Satz hinzufügen</translation>
    </message>
    <message>
        <source>Add a copy of the current set</source>
        <translation>Eine Kopie des aktuellen Satzes hinzufügen</translation>
    </message>
    <message>
        <source>Remove the current set from the piece (Undo brings it back)</source>
        <translation>Den aktuellen Satz aus dem Werk entfernen (Rückgängig bringt ihn zurück)</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Restore version</source>
        <translation>Version wiederherstellen</translation>
    </message>
    <message>
        <source>Make the set what it is in this version. The set as it is now is saved as a version.</source>
        <translation>Den Satz zu dem machen, was er in dieser Version ist. Der Satz von jetzt wird als Version gespeichert.</translation>
    </message>
    <message>
        <source>Edit note</source>
        <translation>Notiz bearbeiten</translation>
    </message>
    <message>
        <source>No versions yet. Save the set as it is now; then you can change it freely.</source>
        <translation>Noch keine Versionen. Den Satz speichern, wie er jetzt ist; dann lässt er sich frei ändern.</translation>
    </message>
    <message>
        <source>Remove the chosen version of the set</source>
        <translation>Die gewählte Version des Satzes entfernen</translation>
    </message>
    <message>
        <source>The current set stands first.</source>
        <translation>Der aktuelle Satz steht an erster Stelle.</translation>
    </message>
    <message>
        <source>The current set stands last.</source>
        <translation>Der aktuelle Satz steht an letzter Stelle.</translation>
    </message>
</context>
<context>
    <name>zc::ShareDesk</name>
    <message>
        <source>Sheet</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>Files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Wheel</source>
        <translation>Farbkreis</translation>
    </message>
    <message>
        <source>Parcel</source>
        <translation>Paket</translation>
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
    <message>
        <source>Print or save the plan as a sheet</source>
        <translation>Den Plan als Blatt drucken oder speichern</translation>
    </message>
    <message>
        <source>See which swatches a press can print</source>
        <translation>Sehen, welche Farbfelder ein Druck drucken kann</translation>
    </message>
    <message>
        <source>Export the set in several formats at once</source>
        <translation>Den Satz in mehreren Formaten auf einmal exportieren</translation>
    </message>
    <message>
        <source>Save the wheel and its mask as a picture</source>
        <translation>Den Farbkreis mit seiner Maske als Bild speichern</translation>
    </message>
    <message>
        <source>Pack sets and masks for someone else, or open what you were given</source>
        <translation>Sätze und Masken für jemand anderen packen, oder öffnen, was man bekommen hat</translation>
    </message>
    <message>
        <source>Previous page</source>
        <translation>Vorige Seite</translation>
    </message>
    <message>
        <source>Show the previous page (Page Up)</source>
        <translation>Die vorige Seite zeigen (Bild auf)</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Nächste Seite</translation>
    </message>
    <message>
        <source>Show the next page (Page Down)</source>
        <translation>Die nächste Seite zeigen (Bild ab)</translation>
    </message>
    <message>
        <source>This is the first page.</source>
        <translation>Das ist die erste Seite.</translation>
    </message>
    <message>
        <source>This is the last page.</source>
        <translation>Das ist die letzte Seite.</translation>
    </message>
</context>
<context>
    <name>zc::ShareFiles</name>
    <message>
        <source>sheet.%1</source>
        <translation>blatt.%1</translation>
    </message>
    <message>
        <source>Sheets (*.%1)</source>
        <translation>Blätter (*.%1)</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Bilder (*.png *.svg)</translation>
    </message>
    <message>
        <source>Another file is still being read or written. Wait for it, or stop it first.</source>
        <translation>Eine andere Datei wird noch gelesen oder geschrieben. Darauf warten oder sie zuerst anhalten.</translation>
    </message>
    <message>
        <source>Saving the sheet</source>
        <translation>Das Blatt wird gespeichert</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>In &quot;%1&quot; gespeichert.</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot; and %2 more files.</source>
        <translation>In &quot;%1&quot; und %2 weiteren Dateien gespeichert.</translation>
    </message>
    <message>
        <source>Drawing the sheet</source>
        <translation>Das Blatt wird gezeichnet</translation>
    </message>
    <message>
        <source>The sheet was not printed, because the printer, or the file it prints to, refused it.</source>
        <translation>Das Blatt wurde nicht gedruckt, weil der Drucker oder die Datei, in die er druckt, es nicht annahm.</translation>
    </message>
    <message>
        <source>wheel.png</source>
        <translation>farbkreis.png</translation>
    </message>
    <message>
        <source>Saving the wheel</source>
        <translation>Der Farbkreis wird gespeichert</translation>
    </message>
    <message>
        <source>Drawing the wheel</source>
        <translation>Der Farbkreis wird gezeichnet</translation>
    </message>
    <message>
        <source>Copied the wheel, %1 × %2 pixels.</source>
        <translation>Farbkreis kopiert, %1 × %2 Pixel.</translation>
    </message>
    <message>
        <source>The files were not exported. Exporting at every save is now off.</source>
        <translation>Die Dateien wurden nicht exportiert. Das Exportieren bei jedem Speichern ist jetzt aus.</translation>
    </message>
    <message>
        <source>Exporting the files</source>
        <translation>Die Dateien werden exportiert</translation>
    </message>
</context>
<context>
    <name>zc::ShareMenu</name>
    <message>
        <source>&amp;Share</source>
        <translation>&amp;Teilen</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Das Blatt in einer Vorschau sehen und drucken</translation>
    </message>
    <message>
        <source>Choose a press first.</source>
        <translation>Zuerst einen Druck wählen.</translation>
    </message>
    <message>
        <source>Press profiles (*.icc *.icm)</source>
        <translation>Druckprofile (*.icc *.icm)</translation>
    </message>
    <message>
        <source>Save &amp;wheel as picture...</source>
        <translation>Farb&amp;kreis als Bild speichern...</translation>
    </message>
    <message>
        <source>Save the wheel as PNG, or its outlines as SVG</source>
        <translation>Den Farbkreis als PNG speichern, oder seine Umrisse als SVG</translation>
    </message>
    <message>
        <source>&amp;Copy wheel as picture</source>
        <translation>Farbkreis als Bild k&amp;opieren</translation>
    </message>
    <message>
        <source>Copy the wheel to the clipboard as a picture</source>
        <translation>Den Farbkreis als Bild in die Zwischenablage kopieren</translation>
    </message>
    <message>
        <source>E&amp;xport ticked files again</source>
        <translation>Abgehakte Dateien erneut e&amp;xportieren</translation>
    </message>
    <message>
        <source>Export every ticked format to the chosen folder again</source>
        <translation>Jedes abgehakte Format erneut in den gewählten Ordner exportieren</translation>
    </message>
    <message>
        <source>Import &amp;lines...</source>
        <translation>Zei&amp;len importieren...</translation>
    </message>
    <message>
        <source>Import the swatches of a text file by the pattern of your own lines</source>
        <translation>Die Farbfelder einer Textdatei nach dem Muster der eigenen Zeilen importieren</translation>
    </message>
    <message>
        <source>Show &amp;sheet</source>
        <translation>&amp;Blatt zeigen</translation>
    </message>
    <message>
        <source>Show the plan as a sheet to print or save</source>
        <translation>Den Plan als Blatt zum Drucken oder Speichern zeigen</translation>
    </message>
    <message>
        <source>Show &amp;press</source>
        <translation>&amp;Druck zeigen</translation>
    </message>
    <message>
        <source>Show which swatches a press can print</source>
        <translation>Zeigen, welche Farbfelder ein Druck drucken kann</translation>
    </message>
    <message>
        <source>Show &amp;files</source>
        <translation>Da&amp;teien zeigen</translation>
    </message>
    <message>
        <source>Show every format the set can be exported in</source>
        <translation>Jedes Format zeigen, in dem sich der Satz exportieren lässt</translation>
    </message>
    <message>
        <source>Show par&amp;cels</source>
        <translation>Pa&amp;kete zeigen</translation>
    </message>
    <message>
        <source>Pack a parcel for someone else, or open one you were given</source>
        <translation>Ein Paket für jemand anderen packen, oder eines öffnen, das man bekommen hat</translation>
    </message>
    <message>
        <source>Show w&amp;heel as picture</source>
        <translation>Fa&amp;rbkreis als Bild zeigen</translation>
    </message>
    <message>
        <source>Show the wheel as a picture for a layer of your canvas</source>
        <translation>Den Farbkreis als Bild für eine Ebene der Leinwand zeigen</translation>
    </message>
    <message>
        <source>Save sheet as P&amp;DF...</source>
        <translation>Blatt als &amp;PDF speichern...</translation>
    </message>
    <message>
        <source>Save all pages of the sheet as one PDF</source>
        <translation>Alle Seiten des Blatts als eine PDF speichern</translation>
    </message>
    <message>
        <source>Save sheet as S&amp;VG...</source>
        <translation>Blatt als S&amp;VG speichern...</translation>
    </message>
    <message>
        <source>Save the sheet as SVG, one file for each page</source>
        <translation>Das Blatt als SVG speichern, eine Datei je Seite</translation>
    </message>
    <message>
        <source>Save sheet as P&amp;NG...</source>
        <translation>Blatt als P&amp;NG speichern...</translation>
    </message>
    <message>
        <source>Save the sheet as PNG, one file for each page</source>
        <translation>Das Blatt als PNG speichern, eine Datei je Seite</translation>
    </message>
    <message>
        <source>P&amp;rint sheet...</source>
        <translation>Blatt dr&amp;ucken...</translation>
    </message>
    <message>
        <source>&amp;Add press profile...</source>
        <translation>Druckprofil &amp;hinzufügen...</translation>
    </message>
    <message>
        <source>Add the ICC profile of a four-color press to the shelf</source>
        <translation>Das ICC-Profil eines Vierfarbdrucks ins Regal stellen</translation>
    </message>
    <message>
        <source>Show as print&amp;ed</source>
        <translation>Wie &amp;gedruckt zeigen</translation>
    </message>
    <message>
        <source>Show sheet, staff and Try as the chosen press prints them</source>
        <translation>Blatt, Notenzeile und Probieren so zeigen, wie der gewählte Druck sie druckt</translation>
    </message>
    <message>
        <source>&amp;Use all printable colors</source>
        <translation>Alle druckbaren Farben &amp;verwenden</translation>
    </message>
    <message>
        <source>Replace each swatch that does not print with the nearest color that does; the set before it is saved as a version</source>
        <translation>Jedes nicht druckbare Farbfeld durch die nächste druckbare Farbe ersetzen; der Satz davor wird als Version gespeichert</translation>
    </message>
    <message>
        <source>%1 was added to the shelf.</source>
        <translation>%1 steht jetzt im Regal.</translation>
    </message>
</context>
<context>
    <name>zc::ShareModel</name>
    <message>
        <source>Choose at least one format first.</source>
        <translation>Zuerst mindestens ein Format wählen.</translation>
    </message>
    <message>
        <source>Choose a folder first.</source>
        <translation>Zuerst einen Ordner wählen.</translation>
    </message>
    <message>
        <source>The piece has no set yet.</source>
        <translation>Das Werk hat noch keinen Satz.</translation>
    </message>
</context>
<context>
    <name>zc::ShareStage</name>
    <message>
        <source>Page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>The sheet or the wheel as it will be saved</source>
        <translation>Das Blatt oder der Farbkreis, wie es gespeichert wird</translation>
    </message>
    <message>
        <source>Scroll to zoom, drag to move, press Page Down for the next page and 0 to see all of it.</source>
        <translation>Mausrad vergrößert, Ziehen verschiebt, Bild ab blättert um, 0 zeigt alles.</translation>
    </message>
</context>
<context>
    <name>zc::SheetPanel</name>
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
        <source>signature and date</source>
        <translation>Signatur und Datum</translation>
    </message>
    <message>
        <source>On the sheet</source>
        <translation>Auf dem Blatt</translation>
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
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Paper, or the size of a screen</source>
        <translation>Papier, oder die Größe eines Bildschirms</translation>
    </message>
    <message>
        <source>Margin, 5 to 40 millimetres</source>
        <translation>Rand, 5 bis 40 Millimeter</translation>
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
        <source>Print</source>
        <translation>Drucken</translation>
    </message>
    <message>
        <source>See the sheet in a preview and print it</source>
        <translation>Das Blatt in einer Vorschau sehen und drucken</translation>
    </message>
    <message>
        <source>title and description</source>
        <translation>Titel und Beschreibung</translation>
    </message>
    <message>
        <source>swatches needed, present, missing</source>
        <translation>Farbfelder nötig, vorhanden, fehlend</translation>
    </message>
    <message>
        <source>reference as study</source>
        <translation>Vorlage als Studie</translation>
    </message>
    <message>
        <source>Show the reference as at Try, every pixel in its swatch</source>
        <translation>Die Vorlage wie beim Probieren zeigen, jedes Pixel in seinem Farbfeld</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Show the swatches in one row by value, not family by family</source>
        <translation>Die Farbfelder in einer Reihe nach Tonwert zeigen, nicht nach Familien</translation>
    </message>
    <message>
        <source>Write this beside each swatch</source>
        <translation>Dies neben jedes Farbfeld schreiben</translation>
    </message>
    <message>
        <source>landscape</source>
        <translation>Querformat</translation>
    </message>
    <message>
        <source>Turn the paper to landscape</source>
        <translation>Das Papier quer legen</translation>
    </message>
    <message>
        <source>dark background</source>
        <translation>dunkler Hintergrund</translation>
    </message>
    <message>
        <source>Print light text on a dark background</source>
        <translation>Helle Schrift auf dunklem Hintergrund drucken</translation>
    </message>
    <message>
        <source>Value at which the wheel is shown, L*</source>
        <translation>Tonwert, bei dem der Farbkreis gezeigt wird, L*</translation>
    </message>
    <message>
        <source>Save PDF</source>
        <translation>PDF speichern</translation>
    </message>
    <message>
        <source>Save all pages of the sheet as one PDF</source>
        <translation>Alle Seiten des Blatts als eine PDF speichern</translation>
    </message>
    <message>
        <source>Save SVG</source>
        <translation>SVG speichern</translation>
    </message>
    <message>
        <source>Save the sheet as SVG, one file for each page</source>
        <translation>Das Blatt als SVG speichern, eine Datei je Seite</translation>
    </message>
    <message>
        <source>Save PNG</source>
        <translation>PNG speichern</translation>
    </message>
    <message>
        <source>Parts of the sheet</source>
        <translation>Teile des Blatts</translation>
    </message>
    <message>
        <source>Tick what is shown on the sheet; drag a part to move it</source>
        <translation>Ankreuzen, was auf dem Blatt steht; ein Teil lässt sich ziehen</translation>
    </message>
    <message>
        <source>Move the chosen part up</source>
        <translation>Den gewählten Teil nach oben setzen</translation>
    </message>
    <message>
        <source>Move the chosen part down</source>
        <translation>Den gewählten Teil nach unten setzen</translation>
    </message>
    <message>
        <source>Margin</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Wheel at value</source>
        <translation>Farbkreis bei Tonwert</translation>
    </message>
    <message>
        <source>On the vivid wheel each hue has a value of its own.</source>
        <translation>Im leuchtenden Farbkreis hat jeder Farbton seinen eigenen Tonwert.</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>color keys, as listed at Limit</source>
        <translation>Farbklänge, wie bei Begrenzen aufgelistet</translation>
    </message>
    <message>
        <source>swatches on wheel</source>
        <translation>Farbfelder im Kreis</translation>
    </message>
    <message>
        <source>Mark the place of each swatch on the wheel</source>
        <translation>Den Ort jedes Farbfelds auf dem Farbkreis zeigen</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Choose the sets that are on the sheet</source>
        <translation>Die Sätze wählen, die auf dem Blatt stehen</translation>
    </message>
    <message>
        <source>with their notes</source>
        <translation>mit Notizen</translation>
    </message>
    <message>
        <source>Write the note of a set above its swatches</source>
        <translation>Die Notiz eines Satzes über seine Farbfelder schreiben</translation>
    </message>
    <message>
        <source>large</source>
        <translation>groß</translation>
    </message>
    <message>
        <source>Show large swatches with their words below them</source>
        <translation>Große Farbfelder mit ihren Worten darunter zeigen</translation>
    </message>
    <message>
        <source>Save the sheet as PNG, one file for each page: at 300 pixels per inch, or of just so many pixels where the size is in pixels</source>
        <translation>Das Blatt als PNG sichern, eine Datei je Seite: mit 300 Pixeln pro Zoll oder mit genau so vielen Pixeln, wo die Größe in Pixeln angegeben ist</translation>
    </message>
    <message>
        <source>A square is as wide as it is high.</source>
        <translation>Ein Quadrat ist so breit wie hoch.</translation>
    </message>
    <message>
        <source>Set: %1</source>
        <translation>Satz: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n sets</source>
        <translation>
            <numerusform>%n Satz</numerusform>
            <numerusform>%n Sätze</numerusform>
        </translation>
    </message>
    <message>
        <source>The chosen part stands first.</source>
        <translation>Der gewählte Teil steht an erster Stelle.</translation>
    </message>
    <message>
        <source>The chosen part stands last.</source>
        <translation>Der gewählte Teil steht an letzter Stelle.</translation>
    </message>
</context>
<context>
    <name>zc::ShelfPanel</name>
    <message>
        <source>Rename</source>
        <translation>Umbenennen</translation>
    </message>
    <message>
        <source>Search the shelf</source>
        <translation>Das Regal durchsuchen</translation>
    </message>
    <message>
        <source>Use the chosen one in this piece</source>
        <translation>Das Gewählte in diesem Werk verwenden</translation>
    </message>
    <message>
        <source>Save to shelf</source>
        <translation>Ins Regal stellen</translation>
    </message>
    <message>
        <source>Use</source>
        <translation>Verwenden</translation>
    </message>
    <message>
        <source>Update</source>
        <translation>Aktualisieren</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>On the shelf; double-click to use one</source>
        <translation>Im Regal; Doppelklick verwendet eines</translation>
    </message>
    <message>
        <source>Name on the shelf</source>
        <translation>Name im Regal</translation>
    </message>
    <message>
        <source>Tags on the shelf</source>
        <translation>Schlagwörter im Regal</translation>
    </message>
    <message>
        <source>Save what the piece has to the shelf under this name</source>
        <translation>Was das Werk hat, unter diesem Namen ins Regal stellen</translation>
    </message>
    <message>
        <source>Replace the chosen one with what the piece has; name and tags stay</source>
        <translation>Das Gewählte durch das ersetzen, was das Werk hat; Name und Schlagwörter bleiben</translation>
    </message>
    <message>
        <source>Give the chosen one the name and tags typed here</source>
        <translation>Dem Gewählten den hier eingegebenen Namen und die Schlagwörter geben</translation>
    </message>
    <message>
        <source>Turn the chosen one off, which moves it to the end of the shelf, or on again</source>
        <translation>Das Gewählte ausschalten, womit es ans Ende des Regals kommt, oder wieder ein</translation>
    </message>
    <message>
        <source>Delete the chosen one from the shelf; what came with the program stays</source>
        <translation>Das Gewählte aus dem Regal löschen; was mit dem Programm kam, bleibt</translation>
    </message>
    <message>
        <source>Search names and tags</source>
        <translation>Namen und Schlagwörter suchen</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Tags, with commas</source>
        <translation>Schlagwörter, mit Kommas</translation>
    </message>
    <message>
        <source>The shelf is empty. Type a name below and press Save to shelf.</source>
        <translation>Das Regal ist leer. Unten einen Namen eingeben und &quot;Ins Regal stellen&quot; drücken.</translation>
    </message>
    <message>
        <source>No %1 on the shelf match these words.</source>
        <translation>Keine %1 im Regal passen zu diesen Wörtern.</translation>
    </message>
    <message>
        <source>The piece has nothing of this kind to save.</source>
        <translation>Das Werk hat nichts dieser Art zu speichern.</translation>
    </message>
    <message>
        <source>Type a name first.</source>
        <translation>Zuerst einen Namen eingeben.</translation>
    </message>
    <message>
        <source>Turn on/off</source>
        <translation>Ein/aus</translation>
    </message>
    <message>
        <source>The piece has nothing to save there yet.</source>
        <translation>Das Werk hat dafür noch nichts zu speichern.</translation>
    </message>
    <message>
        <source>Choose one from the list first.</source>
        <translation>Zuerst etwas aus der Liste wählen.</translation>
    </message>
    <message>
        <source>Choose one of your own first; what came with the program stays as it is.</source>
        <translation>Zuerst etwas Eigenes wählen; was mit dem Programm kam, bleibt, wie es ist.</translation>
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
        <source>Move family</source>
        <translation>Familie verschieben</translation>
    </message>
    <message>
        <source>Rename swatch</source>
        <translation>Farbfeld umbenennen</translation>
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
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Rename family</source>
        <translation>Familie umbenennen</translation>
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
        <source>%1, %2, value %3%4, in %5. %6</source>
        <translation>%1, %2, Tonwert %3%4, in %5. %6</translation>
    </message>
    <message>
        <source>Family %1</source>
        <translation>Familie %1</translation>
    </message>
    <message>
        <source>New family</source>
        <translation>Neue Familie</translation>
    </message>
    <message>
        <source>The other set has no family yet. Show it and add a family first.</source>
        <translation>Der andere Satz hat noch keine Familie. Ihn zeigen und zuerst eine Familie hinzufügen.</translation>
    </message>
    <message>
        <source>Replace with current color</source>
        <translation>Durch aktuelle Farbe ersetzen</translation>
    </message>
    <message>
        <source>Split off as family</source>
        <translation>Als Familie abteilen</translation>
    </message>
    <message>
        <source>Merge with next family</source>
        <translation>Mit nächster Familie vereinen</translation>
    </message>
    <message>
        <source>%1. Click to add it to the chosen family.</source>
        <translation>%1. Klick fügt sie zur gewählten Familie hinzu.</translation>
    </message>
    <message>
        <source>Click a column at the value line to add the current color. Drag over free space to select, drag the line to change the value.</source>
        <translation>Eine Spalte an der Tonwertlinie anklicken, um die aktuelle Farbe hinzuzufügen. Über freien Raum ziehen wählt aus, die Linie ziehen ändert den Tonwert.</translation>
    </message>
    <message>
        <source>Click to select, double-click or press Enter to use the color, drag to move.</source>
        <translation>Klick wählt aus, Doppelklick oder Eingabe verwendet die Farbe, Ziehen verschiebt.</translation>
    </message>
    <message>
        <source>Click to use the color, drag to move.</source>
        <translation>Klick verwendet die Farbe, Ziehen verschiebt.</translation>
    </message>
    <message>
        <source>results</source>
        <translation>Ergebnisse</translation>
    </message>
    <message>
        <source>ramp</source>
        <translation>Farbreihe</translation>
    </message>
    <message>
        <source>add</source>
        <translation>hinzufügen</translation>
    </message>
    <message>
        <source>No swatches yet. Add them in the main window.</source>
        <translation>Noch keine Farbfelder. Im Hauptfenster hinzufügen.</translation>
    </message>
    <message>
        <source>Ramp, step %1: %2</source>
        <translation>Farbreihe, Stufe %1: %2</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Zum Satz hinzufügen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>The set by value: light colors stand high, dark ones low. It is empty.</source>
        <translation>Der Satz nach Tonwert: helle Farben stehen oben, dunkle unten. Er ist leer.</translation>
    </message>
    <message>
        <source>Add current color</source>
        <translation>Aktuelle Farbe hinzufügen</translation>
    </message>
    <message>
        <source>Add the current color to the set (Ctrl+L)</source>
        <translation>Die aktuelle Farbe zum Satz hinzufügen (Strg+L)</translation>
    </message>
    <message>
        <source>Drag up or down to move all selected swatches in value.</source>
        <translation>Nach oben oder unten ziehen verschiebt alle ausgewählten Farbfelder im Tonwert.</translation>
    </message>
</context>
<context>
    <name>zc::StepsLine</name>
    <message>
        <source>At Pick: drag the white line, pick in the wheel, press Ctrl+L</source>
        <translation>Beim Wählen: die weiße Linie ziehen, im Farbkreis wählen, Strg+L drücken</translation>
    </message>
    <message>
        <source>First steps</source>
        <translation>Erste Schritte</translation>
    </message>
    <message>
        <source>%1, done</source>
        <translation>%1, getan</translation>
    </message>
    <message>
        <source>Add a photo</source>
        <translation>Ein Foto hinzufügen</translation>
    </message>
    <message>
        <source>At Observe: drop a photo on the window, or press Add photo</source>
        <translation>Beim Ansehen: ein Foto auf dem Fenster ablegen oder &quot;Foto hinzufügen&quot; drücken</translation>
    </message>
    <message>
        <source>Make a mask</source>
        <translation>Eine Maske machen</translation>
    </message>
    <message>
        <source>At Limit: press a pattern, then drag outside the rim to turn the mask</source>
        <translation>Beim Begrenzen: ein Muster drücken, dann außerhalb des Rands ziehen, um die Maske zu drehen</translation>
    </message>
    <message>
        <source>Add a swatch</source>
        <translation>Ein Farbfeld hinzufügen</translation>
    </message>
    <message>
        <source>Grade the set</source>
        <translation>Den Satz abstufen</translation>
    </message>
    <message>
        <source>At Grade: read the report and press a remedy</source>
        <translation>Beim Abstufen: den Bericht lesen und eine Abhilfe drücken</translation>
    </message>
    <message>
        <source>At Try: see the photo in your swatches</source>
        <translation>Beim Probieren: das Foto in den eigenen Farbfeldern sehen</translation>
    </message>
    <message>
        <source>Press Ctrl+S to save the piece</source>
        <translation>Mit Strg+S das Werk speichern</translation>
    </message>
    <message>
        <source>At Share: save the sheet, or export files for the program you paint with</source>
        <translation>Beim Teilen: das Blatt speichern oder Dateien für das Malprogramm exportieren</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>Close the first steps; the Help menu shows them again</source>
        <translation>Die ersten Schritte schließen; das Menü Hilfe zeigt sie wieder</translation>
    </message>
    <message>
        <source>First steps done. The handbook (F1) has more.</source>
        <translation>Erste Schritte geschafft. Mehr steht im Handbuch (F1).</translation>
    </message>
    <message>
        <source>At Observe: click the photo, or press Take palette</source>
        <translation>Beim Ansehen: auf das Foto klicken oder &quot;Palette nehmen&quot; drücken</translation>
    </message>
    <message>
        <source>Sample colors</source>
        <translation>Farben nehmen</translation>
    </message>
    <message>
        <source>See the set in the picture</source>
        <translation>Den Satz im Bild sehen</translation>
    </message>
    <message>
        <source>Save the piece</source>
        <translation>Das Werk speichern</translation>
    </message>
    <message>
        <source>Print or export</source>
        <translation>Drucken oder exportieren</translation>
    </message>
</context>
<context>
    <name>zc::StepsPanel</name>
    <message>
        <source>hues</source>
        <translation>Farbtöne</translation>
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
        <source>values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>Number of %1</source>
        <translation>Anzahl der %1</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>Pick in this many steps of hue: off, or 3 to 360</source>
        <translation>In so vielen Farbtonstufen wählen: aus, oder 3 bis 360</translation>
    </message>
    <message>
        <source>Pick in this many steps of saturation from neutral to the rim: off, or 1 to 50</source>
        <translation>In so vielen Sättigungsstufen von Neutral bis zum Rand wählen: aus, oder 1 bis 50</translation>
    </message>
    <message>
        <source>Pick in this many steps of value from black to white: off, or 2 to 101</source>
        <translation>In so vielen Tonwertstufen von Schwarz bis Weiß wählen: aus, oder 2 bis 101</translation>
    </message>
    <message>
        <source>Hues</source>
        <translation>Farbtöne</translation>
    </message>
    <message>
        <source>Saturations</source>
        <translation>Sättigungen</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Tonwerte</translation>
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
        <source>%1 of the current color</source>
        <translation>%1 der aktuellen Farbe</translation>
    </message>
    <message>
        <source>This color has no %1.</source>
        <translation>Diese Farbe hat keine %1.</translation>
    </message>
    <message>
        <source>%1 %2</source>
        <translation>%1 %2</translation>
    </message>
    <message>
        <source>
Click to use the color, Ctrl+click to add it to the set.</source>
        <translation>
Klick verwendet die Farbe, Strg+Klick fügt sie zum Satz hinzu.</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Add the tints, tones or shades of the current color as a family</source>
        <translation>Aufhellungen, Vergrauungen oder Abdunkelungen der aktuellen Farbe als Familie hinzufügen</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>%1 hinzufügen</translation>
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
        <source>outside the mask, marked</source>
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
        <source>A value is a number from 0 to 100.</source>
        <translation>Ein Tonwert ist eine Zahl von 0 bis 100.</translation>
    </message>
    <message>
        <source>Edit note</source>
        <translation>Notiz bearbeiten</translation>
    </message>
    <message>
        <source>Edit color</source>
        <translation>Farbe bearbeiten</translation>
    </message>
    <message>
        <source>Edit value</source>
        <translation>Tonwert bearbeiten</translation>
    </message>
    <message>
        <source>At value %1 the saturation was reduced to what exists.</source>
        <translation>Bei Tonwert %1 wurde die Sättigung auf das verringert, was es gibt.</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>%1 (metallic)</source>
        <translation>%1 (metallisch)</translation>
    </message>
    <message>
        <source>%1 (fluorescent)</source>
        <translation>%1 (leuchtend)</translation>
    </message>
    <message>
        <source>%1 (not on screens)</source>
        <translation>%1 (auf keinem Bildschirm)</translation>
    </message>
    <message>
        <source>Type four inks in percent, such as 20 40 0 10</source>
        <translation>Vier Druckfarben in Prozent tippen, etwa 20 40 0 10</translation>
    </message>
    <message>
        <source>Code</source>
        <translation>Code</translation>
    </message>
    <message>
        <source>Remove code</source>
        <translation>Code entfernen</translation>
    </message>
    <message>
        <source>A code is four inks in percent, such as 20 40 0 10.</source>
        <translation>Ein Code sind vier Druckfarben in Prozent, etwa 20 40 0 10.</translation>
    </message>
    <message>
        <source>Edit code</source>
        <translation>Code ändern</translation>
    </message>
</context>
<context>
    <name>zc::TowardBar</name>
    <message>
        <source>Darker or lighter</source>
        <translation>Dunkler oder heller</translation>
    </message>
    <message>
        <source>Drag to add black or white to every mixture. Drop a color on an end to use it instead; double-click to mix without.</source>
        <translation>Ziehen fügt jeder Mischung Schwarz oder Weiß hinzu. Eine Farbe auf ein Ende ziehen, um sie stattdessen zu nehmen; Doppelklick mischt ohne.</translation>
    </message>
</context>
<context>
    <name>zc::Tray</name>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Add readouts, show related colors, fold or unfold the tray</source>
        <translation>Anzeigen hinzufügen, verwandte Farben zeigen, die Ablage zu- oder aufklappen</translation>
    </message>
    <message>
        <source>Add readout</source>
        <translation>Anzeige hinzufügen</translation>
    </message>
    <message>
        <source>Related colors</source>
        <translation>Verwandte Farben</translation>
    </message>
    <message>
        <source>Fold tray</source>
        <translation>Ablage zusammenklappen</translation>
    </message>
    <message>
        <source>Press</source>
        <translation>Druck</translation>
    </message>
    <message>
        <source>No press</source>
        <translation>Kein Druck</translation>
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
        <source>Cut into areas</source>
        <translation>In Flächen teilen</translation>
    </message>
    <message>
        <source>Study by pixels</source>
        <translation>Studie nach Pixeln</translation>
    </message>
    <message>
        <source>Number of areas</source>
        <translation>Anzahl der Flächen</translation>
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
        <source>Smallest area</source>
        <translation>Kleinste Fläche</translation>
    </message>
    <message>
        <source>value first</source>
        <translation>Wert zuerst</translation>
    </message>
    <message>
        <source>Match of the study</source>
        <translation>Zuordnung der Studie</translation>
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
        <source>Show the places far from every swatch</source>
        <translation>Die Stellen fern von jedem Farbfeld zeigen</translation>
    </message>
    <message>
        <source>Save picture</source>
        <translation>Bild speichern</translation>
    </message>
    <message>
        <source>Outside the mask %1 %, far from every swatch %2 %; </source>
        <translation>Außerhalb der Maske %1 %, fern von jedem Farbfeld %2 %; </translation>
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
    <message>
        <source>no comparison</source>
        <translation>kein Vergleich</translation>
    </message>
    <message>
        <source>compared with %1</source>
        <translation>verglichen mit %1</translation>
    </message>
    <message>
        <source>What is shown left of the edge</source>
        <translation>Was links von der Kante gezeigt wird</translation>
    </message>
    <message>
        <source>What is shown, or shown right of the edge</source>
        <translation>Was gezeigt wird, oder rechts von der Kante gezeigt wird</translation>
    </message>
    <message>
        <source>compare two</source>
        <translation>zwei vergleichen</translation>
    </message>
    <message>
        <source>Compare two sets or versions under one edge. Drag the edge; Space swaps the sides.</source>
        <translation>Zwei Sätze oder Versionen unter einer Kante vergleichen. Die Kante ziehen; Leertaste tauscht die Seiten.</translation>
    </message>
    <message>
        <source>in areas</source>
        <translation>in Flächen</translation>
    </message>
    <message>
        <source>Cut the picture into areas of similar color, each in one swatch. Drag a swatch onto an area to bind it.</source>
        <translation>Das Bild in Flächen ähnlicher Farbe schneiden, jede in einem Farbfeld. Ein Farbfeld auf eine Fläche ziehen, um es zu binden.</translation>
    </message>
    <message>
        <source>Number of areas at most, 2 to 500</source>
        <translation>Höchstzahl der Flächen, 2 bis 500</translation>
    </message>
    <message>
        <source>How much the picture is smoothed first, in percent of its longer side</source>
        <translation>Wie stark das Bild zuerst geglättet wird, in Prozent seiner längeren Seite</translation>
    </message>
    <message>
        <source>Smallest area in percent of the picture; smaller ones join a neighbor</source>
        <translation>Kleinste Fläche in Prozent des Bildes; kleinere kommen zu einer Nachbarin</translation>
    </message>
    <message>
        <source> % smallest</source>
        <translation> % kleinste</translation>
    </message>
    <message>
        <source>Match by hue first, then by value within that family, not by the least difference</source>
        <translation>Zuerst nach Farbton zuordnen, dann nach Tonwert in dieser Familie, nicht nach dem kleinsten Abstand</translation>
    </message>
    <message>
        <source>The set or version that the picture is shown in</source>
        <translation>Der Satz oder die Version, in der das Bild gezeigt wird</translation>
    </message>
    <message>
        <source>How far the move of each swatch reaches to colors around it</source>
        <translation>Wie weit die Bewegung jedes Farbfelds auf Farben um es herum wirkt</translation>
    </message>
    <message>
        <source>moved from</source>
        <translation>bewegt von</translation>
    </message>
    <message>
        <source>farther than</source>
        <translation>weiter als</translation>
    </message>
    <message>
        <source>A color that differs by at least this (CIEDE2000) from every swatch counts as far</source>
        <translation>Eine Farbe mit mindestens diesem Abstand (CIEDE2000) von jedem Farbfeld gilt als fern</translation>
    </message>
    <message>
        <source>Compare light, middle and dark with</source>
        <translation>Hell, mittel und dunkel vergleichen mit</translation>
    </message>
    <message>
        <source>Missing colors</source>
        <translation>Fehlende Farben</translation>
    </message>
    <message>
        <source>List the colors that the picture needs and the set does not have</source>
        <translation>Die Farben auflisten, die das Bild braucht und der Satz nicht hat</translation>
    </message>
    <message>
        <source>Pairs</source>
        <translation>Paare</translation>
    </message>
    <message>
        <source>Show which swatch moves to which</source>
        <translation>Zeigen, welches Farbfeld zu welchem wandert</translation>
    </message>
    <message>
        <source>Adjust the set</source>
        <translation>Satz anpassen</translation>
    </message>
    <message>
        <source>Change hue, saturation and value of the set and see the picture follow</source>
        <translation>Farbton, Sättigung und Tonwert des Satzes ändern und sehen, wie das Bild folgt</translation>
    </message>
    <message>
        <source>Light and haze</source>
        <translation>Licht und Dunst</translation>
    </message>
    <message>
        <source>See the set under a colored light, or in the distance</source>
        <translation>Den Satz unter farbigem Licht oder in der Ferne sehen</translation>
    </message>
    <message>
        <source>Save the picture as it is shown, at full size, as PNG or JPEG</source>
        <translation>Das Bild so speichern, wie es zu sehen ist, in voller Größe, als PNG oder JPEG</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>No swatch has moved yet. Choose another version to move to, or adjust the set.</source>
        <translation>Noch hat sich kein Farbfeld bewegt. Eine andere Version als Ziel wählen oder den Satz anpassen.</translation>
    </message>
    <message>
        <source>The set is empty. Add swatches at Pick.</source>
        <translation>Der Satz ist leer. Beim Wählen Farbfelder hinzufügen.</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>Das Bild benutzt jedes Farbfeld.</translation>
    </message>
    <message>
        <source>The picture does not use %1 of %2 swatches.</source>
        <translation>Das Bild benutzt %1 von %2 Farbfeldern nicht.</translation>
    </message>
    <message>
        <source>Comparing with the mask...</source>
        <translation>Wird mit der Maske verglichen...</translation>
    </message>
    <message>
        <source>light %1 (compared with %2), middle %3 (%4), dark %5 (%6) %</source>
        <translation>hell %1 (verglichen mit %2), mittel %3 (%4), dunkel %5 (%6) %</translation>
    </message>
    <message>
        <source>; wanted: %1, %2 and %3.</source>
        <translation>; gewünscht: %1, %2 und %3.</translation>
    </message>
    <message>
        <source>Add photo</source>
        <translation>Foto hinzufügen</translation>
    </message>
    <message>
        <source>Add a photo or a drawing to the piece, to see it in the set</source>
        <translation>Dem Werk ein Foto oder eine Zeichnung hinzufügen, um sie im Satz zu sehen</translation>
    </message>
    <message>
        <source>Options</source>
        <translation>Optionen</translation>
    </message>
    <message>
        <source>Compare two, squint, cut into areas, save the picture</source>
        <translation>Zwei vergleichen, blinzeln, in Flächen teilen, das Bild speichern</translation>
    </message>
    <message>
        <source>Colors of</source>
        <translation>Farben von</translation>
    </message>
    <message>
        <source>canvas</source>
        <translation>Leinwand</translation>
    </message>
    <message>
        <source>Try the canvas that is watched on the screen instead of the reference</source>
        <translation>Die auf dem Bildschirm beobachtete Leinwand statt der Vorlage probieren</translation>
    </message>
    <message>
        <source>canvas on screen</source>
        <translation>Leinwand auf dem Bildschirm</translation>
    </message>
</context>
<context>
    <name>zc::TryMenu</name>
    <message>
        <source>&amp;Try</source>
        <translation>&amp;Probieren</translation>
    </message>
    <message>
        <source>Show the picture as it is</source>
        <translation>Das Bild zeigen, wie es ist</translation>
    </message>
    <message>
        <source>Show every pixel or area in its swatch</source>
        <translation>Jedes Pixel oder jede Fläche in ihrem Farbfeld zeigen</translation>
    </message>
    <message>
        <source>Show what lies outside the mask or far from every swatch</source>
        <translation>Zeigen, was außerhalb der Maske oder fern von jedem Farbfeld liegt</translation>
    </message>
    <message>
        <source>Select the swatches that the picture does not use</source>
        <translation>Die Farbfelder auswählen, die das Bild nicht benutzt</translation>
    </message>
    <message>
        <source>Remove the swatches that the picture does not use; locked ones stay</source>
        <translation>Die Farbfelder entfernen, die das Bild nicht benutzt; Gesperrtes bleibt</translation>
    </message>
    <message>
        <source>Mark the swatches that the picture uses as used</source>
        <translation>Die Farbfelder, die das Bild benutzt, als benutzt markieren</translation>
    </message>
    <message>
        <source>The picture uses every swatch.</source>
        <translation>Das Bild benutzt jedes Farbfeld.</translation>
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
        <source>pairs.csv</source>
        <translation>paare.csv</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
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
    <message>
        <source>Show &amp;photo</source>
        <translation>&amp;Foto zeigen</translation>
    </message>
    <message>
        <source>Show &amp;study</source>
        <translation>&amp;Studie zeigen</translation>
    </message>
    <message>
        <source>Show &amp;follow</source>
        <translation>Fol&amp;gen zeigen</translation>
    </message>
    <message>
        <source>Show the picture with its colors moved as the swatches moved</source>
        <translation>Das Bild mit Farben zeigen, die sich wie die Farbfelder bewegt haben</translation>
    </message>
    <message>
        <source>Show &amp;check</source>
        <translation>&amp;Prüfung zeigen</translation>
    </message>
    <message>
        <source>Co&amp;mpare two under one edge</source>
        <translation>Zwei unter einer &amp;Kante vergleichen</translation>
    </message>
    <message>
        <source>Show two sets or versions side by side under one edge</source>
        <translation>Zwei Sätze oder Versionen nebeneinander unter einer Kante zeigen</translation>
    </message>
    <message>
        <source>S&amp;wap sides</source>
        <translation>Seiten &amp;tauschen</translation>
    </message>
    <message>
        <source>Swap what is shown left and right of the edge</source>
        <translation>Tauschen, was links und rechts von der Kante gezeigt wird</translation>
    </message>
    <message>
        <source>Select &amp;unused swatches</source>
        <translation>&amp;Unbenutzte Farbfelder auswählen</translation>
    </message>
    <message>
        <source>&amp;Remove unused swatches</source>
        <translation>Unbenutzte Farbfelder &amp;entfernen</translation>
    </message>
    <message>
        <source>&amp;Mark used swatches</source>
        <translation>Be&amp;nutzte Farbfelder markieren</translation>
    </message>
    <message>
        <source>Sa&amp;ve picture...</source>
        <translation>&amp;Bild speichern...</translation>
    </message>
    <message>
        <source>Save the picture as it is shown, at full size, as PNG or JPEG; a study in areas also as SVG</source>
        <translation>Das Bild so speichern, wie es zu sehen ist, in voller Größe, als PNG oder JPEG; eine Studie in Flächen auch als SVG</translation>
    </message>
    <message>
        <source>Save p&amp;airs...</source>
        <translation>Pa&amp;are speichern...</translation>
    </message>
    <message>
        <source>Save which swatch moves to which, as a table</source>
        <translation>Als Tabelle speichern, welches Farbfeld zu welchem wandert</translation>
    </message>
    <message numerus="yes">
        <source>Remove %n unused swatches</source>
        <translation>
            <numerusform>%n unbenutztes Farbfeld entfernen</numerusform>
            <numerusform>%n unbenutzte Farbfelder entfernen</numerusform>
        </translation>
    </message>
    <message>
        <source>The study is not ready yet. Wait for it, or show a picture.</source>
        <translation>Die Studie ist noch nicht fertig. Darauf warten oder ein Bild zeigen.</translation>
    </message>
    <message>
        <source>Counting pixels</source>
        <translation>Pixel werden gezählt</translation>
    </message>
    <message>
        <source>The piece was changed meanwhile. Try again.</source>
        <translation>Das Werk wurde inzwischen geändert. Noch einmal versuchen.</translation>
    </message>
    <message>
        <source>Choose a set or a version to move to first.</source>
        <translation>Zuerst einen Satz oder eine Version als Ziel wählen.</translation>
    </message>
    <message>
        <source>Saved to &quot;%1&quot;.</source>
        <translation>In &quot;%1&quot; gespeichert.</translation>
    </message>
    <message>
        <source>Save a study in areas as one picture for each swatch, into a folder</source>
        <translation>Eine Studie in Flächen als ein Bild für jedes Farbfeld in einen Ordner speichern</translation>
    </message>
    <message>
        <source>Flat fills are those of a study in areas: show one first, without the edge.</source>
        <translation>Flache Füllungen sind die einer Studie in Flächen: erst eine zeigen, ohne die Kante.</translation>
    </message>
    <message>
        <source>Save flat fills...</source>
        <translation>Flache Füllungen speichern...</translation>
    </message>
</context>
<context>
    <name>zc::TryModel</name>
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
    <message>
        <source>photo, in the mask</source>
        <translation>Foto, in der Maske</translation>
    </message>
    <message>
        <source>photo, in key %1</source>
        <translation>Foto, Farbklang %1</translation>
    </message>
</context>
<context>
    <name>zc::TryView</name>
    <message>
        <source>The picture in the set</source>
        <translation>Das Bild im Satz</translation>
    </message>
    <message>
        <source>Join areas</source>
        <translation>Flächen vereinen</translation>
    </message>
    <message>
        <source>Split area</source>
        <translation>Fläche teilen</translation>
    </message>
    <message>
        <source>Unbind area</source>
        <translation>Fläche lösen</translation>
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
        <source>Click to use the color of the swatch. Drag the edge; Space swaps its sides. Drag a swatch onto an area to bind it.</source>
        <translation>Klick verwendet die Farbe des Farbfelds. Die Kante ziehen; Leertaste tauscht ihre Seiten. Ein Farbfeld auf eine Fläche ziehen, um es zu binden.</translation>
    </message>
    <message>
        <source>%1: click to use the color</source>
        <translation>%1: Klick verwendet die Farbe</translation>
    </message>
    <message>
        <source>Cut the picture into areas first, to bind a swatch to one.</source>
        <translation>Das Bild zuerst in Flächen schneiden, um ein Farbfeld an eine zu binden.</translation>
    </message>
    <message>
        <source>Swap sides</source>
        <translation>Seiten tauschen</translation>
    </message>
    <message>
        <source>See a photo, a flat drawing or your canvas in the colors of the set, before a stroke is painted.</source>
        <translation>Ein Foto, eine flache Zeichnung oder die Leinwand in den Farben des Satzes sehen, bevor ein Strich gemalt ist.</translation>
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
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>How much of the picture each swatch covers, light to dark. Click to select the swatch.</source>
        <translation>Wie viel des Bildes jedes Farbfeld deckt, hell nach dunkel. Klick wählt das Farbfeld aus.</translation>
    </message>
</context>
<context>
    <name>zc::ValueBand</name>
    <message>
        <source>Set</source>
        <translation>Satz</translation>
    </message>
    <message>
        <source>The current set by value</source>
        <translation>Der aktuelle Satz nach Tonwert</translation>
    </message>
</context>
<context>
    <name>zc::VersionsView</name>
    <message>
        <source>Versions of the set side by side</source>
        <translation>Versionen des Satzes nebeneinander</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>current set</source>
        <translation>aktueller Satz</translation>
    </message>
    <message>
        <source>Tick versions under Sets to compare them with the set.</source>
        <translation>Unter Sätze Versionen abhaken, um sie mit dem Satz zu vergleichen.</translation>
    </message>
    <message>
        <source>Restore version</source>
        <translation>Version wiederherstellen</translation>
    </message>
    <message>
        <source>Save version</source>
        <translation>Version speichern</translation>
    </message>
    <message>
        <source>Save the set as it is now as its first version</source>
        <translation>Den Satz, wie er jetzt ist, als erste Version speichern</translation>
    </message>
    <message>
        <source>version %1</source>
        <translation>Version %1</translation>
    </message>
    <message>
        <source>Save the set as a version, change the set, and compare both here.</source>
        <translation>Den Satz als Version speichern, ihn ändern und hier beide vergleichen.</translation>
    </message>
    <message>
        <source>Click a version to choose it, double-click it or press Enter to restore it</source>
        <translation>Klick wählt eine Version, Doppelklick oder Eingabetaste stellt sie wieder her</translation>
    </message>
</context>
<context>
    <name>zc::ViewMenu</name>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
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
        <source>Show everything in greys of equal lightness</source>
        <translation>Alles in Grautönen gleicher Helligkeit zeigen</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for long waves see it</source>
        <translation>Alles zeigen, wie Augen ohne Zapfen für lange Wellen es sehen</translation>
    </message>
    <message>
        <source>Show everything as eyes without cones for middle waves see it</source>
        <translation>Alles zeigen, wie Augen ohne Zapfen für mittlere Wellen es sehen</translation>
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
        <source>As the &amp;desktop&apos;s text</source>
        <translation>Wie der Text des &amp;Desktops</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>&amp;Keep reference in sight</source>
        <translation>&amp;Vorlage im Blick behalten</translation>
    </message>
    <message>
        <source>Show a small reference beside the work at this desk</source>
        <translation>Eine kleine Vorlage neben der Arbeit an diesem Tisch zeigen</translation>
    </message>
    <message>
        <source>Show companion &amp;beside the canvas</source>
        <translation>Begleiter &amp;neben der Leinwand zeigen</translation>
    </message>
    <message>
        <source>Show a small window with wheel, value axis and set, above other programs</source>
        <translation>Ein kleines Fenster mit Farbkreis, Tonwertachse und Satz zeigen, über anderen Programmen</translation>
    </message>
    <message>
        <source>Show vivi&amp;d wheel</source>
        <translation>&amp;Leuchtenden Farbkreis zeigen</translation>
    </message>
    <message>
        <source>Show each hue at the value where it is strongest</source>
        <translation>Jeden Farbton bei dem Tonwert zeigen, wo er am stärksten ist</translation>
    </message>
    <message>
        <source>Arrange for left &amp;hand</source>
        <translation>Für die linke &amp;Hand anordnen</translation>
    </message>
    <message>
        <source>Put controls on the left and pictures on the right</source>
        <translation>Bedienung links, Bilder rechts</translation>
    </message>
    <message>
        <source>Si&amp;ze of text and controls</source>
        <translation>&amp;Größe von Text und Bedienung</translation>
    </message>
    <message>
        <source>Show &amp;values only</source>
        <translation>Nur Ton&amp;werte zeigen</translation>
    </message>
    <message>
        <source>&amp;Color vision</source>
        <translation>&amp;Farbsehen</translation>
    </message>
    <message>
        <source>&amp;Protanopia: no cones for long waves</source>
        <translation>&amp;Protanopie: ohne Zapfen für lange Wellen</translation>
    </message>
    <message>
        <source>&amp;Deuteranopia: no cones for middle waves</source>
        <translation>&amp;Deuteranopie: ohne Zapfen für mittlere Wellen</translation>
    </message>
    <message>
        <source>&amp;Tritanopia: no cones for short waves</source>
        <translation>&amp;Tritanopie: ohne Zapfen für kurze Wellen</translation>
    </message>
    <message>
        <source>The new size is used from the next start.</source>
        <translation>Die neue Größe gilt ab dem nächsten Start.</translation>
    </message>
    <message>
        <source>Use the text size of the desktop</source>
        <translation>Die Textgröße des Desktops verwenden</translation>
    </message>
    <message>
        <source>Show text at %1 percent, everything else as usual</source>
        <translation>Text mit %1 Prozent zeigen, alles andere wie gewohnt</translation>
    </message>
    <message>
        <source>Show the whole window at %1 percent</source>
        <translation>Das ganze Fenster mit %1 Prozent zeigen</translation>
    </message>
    <message>
        <source>&amp;Fold tray</source>
        <translation>Ablage &amp;zusammenklappen</translation>
    </message>
    <message>
        <source>Show the current color, wells and Add to set in one row</source>
        <translation>Aktuelle Farbe, Näpfe und Zum Satz hinzufügen in einer Zeile zeigen</translation>
    </message>
    <message>
        <source>Move &amp;pointer by keys</source>
        <translation>Zei&amp;ger mit Tasten führen</translation>
    </message>
    <message>
        <source>Arrows move a pointer over the view with the focus; Enter clicks, Space takes hold and lets go, the Menu key opens a menu, Escape ends</source>
        <translation>Pfeile führen einen Zeiger über die Ansicht mit dem Fokus; Eingabe klickt, Leertaste greift und lässt los, die Menütaste öffnet ein Menü, Esc beendet</translation>
    </message>
    <message>
        <source>&amp;Watch canvas on screen</source>
        <translation>&amp;Leinwand auf dem Bildschirm beobachten</translation>
    </message>
    <message>
        <source>Choose the part of the screen where you paint; the companion shows what strays from the plan there</source>
        <translation>Den Teil des Bildschirms wählen, in dem du malst; der Begleiter zeigt, was dort vom Plan abweicht</translation>
    </message>
    <message>
        <source>Watch sa&amp;me part again</source>
        <translation>Denselben Teil &amp;wieder beobachten</translation>
    </message>
    <message>
        <source>Watch the part of the screen that was watched last</source>
        <translation>Den zuletzt beobachteten Teil des Bildschirms beobachten</translation>
    </message>
</context>
<context>
    <name>zc::WatchModel</name>
    <message>
        <source>canvas on screen</source>
        <translation>Leinwand auf dem Bildschirm</translation>
    </message>
</context>
<context>
    <name>zc::WatchedOnX</name>
    <message>
        <source>This screen cannot be watched.</source>
        <translation>Dieser Bildschirm lässt sich nicht beobachten.</translation>
    </message>
    <message>
        <source>The watched window was closed.</source>
        <translation>Das beobachtete Fenster wurde geschlossen.</translation>
    </message>
    <message>
        <source>The screen cannot be watched any more.</source>
        <translation>Der Bildschirm lässt sich nicht mehr beobachten.</translation>
    </message>
    <message>
        <source>The watched window is not shown; its last picture stands.</source>
        <translation>Das beobachtete Fenster ist nicht zu sehen; sein letztes Bild bleibt.</translation>
    </message>
    <message>
        <source>The watched window has become smaller than the watched part; the last picture stands.</source>
        <translation>Das beobachtete Fenster ist kleiner geworden als der beobachtete Teil; das letzte Bild bleibt.</translation>
    </message>
    <message>
        <source>The watched part is beyond the screen; its last picture stands.</source>
        <translation>Der beobachtete Teil liegt neben dem Bildschirm; sein letztes Bild bleibt.</translation>
    </message>
    <message>
        <source>Another window covers the watched part; its last picture stands.</source>
        <translation>Ein anderes Fenster verdeckt den beobachteten Teil; sein letztes Bild bleibt.</translation>
    </message>
</context>
<context>
    <name>zc::WatchedStream</name>
    <message>
        <source>The desktop gives no pictures of the screen any more.</source>
        <translation>Der Desktop gibt keine Bilder des Bildschirms mehr.</translation>
    </message>
    <message>
        <source>The desktop has ended the watching of the screen.</source>
        <translation>Der Desktop hat das Beobachten des Bildschirms beendet.</translation>
    </message>
    <message>
        <source>The desktop gives no pictures of the screen.</source>
        <translation>Der Desktop gibt keine Bilder des Bildschirms.</translation>
    </message>
    <message>
        <source>The watched part lies beyond what the desktop shows; its last picture stands.</source>
        <translation>Der beobachtete Teil liegt neben dem, was der Desktop zeigt; sein letztes Bild bleibt.</translation>
    </message>
    <message>
        <source>The screen has another size or scale since the canvas was chosen. Choose it again.</source>
        <translation>Der Bildschirm hat eine andere Größe oder Skalierung, seit die Leinwand gewählt wurde. Wähle sie noch einmal.</translation>
    </message>
</context>
<context>
    <name>zc::WellsView</name>
    <message>
        <source>Empty the chosen well</source>
        <translation>Den gewählten Napf leeren</translation>
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
        <source>Recent</source>
        <translation>Zuletzt</translation>
    </message>
    <message>
        <source>nothing picked yet</source>
        <translation>noch nichts gewählt</translation>
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
        <source>Recent: %1</source>
        <translation>Zuletzt: %1</translation>
    </message>
    <message>
        <source>Clear well</source>
        <translation>Napf leeren</translation>
    </message>
    <message>
        <source>Stop filling</source>
        <translation>Nicht mehr füllen</translation>
    </message>
    <message>
        <source>Picks no longer fill a well; the wells keep their colors</source>
        <translation>Gewählte Farben füllen keinen Napf mehr; die Näpfe behalten ihre Farben</translation>
    </message>
    <message>
        <source>no well is filled by picks</source>
        <translation>keine Wahl füllt einen Napf</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Put current color here</source>
        <translation>Aktuelle Farbe hierher legen</translation>
    </message>
    <message>
        <source>Name of the row of wells</source>
        <translation>Name der Reihe von Näpfen</translation>
    </message>
    <message>
        <source>every pick fills %1</source>
        <translation>jede Wahl füllt %1</translation>
    </message>
    <message>
        <source>Add row of wells</source>
        <translation>Reihe von Näpfen hinzufügen</translation>
    </message>
    <message>
        <source>Rename row</source>
        <translation>Reihe umbenennen</translation>
    </message>
    <message>
        <source>Remove row</source>
        <translation>Reihe entfernen</translation>
    </message>
    <message>
        <source>Click a well to use its color; picks then fill it. Shift+click to put the current color in it. Keys 1 to 8 use a well, with Shift they put the current color in. 9 goes to the next row; the right button adds rows.</source>
        <translation>Einen Napf anklicken, um seine Farbe zu nehmen; Gewähltes füllt ihn dann. Umschalt+Klick legt die aktuelle Farbe hinein. Die Tasten 1 bis 8 nehmen einen Napf, mit Umschalt legen sie die aktuelle Farbe hinein. 9 geht zur nächsten Reihe; die rechte Taste fügt Reihen hinzu.</translation>
    </message>
    <message>
        <source>Well %1 of %2: %3</source>
        <translation>Napf %1 von %2: %3</translation>
    </message>
</context>
<context>
    <name>zc::WheelHead</name>
    <message>
        <source>vivid</source>
        <translation>leuchtend</translation>
    </message>
    <message>
        <source>Hue scale of the wheel</source>
        <translation>Farbtonleiter des Farbkreises</translation>
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
        <source>Show each hue at the value where it is strongest. A pick is then the color you see, value included.</source>
        <translation>Jeden Farbton bei dem Tonwert zeigen, wo er am stärksten ist. Gewählt wird dann die Farbe, die zu sehen ist, samt Tonwert.</translation>
    </message>
    <message>
        <source>Choose which hues face each other: on the traditional wheel red faces green, on the light and ink wheels red faces cyan</source>
        <translation>Wählen, welche Farbtöne sich gegenüberliegen: im traditionellen Farbkreis Rot und Grün, bei Licht und Druckfarbe Rot und Cyan</translation>
    </message>
    <message>
        <source>HSL and HSV space hues unevenly: near blue, one degree of the even wheel is up to 26 degrees of theirs. HSLuv, CIELAB and OKLab are even there.</source>
        <translation>HSL und HSV verteilen Farbtöne ungleich: nahe Blau ist ein Grad des gleichmäßigen Farbkreises bis zu 26 Grad der ihren. HSLuv, CIELAB und OKLab sind dort gleichmäßig.</translation>
    </message>
    <message>
        <source>Choose how saturation is measured; value is true lightness with every measure</source>
        <translation>Wählen, wie Sättigung gemessen wird; der Tonwert ist bei jedem Maß wahre Helligkeit</translation>
    </message>
    <message>
        <source>each hue</source>
        <translation>jeder Farbton</translation>
    </message>
    <message>
        <source>at value %1</source>
        <translation>bei Tonwert %1</translation>
    </message>
    <message>
        <source>Choose which hues face each other, and how saturation is measured</source>
        <translation>Wählen, welche Farbtöne sich gegenüberliegen und wie Sättigung gemessen wird</translation>
    </message>
    <message>
        <source>Wheel: %1</source>
        <translation>Farbkreis: %1</translation>
    </message>
    <message>
        <source>luma chroma</source>
        <translation>Luma-Chroma</translation>
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
        <source>%1, %2°. </source>
        <translation>%1, %2°. </translation>
    </message>
    <message>
        <source>%1, %2°, saturation %3 %. </source>
        <translation>%1, %2°, Sättigung %3 %. </translation>
    </message>
    <message>
        <source>%1° further: %2. Click to use the color, drag it along the rim to move it.</source>
        <translation>%1° weiter: %2. Klick verwendet die Farbe, Ziehen am Rand verschiebt sie.</translation>
    </message>
    <message>
        <source>Drag a handle to shape an area, drag inside to move it, drag outside the rim to turn the mask (with Shift only the area). Double-click an edge to add a corner.</source>
        <translation>Einen Griff ziehen formt eine Fläche, innen ziehen verschiebt sie, außerhalb des Rands ziehen dreht die Maske (mit Umschalt nur die Fläche). Doppelklick auf eine Kante fügt eine Ecke hinzu.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation; Ctrl+scroll to zoom.</source>
        <translation>Ziehen setzt Farbton und Sättigung; Strg+Mausrad vergrößert.</translation>
    </message>
    <message>
        <source>%1° further: %2</source>
        <translation>%1° weiter: %2</translation>
    </message>
    <message>
        <source>Use color</source>
        <translation>Farbe verwenden</translation>
    </message>
    <message>
        <source>Add to set</source>
        <translation>Zum Satz hinzufügen</translation>
    </message>
    <message>
        <source>%1° further: %2. Click to choose %3.</source>
        <translation>%1° weiter: %2. Klicken wählt %3.</translation>
    </message>
    <message>
        <source>The mask is locked; drag to pick a color.</source>
        <translation>Die Maske ist gesperrt; ziehen wählt eine Farbe.</translation>
    </message>
    <message>
        <source>Drag to set hue and saturation, with Ctrl also outside the mask; Ctrl+scroll to zoom.</source>
        <translation>Ziehen setzt Farbton und Sättigung, mit Strg auch außerhalb der Maske; Strg+Rollen zoomt.</translation>
    </message>
</context>
<context>
    <name>zc::trade_menu</name>
    <message>
        <source>Mixed by a drawn reflectance curve: %1</source>
        <translation>Gemischt nach einer gezeichneten Reflexionskurve: %1</translation>
    </message>
</context>
</TS>
