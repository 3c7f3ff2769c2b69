# Everything runs from a virtual environment in the checkout; `tools/setup.sh` makes it when needed.
PY := .venv/bin/python
export PYTHONDONTWRITEBYTECODE :=

MINUTES ?= 20

.PHONY: setup demo test lint dist fuzz monkey mutants coverage bench figures lexicon-sheet screenshots desktop clean

setup:
	@bash tools/setup.sh

demo: setup
	@.venv/bin/overlay demo

test: setup
	@$(PY) -m tests

translations: setup
	@$(PY) tools/translations.py

lint: setup
	@.venv/bin/ruff check overlay tests bench tools
	@.venv/bin/ruff format --check overlay tests bench tools
	@.venv/bin/mypy
	@.venv/bin/lint-imports

dist: setup
	@rm -rf build dist
	@$(PY) -m pip wheel --quiet --disable-pip-version-check --no-deps --no-build-isolation -w dist .
	@rm -rf build
	@ls dist/*.whl

fuzz: setup
	@$(PY) -m tests.hostile --minutes $(MINUTES) $(if $(SEED),--seed $(SEED))

monkey: setup
	@$(PY) -X faulthandler -m tests.app.monkey --minutes $(MINUTES) $(if $(SEED),--seed $(SEED))

# Not among the requirements: where it is installed, Numba loads it whenever the program starts.
coverage: setup
	@$(PY) -m pip install --quiet --disable-pip-version-check coverage==7.17.5
	@$(PY) -m coverage erase
	@$(PY) -m coverage run -m tests
	@$(PY) -m coverage combine -q
	@$(PY) -m coverage report

mutants: setup
	@$(PY) tools/mutants.py $(if $(SEED),--seed $(SEED))

bench: setup
	@$(PY) -m bench
	@OVERLAY_WHOLE=1 $(PY) -m tests tests/engine/test_monotone.py

figures: setup
	@$(PY) tools/figures.py docs/figures

# Every subject that words draw, on one sheet.
lexicon-sheet: setup
	@$(PY) tools/lexicon_sheet.py build/lexicon && echo build/lexicon/lexicon.png

screenshots: setup
	@bash tools/with_display.sh $(PY) tools/screenshots.py docs/screenshots

desktop: setup
	@bash tools/install_desktop.sh

clean:
	rm -rf .venv build *.egg-info .mypy_cache .ruff_cache
