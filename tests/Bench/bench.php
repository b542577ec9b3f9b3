<?php

use DuskSwitch\Tests\Bench\ByHand;
use DuskSwitch\Tests\Bench\FrameBench;
use DuskSwitch\Tests\Bench\LiveBench;
use DuskSwitch\Tests\Bench\ProofBench;
use DuskSwitch\Tests\Bench\RehearsalBench;
use DuskSwitch\Tests\Bench\ScreenBench;
use DuskSwitch\Tests\Browser\App;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');

/** Prints a measurement: what, the number, the lower bound of the same run, the ratio and the aim. */
function say(string $what, string $number, string $bound, string $ratio, string $aim): void
{
    printf("%-44s %14s %26s %8s   %s\n", $what, $number, $bound, $ratio, $aim);
}

say('what', 'measured', 'lower bound', 'ratio', 'aim');

[$circuit, $byHand] = FrameBench::run(new ByHand);
say('a frame, 16 outputs, three phases', sprintf('%.2f µs', $circuit), sprintf('by hand %.2f µs', $byHand), sprintf('%.2f', $circuit / $byHand), '≤ 2');

foreach (['petrel', 'rook'] as $name) {
    [$circuit, $byHand] = FrameBench::tenMinutes($name);
    $ratio = sprintf('%.2f', $circuit / $byHand);
    say('ten minutes of '.ucfirst($name).', tick by tick', sprintf('%.2f s, %.0f×', $circuit, 600 / $circuit), sprintf('by hand %.2f s', $byHand), $ratio, '≥ 600×, ≤ 2.5');
}

[$states, $proof, $brute, $peak] = ProofBench::run();
say('a proof, '.number_format($states).' states', sprintf('%.2f s', $proof), sprintf('brute force %.0f s', $brute), sprintf('1/%.0f', $brute / $proof), '≤ 1 s, ≤ 1/20');
[$edited, $read] = ProofBench::afterAnEdit();
say('the proof after one edit, p95', sprintf('%.1f ms', $edited * 1000), sprintf('reading it %.1f ms', $read * 1000), sprintf('%.1f', $edited / $read), '≤ 150 ms');
say('memory of the proof at its peak', sprintf('%.0f MB', $peak), '', '', '≤ 64 MB');

[$rehearsed, $bare, $heard, $bytes] = RehearsalBench::run();
say('ten minutes rehearsed, 12 sensors, 20 alarms', sprintf('%.2f s', $rehearsed), sprintf('bare circuit %.2f s', $bare), sprintf('%.1f', $rehearsed / $bare), '≤ 1 s, ≤ 4');
say('heard again after one alarm changed', sprintf('%.0f ms', $heard * 1000), '', '', '≤ 150 ms');
say('its JSON, compressed', sprintf('%.0f kB', $bytes / 1000), '', '', '≤ 2000 kB');

$app = new App;
$app->start();
[$live, $empty] = LiveBench::run($app);
say('an HTTP live frame, p95', sprintf('%.2f ms', $live), sprintf('empty route %.2f ms', $empty), sprintf('%.2f', $live / $empty), '≤ 1.5');

$screen = ScreenBench::run($app);
say('a stick moves, the screen shows it, p95', sprintf('%.0f ms', $screen), '', '', '≤ 100 ms');

[$worst, $usual] = RehearsalBench::scrub($app);
say('a frame while a rehearsal is scrubbed, longest', sprintf('%.0f ms', $worst), sprintf('p95 %.0f ms', $usual), '', '≤ 50 ms');

$manifest = json_decode((string) file_get_contents('public/build/manifest.json'), true);
$first = ['resources/js/main.tsx'];
$bytes = 0;
foreach ($first as $entry) {
    $files = [$manifest[$entry]['file'], ...array_map(fn (string $import): string => $manifest[$import]['file'], $manifest[$entry]['imports'] ?? [])];
    foreach ($files as $file) {
        $bytes += strlen((string) gzencode((string) file_get_contents("public/build/{$file}"), 9));
    }
}
say('JavaScript of the first view, compressed', sprintf('%.0f kB', $bytes / 1000), '', '', '≤ 250 kB');
