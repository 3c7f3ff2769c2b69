"""The room of proof sheets: wells, cells, the trade-off plot."""
