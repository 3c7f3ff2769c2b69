<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
 <context>
  <name>overlay</name>
  <message>
   <location filename="../../../overlay/app/card/card_desk.py" />
   <source>Wrote {0} colours to {1}</source>
   <translation>{0} Farben nach {1} geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/card_desk.py" />
   <source>Mask: white is inside</source>
   <translation>Maske: Weiß ist innen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/card_desk.py" />
   <source>Write palette</source>
   <translation>Palette schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/card_desk.py" />
   <source>GIMP palette (*.gpl)</source>
   <translation>GIMP-Palette (*.gpl)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>From {0}</source>
   <translation>Aus {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Avoids what resembles {0}</source>
   <translation>Meidet, was {0} gleicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Facets</source>
   <translation>Facetten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Place</source>
   <translation>Platz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Span</source>
   <translation>Spanne</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>What is taken from the reference, and how much</source>
   <translation>Was von der Vorlage genommen wird, und wie viel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Which part of it is used, and how it is prepared</source>
   <translation>Welcher Teil davon dient, und wie er vorbereitet wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Where it lies on the frame</source>
   <translation>Wo sie auf dem Rahmen liegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>How much, when and where the cue acts</source>
   <translation>Wie viel, wann und wo der Einsatz wirkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Blur</source>
   <translation>Unschärfe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Pixels: with more, its manner may stay while its subject goes</source>
   <translation>Pixel: mit mehr mag die Machart bleiben, während das Motiv geht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>faint</source>
   <translation>schwach</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>No cue yet.

Drop a picture on the cue sheet
to take its manner.</source>
   <translation>Noch kein Einsatz.

Ein Bild auf den Einsatzplan ziehen,
um seine Machart zu nehmen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>The cue's name</source>
   <translation>Der Name des Einsatzes</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Name of the cue</source>
   <translation>Name des Einsatzes</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>What does it do? Pulls the proof without this cue and flips between the two (Ctrl+Shift+Return)</source>
   <translation>Was bewirkt er? Zieht den Abzug ohne diesen Einsatz und wechselt zwischen beiden (Strg+Umschalt+Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>What does it do?</source>
   <translation>Was bewirkt er?</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Remove this cue (Del)</source>
   <translation>Diesen Einsatz entfernen (Entf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Remove cue</source>
   <translation>Einsatz entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/cue_card.py" />
   <source>Name</source>
   <translation>Name</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/fader.py" />
   <source>Facet {0}</source>
   <translation>Facette {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Kind {0}</source>
   <translation>Art {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Ready map {0}</source>
   <translation>Fertige Karte {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Made from {0}</source>
   <translation>Gemacht aus {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Thin contours</source>
   <translation>Feine Konturen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Soft outlines of what is large</source>
   <translation>Weiche Umrisse des Großen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Clean line art, also from sketches and drawings</source>
   <translation>Saubere Linien, auch aus Skizzen und Zeichnungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Near and far: what hides what</source>
   <translation>Nah und fern: was was verdeckt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>A coarse field of tones or colours</source>
   <translation>Ein grobes Feld aus Tönen oder Farben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Contours bent by joints that you set</source>
   <translation>Konturen, gebogen an gesetzten Gelenken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Invert</source>
   <translation>Umkehren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Exchange lines and ground, or near and far</source>
   <translation>Linien und Grund tauschen, oder nah und fern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Flat sky</source>
   <translation>Flacher Himmel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Bring the whole sky to the farthest</source>
   <translation>Den ganzen Himmel in die Ferne bringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Hard borders</source>
   <translation>Harte Grenzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Blocks with borders rather than running into each other</source>
   <translation>Blöcke mit Grenzen, statt ineinander zu laufen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Colours</source>
   <translation>Farben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Hold colours, not tones alone</source>
   <translation>Farben halten, nicht nur Töne</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Pen</source>
   <translation>Stift</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Draw on the map; a pen's pressure counts</source>
   <translation>Auf die Karte zeichnen; der Druck eines Stifts zählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Eraser</source>
   <translation>Radierer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Take lines away</source>
   <translation>Linien wegnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Line</source>
   <translation>Linie</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Draw a straight line</source>
   <translation>Eine gerade Linie ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Fill</source>
   <translation>Füllen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Draw an outline that is filled</source>
   <translation>Einen Umriss ziehen, der gefüllt wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Near</source>
   <translation>Nah</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Paint over what is nearest; it spreads to its own edges</source>
   <translation>Übermalen, was am nächsten ist; es breitet sich bis zu seinen Kanten aus</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Far</source>
   <translation>Fern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Paint over what is farthest</source>
   <translation>Übermalen, was am fernsten ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Joints</source>
   <translation>Gelenke</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Click to set a joint, drag it; Shift+click locks, Ctrl+click removes</source>
   <translation>Klick setzt ein Gelenk, ziehen bewegt es; Umschalt+Klick sperrt, Strg+Klick entfernt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Low</source>
   <translation>Unten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Weaker contours are dropped</source>
   <translation>Schwächere Konturen entfallen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>High</source>
   <translation>Oben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>A contour needs one place this strong</source>
   <translation>Eine Kontur braucht eine so starke Stelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Smooth</source>
   <translation>Glätten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Smoothing before edges are sought, in pixels</source>
   <translation>Glättung vor der Kantensuche, in Pixeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Detail</source>
   <translation>Detail</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>How much that is small is kept</source>
   <translation>Wie viel Kleines bleibt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Softness</source>
   <translation>Weichheit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Blur of the outline, in pixels</source>
   <translation>Unschärfe des Umrisses, in Pixeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Finds</source>
   <translation>Findet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>More finds fainter lines</source>
   <translation>Mehr findet schwächere Linien</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Thick</source>
   <translation>Dicke</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Scale and width of lines, in pixels</source>
   <translation>Maßstab und Breite der Linien, in Pixeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Cleaning</source>
   <translation>Säubern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Specks with fewer pixels are dropped</source>
   <translation>Flecken mit weniger Pixeln entfallen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Horizon</source>
   <translation>Horizont</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Its height from the top; below 0 it is found</source>
   <translation>Seine Höhe von oben; unter 0 wird er gesucht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Haze</source>
   <translation>Dunst</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>How much paleness counts as distance</source>
   <translation>Wie sehr Blässe als Ferne zählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Agrees</source>
   <translation>Stimmt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>How far near takes what is near in references</source>
   <translation>Wie sehr Nahes nimmt, was in Vorlagen nah ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Recedes</source>
   <translation>Weicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>How much smaller marks become with distance</source>
   <translation>Wie viel kleiner Spuren mit der Ferne werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Cells</source>
   <translation>Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Blocks over the height</source>
   <translation>Blöcke über die Höhe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Brush</source>
   <translation>Pinsel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Width, in percent of the longer side</source>
   <translation>Breite, in Prozent der längeren Seite</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Clear</source>
   <translation>Leeren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Take all strokes or joints away again</source>
   <translation>Alle Striche oder Gelenke wieder wegnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Against proof</source>
   <translation>Vergleich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Contours kept (blue) and lost (orange)</source>
   <translation>Konturen gehalten (blau) und verloren (orange)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Export…</source>
   <translation>Ausgeben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Write the map to a picture file</source>
   <translation>Die Karte in eine Bilddatei schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>source</source>
   <translation>Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Clear the map</source>
   <translation>Karte leeren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Gradient strengths of this picture, with the low and high threshold</source>
   <translation>Stärke der Verläufe dieses Bildes, mit unterer und oberer Schwelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Histogram of gradient strength</source>
   <translation>Verteilung der Verlaufsstärke</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>What the map is made from</source>
   <translation>Woraus die Karte gemacht wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Made from</source>
   <translation>Gemacht aus</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Mirrored</source>
   <translation>Gespiegelt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Draw on both sides, or move mirrored limbs together</source>
   <translation>Auf beiden Seiten zeichnen, oder Glieder gespiegelt bewegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Made from the source</source>
   <translation>Aus der Quelle gemacht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>A ready map…</source>
   <translation>Eine fertige Karte…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>An empty map to draw on</source>
   <translation>Eine leere Karte zum Zeichnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/guide_part.py" />
   <source>Map</source>
   <translation>Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>{0}: the ending must be .png, got {1}</source>
   <translation>{0}: die Endung muss .png sein, ist {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>Exported the map to {0}</source>
   <translation>Karte nach {0} ausgegeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>Map: lines or near are white</source>
   <translation>Karte: Linien oder Nahes sind weiß</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>Export map</source>
   <translation>Karte ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>PNG (*.png)</source>
   <translation>PNG (*.png)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>Stroke</source>
   <translation>Strich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>There is no proof to compare the map with yet.</source>
   <translation>Es gibt noch keinen Abzug, mit dem die Karte zu vergleichen wäre.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_desk.py" />
   <source>proof</source>
   <translation>Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/map_tools.py" />
   <source>to</source>
   <translation>bis</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/notes_part.py" />
   <source>{0}; the file stays as it is</source>
   <translation>{0}; die Datei bleibt, wie sie ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>palette</source>
   <translation>Palette</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>surface</source>
   <translation>Oberfläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>layout</source>
   <translation>Anlage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>likeness</source>
   <translation>Ähnlichkeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Palette: how much of the picture's colours is taken</source>
   <translation>Palette: wie viel von den Farben des Bildes genommen wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Surface: how much of its marks and texture is taken</source>
   <translation>Oberfläche: wie viel von Spuren und Struktur genommen wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Light: how much of its tonal range is taken</source>
   <translation>Licht: wie viel vom Tonumfang genommen wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Layout: how far its big masses of light and dark are taken, loosely</source>
   <translation>Anlage: wie weit große Massen von Hell und Dunkel lose übernommen werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Likeness: how much of the picture itself is taken, laid on the frame</source>
   <translation>Ähnlichkeit: wie viel vom Bild selbst genommen wird, auf den Rahmen gelegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Manner</source>
   <translation>Machart</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Arrangement</source>
   <translation>Anordnung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Whole</source>
   <translation>Ganz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Style alone: Palette, Surface and Light</source>
   <translation>Nur der Stil: Palette, Oberfläche und Licht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Composition alone: Layout</source>
   <translation>Nur die Komposition: Anlage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>All five facets</source>
   <translation>Alle fünf Facetten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Fill the frame</source>
   <translation>Rahmen füllen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Whole inside</source>
   <translation>Ganz hinein</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Stretch</source>
   <translation>Strecken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Mark size</source>
   <translation>Spurgröße</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Size of the reference's marks: 2 doubles them</source>
   <translation>Größe der Spuren der Vorlage: 2 verdoppelt sie</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Sharpen</source>
   <translation>Schärfen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Adds fine detail before marks are taken</source>
   <translation>Fügt feines Detail hinzu, bevor Spuren genommen werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Dark end</source>
   <translation>Dunkles Ende</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>This lightness becomes black</source>
   <translation>Diese Helligkeit wird schwarz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Light end</source>
   <translation>Helles Ende</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>This lightness becomes white</source>
   <translation>Diese Helligkeit wird weiß</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Take area</source>
   <translation>Ausschnitt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Drag a frame: only this part of the picture is used</source>
   <translation>Einen Rahmen ziehen: nur dieser Teil des Bildes dient</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Keep out</source>
   <translation>Aussparen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Paint over what must not be used</source>
   <translation>Übermalen, was nicht dienen darf</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>All of it</source>
   <translation>Alles</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Use the whole picture again</source>
   <translation>Wieder das ganze Bild nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>none</source>
   <translation>keine</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Levels</source>
   <translation>Tonwerte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Across</source>
   <translation>Quer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Shift to the right, in frame widths</source>
   <translation>Nach rechts rücken, in Rahmenbreiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Down</source>
   <translation>Abwärts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Shift downwards, in frame heights</source>
   <translation>Nach unten rücken, in Rahmenhöhen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Scale</source>
   <translation>Maßstab</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Size about the middle of the frame</source>
   <translation>Größe um die Mitte des Rahmens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Mirrored too</source>
   <translation>Auch gespiegelt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Marks may be taken from the picture's mirror image as well</source>
   <translation>Spuren dürfen auch aus dem Spiegelbild kommen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Turned too</source>
   <translation>Auch gedreht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Marks may be taken from the picture turned by quarters as well</source>
   <translation>Spuren dürfen auch aus dem um Viertel gedrehten Bild kommen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Where the picture lies, for its Layout and Likeness</source>
   <translation>Wo das Bild liegt, für Anlage und Ähnlichkeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>How the picture meets the frame</source>
   <translation>Wie das Bild den Rahmen trifft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Fit</source>
   <translation>Einpassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Mirror</source>
   <translation>Spiegeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Turns</source>
   <translation>Drehungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_part.py" />
   <source>Use all of it</source>
   <translation>Alles nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/reference_view.py" />
   <source>The reference's picture</source>
   <translation>Das Bild der Vorlage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>All but {0}</source>
   <translation>Alles außer {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Everywhere</source>
   <translation>Überall</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>weight</source>
   <translation>Gewicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Weight</source>
   <translation>Gewicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>How much this cue counts against the others</source>
   <translation>Wie viel dieser Einsatz gegen die anderen zählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>enter</source>
   <translation>Beginn</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Enter</source>
   <translation>Beginn</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>When the cue begins to act</source>
   <translation>Wann der Einsatz zu wirken beginnt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>leave</source>
   <translation>Ende</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Leave</source>
   <translation>Ende</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>When the cue stops acting</source>
   <translation>Wann der Einsatz zu wirken aufhört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Fade in</source>
   <translation>Anlauf</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>How long it takes to reach its weight</source>
   <translation>Wie lange es dauert, bis er sein Gewicht hat</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Fade out</source>
   <translation>Auslauf</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>How long it takes to let go</source>
   <translation>Wie lange es dauert, bis er loslässt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Where in the picture the cue acts</source>
   <translation>Wo im Bild der Einsatz wirkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Region</source>
   <translation>Bereich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Mask from a picture…</source>
   <translation>Maske aus einem Bild…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/span_part.py" />
   <source>Where</source>
   <translation>Wo</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source> (card)</source>
   <translation> (Farbkarte)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Colours of</source>
   <translation>Aus Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Take the main colours of a picture in the tray</source>
   <translation>Die Hauptfarben eines Bildes der Ablage nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>As a card</source>
   <translation>Als Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Put these colours into the tray as a swatch card</source>
   <translation>Diese Farben als Farbkarte in die Ablage legen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Write…</source>
   <translation>Schreiben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Write these colours to a GIMP palette file (.gpl)</source>
   <translation>Diese Farben in eine GIMP-Palette (.gpl) schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Swatches</source>
   <translation>Farben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>The colours the picture should have, in hexadecimal</source>
   <translation>Die Farben, die das Bild haben soll, hexadezimal</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Hex colours</source>
   <translation>Hex-Farben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/card/swatch_part.py" />
   <source>Hex colours, separated by spaces</source>
   <translation>Hex-Farben, durch Leerzeichen getrennt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>The bench has the recipe of proof {0}.</source>
   <translation>Die Werkbank hat das Rezept von Abzug {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>proof {0}</source>
   <translation>Abzug {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>Delete {0}</source>
   <translation>{0} löschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>Note on proof {0}</source>
   <translation>Notiz zu Abzug {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source> It was made by engine {0}: pulled again it will differ.</source>
   <translation> Er ist von Maschine {0}: neu gezogen weicht er ab.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>Exported proof {0} to {1}</source>
   <translation>Abzug {0} nach {1} ausgegeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>Drawer</source>
   <translation>Schublade</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/desk.py" />
   <source>All proofs of this project</source>
   <translation>Alle Abzüge dieses Projekts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/list.py" />
   <source>Proof {0}</source>
   <translation>Abzug {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/list.py" />
   <source>Proofs in the drawer</source>
   <translation>Abzüge in der Schublade</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source> and {0} more</source>
   <translation> und {0} weitere</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>{0}  ·  {1} x {2}  ·  seed {3}</source>
   <translation>{0}  ·  {1} x {2}  ·  Keim {3}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Proof {0}{1}</source>
   <translation>Abzug {0}{1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>style match {0}</source>
   <translation>Stil getroffen {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>structure kept {0}</source>
   <translation>Struktur gehalten {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>made by engine {0}; pulled again, by engine {1}, it will differ</source>
   <translation>von Maschine {0}; neu gezogen, von Maschine {1}, weicht er ab</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>started from proof {0}</source>
   <translation>begonnen bei Abzug {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>led to {0}</source>
   <translation>führte zu {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>With {0}</source>
   <translation>Mit {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Sheet {0}</source>
   <translation>Bogen {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Any proof</source>
   <translation>Jeder Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Pulled on the bench</source>
   <translation>Auf der Werkbank gezogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Cells and trials</source>
   <translation>Zellen und Versuche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Restore its recipe</source>
   <translation>Rezept zurückholen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Bring all its settings back to the bench (Return)</source>
   <translation>Alle Einstellungen zurück auf die Werkbank bringen (Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Start from it</source>
   <translation>Damit beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Make this proof the source of the next</source>
   <translation>Diesen Abzug zur Quelle des nächsten machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Compare</source>
   <translation>Vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>See it on the bench beside the present proof; with two, both</source>
   <translation>Auf der Werkbank neben dem jetzigen Abzug sehen; bei zweien beide</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Write it to a picture file, the recipe inside</source>
   <translation>In eine Bilddatei schreiben, das Rezept darin</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Delete</source>
   <translation>Löschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Take it out of the drawer; undo brings it back (Del)</source>
   <translation>Aus der Schublade nehmen; rückgängig bringt ihn wieder (Entf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>No proof yet. Pull one on the bench; every proof stays here.</source>
   <translation>Noch kein Abzug. Auf der Werkbank einen ziehen; jeder bleibt hier.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Starred</source>
   <translation>Mit Stern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Only proofs with a star</source>
   <translation>Nur Abzüge mit Stern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Only proofs in which a cue is heard</source>
   <translation>Nur Abzüge, in denen ein Einsatz gehört wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Cue</source>
   <translation>Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Find in notes, names and numbers</source>
   <translation>In Notizen, Namen und Nummern finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Only proofs whose note, cues or number have this in them</source>
   <translation>Nur Abzüge, in deren Notiz, Einsätzen oder Nummer das steht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Find</source>
   <translation>Finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>All proofs, those of the bench, cells and trials, or a sheet's</source>
   <translation>Alle Abzüge, die der Werkbank, Zellen und Versuche, oder die eines Bogens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Kind of proofs</source>
   <translation>Art der Abzüge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Keep this proof in mind with a star (K)</source>
   <translation>Diesen Abzug mit einem Stern merken (K)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Star</source>
   <translation>Stern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>A note</source>
   <translation>Eine Notiz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Note</source>
   <translation>Notiz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>What you want to remember of this proof</source>
   <translation>Was von diesem Abzug zu merken ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Any cue</source>
   <translation>Jeder Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>picture dropped to save room: restore and pull to have it again</source>
   <translation>Bild aus Platzgründen gelöscht: zurückholen und ziehen bringt es wieder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>The bench has this proof's recipe.</source>
   <translation>Die Werkbank hat das Rezept dieses Abzugs.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>Against the bench:
</source>
   <translation>Gegen die Werkbank:
</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/drawer/room.py" />
   <source>No proof is like that.</source>
   <translation>Kein Abzug ist so.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/cells.py" />
   <source>{0} of row {1}</source>
   <translation>{0} von Zeile {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/contact.py" />
   <source>Pictures of the edition</source>
   <translation>Bilder der Auflage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Picture {0} of {1}</source>
   <translation>Bild {0} von {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>; {0} are not pulled yet</source>
   <translation>; {0} sind noch nicht gezogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Wrote {0} pictures to {1}{2}</source>
   <translation>{0} Bilder nach {1} geschrieben{2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Wrote the edition to {0}</source>
   <translation>Auflage nach {0} geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>The bench has the recipe of {0}{1}.</source>
   <translation>Die Werkbank hat das Rezept von {0}{1}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>{0}: no picture of the edition is kept; pull it first</source>
   <translation>{0}: kein Bild der Auflage ist da; erst ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Wrote the contact sheet to {0}</source>
   <translation>Kontaktbogen nach {0} geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>A folder…</source>
   <translation>Ein Ordner…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>A contact sheet…</source>
   <translation>Ein Kontaktbogen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>A ZIP…</source>
   <translation>Ein ZIP…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>The edition itself…</source>
   <translation>Die Auflage selbst…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Write the edition into a folder</source>
   <translation>Die Auflage in einen Ordner schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Contact sheet</source>
   <translation>Kontaktbogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Sheets (*.pdf *.png)</source>
   <translation>Bögen (*.pdf *.png)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Edition as ZIP</source>
   <translation>Auflage als ZIP</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>ZIP (*.zip)</source>
   <translation>ZIP (*.zip)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Edition</source>
   <translation>Auflage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>Editions (*.json)</source>
   <translation>Auflagen (*.json)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/deeds.py" />
   <source>There is nothing to export yet; pull the edition first.</source>
   <translation>Noch nichts auszugeben; erst die Auflage ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Open {0}</source>
   <translation>{0} öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Remove {0}</source>
   <translation>{0} entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>{0}, {1} to pull, {2}</source>
   <translation>{0}, {1} noch zu ziehen, {2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Recipe of {0}</source>
   <translation>Rezept von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>{0}: {1} of {2} pictures</source>
   <translation>{0}: {1} von {2} Bildern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>{0} pictures</source>
   <translation>{0} Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>{0}: another edition is called so</source>
   <translation>{0}: eine andere Auflage heißt so</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Call it {0}</source>
   <translation>{0} nennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>, {0} could not be pulled</source>
   <translation>, {0} ließen sich nicht ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>{0}: {1} pictures are there{2}.</source>
   <translation>{0}: {1} Bilder sind da{2}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Edition {0}</source>
   <translation>Auflage {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>One recipe over many sources, references or words</source>
   <translation>Ein Rezept über viele Quellen, Vorlagen oder Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Take the bench's recipe</source>
   <translation>Das Rezept der Werkbank nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Proof</source>
   <translation>Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Edition from this recipe</source>
   <translation>Auflage aus diesem Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Export the edition…</source>
   <translation>Auflage ausgeben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>As the others</source>
   <translation>Wie die anderen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>1 picture</source>
   <translation>1 Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Recipe as on the bench</source>
   <translation>Rezept wie auf der Werkbank</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>A recipe of its own</source>
   <translation>Ein eigenes Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/desk.py" />
   <source>Another seed</source>
   <translation>Anderer Keim</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Pictures for {0}</source>
   <translation>Bilder für {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Remove {0} row{1}</source>
   <translation>{0} Zeile(n) entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Row {0}</source>
   <translation>Zeile {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Even {0} %</source>
   <translation>Ausgleich {0} %</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Add {0} rows</source>
   <translation>{0} Zeilen hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>{0} of its own</source>
   <translation>{0} mit Eigenem</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Column {0}</source>
   <translation>Spalte {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>{0}: must be one value, got {1}</source>
   <translation>{0}: muss ein Wert sein, ist {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Tables (*.csv *.tsv *.txt)</source>
   <translation>Tabellen (*.csv *.tsv *.txt)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Add a row</source>
   <translation>Zeile hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Sources from a folder</source>
   <translation>Quellen aus einem Ordner</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Rows from a table</source>
   <translation>Zeilen aus einer Tabelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Open an edition</source>
   <translation>Eine Auflage öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Names of files</source>
   <translation>Namen der Dateien</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Empty row</source>
   <translation>Leere Zeile</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Sources from the tray…</source>
   <translation>Quellen aus der Ablage…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Sources from a folder…</source>
   <translation>Quellen aus einem Ordner…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>From a table (CSV)…</source>
   <translation>Aus einer Tabelle (CSV)…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>An edition's file (JSON)…</source>
   <translation>Datei einer Auflage (JSON)…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>A row needs a column first: choose what changes from row to row.</source>
   <translation>Eine Zeile braucht erst eine Spalte: wählen, was sich von Zeile zu Zeile ändert.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Paste rows</source>
   <translation>Zeilen einfügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>The tray is empty: drop pictures on the bench first.</source>
   <translation>Die Ablage ist leer: erst Bilder auf die Werkbank ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Remove this column</source>
   <translation>Diese Spalte entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Pictures from the tray…</source>
   <translation>Bilder aus der Ablage…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Write the crossing out</source>
   <translation>Das Kreuzen ausschreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Picked rows: the recipe's own</source>
   <translation>Gewählte Zeilen: wie im Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Remove a column</source>
   <translation>Spalte entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Cross with every row</source>
   <translation>Mit jeder Zeile kreuzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>As the recipe</source>
   <translation>Wie im Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>words</source>
   <translation>Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/drafting.py" />
   <source>Cross</source>
   <translation>Kreuzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>How far each lies from its set, from below in {0}</source>
   <translation>Wie weit jedes von seinem Satz liegt, von unten in {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Evenness {0} of 100</source>
   <translation>Gleichmaß {0} von 100</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Sameness {0}: {1}</source>
   <translation>Übereinstimmung {0}: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Picture {0} stands out: {1}</source>
   <translation>Bild {0} fällt heraus: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>a colour stays one colour all over the set</source>
   <translation>eine Farbe bleibt überall im Satz dieselbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>colours differ a little</source>
   <translation>Farben weichen etwas ab</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>one colour becomes different ones</source>
   <translation>aus einer Farbe werden verschiedene</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Even</source>
   <translation>Ausgleich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>How far tints are the whole set's: 0 each picture's own, 100 all shared</source>
   <translation>Wie weit Töne die des ganzen Satzes sind: 0 jedes Bild eigene, 100 alle gemeinsam</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Find its colours anew</source>
   <translation>Seine Farben neu finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Find what the set shares over all its sources as they are now</source>
   <translation>Über alle Quellen neu finden, was der Satz gemeinsam hat</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Evenness plot</source>
   <translation>Gleichmaß im Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Evenness and sameness</source>
   <translation>Gleichmaß und Übereinstimmung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/evening.py" />
   <source>Evenness is measured once two pictures are there.</source>
   <translation>Das Gleichmaß wird gemessen, sobald zwei Bilder da sind.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/filling.py" />
   <source>Edition </source>
   <translation>Auflage </translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/filling.py" />
   <source>what it shares</source>
   <translation>was er gemeinsam hat</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/filling.py" />
   <source>looking what is kept</source>
   <translation>es wird gesehen, was da ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/picker.py" />
   <source>Add {0} picture{1}</source>
   <translation>{0} Bild(er) hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/picker.py" />
   <source>Pictures of the tray</source>
   <translation>Bilder der Ablage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/picker.py" />
   <source>Add</source>
   <translation>Hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/pulling.py" />
   <source>Colours of {0}</source>
   <translation>Farben von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Picture {0}</source>
   <translation>Bild {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>An edition pulls one recipe for many rows: other sources, other references, other words in the place of a $blank, other settings.

Drop pictures, a folder or a table (CSV) on the left, or add rows and columns there. In the bench's words, write $subject where each picture says something else.</source>
   <translation>Eine Auflage zieht ein Rezept für viele Zeilen: andere Quellen, andere Vorlagen, andere Worte an der Stelle eines $Platzes, andere Einstellungen.

Bilder, einen Ordner oder eine Tabelle (CSV) links ablegen, oder dort Zeilen und Spalten hinzufügen. In den Worten der Werkbank $motiv schreiben, wo jedes Bild etwas anderes sagt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Put it on the bench</source>
   <translation>Auf die Werkbank</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Bring the picked picture's recipe to the bench (Return)</source>
   <translation>Das Rezept des gewählten Bildes auf die Werkbank bringen (Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Give the picked pictures another seed, each its own</source>
   <translation>Den gewählten Bildern einen anderen Keim geben, jedem einen eigenen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>A value of their own…</source>
   <translation>Ein eigener Wert…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Give the picked pictures their own weight, departure, …</source>
   <translation>Den gewählten Bildern eigenes Gewicht, eigene Abweichung geben, …</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Take away what the picked pictures have of their own</source>
   <translation>Wegnehmen, was die gewählten Bilder Eigenes haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Keep the picked pictures' proofs in mind (K)</source>
   <translation>Die Abzüge der gewählten Bilder merken (K)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Remove</source>
   <translation>Entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Take this edition out of the project; its proofs stay</source>
   <translation>Diese Auflage aus dem Projekt nehmen; ihre Abzüge bleiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Stop</source>
   <translation>Halt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Leave the rows that are still to come (Esc)</source>
   <translation>Zeilen lassen, die noch kommen (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Rows</source>
   <translation>Zeilen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Add rows: empty ones, pictures, a table, a folder</source>
   <translation>Zeilen hinzufügen: leere, Bilder, eine Tabelle, einen Ordner</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Column…</source>
   <translation>Spalte…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Choose a setting that changes from row to row</source>
   <translation>Eine Einstellung wählen, die sich von Zeile zu Zeile ändert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Remove rows</source>
   <translation>Zeilen entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Take the picked rows away (Del)</source>
   <translation>Die gewählten Zeilen wegnehmen (Entf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Take the bench's</source>
   <translation>Das der Werkbank</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Pull the rows with the recipe on the bench</source>
   <translation>Die Zeilen mit dem Rezept der Werkbank ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Put on the bench</source>
   <translation>Auf die Werkbank</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Change the edition's recipe on the bench</source>
   <translation>Das Rezept der Auflage auf der Werkbank ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Export</source>
   <translation>Ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Write the set: a folder, a contact sheet, a ZIP</source>
   <translation>Den Satz schreiben: Ordner, Kontaktbogen, ZIP</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Files</source>
   <translation>Dateien</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Name pattern of files</source>
   <translation>Muster der Dateinamen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>How files are called: {n:02} is the number, {column} a row's value</source>
   <translation>Wie Dateien heißen: {n:02} ist die Nummer, {column} der Wert einer Zeile</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Pull the edition</source>
   <translation>Auflage ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Pull every row that is not kept already (Ctrl+Return)</source>
   <translation>Jede Zeile ziehen, die noch nicht da ist (Strg+Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>Editions of this project</source>
   <translation>Auflagen dieses Projekts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>The editions of this project, and a new one; type to rename</source>
   <translation>Die Auflagen dieses Projekts, und eine neue; tippen benennt um</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/room.py" />
   <source>New edition</source>
   <translation>Neue Auflage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/shown.py" />
   <source>not pulled</source>
   <translation>nicht gezogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/shown.py" />
   <source>waits</source>
   <translation>wartet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/shown.py" />
   <source>running</source>
   <translation>läuft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/shown.py" />
   <source>there</source>
   <translation>da</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/shown.py" />
   <source>failed</source>
   <translation>misslungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/table.py" />
   <source>{0}Click for what can be done with this column</source>
   <translation>{0}Klick zeigt, was sich mit dieser Spalte tun lässt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/table.py" />
   <source>Crossed: every value with every row. </source>
   <translation>Gekreuzt: jeder Wert mit jeder Zeile. </translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/table.py" />
   <source>needs words</source>
   <translation>braucht Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/table.py" />
   <source>Rows of the edition</source>
   <translation>Zeilen der Auflage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/editions/table.py" />
   <source>as the recipe</source>
   <translation>wie im Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/floor/engines.py" />
   <source>This recipe asks for the engine {0}, which the package {1} brings. Pulling runs that package's code on this computer.</source>
   <translation>Dieses Rezept verlangt die Maschine {0}, die das Paket {1} mitbringt. Ziehen führt den Code dieses Pakets auf diesem Rechner aus.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/floor/engines.py" />
   <source>No proof: the engine {0} of {1} was not allowed.</source>
   <translation>Kein Abzug: die Maschine {0} von {1} wurde nicht erlaubt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/floor/engines.py" />
   <source>Engine of another package</source>
   <translation>Maschine eines anderen Pakets</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/floor/engines.py" />
   <source>Allow it from now on</source>
   <translation>Von nun an erlauben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/floor/handing_out.py" />
   <source>{0}, {1} by {2}</source>
   <translation>{0}, {1} von {2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Writing {0}…</source>
   <translation>{0} wird geschrieben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Wrote {0}</source>
   <translation>{0} geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Export proof</source>
   <translation>Abzug ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Print to PDF</source>
   <translation>Als PDF drucken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>PDF (*.pdf)</source>
   <translation>PDF (*.pdf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>File</source>
   <translation>Datei</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Export with options…</source>
   <translation>Ausgeben mit Optionen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>Print…</source>
   <translation>Drucken…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>There is no proof to hand on yet; pull one first.</source>
   <translation>Noch kein Abzug zum Weitergeben; erst einen ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>The next pull enlarges the proof so far.</source>
   <translation>Der nächste Abzug wird so weit vergrößert.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/desk.py" />
   <source>enlarge</source>
   <translation>vergrößern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Recipe card</source>
   <translation>Rezeptkarte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Recipe card, PDF</source>
   <translation>Rezeptkarte, PDF</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>PNG, 16 bit</source>
   <translation>PNG, 16 Bit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>TIFF, 16 bit</source>
   <translation>TIFF, 16 Bit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>OpenRaster, layers</source>
   <translation>OpenRaster, Ebenen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Exact, with the recipe inside</source>
   <translation>Genau, mit dem Rezept darin</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Room for grading elsewhere</source>
   <translation>Spielraum für Farbkorrektur anderswo</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Exact, for layout programs</source>
   <translation>Genau, für Satzprogramme</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Small, to be posted or sent</source>
   <translation>Klein, zum Zeigen und Senden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Smaller still, for the web</source>
   <translation>Noch kleiner, fürs Netz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Regions as layers, stages, maps and source hidden beneath, for painting programs</source>
   <translation>Bereiche als Ebenen, Stufen, Karten und Quelle verborgen darunter, für Malprogramme</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>One page: proof, references, envelopes</source>
   <translation>Eine Seite: Abzug, Vorlagen, Hüllkurven</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>The same, to be printed</source>
   <translation>Dasselbe, zum Drucken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source> dots per inch</source>
   <translation> Punkte je Zoll</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Cancel</source>
   <translation>Abbrechen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Write nothing (Esc)</source>
   <translation>Nichts schreiben (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Choose a place…</source>
   <translation>Ort wählen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Where the file is to be, then it is written</source>
   <translation>Wo die Datei liegen soll, dann wird sie geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Export with options</source>
   <translation>Ausgeben mit Optionen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Format</source>
   <translation>Format</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Resolution</source>
   <translation>Auflösung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Title</source>
   <translation>Titel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Made by</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>not said</source>
   <translation>nicht gesagt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>sRGB</source>
   <translation>sRGB</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>As the source's profile</source>
   <translation>Wie das Profil der Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>Said in the picture, and remembered</source>
   <translation>Steht im Bild und wird gemerkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>The source has a colour profile of its own</source>
   <translation>Die Quelle hat ein eigenes Farbprofil</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/export_dialog.py" />
   <source>The source has no colour profile of its own</source>
   <translation>Die Quelle hat kein eigenes Farbprofil</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Other</source>
   <translation>Andere</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Add the pass</source>
   <translation>Durchgang hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Have the next pull enlarge it so far</source>
   <translation>Den nächsten Abzug so weit vergrößern lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Write PDF…</source>
   <translation>PDF schreiben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Choose a place; the sheet is written there</source>
   <translation>Einen Ort wählen; dorthin wird das Blatt geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>The sheet</source>
   <translation>Das Blatt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Print</source>
   <translation>Drucken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>How far the picture goes on beyond the cut</source>
   <translation>Wie weit das Bild über den Schnitt hinausgeht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>300 is fine in the hand, 150 on a wall</source>
   <translation>300 ist fein in der Hand, 150 an der Wand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Paper</source>
   <translation>Papier</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Width</source>
   <translation>Breite</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Height</source>
   <translation>Höhe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Bleed</source>
   <translation>Beschnitt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Dots per inch</source>
   <translation>Punkte je Zoll</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>Columns</source>
   <translation>Spalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/handing/print_dialog.py" />
   <source>How many proofs lie on one sheet</source>
   <translation>Wie viele Abzüge auf einem Blatt liegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/main.py" />
   <source>There is unsaved work from last time: {0}.</source>
   <translation>Ungesicherte Arbeit vom letzten Mal: {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/main.py" />
   <source>Overlay</source>
   <translation>Overlay</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/main.py" />
   <source>Your unsaved work from last time is back.</source>
   <translation>Die ungesicherte Arbeit vom letzten Mal ist wieder da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/main.py" />
   <source>Bring it back</source>
   <translation>Zurückholen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/file_dialogs.py" />
   <source>Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora)</source>
   <translation>Bilder (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/file_dialogs.py" />
   <source>Pictures and palettes (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora *.gpl)</source>
   <translation>Bilder und Paletten (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora *.gpl)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/offers.py" />
   <source>across</source>
   <translation>quer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/offers.py" />
   <source>Vary across a proof sheet</source>
   <translation>Quer über einen Abzugsbogen ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/offers.py" />
   <source>down</source>
   <translation>abwärts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/offers.py" />
   <source>Vary down a proof sheet</source>
   <translation>Abwärts über einen Abzugsbogen ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/offers.py" />
   <source>Meet a target…</source>
   <translation>Ein Ziel treffen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/plain.py" />
   <source>about {0} s</source>
   <translation>etwa {0} s</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/plain.py" />
   <source>about {0} min</source>
   <translation>etwa {0} min</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/plain.py" />
   <source>about {0} h</source>
   <translation>etwa {0} h</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>departure</source>
   <translation>Abweichung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>seed</source>
   <translation>Keim</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>blend</source>
   <translation>Mischung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>Which setting? Type a part of its name</source>
   <translation>Welche Einstellung? Einen Teil des Namens tippen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>Search settings</source>
   <translation>Einstellungen suchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/setting_chooser.py" />
   <source>Settings</source>
   <translation>Einstellungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/status.py" />
   <source>Status</source>
   <translation>Meldung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/parts/titles.py" />
   <source>Its share</source>
   <translation>Ihr Anteil</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>, marks {0} % drawn again</source>
   <translation>, Spuren zu {0} % neu gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>{0}, pass {1}</source>
   <translation>{0}, Durchgang {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>{0} x {1} pixels{2}</source>
   <translation>{0} x {1} Pixel{2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Rim of {0}</source>
   <translation>Rand von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>{0} takes part</source>
   <translation>{0} nimmt teil</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Everywhere, most along rims</source>
   <translation>Überall, am meisten an Rändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>settle</source>
   <translation>beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>refine</source>
   <translation>verfeinern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>The whole once more with little freedom, so that rims of regions disappear.</source>
   <translation>Das Ganze noch einmal mit wenig Freiheit, damit Ränder von Bereichen verschwinden.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>The whole once more with little departure: artefacts go, marks come out.</source>
   <translation>Das Ganze noch einmal mit wenig Abweichung: Fehler gehen, Spuren treten hervor.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>The picture larger. At departure 0 faithful, nothing added; above, marks are drawn again from the references' own finer detail; beyond 30 % it is run again at its new size.</source>
   <translation>Das Bild größer. Bei Abweichung 0 treu, nichts kommt dazu; darüber werden Spuren aus dem feineren Detail der Vorlagen neu gezeichnet; über 30 % läuft es in seiner neuen Größe noch einmal.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>, drawn again, then run again</source>
   <translation>, neu gezeichnet, dann noch einmal gelaufen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Marks grow with it</source>
   <translation>Spuren wachsen mit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Marks stay as fine</source>
   <translation>Spuren bleiben so fein</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>, faithful</source>
   <translation>, treu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>, run again with finer marks</source>
   <translation>, noch einmal gelaufen mit feineren Spuren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Compare with before</source>
   <translation>Mit davor vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Wipe between this stage and the one before</source>
   <translation>Zwischen dieser Stufe und der davor wischen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Departure</source>
   <translation>Abweichung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>How far the pass may go, in percent</source>
   <translation>Wie weit der Durchgang gehen darf, in Prozent</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Factor</source>
   <translation>Faktor</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>How many times as high and wide</source>
   <translation>Wievielmal so hoch und breit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Marks</source>
   <translation>Spuren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Whether marks become larger with the picture</source>
   <translation>Ob Spuren mit dem Bild größer werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Where it settles</source>
   <translation>Wo er beruhigt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Along the rim of one region, or the whole</source>
   <translation>Am Rand eines Bereichs, oder das Ganze</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Back to the selected cue (Esc)</source>
   <translation>Zurück zum gewählten Einsatz (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Earlier</source>
   <translation>Früher</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Run it before the pass before it</source>
   <translation>Vor dem Durchgang davor laufen lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Later</source>
   <translation>Später</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Run it after the pass after it</source>
   <translation>Nach dem Durchgang danach laufen lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>, marks drawn again</source>
   <translation>, Spuren neu gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Runs with the next pull</source>
   <translation>Läuft beim nächsten Ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Without the tick the pass is kept, but not run</source>
   <translation>Ohne den Haken bleibt der Durchgang, läuft aber nicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Cues that take part</source>
   <translation>Einsätze, die teilnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Remove this pass (Del)</source>
   <translation>Diesen Durchgang entfernen (Entf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Remove pass</source>
   <translation>Durchgang entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Seed of the pass</source>
   <translation>Keim des Durchgangs</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Another seed runs this pass again; what came before stays</source>
   <translation>Ein anderer Keim lässt diesen Durchgang neu laufen; was davor war, bleibt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Seed of its own</source>
   <translation>Eigener Keim</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Without the tick it follows the run's seed</source>
   <translation>Ohne den Haken folgt er dem Keim des Laufs</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Rim</source>
   <translation>Rand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Seed</source>
   <translation>Keim</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>On</source>
   <translation>An</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/card.py" />
   <source>Off</source>
   <translation>Aus</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Before and after {0}.</source>
   <translation>Vor und nach {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Stage {0} is no longer kept; pull the proof again.</source>
   <translation>Stufe {0} ist nicht mehr da; den Abzug neu ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>There is no pass selected; click one past the end of the run.</source>
   <translation>Kein Durchgang ist gewählt; einen hinter dem Ende des Laufs anklicken.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>This pass has not run yet; pull a proof first.</source>
   <translation>Dieser Durchgang ist noch nicht gelaufen; erst einen Abzug ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Add a settling pass</source>
   <translation>Durchgang zum Beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Add a refining pass</source>
   <translation>Durchgang zum Verfeinern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Add an enlarging pass</source>
   <translation>Durchgang zum Vergrößern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Run the selected pass, or not</source>
   <translation>Den gewählten Durchgang laufen lassen oder nicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Compare the pass with before</source>
   <translation>Den Durchgang mit davor vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Run it</source>
   <translation>Laufen lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/desk.py" />
   <source>Do not run it</source>
   <translation>Nicht laufen lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Passes of {0}</source>
   <translation>Durchgänge von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Settle: rims disappear</source>
   <translation>Beruhigen: Ränder verschwinden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Refine: once more, a little</source>
   <translation>Verfeinern: noch einmal, ein wenig</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Enlarge: larger, with finer marks</source>
   <translation>Vergrößern: größer, mit feineren Spuren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Passes after the run. Click: its settings and its stage. Drag: another order. Right click: off, compared, removed</source>
   <translation>Durchgänge nach dem Lauf. Klick: Einstellungen und Stufe. Ziehen: andere Reihenfolge. Rechte Taste: aus, verglichen, entfernt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Passes</source>
   <translation>Durchgänge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Add a pass: settle, refine, enlarge</source>
   <translation>Durchgang hinzufügen: beruhigen, verfeinern, vergrößern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Add a pass</source>
   <translation>Durchgang hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Pictures after the passes</source>
   <translation>Bilder nach den Durchgängen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>Whether this cue takes part in each pass: click to change it</source>
   <translation>Ob dieser Einsatz an jedem Durchgang teilnimmt: Klick ändert es</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/lanes.py" />
   <source>next pull</source>
   <translation>nächster Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/passes/track.py" />
   <source>enlarge {0}x</source>
   <translation>{0}x vergrößern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_desk.py" />
   <source>steps</source>
   <translation>Schritte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_line.py" />
   <source>Do what the advice says; it can be undone</source>
   <translation>Tun, was der Rat sagt; es lässt sich rückgängig machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_line.py" />
   <source>Show the next advice</source>
   <translation>Den nächsten Rat zeigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_line.py" />
   <source>Not now</source>
   <translation>Nicht jetzt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_line.py" />
   <source>Do not say this again in this session</source>
   <translation>In dieser Sitzung nicht mehr sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/advice_line.py" />
   <source>Advice</source>
   <translation>Rat</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>{0} in the comparison</source>
   <translation>{0} im Vergleich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>no {0} yet</source>
   <translation>noch kein {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>This view</source>
   <translation>Diese Ansicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Source</source>
   <translation>Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>drawn</source>
   <translation>gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Drawn</source>
   <translation>Szene</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Last proof</source>
   <translation>Letzter Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Chosen proof</source>
   <translation>Gewählter Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Stage before</source>
   <translation>Stufe davor</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Reference</source>
   <translation>Vorlage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Other chosen proof</source>
   <translation>Anderer gewählter Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Stage after</source>
   <translation>Stufe danach</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Without the cue</source>
   <translation>Ohne den Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Wipe</source>
   <translation>Wischen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Compare along a draggable line (W)</source>
   <translation>An einer verschiebbaren Linie vergleichen (W)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Beside</source>
   <translation>Daneben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Compare side by side, with one zoom (Shift+W)</source>
   <translation>Nebeneinander vergleichen, mit einem Zoom (Umschalt+W)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Difference</source>
   <translation>Unterschied</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>See where both differ, four times as strong (D)</source>
   <translation>Sehen, wo beide sich unterscheiden, viermal so stark (D)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>What lies left</source>
   <translation>Was links liegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>What lies right</source>
   <translation>Was rechts liegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Swap</source>
   <translation>Tauschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/compare_bar.py" />
   <source>Exchange both sides (X)</source>
   <translation>Beide Seiten tauschen (X)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/comparing.py" />
   <source>{0} against {1}, four times as strong</source>
   <translation>{0} gegen {1}, viermal so stark</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>{0}: from {1}, {2}{3}{4}{5}</source>
   <translation>{0}: aus {1}, {2}{3}{4}{5}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source> in {0}</source>
   <translation> in {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>{0}. Click to see it on the card</source>
   <translation>{0}. Klick zeigt es auf der Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>{0} patches of the proof came from there ({1} of its area).</source>
   <translation>{0} Stücke des Abzugs kamen von dort ({1} der Fläche).</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>turned by {0}°</source>
   <translation>gedreht um {0}°</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>influence</source>
   <translation>Einfluss</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>The source: no reference decided here.</source>
   <translation>Die Quelle: hier hat keine Vorlage entschieden.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/inspector.py" />
   <source>Point at a place to see where its marks came from; click to keep it.</source>
   <translation>Auf eine Stelle zeigen, um zu sehen, woher ihre Spuren kamen; Klick hält sie fest.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/live_look.py" />
   <source>; {0} come{1} later</source>
   <translation>; {0} kommt noch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/live_look.py" />
   <source>A look, not a proof{0}{1}</source>
   <translation>Vorschau, kein Abzug{0}{1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/live_look.py" />
   <source>Look</source>
   <translation>Vorschau</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/live_look.py" />
   <source>engine</source>
   <translation>Maschine</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/look.py" />
   <source>region</source>
   <translation>Bereich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>{0} is in the clipboard.</source>
   <translation>{0} ist in der Zwischenablage.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>{0}: busy {1}, the rest {2}; {3} reads best, {4}:1 at its worst.</source>
   <translation>{0}: unruhig {1}, der Rest {2}; {3} liest sich am besten, {4}:1 im schlechtesten Fall.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Make it a swatch</source>
   <translation>Zur Farbe machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Calm enough for text</source>
   <translation>Ruhig genug für Text</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Restless for text</source>
   <translation>Zu unruhig für Text</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>View</source>
   <translation>Ansicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Read a colour</source>
   <translation>Farbe ablesen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Clear space</source>
   <translation>Freier Raum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Point at a colour; a click copies it. Esc puts the tool down.</source>
   <translation>Auf eine Farbe zeigen; ein Klick kopiert sie. Esc legt das Werkzeug weg.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/probe.py" />
   <source>Drag a frame where text is to go. Esc puts the tool down.</source>
   <translation>Einen Rahmen ziehen, wo Text stehen soll. Esc legt das Werkzeug weg.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>Proof {0} {1} a star.</source>
   <translation>Abzug {0} {1} einen Stern.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>no longer has</source>
   <translation>hat nicht mehr</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>Render with {0}</source>
   <translation>Mit {0} rechnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>kept</source>
   <translation>gehalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>Export proof…</source>
   <translation>Abzug ausgeben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>There is no proof to keep yet; pull one first.</source>
   <translation>Noch kein Abzug zum Merken; erst einen ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>There is no proof yet; pull one first.</source>
   <translation>Noch kein Abzug; erst einen ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>There is no proof to export yet; pull one first.</source>
   <translation>Noch kein Abzug zum Ausgeben; erst einen ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/proof_desk.py" />
   <source>Engine</source>
   <translation>Maschine</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/source_desk.py" />
   <source>Drop a picture here to make it the source, or say what is seen</source>
   <translation>Ein Bild hierher ziehen macht es zur Quelle; oder sagen, was zu sehen ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Proofs {0}.</source>
   <translation>Abzüge {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Comparing with proof {0}.</source>
   <translation>Verglichen mit Abzug {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>The last proof, or the run in progress (P)</source>
   <translation>Der letzte Abzug, oder der laufende (P)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>The source as it lies under the proof (O)</source>
   <translation>Die Quelle, wie sie unter dem Abzug liegt (O)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>What the words have drawn, before any reference (N)</source>
   <translation>Was die Worte gezeichnet haben, vor jeder Vorlage (N)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>The selected guide's map over the source (G)</source>
   <translation>Die Karte der gewählten Führung über der Quelle (G)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>The regions: paint, pick, redo, settle (R)</source>
   <translation>Die Bereiche: malen, finden, neu machen, beruhigen (R)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Influence</source>
   <translation>Einfluss</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Who decided where, at the playhead's moment (I)</source>
   <translation>Wer wo entschied, im Augenblick des Zeigers (I)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Trace</source>
   <translation>Herkunft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Which place of a reference each mark came from (T)</source>
   <translation>Von welcher Stelle einer Vorlage jede Spur kam (T)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>All together</source>
   <translation>Insgesamt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Masses</source>
   <translation>Massen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>masses</source>
   <translation>Massen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>marks</source>
   <translation>Spuren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Colour</source>
   <translation>Farbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Depth</source>
   <translation>Tiefe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Things</source>
   <translation>Dinge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Clear space: drag a frame to see how calm it is for text (Shift+C)</source>
   <translation>Freier Raum: einen Rahmen ziehen, um zu sehen, wie ruhig er für Text ist (Umschalt+C)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Which part of the decision is shown: large forms, marks, or colour</source>
   <translation>Welcher Teil der Entscheidung gezeigt wird: große Formen, Spuren oder Farbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>The drawn scene, how far each place is, or which thing it is</source>
   <translation>Die gezeichnete Szene, wie fern jede Stelle ist, oder welches Ding</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Say it</source>
   <translation>Sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Say in words what is to be seen (/)</source>
   <translation>In Worten sagen, was zu sehen sein soll (/)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Show the whole picture (F)</source>
   <translation>Das ganze Bild zeigen (F)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Actual pixels (1)</source>
   <translation>Echte Pixel (1)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Aspect of influence</source>
   <translation>Seite des Einflusses</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Drawn as</source>
   <translation>Gezeichnet als</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Read a colour: point for hex and OKLCH, click to copy (C)</source>
   <translation>Farbe ablesen: zeigen gibt Hex und OKLCH, Klick kopiert (C)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Space</source>
   <translation>Raum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>How strongly the map covers the picture</source>
   <translation>Wie stark die Karte das Bild deckt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Strength of the map</source>
   <translation>Stärke der Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Side by side</source>
   <translation>Nebeneinander</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Swap sides</source>
   <translation>Seiten tauschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/stage.py" />
   <source>Actual pixels</source>
   <translation>Echte Pixel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/picture/view.py" />
   <source>Wheel zooms, dragging with Space or the middle button pans, double click fits</source>
   <translation>Rad zoomt, Ziehen mit Leertaste oder Mitteltaste schwenkt, Doppelklick passt ein</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Saved as {0}; the tray has it.</source>
   <translation>Gesichert als {0}; es liegt in der Ablage.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Prepare</source>
   <translation>Vorbereiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Make a picture ready before it is used</source>
   <translation>Ein Bild herrichten, bevor es gebraucht wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Edit</source>
   <translation>Bearbeiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Prepare the selected picture…</source>
   <translation>Gewähltes Bild vorbereiten…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/desk.py" />
   <source>Select a picture in the tray first; there is no source either.</source>
   <translation>Erst ein Bild in der Ablage wählen; eine Quelle gibt es auch nicht.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Prepare {0}</source>
   <translation>{0} vorbereiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Retouch {0}</source>
   <translation>Ausbessern {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Paint {0}, {1}</source>
   <translation>Malen {0}, {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Finished: {0} x {1} pixels</source>
   <translation>Fertig: {0} x {1} Pixel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Crop</source>
   <translation>Schnitt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Drag a frame around what is to be kept</source>
   <translation>Einen Rahmen um das ziehen, was bleiben soll</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Retouch</source>
   <translation>Ausbessern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Paint over a blemish; it is filled from around it</source>
   <translation>Eine schlechte Stelle übermalen; sie füllt sich aus der Umgebung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Paint</source>
   <translation>Malen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Paint over with a colour</source>
   <translation>Mit einer Farbe übermalen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Pick</source>
   <translation>Finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Take the brush's colour from the picture</source>
   <translation>Die Pinselfarbe aus dem Bild nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Width of the brush, in percent of the longer side (comma, period)</source>
   <translation>Pinselbreite, in Prozent der längeren Seite (Komma, Punkt)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Adds fine detail</source>
   <translation>Fügt feines Detail hinzu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Straight</source>
   <translation>Gerade</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Turn by a few degrees</source>
   <translation>Um wenige Grad drehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Paint over</source>
   <translation>Übermalen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Remove a stroke</source>
   <translation>Strich entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Picture that is made ready</source>
   <translation>Bild, das vorbereitet wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Every retouch and stroke; Del takes the selected one away</source>
   <translation>Jede Ausbesserung, jeder Strich; Entf nimmt den gewählten weg</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Retouches and strokes</source>
   <translation>Ausbesserungen und Striche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Bring to working size</source>
   <translation>Auf Arbeitsgröße bringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>About 0.8 megapixels, proportions kept: quick to try things with</source>
   <translation>Etwa 0,8 Megapixel, Seitenverhältnis bleibt: schnell zum Versuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Proportions of the frame that is dragged</source>
   <translation>Seitenverhältnis des gezogenen Rahmens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Proportions</source>
   <translation>Seitenverhältnis</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Crop nothing away</source>
   <translation>Nichts wegschneiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Turn clockwise by a quarter</source>
   <translation>Im Uhrzeigersinn um ein Viertel drehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Turn by a quarter</source>
   <translation>Um ein Viertel drehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>The brush's colour: choose another</source>
   <translation>Die Pinselfarbe: eine andere wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Colour of the brush</source>
   <translation>Pinselfarbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Save to the tray</source>
   <translation>In die Ablage sichern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Write it as a new picture; the one it came from stays as it is</source>
   <translation>Als neues Bild schreiben; das alte bleibt, wie es ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Save as the source</source>
   <translation>Als Quelle sichern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Write it, and start from it</source>
   <translation>Schreiben, und damit beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Back to the bench without saving (Esc)</source>
   <translation>Zurück zur Werkbank, ohne zu sichern (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Turn</source>
   <translation>Drehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Working size</source>
   <translation>Arbeitsgröße</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Crop nothing</source>
   <translation>Nichts zuschneiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/prepare/room.py" />
   <source>Straighten</source>
   <translation>Gerade richten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>Settings of cell {0}-{1}</source>
   <translation>Einstellungen von Zelle {0}-{1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>The bench has {0}.</source>
   <translation>Die Werkbank hat {0}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>Exported the sheet to {0}, its table beside it</source>
   <translation>Bogen nach {0} ausgegeben, die Tabelle daneben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>Sheets (*.png *.pdf)</source>
   <translation>Bögen (*.png *.pdf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>Export sheet</source>
   <translation>Bogen ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/deeds.py" />
   <source>There is no sheet to export yet; pull one first.</source>
   <translation>Noch kein Bogen zum Ausgeben; erst einen ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>Remove sheet {0}</source>
   <translation>Bogen {0} entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>{0}: {1} of {2} cells</source>
   <translation>{0}: {1} von {2} Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>{0}: {1} cells are there.</source>
   <translation>{0}: {1} Zellen sind da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>proof sheet</source>
   <translation>Abzugsbogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>Proof sheet</source>
   <translation>Abzugsbogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>One or two settings varied, all else equal</source>
   <translation>Eine oder zwei Einstellungen geändert, alles andere gleich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>What does each do?</source>
   <translation>Was bewirkt jeder?</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>Export the sheet…</source>
   <translation>Bogen ausgeben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>Nothing is varied yet: put a setting into a well</source>
   <translation>Noch ändert sich nichts: eine Einstellung in eine Mulde legen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>There is no cue yet that could be left out.</source>
   <translation>Noch kein Einsatz, der sich weglassen ließe.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/desk.py" />
   <source>What each does</source>
   <translation>Was jeder bewirkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/drafting.py" />
   <source>{0}: this recipe has no such setting any more</source>
   <translation>{0}: dieses Rezept hat keine solche Einstellung mehr</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/drafting.py" />
   <source>{0} cells, about {1}</source>
   <translation>{0} Zellen, etwa {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/filling.py" />
   <source>{0} {1}-{2} at full size</source>
   <translation>{0} {1}-{2} in voller Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/filling.py" />
   <source>No proof: {0}</source>
   <translation>Kein Abzug: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/filling.py" />
   <source>look</source>
   <translation>Vorschau</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/grid.py" />
   <source>Cells of the sheet</source>
   <translation>Zellen des Bogens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/grid.py" />
   <source>full size</source>
   <translation>volle Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/grid.py" />
   <source>no proof</source>
   <translation>kein Abzug</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>Seed {0}</source>
   <translation>Keim {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>Stray towards {0}</source>
   <translation>Streuung zu {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>{0}: pull to see it at full size.</source>
   <translation>{0}: ziehen, um es in voller Größe zu sehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>Arrows walk through the seeds, Return takes one, Esc leaves.</source>
   <translation>Pfeile gehen durch die Keime, Eingabe nimmt einen, Esc verlässt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>stray</source>
   <translation>Streuung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>Hunt among 8 seeds</source>
   <translation>Jagd unter 8 Keimen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>Hunt among 8 near relatives</source>
   <translation>Jagd unter 8 nahen Verwandten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_desk.py" />
   <source>amount</source>
   <translation>Menge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>Hunt, {0} {1}</source>
   <translation>Jagd, {0} {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>Take</source>
   <translation>Nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>Have this one's seed on the bench (Return)</source>
   <translation>Den Keim dieses Bildes auf die Werkbank bringen (Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>Leave everything as it was (Esc)</source>
   <translation>Alles lassen, wie es war (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>strayed towards</source>
   <translation>gestreut zu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/hunt_strip.py" />
   <source>Hunt</source>
   <translation>Jagd</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>Not found: {0}</source>
   <translation>Nicht gefunden: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>Meet {0}</source>
   <translation>{0} treffen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>Meet</source>
   <translation>Treffen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>The first trial…</source>
   <translation>Der erste Versuch…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>There is nothing measured yet to set a target in; pull a proof first.</source>
   <translation>Noch ist nichts gemessen, worin ein Ziel läge; erst einen Abzug ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_desk.py" />
   <source>Stopped.</source>
   <translation>Angehalten.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Trial {0} of at most seven…</source>
   <translation>Versuch {0} von höchstens sieben…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Meet a target by {0}</source>
   <translation>Ein Ziel treffen durch {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Take {0}</source>
   <translation>{0} nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>{0} (now {1})</source>
   <translation>{0} (jetzt {1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>exactly</source>
   <translation>genau</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>at least</source>
   <translation>mindestens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>at most</source>
   <translation>höchstens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Take it</source>
   <translation>Nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Set it on the bench, as one step</source>
   <translation>Auf der Werkbank einstellen, als ein Schritt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Close</source>
   <translation>Schließen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Leave the setting as it is (Esc)</source>
   <translation>Die Einstellung lassen, wie sie ist (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Pull at most seven trials and find the setting</source>
   <translation>Höchstens sieben Versuche ziehen und die Einstellung finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Meet a target</source>
   <translation>Ein Ziel treffen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Measure to meet</source>
   <translation>Maß, das zu treffen ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>How it is to be met</source>
   <translation>Wie es zu treffen ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Target</source>
   <translation>Ziel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/meet_panel.py" />
   <source>Trials</source>
   <translation>Versuche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/pair.py" />
   <source>Picked cells</source>
   <translation>Gewählte Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/plot.py" />
   <source>Measure {0}</source>
   <translation>Maß {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/plot.py" />
   <source>Which measure goes {0}</source>
   <translation>Welches Maß {0} liegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/plot.py" />
   <source>Trade-off plot</source>
   <translation>Abwägung im Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>A proof sheet pulls the same picture many times with one setting varied across and, if you like, another one down, so that you can choose by eye and by figures.

Drop a setting into the well above: hold Ctrl and drag a weight, a facet or a slider from the bench onto the tab Proof sheet. Or choose one from the well's list.</source>
   <translation>Ein Abzugsbogen zieht dasselbe Bild vielmals, eine Einstellung quer geändert und, wenn gewünscht, eine zweite abwärts, damit sich nach Auge und Zahlen wählen lässt.

Eine Einstellung in die Mulde oben legen: Strg halten und ein Gewicht, eine Facette oder einen Regler von der Werkbank auf den Reiter Abzugsbogen ziehen. Oder eine aus der Liste der Mulde wählen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Pull the sheet, and its cells appear here, coarse ones first.

A second setting may go down at the left. Values are parted by blanks.</source>
   <translation>Den Bogen ziehen, und hier erscheinen seine Felder, zuerst grob.

Eine zweite Einstellung kann links nach unten gehen. Werte sind durch Leerzeichen getrennt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Trial size</source>
   <translation>Versuchsgröße</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Small trial</source>
   <translation>Kleiner Versuch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Whole size</source>
   <translation>Volle Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Use these settings</source>
   <translation>Diese Werte nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Bring the picked cell's values to the bench (Return)</source>
   <translation>Die Werte der gewählten Zelle auf die Werkbank bringen (Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Now at full size</source>
   <translation>Nun in voller Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Pull the picked cells again at the recipe's own size</source>
   <translation>Die gewählten Zellen in der Größe des Rezepts neu ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>See the picked cell large; with two, Space flips and W wipes</source>
   <translation>Die gewählte Zelle groß sehen; bei zweien wechselt die Leertaste, W wischt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Keep the picked cells' proofs in mind (K)</source>
   <translation>Die Abzüge der gewählten Zellen merken (K)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Take this sheet out of the project; its proofs stay</source>
   <translation>Diesen Bogen aus dem Projekt nehmen; seine Abzüge bleiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Leave the cells that are still to come (Esc)</source>
   <translation>Zellen lassen, die noch kommen (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Write the sheet as PNG or PDF, a table beside it</source>
   <translation>Den Bogen als PNG oder PDF schreiben, eine Tabelle daneben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Sheets of this project</source>
   <translation>Bögen dieses Projekts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>The sheets of this project, and a new one</source>
   <translation>Die Bögen dieses Projekts, und ein neuer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Size of cells</source>
   <translation>Größe der Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Small proofs tell most of it; chosen ones are pulled large later</source>
   <translation>Kleine Abzüge sagen das meiste; gewählte werden später groß gezogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Pull the sheet</source>
   <translation>Bogen ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Pull every cell that is not kept already (Ctrl+Return)</source>
   <translation>Jede Zelle ziehen, die noch nicht da ist (Strg+Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Picked cells' figures</source>
   <translation>Zahlen der gewählten Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Measure under the cells</source>
   <translation>Maß unter den Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Which measure stands under the cells and tints them by rank</source>
   <translation>Welches Maß unter den Zellen steht und sie nach Rang tönt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>Under cells</source>
   <translation>Unter Zellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/room.py" />
   <source>New sheet</source>
   <translation>Neuer Bogen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Choose which setting varies {0}</source>
   <translation>Wählen, welche Einstellung sich {0} ändert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Vary nothing {0}</source>
   <translation>{0} nichts ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Well {0}</source>
   <translation>Mulde {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Setting {0}</source>
   <translation>Einstellung {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Empty the well {0}</source>
   <translation>Die Mulde {0} leeren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Values {0}</source>
   <translation>Werte {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Choices {0}</source>
   <translation>Wahl {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>{0}: at least one value must be given, got none</source>
   <translation>{0}: mindestens ein Wert muss gegeben sein, es ist keiner</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>values: 30 50 90</source>
   <translation>Werte: 30 50 90</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>sizes: 384x256 768x512</source>
   <translation>Größen: 384x256 768x512</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>words: heron, swan, none</source>
   <translation>Worte: heron, swan, none</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>scale</source>
   <translation>Maßstab</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>from</source>
   <translation>von</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>in</source>
   <translation>in</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Choose a setting…</source>
   <translation>Einstellung wählen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/proof_sheets/wells.py" />
   <source>Spread values evenly: from, to, how many</source>
   <translation>Werte gleichmäßig verteilen: von, bis, wie viele</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/desk.py" />
   <source>{0} waited to be pulled when the program ended.</source>
   <translation>{0} wartete auf das Ziehen, als das Programm endete.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/desk.py" />
   <source>Pull them now</source>
   <translation>Jetzt ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/desk.py" />
   <source>waiting file</source>
   <translation>wartende Datei</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>and {0} more</source>
   <translation>und {0} weitere</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Stop all</source>
   <translation>Alle anhalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Take out all that wait and stop the run (Shift+Esc)</source>
   <translation>Alles Wartende herausnehmen und den Lauf anhalten (Umschalt+Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Sooner</source>
   <translation>Eher</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Have it run before what stands above it</source>
   <translation>Vor dem laufen lassen, was darüber steht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Take out</source>
   <translation>Heraus</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Do not pull it, or stop it where it is in work</source>
   <translation>Nicht ziehen, oder anhalten, wo es läuft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>What is to be pulled</source>
   <translation>Was zu ziehen ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>Nothing is to be pulled</source>
   <translation>Nichts ist zu ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/queue/list.py" />
   <source>To be pulled</source>
   <translation>Zu ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Rim in the proof: {0} (1 is invisible)</source>
   <translation>Rand im Abzug: {0} (1 ist unsichtbar)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Unite with</source>
   <translation>Vereinen mit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Subtract</source>
   <translation>Abziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Intersect with</source>
   <translation>Schneiden mit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Run this area again with the present cues and another seed; the rest stays</source>
   <translation>Diesen Bereich mit den jetzigen Einsätzen und anderem Keim neu laufen lassen; der Rest bleibt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Pull once more with little freedom, so that rims disappear</source>
   <translation>Noch einmal mit wenig Freiheit ziehen, damit Ränder verschwinden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Combine</source>
   <translation>Verbinden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Unite with another region, subtract or intersect it</source>
   <translation>Mit einem anderen Bereich vereinen, ihn abziehen oder schneiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Copy</source>
   <translation>Kopie</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Put a copy of this region at the end, as adjustable as it is</source>
   <translation>Eine Kopie dieses Bereichs ans Ende setzen, so einstellbar wie er</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Write the mask to a picture file</source>
   <translation>Die Maske in eine Bilddatei schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Teach…</source>
   <translation>Beibringen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Teach what lies in it as a word: an area, a thing, a surface</source>
   <translation>Was darin liegt, als Wort beibringen: eine Fläche, ein Ding, eine Oberfläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Tie the cue to it</source>
   <translation>Einsatz daran binden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>The selected cue acts here alone</source>
   <translation>Der gewählte Einsatz wirkt nur hier</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>To all but it</source>
   <translation>An alles außer ihm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>The selected cue acts everywhere but here</source>
   <translation>Der gewählte Einsatz wirkt überall außer hier</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Redo here</source>
   <translation>Hier neu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>The whole</source>
   <translation>Das Ganze</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Just the rim</source>
   <translation>Nur der Rand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Only a band around this region's rim</source>
   <translation>Nur ein Streifen um den Rand dieses Bereichs</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>How far settling may depart, 5 to 60 %</source>
   <translation>Wie weit das Beruhigen abweichen darf, 5 bis 60 %</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Departure of settling</source>
   <translation>Abweichung des Beruhigens</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>Settle</source>
   <translation>Beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/deeds.py" />
   <source>There is no region before this one</source>
   <translation>Vor diesem gibt es keinen Bereich</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/desk.py" />
   <source>Nothing of the kind was found: {0} is empty.</source>
   <translation>Nichts der Art wurde gefunden: {0} ist leer.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/desk.py" />
   <source>Regions must have different names, got {0} twice</source>
   <translation>Bereiche müssen verschieden heißen, {0} kommt zweimal vor</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/desk.py" />
   <source>Exported the mask to {0}</source>
   <translation>Maske nach {0} ausgegeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/desk.py" />
   <source>Export mask</source>
   <translation>Maske ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/desk.py" />
   <source>Shape</source>
   <translation>Form</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/hand.py" />
   <source>Let go over a region to tie {0} to it</source>
   <translation>Über einem Bereich loslassen, um {0} daran zu binden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/hand.py" />
   <source>Tied to {0}</source>
   <translation>An {0} gebunden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/hand.py" />
   <source>There is no region at this place; R shows and makes them</source>
   <translation>An dieser Stelle ist kein Bereich; R zeigt und macht sie</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Also shown while another region is selected</source>
   <translation>Auch gezeigt, während ein anderer Bereich gewählt ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Use</source>
   <translation>Nutzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Add to the region by hand, and take away</source>
   <translation>Von Hand zum Bereich hinzufügen und wegnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>How it is found, and how its rim runs</source>
   <translation>Wie er gefunden wird, und wie sein Rand läuft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Combine it, tie a cue to it, redo it, settle its rim</source>
   <translation>Verbinden, einen Einsatz binden, neu machen, den Rand beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Paint what belongs to the region (B)</source>
   <translation>Malen, was zum Bereich gehört (B)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Erase</source>
   <translation>Radieren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Paint what does not (E)</source>
   <translation>Malen, was nicht dazugehört (E)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Lasso</source>
   <translation>Lasso</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Draw around what belongs to it</source>
   <translation>Umfahren, was dazugehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Polygon</source>
   <translation>Vieleck</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Click corner after corner; a double click closes it</source>
   <translation>Ecke um Ecke klicken; Doppelklick schließt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Box</source>
   <translation>Kasten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Drag a box; with Shift an ellipse</source>
   <translation>Einen Kasten ziehen; mit Umschalt eine Ellipse</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Ramp</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Drag from all to nothing; with Shift around the place</source>
   <translation>Von allem zu nichts ziehen; mit Umschalt um die Stelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Add a region: empty to paint on, or picked from the source</source>
   <translation>Bereich hinzufügen: leer zum Bemalen, oder in der Quelle gefunden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Width, in percent of the longer side (comma, period)</source>
   <translation>Breite, in Prozent der längeren Seite (Komma, Punkt)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Share of the brush's width over which it fades</source>
   <translation>Anteil der Pinselbreite, über den er ausläuft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>No region yet.

Add one: painted, picked from the source, from what came from a cue, or from a mask picture.</source>
   <translation>Noch kein Bereich.

Einen hinzufügen: gemalt, in der Quelle gefunden, aus dem, was von einem Einsatz kam, oder aus einem Maskenbild.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Regions</source>
   <translation>Bereiche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>The region's name</source>
   <translation>Der Name des Bereichs</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Name of the region</source>
   <translation>Name des Bereichs</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Remove this region; cues tied to it act everywhere</source>
   <translation>Diesen Bereich entfernen; gebundene Einsätze wirken überall</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/panel.py" />
   <source>Remove region</source>
   <translation>Bereich entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Picked: {0}</source>
   <translation>Gefunden: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>everything of a colour</source>
   <translation>alles in einer Farbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>what is like a place</source>
   <translation>was einer Stelle gleicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>what contours close in</source>
   <translation>was Konturen einschließen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>a band of depth</source>
   <translation>ein Band der Tiefe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Grow</source>
   <translation>Wachsen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Pixels outward; below 0 it shrinks</source>
   <translation>Pixel nach außen; unter 0 schrumpft er</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Feather</source>
   <translation>Saum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Width of the soft rim in pixels</source>
   <translation>Breite des weichen Rands in Pixeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Pixels of contour that are evened out</source>
   <translation>Pixel der Kontur, die ausgeglichen werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Specks</source>
   <translation>Flecken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Islands of fewer pixels go</source>
   <translation>Inseln mit weniger Pixeln gehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Fill holes</source>
   <translation>Löcher füllen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>What is surrounded belongs to it</source>
   <translation>Was umgeben ist, gehört dazu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Soft rim</source>
   <translation>Weicher Rand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>The rim follows hair and leaves</source>
   <translation>Der Rand folgt Haar und Laub</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Inside out</source>
   <translation>Von innen nach außen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Tolerance</source>
   <translation>Spielraum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>How unlike what belongs to it may be</source>
   <translation>Wie unähnlich sein darf, was dazugehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>From</source>
   <translation>Von</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Where the band begins; 0 is far, 100 near</source>
   <translation>Wo das Band beginnt; 0 ist fern, 100 nah</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>To</source>
   <translation>Bis</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Where the band ends; 0 is far, 100 near</source>
   <translation>Wo das Band endet; 0 ist fern, 100 nah</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>From a mask picture</source>
   <translation>Aus einem Maskenbild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Band</source>
   <translation>Band</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Painted</source>
   <translation>Gemalt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Empty: paint what belongs to it</source>
   <translation>Leer: malen, was dazugehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/shapes.py" />
   <source>Lightness</source>
   <translation>Helligkeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>A colour, everywhere…</source>
   <translation>Eine Farbe, überall…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Click a colour of the picture; all that is like it.</source>
   <translation>Eine Farbe des Bildes anklicken; alles, was ihr gleicht.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>A colour, where it hangs together…</source>
   <translation>Eine Farbe, wo sie zusammenhängt…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Click a colour; what touches the place.</source>
   <translation>Eine Farbe anklicken; was an die Stelle rührt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Like a place…</source>
   <translation>Wie eine Stelle…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Click a place; what resembles it grows from there.</source>
   <translation>Eine Stelle anklicken; was ihr gleicht, wächst von dort.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Inside contours…</source>
   <translation>Innerhalb von Konturen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Click between contours; what they close in.</source>
   <translation>Zwischen Konturen klicken; was sie einschließen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>A band of depth</source>
   <translation>Ein Band der Tiefe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>What came from</source>
   <translation>Was kam von</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Pull a proof first</source>
   <translation>Erst einen Abzug ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Drawn part</source>
   <translation>Gezeichneter Teil</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>The source is not drawn here</source>
   <translation>Die Quelle ist nicht hier gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>A mask picture…</source>
   <translation>Ein Maskenbild…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>In words: red roof, water at left</source>
   <translation>In Worten: red roof, water at left</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/regions/sources.py" />
   <source>Pick in words</source>
   <translation>In Worten finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frame {0}, as it came</source>
   <translation>Bild {0}, wie es kam</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frames of {0}</source>
   <translation>Bilder von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Held {0} %</source>
   <translation>Halt {0} %</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Key frame {0}</source>
   <translation>Schlüsselbild {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Sequence: {0} frames are there.</source>
   <translation>Folge: {0} Bilder sind da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Sequence: {0} of {1} frames</source>
   <translation>Folge: {0} von {1} Bildern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frame {0}</source>
   <translation>Bild {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>{0}: {1} frames, {2} a second</source>
   <translation>{0}: {1} Bilder, {2} je Sekunde</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>, flicker {0}</source>
   <translation>, Flackern {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Animations and videos (*.gif *.apng *.png *.webp *.mp4 *.mov *.mkv *.webm *.avi)</source>
   <translation>Animationen und Videos (*.gif *.apng *.png *.webp *.mp4 *.mov *.mkv *.webm *.avi)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frames in a folder (*);;Animations (*.gif *.apng *.webp);;Videos (*.mp4 *.webm *.mkv)</source>
   <translation>Bilder in einem Ordner (*);;Animationen (*.gif *.apng *.webp);;Videos (*.mp4 *.webm *.mkv)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Sequence</source>
   <translation>Folge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frames in order, each held to the one before</source>
   <translation>Bilder der Reihe nach, jedes am vorigen gehalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Sequence…</source>
   <translation>Folge…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frames in a folder</source>
   <translation>Bilder in einem Ordner</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Frames of an animation or video</source>
   <translation>Bilder einer Animation oder eines Videos</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Write the sequence</source>
   <translation>Folge schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Choose frames first.</source>
   <translation>Erst Bilder wählen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>key frame</source>
   <translation>Schlüsselbild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Remove a key frame</source>
   <translation>Schlüsselbild entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>Choose frames first: a folder, an animation or a video.</source>
   <translation>Erst Bilder wählen: einen Ordner, eine Animation oder ein Video.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>There are no frames to write yet; pull the sequence first.</source>
   <translation>Noch keine Bilder zum Schreiben; erst die Folge ziehen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>No frames yet</source>
   <translation>Noch keine Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/desk.py" />
   <source>held</source>
   <translation>gehalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>{0} frames are there</source>
   <translation>{0} Bilder sind da</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>Flicker {0}: 1 is as steady as the source</source>
   <translation>Flackern {0}: 1 ist so ruhig wie die Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>{0}, frame {1}</source>
   <translation>{0}, Bild {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>The sequence ends here: {0}</source>
   <translation>Die Folge endet hier: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>Wrote {0} frames to {1}</source>
   <translation>{0} Bilder nach {1} geschrieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/filling.py" />
   <source>They are of the sequence as it was before the last change.</source>
   <translation>Sie sind von der Folge vor der letzten Änderung.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Play</source>
   <translation>Abspielen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Play the frames that are there (Space)</source>
   <translation>Die Bilder abspielen, die da sind (Leertaste)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>See the frames as they came</source>
   <translation>Die Bilder sehen, wie sie kamen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Frame</source>
   <translation>Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Frames</source>
   <translation>Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Flicker frame by frame; the line is as steady as the source (← →)</source>
   <translation>Flackern Bild für Bild; die Linie ist so ruhig wie die Quelle (← →)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>flicker of the source</source>
   <translation>Flimmern der Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/player.py" />
   <source>Pause</source>
   <translation>Pause</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>A sequence renders frames one after another with the bench's recipe, each held to the one before along what moves in it, so that marks do not flicker.

Choose a folder of numbered pictures, an animation (GIF, APNG, WebP) or a video.</source>
   <translation>Eine Folge rechnet Bilder nacheinander mit dem Rezept der Werkbank, jedes am vorigen gehalten entlang dessen, was sich bewegt, damit Spuren nicht flackern.

Einen Ordner nummerierter Bilder wählen, eine Animation (GIF, APNG, WebP) oder ein Video.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>How much of each frame is carried from the one before: 0 free, 100 held</source>
   <translation>Wie viel von jedem Bild vom vorigen mitgenommen wird: 0 frei, 100 gehalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Held</source>
   <translation>Halt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Folder…</source>
   <translation>Ordner…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Frames from a folder of numbered pictures</source>
   <translation>Bilder aus einem Ordner nummerierter Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>File…</source>
   <translation>Datei…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Frames from a GIF, APNG, WebP or a video</source>
   <translation>Bilder aus einem GIF, APNG, WebP oder Video</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Bench</source>
   <translation>Werkbank</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Go back to the bench (Esc)</source>
   <translation>Zurück zur Werkbank (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Add…</source>
   <translation>Neu…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Have a setting its value at this frame; it changes evenly to the next one</source>
   <translation>Eine Einstellung bei diesem Bild auf einen Wert setzen; bis zum nächsten ändert sie sich gleichmäßig</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Take the picked key frame away (Del)</source>
   <translation>Das gewählte Schlüsselbild wegnehmen (Entf)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Leave the frames that are still to come (Esc)</source>
   <translation>Bilder lassen, die noch kommen (Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Frames, an animation or a video</source>
   <translation>Bilder, eine Animation oder ein Video</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Key frames</source>
   <translation>Schlüsselbilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Pull the sequence</source>
   <translation>Folge ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Render all frames, one after another (Ctrl+Return)</source>
   <translation>Alle Bilder nacheinander rechnen (Strg+Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Setting</source>
   <translation>Einstellung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sequence/room.py" />
   <source>Value</source>
   <translation>Wert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>(double click or F2 to rename)</source>
   <translation>(Doppelklick oder F2 benennt um)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Cue {0}</source>
   <translation>Einsatz {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Mute {0}</source>
   <translation>{0} stummschalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Solo {0}</source>
   <translation>{0} solo</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Weight of {0}</source>
   <translation>Gewicht von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Envelope of {0}</source>
   <translation>Hüllkurve von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Region of {0}</source>
   <translation>Bereich von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>not {0}</source>
   <translation>nicht {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>New name of {0}</source>
   <translation>Neuer Name von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Mute: leave this cue out of the next proof (M)</source>
   <translation>Stumm: diesen Einsatz im nächsten Abzug weglassen (M)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Solo: hear this cue alone; once more, all of them (S)</source>
   <translation>Solo: nur diesen Einsatz hören; noch einmal, alle (S)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Weight: how much this cue counts against the others</source>
   <translation>Gewicht: wie viel dieser Einsatz gegen die anderen zählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Whole picture</source>
   <translation>Ganzes Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>How much of the picture's area this cue decided in the last proof</source>
   <translation>Welchen Anteil der Fläche dieser Einsatz im letzten Abzug entschied</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Drag up or down to put the cue elsewhere (Alt+Up, Alt+Down), or onto an area of the picture to tie it to the region there</source>
   <translation>Auf- und abwärts ziehen setzt den Einsatz anderswohin (Alt+Auf, Alt+Ab), auf eine Stelle des Bildes bindet ihn an den Bereich dort</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>Where the cue acts: choose a region, or the whole picture</source>
   <translation>Wo der Einsatz wirkt: einen Bereich wählen, oder das ganze Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>whole</source>
   <translation>ganz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_row.py" />
   <source>New region from a mask picture…</source>
   <translation>Neuer Bereich aus einem Maskenbild…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_sheet.py" />
   <source>  share {0} %</source>
   <translation>  Anteil {0} %</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_sheet.py" />
   <source>Drop a picture here to make it a reference, or add a cue.</source>
   <translation>Ein Bild hierher ziehen macht es zur Vorlage; oder einen Einsatz hinzufügen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/cue_sheet.py" />
   <source>Mute</source>
   <translation>Stumm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/envelope.py" />
   <source>When and how much: drag the edges to enter and leave, the upper corners to fade, the top for the weight. Alt moves freely. Keys: Tab chooses, arrows move.</source>
   <translation>Wann und wie viel: Kanten ziehen für Beginn und Ende, obere Ecken für die Blenden, den oberen Rand für das Gewicht. Alt bewegt frei. Tasten: Tab wählt, Pfeile bewegen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/filmstrip.py" />
   <source>What is decided when, from the large to the small. The wheel zooms into the run, Shift and wheel move along, double click shows all. Keys: + - arrows Home</source>
   <translation>Was wann entschieden wird, vom Großen zum Kleinen. Das Rad zoomt in den Lauf, Umschalt und Rad bewegen, Doppelklick zeigt alles. Tasten: + - Pfeile Pos1</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/filmstrip.py" />
   <source>Stages of the run: masses, forms, marks, grain</source>
   <translation>Abschnitte des Laufs: Massen, Formen, Spuren, Korn</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/filmstrip.py" />
   <source>How the last proof came about: drag to look at a moment, double click for the end</source>
   <translation>Wie der letzte Abzug entstand: ziehen zeigt einen Augenblick, Doppelklick das Ende</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/filmstrip.py" />
   <source>Filmstrip</source>
   <translation>Filmstreifen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/filmstrip.py" />
   <source>The steps of a proof appear here</source>
   <translation>Die Schritte eines Abzugs erscheinen hier</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/influence_chart.py" />
   <source>At {0}: </source>
   <translation>Bei {0}: </translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/influence_chart.py" />
   <source>Influence chart</source>
   <translation>Einflusskurve</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/influence_chart.py" />
   <source>Who decided how much at each moment of the last proof</source>
   <translation>Wer in jedem Augenblick des letzten Abzugs wie viel entschied</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>structure kept: {0} of 100</source>
   <translation>Struktur gehalten: {0} von 100</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>style match of {0}: {1} of 100</source>
   <translation>Stil von {0} getroffen: {1} von 100</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>loose</source>
   <translation>lose</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>lost</source>
   <translation>verloren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>full</source>
   <translation>voll</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>part</source>
   <translation>teils</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/measure_bars.py" />
   <source>structure</source>
   <translation>Struktur</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/proof_facts.py" />
   <source>Structure kept</source>
   <translation>Struktur gehalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/proof_facts.py" />
   <source>Style match</source>
   <translation>Stil getroffen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Rename cue</source>
   <translation>Einsatz umbenennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Mute cue</source>
   <translation>Einsatz stumm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Solo cue</source>
   <translation>Einsatz solo</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Duplicate cue</source>
   <translation>Einsatz verdoppeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Move cue up</source>
   <translation>Einsatz nach oben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Move cue down</source>
   <translation>Einsatz nach unten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Select the cue below</source>
   <translation>Den Einsatz darunter wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Select the cue above</source>
   <translation>Den Einsatz darüber wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Select all cues</source>
   <translation>Alle Einsätze wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/sheet_desk.py" />
   <source>Show the whole run</source>
   <translation>Den ganzen Lauf zeigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Reference picture…</source>
   <translation>Vorlagenbild…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: edges</source>
   <translation>Führung: Kanten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: outline</source>
   <translation>Führung: Umriss</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: lines</source>
   <translation>Führung: Linien</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: depth</source>
   <translation>Führung: Tiefe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: blocks</source>
   <translation>Führung: Blöcke</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Guide: pose</source>
   <translation>Führung: Haltung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Avoided picture…</source>
   <translation>Gemiedenes Bild…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Add a cue: a reference, swatches, a guide, a picture to avoid</source>
   <translation>Einsatz hinzufügen: Vorlage, Farben, Führung, ein Bild zum Meiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Share</source>
   <translation>Teilen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Mix</source>
   <translation>Mischen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>Cue sheet</source>
   <translation>Einsatzplan</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>How several references meet. Share: each mark comes from one of them, areas follow their weights. Mix: they are averaged and made crisp again.</source>
   <translation>Wie mehrere Vorlagen sich treffen. Teilen: jede Spur kommt von einer, Flächen folgen ihren Gewichten. Mischen: sie werden gemittelt und wieder scharf gemacht.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/sheet/title.py" />
   <source>How references meet</source>
   <translation>Wie Vorlagen sich treffen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/bench_room.py" />
   <source>Compose and see the picture</source>
   <translation>Zusammenstellen und das Bild sehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/bench_room.py" />
   <source>The picture alone</source>
   <translation>Das Bild allein</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/bench_room.py" />
   <source>Wider tray</source>
   <translation>Breitere Ablage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/bench_room.py" />
   <source>Wider card</source>
   <translation>Breitere Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/bench_room.py" />
   <source>Plain width of tray and card</source>
   <translation>Ablage und Karte in einfacher Breite</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/demo_drawing.py" />
   <source>Drawing the demo, once: {0}, {1} %</source>
   <translation>Die Vorführung wird gezeichnet, einmal: {0}, {1} %</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/demo_drawing.py" />
   <source>the windmill</source>
   <translation>die Windmühle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>New</source>
   <translation>Neu</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Open…</source>
   <translation>Öffnen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Save</source>
   <translation>Sichern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Save as…</source>
   <translation>Sichern als…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pack with proofs…</source>
   <translation>Mit Abzügen packen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add pictures…</source>
   <translation>Bilder hinzufügen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Settings…</source>
   <translation>Einstellungen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Quit</source>
   <translation>Beenden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Undo</source>
   <translation>Rückgängig</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Redo</source>
   <translation>Wiederholen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Paste picture</source>
   <translation>Bild einfügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Find a picture in the tray</source>
   <translation>Ein Bild in der Ablage finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Rename the selected picture</source>
   <translation>Das gewählte Bild umbenennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Remove source</source>
   <translation>Quelle entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add reference…</source>
   <translation>Vorlage hinzufügen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Manners that ship…</source>
   <translation>Mitgelieferte Macharten…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add swatches</source>
   <translation>Farben hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add avoided picture…</source>
   <translation>Gemiedenes Bild hinzufügen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add edges</source>
   <translation>Kanten hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add outline</source>
   <translation>Umriss hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add lines</source>
   <translation>Linien hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add depth</source>
   <translation>Tiefe hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add blocks</source>
   <translation>Blöcke hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Add pose</source>
   <translation>Haltung hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>To the words</source>
   <translation>Zu den Worten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Free moved things</source>
   <translation>Bewegte Dinge freigeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Describe what is shown</source>
   <translation>Beschreiben, was zu sehen ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Describe the picture in the tray</source>
   <translation>Das Bild in der Ablage beschreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Teach the picture in the tray…</source>
   <translation>Das Bild in der Ablage beibringen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Teach the cues as a look…</source>
   <translation>Die Einsätze als Stil beibringen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Taught words…</source>
   <translation>Gelernte Worte…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pull</source>
   <translation>Ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Stop all that wait</source>
   <translation>Alles Wartende anhalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>What does this cue do?</source>
   <translation>Was bewirkt dieser Einsatz?</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Keep with a star</source>
   <translation>Mit einem Stern merken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Full screen</source>
   <translation>Ganzer Bildschirm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Dark room</source>
   <translation>Dunkler Raum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Find a command or setting…</source>
   <translation>Befehl oder Einstellung finden…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Handbook</source>
   <translation>Handbuch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Shortcuts</source>
   <translation>Tasten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>What was said</source>
   <translation>Was gesagt wurde</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Tour</source>
   <translation>Rundgang</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Open the demo</source>
   <translation>Die Vorführung öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>About Overlay</source>
   <translation>Über Overlay</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Begin an empty project</source>
   <translation>Ein leeres Projekt beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Open a project, a recipe or a proof from a file</source>
   <translation>Ein Projekt, ein Rezept oder einen Abzug aus einer Datei öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Keep the project with its pictures in one file</source>
   <translation>Das Projekt mit seinen Bildern in einer Datei sichern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Keep the project under another name</source>
   <translation>Das Projekt unter anderem Namen sichern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Write one file that takes the proofs along, to send or archive</source>
   <translation>Eine Datei schreiben, die die Abzüge mitnimmt, zum Senden oder Aufbewahren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Write the proof as a picture file: PNG, JPEG, TIFF, WebP</source>
   <translation>Den Abzug als Bilddatei schreiben: PNG, JPEG, TIFF, WebP</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>16 bit, colour profile, dots per inch, layers, recipe card</source>
   <translation>16 Bit, Farbprofil, Punkte je Zoll, Ebenen, Rezeptkarte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Put proofs on paper or into a PDF, with bleed and cutting marks</source>
   <translation>Abzüge auf Papier oder in ein PDF bringen, mit Beschnitt und Schnittmarken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Bring picture files into the tray</source>
   <translation>Bilddateien in die Ablage bringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Theme, threads, cache, cluster, language</source>
   <translation>Farben der Oberfläche, Kerne, Speicher, Verbund, Sprache</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Close the window</source>
   <translation>Das Fenster schließen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Take the last step back</source>
   <translation>Den letzten Schritt zurücknehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Make the undone step again</source>
   <translation>Den zurückgenommenen Schritt wieder tun</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Take a picture from the clipboard into the tray</source>
   <translation>Ein Bild aus der Zwischenablage in die Ablage nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Search the tray by name or use</source>
   <translation>Die Ablage nach Name oder Gebrauch durchsuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Call a picture in the tray otherwise; its file stays</source>
   <translation>Ein Bild der Ablage anders nennen; seine Datei bleibt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Start from words or noise instead of a picture</source>
   <translation>Mit Worten oder Rauschen beginnen statt mit einem Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Crop, straighten, retouch, sharpen a copy</source>
   <translation>Eine Kopie zuschneiden, gerade richten, ausbessern, schärfen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Give the influence another name</source>
   <translation>Dem Einfluss einen anderen Namen geben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Leave the cue out of the next proof</source>
   <translation>Den Einsatz im nächsten Abzug weglassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Hear this cue alone</source>
   <translation>Nur diesen Einsatz hören</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Copy the cue with all its settings</source>
   <translation>Den Einsatz mit allen Einstellungen kopieren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Change the order of the cues</source>
   <translation>Die Reihenfolge der Einsätze ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Go to the next cue</source>
   <translation>Zum nächsten Einsatz gehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Go to the cue before</source>
   <translation>Zum Einsatz davor gehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Change several cues at once</source>
   <translation>Mehrere Einsätze auf einmal ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Delete what is selected: cue, picture, pass, word</source>
   <translation>Löschen, was gewählt ist: Einsatz, Bild, Durchgang, Wort</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>A picture for its manner, its arrangement or its likeness</source>
   <translation>Ein Bild für seine Machart, seine Anordnung oder seine Ähnlichkeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>A shelf of references: lino cut, gouache, felt, tile, dots, weave</source>
   <translation>Ein Bord mit Vorlagen: Linolschnitt, Gouache, Filz, Kachel, Punkte, Gewebe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>A handful of colours to hold the palette</source>
   <translation>Eine Handvoll Farben, die die Palette halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>What resembles it is chosen less</source>
   <translation>Was ihm gleicht, wird seltener gewählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Hold the source's structure by its contours</source>
   <translation>Die Struktur der Quelle an ihren Konturen halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Hold only the outline of the subject</source>
   <translation>Nur den Umriss des Motivs halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Follow a drawing, a sketch or a plan</source>
   <translation>Einer Zeichnung, Skizze oder einem Plan folgen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Hold what is near and far, for fog and size of marks</source>
   <translation>Halten, was nah und fern ist, für Nebel und Spurgröße</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Hold large masses of colour or tone</source>
   <translation>Große Massen von Farbe oder Ton halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Move limbs by joints</source>
   <translation>Glieder an Gelenken bewegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pull once more with little freedom, so that rims go</source>
   <translation>Noch einmal mit wenig Freiheit ziehen, damit Ränder gehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pull once more with finer marks</source>
   <translation>Noch einmal mit feineren Spuren ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Make the proof larger, with finer marks of the references</source>
   <translation>Den Abzug vergrößern, mit feineren Spuren der Vorlagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Switch a pass off without losing it</source>
   <translation>Einen Durchgang ausschalten, ohne ihn zu verlieren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See what a pass has changed</source>
   <translation>Sehen, was ein Durchgang geändert hat</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Say in a prompt what is to be seen</source>
   <translation>In Worten sagen, was zu sehen sein soll</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Let things of the drawn scene stand where the words say</source>
   <translation>Dinge der gezeichneten Szene stehen lassen, wo die Worte sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Say the picture in phrases for the prompt</source>
   <translation>Das Bild in Worten für die Eingabe sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Say a reference in phrases for the prompt</source>
   <translation>Eine Vorlage in Worten für die Eingabe sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Make a cut-out or surface a word of your own</source>
   <translation>Aus einem Ausschnitt oder einer Oberfläche ein eigenes Wort machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Make a bundle of references a word of your own</source>
   <translation>Aus einem Bündel Vorlagen ein eigenes Wort machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Your own lexicon: share, forget, export, import</source>
   <translation>Der eigene Wortschatz: teilen, vergessen, ausgeben, aufnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Render, make a proof</source>
   <translation>Rechnen, einen Abzug machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Put the tool down, leave the room, stop the run</source>
   <translation>Werkzeug weglegen, Raum verlassen, Lauf anhalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Empty the queue</source>
   <translation>Die Warteschlange leeren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pull the same proof without it and compare</source>
   <translation>Denselben Abzug ohne ihn ziehen und vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Compare the proof with and without every cue</source>
   <translation>Den Abzug mit und ohne jeden Einsatz vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Try several random seeds beside each other</source>
   <translation>Mehrere zufällige Keime nebeneinander versuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Stray a little from the seed, in eight directions</source>
   <translation>Ein wenig vom Keim abirren, in acht Richtungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Mark the proof as a favourite</source>
   <translation>Den Abzug als Liebling kennzeichnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Go back to the settings of this proof</source>
   <translation>Zu den Einstellungen dieses Abzugs zurück</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Write the proof sheet as PNG or PDF, with its figures</source>
   <translation>Den Bogen als PNG oder PDF schreiben, mit seinen Zahlen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Write all pictures of the set into a folder</source>
   <translation>Alle Bilder des Satzes in einen Ordner schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Frames and videos whose marks do not flicker</source>
   <translation>Bilder und Videos, deren Spuren nicht flackern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Vary one or two settings in a grid</source>
   <translation>Eine oder zwei Einstellungen im Raster ändern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>A set of pictures by one hand</source>
   <translation>Ein Satz Bilder von einer Hand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>All proofs, newest first</source>
   <translation>Alle Abzüge, die neuesten zuerst</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>The whole screen for the window</source>
   <translation>Der ganze Bildschirm für das Fenster</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Put all panels away and back</source>
   <translation>Alle Felder weg und wieder her</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>More room for the pictures of this project</source>
   <translation>Mehr Platz für die Bilder dieses Projekts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>More room for the selected cue</source>
   <translation>Mehr Platz für den gewählten Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Give the picture back what panels took</source>
   <translation>Dem Bild zurückgeben, was Felder genommen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Dark or light theme</source>
   <translation>Dunkle oder helle Farben der Oberfläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Zoom the cue sheet out to 0 to 100 %</source>
   <translation>Den Einsatzplan auf 0 bis 100 % auszoomen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See the last proof</source>
   <translation>Den letzten Abzug sehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See the source as it lies under the proof</source>
   <translation>Die Quelle sehen, wie sie unter dem Abzug liegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See the scene that the words draw, its depth and things</source>
   <translation>Die Szene sehen, die die Worte zeichnen, ihre Tiefe und Dinge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See the guide's structure map over the picture</source>
   <translation>Die Strukturkarte der Führung über dem Bild sehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Paint, pick and shape areas, masks</source>
   <translation>Flächen malen, finden und formen, Masken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See which cue decided where</source>
   <translation>Sehen, welcher Einsatz wo entschied</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See which place of a reference each mark came from</source>
   <translation>Sehen, von welcher Stelle einer Vorlage jede Spur kam</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Compare two pictures along a line that is dragged</source>
   <translation>Zwei Bilder an einer gezogenen Linie vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Compare two pictures beside each other, zoom locked</source>
   <translation>Zwei Bilder nebeneinander vergleichen, Zoom gekoppelt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Compare two pictures by what differs</source>
   <translation>Zwei Bilder nach ihrem Unterschied vergleichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Exchange the two pictures that are compared</source>
   <translation>Die beiden verglichenen Bilder tauschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Zoom out to see the whole picture</source>
   <translation>Auszoomen, um das ganze Bild zu sehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Zoom to 100 percent, one to one</source>
   <translation>Auf 100 Prozent zoomen, eins zu eins</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Pick a colour as hex and OKLCH, and copy it</source>
   <translation>Eine Farbe als Hex und OKLCH ablesen und kopieren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Measure how calm a place is for text</source>
   <translation>Messen, wie ruhig eine Stelle für Text ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>This list</source>
   <translation>Diese Liste</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Read how things are done; opens at the page of where you are</source>
   <translation>Lesen, wie etwas geht; öffnet auf der Seite, die hierher gehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>List all keys</source>
   <translation>Alle Tasten auflisten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Read earlier messages and refusals again</source>
   <translation>Frühere Meldungen und Absagen noch einmal lesen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Show the window round</source>
   <translation>Durch das Fenster führen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>See how others begin, the Mallow Canal</source>
   <translation>Sehen, wie andere beginnen, der Mallow-Kanal</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/deeds.py" />
   <source>Version and licence</source>
   <translation>Version und Lizenz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/desk.py" />
   <source>Help</source>
   <translation>Hilfe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>{0}, now {1}</source>
   <translation>{0}, jetzt {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>Nothing is called so, or does that. Try another word, or a part of one.</source>
   <translation>Nichts heißt so oder tut das. Ein anderes Wort hilft, oder nur ein Teil davon.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>What do you want to do, or to set? Type a part of it</source>
   <translation>Was ist zu tun oder einzustellen? Einen Teil davon tippen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>Another value; Return takes it, Esc goes back</source>
   <translation>Ein anderer Wert; Eingabe nimmt ihn, Esc geht zurück</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>Find a command or setting</source>
   <translation>Befehl oder Einstellung finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/finding/panel.py" />
   <source>Commands and settings</source>
   <translation>Befehle und Einstellungen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/handbook.py" />
   <source>Search all pages</source>
   <translation>Alle Seiten durchsuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/handbook.py" />
   <source>Search the handbook</source>
   <translation>Das Handbuch durchsuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/handbook.py" />
   <source>Pages</source>
   <translation>Seiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/handbook.py" />
   <source>Page</source>
   <translation>Seite</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/helping.py" />
   <source>Overlay {0}: conditioned pictures, made on this computer. MIT licence.</source>
   <translation>Overlay {0}: gelenkte Bilder, gemacht auf diesem Rechner. MIT-Lizenz.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/helping.py" />
   <source>The handbook must lie beside the program, got none; install Overlay again.</source>
   <translation>Das Handbuch muss neben dem Programm liegen, es fehlt; Overlay neu einrichten.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>hold V</source>
   <translation>V halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Flip to the comparison</source>
   <translation>Zum Vergleich wechseln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Wheel, Space-drag</source>
   <translation>Rad, Leertaste und Ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Zoom, pan the picture</source>
   <translation>Das Bild zoomen, schwenken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Ctrl+click, Shift+click</source>
   <translation>Strg+Klick, Umschalt+Klick</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Select several cues</source>
   <translation>Mehrere Einsätze wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Zoom the run on its scale</source>
   <translation>Den Lauf auf seiner Skala zoomen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Tab, arrows</source>
   <translation>Tab, Pfeile</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Choose and move an envelope's handles</source>
   <translation>Griffe einer Hüllkurve wählen und bewegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Paint, retouch or erase (preparing, regions)</source>
   <translation>Malen, ausbessern oder radieren (Vorbereiten, Bereiche)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>comma, period</source>
   <translation>Komma, Punkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>Smaller, larger brush</source>
   <translation>Kleinerer, größerer Pinsel</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/shortcuts.py" />
   <source>By hand</source>
   <translation>Mit der Hand</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>1 of 4: gather</source>
   <translation>1 von 4: sammeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>The tray holds the pictures of this project. Drop your own here. Drag one onto the picture to start from it, or onto the cue sheet to take its manner.</source>
   <translation>Die Ablage hält die Bilder dieses Projekts. Eigene hierher ziehen. Eines auf das Bild ziehen, um damit zu beginnen, oder auf den Einsatzplan, um seine Machart zu nehmen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>2 of 4: compose in time</source>
   <translation>2 von 4: in der Zeit zusammenstellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Each row is a cue: one influence on the picture. Its shape says when it counts and how much. Drag the edges, the corners, the top. Left the masses are decided, right the grain.</source>
   <translation>Jede Zeile ist ein Einsatz: ein Einfluss auf das Bild. Seine Form sagt, wann er zählt und wie viel. Kanten, Ecken, oberen Rand ziehen. Links werden die Massen entschieden, rechts das Korn.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>3 of 4: pull a proof</source>
   <translation>3 von 4: einen Abzug ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Pull renders the picture here, on this computer. The same settings always give the same proof. Change one thing, pull again, and wipe between the two.</source>
   <translation>Ziehen rechnet das Bild hier, auf diesem Rechner. Dieselben Einstellungen geben immer denselben Abzug. Eines ändern, wieder ziehen, zwischen beiden wischen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>4 of 4: see why</source>
   <translation>4 von 4: sehen, warum</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Influence shows who decided where. Trace shows which place of a reference each mark came from. The line below says what could be better, and does it if you like.</source>
   <translation>Einfluss zeigt, wer wo entschied. Herkunft zeigt, von welcher Stelle einer Vorlage jede Spur kam. Die Zeile unten sagt, was besser sein könnte, und tut es auf Wunsch.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Leave the tour</source>
   <translation>Rundgang verlassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>The tour is also found under Help</source>
   <translation>Der Rundgang steht auch unter Hilfe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Next</source>
   <translation>Weiter</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Go on (Return)</source>
   <translation>Weiter (Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/help/tour.py" />
   <source>Done</source>
   <translation>Fertig</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/keeping.py" />
   <source>The recovery copy could not be written: {0}</source>
   <translation>Die Sicherungskopie ließ sich nicht schreiben: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/keeping.py" />
   <source>Stars and notes could not be written: {0}</source>
   <translation>Sterne und Notizen ließen sich nicht schreiben: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/keeping.py" />
   <source>marks {0}</source>
   <translation>Spuren {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/offering.py" />
   <source>sharpen</source>
   <translation>schärfen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/offering.py" />
   <source>blur</source>
   <translation>Unschärfe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Opening {0}…</source>
   <translation>{0} wird geöffnet…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Find {0}</source>
   <translation>{0} finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0} has changed since it was opened here: another window, or another program, has written it. Your work is still here.</source>
   <translation>{0} hat sich geändert, seit es hier geöffnet wurde: ein anderes Fenster oder Programm hat es geschrieben. Die Arbeit hier ist noch da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0}: not there: {1}{2}</source>
   <translation>{0}: nicht da: {1}{2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0}: your unsaved work is back.</source>
   <translation>{0}: die ungesicherte Arbeit ist wieder da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0} is {1} from now on.</source>
   <translation>{0} ist von nun an {1}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Saved {0} without what is not there: {1}</source>
   <translation>{0} gesichert, ohne was nicht da ist: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Saved {0}</source>
   <translation>{0} gesichert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Not saved: {0}</source>
   <translation>Nicht gesichert: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Packed {0} without what is not there: {1}</source>
   <translation>{0} gepackt, ohne was nicht da ist: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Packed {0} with its proofs</source>
   <translation>{0} mit Abzügen gepackt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0} is open in another window too. Saving asks before it overwrites what that one saved.</source>
   <translation>{0} ist auch in einem anderen Fenster offen. Vor dem Sichern wird gefragt, ehe überschrieben wird, was dort gesichert wurde.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>{0}: the recovery copy cannot be read</source>
   <translation>{0}: die Sicherungskopie ist nicht zu lesen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Not there either: {0}</source>
   <translation>Auch dort nicht: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Not packed: {0}</source>
   <translation>Nicht gepackt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Projects, recipes, proofs (*.overlay *.json *.png)</source>
   <translation>Projekte, Rezepte, Abzüge (*.overlay *.json *.png)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Open</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Project (*.overlay);;Recipe (*.json)</source>
   <translation>Projekt (*.overlay);;Rezept (*.json)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Take theirs</source>
   <translation>Das andere nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Overwrite</source>
   <translation>Überschreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Changed elsewhere</source>
   <translation>Anderswo geändert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Pack with proofs</source>
   <translation>Mit Abzügen packen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Project (*.overlay)</source>
   <translation>Projekt (*.overlay)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Unsaved work</source>
   <translation>Ungesicherte Arbeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>This project has changes that are not saved. Put it away? It stays under File, Unsaved work.</source>
   <translation>Dieses Projekt hat ungesicherte Änderungen. Weglegen? Es bleibt unter Datei, Ungesicherte Arbeit.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Open recent</source>
   <translation>Zuletzt geöffnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Nothing yet</source>
   <translation>Noch nichts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Nothing was left</source>
   <translation>Nichts ist liegen geblieben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Open a plate from words</source>
   <translation>Eine Tafel aus Worten öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Find it…</source>
   <translation>Suchen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Put it away</source>
   <translation>Weglegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>The demo is drawn.</source>
   <translation>Die Vorführung ist gezeichnet.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/project_files.py" />
   <source>Open it</source>
   <translation>Öffnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>What {0} does</source>
   <translation>Was {0} bewirkt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>, {0} s left</source>
   <translation>, noch {0} s</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Pulling: {0}, {1} %{2}</source>
   <translation>Wird gezogen: {0}, {1} %{2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>{0}: waits for its turn.</source>
   <translation>{0}: wartet, bis es dran ist.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Taken out: {0} that waited.</source>
   <translation>Herausgenommen: {0}, die warteten.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Same as proof {0}: nothing has changed since.</source>
   <translation>Wie Abzug {0}: seither hat sich nichts geändert.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Proof {0} is there, but could not be kept: {1}</source>
   <translation>Abzug {0} ist da, ließ sich aber nicht aufheben: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Proof {0} is there.</source>
   <translation>Abzug {0} ist da.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Same as proof {0}, pulled before.</source>
   <translation>Wie Abzug {0}, schon früher gezogen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Stop flipping</source>
   <translation>Wechseln beenden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Pulling…</source>
   <translation>Wird gezogen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Stopping…</source>
   <translation>Wird angehalten…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Stopped; the last proof is as it was.</source>
   <translation>Angehalten; der letzte Abzug ist, wie er war.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/puller.py" />
   <source>Compiling</source>
   <translation>Übersetzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/seam.py" />
   <source>Drag to widen; double click: as it was</source>
   <translation>Ziehen zum Verbreitern; Doppelklick: wie zuvor</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Light</source>
   <translation>Licht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>As the desktop</source>
   <translation>Wie der Schreibtisch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Pictures</source>
   <translation>Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Theme</source>
   <translation>Oberfläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Text</source>
   <translation>Text</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Language</source>
   <translation>Sprache</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Cores</source>
   <translation>Kerne</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Live looks</source>
   <translation>Mitlaufende Vorschau</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Kept proofs</source>
   <translation>Behaltene Abzüge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Cluster</source>
   <translation>Verbund</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Own files</source>
   <translation>Eigene Dateien</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Proofs</source>
   <translation>Abzüge</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>How the window looks; colours are judged best in the light one</source>
   <translation>Wie das Fenster aussieht; Farben beurteilt man am besten im hellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Two points larger</source>
   <translation>Zwei Punkt größer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Larger text in the whole window</source>
   <translation>Größerer Text im ganzen Fenster</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>all</source>
   <translation>alle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Cores used for rendering; the result is the same with any number</source>
   <translation>Kerne, die rechnen; das Ergebnis ist mit jeder Zahl dasselbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Show a small trial while a control is moved</source>
   <translation>Einen kleinen Versuch zeigen, während ein Regler bewegt wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Switch it off on a slow machine</source>
   <translation>Auf einem langsamen Rechner ausschalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Room for kept proofs. Beyond it the oldest without star or note lose their pictures; their recipes stay and give the same pictures again</source>
   <translation>Platz für behaltene Abzüge. Darüber verlieren die ältesten ohne Stern und Notiz ihr Bild; ihre Rezepte bleiben und geben dieselben Bilder wieder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Of the interface, from the next start; words draw in English</source>
   <translation>Der Oberfläche, ab dem nächsten Start; Worte zeichnen auf Englisch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>this computer alone; or tcp://host:8786</source>
   <translation>nur dieser Rechner; oder tcp://host:8786</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>A Dask scheduler whose workers pull rows of editions, cells of sheets and hunts</source>
   <translation>Ein Dask-Scheduler, dessen Arbeiter Zeilen von Auflagen, Zellen von Bögen und Jagden ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>as the desktop says</source>
   <translation>wie der Schreibtisch sagt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Where looking for pictures begins</source>
   <translation>Wo die Suche nach Bildern beginnt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Choose…</source>
   <translation>Wählen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/settings_dialog.py" />
   <source>Choose a folder</source>
   <translation>Einen Ordner wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/side_tabs.py" />
   <source>Edge of the tray</source>
   <translation>Rand der Ablage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/side_tabs.py" />
   <source>Edge of the card</source>
   <translation>Rand der Karte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/side_tabs.py" />
   <source>Tray</source>
   <translation>Ablage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/side_tabs.py" />
   <source>The pictures of this project</source>
   <translation>Die Bilder dieses Projekts</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/side_tabs.py" />
   <source>The selected cue</source>
   <translation>Der gewählte Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/telling.py" />
   <source>Opened {0}</source>
   <translation>{0} geöffnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>
Now straying towards seed {0}</source>
   <translation>
Streut jetzt zu Keim {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Size: must be width x height in pixels, got {0}</source>
   <translation>Größe: muss Breite x Höhe in Pixeln sein, ist {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Pull several seeds beside each other and choose (Ctrl+H){0}</source>
   <translation>Mehrere Keime nebeneinander ziehen und wählen (Strg+H){0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Seed: must be a whole number from 0, got {0}</source>
   <translation>Keim: muss eine ganze Zahl ab 0 sein, ist {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>{0} near relatives</source>
   <translation>{0} nahe Verwandte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>{0} seeds</source>
   <translation>{0} Keime</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>How far the proof may depart from the source: 0 % returns it, 100 % starts from noise (known in the trade as denoising strength)</source>
   <translation>Wie weit der Abzug von der Quelle abweichen darf: 0 % gibt sie zurück, 100 % beginnt mit Rauschen (im Fach als Denoising-Stärke bekannt)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Pull several seeds beside each other and choose (Ctrl+H)</source>
   <translation>Mehrere Keime nebeneinander ziehen und wählen (Strg+H)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Stray</source>
   <translation>Streuung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>How far it strays towards the other seed</source>
   <translation>Wie weit er zum anderen Keim abirrt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Size</source>
   <translation>Größe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source> Pull</source>
   <translation> Ziehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Render a proof; while one is in work, after it (Ctrl+Return)</source>
   <translation>Einen Abzug rechnen; läuft schon einer, danach (Strg+Eingabe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Stop what is in work (Esc); all that wait, too (Shift+Esc)</source>
   <translation>Anhalten, was läuft (Esc); auch alles Wartende (Umschalt+Esc)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>What is to be pulled, in order: click for the list</source>
   <translation>Was zu ziehen ist, der Reihe nach: Klick zeigt die Liste</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Queue</source>
   <translation>Warteschlange</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Departure slider</source>
   <translation>Regler der Abweichung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Size of the proof in pixels: choose one, or type width x height</source>
   <translation>Größe des Abzugs in Pixeln: eine wählen, oder Breite x Höhe tippen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Seed: the same number gives the same proof again</source>
   <translation>Keim: dieselbe Zahl gibt denselben Abzug wieder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Locked: every proof has this seed. Open: each pull takes a new one.</source>
   <translation>Gesperrt: jeder Abzug hat diesen Keim. Offen: jedes Ziehen nimmt einen neuen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Lock the seed</source>
   <translation>Den Keim sperren</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Unnamed project</source>
   <translation>Projekt ohne Namen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/top_bar.py" />
   <source>Not saved yet</source>
   <translation>Noch nicht gesichert</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/window.py" />
   <source>Del</source>
   <translation>Entf</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/window.py" />
   <source>Remove what is selected</source>
   <translation>Entfernen, was gewählt ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/shell/window.py" />
   <source>Esc</source>
   <translation>Esc</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/desk.py" />
   <source>The source</source>
   <translation>Die Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Drawing {0}…</source>
   <translation>Gezeichnet: {0}…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Make proofs in the manner of {0}</source>
   <translation>Abzüge in der Machart {0} machen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Manner: {0}</source>
   <translation>Machart: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>A picture of yours</source>
   <translation>Ein eigenes Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Choose a photograph or drawing as the source. Then take a manner from the shelf, or another picture's.</source>
   <translation>Ein Foto oder eine Zeichnung als Quelle wählen. Dann eine Machart vom Bord nehmen, oder die eines anderen Bildes.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Choose a picture…</source>
   <translation>Bild wählen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Words alone</source>
   <translation>Nur Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Say what is to be seen: heron at left, old boathouse, mist, dawn. It is drawn; a manner gives it life.</source>
   <translation>Sagen, was zu sehen sein soll (auf Englisch): heron at left, old boathouse, mist, dawn. Es wird gezeichnet; eine Machart gibt ihm Leben.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>The Mallow Canal</source>
   <translation>Der Mallow-Kanal</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>A project that is worth changing: an almanac's plates in several manners. Pull, then move one thing.</source>
   <translation>Ein Projekt, das zu ändern lohnt: Tafeln eines Almanachs in mehreren Macharten. Ziehen, dann eines bewegen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Put the shelf away; Cue › Manners that ship… shows it again</source>
   <translation>Das Bord weglegen; Einsatz › Mitgelieferte Macharten… zeigt es wieder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>How much of the demo is drawn</source>
   <translation>Wie viel von der Vorführung gezeichnet ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/start/panel.py" />
   <source>Take a
manner,
or drop
a picture</source>
   <translation>Machart
nehmen
oder Bild
ablegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>“{0}” is known in all projects. Projects that say it keep it.</source>
   <translation>„{0}“ ist in allen Projekten bekannt. Projekte, die es sagen, behalten es.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>A picture of “{0}”</source>
   <translation>Ein Bild von „{0}“</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>“{0}” is known now.</source>
   <translation>„{0}“ ist jetzt bekannt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>“{0}” is forgotten.</source>
   <translation>„{0}“ ist vergessen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>{0} words are in {1}.</source>
   <translation>{0} Worte sind in {1}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>{0}: there is no source to teach from</source>
   <translation>{0}: es gibt keine Quelle, aus der zu lernen wäre</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>{0} words came in: {1}.</source>
   <translation>{0} Worte kamen herein: {1}.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>“{0}” is known in all projects.</source>
   <translation>„{0}“ ist in allen Projekten bekannt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Taught words (*.zip)</source>
   <translation>Gelernte Worte (*.zip)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Forget it in all projects</source>
   <translation>In allen Projekten vergessen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Export taught words</source>
   <translation>Gelernte Worte ausgeben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Import taught words</source>
   <translation>Gelernte Worte aufnehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>A look is made of references; there is none yet.</source>
   <translation>Ein Stil wird aus Vorlagen gemacht; es gibt noch keine.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Select a picture in the tray to teach it.</source>
   <translation>Ein Bild in der Ablage wählen, um es beizubringen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>taught words</source>
   <translation>gelernte Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>area</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>Forget a word</source>
   <translation>Ein Wort vergessen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/desk.py" />
   <source>pictures</source>
   <translation>Bilder</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Put the word into the words line</source>
   <translation>Das Wort in die Zeile der Worte setzen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>For all projects</source>
   <translation>Für alle Projekte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Other projects know the word too</source>
   <translation>Auch andere Projekte kennen das Wort</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Forget</source>
   <translation>Vergessen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>The word is no longer known; cues that a look brought in stay</source>
   <translation>Das Wort ist nicht mehr bekannt; Einsätze, die ein Stil brachte, bleiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Write all words of this list, with their pictures, as one file</source>
   <translation>Alle Worte dieser Liste mit ihren Bildern als eine Datei schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Import…</source>
   <translation>Aufnehmen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Take the words of such a file in, for all projects</source>
   <translation>Die Worte einer solchen Datei aufnehmen, für alle Projekte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>this project</source>
   <translation>dieses Projekt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>all projects</source>
   <translation>alle Projekte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>both</source>
   <translation>beide</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Taught words</source>
   <translation>Gelernte Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>Find a taught word</source>
   <translation>Ein gelerntes Wort finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/listing.py" />
   <source>No word has been taught yet.

A picture in the tray can be taught as a thing or a surface, a region as an area, cues as a look: each has “Teach…” in its menu.</source>
   <translation>Noch wurde kein Wort beigebracht.

Ein Bild der Ablage lässt sich als Ding oder Oberfläche beibringen, ein Bereich als Fläche, Einsätze als Stil: jedes hat „Beibringen…“ in seinem Menü.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>on the ground</source>
   <translation>auf den Boden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>on calm water</source>
   <translation>auf stilles Wasser</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>in the sea</source>
   <translation>in die See</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>in the air</source>
   <translation>in die Luft</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>on a table</source>
   <translation>auf einen Tisch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>in a room</source>
   <translation>in ein Zimmer</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Thing</source>
   <translation>Ding</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>It stands in drawn scenes wherever the word is said</source>
   <translation>Es steht in gezeichneten Szenen, wo immer das Wort gesagt wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Area</source>
   <translation>Fläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>The word picks whatever looks like it, beside what did not belong to it</source>
   <translation>Das Wort findet, was so aussieht, neben dem, was nicht dazugehörte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Surface</source>
   <translation>Oberfläche</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>The word picks what looks like it, and lends its colour to things</source>
   <translation>Das Wort findet, was so aussieht, und leiht Dingen seine Farbe</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Whenever the word is said, these cues come in</source>
   <translation>Wann immer das Wort gesagt wird, kommen diese Einsätze herein</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Teach a word</source>
   <translation>Ein Wort beibringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>What is it called? One to four words</source>
   <translation>Wie heißt es? Ein bis vier Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Word</source>
   <translation>Wort</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>What the words line and picks will know it by</source>
   <translation>Woran die Zeile der Worte und das Finden es kennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>What is taught</source>
   <translation>Was beigebracht wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Keep its other pictures</source>
   <translation>Seine anderen Bilder behalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>A thing may have several cut-outs; the seed chooses one of them</source>
   <translation>Ein Ding darf mehrere Ausschnitte haben; der Keim wählt einen davon</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Other projects know the word too, as soon as it is said there</source>
   <translation>Auch andere Projekte kennen das Wort, sobald es dort gesagt wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Teach</source>
   <translation>Beibringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>From now on the word is read, drawn and picked like any other</source>
   <translation>Von nun an wird das Wort gelesen, gezeichnet und gefunden wie jedes andere</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Height in metres</source>
   <translation>Höhe in Metern</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>How tall it is in truth; things are drawn at their true size</source>
   <translation>Wie hoch es in Wahrheit ist; Dinge werden in ihrer Größe gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Where it belongs</source>
   <translation>Wohin es gehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Where it stands when no place is said, and what scene it asks for</source>
   <translation>Wo es steht, wenn kein Ort gesagt ist, und welche Szene es verlangt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Tall</source>
   <translation>Hoch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Belongs</source>
   <translation>Gehört</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/teaching/panel.py" />
   <source>Ticked cues come in whenever the look is said</source>
   <translation>Angehakte Einsätze kommen herein, wann immer der Stil gesagt wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>{0}: a map is made from a picture, got a swatch card</source>
   <translation>{0}: eine Karte wird aus einem Bild gemacht, dies ist eine Farbkarte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>{0}: the source must be a picture, got a swatch card</source>
   <translation>{0}: die Quelle muss ein Bild sein, dies ist eine Farbkarte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>Add pictures</source>
   <translation>Bilder hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>The clipboard must hold a picture, got none.</source>
   <translation>Die Zwischenablage muss ein Bild enthalten, sie enthält keines.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>Avoided picture</source>
   <translation>Gemiedenes Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/gathering.py" />
   <source>Reference picture</source>
   <translation>Vorlagenbild</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/ordering.py" />
   <source>As they were added</source>
   <translation>Wie hinzugefügt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/ordering.py" />
   <source>By name</source>
   <translation>Nach Namen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/ordering.py" />
   <source>By what uses them</source>
   <translation>Nach Gebrauch</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/pictures.py" />
   <source>Pictures in the tray</source>
   <translation>Bilder in der Ablage</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/pictures.py" />
   <source>Drag a picture onto the cue sheet for its manner, onto the picture as source</source>
   <translation>Ein Bild auf den Einsatzplan ziehen für seine Machart, auf das Bild als Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Add pictures to the tray</source>
   <translation>Bilder in die Ablage legen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Find a picture</source>
   <translation>Ein Bild finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Words of a picture's name, or of what uses it; Esc shows all again</source>
   <translation>Worte aus dem Namen eines Bildes oder aus dem, was es nutzt; Esc zeigt wieder alle</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Drop pictures here, or paste one.

Or look at how others begin:</source>
   <translation>Bilder hierher ziehen oder einfügen.

Oder sehen, wie andere beginnen:</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Opens a project that is worth changing; its pictures are drawn once</source>
   <translation>Öffnet ein Projekt, das zu ändern lohnt; seine Bilder werden einmal gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Rename</source>
   <translation>Umbenennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Remove from the tray</source>
   <translation>Aus der Ablage nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>not used</source>
   <translation>nicht genutzt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>cannot be read</source>
   <translation>nicht lesbar</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>not there</source>
   <translation>nicht da</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Use its colours</source>
   <translation>Seine Farben nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Prepare…</source>
   <translation>Vorbereiten…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Use as source</source>
   <translation>Als Quelle nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Take its manner</source>
   <translation>Seine Machart nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Avoid what resembles it</source>
   <translation>Meiden, was ihm gleicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Swatch card of its colours</source>
   <translation>Farbkarte aus seinen Farben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Teach as a word…</source>
   <translation>Als Wort beibringen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/tray/tray.py" />
   <source>Take one layer…</source>
   <translation>Eine Ebene nehmen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>{0}: a blank, which an edition fills; nothing is drawn for it</source>
   <translation>{0}: ein leerer Platz, den eine Auflage füllt; dafür wird nichts gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>{0}: not known, skipped{1}</source>
   <translation>{0}: nicht bekannt, übergangen{1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>{0}: {1} as {2} ({3})</source>
   <translation>{0}: {1} als {2} ({3})</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>; near are {0}</source>
   <translation>; nahe sind {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>Teach “{0}”…</source>
   <translation>„{0}“ beibringen…</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>read</source>
   <translation>gelesen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>unknown</source>
   <translation>unbekannt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>Drag up or down: emphasis. Sideways: order. Double click: edit. Del: remove.</source>
   <translation>Auf- und abwärts ziehen: Betonung. Seitwärts: Reihenfolge. Doppelklick: bearbeiten. Entf: entfernen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>, read but not drawn</source>
   <translation>, gelesen, aber nicht gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>no word of it is known</source>
   <translation>kein Wort davon ist bekannt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>The words</source>
   <translation>Die Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>Emphasis</source>
   <translation>Betonung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/chip.py" />
   <source>Plain emphasis</source>
   <translation>Ohne Betonung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/described.py" />
   <source>{0}, in words</source>
   <translation>{0}, in Worten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/described.py" />
   <source>Add to the words</source>
   <translation>Zu den Worten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/described.py" />
   <source>Tick it to have it join the words</source>
   <translation>Anhaken, damit es zu den Worten kommt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>Drag a thing to move it, with Shift to resize, with Ctrl to turn it.</source>
   <translation>Ein Ding ziehen bewegt es, mit Umschalt ändert die Größe, mit Strg dreht es.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>avoid</source>
   <translation>meiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>guidance</source>
   <translation>Lenkung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>drawn first</source>
   <translation>zuerst gezeichnet</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>Words</source>
   <translation>Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>There is no picture to describe yet.</source>
   <translation>Noch kein Bild zum Beschreiben.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>Select a picture in the tray to have it described.</source>
   <translation>Ein Bild in der Ablage wählen, um es beschreiben zu lassen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/desk.py" />
   <source>Remove words</source>
   <translation>Worte entfernen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Words: {0}</source>
   <translation>Worte: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Guidance</source>
   <translation>Lenkung</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>How far the words push beyond what references and source say; none is as if there were none</source>
   <translation>Wie weit die Worte über das hinaus lenken, was Vorlagen und Quelle sagen; bei nichts ist es, als gäbe es keine</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>How much the words count beside the cues</source>
   <translation>Wie viel die Worte neben den Einsätzen zählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Contours</source>
   <translation>Konturen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>How firmly the drawn scene's contours hold the marks</source>
   <translation>Wie fest die Konturen der gezeichneten Szene die Spuren halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>When the contours begin to hold</source>
   <translation>Wann die Konturen zu halten beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>When they let go</source>
   <translation>Wann sie loslassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>How long they take to reach their weight</source>
   <translation>Wie lange es dauert, bis sie ihr Gewicht haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>How long they take to let go</source>
   <translation>Wie lange es dauert, bis sie loslassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Words: where</source>
   <translation>Worte: wo</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Where the words act</source>
   <translation>Wo die Worte wirken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/hearing.py" />
   <source>Where contours and colours of the words act</source>
   <translation>Wo Konturen und Farben der Worte wirken</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>Say what is to be seen: heron at left, old boathouse, mist, dawn</source>
   <translation>Auf Englisch sagen, was zu sehen sein soll: heron at left, old boathouse, mist, dawn</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>How far, when and where the words are heard</source>
   <translation>Wie weit, wann und wo die Worte gehört werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>Phrases parted by commas; Return draws them (/)</source>
   <translation>Wortgruppen, durch Kommas getrennt; Eingabe zeichnet sie (/)</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>Avoid</source>
   <translation>Meiden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>Words to stay away from: things are not drawn, colours turned from</source>
   <translation>Worte, die zu meiden sind: Dinge werden nicht gezeichnet, Farben abgewandt</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/line.py" />
   <source>How the words are heard</source>
   <translation>Wie die Worte gehört werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Mute: as if there were no words</source>
   <translation>Stumm: als gäbe es keine Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Weight: how much the words count beside the cues</source>
   <translation>Gewicht: wie viel die Worte neben den Einsätzen zählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Envelope of the words</source>
   <translation>Hüllkurve der Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Contours of the words</source>
   <translation>Konturen der Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>How firmly the drawn contours hold; opens how the words are heard</source>
   <translation>Wie fest die gezeichneten Konturen halten; öffnet, wie die Worte gehört werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Region of the words</source>
   <translation>Bereich der Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Mute the words</source>
   <translation>Worte stumm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Weight of the words</source>
   <translation>Gewicht der Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>Mute words</source>
   <translation>Worte stumm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/row.py" />
   <source>muted</source>
   <translation>stumm</translation>
  </message>
  <message>
   <location filename="../../../overlay/app/words/waiting.py" />
   <source>being read</source>
   <translation>wird gelesen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>Start from proof {0}</source>
   <translation>Mit Abzug {0} beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>{0} seed each pull</source>
   <translation>Keim bei jedem Ziehen: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>Region {0}</source>
   <translation>Bereich {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>Restore proof {0}</source>
   <translation>Abzug {0} zurückholen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>Bring back proof {0}</source>
   <translation>Abzug {0} wiederbringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/bench.py" />
   <source>New seed</source>
   <translation>Neuer Keim</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/cue_edits.py" />
   <source>Duplicate {0}</source>
   <translation>{0} verdoppeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/cue_edits.py" />
   <source>Move {0}</source>
   <translation>{0} bewegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/cue_edits.py" />
   <source>Add {0}</source>
   <translation>{0} hinzufügen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/cue_edits.py" />
   <source>Hear all beside {0}</source>
   <translation>Alle neben {0} hören</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/cue_edits.py" />
   <source>cue {0} is no longer there, there are {1}</source>
   <translation>Einsatz {0} ist nicht mehr da, es gibt {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/pass_edits.py" />
   <source>{0} left out</source>
   <translation>{0} weggelassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/pass_edits.py" />
   <source>pass: must name a cue (there are: {0}), got {1}</source>
   <translation>pass: muss einen Einsatz nennen (es gibt: {0}), ist {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/pass_edits.py" />
   <source>pass {0} is no longer there, there are {1}</source>
   <translation>Durchgang {0} ist nicht mehr da, es gibt {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/picture_edits.py" />
   <source>Rename {0}</source>
   <translation>{0} umbenennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/region_edits.py" />
   <source>Redo {0} of proof {1}</source>
   <translation>{0} von Abzug {1} neu</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/region_edits.py" />
   <source>Settle {0} %</source>
   <translation>{0} % beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/region_edits.py" />
   <source>Settle nothing</source>
   <translation>Nichts beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/words_edits.py" />
   <source>Teach “{0}”</source>
   <translation>„{0}“ beibringen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/words_edits.py" />
   <source>Forget “{0}”</source>
   <translation>„{0}“ vergessen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/words_edits.py" />
   <source>Order of words</source>
   <translation>Reihenfolge der Worte</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>The rim of {0} can be seen ({1}; 1 is invisible).</source>
   <translation>Der Rand von {0} ist zu sehen ({1}; 1 ist unsichtbar).</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>{0} hardly shows (style match {1}): </source>
   <translation>{0} zeigt sich kaum (Stil getroffen {1}): </translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Contours moved (structure kept {0}).</source>
   <translation>Konturen haben sich bewegt (Struktur gehalten {0}).</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>At a departure of {0} % the arrangement goes its own way.</source>
   <translation>Bei einer Abweichung von {0} % geht die Anordnung eigene Wege.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>{0} holds with full weight to the very end; that looks stiff.</source>
   <translation>{0} hält mit vollem Gewicht bis zum Ende; das wirkt steif.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Long pieces of a reference come again and again ({0} %).</source>
   <translation>Lange Stücke einer Vorlage kommen immer wieder ({0} %).</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>{0} enters at {1} % and cannot show.</source>
   <translation>{0} beginnt bei {1} % und kann sich nicht zeigen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>The source {0}: {1}{2}</source>
   <translation>Die Quelle {0}: {1}{2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Weigh {0} {1} %</source>
   <translation>{0} mit {1} % wiegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Settle it {0} %</source>
   <translation>{0} % beruhigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Weigh it {0} %</source>
   <translation>Mit {0} % wiegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>{0}{1} holds too strongly.</source>
   <translation>{0}{1} hält zu stark.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>No reference or swatch is heard: the proof would be the source.</source>
   <translation>Keine Vorlage, keine Farben werden gehört: der Abzug wäre die Quelle.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>This is large for a trial; a smaller one is quicker to search with.</source>
   <translation>Das ist groß für einen Versuch; mit einem kleineren sucht es sich schneller.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Weigh it 50 %</source>
   <translation>Mit 50 % wiegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Leave at the end</source>
   <translation>Erst am Ende enden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Feather {0} px</source>
   <translation>Saum {0} px</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Grow {0} px</source>
   <translation>Wachsen {0} px</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Hold it with edges</source>
   <translation>Mit Kanten halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Try it smaller</source>
   <translation>Kleiner versuchen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Leave at 70 %</source>
   <translation>Bei 70 % enden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>See where from</source>
   <translation>Sehen, woher</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Enter at the start</source>
   <translation>Am Anfang beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Hold them with edges</source>
   <translation>Mit Kanten halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Hold them longer</source>
   <translation>Länger halten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Enter at 60 %</source>
   <translation>Bei 60 % beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Prepare it</source>
   <translation>Vorbereiten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>it enters late.</source>
   <translation>er beginnt spät.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>others weigh more.</source>
   <translation>andere wiegen mehr.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>the source is held too strongly.</source>
   <translation>die Quelle wird zu stark gehalten.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/advice.py" />
   <source>Depart 70 %</source>
   <translation>70 % abweichen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>The map of {0} is nearly all line; a drawing that needs inverting?</source>
   <translation>Die Karte von {0} ist fast nur Linie; eine Zeichnung, die umzukehren ist?</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>The depth map of {0} is flat and says nothing.</source>
   <translation>Die Tiefenkarte von {0} ist flach und sagt nichts.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>The map of {0} is overfull ({1} %); marks have no room.</source>
   <translation>Die Karte von {0} ist übervoll ({1} %); Spuren haben keinen Platz.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>The depth map of {0} has no ground: what is below is far.</source>
   <translation>Die Tiefenkarte von {0} hat keinen Boden: was unten ist, ist fern.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>The map of {0} is empty and holds nothing.</source>
   <translation>Die Karte von {0} ist leer und hält nichts.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>{0} and {1} hold different contours in the same place.</source>
   <translation>{0} und {1} halten verschiedene Konturen an derselben Stelle.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Weigh {0} 20 %</source>
   <translation>{0} mit 20 % wiegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Raise the thresholds</source>
   <translation>Schwellen heben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Lower the thresholds</source>
   <translation>Schwellen senken</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Find less</source>
   <translation>Weniger finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Less detail</source>
   <translation>Weniger Detail</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Find more</source>
   <translation>Mehr finden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>More detail</source>
   <translation>Mehr Detail</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Invert it</source>
   <translation>Umkehren</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/advising/map_advice.py" />
   <source>Exchange near and far</source>
   <translation>Nah und fern tauschen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Signs or text at the {0}: odd marks would turn up.</source>
   <translation>Zeichen oder Text am {0}: fremde Spuren würden auftauchen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Soft ({0}, sharp is {1} and up): proofs would be as soft.</source>
   <translation>Weich ({0}, scharf ist ab {1}): Abzüge würden ebenso weich.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Small ({0}x{1}): it has few marks to give.</source>
   <translation>Klein ({0}x{1}): es hat wenige Spuren zu geben.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Take the {0} one</source>
   <translation>Das Bild {0} nehmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Framed by flat bars: they would turn up in proofs.</source>
   <translation>Von flachen Balken gerahmt: sie würden in Abzügen auftauchen.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Two pictures on one sheet: both would be mixed.</source>
   <translation>Zwei Bilder auf einem Blatt: beide würden gemischt.</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/checks.py" />
   <source>Leave them out</source>
   <translation>Weglassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>emphasis of “{0}”</source>
   <translation>Betonung von „{0}“</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>Pass {0}</source>
   <translation>Durchgang {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>Run</source>
   <translation>Lauf</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>stray seed</source>
   <translation>Keim der Streuung</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>size on the frame</source>
   <translation>Größe auf dem Rahmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>fit on the frame</source>
   <translation>Lage auf dem Rahmen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>mark size</source>
   <translation>Spurgröße</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>kind of guide</source>
   <translation>Art der Führung</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>made from</source>
   <translation>gemacht aus</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>all but its region</source>
   <translation>alles außer seinem Bereich</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/settings.py" />
   <source>cue left out</source>
   <translation>weggelassener Einsatz</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>“{0}” no longer taught</source>
   <translation>„{0}“ nicht mehr beigebracht</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>“{0}” taught</source>
   <translation>„{0}“ beigebracht</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}: {1} removed</source>
   <translation>{0}: {1} entfernt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}: {1} added</source>
   <translation>{0}: {1} hinzugefügt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}“{1}” removed</source>
   <translation>{0}„{1}“ entfernt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}“{1}” added</source>
   <translation>{0}„{1}“ hinzugefügt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}“{1}”: emphasis {2} % → {3} %</source>
   <translation>{0}„{1}“: Betonung {2} % → {3} %</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}: moved</source>
   <translation>{0}: bewegt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>{0}: free again</source>
   <translation>{0}: wieder frei</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>order of the {0}</source>
   <translation>Reihenfolge: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>order of the cues</source>
   <translation>Reihenfolge der Einsätze</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>avoid </source>
   <translation>meiden </translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/differences.py" />
   <source>as usual</source>
   <translation>wie üblich</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/trials.py" />
   <source>{0}: must name a setting that is a number, got {1}, {2}</source>
   <translation>{0}: muss eine Einstellung nennen, die eine Zahl ist, ist {1}, {2}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/trials.py" />
   <source>none of that name</source>
   <translation>keine mit diesem Namen</translation>
  </message>
  <message>
   <location filename="../../../overlay/__init__.py" />
   <source>module 'overlay' has no attribute {0}</source>
   <translation>das Modul 'overlay' hat kein Attribut {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/api.py" />
   <source>must be one of {0}</source>
   <translation>muss eines sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/api.py" />
   <source>map {0}: {1}</source>
   <translation>Karte {0}: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/api.py" />
   <source>must be 1 to 4</source>
   <translation>muss 1 bis 4 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/api.py" />
   <source>must be 0 to {0}</source>
   <translation>muss 0 bis {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/api.py" />
   <source>must be (H, W, 3) uint8</source>
   <translation>muss (H, W, 3) uint8 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/cues.py" />
   <source>must be dark, then light, at least 0.01 more</source>
   <translation>muss dunkel, dann hell sein, mindestens 0.01 mehr</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/cues.py" />
   <source>must be exactly one of {0}</source>
   <translation>muss genau eines sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/cues.py" />
   <source>{0} belongs to {1} cues</source>
   <translation>{0} gehört zu Einsätzen der Art {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/cues.py" />
   <source>enter must be less than leave ({0})</source>
   <translation>enter muss kleiner sein als leave ({0})</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/guide_options.py" />
   <source>low must be at most high ({0})</source>
   <translation>low darf höchstens high ({0}) sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/keys.py" />
   <source>must name one of {0} or a number below {1}</source>
   <translation>muss eines von {0} nennen oder eine Zahl unter {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/keys.py" />
   <source>must be KEY=VALUE</source>
   <translation>muss SCHLÜSSEL=WERT sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/keys.py" />
   <source>the value must be JSON (text in double quotes)</source>
   <translation>der Wert muss JSON sein (Text in doppelten Anführungszeichen)</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/keys.py" />
   <source>{0} must lie in an object or list</source>
   <translation>{0} muss in einem Objekt oder einer Liste liegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/keys.py" />
   <source>{0} is nothing that this recipe has</source>
   <translation>{0} gibt es in diesem Rezept nicht</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/part.py" />
   <source>must be a name that a file can have, without null</source>
   <translation>muss ein Name sein, den eine Datei haben kann, ohne Null</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/part.py" />
   <source>must be 1</source>
   <translation>muss 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/passes.py" />
   <source>passes.{0}.factor may lead to 64 megapixels</source>
   <translation>passes.{0}.factor darf zu 64 Megapixeln führen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/passes.py" />
   <source>a run may have 16 megapixels, got {0}; beyond, only enlarge with marks that grow and a departure up to {1}</source>
   <translation>ein Lauf darf 16 Megapixel haben, gefunden: {0}; darüber geht nur Vergrößern mit wachsenden Spuren und einer Abweichung bis {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/preparation.py" />
   <source>must name a picture</source>
   <translation>muss ein Bild nennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/preparation.py" />
   <source>must be left, top, right, bottom in order</source>
   <translation>muss links, oben, rechts, unten sein, in dieser Ordnung</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/project_file.py" />
   <source>must be 1, got {0}; the file is of a newer Overlay</source>
   <translation>muss 1 sein, gefunden: {0}; die Datei ist von einem neueren Overlay</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/reading.py" />
   <source>a recipe must be a JSON object</source>
   <translation>ein Rezept muss ein JSON-Objekt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/reading.py" />
   <source>must carry a recipe (overlay:recipe)</source>
   <translation>muss ein Rezept tragen (overlay:recipe)</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>sides must be at least {0} and the area at most 16 megapixels</source>
   <translation>Seiten müssen mindestens {0} sein und die Fläche höchstens 16 Megapixel</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>the aspect ratio must be 1:8 to 8:1</source>
   <translation>das Seitenverhältnis muss 1:8 bis 8:1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>cue names must differ</source>
   <translation>Namen von Einsätzen müssen verschieden sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>{0} must name a region (there are: {1})</source>
   <translation>{0} muss einen Bereich nennen (es gibt: {1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>regions.{0}.guide must name a guide with contours (there are: {1})</source>
   <translation>regions.{0}.guide muss eine Führung mit Konturen nennen (es gibt: {1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>all strokes together may have {0} points</source>
   <translation>alle Striche zusammen dürfen {0} Punkte haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>all strokes together may go over the picture {0} times</source>
   <translation>alle Striche zusammen dürfen {0}-mal über das Bild gehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>passes.{0}.cues must name cues (there are: {1})</source>
   <translation>passes.{0}.cues muss Einsätze nennen (es gibt: {1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/recipe.py" />
   <source>regions.{0} may be combined with regions before it ({1})</source>
   <translation>regions.{0} darf mit Bereichen davor verbunden werden ({1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/regions.py" />
   <source>must have a mask or a pick</source>
   <translation>muss eine Maske haben oder gefunden werden, nicht beides</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/editions.py" />
   <source>cross must have other columns than rows</source>
   <translation>cross muss andere Spalten haben als rows</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/editions.py" />
   <source>an edition may have {0} rows</source>
   <translation>eine Auflage darf {0} Zeilen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/editions.py" />
   <source>cross may have a column once</source>
   <translation>cross darf eine Spalte einmal haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/editions.py" />
   <source>{0}.{1} must be a number, words, yes or no</source>
   <translation>{0}.{1} muss eine Zahl sein, Wörter, ja oder nein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/even.py" />
   <source>must be {0} to {1} colours</source>
   <translation>müssen {0} bis {1} Farben sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/sequences.py" />
   <source>must be a number, words, yes or no</source>
   <translation>muss eine Zahl sein, Wörter, ja oder nein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/sheets.py" />
   <source>down must be another setting than across</source>
   <translation>down muss eine andere Einstellung sein als across</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/sheets.py" />
   <source>a sheet may have {0} cells</source>
   <translation>ein Bogen darf {0} Zellen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/sheets.py" />
   <source>values must be numbers, words, yes or no</source>
   <translation>Werte müssen Zahlen sein, Wörter, ja oder nein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/sets/sheets.py" />
   <source>{0} may stand once</source>
   <translation>{0} darf einmal stehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/strokes.py" />
   <source>pressures must be one for each of {0} points</source>
   <translation>pressures muss eine für jeden von {0} Punkten haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/strokes.py" />
   <source>points of a ramp must be two</source>
   <translation>ein Verlauf muss zwei Punkte haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>must have 2 to {0} characters</source>
   <translation>muss 2 bis {0} Zeichen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>must be one to four plain words that say nothing else in a prompt</source>
   <translation>muss ein bis vier einfache Wörter sein, die in einem Prompt nichts anderes sagen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>{0} must hold at least one for a {1}</source>
   <translation>{0} muss mindestens eines haben für: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>{0} must be empty for a {1}</source>
   <translation>{0} muss leer sein für: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>must be a word</source>
   <translation>muss ein Wort sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/taught.py" />
   <source>every word must be taught once</source>
   <translation>jedes Wort darf einmal gelehrt werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/bulk.py" />
   <source>may have {0} entries</source>
   <translation>darf {0} Einträge haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>numbers must be finite</source>
   <translation>Zahlen müssen endlich sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>must be text that UTF-8 can hold</source>
   <translation>muss Text sein, den UTF-8 fassen kann</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>numbers may have {0} digits</source>
   <translation>Zahlen dürfen {0} Ziffern haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>JSON may be nested {0} deep</source>
   <translation>JSON darf {0} tief geschachtelt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>must be UTF-8 text</source>
   <translation>muss UTF-8-Text sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>a key may stand once</source>
   <translation>ein Schlüssel darf einmal stehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/json_text.py" />
   <source>must be JSON</source>
   <translation>muss JSON sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/packed.py" />
   <source>packed points must have {0} bytes each</source>
   <translation>gepackte Punkte müssen je {0} Bytes haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/packed.py" />
   <source>packed points must be at most {0}</source>
   <translation>gepackte Punkte dürfen höchstens {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/packed.py" />
   <source>packed colours must have 3 bytes each</source>
   <translation>gepackte Farben müssen je 3 Bytes haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/document/text/packed.py" />
   <source>packed {0} must be base64</source>
   <translation>gepackt muss es base64 sein: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/library.py" />
   <source>keep-out of {0} must leave room for a patch of {1}x{2} pixels</source>
   <translation>die Aussparung von {0} muss Platz lassen für ein Stück von {1}x{2} Pixeln</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/placing.py" />
   <source>fit must be one of {0} and scale above 0</source>
   <translation>fit muss eines sein von {0} und scale über 0</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/request.py" />
   <source>source must be {0}</source>
   <translation>die Quelle muss {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/request.py" />
   <source>without a source departure must be 1</source>
   <translation>ohne Quelle muss die Abweichung 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/request.py" />
   <source>region of {0} must be {1}</source>
   <translation>der Bereich von {0} muss {1} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/retracing.py" />
   <source>cues must be among {0}</source>
   <translation>Einsätze müssen aus {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/sampler.py" />
   <source>a run from noise needs a reference with the facet surface, layout or likeness</source>
   <translation>ein Lauf aus Rauschen braucht eine Vorlage mit der Facette Oberfläche, Anordnung oder Ähnlichkeit</translation>
  </message>
  <message>
   <location filename="../../../overlay/engine/sequence/film.py" />
   <source>frames must be of one size</source>
   <translation>Bilder müssen gleich groß sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/enlarging/faithful.py" />
   <source>at most 64 megapixels can be made</source>
   <translation>höchstens 64 Megapixel können gemacht werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/enlarging/faithful.py" />
   <source>{0} must be {1} to {2}</source>
   <translation>{0} muss {1} bis {2} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/blocks.py" />
   <source>cells must be 4 to 64</source>
   <translation>cells muss 4 bis 64 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/depth.py" />
   <source>ground must be -1 to 1</source>
   <translation>ground muss -1 bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/depth.py" />
   <source>haze must be 0 to 1</source>
   <translation>haze muss 0 bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/edges.py" />
   <source>low must be 0 to 1</source>
   <translation>low muss 0 bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/edges.py" />
   <source>high must be from low ({0}) to 1</source>
   <translation>high muss von low ({0}) bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/edges.py" />
   <source>sigma must be 0.5 to 8 pixels</source>
   <translation>sigma muss 0.5 bis 8 Pixel sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/lines.py" />
   <source>thickness must be 0.5 to 6 pixels</source>
   <translation>thickness muss 0.5 bis 6 Pixel sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/lines.py" />
   <source>cleaning must be 0 to 200 pixels</source>
   <translation>cleaning muss 0 bis 200 Pixel sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/lines.py" />
   <source>strength must be 0 to 1</source>
   <translation>strength muss 0 bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/outline.py" />
   <source>detail must be 0 to 1</source>
   <translation>detail muss 0 bis 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/guides/outline.py" />
   <source>softness must be 0 to 8 pixels</source>
   <translation>softness muss 0 bis 8 Pixel sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/openraster.py" />
   <source>cannot be written: {0}</source>
   <translation>kann nicht geschrieben werden: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>a page needs a picture</source>
   <translation>eine Seite braucht ein Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>bleed must be 0 to {0} mm</source>
   <translation>der Beschnitt muss 0 bis {0} mm sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>a sheet with bleed has no margin</source>
   <translation>ein Bogen mit Beschnitt hat keinen Rand</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>1 to 20 columns and rows</source>
   <translation>1 bis 20 Spalten und Zeilen</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>margins and gaps must leave room for pictures</source>
   <translation>Ränder und Abstände müssen Platz für Bilder lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/paper.py" />
   <source>{0} must be {1} to {2} mm</source>
   <translation>{0} muss {1} bis {2} mm sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/pictures.py" />
   <source>depth must be 8 or 16 bits</source>
   <translation>die Tiefe muss 8 oder 16 Bit sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/pictures.py" />
   <source>16 bits need PNG or TIFF</source>
   <translation>16 Bit brauchen PNG oder TIFF</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/pictures.py" />
   <source>another profile than sRGB needs 8 bits</source>
   <translation>ein anderes Profil als sRGB braucht 8 Bit</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/pictures.py" />
   <source>dots per inch must be {0} to {1}</source>
   <translation>Punkte je Zoll müssen {0} bis {1} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/handing/pictures.py" />
   <source>quality must be 1 to 100</source>
   <translation>die Güte muss 1 bis 100 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/decode.py" />
   <source>colours must be grey, RGB or CMYK</source>
   <translation>Farben müssen Grau, RGB oder CMYK sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/decode.py" />
   <source>the picture is damaged: {0}</source>
   <translation>das Bild ist beschädigt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/decode.py" />
   <source>must be a PNG, JPEG, WebP, TIFF or OpenRaster picture</source>
   <translation>muss ein Bild sein: PNG, JPEG, WebP, TIFF oder OpenRaster</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/decode.py" />
   <source>pictures may have 64 megapixels</source>
   <translation>Bilder dürfen 64 Megapixel haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/decode.py" />
   <source>cannot be read: {0}</source>
   <translation>kann nicht gelesen werden: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/files.py" />
   <source>the ending must be one of {0}</source>
   <translation>die Endung muss eine sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/files.py" />
   <source>{0} may have {1} bytes</source>
   <translation>{0} darf {1} Bytes haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>stack.xml must declare nothing of its own</source>
   <translation>stack.xml darf nichts Eigenes erklären</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>may have {0} layers</source>
   <translation>darf {0} Ebenen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>must hold {0}</source>
   <translation>muss {0} enthalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>{0} is damaged: {1}</source>
   <translation>{0} ist beschädigt: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>stack.xml is damaged: {0}</source>
   <translation>stack.xml ist beschädigt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>must have a layer {0} (there are: {1})</source>
   <translation>muss eine Ebene {0} haben (es gibt: {1})</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>the OpenRaster file is damaged: {0}</source>
   <translation>die OpenRaster-Datei ist beschädigt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/openraster.py" />
   <source>must be an OpenRaster file</source>
   <translation>muss eine OpenRaster-Datei sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/palette_files.py" />
   <source>must begin with {0}</source>
   <translation>muss mit {0} beginnen</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/palette_files.py" />
   <source>must hold 1 to {0} colours</source>
   <translation>muss 1 bis {0} Farben enthalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/palette_files.py" />
   <source>line {0} must be three numbers from 0 to 255</source>
   <translation>Zeile {0} muss drei Zahlen von 0 bis 255 haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/profiles.py" />
   <source>must be of RGB</source>
   <translation>muss für RGB sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/profiles.py" />
   <source>is damaged: {0}</source>
   <translation>ist beschädigt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/profiles.py" />
   <source>the colour profile must fit the picture ({0})</source>
   <translation>das Farbprofil muss zum Bild passen ({0})</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/profiles.py" />
   <source>the colour profile is damaged: {0}</source>
   <translation>das Farbprofil ist beschädigt: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/tiff.py" />
   <source>samples must be whole numbers of up to 16 bits</source>
   <translation>Werte müssen ganze Zahlen von höchstens 16 Bit sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/tiff.py" />
   <source>colours must be grey or RGB</source>
   <translation>Farben müssen Grau oder RGB sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/formats/tiff.py" />
   <source>may have {0} samples a pixel</source>
   <translation>darf {0} Werte je Pixel haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/intake.py" />
   <source>must stay as it is while it is read, it grew</source>
   <translation>muss bleiben, wie sie ist, während sie gelesen wird; sie wuchs</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/intake.py" />
   <source>the file is empty</source>
   <translation>die Datei ist leer</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/intake.py" />
   <source>may have {0}</source>
   <translation>darf {0} haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/intake.py" />
   <source>no file can have this name: {0}</source>
   <translation>so kann keine Datei heißen: {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/intake.py" />
   <source>must be a regular file</source>
   <translation>muss eine gewöhnliche Datei sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/main_colours.py" />
   <source>count must be 1 to 64</source>
   <translation>die Zahl muss 1 bis 64 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/prepare.py" />
   <source>levels must be dark, then light</source>
   <translation>Stufen müssen dunkel, dann hell sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/resample.py" />
   <source>height and width must be at least 1</source>
   <translation>Höhe und Breite müssen mindestens 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/rows.py" />
   <source>threads must be at least 0</source>
   <translation>threads muss mindestens 0 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/turn.py" />
   <source>degrees must be -45 to 45</source>
   <translation>Grad müssen -45 bis 45 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/imaging/whole_files.py" />
   <source>must be a regular file to be written over</source>
   <translation>muss eine gewöhnliche Datei sein, um überschrieben zu werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/measures/evenness.py" />
   <source>traits must be those of at least one picture</source>
   <translation>Merkmale müssen von mindestens einem Bild sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/regions/likeness.py" />
   <source>samples must show the area on 8 pixels at least</source>
   <translation>Proben müssen die Fläche auf mindestens 8 Pixeln zeigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/regions/pick_words.py" />
   <source>pick must be one of {0}</source>
   <translation>pick muss eines sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/regions/picks.py" />
   <source>{0} needs a depth map</source>
   <translation>{0} braucht eine Tiefenkarte</translation>
  </message>
  <message>
   <location filename="../../../overlay/scenery/manners/__init__.py" />
   <source>a manner must be one of {0}</source>
   <translation>eine Machart muss eine sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/scenery/scenes.py" />
   <source>a scene must be one of {0}</source>
   <translation>eine Szene muss eine sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/bench/pass_edits.py" />
   <source>must name a cue (there are: {0})</source>
   <translation>muss einen Einsatz nennen (es gibt: {0})</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/cluster.py" />
   <source>{0} has no workers</source>
   <translation>{0} hat keine Arbeiter</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/cluster.py" />
   <source>no scheduler answers at {0}</source>
   <translation>unter {0} antwortet kein Scheduler</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/cluster.py" />
   <source>{0} must be {1} on every worker</source>
   <translation>{0} muss auf jedem Arbeiter {1} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/crews.py" />
   <source>workers must be 1 to {0}</source>
   <translation>Arbeiter müssen 1 bis {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/edits.py" />
   <source>must have two values at least to be crossed</source>
   <translation>muss mindestens zwei Werte haben, um gekreuzt zu werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/edits.py" />
   <source>must be words</source>
   <translation>müssen Wörter sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/naming.py" />
   <source>brackets must be {n:02} or {column}</source>
   <translation>Klammern müssen {n:02} oder {Spalte} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/naming.py" />
   <source>digits of n must be 1 to 9, as {n:02}</source>
   <translation>n darf 1 bis 9 Stellen haben, wie {n:02}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/naming.py" />
   <source>must name one of {0}</source>
   <translation>muss eines nennen von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/naming.py" />
   <source>only n has digits</source>
   <translation>nur n hat Stellen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>an edition must be a JSON object</source>
   <translation>eine Auflage muss ein JSON-Objekt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>unknown key; allowed are {0}</source>
   <translation>unbekannter Schlüssel; erlaubt sind {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>must be an object or a file</source>
   <translation>muss ein Objekt oder eine Datei sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>must be a list of columns</source>
   <translation>muss eine Liste von Spalten sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>must be a column and its values</source>
   <translation>muss eine Spalte mit ihren Werten sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>must be a list, a table or a folder</source>
   <translation>muss eine Liste, eine Tabelle oder ein Ordner sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/reading.py" />
   <source>must be an object</source>
   <translation>muss ein Objekt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/rows.py" />
   <source>must be at least one</source>
   <translation>muss mindestens eines sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/rows.py" />
   <source>a blank may not be called as a setting</source>
   <translation>eine Lücke darf nicht heißen wie eine Einstellung</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/rows.py" />
   <source>must have a column</source>
   <translation>muss eine Spalte haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/rows.py" />
   <source>${0} must be given</source>
   <translation>${0} muss gegeben sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/rows.py" />
   <source>must be one phrase</source>
   <translation>muss eine einzige Wendung sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>pasted rows: there is no column they could go to; choose one first</source>
   <translation>eingefügte Zeilen: es gibt keine Spalte für sie; erst eine wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>must hold pictures</source>
   <translation>muss Bilder enthalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>{0}:1: every column must be named</source>
   <translation>{0}:1: jede Spalte muss einen Namen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>{0}:1: a column may stand once</source>
   <translation>{0}:1: eine Spalte darf einmal stehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>{0}:1: may have {1} columns</source>
   <translation>{0}:1: darf {1} Spalten haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>{0}:{1}: must be CSV (RFC 4180)</source>
   <translation>{0}:{1}: muss CSV (RFC 4180) sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/editions/tables.py" />
   <source>{0}:{1}: must have {2} columns</source>
   <translation>{0}:{1}: muss {2} Spalten haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/handing/card.py" />
   <source>the ending must be .png or .pdf</source>
   <translation>die Endung muss .png oder .pdf sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/handing/print_plan.py" />
   <source>sizes and dots per inch must be above 0</source>
   <translation>Größen und Punkte je Zoll müssen über 0 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/handing/profile.py" />
   <source>must be an ICC profile</source>
   <translation>muss ein ICC-Profil sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/drawn_parts.py" />
   <source>{0} must be a list of at most {1} names</source>
   <translation>{0} muss eine Liste von höchstens {1} Namen sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/drawn_parts.py" />
   <source>part must be one of those drawn there ({0})</source>
   <translation>part muss eines der dort gezeichneten sein ({0})</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/paths.py" />
   <source>names of files and folders must be UTF-8</source>
   <translation>Namen von Dateien und Ordnern müssen UTF-8 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/teaching.py" />
   <source>one mask goes with one picture</source>
   <translation>eine Maske gehört zu einem Bild</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/teaching.py" />
   <source>an area must be told from the rest by transparency or a mask</source>
   <translation>eine Fläche muss sich durch Transparenz oder eine Maske vom Rest abheben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/teaching.py" />
   <source>nothing stands out in it; a thing needs transparency or a mask</source>
   <translation>nichts hebt sich darin ab; ein Ding braucht Transparenz oder eine Maske</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/teaching.py" />
   <source>a mask must have its picture's proportions, {0}x{1}</source>
   <translation>eine Maske muss die Proportionen ihres Bildes haben, {0}x{1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/inputs/teaching.py" />
   <source>must show it on 64 pixels at least</source>
   <translation>muss es auf mindestens 64 Pixeln zeigen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/container.py" />
   <source>may hold {0} files</source>
   <translation>darf {0} Dateien enthalten</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/container.py" />
   <source>project.json may have {0} bytes</source>
   <translation>project.json darf {0} Bytes haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/container.py" />
   <source>must be a project file (ZIP)</source>
   <translation>muss eine Projektdatei (ZIP) sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/container.py" />
   <source>pictures must lie in {0}</source>
   <translation>Bilder müssen in {0} liegen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/container.py" />
   <source>projects may have 4 GiB</source>
   <translation>Projekte dürfen 4 GiB haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>may have {0} words</source>
   <translation>darf {0} Wörter haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>must be a list of cues</source>
   <translation>muss eine Liste von Einsätzen sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>files must have plain names</source>
   <translation>Dateien müssen einfache Namen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>must be a lexicon (ZIP)</source>
   <translation>muss ein Wortschatz (ZIP) sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>line {0}: every word must be taught once</source>
   <translation>Zeile {0}: jedes Wort darf einmal gelehrt werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/lexicon.py" />
   <source>height must be a number</source>
   <translation>die Höhe muss eine Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/opening.py" />
   <source>has changed since it was opened</source>
   <translation>hat sich geändert, seit es geöffnet wurde</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/safe_zip.py" />
   <source>may unpack to 4 GiB</source>
   <translation>darf ausgepackt 4 GiB haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/files/safe_zip.py" />
   <source>{0} is packed beyond belief</source>
   <translation>{0} ist unglaubhaft dicht gepackt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/packed_run.py" />
   <source>{0} of {1} do not fit {2} bytes</source>
   <translation>{0} von {1} passen nicht zu {2} Bytes</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/packed_run.py" />
   <source>the trace must name its {0} cues</source>
   <translation>die Herkunft muss ihre {0} Einsätze nennen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/packed_run.py" />
   <source>the trace must have {0} scales and origins</source>
   <translation>die Herkunft muss {0} Maßstäbe und Ursprünge haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/packed_run.py" />
   <source>{0} must be {1} of {2}</source>
   <translation>{0} muss {1} von {2} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/keeping/packed_run.py" />
   <source>a run leaves at most {0} arrays and {1} bytes</source>
   <translation>ein Lauf hinterlässt höchstens {0} Felder und {1} Bytes</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/engines.py" />
   <source>code of {0} must be allowed by --engine {1}, or when the window asks; got {2} in a recipe alone</source>
   <translation>Code von {0} muss durch --engine {1} erlaubt sein oder wenn das Fenster fragt; {2} stand nur in einem Rezept</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/engines.py" />
   <source>{0} must be a function</source>
   <translation>{0} muss eine Funktion sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/engines.py" />
   <source>{0} cannot be loaded: {1}</source>
   <translation>{0} kann nicht geladen werden: {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/guide_maps.py" />
   <source>there is no picture to make the blocks from</source>
   <translation>es gibt kein Bild, aus dem die Blöcke gemacht werden</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/guide_maps.py" />
   <source>there is no source to make the map from</source>
   <translation>es gibt keine Quelle, aus der die Karte gemacht wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/references.py" />
   <source>must leave some of the picture</source>
   <translation>muss etwas vom Bild übrig lassen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/region_masks.py" />
   <source>${0} must be filled, as an edition does</source>
   <translation>${0} muss gefüllt sein, wie es eine Auflage tut</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/region_masks.py" />
   <source>there is no source to pick from</source>
   <translation>es gibt keine Quelle, in der gefunden wird</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/requests.py" />
   <source>without a source or words it must be 1</source>
   <translation>ohne Quelle oder Wörter muss sie 1 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/requests.py" />
   <source>without a source one reference must give its surface, layout or likeness</source>
   <translation>ohne Quelle muss eine Vorlage ihre Oberfläche, Anordnung oder Ähnlichkeit geben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/making/words_scene.py" />
   <source>every word must be known</source>
   <translation>jedes Wort muss bekannt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>frames must be a folder or one of {0}</source>
   <translation>Bilder müssen ein Ordner sein oder eines von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>may have {0} frames</source>
   <translation>darf {0} Bilder haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>frames must be {0} as the first</source>
   <translation>Bilder müssen {0} sein wie das erste</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>must be at most {0} pixels</source>
   <translation>darf höchstens {0} Pixel haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>must be at most {0} pixels a frame</source>
   <translation>darf höchstens {0} Pixel je Bild haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/frames.py" />
   <source>must have a video stream</source>
   <translation>muss einen Videostrom haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/keys.py" />
   <source>must be FRAME:KEY=VALUE</source>
   <translation>muss BILD:SCHLÜSSEL=WERT sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/keys.py" />
   <source>must name a setting of the recipe but its source</source>
   <translation>muss eine Einstellung des Rezepts nennen, nicht seine Quelle</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/keys.py" />
   <source>frames are counted from 1 to 10000</source>
   <translation>Bilder werden von 1 bis 10000 gezählt</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/making.py" />
   <source>sequences need {0}</source>
   <translation>Folgen brauchen {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/making.py" />
   <source>frames of a sequence have none, got {0}; enlarge them afterwards</source>
   <translation>Bilder einer Folge haben keine, gefunden: {0}; danach vergrößern</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/making.py" />
   <source>must be the same for all frames</source>
   <translation>muss für alle Bilder gleich sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/writing.py" />
   <source>must be a folder</source>
   <translation>muss ein Ordner sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/writing.py" />
   <source>must be a folder or one of {0}</source>
   <translation>muss ein Ordner sein oder eines von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sequences/writing.py" />
   <source>an animation may have {0} megapixels in all its frames, got {1}; write a folder or a video</source>
   <translation>eine Animation darf in allen Bildern {0} Megapixel haben, gefunden: {1}; einen Ordner oder ein Video schreiben</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be WIDTHxHEIGHT</source>
   <translation>muss BREITExHÖHE sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be KEY=VALUE,VALUE or KEY=FROM:TO:COUNT</source>
   <translation>muss SCHLÜSSEL=WERT,WERT oder SCHLÜSSEL=VON:BIS:ANZAHL sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be 2 to {0} values</source>
   <translation>müssen 2 bis {0} Werte sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must name a setting ({0}, …)</source>
   <translation>muss eine Einstellung nennen ({0}, …)</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be a picture's file</source>
   <translation>muss die Datei eines Bildes sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be {0} to {1}</source>
   <translation>muss {0} bis {1} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be a whole number</source>
   <translation>muss eine ganze Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/axes.py" />
   <source>must be a number</source>
   <translation>muss eine Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/leaf.py" />
   <source>a page may have {0} megapixels, got {1}x{2}; choose smaller cells</source>
   <translation>eine Seite darf {0} Megapixel haben, gefunden: {1}x{2}; kleinere Zellen wählen</translation>
  </message>
  <message>
   <location filename="../../../overlay/studio/sheets/trials.py" />
   <source>must name a setting that is a number</source>
   <translation>muss eine Einstellung nennen, die eine Zahl ist</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/areas.py" />
   <source>words of a pick must be known</source>
   <translation>Wörter zum Finden müssen bekannt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/describing/__init__.py" />
   <source>focus must be one of {0}</source>
   <translation>focus muss eines sein von {0}</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/entries.py" />
   <source>must be one of {0}, = or ~</source>
   <translation>muss eines sein von {0}, = oder ~</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/entries.py" />
   <source>must be word, kind, value and notes parted by tabs</source>
   <translation>muss Wort, Art, Wert und Anmerkung sein, durch Tabulatoren getrennt</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/entries.py" />
   <source>must stand for a known word</source>
   <translation>muss für ein bekanntes Wort stehen</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/grammar.py" />
   <source>must be at most {0} characters</source>
   <translation>darf höchstens {0} Zeichen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/grammar.py" />
   <source>must have at most {0} phrases</source>
   <translation>darf höchstens {0} Wendungen haben</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/grammar.py" />
   <source>emphasis must be 0 to 200 %</source>
   <translation>die Betonung muss 0 bis 200 % sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/phrases.py" />
   <source>must be {0}N or {1}N.{2} with N below {3}</source>
   <translation>muss {0}N oder {1}N.{2} sein, mit N unter {3}</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/phrases.py" />
   <source>must be 0 to 2</source>
   <translation>muss 0 bis 2 sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/writing.py" />
   <source>blank ${0} must be filled</source>
   <translation>die Lücke ${0} muss gefüllt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/language/writing.py" />
   <source>blank ${0} must be filled by one phrase</source>
   <translation>die Lücke ${0} muss von einer einzigen Wendung gefüllt sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/subjects.py" />
   <source>must be of {0}</source>
   <translation>muss von {0} sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/subjects.py" />
   <source>must belong to {0}</source>
   <translation>muss zu {0} gehören</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/subjects.py" />
   <source>{0} has no figure {1}</source>
   <translation>{0} hat keine Figur {1}</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/things/cutouts.py" />
   <source>picture must be (H, W, 4)</source>
   <translation>das Bild muss (H, W, 4) sein</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/things/cutouts.py" />
   <source>a cut-out must cover {0} pixels across and down</source>
   <translation>ein Ausschnitt muss {0} Pixel in Breite und Höhe bedecken</translation>
  </message>
  <message>
   <location filename="../../../overlay/words/things/families/taught.py" />
   <source>shapes must hold a cut-out at least</source>
   <translation>shapes muss mindestens einen Ausschnitt enthalten</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Edges</source>
   <translation>Kanten</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Outline</source>
   <translation>Umriss</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Lines</source>
   <translation>Linien</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Blocks</source>
   <translation>Blöcke</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Pose</source>
   <translation>Haltung</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Subject</source>
   <translation>Motiv</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Background</source>
   <translation>Hintergrund</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Sky</source>
   <translation>Himmel</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Ground</source>
   <translation>Boden</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>up</source>
   <translation>auf</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Dark</source>
   <translation>Dunkel</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Palette</source>
   <translation>Palette</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Layout</source>
   <translation>Anlage</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Likeness</source>
   <translation>Ähnlichkeit</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Glazed tile</source>
   <translation>Kachel</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Lino cut</source>
   <translation>Linolschnitt</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Felt</source>
   <translation>Filz</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Gouache</source>
   <translation>Gouache</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Dot print</source>
   <translation>Punktdruck</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Weave</source>
   <translation>Gewebe</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Same</source>
   <translation>gleicher</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Windmill</source>
   <translation>Windmühle</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Lock</source>
   <translation>Schleuse</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Palette distance</source>
   <translation>Abstand der Palette</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Contour correlation</source>
   <translation>Deckung der Konturen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Layout match</source>
   <translation>Anordnung getroffen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Repeats</source>
   <translation>Wiederholungen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Rash</source>
   <translation>Ausschlag</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Free</source>
   <translation>Frei</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>tone</source>
   <translation>Ton</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>texture</source>
   <translation>Textur</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Bottle kiln</source>
   <translation>Flaschenofen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Glasshouse</source>
   <translation>Gewächshaus</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Barge</source>
   <translation>Kahn</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>Weigh-house</source>
   <translation>Waaghaus</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>forms</source>
   <translation>Formen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>grain</source>
   <translation>Korn</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>the lock</source>
   <translation>die Schleuse</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>the bottle kiln</source>
   <translation>der Flaschenofen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>the manners</source>
   <translation>die Macharten</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>a ride past the kilns</source>
   <translation>eine Fahrt an den Öfen vorbei</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>the first proof</source>
   <translation>der erste Abzug</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>larger marks</source>
   <translation>größere Spuren</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>smaller marks</source>
   <translation>kleinere Spuren</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>more texture</source>
   <translation>mehr Textur</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>less texture</source>
   <translation>weniger Textur</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>more colourful</source>
   <translation>farbiger</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>less colourful</source>
   <translation>weniger farbig</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>lighter</source>
   <translation>heller</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>darker</source>
   <translation>dunkler</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>more contrast</source>
   <translation>mehr Kontrast</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>less contrast</source>
   <translation>weniger Kontrast</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>redder</source>
   <translation>röter</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>greener</source>
   <translation>grüner</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>yellower</source>
   <translation>gelber</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>bluer</source>
   <translation>blauer</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>within</source>
   <translation>innerhalb</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>fade in</source>
   <translation>Einblenden</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>fade out</source>
   <translation>Ausblenden</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>contours</source>
   <translation>Konturen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>picture</source>
   <translation>Bild</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>mirror</source>
   <translation>Spiegelung</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>turns</source>
   <translation>Drehungen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>low</source>
   <translation>untere Schwelle</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>high</source>
   <translation>obere Schwelle</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>sigma</source>
   <translation>Sigma</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>invert</source>
   <translation>Umkehren</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>detail</source>
   <translation>Detail</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>softness</source>
   <translation>Weichheit</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>thickness</source>
   <translation>Dicke</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>cleaning</source>
   <translation>Säubern</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>strength</source>
   <translation>Stärke</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>polarity</source>
   <translation>Polarität</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>ground</source>
   <translation>Boden</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>haze</source>
   <translation>Dunst</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>flat sky</source>
   <translation>flacher Himmel</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>agreement</source>
   <translation>Einigkeit</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>receding</source>
   <translation>Zurücktreten</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>cells</source>
   <translation>Felder</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>hard</source>
   <translation>hart</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>pick</source>
   <translation>Fund</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>fill holes</source>
   <translation>Löcher füllen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>drop specks</source>
   <translation>Flecken weglassen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>smooth</source>
   <translation>Glätten</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>grow</source>
   <translation>Wachsen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>feather</source>
   <translation>Verlauf</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>off</source>
   <translation>aus</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>factor</source>
   <translation>Faktor</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>left out</source>
   <translation>weggelassen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>nothing</source>
   <translation>nichts</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>noise</source>
   <translation>Rauschen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>yes</source>
   <translation>ja</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>no</source>
   <translation>nein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>prompt</source>
   <translation>Prompt</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be given</source>
   <translation>muss gegeben sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid integer</source>
   <translation>muss eine ganze Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid number</source>
   <translation>muss eine Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid string</source>
   <translation>muss Text sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid boolean</source>
   <translation>muss wahr oder falsch sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid list</source>
   <translation>muss eine Liste sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid tuple</source>
   <translation>muss eine Liste sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a valid dictionary</source>
   <translation>muss ein Objekt sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be a finite number</source>
   <translation>muss eine endliche Zahl sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be greater than {0}</source>
   <translation>muss größer als {0} sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be greater than or equal to {0}</source>
   <translation>muss mindestens {0} sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be less than {0}</source>
   <translation>muss kleiner als {0} sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be less than or equal to {0}</source>
   <translation>darf höchstens {0} sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>must be {0}</source>
   <translation>muss {0} sein</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>string should match pattern {0}</source>
   <translation>der Text muss zum Muster {0} passen</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>string should have at most {0} characters</source>
   <translation>der Text darf höchstens {0} Zeichen haben</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>string should have at least {0} character</source>
   <translation>der Text muss mindestens {0} Zeichen haben</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>string should have at least {0} characters</source>
   <translation>der Text muss mindestens {0} Zeichen haben</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>, got {0}</source>
   <translation>, gefunden: {0}</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>something else</source>
   <translation>etwas anderes</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>some</source>
   <translation>welche</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>more</source>
   <translation>mehr</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>a damaged one</source>
   <translation>ein beschädigtes</translation>
  </message>
  <message>
   <location filename="../../../tools/translations.py" />
   <source>none left</source>
   <translation>nichts übrig</translation>
  </message>
 </context>
</TS>
