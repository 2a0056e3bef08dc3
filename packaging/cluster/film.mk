# A film in parts on one machine; a part that is there is not made again.
#   make -j2 -f film.mk PROJECT=piece.pulsepin OUT=piece.mp4 PARTS=4 [RENDER="--target web"] [PULSEPIN_CLI=...]
PULSEPIN_CLI ?= pulsepin-cli
PARTS ?= 4
WORK ?= $(OUT).parts
parts := $(foreach k,$(shell seq $(PARTS)),$(WORK)/part-$(k))

$(OUT): $(parts)
	$(PULSEPIN_CLI) join $(parts) -o $@ --force

$(WORK)/part-%: $(PROJECT)
	@mkdir -p $(WORK)
	$(PULSEPIN_CLI) render $(PROJECT) --part $*/$(PARTS) $(RENDER) --threads 1 --quiet -o $@
	@touch $@

.DELETE_ON_ERROR:
