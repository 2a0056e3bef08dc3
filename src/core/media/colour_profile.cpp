// SPDX-License-Identifier: GPL-3.0-or-later
#include "media/colour_profile.h"

#include <algorithm>
#include <lcms2.h>

namespace pulsepin {
namespace {

struct CloseProfile {
    void operator()(void* profile) const { cmsCloseProfile(profile); }
};
using Profile = std::unique_ptr<void, CloseProfile>;

} // namespace

struct ColourProfile::Way {
    cmsContext context = cmsCreateContext(nullptr, nullptr); ///< errors in a stranger's profile are not told
    cmsHTRANSFORM transform = nullptr;

    explicit Way(const std::vector<std::uint8_t>& bytes) {
        const Profile from(
            cmsOpenProfileFromMemTHR(context, bytes.data(), static_cast<cmsUInt32Number>(bytes.size()))),
            to(cmsCreate_sRGBProfileTHR(context));
        if (from && to && cmsGetColorSpace(from.get()) == cmsSigRgbData)
            transform = cmsCreateTransformTHR(context, from.get(), TYPE_BGRA_8, to.get(), TYPE_BGRA_8,
                                              INTENT_RELATIVE_COLORIMETRIC,
                                              cmsFLAGS_COPY_ALPHA | cmsFLAGS_BLACKPOINTCOMPENSATION);
    }
    ~Way() {
        if (transform)
            cmsDeleteTransform(transform);
        cmsDeleteContext(context);
    }
    Way(const Way&) = delete;
    Way& operator=(const Way&) = delete;
};

ColourProfile::ColourProfile() = default;
ColourProfile::~ColourProfile() = default;
ColourProfile::ColourProfile(ColourProfile&&) noexcept = default;
ColourProfile& ColourProfile::operator=(ColourProfile&&) noexcept = default;

bool ColourProfile::take(const AVFrame& frame) {
    const auto* told = av_frame_get_side_data(&frame, AV_FRAME_DATA_ICC_PROFILE);
    if (!told || !told->data)
        return false;
    if (!way_ || !std::equal(known_.begin(), known_.end(), told->data, told->data + told->size)) {
        known_.assign(told->data, told->data + told->size);
        way_ = std::make_unique<Way>(known_);
    }
    return way_->transform != nullptr;
}

void ColourProfile::to_srgb(PaddedPixels& pixels) const {
    const auto stride = static_cast<cmsUInt32Number>(pixels.stride);
    cmsDoTransformLineStride(way_->transform, pixels.bytes.data(), pixels.bytes.data(),
                             static_cast<cmsUInt32Number>(pixels.width),
                             static_cast<cmsUInt32Number>(pixels.height), stride, stride, 0, 0);
}

} // namespace pulsepin
