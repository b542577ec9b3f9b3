<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** Headless Chromium behind its driver. */
final class Chrome
{
    /** The browser itself: of the script in /usr/bin that starts it the driver would end the script alone. */
    private const SHELL = '/usr/lib/chromium/chromium-headless-shell';

    /** Browsers that wait for the next test: most need one, some two. */
    private const KEPT = 2;

    private readonly Process $driver;

    private readonly int $port;

    private ?int $pid = null;

    /** @var list<array{RemoteWebDriver, bool}> with whether others may have it afterwards */
    private array $open = [];

    /** @var list<RemoteWebDriver> as good as new */
    private array $idle = [];

    public function __construct()
    {
        $this->port = Ports::free();
        $this->driver = new Process(['setsid', 'chromedriver', "--port={$this->port}"], timeout: null);
        // A session of its own, so that no browser outlives it.
        $this->driver->start();
        $this->pid = $this->driver->getPid();
        // What is static is taken apart late: by then no browser can be told anything.
        register_shutdown_function($this->end(...));
        Ports::await($this->port, $this->driver);
    }

    /**
     * A browser with an empty profile: one that was used before and is clean again, where there is one.
     *
     * @param  bool  $own  true where it is to be given to nobody else, as what is done to it can't be undone
     */
    public function browser(
        int $width = 1280,
        int $height = 800,
        string $downloads = '',
        bool $own = false,
    ): RemoteWebDriver {
        $own = $own || $downloads !== '';
        $browser = ($own ? null : array_pop($this->idle)) ?? $this->start($downloads);
        // Headless windows keep no frame: a phone is narrower than the least window.
        self::tell($browser, 'Emulation.setDeviceMetricsOverride', [
            'width' => $width,
            'height' => $height,
            'deviceScaleFactor' => 1,
            'mobile' => $width < 768,
        ]);
        $this->open[] = [$browser, ! $own];

        return $browser;
    }

    private function start(string $downloads): RemoteWebDriver
    {
        $options = new ChromeOptions();
        // Without a window, tabs and menus of its own it takes a quarter less; the whole browser does, too.
        is_file(self::SHELL) && $options->setBinary(self::SHELL);
        $options->addArguments([
            '--headless',
            '--no-sandbox',
            '--disable-gpu',
            '--disable-quic',
            '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update',
            '--disable-sync',
            '--hide-scrollbars',
            '--force-device-scale-factor=1',
            '--window-size=1280,800',
        ]);
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);

        $browser = RemoteWebDriver::create("http://127.0.0.1:{$this->port}", $wanted, 30_000, 60_000);
        if ($downloads !== '') {
            self::tell($browser, 'Browser.setDownloadBehavior', ['behavior' => 'allow', 'downloadPath' => $downloads]);
        }

        return $browser;
    }

    /** @param  array<string, mixed>  $params */
    public static function tell(RemoteWebDriver $browser, string $what, array $params): void
    {
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $what,
            'params' => (object) $params,
        ]);
    }

    /** Cleans every browser that is open for the next test, or closes it. */
    public function close(string $origin = ''): void
    {
        foreach ($this->open as [$browser, $again]) {
            try {
                if ($again && $origin !== '' && count($this->idle) < self::KEPT) {
                    $this->clean($browser, $origin);

                    continue;
                }
            } catch (\Throwable) {
                // A browser that can't be cleaned is closed.
            }
            self::quit($browser);
        }
        $this->open = [];
    }

    private static function quit(RemoteWebDriver $browser): void
    {
        try {
            $browser->quit();
        } catch (\Throwable) {
            // It may be gone already.
        }
    }

    /** A new tab in place of all others, and nothing kept of the app. */
    private function clean(RemoteWebDriver $browser, string $origin): void
    {
        $old = $browser->getWindowHandles();
        $browser->switchTo()->newWindow('tab');
        $new = $browser->getWindowHandle();
        foreach ($old as $window) {
            $browser->switchTo()->window($window)->close();
        }
        $browser->switchTo()->window($new);
        self::tell($browser, 'Storage.clearDataForOrigin', ['origin' => $origin, 'storageTypes' => 'all']);
        $this->idle[] = $browser;
    }

    /** Ends the driver with all its browsers: none outlives the tests. */
    public function end(): void
    {
        if ($this->pid === null) {
            return;
        }
        [$pid, $this->pid] = [$this->pid, null];
        $this->close();
        array_map(self::quit(...), $this->idle);
        posix_kill(-$pid, SIGKILL);
        $this->driver->stop(0);
    }

    public function __destruct()
    {
        $this->end();
    }
}
