"""The published JSON Schema fits what the program writes, and refuses what it refuses."""
import copy
import json
import pathlib
import sys
import zipfile

import jsonschema

root = pathlib.Path(sys.argv[1])
schema = json.loads((root / "docs/piece.schema.json").read_text())
jsonschema.Draft202012Validator.check_schema(schema)
validator = jsonschema.Draft202012Validator(schema)

with zipfile.ZipFile(sys.argv[2]) as piece:
    assert piece.testzip() is None
    first = piece.infolist()[0]
    assert (first.filename, first.compress_type) == ("mimetype", zipfile.ZIP_STORED)
    written = json.loads(piece.read("piece.json"))
    for reference in written["references"]:
        assert reference["file"] in piece.namelist()

for name, document in {"written by the program": written, "demo source": json.loads((root / "demo/piece.json").read_text())}.items():
    errors = list(validator.iter_errors(document))
    assert not errors, f"{name}: {errors[0].json_path}: {errors[0].message}"


def broken(change):
    document = copy.deepcopy(written)
    change(document)
    return not validator.is_valid(document)


assert broken(lambda d: d.pop("format"))
assert broken(lambda d: d["wheel"].update(hues="sideways"))
assert broken(lambda d: d["sets"][0]["families"][0]["swatches"][0].update(srgb=[0, 0, 2]))
assert broken(lambda d: d["mask"]["areas"][0]["polygon"].append([2, 0]))
assert not broken(lambda d: d.update(something_new=1))
print("the schema fits")
