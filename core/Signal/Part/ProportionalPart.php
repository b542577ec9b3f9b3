<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Signal\Test\Test;
use DuskSwitch\Core\Units\Signal;

/** A proportional function: dead band, shape of the active phase, rate, trim, override, clamp. */
final readonly class ProportionalPart implements Part
{
    /**
     * @param  int  $input  slot of the stick, dial or slider
     * @param  int  $phase  slot of the active phase
     * @param  non-empty-list<int>  $trims  slots of the trim, by phase where each has its own, used where $authority
     *              is not 0
     * @param  non-empty-list<ShapePart>  $shapes  by phase
     * @param  list<array{Test, float}>  $overrides
     * @param  list<array{Test, ShapePart}>  $dualRates  the first that holds shapes it, whatever the phase
     */
    public function __construct(
        public int $slot,
        public int $input,
        private int $phase,
        private array $trims,
        private float $authority,
        private bool $idleOnly,
        private float $deadband,
        private array $shapes,
        private array $overrides,
        private ?Fading $fading = null,
        public array $dualRates = [],
    ) {}

    public function code(): string
    {
        $holds = fn (Test $test): string => $test->code();

        return $this->around($this->switched($this->shape(), $holds), $this->trim(null), $holds);
    }

    public function inTime(): string
    {
        $before = implode(
            '',
            array_map(fn (array $one): string => $one[0]->before(), [...$this->overrides, ...$this->dualRates]),
        );
        $shape = $this->fading === null || ! $this->changes() ? $this->shape() : $this->blend($this->fading);
        $holds = fn (Test $test): string => $test->inTime();

        return $before.$this->around($this->switched($shape, $holds), $this->trim($this->fading), $holds);
    }

    /**
     * The same without trim and overrides, for drawing: input in slot 1, answer in slot 0; in slot 2 the phase, or
     * after the last one a dual rate.
     */
    public function bare(): self
    {
        return new self(
            0,
            1,
            2,
            [0],
            0.0,
            false,
            $this->deadband,
            [...$this->shapes, ...array_column($this->dualRates, 1)],
            [],
        );
    }

    /** Statements that put the dual rate that shapes it into `$notes`; none where the phase does. */
    public function rating(bool $inTime): string
    {
        $code = '';
        foreach ($this->dualRates as $rate => [$test]) {
            $code .= 'if '.($inTime ? $test->inTime() : $test->code())." { \$notes = [{$rate}]; } else";
        }

        return "{$code} { \$notes = []; }\n";
    }

    /**
     * The stages before and after the shape.
     *
     * @param  callable(Test): string  $holds
     */
    private function around(string $shape, string $trim, callable $holds): string
    {
        $slot = Code::slot($this->slot);
        $code = '';
        foreach ($this->overrides as [$test, $value]) {
            $code .= "if {$holds($test)} { {$slot} = ".Code::number($value).'; } else';
        }

        return ($code === '' ? '' : "{$code} ").
            "{\n{$this->stick()}{$shape}{$trim}{$this->clamp()}{$slot} = \$y;\n}\n";
    }

    /**
     * A dual rate before what the phases give.
     *
     * @param  callable(Test): string  $holds
     */
    private function switched(string $byPhase, callable $holds): string
    {
        $code = '';
        foreach ($this->dualRates as [$test, $shape]) {
            $code .= "if {$holds($test)} { {$shape->code()}} else";
        }

        return $code === '' ? $byPhase : "{$code} { {$byPhase}}\n";
    }

    /** While a phase fades in: what each phase gives for the same stick, by its share. */
    private function blend(Fading $fading): string
    {
        $sum = '$z = 0.0;'."\n";
        foreach ($this->shapes as $phase => $shape) {
            $share = $fading->share($phase);
            $sum .= "if ({$share} > 0.0) { {$shape->code()}\$z += {$share} * \$y; }\n";
        }

        return "if {$fading->underWay()} { {$sum}\$y = \$z; } else {\n{$this->shape()}}\n";
    }

    private function changes(): bool
    {
        return count(array_unique(array_map(fn (ShapePart $shape): string => $shape->code(), $this->shapes))) > 1;
    }

    private function stick(): string
    {
        $x = '$x = '.Code::slot($this->input).";\n";
        if ($this->deadband === 0.0) {
            return $x;
        }
        [$d, $rest] = [Code::number($this->deadband), Code::number(1 - $this->deadband)];

        return "{$x}\$x = \$x >= {$d} ? (\$x - {$d}) / {$rest} : (\$x <= -{$d} ? (\$x + {$d}) / {$rest} : 0.0);\n";
    }

    private function shape(): string
    {
        $first = $this->shapes[0]->code();
        $code = '';
        foreach ($this->shapes as $phase => $shape) {
            if ($phase > 0 && $shape->code() !== $first) {
                $code .= 'if ('.Code::slot($this->phase)." === {$phase}) { {$shape->code()}} else";
            }
        }

        return $code === '' ? $first : "{$code} { {$first}}\n";
    }

    private function trim(?Fading $fading): string
    {
        if ($this->authority === 0.0) {
            return '';
        }

        return '$y += '.
            Code::times($this->trimNow($fading), $this->authority).
            ($this->idleOnly ? ' * (1 - $x) / 2' : '').
            ";\n";
    }

    /** The trim of the active phase; while a phase fades in, of each by its share. */
    private function trimNow(?Fading $fading): string
    {
        $now = Code::slot($this->trims[0]);
        $sum = [];
        foreach ($this->trims as $phase => $slot) {
            $now =
                $phase === 0
                    ? $now
                    : '('.Code::slot($this->phase)." === {$phase} ? ".Code::slot($slot)." : {$now})";
            $sum[] = $fading === null ? '' : "{$fading->share($phase)} * ".Code::slot($slot);
        }

        return $fading === null || count($this->trims) === 1
            ? $now
            : "({$fading->underWay()} ? ".implode(' + ', $sum)." : {$now})";
    }

    private function clamp(): string
    {
        $reachesOut =
            array_filter(
                [...$this->shapes, ...array_column($this->dualRates, 1)],
                fn (ShapePart $shape): bool => $shape->reachesOut(),
            ) !== [];

        return $reachesOut || $this->authority > 0.5 ? Code::hold('$y', -Signal::LIMIT, Signal::LIMIT) : '';
    }
}
