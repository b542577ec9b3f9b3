<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\ArmedBy;
use DuskSwitch\Core\Kit\Arming;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\ControllerSetup;
use DuskSwitch\Core\Program\PartKind;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Frame;

/** Why a controller won't arm, in plain words, each with its cure (common practice). */
final readonly class ArmingCheck
{
    /** Fewer satellites than this are no fix (common practice). */
    private const FIX = 4;

    private ControllerSetup $setup;

    public function __construct(private Program $program, private Controller $controller)
    {
        $this->setup = $controller->setUp($program->aboard->controller);
    }

    /** True where the arm channel asks for it. */
    public function isAsked(Frame $frame): bool
    {
        return array_filter(
            $this->setup->arming->ranges ?? [],
            fn ($range): bool => $range->holds($frame->pulse($range->channel) ?? 0),
        ) !== [];
    }

    /** @return list<VerdictPoint> what stands in the way now; none where it arms as soon as it's asked */
    public function blockers(Frame $frame, BoardState $board): array
    {
        $arming = $this->setup->arming;
        if ($arming === null || $arming->by === ArmedBy::Throttle) {
            return [
                VerdictPoint::look(
                    'Arming',
                    "{$this->controller->name} isn't armed by a switch.",
                    'Its motor follows the throttle: treat it as armed whenever it has power.',
                ),
            ];
        }
        if ($arming->by !== ArmedBy::Range) {
            return [
                VerdictPoint::look(
                    'Arming',
                    "{$this->controller->name} is armed by {$arming->by->says()}.",
                    'Nothing on a channel shows it: treat it as armed whenever it has power.',
                ),
            ];
        }

        return array_values(
            array_filter([...$this->program($arming, $frame, $board->link), ...$this->board($board)]),
        );
    }

    /** @return list<VerdictPoint|null> what link, channels and throttle stand in the way of */
    private function program(Arming $arming, Frame $frame, bool $link): array
    {
        $throttle = $this->throttle($frame);
        $missing = array_filter(
            $arming->channels(),
            fn (int $channel): bool => $this->program->output($channel) === null,
        );

        return [
            $link
                ? null
                : VerdictPoint::wrong(
                    'Receiver',
                    'The receiver is lost.',
                    'Transmitter on, bound, the right model chosen; failsafe until then.',
                ),
            $missing === []
                ? null
                : VerdictPoint::wrong(
                    'Channel',
                    'It looks for the arm switch on channel '.implode(', ', $missing).', and nothing is there.',
                    'Put Arm on that channel.',
                ),
            $throttle > $this->setup->low
                ? VerdictPoint::wrong(
                    'Throttle',
                    "The throttle is at {$throttle} µs, above its low mark of {$this->setup->low}.",
                    'Stick fully down. Still above? Lower the low end, or raise the mark to 1050 to 1100.',
                )
                : null,
        ];
    }

    /** @return list<VerdictPoint|null> what the controller finds with itself */
    private function board(BoardState $board): array
    {
        $gps = $this->program->aboard->kit->has(PartKind::Gps);

        return [
            $board->seenOff
                ? null
                : VerdictPoint::wrong(
                    'Switch',
                    'The arm switch was on when it got power.',
                    'Switch it off, then on again; and let it rest in off.',
                ),
            $board->session
                ? VerdictPoint::wrong('Session', 'A set-up session is open.', 'Close it, or cut the USB lead.')
                : null,
            $board->level
                ? null
                : VerdictPoint::wrong(
                    'Level',
                    'It isn\'t level, or it moves.',
                    'Put it down level and still; calibrate where it goes on.',
                ),
            $gps && $board->satellites < self::FIX
                ? VerdictPoint::wrong(
                    'Satellites',
                    "{$board->satellites} satellites: no fix.",
                    'Wait under open sky, the antenna up; a cold start takes about 30 s.',
                )
                : null,
            $board->sensors
                ? null
                : VerdictPoint::wrong(
                    'Sensors',
                    'A sensor failed.',
                    'Cut the power and try again; if it stays, the board or a wire is broken. Don\'t fly.',
                ),
        ];
    }

    private function throttle(Frame $frame): int
    {
        return max([
            0,
            ...array_map(fn ($output): int => $frame->pulse($output->channel) ?? 0, $this->program->motors()),
        ]);
    }
}
