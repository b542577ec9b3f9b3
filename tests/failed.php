<?php

/**
 * The tests that failed by a JUnit report, as PHPUnit's filter takes them, or nothing where more than three did: that
 * many are no stumble.
 */
const STUMBLES = 3;

$report = simplexml_load_file($argv[1]);
$failed = [];
foreach ($report === false ? [] : $report->xpath('//testcase[failure or error]') as $case) {
    $name = strtok((string) $case['name'], ' ');
    $failed[] = preg_quote(substr(strrchr('\\'.$case['class'], '\\'), 1)."::{$name}", '/');
}
$failed = array_unique($failed);
echo count($failed) > STUMBLES ? '' : implode('|', $failed);
