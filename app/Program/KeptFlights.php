<?php

namespace DuskSwitch\App\Program;

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

    public function __construct(private string $folder) {}

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
        if (! is_dir($this->folder) && ! @mkdir($this->folder, 0o775, true)) {
            return;
        }
        $file = "{$this->folder}/{$key}".($one instanceof HeardCalls ? '.heard' : '');
        // Written aside and moved into place: another request never reads half of it.
        $aside = $file.'.'.bin2hex(random_bytes(4));
        if (@file_put_contents($aside, serialize($one)) !== false) {
            @rename($aside, $file);
        }
        $all = glob("{$this->folder}/*") ?: [];
        usort($all, fn (string $a, string $b): int => (int) @filemtime($b) <=> (int) @filemtime($a));
        array_map(fn (string $old): bool => @unlink($old), array_slice($all, self::KEPT));
    }

    /** @param  list<class-string>  $classes  that may be in it */
    private function read(string $name, array $classes): mixed
    {
        $file = "{$this->folder}/{$name}";

        return is_file($file)
            ? @unserialize((string) file_get_contents($file), ['allowed_classes' => $classes])
            : null;
    }
}
