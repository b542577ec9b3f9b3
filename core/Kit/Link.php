<?php

namespace DuskSwitch\Core\Kit;

/** A kind of link that a transmitter can speak. */
final readonly class Link
{
    /**
     * @param  array<string, array{name: string, channels: int}>  $subtypes  by id
     * @param  int  $generation  of its firmware: only the same one binds and stays bound
     */
    public function __construct(
        public string $id,
        public string $name,
        public array $subtypes,
        public int $generation,
        public bool $telemetry,
    ) {}
}
