<?php

namespace DuskSwitch\Tests\Browser;

use DuskSwitch\Tests\Long;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;

/** From an empty hangar to "ready" as a newcomer, in every family. */
final class FirstEveningTest extends BrowserTestCase
{
    public static function setUpBeforeClass(): void
    {
        parent::setUpBeforeClass();
        foreach (json_decode((string) file_get_contents(self::$app->url('/api/aircraft')))->aircraft as $one) {
            $context = [
                'http' => [
                    'method' => 'DELETE',
                    'header' => 'Content-Type: application/json',
                    'content' => json_encode(['base' => $one->revision]),
                ],
            ];
            file_get_contents(self::$app->url("/api/aircraft/{$one->id}"), false, stream_context_create($context));
        }
    }

    /** @return iterable<string, array{string, array<string, string>, array<string, string>}> answers, then equipment */
    public static function families(): iterable
    {
        $plane = ['speed' => 'Heron 45', 'pack' => 'Petrel 3 cells 2200'];
        $byHand = ['wire' => 'One lead per channel', 'power' => 'The pack, or its regulator', ...$plane];
        yield 'plane' => [
            'Wiesenpieper',
            ['family' => 'Plane', 'transmitter' => 'Lamplight 12, 12 channels', 'receiver' => 'Lantern R12'],
            $plane,
        ];
        yield 'flying wing' => [
            'Mauersegler',
            ['family' => 'Flying wing', 'transmitter' => 'Harbour 16, 16 channels', 'receiver' => 'Lantern R12'],
            $plane,
        ];
        yield 'sailplane' => [
            'Milan noir',
            ['family' => 'Sailplane', 'transmitter' => 'Harbour 16, 16 channels', 'receiver' => 'Lantern R12'],
            $byHand,
        ];
        yield 'multirotor' => [
            'Libellule',
            [
                'family' => 'Multirotor',
                'transmitter' => 'Harbour 16, 16 channels',
                'receiver' => 'Lantern R8',
                'controller' => 'Keel F4',
                'mode' => '1: left pitch and yaw, right throttle and roll',
                'arming' => 'The same on a single channel',
            ],
            ['speed' => 'Heron 45', 'pack' => 'Nightjar 4 cells 1300'],
        ];
        yield 'tiny multirotor' => [
            'Mücke',
            [
                'family' => 'Tiny multirotor',
                'transmitter' => 'Lamplight 12, 12 channels',
                'receiver' => 'Lantern R8',
                'controller' => 'Keel Mite',
                'arming' => 'The sticks: low and to the right',
                'modes' => 'A switch each; free where none is on',
            ],
            ['speed' => 'Wren 12', 'pack' => 'Midge 1 cell 300'],
        ];
        yield 'helicopter' => [
            'Kolibri',
            [
                'family' => 'Helicopter',
                'transmitter' => 'Lamplight 12, 12 channels',
                'receiver' => 'Lantern R8',
                'controller' => 'Plumb H',
            ],
            ['speed' => 'Heron 120', 'pack' => 'Rook 6 cells 5000'],
        ];
        yield 'ground vehicle' => [
            'Dachs',
            ['family' => 'Ground vehicle', 'transmitter' => 'Quayside 8, 8 channels', 'receiver' => 'Glimmer R6'],
            $plane,
        ];
    }

    /** @return array<string, array{string, array<string, string>, array<string, string>}> */
    public static function evenings(): array
    {
        return self::few(self::families(), 1);
    }

    /**
     * @param  array<string, string>  $answers
     * @param  array<string, string>  $kit
     */
    #[Group('long')]
    #[DataProvider('evenings')]
    public function test_a_newcomer_gets_ready(string $name, array $answers, array $kit): void
    {
        $page = $this->page();
        $newcomer = (new Newcomer($page, new Mouse($page)))->makes($name, $answers)->getsReady($kit);

        self::assertSame('✓ Ready to fly', $page->text('[data-ready]'));
        self::assertContains('entered', $newcomer->went);
    }

    /** Three minutes of keys: --long presses them. */
    public function test_a_newcomer_gets_ready_by_keys_alone(): void
    {
        if (! Long::is()) {
            $this->addToAssertionCount(1);

            return;
        }
        [, $answers, $kit] = [...self::families()]['multirotor'];
        $page = $this->page();
        (new Newcomer($page, new Keys($page)))->makes('Tastatur', $answers)->getsReady($kit);

        self::assertSame('✓ Ready to fly', $page->text('[data-ready]'));
    }
}
