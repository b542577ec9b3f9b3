<?php

namespace DuskSwitch\Tests\Http;

use DuskSwitch\App\Equipment\DefinitionKind;
use DuskSwitch\App\Equipment\Usages;
use DuskSwitch\App\Http\PilotZone;
use Illuminate\Support\Carbon;

/** "Today" is the pilot's, and what many revisions name is found. */
final class PilotDayTest extends HttpTestCase
{
    protected function tearDown(): void
    {
        Carbon::setTestNow();
        parent::tearDown();
    }

    public function test_the_day_of_a_moment_is_the_pilots(): void
    {
        $moment = new \DateTimeImmutable('2026-05-09T23:30:00Z');
        foreach (
            [
                'Europe/Berlin' => '2026-05-10',
                'America/Denver' => '2026-05-09',
                'UTC' => '2026-05-09',
                'Nowhere/Land' => '2026-05-09',
            ] as $zone => $day
        ) {
            $this->app['request']->headers->set(PilotZone::HEADER, $zone);
            self::assertSame($day, PilotZone::here()->day($moment), $zone);
            self::assertSame($day, PilotZone::here()->today($moment)->format('Y-m-d'), $zone);
        }
    }

    public function test_what_hundreds_of_revisions_name_is_told_before_it_goes(): void
    {
        $aircraft = $this->aircraft();
        $document = $aircraft->current()->document;
        $pack = json_decode($document)->aboard->kit->pack;
        for ($number = 2; $number <= 230; $number++) {
            $aircraft
                ->revisions()
                ->create(['number' => $number, 'parent' => $number - 1, 'document' => $document, 'note' => 'again']);
        }
        self::assertContains(
            'Nightjar: its present program and 229 earlier revisions',
            Usages::of(DefinitionKind::Packs, $pack),
        );
    }

    /** What has no end, or none that a machine can count to, was never measured. */
    public function test_a_number_without_an_end_in_a_sentence_is_none(): void
    {
        foreach (['1e999', '-1e999', '1e300', 'NaN'] as $height) {
            $body = "GPGGA,120000.00,5000.0000,N,00800.0000,E,1,08,1.0,{$height},M,,M,,";
            $sum = strtoupper(
                str_pad(
                    dechex(array_reduce(str_split($body), fn (int $sum, string $one): int => $sum ^ ord($one), 0)),
                    2,
                    '0',
                    STR_PAD_LEFT,
                ),
            );
            $answer = $this->postJson('/api/nmea', ['text' => "\${$body}*{$sum}\r\n"])
                ->assertOk()
                ->json();
            self::assertSame([1, null], [$answer['fixes'], $answer['highest']], $height);
        }
    }
}
