<?php

namespace DuskSwitch\Core\Proof\Rule;

use DuskSwitch\Core\Kit\ExpectedInput;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;
use DuskSwitch\Core\Program\Source\AxisSource;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\Rule;
use DuskSwitch\Core\Proof\Severity;
use DuskSwitch\Core\Proof\Subject;

/** One stick must not move another axis. */
final class ChannelOrder implements Rule
{
    /** What an input of the controller takes, by the word of its order. */
    private const TAKES = [
        'roll' => [Purpose::Roll],
        'pitch' => [Purpose::Pitch],
        'throttle' => [Purpose::Throttle],
        'yaw' => [Purpose::Yaw],
        'collective' => [Purpose::Collective],
        'gain' => [Purpose::GyroGain],
        'style' => [Purpose::Style, Purpose::FlightMode],
        'arm' => [Purpose::Arm],
        'mode' => [Purpose::FlightMode, Purpose::Style],
    ];

    private const STICKS = [Purpose::Roll, Purpose::Pitch, Purpose::Throttle, Purpose::Yaw, Purpose::Collective];

    public function id(): string
    {
        return 'channel-order';
    }

    public function subject(): Subject
    {
        return Subject::Order;
    }

    public function says(): string
    {
        return 'The channels come in the order that the controller expects, each with its own stick alone. In the '.
            'wrong order, or mixed before the controller mixes, one stick moves another axis.';
    }

    public function judge(ProofContext $context): Judgement
    {
        if ($context->controller === null) {
            return $context->armedBy() === null
                ? Judgement::notChecked('no controller is chosen')
                : Judgement::doesNotApply('it has no controller');
        }
        if ($context->setup->expects === ExpectedInput::Surfaces) {
            return Judgement::doesNotApply("{$context->controller->name} takes surfaces that are mixed already");
        }
        $order = $context->setup->order ?? [];
        if ($order === []) {
            return Judgement::notChecked(
                "nothing says in which order {$context->controller->name} expects its channels; say it in its set-up",
            );
        }

        return Judgement::of([...$this->order($context, $order), ...$this->mixed($context, $order)]);
    }

    /**
     * @param  list<string>  $order
     * @return list<Finding>
     */
    private function order(ProofContext $context, array $order): array
    {
        $wrong = [];
        foreach ($order as $place => $input) {
            $output = $context->program->output($place + 1);
            $takes = self::TAKES[$input] ?? [];
            // A channel that needs a control which this aircraft doesn't have is not asked for.
            $has =
                array_filter(
                    $context->program->functions,
                    fn ($one): bool => in_array($one->purpose(), $takes, true),
                ) !== [];
            if (
                $takes !== [] &&
                ($output !== null || $has) &&
                array_intersect(
                    array_map(fn (Purpose $one): string => $one->value, $this->purposes($context->program, $output)),
                    array_map(fn (Purpose $one): string => $one->value, $takes),
                ) === []
            ) {
                $wrong[] = $place + 1;
            }
        }
        if ($wrong === []) {
            return [];
        }
        $is = implode(
            ', ',
            array_map(
                fn (int $channel): string => $context->program->output($channel)->name ?? 'nothing',
                range(1, count($order)),
            ),
        );
        $mended = $this->mended($context, $order);

        return [
            new Finding(
                $this->id(),
                Severity::Error,
                "output:{$wrong[0]}",
                "{$context->controller?->name} expects ".
                    implode(', ', $order).
                    ' on channels 1 to '.
                    count($order).
                    "; there is {$is}. Change the order here, or in the controller, not in both",
                null,
                $mended === null ? null : 'Put the channels in that order',
                $mended,
                channels: $wrong,
            ),
        ];
    }

    /**
     * @param  list<string>  $order
     * @return list<Finding>
     */
    private function mixed(ProofContext $context, array $order): array
    {
        $found = [];
        foreach ($order as $place => $input) {
            $output = $context->program->output($place + 1);
            $own = self::TAKES[$input] ?? [];
            $others = array_filter(
                $output === null ? [] : $this->purposes($context->program, $output),
                fn (Purpose $one): bool => in_array($one, self::STICKS, true) && ! in_array($one, $own, true),
            );
            if (
                $output !== null &&
                $others !== [] &&
                array_intersect(
                    array_map(fn (Purpose $one): string => $one->value, $this->purposes($context->program, $output)),
                    array_map(fn (Purpose $one): string => $one->value, $own),
                ) !== []
            ) {
                $names = implode(' and ', array_map(fn (Purpose $one): string => $one->says(), $others));
                $found[] = new Finding(
                    $this->id(),
                    Severity::Error,
                    "output:{$output->channel}",
                    "{$output->name} carries {$names} beside {$input}, and {$context->controller?->name} mixes by ".
                        "itself: both would be mixed twice. Take {$names} out of channel {$output->channel}",
                    detail: 'mixed',
                );
            }
        }

        return $found;
    }

    /** @return list<Purpose> of what feeds an output */
    private function purposes(Program $program, ?Output $output): array
    {
        $found = array_map(
            fn (Feed $feed): ?Purpose => match (true) {
                $feed->source instanceof FunctionSource => $program->function($feed->source->function)?->purpose(),
                $feed->source instanceof AxisSource => Purpose::from($feed->source->axis->value),
                default => null,
            },
            $output->feeds ?? [],
        );

        return array_values(array_filter($found, fn (?Purpose $one): bool => $one !== null));
    }

    /** @param  list<string>  $order */
    private function mended(ProofContext $context, array $order): ?Program
    {
        $channels = [];
        foreach ($order as $place => $input) {
            $takes = self::TAKES[$input] ?? [];
            $fits = array_values(
                array_filter(
                    $context->program->outputs,
                    fn (Output $one): bool => ($purposes = $this->purposes($context->program, $one)) !== [] &&
                        count($purposes) === 1 &&
                        in_array($purposes[0], $takes, true),
                ),
            );
            if (count($fits) !== 1) {
                return null;
            }
            $channels[$place + 1] = $fits[0];
        }
        $moved = array_map(fn (Output $one): int => $one->channel, $channels);
        $others = array_filter(
            $context->program->outputs,
            fn (Output $one): bool => ! in_array($one->channel, $moved, true),
        );
        if (array_filter($others, fn (Output $one): bool => isset($channels[$one->channel])) !== []) {
            return null;
        }
        $outputs = array_values($others);
        foreach ($channels as $channel => $output) {
            $outputs[] = $output->with(channel: $channel);
        }
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);

        return $context->program->with(outputs: $outputs);
    }
}
