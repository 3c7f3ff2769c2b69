"""The conditioned patch sampler: a frozen request in, a picture with its trace out."""
