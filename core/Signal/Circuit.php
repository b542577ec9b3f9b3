<?php

namespace DuskSwitch\Core\Signal;

use Closure;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Signal\Curve\Answer;
use DuskSwitch\Core\Signal\Part\OutputPart;
use DuskSwitch\Core\Signal\Part\Part;
use DuskSwitch\Core\Signal\Part\ProportionalPart;

/**
 * A program, ready to run: its parts, one after another as straight code over numbered slots. No look-up by
 * name, no choice that could be made before.
 *
 * It runs in two ways: a frame is settled, phases have faded in and slowed feeds have arrived; a tick is one
 * step of time, with what is remembered going in and coming out.
 *
 * @phpstan-import-type RunCode from CircuitCode
 */
final class Circuit
{
    /** @var list<float|int> */
    private readonly array $blank;

    /** @var RunCode|null made when it's first needed */
    private ?Closure $run = null;

    /** @var RunCode|null */
    private ?Closure $tick = null;

    private ?int $cost = null;

    private ?int $costInTime = null;

    public readonly Panel $panel;

    /**
     * @param  list<Part>  $parts  each after all that it needs
     * @param  list<Answer>  $curves
     * @param  int  $remembers  how many numbers its parts keep from tick to tick
     * @param  float  $settlesIn  seconds after which everything has come to rest, at the latest
     */
    public function __construct(
        public readonly Program $program,
        public readonly Layout $layout,
        private readonly array $parts,
        private readonly array $curves,
        public readonly int $remembers,
        public readonly float $settlesIn,
    ) {
        $this->panel = $layout->panel;
        $this->blank = $layout->blank();
    }

    /** The circuit as PHP statements; made of the program's numbers alone, never of its text. */
    public function code(): string
    {
        return implode('', array_map(fn (Part $part): string => $part->code(), $this->parts));
    }

    /** The code of one tick. */
    public function codeInTime(): string
    {
        return "\$dt = 1;\n".implode('', array_map(fn (Part $part): string => $part->inTime(), $this->parts));
    }

    /**
     * @return array{string, string} a frame and a tick as PHP closures, to be kept beside the circuit and given back to
     * {@see self::running()}
     */
    public function sources(): array
    {
        return [CircuitCode::source($this->code()), CircuitCode::source($this->codeInTime())];
    }

    /**
     * The circuit with what was made of its sources before.
     *
     * @param  RunCode  $frame
     * @param  RunCode  $tick
     */
    public function running(Closure $frame, Closure $tick): self
    {
        [$this->run, $this->tick] = [$frame, $tick];

        return $this;
    }

    /**
     * What a frame costs, in steps of {@see Budget}: measured on circuits of every size, it's the length of the code
     * and the curves in it.
     */
    public function cost(): int
    {
        return $this->cost ??= CircuitCode::cost($this->code());
    }

    /** What a tick costs, in steps of {@see Budget}: with what is remembered copied along. */
    public function costInTime(): int
    {
        return $this->costInTime ??= CircuitCode::cost($this->codeInTime()) + intdiv($this->remembers, 5);
    }

    /** @return list<string> the values that its conditions ask for, by id */
    public function sensors(): array
    {
        return array_keys($this->layout->sensors);
    }

    /**
     * One frame.
     *
     * @param  list<float>  $inputs  in the order of the panel, {@see Panel}
     */
    public function frame(array $inputs): Frame
    {
        $this->run ??= CircuitCode::make($this->code());

        [$v] = ($this->run)(array_merge($inputs, $this->blank), $this->curves, [], true);

        return new Frame($this->program, $this->layout, $v);
    }

