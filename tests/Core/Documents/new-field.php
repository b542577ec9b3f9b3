<?php

// What comes of a feed with a field that only the copy of the core in $argv[1] has: asked by NewFieldTest.

use DuskSwitch\Core\Document\Merge\Merge;
use DuskSwitch\Core\Document\Merge\Side;
use DuskSwitch\Core\Edits\Differences;
use DuskSwitch\Core\Fault\Refused;
use DuskSwitch\Core\Format\Fingerprint;
use DuskSwitch\Core\Format\ProgramDecoder;
use DuskSwitch\Core\Format\ProgramEncoder;
use DuskSwitch\Core\Format\ProgramSchema;
use DuskSwitch\Core\Format\Spelling;
use DuskSwitch\Core\Link\InstalledKit;
use DuskSwitch\Core\Move\FormerNames;
use DuskSwitch\Core\Move\TransmitterMove;
use DuskSwitch\Core\Program\Program;
use DuskSwitch\Core\Program\ProgramSummary;
use DuskSwitch\Tests\Core\Given;

require __DIR__.'/../../../vendor/autoload.php';

$copy = $argv[1];
spl_autoload_register(function (string $class) use ($copy): void {
    $file = "{$copy}/".strtr(substr($class, strlen('DuskSwitch\Core\\')), '\\', '/').'.php';
    if (str_starts_with($class, 'DuskSwitch\Core\\') && is_file($file)) {
        require $file;
    }
}, prepend: true);

$with = function (mixed $gain): string {
    $document = json_decode(Given::demo('nightjar'));
    $document->outputs[0]->feeds[0]->gain = $gain;

    return (string) json_encode($document, JSON_PRESERVE_ZERO_FRACTION);
};
$facts = fn (string $text): array => ProgramSummary::of(
    ProgramDecoder::decode($text),
    Given::transmitter(ProgramDecoder::decode($text)->transmitter),
);
$kept = fn (Program $program): int => substr_count(ProgramEncoder::encode($program), '"gain": 0.25');
$program = ProgramDecoder::decode($with(0.25));
$from = Given::transmitter($program->transmitter);
$print = fn (Program $one): string => (new Fingerprint(InstalledKit::of($one, $from, Given::catalogue())))->whole();
try {
    ProgramDecoder::decode($with(7));
    $fault = 'taken';
} catch (Refused $refused) {
    $fault = $refused->getMessage();
}
$notes = ProgramDecoder::decode($with(1.0))->with(notes: 'mine');
$merged = Merge::of(ProgramDecoder::decode($with(1.0)), $notes, $program, Spelling::forms(), ['notes' => Side::Mine]);
$parts = array_filter($merged->parts, fn ($one): bool => $one->path !== 'notes');
echo json_encode([
    'read and written' => $kept($program),
    'refused' => $fault,
    'schema' => json_decode(ProgramSchema::text(), true)['$defs']['feed']['properties']['gain'] ?? null,
    'copied' => $kept($program->with(outputs: array_map(
        fn ($output) => $output->with(feeds: array_map(fn ($feed) => $feed->with(delay: 0.1), $output->feeds)),
        $program->outputs,
    ))),
    'moved' => $kept(TransmitterMove::to($program, $from, Given::transmitter('lamplight-12'))->program),
    'renamed' => $kept(FormerNames::controls($program, $from)),
    'tested again' => $print($program) !== $print(ProgramDecoder::decode($with(0.5))),
    'told' => Differences::between($facts($with(0.25)), $facts($with(0.5))),
    'merged' => [
        ...array_map(fn ($one): string => "{$one->path} {$one->changed[0]->value}", array_values($parts)),
        $kept($merged->document),
    ],
    'left out where it is usual' => substr_count(ProgramEncoder::encode(ProgramDecoder::decode($with(1.0))), 'gain'),
]);
