<?php

namespace DuskSwitch\App\Backup;

use BackedEnum;
use Closure;
use DuskSwitch\Core\Document\ValueText;
use DuskSwitch\Core\Fault\Refused;
use stdClass;

/**
 * A row or a document of a backup together with where it stands, read value by value; the first that is wrong is
 * told.
 */
final readonly class Row
{
    /** A day and a time as the database has them. */
    private const TIME = '/^\d{4}-\d{2}-\d{2}([ T]\d{2}:\d{2}(:\d{2}(\.\d+)?)?Z?)?$/D';

    private const UUID = '/^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/D';

    private const LEVELS = 40;

    /** @param  string  $at  the file, with the number of its line where it has several */
    public function __construct(private stdClass $value, public string $at) {}

    /** The value under a key; null where there is none. */
    public function raw(string $key): mixed
    {
        return $this->value->{$key} ?? null;
    }

    /** @throws Refused always */
    public function fault(string $key, string $says): never
    {
        throw Refused::because("{$this->at}: {$key}", "{$says}. This backup can't be taken; is there another one?");
    }

    /** Text of at most so many letters. */
    public function text(string $key, int $most, bool $mayBeEmpty = true): string
    {
        $value = $this->raw($key);

        return match (true) {
            ! is_string($value) => $this->wrong($key, 'text'),
            mb_strlen($value) > $most => $this->fault(
                $key,
                'is '.mb_strlen($value)." letters long; at most {$most} are possible",
            ),
            ! $mayBeEmpty && trim($value) === '' => $this->fault($key, 'must not be empty'),
            default => $value,
        };
    }

    public function textOrNothing(string $key, int $most): ?string
    {
        return $this->raw($key) === null ? null : $this->text($key, $most);
    }

    public function matching(string $key, string $pattern, string $is): string
    {
        $value = $this->raw($key);

        return is_string($value) && preg_match($pattern, $value) === 1 ? $value : $this->wrong($key, $is);
    }

    public function uuid(string $key): string
    {
        return $this->matching($key, self::UUID, 'a UUID');
    }

    public function sum(string $key): string
    {
        return $this->matching($key, '/^[0-9a-f]{64}$/D', 'a SHA-256 sum');
    }

    public function whole(string $key, int $least, int $most): int
    {
        $value = $this->raw($key);
        // A column of whole numbers may have come through a spreadsheet as 3.0.
        $value = is_float($value) && floor($value) === $value && abs($value) < 1e15 ? (int) $value : $value;

        return ! is_int($value) || $value < $least || $value > $most
            ? $this->wrong($key, "a whole number from {$least} to {$most}")
            : $value;
    }

    public function wholeOrNothing(string $key, int $least, int $most): ?int
    {
        return $this->raw($key) === null ? null : $this->whole($key, $least, $most);
    }

    public function numberOrNothing(string $key, float $least, float $most): ?float
    {
        return $this->raw($key) === null ? null : $this->number($key, $least, $most);
    }

    public function number(string $key, float $least, float $most): float
    {
        $value = $this->raw($key);

        return ! (is_int($value) || is_float($value)) || ! ($value >= $least && $value <= $most)
            ? $this->wrong($key, 'a number from '.ValueText::number($least).' to '.ValueText::number($most))
            : (float) $value;
    }

    public function flag(string $key): bool
    {
        $value = $this->raw($key);

        return match ($value) {
            true, 1 => true,
            false, 0 => false,
            default => $this->wrong($key, 'true or false'),
        };
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $key, string $enum): BackedEnum
    {
        $value = $this->raw($key);

        return (is_string($value) ? $enum::tryFrom($value) : null) ??
            $this->fault($key, ValueText::noneOf(array_column($enum::cases(), 'value'), $value));
    }

    /** @param  list<string>  $choices */
    public function oneOf(string $key, array $choices): string
    {
        $value = $this->raw($key);

        return is_string($value) && in_array($value, $choices, true)
            ? $value
            : $this->fault($key, ValueText::noneOf($choices, $value));
    }

    /** A day, with its time where there is one. */
    public function time(string $key): string
    {
        $value = $this->matching($key, self::TIME, 'a time as 2026-05-09 14:30:00');
        [$year, $month, $day] = array_map(intval(...), explode('-', substr($value, 0, 10)));

        return checkdate($month, $day, $year) && strtotime($value) !== false
            ? $value
            : $this->wrong($key, 'a day of the calendar');
    }

    public function timeOrNothing(string $key): ?string
    {
        return $this->raw($key) === null ? null : $this->time($key);
    }

    /**
     * A value that is kept as JSON, in the letters in which it came.
     *
     * @param  Closure(mixed): bool  $is  whether it is what it should be; objects are arrays
     */
    public function json(string $key, Closure $is, string $wanted): string
    {
        $text = $this->raw($key);
        $value = is_string($text) ? json_decode($text, true, self::LEVELS) : null;

        return ! is_string($text) || ($value === null && trim($text) !== 'null') || ! $is($value)
            ? $this->fault($key, "must be {$wanted}")
            : $text;
    }

    private function wrong(string $key, string $wanted): never
    {
        $this->fault($key, "must be {$wanted}, not ".ValueText::value($this->raw($key)));
    }
}
