"""How the kernels of drawing are compiled."""

from functools import partial

from numba import njit

# Without counting who holds an array (`_nrt`): the counts cost more than a distance does, and all
# threads wait for the same ones; scenes are drawn in less than half the time. So no kernel makes an
# array.
kernel = partial(njit, cache=True, fastmath=True, error_model="numpy", _nrt=False)
