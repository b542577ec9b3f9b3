<?php

namespace DuskSwitch\Core\Link;

/** One point of a verdict: what, how it stands, why, and the cure. */
final readonly class VerdictPoint
{
    public function __construct(
        public string $topic,
        public PointLevel $level,
        public string $says,
        public ?string $cure = null,
    ) {}

    /** It fits. */
    public static function fine(string $topic, string $says): self
    {
        return new self($topic, PointLevel::Fine, $says);
    }

    /** It can't be said, because something isn't chosen or isn't known: no "it fits" as long as this stands. */
    public static function open(string $topic, string $says, string $cure): self
    {
        return new self($topic, PointLevel::Open, $says, $cure);
    }

    /** It fits, and is worth a look. */
    public static function look(string $topic, string $says, string $cure): self
    {
        return new self($topic, PointLevel::Look, $says, $cure);
    }

    /** It can't work. */
    public static function wrong(string $topic, string $says, string $cure): self
    {
        return new self($topic, PointLevel::Wrong, $says, $cure);
    }
}
