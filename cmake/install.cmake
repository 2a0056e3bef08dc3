# What is installed: cmake --install DIR anywhere, or a Debian package by `cpack -G DEB`. The programs hold their fonts and
# pictures in themselves; nothing is looked for by an absolute path.
include(GNUInstallDirs)
set(desktop ${CMAKE_SOURCE_DIR}/packaging/desktop)
set(made ${CMAKE_BINARY_DIR}/installed)
file(MAKE_DIRECTORY ${made})

# Manual pages and completion are made of what the programs tell by --help.
add_custom_command(OUTPUT ${made}/pulsepin.1.gz ${made}/pulsepin-cli.1.gz ${made}/pulsepin-cli.bash ${made}/_pulsepin-cli
    COMMAND sh -c "'${desktop}/window-man' '$<TARGET_FILE:pulsepin>' '${PROJECT_VERSION}' | gzip -9n >'${made}/pulsepin.1.gz'"
    COMMAND sh -c "'$<TARGET_FILE:pulsepin-cli>' describe man | gzip -9n >'${made}/pulsepin-cli.1.gz'"
    COMMAND sh -c "'$<TARGET_FILE:pulsepin-cli>' describe bash >'${made}/pulsepin-cli.bash'"
    COMMAND sh -c "'$<TARGET_FILE:pulsepin-cli>' describe zsh >'${made}/_pulsepin-cli'"
    COMMAND sh -c "gzip -9nc '${CMAKE_SOURCE_DIR}/packaging/debian/changelog' >'${made}/changelog.gz'"
    DEPENDS pulsepin pulsepin-cli ${desktop}/window-man ${CMAKE_SOURCE_DIR}/packaging/debian/changelog VERBATIM)
add_custom_target(pulsepin-described ALL DEPENDS ${made}/pulsepin.1.gz)

install(TARGETS pulsepin pulsepin-cli RUNTIME DESTINATION ${CMAKE_INSTALL_BINDIR})
install(FILES ${made}/pulsepin.1.gz ${made}/pulsepin-cli.1.gz DESTINATION ${CMAKE_INSTALL_MANDIR}/man1)
install(FILES ${made}/pulsepin-cli.bash DESTINATION ${CMAKE_INSTALL_DATADIR}/bash-completion/completions RENAME pulsepin-cli)
install(FILES ${made}/_pulsepin-cli DESTINATION ${CMAKE_INSTALL_DATADIR}/zsh/vendor-completions)
install(FILES ${desktop}/pulsepin.desktop DESTINATION ${CMAKE_INSTALL_DATADIR}/applications)
install(FILES ${desktop}/pulsepin.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/mime/packages)
install(FILES ${desktop}/pulsepin.thumbnailer DESTINATION ${CMAKE_INSTALL_DATADIR}/thumbnailers)
install(FILES ${desktop}/pulsepin.metainfo.xml DESTINATION ${CMAKE_INSTALL_DATADIR}/metainfo
    RENAME org.pulsepin.PulsePin.metainfo.xml)
install(FILES ${desktop}/pulsepin.svg DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/scalable/apps)
foreach(size 16 22 24 32 48 64 128 256)
    install(FILES ${desktop}/icons/pulsepin-${size}.png
        DESTINATION ${CMAKE_INSTALL_DATADIR}/icons/hicolor/${size}x${size}/apps RENAME pulsepin.png)
endforeach()
install(FILES docs/project.schema.json docs/keys.schema.json DESTINATION ${CMAKE_INSTALL_DATADIR}/pulsepin/schemas)
install(DIRECTORY demo/ DESTINATION ${CMAKE_INSTALL_DATADIR}/pulsepin/demo
    FILES_MATCHING PATTERN "*.pulsepin" PATTERN "*.webm" PATTERN "*.opus")
install(FILES README.md docs/glossary.md DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(DIRECTORY docs/manual DESTINATION ${CMAKE_INSTALL_DOCDIR})
install(FILES packaging/debian/copyright ${made}/changelog.gz DESTINATION ${CMAKE_INSTALL_DOCDIR})

set(CPACK_GENERATOR DEB)
set(CPACK_PACKAGE_NAME pulsepin)
set(CPACK_PACKAGE_VERSION ${PROJECT_VERSION})
set(CPACK_PACKAGE_CONTACT "Pulse Pin maintainers <maintainers@pulsepin.example>")
set(CPACK_PACKAGE_DESCRIPTION_SUMMARY "put pictures to music: beats, cuts, effects and lights on one grid")
set(CPACK_PACKAGE_DESCRIPTION "Finds the tempo, the beats and the bars of a song, lets you correct
them, and places markers, cuts, effects, keyframes and lights on that
grid. It plays the result in time with the sound, shows how far each cut
is from its beat, and hands everything on in open formats. There is a
program for the command line, too.")
set(CPACK_STRIP_FILES ON)
set(CPACK_PACKAGING_INSTALL_PREFIX /usr)
set(CPACK_INSTALL_PREFIX /usr)
set(CPACK_DEBIAN_FILE_NAME DEB-DEFAULT)
set(CPACK_DEBIAN_PACKAGE_SECTION video)
set(CPACK_DEBIAN_PACKAGE_PRIORITY optional)
set(CPACK_DEBIAN_PACKAGE_SHLIBDEPS ON)
# What is loaded when it is asked for: pictures in the window, palettes of animated GIF.
set(CPACK_DEBIAN_PACKAGE_DEPENDS "libqt6svg6, libavfilter8")
set(CPACK_DEBIAN_PACKAGE_RECOMMENDS "qt6-wayland, qt6-translations-l10n, fonts-vlgothic | fonts-noto-cjk")
set(CPACK_DEBIAN_PACKAGE_SUGGESTS "qt6-xdgdesktopportal-platformtheme")
set(CPACK_DEBIAN_PACKAGE_CONTROL_STRICT_PERMISSION ON)
include(CPack)
