<?php

namespace DuskSwitch\App\Program;

use DuskSwitch\App\Files\NewestFiles;
use DuskSwitch\Core\Flight\EventKind;
use DuskSwitch\Core\Flight\FlightEvent;
use DuskSwitch\Core\Flight\HandheldRecord;
use DuskSwitch\Core\Flight\PackCharge;
use DuskSwitch\Core\Flight\Recording;
use DuskSwitch\Core\Flight\Track;
use DuskSwitch\Core\Program\Telemetry\Priority;
use DuskSwitch\Core\Program\Telemetry\Sound;
use DuskSwitch\Core\Speech\HeardCalls;
use DuskSwitch\Core\Speech\QueuedPhrase;
use DuskSwitch\Core\Telemetry\OpenSpans;
use DuskSwitch\Core\Telemetry\Sample;

/** The last rehearsed flights and what was heard of them, in a folder that may be lost at any time. */
final readonly class KeptFlights
{
    /** So many files are kept, the newest. */
    private const KEPT = 24;

    /** Of what a kept flight is made. */
    private const FLIGHT = [
        Recording::class,
        Sample::class,
        Track::class,
        HandheldRecord::class,
        FlightEvent::class,
        EventKind::class,
        PackCharge::class,
    ];

    /** Of what is kept of a listening. */
    private const HEARD = [HeardCalls::class, QueuedPhrase::class, OpenSpans::class, Priority::class, Sound::class];

    private NewestFiles $files;

    public function __construct(string $folder)
    {
        $this->files = new NewestFiles($folder, self::KEPT);
    }

    /** The flight that was kept, or null. */
    public function flight(string $key): ?Recording
    {
        $kept = $this->read($key, self::FLIGHT);

        return $kept instanceof Recording ? $kept : null;
    }

    /** What was heard of a flight; nothing yet where nothing was kept. */
    public function heard(string $key): HeardCalls
    {
        $kept = $this->read("{$key}.heard", self::HEARD);

        return $kept instanceof HeardCalls ? $kept : new HeardCalls();
    }

    /** Keeps a flight, or what was heard of it. */
    public function keep(string $key, Recording|HeardCalls $one): void
    {
        $this->files->keep($key.($one instanceof HeardCalls ? '.heard' : ''), serialize($one));
    }

    /** @param  list<class-string>  $classes  that may be in it */
    private function read(string $name, array $classes): mixed
    {
        $text = $this->files->read($name);

        return $text === null ? null : @unserialize($text, ['allowed_classes' => $classes]);
    }
}
