<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\Tools\Mutation\Mutation;
use DuskSwitch\Tools\Mutation\Mutations;
use PhpParser\ParserFactory;
use PHPUnit\Framework\TestCase;

/** The changes that `./dusk mutate` tries. */
final class MutationsTest extends TestCase
{
    private const CODE = <<<'PHP'
    <?php
    final class Margin
    {
        private const LEAST = 25;

        public function of(float $pulse, float $edge): ?float
        {
            if ($pulse < $edge && ! $this->isOpen()) {
                return -($edge - $pulse) * 0.5;
            }

            return max($pulse, 0.0) === 0.0 ? null : $pulse;
        }
    }
    PHP;

    public function test_each_sign_limit_constant_and_branch_is_changed_once(): void
    {
        $lines = array_map(
            fn (Mutation $one): string => trim(explode("\n", $one->in(self::CODE))[$one->line - 1]),
            Mutations::of('Margin.php', self::CODE),
        );

        self::assertSame(
            [
                'private const LEAST = 26;',
                'if (! ($pulse < $edge && ! $this->isOpen())) {',
                'if ($pulse < $edge || ! $this->isOpen()) {',
                'if ($pulse <= $edge && ! $this->isOpen()) {',
                'if ($pulse < $edge && ($this->isOpen())) {',
                'return -($edge - $pulse) / 0.5;',
                'return ($edge - $pulse) * 0.5;',
                'return -($edge + $pulse) * 0.5;',
                'return -($edge - $pulse) * (0.5 * 1.5);',
                'return max($pulse, 0.0) !== 0.0 ? null : $pulse;',
                'return min($pulse, 0.0) === 0.0 ? null : $pulse;',
                'return max($pulse, 0.5) === 0.0 ? null : $pulse;',
                'return max($pulse, 0.0) === 0.5 ? null : $pulse;',
            ],
            $lines,
        );
    }

    public function test_a_change_is_named_by_what_stands_around_it_however_the_lines_are_broken(): void
    {
        $broken = strtr(self::CODE, ['max($pulse, 0.0)' => "max(\n    \$pulse,\n    0.0,\n)"]);
        $names = fn (string $code): array => array_map(
            fn (Mutation $one): string => $one->words($code),
            Mutations::of('Margin.php', $code),
        );

        self::assertSame($names(self::CODE), $names($broken));
        self::assertStringContainsString('return [max => min]($pulse, 0.0)', $names(self::CODE)[10]);
    }

    public function test_every_change_of_the_proof_is_valid_code_and_differs(): void
    {
        $parser = (new ParserFactory())->createForHostVersion();
        $tried = 0;
        foreach (glob(__DIR__.'/../../core/Proof/Rule/*.php') ?: [] as $file) {
            $code = (string) file_get_contents($file);
            foreach (Mutations::of($file, $code) as $one) {
                self::assertNotSame($code, $one->in($code));
                self::assertNotNull($parser->parse($one->in($code)));
                self::assertLessThanOrEqual($one->until, $one->line);
                $tried++;
            }
        }
        self::assertGreaterThan(100, $tried);
    }
}
