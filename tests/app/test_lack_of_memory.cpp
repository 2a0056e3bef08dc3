// SPDX-License-Identifier: GPL-3.0-or-later
//
// Where there is no memory: pictures grow smaller or are left out, films are refused with a word, and the
// program goes on. The system itself refuses it here (RLIMIT_AS): what asks for large blocks gets none.
#include "base/in_order.h"
#include "follow/feeds.h"
#include "interchange/project_file.h"
#include "render/film_plan.h"
#include "render/frame_painter.h"
#include "render/shot_pictures.h"
#include "support/test_program.h"

#include <QTemporaryDir>
#include <QTest>
#include <QThreadPool>
#include <fstream>
#include <sys/resource.h>

using namespace pulsepin;

namespace {

/// No more memory than there is and that much, while it lives.
class NoMoreThan {
public:
    explicit NoMoreThan(rlim_t more) {
        getrlimit(RLIMIT_AS, &before_);
        std::ifstream sizes("/proc/self/statm");
        rlim_t pages = 0;
        sizes >> pages;
        const rlimit limit{pages * static_cast<rlim_t>(sysconf(_SC_PAGESIZE)) + more, before_.rlim_max};
        setrlimit(RLIMIT_AS, &limit);
    }
    ~NoMoreThan() { setrlimit(RLIMIT_AS, &before_); }
    NoMoreThan(const NoMoreThan&) = delete;
    NoMoreThan& operator=(const NoMoreThan&) = delete;

private:
    rlimit before_{};
};

StagedFrame discs() {
    StagedFrame staged;
    for (int i = 0; i < 3; ++i) {
        StagedLayer layer{layers::shape, {}, {}, "disc", Colour{0xe0a040}, {}};
        layer.values.set("x", i * 100.0);
        layer.values.set("blur", 6);
        staged.layers.push_back(layer);
    }
    return staged;
}

constexpr rlim_t some = 48 << 20;

} // namespace

class TestLackOfMemory : public QObject {
    Q_OBJECT
private slots:
    void initTestCase() {
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
        QSKIP("sanitizers take their memory beforehand");
#endif
        // The toolkit waits for ever for threads that could not be started: they are there before memory is
        // short.
        QThreadPool::globalInstance()->setExpiryTimeout(-1);
        (void)composed(discs(), {1920, 1080});
    }

    void pictures_are_smaller() {
        std::atomic<int> painted = 0;
        FramePainter painter([&] { ++painted; });
        const QSize large(7680, 4320); // 133 MB each
        const auto paint = [&] {
            const int before = painted;
            painter.paint({Frames(1), discs(), {}, large});
            [&] { QTRY_VERIFY_WITH_TIMEOUT(painted > before, 60000); }();
            return painter.take();
        };
        {
            const NoMoreThan limit(some);
            const auto made = paint();
            QVERIFY(made && made->smaller);
            QVERIFY2(made->image.isNull() || made->image.width() < large.width(),
                     qPrintable(QString::number(made->image.width())));
            QVERIFY(!made->image.isNull());
            QVERIFY(made->image.pixelColor(made->image.rect().center()).red() >
                    200); // it is the same picture
        }
        const auto made = paint(); // once there is memory again
        QVERIFY(made && !made->smaller);
        QCOMPARE(made->image.size(), large);
    }

    void a_film_is_refused() {
        const auto project = load_project(PULSEPIN_DEMO "/kite-day-in-motion.pulsepin");
        QVERIFY(project.has_value());
        const auto curves = curves_of_project(*project);
        QVERIFY(curves.has_value());
        QTemporaryDir folder;
        FilmOptions options;
        options.width = 4096;
        options.height = 2304;
        options.first = Frames(600);
        options.until = Frames(606);
        auto film = planned_film(*curves, nullptr, options);
        QVERIFY(film.has_value());
        film->spec.format = film_format("ffv1");
        const std::filesystem::path path = folder.filePath("large.mkv").toStdString();
        {
            const NoMoreThan limit(some);
            const auto done = guarded([&] { return render_film(*film, path); }); // as jobs of the window are
            QVERIFY(!done.has_value());
            QVERIFY2(!done.error().what.empty(), done.error().message().c_str());
        }
        QVERIFY(!std::filesystem::exists(path)); // nothing half done is left
        QVERIFY(std::filesystem::is_empty(folder.path().toStdString()));
    }

    void a_clip_is_told_and_comes_later() {
        std::atomic<int> arrived = 0;
        ShotPictures pictures([&] { ++arrived; });
        pictures.set_size({7680, 4320});
        const ShotPictures::Wanted wanted{{PULSEPIN_DEMO "/crowd.webm"}, Seconds(1)};
        {
            const NoMoreThan limit(some);
            (void)pictures.picture(wanted, std::nullopt);
            QTRY_VERIFY_WITH_TIMEOUT(
                !pictures.trouble(wanted.clip).empty() || pictures.picture(wanted, std::nullopt), 30000);
        }
        pictures.set_size({320, 180}); // which there is memory for
        QTRY_VERIFY_WITH_TIMEOUT(pictures.picture(wanted, std::nullopt).has_value(), 30000);
    }

    void what_happens_beside_is_told_to_who_waits() {
        const auto work = [](std::size_t i) {
            if (i == 3)
                throw std::bad_alloc();
            return i;
        };
        std::size_t taken = 0;
        const auto done = guarded([&] {
            return in_order(8, {}, work, [&](std::size_t, std::size_t) -> Result<void> {
                ++taken;
                return {};
            });
        });
        QVERIFY(!done.has_value());
        QCOMPARE(done.error().kind, ErrorKind::Broken);
        QVERIFY(taken <= 3);
    }
};

PULSEPIN_TEST_CLASS(TestLackOfMemory, "test_lack_of_memory")
#include "test_lack_of_memory.moc"
