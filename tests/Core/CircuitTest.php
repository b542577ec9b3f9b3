<?php

namespace DuskSwitch\Tests\Core;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;

/** A circuit is straight code, made of numbers. */
final class CircuitTest extends TestCase
{
    /** Everything that the code of a circuit may be made of. */
    private const ALPHABET = '/^(?:\s|\$(?:v|x|y|u|s|n|clip)\b|\$curves\[\d+\]->at|\d+(?:\.\d+)?(?:E[+-]?\d+)?|\b(?:if|else|elseif|int)\b|===|==|>=|<=|&&|\|\||[\[\](){};?:=<>!+*\/-])+$/D';

    /** The same with what time needs: the memory, loops over it. */
    private const IN_TIME = '/^(?:\s|\$(?:v|x|y|u|s|n|clip|m|q|i|k|d|a|e|z|dt|first)\b|\$curves\[\d+\]->at|\d+(?:\.\d+)?(?:E[+-]?\d+)?|\b(?:if|else|elseif|int|for)\b|===|==|>=|<=|&&|\|\||[\[\](){};?:=<>!+*%\/-])+$/D';

    #[DataProviderExternal(Given::class, 'demos')]
    public function test_the_code_of_a_demo_is_numbers_slots_and_arithmetic(string $name): void
    {
        self::assertMatchesRegularExpression(self::ALPHABET, Given::circuit(Given::demo($name))->code());
        self::assertMatchesRegularExpression(self::IN_TIME, Given::circuit(Given::demo($name))->codeInTime());
    }

    public function test_no_text_of_a_document_gets_into_the_code(): void
    {
        $evil = '"; exit(1); // <?php */ $v';
        $circuit = Given::program([
            'name' => $evil,
            'notes' => $evil,
            'phases' => [
                ['id' => 'exit', 'name' => $evil],
                ['id' => 'die', 'name' => $evil, 'when' => 'eval', 'fade' => 0.3],
            ],
            'conditions' => [
                'eval' => ['any' => [['step' => ['phpinfo', 'system']], ['control' => 'dial-left', 'above' => 1.0e-9]]],
            ],
            'curves' => ['unlink' => ['points' => [[-1, -1], [1, 1]]]],
            'functions' => [
                [
                    'id' => 'phpinfo',
                    'name' => $evil,
                    'steps' => [['id' => 'none', 'name' => $evil, 'value' => -0.1], ['id' => 'system', 'value' => 1]],
                ],
                [
                    'id' => 'exec',
                    'name' => $evil,
                    'drive' => ['axis' => 'roll'],
                    'deadband' => 1e-7,
                    'shape' => ['die' => ['curve' => 'unlink', 'rate' => [0.1, 1.5]], 'exit' => ['expo' => -0.3]],
                    'override' => [['when' => 'eval', 'value' => -1.5]],
                ],
            ],
            'outputs' => [
                [
                    'channel' => 1,
                    'name' => $evil,
                    'feeds' => [
                        [
                            'from' => 'exec',
                            'curve' => 'unlink',
                            'when' => ['held' => 'eval', 'seconds' => 0.1],
                            'delay' => 0.1,
                            'slow' => [1, 2],
                            'combine' => 'scale',
                            'offset' => -1e-12,
                            'weight' => [-0.5, 1],
                        ],
                    ],
                ],
            ],
        ]);

        self::assertMatchesRegularExpression(self::ALPHABET, $circuit->code());
        self::assertMatchesRegularExpression(self::IN_TIME, $circuit->codeInTime());
        self::assertSame('exit', Given::frame($circuit)->phase());
    }

    public function test_a_condition_that_nothing_uses_is_dropped(): void
    {
        $with = Given::program(['conditions' => ['idle' => ['control' => 'left-shoulder', 'at' => 'away']]]);

        self::assertSame(Given::program([])->code(), $with->code());
    }
}
