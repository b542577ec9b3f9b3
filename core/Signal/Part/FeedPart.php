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
    ) {}

    /** True where the feed is just a term of a sum. */
    public function isTerm(): bool
    {
        return $this->curve === null && $this->when === null && $this->combine === Combine::Add;
    }

    /** What the feed brings, `offset + m · weight`, as an expression; `$m` is its source after the curve. */
    public function term(string $m): string
    {
        $term = Code::sided($m, $this->low, $this->high);

        return $this->offset === 0.0 ? $term : '('.Code::number($this->offset)." + {$term})";
    }

    /** Statements that join the feed to `$s`, the sum so far. */
    public function code(): string
    {
        $join = match ($this->combine) {
            Combine::Add => "\$s += {$this->term('$m')};",
            Combine::Replace => "\$s = {$this->term('$m')};",
            Combine::Scale => "\$s *= {$this->term('$m')};",
        };
        $code = "{$this->source()} {$join}\n";

        return $this->when === null ? $code : "if {$this->when->code()} { {$code}}\n";
    }

    /** Statements that join the feed to `$s` and add three numbers to `$notes`: 1 where it is active, what it brings, the sum after it. */
    public function explaining(): string
    {
        $active = $this->when?->code() ?? 'true';

        return "{$this->source()} \$a = {$active}; \$amount = {$this->term('$m')};\n{$this->code()}array_push(\$notes, \$a ? 1 : 0, \$amount, \$s);\n";
    }

    private function source(): string
    {
        $slot = Code::slot($this->input);

        return $this->curve === null ? "\$m = {$slot};" : "\$m = \$curves[{$this->curve}]->at({$slot});";
    }
}
