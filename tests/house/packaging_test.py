"""The program as it is installed: what lands where, what the system is told of it, and whether it runs from there."""
import fnmatch
import os
import pathlib
import re
import shutil
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as xml

root, build = pathlib.Path(sys.argv[1]), pathlib.Path(sys.argv[2])
packaging = root / "packaging"
wrong = []


def ran(*words, **more):
    return subprocess.run(words, check=True, capture_output=True, text=True, **more).stdout


def expect(good, what):
    if not good:
        wrong.append(what)


with tempfile.TemporaryDirectory() as folder:
    prefix = pathlib.Path(folder) / "prefix"
    ran("cmake", "--install", str(build), "--prefix", str(prefix))
    share = prefix / "share"
    marks = [f"icons/hicolor/{size}x{size}/{kind}/{name}.png" for size in (16, 24, 32, 48, 64, 128, 256, 512)
             for kind, name in (("apps", "org.zonachrom.Zonachrom"), ("mimetypes", "application-vnd.zonachrom.piece+zip"),
                                ("mimetypes", "application-vnd.zonachrom.parcel+zip"))]
    for name in ["applications/org.zonachrom.Zonachrom.desktop", "metainfo/org.zonachrom.Zonachrom.metainfo.xml",
                 "mime/packages/org.zonachrom.Zonachrom.xml", "thumbnailers/zonachrom.thumbnailer",
                 "icons/hicolor/scalable/apps/org.zonachrom.Zonachrom.svg", "man/man1/zonachrom.1.gz",
                 "man/man1/zonachrom-cli.1.gz", "bash-completion/completions/zonachrom-cli", "zsh/site-functions/_zonachrom-cli",
                 "fish/vendor_completions.d/zonachrom-cli.fish", "dbus-1/services/org.zonachrom.Zonachrom.service",
                 "dbus-1/interfaces/org.zonachrom.Palette1.xml",
                 "icons/hicolor/symbolic/apps/org.zonachrom.Zonachrom-symbolic.svg", "licenses/zonachrom/LICENSE",
                 "doc/zonachrom/CHANGELOG.md", "doc/zonachrom/notices.md",
                 "zonachrom/coppersmiths-row.zonachrom", "zonachrom/standin-press.icc", *marks]:
        expect((share / name).is_file(), f"{name} is not installed")
    # From there it runs, with nothing of the tree it was built in.
    home = {**os.environ, "QT_QPA_PLATFORM": "offscreen", "HOME": folder, "XDG_CONFIG_HOME": folder + "/c",
            "XDG_DATA_HOME": folder + "/d", "XDG_STATE_HOME": folder + "/s", "XDG_CACHE_HOME": folder + "/k",
            "XDG_RUNTIME_DIR": folder}
    picture = pathlib.Path(folder) / "demo.png"
    ran(str(prefix / "bin/zonachrom"), "--demo", "--picture", str(picture), env=home, cwd=folder)
    expect(picture.stat().st_size > 50_000, "the installed program did not show the demo")
    small = pathlib.Path(folder) / "small.png"
    demo = share / "zonachrom/coppersmiths-row.zonachrom"
    ran(str(prefix / "bin/zonachrom-cli"), "thumbnail", str(demo), "--size", "64", "-o", str(small), env=home)
    expect(small.stat().st_size > 200, "there is no thumbnail of the demo")
    told = ran(str(prefix / "bin/zonachrom-cli"), "press", str(demo), "--compact", env=home)
    expect('"swatches":[{' in told, "the installed command line does not find its press")
    # Where the tools are, the desktop has been told.
    for tool, made in (("update-mime-database", "mime/types"), ("update-desktop-database", "applications/mimeinfo.cache")):
        expect(shutil.which(tool) is None or (share / made).is_file(), f"{tool} was not run")

    # The files of an RPM package are those that are installed, all of them.
    spec = packaging / "rpm/zonachrom.spec"
    listed = ran("rpmspec", "--parse", str(spec)).split("%files\n")[1].split("%changelog")[0].split("\n")
    listed = [re.sub(r"^%(license|doc) ", "", line).removeprefix("/usr/") for line in listed if line]
    # What it calls lib64 is lib where this was installed.
    listed = [re.sub(r"^lib64/", "lib/", line) for line in listed]
    installed = [str(path.relative_to(prefix)) for path in sorted(prefix.rglob("*")) if not path.is_dir()]
    # What the tools of the desktop have made there belongs to no package.
    installed = [name for name in installed if not re.search(r"mimeinfo.cache|icon-theme.cache|share/mime/(?!packages)", name)]
    covers = {line: [name for name in installed if fnmatch.fnmatch(name, line) or name.startswith(line + "/")] for line in listed}
    expect(all(covers.values()), f"the spec lists what is not installed: {[line for line in covers if not covers[line]]}")
    missing = set(installed) - {name for names in covers.values() for name in names}
    expect(not missing, f"the spec does not list {sorted(missing)[:5]}")

    # A piece is told by its first bytes.
    space = {"m": "http://www.freedesktop.org/standards/shared-mime-info"}
    types = xml.parse(packaging / "org.zonachrom.Zonachrom.xml").getroot()
    begins = demo.read_bytes()[:200]
    piece = types.find("m:mime-type[@type='application/vnd.zonachrom.piece+zip']/m:magic/m:match", space)
    inner = piece.find("m:match", space)
    expect(begins.startswith(piece.get("value").encode().decode("unicode_escape").encode("latin-1")), "magic of a piece")
    at = int(inner.get("offset"))
    expect(begins[at:].startswith(inner.get("value").encode()), "magic inside a piece")
    told = set(re.search(r"^MimeType=(.*)$", (packaging / "org.zonachrom.Zonachrom.desktop").read_text(), re.M)[1].strip(";").split(";"))
    expect(told == {t.get("type") for t in types.findall("m:mime-type", space)}, "the types of the desktop entry")

    # The pages of the manual name every command and every option.
    page = (packaging / "man/zonachrom-cli.1").read_text().replace("\\-", "-")
    commands = re.findall(r"^  ([a-z][a-z-]*) ", ran(str(prefix / "bin/zonachrom-cli"), "--help", env=home).split("Subcommands:")[1], re.M)
    expect(len(commands) > 25, "the commands were not found")
    for command in commands:
        expect(re.search(rf"^\.B {command}$", page, re.M), f"zonachrom-cli(1) does not name {command}")
    for name in re.findall(r"^\.B ([a-z-]+)$", page.split(".SH COMMANDS")[1], re.M):
        expect(name in commands, f"zonachrom-cli(1) names {name}, which is no command")
    page = (packaging / "man/zonachrom.1").read_text().replace("\\-", "-")
    for option in set(re.findall(r"--[a-z][a-z-]*", ran(str(prefix / "bin/zonachrom"), "--help", env=home))) - {"--help-all"}:
        expect(option in page, f"zonachrom(1) does not name {option}")

    # What is linked is named in the notices, and settled before the program begins.
    libraries = {"Qt6": "Qt 6", "csv": "libcsv", "exiv2": "Exiv2", "heif": "libheif", "jemalloc": "jemalloc", "jpeg": "libjpeg-turbo",
                 "lcms2": "Little CMS 2", "pipewire-0.3": "PipeWire", "polyclipping": "polyclipping", "pugixml": "pugixml",
                 "qpdf": "qpdf", "tbb": "oneTBB", "tiff": "libtiff", "xcb": "XCB", "z": "zlib", "zip": "libzip"}
    system = {"c", "m", "gcc_s", "stdc++", "ld-linux-x86-64"}
    notices = (root / "docs/notices.md").read_text()
    plugin = next(prefix.glob("lib*/**/zonachrom_heif.so")).relative_to(prefix)
    for program, fewest in (("bin/zonachrom", 8), ("bin/zonachrom-cli", 2), ("libexec/zonachrom/zonachrom-cli-files", 8), (plugin, 1)):
        told = ran("readelf", "-d", str(prefix / program))
        needed = re.findall(r"\(NEEDED\).*\[(?:lib)?([^]]+?)\.so", told)
        expect(len(needed) > fewest, f"no libraries of {program} were found")
        for library in set(needed) - system:
            name = libraries.get("Qt6" if library.startswith("Qt6") else library.split("-")[0] if library.startswith("xcb") else library)
            expect(name and f"| {name} |" in notices, f"the notices do not name {library}, which {program} is linked with")
        expect("BIND_NOW" in told or re.search(r"FLAGS_1.*NOW", told), f"{program} is not bound at once")
        expect("GNU_RELRO" in ran("readelf", "-l", str(prefix / program)), f"{program} is writable where it should not be")

# No mark has a hue.
for mark in sorted((packaging / "icons").iterdir()):
    for color in re.findall(r"#([0-9a-f]{6})", mark.read_text()):
        expect(color[:2] == color[2:4] == color[4:], f"#{color} in {mark.name} is no grey")

# What is said of a release follows from the changelog, and there is a piece of each version to open.
release = subprocess.run([root / "scripts/release", "--check"], capture_output=True, text=True, check=False)
expect(release.returncode == 0, release.stderr.strip())

# Every source says its license.
for folder in ["src", "tests", "bench", "demo"]:
    for path in sorted((root / folder).rglob("*")):
        if path.suffix in {".h", ".cpp"}:
            expect(path.read_text().startswith("// SPDX-License-Identifier: GPL-3.0-or-later\n"), f"{path.relative_to(root)} does not say its license")

if wrong:
    sys.exit("\n".join(wrong))
