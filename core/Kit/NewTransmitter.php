<?php

namespace DuskSwitch\Core\Kit;

use DuskSwitch\Core\Units\PulseScale;

/**
 * A transmitter from what a pilot says of it: its controls in pairs beside the sticks, named by their place. Names and
 * places are a beginning; one renames and drags them.
 */
final class NewTransmitter
{
    private const CENTRE = 1500.0;

    /** µs from the middle to 100 %, as makes differ (common practice). */
    private const SPANS = [400, 500, 512];

    /** Places of switches, from the edge of the front inwards; a pair each. */
    private const PLACES = ['shoulder', 'front', 'side', 'back', 'top', 'edge', 'corner', 'inner', 'outer', 'rear'];

    /** More than this have no room beside the sticks, see {@see FrontPanel}. */
    public const MOST_CONTROLS = 30;

    /** Per cent of the front's height: the rows of the controls, and those where two rows aren't enough. */
    private const ROWS = [27.0, 75.0];

    private const MANY_ROWS = [13.0, 50.0, 87.0];

    /** Per cent of its width: from the edge to the stick, and how near two columns may come. */
    private const EDGE = 3.5;

    private const STICK = 25.5;

    private const APART = 5.5;

    private const WIDE_APART = 9.5;

    /** The transmitter that was described. */
    public static function of(TransmitterAnswers $answers): Transmitter
    {
        return new Transmitter(
            $answers->id,
            $answers->name,
            $answers->channels,
            new PulseScale(self::CENTRE, $answers->span),
            new Place(36, 50),
            new Place(64, 50),
            25,
            self::controls($answers->counts),
            self::keying($answers),
            array_column($answers->links, null, 'id'),
        );
    }

    /** @return list<array{span: int, says: string}> what 100 % may mean, in pulses */
    public static function spans(): array
    {
        return array_map(
            fn (int $span): array => [
                'span' => $span,
                'says' => (self::CENTRE - $span).' to '.(self::CENTRE + $span).' µs',
            ],
            self::SPANS,
        );
    }

    private static function keying(TransmitterAnswers $answers): EntryFormat
    {
        $free = EntryFormat::free();
        $percent = fn (float $least, float $most): EntryGrid => new EntryGrid('%', $least, $most, 1.0, 100.0);

        return new EntryFormat(
            $percent(0, 150),
            $free->subtrim,
            $percent(0, 125),
            $percent(-100, 100),
            $percent(-125, 125),
            $percent(-125, 125),
            $answers->mixesPositions ? new PositionMix($percent(-125, 125), $percent(-125, 125)) : null,
            $free->phases,
            $answers->curvePoints,
            false,
            $answers->mixes,
        );
    }

    /**
     * @param  array<string, int>  $counts
     * @return list<Control>
     */
    private static function controls(array $counts): array
    {
        $wanted = [];
        // The shoulders are for arm and cut: two positions where there are any.
        $switches = [...array_fill(0, $counts['two'] ?? 0, 2), ...array_fill(0, $counts['three'] ?? 0, 3)];
        foreach ($switches as $number => $positions) {
            $place = self::PLACES[intdiv($number, 2)] ?? 'switch '.(intdiv($number, 2) + 1);
            $wanted[] = [self::sided($place, $number, count($switches)), ControlKind::Switch, $positions, $number % 2];
        }
        foreach ([ControlKind::Dial, ControlKind::Slider, ControlKind::Button] as $kind) {
            $count = $counts[$kind->value] ?? 0;
            for ($number = 0; $number < $count; $number++) {
                $pair = intdiv($number, 2);
                $word = $pair === 0 ? $kind->value : "{$kind->value} ".($pair + 1);
                $wanted[] = [self::sided($word, $number, $count), $kind, 2, $number % 2];
            }
        }

        return self::placed($wanted);
    }

    /** "Left dial"; "Dial" where it has no other side. */
    private static function sided(string $word, int $number, int $count): string
    {
        $isAlone = $number % 2 === 0 && $number === $count - 1;

        return $isAlone ? ucfirst($word) : ($number % 2 === 0 ? 'Left ' : 'Right ').$word;
    }

    /**
     * @param  list<array{string, ControlKind, int, int}>  $wanted  name, kind, positions, side
     * @return list<Control>
     */
    private static function placed(array $wanted): array
    {
        $sides = array_column($wanted, 3);
        $most = max([0, ...array_map(fn (int $side): int => self::count($sides, $side), [0, 1])]);
        $columns = 1 + (int) floor((self::STICK - self::EDGE) / self::APART);
        $rows = $most > count(self::ROWS) * $columns ? self::MANY_ROWS : self::ROWS;
        $apart = $most > 2 * (1 + (int) floor((self::STICK - self::EDGE) / self::WIDE_APART))
            ? self::APART
            : self::WIDE_APART;
        $seen = [0, 0];
        $controls = [];
        foreach ($wanted as [$name, $kind, $positions, $side]) {
            $at = $seen[$side]++;
            $across = self::EDGE + $apart * intdiv($at, count($rows));
            $detents = Control::detentsOf($kind, $positions);
            $controls[] = new Control(
                strtolower(str_replace(' ', '-', $name)),
                $name,
                $kind,
                $detents,
                $detents === [] ? null : $detents[count($detents) - 1],
                new Place(round($side === 0 ? $across : 100 - $across, 1), $rows[$at % count($rows)]),
            );
        }

        return $controls;
    }

    /** @param  list<int>  $sides */
    private static function count(array $sides, int $side): int
    {
        return count(array_filter($sides, fn (int $one): bool => $one === $side));
    }
}
