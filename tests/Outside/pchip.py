"""Makes pchip.json: monotone cubics by SciPy's PchipInterpolator, which the core's smooth curves must match.

Run by hand where Python has SciPy (made with SciPy 1.10.1, Debian package python3-scipy):
    /usr/bin/python3 tests/Outside/pchip.py > tests/Outside/pchip.json
"""
import json
import random

import numpy
from scipy.interpolate import PchipInterpolator

random.seed(20261124)
curves = [
    [[-1, -1], [1, 1]],
    [[-1, -1], [0, -0.2], [1, 0.8]],
    [[-1, -1], [-0.4, -0.35], [0, -0.05], [0.4, 0.3], [1, 1]],
    [[-1, 0], [-0.5, 1], [0.5, 1], [1, 0]],
    [[-1, -0.4], [-0.99, 0.4], [0.99, 0.4], [1, 1.5]],
]
while len(curves) < 40:
    inner = sorted(random.sample(range(-99, 100), random.randint(0, 15)))
    x = [-1, *[i / 100 for i in inner], 1]
    curves.append([[at, round(random.uniform(-1.5, 1.5), 3)] for at in x])

cases = []
for points in curves:
    x, y = zip(*points)
    at = numpy.linspace(-1, 1, 41)
    cases.append({"points": points, "at": at.tolist(), "gives": PchipInterpolator(x, y)(at).tolist()})
print("[\n" + ",\n".join(json.dumps(case) for case in cases) + "\n]")
