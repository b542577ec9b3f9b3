<?php

namespace DuskSwitch\Tests\Outside;

use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Nmea;
use DuskSwitch\Core\Telemetry\GpsFix;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** NMEA 0183: the standard's well-known example sentences, and gpsbabel as a second reader where it is installed. */
final class NmeaTest extends TestCase
{
    /** The examples that go round with the standard, from memory. */
    private const GGA = '$GPGGA,123519,4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,*47';

    private const RMC = '$GPRMC,123519,A,4807.038,N,01131.000,E,022.4,084.4,230394,003.1,W*6A';

    private const VTG = '$GPVTG,054.7,T,034.4,M,005.5,N,010.2,K*48';

    public function test_the_published_examples_are_read(): void
    {
        $fixes = Nmea::read(self::GGA."\r\n".self::RMC."\r\n");

        self::assertCount(1, $fixes, 'both are of the same second');
        self::assertEqualsWithDelta(
            [45319.0, 48 + 7.038 / 60, 11 + 31 / 60, 545.4, (22.4 * 1852) / 3600, 84.4],
            [
                $fixes[0]->seconds,
                $fixes[0]->latitude,
                $fixes[0]->longitude,
                $fixes[0]->altitude,
                $fixes[0]->speed,
                $fixes[0]->course,
            ],
            1e-9,
        );
        self::assertSame(8, $fixes[0]->satellites);
        self::assertEqualsWithDelta(
            54.7,
            Nmea::read(self::GGA."\n".self::VTG)[0]->course,
            1e-9,
            'a VTG belongs to the fix before it',
        );
    }

    public function test_two_sentences_of_midnight_are_one_fix_in_either_order(): void
    {
        $fix = new GpsFix(0.0, 47.5, 9.25, 612.5, satellites: 9, speed: 4.0, course: 90.0);
        $sentences = explode("\n", trim(Nmea::write($fix, '010126')));
        foreach ([$sentences, array_reverse($sentences)] as $lines) {
            $read = Nmea::read(implode("\n", array_filter($lines, fn (string $one): bool => ! str_contains($one, 'VTG'))));

            self::assertCount(1, $read);
            self::assertSame([0.0, 612.5, 9], [$read[0]->seconds, $read[0]->altitude, $read[0]->satellites]);
        }
    }

    public function test_the_checksum_is_the_published_one(): void
    {
        foreach ([self::GGA, self::RMC, self::VTG] as $sentence) {
            self::assertSame(substr($sentence, -2), Nmea::checksum(substr($sentence, 1, -3)));
        }
    }

    public function test_what_is_written_is_read_back(): void
    {
        $random = new Randomizer(new Mt19937(2));
        for ($try = 0; $try < 200; $try++) {
            $fix = new GpsFix(
                $random->getInt(0, 863999) / 10,
                $random->getInt(-89_9999, 89_9999) / 10_000,
                $random->getInt(-179_9999, 179_9999) / 10_000,
                $random->getInt(-100, 50000) / 10,
                $random->getInt(4, 20),
                $random->getInt(0, 500) / 10,
                $random->getInt(0, 3599) / 10,
            );
            $text = Nmea::write($fix, '251126');
            foreach (explode("\r\n", trim($text)) as $line) {
                self::assertLessThanOrEqual(80, strlen($line));
            }
            [$back] = Nmea::read($text);
            self::assertEqualsWithDelta(
                [$fix->latitude, $fix->longitude],
                [$back->latitude, $back->longitude],
                2e-6,
                $text,
            );
            self::assertEqualsWithDelta(
                [$fix->seconds, $fix->altitude, $fix->speed, $fix->course],
                [$back->seconds, $back->altitude, $back->speed, $back->course],
                0.06,
                $text,
            );
            self::assertSame($fix->satellites, $back->satellites);
        }
    }

    public function test_half_a_second_after_midnight_is_another_fix(): void
    {
        $at = function (string $time): string {
            $body = "GPGGA,{$time},4807.038,N,01131.000,E,1,08,0.9,545.4,M,46.9,M,,";

            return "\${$body}*".Nmea::checksum($body)."\n";
        };
        $seconds = array_map(fn (GpsFix $one): float => $one->seconds, Nmea::read($at('000000.00').$at('000000.50')));

        self::assertSame([0.0, 0.5], $seconds);
    }

