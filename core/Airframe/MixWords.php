<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Combine;
use DuskSwitch\Core\Program\ConditionWords;
use DuskSwitch\Core\Program\Drive\AxisDrive;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProportionalFunction;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\ControlSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Program\Source\OutputSource;
use DuskSwitch\Core\Program\SteppedFunction;
use DuskSwitch\Core\Units\Figure;

/** Says what feeds what, with signs and weights: "Roll: right 60 % down, left 80 % up". */
final readonly class MixWords
{
    private const SIDES = [
        'roll' => ['left', 'right'],
        'pitch' => ['back', 'forward'],
        'throttle' => ['low', 'high'],
        'yaw' => ['left', 'right'],
    ];

    private ConditionWords $words;

    /** @var array<int, Role> */
    private array $parts;

    public function __construct(private Program $program, private Transmitter $transmitter)
    {
        $this->words = new ConditionWords($program, $transmitter);
        $this->parts = Picture::parts($program);
    }

    /** @return array<int, list<string>> by channel, a sentence for each feed */
    public function outputs(): array
    {
        $said = [];
        foreach ($this->program->outputs as $output) {
            $said[$output->channel] = array_map(fn (Feed $feed): string => $this->feed($output, $feed), $output->feeds);
        }

        return $said;
    }

    private function feed(Output $output, Feed $feed): string
    {
        $ways = Deflection::of($this->parts[$output->channel] ?? null);
        $source = $feed->source;
        $function = $source instanceof FunctionSource ? $this->program->function($source->function) : null;
        $axis = match (true) {
            $source instanceof AxisSource => $source->axis->value,
            $function instanceof ProportionalFunction && $function->drive instanceof AxisDrive => $function->drive->axis
                ->value,
            default => '',
        };
        $name =
            $function?->name() ??
            match (true) {
                $source instanceof ControlSource => $this->transmitter->control($source->control)->name ??
                    $source->control,
                $source instanceof AxisSource => ucfirst($source->axis->value).' stick',
                $source instanceof OutputSource => "Output {$source->channel}",
                default => 'Constant',
            };
        $amounts = match (true) {
            $feed->combine === Combine::Scale => ['multiplies the sum by '.Figure::percent($feed->weight->high, 1)],
            $function instanceof SteppedFunction => array_map(
                fn ($step): string => "{$step->name} ".
                    self::amount(
                        $feed->offset + $step->value * ($step->value >= 0 ? $feed->weight->high : $feed->weight->low),
                        $ways,
                    ),
                $function->steps,
            ),
            isset(self::SIDES[$axis]) && $axis !== 'throttle' => [
                self::SIDES[$axis][1].' '.self::amount($feed->weight->high, $ways),
                self::SIDES[$axis][0].' '.self::amount(-$feed->weight->low, $ways),
            ],
            $feed->weight->isEven() => [self::amount($feed->weight->high, $ways)],
            default => [
                'above zero '.self::amount($feed->weight->high, $ways),
                'below zero '.self::amount(-$feed->weight->low, $ways),
            ],
        };
        $more = array_filter([
            $feed->offset === 0.0 || $function instanceof SteppedFunction
                ? ''
                : 'offset '.self::amount($feed->offset, $ways),
            $feed->curve === null ? '' : "by curve {$feed->curve}",
            $feed->combine === Combine::Replace ? 'in place of all before' : '',
            $feed->when === null ? '' : "while {$this->words->say($feed->when)}",
            $feed->delay === 0.0 ? '' : "{$feed->delay} s late",
            $feed->slow === null ? '' : "slowed: {$feed->slow->low} s up, {$feed->slow->high} s down",
        ]);

        return "{$name}: ".implode(', ', [...$amounts, ...$more]);
    }

    /** @param  array{string, string}  $ways */
    private static function amount(float $value, array $ways): string
    {
        if ($ways[0] === '') {
            return Figure::percent($value, 1);
        }

        return abs($value) < 1e-9 ? '0 %' : Figure::percent(abs($value), 1).' '.($value > 0 ? $ways[1] : $ways[0]);
    }
}
