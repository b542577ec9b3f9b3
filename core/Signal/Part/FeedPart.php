<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Signal\Test\Test;

/** A feed, compiled. It keeps the kind, id and name of its source for explanations. */
final readonly class FeedPart
{
    /** @param  int|null  $curve place among the circuit's curves */
    public function __construct(
        public string $kind,
        public string $id,
        public string $name,
        public int $input,
        private float $low,
        private float $high,
        private float $offset,
        private ?int $curve,
        private ?Test $when,
        public Combine $combine,
        private ?Lag $lag = null,
    ) {}

    /** True where the feed is just a term of a sum. */
    public function isTerm(): bool
    {
        return $this->curve === null && $this->when === null && $this->combine === Combine::Add;
    }

    /** What the feed brings, `offset + n · weight`, as an expression; `$n` is its source after the curve. */
    public function term(string $n): string
    {
        $term = Code::sided($n, $this->low, $this->high);

        return $this->offset === 0.0 ? $term : '('.Code::number($this->offset)." + {$term})";
    }

    /** Statements that join the feed to `$s`, the sum so far. */
    public function code(): string
    {
        return "{$this->source()} {$this->joined($this->term('$n'), $this->when?->code())}";
    }

    /** The same in one tick of time: what the feed brings may come later and slower. */
    public function inTime(): string
    {
        $amount = $this->lag === null ? '' : "\$a = {$this->term('$n')};\n{$this->lag->code()}";
        $joined = $this->joined($this->lag === null ? $this->term('$n') : '$a', $this->when?->inTime());

        return $this->when?->before()."{$this->source()} {$amount}{$joined}";
    }

    /** True where the feed is another in time than settled. */
    public function needsTime(): bool
    {
        return $this->lag !== null || ($this->when !== null && $this->when->before() !== '');
    }

    /**
     * Statements that join the feed to `$s` and add three numbers to `$notes`: 1 where it is active, what it
     * brings, the sum after it.
     *
     * @param  bool  $inTime  as it was in the tick that `$m` remembers
     */
    public function explaining(bool $inTime): string
    {
        $active = $inTime ? $this->when?->inTime() : $this->when?->code();
        $amount = $inTime && $this->lag !== null ? $this->lag->reached() : $this->term('$n');

        return "{$this->source()} \$amount = {$amount};\n{$this->joined('$amount', $active)}".
            'array_push($notes, '.
            ($active ?? 'true').
            " ? 1 : 0, \$amount, \$s);\n";
    }

    private function joined(string $amount, ?string $when): string
    {
        $join = match ($this->combine) {
            Combine::Add => "\$s += {$amount};\n",
            Combine::Replace => "\$s = {$amount};\n",
            Combine::Scale => "\$s *= {$amount};\n",
        };

        return $when === null ? $join : "if {$when} { {$join}}\n";
    }

    private function source(): string
    {
        $slot = Code::slot($this->input);

        return $this->curve === null ? "\$n = {$slot};" : "\$n = \$curves[{$this->curve}]->at({$slot});";
    }
}
