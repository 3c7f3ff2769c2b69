"""Goods: furniture, vessels, fruit, instruments, tools, playthings."""