    public function test_each_sentence_stands_for_itself_on_every_side_of_the_globe(): void
    {
        $read = function (string $body): GpsFix {
            return Nmea::read("\${$body}*".Nmea::checksum($body))[0];
        };
        $gga = $read('GPGGA,235959.50,3345.600,S,07030.000,W,2,11,0.8,-12.5,M,,M,,');
        self::assertEqualsWithDelta(
            [86399.5, -33.76, -70.5, -12.5],
            [$gga->seconds, $gga->latitude, $gga->longitude, $gga->altitude],
            1e-9,
        );
        self::assertSame([11, null, null], [$gga->satellites, $gga->speed, $gga->course]);
        $rmc = $read('GPRMC,010203,A,3345.600,S,17059.400,E,010.0,359.5,230394,,,A');
        self::assertEqualsWithDelta(
            [3723.0, -33.76, 170.99, 10 * 1852 / 3600, 359.5],
            [$rmc->seconds, $rmc->latitude, $rmc->longitude, $rmc->speed, $rmc->course],
            1e-9,
        );
        self::assertSame([null, null], [$rmc->altitude, $rmc->satellites]);
    }

    public function test_whole_minutes_and_degrees_are_written_whole(): void
    {
        $text = Nmea::write(new GpsFix(3723.0, 48 + 7 / 60, -(170 + 59 / 60)), '251126');
        self::assertStringContainsString(',4807.0000,N,17059.0000,W,', $text);
        self::assertStringContainsString(',8900.0000,S,00000.0000,E,', Nmea::write(new GpsFix(1.0, -89.0, 0.0), '251126'));
        // The last ten-thousandth of a minute rounds up into the next degree.
        self::assertStringContainsString(',1100.0000,N,', Nmea::write(new GpsFix(1.0, 10.9999999999, 0.0), '251126'));
    }

    public function test_without_a_fix_there_is_no_place(): void
    {
        $text = Nmea::write(new GpsFix(12.0, satellites: 2), '251126');

        self::assertStringContainsString(',V,,,,,', $text);
        self::assertNull(Nmea::read($text)[0]->latitude);
        self::assertSame(2, Nmea::read($text)[0]->satellites);
    }

    public function test_a_broken_stream_is_told_line_by_line(): void
    {
        $told = function (string $text): string {
            try {
                Nmea::read($text);
            } catch (Refused $refused) {
                return $refused->getMessage();
            }
            self::fail('it was read');
        };

        self::assertStringContainsString(
            'line 2: its checksum is 48 and should be 47: a byte was lost or changed',
            $told(self::RMC."\n".str_replace('*47', '*48', self::GGA)),
        );
        self::assertStringContainsString('line 1: is no sentence', $told('GPGGA,1,2,3'));
        self::assertStringContainsString('there is no position in it', $told(self::VTG));
        // A sentence has at most 82 characters, with its end of line (NMEA 0183, from memory).
        $long = fn (int $letters): string => '$GPTXT,'.str_repeat('x', $letters - 10);
        $sum = fn (string $line): string => "{$line}*".Nmea::checksum(substr($line, 1));
        self::assertStringContainsString('there is no position in it', $told($sum($long(82))));
        self::assertStringContainsString('line 1: is no sentence', $told($sum($long(83))));
        self::assertStringContainsString('there is no position in it', $told(''));
    }

    public function test_gpsbabel_reads_our_track(): void
    {
        exec('command -v gpsbabel', $found, $missing);
        if ($missing !== 0) {
            self::markTestSkipped('gpsbabel isn\'t installed; `./dusk test` installs it where it can');
        }
        $text = '';
        foreach (range(0, 9) as $second) {
            $text .= Nmea::write(
                new GpsFix(43200.0 + $second, 54.12 + $second * 1e-4, 8.31, 3.0 + $second, 9, 11.1, 0.0),
                '251126',
            );
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'nmea');
        file_put_contents($file, $text);
        exec('gpsbabel -i nmea -f '.escapeshellarg($file).' -o gpx -F -', $lines, $failed);
        unlink($file);
        $gpx = implode("\n", $lines);

        self::assertSame(0, $failed);
        self::assertSame(10, substr_count($gpx, '<trkpt'));
        self::assertStringContainsString('lat="54.120900000" lon="8.310000000"', $gpx);
        self::assertStringContainsString('2026-11-25T12:00:09Z', $gpx);
        self::assertStringContainsString('<ele>12.000</ele>', $gpx);
    }
}
