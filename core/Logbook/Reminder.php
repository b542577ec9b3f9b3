<?php

namespace DuskSwitch\Core\Logbook;

use DateTimeImmutable;

/** When work on an aircraft is due again: after so many flights, or months, whichever comes first. */
final readonly class Reminder
{
    /**
     * @param  int|null  $flights  left until then; below 0 it is over
     * @param  int|null  $days  left until then
     * @param  string  $state  due, soon or fine; none where nothing asks for it again
     */
    private function __construct(public ?int $flights, public ?int $days, public string $state) {}

    /** Share of the time that is left when it is soon. */
    private const SOON = 0.1;

    /**
     * @param  int|null  $everyFlights  after how many it's due; null where flights don't count
     * @param  int|null  $everyMonths  after how many it's due
     * @param  int  $flown  flights since it was done
     */
    public static function of(
        DateTimeImmutable $done,
        ?int $everyFlights,
        ?int $everyMonths,
        int $flown,
        DateTimeImmutable $today,
    ): self {
        $flights = $everyFlights === null ? null : $everyFlights - $flown;
        $due = $everyMonths === null ? null : self::later($done, $everyMonths);
        $days = $due === null ? null : (int) $today->setTime(0, 0)->diff($due)->format('%r%a');
        $whole = $due === null ? 0 : (int) $done->setTime(0, 0)->diff($due)->format('%a');
        $state = match (true) {
            $flights === null && $days === null => 'none',
            ($flights !== null && $flights <= 0) || ($days !== null && $days <= 0) => 'due',
            ($flights !== null && $flights <= self::SOON * (int) $everyFlights) ||
                ($days !== null && $days <= self::SOON * $whole) => 'soon',
            default => 'fine',
        };

        return new self($flights, $days, $state);
    }

    /** So many months on; the last of a month stays the last where the next is shorter. */
    private static function later(DateTimeImmutable $from, int $months): DateTimeImmutable
    {
        $first = $from
            ->setTime(0, 0)
            ->modify('first day of this month')
            ->modify("+{$months} months");

        return $first->setDate(
            (int) $first->format('Y'),
            (int) $first->format('m'),
            min((int) $from->format('d'), (int) $first->format('t')),
        );
    }
}
