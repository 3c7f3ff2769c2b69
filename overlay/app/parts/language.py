"""The language of the interface: texts are English in the code, and translated as they are shown.

A catalogue is a Qt Linguist file (`translations/de.ts`), read by a `QTranslator` of our own, so
that nothing is compiled. What is put together at run time is looked up by its pattern: `Rename
mill.png` by `Rename {0}`. Names that people gave stand in such texts as they are.
"""

import re
import xml.etree.ElementTree as ET
from functools import lru_cache
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QLibraryInfo, QLocale, QTranslator

from overlay.app.parts.refusals import GOT, translated

CONTEXT = "overlay"
LANGUAGES = {"en": "English", "de": "Deutsch"}
_FOLDER = Path(__file__).parents[1] / "translations"
_HOLE = re.compile(r"\{(\d)\}")
_spoken: list[QTranslator] = []  # in use; Qt does not keep them alive
_LONGEST = 400  # characters of a text that is looked up by its pattern


def catalogue_file(language: str) -> Path:
    """Where a language's texts lie."""
    return _FOLDER / f"{language}.ts"


def read_catalogue(path: Path) -> dict[str, str]:
    """The translations of a Qt Linguist file by their sources; without those unfinished."""
    found = {}
    for message in ET.parse(path).getroot().iter("message"):  # ours, not from outside
        source, target = message.findtext("source") or "", message.find("translation")
        if target is not None and target.text and target.get("type") is None:
            found[source] = target.text
    return found


class Catalogue(QTranslator):
    """Translations by their sources, patterns among them."""

    def __init__(self, texts: dict[str, str]) -> None:
        super().__init__()
        self.texts = texts
        patterns = [source for source in texts if _HOLE.search(source)]
        # The most said first; of equal ones that with more holes, which may be empty.
        patterns.sort(key=lambda source: (-len(_HOLE.sub("", source)), -len(_HOLE.findall(source))))
        self._patterns = [(_pattern(source), texts[source]) for source in patterns]

    def isEmpty(self) -> bool:
        return not self.texts

    def translate(  # names as Qt has them
        self,
        context: str,
        sourceText: str,  # noqa: N803
        disambiguation: str | None = None,
        n: int = -1,
    ) -> str | None:
        """What Qt asks for; None where it is to look elsewhere: an empty text would be shown."""
        return self.said(sourceText) or None if context == CONTEXT else None

    def said(self, text: str) -> str:
        """A text translated, empty where there is no translation."""
        return self._looked_up(text) or translated(text, self._looked_up)

    @lru_cache(maxsize=4096)  # noqa: B019  it lives as long as the application
    def _looked_up(self, text: str) -> str:
        if text in self.texts:
            return self.texts[text]
        for pattern, target in self._patterns if len(text) <= _LONGEST else ():
            match = pattern.fullmatch(text)
            if match is not None:
                values = [self._part(v) for v in match.groups()]
                return _HOLE.sub(lambda hole, v=values: v[int(hole[1])], target)  # type: ignore[misc]
        return ""

    def _part(self, value: str) -> str:
        """What stands in a hole: a word of ours, a clause that is hung on, else as it is."""
        hung = value.startswith((" ", ",", ";"))
        known = self._looked_up(value) if hung else self.texts.get(value, "")
        return known or (translated(value, self._looked_up) if GOT in value else "") or value


def _pattern(source: str) -> re.Pattern[str]:
    """What a text with holes matches.

    A hole at another's end may hold a clause that is hung on; one at a word's end, its ending; one
    at the beginning, no more than what the rest is said of, or before a quote nothing.
    """
    out = ""
    for place, part in enumerate(_HOLE.split(source)):
        if place % 2 == 0:
            out += re.escape(part)
        elif not out:
            out = "((?:(?!: ).)*?)" if source[3:4] == "“" else "((?:(?!: ).)+?)"
        elif out.endswith(")"):
            out += r"((?:[ ,;\n].*?)?)"
        else:
            out += "(.*?)" if out[-1:].isalpha() else "(.+?)"
    return re.compile(out, re.DOTALL)


def speak(application: QCoreApplication, language: str) -> None:
    """Have an application speak a language from now on; texts that are shown already stay."""
    while _spoken:
        application.removeTranslator(_spoken.pop())
    if language != "en" and catalogue_file(language).exists():
        qt = QTranslator()
        place = QLibraryInfo.path(QLibraryInfo.LibraryPath.TranslationsPath)
        if qt.load(QLocale(language), "qtbase", "_", place):
            _spoken.append(qt)
        _spoken.append(Catalogue(read_catalogue(catalogue_file(language))))
    for translator in _spoken:
        application.installTranslator(translator)


def tr(text: str) -> str:
    """A text of the interface in the language that is spoken."""
    return QCoreApplication.translate(CONTEXT, text) if text else text
