"""What is kept on disk: proofs, projects, recovery copies, settings."""
