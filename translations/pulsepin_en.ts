<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>any</name>
    <message numerus="yes">
        <source>%n cells lit</source>
        <translation><numerusform>%n cell lit</numerusform><numerusform>%n cells lit</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n cells made dark</source>
        <translation><numerusform>%n cell made dark</numerusform><numerusform>%n cells made dark</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n pins selected</source>
        <translation><numerusform>%n pin selected</numerusform><numerusform>%n pins selected</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>To %1 · %n locked, left alone</source>
        <translation><numerusform>To %1 · %n locked, left alone</numerusform><numerusform>To %1 · %n locked, left alone</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::BinCommands</name>
    <message numerus="yes">
        <source>%n files found</source>
        <translation><numerusform>%n file found</numerusform><numerusform>%n files found</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckPanel</name>
    <message numerus="yes">
        <source>%1 of %n findings</source>
        <translation><numerusform>%1 of %n finding</numerusform><numerusform>%1 of %n findings</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n findings</source>
        <translation><numerusform>%n finding</numerusform><numerusform>%n findings</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>measured %1 min ago on %n frames</source>
        <translation><numerusform>measured %1 min ago on %n frame</numerusform><numerusform>measured %1 min ago on %n frames</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>measured on %n frames</source>
        <translation><numerusform>measured on %n frame</numerusform><numerusform>measured on %n frames</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>ms from the beat, of %n pins</source>
        <translation><numerusform>ms from the beat, of %n pin</numerusform><numerusform>ms from the beat, of %n pins</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::DetailPanel</name>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>%n pin</numerusform><numerusform>%n pins</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::Document</name>
    <message numerus="yes">
        <source>%n shots added</source>
        <translation><numerusform>%n shot added</numerusform><numerusform>%n shots added</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::ErrorPlot</name>
    <message numerus="yes">
        <source>%n pins, %1 beyond the limit</source>
        <translation><numerusform>%n pin, %1 beyond the limit</numerusform><numerusform>%n pins, %1 beyond the limit</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::ExportPanel</name>
    <message numerus="yes">
        <source>%n files written</source>
        <translation><numerusform>%n file written</numerusform><numerusform>%n files written</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::FileCommands</name>
    <message numerus="yes">
        <source>
and %n more</source>
        <translation><numerusform>
and %n more</numerusform><numerusform>
and %n more</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>Look at %n files</source>
        <translation><numerusform>Look at %n file</numerusform><numerusform>Look at %n files</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation><numerusform>and %n more</numerusform><numerusform>and %n more</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmCard</name>
    <message numerus="yes">
        <source>waiting · %n frames</source>
        <translation><numerusform>waiting · %n frame</numerusform><numerusform>waiting · %n frames</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmPage</name>
    <message numerus="yes">
        <source>%n frames, about %1</source>
        <translation><numerusform>%n frame, about %1</numerusform><numerusform>%n frames, about %1</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n min left</source>
        <translation><numerusform>%n min left</numerusform><numerusform>%n min left</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n s left</source>
        <translation><numerusform>%n s left</numerusform><numerusform>%n s left</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::GridPanel</name>
    <message numerus="yes">
        <source>%n pin(s) hang on the beats. Shall they go with their beats, or stay where they are in the song?</source>
        <translation><numerusform>%n pin hangs on the beats. Shall it go with its beat, or stay where it is in the song?</numerusform><numerusform>%n pins hang on the beats. Shall they go with their beats, or stay where they are in the song?</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::LayersPage</name>
    <message numerus="yes">
        <source>%n looks written</source>
        <translation><numerusform>%n look written</numerusform><numerusform>%n looks written</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::LightCommands</name>
    <message numerus="yes">
        <source>%n lights</source>
        <translation><numerusform>%n light</numerusform><numerusform>%n lights</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n lights recoloured</source>
        <translation><numerusform>%n light recoloured</numerusform><numerusform>%n lights recoloured</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkPanel</name>
    <message numerus="yes">
        <source>%n moved</source>
        <translation><numerusform>%n moved</numerusform><numerusform>%n moved</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n there already</source>
        <translation><numerusform>%n there already</numerusform><numerusform>%n there already</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n too far, left where they are</source>
        <translation><numerusform>%n too far, left where it is</numerusform><numerusform>%n too far, left where they are</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::PackCommands</name>
    <message numerus="yes">
        <source>%n files packed into %1</source>
        <translation><numerusform>%n file packed into %1</numerusform><numerusform>%n files packed into %1</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>; of %n films what is used</source>
        <translation><numerusform>; of %n film what is used</numerusform><numerusform>; of %n films what is used</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::PinsDetail</name>
    <message numerus="yes">
        <source>%n locked, left alone</source>
        <translation><numerusform>%n locked, left alone</numerusform><numerusform>%n locked, left alone</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::PlacePanel</name>
    <message numerus="yes">
        <source>Begin at 0 (%n black frame(s))</source>
        <translation><numerusform>Begin at 0 (%n black frame)</numerusform><numerusform>Begin at 0 (%n black frames)</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::ScoreView</name>
    <message numerus="yes">
        <source>%n bars in a row</source>
        <translation><numerusform>%n bar in a row</numerusform><numerusform>%n bars in a row</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::ShortcutsPage</name>
    <message numerus="yes">
        <source>%n shortcut(s) taken from %1.</source>
        <translation><numerusform>%n shortcut taken from %1.</numerusform><numerusform>%n shortcuts taken from %1.</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n shortcut(s) written to %1.</source>
        <translation><numerusform>%n shortcut written to %1.</numerusform><numerusform>%n shortcuts written to %1.</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::SongPanel</name>
    <message numerus="yes">
        <source>%1:%2, %n shots</source>
        <translation><numerusform>%1:%2, %n shot</numerusform><numerusform>%1:%2, %n shots</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundCommands</name>
    <message numerus="yes">
        <source>%n pins lie before or behind what is kept of the song.</source>
        <translation><numerusform>%n pin lies before or behind what is kept of the song.</numerusform><numerusform>%n pins lie before or behind what is kept of the song.</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::SyncDialog</name>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>%n pin</numerusform><numerusform>%n pins</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::TapPanel</name>
    <message numerus="yes">
        <source>%n marker(s) added and selected</source>
        <translation><numerusform>%n marker added and selected</numerusform><numerusform>%n markers added and selected</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::Welcome</name>
    <message numerus="yes">
        <source>%n shots</source>
        <translation><numerusform>%n shot</numerusform><numerusform>%n shots</numerusform></translation>
    </message>
</context>
<context>
    <name>pulsepin::WordsPage</name>
    <message numerus="yes">
        <source>%n to fix</source>
        <translation><numerusform>%n to fix</numerusform><numerusform>%n to fix</numerusform></translation>
    </message>
</context>
</TS>
