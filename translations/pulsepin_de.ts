<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source> · drop</source>
        <translation> · Drop</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
    <message>
        <source>, fine</source>
        <translation>, fein</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>2 bis 3 Bilder für weiche Bewegungen</translation>
    </message>
    <message>
        <source>Its first line is “%1”.</source>
        <translation>Ihre erste Zeile lautet „%1“.</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>No shortcut was changed.</source>
        <translation>Kein Kürzel wurde geändert.</translation>
    </message>
    <message>
        <source>Nothing will be seen: “%1” of %2 is %3</source>
        <translation>Es wird nichts zu sehen sein: „%1“ von %2 ist %3</translation>
    </message>
    <message>
        <source>Pulse Pin crashed. What is needed to find the fault is in %1; nothing was sent anywhere.</source>
        <translation>Pulse Pin ist abgestürzt. Was zum Finden des Fehlers nötig ist, steht in %1; nichts wurde irgendwohin gesendet.</translation>
    </message>
    <message>
        <source>That is no list of shortcuts.</source>
        <translation>Das ist keine Liste von Tastenkürzeln.</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>Bernstein</translation>
    </message>
    <message>
        <source>black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>Blau</translation>
    </message>
    <message>
        <source>dark %1</source>
        <translation>dunkles %1</translation>
    </message>
    <message>
        <source>green</source>
        <translation>Grün</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>Grau</translation>
    </message>
    <message>
        <source>leaf green</source>
        <translation>Blattgrün</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>Orange</translation>
    </message>
    <message>
        <source>pale %1</source>
        <translation>helles %1</translation>
    </message>
    <message>
        <source>plum</source>
        <translation>Pflaume</translation>
    </message>
    <message>
        <source>red</source>
        <translation>Rot</translation>
    </message>
    <message>
        <source>teal</source>
        <translation>Petrol</translation>
    </message>
    <message>
        <source>there are no keys “%1”.</source>
        <translation>es gibt keine Tasten „%1“.</translation>
    </message>
    <message>
        <source>there is no command “%1”.</source>
        <translation>es gibt keinen Befehl „%1“.</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>Violett</translation>
    </message>
    <message>
        <source>white</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>Gelb</translation>
    </message>
    <message>
        <source>“%1” is for “%2” already.</source>
        <translation>„%1“ gehört schon zu „%2“.</translation>
    </message>
    <message>
        <source>“%1” was not opened, since work was recovered. Save that first.</source>
        <translation>„%1“ wurde nicht geöffnet, da Arbeit wiederhergestellt wurde. Speichern Sie diese zuerst.</translation>
    </message>
</context>
<context>
    <name>any</name>
    <message>
        <source> and others</source>
        <translation> und andere</translation>
    </message>
    <message>
        <source> · drop</source>
        <translation> · Drop</translation>
    </message>
    <message>
        <source>%1 % of its length%2 · %3 %4</source>
        <translation>%1 % seiner Länge%2 · %3 %4</translation>
    </message>
    <message>
        <source>%1 dB at %2 s</source>
        <translation>%1 dB bei %2 s</translation>
    </message>
    <message>
        <source>%1 red flashes/s on %2 % of the view</source>
        <translation>%1 rote Blitze/s auf %2 % des Bildes</translation>
    </message>
    <message>
        <source>%1 s long, fades %2 s and %3 s</source>
        <translation>%1 s lang, Blenden %2 s und %3 s</translation>
    </message>
    <message>
        <source>%1 switched off</source>
        <translation>%1 ausgeschaltet</translation>
    </message>
    <message>
        <source>%1 switched on</source>
        <translation>%1 eingeschaltet</translation>
    </message>
    <message>
        <source>%1 · click a cell to light it, drag to paint along the beats · the right button makes dark</source>
        <translation>%1 · Klick auf eine Zelle beleuchtet sie, Ziehen malt über die Beats · die rechte Taste macht dunkel</translation>
    </message>
    <message>
        <source>%1/s on %2 % of the view</source>
        <translation>%1/s auf %2 % des Bildes</translation>
    </message>
    <message>
        <source>%1: deviation %2 ms · full height %3 ms</source>
        <translation>%1: Abweichung %2 ms · volle Höhe %3 ms</translation>
    </message>
    <message>
        <source>%1th</source>
        <translation>%1.</translation>
    </message>
    <message numerus="yes">
        <source>%n cells lit</source>
        <translation><numerusform>%n Zelle beleuchtet</numerusform><numerusform>%n Zellen beleuchtet</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n cells made dark</source>
        <translation><numerusform>%n Zelle dunkel</numerusform><numerusform>%n Zellen dunkel</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n pins selected</source>
        <translation><numerusform>%n Pin ausgewählt</numerusform><numerusform>%n Pins ausgewählt</numerusform></translation>
    </message>
    <message>
        <source>A bar before the few bars</source>
        <translation>Ein Takt vor den einigen Takten</translation>
    </message>
    <message>
        <source>A few bars are</source>
        <translation>Einige Takte sind</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>Immer</translation>
    </message>
    <message>
        <source>And the desktop's panel shows what plays</source>
        <translation>Und die Leiste des Desktops zeigt, was läuft</translation>
    </message>
    <message>
        <source>Another name</source>
        <translation>Anderer Name</translation>
    </message>
    <message>
        <source>Another name, please</source>
        <translation>Bitte ein anderer Name</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>Wie der Desktop</translation>
    </message>
    <message>
        <source>Audio-video offset</source>
        <translation>Versatz Ton zu Bild</translation>
    </message>
    <message>
        <source>Author</source>
        <translation>Urheber</translation>
    </message>
    <message>
        <source>Beat %1 moved by %2 ms · what is pinned goes along</source>
        <translation>Beat %1 um %2 ms verschoben · Angeheftetes geht mit</translation>
    </message>
    <message>
        <source>Cache of decoded songs</source>
        <translation>Cache für dekodierte Songs</translation>
    </message>
    <message>
        <source>Cache of small films</source>
        <translation>Cache für kleine Filme</translation>
    </message>
    <message>
        <source>Cache of sounds</source>
        <translation>Cache für Töne</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Copies of large clips that play without a pause</source>
        <translation>Kopien großer Clips, die ohne Stocken laufen</translation>
    </message>
    <message>
        <source>Copy for recovery every</source>
        <translation>Sicherungskopie alle</translation>
    </message>
    <message>
        <source>Day paper</source>
        <translation>Tagpapier</translation>
    </message>
    <message>
        <source>Desktop</source>
        <translation>Arbeitsplatz</translation>
    </message>
    <message>
        <source>Dialogs for files</source>
        <translation>Dialoge für Dateien</translation>
    </message>
    <message>
        <source>Drag along the beats, or to another lamp · Alt and drag changes its strength · the right button makes dark</source>
        <translation>Über die Beats oder zu einer anderen Lampe ziehen · Alt und Ziehen ändert die Stärke · die rechte Taste macht dunkel</translation>
    </message>
    <message>
        <source>Drag the end to make it last longer or shorter · Shift counts frames</source>
        <translation>Am Ende ziehen: länger oder kürzer · Umschalt zählt Bilder</translation>
    </message>
    <message>
        <source>Editing</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>Files and caches</source>
        <translation>Dateien und Caches</translation>
    </message>
    <message>
        <source>Files that the desktop opens; else each has a window</source>
        <translation>Dateien, die der Desktop öffnet; sonst bekommt jede ein Fenster</translation>
    </message>
    <message>
        <source>Folder in which dialogs begin</source>
        <translation>Ordner, in dem Dialoge beginnen</translation>
    </message>
    <message>
        <source>Frame rate</source>
        <translation>Bildrate</translation>
    </message>
    <message>
        <source>Height of the picture</source>
        <translation>Höhe des Bildes</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>Hoher Kontrast</translation>
    </message>
    <message>
        <source>How late your finger or your pad is</source>
        <translation>Wie spät Ihr Finger oder Ihr Pad ist</translation>
    </message>
    <message>
        <source>How much later the sound reaches the ear than the device knows, as with wireless loudspeakers</source>
        <translation>Wie viel später der Ton das Ohr erreicht, als das Gerät weiß, etwa bei Funklautsprechern</translation>
    </message>
    <message>
        <source>Its name at the sound server; empty: the desktop's own</source>
        <translation>Ihr Name beim Tonserver; leer: die des Desktops</translation>
    </message>
    <message>
        <source>Lamps that light up on each beat and in lanes; the picture itself is never changed</source>
        <translation>Lampen, die auf jedem Beat und in Spuren aufleuchten; das Bild selbst wird nie geändert</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>Language and looks</source>
        <translation>Sprache und Aussehen</translation>
    </message>
    <message>
        <source>Lasts %1</source>
        <translation>Dauert %1</translation>
    </message>
    <message>
        <source>Less: nothing flashes</source>
        <translation>Weniger: nichts blinkt</translation>
    </message>
    <message>
        <source>Media keys play and stop</source>
        <translation>Medientasten starten und stoppen</translation>
    </message>
    <message>
        <source>Motion in the window</source>
        <translation>Bewegung im Fenster</translation>
    </message>
    <message>
        <source>New projects</source>
        <translation>Neue Projekte</translation>
    </message>
    <message>
        <source>Night paper</source>
        <translation>Nachtpapier</translation>
    </message>
    <message>
        <source>Of a project that has no file yet; empty: your home</source>
        <translation>Eines Projekts, das noch keine Datei hat; leer: Ihr Heimordner</translation>
    </message>
    <message>
        <source>Of all words on the screen, and how numbers are typed; files are written the same in every language</source>
        <translation>Aller Wörter auf dem Bildschirm, und wie Zahlen getippt werden; Dateien sind in jeder Sprache gleich</translation>
    </message>
    <message>
        <source>Of the paper; high contrast is for the whole window</source>
        <translation>Des Papiers; hoher Kontrast gilt für das ganze Fenster</translation>
    </message>
    <message>
        <source>Of work that is not saved; it is offered after a crash</source>
        <translation>Von ungespeicherter Arbeit; nach einem Absturz wird sie angeboten</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>On top of what the desktop scales</source>
        <translation>Zusätzlich zur Skalierung des Desktops</translation>
    </message>
    <message>
        <source>Onset moved by %1 ms</source>
        <translation>Onset um %1 ms verschoben</translation>
    </message>
    <message>
        <source>Open files in the window that is open</source>
        <translation>Dateien im offenen Fenster öffnen</translation>
    </message>
    <message>
        <source>Playing</source>
        <translation>Wiedergabe</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Replace the file?</source>
        <translation>Datei ersetzen?</translation>
    </message>
    <message>
        <source>Replace the files?</source>
        <translation>Dateien ersetzen?</translation>
    </message>
    <message>
        <source>Size of text and controls</source>
        <translation>Größe von Text und Bedienelementen</translation>
    </message>
    <message>
        <source>Snapping</source>
        <translation>Einrasten</translation>
    </message>
    <message>
        <source>Songs are there at once when a piece is opened again; an hour takes 1300 MB</source>
        <translation>Songs sind sofort da, wenn ein Stück wieder geöffnet wird; eine Stunde braucht 1300 MB</translation>
    </message>
    <message>
        <source>Sound device</source>
        <translation>Tonausgabe</translation>
    </message>
    <message>
        <source>Stop returns to where it began</source>
        <translation>Stopp kehrt zum Anfang zurück</translation>
    </message>
    <message>
        <source>Strength %1 %</source>
        <translation>Stärke %1 %</translation>
    </message>
    <message>
        <source>Taps count earlier by</source>
        <translation>Tipps zählen früher um</translation>
    </message>
    <message>
        <source>The desktop's own know its places and network folders; they need the package qt6-xdgdesktopportal-platformtheme</source>
        <translation>Die des Desktops kennen seine Orte und Netzwerkordner; sie brauchen das Paket qt6-xdgdesktopportal-platformtheme</translation>
    </message>
    <message>
        <source>The desktop's, by its portal</source>
        <translation>Die des Desktops, durch sein Portal</translation>
    </message>
    <message>
        <source>The flashes are not measured yet</source>
        <translation>Die Blitze sind noch nicht gemessen</translation>
    </message>
    <message>
        <source>There are %1 files of these names already: %2%3. Shall they be replaced?</source>
        <translation>Es gibt schon %1 Dateien dieser Namen: %2%3. Sollen sie ersetzt werden?</translation>
    </message>
    <message>
        <source>There are no lamps yet: add some at Motion, Lights</source>
        <translation>Es gibt noch keine Lampen: fügen Sie unter Motion, Licht welche hinzu</translation>
    </message>
    <message>
        <source>There is a file “%1” already. Shall it be replaced?</source>
        <translation>Es gibt schon eine Datei „%1“. Soll sie ersetzt werden?</translation>
    </message>
    <message>
        <source>To %1</source>
        <translation>Nach %1</translation>
    </message>
    <message>
        <source>To %1 · %2</source>
        <translation>Nach %1 · %2</translation>
    </message>
    <message numerus="yes">
        <source>To %1 · %n locked, left alone</source>
        <translation><numerusform>Nach %1 · %n gesperrter bleibt</numerusform><numerusform>Nach %1 · %n gesperrte bleiben</numerusform></translation>
    </message>
    <message>
        <source>Usual ones</source>
        <translation>Die üblichen</translation>
    </message>
    <message>
        <source>Waveforms and what was heard; what was not wanted for longest goes first</source>
        <translation>Wellenformen und Gehörtes; was am längsten nicht gebraucht wurde, geht zuerst</translation>
    </message>
    <message>
        <source>When near</source>
        <translation>In der Nähe</translation>
    </message>
    <message>
        <source>Whether what is dragged goes to the nearest beat</source>
        <translation>Ob Gezogenes zum nächsten Beat springt</translation>
    </message>
    <message>
        <source>Width of the picture</source>
        <translation>Breite des Bildes</translation>
    </message>
    <message>
        <source>Written into exported files</source>
        <translation>Steht in exportierten Dateien</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>add point of gain</source>
        <translation>Pegelpunkt hinzufügen</translation>
    </message>
    <message>
        <source>air, 8 to 16 kHz</source>
        <translation>Luft, 8 bis 16 kHz</translation>
    </message>
    <message>
        <source>bass, 60 to 150 Hz</source>
        <translation>Bass, 60 bis 150 Hz</translation>
    </message>
    <message>
        <source>begins at %1 s</source>
        <translation>beginnt bei %1 s</translation>
    </message>
    <message>
        <source>begins with the song</source>
        <translation>beginnt mit dem Song</translation>
    </message>
    <message>
        <source>bend the way to keys</source>
        <translation>Weg zu Keys biegen</translation>
    </message>
    <message>
        <source>change strength</source>
        <translation>Stärke ändern</translation>
    </message>
    <message>
        <source>clear cells</source>
        <translation>Zellen leeren</translation>
    </message>
    <message>
        <source>comes in over %1 s</source>
        <translation>blendet ein über %1 s</translation>
    </message>
    <message>
        <source>end of the piece</source>
        <translation>Ende des Stücks</translation>
    </message>
    <message>
        <source>ends at %1 s</source>
        <translation>endet bei %1 s</translation>
    </message>
    <message>
        <source>ends with what is heard longest</source>
        <translation>endet mit dem, was am längsten klingt</translation>
    </message>
    <message>
        <source>fade key</source>
        <translation>Key blenden</translation>
    </message>
    <message>
        <source>fade song</source>
        <translation>Song blenden</translation>
    </message>
    <message>
        <source>fade sound</source>
        <translation>Ton blenden</translation>
    </message>
    <message>
        <source>flashing %1 %</source>
        <translation>Blitzen %1 %</translation>
    </message>
    <message>
        <source>goes out over %1 s</source>
        <translation>blendet aus über %1 s</translation>
    </message>
    <message>
        <source>grid %1%2 ms</source>
        <translation>Raster %1%2 ms</translation>
    </message>
    <message>
        <source>heard from %1 s for %2 s, fades %3 s and %4 s</source>
        <translation>zu hören ab %1 s für %2 s, Blenden %3 s und %4 s</translation>
    </message>
    <message>
        <source>lift top</source>
        <translation>Spitze heben</translation>
    </message>
    <message>
        <source>lifted by %1</source>
        <translation>um %1 gehoben</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>Lampen anschalten</translation>
    </message>
    <message>
        <source>limit %1/s</source>
        <translation>Grenze %1/s</translation>
    </message>
    <message>
        <source>low middle, 150 to 400 Hz</source>
        <translation>tiefe Mitten, 150 bis 400 Hz</translation>
    </message>
    <message>
        <source>lowered by %1</source>
        <translation>um %1 gesenkt</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>Lampen ausschalten</translation>
    </message>
    <message>
        <source>move beat</source>
        <translation>Beat verschieben</translation>
    </message>
    <message>
        <source>move key of event</source>
        <translation>Key des Ereignisses verschieben</translation>
    </message>
    <message>
        <source>move level</source>
        <translation>Pegel verschieben</translation>
    </message>
    <message>
        <source>move onset</source>
        <translation>Onset verschieben</translation>
    </message>
    <message>
        <source>move pin</source>
        <translation>Pin verschieben</translation>
    </message>
    <message>
        <source>move pins</source>
        <translation>Pins verschieben</translation>
    </message>
    <message>
        <source>move point of gain</source>
        <translation>Pegelpunkt verschieben</translation>
    </message>
    <message>
        <source>nothing starts here</source>
        <translation>hier beginnt nichts</translation>
    </message>
    <message>
        <source>one phrase a row</source>
        <translation>eine Phrase je Zeile</translation>
    </message>
    <message>
        <source>paint cells</source>
        <translation>Zellen malen</translation>
    </message>
    <message>
        <source>presence, 3 to 6 kHz</source>
        <translation>Präsenz, 3 bis 6 kHz</translation>
    </message>
    <message>
        <source>shorten song</source>
        <translation>Song kürzen</translation>
    </message>
    <message>
        <source>shot: %1, %2 · %3 %</source>
        <translation>Einstellung: %1, %2 · %3 %</translation>
    </message>
    <message>
        <source>start of the piece</source>
        <translation>Anfang des Stücks</translation>
    </message>
    <message>
        <source>stretch</source>
        <translation>strecken</translation>
    </message>
    <message>
        <source>stretch key</source>
        <translation>Key strecken</translation>
    </message>
    <message>
        <source>sub bass, 30 to 60 Hz</source>
        <translation>Subbass, 30 bis 60 Hz</translation>
    </message>
    <message>
        <source>trim sound</source>
        <translation>Ton trimmen</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>unsicher</translation>
    </message>
    <message>
        <source>voice, 300 Hz to 3 kHz</source>
        <translation>Stimme, 300 Hz bis 3 kHz</translation>
    </message>
    <message>
        <source>“%1” cannot be made. Choose another folder for the tour.</source>
        <translation>„%1“ lässt sich nicht anlegen. Wählen Sie einen anderen Ordner für die Tour.</translation>
    </message>
    <message>
        <source>“%1” cannot be written into. Choose another folder for the tour.</source>
        <translation>In „%1“ kann nicht geschrieben werden. Wählen Sie einen anderen Ordner für die Tour.</translation>
    </message>
    <message>
        <source>“%1” holds files that are not of an earlier tour, and nothing is written there. Choose a folder that is new or empty.</source>
        <translation>„%1“ enthält Dateien, die nicht von einer früheren Tour sind; dort wird nichts geschrieben. Wählen Sie einen neuen oder leeren Ordner.</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source>      ignored on purpose: </source>
        <translation>      absichtlich ignoriert: </translation>
    </message>
    <message>
        <source> Did you mean &quot;%1&quot;?</source>
        <translation> Meinten Sie „%1“?</translation>
    </message>
    <message>
        <source> are kept</source>
        <translation> bleiben</translation>
    </message>
    <message>
        <source> at swing %1 : 1</source>
        <translation> bei Swing %1 : 1</translation>
    </message>
    <message>
        <source> clip is not in the bin yet</source>
        <translation> Clip ist noch nicht in der Ablage</translation>
    </message>
    <message>
        <source> clips are not in the bin yet</source>
        <translation> Clips sind noch nicht in der Ablage</translation>
    </message>
    <message>
        <source> in bar</source>
        <translation> in Takt</translation>
    </message>
    <message>
        <source> in bars</source>
        <translation> in den Takten</translation>
    </message>
    <message>
        <source> is kept</source>
        <translation> bleibt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; acts instead of &quot;%2&quot;</source>
        <translation>„%1“ wirkt statt „%2“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot;</source>
        <translation>„%1“ und „%2“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot; both set it</source>
        <translation>„%1“ und „%2“ setzen es beide</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot; would share channel %3 of universe %4.</source>
        <translation>„%1“ und „%2“ würden sich Kanal %3 von Universum %4 teilen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be &quot;%2&quot;.</source>
        <translation>„%1“ kann nicht „%2“ sein.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be &quot;%2&quot;.%3</source>
        <translation>„%1“ kann nicht „%2“ sein.%3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could be more than one property.</source>
        <translation>„%1“ könnte mehr als eine Eigenschaft sein.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not say which bars.</source>
        <translation>„%1“ sagt nicht, welche Takte.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; drives it twice</source>
        <translation>„%1“ steuert es zweimal</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has a value of another kind.</source>
        <translation>„%1“ hat einen Wert anderer Art.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no picture.</source>
        <translation>„%1“ hat kein Bild.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no shape for &quot;%2&quot;.</source>
        <translation>„%1“ hat keine Form für „%2“.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no top as high as that.</source>
        <translation>„%1“ hat keine so hohe Spitze.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has other poses already.</source>
        <translation>„%1“ hat schon andere Posen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; holds clips of its own: it comes as one shot that is still to come.</source>
        <translation>„%1“ enthält eigene Clips: es kommt als eine Einstellung, die noch fehlt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; in a piece of %2</source>
        <translation>„%1“ in einem Stück mit %2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; in line %2 is no length.</source>
        <translation>„%1“ in Zeile %2 ist keine Länge.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is %2, which is no %3</source>
        <translation>„%1“ ist %2, und das ist kein %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is locked.</source>
        <translation>„%1“ ist gesperrt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is made of another lane's tops: follow that lane</source>
        <translation>„%1“ besteht aus Spitzen einer anderen Spur: folgen Sie jener</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>„%1“ fehlt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing, or no text.</source>
        <translation>„%1“ fehlt oder ist kein Text.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no address.</source>
        <translation>„%1“ ist keine Adresse.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no event.</source>
        <translation>„%1“ ist kein Ereignis.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no lane of lights.</source>
        <translation>„%1“ ist keine Spur für Licht.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no number.</source>
        <translation>„%1“ ist keine Zahl.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no speed.</source>
        <translation>„%1“ ist keine Geschwindigkeit.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no time.</source>
        <translation>„%1“ ist keine Zeit.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no timecode.</source>
        <translation>„%1“ ist kein Timecode.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no track.</source>
        <translation>„%1“ ist keine Spur.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a frame rate.</source>
        <translation>„%1“ ist keine Bildrate.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a metre.</source>
        <translation>„%1“ ist keine Taktart.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a place in the music.</source>
        <translation>„%1“ ist keine Stelle in der Musik.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a timecode at %2 frames a second.</source>
        <translation>„%1“ ist kein Timecode bei %2 Bildern je Sekunde.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not counted in that.</source>
        <translation>„%1“ wird darin nicht gezählt.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood after &quot;cut&quot;.</source>
        <translation>„%1“ ist nach „cut“ nicht verständlich.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood.</source>
        <translation>„%1“ ist nicht verständlich.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is on or off.</source>
        <translation>„%1“ ist an oder aus.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is over</source>
        <translation>„%1“ ist zu Ende</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is over at once</source>
        <translation>„%1“ ist sofort zu Ende</translation>
    </message>
    <message>
        <source>&quot;%1&quot; lights its lamps more than a million times: from here on they stay dark</source>
        <translation>„%1“ lässt seine Lampen mehr als eine Million Mal leuchten: Ab hier bleiben sie dunkel</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be %2, not &quot;%3&quot;.</source>
        <translation>„%1“ muss %2 sein, nicht „%3“.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a whole number.</source>
        <translation>„%1“ muss eine ganze Zahl sein.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must lie between %2 and %3.</source>
        <translation>„%1“ muss zwischen %2 und %3 liegen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; needs channels up to %2 of universe %3, which has 512.</source>
        <translation>„%1“ braucht Kanäle bis %2 von Universum %3, das 512 hat.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; of a %2 is no number: &quot;%3&quot;.</source>
        <translation>„%1“ von %2 ist keine Zahl: „%3“.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; sets nothing.%2</source>
        <translation>„%1“ setzt nichts.%2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; would follow itself.</source>
        <translation>„%1“ würde sich selbst folgen.</translation>
    </message>
    <message>
        <source>%1 % at random (seed %2)</source>
        <translation>%1 % zufällig (Startwert %2)</translation>
    </message>
    <message>
        <source>%1 % of it is seen</source>
        <translation>%1 % davon sind zu sehen</translation>
    </message>
    <message>
        <source>%1 % of the picture's %2 is cut off</source>
        <translation>%1 % der %2 des Bildes sind abgeschnitten</translation>
    </message>
    <message>
        <source>%1 % of the view</source>
        <translation>%1 % des Bildes</translation>
    </message>
    <message>
        <source>%1 %2 agree%3 little with what is heard</source>
        <translation>%1 %2 passen%3 wenig zum Gehörten</translation>
    </message>
    <message>
        <source>%1 Or look at %2, which a save that was cut off left behind.</source>
        <translation>%1 Oder sehen Sie %2 an, das ein abgebrochenes Speichern zurückließ.</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 und %2 weitere</translation>
    </message>
    <message>
        <source>%1 as its lane says</source>
        <translation>%1, wie seine Spur sagt</translation>
    </message>
    <message>
        <source>%1 by age</source>
        <translation>%1 nach Alter</translation>
    </message>
    <message>
        <source>%1 characters per second</source>
        <translation>%1 Zeichen je Sekunde</translation>
    </message>
    <message>
        <source>%1 does not lie in %2</source>
        <translation>%1 liegt nicht in %2</translation>
    </message>
    <message>
        <source>%1 fps</source>
        <translation>%1 fps</translation>
    </message>
    <message>
        <source>%1 fps, %2 x %3, %4</source>
        <translation>%1 fps, %2 x %3, %4</translation>
    </message>
    <message>
        <source>%1 frame%2</source>
        <translation>%1 Bild%2</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 frames apart</source>
        <translation>%1 Bilder auseinander</translation>
    </message>
    <message>
        <source>%1 frames missing</source>
        <translation>%1 Bilder fehlen</translation>
    </message>
    <message>
        <source>%1 frames/s</source>
        <translation>%1 Bilder/s</translation>
    </message>
    <message>
        <source>%1 from %2 to %3 and back</source>
        <translation>%1 von %2 bis %3 und zurück</translation>
    </message>
    <message>
        <source>%1 has no drop-frame count</source>
        <translation>%1 hat keine Drop-Frame-Zählung</translation>
    </message>
    <message>
        <source>%1 in a second</source>
        <translation>%1 in einer Sekunde</translation>
    </message>
    <message>
        <source>%1 is beyond what %2 can be.</source>
        <translation>%1 ist jenseits dessen, was %2 sein kann.</translation>
    </message>
    <message>
        <source>%1 is loose</source>
        <translation>%1 ist lose</translation>
    </message>
    <message>
        <source>%1 is no colour</source>
        <translation>%1 ist keine Farbe</translation>
    </message>
    <message>
        <source>%1 is not seen</source>
        <translation>%1 ist nicht zu sehen</translation>
    </message>
    <message>
        <source>%1 keys</source>
        <translation>%1 Keys</translation>
    </message>
    <message>
        <source>%1 lanes of curves, for want of controllers</source>
        <translation>%1 Spuren mit Kurven, mangels Controllern</translation>
    </message>
    <message>
        <source>%1 lie further away: allow a greater distance with within.</source>
        <translation>%1 liegen weiter weg: erlauben Sie mit within einen größeren Abstand.</translation>
    </message>
    <message>
        <source>%1 lies beside its beat</source>
        <translation>%1 liegt neben seinem Beat</translation>
    </message>
    <message>
        <source>%1 loose pins lie further from a beat.</source>
        <translation>%1 lose Pins liegen weiter von einem Beat.</translation>
    </message>
    <message>
        <source>%1 move</source>
        <translation>%1 verschieben sich</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
    <message>
        <source>%1 ms %2</source>
        <translation>%1 ms %2</translation>
    </message>
    <message>
        <source>%1 ms %2, frame %3</source>
        <translation>%1 ms %2, Bild %3</translation>
    </message>
    <message>
        <source>%1 of &quot;%2&quot;</source>
        <translation>%1 von „%2“</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 of %2 frames left</source>
        <translation>%1 von %2 Bildern bleiben</translation>
    </message>
    <message>
        <source>%1 of %2, %3 to %4 Hz</source>
        <translation>%1 von %2, %3 bis %4 Hz</translation>
    </message>
    <message>
        <source>%1 of %2, %3, %4 to %5 Hz</source>
        <translation>%1 von %2, %3, %4 bis %5 Hz</translation>
    </message>
    <message>
        <source>%1 of the lane “%2” would lie behind the end of the song</source>
        <translation>%1 der Spur „%2“ läge hinter dem Ende des Songs</translation>
    </message>
    <message>
        <source>%1 on </source>
        <translation>%1 auf </translation>
    </message>
    <message>
        <source>%1 on %2%3</source>
        <translation>%1 auf %2%3</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 poses</source>
        <translation>Posen von %1</translation>
    </message>
    <message>
        <source>%1 s at the end</source>
        <translation>%1 s am Ende</translation>
    </message>
    <message>
        <source>%1 stands where a group of fields should be</source>
        <translation>%1 steht, wo eine Gruppe von Feldern sein sollte</translation>
    </message>
    <message>
        <source>%1 stands where a group of fields with &quot;%2&quot; should be</source>
        <translation>%1 steht, wo eine Gruppe von Feldern mit „%2“ sein sollte</translation>
    </message>
    <message>
        <source>%1 the song and all that lies beside it by %2 dB</source>
        <translation>%1 den Song und alles neben ihm um %2 dB</translation>
    </message>
    <message>
        <source>%1 ticks</source>
        <translation>%1 Ticks</translation>
    </message>
    <message>
        <source>%1 timecode</source>
        <translation>%1 Timecode</translation>
    </message>
    <message>
        <source>%1 together</source>
        <translation>%1 zusammen</translation>
    </message>
    <message>
        <source>%1 x %2 is written as %3 x %4, since this kind of film has even sides</source>
        <translation>%1 x %2 wird als %3 x %4 geschrieben, da diese Art Film gerade Seiten hat</translation>
    </message>
    <message>
        <source>%1%2 will be gone when it is saved</source>
        <translation>%1%2 ist weg, sobald gespeichert wird</translation>
    </message>
    <message>
        <source>%1, in the whole song</source>
        <translation>%1, im ganzen Song</translation>
    </message>
    <message>
        <source>%1, whole song</source>
        <translation>%1, ganzer Song</translation>
    </message>
    <message>
        <source>%1: %2 flashes/s become %3 or fewer that count</source>
        <translation>%1: aus %2 Blitzen/s werden höchstens %3, die zählen</translation>
    </message>
    <message>
        <source>%2 beats between the held ones</source>
        <translation>%2 Beats zwischen den gehaltenen</translation>
    </message>
    <message>
        <source>%2 lights</source>
        <translation>%2 Lichter</translation>
    </message>
    <message>
        <source>%2 locked, left alone</source>
        <translation>%2 gesperrte bleiben</translation>
    </message>
    <message>
        <source>%2 moved, %1 too far away</source>
        <translation>%2 verschoben, %1 zu weit weg</translation>
    </message>
    <message>
        <source>%2 pin tied: it moves with the sound</source>
        <translation>%2 Pin gebunden: er geht mit dem Ton</translation>
    </message>
    <message>
        <source>%2 pins tied: they move with the sound</source>
        <translation>%2 Pins gebunden: sie gehen mit dem Ton</translation>
    </message>
    <message>
        <source>%2 placed</source>
        <translation>%2 gesetzt</translation>
    </message>
    <message>
        <source>%2 placed again</source>
        <translation>%2 erneut gesetzt</translation>
    </message>
    <message>
        <source>%2 pulses placed</source>
        <translation>%2 Pulse gesetzt</translation>
    </message>
    <message>
        <source>%2 tied to the grid</source>
        <translation>%2 ans Raster gebunden</translation>
    </message>
    <message>
        <source>%2 tied to the grid, %1 too far away</source>
        <translation>%2 ans Raster gebunden, %1 zu weit weg</translation>
    </message>
    <message>
        <source>%2 triggers drive the same now</source>
        <translation>%2 Trigger steuern nun dasselbe</translation>
    </message>
    <message>
        <source>, columns %1 of %2</source>
        <translation>, Spalten %1 von %2</translation>
    </message>
    <message>
        <source>, in bar %1</source>
        <translation>, in Takt %1</translation>
    </message>
    <message>
        <source>, in bars</source>
        <translation>, in den Takten</translation>
    </message>
    <message>
        <source>, in bars %1 to %2</source>
        <translation>, in den Takten %1 bis %2</translation>
    </message>
    <message>
        <source>, lines</source>
        <translation>, Zeilen</translation>
    </message>
    <message>
        <source>-23 LUFS (EBU R 128)</source>
        <translation>-23 LUFS (EBU R 128)</translation>
    </message>
    <message>
        <source>-90 is up</source>
        <translation>-90 ist nach oben</translation>
    </message>
    <message>
        <source>0 is sideways</source>
        <translation>0 ist seitwärts</translation>
    </message>
    <message>
        <source>0: as many as suit the tempo and the onsets</source>
        <translation>0: so viele, wie Tempo und Onsets nahelegen</translation>
    </message>
    <message>
        <source>0: as thick as a line usually is</source>
        <translation>0: so dick, wie eine Linie üblich ist</translation>
    </message>
    <message>
        <source>0: no line</source>
        <translation>0: keine Linie</translation>
    </message>
    <message>
        <source>0: not patched</source>
        <translation>0: nicht gepatcht</translation>
    </message>
    <message>
        <source>0: the usual one</source>
        <translation>0: wie üblich</translation>
    </message>
    <message>
        <source>0: without gaps</source>
        <translation>0: ohne Lücken</translation>
    </message>
    <message>
        <source>1 on the beat, 0 midway between two</source>
        <translation>1 auf dem Beat, 0 mitten zwischen zweien</translation>
    </message>
    <message>
        <source>1080 × 1920, cut off</source>
        <translation>1080 × 1920, beschnitten</translation>
    </message>
    <message>
        <source>13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23</source>
        <translation>13.3 (Takt und Beat), 0:26.96, 26.96 s, 647 f oder 00:00:26:23</translation>
    </message>
    <message>
        <source>15 to 20 frames for what builds slowly</source>
        <translation>15–20 Bilder für langsam Wachsendes</translation>
    </message>
    <message>
        <source>16 mm</source>
        <translation>16 mm</translation>
    </message>
    <message>
        <source>1: whole beats, 2: halves, 3: thirds, 4: quarters</source>
        <translation>1: ganze Beats, 2: halbe, 3: Drittel, 4: Viertel</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>2 bis 3 Bilder für weiche Bewegungen</translation>
    </message>
    <message>
        <source>20000 is the most.</source>
        <translation>20000 ist das Höchste.</translation>
    </message>
    <message>
        <source>35 mm</source>
        <translation>35 mm</translation>
    </message>
    <message>
        <source>400 is regular, 700 is bold</source>
        <translation>400 ist normal, 700 ist fett</translation>
    </message>
    <message>
        <source>480 × 270, animated WebP</source>
        <translation>480 × 270, animiertes WebP</translation>
    </message>
    <message>
        <source>8 is an eighth note, or eight beats</source>
        <translation>8 ist eine Achtelnote, oder acht Beats</translation>
    </message>
    <message>
        <source>A MIDI port could not be made.</source>
        <translation>Ein MIDI-Port ließ sich nicht anlegen.</translation>
    </message>
    <message>
        <source>A beat at %1 s is no place in a piece of music.</source>
        <translation>Ein Beat bei %1 s ist keine Stelle in einem Musikstück.</translation>
    </message>
    <message>
        <source>A beat list has a time in seconds in each line.</source>
        <translation>Eine Beat-Liste hat in jeder Zeile eine Zeit in Sekunden.</translation>
    </message>
    <message>
        <source>A change of &quot;%1&quot; pictures is as long as its event.</source>
        <translation>Ein Wechsel von „%1“ Bildern ist so lang wie sein Ereignis.</translation>
    </message>
    <message>
        <source>A change of metre lies too far from bar 1.</source>
        <translation>Ein Wechsel der Taktart liegt zu weit von Takt 1.</translation>
    </message>
    <message>
        <source>A clip belongs on a lane of cuts or sounds.</source>
        <translation>Ein Clip gehört auf eine Spur für Schnitte oder Töne.</translation>
    </message>
    <message>
        <source>A composition needs a name.</source>
        <translation>Eine Komposition braucht einen Namen.</translation>
    </message>
    <message>
        <source>A curve needs a name.</source>
        <translation>Eine Kurve braucht einen Namen.</translation>
    </message>
    <message>
        <source>A file has to be chosen for that: it is done in the window.</source>
        <translation>Dafür muss eine Datei gewählt werden: das geschieht im Fenster.</translation>
    </message>
    <message>
        <source>A film is 16 to 8192 pixels wide and high.</source>
        <translation>Ein Film ist 16 bis 8192 Pixel breit und hoch.</translation>
    </message>
    <message>
        <source>A film of the piece has standard dynamic range: look whether its lights suit</source>
        <translation>Ein Film des Stücks hat Standard-Dynamikumfang: sehen Sie, ob seine Lichter passen</translation>
    </message>
    <message>
        <source>A film of this kind (HEVC) is at least 64 pixels wide and high.</source>
        <translation>Ein Film dieser Art (HEVC) ist mindestens 64 Pixel breit und hoch.</translation>
    </message>
    <message>
        <source>A frame rate must lie between 1 and 1000 frames per second.</source>
        <translation>Eine Bildrate muss zwischen 1 und 1000 Bildern je Sekunde liegen.</translation>
    </message>
    <message>
        <source>A grid has %1 to %2 beats a minute.</source>
        <translation>Ein Raster hat %1 bis %2 Beats je Minute.</translation>
    </message>
    <message>
        <source>A grid needs at least two beats.</source>
        <translation>Ein Raster braucht mindestens zwei Beats.</translation>
    </message>
    <message>
        <source>A grid of %1 beats is too large.</source>
        <translation>Ein Raster aus %1 Beats ist zu groß.</translation>
    </message>
    <message>
        <source>A group does not lie in itself.</source>
        <translation>Eine Gruppe liegt nicht in sich selbst.</translation>
    </message>
    <message>
        <source>A group of lamps needs a name.</source>
        <translation>Eine Gruppe von Lampen braucht einen Namen.</translation>
    </message>
    <message>
        <source>A lamp needs a name.</source>
        <translation>Eine Lampe braucht einen Namen.</translation>
    </message>
    <message>
        <source>A lane drives how fast the strobe turns.</source>
        <translation>Eine Spur steuert, wie schnell das Stroboskop wechselt.</translation>
    </message>
    <message>
        <source>A lane needs a name.</source>
        <translation>Eine Spur braucht einen Namen.</translation>
    </message>
    <message>
        <source>A lane of %1 drives nothing.</source>
        <translation>Eine Spur für %1 steuert nichts.</translation>
    </message>
    <message>
        <source>A lane that drives something and never moves it: the effect is not seen</source>
        <translation>Eine Spur, die etwas steuert und nie bewegt: der Effekt ist nicht zu sehen</translation>
    </message>
    <message>
        <source>A layer does not hang on itself.</source>
        <translation>Eine Ebene hängt nicht an sich selbst.</translation>
    </message>
    <message>
        <source>A layer needs a name.</source>
        <translation>Eine Ebene braucht einen Namen.</translation>
    </message>
    <message>
        <source>A line a frame, with a column for each lane</source>
        <translation>Eine Zeile je Bild, mit einer Spalte je Spur</translation>
    </message>
    <message>
        <source>A line a pin of all lanes, in their order in time and a pattern of your own</source>
        <translation>Eine Zeile je Pin aller Spuren, nach der Zeit und in eigenem Muster</translation>
    </message>
    <message>
        <source>A line a property, in a pattern of your own, for programs that take schedules as text</source>
        <translation>Eine Zeile je Eigenschaft, in eigenem Muster, für Programme, die Abläufe als Text nehmen</translation>
    </message>
    <message>
        <source>A line cannot be empty.</source>
        <translation>Eine Zeile kann nicht leer sein.</translation>
    </message>
    <message>
        <source>A line must stay as long as its letters take to read (common practice for captions)</source>
        <translation>Eine Zeile muss so lange stehen, wie ihre Buchstaben zum Lesen brauchen (übliche Praxis bei Untertiteln)</translation>
    </message>
    <message>
        <source>A look needs a name.</source>
        <translation>Ein Look braucht einen Namen.</translation>
    </message>
    <message>
        <source>A marker cannot travel with what travels with it.</source>
        <translation>Ein Marker kann nicht mit dem gehen, was mit ihm geht.</translation>
    </message>
    <message>
        <source>A marker is tied to a shot that is not seen when it comes</source>
        <translation>Ein Marker ist an eine Einstellung gebunden, die dann nicht zu sehen ist</translation>
    </message>
    <message>
        <source>A metre must have 1 to 32 beats a bar.</source>
        <translation>Eine Taktart hat 1 bis 32 Beats je Takt.</translation>
    </message>
    <message>
        <source>A picker needs a name to be saved as a preset.</source>
        <translation>Eine Auswahlregel braucht einen Namen, um als Vorgabe gespeichert zu werden.</translation>
    </message>
    <message>
        <source>A picture could not be coded (%1).</source>
        <translation>Ein Bild ließ sich nicht kodieren (%1).</translation>
    </message>
    <message>
        <source>A picture could not be written</source>
        <translation>Ein Bild ließ sich nicht schreiben</translation>
    </message>
    <message>
        <source>A picture is between 1 and 16384 pixels wide and high.</source>
        <translation>Ein Bild ist zwischen 1 und 16384 Pixel breit und hoch.</translation>
    </message>
    <message>
        <source>A planting keeps its kind.</source>
        <translation>Eine Platzierung behält ihre Art.</translation>
    </message>
    <message>
        <source>A pulse belongs on a lane of pulses.</source>
        <translation>Ein Puls gehört auf eine Spur für Pulse.</translation>
    </message>
    <message>
        <source>A pulse needs a name.</source>
        <translation>Ein Puls braucht einen Namen.</translation>
    </message>
    <message>
        <source>A range ends after it begins.</source>
        <translation>Ein Bereich endet nach seinem Anfang.</translation>
    </message>
    <message>
        <source>A repetition needs a number of bars and of times.</source>
        <translation>Eine Wiederholung braucht eine Zahl von Takten und eine, wie oft.</translation>
    </message>
    <message>
        <source>A rhythm cannot be laid on a lane of sounds.</source>
        <translation>Ein Rhythmus lässt sich nicht auf eine Tonspur legen.</translation>
    </message>
    <message>
        <source>A shape that is held for one frame is seen as a flicker</source>
        <translation>Eine Form, die nur ein Bild hält, wird als Flackern gesehen</translation>
    </message>
    <message>
        <source>A shot that is shorter is told</source>
        <translation>Kürzere Einstellungen werden gemeldet</translation>
    </message>
    <message>
        <source>A small picture at each cut</source>
        <translation>Ein kleines Bild bei jedem Schnitt</translation>
    </message>
    <message>
        <source>A sound that is listened to is not there.</source>
        <translation>Ein Ton, auf den gehört wird, ist nicht da.</translation>
    </message>
    <message>
        <source>A strength lies from 0 to 400 %.</source>
        <translation>Eine Stärke liegt zwischen 0 und 400 %.</translation>
    </message>
    <message>
        <source>A tempo can change by a ratio of 1 to 16 only.</source>
        <translation>Ein Tempo kann sich nur im Verhältnis 1 bis 16 ändern.</translation>
    </message>
    <message>
        <source>A tempo must lie between %1 and %2 beats a minute.</source>
        <translation>Ein Tempo muss zwischen %1 und %2 Beats je Minute liegen.</translation>
    </message>
    <message>
        <source>A universe has 512 channels, and these are %1.</source>
        <translation>Ein Universum hat 512 Kanäle, und diese sind %1.</translation>
    </message>
    <message>
        <source>A word is dropped on a lane of words.</source>
        <translation>Ein Wort wird auf einer Spur für Wörter abgelegt.</translation>
    </message>
    <message>
        <source>A word is seen when it is sung: the picture must be there with it</source>
        <translation>Ein Wort ist zu sehen, wenn es gesungen wird: das Bild muss dann da sein</translation>
    </message>
    <message>
        <source>A3</source>
        <translation>A3</translation>
    </message>
    <message>
        <source>A4</source>
        <translation>A4</translation>
    </message>
    <message>
        <source>AV1, Opus</source>
        <translation>AV1, Opus</translation>
    </message>
    <message>
        <source>Above 1 only what is strong is left, below 1 what is weak comes up</source>
        <translation>Über 1 bleibt nur das Starke, unter 1 kommt das Schwache hervor</translation>
    </message>
    <message>
        <source>Add a lane of its kind first.</source>
        <translation>Fügen Sie zuerst eine Spur dieser Art hinzu.</translation>
    </message>
    <message>
        <source>Add a song, find its beats, or place cuts first.</source>
        <translation>Fügen Sie zuerst einen Song hinzu, suchen Sie seine Beats, oder setzen Sie Schnitte.</translation>
    </message>
    <message>
        <source>Add a sound, then drag it along the beats.</source>
        <translation>Fügen Sie einen Ton hinzu und ziehen Sie ihn über die Beats.</translation>
    </message>
    <message>
        <source>Add lamps first.</source>
        <translation>Fügen Sie zuerst Lampen hinzu.</translation>
    </message>
    <message>
        <source>Add markers first.</source>
        <translation>Fügen Sie zuerst Marker hinzu.</translation>
    </message>
    <message>
        <source>Add one first.</source>
        <translation>Fügen Sie zuerst eine hinzu.</translation>
    </message>
    <message>
        <source>Add or take away a pixel.</source>
        <translation>Fügen Sie ein Pixel hinzu oder nehmen Sie eines weg.</translation>
    </message>
    <message>
        <source>Add some first.</source>
        <translation>Fügen Sie zuerst welche hinzu.</translation>
    </message>
    <message>
        <source>Add the numbered pictures first (stop Song, Add shots).</source>
        <translation>Fügen Sie zuerst die nummerierten Bilder hinzu (Schritt Song, Einstellungen hinzufügen).</translation>
    </message>
    <message>
        <source>Add them up</source>
        <translation>Addiert</translation>
    </message>
    <message>
        <source>Add video files or pictures to the bin first.</source>
        <translation>Fügen Sie zuerst Videodateien oder Bilder zur Ablage hinzu.</translation>
    </message>
    <message>
        <source>Advanced SubStation Alpha</source>
        <translation>Advanced SubStation Alpha</translation>
    </message>
    <message>
        <source>After an effect come its strength and how long: flash 60 % for 2 frames.</source>
        <translation>Nach einem Effekt kommen seine Stärke und wie lange: flash 60 % for 2 frames.</translation>
    </message>
    <message>
        <source>After the values come: for, rising and falling, each with how long.</source>
        <translation>Nach den Werten kommen: for, rising und falling, jeweils mit Dauer.</translation>
    </message>
    <message>
        <source>Against what was found: %1 beats the same, %2 moved, %3 added, %4 dropped.</source>
        <translation>Gegen das Gefundene: %1 Beats gleich, %2 verschoben, %3 hinzugefügt, %4 weggelassen.</translation>
    </message>
    <message>
        <source>All %1 %2 within %3</source>
        <translation>Alle %1 %2 in der Grenze: %3</translation>
    </message>
    <message>
        <source>All lanes that drive “%1” are locked.</source>
        <translation>Alle Spuren, die „%1“ steuern, sind gesperrt.</translation>
    </message>
    <message>
        <source>All of it on one long line, as a timeline to hang up or to lay into a document</source>
        <translation>Alles auf einer langen Linie, als Zeitleiste zum Aufhängen oder für ein Dokument</translation>
    </message>
    <message>
        <source>All that starts</source>
        <translation>Alles, was beginnt</translation>
    </message>
    <message>
        <source>Allow a greater distance, or correct the grid.</source>
        <translation>Erlauben Sie einen größeren Abstand, oder berichtigen Sie das Raster.</translation>
    </message>
    <message>
        <source>Allow writing to it, or choose another name.</source>
        <translation>Erlauben Sie das Schreiben, oder wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>Amber</source>
        <translation>Bernstein</translation>
    </message>
    <message>
        <source>An OSC message could not be sent: </source>
        <translation>Eine OSC-Nachricht ließ sich nicht senden: </translation>
    </message>
    <message>
        <source>An OSC message could not be sent: %1.</source>
        <translation>Eine OSC-Nachricht ließ sich nicht senden: %1.</translation>
    </message>
    <message>
        <source>An event has a number, a reel, a track, a transition and four timecodes.</source>
        <translation>Ein Ereignis hat eine Nummer, eine Rolle, eine Spur, einen Übergang und vier Timecodes.</translation>
    </message>
    <message>
        <source>An item keeps its kind.</source>
        <translation>Ein Pin behält seine Art.</translation>
    </message>
    <message>
        <source>Animated GIF</source>
        <translation>Animiertes GIF</translation>
    </message>
    <message>
        <source>Animated WebP</source>
        <translation>Animiertes WebP</translation>
    </message>
    <message>
        <source>Annotated music</source>
        <translation>Annotierte Musik</translation>
    </message>
    <message>
        <source>Annotated music (JAMS)</source>
        <translation>Annotierte Musik (JAMS)</translation>
    </message>
    <message>
        <source>Another file of this name came while the film was made, and was left as it is.</source>
        <translation>Eine andere Datei dieses Namens kam, während der Film entstand, und blieb, wie sie ist.</translation>
    </message>
    <message>
        <source>Another lane</source>
        <translation>Eine andere Spur</translation>
    </message>
    <message>
        <source>Another number is another choice</source>
        <translation>Eine andere Zahl, eine andere Wahl</translation>
    </message>
    <message>
        <source>Appearances</source>
        <translation>Erscheinen</translation>
    </message>
    <message>
        <source>Archive</source>
        <translation>Archiv</translation>
    </message>
    <message>
        <source>Art-Net</source>
        <translation>Art-Net</translation>
    </message>
    <message>
        <source>Art-Net (levels of lamps)</source>
        <translation>Art-Net (Pegel von Lampen)</translation>
    </message>
    <message>
        <source>Art-Net has no universe %1.</source>
        <translation>Art-Net hat kein Universum %1.</translation>
    </message>
    <message>
        <source>As the piece</source>
        <translation>Wie das Stück</translation>
    </message>
    <message>
        <source>Ask for lower ones.</source>
        <translation>Verlangen Sie niedrigere.</translation>
    </message>
    <message>
        <source>Attack, release</source>
        <translation>Anstieg, Abfall</translation>
    </message>
    <message>
        <source>Author</source>
        <translation>Urheber</translation>
    </message>
    <message>
        <source>BPM</source>
        <translation>BPM</translation>
    </message>
    <message>
        <source>Bands</source>
        <translation>Bänder</translation>
    </message>
    <message>
        <source>Bar</source>
        <translation>Takt</translation>
    </message>
    <message>
        <source>Bar sheet</source>
        <translation>Taktblatt</translation>
    </message>
    <message>
        <source>Bass band</source>
        <translation>Bassband</translation>
    </message>
    <message>
        <source>Beat list</source>
        <translation>Beat-Liste</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>Beats are at least %1 ms apart.</source>
        <translation>Beats liegen mindestens %1 ms auseinander.</translation>
    </message>
    <message>
        <source>Beats as a table</source>
        <translation>Beats als Tabelle</translation>
    </message>
    <message>
        <source>Beats cannot be read from this kind of file.</source>
        <translation>Aus dieser Art Datei lassen sich keine Beats lesen.</translation>
    </message>
    <message>
        <source>Beats that nothing starts near may lie wrong, and all that hangs on them</source>
        <translation>Beats, bei denen nichts beginnt, liegen vielleicht falsch, und alles, was an ihnen hängt</translation>
    </message>
    <message>
        <source>Begin a piece without a template, and set its beats.</source>
        <translation>Beginnen Sie ein Stück ohne Vorlage, und legen Sie seine Beats fest.</translation>
    </message>
    <message>
        <source>Begin elsewhere</source>
        <translation>Beginnen Sie anderswo</translation>
    </message>
    <message>
        <source>Begin lower down.</source>
        <translation>Beginnen Sie weiter unten.</translation>
    </message>
    <message>
        <source>Besides the scale</source>
        <translation>Neben der Größe</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>Schwarz</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>Unschärfe</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>Fett</translation>
    </message>
    <message>
        <source>Both begin on one frame: there is no room to shrink into.</source>
        <translation>Beide beginnen auf einem Bild: zum Schrumpfen ist kein Platz.</translation>
    </message>
    <message>
        <source>Brick</source>
        <translation>Ziegel</translation>
    </message>
    <message>
        <source>Brighter on the kick</source>
        <translation>Heller auf der Kick</translation>
    </message>
    <message>
        <source>Broadcasters want a programme at their level (EBU R 128)</source>
        <translation>Sender verlangen ein Programm auf ihrem Pegel (EBU R 128)</translation>
    </message>
    <message>
        <source>Brought in</source>
        <translation>Geholt</translation>
    </message>
    <message>
        <source>Bulge</source>
        <translation>Wölbung</translation>
    </message>
    <message>
        <source>By what is told that the picture flashes too often</source>
        <translation>Wonach gemeldet wird, dass das Bild zu oft blitzt</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Cancelled.</source>
        <translation>Abgebrochen.</translation>
    </message>
    <message>
        <source>Captions and timed lyrics</source>
        <translation>Untertitel und zeitlich gesetzte Texte</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>Obergrenze</translation>
    </message>
    <message>
        <source>Change of pitch or level</source>
        <translation>Wechsel von Tonhöhe oder Pegel</translation>
    </message>
    <message>
        <source>Change the cuts or the films there, or leave a shot for longer.</source>
        <translation>Ändern Sie dort die Schnitte oder die Filme, oder lassen Sie eine Einstellung länger stehen.</translation>
    </message>
    <message>
        <source>Change the gain</source>
        <translation>Pegel ändern</translation>
    </message>
    <message>
        <source>Channels go from 1 to 512.</source>
        <translation>Kanäle gehen von 1 bis 512.</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Kapitel</translation>
    </message>
    <message>
        <source>Chapters as metadata</source>
        <translation>Kapitel als Metadaten</translation>
    </message>
    <message>
        <source>Chapters for Matroska</source>
        <translation>Kapitel für Matroska</translation>
    </message>
    <message>
        <source>Check that you are allowed to read it.</source>
        <translation>Prüfen Sie, ob Sie sie lesen dürfen.</translation>
    </message>
    <message>
        <source>Check the name.</source>
        <translation>Prüfen Sie den Namen.</translation>
    </message>
    <message>
        <source>Check whether it was moved or renamed.</source>
        <translation>Prüfen Sie, ob sie verschoben oder umbenannt wurde.</translation>
    </message>
    <message>
        <source>Choose 24, 25, 29.97 or 30 frames a second.</source>
        <translation>Wählen Sie 24, 25, 29.97 oder 30 Bilder je Sekunde.</translation>
    </message>
    <message>
        <source>Choose a MIDI file, a beat list (text, CSV) or a JAMS file.</source>
        <translation>Wählen Sie eine MIDI-Datei, eine Beat-Liste (Text, CSV) oder eine JAMS-Datei.</translation>
    </message>
    <message>
        <source>Choose a cut.</source>
        <translation>Wählen Sie einen Schnitt.</translation>
    </message>
    <message>
        <source>Choose a file of annotations that ends in .jams.</source>
        <translation>Wählen Sie eine Datei mit Annotationen, die auf .jams endet.</translation>
    </message>
    <message>
        <source>Choose a file that ends in .mlt.</source>
        <translation>Wählen Sie eine Datei, die auf .mlt endet.</translation>
    </message>
    <message>
        <source>Choose a file that ends in .wav.</source>
        <translation>Wählen Sie eine Datei, die auf .wav endet.</translation>
    </message>
    <message>
        <source>Choose a file that was written as one.</source>
        <translation>Wählen Sie eine Datei, die als solche geschrieben wurde.</translation>
    </message>
    <message>
        <source>Choose a file with sound.</source>
        <translation>Wählen Sie eine Datei mit Ton.</translation>
    </message>
    <message>
        <source>Choose a film or a picture.</source>
        <translation>Wählen Sie einen Film oder ein Bild.</translation>
    </message>
    <message>
        <source>Choose a film.</source>
        <translation>Wählen Sie einen Film.</translation>
    </message>
    <message>
        <source>Choose a lane by its name.</source>
        <translation>Wählen Sie eine Spur nach ihrem Namen.</translation>
    </message>
    <message>
        <source>Choose a lane of lights, or add one.</source>
        <translation>Wählen Sie eine Spur für Licht, oder fügen Sie eine hinzu.</translation>
    </message>
    <message>
        <source>Choose a lane that does not depend on this one.</source>
        <translation>Wählen Sie eine Spur, die nicht von dieser abhängt.</translation>
    </message>
    <message>
        <source>Choose a lane that follows.</source>
        <translation>Wählen Sie eine Spur, die folgt.</translation>
    </message>
    <message>
        <source>Choose a layer or a group.</source>
        <translation>Wählen Sie eine Ebene oder Gruppe.</translation>
    </message>
    <message>
        <source>Choose a longer part of it.</source>
        <translation>Wählen Sie einen längeren Teil davon.</translation>
    </message>
    <message>
        <source>Choose a longer range.</source>
        <translation>Wählen Sie einen längeren Bereich.</translation>
    </message>
    <message>
        <source>Choose a new folder.</source>
        <translation>Wählen Sie einen neuen Ordner.</translation>
    </message>
    <message>
        <source>Choose a new or an empty folder.</source>
        <translation>Wählen Sie einen neuen oder leeren Ordner.</translation>
    </message>
    <message>
        <source>Choose a part of the piece, or narrower bars.</source>
        <translation>Wählen Sie einen Teil des Stücks, oder schmalere Takte.</translation>
    </message>
    <message>
        <source>Choose a part of the piece.</source>
        <translation>Wählen Sie einen Teil des Stücks.</translation>
    </message>
    <message>
        <source>Choose a table as text.</source>
        <translation>Wählen Sie eine Tabelle als Text.</translation>
    </message>
    <message>
        <source>Choose a text with words.</source>
        <translation>Wählen Sie einen Text mit Wörtern.</translation>
    </message>
    <message>
        <source>Choose a timeline of OpenTimelineIO.</source>
        <translation>Wählen Sie eine Timeline von OpenTimelineIO.</translation>
    </message>
    <message>
        <source>Choose a title first.</source>
        <translation>Wählen Sie zuerst einen Titel.</translation>
    </message>
    <message>
        <source>Choose an edit decision list.</source>
        <translation>Wählen Sie eine Schnittliste.</translation>
    </message>
    <message>
        <source>Choose an empty folder.</source>
        <translation>Wählen Sie einen leeren Ordner.</translation>
    </message>
    <message>
        <source>Choose another address or port.</source>
        <translation>Wählen Sie eine andere Adresse oder einen anderen Port.</translation>
    </message>
    <message>
        <source>Choose another ground there first.</source>
        <translation>Wählen Sie dort zuerst einen anderen Grund.</translation>
    </message>
    <message>
        <source>Choose another group or another parent.</source>
        <translation>Wählen Sie eine andere Gruppe oder ein anderes Elternteil.</translation>
    </message>
    <message>
        <source>Choose another kind of annotation.</source>
        <translation>Wählen Sie eine andere Art von Annotation.</translation>
    </message>
    <message>
        <source>Choose another kind of film.</source>
        <translation>Wählen Sie eine andere Art Film.</translation>
    </message>
    <message>
        <source>Choose another lane by its name.</source>
        <translation>Wählen Sie eine andere Spur nach ihrem Namen.</translation>
    </message>
    <message>
        <source>Choose another lane of pulses, or of a follower.</source>
        <translation>Wählen Sie eine andere Spur für Pulse oder die einer Folgekurve.</translation>
    </message>
    <message>
        <source>Choose another language.</source>
        <translation>Wählen Sie eine andere Sprache.</translation>
    </message>
    <message>
        <source>Choose another layer, or a group.</source>
        <translation>Wählen Sie eine andere Ebene oder eine Gruppe.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Wählen Sie einen anderen Namen.</translation>
    </message>
    <message>
        <source>Choose another one.</source>
        <translation>Wählen Sie eine andere.</translation>
    </message>
    <message>
        <source>Choose another range or pick more often.</source>
        <translation>Wählen Sie einen anderen Bereich, oder wählen Sie öfter.</translation>
    </message>
    <message>
        <source>Choose another size, rate or quality.</source>
        <translation>Wählen Sie eine andere Größe, Rate oder Qualität.</translation>
    </message>
    <message>
        <source>Choose another sound.</source>
        <translation>Wählen Sie einen anderen Ton.</translation>
    </message>
    <message>
        <source>Choose markers, lyrics or notes: whichever it has.</source>
        <translation>Wählen Sie Marker, Liedtext oder Noten: was sie hat.</translation>
    </message>
    <message>
        <source>Choose more beats, or fewer layers.</source>
        <translation>Wählen Sie mehr Beats oder weniger Ebenen.</translation>
    </message>
    <message>
        <source>Choose one in the picture or in the list of layers.</source>
        <translation>Wählen Sie eine im Bild oder in der Liste der Ebenen.</translation>
    </message>
    <message>
        <source>Choose one of pulses, keys or a follower.</source>
        <translation>Wählen Sie eine für Pulse, Keys oder eine Folgekurve.</translation>
    </message>
    <message>
        <source>Choose one that Pulse Pin wrote.</source>
        <translation>Wählen Sie eine, die Pulse Pin schrieb.</translation>
    </message>
    <message>
        <source>Choose one whose moments have names, or a list of them.</source>
        <translation>Wählen Sie eine, deren Momente Namen haben, oder eine Liste davon.</translation>
    </message>
    <message>
        <source>Choose one with a line a cue.</source>
        <translation>Wählen Sie eine mit einer Zeile je Cue.</translation>
    </message>
    <message>
        <source>Choose one with clips or markers.</source>
        <translation>Wählen Sie eine mit Clips oder Markern.</translation>
    </message>
    <message>
        <source>Choose one with cuts or sounds.</source>
        <translation>Wählen Sie eine mit Schnitten oder Tönen.</translation>
    </message>
    <message>
        <source>Choose one, or none for the first.</source>
        <translation>Wählen Sie eine, oder keine für die erste.</translation>
    </message>
    <message>
        <source>Choose other channels.</source>
        <translation>Wählen Sie andere Kanäle.</translation>
    </message>
    <message>
        <source>Choose the layers that it is made of.</source>
        <translation>Wählen Sie die Ebenen, aus denen sie besteht.</translation>
    </message>
    <message>
        <source>Choose the layers that shall come one after the other.</source>
        <translation>Wählen Sie die Ebenen, die nacheinander kommen sollen.</translation>
    </message>
    <message>
        <source>Choose the layers that shall lie in the group.</source>
        <translation>Wählen Sie die Ebenen, die in der Gruppe liegen sollen.</translation>
    </message>
    <message>
        <source>Choose what the chapters are: markers, shots or sections.</source>
        <translation>Wählen Sie, was die Kapitel sind: Marker, Einstellungen oder Abschnitte.</translation>
    </message>
    <message>
        <source>Clap or rim</source>
        <translation>Clap oder Rim</translation>
    </message>
    <message>
        <source>Clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>Close it.</source>
        <translation>Schließen Sie es.</translation>
    </message>
    <message>
        <source>Close other programs and try it again.</source>
        <translation>Schließen Sie andere Programme, und versuchen Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Close other programs, or use a smaller piece.</source>
        <translation>Schließen Sie andere Programme, oder nehmen Sie ein kleineres Stück.</translation>
    </message>
    <message>
        <source>Close other programs.</source>
        <translation>Schließen Sie andere Programme.</translation>
    </message>
    <message>
        <source>Closer all along</source>
        <translation>Stetig näher</translation>
    </message>
    <message>
        <source>Cold light</source>
        <translation>Kaltes Licht</translation>
    </message>
    <message>
        <source>Colour key</source>
        <translation>Farbkey</translation>
    </message>
    <message>
        <source>Colours apart on the kick</source>
        <translation>Farben trennen sich auf der Kick</translation>
    </message>
    <message>
        <source>Confidence by bar: %1 % in the mean of %2 bars</source>
        <translation>Sicherheit je Takt: im Mittel von %2 Takten %1 %</translation>
    </message>
    <message>
        <source>Connect the network, or have it sent to this machine's own address.</source>
        <translation>Verbinden Sie das Netz, oder lassen Sie an die eigene Adresse dieses Rechners senden.</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>Kontrast</translation>
    </message>
    <message>
        <source>Convert it to H.264, ProRes or PNG first.</source>
        <translation>Wandeln Sie es zuerst in H.264, ProRes oder PNG um.</translation>
    </message>
    <message>
        <source>Convert it to WAV, FLAC, MP4 or WebM first.</source>
        <translation>Wandeln Sie es zuerst in WAV, FLAC, MP4 oder WebM um.</translation>
    </message>
    <message>
        <source>Convert it with another program.</source>
        <translation>Wandeln Sie es mit einem anderen Programm um.</translation>
    </message>
    <message>
        <source>Copy it again.</source>
        <translation>Kopieren Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Correct the line, or leave it out.</source>
        <translation>Berichtigen Sie die Zeile, oder lassen Sie sie weg.</translation>
    </message>
    <message>
        <source>Correct the onset in one of those.</source>
        <translation>Berichtigen Sie den Onset in einer davon.</translation>
    </message>
    <message>
        <source>Counted from the first position of the range</source>
        <translation>Gezählt ab der ersten Stelle des Bereichs</translation>
    </message>
    <message>
        <source>Crash cymbals</source>
        <translation>Crash-Becken</translation>
    </message>
    <message>
        <source>Cross</source>
        <translation>Kreuz</translation>
    </message>
    <message>
        <source>Cue sheet as text</source>
        <translation>Cue-Sheet als Text</translation>
    </message>
    <message>
        <source>Curves as paths</source>
        <translation>Kurven als Pfade</translation>
    </message>
    <message>
        <source>Cut-out</source>
        <translation>Freisteller</translation>
    </message>
    <message>
        <source>Cut-out over a turning ground</source>
        <translation>Freisteller über drehendem Grund</translation>
    </message>
    <message>
        <source>Cuts</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>Cuts, cross-fades, speeds, framing, song and sounds, for programs that play and render with MLT</source>
        <translation>Schnitte, Überblendungen, Geschwindigkeiten, Rahmung, Song und Töne, für Programme, die mit MLT abspielen und rendern</translation>
    </message>
    <message>
        <source>Cuts, cross-fades, speeds, song, sounds and markers as JSON, for editing programs</source>
        <translation>Schnitte, Überblendungen, Geschwindigkeiten, Song, Töne und Marker als JSON, für Schnittprogramme</translation>
    </message>
    <message>
        <source>Cuts, sounds and markers in the CMX 3600 interchange style, for editing programs</source>
        <translation>Schnitte, Töne und Marker im Austauschstil CMX 3600, für Schnittprogramme</translation>
    </message>
    <message>
        <source>Dark corners that close</source>
        <translation>Dunkle Ecken, die sich schließen</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>Datum</translation>
    </message>
    <message>
        <source>Delay</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>Delete it to begin anew.</source>
        <translation>Löschen Sie es, um neu zu beginnen.</translation>
    </message>
    <message>
        <source>Delete the layer, or give it another picture, first.</source>
        <translation>Löschen Sie zuerst die Ebene, oder geben Sie ihr ein anderes Bild.</translation>
    </message>
    <message>
        <source>Delete what uses it there, or give it another one, first.</source>
        <translation>Löschen Sie zuerst, was es dort verwendet, oder geben Sie ihm etwas anderes.</translation>
    </message>
    <message>
        <source>Detect them at the stop &quot;Grid&quot;, or tap them.</source>
        <translation>Erkennen Sie sie beim Schritt „Raster“, oder tippen Sie sie.</translation>
    </message>
    <message>
        <source>Detect them first.</source>
        <translation>Erkennen Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Dialogue:</source>
        <translation>Dialogue:</translation>
    </message>
    <message>
        <source>Dialogue: 0,%1,%2,Default,%3,0,0,0,,%4
</source>
        <translation>Dialogue: 0,%1,%2,Default,%3,0,0,0,,%4
</translation>
    </message>
    <message>
        <source>Diamond</source>
        <translation>Raute</translation>
    </message>
    <message>
        <source>Directional blur</source>
        <translation>Gerichtete Unschärfe</translation>
    </message>
    <message>
        <source>Divide it into several props.</source>
        <translation>Teilen Sie es in mehrere Requisiten.</translation>
    </message>
    <message>
        <source>Drag its end onto one of its own words or the next ones.</source>
        <translation>Ziehen Sie ihr Ende auf eines ihrer eigenen Wörter oder der nächsten.</translation>
    </message>
    <message>
        <source>Draw a line in the picture first.</source>
        <translation>Zeichnen Sie zuerst im Bild eine Linie.</translation>
    </message>
    <message>
        <source>Draw a range on the ruler.</source>
        <translation>Ziehen Sie einen Bereich auf dem Lineal.</translation>
    </message>
    <message>
        <source>Drawn by hand</source>
        <translation>Von Hand gezeichnet</translation>
    </message>
    <message>
        <source>Draws bar and beat into each picture</source>
        <translation>Zeichnet Takt und Beat in jedes Bild</translation>
    </message>
    <message>
        <source>Draws the areas that are seen on any screen into each picture</source>
        <translation>Zeichnet die auf jedem Schirm sichtbaren Flächen in jedes Bild</translation>
    </message>
    <message>
        <source>Draws the name of the shot into each picture</source>
        <translation>Zeichnet den Namen der Einstellung in jedes Bild</translation>
    </message>
    <message>
        <source>Draws the number of each frame into its picture</source>
        <translation>Zeichnet die Nummer jedes Bildes hinein</translation>
    </message>
    <message>
        <source>Draws the timecode into each picture</source>
        <translation>Zeichnet den Timecode in jedes Bild</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>Legen Sie es ab</translation>
    </message>
    <message>
        <source>Drop it on a lane of cuts.</source>
        <translation>Legen Sie es auf einer Spur für Schnitte ab.</translation>
    </message>
    <message>
        <source>Drop it on a lane of sounds.</source>
        <translation>Legen Sie es auf einer Tonspur ab.</translation>
    </message>
    <message>
        <source>Drop one of them.</source>
        <translation>Lassen Sie eines weg.</translation>
    </message>
    <message>
        <source>Drop shadow</source>
        <translation>Schlagschatten</translation>
    </message>
    <message>
        <source>Drop the cut</source>
        <translation>Schnitt entfernen</translation>
    </message>
    <message>
        <source>Each driven property as an SVG path: frames to the right, values upwards, for drawing programs</source>
        <translation>Jede gesteuerte Eigenschaft als SVG-Pfad: Bilder nach rechts, Werte nach oben, für Zeichenprogramme</translation>
    </message>
    <message>
        <source>Each lasts to the next, or as long as it says</source>
        <translation>Jedes dauert bis zum nächsten, oder so lang, wie es sagt</translation>
    </message>
    <message>
        <source>Each line of words, or note, as a caption, for players</source>
        <translation>Jede Wortzeile oder Notiz als Untertitel, für Abspieler</translation>
    </message>
    <message>
        <source>Each line with its time and those of its words</source>
        <translation>Jede Zeile mit ihrer Zeit und denen ihrer Wörter</translation>
    </message>
    <message>
        <source>Each of these positions is too close to another cut.</source>
        <translation>Jede dieser Stellen liegt zu nah an einem anderen Schnitt.</translation>
    </message>
    <message>
        <source>Each shot as a chapter in WebVTT, for players and web pages</source>
        <translation>Jede Einstellung als Kapitel in WebVTT, für Abspieler und Webseiten</translation>
    </message>
    <message>
        <source>Echo</source>
        <translation>Echo</translation>
    </message>
    <message>
        <source>Edge lines</source>
        <translation>Kantenlinien</translation>
    </message>
    <message>
        <source>Edit decision list</source>
        <translation>Schnittliste</translation>
    </message>
    <message>
        <source>Edit lists name the clip itself: some programs show it as it is stored</source>
        <translation>Schnittlisten nennen den Clip selbst: manche Programme zeigen ihn, wie er gespeichert ist</translation>
    </message>
    <message>
        <source>Edit lists name the clip itself: some programs show it narrow or wide</source>
        <translation>Schnittlisten nennen den Clip selbst: manche Programme zeigen ihn schmal oder breit</translation>
    </message>
    <message>
        <source>Edit lists, words, curves and the others, in a folder of their own</source>
        <translation>Schnittlisten, Wörter, Kurven und anderes, in einem eigenen Ordner</translation>
    </message>
    <message>
        <source>Editing</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>End the file's name in .pdf or .svg.</source>
        <translation>Lassen Sie den Dateinamen auf .pdf oder .svg enden.</translation>
    </message>
    <message>
        <source>End the file's name in .wav or .flac.</source>
        <translation>Lassen Sie den Dateinamen auf .wav oder .flac enden.</translation>
    </message>
    <message>
        <source>End the program that has it, or choose another port.</source>
        <translation>Beenden Sie das Programm, das ihn hat, oder wählen Sie einen anderen Port.</translation>
    </message>
    <message>
        <source>End with, for example: on %1.</source>
        <translation>Schließen Sie zum Beispiel mit: on %1.</translation>
    </message>
    <message>
        <source>Ends of the range</source>
        <translation>Enden des Bereichs</translation>
    </message>
    <message>
        <source>Evened out</source>
        <translation>Ausgeglichen</translation>
    </message>
    <message>
        <source>Evened out in both directions, so that nothing comes late</source>
        <translation>In beide Richtungen ausgeglichen, damit nichts zu spät kommt</translation>
    </message>
    <message>
        <source>Every %1th is not possible.</source>
        <translation>Jedes %1. ist nicht möglich.</translation>
    </message>
    <message>
        <source>Every other</source>
        <translation>Jedes zweite</translation>
    </message>
    <message>
        <source>Every pin</source>
        <translation>Jeder Pin</translation>
    </message>
    <message>
        <source>Everything so many times as high</source>
        <translation>Alles so viele Male so hoch</translation>
    </message>
    <message>
        <source>Export it again as WAV or FLAC.</source>
        <translation>Exportieren Sie es noch einmal als WAV oder FLAC.</translation>
    </message>
    <message>
        <source>Export it again, or make it smaller.</source>
        <translation>Exportieren Sie es noch einmal, oder machen Sie es kleiner.</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>Belichtung</translation>
    </message>
    <message>
        <source>Exposure column</source>
        <translation>Belichtungsspalte</translation>
    </message>
    <message>
        <source>Exposure sheet</source>
        <translation>Belichtungsblatt</translation>
    </message>
    <message>
        <source>Exposures</source>
        <translation>Belichtungen</translation>
    </message>
    <message>
        <source>FFV1 (lossless), PCM</source>
        <translation>FFV1 (verlustfrei), PCM</translation>
    </message>
    <message>
        <source>FROM CLIP NAME:</source>
        <translation>FROM CLIP NAME:</translation>
    </message>
    <message>
        <source>Fall</source>
        <translation>Fallen</translation>
    </message>
    <message>
        <source>Few colours on the hats</source>
        <translation>Wenige Farben auf den Hats</translation>
    </message>
    <message>
        <source>Fewer than two triggers are selected.</source>
        <translation>Es sind weniger als zwei Trigger ausgewählt.</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Find the beats first, or bring it in loose.</source>
        <translation>Suchen Sie zuerst die Beats, oder holen Sie es lose.</translation>
    </message>
    <message>
        <source>Find the beats first, or leave the bars out.</source>
        <translation>Suchen Sie zuerst die Beats, oder lassen Sie die Takte weg.</translation>
    </message>
    <message>
        <source>Find the beats first, or tap them.</source>
        <translation>Suchen Sie zuerst die Beats, oder tippen Sie sie.</translation>
    </message>
    <message>
        <source>Find the beats first.</source>
        <translation>Suchen Sie zuerst die Beats.</translation>
    </message>
    <message>
        <source>Find the beats, or another row of onsets (stop Grid).</source>
        <translation>Suchen Sie die Beats, oder eine andere Zeile mit Onsets (Schritt Raster).</translation>
    </message>
    <message>
        <source>Find the beats, tap them or type a tempo (stop Grid).</source>
        <translation>Suchen Sie die Beats, tippen Sie sie, oder geben Sie ein Tempo ein (Schritt Raster).</translation>
    </message>
    <message>
        <source>Find them first, or make a steady grid.</source>
        <translation>Suchen Sie sie zuerst, oder machen Sie ein gleichmäßiges Raster.</translation>
    </message>
    <message>
        <source>Find them first.</source>
        <translation>Suchen Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>Befunde: %1</translation>
    </message>
    <message>
        <source>Flare</source>
        <translation>Lichtreflex</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>Flash on the snare</source>
        <translation>Blitz auf der Snare</translation>
    </message>
    <message>
        <source>Flashes are measured after WCAG 2.2, 2.3.1, or ITU-R BT.1702: a measure, no medical promise.</source>
        <translation>Blitze werden nach WCAG 2.2, 2.3.1 oder ITU-R BT.1702 gemessen: ein Maß, kein medizinisches Versprechen.</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>Untergrenze</translation>
    </message>
    <message>
        <source>Follower</source>
        <translation>Folgekurve</translation>
    </message>
    <message>
        <source>Fonts:</source>
        <translation>Schriften:</translation>
    </message>
    <message>
        <source>Format:</source>
        <translation>Format:</translation>
    </message>
    <message>
        <source>Frame rate</source>
        <translation>Bildrate</translation>
    </message>
    <message>
        <source>Frame, time, value and easing of each key, by property</source>
        <translation>Bild, Zeit, Wert und Kurvenform jedes Keys, nach Eigenschaft</translation>
    </message>
    <message>
        <source>Frames as JSON</source>
        <translation>Bilder als JSON</translation>
    </message>
    <message>
        <source>Free it</source>
        <translation>Entsperren</translation>
    </message>
    <message>
        <source>Free some space or choose another place.</source>
        <translation>Schaffen Sie Platz, oder wählen Sie einen anderen Ort.</translation>
    </message>
    <message>
        <source>Free some space, or set TMPDIR to a folder on another disk.</source>
        <translation>Schaffen Sie Platz, oder setzen Sie TMPDIR auf einen Ordner eines anderen Datenträgers.</translation>
    </message>
    <message>
        <source>FreezeFrame</source>
        <translation>FreezeFrame</translation>
    </message>
    <message>
        <source>From ... to</source>
        <translation>Von ... bis</translation>
    </message>
    <message>
        <source>From one place to the next</source>
        <translation>Von einer Stelle zur nächsten</translation>
    </message>
    <message>
        <source>From where in its clip each shot is seen</source>
        <translation>Von wo in ihrem Clip jede Einstellung zu sehen ist</translation>
    </message>
    <message>
        <source>From which value to which is not said.</source>
        <translation>Von welchem Wert zu welchem, ist nicht gesagt.</translation>
    </message>
    <message>
        <source>Gain</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>Gate</source>
        <translation>Gate</translation>
    </message>
    <message>
        <source>Give it an in-point of its own to slip it.</source>
        <translation>Geben Sie ihm einen eigenen In-Punkt, um es zu schieben.</translation>
    </message>
    <message>
        <source>Give it time</source>
        <translation>Zeit geben</translation>
    </message>
    <message>
        <source>Glow</source>
        <translation>Glühen</translation>
    </message>
    <message>
        <source>Glow that swells</source>
        <translation>Glühen, das anschwillt</translation>
    </message>
    <message>
        <source>Go there and change it, or ignore it on purpose.</source>
        <translation>Gehen Sie hin und ändern Sie es, oder ignorieren Sie es absichtlich.</translation>
    </message>
    <message>
        <source>Grain</source>
        <translation>Korn</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>Grund</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>H.264, AAC</source>
        <translation>H.264, AAC</translation>
    </message>
    <message>
        <source>HEVC, AAC</source>
        <translation>HEVC, AAC</translation>
    </message>
    <message>
        <source>Halves of beats</source>
        <translation>Halbe Beats</translation>
    </message>
    <message>
        <source>Hat</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>Hide it instead.</source>
        <translation>Verbergen Sie sie stattdessen.</translation>
    </message>
    <message>
        <source>High band</source>
        <translation>Hohes Band</translation>
    </message>
    <message>
        <source>High bands are quieter than low ones: 100 raises each to the same height</source>
        <translation>Hohe Bänder sind leiser als tiefe: 100 hebt alle auf dieselbe Höhe</translation>
    </message>
    <message>
        <source>High-frequency content</source>
        <translation>Hochfrequenter Anteil</translation>
    </message>
    <message>
        <source>Higher of two</source>
        <translation>Der höhere von beiden</translation>
    </message>
    <message>
        <source>Highest frequency</source>
        <translation>Höchste Frequenz</translation>
    </message>
    <message>
        <source>Hold a beat before it and one after it first, then fit between them.</source>
        <translation>Halten Sie zuerst einen Beat davor und einen danach, dann passen Sie dazwischen ein.</translation>
    </message>
    <message>
        <source>Hold for 2 frames</source>
        <translation>2 Bilder halten</translation>
    </message>
    <message>
        <source>How far a cut, trigger or pulse may lie from its place; 0: half a frame</source>
        <translation>Wie weit ein Schnitt, Trigger oder Puls von seinem Platz liegen darf; 0: ein halbes Bild</translation>
    </message>
    <message>
        <source>How far the wave is moved, in percent of a swing</source>
        <translation>Wie weit die Welle verschoben ist, in Prozent einer Schwingung</translation>
    </message>
    <message>
        <source>How far what was placed on onsets may lie from them</source>
        <translation>Wie weit auf Onsets Gesetztes von ihnen liegen darf</translation>
    </message>
    <message>
        <source>How fast it rises and falls: two thirds of the way in that time</source>
        <translation>Wie schnell es steigt und fällt: zwei Drittel des Wegs in dieser Zeit</translation>
    </message>
    <message>
        <source>How it is heard</source>
        <translation>Wie es gehört wird</translation>
    </message>
    <message>
        <source>How long is not understood after &quot;</source>
        <translation>Wie lange, ist nicht verständlich nach „</translation>
    </message>
    <message>
        <source>How long is not understood after &quot;%1&quot;.</source>
        <translation>Wie lange, ist nach „%1“ nicht verständlich.</translation>
    </message>
    <message>
        <source>How long it takes to fall to nothing</source>
        <translation>Wie lange es braucht, um auf nichts zu fallen</translation>
    </message>
    <message>
        <source>How long one swing is</source>
        <translation>Wie lang eine Schwingung ist</translation>
    </message>
    <message>
        <source>How loud each of several bands is: for a layer of bars</source>
        <translation>Wie laut jedes von mehreren Bändern ist: für eine Ebene mit Balken</translation>
    </message>
    <message>
        <source>How loud the song or another sound is: all of it, a band, a side, or a part</source>
        <translation>Wie laut der Song oder ein anderer Ton ist: ganz, ein Band, eine Seite oder ein Teil</translation>
    </message>
    <message>
        <source>How many bands of equal width, in octaves</source>
        <translation>Wie viele Bänder gleicher Breite, in Oktaven</translation>
    </message>
    <message>
        <source>How strongly something starts, at every moment: what onsets are found in</source>
        <translation>Wie stark etwas beginnt, in jedem Moment: worin Onsets gefunden werden</translation>
    </message>
    <message>
        <source>How the colour differs from one to the next</source>
        <translation>Wie die Farbe sich von einem zum nächsten unterscheidet</translation>
    </message>
    <message>
        <source>How the level is measured</source>
        <translation>Wie der Pegel gemessen wird</translation>
    </message>
    <message>
        <source>How the strength differs from one to the next</source>
        <translation>Wie die Stärke sich von einem zum nächsten unterscheidet</translation>
    </message>
    <message>
        <source>How wide a bar is, of one line</source>
        <translation>Wie breit ein Takt ist, bei einer Linie</translation>
    </message>
    <message>
        <source>How words sound cannot be told: the data of espeak-ng is not there.</source>
        <translation>Wie Wörter klingen, lässt sich nicht sagen: die Daten von espeak-ng fehlen.</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>ITU-R BT.1702</source>
        <translation>ITU-R BT.1702</translation>
    </message>
    <message>
        <source>In calm bars, one in so many bars</source>
        <translation>In ruhigen Takten einer in so vielen Takten</translation>
    </message>
    <message>
        <source>Install Debian's ffmpeg libraries (libavcodec59), or choose another kind.</source>
        <translation>Installieren Sie Debians FFmpeg-Bibliotheken (libavcodec59), oder wählen Sie eine andere Art.</translation>
    </message>
    <message>
        <source>Install Debian's libavfilter8, or choose another kind of film.</source>
        <translation>Installieren Sie Debians libavfilter8, oder wählen Sie eine andere Art Film.</translation>
    </message>
    <message>
        <source>Install the package espeak-ng-data.</source>
        <translation>Installieren Sie das Paket espeak-ng-data.</translation>
    </message>
    <message>
        <source>Integrated loudness that is wanted, within 1 LU</source>
        <translation>Gewünschte integrierte Lautheit, auf 1 LU genau</translation>
    </message>
    <message>
        <source>Inter</source>
        <translation>Inter</translation>
    </message>
    <message>
        <source>Invert</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>Is the disk full?</source>
        <translation>Ist der Datenträger voll?</translation>
    </message>
    <message>
        <source>It can be: %1.</source>
        <translation>Es kann sein: %1.</translation>
    </message>
    <message>
        <source>It covers too much of the view however small it is made.</source>
        <translation>Es bedeckt zu viel des Bildes, wie klein es auch gemacht wird.</translation>
    </message>
    <message>
        <source>It drives nothing there.</source>
        <translation>Es steuert dort nichts.</translation>
    </message>
    <message>
        <source>It flashes too often even with few of its triggers and pulses.</source>
        <translation>Es blitzt zu oft, auch mit wenigen seiner Trigger und Pulse.</translation>
    </message>
    <message>
        <source>It flashes too often even with slow strobes.</source>
        <translation>Es blitzt zu oft, auch mit langsamen Stroboskopen.</translation>
    </message>
    <message>
        <source>It flashes too often even without its triggers, pulses and effects.</source>
        <translation>Es blitzt zu oft, auch ohne seine Trigger, Pulse und Effekte.</translation>
    </message>
    <message>
        <source>It has no picture.</source>
        <translation>Es hat kein Bild.</translation>
    </message>
    <message>
        <source>It has no time.</source>
        <translation>Es hat keine Zeit.</translation>
    </message>
    <message>
        <source>It has: %1, and those of effects.</source>
        <translation>Es hat: %1, und die von Effekten.</translation>
    </message>
    <message>
        <source>It is dropped on a lane that drives something.</source>
        <translation>Es wird auf einer Spur abgelegt, die etwas steuert.</translation>
    </message>
    <message>
        <source>It is locked.</source>
        <translation>Es ist gesperrt.</translation>
    </message>
    <message>
        <source>It is no drawing in SVG: %1.</source>
        <translation>Es ist keine SVG-Zeichnung: %1.</translation>
    </message>
    <message>
        <source>It is so already.</source>
        <translation>Es ist schon so.</translation>
    </message>
    <message>
        <source>It lasts no beat, or too many.</source>
        <translation>Es dauert keinen Beat, oder zu viele.</translation>
    </message>
    <message>
        <source>It needs a tempo map or notes up to the end of the song.</source>
        <translation>Es braucht eine Tempokarte oder Noten bis zum Ende des Songs.</translation>
    </message>
    <message>
        <source>It would end before it begins.</source>
        <translation>Es würde enden, bevor es beginnt.</translation>
    </message>
    <message>
        <source>Its name, its beats or its piece are missing.</source>
        <translation>Sein Name, seine Beats oder sein Stück fehlen.</translation>
    </message>
    <message>
        <source>JAMS: beats, tempo, onsets and sections in JSON</source>
        <translation>JAMS: Beats, Tempo, Onsets und Abschnitte in JSON</translation>
    </message>
    <message>
        <source>JSON annotated music</source>
        <translation>JSON-annotierte Musik</translation>
    </message>
    <message>
        <source>Join them</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Jumps of volume</source>
        <translation>Lautstärkesprünge</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Keys as JSON</source>
        <translation>Keys als JSON</translation>
    </message>
    <message>
        <source>Keys as a line of text</source>
        <translation>Keys als eine Textzeile</translation>
    </message>
    <message>
        <source>Keys as a table</source>
        <translation>Keys als Tabelle</translation>
    </message>
    <message>
        <source>Kick</source>
        <translation>Kick</translation>
    </message>
    <message>
        <source>Kite</source>
        <translation>Drachen</translation>
    </message>
    <message>
        <source>LRC</source>
        <translation>LRC</translation>
    </message>
    <message>
        <source>Lake</source>
        <translation>See</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>Lamps %1</source>
        <translation>Lampen %1</translation>
    </message>
    <message>
        <source>Lamps at each frame</source>
        <translation>Lampen bei jedem Bild</translation>
    </message>
    <message>
        <source>Lamps of the plan</source>
        <translation>Lampen des Plans</translation>
    </message>
    <message>
        <source>Lamps that are lit and are not patched</source>
        <translation>Lampen, die leuchten und nicht gepatcht sind</translation>
    </message>
    <message>
        <source>Lane that is followed</source>
        <translation>Spur, der gefolgt wird</translation>
    </message>
    <message>
        <source>Leaf</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>Leave out every other one instead.</source>
        <translation>Jedes zweite weglassen</translation>
    </message>
    <message>
        <source>Leaves out clips that nothing shows</source>
        <translation>Lässt Clips weg, die nichts zeigt</translation>
    </message>
    <message>
        <source>Legal</source>
        <translation>Legal</translation>
    </message>
    <message>
        <source>Less than 0 is earlier or up</source>
        <translation>Kleiner als 0 ist früher oder nach oben</translation>
    </message>
    <message>
        <source>Less than a few frames is seen as a mistake</source>
        <translation>Weniger als einige Bilder wirkt wie ein Fehler</translation>
    </message>
    <message>
        <source>Let the song be listened to first.</source>
        <translation>Lassen Sie zuerst den Song anhören.</translation>
    </message>
    <message>
        <source>Let the trigger act on a layer instead of the camera, or make it softer.</source>
        <translation>Lassen Sie den Trigger auf eine Ebene statt auf die Kamera wirken, oder machen Sie ihn weicher.</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>Levels</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Light lamps first.</source>
        <translation>Schalten Sie zuerst Lampen an.</translation>
    </message>
    <message>
        <source>Light leak</source>
        <translation>Lichteinfall</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Lights as a table</source>
        <translation>Lichter als Tabelle</translation>
    </message>
    <message>
        <source>Lights of a lane after a million others, which stay dark: fewer turns, or longer ones, leave room</source>
        <translation>Lichter einer Spur nach einer Million anderer, die dunkel bleiben: Weniger oder längere Wechsel lassen Platz</translation>
    </message>
    <message>
        <source>Lights of one lane that light a lamp at the same time: the highest or the latest is seen, as the lane says</source>
        <translation>Lichter einer Spur, die eine Lampe zugleich beleuchten: das hellste oder das letzte ist zu sehen, wie die Spur sagt</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Line %1 has no two numbers.</source>
        <translation>Zeile %1 hat keine zwei Zahlen.</translation>
    </message>
    <message>
        <source>Line %1 is written in an encoding that is not known here.</source>
        <translation>Zeile %1 ist in einer hier unbekannten Kodierung geschrieben.</translation>
    </message>
    <message>
        <source>Line %1 of the beat list does not begin with a time in seconds.</source>
        <translation>Zeile %1 der Beat-Liste beginnt nicht mit einer Zeit in Sekunden.</translation>
    </message>
    <message>
        <source>Line %1 of the beat list is not later than the line before.</source>
        <translation>Zeile %1 der Beat-Liste liegt nicht später als die Zeile davor.</translation>
    </message>
    <message>
        <source>Line %1 of the beat list is only %2 ms later than the line before.</source>
        <translation>Zeile %1 der Beat-Liste liegt nur %2 ms nach der Zeile davor.</translation>
    </message>
    <message>
        <source>Line %1 of the beat list names %2 seconds, which is no place in a piece of music.</source>
        <translation>Zeile %1 der Beat-Liste nennt %2 Sekunden, das ist keine Stelle in einem Musikstück.</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>Zeile %1: %2</translation>
    </message>
    <message>
        <source>Line %1: this XML cannot be read: %2.</source>
        <translation>Zeile %1: dieses XML ist nicht lesbar: %2.</translation>
    </message>
    <message>
        <source>Line %1: “%2” has no time.</source>
        <translation>Zeile %1: „%2“ hat keine Zeit.</translation>
    </message>
    <message>
        <source>Linear timecode could not be made.</source>
        <translation>Linearer Timecode ließ sich nicht erzeugen.</translation>
    </message>
    <message>
        <source>LinearTimeWarp</source>
        <translation>LinearTimeWarp</translation>
    </message>
    <message>
        <source>Lines of bars with their beats, and what happens on them below</source>
        <translation>Zeilen aus Takten mit ihren Beats, und darunter, was auf ihnen geschieht</translation>
    </message>
    <message>
        <source>Lines of what moves are made anew, and half of the moments are left out</source>
        <translation>Zeilen aus Bewegtem entstehen neu, und die Hälfte der Momente bleibt weg</translation>
    </message>
    <message>
        <source>Lines with how long each word is sung, for players</source>
        <translation>Zeilen mit der Dauer jedes gesungenen Worts, für Abspieler</translation>
    </message>
    <message>
        <source>Lines with the time of each word, as TTML, for broadcasters</source>
        <translation>Zeilen mit der Zeit jedes Worts, als TTML, für Sender</translation>
    </message>
    <message>
        <source>Lines with the time of each word, for web pages</source>
        <translation>Zeilen mit der Zeit jedes Worts, für Webseiten</translation>
    </message>
    <message>
        <source>Load it as words (stop Mark), and tap them while the song plays.</source>
        <translation>Laden Sie es als Wörter (Schritt Marker), und tippen Sie sie, während der Song läuft.</translation>
    </message>
    <message>
        <source>Load the module snd-seq, or turn this output off.</source>
        <translation>Laden Sie das Modul snd-seq, oder schalten Sie diesen Ausgang aus.</translation>
    </message>
    <message>
        <source>Look for a sound that lies far behind the others, and move it or take it away.</source>
        <translation>Suchen Sie einen Ton, der weit hinter den anderen liegt, und verschieben Sie ihn oder nehmen Sie ihn weg.</translation>
    </message>
    <message>
        <source>Look whether the folder can be written to.</source>
        <translation>Sehen Sie, ob in den Ordner geschrieben werden kann.</translation>
    </message>
    <message>
        <source>Loop</source>
        <translation>Schleife</translation>
    </message>
    <message>
        <source>Lottie animation</source>
        <translation>Lottie-Animation</translation>
    </message>
    <message>
        <source>Lower it</source>
        <translation>Senken</translation>
    </message>
    <message>
        <source>Lower of two</source>
        <translation>Der niedrigere von beiden</translation>
    </message>
    <message>
        <source>Lower the lane's range to 3 a second.</source>
        <translation>Senken Sie den Bereich der Spur auf 3 je Sekunde.</translation>
    </message>
    <message>
        <source>Lowest frequency</source>
        <translation>Tiefste Frequenz</translation>
    </message>
    <message>
        <source>MIDI could not be sent: </source>
        <translation>MIDI ließ sich nicht senden: </translation>
    </message>
    <message>
        <source>MIDI could not be sent: %1.</source>
        <translation>MIDI ließ sich nicht senden: %1.</translation>
    </message>
    <message>
        <source>MIDI notes</source>
        <translation>MIDI-Noten</translation>
    </message>
    <message>
        <source>MIDI timecode</source>
        <translation>MIDI-Timecode</translation>
    </message>
    <message>
        <source>Make a copy…</source>
        <translation>Kopie anlegen…</translation>
    </message>
    <message>
        <source>Make a longer range.</source>
        <translation>Machen Sie einen längeren Bereich.</translation>
    </message>
    <message>
        <source>Make all parts of one project with the same settings.</source>
        <translation>Machen Sie alle Teile aus einem Projekt mit denselben Einstellungen.</translation>
    </message>
    <message>
        <source>Make fewer parts.</source>
        <translation>Machen Sie weniger Teile.</translation>
    </message>
    <message>
        <source>Make it larger, or choose another kind.</source>
        <translation>Machen Sie ihn größer, oder wählen Sie eine andere Art.</translation>
    </message>
    <message>
        <source>Make it smaller than %1 million.</source>
        <translation>Machen Sie es kleiner als %1 Millionen.</translation>
    </message>
    <message>
        <source>Make it softer, or leave some out.</source>
        <translation>Machen Sie es weicher, oder lassen Sie einige weg.</translation>
    </message>
    <message>
        <source>Make it, and join again.</source>
        <translation>Machen Sie ihn, und fügen Sie noch einmal.</translation>
    </message>
    <message>
        <source>Make room on the disk.</source>
        <translation>Schaffen Sie Platz auf dem Datenträger.</translation>
    </message>
    <message>
        <source>Make room, or write it to another disk.</source>
        <translation>Schaffen Sie Platz, oder schreiben Sie es auf einen anderen Datenträger.</translation>
    </message>
    <message>
        <source>Make the part again.</source>
        <translation>Machen Sie den Teil noch einmal.</translation>
    </message>
    <message>
        <source>Make the strobe slower or softer.</source>
        <translation>Stroboskop langsamer oder weicher machen.</translation>
    </message>
    <message>
        <source>Make titles of words first.</source>
        <translation>Erzeugen Sie zuerst Titel aus Wörtern.</translation>
    </message>
    <message>
        <source>Marked on “%1”: it travels with it</source>
        <translation>Auf „%1“ markiert: er geht mit</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>Markers as a table</source>
        <translation>Marker als Tabelle</translation>
    </message>
    <message>
        <source>Markers, shots or sections as chapters in XML, to be put into a Matroska film</source>
        <translation>Marker, Einstellungen oder Abschnitte als Kapitel in XML, für einen Matroska-Film</translation>
    </message>
    <message>
        <source>Markers, shots or sections as chapters, to be put into a film or a sound file</source>
        <translation>Marker, Einstellungen oder Abschnitte als Kapitel, für einen Film oder eine Tondatei</translation>
    </message>
    <message>
        <source>Matte</source>
        <translation>Matte</translation>
    </message>
    <message>
        <source>Measure it first.</source>
        <translation>Messen Sie zuerst.</translation>
    </message>
    <message>
        <source>Medium</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>Middle band</source>
        <translation>Mittleres Band</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Missing: %1
</source>
        <translation>Es fehlen: %1
</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Motion</translation>
    </message>
    <message>
        <source>Move it by those, or delete them first.</source>
        <translation>Verschieben Sie es damit, oder löschen Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>Hineinschieben</translation>
    </message>
    <message>
        <source>Move the ends of lines one after another.</source>
        <translation>Verschieben Sie Zeilenenden eines nach dem anderen.</translation>
    </message>
    <message>
        <source>Move to the onset</source>
        <translation>Zum Onset schieben</translation>
    </message>
    <message>
        <source>Mute the lane</source>
        <translation>Spur stummschalten</translation>
    </message>
    <message>
        <source>Mute this light</source>
        <translation>Dieses Licht stummschalten</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name a new one, or an empty one.</source>
        <translation>Nennen Sie einen neuen oder einen leeren.</translation>
    </message>
    <message>
        <source>Name a title.</source>
        <translation>Nennen Sie einen Titel.</translation>
    </message>
    <message>
        <source>Name another one.</source>
        <translation>Nennen Sie einen anderen.</translation>
    </message>
    <message>
        <source>Name another output, or replace it with --force.</source>
        <translation>Nennen Sie eine andere Ausgabe, oder ersetzen Sie sie mit --force.</translation>
    </message>
    <message>
        <source>Name another output.</source>
        <translation>Nennen Sie eine andere Ausgabe.</translation>
    </message>
    <message>
        <source>Name below</source>
        <translation>Name unten</translation>
    </message>
    <message>
        <source>Name each part once.</source>
        <translation>Nennen Sie jeden Teil einmal.</translation>
    </message>
    <message>
        <source>Name it so, or choose another kind.</source>
        <translation>Nennen Sie ihn so, oder wählen Sie eine andere Art.</translation>
    </message>
    <message>
        <source>Name lamps or groups, or select lights.</source>
        <translation>Nennen Sie Lampen oder Gruppen, oder wählen Sie Lichter aus.</translation>
    </message>
    <message>
        <source>Name lamps or groups.</source>
        <translation>Nennen Sie Lampen oder Gruppen.</translation>
    </message>
    <message>
        <source>Name markers first (stop Mark).</source>
        <translation>Benennen Sie zuerst Marker (Schritt Marker).</translation>
    </message>
    <message>
        <source>Name one inside a folder that is there.</source>
        <translation>Nennen Sie einen in einem vorhandenen Ordner.</translation>
    </message>
    <message>
        <source>Name one with a curve.</source>
        <translation>Nennen Sie eine mit Kurve.</translation>
    </message>
    <message>
        <source>Nearness to the beat</source>
        <translation>Nähe zum Beat</translation>
    </message>
    <message>
        <source>Never higher than this: tops become flat</source>
        <translation>Nie höher als das: Spitzen werden flach</translation>
    </message>
    <message>
        <source>Never lower than this</source>
        <translation>Nie niedriger als das</translation>
    </message>
    <message>
        <source>No beats were found in &quot;%1&quot;.</source>
        <translation>In „%1“ wurden keine Beats gefunden.</translation>
    </message>
    <message>
        <source>No beats were found yet.</source>
        <translation>Noch wurden keine Beats gefunden.</translation>
    </message>
    <message>
        <source>No column of this table is a time.</source>
        <translation>Keine Spalte dieser Tabelle ist eine Zeit.</translation>
    </message>
    <message>
        <source>No held beats lie around that place.</source>
        <translation>Um diese Stelle liegen keine gehaltenen Beats.</translation>
    </message>
    <message>
        <source>No lamp is named.</source>
        <translation>Keine Lampe ist genannt.</translation>
    </message>
    <message>
        <source>No layer is chosen.</source>
        <translation>Keine Ebene ist gewählt.</translation>
    </message>
    <message>
        <source>No list with that ending can be brought in.</source>
        <translation>Listen mit dieser Endung können nicht geholt werden.</translation>
    </message>
    <message>
        <source>No loudness is wanted.</source>
        <translation>Keine Lautheit ist verlangt.</translation>
    </message>
    <message>
        <source>No pin is loose.</source>
        <translation>Kein Pin ist lose.</translation>
    </message>
    <message>
        <source>No pin was moved.</source>
        <translation>Kein Pin wurde verschoben.</translation>
    </message>
    <message>
        <source>No position was picked in that range.</source>
        <translation>In diesem Bereich wurde keine Stelle gewählt.</translation>
    </message>
    <message>
        <source>No pulse is selected.</source>
        <translation>Kein Puls ist ausgewählt.</translation>
    </message>
    <message>
        <source>No shot becomes shorter than this</source>
        <translation>Keine Einstellung wird kürzer als das</translation>
    </message>
    <message>
        <source>No shot is a camera yet.</source>
        <translation>Noch ist keine Einstellung eine Kamera.</translation>
    </message>
    <message>
        <source>No single cut is selected.</source>
        <translation>Es ist kein einzelner Schnitt ausgewählt.</translation>
    </message>
    <message>
        <source>No single marker is selected.</source>
        <translation>Es ist kein einzelner Marker ausgewählt.</translation>
    </message>
    <message>
        <source>No slate is selected.</source>
        <translation>Kein Platzhalter ist ausgewählt.</translation>
    </message>
    <message>
        <source>No sound server was found.</source>
        <translation>Es wurde kein Tonserver gefunden.</translation>
    </message>
    <message>
        <source>No title is tied to a word there.</source>
        <translation>Dort ist kein Titel an ein Wort gebunden.</translation>
    </message>
    <message>
        <source>No trigger is selected.</source>
        <translation>Kein Trigger ist ausgewählt.</translation>
    </message>
    <message>
        <source>No trigger, pulse or effect flashes there.</source>
        <translation>Dort blitzt kein Trigger, Puls oder Effekt.</translation>
    </message>
    <message>
        <source>No universe has room for them.</source>
        <translation>Kein Universum hat Platz für sie.</translation>
    </message>
    <message>
        <source>No word is set yet.</source>
        <translation>Noch ist kein Wort gesetzt.</translation>
    </message>
    <message>
        <source>No word of the text is set.</source>
        <translation>Kein Wort des Texts ist gesetzt.</translation>
    </message>
    <message>
        <source>No word waits to be set.</source>
        <translation>Kein Wort wartet, gesetzt zu werden.</translation>
    </message>
    <message>
        <source>None of its %1 lines has a time.</source>
        <translation>Keine ihrer %1 Zeilen hat eine Zeit.</translation>
    </message>
    <message>
        <source>None of its lines has a time.</source>
        <translation>Keine ihrer Zeilen hat eine Zeit.</translation>
    </message>
    <message>
        <source>None of the selected pins lies over a sound.</source>
        <translation>Keiner der ausgewählten Pins liegt über einem Ton.</translation>
    </message>
    <message>
        <source>None of these markers has a name.</source>
        <translation>Keiner dieser Marker hat einen Namen.</translation>
    </message>
    <message>
        <source>Not a single picture could be decoded.</source>
        <translation>Kein einziges Bild ließ sich dekodieren.</translation>
    </message>
    <message>
        <source>Not a single sample could be decoded.</source>
        <translation>Kein einziges Sample ließ sich dekodieren.</translation>
    </message>
    <message>
        <source>Not in this file: %1.</source>
        <translation>Nicht in dieser Datei: %1.</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>Notes of all lanes</source>
        <translation>Notizen aller Spuren</translation>
    </message>
    <message>
        <source>Nothing appears on that lane yet.</source>
        <translation>Auf dieser Spur erscheint noch nichts.</translation>
    </message>
    <message>
        <source>Nothing appears on that lane.</source>
        <translation>Auf dieser Spur erscheint nichts.</translation>
    </message>
    <message>
        <source>Nothing appears there.</source>
        <translation>Dort erscheint nichts.</translation>
    </message>
    <message>
        <source>Nothing can be added to this lane by a key.</source>
        <translation>Dieser Spur lässt sich nichts durch einen Key hinzufügen.</translation>
    </message>
    <message>
        <source>Nothing can be sent on this machine (%1).</source>
        <translation>Auf diesem Rechner lässt sich nichts senden (%1).</translation>
    </message>
    <message>
        <source>Nothing can be set of such pins here.</source>
        <translation>Bei solchen Pins lässt sich hier nichts setzen.</translation>
    </message>
    <message>
        <source>Nothing could be sent to %1 (%2).</source>
        <translation>An %1 ließ sich nichts senden (%2).</translation>
    </message>
    <message>
        <source>Nothing in the picture is called &quot;%1&quot;.</source>
        <translation>Nichts im Bild heißt „%1“.</translation>
    </message>
    <message>
        <source>Nothing is placed on the beats yet.</source>
        <translation>Noch ist nichts auf die Beats gesetzt.</translation>
    </message>
    <message>
        <source>Nothing is said of where.</source>
        <translation>Über das Wo ist nichts gesagt.</translation>
    </message>
    <message>
        <source>Nothing is said yet.</source>
        <translation>Noch ist nichts gesagt.</translation>
    </message>
    <message>
        <source>Nothing is selected.</source>
        <translation>Nichts ist ausgewählt.</translation>
    </message>
    <message>
        <source>Nothing is to be fixed: every line can be read.</source>
        <translation>Nichts ist zu beheben: jede Zeile ist lesbar.</translation>
    </message>
    <message>
        <source>Nothing of this list lies in the piece.</source>
        <translation>Nichts von dieser Liste liegt im Stück.</translation>
    </message>
    <message>
        <source>Nothing that appears is selected.</source>
        <translation>Nichts Erscheinendes ist ausgewählt.</translation>
    </message>
    <message>
        <source>Nothing that is selected lies in these bars.</source>
        <translation>Nichts Ausgewähltes liegt in diesen Takten.</translation>
    </message>
    <message>
        <source>Nothing was copied yet.</source>
        <translation>Noch wurde nichts kopiert.</translation>
    </message>
    <message>
        <source>Nothing was corrected there.</source>
        <translation>Dort wurde nichts berichtigt.</translation>
    </message>
    <message>
        <source>Nothing was kept of this.</source>
        <translation>Davon wurde nichts aufgehoben.</translation>
    </message>
    <message>
        <source>Nothing was placed that would lie elsewhere now.</source>
        <translation>Es wurde nichts gesetzt, das nun anderswo läge.</translation>
    </message>
    <message>
        <source>OSC (messages)</source>
        <translation>OSC (Nachrichten)</translation>
    </message>
    <message>
        <source>Observation %1: it has no time.</source>
        <translation>Beobachtung %1: sie hat keine Zeit.</translation>
    </message>
    <message>
        <source>Of a bar sheet</source>
        <translation>Eines Taktblatts</translation>
    </message>
    <message>
        <source>Of an exposure sheet, as far as its lines stay readable; 0: as many as do well</source>
        <translation>Eines Belichtungsblatts, solange seine Zeilen lesbar bleiben; 0: so viele, wie gut passen</translation>
    </message>
    <message>
        <source>Of films only what is used, with so many frames before and behind; below 0: whole films</source>
        <translation>Von Filmen nur das Verwendete, mit so vielen Bildern davor und danach; unter 0: ganze Filme</translation>
    </message>
    <message>
        <source>Of pulses too close together the shape is lost</source>
        <translation>Bei zu nahen Pulsen geht die Form verloren</translation>
    </message>
    <message>
        <source>Of several rows: what starts so near together is one</source>
        <translation>Von mehreren Zeilen: was so nah zusammen beginnt, ist eines</translation>
    </message>
    <message>
        <source>Of two on one frame only the last placed one is seen</source>
        <translation>Von zweien auf einem Bild ist nur der zuletzt gesetzte zu sehen</translation>
    </message>
    <message>
        <source>Of values</source>
        <translation>Der Werte</translation>
    </message>
    <message>
        <source>Of which part of the sound</source>
        <translation>Von welchem Teil des Tons</translation>
    </message>
    <message>
        <source>Of which side</source>
        <translation>Von welcher Seite</translation>
    </message>
    <message>
        <source>Old film</source>
        <translation>Alter Film</translation>
    </message>
    <message>
        <source>One line</source>
        <translation>Eine Linie</translation>
    </message>
    <message>
        <source>One line a beat: time, bar, beat, metre, tempo, confidence</source>
        <translation>Eine Zeile je Beat: Zeit, Takt, Beat, Taktart, Tempo, Sicherheit</translation>
    </message>
    <message>
        <source>One line a frame, with a column for each driven property</source>
        <translation>Eine Zeile je Bild, mit einer Spalte je gesteuerter Eigenschaft</translation>
    </message>
    <message>
        <source>One line a frame, with a column for each lamp: its colour</source>
        <translation>Eine Zeile je Bild, mit einer Spalte je Lampe: ihre Farbe</translation>
    </message>
    <message>
        <source>One line a frame: which drawing is held, and for how long</source>
        <translation>Eine Zeile je Bild: welche Zeichnung gehalten wird, und wie lange</translation>
    </message>
    <message>
        <source>One line a key: property, frame, time, value, easing</source>
        <translation>Eine Zeile je Key: Eigenschaft, Bild, Zeit, Wert, Kurvenform</translation>
    </message>
    <message>
        <source>One line a marker: name, bar and beat, time, frame, timecode</source>
        <translation>Eine Zeile je Marker: Name, Takt und Beat, Zeit, Bild, Timecode</translation>
    </message>
    <message>
        <source>One line a trigger: lane, effect, place, frames, strength, colours, layers, values</source>
        <translation>Eine Zeile je Trigger: Spur, Effekt, Stelle, Bilder, Stärke, Farben, Ebenen, Werte</translation>
    </message>
    <message>
        <source>One line a word or note: start, end, frames, line, speaker</source>
        <translation>Eine Zeile je Wort oder Notiz: Anfang, Ende, Bilder, Zeile, Sprecher</translation>
    </message>
    <message>
        <source>One line for each lamp that is lit: place, frames, colours, channels</source>
        <translation>Eine Zeile je leuchtender Lampe: Stelle, Bilder, Farben, Kanäle</translation>
    </message>
    <message>
        <source>One of the later cuts is locked.</source>
        <translation>Einer der späteren Schnitte ist gesperrt.</translation>
    </message>
    <message>
        <source>Only a curve that follows can act in a stretch.</source>
        <translation>Nur eine Kurve, die folgt, kann in einer Strecke wirken.</translation>
    </message>
    <message>
        <source>Only a sound can be split.</source>
        <translation>Nur ein Ton kann geteilt werden.</translation>
    </message>
    <message>
        <source>Only a sound can be trimmed.</source>
        <translation>Nur ein Ton kann getrimmt werden.</translation>
    </message>
    <message>
        <source>Only above</source>
        <translation>Nur darüber</translation>
    </message>
    <message>
        <source>Only markers of this colour</source>
        <translation>Nur Marker dieser Farbe</translation>
    </message>
    <message>
        <source>Only markers whose name holds this</source>
        <translation>Nur Marker, deren Name das enthält</translation>
    </message>
    <message>
        <source>Only so many levels</source>
        <translation>Nur so viele Stufen</translation>
    </message>
    <message>
        <source>Only triggers, appearances, sounds and markers have an end of their own.</source>
        <translation>Nur Trigger, Erscheinen, Töne und Marker haben ein eigenes Ende.</translation>
    </message>
    <message>
        <source>Only two shots can be swapped.</source>
        <translation>Nur zwei Einstellungen können getauscht werden.</translation>
    </message>
    <message>
        <source>Only what exceeds this is left</source>
        <translation>Nur was das übersteigt, bleibt</translation>
    </message>
    <message>
        <source>Onsets</source>
        <translation>Onsets</translation>
    </message>
    <message>
        <source>Onsets of a row</source>
        <translation>Onsets einer Zeile</translation>
    </message>
    <message>
        <source>Open a file that ends in .pulsepin, or an older copy.</source>
        <translation>Öffnen Sie eine Datei, die auf .pulsepin endet, oder eine ältere Kopie.</translation>
    </message>
    <message>
        <source>Open a file that ends in .pulsepin.</source>
        <translation>Öffnen Sie eine Datei, die auf .pulsepin endet.</translation>
    </message>
    <message>
        <source>Open a song first.</source>
        <translation>Öffnen Sie zuerst einen Song.</translation>
    </message>
    <message>
        <source>Open a song, or choose a longer range.</source>
        <translation>Öffnen Sie einen Song, oder wählen Sie einen längeren Bereich.</translation>
    </message>
    <message>
        <source>Open an older copy.</source>
        <translation>Öffnen Sie eine ältere Kopie.</translation>
    </message>
    <message>
        <source>Open it in a player to check, or export it again as WAV or FLAC.</source>
        <translation>Öffnen Sie es zur Probe in einem Abspieler, oder exportieren Sie es noch einmal als WAV oder FLAC.</translation>
    </message>
    <message>
        <source>Open one first.</source>
        <translation>Öffnen Sie zuerst einen.</translation>
    </message>
    <message>
        <source>Open the file that ends in .pulsepin with Pulse Pin. &quot;sha256sum -c contents.txt&quot; proves that all files came over whole.

</source>
        <translation>Öffnen Sie die Datei, die auf .pulsepin endet, mit Pulse Pin. „sha256sum -c contents.txt“ beweist, dass alle Dateien heil ankamen.

</translation>
    </message>
    <message>
        <source>Open the piece, and fix it at the stop Check.</source>
        <translation>Öffnen Sie das Stück, und beheben Sie es beim Schritt Prüfen.</translation>
    </message>
    <message>
        <source>Open the song first.</source>
        <translation>Öffnen Sie zuerst den Song.</translation>
    </message>
    <message>
        <source>Opens at one level and closes below another</source>
        <translation>Öffnet bei einem Pegel und schließt unter einem anderen</translation>
    </message>
    <message>
        <source>Orientation</source>
        <translation>Ausrichtung</translation>
    </message>
    <message>
        <source>Other pins</source>
        <translation>Andere Pins</translation>
    </message>
    <message>
        <source>Other programs may lay such a clip out of sync</source>
        <translation>Andere Programme legen einen solchen Clip vielleicht nicht synchron</translation>
    </message>
    <message>
        <source>Out of focus on the snare</source>
        <translation>Unscharf auf der Snare</translation>
    </message>
    <message>
        <source>PNG pictures, WAV</source>
        <translation>PNG-Bilder, WAV</translation>
    </message>
    <message>
        <source>Parts of the song are damaged and were left out.</source>
        <translation>Teile des Songs sind beschädigt und wurden ausgelassen.</translation>
    </message>
    <message>
        <source>Paste or load a text first (stop Mark, Words).</source>
        <translation>Fügen Sie zuerst einen Text ein, oder laden Sie einen (Schritt Marker, Wörter).</translation>
    </message>
    <message>
        <source>Patch it behind the others</source>
        <translation>Hinter den anderen patchen</translation>
    </message>
    <message>
        <source>Patch lamps to universes up to 32768, or send sACN.</source>
        <translation>Patchen Sie Lampen auf Universen bis 32768, oder senden Sie sACN.</translation>
    </message>
    <message>
        <source>Patch some lamps lower down.</source>
        <translation>Patchen Sie einige Lampen weiter unten.</translation>
    </message>
    <message>
        <source>Peaks between samples are cut off by players and encoders: -1 dBTP at most (EBU R 128)</source>
        <translation>Spitzen zwischen Samples schneiden Abspieler und Kodierer ab: höchstens -1 dBTP (EBU R 128)</translation>
    </message>
    <message>
        <source>Period</source>
        <translation>Periode</translation>
    </message>
    <message>
        <source>Period counted in</source>
        <translation>Periode gezählt in</translation>
    </message>
    <message>
        <source>Phase</source>
        <translation>Phase</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Picture on a card</source>
        <translation>Bild auf einer Karte</translation>
    </message>
    <message>
        <source>Picture that comes closer</source>
        <translation>Bild, das näher kommt</translation>
    </message>
    <message>
        <source>Picture through a round hole</source>
        <translation>Bild durch ein rundes Loch</translation>
    </message>
    <message>
        <source>Picture: %1 x %2, %3 fps
</source>
        <translation>Bild: %1 x %2, %3 fps
</translation>
    </message>
    <message>
        <source>Pictures are shown twice or left out: movement stutters</source>
        <translation>Bilder werden doppelt gezeigt oder ausgelassen: Bewegung stottert</translation>
    </message>
    <message>
        <source>Pictures are written into a folder, and this is none.</source>
        <translation>Bilder werden in einen Ordner geschrieben, und das ist keiner.</translation>
    </message>
    <message>
        <source>Pictures cannot be brought into the form of this kind of film.</source>
        <translation>Bilder lassen sich nicht in die Form dieser Art Film bringen.</translation>
    </message>
    <message>
        <source>Pin to the beat</source>
        <translation>An den Beat heften</translation>
    </message>
    <message>
        <source>Place cuts first.</source>
        <translation>Setzen Sie zuerst Schnitte.</translation>
    </message>
    <message>
        <source>Place drawings first (stop Mark, Exposures).</source>
        <translation>Setzen Sie zuerst Zeichnungen (Schritt Marker, Belichtungen).</translation>
    </message>
    <message>
        <source>Place it anew.</source>
        <translation>Setzen Sie es neu.</translation>
    </message>
    <message>
        <source>Place pulses or keys on a lane, or let one follow the music, first.</source>
        <translation>Setzen Sie zuerst Pulse oder Keys auf eine Spur, oder lassen Sie eine der Musik folgen.</translation>
    </message>
    <message>
        <source>Place some first, or tap a rhythm.</source>
        <translation>Setzen Sie zuerst welche, oder tippen Sie einen Rhythmus.</translation>
    </message>
    <message>
        <source>Place some first.</source>
        <translation>Setzen Sie zuerst welche.</translation>
    </message>
    <message>
        <source>Place something first.</source>
        <translation>Setzen Sie zuerst etwas.</translation>
    </message>
    <message>
        <source>Place triggers first.</source>
        <translation>Setzen Sie zuerst Trigger.</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>Schlicht</translation>
    </message>
    <message>
        <source>Plain text</source>
        <translation>Reiner Text</translation>
    </message>
    <message>
        <source>Playback is silent.</source>
        <translation>Die Wiedergabe ist stumm.</translation>
    </message>
    <message>
        <source>Plum</source>
        <translation>Pflaume</translation>
    </message>
    <message>
        <source>Port %1 cannot be listened to (%2).</source>
        <translation>Port %1 lässt sich nicht abhören (%2).</translation>
    </message>
    <message>
        <source>Poses</source>
        <translation>Posen</translation>
    </message>
    <message>
        <source>Posterise</source>
        <translation>Tontrennung</translation>
    </message>
    <message>
        <source>Power</source>
        <translation>Potenz</translation>
    </message>
    <message>
        <source>Press T on the beat while the song plays.</source>
        <translation>Drücken Sie T auf dem Beat, während der Song läuft.</translation>
    </message>
    <message>
        <source>Priorities go from 0 to 200.</source>
        <translation>Prioritäten gehen von 0 bis 200.</translation>
    </message>
    <message>
        <source>ProRes 422 HQ</source>
        <translation>ProRes 422 HQ</translation>
    </message>
    <message>
        <source>ProRes 422 HQ, PCM</source>
        <translation>ProRes 422 HQ, PCM</translation>
    </message>
    <message>
        <source>ProRes 4444 with alpha, PCM</source>
        <translation>ProRes 4444 mit Alpha, PCM</translation>
    </message>
    <message>
        <source>Product</source>
        <translation>Produkt</translation>
    </message>
    <message>
        <source>Pulse Pin</source>
        <translation>Pulse Pin</translation>
    </message>
    <message>
        <source>Pulse Pin heard 9</source>
        <translation>Pulse Pin heard 9</translation>
    </message>
    <message>
        <source>Pulse Pin level 2</source>
        <translation>Pulse Pin level 2</translation>
    </message>
    <message>
        <source>Pulse Pin levels of songs 1</source>
        <translation>Pulse Pin levels of songs 1</translation>
    </message>
    <message>
        <source>Pulse Pin on </source>
        <translation>Pulse Pin auf </translation>
    </message>
    <message>
        <source>Pulse Pin outline 1</source>
        <translation>Pulse Pin outline 1</translation>
    </message>
    <message>
        <source>Pulse Pin samples 1</source>
        <translation>Pulse Pin samples 1</translation>
    </message>
    <message>
        <source>Pulse Pin spectrum 1</source>
        <translation>Pulse Pin spectrum 1</translation>
    </message>
    <message>
        <source>Punch</source>
        <translation>Stoß</translation>
    </message>
    <message>
        <source>Punch-in with shake</source>
        <translation>Stoß mit Wackeln</translation>
    </message>
    <message>
        <source>Pushed aside on the snare</source>
        <translation>Auf der Snare zur Seite gestoßen</translation>
    </message>
    <message>
        <source>Put a sound there, or choose another one.</source>
        <translation>Legen Sie dort einen Ton ab, oder wählen Sie einen anderen.</translation>
    </message>
    <message>
        <source>Put it where the sound shall be split.</source>
        <translation>Setzen Sie ihn dorthin, wo der Ton geteilt werden soll.</translation>
    </message>
    <message>
        <source>Put its end behind its start.</source>
        <translation>Setzen Sie sein Ende hinter seinen Anfang.</translation>
    </message>
    <message>
        <source>Put some of them into another universe.</source>
        <translation>Legen Sie einige davon in ein anderes Universum.</translation>
    </message>
    <message>
        <source>Put the file back, or take the sound out of its lane.</source>
        <translation>Legen Sie die Datei zurück, oder nehmen Sie den Ton aus seiner Spur.</translation>
    </message>
    <message>
        <source>Quarters of beats</source>
        <translation>Viertel von Beats</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>RGB split</source>
        <translation>RGB-Trennung</translation>
    </message>
    <message>
        <source>Ready are: %1.</source>
        <translation>Fertig sind: %1.</translation>
    </message>
    <message>
        <source>Regular</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>Remove what has its name, or choose another folder.</source>
        <translation>Entfernen Sie, was seinen Namen hat, oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>Render it at once.</source>
        <translation>Rendern Sie ihn auf einmal.</translation>
    </message>
    <message>
        <source>Replace…</source>
        <translation>Ersetzen…</translation>
    </message>
    <message>
        <source>Ride cymbal</source>
        <translation>Ride-Becken</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>Ring on the beat</source>
        <translation>Ring auf dem Beat</translation>
    </message>
    <message>
        <source>Ripple</source>
        <translation>Welligkeit</translation>
    </message>
    <message>
        <source>Rising energy</source>
        <translation>Steigende Energie</translation>
    </message>
    <message>
        <source>Rising spectrum</source>
        <translation>Steigendes Spektrum</translation>
    </message>
    <message>
        <source>Roll it less far.</source>
        <translation>Rollen Sie ihn weniger weit.</translation>
    </message>
    <message>
        <source>Row of onsets</source>
        <translation>Zeile mit Onsets</translation>
    </message>
    <message>
        <source>SOURCE FILE:</source>
        <translation>SOURCE FILE:</translation>
    </message>
    <message>
        <source>Saturated red that comes and goes is the most dangerous (WCAG 2.2, 2.3.1). A measure, no medical promise</source>
        <translation>Gesättigtes Rot, das kommt und geht, ist am gefährlichsten (WCAG 2.2, 2.3.1). Ein Maß, kein medizinisches Versprechen</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>Save the drawing as plain SVG.</source>
        <translation>Speichern Sie die Zeichnung als einfaches SVG.</translation>
    </message>
    <message>
        <source>Save the text as UTF-8 and load it again.</source>
        <translation>Speichern Sie den Text als UTF-8, und laden Sie ihn noch einmal.</translation>
    </message>
    <message>
        <source>Save your work, and try it otherwise.</source>
        <translation>Speichern Sie Ihre Arbeit, und versuchen Sie es anders.</translation>
    </message>
    <message>
        <source>Say every 2nd up to every 64th.</source>
        <translation>Sagen Sie every 2nd bis every 64th.</translation>
    </message>
    <message>
        <source>Say from when until when, in seconds.</source>
        <translation>Sagen Sie in Sekunden, von wann bis wann.</translation>
    </message>
    <message>
        <source>Say something from %1 to %2.</source>
        <translation>Sagen Sie etwas von %1 bis %2.</translation>
    </message>
    <message>
        <source>Say the first bar, then the last.</source>
        <translation>Sagen Sie den ersten Takt, dann den letzten.</translation>
    </message>
    <message>
        <source>Say the layer as well.</source>
        <translation>Sagen Sie auch die Ebene.</translation>
    </message>
    <message>
        <source>Say what it drives first.</source>
        <translation>Sagen Sie zuerst, was sie steuert.</translation>
    </message>
    <message>
        <source>Say what its columns are: time, frame or timecode, then name, note …</source>
        <translation>Sagen Sie, was ihre Spalten sind: time, frame oder timecode, dann name, note …</translation>
    </message>
    <message>
        <source>Say which column is the time, and in which form.</source>
        <translation>Sagen Sie, welche Spalte die Zeit ist, und in welcher Form.</translation>
    </message>
    <message>
        <source>Say, for example, 2 frames, 120 ms or 1 beat.</source>
        <translation>Sagen Sie zum Beispiel 2 frames, 120 ms oder 1 beat.</translation>
    </message>
    <message>
        <source>Say, for example, bars 9-24.</source>
        <translation>Sagen Sie zum Beispiel bars 9-24.</translation>
    </message>
    <message>
        <source>Screens may cut off what lies outside of 90 % of the picture (SMPTE ST 2046-1)</source>
        <translation>Schirme schneiden vielleicht ab, was außerhalb von 90 % des Bildes liegt (SMPTE ST 2046-1)</translation>
    </message>
    <message>
        <source>Second curve</source>
        <translation>Zweite Kurve</translation>
    </message>
    <message>
        <source>Seconds since a pin of that lane</source>
        <translation>Sekunden seit einem Pin jener Spur</translation>
    </message>
    <message>
        <source>See the bin for those there are.</source>
        <translation>In der Ablage stehen die vorhandenen.</translation>
    </message>
    <message>
        <source>See where it begins, and at how many frames a second.</source>
        <translation>Sehen Sie, wo es beginnt, und mit wie vielen Bildern je Sekunde.</translation>
    </message>
    <message>
        <source>See whether it is still there.</source>
        <translation>Sehen Sie, ob es noch da ist.</translation>
    </message>
    <message>
        <source>See whether the address is right and the network is there.</source>
        <translation>Sehen Sie, ob die Adresse stimmt und das Netz da ist.</translation>
    </message>
    <message>
        <source>See whether the disk is full and the folder may be written to.</source>
        <translation>Sehen Sie, ob der Datenträger voll ist und in den Ordner geschrieben werden darf.</translation>
    </message>
    <message>
        <source>See whether the disk is full, or choose another folder.</source>
        <translation>Sehen Sie, ob der Datenträger voll ist, oder wählen Sie einen anderen Ordner.</translation>
    </message>
    <message>
        <source>See whether the disk is full.</source>
        <translation>Sehen Sie, ob der Datenträger voll ist.</translation>
    </message>
    <message>
        <source>See whether the folder may be written to.</source>
        <translation>Sehen Sie, ob in den Ordner geschrieben werden darf.</translation>
    </message>
    <message>
        <source>See whether the network is connected, or send to this machine: 127.0.0.1.</source>
        <translation>Sehen Sie, ob das Netz verbunden ist, oder senden Sie an diesen Rechner: 127.0.0.1.</translation>
    </message>
    <message>
        <source>Select it as well.</source>
        <translation>Wählen Sie auch diesen aus.</translation>
    </message>
    <message>
        <source>Select one cut first.</source>
        <translation>Wählen Sie zuerst einen Schnitt aus.</translation>
    </message>
    <message>
        <source>Select one first.</source>
        <translation>Wählen Sie zuerst einen aus.</translation>
    </message>
    <message>
        <source>Select one marker first.</source>
        <translation>Wählen Sie zuerst einen Marker aus.</translation>
    </message>
    <message>
        <source>Select one pin.</source>
        <translation>Wählen Sie einen Pin aus.</translation>
    </message>
    <message>
        <source>Select one.</source>
        <translation>Wählen Sie einen aus.</translation>
    </message>
    <message>
        <source>Select pins and copy them first.</source>
        <translation>Wählen Sie Pins aus, und kopieren Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Select pins first.</source>
        <translation>Wählen Sie zuerst Pins aus.</translation>
    </message>
    <message>
        <source>Select pins of a lane of appearances.</source>
        <translation>Wählen Sie Pins einer Spur fürs Erscheinen aus.</translation>
    </message>
    <message>
        <source>Select pins of a lane of pulses.</source>
        <translation>Wählen Sie Pins einer Spur für Pulse aus.</translation>
    </message>
    <message>
        <source>Select pins of one kind.</source>
        <translation>Wählen Sie Pins einer Art aus.</translation>
    </message>
    <message>
        <source>Select pins that do first.</source>
        <translation>Wählen Sie zuerst Pins aus, die das tun.</translation>
    </message>
    <message>
        <source>Select the word that a line shall begin with first.</source>
        <translation>Wählen Sie zuerst das Wort aus, mit dem eine Zeile beginnen soll.</translation>
    </message>
    <message>
        <source>Select the words that shall be one line first.</source>
        <translation>Wählen Sie zuerst die Wörter aus, die eine Zeile sein sollen.</translation>
    </message>
    <message>
        <source>Select those that shall drive the same.</source>
        <translation>Wählen Sie die aus, die dasselbe steuern sollen.</translation>
    </message>
    <message>
        <source>Select what shall be copied, and make a range around it.</source>
        <translation>Wählen Sie aus, was kopiert werden soll, und ziehen Sie einen Bereich darum.</translation>
    </message>
    <message>
        <source>Select words that are set, and not locked, first.</source>
        <translation>Wählen Sie zuerst Wörter aus, die gesetzt und nicht gesperrt sind.</translation>
    </message>
    <message>
        <source>SemiBold</source>
        <translation>Halbfett</translation>
    </message>
    <message>
        <source>Set TMPDIR to a folder on a disk with free space.</source>
        <translation>Setzen Sie TMPDIR auf einen Ordner mit freiem Platz.</translation>
    </message>
    <message>
        <source>Set lines in the lane of words first.</source>
        <translation>Setzen Sie zuerst Zeilen in der Spur für Wörter.</translation>
    </message>
    <message>
        <source>Set words first (stop Mark).</source>
        <translation>Setzen Sie zuerst Wörter (Schritt Marker).</translation>
    </message>
    <message>
        <source>Set words first (stop Mark, Words).</source>
        <translation>Setzen Sie zuerst Wörter (Schritt Marker, Wörter).</translation>
    </message>
    <message>
        <source>Several pins are selected.</source>
        <translation>Es sind mehrere Pins ausgewählt.</translation>
    </message>
    <message>
        <source>Shake</source>
        <translation>Wackeln</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Shape of the wave</source>
        <translation>Form der Welle</translation>
    </message>
    <message>
        <source>Shapes and titles as they move, for web pages and programs</source>
        <translation>Formen und Titel, wie sie sich bewegen, für Webseiten und Programme</translation>
    </message>
    <message>
        <source>Sharpen</source>
        <translation>Schärfen</translation>
    </message>
    <message>
        <source>Sheets are written as PDF or SVG.</source>
        <translation>Blätter werden als PDF oder SVG geschrieben.</translation>
    </message>
    <message>
        <source>Shots</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Show another shot there.</source>
        <translation>Zeigen Sie dort eine andere Einstellung.</translation>
    </message>
    <message>
        <source>Shrink</source>
        <translation>Schrumpfen</translation>
    </message>
    <message>
        <source>Slate</source>
        <translation>Platzhalter</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Langsamer</translation>
    </message>
    <message>
        <source>Small</source>
        <translation>Klein</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Kleiner</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>Glatt</translation>
    </message>
    <message>
        <source>Snare</source>
        <translation>Snare</translation>
    </message>
    <message>
        <source>Soft edge</source>
        <translation>Weiche Kante</translation>
    </message>
    <message>
        <source>Soften</source>
        <translation>Weicher</translation>
    </message>
    <message>
        <source>Song</source>
        <translation>Song</translation>
    </message>
    <message>
        <source>Song: %1, %2
</source>
        <translation>Song: %1, %2
</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>Sound alone, WAV</source>
        <translation>Nur Ton, WAV</translation>
    </message>
    <message>
        <source>Sounds are not placed on beats.</source>
        <translation>Töne werden nicht auf Beats gesetzt.</translation>
    </message>
    <message>
        <source>Sounds are written as WAV or FLAC.</source>
        <translation>Töne werden als WAV oder FLAC geschrieben.</translation>
    </message>
    <message>
        <source>Sparks</source>
        <translation>Funken</translation>
    </message>
    <message>
        <source>Sparks on the kick</source>
        <translation>Funken auf der Kick</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>Spektrum</translation>
    </message>
    <message>
        <source>Spectrum around a circle</source>
        <translation>Spektrum um einen Kreis</translation>
    </message>
    <message>
        <source>Spectrum on a line</source>
        <translation>Spektrum auf einer Linie</translation>
    </message>
    <message>
        <source>Stack</source>
        <translation>Stapel</translation>
    </message>
    <message>
        <source>Standard MIDI File</source>
        <translation>Standard-MIDI-Datei</translation>
    </message>
    <message>
        <source>Standard MIDI File: a tempo for each beat, metres, markers</source>
        <translation>Standard-MIDI-Datei: ein Tempo je Beat, Taktarten, Marker</translation>
    </message>
    <message>
        <source>Standard MIDI File: a track for each lane, a note for each pin, words as lyrics, curves as controllers</source>
        <translation>Standard-MIDI-Datei: eine Spur je Spur, eine Note je Pin, Wörter als Liedtext, Kurven als Controller</translation>
    </message>
    <message>
        <source>Strength of onsets</source>
        <translation>Stärke von Onsets</translation>
    </message>
    <message>
        <source>Strobe</source>
        <translation>Stroboskop</translation>
    </message>
    <message>
        <source>Strobe in two colours</source>
        <translation>Stroboskop in zwei Farben</translation>
    </message>
    <message>
        <source>SubRip</source>
        <translation>SubRip</translation>
    </message>
    <message>
        <source>Sum</source>
        <translation>Summe</translation>
    </message>
    <message>
        <source>Swings with the beats or bars</source>
        <translation>Schwingt mit den Beats oder Takten</translation>
    </message>
    <message>
        <source>Syllables, in speech</source>
        <translation>Silben, in Gesprochenem</translation>
    </message>
    <message>
        <source>Sync report</source>
        <translation>Sync-Bericht</translation>
    </message>
    <message>
        <source>Sync report: </source>
        <translation>Sync-Bericht: </translation>
    </message>
    <message>
        <source>TIFF pictures, WAV</source>
        <translation>TIFF-Bilder, WAV</translation>
    </message>
    <message>
        <source>TO CLIP NAME:</source>
        <translation>TO CLIP NAME:</translation>
    </message>
    <message>
        <source>Table of cues</source>
        <translation>Cue-Tabelle</translation>
    </message>
    <message>
        <source>Tabloid</source>
        <translation>Tabloid</translation>
    </message>
    <message>
        <source>Take all of it.</source>
        <translation>Nehmen Sie alles davon.</translation>
    </message>
    <message>
        <source>Take away what it drives instead.</source>
        <translation>Nehmen Sie stattdessen weg, was es steuert.</translation>
    </message>
    <message>
        <source>Take letters away, or set the next line later.</source>
        <translation>Nehmen Sie Buchstaben weg, oder setzen Sie die nächste Zeile später.</translation>
    </message>
    <message>
        <source>Take some away first.</source>
        <translation>Nehmen Sie zuerst welche weg.</translation>
    </message>
    <message>
        <source>Tap a rhythm with T.</source>
        <translation>Tippen Sie mit T einen Rhythmus.</translation>
    </message>
    <message>
        <source>Tap along with T.</source>
        <translation>Tippen Sie mit T mit.</translation>
    </message>
    <message>
        <source>Tap them with W while it plays.</source>
        <translation>Tippen Sie sie mit W, während es läuft.</translation>
    </message>
    <message>
        <source>Tell another value.</source>
        <translation>Nennen Sie einen anderen Wert.</translation>
    </message>
    <message>
        <source>Tell at the stop “Song” where in the song it begins.</source>
        <translation>Nennen Sie beim Schritt „Song“, wo im Song sie beginnt.</translation>
    </message>
    <message>
        <source>Tempo map</source>
        <translation>Tempokarte</translation>
    </message>
    <message>
        <source>Tempo map of a MIDI file</source>
        <translation>Tempokarte einer MIDI-Datei</translation>
    </message>
    <message>
        <source>Texts that are longer than their places</source>
        <translation>Texte, die länger sind als ihr Platz</translation>
    </message>
    <message>
        <source>That cannot be fixed before the picture was measured.</source>
        <translation>Das lässt sich nicht beheben, bevor das Bild gemessen ist.</translation>
    </message>
    <message>
        <source>That clip is no longer in the bin.</source>
        <translation>Dieser Clip ist nicht mehr in der Ablage.</translation>
    </message>
    <message>
        <source>That cut is locked.</source>
        <translation>Dieser Schnitt ist gesperrt.</translation>
    </message>
    <message>
        <source>That cut is no longer there.</source>
        <translation>Diesen Schnitt gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That drives nothing in the picture.</source>
        <translation>Das steuert nichts im Bild.</translation>
    </message>
    <message>
        <source>That effect is no longer there.</source>
        <translation>Diesen Effekt gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That has no automatic fix.</source>
        <translation>Dafür gibt es keine automatische Behebung.</translation>
    </message>
    <message>
        <source>That is more than a line further on.</source>
        <translation>Das liegt mehr als eine Zeile weiter.</translation>
    </message>
    <message>
        <source>That is neither a trigger nor something that appears.</source>
        <translation>Das ist weder ein Trigger noch etwas Erscheinendes.</translation>
    </message>
    <message>
        <source>That is no cut.</source>
        <translation>Das ist kein Schnitt.</translation>
    </message>
    <message>
        <source>That is no lane of lights.</source>
        <translation>Das ist keine Spur für Licht.</translation>
    </message>
    <message>
        <source>That is no lane of words or notes.</source>
        <translation>Das ist keine Spur für Wörter oder Notizen.</translation>
    </message>
    <message>
        <source>That item is locked.</source>
        <translation>Dieser Pin ist gesperrt.</translation>
    </message>
    <message>
        <source>That item is no longer there.</source>
        <translation>Diesen Pin gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That lamp is no longer there.</source>
        <translation>Diese Lampe gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That lane drives no property.</source>
        <translation>Diese Spur steuert keine Eigenschaft.</translation>
    </message>
    <message>
        <source>That lane drives nothing.</source>
        <translation>Diese Spur steuert nichts.</translation>
    </message>
    <message>
        <source>That lane has no curve.</source>
        <translation>Diese Spur hat keine Kurve.</translation>
    </message>
    <message>
        <source>That lane is no longer there.</source>
        <translation>Diese Spur gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That lane of exposures is no longer there.</source>
        <translation>Diese Spur für Belichtungen gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That lane of words is no longer there.</source>
        <translation>Diese Spur für Wörter gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That layer is no longer there.</source>
        <translation>Diese Ebene gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That layer is not there.</source>
        <translation>Diese Ebene ist nicht da.</translation>
    </message>
    <message>
        <source>That look is one for titles.</source>
        <translation>Dieser Look ist einer für Titel.</translation>
    </message>
    <message>
        <source>That many beats do not fit between these two.</source>
        <translation>So viele Beats passen nicht zwischen diese beiden.</translation>
    </message>
    <message>
        <source>That marker is locked.</source>
        <translation>Dieser Marker ist gesperrt.</translation>
    </message>
    <message>
        <source>That marker is no longer there.</source>
        <translation>Diesen Marker gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That pin is locked.</source>
        <translation>Dieser Pin ist gesperrt.</translation>
    </message>
    <message>
        <source>That pin is no longer there.</source>
        <translation>Diesen Pin gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That planting is no longer there.</source>
        <translation>Diese Platzierung gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That pulse is locked.</source>
        <translation>Dieser Puls ist gesperrt.</translation>
    </message>
    <message>
        <source>That pulse is no longer there.</source>
        <translation>Diesen Puls gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That range lies behind the end of the piece.</source>
        <translation>Dieser Bereich liegt hinter dem Ende des Stücks.</translation>
    </message>
    <message>
        <source>That shot is no longer in the bin.</source>
        <translation>Diese Einstellung ist nicht mehr in der Ablage.</translation>
    </message>
    <message>
        <source>That sound is no longer there.</source>
        <translation>Diesen Ton gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That stretch is empty.</source>
        <translation>Diese Strecke ist leer.</translation>
    </message>
    <message>
        <source>That takes at least three taps.</source>
        <translation>Dafür braucht es mindestens drei Tipps.</translation>
    </message>
    <message>
        <source>That text is no longer there.</source>
        <translation>Diesen Text gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>That value of &quot;%1&quot; is beyond its limits.</source>
        <translation>Dieser Wert von „%1“ liegt jenseits seiner Grenzen.</translation>
    </message>
    <message>
        <source>That word is set already.</source>
        <translation>Dieses Wort ist schon gesetzt.</translation>
    </message>
    <message>
        <source>That would be %1 beats a minute.</source>
        <translation>Das wären %1 Beats je Minute.</translation>
    </message>
    <message>
        <source>That would be %1 beats a minute: the tempo stays as it is.</source>
        <translation>Das wären %1 Beats je Minute: das Tempo bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>That would be %1 lamps.</source>
        <translation>Das wären %1 Lampen.</translation>
    </message>
    <message>
        <source>The </source>
        <translation>Das </translation>
    </message>
    <message>
        <source>The %1 in this file cannot be decoded.</source>
        <translation>Das %1 in dieser Datei lässt sich nicht dekodieren.</translation>
    </message>
    <message>
        <source>The %1 in this file is in a format that cannot be decoded.</source>
        <translation>Das %1 in dieser Datei hat ein Format, das sich nicht dekodieren lässt.</translation>
    </message>
    <message>
        <source>The OSC address cannot be used.</source>
        <translation>Die OSC-Adresse ist nicht verwendbar.</translation>
    </message>
    <message>
        <source>The beats are not in rising order.</source>
        <translation>Die Beats steigen nicht.</translation>
    </message>
    <message>
        <source>The beats are numbered too far from bar 1.</source>
        <translation>Die Beats sind zu weit von Takt 1 gezählt.</translation>
    </message>
    <message>
        <source>The beats before and after %1 s are more than an hour apart.</source>
        <translation>Die Beats vor und nach %1 s liegen mehr als eine Stunde auseinander.</translation>
    </message>
    <message>
        <source>The camera did not run at that moment of the song.</source>
        <translation>Die Kamera lief in diesem Moment des Songs nicht.</translation>
    </message>
    <message>
        <source>The camera is always there.</source>
        <translation>Die Kamera ist immer da.</translation>
    </message>
    <message>
        <source>The camera looks at all layers and lies in no group.</source>
        <translation>Die Kamera sieht alle Ebenen und liegt in keiner Gruppe.</translation>
    </message>
    <message>
        <source>The camera looks at all layers and stays on top.</source>
        <translation>Die Kamera sieht alle Ebenen und bleibt oben.</translation>
    </message>
    <message>
        <source>The camera stays: without it nothing is seen.</source>
        <translation>Die Kamera bleibt: ohne sie ist nichts zu sehen.</translation>
    </message>
    <message>
        <source>The changes of metre are not in rising order.</source>
        <translation>Die Wechsel der Taktart steigen nicht.</translation>
    </message>
    <message>
        <source>The clip is over before its shot is: its last picture stands still</source>
        <translation>Der Clip ist vor seiner Einstellung zu Ende: sein letztes Bild steht still</translation>
    </message>
    <message>
        <source>The colours of a picture could not be chosen.</source>
        <translation>Die Farben eines Bildes ließen sich nicht wählen.</translation>
    </message>
    <message>
        <source>The composition is damaged: %1</source>
        <translation>Die Komposition ist beschädigt: %1</translation>
    </message>
    <message>
        <source>The curve of another lane, to be shaped otherwise</source>
        <translation>Die Kurve einer anderen Spur, anders zu formen</translation>
    </message>
    <message>
        <source>The decoded sound cannot be mapped into memory.</source>
        <translation>Der dekodierte Ton lässt sich nicht in den Speicher abbilden.</translation>
    </message>
    <message>
        <source>The disk is full: there is no room for the decoded sound.</source>
        <translation>Der Datenträger ist voll: für den dekodierten Ton ist kein Platz.</translation>
    </message>
    <message>
        <source>The drawing has groups in groups without end.</source>
        <translation>Die Zeichnung hat Gruppen in Gruppen ohne Ende.</translation>
    </message>
    <message>
        <source>The effect &quot;%1&quot; of &quot;%2&quot; is left out.</source>
        <translation>Der Effekt „%1“ von „%2“ bleibt weg.</translation>
    </message>
    <message>
        <source>The encoder does not take these settings (%1).</source>
        <translation>Der Kodierer nimmt diese Einstellungen nicht (%1).</translation>
    </message>
    <message>
        <source>The encoder for this kind of film is not installed.</source>
        <translation>Der Kodierer für diese Art Film ist nicht installiert.</translation>
    </message>
    <message>
        <source>The event ends before it begins.</source>
        <translation>Das Ereignis endet, bevor es beginnt.</translation>
    </message>
    <message>
        <source>The file cannot be opened: it does not exist or is not a plain file.</source>
        <translation>Die Datei lässt sich nicht öffnen: es gibt sie nicht, oder sie ist keine einfache Datei.</translation>
    </message>
    <message>
        <source>The file cannot be read.</source>
        <translation>Die Datei ist nicht lesbar.</translation>
    </message>
    <message>
        <source>The file could not be saved: %1. The old file, if any, is unchanged.</source>
        <translation>Die Datei ließ sich nicht speichern: %1. Die alte Datei, falls es eine gibt, ist unverändert.</translation>
    </message>
    <message>
        <source>The file could not be written in its place: %1.</source>
        <translation>Die Datei ließ sich nicht an ihren Platz schreiben: %1.</translation>
    </message>
    <message>
        <source>The file could not be written.</source>
        <translation>Die Datei ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>The file does not exist.</source>
        <translation>Die Datei gibt es nicht.</translation>
    </message>
    <message>
        <source>The file is damaged: what it contains cannot be found out.</source>
        <translation>Die Datei ist beschädigt: was sie enthält, lässt sich nicht feststellen.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>Die Datei ist leer.</translation>
    </message>
    <message>
        <source>The file is far too large to be what it is taken for.</source>
        <translation>Die Datei ist viel zu groß für das, wofür sie gehalten wird.</translation>
    </message>
    <message>
        <source>The file is write-protected and was left as it is.</source>
        <translation>Die Datei ist schreibgeschützt und blieb, wie sie ist.</translation>
    </message>
    <message>
        <source>The film could not be put in its place (%1).</source>
        <translation>Der Film ließ sich nicht an seinen Platz legen (%1).</translation>
    </message>
    <message>
        <source>The film could not be written (%1).</source>
        <translation>Der Film ließ sich nicht schreiben (%1).</translation>
    </message>
    <message>
        <source>The film has no %1 parts: it is %2 frames long, and a part %3 at least.</source>
        <translation>Der Film hat keine %1 Teile: er ist %2 Bilder lang, und ein Teil mindestens %3.</translation>
    </message>
    <message>
        <source>The film has that size, and what does not fit is cut off</source>
        <translation>Der Film hat diese Größe, und was nicht passt, ist abgeschnitten</translation>
    </message>
    <message>
        <source>The film has that size, with black bars beside the picture</source>
        <translation>Der Film hat diese Größe, mit schwarzen Balken neben dem Bild</translation>
    </message>
    <message>
        <source>The film is whole in %1.</source>
        <translation>Der Film liegt ganz in %1.</translation>
    </message>
    <message>
        <source>The film keeps the shape of the piece, and is as large as fits inside of the size</source>
        <translation>Der Film behält die Form des Stücks und ist so groß, wie in die Größe passt</translation>
    </message>
    <message>
        <source>The first of each pair against the second: 1 straight, 2 triplets</source>
        <translation>Das erste jedes Paars gegen das zweite: 1 gerade, 2 Triolen</translation>
    </message>
    <message>
        <source>The folder could not be made</source>
        <translation>Der Ordner ließ sich nicht anlegen</translation>
    </message>
    <message>
        <source>The folder could not be made.</source>
        <translation>Der Ordner ließ sich nicht anlegen.</translation>
    </message>
    <message>
        <source>The folder could not be put in its place</source>
        <translation>Der Ordner ließ sich nicht an seinen Platz legen</translation>
    </message>
    <message>
        <source>The folder is not empty: it holds &quot;%1&quot;%2.</source>
        <translation>Der Ordner ist nicht leer: er enthält „%1“%2.</translation>
    </message>
    <message>
        <source>The grid as a whole</source>
        <translation>Das Raster als Ganzes</translation>
    </message>
    <message>
        <source>The grid is as it was found.</source>
        <translation>Das Raster ist wie gefunden.</translation>
    </message>
    <message>
        <source>The group %1 cannot be listened to (%2).</source>
        <translation>Die Gruppe %1 lässt sich nicht abhören (%2).</translation>
    </message>
    <message>
        <source>The highest top becomes 1</source>
        <translation>Die höchste Spitze wird 1</translation>
    </message>
    <message>
        <source>The lane of sounds that is listened to is gone.</source>
        <translation>Die Tonspur, auf die gehört wird, ist weg.</translation>
    </message>
    <message>
        <source>The lane that is followed</source>
        <translation>Die Spur, der gefolgt wird</translation>
    </message>
    <message>
        <source>The lane that must not act there</source>
        <translation>Die Spur, die dort nicht wirken darf</translation>
    </message>
    <message>
        <source>The lane whose curve is taken as the second one</source>
        <translation>Die Spur, deren Kurve die zweite ist</translation>
    </message>
    <message>
        <source>The lane “%1” is locked.</source>
        <translation>Die Spur „%1“ ist gesperrt.</translation>
    </message>
    <message>
        <source>The last key stays.</source>
        <translation>Der letzte Key bleibt.</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; asks for the blend mode &quot;%2&quot;, which is not known: it is shown as normal.</source>
        <translation>Die Ebene „%1“ verlangt den Mischmodus „%2“, der nicht bekannt ist: sie wird normal gezeigt.</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; asks for the shape &quot;%2&quot;, which is not known: it is shown as a disc.</source>
        <translation>Die Ebene „%1“ verlangt die Form „%2“, die nicht bekannt ist: sie wird als Scheibe gezeigt.</translation>
    </message>
    <message>
        <source>The layer of the titles is no longer there.</source>
        <translation>Die Ebene der Titel gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>The line ends there already.</source>
        <translation>Die Zeile endet dort schon.</translation>
    </message>
    <message>
        <source>The long side of the paper lies at the bottom</source>
        <translation>Die lange Seite des Papiers liegt unten</translation>
    </message>
    <message>
        <source>The looks are damaged: </source>
        <translation>Die Looks sind beschädigt: </translation>
    </message>
    <message>
        <source>The looks are damaged: %1.</source>
        <translation>Die Looks sind beschädigt: %1.</translation>
    </message>
    <message>
        <source>The marker &quot;%1&quot; has no time.</source>
        <translation>Der Marker „%1“ hat keine Zeit.</translation>
    </message>
    <message>
        <source>The marker on the shot that meets the beat; shots without it start at the in-point</source>
        <translation>Der Marker auf der Einstellung, der auf den Beat trifft; ohne ihn beginnt sie am In-Punkt</translation>
    </message>
    <message>
        <source>The name of a film of this kind (%1) ends in .%2.</source>
        <translation>Der Name eines Films dieser Art (%1) endet auf .%2.</translation>
    </message>
    <message>
        <source>The next line leaves no room.</source>
        <translation>Die nächste Zeile lässt keinen Platz.</translation>
    </message>
    <message>
        <source>The only %1 is within %2</source>
        <translation>%1 in der Grenze: %2</translation>
    </message>
    <message>
        <source>The pages could not be made.</source>
        <translation>Die Seiten ließen sich nicht anlegen.</translation>
    </message>
    <message>
        <source>The part with frame %1 is missing.</source>
        <translation>Der Teil mit Bild %1 fehlt.</translation>
    </message>
    <message>
        <source>The picture could not be made.</source>
        <translation>Das Bild ließ sich nicht erzeugen.</translation>
    </message>
    <message>
        <source>The pictures in this file are not of one size.</source>
        <translation>Die Bilder dieser Datei haben nicht eine Größe.</translation>
    </message>
    <message>
        <source>The pictures in this file have a format that cannot be shown.</source>
        <translation>Die Bilder dieser Datei haben ein Format, das sich nicht zeigen lässt.</translation>
    </message>
    <message>
        <source>The piece has no length yet.</source>
        <translation>Das Stück hat noch keine Länge.</translation>
    </message>
    <message>
        <source>The piece itself reads &quot;%1&quot; from this folder.</source>
        <translation>Das Stück selbst liest „%1“ aus diesem Ordner.</translation>
    </message>
    <message>
        <source>The piece would end before it begins.</source>
        <translation>Das Stück würde enden, bevor es beginnt.</translation>
    </message>
    <message>
        <source>The playhead is not inside of that sound.</source>
        <translation>Der Abspielkopf liegt nicht in diesem Ton.</translation>
    </message>
    <message>
        <source>The project does not say its version.</source>
        <translation>Das Projekt nennt seine Version nicht.</translation>
    </message>
    <message>
        <source>The project is damaged: </source>
        <translation>Das Projekt ist beschädigt: </translation>
    </message>
    <message>
        <source>The project is damaged: %1.</source>
        <translation>Das Projekt ist beschädigt: %1.</translation>
    </message>
    <message>
        <source>The project is damaged: a value is not of the expected type.</source>
        <translation>Das Projekt ist beschädigt: ein Wert hat nicht die erwartete Art.</translation>
    </message>
    <message>
        <source>The project was not saved, since it could not be opened again: %1</source>
        <translation>Das Projekt wurde nicht gespeichert, da es sich nicht wieder öffnen ließe: %1</translation>
    </message>
    <message>
        <source>The proxy could not be put in its place.</source>
        <translation>Der Proxy ließ sich nicht an seinen Platz legen.</translation>
    </message>
    <message>
        <source>The proxy could not be written.</source>
        <translation>Der Proxy ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>The range is far longer than any song.</source>
        <translation>Der Bereich ist viel länger als jeder Song.</translation>
    </message>
    <message>
        <source>The row of everything that starts stays.</source>
        <translation>Die Zeile von allem, was beginnt, bleibt.</translation>
    </message>
    <message>
        <source>The selected pins are of several kinds.</source>
        <translation>Die ausgewählten Pins sind von mehreren Arten.</translation>
    </message>
    <message>
        <source>The shot has no pictures before this.</source>
        <translation>Die Einstellung hat davor keine Bilder.</translation>
    </message>
    <message>
        <source>The size &quot;%1&quot; cannot be read.</source>
        <translation>Die Größe „%1“ ist nicht lesbar.</translation>
    </message>
    <message>
        <source>The song ends at %1, though its file counts %2: it is damaged or not whole.</source>
        <translation>Der Song endet bei %1, obwohl seine Datei %2 zählt: Sie ist beschädigt oder nicht vollständig.</translation>
    </message>
    <message>
        <source>The song's sound is not there.</source>
        <translation>Der Ton des Songs ist nicht da.</translation>
    </message>
    <message>
        <source>The sound cannot be coded as FLAC.</source>
        <translation>Der Ton lässt sich nicht als FLAC kodieren.</translation>
    </message>
    <message>
        <source>The sound cannot be coded so (%1).</source>
        <translation>Der Ton lässt sich so nicht kodieren (%1).</translation>
    </message>
    <message>
        <source>The sound cannot be measured.</source>
        <translation>Der Ton lässt sich nicht messen.</translation>
    </message>
    <message>
        <source>The sound could not be coded (%1).</source>
        <translation>Der Ton ließ sich nicht kodieren (%1).</translation>
    </message>
    <message>
        <source>The sound could not be written</source>
        <translation>Der Ton ließ sich nicht schreiben</translation>
    </message>
    <message>
        <source>The sound could not be written.</source>
        <translation>Der Ton ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>The sound in this file has no valid sample rate or no channels.</source>
        <translation>Der Ton dieser Datei hat keine gültige Abtastrate oder keine Kanäle.</translation>
    </message>
    <message>
        <source>The sound is no longer too high.</source>
        <translation>Der Ton ist nicht mehr zu hoch.</translation>
    </message>
    <message>
        <source>The sound that is listened to</source>
        <translation>Der Ton, auf den gehört wird</translation>
    </message>
    <message>
        <source>The sound was not measured yet.</source>
        <translation>Der Ton ist noch nicht gemessen.</translation>
    </message>
    <message>
        <source>The stop “Place” picks no place after the playhead.</source>
        <translation>Der Schritt „Setzen“ wählt nach dem Abspielkopf keine Stelle.</translation>
    </message>
    <message>
        <source>The stretch is empty.</source>
        <translation>Die Strecke ist leer.</translation>
    </message>
    <message>
        <source>The sum of all sounds would be %1 hours long.</source>
        <translation>Die Summe aller Töne wäre %1 Stunden lang.</translation>
    </message>
    <message>
        <source>The times of a steady grid must be finite.</source>
        <translation>Die Zeiten eines gleichmäßigen Rasters müssen endlich sein.</translation>
    </message>
    <message>
        <source>The transition &quot;%1&quot; is taken as a cut.</source>
        <translation>Der Übergang „%1“ wird als Schnitt genommen.</translation>
    </message>
    <message>
        <source>The trigger that the others shall be like is not selected.</source>
        <translation>Der Trigger, dem die anderen gleichen sollen, ist nicht ausgewählt.</translation>
    </message>
    <message>
        <source>The value of each driven property at each frame</source>
        <translation>Der Wert jeder gesteuerten Eigenschaft bei jedem Bild</translation>
    </message>
    <message>
        <source>The words are locked.</source>
        <translation>Die Wörter sind gesperrt.</translation>
    </message>
    <message>
        <source>There are fewer places than layers.</source>
        <translation>Es gibt weniger Stellen als Ebenen.</translation>
    </message>
    <message>
        <source>There are fewer than two beats in the list.</source>
        <translation>In der Liste sind weniger als zwei Beats.</translation>
    </message>
    <message>
        <source>There are fewer than two beats in this MIDI file.</source>
        <translation>In dieser MIDI-Datei sind weniger als zwei Beats.</translation>
    </message>
    <message>
        <source>There are more than 100 000 lengths.</source>
        <translation>Es sind mehr als 100 000 Längen.</translation>
    </message>
    <message>
        <source>There are no %1 to write.</source>
        <translation>Es gibt keine %1 zu schreiben.</translation>
    </message>
    <message>
        <source>There are no bars to copy yet.</source>
        <translation>Es gibt noch keine Takte zum Kopieren.</translation>
    </message>
    <message>
        <source>There are no bars yet.</source>
        <translation>Es gibt noch keine Takte.</translation>
    </message>
    <message>
        <source>There are no beats in that range.</source>
        <translation>In diesem Bereich sind keine Beats.</translation>
    </message>
    <message>
        <source>There are no beats to compare with.</source>
        <translation>Es gibt keine Beats zum Vergleichen.</translation>
    </message>
    <message>
        <source>There are no beats to write.</source>
        <translation>Es gibt keine Beats zu schreiben.</translation>
    </message>
    <message>
        <source>There are no beats yet.</source>
        <translation>Es gibt noch keine Beats.</translation>
    </message>
    <message>
        <source>There are no black frames before the first shot.</source>
        <translation>Vor der ersten Einstellung sind keine schwarzen Bilder.</translation>
    </message>
    <message>
        <source>There are no curves to write.</source>
        <translation>Es gibt keine Kurven zu schreiben.</translation>
    </message>
    <message>
        <source>There are no cuts to show.</source>
        <translation>Es gibt keine Schnitte zu zeigen.</translation>
    </message>
    <message>
        <source>There are no cuts to write.</source>
        <translation>Es gibt keine Schnitte zu schreiben.</translation>
    </message>
    <message>
        <source>There are no drawings to number.</source>
        <translation>Es gibt keine Zeichnungen zu nummerieren.</translation>
    </message>
    <message>
        <source>There are no drawings to write.</source>
        <translation>Es gibt keine Zeichnungen zu schreiben.</translation>
    </message>
    <message>
        <source>There are no drawings yet.</source>
        <translation>Es gibt noch keine Zeichnungen.</translation>
    </message>
    <message>
        <source>There are no keys to write.</source>
        <translation>Es gibt keine Keys zu schreiben.</translation>
    </message>
    <message>
        <source>There are no lamps in it.</source>
        <translation>Darin sind keine Lampen.</translation>
    </message>
    <message>
        <source>There are no lamps to write.</source>
        <translation>Es gibt keine Lampen zu schreiben.</translation>
    </message>
    <message>
        <source>There are no lamps yet.</source>
        <translation>Es gibt noch keine Lampen.</translation>
    </message>
    <message>
        <source>There are no lights to write.</source>
        <translation>Es gibt keine Lichter zu schreiben.</translation>
    </message>
    <message>
        <source>There are no markers to write.</source>
        <translation>Es gibt keine Marker zu schreiben.</translation>
    </message>
    <message>
        <source>There are no more frames.</source>
        <translation>Es gibt keine Bilder mehr.</translation>
    </message>
    <message>
        <source>There are no onsets to snap to.</source>
        <translation>Es gibt keine Onsets zum Einrasten.</translation>
    </message>
    <message>
        <source>There are no parts to join.</source>
        <translation>Es gibt keine Teile zum Fügen.</translation>
    </message>
    <message>
        <source>There are no rules for how &quot;%1&quot; sounds.</source>
        <translation>Es gibt keine Regeln, wie „%1“ klingt.</translation>
    </message>
    <message>
        <source>There are no shots to fill them with.</source>
        <translation>Es gibt keine Einstellungen, um sie zu füllen.</translation>
    </message>
    <message>
        <source>There are no taps yet.</source>
        <translation>Es gibt noch keine Tipps.</translation>
    </message>
    <message>
        <source>There are no triggers or pulses of which every other one could be muted.</source>
        <translation>Es gibt keine Trigger oder Pulse, von denen jeder zweite stumm werden könnte.</translation>
    </message>
    <message>
        <source>There are no triggers to write.</source>
        <translation>Es gibt keine Trigger zu schreiben.</translation>
    </message>
    <message>
        <source>There are no words or notes to write.</source>
        <translation>Es gibt keine Wörter oder Notizen zu schreiben.</translation>
    </message>
    <message>
        <source>There are none of those in this MIDI file.</source>
        <translation>Davon ist in dieser MIDI-Datei nichts.</translation>
    </message>
    <message>
        <source>There are none of those in this file.</source>
        <translation>Davon ist in dieser Datei nichts.</translation>
    </message>
    <message>
        <source>There are not as many times as beats.</source>
        <translation>Es gibt nicht so viele Zeiten wie Beats.</translation>
    </message>
    <message>
        <source>There are too many keys.</source>
        <translation>Es sind zu viele Keys.</translation>
    </message>
    <message>
        <source>There are: %1.</source>
        <translation>Es gibt: %1.</translation>
    </message>
    <message>
        <source>There are: time, end, length, frame, timecode, name, note, colour, file, in, and -.</source>
        <translation>Es gibt: time, end, length, frame, timecode, name, note, colour, file, in und -.</translation>
    </message>
    <message>
        <source>There can be %1.</source>
        <translation>Es kann %1 geben.</translation>
    </message>
    <message>
        <source>There is a %1 on each of these positions already.</source>
        <translation>Auf jeder dieser Stellen ist schon ein %1.</translation>
    </message>
    <message>
        <source>There is a beat already.</source>
        <translation>Da ist schon ein Beat.</translation>
    </message>
    <message>
        <source>There is a file of that name already.</source>
        <translation>Es gibt schon eine Datei dieses Namens.</translation>
    </message>
    <message>
        <source>There is a file of this name already.</source>
        <translation>Es gibt schon eine Datei dieses Namens.</translation>
    </message>
    <message>
        <source>There is a folder of that name.</source>
        <translation>Es gibt einen Ordner dieses Namens.</translation>
    </message>
    <message>
        <source>There is an onset at that time already.</source>
        <translation>Zu dieser Zeit ist schon ein Onset.</translation>
    </message>
    <message>
        <source>There is no </source>
        <translation>Es gibt kein </translation>
    </message>
    <message>
        <source>There is no %1 called &quot;%2&quot;.</source>
        <translation>Es gibt kein %1 namens „%2“.</translation>
    </message>
    <message>
        <source>There is no %1 in this file.</source>
        <translation>In dieser Datei ist kein %1.</translation>
    </message>
    <message>
        <source>There is no MIDI port &quot;%1&quot;.</source>
        <translation>Es gibt keinen MIDI-Port „%1“.</translation>
    </message>
    <message>
        <source>There is no MIDI sequencer on this computer.</source>
        <translation>Auf diesem Rechner gibt es keinen MIDI-Sequencer.</translation>
    </message>
    <message>
        <source>There is no beat grid yet, and &quot;%1&quot; needs one.</source>
        <translation>Es gibt noch kein Beat-Raster, und „%1“ braucht eines.</translation>
    </message>
    <message>
        <source>There is no beat grid yet.</source>
        <translation>Es gibt noch kein Beat-Raster.</translation>
    </message>
    <message>
        <source>There is no channel %1.</source>
        <translation>Es gibt keinen Kanal %1.</translation>
    </message>
    <message>
        <source>There is no column called &quot;%1&quot;.</source>
        <translation>Es gibt keine Spalte namens „%1“.</translation>
    </message>
    <message>
        <source>There is no easing called &quot;%1&quot;.</source>
        <translation>Es gibt keine Kurvenform namens „%1“.</translation>
    </message>
    <message>
        <source>There is no effect called &quot;%1&quot;.</source>
        <translation>Es gibt keinen Effekt namens „%1“.</translation>
    </message>
    <message>
        <source>There is no event in this list.</source>
        <translation>In dieser Liste ist kein Ereignis.</translation>
    </message>
    <message>
        <source>There is no filter called &quot;%1&quot;.</source>
        <translation>Es gibt keinen Filter namens „%1“.</translation>
    </message>
    <message>
        <source>There is no grid yet to pin to.</source>
        <translation>Es gibt noch kein Raster zum Anheften.</translation>
    </message>
    <message>
        <source>There is no kind of film called &quot;%1&quot;.</source>
        <translation>Es gibt keine Filmart namens „%1“.</translation>
    </message>
    <message>
        <source>There is no kind of lane called &quot;%1&quot;.</source>
        <translation>Es gibt keine Spurart namens „%1“.</translation>
    </message>
    <message>
        <source>There is no kind of layer called &quot;%1&quot;.</source>
        <translation>Es gibt keine Ebenenart namens „%1“.</translation>
    </message>
    <message>
        <source>There is no lamp or group called &quot;%1&quot;.</source>
        <translation>Es gibt keine Lampe oder Gruppe namens „%1“.</translation>
    </message>
    <message>
        <source>There is no lane called &quot;%1&quot;.</source>
        <translation>Es gibt keine Spur namens „%1“.</translation>
    </message>
    <message>
        <source>There is no lane for what was copied.</source>
        <translation>Es gibt keine Spur für das Kopierte.</translation>
    </message>
    <message>
        <source>There is no lane of cuts.</source>
        <translation>Es gibt keine Spur für Schnitte.</translation>
    </message>
    <message>
        <source>There is no lane to place it on.</source>
        <translation>Es gibt keine Spur, auf die es käme.</translation>
    </message>
    <message>
        <source>There is no layer called &quot;%1&quot;.</source>
        <translation>Es gibt keine Ebene namens „%1“.</translation>
    </message>
    <message>
        <source>There is no length at which something is placed.</source>
        <translation>Es gibt keine Länge, in der etwas gesetzt wird.</translation>
    </message>
    <message>
        <source>There is no line to lay the words along.</source>
        <translation>Es gibt keine Linie, an der die Wörter liegen.</translation>
    </message>
    <message>
        <source>There is no linear timecode of that rate.</source>
        <translation>In dieser Rate gibt es keinen linearen Timecode.</translation>
    </message>
    <message>
        <source>There is no look called &quot;%1&quot;.</source>
        <translation>Es gibt keinen Look namens „%1“.</translation>
    </message>
    <message>
        <source>There is no onset at that time.</source>
        <translation>Zu dieser Zeit ist kein Onset.</translation>
    </message>
    <message>
        <source>There is no picture of that number.</source>
        <translation>Es gibt kein Bild dieser Nummer.</translation>
    </message>
    <message>
        <source>There is no place called &quot;%1&quot;.</source>
        <translation>Es gibt keine Stelle namens „%1“.</translation>
    </message>
    <message>
        <source>There is no priority %1.</source>
        <translation>Es gibt keine Priorität %1.</translation>
    </message>
    <message>
        <source>There is no room for the decoded sound.</source>
        <translation>Für den dekodierten Ton ist kein Platz.</translation>
    </message>
    <message>
        <source>There is no room for the sum of all sounds: it takes %1 MB.</source>
        <translation>Für die Summe aller Töne ist kein Platz: sie braucht %1 MB.</translation>
    </message>
    <message>
        <source>There is no row of onsets called &quot;%1&quot;.</source>
        <translation>Es gibt keine Zeile mit Onsets namens „%1“.</translation>
    </message>
    <message>
        <source>There is no shot after this.</source>
        <translation>Danach kommt keine Einstellung.</translation>
    </message>
    <message>
        <source>There is no shot or sound here to mark.</source>
        <translation>Hier ist keine Einstellung und kein Ton zu markieren.</translation>
    </message>
    <message>
        <source>There is no shot or sound under it.</source>
        <translation>Darunter ist keine Einstellung und kein Ton.</translation>
    </message>
    <message>
        <source>There is no shot under the playhead.</source>
        <translation>Unter dem Abspielkopf ist keine Einstellung.</translation>
    </message>
    <message>
        <source>There is no slate to fill.</source>
        <translation>Es gibt keinen Platzhalter zu füllen.</translation>
    </message>
    <message>
        <source>There is no song to count along.</source>
        <translation>Es gibt keinen Song zum Mitzählen.</translation>
    </message>
    <message>
        <source>There is no song to follow.</source>
        <translation>Es gibt keinen Song zum Folgen.</translation>
    </message>
    <message>
        <source>There is no song to trim.</source>
        <translation>Es gibt keinen Song zum Trimmen.</translation>
    </message>
    <message>
        <source>There is no song yet.</source>
        <translation>Es gibt noch keinen Song.</translation>
    </message>
    <message>
        <source>There is no song, and lanes that follow its level.</source>
        <translation>Es gibt keinen Song, und Spuren, die seinem Pegel folgen.</translation>
    </message>
    <message>
        <source>There is no sound on the lane &quot;%1&quot;.</source>
        <translation>Auf der Spur „%1“ ist kein Ton.</translation>
    </message>
    <message>
        <source>There is no sound under the playhead to split.</source>
        <translation>Unter dem Abspielkopf ist kein Ton zum Teilen.</translation>
    </message>
    <message>
        <source>There is no source of positions called &quot;%1&quot;.</source>
        <translation>Es gibt keine Quelle von Stellen namens „%1“.</translation>
    </message>
    <message>
        <source>There is no strobe there that could turn slower.</source>
        <translation>Dort ist kein Stroboskop, das langsamer werden könnte.</translation>
    </message>
    <message>
        <source>There is no such beat.</source>
        <translation>Diesen Beat gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no such format.</source>
        <translation>Dieses Format gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no such key.</source>
        <translation>Diesen Key gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no such row of onsets.</source>
        <translation>Diese Zeile mit Onsets gibt es nicht.</translation>
    </message>
    <message>
        <source>There is no universe %1.</source>
        <translation>Es gibt kein Universum %1.</translation>
    </message>
    <message>
        <source>There is no wire &quot;%1&quot;.</source>
        <translation>Es gibt keine Leitung „%1“.</translation>
    </message>
    <message>
        <source>There is no word in the text.</source>
        <translation>Im Text ist kein Wort.</translation>
    </message>
    <message>
        <source>There is no word in this text.</source>
        <translation>In diesem Text ist kein Wort.</translation>
    </message>
    <message>
        <source>There is not enough memory for a picture of this clip.</source>
        <translation>Für ein Bild dieses Clips reicht der Speicher nicht.</translation>
    </message>
    <message>
        <source>There is not enough memory for a picture of this size.</source>
        <translation>Für ein Bild dieser Größe reicht der Speicher nicht.</translation>
    </message>
    <message>
        <source>There is not enough memory for the sound.</source>
        <translation>Für den Ton reicht der Speicher nicht.</translation>
    </message>
    <message>
        <source>There is not enough memory for this.</source>
        <translation>Dafür reicht der Speicher nicht.</translation>
    </message>
    <message>
        <source>There is nothing called &quot;%1&quot; to set here.</source>
        <translation>Nichts namens „%1“ lässt sich hier setzen.</translation>
    </message>
    <message>
        <source>There is nothing in this timeline.</source>
        <translation>In dieser Timeline ist nichts.</translation>
    </message>
    <message>
        <source>There is nothing of that kind to fix.</source>
        <translation>Von dieser Art ist nichts zu beheben.</translation>
    </message>
    <message>
        <source>There is nothing of the piece between these places.</source>
        <translation>Zwischen diesen Stellen liegt nichts vom Stück.</translation>
    </message>
    <message>
        <source>There is nothing on the tracks of this timeline.</source>
        <translation>Auf den Spuren dieser Timeline ist nichts.</translation>
    </message>
    <message>
        <source>There is nothing placed to write.</source>
        <translation>Nichts Gesetztes ist zu schreiben.</translation>
    </message>
    <message>
        <source>There is nothing to freeze.</source>
        <translation>Es gibt nichts einzufrieren.</translation>
    </message>
    <message>
        <source>There is nothing to hear.</source>
        <translation>Es gibt nichts zu hören.</translation>
    </message>
    <message>
        <source>There is nothing to recolour.</source>
        <translation>Es gibt nichts umzufärben.</translation>
    </message>
    <message>
        <source>There is nothing to render: the range is empty.</source>
        <translation>Es gibt nichts zu rendern: der Bereich ist leer.</translation>
    </message>
    <message>
        <source>There is nothing to set.</source>
        <translation>Es gibt nichts zu setzen.</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>Es gibt nichts zu schreiben.</translation>
    </message>
    <message>
        <source>There is one camera already.</source>
        <translation>Es gibt schon eine Kamera.</translation>
    </message>
    <message>
        <source>There is such a file already.</source>
        <translation>Diese Datei gibt es schon.</translation>
    </message>
    <message>
        <source>There would be hardly anything left of the song.</source>
        <translation>Vom Song bliebe kaum etwas.</translation>
    </message>
    <message>
        <source>These words have no lines.</source>
        <translation>Diese Wörter haben keine Zeilen.</translation>
    </message>
    <message>
        <source>They do not fit into the universes up to 63999.</source>
        <translation>Sie passen nicht in die Universen bis 63999.</translation>
    </message>
    <message>
        <source>Thirds of beats</source>
        <translation>Drittel von Beats</translation>
    </message>
    <message>
        <source>This MIDI file has more beats than a piece of music.</source>
        <translation>Diese MIDI-Datei hat mehr Beats als ein Musikstück.</translation>
    </message>
    <message>
        <source>This and that lane added</source>
        <translation>Diese und jene Spur addiert</translation>
    </message>
    <message>
        <source>This camera shows the moment of the song.</source>
        <translation>Diese Kamera zeigt den Moment des Songs.</translation>
    </message>
    <message>
        <source>This clip is still used in &quot;%1&quot;.</source>
        <translation>Dieser Clip wird noch in „%1“ verwendet.</translation>
    </message>
    <message>
        <source>This clip is still used in the layer &quot;%1&quot;.</source>
        <translation>Dieser Clip wird noch in der Ebene „%1“ verwendet.</translation>
    </message>
    <message>
        <source>This clip is still used in the plan of lamps.</source>
        <translation>Dieser Clip wird noch im Lampenplan verwendet.</translation>
    </message>
    <message>
        <source>This could not be done because of a fault in Pulse Pin: </source>
        <translation>Das ging wegen eines Fehlers in Pulse Pin nicht: </translation>
    </message>
    <message>
        <source>This could not be done because of a fault in Pulse Pin: %1.</source>
        <translation>Das ging wegen eines Fehlers in Pulse Pin nicht: %1.</translation>
    </message>
    <message>
        <source>This file could not be read.</source>
        <translation>Diese Datei ließ sich nicht lesen.</translation>
    </message>
    <message>
        <source>This file could not be written.</source>
        <translation>Diese Datei ließ sich nicht schreiben.</translation>
    </message>
    <message>
        <source>This file has no chapters and no cue points.</source>
        <translation>Diese Datei hat keine Kapitel und keine Cue-Punkte.</translation>
    </message>
    <message>
        <source>This file has no picture.</source>
        <translation>Diese Datei hat kein Bild.</translation>
    </message>
    <message>
        <source>This file has no sound, and that of &quot;%1&quot; is heard in the piece.</source>
        <translation>Diese Datei hat keinen Ton, und der von „%1“ ist im Stück zu hören.</translation>
    </message>
    <message>
        <source>This file is read by the command and is not written over.</source>
        <translation>Diese Datei wird vom Befehl gelesen und nicht überschrieben.</translation>
    </message>
    <message>
        <source>This file nests too deeply.</source>
        <translation>Diese Datei ist zu tief verschachtelt.</translation>
    </message>
    <message>
        <source>This folder cannot be read.</source>
        <translation>Dieser Ordner ist nicht lesbar.</translation>
    </message>
    <message>
        <source>This folder is not empty.</source>
        <translation>Dieser Ordner ist nicht leer.</translation>
    </message>
    <message>
        <source>This is a packed piece.</source>
        <translation>Das ist ein gepacktes Stück.</translation>
    </message>
    <message>
        <source>This is a single picture.</source>
        <translation>Das ist ein einzelnes Bild.</translation>
    </message>
    <message>
        <source>This is longer than a page can be.</source>
        <translation>Das ist länger, als eine Seite sein kann.</translation>
    </message>
    <message>
        <source>This is no JAMS file.</source>
        <translation>Das ist keine JAMS-Datei.</translation>
    </message>
    <message>
        <source>This is no JSON, or only part of it.</source>
        <translation>Das ist kein JSON, oder nur ein Teil davon.</translation>
    </message>
    <message>
        <source>This is no WAV file.</source>
        <translation>Das ist keine WAV-Datei.</translation>
    </message>
    <message>
        <source>This is no list of what was learned about songs.</source>
        <translation>Das ist keine Liste dessen, was über Songs gelernt wurde.</translation>
    </message>
    <message>
        <source>This is no plain file that a picture could replace.</source>
        <translation>Das ist keine einfache Datei, die ein Bild ersetzen könnte.</translation>
    </message>
    <message>
        <source>This is no plain file that could be replaced.</source>
        <translation>Das ist keine einfache Datei, die ersetzt werden könnte.</translation>
    </message>
    <message>
        <source>This is no text, so no beat list.</source>
        <translation>Das ist kein Text, also keine Beat-Liste.</translation>
    </message>
    <message>
        <source>This is no text.</source>
        <translation>Das ist kein Text.</translation>
    </message>
    <message>
        <source>This is no timeline of MLT.</source>
        <translation>Das ist keine Timeline von MLT.</translation>
    </message>
    <message>
        <source>This is no timeline of OpenTimelineIO.</source>
        <translation>Das ist keine Timeline von OpenTimelineIO.</translation>
    </message>
    <message>
        <source>This is not a Pulse Pin project, or it was cut off.</source>
        <translation>Das ist kein Projekt von Pulse Pin, oder es wurde abgeschnitten.</translation>
    </message>
    <message>
        <source>This is not a Pulse Pin project.</source>
        <translation>Das ist kein Projekt von Pulse Pin.</translation>
    </message>
    <message>
        <source>This is not a composition.</source>
        <translation>Das ist keine Komposition.</translation>
    </message>
    <message>
        <source>This is not a file of looks.</source>
        <translation>Das ist keine Datei mit Looks.</translation>
    </message>
    <message>
        <source>This is not a file that can be opened.</source>
        <translation>Das ist keine Datei, die sich öffnen lässt.</translation>
    </message>
    <message>
        <source>This is not a sound or video file, or it is damaged at its beginning.</source>
        <translation>Das ist keine Ton- oder Videodatei, oder sie ist am Anfang beschädigt.</translation>
    </message>
    <message>
        <source>This is too large to be worked on.</source>
        <translation>Das ist zu groß, um damit zu arbeiten.</translation>
    </message>
    <message>
        <source>This kind of film cannot be written here.</source>
        <translation>Diese Art Film lässt sich hier nicht schreiben.</translation>
    </message>
    <message>
        <source>This kind of film is not made in parts.</source>
        <translation>Diese Art Film entsteht nicht in Teilen.</translation>
    </message>
    <message>
        <source>This marker has no timecode.</source>
        <translation>Dieser Marker hat keinen Timecode.</translation>
    </message>
    <message>
        <source>This part does not hold all of its frames.</source>
        <translation>Dieser Teil enthält nicht alle seine Bilder.</translation>
    </message>
    <message>
        <source>This part is of another film, or of other settings.</source>
        <translation>Dieser Teil gehört zu einem anderen Film oder zu anderen Einstellungen.</translation>
    </message>
    <message>
        <source>This part is there twice.</source>
        <translation>Dieser Teil ist doppelt da.</translation>
    </message>
    <message>
        <source>This part of the film cannot be copied by itself.</source>
        <translation>Dieser Teil des Films lässt sich nicht allein kopieren.</translation>
    </message>
    <message>
        <source>This picture could not be decoded: it is damaged, or has more than 134 million pixels.</source>
        <translation>Dieses Bild ließ sich nicht dekodieren: es ist beschädigt oder hat mehr als 134 Millionen Pixel.</translation>
    </message>
    <message>
        <source>This picture has %1 million pixels, which are too many.</source>
        <translation>Dieses Bild hat %1 Millionen Pixel, das sind zu viele.</translation>
    </message>
    <message>
        <source>This planting does not know its picker.</source>
        <translation>Diese Platzierung kennt ihre Auswahlregel nicht.</translation>
    </message>
    <message>
        <source>This project holds what Pulse Pin does not know: </source>
        <translation>Dieses Projekt enthält, was Pulse Pin nicht kennt: </translation>
    </message>
    <message>
        <source>This project was saved by a newer Pulse Pin.</source>
        <translation>Dieses Projekt wurde von einem neueren Pulse Pin gespeichert.</translation>
    </message>
    <message>
        <source>This project was saved by a newer Pulse Pin: </source>
        <translation>Dieses Projekt wurde von einem neueren Pulse Pin gespeichert: </translation>
    </message>
    <message>
        <source>This speed belongs to no event.</source>
        <translation>Diese Geschwindigkeit gehört zu keinem Ereignis.</translation>
    </message>
    <message>
        <source>This table is empty.</source>
        <translation>Diese Tabelle ist leer.</translation>
    </message>
    <message>
        <source>This timeline has no tracks.</source>
        <translation>Diese Timeline hat keine Spuren.</translation>
    </message>
    <message>
        <source>This times that lane</source>
        <translation>Diese mal jene Spur</translation>
    </message>
    <message>
        <source>Those markers are no longer there.</source>
        <translation>Diese Marker gibt es nicht mehr.</translation>
    </message>
    <message>
        <source>Those pulses no longer overlap.</source>
        <translation>Diese Pulse überlappen nicht mehr.</translation>
    </message>
    <message>
        <source>Those that can end in: %1.</source>
        <translation>Die das können, enden auf: %1.</translation>
    </message>
    <message>
        <source>Three kites, one by one</source>
        <translation>Drei Drachen, einer nach dem anderen</translation>
    </message>
    <message>
        <source>Threshold</source>
        <translation>Schwelle</translation>
    </message>
    <message>
        <source>Through the keys of this lane: double click adds one, drag moves it</source>
        <translation>Durch die Keys dieser Spur: Doppelklick fügt einen hinzu, Ziehen verschiebt ihn</translation>
    </message>
    <message>
        <source>Time since the last pin</source>
        <translation>Zeit seit dem letzten Pin</translation>
    </message>
    <message>
        <source>Timed Text (TTML)</source>
        <translation>Timed Text (TTML)</translation>
    </message>
    <message>
        <source>Timeline</source>
        <translation>Zeitleiste</translation>
    </message>
    <message>
        <source>Timeline (MLT XML)</source>
        <translation>Timeline (MLT XML)</translation>
    </message>
    <message>
        <source>Timeline (OpenTimelineIO)</source>
        <translation>Timeline (OpenTimelineIO)</translation>
    </message>
    <message>
        <source>Times are in seconds.</source>
        <translation>Zeiten sind in Sekunden.</translation>
    </message>
    <message>
        <source>Times with the number in the bar, as annotated beats are common</source>
        <translation>Zeiten mit der Nummer im Takt, wie annotierte Beats üblich sind</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>Tönung</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Title that flies in and breathes</source>
        <translation>Titel, der einfliegt und atmet</translation>
    </message>
    <message>
        <source>Toms</source>
        <translation>Toms</translation>
    </message>
    <message>
        <source>Tops of %1</source>
        <translation>Spitzen von %1</translation>
    </message>
    <message>
        <source>Track</source>
        <translation>Spur</translation>
    </message>
    <message>
        <source>Transition</source>
        <translation>Übergang</translation>
    </message>
    <message>
        <source>Triggers</source>
        <translation>Trigger</translation>
    </message>
    <message>
        <source>Triggers as a table</source>
        <translation>Trigger als Tabelle</translation>
    </message>
    <message>
        <source>True peak of what is heard (EBU R 128: -1 dBTP)</source>
        <translation>True Peak des Hörbaren (EBU R 128: -1 dBTP)</translation>
    </message>
    <message>
        <source>Turn on the bar</source>
        <translation>Drehung auf dem Takt</translation>
    </message>
    <message>
        <source>Two beats at %1 s are only %2 ms apart.</source>
        <translation>Zwei Beats bei %1 s liegen nur %2 ms auseinander.</translation>
    </message>
    <message>
        <source>Two lamps or two groups change places.</source>
        <translation>Zwei Lampen oder zwei Gruppen tauschen die Plätze.</translation>
    </message>
    <message>
        <source>Two lanes say what one property is: one of them is seen in vain</source>
        <translation>Zwei Spuren sagen, was eine Eigenschaft ist: eine davon wirkt umsonst</translation>
    </message>
    <message>
        <source>Two markers on one frame have different names: chapters and lists show one</source>
        <translation>Zwei Marker auf einem Bild haben verschiedene Namen: Kapitel und Listen zeigen einen</translation>
    </message>
    <message>
        <source>Two sounds of different sample rates cannot be laid over each other.</source>
        <translation>Zwei Töne verschiedener Abtastrate lassen sich nicht übereinanderlegen.</translation>
    </message>
    <message>
        <source>Umask:</source>
        <translation>Umask:</translation>
    </message>
    <message>
        <source>Undo the last step, or correct what is named here.</source>
        <translation>Nehmen Sie den letzten Schritt zurück, oder berichtigen Sie das hier Genannte.</translation>
    </message>
    <message>
        <source>Ungroup some of them.</source>
        <translation>Lösen Sie einige Gruppen auf.</translation>
    </message>
    <message>
        <source>Universes go from %1 to %2.</source>
        <translation>Universen gehen von %1 bis %2.</translation>
    </message>
    <message>
        <source>Universes go from 1 to 63999.</source>
        <translation>Universen gehen von 1 bis 63999.</translation>
    </message>
    <message>
        <source>Unlock it first.</source>
        <translation>Entsperren Sie es zuerst.</translation>
    </message>
    <message>
        <source>Unlock it, or its lane, first.</source>
        <translation>Entsperren Sie zuerst ihn oder seine Spur.</translation>
    </message>
    <message>
        <source>Unlock one of them first.</source>
        <translation>Entsperren Sie zuerst einen davon.</translation>
    </message>
    <message>
        <source>Unlock the lane first.</source>
        <translation>Entsperren Sie zuerst die Spur.</translation>
    </message>
    <message>
        <source>Unlock them first.</source>
        <translation>Entsperren Sie sie zuerst.</translation>
    </message>
    <message>
        <source>Unmute the lane, or wait until its curve is there.</source>
        <translation>Lassen Sie die Spur wieder wirken, oder warten Sie, bis ihre Kurve da ist.</translation>
    </message>
    <message>
        <source>Unpack it, and open the file in it that ends in .pulsepin.</source>
        <translation>Entpacken Sie es, und öffnen Sie darin die Datei, die auf .pulsepin endet.</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>Ohne Titel</translation>
    </message>
    <message>
        <source>Up to the strength of each onset, then down again</source>
        <translation>Bis zur Stärke jedes Onsets hinauf, dann wieder hinab</translation>
    </message>
    <message>
        <source>Update Pulse Pin to open it.</source>
        <translation>Aktualisieren Sie Pulse Pin, um es zu öffnen.</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>Hochformat</translation>
    </message>
    <message>
        <source>Upright lyric card</source>
        <translation>Textkarte im Hochformat</translation>
    </message>
    <message>
        <source>Use a smaller piece.</source>
        <translation>Nehmen Sie ein kleineres Stück.</translation>
    </message>
    <message>
        <source>VP9, Opus</source>
        <translation>VP9, Opus</translation>
    </message>
    <message>
        <source>Values of each frame</source>
        <translation>Werte jedes Bildes</translation>
    </message>
    <message>
        <source>Vignette</source>
        <translation>Vignette</translation>
    </message>
    <message>
        <source>WCAG 2.2</source>
        <translation>WCAG 2.2</translation>
    </message>
    <message>
        <source>WCAG 2.2, red as in 2.1</source>
        <translation>WCAG 2.2, Rot wie in 2.1</translation>
    </message>
    <message>
        <source>Warm light</source>
        <translation>Warmes Licht</translation>
    </message>
    <message>
        <source>Wave</source>
        <translation>Welle</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>Wellenform</translation>
    </message>
    <message>
        <source>Waveform across</source>
        <translation>Wellenform quer</translation>
    </message>
    <message>
        <source>Web</source>
        <translation>Web</translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation>WebVTT</translation>
    </message>
    <message>
        <source>What becomes of the piece's shape where the size has other proportions</source>
        <translation>Was aus der Form des Stücks wird, wenn die Größe andere Proportionen hat</translation>
    </message>
    <message>
        <source>What flashes is the whole picture.</source>
        <translation>Was blitzt, ist das ganze Bild.</translation>
    </message>
    <message>
        <source>What follows the song cannot be written without it. %1</source>
        <translation>Was dem Song folgt, lässt sich ohne ihn nicht schreiben. %1</translation>
    </message>
    <message>
        <source>What is lower becomes 0</source>
        <translation>Was niedriger ist, wird 0</translation>
    </message>
    <message>
        <source>What is not there is not seen or heard</source>
        <translation>Was nicht da ist, ist nicht zu sehen oder zu hören</translation>
    </message>
    <message>
        <source>What is seen farther from its beat than half a frame could have lain on a nearer frame</source>
        <translation>Was weiter als ein halbes Bild von seinem Beat zu sehen ist, hätte auf einem näheren Bild liegen können</translation>
    </message>
    <message>
        <source>What is this high becomes 1</source>
        <translation>Was so hoch ist, wird 1</translation>
    </message>
    <message>
        <source>What is this low becomes 0</source>
        <translation>Was so niedrig ist, wird 0</translation>
    </message>
    <message>
        <source>What it turns and grows about, from its own middle</source>
        <translation>Um was es sich dreht und wächst, von seiner eigenen Mitte aus</translation>
    </message>
    <message>
        <source>What sounds there counts again. Find the beats again now.</source>
        <translation>Was dort klingt, zählt wieder. Suchen Sie die Beats nun erneut.</translation>
    </message>
    <message>
        <source>What sounds there will say nothing about the beats. Find the beats again now.</source>
        <translation>Was dort klingt, sagt nichts über die Beats. Suchen Sie die Beats nun erneut.</translation>
    </message>
    <message>
        <source>What stands between two keys</source>
        <translation>Was zwischen zwei Keys steht</translation>
    </message>
    <message>
        <source>What the period is counted in</source>
        <translation>Worin die Periode gezählt wird</translation>
    </message>
    <message>
        <source>What was computed could not be kept.</source>
        <translation>Das Berechnete ließ sich nicht aufheben.</translation>
    </message>
    <message>
        <source>What was copied was measured otherwise.</source>
        <translation>Das Kopierte wurde anders gemessen.</translation>
    </message>
    <message>
        <source>What was kept of this is damaged.</source>
        <translation>Das davon Aufgehobene ist beschädigt.</translation>
    </message>
    <message>
        <source>What was placed on onsets no longer lies on one: the grid or the row changed</source>
        <translation>Auf Onsets Gesetztes liegt auf keinem mehr: Raster oder Zeile änderten sich</translation>
    </message>
    <message>
        <source>What was to be saved is whole in %1.</source>
        <translation>Was gespeichert werden sollte, liegt ganz in %1.</translation>
    </message>
    <message>
        <source>Where in the clip</source>
        <translation>Wo im Clip</translation>
    </message>
    <message>
        <source>Where is not said.</source>
        <translation>Das Wo ist nicht gesagt.</translation>
    </message>
    <message>
        <source>Where strengths differ, the strongest</source>
        <translation>Wo Stärken sich unterscheiden, die stärksten</translation>
    </message>
    <message>
        <source>Where strengths differ, the weakest</source>
        <translation>Wo Stärken sich unterscheiden, die schwächsten</translation>
    </message>
    <message>
        <source>Which keys are written</source>
        <translation>Welche Keys geschrieben werden</translation>
    </message>
    <message>
        <source>Which row of onsets</source>
        <translation>Welche Zeile mit Onsets</translation>
    </message>
    <message>
        <source>Which shot each new cut shows</source>
        <translation>Welche Einstellung jeder neue Schnitt zeigt</translation>
    </message>
    <message>
        <source>Which sound</source>
        <translation>Welcher Ton</translation>
    </message>
    <message>
        <source>Whichever is higher, this or that lane</source>
        <translation>Die höhere, diese oder jene Spur</translation>
    </message>
    <message>
        <source>Whichever is lower, this or that lane</source>
        <translation>Die niedrigere, diese oder jene Spur</translation>
    </message>
    <message>
        <source>Whole lines, with who says them, beside their words</source>
        <translation>Ganze Zeilen, mit dem, der sie spricht, neben ihren Wörtern</translation>
    </message>
    <message>
        <source>Width and height of this kind of film must be even.</source>
        <translation>Breite und Höhe dieser Art Film müssen gerade sein.</translation>
    </message>
    <message>
        <source>Wipe</source>
        <translation>Wischen</translation>
    </message>
    <message>
        <source>Without drop-frame numbers timecode tells less time than has passed (SMPTE ST 12-1)</source>
        <translation>Ohne Drop-Frame-Nummern zeigt Timecode weniger Zeit, als vergangen ist (SMPTE ST 12-1)</translation>
    </message>
    <message>
        <source>Word that hits with the kick</source>
        <translation>Wort, das mit der Kick einschlägt</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Words are tapped one after the other.</source>
        <translation>Wörter werden nacheinander getippt.</translation>
    </message>
    <message>
        <source>Words as Advanced SubStation Alpha</source>
        <translation>Wörter als Advanced SubStation Alpha</translation>
    </message>
    <message>
        <source>Words as SubRip</source>
        <translation>Wörter als SubRip</translation>
    </message>
    <message>
        <source>Words as WebVTT</source>
        <translation>Wörter als WebVTT</translation>
    </message>
    <message>
        <source>Words as a table</source>
        <translation>Wörter als Tabelle</translation>
    </message>
    <message>
        <source>Words as lines with times</source>
        <translation>Wörter als Zeilen mit Zeiten</translation>
    </message>
    <message>
        <source>Words as timed text</source>
        <translation>Wörter als Timed Text</translation>
    </message>
    <message>
        <source>Write 13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23.</source>
        <translation>Schreiben Sie 13.3 (Takt und Beat), 0:26.96, 26.96 s, 647 f oder 00:00:26:23.</translation>
    </message>
    <message>
        <source>Write a column of x and one of y, or draw a circle for each lamp.</source>
        <translation>Schreiben Sie eine Spalte x und eine y, oder zeichnen Sie einen Kreis je Lampe.</translation>
    </message>
    <message>
        <source>Write a later end.</source>
        <translation>Schreiben Sie ein späteres Ende.</translation>
    </message>
    <message>
        <source>Write bar.beat, for instance 5.1.</source>
        <translation>Schreiben Sie Takt.Beat, zum Beispiel 5.1.</translation>
    </message>
    <message>
        <source>Write beats as 1 0.5 0.25.</source>
        <translation>Schreiben Sie Beats als 1 0.5 0.25.</translation>
    </message>
    <message>
        <source>Write hours:minutes:seconds:frames.</source>
        <translation>Schreiben Sie Stunden:Minuten:Sekunden:Bilder.</translation>
    </message>
    <message>
        <source>Write it again with the program that made it.</source>
        <translation>Schreiben Sie sie noch einmal mit dem Programm, das sie machte.</translation>
    </message>
    <message>
        <source>Write it again, up to the end of the song only.</source>
        <translation>Schreiben Sie sie noch einmal, nur bis zum Ende des Songs.</translation>
    </message>
    <message>
        <source>Write it as .wav.</source>
        <translation>Schreiben Sie ihn als .wav.</translation>
    </message>
    <message>
        <source>Write it as 01:00:00:00.</source>
        <translation>Schreiben Sie es als 01:00:00:00.</translation>
    </message>
    <message>
        <source>Write it as 25 or as 30000/1001.</source>
        <translation>Schreiben Sie es als 25 oder als 30000/1001.</translation>
    </message>
    <message>
        <source>Write it as 3/4 or as 3.</source>
        <translation>Schreiben Sie es als 3/4 oder als 3.</translation>
    </message>
    <message>
        <source>Write it as in 110 or 0.5.</source>
        <translation>Schreiben Sie es wie in 110 oder 0.5.</translation>
    </message>
    <message>
        <source>Write it as in 1920x1080.</source>
        <translation>Schreiben Sie es wie in 1920x1080.</translation>
    </message>
    <message>
        <source>Write it in numbers, as in 192.168.1.40, or multicast.</source>
        <translation>Schreiben Sie sie in Zahlen, wie in 192.168.1.40, oder multicast.</translation>
    </message>
    <message>
        <source>Write it in numbers, as in 192.168.1.40.</source>
        <translation>Schreiben Sie sie in Zahlen, wie in 192.168.1.40.</translation>
    </message>
    <message>
        <source>Write it once more.</source>
        <translation>Schreiben Sie es noch einmal.</translation>
    </message>
    <message>
        <source>Write lengths as 4 8 8. 16 8t 4+8 r4.</source>
        <translation>Schreiben Sie Längen als 4 8 8. 16 8t 4+8 r4.</translation>
    </message>
    <message>
        <source>Write them once more.</source>
        <translation>Schreiben Sie sie noch einmal.</translation>
    </message>
    <message>
        <source>Write where each lamp lies: to the right, down.</source>
        <translation>Schreiben Sie, wo jede Lampe liegt: nach rechts, nach unten.</translation>
    </message>
    <message>
        <source>Zoom blur</source>
        <translation>Zoom-Unschärfe</translation>
    </message>
    <message>
        <source>[Script Info]
ScriptType: v4.00+

[V4+ Styles]
Format: Name, Fontname, Fontsize
Style: Default,Inter,48

[Events]
Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text
</source>
        <translation>[Script Info]
ScriptType: v4.00+

[V4+ Styles]
Format: Name, Fontname, Fontsize
Style: Default,Inter,48

[Events]
Format: Layer, Start, End, Style, Name, MarginL, MarginR, MarginV, Effect, Text
</translation>
    </message>
    <message>
        <source>a bar</source>
        <translation>einen Takt</translation>
    </message>
    <message>
        <source>a clip of the bin, below the plan</source>
        <translation>ein Clip der Ablage, unter dem Plan</translation>
    </message>
    <message>
        <source>a colour as #rrggbb</source>
        <translation>eine Farbe als #rrggbb</translation>
    </message>
    <message>
        <source>a curve through its points instead of straight stretches</source>
        <translation>eine Kurve durch ihre Punkte statt gerader Strecken</translation>
    </message>
    <message>
        <source>a filled block</source>
        <translation>gefüllter Block</translation>
    </message>
    <message>
        <source>a grid</source>
        <translation>ein Raster</translation>
    </message>
    <message>
        <source>a group of fields</source>
        <translation>eine Gruppe von Feldern</translation>
    </message>
    <message>
        <source>a group of the plan, by its name; empty: all lamps</source>
        <translation>eine Gruppe des Plans, nach ihrem Namen; leer: alle Lampen</translation>
    </message>
    <message>
        <source>a handful of sparks flies up with each kick</source>
        <translation>eine Handvoll Funken fliegt mit jeder Kick auf</translation>
    </message>
    <message>
        <source>a lane that is gone</source>
        <translation>eine Spur, die es nicht mehr gibt</translation>
    </message>
    <message>
        <source>a lane with a curve, by its name; empty: by nothing</source>
        <translation>eine Spur mit Kurve, nach ihrem Namen; leer: durch nichts</translation>
    </message>
    <message>
        <source>a length as &quot;4 frames&quot;</source>
        <translation>eine Länge als „4 frames“</translation>
    </message>
    <message>
        <source>a line at least: 20 at 24 a second (common practice)</source>
        <translation>eine Zeile mindestens: 20 bei 24 je Sekunde (übliche Praxis)</translation>
    </message>
    <message>
        <source>a line of words</source>
        <translation>eine Wortzeile</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>eine Liste</translation>
    </message>
    <message>
        <source>a message where each pin begins and ends, and how far each curve is</source>
        <translation>eine Nachricht, wo jeder Pin beginnt und endet, und wie weit jede Kurve ist</translation>
    </message>
    <message>
        <source>a name in the lower left corner that slides in and out</source>
        <translation>ein Name in der linken unteren Ecke, der ein- und ausgleitet</translation>
    </message>
    <message>
        <source>a note for each pin, from a port of ALSA's sequencer</source>
        <translation>eine Note je Pin, von einem Port des ALSA-Sequencers</translation>
    </message>
    <message>
        <source>a number or a name</source>
        <translation>eine Nummer oder ein Name</translation>
    </message>
    <message>
        <source>a pattern over %1 %2</source>
        <translation>ein Muster über %1 %2</translation>
    </message>
    <message>
        <source>a pause is</source>
        <translation>eine Pause ist</translation>
    </message>
    <message>
        <source>a picture that fills the frame and grows slowly</source>
        <translation>ein Bild, das den Rahmen füllt und langsam wächst</translation>
    </message>
    <message>
        <source>a picture that opens from its middle</source>
        <translation>ein Bild, das sich von der Mitte öffnet</translation>
    </message>
    <message>
        <source>a picture without its background, over rays of colour</source>
        <translation>ein Bild ohne seinen Hintergrund, über farbigen Strahlen</translation>
    </message>
    <message>
        <source>a pulse that is shortened keeps as many, as long as they fit</source>
        <translation>ein gekürzter Puls behält so viele, solange sie passen</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>ein Ring</translation>
    </message>
    <message>
        <source>a ring that opens and fades with each beat</source>
        <translation>ein Ring, der sich mit jedem Beat öffnet und vergeht</translation>
    </message>
    <message>
        <source>a row</source>
        <translation>eine Reihe</translation>
    </message>
    <message>
        <source>a run begins anew when it is over</source>
        <translation>ein Lauf beginnt von vorn, wenn er zu Ende ist</translation>
    </message>
    <message>
        <source>a second</source>
        <translation>eine Sekunde</translation>
    </message>
    <message>
        <source>a shape more with each bar, all gone at the end</source>
        <translation>mit jedem Takt eine Form mehr, am Ende alle weg</translation>
    </message>
    <message>
        <source>a small picture that drops in and sways</source>
        <translation>ein kleines Bild, das hereinfällt und pendelt</translation>
    </message>
    <message>
        <source>a table of x and y, or an SVG drawing: a lamp at each point</source>
        <translation>eine Tabelle mit x und y, oder eine SVG-Zeichnung: eine Lampe an jedem Punkt</translation>
    </message>
    <message>
        <source>a way from 0 to 1 as &quot;sine-out&quot;</source>
        <translation>ein Weg von 0 nach 1 als „sine-out“</translation>
    </message>
    <message>
        <source>a word that is larger with each kick</source>
        <translation>ein Wort, das mit jeder Kick größer ist</translation>
    </message>
    <message>
        <source>about %1 fps</source>
        <translation>etwa %1 fps</translation>
    </message>
    <message>
        <source>aconnect -o lists the ports.</source>
        <translation>aconnect -o zeigt die Ports.</translation>
    </message>
    <message>
        <source>add</source>
        <translation>plus</translation>
    </message>
    <message>
        <source>add beat</source>
        <translation>Beat hinzufügen</translation>
    </message>
    <message>
        <source>add effect</source>
        <translation>Effekt hinzufügen</translation>
    </message>
    <message>
        <source>add lamps</source>
        <translation>Lampen hinzufügen</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>Spur hinzufügen</translation>
    </message>
    <message>
        <source>add layer</source>
        <translation>Ebene hinzufügen</translation>
    </message>
    <message>
        <source>add marker on the shot</source>
        <translation>Marker auf der Einstellung setzen</translation>
    </message>
    <message>
        <source>added to it</source>
        <translation>dazu addiert</translation>
    </message>
    <message>
        <source>adds what &quot;%1&quot; says to what is there</source>
        <translation>fügt dem, was da ist, hinzu, was „%1“ sagt</translation>
    </message>
    <message>
        <source>again</source>
        <translation>erneut</translation>
    </message>
    <message>
        <source>again and again</source>
        <translation>immer wieder</translation>
    </message>
    <message>
        <source>air</source>
        <translation>Luft</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>all %1 keys are %2</source>
        <translation>alle %1 Keys sind %2</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>alle Lampen</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>all that is heard</source>
        <translation>alles Hörbare</translation>
    </message>
    <message>
        <source>all the way</source>
        <translation>den ganzen Weg</translation>
    </message>
    <message>
        <source>along</source>
        <translation>entlang</translation>
    </message>
    <message>
        <source>along a drawn line</source>
        <translation>an einer gezeichneten Linie</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>Bernstein</translation>
    </message>
    <message>
        <source>an address in numbers; 127.0.0.1 is this computer, multicast whoever listens</source>
        <translation>eine Adresse in Zahlen; 127.0.0.1 ist dieser Rechner, multicast jeder, der hört</translation>
    </message>
    <message>
        <source>an arc</source>
        <translation>ein Bogen</translation>
    </message>
    <message>
        <source>an area behind the words</source>
        <translation>eine Fläche hinter den Wörtern</translation>
    </message>
    <message>
        <source>and down</source>
        <translation>und hinab</translation>
    </message>
    <message>
        <source>another light of &quot;%1&quot; lights it meanwhile</source>
        <translation>ein anderes Licht von „%1“ beleuchtet sie inzwischen</translation>
    </message>
    <message>
        <source>another number, another chance</source>
        <translation>andere Zahl, anderer Zufall</translation>
    </message>
    <message>
        <source>another number, another order</source>
        <translation>andere Zahl, andere Reihenfolge</translation>
    </message>
    <message>
        <source>apart (beats)</source>
        <translation>Abstand (Beats)</translation>
    </message>
    <message>
        <source>apart (frames)</source>
        <translation>Abstand (Bilder)</translation>
    </message>
    <message>
        <source>apart (ms)</source>
        <translation>Abstand (ms)</translation>
    </message>
    <message>
        <source>appearance</source>
        <translation>Erscheinen</translation>
    </message>
    <message>
        <source>appearances</source>
        <translation>Erscheinen</translation>
    </message>
    <message>
        <source>around a circle</source>
        <translation>um einen Kreis</translation>
    </message>
    <message>
        <source>around a point</source>
        <translation>um einen Punkt</translation>
    </message>
    <message>
        <source>around the words</source>
        <translation>um die Wörter</translation>
    </message>
    <message>
        <source>arrives on</source>
        <translation>trifft auf</translation>
    </message>
    <message>
        <source>as is usual</source>
        <translation>wie üblich</translation>
    </message>
    <message>
        <source>as is usual, unless told</source>
        <translation>wie üblich, wenn nichts gesagt ist</translation>
    </message>
    <message>
        <source>as it looks</source>
        <translation>wie es aussieht</translation>
    </message>
    <message>
        <source>as long as its word</source>
        <translation>so lang wie sein Wort</translation>
    </message>
    <message>
        <source>as many as the spectrum has bands, while it has</source>
        <translation>so viele, wie das Spektrum Bänder hat, solange es welche hat</translation>
    </message>
    <message>
        <source>as strong as the onset</source>
        <translation>so stark wie der Onset</translation>
    </message>
    <message>
        <source>as the words do</source>
        <translation>wie die Wörter</translation>
    </message>
    <message>
        <source>as they are, with easings</source>
        <translation>wie sie sind, mit Kurvenform</translation>
    </message>
    <message>
        <source>as this piece</source>
        <translation>wie dieses Stück</translation>
    </message>
    <message>
        <source>ass ssa</source>
        <translation>ass ssa</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>at 100 %</source>
        <translation>bei 100 %</translation>
    </message>
    <message>
        <source>at 100 %, to either side</source>
        <translation>bei 100 %, zu jeder Seite</translation>
    </message>
    <message>
        <source>at 24</source>
        <translation>bei 24</translation>
    </message>
    <message>
        <source>at 25</source>
        <translation>bei 25</translation>
    </message>
    <message>
        <source>at 30</source>
        <translation>bei 30</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at least %1 beats apart</source>
        <translation>mindestens %1 Beats auseinander</translation>
    </message>
    <message>
        <source>at least %1 frames apart</source>
        <translation>mindestens %1 Bilder auseinander</translation>
    </message>
    <message>
        <source>at least %1 ms apart</source>
        <translation>mindestens %1 ms auseinander</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>sofort</translation>
    </message>
    <message>
        <source>at random</source>
        <translation>zufällig</translation>
    </message>
    <message>
        <source>at random by weight</source>
        <translation>zufällig nach Gewicht</translation>
    </message>
    <message>
        <source>at random, none twice</source>
        <translation>zufällig, keine zweimal</translation>
    </message>
    <message>
        <source>at the peak</source>
        <translation>an der Spitze</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>Anstieg</translation>
    </message>
    <message>
        <source>back in</source>
        <translation>Zurück, ein</translation>
    </message>
    <message>
        <source>back in and out</source>
        <translation>Zurück, ein und aus</translation>
    </message>
    <message>
        <source>back out</source>
        <translation>Zurück, aus</translation>
    </message>
    <message>
        <source>background box</source>
        <translation>Hintergrundkasten</translation>
    </message>
    <message>
        <source>background box colour</source>
        <translation>Farbe des Kastens</translation>
    </message>
    <message>
        <source>background box corners</source>
        <translation>Ecken des Kastens</translation>
    </message>
    <message>
        <source>background box margin</source>
        <translation>Rand des Kastens</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>rückwärts</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Balken</translation>
    </message>
    <message>
        <source>bar and beat</source>
        <translation>Takt und Beat</translation>
    </message>
    <message>
        <source>bar, beat</source>
        <translation>Takt, Beat</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Takte</translation>
    </message>
    <message>
        <source>bars a line</source>
        <translation>Takte je Zeile</translation>
    </message>
    <message>
        <source>bars along the lower edge, each as loud as its part of the sound</source>
        <translation>Balken am unteren Rand, jeder so laut wie sein Teil des Tons</translation>
    </message>
    <message>
        <source>bars around the middle of the picture</source>
        <translation>Balken um die Bildmitte</translation>
    </message>
    <message>
        <source>base value</source>
        <translation>Grundwert</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>Bass</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>Beat</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>beats are rounded</source>
        <translation>Beats gerundet</translation>
    </message>
    <message>
        <source>beats in a bar</source>
        <translation>Beats je Takt</translation>
    </message>
    <message>
        <source>begin with the first shot</source>
        <translation>mit der ersten Einstellung beginnen</translation>
    </message>
    <message>
        <source>begins %1 s %2 in &quot;%3&quot;</source>
        <translation>beginnt %1 s %2 in „%3“</translation>
    </message>
    <message>
        <source>begins at</source>
        <translation>beginnt bei</translation>
    </message>
    <message>
        <source>below 0 it pinches</source>
        <translation>unter 0 zieht es zusammen</translation>
    </message>
    <message>
        <source>between columns</source>
        <translation>zwischen Spalten</translation>
    </message>
    <message>
        <source>black and white</source>
        <translation>schwarzweiß</translation>
    </message>
    <message>
        <source>black from</source>
        <translation>Schwarz ab</translation>
    </message>
    <message>
        <source>blinks</source>
        <translation>blinkt</translation>
    </message>
    <message>
        <source>blur</source>
        <translation>Unschärfe</translation>
    </message>
    <message>
        <source>blurred, and sharp again</source>
        <translation>unscharf, und wieder scharf</translation>
    </message>
    <message>
        <source>born at once at each pin of a lane of pulses that drives it</source>
        <translation>auf einmal geboren bei jedem Pin einer Spur für Pulse, die es steuert</translation>
    </message>
    <message>
        <source>born down</source>
        <translation>nach unten geboren</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beide</translation>
    </message>
    <message>
        <source>both sides</source>
        <translation>beide Seiten</translation>
    </message>
    <message>
        <source>bounce in</source>
        <translation>Hüpfen, ein</translation>
    </message>
    <message>
        <source>bounce in and out</source>
        <translation>Hüpfen, ein und aus</translation>
    </message>
    <message>
        <source>bounce out</source>
        <translation>Hüpfen, aus</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>Atem</translation>
    </message>
    <message>
        <source>breathes</source>
        <translation>atmet</translation>
    </message>
    <message>
        <source>brick</source>
        <translation>Ziegel</translation>
    </message>
    <message>
        <source>brightness</source>
        <translation>Helligkeit</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>Pinsel</translation>
    </message>
    <message>
        <source>bulge</source>
        <translation>Wölbung</translation>
    </message>
    <message>
        <source>bulge size</source>
        <translation>Größe der Wölbung</translation>
    </message>
    <message>
        <source>bulge x</source>
        <translation>Wölbung x</translation>
    </message>
    <message>
        <source>bulge y</source>
        <translation>Wölbung y</translation>
    </message>
    <message>
        <source>burst</source>
        <translation>Ausbruch</translation>
    </message>
    <message>
        <source>bursts start as much earlier as they take to rise: speed by gravity</source>
        <translation>Ausbrüche beginnen so viel früher, wie sie zum Steigen brauchen: Geschwindigkeit durch Schwerkraft</translation>
    </message>
    <message>
        <source>by</source>
        <translation>um</translation>
    </message>
    <message>
        <source>by turns</source>
        <translation>im Wechsel</translation>
    </message>
    <message>
        <source>calm: one in</source>
        <translation>ruhig: einer in</translation>
    </message>
    <message>
        <source>cameras: the same moment</source>
        <translation>Kameras: derselbe Moment</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>Zufall</translation>
    </message>
    <message>
        <source>change</source>
        <translation>ändern</translation>
    </message>
    <message>
        <source>change end</source>
        <translation>Ende ändern</translation>
    </message>
    <message>
        <source>change frame rate</source>
        <translation>Bildrate ändern</translation>
    </message>
    <message>
        <source>change how it appears</source>
        <translation>ändern, wie es erscheint</translation>
    </message>
    <message>
        <source>change lamps</source>
        <translation>Lampen ändern</translation>
    </message>
    <message>
        <source>change metre</source>
        <translation>Taktart ändern</translation>
    </message>
    <message>
        <source>change of pitch or level</source>
        <translation>Wechsel von Tonhöhe oder Pegel</translation>
    </message>
    <message>
        <source>change output</source>
        <translation>Ausgang ändern</translation>
    </message>
    <message>
        <source>change picture size</source>
        <translation>Bildgröße ändern</translation>
    </message>
    <message>
        <source>change pins</source>
        <translation>Pins ändern</translation>
    </message>
    <message>
        <source>change pulse</source>
        <translation>Puls ändern</translation>
    </message>
    <message>
        <source>change rounding</source>
        <translation>Rundung ändern</translation>
    </message>
    <message>
        <source>change tempo</source>
        <translation>Tempo ändern</translation>
    </message>
    <message>
        <source>change tempo ratio</source>
        <translation>Tempoverhältnis ändern</translation>
    </message>
    <message>
        <source>change value of layer</source>
        <translation>Wert der Ebene ändern</translation>
    </message>
    <message>
        <source>change where beats are looked for</source>
        <translation>ändern, wo Beats gesucht werden</translation>
    </message>
    <message>
        <source>channel</source>
        <translation>Kanal</translation>
    </message>
    <message>
        <source>channel %1, velocity %2</source>
        <translation>Kanal %1, Anschlag %2</translation>
    </message>
    <message>
        <source>chapters are</source>
        <translation>Kapitel sind</translation>
    </message>
    <message>
        <source>characters per second</source>
        <translation>Zeichen je Sekunde</translation>
    </message>
    <message>
        <source>characters per second that can be read</source>
        <translation>lesbare Zeichen je Sekunde</translation>
    </message>
    <message>
        <source>choose a lane to follow</source>
        <translation>Spur zum Folgen wählen</translation>
    </message>
    <message>
        <source>choose what is driven</source>
        <translation>wählen, was gesteuert wird</translation>
    </message>
    <message>
        <source>chord</source>
        <translation>Akkord</translation>
    </message>
    <message>
        <source>chords</source>
        <translation>Akkorde</translation>
    </message>
    <message>
        <source>circular in</source>
        <translation>Kreis, ein</translation>
    </message>
    <message>
        <source>circular in and out</source>
        <translation>Kreis, ein und aus</translation>
    </message>
    <message>
        <source>circular out</source>
        <translation>Kreis, aus</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clip cannot be decoded</source>
        <translation>Clip nicht dekodierbar</translation>
    </message>
    <message>
        <source>clip stored lying</source>
        <translation>Clip liegend gespeichert</translation>
    </message>
    <message>
        <source>clock time</source>
        <translation>Uhrzeit</translation>
    </message>
    <message>
        <source>closes</source>
        <translation>schließt</translation>
    </message>
    <message>
        <source>closes below</source>
        <translation>schließt unter</translation>
    </message>
    <message>
        <source>coded as one; else as its parts would be, byte for byte, and larger</source>
        <translation>in einem kodiert; sonst wie seine Teile, Byte für Byte, und größer</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>colour %1</source>
        <translation>Farbe %1</translation>
    </message>
    <message>
        <source>colour at the end</source>
        <translation>Farbe am Ende</translation>
    </message>
    <message>
        <source>colour key</source>
        <translation>Farbkey</translation>
    </message>
    <message>
        <source>colour of the last</source>
        <translation>Farbe des letzten</translation>
    </message>
    <message>
        <source>column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>columns</source>
        <translation>Spalten</translation>
    </message>
    <message>
        <source>combines by</source>
        <translation>verbindet durch</translation>
    </message>
    <message>
        <source>comes and stays</source>
        <translation>kommt und bleibt</translation>
    </message>
    <message>
        <source>comes-length</source>
        <translation>comes-length</translation>
    </message>
    <message>
        <source>comma</source>
        <translation>Komma</translation>
    </message>
    <message>
        <source>concatf</source>
        <translation>concatf</translation>
    </message>
    <message>
        <source>contrast</source>
        <translation>Kontrast</translation>
    </message>
    <message>
        <source>copies of bar %1%2</source>
        <translation>Kopien von Takt %1%2</translation>
    </message>
    <message>
        <source>copy what it drives</source>
        <translation>Gesteuertes kopieren</translation>
    </message>
    <message>
        <source>corners</source>
        <translation>Ecken</translation>
    </message>
    <message>
        <source>corners of bars</source>
        <translation>Ecken der Balken</translation>
    </message>
    <message>
        <source>counted from where each appearance of the layer begins</source>
        <translation>gezählt ab dem Beginn jedes Erscheinens der Ebene</translation>
    </message>
    <message>
        <source>counted in</source>
        <translation>gezählt in</translation>
    </message>
    <message>
        <source>csv tsv txt</source>
        <translation>csv tsv txt</translation>
    </message>
    <message>
        <source>cubic in</source>
        <translation>Kubisch, ein</translation>
    </message>
    <message>
        <source>cubic in and out</source>
        <translation>Kubisch, ein und aus</translation>
    </message>
    <message>
        <source>cubic out</source>
        <translation>Kubisch, aus</translation>
    </message>
    <message>
        <source>curve</source>
        <translation>Kurve</translation>
    </message>
    <message>
        <source>curve is flat</source>
        <translation>Kurve ist flach</translation>
    </message>
    <message>
        <source>curve key</source>
        <translation>Kurvenkey</translation>
    </message>
    <message>
        <source>curve keys</source>
        <translation>Kurvenkeys</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>Schnitt</translation>
    </message>
    <message>
        <source>cut inwards</source>
        <translation>nach innen schneiden</translation>
    </message>
    <message>
        <source>cut on </source>
        <translation>Schnitt auf </translation>
    </message>
    <message>
        <source>cut to camera</source>
        <translation>Schnitt auf Kamera</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>Schnitte</translation>
    </message>
    <message>
        <source>dBTP</source>
        <translation>dBTP</translation>
    </message>
    <message>
        <source>dark at the start</source>
        <translation>am Anfang dunkel</translation>
    </message>
    <message>
        <source>darken</source>
        <translation>Abdunkeln</translation>
    </message>
    <message>
        <source>dash</source>
        <translation>Strich</translation>
    </message>
    <message>
        <source>decimals</source>
        <translation>Nachkommastellen</translation>
    </message>
    <message>
        <source>delete beat</source>
        <translation>Beat löschen</translation>
    </message>
    <message>
        <source>delete lamps</source>
        <translation>Lampen löschen</translation>
    </message>
    <message>
        <source>delete lane</source>
        <translation>Spur löschen</translation>
    </message>
    <message>
        <source>delete pins</source>
        <translation>Pins löschen</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Differenz</translation>
    </message>
    <message>
        <source>dimmer</source>
        <translation>Dimmer</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>directional blur</source>
        <translation>Gerichtete Unschärfe</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>Scheibe</translation>
    </message>
    <message>
        <source>do what was said</source>
        <translation>Gesagtes tun</translation>
    </message>
    <message>
        <source>docs/parameters.md names them all.</source>
        <translation>docs/parameters.md nennt sie alle.</translation>
    </message>
    <message>
        <source>down</source>
        <translation>abwärts</translation>
    </message>
    <message>
        <source>down by</source>
        <translation>nach unten um</translation>
    </message>
    <message>
        <source>downbeats</source>
        <translation>Eins jedes Takts</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>Widerstand</translation>
    </message>
    <message>
        <source>draw-on</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>Zeichnung</translation>
    </message>
    <message>
        <source>drawings</source>
        <translation>Zeichnungen</translation>
    </message>
    <message>
        <source>drawings that are pictures of their own</source>
        <translation>Zeichnungen, die eigene Bilder sind</translation>
    </message>
    <message>
        <source>drawn to both sides of its line</source>
        <translation>zu beiden Seiten ihrer Linie gezeichnet</translation>
    </message>
    <message>
        <source>drive lamps</source>
        <translation>Lampen steuern</translation>
    </message>
    <message>
        <source>drive one more value</source>
        <translation>einen Wert mehr steuern</translation>
    </message>
    <message>
        <source>driven by</source>
        <translation>gesteuert von</translation>
    </message>
    <message>
        <source>drop shadow</source>
        <translation>Schlagschatten</translation>
    </message>
    <message>
        <source>duplicate lane</source>
        <translation>Spur duplizieren</translation>
    </message>
    <message>
        <source>duplicate layer</source>
        <translation>Ebene duplizieren</translation>
    </message>
    <message>
        <source>e</source>
        <translation>e</translation>
    </message>
    <message>
        <source>each after</source>
        <translation>jedes nach</translation>
    </message>
    <message>
        <source>each channel is followed by one for its 256ths</source>
        <translation>jedem Kanal folgt einer für seine 256stel</translation>
    </message>
    <message>
        <source>each frame</source>
        <translation>jedes Bild</translation>
    </message>
    <message>
        <source>each lies</source>
        <translation>jedes liegt</translation>
    </message>
    <message>
        <source>each line as</source>
        <translation>jede Zeile als</translation>
    </message>
    <message>
        <source>each picture is shown as it was at its first moment</source>
        <translation>jedes Bild wird gezeigt, wie es in seinem ersten Moment war</translation>
    </message>
    <message>
        <source>each sends</source>
        <translation>jede sendet</translation>
    </message>
    <message>
        <source>early by</source>
        <translation>früher um</translation>
    </message>
    <message>
        <source>eased</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>easing</source>
        <translation>Kurvenform</translation>
    </message>
    <message>
        <source>echo</source>
        <translation>Echo</translation>
    </message>
    <message>
        <source>echo falls</source>
        <translation>Echo fällt</translation>
    </message>
    <message>
        <source>echo step</source>
        <translation>Schritt des Echos</translation>
    </message>
    <message>
        <source>echoes</source>
        <translation>Echos</translation>
    </message>
    <message>
        <source>edge colour</source>
        <translation>Farbe der Kante</translation>
    </message>
    <message>
        <source>edge lines</source>
        <translation>Kantenlinien</translation>
    </message>
    <message>
        <source>edge strength</source>
        <translation>Stärke der Kante</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>Effekt</translation>
    </message>
    <message>
        <source>eighths of beats</source>
        <translation>Achtel von Beats</translation>
    </message>
    <message>
        <source>elastic in</source>
        <translation>Elastisch, ein</translation>
    </message>
    <message>
        <source>elastic in and out</source>
        <translation>Elastisch, ein und aus</translation>
    </message>
    <message>
        <source>elastic out</source>
        <translation>Elastisch, aus</translation>
    </message>
    <message>
        <source>emitter width</source>
        <translation>Breite der Quelle</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>endet</translation>
    </message>
    <message>
        <source>equal-power</source>
        <translation>equal-power</translation>
    </message>
    <message>
        <source>every</source>
        <translation>jede</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>jeder %1</translation>
    </message>
    <message>
        <source>every %1 </source>
        <translation>jeder %1 </translation>
    </message>
    <message>
        <source>every %1 %2</source>
        <translation>jedes %1 %2</translation>
    </message>
    <message>
        <source>every %1 of </source>
        <translation>jedes %1 von </translation>
    </message>
    <message>
        <source>every one</source>
        <translation>jedes</translation>
    </message>
    <message>
        <source>every so many</source>
        <translation>alle so viele</translation>
    </message>
    <message>
        <source>everything</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>everything that starts</source>
        <translation>alles, was beginnt</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>ausgenommen</translation>
    </message>
    <message>
        <source>exponential in</source>
        <translation>Exponentiell, ein</translation>
    </message>
    <message>
        <source>exponential in and out</source>
        <translation>Exponentiell, ein und aus</translation>
    </message>
    <message>
        <source>exponential out</source>
        <translation>Exponentiell, aus</translation>
    </message>
    <message>
        <source>exposure</source>
        <translation>Belichtung</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>Blende</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>vergeht</translation>
    </message>
    <message>
        <source>fades in</source>
        <translation>blendet ein</translation>
    </message>
    <message>
        <source>fall</source>
        <translation>Fallen</translation>
    </message>
    <message>
        <source>falling for</source>
        <translation>fällt über</translation>
    </message>
    <message>
        <source>falls</source>
        <translation>fällt</translation>
    </message>
    <message>
        <source>feet of 16 mm</source>
        <translation>Fuß auf 16 mm</translation>
    </message>
    <message>
        <source>feet of 35 mm</source>
        <translation>Fuß auf 35 mm</translation>
    </message>
    <message>
        <source>file missing</source>
        <translation>Datei fehlt</translation>
    </message>
    <message>
        <source>fill frame</source>
        <translation>Rahmen füllen</translation>
    </message>
    <message>
        <source>fill places</source>
        <translation>Stellen füllen</translation>
    </message>
    <message>
        <source>fill slates</source>
        <translation>Platzhalter füllen</translation>
    </message>
    <message>
        <source>fill, cut off</source>
        <translation>füllen, beschnitten</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>gefüllt</translation>
    </message>
    <message>
        <source>filled inside</source>
        <translation>innen gefüllt</translation>
    </message>
    <message>
        <source>fine channels</source>
        <translation>feine Kanäle</translation>
    </message>
    <message>
        <source>first channel</source>
        <translation>erster Kanal</translation>
    </message>
    <message>
        <source>fit beats</source>
        <translation>Beats einpassen</translation>
    </message>
    <message>
        <source>fit inside</source>
        <translation>einpassen</translation>
    </message>
    <message>
        <source>fixes %1 of %2</source>
        <translation>behebt %1 von %2</translation>
    </message>
    <message>
        <source>flare</source>
        <translation>Lichtreflex</translation>
    </message>
    <message>
        <source>flare colour</source>
        <translation>Farbe des Reflexes</translation>
    </message>
    <message>
        <source>flare size</source>
        <translation>Größe des Reflexes</translation>
    </message>
    <message>
        <source>flare x</source>
        <translation>Reflex x</translation>
    </message>
    <message>
        <source>flare y</source>
        <translation>Reflex y</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>flash colour</source>
        <translation>Farbe des Blitzes</translation>
    </message>
    <message>
        <source>flashes by</source>
        <translation>blitzt nach</translation>
    </message>
    <message>
        <source>flashes too often</source>
        <translation>blitzt zu oft</translation>
    </message>
    <message>
        <source>floats up and down</source>
        <translation>schwebt auf und ab</translation>
    </message>
    <message>
        <source>fly in from above</source>
        <translation>von oben einfliegen</translation>
    </message>
    <message>
        <source>fly in from before the picture</source>
        <translation>von vorn einfliegen</translation>
    </message>
    <message>
        <source>fly in from below</source>
        <translation>von unten einfliegen</translation>
    </message>
    <message>
        <source>fly in from the depth</source>
        <translation>aus der Tiefe einfliegen</translation>
    </message>
    <message>
        <source>fly in from the left</source>
        <translation>von links einfliegen</translation>
    </message>
    <message>
        <source>fly in from the right</source>
        <translation>von rechts einfliegen</translation>
    </message>
    <message>
        <source>follow the music</source>
        <translation>der Musik folgen</translation>
    </message>
    <message>
        <source>font</source>
        <translation>Schrift</translation>
    </message>
    <message>
        <source>font-slant</source>
        <translation>font-slant</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>frame number</source>
        <translation>Bildnummer</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>frames %1 to %2</source>
        <translation>Bilder %1 bis %2</translation>
    </message>
    <message>
        <source>frames a second</source>
        <translation>Bilder je Sekunde</translation>
    </message>
    <message>
        <source>frames at 24</source>
        <translation>Bilder bei 24</translation>
    </message>
    <message>
        <source>frames at 25</source>
        <translation>Bilder bei 25</translation>
    </message>
    <message>
        <source>frames at 30</source>
        <translation>Bilder bei 30</translation>
    </message>
    <message>
        <source>frames before the beat from which on it comes</source>
        <translation>Bilder vor dem Beat, ab denen es kommt</translation>
    </message>
    <message>
        <source>frames from each letter of a title to the next</source>
        <translation>Bilder von einem Buchstaben eines Titels zum nächsten</translation>
    </message>
    <message>
        <source>frames per second</source>
        <translation>Bilder je Sekunde</translation>
    </message>
    <message>
        <source>framing</source>
        <translation>Rahmung</translation>
    </message>
    <message>
        <source>free around</source>
        <translation>frei um</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>ab %1</translation>
    </message>
    <message>
        <source>from %1 to %2 %3</source>
        <translation>von %1 bis %2 %3</translation>
    </message>
    <message>
        <source>from a lamp's turn to the next one's</source>
        <translation>von der Reihe einer Lampe zu der der nächsten</translation>
    </message>
    <message>
        <source>from a marker on it</source>
        <translation>von einem Marker darauf</translation>
    </message>
    <message>
        <source>from an in-point</source>
        <translation>von einem In-Punkt</translation>
    </message>
    <message>
        <source>from bar %1</source>
        <translation>ab Takt %1</translation>
    </message>
    <message>
        <source>from each echo to the one before it</source>
        <translation>von jedem Echo zu dem davor</translation>
    </message>
    <message>
        <source>from each line to the next</source>
        <translation>von jeder Zeile zur nächsten</translation>
    </message>
    <message>
        <source>from each line to the next (common practice)</source>
        <translation>von jeder Zeile zur nächsten (übliche Praxis)</translation>
    </message>
    <message>
        <source>from each line to the next; before that the line is held</source>
        <translation>von jeder Zeile zur nächsten; davor wird die Zeile gehalten</translation>
    </message>
    <message>
        <source>from each place to the next, one after another: 4 8 8 2, dotted 4., triplets 8t, tied 4+8, and r4 where nothing is placed; in beats: 1 0.5 0.5 2</source>
        <translation>von jeder Stelle zur nächsten, nacheinander: 4 8 8 2, punktiert 4., Triolen 8t, gebunden 4+8, und r4, wo nichts gesetzt wird; in Beats: 1 0.5 0.5 2</translation>
    </message>
    <message>
        <source>from each to the next</source>
        <translation>von jedem zum nächsten</translation>
    </message>
    <message>
        <source>from line to line</source>
        <translation>von Zeile zu Zeile</translation>
    </message>
    <message>
        <source>from onset</source>
        <translation>vom Onset</translation>
    </message>
    <message>
        <source>from peak to rest</source>
        <translation>von der Spitze zur Ruhe</translation>
    </message>
    <message>
        <source>from rest to peak</source>
        <translation>von der Ruhe zur Spitze</translation>
    </message>
    <message>
        <source>from the middle</source>
        <translation>von der Mitte</translation>
    </message>
    <message>
        <source>from the one at the playhead on</source>
        <translation>ab dem am Abspielkopf</translation>
    </message>
    <message>
        <source>from the start of a word to that of the next, at least</source>
        <translation>vom Anfang eines Worts zu dem des nächsten, mindestens</translation>
    </message>
    <message>
        <source>from this bar on</source>
        <translation>ab diesem Takt</translation>
    </message>
    <message>
        <source>from word to word, of their height</source>
        <translation>von Wort zu Wort, ihrer Höhe</translation>
    </message>
    <message>
        <source>further properties that the same curve drives</source>
        <translation>weitere Eigenschaften, die dieselbe Kurve steuert</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>gives %1 line%2 of the lane their time%3</source>
        <translation>gibt %1 Zeile%2 der Spur ihre Zeit%3</translation>
    </message>
    <message>
        <source>glow</source>
        <translation>Glühen</translation>
    </message>
    <message>
        <source>glow limit</source>
        <translation>Grenze des Glühens</translation>
    </message>
    <message>
        <source>glow size</source>
        <translation>Größe des Glühens</translation>
    </message>
    <message>
        <source>goes-length</source>
        <translation>goes-length</translation>
    </message>
    <message>
        <source>going on where it was left</source>
        <translation>weiter, wo es verlassen wurde</translation>
    </message>
    <message>
        <source>gradient</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>gradient angle</source>
        <translation>Winkel des Verlaufs</translation>
    </message>
    <message>
        <source>gradient to</source>
        <translation>Verlauf bis</translation>
    </message>
    <message>
        <source>grain</source>
        <translation>Korn</translation>
    </message>
    <message>
        <source>grain rate</source>
        <translation>Rate des Korns</translation>
    </message>
    <message>
        <source>grain seed</source>
        <translation>Startwert des Korns</translation>
    </message>
    <message>
        <source>grain size</source>
        <translation>Größe des Korns</translation>
    </message>
    <message>
        <source>grain, a warm tint and light that leaks in</source>
        <translation>Korn, ein warmer Ton und einfallendes Licht</translation>
    </message>
    <message>
        <source>grain-seed</source>
        <translation>grain-seed</translation>
    </message>
    <message>
        <source>gravity</source>
        <translation>Schwerkraft</translation>
    </message>
    <message>
        <source>grid uncertain</source>
        <translation>Raster unsicher</translation>
    </message>
    <message>
        <source>grow</source>
        <translation>wachsen</translation>
    </message>
    <message>
        <source>half a frame</source>
        <translation>halbes Bild</translation>
    </message>
    <message>
        <source>half beats</source>
        <translation>halbe Beats</translation>
    </message>
    <message>
        <source>handles (-1: whole films)</source>
        <translation>Ränder (-1: ganze Filme)</translation>
    </message>
    <message>
        <source>harmonic part</source>
        <translation>harmonischer Teil</translation>
    </message>
    <message>
        <source>hat</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>height of a bar</source>
        <translation>Höhe eines Balkens</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>held for</source>
        <translation>gehalten für</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>verborgen</translation>
    </message>
    <message>
        <source>hide layer</source>
        <translation>Ebene verbergen</translation>
    </message>
    <message>
        <source>high dynamic range</source>
        <translation>hoher Dynamikumfang</translation>
    </message>
    <message>
        <source>high frequencies</source>
        <translation>hohe Frequenzen</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>max</translation>
    </message>
    <message>
        <source>highest peak</source>
        <translation>höchste Spitze</translation>
    </message>
    <message>
        <source>highlight progress</source>
        <translation>Fortschritt der Hervorhebung</translation>
    </message>
    <message>
        <source>hit</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>hit by hand</source>
        <translation>Schlag von Hand</translation>
    </message>
    <message>
        <source>hold beat</source>
        <translation>Beat halten</translation>
    </message>
    <message>
        <source>hold, then jump</source>
        <translation>halten, dann springen</translation>
    </message>
    <message>
        <source>holds each drawing of &quot;%1&quot; for 2 frames at least</source>
        <translation>hält jede Zeichnung von „%1“ mindestens 2 Bilder</translation>
    </message>
    <message>
        <source>how far a wipe has opened, or how much a matte holds back</source>
        <translation>wie weit ein Wischen offen ist, oder wie viel eine Matte zurückhält</translation>
    </message>
    <message>
        <source>how far it goes beyond its end; 1.7 is a tenth of the way</source>
        <translation>wie weit es über sein Ende hinausgeht; 1.7 ist ein Zehntel des Wegs</translation>
    </message>
    <message>
        <source>how far it goes from the rest value to the peak value</source>
        <translation>wie weit es vom Grundwert zum Spitzenwert geht</translation>
    </message>
    <message>
        <source>how far their light is seen around them</source>
        <translation>wie weit ihr Licht um sie zu sehen ist</translation>
    </message>
    <message>
        <source>how far up its first handle stands</source>
        <translation>wie weit oben sein erster Griff steht</translation>
    </message>
    <message>
        <source>how far up its second handle stands</source>
        <translation>wie weit oben sein zweiter Griff steht</translation>
    </message>
    <message>
        <source>how far what has the key's colour is taken out</source>
        <translation>wie weit das mit der Farbe des Keys herausgenommen wird</translation>
    </message>
    <message>
        <source>how it combines with the value that is there already</source>
        <translation>wie es sich mit dem Wert verbindet, der schon da ist</translation>
    </message>
    <message>
        <source>how it goes down</source>
        <translation>wie es hinabgeht</translation>
    </message>
    <message>
        <source>how it goes up</source>
        <translation>wie es hinaufgeht</translation>
    </message>
    <message>
        <source>how much</source>
        <translation>wie viel</translation>
    </message>
    <message>
        <source>how much larger the farthest of the pictures is that are laid over each other</source>
        <translation>wie viel größer das fernste der übereinander gelegten Bilder ist</translation>
    </message>
    <message>
        <source>how much later the copy acts</source>
        <translation>wie viel später die Kopie wirkt</translation>
    </message>
    <message>
        <source>how often a second another grain is seen</source>
        <translation>wie oft je Sekunde anderes Korn zu sehen ist</translation>
    </message>
    <message>
        <source>how often a second it wanders over the picture</source>
        <translation>wie oft je Sekunde es über das Bild wandert</translation>
    </message>
    <message>
        <source>how round they are</source>
        <translation>wie rund sie sind</translation>
    </message>
    <message>
        <source>how strongly the frames that have been are seen</source>
        <translation>wie stark vergangene Bilder zu sehen sind</translation>
    </message>
    <message>
        <source>how the layer gets there from the pose before</source>
        <translation>wie die Ebene von der Pose davor dorthin kommt</translation>
    </message>
    <message>
        <source>how the value gets there from the key before</source>
        <translation>wie der Wert vom Key davor dorthin kommt</translation>
    </message>
    <message>
        <source>how unlike the key's a colour may be and still goes, whatever its brightness</source>
        <translation>wie unähnlich der des Keys eine Farbe sein darf und noch geht, wie hell sie auch ist</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>Farbton</translation>
    </message>
    <message>
        <source>in a line</source>
        <translation>in einer Linie</translation>
    </message>
    <message>
        <source>in lanes, as for a prop of many lamps</source>
        <translation>in Spuren, wie für ein Requisit mit vielen Lampen</translation>
    </message>
    <message>
        <source>in point</source>
        <translation>In-Punkt</translation>
    </message>
    <message>
        <source>in step by universe</source>
        <translation>im Takt nach Universum</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>in der Mitte</translation>
    </message>
    <message>
        <source>in the order of their rows</source>
        <translation>in der Reihenfolge ihrer Zeilen</translation>
    </message>
    <message>
        <source>in the place of</source>
        <translation>am Platz von</translation>
    </message>
    <message>
        <source>in time</source>
        <translation>in der Zeit</translation>
    </message>
    <message>
        <source>in turn</source>
        <translation>der Reihe nach</translation>
    </message>
    <message>
        <source>in which its frames and timecodes are counted</source>
        <translation>worin ihre Bilder und Timecodes gezählt sind</translation>
    </message>
    <message>
        <source>in which they are spoken</source>
        <translation>worin sie gesprochen werden</translation>
    </message>
    <message>
        <source>in-point</source>
        <translation>In-Punkt</translation>
    </message>
    <message>
        <source>instead</source>
        <translation>stattdessen</translation>
    </message>
    <message>
        <source>interlaced</source>
        <translation>Halbbilder</translation>
    </message>
    <message>
        <source>inwards, over such a width, from where the picture ends or is cut out</source>
        <translation>nach innen, über diese Breite, von wo das Bild endet oder freigestellt ist</translation>
    </message>
    <message>
        <source>it begins to come by as much earlier as it takes, its letters included</source>
        <translation>es beginnt so viel früher zu kommen, wie es braucht, mit seinen Buchstaben</translation>
    </message>
    <message>
        <source>it has no channel: it is seen in the plan and the film, and no real lamp hears of it</source>
        <translation>sie hat keinen Kanal: sie ist im Plan und im Film zu sehen, und keine echte Lampe erfährt davon</translation>
    </message>
    <message>
        <source>it is all there on the beat, and comes as much earlier as that takes</source>
        <translation>auf dem Beat ist es ganz da und kommt so viel früher, wie das dauert</translation>
    </message>
    <message>
        <source>it is not at %1</source>
        <translation>es ist nicht bei %1</translation>
    </message>
    <message>
        <source>it is stored lying, and is shown upright here</source>
        <translation>es ist liegend gespeichert und wird hier aufrecht gezeigt</translation>
    </message>
    <message>
        <source>it runs backwards, and where its clip begins is not told.</source>
        <translation>es läuft rückwärts, und wo sein Clip beginnt, ist nicht gesagt.</translation>
    </message>
    <message>
        <source>it was placed on &quot;%1&quot;</source>
        <translation>es wurde auf „%1“ gesetzt</translation>
    </message>
    <message>
        <source>it was placed on onsets</source>
        <translation>es wurde auf Onsets gesetzt</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>kursiv</translation>
    </message>
    <message>
        <source>its family; one that is not installed is told and replaced</source>
        <translation>ihre Familie; eine nicht installierte wird gemeldet und ersetzt</translation>
    </message>
    <message>
        <source>its light is mapped to standard range (Report ITU-R BT.2390)</source>
        <translation>sein Licht wird auf Standardumfang abgebildet (Bericht ITU-R BT.2390)</translation>
    </message>
    <message>
        <source>its lyrics</source>
        <translation>ihr Liedtext</translation>
    </message>
    <message>
        <source>its markers</source>
        <translation>ihre Marker</translation>
    </message>
    <message>
        <source>its name</source>
        <translation>sein Name</translation>
    </message>
    <message>
        <source>its name, or its number in the project's file</source>
        <translation>ihr Name, oder ihre Nummer in der Projektdatei</translation>
    </message>
    <message>
        <source>its number in the project's file</source>
        <translation>ihre Nummer in der Projektdatei</translation>
    </message>
    <message>
        <source>its own size, H.264</source>
        <translation>eigene Größe, H.264</translation>
    </message>
    <message>
        <source>its peak lies on the beat</source>
        <translation>seine Spitze liegt auf dem Beat</translation>
    </message>
    <message>
        <source>its pixels are not square, and are widened here</source>
        <translation>seine Pixel sind nicht quadratisch und werden hier verbreitert</translation>
    </message>
    <message>
        <source>jams json</source>
        <translation>jams json</translation>
    </message>
    <message>
        <source>join</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>kbit/s</source>
        <translation>kbit/s</translation>
    </message>
    <message>
        <source>key</source>
        <translation>Key</translation>
    </message>
    <message>
        <source>key colour</source>
        <translation>Farbe des Keys</translation>
    </message>
    <message>
        <source>key of the drawn curve</source>
        <translation>Key der gezeichneten Kurve</translation>
    </message>
    <message>
        <source>key pose</source>
        <translation>Pose setzen</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Keys</translation>
    </message>
    <message>
        <source>kick</source>
        <translation>Kick</translation>
    </message>
    <message>
        <source>kite</source>
        <translation>Drachen</translation>
    </message>
    <message>
        <source>knock</source>
        <translation>Klopfen</translation>
    </message>
    <message>
        <source>laid out</source>
        <translation>angeordnet</translation>
    </message>
    <message>
        <source>lake</source>
        <translation>See</translation>
    </message>
    <message>
        <source>lamp without a channel</source>
        <translation>Lampe ohne Kanal</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>lamps and groups by their names, parted by commas; empty: all</source>
        <translation>Lampen und Gruppen nach Namen, durch Kommas getrennt; leer: alle</translation>
    </message>
    <message>
        <source>lamps left dark</source>
        <translation>Dunkle Lampen</translation>
    </message>
    <message>
        <source>lamps of</source>
        <translation>Lampen von</translation>
    </message>
    <message>
        <source>landscape</source>
        <translation>Querformat</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>Spur</translation>
    </message>
    <message>
        <source>lane of cuts</source>
        <translation>Spur für Schnitte</translation>
    </message>
    <message>
        <source>lane of exposures</source>
        <translation>Spur für Belichtungen</translation>
    </message>
    <message>
        <source>lane of words or notes</source>
        <translation>Spur für Wörter oder Notizen</translation>
    </message>
    <message>
        <source>lanes fight over one value</source>
        <translation>Spuren streiten um einen Wert</translation>
    </message>
    <message>
        <source>large, from the left, letter by letter</source>
        <translation>groß, von links, Buchstabe für Buchstabe</translation>
    </message>
    <message>
        <source>larger by</source>
        <translation>größer um</translation>
    </message>
    <message>
        <source>last of bars</source>
        <translation>letztes der Takte</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>dauert</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>later by</source>
        <translation>später um</translation>
    </message>
    <message>
        <source>lay sound of shot</source>
        <translation>Ton der Einstellung unterlegen</translation>
    </message>
    <message>
        <source>layer</source>
        <translation>Ebene</translation>
    </message>
    <message>
        <source>leading</source>
        <translation>Zeilenabstand</translation>
    </message>
    <message>
        <source>leaf</source>
        <translation>Blatt</translation>
    </message>
    <message>
        <source>leak colour</source>
        <translation>Farbe des Lichteinfalls</translation>
    </message>
    <message>
        <source>leak rate</source>
        <translation>Rate des Lichteinfalls</translation>
    </message>
    <message>
        <source>least gap is %1</source>
        <translation>kleinster Abstand ist %1</translation>
    </message>
    <message>
        <source>least height</source>
        <translation>kleinste Höhe</translation>
    </message>
    <message>
        <source>least is %1</source>
        <translation>kleinstes ist %1</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>ausgelassen</translation>
    </message>
    <message>
        <source>left to right</source>
        <translation>links nach rechts</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>lengths</source>
        <translation>Längen</translation>
    </message>
    <message>
        <source>lengths in</source>
        <translation>Längen in</translation>
    </message>
    <message>
        <source>less than 0 is earlier</source>
        <translation>kleiner als 0 ist früher</translation>
    </message>
    <message>
        <source>less than half</source>
        <translation>weniger als die Hälfte</translation>
    </message>
    <message>
        <source>let marker go</source>
        <translation>Marker loslassen</translation>
    </message>
    <message>
        <source>letter size</source>
        <translation>Schriftgröße</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>Buchstaben</translation>
    </message>
    <message>
        <source>levels</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>levels of 512 channels a universe, after ANSI E1.31</source>
        <translation>Pegel von 512 Kanälen je Universum, nach ANSI E1.31</translation>
    </message>
    <message>
        <source>levels of 512 channels a universe, after the Art-Net 4 specification</source>
        <translation>Pegel von 512 Kanälen je Universum, nach der Spezifikation Art-Net 4</translation>
    </message>
    <message>
        <source>life</source>
        <translation>Leben</translation>
    </message>
    <message>
        <source>lifetime variation</source>
        <translation>Streuung der Lebensdauer</translation>
    </message>
    <message>
        <source>lifts the curve</source>
        <translation>hebt die Kurve</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>Lampen anschalten</translation>
    </message>
    <message>
        <source>light lamps on beats</source>
        <translation>Lampen auf Beats anschalten</translation>
    </message>
    <message>
        <source>light leak</source>
        <translation>Lichteinfall</translation>
    </message>
    <message>
        <source>lighten</source>
        <translation>Aufhellen</translation>
    </message>
    <message>
        <source>lights</source>
        <translation>Lichter</translation>
    </message>
    <message>
        <source>like</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>line colour</source>
        <translation>Farbe der Linie</translation>
    </message>
    <message>
        <source>line width</source>
        <translation>Breite der Linie</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>linear</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>Zeilen</translation>
    </message>
    <message>
        <source>lines aligned</source>
        <translation>Zeilen ausgerichtet</translation>
    </message>
    <message>
        <source>lines are</source>
        <translation>Zeilen sind</translation>
    </message>
    <message>
        <source>lines of light</source>
        <translation>Lichtlinien</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>Wortzeilen</translation>
    </message>
    <message>
        <source>lit colour</source>
        <translation>Leuchtfarbe</translation>
    </message>
    <message>
        <source>lock</source>
        <translation>sperren</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>Spur sperren</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>lose</translation>
    </message>
    <message>
        <source>lossless, FFV1</source>
        <translation>verlustfrei, FFV1</translation>
    </message>
    <message>
        <source>loud:</source>
        <translation>laut:</translation>
    </message>
    <message>
        <source>loudness</source>
        <translation>Lautheit</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>niedriger</translation>
    </message>
    <message>
        <source>lowest in the middle</source>
        <translation>niedrigstes in der Mitte</translation>
    </message>
    <message>
        <source>make a steady grid</source>
        <translation>gleichmäßiges Raster machen</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>Lampen ausschalten</translation>
    </message>
    <message>
        <source>makes it %1 % as large and moves it by %2, %3 pixels</source>
        <translation>macht es %1 % so groß und verschiebt es um %2, %3 Pixel</translation>
    </message>
    <message>
        <source>makes one marker of both: &quot;%1&quot;</source>
        <translation>macht aus beiden einen Marker: „%1“</translation>
    </message>
    <message>
        <source>makes the pulse before it %1 frames long</source>
        <translation>macht den Puls davor %1 Bilder lang</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>marker %1</source>
        <translation>Marker %1</translation>
    </message>
    <message>
        <source>marker on </source>
        <translation>Marker auf </translation>
    </message>
    <message>
        <source>markers</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>markers &quot;%1&quot;</source>
        <translation>Marker „%1“</translation>
    </message>
    <message>
        <source>markers named</source>
        <translation>Marker namens</translation>
    </message>
    <message>
        <source>markers of colour</source>
        <translation>Marker der Farbe</translation>
    </message>
    <message>
        <source>matte</source>
        <translation>Matte</translation>
    </message>
    <message>
        <source>matte angle</source>
        <translation>Winkel der Matte</translation>
    </message>
    <message>
        <source>matte softness</source>
        <translation>Weichheit der Matte</translation>
    </message>
    <message>
        <source>matte x</source>
        <translation>Matte x</translation>
    </message>
    <message>
        <source>matte y</source>
        <translation>Matte y</translation>
    </message>
    <message>
        <source>mean (RMS)</source>
        <translation>Mittel (RMS)</translation>
    </message>
    <message>
        <source>mid</source>
        <translation>mittel</translation>
    </message>
    <message>
        <source>mid midi smf</source>
        <translation>mid midi smf</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>mirrored half</source>
        <translation>gespiegelte Hälfte</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>fehlt</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>more light with each kick</source>
        <translation>mehr Licht mit jeder Kick</translation>
    </message>
    <message>
        <source>most is %1</source>
        <translation>größtes ist %1</translation>
    </message>
    <message>
        <source>most is %1 dBTP</source>
        <translation>größtes ist %1 dBTP</translation>
    </message>
    <message>
        <source>mouth shape too short</source>
        <translation>Mundform zu kurz</translation>
    </message>
    <message>
        <source>move</source>
        <translation>verschieben</translation>
    </message>
    <message>
        <source>move cut and all later ones</source>
        <translation>Schnitt und alle späteren verschieben</translation>
    </message>
    <message>
        <source>move grid</source>
        <translation>Raster verschieben</translation>
    </message>
    <message>
        <source>move grid half a beat</source>
        <translation>Raster um halben Beat verschieben</translation>
    </message>
    <message>
        <source>move lane</source>
        <translation>Spur verschieben</translation>
    </message>
    <message>
        <source>move layer</source>
        <translation>Ebene verschieben</translation>
    </message>
    <message>
        <source>move pins</source>
        <translation>Pins verschieben</translation>
    </message>
    <message>
        <source>moved to beats</source>
        <translation>auf Beats verschoben</translation>
    </message>
    <message>
        <source>moved to beats within %1 ms</source>
        <translation>auf Beats innerhalb von %1 ms verschoben</translation>
    </message>
    <message>
        <source>moves it by %1, %2 pixels</source>
        <translation>verschiebt es um %1, %2 Pixel</translation>
    </message>
    <message>
        <source>moves it onto its onset: %1 ms %2</source>
        <translation>schiebt es auf seinen Onset: %1 ms %2</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>ms from the beat, of %1 pins</source>
        <translation>ms vom Beat, von %1 Pins</translation>
    </message>
    <message>
        <source>much</source>
        <translation>viel</translation>
    </message>
    <message>
        <source>multiply</source>
        <translation>Multiplizieren</translation>
    </message>
    <message>
        <source>mute</source>
        <translation>stummschalten</translation>
    </message>
    <message>
        <source>mute lane</source>
        <translation>Spur stummschalten</translation>
    </message>
    <message>
        <source>mutes &quot;%1&quot;, which does nothing</source>
        <translation>schaltet „%1“ stumm, das nichts tut</translation>
    </message>
    <message>
        <source>mutes %1 of them, every other one</source>
        <translation>schaltet %1 davon stumm, jedes zweite</translation>
    </message>
    <message>
        <source>mutes this light</source>
        <translation>schaltet dieses Licht stumm</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>name bar 1</source>
        <translation>Takt 1 benennen</translation>
    </message>
    <message>
        <source>name lane</source>
        <translation>Spur benennen</translation>
    </message>
    <message>
        <source>name layer</source>
        <translation>Ebene benennen</translation>
    </message>
    <message>
        <source>name piece</source>
        <translation>Stück benennen</translation>
    </message>
    <message>
        <source>nd</source>
        <translation>nd</translation>
    </message>
    <message>
        <source>near enough is</source>
        <translation>nahe genug ist</translation>
    </message>
    <message>
        <source>nearest frame</source>
        <translation>nächstes Bild</translation>
    </message>
    <message>
        <source>never late</source>
        <translation>nie zu spät</translation>
    </message>
    <message>
        <source>no file</source>
        <translation>keine Datei</translation>
    </message>
    <message>
        <source>no timecode</source>
        <translation>kein Timecode</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none: it starts on the beat</source>
        <translation>keine: es beginnt auf dem Beat</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>Normal</translation>
    </message>
    <message>
        <source>not in the bin</source>
        <translation>nicht in der Ablage</translation>
    </message>
    <message>
        <source>not in the picture</source>
        <translation>nicht im Bild</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>note lengths</source>
        <translation>Notenlängen</translation>
    </message>
    <message>
        <source>note value</source>
        <translation>Notenwert</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>nothing found</source>
        <translation>nichts gefunden</translation>
    </message>
    <message>
        <source>nothing is lit until playing begins</source>
        <translation>nichts leuchtet, bevor die Wiedergabe beginnt</translation>
    </message>
    <message>
        <source>now lies in the middle</source>
        <translation>liegt nun in der Mitte</translation>
    </message>
    <message>
        <source>number from %1 to %2</source>
        <translation>Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>number of the selected trigger that the others become like; 0: the first</source>
        <translation>Nummer des ausgewählten Triggers, dem die anderen gleich werden; 0: der erste</translation>
    </message>
    <message>
        <source>numbers that other lanes' curves drive</source>
        <translation>Zahlen, die Kurven anderer Spuren steuern</translation>
    </message>
    <message>
        <source>of a bar's place</source>
        <translation>des Platzes eines Balkens</translation>
    </message>
    <message>
        <source>of a colour that is driven</source>
        <translation>einer gesteuerten Farbe</translation>
    </message>
    <message>
        <source>of a grid</source>
        <translation>eines Rasters</translation>
    </message>
    <message>
        <source>of a lane that follows: whether the key is one of the drawn curve, or lies over the computed one</source>
        <translation>einer Spur, die folgt: ob der Key zur gezeichneten Kurve gehört oder über der berechneten liegt</translation>
    </message>
    <message>
        <source>of a ninth of the picture's height</source>
        <translation>eines Neuntels der Bildhöhe</translation>
    </message>
    <message>
        <source>of a run of numbers; 0: one drawing</source>
        <translation>eines Laufs von Nummern; 0: eine Zeichnung</translation>
    </message>
    <message>
        <source>of a strobe, counted from where the trigger starts; 0: by its rate</source>
        <translation>eines Stroboskops, ab dem Beginn des Triggers gezählt; 0: nach seiner Rate</translation>
    </message>
    <message>
        <source>of a title</source>
        <translation>eines Titels</translation>
    </message>
    <message>
        <source>of a title: instead of the layer's; empty: the layer's</source>
        <translation>eines Titels: statt dem der Ebene; leer: der der Ebene</translation>
    </message>
    <message>
        <source>of a title: the family of these words; empty: the layer's</source>
        <translation>eines Titels: die Familie dieser Wörter; leer: die der Ebene</translation>
    </message>
    <message>
        <source>of all lamps, percent</source>
        <translation>aller Lampen, Prozent</translation>
    </message>
    <message>
        <source>of all of them</source>
        <translation>von allen</translation>
    </message>
    <message>
        <source>of all that is not transparent in it: a cut-out throws one of its own shape</source>
        <translation>von allem Undurchsichtigen darin: ein Freisteller wirft einen seiner eigenen Form</translation>
    </message>
    <message>
        <source>of bars around a circle</source>
        <translation>von Balken um einen Kreis</translation>
    </message>
    <message>
        <source>of every</source>
        <translation>von je</translation>
    </message>
    <message>
        <source>of its clip; below 0 it runs backwards, 0 holds one picture</source>
        <translation>seines Clips; unter 0 läuft es rückwärts, 0 hält ein Bild</translation>
    </message>
    <message>
        <source>of its encoder; below 0: what is usual</source>
        <translation>seines Kodierers; unter 0: wie üblich</translation>
    </message>
    <message>
        <source>of its length</source>
        <translation>seiner Länge</translation>
    </message>
    <message>
        <source>of its length, in which it goes out</source>
        <translation>seiner Länge, in der es ausgeht</translation>
    </message>
    <message>
        <source>of its length, until it is full</source>
        <translation>seiner Länge, bis es voll ist</translation>
    </message>
    <message>
        <source>of its letters, words or lines</source>
        <translation>seiner Buchstaben, Wörter oder Zeilen</translation>
    </message>
    <message>
        <source>of its life, at the end</source>
        <translation>seines Lebens, am Ende</translation>
    </message>
    <message>
        <source>of its strength, instead of attack and fall</source>
        <translation>seiner Stärke, statt Anstieg und Fallen</translation>
    </message>
    <message>
        <source>of its words, in a colour of their own</source>
        <translation>seiner Wörter, in eigener Farbe</translation>
    </message>
    <message>
        <source>of lights, by its name; empty: the first, or a new one</source>
        <translation>für Licht, nach ihrem Namen; leer: die erste, oder eine neue</translation>
    </message>
    <message>
        <source>of lines beside each other on the canvas; 0: square</source>
        <translation>von Zeilen nebeneinander auf der Fläche; 0: quadratisch</translation>
    </message>
    <message>
        <source>of sACN: levels of all universes are set at once by its packets; 0: each at once</source>
        <translation>von sACN: Pegel aller Universen werden durch seine Pakete zugleich gesetzt; 0: jedes sofort</translation>
    </message>
    <message>
        <source>of sACN: of several sources the highest is obeyed</source>
        <translation>von sACN: von mehreren Quellen wird der höchsten gehorcht</translation>
    </message>
    <message>
        <source>of the band, from above</source>
        <translation>des Bands, von oben</translation>
    </message>
    <message>
        <source>of the font of these words: 400 is regular, 700 is bold; 0: the layer's</source>
        <translation>der Schrift dieser Wörter: 400 ist normal, 700 ist fett; 0: die der Ebene</translation>
    </message>
    <message>
        <source>of the lane (Alt+Up, Alt+Down)</source>
        <translation>der Spur (Alt+Auf, Alt+Ab)</translation>
    </message>
    <message>
        <source>of the layer's own</source>
        <translation>von der der Ebene</translation>
    </message>
    <message>
        <source>of the letter size, between letters</source>
        <translation>der Schriftgröße, zwischen Buchstaben</translation>
    </message>
    <message>
        <source>of the letter size, from line to line</source>
        <translation>der Schriftgröße, von Zeile zu Zeile</translation>
    </message>
    <message>
        <source>of the new lane</source>
        <translation>der neuen Spur</translation>
    </message>
    <message>
        <source>of the picture</source>
        <translation>des Bildes</translation>
    </message>
    <message>
        <source>of the plan's height</source>
        <translation>der Höhe des Plans</translation>
    </message>
    <message>
        <source>of the plan's places over the picture</source>
        <translation>der Plätze des Plans über dem Bild</translation>
    </message>
    <message>
        <source>of the plan's width</source>
        <translation>der Breite des Plans</translation>
    </message>
    <message>
        <source>of the shot as its framing has it</source>
        <translation>der Einstellung, wie ihre Rahmung sie hat</translation>
    </message>
    <message>
        <source>of the things that it drives</source>
        <translation>von dem, was es steuert</translation>
    </message>
    <message>
        <source>of the way to the next key</source>
        <translation>des Wegs zum nächsten Key</translation>
    </message>
    <message>
        <source>of their group</source>
        <translation>ihrer Gruppe</translation>
    </message>
    <message>
        <source>of titles: each letter so much later than the one before</source>
        <translation>bei Titeln: jeder Buchstabe so viel später als der davor</translation>
    </message>
    <message>
        <source>of what has a colour and no value</source>
        <translation>von dem, was eine Farbe und keinen Wert hat</translation>
    </message>
    <message>
        <source>of what is at random in it</source>
        <translation>von dem, was darin zufällig ist</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>off an onset</source>
        <translation>neben einem Onset</translation>
    </message>
    <message>
        <source>off its onset</source>
        <translation>neben seinem Onset</translation>
    </message>
    <message>
        <source>off the beat</source>
        <translation>neben dem Beat</translation>
    </message>
    <message>
        <source>old film</source>
        <translation>alter Film</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>on a beat or an onset only where one is near enough; else loose where it was</source>
        <translation>auf einem Beat oder Onset nur, wo einer nahe genug ist; sonst lose, wo es war</translation>
    </message>
    <message>
        <source>on a line</source>
        <translation>auf einer Linie</translation>
    </message>
    <message>
        <source>on a plate</source>
        <translation>auf einer Tafel</translation>
    </message>
    <message>
        <source>on screen</source>
        <translation>auf dem Schirm</translation>
    </message>
    <message>
        <source>on the beat</source>
        <translation>auf dem Beat</translation>
    </message>
    <message>
        <source>on the grid, to the frame</source>
        <translation>auf dem Raster, aufs Bild genau</translation>
    </message>
    <message>
        <source>on the nearest beat</source>
        <translation>auf dem nächsten Beat</translation>
    </message>
    <message>
        <source>on the nearest onset</source>
        <translation>auf dem nächsten Onset</translation>
    </message>
    <message>
        <source>on time</source>
        <translation>pünktlich</translation>
    </message>
    <message>
        <source>once in</source>
        <translation>einmal in</translation>
    </message>
    <message>
        <source>one after another over its length</source>
        <translation>nacheinander über seine Länge</translation>
    </message>
    <message>
        <source>one in %1 bars</source>
        <translation>einer in %1 Takten</translation>
    </message>
    <message>
        <source>one place, two names</source>
        <translation>eine Stelle, zwei Namen</translation>
    </message>
    <message>
        <source>only clips that are used</source>
        <translation>nur verwendete Clips</translation>
    </message>
    <message>
        <source>only this one (36 is usually a kick, 38 a snare); -1: all of them</source>
        <translation>nur diese (36 ist meist eine Kick, 38 eine Snare); -1: alle</translation>
    </message>
    <message>
        <source>onsets</source>
        <translation>Onsets</translation>
    </message>
    <message>
        <source>onsets of</source>
        <translation>Onsets von</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>vorwärts</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>Deckkraft</translation>
    </message>
    <message>
        <source>opens at</source>
        <translation>öffnet bei</translation>
    </message>
    <message>
        <source>other frame rate</source>
        <translation>andere Bildrate</translation>
    </message>
    <message>
        <source>out from behind the word before</source>
        <translation>hinter dem Wort davor hervor</translation>
    </message>
    <message>
        <source>out from the middle</source>
        <translation>aus der Mitte heraus</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>Umriss</translation>
    </message>
    <message>
        <source>outline colour</source>
        <translation>Farbe des Umrisses</translation>
    </message>
    <message>
        <source>output</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>outside its shot</source>
        <translation>außerhalb seiner Einstellung</translation>
    </message>
    <message>
        <source>outside of action safe, 93 %</source>
        <translation>außerhalb des Aktionsrands, 93 %</translation>
    </message>
    <message>
        <source>outside of title safe, 90 %</source>
        <translation>außerhalb des Titelrands, 90 %</translation>
    </message>
    <message>
        <source>over</source>
        <translation>über</translation>
    </message>
    <message>
        <source>over such a width</source>
        <translation>über diese Breite</translation>
    </message>
    <message>
        <source>over which the shots are cross-faded, half of them before the cut; 0 is a hard cut</source>
        <translation>über die die Einstellungen überblenden, die Hälfte vor dem Schnitt; 0 ist ein harter Schnitt</translation>
    </message>
    <message>
        <source>overlay</source>
        <translation>Überlagern</translation>
    </message>
    <message>
        <source>overshoot</source>
        <translation>Überschwingen</translation>
    </message>
    <message>
        <source>overshoot, or number of steps</source>
        <translation>Überschwingen, oder Zahl der Stufen</translation>
    </message>
    <message>
        <source>own colour</source>
        <translation>eigene Farbe</translation>
    </message>
    <message>
        <source>own ones for each section</source>
        <translation>eigene für jeden Abschnitt</translation>
    </message>
    <message>
        <source>pace by level</source>
        <translation>Tempo nach Pegel</translation>
    </message>
    <message>
        <source>pace by level: %1 to %2 a bar</source>
        <translation>Tempo nach Pegel: %1 bis %2 je Takt</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>parts of a beat</source>
        <translation>Teile eines Beats</translation>
    </message>
    <message>
        <source>patch lamps</source>
        <translation>Lampen patchen</translation>
    </message>
    <message>
        <source>patches &quot;%1&quot; to channel %2 of universe %3</source>
        <translation>patcht „%1“ auf Kanal %2 von Universum %3</translation>
    </message>
    <message>
        <source>pattern</source>
        <translation>Muster</translation>
    </message>
    <message>
        <source>peak</source>
        <translation>Spitze</translation>
    </message>
    <message>
        <source>peak value</source>
        <translation>Spitzenwert</translation>
    </message>
    <message>
        <source>peaks of level</source>
        <translation>Spitzen des Pegels</translation>
    </message>
    <message>
        <source>percent above, or below, all of the shot or all of the picture</source>
        <translation>Prozent über oder unter der ganzen Einstellung oder dem ganzen Bild</translation>
    </message>
    <message>
        <source>percent above, or below, the layer's scale</source>
        <translation>Prozent über oder unter der Größe der Ebene</translation>
    </message>
    <message>
        <source>percent of it</source>
        <translation>Prozent davon</translation>
    </message>
    <message>
        <source>percussive part</source>
        <translation>perkussiver Teil</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>picture %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>pictures of &quot;%1&quot; last differently long</source>
        <translation>Bilder von „%1“ dauern verschieden lang</translation>
    </message>
    <message>
        <source>ping</source>
        <translation>Ping</translation>
    </message>
    <message>
        <source>pins further from the nearest one stay loose</source>
        <translation>Pins, die weiter vom nächsten liegen, bleiben lose</translation>
    </message>
    <message>
        <source>pins go with their beats, or stay where they are in the song</source>
        <translation>Pins gehen mit ihren Beats oder bleiben im Song, wo sie sind</translation>
    </message>
    <message>
        <source>pins keep their</source>
        <translation>Pins behalten</translation>
    </message>
    <message>
        <source>pins that lie further away stay where they are</source>
        <translation>Pins, die weiter weg liegen, bleiben, wo sie sind</translation>
    </message>
    <message>
        <source>pivot x</source>
        <translation>Drehpunkt x</translation>
    </message>
    <message>
        <source>pivot y</source>
        <translation>Drehpunkt y</translation>
    </message>
    <message>
        <source>pixels not square</source>
        <translation>Pixel nicht quadratisch</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Stelle</translation>
    </message>
    <message>
        <source>place all again</source>
        <translation>alle erneut setzen</translation>
    </message>
    <message>
        <source>places higher</source>
        <translation>Stellen höher</translation>
    </message>
    <message>
        <source>plum</source>
        <translation>Pflaume</translation>
    </message>
    <message>
        <source>points of a line of gain, by their place in the sound's samples</source>
        <translation>Punkte einer Pegellinie, nach ihrem Ort in den Samples des Tons</translation>
    </message>
    <message>
        <source>port</source>
        <translation>Port</translation>
    </message>
    <message>
        <source>pose</source>
        <translation>Pose</translation>
    </message>
    <message>
        <source>poses</source>
        <translation>Posen</translation>
    </message>
    <message>
        <source>position x</source>
        <translation>Position x</translation>
    </message>
    <message>
        <source>position y</source>
        <translation>Position y</translation>
    </message>
    <message>
        <source>posterise</source>
        <translation>Tontrennung</translation>
    </message>
    <message>
        <source>power</source>
        <translation>Potenz</translation>
    </message>
    <message>
        <source>priority</source>
        <translation>Priorität</translation>
    </message>
    <message>
        <source>prop from a file</source>
        <translation>Requisit aus einer Datei</translation>
    </message>
    <message>
        <source>pulse</source>
        <translation>Puls</translation>
    </message>
    <message>
        <source>pulse on a row of onsets</source>
        <translation>Puls auf einer Zeile mit Onsets</translation>
    </message>
    <message>
        <source>pulsepin-check</source>
        <translation>pulsepin-check</translation>
    </message>
    <message>
        <source>pulses</source>
        <translation>Pulse</translation>
    </message>
    <message>
        <source>pulses overlap</source>
        <translation>Pulse überlappen</translation>
    </message>
    <message>
        <source>punch</source>
        <translation>Stoß</translation>
    </message>
    <message>
        <source>punch-in</source>
        <translation>Stoß</translation>
    </message>
    <message>
        <source>put pin</source>
        <translation>Pin setzen</translation>
    </message>
    <message>
        <source>puts %1 on %2: %3</source>
        <translation>setzt %1 auf %2: %3</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>px a second</source>
        <translation>px je Sekunde</translation>
    </message>
    <message>
        <source>px a second²</source>
        <translation>px je Sekunde²</translation>
    </message>
    <message>
        <source>px down</source>
        <translation>px nach unten</translation>
    </message>
    <message>
        <source>px right</source>
        <translation>px nach rechts</translation>
    </message>
    <message>
        <source>quadratic in</source>
        <translation>Quadratisch, ein</translation>
    </message>
    <message>
        <source>quadratic in and out</source>
        <translation>Quadratisch, ein und aus</translation>
    </message>
    <message>
        <source>quadratic out</source>
        <translation>Quadratisch, aus</translation>
    </message>
    <message>
        <source>quality</source>
        <translation>Qualität</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>Viertel von Beats</translation>
    </message>
    <message>
        <source>quartic in</source>
        <translation>Quartisch, ein</translation>
    </message>
    <message>
        <source>quartic in and out</source>
        <translation>Quartisch, ein und aus</translation>
    </message>
    <message>
        <source>quartic out</source>
        <translation>Quartisch, aus</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>Radius</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>reached by</source>
        <translation>erreicht durch</translation>
    </message>
    <message>
        <source>reaches %1 %</source>
        <translation>erreicht %1 %</translation>
    </message>
    <message>
        <source>recolour lights</source>
        <translation>Lichter umfärben</translation>
    </message>
    <message>
        <source>red flashes too often</source>
        <translation>rotes Blitzen zu oft</translation>
    </message>
    <message>
        <source>red green blue</source>
        <translation>Rot Grün Blau</translation>
    </message>
    <message>
        <source>red green blue white</source>
        <translation>Rot Grün Blau Weiß</translation>
    </message>
    <message>
        <source>red one way, blue the other</source>
        <translation>Rot in die eine, Blau in die andere Richtung</translation>
    </message>
    <message>
        <source>red, green and blue leave each other for a moment</source>
        <translation>Rot, Grün und Blau gehen für einen Moment auseinander</translation>
    </message>
    <message>
        <source>release</source>
        <translation>Abfall</translation>
    </message>
    <message>
        <source>remove effect</source>
        <translation>Effekt entfernen</translation>
    </message>
    <message>
        <source>remove layer</source>
        <translation>Ebene entfernen</translation>
    </message>
    <message>
        <source>replaces the curve</source>
        <translation>ersetzt die Kurve</translation>
    </message>
    <message>
        <source>replaces the value</source>
        <translation>ersetzt den Wert</translation>
    </message>
    <message>
        <source>reveal</source>
        <translation>Enthüllen</translation>
    </message>
    <message>
        <source>reveal height</source>
        <translation>Höhe des Enthüllens</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>right by</source>
        <translation>nach rechts um</translation>
    </message>
    <message>
        <source>ripple</source>
        <translation>Welligkeit</translation>
    </message>
    <message>
        <source>ripple length</source>
        <translation>Länge der Wellen</translation>
    </message>
    <message>
        <source>ripple rate</source>
        <translation>Rate der Wellen</translation>
    </message>
    <message>
        <source>rise a little</source>
        <translation>steigt etwas</translation>
    </message>
    <message>
        <source>rises</source>
        <translation>steigt</translation>
    </message>
    <message>
        <source>rising energy</source>
        <translation>steigende Energie</translation>
    </message>
    <message>
        <source>rising for</source>
        <translation>steigt über</translation>
    </message>
    <message>
        <source>rising over the group</source>
        <translation>steigt über die Gruppe</translation>
    </message>
    <message>
        <source>rising spectrum</source>
        <translation>steigendes Spektrum</translation>
    </message>
    <message>
        <source>roll cut</source>
        <translation>Schnitt rollen</translation>
    </message>
    <message>
        <source>rotation</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>row of onsets</source>
        <translation>Zeile mit Onsets</translation>
    </message>
    <message>
        <source>rows down</source>
        <translation>Zeilen nach unten</translation>
    </message>
    <message>
        <source>rows fill the width; else words keep the scale that they were given</source>
        <translation>Zeilen füllen die Breite; sonst behalten Wörter die gegebene Größe</translation>
    </message>
    <message>
        <source>rows of onsets</source>
        <translation>Zeilen mit Onsets</translation>
    </message>
    <message>
        <source>rush</source>
        <translation>Sog</translation>
    </message>
    <message>
        <source>rushes towards it</source>
        <translation>stürmt darauf zu</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>sACN (levels of lamps)</source>
        <translation>sACN (Pegel von Lampen)</translation>
    </message>
    <message>
        <source>safe areas</source>
        <translation>Schutzränder</translation>
    </message>
    <message>
        <source>same moment</source>
        <translation>synchron</translation>
    </message>
    <message>
        <source>samples are written as they lie in memory</source>
        <translation>Samples werden geschrieben, wie sie im Speicher liegen</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>Sättigung</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>Sägezahn</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>scale, opacity, blur …</source>
        <translation>Größe, Deckkraft, Unschärfe …</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>Negativ multiplizieren</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>seconds a page</source>
        <translation>Sekunden je Seite</translation>
    </message>
    <message>
        <source>seconds seen</source>
        <translation>Sekunden zu sehen</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>seed</source>
        <translation>Startwert</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>zu sehen</translation>
    </message>
    <message>
        <source>semicolon</source>
        <translation>Semikolon</translation>
    </message>
    <message>
        <source>sends</source>
        <translation>sendet</translation>
    </message>
    <message>
        <source>sent earlier</source>
        <translation>früher gesendet</translation>
    </message>
    <message>
        <source>separator</source>
        <translation>Trenner</translation>
    </message>
    <message>
        <source>set in</source>
        <translation>gesetzt in</translation>
    </message>
    <message>
        <source>set key of event</source>
        <translation>Key des Ereignisses setzen</translation>
    </message>
    <message>
        <source>shadow</source>
        <translation>Schatten</translation>
    </message>
    <message>
        <source>shadow colour</source>
        <translation>Farbe des Schattens</translation>
    </message>
    <message>
        <source>shadow down</source>
        <translation>Schatten unten</translation>
    </message>
    <message>
        <source>shadow right</source>
        <translation>Schatten rechts</translation>
    </message>
    <message>
        <source>shadow softness</source>
        <translation>Weichheit des Schattens</translation>
    </message>
    <message>
        <source>shadow x</source>
        <translation>Schatten x</translation>
    </message>
    <message>
        <source>shadow y</source>
        <translation>Schatten y</translation>
    </message>
    <message>
        <source>shake</source>
        <translation>Wackeln</translation>
    </message>
    <message>
        <source>shake across</source>
        <translation>Wackeln quer</translation>
    </message>
    <message>
        <source>shake rate</source>
        <translation>Rate des Wackelns</translation>
    </message>
    <message>
        <source>shake seed</source>
        <translation>Startwert des Wackelns</translation>
    </message>
    <message>
        <source>shake swing</source>
        <translation>Schwung des Wackelns</translation>
    </message>
    <message>
        <source>shake turn</source>
        <translation>Drehung des Wackelns</translation>
    </message>
    <message>
        <source>shake up</source>
        <translation>Wackeln auf</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>sharpen</source>
        <translation>Schärfen</translation>
    </message>
    <message>
        <source>sharpen size</source>
        <translation>Größe des Schärfens</translation>
    </message>
    <message>
        <source>shift along</source>
        <translation>entlang schieben</translation>
    </message>
    <message>
        <source>shortest length</source>
        <translation>kürzeste</translation>
    </message>
    <message>
        <source>shortest shot</source>
        <translation>kürzeste Einstellung</translation>
    </message>
    <message>
        <source>shot</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>shot too short</source>
        <translation>Einstellung zu kurz</translation>
    </message>
    <message>
        <source>shots</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>shown by</source>
        <translation>gezeigt durch</translation>
    </message>
    <message>
        <source>shown instead of the effect</source>
        <translation>statt des Effekts gezeigt</translation>
    </message>
    <message>
        <source>shows all of &quot;%1&quot;, at %2 % of its speed</source>
        <translation>zeigt „%1“ ganz, mit %2 % seiner Geschwindigkeit</translation>
    </message>
    <message>
        <source>shows what this camera saw at this moment of the song; where the camera begins is set in the bin</source>
        <translation>zeigt, was diese Kamera in diesem Moment des Songs sah; wo sie beginnt, steht in der Ablage</translation>
    </message>
    <message>
        <source>shrink</source>
        <translation>eng</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>sign</source>
        <translation>Zeichen</translation>
    </message>
    <message>
        <source>sine</source>
        <translation>Sinus</translation>
    </message>
    <message>
        <source>sine in</source>
        <translation>Sinus, ein</translation>
    </message>
    <message>
        <source>sine in and out</source>
        <translation>Sinus, ein und aus</translation>
    </message>
    <message>
        <source>sine out</source>
        <translation>Sinus, aus</translation>
    </message>
    <message>
        <source>sixths of beats</source>
        <translation>Sechstel von Beats</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>size at the end</source>
        <translation>Größe am Ende</translation>
    </message>
    <message>
        <source>size spread</source>
        <translation>Streuung der Größe</translation>
    </message>
    <message>
        <source>sizes by length</source>
        <translation>Größen nach Länge</translation>
    </message>
    <message>
        <source>skew</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>skipping the first</source>
        <translation>ohne die ersten</translation>
    </message>
    <message>
        <source>slate</source>
        <translation>Platzhalter</translation>
    </message>
    <message>
        <source>slate %1</source>
        <translation>Platzhalter %1</translation>
    </message>
    <message>
        <source>slip shot</source>
        <translation>Einstellung schieben</translation>
    </message>
    <message>
        <source>smaller file</source>
        <translation>kleinere Datei</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>glatt</translation>
    </message>
    <message>
        <source>snap pins</source>
        <translation>Pins einrasten</translation>
    </message>
    <message>
        <source>snare</source>
        <translation>Snare</translation>
    </message>
    <message>
        <source>so many frames before its beat it begins to come; common practice: 3</source>
        <translation>so viele Bilder vor seinem Beat beginnt es zu kommen; übliche Praxis: 3</translation>
    </message>
    <message>
        <source>so much of the edge is taken away first, as a fringe of the old background</source>
        <translation>so viel der Kante wird zuerst weggenommen, als Saum des alten Hintergrunds</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>weich</translation>
    </message>
    <message>
        <source>soft edge</source>
        <translation>weiche Kante</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>Weichheit</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>sound too high</source>
        <translation>Ton zu hoch</translation>
    </message>
    <message>
        <source>sounds</source>
        <translation>Laute</translation>
    </message>
    <message>
        <source>sparks</source>
        <translation>Funken</translation>
    </message>
    <message>
        <source>speaker</source>
        <translation>Sprecher</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>speed spread</source>
        <translation>Streuung der Geschwindigkeit</translation>
    </message>
    <message>
        <source>spill taken away</source>
        <translation>Farbsaum entfernt</translation>
    </message>
    <message>
        <source>split sound</source>
        <translation>Ton teilen</translation>
    </message>
    <message>
        <source>spread</source>
        <translation>Streuung</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>quer verteilt</translation>
    </message>
    <message>
        <source>spread down</source>
        <translation>nach unten verteilt</translation>
    </message>
    <message>
        <source>spread size</source>
        <translation>Größe verteilt</translation>
    </message>
    <message>
        <source>spread time</source>
        <translation>Zeit verteilt</translation>
    </message>
    <message>
        <source>spread turn</source>
        <translation>Drehung verteilt</translation>
    </message>
    <message>
        <source>square</source>
        <translation>Quadrat</translation>
    </message>
    <message>
        <source>srt vtt ass ssa ttml dfxp lrc</source>
        <translation>srt vtt ass ssa ttml dfxp lrc</translation>
    </message>
    <message>
        <source>star</source>
        <translation>Stern</translation>
    </message>
    <message>
        <source>starts of sections</source>
        <translation>Anfänge von Abschnitten</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>beginnt auf</translation>
    </message>
    <message>
        <source>starts with the hit: none</source>
        <translation>beginnt mit dem Schlag: keine</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>bleibt</translation>
    </message>
    <message>
        <source>stays full</source>
        <translation>bleibt voll</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>steps a beat</source>
        <translation>Schritte je Beat</translation>
    </message>
    <message>
        <source>steps as x..x</source>
        <translation>Schritte als x..x</translation>
    </message>
    <message>
        <source>stops</source>
        <translation>stoppt</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>straight from each to the next</source>
        <translation>gerade von jedem zum nächsten</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>strengths that a curve drives</source>
        <translation>Stärken, die eine Kurve steuert</translation>
    </message>
    <message>
        <source>strobe</source>
        <translation>Stroboskop</translation>
    </message>
    <message>
        <source>strobe colour</source>
        <translation>Farbe des Stroboskops</translation>
    </message>
    <message>
        <source>strobe every</source>
        <translation>Strobo alle</translation>
    </message>
    <message>
        <source>strobe rate</source>
        <translation>Rate des Stroboskops</translation>
    </message>
    <message>
        <source>strong, weak, by turns</source>
        <translation>stark, schwach, im Wechsel</translation>
    </message>
    <message>
        <source>stronger</source>
        <translation>stärker</translation>
    </message>
    <message>
        <source>stronger than %1 %</source>
        <translation>stärker als %1 %</translation>
    </message>
    <message>
        <source>swap rows of lamps</source>
        <translation>Lampenzeilen tauschen</translation>
    </message>
    <message>
        <source>swap shots</source>
        <translation>Einstellungen tauschen</translation>
    </message>
    <message>
        <source>sways</source>
        <translation>pendelt</translation>
    </message>
    <message>
        <source>swing</source>
        <translation>Swing</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>Zeichen</translation>
    </message>
    <message>
        <source>tab</source>
        <translation>Tabulator</translation>
    </message>
    <message>
        <source>take look</source>
        <translation>Look übernehmen</translation>
    </message>
    <message>
        <source>take the found grid</source>
        <translation>gefundenes Raster übernehmen</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>nimmt</translation>
    </message>
    <message>
        <source>takes %1 away, which is not seen</source>
        <translation>nimmt %1 weg, was nicht zu sehen ist</translation>
    </message>
    <message>
        <source>takes the pulse that is too near away</source>
        <translation>nimmt den zu nahen Puls weg</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>Tipp %1</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>text</source>
        <translation>Text</translation>
    </message>
    <message>
        <source>text outside the safe area</source>
        <translation>Text außerhalb des Schutzrands</translation>
    </message>
    <message>
        <source>text too short to read</source>
        <translation>Text zu kurz zum Lesen</translation>
    </message>
    <message>
        <source>than</source>
        <translation>als</translation>
    </message>
    <message>
        <source>than it is heard, for lamps that answer late</source>
        <translation>als es gehört wird, für Lampen, die spät antworten</translation>
    </message>
    <message>
        <source>than its beat</source>
        <translation>als sein Beat</translation>
    </message>
    <message>
        <source>than the first word: the lead of the lane of poses</source>
        <translation>als das erste Wort: der Vorlauf der Spur für Posen</translation>
    </message>
    <message>
        <source>that a line stays at least</source>
        <translation>das eine Zeile mindestens steht</translation>
    </message>
    <message>
        <source>that can be read: 17 to 20 for adults (common practice)</source>
        <translation>die lesbar sind: 17 bis 20 für Erwachsene (übliche Praxis)</translation>
    </message>
    <message>
        <source>that each drawing of a run is held</source>
        <translation>das jede Zeichnung eines Laufs gehalten wird</translation>
    </message>
    <message>
        <source>that it drives</source>
        <translation>das es steuert</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>the camera</source>
        <translation>die Kamera</translation>
    </message>
    <message>
        <source>the camera goes closer on the kick and shakes on the snare</source>
        <translation>die Kamera geht auf der Kick näher und wackelt auf der Snare</translation>
    </message>
    <message>
        <source>the camera goes slowly closer from the beginning to the end</source>
        <translation>die Kamera geht von Anfang bis Ende langsam näher</translation>
    </message>
    <message>
        <source>the colour %1 cannot be read</source>
        <translation>die Farbe %1 ist nicht lesbar</translation>
    </message>
    <message>
        <source>the corners grow dark, as if the picture closed</source>
        <translation>die Ecken werden dunkel, als schlösse sich das Bild</translation>
    </message>
    <message>
        <source>the curve acts here</source>
        <translation>die Kurve wirkt hier</translation>
    </message>
    <message>
        <source>the disk does not answer as it should</source>
        <translation>der Datenträger antwortet nicht, wie er sollte</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>der Datenträger ist voll</translation>
    </message>
    <message>
        <source>the first one only</source>
        <translation>nur die erste</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>den Ordner gibt es nicht</translation>
    </message>
    <message>
        <source>the group that it belongs to, from 1</source>
        <translation>die Gruppe, zu der sie gehört, ab 1</translation>
    </message>
    <message>
        <source>the group that it belongs to; 0: none</source>
        <translation>die Gruppe, zu der sie gehört; 0: keine</translation>
    </message>
    <message>
        <source>the key's colour where it shines on what stays</source>
        <translation>die Farbe des Keys, wo sie auf das Bleibende scheint</translation>
    </message>
    <message>
        <source>the lane of words whose sounds it shows</source>
        <translation>die Spur für Wörter, deren Laute es zeigt</translation>
    </message>
    <message>
        <source>the last drawing of a run is held when it is over</source>
        <translation>die letzte Zeichnung eines Laufs wird gehalten, wenn er zu Ende ist</translation>
    </message>
    <message>
        <source>the last of each bar</source>
        <translation>das letzte jedes Takts</translation>
    </message>
    <message>
        <source>the last of every %1 bars</source>
        <translation>das letzte aus je %1 Takten</translation>
    </message>
    <message>
        <source>the layer or group that appears</source>
        <translation>die Ebene oder Gruppe, die erscheint</translation>
    </message>
    <message>
        <source>the middle of a round wipe</source>
        <translation>die Mitte eines runden Wischens</translation>
    </message>
    <message>
        <source>the middle, of the plan's height</source>
        <translation>die Mitte, der Höhe des Plans</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>der Name ist zu lang</translation>
    </message>
    <message>
        <source>the nearest frame lies that far away</source>
        <translation>das nächste Bild liegt so weit weg</translation>
    </message>
    <message>
        <source>the next one begins too soon</source>
        <translation>das nächste beginnt zu bald</translation>
    </message>
    <message>
        <source>the notes of a channel</source>
        <translation>die Noten eines Kanals</translation>
    </message>
    <message>
        <source>the number of a lane</source>
        <translation>die Nummer einer Spur</translation>
    </message>
    <message>
        <source>the number of a shot</source>
        <translation>die Nummer einer Einstellung</translation>
    </message>
    <message>
        <source>the pattern runs the other way</source>
        <translation>das Muster läuft andersherum</translation>
    </message>
    <message>
        <source>the picture in steps of colour, with each hat</source>
        <translation>das Bild in Farbstufen, mit jeder Hat</translation>
    </message>
    <message>
        <source>the picture is white for a moment</source>
        <translation>das Bild ist für einen Moment weiß</translation>
    </message>
    <message>
        <source>the picture jumps to the side and slides back</source>
        <translation>das Bild springt zur Seite und gleitet zurück</translation>
    </message>
    <message>
        <source>the picture leans at each bar and comes back</source>
        <translation>das Bild neigt sich bei jedem Takt und kommt zurück</translation>
    </message>
    <message>
        <source>the place in the song, from a port of ALSA's sequencer</source>
        <translation>die Stelle im Song, von einem Port des ALSA-Sequencers</translation>
    </message>
    <message>
        <source>the power that values between are raised to, inverted: above 1 they become lighter</source>
        <translation>die Potenz, in die Werte dazwischen erhoben werden, umgekehrt: über 1 werden sie heller</translation>
    </message>
    <message>
        <source>the record timecode of the piece's first frame; empty: the whole hour before its first event</source>
        <translation>der Aufnahme-Timecode des ersten Bildes; leer: die volle Stunde vor seinem ersten Ereignis</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>dasselbe</translation>
    </message>
    <message>
        <source>the share of its speed that it loses</source>
        <translation>der Anteil seiner Geschwindigkeit, den es verliert</translation>
    </message>
    <message>
        <source>the slate</source>
        <translation>der Platzhalter</translation>
    </message>
    <message>
        <source>the song</source>
        <translation>der Song</translation>
    </message>
    <message>
        <source>the song is not at %1</source>
        <translation>der Song ist nicht bei %1</translation>
    </message>
    <message>
        <source>the sound as it passes, across the picture</source>
        <translation>der Ton, wie er vorbeigeht, quer über das Bild</translation>
    </message>
    <message>
        <source>the source &quot;%1&quot; is unknown</source>
        <translation>die Quelle „%1“ ist unbekannt</translation>
    </message>
    <message>
        <source>the way in which a wipe opens; 0 is from left to right</source>
        <translation>die Richtung, in der ein Wischen sich öffnet; 0 ist von links nach rechts</translation>
    </message>
    <message>
        <source>the words, over the picture</source>
        <translation>die Wörter, über dem Bild</translation>
    </message>
    <message>
        <source>there are no beats yet</source>
        <translation>es gibt noch keine Beats</translation>
    </message>
    <message>
        <source>there is a folder of that name</source>
        <translation>es gibt einen Ordner dieses Namens</translation>
    </message>
    <message>
        <source>there is no row of onsets called &quot;%1&quot;</source>
        <translation>es gibt keine Zeile mit Onsets namens „%1“</translation>
    </message>
    <message>
        <source>there on the beat</source>
        <translation>auf dem Beat da</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>Drittel von Beats</translation>
    </message>
    <message>
        <source>this machine</source>
        <translation>dieser Rechner</translation>
    </message>
    <message>
        <source>this marker cannot be read.</source>
        <translation>dieser Marker ist nicht lesbar.</translation>
    </message>
    <message>
        <source>thud</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>tick</source>
        <translation>Tick</translation>
    </message>
    <message>
        <source>tie marker</source>
        <translation>Marker binden</translation>
    </message>
    <message>
        <source>tie to sound</source>
        <translation>an Ton binden</translation>
    </message>
    <message>
        <source>tie to the grid</source>
        <translation>ans Raster binden</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>timecode</source>
        <translation>Timecode</translation>
    </message>
    <message>
        <source>timecode runs off the clock</source>
        <translation>Timecode läuft von der Uhr weg</translation>
    </message>
    <message>
        <source>times</source>
        <translation>mal</translation>
    </message>
    <message>
        <source>tint</source>
        <translation>Tönung</translation>
    </message>
    <message>
        <source>tint hue</source>
        <translation>Farbton der Tönung</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>hin und her</translation>
    </message>
    <message>
        <source>to look at</source>
        <translation>zum Ansehen</translation>
    </message>
    <message>
        <source>to the end</source>
        <translation>bis zum Ende</translation>
    </message>
    <message>
        <source>to the end of the range; else once</source>
        <translation>bis zum Ende des Bereichs; sonst einmal</translation>
    </message>
    <message>
        <source>together</source>
        <translation>zusammen</translation>
    </message>
    <message>
        <source>together within</source>
        <translation>zusammen innerhalb</translation>
    </message>
    <message>
        <source>too close together</source>
        <translation>zu nah beieinander</translation>
    </message>
    <message>
        <source>too little material</source>
        <translation>zu wenig Material</translation>
    </message>
    <message>
        <source>top of %1</source>
        <translation>Spitze von %1</translation>
    </message>
    <message>
        <source>top on the beat</source>
        <translation>Spitze auf dem Beat</translation>
    </message>
    <message>
        <source>towards x</source>
        <translation>nach x</translation>
    </message>
    <message>
        <source>towards y</source>
        <translation>nach y</translation>
    </message>
    <message>
        <source>tracking</source>
        <translation>Laufweite</translation>
    </message>
    <message>
        <source>transparent</source>
        <translation>durchsichtig</translation>
    </message>
    <message>
        <source>travel</source>
        <translation>Reise</translation>
    </message>
    <message>
        <source>travels for</source>
        <translation>reist für</translation>
    </message>
    <message>
        <source>triangle</source>
        <translation>Dreieck</translation>
    </message>
    <message>
        <source>trigger</source>
        <translation>Trigger</translation>
    </message>
    <message>
        <source>triggers</source>
        <translation>Trigger</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true oder false</translation>
    </message>
    <message>
        <source>ttml dfxp</source>
        <translation>ttml dfxp</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>turn in</source>
        <translation>eindrehen</translation>
    </message>
    <message>
        <source>turn that comes with the shake</source>
        <translation>Drehung, die mit dem Wackeln kommt</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>gedreht</translation>
    </message>
    <message>
        <source>turned by</source>
        <translation>gedreht um</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>dreht</translation>
    </message>
    <message>
        <source>turns the strobes at most 3 times a second</source>
        <translation>lässt die Stroboskope höchstens 3-mal je Sekunde wechseln</translation>
    </message>
    <message>
        <source>twice</source>
        <translation>zweimal</translation>
    </message>
    <message>
        <source>two lights on one lamp</source>
        <translation>zwei Lichter auf einer Lampe</translation>
    </message>
    <message>
        <source>two on one frame</source>
        <translation>zwei auf einem Bild</translation>
    </message>
    <message>
        <source>txt csv tsv beats lab</source>
        <translation>txt csv tsv beats lab</translation>
    </message>
    <message>
        <source>type on</source>
        <translation>tippen</translation>
    </message>
    <message>
        <source>universe</source>
        <translation>Universum</translation>
    </message>
    <message>
        <source>until</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>until its line ends</source>
        <translation>bis zum Ende seiner Zeile</translation>
    </message>
    <message>
        <source>until the next</source>
        <translation>bis zum nächsten</translation>
    </message>
    <message>
        <source>until the section ends</source>
        <translation>bis zum Ende des Abschnitts</translation>
    </message>
    <message>
        <source>up</source>
        <translation>auf</translation>
    </message>
    <message>
        <source>up and down</source>
        <translation>auf und ab</translation>
    </message>
    <message>
        <source>up and down from a line</source>
        <translation>auf und ab von einer Linie</translation>
    </message>
    <message>
        <source>up to </source>
        <translation>bis zu </translation>
    </message>
    <message>
        <source>up to so much to either side, at random</source>
        <translation>bis so viel zu jeder Seite, zufällig</translation>
    </message>
    <message>
        <source>upper</source>
        <translation>obere</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>value of</source>
        <translation>Wert von</translation>
    </message>
    <message>
        <source>values beyond are cut to these</source>
        <translation>Werte jenseits werden darauf beschnitten</translation>
    </message>
    <message>
        <source>variable frame rate</source>
        <translation>variable Bildrate</translation>
    </message>
    <message>
        <source>version</source>
        <translation>Version</translation>
    </message>
    <message>
        <source>vignette</source>
        <translation>Vignette</translation>
    </message>
    <message>
        <source>vignette colour</source>
        <translation>Farbe der Vignette</translation>
    </message>
    <message>
        <source>vignette size</source>
        <translation>Größe der Vignette</translation>
    </message>
    <message>
        <source>vignette softness</source>
        <translation>Weichheit der Vignette</translation>
    </message>
    <message>
        <source>vocal band</source>
        <translation>Stimmband</translation>
    </message>
    <message>
        <source>wanted is %1 LUFS</source>
        <translation>gewünscht sind %1 LUFS</translation>
    </message>
    <message>
        <source>warm light on the beat, cold light between</source>
        <translation>warmes Licht auf dem Beat, kaltes dazwischen</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>what a number by itself means</source>
        <translation>was eine Zahl allein bedeutet</translation>
    </message>
    <message>
        <source>what comes in</source>
        <translation>was hereinkommt</translation>
    </message>
    <message>
        <source>what happens over the fade</source>
        <translation>was über die Blende geschieht</translation>
    </message>
    <message>
        <source>what is bright glows more and more</source>
        <translation>was hell ist, glüht immer mehr</translation>
    </message>
    <message>
        <source>what is neither</source>
        <translation>was keines von beiden ist</translation>
    </message>
    <message>
        <source>what it does</source>
        <translation>was es tut</translation>
    </message>
    <message>
        <source>what it does beside, over its length</source>
        <translation>was es nebenbei tut, über seine Länge</translation>
    </message>
    <message>
        <source>what it does in between</source>
        <translation>was es dazwischen tut</translation>
    </message>
    <message>
        <source>what it follows does not move it</source>
        <translation>was es verfolgt, bewegt es nicht</translation>
    </message>
    <message>
        <source>what it goes around</source>
        <translation>worum es geht</translation>
    </message>
    <message>
        <source>what it shows of the words that its appearances are tied to</source>
        <translation>was es von den Wörtern zeigt, an die sein Erscheinen gebunden ist</translation>
    </message>
    <message>
        <source>what it starts: one of these, or a name of your own</source>
        <translation>was es startet: eines davon, oder ein eigener Name</translation>
    </message>
    <message>
        <source>what moves</source>
        <translation>was bewegt</translation>
    </message>
    <message>
        <source>what no layer covers stays transparent, where the kind of film can</source>
        <translation>was keine Ebene bedeckt, bleibt durchsichtig, wo die Filmart es kann</translation>
    </message>
    <message>
        <source>what of curves goes beyond their ends</source>
        <translation>was von Kurven über ihre Enden geht</translation>
    </message>
    <message>
        <source>what the lane of a level drives; its curve is drawn</source>
        <translation>was die Spur eines Pegels steuert; seine Kurve wird gezeichnet</translation>
    </message>
    <message>
        <source>what the lane of a spectrum drives; each bar by its band</source>
        <translation>was die Spur eines Spektrums steuert; jeder Balken nach seinem Band</translation>
    </message>
    <message>
        <source>what they are, by commas: time, end, length, frame, timecode, name, note, colour, file, in, and - for one that is left out; empty: as its first line says</source>
        <translation>was sie sind, durch Kommas: time, end, length, frame, timecode, name, note, colour, file, in und - für eine ausgelassene; leer: wie ihre erste Zeile sagt</translation>
    </message>
    <message>
        <source>when its first handle stands</source>
        <translation>wann sein erster Griff steht</translation>
    </message>
    <message>
        <source>when its second handle stands</source>
        <translation>wann sein zweiter Griff steht</translation>
    </message>
    <message>
        <source>where a lane is free</source>
        <translation>wo eine Spur frei ist</translation>
    </message>
    <message>
        <source>where another lane does not act</source>
        <translation>wo eine andere Spur nicht wirkt</translation>
    </message>
    <message>
        <source>where in its clip the shot begins</source>
        <translation>wo im Clip die Einstellung beginnt</translation>
    </message>
    <message>
        <source>where the layer goes on, they stay where they were born</source>
        <translation>wo die Ebene weitergeht, bleiben sie, wo sie geboren wurden</translation>
    </message>
    <message>
        <source>where they are too close: each shortened in proportion, from peak to peak, the higher one at each moment, or both added</source>
        <translation>wo sie zu nah sind: jeder im Verhältnis gekürzt, von Spitze zu Spitze, der jeweils höhere, oder beide addiert</translation>
    </message>
    <message>
        <source>whether it is a key of the drawn curve, or lies over what was computed</source>
        <translation>ob es ein Key der gezeichneten Kurve ist oder über dem Berechneten liegt</translation>
    </message>
    <message>
        <source>whether it runs in the band over the picture</source>
        <translation>ob sie im Band über dem Bild läuft</translation>
    </message>
    <message>
        <source>whether the pulse begins on the beat, or its peak lies there</source>
        <translation>ob der Puls auf dem Beat beginnt oder seine Spitze dort liegt</translation>
    </message>
    <message>
        <source>which</source>
        <translation>welche</translation>
    </message>
    <message>
        <source>which shot</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>which, counted from 1; one more is added</source>
        <translation>welche, ab 1 gezählt; eine weitere kommt dazu</translation>
    </message>
    <message>
        <source>while it shakes, turns or is punched it is enlarged by just what hides its edges</source>
        <translation>während es wackelt, sich dreht oder stößt, wird es um so viel vergrößert, wie seine Ränder verbirgt</translation>
    </message>
    <message>
        <source>white from</source>
        <translation>Weiß ab</translation>
    </message>
    <message>
        <source>whole number from %1 to %2</source>
        <translation>ganze Zahl von %1 bis %2</translation>
    </message>
    <message>
        <source>whose notes; 0: of all channels</source>
        <translation>wessen Noten; 0: aller Kanäle</translation>
    </message>
    <message>
        <source>wide and light</source>
        <translation>breit und leicht</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>wipe from above</source>
        <translation>von oben wischen</translation>
    </message>
    <message>
        <source>wipe from the left</source>
        <translation>von links wischen</translation>
    </message>
    <message>
        <source>wipes over it</source>
        <translation>wischt darüber</translation>
    </message>
    <message>
        <source>with all formats</source>
        <translation>mit allen Formaten</translation>
    </message>
    <message>
        <source>with its pins</source>
        <translation>mit ihren Pins</translation>
    </message>
    <message>
        <source>with the name</source>
        <translation>mit dem Namen</translation>
    </message>
    <message>
        <source>within</source>
        <translation>innerhalb von</translation>
    </message>
    <message>
        <source>without the song</source>
        <translation>ohne den Song</translation>
    </message>
    <message>
        <source>word</source>
        <translation>Wort</translation>
    </message>
    <message>
        <source>word sung out of the picture</source>
        <translation>Wort außerhalb des Bildes gesungen</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>words %1</source>
        <translation>Wörter %1</translation>
    </message>
    <message>
        <source>words on
a card</source>
        <translation>Wörter auf
einer Karte</translation>
    </message>
    <message>
        <source>words on a card, for pictures that stand upright</source>
        <translation>Wörter auf einer Karte, für Bilder im Hochformat</translation>
    </message>
    <message>
        <source>words that wait to be set, in the order of their text</source>
        <translation>Wörter, die warten, in der Reihenfolge ihres Texts</translation>
    </message>
    <message>
        <source>world-space trail</source>
        <translation>Spur im Raum</translation>
    </message>
    <message>
        <source>worn tape</source>
        <translation>abgenutztes Band</translation>
    </message>
    <message>
        <source>write title</source>
        <translation>Titel schreiben</translation>
    </message>
    <message>
        <source>x1, y1, x2, y2 as in CSS</source>
        <translation>x1, y1, x2, y2 wie in CSS</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>ja oder nein</translation>
    </message>
    <message>
        <source>you are not allowed to write there</source>
        <translation>Sie dürfen dort nicht schreiben</translation>
    </message>
    <message>
        <source>yyyy-MM-dd hh:mm</source>
        <translation>yyyy-MM-dd hh:mm</translation>
    </message>
    <message>
        <source>zoom blur</source>
        <translation>Zoom-Unschärfe</translation>
    </message>
    <message>
        <source>° a second</source>
        <translation>° je Sekunde</translation>
    </message>
    <message>
        <source>“%1” could not be placed again: %2</source>
        <translation>„%1“ ließ sich nicht erneut setzen: %2</translation>
    </message>
    <message>
        <source>“%1” drives nothing.</source>
        <translation>„%1“ steuert nichts.</translation>
    </message>
    <message>
        <source>“%1” has no effect called &quot;%2&quot;.</source>
        <translation>„%1“ hat keinen Effekt namens „%2“.</translation>
    </message>
    <message>
        <source>“%1” has no picture.</source>
        <translation>„%1“ hat kein Bild.</translation>
    </message>
    <message>
        <source>“%1” has no sound of its own.</source>
        <translation>„%1“ hat keinen eigenen Ton.</translation>
    </message>
    <message>
        <source>“%1” has no sound.</source>
        <translation>„%1“ hat keinen Ton.</translation>
    </message>
    <message>
        <source>“%1” has no text.</source>
        <translation>„%1“ hat keinen Text.</translation>
    </message>
    <message>
        <source>“%1” has no value called &quot;%2&quot;.</source>
        <translation>„%1“ hat keinen Wert namens „%2“.</translation>
    </message>
    <message>
        <source>“%1” is made of other rows.</source>
        <translation>„%1“ besteht aus anderen Zeilen.</translation>
    </message>
    <message>
        <source>“%1” is no place.</source>
        <translation>„%1“ ist keine Stelle.</translation>
    </message>
</context>
<context>
    <name>pulsepin::ActsField</name>
    <message>
        <source>All alike</source>
        <translation>Alle gleich</translation>
    </message>
    <message>
        <source>All selected triggers drive what this one drives, on the same course</source>
        <translation>Alle ausgewählten Trigger steuern, was dieser steuert, mit demselben Verlauf</translation>
    </message>
    <message>
        <source>Course</source>
        <translation>Verlauf</translation>
    </message>
    <message>
        <source>Drives…</source>
        <translation>Steuert…</translation>
    </message>
    <message>
        <source>Further up</source>
        <translation>Weiter nach oben</translation>
    </message>
    <message>
        <source>How it goes over its length</source>
        <translation>Wie es über seine Länge verläuft</translation>
    </message>
    <message>
        <source>It no longer drives that</source>
        <translation>Es steuert das nicht mehr</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>Keep a course</source>
        <translation>Einen Verlauf behalten</translation>
    </message>
    <message>
        <source>Keep this one under a name…</source>
        <translation>Diesen unter einem Namen behalten…</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>Noch einmal</translation>
    </message>
    <message>
        <source>One more parameter that it drives while it lasts</source>
        <translation>Ein weiterer Wert, den er steuert, solange er dauert</translation>
    </message>
    <message>
        <source>Opens its course in the lane, where keys are dragged (double click on its bar)</source>
        <translation>Öffnet seinen Verlauf in der Spur, wo Keys gezogen werden (Doppelklick auf den Balken)</translation>
    </message>
    <message>
        <source>The colour there</source>
        <translation>Die Farbe dort</translation>
    </message>
    <message>
        <source>The layers that it acts on</source>
        <translation>Die Ebenen, auf die er wirkt</translation>
    </message>
    <message>
        <source>The same in beats from its beginning</source>
        <translation>Dasselbe in Beats ab seinem Anfang</translation>
    </message>
    <message>
        <source>The value there</source>
        <translation>Der Wert dort</translation>
    </message>
    <message>
        <source>Where the key lies, in percent of its length</source>
        <translation>Wo der Key liegt, in Prozent seiner Länge</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>Farbe ändern</translation>
    </message>
    <message>
        <source>change curve</source>
        <translation>Kurve ändern</translation>
    </message>
    <message>
        <source>change easing</source>
        <translation>Kurvenform ändern</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>Bereich ändern</translation>
    </message>
    <message>
        <source>choose what it acts on</source>
        <translation>wählen, worauf es wirkt</translation>
    </message>
    <message>
        <source>copy what it drives</source>
        <translation>Gesteuertes kopieren</translation>
    </message>
    <message>
        <source>drive %1</source>
        <translation>%1 steuern</translation>
    </message>
    <message>
        <source>drive less</source>
        <translation>weniger steuern</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>keep course</source>
        <translation>Verlauf behalten</translation>
    </message>
    <message>
        <source>key %1 of %2</source>
        <translation>Key %1 von %2</translation>
    </message>
    <message>
        <source>move key of event</source>
        <translation>Key des Ereignisses verschieben</translation>
    </message>
    <message>
        <source>on: %1</source>
        <translation>auf: %1</translation>
    </message>
    <message>
        <source>on: camera</source>
        <translation>auf: Kamera</translation>
    </message>
    <message>
        <source>order what it drives</source>
        <translation>Gesteuertes ordnen</translation>
    </message>
    <message>
        <source>pulse: %1</source>
        <translation>Puls: %1</translation>
    </message>
    <message>
        <source>the camera: all of the picture</source>
        <translation>die Kamera: das ganze Bild</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
</context>
<context>
    <name>pulsepin::AddLaneDialog</name>
    <message>
        <source>%1 poses</source>
        <translation>Posen von %1</translation>
    </message>
    <message>
        <source>Add a lane of %1</source>
        <translation>Eine Spur für %1 hinzufügen</translation>
    </message>
    <message>
        <source>Add lane</source>
        <translation>Spur hinzufügen</translation>
    </message>
    <message>
        <source>Base value</source>
        <translation>Grundwert</translation>
    </message>
    <message>
        <source>Its name; none: after what it drives</source>
        <translation>Ihr Name; ohne: nach dem, was sie steuert</translation>
    </message>
    <message>
        <source>Peak value; lower than the base value, it dips</source>
        <translation>Spitzenwert; kleiner als der Grundwert senkt er</translation>
    </message>
    <message>
        <source>The layer of the picture that it drives, or a property by its name only</source>
        <translation>Die Ebene des Bildes, die sie steuert, oder eine Eigenschaft nur dem Namen nach</translation>
    </message>
    <message>
        <source>The layer or group that appears</source>
        <translation>Die Ebene oder Gruppe, die erscheint</translation>
    </message>
    <message>
        <source>What of it is driven</source>
        <translation>Was davon gesteuert wird</translation>
    </message>
    <message>
        <source>drives</source>
        <translation>steuert</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>its</source>
        <translation>sein</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>nothing in the picture yet</source>
        <translation>noch nichts im Bild</translation>
    </message>
    <message>
        <source>place, scale, rotation and opacity of it, as one key</source>
        <translation>Ort, Größe, Drehung und Deckkraft davon, als ein Key</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>what appears</source>
        <translation>was erscheint</translation>
    </message>
</context>
<context>
    <name>pulsepin::AppearanceForm</name>
    <message>
        <source>Each in the next of these colours, instead of the layer's</source>
        <translation>Jede in der nächsten dieser Farben statt in der der Ebene</translation>
    </message>
    <message>
        <source>What appears</source>
        <translation>Was erscheint</translation>
    </message>
    <message>
        <source>colours in turn</source>
        <translation>Farben der Reihe nach</translation>
    </message>
    <message>
        <source>each differs from the one before</source>
        <translation>jede anders als die davor</translation>
    </message>
    <message>
        <source>each lasts %1</source>
        <translation>jede dauert %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::BinCommands</name>
    <message>
        <source>%1; not found: %2</source>
        <translation>%1; nicht gefunden: %2</translation>
    </message>
    <message numerus="yes">
        <source>%n files found</source>
        <translation><numerusform>%n Datei gefunden</numerusform><numerusform>%n Dateien gefunden</numerusform></translation>
    </message>
    <message>
        <source>A copy is made of films; a picture is read by any program</source>
        <translation>Kopiert werden Filme; ein Bild liest jedes Programm</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Another file for the shot…</source>
        <translation>Andere Datei für die Einstellung…</translation>
    </message>
    <message>
        <source>Another file for “%1”</source>
        <translation>Andere Datei für „%1“</translation>
    </message>
    <message>
        <source>Choose a shot in the bin, or select its cut</source>
        <translation>Wählen Sie eine Einstellung in der Ablage oder deren Schnitt</translation>
    </message>
    <message>
        <source>Choose one shot in the bin, or select its cut</source>
        <translation>Wählen Sie eine Einstellung in der Ablage oder deren Schnitt</translation>
    </message>
    <message>
        <source>Copy of the shot that any program reads…</source>
        <translation>Kopie der Einstellung, die jedes Programm liest…</translation>
    </message>
    <message>
        <source>Copy that any program reads</source>
        <translation>Kopie, die jedes Programm liest</translation>
    </message>
    <message>
        <source>Find missing files in %1</source>
        <translation>Fehlende Dateien in %1 suchen</translation>
    </message>
    <message>
        <source>Find missing files…</source>
        <translation>Fehlende Dateien suchen…</translation>
    </message>
    <message>
        <source>In which folder are the missing files?</source>
        <translation>In welchem Ordner liegen die fehlenden Dateien?</translation>
    </message>
    <message>
        <source>Looking at %1</source>
        <translation>Sehe %1 an</translation>
    </message>
    <message>
        <source>No file is missing</source>
        <translation>Keine Datei fehlt</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Öffne %1</translation>
    </message>
    <message>
        <source>The copy was not written</source>
        <translation>Die Kopie wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>Turn the shot left</source>
        <translation>Einstellung nach links drehen</translation>
    </message>
    <message>
        <source>Turn the shot right</source>
        <translation>Einstellung nach rechts drehen</translation>
    </message>
    <message>
        <source>Video and pictures (%1 %2);;All files (*)</source>
        <translation>Video und Bilder (%1 %2);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Where the song is</source>
        <translation>Wo der Song liegt</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>another file</source>
        <translation>andere Datei</translation>
    </message>
    <message>
        <source>find missing files</source>
        <translation>fehlende Dateien suchen</translation>
    </message>
    <message>
        <source>turn shot left</source>
        <translation>Einstellung nach links drehen</translation>
    </message>
    <message>
        <source>turn shot right</source>
        <translation>Einstellung nach rechts drehen</translation>
    </message>
    <message>
        <source>use a copy</source>
        <translation>Kopie verwenden</translation>
    </message>
    <message>
        <source>where the song is</source>
        <translation>wo der Song liegt</translation>
    </message>
    <message>
        <source>“%1” is another recording than the song of this piece. Open it as a song instead</source>
        <translation>„%1“ ist eine andere Aufnahme als der Song dieses Stücks. Öffnen Sie sie stattdessen als Song</translation>
    </message>
    <message>
        <source>“%1” is shown instead. Ctrl+Z takes it back</source>
        <translation>Nun wird „%1“ gezeigt. Strg+Z nimmt das zurück</translation>
    </message>
    <message>
        <source>“%1” is written, and shown instead. Ctrl+Z takes that back</source>
        <translation>„%1“ ist geschrieben und wird stattdessen gezeigt. Strg+Z nimmt das zurück</translation>
    </message>
</context>
<context>
    <name>pulsepin::Canvas</name>
    <message>
        <source>%1 ms earlier · Ctrl+Z: stay</source>
        <translation>%1 ms früher · Strg+Z: bleiben</translation>
    </message>
    <message>
        <source>%1 ms later · Ctrl+Z: stay</source>
        <translation>%1 ms später · Strg+Z: bleiben</translation>
    </message>
    <message>
        <source>%1 on every %2</source>
        <translation>%1 auf jedem %2</translation>
    </message>
    <message>
        <source>%1 · frame %2 · %3 ms off</source>
        <translation>%1 · Bild %2 · %3 ms daneben</translation>
    </message>
    <message>
        <source>Drag a pin to move it along the beats · hold Shift to leave the grid · Delete removes it</source>
        <translation>Pin über die Beats ziehen · Umschalt verlässt das Raster · Entf entfernt ihn</translation>
    </message>
    <message>
        <source>Drag along the beats · Shift leaves the grid</source>
        <translation>Über die Beats ziehen · Umschalt verlässt das Raster</translation>
    </message>
    <message>
        <source>Drag along the beats, or up and down into another row · Shift leaves the grid</source>
        <translation>Über die Beats oder in eine andere Zeile ziehen · Umschalt verlässt das Raster</translation>
    </message>
    <message>
        <source>Drag onto another shot to swap them, with Ctrl to replace it · Alt: another part of the shot</source>
        <translation>Auf eine andere Einstellung ziehen tauscht beide, mit Strg ersetzt · Alt: anderer Teil der Einstellung</translation>
    </message>
    <message>
        <source>Drag the cut along the beats · Alt: pictures stay in place · Alt+Ctrl: all later cuts too</source>
        <translation>Schnitt über die Beats ziehen · Alt: Bilder bleiben stehen · Alt+Strg: auch alle späteren Schnitte</translation>
    </message>
    <message>
        <source>Drag the end to make it last longer or shorter · Shift counts frames</source>
        <translation>Am Ende ziehen: länger oder kürzer · Umschalt zählt Bilder</translation>
    </message>
    <message>
        <source>Drag to make the names wider or narrower</source>
        <translation>Ziehen macht die Namen breiter oder schmaler</translation>
    </message>
    <message>
        <source>a cut at %1</source>
        <translation>ein Schnitt bei %1</translation>
    </message>
    <message>
        <source>a cut at %1 · Ctrl: takes this shot's place</source>
        <translation>ein Schnitt bei %1 · Strg: nimmt den Platz dieser Einstellung</translation>
    </message>
    <message>
        <source>add key to event</source>
        <translation>Key zum Ereignis hinzufügen</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>von %1 bis %2</translation>
    </message>
    <message>
        <source>line %1 · %2 characters per second</source>
        <translation>Zeile %1 · %2 Zeichen je Sekunde</translation>
    </message>
    <message>
        <source>takes this shot's place</source>
        <translation>nimmt den Platz dieser Einstellung</translation>
    </message>
</context>
<context>
    <name>pulsepin::CanvasAccess</name>
    <message>
        <source>%1 milliseconds early</source>
        <translation>%1 Millisekunden zu früh</translation>
    </message>
    <message>
        <source>%1 milliseconds late</source>
        <translation>%1 Millisekunden zu spät</translation>
    </message>
    <message>
        <source>%1 seconds long</source>
        <translation>%1 Sekunden lang</translation>
    </message>
    <message>
        <source>%1, lane of %2, %3</source>
        <translation>%1, Spur für %2, %3</translation>
    </message>
    <message>
        <source>Beats, %1</source>
        <translation>Beats, %1</translation>
    </message>
    <message>
        <source>Moves it a beat earlier</source>
        <translation>Verschiebt ihn um einen Beat nach vorn</translation>
    </message>
    <message>
        <source>Moves it a beat later</source>
        <translation>Verschiebt ihn um einen Beat nach hinten</translation>
    </message>
    <message>
        <source>No beats yet</source>
        <translation>Noch keine Beats</translation>
    </message>
    <message>
        <source>Selects it and puts the playhead there</source>
        <translation>Wählt ihn aus und setzt den Abspielkopf dorthin</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>bei %1</translation>
    </message>
    <message>
        <source>bar %1 beat %2</source>
        <translation>Takt %1 Beat %2</translation>
    </message>
    <message>
        <source>bar %1 beat %2 and %3 of 960 ticks</source>
        <translation>Takt %1 Beat %2 und %3 von 960 Ticks</translation>
    </message>
    <message>
        <source>beat, bar %1 beat %2, %3</source>
        <translation>Beat, Takt %1 Beat %2, %3</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>lose</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>stumm</translation>
    </message>
    <message>
        <source>to the frame</source>
        <translation>aufs Bild genau</translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckBank</name>
    <message>
        <source>Checking</source>
        <translation>Prüfe</translation>
    </message>
    <message>
        <source>Looking at the files</source>
        <translation>Sehe die Dateien an</translation>
    </message>
    <message>
        <source>Measuring flashes</source>
        <translation>Messe Blitze</translation>
    </message>
    <message>
        <source>Measuring flashes before they are placed</source>
        <translation>Messe Blitze, bevor sie gesetzt werden</translation>
    </message>
    <message>
        <source>Measuring the sound</source>
        <translation>Messe den Ton</translation>
    </message>
    <message>
        <source>Working out a fix</source>
        <translation>Arbeite eine Behebung aus</translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckCommands</name>
    <message>
        <source> It is of the piece as it was when it was last checked.</source>
        <translation> Er gilt für das Stück, wie es bei der letzten Prüfung war.</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>%1 written.%2</source>
        <translation>%1 geschrieben.%2</translation>
    </message>
    <message>
        <source>Accept finding</source>
        <translation>Befund hinnehmen</translation>
    </message>
    <message>
        <source>Check the piece</source>
        <translation>Stück prüfen</translation>
    </message>
    <message>
        <source>Choose a finding first</source>
        <translation>Wählen Sie zuerst einen Befund</translation>
    </message>
    <message>
        <source>Done: %1</source>
        <translation>Erledigt: %1</translation>
    </message>
    <message>
        <source>Done: %1. Ctrl+Z takes it back</source>
        <translation>Erledigt: %1. Strg+Z nimmt es zurück</translation>
    </message>
    <message>
        <source>Every pin, as a table…</source>
        <translation>Jeder Pin als Tabelle…</translation>
    </message>
    <message>
        <source>Every pin, as values…</source>
        <translation>Jeder Pin als Werte…</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Findings, as JSON…</source>
        <translation>Befunde als JSON…</translation>
    </message>
    <message>
        <source>Fix all findings of this kind</source>
        <translation>Alle Befunde dieser Art beheben</translation>
    </message>
    <message>
        <source>Fix the finding</source>
        <translation>Befund beheben</translation>
    </message>
    <message>
        <source>Ignore the finding on purpose, or not</source>
        <translation>Befund absichtlich ignorieren, oder nicht</translation>
    </message>
    <message>
        <source>Ignored on purpose. Why? (stands in the report)</source>
        <translation>Absichtlich ignoriert. Warum? (steht im Bericht)</translation>
    </message>
    <message>
        <source>It was not fixed</source>
        <translation>Es wurde nicht behoben</translation>
    </message>
    <message>
        <source>Measure files, sound and flashes</source>
        <translation>Dateien, Ton und Blitze messen</translation>
    </message>
    <message>
        <source>Nothing was found</source>
        <translation>Nichts gefunden</translation>
    </message>
    <message>
        <source>Preview fix</source>
        <translation>Behebung zeigen</translation>
    </message>
    <message>
        <source>Report to print</source>
        <translation>Bericht zum Drucken</translation>
    </message>
    <message>
        <source>Report to print…</source>
        <translation>Bericht zum Drucken…</translation>
    </message>
    <message>
        <source>Sync report as values</source>
        <translation>Sync-Bericht als Werte</translation>
    </message>
    <message>
        <source>Take them</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>That has no automatic fix: change it, or ignore it on purpose</source>
        <translation>Dafür gibt es keine Automatik: ändern Sie es, oder ignorieren Sie es absichtlich</translation>
    </message>
    <message>
        <source>The fix %1</source>
        <translation>Die Behebung %1</translation>
    </message>
    <message>
        <source>The piece is being checked: write the report when that is done</source>
        <translation>Das Stück wird geprüft: schreiben Sie den Bericht danach</translation>
    </message>
    <message>
        <source>The piece was not checked yet</source>
        <translation>Das Stück wurde noch nicht geprüft</translation>
    </message>
    <message>
        <source>This flashes %1 times in a second over more than a quarter of the view: more than %2 may hurt people (WCAG 2.2, 2.3.1). Make it weaker or rarer, or fix it at the stop Check</source>
        <translation>Das blitzt %1-mal in einer Sekunde auf mehr als einem Viertel des Bildes: mehr als %2 kann Menschen schaden (WCAG 2.2, 2.3.1). Machen Sie es schwächer oder seltener, oder beheben Sie es beim Schritt Prüfen</translation>
    </message>
    <message>
        <source>To the finding before</source>
        <translation>Zum Befund davor</translation>
    </message>
    <message>
        <source>To the next finding</source>
        <translation>Zum nächsten Befund</translation>
    </message>
    <message>
        <source>What the piece is checked against</source>
        <translation>Wogegen das Stück geprüft wird</translation>
    </message>
    <message>
        <source>What the piece is checked against…</source>
        <translation>Wogegen das Stück geprüft wird…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>accept finding</source>
        <translation>Befund hinnehmen</translation>
    </message>
    <message>
        <source>asks for another file, which is shown in the same places</source>
        <translation>fragt nach einer anderen Datei, die an denselben Stellen gezeigt wird</translation>
    </message>
    <message>
        <source>asks where to, writes a copy that any program reads, and shows that instead</source>
        <translation>fragt wohin, schreibt eine Kopie, die jedes Programm liest, und zeigt diese</translation>
    </message>
    <message>
        <source>change limits</source>
        <translation>Grenzen ändern</translation>
    </message>
    <message>
        <source>ignored</source>
        <translation>ignoriert</translation>
    </message>
    <message>
        <source>not accept finding</source>
        <translation>Befund nicht hinnehmen</translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckPanel</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message numerus="yes">
        <source>%1 of %n findings</source>
        <translation><numerusform>%1 von %n Befund</numerusform><numerusform>%1 von %n Befunden</numerusform></translation>
    </message>
    <message>
        <source>%1. There is no automatic fix</source>
        <translation>%1. Es gibt keine automatische Behebung</translation>
    </message>
    <message>
        <source>%1/s</source>
        <translation>%1/s</translation>
    </message>
    <message numerus="yes">
        <source>%n findings</source>
        <translation><numerusform>%n Befund</numerusform><numerusform>%n Befunde</numerusform></translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Every pin, sorted and filtered; as a file of values</source>
        <translation>Jeder Pin, sortiert und gefiltert; als Datei mit Werten</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Findings that are ignored on purpose, too</source>
        <translation>Auch absichtlich ignorierte Befunde</translation>
    </message>
    <message>
        <source>Fix all like this</source>
        <translation>Alle solchen beheben</translation>
    </message>
    <message>
        <source>Fixes all findings of this kind that are not ignored, in one step</source>
        <translation>Behebt alle Befunde dieser Art, die nicht ignoriert sind, in einem Schritt</translation>
    </message>
    <message>
        <source>How far a cut, trigger or pulse may lie from its place</source>
        <translation>Wie weit ein Schnitt, Trigger oder Puls von seinem Platz liegen darf</translation>
    </message>
    <message>
        <source>How it is fixed</source>
        <translation>Wie es behoben wird</translation>
    </message>
    <message>
        <source>In the second before the playhead, as measured at quarter size. A measure after WCAG 2.2, 2.3.1 or ITU-R BT.1702, no medical promise</source>
        <translation>In der Sekunde vor dem Abspielkopf, in Viertelgröße gemessen. Ein Maß nach WCAG 2.2, 2.3.1 oder ITU-R BT.1702, kein medizinisches Versprechen</translation>
    </message>
    <message>
        <source>Looks at files, sound and frames again; what is the same to see is not measured twice</source>
        <translation>Sieht Dateien, Ton und Bilder erneut an; was gleich aussieht, wird nicht zweimal gemessen</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>Mehr…</translation>
    </message>
    <message>
        <source>Not looked at yet</source>
        <translation>Noch nicht angesehen</translation>
    </message>
    <message>
        <source>Only what lies farther off; of what is counted in milliseconds</source>
        <translation>Nur was weiter abliegt; von dem, was in Millisekunden zählt</translation>
    </message>
    <message>
        <source>Only what this check found</source>
        <translation>Nur was diese Prüfung fand</translation>
    </message>
    <message>
        <source>Only what was found on this lane</source>
        <translation>Nur was auf dieser Spur gefunden wurde</translation>
    </message>
    <message>
        <source>Preview fix</source>
        <translation>Behebung zeigen</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>Drucken…</translation>
    </message>
    <message>
        <source>Says what the fix will do, without doing it</source>
        <translation>Sagt, was die Behebung tun wird, ohne sie zu tun</translation>
    </message>
    <message>
        <source>Show ignored</source>
        <translation>Ignorierte</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Table…</source>
        <translation>Tabelle…</translation>
    </message>
    <message>
        <source>The report as pages to print (PDF)</source>
        <translation>Der Bericht als Druckseiten (PDF)</translation>
    </message>
    <message>
        <source>What else the piece is checked against</source>
        <translation>Wogegen das Stück noch geprüft wird</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>In Arbeit…</translation>
    </message>
    <message>
        <source>all kinds</source>
        <translation>alle Arten</translation>
    </message>
    <message>
        <source>all lanes</source>
        <translation>alle Spuren</translation>
    </message>
    <message>
        <source>area</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>flashes</source>
        <translation>Blitze</translation>
    </message>
    <message>
        <source>frames not measured yet</source>
        <translation>Bilder noch nicht gemessen</translation>
    </message>
    <message>
        <source>half a frame</source>
        <translation>halbes Bild</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>Grenze</translation>
    </message>
    <message>
        <source>limit %1</source>
        <translation>Grenze %1</translation>
    </message>
    <message>
        <source>limit 25 %</source>
        <translation>Grenze 25 %</translation>
    </message>
    <message numerus="yes">
        <source>measured %1 min ago on %n frames</source>
        <translation><numerusform>gemessen vor %1 min an %n Bild</numerusform><numerusform>gemessen vor %1 min an %n Bildern</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>measured on %n frames</source>
        <translation><numerusform>gemessen an %n Bild</numerusform><numerusform>gemessen an %n Bildern</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>ms from the beat, of %n pins</source>
        <translation><numerusform>ms vom Beat, von %n Pin</numerusform><numerusform>ms vom Beat, von %n Pins</numerusform></translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>noch nicht angesehen</translation>
    </message>
    <message>
        <source>over %1 ms</source>
        <translation>über %1 ms</translation>
    </message>
    <message>
        <source>red flashes</source>
        <translation>rote Blitze</translation>
    </message>
</context>
<context>
    <name>pulsepin::ColourField</name>
    <message>
        <source>Another…</source>
        <translation>Andere…</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
</context>
<context>
    <name>pulsepin::CommandSearch</name>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>Alle Tastenkürzel</translation>
    </message>
    <message>
        <source>Commands that were found</source>
        <translation>Gefundene Befehle</translation>
    </message>
    <message>
        <source>Find a command</source>
        <translation>Befehl suchen</translation>
    </message>
    <message>
        <source>What you want to do</source>
        <translation>Was Sie tun möchten</translation>
    </message>
    <message>
        <source>a few letters of what you want to do</source>
        <translation>einige Buchstaben dessen, was Sie tun möchten</translation>
    </message>
</context>
<context>
    <name>pulsepin::CourseTiles</name>
    <message>
        <source> · best</source>
        <translation> · beste</translation>
    </message>
    <message>
        <source>A few tempi, each constant, changing at beats; items follow</source>
        <translation>Einige Tempi, jedes gleichmäßig, mit Wechseln auf Beats; Pins gehen mit</translation>
    </message>
    <message>
        <source>Each beat where something starts near it, as people play; items follow</source>
        <translation>Jeder Beat, wo nahe bei ihm etwas beginnt, wie Menschen spielen; Pins gehen mit</translation>
    </message>
    <message>
        <source>One tempo, fitted to all beats, so that the error does not grow; items follow</source>
        <translation>Ein Tempo, allen Beats angepasst, damit der Fehler nicht wächst; Pins gehen mit</translation>
    </message>
    <message>
        <source>beat by beat</source>
        <translation>Beat für Beat</translation>
    </message>
    <message>
        <source>constant</source>
        <translation>gleichmäßig</translation>
    </message>
    <message>
        <source>in steps</source>
        <translation>in Stufen</translation>
    </message>
    <message>
        <source>tempo %1</source>
        <translation>Tempo %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::CurveKeyForm</name>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>How far it is lifted, or what it is</source>
        <translation>Wie weit sie gehoben wird, oder was sie ist</translation>
    </message>
    <message>
        <source>Over how long it comes before that, and goes after</source>
        <translation>Über wie lange sie davor kommt und danach geht</translation>
    </message>
    <message>
        <source>What each of them does to the curve</source>
        <translation>Was jeder davon mit der Kurve tut</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>Blende</translation>
    </message>
    <message>
        <source>keys of the drawn curve</source>
        <translation>Keys der gezeichneten Kurve</translation>
    </message>
    <message>
        <source>last</source>
        <translation>dauern</translation>
    </message>
    <message>
        <source>lift the curve</source>
        <translation>heben die Kurve</translation>
    </message>
    <message>
        <source>replace the curve</source>
        <translation>ersetzen die Kurve</translation>
    </message>
    <message>
        <source>the curve acts there alone</source>
        <translation>die Kurve wirkt nur dort</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>what they do</source>
        <translation>was sie tun</translation>
    </message>
</context>
<context>
    <name>pulsepin::CutForm</name>
    <message>
        <source> frames</source>
        <translation> Bilder</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>, %1 of the bin</source>
        <translation>, %1 der Ablage</translation>
    </message>
    <message>
        <source>, from bin</source>
        <translation>, aus der Ablage</translation>
    </message>
    <message>
        <source>Cross-fade around each beat, half of it before</source>
        <translation>Überblendung um jeden Beat, die Hälfte davor</translation>
    </message>
    <message>
        <source>How each shot lies in the picture; single ones are framed in the picture</source>
        <translation>Wie jede Einstellung im Bild liegt; einzelne werden im Bild gerahmt</translation>
    </message>
    <message>
        <source>No shot becomes shorter than this</source>
        <translation>Keine Einstellung wird kürzer als das</translation>
    </message>
    <message>
        <source>Shots that are taken, and their weight</source>
        <translation>Einstellungen, die genommen werden, und ihr Gewicht</translation>
    </message>
    <message>
        <source>The marker on the shot that meets the beat; shots without it start at the in-point</source>
        <translation>Der Marker auf der Einstellung, der auf den Beat trifft; ohne ihn beginnt sie am In-Punkt</translation>
    </message>
    <message>
        <source>Ticked shots are taken; the weight counts at random by weight</source>
        <translation>Angehakte werden genommen; das Gewicht zählt bei „zufällig nach Gewicht“</translation>
    </message>
    <message>
        <source>Where in the clip</source>
        <translation>Wo im Clip</translation>
    </message>
    <message>
        <source>any length</source>
        <translation>jede Länge</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>at random</source>
        <translation>zufällig</translation>
    </message>
    <message>
        <source>by section</source>
        <translation>nach Abschnitt</translation>
    </message>
    <message>
        <source>by weight</source>
        <translation>nach Gewicht</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>Zufall</translation>
    </message>
    <message>
        <source>cross-fade</source>
        <translation>Überblendung</translation>
    </message>
    <message>
        <source>fill the picture</source>
        <translation>Bild füllen</translation>
    </message>
    <message>
        <source>fit: all of the shot</source>
        <translation>einpassen: ganz</translation>
    </message>
    <message>
        <source>framing</source>
        <translation>Rahmung</translation>
    </message>
    <message>
        <source>hard cuts</source>
        <translation>harte Schnitte</translation>
    </message>
    <message>
        <source>in turn</source>
        <translation>der Reihe nach</translation>
    </message>
    <message>
        <source>in-point</source>
        <translation>In-Punkt</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>one shot</source>
        <translation>eine</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>zu sehen</translation>
    </message>
    <message>
        <source>shots taken</source>
        <translation>genommene</translation>
    </message>
    <message>
        <source>slates, until there are shots</source>
        <translation>Platzhalter, bis es Einstellungen gibt</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>which shot</source>
        <translation>Einstellung</translation>
    </message>
</context>
<context>
    <name>pulsepin::DelayDialog</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 of %2 taps</source>
        <translation>%1 von %2 Tipps</translation>
    </message>
    <message>
        <source>%1 taps, %2 ms after the click</source>
        <translation>%1 Tipps, %2 ms nach dem Klick</translation>
    </message>
    <message>
        <source>Audio-video offset</source>
        <translation>Versatz Ton zu Bild</translation>
    </message>
    <message>
        <source>Play the click, then tap here</source>
        <translation>Klick abspielen, dann hier tippen</translation>
    </message>
    <message>
        <source>Sound and picture</source>
        <translation>Ton und Bild</translation>
    </message>
    <message>
        <source>The delay that your device tells of is taken into account already. Loudspeakers that are reached by radio may add some more. Type it, or listen to the click and tap the space bar with it: your own reaction is in it too, so rely on your eye in the end.</source>
        <translation>Die Verzögerung, die Ihr Gerät nennt, ist schon berücksichtigt. Funklautsprecher können weitere hinzufügen. Tippen Sie sie ein, oder hören Sie den Klick und drücken Sie dazu die Leertaste: Ihre eigene Reaktion steckt mit darin, verlassen Sie sich am Ende auf Ihr Auge.</translation>
    </message>
    <message>
        <source>There is no room for the click</source>
        <translation>Für den Klick ist kein Platz</translation>
    </message>
    <message>
        <source>no taps yet</source>
        <translation>noch nicht getippt</translation>
    </message>
    <message>
        <source>sound is delayed by</source>
        <translation>Ton kommt später um</translation>
    </message>
</context>
<context>
    <name>pulsepin::DetailPanel</name>
    <message>
        <source> · shared</source>
        <translation> · geteilt</translation>
    </message>
    <message>
        <source>%1 (%2 ms %3)</source>
        <translation>%1 (%2 ms %3)</translation>
    </message>
    <message>
        <source>%1 (exact)</source>
        <translation>%1 (genau)</translation>
    </message>
    <message>
        <source>%1 feeds</source>
        <translation>%1 gesteuert</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
    <message>
        <source>%1 ms %2</source>
        <translation>%1 ms %2</translation>
    </message>
    <message>
        <source>%1 selected</source>
        <translation>%1 ausgewählt</translation>
    </message>
    <message>
        <source>%1, then by hand</source>
        <translation>%1, dann von Hand</translation>
    </message>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>%n Pin</numerusform><numerusform>%n Pins</numerusform></translation>
    </message>
    <message>
        <source>Another one of this lane acts on the same frame: the one placed last is seen</source>
        <translation>Ein anderer dieser Spur wirkt auf demselben Bild: der zuletzt gesetzte ist zu sehen</translation>
    </message>
    <message>
        <source>Click a pin to see where it lies.</source>
        <translation>Ein Klick auf einen Pin zeigt, wo er liegt.</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>Feeds</source>
        <translation>Steuert</translation>
    </message>
    <message>
        <source>It stays where it is, without effect (Ctrl+M)</source>
        <translation>Er bleibt, wo er ist, ohne Wirkung (Strg+M)</translation>
    </message>
    <message>
        <source>Lets it stay at its time whatever the grid does</source>
        <translation>Lässt ihn bei seiner Zeit, was auch das Raster tut</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Fest</translation>
    </message>
    <message>
        <source>Mute</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Nothing changes it until it is unlocked (Ctrl+L)</source>
        <translation>Nichts ändert ihn, bis er entsperrt ist (Strg+L)</translation>
    </message>
    <message>
        <source>Nothing selected</source>
        <translation>Nichts ausgewählt</translation>
    </message>
    <message>
        <source>Pin</source>
        <translation>Anheften</translation>
    </message>
    <message>
        <source>Planting</source>
        <translation>Serie</translation>
    </message>
    <message>
        <source>Removes what is selected (Delete)</source>
        <translation>Entfernt, was ausgewählt ist (Entf)</translation>
    </message>
    <message>
        <source>Selected</source>
        <translation>Ausgewählt</translation>
    </message>
    <message>
        <source>Selected: %1</source>
        <translation>Ausgewählt: %1</translation>
    </message>
    <message>
        <source>Selected: cut to “%1”</source>
        <translation>Ausgewählt: Schnitt auf „%1“</translation>
    </message>
    <message>
        <source>Selected: drawing “%1”</source>
        <translation>Ausgewählt: Zeichnung „%1“</translation>
    </message>
    <message>
        <source>Selected: marker “%1”</source>
        <translation>Ausgewählt: Marker „%1“</translation>
    </message>
    <message>
        <source>Selected: note “%1”</source>
        <translation>Ausgewählt: Notiz „%1“</translation>
    </message>
    <message>
        <source>Selected: sound “%1”</source>
        <translation>Ausgewählt: Ton „%1“</translation>
    </message>
    <message>
        <source>Selected: word “%1”</source>
        <translation>Ausgewählt: Wort „%1“</translation>
    </message>
    <message>
        <source>Selects all that was placed together with this</source>
        <translation>Wählt alles aus, was zusammen damit gesetzt wurde</translation>
    </message>
    <message>
        <source>Ties it to the nearest beat, where it is</source>
        <translation>Bindet ihn an den nächsten Beat, wo er ist</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>Lösen</translation>
    </message>
    <message>
        <source>What is selected</source>
        <translation>Was ausgewählt ist</translation>
    </message>
    <message>
        <source>What the curve of the lane drives</source>
        <translation>Was die Kurve der Spur steuert</translation>
    </message>
    <message>
        <source>Where it ends: a bar and beat, as 14, a time, as 0:28.5, or a frame, as 700f</source>
        <translation>Wo es endet: Takt und Beat als 14, eine Zeit als 0:28.5 oder ein Bild als 700f</translation>
    </message>
    <message>
        <source>Worst rounding to a frame: %1 ms</source>
        <translation>Schlechteste Rundung auf ein Bild: %1 ms</translation>
    </message>
    <message>
        <source>Write a bar and beat, as 13.3</source>
        <translation>Schreiben Sie Takt und Beat, als 13.3</translation>
    </message>
    <message>
        <source>Write a time, as 0:26.96</source>
        <translation>Schreiben Sie eine Zeit, als 0:26.96</translation>
    </message>
    <message>
        <source>Write the frame that acts, as 647, or 00:00:26:23</source>
        <translation>Schreiben Sie das Bild, das wirkt, als 647 oder 00:00:26:23</translation>
    </message>
    <message>
        <source>anchor</source>
        <translation>Anker</translation>
    </message>
    <message>
        <source>bar </source>
        <translation>Takt </translation>
    </message>
    <message>
        <source>bar %1 + %2</source>
        <translation>Takt %1 + %2</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>Vorlauf ändern</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>early</source>
        <translation>zu früh</translation>
    </message>
    <message>
        <source>end</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>von Hand</translation>
    </message>
    <message>
        <source>late</source>
        <translation>zu spät</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>lock</source>
        <translation>sperren</translation>
    </message>
    <message>
        <source>loose, at its time</source>
        <translation>lose, bei seiner Zeit</translation>
    </message>
    <message>
        <source>mute</source>
        <translation>stummschalten</translation>
    </message>
    <message>
        <source>nearest onset</source>
        <translation>nächster Onset</translation>
    </message>
    <message>
        <source>needs a grid</source>
        <translation>braucht ein Raster</translation>
    </message>
    <message>
        <source>no shot</source>
        <translation>keine Einstellung</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>keiner gefunden</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>anheften</translation>
    </message>
    <message>
        <source>placed by</source>
        <translation>gesetzt von</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>unlock</source>
        <translation>entsperren</translation>
    </message>
    <message>
        <source>unmute</source>
        <translation>wieder wirken lassen</translation>
    </message>
    <message>
        <source>unpin</source>
        <translation>lösen</translation>
    </message>
    <message>
        <source>what it lies on</source>
        <translation>worauf er liegt</translation>
    </message>
</context>
<context>
    <name>pulsepin::DetectionController</name>
    <message>
        <source>%1 BPM is neither the tempo that is heard in this song nor half or twice as fast. Nothing was remembered.</source>
        <translation>%1 BPM ist weder das Tempo dieses Songs noch halb oder doppelt so schnell. Nichts wurde gemerkt.</translation>
    </message>
    <message>
        <source>%1 beats and %2 onsets found</source>
        <translation>%1 Beats und %2 Onsets gefunden</translation>
    </message>
    <message>
        <source>%1 beats found, half or twice as fast as it would be without what you said of “%2”. Press another tempo if that is wrong here.</source>
        <translation>%1 Beats gefunden, halb oder doppelt so schnell wie ohne Ihre Angabe zu „%2“. Drücken Sie ein anderes Tempo, wenn das hier falsch ist.</translation>
    </message>
    <message>
        <source>%1 onsets in the new row</source>
        <translation>%1 Onsets in der neuen Zeile</translation>
    </message>
    <message>
        <source>Detect beats first</source>
        <translation>Erkennen Sie zuerst Beats</translation>
    </message>
    <message>
        <source>Detection was cancelled</source>
        <translation>Die Erkennung wurde abgebrochen</translation>
    </message>
    <message>
        <source>Find or correct the beats first; then their tempo can be remembered.</source>
        <translation>Suchen oder berichtigen Sie zuerst die Beats; dann kann ihr Tempo gemerkt werden.</translation>
    </message>
    <message>
        <source>Finding onsets</source>
        <translation>Suche Onsets</translation>
    </message>
    <message>
        <source>Finding the beats</source>
        <translation>Suche die Beats</translation>
    </message>
    <message>
        <source>Finding the beats again</source>
        <translation>Suche die Beats erneut</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>Höre zu</translation>
    </message>
    <message>
        <source>Listening to the beginning</source>
        <translation>Höre den Anfang</translation>
    </message>
    <message>
        <source>No beats were found that keep to what is held. The grid stays as it is.</source>
        <translation>Es wurden keine Beats gefunden, die zu dem passen, was gehalten ist. Das Raster bleibt.</translation>
    </message>
    <message>
        <source>No pulse was found %1. %2 onsets were found.</source>
        <translation>Es wurde kein Puls gefunden %1. %2 Onsets wurden gefunden.</translation>
    </message>
    <message>
        <source>No tempo levels are remembered.</source>
        <translation>Es sind keine Tempostufen gemerkt.</translation>
    </message>
    <message>
        <source>One onset in the new row</source>
        <translation>Ein Onset in der neuen Zeile</translation>
    </message>
    <message>
        <source>Remembered on this computer: songs with a rhythm like this one lean to its tempo level. Songs remembered: %1.</source>
        <translation>Auf diesem Rechner gemerkt: Songs mit einem solchen Rhythmus neigen zu dieser Tempostufe. Gemerkte Songs: %1.</translation>
    </message>
    <message>
        <source>Remembering the tempo</source>
        <translation>Merke das Tempo</translation>
    </message>
    <message>
        <source>The tempo levels of %1 songs are forgotten.</source>
        <translation>Die Tempostufen von %1 Songs sind vergessen.</translation>
    </message>
    <message>
        <source>There is no song to listen to yet. Open one first.</source>
        <translation>Es gibt noch keinen Song zum Hören. Öffnen Sie zuerst einen.</translation>
    </message>
    <message>
        <source>add row of onsets</source>
        <translation>Zeile mit Onsets hinzufügen</translation>
    </message>
    <message>
        <source>detect beats</source>
        <translation>Beats erkennen</translation>
    </message>
    <message>
        <source>find onsets otherwise</source>
        <translation>Onsets anders suchen</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>in %1</translation>
    </message>
    <message>
        <source>in this song</source>
        <translation>in diesem Song</translation>
    </message>
    <message>
        <source>like %1 s</source>
        <translation>wie bei %1 s</translation>
    </message>
    <message>
        <source>remove row of onsets</source>
        <translation>Zeile mit Onsets entfernen</translation>
    </message>
    <message>
        <source>take the beats found again</source>
        <translation>neu gefundene Beats übernehmen</translation>
    </message>
</context>
<context>
    <name>pulsepin::Document</name>
    <message numerus="yes">
        <source>%n shots added</source>
        <translation><numerusform>%n Einstellung hinzugefügt</numerusform><numerusform>%n Einstellungen hinzugefügt</numerusform></translation>
    </message>
    <message>
        <source>Done again: %1</source>
        <translation>Wieder getan: %1</translation>
    </message>
    <message>
        <source>Laying sounds under the song</source>
        <translation>Lege Töne unter den Song</translation>
    </message>
    <message>
        <source>Open the song first: other sounds are laid under it</source>
        <translation>Öffnen Sie zuerst den Song: andere Töne kommen darunter</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Öffne %1</translation>
    </message>
    <message>
        <source>Opening shots</source>
        <translation>Öffne Einstellungen</translation>
    </message>
    <message>
        <source>Opening was cancelled</source>
        <translation>Öffnen wurde abgebrochen</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>The song itself is muted: M beside it brings it back.</source>
        <translation>Der Song selbst ist stumm: M daneben holt ihn zurück.</translation>
    </message>
    <message>
        <source>The template on %1</source>
        <translation>Die Vorlage auf %1</translation>
    </message>
    <message>
        <source>There are no shots in that folder.</source>
        <translation>In diesem Ordner sind keine Einstellungen.</translation>
    </message>
    <message>
        <source>Titles ask for a font that is not installed: %1. They are set in Inter until it is.</source>
        <translation>Titel verlangen eine Schrift, die nicht installiert ist: %1. Bis dahin stehen sie in Inter.</translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation>Zurückgenommen: %1</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>Ohne Titel</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>add shots</source>
        <translation>Einstellungen hinzufügen</translation>
    </message>
    <message>
        <source>add sound</source>
        <translation>Ton hinzufügen</translation>
    </message>
    <message>
        <source>add sounds</source>
        <translation>Töne hinzufügen</translation>
    </message>
    <message>
        <source>comparing the grid with what is heard</source>
        <translation>vergleiche das Raster mit dem Gehörten</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>open song</source>
        <translation>Song öffnen</translation>
    </message>
    <message>
        <source>“%1” does not sound like the song: it starts with it. Drag it to where it belongs.</source>
        <translation>„%1“ klingt nicht wie der Song: es beginnt mit ihm. Ziehen Sie es dorthin, wohin es gehört.</translation>
    </message>
    <message>
        <source>“%1” is added</source>
        <translation>„%1“ ist hinzugefügt</translation>
    </message>
    <message>
        <source>“%1” is as long as the song and starts with it.</source>
        <translation>„%1“ ist so lang wie der Song und beginnt mit ihm.</translation>
    </message>
    <message>
        <source>“%1” was laid where it sounds like the song: %2 samples %3.</source>
        <translation>„%1“ liegt, wo es wie der Song klingt: %2 Samples %3.</translation>
    </message>
</context>
<context>
    <name>pulsepin::DrawingCommands</name>
    <message>
        <source>%1 markers, each tied to its drawing</source>
        <translation>%1 Marker, jeder an seine Zeichnung gebunden</translation>
    </message>
    <message>
        <source>%1 shapes for %2 words</source>
        <translation>%1 Formen für %2 Wörter</translation>
    </message>
    <message>
        <source>A lane of exposures more</source>
        <translation>Eine weitere Spur für Belichtungen</translation>
    </message>
    <message>
        <source>A lane of notes more</source>
        <translation>Eine weitere Spur für Notizen</translation>
    </message>
    <message>
        <source>A marker at each drawing</source>
        <translation>Ein Marker bei jeder Zeichnung</translation>
    </message>
    <message>
        <source>Band over the picture, on or off</source>
        <translation>Band über dem Bild, an oder aus</translation>
    </message>
    <message>
        <source>Make mouth shapes first</source>
        <translation>Erzeugen Sie zuerst Mundformen</translation>
    </message>
    <message>
        <source>Mouth shapes of the words</source>
        <translation>Mundformen der Wörter</translation>
    </message>
    <message>
        <source>No word is set yet: set words first</source>
        <translation>Noch ist kein Wort gesetzt: setzen Sie zuerst Wörter</translation>
    </message>
    <message>
        <source>Place the tapped rhythm as drawings</source>
        <translation>Getippten Rhythmus als Zeichnungen setzen</translation>
    </message>
    <message>
        <source>Shapes of the mouth…</source>
        <translation>Formen des Mundes…</translation>
    </message>
    <message>
        <source>Sounding out the words</source>
        <translation>Ermittle den Klang der Wörter</translation>
    </message>
    <message>
        <source>There are no drawings yet</source>
        <translation>Es gibt noch keine Zeichnungen</translation>
    </message>
    <message>
        <source>There are no taps yet: tap a rhythm with T</source>
        <translation>Es ist noch nichts getippt: tippen Sie mit T einen Rhythmus</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>Spur hinzufügen</translation>
    </message>
    <message>
        <source>add note</source>
        <translation>Notiz hinzufügen</translation>
    </message>
    <message>
        <source>hide band</source>
        <translation>Band verbergen</translation>
    </message>
    <message>
        <source>markers of drawings</source>
        <translation>Marker der Zeichnungen</translation>
    </message>
    <message>
        <source>mouth shapes</source>
        <translation>Mundformen</translation>
    </message>
    <message>
        <source>shapes of the mouth</source>
        <translation>Formen des Mundes</translation>
    </message>
    <message>
        <source>show band</source>
        <translation>Band zeigen</translation>
    </message>
</context>
<context>
    <name>pulsepin::DropCommands</name>
    <message>
        <source>%1 on %2</source>
        <translation>%1 auf %2</translation>
    </message>
    <message>
        <source>%1 on every %2</source>
        <translation>%1 auf jedem %2</translation>
    </message>
    <message>
        <source>%1 placed on “%2”</source>
        <translation>%1 gesetzt auf „%2“</translation>
    </message>
    <message>
        <source>%1 pulses: %2 on %3</source>
        <translation>%1 Pulse: %2 auf %3</translation>
    </message>
    <message>
        <source>Drop a pulse on a lane of pulses.</source>
        <translation>Legen Sie einen Puls auf einer Spur für Pulse ab.</translation>
    </message>
    <message>
        <source>Drop it on a lane that drives something.</source>
        <translation>Legen Sie es auf einer Spur ab, die etwas steuert.</translation>
    </message>
    <message>
        <source>Drop it on a layer in the picture.</source>
        <translation>Legen Sie es auf einer Ebene im Bild ab.</translation>
    </message>
    <message>
        <source>It has no picture.</source>
        <translation>Es hat kein Bild.</translation>
    </message>
    <message>
        <source>There is no lane of cuts yet: add one first.</source>
        <translation>Es gibt noch keine Spur für Schnitte: fügen Sie zuerst eine hinzu.</translation>
    </message>
    <message>
        <source>add picture</source>
        <translation>Bild hinzufügen</translation>
    </message>
    <message>
        <source>change layer</source>
        <translation>Ebene ändern</translation>
    </message>
    <message>
        <source>drive %1</source>
        <translation>%1 steuern</translation>
    </message>
    <message>
        <source>drop pulse</source>
        <translation>Puls ablegen</translation>
    </message>
    <message>
        <source>drop shot</source>
        <translation>Einstellung ablegen</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>jeder %1</translation>
    </message>
    <message>
        <source>every second %1</source>
        <translation>jeder zweite %1</translation>
    </message>
    <message>
        <source>place layer</source>
        <translation>Ebene platzieren</translation>
    </message>
    <message>
        <source>set word</source>
        <translation>Wort setzen</translation>
    </message>
    <message>
        <source>use composition</source>
        <translation>Komposition verwenden</translation>
    </message>
    <message>
        <source>“%1” drives %2</source>
        <translation>„%1“ steuert %2</translation>
    </message>
    <message>
        <source>“%1” from %2 to %3; each of its layers and lanes can be changed</source>
        <translation>„%1“ von %2 bis %3; jede Ebene und Spur davon ist änderbar</translation>
    </message>
    <message>
        <source>“%1” is there no more.</source>
        <translation>„%1“ gibt es nicht mehr.</translation>
    </message>
</context>
<context>
    <name>pulsepin::DropShot</name>
    <message>
        <source>Drop it on another shot: they swap, with Ctrl it is replaced</source>
        <translation>Auf einer anderen Einstellung abgelegt, tauschen beide; mit Strg wird sie ersetzt</translation>
    </message>
    <message>
        <source>Replaces this shot</source>
        <translation>Ersetzt diese Einstellung</translation>
    </message>
    <message>
        <source>The two shots swap</source>
        <translation>Die beiden Einstellungen tauschen</translation>
    </message>
    <message>
        <source>replace shot</source>
        <translation>Einstellung ersetzen</translation>
    </message>
    <message>
        <source>swap shots</source>
        <translation>Einstellungen tauschen</translation>
    </message>
</context>
<context>
    <name>pulsepin::ErrorPlot</name>
    <message numerus="yes">
        <source>%n pins, %1 beyond the limit</source>
        <translation><numerusform>%n Pin, %1 jenseits der Grenze</numerusform><numerusform>%n Pins, %1 jenseits der Grenze</numerusform></translation>
    </message>
    <message>
        <source>Distances from the beat</source>
        <translation>Abstände vom Beat</translation>
    </message>
    <message>
        <source>nothing on the beats yet</source>
        <translation>noch nichts auf den Beats</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExportPanel</name>
    <message>
        <source>%1 copied, ready to be pasted: %2 characters</source>
        <translation>%1 kopiert, bereit zum Einfügen: %2 Zeichen</translation>
    </message>
    <message>
        <source>%1 films in work</source>
        <translation>%1 Filme in Arbeit</translation>
    </message>
    <message>
        <source>%1 of %2 formats written into %3</source>
        <translation>%1 von %2 Formaten geschrieben nach %3</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>%1 written</source>
        <translation>%1 geschrieben</translation>
    </message>
    <message numerus="yes">
        <source>%n files written</source>
        <translation><numerusform>%n Datei geschrieben</numerusform><numerusform>%n Dateien geschrieben</numerusform></translation>
    </message>
    <message>
        <source>A picture of this frame, or of all shots</source>
        <translation>Ein Bild dieses Frames oder aller Einstellungen</translation>
    </message>
    <message>
        <source>All formats that have something to write, at once; Ctrl+Shift+E writes them again</source>
        <translation>Alle Formate, die etwas zu schreiben haben, auf einmal; Strg+Umschalt+E schreibt sie erneut</translation>
    </message>
    <message>
        <source>All into a folder…</source>
        <translation>Alle in einen Ordner…</translation>
    </message>
    <message>
        <source>Bar sheets and exposure sheets to print</source>
        <translation>Takt- und Belichtungsblätter zum Drucken</translation>
    </message>
    <message>
        <source>Contact sheet…</source>
        <translation>Kontaktbogen…</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Copying %1</source>
        <translation>Kopiere %1</translation>
    </message>
    <message>
        <source>Cuts, markers, words and curves in open formats</source>
        <translation>Schnitte, Marker, Wörter und Kurven in offenen Formaten</translation>
    </message>
    <message>
        <source>Data files</source>
        <translation>Datendateien</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Export</translation>
    </message>
    <message>
        <source>Files are there already</source>
        <translation>Dateien sind schon da</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Nothing was copied</source>
        <translation>Nichts wurde kopiert</translation>
    </message>
    <message>
        <source>Nothing was written</source>
        <translation>Nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>Options…</source>
        <translation>Optionen…</translation>
    </message>
    <message>
        <source>Puts the text where other programs paste from</source>
        <translation>Legt den Text dorthin, woher andere Programme einfügen</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>Blätter</translation>
    </message>
    <message>
        <source>Still…</source>
        <translation>Standbild…</translation>
    </message>
    <message>
        <source>The folder holds %1 of these names. Nothing else in it is touched.</source>
        <translation>Der Ordner enthält %1 dieser Namen. Sonst wird nichts darin angerührt.</translation>
    </message>
    <message>
        <source>The piece as a video, as pictures or as sound</source>
        <translation>Das Stück als Video, als Bilder oder als Ton</translation>
    </message>
    <message>
        <source>What formats hold</source>
        <translation>Was Formate enthalten</translation>
    </message>
    <message>
        <source>What is written and how; it is remembered</source>
        <translation>Was geschrieben wird und wie; es wird gemerkt</translation>
    </message>
    <message>
        <source>Writes a .%1 file</source>
        <translation>Schreibt eine .%1-Datei</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>Schreibe %1…</translation>
    </message>
    <message>
        <source>Writing all formats</source>
        <translation>Schreibe alle Formate</translation>
    </message>
    <message>
        <source>Writing into %1…</source>
        <translation>Schreibe in %1…</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>a film in work</source>
        <translation>ein Film in Arbeit</translation>
    </message>
    <message>
        <source>edit list and more</source>
        <translation>Schnittliste und mehr</translation>
    </message>
    <message>
        <source>nothing to write yet</source>
        <translation>noch nichts zu schreiben</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExposureForm</name>
    <message>
        <source>After this one they begin anew</source>
        <translation>Nach dieser beginnen sie von vorn</translation>
    </message>
    <message>
        <source>How they go on</source>
        <translation>Wie sie weitergehen</translation>
    </message>
    <message>
        <source>The first drawing; a number goes on from each place to the next</source>
        <translation>Die erste Zeichnung; von Ort zu Ort zählt die Nummer weiter</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>rückwärts</translation>
    </message>
    <message>
        <source>drawings %1 to %2</source>
        <translation>Zeichnungen %1 bis %2</translation>
    </message>
    <message>
        <source>drawings from</source>
        <translation>Zeichnungen ab</translation>
    </message>
    <message>
        <source>drawings from %1</source>
        <translation>Zeichnungen ab %1</translation>
    </message>
    <message>
        <source>going</source>
        <translation>Richtung</translation>
    </message>
    <message>
        <source>no end</source>
        <translation>kein Ende</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>vorwärts</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>hin und her</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExposuresPage</name>
    <message>
        <source> frames</source>
        <translation> Bilder</translation>
    </message>
    <message>
        <source> · %1 held longer than their places would let them</source>
        <translation> · %1 länger gehalten, als ihr Platz erlaubt</translation>
    </message>
    <message>
        <source> · shapes of a mouth</source>
        <translation> · Formen des Mundes</translation>
    </message>
    <message>
        <source>%1 drawings in %2 places</source>
        <translation>%1 Zeichnungen an %2 Orten</translation>
    </message>
    <message>
        <source>A lane of drawings more</source>
        <translation>Eine weitere Spur für Zeichnungen</translation>
    </message>
    <message>
        <source>A layer that shows the drawings: the numbered pictures of a sequence</source>
        <translation>Eine Ebene, die die Zeichnungen zeigt: die nummerierten Bilder einer Folge</translation>
    </message>
    <message>
        <source>A marker where each drawing begins</source>
        <translation>Ein Marker, wo jede Zeichnung beginnt</translation>
    </message>
    <message>
        <source>Add numbered pictures first (stop Song)</source>
        <translation>Fügen Sie zuerst nummerierte Bilder hinzu (Schritt Song)</translation>
    </message>
    <message>
        <source>Add pictures first (stop Song)</source>
        <translation>Fügen Sie zuerst Bilder hinzu (Schritt Song)</translation>
    </message>
    <message>
        <source>From each place to the next the drawings run, %1 frames each</source>
        <translation>Von jedem Ort bis zum nächsten laufen die Zeichnungen, je %1 Bilder</translation>
    </message>
    <message>
        <source>How they go on</source>
        <translation>Wie sie weitergehen</translation>
    </message>
    <message>
        <source>In a layer</source>
        <translation>In Ebene</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>Mouth shapes</source>
        <translation>Mundformen</translation>
    </message>
    <message>
        <source>New lane</source>
        <translation>Neue Spur</translation>
    </message>
    <message>
        <source>No drawing is held shorter: shorter ones are lengthened</source>
        <translation>Keine Zeichnung wird kürzer gehalten: kürzere werden verlängert</translation>
    </message>
    <message>
        <source>No lane of drawings yet: make one, tap a rhythm (T), or place drawings on chosen beats (stop Place)</source>
        <translation>Noch keine Spur für Zeichnungen: legen Sie eine an, tippen Sie einen Rhythmus (T), oder setzen Sie Zeichnungen auf gewählte Beats (Schritt Setzen)</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>Nummerieren</translation>
    </message>
    <message>
        <source>One drawing from each place to the next</source>
        <translation>Eine Zeichnung von jedem Ort bis zum nächsten</translation>
    </message>
    <message>
        <source>Picture of it</source>
        <translation>Bild dazu</translation>
    </message>
    <message>
        <source>Place taps</source>
        <translation>Tipps setzen</translation>
    </message>
    <message>
        <source>Select a drawing first</source>
        <translation>Wählen Sie zuerst eine Zeichnung aus</translation>
    </message>
    <message>
        <source>Table…</source>
        <translation>Tabelle…</translation>
    </message>
    <message>
        <source>The first drawing</source>
        <translation>Die erste Zeichnung</translation>
    </message>
    <message>
        <source>The lane of drawings that is edited</source>
        <translation>Die Spur für Zeichnungen, die bearbeitet wird</translation>
    </message>
    <message>
        <source>The last one; below the first it counts down</source>
        <translation>Die letzte; kleiner als die erste zählt sie abwärts</translation>
    </message>
    <message>
        <source>The rhythm that was tapped last (T), from the playhead on: a drawing for each tap</source>
        <translation>Der zuletzt getippte Rhythmus (T), ab dem Abspielkopf: eine Zeichnung je Tipp</translation>
    </message>
    <message>
        <source>The selected drawings, or all of the lane, get these numbers one after the other</source>
        <translation>Die ausgewählten Zeichnungen oder alle der Spur bekommen diese Nummern der Reihe nach</translation>
    </message>
    <message>
        <source>The sounds of the words that are set become shapes of a mouth, each tied to its word</source>
        <translation>Die Laute der gesetzten Wörter werden Formen eines Mundes, jede an ihr Wort gebunden</translation>
    </message>
    <message>
        <source>They begin anew when they are over</source>
        <translation>Sie beginnen von vorn, wenn sie zu Ende sind</translation>
    </message>
    <message>
        <source>What the selected drawing looks like, where it has a name and no number</source>
        <translation>Wie die ausgewählte Zeichnung aussieht, wenn sie einen Namen und keine Nummer hat</translation>
    </message>
    <message>
        <source>Which sounds have which shape</source>
        <translation>Welche Laute welche Form haben</translation>
    </message>
    <message>
        <source>again</source>
        <translation>erneut</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>rückwärts</translation>
    </message>
    <message>
        <source>from </source>
        <translation>von </translation>
    </message>
    <message>
        <source>hold</source>
        <translation>halten</translation>
    </message>
    <message>
        <source>hold drawings</source>
        <translation>Zeichnungen halten</translation>
    </message>
    <message>
        <source>layer of drawings</source>
        <translation>Ebene der Zeichnungen</translation>
    </message>
    <message>
        <source>least </source>
        <translation>mindestens </translation>
    </message>
    <message>
        <source>least hold</source>
        <translation>kürzeste Dauer</translation>
    </message>
    <message>
        <source>number drawings</source>
        <translation>Zeichnungen nummerieren</translation>
    </message>
    <message>
        <source>on fours</source>
        <translation>auf Vierern</translation>
    </message>
    <message>
        <source>on ones</source>
        <translation>auf Einern</translation>
    </message>
    <message>
        <source>on threes</source>
        <translation>auf Dreiern</translation>
    </message>
    <message>
        <source>on twos</source>
        <translation>auf Zweiern</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>vorwärts</translation>
    </message>
    <message>
        <source>picture of drawing</source>
        <translation>Bild der Zeichnung</translation>
    </message>
    <message>
        <source>to </source>
        <translation>bis </translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>hin und her</translation>
    </message>
    <message>
        <source>until next</source>
        <translation>bis nächste</translation>
    </message>
</context>
<context>
    <name>pulsepin::FeedTable</name>
    <message>
        <source>%1 keys instead of %2, at most %3 %4 off</source>
        <translation>%1 Keys statt %2, höchstens %3 %4 daneben</translation>
    </message>
    <message>
        <source>%1 keys, one each frame</source>
        <translation>%1 Keys, einer je Bild</translation>
    </message>
    <message>
        <source>%1, a key each frame</source>
        <translation>%1, ein Key je Bild</translation>
    </message>
    <message>
        <source>%1, as few as need be…</source>
        <translation>%1, so wenige wie nötig…</translation>
    </message>
    <message>
        <source>%1. Click to choose another</source>
        <translation>%1. Klick wählt etwas anderes</translation>
    </message>
    <message>
        <source>%1: only for exporting. Click to choose what it drives in the picture</source>
        <translation>%1: nur für den Export. Klick wählt, was im Bild gesteuert wird</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>2 bis 3 Bilder für weiche Bewegungen</translation>
    </message>
    <message>
        <source>Acts %1 before the lane</source>
        <translation>Wirkt %1 vor der Spur</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Addieren</translation>
    </message>
    <message>
        <source>Added to the value that is there</source>
        <translation>Zum Wert addiert, der da ist</translation>
    </message>
    <message>
        <source>As high as this, or higher</source>
        <translation>So hoch oder höher</translation>
    </message>
    <message>
        <source>Automatic: the first lane replaces it, others are added</source>
        <translation>Automatisch: die erste Spur ersetzt ihn, andere kommen dazu</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>Common practice, for pictures at 24 fps</source>
        <translation>Übliche Praxis bei Bildern mit 24 fps</translation>
    </message>
    <message>
        <source>Counted from each appearance</source>
        <translation>Gezählt ab jedem Erscheinen</translation>
    </message>
    <message>
        <source>Counted from each appearance of the layer</source>
        <translation>Gezählt ab jedem Erscheinen der Ebene</translation>
    </message>
    <message>
        <source>Cut off at %1 and %2</source>
        <translation>Bei %1 und %2 abgeschnitten</translation>
    </message>
    <message>
        <source>Cut off at its limits</source>
        <translation>An seinen Grenzen abgeschnitten</translation>
    </message>
    <message>
        <source>Feed another…</source>
        <translation>Mehr steuern…</translation>
    </message>
    <message>
        <source>Frames that this property acts before the lane</source>
        <translation>Bilder, die diese Eigenschaft vor der Spur wirkt</translation>
    </message>
    <message>
        <source>Freeze</source>
        <translation>Einfrieren</translation>
    </message>
    <message>
        <source>Freeze to keys</source>
        <translation>Zu Keys einfrieren</translation>
    </message>
    <message>
        <source>Freeze, a key each frame</source>
        <translation>Einfrieren, ein Key je Bild</translation>
    </message>
    <message>
        <source>Freeze, as few keys as need be…</source>
        <translation>Einfrieren, so wenige Keys wie nötig…</translation>
    </message>
    <message>
        <source>How far the keys may be from the curve, in %1</source>
        <translation>Wie weit die Keys von der Kurve abliegen dürfen, in %1</translation>
    </message>
    <message>
        <source>Instead of the value that is there</source>
        <translation>Statt des Werts, der da ist</translation>
    </message>
    <message>
        <source>Its name where the keys go</source>
        <translation>Ihr Name dort, wohin die Keys gehen</translation>
    </message>
    <message>
        <source>Its peaks as markers…</source>
        <translation>Ihre Spitzen als Marker…</translation>
    </message>
    <message>
        <source>Its value where the curve is 0; higher than the other end inverts it</source>
        <translation>Sein Wert, wo die Kurve 0 ist; höher als das andere Ende kehrt sie um</translation>
    </message>
    <message>
        <source>Its value where the curve is 1</source>
        <translation>Sein Wert, wo die Kurve 1 ist</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>Lead of its own…</source>
        <translation>Eigener Vorlauf…</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>Grenzen</translation>
    </message>
    <message>
        <source>Limits, lead of its own, freezing, removing</source>
        <translation>Grenzen, eigener Vorlauf, Einfrieren, Entfernen</translation>
    </message>
    <message>
        <source>Limits…</source>
        <translation>Grenzen…</translation>
    </message>
    <message>
        <source>More of this feed</source>
        <translation>Mehr zu dieser Steuerung</translation>
    </message>
    <message>
        <source>Multiply</source>
        <translation>Multiplizieren</translation>
    </message>
    <message>
        <source>Never higher than</source>
        <translation>Nie größer als</translation>
    </message>
    <message>
        <source>Never lower than</source>
        <translation>Nie kleiner als</translation>
    </message>
    <message>
        <source>None in turn</source>
        <translation>Keine Reihe</translation>
    </message>
    <message>
        <source>Nothing in the picture</source>
        <translation>Nichts im Bild</translation>
    </message>
    <message>
        <source>One more, to be taken in turn with each pin…</source>
        <translation>Eine weitere, mit jedem Pin die nächste…</translation>
    </message>
    <message>
        <source>Only a name, for exporting…</source>
        <translation>Nur ein Name, für den Export…</translation>
    </message>
    <message>
        <source>Peaks as markers</source>
        <translation>Spitzen als Marker</translation>
    </message>
    <message>
        <source>Property</source>
        <translation>Eigenschaft</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Swap ends</source>
        <translation>Enden tauschen</translation>
    </message>
    <message>
        <source>The curve is still being computed</source>
        <translation>Die Kurve wird noch berechnet</translation>
    </message>
    <message>
        <source>The lane's first pin lies where each appearance of the layer begins</source>
        <translation>Der erste Pin der Spur liegt, wo jedes Erscheinen der Ebene beginnt</translation>
    </message>
    <message>
        <source>The same curve drives one more property, through a range of its own</source>
        <translation>Dieselbe Kurve steuert eine weitere Eigenschaft, mit eigenem Bereich</translation>
    </message>
    <message>
        <source>Times the value that is there</source>
        <translation>Mal dem Wert, der da ist</translation>
    </message>
    <message>
        <source>Usual lead: %1</source>
        <translation>Üblicher Vorlauf: %1</translation>
    </message>
    <message>
        <source>What is driven</source>
        <translation>Was gesteuert wird</translation>
    </message>
    <message>
        <source>Where a value is set already</source>
        <translation>Wo schon ein Wert steht</translation>
    </message>
    <message>
        <source>Where the curve is 0…</source>
        <translation>Wo die Kurve 0 ist…</translation>
    </message>
    <message>
        <source>Where the curve is 1…</source>
        <translation>Wo die Kurve 1 ist…</translation>
    </message>
    <message>
        <source>Writes the curve down as keys, on a lane of their own</source>
        <translation>Schreibt die Kurve als Keys auf eine eigene Spur</translation>
    </message>
    <message>
        <source>add colour</source>
        <translation>Farbe hinzufügen</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>Farbe ändern</translation>
    </message>
    <message>
        <source>change how values meet</source>
        <translation>ändern, wie Werte zusammenkommen</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>Vorlauf ändern</translation>
    </message>
    <message>
        <source>change limits</source>
        <translation>Grenzen ändern</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>Bereich ändern</translation>
    </message>
    <message>
        <source>choose what is driven</source>
        <translation>wählen, was gesteuert wird</translation>
    </message>
    <message>
        <source>count from appearances</source>
        <translation>ab dem Erscheinen zählen</translation>
    </message>
    <message>
        <source>cut off</source>
        <translation>abgeschnitten</translation>
    </message>
    <message>
        <source>feed another</source>
        <translation>mehr steuern</translation>
    </message>
    <message>
        <source>freeze to keys</source>
        <translation>zu Keys einfrieren</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>mark peaks</source>
        <translation>Spitzen markieren</translation>
    </message>
    <message>
        <source>no colours in turn</source>
        <translation>keine Farben der Reihe nach</translation>
    </message>
    <message>
        <source>remove feed</source>
        <translation>Steuerung entfernen</translation>
    </message>
    <message>
        <source>swap ends</source>
        <translation>Enden tauschen</translation>
    </message>
    <message>
        <source>usual: %1</source>
        <translation>üblich: %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::FileCommands</name>
    <message numerus="yes">
        <source>
and %n more</source>
        <translation><numerusform>
und %n weitere</numerusform><numerusform>
und %n weitere</numerusform></translation>
    </message>
    <message>
        <source>%1

It stays in %2</source>
        <translation>%1

Sie bleibt in %2</translation>
    </message>
    <message>
        <source>%1; lines not understood: %2</source>
        <translation>%1; nicht verstandene Zeilen: %2</translation>
    </message>
    <message>
        <source>A new piece from %1: save it under its own name</source>
        <translation>Ein neues Stück aus %1: speichern Sie es unter eigenem Namen</translation>
    </message>
    <message>
        <source>Add a folder of shots</source>
        <translation>Ordner mit Einstellungen hinzufügen</translation>
    </message>
    <message>
        <source>Add a folder of shots…</source>
        <translation>Ordner mit Einstellungen hinzufügen…</translation>
    </message>
    <message>
        <source>Add shots</source>
        <translation>Einstellungen hinzufügen</translation>
    </message>
    <message>
        <source>Add shots…</source>
        <translation>Einstellungen hinzufügen…</translation>
    </message>
    <message>
        <source>Add sound; several are parts of the song</source>
        <translation>Ton hinzufügen; mehrere sind Teile des Songs</translation>
    </message>
    <message>
        <source>All formats into a folder</source>
        <translation>Alle Formate in einen Ordner</translation>
    </message>
    <message>
        <source>Another window could not be opened</source>
        <translation>Ein weiteres Fenster ließ sich nicht öffnen</translation>
    </message>
    <message>
        <source>Ask again next time</source>
        <translation>Nächstes Mal fragen</translation>
    </message>
    <message>
        <source>Back to work</source>
        <translation>Zurück zur Arbeit</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Holen</translation>
    </message>
    <message>
        <source>Bring in cuts and markers</source>
        <translation>Schnitte und Marker holen</translation>
    </message>
    <message>
        <source>Bring in cuts and markers…</source>
        <translation>Schnitte und Marker holen…</translation>
    </message>
    <message>
        <source>Bring in “%1”</source>
        <translation>„%1“ holen</translation>
    </message>
    <message>
        <source>Close, keep a copy</source>
        <translation>Schließen, Kopie aufheben</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Do not open</source>
        <translation>Nicht öffnen</translation>
    </message>
    <message>
        <source>Files outside of the project’s folder</source>
        <translation>Dateien außerhalb des Projektordners</translation>
    </message>
    <message>
        <source>Find the cuts of %1</source>
        <translation>Schnitte von %1 finden</translation>
    </message>
    <message>
        <source>It goes on as soon as it is saved. Or save it into another folder, which waits for nothing: File, Save as.</source>
        <translation>Es geht weiter, sobald gespeichert ist. Oder speichern Sie in einen anderen Ordner, das wartet auf nichts: Datei, Speichern unter.</translation>
    </message>
    <message>
        <source>Lists, finished films, sound with chapters (%1);;All files (*)</source>
        <translation>Listen, fertige Filme, Ton mit Kapiteln (%1);;Alle Dateien (*)</translation>
    </message>
    <message numerus="yes">
        <source>Look at %n files</source>
        <translation><numerusform>%n Datei ansehen</numerusform><numerusform>%n Dateien ansehen</numerusform></translation>
    </message>
    <message>
        <source>Look at both</source>
        <translation>Beide ansehen</translation>
    </message>
    <message>
        <source>New from a template…</source>
        <translation>Neu aus einer Vorlage…</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>Neues Projekt</translation>
    </message>
    <message>
        <source>No copy could be kept: free some space on this computer, or wait for the folder.</source>
        <translation>Es konnte keine Kopie aufgehoben werden: Platz auf diesem Rechner schaffen oder auf den Ordner warten.</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>OK</translation>
    </message>
    <message>
        <source>On which song?</source>
        <translation>Auf welchem Song?</translation>
    </message>
    <message>
        <source>Open beats…</source>
        <translation>Beats öffnen…</translation>
    </message>
    <message>
        <source>Open project</source>
        <translation>Projekt öffnen</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>Projekt öffnen…</translation>
    </message>
    <message>
        <source>Open song</source>
        <translation>Song öffnen</translation>
    </message>
    <message>
        <source>Open song…</source>
        <translation>Song öffnen…</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Öffne %1</translation>
    </message>
    <message>
        <source>Pulse Pin projects (*.pulsepin)</source>
        <translation>Projekte von Pulse Pin (*.pulsepin)</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>Beenden</translation>
    </message>
    <message>
        <source>Read them</source>
        <translation>Lesen</translation>
    </message>
    <message>
        <source>Reading %1 takes a while. It is opened as soon as it is there.</source>
        <translation>%1 zu lesen dauert eine Weile. Es wird geöffnet, sobald es da ist.</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>Letzte Projekte</translation>
    </message>
    <message>
        <source>Recover</source>
        <translation>Wiederherstellen</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>Ersetzen</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter…</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>Projekt speichern</translation>
    </message>
    <message>
        <source>Sound and video (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif *.aiff *.wma *.mp4 *.mov *.mkv *.webm);;All files (*)</source>
        <translation>Ton und Video (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif *.aiff *.wma *.mp4 *.mov *.mkv *.webm);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Still saving</source>
        <translation>Speichern dauert noch</translation>
    </message>
    <message>
        <source>The file was changed</source>
        <translation>Die Datei wurde geändert</translation>
    </message>
    <message>
        <source>The window closes as soon as it is saved. Or leave it now: a copy is kept on this computer, and offered when Pulse Pin is started the next time.</source>
        <translation>Das Fenster schließt sich, sobald gespeichert ist. Oder jetzt gehen: Eine Kopie bleibt auf diesem Rechner und wird beim nächsten Start von Pulse Pin angeboten.</translation>
    </message>
    <message>
        <source>This copy cannot be opened</source>
        <translation>Diese Kopie lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>This part of the template has no place in the song:</source>
        <translation>Dieser Teil der Vorlage hat im Song keinen Platz:</translation>
    </message>
    <message>
        <source>This project reads files that do not lie beside it. Read them only if you know where the project comes from.
</source>
        <translation>Dieses Projekt liest Dateien, die nicht neben ihm liegen. Lesen Sie sie nur, wenn Sie wissen, woher das Projekt kommt.
</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>Ungespeicherte Arbeit</translation>
    </message>
    <message>
        <source>Unsaved work on %1 from %2 was kept and can be recovered.</source>
        <translation>Ungespeicherte Arbeit an %1 vom %2 wurde aufgehoben und lässt sich wiederherstellen.</translation>
    </message>
    <message>
        <source>Video and pictures (%1 %2);;All files (*)</source>
        <translation>Video und Bilder (%1 %2);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>WAV or FLAC (*.wav *.flac)</source>
        <translation>WAV oder FLAC (*.wav *.flac)</translation>
    </message>
    <message>
        <source>What found no place</source>
        <translation>Was keinen Platz fand</translation>
    </message>
    <message>
        <source>Which lane:</source>
        <translation>Welche Spur:</translation>
    </message>
    <message>
        <source>Which project is the template?</source>
        <translation>Welches Projekt ist die Vorlage?</translation>
    </message>
    <message>
        <source>Work to recover</source>
        <translation>Arbeit wiederherstellen</translation>
    </message>
    <message>
        <source>Write all formats again</source>
        <translation>Alle Formate erneut schreiben</translation>
    </message>
    <message>
        <source>Write as WAV or FLAC</source>
        <translation>Als WAV oder FLAC schreiben</translation>
    </message>
    <message>
        <source>an untitled project</source>
        <translation>einem Projekt ohne Titel</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation><numerusform>und %n weiterer</numerusform><numerusform>und %n weitere</numerusform></translation>
    </message>
    <message>
        <source>bring in list</source>
        <translation>Liste holen</translation>
    </message>
    <message>
        <source>change text of keys</source>
        <translation>Text der Keys ändern</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>untitled.pulsepin</source>
        <translation>ohne Titel.pulsepin</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>„%1“ hat Änderungen, die nicht gespeichert sind.</translation>
    </message>
    <message>
        <source>“%1” is still being saved: its folder does not answer.</source>
        <translation>„%1“ wird noch gespeichert: Sein Ordner antwortet nicht.</translation>
    </message>
    <message>
        <source>“%1” was changed by another program or window since it was opened here. Saving would replace what was done there.</source>
        <translation>„%1“ wurde von einem anderen Programm oder Fenster geändert, seit sie hier geöffnet ist. Speichern würde ersetzen, was dort getan wurde.</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmCard</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 · %2 of %3 · %4 fps</source>
        <translation>%1 · %2 von %3 · %4 fps</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Gives the film up; nothing stays of it</source>
        <translation>Gibt den Film auf; nichts bleibt davon</translation>
    </message>
    <message>
        <source>Leaves the machine free until it goes on</source>
        <translation>Lässt den Rechner frei, bis es weitergeht</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Resume</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>paused at frame %1 of %2</source>
        <translation>angehalten bei Bild %1 von %2</translation>
    </message>
    <message>
        <source>the sound is made</source>
        <translation>der Ton entsteht</translation>
    </message>
    <message numerus="yes">
        <source>waiting · %n frames</source>
        <translation><numerusform>wartet · %n Bild</numerusform><numerusform>wartet · %n Bilder</numerusform></translation>
    </message>
    <message>
        <source>waiting, paused</source>
        <translation>wartet, angehalten</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmCommands</name>
    <message>
        <source>%1 is written</source>
        <translation>%1 ist geschrieben</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>A film is being made. It is given up when the window closes; nothing stays of it. Close all the same?</source>
        <translation>Ein Film ist in Arbeit. Er wird aufgegeben, wenn das Fenster schließt; nichts bleibt davon. Trotzdem schließen?</translation>
    </message>
    <message>
        <source>A film is in work</source>
        <translation>Ein Film ist in Arbeit</translation>
    </message>
    <message>
        <source>A film of this name is being made: %1. Choose another name</source>
        <translation>Ein Film dieses Namens ist in Arbeit: %1. Wählen Sie einen anderen Namen</translation>
    </message>
    <message>
        <source>Contact sheet</source>
        <translation>Kontaktbogen</translation>
    </message>
    <message>
        <source>Contact sheet of all shots…</source>
        <translation>Kontaktbogen aller Einstellungen…</translation>
    </message>
    <message>
        <source>Render the film</source>
        <translation>Film rendern</translation>
    </message>
    <message>
        <source>Render the film…</source>
        <translation>Film rendern…</translation>
    </message>
    <message>
        <source>Still of this frame</source>
        <translation>Standbild dieses Frames</translation>
    </message>
    <message>
        <source>Still of this frame…</source>
        <translation>Standbild dieses Frames…</translation>
    </message>
    <message>
        <source>The song is not there: the film would be silent. Open it first</source>
        <translation>Der Song ist nicht da: der Film wäre stumm. Öffnen Sie ihn zuerst</translation>
    </message>
    <message>
        <source>There is nothing to render: open a song, or choose another range</source>
        <translation>Es gibt nichts zu rendern: öffnen Sie einen Song, oder wählen Sie einen anderen Bereich</translation>
    </message>
    <message>
        <source>What follows the music is still being computed: render it in a moment</source>
        <translation>Was der Musik folgt, wird noch berechnet: rendern Sie gleich</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmPage</name>
    <message>
        <source> kbit/s</source>
        <translation> kbit/s</translation>
    </message>
    <message>
        <source> · %1 free</source>
        <translation> · %1 frei</translation>
    </message>
    <message>
        <source>%1 GB</source>
        <translation>%1 GB</translation>
    </message>
    <message>
        <source>%1 MB</source>
        <translation>%1 MB</translation>
    </message>
    <message>
        <source>%1 kB</source>
        <translation>%1 kB</translation>
    </message>
    <message numerus="yes">
        <source>%n frames, about %1</source>
        <translation><numerusform>%n Bild, etwa %1</numerusform><numerusform>%n Bilder, etwa %1</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n min left</source>
        <translation><numerusform>noch %n min</numerusform><numerusform>noch %n min</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n s left</source>
        <translation><numerusform>noch %n s</numerusform><numerusform>noch %n s</numerusform></translation>
    </message>
    <message>
        <source>Asks where to write it, and makes it while you go on working</source>
        <translation>Fragt, wohin er geschrieben wird, und erstellt ihn, während Sie weiterarbeiten</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>Leeren</translation>
    </message>
    <message>
        <source>Coded as one, by all cores. Without it the film is larger, and the same to the byte as one that is joined from parts that several machines made</source>
        <translation>In einem kodiert, von allen Kernen. Ohne dies ist der Film größer und aufs Byte derselbe wie einer, der aus Teilen mehrerer Rechner gefügt wird</translation>
    </message>
    <message>
        <source>Draw a range along the bars first</source>
        <translation>Ziehen Sie zuerst einen Bereich über die Takte</translation>
    </message>
    <message>
        <source>How much of the piece the film holds</source>
        <translation>Wie viel des Stücks der Film enthält</translation>
    </message>
    <message>
        <source>How picture and sound are coded</source>
        <translation>Wie Bild und Ton kodiert werden</translation>
    </message>
    <message>
        <source>Nothing in work</source>
        <translation>Nichts in Arbeit</translation>
    </message>
    <message>
        <source>Of sound that is packed</source>
        <translation>Von gepacktem Ton</translation>
    </message>
    <message>
        <source>Of the encoder: a lower number is better and larger (of WebP a higher one)</source>
        <translation>Des Kodierers: kleiner ist besser und größer (bei WebP umgekehrt)</translation>
    </message>
    <message>
        <source>Open a song first</source>
        <translation>Öffnen Sie zuerst einen Song</translation>
    </message>
    <message>
        <source>Pixels; others can be written</source>
        <translation>Pixel; andere können geschrieben werden</translation>
    </message>
    <message>
        <source>Render queue</source>
        <translation>Render-Schlange</translation>
    </message>
    <message>
        <source>Render the film…</source>
        <translation>Film rendern…</translation>
    </message>
    <message>
        <source>Rendering %1 of %2</source>
        <translation>Rendere %1 von %2</translation>
    </message>
    <message>
        <source>Select a shot, or the pins that it begins and ends with</source>
        <translation>Wählen Sie eine Einstellung aus, oder die Pins, zwischen denen er liegt</translation>
    </message>
    <message>
        <source>Takes those that have ended from the list</source>
        <translation>Nimmt beendete aus der Liste</translation>
    </message>
    <message>
        <source>There are no shots</source>
        <translation>Es gibt keine Einstellungen</translation>
    </message>
    <message>
        <source>There is no section under the playhead</source>
        <translation>Unter dem Abspielkopf ist kein Abschnitt</translation>
    </message>
    <message>
        <source>What becomes of the piece where the size has other proportions</source>
        <translation>Was aus dem Stück wird, wenn die Größe andere Proportionen hat</translation>
    </message>
    <message>
        <source>What no layer covers stays transparent, for programs that lay it over something else</source>
        <translation>Was keine Ebene bedeckt, bleibt durchsichtig, für Programme, die es über anderes legen</translation>
    </message>
    <message>
        <source>What the film is for</source>
        <translation>Wofür der Film ist</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>Takt</translation>
    </message>
    <message>
        <source>burn-in</source>
        <translation>Einblendung</translation>
    </message>
    <message>
        <source>drawn range</source>
        <translation>gezogener Bereich</translation>
    </message>
    <message>
        <source>each shot</source>
        <translation>jede Einstellung</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>project size</source>
        <translation>Projektgröße</translation>
    </message>
    <message>
        <source>quality </source>
        <translation>Qualität </translation>
    </message>
    <message>
        <source>range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>safe</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>section here</source>
        <translation>Abschnitt hier</translation>
    </message>
    <message>
        <source>selection</source>
        <translation>Auswahl</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>smaller file, by this machine alone</source>
        <translation>kleinere Datei, allein von diesem Rechner</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>Ton</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>transparent</source>
        <translation>durchsichtig</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmQueue</name>
    <message>
        <source>%1 is written</source>
        <translation>%1 ist geschrieben</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>Rendering %1</source>
        <translation>Rendere %1</translation>
    </message>
    <message>
        <source>cancelled; nothing was written</source>
        <translation>abgebrochen; nichts wurde geschrieben</translation>
    </message>
    <message>
        <source>written</source>
        <translation>geschrieben</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilterSlot</name>
    <message>
        <source>Add a filter…</source>
        <translation>Filter hinzufügen…</translation>
    </message>
    <message>
        <source>Lets only some of the picked positions through; the filters work one after the other</source>
        <translation>Lässt nur einen Teil der gewählten Stellen durch; die Filter wirken nacheinander</translation>
    </message>
    <message>
        <source>No filter</source>
        <translation>Kein Filter</translation>
    </message>
    <message>
        <source>Only those that are</source>
        <translation>Nur die, die</translation>
    </message>
</context>
<context>
    <name>pulsepin::Finder</name>
    <message>
        <source>All</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>Nothing has these words</source>
        <translation>Nichts hat diese Wörter</translation>
    </message>
    <message>
        <source>Other</source>
        <translation>Anderes</translation>
    </message>
    <message>
        <source>Type to find</source>
        <translation>Zum Suchen tippen</translation>
    </message>
    <message>
        <source>Used last</source>
        <translation>Zuletzt verwendet</translation>
    </message>
    <message>
        <source>Words to find by</source>
        <translation>Wörter zum Suchen</translation>
    </message>
</context>
<context>
    <name>pulsepin::FindingTable</name>
    <message>
        <source>Again</source>
        <translation>Wieder</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>Ignorieren</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>error</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>Behebung</translation>
    </message>
    <message>
        <source>how much</source>
        <translation>wie viel</translation>
    </message>
    <message>
        <source>ignored</source>
        <translation>ignoriert</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>Warnung</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>why</source>
        <translation>warum</translation>
    </message>
</context>
<context>
    <name>pulsepin::FollowerBank</name>
    <message>
        <source>Following the music</source>
        <translation>Folge der Musik</translation>
    </message>
</context>
<context>
    <name>pulsepin::FollowerPage</name>
    <message>
        <source>Acts before the one above</source>
        <translation>Wirkt vor dem darüber</translation>
    </message>
    <message>
        <source>Add a step</source>
        <translation>Schritt hinzufügen</translation>
    </message>
    <message>
        <source>Add a step…</source>
        <translation>Schritt hinzufügen…</translation>
    </message>
    <message>
        <source>Band</source>
        <translation>Band</translation>
    </message>
    <message>
        <source>Click switches it off and on</source>
        <translation>Klick schaltet ihn aus und an</translation>
    </message>
    <message>
        <source>Draws the curve up to this step over the song</source>
        <translation>Zeichnet die Kurve bis zu diesem Schritt über den Song</translation>
    </message>
    <message>
        <source>Driven</source>
        <translation>Gesteuert</translation>
    </message>
    <message>
        <source>Flat: %1</source>
        <translation>Flach: %1</translation>
    </message>
    <message>
        <source>How much lower the peaks of the curve become, and how much later</source>
        <translation>Wie viel niedriger und später die Spitzen der Kurve werden</translation>
    </message>
    <message>
        <source>Its numbers driven by other curves</source>
        <translation>Seine Zahlen von anderen Kurven gesteuert</translation>
    </message>
    <message>
        <source>Of which frequencies</source>
        <translation>Welcher Frequenzen</translation>
    </message>
    <message>
        <source>Only what is followed is heard: its sound, part, side and band</source>
        <translation>Nur das, dem gefolgt wird, ist zu hören: sein Ton, Teil, seine Seite und sein Band</translation>
    </message>
    <message>
        <source>Removes the step</source>
        <translation>Entfernt den Schritt</translation>
    </message>
    <message>
        <source>Shapes the curve further; steps act one after the other</source>
        <translation>Formt die Kurve weiter; Schritte wirken nacheinander</translation>
    </message>
    <message>
        <source>Solo</source>
        <translation>Solo</translation>
    </message>
    <message>
        <source>The curve is being computed</source>
        <translation>Die Kurve wird berechnet</translation>
    </message>
    <message>
        <source>WAV…</source>
        <translation>WAV…</translation>
    </message>
    <message>
        <source>What the curve follows</source>
        <translation>Dem die Kurve folgt</translation>
    </message>
    <message>
        <source>Writes what is followed as a WAV file</source>
        <translation>Schreibt das, dem gefolgt wird, als WAV-Datei</translation>
    </message>
    <message>
        <source>add step</source>
        <translation>Schritt hinzufügen</translation>
    </message>
    <message>
        <source>as it is set</source>
        <translation>wie eingestellt</translation>
    </message>
    <message>
        <source>band: %1</source>
        <translation>Band: %1</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>by %1…</source>
        <translation>von %1…</translation>
    </message>
    <message>
        <source>change band</source>
        <translation>Band ändern</translation>
    </message>
    <message>
        <source>change step</source>
        <translation>Schritt ändern</translation>
    </message>
    <message>
        <source>change what is followed</source>
        <translation>ändern, dem gefolgt wird</translation>
    </message>
    <message>
        <source>choose a lane</source>
        <translation>Spur wählen</translation>
    </message>
    <message>
        <source>drive a number</source>
        <translation>Zahl steuern</translation>
    </message>
    <message>
        <source>from %1 to %2 · 1 becomes %3 %4</source>
        <translation>von %1 bis %2 · 1 wird %3 %4</translation>
    </message>
    <message>
        <source>move step</source>
        <translation>Schritt verschieben</translation>
    </message>
    <message>
        <source>own limits</source>
        <translation>eigene Grenzen</translation>
    </message>
    <message>
        <source>peaks %1 %, %2 ms</source>
        <translation>Spitzen %1 %, %2 ms</translation>
    </message>
    <message>
        <source>remove step</source>
        <translation>Schritt entfernen</translation>
    </message>
    <message>
        <source>switch step</source>
        <translation>Schritt schalten</translation>
    </message>
    <message>
        <source>“%1” where that curve is 0</source>
        <translation>„%1“, wo jene Kurve 0 ist</translation>
    </message>
    <message>
        <source>“%1” where that curve is 1</source>
        <translation>„%1“, wo jene Kurve 1 ist</translation>
    </message>
</context>
<context>
    <name>pulsepin::Gesture</name>
    <message>
        <source>Drag a top of the curve up or down: it stays on its hit · Shift goes slowly</source>
        <translation>Spitze der Kurve nach oben oder unten ziehen: sie bleibt auf ihrem Schlag · Umschalt geht langsam</translation>
    </message>
    <message>
        <source>Drag the level up or down · Shift goes slowly</source>
        <translation>Wert nach oben oder unten ziehen · Umschalt geht langsam</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>Wert %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::GridCommands</name>
    <message>
        <source>%1 beats from %2</source>
        <translation>%1 Beats aus %2</translation>
    </message>
    <message>
        <source>Add a beat here</source>
        <translation>Hier einen Beat hinzufügen</translation>
    </message>
    <message>
        <source>All beats half a beat later</source>
        <translation>Alle Beats einen halben Beat später</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>Immer</translation>
    </message>
    <message>
        <source>Always, near, off in turn</source>
        <translation>Immer, nahe, aus im Wechsel</translation>
    </message>
    <message>
        <source>Beat %1 closely: [ and ] move it by a millisecond, { and } by a frame, \ to the nearest onset · Y goes back</source>
        <translation>Beat %1 genau: [ und ] verschieben ihn um eine Millisekunde, { und } um ein Bild, \ zum nächsten Onset · Y geht zurück</translation>
    </message>
    <message>
        <source>Beat %1 moved by %2 ms</source>
        <translation>Beat %1 um %2 ms verschoben</translation>
    </message>
    <message>
        <source>Beats (%1);;All files (*)</source>
        <translation>Beats (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>Choose a beat in the row “grid” first</source>
        <translation>Wählen Sie zuerst einen Beat in der Zeile „Raster“</translation>
    </message>
    <message>
        <source>Choose the beat before</source>
        <translation>Beat davor wählen</translation>
    </message>
    <message>
        <source>Choose the next beat</source>
        <translation>Nächsten Beat wählen</translation>
    </message>
    <message>
        <source>Delete the chosen beat</source>
        <translation>Gewählten Beat löschen</translation>
    </message>
    <message>
        <source>Every bar agrees with what is heard</source>
        <translation>Jeder Takt passt zum Gehörten</translation>
    </message>
    <message>
        <source>Fit beats between the held ones</source>
        <translation>Beats zwischen den gehaltenen einpassen</translation>
    </message>
    <message>
        <source>Forget remembered tempi</source>
        <translation>Gemerkte Tempi vergessen</translation>
    </message>
    <message>
        <source>Hold the beat, or let it go</source>
        <translation>Beat halten oder loslassen</translation>
    </message>
    <message>
        <source>Listen closely to the beat, or back</source>
        <translation>Den Beat genau hören, oder zurück</translation>
    </message>
    <message>
        <source>Look for beats in the range again</source>
        <translation>Im Bereich wieder Beats suchen</translation>
    </message>
    <message>
        <source>Look for no beats in the range</source>
        <translation>Im Bereich keine Beats suchen</translation>
    </message>
    <message>
        <source>Metre from this bar on</source>
        <translation>Taktart ab diesem Takt</translation>
    </message>
    <message>
        <source>Next uncertain place</source>
        <translation>Nächste unsichere Stelle</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>Aus</translation>
    </message>
    <message>
        <source>Open beats</source>
        <translation>Beats öffnen</translation>
    </message>
    <message>
        <source>Remember this tempo for songs like this</source>
        <translation>Dieses Tempo für solche Songs merken</translation>
    </message>
    <message>
        <source>Snapping</source>
        <translation>Einrasten</translation>
    </message>
    <message>
        <source>Snapping: always</source>
        <translation>Einrasten: immer</translation>
    </message>
    <message>
        <source>Snapping: off</source>
        <translation>Einrasten: aus</translation>
    </message>
    <message>
        <source>Snapping: when near</source>
        <translation>Einrasten: in der Nähe</translation>
    </message>
    <message>
        <source>Tap the beat</source>
        <translation>Den Beat tippen</translation>
    </message>
    <message>
        <source>Tap the first beat of a bar</source>
        <translation>Den ersten Beat eines Takts tippen</translation>
    </message>
    <message>
        <source>The chosen beat a frame earlier</source>
        <translation>Gewählter Beat ein Bild früher</translation>
    </message>
    <message>
        <source>The chosen beat a frame later</source>
        <translation>Gewählter Beat ein Bild später</translation>
    </message>
    <message>
        <source>The chosen beat a millisecond earlier</source>
        <translation>Gewählter Beat eine Millisekunde früher</translation>
    </message>
    <message>
        <source>The chosen beat a millisecond later</source>
        <translation>Gewählter Beat eine Millisekunde später</translation>
    </message>
    <message>
        <source>The chosen beat to the nearest onset</source>
        <translation>Gewählter Beat zum nächsten Onset</translation>
    </message>
    <message>
        <source>There are no beats yet: find them first</source>
        <translation>Es gibt noch keine Beats: suchen Sie sie zuerst</translation>
    </message>
    <message>
        <source>There is no onset within %1 ms</source>
        <translation>Innerhalb von %1 ms ist kein Onset</translation>
    </message>
    <message>
        <source>Uncertain place %1 of %2</source>
        <translation>Unsichere Stelle %1 von %2</translation>
    </message>
    <message>
        <source>When near</source>
        <translation>In der Nähe</translation>
    </message>
    <message>
        <source>move beat</source>
        <translation>Beat verschieben</translation>
    </message>
    <message>
        <source>open beats</source>
        <translation>Beats öffnen</translation>
    </message>
</context>
<context>
    <name>pulsepin::GridPanel</name>
    <message>
        <source> · swing %1 : 1</source>
        <translation> · Swing %1 : 1</translation>
    </message>
    <message>
        <source>%1 BPM · %2</source>
        <translation>%1 BPM · %2</translation>
    </message>
    <message>
        <source>%1 BPM, %2 per cent sure</source>
        <translation>%1 BPM, zu %2 Prozent sicher</translation>
    </message>
    <message>
        <source>%1 beats for %2</source>
        <translation>%1 Beats für %2</translation>
    </message>
    <message>
        <source>%1 beats in %2 bars · %3 BPM on average</source>
        <translation>%1 Beats in %2 Takten · im Mittel %3 BPM</translation>
    </message>
    <message>
        <source>%1 or %2 BPM?</source>
        <translation>%1 oder %2 BPM?</translation>
    </message>
    <message>
        <source>%1 uncertain places</source>
        <translation>%1 unsichere Stellen</translation>
    </message>
    <message>
        <source>%1–%2 BPM</source>
        <translation>%1–%2 BPM</translation>
    </message>
    <message numerus="yes">
        <source>%n pin(s) hang on the beats. Shall they go with their beats, or stay where they are in the song?</source>
        <translation><numerusform>%n Pin hängt an den Beats. Soll er mit seinem Beat gehen oder im Song bleiben, wo er ist?</numerusform><numerusform>%n Pins hängen an den Beats. Sollen sie mit ihren Beats gehen oder im Song bleiben, wo sie sind?</numerusform></translation>
    </message>
    <message>
        <source>+½ beat</source>
        <translation>+½ Beat</translation>
    </message>
    <message>
        <source>All beats %1 ms %2; items follow. With Ctrl: frames</source>
        <translation>Alle Beats %1 ms %2; Pins gehen mit. Mit Strg: Bilder</translation>
    </message>
    <message>
        <source>Another tempo</source>
        <translation>Anderes Tempo</translation>
    </message>
    <message>
        <source>As found</source>
        <translation>Wie gefunden</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>Beats anyway</source>
        <translation>Trotzdem Beats</translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song; the menu has it from one bar on</source>
        <translation>Beats je Takt, für den ganzen Song; das Menü hat es ab einem Takt</translation>
    </message>
    <message>
        <source>Drag over the ruler first, to make a range</source>
        <translation>Ziehen Sie zuerst über das Lineal, um einen Bereich zu machen</translation>
    </message>
    <message>
        <source>Even beats between the held beats around the playhead: as many as fit best, or the number beside</source>
        <translation>Gleichmäßige Beats zwischen den gehaltenen um den Abspielkopf: so viele, wie am besten passen, oder die Zahl daneben</translation>
    </message>
    <message>
        <source>Find the beats</source>
        <translation>Beats suchen</translation>
    </message>
    <message>
        <source>Find the rest</source>
        <translation>Rest suchen</translation>
    </message>
    <message>
        <source>Finds the beats again at about this tempo; items keep their time</source>
        <translation>Sucht die Beats bei etwa diesem Tempo erneut; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>Fit between held</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Found again: %1 beats the same, %2 moved, %3 more, %4 fewer</source>
        <translation>Neu gefunden: %1 Beats gleich, %2 verschoben, %3 mehr, %4 weniger</translation>
    </message>
    <message>
        <source>Goes to the next uncertain place and loops it (D)</source>
        <translation>Geht zur nächsten unsicheren Stelle und wiederholt sie (D)</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>Half as fast; items keep their time</source>
        <translation>Halb so schnell; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>How fast the beats may come, when you know it</source>
        <translation>Wie schnell die Beats kommen dürfen, wenn Sie es wissen</translation>
    </message>
    <message>
        <source>How many beats between the held ones</source>
        <translation>Wie viele Beats zwischen den gehaltenen</translation>
    </message>
    <message>
        <source>How many beats from one held beat to the next; best: found out from the onsets</source>
        <translation>Wie viele Beats von einem gehaltenen zum nächsten; beste: aus den Onsets ermittelt</translation>
    </message>
    <message>
        <source>Keep beats</source>
        <translation>Beats behalten</translation>
    </message>
    <message>
        <source>Keep times</source>
        <translation>Zeiten behalten</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Listens to the song for tempo, beats, bars and onsets (Ctrl+D)</source>
        <translation>Hört den Song auf Tempo, Beats, Takte und Onsets ab (Strg+D)</translation>
    </message>
    <message>
        <source>Looks for the beats again; held beats, metre and excluded stretches stay. Nothing changes before you take it (Ctrl+D)</source>
        <translation>Sucht die Beats erneut; gehaltene Beats, Taktart und ausgenommene Strecken bleiben. Nichts ändert sich, bevor Sie es übernehmen (Strg+D)</translation>
    </message>
    <message>
        <source>Next uncertain</source>
        <translation>Unsichere</translation>
    </message>
    <message>
        <source>No pulse was found. Type a tempo, or tap along with T.</source>
        <translation>Kein Puls gefunden. Tippen Sie ein Tempo ein, oder tippen Sie mit T mit.</translation>
    </message>
    <message>
        <source>Not sure: %1 or %2 BPM? Listen with the click, and press the right one.</source>
        <translation>Nicht sicher: %1 oder %2 BPM? Hören Sie mit Klick, und drücken Sie das richtige.</translation>
    </message>
    <message>
        <source>Not sure: on these beats, or between them? Listen with the click; +½ beat moves them.</source>
        <translation>Nicht sicher: auf diesen Beats oder dazwischen? Hören Sie mit Klick; +½ Beat verschiebt sie.</translation>
    </message>
    <message>
        <source>Nothing was detected yet.</source>
        <translation>Noch wurde nichts erkannt.</translation>
    </message>
    <message>
        <source>Onsets</source>
        <translation>Onsets</translation>
    </message>
    <message>
        <source>Open a song first.</source>
        <translation>Öffnen Sie zuerst einen Song.</translation>
    </message>
    <message>
        <source>Put the grid on the beat</source>
        <translation>Das Raster auf den Beat bringen</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Takes the grid as it was detected; corrections can be had back with Undo</source>
        <translation>Nimmt das Raster, wie es erkannt wurde; Berichtigungen holt Rückgängig zurück</translation>
    </message>
    <message>
        <source>Tempo in beats a minute</source>
        <translation>Tempo in Beats je Minute</translation>
    </message>
    <message>
        <source>Tempo range</source>
        <translation>Tempobereich</translation>
    </message>
    <message>
        <source>Tempo, bars and phase of the grid</source>
        <translation>Tempo, Takte und Phase des Rasters</translation>
    </message>
    <message>
        <source>The beat nearest to the playhead becomes bar 1, beat 1; items keep their time (B)</source>
        <translation>Der Beat am Abspielkopf wird Takt 1, Beat 1; Pins behalten ihre Zeit (B)</translation>
    </message>
    <message>
        <source>The beats found again become the grid; items keep their time</source>
        <translation>Die neu gefundenen Beats werden das Raster; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>The grid stays as it is</source>
        <translation>Das Raster bleibt, wie es ist</translation>
    </message>
    <message>
        <source>The likeliest beats of this sound, though it does not seem to have any</source>
        <translation>Die wahrscheinlichsten Beats dieses Tons, obwohl er keine zu haben scheint</translation>
    </message>
    <message>
        <source>The rows of onsets, and how they are found</source>
        <translation>Die Zeilen mit Onsets, und wie sie gefunden werden</translation>
    </message>
    <message>
        <source>The same beats, but bars of %1 seem to begin where beat %2 is now</source>
        <translation>Dieselben Beats, aber %1er-Takte scheinen zu beginnen, wo jetzt Beat %2 ist</translation>
    </message>
    <message>
        <source>Three beats where two are; items keep their time</source>
        <translation>Drei Beats, wo zwei sind; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>Twice as fast; items keep their time</source>
        <translation>Doppelt so schnell; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>Two beats where three are; items keep their time</source>
        <translation>Zwei Beats, wo drei sind; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>Type a tempo, or drag it sideways, to stretch the grid about bar 1; without a grid it makes a steady one</source>
        <translation>Tempo tippen oder seitwärts ziehen, um das Raster um Takt 1 zu strecken; ohne Raster entsteht ein gleichmäßiges</translation>
    </message>
    <message>
        <source>What starts when</source>
        <translation>Was wann beginnt</translation>
    </message>
    <message>
        <source>What was taken for beats lies between them: all beats half a beat later; items follow</source>
        <translation>Was für Beats galt, liegt zwischen ihnen: alle Beats einen halben später; Pins gehen mit</translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation>jedes Tempo</translation>
    </message>
    <message>
        <source>bar 1</source>
        <translation>Takt 1</translation>
    </message>
    <message>
        <source>best</source>
        <translation>beste</translation>
    </message>
    <message>
        <source>change metre from here</source>
        <translation>Taktart ab hier ändern</translation>
    </message>
    <message>
        <source>double tempo</source>
        <translation>Tempo verdoppeln</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>früher</translation>
    </message>
    <message>
        <source>exclude range from finding beats</source>
        <translation>Bereich von der Suche ausnehmen</translation>
    </message>
    <message>
        <source>half a beat later?</source>
        <translation>halben Beat später?</translation>
    </message>
    <message>
        <source>halve tempo</source>
        <translation>Tempo halbieren</translation>
    </message>
    <message>
        <source>here</source>
        <translation>hier</translation>
    </message>
    <message>
        <source>hold beat</source>
        <translation>Beat halten</translation>
    </message>
    <message>
        <source>how the tempo runs</source>
        <translation>wie das Tempo läuft</translation>
    </message>
    <message>
        <source>later</source>
        <translation>später</translation>
    </message>
    <message>
        <source>let go of beat</source>
        <translation>Beat loslassen</translation>
    </message>
    <message>
        <source>look for beats in range again</source>
        <translation>Bereich wieder absuchen</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>Taktart</translation>
    </message>
    <message>
        <source>move all by ms</source>
        <translation>alle um ms verschieben</translation>
    </message>
    <message>
        <source>needs a song</source>
        <translation>braucht einen Song</translation>
    </message>
    <message>
        <source>no beats yet</source>
        <translation>noch keine Beats</translation>
    </message>
    <message>
        <source>one uncertain place</source>
        <translation>eine unsichere Stelle</translation>
    </message>
</context>
<context>
    <name>pulsepin::HelpWindow</name>
    <message>
        <source>All that the manual says about this part</source>
        <translation>Alles, was das Handbuch zu diesem Teil sagt</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>The manual was not found.</source>
        <translation>Das Handbuch wurde nicht gefunden.</translation>
    </message>
    <message>
        <source>What the manual says</source>
        <translation>Was das Handbuch sagt</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>Ganze Seite</translation>
    </message>
</context>
<context>
    <name>pulsepin::KeyForm</name>
    <message>
        <source>Easing of the keys</source>
        <translation>Kurvenform der Keys</translation>
    </message>
    <message>
        <source>How the value gets there from the key before</source>
        <translation>Wie der Wert vom Key davor dorthin kommt</translation>
    </message>
    <message>
        <source>Single keys are added by a double click and dragged up and down.</source>
        <translation>Einzelne Keys kommen durch Doppelklick und werden nach oben und unten gezogen.</translation>
    </message>
    <message>
        <source>The value that each key has</source>
        <translation>Der Wert, den jeder Key hat</translation>
    </message>
    <message>
        <source>Value of the keys</source>
        <translation>Wert der Keys</translation>
    </message>
    <message>
        <source>keys of %1</source>
        <translation>Keys von %1</translation>
    </message>
    <message>
        <source>reached by</source>
        <translation>erreicht durch</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
</context>
<context>
    <name>pulsepin::KeysPage</name>
    <message>
        <source> frames</source>
        <translation> Bilder</translation>
    </message>
    <message>
        <source>All of them act so many frames earlier; usual for eased moves: 2 or 3</source>
        <translation>Alle wirken so viele Bilder früher; üblich bei weichen Bewegungen: 2 oder 3</translation>
    </message>
    <message>
        <source>Draws the values out from one value, or nearer to it</source>
        <translation>Zieht die Werte von einem Wert weg oder näher zu ihm</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Ease</source>
        <translation>Glätten</translation>
    </message>
    <message>
        <source>Easing</source>
        <translation>Kurvenform</translation>
    </message>
    <message>
        <source>How each of them is reached from the key before</source>
        <translation>Wie jeder vom Key davor erreicht wird</translation>
    </message>
    <message>
        <source>Keys of the second lane so much later, of the third twice as much</source>
        <translation>Keys der zweiten Spur so viel später, der dritten doppelt so viel</translation>
    </message>
    <message>
        <source>No keys yet: double click into the lane, or place them at the stop “Place”</source>
        <translation>Noch keine Keys: in die Spur doppelklicken oder beim Schritt „Setzen“ setzen</translation>
    </message>
    <message>
        <source>No poses yet: choose the layer, place it in the picture, then Shift+K</source>
        <translation>Noch keine Posen: Ebene wählen, im Bild platzieren, dann Umschalt+K</translation>
    </message>
    <message>
        <source>Reverse</source>
        <translation>Umkehren</translation>
    </message>
    <message>
        <source>Runs them backwards; eases in become eases out</source>
        <translation>Lässt sie rückwärts laufen; Anfahren wird Abbremsen</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Skalieren</translation>
    </message>
    <message>
        <source>Stagger</source>
        <translation>Versetzen</translation>
    </message>
    <message>
        <source>The same keys at other places: select them, then “Repeat…” in the menu.</source>
        <translation>Dieselben Keys anderswo: auswählen, „Wiederholen…“ im Menü.</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>about </source>
        <translation>um etwa </translation>
    </message>
    <message>
        <source>applies to %1 selected keys</source>
        <translation>gilt für %1 ausgewählte Keys</translation>
    </message>
    <message>
        <source>applies to all %1 keys of the lane</source>
        <translation>gilt für alle %1 Keys der Spur</translation>
    </message>
    <message>
        <source>applies to the selected key</source>
        <translation>gilt für den ausgewählten Key</translation>
    </message>
    <message>
        <source>by </source>
        <translation>um </translation>
    </message>
</context>
<context>
    <name>pulsepin::Lamps</name>
    <message>
        <source>Beat lamps</source>
        <translation>Beat-Lampen</translation>
    </message>
    <message>
        <source>One lamp a beat of the bar, lit by what you hear</source>
        <translation>Eine Lampe je Beat des Takts, leuchtend nach dem, was Sie hören</translation>
    </message>
</context>
<context>
    <name>pulsepin::LampsField</name>
    <message>
        <source>How its strength goes: held, or as one of the pulses</source>
        <translation>Wie seine Stärke verläuft: gehalten oder wie einer der Pulse</translation>
    </message>
    <message>
        <source>The lamps and groups that it lights</source>
        <translation>Die Lampen und Gruppen, die es beleuchtet</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>alle Lampen</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>Form ändern</translation>
    </message>
    <message>
        <source>choose lamps</source>
        <translation>Lampen wählen</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>Lampen</translation>
    </message>
    <message>
        <source>own course</source>
        <translation>eigener Verlauf</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>shaped</source>
        <translation>geformt</translation>
    </message>
</context>
<context>
    <name>pulsepin::LaneCommands</name>
    <message>
        <source>Add a lane of %1…</source>
        <translation>Eine Spur für %1 hinzufügen…</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>Duplizieren</translation>
    </message>
    <message>
        <source>Duplicate without pins</source>
        <translation>Ohne Pins duplizieren</translation>
    </message>
    <message>
        <source>Frames that the lane acts before its anchors</source>
        <translation>Bilder, die die Spur vor ihren Ankern wirkt</translation>
    </message>
    <message>
        <source>It acts only in</source>
        <translation>Sie wirkt nur in</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>Lead…</source>
        <translation>Vorlauf…</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>Sperren</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Name of the lane</source>
        <translation>Name der Spur</translation>
    </message>
    <message>
        <source>Name the lane</source>
        <translation>Spur benennen</translation>
    </message>
    <message>
        <source>Name…</source>
        <translation>Name…</translation>
    </message>
    <message>
        <source>Select all in it</source>
        <translation>Alles darin auswählen</translation>
    </message>
    <message>
        <source>Take the shape of</source>
        <translation>Form übernehmen von</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>Entsperren</translation>
    </message>
    <message>
        <source>acts in a stretch</source>
        <translation>wirkt in einer Strecke</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>Spur hinzufügen</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>Vorlauf ändern</translation>
    </message>
    <message>
        <source>delete lane</source>
        <translation>Spur löschen</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>Spur sperren</translation>
    </message>
    <message>
        <source>move lane</source>
        <translation>Spur verschieben</translation>
    </message>
    <message>
        <source>name lane</source>
        <translation>Spur benennen</translation>
    </message>
    <message>
        <source>take shape</source>
        <translation>Form übernehmen</translation>
    </message>
    <message>
        <source>the range</source>
        <translation>dem Bereich</translation>
    </message>
    <message>
        <source>the section at the playhead</source>
        <translation>dem Abschnitt am Abspielkopf</translation>
    </message>
    <message>
        <source>the shot at the playhead</source>
        <translation>der Einstellung am Abspielkopf</translation>
    </message>
    <message>
        <source>unlock lane</source>
        <translation>Spur entsperren</translation>
    </message>
</context>
<context>
    <name>pulsepin::LayerValuesModel</name>
    <message>
        <source>%1 (missing: Inter)</source>
        <translation>%1 (fehlt: Inter)</translation>
    </message>
    <message>
        <source>Click its box to switch it off; Alt and an arrow key changes when it acts; Delete takes it away</source>
        <translation>Klick auf das Kästchen schaltet ihn aus; Alt und eine Pfeiltaste ändert, wann er wirkt; Entf nimmt ihn weg</translation>
    </message>
    <message>
        <source>by itself</source>
        <translation>selbst</translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>%1 ändern</translation>
    </message>
    <message>
        <source>driven by</source>
        <translation>gesteuert von</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>on</source>
        <translation>an</translation>
    </message>
    <message>
        <source>switch effect</source>
        <translation>Effekt schalten</translation>
    </message>
    <message>
        <source>value of</source>
        <translation>Wert von</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
</context>
<context>
    <name>pulsepin::LayersPage</name>
    <message>
        <source> (hidden)</source>
        <translation> (verborgen)</translation>
    </message>
    <message>
        <source> (locked)</source>
        <translation> (gesperrt)</translation>
    </message>
    <message>
        <source> · the highest is listed first</source>
        <translation> · die oberste steht zuerst</translation>
    </message>
    <message>
        <source>%1 bars</source>
        <translation>%1 Balken</translation>
    </message>
    <message>
        <source>%1 layers below the camera</source>
        <translation>%1 Ebenen unter der Kamera</translation>
    </message>
    <message numerus="yes">
        <source>%n looks written</source>
        <translation><numerusform>%n Look geschrieben</numerusform><numerusform>%n Looks geschrieben</numerusform></translation>
    </message>
    <message>
        <source>1 layer below the camera</source>
        <translation>1 Ebene unter der Kamera</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Addieren</translation>
    </message>
    <message>
        <source>Adds a title, a shape, a picture or another lane of cuts</source>
        <translation>Fügt einen Titel, eine Form, ein Bild oder eine weitere Spur für Schnitte hinzu</translation>
    </message>
    <message>
        <source>Adds an effect behind those that it has</source>
        <translation>Fügt einen Effekt hinter denen hinzu, die sie hat</translation>
    </message>
    <message>
        <source>Alpha matte</source>
        <translation>Alpha-Matte</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>Fläche</translation>
    </message>
    <message>
        <source>Area of one colour</source>
        <translation>Fläche in einer Farbe</translation>
    </message>
    <message>
        <source>Blend mode: how it combines with the layers below</source>
        <translation>Mischmodus: wie sie sich mit den Ebenen darunter verbindet</translation>
    </message>
    <message>
        <source>Changes its pixels</source>
        <translation>Ändert ihre Pixel</translation>
    </message>
    <message>
        <source>Choose by what they look like…</source>
        <translation>Nach dem Aussehen wählen…</translation>
    </message>
    <message>
        <source>Composition</source>
        <translation>Komposition</translation>
    </message>
    <message>
        <source>Compositions (*.json)</source>
        <translation>Kompositionen (*.json)</translation>
    </message>
    <message>
        <source>Copy of “%1” with its lanes</source>
        <translation>Kopie von „%1“ mit ihren Spuren</translation>
    </message>
    <message>
        <source>Degrees further each</source>
        <translation>Jede so viele Grad weiter</translation>
    </message>
    <message>
        <source>Degrees of a frame that the shutter is open for</source>
        <translation>Grad eines Bildes, die der Verschluss offen ist</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Drag a name onto a lane to have it driven, onto a row of onsets to have it pulse there</source>
        <translation>Einen Namen auf eine Spur ziehen, um ihn zu steuern, auf eine Zeile mit Onsets, damit er dort pulst</translation>
    </message>
    <message>
        <source>Drag to raise or lower, into a group, or onto a lane to drive it. Ctrl chooses several</source>
        <translation>Ziehen: heben, senken, in eine Gruppe, oder auf eine Spur, um sie zu steuern. Strg wählt mehrere</translation>
    </message>
    <message>
        <source>Effects</source>
        <translation>Effekte</translation>
    </message>
    <message>
        <source>Effects in an order, or how a title is set, under a name</source>
        <translation>Effekte in einer Reihenfolge, oder wie ein Titel gesetzt ist, unter einem Namen</translation>
    </message>
    <message>
        <source>Effect…</source>
        <translation>Effekt…</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>Füllen</translation>
    </message>
    <message>
        <source>Fill its words, pictures and colours…</source>
        <translation>Ihre Wörter, Bilder und Farben füllen…</translation>
    </message>
    <message>
        <source>Fill “%1”</source>
        <translation>„%1“ füllen</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Group what is chosen</source>
        <translation>Gewähltes gruppieren</translation>
    </message>
    <message>
        <source>Groups, copies, appearances, what it hangs on</source>
        <translation>Gruppen, Kopien, Erscheinen, woran sie hängt</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>Verbergen</translation>
    </message>
    <message>
        <source>Hides the layer, or shows it again</source>
        <translation>Verbirgt die Ebene oder zeigt sie wieder</translation>
    </message>
    <message>
        <source>How a title is set</source>
        <translation>Wie ein Titel gesetzt ist</translation>
    </message>
    <message>
        <source>How many more</source>
        <translation>Wie viele noch</translation>
    </message>
    <message>
        <source>Into a group</source>
        <translation>In eine Gruppe</translation>
    </message>
    <message>
        <source>Inv</source>
        <translation>Inv</translation>
    </message>
    <message>
        <source>Inverts the matte</source>
        <translation>Kehrt die Matte um</translation>
    </message>
    <message>
        <source>It hangs on</source>
        <translation>Sie hängt an</translation>
    </message>
    <message>
        <source>It has no words, pictures or colours to be filled.</source>
        <translation>Sie hat keine Wörter, Bilder oder Farben zum Füllen.</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>Its name; it is as long as the range, the section or four bars</source>
        <translation>Ihr Name; sie ist so lang wie der Bereich, der Abschnitt oder vier Takte</translation>
    </message>
    <message>
        <source>Keep a composition</source>
        <translation>Eine Komposition behalten</translation>
    </message>
    <message>
        <source>Keep a look</source>
        <translation>Einen Look behalten</translation>
    </message>
    <message>
        <source>Keep this as a composition…</source>
        <translation>Als Komposition behalten…</translation>
    </message>
    <message>
        <source>Keep this look…</source>
        <translation>Diesen Look behalten…</translation>
    </message>
    <message>
        <source>Lanes of another layer for “%1”</source>
        <translation>Spuren einer anderen Ebene für „%1“</translation>
    </message>
    <message>
        <source>Layers, the highest first</source>
        <translation>Ebenen, die oberste zuerst</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>Linie</translation>
    </message>
    <message>
        <source>Line, drawn in the picture</source>
        <translation>Linie, im Bild gezeichnet</translation>
    </message>
    <message>
        <source>Locked in the picture</source>
        <translation>Im Bild gesperrt</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>Looks</translation>
    </message>
    <message>
        <source>Looks (*.json)</source>
        <translation>Looks (*.json)</translation>
    </message>
    <message>
        <source>Lowers the layer</source>
        <translation>Senkt die Ebene</translation>
    </message>
    <message>
        <source>Luma matte</source>
        <translation>Luma-Matte</translation>
    </message>
    <message>
        <source>Matte: what limits where it is visible</source>
        <translation>Matte: was begrenzt, wo sie sichtbar ist</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>Motion blur</source>
        <translation>Bewegungsunschärfe</translation>
    </message>
    <message>
        <source>Motion blur of all layers</source>
        <translation>Bewegungsunschärfe aller Ebenen</translation>
    </message>
    <message>
        <source>Motion blur of “%1”</source>
        <translation>Bewegungsunschärfe von „%1“</translation>
    </message>
    <message>
        <source>Moves it</source>
        <translation>Bewegt sie</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>Name der Ebene</translation>
    </message>
    <message>
        <source>On every so many beats from the playhead</source>
        <translation>Alle so viele Beats ab dem Abspielkopf</translation>
    </message>
    <message>
        <source>One after the other</source>
        <translation>Nacheinander</translation>
    </message>
    <message>
        <source>One after the other on the next beats…</source>
        <translation>Nacheinander auf den nächsten Beats…</translation>
    </message>
    <message>
        <source>Own luminance</source>
        <translation>Eigene Helligkeit</translation>
    </message>
    <message>
        <source>Percent larger each</source>
        <translation>Jede so viel Prozent größer</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Pictures that a frame is made of</source>
        <translation>Bilder, aus denen eines entsteht</translation>
    </message>
    <message>
        <source>Raises the layer</source>
        <translation>Hebt die Ebene</translation>
    </message>
    <message>
        <source>Read looks</source>
        <translation>Looks lesen</translation>
    </message>
    <message>
        <source>Read looks from a file…</source>
        <translation>Looks aus einer Datei lesen…</translation>
    </message>
    <message>
        <source>Removes the layer</source>
        <translation>Entfernt die Ebene</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>Saved by you</source>
        <translation>Von Ihnen gespeichert</translation>
    </message>
    <message>
        <source>Several copies</source>
        <translation>Mehrere Kopien</translation>
    </message>
    <message>
        <source>Several copies, each a step further…</source>
        <translation>Mehrere Kopien, jede einen Schritt weiter…</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>Shots of a lane</source>
        <translation>Einstellungen einer Spur</translation>
    </message>
    <message>
        <source>Shows what was before</source>
        <translation>Zeigt, was davor war</translation>
    </message>
    <message>
        <source>Shutter and samples…</source>
        <translation>Verschluss und Abtastungen…</translation>
    </message>
    <message>
        <source>So many frames later each</source>
        <translation>Jede so viele Bilder später</translation>
    </message>
    <message>
        <source>So much further down each</source>
        <translation>Jede so viel weiter unten</translation>
    </message>
    <message>
        <source>So much further right each</source>
        <translation>Jede so viel weiter rechts</translation>
    </message>
    <message>
        <source>Something ready…</source>
        <translation>Etwas Fertiges…</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>Spektrum</translation>
    </message>
    <message>
        <source>The composition is written</source>
        <translation>Die Komposition ist geschrieben</translation>
    </message>
    <message>
        <source>The layer whose picture is the matte; hide it to see only that</source>
        <translation>Die Ebene, deren Bild die Matte ist; verborgen ist nur das zu sehen</translation>
    </message>
    <message>
        <source>The shape that is drawn</source>
        <translation>Die Form, die gezeichnet wird</translation>
    </message>
    <message>
        <source>The words of the title; Shift+Enter begins another line</source>
        <translation>Die Wörter des Titels; Umschalt+Eingabe beginnt eine neue Zeile</translation>
    </message>
    <message>
        <source>Titles</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>Titles from the markers’ names</source>
        <translation>Titel aus den Namen der Marker</translation>
    </message>
    <message>
        <source>Use a composition</source>
        <translation>Eine Komposition verwenden</translation>
    </message>
    <message>
        <source>Use one from a file…</source>
        <translation>Eine aus einer Datei verwenden…</translation>
    </message>
    <message>
        <source>Values of another layer for “%1”</source>
        <translation>Werte einer anderen Ebene für „%1“</translation>
    </message>
    <message>
        <source>Values of the layer</source>
        <translation>Werte der Ebene</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>Wellenform</translation>
    </message>
    <message>
        <source>What the layer shows</source>
        <translation>Was die Ebene zeigt</translation>
    </message>
    <message>
        <source>Write a composition</source>
        <translation>Eine Komposition schreiben</translation>
    </message>
    <message>
        <source>Write looks</source>
        <translation>Looks schreiben</translation>
    </message>
    <message>
        <source>Write looks to a file…</source>
        <translation>Looks in eine Datei schreiben…</translation>
    </message>
    <message>
        <source>Write this to a file…</source>
        <translation>In eine Datei schreiben…</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>add area</source>
        <translation>Fläche hinzufügen</translation>
    </message>
    <message>
        <source>add effect</source>
        <translation>Effekt hinzufügen</translation>
    </message>
    <message>
        <source>add lane of appearances</source>
        <translation>Spur fürs Erscheinen hinzufügen</translation>
    </message>
    <message>
        <source>add line</source>
        <translation>Linie hinzufügen</translation>
    </message>
    <message>
        <source>add picture</source>
        <translation>Bild hinzufügen</translation>
    </message>
    <message>
        <source>add ring</source>
        <translation>Ring hinzufügen</translation>
    </message>
    <message>
        <source>add shape</source>
        <translation>Form hinzufügen</translation>
    </message>
    <message>
        <source>add shots</source>
        <translation>Einstellungen hinzufügen</translation>
    </message>
    <message>
        <source>add spectrum</source>
        <translation>Spektrum hinzufügen</translation>
    </message>
    <message>
        <source>add waveform</source>
        <translation>Wellenform hinzufügen</translation>
    </message>
    <message>
        <source>change blending</source>
        <translation>Mischmodus ändern</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>Farbe ändern</translation>
    </message>
    <message>
        <source>change layer</source>
        <translation>Ebene ändern</translation>
    </message>
    <message>
        <source>change matte</source>
        <translation>Matte ändern</translation>
    </message>
    <message>
        <source>change motion blur</source>
        <translation>Bewegungsunschärfe ändern</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>Form ändern</translation>
    </message>
    <message>
        <source>choose</source>
        <translation>wählen</translation>
    </message>
    <message>
        <source>copies</source>
        <translation>Kopien</translation>
    </message>
    <message>
        <source>delete look</source>
        <translation>Look löschen</translation>
    </message>
    <message>
        <source>down by, px</source>
        <translation>nach unten, px</translation>
    </message>
    <message>
        <source>duplicate layer</source>
        <translation>Ebene duplizieren</translation>
    </message>
    <message>
        <source>fill places</source>
        <translation>Stellen füllen</translation>
    </message>
    <message>
        <source>first lane of cuts</source>
        <translation>erste Spur für Schnitte</translation>
    </message>
    <message>
        <source>group layers</source>
        <translation>Ebenen gruppieren</translation>
    </message>
    <message>
        <source>hang on a layer</source>
        <translation>an eine Ebene hängen</translation>
    </message>
    <message>
        <source>hide layer</source>
        <translation>Ebene verbergen</translation>
    </message>
    <message>
        <source>keep look</source>
        <translation>Look behalten</translation>
    </message>
    <message>
        <source>larger by, %</source>
        <translation>größer, %</translation>
    </message>
    <message>
        <source>later by, frames</source>
        <translation>später, Bilder</translation>
    </message>
    <message>
        <source>layers one after the other</source>
        <translation>Ebenen nacheinander</translation>
    </message>
    <message>
        <source>lock layer</source>
        <translation>Ebene sperren</translation>
    </message>
    <message>
        <source>motion blur</source>
        <translation>Bewegungsunschärfe</translation>
    </message>
    <message>
        <source>motion blur of all layers</source>
        <translation>Bewegungsunschärfe aller Ebenen</translation>
    </message>
    <message>
        <source>move effect</source>
        <translation>Effekt verschieben</translation>
    </message>
    <message>
        <source>move into a group</source>
        <translation>in eine Gruppe legen</translation>
    </message>
    <message>
        <source>move layer</source>
        <translation>Ebene verschieben</translation>
    </message>
    <message>
        <source>no matte</source>
        <translation>keine Matte</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>read looks</source>
        <translation>Looks lesen</translation>
    </message>
    <message>
        <source>remove effect</source>
        <translation>Effekt entfernen</translation>
    </message>
    <message>
        <source>remove layer</source>
        <translation>Ebene entfernen</translation>
    </message>
    <message>
        <source>right by, px</source>
        <translation>nach rechts, px</translation>
    </message>
    <message>
        <source>several copies</source>
        <translation>mehrere Kopien</translation>
    </message>
    <message>
        <source>take lanes</source>
        <translation>Spuren übernehmen</translation>
    </message>
    <message>
        <source>take look</source>
        <translation>Look übernehmen</translation>
    </message>
    <message>
        <source>take values</source>
        <translation>Werte übernehmen</translation>
    </message>
    <message>
        <source>title: %1</source>
        <translation>Titel: %1</translation>
    </message>
    <message>
        <source>titles from markers</source>
        <translation>Titel aus Markern</translation>
    </message>
    <message>
        <source>turned by, °</source>
        <translation>gedreht, °</translation>
    </message>
    <message>
        <source>use composition</source>
        <translation>Komposition verwenden</translation>
    </message>
    <message>
        <source>wipe, round</source>
        <translation>Wischen, rund</translation>
    </message>
    <message>
        <source>wipe, straight</source>
        <translation>Wischen, gerade</translation>
    </message>
    <message>
        <source>“%1” appears on a lane</source>
        <translation>„%1“ erscheint auf einer Spur</translation>
    </message>
    <message>
        <source>“%1” is forgotten</source>
        <translation>„%1“ ist vergessen</translation>
    </message>
    <message>
        <source>“%1” is saved; it is among the ready ones</source>
        <translation>„%1“ ist gespeichert; sie steht bei den fertigen</translation>
    </message>
    <message>
        <source>“%1” is there; each of its layers and lanes can be changed</source>
        <translation>„%1“ ist da; jede Ebene und Spur davon ist änderbar</translation>
    </message>
</context>
<context>
    <name>pulsepin::LengthField</name>
    <message>
        <source>%1: counted in</source>
        <translation>%1: gezählt in</translation>
    </message>
    <message>
        <source>%1: how much</source>
        <translation>%1: wie viel</translation>
    </message>
    <message>
        <source>How long it lasts</source>
        <translation>Wie lange es dauert</translation>
    </message>
    <message>
        <source>How much earlier it acts than its place in the music</source>
        <translation>Wie viel früher es wirkt als sein Platz in der Musik</translation>
    </message>
    <message>
        <source>What the length is counted in</source>
        <translation>Worin die Länge gezählt wird</translation>
    </message>
    <message>
        <source>as long as its word</source>
        <translation>so lang wie sein Wort</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>no length</source>
        <translation>keine Länge</translation>
    </message>
    <message>
        <source>to the end</source>
        <translation>bis zum Ende</translation>
    </message>
    <message>
        <source>until its line ends</source>
        <translation>bis zum Ende seiner Zeile</translation>
    </message>
    <message>
        <source>until the next</source>
        <translation>bis zum nächsten</translation>
    </message>
    <message>
        <source>until the section ends</source>
        <translation>bis zum Ende des Abschnitts</translation>
    </message>
</context>
<context>
    <name>pulsepin::LevelBar</name>
    <message>
        <source>%1 LUFS</source>
        <translation>%1 LUFS</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>Peak of the music in dBFS, and its short-term loudness (ITU-R BS.1770, three seconds)</source>
        <translation>Spitze der Musik in dBFS und ihre kurzzeitige Lautheit (ITU-R BS.1770, drei Sekunden)</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Pegel</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightCommands</name>
    <message>
        <source>%1 lamps of “%2”</source>
        <translation>%1 Lampen von „%2“</translation>
    </message>
    <message>
        <source>%1 lamps, up to channel %2 of universe %3</source>
        <translation>%1 Lampen, bis Kanal %2 von Universum %3</translation>
    </message>
    <message numerus="yes">
        <source>%n lights</source>
        <translation><numerusform>%n Licht</numerusform><numerusform>%n Lichter</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n lights recoloured</source>
        <translation><numerusform>%n Licht umgefärbt</numerusform><numerusform>%n Lichter umgefärbt</numerusform></translation>
    </message>
    <message>
        <source>A film or picture of the bin</source>
        <translation>Ein Film oder Bild der Ablage</translation>
    </message>
    <message>
        <source>A prop: where its lamps lie</source>
        <translation>Ein Requisit: wo seine Lampen liegen</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Addieren</translation>
    </message>
    <message>
        <source>Add a prop from a file…</source>
        <translation>Requisit aus einer Datei hinzufügen…</translation>
    </message>
    <message>
        <source>Add lamps</source>
        <translation>Lampen hinzufügen</translation>
    </message>
    <message>
        <source>Add lamps…</source>
        <translation>Lampen hinzufügen…</translation>
    </message>
    <message>
        <source>All lamps are dark until Q is pressed again</source>
        <translation>Alle Lampen sind dunkel, bis Q wieder gedrückt wird</translation>
    </message>
    <message>
        <source>Blackout: all lamps dark</source>
        <translation>Blackout: alle Lampen dunkel</translation>
    </message>
    <message>
        <source>Choose a lamp of a group first</source>
        <translation>Wählen Sie zuerst eine Lampe einer Gruppe</translation>
    </message>
    <message>
        <source>Choose one lamp, or one group, to name it</source>
        <translation>Wählen Sie eine Lampe oder eine Gruppe, um sie zu benennen</translation>
    </message>
    <message>
        <source>Choose the lamp before</source>
        <translation>Lampe davor wählen</translation>
    </message>
    <message>
        <source>Choose the next lamp</source>
        <translation>Nächste Lampe wählen</translation>
    </message>
    <message>
        <source>Choose two lamps, or two groups, to swap their rows</source>
        <translation>Wählen Sie zwei Lampen oder zwei Gruppen, um ihre Zeilen zu tauschen</translation>
    </message>
    <message>
        <source>Delete the chosen lamps</source>
        <translation>Gewählte Lampen löschen</translation>
    </message>
    <message>
        <source>Drive lamps</source>
        <translation>Lampen steuern</translation>
    </message>
    <message>
        <source>Drive the chosen lamps by a curve…</source>
        <translation>Gewählte Lampen durch eine Kurve steuern…</translation>
    </message>
    <message>
        <source>Group in one row, or a row a lamp</source>
        <translation>Gruppe in einer Zeile, oder eine Zeile je Lampe</translation>
    </message>
    <message>
        <source>Lamps (*.csv *.svg)</source>
        <translation>Lampen (*.csv *.svg)</translation>
    </message>
    <message>
        <source>Lamps are lit again</source>
        <translation>Die Lampen leuchten wieder</translation>
    </message>
    <message>
        <source>Latest light on a lamp wins, or the highest</source>
        <translation>Das letzte Licht einer Lampe gilt, oder das hellste</translation>
    </message>
    <message>
        <source>Light the chosen lamps here</source>
        <translation>Gewählte Lampen hier anschalten</translation>
    </message>
    <message>
        <source>Light the chosen lamps on each beat</source>
        <translation>Gewählte Lampen auf jedem Beat anschalten</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Make the chosen lamps dark here</source>
        <translation>Gewählte Lampen hier ausschalten</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>Name of the lamp or group</source>
        <translation>Name der Lampe oder Gruppe</translation>
    </message>
    <message>
        <source>Name the chosen lamp or group…</source>
        <translation>Gewählte Lampe oder Gruppe benennen…</translation>
    </message>
    <message>
        <source>No lamp is chosen: click one in the plan</source>
        <translation>Keine Lampe ist gewählt: klicken Sie im Plan auf eine</translation>
    </message>
    <message>
        <source>Of several lights on a lamp the highest is seen</source>
        <translation>Von mehreren Lichtern einer Lampe ist das hellste zu sehen</translation>
    </message>
    <message>
        <source>Of several lights on a lamp the latest is seen</source>
        <translation>Von mehreren Lichtern einer Lampe ist das letzte zu sehen</translation>
    </message>
    <message>
        <source>Patch and outputs…</source>
        <translation>Patch und Ausgänge…</translation>
    </message>
    <message>
        <source>Picture below the plan</source>
        <translation>Bild unter dem Plan</translation>
    </message>
    <message>
        <source>Picture below the plan…</source>
        <translation>Bild unter dem Plan…</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>Empfänger</translation>
    </message>
    <message>
        <source>Recolour lights</source>
        <translation>Lichter umfärben</translation>
    </message>
    <message>
        <source>Select lights, or choose lamps in the plan, to recolour them</source>
        <translation>Wählen Sie Lichter aus, oder Lampen im Plan, um sie umzufärben</translation>
    </message>
    <message>
        <source>Send nothing</source>
        <translation>Nichts senden</translation>
    </message>
    <message>
        <source>Send there</source>
        <translation>Dorthin senden</translation>
    </message>
    <message>
        <source>Send to the lamps</source>
        <translation>An die Lampen senden</translation>
    </message>
    <message>
        <source>Swap the rows of two chosen lamps</source>
        <translation>Zeilen zweier gewählter Lampen tauschen</translation>
    </message>
    <message>
        <source>The strength of the chosen lamps is driven by</source>
        <translation>Die Stärke der gewählten Lampen wird gesteuert von</translation>
    </message>
    <message>
        <source>There are no beats yet: find them at the stop “Grid”</source>
        <translation>Es gibt noch keine Beats: suchen Sie sie beim Schritt „Raster“</translation>
    </message>
    <message>
        <source>There are no lamps yet: add some first</source>
        <translation>Es gibt noch keine Lampen: fügen Sie zuerst welche hinzu</translation>
    </message>
    <message>
        <source>There is no lane with a curve yet: add pulses, keys or a follower at Motion</source>
        <translation>Noch hat keine Spur eine Kurve: fügen Sie unter Motion Pulse, Keys oder eine Folgekurve hinzu</translation>
    </message>
    <message>
        <source>They are lit there already</source>
        <translation>Sie leuchten dort schon</translation>
    </message>
    <message>
        <source>This project sends to %1. Nobody has typed that here yet.</source>
        <translation>Dieses Projekt sendet an %1. Das hat hier noch niemand eingetippt.</translation>
    </message>
    <message>
        <source>a row a lamp</source>
        <translation>eine Zeile je Lampe</translation>
    </message>
    <message>
        <source>add lamp</source>
        <translation>Lampe hinzufügen</translation>
    </message>
    <message>
        <source>add lamps</source>
        <translation>Lampen hinzufügen</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>Spur hinzufügen</translation>
    </message>
    <message>
        <source>add prop</source>
        <translation>Requisit hinzufügen</translation>
    </message>
    <message>
        <source>change plan</source>
        <translation>Plan ändern</translation>
    </message>
    <message>
        <source>delete lamps</source>
        <translation>Lampen löschen</translation>
    </message>
    <message>
        <source>drive lamps</source>
        <translation>Lampen steuern</translation>
    </message>
    <message>
        <source>group in one row</source>
        <translation>Gruppe in einer Zeile</translation>
    </message>
    <message>
        <source>highest light wins</source>
        <translation>das hellste Licht gilt</translation>
    </message>
    <message>
        <source>latest light wins</source>
        <translation>das letzte Licht gilt</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>Lampen anschalten</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>Lampen ausschalten</translation>
    </message>
    <message>
        <source>nothing: as it is painted</source>
        <translation>nichts: wie gemalt</translation>
    </message>
    <message>
        <source>paint lamps</source>
        <translation>Lampen malen</translation>
    </message>
    <message>
        <source>plain ground</source>
        <translation>leerer Grund</translation>
    </message>
    <message>
        <source>recolour lights</source>
        <translation>Lichter umfärben</translation>
    </message>
    <message>
        <source>rename lamps</source>
        <translation>Lampen umbenennen</translation>
    </message>
    <message>
        <source>swap rows</source>
        <translation>Zeilen tauschen</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightForm</name>
    <message>
        <source>%1 lit, %2</source>
        <translation>%1 leuchten, %2</translation>
    </message>
    <message>
        <source>The lamps that are lit</source>
        <translation>Die Lampen, die leuchten</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>alle Lampen</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>Lampen</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightSender</name>
    <message>
        <source>nothing is sent: all outputs are off</source>
        <translation>nichts wird gesendet: alle Ausgänge sind aus</translation>
    </message>
    <message>
        <source>sending dark to %1</source>
        <translation>sende Dunkel an %1</translation>
    </message>
    <message>
        <source>sending to %1</source>
        <translation>sende an %1</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>dieser Rechner</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightsPage</name>
    <message>
        <source>All lamps dark, until it is pressed again</source>
        <translation>Alle Lampen dunkel, bis es wieder gedrückt wird</translation>
    </message>
    <message>
        <source>Channels of the lamps, and where levels go</source>
        <translation>Kanäle der Lampen, und wohin Pegel gehen</translation>
    </message>
    <message>
        <source>Chooses all lamps</source>
        <translation>Wählt alle Lampen</translation>
    </message>
    <message>
        <source>Chooses the first, the third ... of each group</source>
        <translation>Wählt die erste, die dritte ... jeder Gruppe</translation>
    </message>
    <message>
        <source>Chooses the lamps of a group</source>
        <translation>Wählt die Lampen einer Gruppe</translation>
    </message>
    <message>
        <source>Chooses the second, the fourth ... of each group</source>
        <translation>Wählt die zweite, die vierte ... jeder Gruppe</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>Kopieren…</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>Dunkel</translation>
    </message>
    <message>
        <source>Goes over into dark</source>
        <translation>Geht ins Dunkel über</translation>
    </message>
    <message>
        <source>How bright all lamps are at most</source>
        <translation>Wie hell alle Lampen höchstens sind</translation>
    </message>
    <message>
        <source>Light %1 on beats</source>
        <translation>%1 auf Beats anschalten</translation>
    </message>
    <message>
        <source>Lights the chosen lamps on each beat of the range, or of the bar at the playhead, as it is painted with</source>
        <translation>Schaltet die gewählten Lampen auf jedem Beat des Bereichs oder des Takts am Abspielkopf an, wie gemalt wird</translation>
    </message>
    <message>
        <source>Nothing is lit until playing begins</source>
        <translation>Nichts leuchtet, bevor die Wiedergabe beginnt</translation>
    </message>
    <message>
        <source>One colour until it ends</source>
        <translation>Eine Farbe bis zum Ende</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>Malen</translation>
    </message>
    <message>
        <source>Patch…</source>
        <translation>Patch…</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>Empfänger</translation>
    </message>
    <message>
        <source>Recolour</source>
        <translation>Umfärben</translation>
    </message>
    <message>
        <source>Send</source>
        <translation>Senden</translation>
    </message>
    <message>
        <source>Sending</source>
        <translation>Sende</translation>
    </message>
    <message>
        <source>Sends levels to the outputs, this computer unless others are told</source>
        <translation>Sendet Pegel an die Ausgänge, an diesen Rechner, wenn keine anderen genannt sind</translation>
    </message>
    <message>
        <source>Shows what really arrives on this computer</source>
        <translation>Zeigt, was auf diesem Rechner wirklich ankommt</translation>
    </message>
    <message>
        <source>The chosen lamps' lights, or those that are selected, get the colour that is painted with</source>
        <translation>Die Lichter der gewählten Lampen oder die ausgewählten bekommen die Malfarbe</translation>
    </message>
    <message>
        <source>The lights of the range, or of those that are selected, again in other bars</source>
        <translation>Die Lichter des Bereichs oder die ausgewählten noch einmal in anderen Takten</translation>
    </message>
    <message>
        <source>The mouse lights lamps of the plan over the range or the bar; the right button makes them dark</source>
        <translation>Die Maus schaltet Lampen des Plans über den Bereich oder den Takt an; die rechte Taste schaltet sie aus</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>change dimmer</source>
        <translation>Dimmer ändern</translation>
    </message>
    <message>
        <source>dark at the start</source>
        <translation>am Anfang dunkel</translation>
    </message>
    <message>
        <source>dimmer </source>
        <translation>Dimmer </translation>
    </message>
    <message>
        <source>even</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>Blende</translation>
    </message>
    <message>
        <source>group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>held</source>
        <translation>gehalten</translation>
    </message>
    <message>
        <source>odd</source>
        <translation>ungerade</translation>
    </message>
</context>
<context>
    <name>pulsepin::ListenedField</name>
    <message>
        <source>What is listened to</source>
        <translation>Worauf gehört wird</translation>
    </message>
    <message>
        <source>Which sound is listened to, and what of it: a lane beside the song, its percussive or harmonic part, one side</source>
        <translation>Auf welchen Ton gehört wird, und was davon: eine Spur neben dem Song, sein perkussiver oder harmonischer Teil, eine Seite</translation>
    </message>
    <message>
        <source>all that is heard</source>
        <translation>alles Hörbare</translation>
    </message>
    <message>
        <source>the song</source>
        <translation>der Song</translation>
    </message>
</context>
<context>
    <name>pulsepin::MainWindow</name>
    <message>
        <source> (not saved)</source>
        <translation> (nicht gespeichert)</translation>
    </message>
    <message>
        <source>%1%2 — Pulse Pin</source>
        <translation>%1%2 — Pulse Pin</translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>Alle Tastenkürzel</translation>
    </message>
    <message>
        <source>Bar 1 at the playhead</source>
        <translation>Takt 1 am Abspielkopf</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>Change by name</source>
        <translation>Nach Namen ändern</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>Bearbeiten</translation>
    </message>
    <message>
        <source>File</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>Befehl suchen…</translation>
    </message>
    <message>
        <source>Find the beats</source>
        <translation>Beats suchen</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>Hilfe</translation>
    </message>
    <message>
        <source>Lanes</source>
        <translation>Spuren</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Only files on this computer can be dropped here</source>
        <translation>Nur Dateien auf diesem Rechner können hier abgelegt werden</translation>
    </message>
    <message>
        <source>Pins</source>
        <translation>Pins</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Abspielen</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>Wiederholen: %1</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>Einstellungen…</translation>
    </message>
    <message>
        <source>Shots</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>The demo is not installed with this program.</source>
        <translation>Die Demo ist nicht mit diesem Programm installiert.</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>Rundgang durch die Demo</translation>
    </message>
    <message>
        <source>What is this?</source>
        <translation>Was ist das?</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkPanel</name>
    <message>
        <source> by up to %1 ms</source>
        <translation> um bis zu %1 ms</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 to set</source>
        <translation>%1 zu setzen</translation>
    </message>
    <message numerus="yes">
        <source>%n moved</source>
        <translation><numerusform>%n verschoben</numerusform><numerusform>%n verschoben</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n there already</source>
        <translation><numerusform>%n schon dort</numerusform><numerusform>%n schon dort</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n too far, left where they are</source>
        <translation><numerusform>%n zu weit, gelassen</numerusform><numerusform>%n zu weit, gelassen</numerusform></translation>
    </message>
    <message>
        <source>A marker at the playhead, also while it plays (M)</source>
        <translation>Ein Marker am Abspielkopf, auch während der Wiedergabe (M)</translation>
    </message>
    <message>
        <source>A marker on the shot or sound under the playhead: it travels with it (Ctrl+Shift+M)</source>
        <translation>Ein Marker auf der Einstellung oder dem Ton am Abspielkopf: er geht mit (Strg+Umschalt+M)</translation>
    </message>
    <message>
        <source>A text whose words are set as they are sung</source>
        <translation>Ein Text, dessen Wörter gesetzt werden, wie sie gesungen sind</translation>
    </message>
    <message>
        <source>Add here</source>
        <translation>Hier setzen</translation>
    </message>
    <message>
        <source>Double click or F2 to change, Enter to go there</source>
        <translation>Doppelklick oder F2 zum Ändern, Eingabe zum Hingehen</translation>
    </message>
    <message>
        <source>Drawings that are held from beat to beat</source>
        <translation>Zeichnungen, die von Beat zu Beat gehalten werden</translation>
    </message>
    <message>
        <source>Exposures</source>
        <translation>Belichtungen</translation>
    </message>
    <message>
        <source>Load text…</source>
        <translation>Text laden…</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>Markers that are farther from an onset stay</source>
        <translation>Marker, die weiter von einem Onset liegen, bleiben</translation>
    </message>
    <message>
        <source>Moments with names</source>
        <translation>Momente mit Namen</translation>
    </message>
    <message>
        <source>Moves the selected markers, or all in the list, to the nearest onset</source>
        <translation>Schiebt die ausgewählten Marker, oder alle der Liste, zum nächsten Onset</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>On the shot</source>
        <translation>Auf Einstellung</translation>
    </message>
    <message>
        <source>Only markers of this colour</source>
        <translation>Nur Marker dieser Farbe</translation>
    </message>
    <message>
        <source>Only markers whose name or note holds this</source>
        <translation>Nur Marker, deren Name oder Notiz das enthält</translation>
    </message>
    <message>
        <source>Paste text</source>
        <translation>Text einfügen</translation>
    </message>
    <message>
        <source>Plain text, SubRip, WebVTT, or lines with times</source>
        <translation>Reiner Text, SubRip, WebVTT oder Zeilen mit Zeiten</translation>
    </message>
    <message>
        <source>Show only markers of this colour</source>
        <translation>Nur Marker dieser Farbe zeigen</translation>
    </message>
    <message>
        <source>Show only markers with this in name or note</source>
        <translation>Nur Marker zeigen, die das in Name oder Notiz haben</translation>
    </message>
    <message>
        <source>Snap no farther than</source>
        <translation>Höchstens so weit einrasten</translation>
    </message>
    <message>
        <source>Snap to</source>
        <translation>Einrasten</translation>
    </message>
    <message>
        <source>Snap to onsets of</source>
        <translation>Einrasten auf Onsets von</translation>
    </message>
    <message>
        <source>The row of onsets to snap to</source>
        <translation>Die Zeile mit Onsets, auf die eingerastet wird</translation>
    </message>
    <message>
        <source>The words of the text that was copied wait to be set</source>
        <translation>Die Wörter des kopierten Texts warten, gesetzt zu werden</translation>
    </message>
    <message>
        <source>What is said, its translation, remarks; the running band</source>
        <translation>Was gesagt wird, seine Übersetzung, Anmerkungen; das laufende Band</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>all colours</source>
        <translation>alle Farben</translation>
    </message>
    <message>
        <source>name or note</source>
        <translation>Name oder Notiz</translation>
    </message>
    <message>
        <source>no markers yet</source>
        <translation>noch keine Marker</translation>
    </message>
    <message>
        <source>snap markers</source>
        <translation>Marker einrasten</translation>
    </message>
    <message>
        <source>within </source>
        <translation>bis </translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkerForm</name>
    <message>
        <source># becomes the number of each</source>
        <translation># wird die Nummer von jedem</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>lasting</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>named, # is their number</source>
        <translation>benannt, # ist ihre Nummer</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>Zeichen</translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkerTable</name>
    <message>
        <source>There is no grid yet to place it on</source>
        <translation>Es gibt noch kein Raster, auf das er käme</translation>
    </message>
    <message>
        <source>at</source>
        <translation>bei</translation>
    </message>
    <message>
        <source>change %1 of marker</source>
        <translation>%1 des Markers ändern</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>dauert</translation>
    </message>
    <message>
        <source>lies on</source>
        <translation>liegt auf</translation>
    </message>
    <message>
        <source>move marker</source>
        <translation>Marker verschieben</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Notiz</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>Zeichen</translation>
    </message>
    <message>
        <source>“%1” is no length. Write 2 beats, 12 frames or 300 ms.</source>
        <translation>„%1“ ist keine Länge. Schreiben Sie 2 Beats, 12 Bilder oder 300 ms.</translation>
    </message>
</context>
<context>
    <name>pulsepin::MotionPanel</name>
    <message>
        <source>%1 lamps</source>
        <translation>%1 Lampen</translation>
    </message>
    <message>
        <source>%1 lanes</source>
        <translation>%1 Spuren</translation>
    </message>
    <message>
        <source>%1 to %2 Hz</source>
        <translation>%1 bis %2 Hz</translation>
    </message>
    <message>
        <source>%1, %2 pulses</source>
        <translation>%1, %2 Pulse</translation>
    </message>
    <message>
        <source>%2 lanes, %1 lamps</source>
        <translation>%2 Spuren, %1 Lampen</translation>
    </message>
    <message>
        <source>1 lane</source>
        <translation>1 Spur</translation>
    </message>
    <message>
        <source>1 lane, %1 lamps</source>
        <translation>1 Spur, %1 Lampen</translation>
    </message>
    <message>
        <source>A lane that drives a property</source>
        <translation>Eine Spur, die eine Eigenschaft steuert</translation>
    </message>
    <message>
        <source>Add lamps…</source>
        <translation>Lampen hinzufügen…</translation>
    </message>
    <message>
        <source>Add lane…</source>
        <translation>Spur hinzufügen…</translation>
    </message>
    <message>
        <source>Appearances: a layer that comes and goes</source>
        <translation>Erscheinen: eine Ebene, die kommt und geht</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>Kurven</translation>
    </message>
    <message>
        <source>Follower: a curve that follows the music</source>
        <translation>Folgekurve: eine Kurve, die der Musik folgt</translation>
    </message>
    <message>
        <source>Its value between the pulses, or where the curve is 0</source>
        <translation>Sein Wert zwischen den Pulsen, oder wo die Kurve 0 ist</translation>
    </message>
    <message>
        <source>Keys: single values</source>
        <translation>Keys: einzelne Werte</translation>
    </message>
    <message>
        <source>Lane whose curve is shown</source>
        <translation>Spur, deren Kurve gezeigt wird</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Lights: lamps that are lit</source>
        <translation>Licht: Lampen, die leuchten</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>Motion</translation>
    </message>
    <message>
        <source>Peak value; lower than the base value, the pulse dips</source>
        <translation>Spitzenwert; kleiner als der Grundwert senkt der Puls</translation>
    </message>
    <message>
        <source>Poses: all that places a layer</source>
        <translation>Posen: alles, was eine Ebene platziert</translation>
    </message>
    <message>
        <source>Pulses: one shape on chosen beats</source>
        <translation>Pulse: eine Form auf gewählten Beats</translation>
    </message>
    <message>
        <source>Rows, arcs, rings and grids of lamps; a prop from a file is in the menu Lights</source>
        <translation>Reihen, Bögen, Ringe und Raster von Lampen; ein Requisit aus einer Datei steht im Menü Licht</translation>
    </message>
    <message>
        <source>Spectrum: twelve followers, one a band</source>
        <translation>Spektrum: zwölf Folgekurven, eine je Band</translation>
    </message>
    <message>
        <source>The lamps, and what lights them</source>
        <translation>Die Lampen, und was sie beleuchtet</translation>
    </message>
    <message>
        <source>The lane whose curve is shown</source>
        <translation>Die Spur, deren Kurve gezeigt wird</translation>
    </message>
    <message>
        <source>What drives properties</source>
        <translation>Was Eigenschaften steuert</translation>
    </message>
    <message>
        <source>What is driven: the name that it has where the keys go</source>
        <translation>Was gesteuert wird: der Name, den es dort hat, wohin die Keys gehen</translation>
    </message>
    <message>
        <source>What the picture is made of</source>
        <translation>Woraus das Bild besteht</translation>
    </message>
    <message>
        <source>add twelve bands</source>
        <translation>zwölf Bänder hinzufügen</translation>
    </message>
    <message>
        <source>base value</source>
        <translation>Grundwert</translation>
    </message>
    <message>
        <source>change property</source>
        <translation>Eigenschaft ändern</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>Bereich ändern</translation>
    </message>
    <message>
        <source>drives</source>
        <translation>steuert</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>nothing moves yet</source>
        <translation>noch bewegt sich nichts</translation>
    </message>
    <message>
        <source>peak value</source>
        <translation>Spitzenwert</translation>
    </message>
</context>
<context>
    <name>pulsepin::MouthDialog</name>
    <message>
        <source>As usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>Double click or F2 to change</source>
        <translation>Doppelklick oder F2 zum Ändern</translation>
    </message>
    <message>
        <source>One more</source>
        <translation>Eine mehr</translation>
    </message>
    <message>
        <source>Shapes of the mouth</source>
        <translation>Formen des Mundes</translation>
    </message>
    <message>
        <source>Sounds in signs of the International Phonetic Alphabet, with blanks between; the first shape is the closed mouth</source>
        <translation>Laute in Zeichen des Internationalen Phonetischen Alphabets, mit Leerzeichen dazwischen; die erste Form ist der geschlossene Mund</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Which sounds have which shape</source>
        <translation>Welche Laute welche Form haben</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>sounds</source>
        <translation>Laute</translation>
    </message>
</context>
<context>
    <name>pulsepin::MovingSheet</name>
    <message>
        <source>Nothing has these words</source>
        <translation>Nichts hat diese Wörter</translation>
    </message>
    <message>
        <source>Type to find</source>
        <translation>Zum Suchen tippen</translation>
    </message>
    <message>
        <source>Words to find by</source>
        <translation>Wörter zum Suchen</translation>
    </message>
</context>
<context>
    <name>pulsepin::NamedEdits</name>
    <message>
        <source>Do it</source>
        <translation>Tun</translation>
    </message>
</context>
<context>
    <name>pulsepin::NotesPage</name>
    <message>
        <source> % high</source>
        <translation> % hoch</translation>
    </message>
    <message>
        <source> px/s</source>
        <translation> px/s</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 s</translation>
    </message>
    <message>
        <source>A lane more: for a translation, or for remarks</source>
        <translation>Eine weitere Spur: für eine Übersetzung oder Anmerkungen</translation>
    </message>
    <message>
        <source>A note at the playhead, also while it plays; as long as the range, if there is one</source>
        <translation>Eine Notiz am Abspielkopf, auch während der Wiedergabe; so lang wie der Bereich, wenn es einen gibt</translation>
    </message>
    <message>
        <source>Add here</source>
        <translation>Hier setzen</translation>
    </message>
    <message>
        <source>How fast the band runs</source>
        <translation>Wie schnell das Band läuft</translation>
    </message>
    <message>
        <source>How high the band is, of the picture</source>
        <translation>Wie hoch das Band ist, vom Bild</translation>
    </message>
    <message>
        <source>New lane</source>
        <translation>Neue Spur</translation>
    </message>
    <message>
        <source>The band's row that the lane runs in</source>
        <translation>Die Zeile des Bands, in der die Spur läuft</translation>
    </message>
    <message>
        <source>The ink that the lane's notes are written in</source>
        <translation>Die Farbe, in der die Notizen der Spur stehen</translation>
    </message>
    <message>
        <source>The lane runs in the band over the picture</source>
        <translation>Die Spur läuft im Band über dem Bild</translation>
    </message>
    <message>
        <source>The lane that notes are added to</source>
        <translation>Die Spur, in die Notizen kommen</translation>
    </message>
    <message>
        <source>The lane's notes: double click to go there</source>
        <translation>Die Notizen der Spur: Doppelklick geht hin</translation>
    </message>
    <message>
        <source>The last three beats before an entry are counted</source>
        <translation>Die letzten drei Beats vor einem Einsatz werden gezählt</translation>
    </message>
    <message>
        <source>What is said; Return puts it where the playhead is</source>
        <translation>Was gesagt wird; Eingabe setzt es an den Abspielkopf</translation>
    </message>
    <message>
        <source>What it is besides a text</source>
        <translation>Was es außer einem Text ist</translation>
    </message>
    <message>
        <source>Where what is heard now is, of the picture's width</source>
        <translation>Wo das jetzt Gehörte ist, von der Bildbreite</translation>
    </message>
    <message>
        <source>Words and notes run over the picture from right to left, past a line that stands still</source>
        <translation>Wörter und Notizen laufen von rechts nach links über das Bild, an einer stehenden Linie vorbei</translation>
    </message>
    <message>
        <source>Write what is said, or choose a sign</source>
        <translation>Schreiben Sie, was gesagt wird, oder wählen Sie ein Zeichen</translation>
    </message>
    <message>
        <source>change band</source>
        <translation>Band ändern</translation>
    </message>
    <message>
        <source>change notes</source>
        <translation>Notizen ändern</translation>
    </message>
    <message>
        <source>count in</source>
        <translation>einzählen</translation>
    </message>
    <message>
        <source>in the band</source>
        <translation>im Band</translation>
    </message>
    <message>
        <source>line at </source>
        <translation>Linie bei </translation>
    </message>
    <message>
        <source>row </source>
        <translation>Zeile </translation>
    </message>
    <message>
        <source>show the band</source>
        <translation>Band zeigen</translation>
    </message>
    <message>
        <source>what is said here</source>
        <translation>was hier gesagt wird</translation>
    </message>
</context>
<context>
    <name>pulsepin::NoticeBar</name>
    <message>
        <source>Keep mine</source>
        <translation>Meine behalten</translation>
    </message>
    <message>
        <source>Look at both</source>
        <translation>Beide ansehen</translation>
    </message>
    <message>
        <source>Not saved, and no copy for the case of a crash. %1</source>
        <translation>Nicht gespeichert, und keine Kopie für den Fall eines Absturzes. %1</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>Nicht gespeichert. %1</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>Öffnen, was da ist</translation>
    </message>
    <message>
        <source>Opens the file as it is on the disk now</source>
        <translation>Öffnet die Datei, wie sie jetzt auf dem Datenträger ist</translation>
    </message>
    <message>
        <source>Opens what is on the disk in a window of its own</source>
        <translation>Öffnet, was auf dem Datenträger ist, in einem eigenen Fenster</translation>
    </message>
    <message>
        <source>Save again</source>
        <translation>Erneut speichern</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>Speichern unter…</translation>
    </message>
    <message>
        <source>Saves to another place or under another name</source>
        <translation>Speichert an anderem Ort oder unter anderem Namen</translation>
    </message>
    <message>
        <source>Stays with what is open here: saving will replace what is on the disk</source>
        <translation>Bleibt bei dem, was hier offen ist: Speichern ersetzt, was auf dem Datenträger ist</translation>
    </message>
    <message>
        <source>Takes this line away</source>
        <translation>Nimmt diese Zeile weg</translation>
    </message>
    <message>
        <source>Tries to save once more</source>
        <translation>Versucht noch einmal zu speichern</translation>
    </message>
    <message>
        <source>Understood</source>
        <translation>Verstanden</translation>
    </message>
    <message>
        <source>“%1” is open in another window, too. Work in one of them: whichever saves last replaces what the other saved, and is asked first.</source>
        <translation>„%1“ ist auch in einem anderen Fenster offen. Arbeiten Sie in einem: wer zuletzt speichert, ersetzt, was das andere speicherte, und wird vorher gefragt.</translation>
    </message>
    <message>
        <source>“%1” was changed on the disk by another program or window. What is open here is as you left it.</source>
        <translation>„%1“ wurde von einem anderen Programm oder Fenster auf dem Datenträger geändert. Was hier offen ist, ist wie von Ihnen verlassen.</translation>
    </message>
</context>
<context>
    <name>pulsepin::OnsetRows</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source> or </source>
        <translation> oder </translation>
    </message>
    <message>
        <source> without </source>
        <translation> ohne </translation>
    </message>
    <message>
        <source>%1 to %2 Hz</source>
        <translation>%1 bis %2 Hz</translation>
    </message>
    <message>
        <source>%1 · %2 by hand</source>
        <translation>%1 · %2 von Hand</translation>
    </message>
    <message>
        <source>A click on it chooses this row: the choices below are for that one</source>
        <translation>Ein Klick darauf wählt diese Zeile: die Angaben darunter gelten für sie</translation>
    </message>
    <message>
        <source>A row of all sounds like the onset nearest to the playhead, or like those in the range</source>
        <translation>Eine Zeile aller Klänge wie der Onset am Abspielkopf oder wie die im Bereich</translation>
    </message>
    <message>
        <source>A row of other rows</source>
        <translation>Eine Zeile aus anderen Zeilen</translation>
    </message>
    <message>
        <source>A row that watches one range of frequencies, or is made of other rows</source>
        <translation>Eine Zeile, die einen Frequenzbereich beobachtet oder aus anderen Zeilen besteht</translation>
    </message>
    <message>
        <source>Add a row</source>
        <translation>Zeile hinzufügen</translation>
    </message>
    <message>
        <source>As the chosen row, to be found otherwise</source>
        <translation>Wie die gewählte Zeile, anders zu finden</translation>
    </message>
    <message>
        <source>Choose a row that is found in a sound first</source>
        <translation>Wählen Sie zuerst eine Zeile, die in einem Ton gefunden wird</translation>
    </message>
    <message>
        <source>Find like this</source>
        <translation>Solche suchen</translation>
    </message>
    <message>
        <source>From envelope peaks…</source>
        <translation>Aus Spitzen der Hüllkurve…</translation>
    </message>
    <message>
        <source>How the onsets of this row are heard: no single way suits all music</source>
        <translation>Wie die Onsets dieser Zeile gehört werden: kein einzelner Weg passt zu jeder Musik</translation>
    </message>
    <message>
        <source>How this row is found</source>
        <translation>Wie diese Zeile gefunden wird</translation>
    </message>
    <message>
        <source>More or fewer onsets, at once</source>
        <translation>Mehr oder weniger Onsets, sofort</translation>
    </message>
    <message>
        <source>Nothing was listened to yet.</source>
        <translation>Noch wurde nichts gehört.</translation>
    </message>
    <message>
        <source>Of other rows: kick or snare…</source>
        <translation>Aus anderen Zeilen: Kick oder Snare…</translation>
    </message>
    <message>
        <source>Onsets nearer to each other than this are one</source>
        <translation>Onsets, die näher beieinander liegen, sind einer</translation>
    </message>
    <message>
        <source>Onsets weaker than this, against the strongest of the song, are left out</source>
        <translation>Onsets, die schwächer sind, gemessen am stärksten des Songs, bleiben weg</translation>
    </message>
    <message>
        <source>Removes this row</source>
        <translation>Entfernt diese Zeile</translation>
    </message>
    <message>
        <source>Shows this row above the lanes</source>
        <translation>Zeigt diese Zeile über den Spuren</translation>
    </message>
    <message>
        <source>So far from any of the others</source>
        <translation>So weit von jedem der anderen</translation>
    </message>
    <message>
        <source>So near together they are one</source>
        <translation>So nah beieinander sind sie einer</translation>
    </message>
    <message>
        <source>There is no follower yet: add one in the stop Motion</source>
        <translation>Es gibt noch keine Folgekurve: fügen Sie beim Schritt Motion eine hinzu</translation>
    </message>
    <message>
        <source>Tick at least one row</source>
        <translation>Haken Sie mindestens eine Zeile an</translation>
    </message>
    <message>
        <source>add row of onsets</source>
        <translation>Zeile mit Onsets hinzufügen</translation>
    </message>
    <message>
        <source>any of</source>
        <translation>eine von</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>mindestens</translation>
    </message>
    <message>
        <source>but none of</source>
        <translation>aber keine von</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>in</source>
        <translation>in</translation>
    </message>
    <message>
        <source>none within</source>
        <translation>keiner in</translation>
    </message>
    <message>
        <source>one within</source>
        <translation>einer in</translation>
    </message>
    <message>
        <source>peaks of %1</source>
        <translation>Spitzen von %1</translation>
    </message>
    <message>
        <source>peaks of a lane that is gone</source>
        <translation>Spitzen einer Spur, die es nicht mehr gibt</translation>
    </message>
    <message>
        <source>show row</source>
        <translation>Zeile zeigen</translation>
    </message>
    <message>
        <source>sounds alike</source>
        <translation>gleiche Klänge</translation>
    </message>
</context>
<context>
    <name>pulsepin::PackCommands</name>
    <message>
        <source>%1; missing: %2</source>
        <translation>%1; es fehlen: %2</translation>
    </message>
    <message numerus="yes">
        <source>%n files packed into %1</source>
        <translation><numerusform>%n Datei gepackt in %1</numerusform><numerusform>%n Dateien gepackt in %1</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>; of %n films what is used</source>
        <translation><numerusform>; von %n Film das Verwendete</numerusform><numerusform>; von %n Filmen das Verwendete</numerusform></translation>
    </message>
    <message>
        <source>Films go along whole.</source>
        <translation>Filme gehen ganz mit.</translation>
    </message>
    <message>
        <source>Nothing was packed</source>
        <translation>Nichts wurde gepackt</translation>
    </message>
    <message>
        <source>Of films that only cuts show, what is seen goes along, with so many frames before and behind. What was placed with chosen in-points chooses among these then.</source>
        <translation>Von Filmen, die nur Schnitte zeigen, geht das Gezeigte mit, mit so vielen Bildern davor und danach. Was mit gewählten In-Punkten gesetzt ist, wählt dann unter diesen.</translation>
    </message>
    <message>
        <source>Pack into a ZIP file</source>
        <translation>In eine ZIP-Datei packen</translation>
    </message>
    <message>
        <source>Pack into a ZIP file…</source>
        <translation>In eine ZIP-Datei packen…</translation>
    </message>
    <message>
        <source>Pack into a folder</source>
        <translation>In einen Ordner packen</translation>
    </message>
    <message>
        <source>Pack into a folder…</source>
        <translation>In einen Ordner packen…</translation>
    </message>
    <message>
        <source>Pack into which folder?</source>
        <translation>In welchen Ordner packen?</translation>
    </message>
    <message>
        <source>Packing %1</source>
        <translation>Packe %1</translation>
    </message>
    <message>
        <source>Pack…</source>
        <translation>Packen…</translation>
    </message>
    <message>
        <source>Sheets to print</source>
        <translation>Blätter zum Drucken</translation>
    </message>
    <message>
        <source>There is a file of this name already: choose another one.</source>
        <translation>Es gibt schon eine Datei dieses Namens: wählen Sie einen anderen.</translation>
    </message>
</context>
<context>
    <name>pulsepin::ParamDelegate</name>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
</context>
<context>
    <name>pulsepin::ParamForm</name>
    <message>
        <source>They differ: this is the first one's. A change sets all.
%1</source>
        <translation>Sie sind verschieden: dies ist der des ersten. Eine Änderung setzt alle.
%1</translation>
    </message>
    <message>
        <source>a lane that is gone</source>
        <translation>eine Spur, die es nicht mehr gibt</translation>
    </message>
    <message>
        <source>all</source>
        <translation>alle</translation>
    </message>
    <message>
        <source>empty: </source>
        <translation>leer: </translation>
    </message>
</context>
<context>
    <name>pulsepin::PatchDialog</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 an %2</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Addieren</translation>
    </message>
    <message>
        <source>First channel of the first lamp</source>
        <translation>Erster Kanal der ersten Lampe</translation>
    </message>
    <message>
        <source>One output more, to this computer</source>
        <translation>Ein weiterer Ausgang, zu diesem Rechner</translation>
    </message>
    <message>
        <source>Outputs</source>
        <translation>Ausgänge</translation>
    </message>
    <message>
        <source>Patch</source>
        <translation>Patch</translation>
    </message>
    <message>
        <source>Patch and outputs</source>
        <translation>Patch und Ausgänge</translation>
    </message>
    <message>
        <source>Patch in order</source>
        <translation>Der Reihe nach</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Removes this output</source>
        <translation>Entfernt diesen Ausgang</translation>
    </message>
    <message>
        <source>The outputs of this piece</source>
        <translation>Die Ausgänge dieses Stücks</translation>
    </message>
    <message>
        <source>The rows that are selected, or all, one behind the other from that channel on</source>
        <translation>Die ausgewählten Zeilen oder alle, eine hinter der anderen ab diesem Kanal</translation>
    </message>
    <message>
        <source>Universe of the first lamp</source>
        <translation>Universum der ersten Lampe</translation>
    </message>
    <message>
        <source>Which channels each lamp listens to</source>
        <translation>Auf welche Kanäle jede Lampe hört</translation>
    </message>
    <message>
        <source>add output</source>
        <translation>Ausgang hinzufügen</translation>
    </message>
    <message>
        <source>change output</source>
        <translation>Ausgang ändern</translation>
    </message>
    <message>
        <source>channel </source>
        <translation>Kanal </translation>
    </message>
    <message>
        <source>channels</source>
        <translation>Kanäle</translation>
    </message>
    <message>
        <source>each sends</source>
        <translation>jede sendet</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>Lampe</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>patch lamp</source>
        <translation>Lampe patchen</translation>
    </message>
    <message>
        <source>patch lamps</source>
        <translation>Lampen patchen</translation>
    </message>
    <message>
        <source>remove output</source>
        <translation>Ausgang entfernen</translation>
    </message>
    <message>
        <source>rename lamp</source>
        <translation>Lampe umbenennen</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>dieser Rechner</translation>
    </message>
    <message>
        <source>universe</source>
        <translation>Universum</translation>
    </message>
    <message>
        <source>universe </source>
        <translation>Universum </translation>
    </message>
    <message>
        <source>“%1” is no number</source>
        <translation>„%1“ ist keine Zahl</translation>
    </message>
</context>
<context>
    <name>pulsepin::PickerPage</name>
    <message>
        <source> frames</source>
        <translation> Bilder</translation>
    </message>
    <message>
        <source> seconds</source>
        <translation> Sekunden</translation>
    </message>
    <message>
        <source>Bar and beat of the first, as 19.1; a range drawn on the ruler is taken over</source>
        <translation>Takt und Beat des ersten, als 19.1; ein im Lineal gezogener Bereich wird übernommen</translation>
    </message>
    <message>
        <source>Bar and beat up to which is placed; itself not included</source>
        <translation>Takt und Beat, bis zu denen gesetzt wird; selbst nicht dabei</translation>
    </message>
    <message>
        <source>Beats of the grid, or plain time without them</source>
        <translation>Beats des Rasters, oder reine Zeit ohne sie</translation>
    </message>
    <message>
        <source>Choose a preset, or type a name to save this picker as one</source>
        <translation>Wählen Sie eine Vorgabe, oder tippen Sie einen Namen, um diese Regel zu speichern</translation>
    </message>
    <message>
        <source>Counted from the first position of the range, after the filters</source>
        <translation>Gezählt ab der ersten Stelle des Bereichs, nach den Filtern</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Deletes the preset of that name; what it placed stays</source>
        <translation>Löscht die Vorgabe dieses Namens; was sie setzte, bleibt</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first</source>
        <translation>Ziehen Sie zuerst einen Bereich über das Lineal</translation>
    </message>
    <message>
        <source>Filters, one after the other</source>
        <translation>Filter, nacheinander</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Keeps source, range and filters in the project under that name</source>
        <translation>Behält Quelle, Bereich und Filter unter diesem Namen im Projekt</translation>
    </message>
    <message>
        <source>Places one after the other: 13.3 (bar and beat), 0:26.96, 26.96s, 647f or 00:00:26:23</source>
        <translation>Stellen nacheinander: 13.3 (Takt und Beat), 0:26.96, 26.96s, 647f oder 00:00:26:23</translation>
    </message>
    <message>
        <source>Preset “%1” is saved in the project</source>
        <translation>Vorgabe „%1“ ist im Projekt gespeichert</translation>
    </message>
    <message>
        <source>Presets of pickers</source>
        <translation>Vorgaben für Auswahlregeln</translation>
    </message>
    <message>
        <source>Select pins first</source>
        <translation>Wählen Sie zuerst Pins aus</translation>
    </message>
    <message>
        <source>The playhead lies in no section: find the beats first</source>
        <translation>Der Abspielkopf liegt in keinem Abschnitt: suchen Sie zuerst die Beats</translation>
    </message>
    <message>
        <source>There are no sections without beats</source>
        <translation>Ohne Beats gibt es keine Abschnitte</translation>
    </message>
    <message>
        <source>Up to where, in seconds; itself not included</source>
        <translation>Bis wohin, in Sekunden; selbst nicht dabei</translation>
    </message>
    <message>
        <source>Where it begins: 12.5 (seconds), 0:12.5, 300 f or 00:00:12:12</source>
        <translation>Wo es beginnt: 12.5 (Sekunden), 0:12.5, 300 f oder 00:00:12:12</translation>
    </message>
    <message>
        <source>Where the positions come from</source>
        <translation>Woher die Stellen kommen</translation>
    </message>
    <message>
        <source>Which part of the song</source>
        <translation>Welcher Teil des Songs</translation>
    </message>
    <message>
        <source>a name</source>
        <translation>ein Name</translation>
    </message>
    <message>
        <source>as typed</source>
        <translation>wie getippt</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>counted in</source>
        <translation>gezählt in</translation>
    </message>
    <message>
        <source>delete preset</source>
        <translation>Vorgabe löschen</translation>
    </message>
    <message>
        <source>every</source>
        <translation>jede</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>from the playhead</source>
        <translation>ab dem Abspielkopf</translation>
    </message>
    <message>
        <source>keep picker</source>
        <translation>Auswahlregel behalten</translation>
    </message>
    <message>
        <source>one</source>
        <translation>eine</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Stellen</translation>
    </message>
    <message>
        <source>presets</source>
        <translation>Vorgaben</translation>
    </message>
    <message>
        <source>range or loop</source>
        <translation>Bereich oder Schleife</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>starting at</source>
        <translation>ab</translation>
    </message>
    <message>
        <source>this section</source>
        <translation>dieser Abschnitt</translation>
    </message>
    <message>
        <source>to lane</source>
        <translation>auf Spur</translation>
    </message>
    <message>
        <source>until</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>what is selected</source>
        <translation>was ausgewählt ist</translation>
    </message>
    <message>
        <source>where</source>
        <translation>wo</translation>
    </message>
    <message>
        <source>whole song</source>
        <translation>ganzer Song</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureDesk</name>
    <message>
        <source> while it plays, so that no picture is dropped</source>
        <translation>, solange es läuft, damit kein Bild ausfällt</translation>
    </message>
    <message>
        <source>%1/s</source>
        <translation>%1/s</translation>
    </message>
    <message>
        <source>90 % for what moves, 80 % for words</source>
        <translation>90 % für Bewegtes, 80 % für Wörter</translation>
    </message>
    <message>
        <source>All words of the page are seen and moved one by one, by lines or all together</source>
        <translation>Alle Wörter der Seite sind zu sehen und lassen sich einzeln, zeilenweise oder alle zusammen verschieben</translation>
    </message>
    <message>
        <source>Closer (mouse wheel)</source>
        <translation>Näher (Mausrad)</translation>
    </message>
    <message>
        <source>Fit to frame</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Further away (mouse wheel)</source>
        <translation>Weiter weg (Mausrad)</translation>
    </message>
    <message>
        <source>Key pose</source>
        <translation>Pose</translation>
    </message>
    <message>
        <source>Middle, thirds, edges and other layers pull what is dragged (Ctrl while dragging: they do not)</source>
        <translation>Mitte, Drittel, Ränder und andere Ebenen ziehen das Gezogene an (Strg beim Ziehen: nicht)</translation>
    </message>
    <message>
        <source>Place, scale, rotation and opacity of the chosen layer as one key: here, or at each selected marker (Shift+K)</source>
        <translation>Ort, Größe, Drehung und Deckkraft der gewählten Ebene als ein Key: hier, oder bei jedem ausgewählten Marker (Umschalt+K)</translation>
    </message>
    <message>
        <source>The picture beside the song (F8 goes on)</source>
        <translation>Das Bild neben dem Song (F8 geht weiter)</translation>
    </message>
    <message>
        <source>The picture in a window of its own, on any screen; F11 fills the screen</source>
        <translation>Das Bild in einem eigenen Fenster, auf jedem Bildschirm; F11 füllt ihn</translation>
    </message>
    <message>
        <source>The picture in the lower panel (F8 goes on)</source>
        <translation>Das Bild im unteren Feld (F8 geht weiter)</translation>
    </message>
    <message>
        <source>The points of a drawn line are set and moved in the picture</source>
        <translation>Die Punkte einer gezeichneten Linie werden im Bild gesetzt und verschoben</translation>
    </message>
    <message>
        <source>The ring that a layer turns and grows about can be dragged</source>
        <translation>Der Ring, um den eine Ebene sich dreht und wächst, lässt sich ziehen</translation>
    </message>
    <message>
        <source>The whole frame, as large as there is room</source>
        <translation>Das ganze Bild, so groß der Platz ist</translation>
    </message>
    <message>
        <source>Two boxes on the chosen picture: the frame moves over it from one to the other</source>
        <translation>Zwei Rahmen auf dem gewählten Bild: der Ausschnitt fährt von einem zum anderen</translation>
    </message>
    <message>
        <source>What is dragged is the shot within the picture; of all selected cuts at once</source>
        <translation>Gezogen wird die Einstellung im Bild; bei allen ausgewählten Schnitten zugleich</translation>
    </message>
    <message>
        <source>What no layer covers is chequered: a film with a transparent background has holes there</source>
        <translation>Was keine Ebene bedeckt, ist kariert: ein Film mit durchsichtigem Grund hat dort Löcher</translation>
    </message>
    <message>
        <source>Where the keys before and after put the chosen layer</source>
        <translation>Wohin die Keys davor und danach die gewählte Ebene bringen</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>daneben</translation>
    </message>
    <message>
        <source>coarse</source>
        <translation>grob</translation>
    </message>
    <message>
        <source>docked</source>
        <translation>unten</translation>
    </message>
    <message>
        <source>draw</source>
        <translation>zeichnen</translation>
    </message>
    <message>
        <source>frame shot</source>
        <translation>rahmen</translation>
    </message>
    <message>
        <source>full quality</source>
        <translation>volle Qualität</translation>
    </message>
    <message>
        <source>guides</source>
        <translation>Hilfslinien</translation>
    </message>
    <message>
        <source>half quality</source>
        <translation>halbe Qualität</translation>
    </message>
    <message>
        <source>holes</source>
        <translation>Löcher</translation>
    </message>
    <message>
        <source>own window</source>
        <translation>Fenster</translation>
    </message>
    <message>
        <source>pivot</source>
        <translation>Drehpunkt</translation>
    </message>
    <message>
        <source>quarter quality</source>
        <translation>Viertel-Qualität</translation>
    </message>
    <message>
        <source>safe areas</source>
        <translation>Schutzränder</translation>
    </message>
    <message>
        <source>slow move</source>
        <translation>Fahrt</translation>
    </message>
    <message>
        <source>smaller, for lack of memory</source>
        <translation>kleiner, mangels Speicher</translation>
    </message>
    <message>
        <source>trace</source>
        <translation>Spur</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Wörter</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureHands</name>
    <message>
        <source>Choose a layer in the picture first.</source>
        <translation>Wählen Sie zuerst eine Ebene im Bild.</translation>
    </message>
    <message>
        <source>Click a layer to choose it, again for the one below · wheel: zoom · middle button: pan</source>
        <translation>Klick wählt eine Ebene, noch einmal die darunter · Rad: Zoom · mittlere Taste: schieben</translation>
    </message>
    <message>
        <source>Click sets a point · drag moves one, with Shift its width · double click takes it away</source>
        <translation>Klick setzt einen Punkt · Ziehen verschiebt ihn, mit Umschalt seine Breite · Doppelklick nimmt ihn weg</translation>
    </message>
    <message>
        <source>Drag “%1” to place it · corners scale, the arm turns · arrow keys nudge by 1 and 10 · Ctrl: without guides</source>
        <translation>„%1“ ziehen platziert · Ecken skalieren, der Arm dreht · Pfeiltasten rücken um 1 und 10 · Strg: ohne Hilfslinien</translation>
    </message>
    <message>
        <source>There are no titles of words yet: make them first (menu Words)</source>
        <translation>Es gibt noch keine Titel aus Wörtern: erzeugen Sie sie zuerst (Menü Wörter)</translation>
    </message>
    <message>
        <source>There is no line yet: add one (stop Motion, Layers, Add)</source>
        <translation>Es gibt noch keine Linie: fügen Sie eine hinzu (Schritt Motion, Ebenen, Hinzufügen)</translation>
    </message>
    <message>
        <source>There is no picture to move over yet.</source>
        <translation>Es gibt noch kein Bild, über das gefahren wird.</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>Rand</translation>
    </message>
    <message>
        <source>frame layer</source>
        <translation>Ebene rahmen</translation>
    </message>
    <message>
        <source>frame shot</source>
        <translation>rahmen</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>Mitte</translation>
    </message>
    <message>
        <source>move pivot</source>
        <translation>Drehpunkt verschieben</translation>
    </message>
    <message>
        <source>nudge layer</source>
        <translation>Ebene rücken</translation>
    </message>
    <message>
        <source>place layer</source>
        <translation>Ebene platzieren</translation>
    </message>
    <message>
        <source>scale layer</source>
        <translation>Ebene skalieren</translation>
    </message>
    <message>
        <source>third</source>
        <translation>Drittel</translation>
    </message>
    <message>
        <source>turn layer</source>
        <translation>Ebene drehen</translation>
    </message>
    <message>
        <source>“%1” is locked. Unlock the layer first (stop Motion, Layers).</source>
        <translation>„%1“ ist gesperrt. Entsperren Sie zuerst die Ebene (Schritt Motion, Ebenen).</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureRoom</name>
    <message>
        <source>Picture — Pulse Pin</source>
        <translation>Bild — Pulse Pin</translation>
    </message>
</context>
<context>
    <name>pulsepin::PinCommands</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 copied</source>
        <translation>%1 kopiert</translation>
    </message>
    <message>
        <source>%1 pins selected</source>
        <translation>%1 Pins ausgewählt</translation>
    </message>
    <message>
        <source>%1 placed and selected</source>
        <translation>%1 gesetzt und ausgewählt</translation>
    </message>
    <message>
        <source>%1 placed and selected, %2 not</source>
        <translation>%1 gesetzt und ausgewählt, %2 nicht</translation>
    </message>
    <message>
        <source>A bar earlier</source>
        <translation>Einen Takt früher</translation>
    </message>
    <message>
        <source>A bar later</source>
        <translation>Einen Takt später</translation>
    </message>
    <message>
        <source>A beat earlier</source>
        <translation>Einen Beat früher</translation>
    </message>
    <message>
        <source>A beat later</source>
        <translation>Einen Beat später</translation>
    </message>
    <message>
        <source>A frame earlier</source>
        <translation>Ein Bild früher</translation>
    </message>
    <message>
        <source>A frame later</source>
        <translation>Ein Bild später</translation>
    </message>
    <message>
        <source>A row down</source>
        <translation>Eine Zeile nach unten</translation>
    </message>
    <message>
        <source>A row up</source>
        <translation>Eine Zeile nach oben</translation>
    </message>
    <message>
        <source>Add a cut here</source>
        <translation>Hier einen Schnitt setzen</translation>
    </message>
    <message>
        <source>Add a marker here</source>
        <translation>Hier einen Marker setzen</translation>
    </message>
    <message>
        <source>Add a marker on the shot or sound here</source>
        <translation>Hier einen Marker auf Einstellung oder Ton setzen</translation>
    </message>
    <message>
        <source>Add a trigger here</source>
        <translation>Hier einen Trigger setzen</translation>
    </message>
    <message>
        <source>All in its lane</source>
        <translation>Alle der Spur</translation>
    </message>
    <message>
        <source>All in its lane, then all of its kind</source>
        <translation>Alle der Spur, dann alle der Art</translation>
    </message>
    <message>
        <source>All in the range</source>
        <translation>Alle im Bereich</translation>
    </message>
    <message>
        <source>All of its colour</source>
        <translation>Alle der Farbe</translation>
    </message>
    <message>
        <source>All of its name</source>
        <translation>Alle des Namens</translation>
    </message>
    <message>
        <source>All of these places are taken already</source>
        <translation>Alle diese Stellen sind schon besetzt</translation>
    </message>
    <message>
        <source>All pins</source>
        <translation>Alle Pins</translation>
    </message>
    <message>
        <source>All placed together with it</source>
        <translation>Alles zusammen Gesetzte</translation>
    </message>
    <message>
        <source>Bar 1 here</source>
        <translation>Hier Takt 1</translation>
    </message>
    <message>
        <source>By name…</source>
        <translation>Nach Namen…</translation>
    </message>
    <message>
        <source>Clear the range</source>
        <translation>Bereich aufheben</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>Ausschneiden</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first</source>
        <translation>Ziehen Sie zuerst einen Bereich über das Lineal</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>Blitz</translation>
    </message>
    <message>
        <source>From %1 until %2</source>
        <translation>Von %1 bis %2</translation>
    </message>
    <message>
        <source>Go here</source>
        <translation>Hierher gehen</translation>
    </message>
    <message>
        <source>Let it go from its shot</source>
        <translation>Von der Einstellung lösen</translation>
    </message>
    <message>
        <source>Lock or unlock</source>
        <translation>Sperren oder entsperren</translation>
    </message>
    <message>
        <source>Mute or unmute</source>
        <translation>Stummschalten oder nicht</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>Nichts</translation>
    </message>
    <message>
        <source>One pin selected</source>
        <translation>Ein Pin ausgewählt</translation>
    </message>
    <message>
        <source>Open or close the course of an event</source>
        <translation>Verlauf eines Ereignisses öffnen oder schließen</translation>
    </message>
    <message>
        <source>Part of the name</source>
        <translation>Teil des Namens</translation>
    </message>
    <message>
        <source>Paste at the playhead</source>
        <translation>Am Abspielkopf einfügen</translation>
    </message>
    <message>
        <source>Paste on the next chosen beats</source>
        <translation>Auf den nächsten gewählten Beats einfügen</translation>
    </message>
    <message>
        <source>Pin to the grid</source>
        <translation>Ans Raster heften</translation>
    </message>
    <message>
        <source>Pins further away than this stay loose</source>
        <translation>Pins, die weiter weg liegen, bleiben lose</translation>
    </message>
    <message>
        <source>Repeat bars…</source>
        <translation>Takte wiederholen…</translation>
    </message>
    <message>
        <source>Say it in a line…</source>
        <translation>In einer Zeile sagen…</translation>
    </message>
    <message>
        <source>Select a trigger, a light or something that appears, first</source>
        <translation>Wählen Sie zuerst einen Trigger, ein Licht oder etwas Erscheinendes aus</translation>
    </message>
    <message>
        <source>Select by name</source>
        <translation>Nach Namen auswählen</translation>
    </message>
    <message>
        <source>Select one of them first</source>
        <translation>Wählen Sie zuerst einen davon aus</translation>
    </message>
    <message>
        <source>Select pins first</source>
        <translation>Wählen Sie zuerst Pins aus</translation>
    </message>
    <message>
        <source>Select what shall come again, along the beats</source>
        <translation>Wählen Sie aus, was wiederkommen soll, über die Beats</translation>
    </message>
    <message>
        <source>There is a %1 here already: it is selected</source>
        <translation>Hier ist schon ein %1: ausgewählt</translation>
    </message>
    <message>
        <source>There is nothing to cut yet. Open a song or add shots first.</source>
        <translation>Es gibt noch nichts zu schneiden. Öffnen Sie zuerst einen Song oder fügen Sie Einstellungen hinzu.</translation>
    </message>
    <message>
        <source>Tie loose pins to the grid</source>
        <translation>Lose Pins ans Raster binden</translation>
    </message>
    <message>
        <source>Tie loose pins to the grid…</source>
        <translation>Lose Pins ans Raster binden…</translation>
    </message>
    <message>
        <source>Tie to the shot or sound under it</source>
        <translation>An Einstellung oder Ton darunter binden</translation>
    </message>
    <message>
        <source>To which places of the grid</source>
        <translation>An welche Stellen des Rasters</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>Lösen</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1 hinzufügen</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>delete key of event</source>
        <translation>Key des Ereignisses löschen</translation>
    </message>
    <message>
        <source>delete onset</source>
        <translation>Onset löschen</translation>
    </message>
    <message>
        <source>halves of beats</source>
        <translation>halbe Beats</translation>
    </message>
    <message>
        <source>paste</source>
        <translation>einfügen</translation>
    </message>
    <message>
        <source>paste on chosen beats</source>
        <translation>auf gewählten Beats einfügen</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>anheften</translation>
    </message>
    <message>
        <source>pull %1</source>
        <translation>%1 heranziehen</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>Viertel von Beats</translation>
    </message>
    <message>
        <source>repeat bars</source>
        <translation>Takte wiederholen</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>Drittel von Beats</translation>
    </message>
    <message>
        <source>to the nearest of</source>
        <translation>an die nächste von</translation>
    </message>
    <message>
        <source>unpin</source>
        <translation>lösen</translation>
    </message>
    <message>
        <source>within</source>
        <translation>innerhalb von</translation>
    </message>
</context>
<context>
    <name>pulsepin::PinsDetail</name>
    <message numerus="yes">
        <source>%n locked, left alone</source>
        <translation><numerusform>%n gesperrter bleibt</numerusform><numerusform>%n gesperrte bleiben</numerusform></translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>%1 ändern</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlacePanel</name>
    <message>
        <source> · %1 corrected by hand stay</source>
        <translation> · %1 von Hand berichtigte bleiben</translation>
    </message>
    <message>
        <source> · %1 left out (hollow)</source>
        <translation> · %1 ausgelassen (hohl)</translation>
    </message>
    <message>
        <source> · %1 taken already</source>
        <translation> · %1 schon besetzt</translation>
    </message>
    <message>
        <source> · %1 too close</source>
        <translation> · %1 zu nah</translation>
    </message>
    <message>
        <source>%1 loose</source>
        <translation>%1 lose</translation>
    </message>
    <message>
        <source>%1 placed and selected</source>
        <translation>%1 gesetzt und ausgewählt</translation>
    </message>
    <message>
        <source>%1 then · %2 new, %3 gone, %4 changed</source>
        <translation>%1 damals · %2 neu, %3 weg, %4 geändert</translation>
    </message>
    <message>
        <source>%1 · outlined above · worst %2 ms</source>
        <translation>%1 · oben umrissen · schlechteste %2 ms</translation>
    </message>
    <message numerus="yes">
        <source>Begin at 0 (%n black frame(s))</source>
        <translation><numerusform>Ab 0 (%n schwarzes Bild)</numerusform><numerusform>Ab 0 (%n schwarze Bilder)</numerusform></translation>
    </message>
    <message>
        <source>Change it</source>
        <translation>Ändern</translation>
    </message>
    <message>
        <source>Change what was placed</source>
        <translation>Gesetztes ändern</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>Hören</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Setzen</translation>
    </message>
    <message>
        <source>Place %1</source>
        <translation>%1 setzen</translation>
    </message>
    <message>
        <source>Place %1 on the beats you pick</source>
        <translation>%1 auf die gewählten Beats setzen</translation>
    </message>
    <message>
        <source>Placed</source>
        <translation>Gesetzt</translation>
    </message>
    <message>
        <source>Scrolls and zooms to the outlines</source>
        <translation>Rollt und zoomt zu den Umrissen</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Sounds are not placed on beats: add one, then drag it along them.</source>
        <translation>Töne werden nicht auf Beats gesetzt: fügen Sie einen hinzu und ziehen Sie ihn.</translation>
    </message>
    <message>
        <source>The first shot is seen from the very start</source>
        <translation>Die erste Einstellung ist von Anfang an zu sehen</translation>
    </message>
    <message>
        <source>The lane that the pins go to</source>
        <translation>Die Spur, auf die die Pins kommen</translation>
    </message>
    <message>
        <source>The outlined places click while the song plays, before they are placed</source>
        <translation>Die umrissenen Stellen klicken, während der Song läuft, bevor sie gesetzt sind</translation>
    </message>
    <message>
        <source>The planting stays as it is</source>
        <translation>Die Platzierung bleibt, wie sie ist</translation>
    </message>
    <message>
        <source>This planting was placed before pickers were saved with it: place it anew</source>
        <translation>Diese Platzierung entstand, bevor Regeln mit ihr gespeichert wurden: setzen Sie sie neu</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>What is placed on each of them</source>
        <translation>Was auf jede davon gesetzt wird</translation>
    </message>
    <message>
        <source>What was placed before: select, change, run again</source>
        <translation>Was früher gesetzt wurde: auswählen, ändern, erneut ausführen</translation>
    </message>
    <message>
        <source>What was placed together</source>
        <translation>Was zusammen gesetzt wurde</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>Wo</translation>
    </message>
    <message>
        <source>Which positions are picked</source>
        <translation>Welche Stellen gewählt werden</translation>
    </message>
    <message>
        <source>all of these places are taken already</source>
        <translation>alle diese Stellen sind schon besetzt</translation>
    </message>
    <message>
        <source>all of these places are too close to other cuts</source>
        <translation>alle diese Stellen liegen zu nah an anderen Schnitten</translation>
    </message>
    <message>
        <source>change planting</source>
        <translation>Platzierung ändern</translation>
    </message>
    <message>
        <source>nothing picked in that range</source>
        <translation>in diesem Bereich ist nichts gewählt</translation>
    </message>
    <message>
        <source>nothing placed yet</source>
        <translation>noch nichts gesetzt</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>Pins</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>%1 setzen</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlanView</name>
    <message>
        <source>Click a lamp to choose it, with Ctrl several · drag to move it, beside it to choose what lies in a frame</source>
        <translation>Klick wählt eine Lampe, mit Strg mehrere · Ziehen verschiebt sie, daneben wählt, was im Rahmen liegt</translation>
    </message>
    <message>
        <source>Drag over lamps to light them over the range or the bar · the right button makes them dark</source>
        <translation>Über Lampen ziehen schaltet sie über den Bereich oder den Takt an · die rechte Taste schaltet sie aus</translation>
    </message>
    <message>
        <source>No lamps yet: “Add lamps…” sets rows, arcs and grids of them</source>
        <translation>Noch keine Lampen: „Lampen hinzufügen…“ setzt Reihen, Bögen und Raster davon</translation>
    </message>
    <message>
        <source>Plan of the lamps</source>
        <translation>Plan der Lampen</translation>
    </message>
    <message>
        <source>lamp %1</source>
        <translation>Lampe %1</translation>
    </message>
    <message>
        <source>move lamps</source>
        <translation>Lampen verschieben</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlantingList</name>
    <message>
        <source>%1 added</source>
        <translation>%1 hinzugefügt</translation>
    </message>
    <message>
        <source>%1 altered</source>
        <translation>%1 verändert</translation>
    </message>
    <message>
        <source>%1 elsewhere</source>
        <translation>%1 anderswo</translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation>%1 ausgelassen</translation>
    </message>
    <message>
        <source>%1 moved</source>
        <translation>%1 verschoben</translation>
    </message>
    <message>
        <source>%1 plantings were run again</source>
        <translation>%1 Platzierungen wurden erneut ausgeführt</translation>
    </message>
    <message>
        <source>%1 would change if run again.</source>
        <translation>%1 würden sich ändern.</translation>
    </message>
    <message>
        <source>%1 · %2 corrected by hand, kept</source>
        <translation>%1 · %2 von Hand berichtigte behalten</translation>
    </message>
    <message>
        <source>%1 · %2 left out</source>
        <translation>%1 · %2 ausgelassen</translation>
    </message>
    <message>
        <source>All lie where their pickers pick.</source>
        <translation>Alle liegen, wo ihre Regeln wählen.</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>Ändern…</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Each planting that would change, in one step</source>
        <translation>Jede Platzierung, die sich ändern würde, in einem Schritt</translation>
    </message>
    <message>
        <source>Each row is what was placed at once; the last column says what running it again would do</source>
        <translation>Jede Zeile wurde auf einmal gesetzt; die letzte Spalte sagt, was erneutes Ausführen täte</translation>
    </message>
    <message>
        <source>Nothing changes: all lie where the picker picks</source>
        <translation>Nichts ändert sich: alle liegen, wo die Regel wählt</translation>
    </message>
    <message>
        <source>Nothing changes: all lie where their pickers pick</source>
        <translation>Nichts ändert sich: alle liegen, wo ihre Regeln wählen</translation>
    </message>
    <message>
        <source>Nothing was placed yet.</source>
        <translation>Noch wurde nichts gesetzt.</translation>
    </message>
    <message>
        <source>Opens its picker and form, to change all of it</source>
        <translation>Öffnet ihre Regel und ihr Formular, um alles daran zu ändern</translation>
    </message>
    <message>
        <source>Picks anew, after the grid or the onsets changed; what you corrected stays</source>
        <translation>Wählt neu, nachdem Raster oder Onsets sich änderten; Ihre Berichtigungen bleiben</translation>
    </message>
    <message>
        <source>Removes it with all of its pins</source>
        <translation>Entfernt sie mit allen ihren Pins</translation>
    </message>
    <message>
        <source>Run again</source>
        <translation>Erneut</translation>
    </message>
    <message>
        <source>Run all again</source>
        <translation>Alle erneut</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>Auswählen</translation>
    </message>
    <message>
        <source>Selects all of its pins</source>
        <translation>Wählt alle ihre Pins aus</translation>
    </message>
    <message>
        <source>The pins stay and belong together no more</source>
        <translation>Die Pins bleiben und gehören nicht mehr zusammen</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>Auflösen</translation>
    </message>
    <message>
        <source>What was placed together</source>
        <translation>Was zusammen gesetzt wurde</translation>
    </message>
    <message>
        <source>cannot</source>
        <translation>nicht möglich</translation>
    </message>
    <message>
        <source>corrected by hand</source>
        <translation>von Hand berichtigt</translation>
    </message>
    <message>
        <source>delete planting</source>
        <translation>Platzierung löschen</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>Spur</translation>
    </message>
    <message>
        <source>picked</source>
        <translation>gewählt</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>Pins</translation>
    </message>
    <message>
        <source>run again</source>
        <translation>erneut ausführen</translation>
    </message>
    <message>
        <source>run all again</source>
        <translation>alle erneut ausführen</translation>
    </message>
    <message>
        <source>run planting again</source>
        <translation>Platzierung erneut ausführen</translation>
    </message>
    <message>
        <source>ungroup planting</source>
        <translation>Platzierung auflösen</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlayCommands</name>
    <message>
        <source>%1 bars</source>
        <translation>%1 Takte</translation>
    </message>
    <message>
        <source>1 bar</source>
        <translation>1 Takt</translation>
    </message>
    <message>
        <source>A bar back</source>
        <translation>Einen Takt zurück</translation>
    </message>
    <message>
        <source>A bar before the few bars</source>
        <translation>Ein Takt vor den einigen Takten</translation>
    </message>
    <message>
        <source>A bar on</source>
        <translation>Einen Takt weiter</translation>
    </message>
    <message>
        <source>A beat back</source>
        <translation>Einen Beat zurück</translation>
    </message>
    <message>
        <source>A beat on</source>
        <translation>Einen Beat weiter</translation>
    </message>
    <message>
        <source>A few bars are</source>
        <translation>Einige Takte sind</translation>
    </message>
    <message>
        <source>A frame back</source>
        <translation>Ein Bild zurück</translation>
    </message>
    <message>
        <source>A frame on</source>
        <translation>Ein Bild weiter</translation>
    </message>
    <message>
        <source>Audio-video offset…</source>
        <translation>Versatz Ton zu Bild…</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>Schneller</translation>
    </message>
    <message>
        <source>From - until: 13.1 - 15.1, 0:24.8 - 0:28.9, 595 f - 693 f</source>
        <translation>Von - bis: 13.1 - 15.1, 0:24.8 - 0:28.9, 595 f - 693 f</translation>
    </message>
    <message>
        <source>Loop the range</source>
        <translation>Bereich wiederholen</translation>
    </message>
    <message>
        <source>Mute the click</source>
        <translation>Klick stumm</translation>
    </message>
    <message>
        <source>Mute the music</source>
        <translation>Musik stumm</translation>
    </message>
    <message>
        <source>Play a few bars</source>
        <translation>Einige Takte abspielen</translation>
    </message>
    <message>
        <source>Play or stop</source>
        <translation>Abspielen oder anhalten</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>Range begins here</source>
        <translation>Bereich beginnt hier</translation>
    </message>
    <message>
        <source>Range ends here</source>
        <translation>Bereich endet hier</translation>
    </message>
    <message>
        <source>Select a pin first</source>
        <translation>Wählen Sie zuerst einen Pin aus</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>Langsamer</translation>
    </message>
    <message>
        <source>Stop returns to where it began</source>
        <translation>Stopp kehrt zum Anfang zurück</translation>
    </message>
    <message>
        <source>The picture now follows the sound by %1 ms</source>
        <translation>Das Bild folgt dem Ton nun um %1 ms</translation>
    </message>
    <message>
        <source>The range must end after it begins</source>
        <translation>Der Bereich muss nach seinem Anfang enden</translation>
    </message>
    <message>
        <source>There are no bars yet: find the beats, tap them or type a tempo</source>
        <translation>Es gibt noch keine Takte: suchen Sie die Beats, tippen Sie sie, oder geben Sie ein Tempo ein</translation>
    </message>
    <message>
        <source>There are no beats yet: detect them first</source>
        <translation>Es gibt noch keine Beats: erkennen Sie sie zuerst</translation>
    </message>
    <message>
        <source>There is no %1 after this</source>
        <translation>Danach kommt kein %1</translation>
    </message>
    <message>
        <source>There is no %1 before this</source>
        <translation>Davor kommt kein %1</translation>
    </message>
    <message>
        <source>There is no pin after this</source>
        <translation>Danach kommt kein Pin</translation>
    </message>
    <message>
        <source>There is no pin before this</source>
        <translation>Davor kommt kein Pin</translation>
    </message>
    <message>
        <source>There is no song to play yet</source>
        <translation>Es gibt noch keinen Song zum Abspielen</translation>
    </message>
    <message>
        <source>There is no song yet</source>
        <translation>Es gibt noch keinen Song</translation>
    </message>
    <message>
        <source>To the cut before</source>
        <translation>Zum Schnitt davor</translation>
    </message>
    <message>
        <source>To the end</source>
        <translation>Zum Ende</translation>
    </message>
    <message>
        <source>To the marker before</source>
        <translation>Zum Marker davor</translation>
    </message>
    <message>
        <source>To the next cut</source>
        <translation>Zum nächsten Schnitt</translation>
    </message>
    <message>
        <source>To the next marker</source>
        <translation>Zum nächsten Marker</translation>
    </message>
    <message>
        <source>To the next pin</source>
        <translation>Zum nächsten Pin</translation>
    </message>
    <message>
        <source>To the pin before</source>
        <translation>Zum Pin davor</translation>
    </message>
    <message>
        <source>To the selected pin</source>
        <translation>Zum ausgewählten Pin</translation>
    </message>
    <message>
        <source>To the start</source>
        <translation>Zum Anfang</translation>
    </message>
    <message>
        <source>Type the range…</source>
        <translation>Bereich eintippen…</translation>
    </message>
    <message>
        <source>Write two places with “ - ” between them: 13.1 - 15.1</source>
        <translation>Schreiben Sie zwei Stellen mit „ - “ dazwischen: 13.1 - 15.1</translation>
    </message>
</context>
<context>
    <name>pulsepin::Player</name>
    <message>
        <source>No sound device: playing silently against a steady clock</source>
        <translation>Kein Tongerät: stumme Wiedergabe nach einer gleichmäßigen Uhr</translation>
    </message>
    <message>
        <source>The sound device went away: playback was paused</source>
        <translation>Das Tongerät ist weg: die Wiedergabe wurde angehalten</translation>
    </message>
</context>
<context>
    <name>pulsepin::PreviewView</name>
    <message>
        <source>All words are seen, those not sung yet faintly · click a word to mark it</source>
        <translation>Alle Wörter sind zu sehen, die noch nicht gesungenen blass · Klick auf ein Wort merkt es vor</translation>
    </message>
    <message>
        <source>Drag a corner to make the box larger or smaller</source>
        <translation>Ziehen Sie eine Ecke, um den Rahmen zu vergrößern oder zu verkleinern</translation>
    </message>
    <message>
        <source>Drag moves the word, with Shift its line, with Ctrl all words · arrow keys nudge what is selected by 1 and 10</source>
        <translation>Ziehen verschiebt das Wort, mit Umschalt seine Zeile, mit Strg alle · Pfeiltasten rücken das Ausgewählte um 1 und 10</translation>
    </message>
    <message>
        <source>Drag the box to where the frame shall be</source>
        <translation>Ziehen Sie den Rahmen dorthin, wo das Bild sein soll</translation>
    </message>
    <message>
        <source>Drag the end of this line onto the word that it shall end with</source>
        <translation>Ziehen Sie das Ende dieser Zeile auf das Wort, mit dem sie enden soll</translation>
    </message>
    <message>
        <source>Drop the end of a line on the word that it shall end with.</source>
        <translation>Legen Sie das Ende einer Zeile auf dem Wort ab, mit dem sie enden soll.</translation>
    </message>
    <message>
        <source>Full quality</source>
        <translation>Volle Qualität</translation>
    </message>
    <message>
        <source>Half quality</source>
        <translation>Halbe Qualität</translation>
    </message>
    <message>
        <source>No cuts yet</source>
        <translation>Noch keine Schnitte</translation>
    </message>
    <message>
        <source>No shot here</source>
        <translation>Hier keine Einstellung</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>Vorschau</translation>
    </message>
    <message>
        <source>Quarter quality</source>
        <translation>Viertel-Qualität</translation>
    </message>
    <message>
        <source>The frame moves from the box “from” to the box “to”, over the range, the section or four bars</source>
        <translation>Der Ausschnitt fährt vom Rahmen „von“ zum Rahmen „bis“, über den Bereich, den Abschnitt oder vier Takte</translation>
    </message>
    <message>
        <source>There is not enough memory for this picture.</source>
        <translation>Für dieses Bild reicht der Speicher nicht.</translation>
    </message>
    <message>
        <source>This shot is not in the bin</source>
        <translation>Diese Einstellung ist nicht in der Ablage</translation>
    </message>
    <message>
        <source>a cut at the playhead · Ctrl: takes this shot's place · Shift: a layer</source>
        <translation>ein Schnitt am Abspielkopf · Strg: ersetzt diese Einstellung · Umschalt: eine Ebene</translation>
    </message>
    <message>
        <source>a layer of the picture</source>
        <translation>eine Ebene des Bildes</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>end line of words</source>
        <translation>Wortzeile beenden</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>in sync %1 ms</source>
        <translation>synchron %1 ms</translation>
    </message>
    <message>
        <source>larger on every %1 · Shift: every second</source>
        <translation>größer auf jedem %1 · Umschalt: auf jedem zweiten</translation>
    </message>
    <message>
        <source>move a point</source>
        <translation>Punkt verschieben</translation>
    </message>
    <message>
        <source>move all words</source>
        <translation>alle Wörter verschieben</translation>
    </message>
    <message>
        <source>move line of words</source>
        <translation>Wortzeile verschieben</translation>
    </message>
    <message>
        <source>move words</source>
        <translation>Wörter verschieben</translation>
    </message>
    <message>
        <source>nudge words</source>
        <translation>Wörter rücken</translation>
    </message>
    <message>
        <source>picture late %1 ms</source>
        <translation>Bild zu spät %1 ms</translation>
    </message>
    <message>
        <source>remove a point</source>
        <translation>Punkt entfernen</translation>
    </message>
    <message>
        <source>set a point</source>
        <translation>Punkt setzen</translation>
    </message>
    <message>
        <source>slow move</source>
        <translation>Fahrt</translation>
    </message>
    <message>
        <source>takes this shot's place</source>
        <translation>nimmt den Platz dieser Einstellung</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
</context>
<context>
    <name>pulsepin::ProxyBank</name>
    <message>
        <source>Looking at %1</source>
        <translation>Sehe %1 an</translation>
    </message>
    <message>
        <source>Proxy of %1</source>
        <translation>Proxy von %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseCurve</name>
    <message>
        <source>Drag the peak, its end and the end of the pulse, or the handles of a curve</source>
        <translation>Ziehen Sie die Spitze, ihr Ende und das Ende des Pulses oder die Griffe einer Kurve</translation>
    </message>
    <message>
        <source>Left and right change the frames down, with Shift the frames up.</source>
        <translation>Links und rechts ändern die Bilder abwärts, mit Umschalt die aufwärts.</translation>
    </message>
    <message>
        <source>Shape of the pulse</source>
        <translation>Form des Pulses</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>Beat</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseForm</name>
    <message>
        <source>Which pulse, and what it drives, is set at the stop “Motion”.</source>
        <translation>Welcher Puls, und was er steuert, steht beim Schritt „Motion“.</translation>
    </message>
    <message>
        <source>pulses, %1</source>
        <translation>Pulse, %1</translation>
    </message>
    <message>
        <source>seed</source>
        <translation>Startwert</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>am stärksten</translation>
    </message>
    <message>
        <source>weakest</source>
        <translation>am schwächsten</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulsePage</name>
    <message>
        <source> · %1 shortened to fit</source>
        <translation> · %1 passend gekürzt</translation>
    </message>
    <message>
        <source> · none overlaps</source>
        <translation> · keine überlappt</translation>
    </message>
    <message>
        <source>%1 places</source>
        <translation>%1 Stellen</translation>
    </message>
    <message>
        <source>All pulses, each seen in this lane on two of its beats</source>
        <translation>Alle Pulse, jeder in dieser Spur auf zweien ihrer Beats</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>Kopie…</translation>
    </message>
    <message>
        <source>Gives this shape to another lane; its property and range stay</source>
        <translation>Gibt diese Form einer anderen Spur; deren Eigenschaft und Bereich bleiben</translation>
    </message>
    <message>
        <source>Keep pulse</source>
        <translation>Puls behalten</translation>
    </message>
    <message>
        <source>Keeps this pulse under a name, for other lanes</source>
        <translation>Behält diesen Puls unter einem Namen, für andere Spuren</translation>
    </message>
    <message>
        <source>Keep…</source>
        <translation>Neu…</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>No lane drives a property yet. Add one, then place pulses on it at the stop “Place”.</source>
        <translation>Noch steuert keine Spur eine Eigenschaft. Fügen Sie eine hinzu, und setzen Sie dann beim Schritt „Setzen“ Pulse darauf.</translation>
    </message>
    <message>
        <source>Nothing lies on this lane yet: place pulses first</source>
        <translation>Auf dieser Spur liegt noch nichts: setzen Sie zuerst Pulse</translation>
    </message>
    <message>
        <source>Pulse: %1</source>
        <translation>Puls: %1</translation>
    </message>
    <message>
        <source>See…</source>
        <translation>Alle…</translation>
    </message>
    <message>
        <source>The pulse “%1”, as a start</source>
        <translation>Der Puls „%1“, als Anfang</translation>
    </message>
    <message>
        <source>There is no other lane of pulses</source>
        <translation>Es gibt keine andere Spur für Pulse</translation>
    </message>
    <message>
        <source>Your pulse “%1” · right click deletes it</source>
        <translation>Ihr Puls „%1“ · Rechtsklick löscht ihn</translation>
    </message>
    <message>
        <source>bend pulse</source>
        <translation>Puls biegen</translation>
    </message>
    <message>
        <source>change pulse</source>
        <translation>Puls ändern</translation>
    </message>
    <message>
        <source>choose pulse</source>
        <translation>Puls wählen</translation>
    </message>
    <message>
        <source>copy pulse</source>
        <translation>Puls kopieren</translation>
    </message>
    <message>
        <source>delete pulse</source>
        <translation>Puls löschen</translation>
    </message>
    <message>
        <source>keep pulse</source>
        <translation>Puls behalten</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseShapeField</name>
    <message>
        <source>The lane's pulse again</source>
        <translation>Wieder der Puls der Spur</translation>
    </message>
    <message>
        <source>This place gets a shape of its own, chosen from the library and your saved pulses</source>
        <translation>Diese Stelle bekommt eine eigene Form, gewählt aus der Bibliothek und Ihren Pulsen</translation>
    </message>
    <message>
        <source>as the lane</source>
        <translation>wie die Spur</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>Form ändern</translation>
    </message>
    <message>
        <source>own shape</source>
        <translation>eigene Form</translation>
    </message>
    <message>
        <source>shape: %1</source>
        <translation>Form: %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::ReadingBar</name>
    <message>
        <source>%1 characters per second; %2 can be read</source>
        <translation>%1 Zeichen je Sekunde; %2 sind lesbar</translation>
    </message>
    <message>
        <source>Characters per second</source>
        <translation>Zeichen je Sekunde</translation>
    </message>
</context>
<context>
    <name>pulsepin::ReceiverWindow</name>
    <message>
        <source>%1 lost</source>
        <translation>%1 verloren</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>Empfänger</translation>
    </message>
    <message>
        <source>ended · %1 packets, %2 lost</source>
        <translation>beendet · %1 Pakete, %2 verloren</translation>
    </message>
    <message>
        <source>none lost</source>
        <translation>keine verloren</translation>
    </message>
    <message>
        <source>nothing has arrived yet on port %1</source>
        <translation>noch nichts angekommen auf Port %1</translation>
    </message>
    <message>
        <source>received: %1/s · %2 · jitter %3 ms · packet %4 · %5</source>
        <translation>empfangen: %1/s · %2 · Jitter %3 ms · Paket %4 · %5</translation>
    </message>
</context>
<context>
    <name>pulsepin::RepeatDialog</name>
    <message>
        <source> bars</source>
        <translation> Takte</translation>
    </message>
    <message>
        <source> times</source>
        <translation> mal</translation>
    </message>
    <message>
        <source> · %1 places are taken already</source>
        <translation> · %1 Stellen sind schon besetzt</translation>
    </message>
    <message>
        <source>%1 would be placed</source>
        <translation>%1 würden gesetzt</translation>
    </message>
    <message>
        <source>From the start of one to the start of the next</source>
        <translation>Vom Anfang des einen bis zum Anfang des nächsten</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Repeat bars</source>
        <translation>Takte wiederholen</translation>
    </message>
    <message>
        <source>as they are</source>
        <translation>wie sie sind</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>rückwärts</translation>
    </message>
    <message>
        <source>backwards every other time</source>
        <translation>jedes zweite Mal rückwärts</translation>
    </message>
    <message>
        <source>every</source>
        <translation>jede</translation>
    </message>
    <message>
        <source>how</source>
        <translation>wie</translation>
    </message>
    <message>
        <source>how often</source>
        <translation>wie oft</translation>
    </message>
</context>
<context>
    <name>pulsepin::RippleCut</name>
    <message>
        <source>To %1 · with all later cuts</source>
        <translation>Nach %1 · mit allen späteren Schnitten</translation>
    </message>
    <message>
        <source>move cut and all later ones</source>
        <translation>Schnitt und alle späteren verschieben</translation>
    </message>
</context>
<context>
    <name>pulsepin::RollCut</name>
    <message>
        <source>To %1 · the pictures after it stay where they are</source>
        <translation>Nach %1 · die Bilder danach bleiben</translation>
    </message>
    <message>
        <source>roll cut</source>
        <translation>Schnitt rollen</translation>
    </message>
</context>
<context>
    <name>pulsepin::RouteList</name>
    <message>
        <source>Route</source>
        <translation>Stationen</translation>
    </message>
    <message>
        <source>The stops of the work; up and down arrows go from one to the next</source>
        <translation>Die Schritte der Arbeit; Pfeil auf und ab gehen vom einen zum nächsten</translation>
    </message>
</context>
<context>
    <name>pulsepin::RowsField</name>
    <message>
        <source>All rows</source>
        <translation>Alle Zeilen</translation>
    </message>
    <message>
        <source>all rows</source>
        <translation>alle Zeilen</translation>
    </message>
    <message>
        <source>onsets</source>
        <translation>Onsets</translation>
    </message>
</context>
<context>
    <name>pulsepin::SayDialog</name>
    <message>
        <source>%1 placed on “%2”</source>
        <translation>%1 gesetzt auf „%2“</translation>
    </message>
    <message>
        <source>%1 places</source>
        <translation>%1 Stellen</translation>
    </message>
    <message>
        <source>1 place</source>
        <translation>1 Stelle</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>Tun</translation>
    </message>
    <message>
        <source>How the line can go on</source>
        <translation>Wie die Zeile weitergehen kann</translation>
    </message>
    <message>
        <source>Say it in a line</source>
        <translation>In einer Zeile sagen</translation>
    </message>
    <message>
        <source>What is to happen, and where</source>
        <translation>Was geschehen soll, und wo</translation>
    </message>
    <message>
        <source>camera zoom 100 -&gt; 110 for 2 frames on kick, bars 9-16</source>
        <translation>camera zoom 100 -&gt; 110 for 2 frames on kick, bars 9-16</translation>
    </message>
    <message>
        <source>do what was said</source>
        <translation>Gesagtes tun</translation>
    </message>
</context>
<context>
    <name>pulsepin::ScheduleTextDialog</name>
    <message>
        <source>%1 characters</source>
        <translation>%1 Zeichen</translation>
    </message>
    <message>
        <source>Copied</source>
        <translation>Kopiert</translation>
    </message>
    <message>
        <source>Copies the line, to be pasted elsewhere</source>
        <translation>Kopiert die Zeile, um sie anderswo einzufügen</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>Kopieren</translation>
    </message>
    <message>
        <source>Decimals of values</source>
        <translation>Nachkommastellen der Werte</translation>
    </message>
    <message>
        <source>Keys as a line of text</source>
        <translation>Keys als eine Textzeile</translation>
    </message>
    <message>
        <source>Nothing is driven yet: place pulses or keys on a lane first</source>
        <translation>Noch wird nichts gesteuert: setzen Sie zuerst Pulse oder Keys auf eine Spur</translation>
    </message>
    <message>
        <source>Property</source>
        <translation>Eigenschaft</translation>
    </message>
    <message>
        <source>The line as it will be</source>
        <translation>Die Zeile, wie sie sein wird</translation>
    </message>
    <message>
        <source>What stands between two keys; \n is a line break, \t a tab</source>
        <translation>Was zwischen zwei Keys steht; \n ist ein Zeilenumbruch, \t ein Tabulator</translation>
    </message>
    <message>
        <source>Which keys</source>
        <translation>Welche Keys</translation>
    </message>
    <message>
        <source>Write all properties…</source>
        <translation>Alle Eigenschaften schreiben…</translation>
    </message>
    <message>
        <source>as few as say the same in straight lines</source>
        <translation>so wenige, wie in geraden Linien dasselbe sagen</translation>
    </message>
    <message>
        <source>between</source>
        <translation>dazwischen</translation>
    </message>
    <message>
        <source>decimals</source>
        <translation>Nachkommastellen</translation>
    </message>
    <message>
        <source>each key</source>
        <translation>jeder Key</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>Keys</translation>
    </message>
    <message>
        <source>keys as text</source>
        <translation>Keys als Text</translation>
    </message>
    <message>
        <source>one each frame</source>
        <translation>einer je Bild</translation>
    </message>
    <message>
        <source>property</source>
        <translation>Eigenschaft</translation>
    </message>
    <message>
        <source>the keys as they are</source>
        <translation>die Keys, wie sie sind</translation>
    </message>
    <message>
        <source>{frame}, {time}, {value}, {easing} and {property} are replaced</source>
        <translation>{frame}, {time}, {value}, {easing} und {property} werden ersetzt</translation>
    </message>
</context>
<context>
    <name>pulsepin::ScoreView</name>
    <message numerus="yes">
        <source>%n bars in a row</source>
        <translation><numerusform>%n Takt je Zeile</numerusform><numerusform>%n Takte je Zeile</numerusform></translation>
    </message>
    <message>
        <source>Click a cell to switch it on or off, drag to paint · P ends painting</source>
        <translation>Klick auf eine Zelle schaltet sie an oder aus, Ziehen malt · P beendet das Malen</translation>
    </message>
    <message>
        <source>Click to go there · Shift and drag makes a range · wheel scrolls, with Ctrl other phrase lengths</source>
        <translation>Klick geht hin · Umschalt und Ziehen macht einen Bereich · Rad rollt, mit Strg andere Phrasenlängen</translation>
    </message>
    <message>
        <source>Click to go there · double click adds a pin · Shift and drag selects what it touches · wheel scrolls, with Ctrl other phrase lengths</source>
        <translation>Klick geht hin · Doppelklick setzt einen Pin · Umschalt und Ziehen wählt, was es berührt · Rad rollt, mit Strg andere Phrasenlängen</translation>
    </message>
    <message>
        <source>Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves it alone · H holds it</source>
        <translation>Einen Beat ziehen biegt das Raster um ihn · Strg biegt bis zu gehaltenen Beats, Alt verschiebt ihn allein · H hält ihn</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Partitur</translation>
    </message>
    <message>
        <source>Scroll through the phrases</source>
        <translation>Durch die Phrasen rollen</translation>
    </message>
    <message>
        <source>The score needs beats: find them at the stop “Grid”.</source>
        <translation>Die Partitur braucht Beats: suchen Sie sie beim Schritt „Raster“.</translation>
    </message>
    <message>
        <source>The song in phrases, one under another. Arrow keys move the playhead.</source>
        <translation>Der Song in Phrasen, eine unter der anderen. Pfeiltasten bewegen den Abspielkopf.</translation>
    </message>
</context>
<context>
    <name>pulsepin::SequencerKeys</name>
    <message>
        <source>MIDI keys</source>
        <translation>MIDI-Tasten</translation>
    </message>
</context>
<context>
    <name>pulsepin::SettingsDialog</name>
    <message>
        <source>%1: as it began</source>
        <translation>%1: wie am Anfang</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Find a setting or a shortcut</source>
        <translation>Einstellung oder Kürzel suchen</translation>
    </message>
    <message>
        <source>No setting has these words.</source>
        <translation>Keine Einstellung hat diese Wörter.</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Reset: %1</source>
        <translation>Zurücksetzen: %1</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Shortcuts</source>
        <translation>Tastenkürzel</translation>
    </message>
    <message>
        <source>Shows what has these words in it</source>
        <translation>Zeigt, was diese Wörter enthält</translation>
    </message>
    <message>
        <source>at the next start</source>
        <translation>beim nächsten Start</translation>
    </message>
    <message>
        <source>in new projects</source>
        <translation>in neuen Projekten</translation>
    </message>
</context>
<context>
    <name>pulsepin::SheetsPage</name>
    <message>
        <source>%1 pages written: %2</source>
        <translation>%1 Seiten geschrieben: %2</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message>
        <source>1 page written: %1</source>
        <translation>1 Seite geschrieben: %1</translation>
    </message>
    <message>
        <source>A page as it is printed</source>
        <translation>Eine Seite, wie sie gedruckt wird</translation>
    </message>
    <message>
        <source>Asks where to write them, as PDF, SVG or PNG</source>
        <translation>Fragt, wohin sie geschrieben werden, als PDF, SVG oder PNG</translation>
    </message>
    <message>
        <source>Drawing a sheet</source>
        <translation>Zeichne ein Blatt</translation>
    </message>
    <message>
        <source>How much of the piece is printed</source>
        <translation>Wie viel des Stücks gedruckt wird</translation>
    </message>
    <message>
        <source>Laying sheets out</source>
        <translation>Setze Blätter</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>Nächste Seite</translation>
    </message>
    <message>
        <source>Previous page</source>
        <translation>Vorige Seite</translation>
    </message>
    <message>
        <source>The page after this one</source>
        <translation>Die Seite nach dieser</translation>
    </message>
    <message>
        <source>The page before this one</source>
        <translation>Die Seite vor dieser</translation>
    </message>
    <message>
        <source>Write the sheets…</source>
        <translation>Blätter schreiben…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>alles</translation>
    </message>
    <message>
        <source>drawn range</source>
        <translation>gezogener Bereich</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShortcutsPage</name>
    <message>
        <source>%1 is used by %2, which would have no keys any more.</source>
        <translation>%1 gehört zu %2 und stünde dort nicht mehr zur Verfügung.</translation>
    </message>
    <message>
        <source>%1 is used by “%2” now. Change that first.</source>
        <translation>%1 gehört jetzt zu „%2“. Ändern Sie das zuerst.</translation>
    </message>
    <message>
        <source>%1: It could not be read. Choose another file.</source>
        <translation>%1: konnte nicht gelesen werden. Wählen Sie eine andere Datei.</translation>
    </message>
    <message>
        <source>%1: It could not be written: %2.</source>
        <translation>%1: konnte nicht geschrieben werden: %2.</translation>
    </message>
    <message numerus="yes">
        <source>%n shortcut(s) taken from %1.</source>
        <translation><numerusform>%n Kürzel aus %1 übernommen.</numerusform><numerusform>%n Kürzel aus %1 übernommen.</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n shortcut(s) written to %1.</source>
        <translation><numerusform>%n Kürzel nach %1 geschrieben.</numerusform><numerusform>%n Kürzel nach %1 geschrieben.</numerusform></translation>
    </message>
    <message>
        <source>All commands have the keys again that they began with</source>
        <translation>Alle Befehle haben wieder die Tasten vom Anfang</translation>
    </message>
    <message>
        <source>All commands have the keys that they began with.</source>
        <translation>Alle Befehle haben die Tasten vom Anfang.</translation>
    </message>
    <message>
        <source>Changed</source>
        <translation>Geändert</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>Befehl</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>Befehle und ihre Tasten</translation>
    </message>
    <message>
        <source>Export shortcuts</source>
        <translation>Tastenkürzel exportieren</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>Exportieren…</translation>
    </message>
    <message>
        <source>Import shortcuts</source>
        <translation>Tastenkürzel importieren</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Importieren…</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Lists of shortcuts (*.txt)</source>
        <translation>Listen von Tastenkürzeln (*.txt)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>New keys</source>
        <translation>Neue Tasten</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>Keine Tasten</translation>
    </message>
    <message>
        <source>Press the keys that the chosen command shall have</source>
        <translation>Drücken Sie die Tasten, die der gewählte Befehl haben soll</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>Reset all</source>
        <translation>Alle zurücksetzen</translation>
    </message>
    <message>
        <source>Take keys from such a file</source>
        <translation>Übernimmt Tasten aus einer solchen Datei</translation>
    </message>
    <message>
        <source>The chosen command has no keys any more</source>
        <translation>Der gewählte Befehl hat keine Tasten mehr</translation>
    </message>
    <message>
        <source>The chosen command has the keys again that it began with</source>
        <translation>Der gewählte Befehl hat wieder die Tasten vom Anfang</translation>
    </message>
    <message>
        <source>The chosen command is done by these keys; who had them before has them no longer</source>
        <translation>Der gewählte Befehl geschieht durch diese Tasten; wer sie vorher hatte, hat sie nicht mehr</translation>
    </message>
    <message>
        <source>Use these keys</source>
        <translation>Diese Tasten</translation>
    </message>
    <message>
        <source>Write the keys that differ to a file</source>
        <translation>Schreibt die geänderten Tasten in eine Datei</translation>
    </message>
    <message>
        <source>shortcuts.txt</source>
        <translation>tastenkuerzel.txt</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShotCommands</name>
    <message>
        <source>A beat earlier with all later cuts</source>
        <translation>Einen Beat früher mit allen späteren Schnitten</translation>
    </message>
    <message>
        <source>A beat later with all later cuts</source>
        <translation>Einen Beat später mit allen späteren Schnitten</translation>
    </message>
    <message>
        <source>Fill slates with the shots in turn</source>
        <translation>Platzhalter der Reihe nach mit Einstellungen füllen</translation>
    </message>
    <message>
        <source>Roll a beat earlier, pictures stay</source>
        <translation>Einen Beat früher rollen, Bilder bleiben</translation>
    </message>
    <message>
        <source>Roll a beat later, pictures stay</source>
        <translation>Einen Beat später rollen, Bilder bleiben</translation>
    </message>
    <message>
        <source>Slip a frame back in its clip</source>
        <translation>Im Clip ein Bild zurück</translation>
    </message>
    <message>
        <source>Slip a frame on in its clip</source>
        <translation>Im Clip ein Bild weiter</translation>
    </message>
    <message>
        <source>Swap with the next shot</source>
        <translation>Mit der nächsten Einstellung tauschen</translation>
    </message>
    <message>
        <source>The next camera at the playhead, same moment</source>
        <translation>Die nächste Kamera am Abspielkopf, selber Moment</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShowingPage</name>
    <message>
        <source>%1, up to %2 at once</source>
        <translation>%1, bis zu %2 zugleich</translation>
    </message>
    <message>
        <source>In</source>
        <translation>Kommen</translation>
    </message>
    <message>
        <source>It appears nowhere yet: double click into the lane, or place it at the stop “Place”</source>
        <translation>Es erscheint noch nirgends: in die Spur doppelklicken oder beim Schritt „Setzen“ setzen</translation>
    </message>
    <message>
        <source>Nothing appears yet: choose a layer or a group</source>
        <translation>Noch erscheint nichts: wählen Sie eine Ebene oder Gruppe</translation>
    </message>
    <message>
        <source>Out</source>
        <translation>Gehen</translation>
    </message>
    <message>
        <source>The layer or group that appears on this lane</source>
        <translation>Die Ebene oder Gruppe, die auf dieser Spur erscheint</translation>
    </message>
    <message>
        <source>While visible</source>
        <translation>Sichtbar</translation>
    </message>
    <message>
        <source>change how it comes in</source>
        <translation>ändern, wie es kommt</translation>
    </message>
    <message>
        <source>change how it goes out</source>
        <translation>ändern, wie es geht</translation>
    </message>
    <message>
        <source>change what it does while visible</source>
        <translation>ändern, was es sichtbar tut</translation>
    </message>
    <message>
        <source>choose what appears</source>
        <translation>wählen, was erscheint</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>noch nichts</translation>
    </message>
    <message>
        <source>what appears</source>
        <translation>was erscheint</translation>
    </message>
</context>
<context>
    <name>pulsepin::SimulatedPad</name>
    <message>
        <source>simulated pad</source>
        <translation>simuliertes Pad</translation>
    </message>
</context>
<context>
    <name>pulsepin::SlipShot</name>
    <message>
        <source>From %1 s of the shot on</source>
        <translation>Ab %1 s der Einstellung</translation>
    </message>
    <message>
        <source>slip shot</source>
        <translation>Einstellung schieben</translation>
    </message>
</context>
<context>
    <name>pulsepin::SongPanel</name>
    <message>
        <source>
%1 × %2 pixels
</source>
        <translation>
%1 × %2 Pixel
</translation>
    </message>
    <message>
        <source>   %1 s</source>
        <translation>   %1 s</translation>
    </message>
    <message>
        <source>   picture</source>
        <translation>   Bild</translation>
    </message>
    <message>
        <source> (HDR)</source>
        <translation> (HDR)</translation>
    </message>
    <message>
        <source> (camera)</source>
        <translation> (Kamera)</translation>
    </message>
    <message>
        <source> (sound)</source>
        <translation> (Ton)</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>%1
%2 samples</source>
        <translation>%1
%2 Samples</translation>
    </message>
    <message>
        <source>%1 cuts</source>
        <translation>%1 Schnitte</translation>
    </message>
    <message>
        <source>%1 fps</source>
        <translation>%1 fps</translation>
    </message>
    <message>
        <source>%1 x %2</source>
        <translation>%1 x %2</translation>
    </message>
    <message>
        <source>%1 · %2 kHz · %3 frames</source>
        <translation>%1 · %2 kHz · %3 Bilder</translation>
    </message>
    <message numerus="yes">
        <source>%1:%2, %n shots</source>
        <translation><numerusform>%1:%2, %n Einstellung</numerusform><numerusform>%1:%2, %n Einstellungen</numerusform></translation>
    </message>
    <message>
        <source>1 cut</source>
        <translation>1 Schnitt</translation>
    </message>
    <message>
        <source>A beat seldom falls on a frame: which one is taken then</source>
        <translation>Ein Beat fällt selten auf ein Bild: welches dann genommen wird</translation>
    </message>
    <message>
        <source>A smaller copy for showing it is on its way.</source>
        <translation>Eine kleinere Kopie zum Zeigen ist unterwegs.</translation>
    </message>
    <message>
        <source>Add shots…</source>
        <translation>Bilder dazu…</translation>
    </message>
    <message>
        <source>Add sound…</source>
        <translation>Ton dazu…</translation>
    </message>
    <message>
        <source>Another sound, laid under the song from the playhead on; several at once are parts of the song, as drums and the rest, and are laid where they sound like it</source>
        <translation>Ein weiterer Ton, ab dem Abspielkopf unter dem Song; mehrere auf einmal sind Teile des Songs, etwa Schlagzeug und Rest, und liegen, wo sie wie er klingen</translation>
    </message>
    <message>
        <source>Any sound file, or a video whose sound is the song</source>
        <translation>Jede Tondatei, oder ein Video, dessen Ton der Song ist</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>Frames per second. All frame numbers are derived again; nothing moves in time.</source>
        <translation>Bilder je Sekunde. Alle Bildnummern werden neu abgeleitet; nichts verschiebt sich in der Zeit.</translation>
    </message>
    <message>
        <source>How wide and high the picture is; layers keep their place in it</source>
        <translation>Wie breit und hoch das Bild ist; Ebenen behalten ihren Ort darin</translation>
    </message>
    <message>
        <source>It ran while the song played: cuts to it can show the same moment</source>
        <translation>Sie lief, während der Song spielte: Schnitte auf sie können denselben Moment zeigen</translation>
    </message>
    <message>
        <source>Its title</source>
        <translation>Sein Titel</translation>
    </message>
    <message>
        <source>No song yet. Open one, or drop it on the window.</source>
        <translation>Noch kein Song. Öffnen Sie einen, oder legen Sie ihn auf dem Fenster ab.</translation>
    </message>
    <message>
        <source>Of high dynamic range: its light is mapped to standard range (Report ITU-R BT.2390).
</source>
        <translation>Mit hohem Dynamikumfang: sein Licht wird auf Standardumfang abgebildet (Bericht ITU-R BT.2390).
</translation>
    </message>
    <message>
        <source>Open song…</source>
        <translation>Song…</translation>
    </message>
    <message>
        <source>Own numbers…</source>
        <translation>Eigene Zahlen…</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Remarks</source>
        <translation>Anmerkungen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Shots in the bin</source>
        <translation>Einstellungen in der Ablage</translation>
    </message>
    <message>
        <source>Shown by a proxy; exports are made from the file itself.</source>
        <translation>Durch einen Proxy gezeigt; Exporte entstehen aus der Datei selbst.</translation>
    </message>
    <message>
        <source>Shown from the file itself, more slowly. %1</source>
        <translation>Aus der Datei selbst gezeigt, langsamer. %1</translation>
    </message>
    <message>
        <source>Song</source>
        <translation>Song</translation>
    </message>
    <message>
        <source>Takes the selected shots out of the bin; those that cuts use stay</source>
        <translation>Nimmt die ausgewählten Einstellungen aus der Ablage; die von Schnitten verwendeten bleiben</translation>
    </message>
    <message>
        <source>The piece</source>
        <translation>Das Stück</translation>
    </message>
    <message>
        <source>The shots that cuts are taken from, in this order: drag to change it, or onto a lane, a shot or the picture</source>
        <translation>Die Einstellungen, aus denen Schnitte wählen, in dieser Reihenfolge: ziehen ändert sie, oder auf eine Spur, eine Einstellung oder das Bild</translation>
    </message>
    <message>
        <source>The song and the shots</source>
        <translation>Der Song und die Einstellungen</translation>
    </message>
    <message>
        <source>Title, author…</source>
        <translation>Titel, Urheber…</translation>
    </message>
    <message>
        <source>Turned by hand.
</source>
        <translation>Von Hand gedreht.
</translation>
    </message>
    <message>
        <source>Video files for the bin, from which cuts take their shots</source>
        <translation>Videodateien für die Ablage, aus denen Schnitte ihre Einstellungen nehmen</translation>
    </message>
    <message>
        <source>What the piece is called, who made it, remarks: written into exported files</source>
        <translation>Wie das Stück heißt, wer es machte, Anmerkungen: in exportierten Dateien</translation>
    </message>
    <message>
        <source>Where in the song its first picture lies</source>
        <translation>Wo im Song ihr erstes Bild liegt</translation>
    </message>
    <message>
        <source>Who made it</source>
        <translation>Wer es machte</translation>
    </message>
    <message>
        <source>Width and height in pixels, as 1080 x 1350</source>
        <translation>Breite und Höhe in Pixeln, als 1080 x 1350</translation>
    </message>
    <message>
        <source>Write two numbers with an x between them: 1080 x 1350</source>
        <translation>Schreiben Sie zwei Zahlen mit einem x dazwischen: 1080 x 1350</translation>
    </message>
    <message>
        <source>author</source>
        <translation>Urheber</translation>
    </message>
    <message>
        <source>beats are rounded</source>
        <translation>Beats gerundet</translation>
    </message>
    <message>
        <source>begins at </source>
        <translation>beginnt bei </translation>
    </message>
    <message>
        <source>change frame rate</source>
        <translation>Bildrate ändern</translation>
    </message>
    <message>
        <source>change picture size</source>
        <translation>Bildgröße ändern</translation>
    </message>
    <message>
        <source>change rounding</source>
        <translation>Rundung ändern</translation>
    </message>
    <message>
        <source>first shot · %1 × %2</source>
        <translation>erste Einstellung · %1 × %2</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>making proxy</source>
        <translation>Proxy entsteht</translation>
    </message>
    <message>
        <source>name piece</source>
        <translation>Stück benennen</translation>
    </message>
    <message>
        <source>nearest frame</source>
        <translation>nächstes Bild</translation>
    </message>
    <message>
        <source>never late</source>
        <translation>nie zu spät</translation>
    </message>
    <message>
        <source>no camera</source>
        <translation>keine Kamera</translation>
    </message>
    <message>
        <source>no proxy</source>
        <translation>kein Proxy</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>noch kein Song</translation>
    </message>
    <message>
        <source>order the bin</source>
        <translation>Ablage ordnen</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>proxy</source>
        <translation>Proxy</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>Anmerkungen</translation>
    </message>
    <message>
        <source>remove shots</source>
        <translation>Einstellungen entfernen</translation>
    </message>
    <message>
        <source>set camera</source>
        <translation>Kamera setzen</translation>
    </message>
    <message>
        <source>title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>unused</source>
        <translation>unbenutzt</translation>
    </message>
</context>
<context>
    <name>pulsepin::SongSound</name>
    <message>
        <source> dB</source>
        <translation> dB</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>How loud the song is among the other sounds</source>
        <translation>Wie laut der Song unter den anderen Tönen ist</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>Only what is listened to is heard, until this is pressed again</source>
        <translation>Nur worauf gehört wird, ist zu hören, bis dies wieder gedrückt wird</translation>
    </message>
    <message>
        <source>Over how long it comes in</source>
        <translation>Über wie lange er kommt</translation>
    </message>
    <message>
        <source>Over how long it goes out</source>
        <translation>Über wie lange er geht</translation>
    </message>
    <message>
        <source>Shows a line of gain over each sound: press it to add a point, drag the point</source>
        <translation>Zeigt eine Pegellinie über jedem Ton: ein Druck setzt einen Punkt, Ziehen verschiebt ihn</translation>
    </message>
    <message>
        <source>Solo</source>
        <translation>Solo</translation>
    </message>
    <message>
        <source>Writes what is listened to as a WAV file, as long as the song</source>
        <translation>Schreibt, worauf gehört wird, als WAV-Datei, so lang wie der Song</translation>
    </message>
    <message>
        <source>Write…</source>
        <translation>Schreiben…</translation>
    </message>
    <message>
        <source>change the song's sound</source>
        <translation>Ton des Songs ändern</translation>
    </message>
    <message>
        <source>gain </source>
        <translation>Pegel </translation>
    </message>
    <message>
        <source>in </source>
        <translation>ein </translation>
    </message>
    <message>
        <source>listen to </source>
        <translation>Ton: </translation>
    </message>
    <message>
        <source>out </source>
        <translation>aus </translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundBank</name>
    <message>
        <source>Drawing the song</source>
        <translation>Zeichne den Song</translation>
    </message>
    <message>
        <source>Drawing the spectrum</source>
        <translation>Zeichne das Spektrum</translation>
    </message>
    <message>
        <source>Mixing</source>
        <translation>Mische</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>Öffne %1</translation>
    </message>
    <message>
        <source>Taking a part out of the sound</source>
        <translation>Nehme einen Teil aus dem Ton</translation>
    </message>
    <message>
        <source>The song is not there. %1</source>
        <translation>Der Song ist nicht da. %1</translation>
    </message>
    <message>
        <source>The song's file has changed since this project was saved: check the grid against it</source>
        <translation>Die Datei des Songs hat sich geändert, seit dieses Projekt gespeichert wurde: prüfen Sie das Raster daran</translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundCommands</name>
    <message>
        <source>%1 was not written</source>
        <translation>%1 wurde nicht geschrieben</translation>
    </message>
    <message numerus="yes">
        <source>%n pins lie before or behind what is kept of the song.</source>
        <translation><numerusform>%n Pin liegt vor oder hinter dem, was vom Song bleibt.</numerusform><numerusform>%n Pins liegen vor oder hinter dem, was vom Song bleibt.</numerusform></translation>
    </message>
    <message>
        <source>Add sound…</source>
        <translation>Ton hinzufügen…</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first: it is what will be kept</source>
        <translation>Ziehen Sie zuerst einen Bereich über das Lineal: er wird behalten</translation>
    </message>
    <message>
        <source>Hear what is listened to alone</source>
        <translation>Nur hören, worauf gehört wird</translation>
    </message>
    <message>
        <source>Keep only the range of the song</source>
        <translation>Nur den Bereich des Songs behalten</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Kept, they stay in their lanes, where nothing sounds. Either can be taken back with undo.</source>
        <translation>Behalten, bleiben sie in ihren Spuren, wo nichts klingt. Beides nimmt Rückgängig zurück.</translation>
    </message>
    <message>
        <source>Place the shot's own sound under it</source>
        <translation>Eigenen Ton der Einstellung unterlegen</translation>
    </message>
    <message>
        <source>Remove them</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Seconds of silence before it; below 0 so much of its beginning is left out</source>
        <translation>Sekunden Stille davor; unter 0 bleibt so viel vom Anfang weg</translation>
    </message>
    <message>
        <source>Split the sound here</source>
        <translation>Ton hier teilen</translation>
    </message>
    <message>
        <source>The piece is as long as what is heard</source>
        <translation>Das Stück ist so lang wie das Hörbare</translation>
    </message>
    <message>
        <source>The piece is the range: it is played, shown and exported from there to there</source>
        <translation>Das Stück ist der Bereich: von dort bis dort wird es gespielt, gezeigt und exportiert</translation>
    </message>
    <message>
        <source>The range is the piece</source>
        <translation>Der Bereich ist das Stück</translation>
    </message>
    <message>
        <source>There is no song to count along: open one first</source>
        <translation>Es gibt keinen Song zum Mitzählen: öffnen Sie zuerst einen</translation>
    </message>
    <message>
        <source>There is no song yet</source>
        <translation>Es gibt noch keinen Song</translation>
    </message>
    <message>
        <source>There is nothing that clicks: find the beats first</source>
        <translation>Es gibt nichts, das klickt: suchen Sie zuerst die Beats</translation>
    </message>
    <message>
        <source>Tie selected pins to the sound under them</source>
        <translation>Ausgewählte Pins an den Ton darunter binden</translation>
    </message>
    <message>
        <source>WAV or FLAC (*.wav *.flac)</source>
        <translation>WAV oder FLAC (*.wav *.flac)</translation>
    </message>
    <message>
        <source>When the song begins</source>
        <translation>Wann der Song beginnt</translation>
    </message>
    <message>
        <source>When the song begins…</source>
        <translation>Wann der Song beginnt…</translation>
    </message>
    <message>
        <source>Write linear timecode</source>
        <translation>Linearen Timecode schreiben</translation>
    </message>
    <message>
        <source>Write linear timecode…</source>
        <translation>Linearen Timecode schreiben…</translation>
    </message>
    <message>
        <source>Write the clicks</source>
        <translation>Klicks schreiben</translation>
    </message>
    <message>
        <source>Write the clicks…</source>
        <translation>Klicks schreiben…</translation>
    </message>
    <message>
        <source>Write what is listened to…</source>
        <translation>Schreiben, worauf gehört wird…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>Schreibe %1</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>Geschrieben: %1</translation>
    </message>
    <message>
        <source>keep only the range</source>
        <translation>nur den Bereich behalten</translation>
    </message>
    <message>
        <source>move song</source>
        <translation>Song verschieben</translation>
    </message>
    <message>
        <source>piece as long as the song</source>
        <translation>Stück so lang wie der Song</translation>
    </message>
    <message>
        <source>piece from the range</source>
        <translation>Stück aus dem Bereich</translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundDetail</name>
    <message>
        <source> dB</source>
        <translation> dB</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Equal power keeps the loudness where two sounds cross</source>
        <translation>Gleiche Leistung hält die Lautheit, wo zwei Töne sich kreuzen</translation>
    </message>
    <message>
        <source>How it comes in</source>
        <translation>Wie er kommt</translation>
    </message>
    <message>
        <source>How it goes out</source>
        <translation>Wie er geht</translation>
    </message>
    <message>
        <source>change sound</source>
        <translation>Ton ändern</translation>
    </message>
    <message>
        <source>equal power</source>
        <translation>gleiche Leistung</translation>
    </message>
    <message>
        <source>fade in</source>
        <translation>einblenden</translation>
    </message>
    <message>
        <source>fade out</source>
        <translation>ausblenden</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>Pegel</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>linear</translation>
    </message>
</context>
<context>
    <name>pulsepin::StatusStrip</name>
    <message>
        <source> · not saved</source>
        <translation> · nicht gespeichert</translation>
    </message>
    <message>
        <source> · saved %1 min ago</source>
        <translation> · vor %1 min gespeichert</translation>
    </message>
    <message>
        <source> · saved %1 s ago</source>
        <translation> · vor %1 s gespeichert</translation>
    </message>
    <message>
        <source> · saving…</source>
        <translation> · speichert…</translation>
    </message>
    <message>
        <source>%1 more being done</source>
        <translation>%1 weitere in Arbeit</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>Abbrechen</translation>
    </message>
    <message>
        <source>Cancel: %1</source>
        <translation>Abbrechen: %1</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>What else is being done, each with its own stop</source>
        <translation>Was noch getan wird, jedes mit eigenem Stopp</translation>
    </message>
</context>
<context>
    <name>pulsepin::StepCells</name>
    <message>
        <source>Click or paint the steps that count; arrow keys and Return do the same</source>
        <translation>Klicken oder malen Sie die Schritte, die zählen; Pfeiltasten und Eingabe tun dasselbe</translation>
    </message>
    <message>
        <source>Pattern of steps</source>
        <translation>Muster aus Schritten</translation>
    </message>
    <message>
        <source>step %1, off</source>
        <translation>Schritt %1, aus</translation>
    </message>
    <message>
        <source>step %1, on</source>
        <translation>Schritt %1, an</translation>
    </message>
</context>
<context>
    <name>pulsepin::SyncDialog</name>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>%n Pin</numerusform><numerusform>%n Pins</numerusform></translation>
    </message>
    <message>
        <source>Every pin</source>
        <translation>Jeder Pin</translation>
    </message>
    <message>
        <source>Only pins of this kind</source>
        <translation>Nur Pins dieser Art</translation>
    </message>
    <message>
        <source>Only pins of this lane</source>
        <translation>Nur Pins dieser Spur</translation>
    </message>
    <message>
        <source>Only what lies farther from its place</source>
        <translation>Nur was weiter von seinem Platz liegt</translation>
    </message>
    <message>
        <source>Write as CSV…</source>
        <translation>Als CSV schreiben…</translation>
    </message>
    <message>
        <source>all kinds</source>
        <translation>alle Arten</translation>
    </message>
    <message>
        <source>all lanes</source>
        <translation>alle Spuren</translation>
    </message>
    <message>
        <source>however near</source>
        <translation>wie nah auch immer</translation>
    </message>
    <message>
        <source>worse than %1 ms</source>
        <translation>schlechter als %1 ms</translation>
    </message>
</context>
<context>
    <name>pulsepin::SyncTable</name>
    <message>
        <source> (loose)</source>
        <translation> (lose)</translation>
    </message>
    <message>
        <source>From there to the nearest onset of the row that it was placed by, or of all</source>
        <translation>Von dort zum nächsten Onset der Zeile, nach der er gesetzt wurde, oder aller</translation>
    </message>
    <message>
        <source>How much earlier its lane acts, in ms</source>
        <translation>Wie viel früher seine Spur wirkt, in ms</translation>
    </message>
    <message>
        <source>How much later than it should that frame begins</source>
        <translation>Wie viel später als nötig dieses Bild beginnt</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>The frame at which it is seen most: lead, length and envelope included</source>
        <translation>Das Bild, auf dem es am meisten zu sehen ist: mit Vorlauf, Länge und Hüllkurve</translation>
    </message>
    <message>
        <source>The frame that acts</source>
        <translation>Das Bild, das wirkt</translation>
    </message>
    <message>
        <source>The lane that it lies on</source>
        <translation>Die Spur, auf der er liegt</translation>
    </message>
    <message>
        <source>The same in time</source>
        <translation>Dasselbe in Zeit</translation>
    </message>
    <message>
        <source>The same with how far it is anchored from its intended beat</source>
        <translation>Dasselbe mit dem Abstand seines Ankers vom gemeinten Beat</translation>
    </message>
    <message>
        <source>Where it is anchored</source>
        <translation>Wo er verankert ist</translation>
    </message>
    <message>
        <source>error ms</source>
        <translation>Fehler ms</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>from onset ms</source>
        <translation>vom Onset ms</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>Spur</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>Vorlauf</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Stelle</translation>
    </message>
    <message>
        <source>rounding ms</source>
        <translation>Rundung ms</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>zu sehen</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>what</source>
        <translation>was</translation>
    </message>
</context>
<context>
    <name>pulsepin::TableColumns</name>
    <message>
        <source>The first rows, and what each column is</source>
        <translation>Die ersten Zeilen, und was jede Spalte ist</translation>
    </message>
    <message>
        <source>What this column is</source>
        <translation>Was diese Spalte ist</translation>
    </message>
</context>
<context>
    <name>pulsepin::TapPanel</name>
    <message>
        <source> BPM</source>
        <translation> BPM</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source> · %1 BPM</source>
        <translation> · %1 BPM</translation>
    </message>
    <message>
        <source> · %1 left out</source>
        <translation> · %1 ausgelassen</translation>
    </message>
    <message>
        <source> · one left out</source>
        <translation> · einer ausgelassen</translation>
    </message>
    <message>
        <source>%1 taps</source>
        <translation>%1 Tipps</translation>
    </message>
    <message>
        <source>%1 taps · %2 BPM</source>
        <translation>%1 Tipps · %2 BPM</translation>
    </message>
    <message>
        <source>%1 taps; it takes three</source>
        <translation>%1 Tipps; es braucht drei</translation>
    </message>
    <message numerus="yes">
        <source>%n marker(s) added and selected</source>
        <translation><numerusform>%n Marker hinzugefügt und ausgewählt</numerusform><numerusform>%n Marker hinzugefügt und ausgewählt</numerusform></translation>
    </message>
    <message>
        <source>A marker at each tap</source>
        <translation>Ein Marker bei jedem Tipp</translation>
    </message>
    <message>
        <source>A row of onsets at the taps, each as strong as it was hit</source>
        <translation>Eine Zeile mit Onsets bei den Tipps, jeder so stark wie getippt</translation>
    </message>
    <message>
        <source>How late taps come</source>
        <translation>Wie spät Tipps kommen</translation>
    </message>
    <message>
        <source>On the beat, as T on the keyboard; with Shift the first beat of a bar</source>
        <translation>Auf den Beat, wie T auf der Tastatur; mit Umschalt der erste Beat eines Takts</translation>
    </message>
    <message>
        <source>T taps the beat · Shift+T the first of a bar</source>
        <translation>T: Beat · Umschalt+T: Taktanfang</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation>Mittippen</translation>
    </message>
    <message>
        <source>Tap along with the click on a grid that is right, then press this: what the taps are tap latency is remembered</source>
        <translation>Tippen Sie auf einem richtigen Raster mit dem Klick, dann drücken Sie dies: wie spät die Tipps sind, wird gemerkt</translation>
    </message>
    <message>
        <source>Tap latency: what hand, keyboard and sound take; it is taken off each tap</source>
        <translation>Verzögerung: was Hand, Tastatur und Ton brauchen; sie wird von jedem Tipp abgezogen</translation>
    </message>
    <message>
        <source>Tapped without music: at this tempo, so that taps land on quarters of its beats when they are laid; or freely</source>
        <translation>Ohne Musik getippt: in diesem Tempo, damit Tipps auf Vierteln seiner Beats landen; oder frei</translation>
    </message>
    <message>
        <source>Taps come %1 ms late. That is taken off from now on.</source>
        <translation>Tipps kommen %1 ms zu spät. Das wird von nun an abgezogen.</translation>
    </message>
    <message>
        <source>The grid gets the tapped tempo about bar 1; without a grid a steady one begins</source>
        <translation>Das Raster bekommt das getippte Tempo um Takt 1; ohne Raster beginnt ein gleichmäßiges</translation>
    </message>
    <message>
        <source>The grid moves onto the taps; first taps begin bars</source>
        <translation>Das Raster rückt auf die Tipps; erste Tipps beginnen Takte</translation>
    </message>
    <message>
        <source>The rhythm from the playhead on, on the lane that is chosen: a pin for each tap</source>
        <translation>Der Rhythmus ab dem Abspielkopf, auf der gewählten Spur: ein Pin je Tipp</translation>
    </message>
    <message>
        <source>The taps become the beats where you tapped; stray ones are left out</source>
        <translation>Die Tipps werden die Beats, wo Sie tippten; verirrte bleiben weg</translation>
    </message>
    <message>
        <source>There is a marker at each of these taps already</source>
        <translation>Bei jedem dieser Tipps ist schon ein Marker</translation>
    </message>
    <message>
        <source>There is no lane of markers</source>
        <translation>Es gibt keine Spur für Marker</translation>
    </message>
    <message>
        <source>Which taps are used: each round that was tapped stays here</source>
        <translation>Welche Tipps gelten: jede getippte Runde bleibt hier</translation>
    </message>
    <message>
        <source>add tapped markers</source>
        <translation>getippte Marker hinzufügen</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>freely</source>
        <translation>frei</translation>
    </message>
    <message>
        <source>make a grid from taps</source>
        <translation>Raster aus Tipps machen</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marker</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>messen</translation>
    </message>
    <message>
        <source>move grid onto taps</source>
        <translation>Raster auf Tipps rücken</translation>
    </message>
    <message>
        <source>no taps yet</source>
        <translation>noch nicht getippt</translation>
    </message>
    <message>
        <source>one tap</source>
        <translation>ein Tipp</translation>
    </message>
    <message>
        <source>phase</source>
        <translation>Phase</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Stelle</translation>
    </message>
    <message>
        <source>place tapped rhythm</source>
        <translation>getippten Rhythmus setzen</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>row from taps</source>
        <translation>Zeile aus Tipps</translation>
    </message>
    <message>
        <source>take taps as beats</source>
        <translation>Tipps als Beats nehmen</translation>
    </message>
    <message>
        <source>take the tapped tempo</source>
        <translation>getipptes Tempo übernehmen</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>Tipp %1</translation>
    </message>
    <message>
        <source>tap latency</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>taps %1</source>
        <translation>Tipps %1</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>“%1” is a row of onsets now</source>
        <translation>„%1“ ist nun eine Zeile mit Onsets</translation>
    </message>
</context>
<context>
    <name>pulsepin::TapPlot</name>
    <message>
        <source>Each tap against a steady beat: up is late, down is early; a hollow one is left out</source>
        <translation>Jeder Tipp gegen einen gleichmäßigen Beat: oben ist spät, unten früh; ein hohler ist ausgelassen</translation>
    </message>
    <message>
        <source>Evenness of the taps</source>
        <translation>Gleichmäßigkeit der Tipps</translation>
    </message>
</context>
<context>
    <name>pulsepin::TimelineView</name>
    <message>
        <source>%1 · click: what is added goes here · double click: name it · right click: more</source>
        <translation>%1 · Klick: Neues kommt hierher · Doppelklick: benennen · Rechtsklick: mehr</translation>
    </message>
    <message>
        <source>12 bands</source>
        <translation>12 Bänder</translation>
    </message>
    <message>
        <source>30 Hz – 16 kHz</source>
        <translation>30 Hz – 16 kHz</translation>
    </message>
    <message>
        <source>A click is heard where it acts · Shift and click: another sound</source>
        <translation>Ein Klick ist zu hören, wo sie wirkt · Umschalt und Klick: anderer Klang</translation>
    </message>
    <message>
        <source>Against the strongest, in percent</source>
        <translation>Gemessen am stärksten, in Prozent</translation>
    </message>
    <message>
        <source>As it was found</source>
        <translation>Wie gefunden</translation>
    </message>
    <message>
        <source>Click to go there</source>
        <translation>Klick geht hin</translation>
    </message>
    <message>
        <source>Click to go there · Shift and drag makes a range · wheel zooms at the mouse, with Shift scrolls</source>
        <translation>Klick geht hin · Umschalt und Ziehen macht einen Bereich · Rad zoomt an der Maus, mit Umschalt rollt es</translation>
    </message>
    <message>
        <source>Click to go there · drag to make a range · wheel zooms, with Shift scrolls</source>
        <translation>Klick geht hin · Ziehen macht einen Bereich · Rad zoomt, mit Umschalt rollt es</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>Löschen</translation>
    </message>
    <message>
        <source>Double click to add a beat · Shift leaves the onsets</source>
        <translation>Doppelklick fügt einen Beat hinzu · Umschalt verlässt die Onsets</translation>
    </message>
    <message>
        <source>Double click to add a pin · click to go there · Shift and drag selects what it touches</source>
        <translation>Doppelklick setzt einen Pin · Klick geht hin · Umschalt und Ziehen wählt, was es berührt</translation>
    </message>
    <message>
        <source>Double click to add an onset to this row</source>
        <translation>Doppelklick fügt dieser Zeile einen Onset hinzu</translation>
    </message>
    <message>
        <source>Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves it alone · H holds it</source>
        <translation>Einen Beat ziehen biegt das Raster um ihn · Strg biegt bis zu gehaltenen Beats, Alt verschiebt ihn allein · H hält ihn</translation>
    </message>
    <message>
        <source>Drag an onset to where you hear it · Delete removes it · right click: strength, as it was found</source>
        <translation>Onset dorthin ziehen, wo Sie ihn hören · Entf entfernt ihn · Rechtsklick: Stärke, wie gefunden</translation>
    </message>
    <message>
        <source>Drag it onto a value of a layer, the picture or a lane: it acts there on each of these onsets</source>
        <translation>Auf einen Wert einer Ebene, das Bild oder eine Spur ziehen: dort wirkt er bei jedem dieser Onsets</translation>
    </message>
    <message>
        <source>Drag the line of gain: a press adds a point, a double click removes one, Shift goes slowly</source>
        <translation>Pegellinie ziehen: ein Druck setzt einen Punkt, Doppelklick entfernt ihn, Umschalt geht langsam</translation>
    </message>
    <message>
        <source>Drag to fade the song</source>
        <translation>Ziehen blendet den Song</translation>
    </message>
    <message>
        <source>Drag to where the piece begins or ends; the song itself is not trimmed</source>
        <translation>Dorthin ziehen, wo das Stück beginnt oder endet; der Song selbst wird nicht getrimmt</translation>
    </message>
    <message>
        <source>Drag to where the song is heard from or until; nothing else moves</source>
        <translation>Dorthin ziehen, von wo oder bis wohin der Song zu hören ist; sonst bewegt sich nichts</translation>
    </message>
    <message>
        <source>Drop a song here, or press Ctrl+O</source>
        <translation>Legen Sie hier einen Song ab, oder drücken Sie Strg+O</translation>
    </message>
    <message>
        <source>Flash danger</source>
        <translation>Blitzgefahr</translation>
    </message>
    <message>
        <source>Locked: none of its pins is changed</source>
        <translation>Gesperrt: keiner ihrer Pins wird geändert</translation>
    </message>
    <message>
        <source>Muted: there, but without effect</source>
        <translation>Stumm: da, aber ohne Wirkung</translation>
    </message>
    <message>
        <source>Only what has this is heard</source>
        <translation>Nur was dies hat, ist zu hören</translation>
    </message>
    <message>
        <source>Scroll in time</source>
        <translation>In der Zeit rollen</translation>
    </message>
    <message>
        <source>Scroll through the lanes</source>
        <translation>Durch die Spuren rollen</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>Strength…</source>
        <translation>Stärke…</translation>
    </message>
    <message>
        <source>The song and the lanes that hang from it. Arrow keys move the playhead.</source>
        <translation>Der Song und die Spuren, die an ihm hängen. Pfeiltasten bewegen den Abspielkopf.</translation>
    </message>
    <message>
        <source>Timeline</source>
        <translation>Zeitleiste</translation>
    </message>
    <message>
        <source>Waveform drawn %1 times as high</source>
        <translation>Wellenform %1-mal so hoch gezeichnet</translation>
    </message>
    <message>
        <source>add beat</source>
        <translation>Beat hinzufügen</translation>
    </message>
    <message>
        <source>add onset</source>
        <translation>Onset hinzufügen</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>Takte</translation>
    </message>
    <message>
        <source>click of lane</source>
        <translation>Klick der Spur</translation>
    </message>
    <message>
        <source>click of row</source>
        <translation>Klick der Zeile</translation>
    </message>
    <message>
        <source>confidence</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>delete onset</source>
        <translation>Onset löschen</translation>
    </message>
    <message>
        <source>deviation from tempo</source>
        <translation>Abweichung vom Tempo</translation>
    </message>
    <message>
        <source>found</source>
        <translation>gefunden</translation>
    </message>
    <message>
        <source>found again</source>
        <translation>neu gefunden</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>Raster</translation>
    </message>
    <message>
        <source>in any second</source>
        <translation>in jeder Sekunde</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>Spur sperren</translation>
    </message>
    <message>
        <source>mix · %1 kHz</source>
        <translation>Mix · %1 kHz</translation>
    </message>
    <message>
        <source>mute lane</source>
        <translation>Spur stummschalten</translation>
    </message>
    <message>
        <source>mute song</source>
        <translation>Song stummschalten</translation>
    </message>
    <message>
        <source>remove point of gain</source>
        <translation>Pegelpunkt entfernen</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>Abschnitte</translation>
    </message>
    <message>
        <source>snap always</source>
        <translation>rastet immer</translation>
    </message>
    <message>
        <source>snap near</source>
        <translation>rastet nahe</translation>
    </message>
    <message>
        <source>snap off</source>
        <translation>rastet nicht</translation>
    </message>
    <message>
        <source>solo</source>
        <translation>Solo</translation>
    </message>
    <message>
        <source>solo lane</source>
        <translation>Spur solo</translation>
    </message>
    <message>
        <source>solo song</source>
        <translation>Song solo</translation>
    </message>
    <message>
        <source>spectrum</source>
        <translation>Spektrum</translation>
    </message>
    <message>
        <source>strength of onset</source>
        <translation>Stärke des Onsets</translation>
    </message>
    <message>
        <source>take back correction</source>
        <translation>Berichtigung zurücknehmen</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>Tempo</translation>
    </message>
    <message>
        <source>unlock lane</source>
        <translation>Spur entsperren</translation>
    </message>
    <message>
        <source>“%1” is heard as a %2 · Shift and click: another sound</source>
        <translation>„%1“ ist als %2 zu hören · Umschalt und Klick: anderer Klang</translation>
    </message>
</context>
<context>
    <name>pulsepin::TopsDialog</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 peaks</source>
        <translation>%1 Spitzen</translation>
    </message>
    <message>
        <source>From one top to the next at least</source>
        <translation>Von einer Spitze zur nächsten mindestens</translation>
    </message>
    <message>
        <source>How far it rises above the dips beside it at least</source>
        <translation>Wie weit sie sich mindestens über die Senken daneben hebt</translation>
    </message>
    <message>
        <source>How high a top is at least</source>
        <translation>Wie hoch eine Spitze mindestens ist</translation>
    </message>
    <message>
        <source>Onsets from envelope peaks</source>
        <translation>Onsets aus Spitzen der Hüllkurve</translation>
    </message>
    <message>
        <source>The follower whose peaks are taken</source>
        <translation>Die Folgekurve, deren Spitzen genommen werden</translation>
    </message>
    <message>
        <source>apart</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>follower</source>
        <translation>Folgekurve</translation>
    </message>
    <message>
        <source>height</source>
        <translation>Höhe</translation>
    </message>
    <message>
        <source>one peak</source>
        <translation>eine Spitze</translation>
    </message>
    <message>
        <source>peaks of %1</source>
        <translation>Spitzen von %1</translation>
    </message>
    <message>
        <source>prominence</source>
        <translation>Hervorhebung</translation>
    </message>
</context>
<context>
    <name>pulsepin::TransportBar</name>
    <message>
        <source>%1 bars</source>
        <translation>%1 Takte</translation>
    </message>
    <message>
        <source>%1 volume</source>
        <translation>Lautstärke %1</translation>
    </message>
    <message>
        <source>1 bar</source>
        <translation>1 Takt</translation>
    </message>
    <message>
        <source>2 bars</source>
        <translation>2 Takte</translation>
    </message>
    <message>
        <source>Beats in a bar</source>
        <translation>Beats je Takt</translation>
    </message>
    <message>
        <source>Files, edits, view (F10)</source>
        <translation>Dateien, Bearbeiten, Ansicht (F10)</translation>
    </message>
    <message>
        <source>Go to the start (Home)</source>
        <translation>Zum Anfang gehen (Pos1)</translation>
    </message>
    <message>
        <source>How fast it plays, without a change of pitch (comma and full stop)</source>
        <translation>Wie schnell es läuft, ohne Änderung der Tonhöhe (Komma und Punkt)</translation>
    </message>
    <message>
        <source>How loud the click on the beats is</source>
        <translation>Wie laut der Klick auf den Beats ist</translation>
    </message>
    <message>
        <source>How loud the song is</source>
        <translation>Wie laut der Song ist</translation>
    </message>
    <message>
        <source>Loop the range (L)</source>
        <translation>Bereich wiederholen (L)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>Menü</translation>
    </message>
    <message>
        <source>Play a few bars from here, press again to stop (Shift+Space)</source>
        <translation>Einige Takte von hier abspielen, noch einmal hält an (Umschalt+Leertaste)</translation>
    </message>
    <message>
        <source>Play or stop (Space)</source>
        <translation>Abspielen oder anhalten (Leertaste)</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Partitur</translation>
    </message>
    <message>
        <source>The song in phrases, one under another, instead of in one line (V)</source>
        <translation>Der Song in Phrasen, eine unter der anderen, statt in einer Linie (V)</translation>
    </message>
    <message>
        <source>The tempo is half as fast; items keep their time</source>
        <translation>Das Tempo ist halb so schnell; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>The tempo is twice as fast; items keep their time</source>
        <translation>Das Tempo ist doppelt so schnell; Pins behalten ihre Zeit</translation>
    </message>
    <message>
        <source>bar . beat</source>
        <translation>Takt . Beat</translation>
    </message>
    <message>
        <source>click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>frame at %1</source>
        <translation>Bild bei %1</translation>
    </message>
    <message>
        <source>music</source>
        <translation>Musik</translation>
    </message>
    <message>
        <source>speed %1×</source>
        <translation>Tempo %1×</translation>
    </message>
    <message>
        <source>speed 1×</source>
        <translation>Tempo 1×</translation>
    </message>
    <message>
        <source>tempo, BPM</source>
        <translation>Tempo, BPM</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
</context>
<context>
    <name>pulsepin::TriggerForm</name>
    <message>
        <source>The layer that each acts on</source>
        <translation>Die Ebene, auf die jeder wirkt</translation>
    </message>
    <message>
        <source>Those of one row end where the next begins; rows lie over each other</source>
        <translation>Die einer Zeile enden, wo der nächste beginnt; Zeilen liegen übereinander</translation>
    </message>
    <message>
        <source>What each starts: one of these, or a name of your own</source>
        <translation>Was jeder startet: eines davon, oder ein eigener Name</translation>
    </message>
    <message>
        <source>acts on</source>
        <translation>wirkt auf</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>Zufall</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>colours</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>Effekt</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>dauert</translation>
    </message>
    <message>
        <source>row</source>
        <translation>Zeile</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>am stärksten</translation>
    </message>
    <message>
        <source>weakest</source>
        <translation>am schwächsten</translation>
    </message>
    <message>
        <source>“%1” changes nothing in the picture, it is only exported; %2</source>
        <translation>„%1“ ändert nichts im Bild, es wird nur exportiert; %2</translation>
    </message>
</context>
<context>
    <name>pulsepin::ViewCommands</name>
    <message>
        <source>%1 cells a beat</source>
        <translation>%1 Zellen je Beat</translation>
    </message>
    <message>
        <source>12 bands</source>
        <translation>12 Bänder</translation>
    </message>
    <message>
        <source>Back to what was in view</source>
        <translation>Zurück zur Ansicht davor</translation>
    </message>
    <message>
        <source>Bars in a row of the score</source>
        <translation>Takte je Zeile der Partitur</translation>
    </message>
    <message>
        <source>Bars only</source>
        <translation>Nur Takte</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>Camera on the chosen layer</source>
        <translation>Kamera auf die gewählte Ebene</translation>
    </message>
    <message>
        <source>Cells of the score</source>
        <translation>Zellen der Partitur</translation>
    </message>
    <message>
        <source>Finer or coarser cells</source>
        <translation>Feinere oder gröbere Zellen</translation>
    </message>
    <message>
        <source>Folded</source>
        <translation>Eingeklappt</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Halves of beats</source>
        <translation>Halbe Beats</translation>
    </message>
    <message>
        <source>Hide lower panel</source>
        <translation>Unteres Feld verbergen</translation>
    </message>
    <message>
        <source>Key what is seen: a pose of the chosen layer</source>
        <translation>Gesehenes als Key: eine Pose der gewählten Ebene</translation>
    </message>
    <message>
        <source>Left and right</source>
        <translation>Links und rechts</translation>
    </message>
    <message>
        <source>Logarithmic</source>
        <translation>Logarithmisch</translation>
    </message>
    <message>
        <source>Night paper</source>
        <translation>Nachtpapier</translation>
    </message>
    <message>
        <source>Paint cells in the score</source>
        <translation>Zellen in der Partitur malen</translation>
    </message>
    <message>
        <source>Picture: docked, beside, own window</source>
        <translation>Bild: unten, daneben, eigenes Fenster</translation>
    </message>
    <message>
        <source>Picture: fill the screen</source>
        <translation>Bild: ganzer Bildschirm</translation>
    </message>
    <message>
        <source>Pictures of shots in their lane</source>
        <translation>Bilder der Einstellungen in ihrer Spur</translation>
    </message>
    <message>
        <source>Quarters of beats</source>
        <translation>Viertel von Beats</translation>
    </message>
    <message>
        <source>Ruler counts</source>
        <translation>Lineal zählt</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>Partitur</translation>
    </message>
    <message>
        <source>Seconds</source>
        <translation>Sekunden</translation>
    </message>
    <message>
        <source>Select pins or draw a range first</source>
        <translation>Wählen Sie zuerst Pins aus, oder ziehen Sie einen Bereich</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>Spektrum</translation>
    </message>
    <message>
        <source>Spectrum brighter</source>
        <translation>Spektrum heller</translation>
    </message>
    <message>
        <source>Spectrum darker</source>
        <translation>Spektrum dunkler</translation>
    </message>
    <message>
        <source>Stop: Check</source>
        <translation>Schritt: Prüfen</translation>
    </message>
    <message>
        <source>Stop: Export</source>
        <translation>Schritt: Export</translation>
    </message>
    <message>
        <source>Stop: Grid</source>
        <translation>Schritt: Raster</translation>
    </message>
    <message>
        <source>Stop: Mark</source>
        <translation>Schritt: Marker</translation>
    </message>
    <message>
        <source>Stop: Motion</source>
        <translation>Schritt: Motion</translation>
    </message>
    <message>
        <source>Stop: Place</source>
        <translation>Schritt: Setzen</translation>
    </message>
    <message>
        <source>Stop: Song</source>
        <translation>Schritt: Song</translation>
    </message>
    <message>
        <source>Sum of the channels</source>
        <translation>Summe der Kanäle</translation>
    </message>
    <message>
        <source>Thirds of beats</source>
        <translation>Drittel von Beats</translation>
    </message>
    <message>
        <source>Timecode</source>
        <translation>Timecode</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>Wellenform</translation>
    </message>
    <message>
        <source>Waveform higher</source>
        <translation>Wellenform höher</translation>
    </message>
    <message>
        <source>Waveform lower</source>
        <translation>Wellenform niedriger</translation>
    </message>
    <message>
        <source>Whole song</source>
        <translation>Ganzer Song</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>Vergrößern</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>Verkleinern</translation>
    </message>
    <message>
        <source>Zoom to the range or what is selected</source>
        <translation>Auf Bereich oder Auswahl zoomen</translation>
    </message>
</context>
<context>
    <name>pulsepin::Walk</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Anything can be taken back: press Ctrl+Z.</source>
        <translation>Alles lässt sich zurücknehmen: drücken Sie Strg+Z.</translation>
    </message>
    <message>
        <source>Cuts are placed on beats, many at once: press Ctrl+4, or Place at the left.</source>
        <translation>Schnitte werden auf Beats gesetzt, viele auf einmal: drücken Sie Strg+4, oder links Setzen.</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Fertig</translation>
    </message>
    <message>
        <source>Is everything on its beat? Press Ctrl+6, or Check at the left: findings have a fix each.</source>
        <translation>Liegt alles auf seinem Beat? Drücken Sie Strg+6, oder links Prüfen: jeder Befund hat eine Behebung.</translation>
    </message>
    <message>
        <source>Is the tempo half of what you would tap? Press ×2: beats are counted twice as fast, and everything keeps its time.</source>
        <translation>Ist das Tempo halb so schnell, wie Sie tippen würden? Drücken Sie ×2: Beats zählen doppelt so schnell, und alles behält seine Zeit.</translation>
    </message>
    <message>
        <source>Last, the film: press Ctrl+7, or Export at the left.</source>
        <translation>Zuletzt der Film: drücken Sie Strg+7, oder links Export.</translation>
    </message>
    <message>
        <source>Leave the walk</source>
        <translation>Rundgang verlassen</translation>
    </message>
    <message>
        <source>Now look at the beats: press Ctrl+2, or Grid at the left.</source>
        <translation>Nun zu den Beats: drücken Sie Strg+2, oder links Raster.</translation>
    </message>
    <message>
        <source>Outlines over the song show where everything would go. Press the yellow button to place it.</source>
        <translation>Umrisse über dem Song zeigen, wohin alles käme. Der gelbe Knopf setzt es.</translation>
    </message>
    <message>
        <source>Press Space to see the shots change on the beats.</source>
        <translation>Die Leertaste zeigt, wie die Einstellungen auf den Beats wechseln.</translation>
    </message>
    <message>
        <source>Press Space to stop.</source>
        <translation>Die Leertaste hält an.</translation>
    </message>
    <message>
        <source>Press the yellow button, choose a name, and the film is made while you go on. Edit lists and timelines are on the page Data files.</source>
        <translation>Drücken Sie den gelben Knopf, wählen Sie einen Namen, und der Film entsteht, während Sie weitermachen. Schnittlisten und Timelines sind auf der Seite Datendateien.</translation>
    </message>
    <message>
        <source>That is the way from a song to a film. Drop a song of yours on the window to begin; F1 explains what is before you.</source>
        <translation>Das ist der Weg vom Song zum Film. Legen Sie einen eigenen Song auf dem Fenster ab; F1 erklärt, was Sie vor sich haben.</translation>
    </message>
    <message>
        <source>The lamps flash on the beats, and a click lies on them. Press Space again to stop.</source>
        <translation>Die Lampen blinken auf den Beats, und ein Klick liegt darauf. Die Leertaste hält an.</translation>
    </message>
    <message>
        <source>This is a song with six shots on its beats. Press Space, or the round button, to hear it.</source>
        <translation>Das ist ein Song mit sechs Einstellungen auf seinen Beats. Drücken Sie die Leertaste oder den runden Knopf, um ihn zu hören.</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>Rundgang durch die Demo</translation>
    </message>
</context>
<context>
    <name>pulsepin::Welcome</name>
    <message>
        <source>%1 BPM</source>
        <translation>%1 BPM</translation>
    </message>
    <message numerus="yes">
        <source>%n shots</source>
        <translation><numerusform>%n Einstellung</numerusform><numerusform>%n Einstellungen</numerusform></translation>
    </message>
    <message>
        <source>Begin without a song</source>
        <translation>Ohne Song beginnen</translation>
    </message>
    <message>
        <source>How to begin</source>
        <translation>Wie anfangen</translation>
    </message>
    <message>
        <source>New from a template…</source>
        <translation>Neu aus einer Vorlage…</translation>
    </message>
    <message>
        <source>None yet. A song or a project can also be dropped on the window.</source>
        <translation>Noch keine. Ein Song oder ein Projekt lässt sich auch auf dem Fenster ablegen.</translation>
    </message>
    <message>
        <source>Open a project…</source>
        <translation>Projekt öffnen…</translation>
    </message>
    <message>
        <source>Open a song…</source>
        <translation>Song öffnen…</translation>
    </message>
    <message>
        <source>Pins can be placed in seconds, and tied to beats later</source>
        <translation>Pins lassen sich in Sekunden setzen und später an Beats binden</translation>
    </message>
    <message>
        <source>Put pictures to music</source>
        <translation>Bilder zu Musik</translation>
    </message>
    <message>
        <source>Reading a recent project</source>
        <translation>Lese ein letztes Projekt</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>Letzte Projekte</translation>
    </message>
    <message>
        <source>Two minutes: what to press is shown in place, each step waits for you</source>
        <translation>Zwei Minuten: was zu drücken ist, zeigt sich an Ort und Stelle; jeder Schritt wartet auf Sie</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>Rundgang durch die Demo</translation>
    </message>
    <message>
        <source>cannot be read</source>
        <translation>nicht lesbar</translation>
    </message>
</context>
<context>
    <name>pulsepin::Widgets</name>
    <message>
        <source>Another number, another chance; the same number, the same again</source>
        <translation>Eine andere Zahl, ein anderer Zufall; dieselbe Zahl, derselbe</translation>
    </message>
    <message>
        <source>seed </source>
        <translation>Startwert </translation>
    </message>
</context>
<context>
    <name>pulsepin::WordCommands</name>
    <message>
        <source> %1 more lines were fixed.</source>
        <translation> %1 weitere Zeilen wurden behoben.</translation>
    </message>
    <message>
        <source> One more line was fixed.</source>
        <translation> Eine weitere Zeile wurde behoben.</translation>
    </message>
    <message>
        <source> · line %1: %2</source>
        <translation> · Zeile %1: %2</translation>
    </message>
    <message>
        <source>%1 fixed</source>
        <translation>%1 behoben</translation>
    </message>
    <message>
        <source>%1 fixed, %2 stay: there is no room for them</source>
        <translation>%1 behoben, %2 bleiben: für sie ist kein Platz</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 Zeilen</translation>
    </message>
    <message>
        <source>%1 stay: there is no room for them</source>
        <translation>%1 bleiben: für sie ist kein Platz</translation>
    </message>
    <message>
        <source>%1 titles appear with their words</source>
        <translation>%1 Titel erscheinen mit ihren Wörtern</translation>
    </message>
    <message>
        <source>%1 too fast · %2 too short · %3 without a gap</source>
        <translation>%1 zu schnell · %2 zu kurz · %3 ohne Lücke</translation>
    </message>
    <message>
        <source>%1 words proposed: take them, or leave them</source>
        <translation>%1 Wörter vorgeschlagen: übernehmen oder lassen</translation>
    </message>
    <message>
        <source>%1 words set</source>
        <translation>%1 Wörter gesetzt</translation>
    </message>
    <message>
        <source>%1 words spread over their lines</source>
        <translation>%1 Wörter über ihre Zeilen verteilt</translation>
    </message>
    <message>
        <source>%1 words wait</source>
        <translation>%1 Wörter warten</translation>
    </message>
    <message>
        <source>Back one word</source>
        <translation>Ein Wort zurück</translation>
    </message>
    <message>
        <source>Begin a line with the selected words</source>
        <translation>Mit den ausgewählten Wörtern eine Zeile beginnen</translation>
    </message>
    <message>
        <source>By its rules syllables and sounds are told:</source>
        <translation>Nach ihren Regeln werden Silben und Laute bestimmt:</translation>
    </message>
    <message>
        <source>Discard the words that wait</source>
        <translation>Wartende Wörter verwerfen</translation>
    </message>
    <message>
        <source>Fix</source>
        <translation>Beheben</translation>
    </message>
    <message>
        <source>Fix lines that are too fast to read…</source>
        <translation>Zu schnelle Zeilen beheben…</translation>
    </message>
    <message>
        <source>From %1: %2</source>
        <translation>Aus %1: %2</translation>
    </message>
    <message>
        <source>How words sound cannot be told: install the package espeak-ng-data</source>
        <translation>Wie Wörter klingen, lässt sich nicht sagen: installieren Sie das Paket espeak-ng-data</translation>
    </message>
    <message>
        <source>Laid out; the camera goes from line to line by “Camera on each line”</source>
        <translation>Angeordnet; die Kamera geht mit „Kamera auf jede Zeile“ von Zeile zu Zeile</translation>
    </message>
    <message>
        <source>Language of the words</source>
        <translation>Sprache der Wörter</translation>
    </message>
    <message>
        <source>Language of the words…</source>
        <translation>Sprache der Wörter…</translation>
    </message>
    <message>
        <source>Lay out</source>
        <translation>Anordnen</translation>
    </message>
    <message>
        <source>Lay out the titles of words</source>
        <translation>Titel aus Wörtern anordnen</translation>
    </message>
    <message>
        <source>Lay out titles of words…</source>
        <translation>Titel aus Wörtern anordnen…</translation>
    </message>
    <message>
        <source>Leave what is proposed</source>
        <translation>Vorgeschlagenes lassen</translation>
    </message>
    <message>
        <source>Let the selected words wait again</source>
        <translation>Ausgewählte Wörter wieder warten lassen</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>Lines by pauses</source>
        <translation>Zeilen an Pausen</translation>
    </message>
    <message>
        <source>Listening for the voice</source>
        <translation>Höre auf die Stimme</translation>
    </message>
    <message>
        <source>Load a text</source>
        <translation>Text laden</translation>
    </message>
    <message>
        <source>Load a text…</source>
        <translation>Text laden…</translation>
    </message>
    <message>
        <source>Make one line of the selected words</source>
        <translation>Ausgewählte Wörter zu einer Zeile machen</translation>
    </message>
    <message>
        <source>Make titles of words first</source>
        <translation>Erzeugen Sie zuerst Titel aus Wörtern</translation>
    </message>
    <message>
        <source>No word waits to be set: paste or load a text first (stop Mark, Words)</source>
        <translation>Kein Wort wartet: fügen Sie zuerst einen Text ein oder laden Sie einen (Schritt Marker, Wörter)</translation>
    </message>
    <message>
        <source>Nothing is proposed</source>
        <translation>Nichts ist vorgeschlagen</translation>
    </message>
    <message>
        <source>Paste a text</source>
        <translation>Text einfügen</translation>
    </message>
    <message>
        <source>Pose</source>
        <translation>Pose</translation>
    </message>
    <message>
        <source>Pose the camera at the last word of each line…</source>
        <translation>Kamera-Pose beim letzten Wort jeder Zeile…</translation>
    </message>
    <message>
        <source>Propose words between those that are set</source>
        <translation>Wörter zwischen den gesetzten vorschlagen</translation>
    </message>
    <message>
        <source>Reading the text</source>
        <translation>Lese den Text</translation>
    </message>
    <message>
        <source>Set the first and the last word of a line: those between them are proposed</source>
        <translation>Setzen Sie das erste und das letzte Wort einer Zeile: die dazwischen werden vorgeschlagen</translation>
    </message>
    <message>
        <source>Set the next word, as it is heard</source>
        <translation>Nächstes Wort setzen, wie es klingt</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>Teilen</translation>
    </message>
    <message>
        <source>Split words into lines by pauses…</source>
        <translation>Wörter an Pausen in Zeilen teilen…</translation>
    </message>
    <message>
        <source>Take what is proposed</source>
        <translation>Vorgeschlagenes übernehmen</translation>
    </message>
    <message>
        <source>Texts (%1);;All files (*)</source>
        <translation>Texte (%1);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>The camera frames each line from its first word on</source>
        <translation>Die Kamera rahmt jede Zeile ab ihrem ersten Wort</translation>
    </message>
    <message>
        <source>The song is not there yet</source>
        <translation>Der Song ist noch nicht da</translation>
    </message>
    <message>
        <source>The words changed meanwhile: propose them again</source>
        <translation>Die Wörter änderten sich inzwischen: lassen Sie sie erneut vorschlagen</translation>
    </message>
    <message>
        <source>The words do not run in the band</source>
        <translation>Die Wörter laufen nicht im Band</translation>
    </message>
    <message>
        <source>The words run in the band</source>
        <translation>Die Wörter laufen im Band</translation>
    </message>
    <message>
        <source>There are no words yet</source>
        <translation>Es gibt noch keine Wörter</translation>
    </message>
    <message>
        <source>There is no text to paste. Copy one first.</source>
        <translation>Es gibt keinen Text zum Einfügen. Kopieren Sie zuerst einen.</translation>
    </message>
    <message>
        <source>Titles of lines that light up as they are sung</source>
        <translation>Titel aus Zeilen, die beim Singen aufleuchten</translation>
    </message>
    <message>
        <source>Titles of words, line by line</source>
        <translation>Titel aus Wörtern, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Titles of words, word by word</source>
        <translation>Titel aus Wörtern, Wort für Wort</translation>
    </message>
    <message>
        <source>What of a line must be readable</source>
        <translation>Was von einer Zeile lesbar sein muss</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Wörter</translation>
    </message>
    <message>
        <source>Words in the band, or not</source>
        <translation>Wörter im Band, oder nicht</translation>
    </message>
    <message>
        <source>add words</source>
        <translation>Wörter hinzufügen</translation>
    </message>
    <message>
        <source>back one word</source>
        <translation>ein Wort zurück</translation>
    </message>
    <message>
        <source>begin line</source>
        <translation>Zeile beginnen</translation>
    </message>
    <message>
        <source>camera on lines</source>
        <translation>Kamera auf Zeilen</translation>
    </message>
    <message>
        <source>discard words</source>
        <translation>Wörter verwerfen</translation>
    </message>
    <message>
        <source>fix reading speed</source>
        <translation>Lesetempo beheben</translation>
    </message>
    <message>
        <source>language of words</source>
        <translation>Sprache der Wörter</translation>
    </message>
    <message>
        <source>lay out words</source>
        <translation>Wörter anordnen</translation>
    </message>
    <message>
        <source>let words wait</source>
        <translation>Wörter warten lassen</translation>
    </message>
    <message>
        <source>make one line</source>
        <translation>eine Zeile machen</translation>
    </message>
    <message>
        <source>one word set</source>
        <translation>ein Wort gesetzt</translation>
    </message>
    <message>
        <source>one word waits</source>
        <translation>ein Wort wartet</translation>
    </message>
    <message>
        <source>part into lines</source>
        <translation>in Zeilen teilen</translation>
    </message>
    <message>
        <source>set reading</source>
        <translation>Lesetempo setzen</translation>
    </message>
    <message>
        <source>take proposed words</source>
        <translation>vorgeschlagene Wörter übernehmen</translation>
    </message>
    <message>
        <source>tap word</source>
        <translation>Wort tippen</translation>
    </message>
    <message>
        <source>the text that was pasted</source>
        <translation>der eingefügte Text</translation>
    </message>
    <message>
        <source>titles of words</source>
        <translation>Titel aus Wörtern</translation>
    </message>
    <message>
        <source>words in band</source>
        <translation>Wörter im Band</translation>
    </message>
</context>
<context>
    <name>pulsepin::WordTray</name>
    <message>
        <source> · %1 proposed</source>
        <translation> · %1 vorgeschlagen</translation>
    </message>
    <message>
        <source>%1 set</source>
        <translation>%1 gesetzt</translation>
    </message>
    <message>
        <source>%1 to set</source>
        <translation>%1 zu setzen</translation>
    </message>
    <message>
        <source>Paste or load a text: its words wait here</source>
        <translation>Fügen Sie einen Text ein oder laden Sie einen: seine Wörter warten hier</translation>
    </message>
    <message>
        <source>The words in their order: drag one that waits to its lane; the wheel looks ahead</source>
        <translation>Die Wörter in ihrer Reihenfolge: ziehen Sie ein wartendes auf seine Spur; das Rad schaut voraus</translation>
    </message>
    <message>
        <source>Words of the text</source>
        <translation>Wörter des Texts</translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation>als Nächstes: %1</translation>
    </message>
    <message>
        <source>no word waits</source>
        <translation>kein Wort wartet</translation>
    </message>
    <message>
        <source>none waits</source>
        <translation>keines wartet</translation>
    </message>
</context>
<context>
    <name>pulsepin::WordsField</name>
    <message>
        <source>The words of the title; Shift+Enter begins another line</source>
        <translation>Die Wörter des Titels; Umschalt+Eingabe beginnt eine neue Zeile</translation>
    </message>
    <message>
        <source>change words</source>
        <translation>Wörter ändern</translation>
    </message>
    <message>
        <source>“%1” is locked. Unlock the layer first (stop Motion, Layers).</source>
        <translation>„%1“ ist gesperrt. Entsperren Sie zuerst die Ebene (Schritt Motion, Ebenen).</translation>
    </message>
</context>
<context>
    <name>pulsepin::WordsPage</name>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 of %2 characters per second</source>
        <translation>%1 von %2 Zeichen je Sekunde</translation>
    </message>
    <message numerus="yes">
        <source>%n to fix</source>
        <translation><numerusform>%n zu beheben</numerusform><numerusform>%n zu beheben</numerusform></translation>
    </message>
    <message>
        <source>A new line begins with the selected words</source>
        <translation>Eine neue Zeile beginnt mit den ausgewählten Wörtern</translation>
    </message>
    <message>
        <source>Back one word</source>
        <translation>Ein Wort zurück</translation>
    </message>
    <message>
        <source>Camera on each line, at its first word…</source>
        <translation>Kamera auf jede Zeile, bei ihrem ersten Wort…</translation>
    </message>
    <message>
        <source>Discard the words that wait</source>
        <translation>Wartende Wörter verwerfen</translation>
    </message>
    <message>
        <source>Fix…</source>
        <translation>Beheben…</translation>
    </message>
    <message>
        <source>In the running band, or not</source>
        <translation>Im laufenden Band, oder nicht</translation>
    </message>
    <message>
        <source>Language of the words…</source>
        <translation>Sprache der Wörter…</translation>
    </message>
    <message>
        <source>Lay out titles on the canvas…</source>
        <translation>Titel auf der Fläche anordnen…</translation>
    </message>
    <message>
        <source>Lays the words that wait between two that are set onto the voice</source>
        <translation>Legt die wartenden Wörter zwischen zwei gesetzten auf die Stimme</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Lines by pauses…</source>
        <translation>Zeilen an Pausen…</translation>
    </message>
    <message>
        <source>Lines, titles in the picture, where they lie, and the camera on them</source>
        <translation>Zeilen, Titel im Bild, wo sie liegen, und die Kamera darauf</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>Propose</source>
        <translation>Vorschlagen</translation>
    </message>
    <message>
        <source>Take %1 proposed</source>
        <translation>%1 übernehmen</translation>
    </message>
    <message>
        <source>Take proposed</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>Tippen</translation>
    </message>
    <message>
        <source>Tap along with the click in stop Grid: the tap latency is measured there</source>
        <translation>Tippen Sie beim Schritt Raster mit dem Klick: dort wird die Verzögerung gemessen</translation>
    </message>
    <message>
        <source>Tap latency: what hand, keyboard and sound take; it is taken off each tap</source>
        <translation>Verzögerung: was Hand, Tastatur und Ton brauchen; sie wird von jedem Tipp abgezogen</translation>
    </message>
    <message>
        <source>Tap “%1”</source>
        <translation>„%1“ tippen</translation>
    </message>
    <message>
        <source>The last word waits again, and it is played from two bars before (Backspace)</source>
        <translation>Das letzte Wort wartet wieder, und ab zwei Takten davor wird gespielt (Rücktaste)</translation>
    </message>
    <message>
        <source>The next word, as it is heard (W)</source>
        <translation>Das nächste Wort, wie es klingt (W)</translation>
    </message>
    <message>
        <source>The outlined words are set</source>
        <translation>Die umrissenen Wörter werden gesetzt</translation>
    </message>
    <message>
        <source>The outlined words wait again</source>
        <translation>Die umrissenen Wörter warten wieder</translation>
    </message>
    <message>
        <source>The selected words are one line</source>
        <translation>Die ausgewählten Wörter sind eine Zeile</translation>
    </message>
    <message>
        <source>The selected words wait again</source>
        <translation>Die ausgewählten Wörter warten wieder</translation>
    </message>
    <message>
        <source>Titles of lines that light up as they are sung</source>
        <translation>Titel aus Zeilen, die beim Singen aufleuchten</translation>
    </message>
    <message>
        <source>Titles, line by line</source>
        <translation>Titel, Zeile für Zeile</translation>
    </message>
    <message>
        <source>Titles, word by word</source>
        <translation>Titel, Wort für Wort</translation>
    </message>
    <message>
        <source>What cannot be read: longer lines, gaps between them, and what is asked for</source>
        <translation>Was nicht lesbar ist: längere Zeilen, Lücken dazwischen, und was verlangt wird</translation>
    </message>
    <message>
        <source>Where tapped and dragged words go: where they are heard or let go, or to the nearest of these</source>
        <translation>Wohin getippte und gezogene Wörter gehen: wo sie gehört oder losgelassen werden, oder zum nächsten davon</translation>
    </message>
    <message>
        <source>Words…</source>
        <translation>Wörter…</translation>
    </message>
    <message>
        <source>all can be read</source>
        <translation>alle sind lesbar</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Beats</translation>
    </message>
    <message>
        <source>halves of beats</source>
        <translation>halbe Beats</translation>
    </message>
    <message>
        <source>line %1: %2 of %3 characters per second</source>
        <translation>Zeile %1: %2 von %3 Zeichen je Sekunde</translation>
    </message>
    <message>
        <source>no line is set</source>
        <translation>keine Zeile ist gesetzt</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>onsets: %1</source>
        <translation>Onsets: %1</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>Viertel von Beats</translation>
    </message>
    <message>
        <source>snap to</source>
        <translation>rasten auf</translation>
    </message>
    <message>
        <source>tap latency</source>
        <translation>Verzögerung</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>Drittel von Beats</translation>
    </message>
</context>
<context>
    <name>pulsepin::event_course</name>
    <message>
        <source>Double click to add a key to the nearest curve · Escape closes it</source>
        <translation>Doppelklick fügt der nächsten Kurve einen Key hinzu · Esc schließt</translation>
    </message>
    <message>
        <source>Drag a key along its length, beats pull · Shift leaves the beats · Delete removes it</source>
        <translation>Key über seine Länge ziehen, Beats ziehen an · Umschalt verlässt die Beats · Entf entfernt ihn</translation>
    </message>
</context>
<context>
    <name>pulsepin::kinds</name>
    <message>
        <source>Drag a key to move it · what is selected shows the way to it, with handles · hold Shift to leave the grid · Delete removes it</source>
        <translation>Key ziehen verschiebt ihn · Ausgewähltes zeigt den Weg dorthin, mit Griffen · Umschalt verlässt das Raster · Entf entfernt ihn</translation>
    </message>
    <message>
        <source>Drag to bend the way to all selected keys · Shift: both handles alike</source>
        <translation>Ziehen biegt den Weg zu allen ausgewählten Keys · Umschalt: beide Griffe gleich</translation>
    </message>
    <message>
        <source>no shot</source>
        <translation>keine Einstellung</translation>
    </message>
    <message>
        <source>slate %1</source>
        <translation>Platzhalter %1</translation>
    </message>
</context>
</TS>
