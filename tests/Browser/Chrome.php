<?php

namespace DuskSwitch\Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Symfony\Component\Process\Process;

/** Headless Chromium behind its driver. */
final class Chrome
{
    private readonly Process $driver;

    private readonly int $port;

    /** @var list<RemoteWebDriver> */
    private array $open = [];

    public function __construct()
    {
        $this->port = Ports::free();
        $this->driver = new Process(['setsid', 'chromedriver', "--port={$this->port}"], timeout: null);
        // A session of its own, so that no browser outlives it.
        $this->driver->start();
        Ports::await($this->port, $this->driver);
    }

    /** A browser with an empty profile. */
    public function browser(int $width = 1280, int $height = 800, string $downloads = ''): RemoteWebDriver
    {
        $options = new ChromeOptions;
        $options->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-device-scale-factor=1', "--window-size={$width},{$height}",
        ]);
        if ($downloads !== '') {
            $options->setExperimentalOption('prefs', ['download.default_directory' => $downloads]);
        }
        $wanted = DesiredCapabilities::chrome();
        $wanted->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = RemoteWebDriver::create("http://127.0.0.1:{$this->port}", $wanted, 30_000, 60_000);
        // Headless windows keep no frame: a phone is narrower than the least window.
        $browser->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 768],
        ]);

        return $this->open[] = $browser;
    }

    /** Closes every browser that is open. */
    public function close(): void
    {
        foreach ($this->open as $browser) {
            try {
                $browser->quit();
            } catch (\Throwable) {
                // It may be gone already.
            }
        }
        $this->open = [];
    }

    public function __destruct()
    {
        $this->close();
        $pid = $this->driver->getPid();
        if ($pid !== null) {
            posix_kill(-$pid, SIGTERM);
        }
        $this->driver->stop(2);
        if ($pid !== null) {
            posix_kill(-$pid, SIGKILL);
        }
    }
}