    /**
     * One tick of {@see Tick::SECONDS}.
     *
     * @param  list<float>  $inputs  in the order of the panel
     * @param  State|null  $state  what the tick before gave; null in the first, which begins settled
     * @param  array<string, float>  $telemetry  values by id, in base units; those that nothing asks for are left aside
     */
    public function tick(array $inputs, ?State $state = null, array $telemetry = []): Tick
    {
        $this->tick ??= CircuitCode::make($this->codeInTime());
        $memory = $state === null ? array_fill(0, $this->remembers, 0.0) : $state->memory;
        $slots = array_merge($inputs, $this->blank);
        foreach ($this->layout->sensors as $id => $slot) {
            $slots[$slot] = $telemetry[$id] ?? NAN;
        }
        [$v, $m] = ($this->tick)($slots, $this->curves, $memory, $state === null);

        return new Tick(new Frame($this->program, $this->layout, $v), new State($m));
    }

    /**
     * Why an output of a frame is where it is; null where the program has no such output.
     *
     * @param  State|null  $state  what the frame's tick gave; null for a settled frame
     */
    public function explain(int $channel, Frame $frame, ?State $state = null): ?Explanation
    {
        foreach ($this->parts as $part) {
            if ($part instanceof OutputPart && $part->output->channel === $channel) {
                $code = $part->explaining($state !== null);
                [, $notes] = CircuitCode::make($code, '$notes')($frame->slots, $this->curves, $state->memory ?? [], false);

                return Explanation::of($part, array_chunk($notes, 3), $frame);
            }
        }

        return null;
    }

    /**
     * A proportional function's answer to its stick, drawn: per phase, then per dual rate, the points of its line.
     *
     * @param  int  $steps  how many pieces the way from −1 to 1 is cut into
     * @return list<array{phase: string|null, rate: int|null, points: list<array{float, float}>}>|null null for a function that isn't proportional or that nothing drives
     */
    public function line(string $function, int $steps = 80): ?array
    {
        $part = $this->proportional($function);
        if ($part === null) {
            return null;
        }
        $answer = CircuitCode::make($part->bare()->code());
        $lines = [];
        $phases = count($this->program->phases);
        for ($index = 0; $index < $phases + count($part->dualRates); $index++) {
            $points = [];
            for ($i = 0; $i <= $steps; $i++) {
                $x = (2.0 * $i) / $steps - 1;
                $points[] = [$x, (float) $answer([0.0, $x, $index], $this->curves, [], true)[0][0]];
            }
            $lines[] = [
                'phase' => $this->program->phases[$index]->id ?? null,
                'rate' => $index < $phases ? null : $index - $phases,
                'points' => $points,
            ];
        }

        return $lines;
    }

    /**
     * A curve of the program, drawn: the points of its line.
     *
     * @param  int  $steps  how many pieces the way from −1 to 1 is cut into
     * @return list<array{float, float}>|null null where there's no such curve
     */
    public function curve(string $id, int $steps = 80): ?array
    {
        $place = array_search($id, array_keys($this->program->curves), true);

        return $place === false
            ? null
            : array_map(
                fn (int $i): array => [($x = (2.0 * $i) / $steps - 1), $this->curves[$place]->at($x)],
                range(0, $steps),
            );
    }

    /**
     * Where a proportional function stands in a frame: its stick, its value, and the dual rate that shapes it, if one
     * does.
     *
     * @param  State|null  $state  what the frame's tick gave; null for a settled frame
     * @return array{x: float, y: float, rate: int|null}|null null for a function that isn't proportional or that
     *              nothing drives
     */
    public function dot(string $function, Frame $frame, ?State $state = null): ?array
    {
        $part = $this->proportional($function);
        if ($part === null) {
            return null;
        }
        $rate = [];
        if ($part->dualRates !== []) {
            [, $rate] = CircuitCode::make($part->rating($state !== null), '$notes')(
                $frame->slots,
                $this->curves,
                $state->memory ?? [],
                false,
            );
        }

        return [
            'x' => (float) $frame->slots[$part->input],
            'y' => (float) $frame->slots[$part->slot],
            'rate' => isset($rate[0]) ? (int) $rate[0] : null,
        ];
    }

    private function proportional(string $function): ?ProportionalPart
    {
        $slot = $this->layout->function($function);
        foreach ($this->parts as $part) {
            if ($part instanceof ProportionalPart && $part->slot === $slot && $part->input < $this->panel->size()) {
                return $part;
            }
        }

        return null;
    }
}
