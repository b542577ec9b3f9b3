<?php

namespace DuskSwitch\App\Hangar;

use DuskSwitch\App\Program\Bench;

/** Saltmarsh Field: the made-up club that the app arrives with. */
final readonly class Demo
{
    public function __construct(private Hangar $hangar, private Bench $bench) {}

    /** Puts every aircraft of the demo into the hangar. */
    public function load(): void
    {
        foreach (glob(database_path('demo/*.json')) ?: [] as $file) {
            $this->hangar->add(
                $this->bench->circuit((string) file_get_contents($file))->program,
                'From Saltmarsh Field',
            );
        }
    }
}
