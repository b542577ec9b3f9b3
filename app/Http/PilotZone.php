<?php

namespace DuskSwitch\App\Http;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Throwable;

/** Where the pilot's clock is: "today" and the day of a flight are the pilot's own, whatever day it is in Greenwich. */
final readonly class PilotZone
{
    public const HEADER = 'Dusk-Zone';

    public function __construct(private DateTimeZone $zone) {}

    /** As the page says with each request (an IANA name, as Europe/Berlin); UTC where it says nothing that is one. */
    public static function here(): self
    {
        $said = app('request')->headers->get(self::HEADER);
        try {
            return new self(new DateTimeZone(is_string($said) && $said !== '' ? $said : 'UTC'));
        } catch (Throwable) {
            return new self(new DateTimeZone('UTC'));
        }
    }

    /** The pilot's day, as a date without a time. */
    public function today(DateTimeInterface $now = new DateTimeImmutable()): DateTimeImmutable
    {
        return new DateTimeImmutable($this->day($now));
    }

    /** The day of a moment there: 2026-05-09. */
    public function day(DateTimeInterface $moment): string
    {
        return DateTimeImmutable::createFromInterface($moment)->setTimezone($this->zone)->format('Y-m-d');
    }
}
