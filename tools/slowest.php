<?php

/** The slowest classes of a run by its JUnit report: where the time of the tests goes. */
const SHOWN = 5;

$took = [];
$report = simplexml_load_file($argv[1]);
foreach ($report === false ? [] : $report->xpath('//testcase') as $case) {
    $class = substr(strrchr('\\'.$case['class'], '\\'), 1);
    $took[$class] = ($took[$class] ?? 0.0) + (float) $case['time'];
}
arsort($took);
echo 'The slowest classes: ',
implode(
    ', ',
    array_map(
        fn (string $class, float $seconds): string => sprintf('%s %.0f s', $class, $seconds),
        array_keys(array_slice($took, 0, SHOWN)),
        array_slice($took, 0, SHOWN),
    ),
),
"\n";
