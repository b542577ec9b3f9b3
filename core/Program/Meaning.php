<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Document\Form\Id;
use DuskSwitch\Core\Document\Names;
use DuskSwitch\Core\Document\Naming;

/**
 * What a step of a function means: armed, disarmed, the motor on or off, a mode of the controller, or something else.
 */
final readonly class Meaning implements Naming
{
    public const ARMED = 'armed';

    public const DISARMED = 'disarmed';

    public const MOTOR_ON = 'motor-on';

    public const MOTOR_OFF = 'motor-off';

    public const OTHER = 'other';

    /** All but the modes. */
    public const WORDS = [self::ARMED, self::DISARMED, self::MOTOR_ON, self::MOTOR_OFF, self::OTHER];

    /**
     * @param  string|null  $word  one of WORDS; null for a mode
     * @param  string|null  $mode  the id of a mode of the controller; null for a word
     */
    private function __construct(
        public ?string $word,
        #[Id(Names::Mode)]
        public ?string $mode,
    ) {}

    /** One of WORDS. */
    public static function word(string $word): self
    {
        return new self($word, null);
    }

    /** A mode of the controller, by its id. */
    public static function mode(string $mode): self
    {
        return new self(null, $mode);
    }

    /** True where it is that word. */
    public function is(string $word): bool
    {
        return $this->word === $word;
    }

    /** True where a step of an arm function with it is armed: by word, or as it asks for a mode to fly in. */
    public function arms(): bool
    {
        return $this->mode !== null || $this->is(self::ARMED);
    }

    /** In words: "armed", "mode free". */
    public function says(): string
    {
        return $this->word === null ? "mode {$this->mode}" : str_replace('-', ' ', $this->word);
    }
}
