"""Colours, sizes and style sheet: a printer's workshop, quiet so that pictures can be judged."""

from dataclasses import dataclass
from pathlib import Path

from PySide6.QtCore import Qt
from PySide6.QtGui import QColor, QFont, QGuiApplication, QPalette
from PySide6.QtWidgets import QApplication, QWidget

PANEL = QPalette.ColorRole.AlternateBase  # what a panel without a style sheet is filled with


@dataclass(frozen=True)
class Tones:
    """The colours of one theme, as `#rrggbb`."""

    surround: str  # around the picture
    panel: str
    bench: str  # behind the panels
    well: str  # behind envelopes, faders and fields
    ink: str
    faint: str  # secondary text, at least 4.5:1 on panel
    hairline: str  # parts one thing from the next; says nothing by itself
    edge: str  # around what can be worked, at least 3:1 on panel, bench and well
    register: str  # the one accent
    alarm: str  # text that refuses, at least 4.5:1 on panel
    on_register: str


LIGHT = Tones(
    surround="#9a9a98",
    panel="#f1f0ec",
    bench="#dcdbd6",
    well="#e6e4de",
    ink="#23221f",
    faint="#5d5b55",
    hairline="#bdbbb4",
    edge="#7a7872",
    register="#c23f2d",
    alarm="#b03422",
    on_register="#ffffff",
)
DARK = Tones(
    surround="#4a4a49",
    panel="#2d2d2b",
    bench="#232321",
    well="#393936",
    ink="#ecebe6",
    faint="#b3b1aa",
    hairline="#52514d",
    edge="#878680",
    register="#c9452f",
    alarm="#ff8b78",
    on_register="#ffffff",
)

# Eight hues that stay apart for colour-blind eyes (Okabe and Ito 2008); cues take them in order.
CUE_COLOURS = (
    "#0072b2", "#e69f00", "#009e73", "#cc79a7", "#56b4e9", "#d55e00", "#b9a800", "#6f6f6f",
)  # fmt: skip

ROW = 30
_TEXT, _LARGER = 12, 15  # pixels of text, at 96 dots per inch

_current = LIGHT


def tones() -> Tones:
    """The colours in use."""
    return _current


def tone(name: str) -> QColor:
    """One of the colours in use, by its field's name."""
    return QColor(getattr(_current, name))


def cue_colour(index: int) -> QColor:
    """The colour of the cue at a place on the sheet."""
    return QColor(CUE_COLOURS[index % len(CUE_COLOURS)])


def apply_theme(application: QApplication, *, dark: bool = False, larger: bool = False) -> None:
    """Give the application its style, the colours of a theme, and text two points larger if wished.

    Style and font only where they differ: either polishes every widget again. Style sheets are
    for the parts of a window (`dress`): one for all takes four times as long, and hidden parts can
    wait.
    """
    global _current
    _current = DARK if dark else LIGHT
    if not application.property("styled"):
        application.setProperty("styled", "yes")
        application.setStyle("Fusion")
    pixels = _LARGER if larger else _TEXT
    if application.property("text") != pixels:
        application.setProperty("text", pixels)
        font = QFont("DejaVu Sans")
        font.setPixelSize(pixels)
        application.setFont(font)
    application.setPalette(_palette(_current))


def dress(part: QWidget) -> None:
    """Put the theme's style sheet on a dialog or a part of a window, unless it wears it."""
    if not is_dressed(part):
        part.setProperty("wears", _worn())
        part.setStyleSheet(_style_sheet(_current))


def is_dressed(part: QWidget) -> bool:
    """Whether a part wears the theme in use."""
    return bool(part.property("wears") == _worn())


def _worn() -> str:
    """The theme and the size of text in use."""
    application = QApplication.instance()
    return f"{_current.panel} {application.property('text') if application else ''}"


def wants_dark(theme: str) -> bool:
    """Whether a theme of the settings is dark: its own word, or the desktop's."""
    if theme == "desktop":
        return QGuiApplication.styleHints().colorScheme() == Qt.ColorScheme.Dark
    return theme == "dark"


def _palette(t: Tones) -> QPalette:
    palette = QPalette()
    roles = {
        QPalette.ColorRole.Window: t.bench,
        QPalette.ColorRole.Base: t.well,
        PANEL: t.panel,
        QPalette.ColorRole.Button: t.panel,
        QPalette.ColorRole.WindowText: t.ink,
        QPalette.ColorRole.Text: t.ink,
        QPalette.ColorRole.ButtonText: t.ink,
        QPalette.ColorRole.PlaceholderText: t.faint,
        QPalette.ColorRole.ToolTipBase: t.panel,
        QPalette.ColorRole.ToolTipText: t.ink,
        QPalette.ColorRole.Highlight: t.register,
        QPalette.ColorRole.HighlightedText: t.on_register,
        QPalette.ColorRole.Link: t.alarm,
        QPalette.ColorRole.LinkVisited: t.alarm,
        QPalette.ColorRole.Mid: t.hairline,
        QPalette.ColorRole.Dark: t.hairline,
    }
    for role, colour in roles.items():
        palette.setColor(role, QColor(colour))
    return palette


