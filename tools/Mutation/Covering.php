<?php

namespace DuskSwitch\Tools\Mutation;

use RuntimeException;
use SebastianBergmann\CodeCoverage\CodeCoverage;

/** Which tests run a line, and how long each takes; measured once for a state of core/ and tests/, and kept. */
final readonly class Covering
{
    /**
     * @param  array<string, array<int, list<int>>>  $lines  by file and line: numbers of tests
     * @param  list<string>  $tests
     * @param  array<string, float>  $seconds  by test
     */
    private function __construct(private array $lines, private array $tests, private array $seconds) {}

    public static function measured(WorkCopy $copy, string $kept): self
    {
        if (is_file($kept)) {
            $held = unserialize((string) file_get_contents($kept));
            if ($held instanceof self) {
                return $held;
            }
        }
        fwrite(STDERR, "Measuring which test runs which line …\n");
        $extension = extension_loaded('pcov') ? [] : ['-d', 'extension=pcov.so'];
        $run = $copy->phpunit(
            [
                ...$extension,
                '-d',
                'pcov.enabled=1',
                '-d',
                'pcov.directory='.$copy->folder.'/core',
                'vendor/bin/phpunit',
                '--testsuite',
                'core,outside',
                '--coverage-filter',
                'core',
                '--coverage-php',
                'coverage.php',
                '--log-junit',
                'times.xml',
                '--no-progress',
            ],
            3600,
        );
        $run->run();
        if (! is_file("{$copy->folder}/coverage.php")) {
            throw new RuntimeException($run->getOutput().$run->getErrorOutput());
        }
        if (! $run->isSuccessful()) {
            fwrite(STDERR, "Tests fail without any change:\n".$run->getOutput());
        }
        $made = self::from($copy->folder);
        @mkdir(dirname($kept), recursive: true);
        file_put_contents($kept, serialize($made));

        return $made;
    }

    private static function from(string $folder): self
    {
        $coverage = require "{$folder}/coverage.php";
        if (! ($coverage instanceof CodeCoverage)) {
            throw new RuntimeException('The coverage is no coverage.');
        }
        $tests = $lines = [];
        foreach ($coverage->getData()->lineCoverage() as $file => $covered) {
            foreach ($covered as $line => $ids) {
                $lines[substr($file, strlen($folder) + 1)][$line] = array_map(function (string $id) use (&$tests): int {
                    return $tests[preg_replace('/[# ].*/s', '', $id)] ??= count($tests);
                }, $ids ?? []);
            }
        }
        $seconds = [];
        foreach (simplexml_load_file("{$folder}/times.xml")?->xpath('//testcase') ?: [] as $case) {
            $name = $case['class'].'::'.preg_replace('/ with data set.*/s', '', (string) $case['name']);
            $seconds[$name] = ($seconds[$name] ?? 0) + (float) $case['time'];
        }

        return new self(
            array_map(
                fn (array $of): array => array_map(fn (array $ids): array => array_values(array_unique($ids)), $of),
                $lines,
            ),
            array_map(strval(...), array_keys($tests)),
            $seconds,
        );
    }

    /**
     * @return list<string> tests by class and method, the quickest first; of the whole file where its line is no
     * statement of its own
     */
    public function of(Mutation $change): array
    {
        $file = $this->lines[$change->file] ?? [];
        $of = array_filter(
            $file,
            fn (int $line): bool => $line >= $change->line && $line <= $change->until,
            ARRAY_FILTER_USE_KEY,
        );
        $names = array_map(
            fn (int $id): string => $this->tests[$id],
            array_unique(array_merge([], ...$of === [] ? $file : $of)),
        );
        usort($names, fn (string $a, string $b): int => ($this->seconds[$a] ?? 0.0) <=> ($this->seconds[$b] ?? 0.0));

        return $names;
    }

    /** @param  list<string>  $tests */
    public function seconds(array $tests): float
    {
        return array_sum(array_map(fn (string $test): float => $this->seconds[$test] ?? 0.0, $tests));
    }
}
