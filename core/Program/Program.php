<?php

namespace DuskSwitch\Core\Program;

use DuskSwitch\Core\Kit\StickMode;
use DuskSwitch\Core\Program\Condition\Condition;

/** A transmitter program: what the pilot means, by which control, on which channels. Immutable. */
final readonly class Program
{
    /**
     * @param  string  $transmitter  the id of a transmitter in Stores
     * @param  non-empty-list<Phase>  $phases
     * @param  list<PilotFunction>  $functions
     * @param  list<Output>  $outputs  in the order of the document
     * @param  array<string, Curve>  $curves
     * @param  array<string, Condition>  $conditions
     */
    public function __construct(
        public string $name,
        public Family $family,
        public StickMode $stickMode,
        public string $transmitter,
        public ?string $receiver,
        public ?string $controller,
        public string $notes,
        public array $phases,
        public array $functions,
        public array $outputs,
        public array $curves,
        public array $conditions,
    ) {}

    /** The function of that id, or null. */
    public function function(string $id): ?PilotFunction
    {
        foreach ($this->functions as $function) {
            if ($function->id() === $id) {
                return $function;
            }
        }

        return null;
    }

    /** The same program under another name. */
    public function named(string $name): self
    {
        return $this->changed(name: $name);
    }

    /**
     * The same program with other functions.
     *
     * @param  list<PilotFunction>  $functions
     */
    public function withFunctions(array $functions): self
    {
        return $this->changed(functions: $functions);
    }

    /** @param  list<PilotFunction>|null  $functions */
    private function changed(?string $name = null, ?array $functions = null): self
    {
        return new self(
            $name ?? $this->name, $this->family, $this->stickMode, $this->transmitter, $this->receiver, $this->controller,
            $this->notes, $this->phases, $functions ?? $this->functions, $this->outputs, $this->curves, $this->conditions,
        );
    }
}
