Name:           zonachrom
Version:        0.9.0
Release:        1%{?dist}
Summary:        Palette-planning desk for digital painters
License:        GPL-3.0-or-later
URL:            https://zonachrom.example/
Source0:        %{name}-%{version}.tar.gz

BuildRequires:  cmake >= 3.25
BuildRequires:  desktop-file-utils
BuildRequires:  gcc-c++
BuildRequires:  libappstream-glib
BuildRequires:  librsvg2-tools
BuildRequires:  ninja-build
BuildRequires:  qt6-linguist
BuildRequires:  cmake(CLI11)
BuildRequires:  cmake(Eigen3)
BuildRequires:  cmake(Qt6Concurrent)
BuildRequires:  cmake(Qt6DBus)
BuildRequires:  cmake(Qt6PrintSupport)
BuildRequires:  cmake(Qt6Widgets)
BuildRequires:  cmake(TBB)
BuildRequires:  cmake(nlohmann_json)
BuildRequires:  cmake(pugixml)
BuildRequires:  boost-devel >= 1.81
BuildRequires:  jemalloc-devel
BuildRequires:  libcsv-devel
BuildRequires:  pkgconfig(exiv2)
BuildRequires:  pkgconfig(lcms2)
BuildRequires:  pkgconfig(libheif)
BuildRequires:  pkgconfig(libjpeg)
BuildRequires:  pkgconfig(libpipewire-0.3)
BuildRequires:  pkgconfig(libqpdf)
BuildRequires:  pkgconfig(libtiff-4)
BuildRequires:  pkgconfig(libzip)
BuildRequires:  pkgconfig(polyclipping)
BuildRequires:  pkgconfig(xcb)
BuildRequires:  pkgconfig(xcb-damage)
BuildRequires:  pkgconfig(xcb-shm)
BuildRequires:  pkgconfig(zlib)
Requires:       hicolor-icon-theme
Requires:       open-sans-fonts
Recommends:     qt6-qtimageformats
Recommends:     qt6-qtsvg
Recommends:     qt6-qtwayland

%description
Zonachrom is the desk beside the easel, where the limited palette of a
painting is decided, checked and kept: gamut masks over a wheel whose colors
keep their value, swatch sets graded on a staff, reference photos read by
value, mixtures of paint, pictures tried in a set, sheets and press checks.

The command-line program zonachrom-cli gives the same answers as JSON.

%prep
%autosetup

%build
%cmake -G Ninja -DZONACHROM_EXTRAS=OFF -DZONACHROM_BUNDLED_TYPEFACE=OFF
%cmake_build

%install
%cmake_install

%check
desktop-file-validate %{buildroot}%{_datadir}/applications/org.zonachrom.Zonachrom.desktop
appstream-util validate-relax --nonet %{buildroot}%{_datadir}/metainfo/org.zonachrom.Zonachrom.metainfo.xml

%files
%license %{_datadir}/licenses/zonachrom/LICENSE
%doc %{_docdir}/zonachrom
%{_bindir}/zonachrom
%{_bindir}/zonachrom-cli
%{_libexecdir}/zonachrom
%{_libdir}/zonachrom
%{_datadir}/zonachrom
%{_datadir}/applications/org.zonachrom.Zonachrom.desktop
%{_datadir}/bash-completion/completions/zonachrom
%{_datadir}/bash-completion/completions/zonachrom-cli
%{_datadir}/dbus-1/interfaces/org.zonachrom.Palette1.xml
%{_datadir}/dbus-1/services/org.zonachrom.Zonachrom.service
%{_datadir}/fish/vendor_completions.d/zonachrom-cli.fish
%{_datadir}/icons/hicolor/*/apps/org.zonachrom.Zonachrom*
%{_datadir}/icons/hicolor/*/mimetypes/application-vnd.zonachrom.*
%{_datadir}/metainfo/org.zonachrom.Zonachrom.metainfo.xml
%{_datadir}/mime/packages/org.zonachrom.Zonachrom.xml
%{_datadir}/thumbnailers/zonachrom.thumbnailer
%{_datadir}/zsh/site-functions/_zonachrom-cli
%{_mandir}/man1/zonachrom.1*
%{_mandir}/man1/zonachrom-cli.1*

%changelog
* Tue Dec 01 2026 The Zonachrom founders <founders@zonachrom.example> - 0.9.0-1
- No work crosses from one piece to another, and nothing that was typed, dragged or asked is lost when another piece opens.
- Each kind of control has one look, words are plain, and everything can be done by keys, with a pen or a finger, and read by a screen reader; the window speaks English, German and Spanish.
- The photo in other color keys, a canvas that is watched on the screen, mixing in a field that is kept, three rows of wells, inks and names of color books as they were written, a search over sets, shelf and recent pieces.
- The reach of a press is drawn while colors are picked; several sets on one sheet.
- The command line does what the window does to a piece, in one vocabulary with a schema, with streams and fixed exit codes; commands about colors start in a few milliseconds.
- The running program can be followed and asked over the session bus, by an interface that is installed.
- Mended: a palette asked of bands that a photo does not have at all ended the program; it is said now what is missing.

* Fri Nov 27 2026 The Zonachrom founders <founders@zonachrom.example> - 0.1.0-1
- The six desks, from the reference photo to the printed sheet; the companion beside the canvas; the command line.
- Pieces, parcels, and the open formats of others in both directions.
