<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Telemetry\OpenSpans;

/**
 * What became of each call of one flight, kept from listening to listening: where one alarm is changed, only that one
 * is listened to again. It holds for one flight alone.
 */
final class HeardCalls
{
    /** More than a program has calls, several times over; beyond that all is dropped. */
    private const MOST = 240;

    /** @param  array<string, array{list<QueuedPhrase>, OpenSpans, OpenSpans}>  $known  by what makes a call what it is */
    public function __construct(private array $known = []) {}

    /** How many calls are known. */
    public function count(): int
    {
        return count($this->known);
    }

    /**
     * What became of a call.
     *
     * @param  string  $key  of everything that it depends on but the flight
     * @param  \Closure(): array{list<QueuedPhrase>, OpenSpans, OpenSpans}  $listen
     * @return array{list<QueuedPhrase>, OpenSpans, OpenSpans} what it says; when its condition held, and was unknown
     */
    public function of(string $key, \Closure $listen): array
    {
        if (! isset($this->known[$key]) && count($this->known) >= self::MOST) {
            $this->known = [];
        }

        return $this->known[$key] ??= $listen();
    }
}
