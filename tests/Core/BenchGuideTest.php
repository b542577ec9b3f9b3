<?php

namespace DuskSwitch\Tests\Core;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\Core\Bench\BenchStep;
use DuskSwitch\Core\Bench\BenchSteps;
use DuskSwitch\Core\Bench\GuideLine;
use DuskSwitch\Core\Kit\Controller;
use DuskSwitch\Core\Kit\Motor;
use DuskSwitch\Core\Kit\Place;
use DuskSwitch\Core\Kit\Receiver;
use DuskSwitch\Core\Link\InstalledKit;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Yaml\Yaml;

/** The guided steps with the aircraft in hand, in each family, with equipment of one's own. */
final class BenchGuideTest extends TestCase
{
    /** @param  array<string, mixed>  $document */
    private static function kit(array $document, Controller|Receiver|null $own = null): InstalledKit
    {
        $program = Schools::program($document);
        $controller = $program->controller === null ? null : Schools::controller($program->controller);
        $mine = array_filter([$controller?->id => $controller, $own->id ?? '' => $own]);

        return InstalledKit::of($program, Given::transmitter($program->transmitter), new OwnEquipment($mine));
    }

    /** @return list<string> what its lines say; nothing where the step isn't needed */
    private static function lines(InstalledKit $kit, string $step): array
    {
        $one = BenchSteps::by($step);
        self::assertNotNull($one);

        return $one->isNeeded($kit)
            ? array_map(fn (GuideLine $line): string => $line->says, $one->guide($kit))
            : [];
    }

    /** @param  array<string, mixed>  $more */
    private static function controller(array $more): Controller
    {
        $made = DefinitionKind::Controllers->decode(
            (string) json_encode([
                'format' => 'dusk-switch/controller',
                'version' => 1,
                'id' => 'keller',
                'name' => 'Kellerkasten',
                'kind' => 'flight-controller',
                'wires' => ['serial'],
                'supply' => [4, 26],
                'draw' => 100,
                ...$more,
            ]),
        );

        return $made instanceof Controller ? $made : self::fail();
    }

    /** @return array<string, mixed> armed by the sticks, on a transmitter of ±400 µs */
    private static function corners(): array
    {
        $function = fn (string $id): array => ['id' => $id, 'name' => ucfirst($id), 'purpose' => $id, 'drive' => ['axis' => $id]];
        $output = fn (int $channel, string $id, float $travel): array => [
            'channel' => $channel,
            'name' => ucfirst($id),
            'role' => "input-{$id}",
            'travel' => $travel,
            'limit' => [-1.5, 1.5],
            'feeds' => [['from' => $id]],
        ];

        return [
            'format' => 'dusk-switch/program',
            'version' => 2,
            'name' => 'Eckenflieger',
            'family' => 'multirotor',
            'transmitter' => 'quayside-8',
            'controller' => 'keller',
            'stickMode' => 1,
            'phases' => [['id' => 'one', 'name' => 'One']],
            'functions' => array_map($function, ['roll', 'pitch', 'throttle', 'yaw']),
            'outputs' => [
                $output(1, 'roll', 1.5),
                $output(2, 'pitch', 1.5),
                $output(3, 'throttle', 1.5),
                $output(4, 'yaw', 1.44),
            ],
        ];
    }

    /** Common practice: 150 % of ±400 µs is 600 µs, 144 % is 576 µs, on both sides of 1500. */
    public function test_the_corners_are_told_in_microseconds(): void
    {
        $box = self::controller(['armedBy' => 'sticks']);
        $kit = self::kit(self::corners(), $box);

        self::assertSame(
            [
                'Propellers are off',
                'Throttle down, yaw right: Throttle 900 µs, Yaw 2076 µs, and it arms',
                'Throttle down, yaw left: Throttle 900 µs, Yaw 924 µs, and it stops',
                'Throttle down and yaw half way: nothing happens',
            ],
            self::lines($kit, 'corners'),
        );
        self::assertSame([], self::lines(self::kit(self::corners(), self::controller([])), 'corners'));
    }

    /**
     * Action and reaction: a propeller that turns clockwise turns the airframe counter-clockwise; so against a turn to
     * the right those that turn clockwise speed up.
     */
    public function test_against_being_turned_the_motors_that_turn_the_same_way_speed_up(): void
    {
        $motor = fn (int $number, string $place, bool $clockwise): array => compact('number', 'place', 'clockwise');
        $box = self::controller([
            'motors' => [
                $motor(1, 'hinten rechts', true),
                $motor(2, 'vorn rechts', false),
                $motor(3, 'hinten links', false),
                $motor(4, 'vorn links', true),
            ],
        ]);
        $kit = self::kit(self::corners(), $box);

        self::assertContains(
            'Turned clockwise, as seen from above: motors 1 and 4 speed up; the other way round: motors 2 and 3',
            self::lines($kit, 'hand-test'),
        );
        self::assertStringContainsString('Propellers are off', self::lines($kit, 'hand-test')[0]);
        self::assertSame([], self::lines($kit, 'tilt'), 'it has nothing but motors');
        self::assertSame([], self::lines($kit, 'motors'), 'its motors are on the drawing');
        $undrawn = self::kit(self::corners(), self::controller([]));
        self::assertContains(
            'Turned clockwise, as seen from above: the motors that turn clockwise speed up; the other way round the '.
                'others',
            self::lines($undrawn, 'hand-test'),
        );
        self::assertSame([], self::lines($undrawn, 'tilt'));
        self::assertCount(1, self::lines($undrawn, 'motors'));
        self::assertCount(2, self::lines($kit, 'speed-controllers'));
    }

