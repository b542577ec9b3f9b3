<?php

namespace DuskSwitch\Core\Airframe;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Kit\Transmitter;
use DuskSwitch\Core\Program\Feed;
use DuskSwitch\Core\Program\Output;
use DuskSwitch\Core\Program\OutputEdit;
use DuskSwitch\Core\Program\PilotFunction;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\Role;
use DuskSwitch\Core\Program\Source\FunctionSource;
use DuskSwitch\Core\Units\Range;

/** The outputs of a program with the surfaces that a recipe wants among them. */
final readonly class WrittenOutputs
{
    /** @var list<Output> by channel */
    public array $outputs;

    /**
     * @throws Refused where the transmitter has too few channels
     */
    public function __construct(Program $program, private Plan $plan, ?Plan $old, private Transmitter $transmitter)
    {
        $own = self::met($plan->surfaces, $program->outputs);
        $gone = array_column(self::met($old->surfaces ?? [], $program->outputs), 'channel', 'channel');
        $kept = [];
        foreach ($program->outputs as $output) {
            if (
                ! in_array($output, $own, true) &&
                ! isset($gone[$output->channel]) &&
                ($old !== null || ! $this->isReplaced($output))
            ) {
                $kept[$output->channel] = $output;
            }
        }
        $taken = $kept + array_column($own, null, 'channel');
        $written = array_map(fn (Surface $surface): string => $surface->name, $old->surfaces ?? $plan->surfaces);
        foreach ($plan->surfaces as $place => $surface) {
            $is = $own[$place] ?? null;
            $channel = $is->channel ?? $this->free($taken, $place, count($kept));
            $taken[$channel] = $kept[$channel] = new Output(
                channel: $channel,
                name: $is === null || in_array($is->name, $written, true) ? $surface->name : $is->name,
                feeds: $surface->feeds,
                travel: $is->travel ?? OutputEdit::fullTravel($transmitter->scale),
                reverse: $is->reverse ?? false,
                subtrim: $is->subtrim ?? 0.0,
                limit: $is->limit ?? new Range(-1.5, 1.5),
                role: $surface->role,
            );
        }
        ksort($kept);
        $this->outputs = array_values($kept);
    }

    /**
     * Where outputs go when a recipe asks for another order of channels than it did before: they change places among
     * themselves. What the pilot put elsewhere by hand stays as long as the order stays.
     *
     * @return array<int, int> channel to channel
     */
    public static function reordered(Program $program, Plan $plan, ?Plan $old): array
    {
        if ($old === null) {
            return [];
        }
        $moved = self::elsewhere(self::roles($plan), self::roles($old));
        $stays = array_filter(
            self::met($plan->surfaces, $program->outputs),
            fn (Output $one): bool => in_array($one->role, $moved, true),
        );
        ksort($stays);
        $channels = array_column($stays, 'channel');
        $to = $channels;
        sort($to);

        return array_combine($channels, $to);
    }

    /** @return list<Role> */
    private static function roles(Plan $plan): array
    {
        return array_map(fn (Surface $one): Role => $one->role, $plan->surfaces);
    }

    /**
     * The roles of both orders that stand elsewhere in one than in the other.
     *
     * @param  list<Role>  $now
     * @param  list<Role>  $before
     * @return list<Role>
     */
    private static function elsewhere(array $now, array $before): array
    {
        $common = array_values(array_filter($now, fn (Role $one): bool => in_array($one, $before, true)));
        $was = array_values(array_filter($before, fn (Role $one): bool => in_array($one, $now, true)));

        return array_values(
            array_filter(
                $common,
                fn (int $place): bool => $common[$place] !== ($was[$place] ?? null),
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }

    /**
     * The outputs that are the surfaces of a recipe, each once: by what they move, whatever they are called, of several
     * by name or by what feeds them; by name, then by what feeds them, where nothing says what they move.
     *
     * @param  list<Surface>  $surfaces
     * @param  list<Output>  $outputs
     * @return array<int, Output> by place of the surface
     */
    private static function met(array $surfaces, array $outputs): array
    {
        $met = [];
        $says = fn (?Role $role): bool => $role !== null && $role !== Role::Other;
        $ways = [
            fn (Surface $surface, Output $output): bool => $surface->role === $output->role &&
                $surface->name === $output->name,
            fn (Surface $surface, Output $output): bool => $surface->role === $output->role &&
                $says($output->role) &&
                self::sources($surface->feeds) === self::sources($output->feeds),
            fn (Surface $surface, Output $output): bool => $surface->role === $output->role && $says($output->role),
            fn (Surface $surface, Output $output): bool => $surface->name === $output->name &&
                ! ($says($surface->role) && $says($output->role)),
            fn (Surface $surface, Output $output): bool => ! $says($surface->role) &&
                ! $says($output->role) &&
                $output->feeds !== [] &&
                self::sources($surface->feeds) === self::sources($output->feeds),
        ];
        foreach ($ways as $is) {
            foreach ($surfaces as $place => $surface) {
                foreach (isset($met[$place]) ? [] : $outputs as $output) {
                    if (! in_array($output, $met, true) && $is($surface, $output)) {
                        $met[$place] = $output;

                        break;
                    }
                }
            }
        }

        return $met;
    }

    /**
     * @param  list<Feed>  $feeds
     * @return list<string> the functions among what feeds it
     */
    private static function sources(array $feeds): array
    {
        return array_map(
            fn (Feed $feed): string => $feed->source instanceof FunctionSource ? $feed->source->function : '',
            $feeds,
        );
    }

    /** True where an output mixes only functions that this recipe also writes. */
    private function isReplaced(Output $output): bool
    {
        $own = array_map(fn (PilotFunction $function): string => $function->id(), $this->plan->functions);
        $foreign = array_filter(
            $output->feeds,
            fn (Feed $feed): bool => ! ($feed->source instanceof FunctionSource) ||
                ! in_array($feed->source->function, $own, true),
        );

        return $output->feeds !== [] && $foreign === [];
    }

    /** @param  array<int, Output>  $taken */
    private function free(array $taken, int $place, int $kept): int
    {
        for ($channel = 1; $channel <= $this->transmitter->channels; $channel++) {
            if (! isset($taken[$channel])) {
                return $channel;
            }
        }
        $needed = count($this->plan->surfaces) + $kept - $place;
        throw Refused::because(
            'transmitter',
            "{$this->transmitter->name} has {$this->transmitter->channels} channels and this needs {$needed}; take a ".
                'channel away, choose fewer servos, or take a transmitter with more',
        );
    }
}
