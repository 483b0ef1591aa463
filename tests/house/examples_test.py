"""What docs/examples shows can still be added to the tree, each alone."""
import pathlib
import subprocess
import sys

root = pathlib.Path(sys.argv[1])
patches = sorted((root / "docs/examples").glob("*.patch"))
assert len(patches) == 3, patches
said = (root / "docs/examples/README.md").read_text()
for patch in patches:
    assert f"[{patch.name}]" in said, f"{patch.name} is not in the README"
    subprocess.run(["git", "apply", "--check", "-C1", str(patch)], cwd=root, check=True)
print("the examples fit")
