<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\Program;

/** All that a pilot keys into a transmitter for a program, in the order in which one does it. */
final readonly class Sheet
{
    /**
     * @param  list<Section>  $sections
     * @param  list<string>  $losses  what the program can't take along to this transmitter
     */
    private function __construct(
        public Program $program,
        public Transmitter $transmitter,
        public array $sections,
        public array $losses,
    ) {}

    /** The sheet of a program for its own transmitter. */
    public static function of(Program $program, Transmitter $transmitter): self
    {
        return new self($program, $transmitter, self::sections($program, $transmitter), []);
    }

    /** The sheet of a program for another transmitter than its own. */
    public static function elsewhere(Program $program, Transmitter $from, Transmitter $to): self
    {
        if ($from->id === $to->id) {
            return self::of($program, $to);
        }
        $moved = TransmitterMove::to($program, $from, $to);

        return new self($moved->program, $to, self::sections($moved->program, $to), $moved->losses);
    }

    /** @return list<Section> */
    private static function sections(Program $program, Transmitter $transmitter): array
    {
        $sections = [
            Beginning::section($program, $transmitter),
            ...(new ControlPages($program, $transmitter))->sections(),
            ...(new ChannelPages($program, $transmitter))->sections(),
            ...(new ShapePages($program, $transmitter))->sections(),
            Beginning::ending($program),
        ];

        return array_values(array_filter($sections, fn (Section $section): bool => $section->lines !== []));
    }

    /** @return array<string, Line> every line by a key that stays the same while it stands for the same thing */
    public function lines(): array
    {
        $lines = [];
        foreach ($this->sections as $section) {
            foreach ($section->lines as $line) {
                $place = 0;
                do {
                    $key = substr(hash('sha256', "{$section->title}|{$line->what}|{$place}"), 0, 16);
                    $place++;
                } while (isset($lines[$key]));
                $lines[$key] = $line;
            }
        }

        return $lines;
    }

    /** How many lines hold something else than what the program means. */
    public function compromises(): int
    {
        return array_sum(
            array_map(
                fn (Section $section): int => count(
                    array_filter($section->lines, fn (Line $line): bool => $line->lost !== null),
                ),
                $this->sections,
            ),
        );
    }
}
