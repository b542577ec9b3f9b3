<?php

/**
 * The browser's tests that failed by a JUnit report, as PHPUnit's filter takes them; nothing where more than three did,
 * or one that needs no browser: that is no stumble.
 */
const STUMBLES = 3;

$report = simplexml_load_file($argv[1]);
$failed = [];
foreach ($report === false ? [] : $report->xpath('//testcase[failure or error]') as $case) {
    if (! str_contains((string) $case['class'], '\\Browser\\')) {
        exit();
    }
    $name = strtok((string) $case['name'], ' ');
    $failed[] = preg_quote(substr(strrchr('\\'.$case['class'], '\\'), 1)."::{$name}", '/');
}
$failed = array_unique($failed);
echo count($failed) > STUMBLES ? '' : implode('|', $failed);
