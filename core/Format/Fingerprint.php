<?php

namespace DuskSwitch\Core\Format;

use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\TestedPart;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Program\Failsafe;
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
        $parts = array_map($this->part(...), $step->tested());

        return self::of([$step->id(), $this->kit->transmitter->id, count($parts) === 1 ? $parts[0] : $parts]);
    }

    private function part(TestedPart $part): mixed
    {
        return match ($part) {
            TestedPart::Controller => $this->program->controller,
            TestedPart::Receiver => $this->program->receiver,
            TestedPart::SpeedController => $this->kit->choice->speedController,
            TestedPart::Link => [$this->kit->choice->link, $this->kit->choice->subtype],
            TestedPart::StickMode => $this->program->stickMode->value,
            TestedPart::Order => $this->order(),
            TestedPart::Ways => $this->outputs('channel', 'role', 'feeds', 'reverse'),
            TestedPart::Drives => $this->functions('id', 'purpose', 'drive'),
            TestedPart::Ends => self::without($this->program->outputs, 'name', 'feeds'),
            TestedPart::DeadBands => $this->functions('id', 'deadband', 'drive'),
            TestedPart::Motors => array_map(
                fn (Output $one): array => [$one->channel, $one->role?->value],
                $this->program->motors(),
            ),
            TestedPart::MotorEnds => self::without($this->program->motors(), 'name', 'feeds'),
            TestedPart::Arming => $this->arming(),
            TestedPart::ArmingFunctions => array_map(
                self::function(...),
                $this->program->whose(Purpose::Arm, Purpose::MotorCut, Purpose::Throttle),
            ),
            TestedPart::Pulses => self::without($this->program->outputs, 'name'),
            TestedPart::SignalLoss => $this->signalLoss(),
            TestedPart::Roles => $this->outputs('channel', 'role'),
        };
    }

    /** Of what is aboard, by its ids: whatever is set aside is so for this equipment. */
    public function equipment(): string
    {
        return self::of([
            'equipment',
            $this->program->family->value,
            $this->kit->transmitter->id,
            $this->program->receiver,
            $this->program->controller,
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
            // Where the receiver answers to one program alone, its number was learned with the bind.
            ...array_filter([$this->kit->choice->match], is_int(...)),
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
    private function order(): array
    {
        $setup = $this->kit->controller?->setUp($this->program->aboard->controller);

        return [$this->program->controller, $setup === null ? null : Spelling::of($setup)['order'] ?? null];
    }

    /** @return list<mixed> */
    private function signalLoss(): array
    {
        $setup = $this->kit->controller?->setUp($this->program->aboard->controller);
        $failsafe = array_map(fn (Failsafe $one): string => $one->says(), $this->program->aboard->failsafe);
        ksort($failsafe);

        return [$failsafe, $setup === null ? null : Spelling::of($setup)['onLoss'] ?? null];
    }

    /** @return list<mixed> */
    private function arming(): array
    {
        $setup = $this->kit->controller?->setUp($this->program->aboard->controller);
        $encoded = $setup === null ? [] : Spelling::of($setup);

        return [$this->program->controller, $encoded['arming'] ?? null, $encoded['low'] ?? null];
    }

    /** @return list<array<string, mixed>> those keys of every output, by channel */
    private function outputs(string ...$keys): array
    {
        $all = self::without($this->program->outputs);

        return array_map(fn (array $one): array => array_intersect_key($one, array_flip($keys)), $all);
    }

    /**
     * All of some outputs but those keys: what outputs get one day is tested again, too.
     *
     * @param  list<Output>  $outputs
     * @return list<array<string, mixed>> by channel
     */
    private static function without(array $outputs, string ...$keys): array
    {
        usort($outputs, fn (Output $a, Output $b): int => $a->channel <=> $b->channel);

        return array_map(fn (Output $one): array => array_diff_key(Spelling::of($one), array_flip($keys)), $outputs);
    }

    /** @return list<array<string, mixed>> those keys of every function, by id */
    private function functions(string ...$keys): array
    {
        $functions = $this->program->functions;
        usort($functions, fn (PilotFunction $a, PilotFunction $b): int => $a->id() <=> $b->id());

        return array_map(
            fn (PilotFunction $one): array => array_intersect_key(Spelling::of($one), array_flip($keys)),
            $functions,
        );
    }

    /** @return array<string, mixed> */
    private static function function(PilotFunction $one): array
    {
        $encoded = Spelling::of($one);
        unset($encoded['name']);

        return $encoded;
    }

    /** @param  list<mixed>  $what */
    private static function of(array $what): string
    {
        return substr(hash('sha256', (string) json_encode($what, JSON_PRESERVE_ZERO_FRACTION)), 0, 24);
    }
}
