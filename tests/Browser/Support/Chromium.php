<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use Symfony\Component\Process\Process;

/** A headless Chromium with its driver. One serves all tests of a process; each begins as on a new machine. */
final class Chromium
{
    private static ?self $kept = null;

    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly Process $process,
        private readonly string $profile,
    ) {
    }

    /** The browser of this process, with nothing left of whoever had it before. */
    public static function fresh(int $width = 1280, int $height = 800): self
    {
        if (self::$kept === null) {
            self::$kept = self::start($width, $height);
            register_shutdown_function(static fn () => self::$kept?->stop());

            return self::$kept;
        }
        self::$kept->forgetEverything();
        self::$kept->resize($width, $height);

        return self::$kept;
    }

    private static function start(int $width, int $height): self
    {
        $port = FreePort::find();
        $process = new Process(
            ['chromedriver', "--port={$port}"], null, ['LANGUAGE' => 'en_US', 'LANG' => 'en_US.UTF-8'],
        );
        $process->setTimeout(null)->start();
        FreePort::waitFor($port);
        $profile = sys_get_temp_dir().'/regimen-chromium-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)->addArguments([
            '--headless', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
            '--disable-background-networking',
            '--disable-component-update', '--disable-sync', '--hide-scrollbars', '--force-color-profile=srgb',
            '--lang=en-US',
            "--user-data-dir={$profile}", "--window-size={$width},{$height}",
        ]);
        $capabilities = DesiredCapabilities::chrome()->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = new self(
            RemoteWebDriver::create("http://127.0.0.1:{$port}", $capabilities, 60_000, 60_000),
            $process,
            $profile,
        );
        $browser->resize($width, $height);

        return $browser;
    }

    /** Sets the size of the page itself, also below the narrowest window. */
    public function resize(int $width, int $height): void
    {
        $this->driver->manage()->window()->setSize(new WebDriverDimension(max(500, $width), $height));
        $this->tell('Emulation.setDeviceMetricsOverride', [
            'width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500,
        ]);
    }

    /** A tab behind another is slowed down; this one is in front. */
    public function toTab(string $handle): void
    {
        $this->driver->switchTo()->window($handle);
        $this->tell('Page.bringToFront');
    }

    private function stop(): void
    {
        try {
            $this->driver->quit();
        } finally {
            $this->process->stop(2);
            (new Process(['rm', '-rf', $this->profile]))->run();
        }
    }

    /** One empty page; no cookie, no stored choice, no line in the console. */
    private function forgetEverything(): void
    {
        $handles = $this->driver->getWindowHandles();
        $fresh = $this->driver->switchTo()->newWindow()->getWindowHandle();
        foreach ($handles as $handle) {
            $this->driver->switchTo()->window($handle);
            $this->driver->close();
        }
        $this->driver->switchTo()->window($fresh);
        $this->tell('Network.clearBrowserCookies');
        $this->tell('Network.clearBrowserCache');
        $this->tell('Storage.clearDataForOrigin', ['origin' => '*', 'storageTypes' => 'all']);
        $this->driver->manage()->getLog('browser');
    }

    /** @param  array<string, int|bool|string>  $params */
    private function tell(string $command, array $params = []): void
    {
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => $command, 'params' => (object) $params,
        ]);
    }
}
