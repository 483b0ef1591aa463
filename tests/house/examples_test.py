"""What docs/examples shows can still be added to the tree, each alone and all together, and says everything in every language."""
import os
import pathlib
import shutil
import subprocess
import sys
import tempfile

root = pathlib.Path(sys.argv[1]).resolve()
patches = sorted((root / "docs/examples").glob("*.patch"))
assert len(patches) == 4, patches
said = (root / "docs/examples/README.md").read_text()
for patch in patches:
    assert f"[{patch.name}]" in said, f"{patch.name} is not in the README"
    subprocess.run(["git", "apply", "--check", "-C1", str(patch)], cwd=root, check=True)

# A hunk that fits may fit at a wrong place.
with tempfile.TemporaryDirectory() as copy:
    listed = subprocess.check_output(["git", "ls-files", "-z", "--cached", "--others", "--exclude-standard"], cwd=root).decode().split("\0")
    for name in listed:
        if name and (root / name).is_file():
            (pathlib.Path(copy) / name).parent.mkdir(parents=True, exist_ok=True)
            shutil.copyfile(root / name, pathlib.Path(copy) / name)
    for patch in patches:
        subprocess.run(["git", "apply", "-C1", str(patch)], cwd=copy, check=True, env={**os.environ, "GIT_CEILING_DIRECTORIES": str(pathlib.Path(copy).parent)})
    for test in ("floors", "translations", "handbook"):
        subprocess.run([sys.executable, str(root / f"tests/house/{test}_test.py"), copy], check=True)
print("the examples fit")
