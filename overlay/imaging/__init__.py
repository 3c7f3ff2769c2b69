"""Arrays that are pictures: colour, resampling, gradients, noise, files.

Two encodings are used, and every function says which:

sRGB
    `(H, W, 3)` uint8, gamma-encoded, as in files.
working space
    `(H, W, 3)` float32: OKLab with L shifted by -0.5 and a, b doubled, so that the three channels
    weigh about alike in a squared distance.
"""
