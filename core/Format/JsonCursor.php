<?php

namespace DuskSwitch\Core\Format;

use BackedEnum;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Units\Range;
use stdClass;

/**
 * A value of a document together with its path. Every reading that fails notes a fault and gives a harmless
 * stand-in, so that one pass finds all faults; whoever reads ends with {@see Faults::refuseAny()}.
 */
final readonly class JsonCursor
{
    public function __construct(private mixed $value, public string $path, public Faults $faults) {}

    /** Notes a fault here. */
    public function fault(string $says): void
    {
        $this->faults->add($this->path, $says);
    }

    /** True where the value is an object. */
    public function isObject(): bool
    {
        return $this->value instanceof stdClass;
    }

    /** True where the value is null. */
    public function isNull(): bool
    {
        return $this->value === null;
    }

    /** True where the value is text. */
    public function isText(): bool
    {
        return is_string($this->value);
    }

    /** True where the value is a number. */
    public function isNumber(): bool
    {
        return is_int($this->value) || is_float($this->value);
    }

    /**
     * Checks that the value is an object with no keys but these.
     *
     * @param  list<string>  $required
     * @param  list<string>  $optional
     */
    public function keys(array $required, array $optional = []): void
    {
        if (! ($this->value instanceof stdClass)) {
            $this->wrongType('an object');

            return;
        }
        $known = [...$required, ...$optional];
        foreach (array_keys(get_object_vars($this->value)) as $key) {
            if (! in_array((string) $key, $known, true)) {
                $this->faults->add(
                    JsonPath::below($this->path, (string) $key),
                    'this key is unknown; here may stand '.implode(', ', $known),
                );
            }
        }
        foreach ($required as $key) {
            if (! property_exists($this->value, $key)) {
                $this->faults->add(JsonPath::below($this->path, $key), 'this is missing');
            }
        }
    }

    /** The value under a key, or null where there's none. */
    public function at(string $key): ?self
    {
        return $this->value instanceof stdClass && property_exists($this->value, $key)
            ? new self($this->value->{$key}, JsonPath::below($this->path, $key), $this->faults)
            : null;
    }

    /** True where the key is there. */
    public function has(string $key): bool
    {
        return $this->at($key) !== null;
    }

    /** @return list<self> the items of a list of at most so many */
    public function items(int $most, int $least = 0): array
    {
        if (! is_array($this->value)) {
            $this->wrongType('a list');

            return [];
        }
        $count = count($this->value);
        if ($count > $most || $count < $least) {
            $this->fault(
                $count > $most
                    ? "there are {$count} here; at most {$most} are possible"
                    : "there must be at least {$least} here",
            );
        }
        $items = [];
        foreach (array_slice(array_values($this->value), 0, $most) as $index => $item) {
            $items[] = new self($item, "{$this->path}[{$index}]", $this->faults);
        }

        return $items;
    }

    /** @return array<string, self> the values of an object whose keys are ids, at most so many */
    public function entries(int $most): array
    {
        if (! ($this->value instanceof stdClass)) {
            $this->wrongType('an object');

            return [];
        }
        $entries = [];
        foreach (get_object_vars($this->value) as $key => $value) {
            $node = new self($value, JsonPath::below($this->path, (string) $key), $this->faults);
            if (! JsonPath::isId((string) $key)) {
                $node->fault(JsonPath::NO_ID);
            } elseif (count($entries) === $most) {
                $this->fault("at most {$most} are possible here");
                break;
            } else {
                $entries[(string) $key] = $node;
            }
        }

        return $entries;
    }

    /** Text of at most so many characters, no control characters, not empty unless allowed. */
    public function text(int $most = 60, bool $mayBeEmpty = false): string
    {
        if (! is_string($this->value)) {
            $this->wrongType('text');

            return '';
        }
        if (! $mayBeEmpty && trim($this->value) === '') {
            $this->fault('must not be empty');
        } elseif (mb_strlen($this->value) > $most) {
            $this->fault('is '.mb_strlen($this->value)." characters long; at most {$most} are possible");
        } elseif (preg_match('/[\x00-\x08\x0b-\x1f\x7f]/', $this->value) === 1) {
            $this->fault('has a character that can\'t be shown; take it out');
        }

        return $this->value;
    }

    /** An id: small letters, digits and hyphens. */
    public function id(): string
    {
        if (! is_string($this->value)) {
            $this->wrongType('an id');

            return '';
        }
        if (! JsonPath::isId($this->value)) {
            $this->fault(JsonPath::NO_ID);
        }

        return $this->value;
    }

    /** A number from $least to $most. */
    public function number(float $least, float $most): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            $this->wrongType('a number');

            return 0.0;
        }
        if (! ($this->value >= $least && $this->value <= $most)) {
            $this->fault(
                'must be from '.
                    ValueText::number($least).
                    ' to '.
                    ValueText::number($most).
                    ', not '.
                    ValueText::number($this->value),
            );

            return $least;
        }

        return $this->value + 0.0;
    }

    /** A whole number from $least to $most. */
    public function whole(int $least, int $most): int
    {
        $number = $this->number($least, $most);
        if (floor($number) !== $number) {
            $this->fault('must be a whole number, not '.ValueText::number($number));
        }

        return (int) $number;
    }

    /** true or false. */
    public function flag(): bool
    {
        if (! is_bool($this->value)) {
            $this->wrongType('true or false');

            return false;
        }

        return $this->value;
    }

    /** Two numbers `[low, high]`, or one for both sides. */
    public function range(float $least, float $most): Range
    {
        if (! is_array($this->value)) {
            if (! is_int($this->value) && ! is_float($this->value)) {
                $this->wrongType('two numbers, [low, high], or one for both');

                return Range::both($least);
            }

            return Range::both($this->number($least, $most));
        }
        $items = $this->items(2, 2);
        if (count($items) !== 2) {
            return Range::both($least);
        }

        return new Range($items[0]->number($least, $most), $items[1]->number($least, $most));
    }

    /**
     * One of the cases of an enum.
     *
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    public function choice(string $enum): BackedEnum
    {
        $cases = $enum::cases();
        foreach ($cases as $case) {
            if ($case->value === $this->value) {
                return $case;
            }
        }
        $this->fault(
            'must be one of '.
                implode(', ', array_map(fn (BackedEnum $case) => $case->value, $cases)).
                ', not '.
                ValueText::value($this->value),
        );

        return $cases[0];
    }

    private function wrongType(string $wanted): void
    {
        $this->fault("must be {$wanted}, not ".ValueText::value($this->value));
    }
}
