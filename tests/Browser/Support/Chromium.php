<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\Remote\RemoteWebDriver;
use Facebook\WebDriver\WebDriverDimension;
use Symfony\Component\Process\Process;

/** A headless Chromium of its own, with its driver. */
final class Chromium
{
    private function __construct(
        public readonly RemoteWebDriver $driver,
        private readonly Process $process,
        private readonly string $profile,
    ) {
    }

    public static function start(int $width = 1280, int $height = 800): self
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
        $this->driver->executeCustomCommand('/session/:sessionId/goog/cdp/execute', 'POST', [
            'cmd' => 'Emulation.setDeviceMetricsOverride',
            'params' => ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => $width < 500],
        ]);
    }

    public function stop(): void
    {
        try {
            $this->driver->quit();
        } finally {
            $this->process->stop(2);
            (new Process(['rm', '-rf', $this->profile]))->run();
        }
    }
}
