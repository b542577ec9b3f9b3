<?php

namespace DuskSwitch\Core\Speech;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Telemetry\Callout;
use DuskSwitch\Core\Telemetry\Sample;
use DuskSwitch\Core\Telemetry\Values;
use DuskSwitch\Core\Telemetry\Watcher;

/** What is heard on the bench when something changes under the hand: as in flight, from this change on. */
final readonly class LiveVoice
{
    /** Seconds from one look to the next while nothing changes any more. */
    private const EVERY = 0.1;

    public function __construct(
        private Program $program,
        private Transmitter $transmitter,
        private Values $values,
        private Language $language,
    ) {}

    /**
     * The phrases that a change brings, each once: new steps and phases, and the calls whose condition holds now and
     * didn't before, after they have held for as long as they must.
     *
     * @param  Sample  $before  the moment before the change
     * @param  Sample  $now  what has been since; their times don't count
     * @return list<SpokenPhrase> from and to in seconds since the change
     */
    public function heard(Sample $before, Sample $now): array
    {
        $calls = $this->fresh($before->at(0.0));
        $holds = array_map(fn (Callout $one): float => $one->hold, $calls);
        $moments = [$before->at(0.0), $now->at(Sample::TICK)];
        for ($time = self::EVERY; $time < max([0.0, ...$holds]) + 2 * self::EVERY; $time += self::EVERY) {
            $moments[] = $now->at(round($time + Sample::TICK, 2));
        }
        $program = $this->program->with(sense: $this->program->sense->with(calls: $calls));
        $offers = (new Voice($program, $this->transmitter, $this->values, $this->language))->hear($moments)->offers;
        $once = [];
        foreach ($offers as $offer) {
            $once["{$offer->by} {$offer->text}"] ??= $offer;
        }
        $said = (new Queue(new Airtime($this->language)))->speak(array_values($once));

        return array_values(array_filter($said, fn (SpokenPhrase $one): bool => $one->from !== null));
    }

    /** @return list<Callout> those that don't hold yet */
    private function fresh(Sample $before): array
    {
        return array_values(
            array_filter(
                $this->program->sense->calls,
                fn (Callout $one): bool => ! Watcher::of($one->when, $this->program, $this->transmitter)->sees($before),
            ),
        );
    }
}
