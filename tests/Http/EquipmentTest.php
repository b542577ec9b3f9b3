<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\Tests\Core\Given;
use PHPUnit\Framework\Attributes\DataProvider;

/** Definitions of the pilot's own, beside those that ship. */
final class EquipmentTest extends HttpTestCase
{
    /** @return array<string, array{string, string, string}> the folder, one that ships, its list in the answer */
    public static function kinds(): array
    {
        return [
            'a transmitter' => ['transmitters', 'quayside-8', 'transmitters'],
            'a receiver' => ['receivers', 'lantern-r8', 'receivers'],
            'a controller' => ['controllers', 'keel-f4', 'controllers'],
            'a pack' => ['packs', 'petrel-3s', 'packs'],
            'a speed controller' => ['speed-controllers', 'heron-45', 'speedControllers'],
        ];
    }

    #[DataProvider('kinds')]
    public function test_a_copy_is_kept_changed_and_removed(string $kind, string $shipped, string $list): void
    {
        $own = self::shipped($kind, $shipped);
        [$own->id, $own->name] = ['my-own', 'My own'];
        self::assertContains('my-own', $this->api('POST', "/api/stores/{$kind}", $own)->json("{$list}.*.id"));

        $own->name = 'My own, renamed';
        $names = $this->api('POST', "/api/stores/{$kind}", $own)->json("{$list}.*.name");
        self::assertContains('My own, renamed', $names);
        self::assertNotContains('My own', $names, 'one of the same id is replaced');
        self::assertCount(
            1,
            array_keys($this->api('GET', '/api/stores')->json("{$list}.*.id"), 'my-own', true),
            'it is there once',
        );

        self::assertNotContains('my-own', $this->api('DELETE', "/api/stores/{$kind}/my-own")->json("{$list}.*.id"));
        self::assertContains($shipped, $this->api('GET', '/api/stores')->json("{$list}.*.id"));
    }

    public function test_a_flight_script_of_ones_own_is_flown_and_flown_anew_once_it_changed(): void
    {
        $own = self::shipped('scenarios', 'first-hover');
        [$own->id, $own->name] = ['garden', 'Garden hop'];
        $this->api('POST', '/api/stores/scenarios', $own);
        $document = $this->demoDocument('Midge');
        $seconds = array_column(
            $this->api('POST', '/api/sense', ['document' => $document])->json('scenarios'),
            'seconds',
            'id',
        );
        self::assertEquals(76, $seconds['garden']);
        $fly = fn (): array => $this->api('POST', '/api/rehearsal', [
            'document' => $document,
            'script' => 'garden',
            'seed' => 1,
        ])->json();
        self::assertSame('Garden hop', $fly()['script']['name']);

        $own->legs[3]->seconds = 40;
        $this->api('POST', '/api/stores/scenarios', $own);
        self::assertEquals(104, $fly()['seconds']);

        $own->legs[4]->climb = -0.6;
        unset($own->legs[4]->until);
        $this->api('POST', '/api/stores/scenarios', $own, 422)->assertJsonPath('faults.0.path', 'legs[4]');
        self::assertEquals(104, $fly()['seconds'], 'what was kept stays');
        $this->api('DELETE', '/api/stores/scenarios/garden');
        $this->api(
            'POST',
            '/api/rehearsal',
            ['document' => $document, 'script' => 'garden', 'seed' => 1],
            422,
        )->assertJsonPath('faults.0.path', 'script');
    }

    #[DataProvider('kinds')]
    public function test_what_ships_stays_as_it_is(string $kind, string $shipped): void
    {
        $changed = self::shipped($kind, $shipped);
        $changed->name = 'Mine now';
        $refused = $this->api('POST', "/api/stores/{$kind}", $changed, 422);

        $refused->assertJsonPath('faults.0.path', 'id');
        self::assertStringContainsString(
            'ships with the app and stays as it is; give yours another id',
            (string) $refused->json('message'),
        );
        $this->api('DELETE', "/api/stores/{$kind}/{$shipped}", status: 404);
        self::assertNotContains(
            'Mine now',
            $this->api('GET', '/api/stores')->json('definitions.*.items.*.document.name'),
        );
    }

    #[DataProvider('kinds')]
    public function test_what_is_no_definition_is_told_and_nothing_is_kept(
        string $kind,
        string $shipped,
        string $list,
    ): void {
        $before = $this->api('GET', '/api/stores')->json("{$list}.*.id");
        $this->send('POST', "/api/stores/{$kind}", '{"format": ', 422);
        $this->api(
            'POST',
            "/api/stores/{$kind}",
            (object) ['format' => 'dusk-switch/kite', 'version' => 1],
            422,
        )->assertJsonPath('faults.0.path', 'format');
        $spoilt = self::shipped($kind, $shipped);
        [$spoilt->id, $spoilt->wheels] = ['my-own', 3];
        $this->api('POST', "/api/stores/{$kind}", $spoilt, 422)->assertJsonPath('faults.0.path', 'wheels');

        self::assertSame($before, $this->api('GET', '/api/stores')->json("{$list}.*.id"));
    }

    public function test_a_controller_of_ones_own_is_proved_against(): void
    {
        $own = self::shipped('controllers', 'keel-f4');
        $own->id = 'my-own';
        $own->slots[1]->to = 1500;
        $own->slots[2]->from = 1500;
        $this->api('POST', '/api/stores/controllers', $own);
        $nightjar = json_decode(Given::demo('nightjar'));
        $nightjar->controller = 'my-own';
        unset($nightjar->aboard->controller);

        self::assertContains(
            'one-mode-in-each-state',
            $this->api('POST', '/api/prove', ['document' => $nightjar])->json('findings.*.rule'),
        );
        $solved = $this->api('POST', '/api/propose/slots', ['document' => $nightjar, 'channel' => 6])->json('document');
        self::assertNotContains(
            'one-mode-in-each-state',
            $this->api('POST', '/api/prove', ['document' => json_decode((string) json_encode($solved))])->json(
                'findings.*.rule',
            ),
        );
    }

    private static function shipped(string $kind, string $id): \stdClass
    {
        return (object) json_decode((string) file_get_contents(Given::DEMO."/stores/{$kind}/{$id}.json"));
    }
}
