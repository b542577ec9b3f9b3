"""Makes regressions.json: what SciPy and NumPy find in invented flights, which the core's analyses must find too.

Run by hand where Python has SciPy and GeographicLib (Debian packages python3-scipy, python3-geographiclib):
    /usr/bin/python3 tests/Outside/regressions.py > tests/Outside/regressions.json
"""
import json
import math
import random

import numpy
from geographiclib.geodesic import Geodesic
from scipy import optimize, signal, stats

random.seed(20261127)
numpy.random.seed(20261127)


def plane(rows, unknowns):
    a = numpy.array([[random.uniform(-3, 3) for _ in range(unknowns)] for _ in range(rows)])
    b = a @ numpy.arange(1, unknowns + 1) + numpy.random.normal(0, 0.3, rows)
    found, left, _, _ = numpy.linalg.lstsq(a, b, rcond=None)
    free = rows - unknowns
    errors = numpy.sqrt(numpy.diag(numpy.linalg.inv(a.T @ a)) * left[0] / free)
    return {"rows": a.tolist(), "right": b.tolist(), "values": found.tolist(), "errors": errors.tolist()}


def circle(count, radius, noise):
    angles = numpy.random.uniform(0, 2 * math.pi, count)
    x = 3.1 + radius * numpy.cos(angles) + numpy.random.normal(0, noise, count)
    y = -1.7 + radius * numpy.sin(angles) + numpy.random.normal(0, noise, count)
    off = lambda c: numpy.hypot(x - c[0], y - c[1]) - c[2]
    found = optimize.least_squares(off, [x.mean(), y.mean(), radius], xtol=1e-14, ftol=1e-14, gtol=1e-14)
    return {"points": list(map(list, zip(x.tolist(), y.tolist()))), "finds": found.x.tolist(),
            "spread": float(math.sqrt((off(found.x) ** 2).mean()))}


def groups(a, b, shift):
    first = [round(random.gauss(300, 20), 2) for _ in range(a)]
    second = [round(random.gauss(300 + shift, 35), 2) for _ in range(b)]
    return {"before": first, "after": second,
            "chance": float(stats.ttest_ind(first, second, equal_var=False).pvalue)}


def lag(shift):
    times = numpy.arange(0, 120, 0.1)
    smooth = signal.savgol_filter(numpy.random.normal(0, 1, times.size + 200).cumsum(), 31, 2)
    first = smooth[100:100 + times.size]
    steps = int(round(shift / 0.1))
    second = smooth[100 - steps:100 - steps + times.size]
    return {"times": times.round(1).tolist(), "first": first.tolist(), "second": second.tolist(), "seconds": steps * 0.1}


def distance():
    lat, lon = random.uniform(-70, 70), random.uniform(-180, 180)
    to = Geodesic.WGS84.Direct(lat, lon, random.uniform(0, 360), random.uniform(1, 3000))
    line = Geodesic.WGS84.Inverse(lat, lon, to["lat2"], to["lon2"])
    bearing = math.radians(line["azi1"])
    return {"from": [lat, lon], "to": [to["lat2"], to["lon2"]], "metres": line["s12"],
            "east": line["s12"] * math.sin(bearing), "north": line["s12"] * math.cos(bearing)}


print(json.dumps({
    "planes": [plane(40, 2), plane(60, 3), plane(200, 5)],
    "circles": [circle(60, 14.0, 0.3), circle(200, 9.0, 1.0), circle(30, 20.0, 0.05)],
    "groups": [groups(5, 6, 0), groups(8, 4, 45), groups(12, 12, 20), groups(3, 3, 80)],
    "lags": [lag(0.0), lag(0.8), lag(-1.3), lag(2.5)],
    "distances": [distance() for _ in range(40)],
    "tails": [[t, f, float(2 * stats.t.sf(abs(t), f))] for t in (0.0, 0.4, 1.7, 3.2, 12.0) for f in (1.0, 2.7, 9.3, 60.0, 800.0)],
}))
