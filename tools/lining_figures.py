#!/usr/bin/env python3
"""Makes a copy of an open-licence typeface whose figures are lining and tabular by default.

Java's text engine offers no switch for the OpenType features lnum and tnum, and Alegreya's default figures are
old-style and proportional, which dance in a column of numbers. This script points the characters 0-9 at the lining,
tabular glyphs that the typeface already contains and renames the family, as the SIL Open Font License asks of a
changed copy that wants to be told apart. Needs fontTools (Debian: python3-fonttools).

On a screen the sans's narrow word space closes up; a fifth argument sets another, in thousandths of the type size.

Usage: lining_figures.py IN.ttf OUT.ttf "Old Family" "New Family" [WORD SPACE]
"""
import sys
from fontTools.ttLib import TTFont


def singles(gsub, tag):
    """All single substitutions of the feature, whatever the script."""
    mapping = {}
    for record in gsub.FeatureList.FeatureRecord:
        if record.FeatureTag != tag:
            continue
        for index in record.Feature.LookupListIndex:
            for table in gsub.LookupList.Lookup[index].SubTable:
                table = getattr(table, "ExtSubTable", table)
                mapping.update(getattr(table, "mapping", {}) or {})
    return mapping


def main(source, target, old, new, space=None):
    font = TTFont(source)
    gsub = font["GSUB"].table
    for tag in ("lnum", "tnum"):
        mapping = singles(gsub, tag)
        for table in font["cmap"].tables:
            for code in range(0x30, 0x3A):
                if code in table.cmap and table.cmap[code] in mapping:
                    table.cmap[code] = mapping[table.cmap[code]]
    if space:
        font["hmtx"]["space"] = (int(space) * font["head"].unitsPerEm // 1000, 0)
    for record in font["name"].names:
        text = record.toUnicode().replace(old.replace(" ", ""), old)
        if record.nameID in (1, 3, 4, 6, 16):
            spaced = text.replace(old, new)
            record.string = spaced.replace(" ", "") if record.nameID == 6 else spaced
    font.save(target)
    print(target, [font.getBestCmap()[c] for c in range(0x30, 0x3A)])


if __name__ == "__main__":
    main(*sys.argv[1:6])
