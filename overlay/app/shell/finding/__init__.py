"""Finding: any command or setting, by its name or by what it does (Ctrl+K)."""
