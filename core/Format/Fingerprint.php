<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Link\BenchStep;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Purpose;

/**
 * What a test at the aircraft tested, as a short text: as long as it stays the same the test stays valid, whatever else
 * is edited. Names have no part in it.
 */
final readonly class Fingerprint
{
    private Program $program;

    public function __construct(private InstalledKit $kit)
    {
        $this->program = $kit->program;
    }

    /** Of a step at the bench. */
    public function step(BenchStep $step): string
    {
        return self::of([
            $step->value,
            $this->kit->transmitter->id,
            match ($step) {
                BenchStep::Order => [$this->order(), $this->ways(), $this->drives()],
                BenchStep::Ends => [
                    $this->program->controller,
                    $this->outputs('channel', 'role', 'travel', 'subtrim', 'limit', 'reverse'),
                ],
                BenchStep::Jitter => [
                    $this->program->controller,
                    $this->program->receiver,
                    $this->functions('id', 'deadband', 'drive'),
                ],
                BenchStep::Board => $this->program->controller,
                BenchStep::Surfaces => [$this->ways(), $this->drives()],
                BenchStep::Motors => [
                    $this->program->controller,
                    $this->kit->choice->speedController,
                    array_map(fn (Output $one): array => [$one->channel, $one->role?->value], $this->program->motors()),
                ],
                BenchStep::Arming => [
                    $this->arming(),
                    array_map(
                        self::function(...),
                        $this->program->whose(Purpose::Arm, Purpose::MotorCut, Purpose::Throttle),
                    ),
                    $this->outputs('channel', 'role', 'feeds', 'travel', 'subtrim', 'limit', 'reverse'),
                ],
            },
        ]);
    }

    /** Of a binding: both ends with their generation of the link, and how they speak. */
    public function binding(): string
    {
        $link = $this->kit->transmitter->links[$this->kit->choice->link ?? ''] ?? null;

        return self::of([
            'binding',
            $this->kit->transmitter->id,
            $link?->generation,
            $this->program->receiver,
            $this->kit->receiver?->generation,
            $this->kit->choice->link,
            $this->kit->choice->subtype,
        ]);
    }

    /**
     * Of the whole program with its kit: what a checklist was gone through with. What it's called, what was read and
     * what was accepted don't count.
     */
    public function whole(): string
    {
        $document = json_decode(ProgramEncoder::encode($this->program), true);
        if (is_array($document)) {
            unset($document['name'], $document['ladder']);
            if (is_array($document['aboard'] ?? null)) {
                unset($document['aboard']['readings'], $document['aboard']['accepted']);
            }
        }

        return self::of(['whole', $document]);
    }

    /** @return list<mixed> */
    private function ways(): array
    {
        return $this->outputs('channel', 'role', 'feeds', 'reverse');
    }

    /** @return list<mixed> */
    private function drives(): array
    {
        return $this->functions('id', 'purpose', 'drive');
    }

    /** @return list<mixed> */
    private function order(): array
    {
        $setup = $this->kit->controller?->setUp($this->program->aboard->controller);

        return [$this->program->controller, $setup === null ? null : SetupEncoder::encode($setup)['order'] ?? null];
    }

    /** @return list<mixed> */
    private function arming(): array
    {
        $setup = $this->kit->controller?->setUp($this->program->aboard->controller);
        $encoded = $setup === null ? [] : SetupEncoder::encode($setup);

        return [$this->program->controller, $encoded['arming'] ?? null, $encoded['low'] ?? null];
    }

    /** @return list<array<string, mixed>> those keys of every output, by channel */
    private function outputs(string ...$keys): array
    {
        $outputs = $this->program->outputs;
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);

        return array_map(
            fn (Output $one): array => array_intersect_key(OutputEncoder::encode($one), array_flip($keys)),
            $outputs,
        );
    }

    /** @return list<array<string, mixed>> those keys of every function, by id */
    private function functions(string ...$keys): array
    {
        $functions = $this->program->functions;
        usort($functions, fn (PilotFunction $a, PilotFunction $b): int => $a->id() <=> $b->id());

        return array_map(
            fn (PilotFunction $one): array => array_intersect_key(FunctionEncoder::encode($one), array_flip($keys)),
            $functions,
        );
    }

    /** @return array<string, mixed> */
    private static function function(PilotFunction $one): array
    {
        return array_diff_key(FunctionEncoder::encode($one), ['name' => true]);
    }

    /** @param  list<mixed>  $what */
    private static function of(array $what): string
    {
        return substr(hash('sha256', (string) json_encode($what, JSON_PRESERVE_ZERO_FRACTION)), 0, 24);
    }
}
