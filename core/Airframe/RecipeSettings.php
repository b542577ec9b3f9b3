<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Faults;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Units\Figure;

/** What was chosen in a recipe, every setting with a value that it can have. */
final readonly class RecipeSettings
{
    /** @param  array<string, float|bool|string>  $values  all of the recipe's */
    private function __construct(public array $values) {}

    /**
     * The settings with what was given, and the defaults for the rest.
     *
     * @param  list<RecipeSetting>  $known
     * @param  array<string, float|bool|string>  $given
     *
     * @throws Refused with the path of every value that is impossible or unknown
     */
    public static function of(array $known, array $given): self
    {
        $faults = new Faults();
        $values = [];
        foreach ($known as $setting) {
            $value = $given[$setting->id] ?? $setting->default;
            $fault = self::fault($setting, $value);
            if ($fault !== null) {
                $faults->add("settings.{$setting->id}", "{$setting->name}: {$fault}");
            }
            $values[$setting->id] = $value;
        }
        foreach (array_diff_key($given, $values) as $id => $value) {
            $faults->add(
                "settings.{$id}",
                'this recipe has no such setting; it has '.implode(', ', array_keys($values)),
            );
        }
        $faults->refuseAny();

        return new self($values);
    }

    private static function fault(RecipeSetting $setting, float|bool|string $value): ?string
    {
        if ($setting->kind === 'flag') {
            return is_bool($value) ? null : 'must be true or false';
        }
        if ($setting->kind === 'choice') {
            return is_string($value) && isset($setting->options[$value])
                ? null
                : 'must be one of '.implode(', ', array_keys($setting->options));
        }
        if (is_float($value) && $value >= $setting->least && $value <= $setting->most) {
            return null;
        }
        $shown = fn (float $end): string => $setting->kind === 'percent'
            ? Figure::percent($end, 1)
            : "{$end} {$setting->unit}";

        return "must be from {$shown($setting->least)} to {$shown($setting->most)}".
            (is_float($value) ? ", not {$shown($value)}" : '');
    }

    /** A percentage, 1.0 = 100 %, or a number. */
    public function number(string $id): float
    {
        $value = $this->values[$id] ?? 0.0;

        return is_float($value) ? $value : 0.0;
    }

    /** What was chosen. */
    public function choice(string $id): string
    {
        $value = $this->values[$id] ?? '';

        return is_string($value) ? $value : '';
    }

    /** Yes or no. */
    public function flag(string $id): bool
    {
        return ($this->values[$id] ?? false) === true;
    }
}
