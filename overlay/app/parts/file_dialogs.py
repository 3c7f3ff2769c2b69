"""Asking for files, where they are or where they are to be."""

from pathlib import Path

from PySide6.QtWidgets import QFileDialog, QWidget

from overlay.app.parts.language import tr

PICTURES = MASKS = "Pictures (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora)"
TRAY = "Pictures and palettes (*.png *.jpg *.jpeg *.webp *.tif *.tiff *.ora *.gpl)"


def ask_open(host: QWidget, title: str, folder: str, kinds: str) -> Path | None:
    """One file to be read, or None; `folder` is where the search begins."""
    name, _ = QFileDialog.getOpenFileName(host, tr(title), folder, tr(kinds))
    return Path(name) if name else None


def ask_save(host: QWidget, title: str, place: str, kinds: str) -> Path | None:
    """Where a file is to be written, or None; `place` is what is offered."""
    name, _ = QFileDialog.getSaveFileName(host, tr(title), place, tr(kinds))
    return Path(name) if name else None


def ask_export(host: QWidget, name: str, folder: str) -> Path | None:
    """Where a proof is to be written as a picture, or None."""
    return ask_save(host, "Export proof", str(Path(folder, name)) if folder else name, PICTURES)
