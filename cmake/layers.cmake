# A layer is one static library that sees only the layers it names: each layer's headers are reached through an
# include directory of its own that holds nothing but a link to the layer's folder, so that
# #include "schedule/picker.h" fails to compile in a layer that was not given `schedule`.

# For loops over samples and pixels. Under sanitizers all is compiled alike: the compiler breaks down over precompiled
# headers of another level.
set(pulsepin_quickest -O3)
if(PULSEPIN_SANITIZE)
    set(pulsepin_quickest -O1)
endif()

function(pulsepin_warnings target)
    target_compile_options(${target} PRIVATE -Wall -Wextra -Wconversion -Wshadow -Wnon-virtual-dtor -Werror)
    if(PULSEPIN_SANITIZE)
        # GCC 12 sees members of variants as uninitialised once they are instrumented, and fmt writing beyond its end.
        target_compile_options(${target} PRIVATE -O1 -Wno-maybe-uninitialized -Wno-stringop-overflow -fsanitize=${PULSEPIN_SANITIZE}
            -fno-omit-frame-pointer -fno-sanitize-recover=undefined)
        target_link_options(${target} PRIVATE -fsanitize=${PULSEPIN_SANITIZE})
    endif()
endfunction()

# A dozen files are compiled at a time: the headers that they have in common, and what they instantiate of them, take
# longer than the files themselves. Rows of a table, whose files have the same names in them, stay alone.
# pulsepin_together(<target> [ALONE <files, or parts of paths>])
function(pulsepin_together target)
    cmake_parse_arguments(T "" "" "ALONE" ${ARGN})
    set_target_properties(${target} PROPERTIES UNITY_BUILD ON UNITY_BUILD_BATCH_SIZE 12)
    get_target_property(files ${target} SOURCES)
    foreach(file IN LISTS files)
        foreach(part IN LISTS T_ALONE)
            if(file MATCHES "${part}")
                set_source_files_properties(${file} TARGET_DIRECTORY ${target}
                    PROPERTIES SKIP_UNITY_BUILD_INCLUSION ON)
            endif()
        endforeach()
    endforeach()
endfunction()

# pulsepin_layer(NAME <name> DIR <folder> SOURCES <files> [SEES <layers>] [USES <libraries>] [HIDES <libraries>])
function(pulsepin_layer)
    cmake_parse_arguments(L "" "NAME;DIR" "SOURCES;SEES;USES;HIDES" ${ARGN})
    set(gate ${CMAKE_BINARY_DIR}/layers/${L_NAME})
    file(MAKE_DIRECTORY ${gate})
    file(CREATE_LINK ${L_DIR} ${gate}/${L_NAME} SYMBOLIC)
    list(TRANSFORM L_SOURCES PREPEND ${L_DIR}/)
    add_library(pulsepin_${L_NAME} STATIC ${L_SOURCES})
    target_include_directories(pulsepin_${L_NAME} PUBLIC ${gate})
    foreach(seen IN LISTS L_SEES)
        target_link_libraries(pulsepin_${L_NAME} PUBLIC pulsepin_${seen})
    endforeach()
    target_link_libraries(pulsepin_${L_NAME} PUBLIC ${L_USES} PRIVATE ${L_HIDES})
    pulsepin_warnings(pulsepin_${L_NAME})
endfunction()
