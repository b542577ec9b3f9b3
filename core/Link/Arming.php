<?php

namespace DuskSwitch\Core\Link;

use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Signal\Frame;

/** Why a controller won't arm, in plain words, each with its cure (common practice). */
final readonly class Arming
{
    /** Fewer satellites than this are no fix (common practice). */
    private const FIX = 4;

    public function __construct(private Program $program, private Controller $controller) {}

    /** True where the arm channel asks for it. */
    public function isAsked(Frame $frame): bool
    {
        $arming = $this->controller->arming;

        return $arming !== null && $arming->holds($frame->pulse($arming->channel) ?? 0);
    }

    /** @return list<Point> what stands in the way now; none where it arms as soon as it's asked */
    public function blockers(Frame $frame, BoardState $board): array
    {
        $arming = $this->controller->arming;
        if ($arming === null) {
            return [Point::look('Arming', "{$this->controller->name} isn't armed by a switch.", 'Its motor follows the throttle: treat it as armed whenever it has power.')];
        }
        $throttle = $this->throttle($frame);
        $gps = array_filter($this->program->aboard->kit->ports, fn (string $owner): bool => stripos($owner, 'gps') !== false) !== [];

        return array_values(array_filter([
            $board->link ? null : Point::wrong('Receiver', 'The receiver is lost.', 'Transmitter on, bound, the right model chosen; failsafe until then.'),
            $this->program->output($arming->channel) === null ? Point::wrong('Channel', "It looks for the arm switch on channel {$arming->channel}, and nothing is there.", "Put Arm on channel {$arming->channel}.") : null,
            $throttle > $this->controller->lowThrottle ? Point::wrong('Throttle', "The throttle is at {$throttle} µs, above its low mark of {$this->controller->lowThrottle}.", 'Stick fully down. Still above? Lower the low end, or raise the mark to 1050 to 1100.') : null,
            $board->seenOff ? null : Point::wrong('Switch', 'The arm switch was on when it got power.', 'Switch it off, then on again; and let it rest in off.'),
            $board->session ? Point::wrong('Session', 'A set-up session is open.', 'Close it, or cut the USB lead.') : null,
            $board->level ? null : Point::wrong('Level', 'It isn\'t level, or it moves.', 'Put it down level and still; calibrate where it goes on.'),
            $gps && $board->satellites < self::FIX ? Point::wrong('Satellites', "{$board->satellites} satellites: no fix.", 'Wait under open sky, the antenna up; a cold start takes about 30 s.') : null,
            $board->sensors ? null : Point::wrong('Sensors', 'A sensor failed.', 'Cut the power and try again; if it stays, the board or a wire is broken. Don\'t fly.'),
        ]));
    }

    private function throttle(Frame $frame): int
    {
        foreach ($this->program->outputs as $output) {
            $source = $output->feeds[0]->source ?? null;
            if ($source instanceof FunctionSource && $source->function === 'throttle') {
                return $frame->pulse($output->channel) ?? 0;
            }
        }

        return 0;
    }
}
