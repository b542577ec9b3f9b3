<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Judgement;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use LogicException;

/** Aircraft with one thing changed, and what one rule says of them. */
final class Judged
{
    /** @param  callable(array<string, mixed>): array<string, mixed>  $change */
    public static function school(string $school, callable $change): ProofContext
    {
        return Schools::of($change(Schools::document($school)));
    }

    /** @param  callable(\stdClass): mixed  $change */
    public static function demo(string $name, callable $change): ProofContext
    {
        $document = json_decode(Given::demo($name));
        $change($document);

        return Given::context(ProgramDecoder::decode((string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION)));
    }

    /** The answer of one rule. */
    public static function judged(ProofContext $context, string $rule): Judgement
    {
        foreach (Proof::of($context)->rules as [$one, $judgement]) {
            if ($one->id() === $rule) {
                return $judgement;
            }
        }
        throw new LogicException("There is no rule \"{$rule}\"");
    }

    /** @return list<string> severity and words of what a rule finds */
    public static function says(ProofContext $context, string $rule): array
    {
        return array_map(
            fn (Finding $one): string => "{$one->severity->value}: {$one->says}",
            self::judged($context, $rule)->findings,
        );
    }

    /**
     * With one output changed.
     *
     * @param  array<string, mixed>  $change
     * @return callable(array<string, mixed>): array<string, mixed>
     */
    public static function channel(int $channel, array $change): callable
    {
        return function (array $d) use ($channel, $change): array {
            foreach ($d['outputs'] as $place => $one) {
                $d['outputs'][$place] = $one['channel'] === $channel ? [...$one, ...$change] : $one;
            }

            return $d;
        };
    }

    /**
     * With the failsafe of one channel changed.
     *
     * @return callable(array<string, mixed>): array<string, mixed>
     */
    public static function failsafe(int $channel, string|int $does): callable
    {
        return function (array $d) use ($channel, $does): array {
            foreach ($d['aboard']['failsafe'] as $place => $one) {
                $d['aboard']['failsafe'][$place]['does'] = $one['channel'] === $channel ? $does : $one['does'];
            }

            return $d;
        };
    }
}
