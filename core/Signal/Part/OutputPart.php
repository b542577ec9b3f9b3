<?php

namespace DuskSwitch\Core\Signal\Part;

use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Units\PulseScale;
use DuskSwitch\Core\Units\Signal;

/** An output. Its slots: signal, then pulse in µs, then 1 where something clipped. */
final readonly class OutputPart implements Part
{
    /** @param  list<FeedPart>  $feeds */
    public function __construct(
        public int $slot,
        public Output $output,
        public array $feeds,
        private PulseScale $scale,
    ) {}

    public function code(): string
    {
        return $this->sum().$this->stages();
    }

    public function inTime(): string
    {
        if (array_filter($this->feeds, fn (FeedPart $feed): bool => $feed->needsTime()) === []) {
            return $this->code();
        }

        return "\$s = 0.0;\n".
            implode('', array_map(fn (FeedPart $feed): string => $feed->inTime(), $this->feeds)).
            $this->stages();
    }

    /** Statements that add to `$notes` for every feed as it joins, {@see FeedPart::explaining()}. */
    public function explaining(bool $inTime): string
    {
        return '$s = 0.0; $notes = [];'.
            "\n".
            implode('', array_map(fn (FeedPart $feed): string => $feed->explaining($inTime), $this->feeds));
    }

    private function sum(): string
    {
        $terms = [];
        foreach ($this->feeds as $feed) {
            if (! $feed->isTerm()) {
                return "\$s = 0.0;\n".
                    implode('', array_map(fn (FeedPart $feed): string => $feed->code(), $this->feeds));
            }
            $terms[] = $feed->term(Code::slot($feed->input));
        }

        return '$s = '.($terms === [] ? '0.0' : implode(' + ', $terms)).";\n";
    }

    private function stages(): string
    {
        $sign = $this->output->reverse ? -1.0 : 1.0;
        [$travel, $limit] = [$this->output->travel, $this->output->limit];
        $signal = Code::sided('$s', $travel->low * $sign, $travel->high * $sign);
        $subtrim = $this->output->subtrim === 0.0 ? '' : ' + '.Code::number($this->output->subtrim);
        [$a, $b, $c] = array_map(Code::slot(...), [$this->slot, $this->slot + 1, $this->slot + 2]);
        [$centre, $span] = [Code::number($this->scale->centre), Code::number($this->scale->span)];

        // A pulse is positive, so cutting off after adding a half rounds halves away from zero.
        return '$clip = 0;'.
            "\n".
            Code::hold('$s', -Signal::LIMIT, Signal::LIMIT, '$clip = 1;').
            "\$s = {$signal}{$subtrim};\n".
            Code::hold('$s', $limit->low, $limit->high, '$clip = 1;').
            "{$a} = \$s; {$b} = (int) ({$centre} + {$span} * \$s + 0.5); {$c} = \$clip;\n";
    }
}
