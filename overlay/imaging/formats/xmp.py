"""What a picture says of itself: an XMP packet (ISO 16684-1), and the recipe found in one.

It names the IPTC digital source type, who made it and what it is called, and holds the recipe.
"""

import re
from dataclasses import dataclass
from xml.etree import ElementTree
from xml.sax.saxutils import unescape

_RDF = "http://www.w3.org/1999/02/22-rdf-syntax-ns#"
_DC = "http://purl.org/dc/elements/1.1/"
_IPTC = "http://iptc.org/std/Iptc4xmpExt/2008-02-29/"
_OURS = "urn:overlay:recipe:1"
_XML = "http://www.w3.org/XML/1998/namespace"
_ALGORITHMIC = "http://cv.iptc.org/newscodes/digitalsourcetype/algorithmicMedia"
_BEGIN = '<?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>'
_END = '<?xpacket end="r"?>'
# Compiled when first used: a set of all that can be said takes a hundredth of a program's start.
_RECIPE = r"<overlay:recipe>(.*?)</overlay:recipe>"
# What XML cannot hold, even escaped.
_UNSPEAKABLE = "[^\t\n\r\u0020-\ud7ff\ue000-\ufffd\U00010000-\U0010ffff]"

for _prefix, _name in (
    ("x", "adobe:ns:meta/"), ("rdf", _RDF), ("dc", _DC), ("Iptc4xmpExt", _IPTC), ("overlay", _OURS),
):  # fmt: skip
    ElementTree.register_namespace(_prefix, _name)


@dataclass(frozen=True)
class Credit:
    """Who made a picture and what it is called; empty says nothing."""

    creator: str = ""
    title: str = ""


def xmp_packet(credit: Credit, recipe: str | None = None) -> str:
    """An XMP packet for a picture that was made by a recipe.

    Parameters
    ----------
    recipe : JSON text to be found again by `recipe_in`, or None.
    """
    root = ElementTree.Element("{adobe:ns:meta/}xmpmeta")
    rdf = ElementTree.SubElement(root, f"{{{_RDF}}}RDF")
    about = ElementTree.SubElement(rdf, f"{{{_RDF}}}Description", {f"{{{_RDF}}}about": ""})
    ElementTree.SubElement(about, f"{{{_IPTC}}}DigitalSourceType").text = _ALGORITHMIC
    if credit.creator:
        _listed(about, "creator", "Seq", credit.creator)
    if credit.title:
        _listed(about, "title", "Alt", credit.title).set(f"{{{_XML}}}lang", "x-default")
    if recipe is not None:
        ElementTree.SubElement(about, f"{{{_OURS}}}recipe").text = recipe
    return _BEGIN + ElementTree.tostring(root, encoding="unicode") + _END


def _listed(about: ElementTree.Element, key: str, kind: str, text: str) -> ElementTree.Element:
    """A property of Dublin Core, which are lists in XMP; its one entry."""
    listed = ElementTree.SubElement(about, f"{{{_DC}}}{key}")
    entry = ElementTree.SubElement(
        ElementTree.SubElement(listed, f"{{{_RDF}}}{kind}"), f"{{{_RDF}}}li"
    )
    entry.text = re.sub(_UNSPEAKABLE, " ", text)
    return entry


def recipe_in(packet: bytes) -> str | None:
    """The recipe that a packet of ours holds, or None."""
    found = re.search(_RECIPE, packet.decode("utf-8", errors="replace"), re.DOTALL)
    return None if found is None else unescape(found[1])
