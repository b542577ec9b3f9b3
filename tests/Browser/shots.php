<?php

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');

// The README's pictures, from the demo.
$app = new App(['DUSK_DEMO_LOGBOOK' => 'true']);
$app->start();
$chrome = new Chrome();

$page = function (string $theme, int $width = 1280, int $height = 800) use ($app, $chrome): Page {
    $page = (new Page($chrome->browser($width, $height), $app))->open('/');
    $page->browser->executeScript("localStorage.setItem('dusk.theme', '{$theme}')");

    return $page->open('/');
};
$shot = function (Page $page, string $name): void {
    $page->shot("docs/screenshots/{$name}.png");
    echo "docs/screenshots/{$name}.png\n";
};

$dusk = $page('dusk');
$dusk->find('[data-standing]');
$shot($dusk, 'hangar');

$dusk
    ->openAircraft('Petrel')
    ->stick('right', 0.5, 0.4)
    ->stick('left', -0.2, 0.1);
$dusk->click("[data-control='top-left'] [data-detent='away']");
$dusk->click("[data-control='shoulder-right'] [data-detent='middle']");
$shot($dusk, 'program');

$dusk->openAircraft('Nightjar')->stick('right', 0.55, 0.2);
$dusk->click("[data-end='function:roll'] button");
$dusk->find('[data-dot]');
$shot($dusk, 'program-rates');

$dusk->open('/aircraft/3/prove/bench')->press('Propellers are off')->find("[data-motor='1']");
$dusk->click("[aria-label='Practise: let the stand-in answer for Motors']");
$dusk->browser->executeScript("document.querySelector('[aria-label=Motors]').scrollIntoView()");
$shot($dusk, 'prove-bench');

$dusk->open('/aircraft/3/prove');
$dusk->find('[data-stage]');
$dusk
    ->stick('right', 0.4, 1.0)
    ->stick('left', -0.3, 0.2)
    ->find("[data-channel='2']")
    ->click();
$shot($dusk, 'prove-live');

$dusk->open('/aircraft/4/program/mixing?channel=2')->find('[data-fall]');
$dusk
    ->stick('right', 0.6, -0.4)
    ->find("[data-control='shoulder-right'] [data-detent='middle']")
    ->click();
$shot($dusk, 'program-mixing');

$dusk->open('/logbook')->find('[data-flight]');
$dusk->still();
$shot($dusk, 'logbook');

$dusk->open('/aircraft/1/fly/flights?flight=8');
$dusk->find('[data-finding]');
$shot($dusk, 'fly-flight');

$dusk->open('/aircraft/3/program/sheet')->find('[data-section]');
$dusk->choose('#sheet-for', 'Quayside 8');
$shot($dusk, 'program-sheet');

$dusk->open('/aircraft/3/prove/findings')->find('[data-finding]');
$shot($dusk, 'prove-findings');

$dusk->open('/aircraft/3/prove/switch-map')->find('[data-state-cell]');
$shot($dusk, 'prove-switch-map');

$dusk->open('/aircraft/2/prove/setup')->find('[data-answer]');
$shot($dusk, 'prove-setup');

$dusk->open('/aircraft/4/kit')->find('[data-point]');
$shot($dusk, 'kit');

$dusk->open('/aircraft/4/telemetry')->find('[data-sensor]');
$dusk->named('Find sensors', 'button')->click();
$dusk->find('[data-found]');
$shot($dusk, 'telemetry-sensors');

$dusk->open('/aircraft/4/telemetry/rehearsal')->named('Rehearse', 'button')->click();
$dusk->find('[data-clock]');
$dusk->click("[data-said='limit'] button");
$shot($dusk, 'telemetry-rehearsal');

$dusk->named('Pages', 'a')->click();
$dusk->find('[data-glance]');
$shot($dusk, 'telemetry-pages');

$day = $page('day');
$day->open('/aircraft/4/fly')->find('[data-item]');
$shot($day, 'fly-ready');

$day->open('/equipment')->find('main h2');
$shot($day, 'equipment');

$phone = $page('day', 390, 844)->open('/aircraft/3/fly/checklists');
$phone->find('[role=checkbox]');
$shot($phone, 'fly-phone');
