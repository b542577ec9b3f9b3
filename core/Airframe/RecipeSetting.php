<?php

namespace DuskSwitch\Core\Airframe;

/** One thing that a pilot chooses in a recipe. */
final readonly class RecipeSetting
{
    /**
     * @param  string  $kind  percent (a signal, 1.0 = 100 %), number, choice or flag
     * @param  array<string, string>  $options  of a choice: names by value
     * @param  array{string, list<string>}|null  $when  another setting and the values of it with which this one counts
     */
    private function __construct(
        public string $id,
        public string $name,
        public string $kind,
        public float|bool|string $default,
        public string $says,
        public float $least = 0.0,
        public float $most = 0.0,
        public string $unit = '%',
        public array $options = [],
        public ?array $when = null,
    ) {}

    /** A share of full travel, 1.0 = 100 %. */
    public static function percent(
        string $id,
        string $name,
        float $default,
        float $least,
        float $most,
        string $says = '',
    ): self {
        return new self($id, $name, 'percent', $default, $says, $least, $most);
    }

    /** A number with a unit. */
    public static function number(
        string $id,
        string $name,
        float $default,
        float $least,
        float $most,
        string $unit,
        string $says = '',
    ): self {
        return new self($id, $name, 'number', $default, $says, $least, $most, $unit);
    }

    /**
     * One of several.
     *
     * @param  non-empty-array<string, string>  $options  names by value; the first is the default
     */
    public static function choice(string $id, string $name, array $options, string $says = ''): self
    {
        return new self($id, $name, 'choice', array_key_first($options), $says, options: $options);
    }

    /** Yes or no. */
    public static function flag(string $id, string $name, bool $default, string $says = ''): self
    {
        return new self($id, $name, 'flag', $default, $says);
    }

    /** The same setting, which counts only while another has one of these values. */
    public function when(string $setting, string ...$values): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->kind,
            $this->default,
            $this->says,
            $this->least,
            $this->most,
            $this->unit,
            $this->options,
            [$setting, array_values($values)],
        );
    }
}
