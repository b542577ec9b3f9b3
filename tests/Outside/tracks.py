"""Prints the points of a GPX file as gpxpy reads them, one a line: latitude longitude elevation seconds-since-1970.

Used by TracksTest where Python has gpxpy (Debian package python3-gpxpy).
"""
import sys

import gpxpy

with open(sys.argv[1], encoding="utf-8") as file:
    gpx = gpxpy.parse(file)
for track in gpx.tracks:
    for segment in track.segments:
        for point in segment.points:
            print(point.latitude, point.longitude, point.elevation, point.time.timestamp())
