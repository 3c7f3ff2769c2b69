"""`python -m overlay` is the command `overlay`."""

import sys

from overlay.cli import main

sys.exit(main())
