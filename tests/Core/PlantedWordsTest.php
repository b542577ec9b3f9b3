<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Core\Proof\Answer;
use DuskSwitch\Core\Proof\Finding;
use DuskSwitch\Core\Proof\Proof;
use DuskSwitch\Core\Proof\ProofContext;
use DuskSwitch\Core\Proof\StateWords;
use DuskSwitch\Core\Solve\EditEffect;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What a pilot reads of each planted fault: words, hand, fix and its pulses, as planted.txt has it, which was read
 * through. That the findings are true is shown elsewhere, by brute force; here nothing of them changes unnoticed, and
 * no answer takes more steps than it did. With DUSK_ACCEPT=1 the page is written again: read the difference before it's
 * committed.
 */
final class PlantedWordsTest extends TestCase
{
    private const PAGE = __DIR__.'/planted.txt';

    /** Share by which an answer may take more steps than it did. */
    private const MORE = 1.02;

    /** @return iterable<string, array{string, callable(): ProofContext}> */
    public static function aircraft(): iterable
    {
        $once = [];
        foreach (SchoolsTest::faults() as $name => [$school, $plant]) {
            $fault = substr($name, 0, -strlen(", {$school}"));
            $once[$fault] = ($once[$fault] ?? 0) + 1;
            // Three schools a fault are enough to read.
            if ($once[$fault] <= 3) {
                yield $name => [
                    $name,
                    fn (): ProofContext => Schools::of($plant(Schools::document($school)) ?? self::fail($name)),
                ];
            }
        }
        for ($seed = 1; $seed <= 40; $seed++) {
            yield "spoiled {$seed}" => ["spoiled {$seed}", fn (): ProofContext => ProofByBruteForceTest::spoiled($seed)];
        }
    }

    /** @param  callable(): ProofContext  $make */
    #[DataProvider('aircraft')]
    public function test_it_says_what_it_said_and_takes_no_longer(string $name, callable $make): void
    {
        $context = $make();
        $page = self::told($context);
        if (getenv('DUSK_ACCEPT') === '1') {
            file_put_contents(
                self::PAGE,
                implode(
                    '',
                    array_replace(self::pages(), [$name => "== {$name}\n{$page}steps {$context->steps()}\n\n"]),
                ),
            );
        }
        [$was, $steps] = explode(
            "\nsteps ",
            substr(self::pages()[$name] ?? self::fail("{$name} isn't on the page"), strlen("== {$name}\n")).' ',
        );

        self::assertSame("{$was}\n", $page);
        self::assertLessThanOrEqual(self::MORE * (int) $steps, $context->steps());
    }

    /** @return array<string, string> by its name */
    private static function pages(): array
    {
        $pages = [];
        foreach (array_filter(explode("\n== ", "\n".file_get_contents(self::PAGE))) as $page) {
            $pages[strtok($page, "\n") ?: ''] = '== '.rtrim($page)."\n\n";
        }

        return $pages;
    }

    private static function told(ProofContext $context): string
    {
        $proof = Proof::of($context);
        $words = new StateWords($context);
        $told = '';
        foreach ($proof->findings as $one) {
            $told .=
                "{$one->severity->value} {$one->key()} (".implode(' ', $one->channels()).")\n    {$one->says}\n";
            if ($one->witness !== null) {
                $script = $words->script($one->witness);
                $told .=
                    "    {$words->say($one->witness)}\n    ".
                    json_encode($words->hand($one->witness)).
                    ($script === null ? '' : " {$script['seconds']} s, ".count($script['at']).' steps').
                    "\n";
            }
            if ($one->mended !== null) {
                $told .= "    {$one->mend}: ".self::effect($context, $one)."\n";
            }
        }
        $others = [];
        foreach ($proof->rules as [$rule, $judgement]) {
            $others[$judgement->answer->value][] = $rule->id();
        }
        foreach (
            array_diff_key($others, [Answer::Proven->value => 0, Answer::Findings->value => 0]) as $answer => $rules
        ) {
            $told .= "{$answer}: ".implode(' ', $rules)."\n";
        }

        return "{$told}states {$proof->states}\n";
    }

    private static function effect(ProofContext $context, Finding $finding): string
    {
        $after = new ProofContext(
            $finding->mended ?? $context->program,
            $context->transmitter,
            $context->receiver,
            $context->controller,
        );

        return implode(
            ', ',
            array_slice(
                array_map(
                    fn ($one): string => "{$one->channel} {$one->where} {$one->before} → {$one->after}",
                    EditEffect::between(
                        $context->circuit(),
                        $after->circuit(),
                        $finding->witness,
                        $finding->channels(),
                    ),
                ),
                0,
                6,
            ),
        );
    }
}