def _drawn(name: str, t: Tones) -> str:
    """The file of a small drawing of a theme: a tick in the panel's colour, an arrow in ink."""
    ending = "dark" if t is DARK else "light"
    return (Path(__file__).parents[1] / "icons" / f"{name}-{ending}.svg").as_posix()


def _style_sheet(t: Tones) -> str:
    parts = (_panels, _buttons, _boxes, _fields_and_lists, _menus, _tables, _arrows_and_sliders)
    return "".join(part(t) for part in parts)


def _panels(t: Tones) -> str:
    return f"""
    QMainWindow, QDialog {{ background: {t.bench}; }}
    QFrame[panel="true"] {{ background: {t.panel}; border: none; }}
    QFrame[gap="true"] {{ background: {t.register}; border: none; }}
    QLabel[role="title"] {{ font-weight: 600; }}
    QLabel[role="faint"] {{ color: {t.faint}; }}
    QLabel[role="error"] {{ color: {t.alarm}; font-weight: 600; }}
    QToolTip {{ background: {t.panel}; color: {t.ink}; border: 1px solid {t.hairline}; }}
    """


def _buttons(t: Tones) -> str:
    return f"""
    QPushButton, QToolButton {{
        background: {t.panel}; color: {t.ink}; border: 1px solid {t.edge};
        border-radius: 3px; padding: 3px 8px; min-height: 18px;
    }}
    QToolButton {{ padding: 2px; }}
    QToolButton[wide="true"] {{ padding: 2px 6px; }}
    QToolButton[tight="true"] {{ padding: 2px 1px; }}
    QToolButton[tab="true"] {{
        border: none; border-bottom: 2px solid {t.hairline}; border-radius: 0; padding: 3px 4px;
    }}
    QToolButton[tab="true"]:checked {{
        background: {t.panel}; color: {t.ink}; border-bottom: 2px solid {t.register};
        font-weight: 600;
    }}
    QPushButton:hover, QToolButton:hover {{ background: {t.well}; }}
    QPushButton:focus, QToolButton:focus {{ border: 1px solid {t.ink}; }}
    QToolButton:checked {{ background: {t.ink}; color: {t.panel}; border-color: {t.ink}; }}
    QToolButton:checked:focus {{ border: 1px solid {t.register}; }}
    QToolButton[tab="true"]:checked:focus {{
        border: 1px solid {t.ink}; border-bottom: 2px solid {t.register};
    }}
    QPushButton:disabled, QToolButton:disabled {{
        color: {t.faint}; border-color: {t.hairline};
    }}
    QPushButton[primary="true"] {{
        background: {t.register}; color: {t.on_register}; border: none; font-weight: 600;
        padding: 4px 18px;
    }}
    QPushButton[primary="true"]:focus {{ border: 1px solid {t.ink}; }}
    QPushButton[primary="true"]:disabled {{
        background: {t.well}; color: {t.faint}; border: 1px solid {t.hairline};
    }}
    QToolButton[kind="true"] {{ min-height: 58px; max-height: 58px; padding: 1px; }}
    QToolButton[chip="true"] {{
        background: {t.well}; color: {t.faint}; border: 1px solid {t.edge};
        border-radius: 9px; padding: 1px 5px; min-height: 20px;
    }}
    QToolButton[chip="true"]:focus {{ border: 1px solid {t.ink}; color: {t.ink}; }}
    """


def _boxes(t: Tones) -> str:
    return f"""
    QCheckBox {{ spacing: 6px; min-height: 24px; }}
    QCheckBox:focus {{ color: {t.register}; }}
    QCheckBox::indicator, QListView::indicator {{
        width: 12px; height: 12px; background: {t.well}; border: 1px solid {t.faint};
        border-radius: 2px;
    }}
    QCheckBox::indicator:checked, QListView::indicator:checked {{
        background: {t.ink}; border: 1px solid {t.ink}; image: url("{_drawn("tick", t)}");
    }}
    """


