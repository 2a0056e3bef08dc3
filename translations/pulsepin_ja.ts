<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="ja" sourcelanguage="en">
<context>
    <name>QObject</name>
    <message>
        <source> · drop</source>
        <translation> · ドロップ</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 フレーム</translation>
    </message>
    <message>
        <source>%1 ms</source>
        <translation>%1 ms</translation>
    </message>
    <message>
        <source>, fine</source>
        <translation>、細かく</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>イージングの動きには 2〜3 フレーム</translation>
    </message>
    <message>
        <source>Its first line is “%1”.</source>
        <translation>最初の行は「%1」です。</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>%1 行目:%2</translation>
    </message>
    <message>
        <source>No shortcut was changed.</source>
        <translation>ショートカットは変更されていません。</translation>
    </message>
    <message>
        <source>Nothing will be seen: “%1” of %2 is %3</source>
        <translation>何も見えません:「%1」(%2)は %3 です</translation>
    </message>
    <message>
        <source>Pulse Pin crashed. What is needed to find the fault is in %1; nothing was sent anywhere.</source>
        <translation>Pulse Pin が異常終了しました。不具合を探すための情報は %1 にあります。どこにも送信していません。</translation>
    </message>
    <message>
        <source>That is no list of shortcuts.</source>
        <translation>これはショートカットの一覧ではありません。</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>琥珀</translation>
    </message>
    <message>
        <source>black</source>
        <translation>黒</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>青</translation>
    </message>
    <message>
        <source>dark %1</source>
        <translation>暗い%1</translation>
    </message>
    <message>
        <source>green</source>
        <translation>緑</translation>
    </message>
    <message>
        <source>grey</source>
        <translation>灰</translation>
    </message>
    <message>
        <source>leaf green</source>
        <translation>若葉</translation>
    </message>
    <message>
        <source>orange</source>
        <translation>橙</translation>
    </message>
    <message>
        <source>pale %1</source>
        <translation>薄い%1</translation>
    </message>
    <message>
        <source>plum</source>
        <translation>梅</translation>
    </message>
    <message>
        <source>red</source>
        <translation>赤</translation>
    </message>
    <message>
        <source>teal</source>
        <translation>青緑</translation>
    </message>
    <message>
        <source>there are no keys “%1”.</source>
        <translation>「%1」というキーはありません。</translation>
    </message>
    <message>
        <source>there is no command “%1”.</source>
        <translation>「%1」というコマンドはありません。</translation>
    </message>
    <message>
        <source>violet</source>
        <translation>紫</translation>
    </message>
    <message>
        <source>white</source>
        <translation>白</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>黄</translation>
    </message>
    <message>
        <source>“%1” is for “%2” already.</source>
        <translation>「%1」はすでに「%2」に使われています。</translation>
    </message>
    <message>
        <source>“%1” was not opened, since work was recovered. Save that first.</source>
        <translation>作業を復元したため「%1」は開いていません。先に保存してください。</translation>
    </message>
</context>
<context>
    <name>any</name>
    <message>
        <source> and others</source>
        <translation>など</translation>
    </message>
    <message>
        <source> · drop</source>
        <translation> · ドロップ</translation>
    </message>
    <message>
        <source>%1 % of its length%2 · %3 %4</source>
        <translation>長さの %1 %%2 · %3 %4</translation>
    </message>
    <message>
        <source>%1 dB at %2 s</source>
        <translation>%1 dB(%2 秒)</translation>
    </message>
    <message>
        <source>%1 red flashes/s on %2 % of the view</source>
        <translation>視野の %2 % で赤い点滅 %1/秒</translation>
    </message>
    <message>
        <source>%1 s long, fades %2 s and %3 s</source>
        <translation>長さ %1 秒、フェード %2 秒と %3 秒</translation>
    </message>
    <message>
        <source>%1 switched off</source>
        <translation>%1をオフ</translation>
    </message>
    <message>
        <source>%1 switched on</source>
        <translation>%1をオン</translation>
    </message>
    <message>
        <source>%1 · click a cell to light it, drag to paint along the beats · the right button makes dark</source>
        <translation>%1 · クリックで点灯、ドラッグで拍に沿って塗る · 右ボタンで消灯</translation>
    </message>
    <message>
        <source>%1/s on %2 % of the view</source>
        <translation>視野の %2 % で %1/秒</translation>
    </message>
    <message>
        <source>%1: deviation %2 ms · full height %3 ms</source>
        <translation>%1:ずれ %2 ms · 全高 %3 ms</translation>
    </message>
    <message>
        <source>%1th</source>
        <translation>%1番目</translation>
    </message>
    <message numerus="yes">
        <source>%n cells lit</source>
        <translation><numerusform>%n 個のセルを点灯</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n cells made dark</source>
        <translation><numerusform>%n 個のセルを消灯</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n pins selected</source>
        <translation><numerusform>%n 個のピンを選択</numerusform></translation>
    </message>
    <message>
        <source>A bar before the few bars</source>
        <translation>数小節の前に 1 小節</translation>
    </message>
    <message>
        <source>A few bars are</source>
        <translation>「数小節」の長さ</translation>
    </message>
    <message>
        <source>All</source>
        <translation>すべて</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>常に</translation>
    </message>
    <message>
        <source>And the desktop's panel shows what plays</source>
        <translation>デスクトップのパネルに再生中の曲を示します</translation>
    </message>
    <message>
        <source>Another name</source>
        <translation>別の名前</translation>
    </message>
    <message>
        <source>Another name, please</source>
        <translation>別の名前にしてください</translation>
    </message>
    <message>
        <source>As the desktop</source>
        <translation>デスクトップに従う</translation>
    </message>
    <message>
        <source>Audio-video offset</source>
        <translation>音と映像のずれ</translation>
    </message>
    <message>
        <source>Author</source>
        <translation>作者</translation>
    </message>
    <message>
        <source>Beat %1 moved by %2 ms · what is pinned goes along</source>
        <translation>拍 %1 を %2 ms 移動 · 固定したものも一緒に動きます</translation>
    </message>
    <message>
        <source>Cache of decoded songs</source>
        <translation>デコードした曲のキャッシュ</translation>
    </message>
    <message>
        <source>Cache of small films</source>
        <translation>小さい映像のキャッシュ</translation>
    </message>
    <message>
        <source>Cache of sounds</source>
        <translation>音のキャッシュ</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Copies of large clips that play without a pause</source>
        <translation>滑らかに再生するための大きなクリップのコピー</translation>
    </message>
    <message>
        <source>Copy for recovery every</source>
        <translation>復元用コピーの間隔</translation>
    </message>
    <message>
        <source>Day paper</source>
        <translation>昼の紙</translation>
    </message>
    <message>
        <source>Desktop</source>
        <translation>デスクトップ</translation>
    </message>
    <message>
        <source>Dialogs for files</source>
        <translation>ファイルのダイアログ</translation>
    </message>
    <message>
        <source>Drag along the beats, or to another lamp · Alt and drag changes its strength · the right button makes dark</source>
        <translation>拍に沿って、または別のランプへドラッグ · Alt+ドラッグで強さ · 右ボタンで消灯</translation>
    </message>
    <message>
        <source>Drag the end to make it last longer or shorter · Shift counts frames</source>
        <translation>端をドラッグで長短を変更 · Shift でフレーム単位</translation>
    </message>
    <message>
        <source>Editing</source>
        <translation>編集</translation>
    </message>
    <message>
        <source>Files and caches</source>
        <translation>ファイルとキャッシュ</translation>
    </message>
    <message>
        <source>Files that the desktop opens; else each has a window</source>
        <translation>デスクトップから開くファイル。オフなら別のウィンドウ</translation>
    </message>
    <message>
        <source>Folder in which dialogs begin</source>
        <translation>ダイアログが始まるフォルダー</translation>
    </message>
    <message>
        <source>Frame rate</source>
        <translation>フレームレート</translation>
    </message>
    <message>
        <source>Height of the picture</source>
        <translation>映像の高さ</translation>
    </message>
    <message>
        <source>High contrast</source>
        <translation>高コントラスト</translation>
    </message>
    <message>
        <source>How late your finger or your pad is</source>
        <translation>指やパッドの遅れ</translation>
    </message>
    <message>
        <source>How much later the sound reaches the ear than the device knows, as with wireless loudspeakers</source>
        <translation>無線スピーカーなどで、機器が知るより音が遅れる量</translation>
    </message>
    <message>
        <source>Its name at the sound server; empty: the desktop's own</source>
        <translation>サウンドサーバーでの名前。空ならデスクトップのもの</translation>
    </message>
    <message>
        <source>Lamps that light up on each beat and in lanes; the picture itself is never changed</source>
        <translation>拍ごとやレーンで光るランプ。映像そのものは変わりません</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>言語</translation>
    </message>
    <message>
        <source>Language and looks</source>
        <translation>言語と見た目</translation>
    </message>
    <message>
        <source>Lasts %1</source>
        <translation>長さ %1</translation>
    </message>
    <message>
        <source>Less: nothing flashes</source>
        <translation>少なく:点滅しない</translation>
    </message>
    <message>
        <source>Media keys play and stop</source>
        <translation>メディアキーで再生・停止</translation>
    </message>
    <message>
        <source>Motion in the window</source>
        <translation>ウィンドウの動き</translation>
    </message>
    <message>
        <source>New projects</source>
        <translation>新しいプロジェクト</translation>
    </message>
    <message>
        <source>Night paper</source>
        <translation>夜の紙</translation>
    </message>
    <message>
        <source>Of a project that has no file yet; empty: your home</source>
        <translation>まだファイルのないプロジェクト用。空ならホーム</translation>
    </message>
    <message>
        <source>Of all words on the screen, and how numbers are typed; files are written the same in every language</source>
        <translation>画面のすべての言葉と数字の打ち方。ファイルはどの言語でも同じに書かれます</translation>
    </message>
    <message>
        <source>Of the paper; high contrast is for the whole window</source>
        <translation>紙の色。高コントラストはウィンドウ全体</translation>
    </message>
    <message>
        <source>Of work that is not saved; it is offered after a crash</source>
        <translation>未保存の作業のコピー。異常終了の後に示されます</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>オフ</translation>
    </message>
    <message>
        <source>On top of what the desktop scales</source>
        <translation>デスクトップの拡大に加えて</translation>
    </message>
    <message>
        <source>Onset moved by %1 ms</source>
        <translation>オンセットを %1 ms 移動</translation>
    </message>
    <message>
        <source>Open files in the window that is open</source>
        <translation>開いているウィンドウでファイルを開く</translation>
    </message>
    <message>
        <source>Playing</source>
        <translation>再生</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>置き換え</translation>
    </message>
    <message>
        <source>Replace the file?</source>
        <translation>ファイルを置き換えますか?</translation>
    </message>
    <message>
        <source>Replace the files?</source>
        <translation>ファイルを置き換えますか?</translation>
    </message>
    <message>
        <source>Size of text and controls</source>
        <translation>文字と部品の大きさ</translation>
    </message>
    <message>
        <source>Snapping</source>
        <translation>スナップ</translation>
    </message>
    <message>
        <source>Songs are there at once when a piece is opened again; an hour takes 1300 MB</source>
        <translation>作品を開き直すと曲がすぐ使えます。1時間で1300 MBです</translation>
    </message>
    <message>
        <source>Sound device</source>
        <translation>音声出力</translation>
    </message>
    <message>
        <source>Stop returns to where it began</source>
        <translation>停止で開始位置へ戻る</translation>
    </message>
    <message>
        <source>Strength %1 %</source>
        <translation>強さ %1 %</translation>
    </message>
    <message>
        <source>Taps count earlier by</source>
        <translation>タップを早める量</translation>
    </message>
    <message>
        <source>The desktop's own know its places and network folders; they need the package qt6-xdgdesktopportal-platformtheme</source>
        <translation>デスクトップのダイアログは、その場所やネットワークフォルダーを知っています。パッケージ qt6-xdgdesktopportal-platformtheme が必要です</translation>
    </message>
    <message>
        <source>The desktop's, by its portal</source>
        <translation>デスクトップのもの（ポータル経由）</translation>
    </message>
    <message>
        <source>The flashes are not measured yet</source>
        <translation>点滅はまだ測定されていません</translation>
    </message>
    <message>
        <source>There are %1 files of these names already: %2%3. Shall they be replaced?</source>
        <translation>これらの名前のファイルがすでに %1 個あります:%2%3。置き換えますか?</translation>
    </message>
    <message>
        <source>There are no lamps yet: add some at Motion, Lights</source>
        <translation>ランプがまだありません:「動き」の「照明」で追加してください</translation>
    </message>
    <message>
        <source>There is a file “%1” already. Shall it be replaced?</source>
        <translation>「%1」というファイルがすでにあります。置き換えますか?</translation>
    </message>
    <message>
        <source>To %1</source>
        <translation>%1 へ</translation>
    </message>
    <message>
        <source>To %1 · %2</source>
        <translation>%1 へ · %2</translation>
    </message>
    <message numerus="yes">
        <source>To %1 · %n locked, left alone</source>
        <translation><numerusform>%1 へ · ロック中の %n 個はそのまま</numerusform></translation>
    </message>
    <message>
        <source>Usual ones</source>
        <translation>通常のもの</translation>
    </message>
    <message>
        <source>Waveforms and what was heard; what was not wanted for longest goes first</source>
        <translation>波形と聴いた結果。長く使われないものから消えます</translation>
    </message>
    <message>
        <source>When near</source>
        <translation>近いとき</translation>
    </message>
    <message>
        <source>Whether what is dragged goes to the nearest beat</source>
        <translation>ドラッグしたものが近くの拍へ吸い付くか</translation>
    </message>
    <message>
        <source>Width of the picture</source>
        <translation>映像の幅</translation>
    </message>
    <message>
        <source>Written into exported files</source>
        <translation>書き出したファイルに入ります</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1を追加</translation>
    </message>
    <message>
        <source>add point of gain</source>
        <translation>音量点を追加</translation>
    </message>
    <message>
        <source>air, 8 to 16 kHz</source>
        <translation>エアー、8〜16 kHz</translation>
    </message>
    <message>
        <source>bass, 60 to 150 Hz</source>
        <translation>ベース、60〜150 Hz</translation>
    </message>
    <message>
        <source>begins at %1 s</source>
        <translation>%1 秒から始まる</translation>
    </message>
    <message>
        <source>begins with the song</source>
        <translation>曲と同時に始まる</translation>
    </message>
    <message>
        <source>bend the way to keys</source>
        <translation>キーへの道を曲げる</translation>
    </message>
    <message>
        <source>change strength</source>
        <translation>強さを変更</translation>
    </message>
    <message>
        <source>clear cells</source>
        <translation>セルを消す</translation>
    </message>
    <message>
        <source>comes in over %1 s</source>
        <translation>%1 秒かけて入る</translation>
    </message>
    <message>
        <source>end of the piece</source>
        <translation>作品の終わり</translation>
    </message>
    <message>
        <source>ends at %1 s</source>
        <translation>%1 秒で終わる</translation>
    </message>
    <message>
        <source>ends with what is heard longest</source>
        <translation>最も長く鳴るものと同時に終わる</translation>
    </message>
    <message>
        <source>fade key</source>
        <translation>キーをフェード</translation>
    </message>
    <message>
        <source>fade song</source>
        <translation>曲をフェード</translation>
    </message>
    <message>
        <source>fade sound</source>
        <translation>音をフェード</translation>
    </message>
    <message>
        <source>flashing %1 %</source>
        <translation>点滅 %1 %</translation>
    </message>
    <message>
        <source>goes out over %1 s</source>
        <translation>%1 秒かけて消える</translation>
    </message>
    <message>
        <source>grid %1%2 ms</source>
        <translation>グリッド %1%2 ms</translation>
    </message>
    <message>
        <source>heard from %1 s for %2 s, fades %3 s and %4 s</source>
        <translation>%1 秒から %2 秒間、フェード %3 秒と %4 秒</translation>
    </message>
    <message>
        <source>lift top</source>
        <translation>頂点を持ち上げる</translation>
    </message>
    <message>
        <source>lifted by %1</source>
        <translation>%1 持ち上げ</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>ランプを点ける</translation>
    </message>
    <message>
        <source>limit %1/s</source>
        <translation>上限 %1/秒</translation>
    </message>
    <message>
        <source>low middle, 150 to 400 Hz</source>
        <translation>中低域、150〜400 Hz</translation>
    </message>
    <message>
        <source>lowered by %1</source>
        <translation>%1 下げ</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>ランプを消す</translation>
    </message>
    <message>
        <source>move beat</source>
        <translation>拍を移動</translation>
    </message>
    <message>
        <source>move key of event</source>
        <translation>イベントのキーを移動</translation>
    </message>
    <message>
        <source>move level</source>
        <translation>レベルを移動</translation>
    </message>
    <message>
        <source>move onset</source>
        <translation>オンセットを移動</translation>
    </message>
    <message>
        <source>move pin</source>
        <translation>ピンを移動</translation>
    </message>
    <message>
        <source>move pins</source>
        <translation>ピンを移動</translation>
    </message>
    <message>
        <source>move point of gain</source>
        <translation>音量点を移動</translation>
    </message>
    <message>
        <source>nothing starts here</source>
        <translation>ここで始まるものはない</translation>
    </message>
    <message>
        <source>one phrase a row</source>
        <translation>1 行に 1 フレーズ</translation>
    </message>
    <message>
        <source>paint cells</source>
        <translation>セルを塗る</translation>
    </message>
    <message>
        <source>presence, 3 to 6 kHz</source>
        <translation>プレゼンス、3〜6 kHz</translation>
    </message>
    <message>
        <source>shorten song</source>
        <translation>曲を短くする</translation>
    </message>
    <message>
        <source>shot: %1, %2 · %3 %</source>
        <translation>ショット:%1、%2 · %3 %</translation>
    </message>
    <message>
        <source>start of the piece</source>
        <translation>作品の始まり</translation>
    </message>
    <message>
        <source>stretch</source>
        <translation>伸縮</translation>
    </message>
    <message>
        <source>stretch key</source>
        <translation>キーを伸縮</translation>
    </message>
    <message>
        <source>sub bass, 30 to 60 Hz</source>
        <translation>サブベース、30〜60 Hz</translation>
    </message>
    <message>
        <source>trim sound</source>
        <translation>音をトリム</translation>
    </message>
    <message>
        <source>uncertain</source>
        <translation>不確か</translation>
    </message>
    <message>
        <source>voice, 300 Hz to 3 kHz</source>
        <translation>声、300 Hz〜3 kHz</translation>
    </message>
    <message>
        <source>“%1” cannot be made. Choose another folder for the tour.</source>
        <translation>「%1」を作れません。別のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>“%1” cannot be written into. Choose another folder for the tour.</source>
        <translation>「%1」に書き込めません。別のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>“%1” holds files that are not of an earlier tour, and nothing is written there. Choose a folder that is new or empty.</source>
        <translation>「%1」には以前のツアー以外のファイルがあるため、何も書きません。新しい、または空のフォルダーを選んでください。</translation>
    </message>
</context>
<context>
    <name>core</name>
    <message>
        <source>      ignored on purpose: </source>
        <translation>      意図的に無視: </translation>
    </message>
    <message>
        <source> Did you mean &quot;%1&quot;?</source>
        <translation> 「%1」のことですか?</translation>
    </message>
    <message>
        <source> are kept</source>
        <translation> は残ります</translation>
    </message>
    <message>
        <source> at swing %1 : 1</source>
        <translation> スウィング %1 : 1</translation>
    </message>
    <message>
        <source> clip is not in the bin yet</source>
        <translation> 個のクリップがまだビンにありません</translation>
    </message>
    <message>
        <source> clips are not in the bin yet</source>
        <translation> 個のクリップがまだビンにありません</translation>
    </message>
    <message>
        <source> in bar</source>
        <translation> (小節)</translation>
    </message>
    <message>
        <source> in bars</source>
        <translation> (小節)</translation>
    </message>
    <message>
        <source> is kept</source>
        <translation> は残ります</translation>
    </message>
    <message>
        <source>&quot;%1&quot; acts instead of &quot;%2&quot;</source>
        <translation>「%2」の代わりに「%1」が働きます</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot;</source>
        <translation>「%1」と「%2」</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot; both set it</source>
        <translation>「%1」と「%2」の両方が設定しています</translation>
    </message>
    <message>
        <source>&quot;%1&quot; and &quot;%2&quot; would share channel %3 of universe %4.</source>
        <translation>「%1」と「%2」がユニバース %4 のチャンネル %3 を共有します。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be &quot;%2&quot;.</source>
        <translation>「%1」は「%2」にできません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; cannot be &quot;%2&quot;.%3</source>
        <translation>「%1」は「%2」にできません。%3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; could be more than one property.</source>
        <translation>「%1」に当てはまる属性が複数あります。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; does not say which bars.</source>
        <translation>「%1」には小節の指定がありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; drives it twice</source>
        <translation>「%1」が 2 回動かしています</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has a value of another kind.</source>
        <translation>「%1」の値の種類が違います。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no picture.</source>
        <translation>「%1」には映像がありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no shape for &quot;%2&quot;.</source>
        <translation>「%1」には「%2」の形がありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no top as high as that.</source>
        <translation>「%1」にはそれほど高い頂点がありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has other poses already.</source>
        <translation>「%1」にはすでに他のポーズがあります。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; holds clips of its own: it comes as one shot that is still to come.</source>
        <translation>「%1」は自身のクリップを含みます:まだ来ていない 1 つのショットになります。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; in a piece of %2</source>
        <translation>「%1」(%2 の作品)</translation>
    </message>
    <message>
        <source>&quot;%1&quot; in line %2 is no length.</source>
        <translation>%2 行目の「%1」は長さではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is %2, which is no %3</source>
        <translation>「%1」は%2で、%3ではありません</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is locked.</source>
        <translation>「%1」はロックされています。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is made of another lane's tops: follow that lane</source>
        <translation>「%1」は別のレーンの頂点からできています:そのレーンに追従してください</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing</source>
        <translation>「%1」がありません</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is missing, or no text.</source>
        <translation>「%1」がないか、テキストではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no address.</source>
        <translation>「%1」はアドレスではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no event.</source>
        <translation>「%1」はイベントではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no lane of lights.</source>
        <translation>「%1」は照明のレーンではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no number.</source>
        <translation>「%1」は数ではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no speed.</source>
        <translation>「%1」は速さではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no time.</source>
        <translation>「%1」は時間ではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no timecode.</source>
        <translation>「%1」はタイムコードではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is no track.</source>
        <translation>「%1」はトラックではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a frame rate.</source>
        <translation>「%1」はフレームレートではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a metre.</source>
        <translation>「%1」は拍子ではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a place in the music.</source>
        <translation>「%1」は音楽の位置ではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not a timecode at %2 frames a second.</source>
        <translation>「%1」は毎秒 %2 フレームのタイムコードではありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not counted in that.</source>
        <translation>「%1」はその単位では数えません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood after &quot;cut&quot;.</source>
        <translation>cut の後の「%1」がわかりません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is not understood.</source>
        <translation>「%1」がわかりません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is on or off.</source>
        <translation>「%1」はオンかオフです。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is over</source>
        <translation>「%1」は終わっています</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is over at once</source>
        <translation>「%1」はすぐに終わります</translation>
    </message>
    <message>
        <source>&quot;%1&quot; lights its lamps more than a million times: from here on they stay dark</source>
        <translation>「%1」はランプを百万回を超えて点灯させます。ここから先は消えたままです</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be %2, not &quot;%3&quot;.</source>
        <translation>「%1」は「%3」でなく %2 にしてください。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must be a whole number.</source>
        <translation>「%1」は整数にしてください。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; must lie between %2 and %3.</source>
        <translation>「%1」は %2 から %3 の間にしてください。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; needs channels up to %2 of universe %3, which has 512.</source>
        <translation>「%1」はユニバース %3 のチャンネル %2 まで必要ですが、512 しかありません。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; of a %2 is no number: &quot;%3&quot;.</source>
        <translation>%2 の「%1」は数ではありません:「%3」。</translation>
    </message>
    <message>
        <source>&quot;%1&quot; sets nothing.%2</source>
        <translation>「%1」は何も設定しません。%2</translation>
    </message>
    <message>
        <source>&quot;%1&quot; would follow itself.</source>
        <translation>「%1」は自分自身に追従することになります。</translation>
    </message>
    <message>
        <source>%1 % at random (seed %2)</source>
        <translation>ランダムに %1 %(シード %2)</translation>
    </message>
    <message>
        <source>%1 % of it is seen</source>
        <translation>その %1 % が見えます</translation>
    </message>
    <message>
        <source>%1 % of the picture's %2 is cut off</source>
        <translation>映像の%2の %1 % が切れています</translation>
    </message>
    <message>
        <source>%1 % of the view</source>
        <translation>視野の %1 %</translation>
    </message>
    <message>
        <source>%1 %2 agree%3 little with what is heard</source>
        <translation>%1 %2 が聴こえる音とあまり合いません%3</translation>
    </message>
    <message>
        <source>%1 Or look at %2, which a save that was cut off left behind.</source>
        <translation>%1 または中断された保存が残した %2 を見てください。</translation>
    </message>
    <message>
        <source>%1 and %2 more</source>
        <translation>%1 ほか %2</translation>
    </message>
    <message>
        <source>%1 as its lane says</source>
        <translation>%1、レーンの指定どおり</translation>
    </message>
    <message>
        <source>%1 by age</source>
        <translation>%1 古い順</translation>
    </message>
    <message>
        <source>%1 characters per second</source>
        <translation>毎秒 %1 文字</translation>
    </message>
    <message>
        <source>%1 does not lie in %2</source>
        <translation>%1 は %2 にありません</translation>
    </message>
    <message>
        <source>%1 fps</source>
        <translation>%1 fps</translation>
    </message>
    <message>
        <source>%1 fps, %2 x %3, %4</source>
        <translation>%1 fps、%2 x %3、%4</translation>
    </message>
    <message>
        <source>%1 frame%2</source>
        <translation>%1 フレーム%2</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 フレーム</translation>
    </message>
    <message>
        <source>%1 frames apart</source>
        <translation>%1 フレーム離れ</translation>
    </message>
    <message>
        <source>%1 frames missing</source>
        <translation>%1 フレーム欠け</translation>
    </message>
    <message>
        <source>%1 frames/s</source>
        <translation>%1 フレーム/秒</translation>
    </message>
    <message>
        <source>%1 from %2 to %3 and back</source>
        <translation>%1 %2 から %3 へ、そして戻る</translation>
    </message>
    <message>
        <source>%1 has no drop-frame count</source>
        <translation>%1 にはドロップフレームの数え方がありません</translation>
    </message>
    <message>
        <source>%1 in a second</source>
        <translation>1 秒に %1</translation>
    </message>
    <message>
        <source>%1 is beyond what %2 can be.</source>
        <translation>%1 は %2 の限度を超えています。</translation>
    </message>
    <message>
        <source>%1 is loose</source>
        <translation>%1 は固定されていません</translation>
    </message>
    <message>
        <source>%1 is no colour</source>
        <translation>%1 は色ではありません</translation>
    </message>
    <message>
        <source>%1 is not seen</source>
        <translation>%1 は見えません</translation>
    </message>
    <message>
        <source>%1 keys</source>
        <translation>キー %1 個</translation>
    </message>
    <message>
        <source>%1 lanes of curves, for want of controllers</source>
        <translation>コントローラー不足のためカーブのレーン %1</translation>
    </message>
    <message>
        <source>%1 lie further away: allow a greater distance with within.</source>
        <translation>%1 個はより遠くにあります:within でより大きな距離を許してください。</translation>
    </message>
    <message>
        <source>%1 lies beside its beat</source>
        <translation>%1 が拍から外れています</translation>
    </message>
    <message>
        <source>%1 loose pins lie further from a beat.</source>
        <translation>固定のないピン %1 個が拍からより遠くにあります。</translation>
    </message>
    <message>
        <source>%1 move</source>
        <translation>%1 個が動きます</translation>
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
        <translation>%1 ms %2、フレーム %3</translation>
    </message>
    <message>
        <source>%1 of &quot;%2&quot;</source>
        <translation>「%2」の%1</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1/%2</translation>
    </message>
    <message>
        <source>%1 of %2 frames left</source>
        <translation>%2 フレーム中 %1 が残ります</translation>
    </message>
    <message>
        <source>%1 of %2, %3 to %4 Hz</source>
        <translation>%2 の%1、%3〜%4 Hz</translation>
    </message>
    <message>
        <source>%1 of %2, %3, %4 to %5 Hz</source>
        <translation>%2 の%1、%3、%4〜%5 Hz</translation>
    </message>
    <message>
        <source>%1 of the lane “%2” would lie behind the end of the song</source>
        <translation>レーン「%2」の %1 が曲の終わりより後になります</translation>
    </message>
    <message>
        <source>%1 on </source>
        <translation>%1 : </translation>
    </message>
    <message>
        <source>%1 on %2%3</source>
        <translation>%2 に %1%3</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 枚</translation>
    </message>
    <message>
        <source>%1 poses</source>
        <translation>%1 のポーズ</translation>
    </message>
    <message>
        <source>%1 s at the end</source>
        <translation>終わりの %1 秒</translation>
    </message>
    <message>
        <source>%1 stands where a group of fields should be</source>
        <translation>項目の組があるべき所に %1 があります</translation>
    </message>
    <message>
        <source>%1 stands where a group of fields with &quot;%2&quot; should be</source>
        <translation>「%2」を含む項目の組があるべき所に %1 があります</translation>
    </message>
    <message>
        <source>%1 the song and all that lies beside it by %2 dB</source>
        <translation>曲とその横のすべてを %2 dB %1</translation>
    </message>
    <message>
        <source>%1 ticks</source>
        <translation>%1 ティック</translation>
    </message>
    <message>
        <source>%1 timecode</source>
        <translation>%1 タイムコード</translation>
    </message>
    <message>
        <source>%1 together</source>
        <translation>%1 をまとめて</translation>
    </message>
    <message>
        <source>%1 x %2 is written as %3 x %4, since this kind of film has even sides</source>
        <translation>この種類の映像は辺が偶数のため、%1 x %2 を %3 x %4 で書きます</translation>
    </message>
    <message>
        <source>%1%2 will be gone when it is saved</source>
        <translation>%1%2 は保存すると失われます</translation>
    </message>
    <message>
        <source>%1, in the whole song</source>
        <translation>%1、曲全体で</translation>
    </message>
    <message>
        <source>%1, whole song</source>
        <translation>%1、曲全体</translation>
    </message>
    <message>
        <source>%1: %2 flashes/s become %3 or fewer that count</source>
        <translation>%1:毎秒 %2 回の点滅が、数えるもので %3 以下になります</translation>
    </message>
    <message>
        <source>%2 beats between the held ones</source>
        <translation>保持した拍の間に %2 拍</translation>
    </message>
    <message>
        <source>%2 lights</source>
        <translation>光 %2 個</translation>
    </message>
    <message>
        <source>%2 locked, left alone</source>
        <translation>ロック中の %2 個はそのまま</translation>
    </message>
    <message>
        <source>%2 moved, %1 too far away</source>
        <translation>%2 個を移動、%1 個は遠すぎ</translation>
    </message>
    <message>
        <source>%2 pin tied: it moves with the sound</source>
        <translation>%2 個のピンを結びました:音と一緒に動きます</translation>
    </message>
    <message>
        <source>%2 pins tied: they move with the sound</source>
        <translation>%2 個のピンを結びました:音と一緒に動きます</translation>
    </message>
    <message>
        <source>%2 placed</source>
        <translation>%2 個を配置</translation>
    </message>
    <message>
        <source>%2 placed again</source>
        <translation>%2 個を再配置</translation>
    </message>
    <message>
        <source>%2 pulses placed</source>
        <translation>パルス %2 個を配置</translation>
    </message>
    <message>
        <source>%2 tied to the grid</source>
        <translation>%2 個をグリッドに結びました</translation>
    </message>
    <message>
        <source>%2 tied to the grid, %1 too far away</source>
        <translation>%2 個をグリッドに結びました、%1 個は遠すぎ</translation>
    </message>
    <message>
        <source>%2 triggers drive the same now</source>
        <translation>トリガー %2 個が同じものを動かします</translation>
    </message>
    <message>
        <source>, columns %1 of %2</source>
        <translation>、列 %1 / %2</translation>
    </message>
    <message>
        <source>, in bar %1</source>
        <translation>、%1 小節</translation>
    </message>
    <message>
        <source>, in bars</source>
        <translation>、小節</translation>
    </message>
    <message>
        <source>, in bars %1 to %2</source>
        <translation>、%1〜%2 小節</translation>
    </message>
    <message>
        <source>, lines</source>
        <translation>、行</translation>
    </message>
    <message>
        <source>-23 LUFS (EBU R 128)</source>
        <translation>-23 LUFS(EBU R 128)</translation>
    </message>
    <message>
        <source>-90 is up</source>
        <translation>-90 は上</translation>
    </message>
    <message>
        <source>0 is sideways</source>
        <translation>0 は横</translation>
    </message>
    <message>
        <source>0: as many as suit the tempo and the onsets</source>
        <translation>0:テンポとオンセットに合う数</translation>
    </message>
    <message>
        <source>0: as thick as a line usually is</source>
        <translation>0:普通の線の太さ</translation>
    </message>
    <message>
        <source>0: no line</source>
        <translation>0:線なし</translation>
    </message>
    <message>
        <source>0: not patched</source>
        <translation>0:割り当てなし</translation>
    </message>
    <message>
        <source>0: the usual one</source>
        <translation>0:通常のもの</translation>
    </message>
    <message>
        <source>0: without gaps</source>
        <translation>0:隙間なし</translation>
    </message>
    <message>
        <source>1 on the beat, 0 midway between two</source>
        <translation>拍で 1、拍と拍の中間で 0</translation>
    </message>
    <message>
        <source>1080 × 1920, cut off</source>
        <translation>1080 × 1920、切り取り</translation>
    </message>
    <message>
        <source>13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23</source>
        <translation>13.3(小節と拍)、0:26.96、26.96 s、647 f、00:00:26:23</translation>
    </message>
    <message>
        <source>15 to 20 frames for what builds slowly</source>
        <translation>ゆっくり育つものは 15〜20 フレーム</translation>
    </message>
    <message>
        <source>16 mm</source>
        <translation>16 mm</translation>
    </message>
    <message>
        <source>1: whole beats, 2: halves, 3: thirds, 4: quarters</source>
        <translation>1:拍、2:半拍、3:1/3、4:1/4</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>イージングの動きには 2〜3 フレーム</translation>
    </message>
    <message>
        <source>20000 is the most.</source>
        <translation>20000 が最大です。</translation>
    </message>
    <message>
        <source>35 mm</source>
        <translation>35 mm</translation>
    </message>
    <message>
        <source>400 is regular, 700 is bold</source>
        <translation>400 は標準、700 は太字</translation>
    </message>
    <message>
        <source>480 × 270, animated WebP</source>
        <translation>480 × 270、動く WebP</translation>
    </message>
    <message>
        <source>8 is an eighth note, or eight beats</source>
        <translation>8 は八分音符、または 8 拍</translation>
    </message>
    <message>
        <source>A MIDI port could not be made.</source>
        <translation>MIDI ポートを作れませんでした。</translation>
    </message>
    <message>
        <source>A beat at %1 s is no place in a piece of music.</source>
        <translation>%1 秒の拍は音楽の位置ではありません。</translation>
    </message>
    <message>
        <source>A beat list has a time in seconds in each line.</source>
        <translation>拍の一覧は各行に秒の時間を持ちます。</translation>
    </message>
    <message>
        <source>A change of &quot;%1&quot; pictures is as long as its event.</source>
        <translation>「%1」枚の変化はイベントと同じ長さです。</translation>
    </message>
    <message>
        <source>A change of metre lies too far from bar 1.</source>
        <translation>拍子の変更が 1 小節目から遠すぎます。</translation>
    </message>
    <message>
        <source>A clip belongs on a lane of cuts or sounds.</source>
        <translation>クリップはカットか音のレーンに置きます。</translation>
    </message>
    <message>
        <source>A composition needs a name.</source>
        <translation>コンポジションには名前が必要です。</translation>
    </message>
    <message>
        <source>A curve needs a name.</source>
        <translation>カーブには名前が必要です。</translation>
    </message>
    <message>
        <source>A file has to be chosen for that: it is done in the window.</source>
        <translation>ファイルを選ぶ必要があります:ウィンドウで行ってください。</translation>
    </message>
    <message>
        <source>A film is 16 to 8192 pixels wide and high.</source>
        <translation>映像の幅と高さは 16〜8192 ピクセルです。</translation>
    </message>
    <message>
        <source>A film of the piece has standard dynamic range: look whether its lights suit</source>
        <translation>作品の映像は標準ダイナミックレンジです:明るさが合うか見てください</translation>
    </message>
    <message>
        <source>A film of this kind (HEVC) is at least 64 pixels wide and high.</source>
        <translation>この種類(HEVC)の映像は幅も高さも 64 ピクセル以上です。</translation>
    </message>
    <message>
        <source>A frame rate must lie between 1 and 1000 frames per second.</source>
        <translation>フレームレートは毎秒 1〜1000 フレームにしてください。</translation>
    </message>
    <message>
        <source>A grid has %1 to %2 beats a minute.</source>
        <translation>グリッドは毎分 %1〜%2 拍です。</translation>
    </message>
    <message>
        <source>A grid needs at least two beats.</source>
        <translation>グリッドには少なくとも 2 拍必要です。</translation>
    </message>
    <message>
        <source>A grid of %1 beats is too large.</source>
        <translation>%1 拍のグリッドは大きすぎます。</translation>
    </message>
    <message>
        <source>A group does not lie in itself.</source>
        <translation>グループは自分の中に入りません。</translation>
    </message>
    <message>
        <source>A group of lamps needs a name.</source>
        <translation>ランプのグループには名前が必要です。</translation>
    </message>
    <message>
        <source>A lamp needs a name.</source>
        <translation>ランプには名前が必要です。</translation>
    </message>
    <message>
        <source>A lane drives how fast the strobe turns.</source>
        <translation>ストロボの速さを動かすレーンがあります。</translation>
    </message>
    <message>
        <source>A lane needs a name.</source>
        <translation>レーンには名前が必要です。</translation>
    </message>
    <message>
        <source>A lane of %1 drives nothing.</source>
        <translation>%1のレーンは何も動かしません。</translation>
    </message>
    <message>
        <source>A lane that drives something and never moves it: the effect is not seen</source>
        <translation>何かを動かすのに動きのないレーン:効果が見えません</translation>
    </message>
    <message>
        <source>A layer does not hang on itself.</source>
        <translation>レイヤーは自分にぶら下がりません。</translation>
    </message>
    <message>
        <source>A layer needs a name.</source>
        <translation>レイヤーには名前が必要です。</translation>
    </message>
    <message>
        <source>A line a frame, with a column for each lane</source>
        <translation>フレームごとに 1 行、レーンごとに 1 列</translation>
    </message>
    <message>
        <source>A line a pin of all lanes, in their order in time and a pattern of your own</source>
        <translation>全レーンのピンごとに 1 行、時間順に自分の書式で</translation>
    </message>
    <message>
        <source>A line a property, in a pattern of your own, for programs that take schedules as text</source>
        <translation>属性ごとに 1 行、自分の書式で。日程を文字列で読むプログラム用</translation>
    </message>
    <message>
        <source>A line cannot be empty.</source>
        <translation>行は空にできません。</translation>
    </message>
    <message>
        <source>A line must stay as long as its letters take to read (common practice for captions)</source>
        <translation>行は文字を読める長さだけ残る必要があります(字幕の慣例)</translation>
    </message>
    <message>
        <source>A look needs a name.</source>
        <translation>ルックには名前が必要です。</translation>
    </message>
    <message>
        <source>A marker cannot travel with what travels with it.</source>
        <translation>マーカーは自分と一緒に動くものとは一緒に動けません。</translation>
    </message>
    <message>
        <source>A marker is tied to a shot that is not seen when it comes</source>
        <translation>その時に見えないショットにマーカーが結ばれています</translation>
    </message>
    <message>
        <source>A metre must have 1 to 32 beats a bar.</source>
        <translation>拍子は 1 小節 1〜32 拍です。</translation>
    </message>
    <message>
        <source>A picker needs a name to be saved as a preset.</source>
        <translation>プリセットとして保存するには名前が必要です。</translation>
    </message>
    <message>
        <source>A picture could not be coded (%1).</source>
        <translation>画像を符号化できませんでした(%1)。</translation>
    </message>
    <message>
        <source>A picture could not be written</source>
        <translation>画像を書けませんでした</translation>
    </message>
    <message>
        <source>A picture is between 1 and 16384 pixels wide and high.</source>
        <translation>映像の幅と高さは 1〜16384 ピクセルです。</translation>
    </message>
    <message>
        <source>A planting keeps its kind.</source>
        <translation>まとまりの種類は変わりません。</translation>
    </message>
    <message>
        <source>A pulse belongs on a lane of pulses.</source>
        <translation>パルスはパルスのレーンに置きます。</translation>
    </message>
    <message>
        <source>A pulse needs a name.</source>
        <translation>パルスには名前が必要です。</translation>
    </message>
    <message>
        <source>A range ends after it begins.</source>
        <translation>範囲は始まりより後で終わります。</translation>
    </message>
    <message>
        <source>A repetition needs a number of bars and of times.</source>
        <translation>繰り返しには小節数と回数が必要です。</translation>
    </message>
    <message>
        <source>A rhythm cannot be laid on a lane of sounds.</source>
        <translation>リズムは音のレーンに置けません。</translation>
    </message>
    <message>
        <source>A shape that is held for one frame is seen as a flicker</source>
        <translation>1 フレームだけの形はちらつきに見えます</translation>
    </message>
    <message>
        <source>A shot that is shorter is told</source>
        <translation>より短いショットを知らせます</translation>
    </message>
    <message>
        <source>A small picture at each cut</source>
        <translation>カットごとに小さい画像</translation>
    </message>
    <message>
        <source>A sound that is listened to is not there.</source>
        <translation>聴く対象の音がありません。</translation>
    </message>
    <message>
        <source>A strength lies from 0 to 400 %.</source>
        <translation>強さは 0〜400 % です。</translation>
    </message>
    <message>
        <source>A tempo can change by a ratio of 1 to 16 only.</source>
        <translation>テンポの変更は 1〜16 の比だけです。</translation>
    </message>
    <message>
        <source>A tempo must lie between %1 and %2 beats a minute.</source>
        <translation>テンポは毎分 %1〜%2 拍にしてください。</translation>
    </message>
    <message>
        <source>A universe has 512 channels, and these are %1.</source>
        <translation>ユニバースのチャンネルは 512 で、これらは %1 です。</translation>
    </message>
    <message>
        <source>A word is dropped on a lane of words.</source>
        <translation>語は語のレーンに置きます。</translation>
    </message>
    <message>
        <source>A word is seen when it is sung: the picture must be there with it</source>
        <translation>語は歌われる時に見えます:その時に映像が必要です</translation>
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
        <translation>AV1、Opus</translation>
    </message>
    <message>
        <source>Above 1 only what is strong is left, below 1 what is weak comes up</source>
        <translation>1 より大きいと強いものだけが残り、小さいと弱いものが出ます</translation>
    </message>
    <message>
        <source>Add a lane of its kind first.</source>
        <translation>先にその種類のレーンを追加してください。</translation>
    </message>
    <message>
        <source>Add a song, find its beats, or place cuts first.</source>
        <translation>先に曲を追加するか、拍を検出するか、カットを置いてください。</translation>
    </message>
    <message>
        <source>Add a sound, then drag it along the beats.</source>
        <translation>音を追加して、拍に沿ってドラッグしてください。</translation>
    </message>
    <message>
        <source>Add lamps first.</source>
        <translation>先にランプを追加してください。</translation>
    </message>
    <message>
        <source>Add markers first.</source>
        <translation>先にマーカーを追加してください。</translation>
    </message>
    <message>
        <source>Add one first.</source>
        <translation>先に一つ追加してください。</translation>
    </message>
    <message>
        <source>Add or take away a pixel.</source>
        <translation>1 ピクセル増やすか減らしてください。</translation>
    </message>
    <message>
        <source>Add some first.</source>
        <translation>先に追加してください。</translation>
    </message>
    <message>
        <source>Add the numbered pictures first (stop Song, Add shots).</source>
        <translation>先に連番の画像を追加してください(「曲」、ショットを追加)。</translation>
    </message>
    <message>
        <source>Add them up</source>
        <translation>足し合わせる</translation>
    </message>
    <message>
        <source>Add video files or pictures to the bin first.</source>
        <translation>先に動画か画像をビンに追加してください。</translation>
    </message>
    <message>
        <source>Advanced SubStation Alpha</source>
        <translation>Advanced SubStation Alpha</translation>
    </message>
    <message>
        <source>After an effect come its strength and how long: flash 60 % for 2 frames.</source>
        <translation>エフェクトの後に強さと長さ:flash 60 % for 2 frames。</translation>
    </message>
    <message>
        <source>After the values come: for, rising and falling, each with how long.</source>
        <translation>値の後に for、rising、falling とそれぞれの長さ。</translation>
    </message>
    <message>
        <source>Against what was found: %1 beats the same, %2 moved, %3 added, %4 dropped.</source>
        <translation>検出に対して:同じ拍 %1、移動 %2、追加 %3、除外 %4。</translation>
    </message>
    <message>
        <source>All %1 %2 within %3</source>
        <translation>%1 %2 すべて %3 以内</translation>
    </message>
    <message>
        <source>All lanes that drive “%1” are locked.</source>
        <translation>「%1」を動かすレーンはすべてロックされています。</translation>
    </message>
    <message>
        <source>All of it on one long line, as a timeline to hang up or to lay into a document</source>
        <translation>全部を 1 本の長い線に。掲示や文書に貼るタイムライン</translation>
    </message>
    <message>
        <source>All that starts</source>
        <translation>始まるものすべて</translation>
    </message>
    <message>
        <source>Allow a greater distance, or correct the grid.</source>
        <translation>距離を大きくするか、グリッドを直してください。</translation>
    </message>
    <message>
        <source>Allow writing to it, or choose another name.</source>
        <translation>書き込みを許すか、別の名前を選んでください。</translation>
    </message>
    <message>
        <source>Amber</source>
        <translation>琥珀</translation>
    </message>
    <message>
        <source>An OSC message could not be sent: </source>
        <translation>OSC メッセージを送れませんでした: </translation>
    </message>
    <message>
        <source>An OSC message could not be sent: %1.</source>
        <translation>OSC メッセージを送れませんでした:%1。</translation>
    </message>
    <message>
        <source>An event has a number, a reel, a track, a transition and four timecodes.</source>
        <translation>イベントには番号・リール・トラック・トランジション・4 つのタイムコードがあります。</translation>
    </message>
    <message>
        <source>An item keeps its kind.</source>
        <translation>種類は変わりません。</translation>
    </message>
    <message>
        <source>Animated GIF</source>
        <translation>動く GIF</translation>
    </message>
    <message>
        <source>Animated WebP</source>
        <translation>動く WebP</translation>
    </message>
    <message>
        <source>Annotated music</source>
        <translation>注釈付き音楽</translation>
    </message>
    <message>
        <source>Annotated music (JAMS)</source>
        <translation>注釈付き音楽(JAMS)</translation>
    </message>
    <message>
        <source>Another file of this name came while the film was made, and was left as it is.</source>
        <translation>作成中に同名の別のファイルが現れたため、そのままにしました。</translation>
    </message>
    <message>
        <source>Another lane</source>
        <translation>別のレーン</translation>
    </message>
    <message>
        <source>Another number is another choice</source>
        <translation>数を変えると選び方が変わります</translation>
    </message>
    <message>
        <source>Appearances</source>
        <translation>現れ方</translation>
    </message>
    <message>
        <source>Archive</source>
        <translation>アーカイブ</translation>
    </message>
    <message>
        <source>Art-Net</source>
        <translation>Art-Net</translation>
    </message>
    <message>
        <source>Art-Net (levels of lamps)</source>
        <translation>Art-Net(ランプのレベル)</translation>
    </message>
    <message>
        <source>Art-Net has no universe %1.</source>
        <translation>Art-Net にユニバース %1 はありません。</translation>
    </message>
    <message>
        <source>As the piece</source>
        <translation>作品と同じ</translation>
    </message>
    <message>
        <source>Ask for lower ones.</source>
        <translation>小さい値を求めてください。</translation>
    </message>
    <message>
        <source>Attack, release</source>
        <translation>立上り・減衰</translation>
    </message>
    <message>
        <source>Author</source>
        <translation>作者</translation>
    </message>
    <message>
        <source>BPM</source>
        <translation>BPM</translation>
    </message>
    <message>
        <source>Bands</source>
        <translation>帯域</translation>
    </message>
    <message>
        <source>Bar</source>
        <translation>バー</translation>
    </message>
    <message>
        <source>Bar sheet</source>
        <translation>小節シート</translation>
    </message>
    <message>
        <source>Bass band</source>
        <translation>低音域</translation>
    </message>
    <message>
        <source>Beat list</source>
        <translation>拍の一覧</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>Beats are at least %1 ms apart.</source>
        <translation>拍は少なくとも %1 ms 離れます。</translation>
    </message>
    <message>
        <source>Beats as a table</source>
        <translation>拍の表</translation>
    </message>
    <message>
        <source>Beats cannot be read from this kind of file.</source>
        <translation>この種類のファイルから拍は読めません。</translation>
    </message>
    <message>
        <source>Beats that nothing starts near may lie wrong, and all that hangs on them</source>
        <translation>近くで何も始まらない拍は違うかもしれず、それに載るものも同じです</translation>
    </message>
    <message>
        <source>Begin a piece without a template, and set its beats.</source>
        <translation>テンプレートなしで作品を始め、拍を決めてください。</translation>
    </message>
    <message>
        <source>Begin elsewhere</source>
        <translation>別の所から始めてください</translation>
    </message>
    <message>
        <source>Begin lower down.</source>
        <translation>より下から始めてください。</translation>
    </message>
    <message>
        <source>Besides the scale</source>
        <translation>大きさに加えて</translation>
    </message>
    <message>
        <source>Black</source>
        <translation>黒</translation>
    </message>
    <message>
        <source>Blur</source>
        <translation>ぼかし</translation>
    </message>
    <message>
        <source>Bold</source>
        <translation>太字</translation>
    </message>
    <message>
        <source>Both begin on one frame: there is no room to shrink into.</source>
        <translation>両方が同じフレームで始まります:縮める余地がありません。</translation>
    </message>
    <message>
        <source>Brick</source>
        <translation>レンガ</translation>
    </message>
    <message>
        <source>Brighter on the kick</source>
        <translation>キックで明るく</translation>
    </message>
    <message>
        <source>Broadcasters want a programme at their level (EBU R 128)</source>
        <translation>放送局は決まったレベルの番組を求めます(EBU R 128)</translation>
    </message>
    <message>
        <source>Brought in</source>
        <translation>取り込み</translation>
    </message>
    <message>
        <source>Bulge</source>
        <translation>膨らみ</translation>
    </message>
    <message>
        <source>By what is told that the picture flashes too often</source>
        <translation>点滅が多すぎると告げる基準</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>カメラ</translation>
    </message>
    <message>
        <source>Cancelled.</source>
        <translation>中止しました。</translation>
    </message>
    <message>
        <source>Captions and timed lyrics</source>
        <translation>字幕と時間付き歌詞</translation>
    </message>
    <message>
        <source>Ceiling</source>
        <translation>上限</translation>
    </message>
    <message>
        <source>Change of pitch or level</source>
        <translation>音程または音量の変化</translation>
    </message>
    <message>
        <source>Change the cuts or the films there, or leave a shot for longer.</source>
        <translation>そこのカットか動画を変えるか、ショットを長くしてください。</translation>
    </message>
    <message>
        <source>Change the gain</source>
        <translation>音量を変更</translation>
    </message>
    <message>
        <source>Channels go from 1 to 512.</source>
        <translation>チャンネルは 1〜512 です。</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>チャプター</translation>
    </message>
    <message>
        <source>Chapters as metadata</source>
        <translation>メタデータのチャプター</translation>
    </message>
    <message>
        <source>Chapters for Matroska</source>
        <translation>Matroska 用チャプター</translation>
    </message>
    <message>
        <source>Check that you are allowed to read it.</source>
        <translation>読む許可があるか確かめてください。</translation>
    </message>
    <message>
        <source>Check the name.</source>
        <translation>名前を確かめてください。</translation>
    </message>
    <message>
        <source>Check whether it was moved or renamed.</source>
        <translation>移動や改名がないか確かめてください。</translation>
    </message>
    <message>
        <source>Choose 24, 25, 29.97 or 30 frames a second.</source>
        <translation>毎秒 24、25、29.97、30 フレームから選んでください。</translation>
    </message>
    <message>
        <source>Choose a MIDI file, a beat list (text, CSV) or a JAMS file.</source>
        <translation>MIDI ファイル、拍の一覧(テキスト、CSV)、JAMS ファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a cut.</source>
        <translation>カットを選んでください。</translation>
    </message>
    <message>
        <source>Choose a file of annotations that ends in .jams.</source>
        <translation>.jams で終わる注釈ファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a file that ends in .mlt.</source>
        <translation>.mlt で終わるファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a file that ends in .wav.</source>
        <translation>.wav で終わるファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a file that was written as one.</source>
        <translation>その形式で書かれたファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a file with sound.</source>
        <translation>音のあるファイルを選んでください。</translation>
    </message>
    <message>
        <source>Choose a film or a picture.</source>
        <translation>動画か画像を選んでください。</translation>
    </message>
    <message>
        <source>Choose a film.</source>
        <translation>動画を選んでください。</translation>
    </message>
    <message>
        <source>Choose a lane by its name.</source>
        <translation>名前でレーンを選んでください。</translation>
    </message>
    <message>
        <source>Choose a lane of lights, or add one.</source>
        <translation>照明のレーンを選ぶか追加してください。</translation>
    </message>
    <message>
        <source>Choose a lane that does not depend on this one.</source>
        <translation>これに依存しないレーンを選んでください。</translation>
    </message>
    <message>
        <source>Choose a lane that follows.</source>
        <translation>追従するレーンを選んでください。</translation>
    </message>
    <message>
        <source>Choose a layer or a group.</source>
        <translation>レイヤーかグループを選んでください。</translation>
    </message>
    <message>
        <source>Choose a longer part of it.</source>
        <translation>より長い部分を選んでください。</translation>
    </message>
    <message>
        <source>Choose a longer range.</source>
        <translation>より長い範囲を選んでください。</translation>
    </message>
    <message>
        <source>Choose a new folder.</source>
        <translation>新しいフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>Choose a new or an empty folder.</source>
        <translation>新しい、または空のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>Choose a part of the piece, or narrower bars.</source>
        <translation>作品の一部か、より狭い小節を選んでください。</translation>
    </message>
    <message>
        <source>Choose a part of the piece.</source>
        <translation>作品の一部を選んでください。</translation>
    </message>
    <message>
        <source>Choose a table as text.</source>
        <translation>テキストの表を選んでください。</translation>
    </message>
    <message>
        <source>Choose a text with words.</source>
        <translation>語のあるテキストを選んでください。</translation>
    </message>
    <message>
        <source>Choose a timeline of OpenTimelineIO.</source>
        <translation>OpenTimelineIO のタイムラインを選んでください。</translation>
    </message>
    <message>
        <source>Choose a title first.</source>
        <translation>先にタイトルを選んでください。</translation>
    </message>
    <message>
        <source>Choose an edit decision list.</source>
        <translation>編集リストを選んでください。</translation>
    </message>
    <message>
        <source>Choose an empty folder.</source>
        <translation>空のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>Choose another address or port.</source>
        <translation>別のアドレスかポートを選んでください。</translation>
    </message>
    <message>
        <source>Choose another ground there first.</source>
        <translation>先にそこで別の下絵を選んでください。</translation>
    </message>
    <message>
        <source>Choose another group or another parent.</source>
        <translation>別のグループか別の親を選んでください。</translation>
    </message>
    <message>
        <source>Choose another kind of annotation.</source>
        <translation>別の種類の注釈を選んでください。</translation>
    </message>
    <message>
        <source>Choose another kind of film.</source>
        <translation>別の種類の映像を選んでください。</translation>
    </message>
    <message>
        <source>Choose another lane by its name.</source>
        <translation>名前で別のレーンを選んでください。</translation>
    </message>
    <message>
        <source>Choose another lane of pulses, or of a follower.</source>
        <translation>別のパルスか追従カーブのレーンを選んでください。</translation>
    </message>
    <message>
        <source>Choose another language.</source>
        <translation>別の言語を選んでください。</translation>
    </message>
    <message>
        <source>Choose another layer, or a group.</source>
        <translation>別のレイヤーかグループを選んでください。</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>別の名前を選んでください。</translation>
    </message>
    <message>
        <source>Choose another one.</source>
        <translation>別のものを選んでください。</translation>
    </message>
    <message>
        <source>Choose another range or pick more often.</source>
        <translation>別の範囲を選ぶか、より多く選んでください。</translation>
    </message>
    <message>
        <source>Choose another size, rate or quality.</source>
        <translation>別の大きさ・レート・品質を選んでください。</translation>
    </message>
    <message>
        <source>Choose another sound.</source>
        <translation>別の音を選んでください。</translation>
    </message>
    <message>
        <source>Choose markers, lyrics or notes: whichever it has.</source>
        <translation>マーカー・歌詞・音符のうち、あるものを選んでください。</translation>
    </message>
    <message>
        <source>Choose more beats, or fewer layers.</source>
        <translation>拍を増やすか、レイヤーを減らしてください。</translation>
    </message>
    <message>
        <source>Choose one in the picture or in the list of layers.</source>
        <translation>映像かレイヤーの一覧で選んでください。</translation>
    </message>
    <message>
        <source>Choose one of pulses, keys or a follower.</source>
        <translation>パルス・キー・追従カーブから選んでください。</translation>
    </message>
    <message>
        <source>Choose one that Pulse Pin wrote.</source>
        <translation>Pulse Pin が書いたものを選んでください。</translation>
    </message>
    <message>
        <source>Choose one whose moments have names, or a list of them.</source>
        <translation>瞬間に名前のあるもの、またはその一覧を選んでください。</translation>
    </message>
    <message>
        <source>Choose one with a line a cue.</source>
        <translation>キューごとに行のあるものを選んでください。</translation>
    </message>
    <message>
        <source>Choose one with clips or markers.</source>
        <translation>クリップかマーカーのあるものを選んでください。</translation>
    </message>
    <message>
        <source>Choose one with cuts or sounds.</source>
        <translation>カットか音のあるものを選んでください。</translation>
    </message>
    <message>
        <source>Choose one, or none for the first.</source>
        <translation>一つ選ぶか、最初のものなら選ばないでください。</translation>
    </message>
    <message>
        <source>Choose other channels.</source>
        <translation>別のチャンネルを選んでください。</translation>
    </message>
    <message>
        <source>Choose the layers that it is made of.</source>
        <translation>それを作るレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>Choose the layers that shall come one after the other.</source>
        <translation>一つずつ現れるレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>Choose the layers that shall lie in the group.</source>
        <translation>グループに入れるレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>Choose what the chapters are: markers, shots or sections.</source>
        <translation>チャプターにするものを選んでください:マーカー・ショット・セクション。</translation>
    </message>
    <message>
        <source>Clap or rim</source>
        <translation>クラップかリム</translation>
    </message>
    <message>
        <source>Clip</source>
        <translation>クリップ</translation>
    </message>
    <message>
        <source>Close it.</source>
        <translation>閉じてください。</translation>
    </message>
    <message>
        <source>Close other programs and try it again.</source>
        <translation>他のプログラムを閉じて、もう一度試してください。</translation>
    </message>
    <message>
        <source>Close other programs, or use a smaller piece.</source>
        <translation>他のプログラムを閉じるか、小さい作品にしてください。</translation>
    </message>
    <message>
        <source>Close other programs.</source>
        <translation>他のプログラムを閉じてください。</translation>
    </message>
    <message>
        <source>Closer all along</source>
        <translation>ずっと近づく</translation>
    </message>
    <message>
        <source>Cold light</source>
        <translation>冷たい光</translation>
    </message>
    <message>
        <source>Colour key</source>
        <translation>カラーキー</translation>
    </message>
    <message>
        <source>Colours apart on the kick</source>
        <translation>キックで色がずれる</translation>
    </message>
    <message>
        <source>Confidence by bar: %1 % in the mean of %2 bars</source>
        <translation>小節ごとの確かさ:%2 小節の平均で %1 %</translation>
    </message>
    <message>
        <source>Connect the network, or have it sent to this machine's own address.</source>
        <translation>ネットワークにつなぐか、この機械自身のアドレスへ送ってください。</translation>
    </message>
    <message>
        <source>Contrast</source>
        <translation>コントラスト</translation>
    </message>
    <message>
        <source>Convert it to H.264, ProRes or PNG first.</source>
        <translation>先に H.264・ProRes・PNG に変換してください。</translation>
    </message>
    <message>
        <source>Convert it to WAV, FLAC, MP4 or WebM first.</source>
        <translation>先に WAV・FLAC・MP4・WebM に変換してください。</translation>
    </message>
    <message>
        <source>Convert it with another program.</source>
        <translation>別のプログラムで変換してください。</translation>
    </message>
    <message>
        <source>Copy it again.</source>
        <translation>もう一度コピーしてください。</translation>
    </message>
    <message>
        <source>Correct the line, or leave it out.</source>
        <translation>行を直すか、除いてください。</translation>
    </message>
    <message>
        <source>Correct the onset in one of those.</source>
        <translation>そのうち一つでオンセットを直してください。</translation>
    </message>
    <message>
        <source>Counted from the first position of the range</source>
        <translation>範囲の最初の位置から数えます</translation>
    </message>
    <message>
        <source>Crash cymbals</source>
        <translation>クラッシュシンバル</translation>
    </message>
    <message>
        <source>Cross</source>
        <translation>十字</translation>
    </message>
    <message>
        <source>Cue sheet as text</source>
        <translation>キューシート(テキスト)</translation>
    </message>
    <message>
        <source>Curves as paths</source>
        <translation>パスとしてのカーブ</translation>
    </message>
    <message>
        <source>Cut-out</source>
        <translation>切り抜き</translation>
    </message>
    <message>
        <source>Cut-out over a turning ground</source>
        <translation>回る背景に切り抜き</translation>
    </message>
    <message>
        <source>Cuts</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>Cuts, cross-fades, speeds, framing, song and sounds, for programs that play and render with MLT</source>
        <translation>カット・クロスフェード・速さ・枠・曲・音を、MLT で再生・レンダリングするプログラムへ</translation>
    </message>
    <message>
        <source>Cuts, cross-fades, speeds, song, sounds and markers as JSON, for editing programs</source>
        <translation>カット・クロスフェード・速さ・曲・音・マーカーを JSON で、編集プログラムへ</translation>
    </message>
    <message>
        <source>Cuts, sounds and markers in the CMX 3600 interchange style, for editing programs</source>
        <translation>カット・音・マーカーを CMX 3600 の交換形式で、編集プログラムへ</translation>
    </message>
    <message>
        <source>Dark corners that close</source>
        <translation>閉じていく暗い四隅</translation>
    </message>
    <message>
        <source>Date</source>
        <translation>日付</translation>
    </message>
    <message>
        <source>Delay</source>
        <translation>ディレイ</translation>
    </message>
    <message>
        <source>Delete it to begin anew.</source>
        <translation>始め直すには削除してください。</translation>
    </message>
    <message>
        <source>Delete the layer, or give it another picture, first.</source>
        <translation>先にレイヤーを削除するか、別の画像にしてください。</translation>
    </message>
    <message>
        <source>Delete what uses it there, or give it another one, first.</source>
        <translation>先に使っているものを削除するか、別のものにしてください。</translation>
    </message>
    <message>
        <source>Detect them at the stop &quot;Grid&quot;, or tap them.</source>
        <translation>「グリッド」で検出するか、叩いてください。</translation>
    </message>
    <message>
        <source>Detect them first.</source>
        <translation>先に検出してください。</translation>
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
        <translation>菱形</translation>
    </message>
    <message>
        <source>Directional blur</source>
        <translation>方向ぼかし</translation>
    </message>
    <message>
        <source>Divide it into several props.</source>
        <translation>いくつかのプロップに分けてください。</translation>
    </message>
    <message>
        <source>Drag its end onto one of its own words or the next ones.</source>
        <translation>終わりを自分の語か次の語の上へドラッグしてください。</translation>
    </message>
    <message>
        <source>Draw a line in the picture first.</source>
        <translation>先に映像に線を描いてください。</translation>
    </message>
    <message>
        <source>Draw a range on the ruler.</source>
        <translation>目盛りに範囲を引いてください。</translation>
    </message>
    <message>
        <source>Drawn by hand</source>
        <translation>手描き</translation>
    </message>
    <message>
        <source>Draws bar and beat into each picture</source>
        <translation>各画に小節と拍を描きます</translation>
    </message>
    <message>
        <source>Draws the areas that are seen on any screen into each picture</source>
        <translation>どの画面でも見える範囲を各画に描きます</translation>
    </message>
    <message>
        <source>Draws the name of the shot into each picture</source>
        <translation>各画にショットの名前を描きます</translation>
    </message>
    <message>
        <source>Draws the number of each frame into its picture</source>
        <translation>各画にフレーム番号を描きます</translation>
    </message>
    <message>
        <source>Draws the timecode into each picture</source>
        <translation>各画にタイムコードを描きます</translation>
    </message>
    <message>
        <source>Drop it</source>
        <translation>置いてください</translation>
    </message>
    <message>
        <source>Drop it on a lane of cuts.</source>
        <translation>カットのレーンに置いてください。</translation>
    </message>
    <message>
        <source>Drop it on a lane of sounds.</source>
        <translation>音のレーンに置いてください。</translation>
    </message>
    <message>
        <source>Drop one of them.</source>
        <translation>一つ除いてください。</translation>
    </message>
    <message>
        <source>Drop shadow</source>
        <translation>ドロップシャドウ</translation>
    </message>
    <message>
        <source>Drop the cut</source>
        <translation>カットを除く</translation>
    </message>
    <message>
        <source>Each driven property as an SVG path: frames to the right, values upwards, for drawing programs</source>
        <translation>動かす属性ごとの SVG パス:右へフレーム、上へ値。描画プログラム用</translation>
    </message>
    <message>
        <source>Each lasts to the next, or as long as it says</source>
        <translation>それぞれ次まで、または指定の長さ</translation>
    </message>
    <message>
        <source>Each line of words, or note, as a caption, for players</source>
        <translation>語の行かノートを字幕に、プレーヤー用</translation>
    </message>
    <message>
        <source>Each line with its time and those of its words</source>
        <translation>各行とその語の時間</translation>
    </message>
    <message>
        <source>Each of these positions is too close to another cut.</source>
        <translation>この位置はどれも別のカットに近すぎます。</translation>
    </message>
    <message>
        <source>Each shot as a chapter in WebVTT, for players and web pages</source>
        <translation>各ショットを WebVTT のチャプターに、プレーヤーとウェブ用</translation>
    </message>
    <message>
        <source>Echo</source>
        <translation>エコー</translation>
    </message>
    <message>
        <source>Edge lines</source>
        <translation>輪郭線</translation>
    </message>
    <message>
        <source>Edit decision list</source>
        <translation>編集リスト</translation>
    </message>
    <message>
        <source>Edit lists name the clip itself: some programs show it as it is stored</source>
        <translation>編集リストはクリップ自体を指します:保存されたままの向きで見せるプログラムがあります</translation>
    </message>
    <message>
        <source>Edit lists name the clip itself: some programs show it narrow or wide</source>
        <translation>編集リストはクリップ自体を指します:狭く、または広く見せるプログラムがあります</translation>
    </message>
    <message>
        <source>Edit lists, words, curves and the others, in a folder of their own</source>
        <translation>編集リスト・語・カーブなどを専用のフォルダーへ</translation>
    </message>
    <message>
        <source>Editing</source>
        <translation>編集</translation>
    </message>
    <message>
        <source>End the file's name in .pdf or .svg.</source>
        <translation>ファイル名を .pdf か .svg で終えてください。</translation>
    </message>
    <message>
        <source>End the file's name in .wav or .flac.</source>
        <translation>ファイル名を .wav か .flac で終えてください。</translation>
    </message>
    <message>
        <source>End the program that has it, or choose another port.</source>
        <translation>使っているプログラムを終えるか、別のポートを選んでください。</translation>
    </message>
    <message>
        <source>End with, for example: on %1.</source>
        <translation>たとえば on %1 で終えてください。</translation>
    </message>
    <message>
        <source>Ends of the range</source>
        <translation>範囲の両端</translation>
    </message>
    <message>
        <source>Evened out</source>
        <translation>ならし</translation>
    </message>
    <message>
        <source>Evened out in both directions, so that nothing comes late</source>
        <translation>遅れが出ないよう両方向にならします</translation>
    </message>
    <message>
        <source>Every %1th is not possible.</source>
        <translation>%1 ごとはできません。</translation>
    </message>
    <message>
        <source>Every other</source>
        <translation>一つおき</translation>
    </message>
    <message>
        <source>Every pin</source>
        <translation>全ピン</translation>
    </message>
    <message>
        <source>Everything so many times as high</source>
        <translation>すべてをこの倍の高さに</translation>
    </message>
    <message>
        <source>Export it again as WAV or FLAC.</source>
        <translation>WAV か FLAC でもう一度書き出してください。</translation>
    </message>
    <message>
        <source>Export it again, or make it smaller.</source>
        <translation>もう一度書き出すか、小さくしてください。</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>露出</translation>
    </message>
    <message>
        <source>Exposure column</source>
        <translation>コマの列</translation>
    </message>
    <message>
        <source>Exposure sheet</source>
        <translation>作画シート</translation>
    </message>
    <message>
        <source>Exposures</source>
        <translation>作画</translation>
    </message>
    <message>
        <source>FFV1 (lossless), PCM</source>
        <translation>FFV1(可逆)、PCM</translation>
    </message>
    <message>
        <source>FROM CLIP NAME:</source>
        <translation>FROM CLIP NAME:</translation>
    </message>
    <message>
        <source>Fall</source>
        <translation>落下</translation>
    </message>
    <message>
        <source>Few colours on the hats</source>
        <translation>ハットで色数を減らす</translation>
    </message>
    <message>
        <source>Fewer than two triggers are selected.</source>
        <translation>選択したトリガーが 2 個未満です。</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>埋める</translation>
    </message>
    <message>
        <source>Find the beats first, or bring it in loose.</source>
        <translation>先に拍を検出するか、固定なしで取り込んでください。</translation>
    </message>
    <message>
        <source>Find the beats first, or leave the bars out.</source>
        <translation>先に拍を検出するか、小節を除いてください。</translation>
    </message>
    <message>
        <source>Find the beats first, or tap them.</source>
        <translation>先に拍を検出するか叩いてください。</translation>
    </message>
    <message>
        <source>Find the beats first.</source>
        <translation>先に拍を検出してください。</translation>
    </message>
    <message>
        <source>Find the beats, or another row of onsets (stop Grid).</source>
        <translation>拍か、別のオンセットの行を検出してください(「グリッド」)。</translation>
    </message>
    <message>
        <source>Find the beats, tap them or type a tempo (stop Grid).</source>
        <translation>拍を検出するか、叩くか、テンポを入力してください(「グリッド」)。</translation>
    </message>
    <message>
        <source>Find them first, or make a steady grid.</source>
        <translation>先に検出するか、一定のグリッドを作ってください。</translation>
    </message>
    <message>
        <source>Find them first.</source>
        <translation>先に検出してください。</translation>
    </message>
    <message>
        <source>Findings: %1</source>
        <translation>指摘:%1</translation>
    </message>
    <message>
        <source>Flare</source>
        <translation>フレア</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>フラッシュ</translation>
    </message>
    <message>
        <source>Flash on the snare</source>
        <translation>スネアでフラッシュ</translation>
    </message>
    <message>
        <source>Flashes are measured after WCAG 2.2, 2.3.1, or ITU-R BT.1702: a measure, no medical promise.</source>
        <translation>点滅は WCAG 2.2, 2.3.1 または ITU-R BT.1702 で測ります:目安で、医学的な保証ではありません。</translation>
    </message>
    <message>
        <source>Floor</source>
        <translation>下限</translation>
    </message>
    <message>
        <source>Follower</source>
        <translation>追従カーブ</translation>
    </message>
    <message>
        <source>Fonts:</source>
        <translation>書体:</translation>
    </message>
    <message>
        <source>Format:</source>
        <translation>Format:</translation>
    </message>
    <message>
        <source>Frame rate</source>
        <translation>フレームレート</translation>
    </message>
    <message>
        <source>Frame, time, value and easing of each key, by property</source>
        <translation>属性ごとの各キーのフレーム・時間・値・イージング</translation>
    </message>
    <message>
        <source>Frames as JSON</source>
        <translation>フレームを JSON で</translation>
    </message>
    <message>
        <source>Free it</source>
        <translation>解放する</translation>
    </message>
    <message>
        <source>Free some space or choose another place.</source>
        <translation>空きを作るか、別の場所を選んでください。</translation>
    </message>
    <message>
        <source>Free some space, or set TMPDIR to a folder on another disk.</source>
        <translation>空きを作るか、TMPDIR を別のディスクのフォルダーにしてください。</translation>
    </message>
    <message>
        <source>FreezeFrame</source>
        <translation>FreezeFrame</translation>
    </message>
    <message>
        <source>From ... to</source>
        <translation>から … まで</translation>
    </message>
    <message>
        <source>From one place to the next</source>
        <translation>場所から次の場所まで</translation>
    </message>
    <message>
        <source>From where in its clip each shot is seen</source>
        <translation>各ショットをクリップのどこから見せるか</translation>
    </message>
    <message>
        <source>From which value to which is not said.</source>
        <translation>どの値からどの値へか、言われていません。</translation>
    </message>
    <message>
        <source>Gain</source>
        <translation>音量</translation>
    </message>
    <message>
        <source>Gap</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>Gate</source>
        <translation>ゲート</translation>
    </message>
    <message>
        <source>Give it an in-point of its own to slip it.</source>
        <translation>ずらすには独自のイン点を与えてください。</translation>
    </message>
    <message>
        <source>Give it time</source>
        <translation>時間を与える</translation>
    </message>
    <message>
        <source>Glow</source>
        <translation>グロー</translation>
    </message>
    <message>
        <source>Glow that swells</source>
        <translation>膨らむグロー</translation>
    </message>
    <message>
        <source>Go there and change it, or ignore it on purpose.</source>
        <translation>そこへ行って変えるか、意図的に無視してください。</translation>
    </message>
    <message>
        <source>Grain</source>
        <translation>グレイン</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>グリッド</translation>
    </message>
    <message>
        <source>Ground</source>
        <translation>地面</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>グループ</translation>
    </message>
    <message>
        <source>H.264, AAC</source>
        <translation>H.264、AAC</translation>
    </message>
    <message>
        <source>HEVC, AAC</source>
        <translation>HEVC、AAC</translation>
    </message>
    <message>
        <source>Halves of beats</source>
        <translation>半拍</translation>
    </message>
    <message>
        <source>Hat</source>
        <translation>ハット</translation>
    </message>
    <message>
        <source>Hide it instead.</source>
        <translation>代わりに隠してください。</translation>
    </message>
    <message>
        <source>High band</source>
        <translation>高音域</translation>
    </message>
    <message>
        <source>High bands are quieter than low ones: 100 raises each to the same height</source>
        <translation>高い帯域は低い帯域より小さい:100 で同じ高さに揃えます</translation>
    </message>
    <message>
        <source>High-frequency content</source>
        <translation>高周波成分</translation>
    </message>
    <message>
        <source>Higher of two</source>
        <translation>2 つの高い方</translation>
    </message>
    <message>
        <source>Highest frequency</source>
        <translation>最高周波数</translation>
    </message>
    <message>
        <source>Hold a beat before it and one after it first, then fit between them.</source>
        <translation>先にその前と後の拍を保持し、間に合わせてください。</translation>
    </message>
    <message>
        <source>Hold for 2 frames</source>
        <translation>2 フレーム保持</translation>
    </message>
    <message>
        <source>How far a cut, trigger or pulse may lie from its place; 0: half a frame</source>
        <translation>カット・トリガー・パルスが場所からずれてよい量。0:半フレーム</translation>
    </message>
    <message>
        <source>How far the wave is moved, in percent of a swing</source>
        <translation>波のずれ(振れの %)</translation>
    </message>
    <message>
        <source>How far what was placed on onsets may lie from them</source>
        <translation>オンセットに置いたものがそこからずれてよい量</translation>
    </message>
    <message>
        <source>How fast it rises and falls: two thirds of the way in that time</source>
        <translation>上がり下がりの速さ:この時間で道のりの 3 分の 2</translation>
    </message>
    <message>
        <source>How it is heard</source>
        <translation>聴き方</translation>
    </message>
    <message>
        <source>How long is not understood after &quot;</source>
        <translation>長さがわかりません:</translation>
    </message>
    <message>
        <source>How long is not understood after &quot;%1&quot;.</source>
        <translation>「%1」の後の長さがわかりません。</translation>
    </message>
    <message>
        <source>How long it takes to fall to nothing</source>
        <translation>なくなるまでの時間</translation>
    </message>
    <message>
        <source>How long one swing is</source>
        <translation>振れの長さ</translation>
    </message>
    <message>
        <source>How loud each of several bands is: for a layer of bars</source>
        <translation>複数の帯域それぞれの大きさ:バーのレイヤー用</translation>
    </message>
    <message>
        <source>How loud the song or another sound is: all of it, a band, a side, or a part</source>
        <translation>曲や他の音の大きさ:全体・帯域・片側・部分</translation>
    </message>
    <message>
        <source>How many bands of equal width, in octaves</source>
        <translation>同じ幅(オクターブ)の帯域の数</translation>
    </message>
    <message>
        <source>How strongly something starts, at every moment: what onsets are found in</source>
        <translation>各瞬間に何かがどれだけ強く始まるか:オンセットを探す元</translation>
    </message>
    <message>
        <source>How the colour differs from one to the next</source>
        <translation>色の違え方</translation>
    </message>
    <message>
        <source>How the level is measured</source>
        <translation>レベルの測り方</translation>
    </message>
    <message>
        <source>How the strength differs from one to the next</source>
        <translation>強さの違え方</translation>
    </message>
    <message>
        <source>How wide a bar is, of one line</source>
        <translation>1 本の線での小節の幅</translation>
    </message>
    <message>
        <source>How words sound cannot be told: the data of espeak-ng is not there.</source>
        <translation>語の発音がわかりません:espeak-ng のデータがありません。</translation>
    </message>
    <message>
        <source>Hue</source>
        <translation>色相</translation>
    </message>
    <message>
        <source>ITU-R BT.1702</source>
        <translation>ITU-R BT.1702</translation>
    </message>
    <message>
        <source>In calm bars, one in so many bars</source>
        <translation>静かな小節では何小節に一つ</translation>
    </message>
    <message>
        <source>Install Debian's ffmpeg libraries (libavcodec59), or choose another kind.</source>
        <translation>Debian の FFmpeg ライブラリ(libavcodec59)を入れるか、別の種類を選んでください。</translation>
    </message>
    <message>
        <source>Install Debian's libavfilter8, or choose another kind of film.</source>
        <translation>Debian の libavfilter8 を入れるか、別の種類の映像を選んでください。</translation>
    </message>
    <message>
        <source>Install the package espeak-ng-data.</source>
        <translation>espeak-ng-data パッケージを入れてください。</translation>
    </message>
    <message>
        <source>Integrated loudness that is wanted, within 1 LU</source>
        <translation>求める積分ラウドネス(1 LU 以内)</translation>
    </message>
    <message>
        <source>Inter</source>
        <translation>Inter</translation>
    </message>
    <message>
        <source>Invert</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Is the disk full?</source>
        <translation>ディスクがいっぱいですか?</translation>
    </message>
    <message>
        <source>It can be: %1.</source>
        <translation>可能なもの:%1。</translation>
    </message>
    <message>
        <source>It covers too much of the view however small it is made.</source>
        <translation>どれだけ小さくしても視野を覆いすぎます。</translation>
    </message>
    <message>
        <source>It drives nothing there.</source>
        <translation>そこでは何も動かしません。</translation>
    </message>
    <message>
        <source>It flashes too often even with few of its triggers and pulses.</source>
        <translation>トリガーやパルスを減らしても点滅が多すぎます。</translation>
    </message>
    <message>
        <source>It flashes too often even with slow strobes.</source>
        <translation>ストロボを遅くしても点滅が多すぎます。</translation>
    </message>
    <message>
        <source>It flashes too often even without its triggers, pulses and effects.</source>
        <translation>トリガー・パルス・エフェクトなしでも点滅が多すぎます。</translation>
    </message>
    <message>
        <source>It has no picture.</source>
        <translation>映像がありません。</translation>
    </message>
    <message>
        <source>It has no time.</source>
        <translation>時間がありません。</translation>
    </message>
    <message>
        <source>It has: %1, and those of effects.</source>
        <translation>あるもの:%1、およびエフェクトのもの。</translation>
    </message>
    <message>
        <source>It is dropped on a lane that drives something.</source>
        <translation>何かを動かすレーンに置きます。</translation>
    </message>
    <message>
        <source>It is locked.</source>
        <translation>ロックされています。</translation>
    </message>
    <message>
        <source>It is no drawing in SVG: %1.</source>
        <translation>SVG の図ではありません:%1。</translation>
    </message>
    <message>
        <source>It is so already.</source>
        <translation>すでにそうなっています。</translation>
    </message>
    <message>
        <source>It lasts no beat, or too many.</source>
        <translation>長さが 0 拍か、長すぎます。</translation>
    </message>
    <message>
        <source>It needs a tempo map or notes up to the end of the song.</source>
        <translation>曲の終わりまでのテンポマップか音符が必要です。</translation>
    </message>
    <message>
        <source>It would end before it begins.</source>
        <translation>始まる前に終わってしまいます。</translation>
    </message>
    <message>
        <source>Its name, its beats or its piece are missing.</source>
        <translation>名前・拍・作品のどれかがありません。</translation>
    </message>
    <message>
        <source>JAMS: beats, tempo, onsets and sections in JSON</source>
        <translation>JAMS:拍・テンポ・オンセット・セクションを JSON で</translation>
    </message>
    <message>
        <source>JSON annotated music</source>
        <translation>JSON の注釈付き音楽</translation>
    </message>
    <message>
        <source>Join them</source>
        <translation>つなぐ</translation>
    </message>
    <message>
        <source>Jumps of volume</source>
        <translation>音量の跳び</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>Keys as JSON</source>
        <translation>キーを JSON で</translation>
    </message>
    <message>
        <source>Keys as a line of text</source>
        <translation>キーを一行の文字列に</translation>
    </message>
    <message>
        <source>Keys as a table</source>
        <translation>キーの表</translation>
    </message>
    <message>
        <source>Kick</source>
        <translation>キック</translation>
    </message>
    <message>
        <source>Kite</source>
        <translation>凧</translation>
    </message>
    <message>
        <source>LRC</source>
        <translation>LRC</translation>
    </message>
    <message>
        <source>Lake</source>
        <translation>湖</translation>
    </message>
    <message>
        <source>Lamps</source>
        <translation>ランプ</translation>
    </message>
    <message>
        <source>Lamps %1</source>
        <translation>ランプ %1</translation>
    </message>
    <message>
        <source>Lamps at each frame</source>
        <translation>フレームごとのランプ</translation>
    </message>
    <message>
        <source>Lamps of the plan</source>
        <translation>配置図のランプ</translation>
    </message>
    <message>
        <source>Lamps that are lit and are not patched</source>
        <translation>点くのに割り当てのないランプ</translation>
    </message>
    <message>
        <source>Lane that is followed</source>
        <translation>追従するレーン</translation>
    </message>
    <message>
        <source>Leaf</source>
        <translation>葉</translation>
    </message>
    <message>
        <source>Leave out every other one instead.</source>
        <translation>一つおきに除いてください。</translation>
    </message>
    <message>
        <source>Leaves out clips that nothing shows</source>
        <translation>何にも使われないクリップを除きます</translation>
    </message>
    <message>
        <source>Legal</source>
        <translation>リーガル</translation>
    </message>
    <message>
        <source>Less than 0 is earlier or up</source>
        <translation>0 未満は前か上</translation>
    </message>
    <message>
        <source>Less than a few frames is seen as a mistake</source>
        <translation>数フレーム未満は間違いに見えます</translation>
    </message>
    <message>
        <source>Let the song be listened to first.</source>
        <translation>先に曲を聴かせてください。</translation>
    </message>
    <message>
        <source>Let the trigger act on a layer instead of the camera, or make it softer.</source>
        <translation>トリガーをカメラでなくレイヤーに働かせるか、弱くしてください。</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>レター</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>レベル</translation>
    </message>
    <message>
        <source>Levels</source>
        <translation>レベル補正</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>光</translation>
    </message>
    <message>
        <source>Light lamps first.</source>
        <translation>先にランプを点けてください。</translation>
    </message>
    <message>
        <source>Light leak</source>
        <translation>ライトリーク</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>照明</translation>
    </message>
    <message>
        <source>Lights as a table</source>
        <translation>光の表</translation>
    </message>
    <message>
        <source>Lights of a lane after a million others, which stay dark: fewer turns, or longer ones, leave room</source>
        <translation>一つのレーンで百万回を超えた後の照明は消えたままです。切り替えを減らすか長くすると入ります</translation>
    </message>
    <message>
        <source>Lights of one lane that light a lamp at the same time: the highest or the latest is seen, as the lane says</source>
        <translation>一つのレーンで同時に同じランプを照らす光:レーンの指定により強い方か後の方が見えます</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>線</translation>
    </message>
    <message>
        <source>Line %1 has no two numbers.</source>
        <translation>%1 行目に 2 つの数がありません。</translation>
    </message>
    <message>
        <source>Line %1 is written in an encoding that is not known here.</source>
        <translation>%1 行目の文字コードがわかりません。</translation>
    </message>
    <message>
        <source>Line %1 of the beat list does not begin with a time in seconds.</source>
        <translation>拍の一覧の %1 行目が秒の時間で始まっていません。</translation>
    </message>
    <message>
        <source>Line %1 of the beat list is not later than the line before.</source>
        <translation>拍の一覧の %1 行目が前の行より後ではありません。</translation>
    </message>
    <message>
        <source>Line %1 of the beat list is only %2 ms later than the line before.</source>
        <translation>拍の一覧の %1 行目は前の行からわずか %2 ms です。</translation>
    </message>
    <message>
        <source>Line %1 of the beat list names %2 seconds, which is no place in a piece of music.</source>
        <translation>拍の一覧の %1 行目の %2 秒は音楽の位置ではありません。</translation>
    </message>
    <message>
        <source>Line %1: %2</source>
        <translation>%1 行目:%2</translation>
    </message>
    <message>
        <source>Line %1: this XML cannot be read: %2.</source>
        <translation>%1 行目:この XML は読めません:%2。</translation>
    </message>
    <message>
        <source>Line %1: “%2” has no time.</source>
        <translation>%1 行目:「%2」に時間がありません。</translation>
    </message>
    <message>
        <source>Linear timecode could not be made.</source>
        <translation>リニアタイムコードを作れませんでした。</translation>
    </message>
    <message>
        <source>LinearTimeWarp</source>
        <translation>LinearTimeWarp</translation>
    </message>
    <message>
        <source>Lines of bars with their beats, and what happens on them below</source>
        <translation>拍のある小節の行と、その下で起きること</translation>
    </message>
    <message>
        <source>Lines of what moves are made anew, and half of the moments are left out</source>
        <translation>動くものの線を作り直し、瞬間の半分を除きます</translation>
    </message>
    <message>
        <source>Lines with how long each word is sung, for players</source>
        <translation>各語を歌う長さのある行、プレーヤー用</translation>
    </message>
    <message>
        <source>Lines with the time of each word, as TTML, for broadcasters</source>
        <translation>各語の時間のある行、TTML で放送用</translation>
    </message>
    <message>
        <source>Lines with the time of each word, for web pages</source>
        <translation>各語の時間のある行、ウェブ用</translation>
    </message>
    <message>
        <source>Load it as words (stop Mark), and tap them while the song plays.</source>
        <translation>語として読み込み(「印」)、曲に合わせて叩いてください。</translation>
    </message>
    <message>
        <source>Load the module snd-seq, or turn this output off.</source>
        <translation>snd-seq モジュールを読み込むか、この出力をオフにしてください。</translation>
    </message>
    <message>
        <source>Look for a sound that lies far behind the others, and move it or take it away.</source>
        <translation>他より遠く後ろにある音を探し、動かすか取り除いてください。</translation>
    </message>
    <message>
        <source>Look whether the folder can be written to.</source>
        <translation>フォルダーに書けるか見てください。</translation>
    </message>
    <message>
        <source>Loop</source>
        <translation>ループ</translation>
    </message>
    <message>
        <source>Lottie animation</source>
        <translation>Lottie アニメーション</translation>
    </message>
    <message>
        <source>Lower it</source>
        <translation>下げる</translation>
    </message>
    <message>
        <source>Lower of two</source>
        <translation>2 つの低い方</translation>
    </message>
    <message>
        <source>Lower the lane's range to 3 a second.</source>
        <translation>レーンの範囲を毎秒 3 に下げてください。</translation>
    </message>
    <message>
        <source>Lowest frequency</source>
        <translation>最低周波数</translation>
    </message>
    <message>
        <source>MIDI could not be sent: </source>
        <translation>MIDI を送れませんでした: </translation>
    </message>
    <message>
        <source>MIDI could not be sent: %1.</source>
        <translation>MIDI を送れませんでした:%1。</translation>
    </message>
    <message>
        <source>MIDI notes</source>
        <translation>MIDI ノート</translation>
    </message>
    <message>
        <source>MIDI timecode</source>
        <translation>MIDI タイムコード</translation>
    </message>
    <message>
        <source>Make a copy…</source>
        <translation>コピーを作る…</translation>
    </message>
    <message>
        <source>Make a longer range.</source>
        <translation>より長い範囲にしてください。</translation>
    </message>
    <message>
        <source>Make all parts of one project with the same settings.</source>
        <translation>すべての部分を同じ設定で一つのプロジェクトから作ってください。</translation>
    </message>
    <message>
        <source>Make fewer parts.</source>
        <translation>部分を減らしてください。</translation>
    </message>
    <message>
        <source>Make it larger, or choose another kind.</source>
        <translation>大きくするか、別の種類を選んでください。</translation>
    </message>
    <message>
        <source>Make it smaller than %1 million.</source>
        <translation>%1 百万より小さくしてください。</translation>
    </message>
    <message>
        <source>Make it softer, or leave some out.</source>
        <translation>弱くするか、いくつか除いてください。</translation>
    </message>
    <message>
        <source>Make it, and join again.</source>
        <translation>作ってから、もう一度つないでください。</translation>
    </message>
    <message>
        <source>Make room on the disk.</source>
        <translation>ディスクに空きを作ってください。</translation>
    </message>
    <message>
        <source>Make room, or write it to another disk.</source>
        <translation>空きを作るか、別のディスクに書いてください。</translation>
    </message>
    <message>
        <source>Make the part again.</source>
        <translation>その部分をもう一度作ってください。</translation>
    </message>
    <message>
        <source>Make the strobe slower or softer.</source>
        <translation>ストロボを遅くか弱くしてください。</translation>
    </message>
    <message>
        <source>Make titles of words first.</source>
        <translation>先に語のタイトルを作ってください。</translation>
    </message>
    <message>
        <source>Marked on “%1”: it travels with it</source>
        <translation>「%1」に印:一緒に動きます</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>Markers as a table</source>
        <translation>マーカーの表</translation>
    </message>
    <message>
        <source>Markers, shots or sections as chapters in XML, to be put into a Matroska film</source>
        <translation>マーカー・ショット・セクションを XML のチャプターに、Matroska 用</translation>
    </message>
    <message>
        <source>Markers, shots or sections as chapters, to be put into a film or a sound file</source>
        <translation>マーカー・ショット・セクションをチャプターに、映像や音声用</translation>
    </message>
    <message>
        <source>Matte</source>
        <translation>マット</translation>
    </message>
    <message>
        <source>Measure it first.</source>
        <translation>先に測定してください。</translation>
    </message>
    <message>
        <source>Medium</source>
        <translation>中</translation>
    </message>
    <message>
        <source>Middle band</source>
        <translation>中音域</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>鏡</translation>
    </message>
    <message>
        <source>Missing: %1
</source>
        <translation>不足:%1
</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>動き</translation>
    </message>
    <message>
        <source>Move it by those, or delete them first.</source>
        <translation>それらで動かすか、先に削除してください。</translation>
    </message>
    <message>
        <source>Move it in</source>
        <translation>中へ移す</translation>
    </message>
    <message>
        <source>Move the ends of lines one after another.</source>
        <translation>行の終わりを一つずつ動かしてください。</translation>
    </message>
    <message>
        <source>Move to the onset</source>
        <translation>オンセットへ移す</translation>
    </message>
    <message>
        <source>Mute the lane</source>
        <translation>レーンをミュート</translation>
    </message>
    <message>
        <source>Mute this light</source>
        <translation>この光をミュート</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Name a new one, or an empty one.</source>
        <translation>新しい、または空のものを指定してください。</translation>
    </message>
    <message>
        <source>Name a title.</source>
        <translation>タイトルを指定してください。</translation>
    </message>
    <message>
        <source>Name another one.</source>
        <translation>別のものを指定してください。</translation>
    </message>
    <message>
        <source>Name another output, or replace it with --force.</source>
        <translation>別の出力を指定するか、--force で置き換えてください。</translation>
    </message>
    <message>
        <source>Name another output.</source>
        <translation>別の出力を指定してください。</translation>
    </message>
    <message>
        <source>Name below</source>
        <translation>下に名前</translation>
    </message>
    <message>
        <source>Name each part once.</source>
        <translation>各部分は一度だけ指定してください。</translation>
    </message>
    <message>
        <source>Name it so, or choose another kind.</source>
        <translation>そう名付けるか、別の種類を選んでください。</translation>
    </message>
    <message>
        <source>Name lamps or groups, or select lights.</source>
        <translation>ランプかグループを指定するか、光を選択してください。</translation>
    </message>
    <message>
        <source>Name lamps or groups.</source>
        <translation>ランプかグループを指定してください。</translation>
    </message>
    <message>
        <source>Name markers first (stop Mark).</source>
        <translation>先にマーカーに名前を付けてください(「印」)。</translation>
    </message>
    <message>
        <source>Name one inside a folder that is there.</source>
        <translation>今あるフォルダーの中で指定してください。</translation>
    </message>
    <message>
        <source>Name one with a curve.</source>
        <translation>カーブのあるものを指定してください。</translation>
    </message>
    <message>
        <source>Nearness to the beat</source>
        <translation>拍への近さ</translation>
    </message>
    <message>
        <source>Never higher than this: tops become flat</source>
        <translation>これより高くならない:頂点は平らに</translation>
    </message>
    <message>
        <source>Never lower than this</source>
        <translation>これより低くならない</translation>
    </message>
    <message>
        <source>No beats were found in &quot;%1&quot;.</source>
        <translation>「%1」に拍は見つかりませんでした。</translation>
    </message>
    <message>
        <source>No beats were found yet.</source>
        <translation>まだ拍は見つかっていません。</translation>
    </message>
    <message>
        <source>No column of this table is a time.</source>
        <translation>この表に時間の列がありません。</translation>
    </message>
    <message>
        <source>No held beats lie around that place.</source>
        <translation>その周りに保持した拍がありません。</translation>
    </message>
    <message>
        <source>No lamp is named.</source>
        <translation>ランプの指定がありません。</translation>
    </message>
    <message>
        <source>No layer is chosen.</source>
        <translation>レイヤーが選ばれていません。</translation>
    </message>
    <message>
        <source>No list with that ending can be brought in.</source>
        <translation>その拡張子のリストは取り込めません。</translation>
    </message>
    <message>
        <source>No loudness is wanted.</source>
        <translation>求めるラウドネスがありません。</translation>
    </message>
    <message>
        <source>No pin is loose.</source>
        <translation>固定のないピンはありません。</translation>
    </message>
    <message>
        <source>No pin was moved.</source>
        <translation>ピンは動いていません。</translation>
    </message>
    <message>
        <source>No position was picked in that range.</source>
        <translation>その範囲で位置が選ばれませんでした。</translation>
    </message>
    <message>
        <source>No pulse is selected.</source>
        <translation>パルスが選択されていません。</translation>
    </message>
    <message>
        <source>No shot becomes shorter than this</source>
        <translation>これより短いショットにはなりません</translation>
    </message>
    <message>
        <source>No shot is a camera yet.</source>
        <translation>まだカメラのショットがありません。</translation>
    </message>
    <message>
        <source>No single cut is selected.</source>
        <translation>カットが 1 つ選択されていません。</translation>
    </message>
    <message>
        <source>No single marker is selected.</source>
        <translation>マーカーが 1 つ選択されていません。</translation>
    </message>
    <message>
        <source>No slate is selected.</source>
        <translation>仮の所が選択されていません。</translation>
    </message>
    <message>
        <source>No sound server was found.</source>
        <translation>サウンドサーバーが見つかりません。</translation>
    </message>
    <message>
        <source>No title is tied to a word there.</source>
        <translation>そこに語と結ばれたタイトルがありません。</translation>
    </message>
    <message>
        <source>No trigger is selected.</source>
        <translation>トリガーが選択されていません。</translation>
    </message>
    <message>
        <source>No trigger, pulse or effect flashes there.</source>
        <translation>そこで点滅するトリガー・パルス・エフェクトがありません。</translation>
    </message>
    <message>
        <source>No universe has room for them.</source>
        <translation>余地のあるユニバースがありません。</translation>
    </message>
    <message>
        <source>No word is set yet.</source>
        <translation>まだ語が置かれていません。</translation>
    </message>
    <message>
        <source>No word of the text is set.</source>
        <translation>歌詞の語が置かれていません。</translation>
    </message>
    <message>
        <source>No word waits to be set.</source>
        <translation>待っている語がありません。</translation>
    </message>
    <message>
        <source>None of its %1 lines has a time.</source>
        <translation>%1 行のどれにも時間がありません。</translation>
    </message>
    <message>
        <source>None of its lines has a time.</source>
        <translation>どの行にも時間がありません。</translation>
    </message>
    <message>
        <source>None of the selected pins lies over a sound.</source>
        <translation>選択したピンはどれも音の上にありません。</translation>
    </message>
    <message>
        <source>None of these markers has a name.</source>
        <translation>どのマーカーにも名前がありません。</translation>
    </message>
    <message>
        <source>Not a single picture could be decoded.</source>
        <translation>1 枚も復号できませんでした。</translation>
    </message>
    <message>
        <source>Not a single sample could be decoded.</source>
        <translation>1 サンプルも復号できませんでした。</translation>
    </message>
    <message>
        <source>Not in this file: %1.</source>
        <translation>このファイルにないもの:%1。</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>ノート</translation>
    </message>
    <message>
        <source>Notes of all lanes</source>
        <translation>全レーンのノート</translation>
    </message>
    <message>
        <source>Nothing appears on that lane yet.</source>
        <translation>そのレーンにはまだ何も現れません。</translation>
    </message>
    <message>
        <source>Nothing appears on that lane.</source>
        <translation>そのレーンには何も現れません。</translation>
    </message>
    <message>
        <source>Nothing appears there.</source>
        <translation>そこには何も現れません。</translation>
    </message>
    <message>
        <source>Nothing can be added to this lane by a key.</source>
        <translation>このレーンにキーで追加できるものはありません。</translation>
    </message>
    <message>
        <source>Nothing can be sent on this machine (%1).</source>
        <translation>この機械では何も送れません(%1)。</translation>
    </message>
    <message>
        <source>Nothing can be set of such pins here.</source>
        <translation>ここではそのピンに設定できるものがありません。</translation>
    </message>
    <message>
        <source>Nothing could be sent to %1 (%2).</source>
        <translation>%1 に何も送れませんでした(%2)。</translation>
    </message>
    <message>
        <source>Nothing in the picture is called &quot;%1&quot;.</source>
        <translation>映像に「%1」というものはありません。</translation>
    </message>
    <message>
        <source>Nothing is placed on the beats yet.</source>
        <translation>まだ拍に何も置かれていません。</translation>
    </message>
    <message>
        <source>Nothing is said of where.</source>
        <translation>どこに、が言われていません。</translation>
    </message>
    <message>
        <source>Nothing is said yet.</source>
        <translation>まだ何も言われていません。</translation>
    </message>
    <message>
        <source>Nothing is selected.</source>
        <translation>何も選択されていません。</translation>
    </message>
    <message>
        <source>Nothing is to be fixed: every line can be read.</source>
        <translation>修正なし:すべての行が読めます。</translation>
    </message>
    <message>
        <source>Nothing of this list lies in the piece.</source>
        <translation>このリストで作品の中にあるものがありません。</translation>
    </message>
    <message>
        <source>Nothing that appears is selected.</source>
        <translation>現れるものが選択されていません。</translation>
    </message>
    <message>
        <source>Nothing that is selected lies in these bars.</source>
        <translation>選択したものはこの小節にありません。</translation>
    </message>
    <message>
        <source>Nothing was copied yet.</source>
        <translation>まだ何もコピーしていません。</translation>
    </message>
    <message>
        <source>Nothing was corrected there.</source>
        <translation>そこは何も修正されていません。</translation>
    </message>
    <message>
        <source>Nothing was kept of this.</source>
        <translation>これは何も保存されていません。</translation>
    </message>
    <message>
        <source>Nothing was placed that would lie elsewhere now.</source>
        <translation>今なら別の位置になるものはありません。</translation>
    </message>
    <message>
        <source>OSC (messages)</source>
        <translation>OSC(メッセージ)</translation>
    </message>
    <message>
        <source>Observation %1: it has no time.</source>
        <translation>観測 %1:時間がありません。</translation>
    </message>
    <message>
        <source>Of a bar sheet</source>
        <translation>小節シートの</translation>
    </message>
    <message>
        <source>Of an exposure sheet, as far as its lines stay readable; 0: as many as do well</source>
        <translation>作画シートの、行が読める範囲で。0:ちょうどよい数</translation>
    </message>
    <message>
        <source>Of films only what is used, with so many frames before and behind; below 0: whole films</source>
        <translation>動画は使う部分と前後のこのフレーム数だけ。0 未満:動画全体</translation>
    </message>
    <message>
        <source>Of pulses too close together the shape is lost</source>
        <translation>近すぎるパルスは形が失われます</translation>
    </message>
    <message>
        <source>Of several rows: what starts so near together is one</source>
        <translation>複数の行で:これほど近く始まるものは一つ</translation>
    </message>
    <message>
        <source>Of two on one frame only the last placed one is seen</source>
        <translation>同じフレームの 2 つのうち後に置いた方だけが見えます</translation>
    </message>
    <message>
        <source>Of values</source>
        <translation>値の</translation>
    </message>
    <message>
        <source>Of which part of the sound</source>
        <translation>音のどの部分</translation>
    </message>
    <message>
        <source>Of which side</source>
        <translation>どちら側</translation>
    </message>
    <message>
        <source>Old film</source>
        <translation>古い映画</translation>
    </message>
    <message>
        <source>One line</source>
        <translation>一本線</translation>
    </message>
    <message>
        <source>One line a beat: time, bar, beat, metre, tempo, confidence</source>
        <translation>拍ごとに 1 行:時間・小節・拍・拍子・テンポ・確かさ</translation>
    </message>
    <message>
        <source>One line a frame, with a column for each driven property</source>
        <translation>フレームごとに 1 行、動かす属性ごとに 1 列</translation>
    </message>
    <message>
        <source>One line a frame, with a column for each lamp: its colour</source>
        <translation>フレームごとに 1 行、ランプごとに 1 列:その色</translation>
    </message>
    <message>
        <source>One line a frame: which drawing is held, and for how long</source>
        <translation>フレームごとに 1 行:どの作画をどれだけ保持するか</translation>
    </message>
    <message>
        <source>One line a key: property, frame, time, value, easing</source>
        <translation>キーごとに 1 行:属性・フレーム・時間・値・イージング</translation>
    </message>
    <message>
        <source>One line a marker: name, bar and beat, time, frame, timecode</source>
        <translation>マーカーごとに 1 行:名前・小節と拍・時間・フレーム・タイムコード</translation>
    </message>
    <message>
        <source>One line a trigger: lane, effect, place, frames, strength, colours, layers, values</source>
        <translation>トリガーごとに 1 行:レーン・エフェクト・位置・フレーム・強さ・色・レイヤー・値</translation>
    </message>
    <message>
        <source>One line a word or note: start, end, frames, line, speaker</source>
        <translation>語かノートごとに 1 行:始まり・終わり・フレーム・行・話者</translation>
    </message>
    <message>
        <source>One line for each lamp that is lit: place, frames, colours, channels</source>
        <translation>点くランプごとに 1 行:位置・フレーム・色・チャンネル</translation>
    </message>
    <message>
        <source>One of the later cuts is locked.</source>
        <translation>後のカットの一つがロックされています。</translation>
    </message>
    <message>
        <source>Only a curve that follows can act in a stretch.</source>
        <translation>追従カーブだけが範囲を限って働けます。</translation>
    </message>
    <message>
        <source>Only a sound can be split.</source>
        <translation>分割できるのは音だけです。</translation>
    </message>
    <message>
        <source>Only a sound can be trimmed.</source>
        <translation>トリムできるのは音だけです。</translation>
    </message>
    <message>
        <source>Only above</source>
        <translation>超えた分だけ</translation>
    </message>
    <message>
        <source>Only markers of this colour</source>
        <translation>この色のマーカーだけ</translation>
    </message>
    <message>
        <source>Only markers whose name holds this</source>
        <translation>名前にこれを含むマーカーだけ</translation>
    </message>
    <message>
        <source>Only so many levels</source>
        <translation>この数の段階だけ</translation>
    </message>
    <message>
        <source>Only triggers, appearances, sounds and markers have an end of their own.</source>
        <translation>独自の終わりを持つのはトリガー・現れるもの・音・マーカーだけです。</translation>
    </message>
    <message>
        <source>Only two shots can be swapped.</source>
        <translation>交換できるのは 2 つのショットだけです。</translation>
    </message>
    <message>
        <source>Only what exceeds this is left</source>
        <translation>これを超えるものだけが残ります</translation>
    </message>
    <message>
        <source>Onsets</source>
        <translation>オンセット</translation>
    </message>
    <message>
        <source>Onsets of a row</source>
        <translation>行のオンセット</translation>
    </message>
    <message>
        <source>Open a file that ends in .pulsepin, or an older copy.</source>
        <translation>.pulsepin で終わるファイルか、古いコピーを開いてください。</translation>
    </message>
    <message>
        <source>Open a file that ends in .pulsepin.</source>
        <translation>.pulsepin で終わるファイルを開いてください。</translation>
    </message>
    <message>
        <source>Open a song first.</source>
        <translation>先に曲を開いてください。</translation>
    </message>
    <message>
        <source>Open a song, or choose a longer range.</source>
        <translation>曲を開くか、より長い範囲を選んでください。</translation>
    </message>
    <message>
        <source>Open an older copy.</source>
        <translation>古いコピーを開いてください。</translation>
    </message>
    <message>
        <source>Open it in a player to check, or export it again as WAV or FLAC.</source>
        <translation>プレーヤーで開いて確かめるか、WAV か FLAC でもう一度書き出してください。</translation>
    </message>
    <message>
        <source>Open one first.</source>
        <translation>先に開いてください。</translation>
    </message>
    <message>
        <source>Open the file that ends in .pulsepin with Pulse Pin. &quot;sha256sum -c contents.txt&quot; proves that all files came over whole.

</source>
        <translation>.pulsepin で終わるファイルを Pulse Pin で開いてください。「sha256sum -c contents.txt」で全ファイルが無事かわかります。

</translation>
    </message>
    <message>
        <source>Open the piece, and fix it at the stop Check.</source>
        <translation>作品を開き、「点検」で修正してください。</translation>
    </message>
    <message>
        <source>Open the song first.</source>
        <translation>先に曲を開いてください。</translation>
    </message>
    <message>
        <source>Opens at one level and closes below another</source>
        <translation>あるレベルで開き、別のレベルより下で閉じます</translation>
    </message>
    <message>
        <source>Orientation</source>
        <translation>向き</translation>
    </message>
    <message>
        <source>Other pins</source>
        <translation>他のピン</translation>
    </message>
    <message>
        <source>Other programs may lay such a clip out of sync</source>
        <translation>他のプログラムではこのクリップがずれることがあります</translation>
    </message>
    <message>
        <source>Out of focus on the snare</source>
        <translation>スネアでピンぼけ</translation>
    </message>
    <message>
        <source>PNG pictures, WAV</source>
        <translation>PNG 画像、WAV</translation>
    </message>
    <message>
        <source>Parts of the song are damaged and were left out.</source>
        <translation>曲の一部が壊れているため、除かれました。</translation>
    </message>
    <message>
        <source>Paste or load a text first (stop Mark, Words).</source>
        <translation>先に歌詞を貼るか読み込んでください(「印」、語)。</translation>
    </message>
    <message>
        <source>Patch it behind the others</source>
        <translation>他の後ろに割り当て</translation>
    </message>
    <message>
        <source>Patch lamps to universes up to 32768, or send sACN.</source>
        <translation>ランプをユニバース 32768 までに割り当てるか、sACN で送ってください。</translation>
    </message>
    <message>
        <source>Patch some lamps lower down.</source>
        <translation>いくつかのランプを下に割り当ててください。</translation>
    </message>
    <message>
        <source>Peaks between samples are cut off by players and encoders: -1 dBTP at most (EBU R 128)</source>
        <translation>サンプル間のピークはプレーヤーやエンコーダーで切れます:最大 -1 dBTP(EBU R 128)</translation>
    </message>
    <message>
        <source>Period</source>
        <translation>周期</translation>
    </message>
    <message>
        <source>Period counted in</source>
        <translation>周期の単位</translation>
    </message>
    <message>
        <source>Phase</source>
        <translation>位相</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>画像</translation>
    </message>
    <message>
        <source>Picture on a card</source>
        <translation>カードの写真</translation>
    </message>
    <message>
        <source>Picture that comes closer</source>
        <translation>近づく画像</translation>
    </message>
    <message>
        <source>Picture through a round hole</source>
        <translation>丸い穴越しの画像</translation>
    </message>
    <message>
        <source>Picture: %1 x %2, %3 fps
</source>
        <translation>映像:%1 x %2、%3 fps
</translation>
    </message>
    <message>
        <source>Pictures are shown twice or left out: movement stutters</source>
        <translation>画が重複または欠落:動きがぎくしゃくします</translation>
    </message>
    <message>
        <source>Pictures are written into a folder, and this is none.</source>
        <translation>画像はフォルダーに書きますが、これはフォルダーではありません。</translation>
    </message>
    <message>
        <source>Pictures cannot be brought into the form of this kind of film.</source>
        <translation>画像をこの種類の映像の形にできません。</translation>
    </message>
    <message>
        <source>Pin to the beat</source>
        <translation>拍に固定</translation>
    </message>
    <message>
        <source>Place cuts first.</source>
        <translation>先にカットを置いてください。</translation>
    </message>
    <message>
        <source>Place drawings first (stop Mark, Exposures).</source>
        <translation>先に作画を置いてください(「印」、作画)。</translation>
    </message>
    <message>
        <source>Place it anew.</source>
        <translation>置き直してください。</translation>
    </message>
    <message>
        <source>Place pulses or keys on a lane, or let one follow the music, first.</source>
        <translation>先にレーンにパルスかキーを置くか、音楽に追従させてください。</translation>
    </message>
    <message>
        <source>Place some first, or tap a rhythm.</source>
        <translation>先に置くか、リズムを叩いてください。</translation>
    </message>
    <message>
        <source>Place some first.</source>
        <translation>先に置いてください。</translation>
    </message>
    <message>
        <source>Place something first.</source>
        <translation>先に何か置いてください。</translation>
    </message>
    <message>
        <source>Place triggers first.</source>
        <translation>先にトリガーを置いてください。</translation>
    </message>
    <message>
        <source>Plain</source>
        <translation>無地</translation>
    </message>
    <message>
        <source>Plain text</source>
        <translation>プレーンテキスト</translation>
    </message>
    <message>
        <source>Playback is silent.</source>
        <translation>無音で再生します。</translation>
    </message>
    <message>
        <source>Plum</source>
        <translation>梅</translation>
    </message>
    <message>
        <source>Port %1 cannot be listened to (%2).</source>
        <translation>ポート %1 を聴けません(%2)。</translation>
    </message>
    <message>
        <source>Poses</source>
        <translation>ポーズ</translation>
    </message>
    <message>
        <source>Posterise</source>
        <translation>ポスタリゼーション</translation>
    </message>
    <message>
        <source>Power</source>
        <translation>べき</translation>
    </message>
    <message>
        <source>Press T on the beat while the song plays.</source>
        <translation>曲に合わせて拍で T を押してください。</translation>
    </message>
    <message>
        <source>Priorities go from 0 to 200.</source>
        <translation>優先度は 0〜200 です。</translation>
    </message>
    <message>
        <source>ProRes 422 HQ</source>
        <translation>ProRes 422 HQ</translation>
    </message>
    <message>
        <source>ProRes 422 HQ, PCM</source>
        <translation>ProRes 422 HQ、PCM</translation>
    </message>
    <message>
        <source>ProRes 4444 with alpha, PCM</source>
        <translation>ProRes 4444 アルファ付き、PCM</translation>
    </message>
    <message>
        <source>Product</source>
        <translation>商品</translation>
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
        <translation>Pulse Pin : </translation>
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
        <translation>パンチ</translation>
    </message>
    <message>
        <source>Punch-in with shake</source>
        <translation>揺れるパンチイン</translation>
    </message>
    <message>
        <source>Pushed aside on the snare</source>
        <translation>スネアで横に押される</translation>
    </message>
    <message>
        <source>Put a sound there, or choose another one.</source>
        <translation>そこに音を置くか、別のものを選んでください。</translation>
    </message>
    <message>
        <source>Put it where the sound shall be split.</source>
        <translation>音を分ける所に置いてください。</translation>
    </message>
    <message>
        <source>Put its end behind its start.</source>
        <translation>終わりを始まりの後にしてください。</translation>
    </message>
    <message>
        <source>Put some of them into another universe.</source>
        <translation>いくつかを別のユニバースに入れてください。</translation>
    </message>
    <message>
        <source>Put the file back, or take the sound out of its lane.</source>
        <translation>ファイルを戻すか、音をレーンから外してください。</translation>
    </message>
    <message>
        <source>Quarters of beats</source>
        <translation>拍の 1/4</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>質問</translation>
    </message>
    <message>
        <source>RGB split</source>
        <translation>RGB ずらし</translation>
    </message>
    <message>
        <source>Ready are: %1.</source>
        <translation>できあがり:%1。</translation>
    </message>
    <message>
        <source>Regular</source>
        <translation>標準</translation>
    </message>
    <message>
        <source>Remove what has its name, or choose another folder.</source>
        <translation>同名のものを除くか、別のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>Render it at once.</source>
        <translation>一度にレンダリングしてください。</translation>
    </message>
    <message>
        <source>Replace…</source>
        <translation>置き換える…</translation>
    </message>
    <message>
        <source>Ride cymbal</source>
        <translation>ライドシンバル</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>輪</translation>
    </message>
    <message>
        <source>Ring on the beat</source>
        <translation>拍に輪</translation>
    </message>
    <message>
        <source>Ripple</source>
        <translation>波紋</translation>
    </message>
    <message>
        <source>Rising energy</source>
        <translation>上がるエネルギー</translation>
    </message>
    <message>
        <source>Rising spectrum</source>
        <translation>上がるスペクトル</translation>
    </message>
    <message>
        <source>Roll it less far.</source>
        <translation>より短くロールしてください。</translation>
    </message>
    <message>
        <source>Row of onsets</source>
        <translation>オンセットの行</translation>
    </message>
    <message>
        <source>SOURCE FILE:</source>
        <translation>SOURCE FILE:</translation>
    </message>
    <message>
        <source>Saturated red that comes and goes is the most dangerous (WCAG 2.2, 2.3.1). A measure, no medical promise</source>
        <translation>点滅する鮮やかな赤が最も危険です(WCAG 2.2, 2.3.1)。目安で、医学的な保証ではありません</translation>
    </message>
    <message>
        <source>Saturation</source>
        <translation>彩度</translation>
    </message>
    <message>
        <source>Save the drawing as plain SVG.</source>
        <translation>図をプレーンな SVG で保存してください。</translation>
    </message>
    <message>
        <source>Save the text as UTF-8 and load it again.</source>
        <translation>テキストを UTF-8 で保存し、もう一度読み込んでください。</translation>
    </message>
    <message>
        <source>Save your work, and try it otherwise.</source>
        <translation>作業を保存し、別の方法で試してください。</translation>
    </message>
    <message>
        <source>Say every 2nd up to every 64th.</source>
        <translation>every 2nd から every 64th までで言ってください。</translation>
    </message>
    <message>
        <source>Say from when until when, in seconds.</source>
        <translation>いつからいつまでかを秒で言ってください。</translation>
    </message>
    <message>
        <source>Say something from %1 to %2.</source>
        <translation>%1 から %2 で言ってください。</translation>
    </message>
    <message>
        <source>Say the first bar, then the last.</source>
        <translation>最初の小節、次に最後の小節を言ってください。</translation>
    </message>
    <message>
        <source>Say the layer as well.</source>
        <translation>レイヤーも言ってください。</translation>
    </message>
    <message>
        <source>Say what it drives first.</source>
        <translation>先に何を動かすか言ってください。</translation>
    </message>
    <message>
        <source>Say what its columns are: time, frame or timecode, then name, note …</source>
        <translation>列を言ってください:time・frame・timecode のどれか、次に name、note …</translation>
    </message>
    <message>
        <source>Say which column is the time, and in which form.</source>
        <translation>どの列が時間で、どの形式か言ってください。</translation>
    </message>
    <message>
        <source>Say, for example, 2 frames, 120 ms or 1 beat.</source>
        <translation>たとえば 2 frames、120 ms、1 beat のように言ってください。</translation>
    </message>
    <message>
        <source>Say, for example, bars 9-24.</source>
        <translation>たとえば bars 9-24 のように言ってください。</translation>
    </message>
    <message>
        <source>Screens may cut off what lies outside of 90 % of the picture (SMPTE ST 2046-1)</source>
        <translation>画面は映像の 90 % の外側を切ることがあります(SMPTE ST 2046-1)</translation>
    </message>
    <message>
        <source>Second curve</source>
        <translation>2 番目のカーブ</translation>
    </message>
    <message>
        <source>Seconds since a pin of that lane</source>
        <translation>そのレーンのピンからの秒数</translation>
    </message>
    <message>
        <source>See the bin for those there are.</source>
        <translation>あるものはビンを見てください。</translation>
    </message>
    <message>
        <source>See where it begins, and at how many frames a second.</source>
        <translation>どこから、毎秒何フレームで始まるか見てください。</translation>
    </message>
    <message>
        <source>See whether it is still there.</source>
        <translation>まだそこにあるか見てください。</translation>
    </message>
    <message>
        <source>See whether the address is right and the network is there.</source>
        <translation>アドレスが正しく、ネットワークがあるか見てください。</translation>
    </message>
    <message>
        <source>See whether the disk is full and the folder may be written to.</source>
        <translation>ディスクの空きとフォルダーへの書き込みを見てください。</translation>
    </message>
    <message>
        <source>See whether the disk is full, or choose another folder.</source>
        <translation>ディスクの空きを見るか、別のフォルダーを選んでください。</translation>
    </message>
    <message>
        <source>See whether the disk is full.</source>
        <translation>ディスクの空きを見てください。</translation>
    </message>
    <message>
        <source>See whether the folder may be written to.</source>
        <translation>フォルダーに書き込めるか見てください。</translation>
    </message>
    <message>
        <source>See whether the network is connected, or send to this machine: 127.0.0.1.</source>
        <translation>ネットワークの接続を見るか、この機械 127.0.0.1 へ送ってください。</translation>
    </message>
    <message>
        <source>Select it as well.</source>
        <translation>それも選択してください。</translation>
    </message>
    <message>
        <source>Select one cut first.</source>
        <translation>先にカットを 1 つ選択してください。</translation>
    </message>
    <message>
        <source>Select one first.</source>
        <translation>先に一つ選択してください。</translation>
    </message>
    <message>
        <source>Select one marker first.</source>
        <translation>先にマーカーを 1 つ選択してください。</translation>
    </message>
    <message>
        <source>Select one pin.</source>
        <translation>ピンを 1 つ選択してください。</translation>
    </message>
    <message>
        <source>Select one.</source>
        <translation>一つ選択してください。</translation>
    </message>
    <message>
        <source>Select pins and copy them first.</source>
        <translation>先にピンを選択してコピーしてください。</translation>
    </message>
    <message>
        <source>Select pins first.</source>
        <translation>先にピンを選択してください。</translation>
    </message>
    <message>
        <source>Select pins of a lane of appearances.</source>
        <translation>現れるレーンのピンを選択してください。</translation>
    </message>
    <message>
        <source>Select pins of a lane of pulses.</source>
        <translation>パルスのレーンのピンを選択してください。</translation>
    </message>
    <message>
        <source>Select pins of one kind.</source>
        <translation>同じ種類のピンを選択してください。</translation>
    </message>
    <message>
        <source>Select pins that do first.</source>
        <translation>先にそれができるピンを選択してください。</translation>
    </message>
    <message>
        <source>Select the word that a line shall begin with first.</source>
        <translation>先に行を始める語を選択してください。</translation>
    </message>
    <message>
        <source>Select the words that shall be one line first.</source>
        <translation>先に 1 行にする語を選択してください。</translation>
    </message>
    <message>
        <source>Select those that shall drive the same.</source>
        <translation>同じものを動かすものを選択してください。</translation>
    </message>
    <message>
        <source>Select what shall be copied, and make a range around it.</source>
        <translation>コピーするものを選択し、その周りに範囲を作ってください。</translation>
    </message>
    <message>
        <source>Select words that are set, and not locked, first.</source>
        <translation>先に、置いてあってロックされていない語を選択してください。</translation>
    </message>
    <message>
        <source>SemiBold</source>
        <translation>セミボールド</translation>
    </message>
    <message>
        <source>Set TMPDIR to a folder on a disk with free space.</source>
        <translation>TMPDIR を空きのあるディスクのフォルダーにしてください。</translation>
    </message>
    <message>
        <source>Set lines in the lane of words first.</source>
        <translation>先に語のレーンに行を置いてください。</translation>
    </message>
    <message>
        <source>Set words first (stop Mark).</source>
        <translation>先に語を置いてください(「印」)。</translation>
    </message>
    <message>
        <source>Set words first (stop Mark, Words).</source>
        <translation>先に語を置いてください(「印」、語)。</translation>
    </message>
    <message>
        <source>Several pins are selected.</source>
        <translation>複数のピンが選択されています。</translation>
    </message>
    <message>
        <source>Shake</source>
        <translation>揺れ</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>図形</translation>
    </message>
    <message>
        <source>Shape of the wave</source>
        <translation>波の形</translation>
    </message>
    <message>
        <source>Shapes and titles as they move, for web pages and programs</source>
        <translation>動く図形とタイトルを、ウェブとプログラム用に</translation>
    </message>
    <message>
        <source>Sharpen</source>
        <translation>シャープ</translation>
    </message>
    <message>
        <source>Sheets are written as PDF or SVG.</source>
        <translation>シートは PDF か SVG で書きます。</translation>
    </message>
    <message>
        <source>Shots</source>
        <translation>ショット</translation>
    </message>
    <message>
        <source>Show another shot there.</source>
        <translation>そこに別のショットを見せてください。</translation>
    </message>
    <message>
        <source>Shrink</source>
        <translation>縮む</translation>
    </message>
    <message>
        <source>Slate</source>
        <translation>仮</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>遅く</translation>
    </message>
    <message>
        <source>Small</source>
        <translation>小</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>小さく</translation>
    </message>
    <message>
        <source>Smooth</source>
        <translation>滑らか</translation>
    </message>
    <message>
        <source>Snare</source>
        <translation>スネア</translation>
    </message>
    <message>
        <source>Soft edge</source>
        <translation>柔らかい縁</translation>
    </message>
    <message>
        <source>Soften</source>
        <translation>弱くする</translation>
    </message>
    <message>
        <source>Song</source>
        <translation>曲</translation>
    </message>
    <message>
        <source>Song: %1, %2
</source>
        <translation>曲:%1、%2
</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>音</translation>
    </message>
    <message>
        <source>Sound alone, WAV</source>
        <translation>音だけ、WAV</translation>
    </message>
    <message>
        <source>Sounds are not placed on beats.</source>
        <translation>音は拍に置きません。</translation>
    </message>
    <message>
        <source>Sounds are written as WAV or FLAC.</source>
        <translation>音は WAV か FLAC で書きます。</translation>
    </message>
    <message>
        <source>Sparks</source>
        <translation>火花</translation>
    </message>
    <message>
        <source>Sparks on the kick</source>
        <translation>キックで火花</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>スペクトル</translation>
    </message>
    <message>
        <source>Spectrum around a circle</source>
        <translation>円周のスペクトル</translation>
    </message>
    <message>
        <source>Spectrum on a line</source>
        <translation>線上のスペクトル</translation>
    </message>
    <message>
        <source>Stack</source>
        <translation>積み重ね</translation>
    </message>
    <message>
        <source>Standard MIDI File</source>
        <translation>標準 MIDI ファイル</translation>
    </message>
    <message>
        <source>Standard MIDI File: a tempo for each beat, metres, markers</source>
        <translation>標準 MIDI ファイル:拍ごとのテンポ、拍子、マーカー</translation>
    </message>
    <message>
        <source>Standard MIDI File: a track for each lane, a note for each pin, words as lyrics, curves as controllers</source>
        <translation>標準 MIDI ファイル:レーンごとにトラック、ピンごとに音符、語は歌詞、カーブはコントローラー</translation>
    </message>
    <message>
        <source>Strength of onsets</source>
        <translation>オンセットの強さ</translation>
    </message>
    <message>
        <source>Strobe</source>
        <translation>ストロボ</translation>
    </message>
    <message>
        <source>Strobe in two colours</source>
        <translation>二色のストロボ</translation>
    </message>
    <message>
        <source>SubRip</source>
        <translation>SubRip</translation>
    </message>
    <message>
        <source>Sum</source>
        <translation>合計</translation>
    </message>
    <message>
        <source>Swings with the beats or bars</source>
        <translation>拍や小節と共に振れる</translation>
    </message>
    <message>
        <source>Syllables, in speech</source>
        <translation>音節（話し声）</translation>
    </message>
    <message>
        <source>Sync report</source>
        <translation>同期レポート</translation>
    </message>
    <message>
        <source>Sync report: </source>
        <translation>同期レポート: </translation>
    </message>
    <message>
        <source>TIFF pictures, WAV</source>
        <translation>TIFF 画像、WAV</translation>
    </message>
    <message>
        <source>TO CLIP NAME:</source>
        <translation>TO CLIP NAME:</translation>
    </message>
    <message>
        <source>Table of cues</source>
        <translation>キューの表</translation>
    </message>
    <message>
        <source>Tabloid</source>
        <translation>タブロイド</translation>
    </message>
    <message>
        <source>Take all of it.</source>
        <translation>全部取ってください。</translation>
    </message>
    <message>
        <source>Take away what it drives instead.</source>
        <translation>代わりに動かすものを除いてください。</translation>
    </message>
    <message>
        <source>Take letters away, or set the next line later.</source>
        <translation>文字を減らすか、次の行を後にしてください。</translation>
    </message>
    <message>
        <source>Take some away first.</source>
        <translation>先にいくつか除いてください。</translation>
    </message>
    <message>
        <source>Tap a rhythm with T.</source>
        <translation>T でリズムを叩いてください。</translation>
    </message>
    <message>
        <source>Tap along with T.</source>
        <translation>T で叩いてください。</translation>
    </message>
    <message>
        <source>Tap them with W while it plays.</source>
        <translation>再生しながら W で叩いてください。</translation>
    </message>
    <message>
        <source>Tell another value.</source>
        <translation>別の値を指定してください。</translation>
    </message>
    <message>
        <source>Tell at the stop “Song” where in the song it begins.</source>
        <translation>曲のどこで始まるかを「曲」で指定してください。</translation>
    </message>
    <message>
        <source>Tempo map</source>
        <translation>テンポマップ</translation>
    </message>
    <message>
        <source>Tempo map of a MIDI file</source>
        <translation>MIDI ファイルのテンポマップ</translation>
    </message>
    <message>
        <source>Texts that are longer than their places</source>
        <translation>場所より長い文字</translation>
    </message>
    <message>
        <source>That cannot be fixed before the picture was measured.</source>
        <translation>映像を測る前には修正できません。</translation>
    </message>
    <message>
        <source>That clip is no longer in the bin.</source>
        <translation>そのクリップはもうビンにありません。</translation>
    </message>
    <message>
        <source>That cut is locked.</source>
        <translation>そのカットはロックされています。</translation>
    </message>
    <message>
        <source>That cut is no longer there.</source>
        <translation>そのカットはもうありません。</translation>
    </message>
    <message>
        <source>That drives nothing in the picture.</source>
        <translation>それは映像の何も動かしません。</translation>
    </message>
    <message>
        <source>That effect is no longer there.</source>
        <translation>そのエフェクトはもうありません。</translation>
    </message>
    <message>
        <source>That has no automatic fix.</source>
        <translation>自動の修正はありません。</translation>
    </message>
    <message>
        <source>That is more than a line further on.</source>
        <translation>1 行より先です。</translation>
    </message>
    <message>
        <source>That is neither a trigger nor something that appears.</source>
        <translation>トリガーでも現れるものでもありません。</translation>
    </message>
    <message>
        <source>That is no cut.</source>
        <translation>カットではありません。</translation>
    </message>
    <message>
        <source>That is no lane of lights.</source>
        <translation>照明のレーンではありません。</translation>
    </message>
    <message>
        <source>That is no lane of words or notes.</source>
        <translation>語やノートのレーンではありません。</translation>
    </message>
    <message>
        <source>That item is locked.</source>
        <translation>それはロックされています。</translation>
    </message>
    <message>
        <source>That item is no longer there.</source>
        <translation>それはもうありません。</translation>
    </message>
    <message>
        <source>That lamp is no longer there.</source>
        <translation>そのランプはもうありません。</translation>
    </message>
    <message>
        <source>That lane drives no property.</source>
        <translation>そのレーンは属性を動かしません。</translation>
    </message>
    <message>
        <source>That lane drives nothing.</source>
        <translation>そのレーンは何も動かしません。</translation>
    </message>
    <message>
        <source>That lane has no curve.</source>
        <translation>そのレーンにカーブがありません。</translation>
    </message>
    <message>
        <source>That lane is no longer there.</source>
        <translation>そのレーンはもうありません。</translation>
    </message>
    <message>
        <source>That lane of exposures is no longer there.</source>
        <translation>その作画のレーンはもうありません。</translation>
    </message>
    <message>
        <source>That lane of words is no longer there.</source>
        <translation>その語のレーンはもうありません。</translation>
    </message>
    <message>
        <source>That layer is no longer there.</source>
        <translation>そのレイヤーはもうありません。</translation>
    </message>
    <message>
        <source>That layer is not there.</source>
        <translation>そのレイヤーはありません。</translation>
    </message>
    <message>
        <source>That look is one for titles.</source>
        <translation>そのルックはタイトル用です。</translation>
    </message>
    <message>
        <source>That many beats do not fit between these two.</source>
        <translation>その拍数はこの 2 つの間に入りません。</translation>
    </message>
    <message>
        <source>That marker is locked.</source>
        <translation>そのマーカーはロックされています。</translation>
    </message>
    <message>
        <source>That marker is no longer there.</source>
        <translation>そのマーカーはもうありません。</translation>
    </message>
    <message>
        <source>That pin is locked.</source>
        <translation>そのピンはロックされています。</translation>
    </message>
    <message>
        <source>That pin is no longer there.</source>
        <translation>そのピンはもうありません。</translation>
    </message>
    <message>
        <source>That planting is no longer there.</source>
        <translation>そのまとまりはもうありません。</translation>
    </message>
    <message>
        <source>That pulse is locked.</source>
        <translation>そのパルスはロックされています。</translation>
    </message>
    <message>
        <source>That pulse is no longer there.</source>
        <translation>そのパルスはもうありません。</translation>
    </message>
    <message>
        <source>That range lies behind the end of the piece.</source>
        <translation>その範囲は作品の終わりより後です。</translation>
    </message>
    <message>
        <source>That shot is no longer in the bin.</source>
        <translation>そのショットはもうビンにありません。</translation>
    </message>
    <message>
        <source>That sound is no longer there.</source>
        <translation>その音はもうありません。</translation>
    </message>
    <message>
        <source>That stretch is empty.</source>
        <translation>その範囲は空です。</translation>
    </message>
    <message>
        <source>That takes at least three taps.</source>
        <translation>少なくとも 3 回のタップが必要です。</translation>
    </message>
    <message>
        <source>That text is no longer there.</source>
        <translation>その文字はもうありません。</translation>
    </message>
    <message>
        <source>That value of &quot;%1&quot; is beyond its limits.</source>
        <translation>その「%1」の値は限界を超えています。</translation>
    </message>
    <message>
        <source>That word is set already.</source>
        <translation>その語はもう置かれています。</translation>
    </message>
    <message>
        <source>That would be %1 beats a minute.</source>
        <translation>毎分 %1 拍になります。</translation>
    </message>
    <message>
        <source>That would be %1 beats a minute: the tempo stays as it is.</source>
        <translation>毎分 %1 拍になります:テンポはそのままです。</translation>
    </message>
    <message>
        <source>That would be %1 lamps.</source>
        <translation>ランプ %1 個になります。</translation>
    </message>
    <message>
        <source>The </source>
        <translation>その </translation>
    </message>
    <message>
        <source>The %1 in this file cannot be decoded.</source>
        <translation>このファイルの%1は復号できません。</translation>
    </message>
    <message>
        <source>The %1 in this file is in a format that cannot be decoded.</source>
        <translation>このファイルの%1は復号できない形式です。</translation>
    </message>
    <message>
        <source>The OSC address cannot be used.</source>
        <translation>その OSC アドレスは使えません。</translation>
    </message>
    <message>
        <source>The beats are not in rising order.</source>
        <translation>拍が順に並んでいません。</translation>
    </message>
    <message>
        <source>The beats are numbered too far from bar 1.</source>
        <translation>拍の番号が 1 小節目から遠すぎます。</translation>
    </message>
    <message>
        <source>The beats before and after %1 s are more than an hour apart.</source>
        <translation>%1 秒の前後の拍が 1 時間より離れています。</translation>
    </message>
    <message>
        <source>The camera did not run at that moment of the song.</source>
        <translation>曲のその瞬間にカメラは回っていませんでした。</translation>
    </message>
    <message>
        <source>The camera is always there.</source>
        <translation>カメラは常にあります。</translation>
    </message>
    <message>
        <source>The camera looks at all layers and lies in no group.</source>
        <translation>カメラは全レイヤーを見るため、グループに入りません。</translation>
    </message>
    <message>
        <source>The camera looks at all layers and stays on top.</source>
        <translation>カメラは全レイヤーを見るため、一番上にあります。</translation>
    </message>
    <message>
        <source>The camera stays: without it nothing is seen.</source>
        <translation>カメラは残ります:なければ何も見えません。</translation>
    </message>
    <message>
        <source>The changes of metre are not in rising order.</source>
        <translation>拍子の変更が順に並んでいません。</translation>
    </message>
    <message>
        <source>The clip is over before its shot is: its last picture stands still</source>
        <translation>クリップがショットより先に終わります:最後の画が止まって見えます</translation>
    </message>
    <message>
        <source>The colours of a picture could not be chosen.</source>
        <translation>画の色を選べませんでした。</translation>
    </message>
    <message>
        <source>The composition is damaged: %1</source>
        <translation>コンポジションが壊れています:%1</translation>
    </message>
    <message>
        <source>The curve of another lane, to be shaped otherwise</source>
        <translation>別のレーンのカーブを、違う形に</translation>
    </message>
    <message>
        <source>The decoded sound cannot be mapped into memory.</source>
        <translation>復号した音をメモリーに写せません。</translation>
    </message>
    <message>
        <source>The disk is full: there is no room for the decoded sound.</source>
        <translation>ディスクがいっぱいです:復号した音の余地がありません。</translation>
    </message>
    <message>
        <source>The drawing has groups in groups without end.</source>
        <translation>図のグループが際限なく入れ子です。</translation>
    </message>
    <message>
        <source>The effect &quot;%1&quot; of &quot;%2&quot; is left out.</source>
        <translation>「%2」のエフェクト「%1」を除きました。</translation>
    </message>
    <message>
        <source>The encoder does not take these settings (%1).</source>
        <translation>エンコーダーがこの設定を受け付けません(%1)。</translation>
    </message>
    <message>
        <source>The encoder for this kind of film is not installed.</source>
        <translation>この種類の映像のエンコーダーが入っていません。</translation>
    </message>
    <message>
        <source>The event ends before it begins.</source>
        <translation>イベントが始まる前に終わります。</translation>
    </message>
    <message>
        <source>The file cannot be opened: it does not exist or is not a plain file.</source>
        <translation>ファイルを開けません:存在しないか、普通のファイルではありません。</translation>
    </message>
    <message>
        <source>The file cannot be read.</source>
        <translation>ファイルを読めません。</translation>
    </message>
    <message>
        <source>The file could not be saved: %1. The old file, if any, is unchanged.</source>
        <translation>ファイルを保存できませんでした:%1。古いファイルがあればそのままです。</translation>
    </message>
    <message>
        <source>The file could not be written in its place: %1.</source>
        <translation>ファイルをその場所に書けませんでした:%1。</translation>
    </message>
    <message>
        <source>The file could not be written.</source>
        <translation>ファイルを書けませんでした。</translation>
    </message>
    <message>
        <source>The file does not exist.</source>
        <translation>ファイルが存在しません。</translation>
    </message>
    <message>
        <source>The file is damaged: what it contains cannot be found out.</source>
        <translation>ファイルが壊れています:中身がわかりません。</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>ファイルが空です。</translation>
    </message>
    <message>
        <source>The file is far too large to be what it is taken for.</source>
        <translation>思われるものにしてはファイルが大きすぎます。</translation>
    </message>
    <message>
        <source>The file is write-protected and was left as it is.</source>
        <translation>ファイルは書き込み禁止のため、そのままにしました。</translation>
    </message>
    <message>
        <source>The film could not be put in its place (%1).</source>
        <translation>映像をその場所に置けませんでした(%1)。</translation>
    </message>
    <message>
        <source>The film could not be written (%1).</source>
        <translation>映像を書けませんでした(%1)。</translation>
    </message>
    <message>
        <source>The film has no %1 parts: it is %2 frames long, and a part %3 at least.</source>
        <translation>映像は %1 個に分けられません:%2 フレームで、部分は少なくとも %3 です。</translation>
    </message>
    <message>
        <source>The film has that size, and what does not fit is cut off</source>
        <translation>映像はその大きさで、入らない部分は切られます</translation>
    </message>
    <message>
        <source>The film has that size, with black bars beside the picture</source>
        <translation>映像はその大きさで、横に黒帯が付きます</translation>
    </message>
    <message>
        <source>The film is whole in %1.</source>
        <translation>映像は %1 にそのままあります。</translation>
    </message>
    <message>
        <source>The film keeps the shape of the piece, and is as large as fits inside of the size</source>
        <translation>映像は作品の形を保ち、その大きさに入るだけ大きくします</translation>
    </message>
    <message>
        <source>The first of each pair against the second: 1 straight, 2 triplets</source>
        <translation>組の最初と 2 番目の比:1 は均等、2 は三連</translation>
    </message>
    <message>
        <source>The folder could not be made</source>
        <translation>フォルダーを作れませんでした</translation>
    </message>
    <message>
        <source>The folder could not be made.</source>
        <translation>フォルダーを作れませんでした。</translation>
    </message>
    <message>
        <source>The folder could not be put in its place</source>
        <translation>フォルダーをその場所に置けませんでした</translation>
    </message>
    <message>
        <source>The folder is not empty: it holds &quot;%1&quot;%2.</source>
        <translation>フォルダーは空ではありません:「%1」%2 があります。</translation>
    </message>
    <message>
        <source>The grid as a whole</source>
        <translation>グリッド全体</translation>
    </message>
    <message>
        <source>The grid is as it was found.</source>
        <translation>グリッドは検出されたままです。</translation>
    </message>
    <message>
        <source>The group %1 cannot be listened to (%2).</source>
        <translation>グループ %1 を聴けません(%2)。</translation>
    </message>
    <message>
        <source>The highest top becomes 1</source>
        <translation>最高の頂点が 1 になります</translation>
    </message>
    <message>
        <source>The lane of sounds that is listened to is gone.</source>
        <translation>聴く対象の音のレーンがなくなりました。</translation>
    </message>
    <message>
        <source>The lane that is followed</source>
        <translation>追従するレーン</translation>
    </message>
    <message>
        <source>The lane that must not act there</source>
        <translation>そこで働いてはいけないレーン</translation>
    </message>
    <message>
        <source>The lane whose curve is taken as the second one</source>
        <translation>2 番目のカーブにするレーン</translation>
    </message>
    <message>
        <source>The lane “%1” is locked.</source>
        <translation>レーン「%1」はロックされています。</translation>
    </message>
    <message>
        <source>The last key stays.</source>
        <translation>最後のキーは残ります。</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; asks for the blend mode &quot;%2&quot;, which is not known: it is shown as normal.</source>
        <translation>レイヤー「%1」は未知の合成モード「%2」を求めています:通常で表示します。</translation>
    </message>
    <message>
        <source>The layer &quot;%1&quot; asks for the shape &quot;%2&quot;, which is not known: it is shown as a disc.</source>
        <translation>レイヤー「%1」は未知の図形「%2」を求めています:円で表示します。</translation>
    </message>
    <message>
        <source>The layer of the titles is no longer there.</source>
        <translation>タイトルのレイヤーはもうありません。</translation>
    </message>
    <message>
        <source>The line ends there already.</source>
        <translation>行はもうそこで終わっています。</translation>
    </message>
    <message>
        <source>The long side of the paper lies at the bottom</source>
        <translation>紙の長い辺が下になります</translation>
    </message>
    <message>
        <source>The looks are damaged: </source>
        <translation>ルックが壊れています: </translation>
    </message>
    <message>
        <source>The looks are damaged: %1.</source>
        <translation>ルックが壊れています:%1。</translation>
    </message>
    <message>
        <source>The marker &quot;%1&quot; has no time.</source>
        <translation>マーカー「%1」に時間がありません。</translation>
    </message>
    <message>
        <source>The marker on the shot that meets the beat; shots without it start at the in-point</source>
        <translation>拍に合わせるショット上のマーカー。なければイン点から</translation>
    </message>
    <message>
        <source>The name of a film of this kind (%1) ends in .%2.</source>
        <translation>この種類(%1)の映像の名前は .%2 で終わります。</translation>
    </message>
    <message>
        <source>The next line leaves no room.</source>
        <translation>次の行が余地を残しません。</translation>
    </message>
    <message>
        <source>The only %1 is within %2</source>
        <translation>唯一の %1 は %2 以内</translation>
    </message>
    <message>
        <source>The pages could not be made.</source>
        <translation>ページを作れませんでした。</translation>
    </message>
    <message>
        <source>The part with frame %1 is missing.</source>
        <translation>フレーム %1 の部分がありません。</translation>
    </message>
    <message>
        <source>The picture could not be made.</source>
        <translation>画像を作れませんでした。</translation>
    </message>
    <message>
        <source>The pictures in this file are not of one size.</source>
        <translation>このファイルの画の大きさが揃っていません。</translation>
    </message>
    <message>
        <source>The pictures in this file have a format that cannot be shown.</source>
        <translation>このファイルの画は表示できない形式です。</translation>
    </message>
    <message>
        <source>The piece has no length yet.</source>
        <translation>作品にまだ長さがありません。</translation>
    </message>
    <message>
        <source>The piece itself reads &quot;%1&quot; from this folder.</source>
        <translation>作品自身がこのフォルダーの「%1」を読んでいます。</translation>
    </message>
    <message>
        <source>The piece would end before it begins.</source>
        <translation>作品が始まる前に終わってしまいます。</translation>
    </message>
    <message>
        <source>The playhead is not inside of that sound.</source>
        <translation>再生ヘッドがその音の中にありません。</translation>
    </message>
    <message>
        <source>The project does not say its version.</source>
        <translation>プロジェクトに版がありません。</translation>
    </message>
    <message>
        <source>The project is damaged: </source>
        <translation>プロジェクトが壊れています: </translation>
    </message>
    <message>
        <source>The project is damaged: %1.</source>
        <translation>プロジェクトが壊れています:%1。</translation>
    </message>
    <message>
        <source>The project is damaged: a value is not of the expected type.</source>
        <translation>プロジェクトが壊れています:値の種類が違います。</translation>
    </message>
    <message>
        <source>The project was not saved, since it could not be opened again: %1</source>
        <translation>再び開けないため、プロジェクトは保存されませんでした:%1</translation>
    </message>
    <message>
        <source>The proxy could not be put in its place.</source>
        <translation>プロキシをその場所に置けませんでした。</translation>
    </message>
    <message>
        <source>The proxy could not be written.</source>
        <translation>プロキシを書けませんでした。</translation>
    </message>
    <message>
        <source>The range is far longer than any song.</source>
        <translation>範囲がどんな曲より長すぎます。</translation>
    </message>
    <message>
        <source>The row of everything that starts stays.</source>
        <translation>始まるものすべての行は残ります。</translation>
    </message>
    <message>
        <source>The selected pins are of several kinds.</source>
        <translation>選択したピンの種類が複数です。</translation>
    </message>
    <message>
        <source>The shot has no pictures before this.</source>
        <translation>ショットにこれより前の画はありません。</translation>
    </message>
    <message>
        <source>The size &quot;%1&quot; cannot be read.</source>
        <translation>大きさ「%1」を読めません。</translation>
    </message>
    <message>
        <source>The song ends at %1, though its file counts %2: it is damaged or not whole.</source>
        <translation>曲は %1 で終わっていますが、ファイルには %2 とあります。壊れているか、途中で切れています。</translation>
    </message>
    <message>
        <source>The song's sound is not there.</source>
        <translation>曲の音がありません。</translation>
    </message>
    <message>
        <source>The sound cannot be coded as FLAC.</source>
        <translation>音を FLAC で符号化できません。</translation>
    </message>
    <message>
        <source>The sound cannot be coded so (%1).</source>
        <translation>音をそのように符号化できません(%1)。</translation>
    </message>
    <message>
        <source>The sound cannot be measured.</source>
        <translation>音を測れません。</translation>
    </message>
    <message>
        <source>The sound could not be coded (%1).</source>
        <translation>音を符号化できませんでした(%1)。</translation>
    </message>
    <message>
        <source>The sound could not be written</source>
        <translation>音を書けませんでした</translation>
    </message>
    <message>
        <source>The sound could not be written.</source>
        <translation>音を書けませんでした。</translation>
    </message>
    <message>
        <source>The sound in this file has no valid sample rate or no channels.</source>
        <translation>このファイルの音に正しいサンプルレートかチャンネルがありません。</translation>
    </message>
    <message>
        <source>The sound is no longer too high.</source>
        <translation>音はもう高すぎません。</translation>
    </message>
    <message>
        <source>The sound that is listened to</source>
        <translation>聴く対象の音</translation>
    </message>
    <message>
        <source>The sound was not measured yet.</source>
        <translation>音はまだ測られていません。</translation>
    </message>
    <message>
        <source>The stop “Place” picks no place after the playhead.</source>
        <translation>「配置」は再生ヘッドの後の位置を選んでいません。</translation>
    </message>
    <message>
        <source>The stretch is empty.</source>
        <translation>範囲が空です。</translation>
    </message>
    <message>
        <source>The sum of all sounds would be %1 hours long.</source>
        <translation>全部の音の和は %1 時間になります。</translation>
    </message>
    <message>
        <source>The times of a steady grid must be finite.</source>
        <translation>一定のグリッドの時間は有限にしてください。</translation>
    </message>
    <message>
        <source>The transition &quot;%1&quot; is taken as a cut.</source>
        <translation>トランジション「%1」はカットとして扱います。</translation>
    </message>
    <message>
        <source>The trigger that the others shall be like is not selected.</source>
        <translation>他を合わせる元のトリガーが選択されていません。</translation>
    </message>
    <message>
        <source>The value of each driven property at each frame</source>
        <translation>フレームごとの、動かす各属性の値</translation>
    </message>
    <message>
        <source>The words are locked.</source>
        <translation>語はロックされています。</translation>
    </message>
    <message>
        <source>There are fewer places than layers.</source>
        <translation>位置がレイヤーより少ないです。</translation>
    </message>
    <message>
        <source>There are fewer than two beats in the list.</source>
        <translation>一覧の拍が 2 未満です。</translation>
    </message>
    <message>
        <source>There are fewer than two beats in this MIDI file.</source>
        <translation>この MIDI ファイルの拍が 2 未満です。</translation>
    </message>
    <message>
        <source>There are more than 100 000 lengths.</source>
        <translation>長さが 100 000 を超えます。</translation>
    </message>
    <message>
        <source>There are no %1 to write.</source>
        <translation>書く%1がありません。</translation>
    </message>
    <message>
        <source>There are no bars to copy yet.</source>
        <translation>まだコピーする小節がありません。</translation>
    </message>
    <message>
        <source>There are no bars yet.</source>
        <translation>まだ小節がありません。</translation>
    </message>
    <message>
        <source>There are no beats in that range.</source>
        <translation>その範囲に拍がありません。</translation>
    </message>
    <message>
        <source>There are no beats to compare with.</source>
        <translation>比べる拍がありません。</translation>
    </message>
    <message>
        <source>There are no beats to write.</source>
        <translation>書く拍がありません。</translation>
    </message>
    <message>
        <source>There are no beats yet.</source>
        <translation>まだ拍がありません。</translation>
    </message>
    <message>
        <source>There are no black frames before the first shot.</source>
        <translation>最初のショットの前に黒いフレームはありません。</translation>
    </message>
    <message>
        <source>There are no curves to write.</source>
        <translation>書くカーブがありません。</translation>
    </message>
    <message>
        <source>There are no cuts to show.</source>
        <translation>見せるカットがありません。</translation>
    </message>
    <message>
        <source>There are no cuts to write.</source>
        <translation>書くカットがありません。</translation>
    </message>
    <message>
        <source>There are no drawings to number.</source>
        <translation>番号を付ける作画がありません。</translation>
    </message>
    <message>
        <source>There are no drawings to write.</source>
        <translation>書く作画がありません。</translation>
    </message>
    <message>
        <source>There are no drawings yet.</source>
        <translation>まだ作画がありません。</translation>
    </message>
    <message>
        <source>There are no keys to write.</source>
        <translation>書くキーがありません。</translation>
    </message>
    <message>
        <source>There are no lamps in it.</source>
        <translation>ランプがありません。</translation>
    </message>
    <message>
        <source>There are no lamps to write.</source>
        <translation>書くランプがありません。</translation>
    </message>
    <message>
        <source>There are no lamps yet.</source>
        <translation>まだランプがありません。</translation>
    </message>
    <message>
        <source>There are no lights to write.</source>
        <translation>書く光がありません。</translation>
    </message>
    <message>
        <source>There are no markers to write.</source>
        <translation>書くマーカーがありません。</translation>
    </message>
    <message>
        <source>There are no more frames.</source>
        <translation>もうフレームがありません。</translation>
    </message>
    <message>
        <source>There are no onsets to snap to.</source>
        <translation>スナップするオンセットがありません。</translation>
    </message>
    <message>
        <source>There are no parts to join.</source>
        <translation>つなぐ部分がありません。</translation>
    </message>
    <message>
        <source>There are no rules for how &quot;%1&quot; sounds.</source>
        <translation>「%1」の発音の規則がありません。</translation>
    </message>
    <message>
        <source>There are no shots to fill them with.</source>
        <translation>埋めるショットがありません。</translation>
    </message>
    <message>
        <source>There are no taps yet.</source>
        <translation>まだタップがありません。</translation>
    </message>
    <message>
        <source>There are no triggers or pulses of which every other one could be muted.</source>
        <translation>一つおきにミュートできるトリガーやパルスがありません。</translation>
    </message>
    <message>
        <source>There are no triggers to write.</source>
        <translation>書くトリガーがありません。</translation>
    </message>
    <message>
        <source>There are no words or notes to write.</source>
        <translation>書く語やノートがありません。</translation>
    </message>
    <message>
        <source>There are none of those in this MIDI file.</source>
        <translation>この MIDI ファイルにそれはありません。</translation>
    </message>
    <message>
        <source>There are none of those in this file.</source>
        <translation>このファイルにそれはありません。</translation>
    </message>
    <message>
        <source>There are not as many times as beats.</source>
        <translation>時間が拍の数だけありません。</translation>
    </message>
    <message>
        <source>There are too many keys.</source>
        <translation>キーが多すぎます。</translation>
    </message>
    <message>
        <source>There are: %1.</source>
        <translation>あるもの:%1。</translation>
    </message>
    <message>
        <source>There are: time, end, length, frame, timecode, name, note, colour, file, in, and -.</source>
        <translation>あるもの:time、end、length、frame、timecode、name、note、colour、file、in、-。</translation>
    </message>
    <message>
        <source>There can be %1.</source>
        <translation>%1 まで可能です。</translation>
    </message>
    <message>
        <source>There is a %1 on each of these positions already.</source>
        <translation>どの位置にもすでに%1があります。</translation>
    </message>
    <message>
        <source>There is a beat already.</source>
        <translation>すでに拍があります。</translation>
    </message>
    <message>
        <source>There is a file of that name already.</source>
        <translation>その名前のファイルがすでにあります。</translation>
    </message>
    <message>
        <source>There is a file of this name already.</source>
        <translation>この名前のファイルがすでにあります。</translation>
    </message>
    <message>
        <source>There is a folder of that name.</source>
        <translation>その名前のフォルダーがあります。</translation>
    </message>
    <message>
        <source>There is an onset at that time already.</source>
        <translation>その時間にはすでにオンセットがあります。</translation>
    </message>
    <message>
        <source>There is no </source>
        <translation>ありません: </translation>
    </message>
    <message>
        <source>There is no %1 called &quot;%2&quot;.</source>
        <translation>「%2」という%1はありません。</translation>
    </message>
    <message>
        <source>There is no %1 in this file.</source>
        <translation>このファイルに%1はありません。</translation>
    </message>
    <message>
        <source>There is no MIDI port &quot;%1&quot;.</source>
        <translation>MIDI ポート「%1」はありません。</translation>
    </message>
    <message>
        <source>There is no MIDI sequencer on this computer.</source>
        <translation>このコンピューターに MIDI シーケンサーがありません。</translation>
    </message>
    <message>
        <source>There is no beat grid yet, and &quot;%1&quot; needs one.</source>
        <translation>まだ拍のグリッドがなく、「%1」には必要です。</translation>
    </message>
    <message>
        <source>There is no beat grid yet.</source>
        <translation>まだ拍のグリッドがありません。</translation>
    </message>
    <message>
        <source>There is no channel %1.</source>
        <translation>チャンネル %1 はありません。</translation>
    </message>
    <message>
        <source>There is no column called &quot;%1&quot;.</source>
        <translation>「%1」という列はありません。</translation>
    </message>
    <message>
        <source>There is no easing called &quot;%1&quot;.</source>
        <translation>「%1」というイージングはありません。</translation>
    </message>
    <message>
        <source>There is no effect called &quot;%1&quot;.</source>
        <translation>「%1」というエフェクトはありません。</translation>
    </message>
    <message>
        <source>There is no event in this list.</source>
        <translation>このリストにイベントがありません。</translation>
    </message>
    <message>
        <source>There is no filter called &quot;%1&quot;.</source>
        <translation>「%1」というフィルターはありません。</translation>
    </message>
    <message>
        <source>There is no grid yet to pin to.</source>
        <translation>固定するグリッドがまだありません。</translation>
    </message>
    <message>
        <source>There is no kind of film called &quot;%1&quot;.</source>
        <translation>「%1」という種類の映像はありません。</translation>
    </message>
    <message>
        <source>There is no kind of lane called &quot;%1&quot;.</source>
        <translation>「%1」という種類のレーンはありません。</translation>
    </message>
    <message>
        <source>There is no kind of layer called &quot;%1&quot;.</source>
        <translation>「%1」という種類のレイヤーはありません。</translation>
    </message>
    <message>
        <source>There is no lamp or group called &quot;%1&quot;.</source>
        <translation>「%1」というランプやグループはありません。</translation>
    </message>
    <message>
        <source>There is no lane called &quot;%1&quot;.</source>
        <translation>「%1」というレーンはありません。</translation>
    </message>
    <message>
        <source>There is no lane for what was copied.</source>
        <translation>コピーしたもののレーンがありません。</translation>
    </message>
    <message>
        <source>There is no lane of cuts.</source>
        <translation>カットのレーンがありません。</translation>
    </message>
    <message>
        <source>There is no lane to place it on.</source>
        <translation>置くレーンがありません。</translation>
    </message>
    <message>
        <source>There is no layer called &quot;%1&quot;.</source>
        <translation>「%1」というレイヤーはありません。</translation>
    </message>
    <message>
        <source>There is no length at which something is placed.</source>
        <translation>置く長さがありません。</translation>
    </message>
    <message>
        <source>There is no line to lay the words along.</source>
        <translation>語を沿わせる線がありません。</translation>
    </message>
    <message>
        <source>There is no linear timecode of that rate.</source>
        <translation>そのレートのリニアタイムコードはありません。</translation>
    </message>
    <message>
        <source>There is no look called &quot;%1&quot;.</source>
        <translation>「%1」というルックはありません。</translation>
    </message>
    <message>
        <source>There is no onset at that time.</source>
        <translation>その時間にオンセットはありません。</translation>
    </message>
    <message>
        <source>There is no picture of that number.</source>
        <translation>その番号の画像はありません。</translation>
    </message>
    <message>
        <source>There is no place called &quot;%1&quot;.</source>
        <translation>「%1」という場所はありません。</translation>
    </message>
    <message>
        <source>There is no priority %1.</source>
        <translation>優先度 %1 はありません。</translation>
    </message>
    <message>
        <source>There is no room for the decoded sound.</source>
        <translation>復号した音の余地がありません。</translation>
    </message>
    <message>
        <source>There is no room for the sum of all sounds: it takes %1 MB.</source>
        <translation>全部の音の和の余地がありません:%1 MB 必要です。</translation>
    </message>
    <message>
        <source>There is no row of onsets called &quot;%1&quot;.</source>
        <translation>「%1」というオンセットの行はありません。</translation>
    </message>
    <message>
        <source>There is no shot after this.</source>
        <translation>この後にショットはありません。</translation>
    </message>
    <message>
        <source>There is no shot or sound here to mark.</source>
        <translation>ここに印を付けるショットや音がありません。</translation>
    </message>
    <message>
        <source>There is no shot or sound under it.</source>
        <translation>その下にショットや音がありません。</translation>
    </message>
    <message>
        <source>There is no shot under the playhead.</source>
        <translation>再生ヘッドの下にショットがありません。</translation>
    </message>
    <message>
        <source>There is no slate to fill.</source>
        <translation>埋める仮の所がありません。</translation>
    </message>
    <message>
        <source>There is no song to count along.</source>
        <translation>数える曲がありません。</translation>
    </message>
    <message>
        <source>There is no song to follow.</source>
        <translation>追従する曲がありません。</translation>
    </message>
    <message>
        <source>There is no song to trim.</source>
        <translation>トリムする曲がありません。</translation>
    </message>
    <message>
        <source>There is no song yet.</source>
        <translation>まだ曲がありません。</translation>
    </message>
    <message>
        <source>There is no song, and lanes that follow its level.</source>
        <translation>曲がないのに、そのレベルに追従するレーンがあります。</translation>
    </message>
    <message>
        <source>There is no sound on the lane &quot;%1&quot;.</source>
        <translation>レーン「%1」に音がありません。</translation>
    </message>
    <message>
        <source>There is no sound under the playhead to split.</source>
        <translation>再生ヘッドの下に分ける音がありません。</translation>
    </message>
    <message>
        <source>There is no source of positions called &quot;%1&quot;.</source>
        <translation>「%1」という位置の出所はありません。</translation>
    </message>
    <message>
        <source>There is no strobe there that could turn slower.</source>
        <translation>そこに遅くできるストロボがありません。</translation>
    </message>
    <message>
        <source>There is no such beat.</source>
        <translation>その拍はありません。</translation>
    </message>
    <message>
        <source>There is no such format.</source>
        <translation>その形式はありません。</translation>
    </message>
    <message>
        <source>There is no such key.</source>
        <translation>そのキーはありません。</translation>
    </message>
    <message>
        <source>There is no such row of onsets.</source>
        <translation>そのオンセットの行はありません。</translation>
    </message>
    <message>
        <source>There is no universe %1.</source>
        <translation>ユニバース %1 はありません。</translation>
    </message>
    <message>
        <source>There is no wire &quot;%1&quot;.</source>
        <translation>配線「%1」はありません。</translation>
    </message>
    <message>
        <source>There is no word in the text.</source>
        <translation>歌詞に語がありません。</translation>
    </message>
    <message>
        <source>There is no word in this text.</source>
        <translation>この歌詞に語がありません。</translation>
    </message>
    <message>
        <source>There is not enough memory for a picture of this clip.</source>
        <translation>このクリップの画にメモリーが足りません。</translation>
    </message>
    <message>
        <source>There is not enough memory for a picture of this size.</source>
        <translation>この大きさの画にメモリーが足りません。</translation>
    </message>
    <message>
        <source>There is not enough memory for the sound.</source>
        <translation>音にメモリーが足りません。</translation>
    </message>
    <message>
        <source>There is not enough memory for this.</source>
        <translation>メモリーが足りません。</translation>
    </message>
    <message>
        <source>There is nothing called &quot;%1&quot; to set here.</source>
        <translation>ここに「%1」という設定はありません。</translation>
    </message>
    <message>
        <source>There is nothing in this timeline.</source>
        <translation>このタイムラインに何もありません。</translation>
    </message>
    <message>
        <source>There is nothing of that kind to fix.</source>
        <translation>その種類の修正するものがありません。</translation>
    </message>
    <message>
        <source>There is nothing of the piece between these places.</source>
        <translation>この間に作品の部分がありません。</translation>
    </message>
    <message>
        <source>There is nothing on the tracks of this timeline.</source>
        <translation>このタイムラインのトラックに何もありません。</translation>
    </message>
    <message>
        <source>There is nothing placed to write.</source>
        <translation>書く配置がありません。</translation>
    </message>
    <message>
        <source>There is nothing to freeze.</source>
        <translation>固定するものがありません。</translation>
    </message>
    <message>
        <source>There is nothing to hear.</source>
        <translation>聴くものがありません。</translation>
    </message>
    <message>
        <source>There is nothing to recolour.</source>
        <translation>色を変えるものがありません。</translation>
    </message>
    <message>
        <source>There is nothing to render: the range is empty.</source>
        <translation>レンダリングするものがありません:範囲が空です。</translation>
    </message>
    <message>
        <source>There is nothing to set.</source>
        <translation>設定するものがありません。</translation>
    </message>
    <message>
        <source>There is nothing to write.</source>
        <translation>書くものがありません。</translation>
    </message>
    <message>
        <source>There is one camera already.</source>
        <translation>すでにカメラが 1 つあります。</translation>
    </message>
    <message>
        <source>There is such a file already.</source>
        <translation>そのファイルはすでにあります。</translation>
    </message>
    <message>
        <source>There would be hardly anything left of the song.</source>
        <translation>曲がほとんど残りません。</translation>
    </message>
    <message>
        <source>These words have no lines.</source>
        <translation>この語には行がありません。</translation>
    </message>
    <message>
        <source>They do not fit into the universes up to 63999.</source>
        <translation>ユニバース 63999 までに入りません。</translation>
    </message>
    <message>
        <source>Thirds of beats</source>
        <translation>拍の 1/3</translation>
    </message>
    <message>
        <source>This MIDI file has more beats than a piece of music.</source>
        <translation>この MIDI ファイルの拍は音楽にしては多すぎます。</translation>
    </message>
    <message>
        <source>This and that lane added</source>
        <translation>このレーンとあのレーンの和</translation>
    </message>
    <message>
        <source>This camera shows the moment of the song.</source>
        <translation>このカメラは曲の瞬間を見せます。</translation>
    </message>
    <message>
        <source>This clip is still used in &quot;%1&quot;.</source>
        <translation>このクリップはまだ「%1」で使われています。</translation>
    </message>
    <message>
        <source>This clip is still used in the layer &quot;%1&quot;.</source>
        <translation>このクリップはまだレイヤー「%1」で使われています。</translation>
    </message>
    <message>
        <source>This clip is still used in the plan of lamps.</source>
        <translation>このクリップはまだランプの配置図で使われています。</translation>
    </message>
    <message>
        <source>This could not be done because of a fault in Pulse Pin: </source>
        <translation>Pulse Pin の不具合でできませんでした: </translation>
    </message>
    <message>
        <source>This could not be done because of a fault in Pulse Pin: %1.</source>
        <translation>Pulse Pin の不具合でできませんでした:%1。</translation>
    </message>
    <message>
        <source>This file could not be read.</source>
        <translation>このファイルを読めませんでした。</translation>
    </message>
    <message>
        <source>This file could not be written.</source>
        <translation>このファイルを書けませんでした。</translation>
    </message>
    <message>
        <source>This file has no chapters and no cue points.</source>
        <translation>このファイルにチャプターもキューポイントもありません。</translation>
    </message>
    <message>
        <source>This file has no picture.</source>
        <translation>このファイルに映像がありません。</translation>
    </message>
    <message>
        <source>This file has no sound, and that of &quot;%1&quot; is heard in the piece.</source>
        <translation>このファイルに音がなく、「%1」の音は作品で聴こえています。</translation>
    </message>
    <message>
        <source>This file is read by the command and is not written over.</source>
        <translation>このファイルはコマンドが読むもので、上書きしません。</translation>
    </message>
    <message>
        <source>This file nests too deeply.</source>
        <translation>このファイルは入れ子が深すぎます。</translation>
    </message>
    <message>
        <source>This folder cannot be read.</source>
        <translation>このフォルダーを読めません。</translation>
    </message>
    <message>
        <source>This folder is not empty.</source>
        <translation>このフォルダーは空ではありません。</translation>
    </message>
    <message>
        <source>This is a packed piece.</source>
        <translation>これはまとめた作品です。</translation>
    </message>
    <message>
        <source>This is a single picture.</source>
        <translation>これは 1 枚の画像です。</translation>
    </message>
    <message>
        <source>This is longer than a page can be.</source>
        <translation>ページに入る長さを超えています。</translation>
    </message>
    <message>
        <source>This is no JAMS file.</source>
        <translation>JAMS ファイルではありません。</translation>
    </message>
    <message>
        <source>This is no JSON, or only part of it.</source>
        <translation>JSON ではないか、その一部です。</translation>
    </message>
    <message>
        <source>This is no WAV file.</source>
        <translation>WAV ファイルではありません。</translation>
    </message>
    <message>
        <source>This is no list of what was learned about songs.</source>
        <translation>曲について覚えた一覧ではありません。</translation>
    </message>
    <message>
        <source>This is no plain file that a picture could replace.</source>
        <translation>画像で置き換えられる普通のファイルではありません。</translation>
    </message>
    <message>
        <source>This is no plain file that could be replaced.</source>
        <translation>置き換えられる普通のファイルではありません。</translation>
    </message>
    <message>
        <source>This is no text, so no beat list.</source>
        <translation>テキストではないので、拍の一覧ではありません。</translation>
    </message>
    <message>
        <source>This is no text.</source>
        <translation>テキストではありません。</translation>
    </message>
    <message>
        <source>This is no timeline of MLT.</source>
        <translation>MLT のタイムラインではありません。</translation>
    </message>
    <message>
        <source>This is no timeline of OpenTimelineIO.</source>
        <translation>OpenTimelineIO のタイムラインではありません。</translation>
    </message>
    <message>
        <source>This is not a Pulse Pin project, or it was cut off.</source>
        <translation>Pulse Pin のプロジェクトではないか、途切れています。</translation>
    </message>
    <message>
        <source>This is not a Pulse Pin project.</source>
        <translation>Pulse Pin のプロジェクトではありません。</translation>
    </message>
    <message>
        <source>This is not a composition.</source>
        <translation>コンポジションではありません。</translation>
    </message>
    <message>
        <source>This is not a file of looks.</source>
        <translation>ルックのファイルではありません。</translation>
    </message>
    <message>
        <source>This is not a file that can be opened.</source>
        <translation>開けるファイルではありません。</translation>
    </message>
    <message>
        <source>This is not a sound or video file, or it is damaged at its beginning.</source>
        <translation>音声・動画ファイルではないか、始めが壊れています。</translation>
    </message>
    <message>
        <source>This is too large to be worked on.</source>
        <translation>大きすぎて扱えません。</translation>
    </message>
    <message>
        <source>This kind of film cannot be written here.</source>
        <translation>この種類の映像はここでは書けません。</translation>
    </message>
    <message>
        <source>This kind of film is not made in parts.</source>
        <translation>この種類の映像は部分に分けて作れません。</translation>
    </message>
    <message>
        <source>This marker has no timecode.</source>
        <translation>このマーカーにタイムコードがありません。</translation>
    </message>
    <message>
        <source>This part does not hold all of its frames.</source>
        <translation>この部分はすべてのフレームを持っていません。</translation>
    </message>
    <message>
        <source>This part is of another film, or of other settings.</source>
        <translation>この部分は別の映像か別の設定のものです。</translation>
    </message>
    <message>
        <source>This part is there twice.</source>
        <translation>この部分が 2 つあります。</translation>
    </message>
    <message>
        <source>This part of the film cannot be copied by itself.</source>
        <translation>映像のこの部分は単独でコピーできません。</translation>
    </message>
    <message>
        <source>This picture could not be decoded: it is damaged, or has more than 134 million pixels.</source>
        <translation>この画像を復号できません:壊れているか、1 億 3400 万ピクセルを超えます。</translation>
    </message>
    <message>
        <source>This picture has %1 million pixels, which are too many.</source>
        <translation>この画像は %1 百万ピクセルで、多すぎます。</translation>
    </message>
    <message>
        <source>This planting does not know its picker.</source>
        <translation>この配置は選び方を持っていません。</translation>
    </message>
    <message>
        <source>This project holds what Pulse Pin does not know: </source>
        <translation>このプロジェクトには Pulse Pin の知らないものがあります: </translation>
    </message>
    <message>
        <source>This project was saved by a newer Pulse Pin.</source>
        <translation>このプロジェクトは新しい Pulse Pin で保存されました。</translation>
    </message>
    <message>
        <source>This project was saved by a newer Pulse Pin: </source>
        <translation>このプロジェクトは新しい Pulse Pin で保存されました: </translation>
    </message>
    <message>
        <source>This speed belongs to no event.</source>
        <translation>この速さはどのイベントのものでもありません。</translation>
    </message>
    <message>
        <source>This table is empty.</source>
        <translation>この表は空です。</translation>
    </message>
    <message>
        <source>This timeline has no tracks.</source>
        <translation>このタイムラインにトラックがありません。</translation>
    </message>
    <message>
        <source>This times that lane</source>
        <translation>このレーン掛けるあのレーン</translation>
    </message>
    <message>
        <source>Those markers are no longer there.</source>
        <translation>そのマーカーはもうありません。</translation>
    </message>
    <message>
        <source>Those pulses no longer overlap.</source>
        <translation>そのパルスはもう重なりません。</translation>
    </message>
    <message>
        <source>Those that can end in: %1.</source>
        <translation>できるものの終わり:%1。</translation>
    </message>
    <message>
        <source>Three kites, one by one</source>
        <translation>三つの凧、一つずつ</translation>
    </message>
    <message>
        <source>Threshold</source>
        <translation>しきい値</translation>
    </message>
    <message>
        <source>Through the keys of this lane: double click adds one, drag moves it</source>
        <translation>このレーンのキーを通る:ダブルクリックで追加、ドラッグで移動</translation>
    </message>
    <message>
        <source>Time since the last pin</source>
        <translation>最後のピンからの時間</translation>
    </message>
    <message>
        <source>Timed Text (TTML)</source>
        <translation>Timed Text(TTML)</translation>
    </message>
    <message>
        <source>Timeline</source>
        <translation>タイムライン</translation>
    </message>
    <message>
        <source>Timeline (MLT XML)</source>
        <translation>タイムライン(MLT XML)</translation>
    </message>
    <message>
        <source>Timeline (OpenTimelineIO)</source>
        <translation>タイムライン(OpenTimelineIO)</translation>
    </message>
    <message>
        <source>Times are in seconds.</source>
        <translation>時間は秒です。</translation>
    </message>
    <message>
        <source>Times with the number in the bar, as annotated beats are common</source>
        <translation>小節内の番号付きの時間(注釈付き拍の慣例)</translation>
    </message>
    <message>
        <source>Tint</source>
        <translation>着色</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>タイトル</translation>
    </message>
    <message>
        <source>Title that flies in and breathes</source>
        <translation>飛び込んで息づくタイトル</translation>
    </message>
    <message>
        <source>Toms</source>
        <translation>タム</translation>
    </message>
    <message>
        <source>Tops of %1</source>
        <translation>%1 の頂点</translation>
    </message>
    <message>
        <source>Track</source>
        <translation>トラック</translation>
    </message>
    <message>
        <source>Transition</source>
        <translation>トランジション</translation>
    </message>
    <message>
        <source>Triggers</source>
        <translation>トリガー</translation>
    </message>
    <message>
        <source>Triggers as a table</source>
        <translation>トリガーの表</translation>
    </message>
    <message>
        <source>True peak of what is heard (EBU R 128: -1 dBTP)</source>
        <translation>聴こえる音のトゥルーピーク(EBU R 128:-1 dBTP)</translation>
    </message>
    <message>
        <source>Turn on the bar</source>
        <translation>小節で回転</translation>
    </message>
    <message>
        <source>Two beats at %1 s are only %2 ms apart.</source>
        <translation>%1 秒の 2 拍がわずか %2 ms です。</translation>
    </message>
    <message>
        <source>Two lamps or two groups change places.</source>
        <translation>2 つのランプまたはグループが入れ替わります。</translation>
    </message>
    <message>
        <source>Two lanes say what one property is: one of them is seen in vain</source>
        <translation>2 つのレーンが一つの属性を決めています:片方は見えません</translation>
    </message>
    <message>
        <source>Two markers on one frame have different names: chapters and lists show one</source>
        <translation>同じフレームの 2 つのマーカーの名前が違います:チャプターや一覧には片方だけ</translation>
    </message>
    <message>
        <source>Two sounds of different sample rates cannot be laid over each other.</source>
        <translation>サンプルレートの違う 2 つの音は重ねられません。</translation>
    </message>
    <message>
        <source>Umask:</source>
        <translation>Umask:</translation>
    </message>
    <message>
        <source>Undo the last step, or correct what is named here.</source>
        <translation>最後の段を取り消すか、ここに挙げたものを直してください。</translation>
    </message>
    <message>
        <source>Ungroup some of them.</source>
        <translation>いくつかのグループを解いてください。</translation>
    </message>
    <message>
        <source>Universes go from %1 to %2.</source>
        <translation>ユニバースは %1〜%2 です。</translation>
    </message>
    <message>
        <source>Universes go from 1 to 63999.</source>
        <translation>ユニバースは 1〜63999 です。</translation>
    </message>
    <message>
        <source>Unlock it first.</source>
        <translation>先にロックを解いてください。</translation>
    </message>
    <message>
        <source>Unlock it, or its lane, first.</source>
        <translation>先にそれかレーンのロックを解いてください。</translation>
    </message>
    <message>
        <source>Unlock one of them first.</source>
        <translation>先に一つロックを解いてください。</translation>
    </message>
    <message>
        <source>Unlock the lane first.</source>
        <translation>先にレーンのロックを解いてください。</translation>
    </message>
    <message>
        <source>Unlock them first.</source>
        <translation>先にロックを解いてください。</translation>
    </message>
    <message>
        <source>Unmute the lane, or wait until its curve is there.</source>
        <translation>レーンのミュートを解くか、カーブができるまで待ってください。</translation>
    </message>
    <message>
        <source>Unpack it, and open the file in it that ends in .pulsepin.</source>
        <translation>展開して、中の .pulsepin で終わるファイルを開いてください。</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>無題</translation>
    </message>
    <message>
        <source>Up to the strength of each onset, then down again</source>
        <translation>各オンセットの強さまで上がり、また下がる</translation>
    </message>
    <message>
        <source>Update Pulse Pin to open it.</source>
        <translation>開くには Pulse Pin を更新してください。</translation>
    </message>
    <message>
        <source>Upright</source>
        <translation>縦</translation>
    </message>
    <message>
        <source>Upright lyric card</source>
        <translation>縦の歌詞カード</translation>
    </message>
    <message>
        <source>Use a smaller piece.</source>
        <translation>小さい作品にしてください。</translation>
    </message>
    <message>
        <source>VP9, Opus</source>
        <translation>VP9、Opus</translation>
    </message>
    <message>
        <source>Values of each frame</source>
        <translation>フレームごとの値</translation>
    </message>
    <message>
        <source>Vignette</source>
        <translation>ビネット</translation>
    </message>
    <message>
        <source>WCAG 2.2</source>
        <translation>WCAG 2.2</translation>
    </message>
    <message>
        <source>WCAG 2.2, red as in 2.1</source>
        <translation>WCAG 2.2、赤は 2.1 と同じ</translation>
    </message>
    <message>
        <source>Warm light</source>
        <translation>暖かい光</translation>
    </message>
    <message>
        <source>Wave</source>
        <translation>波</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>波形</translation>
    </message>
    <message>
        <source>Waveform across</source>
        <translation>横切る波形</translation>
    </message>
    <message>
        <source>Web</source>
        <translation>ウェブ</translation>
    </message>
    <message>
        <source>WebVTT</source>
        <translation>WebVTT</translation>
    </message>
    <message>
        <source>What becomes of the piece's shape where the size has other proportions</source>
        <translation>縦横比が違うときの作品の形</translation>
    </message>
    <message>
        <source>What flashes is the whole picture.</source>
        <translation>点滅するのは映像全体です。</translation>
    </message>
    <message>
        <source>What follows the song cannot be written without it. %1</source>
        <translation>曲に追従するものは曲なしで書けません。%1</translation>
    </message>
    <message>
        <source>What is lower becomes 0</source>
        <translation>これより低ければ 0</translation>
    </message>
    <message>
        <source>What is not there is not seen or heard</source>
        <translation>ないものは見えず、聴こえません</translation>
    </message>
    <message>
        <source>What is seen farther from its beat than half a frame could have lain on a nearer frame</source>
        <translation>拍から半フレームより遠く見えるものは、より近いフレームに置けたはずです</translation>
    </message>
    <message>
        <source>What is this high becomes 1</source>
        <translation>この高さで 1</translation>
    </message>
    <message>
        <source>What is this low becomes 0</source>
        <translation>この低さで 0</translation>
    </message>
    <message>
        <source>What it turns and grows about, from its own middle</source>
        <translation>自身の中心に対する回転・拡大の中心</translation>
    </message>
    <message>
        <source>What sounds there counts again. Find the beats again now.</source>
        <translation>そこで鳴るものを再び数えます。今、拍を探し直してください。</translation>
    </message>
    <message>
        <source>What sounds there will say nothing about the beats. Find the beats again now.</source>
        <translation>そこで鳴るものは拍に影響しません。今、拍を探し直してください。</translation>
    </message>
    <message>
        <source>What stands between two keys</source>
        <translation>キーとキーの間に入るもの</translation>
    </message>
    <message>
        <source>What the period is counted in</source>
        <translation>周期の単位</translation>
    </message>
    <message>
        <source>What was computed could not be kept.</source>
        <translation>計算したものを保存できませんでした。</translation>
    </message>
    <message>
        <source>What was copied was measured otherwise.</source>
        <translation>コピーしたものは測り方が違いました。</translation>
    </message>
    <message>
        <source>What was kept of this is damaged.</source>
        <translation>保存されていたものが壊れています。</translation>
    </message>
    <message>
        <source>What was placed on onsets no longer lies on one: the grid or the row changed</source>
        <translation>オンセットに置いたものがもう載っていません:グリッドか行が変わりました</translation>
    </message>
    <message>
        <source>What was to be saved is whole in %1.</source>
        <translation>保存するはずのものは %1 にそのままあります。</translation>
    </message>
    <message>
        <source>Where in the clip</source>
        <translation>クリップ内の位置</translation>
    </message>
    <message>
        <source>Where is not said.</source>
        <translation>どこに、が言われていません。</translation>
    </message>
    <message>
        <source>Where strengths differ, the strongest</source>
        <translation>強さが違うとき、最も強いもの</translation>
    </message>
    <message>
        <source>Where strengths differ, the weakest</source>
        <translation>強さが違うとき、最も弱いもの</translation>
    </message>
    <message>
        <source>Which keys are written</source>
        <translation>どのキーを書くか</translation>
    </message>
    <message>
        <source>Which row of onsets</source>
        <translation>どのオンセットの行</translation>
    </message>
    <message>
        <source>Which shot each new cut shows</source>
        <translation>新しいカットがどのショットを見せるか</translation>
    </message>
    <message>
        <source>Which sound</source>
        <translation>どの音</translation>
    </message>
    <message>
        <source>Whichever is higher, this or that lane</source>
        <translation>高い方、このレーンかあのレーン</translation>
    </message>
    <message>
        <source>Whichever is lower, this or that lane</source>
        <translation>低い方、このレーンかあのレーン</translation>
    </message>
    <message>
        <source>Whole lines, with who says them, beside their words</source>
        <translation>語の隣に、話者付きの行全体</translation>
    </message>
    <message>
        <source>Width and height of this kind of film must be even.</source>
        <translation>この種類の映像の幅と高さは偶数にしてください。</translation>
    </message>
    <message>
        <source>Wipe</source>
        <translation>ワイプ</translation>
    </message>
    <message>
        <source>Without drop-frame numbers timecode tells less time than has passed (SMPTE ST 12-1)</source>
        <translation>ドロップフレームでないタイムコードは実時間より少なく示します(SMPTE ST 12-1)</translation>
    </message>
    <message>
        <source>Word that hits with the kick</source>
        <translation>キックで打つ語</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>語</translation>
    </message>
    <message>
        <source>Words are tapped one after the other.</source>
        <translation>語は順に叩きます。</translation>
    </message>
    <message>
        <source>Words as Advanced SubStation Alpha</source>
        <translation>語を Advanced SubStation Alpha で</translation>
    </message>
    <message>
        <source>Words as SubRip</source>
        <translation>語を SubRip で</translation>
    </message>
    <message>
        <source>Words as WebVTT</source>
        <translation>語を WebVTT で</translation>
    </message>
    <message>
        <source>Words as a table</source>
        <translation>語の表</translation>
    </message>
    <message>
        <source>Words as lines with times</source>
        <translation>語を時間付きの行で</translation>
    </message>
    <message>
        <source>Words as timed text</source>
        <translation>語を Timed Text で</translation>
    </message>
    <message>
        <source>Write 13.3 (bar and beat), 0:26.96, 26.96 s, 647 f or 00:00:26:23.</source>
        <translation>13.3(小節と拍)、0:26.96、26.96 s、647 f、00:00:26:23 のように書いてください。</translation>
    </message>
    <message>
        <source>Write a column of x and one of y, or draw a circle for each lamp.</source>
        <translation>x の列と y の列を書くか、ランプごとに円を描いてください。</translation>
    </message>
    <message>
        <source>Write a later end.</source>
        <translation>より後の終わりを書いてください。</translation>
    </message>
    <message>
        <source>Write bar.beat, for instance 5.1.</source>
        <translation>小節.拍を、たとえば 5.1 のように書いてください。</translation>
    </message>
    <message>
        <source>Write beats as 1 0.5 0.25.</source>
        <translation>拍を 1 0.5 0.25 のように書いてください。</translation>
    </message>
    <message>
        <source>Write hours:minutes:seconds:frames.</source>
        <translation>時:分:秒:フレームで書いてください。</translation>
    </message>
    <message>
        <source>Write it again with the program that made it.</source>
        <translation>作ったプログラムでもう一度書いてください。</translation>
    </message>
    <message>
        <source>Write it again, up to the end of the song only.</source>
        <translation>曲の終わりまでだけ、もう一度書いてください。</translation>
    </message>
    <message>
        <source>Write it as .wav.</source>
        <translation>.wav で書いてください。</translation>
    </message>
    <message>
        <source>Write it as 01:00:00:00.</source>
        <translation>01:00:00:00 のように書いてください。</translation>
    </message>
    <message>
        <source>Write it as 25 or as 30000/1001.</source>
        <translation>25 または 30000/1001 のように書いてください。</translation>
    </message>
    <message>
        <source>Write it as 3/4 or as 3.</source>
        <translation>3/4 または 3 のように書いてください。</translation>
    </message>
    <message>
        <source>Write it as in 110 or 0.5.</source>
        <translation>110 または 0.5 のように書いてください。</translation>
    </message>
    <message>
        <source>Write it as in 1920x1080.</source>
        <translation>1920x1080 のように書いてください。</translation>
    </message>
    <message>
        <source>Write it in numbers, as in 192.168.1.40, or multicast.</source>
        <translation>192.168.1.40 のように数で、または multicast と書いてください。</translation>
    </message>
    <message>
        <source>Write it in numbers, as in 192.168.1.40.</source>
        <translation>192.168.1.40 のように数で書いてください。</translation>
    </message>
    <message>
        <source>Write it once more.</source>
        <translation>もう一度書いてください。</translation>
    </message>
    <message>
        <source>Write lengths as 4 8 8. 16 8t 4+8 r4.</source>
        <translation>長さを 4 8 8. 16 8t 4+8 r4 のように書いてください。</translation>
    </message>
    <message>
        <source>Write them once more.</source>
        <translation>もう一度書いてください。</translation>
    </message>
    <message>
        <source>Write where each lamp lies: to the right, down.</source>
        <translation>各ランプの位置を書いてください:右へ、下へ。</translation>
    </message>
    <message>
        <source>Zoom blur</source>
        <translation>ズームぼかし</translation>
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
        <translation>小節</translation>
    </message>
    <message>
        <source>a clip of the bin, below the plan</source>
        <translation>配置図の下に置くビンのクリップ</translation>
    </message>
    <message>
        <source>a colour as #rrggbb</source>
        <translation>#rrggbb の色</translation>
    </message>
    <message>
        <source>a curve through its points instead of straight stretches</source>
        <translation>直線の代わりに点を通る曲線</translation>
    </message>
    <message>
        <source>a filled block</source>
        <translation>塗った四角</translation>
    </message>
    <message>
        <source>a grid</source>
        <translation>格子</translation>
    </message>
    <message>
        <source>a group of fields</source>
        <translation>項目の組</translation>
    </message>
    <message>
        <source>a group of the plan, by its name; empty: all lamps</source>
        <translation>配置図のグループの名前。空なら全ランプ</translation>
    </message>
    <message>
        <source>a handful of sparks flies up with each kick</source>
        <translation>キックごとに火花が一握り飛びます</translation>
    </message>
    <message>
        <source>a lane that is gone</source>
        <translation>もうないレーン</translation>
    </message>
    <message>
        <source>a lane with a curve, by its name; empty: by nothing</source>
        <translation>カーブのあるレーンの名前。空なら何も</translation>
    </message>
    <message>
        <source>a length as &quot;4 frames&quot;</source>
        <translation>「4 frames」のような長さ</translation>
    </message>
    <message>
        <source>a line at least: 20 at 24 a second (common practice)</source>
        <translation>1 行の最短:毎秒 24 で 20(慣例)</translation>
    </message>
    <message>
        <source>a line of words</source>
        <translation>語の行</translation>
    </message>
    <message>
        <source>a list</source>
        <translation>一覧</translation>
    </message>
    <message>
        <source>a message where each pin begins and ends, and how far each curve is</source>
        <translation>各ピンの始まりと終わり、各カーブの値のメッセージ</translation>
    </message>
    <message>
        <source>a name in the lower left corner that slides in and out</source>
        <translation>左下で滑り込み滑り去る名前</translation>
    </message>
    <message>
        <source>a note for each pin, from a port of ALSA's sequencer</source>
        <translation>ALSA シーケンサーのポートから、ピンごとに音符</translation>
    </message>
    <message>
        <source>a number or a name</source>
        <translation>番号か名前</translation>
    </message>
    <message>
        <source>a pattern over %1 %2</source>
        <translation>%1 %2 のパターン</translation>
    </message>
    <message>
        <source>a pause is</source>
        <translation>休みは</translation>
    </message>
    <message>
        <source>a picture that fills the frame and grows slowly</source>
        <translation>画面を満たしゆっくり大きくなる画像</translation>
    </message>
    <message>
        <source>a picture that opens from its middle</source>
        <translation>中央から開く画像</translation>
    </message>
    <message>
        <source>a picture without its background, over rays of colour</source>
        <translation>背景を抜いた画像を、色の光線の上に</translation>
    </message>
    <message>
        <source>a pulse that is shortened keeps as many, as long as they fit</source>
        <translation>縮めたパルスは入る間これだけ保ちます</translation>
    </message>
    <message>
        <source>a ring</source>
        <translation>輪</translation>
    </message>
    <message>
        <source>a ring that opens and fades with each beat</source>
        <translation>拍ごとに開いて消える輪</translation>
    </message>
    <message>
        <source>a row</source>
        <translation>列</translation>
    </message>
    <message>
        <source>a run begins anew when it is over</source>
        <translation>終わると最初から</translation>
    </message>
    <message>
        <source>a second</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>a shape more with each bar, all gone at the end</source>
        <translation>小節ごとに形が増え、最後に全部消えます</translation>
    </message>
    <message>
        <source>a small picture that drops in and sways</source>
        <translation>落ちて揺れる小さい画像</translation>
    </message>
    <message>
        <source>a table of x and y, or an SVG drawing: a lamp at each point</source>
        <translation>x と y の表、または SVG の図:点ごとにランプ</translation>
    </message>
    <message>
        <source>a way from 0 to 1 as &quot;sine-out&quot;</source>
        <translation>「sine-out」のような 0 から 1 への道</translation>
    </message>
    <message>
        <source>a word that is larger with each kick</source>
        <translation>キックごとに大きくなる語</translation>
    </message>
    <message>
        <source>about %1 fps</source>
        <translation>約 %1 fps</translation>
    </message>
    <message>
        <source>aconnect -o lists the ports.</source>
        <translation>aconnect -o でポートが見られます。</translation>
    </message>
    <message>
        <source>add</source>
        <translation>加算</translation>
    </message>
    <message>
        <source>add beat</source>
        <translation>拍を追加</translation>
    </message>
    <message>
        <source>add effect</source>
        <translation>エフェクトを追加</translation>
    </message>
    <message>
        <source>add lamps</source>
        <translation>ランプを追加</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>レーンを追加</translation>
    </message>
    <message>
        <source>add layer</source>
        <translation>レイヤーを追加</translation>
    </message>
    <message>
        <source>add marker on the shot</source>
        <translation>ショットにマーカーを追加</translation>
    </message>
    <message>
        <source>added to it</source>
        <translation>それに加算</translation>
    </message>
    <message>
        <source>adds what &quot;%1&quot; says to what is there</source>
        <translation>「%1」の内容を今あるものに加えます</translation>
    </message>
    <message>
        <source>again</source>
        <translation>繰り返し</translation>
    </message>
    <message>
        <source>again and again</source>
        <translation>何度も</translation>
    </message>
    <message>
        <source>air</source>
        <translation>空気</translation>
    </message>
    <message>
        <source>all</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>all %1 keys are %2</source>
        <translation>全 %1 キーは %2</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>全ランプ</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>all that is heard</source>
        <translation>聴こえる全部</translation>
    </message>
    <message>
        <source>all the way</source>
        <translation>ずっと</translation>
    </message>
    <message>
        <source>along</source>
        <translation>沿って</translation>
    </message>
    <message>
        <source>along a drawn line</source>
        <translation>描いた線に沿って</translation>
    </message>
    <message>
        <source>amber</source>
        <translation>琥珀</translation>
    </message>
    <message>
        <source>an address in numbers; 127.0.0.1 is this computer, multicast whoever listens</source>
        <translation>数のアドレス。127.0.0.1 はこのコンピューター、multicast は聴く全員</translation>
    </message>
    <message>
        <source>an arc</source>
        <translation>弧</translation>
    </message>
    <message>
        <source>an area behind the words</source>
        <translation>語の後ろの面</translation>
    </message>
    <message>
        <source>and down</source>
        <translation>そして下へ</translation>
    </message>
    <message>
        <source>another light of &quot;%1&quot; lights it meanwhile</source>
        <translation>その間「%1」の別の光が照らします</translation>
    </message>
    <message>
        <source>another number, another chance</source>
        <translation>数を変えると結果が変わる</translation>
    </message>
    <message>
        <source>another number, another order</source>
        <translation>数を変えると順が変わる</translation>
    </message>
    <message>
        <source>apart (beats)</source>
        <translation>間隔(拍)</translation>
    </message>
    <message>
        <source>apart (frames)</source>
        <translation>間隔(フレーム)</translation>
    </message>
    <message>
        <source>apart (ms)</source>
        <translation>間隔(ms)</translation>
    </message>
    <message>
        <source>appearance</source>
        <translation>現れ方</translation>
    </message>
    <message>
        <source>appearances</source>
        <translation>現れ方</translation>
    </message>
    <message>
        <source>around a circle</source>
        <translation>円の周り</translation>
    </message>
    <message>
        <source>around a point</source>
        <translation>点の周り</translation>
    </message>
    <message>
        <source>around the words</source>
        <translation>語の周り</translation>
    </message>
    <message>
        <source>arrives on</source>
        <translation>着く所</translation>
    </message>
    <message>
        <source>as is usual</source>
        <translation>通常どおり</translation>
    </message>
    <message>
        <source>as is usual, unless told</source>
        <translation>指定がなければ通常どおり</translation>
    </message>
    <message>
        <source>as it looks</source>
        <translation>見た目</translation>
    </message>
    <message>
        <source>as long as its word</source>
        <translation>語の長さだけ</translation>
    </message>
    <message>
        <source>as many as the spectrum has bands, while it has</source>
        <translation>スペクトルの帯域の数だけ(ある間)</translation>
    </message>
    <message>
        <source>as strong as the onset</source>
        <translation>オンセットの強さ</translation>
    </message>
    <message>
        <source>as the words do</source>
        <translation>語と同じく</translation>
    </message>
    <message>
        <source>as they are, with easings</source>
        <translation>そのまま、イージング付き</translation>
    </message>
    <message>
        <source>as this piece</source>
        <translation>この作品と同じ</translation>
    </message>
    <message>
        <source>ass ssa</source>
        <translation>ass ssa</translation>
    </message>
    <message>
        <source>at</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>at 100 %</source>
        <translation>100 % で</translation>
    </message>
    <message>
        <source>at 100 %, to either side</source>
        <translation>100 % で左右に</translation>
    </message>
    <message>
        <source>at 24</source>
        <translation>24 fps</translation>
    </message>
    <message>
        <source>at 25</source>
        <translation>25 fps</translation>
    </message>
    <message>
        <source>at 30</source>
        <translation>30 fps</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>最短</translation>
    </message>
    <message>
        <source>at least %1 beats apart</source>
        <translation>%1 拍以上離す</translation>
    </message>
    <message>
        <source>at least %1 frames apart</source>
        <translation>%1 フレーム以上離す</translation>
    </message>
    <message>
        <source>at least %1 ms apart</source>
        <translation>%1 ms 以上離す</translation>
    </message>
    <message>
        <source>at once</source>
        <translation>一度に</translation>
    </message>
    <message>
        <source>at random</source>
        <translation>ランダム</translation>
    </message>
    <message>
        <source>at random by weight</source>
        <translation>重み付きランダム</translation>
    </message>
    <message>
        <source>at random, none twice</source>
        <translation>ランダム、続けて同じにしない</translation>
    </message>
    <message>
        <source>at the peak</source>
        <translation>頂点で</translation>
    </message>
    <message>
        <source>attack</source>
        <translation>立上り</translation>
    </message>
    <message>
        <source>back in</source>
        <translation>バック・入り</translation>
    </message>
    <message>
        <source>back in and out</source>
        <translation>バック・入りと抜け</translation>
    </message>
    <message>
        <source>back out</source>
        <translation>バック・抜け</translation>
    </message>
    <message>
        <source>background box</source>
        <translation>背景の箱</translation>
    </message>
    <message>
        <source>background box colour</source>
        <translation>箱の色</translation>
    </message>
    <message>
        <source>background box corners</source>
        <translation>箱の角</translation>
    </message>
    <message>
        <source>background box margin</source>
        <translation>箱の余白</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>逆に</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>棒</translation>
    </message>
    <message>
        <source>bar and beat</source>
        <translation>小節と拍</translation>
    </message>
    <message>
        <source>bar, beat</source>
        <translation>小節、拍</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>小節</translation>
    </message>
    <message>
        <source>bars a line</source>
        <translation>1 行の小節数</translation>
    </message>
    <message>
        <source>bars along the lower edge, each as loud as its part of the sound</source>
        <translation>下端のバー、それぞれ音の部分の大きさ</translation>
    </message>
    <message>
        <source>bars around the middle of the picture</source>
        <translation>映像の中央を囲むバー</translation>
    </message>
    <message>
        <source>base value</source>
        <translation>基準値</translation>
    </message>
    <message>
        <source>bass</source>
        <translation>ベース</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>beats are rounded</source>
        <translation>拍の丸め</translation>
    </message>
    <message>
        <source>beats in a bar</source>
        <translation>1 小節の拍数</translation>
    </message>
    <message>
        <source>begin with the first shot</source>
        <translation>最初のショットから始める</translation>
    </message>
    <message>
        <source>begins %1 s %2 in &quot;%3&quot;</source>
        <translation>「%3」で %1 秒%2に始まる</translation>
    </message>
    <message>
        <source>begins at</source>
        <translation>始まり</translation>
    </message>
    <message>
        <source>below 0 it pinches</source>
        <translation>0 未満ではつまむ</translation>
    </message>
    <message>
        <source>between columns</source>
        <translation>列の間</translation>
    </message>
    <message>
        <source>black and white</source>
        <translation>白黒</translation>
    </message>
    <message>
        <source>black from</source>
        <translation>黒の始まり</translation>
    </message>
    <message>
        <source>blinks</source>
        <translation>まばたき</translation>
    </message>
    <message>
        <source>blur</source>
        <translation>ぼかし</translation>
    </message>
    <message>
        <source>blurred, and sharp again</source>
        <translation>ぼけて、また鮮明に</translation>
    </message>
    <message>
        <source>born at once at each pin of a lane of pulses that drives it</source>
        <translation>動かすパルスのレーンのピンごとに一度に生まれる</translation>
    </message>
    <message>
        <source>born down</source>
        <translation>下に生まれる</translation>
    </message>
    <message>
        <source>both</source>
        <translation>両方</translation>
    </message>
    <message>
        <source>both sides</source>
        <translation>両側</translation>
    </message>
    <message>
        <source>bounce in</source>
        <translation>バウンス・入り</translation>
    </message>
    <message>
        <source>bounce in and out</source>
        <translation>バウンス・入りと抜け</translation>
    </message>
    <message>
        <source>bounce out</source>
        <translation>バウンス・抜け</translation>
    </message>
    <message>
        <source>breath</source>
        <translation>息</translation>
    </message>
    <message>
        <source>breathes</source>
        <translation>息づく</translation>
    </message>
    <message>
        <source>brick</source>
        <translation>レンガ</translation>
    </message>
    <message>
        <source>brightness</source>
        <translation>明るさ</translation>
    </message>
    <message>
        <source>brush</source>
        <translation>ブラシ</translation>
    </message>
    <message>
        <source>bulge</source>
        <translation>膨らみ</translation>
    </message>
    <message>
        <source>bulge size</source>
        <translation>膨らみの大きさ</translation>
    </message>
    <message>
        <source>bulge x</source>
        <translation>膨らみ x</translation>
    </message>
    <message>
        <source>bulge y</source>
        <translation>膨らみ y</translation>
    </message>
    <message>
        <source>burst</source>
        <translation>噴出</translation>
    </message>
    <message>
        <source>bursts start as much earlier as they take to rise: speed by gravity</source>
        <translation>噴出は上がるのにかかる分早く始まる:速さ ÷ 重力</translation>
    </message>
    <message>
        <source>by</source>
        <translation>量</translation>
    </message>
    <message>
        <source>by turns</source>
        <translation>交互に</translation>
    </message>
    <message>
        <source>calm: one in</source>
        <translation>静かな所:何小節に 1</translation>
    </message>
    <message>
        <source>cameras: the same moment</source>
        <translation>カメラ:同じ瞬間</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>乱数</translation>
    </message>
    <message>
        <source>change</source>
        <translation>変更</translation>
    </message>
    <message>
        <source>change end</source>
        <translation>終わりを変更</translation>
    </message>
    <message>
        <source>change frame rate</source>
        <translation>フレームレートを変更</translation>
    </message>
    <message>
        <source>change how it appears</source>
        <translation>現れ方を変更</translation>
    </message>
    <message>
        <source>change lamps</source>
        <translation>ランプを変更</translation>
    </message>
    <message>
        <source>change metre</source>
        <translation>拍子を変更</translation>
    </message>
    <message>
        <source>change of pitch or level</source>
        <translation>音程か音量の変化</translation>
    </message>
    <message>
        <source>change output</source>
        <translation>出力を変更</translation>
    </message>
    <message>
        <source>change picture size</source>
        <translation>映像の大きさを変更</translation>
    </message>
    <message>
        <source>change pins</source>
        <translation>ピンを変更</translation>
    </message>
    <message>
        <source>change pulse</source>
        <translation>パルスを変更</translation>
    </message>
    <message>
        <source>change rounding</source>
        <translation>丸めを変更</translation>
    </message>
    <message>
        <source>change tempo</source>
        <translation>テンポを変更</translation>
    </message>
    <message>
        <source>change tempo ratio</source>
        <translation>テンポの比を変更</translation>
    </message>
    <message>
        <source>change value of layer</source>
        <translation>レイヤーの値を変更</translation>
    </message>
    <message>
        <source>change where beats are looked for</source>
        <translation>拍を探す所を変更</translation>
    </message>
    <message>
        <source>channel</source>
        <translation>チャンネル</translation>
    </message>
    <message>
        <source>channel %1, velocity %2</source>
        <translation>チャンネル %1、ベロシティ %2</translation>
    </message>
    <message>
        <source>chapters are</source>
        <translation>チャプターは</translation>
    </message>
    <message>
        <source>characters per second</source>
        <translation>毎秒の文字数</translation>
    </message>
    <message>
        <source>characters per second that can be read</source>
        <translation>読める毎秒の文字数</translation>
    </message>
    <message>
        <source>choose a lane to follow</source>
        <translation>追従するレーンを選ぶ</translation>
    </message>
    <message>
        <source>choose what is driven</source>
        <translation>動かすものを選ぶ</translation>
    </message>
    <message>
        <source>chord</source>
        <translation>和音</translation>
    </message>
    <message>
        <source>chords</source>
        <translation>和音</translation>
    </message>
    <message>
        <source>circular in</source>
        <translation>円・入り</translation>
    </message>
    <message>
        <source>circular in and out</source>
        <translation>円・入りと抜け</translation>
    </message>
    <message>
        <source>circular out</source>
        <translation>円・抜け</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>クリップ</translation>
    </message>
    <message>
        <source>clip cannot be decoded</source>
        <translation>復号できないクリップ</translation>
    </message>
    <message>
        <source>clip stored lying</source>
        <translation>横向きに保存されたクリップ</translation>
    </message>
    <message>
        <source>clock time</source>
        <translation>時刻</translation>
    </message>
    <message>
        <source>closes</source>
        <translation>閉じる</translation>
    </message>
    <message>
        <source>closes below</source>
        <translation>これより下で閉じる</translation>
    </message>
    <message>
        <source>coded as one; else as its parts would be, byte for byte, and larger</source>
        <translation>一つに符号化。なしでは部分をつないだものとバイト単位で同じで大きい</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>colour %1</source>
        <translation>色 %1</translation>
    </message>
    <message>
        <source>colour at the end</source>
        <translation>終わりの色</translation>
    </message>
    <message>
        <source>colour key</source>
        <translation>カラーキー</translation>
    </message>
    <message>
        <source>colour of the last</source>
        <translation>最後の色</translation>
    </message>
    <message>
        <source>column</source>
        <translation>列</translation>
    </message>
    <message>
        <source>columns</source>
        <translation>列</translation>
    </message>
    <message>
        <source>combines by</source>
        <translation>合わせ方</translation>
    </message>
    <message>
        <source>comes and stays</source>
        <translation>来て残る</translation>
    </message>
    <message>
        <source>comes-length</source>
        <translation>comes-length</translation>
    </message>
    <message>
        <source>comma</source>
        <translation>コンマ</translation>
    </message>
    <message>
        <source>concatf</source>
        <translation>concatf</translation>
    </message>
    <message>
        <source>contrast</source>
        <translation>コントラスト</translation>
    </message>
    <message>
        <source>copies of bar %1%2</source>
        <translation>%1 小節の複製%2</translation>
    </message>
    <message>
        <source>copy what it drives</source>
        <translation>動かすものを複製</translation>
    </message>
    <message>
        <source>corners</source>
        <translation>角</translation>
    </message>
    <message>
        <source>corners of bars</source>
        <translation>バーの角</translation>
    </message>
    <message>
        <source>counted from where each appearance of the layer begins</source>
        <translation>レイヤーが現れる始まりから数える</translation>
    </message>
    <message>
        <source>counted in</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>csv tsv txt</source>
        <translation>csv tsv txt</translation>
    </message>
    <message>
        <source>cubic in</source>
        <translation>三次・入り</translation>
    </message>
    <message>
        <source>cubic in and out</source>
        <translation>三次・入りと抜け</translation>
    </message>
    <message>
        <source>cubic out</source>
        <translation>三次・抜け</translation>
    </message>
    <message>
        <source>curve</source>
        <translation>カーブ</translation>
    </message>
    <message>
        <source>curve is flat</source>
        <translation>カーブが平ら</translation>
    </message>
    <message>
        <source>curve key</source>
        <translation>カーブのキー</translation>
    </message>
    <message>
        <source>curve keys</source>
        <translation>カーブのキー</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>cut inwards</source>
        <translation>内側を切る</translation>
    </message>
    <message>
        <source>cut on </source>
        <translation>カット: </translation>
    </message>
    <message>
        <source>cut to camera</source>
        <translation>カメラへカット</translation>
    </message>
    <message>
        <source>cuts</source>
        <translation>カット</translation>
    </message>
    <message>
        <source>dBTP</source>
        <translation>dBTP</translation>
    </message>
    <message>
        <source>dark at the start</source>
        <translation>始めは暗転</translation>
    </message>
    <message>
        <source>darken</source>
        <translation>比較(暗)</translation>
    </message>
    <message>
        <source>dash</source>
        <translation>ダッシュ</translation>
    </message>
    <message>
        <source>decimals</source>
        <translation>小数</translation>
    </message>
    <message>
        <source>delete beat</source>
        <translation>拍を削除</translation>
    </message>
    <message>
        <source>delete lamps</source>
        <translation>ランプを削除</translation>
    </message>
    <message>
        <source>delete lane</source>
        <translation>レーンを削除</translation>
    </message>
    <message>
        <source>delete pins</source>
        <translation>ピンを削除</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>差</translation>
    </message>
    <message>
        <source>dimmer</source>
        <translation>調光</translation>
    </message>
    <message>
        <source>direction</source>
        <translation>方向</translation>
    </message>
    <message>
        <source>directional blur</source>
        <translation>方向ぼかし</translation>
    </message>
    <message>
        <source>disc</source>
        <translation>円</translation>
    </message>
    <message>
        <source>do what was said</source>
        <translation>言ったことを実行</translation>
    </message>
    <message>
        <source>docs/parameters.md names them all.</source>
        <translation>すべての名前は docs/parameters.md にあります。</translation>
    </message>
    <message>
        <source>down</source>
        <translation>下り</translation>
    </message>
    <message>
        <source>down by</source>
        <translation>下へ</translation>
    </message>
    <message>
        <source>downbeats</source>
        <translation>1 拍目</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>抵抗</translation>
    </message>
    <message>
        <source>draw-on</source>
        <translation>描画</translation>
    </message>
    <message>
        <source>drawing</source>
        <translation>作画</translation>
    </message>
    <message>
        <source>drawings</source>
        <translation>作画</translation>
    </message>
    <message>
        <source>drawings that are pictures of their own</source>
        <translation>独自の画像である作画</translation>
    </message>
    <message>
        <source>drawn to both sides of its line</source>
        <translation>線の両側に描く</translation>
    </message>
    <message>
        <source>drive lamps</source>
        <translation>ランプを動かす</translation>
    </message>
    <message>
        <source>drive one more value</source>
        <translation>値をもう一つ動かす</translation>
    </message>
    <message>
        <source>driven by</source>
        <translation>動かすレーン</translation>
    </message>
    <message>
        <source>drop shadow</source>
        <translation>ドロップシャドウ</translation>
    </message>
    <message>
        <source>duplicate lane</source>
        <translation>レーンを複製</translation>
    </message>
    <message>
        <source>duplicate layer</source>
        <translation>レイヤーを複製</translation>
    </message>
    <message>
        <source>e</source>
        <translation>e</translation>
    </message>
    <message>
        <source>each after</source>
        <translation>次との間</translation>
    </message>
    <message>
        <source>each channel is followed by one for its 256ths</source>
        <translation>各チャンネルの次に 1/256 用のチャンネル</translation>
    </message>
    <message>
        <source>each frame</source>
        <translation>フレームごと</translation>
    </message>
    <message>
        <source>each lies</source>
        <translation>各位置</translation>
    </message>
    <message>
        <source>each line as</source>
        <translation>各行を</translation>
    </message>
    <message>
        <source>each picture is shown as it was at its first moment</source>
        <translation>各画を最初の瞬間のまま表示します</translation>
    </message>
    <message>
        <source>each sends</source>
        <translation>送る内容</translation>
    </message>
    <message>
        <source>early by</source>
        <translation>早める量</translation>
    </message>
    <message>
        <source>eased</source>
        <translation>滑らか</translation>
    </message>
    <message>
        <source>easing</source>
        <translation>イージング</translation>
    </message>
    <message>
        <source>echo</source>
        <translation>エコー</translation>
    </message>
    <message>
        <source>echo falls</source>
        <translation>エコーの減り</translation>
    </message>
    <message>
        <source>echo step</source>
        <translation>エコーの間隔</translation>
    </message>
    <message>
        <source>echoes</source>
        <translation>エコーの数</translation>
    </message>
    <message>
        <source>edge colour</source>
        <translation>縁の色</translation>
    </message>
    <message>
        <source>edge lines</source>
        <translation>輪郭線</translation>
    </message>
    <message>
        <source>edge strength</source>
        <translation>縁の強さ</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>エフェクト</translation>
    </message>
    <message>
        <source>eighths of beats</source>
        <translation>拍の 1/8</translation>
    </message>
    <message>
        <source>elastic in</source>
        <translation>弾性・入り</translation>
    </message>
    <message>
        <source>elastic in and out</source>
        <translation>弾性・入りと抜け</translation>
    </message>
    <message>
        <source>elastic out</source>
        <translation>弾性・抜け</translation>
    </message>
    <message>
        <source>emitter width</source>
        <translation>噴出口の幅</translation>
    </message>
    <message>
        <source>end</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>ends</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>equal-power</source>
        <translation>equal-power</translation>
    </message>
    <message>
        <source>every</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>%1 ごと</translation>
    </message>
    <message>
        <source>every %1 </source>
        <translation>%1 ごと </translation>
    </message>
    <message>
        <source>every %1 %2</source>
        <translation>%1 %2 ごと</translation>
    </message>
    <message>
        <source>every %1 of </source>
        <translation>%1 ごと、 </translation>
    </message>
    <message>
        <source>every one</source>
        <translation>すべて</translation>
    </message>
    <message>
        <source>every so many</source>
        <translation>いくつごと</translation>
    </message>
    <message>
        <source>everything</source>
        <translation>すべて</translation>
    </message>
    <message>
        <source>everything that starts</source>
        <translation>始まるものすべて</translation>
    </message>
    <message>
        <source>excluded</source>
        <translation>除外</translation>
    </message>
    <message>
        <source>exponential in</source>
        <translation>指数・入り</translation>
    </message>
    <message>
        <source>exponential in and out</source>
        <translation>指数・入りと抜け</translation>
    </message>
    <message>
        <source>exponential out</source>
        <translation>指数・抜け</translation>
    </message>
    <message>
        <source>exposure</source>
        <translation>露出</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>フェード</translation>
    </message>
    <message>
        <source>fades</source>
        <translation>消える</translation>
    </message>
    <message>
        <source>fades in</source>
        <translation>フェードイン</translation>
    </message>
    <message>
        <source>fall</source>
        <translation>下り</translation>
    </message>
    <message>
        <source>falling for</source>
        <translation>下りの長さ</translation>
    </message>
    <message>
        <source>falls</source>
        <translation>落ちる</translation>
    </message>
    <message>
        <source>feet of 16 mm</source>
        <translation>フィート(16 mm)</translation>
    </message>
    <message>
        <source>feet of 35 mm</source>
        <translation>フィート(35 mm)</translation>
    </message>
    <message>
        <source>file missing</source>
        <translation>ファイルなし</translation>
    </message>
    <message>
        <source>fill frame</source>
        <translation>画面を満たす</translation>
    </message>
    <message>
        <source>fill places</source>
        <translation>場所を埋める</translation>
    </message>
    <message>
        <source>fill slates</source>
        <translation>仮の所を埋める</translation>
    </message>
    <message>
        <source>fill, cut off</source>
        <translation>満たす、切り取り</translation>
    </message>
    <message>
        <source>filled</source>
        <translation>塗り</translation>
    </message>
    <message>
        <source>filled inside</source>
        <translation>内側を塗る</translation>
    </message>
    <message>
        <source>fine channels</source>
        <translation>微調整チャンネル</translation>
    </message>
    <message>
        <source>first channel</source>
        <translation>最初のチャンネル</translation>
    </message>
    <message>
        <source>fit beats</source>
        <translation>拍を合わせる</translation>
    </message>
    <message>
        <source>fit inside</source>
        <translation>中に収める</translation>
    </message>
    <message>
        <source>fixes %1 of %2</source>
        <translation>%2 のうち %1 を修正</translation>
    </message>
    <message>
        <source>flare</source>
        <translation>フレア</translation>
    </message>
    <message>
        <source>flare colour</source>
        <translation>フレアの色</translation>
    </message>
    <message>
        <source>flare size</source>
        <translation>フレアの大きさ</translation>
    </message>
    <message>
        <source>flare x</source>
        <translation>フレア x</translation>
    </message>
    <message>
        <source>flare y</source>
        <translation>フレア y</translation>
    </message>
    <message>
        <source>flash</source>
        <translation>閃光</translation>
    </message>
    <message>
        <source>flash colour</source>
        <translation>フラッシュの色</translation>
    </message>
    <message>
        <source>flashes by</source>
        <translation>点滅の基準</translation>
    </message>
    <message>
        <source>flashes too often</source>
        <translation>点滅が多すぎ</translation>
    </message>
    <message>
        <source>floats up and down</source>
        <translation>上下に漂う</translation>
    </message>
    <message>
        <source>fly in from above</source>
        <translation>上から飛び込む</translation>
    </message>
    <message>
        <source>fly in from before the picture</source>
        <translation>手前から飛び込む</translation>
    </message>
    <message>
        <source>fly in from below</source>
        <translation>下から飛び込む</translation>
    </message>
    <message>
        <source>fly in from the depth</source>
        <translation>奥から飛び込む</translation>
    </message>
    <message>
        <source>fly in from the left</source>
        <translation>左から飛び込む</translation>
    </message>
    <message>
        <source>fly in from the right</source>
        <translation>右から飛び込む</translation>
    </message>
    <message>
        <source>follow the music</source>
        <translation>音楽に追従</translation>
    </message>
    <message>
        <source>font</source>
        <translation>書体</translation>
    </message>
    <message>
        <source>font-slant</source>
        <translation>font-slant</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>フレーム %1</translation>
    </message>
    <message>
        <source>frame number</source>
        <translation>フレーム番号</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>frames %1 to %2</source>
        <translation>フレーム %1〜%2</translation>
    </message>
    <message>
        <source>frames a second</source>
        <translation>毎秒フレーム</translation>
    </message>
    <message>
        <source>frames at 24</source>
        <translation>24 のフレーム</translation>
    </message>
    <message>
        <source>frames at 25</source>
        <translation>25 のフレーム</translation>
    </message>
    <message>
        <source>frames at 30</source>
        <translation>30 のフレーム</translation>
    </message>
    <message>
        <source>frames before the beat from which on it comes</source>
        <translation>拍の何フレーム前から来るか</translation>
    </message>
    <message>
        <source>frames from each letter of a title to the next</source>
        <translation>タイトルの文字から次の文字までのフレーム</translation>
    </message>
    <message>
        <source>frames per second</source>
        <translation>毎秒フレーム数</translation>
    </message>
    <message>
        <source>framing</source>
        <translation>フレーミング</translation>
    </message>
    <message>
        <source>free around</source>
        <translation>空ける余白</translation>
    </message>
    <message>
        <source>from</source>
        <translation>から</translation>
    </message>
    <message>
        <source>from %1</source>
        <translation>%1 から</translation>
    </message>
    <message>
        <source>from %1 to %2 %3</source>
        <translation>%1〜%2 %3</translation>
    </message>
    <message>
        <source>from a lamp's turn to the next one's</source>
        <translation>ランプの番から次のランプの番まで</translation>
    </message>
    <message>
        <source>from a marker on it</source>
        <translation>上のマーカーから</translation>
    </message>
    <message>
        <source>from an in-point</source>
        <translation>イン点から</translation>
    </message>
    <message>
        <source>from bar %1</source>
        <translation>%1 小節から</translation>
    </message>
    <message>
        <source>from each echo to the one before it</source>
        <translation>エコーから前のエコーまで</translation>
    </message>
    <message>
        <source>from each line to the next</source>
        <translation>行から次の行まで</translation>
    </message>
    <message>
        <source>from each line to the next (common practice)</source>
        <translation>行から次の行まで(慣例)</translation>
    </message>
    <message>
        <source>from each line to the next; before that the line is held</source>
        <translation>行から次の行まで。その前は行を保持</translation>
    </message>
    <message>
        <source>from each place to the next, one after another: 4 8 8 2, dotted 4., triplets 8t, tied 4+8, and r4 where nothing is placed; in beats: 1 0.5 0.5 2</source>
        <translation>場所から次の場所まで順に:4 8 8 2、付点 4.、三連 8t、タイ 4+8、置かない r4。拍では 1 0.5 0.5 2</translation>
    </message>
    <message>
        <source>from each to the next</source>
        <translation>それぞれ次まで</translation>
    </message>
    <message>
        <source>from line to line</source>
        <translation>行から行へ</translation>
    </message>
    <message>
        <source>from onset</source>
        <translation>オンセットから</translation>
    </message>
    <message>
        <source>from peak to rest</source>
        <translation>頂点から元まで</translation>
    </message>
    <message>
        <source>from rest to peak</source>
        <translation>元から頂点まで</translation>
    </message>
    <message>
        <source>from the middle</source>
        <translation>中央から</translation>
    </message>
    <message>
        <source>from the one at the playhead on</source>
        <translation>再生ヘッドのものから</translation>
    </message>
    <message>
        <source>from the start of a word to that of the next, at least</source>
        <translation>語の始まりから次の語の始まりまで、最短</translation>
    </message>
    <message>
        <source>from this bar on</source>
        <translation>この小節から</translation>
    </message>
    <message>
        <source>from word to word, of their height</source>
        <translation>語から語へ(高さに対して)</translation>
    </message>
    <message>
        <source>further properties that the same curve drives</source>
        <translation>同じカーブが動かすその他の属性</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>gives %1 line%2 of the lane their time%3</source>
        <translation>レーンの %1 行%2に時間を与えます%3</translation>
    </message>
    <message>
        <source>glow</source>
        <translation>グロー</translation>
    </message>
    <message>
        <source>glow limit</source>
        <translation>グローの限界</translation>
    </message>
    <message>
        <source>glow size</source>
        <translation>グローの大きさ</translation>
    </message>
    <message>
        <source>goes-length</source>
        <translation>goes-length</translation>
    </message>
    <message>
        <source>going on where it was left</source>
        <translation>止めた所から続く</translation>
    </message>
    <message>
        <source>gradient</source>
        <translation>グラデーション</translation>
    </message>
    <message>
        <source>gradient angle</source>
        <translation>グラデーションの角度</translation>
    </message>
    <message>
        <source>gradient to</source>
        <translation>グラデーションの先</translation>
    </message>
    <message>
        <source>grain</source>
        <translation>グレイン</translation>
    </message>
    <message>
        <source>grain rate</source>
        <translation>グレインの速さ</translation>
    </message>
    <message>
        <source>grain seed</source>
        <translation>グレインのシード</translation>
    </message>
    <message>
        <source>grain size</source>
        <translation>グレインの大きさ</translation>
    </message>
    <message>
        <source>grain, a warm tint and light that leaks in</source>
        <translation>グレイン、暖かい色、漏れる光</translation>
    </message>
    <message>
        <source>grain-seed</source>
        <translation>grain-seed</translation>
    </message>
    <message>
        <source>gravity</source>
        <translation>重力</translation>
    </message>
    <message>
        <source>grid uncertain</source>
        <translation>不確かなグリッド</translation>
    </message>
    <message>
        <source>grow</source>
        <translation>大きくなる</translation>
    </message>
    <message>
        <source>half a frame</source>
        <translation>半フレーム</translation>
    </message>
    <message>
        <source>half beats</source>
        <translation>半拍</translation>
    </message>
    <message>
        <source>handles (-1: whole films)</source>
        <translation>余白(-1:動画全体)</translation>
    </message>
    <message>
        <source>harmonic part</source>
        <translation>和声の部分</translation>
    </message>
    <message>
        <source>hat</source>
        <translation>ハット</translation>
    </message>
    <message>
        <source>height</source>
        <translation>高さ</translation>
    </message>
    <message>
        <source>height of a bar</source>
        <translation>バーの高さ</translation>
    </message>
    <message>
        <source>held</source>
        <translation>一定</translation>
    </message>
    <message>
        <source>held for</source>
        <translation>保持</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>隠れている</translation>
    </message>
    <message>
        <source>hide layer</source>
        <translation>レイヤーを隠す</translation>
    </message>
    <message>
        <source>high dynamic range</source>
        <translation>ハイダイナミックレンジ</translation>
    </message>
    <message>
        <source>high frequencies</source>
        <translation>高い周波数</translation>
    </message>
    <message>
        <source>highest</source>
        <translation>最高</translation>
    </message>
    <message>
        <source>highest peak</source>
        <translation>最高の頂点</translation>
    </message>
    <message>
        <source>highlight progress</source>
        <translation>強調の進み</translation>
    </message>
    <message>
        <source>hit</source>
        <translation>打</translation>
    </message>
    <message>
        <source>hit by hand</source>
        <translation>手による打</translation>
    </message>
    <message>
        <source>hold beat</source>
        <translation>拍を保持</translation>
    </message>
    <message>
        <source>hold, then jump</source>
        <translation>保持して飛ぶ</translation>
    </message>
    <message>
        <source>holds each drawing of &quot;%1&quot; for 2 frames at least</source>
        <translation>「%1」の各作画を少なくとも 2 フレーム保持します</translation>
    </message>
    <message>
        <source>how far a wipe has opened, or how much a matte holds back</source>
        <translation>ワイプの開き、またはマットが抑える量</translation>
    </message>
    <message>
        <source>how far it goes beyond its end; 1.7 is a tenth of the way</source>
        <translation>終わりを超える量。1.7 で道のりの 1/10</translation>
    </message>
    <message>
        <source>how far it goes from the rest value to the peak value</source>
        <translation>元の値から頂点へ進む量</translation>
    </message>
    <message>
        <source>how far their light is seen around them</source>
        <translation>周りに光が見える範囲</translation>
    </message>
    <message>
        <source>how far up its first handle stands</source>
        <translation>最初のハンドルの高さ</translation>
    </message>
    <message>
        <source>how far up its second handle stands</source>
        <translation>2 番目のハンドルの高さ</translation>
    </message>
    <message>
        <source>how far what has the key's colour is taken out</source>
        <translation>キーの色を抜く量</translation>
    </message>
    <message>
        <source>how it combines with the value that is there already</source>
        <translation>すでにある値との合わせ方</translation>
    </message>
    <message>
        <source>how it goes down</source>
        <translation>下り方</translation>
    </message>
    <message>
        <source>how it goes up</source>
        <translation>上り方</translation>
    </message>
    <message>
        <source>how much</source>
        <translation>程度</translation>
    </message>
    <message>
        <source>how much larger the farthest of the pictures is that are laid over each other</source>
        <translation>重ねた最も遠い画の拡大率</translation>
    </message>
    <message>
        <source>how much later the copy acts</source>
        <translation>複製が遅れて働く量</translation>
    </message>
    <message>
        <source>how often a second another grain is seen</source>
        <translation>毎秒グレインが変わる回数</translation>
    </message>
    <message>
        <source>how often a second it wanders over the picture</source>
        <translation>毎秒映像を横切る回数</translation>
    </message>
    <message>
        <source>how round they are</source>
        <translation>丸さ</translation>
    </message>
    <message>
        <source>how strongly the frames that have been are seen</source>
        <translation>過去のフレームが見える強さ</translation>
    </message>
    <message>
        <source>how the layer gets there from the pose before</source>
        <translation>前のポーズからの動き方</translation>
    </message>
    <message>
        <source>how the value gets there from the key before</source>
        <translation>前のキーからの値の変わり方</translation>
    </message>
    <message>
        <source>how unlike the key's a colour may be and still goes, whatever its brightness</source>
        <translation>明るさを問わず、抜く色の違いの許容</translation>
    </message>
    <message>
        <source>hue</source>
        <translation>色相</translation>
    </message>
    <message>
        <source>in a line</source>
        <translation>一列に</translation>
    </message>
    <message>
        <source>in lanes, as for a prop of many lamps</source>
        <translation>レーンで(ランプの多いプロップ向け)</translation>
    </message>
    <message>
        <source>in point</source>
        <translation>イン点</translation>
    </message>
    <message>
        <source>in step by universe</source>
        <translation>ユニバースで同期</translation>
    </message>
    <message>
        <source>in the middle</source>
        <translation>中央に</translation>
    </message>
    <message>
        <source>in the order of their rows</source>
        <translation>行の順に</translation>
    </message>
    <message>
        <source>in the place of</source>
        <translation>置き換え先</translation>
    </message>
    <message>
        <source>in time</source>
        <translation>時間で</translation>
    </message>
    <message>
        <source>in turn</source>
        <translation>順番に</translation>
    </message>
    <message>
        <source>in which its frames and timecodes are counted</source>
        <translation>フレームとタイムコードを数えるもの</translation>
    </message>
    <message>
        <source>in which they are spoken</source>
        <translation>話す言語</translation>
    </message>
    <message>
        <source>in-point</source>
        <translation>イン点</translation>
    </message>
    <message>
        <source>instead</source>
        <translation>代わりに</translation>
    </message>
    <message>
        <source>interlaced</source>
        <translation>インターレース</translation>
    </message>
    <message>
        <source>inwards, over such a width, from where the picture ends or is cut out</source>
        <translation>映像の端か切り抜きから内側への幅</translation>
    </message>
    <message>
        <source>it begins to come by as much earlier as it takes, its letters included</source>
        <translation>文字も含め、かかる分だけ早く来始めます</translation>
    </message>
    <message>
        <source>it has no channel: it is seen in the plan and the film, and no real lamp hears of it</source>
        <translation>チャンネルがありません:配置図と映像には見え、実際のランプには届きません</translation>
    </message>
    <message>
        <source>it is all there on the beat, and comes as much earlier as that takes</source>
        <translation>拍で全部が見え、かかる分だけ早く来ます</translation>
    </message>
    <message>
        <source>it is not at %1</source>
        <translation>%1 にありません</translation>
    </message>
    <message>
        <source>it is stored lying, and is shown upright here</source>
        <translation>横向きに保存され、ここでは正しい向きで表示します</translation>
    </message>
    <message>
        <source>it runs backwards, and where its clip begins is not told.</source>
        <translation>逆に進み、クリップの始まりが示されません。</translation>
    </message>
    <message>
        <source>it was placed on &quot;%1&quot;</source>
        <translation>「%1」に置きました</translation>
    </message>
    <message>
        <source>it was placed on onsets</source>
        <translation>オンセットに置きました</translation>
    </message>
    <message>
        <source>italic</source>
        <translation>斜体</translation>
    </message>
    <message>
        <source>its family; one that is not installed is told and replaced</source>
        <translation>書体の名前。入っていなければ知らせて置き換えます</translation>
    </message>
    <message>
        <source>its light is mapped to standard range (Report ITU-R BT.2390)</source>
        <translation>光を標準レンジに写します(ITU-R BT.2390)</translation>
    </message>
    <message>
        <source>its lyrics</source>
        <translation>歌詞</translation>
    </message>
    <message>
        <source>its markers</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>its name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>its name, or its number in the project's file</source>
        <translation>名前、またはプロジェクトファイルでの番号</translation>
    </message>
    <message>
        <source>its number in the project's file</source>
        <translation>プロジェクトファイルでの番号</translation>
    </message>
    <message>
        <source>its own size, H.264</source>
        <translation>元の大きさ、H.264</translation>
    </message>
    <message>
        <source>its peak lies on the beat</source>
        <translation>頂点が拍に乗ります</translation>
    </message>
    <message>
        <source>its pixels are not square, and are widened here</source>
        <translation>ピクセルが正方形でないため、ここで広げます</translation>
    </message>
    <message>
        <source>jams json</source>
        <translation>jams json</translation>
    </message>
    <message>
        <source>join</source>
        <translation>つなぐ</translation>
    </message>
    <message>
        <source>kbit/s</source>
        <translation>kbit/s</translation>
    </message>
    <message>
        <source>key</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>key colour</source>
        <translation>キーの色</translation>
    </message>
    <message>
        <source>key of the drawn curve</source>
        <translation>手描きカーブのキー</translation>
    </message>
    <message>
        <source>key pose</source>
        <translation>ポーズを付ける</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>kick</source>
        <translation>キック</translation>
    </message>
    <message>
        <source>kite</source>
        <translation>凧</translation>
    </message>
    <message>
        <source>knock</source>
        <translation>ノック</translation>
    </message>
    <message>
        <source>laid out</source>
        <translation>並べた</translation>
    </message>
    <message>
        <source>lake</source>
        <translation>湖</translation>
    </message>
    <message>
        <source>lamp without a channel</source>
        <translation>チャンネルのないランプ</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>ランプ</translation>
    </message>
    <message>
        <source>lamps and groups by their names, parted by commas; empty: all</source>
        <translation>ランプとグループの名前をコンマ区切りで。空なら全部</translation>
    </message>
    <message>
        <source>lamps left dark</source>
        <translation>消えたままのランプ</translation>
    </message>
    <message>
        <source>lamps of</source>
        <translation>ランプ</translation>
    </message>
    <message>
        <source>landscape</source>
        <translation>横</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>レーン</translation>
    </message>
    <message>
        <source>lane of cuts</source>
        <translation>カットのレーン</translation>
    </message>
    <message>
        <source>lane of exposures</source>
        <translation>作画のレーン</translation>
    </message>
    <message>
        <source>lane of words or notes</source>
        <translation>語かノートのレーン</translation>
    </message>
    <message>
        <source>lanes fight over one value</source>
        <translation>一つの値を争うレーン</translation>
    </message>
    <message>
        <source>large, from the left, letter by letter</source>
        <translation>大きく、左から、一文字ずつ</translation>
    </message>
    <message>
        <source>larger by</source>
        <translation>拡大</translation>
    </message>
    <message>
        <source>last of bars</source>
        <translation>小節の最後</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>later</source>
        <translation>後</translation>
    </message>
    <message>
        <source>later by</source>
        <translation>遅らせる</translation>
    </message>
    <message>
        <source>lay sound of shot</source>
        <translation>ショットの音を置く</translation>
    </message>
    <message>
        <source>layer</source>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>leading</source>
        <translation>行間</translation>
    </message>
    <message>
        <source>leaf</source>
        <translation>葉</translation>
    </message>
    <message>
        <source>leak colour</source>
        <translation>リークの色</translation>
    </message>
    <message>
        <source>leak rate</source>
        <translation>リークの速さ</translation>
    </message>
    <message>
        <source>least gap is %1</source>
        <translation>最短の隙間は %1</translation>
    </message>
    <message>
        <source>least height</source>
        <translation>最低の高さ</translation>
    </message>
    <message>
        <source>least is %1</source>
        <translation>最小は %1</translation>
    </message>
    <message>
        <source>left</source>
        <translation>左</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>除外</translation>
    </message>
    <message>
        <source>left to right</source>
        <translation>左から右</translation>
    </message>
    <message>
        <source>length</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>lengths</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>lengths in</source>
        <translation>長さの単位</translation>
    </message>
    <message>
        <source>less than 0 is earlier</source>
        <translation>0 未満は前</translation>
    </message>
    <message>
        <source>less than half</source>
        <translation>半分未満</translation>
    </message>
    <message>
        <source>let marker go</source>
        <translation>マーカーを外す</translation>
    </message>
    <message>
        <source>letter size</source>
        <translation>文字の大きさ</translation>
    </message>
    <message>
        <source>letters</source>
        <translation>文字</translation>
    </message>
    <message>
        <source>levels</source>
        <translation>レベル補正</translation>
    </message>
    <message>
        <source>levels of 512 channels a universe, after ANSI E1.31</source>
        <translation>ユニバースあたり 512 チャンネルのレベル(ANSI E1.31)</translation>
    </message>
    <message>
        <source>levels of 512 channels a universe, after the Art-Net 4 specification</source>
        <translation>ユニバースあたり 512 チャンネルのレベル(Art-Net 4)</translation>
    </message>
    <message>
        <source>life</source>
        <translation>寿命</translation>
    </message>
    <message>
        <source>lifetime variation</source>
        <translation>寿命のばらつき</translation>
    </message>
    <message>
        <source>lifts the curve</source>
        <translation>カーブを持ち上げる</translation>
    </message>
    <message>
        <source>light</source>
        <translation>光</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>ランプを点ける</translation>
    </message>
    <message>
        <source>light lamps on beats</source>
        <translation>拍でランプを点ける</translation>
    </message>
    <message>
        <source>light leak</source>
        <translation>ライトリーク</translation>
    </message>
    <message>
        <source>lighten</source>
        <translation>比較(明)</translation>
    </message>
    <message>
        <source>lights</source>
        <translation>照明</translation>
    </message>
    <message>
        <source>like</source>
        <translation>同じ</translation>
    </message>
    <message>
        <source>line</source>
        <translation>線</translation>
    </message>
    <message>
        <source>line colour</source>
        <translation>線の色</translation>
    </message>
    <message>
        <source>line width</source>
        <translation>線の太さ</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>直線</translation>
    </message>
    <message>
        <source>lines</source>
        <translation>行</translation>
    </message>
    <message>
        <source>lines aligned</source>
        <translation>行揃え</translation>
    </message>
    <message>
        <source>lines are</source>
        <translation>行の区切り</translation>
    </message>
    <message>
        <source>lines of light</source>
        <translation>光の線</translation>
    </message>
    <message>
        <source>lines of words</source>
        <translation>語の行</translation>
    </message>
    <message>
        <source>lit colour</source>
        <translation>点灯の色</translation>
    </message>
    <message>
        <source>lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>レーンをロック</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>固定なし</translation>
    </message>
    <message>
        <source>lossless, FFV1</source>
        <translation>可逆、FFV1</translation>
    </message>
    <message>
        <source>loud:</source>
        <translation>大きさ:</translation>
    </message>
    <message>
        <source>loudness</source>
        <translation>ラウドネス</translation>
    </message>
    <message>
        <source>lower</source>
        <translation>低く</translation>
    </message>
    <message>
        <source>lowest in the middle</source>
        <translation>最低が中央</translation>
    </message>
    <message>
        <source>make a steady grid</source>
        <translation>一定のグリッドを作る</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>ランプを消す</translation>
    </message>
    <message>
        <source>makes it %1 % as large and moves it by %2, %3 pixels</source>
        <translation>大きさを %1 % にし、%2、%3 ピクセル動かします</translation>
    </message>
    <message>
        <source>makes one marker of both: &quot;%1&quot;</source>
        <translation>2 つを 1 つのマーカー「%1」にします</translation>
    </message>
    <message>
        <source>makes the pulse before it %1 frames long</source>
        <translation>前のパルスを %1 フレームにします</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>marker %1</source>
        <translation>マーカー %1</translation>
    </message>
    <message>
        <source>marker on </source>
        <translation>マーカー: </translation>
    </message>
    <message>
        <source>markers</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>markers &quot;%1&quot;</source>
        <translation>マーカー「%1」</translation>
    </message>
    <message>
        <source>markers named</source>
        <translation>マーカーの名前</translation>
    </message>
    <message>
        <source>markers of colour</source>
        <translation>マーカーの色</translation>
    </message>
    <message>
        <source>matte</source>
        <translation>マット</translation>
    </message>
    <message>
        <source>matte angle</source>
        <translation>マットの角度</translation>
    </message>
    <message>
        <source>matte softness</source>
        <translation>マットの柔らかさ</translation>
    </message>
    <message>
        <source>matte x</source>
        <translation>マット x</translation>
    </message>
    <message>
        <source>matte y</source>
        <translation>マット y</translation>
    </message>
    <message>
        <source>mean (RMS)</source>
        <translation>平均(RMS)</translation>
    </message>
    <message>
        <source>mid</source>
        <translation>中</translation>
    </message>
    <message>
        <source>mid midi smf</source>
        <translation>mid midi smf</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>mirror</source>
        <translation>鏡</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>鏡映</translation>
    </message>
    <message>
        <source>mirrored half</source>
        <translation>鏡映の半分</translation>
    </message>
    <message>
        <source>missing</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
    <message>
        <source>more light with each kick</source>
        <translation>キックごとに光を増す</translation>
    </message>
    <message>
        <source>most is %1</source>
        <translation>最大は %1</translation>
    </message>
    <message>
        <source>most is %1 dBTP</source>
        <translation>最大は %1 dBTP</translation>
    </message>
    <message>
        <source>mouth shape too short</source>
        <translation>短すぎる口形</translation>
    </message>
    <message>
        <source>move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>move cut and all later ones</source>
        <translation>カットと後すべてを移動</translation>
    </message>
    <message>
        <source>move grid</source>
        <translation>グリッドを移動</translation>
    </message>
    <message>
        <source>move grid half a beat</source>
        <translation>グリッドを半拍移動</translation>
    </message>
    <message>
        <source>move lane</source>
        <translation>レーンを移動</translation>
    </message>
    <message>
        <source>move layer</source>
        <translation>レイヤーを移動</translation>
    </message>
    <message>
        <source>move pins</source>
        <translation>ピンを移動</translation>
    </message>
    <message>
        <source>moved to beats</source>
        <translation>拍へ移動</translation>
    </message>
    <message>
        <source>moved to beats within %1 ms</source>
        <translation>%1 ms 以内の拍へ移動</translation>
    </message>
    <message>
        <source>moves it by %1, %2 pixels</source>
        <translation>%1、%2 ピクセル動かします</translation>
    </message>
    <message>
        <source>moves it onto its onset: %1 ms %2</source>
        <translation>オンセットへ動かします:%1 ms %2</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>ms from the beat, of %1 pins</source>
        <translation>拍からの ms、ピン %1 個</translation>
    </message>
    <message>
        <source>much</source>
        <translation>大きく</translation>
    </message>
    <message>
        <source>multiply</source>
        <translation>乗算</translation>
    </message>
    <message>
        <source>mute</source>
        <translation>ミュート</translation>
    </message>
    <message>
        <source>mute lane</source>
        <translation>レーンをミュート</translation>
    </message>
    <message>
        <source>mutes &quot;%1&quot;, which does nothing</source>
        <translation>何もしない「%1」をミュートします</translation>
    </message>
    <message>
        <source>mutes %1 of them, every other one</source>
        <translation>%1 個を一つおきにミュートします</translation>
    </message>
    <message>
        <source>mutes this light</source>
        <translation>この光をミュートします</translation>
    </message>
    <message>
        <source>name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>name bar 1</source>
        <translation>1 小節目を決める</translation>
    </message>
    <message>
        <source>name lane</source>
        <translation>レーンに名前</translation>
    </message>
    <message>
        <source>name layer</source>
        <translation>レイヤーに名前</translation>
    </message>
    <message>
        <source>name piece</source>
        <translation>作品に名前</translation>
    </message>
    <message>
        <source>nd</source>
        <translation>nd</translation>
    </message>
    <message>
        <source>near enough is</source>
        <translation>近さの限度</translation>
    </message>
    <message>
        <source>nearest frame</source>
        <translation>近いフレーム</translation>
    </message>
    <message>
        <source>never late</source>
        <translation>遅れない</translation>
    </message>
    <message>
        <source>no file</source>
        <translation>ファイルなし</translation>
    </message>
    <message>
        <source>no timecode</source>
        <translation>タイムコードなし</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>none: it starts on the beat</source>
        <translation>なし:拍で始まる</translation>
    </message>
    <message>
        <source>normal</source>
        <translation>通常</translation>
    </message>
    <message>
        <source>not in the bin</source>
        <translation>ビンにない</translation>
    </message>
    <message>
        <source>not in the picture</source>
        <translation>映像にない</translation>
    </message>
    <message>
        <source>note</source>
        <translation>ノート</translation>
    </message>
    <message>
        <source>note lengths</source>
        <translation>音符の長さ</translation>
    </message>
    <message>
        <source>note value</source>
        <translation>音価</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>ノート</translation>
    </message>
    <message>
        <source>nothing found</source>
        <translation>見つからない</translation>
    </message>
    <message>
        <source>nothing is lit until playing begins</source>
        <translation>再生が始まるまで何も点きません</translation>
    </message>
    <message>
        <source>now lies in the middle</source>
        <translation>今は中央にあります</translation>
    </message>
    <message>
        <source>number from %1 to %2</source>
        <translation>%1 から %2 の数</translation>
    </message>
    <message>
        <source>number of the selected trigger that the others become like; 0: the first</source>
        <translation>他を合わせる選択中のトリガーの番号。0:最初</translation>
    </message>
    <message>
        <source>numbers that other lanes' curves drive</source>
        <translation>他のレーンのカーブが動かす数値</translation>
    </message>
    <message>
        <source>of a bar's place</source>
        <translation>バーの場所の</translation>
    </message>
    <message>
        <source>of a colour that is driven</source>
        <translation>動かす色の</translation>
    </message>
    <message>
        <source>of a grid</source>
        <translation>グリッドの</translation>
    </message>
    <message>
        <source>of a lane that follows: whether the key is one of the drawn curve, or lies over the computed one</source>
        <translation>追従するレーンの:キーが手描きカーブのものか、計算したカーブの上か</translation>
    </message>
    <message>
        <source>of a ninth of the picture's height</source>
        <translation>映像の高さの 1/9 の</translation>
    </message>
    <message>
        <source>of a run of numbers; 0: one drawing</source>
        <translation>連番の。0:1 枚</translation>
    </message>
    <message>
        <source>of a strobe, counted from where the trigger starts; 0: by its rate</source>
        <translation>ストロボの、トリガーの始まりから。0:速さで</translation>
    </message>
    <message>
        <source>of a title</source>
        <translation>タイトルの</translation>
    </message>
    <message>
        <source>of a title: instead of the layer's; empty: the layer's</source>
        <translation>タイトルの:レイヤーの代わり。空:レイヤーのもの</translation>
    </message>
    <message>
        <source>of a title: the family of these words; empty: the layer's</source>
        <translation>タイトルの:この語の書体。空:レイヤーのもの</translation>
    </message>
    <message>
        <source>of all lamps, percent</source>
        <translation>全ランプの、%</translation>
    </message>
    <message>
        <source>of all of them</source>
        <translation>全部の</translation>
    </message>
    <message>
        <source>of all that is not transparent in it: a cut-out throws one of its own shape</source>
        <translation>透明でない部分全体の:切り抜きは自身の形の影</translation>
    </message>
    <message>
        <source>of bars around a circle</source>
        <translation>円の周りのバーの</translation>
    </message>
    <message>
        <source>of every</source>
        <translation>いくつごとの</translation>
    </message>
    <message>
        <source>of its clip; below 0 it runs backwards, 0 holds one picture</source>
        <translation>クリップの。0 未満は逆、0 は静止</translation>
    </message>
    <message>
        <source>of its encoder; below 0: what is usual</source>
        <translation>エンコーダーの。0 未満:通常</translation>
    </message>
    <message>
        <source>of its length</source>
        <translation>長さの</translation>
    </message>
    <message>
        <source>of its length, in which it goes out</source>
        <translation>消えていく長さ</translation>
    </message>
    <message>
        <source>of its length, until it is full</source>
        <translation>満ちるまでの長さ</translation>
    </message>
    <message>
        <source>of its letters, words or lines</source>
        <translation>文字・語・行の</translation>
    </message>
    <message>
        <source>of its life, at the end</source>
        <translation>寿命の終わりの</translation>
    </message>
    <message>
        <source>of its strength, instead of attack and fall</source>
        <translation>強さの、立ち上がりと下りの代わり</translation>
    </message>
    <message>
        <source>of its words, in a colour of their own</source>
        <translation>その語の、独自の色</translation>
    </message>
    <message>
        <source>of lights, by its name; empty: the first, or a new one</source>
        <translation>照明のレーンの名前。空:最初か新しいもの</translation>
    </message>
    <message>
        <source>of lines beside each other on the canvas; 0: square</source>
        <translation>画面に並べる行の。0:正方形</translation>
    </message>
    <message>
        <source>of sACN: levels of all universes are set at once by its packets; 0: each at once</source>
        <translation>sACN:全ユニバースのレベルをこのパケットで同時に。0:それぞれ即時</translation>
    </message>
    <message>
        <source>of sACN: of several sources the highest is obeyed</source>
        <translation>sACN:複数の送り手の最高に従う</translation>
    </message>
    <message>
        <source>of the band, from above</source>
        <translation>バンドの、上から</translation>
    </message>
    <message>
        <source>of the font of these words: 400 is regular, 700 is bold; 0: the layer's</source>
        <translation>この語の書体の:400 標準、700 太字。0:レイヤーのもの</translation>
    </message>
    <message>
        <source>of the lane (Alt+Up, Alt+Down)</source>
        <translation>レーンの(Alt+Up、Alt+Down)</translation>
    </message>
    <message>
        <source>of the layer's own</source>
        <translation>レイヤー自身の</translation>
    </message>
    <message>
        <source>of the letter size, between letters</source>
        <translation>文字の大きさに対し、文字間</translation>
    </message>
    <message>
        <source>of the letter size, from line to line</source>
        <translation>文字の大きさに対し、行間</translation>
    </message>
    <message>
        <source>of the new lane</source>
        <translation>新しいレーンの</translation>
    </message>
    <message>
        <source>of the picture</source>
        <translation>映像の</translation>
    </message>
    <message>
        <source>of the plan's height</source>
        <translation>配置図の高さの</translation>
    </message>
    <message>
        <source>of the plan's places over the picture</source>
        <translation>配置図の位置の、映像の上で</translation>
    </message>
    <message>
        <source>of the plan's width</source>
        <translation>配置図の幅の</translation>
    </message>
    <message>
        <source>of the shot as its framing has it</source>
        <translation>枠どおりのショットの</translation>
    </message>
    <message>
        <source>of the things that it drives</source>
        <translation>動かすものの</translation>
    </message>
    <message>
        <source>of the way to the next key</source>
        <translation>次のキーまでの道の</translation>
    </message>
    <message>
        <source>of their group</source>
        <translation>グループの</translation>
    </message>
    <message>
        <source>of titles: each letter so much later than the one before</source>
        <translation>タイトルの:文字ごとの遅れ</translation>
    </message>
    <message>
        <source>of what has a colour and no value</source>
        <translation>色だけで値のないものの</translation>
    </message>
    <message>
        <source>of what is at random in it</source>
        <translation>ランダムなものの</translation>
    </message>
    <message>
        <source>off</source>
        <translation>オフ</translation>
    </message>
    <message>
        <source>off an onset</source>
        <translation>オンセットから外れ</translation>
    </message>
    <message>
        <source>off its onset</source>
        <translation>オンセットから外れ</translation>
    </message>
    <message>
        <source>off the beat</source>
        <translation>拍から外れ</translation>
    </message>
    <message>
        <source>old film</source>
        <translation>古い映画</translation>
    </message>
    <message>
        <source>on</source>
        <translation>オン</translation>
    </message>
    <message>
        <source>on a beat or an onset only where one is near enough; else loose where it was</source>
        <translation>近くにあるときだけ拍かオンセットに。なければ元の時間に固定なし</translation>
    </message>
    <message>
        <source>on a line</source>
        <translation>線の上</translation>
    </message>
    <message>
        <source>on a plate</source>
        <translation>札の上</translation>
    </message>
    <message>
        <source>on screen</source>
        <translation>画面上</translation>
    </message>
    <message>
        <source>on the beat</source>
        <translation>拍に</translation>
    </message>
    <message>
        <source>on the grid, to the frame</source>
        <translation>グリッドに、フレームちょうど</translation>
    </message>
    <message>
        <source>on the nearest beat</source>
        <translation>近い拍に</translation>
    </message>
    <message>
        <source>on the nearest onset</source>
        <translation>近いオンセットに</translation>
    </message>
    <message>
        <source>on time</source>
        <translation>ちょうど</translation>
    </message>
    <message>
        <source>once in</source>
        <translation>いくつに一度</translation>
    </message>
    <message>
        <source>one after another over its length</source>
        <translation>長さの中で順に</translation>
    </message>
    <message>
        <source>one in %1 bars</source>
        <translation>%1 小節に 1 つ</translation>
    </message>
    <message>
        <source>one place, two names</source>
        <translation>一つの位置に二つの名前</translation>
    </message>
    <message>
        <source>only clips that are used</source>
        <translation>使うクリップだけ</translation>
    </message>
    <message>
        <source>only this one (36 is usually a kick, 38 a snare); -1: all of them</source>
        <translation>これだけ(36 は通常キック、38 はスネア)。-1:全部</translation>
    </message>
    <message>
        <source>onsets</source>
        <translation>オンセット</translation>
    </message>
    <message>
        <source>onsets of</source>
        <translation>オンセット</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>順に</translation>
    </message>
    <message>
        <source>opacity</source>
        <translation>不透明度</translation>
    </message>
    <message>
        <source>opens at</source>
        <translation>開くレベル</translation>
    </message>
    <message>
        <source>other frame rate</source>
        <translation>別のフレームレート</translation>
    </message>
    <message>
        <source>out from behind the word before</source>
        <translation>前の語の後ろから出る</translation>
    </message>
    <message>
        <source>out from the middle</source>
        <translation>中央から出る</translation>
    </message>
    <message>
        <source>outline</source>
        <translation>輪郭</translation>
    </message>
    <message>
        <source>outline colour</source>
        <translation>輪郭の色</translation>
    </message>
    <message>
        <source>output</source>
        <translation>出力</translation>
    </message>
    <message>
        <source>outside its shot</source>
        <translation>ショットの外</translation>
    </message>
    <message>
        <source>outside of action safe, 93 %</source>
        <translation>アクションセーフ 93 % の外</translation>
    </message>
    <message>
        <source>outside of title safe, 90 %</source>
        <translation>タイトルセーフ 90 % の外</translation>
    </message>
    <message>
        <source>over</source>
        <translation>上に</translation>
    </message>
    <message>
        <source>over such a width</source>
        <translation>この幅で</translation>
    </message>
    <message>
        <source>over which the shots are cross-faded, half of them before the cut; 0 is a hard cut</source>
        <translation>ショットをクロスフェードする長さ、半分はカットの前。0 はカット</translation>
    </message>
    <message>
        <source>overlay</source>
        <translation>オーバーレイ</translation>
    </message>
    <message>
        <source>overshoot</source>
        <translation>行き過ぎ</translation>
    </message>
    <message>
        <source>overshoot, or number of steps</source>
        <translation>行き過ぎ、または段数</translation>
    </message>
    <message>
        <source>own colour</source>
        <translation>独自の色</translation>
    </message>
    <message>
        <source>own ones for each section</source>
        <translation>セクションごとに独自</translation>
    </message>
    <message>
        <source>pace by level</source>
        <translation>レベルで間隔</translation>
    </message>
    <message>
        <source>pace by level: %1 to %2 a bar</source>
        <translation>レベルで間隔:1 小節に %1〜%2</translation>
    </message>
    <message>
        <source>paper</source>
        <translation>紙</translation>
    </message>
    <message>
        <source>parts of a beat</source>
        <translation>拍の分割</translation>
    </message>
    <message>
        <source>patch lamps</source>
        <translation>ランプを割り当て</translation>
    </message>
    <message>
        <source>patches &quot;%1&quot; to channel %2 of universe %3</source>
        <translation>「%1」をユニバース %3 のチャンネル %2 に割り当てます</translation>
    </message>
    <message>
        <source>pattern</source>
        <translation>パターン</translation>
    </message>
    <message>
        <source>peak</source>
        <translation>頂点</translation>
    </message>
    <message>
        <source>peak value</source>
        <translation>頂点値</translation>
    </message>
    <message>
        <source>peaks of level</source>
        <translation>レベルの頂点</translation>
    </message>
    <message>
        <source>percent above, or below, all of the shot or all of the picture</source>
        <translation>ショット全体か映像全体に対する増減(%)</translation>
    </message>
    <message>
        <source>percent above, or below, the layer's scale</source>
        <translation>レイヤーの大きさに対する増減(%)</translation>
    </message>
    <message>
        <source>percent of it</source>
        <translation>その %</translation>
    </message>
    <message>
        <source>percussive part</source>
        <translation>打楽器の部分</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>映像</translation>
    </message>
    <message>
        <source>picture %1</source>
        <translation>画像 %1</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>画像</translation>
    </message>
    <message>
        <source>pictures of &quot;%1&quot; last differently long</source>
        <translation>「%1」の画の長さが揃っていません</translation>
    </message>
    <message>
        <source>ping</source>
        <translation>ピン音</translation>
    </message>
    <message>
        <source>pins further from the nearest one stay loose</source>
        <translation>これより遠いピンは固定しません</translation>
    </message>
    <message>
        <source>pins go with their beats, or stay where they are in the song</source>
        <translation>ピンは拍と動くか、曲の時間に残ります</translation>
    </message>
    <message>
        <source>pins keep their</source>
        <translation>ピンが保つもの</translation>
    </message>
    <message>
        <source>pins that lie further away stay where they are</source>
        <translation>これより遠いピンは動きません</translation>
    </message>
    <message>
        <source>pivot x</source>
        <translation>軸 x</translation>
    </message>
    <message>
        <source>pivot y</source>
        <translation>軸 y</translation>
    </message>
    <message>
        <source>pixels not square</source>
        <translation>正方形でないピクセル</translation>
    </message>
    <message>
        <source>place</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>place all again</source>
        <translation>全部置き直す</translation>
    </message>
    <message>
        <source>places higher</source>
        <translation>高い所ほど</translation>
    </message>
    <message>
        <source>plum</source>
        <translation>梅</translation>
    </message>
    <message>
        <source>points of a line of gain, by their place in the sound's samples</source>
        <translation>音のサンプル位置による音量線の点</translation>
    </message>
    <message>
        <source>port</source>
        <translation>ポート</translation>
    </message>
    <message>
        <source>pose</source>
        <translation>ポーズ</translation>
    </message>
    <message>
        <source>poses</source>
        <translation>ポーズ</translation>
    </message>
    <message>
        <source>position x</source>
        <translation>位置 x</translation>
    </message>
    <message>
        <source>position y</source>
        <translation>位置 y</translation>
    </message>
    <message>
        <source>posterise</source>
        <translation>ポスタリゼーション</translation>
    </message>
    <message>
        <source>power</source>
        <translation>べき</translation>
    </message>
    <message>
        <source>priority</source>
        <translation>優先度</translation>
    </message>
    <message>
        <source>prop from a file</source>
        <translation>ファイルのプロップ</translation>
    </message>
    <message>
        <source>pulse</source>
        <translation>パルス</translation>
    </message>
    <message>
        <source>pulse on a row of onsets</source>
        <translation>オンセットの行にパルス</translation>
    </message>
    <message>
        <source>pulsepin-check</source>
        <translation>pulsepin-check</translation>
    </message>
    <message>
        <source>pulses</source>
        <translation>パルス</translation>
    </message>
    <message>
        <source>pulses overlap</source>
        <translation>パルスの重なり</translation>
    </message>
    <message>
        <source>punch</source>
        <translation>パンチ</translation>
    </message>
    <message>
        <source>punch-in</source>
        <translation>パンチイン</translation>
    </message>
    <message>
        <source>put pin</source>
        <translation>ピンを置く</translation>
    </message>
    <message>
        <source>puts %1 on %2: %3</source>
        <translation>%1 を %2 に置きます:%3</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>px a second</source>
        <translation>px/秒</translation>
    </message>
    <message>
        <source>px a second²</source>
        <translation>px/秒²</translation>
    </message>
    <message>
        <source>px down</source>
        <translation>px 下</translation>
    </message>
    <message>
        <source>px right</source>
        <translation>px 右</translation>
    </message>
    <message>
        <source>quadratic in</source>
        <translation>二次・入り</translation>
    </message>
    <message>
        <source>quadratic in and out</source>
        <translation>二次・入りと抜け</translation>
    </message>
    <message>
        <source>quadratic out</source>
        <translation>二次・抜け</translation>
    </message>
    <message>
        <source>quality</source>
        <translation>品質</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>拍の 1/4</translation>
    </message>
    <message>
        <source>quartic in</source>
        <translation>四次・入り</translation>
    </message>
    <message>
        <source>quartic in and out</source>
        <translation>四次・入りと抜け</translation>
    </message>
    <message>
        <source>quartic out</source>
        <translation>四次・抜け</translation>
    </message>
    <message>
        <source>radius</source>
        <translation>半径</translation>
    </message>
    <message>
        <source>range</source>
        <translation>範囲</translation>
    </message>
    <message>
        <source>reached by</source>
        <translation>到達の仕方</translation>
    </message>
    <message>
        <source>reaches %1 %</source>
        <translation>%1 % に達する</translation>
    </message>
    <message>
        <source>recolour lights</source>
        <translation>光の色を変える</translation>
    </message>
    <message>
        <source>red flashes too often</source>
        <translation>赤い点滅が多すぎ</translation>
    </message>
    <message>
        <source>red green blue</source>
        <translation>赤緑青</translation>
    </message>
    <message>
        <source>red green blue white</source>
        <translation>赤緑青白</translation>
    </message>
    <message>
        <source>red one way, blue the other</source>
        <translation>赤は一方へ、青は他方へ</translation>
    </message>
    <message>
        <source>red, green and blue leave each other for a moment</source>
        <translation>赤・緑・青が一瞬離れます</translation>
    </message>
    <message>
        <source>release</source>
        <translation>減衰</translation>
    </message>
    <message>
        <source>remove effect</source>
        <translation>エフェクトを削除</translation>
    </message>
    <message>
        <source>remove layer</source>
        <translation>レイヤーを削除</translation>
    </message>
    <message>
        <source>replaces the curve</source>
        <translation>カーブを置き換える</translation>
    </message>
    <message>
        <source>replaces the value</source>
        <translation>値を置き換える</translation>
    </message>
    <message>
        <source>reveal</source>
        <translation>現す</translation>
    </message>
    <message>
        <source>reveal height</source>
        <translation>現す高さ</translation>
    </message>
    <message>
        <source>right</source>
        <translation>右</translation>
    </message>
    <message>
        <source>right by</source>
        <translation>右へ</translation>
    </message>
    <message>
        <source>ripple</source>
        <translation>波紋</translation>
    </message>
    <message>
        <source>ripple length</source>
        <translation>波紋の長さ</translation>
    </message>
    <message>
        <source>ripple rate</source>
        <translation>波紋の速さ</translation>
    </message>
    <message>
        <source>rise a little</source>
        <translation>少し上がる</translation>
    </message>
    <message>
        <source>rises</source>
        <translation>上がる</translation>
    </message>
    <message>
        <source>rising energy</source>
        <translation>上がるエネルギー</translation>
    </message>
    <message>
        <source>rising for</source>
        <translation>上りの長さ</translation>
    </message>
    <message>
        <source>rising over the group</source>
        <translation>まとまりで上がる</translation>
    </message>
    <message>
        <source>rising spectrum</source>
        <translation>上がるスペクトル</translation>
    </message>
    <message>
        <source>roll cut</source>
        <translation>カットをロール</translation>
    </message>
    <message>
        <source>rotation</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>row</source>
        <translation>行</translation>
    </message>
    <message>
        <source>row of onsets</source>
        <translation>オンセットの行</translation>
    </message>
    <message>
        <source>rows down</source>
        <translation>下への行数</translation>
    </message>
    <message>
        <source>rows fill the width; else words keep the scale that they were given</source>
        <translation>行を幅いっぱいに。なしでは語は大きさを保つ</translation>
    </message>
    <message>
        <source>rows of onsets</source>
        <translation>オンセットの行</translation>
    </message>
    <message>
        <source>rush</source>
        <translation>突進</translation>
    </message>
    <message>
        <source>rushes towards it</source>
        <translation>向かって突進する</translation>
    </message>
    <message>
        <source>s</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>sACN (levels of lamps)</source>
        <translation>sACN(ランプのレベル)</translation>
    </message>
    <message>
        <source>safe areas</source>
        <translation>安全枠</translation>
    </message>
    <message>
        <source>same moment</source>
        <translation>同じ瞬間</translation>
    </message>
    <message>
        <source>samples are written as they lie in memory</source>
        <translation>サンプルはメモリー上の並びのまま書かれます</translation>
    </message>
    <message>
        <source>saturation</source>
        <translation>彩度</translation>
    </message>
    <message>
        <source>saw</source>
        <translation>のこぎり</translation>
    </message>
    <message>
        <source>scale</source>
        <translation>大きさ</translation>
    </message>
    <message>
        <source>scale, opacity, blur …</source>
        <translation>大きさ、不透明度、ぼかし …</translation>
    </message>
    <message>
        <source>screen</source>
        <translation>スクリーン</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>seconds a page</source>
        <translation>1 ページの秒数</translation>
    </message>
    <message>
        <source>seconds seen</source>
        <translation>見える秒数</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>セクション</translation>
    </message>
    <message>
        <source>seed</source>
        <translation>シード</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>見える所</translation>
    </message>
    <message>
        <source>semicolon</source>
        <translation>セミコロン</translation>
    </message>
    <message>
        <source>sends</source>
        <translation>送る</translation>
    </message>
    <message>
        <source>sent earlier</source>
        <translation>早く送る</translation>
    </message>
    <message>
        <source>separator</source>
        <translation>区切り</translation>
    </message>
    <message>
        <source>set in</source>
        <translation>書体</translation>
    </message>
    <message>
        <source>set key of event</source>
        <translation>イベントのキーを設定</translation>
    </message>
    <message>
        <source>shadow</source>
        <translation>影</translation>
    </message>
    <message>
        <source>shadow colour</source>
        <translation>影の色</translation>
    </message>
    <message>
        <source>shadow down</source>
        <translation>影・下</translation>
    </message>
    <message>
        <source>shadow right</source>
        <translation>影・右</translation>
    </message>
    <message>
        <source>shadow softness</source>
        <translation>影の柔らかさ</translation>
    </message>
    <message>
        <source>shadow x</source>
        <translation>影 x</translation>
    </message>
    <message>
        <source>shadow y</source>
        <translation>影 y</translation>
    </message>
    <message>
        <source>shake</source>
        <translation>揺れ</translation>
    </message>
    <message>
        <source>shake across</source>
        <translation>揺れ・横</translation>
    </message>
    <message>
        <source>shake rate</source>
        <translation>揺れの速さ</translation>
    </message>
    <message>
        <source>shake seed</source>
        <translation>揺れのシード</translation>
    </message>
    <message>
        <source>shake swing</source>
        <translation>揺れの振れ</translation>
    </message>
    <message>
        <source>shake turn</source>
        <translation>揺れの回転</translation>
    </message>
    <message>
        <source>shake up</source>
        <translation>揺れ・上</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>形</translation>
    </message>
    <message>
        <source>share</source>
        <translation>割合</translation>
    </message>
    <message>
        <source>sharpen</source>
        <translation>シャープ</translation>
    </message>
    <message>
        <source>sharpen size</source>
        <translation>シャープの大きさ</translation>
    </message>
    <message>
        <source>shift along</source>
        <translation>沿ってずらす</translation>
    </message>
    <message>
        <source>shortest length</source>
        <translation>最短の長さ</translation>
    </message>
    <message>
        <source>shortest shot</source>
        <translation>最短のショット</translation>
    </message>
    <message>
        <source>shot</source>
        <translation>ショット</translation>
    </message>
    <message>
        <source>shot too short</source>
        <translation>短すぎるショット</translation>
    </message>
    <message>
        <source>shots</source>
        <translation>ショット</translation>
    </message>
    <message>
        <source>shown by</source>
        <translation>見せるもの</translation>
    </message>
    <message>
        <source>shown instead of the effect</source>
        <translation>エフェクトの代わりに表示</translation>
    </message>
    <message>
        <source>shows all of &quot;%1&quot;, at %2 % of its speed</source>
        <translation>「%1」の全部を %2 % の速さで見せます</translation>
    </message>
    <message>
        <source>shows what this camera saw at this moment of the song; where the camera begins is set in the bin</source>
        <translation>曲のその瞬間にこのカメラが見たものを見せます。カメラの始まりはビンで設定します</translation>
    </message>
    <message>
        <source>shrink</source>
        <translation>縮む</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>側</translation>
    </message>
    <message>
        <source>sign</source>
        <translation>記号</translation>
    </message>
    <message>
        <source>sine</source>
        <translation>サイン</translation>
    </message>
    <message>
        <source>sine in</source>
        <translation>サイン・入り</translation>
    </message>
    <message>
        <source>sine in and out</source>
        <translation>サイン・入りと抜け</translation>
    </message>
    <message>
        <source>sine out</source>
        <translation>サイン・抜け</translation>
    </message>
    <message>
        <source>sixths of beats</source>
        <translation>拍の 1/6</translation>
    </message>
    <message>
        <source>size</source>
        <translation>大きさ</translation>
    </message>
    <message>
        <source>size at the end</source>
        <translation>終わりの大きさ</translation>
    </message>
    <message>
        <source>size spread</source>
        <translation>大きさのばらつき</translation>
    </message>
    <message>
        <source>sizes by length</source>
        <translation>長さで大きさ</translation>
    </message>
    <message>
        <source>skew</source>
        <translation>傾き</translation>
    </message>
    <message>
        <source>skipping the first</source>
        <translation>最初を飛ばす</translation>
    </message>
    <message>
        <source>slate</source>
        <translation>仮</translation>
    </message>
    <message>
        <source>slate %1</source>
        <translation>仮 %1</translation>
    </message>
    <message>
        <source>slip shot</source>
        <translation>ショットをずらす</translation>
    </message>
    <message>
        <source>smaller file</source>
        <translation>小さいファイル</translation>
    </message>
    <message>
        <source>smooth</source>
        <translation>滑らか</translation>
    </message>
    <message>
        <source>snap pins</source>
        <translation>ピンをスナップ</translation>
    </message>
    <message>
        <source>snare</source>
        <translation>スネア</translation>
    </message>
    <message>
        <source>so many frames before its beat it begins to come; common practice: 3</source>
        <translation>拍の何フレーム前から来るか。慣例:3</translation>
    </message>
    <message>
        <source>so much of the edge is taken away first, as a fringe of the old background</source>
        <translation>古い背景の縁として先に取り除く量</translation>
    </message>
    <message>
        <source>soft</source>
        <translation>柔らかい</translation>
    </message>
    <message>
        <source>soft edge</source>
        <translation>柔らかい縁</translation>
    </message>
    <message>
        <source>softness</source>
        <translation>柔らかさ</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>音</translation>
    </message>
    <message>
        <source>sound too high</source>
        <translation>大きすぎる音</translation>
    </message>
    <message>
        <source>sounds</source>
        <translation>音</translation>
    </message>
    <message>
        <source>sparks</source>
        <translation>火花</translation>
    </message>
    <message>
        <source>speaker</source>
        <translation>話者</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>速さ</translation>
    </message>
    <message>
        <source>speed spread</source>
        <translation>速さのばらつき</translation>
    </message>
    <message>
        <source>spill taken away</source>
        <translation>色かぶりの除去</translation>
    </message>
    <message>
        <source>split sound</source>
        <translation>音を分割</translation>
    </message>
    <message>
        <source>spread</source>
        <translation>ばらつき</translation>
    </message>
    <message>
        <source>spread across</source>
        <translation>横に広げる</translation>
    </message>
    <message>
        <source>spread down</source>
        <translation>下に広げる</translation>
    </message>
    <message>
        <source>spread size</source>
        <translation>大きさを広げる</translation>
    </message>
    <message>
        <source>spread time</source>
        <translation>時間を広げる</translation>
    </message>
    <message>
        <source>spread turn</source>
        <translation>回転を広げる</translation>
    </message>
    <message>
        <source>square</source>
        <translation>四角</translation>
    </message>
    <message>
        <source>srt vtt ass ssa ttml dfxp lrc</source>
        <translation>srt vtt ass ssa ttml dfxp lrc</translation>
    </message>
    <message>
        <source>star</source>
        <translation>星</translation>
    </message>
    <message>
        <source>starts of sections</source>
        <translation>セクションの始まり</translation>
    </message>
    <message>
        <source>starts on</source>
        <translation>始まる所</translation>
    </message>
    <message>
        <source>starts with the hit: none</source>
        <translation>打と共に始まる:なし</translation>
    </message>
    <message>
        <source>stays</source>
        <translation>残る</translation>
    </message>
    <message>
        <source>stays full</source>
        <translation>満ちたまま</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>段</translation>
    </message>
    <message>
        <source>steps a beat</source>
        <translation>1 拍の段数</translation>
    </message>
    <message>
        <source>steps as x..x</source>
        <translation>x..x の段</translation>
    </message>
    <message>
        <source>stops</source>
        <translation>止まる</translation>
    </message>
    <message>
        <source>straight</source>
        <translation>直線</translation>
    </message>
    <message>
        <source>straight from each to the next</source>
        <translation>次まで直線</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>強さ</translation>
    </message>
    <message>
        <source>strengths that a curve drives</source>
        <translation>カーブが動かす強さ</translation>
    </message>
    <message>
        <source>strobe</source>
        <translation>ストロボ</translation>
    </message>
    <message>
        <source>strobe colour</source>
        <translation>ストロボの色</translation>
    </message>
    <message>
        <source>strobe every</source>
        <translation>ストロボの間隔</translation>
    </message>
    <message>
        <source>strobe rate</source>
        <translation>ストロボの速さ</translation>
    </message>
    <message>
        <source>strong, weak, by turns</source>
        <translation>強弱を交互に</translation>
    </message>
    <message>
        <source>stronger</source>
        <translation>より強い</translation>
    </message>
    <message>
        <source>stronger than %1 %</source>
        <translation>%1 % より強い</translation>
    </message>
    <message>
        <source>swap rows of lamps</source>
        <translation>ランプの行を交換</translation>
    </message>
    <message>
        <source>swap shots</source>
        <translation>ショットを交換</translation>
    </message>
    <message>
        <source>sways</source>
        <translation>揺れる</translation>
    </message>
    <message>
        <source>swing</source>
        <translation>スウィング</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>記号</translation>
    </message>
    <message>
        <source>tab</source>
        <translation>タブ</translation>
    </message>
    <message>
        <source>take look</source>
        <translation>ルックを使う</translation>
    </message>
    <message>
        <source>take the found grid</source>
        <translation>検出したグリッドを採用</translation>
    </message>
    <message>
        <source>takes</source>
        <translation>取るもの</translation>
    </message>
    <message>
        <source>takes %1 away, which is not seen</source>
        <translation>見えない %1 を除きます</translation>
    </message>
    <message>
        <source>takes the pulse that is too near away</source>
        <translation>近すぎるパルスを除きます</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>タップ %1</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>テンポ</translation>
    </message>
    <message>
        <source>text</source>
        <translation>文字</translation>
    </message>
    <message>
        <source>text outside the safe area</source>
        <translation>安全枠外の文字</translation>
    </message>
    <message>
        <source>text too short to read</source>
        <translation>短すぎて読めない文字</translation>
    </message>
    <message>
        <source>than</source>
        <translation>より</translation>
    </message>
    <message>
        <source>than it is heard, for lamps that answer late</source>
        <translation>聴こえるより早く、反応の遅いランプのため</translation>
    </message>
    <message>
        <source>than its beat</source>
        <translation>拍より</translation>
    </message>
    <message>
        <source>than the first word: the lead of the lane of poses</source>
        <translation>最初の語より:ポーズのレーンの先行</translation>
    </message>
    <message>
        <source>that a line stays at least</source>
        <translation>1 行が残る最短</translation>
    </message>
    <message>
        <source>that can be read: 17 to 20 for adults (common practice)</source>
        <translation>読める量:大人で 17〜20(慣例)</translation>
    </message>
    <message>
        <source>that each drawing of a run is held</source>
        <translation>連番の作画を保持する長さ</translation>
    </message>
    <message>
        <source>that it drives</source>
        <translation>動かすもの</translation>
    </message>
    <message>
        <source>the %1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>the camera</source>
        <translation>カメラ</translation>
    </message>
    <message>
        <source>the camera goes closer on the kick and shakes on the snare</source>
        <translation>カメラがキックで近づき、スネアで揺れます</translation>
    </message>
    <message>
        <source>the camera goes slowly closer from the beginning to the end</source>
        <translation>始めから終わりまでカメラがゆっくり近づきます</translation>
    </message>
    <message>
        <source>the colour %1 cannot be read</source>
        <translation>色 %1 が読めません</translation>
    </message>
    <message>
        <source>the corners grow dark, as if the picture closed</source>
        <translation>映像が閉じるように四隅が暗くなります</translation>
    </message>
    <message>
        <source>the curve acts here</source>
        <translation>ここでカーブが働きます</translation>
    </message>
    <message>
        <source>the disk does not answer as it should</source>
        <translation>ディスクが正しく応えません</translation>
    </message>
    <message>
        <source>the disk is full</source>
        <translation>ディスクがいっぱいです</translation>
    </message>
    <message>
        <source>the first one only</source>
        <translation>最初だけ</translation>
    </message>
    <message>
        <source>the folder does not exist</source>
        <translation>フォルダーがありません</translation>
    </message>
    <message>
        <source>the group that it belongs to, from 1</source>
        <translation>属するグループ、1 から</translation>
    </message>
    <message>
        <source>the group that it belongs to; 0: none</source>
        <translation>属するグループ。0:なし</translation>
    </message>
    <message>
        <source>the key's colour where it shines on what stays</source>
        <translation>残る部分に映ったキーの色</translation>
    </message>
    <message>
        <source>the lane of words whose sounds it shows</source>
        <translation>音を見せる語のレーン</translation>
    </message>
    <message>
        <source>the last drawing of a run is held when it is over</source>
        <translation>連番の最後の作画は終わると保持されます</translation>
    </message>
    <message>
        <source>the last of each bar</source>
        <translation>小節ごとの最後</translation>
    </message>
    <message>
        <source>the last of every %1 bars</source>
        <translation>%1 小節ごとの最後</translation>
    </message>
    <message>
        <source>the layer or group that appears</source>
        <translation>現れるレイヤーかグループ</translation>
    </message>
    <message>
        <source>the middle of a round wipe</source>
        <translation>円のワイプの中心</translation>
    </message>
    <message>
        <source>the middle, of the plan's height</source>
        <translation>中央(配置図の高さに対して)</translation>
    </message>
    <message>
        <source>the name is too long</source>
        <translation>名前が長すぎます</translation>
    </message>
    <message>
        <source>the nearest frame lies that far away</source>
        <translation>最も近いフレームがそれだけ離れています</translation>
    </message>
    <message>
        <source>the next one begins too soon</source>
        <translation>次がすぐ始まります</translation>
    </message>
    <message>
        <source>the notes of a channel</source>
        <translation>チャンネルの音符</translation>
    </message>
    <message>
        <source>the number of a lane</source>
        <translation>レーンの番号</translation>
    </message>
    <message>
        <source>the number of a shot</source>
        <translation>ショットの番号</translation>
    </message>
    <message>
        <source>the pattern runs the other way</source>
        <translation>パターンを逆に</translation>
    </message>
    <message>
        <source>the picture in steps of colour, with each hat</source>
        <translation>ハットごとに映像が色の段階に</translation>
    </message>
    <message>
        <source>the picture is white for a moment</source>
        <translation>映像が一瞬白くなります</translation>
    </message>
    <message>
        <source>the picture jumps to the side and slides back</source>
        <translation>映像が横に跳び、滑って戻ります</translation>
    </message>
    <message>
        <source>the picture leans at each bar and comes back</source>
        <translation>映像が小節ごとに傾いて戻ります</translation>
    </message>
    <message>
        <source>the place in the song, from a port of ALSA's sequencer</source>
        <translation>曲の位置、ALSA シーケンサーのポートから</translation>
    </message>
    <message>
        <source>the power that values between are raised to, inverted: above 1 they become lighter</source>
        <translation>中間の値に掛けるべきの逆:1 を超えると明るく</translation>
    </message>
    <message>
        <source>the record timecode of the piece's first frame; empty: the whole hour before its first event</source>
        <translation>作品の最初のフレームの記録タイムコード。空:最初のイベント前の正時</translation>
    </message>
    <message>
        <source>the same</source>
        <translation>同じ</translation>
    </message>
    <message>
        <source>the share of its speed that it loses</source>
        <translation>速さの失われる割合</translation>
    </message>
    <message>
        <source>the slate</source>
        <translation>仮</translation>
    </message>
    <message>
        <source>the song</source>
        <translation>曲</translation>
    </message>
    <message>
        <source>the song is not at %1</source>
        <translation>曲が %1 にありません</translation>
    </message>
    <message>
        <source>the sound as it passes, across the picture</source>
        <translation>映像を横切って過ぎる音</translation>
    </message>
    <message>
        <source>the source &quot;%1&quot; is unknown</source>
        <translation>出所「%1」がわかりません</translation>
    </message>
    <message>
        <source>the way in which a wipe opens; 0 is from left to right</source>
        <translation>ワイプの開く向き。0 は左から右</translation>
    </message>
    <message>
        <source>the words, over the picture</source>
        <translation>映像の上の語</translation>
    </message>
    <message>
        <source>there are no beats yet</source>
        <translation>まだ拍がありません</translation>
    </message>
    <message>
        <source>there is a folder of that name</source>
        <translation>その名前のフォルダーがあります</translation>
    </message>
    <message>
        <source>there is no row of onsets called &quot;%1&quot;</source>
        <translation>「%1」というオンセットの行はありません</translation>
    </message>
    <message>
        <source>there on the beat</source>
        <translation>拍でそこに</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>拍の 1/3</translation>
    </message>
    <message>
        <source>this machine</source>
        <translation>この機械</translation>
    </message>
    <message>
        <source>this marker cannot be read.</source>
        <translation>このマーカーを読めません。</translation>
    </message>
    <message>
        <source>thud</source>
        <translation>ドン</translation>
    </message>
    <message>
        <source>tick</source>
        <translation>チック</translation>
    </message>
    <message>
        <source>tie marker</source>
        <translation>マーカーを結ぶ</translation>
    </message>
    <message>
        <source>tie to sound</source>
        <translation>音に結ぶ</translation>
    </message>
    <message>
        <source>tie to the grid</source>
        <translation>グリッドに結ぶ</translation>
    </message>
    <message>
        <source>time</source>
        <translation>時間</translation>
    </message>
    <message>
        <source>timecode</source>
        <translation>タイムコード</translation>
    </message>
    <message>
        <source>timecode runs off the clock</source>
        <translation>タイムコードが時計とずれる</translation>
    </message>
    <message>
        <source>times</source>
        <translation>回</translation>
    </message>
    <message>
        <source>tint</source>
        <translation>着色</translation>
    </message>
    <message>
        <source>tint hue</source>
        <translation>着色の色相</translation>
    </message>
    <message>
        <source>title</source>
        <translation>題名</translation>
    </message>
    <message>
        <source>to</source>
        <translation>まで</translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>往復</translation>
    </message>
    <message>
        <source>to look at</source>
        <translation>見るため</translation>
    </message>
    <message>
        <source>to the end</source>
        <translation>最後まで</translation>
    </message>
    <message>
        <source>to the end of the range; else once</source>
        <translation>範囲の終わりまで。なしでは一度</translation>
    </message>
    <message>
        <source>together</source>
        <translation>まとめて</translation>
    </message>
    <message>
        <source>together within</source>
        <translation>まとめる間隔</translation>
    </message>
    <message>
        <source>too close together</source>
        <translation>近すぎ</translation>
    </message>
    <message>
        <source>too little material</source>
        <translation>素材不足</translation>
    </message>
    <message>
        <source>top of %1</source>
        <translation>%1 の頂点</translation>
    </message>
    <message>
        <source>top on the beat</source>
        <translation>頂点を拍に</translation>
    </message>
    <message>
        <source>towards x</source>
        <translation>向かう x</translation>
    </message>
    <message>
        <source>towards y</source>
        <translation>向かう y</translation>
    </message>
    <message>
        <source>tracking</source>
        <translation>字間</translation>
    </message>
    <message>
        <source>transparent</source>
        <translation>透明</translation>
    </message>
    <message>
        <source>travel</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>travels for</source>
        <translation>移動の長さ</translation>
    </message>
    <message>
        <source>triangle</source>
        <translation>三角</translation>
    </message>
    <message>
        <source>trigger</source>
        <translation>トリガー</translation>
    </message>
    <message>
        <source>triggers</source>
        <translation>トリガー</translation>
    </message>
    <message>
        <source>true or false</source>
        <translation>true か false</translation>
    </message>
    <message>
        <source>ttml dfxp</source>
        <translation>ttml dfxp</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>回転</translation>
    </message>
    <message>
        <source>turn in</source>
        <translation>回って入る</translation>
    </message>
    <message>
        <source>turn that comes with the shake</source>
        <translation>揺れに伴う回転</translation>
    </message>
    <message>
        <source>turned</source>
        <translation>回した</translation>
    </message>
    <message>
        <source>turned by</source>
        <translation>回す角度</translation>
    </message>
    <message>
        <source>turns</source>
        <translation>回る</translation>
    </message>
    <message>
        <source>turns the strobes at most 3 times a second</source>
        <translation>ストロボを毎秒 3 回以下にします</translation>
    </message>
    <message>
        <source>twice</source>
        <translation>2 回</translation>
    </message>
    <message>
        <source>two lights on one lamp</source>
        <translation>一つのランプに二つの光</translation>
    </message>
    <message>
        <source>two on one frame</source>
        <translation>同じフレームに二つ</translation>
    </message>
    <message>
        <source>txt csv tsv beats lab</source>
        <translation>txt csv tsv beats lab</translation>
    </message>
    <message>
        <source>type on</source>
        <translation>打ち込む</translation>
    </message>
    <message>
        <source>universe</source>
        <translation>ユニバース</translation>
    </message>
    <message>
        <source>until</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>until its line ends</source>
        <translation>行の終わりまで</translation>
    </message>
    <message>
        <source>until the next</source>
        <translation>次まで</translation>
    </message>
    <message>
        <source>until the section ends</source>
        <translation>セクションの終わりまで</translation>
    </message>
    <message>
        <source>up</source>
        <translation>上り</translation>
    </message>
    <message>
        <source>up and down</source>
        <translation>上下</translation>
    </message>
    <message>
        <source>up and down from a line</source>
        <translation>線から上下</translation>
    </message>
    <message>
        <source>up to </source>
        <translation>最大 </translation>
    </message>
    <message>
        <source>up to so much to either side, at random</source>
        <translation>左右にランダムに最大これだけ</translation>
    </message>
    <message>
        <source>upper</source>
        <translation>上</translation>
    </message>
    <message>
        <source>value</source>
        <translation>値</translation>
    </message>
    <message>
        <source>value of</source>
        <translation>値</translation>
    </message>
    <message>
        <source>values beyond are cut to these</source>
        <translation>これを超える値は切られます</translation>
    </message>
    <message>
        <source>variable frame rate</source>
        <translation>可変フレームレート</translation>
    </message>
    <message>
        <source>version</source>
        <translation>版</translation>
    </message>
    <message>
        <source>vignette</source>
        <translation>ビネット</translation>
    </message>
    <message>
        <source>vignette colour</source>
        <translation>ビネットの色</translation>
    </message>
    <message>
        <source>vignette size</source>
        <translation>ビネットの大きさ</translation>
    </message>
    <message>
        <source>vignette softness</source>
        <translation>ビネットの柔らかさ</translation>
    </message>
    <message>
        <source>vocal band</source>
        <translation>声の帯域</translation>
    </message>
    <message>
        <source>wanted is %1 LUFS</source>
        <translation>求めるのは %1 LUFS</translation>
    </message>
    <message>
        <source>warm light on the beat, cold light between</source>
        <translation>拍で暖かい光、その間は冷たい光</translation>
    </message>
    <message>
        <source>way</source>
        <translation>方法</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>重み</translation>
    </message>
    <message>
        <source>what a number by itself means</source>
        <translation>数だけのときの意味</translation>
    </message>
    <message>
        <source>what comes in</source>
        <translation>入ってくるもの</translation>
    </message>
    <message>
        <source>what happens over the fade</source>
        <translation>フェードの間の動き</translation>
    </message>
    <message>
        <source>what is bright glows more and more</source>
        <translation>明るい所がますます光ります</translation>
    </message>
    <message>
        <source>what is neither</source>
        <translation>どちらでもないもの</translation>
    </message>
    <message>
        <source>what it does</source>
        <translation>すること</translation>
    </message>
    <message>
        <source>what it does beside, over its length</source>
        <translation>長さの間にするその他のこと</translation>
    </message>
    <message>
        <source>what it does in between</source>
        <translation>その間にすること</translation>
    </message>
    <message>
        <source>what it follows does not move it</source>
        <translation>追従するものが動かしません</translation>
    </message>
    <message>
        <source>what it goes around</source>
        <translation>回る中心</translation>
    </message>
    <message>
        <source>what it shows of the words that its appearances are tied to</source>
        <translation>現れ方が結ばれた語のうち見せるもの</translation>
    </message>
    <message>
        <source>what it starts: one of these, or a name of your own</source>
        <translation>始めるもの:このうち一つ、または自分の名前</translation>
    </message>
    <message>
        <source>what moves</source>
        <translation>動かすもの</translation>
    </message>
    <message>
        <source>what no layer covers stays transparent, where the kind of film can</source>
        <translation>レイヤーのない所を透明に(できる種類なら)</translation>
    </message>
    <message>
        <source>what of curves goes beyond their ends</source>
        <translation>両端を超えたカーブ</translation>
    </message>
    <message>
        <source>what the lane of a level drives; its curve is drawn</source>
        <translation>レベルのレーンが動かすもの。カーブを描きます</translation>
    </message>
    <message>
        <source>what the lane of a spectrum drives; each bar by its band</source>
        <translation>スペクトルのレーンが動かすもの。バーごとに帯域</translation>
    </message>
    <message>
        <source>what they are, by commas: time, end, length, frame, timecode, name, note, colour, file, in, and - for one that is left out; empty: as its first line says</source>
        <translation>列をコンマで:time、end、length、frame、timecode、name、note、colour、file、in、除くものは -。空:最初の行のとおり</translation>
    </message>
    <message>
        <source>when its first handle stands</source>
        <translation>最初のハンドルの位置</translation>
    </message>
    <message>
        <source>when its second handle stands</source>
        <translation>2 番目のハンドルの位置</translation>
    </message>
    <message>
        <source>where a lane is free</source>
        <translation>レーンの空いている所</translation>
    </message>
    <message>
        <source>where another lane does not act</source>
        <translation>別のレーンが働かない所</translation>
    </message>
    <message>
        <source>where in its clip the shot begins</source>
        <translation>ショットが始まるクリップの位置</translation>
    </message>
    <message>
        <source>where the layer goes on, they stay where they were born</source>
        <translation>レイヤーが進んでも生まれた所に残る</translation>
    </message>
    <message>
        <source>where they are too close: each shortened in proportion, from peak to peak, the higher one at each moment, or both added</source>
        <translation>近すぎるとき:比例して縮める、頂点から頂点へ、各瞬間の高い方、または両方を足す</translation>
    </message>
    <message>
        <source>whether it is a key of the drawn curve, or lies over what was computed</source>
        <translation>手描きカーブのキーか、計算したものの上か</translation>
    </message>
    <message>
        <source>whether it runs in the band over the picture</source>
        <translation>映像の上のバンドに流すか</translation>
    </message>
    <message>
        <source>whether the pulse begins on the beat, or its peak lies there</source>
        <translation>パルスが拍で始まるか、頂点が拍に来るか</translation>
    </message>
    <message>
        <source>which</source>
        <translation>どれ</translation>
    </message>
    <message>
        <source>which shot</source>
        <translation>ショット</translation>
    </message>
    <message>
        <source>which, counted from 1; one more is added</source>
        <translation>どれ(1 から)。もう一つ加わります</translation>
    </message>
    <message>
        <source>while it shakes, turns or is punched it is enlarged by just what hides its edges</source>
        <translation>揺れ・回転・パンチの間、縁を隠すだけ拡大します</translation>
    </message>
    <message>
        <source>white from</source>
        <translation>白の始まり</translation>
    </message>
    <message>
        <source>whole number from %1 to %2</source>
        <translation>%1 から %2 の整数</translation>
    </message>
    <message>
        <source>whose notes; 0: of all channels</source>
        <translation>どの音符。0:全チャンネル</translation>
    </message>
    <message>
        <source>wide and light</source>
        <translation>広く軽く</translation>
    </message>
    <message>
        <source>width</source>
        <translation>幅</translation>
    </message>
    <message>
        <source>wipe from above</source>
        <translation>上からワイプ</translation>
    </message>
    <message>
        <source>wipe from the left</source>
        <translation>左からワイプ</translation>
    </message>
    <message>
        <source>wipes over it</source>
        <translation>上をワイプする</translation>
    </message>
    <message>
        <source>with all formats</source>
        <translation>全形式と一緒に</translation>
    </message>
    <message>
        <source>with its pins</source>
        <translation>ピンごと</translation>
    </message>
    <message>
        <source>with the name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>within</source>
        <translation>以内</translation>
    </message>
    <message>
        <source>without the song</source>
        <translation>曲なし</translation>
    </message>
    <message>
        <source>word</source>
        <translation>語</translation>
    </message>
    <message>
        <source>word sung out of the picture</source>
        <translation>映像の外で歌われる語</translation>
    </message>
    <message>
        <source>words</source>
        <translation>語</translation>
    </message>
    <message>
        <source>words %1</source>
        <translation>語 %1</translation>
    </message>
    <message>
        <source>words on
a card</source>
        <translation>カードの
言葉</translation>
    </message>
    <message>
        <source>words on a card, for pictures that stand upright</source>
        <translation>カードの言葉、縦長の映像に</translation>
    </message>
    <message>
        <source>words that wait to be set, in the order of their text</source>
        <translation>置かれるのを待つ語、歌詞の順</translation>
    </message>
    <message>
        <source>world-space trail</source>
        <translation>空間に残る軌跡</translation>
    </message>
    <message>
        <source>worn tape</source>
        <translation>擦れたテープ</translation>
    </message>
    <message>
        <source>write title</source>
        <translation>タイトルを書く</translation>
    </message>
    <message>
        <source>x1, y1, x2, y2 as in CSS</source>
        <translation>CSS と同じ x1, y1, x2, y2</translation>
    </message>
    <message>
        <source>y</source>
        <translation>y</translation>
    </message>
    <message>
        <source>yes or no</source>
        <translation>はい か いいえ</translation>
    </message>
    <message>
        <source>you are not allowed to write there</source>
        <translation>そこに書く許可がありません</translation>
    </message>
    <message>
        <source>yyyy-MM-dd hh:mm</source>
        <translation>yyyy-MM-dd hh:mm</translation>
    </message>
    <message>
        <source>zoom blur</source>
        <translation>ズームぼかし</translation>
    </message>
    <message>
        <source>° a second</source>
        <translation>°/秒</translation>
    </message>
    <message>
        <source>“%1” could not be placed again: %2</source>
        <translation>「%1」を置き直せませんでした:%2</translation>
    </message>
    <message>
        <source>“%1” drives nothing.</source>
        <translation>「%1」は何も動かしません。</translation>
    </message>
    <message>
        <source>“%1” has no effect called &quot;%2&quot;.</source>
        <translation>「%1」に「%2」というエフェクトはありません。</translation>
    </message>
    <message>
        <source>“%1” has no picture.</source>
        <translation>「%1」に映像がありません。</translation>
    </message>
    <message>
        <source>“%1” has no sound of its own.</source>
        <translation>「%1」に自身の音がありません。</translation>
    </message>
    <message>
        <source>“%1” has no sound.</source>
        <translation>「%1」に音がありません。</translation>
    </message>
    <message>
        <source>“%1” has no text.</source>
        <translation>「%1」に文字がありません。</translation>
    </message>
    <message>
        <source>“%1” has no value called &quot;%2&quot;.</source>
        <translation>「%1」に「%2」という値はありません。</translation>
    </message>
    <message>
        <source>“%1” is made of other rows.</source>
        <translation>「%1」は他の行からできています。</translation>
    </message>
    <message>
        <source>“%1” is no place.</source>
        <translation>「%1」は場所ではありません。</translation>
    </message>
</context>
<context>
    <name>pulsepin::ActsField</name>
    <message>
        <source>All alike</source>
        <translation>すべて同じに</translation>
    </message>
    <message>
        <source>All selected triggers drive what this one drives, on the same course</source>
        <translation>選択したすべてのトリガーが、これと同じものを同じ経過で動かします</translation>
    </message>
    <message>
        <source>Course</source>
        <translation>経過</translation>
    </message>
    <message>
        <source>Drives…</source>
        <translation>動かす…</translation>
    </message>
    <message>
        <source>Further up</source>
        <translation>上へ</translation>
    </message>
    <message>
        <source>How it goes over its length</source>
        <translation>長さの中での変わり方</translation>
    </message>
    <message>
        <source>It no longer drives that</source>
        <translation>もう動かしません</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>その名前</translation>
    </message>
    <message>
        <source>Keep a course</source>
        <translation>経過を保存</translation>
    </message>
    <message>
        <source>Keep this one under a name…</source>
        <translation>名前を付けて保存…</translation>
    </message>
    <message>
        <source>Once more</source>
        <translation>もう一つ</translation>
    </message>
    <message>
        <source>One more parameter that it drives while it lasts</source>
        <translation>続く間に動かす値をもう一つ</translation>
    </message>
    <message>
        <source>Opens its course in the lane, where keys are dragged (double click on its bar)</source>
        <translation>レーンで経過を開き、そこでキーをドラッグします(バーをダブルクリック)</translation>
    </message>
    <message>
        <source>The colour there</source>
        <translation>そこでの色</translation>
    </message>
    <message>
        <source>The layers that it acts on</source>
        <translation>働きかけるレイヤー</translation>
    </message>
    <message>
        <source>The same in beats from its beginning</source>
        <translation>同じ位置を始めからの拍数で</translation>
    </message>
    <message>
        <source>The value there</source>
        <translation>そこでの値</translation>
    </message>
    <message>
        <source>Where the key lies, in percent of its length</source>
        <translation>キーの位置(長さに対する %)</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>色を変更</translation>
    </message>
    <message>
        <source>change curve</source>
        <translation>カーブを変更</translation>
    </message>
    <message>
        <source>change easing</source>
        <translation>イージングを変更</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>範囲を変更</translation>
    </message>
    <message>
        <source>choose what it acts on</source>
        <translation>対象を選ぶ</translation>
    </message>
    <message>
        <source>copy what it drives</source>
        <translation>動かすものを複製</translation>
    </message>
    <message>
        <source>drive %1</source>
        <translation>%1を動かす</translation>
    </message>
    <message>
        <source>drive less</source>
        <translation>動かすものを減らす</translation>
    </message>
    <message>
        <source>from</source>
        <translation>から</translation>
    </message>
    <message>
        <source>keep course</source>
        <translation>経過を保存</translation>
    </message>
    <message>
        <source>key %1 of %2</source>
        <translation>キー %1/%2</translation>
    </message>
    <message>
        <source>move key of event</source>
        <translation>イベントのキーを移動</translation>
    </message>
    <message>
        <source>on: %1</source>
        <translation>対象:%1</translation>
    </message>
    <message>
        <source>on: camera</source>
        <translation>対象:カメラ</translation>
    </message>
    <message>
        <source>order what it drives</source>
        <translation>動かすものを並べ替え</translation>
    </message>
    <message>
        <source>pulse: %1</source>
        <translation>パルス:%1</translation>
    </message>
    <message>
        <source>the camera: all of the picture</source>
        <translation>カメラ:映像全体</translation>
    </message>
    <message>
        <source>to</source>
        <translation>まで</translation>
    </message>
</context>
<context>
    <name>pulsepin::AddLaneDialog</name>
    <message>
        <source>%1 poses</source>
        <translation>%1 のポーズ</translation>
    </message>
    <message>
        <source>Add a lane of %1</source>
        <translation>%1のレーンを追加</translation>
    </message>
    <message>
        <source>Add lane</source>
        <translation>レーンを追加</translation>
    </message>
    <message>
        <source>Base value</source>
        <translation>基準値</translation>
    </message>
    <message>
        <source>Its name; none: after what it drives</source>
        <translation>名前。空なら動かすものの名前</translation>
    </message>
    <message>
        <source>Peak value; lower than the base value, it dips</source>
        <translation>頂点の値。基準値より小さければ下がります</translation>
    </message>
    <message>
        <source>The layer of the picture that it drives, or a property by its name only</source>
        <translation>動かすレイヤー、または名前だけの属性</translation>
    </message>
    <message>
        <source>The layer or group that appears</source>
        <translation>現れるレイヤーまたはグループ</translation>
    </message>
    <message>
        <source>What of it is driven</source>
        <translation>動かす属性</translation>
    </message>
    <message>
        <source>drives</source>
        <translation>動かす</translation>
    </message>
    <message>
        <source>from</source>
        <translation>から</translation>
    </message>
    <message>
        <source>its</source>
        <translation>その</translation>
    </message>
    <message>
        <source>name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>nothing in the picture yet</source>
        <translation>映像にはまだ何もない</translation>
    </message>
    <message>
        <source>place, scale, rotation and opacity of it, as one key</source>
        <translation>位置・大きさ・回転・不透明度を 1 つのキーで</translation>
    </message>
    <message>
        <source>to</source>
        <translation>まで</translation>
    </message>
    <message>
        <source>what appears</source>
        <translation>現れるもの</translation>
    </message>
</context>
<context>
    <name>pulsepin::AppearanceForm</name>
    <message>
        <source>Each in the next of these colours, instead of the layer's</source>
        <translation>レイヤーの色の代わりに、順にこの色になります</translation>
    </message>
    <message>
        <source>What appears</source>
        <translation>現れるもの</translation>
    </message>
    <message>
        <source>colours in turn</source>
        <translation>順番の色</translation>
    </message>
    <message>
        <source>each differs from the one before</source>
        <translation>一つ前と異なる</translation>
    </message>
    <message>
        <source>each lasts %1</source>
        <translation>それぞれ %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::BinCommands</name>
    <message>
        <source>%1; not found: %2</source>
        <translation>%1;見つからない:%2</translation>
    </message>
    <message numerus="yes">
        <source>%n files found</source>
        <translation><numerusform>%n 個のファイルが見つかりました</numerusform></translation>
    </message>
    <message>
        <source>A copy is made of films; a picture is read by any program</source>
        <translation>コピーは動画のみ。画像はどのプログラムでも読めます</translation>
    </message>
    <message>
        <source>All files (*)</source>
        <translation>すべてのファイル (*)</translation>
    </message>
    <message>
        <source>Another file for the shot…</source>
        <translation>ショットに別のファイル…</translation>
    </message>
    <message>
        <source>Another file for “%1”</source>
        <translation>「%1」の代わりのファイル</translation>
    </message>
    <message>
        <source>Choose a shot in the bin, or select its cut</source>
        <translation>ビンでショットを選ぶか、そのカットを選択してください</translation>
    </message>
    <message>
        <source>Choose one shot in the bin, or select its cut</source>
        <translation>ビンでショットを 1 つ選ぶか、そのカットを選択してください</translation>
    </message>
    <message>
        <source>Copy of the shot that any program reads…</source>
        <translation>どのプログラムでも読めるコピー…</translation>
    </message>
    <message>
        <source>Copy that any program reads</source>
        <translation>どのプログラムでも読めるコピー</translation>
    </message>
    <message>
        <source>Find missing files in %1</source>
        <translation>%1 で探す</translation>
    </message>
    <message>
        <source>Find missing files…</source>
        <translation>見つからないファイルを探す…</translation>
    </message>
    <message>
        <source>In which folder are the missing files?</source>
        <translation>見つからないファイルはどのフォルダーに?</translation>
    </message>
    <message>
        <source>Looking at %1</source>
        <translation>%1 を調べています</translation>
    </message>
    <message>
        <source>No file is missing</source>
        <translation>足りないファイルはありません</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 を開いています</translation>
    </message>
    <message>
        <source>The copy was not written</source>
        <translation>コピーは書かれませんでした</translation>
    </message>
    <message>
        <source>Turn the shot left</source>
        <translation>ショットを左に回す</translation>
    </message>
    <message>
        <source>Turn the shot right</source>
        <translation>ショットを右に回す</translation>
    </message>
    <message>
        <source>Video and pictures (%1 %2);;All files (*)</source>
        <translation>動画と画像 (%1 %2);;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>Where the song is</source>
        <translation>曲の場所</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>another file</source>
        <translation>別のファイル</translation>
    </message>
    <message>
        <source>find missing files</source>
        <translation>足りないファイルを探す</translation>
    </message>
    <message>
        <source>turn shot left</source>
        <translation>ショットを左に回す</translation>
    </message>
    <message>
        <source>turn shot right</source>
        <translation>ショットを右に回す</translation>
    </message>
    <message>
        <source>use a copy</source>
        <translation>コピーを使う</translation>
    </message>
    <message>
        <source>where the song is</source>
        <translation>曲の場所</translation>
    </message>
    <message>
        <source>“%1” is another recording than the song of this piece. Open it as a song instead</source>
        <translation>「%1」はこの作品の曲とは別の録音です。曲として開いてください</translation>
    </message>
    <message>
        <source>“%1” is shown instead. Ctrl+Z takes it back</source>
        <translation>代わりに「%1」を表示します。Ctrl+Z で戻せます</translation>
    </message>
    <message>
        <source>“%1” is written, and shown instead. Ctrl+Z takes that back</source>
        <translation>「%1」を書き、代わりに表示しています。Ctrl+Z で戻せます</translation>
    </message>
</context>
<context>
    <name>pulsepin::Canvas</name>
    <message>
        <source>%1 ms earlier · Ctrl+Z: stay</source>
        <translation>%1 ms 前へ · Ctrl+Z:元の位置</translation>
    </message>
    <message>
        <source>%1 ms later · Ctrl+Z: stay</source>
        <translation>%1 ms 後へ · Ctrl+Z:元の位置</translation>
    </message>
    <message>
        <source>%1 on every %2</source>
        <translation>%2 ごとに %1</translation>
    </message>
    <message>
        <source>%1 · frame %2 · %3 ms off</source>
        <translation>%1 · フレーム %2 · ずれ %3 ms</translation>
    </message>
    <message>
        <source>Drag a pin to move it along the beats · hold Shift to leave the grid · Delete removes it</source>
        <translation>ピンをドラッグで拍に沿って移動 · Shift でグリッドを離れる · Delete で削除</translation>
    </message>
    <message>
        <source>Drag along the beats · Shift leaves the grid</source>
        <translation>拍に沿ってドラッグ · Shift でグリッドを離れる</translation>
    </message>
    <message>
        <source>Drag along the beats, or up and down into another row · Shift leaves the grid</source>
        <translation>拍に沿って、または別の行へドラッグ · Shift でグリッドを離れる</translation>
    </message>
    <message>
        <source>Drag onto another shot to swap them, with Ctrl to replace it · Alt: another part of the shot</source>
        <translation>別のショットへドラッグで交換、Ctrl で置換 · Alt:ショットの別の部分</translation>
    </message>
    <message>
        <source>Drag the cut along the beats · Alt: pictures stay in place · Alt+Ctrl: all later cuts too</source>
        <translation>カットを拍に沿ってドラッグ · Alt:映像はそのまま · Alt+Ctrl:後のカットも全部</translation>
    </message>
    <message>
        <source>Drag the end to make it last longer or shorter · Shift counts frames</source>
        <translation>端をドラッグで長短を変更 · Shift でフレーム単位</translation>
    </message>
    <message>
        <source>Drag to make the names wider or narrower</source>
        <translation>ドラッグで名前の幅を変更</translation>
    </message>
    <message>
        <source>a cut at %1</source>
        <translation>%1 にカット</translation>
    </message>
    <message>
        <source>a cut at %1 · Ctrl: takes this shot's place</source>
        <translation>%1 にカット · Ctrl:このショットと入れ替え</translation>
    </message>
    <message>
        <source>add key to event</source>
        <translation>イベントにキーを追加</translation>
    </message>
    <message>
        <source>from %1 to %2</source>
        <translation>%1 から %2 まで</translation>
    </message>
    <message>
        <source>line %1 · %2 characters per second</source>
        <translation>行 %1 · 毎秒 %2 文字</translation>
    </message>
    <message>
        <source>takes this shot's place</source>
        <translation>このショットと入れ替え</translation>
    </message>
</context>
<context>
    <name>pulsepin::CanvasAccess</name>
    <message>
        <source>%1 milliseconds early</source>
        <translation>%1 ミリ秒早い</translation>
    </message>
    <message>
        <source>%1 milliseconds late</source>
        <translation>%1 ミリ秒遅い</translation>
    </message>
    <message>
        <source>%1 seconds long</source>
        <translation>長さ %1 秒</translation>
    </message>
    <message>
        <source>%1, lane of %2, %3</source>
        <translation>%1、%2のレーン、%3</translation>
    </message>
    <message>
        <source>Beats, %1</source>
        <translation>拍、%1 個</translation>
    </message>
    <message>
        <source>Moves it a beat earlier</source>
        <translation>1 拍前へ動かす</translation>
    </message>
    <message>
        <source>Moves it a beat later</source>
        <translation>1 拍後へ動かす</translation>
    </message>
    <message>
        <source>No beats yet</source>
        <translation>まだ拍がない</translation>
    </message>
    <message>
        <source>Selects it and puts the playhead there</source>
        <translation>選択して再生ヘッドをそこへ置く</translation>
    </message>
    <message>
        <source>at %1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>bar %1 beat %2</source>
        <translation>%1 小節 %2 拍</translation>
    </message>
    <message>
        <source>bar %1 beat %2 and %3 of 960 ticks</source>
        <translation>%1 小節 %2 拍 + %3/960 ティック</translation>
    </message>
    <message>
        <source>beat, bar %1 beat %2, %3</source>
        <translation>拍、%1 小節 %2 拍、%3</translation>
    </message>
    <message>
        <source>loose</source>
        <translation>固定なし</translation>
    </message>
    <message>
        <source>muted</source>
        <translation>ミュート</translation>
    </message>
    <message>
        <source>to the frame</source>
        <translation>フレームちょうど</translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckBank</name>
    <message>
        <source>Checking</source>
        <translation>点検中</translation>
    </message>
    <message>
        <source>Looking at the files</source>
        <translation>ファイルを調べています</translation>
    </message>
    <message>
        <source>Measuring flashes</source>
        <translation>点滅を測定中</translation>
    </message>
    <message>
        <source>Measuring flashes before they are placed</source>
        <translation>置く前に点滅を測定中</translation>
    </message>
    <message>
        <source>Measuring the sound</source>
        <translation>音を測定中</translation>
    </message>
    <message>
        <source>Working out a fix</source>
        <translation>修正を検討中</translation>
    </message>
</context>
<context>
    <name>pulsepin::CheckCommands</name>
    <message>
        <source> It is of the piece as it was when it was last checked.</source>
        <translation> 前回点検した時の作品のものです。</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message>
        <source>%1 written.%2</source>
        <translation>%1 を書きました。%2</translation>
    </message>
    <message>
        <source>Accept finding</source>
        <translation>指摘を受け入れる</translation>
    </message>
    <message>
        <source>Check the piece</source>
        <translation>作品を点検</translation>
    </message>
    <message>
        <source>Choose a finding first</source>
        <translation>先に指摘を選んでください</translation>
    </message>
    <message>
        <source>Done: %1</source>
        <translation>完了:%1</translation>
    </message>
    <message>
        <source>Done: %1. Ctrl+Z takes it back</source>
        <translation>完了:%1。Ctrl+Z で戻せます</translation>
    </message>
    <message>
        <source>Every pin, as a table…</source>
        <translation>すべてのピンの表…</translation>
    </message>
    <message>
        <source>Every pin, as values…</source>
        <translation>すべてのピンの値…</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>指摘</translation>
    </message>
    <message>
        <source>Findings, as JSON…</source>
        <translation>指摘を JSON で…</translation>
    </message>
    <message>
        <source>Fix all findings of this kind</source>
        <translation>同種の指摘をすべて修正</translation>
    </message>
    <message>
        <source>Fix the finding</source>
        <translation>指摘を修正</translation>
    </message>
    <message>
        <source>Ignore the finding on purpose, or not</source>
        <translation>指摘を意図的に無視、または戻す</translation>
    </message>
    <message>
        <source>Ignored on purpose. Why? (stands in the report)</source>
        <translation>意図的に無視。理由は?(レポートに載ります)</translation>
    </message>
    <message>
        <source>It was not fixed</source>
        <translation>修正されませんでした</translation>
    </message>
    <message>
        <source>Measure files, sound and flashes</source>
        <translation>ファイル・音・点滅を測定</translation>
    </message>
    <message>
        <source>Nothing was found</source>
        <translation>何も見つかりません</translation>
    </message>
    <message>
        <source>Preview fix</source>
        <translation>修正を見る</translation>
    </message>
    <message>
        <source>Report to print</source>
        <translation>印刷用レポート</translation>
    </message>
    <message>
        <source>Report to print…</source>
        <translation>印刷用レポート…</translation>
    </message>
    <message>
        <source>Sync report as values</source>
        <translation>同期レポートの値</translation>
    </message>
    <message>
        <source>Take them</source>
        <translation>適用</translation>
    </message>
    <message>
        <source>That has no automatic fix: change it, or ignore it on purpose</source>
        <translation>自動の修正はありません:変更するか、意図的に無視してください</translation>
    </message>
    <message>
        <source>The fix %1</source>
        <translation>修正すると:%1</translation>
    </message>
    <message>
        <source>The piece is being checked: write the report when that is done</source>
        <translation>点検中です:終わってからレポートを書いてください</translation>
    </message>
    <message>
        <source>The piece was not checked yet</source>
        <translation>まだ点検されていません</translation>
    </message>
    <message>
        <source>This flashes %1 times in a second over more than a quarter of the view: more than %2 may hurt people (WCAG 2.2, 2.3.1). Make it weaker or rarer, or fix it at the stop Check</source>
        <translation>視野の 4 分の 1 を超えて毎秒 %1 回点滅します:%2 回を超えると人に害を及ぼすことがあります(WCAG 2.2, 2.3.1)。弱く、または少なくするか、「点検」で修正してください</translation>
    </message>
    <message>
        <source>To the finding before</source>
        <translation>前の指摘へ</translation>
    </message>
    <message>
        <source>To the next finding</source>
        <translation>次の指摘へ</translation>
    </message>
    <message>
        <source>What the piece is checked against</source>
        <translation>点検の基準</translation>
    </message>
    <message>
        <source>What the piece is checked against…</source>
        <translation>点検の基準…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>accept finding</source>
        <translation>指摘を受け入れる</translation>
    </message>
    <message>
        <source>asks for another file, which is shown in the same places</source>
        <translation>別のファイルを尋ね、同じ場所に表示します</translation>
    </message>
    <message>
        <source>asks where to, writes a copy that any program reads, and shows that instead</source>
        <translation>場所を尋ね、どのプログラムでも読めるコピーを書いて表示します</translation>
    </message>
    <message>
        <source>change limits</source>
        <translation>上限を変更</translation>
    </message>
    <message>
        <source>ignored</source>
        <translation>無視</translation>
    </message>
    <message>
        <source>not accept finding</source>
        <translation>指摘を受け入れない</translation>
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
        <translation><numerusform>指摘 %1/%n 件</numerusform></translation>
    </message>
    <message>
        <source>%1. There is no automatic fix</source>
        <translation>%1。自動の修正はありません</translation>
    </message>
    <message>
        <source>%1/s</source>
        <translation>%1/秒</translation>
    </message>
    <message numerus="yes">
        <source>%n findings</source>
        <translation><numerusform>指摘 %n 件</numerusform></translation>
    </message>
    <message>
        <source>Check</source>
        <translation>点検</translation>
    </message>
    <message>
        <source>Every pin, sorted and filtered; as a file of values</source>
        <translation>すべてのピンを並べ替え・絞り込み、値のファイルに</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>指摘</translation>
    </message>
    <message>
        <source>Findings that are ignored on purpose, too</source>
        <translation>意図的に無視した指摘も</translation>
    </message>
    <message>
        <source>Fix all like this</source>
        <translation>同種を全部修正</translation>
    </message>
    <message>
        <source>Fixes all findings of this kind that are not ignored, in one step</source>
        <translation>無視していない同種の指摘を一度に修正します</translation>
    </message>
    <message>
        <source>How far a cut, trigger or pulse may lie from its place</source>
        <translation>カット・トリガー・パルスが場所からずれてよい量</translation>
    </message>
    <message>
        <source>How it is fixed</source>
        <translation>修正の方法</translation>
    </message>
    <message>
        <source>In the second before the playhead, as measured at quarter size. A measure after WCAG 2.2, 2.3.1 or ITU-R BT.1702, no medical promise</source>
        <translation>再生ヘッドの前 1 秒を 4 分の 1 の大きさで測定。WCAG 2.2, 2.3.1 または ITU-R BT.1702 による目安で、医学的な保証ではありません</translation>
    </message>
    <message>
        <source>Looks at files, sound and frames again; what is the same to see is not measured twice</source>
        <translation>ファイル・音・フレームをもう一度調べます。見た目が同じものは再測定しません</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>測定</translation>
    </message>
    <message>
        <source>More…</source>
        <translation>詳細…</translation>
    </message>
    <message>
        <source>Not looked at yet</source>
        <translation>まだ見ていない</translation>
    </message>
    <message>
        <source>Only what lies farther off; of what is counted in milliseconds</source>
        <translation>より遠いものだけ(ミリ秒で数えるもの)</translation>
    </message>
    <message>
        <source>Only what this check found</source>
        <translation>この点検の指摘だけ</translation>
    </message>
    <message>
        <source>Only what was found on this lane</source>
        <translation>このレーンの指摘だけ</translation>
    </message>
    <message>
        <source>Preview fix</source>
        <translation>修正を見る</translation>
    </message>
    <message>
        <source>Print…</source>
        <translation>印刷…</translation>
    </message>
    <message>
        <source>Says what the fix will do, without doing it</source>
        <translation>実行せずに、何をするかを示します</translation>
    </message>
    <message>
        <source>Show ignored</source>
        <translation>無視も表示</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>停止</translation>
    </message>
    <message>
        <source>Table…</source>
        <translation>表…</translation>
    </message>
    <message>
        <source>The report as pages to print (PDF)</source>
        <translation>印刷用ページのレポート(PDF)</translation>
    </message>
    <message>
        <source>What else the piece is checked against</source>
        <translation>その他の点検基準</translation>
    </message>
    <message>
        <source>Working it out…</source>
        <translation>検討中…</translation>
    </message>
    <message>
        <source>all kinds</source>
        <translation>全種類</translation>
    </message>
    <message>
        <source>all lanes</source>
        <translation>全レーン</translation>
    </message>
    <message>
        <source>area</source>
        <translation>面積</translation>
    </message>
    <message>
        <source>flashes</source>
        <translation>点滅</translation>
    </message>
    <message>
        <source>frames not measured yet</source>
        <translation>フレームは未測定</translation>
    </message>
    <message>
        <source>half a frame</source>
        <translation>半フレーム</translation>
    </message>
    <message>
        <source>limit</source>
        <translation>上限</translation>
    </message>
    <message>
        <source>limit %1</source>
        <translation>上限 %1</translation>
    </message>
    <message>
        <source>limit 25 %</source>
        <translation>上限 25 %</translation>
    </message>
    <message numerus="yes">
        <source>measured %1 min ago on %n frames</source>
        <translation><numerusform>%1 分前に %n フレームで測定</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>measured on %n frames</source>
        <translation><numerusform>%n フレームで測定</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>ms from the beat, of %n pins</source>
        <translation><numerusform>拍からの ms、%n 個のピン</numerusform></translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>not looked at yet</source>
        <translation>まだ見ていない</translation>
    </message>
    <message>
        <source>over %1 ms</source>
        <translation>%1 ms 超</translation>
    </message>
    <message>
        <source>red flashes</source>
        <translation>赤い点滅</translation>
    </message>
</context>
<context>
    <name>pulsepin::ColourField</name>
    <message>
        <source>Another…</source>
        <translation>別の…</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>色</translation>
    </message>
</context>
<context>
    <name>pulsepin::CommandSearch</name>
    <message>
        <source> or </source>
        <translation> または </translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>すべてのショートカット</translation>
    </message>
    <message>
        <source>Commands that were found</source>
        <translation>見つかったコマンド</translation>
    </message>
    <message>
        <source>Find a command</source>
        <translation>コマンドを探す</translation>
    </message>
    <message>
        <source>What you want to do</source>
        <translation>したいこと</translation>
    </message>
    <message>
        <source>a few letters of what you want to do</source>
        <translation>したいことの数文字</translation>
    </message>
</context>
<context>
    <name>pulsepin::CourseTiles</name>
    <message>
        <source> · best</source>
        <translation> · 最良</translation>
    </message>
    <message>
        <source>A few tempi, each constant, changing at beats; items follow</source>
        <translation>拍で切り替わる、それぞれ一定のいくつかのテンポ。ピンも動きます</translation>
    </message>
    <message>
        <source>Each beat where something starts near it, as people play; items follow</source>
        <translation>人の演奏どおり、近くで音が始まる拍ごと。ピンも動きます</translation>
    </message>
    <message>
        <source>One tempo, fitted to all beats, so that the error does not grow; items follow</source>
        <translation>誤差が増えないよう全拍に合わせた一つのテンポ。ピンも動きます</translation>
    </message>
    <message>
        <source>beat by beat</source>
        <translation>拍ごと</translation>
    </message>
    <message>
        <source>constant</source>
        <translation>一定</translation>
    </message>
    <message>
        <source>in steps</source>
        <translation>段階</translation>
    </message>
    <message>
        <source>tempo %1</source>
        <translation>テンポ %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::CurveKeyForm</name>
    <message>
        <source> s</source>
        <translation> 秒</translation>
    </message>
    <message>
        <source>How far it is lifted, or what it is</source>
        <translation>持ち上げる量、または値</translation>
    </message>
    <message>
        <source>Over how long it comes before that, and goes after</source>
        <translation>その前に入り、後で抜ける時間</translation>
    </message>
    <message>
        <source>What each of them does to the curve</source>
        <translation>それぞれがカーブにすること</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>フェード</translation>
    </message>
    <message>
        <source>keys of the drawn curve</source>
        <translation>手描きカーブのキー</translation>
    </message>
    <message>
        <source>last</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>lift the curve</source>
        <translation>カーブを持ち上げる</translation>
    </message>
    <message>
        <source>replace the curve</source>
        <translation>カーブを置き換える</translation>
    </message>
    <message>
        <source>the curve acts there alone</source>
        <translation>そこだけカーブが働く</translation>
    </message>
    <message>
        <source>value</source>
        <translation>値</translation>
    </message>
    <message>
        <source>what they do</source>
        <translation>すること</translation>
    </message>
</context>
<context>
    <name>pulsepin::CutForm</name>
    <message>
        <source> frames</source>
        <translation> フレーム</translation>
    </message>
    <message>
        <source> s</source>
        <translation> 秒</translation>
    </message>
    <message>
        <source>, %1 of the bin</source>
        <translation>、ビンの %1</translation>
    </message>
    <message>
        <source>, from bin</source>
        <translation>、ビンから</translation>
    </message>
    <message>
        <source>Cross-fade around each beat, half of it before</source>
        <translation>拍の前後のクロスフェード、半分は前</translation>
    </message>
    <message>
        <source>How each shot lies in the picture; single ones are framed in the picture</source>
        <translation>各ショットの収め方。個別には映像で調整します</translation>
    </message>
    <message>
        <source>No shot becomes shorter than this</source>
        <translation>これより短いショットにはなりません</translation>
    </message>
    <message>
        <source>Shots that are taken, and their weight</source>
        <translation>使うショットとその重み</translation>
    </message>
    <message>
        <source>The marker on the shot that meets the beat; shots without it start at the in-point</source>
        <translation>拍に合わせるショット上のマーカー。なければイン点から</translation>
    </message>
    <message>
        <source>Ticked shots are taken; the weight counts at random by weight</source>
        <translation>印のあるショットを使います。「重み付き乱数」では重みが効きます</translation>
    </message>
    <message>
        <source>Where in the clip</source>
        <translation>クリップ内の位置</translation>
    </message>
    <message>
        <source>any length</source>
        <translation>任意の長さ</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>最短</translation>
    </message>
    <message>
        <source>at random</source>
        <translation>ランダム</translation>
    </message>
    <message>
        <source>by section</source>
        <translation>セクション別</translation>
    </message>
    <message>
        <source>by weight</source>
        <translation>重み付き</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>乱数</translation>
    </message>
    <message>
        <source>cross-fade</source>
        <translation>クロスフェード</translation>
    </message>
    <message>
        <source>fill the picture</source>
        <translation>画面を満たす</translation>
    </message>
    <message>
        <source>fit: all of the shot</source>
        <translation>全体を収める</translation>
    </message>
    <message>
        <source>framing</source>
        <translation>フレーミング</translation>
    </message>
    <message>
        <source>hard cuts</source>
        <translation>つなぎはカット</translation>
    </message>
    <message>
        <source>in turn</source>
        <translation>順番に</translation>
    </message>
    <message>
        <source>in-point</source>
        <translation>イン点</translation>
    </message>
    <message>
        <source>marker</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>one shot</source>
        <translation>1 つ</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>見える所</translation>
    </message>
    <message>
        <source>shots taken</source>
        <translation>使うショット</translation>
    </message>
    <message>
        <source>slates, until there are shots</source>
        <translation>ショットが来るまで仮</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>重み</translation>
    </message>
    <message>
        <source>which shot</source>
        <translation>ショット</translation>
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
        <translation>%1/%2 回</translation>
    </message>
    <message>
        <source>%1 taps, %2 ms after the click</source>
        <translation>%1 回、クリックの %2 ms 後</translation>
    </message>
    <message>
        <source>Audio-video offset</source>
        <translation>音と映像のずれ</translation>
    </message>
    <message>
        <source>Play the click, then tap here</source>
        <translation>クリックを再生して、ここを叩く</translation>
    </message>
    <message>
        <source>Sound and picture</source>
        <translation>音と映像</translation>
    </message>
    <message>
        <source>The delay that your device tells of is taken into account already. Loudspeakers that are reached by radio may add some more. Type it, or listen to the click and tap the space bar with it: your own reaction is in it too, so rely on your eye in the end.</source>
        <translation>機器が知らせる遅れはすでに考慮されています。無線スピーカーはさらに遅れることがあります。値を入力するか、クリックを聴きながらスペースバーを叩いてください。自分の反応時間も含まれるため、最後は目で確かめてください。</translation>
    </message>
    <message>
        <source>There is no room for the click</source>
        <translation>クリックの余地がありません</translation>
    </message>
    <message>
        <source>no taps yet</source>
        <translation>まだタップなし</translation>
    </message>
    <message>
        <source>sound is delayed by</source>
        <translation>音の遅れ</translation>
    </message>
</context>
<context>
    <name>pulsepin::DetailPanel</name>
    <message>
        <source> · shared</source>
        <translation> · 重なり</translation>
    </message>
    <message>
        <source>%1 (%2 ms %3)</source>
        <translation>%1(%2 ms %3)</translation>
    </message>
    <message>
        <source>%1 (exact)</source>
        <translation>%1(正確)</translation>
    </message>
    <message>
        <source>%1 feeds</source>
        <translation>送り先 %1</translation>
    </message>
    <message>
        <source>%1 frames</source>
        <translation>%1 フレーム</translation>
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
        <translation>%1 を選択</translation>
    </message>
    <message>
        <source>%1, then by hand</source>
        <translation>%1、その後手作業</translation>
    </message>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>ピン %n 個</numerusform></translation>
    </message>
    <message>
        <source>Another one of this lane acts on the same frame: the one placed last is seen</source>
        <translation>このレーンの別のものが同じフレームで働きます:後に置いた方が見えます</translation>
    </message>
    <message>
        <source>Click a pin to see where it lies.</source>
        <translation>ピンをクリックすると位置がわかります。</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Feeds</source>
        <translation>送り先</translation>
    </message>
    <message>
        <source>It stays where it is, without effect (Ctrl+M)</source>
        <translation>そのまま残り、効きません(Ctrl+M)</translation>
    </message>
    <message>
        <source>Lets it stay at its time whatever the grid does</source>
        <translation>グリッドが変わってもその時間に残します</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>Mute</source>
        <translation>消音</translation>
    </message>
    <message>
        <source>Nothing changes it until it is unlocked (Ctrl+L)</source>
        <translation>ロックを解くまで変わりません(Ctrl+L)</translation>
    </message>
    <message>
        <source>Nothing selected</source>
        <translation>選択なし</translation>
    </message>
    <message>
        <source>Pin</source>
        <translation>固定</translation>
    </message>
    <message>
        <source>Planting</source>
        <translation>組</translation>
    </message>
    <message>
        <source>Removes what is selected (Delete)</source>
        <translation>選択したものを削除します(Delete)</translation>
    </message>
    <message>
        <source>Selected</source>
        <translation>選択</translation>
    </message>
    <message>
        <source>Selected: %1</source>
        <translation>選択中:%1</translation>
    </message>
    <message>
        <source>Selected: cut to “%1”</source>
        <translation>選択中:「%1」へのカット</translation>
    </message>
    <message>
        <source>Selected: drawing “%1”</source>
        <translation>選択中:作画「%1」</translation>
    </message>
    <message>
        <source>Selected: marker “%1”</source>
        <translation>選択中:マーカー「%1」</translation>
    </message>
    <message>
        <source>Selected: note “%1”</source>
        <translation>選択中:ノート「%1」</translation>
    </message>
    <message>
        <source>Selected: sound “%1”</source>
        <translation>選択中:音「%1」</translation>
    </message>
    <message>
        <source>Selected: word “%1”</source>
        <translation>選択中:語「%1」</translation>
    </message>
    <message>
        <source>Selects all that was placed together with this</source>
        <translation>これと一緒に置いたものをすべて選択します</translation>
    </message>
    <message>
        <source>Ties it to the nearest beat, where it is</source>
        <translation>今の位置で最も近い拍に結び付けます</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>外す</translation>
    </message>
    <message>
        <source>What is selected</source>
        <translation>選択しているもの</translation>
    </message>
    <message>
        <source>What the curve of the lane drives</source>
        <translation>レーンのカーブが動かすもの</translation>
    </message>
    <message>
        <source>Where it ends: a bar and beat, as 14, a time, as 0:28.5, or a frame, as 700f</source>
        <translation>終わり:小節と拍は 14、時間は 0:28.5、フレームは 700f のように</translation>
    </message>
    <message>
        <source>Worst rounding to a frame: %1 ms</source>
        <translation>フレームへの最大の丸め:%1 ms</translation>
    </message>
    <message>
        <source>Write a bar and beat, as 13.3</source>
        <translation>小節と拍を 13.3 のように書いてください</translation>
    </message>
    <message>
        <source>Write a time, as 0:26.96</source>
        <translation>時間を 0:26.96 のように書いてください</translation>
    </message>
    <message>
        <source>Write the frame that acts, as 647, or 00:00:26:23</source>
        <translation>働くフレームを 647 や 00:00:26:23 のように書いてください</translation>
    </message>
    <message>
        <source>anchor</source>
        <translation>アンカー</translation>
    </message>
    <message>
        <source>bar </source>
        <translation>小節 </translation>
    </message>
    <message>
        <source>bar %1 + %2</source>
        <translation>%1 小節 + %2</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>先行を変更</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>前</translation>
    </message>
    <message>
        <source>early</source>
        <translation>早い</translation>
    </message>
    <message>
        <source>end</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>手作業</translation>
    </message>
    <message>
        <source>late</source>
        <translation>遅い</translation>
    </message>
    <message>
        <source>later</source>
        <translation>後</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>先行</translation>
    </message>
    <message>
        <source>lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>loose, at its time</source>
        <translation>固定なし、その時間に</translation>
    </message>
    <message>
        <source>mute</source>
        <translation>ミュート</translation>
    </message>
    <message>
        <source>nearest onset</source>
        <translation>近いオンセット</translation>
    </message>
    <message>
        <source>needs a grid</source>
        <translation>グリッドが必要</translation>
    </message>
    <message>
        <source>no shot</source>
        <translation>ショットなし</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>固定</translation>
    </message>
    <message>
        <source>placed by</source>
        <translation>置いた人</translation>
    </message>
    <message>
        <source>time</source>
        <translation>時間</translation>
    </message>
    <message>
        <source>unlock</source>
        <translation>ロックを解く</translation>
    </message>
    <message>
        <source>unmute</source>
        <translation>ミュートを解く</translation>
    </message>
    <message>
        <source>unpin</source>
        <translation>固定を外す</translation>
    </message>
    <message>
        <source>what it lies on</source>
        <translation>載っているもの</translation>
    </message>
</context>
<context>
    <name>pulsepin::DetectionController</name>
    <message>
        <source>%1 BPM is neither the tempo that is heard in this song nor half or twice as fast. Nothing was remembered.</source>
        <translation>%1 BPM はこの曲で聴こえるテンポでも、その半分や 2 倍でもありません。何も覚えませんでした。</translation>
    </message>
    <message>
        <source>%1 beats and %2 onsets found</source>
        <translation>%1 拍と %2 個のオンセットを検出</translation>
    </message>
    <message>
        <source>%1 beats found, half or twice as fast as it would be without what you said of “%2”. Press another tempo if that is wrong here.</source>
        <translation>%1 拍を検出。「%2」での指定により半分または 2 倍の速さです。違う場合は別のテンポを押してください。</translation>
    </message>
    <message>
        <source>%1 onsets in the new row</source>
        <translation>新しい行にオンセット %1 個</translation>
    </message>
    <message>
        <source>Detect beats first</source>
        <translation>先に拍を検出してください</translation>
    </message>
    <message>
        <source>Detection was cancelled</source>
        <translation>検出を中止しました</translation>
    </message>
    <message>
        <source>Find or correct the beats first; then their tempo can be remembered.</source>
        <translation>先に拍を検出または修正してください。そうすればテンポを覚えられます。</translation>
    </message>
    <message>
        <source>Finding onsets</source>
        <translation>オンセットを探しています</translation>
    </message>
    <message>
        <source>Finding the beats</source>
        <translation>拍を探しています</translation>
    </message>
    <message>
        <source>Finding the beats again</source>
        <translation>拍を探し直しています</translation>
    </message>
    <message>
        <source>Listening</source>
        <translation>聴いています</translation>
    </message>
    <message>
        <source>Listening to the beginning</source>
        <translation>冒頭を聴いています</translation>
    </message>
    <message>
        <source>No beats were found that keep to what is held. The grid stays as it is.</source>
        <translation>保持した拍に合う拍は見つかりません。グリッドはそのままです。</translation>
    </message>
    <message>
        <source>No pulse was found %1. %2 onsets were found.</source>
        <translation>脈拍が見つかりません%1。オンセットは %2 個です。</translation>
    </message>
    <message>
        <source>No tempo levels are remembered.</source>
        <translation>記憶したテンポはありません。</translation>
    </message>
    <message>
        <source>One onset in the new row</source>
        <translation>新しい行にオンセット 1 個</translation>
    </message>
    <message>
        <source>Remembered on this computer: songs with a rhythm like this one lean to its tempo level. Songs remembered: %1.</source>
        <translation>このコンピューターに記憶しました:似たリズムの曲はこのテンポの段に寄ります。記憶した曲:%1。</translation>
    </message>
    <message>
        <source>Remembering the tempo</source>
        <translation>テンポを覚えています</translation>
    </message>
    <message>
        <source>The tempo levels of %1 songs are forgotten.</source>
        <translation>%1 曲のテンポを忘れました。</translation>
    </message>
    <message>
        <source>There is no song to listen to yet. Open one first.</source>
        <translation>聴く曲がありません。先に開いてください。</translation>
    </message>
    <message>
        <source>add row of onsets</source>
        <translation>オンセットの行を追加</translation>
    </message>
    <message>
        <source>detect beats</source>
        <translation>拍を検出</translation>
    </message>
    <message>
        <source>find onsets otherwise</source>
        <translation>別の方法でオンセットを探す</translation>
    </message>
    <message>
        <source>in %1</source>
        <translation>(%1)</translation>
    </message>
    <message>
        <source>in this song</source>
        <translation>(この曲)</translation>
    </message>
    <message>
        <source>like %1 s</source>
        <translation>%1 秒のような音</translation>
    </message>
    <message>
        <source>remove row of onsets</source>
        <translation>オンセットの行を削除</translation>
    </message>
    <message>
        <source>take the beats found again</source>
        <translation>見つけ直した拍を採用</translation>
    </message>
</context>
<context>
    <name>pulsepin::Document</name>
    <message numerus="yes">
        <source>%n shots added</source>
        <translation><numerusform>%n 個のショットを追加</numerusform></translation>
    </message>
    <message>
        <source>Done again: %1</source>
        <translation>やり直し:%1</translation>
    </message>
    <message>
        <source>Laying sounds under the song</source>
        <translation>曲の下に音を置いています</translation>
    </message>
    <message>
        <source>Open the song first: other sounds are laid under it</source>
        <translation>先に曲を開いてください:他の音はその下に置かれます</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 を開いています</translation>
    </message>
    <message>
        <source>Opening shots</source>
        <translation>ショットを開いています</translation>
    </message>
    <message>
        <source>Opening was cancelled</source>
        <translation>開くのを中止しました</translation>
    </message>
    <message>
        <source>Sound</source>
        <translation>音</translation>
    </message>
    <message>
        <source>The song itself is muted: M beside it brings it back.</source>
        <translation>曲がミュートされています:横の M で戻せます。</translation>
    </message>
    <message>
        <source>The template on %1</source>
        <translation>%1 にテンプレート</translation>
    </message>
    <message>
        <source>There are no shots in that folder.</source>
        <translation>そのフォルダーにショットはありません。</translation>
    </message>
    <message>
        <source>Titles ask for a font that is not installed: %1. They are set in Inter until it is.</source>
        <translation>タイトルの書体がインストールされていません:%1。それまで Inter で組みます。</translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation>取り消し:%1</translation>
    </message>
    <message>
        <source>Untitled</source>
        <translation>無題</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>書き出し:%1</translation>
    </message>
    <message>
        <source>add shots</source>
        <translation>ショットを追加</translation>
    </message>
    <message>
        <source>add sound</source>
        <translation>音を追加</translation>
    </message>
    <message>
        <source>add sounds</source>
        <translation>音を追加</translation>
    </message>
    <message>
        <source>comparing the grid with what is heard</source>
        <translation>グリッドと音を比べています</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>前</translation>
    </message>
    <message>
        <source>later</source>
        <translation>後</translation>
    </message>
    <message>
        <source>open song</source>
        <translation>曲を開く</translation>
    </message>
    <message>
        <source>“%1” does not sound like the song: it starts with it. Drag it to where it belongs.</source>
        <translation>「%1」は曲と似ていません:曲と同時に始めます。正しい位置へドラッグしてください。</translation>
    </message>
    <message>
        <source>“%1” is added</source>
        <translation>「%1」を追加しました</translation>
    </message>
    <message>
        <source>“%1” is as long as the song and starts with it.</source>
        <translation>「%1」は曲と同じ長さで、同時に始まります。</translation>
    </message>
    <message>
        <source>“%1” was laid where it sounds like the song: %2 samples %3.</source>
        <translation>「%1」を曲と合う位置に置きました:%2 サンプル%3。</translation>
    </message>
</context>
<context>
    <name>pulsepin::DrawingCommands</name>
    <message>
        <source>%1 markers, each tied to its drawing</source>
        <translation>マーカー %1 個、それぞれ作画に結び付け</translation>
    </message>
    <message>
        <source>%1 shapes for %2 words</source>
        <translation>%2 語に %1 個の形</translation>
    </message>
    <message>
        <source>A lane of exposures more</source>
        <translation>作画のレーンをもう一つ</translation>
    </message>
    <message>
        <source>A lane of notes more</source>
        <translation>ノートのレーンをもう一つ</translation>
    </message>
    <message>
        <source>A marker at each drawing</source>
        <translation>作画ごとにマーカー</translation>
    </message>
    <message>
        <source>Band over the picture, on or off</source>
        <translation>映像の上のバンドを表示・非表示</translation>
    </message>
    <message>
        <source>Make mouth shapes first</source>
        <translation>先に口形を作ってください</translation>
    </message>
    <message>
        <source>Mouth shapes of the words</source>
        <translation>語の口形</translation>
    </message>
    <message>
        <source>No word is set yet: set words first</source>
        <translation>まだ語が置かれていません:先に語を置いてください</translation>
    </message>
    <message>
        <source>Place the tapped rhythm as drawings</source>
        <translation>叩いたリズムを作画として置く</translation>
    </message>
    <message>
        <source>Shapes of the mouth…</source>
        <translation>口の形…</translation>
    </message>
    <message>
        <source>Sounding out the words</source>
        <translation>語の音を調べています</translation>
    </message>
    <message>
        <source>There are no drawings yet</source>
        <translation>まだ作画がありません</translation>
    </message>
    <message>
        <source>There are no taps yet: tap a rhythm with T</source>
        <translation>まだタップがありません:T でリズムを叩いてください</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>レーンを追加</translation>
    </message>
    <message>
        <source>add note</source>
        <translation>ノートを追加</translation>
    </message>
    <message>
        <source>hide band</source>
        <translation>バンドを隠す</translation>
    </message>
    <message>
        <source>markers of drawings</source>
        <translation>作画のマーカー</translation>
    </message>
    <message>
        <source>mouth shapes</source>
        <translation>口形</translation>
    </message>
    <message>
        <source>shapes of the mouth</source>
        <translation>口の形</translation>
    </message>
    <message>
        <source>show band</source>
        <translation>バンドを表示</translation>
    </message>
</context>
<context>
    <name>pulsepin::DropCommands</name>
    <message>
        <source>%1 on %2</source>
        <translation>%2 に %1</translation>
    </message>
    <message>
        <source>%1 on every %2</source>
        <translation>%2 ごとに %1</translation>
    </message>
    <message>
        <source>%1 placed on “%2”</source>
        <translation>「%2」に %1 を置きました</translation>
    </message>
    <message>
        <source>%1 pulses: %2 on %3</source>
        <translation>パルス %1 個:%3 に %2</translation>
    </message>
    <message>
        <source>Drop a pulse on a lane of pulses.</source>
        <translation>パルスはパルスのレーンに置いてください。</translation>
    </message>
    <message>
        <source>Drop it on a lane that drives something.</source>
        <translation>何かを動かすレーンに置いてください。</translation>
    </message>
    <message>
        <source>Drop it on a layer in the picture.</source>
        <translation>映像のレイヤーの上に置いてください。</translation>
    </message>
    <message>
        <source>It has no picture.</source>
        <translation>映像がありません。</translation>
    </message>
    <message>
        <source>There is no lane of cuts yet: add one first.</source>
        <translation>まだカットのレーンがありません:先に追加してください。</translation>
    </message>
    <message>
        <source>add picture</source>
        <translation>画像を追加</translation>
    </message>
    <message>
        <source>change layer</source>
        <translation>レイヤーを変更</translation>
    </message>
    <message>
        <source>drive %1</source>
        <translation>%1を動かす</translation>
    </message>
    <message>
        <source>drop pulse</source>
        <translation>パルスを置く</translation>
    </message>
    <message>
        <source>drop shot</source>
        <translation>ショットを置く</translation>
    </message>
    <message>
        <source>every %1</source>
        <translation>%1 ごと</translation>
    </message>
    <message>
        <source>every second %1</source>
        <translation>%1 2 つごと</translation>
    </message>
    <message>
        <source>place layer</source>
        <translation>レイヤーを置く</translation>
    </message>
    <message>
        <source>set word</source>
        <translation>語を置く</translation>
    </message>
    <message>
        <source>use composition</source>
        <translation>コンポジションを使う</translation>
    </message>
    <message>
        <source>“%1” drives %2</source>
        <translation>「%1」が%2を動かす</translation>
    </message>
    <message>
        <source>“%1” from %2 to %3; each of its layers and lanes can be changed</source>
        <translation>「%1」:%2 から %3。各レイヤーとレーンは変更できます</translation>
    </message>
    <message>
        <source>“%1” is there no more.</source>
        <translation>「%1」はもうありません。</translation>
    </message>
</context>
<context>
    <name>pulsepin::DropShot</name>
    <message>
        <source>Drop it on another shot: they swap, with Ctrl it is replaced</source>
        <translation>別のショットに置くと交換、Ctrl で置換</translation>
    </message>
    <message>
        <source>Replaces this shot</source>
        <translation>このショットを置き換えます</translation>
    </message>
    <message>
        <source>The two shots swap</source>
        <translation>2 つのショットを交換します</translation>
    </message>
    <message>
        <source>replace shot</source>
        <translation>ショットを置換</translation>
    </message>
    <message>
        <source>swap shots</source>
        <translation>ショットを交換</translation>
    </message>
</context>
<context>
    <name>pulsepin::ErrorPlot</name>
    <message numerus="yes">
        <source>%n pins, %1 beyond the limit</source>
        <translation><numerusform>ピン %n 個、%1 個が上限超過</numerusform></translation>
    </message>
    <message>
        <source>Distances from the beat</source>
        <translation>拍からの距離</translation>
    </message>
    <message>
        <source>nothing on the beats yet</source>
        <translation>拍の上にまだ何もない</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExportPanel</name>
    <message>
        <source>%1 copied, ready to be pasted: %2 characters</source>
        <translation>%1をコピーしました。貼り付けられます:%2 文字</translation>
    </message>
    <message>
        <source>%1 films in work</source>
        <translation>映像 %1 本を作成中</translation>
    </message>
    <message>
        <source>%1 of %2 formats written into %3</source>
        <translation>%2 形式中 %1 を %3 に書きました</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message>
        <source>%1 written</source>
        <translation>%1を書きました</translation>
    </message>
    <message numerus="yes">
        <source>%n files written</source>
        <translation><numerusform>%n 個のファイルを書きました</numerusform></translation>
    </message>
    <message>
        <source>A picture of this frame, or of all shots</source>
        <translation>このフレーム、または全ショットの画像</translation>
    </message>
    <message>
        <source>All formats that have something to write, at once; Ctrl+Shift+E writes them again</source>
        <translation>書けるすべての形式を一度に。Ctrl+Shift+E でもう一度</translation>
    </message>
    <message>
        <source>All into a folder…</source>
        <translation>全部をフォルダーへ…</translation>
    </message>
    <message>
        <source>Bar sheets and exposure sheets to print</source>
        <translation>印刷用の小節シートと作画シート</translation>
    </message>
    <message>
        <source>Contact sheet…</source>
        <translation>コンタクトシート…</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>コピー</translation>
    </message>
    <message>
        <source>Copying %1</source>
        <translation>%1をコピー中</translation>
    </message>
    <message>
        <source>Cuts, markers, words and curves in open formats</source>
        <translation>カット・マーカー・語・カーブをオープン形式で</translation>
    </message>
    <message>
        <source>Data files</source>
        <translation>データ</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>書き出し</translation>
    </message>
    <message>
        <source>Files are there already</source>
        <translation>ファイルがすでにあります</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>映像</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>そのまま</translation>
    </message>
    <message>
        <source>Nothing was copied</source>
        <translation>何もコピーされません</translation>
    </message>
    <message>
        <source>Nothing was written</source>
        <translation>何も書かれません</translation>
    </message>
    <message>
        <source>Options…</source>
        <translation>オプション…</translation>
    </message>
    <message>
        <source>Puts the text where other programs paste from</source>
        <translation>他のプログラムに貼り付けられるようコピーします</translation>
    </message>
    <message>
        <source>Replace them</source>
        <translation>置き換える</translation>
    </message>
    <message>
        <source>Sheets</source>
        <translation>シート</translation>
    </message>
    <message>
        <source>Still…</source>
        <translation>静止画…</translation>
    </message>
    <message>
        <source>The folder holds %1 of these names. Nothing else in it is touched.</source>
        <translation>フォルダーにこのうち %1 個の名前があります。他のものには触れません。</translation>
    </message>
    <message>
        <source>The piece as a video, as pictures or as sound</source>
        <translation>作品を動画・画像・音として</translation>
    </message>
    <message>
        <source>What formats hold</source>
        <translation>形式に入るもの</translation>
    </message>
    <message>
        <source>What is written and how; it is remembered</source>
        <translation>何をどう書くか。記憶されます</translation>
    </message>
    <message>
        <source>Writes a .%1 file</source>
        <translation>.%1 ファイルを書きます</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>Writing %1…</source>
        <translation>%1を書いています…</translation>
    </message>
    <message>
        <source>Writing all formats</source>
        <translation>全形式を書き出し中</translation>
    </message>
    <message>
        <source>Writing into %1…</source>
        <translation>%1 に書いています…</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>書き出し:%1</translation>
    </message>
    <message>
        <source>a film in work</source>
        <translation>映像 1 本を作成中</translation>
    </message>
    <message>
        <source>edit list and more</source>
        <translation>編集リストなど</translation>
    </message>
    <message>
        <source>nothing to write yet</source>
        <translation>書くものがまだない</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExposureForm</name>
    <message>
        <source>After this one they begin anew</source>
        <translation>これの後は最初から</translation>
    </message>
    <message>
        <source>How they go on</source>
        <translation>進み方</translation>
    </message>
    <message>
        <source>The first drawing; a number goes on from each place to the next</source>
        <translation>最初の作画。番号は場所ごとに進みます</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>逆に</translation>
    </message>
    <message>
        <source>drawings %1 to %2</source>
        <translation>作画 %1〜%2</translation>
    </message>
    <message>
        <source>drawings from</source>
        <translation>作画の番号</translation>
    </message>
    <message>
        <source>drawings from %1</source>
        <translation>作画 %1 から</translation>
    </message>
    <message>
        <source>going</source>
        <translation>進み方</translation>
    </message>
    <message>
        <source>no end</source>
        <translation>終わりなし</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>順に</translation>
    </message>
    <message>
        <source>to</source>
        <translation>まで</translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>往復</translation>
    </message>
</context>
<context>
    <name>pulsepin::ExposuresPage</name>
    <message>
        <source> frames</source>
        <translation> フレーム</translation>
    </message>
    <message>
        <source> · %1 held longer than their places would let them</source>
        <translation> · %1 枚は場所より長く保持</translation>
    </message>
    <message>
        <source> · shapes of a mouth</source>
        <translation> · 口の形</translation>
    </message>
    <message>
        <source>%1 drawings in %2 places</source>
        <translation>作画 %1 枚、場所 %2</translation>
    </message>
    <message>
        <source>A lane of drawings more</source>
        <translation>作画のレーンをもう一つ</translation>
    </message>
    <message>
        <source>A layer that shows the drawings: the numbered pictures of a sequence</source>
        <translation>作画を映すレイヤー:連番の画像</translation>
    </message>
    <message>
        <source>A marker where each drawing begins</source>
        <translation>各作画の始まりにマーカー</translation>
    </message>
    <message>
        <source>Add numbered pictures first (stop Song)</source>
        <translation>先に連番の画像を追加してください(「曲」)</translation>
    </message>
    <message>
        <source>Add pictures first (stop Song)</source>
        <translation>先に画像を追加してください(「曲」)</translation>
    </message>
    <message>
        <source>From each place to the next the drawings run, %1 frames each</source>
        <translation>場所から次の場所まで、作画が %1 フレームずつ進みます</translation>
    </message>
    <message>
        <source>How they go on</source>
        <translation>進み方</translation>
    </message>
    <message>
        <source>In a layer</source>
        <translation>レイヤーに</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>Mouth shapes</source>
        <translation>口形</translation>
    </message>
    <message>
        <source>New lane</source>
        <translation>新しいレーン</translation>
    </message>
    <message>
        <source>No drawing is held shorter: shorter ones are lengthened</source>
        <translation>これより短い作画は延ばされます</translation>
    </message>
    <message>
        <source>No lane of drawings yet: make one, tap a rhythm (T), or place drawings on chosen beats (stop Place)</source>
        <translation>まだ作画のレーンがありません:作るか、リズムを叩くか(T)、選んだ拍に置いてください(「配置」)</translation>
    </message>
    <message>
        <source>Number</source>
        <translation>番号付け</translation>
    </message>
    <message>
        <source>One drawing from each place to the next</source>
        <translation>場所から次の場所まで作画 1 枚</translation>
    </message>
    <message>
        <source>Picture of it</source>
        <translation>その画像</translation>
    </message>
    <message>
        <source>Place taps</source>
        <translation>タップを置く</translation>
    </message>
    <message>
        <source>Select a drawing first</source>
        <translation>先に作画を選択してください</translation>
    </message>
    <message>
        <source>Table…</source>
        <translation>表…</translation>
    </message>
    <message>
        <source>The first drawing</source>
        <translation>最初の作画</translation>
    </message>
    <message>
        <source>The lane of drawings that is edited</source>
        <translation>編集する作画のレーン</translation>
    </message>
    <message>
        <source>The last one; below the first it counts down</source>
        <translation>最後の作画。最初より小さければ逆に数えます</translation>
    </message>
    <message>
        <source>The rhythm that was tapped last (T), from the playhead on: a drawing for each tap</source>
        <translation>最後に叩いたリズム(T)を再生ヘッドから:タップごとに作画 1 枚</translation>
    </message>
    <message>
        <source>The selected drawings, or all of the lane, get these numbers one after the other</source>
        <translation>選択した、またはレーン全部の作画に順に番号を付けます</translation>
    </message>
    <message>
        <source>The sounds of the words that are set become shapes of a mouth, each tied to its word</source>
        <translation>置いた語の音が口の形になり、それぞれの語に結び付きます</translation>
    </message>
    <message>
        <source>They begin anew when they are over</source>
        <translation>終わると最初から</translation>
    </message>
    <message>
        <source>What the selected drawing looks like, where it has a name and no number</source>
        <translation>番号でなく名前を持つ選択中の作画の見た目</translation>
    </message>
    <message>
        <source>Which sounds have which shape</source>
        <translation>どの音がどの形か</translation>
    </message>
    <message>
        <source>again</source>
        <translation>繰り返し</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>逆に</translation>
    </message>
    <message>
        <source>from </source>
        <translation>から </translation>
    </message>
    <message>
        <source>hold</source>
        <translation>保持</translation>
    </message>
    <message>
        <source>hold drawings</source>
        <translation>作画を保持</translation>
    </message>
    <message>
        <source>layer of drawings</source>
        <translation>作画のレイヤー</translation>
    </message>
    <message>
        <source>least </source>
        <translation>最短 </translation>
    </message>
    <message>
        <source>least hold</source>
        <translation>最短の保持</translation>
    </message>
    <message>
        <source>number drawings</source>
        <translation>作画に番号</translation>
    </message>
    <message>
        <source>on fours</source>
        <translation>4 コマ打ち</translation>
    </message>
    <message>
        <source>on ones</source>
        <translation>1 コマ打ち</translation>
    </message>
    <message>
        <source>on threes</source>
        <translation>3 コマ打ち</translation>
    </message>
    <message>
        <source>on twos</source>
        <translation>2 コマ打ち</translation>
    </message>
    <message>
        <source>onwards</source>
        <translation>順に</translation>
    </message>
    <message>
        <source>picture of drawing</source>
        <translation>作画の画像</translation>
    </message>
    <message>
        <source>to </source>
        <translation>まで </translation>
    </message>
    <message>
        <source>to and fro</source>
        <translation>往復</translation>
    </message>
    <message>
        <source>until next</source>
        <translation>次まで</translation>
    </message>
</context>
<context>
    <name>pulsepin::FeedTable</name>
    <message>
        <source>%1 keys instead of %2, at most %3 %4 off</source>
        <translation>キー %2 個の代わりに %1 個、最大のずれ %3 %4</translation>
    </message>
    <message>
        <source>%1 keys, one each frame</source>
        <translation>キー %1 個、フレームごと</translation>
    </message>
    <message>
        <source>%1, a key each frame</source>
        <translation>%1、フレームごとにキー</translation>
    </message>
    <message>
        <source>%1, as few as need be…</source>
        <translation>%1、必要最小限…</translation>
    </message>
    <message>
        <source>%1. Click to choose another</source>
        <translation>%1。クリックで別の対象を選びます</translation>
    </message>
    <message>
        <source>%1: only for exporting. Click to choose what it drives in the picture</source>
        <translation>%1:書き出し専用。クリックで映像の対象を選びます</translation>
    </message>
    <message>
        <source>2 to 3 frames for eased moves</source>
        <translation>イージングの動きには 2〜3 フレーム</translation>
    </message>
    <message>
        <source>Acts %1 before the lane</source>
        <translation>レーンより %1 前に働く</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>加算</translation>
    </message>
    <message>
        <source>Added to the value that is there</source>
        <translation>今の値に足す</translation>
    </message>
    <message>
        <source>As high as this, or higher</source>
        <translation>この高さ以上</translation>
    </message>
    <message>
        <source>Automatic: the first lane replaces it, others are added</source>
        <translation>自動:最初のレーンが置き換え、他は加算</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>Common practice, for pictures at 24 fps</source>
        <translation>24 fps の作画での慣例</translation>
    </message>
    <message>
        <source>Counted from each appearance</source>
        <translation>現れるたびに数える</translation>
    </message>
    <message>
        <source>Counted from each appearance of the layer</source>
        <translation>レイヤーが現れるたびに数える</translation>
    </message>
    <message>
        <source>Cut off at %1 and %2</source>
        <translation>%1 と %2 で切り取り</translation>
    </message>
    <message>
        <source>Cut off at its limits</source>
        <translation>限界で切り取り</translation>
    </message>
    <message>
        <source>Feed another…</source>
        <translation>もう一つに送る…</translation>
    </message>
    <message>
        <source>Frames that this property acts before the lane</source>
        <translation>この属性がレーンより先に働くフレーム数</translation>
    </message>
    <message>
        <source>Freeze</source>
        <translation>固定</translation>
    </message>
    <message>
        <source>Freeze to keys</source>
        <translation>キーに固定</translation>
    </message>
    <message>
        <source>Freeze, a key each frame</source>
        <translation>固定、フレームごとにキー</translation>
    </message>
    <message>
        <source>Freeze, as few keys as need be…</source>
        <translation>固定、必要最小限のキー…</translation>
    </message>
    <message>
        <source>How far the keys may be from the curve, in %1</source>
        <translation>キーがカーブから離れてよい量(%1)</translation>
    </message>
    <message>
        <source>Instead of the value that is there</source>
        <translation>今の値の代わり</translation>
    </message>
    <message>
        <source>Its name where the keys go</source>
        <translation>キーの行き先での名前</translation>
    </message>
    <message>
        <source>Its peaks as markers…</source>
        <translation>頂点をマーカーに…</translation>
    </message>
    <message>
        <source>Its value where the curve is 0; higher than the other end inverts it</source>
        <translation>カーブが 0 の所の値。反対側より大きければ反転</translation>
    </message>
    <message>
        <source>Its value where the curve is 1</source>
        <translation>カーブが 1 の所の値</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>先行</translation>
    </message>
    <message>
        <source>Lead of its own…</source>
        <translation>独自の先行…</translation>
    </message>
    <message>
        <source>Limits</source>
        <translation>限界</translation>
    </message>
    <message>
        <source>Limits, lead of its own, freezing, removing</source>
        <translation>限界、独自の先行、固定、削除</translation>
    </message>
    <message>
        <source>Limits…</source>
        <translation>限界…</translation>
    </message>
    <message>
        <source>More of this feed</source>
        <translation>この送り先の詳細</translation>
    </message>
    <message>
        <source>Multiply</source>
        <translation>乗算</translation>
    </message>
    <message>
        <source>Never higher than</source>
        <translation>これより上がらない</translation>
    </message>
    <message>
        <source>Never lower than</source>
        <translation>これより下がらない</translation>
    </message>
    <message>
        <source>None in turn</source>
        <translation>順番なし</translation>
    </message>
    <message>
        <source>Nothing in the picture</source>
        <translation>映像にはない</translation>
    </message>
    <message>
        <source>One more, to be taken in turn with each pin…</source>
        <translation>もう一色、ピンごとに順番に…</translation>
    </message>
    <message>
        <source>Only a name, for exporting…</source>
        <translation>書き出し用の名前だけ…</translation>
    </message>
    <message>
        <source>Peaks as markers</source>
        <translation>頂点をマーカーに</translation>
    </message>
    <message>
        <source>Property</source>
        <translation>属性</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Replace</source>
        <translation>置き換え</translation>
    </message>
    <message>
        <source>Swap ends</source>
        <translation>両端を入れ替え</translation>
    </message>
    <message>
        <source>The curve is still being computed</source>
        <translation>カーブを計算中です</translation>
    </message>
    <message>
        <source>The lane's first pin lies where each appearance of the layer begins</source>
        <translation>レーンの最初のピンが、レイヤーが現れる所に来ます</translation>
    </message>
    <message>
        <source>The same curve drives one more property, through a range of its own</source>
        <translation>同じカーブが、独自の範囲でもう一つの属性を動かします</translation>
    </message>
    <message>
        <source>Times the value that is there</source>
        <translation>今の値に掛ける</translation>
    </message>
    <message>
        <source>Usual lead: %1</source>
        <translation>通常の先行:%1</translation>
    </message>
    <message>
        <source>What is driven</source>
        <translation>動かすもの</translation>
    </message>
    <message>
        <source>Where a value is set already</source>
        <translation>すでに値がある所</translation>
    </message>
    <message>
        <source>Where the curve is 0…</source>
        <translation>カーブが 0 の所…</translation>
    </message>
    <message>
        <source>Where the curve is 1…</source>
        <translation>カーブが 1 の所…</translation>
    </message>
    <message>
        <source>Writes the curve down as keys, on a lane of their own</source>
        <translation>カーブを専用レーンのキーとして書きます</translation>
    </message>
    <message>
        <source>add colour</source>
        <translation>色を追加</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>色を変更</translation>
    </message>
    <message>
        <source>change how values meet</source>
        <translation>値の合わせ方を変更</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>先行を変更</translation>
    </message>
    <message>
        <source>change limits</source>
        <translation>上限を変更</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>範囲を変更</translation>
    </message>
    <message>
        <source>choose what is driven</source>
        <translation>動かすものを選ぶ</translation>
    </message>
    <message>
        <source>count from appearances</source>
        <translation>現れてから数える</translation>
    </message>
    <message>
        <source>cut off</source>
        <translation>切り取り</translation>
    </message>
    <message>
        <source>feed another</source>
        <translation>もう一つに送る</translation>
    </message>
    <message>
        <source>freeze to keys</source>
        <translation>キーに固定</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>先行</translation>
    </message>
    <message>
        <source>mark peaks</source>
        <translation>頂点に印</translation>
    </message>
    <message>
        <source>no colours in turn</source>
        <translation>順番の色なし</translation>
    </message>
    <message>
        <source>remove feed</source>
        <translation>送り先を削除</translation>
    </message>
    <message>
        <source>swap ends</source>
        <translation>両端を入れ替え</translation>
    </message>
    <message>
        <source>usual: %1</source>
        <translation>通常:%1</translation>
    </message>
</context>
<context>
    <name>pulsepin::FileCommands</name>
    <message numerus="yes">
        <source>
and %n more</source>
        <translation><numerusform>
ほか %n 個</numerusform></translation>
    </message>
    <message>
        <source>%1

It stays in %2</source>
        <translation>%1

%2 に残ります</translation>
    </message>
    <message>
        <source>%1; lines not understood: %2</source>
        <translation>%1;読めない行:%2</translation>
    </message>
    <message>
        <source>A new piece from %1: save it under its own name</source>
        <translation>%1 からの新しい作品:別の名前で保存してください</translation>
    </message>
    <message>
        <source>Add a folder of shots</source>
        <translation>ショットのフォルダーを追加</translation>
    </message>
    <message>
        <source>Add a folder of shots…</source>
        <translation>ショットのフォルダーを追加…</translation>
    </message>
    <message>
        <source>Add shots</source>
        <translation>ショットを追加</translation>
    </message>
    <message>
        <source>Add shots…</source>
        <translation>ショットを追加…</translation>
    </message>
    <message>
        <source>Add sound; several are parts of the song</source>
        <translation>音を追加。複数なら曲のパートです</translation>
    </message>
    <message>
        <source>All formats into a folder</source>
        <translation>全形式をフォルダーへ</translation>
    </message>
    <message>
        <source>Another window could not be opened</source>
        <translation>別のウィンドウを開けませんでした</translation>
    </message>
    <message>
        <source>Ask again next time</source>
        <translation>次回また尋ねる</translation>
    </message>
    <message>
        <source>Back to work</source>
        <translation>作業に戻る</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>取り込む</translation>
    </message>
    <message>
        <source>Bring in cuts and markers</source>
        <translation>カットとマーカーを取り込む</translation>
    </message>
    <message>
        <source>Bring in cuts and markers…</source>
        <translation>カットとマーカーを取り込む…</translation>
    </message>
    <message>
        <source>Bring in “%1”</source>
        <translation>「%1」を取り込む</translation>
    </message>
    <message>
        <source>Close, keep a copy</source>
        <translation>コピーを残して閉じる</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>破棄</translation>
    </message>
    <message>
        <source>Do not open</source>
        <translation>開かない</translation>
    </message>
    <message>
        <source>Files outside of the project’s folder</source>
        <translation>プロジェクトのフォルダー外のファイル</translation>
    </message>
    <message>
        <source>Find the cuts of %1</source>
        <translation>%1 のカットを探す</translation>
    </message>
    <message>
        <source>It goes on as soon as it is saved. Or save it into another folder, which waits for nothing: File, Save as.</source>
        <translation>保存が終わりしだい続きます。待たずに済ませるには、「ファイル」の「名前を付けて保存」で別のフォルダーに保存してください。</translation>
    </message>
    <message>
        <source>Lists, finished films, sound with chapters (%1);;All files (*)</source>
        <translation>リスト、完成映像、チャプター付きの音 (%1);;すべてのファイル (*)</translation>
    </message>
    <message numerus="yes">
        <source>Look at %n files</source>
        <translation><numerusform>%n 個のファイルを調べる</numerusform></translation>
    </message>
    <message>
        <source>Look at both</source>
        <translation>両方を見る</translation>
    </message>
    <message>
        <source>New from a template…</source>
        <translation>テンプレートから新規…</translation>
    </message>
    <message>
        <source>New project</source>
        <translation>新しいプロジェクト</translation>
    </message>
    <message>
        <source>No copy could be kept: free some space on this computer, or wait for the folder.</source>
        <translation>コピーを残せませんでした。このコンピューターの空きを増やすか、フォルダーを待ってください。</translation>
    </message>
    <message>
        <source>OK</source>
        <translation>OK</translation>
    </message>
    <message>
        <source>On which song?</source>
        <translation>どの曲に?</translation>
    </message>
    <message>
        <source>Open beats…</source>
        <translation>拍を開く…</translation>
    </message>
    <message>
        <source>Open project</source>
        <translation>プロジェクトを開く</translation>
    </message>
    <message>
        <source>Open project…</source>
        <translation>プロジェクトを開く…</translation>
    </message>
    <message>
        <source>Open song</source>
        <translation>曲を開く</translation>
    </message>
    <message>
        <source>Open song…</source>
        <translation>曲を開く…</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 を開いています</translation>
    </message>
    <message>
        <source>Pulse Pin projects (*.pulsepin)</source>
        <translation>Pulse Pin のプロジェクト (*.pulsepin)</translation>
    </message>
    <message>
        <source>Quit</source>
        <translation>終了</translation>
    </message>
    <message>
        <source>Read them</source>
        <translation>読む</translation>
    </message>
    <message>
        <source>Reading %1 takes a while. It is opened as soon as it is there.</source>
        <translation>%1 の読み込みに時間がかかっています。読み終わりしだい開きます。</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>最近のプロジェクト</translation>
    </message>
    <message>
        <source>Recover</source>
        <translation>復元</translation>
    </message>
    <message>
        <source>Replace it</source>
        <translation>置き換える</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>保存</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>名前を付けて保存…</translation>
    </message>
    <message>
        <source>Save project</source>
        <translation>プロジェクトを保存</translation>
    </message>
    <message>
        <source>Sound and video (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif *.aiff *.wma *.mp4 *.mov *.mkv *.webm);;All files (*)</source>
        <translation>音と動画 (*.wav *.flac *.mp3 *.m4a *.aac *.ogg *.opus *.aif *.aiff *.wma *.mp4 *.mov *.mkv *.webm);;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>Still saving</source>
        <translation>まだ保存中</translation>
    </message>
    <message>
        <source>The file was changed</source>
        <translation>ファイルが変更されました</translation>
    </message>
    <message>
        <source>The window closes as soon as it is saved. Or leave it now: a copy is kept on this computer, and offered when Pulse Pin is started the next time.</source>
        <translation>保存が済むとウィンドウは閉じます。今すぐ閉じることもできます。コピーがこのコンピューターに残り、次に Pulse Pin を起動したときに示されます。</translation>
    </message>
    <message>
        <source>This copy cannot be opened</source>
        <translation>このコピーは開けません</translation>
    </message>
    <message>
        <source>This part of the template has no place in the song:</source>
        <translation>テンプレートのこの部分は曲に場所がありません:</translation>
    </message>
    <message>
        <source>This project reads files that do not lie beside it. Read them only if you know where the project comes from.
</source>
        <translation>このプロジェクトは隣にないファイルを読みます。出所を知っている場合だけ読んでください。
</translation>
    </message>
    <message>
        <source>Unsaved work</source>
        <translation>未保存の作業</translation>
    </message>
    <message>
        <source>Unsaved work on %1 from %2 was kept and can be recovered.</source>
        <translation>%2 の %1 の未保存の作業が残っていて、復元できます。</translation>
    </message>
    <message>
        <source>Video and pictures (%1 %2);;All files (*)</source>
        <translation>動画と画像 (%1 %2);;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>WAV or FLAC (*.wav *.flac)</source>
        <translation>WAV または FLAC (*.wav *.flac)</translation>
    </message>
    <message>
        <source>What found no place</source>
        <translation>場所のなかったもの</translation>
    </message>
    <message>
        <source>Which lane:</source>
        <translation>レーン:</translation>
    </message>
    <message>
        <source>Which project is the template?</source>
        <translation>どのプロジェクトがテンプレート?</translation>
    </message>
    <message>
        <source>Work to recover</source>
        <translation>復元できる作業</translation>
    </message>
    <message>
        <source>Write all formats again</source>
        <translation>全形式をもう一度書く</translation>
    </message>
    <message>
        <source>Write as WAV or FLAC</source>
        <translation>WAV または FLAC で書く</translation>
    </message>
    <message>
        <source>an untitled project</source>
        <translation>無題のプロジェクト</translation>
    </message>
    <message numerus="yes">
        <source>and %n more</source>
        <translation><numerusform>ほか %n 個</numerusform></translation>
    </message>
    <message>
        <source>bring in list</source>
        <translation>リストを取り込む</translation>
    </message>
    <message>
        <source>change text of keys</source>
        <translation>キーの文字列を変更</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>まだない</translation>
    </message>
    <message>
        <source>untitled.pulsepin</source>
        <translation>無題.pulsepin</translation>
    </message>
    <message>
        <source>“%1” has changes that are not saved.</source>
        <translation>「%1」に保存していない変更があります。</translation>
    </message>
    <message>
        <source>“%1” is still being saved: its folder does not answer.</source>
        <translation>「%1」はまだ保存中です。フォルダーが応答しません。</translation>
    </message>
    <message>
        <source>“%1” was changed by another program or window since it was opened here. Saving would replace what was done there.</source>
        <translation>「%1」はここで開いた後、別のプログラムまたはウィンドウで変更されました。保存するとそれを置き換えます。</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmCard</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1/%2</translation>
    </message>
    <message>
        <source>%1 · %2 of %3 · %4 fps</source>
        <translation>%1 · %2/%3 · %4 fps</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>中止</translation>
    </message>
    <message>
        <source>Gives the film up; nothing stays of it</source>
        <translation>映像をやめます。何も残りません</translation>
    </message>
    <message>
        <source>Leaves the machine free until it goes on</source>
        <translation>再開まで機械を空けます</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>一時停止</translation>
    </message>
    <message>
        <source>Resume</source>
        <translation>再開</translation>
    </message>
    <message>
        <source>paused at frame %1 of %2</source>
        <translation>フレーム %1/%2 で停止中</translation>
    </message>
    <message>
        <source>the sound is made</source>
        <translation>音を作成中</translation>
    </message>
    <message numerus="yes">
        <source>waiting · %n frames</source>
        <translation><numerusform>待機 · %n フレーム</numerusform></translation>
    </message>
    <message>
        <source>waiting, paused</source>
        <translation>待機、停止中</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmCommands</name>
    <message>
        <source>%1 is written</source>
        <translation>%1 を書きました</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message>
        <source>A film is being made. It is given up when the window closes; nothing stays of it. Close all the same?</source>
        <translation>映像を作成中です。ウィンドウを閉じると破棄され、何も残りません。それでも閉じますか?</translation>
    </message>
    <message>
        <source>A film is in work</source>
        <translation>映像を作成中</translation>
    </message>
    <message>
        <source>A film of this name is being made: %1. Choose another name</source>
        <translation>この名前の映像を作成中です:%1。別の名前を選んでください</translation>
    </message>
    <message>
        <source>Contact sheet</source>
        <translation>コンタクトシート</translation>
    </message>
    <message>
        <source>Contact sheet of all shots…</source>
        <translation>全ショットのコンタクトシート…</translation>
    </message>
    <message>
        <source>Render the film</source>
        <translation>映像をレンダリング</translation>
    </message>
    <message>
        <source>Render the film…</source>
        <translation>映像をレンダリング…</translation>
    </message>
    <message>
        <source>Still of this frame</source>
        <translation>このフレームの静止画</translation>
    </message>
    <message>
        <source>Still of this frame…</source>
        <translation>このフレームの静止画…</translation>
    </message>
    <message>
        <source>The song is not there: the film would be silent. Open it first</source>
        <translation>曲がありません:映像が無音になります。先に開いてください</translation>
    </message>
    <message>
        <source>There is nothing to render: open a song, or choose another range</source>
        <translation>レンダリングするものがありません:曲を開くか、別の範囲を選んでください</translation>
    </message>
    <message>
        <source>What follows the music is still being computed: render it in a moment</source>
        <translation>音楽に追従するものを計算中です:少し後でレンダリングしてください</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
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
        <translation> · 空き %1</translation>
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
        <translation><numerusform>%n フレーム、約 %1</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n min left</source>
        <translation><numerusform>残り %n 分</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n s left</source>
        <translation><numerusform>残り %n 秒</numerusform></translation>
    </message>
    <message>
        <source>Asks where to write it, and makes it while you go on working</source>
        <translation>場所を尋ね、作業を続けている間に作ります</translation>
    </message>
    <message>
        <source>Clear</source>
        <translation>消去</translation>
    </message>
    <message>
        <source>Coded as one, by all cores. Without it the film is larger, and the same to the byte as one that is joined from parts that several machines made</source>
        <translation>全コアで一つに符号化。なしでは大きくなり、複数の機械の部分をつないだものとバイト単位で同じです</translation>
    </message>
    <message>
        <source>Draw a range along the bars first</source>
        <translation>先に小節に沿って範囲を引いてください</translation>
    </message>
    <message>
        <source>How much of the piece the film holds</source>
        <translation>映像に入る範囲</translation>
    </message>
    <message>
        <source>How picture and sound are coded</source>
        <translation>映像と音の符号化</translation>
    </message>
    <message>
        <source>Nothing in work</source>
        <translation>作業なし</translation>
    </message>
    <message>
        <source>Of sound that is packed</source>
        <translation>圧縮した音の</translation>
    </message>
    <message>
        <source>Of the encoder: a lower number is better and larger (of WebP a higher one)</source>
        <translation>エンコーダーの値:小さいほど高品質で大きい(WebP は逆)</translation>
    </message>
    <message>
        <source>Open a song first</source>
        <translation>先に曲を開いてください</translation>
    </message>
    <message>
        <source>Pixels; others can be written</source>
        <translation>ピクセル。他の値も書けます</translation>
    </message>
    <message>
        <source>Render queue</source>
        <translation>レンダリング待ち</translation>
    </message>
    <message>
        <source>Render the film…</source>
        <translation>映像をレンダリング…</translation>
    </message>
    <message>
        <source>Rendering %1 of %2</source>
        <translation>レンダリング中 %1/%2</translation>
    </message>
    <message>
        <source>Select a shot, or the pins that it begins and ends with</source>
        <translation>ショット、または始めと終わりのピンを選択してください</translation>
    </message>
    <message>
        <source>Takes those that have ended from the list</source>
        <translation>終わったものを一覧から外します</translation>
    </message>
    <message>
        <source>There are no shots</source>
        <translation>ショットがありません</translation>
    </message>
    <message>
        <source>There is no section under the playhead</source>
        <translation>再生ヘッドの位置にセクションがありません</translation>
    </message>
    <message>
        <source>What becomes of the piece where the size has other proportions</source>
        <translation>縦横比が違うときの扱い</translation>
    </message>
    <message>
        <source>What no layer covers stays transparent, for programs that lay it over something else</source>
        <translation>レイヤーのない所を透明のまま、重ねて使うために</translation>
    </message>
    <message>
        <source>What the film is for</source>
        <translation>映像の用途</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>bar</source>
        <translation>小節</translation>
    </message>
    <message>
        <source>burn-in</source>
        <translation>焼き込み</translation>
    </message>
    <message>
        <source>drawn range</source>
        <translation>引いた範囲</translation>
    </message>
    <message>
        <source>each shot</source>
        <translation>ショットごと</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>種類</translation>
    </message>
    <message>
        <source>name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>project size</source>
        <translation>プロジェクト</translation>
    </message>
    <message>
        <source>quality </source>
        <translation>品質 </translation>
    </message>
    <message>
        <source>range</source>
        <translation>範囲</translation>
    </message>
    <message>
        <source>safe</source>
        <translation>安全枠</translation>
    </message>
    <message>
        <source>section here</source>
        <translation>このセクション</translation>
    </message>
    <message>
        <source>selection</source>
        <translation>選択</translation>
    </message>
    <message>
        <source>size</source>
        <translation>大きさ</translation>
    </message>
    <message>
        <source>smaller file, by this machine alone</source>
        <translation>小さいファイル、この機械だけで</translation>
    </message>
    <message>
        <source>sound</source>
        <translation>音</translation>
    </message>
    <message>
        <source>time</source>
        <translation>時間</translation>
    </message>
    <message>
        <source>transparent</source>
        <translation>透明</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilmQueue</name>
    <message>
        <source>%1 is written</source>
        <translation>%1 を書きました</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message>
        <source>Rendering %1</source>
        <translation>%1 をレンダリング中</translation>
    </message>
    <message>
        <source>cancelled; nothing was written</source>
        <translation>中止。何も書かれません</translation>
    </message>
    <message>
        <source>written</source>
        <translation>書き込み済み</translation>
    </message>
</context>
<context>
    <name>pulsepin::FilterSlot</name>
    <message>
        <source>Add a filter…</source>
        <translation>フィルターを追加…</translation>
    </message>
    <message>
        <source>Lets only some of the picked positions through; the filters work one after the other</source>
        <translation>選ばれた位置の一部だけを通します。フィルターは順に働きます</translation>
    </message>
    <message>
        <source>No filter</source>
        <translation>フィルターなし</translation>
    </message>
    <message>
        <source>Only those that are</source>
        <translation>絞り込み</translation>
    </message>
</context>
<context>
    <name>pulsepin::Finder</name>
    <message>
        <source>All</source>
        <translation>すべて</translation>
    </message>
    <message>
        <source>Nothing has these words</source>
        <translation>この言葉はありません</translation>
    </message>
    <message>
        <source>Other</source>
        <translation>その他</translation>
    </message>
    <message>
        <source>Type to find</source>
        <translation>入力して探す</translation>
    </message>
    <message>
        <source>Used last</source>
        <translation>前回使用</translation>
    </message>
    <message>
        <source>Words to find by</source>
        <translation>探す言葉</translation>
    </message>
</context>
<context>
    <name>pulsepin::FindingTable</name>
    <message>
        <source>Again</source>
        <translation>戻す</translation>
    </message>
    <message>
        <source>Ignore</source>
        <translation>無視</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>error</source>
        <translation>エラー</translation>
    </message>
    <message>
        <source>fix</source>
        <translation>修正</translation>
    </message>
    <message>
        <source>how much</source>
        <translation>程度</translation>
    </message>
    <message>
        <source>ignored</source>
        <translation>無視</translation>
    </message>
    <message>
        <source>warning</source>
        <translation>警告</translation>
    </message>
    <message>
        <source>what</source>
        <translation>内容</translation>
    </message>
    <message>
        <source>where</source>
        <translation>場所</translation>
    </message>
    <message>
        <source>why</source>
        <translation>理由</translation>
    </message>
</context>
<context>
    <name>pulsepin::FollowerBank</name>
    <message>
        <source>Following the music</source>
        <translation>音楽に追従</translation>
    </message>
</context>
<context>
    <name>pulsepin::FollowerPage</name>
    <message>
        <source>Acts before the one above</source>
        <translation>一つ上より先に働きます</translation>
    </message>
    <message>
        <source>Add a step</source>
        <translation>段を追加</translation>
    </message>
    <message>
        <source>Add a step…</source>
        <translation>段を追加…</translation>
    </message>
    <message>
        <source>Band</source>
        <translation>帯域</translation>
    </message>
    <message>
        <source>Click switches it off and on</source>
        <translation>クリックでオン・オフ</translation>
    </message>
    <message>
        <source>Draws the curve up to this step over the song</source>
        <translation>この段までのカーブを曲の上に描きます</translation>
    </message>
    <message>
        <source>Driven</source>
        <translation>駆動</translation>
    </message>
    <message>
        <source>Flat: %1</source>
        <translation>平ら:%1</translation>
    </message>
    <message>
        <source>How much lower the peaks of the curve become, and how much later</source>
        <translation>カーブの頂点がどれだけ低く、遅くなるか</translation>
    </message>
    <message>
        <source>Its numbers driven by other curves</source>
        <translation>数値を他のカーブで動かす</translation>
    </message>
    <message>
        <source>Of which frequencies</source>
        <translation>どの周波数の</translation>
    </message>
    <message>
        <source>Only what is followed is heard: its sound, part, side and band</source>
        <translation>追従するもの(音・部分・側・帯域)だけを聴きます</translation>
    </message>
    <message>
        <source>Removes the step</source>
        <translation>段を削除します</translation>
    </message>
    <message>
        <source>Shapes the curve further; steps act one after the other</source>
        <translation>カーブをさらに整えます。段は順に働きます</translation>
    </message>
    <message>
        <source>Solo</source>
        <translation>ソロ</translation>
    </message>
    <message>
        <source>The curve is being computed</source>
        <translation>カーブを計算中</translation>
    </message>
    <message>
        <source>WAV…</source>
        <translation>WAV…</translation>
    </message>
    <message>
        <source>What the curve follows</source>
        <translation>カーブが追従するもの</translation>
    </message>
    <message>
        <source>Writes what is followed as a WAV file</source>
        <translation>追従するものを WAV に書きます</translation>
    </message>
    <message>
        <source>add step</source>
        <translation>段を追加</translation>
    </message>
    <message>
        <source>as it is set</source>
        <translation>設定のまま</translation>
    </message>
    <message>
        <source>band: %1</source>
        <translation>帯域:%1</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>%1 で</translation>
    </message>
    <message>
        <source>by %1…</source>
        <translation>%1 で…</translation>
    </message>
    <message>
        <source>change band</source>
        <translation>帯域を変更</translation>
    </message>
    <message>
        <source>change step</source>
        <translation>段を変更</translation>
    </message>
    <message>
        <source>change what is followed</source>
        <translation>追従するものを変更</translation>
    </message>
    <message>
        <source>choose a lane</source>
        <translation>レーンを選ぶ</translation>
    </message>
    <message>
        <source>drive a number</source>
        <translation>数値を動かす</translation>
    </message>
    <message>
        <source>from %1 to %2 · 1 becomes %3 %4</source>
        <translation>%1 から %2 · 1 は %3 %4</translation>
    </message>
    <message>
        <source>move step</source>
        <translation>段を移動</translation>
    </message>
    <message>
        <source>own limits</source>
        <translation>独自の限界</translation>
    </message>
    <message>
        <source>peaks %1 %, %2 ms</source>
        <translation>頂点 %1 %、%2 ms</translation>
    </message>
    <message>
        <source>remove step</source>
        <translation>段を削除</translation>
    </message>
    <message>
        <source>switch step</source>
        <translation>段を切り替え</translation>
    </message>
    <message>
        <source>“%1” where that curve is 0</source>
        <translation>そのカーブが 0 の所の「%1」</translation>
    </message>
    <message>
        <source>“%1” where that curve is 1</source>
        <translation>そのカーブが 1 の所の「%1」</translation>
    </message>
</context>
<context>
    <name>pulsepin::Gesture</name>
    <message>
        <source>Drag a top of the curve up or down: it stays on its hit · Shift goes slowly</source>
        <translation>カーブの頂点を上下にドラッグ:打点の上に残ります · Shift でゆっくり</translation>
    </message>
    <message>
        <source>Drag the level up or down · Shift goes slowly</source>
        <translation>上下にドラッグ · Shift でゆっくり</translation>
    </message>
    <message>
        <source>value %1</source>
        <translation>値 %1</translation>
    </message>
</context>
<context>
    <name>pulsepin::GridCommands</name>
    <message>
        <source>%1 beats from %2</source>
        <translation>%2 から %1 拍</translation>
    </message>
    <message>
        <source>Add a beat here</source>
        <translation>ここに拍を追加</translation>
    </message>
    <message>
        <source>All beats half a beat later</source>
        <translation>全拍を半拍後へ</translation>
    </message>
    <message>
        <source>Always</source>
        <translation>常に</translation>
    </message>
    <message>
        <source>Always, near, off in turn</source>
        <translation>常に・近く・オフを順に</translation>
    </message>
    <message>
        <source>Beat %1 closely: [ and ] move it by a millisecond, { and } by a frame, \ to the nearest onset · Y goes back</source>
        <translation>拍 %1 を詳しく:[ と ] で 1 ミリ秒、{ と } で 1 フレーム、\ で近いオンセットへ · Y で戻る</translation>
    </message>
    <message>
        <source>Beat %1 moved by %2 ms</source>
        <translation>拍 %1 を %2 ms 移動</translation>
    </message>
    <message>
        <source>Beats (%1);;All files (*)</source>
        <translation>拍 (%1);;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>Choose a beat in the row “grid” first</source>
        <translation>先に「グリッド」の行で拍を選んでください</translation>
    </message>
    <message>
        <source>Choose the beat before</source>
        <translation>前の拍を選ぶ</translation>
    </message>
    <message>
        <source>Choose the next beat</source>
        <translation>次の拍を選ぶ</translation>
    </message>
    <message>
        <source>Delete the chosen beat</source>
        <translation>選んだ拍を削除</translation>
    </message>
    <message>
        <source>Every bar agrees with what is heard</source>
        <translation>全小節が聴こえる音と合っています</translation>
    </message>
    <message>
        <source>Fit beats between the held ones</source>
        <translation>保持した拍の間に合わせる</translation>
    </message>
    <message>
        <source>Forget remembered tempi</source>
        <translation>覚えたテンポを忘れる</translation>
    </message>
    <message>
        <source>Hold the beat, or let it go</source>
        <translation>拍を保持、または放す</translation>
    </message>
    <message>
        <source>Listen closely to the beat, or back</source>
        <translation>拍を詳しく聴く、または戻る</translation>
    </message>
    <message>
        <source>Look for beats in the range again</source>
        <translation>範囲で再び拍を探す</translation>
    </message>
    <message>
        <source>Look for no beats in the range</source>
        <translation>範囲で拍を探さない</translation>
    </message>
    <message>
        <source>Metre from this bar on</source>
        <translation>この小節からの拍子</translation>
    </message>
    <message>
        <source>Next uncertain place</source>
        <translation>次の不確かな所</translation>
    </message>
    <message>
        <source>Off</source>
        <translation>オフ</translation>
    </message>
    <message>
        <source>Open beats</source>
        <translation>拍を開く</translation>
    </message>
    <message>
        <source>Remember this tempo for songs like this</source>
        <translation>似た曲のためにこのテンポを覚える</translation>
    </message>
    <message>
        <source>Snapping</source>
        <translation>スナップ</translation>
    </message>
    <message>
        <source>Snapping: always</source>
        <translation>スナップ:常に</translation>
    </message>
    <message>
        <source>Snapping: off</source>
        <translation>スナップ:オフ</translation>
    </message>
    <message>
        <source>Snapping: when near</source>
        <translation>スナップ:近いとき</translation>
    </message>
    <message>
        <source>Tap the beat</source>
        <translation>拍を叩く</translation>
    </message>
    <message>
        <source>Tap the first beat of a bar</source>
        <translation>小節の 1 拍目を叩く</translation>
    </message>
    <message>
        <source>The chosen beat a frame earlier</source>
        <translation>選んだ拍を 1 フレーム前へ</translation>
    </message>
    <message>
        <source>The chosen beat a frame later</source>
        <translation>選んだ拍を 1 フレーム後へ</translation>
    </message>
    <message>
        <source>The chosen beat a millisecond earlier</source>
        <translation>選んだ拍を 1 ミリ秒前へ</translation>
    </message>
    <message>
        <source>The chosen beat a millisecond later</source>
        <translation>選んだ拍を 1 ミリ秒後へ</translation>
    </message>
    <message>
        <source>The chosen beat to the nearest onset</source>
        <translation>選んだ拍を近いオンセットへ</translation>
    </message>
    <message>
        <source>There are no beats yet: find them first</source>
        <translation>まだ拍がありません:先に検出してください</translation>
    </message>
    <message>
        <source>There is no onset within %1 ms</source>
        <translation>%1 ms 以内にオンセットがありません</translation>
    </message>
    <message>
        <source>Uncertain place %1 of %2</source>
        <translation>不確かな所 %1/%2</translation>
    </message>
    <message>
        <source>When near</source>
        <translation>近いとき</translation>
    </message>
    <message>
        <source>move beat</source>
        <translation>拍を移動</translation>
    </message>
    <message>
        <source>open beats</source>
        <translation>拍を開く</translation>
    </message>
</context>
<context>
    <name>pulsepin::GridPanel</name>
    <message>
        <source> · swing %1 : 1</source>
        <translation> · スウィング %1 : 1</translation>
    </message>
    <message>
        <source>%1 BPM · %2</source>
        <translation>%1 BPM · %2</translation>
    </message>
    <message>
        <source>%1 BPM, %2 per cent sure</source>
        <translation>%1 BPM、確かさ %2 パーセント</translation>
    </message>
    <message>
        <source>%1 beats for %2</source>
        <translation>%2 拍を %1 拍に</translation>
    </message>
    <message>
        <source>%1 beats in %2 bars · %3 BPM on average</source>
        <translation>%2 小節に %1 拍 · 平均 %3 BPM</translation>
    </message>
    <message>
        <source>%1 or %2 BPM?</source>
        <translation>%1 か %2 BPM?</translation>
    </message>
    <message>
        <source>%1 uncertain places</source>
        <translation>不確かな所 %1</translation>
    </message>
    <message>
        <source>%1–%2 BPM</source>
        <translation>%1〜%2 BPM</translation>
    </message>
    <message numerus="yes">
        <source>%n pin(s) hang on the beats. Shall they go with their beats, or stay where they are in the song?</source>
        <translation><numerusform>%n 個のピンが拍に結び付いています。拍と一緒に動かしますか、曲の中の時間に残しますか?</numerusform></translation>
    </message>
    <message>
        <source>+½ beat</source>
        <translation>+½ 拍</translation>
    </message>
    <message>
        <source>All beats %1 ms %2; items follow. With Ctrl: frames</source>
        <translation>全拍を %1 ms %2へ。ピンも動きます。Ctrl でフレーム</translation>
    </message>
    <message>
        <source>Another tempo</source>
        <translation>別のテンポ</translation>
    </message>
    <message>
        <source>As found</source>
        <translation>検出時に戻す</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>Beats anyway</source>
        <translation>それでも拍を</translation>
    </message>
    <message>
        <source>Beats in a bar, for the whole song; the menu has it from one bar on</source>
        <translation>曲全体の 1 小節の拍数。途中からはメニューで</translation>
    </message>
    <message>
        <source>Drag over the ruler first, to make a range</source>
        <translation>先に目盛りの上をドラッグして範囲を作ってください</translation>
    </message>
    <message>
        <source>Even beats between the held beats around the playhead: as many as fit best, or the number beside</source>
        <translation>再生ヘッド前後の保持した拍の間を等分します。最もよく合う数、または隣の数</translation>
    </message>
    <message>
        <source>Find the beats</source>
        <translation>拍を探す</translation>
    </message>
    <message>
        <source>Find the rest</source>
        <translation>残りを探す</translation>
    </message>
    <message>
        <source>Finds the beats again at about this tempo; items keep their time</source>
        <translation>このあたりのテンポで探し直します。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>Fit between held</source>
        <translation>間に合わせる</translation>
    </message>
    <message>
        <source>Found again: %1 beats the same, %2 moved, %3 more, %4 fewer</source>
        <translation>再検出:同じ %1、移動 %2、増 %3、減 %4</translation>
    </message>
    <message>
        <source>Goes to the next uncertain place and loops it (D)</source>
        <translation>次の不確かな所へ行き、ループします(D)</translation>
    </message>
    <message>
        <source>Grid</source>
        <translation>グリッド</translation>
    </message>
    <message>
        <source>Half as fast; items keep their time</source>
        <translation>半分の速さ。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>How fast the beats may come, when you know it</source>
        <translation>わかっているときの拍の速さの範囲</translation>
    </message>
    <message>
        <source>How many beats between the held ones</source>
        <translation>保持した拍の間の拍数</translation>
    </message>
    <message>
        <source>How many beats from one held beat to the next; best: found out from the onsets</source>
        <translation>保持した拍から次までの拍数。最適:オンセットから求めます</translation>
    </message>
    <message>
        <source>Keep beats</source>
        <translation>拍を保つ</translation>
    </message>
    <message>
        <source>Keep times</source>
        <translation>時間を保つ</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>やめる</translation>
    </message>
    <message>
        <source>Listens to the song for tempo, beats, bars and onsets (Ctrl+D)</source>
        <translation>曲のテンポ・拍・小節・オンセットを聴き取ります(Ctrl+D)</translation>
    </message>
    <message>
        <source>Looks for the beats again; held beats, metre and excluded stretches stay. Nothing changes before you take it (Ctrl+D)</source>
        <translation>拍を探し直します。保持した拍・拍子・除いた範囲は残ります。採用するまで何も変わりません(Ctrl+D)</translation>
    </message>
    <message>
        <source>Next uncertain</source>
        <translation>次の不確か</translation>
    </message>
    <message>
        <source>No pulse was found. Type a tempo, or tap along with T.</source>
        <translation>脈拍がありません。テンポを入力するか、T で叩いてください。</translation>
    </message>
    <message>
        <source>Not sure: %1 or %2 BPM? Listen with the click, and press the right one.</source>
        <translation>不確か:%1 か %2 BPM?クリックと聴いて、正しい方を押してください。</translation>
    </message>
    <message>
        <source>Not sure: on these beats, or between them? Listen with the click; +½ beat moves them.</source>
        <translation>不確か:この拍、それとも裏?クリックと聴いてください。+½ 拍で動きます。</translation>
    </message>
    <message>
        <source>Nothing was detected yet.</source>
        <translation>まだ検出していません。</translation>
    </message>
    <message>
        <source>Onsets</source>
        <translation>オンセット</translation>
    </message>
    <message>
        <source>Open a song first.</source>
        <translation>先に曲を開いてください。</translation>
    </message>
    <message>
        <source>Put the grid on the beat</source>
        <translation>グリッドを拍に合わせる</translation>
    </message>
    <message>
        <source>Take it</source>
        <translation>採用</translation>
    </message>
    <message>
        <source>Takes the grid as it was detected; corrections can be had back with Undo</source>
        <translation>検出されたグリッドに戻します。修正は取り消しで戻せます</translation>
    </message>
    <message>
        <source>Tempo in beats a minute</source>
        <translation>1 分あたりの拍数</translation>
    </message>
    <message>
        <source>Tempo range</source>
        <translation>テンポの範囲</translation>
    </message>
    <message>
        <source>Tempo, bars and phase of the grid</source>
        <translation>グリッドのテンポ・小節・位相</translation>
    </message>
    <message>
        <source>The beat nearest to the playhead becomes bar 1, beat 1; items keep their time (B)</source>
        <translation>再生ヘッドに近い拍が 1 小節 1 拍になります。ピンは時間を保ちます(B)</translation>
    </message>
    <message>
        <source>The beats found again become the grid; items keep their time</source>
        <translation>見つけ直した拍がグリッドになります。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>The grid stays as it is</source>
        <translation>グリッドはそのままです</translation>
    </message>
    <message>
        <source>The likeliest beats of this sound, though it does not seem to have any</source>
        <translation>拍がなさそうでも、最もありそうな拍を示します</translation>
    </message>
    <message>
        <source>The rows of onsets, and how they are found</source>
        <translation>オンセットの行と探し方</translation>
    </message>
    <message>
        <source>The same beats, but bars of %1 seem to begin where beat %2 is now</source>
        <translation>拍は同じですが、%1 拍の小節が今の %2 拍目から始まるようです</translation>
    </message>
    <message>
        <source>Three beats where two are; items keep their time</source>
        <translation>2 拍を 3 拍に。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>Twice as fast; items keep their time</source>
        <translation>2 倍の速さ。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>Two beats where three are; items keep their time</source>
        <translation>3 拍を 2 拍に。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>Type a tempo, or drag it sideways, to stretch the grid about bar 1; without a grid it makes a steady one</source>
        <translation>テンポを入力するか横にドラッグして 1 小節目を軸に伸縮。グリッドがなければ一定のものを作ります</translation>
    </message>
    <message>
        <source>What starts when</source>
        <translation>何がいつ始まるか</translation>
    </message>
    <message>
        <source>What was taken for beats lies between them: all beats half a beat later; items follow</source>
        <translation>拍とされたものが裏拍のとき:全拍を半拍後へ。ピンも動きます</translation>
    </message>
    <message>
        <source>any tempo</source>
        <translation>任意のテンポ</translation>
    </message>
    <message>
        <source>bar 1</source>
        <translation>1 小節目</translation>
    </message>
    <message>
        <source>best</source>
        <translation>最適</translation>
    </message>
    <message>
        <source>change metre from here</source>
        <translation>ここから拍子を変更</translation>
    </message>
    <message>
        <source>double tempo</source>
        <translation>テンポを 2 倍に</translation>
    </message>
    <message>
        <source>earlier</source>
        <translation>前</translation>
    </message>
    <message>
        <source>exclude range from finding beats</source>
        <translation>範囲を拍の検出から除く</translation>
    </message>
    <message>
        <source>half a beat later?</source>
        <translation>半拍後?</translation>
    </message>
    <message>
        <source>halve tempo</source>
        <translation>テンポを半分に</translation>
    </message>
    <message>
        <source>here</source>
        <translation>ここ</translation>
    </message>
    <message>
        <source>hold beat</source>
        <translation>拍を保持</translation>
    </message>
    <message>
        <source>how the tempo runs</source>
        <translation>テンポの流れ</translation>
    </message>
    <message>
        <source>later</source>
        <translation>後</translation>
    </message>
    <message>
        <source>let go of beat</source>
        <translation>拍を放す</translation>
    </message>
    <message>
        <source>look for beats in range again</source>
        <translation>範囲で再び拍を探す</translation>
    </message>
    <message>
        <source>metre</source>
        <translation>拍子</translation>
    </message>
    <message>
        <source>move all by ms</source>
        <translation>全体を ms 移動</translation>
    </message>
    <message>
        <source>needs a song</source>
        <translation>曲が必要</translation>
    </message>
    <message>
        <source>no beats yet</source>
        <translation>まだ拍がない</translation>
    </message>
    <message>
        <source>one uncertain place</source>
        <translation>不確かな所 1</translation>
    </message>
</context>
<context>
    <name>pulsepin::HelpWindow</name>
    <message>
        <source>All that the manual says about this part</source>
        <translation>この部分についての手引き全体</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>ヘルプ</translation>
    </message>
    <message>
        <source>The manual was not found.</source>
        <translation>手引きが見つかりません。</translation>
    </message>
    <message>
        <source>What the manual says</source>
        <translation>手引きの説明</translation>
    </message>
    <message>
        <source>Whole page</source>
        <translation>ページ全体</translation>
    </message>
</context>
<context>
    <name>pulsepin::KeyForm</name>
    <message>
        <source>Easing of the keys</source>
        <translation>キーのイージング</translation>
    </message>
    <message>
        <source>How the value gets there from the key before</source>
        <translation>前のキーからの値の変わり方</translation>
    </message>
    <message>
        <source>Single keys are added by a double click and dragged up and down.</source>
        <translation>キーはダブルクリックで追加し、上下にドラッグします。</translation>
    </message>
    <message>
        <source>The value that each key has</source>
        <translation>各キーの値</translation>
    </message>
    <message>
        <source>Value of the keys</source>
        <translation>キーの値</translation>
    </message>
    <message>
        <source>keys of %1</source>
        <translation>%1 のキー</translation>
    </message>
    <message>
        <source>reached by</source>
        <translation>到達の仕方</translation>
    </message>
    <message>
        <source>value</source>
        <translation>値</translation>
    </message>
</context>
<context>
    <name>pulsepin::KeysPage</name>
    <message>
        <source> frames</source>
        <translation> フレーム</translation>
    </message>
    <message>
        <source>All of them act so many frames earlier; usual for eased moves: 2 or 3</source>
        <translation>全部をこのフレーム数だけ前へ。イージングでは 2〜3 が慣例</translation>
    </message>
    <message>
        <source>Draws the values out from one value, or nearer to it</source>
        <translation>ある値から値を広げる、または近づけます</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>前へ</translation>
    </message>
    <message>
        <source>Ease</source>
        <translation>滑らかに</translation>
    </message>
    <message>
        <source>Easing</source>
        <translation>イージング</translation>
    </message>
    <message>
        <source>How each of them is reached from the key before</source>
        <translation>前のキーからの到達の仕方</translation>
    </message>
    <message>
        <source>Keys of the second lane so much later, of the third twice as much</source>
        <translation>2 番目のレーンのキーをこれだけ後へ、3 番目は 2 倍</translation>
    </message>
    <message>
        <source>No keys yet: double click into the lane, or place them at the stop “Place”</source>
        <translation>まだキーなし:レーンをダブルクリックするか「配置」で置いてください</translation>
    </message>
    <message>
        <source>No poses yet: choose the layer, place it in the picture, then Shift+K</source>
        <translation>まだポーズなし:レイヤーを選び、映像に置き、Shift+K</translation>
    </message>
    <message>
        <source>Reverse</source>
        <translation>逆転</translation>
    </message>
    <message>
        <source>Runs them backwards; eases in become eases out</source>
        <translation>逆に進めます。入りと抜けも逆になります</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>拡大</translation>
    </message>
    <message>
        <source>Stagger</source>
        <translation>ずらす</translation>
    </message>
    <message>
        <source>The same keys at other places: select them, then “Repeat…” in the menu.</source>
        <translation>同じキーを別の所に:選択してメニューの「繰り返す…」。</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>値</translation>
    </message>
    <message>
        <source>about </source>
        <translation>中心 </translation>
    </message>
    <message>
        <source>applies to %1 selected keys</source>
        <translation>選択した %1 個のキーに適用</translation>
    </message>
    <message>
        <source>applies to all %1 keys of the lane</source>
        <translation>レーンの全 %1 キーに適用</translation>
    </message>
    <message>
        <source>applies to the selected key</source>
        <translation>選択したキーに適用</translation>
    </message>
    <message>
        <source>by </source>
        <translation>量 </translation>
    </message>
</context>
<context>
    <name>pulsepin::Lamps</name>
    <message>
        <source>Beat lamps</source>
        <translation>拍のランプ</translation>
    </message>
    <message>
        <source>One lamp a beat of the bar, lit by what you hear</source>
        <translation>1 小節の拍ごとにランプ。聴こえる音に合わせて光ります</translation>
    </message>
</context>
<context>
    <name>pulsepin::LampsField</name>
    <message>
        <source>How its strength goes: held, or as one of the pulses</source>
        <translation>強さの経過:一定、またはパルスの一つ</translation>
    </message>
    <message>
        <source>The lamps and groups that it lights</source>
        <translation>照らすランプとグループ</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>全ランプ</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>形を変更</translation>
    </message>
    <message>
        <source>choose lamps</source>
        <translation>ランプを選ぶ</translation>
    </message>
    <message>
        <source>held</source>
        <translation>一定</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>ランプ</translation>
    </message>
    <message>
        <source>own course</source>
        <translation>独自の経過</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>形</translation>
    </message>
    <message>
        <source>shaped</source>
        <translation>形あり</translation>
    </message>
</context>
<context>
    <name>pulsepin::LaneCommands</name>
    <message>
        <source>Add a lane of %1…</source>
        <translation>%1のレーンを追加…</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Duplicate</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>Duplicate without pins</source>
        <translation>ピンなしで複製</translation>
    </message>
    <message>
        <source>Frames that the lane acts before its anchors</source>
        <translation>アンカーより先に働くフレーム数</translation>
    </message>
    <message>
        <source>It acts only in</source>
        <translation>働く範囲</translation>
    </message>
    <message>
        <source>Lead</source>
        <translation>先行</translation>
    </message>
    <message>
        <source>Lead…</source>
        <translation>先行…</translation>
    </message>
    <message>
        <source>Lock</source>
        <translation>ロック</translation>
    </message>
    <message>
        <source>Move down</source>
        <translation>下へ</translation>
    </message>
    <message>
        <source>Move up</source>
        <translation>上へ</translation>
    </message>
    <message>
        <source>Name of the lane</source>
        <translation>レーンの名前</translation>
    </message>
    <message>
        <source>Name the lane</source>
        <translation>レーンに名前</translation>
    </message>
    <message>
        <source>Name…</source>
        <translation>名前…</translation>
    </message>
    <message>
        <source>Select all in it</source>
        <translation>全部を選択</translation>
    </message>
    <message>
        <source>Take the shape of</source>
        <translation>形を借りる:</translation>
    </message>
    <message>
        <source>Unlock</source>
        <translation>ロックを解く</translation>
    </message>
    <message>
        <source>acts in a stretch</source>
        <translation>範囲だけで働く</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>レーンを追加</translation>
    </message>
    <message>
        <source>change lead</source>
        <translation>先行を変更</translation>
    </message>
    <message>
        <source>delete lane</source>
        <translation>レーンを削除</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>レーンをロック</translation>
    </message>
    <message>
        <source>move lane</source>
        <translation>レーンを移動</translation>
    </message>
    <message>
        <source>name lane</source>
        <translation>レーンに名前</translation>
    </message>
    <message>
        <source>take shape</source>
        <translation>形を借りる</translation>
    </message>
    <message>
        <source>the range</source>
        <translation>範囲</translation>
    </message>
    <message>
        <source>the section at the playhead</source>
        <translation>再生ヘッドのセクション</translation>
    </message>
    <message>
        <source>the shot at the playhead</source>
        <translation>再生ヘッドのショット</translation>
    </message>
    <message>
        <source>unlock lane</source>
        <translation>レーンのロックを解く</translation>
    </message>
</context>
<context>
    <name>pulsepin::LayerValuesModel</name>
    <message>
        <source>%1 (missing: Inter)</source>
        <translation>%1(不足:Inter)</translation>
    </message>
    <message>
        <source>Click its box to switch it off; Alt and an arrow key changes when it acts; Delete takes it away</source>
        <translation>四角をクリックでオフ。Alt と矢印で働く時を変更、Delete で削除</translation>
    </message>
    <message>
        <source>by itself</source>
        <translation>自身</translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>%1を変更</translation>
    </message>
    <message>
        <source>driven by</source>
        <translation>動かすレーン</translation>
    </message>
    <message>
        <source>no</source>
        <translation>いいえ</translation>
    </message>
    <message>
        <source>off</source>
        <translation>オフ</translation>
    </message>
    <message>
        <source>on</source>
        <translation>オン</translation>
    </message>
    <message>
        <source>switch effect</source>
        <translation>エフェクトを切り替え</translation>
    </message>
    <message>
        <source>value of</source>
        <translation>値</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>はい</translation>
    </message>
</context>
<context>
    <name>pulsepin::LayersPage</name>
    <message>
        <source> (hidden)</source>
        <translation> (非表示)</translation>
    </message>
    <message>
        <source> (locked)</source>
        <translation> (ロック)</translation>
    </message>
    <message>
        <source> · the highest is listed first</source>
        <translation> · 一番上が先</translation>
    </message>
    <message>
        <source>%1 bars</source>
        <translation>バー %1 本</translation>
    </message>
    <message>
        <source>%1 layers below the camera</source>
        <translation>カメラの下に %1 レイヤー</translation>
    </message>
    <message numerus="yes">
        <source>%n looks written</source>
        <translation><numerusform>ルック %n 個を書きました</numerusform></translation>
    </message>
    <message>
        <source>1 layer below the camera</source>
        <translation>カメラの下に 1 レイヤー</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>加算</translation>
    </message>
    <message>
        <source>Adds a title, a shape, a picture or another lane of cuts</source>
        <translation>タイトル・図形・画像・カットのレーンを追加します</translation>
    </message>
    <message>
        <source>Adds an effect behind those that it has</source>
        <translation>今あるものの後にエフェクトを追加します</translation>
    </message>
    <message>
        <source>Alpha matte</source>
        <translation>アルファマット</translation>
    </message>
    <message>
        <source>Area</source>
        <translation>面</translation>
    </message>
    <message>
        <source>Area of one colour</source>
        <translation>単色の面</translation>
    </message>
    <message>
        <source>Blend mode: how it combines with the layers below</source>
        <translation>合成モード:下のレイヤーとの合わせ方</translation>
    </message>
    <message>
        <source>Changes its pixels</source>
        <translation>ピクセルを変える</translation>
    </message>
    <message>
        <source>Choose by what they look like…</source>
        <translation>見た目で選ぶ…</translation>
    </message>
    <message>
        <source>Composition</source>
        <translation>コンポジション</translation>
    </message>
    <message>
        <source>Compositions (*.json)</source>
        <translation>コンポジション (*.json)</translation>
    </message>
    <message>
        <source>Copy of “%1” with its lanes</source>
        <translation>「%1」をレーンごと複製</translation>
    </message>
    <message>
        <source>Degrees further each</source>
        <translation>それぞれ回転(度)</translation>
    </message>
    <message>
        <source>Degrees of a frame that the shutter is open for</source>
        <translation>1 フレームでシャッターが開く角度</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Drag a name onto a lane to have it driven, onto a row of onsets to have it pulse there</source>
        <translation>名前をレーンへドラッグで動かす対象に、オンセットの行へドラッグでそこでパルス</translation>
    </message>
    <message>
        <source>Drag to raise or lower, into a group, or onto a lane to drive it. Ctrl chooses several</source>
        <translation>ドラッグで上下、グループへ、またはレーンへ動かす対象に。Ctrl で複数選択</translation>
    </message>
    <message>
        <source>Effects</source>
        <translation>エフェクト</translation>
    </message>
    <message>
        <source>Effects in an order, or how a title is set, under a name</source>
        <translation>エフェクトの並び、またはタイトルの組み方に名前を付けたもの</translation>
    </message>
    <message>
        <source>Effect…</source>
        <translation>エフェクト…</translation>
    </message>
    <message>
        <source>Fill</source>
        <translation>埋める</translation>
    </message>
    <message>
        <source>Fill its words, pictures and colours…</source>
        <translation>言葉・画像・色を埋める…</translation>
    </message>
    <message>
        <source>Fill “%1”</source>
        <translation>「%1」を埋める</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>グループ</translation>
    </message>
    <message>
        <source>Group what is chosen</source>
        <translation>選んだものをグループに</translation>
    </message>
    <message>
        <source>Groups, copies, appearances, what it hangs on</source>
        <translation>グループ、複製、現れ方、ぶら下がり</translation>
    </message>
    <message>
        <source>Hide</source>
        <translation>隠す</translation>
    </message>
    <message>
        <source>Hides the layer, or shows it again</source>
        <translation>レイヤーを隠す、または再び見せます</translation>
    </message>
    <message>
        <source>How a title is set</source>
        <translation>タイトルの組み方</translation>
    </message>
    <message>
        <source>How many more</source>
        <translation>あといくつ</translation>
    </message>
    <message>
        <source>Into a group</source>
        <translation>グループへ入れる</translation>
    </message>
    <message>
        <source>Inv</source>
        <translation>反転</translation>
    </message>
    <message>
        <source>Inverts the matte</source>
        <translation>マットを反転します</translation>
    </message>
    <message>
        <source>It hangs on</source>
        <translation>ぶら下がる先</translation>
    </message>
    <message>
        <source>It has no words, pictures or colours to be filled.</source>
        <translation>埋める言葉・画像・色がありません。</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>その名前</translation>
    </message>
    <message>
        <source>Its name; it is as long as the range, the section or four bars</source>
        <translation>名前。長さは範囲・セクション・4 小節のいずれか</translation>
    </message>
    <message>
        <source>Keep a composition</source>
        <translation>コンポジションを保存</translation>
    </message>
    <message>
        <source>Keep a look</source>
        <translation>ルックを保存</translation>
    </message>
    <message>
        <source>Keep this as a composition…</source>
        <translation>コンポジションとして保存…</translation>
    </message>
    <message>
        <source>Keep this look…</source>
        <translation>このルックを保存…</translation>
    </message>
    <message>
        <source>Lanes of another layer for “%1”</source>
        <translation>別のレイヤーのレーンを「%1」へ</translation>
    </message>
    <message>
        <source>Layers, the highest first</source>
        <translation>レイヤー、一番上が先</translation>
    </message>
    <message>
        <source>Line</source>
        <translation>線</translation>
    </message>
    <message>
        <source>Line, drawn in the picture</source>
        <translation>映像に描いた線</translation>
    </message>
    <message>
        <source>Locked in the picture</source>
        <translation>映像でロック</translation>
    </message>
    <message>
        <source>Looks</source>
        <translation>ルック</translation>
    </message>
    <message>
        <source>Looks (*.json)</source>
        <translation>ルック (*.json)</translation>
    </message>
    <message>
        <source>Lowers the layer</source>
        <translation>レイヤーを下げます</translation>
    </message>
    <message>
        <source>Luma matte</source>
        <translation>ルーママット</translation>
    </message>
    <message>
        <source>Matte: what limits where it is visible</source>
        <translation>マット:見える所を限るもの</translation>
    </message>
    <message>
        <source>More</source>
        <translation>その他</translation>
    </message>
    <message>
        <source>Motion blur</source>
        <translation>モーションブラー</translation>
    </message>
    <message>
        <source>Motion blur of all layers</source>
        <translation>全レイヤーのモーションブラー</translation>
    </message>
    <message>
        <source>Motion blur of “%1”</source>
        <translation>「%1」のモーションブラー</translation>
    </message>
    <message>
        <source>Moves it</source>
        <translation>動かす</translation>
    </message>
    <message>
        <source>Name of the layer</source>
        <translation>レイヤーの名前</translation>
    </message>
    <message>
        <source>On every so many beats from the playhead</source>
        <translation>再生ヘッドから何拍ごとか</translation>
    </message>
    <message>
        <source>One after the other</source>
        <translation>一つずつ</translation>
    </message>
    <message>
        <source>One after the other on the next beats…</source>
        <translation>次の拍に一つずつ…</translation>
    </message>
    <message>
        <source>Own luminance</source>
        <translation>自身の明るさ</translation>
    </message>
    <message>
        <source>Percent larger each</source>
        <translation>それぞれ拡大(%)</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>画像</translation>
    </message>
    <message>
        <source>Pictures that a frame is made of</source>
        <translation>1 フレームを作る画像の数</translation>
    </message>
    <message>
        <source>Raises the layer</source>
        <translation>レイヤーを上げます</translation>
    </message>
    <message>
        <source>Read looks</source>
        <translation>ルックを読む</translation>
    </message>
    <message>
        <source>Read looks from a file…</source>
        <translation>ファイルからルックを読む…</translation>
    </message>
    <message>
        <source>Removes the layer</source>
        <translation>レイヤーを削除します</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>輪</translation>
    </message>
    <message>
        <source>Saved by you</source>
        <translation>保存したもの</translation>
    </message>
    <message>
        <source>Several copies</source>
        <translation>複数の複製</translation>
    </message>
    <message>
        <source>Several copies, each a step further…</source>
        <translation>少しずつずらして複数複製…</translation>
    </message>
    <message>
        <source>Shape</source>
        <translation>図形</translation>
    </message>
    <message>
        <source>Shots of a lane</source>
        <translation>レーンのショット</translation>
    </message>
    <message>
        <source>Shows what was before</source>
        <translation>前の映像を見せる</translation>
    </message>
    <message>
        <source>Shutter and samples…</source>
        <translation>シャッターとサンプル…</translation>
    </message>
    <message>
        <source>So many frames later each</source>
        <translation>それぞれ遅らせるフレーム</translation>
    </message>
    <message>
        <source>So much further down each</source>
        <translation>それぞれ下へ</translation>
    </message>
    <message>
        <source>So much further right each</source>
        <translation>それぞれ右へ</translation>
    </message>
    <message>
        <source>Something ready…</source>
        <translation>できあいのもの…</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>スペクトル</translation>
    </message>
    <message>
        <source>The composition is written</source>
        <translation>コンポジションを書きました</translation>
    </message>
    <message>
        <source>The layer whose picture is the matte; hide it to see only that</source>
        <translation>マットになるレイヤー。隠せばそれだけが見えます</translation>
    </message>
    <message>
        <source>The shape that is drawn</source>
        <translation>描く図形</translation>
    </message>
    <message>
        <source>The words of the title; Shift+Enter begins another line</source>
        <translation>タイトルの言葉。Shift+Enter で改行</translation>
    </message>
    <message>
        <source>Titles</source>
        <translation>タイトル</translation>
    </message>
    <message>
        <source>Titles from the markers’ names</source>
        <translation>マーカー名からタイトル</translation>
    </message>
    <message>
        <source>Use a composition</source>
        <translation>コンポジションを使う</translation>
    </message>
    <message>
        <source>Use one from a file…</source>
        <translation>ファイルから使う…</translation>
    </message>
    <message>
        <source>Values of another layer for “%1”</source>
        <translation>別のレイヤーの値を「%1」へ</translation>
    </message>
    <message>
        <source>Values of the layer</source>
        <translation>レイヤーの値</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>波形</translation>
    </message>
    <message>
        <source>What the layer shows</source>
        <translation>レイヤーが見せるもの</translation>
    </message>
    <message>
        <source>Write a composition</source>
        <translation>コンポジションを書く</translation>
    </message>
    <message>
        <source>Write looks</source>
        <translation>ルックを書く</translation>
    </message>
    <message>
        <source>Write looks to a file…</source>
        <translation>ルックをファイルに書く…</translation>
    </message>
    <message>
        <source>Write this to a file…</source>
        <translation>ファイルに書く…</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1を追加</translation>
    </message>
    <message>
        <source>add area</source>
        <translation>面を追加</translation>
    </message>
    <message>
        <source>add effect</source>
        <translation>エフェクトを追加</translation>
    </message>
    <message>
        <source>add lane of appearances</source>
        <translation>現れるレーンを追加</translation>
    </message>
    <message>
        <source>add line</source>
        <translation>線を追加</translation>
    </message>
    <message>
        <source>add picture</source>
        <translation>画像を追加</translation>
    </message>
    <message>
        <source>add ring</source>
        <translation>輪を追加</translation>
    </message>
    <message>
        <source>add shape</source>
        <translation>図形を追加</translation>
    </message>
    <message>
        <source>add shots</source>
        <translation>ショットを追加</translation>
    </message>
    <message>
        <source>add spectrum</source>
        <translation>スペクトルを追加</translation>
    </message>
    <message>
        <source>add waveform</source>
        <translation>波形を追加</translation>
    </message>
    <message>
        <source>change blending</source>
        <translation>合成を変更</translation>
    </message>
    <message>
        <source>change colour</source>
        <translation>色を変更</translation>
    </message>
    <message>
        <source>change layer</source>
        <translation>レイヤーを変更</translation>
    </message>
    <message>
        <source>change matte</source>
        <translation>マットを変更</translation>
    </message>
    <message>
        <source>change motion blur</source>
        <translation>モーションブラーを変更</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>形を変更</translation>
    </message>
    <message>
        <source>choose</source>
        <translation>選ぶ</translation>
    </message>
    <message>
        <source>copies</source>
        <translation>複製</translation>
    </message>
    <message>
        <source>delete look</source>
        <translation>ルックを削除</translation>
    </message>
    <message>
        <source>down by, px</source>
        <translation>下へ、px</translation>
    </message>
    <message>
        <source>duplicate layer</source>
        <translation>レイヤーを複製</translation>
    </message>
    <message>
        <source>fill places</source>
        <translation>場所を埋める</translation>
    </message>
    <message>
        <source>first lane of cuts</source>
        <translation>最初のカットのレーン</translation>
    </message>
    <message>
        <source>group layers</source>
        <translation>レイヤーをグループに</translation>
    </message>
    <message>
        <source>hang on a layer</source>
        <translation>レイヤーにぶら下げる</translation>
    </message>
    <message>
        <source>hide layer</source>
        <translation>レイヤーを隠す</translation>
    </message>
    <message>
        <source>keep look</source>
        <translation>ルックを保存</translation>
    </message>
    <message>
        <source>larger by, %</source>
        <translation>拡大、%</translation>
    </message>
    <message>
        <source>later by, frames</source>
        <translation>遅れ、フレーム</translation>
    </message>
    <message>
        <source>layers one after the other</source>
        <translation>レイヤーを一つずつ</translation>
    </message>
    <message>
        <source>lock layer</source>
        <translation>レイヤーをロック</translation>
    </message>
    <message>
        <source>motion blur</source>
        <translation>モーションブラー</translation>
    </message>
    <message>
        <source>motion blur of all layers</source>
        <translation>全レイヤーのモーションブラー</translation>
    </message>
    <message>
        <source>move effect</source>
        <translation>エフェクトを移動</translation>
    </message>
    <message>
        <source>move into a group</source>
        <translation>グループへ移す</translation>
    </message>
    <message>
        <source>move layer</source>
        <translation>レイヤーを移動</translation>
    </message>
    <message>
        <source>no matte</source>
        <translation>マットなし</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>画像なし</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>read looks</source>
        <translation>ルックを読む</translation>
    </message>
    <message>
        <source>remove effect</source>
        <translation>エフェクトを削除</translation>
    </message>
    <message>
        <source>remove layer</source>
        <translation>レイヤーを削除</translation>
    </message>
    <message>
        <source>right by, px</source>
        <translation>右へ、px</translation>
    </message>
    <message>
        <source>several copies</source>
        <translation>複数の複製</translation>
    </message>
    <message>
        <source>take lanes</source>
        <translation>レーンを借りる</translation>
    </message>
    <message>
        <source>take look</source>
        <translation>ルックを使う</translation>
    </message>
    <message>
        <source>take values</source>
        <translation>値を借りる</translation>
    </message>
    <message>
        <source>title: %1</source>
        <translation>タイトル:%1</translation>
    </message>
    <message>
        <source>titles from markers</source>
        <translation>マーカーからタイトル</translation>
    </message>
    <message>
        <source>turned by, °</source>
        <translation>回転、°</translation>
    </message>
    <message>
        <source>use composition</source>
        <translation>コンポジションを使う</translation>
    </message>
    <message>
        <source>wipe, round</source>
        <translation>ワイプ、円</translation>
    </message>
    <message>
        <source>wipe, straight</source>
        <translation>ワイプ、直線</translation>
    </message>
    <message>
        <source>“%1” appears on a lane</source>
        <translation>「%1」がレーンに現れる</translation>
    </message>
    <message>
        <source>“%1” is forgotten</source>
        <translation>「%1」を忘れました</translation>
    </message>
    <message>
        <source>“%1” is saved; it is among the ready ones</source>
        <translation>「%1」を保存しました。できあいのものに並びます</translation>
    </message>
    <message>
        <source>“%1” is there; each of its layers and lanes can be changed</source>
        <translation>「%1」を置きました。各レイヤーとレーンは変更できます</translation>
    </message>
</context>
<context>
    <name>pulsepin::LengthField</name>
    <message>
        <source>%1: counted in</source>
        <translation>%1:単位</translation>
    </message>
    <message>
        <source>%1: how much</source>
        <translation>%1:量</translation>
    </message>
    <message>
        <source>How long it lasts</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>How much earlier it acts than its place in the music</source>
        <translation>音楽の位置よりどれだけ早く働くか</translation>
    </message>
    <message>
        <source>What the length is counted in</source>
        <translation>長さの単位</translation>
    </message>
    <message>
        <source>as long as its word</source>
        <translation>語の長さだけ</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>ms</source>
        <translation>ms</translation>
    </message>
    <message>
        <source>no length</source>
        <translation>長さなし</translation>
    </message>
    <message>
        <source>to the end</source>
        <translation>最後まで</translation>
    </message>
    <message>
        <source>until its line ends</source>
        <translation>行の終わりまで</translation>
    </message>
    <message>
        <source>until the next</source>
        <translation>次まで</translation>
    </message>
    <message>
        <source>until the section ends</source>
        <translation>セクションの終わりまで</translation>
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
        <translation>レベル</translation>
    </message>
    <message>
        <source>Peak of the music in dBFS, and its short-term loudness (ITU-R BS.1770, three seconds)</source>
        <translation>音楽のピーク(dBFS)と短時間ラウドネス(ITU-R BS.1770、3 秒)</translation>
    </message>
    <message>
        <source>level</source>
        <translation>レベル</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightCommands</name>
    <message>
        <source>%1 lamps of “%2”</source>
        <translation>「%2」のランプ %1 個</translation>
    </message>
    <message>
        <source>%1 lamps, up to channel %2 of universe %3</source>
        <translation>ランプ %1 個、ユニバース %3 のチャンネル %2 まで</translation>
    </message>
    <message numerus="yes">
        <source>%n lights</source>
        <translation><numerusform>光 %n 個</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n lights recoloured</source>
        <translation><numerusform>光 %n 個の色を変えました</numerusform></translation>
    </message>
    <message>
        <source>A film or picture of the bin</source>
        <translation>ビンの動画または画像</translation>
    </message>
    <message>
        <source>A prop: where its lamps lie</source>
        <translation>プロップ:ランプの位置</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>加算</translation>
    </message>
    <message>
        <source>Add a prop from a file…</source>
        <translation>ファイルからプロップを追加…</translation>
    </message>
    <message>
        <source>Add lamps</source>
        <translation>ランプを追加</translation>
    </message>
    <message>
        <source>Add lamps…</source>
        <translation>ランプを追加…</translation>
    </message>
    <message>
        <source>All lamps are dark until Q is pressed again</source>
        <translation>もう一度 Q を押すまで全ランプ消灯</translation>
    </message>
    <message>
        <source>Blackout: all lamps dark</source>
        <translation>暗転:全ランプ消灯</translation>
    </message>
    <message>
        <source>Choose a lamp of a group first</source>
        <translation>先にグループのランプを選んでください</translation>
    </message>
    <message>
        <source>Choose one lamp, or one group, to name it</source>
        <translation>名前を付けるランプかグループを 1 つ選んでください</translation>
    </message>
    <message>
        <source>Choose the lamp before</source>
        <translation>前のランプを選ぶ</translation>
    </message>
    <message>
        <source>Choose the next lamp</source>
        <translation>次のランプを選ぶ</translation>
    </message>
    <message>
        <source>Choose two lamps, or two groups, to swap their rows</source>
        <translation>行を交換する 2 つのランプまたはグループを選んでください</translation>
    </message>
    <message>
        <source>Delete the chosen lamps</source>
        <translation>選んだランプを削除</translation>
    </message>
    <message>
        <source>Drive lamps</source>
        <translation>ランプを動かす</translation>
    </message>
    <message>
        <source>Drive the chosen lamps by a curve…</source>
        <translation>選んだランプをカーブで動かす…</translation>
    </message>
    <message>
        <source>Group in one row, or a row a lamp</source>
        <translation>グループを 1 行に、またはランプごとに 1 行</translation>
    </message>
    <message>
        <source>Lamps (*.csv *.svg)</source>
        <translation>ランプ (*.csv *.svg)</translation>
    </message>
    <message>
        <source>Lamps are lit again</source>
        <translation>ランプが再び点きます</translation>
    </message>
    <message>
        <source>Latest light on a lamp wins, or the highest</source>
        <translation>同じランプでは後の光か、強い光か</translation>
    </message>
    <message>
        <source>Light the chosen lamps here</source>
        <translation>選んだランプをここで点灯</translation>
    </message>
    <message>
        <source>Light the chosen lamps on each beat</source>
        <translation>選んだランプを拍ごとに点灯</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>照明</translation>
    </message>
    <message>
        <source>Make the chosen lamps dark here</source>
        <translation>選んだランプをここで消灯</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>Name of the lamp or group</source>
        <translation>ランプまたはグループの名前</translation>
    </message>
    <message>
        <source>Name the chosen lamp or group…</source>
        <translation>選んだランプやグループに名前…</translation>
    </message>
    <message>
        <source>No lamp is chosen: click one in the plan</source>
        <translation>ランプが選ばれていません:配置図でクリックしてください</translation>
    </message>
    <message>
        <source>Of several lights on a lamp the highest is seen</source>
        <translation>1 つのランプに複数の光があるとき強い光が見えます</translation>
    </message>
    <message>
        <source>Of several lights on a lamp the latest is seen</source>
        <translation>1 つのランプに複数の光があるとき後の光が見えます</translation>
    </message>
    <message>
        <source>Patch and outputs…</source>
        <translation>パッチと出力…</translation>
    </message>
    <message>
        <source>Picture below the plan</source>
        <translation>配置図の下絵</translation>
    </message>
    <message>
        <source>Picture below the plan…</source>
        <translation>配置図の下絵…</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>受信</translation>
    </message>
    <message>
        <source>Recolour lights</source>
        <translation>光の色を変える</translation>
    </message>
    <message>
        <source>Select lights, or choose lamps in the plan, to recolour them</source>
        <translation>色を変える光を選択するか、配置図でランプを選んでください</translation>
    </message>
    <message>
        <source>Send nothing</source>
        <translation>何も送らない</translation>
    </message>
    <message>
        <source>Send there</source>
        <translation>そこへ送る</translation>
    </message>
    <message>
        <source>Send to the lamps</source>
        <translation>ランプへ送る</translation>
    </message>
    <message>
        <source>Swap the rows of two chosen lamps</source>
        <translation>選んだ 2 つのランプの行を交換</translation>
    </message>
    <message>
        <source>The strength of the chosen lamps is driven by</source>
        <translation>選んだランプの強さを動かすもの</translation>
    </message>
    <message>
        <source>There are no beats yet: find them at the stop “Grid”</source>
        <translation>まだ拍がありません:「グリッド」で検出してください</translation>
    </message>
    <message>
        <source>There are no lamps yet: add some first</source>
        <translation>まだランプがありません:先に追加してください</translation>
    </message>
    <message>
        <source>There is no lane with a curve yet: add pulses, keys or a follower at Motion</source>
        <translation>まだカーブのあるレーンがありません:「動き」でパルス・キー・追従カーブを追加してください</translation>
    </message>
    <message>
        <source>They are lit there already</source>
        <translation>そこではもう点いています</translation>
    </message>
    <message>
        <source>This project sends to %1. Nobody has typed that here yet.</source>
        <translation>このプロジェクトは %1 へ送ります。ここで誰も入力していない宛先です。</translation>
    </message>
    <message>
        <source>a row a lamp</source>
        <translation>ランプごとに 1 行</translation>
    </message>
    <message>
        <source>add lamp</source>
        <translation>ランプを追加</translation>
    </message>
    <message>
        <source>add lamps</source>
        <translation>ランプを追加</translation>
    </message>
    <message>
        <source>add lane</source>
        <translation>レーンを追加</translation>
    </message>
    <message>
        <source>add prop</source>
        <translation>プロップを追加</translation>
    </message>
    <message>
        <source>change plan</source>
        <translation>配置図を変更</translation>
    </message>
    <message>
        <source>delete lamps</source>
        <translation>ランプを削除</translation>
    </message>
    <message>
        <source>drive lamps</source>
        <translation>ランプを動かす</translation>
    </message>
    <message>
        <source>group in one row</source>
        <translation>グループを 1 行に</translation>
    </message>
    <message>
        <source>highest light wins</source>
        <translation>強い光が勝つ</translation>
    </message>
    <message>
        <source>latest light wins</source>
        <translation>後の光が勝つ</translation>
    </message>
    <message>
        <source>light lamps</source>
        <translation>ランプを点ける</translation>
    </message>
    <message>
        <source>make lamps dark</source>
        <translation>ランプを消す</translation>
    </message>
    <message>
        <source>nothing: as it is painted</source>
        <translation>なし:塗ったまま</translation>
    </message>
    <message>
        <source>paint lamps</source>
        <translation>ランプを塗る</translation>
    </message>
    <message>
        <source>plain ground</source>
        <translation>無地</translation>
    </message>
    <message>
        <source>recolour lights</source>
        <translation>光の色を変える</translation>
    </message>
    <message>
        <source>rename lamps</source>
        <translation>ランプの名前を変更</translation>
    </message>
    <message>
        <source>swap rows</source>
        <translation>行を交換</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightForm</name>
    <message>
        <source>%1 lit, %2</source>
        <translation>%1 が点灯、%2</translation>
    </message>
    <message>
        <source>The lamps that are lit</source>
        <translation>点くランプ</translation>
    </message>
    <message>
        <source>all lamps</source>
        <translation>全ランプ</translation>
    </message>
    <message>
        <source>lamps</source>
        <translation>ランプ</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightSender</name>
    <message>
        <source>nothing is sent: all outputs are off</source>
        <translation>何も送られません:出力がすべてオフです</translation>
    </message>
    <message>
        <source>sending dark to %1</source>
        <translation>%1 へ暗転を送信中</translation>
    </message>
    <message>
        <source>sending to %1</source>
        <translation>%1 へ送信中</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>このコンピューター</translation>
    </message>
</context>
<context>
    <name>pulsepin::LightsPage</name>
    <message>
        <source>All lamps dark, until it is pressed again</source>
        <translation>もう一度押すまで全ランプ消灯</translation>
    </message>
    <message>
        <source>Channels of the lamps, and where levels go</source>
        <translation>ランプのチャンネルとレベルの行き先</translation>
    </message>
    <message>
        <source>Chooses all lamps</source>
        <translation>全ランプを選びます</translation>
    </message>
    <message>
        <source>Chooses the first, the third ... of each group</source>
        <translation>各グループの 1、3 … 番目を選びます</translation>
    </message>
    <message>
        <source>Chooses the lamps of a group</source>
        <translation>グループのランプを選びます</translation>
    </message>
    <message>
        <source>Chooses the second, the fourth ... of each group</source>
        <translation>各グループの 2、4 … 番目を選びます</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>コピー…</translation>
    </message>
    <message>
        <source>Dark</source>
        <translation>暗転</translation>
    </message>
    <message>
        <source>Goes over into dark</source>
        <translation>暗くなっていく</translation>
    </message>
    <message>
        <source>How bright all lamps are at most</source>
        <translation>全ランプの最大の明るさ</translation>
    </message>
    <message>
        <source>Light %1 on beats</source>
        <translation>%1を拍ごとに点灯</translation>
    </message>
    <message>
        <source>Lights the chosen lamps on each beat of the range, or of the bar at the playhead, as it is painted with</source>
        <translation>範囲、または再生ヘッドの小節の拍ごとに、塗る設定で選んだランプを点けます</translation>
    </message>
    <message>
        <source>Nothing is lit until playing begins</source>
        <translation>再生が始まるまで何も点きません</translation>
    </message>
    <message>
        <source>One colour until it ends</source>
        <translation>終わりまで一色</translation>
    </message>
    <message>
        <source>Paint</source>
        <translation>塗る</translation>
    </message>
    <message>
        <source>Patch…</source>
        <translation>パッチ…</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>受信</translation>
    </message>
    <message>
        <source>Recolour</source>
        <translation>色を変える</translation>
    </message>
    <message>
        <source>Send</source>
        <translation>送る</translation>
    </message>
    <message>
        <source>Sending</source>
        <translation>送信中</translation>
    </message>
    <message>
        <source>Sends levels to the outputs, this computer unless others are told</source>
        <translation>出力へレベルを送ります。指定がなければこのコンピューターへ</translation>
    </message>
    <message>
        <source>Shows what really arrives on this computer</source>
        <translation>このコンピューターに実際に届いたものを示します</translation>
    </message>
    <message>
        <source>The chosen lamps' lights, or those that are selected, get the colour that is painted with</source>
        <translation>選んだランプの、または選択した光を塗る色にします</translation>
    </message>
    <message>
        <source>The lights of the range, or of those that are selected, again in other bars</source>
        <translation>範囲の、または選択した光を他の小節にも</translation>
    </message>
    <message>
        <source>The mouse lights lamps of the plan over the range or the bar; the right button makes them dark</source>
        <translation>範囲または小節で、マウスが配置図のランプを点けます。右ボタンで消灯</translation>
    </message>
    <message>
        <source>all</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>change dimmer</source>
        <translation>調光を変更</translation>
    </message>
    <message>
        <source>dark at the start</source>
        <translation>始めは暗転</translation>
    </message>
    <message>
        <source>dimmer </source>
        <translation>調光 </translation>
    </message>
    <message>
        <source>even</source>
        <translation>偶数</translation>
    </message>
    <message>
        <source>fade</source>
        <translation>フェード</translation>
    </message>
    <message>
        <source>group</source>
        <translation>グループ</translation>
    </message>
    <message>
        <source>held</source>
        <translation>一定</translation>
    </message>
    <message>
        <source>odd</source>
        <translation>奇数</translation>
    </message>
</context>
<context>
    <name>pulsepin::ListenedField</name>
    <message>
        <source>What is listened to</source>
        <translation>聴く対象</translation>
    </message>
    <message>
        <source>Which sound is listened to, and what of it: a lane beside the song, its percussive or harmonic part, one side</source>
        <translation>どの音のどの部分を聴くか:曲の隣のレーン、打楽器または和声の部分、片側</translation>
    </message>
    <message>
        <source>all that is heard</source>
        <translation>聴こえる全部</translation>
    </message>
    <message>
        <source>the song</source>
        <translation>曲</translation>
    </message>
</context>
<context>
    <name>pulsepin::MainWindow</name>
    <message>
        <source> (not saved)</source>
        <translation> (未保存)</translation>
    </message>
    <message>
        <source>%1%2 — Pulse Pin</source>
        <translation>%1%2 — Pulse Pin</translation>
    </message>
    <message>
        <source>All shortcuts</source>
        <translation>すべてのショートカット</translation>
    </message>
    <message>
        <source>Bar 1 at the playhead</source>
        <translation>再生ヘッドを 1 小節目に</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>Change by name</source>
        <translation>名前で変更</translation>
    </message>
    <message>
        <source>Check</source>
        <translation>点検</translation>
    </message>
    <message>
        <source>Edit</source>
        <translation>編集</translation>
    </message>
    <message>
        <source>File</source>
        <translation>ファイル</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>映像</translation>
    </message>
    <message>
        <source>Find a command…</source>
        <translation>コマンドを探す…</translation>
    </message>
    <message>
        <source>Find the beats</source>
        <translation>拍を探す</translation>
    </message>
    <message>
        <source>Help</source>
        <translation>ヘルプ</translation>
    </message>
    <message>
        <source>Lanes</source>
        <translation>レーン</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>照明</translation>
    </message>
    <message>
        <source>Only files on this computer can be dropped here</source>
        <translation>このコンピューターのファイルだけを置けます</translation>
    </message>
    <message>
        <source>Pins</source>
        <translation>ピン</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>再生</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>やり直す</translation>
    </message>
    <message>
        <source>Redo %1</source>
        <translation>やり直す:%1</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>選択</translation>
    </message>
    <message>
        <source>Settings…</source>
        <translation>設定…</translation>
    </message>
    <message>
        <source>Shots</source>
        <translation>ショット</translation>
    </message>
    <message>
        <source>The demo is not installed with this program.</source>
        <translation>デモはこのプログラムと一緒にインストールされていません。</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>元に戻す</translation>
    </message>
    <message>
        <source>Undo %1</source>
        <translation>元に戻す:%1</translation>
    </message>
    <message>
        <source>View</source>
        <translation>表示</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>デモを歩く</translation>
    </message>
    <message>
        <source>What is this?</source>
        <translation>これは何?</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>語</translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkPanel</name>
    <message>
        <source> by up to %1 ms</source>
        <translation> (最大 %1 ms)</translation>
    </message>
    <message>
        <source> ms</source>
        <translation> ms</translation>
    </message>
    <message>
        <source>%1 to set</source>
        <translation>残り %1</translation>
    </message>
    <message numerus="yes">
        <source>%n moved</source>
        <translation><numerusform>%n 個を移動</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n there already</source>
        <translation><numerusform>%n 個はすでにそこに</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n too far, left where they are</source>
        <translation><numerusform>%n 個は遠いのでそのまま</numerusform></translation>
    </message>
    <message>
        <source>A marker at the playhead, also while it plays (M)</source>
        <translation>再生ヘッドにマーカー、再生中でも(M)</translation>
    </message>
    <message>
        <source>A marker on the shot or sound under the playhead: it travels with it (Ctrl+Shift+M)</source>
        <translation>再生ヘッドのショットや音の上にマーカー:一緒に動きます(Ctrl+Shift+M)</translation>
    </message>
    <message>
        <source>A text whose words are set as they are sung</source>
        <translation>歌われる時に語を置くための歌詞</translation>
    </message>
    <message>
        <source>Add here</source>
        <translation>ここに追加</translation>
    </message>
    <message>
        <source>Double click or F2 to change, Enter to go there</source>
        <translation>ダブルクリックか F2 で変更、Enter でそこへ</translation>
    </message>
    <message>
        <source>Drawings that are held from beat to beat</source>
        <translation>拍から拍へ保持する作画</translation>
    </message>
    <message>
        <source>Exposures</source>
        <translation>作画</translation>
    </message>
    <message>
        <source>Load text…</source>
        <translation>歌詞を読み込む…</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>印</translation>
    </message>
    <message>
        <source>Markers</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>Markers that are farther from an onset stay</source>
        <translation>これより遠いマーカーはそのまま</translation>
    </message>
    <message>
        <source>Moments with names</source>
        <translation>名前のある瞬間</translation>
    </message>
    <message>
        <source>Moves the selected markers, or all in the list, to the nearest onset</source>
        <translation>選択した、または一覧のマーカーを近いオンセットへ動かします</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>ノート</translation>
    </message>
    <message>
        <source>On the shot</source>
        <translation>ショットに</translation>
    </message>
    <message>
        <source>Only markers of this colour</source>
        <translation>この色のマーカーだけ</translation>
    </message>
    <message>
        <source>Only markers whose name or note holds this</source>
        <translation>名前かノートにこれを含むマーカーだけ</translation>
    </message>
    <message>
        <source>Paste text</source>
        <translation>歌詞を貼り付け</translation>
    </message>
    <message>
        <source>Plain text, SubRip, WebVTT, or lines with times</source>
        <translation>プレーンテキスト、SubRip、WebVTT、または時間付きの行</translation>
    </message>
    <message>
        <source>Show only markers of this colour</source>
        <translation>この色のマーカーだけ表示</translation>
    </message>
    <message>
        <source>Show only markers with this in name or note</source>
        <translation>名前かノートにこれを含むマーカーだけ表示</translation>
    </message>
    <message>
        <source>Snap no farther than</source>
        <translation>スナップする最大距離</translation>
    </message>
    <message>
        <source>Snap to</source>
        <translation>スナップ</translation>
    </message>
    <message>
        <source>Snap to onsets of</source>
        <translation>スナップするオンセット</translation>
    </message>
    <message>
        <source>The row of onsets to snap to</source>
        <translation>スナップ先のオンセットの行</translation>
    </message>
    <message>
        <source>The words of the text that was copied wait to be set</source>
        <translation>コピーした歌詞の語が、置かれるのを待ちます</translation>
    </message>
    <message>
        <source>What is said, its translation, remarks; the running band</source>
        <translation>話す言葉、翻訳、注記。流れるバンド</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>語</translation>
    </message>
    <message>
        <source>all colours</source>
        <translation>全部の色</translation>
    </message>
    <message>
        <source>name or note</source>
        <translation>名前かノート</translation>
    </message>
    <message>
        <source>no markers yet</source>
        <translation>まだマーカーなし</translation>
    </message>
    <message>
        <source>snap markers</source>
        <translation>マーカーをスナップ</translation>
    </message>
    <message>
        <source>within </source>
        <translation>以内 </translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkerForm</name>
    <message>
        <source># becomes the number of each</source>
        <translation># は番号になります</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>lasting</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>named, # is their number</source>
        <translation>名前、# は番号</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>記号</translation>
    </message>
</context>
<context>
    <name>pulsepin::MarkerTable</name>
    <message>
        <source>There is no grid yet to place it on</source>
        <translation>置くためのグリッドがまだありません</translation>
    </message>
    <message>
        <source>at</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>change %1 of marker</source>
        <translation>マーカーの%1を変更</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>lies on</source>
        <translation>載る先</translation>
    </message>
    <message>
        <source>move marker</source>
        <translation>マーカーを移動</translation>
    </message>
    <message>
        <source>name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>note</source>
        <translation>ノート</translation>
    </message>
    <message>
        <source>symbol</source>
        <translation>記号</translation>
    </message>
    <message>
        <source>“%1” is no length. Write 2 beats, 12 frames or 300 ms.</source>
        <translation>「%1」は長さではありません。2 拍、12 フレーム、300 ms のように書いてください。</translation>
    </message>
</context>
<context>
    <name>pulsepin::MotionPanel</name>
    <message>
        <source>%1 lamps</source>
        <translation>ランプ %1</translation>
    </message>
    <message>
        <source>%1 lanes</source>
        <translation>%1 レーン</translation>
    </message>
    <message>
        <source>%1 to %2 Hz</source>
        <translation>%1〜%2 Hz</translation>
    </message>
    <message>
        <source>%1, %2 pulses</source>
        <translation>%1、パルス %2</translation>
    </message>
    <message>
        <source>%2 lanes, %1 lamps</source>
        <translation>%2 レーン、ランプ %1</translation>
    </message>
    <message>
        <source>1 lane</source>
        <translation>1 レーン</translation>
    </message>
    <message>
        <source>1 lane, %1 lamps</source>
        <translation>1 レーン、ランプ %1</translation>
    </message>
    <message>
        <source>A lane that drives a property</source>
        <translation>属性を動かすレーン</translation>
    </message>
    <message>
        <source>Add lamps…</source>
        <translation>ランプを追加…</translation>
    </message>
    <message>
        <source>Add lane…</source>
        <translation>レーンを追加…</translation>
    </message>
    <message>
        <source>Appearances: a layer that comes and goes</source>
        <translation>現れ方:来て去るレイヤー</translation>
    </message>
    <message>
        <source>Curves</source>
        <translation>カーブ</translation>
    </message>
    <message>
        <source>Follower: a curve that follows the music</source>
        <translation>追従カーブ:音楽に追従するカーブ</translation>
    </message>
    <message>
        <source>Its value between the pulses, or where the curve is 0</source>
        <translation>パルスの間の、またはカーブが 0 の所の値</translation>
    </message>
    <message>
        <source>Keys: single values</source>
        <translation>キー:一つずつの値</translation>
    </message>
    <message>
        <source>Lane whose curve is shown</source>
        <translation>カーブを見せるレーン</translation>
    </message>
    <message>
        <source>Layers</source>
        <translation>レイヤー</translation>
    </message>
    <message>
        <source>Lights</source>
        <translation>照明</translation>
    </message>
    <message>
        <source>Lights: lamps that are lit</source>
        <translation>照明:点くランプ</translation>
    </message>
    <message>
        <source>Motion</source>
        <translation>動き</translation>
    </message>
    <message>
        <source>Peak value; lower than the base value, the pulse dips</source>
        <translation>頂点の値。基準値より小さければ下がります</translation>
    </message>
    <message>
        <source>Poses: all that places a layer</source>
        <translation>ポーズ:レイヤーの配置すべて</translation>
    </message>
    <message>
        <source>Pulses: one shape on chosen beats</source>
        <translation>パルス:選んだ拍に同じ形</translation>
    </message>
    <message>
        <source>Rows, arcs, rings and grids of lamps; a prop from a file is in the menu Lights</source>
        <translation>列・弧・輪・格子のランプ。ファイルのプロップは「照明」メニューに</translation>
    </message>
    <message>
        <source>Spectrum: twelve followers, one a band</source>
        <translation>スペクトル:帯域ごとに 12 の追従カーブ</translation>
    </message>
    <message>
        <source>The lamps, and what lights them</source>
        <translation>ランプと、それを照らすもの</translation>
    </message>
    <message>
        <source>The lane whose curve is shown</source>
        <translation>カーブを見せるレーン</translation>
    </message>
    <message>
        <source>What drives properties</source>
        <translation>属性を動かすもの</translation>
    </message>
    <message>
        <source>What is driven: the name that it has where the keys go</source>
        <translation>動かすもの:キーの行き先での名前</translation>
    </message>
    <message>
        <source>What the picture is made of</source>
        <translation>映像を作るもの</translation>
    </message>
    <message>
        <source>add twelve bands</source>
        <translation>12 帯域を追加</translation>
    </message>
    <message>
        <source>base value</source>
        <translation>基準値</translation>
    </message>
    <message>
        <source>change property</source>
        <translation>属性を変更</translation>
    </message>
    <message>
        <source>change range</source>
        <translation>範囲を変更</translation>
    </message>
    <message>
        <source>drives</source>
        <translation>動かす</translation>
    </message>
    <message>
        <source>in</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>nothing moves yet</source>
        <translation>まだ動かない</translation>
    </message>
    <message>
        <source>peak value</source>
        <translation>頂点値</translation>
    </message>
</context>
<context>
    <name>pulsepin::MouthDialog</name>
    <message>
        <source>As usual</source>
        <translation>通常に戻す</translation>
    </message>
    <message>
        <source>Double click or F2 to change</source>
        <translation>ダブルクリックか F2 で変更</translation>
    </message>
    <message>
        <source>One more</source>
        <translation>もう一つ</translation>
    </message>
    <message>
        <source>Shapes of the mouth</source>
        <translation>口の形</translation>
    </message>
    <message>
        <source>Sounds in signs of the International Phonetic Alphabet, with blanks between; the first shape is the closed mouth</source>
        <translation>国際音声記号の音を空白で区切って。最初の形は閉じた口</translation>
    </message>
    <message>
        <source>Take</source>
        <translation>採用</translation>
    </message>
    <message>
        <source>Which sounds have which shape</source>
        <translation>どの音がどの形か</translation>
    </message>
    <message>
        <source>shape</source>
        <translation>形</translation>
    </message>
    <message>
        <source>sounds</source>
        <translation>音</translation>
    </message>
</context>
<context>
    <name>pulsepin::MovingSheet</name>
    <message>
        <source>Nothing has these words</source>
        <translation>この言葉はありません</translation>
    </message>
    <message>
        <source>Type to find</source>
        <translation>入力して探す</translation>
    </message>
    <message>
        <source>Words to find by</source>
        <translation>探す言葉</translation>
    </message>
</context>
<context>
    <name>pulsepin::NamedEdits</name>
    <message>
        <source>Do it</source>
        <translation>実行</translation>
    </message>
</context>
<context>
    <name>pulsepin::NotesPage</name>
    <message>
        <source> % high</source>
        <translation> % の高さ</translation>
    </message>
    <message>
        <source> px/s</source>
        <translation> px/秒</translation>
    </message>
    <message>
        <source>%1 s</source>
        <translation>%1 秒</translation>
    </message>
    <message>
        <source>A lane more: for a translation, or for remarks</source>
        <translation>もう一つのレーン:翻訳や注記に</translation>
    </message>
    <message>
        <source>A note at the playhead, also while it plays; as long as the range, if there is one</source>
        <translation>再生ヘッドにノート、再生中でも。範囲があればその長さ</translation>
    </message>
    <message>
        <source>Add here</source>
        <translation>ここに追加</translation>
    </message>
    <message>
        <source>How fast the band runs</source>
        <translation>バンドの速さ</translation>
    </message>
    <message>
        <source>How high the band is, of the picture</source>
        <translation>バンドの高さ(映像に対して)</translation>
    </message>
    <message>
        <source>New lane</source>
        <translation>新しいレーン</translation>
    </message>
    <message>
        <source>The band's row that the lane runs in</source>
        <translation>レーンが流れるバンドの行</translation>
    </message>
    <message>
        <source>The ink that the lane's notes are written in</source>
        <translation>レーンのノートを書く色</translation>
    </message>
    <message>
        <source>The lane runs in the band over the picture</source>
        <translation>レーンを映像の上のバンドに流します</translation>
    </message>
    <message>
        <source>The lane that notes are added to</source>
        <translation>ノートを加えるレーン</translation>
    </message>
    <message>
        <source>The lane's notes: double click to go there</source>
        <translation>レーンのノート:ダブルクリックでそこへ</translation>
    </message>
    <message>
        <source>The last three beats before an entry are counted</source>
        <translation>入りの前の 3 拍を数えます</translation>
    </message>
    <message>
        <source>What is said; Return puts it where the playhead is</source>
        <translation>話す言葉。Return で再生ヘッドに置きます</translation>
    </message>
    <message>
        <source>What it is besides a text</source>
        <translation>文字以外の種類</translation>
    </message>
    <message>
        <source>Where what is heard now is, of the picture's width</source>
        <translation>今聴こえる所の位置(映像の幅に対して)</translation>
    </message>
    <message>
        <source>Words and notes run over the picture from right to left, past a line that stands still</source>
        <translation>語とノートが右から左へ、止まった線を越えて流れます</translation>
    </message>
    <message>
        <source>Write what is said, or choose a sign</source>
        <translation>話す言葉を書くか、記号を選んでください</translation>
    </message>
    <message>
        <source>change band</source>
        <translation>帯域を変更</translation>
    </message>
    <message>
        <source>change notes</source>
        <translation>ノートを変更</translation>
    </message>
    <message>
        <source>count in</source>
        <translation>前拍</translation>
    </message>
    <message>
        <source>in the band</source>
        <translation>バンドに</translation>
    </message>
    <message>
        <source>line at </source>
        <translation>線 </translation>
    </message>
    <message>
        <source>row </source>
        <translation>行 </translation>
    </message>
    <message>
        <source>show the band</source>
        <translation>バンド表示</translation>
    </message>
    <message>
        <source>what is said here</source>
        <translation>ここで話す言葉</translation>
    </message>
</context>
<context>
    <name>pulsepin::NoticeBar</name>
    <message>
        <source>Keep mine</source>
        <translation>自分のを保つ</translation>
    </message>
    <message>
        <source>Look at both</source>
        <translation>両方を見る</translation>
    </message>
    <message>
        <source>Not saved, and no copy for the case of a crash. %1</source>
        <translation>保存されておらず、異常終了用のコピーもありません。%1</translation>
    </message>
    <message>
        <source>Not saved. %1</source>
        <translation>保存されていません。%1</translation>
    </message>
    <message>
        <source>Open what is there</source>
        <translation>あるものを開く</translation>
    </message>
    <message>
        <source>Opens the file as it is on the disk now</source>
        <translation>今ディスクにあるファイルを開きます</translation>
    </message>
    <message>
        <source>Opens what is on the disk in a window of its own</source>
        <translation>ディスクにあるものを別のウィンドウで開きます</translation>
    </message>
    <message>
        <source>Save again</source>
        <translation>もう一度保存</translation>
    </message>
    <message>
        <source>Save as…</source>
        <translation>名前を付けて保存…</translation>
    </message>
    <message>
        <source>Saves to another place or under another name</source>
        <translation>別の場所か別の名前で保存します</translation>
    </message>
    <message>
        <source>Stays with what is open here: saving will replace what is on the disk</source>
        <translation>ここで開いているものを保ちます:保存するとディスクのものを置き換えます</translation>
    </message>
    <message>
        <source>Takes this line away</source>
        <translation>この行を消します</translation>
    </message>
    <message>
        <source>Tries to save once more</source>
        <translation>もう一度保存を試みます</translation>
    </message>
    <message>
        <source>Understood</source>
        <translation>了解</translation>
    </message>
    <message>
        <source>“%1” is open in another window, too. Work in one of them: whichever saves last replaces what the other saved, and is asked first.</source>
        <translation>「%1」は別のウィンドウでも開いています。片方で作業してください:後に保存した方が先のものを置き換え、その前に尋ねられます。</translation>
    </message>
    <message>
        <source>“%1” was changed on the disk by another program or window. What is open here is as you left it.</source>
        <translation>「%1」は別のプログラムまたはウィンドウでディスク上で変更されました。ここで開いているものはそのままです。</translation>
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
        <translation> または </translation>
    </message>
    <message>
        <source> without </source>
        <translation> 以外 </translation>
    </message>
    <message>
        <source>%1 to %2 Hz</source>
        <translation>%1〜%2 Hz</translation>
    </message>
    <message>
        <source>%1 · %2 by hand</source>
        <translation>%1 · %2 手作業</translation>
    </message>
    <message>
        <source>A click on it chooses this row: the choices below are for that one</source>
        <translation>クリックでこの行を選びます:下の設定はその行のもの</translation>
    </message>
    <message>
        <source>A row of all sounds like the onset nearest to the playhead, or like those in the range</source>
        <translation>再生ヘッドに近いオンセット、または範囲内のものに似た音すべての行</translation>
    </message>
    <message>
        <source>A row of other rows</source>
        <translation>他の行からの行</translation>
    </message>
    <message>
        <source>A row that watches one range of frequencies, or is made of other rows</source>
        <translation>ある周波数範囲を見る行、または他の行から作る行</translation>
    </message>
    <message>
        <source>Add a row</source>
        <translation>行を追加</translation>
    </message>
    <message>
        <source>As the chosen row, to be found otherwise</source>
        <translation>選んだ行と同じもの、別の探し方で</translation>
    </message>
    <message>
        <source>Choose a row that is found in a sound first</source>
        <translation>先に音から探す行を選んでください</translation>
    </message>
    <message>
        <source>Find like this</source>
        <translation>同じ音を探す</translation>
    </message>
    <message>
        <source>From envelope peaks…</source>
        <translation>包絡の頂点から…</translation>
    </message>
    <message>
        <source>How the onsets of this row are heard: no single way suits all music</source>
        <translation>この行のオンセットの聴き方:どの音楽にも合う一つの方法はありません</translation>
    </message>
    <message>
        <source>How this row is found</source>
        <translation>この行の探し方</translation>
    </message>
    <message>
        <source>More or fewer onsets, at once</source>
        <translation>オンセットを増減、すぐに反映</translation>
    </message>
    <message>
        <source>Nothing was listened to yet.</source>
        <translation>まだ聴いていません。</translation>
    </message>
    <message>
        <source>Of other rows: kick or snare…</source>
        <translation>他の行から:キックまたはスネア…</translation>
    </message>
    <message>
        <source>Onsets nearer to each other than this are one</source>
        <translation>これより近いオンセットは一つに</translation>
    </message>
    <message>
        <source>Onsets weaker than this, against the strongest of the song, are left out</source>
        <translation>曲で最強のものに対し、これより弱いオンセットは除きます</translation>
    </message>
    <message>
        <source>Removes this row</source>
        <translation>この行を削除します</translation>
    </message>
    <message>
        <source>Shows this row above the lanes</source>
        <translation>この行をレーンの上に表示します</translation>
    </message>
    <message>
        <source>So far from any of the others</source>
        <translation>他からこの距離</translation>
    </message>
    <message>
        <source>So near together they are one</source>
        <translation>この近さなら一つ</translation>
    </message>
    <message>
        <source>There is no follower yet: add one in the stop Motion</source>
        <translation>まだ追従カーブがありません:「動き」で追加してください</translation>
    </message>
    <message>
        <source>Tick at least one row</source>
        <translation>少なくとも 1 行に印を付けてください</translation>
    </message>
    <message>
        <source>add row of onsets</source>
        <translation>オンセットの行を追加</translation>
    </message>
    <message>
        <source>any of</source>
        <translation>いずれか</translation>
    </message>
    <message>
        <source>at least</source>
        <translation>最短</translation>
    </message>
    <message>
        <source>but none of</source>
        <translation>ただし除く</translation>
    </message>
    <message>
        <source>gap</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>in</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>none within</source>
        <translation>以内になし</translation>
    </message>
    <message>
        <source>one within</source>
        <translation>以内で一つ</translation>
    </message>
    <message>
        <source>peaks of %1</source>
        <translation>%1 の頂点</translation>
    </message>
    <message>
        <source>peaks of a lane that is gone</source>
        <translation>もうないレーンの頂点</translation>
    </message>
    <message>
        <source>show row</source>
        <translation>行を表示</translation>
    </message>
    <message>
        <source>sounds alike</source>
        <translation>似た音</translation>
    </message>
</context>
<context>
    <name>pulsepin::PackCommands</name>
    <message>
        <source>%1; missing: %2</source>
        <translation>%1;不足:%2</translation>
    </message>
    <message numerus="yes">
        <source>%n files packed into %1</source>
        <translation><numerusform>%n 個のファイルを %1 にまとめました</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>; of %n films what is used</source>
        <translation><numerusform>;動画 %n 本は使う部分だけ</numerusform></translation>
    </message>
    <message>
        <source>Films go along whole.</source>
        <translation>動画は丸ごと入ります。</translation>
    </message>
    <message>
        <source>Nothing was packed</source>
        <translation>まとめられませんでした</translation>
    </message>
    <message>
        <source>Of films that only cuts show, what is seen goes along, with so many frames before and behind. What was placed with chosen in-points chooses among these then.</source>
        <translation>カットだけが見せる動画は、使う部分と前後のこのフレーム数だけ入ります。選んだイン点で置いたものはその中から選びます。</translation>
    </message>
    <message>
        <source>Pack into a ZIP file</source>
        <translation>ZIP にまとめる</translation>
    </message>
    <message>
        <source>Pack into a ZIP file…</source>
        <translation>ZIP にまとめる…</translation>
    </message>
    <message>
        <source>Pack into a folder</source>
        <translation>フォルダーにまとめる</translation>
    </message>
    <message>
        <source>Pack into a folder…</source>
        <translation>フォルダーにまとめる…</translation>
    </message>
    <message>
        <source>Pack into which folder?</source>
        <translation>どのフォルダーに?</translation>
    </message>
    <message>
        <source>Packing %1</source>
        <translation>%1 をまとめています</translation>
    </message>
    <message>
        <source>Pack…</source>
        <translation>まとめる…</translation>
    </message>
    <message>
        <source>Sheets to print</source>
        <translation>印刷用シート</translation>
    </message>
    <message>
        <source>There is a file of this name already: choose another one.</source>
        <translation>この名前のファイルがあります:別の名前を選んでください。</translation>
    </message>
</context>
<context>
    <name>pulsepin::ParamDelegate</name>
    <message>
        <source>no</source>
        <translation>いいえ</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>はい</translation>
    </message>
</context>
<context>
    <name>pulsepin::ParamForm</name>
    <message>
        <source>They differ: this is the first one's. A change sets all.
%1</source>
        <translation>それぞれ違います:これは最初のもの。変えると全部に設定されます。
%1</translation>
    </message>
    <message>
        <source>a lane that is gone</source>
        <translation>もうないレーン</translation>
    </message>
    <message>
        <source>all</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>empty: </source>
        <translation>空: </translation>
    </message>
</context>
<context>
    <name>pulsepin::PatchDialog</name>
    <message>
        <source>%1 to %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>加算</translation>
    </message>
    <message>
        <source>First channel of the first lamp</source>
        <translation>最初のランプの最初のチャンネル</translation>
    </message>
    <message>
        <source>One output more, to this computer</source>
        <translation>このコンピューターへの出力をもう一つ</translation>
    </message>
    <message>
        <source>Outputs</source>
        <translation>出力</translation>
    </message>
    <message>
        <source>Patch</source>
        <translation>パッチ</translation>
    </message>
    <message>
        <source>Patch and outputs</source>
        <translation>パッチと出力</translation>
    </message>
    <message>
        <source>Patch in order</source>
        <translation>順に割り当て</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Removes this output</source>
        <translation>この出力を削除します</translation>
    </message>
    <message>
        <source>The outputs of this piece</source>
        <translation>この作品の出力</translation>
    </message>
    <message>
        <source>The rows that are selected, or all, one behind the other from that channel on</source>
        <translation>選択した、またはすべての行を、そのチャンネルから順に</translation>
    </message>
    <message>
        <source>Universe of the first lamp</source>
        <translation>最初のランプのユニバース</translation>
    </message>
    <message>
        <source>Which channels each lamp listens to</source>
        <translation>各ランプが聴くチャンネル</translation>
    </message>
    <message>
        <source>add output</source>
        <translation>出力を追加</translation>
    </message>
    <message>
        <source>change output</source>
        <translation>出力を変更</translation>
    </message>
    <message>
        <source>channel </source>
        <translation>チャンネル </translation>
    </message>
    <message>
        <source>channels</source>
        <translation>チャンネル</translation>
    </message>
    <message>
        <source>each sends</source>
        <translation>送る内容</translation>
    </message>
    <message>
        <source>lamp</source>
        <translation>ランプ</translation>
    </message>
    <message>
        <source>none</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>patch lamp</source>
        <translation>ランプを割り当て</translation>
    </message>
    <message>
        <source>patch lamps</source>
        <translation>ランプを割り当て</translation>
    </message>
    <message>
        <source>remove output</source>
        <translation>出力を削除</translation>
    </message>
    <message>
        <source>rename lamp</source>
        <translation>ランプの名前を変更</translation>
    </message>
    <message>
        <source>this computer</source>
        <translation>このコンピューター</translation>
    </message>
    <message>
        <source>universe</source>
        <translation>ユニバース</translation>
    </message>
    <message>
        <source>universe </source>
        <translation>ユニバース </translation>
    </message>
    <message>
        <source>“%1” is no number</source>
        <translation>「%1」は数ではありません</translation>
    </message>
</context>
<context>
    <name>pulsepin::PickerPage</name>
    <message>
        <source> frames</source>
        <translation> フレーム</translation>
    </message>
    <message>
        <source> seconds</source>
        <translation> 秒</translation>
    </message>
    <message>
        <source>Bar and beat of the first, as 19.1; a range drawn on the ruler is taken over</source>
        <translation>最初の小節と拍(19.1 のように)。目盛りに引いた範囲が使われます</translation>
    </message>
    <message>
        <source>Bar and beat up to which is placed; itself not included</source>
        <translation>ここまでの小節と拍。それ自身は含みません</translation>
    </message>
    <message>
        <source>Beats of the grid, or plain time without them</source>
        <translation>グリッドの拍、なければ単なる時間</translation>
    </message>
    <message>
        <source>Choose a preset, or type a name to save this picker as one</source>
        <translation>プリセットを選ぶか、名前を入力して今の選び方を保存します</translation>
    </message>
    <message>
        <source>Counted from the first position of the range, after the filters</source>
        <translation>フィルターの後、範囲の最初の位置から数えます</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Deletes the preset of that name; what it placed stays</source>
        <translation>その名前のプリセットを削除します。置いたものは残ります</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first</source>
        <translation>先に目盛りの上をドラッグしてください</translation>
    </message>
    <message>
        <source>Filters, one after the other</source>
        <translation>フィルター(順に)</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>保存</translation>
    </message>
    <message>
        <source>Keeps source, range and filters in the project under that name</source>
        <translation>出所・範囲・フィルターをその名前でプロジェクトに保存します</translation>
    </message>
    <message>
        <source>Places one after the other: 13.3 (bar and beat), 0:26.96, 26.96s, 647f or 00:00:26:23</source>
        <translation>位置を順に:13.3(小節と拍)、0:26.96、26.96s、647f、00:00:26:23</translation>
    </message>
    <message>
        <source>Preset “%1” is saved in the project</source>
        <translation>プリセット「%1」をプロジェクトに保存しました</translation>
    </message>
    <message>
        <source>Presets of pickers</source>
        <translation>選び方のプリセット</translation>
    </message>
    <message>
        <source>Select pins first</source>
        <translation>先にピンを選択してください</translation>
    </message>
    <message>
        <source>The playhead lies in no section: find the beats first</source>
        <translation>再生ヘッドがセクションにありません:先に拍を検出してください</translation>
    </message>
    <message>
        <source>There are no sections without beats</source>
        <translation>拍がないとセクションもありません</translation>
    </message>
    <message>
        <source>Up to where, in seconds; itself not included</source>
        <translation>ここまで(秒)。それ自身は含みません</translation>
    </message>
    <message>
        <source>Where it begins: 12.5 (seconds), 0:12.5, 300 f or 00:00:12:12</source>
        <translation>始まり:12.5(秒)、0:12.5、300 f、00:00:12:12</translation>
    </message>
    <message>
        <source>Where the positions come from</source>
        <translation>位置の出所</translation>
    </message>
    <message>
        <source>Which part of the song</source>
        <translation>曲のどの部分</translation>
    </message>
    <message>
        <source>a name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>as typed</source>
        <translation>入力どおり</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>counted in</source>
        <translation>単位</translation>
    </message>
    <message>
        <source>delete preset</source>
        <translation>プリセットを削除</translation>
    </message>
    <message>
        <source>every</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>from</source>
        <translation>から</translation>
    </message>
    <message>
        <source>from the playhead</source>
        <translation>再生ヘッドから</translation>
    </message>
    <message>
        <source>keep picker</source>
        <translation>選び方を保存</translation>
    </message>
    <message>
        <source>one</source>
        <translation>1</translation>
    </message>
    <message>
        <source>places</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>presets</source>
        <translation>プリセット</translation>
    </message>
    <message>
        <source>range or loop</source>
        <translation>範囲かループ</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>starting at</source>
        <translation>始め</translation>
    </message>
    <message>
        <source>this section</source>
        <translation>このセクション</translation>
    </message>
    <message>
        <source>to lane</source>
        <translation>レーン</translation>
    </message>
    <message>
        <source>until</source>
        <translation>終わり</translation>
    </message>
    <message>
        <source>what is selected</source>
        <translation>選択したもの</translation>
    </message>
    <message>
        <source>where</source>
        <translation>場所</translation>
    </message>
    <message>
        <source>whole song</source>
        <translation>曲全体</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureDesk</name>
    <message>
        <source> while it plays, so that no picture is dropped</source>
        <translation>（再生中、コマ落ちを防ぐため）</translation>
    </message>
    <message>
        <source>%1/s</source>
        <translation>%1/秒</translation>
    </message>
    <message>
        <source>90 % for what moves, 80 % for words</source>
        <translation>動くものは 90 %、文字は 80 %</translation>
    </message>
    <message>
        <source>All words of the page are seen and moved one by one, by lines or all together</source>
        <translation>ページのすべての語が見え、語ごと・行ごと・全部で動かせます</translation>
    </message>
    <message>
        <source>Closer (mouse wheel)</source>
        <translation>近く(マウスホイール)</translation>
    </message>
    <message>
        <source>Fit to frame</source>
        <translation>全体を表示</translation>
    </message>
    <message>
        <source>Further away (mouse wheel)</source>
        <translation>遠く(マウスホイール)</translation>
    </message>
    <message>
        <source>Key pose</source>
        <translation>ポーズ</translation>
    </message>
    <message>
        <source>Middle, thirds, edges and other layers pull what is dragged (Ctrl while dragging: they do not)</source>
        <translation>中央・三分割・端・他のレイヤーがドラッグを引き寄せます(ドラッグ中の Ctrl で無効)</translation>
    </message>
    <message>
        <source>Place, scale, rotation and opacity of the chosen layer as one key: here, or at each selected marker (Shift+K)</source>
        <translation>選んだレイヤーの位置・大きさ・回転・不透明度を 1 つのキーに:ここ、または選択した各マーカーに(Shift+K)</translation>
    </message>
    <message>
        <source>The picture beside the song (F8 goes on)</source>
        <translation>曲の横の映像(F8 で次へ)</translation>
    </message>
    <message>
        <source>The picture in a window of its own, on any screen; F11 fills the screen</source>
        <translation>別のウィンドウの映像、どの画面でも。F11 で全画面</translation>
    </message>
    <message>
        <source>The picture in the lower panel (F8 goes on)</source>
        <translation>下のパネルの映像(F8 で次へ)</translation>
    </message>
    <message>
        <source>The points of a drawn line are set and moved in the picture</source>
        <translation>描いた線の点を映像で置き、動かします</translation>
    </message>
    <message>
        <source>The ring that a layer turns and grows about can be dragged</source>
        <translation>レイヤーが回転・拡大する中心の輪をドラッグできます</translation>
    </message>
    <message>
        <source>The whole frame, as large as there is room</source>
        <translation>フレーム全体を、入るかぎり大きく</translation>
    </message>
    <message>
        <source>Two boxes on the chosen picture: the frame moves over it from one to the other</source>
        <translation>選んだ画像に 2 つの枠:枠が一方から他方へ動きます</translation>
    </message>
    <message>
        <source>What is dragged is the shot within the picture; of all selected cuts at once</source>
        <translation>映像の中のショットをドラッグします。選択した全カット同時に</translation>
    </message>
    <message>
        <source>What no layer covers is chequered: a film with a transparent background has holes there</source>
        <translation>レイヤーのない所は市松模様:透明な背景の映像ではそこが穴です</translation>
    </message>
    <message>
        <source>Where the keys before and after put the chosen layer</source>
        <translation>前後のキーが選んだレイヤーを置く所</translation>
    </message>
    <message>
        <source>beside</source>
        <translation>横</translation>
    </message>
    <message>
        <source>coarse</source>
        <translation>粗い</translation>
    </message>
    <message>
        <source>docked</source>
        <translation>下</translation>
    </message>
    <message>
        <source>draw</source>
        <translation>描く</translation>
    </message>
    <message>
        <source>frame shot</source>
        <translation>枠合わせ</translation>
    </message>
    <message>
        <source>full quality</source>
        <translation>最高画質</translation>
    </message>
    <message>
        <source>guides</source>
        <translation>ガイド</translation>
    </message>
    <message>
        <source>half quality</source>
        <translation>半分の画質</translation>
    </message>
    <message>
        <source>holes</source>
        <translation>穴</translation>
    </message>
    <message>
        <source>own window</source>
        <translation>別窓</translation>
    </message>
    <message>
        <source>pivot</source>
        <translation>軸</translation>
    </message>
    <message>
        <source>quarter quality</source>
        <translation>1/4 の画質</translation>
    </message>
    <message>
        <source>safe areas</source>
        <translation>安全枠</translation>
    </message>
    <message>
        <source>slow move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>smaller, for lack of memory</source>
        <translation>メモリ不足のため縮小</translation>
    </message>
    <message>
        <source>trace</source>
        <translation>軌跡</translation>
    </message>
    <message>
        <source>words</source>
        <translation>語</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureHands</name>
    <message>
        <source>Choose a layer in the picture first.</source>
        <translation>先に映像でレイヤーを選んでください。</translation>
    </message>
    <message>
        <source>Click a layer to choose it, again for the one below · wheel: zoom · middle button: pan</source>
        <translation>クリックでレイヤーを選択、もう一度で下の · ホイール:拡大 · 中ボタン:移動</translation>
    </message>
    <message>
        <source>Click sets a point · drag moves one, with Shift its width · double click takes it away</source>
        <translation>クリックで点 · ドラッグで移動、Shift で幅 · ダブルクリックで削除</translation>
    </message>
    <message>
        <source>Drag “%1” to place it · corners scale, the arm turns · arrow keys nudge by 1 and 10 · Ctrl: without guides</source>
        <translation>「%1」をドラッグで配置 · 角で拡大、腕で回転 · 矢印で 1 と 10 · Ctrl:ガイドなし</translation>
    </message>
    <message>
        <source>There are no titles of words yet: make them first (menu Words)</source>
        <translation>まだ語のタイトルがありません:先に作ってください(メニュー「語」)</translation>
    </message>
    <message>
        <source>There is no line yet: add one (stop Motion, Layers, Add)</source>
        <translation>まだ線がありません:追加してください(「動き」、レイヤー、追加)</translation>
    </message>
    <message>
        <source>There is no picture to move over yet.</source>
        <translation>移動する画像がまだありません。</translation>
    </message>
    <message>
        <source>edge</source>
        <translation>端</translation>
    </message>
    <message>
        <source>frame layer</source>
        <translation>レイヤーに合わせる</translation>
    </message>
    <message>
        <source>frame shot</source>
        <translation>枠合わせ</translation>
    </message>
    <message>
        <source>middle</source>
        <translation>中央</translation>
    </message>
    <message>
        <source>move pivot</source>
        <translation>軸を移動</translation>
    </message>
    <message>
        <source>nudge layer</source>
        <translation>レイヤーを少し動かす</translation>
    </message>
    <message>
        <source>place layer</source>
        <translation>レイヤーを置く</translation>
    </message>
    <message>
        <source>scale layer</source>
        <translation>レイヤーを拡大</translation>
    </message>
    <message>
        <source>third</source>
        <translation>三分割</translation>
    </message>
    <message>
        <source>turn layer</source>
        <translation>レイヤーを回転</translation>
    </message>
    <message>
        <source>“%1” is locked. Unlock the layer first (stop Motion, Layers).</source>
        <translation>「%1」はロック中です。先にロックを解いてください(「動き」、レイヤー)。</translation>
    </message>
</context>
<context>
    <name>pulsepin::PictureRoom</name>
    <message>
        <source>Picture — Pulse Pin</source>
        <translation>映像 — Pulse Pin</translation>
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
        <translation>%1 個をコピー</translation>
    </message>
    <message>
        <source>%1 pins selected</source>
        <translation>ピン %1 個を選択</translation>
    </message>
    <message>
        <source>%1 placed and selected</source>
        <translation>%1 個を置いて選択</translation>
    </message>
    <message>
        <source>%1 placed and selected, %2 not</source>
        <translation>%1 個を置いて選択、%2 個は置けず</translation>
    </message>
    <message>
        <source>A bar earlier</source>
        <translation>1 小節前へ</translation>
    </message>
    <message>
        <source>A bar later</source>
        <translation>1 小節後へ</translation>
    </message>
    <message>
        <source>A beat earlier</source>
        <translation>1 拍前へ</translation>
    </message>
    <message>
        <source>A beat later</source>
        <translation>1 拍後へ</translation>
    </message>
    <message>
        <source>A frame earlier</source>
        <translation>1 フレーム前へ</translation>
    </message>
    <message>
        <source>A frame later</source>
        <translation>1 フレーム後へ</translation>
    </message>
    <message>
        <source>A row down</source>
        <translation>1 行下へ</translation>
    </message>
    <message>
        <source>A row up</source>
        <translation>1 行上へ</translation>
    </message>
    <message>
        <source>Add a cut here</source>
        <translation>ここにカットを追加</translation>
    </message>
    <message>
        <source>Add a marker here</source>
        <translation>ここにマーカーを追加</translation>
    </message>
    <message>
        <source>Add a marker on the shot or sound here</source>
        <translation>ここのショットか音にマーカーを追加</translation>
    </message>
    <message>
        <source>Add a trigger here</source>
        <translation>ここにトリガーを追加</translation>
    </message>
    <message>
        <source>All in its lane</source>
        <translation>レーンの全部</translation>
    </message>
    <message>
        <source>All in its lane, then all of its kind</source>
        <translation>レーンの全部、次に同種の全部</translation>
    </message>
    <message>
        <source>All in the range</source>
        <translation>範囲の全部</translation>
    </message>
    <message>
        <source>All of its colour</source>
        <translation>同じ色の全部</translation>
    </message>
    <message>
        <source>All of its name</source>
        <translation>同じ名前の全部</translation>
    </message>
    <message>
        <source>All of these places are taken already</source>
        <translation>この位置はすべて埋まっています</translation>
    </message>
    <message>
        <source>All pins</source>
        <translation>全ピン</translation>
    </message>
    <message>
        <source>All placed together with it</source>
        <translation>一緒に置いた全部</translation>
    </message>
    <message>
        <source>Bar 1 here</source>
        <translation>ここを 1 小節目に</translation>
    </message>
    <message>
        <source>By name…</source>
        <translation>名前で…</translation>
    </message>
    <message>
        <source>Clear the range</source>
        <translation>範囲を消す</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>コピー</translation>
    </message>
    <message>
        <source>Cut out</source>
        <translation>切り取り</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first</source>
        <translation>先に目盛りの上をドラッグしてください</translation>
    </message>
    <message>
        <source>Flash</source>
        <translation>フラッシュ</translation>
    </message>
    <message>
        <source>From %1 until %2</source>
        <translation>%1 から %2 まで</translation>
    </message>
    <message>
        <source>Go here</source>
        <translation>ここへ行く</translation>
    </message>
    <message>
        <source>Let it go from its shot</source>
        <translation>ショットから外す</translation>
    </message>
    <message>
        <source>Lock or unlock</source>
        <translation>ロック・解除</translation>
    </message>
    <message>
        <source>Mute or unmute</source>
        <translation>ミュート・解除</translation>
    </message>
    <message>
        <source>Nothing</source>
        <translation>選択解除</translation>
    </message>
    <message>
        <source>One pin selected</source>
        <translation>ピン 1 個を選択</translation>
    </message>
    <message>
        <source>Open or close the course of an event</source>
        <translation>イベントの経過を開く・閉じる</translation>
    </message>
    <message>
        <source>Part of the name</source>
        <translation>名前の一部</translation>
    </message>
    <message>
        <source>Paste at the playhead</source>
        <translation>再生ヘッドに貼り付け</translation>
    </message>
    <message>
        <source>Paste on the next chosen beats</source>
        <translation>次の選んだ拍に貼り付け</translation>
    </message>
    <message>
        <source>Pin to the grid</source>
        <translation>グリッドに固定</translation>
    </message>
    <message>
        <source>Pins further away than this stay loose</source>
        <translation>これより遠いピンは固定しません</translation>
    </message>
    <message>
        <source>Repeat bars…</source>
        <translation>小節を繰り返す…</translation>
    </message>
    <message>
        <source>Say it in a line…</source>
        <translation>一行で言う…</translation>
    </message>
    <message>
        <source>Select a trigger, a light or something that appears, first</source>
        <translation>先にトリガー・光・現れるものを選択してください</translation>
    </message>
    <message>
        <source>Select by name</source>
        <translation>名前で選択</translation>
    </message>
    <message>
        <source>Select one of them first</source>
        <translation>先に一つ選択してください</translation>
    </message>
    <message>
        <source>Select pins first</source>
        <translation>先にピンを選択してください</translation>
    </message>
    <message>
        <source>Select what shall come again, along the beats</source>
        <translation>拍に沿って繰り返すものを選択してください</translation>
    </message>
    <message>
        <source>There is a %1 here already: it is selected</source>
        <translation>ここにはすでに%1があります:選択しました</translation>
    </message>
    <message>
        <source>There is nothing to cut yet. Open a song or add shots first.</source>
        <translation>まだ切るものがありません。曲を開くかショットを追加してください。</translation>
    </message>
    <message>
        <source>Tie loose pins to the grid</source>
        <translation>固定のないピンをグリッドに結ぶ</translation>
    </message>
    <message>
        <source>Tie loose pins to the grid…</source>
        <translation>固定のないピンをグリッドに結ぶ…</translation>
    </message>
    <message>
        <source>Tie to the shot or sound under it</source>
        <translation>下のショットか音に結ぶ</translation>
    </message>
    <message>
        <source>To which places of the grid</source>
        <translation>グリッドのどの位置に</translation>
    </message>
    <message>
        <source>Unpin</source>
        <translation>外す</translation>
    </message>
    <message>
        <source>add %1</source>
        <translation>%1を追加</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>delete key of event</source>
        <translation>イベントのキーを削除</translation>
    </message>
    <message>
        <source>delete onset</source>
        <translation>オンセットを削除</translation>
    </message>
    <message>
        <source>halves of beats</source>
        <translation>半拍</translation>
    </message>
    <message>
        <source>paste</source>
        <translation>貼り付け</translation>
    </message>
    <message>
        <source>paste on chosen beats</source>
        <translation>選んだ拍に貼り付け</translation>
    </message>
    <message>
        <source>pin</source>
        <translation>固定</translation>
    </message>
    <message>
        <source>pull %1</source>
        <translation>%1を引き寄せる</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>拍の 1/4</translation>
    </message>
    <message>
        <source>repeat bars</source>
        <translation>小節を繰り返す</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>拍の 1/3</translation>
    </message>
    <message>
        <source>to the nearest of</source>
        <translation>最も近い</translation>
    </message>
    <message>
        <source>unpin</source>
        <translation>固定を外す</translation>
    </message>
    <message>
        <source>within</source>
        <translation>以内</translation>
    </message>
</context>
<context>
    <name>pulsepin::PinsDetail</name>
    <message numerus="yes">
        <source>%n locked, left alone</source>
        <translation><numerusform>ロック中の %n 個はそのまま</numerusform></translation>
    </message>
    <message>
        <source>change %1</source>
        <translation>%1を変更</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlacePanel</name>
    <message>
        <source> · %1 corrected by hand stay</source>
        <translation> · 手作業の %1 は残る</translation>
    </message>
    <message>
        <source> · %1 left out (hollow)</source>
        <translation> · %1 除外(中抜き)</translation>
    </message>
    <message>
        <source> · %1 taken already</source>
        <translation> · %1 使用済み</translation>
    </message>
    <message>
        <source> · %1 too close</source>
        <translation> · %1 近すぎ</translation>
    </message>
    <message>
        <source>%1 loose</source>
        <translation>固定なし %1</translation>
    </message>
    <message>
        <source>%1 placed and selected</source>
        <translation>%1 個を置いて選択</translation>
    </message>
    <message>
        <source>%1 then · %2 new, %3 gone, %4 changed</source>
        <translation>前は %1 · 新 %2、消 %3、変更 %4</translation>
    </message>
    <message>
        <source>%1 · outlined above · worst %2 ms</source>
        <translation>%1 · 上に輪郭 · 最大 %2 ms</translation>
    </message>
    <message numerus="yes">
        <source>Begin at 0 (%n black frame(s))</source>
        <translation><numerusform>0 から始める(黒 %n フレーム)</numerusform></translation>
    </message>
    <message>
        <source>Change it</source>
        <translation>変更する</translation>
    </message>
    <message>
        <source>Change what was placed</source>
        <translation>置いたものを変更</translation>
    </message>
    <message>
        <source>Hear</source>
        <translation>試聴</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>やめる</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>配置</translation>
    </message>
    <message>
        <source>Place %1</source>
        <translation>%1を置く</translation>
    </message>
    <message>
        <source>Place %1 on the beats you pick</source>
        <translation>選んだ拍に%1を置く</translation>
    </message>
    <message>
        <source>Placed</source>
        <translation>配置済み</translation>
    </message>
    <message>
        <source>Scrolls and zooms to the outlines</source>
        <translation>輪郭の所までスクロール・拡大します</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>表示</translation>
    </message>
    <message>
        <source>Sounds are not placed on beats: add one, then drag it along them.</source>
        <translation>音は拍に置きません:追加して、拍に沿ってドラッグしてください。</translation>
    </message>
    <message>
        <source>The first shot is seen from the very start</source>
        <translation>最初のショットが始めから見えます</translation>
    </message>
    <message>
        <source>The lane that the pins go to</source>
        <translation>ピンの行き先のレーン</translation>
    </message>
    <message>
        <source>The outlined places click while the song plays, before they are placed</source>
        <translation>置く前に、輪郭の位置で曲に合わせてクリックが鳴ります</translation>
    </message>
    <message>
        <source>The planting stays as it is</source>
        <translation>まとまりはそのままです</translation>
    </message>
    <message>
        <source>This planting was placed before pickers were saved with it: place it anew</source>
        <translation>この配置は選び方が保存される前のものです:置き直してください</translation>
    </message>
    <message>
        <source>What</source>
        <translation>何を</translation>
    </message>
    <message>
        <source>What is placed on each of them</source>
        <translation>そこに何を置くか</translation>
    </message>
    <message>
        <source>What was placed before: select, change, run again</source>
        <translation>前に置いたもの:選択、変更、再実行</translation>
    </message>
    <message>
        <source>What was placed together</source>
        <translation>一緒に置いたもの</translation>
    </message>
    <message>
        <source>Where</source>
        <translation>どこに</translation>
    </message>
    <message>
        <source>Which positions are picked</source>
        <translation>どの位置を選ぶか</translation>
    </message>
    <message>
        <source>all of these places are taken already</source>
        <translation>この位置はすべて埋まっています</translation>
    </message>
    <message>
        <source>all of these places are too close to other cuts</source>
        <translation>この位置はすべて他のカットに近すぎます</translation>
    </message>
    <message>
        <source>change planting</source>
        <translation>配置を変更</translation>
    </message>
    <message>
        <source>nothing picked in that range</source>
        <translation>その範囲には何も選ばれていません</translation>
    </message>
    <message>
        <source>nothing placed yet</source>
        <translation>まだ置いていない</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>ピン</translation>
    </message>
    <message>
        <source>place %1</source>
        <translation>%1を置く</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlanView</name>
    <message>
        <source>Click a lamp to choose it, with Ctrl several · drag to move it, beside it to choose what lies in a frame</source>
        <translation>クリックで選択、Ctrl で複数 · ドラッグで移動、空いた所から囲んで選択</translation>
    </message>
    <message>
        <source>Drag over lamps to light them over the range or the bar · the right button makes them dark</source>
        <translation>ランプの上をドラッグで範囲または小節で点灯 · 右ボタンで消灯</translation>
    </message>
    <message>
        <source>No lamps yet: “Add lamps…” sets rows, arcs and grids of them</source>
        <translation>まだランプなし:「ランプを追加…」で列・弧・格子を作ります</translation>
    </message>
    <message>
        <source>Plan of the lamps</source>
        <translation>ランプの配置図</translation>
    </message>
    <message>
        <source>lamp %1</source>
        <translation>ランプ %1</translation>
    </message>
    <message>
        <source>move lamps</source>
        <translation>ランプを移動</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlantingList</name>
    <message>
        <source>%1 added</source>
        <translation>追加 %1</translation>
    </message>
    <message>
        <source>%1 altered</source>
        <translation>変更 %1</translation>
    </message>
    <message>
        <source>%1 elsewhere</source>
        <translation>他所 %1</translation>
    </message>
    <message>
        <source>%1 left out</source>
        <translation>除外 %1</translation>
    </message>
    <message>
        <source>%1 moved</source>
        <translation>移動 %1</translation>
    </message>
    <message>
        <source>%1 plantings were run again</source>
        <translation>%1 個のまとまりを再実行しました</translation>
    </message>
    <message>
        <source>%1 would change if run again.</source>
        <translation>再実行すると %1 が変わります。</translation>
    </message>
    <message>
        <source>%1 · %2 corrected by hand, kept</source>
        <translation>%1 · 手作業の %2 は保持</translation>
    </message>
    <message>
        <source>%1 · %2 left out</source>
        <translation>%1 · 除外 %2</translation>
    </message>
    <message>
        <source>All lie where their pickers pick.</source>
        <translation>すべて選び方どおりです。</translation>
    </message>
    <message>
        <source>Change…</source>
        <translation>変更…</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Each planting that would change, in one step</source>
        <translation>変わるまとまりを一度に</translation>
    </message>
    <message>
        <source>Each row is what was placed at once; the last column says what running it again would do</source>
        <translation>各行は一度に置いたもの。最後の列は再実行の結果です</translation>
    </message>
    <message>
        <source>Nothing changes: all lie where the picker picks</source>
        <translation>変化なし:すべて選び方どおりです</translation>
    </message>
    <message>
        <source>Nothing changes: all lie where their pickers pick</source>
        <translation>変化なし:すべて選び方どおりです</translation>
    </message>
    <message>
        <source>Nothing was placed yet.</source>
        <translation>まだ何も置いていません。</translation>
    </message>
    <message>
        <source>Opens its picker and form, to change all of it</source>
        <translation>選び方と設定を開き、全体を変更します</translation>
    </message>
    <message>
        <source>Picks anew, after the grid or the onsets changed; what you corrected stays</source>
        <translation>グリッドやオンセットが変わった後に選び直します。手作業の修正は残ります</translation>
    </message>
    <message>
        <source>Removes it with all of its pins</source>
        <translation>ピンごと削除します</translation>
    </message>
    <message>
        <source>Run again</source>
        <translation>再実行</translation>
    </message>
    <message>
        <source>Run all again</source>
        <translation>全部再実行</translation>
    </message>
    <message>
        <source>Select</source>
        <translation>選択</translation>
    </message>
    <message>
        <source>Selects all of its pins</source>
        <translation>そのピンをすべて選択します</translation>
    </message>
    <message>
        <source>The pins stay and belong together no more</source>
        <translation>ピンは残り、まとまりはなくなります</translation>
    </message>
    <message>
        <source>Ungroup</source>
        <translation>解散</translation>
    </message>
    <message>
        <source>What was placed together</source>
        <translation>一緒に置いたもの</translation>
    </message>
    <message>
        <source>cannot</source>
        <translation>不可</translation>
    </message>
    <message>
        <source>corrected by hand</source>
        <translation>手作業</translation>
    </message>
    <message>
        <source>delete planting</source>
        <translation>まとまりを削除</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>レーン</translation>
    </message>
    <message>
        <source>picked</source>
        <translation>選び方</translation>
    </message>
    <message>
        <source>pins</source>
        <translation>ピン</translation>
    </message>
    <message>
        <source>run again</source>
        <translation>再実行</translation>
    </message>
    <message>
        <source>run all again</source>
        <translation>すべて再実行</translation>
    </message>
    <message>
        <source>run planting again</source>
        <translation>まとまりを再実行</translation>
    </message>
    <message>
        <source>ungroup planting</source>
        <translation>まとまりを解散</translation>
    </message>
</context>
<context>
    <name>pulsepin::PlayCommands</name>
    <message>
        <source>%1 bars</source>
        <translation>%1 小節</translation>
    </message>
    <message>
        <source>1 bar</source>
        <translation>1 小節</translation>
    </message>
    <message>
        <source>A bar back</source>
        <translation>1 小節戻る</translation>
    </message>
    <message>
        <source>A bar before the few bars</source>
        <translation>数小節の前に 1 小節</translation>
    </message>
    <message>
        <source>A bar on</source>
        <translation>1 小節進む</translation>
    </message>
    <message>
        <source>A beat back</source>
        <translation>1 拍戻る</translation>
    </message>
    <message>
        <source>A beat on</source>
        <translation>1 拍進む</translation>
    </message>
    <message>
        <source>A few bars are</source>
        <translation>「数小節」の長さ</translation>
    </message>
    <message>
        <source>A frame back</source>
        <translation>1 フレーム戻る</translation>
    </message>
    <message>
        <source>A frame on</source>
        <translation>1 フレーム進む</translation>
    </message>
    <message>
        <source>Audio-video offset…</source>
        <translation>音と映像のずれ…</translation>
    </message>
    <message>
        <source>Faster</source>
        <translation>速く</translation>
    </message>
    <message>
        <source>From - until: 13.1 - 15.1, 0:24.8 - 0:28.9, 595 f - 693 f</source>
        <translation>始め - 終わり:13.1 - 15.1、0:24.8 - 0:28.9、595 f - 693 f</translation>
    </message>
    <message>
        <source>Loop the range</source>
        <translation>範囲をループ</translation>
    </message>
    <message>
        <source>Mute the click</source>
        <translation>クリックをミュート</translation>
    </message>
    <message>
        <source>Mute the music</source>
        <translation>音楽をミュート</translation>
    </message>
    <message>
        <source>Play a few bars</source>
        <translation>数小節を再生</translation>
    </message>
    <message>
        <source>Play or stop</source>
        <translation>再生・停止</translation>
    </message>
    <message>
        <source>Range</source>
        <translation>範囲</translation>
    </message>
    <message>
        <source>Range begins here</source>
        <translation>範囲の始まり</translation>
    </message>
    <message>
        <source>Range ends here</source>
        <translation>範囲の終わり</translation>
    </message>
    <message>
        <source>Select a pin first</source>
        <translation>先にピンを選択してください</translation>
    </message>
    <message>
        <source>Slower</source>
        <translation>遅く</translation>
    </message>
    <message>
        <source>Stop returns to where it began</source>
        <translation>停止で開始位置へ戻る</translation>
    </message>
    <message>
        <source>The picture now follows the sound by %1 ms</source>
        <translation>映像は音に %1 ms 遅れて追従します</translation>
    </message>
    <message>
        <source>The range must end after it begins</source>
        <translation>範囲の終わりは始めより後にしてください</translation>
    </message>
    <message>
        <source>There are no bars yet: find the beats, tap them or type a tempo</source>
        <translation>まだ小節がありません:拍を検出するか、叩くか、テンポを入力してください</translation>
    </message>
    <message>
        <source>There are no beats yet: detect them first</source>
        <translation>まだ拍がありません:先に検出してください</translation>
    </message>
    <message>
        <source>There is no %1 after this</source>
        <translation>この後に%1はありません</translation>
    </message>
    <message>
        <source>There is no %1 before this</source>
        <translation>この前に%1はありません</translation>
    </message>
    <message>
        <source>There is no pin after this</source>
        <translation>この後にピンはありません</translation>
    </message>
    <message>
        <source>There is no pin before this</source>
        <translation>この前にピンはありません</translation>
    </message>
    <message>
        <source>There is no song to play yet</source>
        <translation>再生する曲がまだありません</translation>
    </message>
    <message>
        <source>There is no song yet</source>
        <translation>まだ曲がありません</translation>
    </message>
    <message>
        <source>To the cut before</source>
        <translation>前のカットへ</translation>
    </message>
    <message>
        <source>To the end</source>
        <translation>終わりへ</translation>
    </message>
    <message>
        <source>To the marker before</source>
        <translation>前のマーカーへ</translation>
    </message>
    <message>
        <source>To the next cut</source>
        <translation>次のカットへ</translation>
    </message>
    <message>
        <source>To the next marker</source>
        <translation>次のマーカーへ</translation>
    </message>
    <message>
        <source>To the next pin</source>
        <translation>次のピンへ</translation>
    </message>
    <message>
        <source>To the pin before</source>
        <translation>前のピンへ</translation>
    </message>
    <message>
        <source>To the selected pin</source>
        <translation>選択したピンへ</translation>
    </message>
    <message>
        <source>To the start</source>
        <translation>始めへ</translation>
    </message>
    <message>
        <source>Type the range…</source>
        <translation>範囲を入力…</translation>
    </message>
    <message>
        <source>Write two places with “ - ” between them: 13.1 - 15.1</source>
        <translation>「 - 」で区切って 2 つの位置を書いてください:13.1 - 15.1</translation>
    </message>
</context>
<context>
    <name>pulsepin::Player</name>
    <message>
        <source>No sound device: playing silently against a steady clock</source>
        <translation>音声機器なし:一定の時計で無音再生します</translation>
    </message>
    <message>
        <source>The sound device went away: playback was paused</source>
        <translation>音声機器がなくなりました:再生を停止しました</translation>
    </message>
</context>
<context>
    <name>pulsepin::PreviewView</name>
    <message>
        <source>All words are seen, those not sung yet faintly · click a word to mark it</source>
        <translation>全語が見えます(未歌唱は薄く) · クリックで語に印</translation>
    </message>
    <message>
        <source>Drag a corner to make the box larger or smaller</source>
        <translation>角をドラッグで枠を拡大・縮小</translation>
    </message>
    <message>
        <source>Drag moves the word, with Shift its line, with Ctrl all words · arrow keys nudge what is selected by 1 and 10</source>
        <translation>ドラッグで語、Shift で行、Ctrl で全語を移動 · 矢印で 1 と 10</translation>
    </message>
    <message>
        <source>Drag the box to where the frame shall be</source>
        <translation>枠をドラッグして位置を決めます</translation>
    </message>
    <message>
        <source>Drag the end of this line onto the word that it shall end with</source>
        <translation>この行の終わりを、最後にする語の上へドラッグしてください</translation>
    </message>
    <message>
        <source>Drop the end of a line on the word that it shall end with.</source>
        <translation>行の終わりを、最後にする語の上に置いてください。</translation>
    </message>
    <message>
        <source>Full quality</source>
        <translation>最高画質</translation>
    </message>
    <message>
        <source>Half quality</source>
        <translation>半分の画質</translation>
    </message>
    <message>
        <source>No cuts yet</source>
        <translation>まだカットなし</translation>
    </message>
    <message>
        <source>No shot here</source>
        <translation>ここにショットなし</translation>
    </message>
    <message>
        <source>Preview</source>
        <translation>プレビュー</translation>
    </message>
    <message>
        <source>Quarter quality</source>
        <translation>1/4 の画質</translation>
    </message>
    <message>
        <source>The frame moves from the box “from” to the box “to”, over the range, the section or four bars</source>
        <translation>範囲・セクション・4 小節の間に、枠「から」から枠「まで」へ動きます</translation>
    </message>
    <message>
        <source>There is not enough memory for this picture.</source>
        <translation>この画像のためのメモリが足りません。</translation>
    </message>
    <message>
        <source>This shot is not in the bin</source>
        <translation>このショットはビンにありません</translation>
    </message>
    <message>
        <source>a cut at the playhead · Ctrl: takes this shot's place · Shift: a layer</source>
        <translation>再生ヘッドにカット · Ctrl:このショットと入れ替え · Shift:レイヤー</translation>
    </message>
    <message>
        <source>a layer of the picture</source>
        <translation>映像のレイヤー</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>カメラ</translation>
    </message>
    <message>
        <source>end line of words</source>
        <translation>行を終える</translation>
    </message>
    <message>
        <source>from</source>
        <translation>から</translation>
    </message>
    <message>
        <source>in sync %1 ms</source>
        <translation>同期 %1 ms</translation>
    </message>
    <message>
        <source>larger on every %1 · Shift: every second</source>
        <translation>%1 ごとに拡大 · Shift:2 つごと</translation>
    </message>
    <message>
        <source>move a point</source>
        <translation>点を移動</translation>
    </message>
    <message>
        <source>move all words</source>
        <translation>全語を移動</translation>
    </message>
    <message>
        <source>move line of words</source>
        <translation>語の行を移動</translation>
    </message>
    <message>
        <source>move words</source>
        <translation>語を移動</translation>
    </message>
    <message>
        <source>nudge words</source>
        <translation>語を少し動かす</translation>
    </message>
    <message>
        <source>picture late %1 ms</source>
        <translation>映像の遅れ %1 ms</translation>
    </message>
    <message>
        <source>remove a point</source>
        <translation>点を削除</translation>
    </message>
    <message>
        <source>set a point</source>
        <translation>点を置く</translation>
    </message>
    <message>
        <source>slow move</source>
        <translation>移動</translation>
    </message>
    <message>
        <source>takes this shot's place</source>
        <translation>このショットと入れ替え</translation>
    </message>
    <message>
        <source>to</source>
        <translation>まで</translation>
    </message>
</context>
<context>
    <name>pulsepin::ProxyBank</name>
    <message>
        <source>Looking at %1</source>
        <translation>%1 を調べています</translation>
    </message>
    <message>
        <source>Proxy of %1</source>
        <translation>%1 のプロキシ</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseCurve</name>
    <message>
        <source>Drag the peak, its end and the end of the pulse, or the handles of a curve</source>
        <translation>頂点・その終わり・パルスの終わり、またはカーブのハンドルをドラッグ</translation>
    </message>
    <message>
        <source>Left and right change the frames down, with Shift the frames up.</source>
        <translation>左右で下りのフレーム、Shift で上りのフレームを変更。</translation>
    </message>
    <message>
        <source>Shape of the pulse</source>
        <translation>パルスの形</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>拍</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseForm</name>
    <message>
        <source>Which pulse, and what it drives, is set at the stop “Motion”.</source>
        <translation>どのパルスが何を動かすかは「動き」で設定します。</translation>
    </message>
    <message>
        <source>pulses, %1</source>
        <translation>パルス、%1</translation>
    </message>
    <message>
        <source>seed</source>
        <translation>シード</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>強さ</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>最強</translation>
    </message>
    <message>
        <source>weakest</source>
        <translation>最弱</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulsePage</name>
    <message>
        <source> · %1 shortened to fit</source>
        <translation> · %1 を縮めて収納</translation>
    </message>
    <message>
        <source> · none overlaps</source>
        <translation> · 重なりなし</translation>
    </message>
    <message>
        <source>%1 places</source>
        <translation>%1 か所</translation>
    </message>
    <message>
        <source>All pulses, each seen in this lane on two of its beats</source>
        <translation>全パルスを、このレーンの 2 拍で見せます</translation>
    </message>
    <message>
        <source>Copy…</source>
        <translation>コピー…</translation>
    </message>
    <message>
        <source>Gives this shape to another lane; its property and range stay</source>
        <translation>この形を別のレーンへ。属性と範囲はそのまま</translation>
    </message>
    <message>
        <source>Keep pulse</source>
        <translation>パルスを保存</translation>
    </message>
    <message>
        <source>Keeps this pulse under a name, for other lanes</source>
        <translation>他のレーン用にこのパルスを名前で保存します</translation>
    </message>
    <message>
        <source>Keep…</source>
        <translation>保存…</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>名前</translation>
    </message>
    <message>
        <source>No lane drives a property yet. Add one, then place pulses on it at the stop “Place”.</source>
        <translation>まだ属性を動かすレーンがありません。追加して、「配置」でパルスを置いてください。</translation>
    </message>
    <message>
        <source>Nothing lies on this lane yet: place pulses first</source>
        <translation>このレーンにはまだ何もありません:先にパルスを置いてください</translation>
    </message>
    <message>
        <source>Pulse: %1</source>
        <translation>パルス:%1</translation>
    </message>
    <message>
        <source>See…</source>
        <translation>見る…</translation>
    </message>
    <message>
        <source>The pulse “%1”, as a start</source>
        <translation>始めとしてのパルス「%1」</translation>
    </message>
    <message>
        <source>There is no other lane of pulses</source>
        <translation>他にパルスのレーンがありません</translation>
    </message>
    <message>
        <source>Your pulse “%1” · right click deletes it</source>
        <translation>保存したパルス「%1」 · 右クリックで削除</translation>
    </message>
    <message>
        <source>bend pulse</source>
        <translation>パルスを曲げる</translation>
    </message>
    <message>
        <source>change pulse</source>
        <translation>パルスを変更</translation>
    </message>
    <message>
        <source>choose pulse</source>
        <translation>パルスを選ぶ</translation>
    </message>
    <message>
        <source>copy pulse</source>
        <translation>パルスをコピー</translation>
    </message>
    <message>
        <source>delete pulse</source>
        <translation>パルスを削除</translation>
    </message>
    <message>
        <source>keep pulse</source>
        <translation>パルスを保存</translation>
    </message>
</context>
<context>
    <name>pulsepin::PulseShapeField</name>
    <message>
        <source>The lane's pulse again</source>
        <translation>再びレーンのパルスに</translation>
    </message>
    <message>
        <source>This place gets a shape of its own, chosen from the library and your saved pulses</source>
        <translation>この位置に独自の形を、ライブラリと保存したパルスから選びます</translation>
    </message>
    <message>
        <source>as the lane</source>
        <translation>レーンと同じ</translation>
    </message>
    <message>
        <source>change shape</source>
        <translation>形を変更</translation>
    </message>
    <message>
        <source>own shape</source>
        <translation>独自の形</translation>
    </message>
    <message>
        <source>shape: %1</source>
        <translation>形:%1</translation>
    </message>
</context>
<context>
    <name>pulsepin::ReadingBar</name>
    <message>
        <source>%1 characters per second; %2 can be read</source>
        <translation>毎秒 %1 文字。読めるのは %2</translation>
    </message>
    <message>
        <source>Characters per second</source>
        <translation>毎秒の文字数</translation>
    </message>
</context>
<context>
    <name>pulsepin::ReceiverWindow</name>
    <message>
        <source>%1 lost</source>
        <translation>損失 %1</translation>
    </message>
    <message>
        <source>Receiver</source>
        <translation>受信</translation>
    </message>
    <message>
        <source>ended · %1 packets, %2 lost</source>
        <translation>終了 · パケット %1、損失 %2</translation>
    </message>
    <message>
        <source>none lost</source>
        <translation>損失なし</translation>
    </message>
    <message>
        <source>nothing has arrived yet on port %1</source>
        <translation>ポート %1 にまだ何も届いていません</translation>
    </message>
    <message>
        <source>received: %1/s · %2 · jitter %3 ms · packet %4 · %5</source>
        <translation>受信:%1/秒 · %2 · ゆらぎ %3 ms · パケット %4 · %5</translation>
    </message>
</context>
<context>
    <name>pulsepin::RepeatDialog</name>
    <message>
        <source> bars</source>
        <translation> 小節</translation>
    </message>
    <message>
        <source> times</source>
        <translation> 回</translation>
    </message>
    <message>
        <source> · %1 places are taken already</source>
        <translation> · %1 か所は使用済み</translation>
    </message>
    <message>
        <source>%1 would be placed</source>
        <translation>%1 個が置かれます</translation>
    </message>
    <message>
        <source>From the start of one to the start of the next</source>
        <translation>始まりから次の始まりまで</translation>
    </message>
    <message>
        <source>Repeat</source>
        <translation>繰り返す</translation>
    </message>
    <message>
        <source>Repeat bars</source>
        <translation>小節を繰り返す</translation>
    </message>
    <message>
        <source>as they are</source>
        <translation>そのまま</translation>
    </message>
    <message>
        <source>backwards</source>
        <translation>逆に</translation>
    </message>
    <message>
        <source>backwards every other time</source>
        <translation>2 回に 1 回逆に</translation>
    </message>
    <message>
        <source>every</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>how</source>
        <translation>方法</translation>
    </message>
    <message>
        <source>how often</source>
        <translation>回数</translation>
    </message>
</context>
<context>
    <name>pulsepin::RippleCut</name>
    <message>
        <source>To %1 · with all later cuts</source>
        <translation>%1 へ · 後のカットもすべて</translation>
    </message>
    <message>
        <source>move cut and all later ones</source>
        <translation>カットと後すべてを移動</translation>
    </message>
</context>
<context>
    <name>pulsepin::RollCut</name>
    <message>
        <source>To %1 · the pictures after it stay where they are</source>
        <translation>%1 へ · 後の映像はそのまま</translation>
    </message>
    <message>
        <source>roll cut</source>
        <translation>カットをロール</translation>
    </message>
</context>
<context>
    <name>pulsepin::RouteList</name>
    <message>
        <source>Route</source>
        <translation>段階</translation>
    </message>
    <message>
        <source>The stops of the work; up and down arrows go from one to the next</source>
        <translation>作業の段階。上下の矢印で移ります</translation>
    </message>
</context>
<context>
    <name>pulsepin::RowsField</name>
    <message>
        <source>All rows</source>
        <translation>全行</translation>
    </message>
    <message>
        <source>all rows</source>
        <translation>全行</translation>
    </message>
    <message>
        <source>onsets</source>
        <translation>オンセット</translation>
    </message>
</context>
<context>
    <name>pulsepin::SayDialog</name>
    <message>
        <source>%1 placed on “%2”</source>
        <translation>「%2」に %1 を置きました</translation>
    </message>
    <message>
        <source>%1 places</source>
        <translation>%1 か所</translation>
    </message>
    <message>
        <source>1 place</source>
        <translation>1 か所</translation>
    </message>
    <message>
        <source>Do it</source>
        <translation>実行</translation>
    </message>
    <message>
        <source>How the line can go on</source>
        <translation>行の続き方</translation>
    </message>
    <message>
        <source>Say it in a line</source>
        <translation>一行で言う</translation>
    </message>
    <message>
        <source>What is to happen, and where</source>
        <translation>何を、どこで</translation>
    </message>
    <message>
        <source>camera zoom 100 -&gt; 110 for 2 frames on kick, bars 9-16</source>
        <translation>camera zoom 100 -&gt; 110 for 2 frames on kick, bars 9-16</translation>
    </message>
    <message>
        <source>do what was said</source>
        <translation>言ったことを実行</translation>
    </message>
</context>
<context>
    <name>pulsepin::ScheduleTextDialog</name>
    <message>
        <source>%1 characters</source>
        <translation>%1 文字</translation>
    </message>
    <message>
        <source>Copied</source>
        <translation>コピーしました</translation>
    </message>
    <message>
        <source>Copies the line, to be pasted elsewhere</source>
        <translation>他所に貼り付けるため行をコピーします</translation>
    </message>
    <message>
        <source>Copy</source>
        <translation>コピー</translation>
    </message>
    <message>
        <source>Decimals of values</source>
        <translation>値の小数の桁</translation>
    </message>
    <message>
        <source>Keys as a line of text</source>
        <translation>キーを一行の文字列に</translation>
    </message>
    <message>
        <source>Nothing is driven yet: place pulses or keys on a lane first</source>
        <translation>まだ何も動いていません:先にレーンにパルスかキーを置いてください</translation>
    </message>
    <message>
        <source>Property</source>
        <translation>属性</translation>
    </message>
    <message>
        <source>The line as it will be</source>
        <translation>できあがる行</translation>
    </message>
    <message>
        <source>What stands between two keys; \n is a line break, \t a tab</source>
        <translation>キーの間に入るもの。\n は改行、\t はタブ</translation>
    </message>
    <message>
        <source>Which keys</source>
        <translation>どのキー</translation>
    </message>
    <message>
        <source>Write all properties…</source>
        <translation>全属性を書く…</translation>
    </message>
    <message>
        <source>as few as say the same in straight lines</source>
        <translation>直線で同じになる最小限</translation>
    </message>
    <message>
        <source>between</source>
        <translation>間</translation>
    </message>
    <message>
        <source>decimals</source>
        <translation>小数</translation>
    </message>
    <message>
        <source>each key</source>
        <translation>各キー</translation>
    </message>
    <message>
        <source>keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>keys as text</source>
        <translation>キーを文字列で</translation>
    </message>
    <message>
        <source>one each frame</source>
        <translation>フレームごと</translation>
    </message>
    <message>
        <source>property</source>
        <translation>属性</translation>
    </message>
    <message>
        <source>the keys as they are</source>
        <translation>キーそのまま</translation>
    </message>
    <message>
        <source>{frame}, {time}, {value}, {easing} and {property} are replaced</source>
        <translation>{frame}、{time}、{value}、{easing}、{property} は置き換えられます</translation>
    </message>
</context>
<context>
    <name>pulsepin::ScoreView</name>
    <message numerus="yes">
        <source>%n bars in a row</source>
        <translation><numerusform>1 行に %n 小節</numerusform></translation>
    </message>
    <message>
        <source>Click a cell to switch it on or off, drag to paint · P ends painting</source>
        <translation>クリックでセルを切り替え、ドラッグで塗る · P で終了</translation>
    </message>
    <message>
        <source>Click to go there · Shift and drag makes a range · wheel scrolls, with Ctrl other phrase lengths</source>
        <translation>クリックで移動 · Shift+ドラッグで範囲 · ホイールでスクロール、Ctrl でフレーズ長</translation>
    </message>
    <message>
        <source>Click to go there · double click adds a pin · Shift and drag selects what it touches · wheel scrolls, with Ctrl other phrase lengths</source>
        <translation>クリックで移動 · ダブルクリックでピン · Shift+ドラッグで選択 · ホイールでスクロール、Ctrl でフレーズ長</translation>
    </message>
    <message>
        <source>Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves it alone · H holds it</source>
        <translation>拍をドラッグで周りのグリッドを曲げる · Ctrl は保持した拍まで、Alt は単独 · H で保持</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>スコア</translation>
    </message>
    <message>
        <source>Scroll through the phrases</source>
        <translation>フレーズをスクロール</translation>
    </message>
    <message>
        <source>The score needs beats: find them at the stop “Grid”.</source>
        <translation>スコアには拍が必要です:「グリッド」で検出してください。</translation>
    </message>
    <message>
        <source>The song in phrases, one under another. Arrow keys move the playhead.</source>
        <translation>曲をフレーズごとに積んで表示。矢印で再生ヘッドを動かします。</translation>
    </message>
</context>
<context>
    <name>pulsepin::SequencerKeys</name>
    <message>
        <source>MIDI keys</source>
        <translation>MIDI キー</translation>
    </message>
</context>
<context>
    <name>pulsepin::SettingsDialog</name>
    <message>
        <source>%1: as it began</source>
        <translation>%1:初期値に</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>検索</translation>
    </message>
    <message>
        <source>Find a setting or a shortcut</source>
        <translation>設定かショートカットを探す</translation>
    </message>
    <message>
        <source>No setting has these words.</source>
        <translation>この言葉を含む設定はありません。</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>リセット</translation>
    </message>
    <message>
        <source>Reset: %1</source>
        <translation>リセット:%1</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>設定</translation>
    </message>
    <message>
        <source>Shortcuts</source>
        <translation>ショートカット</translation>
    </message>
    <message>
        <source>Shows what has these words in it</source>
        <translation>この言葉を含むものを示します</translation>
    </message>
    <message>
        <source>at the next start</source>
        <translation>次回の起動時</translation>
    </message>
    <message>
        <source>in new projects</source>
        <translation>新しいプロジェクトで</translation>
    </message>
</context>
<context>
    <name>pulsepin::SheetsPage</name>
    <message>
        <source>%1 pages written: %2</source>
        <translation>%1 ページを書きました:%2</translation>
    </message>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message>
        <source>1 page written: %1</source>
        <translation>1 ページを書きました:%1</translation>
    </message>
    <message>
        <source>A page as it is printed</source>
        <translation>印刷されるページ</translation>
    </message>
    <message>
        <source>Asks where to write them, as PDF, SVG or PNG</source>
        <translation>PDF・SVG・PNG で書く場所を尋ねます</translation>
    </message>
    <message>
        <source>Drawing a sheet</source>
        <translation>シートを描いています</translation>
    </message>
    <message>
        <source>How much of the piece is printed</source>
        <translation>印刷する範囲</translation>
    </message>
    <message>
        <source>Laying sheets out</source>
        <translation>シートを組んでいます</translation>
    </message>
    <message>
        <source>Next page</source>
        <translation>次のページ</translation>
    </message>
    <message>
        <source>Previous page</source>
        <translation>前のページ</translation>
    </message>
    <message>
        <source>The page after this one</source>
        <translation>一つ後のページ</translation>
    </message>
    <message>
        <source>The page before this one</source>
        <translation>一つ前のページ</translation>
    </message>
    <message>
        <source>Write the sheets…</source>
        <translation>シートを書く…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>all of it</source>
        <translation>全部</translation>
    </message>
    <message>
        <source>drawn range</source>
        <translation>引いた範囲</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>ページ %1/%2</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShortcutsPage</name>
    <message>
        <source>%1 is used by %2, which would have no keys any more.</source>
        <translation>%1 は %2 が使っており、そちらからは外れます。</translation>
    </message>
    <message>
        <source>%1 is used by “%2” now. Change that first.</source>
        <translation>%1 は今「%2」が使っています。先にそちらを変えてください。</translation>
    </message>
    <message>
        <source>%1: It could not be read. Choose another file.</source>
        <translation>%1:読めませんでした。別のファイルを選んでください。</translation>
    </message>
    <message>
        <source>%1: It could not be written: %2.</source>
        <translation>%1:書けませんでした:%2。</translation>
    </message>
    <message numerus="yes">
        <source>%n shortcut(s) taken from %1.</source>
        <translation><numerusform>%n 個のショートカットを %1 から取り込みました。</numerusform></translation>
    </message>
    <message numerus="yes">
        <source>%n shortcut(s) written to %1.</source>
        <translation><numerusform>%n 個のショートカットを %1 に書きました。</numerusform></translation>
    </message>
    <message>
        <source>All commands have the keys again that they began with</source>
        <translation>すべてのコマンドを最初のキーに戻します</translation>
    </message>
    <message>
        <source>All commands have the keys that they began with.</source>
        <translation>すべてのコマンドが最初のキーになりました。</translation>
    </message>
    <message>
        <source>Changed</source>
        <translation>変更済み</translation>
    </message>
    <message>
        <source>Command</source>
        <translation>コマンド</translation>
    </message>
    <message>
        <source>Commands and their keys</source>
        <translation>コマンドとキー</translation>
    </message>
    <message>
        <source>Export shortcuts</source>
        <translation>ショートカットを書き出す</translation>
    </message>
    <message>
        <source>Export…</source>
        <translation>書き出し…</translation>
    </message>
    <message>
        <source>Import shortcuts</source>
        <translation>ショートカットを読み込む</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>読み込み…</translation>
    </message>
    <message>
        <source>Keys</source>
        <translation>キー</translation>
    </message>
    <message>
        <source>Lists of shortcuts (*.txt)</source>
        <translation>ショートカットの一覧 (*.txt)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>メニュー</translation>
    </message>
    <message>
        <source>New keys</source>
        <translation>新しいキー</translation>
    </message>
    <message>
        <source>No keys</source>
        <translation>キーなし</translation>
    </message>
    <message>
        <source>Press the keys that the chosen command shall have</source>
        <translation>選んだコマンドに使うキーを押してください</translation>
    </message>
    <message>
        <source>Reset</source>
        <translation>リセット</translation>
    </message>
    <message>
        <source>Reset all</source>
        <translation>すべてリセット</translation>
    </message>
    <message>
        <source>Take keys from such a file</source>
        <translation>そのファイルからキーを取り込みます</translation>
    </message>
    <message>
        <source>The chosen command has no keys any more</source>
        <translation>選んだコマンドのキーをなくします</translation>
    </message>
    <message>
        <source>The chosen command has the keys again that it began with</source>
        <translation>選んだコマンドを最初のキーに戻します</translation>
    </message>
    <message>
        <source>The chosen command is done by these keys; who had them before has them no longer</source>
        <translation>選んだコマンドがこのキーになります。前に使っていたものからは外れます</translation>
    </message>
    <message>
        <source>Use these keys</source>
        <translation>このキーを使う</translation>
    </message>
    <message>
        <source>Write the keys that differ to a file</source>
        <translation>変えたキーをファイルに書きます</translation>
    </message>
    <message>
        <source>shortcuts.txt</source>
        <translation>shortcuts.txt</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShotCommands</name>
    <message>
        <source>A beat earlier with all later cuts</source>
        <translation>後のカットごと 1 拍前へ</translation>
    </message>
    <message>
        <source>A beat later with all later cuts</source>
        <translation>後のカットごと 1 拍後へ</translation>
    </message>
    <message>
        <source>Fill slates with the shots in turn</source>
        <translation>仮の所をショットで順に埋める</translation>
    </message>
    <message>
        <source>Roll a beat earlier, pictures stay</source>
        <translation>1 拍前へロール、映像はそのまま</translation>
    </message>
    <message>
        <source>Roll a beat later, pictures stay</source>
        <translation>1 拍後へロール、映像はそのまま</translation>
    </message>
    <message>
        <source>Slip a frame back in its clip</source>
        <translation>クリップ内で 1 フレーム戻す</translation>
    </message>
    <message>
        <source>Slip a frame on in its clip</source>
        <translation>クリップ内で 1 フレーム進める</translation>
    </message>
    <message>
        <source>Swap with the next shot</source>
        <translation>次のショットと交換</translation>
    </message>
    <message>
        <source>The next camera at the playhead, same moment</source>
        <translation>再生ヘッドで次のカメラ、同じ瞬間</translation>
    </message>
</context>
<context>
    <name>pulsepin::ShowingPage</name>
    <message>
        <source>%1, up to %2 at once</source>
        <translation>%1、同時に最大 %2</translation>
    </message>
    <message>
        <source>In</source>
        <translation>入り</translation>
    </message>
    <message>
        <source>It appears nowhere yet: double click into the lane, or place it at the stop “Place”</source>
        <translation>まだどこにも現れません:レーンをダブルクリックするか「配置」で置いてください</translation>
    </message>
    <message>
        <source>Nothing appears yet: choose a layer or a group</source>
        <translation>まだ何も現れません:レイヤーかグループを選んでください</translation>
    </message>
    <message>
        <source>Out</source>
        <translation>去り</translation>
    </message>
    <message>
        <source>The layer or group that appears on this lane</source>
        <translation>このレーンに現れるレイヤーかグループ</translation>
    </message>
    <message>
        <source>While visible</source>
        <translation>表示中</translation>
    </message>
    <message>
        <source>change how it comes in</source>
        <translation>入り方を変更</translation>
    </message>
    <message>
        <source>change how it goes out</source>
        <translation>去り方を変更</translation>
    </message>
    <message>
        <source>change what it does while visible</source>
        <translation>表示中の動きを変更</translation>
    </message>
    <message>
        <source>choose what appears</source>
        <translation>現れるものを選ぶ</translation>
    </message>
    <message>
        <source>nothing yet</source>
        <translation>まだなし</translation>
    </message>
    <message>
        <source>what appears</source>
        <translation>現れるもの</translation>
    </message>
</context>
<context>
    <name>pulsepin::SimulatedPad</name>
    <message>
        <source>simulated pad</source>
        <translation>模擬パッド</translation>
    </message>
</context>
<context>
    <name>pulsepin::SlipShot</name>
    <message>
        <source>From %1 s of the shot on</source>
        <translation>ショットの %1 秒から</translation>
    </message>
    <message>
        <source>slip shot</source>
        <translation>ショットをずらす</translation>
    </message>
</context>
<context>
    <name>pulsepin::SongPanel</name>
    <message>
        <source>
%1 × %2 pixels
</source>
        <translation>
%1 × %2 ピクセル
</translation>
    </message>
    <message>
        <source>   %1 s</source>
        <translation>   %1 秒</translation>
    </message>
    <message>
        <source>   picture</source>
        <translation>   画像</translation>
    </message>
    <message>
        <source> (HDR)</source>
        <translation> (HDR)</translation>
    </message>
    <message>
        <source> (camera)</source>
        <translation> (カメラ)</translation>
    </message>
    <message>
        <source> (sound)</source>
        <translation> (音)</translation>
    </message>
    <message>
        <source> s</source>
        <translation> 秒</translation>
    </message>
    <message>
        <source>%1
%2 samples</source>
        <translation>%1
%2 サンプル</translation>
    </message>
    <message>
        <source>%1 cuts</source>
        <translation>カット %1</translation>
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
        <translation>%1 · %2 kHz · %3 フレーム</translation>
    </message>
    <message numerus="yes">
        <source>%1:%2, %n shots</source>
        <translation><numerusform>%1:%2、ショット %n</numerusform></translation>
    </message>
    <message>
        <source>1 cut</source>
        <translation>カット 1</translation>
    </message>
    <message>
        <source>A beat seldom falls on a frame: which one is taken then</source>
        <translation>拍がフレームにちょうど乗ることは稀です:どちらを取るか</translation>
    </message>
    <message>
        <source>A smaller copy for showing it is on its way.</source>
        <translation>表示用の小さいコピーを作成中です。</translation>
    </message>
    <message>
        <source>Add shots…</source>
        <translation>ショットを追加…</translation>
    </message>
    <message>
        <source>Add sound…</source>
        <translation>音を追加…</translation>
    </message>
    <message>
        <source>Another sound, laid under the song from the playhead on; several at once are parts of the song, as drums and the rest, and are laid where they sound like it</source>
        <translation>再生ヘッドから曲の下に置く別の音。複数ならドラムと残りなどのパートとして、曲と合う位置に置かれます</translation>
    </message>
    <message>
        <source>Any sound file, or a video whose sound is the song</source>
        <translation>任意の音声ファイル、または音が曲である動画</translation>
    </message>
    <message>
        <source>Camera</source>
        <translation>カメラ</translation>
    </message>
    <message>
        <source>Frames per second. All frame numbers are derived again; nothing moves in time.</source>
        <translation>毎秒のフレーム数。フレーム番号はすべて計算し直され、時間は動きません。</translation>
    </message>
    <message>
        <source>How wide and high the picture is; layers keep their place in it</source>
        <translation>映像の幅と高さ。レイヤーは位置を保ちます</translation>
    </message>
    <message>
        <source>It ran while the song played: cuts to it can show the same moment</source>
        <translation>曲と同時に回っていたカメラ:カットで同じ瞬間を見せられます</translation>
    </message>
    <message>
        <source>Its title</source>
        <translation>題名</translation>
    </message>
    <message>
        <source>No song yet. Open one, or drop it on the window.</source>
        <translation>まだ曲がありません。開くか、ウィンドウに置いてください。</translation>
    </message>
    <message>
        <source>Of high dynamic range: its light is mapped to standard range (Report ITU-R BT.2390).
</source>
        <translation>ハイダイナミックレンジ:光を標準レンジに写します(ITU-R BT.2390)。
</translation>
    </message>
    <message>
        <source>Open song…</source>
        <translation>曲を開く…</translation>
    </message>
    <message>
        <source>Own numbers…</source>
        <translation>数値を指定…</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>画像</translation>
    </message>
    <message>
        <source>Remarks</source>
        <translation>注記</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Shots in the bin</source>
        <translation>ビンのショット</translation>
    </message>
    <message>
        <source>Shown by a proxy; exports are made from the file itself.</source>
        <translation>プロキシで表示中。書き出しは元のファイルから作ります。</translation>
    </message>
    <message>
        <source>Shown from the file itself, more slowly. %1</source>
        <translation>元のファイルから、ゆっくり表示。%1</translation>
    </message>
    <message>
        <source>Song</source>
        <translation>曲</translation>
    </message>
    <message>
        <source>Takes the selected shots out of the bin; those that cuts use stay</source>
        <translation>選択したショットをビンから出します。使用中のものは残ります</translation>
    </message>
    <message>
        <source>The piece</source>
        <translation>作品</translation>
    </message>
    <message>
        <source>The shots that cuts are taken from, in this order: drag to change it, or onto a lane, a shot or the picture</source>
        <translation>カットが使うショット、この順で:ドラッグで並べ替え、またはレーン・ショット・映像へ</translation>
    </message>
    <message>
        <source>The song and the shots</source>
        <translation>曲とショット</translation>
    </message>
    <message>
        <source>Title, author…</source>
        <translation>題名、作者…</translation>
    </message>
    <message>
        <source>Turned by hand.
</source>
        <translation>手で回転。
</translation>
    </message>
    <message>
        <source>Video files for the bin, from which cuts take their shots</source>
        <translation>カットがショットを取るビンの動画ファイル</translation>
    </message>
    <message>
        <source>What the piece is called, who made it, remarks: written into exported files</source>
        <translation>作品名、作者、注記:書き出したファイルに入ります</translation>
    </message>
    <message>
        <source>Where in the song its first picture lies</source>
        <translation>最初の画が曲のどこか</translation>
    </message>
    <message>
        <source>Who made it</source>
        <translation>作者</translation>
    </message>
    <message>
        <source>Width and height in pixels, as 1080 x 1350</source>
        <translation>幅と高さをピクセルで(1080 x 1350 のように)</translation>
    </message>
    <message>
        <source>Write two numbers with an x between them: 1080 x 1350</source>
        <translation>x で区切って 2 つの数を書いてください:1080 x 1350</translation>
    </message>
    <message>
        <source>author</source>
        <translation>作者</translation>
    </message>
    <message>
        <source>beats are rounded</source>
        <translation>拍の丸め</translation>
    </message>
    <message>
        <source>begins at </source>
        <translation>始まり </translation>
    </message>
    <message>
        <source>change frame rate</source>
        <translation>フレームレートを変更</translation>
    </message>
    <message>
        <source>change picture size</source>
        <translation>映像の大きさを変更</translation>
    </message>
    <message>
        <source>change rounding</source>
        <translation>丸めを変更</translation>
    </message>
    <message>
        <source>first shot · %1 × %2</source>
        <translation>最初のショット · %1 × %2</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>making proxy</source>
        <translation>プロキシ作成中</translation>
    </message>
    <message>
        <source>name piece</source>
        <translation>作品に名前</translation>
    </message>
    <message>
        <source>nearest frame</source>
        <translation>近いフレーム</translation>
    </message>
    <message>
        <source>never late</source>
        <translation>遅れない</translation>
    </message>
    <message>
        <source>no camera</source>
        <translation>カメラなし</translation>
    </message>
    <message>
        <source>no proxy</source>
        <translation>プロキシなし</translation>
    </message>
    <message>
        <source>no song yet</source>
        <translation>まだ曲なし</translation>
    </message>
    <message>
        <source>order the bin</source>
        <translation>ビンを並べ替え</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>映像</translation>
    </message>
    <message>
        <source>proxy</source>
        <translation>プロキシ</translation>
    </message>
    <message>
        <source>remarks</source>
        <translation>注記</translation>
    </message>
    <message>
        <source>remove shots</source>
        <translation>ショットを削除</translation>
    </message>
    <message>
        <source>set camera</source>
        <translation>カメラを設定</translation>
    </message>
    <message>
        <source>title</source>
        <translation>題名</translation>
    </message>
    <message>
        <source>unused</source>
        <translation>未使用</translation>
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
        <translation> 秒</translation>
    </message>
    <message>
        <source>How loud the song is among the other sounds</source>
        <translation>他の音に対する曲の大きさ</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>線</translation>
    </message>
    <message>
        <source>Only what is listened to is heard, until this is pressed again</source>
        <translation>もう一度押すまで、聴く対象だけが鳴ります</translation>
    </message>
    <message>
        <source>Over how long it comes in</source>
        <translation>入りの長さ</translation>
    </message>
    <message>
        <source>Over how long it goes out</source>
        <translation>抜けの長さ</translation>
    </message>
    <message>
        <source>Shows a line of gain over each sound: press it to add a point, drag the point</source>
        <translation>各音の上に音量の線を表示:押すと点、ドラッグで移動</translation>
    </message>
    <message>
        <source>Solo</source>
        <translation>ソロ</translation>
    </message>
    <message>
        <source>Writes what is listened to as a WAV file, as long as the song</source>
        <translation>聴く対象を曲の長さの WAV に書きます</translation>
    </message>
    <message>
        <source>Write…</source>
        <translation>書く…</translation>
    </message>
    <message>
        <source>change the song's sound</source>
        <translation>曲の音を変更</translation>
    </message>
    <message>
        <source>gain </source>
        <translation>音量 </translation>
    </message>
    <message>
        <source>in </source>
        <translation>入り </translation>
    </message>
    <message>
        <source>listen to </source>
        <translation>聴く対象:</translation>
    </message>
    <message>
        <source>out </source>
        <translation>抜け </translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundBank</name>
    <message>
        <source>Drawing the song</source>
        <translation>曲を描いています</translation>
    </message>
    <message>
        <source>Drawing the spectrum</source>
        <translation>スペクトルを描いています</translation>
    </message>
    <message>
        <source>Mixing</source>
        <translation>ミックス中</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 を開いています</translation>
    </message>
    <message>
        <source>Taking a part out of the sound</source>
        <translation>音から部分を取り出し中</translation>
    </message>
    <message>
        <source>The song is not there. %1</source>
        <translation>曲がありません。%1</translation>
    </message>
    <message>
        <source>The song's file has changed since this project was saved: check the grid against it</source>
        <translation>保存後に曲のファイルが変わりました:グリッドを確かめてください</translation>
    </message>
</context>
<context>
    <name>pulsepin::SoundCommands</name>
    <message>
        <source>%1 was not written</source>
        <translation>%1 は書かれませんでした</translation>
    </message>
    <message numerus="yes">
        <source>%n pins lie before or behind what is kept of the song.</source>
        <translation><numerusform>%n 個のピンが、残す曲の前か後にあります。</numerusform></translation>
    </message>
    <message>
        <source>Add sound…</source>
        <translation>音を追加…</translation>
    </message>
    <message>
        <source>Drag a range along the ruler first: it is what will be kept</source>
        <translation>先に目盛りの上をドラッグしてください:それが残ります</translation>
    </message>
    <message>
        <source>Hear what is listened to alone</source>
        <translation>聴く対象だけを聴く</translation>
    </message>
    <message>
        <source>Keep only the range of the song</source>
        <translation>曲の範囲だけを残す</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>残す</translation>
    </message>
    <message>
        <source>Kept, they stay in their lanes, where nothing sounds. Either can be taken back with undo.</source>
        <translation>残すと、音のない所でレーンに残ります。どちらも取り消せます。</translation>
    </message>
    <message>
        <source>Place the shot's own sound under it</source>
        <translation>ショット自身の音を下に置く</translation>
    </message>
    <message>
        <source>Remove them</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Seconds of silence before it; below 0 so much of its beginning is left out</source>
        <translation>前の無音の秒数。0 未満ならその分を冒頭から除きます</translation>
    </message>
    <message>
        <source>Split the sound here</source>
        <translation>ここで音を分割</translation>
    </message>
    <message>
        <source>The piece is as long as what is heard</source>
        <translation>作品は聴こえるものの長さです</translation>
    </message>
    <message>
        <source>The piece is the range: it is played, shown and exported from there to there</source>
        <translation>範囲が作品です:そこからそこまで再生・表示・書き出しします</translation>
    </message>
    <message>
        <source>The range is the piece</source>
        <translation>範囲を作品にする</translation>
    </message>
    <message>
        <source>There is no song to count along: open one first</source>
        <translation>数える曲がありません:先に開いてください</translation>
    </message>
    <message>
        <source>There is no song yet</source>
        <translation>まだ曲がありません</translation>
    </message>
    <message>
        <source>There is nothing that clicks: find the beats first</source>
        <translation>鳴るものがありません:先に拍を検出してください</translation>
    </message>
    <message>
        <source>Tie selected pins to the sound under them</source>
        <translation>選択したピンを下の音に結ぶ</translation>
    </message>
    <message>
        <source>WAV or FLAC (*.wav *.flac)</source>
        <translation>WAV または FLAC (*.wav *.flac)</translation>
    </message>
    <message>
        <source>When the song begins</source>
        <translation>曲の始まり</translation>
    </message>
    <message>
        <source>When the song begins…</source>
        <translation>曲の始まり…</translation>
    </message>
    <message>
        <source>Write linear timecode</source>
        <translation>リニアタイムコードを書く</translation>
    </message>
    <message>
        <source>Write linear timecode…</source>
        <translation>リニアタイムコードを書く…</translation>
    </message>
    <message>
        <source>Write the clicks</source>
        <translation>クリックを書く</translation>
    </message>
    <message>
        <source>Write the clicks…</source>
        <translation>クリックを書く…</translation>
    </message>
    <message>
        <source>Write what is listened to…</source>
        <translation>聴く対象を書く…</translation>
    </message>
    <message>
        <source>Writing %1</source>
        <translation>%1 を書いています</translation>
    </message>
    <message>
        <source>Written: %1</source>
        <translation>書き出し:%1</translation>
    </message>
    <message>
        <source>keep only the range</source>
        <translation>範囲だけを残す</translation>
    </message>
    <message>
        <source>move song</source>
        <translation>曲を移動</translation>
    </message>
    <message>
        <source>piece as long as the song</source>
        <translation>作品を曲の長さに</translation>
    </message>
    <message>
        <source>piece from the range</source>
        <translation>範囲を作品に</translation>
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
        <translation> 秒</translation>
    </message>
    <message>
        <source>Equal power keeps the loudness where two sounds cross</source>
        <translation>等パワーは 2 つの音が交わる所の大きさを保ちます</translation>
    </message>
    <message>
        <source>How it comes in</source>
        <translation>入り方</translation>
    </message>
    <message>
        <source>How it goes out</source>
        <translation>抜け方</translation>
    </message>
    <message>
        <source>change sound</source>
        <translation>音を変更</translation>
    </message>
    <message>
        <source>equal power</source>
        <translation>等パワー</translation>
    </message>
    <message>
        <source>fade in</source>
        <translation>フェードイン</translation>
    </message>
    <message>
        <source>fade out</source>
        <translation>フェードアウト</translation>
    </message>
    <message>
        <source>gain</source>
        <translation>音量</translation>
    </message>
    <message>
        <source>linear</source>
        <translation>直線</translation>
    </message>
</context>
<context>
    <name>pulsepin::StatusStrip</name>
    <message>
        <source> · not saved</source>
        <translation> · 未保存</translation>
    </message>
    <message>
        <source> · saved %1 min ago</source>
        <translation> · %1 分前に保存</translation>
    </message>
    <message>
        <source> · saved %1 s ago</source>
        <translation> · %1 秒前に保存</translation>
    </message>
    <message>
        <source> · saving…</source>
        <translation> · 保存中…</translation>
    </message>
    <message>
        <source>%1 more being done</source>
        <translation>ほか %1 件進行中</translation>
    </message>
    <message>
        <source>Cancel</source>
        <translation>中止</translation>
    </message>
    <message>
        <source>Cancel: %1</source>
        <translation>中止:%1</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>進行</translation>
    </message>
    <message>
        <source>What else is being done, each with its own stop</source>
        <translation>ほかの作業、それぞれ停止できます</translation>
    </message>
</context>
<context>
    <name>pulsepin::StepCells</name>
    <message>
        <source>Click or paint the steps that count; arrow keys and Return do the same</source>
        <translation>数える段をクリックまたは塗ります。矢印と Return でも</translation>
    </message>
    <message>
        <source>Pattern of steps</source>
        <translation>段のパターン</translation>
    </message>
    <message>
        <source>step %1, off</source>
        <translation>段 %1、オフ</translation>
    </message>
    <message>
        <source>step %1, on</source>
        <translation>段 %1、オン</translation>
    </message>
</context>
<context>
    <name>pulsepin::SyncDialog</name>
    <message numerus="yes">
        <source>%n pins</source>
        <translation><numerusform>ピン %n 個</numerusform></translation>
    </message>
    <message>
        <source>Every pin</source>
        <translation>全ピン</translation>
    </message>
    <message>
        <source>Only pins of this kind</source>
        <translation>この種類のピンだけ</translation>
    </message>
    <message>
        <source>Only pins of this lane</source>
        <translation>このレーンのピンだけ</translation>
    </message>
    <message>
        <source>Only what lies farther from its place</source>
        <translation>場所から遠いものだけ</translation>
    </message>
    <message>
        <source>Write as CSV…</source>
        <translation>CSV で書く…</translation>
    </message>
    <message>
        <source>all kinds</source>
        <translation>全種類</translation>
    </message>
    <message>
        <source>all lanes</source>
        <translation>全レーン</translation>
    </message>
    <message>
        <source>however near</source>
        <translation>距離は問わない</translation>
    </message>
    <message>
        <source>worse than %1 ms</source>
        <translation>%1 ms 超</translation>
    </message>
</context>
<context>
    <name>pulsepin::SyncTable</name>
    <message>
        <source> (loose)</source>
        <translation> (固定なし)</translation>
    </message>
    <message>
        <source>From there to the nearest onset of the row that it was placed by, or of all</source>
        <translation>そこから、置くのに使った行か全行の近いオンセットまで</translation>
    </message>
    <message>
        <source>How much earlier its lane acts, in ms</source>
        <translation>レーンが早く働く量(ms)</translation>
    </message>
    <message>
        <source>How much later than it should that frame begins</source>
        <translation>そのフレームが本来より遅く始まる量</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>その名前</translation>
    </message>
    <message>
        <source>The frame at which it is seen most: lead, length and envelope included</source>
        <translation>最もよく見えるフレーム:先行・長さ・包絡を含む</translation>
    </message>
    <message>
        <source>The frame that acts</source>
        <translation>働くフレーム</translation>
    </message>
    <message>
        <source>The lane that it lies on</source>
        <translation>載っているレーン</translation>
    </message>
    <message>
        <source>The same in time</source>
        <translation>同じものを時間で</translation>
    </message>
    <message>
        <source>The same with how far it is anchored from its intended beat</source>
        <translation>同じく、意図した拍からのずれを含む</translation>
    </message>
    <message>
        <source>Where it is anchored</source>
        <translation>アンカーの位置</translation>
    </message>
    <message>
        <source>error ms</source>
        <translation>誤差 ms</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>from onset ms</source>
        <translation>オンセットから ms</translation>
    </message>
    <message>
        <source>lane</source>
        <translation>レーン</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>先行</translation>
    </message>
    <message>
        <source>place</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>rounding ms</source>
        <translation>丸め ms</translation>
    </message>
    <message>
        <source>seen</source>
        <translation>見える所</translation>
    </message>
    <message>
        <source>time</source>
        <translation>時間</translation>
    </message>
    <message>
        <source>what</source>
        <translation>内容</translation>
    </message>
</context>
<context>
    <name>pulsepin::TableColumns</name>
    <message>
        <source>The first rows, and what each column is</source>
        <translation>最初の行と、各列の意味</translation>
    </message>
    <message>
        <source>What this column is</source>
        <translation>この列の意味</translation>
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
        <translation> · %1 除外</translation>
    </message>
    <message>
        <source> · one left out</source>
        <translation> · 1 つ除外</translation>
    </message>
    <message>
        <source>%1 taps</source>
        <translation>%1 タップ</translation>
    </message>
    <message>
        <source>%1 taps · %2 BPM</source>
        <translation>%1 タップ · %2 BPM</translation>
    </message>
    <message>
        <source>%1 taps; it takes three</source>
        <translation>%1 タップ。3 つ必要です</translation>
    </message>
    <message numerus="yes">
        <source>%n marker(s) added and selected</source>
        <translation><numerusform>マーカー %n 個を追加して選択</numerusform></translation>
    </message>
    <message>
        <source>A marker at each tap</source>
        <translation>タップごとにマーカー</translation>
    </message>
    <message>
        <source>A row of onsets at the taps, each as strong as it was hit</source>
        <translation>タップの所のオンセットの行。強さは叩いた強さ</translation>
    </message>
    <message>
        <source>How late taps come</source>
        <translation>タップが遅れる量</translation>
    </message>
    <message>
        <source>On the beat, as T on the keyboard; with Shift the first beat of a bar</source>
        <translation>キーボードの T と同じく拍で。Shift で小節の 1 拍目</translation>
    </message>
    <message>
        <source>T taps the beat · Shift+T the first of a bar</source>
        <translation>T で拍 · Shift+T で小節の 1 拍目</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>タップ</translation>
    </message>
    <message>
        <source>Tap along</source>
        <translation>タップ</translation>
    </message>
    <message>
        <source>Tap along with the click on a grid that is right, then press this: what the taps are tap latency is remembered</source>
        <translation>正しいグリッドのクリックに合わせて叩き、これを押します:遅れを記憶します</translation>
    </message>
    <message>
        <source>Tap latency: what hand, keyboard and sound take; it is taken off each tap</source>
        <translation>タップの遅れ:手・キーボード・音の分を各タップから引きます</translation>
    </message>
    <message>
        <source>Tapped without music: at this tempo, so that taps land on quarters of its beats when they are laid; or freely</source>
        <translation>音楽なしで叩くとき:このテンポで、拍の 1/4 に置きます。または自由に</translation>
    </message>
    <message>
        <source>Taps come %1 ms late. That is taken off from now on.</source>
        <translation>タップは %1 ms 遅れます。今後その分を引きます。</translation>
    </message>
    <message>
        <source>The grid gets the tapped tempo about bar 1; without a grid a steady one begins</source>
        <translation>1 小節目を軸に叩いたテンポに。グリッドがなければ一定のものが始まります</translation>
    </message>
    <message>
        <source>The grid moves onto the taps; first taps begin bars</source>
        <translation>グリッドをタップの上へ。1 拍目のタップが小節の始まり</translation>
    </message>
    <message>
        <source>The rhythm from the playhead on, on the lane that is chosen: a pin for each tap</source>
        <translation>選んだレーンに再生ヘッドからリズム:タップごとにピン</translation>
    </message>
    <message>
        <source>The taps become the beats where you tapped; stray ones are left out</source>
        <translation>叩いた所でタップが拍になります。外れたものは除きます</translation>
    </message>
    <message>
        <source>There is a marker at each of these taps already</source>
        <translation>これらのタップにはすでにマーカーがあります</translation>
    </message>
    <message>
        <source>There is no lane of markers</source>
        <translation>マーカーのレーンがありません</translation>
    </message>
    <message>
        <source>Which taps are used: each round that was tapped stays here</source>
        <translation>使うタップ:叩いた回はここに残ります</translation>
    </message>
    <message>
        <source>add tapped markers</source>
        <translation>叩いたマーカーを追加</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>freely</source>
        <translation>自由</translation>
    </message>
    <message>
        <source>make a grid from taps</source>
        <translation>タップからグリッド</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>マーカー</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>測定</translation>
    </message>
    <message>
        <source>move grid onto taps</source>
        <translation>グリッドをタップへ</translation>
    </message>
    <message>
        <source>no taps yet</source>
        <translation>まだタップなし</translation>
    </message>
    <message>
        <source>one tap</source>
        <translation>1 タップ</translation>
    </message>
    <message>
        <source>phase</source>
        <translation>位相</translation>
    </message>
    <message>
        <source>place</source>
        <translation>位置</translation>
    </message>
    <message>
        <source>place tapped rhythm</source>
        <translation>叩いたリズムを置く</translation>
    </message>
    <message>
        <source>row</source>
        <translation>行</translation>
    </message>
    <message>
        <source>row from taps</source>
        <translation>タップから行</translation>
    </message>
    <message>
        <source>take taps as beats</source>
        <translation>タップを拍に</translation>
    </message>
    <message>
        <source>take the tapped tempo</source>
        <translation>叩いたテンポを採用</translation>
    </message>
    <message>
        <source>tap %1</source>
        <translation>タップ %1</translation>
    </message>
    <message>
        <source>tap latency</source>
        <translation>タップの遅れ</translation>
    </message>
    <message>
        <source>taps %1</source>
        <translation>タップ %1</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>テンポ</translation>
    </message>
    <message>
        <source>“%1” is a row of onsets now</source>
        <translation>「%1」がオンセットの行になりました</translation>
    </message>
</context>
<context>
    <name>pulsepin::TapPlot</name>
    <message>
        <source>Each tap against a steady beat: up is late, down is early; a hollow one is left out</source>
        <translation>一定の拍に対する各タップ:上は遅い、下は早い。中抜きは除外</translation>
    </message>
    <message>
        <source>Evenness of the taps</source>
        <translation>タップの均一さ</translation>
    </message>
</context>
<context>
    <name>pulsepin::TimelineView</name>
    <message>
        <source>%1 · click: what is added goes here · double click: name it · right click: more</source>
        <translation>%1 · クリック:追加先に · ダブルクリック:名前 · 右クリック:その他</translation>
    </message>
    <message>
        <source>12 bands</source>
        <translation>12 帯域</translation>
    </message>
    <message>
        <source>30 Hz – 16 kHz</source>
        <translation>30 Hz – 16 kHz</translation>
    </message>
    <message>
        <source>A click is heard where it acts · Shift and click: another sound</source>
        <translation>働く所でクリックが鳴る · Shift+クリック:別の音</translation>
    </message>
    <message>
        <source>Against the strongest, in percent</source>
        <translation>最強に対する %</translation>
    </message>
    <message>
        <source>As it was found</source>
        <translation>検出時に戻す</translation>
    </message>
    <message>
        <source>Click to go there</source>
        <translation>クリックで移動</translation>
    </message>
    <message>
        <source>Click to go there · Shift and drag makes a range · wheel zooms at the mouse, with Shift scrolls</source>
        <translation>クリックで移動 · Shift+ドラッグで範囲 · ホイールで拡大、Shift でスクロール</translation>
    </message>
    <message>
        <source>Click to go there · drag to make a range · wheel zooms, with Shift scrolls</source>
        <translation>クリックで移動 · ドラッグで範囲 · ホイールで拡大、Shift でスクロール</translation>
    </message>
    <message>
        <source>Delete</source>
        <translation>削除</translation>
    </message>
    <message>
        <source>Double click to add a beat · Shift leaves the onsets</source>
        <translation>ダブルクリックで拍を追加 · Shift でオンセットを離れる</translation>
    </message>
    <message>
        <source>Double click to add a pin · click to go there · Shift and drag selects what it touches</source>
        <translation>ダブルクリックでピン · クリックで移動 · Shift+ドラッグで選択</translation>
    </message>
    <message>
        <source>Double click to add an onset to this row</source>
        <translation>ダブルクリックでこの行にオンセットを追加</translation>
    </message>
    <message>
        <source>Drag a beat to bend the grid around it · Ctrl bends all up to held beats, Alt moves it alone · H holds it</source>
        <translation>拍をドラッグで周りのグリッドを曲げる · Ctrl は保持した拍まで、Alt は単独 · H で保持</translation>
    </message>
    <message>
        <source>Drag an onset to where you hear it · Delete removes it · right click: strength, as it was found</source>
        <translation>聴こえる所へドラッグ · Delete で削除 · 右クリック:強さ、検出時に戻す</translation>
    </message>
    <message>
        <source>Drag it onto a value of a layer, the picture or a lane: it acts there on each of these onsets</source>
        <translation>レイヤーの値・映像・レーンへドラッグ:これらのオンセットごとに働きます</translation>
    </message>
    <message>
        <source>Drag the line of gain: a press adds a point, a double click removes one, Shift goes slowly</source>
        <translation>音量の線をドラッグ:押すと点、ダブルクリックで削除、Shift でゆっくり</translation>
    </message>
    <message>
        <source>Drag to fade the song</source>
        <translation>ドラッグで曲をフェード</translation>
    </message>
    <message>
        <source>Drag to where the piece begins or ends; the song itself is not trimmed</source>
        <translation>作品の始まり・終わりへドラッグ。曲自体は切られません</translation>
    </message>
    <message>
        <source>Drag to where the song is heard from or until; nothing else moves</source>
        <translation>曲が聴こえる始まり・終わりへドラッグ。他は動きません</translation>
    </message>
    <message>
        <source>Drop a song here, or press Ctrl+O</source>
        <translation>曲をここに置くか、Ctrl+O を押してください</translation>
    </message>
    <message>
        <source>Flash danger</source>
        <translation>点滅の危険</translation>
    </message>
    <message>
        <source>Locked: none of its pins is changed</source>
        <translation>ロック:ピンは変わらない</translation>
    </message>
    <message>
        <source>Muted: there, but without effect</source>
        <translation>ミュート:あるが効かない</translation>
    </message>
    <message>
        <source>Only what has this is heard</source>
        <translation>これが付いたものだけが鳴る</translation>
    </message>
    <message>
        <source>Scroll in time</source>
        <translation>時間をスクロール</translation>
    </message>
    <message>
        <source>Scroll through the lanes</source>
        <translation>レーンをスクロール</translation>
    </message>
    <message>
        <source>Strength</source>
        <translation>強さ</translation>
    </message>
    <message>
        <source>Strength…</source>
        <translation>強さ…</translation>
    </message>
    <message>
        <source>The song and the lanes that hang from it. Arrow keys move the playhead.</source>
        <translation>曲と、そこから下がるレーン。矢印で再生ヘッドを動かします。</translation>
    </message>
    <message>
        <source>Timeline</source>
        <translation>タイムライン</translation>
    </message>
    <message>
        <source>Waveform drawn %1 times as high</source>
        <translation>波形を %1 倍の高さで表示</translation>
    </message>
    <message>
        <source>add beat</source>
        <translation>拍を追加</translation>
    </message>
    <message>
        <source>add onset</source>
        <translation>オンセットを追加</translation>
    </message>
    <message>
        <source>bars</source>
        <translation>小節</translation>
    </message>
    <message>
        <source>click of lane</source>
        <translation>レーンのクリック</translation>
    </message>
    <message>
        <source>click of row</source>
        <translation>行のクリック</translation>
    </message>
    <message>
        <source>confidence</source>
        <translation>確かさ</translation>
    </message>
    <message>
        <source>delete onset</source>
        <translation>オンセットを削除</translation>
    </message>
    <message>
        <source>deviation from tempo</source>
        <translation>テンポからのずれ</translation>
    </message>
    <message>
        <source>found</source>
        <translation>検出</translation>
    </message>
    <message>
        <source>found again</source>
        <translation>再検出</translation>
    </message>
    <message>
        <source>grid</source>
        <translation>グリッド</translation>
    </message>
    <message>
        <source>in any second</source>
        <translation>任意の 1 秒で</translation>
    </message>
    <message>
        <source>lock lane</source>
        <translation>レーンをロック</translation>
    </message>
    <message>
        <source>mix · %1 kHz</source>
        <translation>ミックス · %1 kHz</translation>
    </message>
    <message>
        <source>mute lane</source>
        <translation>レーンをミュート</translation>
    </message>
    <message>
        <source>mute song</source>
        <translation>曲をミュート</translation>
    </message>
    <message>
        <source>remove point of gain</source>
        <translation>音量点を削除</translation>
    </message>
    <message>
        <source>seconds</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>sections</source>
        <translation>セクション</translation>
    </message>
    <message>
        <source>snap always</source>
        <translation>常にスナップ</translation>
    </message>
    <message>
        <source>snap near</source>
        <translation>近くスナップ</translation>
    </message>
    <message>
        <source>snap off</source>
        <translation>スナップなし</translation>
    </message>
    <message>
        <source>solo</source>
        <translation>ソロ</translation>
    </message>
    <message>
        <source>solo lane</source>
        <translation>レーンをソロ</translation>
    </message>
    <message>
        <source>solo song</source>
        <translation>曲をソロ</translation>
    </message>
    <message>
        <source>spectrum</source>
        <translation>スペクトル</translation>
    </message>
    <message>
        <source>strength of onset</source>
        <translation>オンセットの強さ</translation>
    </message>
    <message>
        <source>take back correction</source>
        <translation>修正を取り消す</translation>
    </message>
    <message>
        <source>tempo</source>
        <translation>テンポ</translation>
    </message>
    <message>
        <source>unlock lane</source>
        <translation>レーンのロックを解く</translation>
    </message>
    <message>
        <source>“%1” is heard as a %2 · Shift and click: another sound</source>
        <translation>「%1」は %2 で鳴ります · Shift+クリック:別の音</translation>
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
        <translation>頂点 %1</translation>
    </message>
    <message>
        <source>From one top to the next at least</source>
        <translation>頂点から次までの最短</translation>
    </message>
    <message>
        <source>How far it rises above the dips beside it at least</source>
        <translation>隣の谷からの最低の高さ</translation>
    </message>
    <message>
        <source>How high a top is at least</source>
        <translation>頂点の最低の高さ</translation>
    </message>
    <message>
        <source>Onsets from envelope peaks</source>
        <translation>包絡の頂点からのオンセット</translation>
    </message>
    <message>
        <source>The follower whose peaks are taken</source>
        <translation>頂点を取る追従カーブ</translation>
    </message>
    <message>
        <source>apart</source>
        <translation>間隔</translation>
    </message>
    <message>
        <source>follower</source>
        <translation>追従カーブ</translation>
    </message>
    <message>
        <source>height</source>
        <translation>高さ</translation>
    </message>
    <message>
        <source>one peak</source>
        <translation>頂点 1</translation>
    </message>
    <message>
        <source>peaks of %1</source>
        <translation>%1 の頂点</translation>
    </message>
    <message>
        <source>prominence</source>
        <translation>突出</translation>
    </message>
</context>
<context>
    <name>pulsepin::TransportBar</name>
    <message>
        <source>%1 bars</source>
        <translation>%1 小節</translation>
    </message>
    <message>
        <source>%1 volume</source>
        <translation>%1の音量</translation>
    </message>
    <message>
        <source>1 bar</source>
        <translation>1 小節</translation>
    </message>
    <message>
        <source>2 bars</source>
        <translation>2 小節</translation>
    </message>
    <message>
        <source>Beats in a bar</source>
        <translation>1 小節の拍数</translation>
    </message>
    <message>
        <source>Files, edits, view (F10)</source>
        <translation>ファイル、編集、表示(F10)</translation>
    </message>
    <message>
        <source>Go to the start (Home)</source>
        <translation>始めへ(Home)</translation>
    </message>
    <message>
        <source>How fast it plays, without a change of pitch (comma and full stop)</source>
        <translation>音の高さを変えずに再生する速さ(コンマとピリオド)</translation>
    </message>
    <message>
        <source>How loud the click on the beats is</source>
        <translation>拍のクリックの大きさ</translation>
    </message>
    <message>
        <source>How loud the song is</source>
        <translation>曲の大きさ</translation>
    </message>
    <message>
        <source>Loop the range (L)</source>
        <translation>範囲をループ(L)</translation>
    </message>
    <message>
        <source>Menu</source>
        <translation>メニュー</translation>
    </message>
    <message>
        <source>Play a few bars from here, press again to stop (Shift+Space)</source>
        <translation>ここから数小節を再生、もう一度で停止(Shift+Space)</translation>
    </message>
    <message>
        <source>Play or stop (Space)</source>
        <translation>再生・停止(Space)</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>スコア</translation>
    </message>
    <message>
        <source>The song in phrases, one under another, instead of in one line (V)</source>
        <translation>一列の代わりに、フレーズごとに積んで表示(V)</translation>
    </message>
    <message>
        <source>The tempo is half as fast; items keep their time</source>
        <translation>テンポが半分に。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>The tempo is twice as fast; items keep their time</source>
        <translation>テンポが 2 倍に。ピンは時間を保ちます</translation>
    </message>
    <message>
        <source>bar . beat</source>
        <translation>小節 . 拍</translation>
    </message>
    <message>
        <source>click</source>
        <translation>クリック</translation>
    </message>
    <message>
        <source>frame at %1</source>
        <translation>フレーム(%1)</translation>
    </message>
    <message>
        <source>music</source>
        <translation>音楽</translation>
    </message>
    <message>
        <source>speed %1×</source>
        <translation>速さ %1×</translation>
    </message>
    <message>
        <source>speed 1×</source>
        <translation>速さ 1×</translation>
    </message>
    <message>
        <source>tempo, BPM</source>
        <translation>テンポ、BPM</translation>
    </message>
    <message>
        <source>time</source>
        <translation>時間</translation>
    </message>
</context>
<context>
    <name>pulsepin::TriggerForm</name>
    <message>
        <source>The layer that each acts on</source>
        <translation>働きかけるレイヤー</translation>
    </message>
    <message>
        <source>Those of one row end where the next begins; rows lie over each other</source>
        <translation>同じ行のものは次の始まりで終わり、行は重なります</translation>
    </message>
    <message>
        <source>What each starts: one of these, or a name of your own</source>
        <translation>始めるもの:このうち一つ、または自分の名前</translation>
    </message>
    <message>
        <source>acts on</source>
        <translation>対象</translation>
    </message>
    <message>
        <source>camera</source>
        <translation>カメラ</translation>
    </message>
    <message>
        <source>chance</source>
        <translation>乱数</translation>
    </message>
    <message>
        <source>colour</source>
        <translation>色</translation>
    </message>
    <message>
        <source>colours</source>
        <translation>色</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>エフェクト</translation>
    </message>
    <message>
        <source>lasts</source>
        <translation>長さ</translation>
    </message>
    <message>
        <source>row</source>
        <translation>行</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>強さ</translation>
    </message>
    <message>
        <source>strongest</source>
        <translation>最強</translation>
    </message>
    <message>
        <source>weakest</source>
        <translation>最弱</translation>
    </message>
    <message>
        <source>“%1” changes nothing in the picture, it is only exported; %2</source>
        <translation>「%1」は映像を変えず、書き出されるだけです。%2</translation>
    </message>
</context>
<context>
    <name>pulsepin::ViewCommands</name>
    <message>
        <source>%1 cells a beat</source>
        <translation>1 拍に %1 セル</translation>
    </message>
    <message>
        <source>12 bands</source>
        <translation>12 帯域</translation>
    </message>
    <message>
        <source>Back to what was in view</source>
        <translation>前の表示に戻る</translation>
    </message>
    <message>
        <source>Bars in a row of the score</source>
        <translation>スコアの 1 行の小節数</translation>
    </message>
    <message>
        <source>Bars only</source>
        <translation>小節のみ</translation>
    </message>
    <message>
        <source>Beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>Camera on the chosen layer</source>
        <translation>選んだレイヤーにカメラ</translation>
    </message>
    <message>
        <source>Cells of the score</source>
        <translation>スコアのセル</translation>
    </message>
    <message>
        <source>Finer or coarser cells</source>
        <translation>セルを細かく・粗く</translation>
    </message>
    <message>
        <source>Folded</source>
        <translation>折りたたみ</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>フレーム</translation>
    </message>
    <message>
        <source>Halves of beats</source>
        <translation>半拍</translation>
    </message>
    <message>
        <source>Hide lower panel</source>
        <translation>下のパネルを隠す</translation>
    </message>
    <message>
        <source>Key what is seen: a pose of the chosen layer</source>
        <translation>見えているものをキーに:選んだレイヤーのポーズ</translation>
    </message>
    <message>
        <source>Left and right</source>
        <translation>左と右</translation>
    </message>
    <message>
        <source>Logarithmic</source>
        <translation>対数</translation>
    </message>
    <message>
        <source>Night paper</source>
        <translation>夜の紙</translation>
    </message>
    <message>
        <source>Paint cells in the score</source>
        <translation>スコアでセルを塗る</translation>
    </message>
    <message>
        <source>Picture: docked, beside, own window</source>
        <translation>映像:下・横・別窓</translation>
    </message>
    <message>
        <source>Picture: fill the screen</source>
        <translation>映像:全画面</translation>
    </message>
    <message>
        <source>Pictures of shots in their lane</source>
        <translation>レーンにショットの画</translation>
    </message>
    <message>
        <source>Quarters of beats</source>
        <translation>拍の 1/4</translation>
    </message>
    <message>
        <source>Ruler counts</source>
        <translation>目盛り</translation>
    </message>
    <message>
        <source>Score</source>
        <translation>スコア</translation>
    </message>
    <message>
        <source>Seconds</source>
        <translation>秒</translation>
    </message>
    <message>
        <source>Select pins or draw a range first</source>
        <translation>先にピンを選択するか範囲を引いてください</translation>
    </message>
    <message>
        <source>Spectrum</source>
        <translation>スペクトル</translation>
    </message>
    <message>
        <source>Spectrum brighter</source>
        <translation>スペクトルを明るく</translation>
    </message>
    <message>
        <source>Spectrum darker</source>
        <translation>スペクトルを暗く</translation>
    </message>
    <message>
        <source>Stop: Check</source>
        <translation>段階:点検</translation>
    </message>
    <message>
        <source>Stop: Export</source>
        <translation>段階:書き出し</translation>
    </message>
    <message>
        <source>Stop: Grid</source>
        <translation>段階:グリッド</translation>
    </message>
    <message>
        <source>Stop: Mark</source>
        <translation>段階:印</translation>
    </message>
    <message>
        <source>Stop: Motion</source>
        <translation>段階:動き</translation>
    </message>
    <message>
        <source>Stop: Place</source>
        <translation>段階:配置</translation>
    </message>
    <message>
        <source>Stop: Song</source>
        <translation>段階:曲</translation>
    </message>
    <message>
        <source>Sum of the channels</source>
        <translation>チャンネルの和</translation>
    </message>
    <message>
        <source>Thirds of beats</source>
        <translation>拍の 1/3</translation>
    </message>
    <message>
        <source>Timecode</source>
        <translation>タイムコード</translation>
    </message>
    <message>
        <source>Waveform</source>
        <translation>波形</translation>
    </message>
    <message>
        <source>Waveform higher</source>
        <translation>波形を高く</translation>
    </message>
    <message>
        <source>Waveform lower</source>
        <translation>波形を低く</translation>
    </message>
    <message>
        <source>Whole song</source>
        <translation>曲全体</translation>
    </message>
    <message>
        <source>Zoom in</source>
        <translation>拡大</translation>
    </message>
    <message>
        <source>Zoom out</source>
        <translation>縮小</translation>
    </message>
    <message>
        <source>Zoom to the range or what is selected</source>
        <translation>範囲か選択に拡大</translation>
    </message>
</context>
<context>
    <name>pulsepin::Walk</name>
    <message>
        <source>%1 of %2</source>
        <translation>%1/%2</translation>
    </message>
    <message>
        <source>Anything can be taken back: press Ctrl+Z.</source>
        <translation>何でも取り消せます:Ctrl+Z。</translation>
    </message>
    <message>
        <source>Cuts are placed on beats, many at once: press Ctrl+4, or Place at the left.</source>
        <translation>カットは拍にまとめて置きます:Ctrl+4、または左の「配置」。</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>完了</translation>
    </message>
    <message>
        <source>Is everything on its beat? Press Ctrl+6, or Check at the left: findings have a fix each.</source>
        <translation>すべて拍に載っていますか?Ctrl+6、または左の「点検」:指摘ごとに修正があります。</translation>
    </message>
    <message>
        <source>Is the tempo half of what you would tap? Press ×2: beats are counted twice as fast, and everything keeps its time.</source>
        <translation>テンポが叩きたい速さの半分ですか?×2 を押すと 2 倍に数え、すべて時間を保ちます。</translation>
    </message>
    <message>
        <source>Last, the film: press Ctrl+7, or Export at the left.</source>
        <translation>最後は映像:Ctrl+7、または左の「書き出し」。</translation>
    </message>
    <message>
        <source>Leave the walk</source>
        <translation>案内を終える</translation>
    </message>
    <message>
        <source>Now look at the beats: press Ctrl+2, or Grid at the left.</source>
        <translation>次は拍です:Ctrl+2、または左の「グリッド」。</translation>
    </message>
    <message>
        <source>Outlines over the song show where everything would go. Press the yellow button to place it.</source>
        <translation>曲の上の輪郭が置かれる所です。黄色いボタンで置きます。</translation>
    </message>
    <message>
        <source>Press Space to see the shots change on the beats.</source>
        <translation>Space で、拍に合わせてショットが変わるのを見てください。</translation>
    </message>
    <message>
        <source>Press Space to stop.</source>
        <translation>Space で停止。</translation>
    </message>
    <message>
        <source>Press the yellow button, choose a name, and the film is made while you go on. Edit lists and timelines are on the page Data files.</source>
        <translation>黄色いボタンを押して名前を決めると、作業中に映像ができます。編集リストとタイムラインは「データ」のページにあります。</translation>
    </message>
    <message>
        <source>That is the way from a song to a film. Drop a song of yours on the window to begin; F1 explains what is before you.</source>
        <translation>曲から映像までの道のりでした。自分の曲をウィンドウに置いて始めてください。F1 で目の前のものを説明します。</translation>
    </message>
    <message>
        <source>The lamps flash on the beats, and a click lies on them. Press Space again to stop.</source>
        <translation>ランプが拍で光り、クリックが重なります。もう一度 Space で停止。</translation>
    </message>
    <message>
        <source>This is a song with six shots on its beats. Press Space, or the round button, to hear it.</source>
        <translation>6 つのショットが拍に載った曲です。Space か丸いボタンで聴いてください。</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>デモを歩く</translation>
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
        <translation><numerusform>ショット %n</numerusform></translation>
    </message>
    <message>
        <source>Begin without a song</source>
        <translation>曲なしで始める</translation>
    </message>
    <message>
        <source>How to begin</source>
        <translation>始め方</translation>
    </message>
    <message>
        <source>New from a template…</source>
        <translation>テンプレートから新規…</translation>
    </message>
    <message>
        <source>None yet. A song or a project can also be dropped on the window.</source>
        <translation>まだありません。曲やプロジェクトをウィンドウに置くこともできます。</translation>
    </message>
    <message>
        <source>Open a project…</source>
        <translation>プロジェクトを開く…</translation>
    </message>
    <message>
        <source>Open a song…</source>
        <translation>曲を開く…</translation>
    </message>
    <message>
        <source>Pins can be placed in seconds, and tied to beats later</source>
        <translation>ピンを秒で置き、後で拍に結べます</translation>
    </message>
    <message>
        <source>Put pictures to music</source>
        <translation>音楽に映像を</translation>
    </message>
    <message>
        <source>Reading a recent project</source>
        <translation>最近のプロジェクトを読んでいます</translation>
    </message>
    <message>
        <source>Recent projects</source>
        <translation>最近のプロジェクト</translation>
    </message>
    <message>
        <source>Two minutes: what to press is shown in place, each step waits for you</source>
        <translation>2 分:押す所をその場で示し、段ごとに待ちます</translation>
    </message>
    <message>
        <source>Walk through the demo</source>
        <translation>デモを歩く</translation>
    </message>
    <message>
        <source>cannot be read</source>
        <translation>読めません</translation>
    </message>
</context>
<context>
    <name>pulsepin::Widgets</name>
    <message>
        <source>Another number, another chance; the same number, the same again</source>
        <translation>別の数なら別の結果、同じ数なら同じ結果</translation>
    </message>
    <message>
        <source>seed </source>
        <translation>シード </translation>
    </message>
</context>
<context>
    <name>pulsepin::WordCommands</name>
    <message>
        <source> %1 more lines were fixed.</source>
        <translation> さらに %1 行を修正。</translation>
    </message>
    <message>
        <source> One more line was fixed.</source>
        <translation> もう 1 行を修正。</translation>
    </message>
    <message>
        <source> · line %1: %2</source>
        <translation> · %1 行目:%2</translation>
    </message>
    <message>
        <source>%1 fixed</source>
        <translation>%1 を修正</translation>
    </message>
    <message>
        <source>%1 fixed, %2 stay: there is no room for them</source>
        <translation>%1 を修正、%2 は余地がなくそのまま</translation>
    </message>
    <message>
        <source>%1 lines</source>
        <translation>%1 行</translation>
    </message>
    <message>
        <source>%1 stay: there is no room for them</source>
        <translation>%1 は余地がなくそのまま</translation>
    </message>
    <message>
        <source>%1 titles appear with their words</source>
        <translation>%1 個のタイトルが語と共に現れます</translation>
    </message>
    <message>
        <source>%1 too fast · %2 too short · %3 without a gap</source>
        <translation>速すぎ %1 · 短すぎ %2 · 隙間なし %3</translation>
    </message>
    <message>
        <source>%1 words proposed: take them, or leave them</source>
        <translation>%1 語を提案:採用するか、やめてください</translation>
    </message>
    <message>
        <source>%1 words set</source>
        <translation>%1 語配置</translation>
    </message>
    <message>
        <source>%1 words spread over their lines</source>
        <translation>%1 語を行に広げました</translation>
    </message>
    <message>
        <source>%1 words wait</source>
        <translation>%1 語待ち</translation>
    </message>
    <message>
        <source>Back one word</source>
        <translation>1 語戻る</translation>
    </message>
    <message>
        <source>Begin a line with the selected words</source>
        <translation>選択した語で行を始める</translation>
    </message>
    <message>
        <source>By its rules syllables and sounds are told:</source>
        <translation>その規則で音節と音を調べます:</translation>
    </message>
    <message>
        <source>Discard the words that wait</source>
        <translation>待っている語を捨てる</translation>
    </message>
    <message>
        <source>Fix</source>
        <translation>修正</translation>
    </message>
    <message>
        <source>Fix lines that are too fast to read…</source>
        <translation>速すぎる行を修正…</translation>
    </message>
    <message>
        <source>From %1: %2</source>
        <translation>%1 から:%2</translation>
    </message>
    <message>
        <source>How words sound cannot be told: install the package espeak-ng-data</source>
        <translation>語の発音がわかりません:espeak-ng-data パッケージをインストールしてください</translation>
    </message>
    <message>
        <source>Laid out; the camera goes from line to line by “Camera on each line”</source>
        <translation>並べました。「各行にカメラ」で行から行へ動きます</translation>
    </message>
    <message>
        <source>Language of the words</source>
        <translation>語の言語</translation>
    </message>
    <message>
        <source>Language of the words…</source>
        <translation>語の言語…</translation>
    </message>
    <message>
        <source>Lay out</source>
        <translation>並べる</translation>
    </message>
    <message>
        <source>Lay out the titles of words</source>
        <translation>語のタイトルを並べる</translation>
    </message>
    <message>
        <source>Lay out titles of words…</source>
        <translation>語のタイトルを並べる…</translation>
    </message>
    <message>
        <source>Leave what is proposed</source>
        <translation>提案をやめる</translation>
    </message>
    <message>
        <source>Let the selected words wait again</source>
        <translation>選択した語を待ちに戻す</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>線</translation>
    </message>
    <message>
        <source>Lines by pauses</source>
        <translation>休みで行に</translation>
    </message>
    <message>
        <source>Listening for the voice</source>
        <translation>声を聴いています</translation>
    </message>
    <message>
        <source>Load a text</source>
        <translation>歌詞を読み込む</translation>
    </message>
    <message>
        <source>Load a text…</source>
        <translation>歌詞を読み込む…</translation>
    </message>
    <message>
        <source>Make one line of the selected words</source>
        <translation>選択した語を 1 行に</translation>
    </message>
    <message>
        <source>Make titles of words first</source>
        <translation>先に語のタイトルを作ってください</translation>
    </message>
    <message>
        <source>No word waits to be set: paste or load a text first (stop Mark, Words)</source>
        <translation>待っている語がありません:先に歌詞を貼るか読み込んでください(「印」、語)</translation>
    </message>
    <message>
        <source>Nothing is proposed</source>
        <translation>提案はありません</translation>
    </message>
    <message>
        <source>Paste a text</source>
        <translation>歌詞を貼り付け</translation>
    </message>
    <message>
        <source>Pose</source>
        <translation>ポーズ</translation>
    </message>
    <message>
        <source>Pose the camera at the last word of each line…</source>
        <translation>各行の最後の語でカメラのポーズ…</translation>
    </message>
    <message>
        <source>Propose words between those that are set</source>
        <translation>置いた語の間の語を提案</translation>
    </message>
    <message>
        <source>Reading the text</source>
        <translation>歌詞を読んでいます</translation>
    </message>
    <message>
        <source>Set the first and the last word of a line: those between them are proposed</source>
        <translation>行の最初と最後の語を置いてください:間が提案されます</translation>
    </message>
    <message>
        <source>Set the next word, as it is heard</source>
        <translation>聴こえる時に次の語を置く</translation>
    </message>
    <message>
        <source>Split</source>
        <translation>分ける</translation>
    </message>
    <message>
        <source>Split words into lines by pauses…</source>
        <translation>休みで行に分ける…</translation>
    </message>
    <message>
        <source>Take what is proposed</source>
        <translation>提案を採用</translation>
    </message>
    <message>
        <source>Texts (%1);;All files (*)</source>
        <translation>テキスト (%1);;すべてのファイル (*)</translation>
    </message>
    <message>
        <source>The camera frames each line from its first word on</source>
        <translation>カメラが各行を最初の語から捉えます</translation>
    </message>
    <message>
        <source>The song is not there yet</source>
        <translation>曲がまだ準備できていません</translation>
    </message>
    <message>
        <source>The words changed meanwhile: propose them again</source>
        <translation>語が変わりました:もう一度提案してください</translation>
    </message>
    <message>
        <source>The words do not run in the band</source>
        <translation>語はバンドに流れません</translation>
    </message>
    <message>
        <source>The words run in the band</source>
        <translation>語がバンドに流れます</translation>
    </message>
    <message>
        <source>There are no words yet</source>
        <translation>まだ語がありません</translation>
    </message>
    <message>
        <source>There is no text to paste. Copy one first.</source>
        <translation>貼り付ける文字がありません。先にコピーしてください。</translation>
    </message>
    <message>
        <source>Titles of lines that light up as they are sung</source>
        <translation>歌に合わせて光る行のタイトル</translation>
    </message>
    <message>
        <source>Titles of words, line by line</source>
        <translation>行ごとのタイトル</translation>
    </message>
    <message>
        <source>Titles of words, word by word</source>
        <translation>語ごとのタイトル</translation>
    </message>
    <message>
        <source>What of a line must be readable</source>
        <translation>行が読めるための条件</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>語</translation>
    </message>
    <message>
        <source>Words in the band, or not</source>
        <translation>語をバンドに流す・流さない</translation>
    </message>
    <message>
        <source>add words</source>
        <translation>語を追加</translation>
    </message>
    <message>
        <source>back one word</source>
        <translation>1 語戻る</translation>
    </message>
    <message>
        <source>begin line</source>
        <translation>行を始める</translation>
    </message>
    <message>
        <source>camera on lines</source>
        <translation>行にカメラ</translation>
    </message>
    <message>
        <source>discard words</source>
        <translation>語を捨てる</translation>
    </message>
    <message>
        <source>fix reading speed</source>
        <translation>読む速さを修正</translation>
    </message>
    <message>
        <source>language of words</source>
        <translation>語の言語</translation>
    </message>
    <message>
        <source>lay out words</source>
        <translation>語を並べる</translation>
    </message>
    <message>
        <source>let words wait</source>
        <translation>語を待たせる</translation>
    </message>
    <message>
        <source>make one line</source>
        <translation>1 行にする</translation>
    </message>
    <message>
        <source>one word set</source>
        <translation>1 語配置</translation>
    </message>
    <message>
        <source>one word waits</source>
        <translation>1 語待ち</translation>
    </message>
    <message>
        <source>part into lines</source>
        <translation>行に分ける</translation>
    </message>
    <message>
        <source>set reading</source>
        <translation>読みやすさを設定</translation>
    </message>
    <message>
        <source>take proposed words</source>
        <translation>提案した語を採用</translation>
    </message>
    <message>
        <source>tap word</source>
        <translation>語を叩く</translation>
    </message>
    <message>
        <source>the text that was pasted</source>
        <translation>貼り付けた歌詞</translation>
    </message>
    <message>
        <source>titles of words</source>
        <translation>語のタイトル</translation>
    </message>
    <message>
        <source>words in band</source>
        <translation>語をバンドに</translation>
    </message>
</context>
<context>
    <name>pulsepin::WordTray</name>
    <message>
        <source> · %1 proposed</source>
        <translation> · %1 提案</translation>
    </message>
    <message>
        <source>%1 set</source>
        <translation>%1 配置</translation>
    </message>
    <message>
        <source>%1 to set</source>
        <translation>残り %1</translation>
    </message>
    <message>
        <source>Paste or load a text: its words wait here</source>
        <translation>歌詞を貼るか読み込んでください:語がここで待ちます</translation>
    </message>
    <message>
        <source>The words in their order: drag one that waits to its lane; the wheel looks ahead</source>
        <translation>順の語:待っている語をレーンへドラッグ。ホイールで先を見ます</translation>
    </message>
    <message>
        <source>Words of the text</source>
        <translation>歌詞の語</translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation>次:%1</translation>
    </message>
    <message>
        <source>no word waits</source>
        <translation>待つ語なし</translation>
    </message>
    <message>
        <source>none waits</source>
        <translation>待ちなし</translation>
    </message>
</context>
<context>
    <name>pulsepin::WordsField</name>
    <message>
        <source>The words of the title; Shift+Enter begins another line</source>
        <translation>タイトルの言葉。Shift+Enter で改行</translation>
    </message>
    <message>
        <source>change words</source>
        <translation>語を変更</translation>
    </message>
    <message>
        <source>“%1” is locked. Unlock the layer first (stop Motion, Layers).</source>
        <translation>「%1」はロック中です。先にロックを解いてください(「動き」、レイヤー)。</translation>
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
        <translation>毎秒 %1/%2 文字</translation>
    </message>
    <message numerus="yes">
        <source>%n to fix</source>
        <translation><numerusform>修正 %n</numerusform></translation>
    </message>
    <message>
        <source>A new line begins with the selected words</source>
        <translation>選択した語で新しい行が始まります</translation>
    </message>
    <message>
        <source>Back one word</source>
        <translation>1 語戻る</translation>
    </message>
    <message>
        <source>Camera on each line, at its first word…</source>
        <translation>各行の最初の語にカメラ…</translation>
    </message>
    <message>
        <source>Discard the words that wait</source>
        <translation>待っている語を捨てる</translation>
    </message>
    <message>
        <source>Fix…</source>
        <translation>修正…</translation>
    </message>
    <message>
        <source>In the running band, or not</source>
        <translation>流れるバンドに入れる・入れない</translation>
    </message>
    <message>
        <source>Language of the words…</source>
        <translation>語の言語…</translation>
    </message>
    <message>
        <source>Lay out titles on the canvas…</source>
        <translation>タイトルを画面に並べる…</translation>
    </message>
    <message>
        <source>Lays the words that wait between two that are set onto the voice</source>
        <translation>置いた 2 語の間で待つ語を声に合わせます</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>やめる</translation>
    </message>
    <message>
        <source>Lines by pauses…</source>
        <translation>休みで行に…</translation>
    </message>
    <message>
        <source>Lines, titles in the picture, where they lie, and the camera on them</source>
        <translation>行、映像のタイトル、その並び、カメラ</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>測定</translation>
    </message>
    <message>
        <source>Propose</source>
        <translation>提案</translation>
    </message>
    <message>
        <source>Take %1 proposed</source>
        <translation>%1 語を採用</translation>
    </message>
    <message>
        <source>Take proposed</source>
        <translation>提案を採用</translation>
    </message>
    <message>
        <source>Tap</source>
        <translation>タップ</translation>
    </message>
    <message>
        <source>Tap along with the click in stop Grid: the tap latency is measured there</source>
        <translation>「グリッド」でクリックに合わせて叩いてください:そこで遅れを測ります</translation>
    </message>
    <message>
        <source>Tap latency: what hand, keyboard and sound take; it is taken off each tap</source>
        <translation>タップの遅れ:手・キーボード・音の分を各タップから引きます</translation>
    </message>
    <message>
        <source>Tap “%1”</source>
        <translation>「%1」を叩く</translation>
    </message>
    <message>
        <source>The last word waits again, and it is played from two bars before (Backspace)</source>
        <translation>最後の語を待ちに戻し、2 小節前から再生します(Backspace)</translation>
    </message>
    <message>
        <source>The next word, as it is heard (W)</source>
        <translation>聴こえる時に次の語(W)</translation>
    </message>
    <message>
        <source>The outlined words are set</source>
        <translation>輪郭の語を置きます</translation>
    </message>
    <message>
        <source>The outlined words wait again</source>
        <translation>輪郭の語を待ちに戻します</translation>
    </message>
    <message>
        <source>The selected words are one line</source>
        <translation>選択した語が 1 行になります</translation>
    </message>
    <message>
        <source>The selected words wait again</source>
        <translation>選択した語を待ちに戻します</translation>
    </message>
    <message>
        <source>Titles of lines that light up as they are sung</source>
        <translation>歌に合わせて光る行のタイトル</translation>
    </message>
    <message>
        <source>Titles, line by line</source>
        <translation>タイトル、行ごと</translation>
    </message>
    <message>
        <source>Titles, word by word</source>
        <translation>タイトル、語ごと</translation>
    </message>
    <message>
        <source>What cannot be read: longer lines, gaps between them, and what is asked for</source>
        <translation>読めない所:長い行、隙間、条件</translation>
    </message>
    <message>
        <source>Where tapped and dragged words go: where they are heard or let go, or to the nearest of these</source>
        <translation>叩いた・ドラッグした語の行き先:聴こえた所・離した所、またはこれらの最も近い所</translation>
    </message>
    <message>
        <source>Words…</source>
        <translation>語…</translation>
    </message>
    <message>
        <source>all can be read</source>
        <translation>すべて読める</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>拍</translation>
    </message>
    <message>
        <source>halves of beats</source>
        <translation>半拍</translation>
    </message>
    <message>
        <source>line %1: %2 of %3 characters per second</source>
        <translation>%1 行目:毎秒 %2/%3 文字</translation>
    </message>
    <message>
        <source>no line is set</source>
        <translation>行は置かれていない</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>なし</translation>
    </message>
    <message>
        <source>onsets: %1</source>
        <translation>オンセット:%1</translation>
    </message>
    <message>
        <source>quarters of beats</source>
        <translation>拍の 1/4</translation>
    </message>
    <message>
        <source>snap to</source>
        <translation>吸着</translation>
    </message>
    <message>
        <source>tap latency</source>
        <translation>タップの遅れ</translation>
    </message>
    <message>
        <source>thirds of beats</source>
        <translation>拍の 1/3</translation>
    </message>
</context>
<context>
    <name>pulsepin::event_course</name>
    <message>
        <source>Double click to add a key to the nearest curve · Escape closes it</source>
        <translation>ダブルクリックで近いカーブにキー · Escape で閉じる</translation>
    </message>
    <message>
        <source>Drag a key along its length, beats pull · Shift leaves the beats · Delete removes it</source>
        <translation>キーを長さに沿ってドラッグ、拍が引く · Shift で拍を離れる · Delete で削除</translation>
    </message>
</context>
<context>
    <name>pulsepin::kinds</name>
    <message>
        <source>Drag a key to move it · what is selected shows the way to it, with handles · hold Shift to leave the grid · Delete removes it</source>
        <translation>キーをドラッグで移動 · 選択するとそこへの道とハンドル · Shift でグリッドを離れる · Delete で削除</translation>
    </message>
    <message>
        <source>Drag to bend the way to all selected keys · Shift: both handles alike</source>
        <translation>ドラッグで選択した全キーへの道を曲げる · Shift:両ハンドル同じに</translation>
    </message>
    <message>
        <source>no shot</source>
        <translation>ショットなし</translation>
    </message>
    <message>
        <source>slate %1</source>
        <translation>仮 %1</translation>
    </message>
</context>
</TS>
