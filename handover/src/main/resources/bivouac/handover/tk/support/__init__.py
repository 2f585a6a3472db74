"""The rules by which windows live (desk), and windows, parts and dialogs of Tk under them."""
