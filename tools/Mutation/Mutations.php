<?php

namespace DuskSwitch\Tools\Mutation;

use PhpParser\Node;
use PhpParser\Node\Expr;
use PhpParser\Node\Expr\BinaryOp;
use PhpParser\Node\Scalar;
use PhpParser\Node\Stmt;
use PhpParser\NodeTraverser;
use PhpParser\NodeVisitorAbstract;
use PhpParser\ParserFactory;

/** Every small change that a file's code allows: a sign, a limit, a constant, a branch. */
final class Mutations extends NodeVisitorAbstract
{
    private const OPERATORS = [
        '+' => '-',
        '-' => '+',
        '*' => '/',
        '/' => '*',
        '%' => '*',
        '<' => '<=',
        '<=' => '<',
        '>' => '>=',
        '>=' => '>',
        '===' => '!==',
        '!==' => '===',
        '&&' => '||',
        '||' => '&&',
    ];

    private const CALLS = [
        'min' => 'max',
        'max' => 'min',
        'array_all' => 'array_any',
        'array_any' => 'array_all',
        'floor' => 'ceil',
        'ceil' => 'floor',
    ];

    /** @var list<Mutation> */
    private array $found = [];

    /** @var list<int> the last lines of the statements around */
    private array $ends = [];

    private function __construct(private readonly string $file, private readonly string $code) {}

    /** @return list<Mutation> in the order of the file */
    public static function of(string $file, string $code): array
    {
        $visitor = new self($file, $code);
        $traverser = new NodeTraverser($visitor);
        $traverser->traverse((new ParserFactory())->createForHostVersion()->parse($code) ?? []);

        return $visitor->found;
    }

    public function enterNode(Node $node): ?int
    {
        if ($node instanceof Node\Attribute || $node instanceof Stmt\Declare_ || $node instanceof Stmt\Use_) {
            return NodeVisitorAbstract::DONT_TRAVERSE_CHILDREN;
        }
        if ($node instanceof Stmt) {
            $this->ends[] = $node->getEndLine();
        }
        if (
            $node instanceof Expr\FuncCall &&
            $node->name instanceof Node\Name &&
            in_array($node->name->toString(), ['in_array', 'array_search'], true) &&
            isset($node->args[2])
        ) {
            // Strict or not is the same among values of one kind.
            $node->args[2]->setAttribute('skip', true);
        }
        if ($node->getAttribute('skip') === true) {
            return NodeVisitorAbstract::DONT_TRAVERSE_CHILDREN;
        }
        match (true) {
            $node instanceof BinaryOp => $this->operator($node),
            $node instanceof Expr\UnaryMinus, $node instanceof Expr\BooleanNot => $this->replace(
                $node,
                '('.$this->text($node->expr).')',
            ),
            $node instanceof Scalar\Int_ => $this->replace(
                $node,
                $node->value === 1 ? '0' : (string) ($node->value + 1),
            ),
            $node instanceof Scalar\Float_ => $this->replace(
                $node,
                $node->value === 0.0 ? '0.5' : sprintf('(%s * 1.5)', $this->text($node)),
            ),
            self::isTruth($node) => $this->replace($node, $this->text($node) === 'true' ? 'false' : 'true'),
            $node instanceof Expr\FuncCall &&
                $node->name instanceof Node\Name &&
                isset(self::CALLS[$node->name->toString()]) => $this->replace(
                    $node->name,
                    self::CALLS[$node->name->toString()],
                ),
            $node instanceof Stmt\If_, $node instanceof Stmt\ElseIf_, $node instanceof Expr\Ternary => $this->branch(
                $node->cond,
            ),
            $node instanceof Stmt\Continue_ => $this->replace($node, 'break;'),
            $node instanceof Stmt\Break_ => $this->replace($node, 'continue;'),
            default => null,
        };

        return null;
    }

    public function leaveNode(Node $node): null
    {
        if ($node instanceof Stmt) {
            array_pop($this->ends);
        }

        return null;
    }

    private function operator(BinaryOp $node): void
    {
        $other = self::OPERATORS[$node->getOperatorSigil()] ?? null;
        if ($other !== null) {
            $between = substr(
                $this->code,
                $node->left->getEndFilePos() + 1,
                $node->right->getStartFilePos() - $node->left->getEndFilePos() - 1,
            );
            $at = strpos($between, $node->getOperatorSigil());
            if ($at !== false) {
                $this->change($node, $node->left->getEndFilePos() + 1 + $at, strlen($node->getOperatorSigil()), $other);
            }
        }
    }

    /** A condition turned round, where no operator in it does the same. */
    private function branch(Expr $condition): void
    {
        if (
            ! ($condition instanceof Expr\BooleanNot) &&
            ! ($condition instanceof BinaryOp && in_array($condition->getOperatorSigil(), ['===', '!=='], true))
        ) {
            $this->replace($condition, '! ('.$this->text($condition).')');
        }
    }

    private function replace(Node $node, string $text): void
    {
        $this->change($node, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1, $text);
    }

    private function change(Node $node, int $from, int $length, string $text): void
    {
        $this->found[] = new Mutation(
            $this->file,
            $node->getStartLine(),
            $this->ends === [] ? $node->getEndLine() : $this->ends[count($this->ends) - 1],
            $from,
            $from + $length,
            $text,
        );
    }

    private function text(Node $node): string
    {
        return substr($this->code, $node->getStartFilePos(), $node->getEndFilePos() - $node->getStartFilePos() + 1);
    }

    private static function isTruth(Node $node): bool
    {
        return $node instanceof Expr\ConstFetch && in_array($node->name->toLowerString(), ['true', 'false'], true);
    }
}
