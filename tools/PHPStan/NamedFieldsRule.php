<?php

namespace DuskSwitch\Tools\PHPStan;

use DuskSwitch\Core\Document\Part;
use PhpParser\Node;
use PhpParser\Node\Expr\New_;
use PhpParser\Node\Name;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ReflectionProvider;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;

/**
 * A {@see Part} with more than one field is made with their names: a field that came between others would go unseen.
 *
 * @implements Rule<New_>
 */
final class NamedFieldsRule implements Rule
{
    public function __construct(private readonly ReflectionProvider $classes) {}

    public function getNodeType(): string
    {
        return New_::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (! ($node->class instanceof Name)) {
            return [];
        }
        $class = $scope->resolveName($node->class);
        if (! $this->classes->hasClass($class) || ! $this->classes->getClass($class)->implementsInterface(Part::class)) {
            return [];
        }
        $positions = array_filter($node->getArgs(), fn (Node\Arg $one): bool => $one->name === null);

        return count($node->getArgs()) < 2 || $positions === []
            ? []
            : [
                RuleErrorBuilder::message("The fields of {$class} are given by name.")
                    ->identifier('duskSwitch.namedFields')
                    ->build(),
            ];
    }
}
