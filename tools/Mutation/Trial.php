<?php

namespace DuskSwitch\Tools\Mutation;

use Symfony\Component\Process\Exception\ProcessTimedOutException;
use Symfony\Component\Process\Process;

/** One change in one copy, tried by the tests that run its line: the quick ones first, until one fails. */
final class Trial
{
    /** Seconds of tests in the first, the second … run. */
    private const BATCHES = [3.0, 20.0, INF];

    /** @var list<list<string>> */
    private array $batches = [];

    private ?Process $running = null;

    public ?Outcome $outcome = null;

    public function __construct(
        private readonly WorkCopy $copy,
        private readonly Covering $covering,
        public readonly Mutation $change,
        private readonly string $code,
    ) {
        $this->batches = self::batches($covering->of($change), $covering);
        $copy->write($change->file, $change->in($code));
        $this->next();
    }

    /** True once the outcome is known; the copy is as before then. */
    public function isOver(): bool
    {
        try {
            $this->running?->checkTimeout();
        } catch (ProcessTimedOutException) {
            $this->end(Outcome::TooSlow);
        }
        if ($this->running?->isRunning() === false) {
            $this->running->isSuccessful() ? $this->next() : $this->end(Outcome::Killed);
        }

        return $this->outcome !== null;
    }

    private function next(): void
    {
        $tests = array_shift($this->batches);
        if ($tests === null) {
            $this->end($this->running === null ? Outcome::Uncovered : Outcome::Survived);

            return;
        }
        $filter = '/^('.implode('|', array_map(preg_quote(...), $tests)).')( |$)/';
        $this->running = $this->copy->phpunit(
            [
                'vendor/bin/phpunit',
                '--testsuite',
                'core,outside',
                '--stop-on-defect',
                '--no-progress',
                '--no-output',
                '--do-not-cache-result',
                '--filter',
                $filter,
            ],
            (int) (20 + 4 * $this->covering->seconds($tests)),
        );
        $this->running->start();
    }

    private function end(Outcome $outcome): void
    {
        $this->outcome = $outcome;
        $this->copy->write($this->change->file, $this->code);
    }

    /**
     * @param  list<string>  $tests
     * @return list<list<string>>
     */
    private static function batches(array $tests, Covering $covering): array
    {
        $batches = [];
        $at = 0;
        $seconds = 0.0;
        foreach ($tests as $test) {
            $seconds += $covering->seconds([$test]);
            while ($seconds > self::BATCHES[$at]) {
                $at++;
            }
            $batches[$at][] = $test;
        }

        return array_values($batches);
    }
}
