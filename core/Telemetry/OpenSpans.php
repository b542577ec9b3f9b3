<?php

namespace DuskSwitch\Core\Telemetry;

/** From when to when something was so, noted moment by moment. */
final class OpenSpans
{
    private ?float $since = null;

    /** @var list<array{float, float}> */
    private array $closed = [];

    /** Is it so now? Moments come in the order of time. */
    public function note(float $time, bool $is): void
    {
        if (! $is && $this->since !== null) {
            $this->closed[] = [$this->since, $time];
        }
        $this->since = $is ? $this->since ?? $time : null;
    }

    /** Since when it is so without a break, in seconds; null where it isn't. */
    public function since(): ?float
    {
        return $this->since;
    }

    /** @return list<array{float, float}> seconds; one that is still open ends at a time */
    public function until(float $end): array
    {
        return $this->since === null ? $this->closed : [...$this->closed, [$this->since, $end]];
    }
}
