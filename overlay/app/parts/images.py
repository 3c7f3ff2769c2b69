"""Between arrays and Qt's images."""

import numpy as np
from PySide6.QtCore import QRectF
from PySide6.QtGui import QImage, QPainter

from overlay.app.parts.mips import prepare
from overlay.imaging.colour import ByteImage, FloatImage

_LARGE = 1_000_000  # pixels; smaller sizes are made at once, mostly on a worker's thread


def to_image(rgb: ByteImage) -> QImage:
    """A QImage that owns a copy of `(H, W, 3)` uint8 sRGB."""
    rgb = np.ascontiguousarray(rgb)
    height, width = rgb.shape[:2]
    view = QImage(rgb.data, width, height, 3 * width, QImage.Format.Format_RGB888)
    image = view.convertToFormat(QImage.Format.Format_RGB32)
    return prepare(image) if height * width > _LARGE else image


def grey_to_image(values: FloatImage) -> QImage:
    """A QImage of `(H, W)` float32 in 0..1, black to white."""
    grey = np.ascontiguousarray((values.clip(0, 1) * 255 + 0.5).astype(np.uint8))
    height, width = grey.shape
    return QImage(grey.data, width, height, width, QImage.Format.Format_Grayscale8).copy()


def from_image(image: QImage) -> ByteImage:
    """`(H, W, 3)` uint8 sRGB from any QImage; transparency is dropped."""
    plain = image.convertToFormat(QImage.Format.Format_RGB888)
    rows = np.frombuffer(plain.constBits(), np.uint8).reshape(plain.height(), -1)
    return rows[:, : 3 * plain.width()].reshape(plain.height(), plain.width(), 3).copy()


def paint_filling(painter: QPainter, image: QImage, box: QRectF) -> None:
    """Paint the middle of a picture so that it fills a box."""
    aspect = box.width() / box.height()
    width = min(float(image.width()), image.height() * aspect)
    height = width / aspect
    part = QRectF((image.width() - width) / 2, (image.height() - height) / 2, width, height)
    painter.drawImage(box, image, part)