    public function test_a_wing_corrects_what_its_controller_hears_and_nothing_else(): void
    {
        $wing = Schools::document('wing behind a controller');
        $both = [
            'Tilted to the right: it answers as if the roll stick went left',
            'Nose pushed down: it answers as if the pitch stick was pulled',
        ];

        self::assertSame($both, self::lines(self::kit($wing), 'tilt'), 'the transmitter mixes its elevons');
        foreach ([['input-roll'], ['input-roll', 'input-pitch'], ['input-yaw']] as $roles) {
            $sent = $wing;
            foreach ($roles as $index => $role) {
                $sent['outputs'][$index]['role'] = $role;
            }
            $says = $roles === ['input-yaw']
                ? ['Nose turned to the right: it answers as if the yaw stick went left']
                : array_slice($both, 0, count($roles));
            self::assertSame($says, self::lines(self::kit($sent), 'tilt'), implode(', ', $roles));
        }
        self::assertSame([], self::lines(self::kit($wing), 'hand-test'));
    }

    public function test_each_speed_controller_learns_by_itself(): void
    {
        $kit = self::kit(Schools::document('two motors that steer'));
        $motors = $kit->program->motors();

        self::assertCount(count($motors), self::lines($kit, 'speed-controllers'));
        self::assertCount(count($motors), self::lines($kit, 'motors'));
        foreach (self::lines($kit, 'speed-controllers') as $index => $line) {
            self::assertStringStartsWith("{$motors[$index]->name}, channel {$motors[$index]->channel}: ", $line);
            self::assertStringContainsString('stick up, power, tone', $line);
        }
        $vehicle = self::lines(self::kit(Schools::document('ground vehicle')), 'speed-controllers');
        self::assertStringContainsString('middle, full forward, full back', $vehicle[0]);
    }

    public function test_the_throttle_spring_goes_out_of_what_flies_and_stays_in_what_drives(): void
    {
        self::assertStringContainsString('stays where you leave it', self::lines(self::kit(self::corners()), 'sticks')[0]);
        $vehicle = self::kit(Schools::document('ground vehicle'));
        self::assertSame('Throttle goes to its middle by itself', self::lines($vehicle, 'sticks')[0]);
        $still = self::corners();
        unset($still['functions'][2]['drive']);
        self::assertCount(1, self::lines(self::kit($still), 'sticks'), 'the throttle stick moves nothing');
    }

    public function test_a_controller_that_wants_the_sticks_calibrated_says_so(): void
    {
        $lines = fn (bool $wants): array => self::lines(
            self::kit(self::corners(), self::controller(['wantsSticks' => $wants])),
            'sticks',
        );

        self::assertCount(2, $lines(false));
        self::assertStringStartsWith('Kellerkasten: its own stick calibration is done', $lines(true)[2]);
    }

    public function test_the_range_is_tested_at_a_power_and_a_distance_that_are_noted(): void
    {
        $asks = fn (array $document): array => array_values(
            array_filter(
                array_map(
                    fn (GuideLine $line): ?string => $line->asks,
                    BenchSteps::by('range')?->guide(self::kit($document)) ?? [],
                ),
            ),
        );
        $plane = Schools::document('plane with a motor cut');

        self::assertSame(['Power', 'How far'], $asks($plane));
        $running = 'Once more with the motor running, the aircraft held by someone clear of the propeller';
        self::assertContains($running, self::lines(self::kit(['receiver' => 'lantern-r12'] + $plane), 'range'));
        $hovers = self::kit(['receiver' => 'lantern-r4'] + self::corners(), self::controller([]));
        self::assertNotContains($running, self::lines($hovers, 'range'));
        self::assertSame([], self::lines(self::kit(self::corners()), 'range'), 'without a receiver there is no range');
    }

    public function test_motors_are_where_the_definition_draws_them_else_on_a_circle(): void
    {
        $drawn = Motor::drawn([
            new Motor(1, 'vorn', true, new Place(50, 12)),
            new Motor(2, 'rechts hinten', false),
            new Motor(3, 'links hinten', true),
            new Motor(4, 'links', false),
        ]);

        self::assertEquals(new Place(50, 12), $drawn[0]);
        // The second of four: front right, 45° from ahead, 35 % of the drawing from its middle.
        self::assertEqualsWithDelta([50 + 35 * M_SQRT1_2, 50 - 35 * M_SQRT1_2], [$drawn[1]->x, $drawn[1]->y], 1e-9);
        self::assertEqualsWithDelta([50 + 35 * M_SQRT1_2, 50 + 35 * M_SQRT1_2], [$drawn[2]->x, $drawn[2]->y], 1e-9);
        self::assertEqualsWithDelta([50 - 35 * M_SQRT1_2, 50 + 35 * M_SQRT1_2], [$drawn[3]->x, $drawn[3]->y], 1e-9);
        $box = self::controller([
            'motors' => [['number' => 1, 'place' => 'vorn', 'clockwise' => true, 'at' => [50, 12]]],
        ]);
        self::assertEquals(new Place(50, 12), $box->motors[0]->at);
    }

    public function test_every_step_in_its_folder_is_in_the_contract_in_its_order(): void
    {
        $contract = Yaml::parseFile(__DIR__.'/../../schema/openapi.yaml');
        $listed = $contract['components']['schemas']['BenchRecord']['properties']['steps']['items']['properties']['id'];

        self::assertSame($listed['enum'], array_map(fn (BenchStep $one): string => $one->id(), BenchSteps::all()));
        self::assertNull(BenchSteps::by('tea'));
    }
}
