"""How inner kernels are compiled: those that others call, often for a few numbers."""

from functools import partial

from numba import njit

from overlay.imaging.kernel_cache import heed_neighbours

heed_neighbours()

# Without counting who holds an array (`_nrt`): for a few numbers the counts cost more than the
# work, and all threads wait for the same ones. Scenes are drawn in less than half the time, matches
# found in seven eighths. So none of these may make an array.
kernel = partial(njit, cache=True, error_model="numpy", _nrt=False)
inner = partial(kernel, forceinline=True)
