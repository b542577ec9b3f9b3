<?php

namespace DuskSwitch\Core\Analysis;

/** Something that a flight tells, or doesn't, in a sentence. */
final readonly class Finding
{
    /**
     * @param  bool  $known  false where nothing tells; then it says why
     * @param  float|null  $at  seconds since the flight's first row
     */
    public function __construct(
        public string $id,
        public string $title,
        public bool $known,
        public string $says,
        public string $detail,
        public ?float $at,
    ) {}
}
