// SPDX-License-Identifier: GPL-3.0-or-later
//
// Draws the six shots of the kite day and encodes them with ffmpeg: pulsepin-demo-clips FOLDER
#include <QGuiApplication>
#include <QImage>
#include <QLinearGradient>
#include <QPainter>
#include <QPainterPath>
#include <cmath>
#include <cstdio>
#include <numbers>
#include <string>

namespace {

constexpr int width = 640, height = 360, frames_per_second = 24;
constexpr double pi = std::numbers::pi;

void sky(QPainter& p, const QColor& top, const QColor& bottom) {
    QLinearGradient gradient(0, 0, 0, height);
    gradient.setColorAt(0, top);
    gradient.setColorAt(1, bottom);
    p.fillRect(0, 0, width, height, gradient);
}

void hill(QPainter& p, double base, double swell, double phase, const QColor& colour) {
    QPainterPath path(QPointF(0, height));
    for (int x = 0; x <= width; x += 8)
        path.lineTo(x, base + swell * std::sin(phase + x * 2 * pi / width));
    path.lineTo(width, height);
    p.fillPath(path, colour);
}

void river(QPainter& p, double t) {
    p.fillRect(QRectF(0, height - 46, width, 46), QColor("#5b84a0"));
    p.setPen(QPen(QColor(255, 255, 255, 60), 2));
    for (int i = 0; i < 14; ++i) {
        const double x = std::fmod(i * 97 + t * (18 + i % 4 * 7), width + 80.0) - 40;
        p.drawLine(QPointF(x, height - 38 + i % 5 * 8), QPointF(x + 34, height - 38 + i % 5 * 8));
    }
}

/// The kite stands at (0, 0), nose up; `size` is half its height.
void kite(QPainter& p, double size) {
    const double w = size * 0.68;
    const auto quarter = [&](QPointF side, QPointF end, const char* colour) {
        QPainterPath path(QPointF(0, -size * 0.28));
        path.lineTo(side);
        path.lineTo(end);
        path.closeSubpath();
        p.fillPath(path, QColor(colour));
    };
    const QPointF left(-w, -size * 0.28), right(w, -size * 0.28), top(0, -size), bottom(0, size);
    quarter(left, top, "#c33b2b");
    quarter(right, top, "#f2b233");
    quarter(left, bottom, "#8a2742");
    quarter(right, bottom, "#c33b2b");
}

void tail(QPainter& p, QPointF from, double length, double t, double width_of_line) {
    QPainterPath path(from);
    for (int i = 1; i <= 40; ++i) {
        const double share = i / 40.0;
        path.lineTo(from.x() + std::sin(t * 4 - share * 9) * 26 * share * length / 160,
                    from.y() + share * length);
    }
    p.setPen(QPen(QColor("#f6f1e4"), width_of_line, Qt::SolidLine, Qt::RoundCap));
    p.setBrush(Qt::NoBrush);
    p.drawPath(path);
}

void spool(QPainter& p, double t) {
    sky(p, QColor("#d9c9a0"), QColor("#b98d57"));
    p.setPen(QPen(QColor("#f6f1e4"), 3));
    p.drawLine(QPointF(322, 150), QPointF(660, 20 + 12 * std::sin(t * 3)));
    p.save();
    p.translate(300, 200);
    p.rotate(t * 140);
    p.setPen(Qt::NoPen);
    p.setBrush(QColor("#6b4423"));
    p.drawEllipse(QPointF(0, 0), 104, 104);
    p.setBrush(QColor("#efe4c8"));
    p.drawEllipse(QPointF(0, 0), 78, 78);
    p.setPen(QPen(QColor("#c9b88f"), 2));
    for (int ring = 20; ring < 78; ring += 8)
        p.drawEllipse(QPointF(0, 0), ring, ring);
    p.setPen(QPen(QColor("#6b4423"), 12, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(-96, 0), QPointF(96, 0));
    p.drawLine(QPointF(0, -96), QPointF(0, 96));
    p.restore();
}

void launch(QPainter& p, double t) {
    sky(p, QColor("#4f7fae"), QColor("#dfe6d8"));
    hill(p, 270, 26, 0.4, QColor("#7f9a6a"));
    river(p, t);
    const double rise = std::min(1.0, t / 7.0);
    p.save();
    p.translate(180 + 210 * rise, 290 - 210 * rise + 8 * std::sin(t * 5));
    p.rotate(12 * std::sin(t * 2.6));
    tail(p, QPointF(0, 46), 90, t, 3);
    kite(p, 46);
    p.restore();
}

void tail_shot(QPainter& p, double t) {
    sky(p, QColor("#e59a7c"), QColor("#f4d8b8"));
    p.setPen(QPen(QColor("#8a2742"), 5, Qt::SolidLine, Qt::RoundCap));
    QPainterPath line(QPointF(-20, 60));
    const auto y = [t](double x) { return 60 + x * 0.34 + std::sin(x / 70.0 - t * 5) * (18 + x / 14.0); };
    for (int x = -20; x <= width + 20; x += 6)
        line.lineTo(x, y(x));
    p.drawPath(line);
    for (int i = 0; i < 6; ++i) {
        const double x = 60 + i * 108;
        p.save();
        p.translate(x, y(x));
        p.rotate(24 * std::sin(t * 5 - i));
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(i % 2 == 0 ? "#c33b2b" : "#f2b233"));
        for (const int side : {-1, 1}) {
            QPainterPath bow(QPointF(0, 0));
            bow.lineTo(side * 40, -24);
            bow.lineTo(side * 40, 24);
            bow.closeSubpath();
            p.drawPath(bow);
        }
        p.restore();
    }
}

void crowd(QPainter& p, double t) {
    sky(p, QColor("#9db68c"), QColor("#e9ead0"));
    hill(p, 240, 18, 2.0, QColor("#7f9a6a"));
    for (int i = 0; i < 3; ++i) {
        p.save();
        p.translate(120 + i * 200 + 14 * std::sin(t * 1.7 + i), 80 + i % 2 * 34 + 8 * std::cos(t * 2 + i));
        kite(p, 20);
        p.restore();
    }
    for (int row = 0; row < 2; ++row)
        for (int i = 0; i < 9; ++i) {
            const double jump = std::max(0.0, std::sin(t * 2 * pi * 118 / 120 + i * 1.3)) * 14;
            const double x = 30 + i * 74 + row * 36, y = 262 + row * 52 - jump;
            p.setPen(Qt::NoPen);
            p.setBrush(QColor(row == 0 ? "#39513f" : "#22332b"));
            p.drawEllipse(QPointF(x, y), 20, 22);
            p.drawRoundedRect(QRectF(x - 30, y + 20, 60, 130), 24, 24);
            if (i % 3 == 0) {
                p.setPen(QPen(p.brush().color(), 12, Qt::SolidLine, Qt::RoundCap));
                p.drawLine(QPointF(x + 20, y + 34), QPointF(x + 34, y - 30 - jump));
            }
        }
}

void loop(QPainter& p, double t) {
    sky(p, QColor("#f2c14e"), QColor("#f7e7b8"));
    hill(p, 310, 14, 1.2, QColor("#9c8a4a"));
    const double angle = t * 2.1 - pi / 2;
    const auto place = [](double a) { return QPointF(320 + 150 * std::cos(a), 165 + 105 * std::sin(a)); };
    QPainterPath path(place(angle));
    for (int i = 1; i < 40; ++i)
        path.lineTo(place(angle - i * 0.05));
    p.setPen(QPen(QColor("#fffaf0"), 4, Qt::SolidLine, Qt::RoundCap));
    p.drawPath(path);
    p.save();
    p.translate(place(angle));
    p.rotate(angle * 180 / pi + 180);
    kite(p, 44);
    p.restore();
}

void landing(QPainter& p, double t) {
    sky(p, QColor("#2c4a6e"), QColor("#e08a55"));
    hill(p, 292, 22, 4.0, QColor("#2b3a35"));
    for (int i = 0; i < 8; ++i) {
        const double glow = 0.55 + 0.45 * std::sin(t * 3 + i * 0.9);
        p.setPen(Qt::NoPen);
        p.setBrush(QColor(242, 178, 51, static_cast<int>(60 * glow)));
        p.drawEllipse(QPointF(52 + i * 77, 300), 24, 24);
        p.setBrush(QColor(242, 178, 51, static_cast<int>(120 + 135 * glow)));
        p.drawRoundedRect(QRectF(52 + i * 77 - 9, 288, 18, 26), 6, 6);
    }
    const double fall = std::min(1.0, t / 6.5);
    p.save();
    p.translate(300 + 150 * fall, 70 + 175 * fall * fall + 5 * std::sin(t * 4));
    p.rotate(18 * std::sin(t * 2) * (1 - fall) + 26 * fall);
    tail(p, QPointF(0, 60), 110 * (1 - 0.6 * fall), t, 4);
    kite(p, 60);
    p.restore();
}

struct Shot {
    const char* name;
    void (*draw)(QPainter&, double seconds);
    int seconds = 9;
};

constexpr Shot shots[] = {
    {"spool", spool}, {"launch", launch}, {"tail", tail_shot},
    {"crowd", crowd}, {"loop", loop},     {"landing", landing, 46}}; // the last one lasts until the song ends

bool encode(const Shot& shot, const std::string& folder) {
    const std::string command =
        "ffmpeg -loglevel error -y -f rawvideo -pix_fmt bgra -s " + std::to_string(width) + "x" +
        std::to_string(height) + " -r " + std::to_string(frames_per_second) +
        " -i - -pix_fmt yuv420p -c:v libvpx-vp9 -b:v 0 -crf 36 -g 24 -row-mt 1 -map_metadata "
        "-1 -fflags +bitexact '" +
        folder + "/" + shot.name + ".webm'";
    FILE* pipe = popen(command.c_str(), "w");
    if (!pipe)
        return false;
    for (int frame = 0; frame < shot.seconds * frames_per_second; ++frame) {
        QImage image(width, height, QImage::Format_RGB32);
        QPainter painter(&image);
        painter.setRenderHint(QPainter::Antialiasing);
        shot.draw(painter, static_cast<double>(frame) / frames_per_second);
        painter.end();
        std::fwrite(image.constBits(), 1, static_cast<std::size_t>(image.sizeInBytes()), pipe);
    }
    return pclose(pipe) == 0;
}

} // namespace

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    const QGuiApplication app(argc, argv);
    if (argc != 2) {
        std::fputs("usage: pulsepin-demo-clips FOLDER\n", stderr);
        return 1;
    }
    for (const auto& shot : shots)
        if (!encode(shot, argv[1])) {
            std::fprintf(stderr, "%s could not be encoded\n", shot.name);
            return 1;
        }
    return 0;
}
