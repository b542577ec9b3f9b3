<?php

namespace DuskSwitch\Core\Document;

use BackedEnum;
use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Units\Range;
use LogicException;
use stdClass;

/**
 * A value of a document together with its path. Every reading that fails notes a fault and gives a harmless
 * stand-in, so that one pass finds all faults; whoever reads ends with {@see Faults::refuseAny()}.
 */
final readonly class JsonCursor
{
    /**
     * @param  string|self  $within  the path of the value, or what it stands in
     * @param  int|string|null  $place  in what it stands in: a key, or the number of an item
     */
    public function __construct(
        public mixed $value,
        private string|self $within,
        public Faults $faults,
        private int|string|null $place = null,
    ) {}

    /** Where the value stands; made when it's asked for, as hardly any value is wrong. */
    public function path(): string
    {
        if (is_string($this->within)) {
            return $this->within;
        }

        return is_int($this->place)
            ? "{$this->within->path()}[{$this->place}]"
            : JsonPath::below($this->within->path(), (string) $this->place);
    }

    /** What stands under a key of the value. */
    public function below(string $key, mixed $value): self
    {
        return new self($value, $this, $this->faults, $key);
    }

    /** Nothing, where a key is missing: what reads it gives its stand-in, and nobody hears its faults. */
    public function nothing(string $key): self
    {
        return new self(null, $this, new Faults(), $key);
    }

    /** @return array<string, mixed>|null what stands in it, by key; null where it isn't an object */
    public function keyed(): ?array
    {
        if (! ($this->value instanceof stdClass)) {
            return null;
        }
        /** @var array<string, mixed> keys such as "7" are numbers here, which array_key_exists() finds too */
        $keyed = get_object_vars($this->value);

        return $keyed;
    }

    /** The same value with some of its keys only. */
    public function only(string ...$keys): self
    {
        return $this->value instanceof stdClass
            ? new self(
                (object) array_intersect_key(get_object_vars($this->value), array_flip($keys)),
                $this->within,
                $this->faults,
                $this->place,
            )
            : $this;
    }

    /** Notes a fault here. */
    public function fault(string $says): void
    {
        $this->faults->add($this->path(), $says);
    }

    /** Notes a fault at a key of the value. */
    public function faultAt(string $key, string $says): void
    {
        $this->faults->add(JsonPath::below($this->path(), $key), $says);
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
        $this->refuseUnknown([...$required, ...$optional]);
        foreach ($required as $key) {
            $this->has($key) || $this->faultAt($key, 'this is missing');
        }
    }

    /**
     * Notes a fault at every key but these.
     *
     * @param  list<string>  $known
     */
    public function refuseUnknown(array $known): void
    {
        foreach (array_diff(array_map(strval(...), array_keys($this->keyed() ?? [])), $known) as $key) {
            $this->faultAt($key, 'this key is unknown; here may stand '.implode(', ', $known));
        }
    }

    /** The value under a key, or null where there's none. */
    public function at(string $key): ?self
    {
        return $this->value instanceof stdClass && property_exists($this->value, $key)
            ? $this->below($key, $this->value->{$key})
            : null;
    }

    /** The value under a key that must be there; where it is missing {@see self::keys()} says so. */
    public function need(string $key): self
    {
        return $this->at($key) ?? $this->nothing($key);
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
        if ($count > $most) {
            $this->fault("there are {$count} here; at most {$most} are possible");
        } elseif ($count < $least) {
            $this->fault("there must be at least {$least} here");
        }
        $items = [];
        foreach (array_values(array_slice($this->value, 0, $most)) as $index => $item) {
            $items[] = new self($item, $this, $this->faults, $index);
        }

        return $items;
    }

    /** @return list<self> the items of a list, whatever their number; none where it isn't one */
    public function each(): array
    {
        $items = [];
        foreach (is_array($this->value) ? array_values($this->value) : [] as $index => $item) {
            $items[] = new self($item, $this, $this->faults, $index);
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
            $node = $this->below((string) $key, $value);
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
        $fault = ValueText::unfit($this->value, $most, $mayBeEmpty);
        $fault === null || $this->fault($fault);

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
            $this->fault(ValueText::outside($this->value, $least, $most));

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
            if ($this->isNumber()) {
                return Range::both($this->number($least, $most));
            }
            $this->wrongType('two numbers, [low, high], or one for both');

            return Range::both($least);
        }
        $items = $this->items(2, 2);

        return count($items) === 2
            ? new Range($items[0]->number($least, $most), $items[1]->number($least, $most))
            : Range::both($least);
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
        $this->fault(ValueText::noneOf(array_column($cases, 'value'), $this->value));

        return $cases[0];
    }

    /**
     * One of several things by its id.
     *
     * @template T
     *
     * @param  array<string, T>  $choices  at least one
     * @return T
     */
    public function oneOf(array $choices): mixed
    {
        if (is_string($this->value) && isset($choices[$this->value])) {
            return $choices[$this->value];
        }
        $this->fault(ValueText::noneOf(array_keys($choices), $this->value));

        return array_values($choices)[0] ?? throw new LogicException('There is nothing to choose');
    }

    /** Notes that the value is of another type. */
    public function wrongType(string $wanted): void
    {
        $this->fault("must be {$wanted}, not ".ValueText::value($this->value));
    }
}
