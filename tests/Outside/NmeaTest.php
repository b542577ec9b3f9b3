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
