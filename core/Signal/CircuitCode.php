<?php

namespace DuskSwitch\Core\Signal;

use Closure;
use DuskSwitch\Core\Signal\Curve\Answer;
use LogicException;

/**
 * The code of a circuit, made into something that runs.
 *
 * @phpstan-type RunCode Closure(array<int, float|int>, list<Answer>, array<int, float|int>, bool): array{
 *     array<int, float|int>, array<int, float|int>
 * }
 */
final class CircuitCode
{
    /** Statements over slots as the text of a closure that gives the slots and something more. */
    public static function source(string $code, string $gives = '$m'): string
    {
        return "static function (array \$v, array \$curves, array \$m, bool \$first): array {\n{$code}return [\$v, {$gives}];\n}";
    }

    /**
     * The closure itself.
     *
     * @return RunCode
     */
    public static function make(string $code, string $gives = '$m'): Closure
    {
        $made = eval('return '.self::source($code, $gives).';');

        return $made instanceof Closure ? $made : throw new LogicException('The code of a circuit makes a closure');
    }

    /** What running it costs, in steps of {@see Budget}: the length of the code and the curves in it, as measured. */
    public static function cost(string $code): int
    {
        return 10 + intdiv(strlen($code), 100) + 2 * substr_count($code, '->at(');
    }
}
