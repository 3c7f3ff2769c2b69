"""A run step by step: when what happens, by whose chance, who decided, and where runs part."""
