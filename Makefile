# Everything runs from a virtual environment in the checkout; `tools/setup.sh` makes it when needed.
PY := .venv/bin/python
export PYTHONDONTWRITEBYTECODE :=

.PHONY: setup demo test lint bench figures screenshots desktop clean

setup:
	@bash tools/setup.sh

demo: setup
	@.venv/bin/overlay demo

test: setup
	@$(PY) -m tests

lint: setup
	@.venv/bin/ruff check overlay tests bench tools
	@.venv/bin/ruff format --check overlay tests bench tools
	@.venv/bin/mypy
	@.venv/bin/lint-imports

bench: setup
	@$(PY) -m bench

figures: setup
	@$(PY) tools/figures.py docs/figures

screenshots: setup
	@bash tools/with_display.sh $(PY) tools/screenshots.py docs/screenshots

desktop: setup
	@bash tools/install_desktop.sh

clean:
	rm -rf .venv build *.egg-info .mypy_cache .ruff_cache
