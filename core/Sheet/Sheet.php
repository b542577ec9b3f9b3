<?php

namespace DuskSwitch\Core\Sheet;

use DuskSwitch\Core\Kit\Catalogue;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Telemetry\Threshold;
use DuskSwitch\Core\Telemetry\Values;

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

    /** The sheet of a program for its own transmitter, with what it names in Equipment. */
    public static function of(Program $program, Transmitter $transmitter, Catalogue $catalogue): self
    {
        return self::written($program, $transmitter, $catalogue, []);
    }

    /** The sheet of a program for another transmitter than its own. */
    public static function elsewhere(
        Program $program,
        Transmitter $from,
        Transmitter $to,
        Catalogue $catalogue,
    ): self {
        if ($from->id === $to->id) {
            return self::of($program, $to, $catalogue);
        }
        $moved = TransmitterMove::to($program, $from, $to);

        return self::written($moved->program, $to, $catalogue, $moved->losses);
    }

    /** @param  list<string>  $losses */
    private static function written(
        Program $program,
        Transmitter $transmitter,
        Catalogue $catalogue,
        array $losses,
    ): self {
        $mixes = (new Mixes($program, $transmitter))->says();

        return new self(
            $program,
            $transmitter,
            self::sections($program, $transmitter, $catalogue),
            [...$losses, ...$mixes === null ? [] : [$mixes]],
        );
    }

    /** @return list<Section> */
    private static function sections(Program $program, Transmitter $transmitter, Catalogue $catalogue): array
    {
        $levels = new Threshold(Values::of($program, $catalogue));
        $words = new ConditionWords($program, $transmitter, $levels->say(...));
        $sections = [
            Beginning::section($program, $transmitter, $catalogue->receiver($program->receiver ?? '')),
            ...(new ControlPages($program, $transmitter, $words))->sections(),
            ...(new ChannelPages($program, $transmitter))->sections(),
            ...(new ShapePages($program, $transmitter, $words))->sections(),
            ...(new SafetyPages($program, $transmitter, $words))->sections(),
            ...(new TelemetryPages($program, $transmitter, $catalogue, $words))->sections(),
            Beginning::ending($program),
        ];

        return array_values(array_filter($sections, fn (Section $section): bool => $section->lines !== []));
    }

    /** @return array<string, Line> every line by a key that stays the same while it stands for the same thing */
    public function lines(): array
    {
        return $this->keyed(fn (Line $line): string => $line->about ?? $line->what);
    }

    /**
     * The lines that ticks of earlier versions know by their words.
     *
     * @return array<string, string> the key of today by the one of then
     */
    public function formerKeys(): array
    {
        $now = array_keys($this->lines());
        $then = array_keys($this->keyed(fn (Line $line): string => $line->what));

        return array_combine($then, $now);
    }

    /**
     * @param  callable(Line): string  $about
     * @return array<string, Line>
     */
    private function keyed(callable $about): array
    {
        $lines = [];
        foreach ($this->sections as $section) {
            foreach ($section->lines as $line) {
                $place = 0;
                do {
                    $key = substr(hash('sha256', "{$section->title}|{$about($line)}|{$place}"), 0, 16);
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
