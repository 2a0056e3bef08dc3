# Words of the window in its languages: translations/*.ts, written by scripts/gather-texts and by translators, become what the
# program reads. In English only how one and several are told.
find_program(LRELEASE /usr/lib/qt6/bin/lrelease REQUIRED)
set(languages ${CMAKE_BINARY_DIR}/languages)
file(MAKE_DIRECTORY ${languages})
set(made_languages)
foreach(language en de ja)
    set(from ${CMAKE_SOURCE_DIR}/translations/pulsepin_${language}.ts)
    set(to ${languages}/pulsepin_${language}.qm)
    add_custom_command(OUTPUT ${to} COMMAND ${LRELEASE} -silent ${from} -qm ${to} DEPENDS ${from} VERBATIM)
    list(APPEND made_languages ${to})
endforeach()
set(forms ${languages}/core-forms.txt)
add_custom_command(OUTPUT ${forms} COMMAND ${CMAKE_COMMAND} -E copy ${CMAKE_SOURCE_DIR}/translations/core-forms.txt ${forms}
    DEPENDS ${CMAKE_SOURCE_DIR}/translations/core-forms.txt VERBATIM)
qt_add_resources(pulsepin_shell languages PREFIX /languages BASE ${languages} FILES ${made_languages} ${forms})
