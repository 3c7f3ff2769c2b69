"""Who does the many: this process, several on this machine, or a cluster."""

import argparse
from collections.abc import Callable
from functools import partial

from overlay.document.text.json_text import RecipeError
from overlay.studio.editions.cluster import Cluster, distributed
from overlay.studio.editions.crews import Alone, Crew, Processes


def add_crew(parser: argparse.ArgumentParser) -> None:
    """Options that say who does it."""
    parser.add_argument("--workers", type=int, metavar="N", help="processes on this machine")
    parser.add_argument("--cluster", metavar="tcp://HOST:PORT", help="a Dask scheduler")


def crew_of(options: argparse.Namespace) -> Callable[[int], Crew]:
    """Who does so many tasks; what cannot be is refused before any is begun."""
    if options.cluster is not None:
        if options.workers is not None:
            raise RecipeError("--cluster: has its own workers, got --workers as well")
        distributed()
        return partial(Cluster, options.cluster)
    if options.workers is None:
        return Alone
    try:
        Processes(options.workers, 1)
    except ValueError as error:
        raise RecipeError(f"--workers: {error}") from error
    return partial(Processes, options.workers)