def _fields_and_lists(t: Tones) -> str:
    return f"""
    QSpinBox, QDoubleSpinBox, QLineEdit, QComboBox {{
        background: {t.well}; color: {t.ink}; border: 1px solid {t.edge}; border-radius: 3px;
        padding: 1px 4px; min-height: 20px; selection-background-color: {t.register};
    }}
    QSpinBox[beside="fields"] {{ padding: 0 4px; min-height: 19px; }}
    QSpinBox:focus, QDoubleSpinBox:focus, QLineEdit:focus, QComboBox:focus {{
        border: 1px solid {t.ink};
    }}
    QSpinBox:disabled, QDoubleSpinBox:disabled, QLineEdit:disabled, QComboBox:disabled {{
        color: {t.faint}; border-color: {t.hairline};
    }}
    QSpinBox::up-button, QSpinBox::down-button,
    QDoubleSpinBox::up-button, QDoubleSpinBox::down-button {{ width: 0; border: none; }}
    QPlainTextEdit, QTextBrowser {{
        background: {t.well}; color: {t.ink}; border: 1px solid {t.edge}; border-radius: 3px;
        selection-background-color: {t.register};
    }}
    QPlainTextEdit:focus {{ border: 1px solid {t.ink}; }}
    QListView, QTreeView {{
        background: {t.panel}; border: 1px solid {t.panel}; outline: none;
    }}
    QListView:focus, QTreeView:focus {{ border: 1px solid {t.faint}; }}
    QTreeView::item {{ min-height: 22px; }}
    QTreeView::item:selected {{ background: {t.well}; color: {t.ink}; }}
    QListView::item {{ padding: 3px; border-radius: 3px; }}
    QListView::item:selected {{
        background: {t.well}; color: {t.ink}; border: 1px solid {t.register};
    }}
    QScrollArea {{ background: transparent; border: none; }}
    QScrollBar:vertical {{ background: transparent; width: 8px; margin: 0; }}
    QScrollBar::handle:vertical {{
        background: {t.edge}; border-radius: 3px; min-height: 24px;
    }}
    QScrollBar::add-line, QScrollBar::sub-line {{ height: 0; width: 0; }}
    """


def _menus(t: Tones) -> str:
    return f"""
    QMenuBar {{ background: {t.bench}; color: {t.ink}; }}
    QMenuBar::item {{ padding: 4px 10px; background: transparent; }}
    QMenuBar::item:selected {{ background: {t.well}; }}
    QMenu {{ background: {t.panel}; color: {t.ink}; border: 1px solid {t.hairline}; padding: 4px; }}
    QMenu::item {{ padding: 4px 24px 4px 12px; border-radius: 3px; }}
    QMenu::item:selected {{ background: {t.well}; }}
    QMenu::item:disabled {{ color: {t.faint}; }}
    QMenu::separator {{ height: 1px; background: {t.hairline}; margin: 4px 8px; }}
    """


def _tables(t: Tones) -> str:
    return f"""
    QTableView {{ background: {t.panel}; border: none; outline: none; }}
    QTableView::item {{ padding: 0 6px; border-bottom: 1px solid {t.well}; }}
    QTableView::item:selected {{ background: {t.well}; color: {t.ink}; }}
    QTableView::item:focus {{ border: 1px solid {t.register}; }}
    QHeaderView {{ background: {t.panel}; }}
    QHeaderView::section {{
        background: {t.panel}; color: {t.faint}; border: none; padding: 0 6px; min-height: 24px;
        border-bottom: 1px solid {t.hairline};
    }}
    QHeaderView::section:vertical {{ border-bottom: 1px solid {t.well}; }}
    QHeaderView::section:hover {{ color: {t.ink}; }}
    QTableCornerButton::section {{ background: {t.panel}; border: none; }}
    QSplitter::handle {{ background: {t.bench}; }}
    QScrollBar:horizontal {{ background: transparent; height: 8px; margin: 0; }}
    QScrollBar::handle:horizontal {{
        background: {t.edge}; border-radius: 3px; min-width: 24px;
    }}
    """


def _arrows_and_sliders(t: Tones) -> str:
    """One family: what opens has the same arrow, what slides is taken hold of within 24 pixels."""
    return f"""
    QToolButton::menu-indicator {{
        image: url("{_drawn("open", t)}"); width: 8px; height: 8px;
        subcontrol-origin: padding; subcontrol-position: right center; right: 2px;
    }}
    QComboBox:!editable {{ padding-right: 4px; }}
    QComboBox::drop-down {{
        subcontrol-origin: padding; subcontrol-position: center right; width: 18px; border: none;
    }}
    QComboBox::down-arrow {{ image: url("{_drawn("open", t)}"); width: 10px; height: 10px; }}
    QComboBox:hover {{ border: 1px solid {t.faint}; }}
    QSlider:horizontal {{ min-height: 24px; }}
    QSlider::groove:horizontal {{ height: 3px; background: {t.edge}; border-radius: 1px; }}
    QSlider::sub-page:horizontal {{ background: {t.ink}; border-radius: 1px; }}
    QSlider::handle:horizontal {{
        width: 8px; height: 16px; margin: -15px -8px; border: 8px solid transparent;
        border-radius: 10px; background: {t.ink}; background-clip: padding;
    }}
    QSlider::handle:horizontal:focus {{ background: {t.register}; }}
    """
