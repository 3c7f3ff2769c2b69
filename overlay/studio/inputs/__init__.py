"""What comes in: pictures read, checked and made ready, cards, masks as files, folders."""
