"""What lives: beasts, birds, creeping things, people, trees and flowers."""
