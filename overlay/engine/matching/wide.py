"""Squared distances of patches of bytes, in explicit vectors.

Numba turns a loop over a patch's row into scalar code or calls with reference counts; here the sum
is written as vectors of eight that LLVM lowers on any machine. Sums are of whole numbers, so that
they are the same on every machine and in any order.
"""

from functools import partial
from typing import Any

from overlay.engine.matching.keys import PATCH
from overlay.imaging.kernel import Later

_LANES = 8


def _row_of(builder: Any, data: Any, at: Any) -> Any:
    """Eight bytes that begin at an index, as 16-bit lanes."""
    from llvmlite import ir

    narrow, wide = (ir.VectorType(ir.IntType(bits), _LANES) for bits in (8, 16))
    place = builder.bitcast(builder.gep(data, [at]), narrow.as_pointer())
    return builder.zext(builder.load(place, align=1), wide)


def _summing(first_row: int) -> Any:
    """The intrinsic that sums every second row of a patch, from `first_row` on."""
    from llvmlite import ir
    from numba import types
    from numba.core import cgutils
    from numba.extending import intrinsic

    index = ir.IntType(64)

    @intrinsic
    def rows_apart(_: Any, a: Any, at: Any, a_step: Any, b: Any, bt: Any, b_step: Any) -> Any:
        signature = types.int32(a, at, a_step, b, bt, b_step)

        def generate(context: Any, builder: Any, sig: Any, args: Any) -> Any:
            a, b = (context.make_array(sig.args[k])(context, builder, args[k]).data for k in (0, 3))
            lanes = ir.VectorType(ir.IntType(32), _LANES)
            total = ir.Constant(lanes, [0] * _LANES)
            for row in range(first_row, PATCH, 2):
                begin = [
                    builder.add(args[k], builder.mul(ir.Constant(index, row), args[k + 1]))
                    for k in (1, 4)
                ]
                for part in range(0, PATCH * 3, _LANES):
                    p, q = (
                        _row_of(builder, data, builder.add(at, ir.Constant(index, part)))
                        for data, at in zip((a, b), begin, strict=True)
                    )
                    gap = builder.sext(builder.sub(p, q), lanes)
                    total = builder.add(total, builder.mul(gap, gap))
            kind = ir.FunctionType(ir.IntType(32), [lanes])
            name = f"llvm.vector.reduce.add.v{_LANES}i32"
            return builder.call(cgutils.get_or_insert_function(builder.module, kind, name), [total])

        return signature, generate

    return rows_apart


# Sum of squared differences over the even or the odd rows of two patches of 8x8 pixels of three
# channels: `(a, at, a_step, b, bt, b_step)`, flat uint8 arrays, the index of each patch's first
# value, and how many values lie from one row to the next. An int32, at most 12,484,800.
even_rows_apart = Later(partial(_summing, 0))
odd_rows_apart = Later(partial(_summing, 1))
