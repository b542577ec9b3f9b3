<?php

use DuskSwitch\Tools\Mutation\Covering;
use DuskSwitch\Tools\Mutation\Mutation;
use DuskSwitch\Tools\Mutation\Mutations;
use DuskSwitch\Tools\Mutation\Trial;
use DuskSwitch\Tools\Mutation\WorkCopy;
use Random\Engine\Mt19937;
use Random\Randomizer;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');
$root = (string) getcwd();

$folders = $argv;
array_shift($folders);
$options = ['seed' => 1, 'sample' => 60];
foreach ($folders as $at => $argument) {
    if (preg_match('/^--(seed|sample)=(\d+)$/', $argument, $found)) {
        $options[$found[1]] = (int) $found[2];
        unset($folders[$at]);
    } elseif (! str_starts_with($argument, '-')) {
        $folders[$at] = trim(str_starts_with($argument, 'core/') ? $argument : "core/{$argument}", '/');
    }
}
foreach ($folders as $folder) {
    if (! is_dir($folder) || ! preg_match('#^core(/\w+)*$#', $folder)) {
        fwrite(STDERR, "mutate takes folders of core/, --seed=N and --sample=N, not \"{$folder}\"\n");
        exit(2);
    }
}
$folders = $folders === [] ? array_map(strval(...), glob('core/*', GLOB_ONLYDIR) ?: []) : array_values($folders);
$equivalent = require __DIR__.'/equivalent.php';

/** @return list<string> */
function files(string $folder): array
{
    $files = [];
    foreach (
        new RecursiveIteratorIterator(new RecursiveDirectoryIterator($folder, FilesystemIterator::SKIP_DOTS)) as $file
    ) {
        $files[] = (string) $file;
    }
    sort($files);

    return array_values(array_filter($files, fn (string $file): bool => str_ends_with($file, '.php')));
}

$state = hash(
    'sha256',
    implode(
        "\n",
        array_map(fn (string $file): string => $file.' '.hash_file('sha256', $file), [
            ...files('core'),
            ...files('tests'),
        ]),
    ),
);
$copies = array_map(
    fn (int $number): WorkCopy => new WorkCopy($root, sys_get_temp_dir().'/dusk-mutate-'.getmypid().'-'.$number),
    range(1, max(1, (int) shell_exec('nproc'))),
);
register_shutdown_function(fn () => array_map(fn (WorkCopy $copy) => $copy->remove(), $copies));
$covering = Covering::measured($copies[0], "storage/mutation/{$state}");

$all = true;
foreach ($folders as $folder) {
    $code = $changes = [];
    foreach (files($folder) as $file) {
        $code[$file] = (string) file_get_contents($file);
        array_push($changes, ...Mutations::of($file, $code[$file]));
    }
    $known = fn (Mutation $change): bool => isset($equivalent[$change->file][$change->words($code[$change->file])]);
    $possible = count($changes);
    $changes = array_slice(
        (new Randomizer(new Mt19937($options['seed'])))->shuffleArray($changes),
        0,
        $options['sample'],
    );
    $same = count(array_filter($changes, $known));
    $waiting = array_values(array_filter($changes, fn (Mutation $change): bool => ! $known($change)));
    $tried = count($waiting);
    $killed = 0;
    $trials = [];
    while ($waiting !== [] || $trials !== []) {
        foreach ($copies as $number => $copy) {
            if (! isset($trials[$number]) && $waiting !== []) {
                $change = array_shift($waiting);
                $trials[$number] = new Trial($copy, $covering, $change, $code[$change->file]);
            }
            if (($trials[$number] ?? null)?->isOver()) {
                $trial = $trials[$number];
                unset($trials[$number]);
                $killed += (int) $trial->outcome->isKilled();
                if (! $trial->outcome->isKilled()) {
                    $words = $trial->change->words($code[$trial->change->file]);
                    echo "{$trial->outcome->value}  {$trial->change->file}:{$trial->change->line}\n    {$words}\n";
                }
            }
        }
        usleep(20_000);
    }
    $share = $tried === 0 ? 1.0 : $killed / $tried;
    $all = $all && $share >= 0.9;
    printf(
        "%s: %d of %d changes tried, %d killed (%.0f %%), %d known to change nothing\n",
        $folder,
        $tried,
        $possible,
        $killed,
        100 * $share,
        $same,
    );
}
exit($all ? 0 : 1);
