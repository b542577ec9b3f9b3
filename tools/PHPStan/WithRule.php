<?php

namespace DuskSwitch\Tools\PHPStan;

use DuskSwitch\Core\Document\Part;
use PhpParser\Node;
use PhpParser\Node\Expr\MethodCall;
use PhpParser\Node\Identifier;
use PHPStan\Analyser\Scope;
use PHPStan\Reflection\ClassReflection;
use PHPStan\Rules\IdentifierRuleError;
use PHPStan\Rules\Rule;
use PHPStan\Rules\RuleErrorBuilder;
use PHPStan\Type\Type;
use PHPStan\Type\VerbosityLevel;

/**
 * {@see Part::with()} takes fields by name: each one must be a parameter of the part's constructor, and of its type.
 *
 * @implements Rule<MethodCall>
 */
final class WithRule implements Rule
{
    public function getNodeType(): string
    {
        return MethodCall::class;
    }

    public function processNode(Node $node, Scope $scope): array
    {
        if (! $node->name instanceof Identifier || $node->name->name !== 'with') {
            return [];
        }
        $errors = [];
        foreach ($scope->getType($node->var)->getObjectClassReflections() as $class) {
            if ($class->implementsInterface(Part::class) && $class->hasConstructor()) {
                array_push($errors, ...$this->fields($node, $class, $scope));
            }
        }

        return $errors;
    }

    /** @return list<IdentifierRuleError> */
    private function fields(MethodCall $call, ClassReflection $class, Scope $scope): array
    {
        $types = [];
        foreach ($class->getConstructor()->getOnlyVariant()->getParameters() as $parameter) {
            $types[$parameter->getName()] = $parameter->getType();
        }
        $errors = [];
        foreach ($call->getArgs() as $argument) {
            $name = $argument->name?->name;
            $type = $name === null ? null : $types[$name] ?? null;
            if ($type === null) {
                $errors[] = self::error(
                    $name === null
                        ? "{$class->getDisplayName()}::with() takes its fields by name."
                        : "{$class->getDisplayName()} has no field \${$name}.",
                    $argument->getStartLine(),
                );
            } elseif (! $type->accepts($scope->getType($argument->value), true)->yes()) {
                $errors[] = self::error(
                    "Field \${$name} of {$class->getDisplayName()} expects {$this->says($type)}, ".
                        "{$this->says($scope->getType($argument->value))} given.",
                    $argument->getStartLine(),
                );
            }
        }

        return $errors;
    }

    private function says(Type $type): string
    {
        return $type->describe(VerbosityLevel::precise());
    }

    private static function error(string $says, int $line): IdentifierRuleError
    {
        return RuleErrorBuilder::message($says)->identifier('duskSwitch.with')->line($line)->build();
    }
}
