<?php

namespace DuskSwitch\Core\Signal\Test;

/** Several tests, all or any of which must hold. */
final readonly class Combined implements Test
{
    /**
     * @param  non-empty-list<Test>  $of
     * @param  '&&'|'||'  $how
     */
    private function __construct(private array $of, private string $how) {}

    /**
     * Every one holds.
     *
     * @param  non-empty-list<Test>  $of
     */
    public static function all(array $of): self
    {
        return new self($of, '&&');
    }

    /**
     * At least one holds.
     *
     * @param  non-empty-list<Test>  $of
     */
    public static function any(array $of): self
    {
        return new self($of, '||');
    }

    public function code(): string
    {
        return '('.implode(" {$this->how} ", array_map(fn (Test $test): string => $test->code(), $this->of)).')';
    }

    public function inTime(): string
    {
        return '('.implode(" {$this->how} ", array_map(fn (Test $test): string => $test->inTime(), $this->of)).')';
    }

    public function fails(): string
    {
        return $this->other(fn (Test $test): string => $test->fails());
    }

    public function failsInTime(): string
    {
        return $this->other(fn (Test $test): string => $test->failsInTime());
    }

    /** @param  callable(Test): string  $fails  all fail where any would do, any where all must */
    private function other(callable $fails): string
    {
        return '('.implode($this->how === '&&' ? ' || ' : ' && ', array_map($fails, $this->of)).')';
    }

    public function before(): string
    {
        return implode('', array_map(fn (Test $test): string => $test->before(), $this->of));
    }
}
