# Parts of a film on one machine, and their join: run by render-with-make, which lays a folder out for it (film-step).
# It holds no names but these: what make reads as a command or a function could stand in one.
ifeq ($(origin PROJECT),command line)
$(error Please use render-with-make PROJECT OUT PARTS: names are not given to make)
endif
parts := $(shell seq $$(cat parts))

.PHONY: film $(parts)
film: $(parts)
	bash ./step join

# What is there already, whole, is not made again: the program looks.
$(parts):
	bash ./step part $@
