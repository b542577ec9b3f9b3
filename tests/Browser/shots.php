<?php

use DuskSwitch\Tests\Browser\App;
use DuskSwitch\Tests\Browser\Chrome;
use DuskSwitch\Tests\Browser\Page;

require __DIR__.'/../../vendor/autoload.php';
chdir(__DIR__.'/../..');

// The README's pictures, from the demo.
$app = new App();
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
$dusk->find('[data-aircraft]');
$shot($dusk, 'hangar');

$dusk
    ->openAircraft('Petrel')
    ->stick('right', 0.5, 0.4)
    ->stick('left', -0.2, 0.1);
$dusk->find("[data-control='top-left'] [data-detent='away']")->click();
$dusk->find("[data-control='shoulder-right'] [data-detent='middle']")->click();
$shot($dusk, 'wire');

$dusk->openAircraft('Nightjar')->stick('right', 0.55, 0.2);
$dusk->find("[data-end='function:roll'] button")->click();
$dusk->find('[data-dot]');
$shot($dusk, 'wire-shape');

$dusk->open('/aircraft/4/wire?at=output:2');
$dusk->find('[data-stage]');
$dusk->stick('right', 0.5, 0.0)->find("[data-control='shoulder-right'] [data-detent='middle']")->click();
$shot($dusk, 'wire-output');

$dusk->open('/aircraft/3/prove');
$dusk->find('[data-stage]');
$dusk
    ->stick('right', 0.4, 1.0)
    ->stick('left', -0.3, 0.2)
    ->find("[data-channel='2']")
    ->click();
$shot($dusk, 'prove-live');

$dusk->open('/aircraft/4/wire/mixing?channel=2')->find('[data-fall]');
$dusk
    ->stick('right', 0.6, -0.4)
    ->find("[data-control='shoulder-right'] [data-detent='middle']")
    ->click();
$shot($dusk, 'wire-mixing');

$dusk->open('/aircraft/5/wire/styles')->find('[data-style]');
$dusk->find("[data-control='flick-a'] [data-detent='away']")->click();
$shot($dusk, 'wire-styles');

$dusk->open('/aircraft/3/wire/ladder')->find('[data-rung]');
$shot($dusk, 'wire-ladder');

$dusk->open('/aircraft/3/wire/sheet')->find('[data-section]');
$dusk->choose('#sheet-for', 'Quayside 8');
$shot($dusk, 'wire-sheet');

$dusk->open('/aircraft/3/prove/findings')->find('[data-finding]');
$shot($dusk, 'prove-findings');

$dusk->open('/aircraft/3/prove/states')->find('[data-state-cell]');
$shot($dusk, 'prove-states');

$dusk->open('/aircraft/2/prove/setup')->find('[data-answer]');
$shot($dusk, 'prove-setup');

$dusk->open('/aircraft/4/kit')->find('[data-point]');
$shot($dusk, 'kit');

$dusk->open('/aircraft/4/sense')->find('[data-sensor]');
$dusk->named('Discover', 'button')->click();
$dusk->find('[data-found]');
$shot($dusk, 'sense-chain');

$dusk->open('/aircraft/4/sense/rehearsal')->named('Fly it', 'button')->click();
$dusk->find('[data-clock]');
$dusk->find("[data-said='limit'] button")->click();
$shot($dusk, 'sense-rehearsal');

$dusk->open('/aircraft/5/wire?at=function:roll')->find('[data-dot]');
$dusk->fill('#fn-expo', '45')->saved(2)->fill('#fn-deadband', '2')->saved(3)->find("[data-revision='3']")->click();
$dusk->find("[data-history='1']");
$shot($dusk, 'history');

$day = $page('day');
$day->openAircraft('Rook')->stick('left', 0.1, 0.4);
$day->find("[data-control='flick-a'] [data-detent='away']")->click();
$day->find("[data-control='flick-b'] [data-detent='middle']")->click();
$shot($day, 'wire-day');

$day->open('/stores')->find('main h2');
$shot($day, 'stores');

$phone = $page('day', 390, 844)->open('/aircraft/3/fly');
$phone->find('[role=checkbox]');
$shot($phone, 'fly-phone');
