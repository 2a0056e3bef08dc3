// SPDX-License-Identifier: GPL-3.0-or-later
//
// Cuts that are found in finished films: films are made of FFmpeg's own sources, with hard cuts, dissolves,
// flashes and movement at places that are known.
#include "media/film_cuts.h"
#include "support/test_program.h"

#include <QProcess>
#include <QTemporaryDir>
#include <QTest>
#include <cmath>

using namespace pulsepin;

namespace {

/// What FFmpeg makes of a graph of filters, 25 pictures a second.
QString film_of(const QTemporaryDir& dir, const QString& graph,
                const QStringList& coding = {"-c:v", "libx264", "-crf", "20"}) {
    const QString path = dir.filePath("film.mkv");
    QProcess ffmpeg;
    ffmpeg.setProcessChannelMode(QProcess::MergedChannels);
    ffmpeg.start("ffmpeg", QStringList{"-v", "error", "-y", "-filter_complex", graph, "-r", "25"} + coding +
                               QStringList{path});
    if (!ffmpeg.waitForFinished(120'000) || ffmpeg.exitCode() != 0)
        qWarning("%s", ffmpeg.readAll().constData());
    return path;
}

std::vector<FoundCut> found(const QString& film) {
    const auto traces = traces_of_film(film.toStdString());
    if (!traces) {
        qWarning("%s", traces.error().message().c_str());
        return {{Seconds(-1)}};
    }
    return cuts_in(*traces);
}

QString told(const std::vector<FoundCut>& cuts) {
    QStringList all;
    for (const auto& cut : cuts)
        all << QString("%1%2")
                   .arg(std::lround(cut.at.value * 25))
                   .arg(cut.fade > Seconds(0) ? "~" + QString::number(std::lround(cut.fade.value * 25))
                                              : QString());
    return all.join(' ');
}

/// Shots of so many pictures each, one after the other: moving test pictures of several kinds.
QString shots(const std::vector<int>& lengths) {
    const QStringList sources{"testsrc=s=320x180:r=25",
                              "mandelbrot=s=320x180:r=25",
                              "life=s=320x180:r=25:mold=10:life_color=#C83232:death_color=#206020:ratio=.3",
                              "testsrc2=s=320x180:r=25",
                              "gradients=s=320x180:r=25:c0=red:c1=blue:speed=0.02",
                              "smptebars=s=320x180:r=25"};
    QString graph, labels;
    for (std::size_t i = 0; i < lengths.size(); ++i) {
        graph += QString("%1,trim=end_frame=%2,setpts=PTS-STARTPTS,format=yuv420p,setsar=1[s%3];")
                     .arg(sources[static_cast<qsizetype>(i) % sources.size()])
                     .arg(lengths[i])
                     .arg(i);
        labels += QString("[s%1]").arg(i);
    }
    return graph + labels + QString("concat=n=%1:v=1").arg(lengths.size());
}

} // namespace

class TestFilmCuts : public QObject {
    Q_OBJECT
private slots:
    void each_hard_cut_is_found_to_the_picture() {
        QTemporaryDir dir;
        QCOMPARE(told(found(film_of(dir, shots({40, 25, 60, 31, 50, 20, 45})))),
                 QString("40 65 125 156 206 226"));
    }

    // Coded badly, as a preview may be.
    void coarse_coding_invents_none() {
        QTemporaryDir dir;
        QCOMPARE(told(found(film_of(dir, shots({40, 50, 60}),
                                    {"-c:v", "libx264", "-crf", "40", "-preset", "ultrafast"}))),
                 QString("40 90"));
    }

    void movement_and_flashes_are_none() {
        QTemporaryDir dir;
        // A picture that is pushed through quickly, and white for two pictures each second.
        const QString moving = "mandelbrot=s=640x360:r=25,trim=end_frame=150,crop=320:180:x='abs(mod(n*9,640)"
                               "-320)':y='90+60*sin(n/4)',"
                               "setpts=PTS-STARTPTS,format=yuv420p";
        QCOMPARE(told(found(film_of(dir, moving))), QString());
        const QString flashing = "testsrc=s=320x180:r=25,trim=end_frame=150,drawbox=t=fill:color=white:"
                                 "enable='lt(mod(n,25),2)*gt(n,5)',"
                                 "setpts=PTS-STARTPTS,format=yuv420p";
        QCOMPARE(told(found(film_of(dir, flashing))), QString());
        const QString shaken =
            "testsrc=s=340x200:r=25,trim=end_frame=120,crop=320:180:x='10+9*sin(n*2.3)':y='10+9*cos(n*3.1)',"
            "setpts=PTS-STARTPTS,format=yuv420p";
        QCOMPARE(told(found(film_of(dir, shaken))), QString());
        QCOMPARE(told(found(film_of(dir, "color=c=black:s=320x180:r=25:d=3"))), QString());
    }

    void dissolves_are_found_with_their_lengths() {
        QTemporaryDir dir;
        const QString graph = "smptebars=s=320x180:r=25:d=4,format=yuv420p,setsar=1,settb=AVTB[a];"
                              "mandelbrot=s=320x180:r=25,trim=duration=4,setpts=PTS-STARTPTS,format=yuv420p,"
                              "setsar=1,settb=AVTB[b];"
                              "testsrc=s=320x180:r=25:d=4,format=yuv420p,setsar=1,settb=AVTB[c];"
                              "[a][b]xfade=transition=fade:duration=0.64:offset=2[ab];"
                              "[ab][c]xfade=transition=fade:duration=0.96:offset=4.5";
        const auto cuts = found(film_of(dir, graph));
        QVERIFY2(cuts.size() == 2, qPrintable(told(cuts)));
        QVERIFY2(std::abs(cuts[0].at.value - 2.32) < 0.13 && cuts[0].fade > Seconds(0.3) &&
                     cuts[0].fade < Seconds(1.2),
                 qPrintable(told(cuts)));
        QVERIFY2(std::abs(cuts[1].at.value - 4.98) < 0.17 && cuts[1].fade > Seconds(0.4) &&
                     cuts[1].fade < Seconds(1.7),
                 qPrintable(told(cuts)));
    }

    void what_is_no_film_is_refused_and_reading_is_stopped() {
        QVERIFY(!traces_of_film("/no/such.mp4"));
        QVERIFY(!traces_of_film(PULSEPIN_DEMO "/over-the-levee.opus"));
        std::stop_source stop;
        stop.request_stop();
        QTemporaryDir dir;
        const auto stopped =
            traces_of_film(film_of(dir, shots({30, 30})).toStdString(), {[](double) {}, stop.get_token()});
        QVERIFY(!stopped && stopped.error().cancelled());
        QVERIFY(cuts_in({}).empty());
        QVERIFY(cuts_in({PictureTrace{}}).empty());
    }
};

PULSEPIN_TEST_CLASS(TestFilmCuts, "test_film_cuts")
#include "test_film_cuts.moc"
