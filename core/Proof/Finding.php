<?php

namespace DuskSwitch\Core\Proof;

use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Space\Witness;

/** Something that the proof found, with the state in which it shows and, where one is safe, a fix. */
final readonly class Finding
{
    /**
     * @param  string  $rule  the rule's id
     * @param  string  $about  what it's about: "output:5", "control:left-shoulder", "program"
     * @param  string  $says  a sentence
     * @param  Witness|null  $witness  the state in which it shows; null where it shows in every state
     * @param  string|null  $mend  what the fix does, in words
     * @param  Program|null  $mended  the program with it
     * @param  string  $detail  tells it from others of the rule about the same thing; never words
     * @param  bool  $isOpen  true where it isn't a finding but what couldn't be proven
     * @param  list<int>  $channels  that it's about
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $about,
        public string $says,
        public ?Witness $witness = null,
        public ?string $mend = null,
        public ?Program $mended = null,
        public string $detail = '',
        public bool $isOpen = false,
        public array $channels = [],
    ) {}

    /** What couldn't be proven: as bad as an error. */
    public static function open(string $rule, string $about, string $what, string $why, string $detail = ''): self
    {
        return new self(
            $rule,
            Severity::Error,
            $about,
            "Not proven: {$what}, because {$why}",
            null,
            null,
            null,
            trim("{$detail} open"),
            true,
            self::channelsOf($about),
        );
    }

    /** Stays the same while it's about the same, whatever the words: an acceptance names it. */
    public function key(): string
    {
        return trim("{$this->rule} {$this->about} {$this->detail}");
    }

    /** @return list<int> the channels that it's about */
    public function channels(): array
    {
        return $this->channels !== [] ? $this->channels : self::channelsOf($this->about);
    }

    /** @return list<int> */
    private static function channelsOf(string $about): array
    {
        return preg_match('/^output:(\d+)$/D', $about, $found) === 1 ? [(int) $found[1]] : [];
    }
}
