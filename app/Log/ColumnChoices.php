<?php

namespace DuskSwitch\App\Log;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Log\ColumnChoice;
use DuskSwitch\Core\Log\LogQuantity;
use DuskSwitch\Core\Log\LogUnit;

/** What a pilot said that columns hold, as it comes and as it's kept. */
final class ColumnChoices
{
    /** Headings that are taken at most. */
    private const MOST = 400;

    /**
     * @param  mixed  $value  by heading: `{"quantity": "height", "unit": "ft"}`; the unit may be null
     *
     * @throws Refused with the heading of what is wrong
     */
    public static function read(mixed $value): ColumnChoice
    {
        if (! is_array($value) || count($value) > self::MOST) {
            throw Refused::because('columns', 'must be an object of at most '.self::MOST.' headings');
        }
        $choices = [];
        foreach ($value as $heading => $one) {
            $quantity =
                is_array($one) && is_string($one['quantity'] ?? null) ? LogQuantity::tryFrom($one['quantity']) : null;
            if ($quantity === null) {
                throw Refused::because(
                    "columns.{$heading}.quantity",
                    'must be one of '.implode(', ', array_column(LogQuantity::cases(), 'value')),
                );
            }
            $word = $one['unit'] ?? null;
            $unit = is_string($word) ? LogUnit::of($word) : null;
            if (
                $word !== null &&
                ($unit === null || ($quantity->dimension() !== null && $unit->dimension !== $quantity->dimension()))
            ) {
                throw Refused::because(
                    "columns.{$heading}.unit",
                    "\"{$quantity->says()}\" isn't measured in that; leave it out to have it guessed",
                );
            }
            $choices[(string) $heading] = [$quantity, $unit];
        }

        return new ColumnChoice($choices);
    }

    /** @return list<array{id: string, says: string, units: list<string>}> what a column may be */
    public static function offered(): array
    {
        return array_map(
            fn (LogQuantity $one): array => [
                'id' => $one->value,
                'says' => $one->says(),
                'units' => $one->dimension() === null
                        ? []
                        : array_map(fn (LogUnit $unit): string => $unit->word, LogUnit::all($one->dimension())),
            ],
            LogQuantity::cases(),
        );
    }
}
