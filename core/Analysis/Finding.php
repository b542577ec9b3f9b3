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

    /** Where the recording's dates can be read in two ways. */
    public static function dayIsGuessed(): self
    {
        $says = 'Not sure: day and month could each be the other; the day was taken to stand first. Correct it in the notes.';

        return new self('date', 'Date', false, $says, '', null);
    }
}
