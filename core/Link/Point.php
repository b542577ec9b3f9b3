<?php

namespace DuskSwitch\Core\Link;

/** One point of a verdict: what, how it stands, why, and the cure. */
final readonly class Point
{
    public function __construct(public string $topic, public Level $level, public string $says, public ?string $cure = null) {}

    /** It fits. */
    public static function fine(string $topic, string $says): self
    {
        return new self($topic, Level::Fine, $says);
    }

    /** It can't be said, because something isn't chosen or isn't known: no "it fits" as long as this stands. */
    public static function open(string $topic, string $says, string $cure): self
    {
        return new self($topic, Level::Open, $says, $cure);
    }

    /** It fits, and is worth a look. */
    public static function look(string $topic, string $says, string $cure): self
    {
        return new self($topic, Level::Look, $says, $cure);
    }

    /** It can't work. */
    public static function wrong(string $topic, string $says, string $cure): self
    {
        return new self($topic, Level::Wrong, $says, $cure);
    }
}
